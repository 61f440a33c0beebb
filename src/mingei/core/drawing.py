"""One drawing, many outputs: strokes and texts in mm that the screen, PDF, SVG and DXF all draw.

The *ink* of a stroke says what it is for; how each ink looks is decided here, once.  Cuts are solid; folds are broken, mountains
in long dashes with a dot, valleys in short dashes, so that a drawing reads in black and white.
"""

from __future__ import annotations

import math
from collections.abc import Iterable, Iterator, Mapping
from dataclasses import dataclass
from enum import StrEnum
from itertools import pairwise

from mingei.core.art import Printed
from mingei.core.draft import Crease
from mingei.core.pattern import FlatFold, Pattern
from mingei.core.shape import STAY, Arc, Line, Path, Point, Rigid, Segment, moved_path

#: How long the ticks are that mark a bend, and how near the parts of a curved score meet, mm.
_TICK_MM, _JOINED_MM = 3.0, 1e-4


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
    """How an ink is drawn: width in mm, dashes and gaps in mm (none: solid), words for a key."""

    width: float
    dashes: tuple[float, ...]
    words: str


LOOKS: Mapping[Ink, Look] = {
    Ink.CUT: Look(0.25, (), "cut"),
    Ink.MOUNTAIN: Look(0.2, (5.0, 1.2, 0.6, 1.2), "mountain fold, away from you"),
    Ink.VALLEY: Look(0.2, (1.6, 1.2), "valley fold, towards you"),
    Ink.BEND: Look(0.15, (), "ends of a bend, no score"),
    Ink.PERFORATE: Look(0.3, (0.8, 0.8), "perforate"),
    Ink.DRAW: Look(0.18, (), "drawing"),
    Ink.GUIDE: Look(0.15, (0.3, 1.5), "guide, trace lightly"),
}


@dataclass(frozen=True)
class Stroke:
    """A path in one ink; closed paths end where they begin."""

    ink: Ink
    path: Path


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
    """Strokes and texts on a ground from (0, 0) to (width, height), mm, y up; printed: the artwork beneath them; hair: cuts are printed as
    thin as can be; correction: by how much larger it is printed, across and along, since the printer prints so much smaller."""

    width: float
    height: float
    strokes: tuple[Stroke, ...]
    texts: tuple[Text, ...] = ()
    title: str = ""
    printed: tuple[Printed, ...] = ()
    hair: bool = False
    correction: tuple[float, float] = (1.0, 1.0)


def flipped(strokes: Iterable[Stroke], width: float) -> tuple[Stroke, ...]:
    """Strokes as they are seen from the back of a sheet so wide: left and right change places, and so do mountain and valley."""
    other = {Ink.MOUNTAIN: Ink.VALLEY, Ink.VALLEY: Ink.MOUNTAIN}

    def across(segment: Segment) -> Segment:
        if isinstance(segment, Arc):
            return segment._replace(centre=(width - segment.centre[0], segment.centre[1]), start_deg=180.0 - segment.start_deg,
                                    sweep_deg=-segment.sweep_deg)
        return Line((width - segment.start[0], segment.start[1]), (width - segment.end[0], segment.end[1]))

    return tuple(Stroke(other.get(s.ink, s.ink), tuple(across(segment) for segment in s.path)) for s in strokes)


def fold_ink(crease: Crease) -> Ink:
    return Ink.MOUNTAIN if crease is Crease.MOUNTAIN else Ink.VALLEY


def pattern_strokes(pattern: Pattern, move: Rigid = STAY) -> tuple[Stroke, ...]:
    """Cuts and scores of a flat piece, moved."""
    cuts = tuple(Stroke(Ink.CUT, moved_path(path, move)) for path in pattern.cuts)
    scores = tuple(Stroke(fold_ink(f.crease), (Line(move.apply(f.start), move.apply(f.end)),))
                   for f in pattern.folds if not f.bend and not f.curved)
    scores += tuple(Stroke(fold_ink(crease), moved_path(path, move)) for crease, path in _curved_scores(pattern))
    scores += tuple(Stroke(Ink.BEND, (Line(move.apply(a), move.apply(b)),)) for f in pattern.folds
                    if f.bend and f.angle_deg for a, b in _ticks(f))
    guides = tuple(Stroke(Ink.GUIDE, moved_path(path, move)) for path in pattern.guides)
    return guides + scores + cuts


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


def flat_drawing(pattern: Pattern, printed: Iterable[Printed] = ()) -> Drawing:
    """The bare flat, its lower left corner at the origin, with its artwork."""
    box = pattern.box
    move = Rigid(1.0, 0.0, -box.left, -box.bottom)
    return Drawing(box.width, box.height, pattern_strokes(pattern, move), title=pattern.name, printed=tuple(p.moved(move) for p in printed))
