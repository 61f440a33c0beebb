"""Artwork: pictures and words on panels, or running across the folds of a whole piece.

Where one lies is kept from the panel's middle, and which way is up is worked out from the folded form, so
that nothing stands upside down when it is built: upright walls read from base to rim, what lies flat is read
with its piece.  What is printed runs past cuts by its *bleed*, and under tabs, so that no white edge shows
where the knife or a fold is a hair off.
"""

from __future__ import annotations

import math
from collections.abc import Collection, Iterable, Mapping
from dataclasses import dataclass
from enum import StrEnum
from functools import lru_cache
from itertools import chain, count
from typing import TYPE_CHECKING, Any, NamedTuple, TypeAlias

from mingei.core.data.extra import Extra
from mingei.core.draft import Role
from mingei.core.errors import MeasureError
from mingei.core.flat.pattern import Pattern
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Box, Point, Polygon, Rigid, bounds, turned
from mingei.core.words import say

if TYPE_CHECKING:
    from shapely.geometry import Polygon as Area

#: How far a print runs past a cut, as a rule, mm (common practice: an eighth of an inch, or 3 mm).
BLEED_MM = 3.0
MOST_MM, MOST_WORDS = 2000.0, 2000
#: More repeats than this are no pattern any more, and would stop everything else.
MOST_REPEATS = 2000
#: The proportions of what stands in for a missing picture.
_MISSING_OVER = 1.5
#: A panel whose normal is nearer the upright than this lies flat.
_LEVEL = 0.9


class Fill(StrEnum):
    """How a picture takes its place."""

    WHOLE = "whole"
    COVER = "cover"
    SIZED = "sized"
    REPEAT = "repeat"
    STEPPED = "stepped"
    ROUND = "round"


class Art(NamedTuple):
    """One picture or some words.

    piece, panel: where; panel "" is the whole piece, across its folds.  source: the picture's file, "" for
    words; words: lines of text; font: a family, "" the shipped one.  fill: whole within the panel, covering
    it, at its size, or repeated side by side, every other row shifted by half when stepped; round: on the
    panels of every piece that have a patch of it, whatever piece and panel say.  width: of one
    picture, or of the words' longest line, mm, where it is sized or repeated; x, y: its middle from the
    panel's middle, upright; turn_deg: from upright, counter-clockwise; bleed: past cuts, mm; colour: of
    words, "#rrggbb"; digest: the SHA-256 of the picture as it was when it was taken in, "" where not known.
    """

    name: str
    piece: str
    panel: str = ""
    source: str = ""
    words: str = ""
    font: str = ""
    fill: Fill = Fill.WHOLE
    width: float = 30.0
    x: float = 0.0
    y: float = 0.0
    turn_deg: float = 0.0
    bleed: float = BLEED_MM
    colour: str = "#26241f"
    digest: str = ""
    extra: Extra = ()

    def grown(self, factor: float) -> Art:
        """For a thing larger by a factor."""
        return self._replace(width=self.width * factor, x=self.x * factor, y=self.y * factor)


class Frame(NamedTuple):
    """Where one picture is drawn on the flat: its middle, mm, its turn, degrees, its width and height, mm."""

    middle: Point
    turn_deg: float
    width: float
    height: float

    @property
    def move(self) -> Rigid:
        """From the picture's own coordinates, its middle the origin, to the flat."""
        return turned(self.turn_deg)._replace(x=self.middle[0], y=self.middle[1])

    @property
    def corners(self) -> Polygon:
        w, h = self.width / 2, self.height / 2
        return self.move.apply_all(((-w, -h), (w, -h), (w, h), (-w, h)))


class Mark(NamedTuple):
    """One filled or stroked path of a vector picture: its commands ("M", "L", "C", "Z" with their points, mm,
    y up), colours (r, g, b) or None, width of the stroke, mm; even_odd: what a point inside means."""

    commands: tuple[tuple[str, tuple[Point, ...]], ...]
    fill: tuple[int, int, int] | None
    stroke: tuple[int, int, int] | None = None
    width: float = 0.0
    even_odd: bool = False


@dataclass(frozen=True, eq=False)
class Vector:
    """A picture of paths, its lower left corner the origin; ignored: how many of its parts cannot be
    drawn."""

    width: float
    height: float
    marks: tuple[Mark, ...]
    ignored: int = 0


@dataclass(frozen=True, eq=False)
class Raster:
    """A picture of pixels, by the file it lies in; width, height: px; of: the whole picture this is a part
    of, whose left and upper side lie so far from the whole's, px."""

    file: str
    width: float
    height: float
    of: Raster | None = None
    left: float = 0.0
    top: float = 0.0

    def part(self, left: float, top: float, right: float, bottom: float) -> Raster:
        """A part of it, between shares of its width and height, y down."""
        return Raster(self.file, (right - left) * self.width, (bottom - top) * self.height, self,
                      left * self.width, top * self.height)


Picture: TypeAlias = Vector | Raster


class Printed(NamedTuple):
    """A picture where it is printed: what is drawn, where, and the outlines it is cut off at; picture is None
    where its file is missing."""

    name: str
    picture: Picture | None
    frames: tuple[Frame, ...]
    within: tuple[tuple[Polygon, tuple[Polygon, ...]], ...]

    def cut_off(self, room: Any) -> Printed:
        """The same as far as it lies within an area."""

        kept: list[tuple[Polygon, tuple[Polygon, ...]]] = []
        for outline, holes in self.within:
            kept += _loops(area_of(outline, holes).intersection(room), 1e-6)
        return self._replace(within=tuple(kept))

    def moved(self, move: Rigid) -> Printed:
        """The same on a sheet."""
        return Printed(
            self.name, self.picture,
            tuple(f._replace(middle=move.apply(f.middle), turn_deg=f.turn_deg + move.turn_deg)
                  for f in self.frames),
            tuple((move.apply_all(outline), tuple(move.apply_all(h) for h in holes))
                  for outline, holes in self.within))


class Placed(NamedTuple):
    """art; piece: its pattern; frames: where its picture is drawn; within: outlines on the flat it is cut off
    at, each with its holes."""

    art: Art
    piece: Pattern
    frames: tuple[Frame, ...]
    within: tuple[tuple[Polygon, tuple[Polygon, ...]], ...]


def check(art: Art) -> None:
    """Raises MeasureError naming the value at fault."""
    place = say("artwork {name}", name=art.name)
    for word, value, least, most in (("width", art.width, 1.0, MOST_MM), ("bleed", art.bleed, 0.0, 20.0)):
        if not (math.isfinite(value) and least <= value <= most):
            raise MeasureError(say("its {word} of {value:g} mm cannot be printed", word=word, value=value),
                               place,
                               say("use {least:g} to {most:g} mm", least=least, most=most))
    if not all(math.isfinite(v) and abs(v) <= MOST_MM for v in (art.x, art.y, art.turn_deg)):
        raise MeasureError("its place is no number", place,
                           "write how far its middle lies from the panel's middle")
    if bool(art.source) == bool(art.words.strip()):
        raise MeasureError("it is either a picture or words", place, "choose a file, or write some words")
    if len(art.words) > MOST_WORDS:
        raise MeasureError("so many words are a page, not a panel", place,
                           say("write {most} letters at the most", most=MOST_WORDS))
    if (len(art.colour) != 7 or art.colour[0] != "#"
        or any(c not in "0123456789abcdefABCDEF" for c in art.colour[1:])):
        raise MeasureError(say("{colour!r} is no colour", colour=art.colour), place,
                           "write one such as #2e4a73")


def free_name(arts: Iterable[Art], wish: str) -> str:
    """The name, or the name with a number, that no artwork has yet."""
    taken = {a.name for a in arts}
    return next(n for n in chain([wish], (f"{wish} {i}" for i in count(2))) if n not in taken)


@lru_cache(maxsize=64)
def _poses(pattern: Pattern) -> Any:
    from mingei.core.folded.fold import finished  # brings numpy with it

    return finished(pattern)


def up_deg(pattern: Pattern, panel: str = "") -> float:
    """Which way is up on the flat for a panel once it is folded, degrees from the flat's x axis; for the
    whole piece, of its root.

    Upright walls: towards the top.  Level faces of a thing that stands: towards its back when seen from
    above, its front from below. What lies wholly flat: as its root is drawn.
    """
    import numpy as np

    poses = _poses(pattern)
    name = panel or pattern.root
    at = poses[name]
    if all(abs(m[2, 2]) > _LEVEL for m in poses.values()):
        up = poses[pattern.root][:3, 1]
    elif abs(at[2, 2]) > _LEVEL:
        up = np.array((0.0, math.copysign(1.0, at[2, 2]), 0.0))
    else:
        up = np.array((0.0, 0.0, 1.0))
    x, y = (float(v) for v in at[:3, :2].T @ up)
    frame = pattern.by_name[name].frame
    return math.degrees(math.atan2(y, x)) + frame.turn_deg


def place(art: Art, pattern: Pattern, over: float, taken: Collection[str] = ()) -> Placed | None:
    """Where it is drawn on a piece's flat.  over: width of the picture over its height; taken: the panels
    with artwork of their own, which it keeps off.  None when the piece has no such panel."""
    if art.panel and art.panel not in pattern.by_name:
        return None
    panels = ([pattern.by_name[art.panel]] if art.panel
              else [p for p in pattern.panels if p.role is not Role.TAB])
    turn = up_deg(pattern, art.panel) - 90.0
    upright = turned(-turn)
    box = bounds(q for p in panels
                 for q in upright.apply_all(p.frame.apply_all(p.face) if p.face else p.flat_polygon))
    width = art.width
    if art.fill in (Fill.WHOLE, Fill.COVER):
        width = _filling(art, box, over)
    height = width / over
    middle = (box.centre[0] + art.x, box.centre[1] + art.y)
    areas = _within(art, pattern, taken)
    if art.fill in (Fill.REPEAT, Fill.STEPPED):
        middles = _repeats(art, bounds(q for outline, _ in areas for q in upright.apply_all(outline)), middle,
                           width, height)
    else:
        middles = [middle]
    back = upright.inverse()
    return Placed(art, pattern, tuple(Frame(back.apply(m), turn + art.turn_deg, width, height)
                                      for m in middles), areas)


#: So far artwork runs over a fold, mm (common practice: a fold a little aside should show no white).
OVER_FOLD_MM = 1.0


def _filling(art: Art, box: Box, over: float) -> float:
    """The width at which a picture, turned, lies whole within a box, or covers it with its bleed."""
    cos, sin = abs(math.cos(math.radians(art.turn_deg))), abs(math.sin(math.radians(art.turn_deg)))
    if art.fill is Fill.WHOLE:
        # what a picture of width 1 takes up, turned
        return min(box.width / (cos + sin / over), box.height / (sin + cos / over))
    wide, tall = box.width + 2 * (art.bleed + abs(art.x)), box.height + 2 * (art.bleed + abs(art.y))
    # the box seen along the picture's own axes must lie within it
    return max(wide * cos + tall * sin, over * (wide * sin + tall * cos))


def _repeats(art: Art, box: Box, middle: Point, width: float, height: float) -> list[Point]:
    """Middles of the pictures laid side by side over a box, one of them where it was put."""
    turn, back = turned(art.turn_deg), turned(-art.turn_deg)
    corners = [back.apply((x - middle[0], y - middle[1])) for x in (box.left, box.right)
               for y in (box.bottom, box.top)]
    rows = range(math.floor(min(y for _, y in corners) / height - 0.5),
                 math.ceil(max(y for _, y in corners) / height + 0.5) + 1)
    columns = range(math.floor(min(x for x, _ in corners) / width - 1.0),
                    math.ceil(max(x for x, _ in corners) / width + 1.0) + 1)
    if len(rows) * len(columns) > MOST_REPEATS:
        raise MeasureError("it would be repeated too often", say("artwork {name}", name=art.name),
                           "make its width larger")
    found = []
    for row in rows:
        shift = 0.5 * width if art.fill is Fill.STEPPED and row % 2 else 0.0
        for column in columns:
            x, y = turn.apply((column * width + shift, row * height))
            found.append((middle[0] + x, middle[1] + y))
    return found


def _within(art: Art, pattern: Pattern,
            taken: Collection[str] = ()) -> tuple[tuple[Polygon, tuple[Polygon, ...]], ...]:
    """What is printed: the panel or the piece, grown by the bleed past its cuts and under its tabs, and a
    hair over its folds, so that a fold a little aside shows no white; no further onto other panels, and not
    at all onto those with artwork of their own."""
    from shapely import union_all  # slow to load, and only needed where there is artwork

    def area(name: str) -> Area:
        panel = pattern.by_name[name]
        card = area_of(panel.flat_polygon, [panel.frame.apply_all(h) for h in panel.hole_polygons])
        gaps = [area_of(panel.frame.apply_all(g)) for g in panel.gaps]
        return card.difference(union_all(gaps)) if gaps else card

    if art.panel:
        printed = area(art.panel).buffer(art.bleed, join_style="mitre", mitre_limit=2.0)
        over_fold = min(art.bleed, OVER_FOLD_MM)
        others = [area(p.name) if p.name in taken else area(p.name).buffer(-over_fold)
                  for p in pattern.panels if p.name != art.panel and p.role is not Role.TAB]
        printed = printed.difference(union_all(others)).union(area(art.panel))
    else:
        printed = union_all([area(p.name).buffer(1e-4) for p in pattern.panels]).buffer(
            art.bleed, join_style="mitre", mitre_limit=2.0)
    return _loops(printed, 1e-3)


def _loops(area: Any, least: float = 0.0) -> tuple[tuple[Polygon, tuple[Polygon, ...]], ...]:
    """The outlines of an area, each with its holes, those larger than so many mm2."""
    return tuple((tuple(part.exterior.coords[:-1]), tuple(tuple(ring.coords[:-1]) for ring in part.interiors))
                 for part in getattr(area, "geoms", [area])
                 if part.area > least and hasattr(part, "exterior"))


@lru_cache(maxsize=256)
def tinted(pattern: Pattern) -> Printed | None:
    """The panels of a piece that are printed in colours of their own, as one picture: beneath them each grown
    by its bleed, so that it runs past cuts and under tabs; none runs over another.  None where there is
    none."""
    from shapely import union_all

    panels = [p for p in pattern.panels if p.tint is not None]
    if not panels:
        return None
    areas = [area_of(p.flat_polygon, [p.frame.apply_all(h) for h in p.hole_polygons]) for p in panels]
    grown = [a.buffer(BLEED_MM, join_style="mitre", mitre_limit=2.0) for a in areas]
    left, bottom, right, top = union_all(grown).bounds
    marks = [Mark(_commands(tuple((x - left, y - bottom) for x, y in area.exterior.coords[:-1])), p.tint)
             for some in (grown, areas) for p, area in zip(panels, some, strict=True)]
    frame = Frame(((left + right) / 2, (bottom + top) / 2), 0.0, right - left, top - bottom)
    whole = union_all([a.buffer(1e-4) for a in areas]).buffer(BLEED_MM, join_style="mitre", mitre_limit=2.0)
    return Printed("colours", Vector(right - left, top - bottom, tuple(marks)), (frame,), _loops(whole))


def _round(art: Art, pattern: Pattern, picture: Raster) -> tuple[Printed, ...]:
    """A picture on all the panels of a piece that have a patch of it: first each as far past its cuts and
    over its folds as it bleeds, then all as far as they go, so that none runs over another."""
    wrapped = [(p, p.wrap) for p in pattern.panels if p.wrap is not None]
    areas = [area_of(p.flat_polygon, [p.frame.apply_all(h) for h in p.hole_polygons]) for p, _ in wrapped]
    found = []
    parts = [picture.part(*w.part) for _, w in wrapped]
    frames = [Frame(p.frame.apply((w.x, w.y)), w.turn_deg + p.frame.turn_deg, w.width, w.height)
              for p, w in wrapped]
    for grown in (True, False):
        for (_, wrap), area, part, frame in zip(wrapped, areas, parts, frames, strict=True):
            room = (area.buffer(min(art.bleed, wrap.past), join_style="mitre", mitre_limit=2.0) if grown
                    else area)
            found.append(Printed(art.name, part, (frame,), _loops(room)))
    return tuple(found)


def nowhere(arts: Iterable[Art], patterns: Iterable[Pattern]) -> list[Art]:
    """Artwork that goes round, on a thing none of whose panels has a patch of it."""
    if any(panel.wrap is not None for pattern in patterns for panel in pattern.panels):
        return []
    return [art for art in arts if art.fill is Fill.ROUND]


def _commands(ring: Polygon) -> tuple[tuple[str, tuple[Point, ...]], ...]:
    return (("M", (ring[0],)), *(("L", (p,)) for p in ring[1:]), ("Z", ()))


def arrow(pattern: Pattern, panel: str, size: float = 6.0) -> tuple[Point, Point, Point, Point]:
    """Foot, tip and both barbs of an arrow at a panel's right edge that shows which way is up when it is
    folded, on the flat, mm."""
    upright = turned(90.0 - up_deg(pattern, panel))
    box = bounds(upright.apply_all(pattern.by_name[panel].flat_polygon))
    x, y = box.right - min(size, box.width / 4), box.centre[1]
    drawn = ((x, y - size / 2), (x, y + size / 2), (x - size / 5, y + size / 4), (x + size / 5, y + size / 4))
    foot, tip, left, right = upright.inverse().apply_all(drawn)
    return foot, tip, left, right


def printed(arts: Iterable[Art], patterns: Iterable[Pattern],
            pictures: Mapping[Art, Picture | None]) -> dict[Pattern, tuple[Printed, ...]]:
    """What is printed on each piece, by piece: the colours of its panels, and artwork over them.  pictures:
    by artwork; one whose picture is missing keeps its place, at three to two."""
    patterns = tuple(patterns)
    found: dict[Pattern, tuple[Printed, ...]] = {p: (tints,) for p in patterns if (tints := tinted(p))}
    pieces = {p.name: p for p in patterns}
    arts = tuple(arts)
    taken = {a.panel for a in arts if a.panel}
    for art in arts:
        if art.fill is Fill.ROUND:
            wraps = pictures.get(art)
            if isinstance(wraps, Raster):
                found |= {p: (*found.get(p, ()), *on_it) for p in patterns
                          if (on_it := _round(art, p, wraps))}
            continue
        pattern = pieces.get(art.piece)
        # cut off its piece, or joined to it again
        if art.panel and (pattern is None or art.panel not in pattern.by_name):
            pattern = next((p for p in pieces.values() if art.panel in p.by_name and p.rides is None), None)
        if pattern is None:
            continue
        picture = pictures.get(art)
        try:
            put = place(art, pattern, picture.width / picture.height if picture is not None
                        else _MISSING_OVER, taken)
        except MeasureError:  # refused when it is put there by hand; a file may still hold it
            continue
        if put is not None:
            found[pattern] = (*found.get(pattern, ()), Printed(art.name, picture, put.frames, put.within))
    return found
