"""The cutting plan by hand: the trimmer first, straight through what is in hand; then the knife, what lies
inside before what lies round it; then scissors for free curves.

A trimmer's cut runs from edge to edge of what is in hand, so it may cross neither the rectangle round a piece
nor the offcut that is kept. It is laid along straight sides of outlines where it can be, and those need no
other cut.
"""

from __future__ import annotations

import math
from collections.abc import Sequence
from typing import NamedTuple

from mingei.core.flat.blank import Kind
from mingei.core.length import write_both
from mingei.core.plane.shape import Arc, Box, Line, Path, Point, flat_points, path_bounds, path_length
from mingei.core.stock import Stock
from mingei.core.words import Words, say
from mingei.core.work.lines import Cut
from mingei.core.work.tools import (
    HOLE_MIN,
    SMALL_MM,
    TRIM_MIN,
    Tool,
    blade_passes,
    hole_tool,
    knife_minutes,
    scissors_minutes,
    small_knife_minutes,
    takes_scissors,
)

#: Sides nearer a line than this (mm) lie on it; made along one cut that is shorter than this a side counts
#: for nothing.
_ON_MM, _WORTH_MM = 0.02, 15.0


class Distance(NamedTuple):
    """How far something lies from an edge that is there at that moment, mm."""

    edge: str
    at_mm: float


class HandCut(NamedTuple):
    """One cut by hand.

    path: on the sheet, mm; tool; passes: how often the blade goes over it; why: what is cut, and why now;
    made: of a trimmer's cut, how much outline lies along it, mm; minutes: about, of all layers; number: in
    the order of work; hand: of a trimmer's cut, the part of the sheet that is in hand by then, mm; holds: the
    pieces on that part, in words, "" while it is the whole sheet; layers: it is made in so many sheets, which
    are glued to one board later.
    """

    path: Path
    tool: Tool
    passes: int
    why: Words
    made: float = 0.0
    minutes: float = 0.0
    number: int = 0
    hand: Box | None = None
    holds: Words | str = ""
    layers: int = 1

    @property
    def distance(self) -> Distance | None:
        """Where a trimmer's cut lies, from an edge of what is in hand."""
        if self.hand is None:
            return None
        (ax, ay), (bx, _) = self.path[0].start, self.path[0].end
        if abs(ax - bx) < 1e-6:
            return Distance("left", ax - self.hand.left)
        return Distance("lower", ay - self.hand.bottom)

    @property
    def length(self) -> float:
        return path_length(self.path)

    @property
    def points(self) -> list[Point]:
        return flat_points(self.path)


def by_hand(sheet: Box, pieces: Sequence[Sequence[Cut]], names: Sequence[str], stock: Stock,
            keep: Box | None = None, trimmer: bool = True) -> tuple[HandCut, ...]:
    """All cuts of a sheet in their order.

    pieces: of each piece its cuts; names: what each is called; keep: the offcut that must stay whole;
    trimmer: whether there is one.
    """
    made: set[tuple[int, int, int]] = set()  # piece, cut, segment that the trimmer made
    found: list[HandCut] = []
    if trimmer:
        boxes = [path_bounds([c.path for c in cuts if c.kind is not Kind.GUIDE]) for cuts in pieces]
        _trim(sheet, list(range(len(pieces))), boxes, pieces, names, keep, made, found)
    order = _nearest([(path_bounds([c.path for c in cuts]), i) for i, cuts in enumerate(pieces) if cuts])
    for kinds in ((Kind.SLIT, Kind.OPENING), (Kind.OUTLINE,)):
        for number in order:
            for place, cut in enumerate(pieces[number]):
                if cut.kind in kinds:
                    found += _knife(cut, names[number], stock, {s for p, c, s in made if (p, c) ==
                                                                  (number, place)})
    return tuple(c._replace(number=n, layers=stock.layers, minutes=c.minutes * stock.layers)
                 for n, c in enumerate(found, 1))


def _trim(rect: Box, here: list[int], boxes: Sequence[Box], pieces: Sequence[Sequence[Cut]],
          names: Sequence[str], keep: Box | None, made: set[tuple[int, int, int]],
          found: list[HandCut]) -> None:
    """Cut what is in hand through, again and again, as long as a cut makes outline or parts two pieces."""
    if not here:
        return
    best: tuple[float, bool, float, list[tuple[int, int, int]]] | None = None
    for upright in (True, False):
        low, high = (rect.left, rect.right) if upright else (rect.bottom, rect.top)
        spans = [(boxes[i].left, boxes[i].right) if upright else (boxes[i].bottom, boxes[i].top)
                 for i in here]
        kept = [] if keep is None else [(keep.left, keep.right) if upright else (keep.bottom, keep.top)]
        for at in sorted({v for span in (*spans, *kept) for v in span}):
            if (not low + 0.5 < at < high - 0.5
                or any(a + _ON_MM < at < b - _ON_MM for a, b in (*spans, *kept))):
                continue
            along = _along(upright, at, here, pieces, made)
            length = sum(n for n, _ in along)
            parts = (any(b <= at + _ON_MM for _, b in spans) and any(a >= at - _ON_MM for a, _ in spans))
            frees = bool(kept) and any(abs(at - v) < _ON_MM for v in kept[0])
            if length < _WORTH_MM and not parts and not frees:
                continue
            worth = length + 1e4 * frees + (30.0 if parts else 0.0)
            if best is None or worth > best[0] + 1e-6:
                best = worth, upright, at, [key for _, key in along]
    if best is None:
        return
    _, upright, at, keys = best
    made.update(keys)
    line = (Line((at, rect.bottom), (at, rect.top)) if upright else Line((rect.left, at), (rect.right, at)))
    outline = sum(_segment(pieces, key).length for key in keys)
    why = (say("straight through: {length:.0f} mm of outline lie along it", length=outline) if outline
           else say("straight through: it parts the pieces"))
    whole = not any(c.hand is not None for c in found)
    found.append(HandCut((line,), Tool.TRIMMER, 1, why, outline, TRIM_MIN, hand=rect,
                         holds="" if whole else _several([names[i] for i in here])))
    near, far = ((rect._replace(right=at), rect._replace(left=at)) if upright
                 else (rect._replace(top=at), rect._replace(bottom=at)))
    for part in (near, far):
        inside = [i for i in here if _within(boxes[i], part)]
        _trim(part, inside, boxes, pieces, names, keep if keep is not None and _within(keep, part) else None,
              made, found)


def _several(names: Sequence[str]) -> Words:
    """Names of pieces, each once, the first two of many."""
    some = list(dict.fromkeys(names))
    if len(some) == 1:
        return say("the {piece}", piece=some[0])
    if len(some) == 2:
        return say("the {piece} and the {other}", piece=some[0], other=some[1])
    return say("the {piece}, the {other} and {count} more", piece=some[0], other=some[1], count=len(some) - 2)


def _within(box: Box, rect: Box) -> bool:
    return (box.left >= rect.left - _ON_MM and box.right <= rect.right + _ON_MM
            and box.bottom >= rect.bottom - _ON_MM and box.top <= rect.top + _ON_MM)


def _along(upright: bool, at: float, here: Sequence[int], pieces: Sequence[Sequence[Cut]],
           made: set[tuple[int, int, int]]) -> list[tuple[float, tuple[int, int, int]]]:
    """The straight sides of outlines that lie on a line and are not cut yet, with their lengths."""
    axis = 0 if upright else 1
    return [(segment.length, (i, c, s)) for i in here for c, cut in enumerate(pieces[i])
            if cut.kind is Kind.OUTLINE for s, segment in enumerate(cut.path)
            if isinstance(segment, Line) and (i, c, s) not in made
            and abs(segment.start[axis] - at) < _ON_MM and abs(segment.end[axis] - at) < _ON_MM]


def _segment(pieces: Sequence[Sequence[Cut]], key: tuple[int, int, int]) -> Line:
    piece, cut, number = key
    found = pieces[piece][cut].path[number]
    assert isinstance(found, Line)
    return found


def _knife(cut: Cut, name: str, stock: Stock, made: set[int]) -> list[HandCut]:
    """What is left of a cut once the trimmer has been, in runs for one tool."""
    hole = hole_tool(cut.path) if cut.kind is Kind.OPENING else None
    if hole is not None:
        return [HandCut(cut.path, hole, 1, say("a hole of {mm} in the {name}", mm=write_both(
            2 * cut.path[0].radius if isinstance(cut.path[0], Arc) else 0.0), name=name), minutes=HOLE_MIN)]
    runs: list[tuple[Tool, list[Line | Arc]]] = []
    for number, segment in enumerate(cut.path):
        if number in made:
            runs.append((Tool.TRIMMER, []))
            continue
        curved = isinstance(segment, Arc) and cut.kind is Kind.OUTLINE and takes_scissors(stock)
        tool = (Tool.SCISSORS if curved and segment.length > SMALL_MM
                else Tool.SMALL_KNIFE if segment.length < SMALL_MM and cut.kind is not Kind.SLIT
                else Tool.KNIFE)
        if runs and runs[-1][0] is tool:
            runs[-1][1].append(segment)
        else:
            runs.append((tool, [segment]))
    runs = _gathered(runs)
    if (len(runs) > 1 and runs[0][0] is runs[-1][0] and cut.kind is not Kind.SLIT
            and runs[0][0] is not Tool.TRIMMER):  # a closed outline goes on where it began
        last = runs.pop()
        runs[0] = (runs[0][0], [*last[1], *runs[0][1]])
    what = {Kind.SLIT: say("a slit of the {name}, while the sheet still holds it", name=name),
            Kind.OPENING: say("an opening of the {name}, while the sheet still holds it", name=name),
            Kind.OUTLINE: say("the outline of the {name}", name=name)}[cut.kind]
    passes = blade_passes(stock)
    found = []
    for tool, segments in runs:
        if segments:
            length = sum(s.length for s in segments)
            minutes = (scissors_minutes(length) if tool is Tool.SCISSORS
                       else small_knife_minutes(length, len(segments), stock) if tool is Tool.SMALL_KNIFE
                       else knife_minutes(length, stock))
            found.append(HandCut(tuple(segments), tool, 1 if tool is Tool.SCISSORS else passes, what,
                                 minutes=minutes))
    return found


def _gathered(runs: list[tuple[Tool, list[Line | Arc]]]) -> list[tuple[Tool, list[Line | Arc]]]:
    """Runs with what is too little for a blade of its own taken along by the tool beside it: by the knife, or
    by scissors where those cut before and after."""
    found: list[tuple[Tool, list[Line | Arc]]] = []
    for number, (tool, segments) in enumerate(runs):
        if tool is Tool.SMALL_KNIFE and sum(s.length for s in segments) < 2 * SMALL_MM and len(runs) > 1:
            beside = {runs[number - 1][0], runs[(number + 1) % len(runs)][0]}
            tool = Tool.SCISSORS if beside == {Tool.SCISSORS} else Tool.KNIFE
        if found and found[-1][0] is tool and tool is not Tool.TRIMMER:
            found[-1][1].extend(segments)
        else:
            found.append((tool, list(segments)))
    return found


def _nearest(boxes: list[tuple[Box, int]]) -> list[int]:
    """Pieces from one to the nearest next, from the lower left."""
    at, waiting, order = (0.0, 0.0), list(boxes), []
    while waiting:
        box, number = min(waiting, key=lambda e: math.dist(at, e[0].centre))
        waiting = [e for e in waiting if e[1] != number]
        at = box.centre
        order.append(number)
    return order
