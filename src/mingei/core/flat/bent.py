"""Tongues that are bent over once they are through: what lies beyond the bend is a panel of its own, which
the fold that bends it turns out of the way of its panel, square to it."""

from __future__ import annotations

import math
from collections.abc import Iterable, Sequence
from dataclasses import replace

from mingei.core.draft import Role
from mingei.core.flat.pattern import FlatFold, FlatPanel
from mingei.core.plane.shape import Line, Path, Point, Segment
from mingei.core.words import say

#: How far a tongue is bent over, degrees.
_OVER_DEG = 90.0
#: A side of a tongue passes through the end of a bend within this, mm.
_ON_MM = 1e-6


def bent_over(panel: FlatPanel, bends: Sequence[Path], folds: int, step: int,
              gain: float) -> tuple[list[FlatPanel], list[FlatFold]]:
    """A panel without what of its tongues is bent over, and after it those ends, with their folds.

    bends: the lines they are bent along, in the panel's coordinates; folds: how many there are before them in
    the piece; step: of the folding, in which they are bent; gain: mm taken up by each crease.
    """
    path, labels = list(panel.path), list(panel.folds)
    ends: list[FlatPanel] = []
    made: list[FlatFold] = []
    for (bend,) in bends:
        found = next((i for i in range(len(path)) if _across(path, i, bend.start, bend.end)), None)
        if found is None:
            continue
        before, tip, after = (path[(found + k) % len(path)] for k in (-1, 0, 1))
        a, b = sorted((bend.start, bend.end), key=lambda p: math.dist(p, before.end))
        number = folds + len(made)
        name = say("{panel} tongue {number}", panel=panel.name, number=len(made) + 1)
        ends.append(replace(panel, name=name, role=Role.FLAP, guides=(), holes=(), gaps=(), grooves=(),
                            lies=(), hinges=(), bevels=(), face=(), tint=None, said="", wrap=None, whole="",
                            path=(Line(b, a), Line(a, before.end), tip, Line(after.start, b)),
                            folds=(number, None, None, None)))
        made.append(FlatFold(panel.name, name, panel.frame.apply(a), panel.frame.apply(b), _OVER_DEG, gain,
                             step))
        labels[found] = number
        path[found - 1] = Line(before.start, a)
        path[found] = Line(a, b)
        path[(found + 1) % len(path)] = Line(b, after.end)
    return [replace(panel, path=tuple(path), folds=tuple(labels)), *ends], made


def _across(path: Sequence[Segment], number: int, one: Point, other: Point) -> bool:
    """Whether a segment is the free end of a tongue, whose two sides a bend goes across."""
    before, after = path[number - 1], path[(number + 1) % len(path)]
    return (isinstance(path[number], Line) and isinstance(before, Line) and isinstance(after, Line)
            and _within(before, (one, other)) and _within(after, (one, other)))


def _within(side: Line, points: Iterable[Point]) -> bool:
    """Whether one of the points lies within a side, not at its ends."""
    (ax, ay), (bx, by) = side.start, side.end
    long = math.dist(side.start, side.end)
    for x, y in points:
        along = ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / long
        off = abs((x - ax) * (by - ay) - (y - ay) * (bx - ax)) / long
        if off < _ON_MM and _ON_MM < along < long - _ON_MM:
            return True
    return False
