"""One drawing, many outputs: strokes and texts in mm that the screen, PDF, SVG and DXF all draw.

The *ink* of a stroke says what it is for; how each ink looks is decided here, once.  Cuts are solid; folds
are broken, mountains in long dashes with a dot, valleys in short dashes, so that a drawing reads in black and
white.
"""

from __future__ import annotations

import math
from collections.abc import Iterable, Iterator, Mapping
from dataclasses import dataclass
from enum import StrEnum
from itertools import pairwise

from mingei.core.covering.art import Printed
from mingei.core.draft import Crease
from mingei.core.flat.pattern import FlatFold, Pattern
from mingei.core.plane.outline import closed
from mingei.core.plane.shape import (
    STAY,
    Arc,
    Box,
    Line,
    Path,
    Point,
    Rigid,
    Segment,
    bounds,
    moved_path,
    path_bounds,
)

#: How long the ticks are that mark a bend, and how near the parts of a curved score meet, mm.
_TICK_MM, _JOINED_MM = 3.0, 1e-4
#: Left free round a bare flat, mm, so that its lines are drawn whole.
BARE_EDGE_MM = 1.0


class Ink(StrEnum):
    """What a stroke is for; the values name groups and layers in files."""

    CUT = "cut"
    MOUNTAIN = "score-mountain"
    VALLEY = "score-valley"
    BEND = "bend"
    PERFORATE = "perforate"
    DRAW = "draw"
    GUIDE = "guide"


@dataclass(frozen=True)
class Look:
    """How an ink is drawn: width in mm, dashes and gaps in mm (none: solid), words for a key and a shorter
    one, a colour for files whose readers tell operations by it."""

    width: float
    dashes: tuple[float, ...]
    words: str
    short: str
    colour: str = "#000000"


LOOKS: Mapping[Ink, Look] = {
    Ink.CUT: Look(0.25, (), "cut", "cut", "#26241f"),
    Ink.MOUNTAIN: Look(0.2, (5.0, 1.2, 0.6, 1.2), "mountain fold, away from you", "mountain", "#2e4a73"),
    Ink.VALLEY: Look(0.2, (1.6, 1.2), "valley fold, towards you", "valley", "#4c6a2c"),
    Ink.BEND: Look(0.15, (0.7, 0.5), "ends of a bend, no score", "bend", "#7a5a86"),
    Ink.PERFORATE: Look(0.3, (0.8, 0.8), "perforate", "perforate", "#8a5f0e"),
    Ink.DRAW: Look(0.18, (), "drawing", "drawing", "#625c50"),
    Ink.GUIDE: Look(0.15, (0.3, 1.5), "guide, trace lightly", "guide", "#8c8577"),
}


@dataclass(frozen=True)
class Stroke:
    """A path in one ink; closed paths end where they begin.  mark: it belongs to the page, and is neither cut
    nor scored nor part of a thing: check bars, the key, crosses."""

    ink: Ink
    path: Path
    mark: bool = False


@dataclass(frozen=True)
class Text:
    """Words at a point on their baseline; height of capitals about 0.7 of ``size`` (mm); turn in degrees."""

    at: Point
    size: float
    words: str
    bold: bool = False
    middle: bool = False
    turn_deg: float = 0.0


@dataclass(frozen=True)
class Drawing:
    """Strokes and texts on a ground from (0, 0) to (width, height), mm, y up; printed: the artwork beneath
    them; hair: cuts are printed as thin as can be; correction: by how much larger it is printed, across and
    along, since the printer prints so much smaller; trim: the rectangle round the piece that is cut from it,
    None for a whole sheet."""

    width: float
    height: float
    strokes: tuple[Stroke, ...]
    texts: tuple[Text, ...] = ()
    title: str = ""
    printed: tuple[Printed, ...] = ()
    hair: bool = False
    correction: tuple[float, float] = (1.0, 1.0)
    trim: Box | None = None


def flipped(strokes: Iterable[Stroke], width: float) -> tuple[Stroke, ...]:
    """Strokes as they are seen from the back of a sheet so wide: left and right change places, and so do
    mountain and valley."""
    other = {Ink.MOUNTAIN: Ink.VALLEY, Ink.VALLEY: Ink.MOUNTAIN}

    def across(segment: Segment) -> Segment:
        if isinstance(segment, Arc):
            return segment._replace(centre=(width - segment.centre[0], segment.centre[1]),
                                    start_deg=180.0 - segment.start_deg,
                                    sweep_deg=-segment.sweep_deg)
        return Line((width - segment.start[0], segment.start[1]), (width - segment.end[0], segment.end[1]))

    return tuple(Stroke(other.get(s.ink, s.ink), tuple(across(segment) for segment in s.path), s.mark)
                 for s in strokes)


def in_order(strokes: Iterable[Stroke]) -> list[Stroke]:
    """Strokes of one ink as they are worked: what lies within a closed outline before that outline, so that
    nothing shifts."""
    some = list(strokes)
    boxes = [path_bounds([s.path]) for s in some]

    def within(i: int) -> bool:
        b = boxes[i]
        return any(j != i and o.left <= b.left and o.right >= b.right and o.bottom <= b.bottom
                   and o.top >= b.top and o != b
                   and closed(some[j].path) for j, o in enumerate(boxes))

    inner = [(closed(s.path) and within(i)) or not closed(s.path) for i, s in enumerate(some)]
    return ([s for s, first in zip(some, inner, strict=True) if first]
            + [s for s, first in zip(some, inner, strict=True) if not first])


def fold_ink(crease: Crease) -> Ink:
    return Ink.MOUNTAIN if crease is Crease.MOUNTAIN else Ink.VALLEY


def pattern_strokes(pattern: Pattern, move: Rigid = STAY) -> tuple[Stroke, ...]:
    """Cuts and scores of a flat piece, moved."""
    cuts = tuple(Stroke(Ink.CUT, moved_path(path, move)) for path in pattern.cuts)
    scores = tuple(Stroke(fold_ink(f.crease), (Line(move.apply(f.start), move.apply(f.end)),))
                   for f in pattern.folds if not f.bend and not f.curved)
    scores += tuple(Stroke(fold_ink(crease), moved_path(path, move))
                    for crease, path in _curved_scores(pattern))
    scores += tuple(Stroke(Ink.BEND, (Line(move.apply(a), move.apply(b)),)) for a, b in _bend_ticks(pattern))
    guides = tuple(Stroke(Ink.GUIDE, moved_path(path, move)) for path in pattern.guides)
    return guides + scores + cuts


#: Ticks that come nearer each other than this run into a blot, as at a cone's point, and are left out, mm.
_BLOT_MM = 1.0


def _bend_ticks(pattern: Pattern) -> Iterator[tuple[Point, Point]]:
    """The ticks of all bends, but for those that would run into each other."""
    taken: dict[tuple[int, int], list[Point]] = {}
    for bend in pattern.folds:
        if not bend.bend or not bend.angle_deg:
            continue
        for a, b in _ticks(bend):
            cells = [(math.floor(x / _BLOT_MM), math.floor(y / _BLOT_MM)) for x, y in (a, b)]
            beside = (q for cx, cy in cells for dx in (-1, 0, 1) for dy in (-1, 0, 1)
                      for q in taken.get((cx + dx, cy + dy), ()))
            if any(min(math.dist(a, q), math.dist(b, q)) < _BLOT_MM for q in beside):
                continue
            for cell, q in zip(cells, (a, b), strict=True):
                taken.setdefault(cell, []).append(q)
            yield a, b


def _ticks(bend: FlatFold) -> tuple[tuple[Point, Point], ...]:
    """A bend is marked at its two ends only: nobody wants a line across a curved face."""
    share = min(_TICK_MM / bend.length, 0.5)
    (ax, ay), (bx, by) = bend.start, bend.end
    dx, dy = (bx - ax) * share, (by - ay) * share
    return ((ax, ay), (ax + dx, ay + dy)), ((bx - dx, by - dy), (bx, by))


def _curved_scores(pattern: Pattern) -> Iterator[tuple[Crease, Path]]:
    """The short scores of each curved one, joined, so that its dashes run on."""
    runs: list[list[FlatFold]] = []
    for f in pattern.folds:
        if f.curved:
            face = pattern.by_name[f.child].whole
            for run in runs:
                if pattern.by_name[run[0].child].whole != face:
                    continue
                if math.dist(run[-1].end, f.start) < _JOINED_MM:
                    run.append(f)
                    break
                if math.dist(run[0].start, f.end) < _JOINED_MM:
                    run.insert(0, f)
                    break
            else:
                runs.append([f])
    for run in runs:
        corners = [run[0].start, *(f.end for f in run)]
        yield run[0].crease, tuple(Line(a, b) for a, b in pairwise(corners))


def flat_drawing(pattern: Pattern, printed: Iterable[Printed] = (), title: str = "") -> Drawing:
    """The bare flat with its artwork, a hair round it, or all of its bleed, so that nothing is cut off."""
    arts = tuple(printed)
    around = [pattern.box.grown(BARE_EDGE_MM), *(bounds(outline) for p in arts for outline, _ in p.within)]
    left, bottom = min(b.left for b in around), min(b.bottom for b in around)
    right, top = max(b.right for b in around), max(b.top for b in around)
    move = Rigid(1.0, 0.0, -left, -bottom)
    return Drawing(right - left, top - bottom, pattern_strokes(pattern, move), title=title or pattern.name,
                   printed=tuple(p.moved(move) for p in arts), trim=pattern.box.moved(-left, -bottom))
