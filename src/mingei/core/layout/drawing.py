"""One drawing, many outputs: strokes and texts in mm that the screen, PDF, SVG and DXF all draw.

The *ink* of a stroke says what it is for; how each ink looks is decided here, once.  Cuts are solid; folds
are broken, mountains in long dashes with a dot, valleys in short dashes, so that a drawing reads in black and
white.
"""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, replace
from enum import StrEnum
from typing import NamedTuple

from mingei.core.covering.art import Printed
from mingei.core.draft import Crease
from mingei.core.flat.blank import Kind, blank_of
from mingei.core.flat.pattern import Pattern
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


class Whose(NamedTuple):
    """Whose a stroke is: the thing by its id, the piece, which of its copies, what line of its blank, and the
    number of its fold or cut there."""

    thing: str
    piece: str
    copy: int
    kind: Kind
    number: int


@dataclass(frozen=True)
class Stroke:
    """A path in one ink; closed paths end where they begin.  mark: it belongs to the page, and is neither cut
    nor scored nor part of a thing: check bars, the key, crosses; of: whose it is, None for those."""

    ink: Ink
    path: Path
    mark: bool = False
    of: Whose | None = None


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

    return tuple(replace(s, ink=other.get(s.ink, s.ink), path=tuple(across(segment) for segment in s.path))
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


#: The ink of each kind of line; of scores their crease decides.
_INKS = {Kind.OUTLINE: Ink.CUT, Kind.OPENING: Ink.CUT, Kind.SLIT: Ink.CUT, Kind.BEND: Ink.BEND,
         Kind.GUIDE: Ink.GUIDE, Kind.CHANNEL: Ink.GUIDE}


def pattern_strokes(pattern: Pattern, move: Rigid = STAY, thing: str = "",
                    copy: int = 0) -> tuple[Stroke, ...]:
    """The lines of a flat piece, moved; each knows whose it is.  thing, copy: whose piece it is, and which of
    its copies."""
    return tuple(Stroke(fold_ink(m.crease) if m.crease else _INKS[m.kind], moved_path(m.path, move),
                        of=Whose(thing, pattern.name, copy, m.kind, m.number))
                 for m in blank_of(pattern).marks)


def flat_drawing(pattern: Pattern, printed: Iterable[Printed] = (), title: str = "") -> Drawing:
    """The bare flat with its artwork, a hair round it, or all of its bleed, so that nothing is cut off."""
    arts = tuple(printed)
    around = [pattern.box.grown(BARE_EDGE_MM), *(bounds(outline) for p in arts for outline, _ in p.within)]
    left, bottom = min(b.left for b in around), min(b.bottom for b in around)
    right, top = max(b.right for b in around), max(b.top for b in around)
    move = Rigid(1.0, 0.0, -left, -bottom)
    return Drawing(right - left, top - bottom, pattern_strokes(pattern, move), title=title or pattern.name,
                   printed=tuple(p.moved(move) for p in arts), trim=pattern.box.moved(-left, -bottom))
