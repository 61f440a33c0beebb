"""Spines: what a fold turned right over really is, half a circle of card round what it encloses.

On the flat such a fold is one line, and on either side of it the card runs on by half of that half circle.
Here the two panels are cut back to where the circle begins, and what lies between is two narrow faces, each
as long as a quarter of the circle and leaning so that they end where the circle does.  So every face keeps
its shape from the flat to the folded form.
"""

from __future__ import annotations

import math
from collections.abc import Sequence
from functools import lru_cache
from typing import NamedTuple, TypeAlias

import numpy as np

from mingei.core.flat.pattern import FlatFold, FlatPanel, Pattern
from mingei.core.folded.fold import Matrix, finished
from mingei.core.offset import FLAT_DEG
from mingei.core.plane.shape import Point, Polygon, flatten
from mingei.core.tolerance import TOLERANCE

#: The sides of a loop: where each begins, and its fold, None for a cut.
Loop: TypeAlias = list[tuple[Point, int | None]]


class Spine(NamedTuple):
    """Half of a fold turned right over, beside one of its panels.

    fold: its number; panel: beside which; strip: in the panel's coordinates, counter-clockwise, beginning
    with the line; hinge_at: the side of it that is its hinge; lean_deg: how far it turns from the panel at
    that hinge; reach: of the half circle past the hinge, mid-surface, mm.
    """

    fold: int
    panel: str
    strip: Polygon
    hinge_at: int
    lean_deg: float
    reach: float

    @property
    def hinge(self) -> tuple[Point, Point]:
        return self.strip[self.hinge_at + 1], self.strip[self.hinge_at]

    def matrix(self, panel: Matrix) -> Matrix:
        """From the panel's coordinates to the whole, for the strip, given the panel's own matrix."""
        (px, py), (qx, qy) = self.hinge
        length = math.dist(*self.hinge)
        ux, uy = (qx - px) / length, (qy - py) / length
        angle = math.radians(self.lean_deg)
        cos, sin, one = math.cos(angle), math.sin(angle), 1.0 - math.cos(angle)
        turn = np.array(((cos + ux * ux * one, ux * uy * one, uy * sin),
                         (ux * uy * one, cos + uy * uy * one, -ux * sin),
                         (-uy * sin, ux * sin, cos)))
        at = np.array((px, py, 0.0))
        moved = np.eye(4)
        moved[:3, :3], moved[:3, 3] = turn, at - turn @ at
        found: Matrix = panel @ moved
        return found


def turned_right_over(fold: FlatFold) -> bool:
    """Whether card stands in half a circle along a fold."""
    return (abs(fold.angle_deg) == FLAT_DEG and fold.gain > TOLERANCE.same_point and fold.apart_mm
            > TOLERANCE.same_point)


@lru_cache(maxsize=32)
def cut_back(pattern: Pattern) -> tuple[dict[str, Loop], tuple[Spine, ...]]:
    """The outline of every panel as it is folded, side by side, and the spines between them."""
    loops = {p.name: _loop(p) for p in pattern.panels}
    spines: list[Spine] = []
    for number, fold in enumerate(pattern.folds):
        if not turned_right_over(fold):
            continue
        deep = fold.gain / 2
        lean = math.degrees(math.asin(min(1.0, fold.apart_mm / (2 * deep))))
        for name in (fold.parent, fold.child):
            kept, strip = _shortened(loops[name], number, deep)
            if strip is not None:
                loops[name] = kept
                spines.append(Spine(number, name, *strip, math.copysign(lean, fold.angle_deg),
                                    fold.apart_mm / 2))
    return loops, tuple(spines)


def _loop(panel: FlatPanel) -> Loop:
    found: Loop = []
    at = panel.path[0].start
    for segment, label in zip(panel.path, panel.folds, strict=True):
        for following in flatten(segment):
            found.append((at, label))
            at = following
    return found


def _shortened(loop: Loop, number: int, deep: float) -> tuple[Loop, tuple[Polygon, int] | None]:
    """A loop cut back by so much behind the side of a fold, and the strip cut off with the place of its
    hinge's end in it; None where there is no room for that."""
    at = next((i for i, (_, label) in enumerate(loop) if label == number), None)
    if at is None:
        return loop, None
    ring = [*loop[at + 1:], *loop[:at]]  # from the fold's end round to its start, which is left out
    p, q = loop[at][0], ring[0][0]
    length = math.dist(p, q)
    inward = -(q[1] - p[1]) / length, (q[0] - p[0]) / length
    points = [corner for corner, _ in ring]
    after = _crossing(q, [*points[1:], p], inward, deep)
    before = _crossing(p, [*points[::-1]], inward, deep)
    if after is None or before is None or after.passed + before.passed >= len(ring) - 1:
        return loop, None
    along = (after.at[0] - before.at[0]) * (q[0] - p[0]) + (after.at[1] - before.at[1]) * (q[1] - p[1])
    if along <= TOLERANCE.same_point:
        return loop, None
    passed, passed_before = (points[1:1 + after.passed],
                             points[len(points) - before.passed:] if before.passed else [])
    strip = (p, q, *passed, after.at, before.at, *passed_before)
    kept: Loop = [(before.at, number)]
    # a side that runs on in line with the fold stays as it is, and the panel goes back square below its
    # corner
    kept += ([(after.at, None), *ring] if after.square
             else [(after.at, ring[after.passed][1]), *ring[1 + after.passed:]])
    if before.square:
        kept.append((p, None))
    else:
        kept = kept[:len(kept) - before.passed]
    return kept, (strip, 2 + after.passed)


class _Crossing(NamedTuple):
    """Where an outline, followed from a fold's end, comes so deep: the point, how many corners lie before it,
    and whether it is none of the outline's points but square below the corner, since the outline runs on in
    line with the fold."""

    at: Point
    passed: int
    square: bool


def _crossing(corner: Point, beyond: Sequence[Point], inward: Point, deep: float) -> _Crossing | None:
    here, level = corner, 0.0
    for passed, point in enumerate(beyond):
        rise = (point[0] - corner[0]) * inward[0] + (point[1] - corner[1]) * inward[1]
        if passed == 0 and rise < 1e-3 * math.dist(corner, point):
            return _Crossing((corner[0] + inward[0] * deep, corner[1] + inward[1] * deep), 0, True)
        if rise > deep:
            share = (deep - level) / (rise - level)
            return _Crossing((here[0] + (point[0] - here[0]) * share, here[1] + (point[1] - here[1]) * share),
                             passed, False)
        here, level = point, rise
    return None


def reached(pattern: Pattern) -> Matrix:
    """The outermost points of the half circles a piece is folded in, (n, 3), mm, with the card's
    thickness."""
    _, spines = cut_back(pattern)
    posed = finished(pattern)
    half = pattern.stock.caliper_mm / 2
    found = []
    for spine in spines:
        m = posed[spine.panel]
        (px, py), (qx, qy) = spine.hinge
        length = math.dist(*spine.hinge)
        outward = m[:3, :2] @ np.array(((qy - py) / length, (px - qx) / length))
        ends = np.array(spine.hinge) @ m[:3, :2].T + m[:3, 3]
        found.append(ends + outward * (spine.reach + half))
    return np.concatenate(found) if found else np.zeros((0, 3))
