"""Openings a person puts into a panel: windows and holes, placed from the panel's middle, so that they stay
with it when it is drafted anew; and what is taken off its free edges: rounded corners and a thumb notch.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Iterable, Sequence
from dataclasses import replace
from enum import StrEnum
from typing import Any, NamedTuple

from mingei.core.data.extra import Extra
from mingei.core.draft import Bought, Draft, Panel, Piece, Role, Slot, When
from mingei.core.errors import MeasureError
from mingei.core.flat.curved import curved_face
from mingei.core.flat.side import slot_path
from mingei.core.length import write_both
from mingei.core.offset import slot_width
from mingei.core.plane import contour
from mingei.core.plane.shape import (
    Box,
    Path,
    Point,
    arc_on,
    bounds,
    contains,
    distance_to_segment,
    flat_points,
    flatten,
    hole_path,
    moved_path,
    reverse,
    rounded_polygon,
    shifted,
    turned,
)
from mingei.core.words import Words, say

#: Card left between an opening and anything else, at least, mm: less tears (common practice: strips under 2
#: mm are too small to cut).
LEAST_BRIDGE_MM = 2.0
#: More pairs of a corner and a side than this are measured all at once.
_MANY = 400
#: A collar of glue round a stick is so wide, and paper over a magnet reaches so far past it, mm (from
#: experience).
_COLLAR_MM, _PAPER_MM = 3.0, 5.0
#: A smaller hole cannot be cut or punched, mm (common practice).
LEAST_HOLE_MM = 1.0
MOST_MM = 2000.0
#: A window's patch is larger than it by this much a side, mm (common practice).
PATCH_MM = 5.0


class Shape(StrEnum):
    """How an opening is drawn."""

    ROUND = "round"
    RECTANGLE = "rectangle"
    DRAWN = "drawn"
    SLOT = "slot"


#: A slot passes at most so many layers; how thick a layer is taken to be (mm) when it is asked whether a slot
#: lies clear within its panel.
MOST_LAYERS, _THICK_MM = 8, 1.0


class Takes(StrEnum):
    """What is bought and set into a hole."""

    NOTHING = ""
    EYELET = "eyelet"
    FASTENER = "fastener"
    MAGNET = "magnet"
    PIN = "pin"
    STICK = "stick"


class Opening(NamedTuple):
    """One opening.

    panel: where; width, height: mm (round: width is its diameter; drawn: its outline is scaled to the width);
    x, y: its middle from the panel's middle, mm, as the panel is drawn; corner: radius of a rectangle's
    corners; turn_deg: counter-clockwise; stays: it is made for a bought part and does not grow with the
    thing; thick: of a slot, what passes through it, mm, 0 for so many layers of its own card; window: it gets
    a patch behind it; drawn: an outline as text; takes: what is set into a round one.
    """

    name: str
    panel: str
    shape: Shape = Shape.RECTANGLE
    width: float = 20.0
    height: float = 15.0
    x: float = 0.0
    y: float = 0.0
    corner: float = 0.0
    turn_deg: float = 0.0
    stays: bool = False
    window: bool = False
    drawn: str = ""
    layers: int = 1
    takes: Takes = Takes.NOTHING
    thick: float = 0.0
    extra: Extra = ()

    def grown(self, factor: float) -> Opening:
        """Larger by a factor; what is made for a bought part only moves."""
        moved = self._replace(x=self.x * factor, y=self.y * factor)
        return (moved if self.stays or self.takes
                else moved._replace(width=self.width * factor, height=self.height * factor,
                                    corner=self.corner * factor))

    @property
    def size(self) -> tuple[float, float]:
        """Width and height as they are, mm."""
        if self.shape is Shape.ROUND:
            return self.width, self.width
        if self.shape is Shape.DRAWN:
            around = contour.box(contour.sized(contour.read(self.drawn), self.width))
            return around.width, around.height
        if self.shape is Shape.SLOT:
            return self.width, slot_width(self.thick) if self.thick else self.layers * _THICK_MM
        return self.width, self.height


def bought_for(opening: Opening) -> Bought:
    """What is set into a hole, and when.  Raises KeyError where nothing is."""
    words, when = {
        Takes.EYELET: (say("Set the eyelet into the {hole} of the {panel}, its rim on the printed face.",
                           hole=opening.name, panel=opening.panel), When.FLAT),
        Takes.FASTENER: (say("Push the fastener through the {hole} of the {panel} and spread its legs flat "
                             "behind.", hole=opening.name, panel=opening.panel), When.OPEN),
        Takes.MAGNET: (say("Press the magnet into the {hole} of the {panel}, turned so that it draws its "
                           "fellow, and glue paper over it.", hole=opening.name, panel=opening.panel),
                       When.FLAT),
        Takes.PIN: (say("Stand the pin in the {hole} of the {panel}.", hole=opening.name,
                        panel=opening.panel), When.CLOSED),
        Takes.STICK: (say("Put the stick into the {hole} of the {panel}, with a collar of glue.",
                          hole=opening.name, panel=opening.panel), When.CLOSED),
    }[opening.takes]
    why: dict[Takes, Words] = {
        Takes.EYELET: say("an eyelet is set on a firm flat base"),
        Takes.FASTENER: say("the fastener's legs cannot be reached once it is closed"),
        Takes.MAGNET: say("a magnet is pressed in on a firm flat base")}
    glue = {Takes.STICK: math.pi * opening.width * _COLLAR_MM,
            Takes.MAGNET: math.pi / 4 * (opening.width + 2 * _PAPER_MM)**2}
    return Bought(opening.takes, 1, words, opening.panel, size=write_both(opening.width), when=when,
                  why=why.get(opening.takes, ""), glue_mm2=glue.get(opening.takes, 0.0))


class Trim(NamedTuple):
    """What is taken off a panel's free edges: radius of its corners, width of a thumb notch in its longest
    free edge; mm, 0 for none."""

    panel: str
    round_mm: float = 0.0
    notch_mm: float = 0.0
    extra: Extra = ()

    def grown(self, factor: float) -> Trim:
        """Corners grow with the thing; a thumb does not."""
        return self._replace(round_mm=self.round_mm * factor)


def check(opening: Opening) -> None:
    """Raises MeasureError naming the value at fault."""
    place = say("opening {name}", name=opening.name)
    if opening.takes and opening.shape is not Shape.ROUND:
        raise MeasureError(say("a part is set into a round hole only: {part}", part=opening.takes), place,
                           "make it a round hole, or take the part out")
    if opening.takes and opening.window:
        raise MeasureError(say("a hole that takes a part has no patch: {part}", part=opening.takes), place,
                           "leave out the patch, or the part")
    for word, value, least in (("width", opening.width, LEAST_HOLE_MM),
                               ("height", opening.height, LEAST_HOLE_MM), ("thick", opening.thick, 0.0),
                               ("corner", opening.corner, 0.0)):
        if not (math.isfinite(value) and least <= value <= MOST_MM):
            raise MeasureError(say("its {word} of {value:g} mm cannot be cut", word=word, value=value), place,
                               say("use {least:g} to {most:g} mm", least=least, most=MOST_MM))
    if not 1 <= opening.layers <= MOST_LAYERS:
        raise MeasureError(say("{layers} layers do not pass through a slot", layers=opening.layers), place,
                           say("use 1 to {most}", most=MOST_LAYERS))
    if not all(math.isfinite(v) and abs(v) <= MOST_MM for v in (opening.x, opening.y, opening.turn_deg)):
        raise MeasureError("its place is no number", place,
                           "write how far its middle lies from the panel's middle")


def cut_path(opening: Opening) -> Path:
    """Its closed path about its own middle, clockwise, so that the card lies to the left."""
    w, h = opening.size
    if opening.shape is Shape.ROUND:
        return hole_path(w)
    if opening.shape is Shape.DRAWN:
        sized = contour.sized(contour.read(opening.drawn), opening.width)
        ahead = moved_path(contour.path(sized), shifted(-w / 2, -h / 2))
    else:
        corner = min(opening.corner, w / 2, h / 2)
        # begins amid a side, so that every corner can be rounded
        box = ((0.0, -h / 2), (w / 2, -h / 2), (w / 2, h / 2), (-w / 2, h / 2), (-w / 2, -h / 2))
        ahead = rounded_polygon(box, dict.fromkeys(range(1, 5), corner) if corner > 0 else {})
        ahead = tuple(s for s in ahead if s.length > 1e-9)
    back = tuple(reverse(s) for s in reversed(ahead))
    return moved_path(back, turned(opening.turn_deg))


def may_open(panel: Panel) -> bool:
    """Whether openings can be put into a panel: flat ones, no tabs, no facets of a curved face."""
    return not panel.whole and panel.role not in (Role.TAB, Role.LIP)


def not_there(panel: str, remedy: str) -> MeasureError:
    """What is raised for a panel that openings cannot be put into."""
    return MeasureError("openings go into walls only, not into tabs or teeth",
                        say("panel {panel}", panel=panel), remedy)


def openable(draft: Draft) -> dict[str, Box]:
    """What openings can be put into, by name, with the box round it at finished size, mm: flat panels and
    curved walls."""
    found: dict[str, Box] = {}
    for piece in draft.pieces:
        found |= {p.name: bounds(p.outline) for p in piece.panels if may_open(p)}
        for name in dict.fromkeys(p.whole for p in piece.panels if p.whole):
            face = curved_face(piece, name) if _in_one_piece(draft, name) else None
            if face is not None:
                found[name] = face.box
    return found


def _in_one_piece(draft: Draft, face: str) -> bool:
    return sum(any(p.whole == face for p in piece.panels) for piece in draft.pieces) == 1


def open_up(draft: Draft, openings: Iterable[Opening], trims: Iterable[Trim] = ()) -> Draft:
    """The draft with its openings cut and its edges trimmed; those of a panel this draft does not have are
    passed over.

    Raises MeasureError when one does not lie within its panel, or meets another.
    """
    wanted: dict[str, list[Opening]] = {}
    for opening in openings:
        wanted.setdefault(opening.panel, []).append(opening)
    off = {t.panel: t for t in trims}
    if not wanted and not off:
        return draft

    def opened(panel: Panel) -> Panel:
        if panel.name in off and may_open(panel):
            panel = replace(panel, round_mm=off[panel.name].round_mm, notch_mm=off[panel.name].notch_mm)
        return _opened(panel, wanted[panel.name]) if panel.name in wanted else panel

    def of(piece: Piece) -> Piece:
        curved = [name for name in dict.fromkeys(p.whole for p in piece.panels) if name and name in wanted]
        cut = [(name, path) for name in curved for path in _opened_face(draft, piece, name, wanted[name])]
        return replace(piece, panels=tuple(opened(p) for p in piece.panels), openings=(*piece.openings, *cut))

    there = {name for piece in draft.pieces for p in piece.panels for name in (p.name, p.whole)}
    parts = tuple(bought_for(o) for some in wanted.values() for o in some if o.takes and o.panel in there)
    return replace(draft, pieces=tuple(of(p) for p in draft.pieces), bought=(*draft.bought, *parts))


def _opened(panel: Panel, openings: Sequence[Opening]) -> Panel:
    if not may_open(panel):
        raise not_there(panel.name, "choose another panel")
    around = bounds(panel.outline)
    middle = around.centre
    edge = outline_points(panel)
    taken: list[list[Point]] = [list(flat_points(h)[:-1])
                                for h in (*panel.holes,
                                          *(slot_path(s, s.thick or _THICK_MM) for s in panel.slots))]
    holes, slots = list(panel.holes), list(panel.slots)

    def within(ring: Sequence[Point]) -> bool:
        return all(contains(edge, p) for p in ring) and _apart(ring, edge) >= LEAST_BRIDGE_MM - 1e-6

    for opening in openings:
        path = _placed(opening, panel.name, middle, within, taken)
        if opening.shape is Shape.SLOT:
            slots.append(Slot(middle[0] + opening.x, middle[1] + opening.y, opening.width, opening.turn_deg,
                              opening.layers, thick=opening.thick))
        else:
            holes.append(path)
    return replace(panel, holes=tuple(holes), slots=tuple(slots))


def _opened_face(draft: Draft, piece: Piece, name: str, openings: Sequence[Opening]) -> list[Path]:
    """The paths of openings in a curved face, about its middle."""
    face = curved_face(piece, name) if _in_one_piece(draft, name) else None
    if face is None:
        raise not_there(name, "choose another panel")
    taken: list[list[Point]] = [list(hole) for hole in face.holes]
    found = []
    for opening in openings:
        if opening.shape is Shape.SLOT:
            raise MeasureError("a slot goes into a flat panel only",
                               say("opening {name} in the {panel}", name=opening.name, panel=name),
                               "cut a rectangle instead")
        found.append(_placed(opening, name, (0.0, 0.0), lambda ring: face.holds(ring, LEAST_BRIDGE_MM - 1e-6),
                             taken))
    return found


def _placed(opening: Opening, panel: str, middle: Point, within: Callable[[Sequence[Point]], bool],
            taken: list[list[Point]]) -> Path:
    """An opening's path where it is put; it is added to what is taken.  within: whether enough is left at the
    panel's edge."""
    check(opening)
    path = moved_path(cut_path(opening), shifted(middle[0] + opening.x, middle[1] + opening.y))
    ring = flat_points(path)[:-1]
    place = say("opening {name} in the {panel}", name=opening.name, panel=panel)
    if not within(ring):
        raise MeasureError(say("less than {least:g} mm of card would be left at the panel's edge",
                               least=LEAST_BRIDGE_MM), place,
                           "make it smaller, or move it inward")
    around = bounds(ring).grown(LEAST_BRIDGE_MM)
    for other in taken:
        if around.meets(bounds(other)) and (
                contains(other, ring[0]) or contains(ring, other[0])
                or _apart(ring, other) < LEAST_BRIDGE_MM - 1e-6):
            raise MeasureError("it meets another opening", place,
                               say("leave at least {least:g} mm of card between them", least=LEAST_BRIDGE_MM))
    taken.append(ring)
    return path


def outline_points(panel: Panel) -> list[Point]:
    """A panel's nominal outline, curved sides as chords."""
    sweeps = dict(panel.curves)
    points: list[Point] = []
    for i, (a, b) in enumerate(zip(panel.outline, (*panel.outline[1:], panel.outline[0]), strict=True)):
        points.append(a)
        if sweeps.get(i):
            points += flatten(arc_on(a, b, sweeps[i]))[:-1]
    return points


def _apart(a: Sequence[Point], b: Sequence[Point]) -> float:
    """Least distance between two rings, mm; rings that cross are as near as a corner of one to the other, at
    most."""
    if len(a) * len(b) > _MANY:
        import numpy as np  # loaded only where it is worth it

        return min(float(np.min(_from_corners(np.array(one), np.array(other))))
                   for one, other in ((a, b), (b, a)))
    near = min(distance_to_segment(p, q, r) for p in a for q, r in zip(b, (*b[1:], b[0]), strict=True))
    return min(near,
               min(distance_to_segment(p, q, r) for p in b for q, r in zip(a, (*a[1:], a[0]), strict=True)))


def _from_corners(ring: Any, other: Any) -> Any:
    """How far each corner of a ring (n, 2) lies from each side of another (n, m), mm."""
    import numpy as np

    along = np.roll(other, -1, axis=0) - other
    to = ring[:, None] - other
    share = np.clip((to * along).sum(axis=2) / np.maximum((along * along).sum(axis=1), 1e-300), 0.0, 1.0)
    return np.linalg.norm(to - share[..., None] * along, axis=2)
