"""Splices: a piece cut in two along a straight line of a person's choosing, to be joined again by a lap.

Where a piece is too large for the sheet and no fold is a good place to part it, it is cut right across its
flat.  Of thin card one half keeps a strip beyond the line, copied from the other half with its scores, which
is glued beneath that one: the two lie edge to edge on the face, and the strip is inside.  Of stock thicker
than ``LAP_MOST_MM`` a lap would show, so both halves end at the line, and strips of their own are glued
behind it, one between every two folds.  Tabs and lips that the line crosses bear no strip: they are covered.
"""

from __future__ import annotations

import math
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import replace
from itertools import pairwise
from typing import NamedTuple

from mingei.core.covering.art import Printed
from mingei.core.data.extra import Extra
from mingei.core.errors import MeasureError
from mingei.core.flat.pattern import FlatSeam, Pattern
from mingei.core.keeping import kept_with
from mingei.core.layout.parted import SLANT_DEG, Cut, Half, level_turn, tabs_lie
from mingei.core.plane.shape import Box, Point, moved_path, path_bounds
from mingei.core.words import say

#: How deep the lap is, and the thickest stock that is lapped, mm (from experience, no published source).
LAP_MM, LAP_MOST_MM = 12.0, 0.6
#: The share of the blank at either side in which no line can lie, and the most lines across one thing.
LEAST_SHARE, MOST_SPLICES = 0.02, 12
#: A fold that leans no more than so many degrees from a line runs along it; nearer than so many mm it springs
#: the join open (from experience, no published source).
_ALONG_DEG, _NEAR_FOLD_MM = 10.0, 4.0
#: Rounding, mm.
_SAME = 1e-6


#: So far a line is moved off its even place where a fold runs beside it, mm.
_MOVED_MM = (0.0, -5.0, 5.0, -10.0, 10.0, -15.0, 15.0, -20.0, 20.0, -30.0, 30.0)


class Splice(NamedTuple):
    """A line across a piece.

    piece: its name; turn_deg: of the line, degrees counter-clockwise, 0 level and 90 upright; share: how far
    it lies from the left of the flat, or from below where it is more level than upright, 0..1 of the whole,
    so that it stays in its place when a measure changes.
    """

    piece: str
    turn_deg: float = 90.0
    share: float = 0.5
    extra: Extra = ()


def check_splice(splice: Splice) -> None:
    """Raises MeasureError naming the value at fault."""
    place = say("join across the {piece}", piece=splice.piece)
    if not -90.0 < splice.turn_deg <= 90.0:
        raise MeasureError(say("it cannot be turned by {degrees:g} degrees", degrees=splice.turn_deg), place,
                           "write -89 to 90: 0 for a level line, 90 for an upright one")
    if not (math.isfinite(splice.share) and LEAST_SHARE <= splice.share <= 1.0 - LEAST_SHARE):
        raise MeasureError("the line lies beside the piece", place, "move it in from the edge")


@kept_with
def _round(pattern: Pattern, turn_deg: float) -> Box:
    """The rectangle round a flat once lines so turned lie level, mm: what a share counts across."""
    return path_bounds([moved_path(cut, level_turn(turn_deg)) for cut in pattern.cuts])


def away(pattern: Pattern, splice: Splice) -> float:
    """How far a line lies from the side its share is counted from, mm."""
    return splice.share * _round(pattern, splice.turn_deg).height


def at_distance(pattern: Pattern, splice: Splice, mm: float) -> Splice:
    """The line so far from that side."""
    return splice._replace(share=mm / _round(pattern, splice.turn_deg).height)


def at_point(pattern: Pattern, splice: Splice, point: Point) -> Splice:
    """The line through a point of the flat."""
    box = _round(pattern, splice.turn_deg)
    share = (level_turn(splice.turn_deg).apply(point)[1] - box.bottom) / box.height
    return splice._replace(share=min(1.0 - LEAST_SHARE, max(LEAST_SHARE, share)))


def from_left(splice: Splice) -> bool:
    """Whether its distance counts from the left, else from below."""
    return abs(splice.turn_deg) >= SLANT_DEG


def line_of(pattern: Pattern, splice: Splice) -> tuple[Point, Point]:
    """The line across the flat from one side of the card to the other, mm; it may run through gaps
    between."""
    box, back = _round(pattern, splice.turn_deg), level_turn(splice.turn_deg).inverse()
    y = box.bottom + splice.share * box.height
    return back.apply((box.left, y)), back.apply((box.right, y))


def beside_a_fold(pattern: Pattern, splice: Splice) -> bool:
    """Whether a fold or a hinge runs along the line, close to it."""
    (ax, ay), (bx, by) = line_of(pattern, splice)
    length = math.dist((ax, ay), (bx, by))
    ux, uy = (bx - ax) / length, (by - ay) / length
    bends = [(f.start, f.end) for f in pattern.folds if not f.bend]
    bends += [(p.frame.apply(a), p.frame.apply(b)) for p in pattern.panels for a, b in p.hinges]
    for start, end in bends:
        along = (end[0] - start[0]) * ux + (end[1] - start[1]) * uy
        aside = [(q[1] - ay) * ux - (q[0] - ax) * uy for q in (start, end)]
        if (abs(along) > math.cos(math.radians(_ALONG_DEG)) * math.dist(start, end)
            and min(map(abs, aside)) < _NEAR_FOLD_MM):
            return True
    return False


def lines_that_fit(pattern: Pattern, rooms: Sequence[tuple[float, float]],
                   lap_mm: float = LAP_MM) -> tuple[Splice, ...]:
    """Level and upright lines that cut a piece into as few parts as can be, so that every part, with its
    strip, goes into one of the rooms, width by height; none where too many would be needed.  They keep away
    from folds that run along them.
    """
    box = pattern.box
    for columns, rows in sorted(((c, r) for c in range(6) for r in range(6)),
                                key=lambda cr: ((cr[0] + 1) * (cr[1] + 1), cr)):
        nearly = [size / (many + 1) + (lap_mm if many else 0.0)
                  for many, size in ((columns, box.width), (rows, box.height))]
        if not any(nearly[0] <= w + _SAME and nearly[1] <= h + _SAME for w, h in rooms):
            continue
        lines = [line for many, turn, size in ((columns, 90.0, box.width), (rows, 0.0, box.height))
                 for line in _even(pattern, many, turn, size)]
        wide, high = (max((b - a) * size + (lap_mm if b < 1.0 else 0.0)
                          for a, b in pairwise([0.0, *(s.share for s in lines
                      if s.turn_deg == turn), 1.0])) for turn, size in ((90.0, box.width), (0.0, box.height)))
        if (lines and len(lines) <= MOST_SPLICES
            and any(wide <= w + _SAME and high <= h + _SAME for w, h in rooms)):
            return tuple(lines)
    return ()


def _even(pattern: Pattern, many: int, turn_deg: float, size: float) -> Iterator[Splice]:
    """So many lines that part it evenly, each moved a little where a fold runs along it."""
    for number in range(1, many + 1):
        middle = Splice(pattern.name, turn_deg, number / (many + 1))
        near = [middle._replace(share=middle.share + mm / size) for mm in _MOVED_MM]
        yield next((s for s in near if LEAST_SHARE < s.share < 1.0 - LEAST_SHARE
                    and not beside_a_fold(pattern, s)), middle)


def halves_of(patterns: Sequence[Pattern], splices: Sequence[Splice],
              lap_mm: float = LAP_MM) -> Mapping[Pattern, tuple[Half, ...]]:
    """What every piece comes apart into, itself where no line crosses it.  lap_mm: how deep the laps are.

    Joins are numbered on from the seams of the thing, the same number on all that meets along a line.
    """
    if not splices:
        return {p: (Half(p),) for p in patterns}
    numbered = list(enumerate(splices, first_number(patterns)))
    seams = tuple(seam for p in patterns for seam in p.seams)
    return {p: _parted(p, tuple((key, s) for key, s in numbered if s.piece == p.name), lap_mm, seams)
            for p in patterns}


def first_number(patterns: Sequence[Pattern]) -> int:
    """The number of the first line across a thing: the next after those of its seams."""
    return 1 + max((edge.key for p in patterns for edge in p.keys), default=0)


@kept_with
def _parted(pattern: Pattern, splices: tuple[tuple[int, Splice], ...], lap_mm: float,
            seams: tuple[FlatSeam, ...]) -> tuple[Half, ...]:
    whole, taken = [Half(pattern)], tabs_lie(pattern, seams)
    strips: list[Half] = []
    for key, splice in splices:
        box = _round(pattern, splice.turn_deg)
        cut = Cut(key, splice.turn_deg, box.bottom + splice.share * box.height, lap_mm,
                  pattern.stock.caliper_mm <= LAP_MOST_MM, taken)
        parts = [part for half in whole for part in cut.parts(half)]
        whole = [p for p in parts if p.pattern.root]
        strips += [p for p in parts if not p.pattern.root]
    if len(whole) == 1:
        return (Half(pattern),)
    named = [
        half._replace(pattern=replace(half.pattern,
                                      name=say("{piece} {letter}", piece=pattern.name, letter=_letter(i))))
             for i, half in enumerate(whole)]
    return (*named,
            *(strip._replace(pattern=replace(strip.pattern,
                                             name=say("{piece} strip {number}", piece=pattern.name,
                                                      number=i)))
              for i, strip in enumerate(strips, 1)))


def _letter(number: int) -> str:
    return chr(ord("a") + number) if number < 26 else _letter(number // 26 - 1) + _letter(number % 26)


def printed_within(printed: Sequence[Printed], half: Half) -> tuple[Printed, ...]:
    """The artwork of a piece as far as it lies on a part of it."""
    if half.within is None:
        return tuple(printed)
    room = half.within()
    return tuple(on_it for on_it in (each.cut_off(room) for each in printed) if on_it.within)
