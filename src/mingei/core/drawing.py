"""One drawing, many outputs: strokes and texts in mm that the screen, PDF, SVG and DXF all draw.

The *ink* of a stroke says what it is for; how each ink looks is decided here, once.  Cuts are solid; folds are broken, mountains
in long dashes with a dot, valleys in short dashes, so that a drawing reads in black and white.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from enum import StrEnum

from mingei.core.draft import Crease
from mingei.core.pattern import Pattern
from mingei.core.shape import STAY, Line, Path, Point, Rigid, moved_path


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
    Ink.BEND: Look(0.15, (9.0, 3.0), "bend, no score"),
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
    """Strokes and texts on a ground from (0, 0) to (width, height), mm, y up."""

    width: float
    height: float
    strokes: tuple[Stroke, ...]
    texts: tuple[Text, ...] = ()
    title: str = ""


def fold_ink(crease: Crease) -> Ink:
    return Ink.MOUNTAIN if crease is Crease.MOUNTAIN else Ink.VALLEY


def pattern_strokes(pattern: Pattern, move: Rigid = STAY) -> tuple[Stroke, ...]:
    """Cuts and scores of a flat piece, moved."""
    cuts = tuple(Stroke(Ink.CUT, moved_path(path, move)) for path in pattern.cuts)
    scores = tuple(Stroke(Ink.BEND if f.bend else fold_ink(f.crease), (Line(move.apply(f.start), move.apply(f.end)),))
                   for f in pattern.folds)
    guides = tuple(Stroke(Ink.GUIDE, moved_path(path, move)) for path in pattern.guides)
    return guides + scores + cuts


def flat_drawing(pattern: Pattern) -> Drawing:
    """The bare flat, its lower left corner at the origin."""
    box = pattern.box
    strokes = pattern_strokes(pattern, Rigid(1.0, 0.0, -box.left, -box.bottom))
    return Drawing(box.width, box.height, strokes, title=pattern.name)
