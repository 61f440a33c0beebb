"""It stands on a panel and tips up on a strip that goes through a slit in each of the two.

The strip is a piece of the guest, drawn where it lies when all is shut: glued on the guest's floor, down
through its slit, back beneath it to the line it bends along, on behind it on the host, through the host's
slit, and glued beneath.  So the guest stands higher by the strip's thickness, and tips about the middle of
the strip, as far behind the guest as the strip is half thick: its back then lies down on the strip.
"""

from __future__ import annotations

from collections.abc import Sequence
from functools import lru_cache
from typing import NamedTuple

import numpy as np

from mingei.core.amendments.opening import LEAST_HOLE_MM, Opening, Shape, may_open
from mingei.core.covering.landed import landed_on
from mingei.core.covering.leaf import HINGE_STOCK_ID, HINGES, LEAF, Leaf
from mingei.core.document.build import Build
from mingei.core.draft import FORMED, Crease, EdgeRef, Fold, Panel, Piece, Placement
from mingei.core.errors import MeasureError
from mingei.core.flat.pattern import Pattern
from mingei.core.folded.fold import finished, place
from mingei.core.length import write_both
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Point, Polygon, Rigid, bounds, rectangle
from mingei.core.stock import Stock, find_stock
from mingei.core.whole.between import Added, Array, Between, Given, Spot, standing
from mingei.core.whole.bodies import lower, panels, touching, upright
from mingei.core.whole.layers import behind
from mingei.core.words import Words, say

#: Its slits lie so far from the line it bends along, mm; glued it reaches so far, the furthest there is room
#: for (common practice).
_FROM_LINE_MM = 6.0
_GLUED_MM = (18.0, 15.0, 12.0, 10.0, 8.0)
#: What is thicker does not bend to and fro, mm (common practice).
_THICKEST_MM = 0.6
#: A strip takes such a share of the side it lies along, and is no wider than this, mm.
_SHARE, _WIDEST_MM = 0.6, 40.0
#: It keeps so far from edges and from what is glued there, mm.
_CLEAR_MM = 0.4
#: What lies so low (mm) must not turn into what it stands on.
_CORNER_MM = 3.0
#: A floor lies no higher, mm, and layers on each other within so much.
_LOW_MM, _HAIR_MM = 20.0, 0.1
#: A panel is level within this (cosine).
_LEVEL = 0.999
#: A strip is drawn in the middle of its thickness.
_AMID = -0.5


class _Line(NamedTuple):
    """What the guest tips up about, in its own standing place: how far behind its middle its back is, mm, and
    from where to where along x it stands there."""

    behind: float
    left: float
    right: float


class _Floor(NamedTuple):
    """The guest's level panel at its bottom: its name, its piece, the way from it to the guest as it stands
    (4, 4), and how high its upper face lies, mm."""

    name: str
    pattern: Pattern
    matrix: Array
    top: float

    @property
    def back(self) -> Array:
        """The way from the guest as it stands to the panel (4, 4)."""
        return np.asarray(np.linalg.inv(self.matrix), dtype=np.float64)

    @property
    def inside(self) -> bool:
        """Whether its upper face is its inner one."""
        return bool(self.matrix[2, 2] < 0)


def _stock(given: Given) -> Stock:
    """What the strip is of.  Raises MeasureError where that does not bend to and fro."""
    own = dict(given.guest.stocks).get(HINGES)
    stock = own or find_stock(HINGE_STOCK_ID)
    if stock.caliper_mm > _THICKEST_MM:
        raise MeasureError(say("a hinge of {name} does not bend to and fro", name=stock.name), "how",
                           say("choose a stock no thicker than {most} for the hinges of the {guest}",
                               most=write_both(_THICKEST_MM), guest=given.guest.brief.name))
    return stock


def _line(given: Given) -> _Line:
    # walls reach past the base by their card
    rings = touching(given.guest, given.join.foot) and lower(given.guest, _CORNER_MM, given.join.foot)
    if not rings:
        raise MeasureError(say("the {guest} stands on a point: there is nothing to hinge",
                               guest=given.guest.brief.name), "how", "let it turn on a fastener")
    box = bounds(q for ring in rings for q in ring)
    return _Line(box.top if given.deep is None else given.deep, box.left, box.right)


def _wide(given: Given) -> float:
    line = _line(given)
    under = bounds(given.panel.outline)
    return min(_WIDEST_MM, *(_SHARE * side for side in (line.right - line.left, under.width, under.height)))


@lru_cache(maxsize=16)  # each holds two things that were built
def _floor(given: Given) -> _Floor:
    """The level panel beneath, with nothing but card between it and the ground, that has most room for the
    strip, the largest of those."""
    stands, line = upright(given.guest, foot=given.join.foot), _line(given)
    slit = ((line.left + line.right) / 2, line.behind - _FROM_LINE_MM)
    found = []
    for panel, pattern in panels(given.guest):
        matrix = stands @ finished(pattern)[panel.name]
        if abs(matrix[2, 2]) < _LEVEL or not 0.0 < matrix[2, 3] < _LOW_MM or not may_open(panel):
            continue
        floor = _Floor(panel.name, pattern, matrix, float(matrix[2, 3]) + pattern.stock.caliper_mm / 2)
        x, y = place(floor.back, [slit], floor.top)[0, :2].tolist()
        last = behind(given.guest, panel.name, floor.inside, (x, y))[-1]
        if floor.top - last.far < last.far - last.near + _HAIR_MM:
            found.append(floor)
    if not found:
        raise MeasureError(say("the {guest} has no level panel beneath for a hinge",
                               guest=given.guest.brief.name), "how",
                           "close its base, or let it turn on a fastener")
    return max(found, key=lambda floor: (_within(given, floor), area_of(
        floor.pattern.by_name[floor.name].polygon).area))


def _free(pattern: Pattern, name: str, patterns: tuple[Pattern, ...], inside: bool,
          at: Array) -> bool:
    """Whether a place on a face of a panel, in the panel's coordinates (n, 2), is free."""
    panel = pattern.by_name[name]
    room = area_of(panel.polygon, panel.hole_polygons).buffer(-_CLEAR_MM)
    wanted = area_of([(float(x), float(y)) for x, y in at])
    back = np.linalg.inv(finished(pattern)[name])
    laid = [place(back @ finished(p)[p.root], p.by_name[p.root].polygon)[:, :2] for p in patterns
            if p.rides is not None and p.rides.panel == name and p.rides.inside is inside]
    return bool(room.covers(wanted)) and not any(
        area_of(held).buffer(_CLEAR_MM).intersects(wanted)
        for held in (*landed_on(panel, patterns, inside), *laid))


def _within(given: Given, floor: _Floor) -> float:
    """How far the strip is glued on the guest's floor, forward from its slit, mm; 0 where it has no room."""
    line, wide = _line(given), _wide(given)
    slit = line.behind - _FROM_LINE_MM
    for long in _GLUED_MM:
        corners = _corners((line.left + line.right) / 2, wide, slit - long, slit)
        at = place(floor.back, corners, floor.top)[:, :2]
        if _free(floor.pattern, floor.name, given.guest.patterns, floor.inside, at):
            return long
    return 0.0


def _on_host(given: Given, spot: Spot, points: Sequence[Point]) -> Array:
    """Places beside a spot, in the guest's own turn, in the coordinates of the host's panel (n, 2)."""
    found: Array = given.on_panel(spot, np.array(points)) + np.array(given.middle)
    return found


def _owner(made: Build, panel: str) -> Pattern:
    return next(pattern for found, pattern in panels(made) if found.name == panel)


def _beneath(given: Given) -> tuple[float, float]:
    """How far the strip is glued behind the host's panel, mm, and which way: 1 on backwards from its slit, -1
    forwards beneath the guest."""
    line, wide = _line(given), _wide(given)
    middle, slit = (line.left + line.right) / 2, line.behind + _FROM_LINE_MM
    last = [behind(given.host, given.panel.name, given.join.inside, (x, y))[-1] for x, y in
            (_on_host(given, spot, ((middle, slit),))[0].tolist() for spot in given.spots)]
    for long in _GLUED_MM:
        for way in (1.0, -1.0):
            corners = _corners(middle, wide, slit, slit + way * long)
            if all(_free(_owner(given.host, layer.panel.name), layer.panel.name, given.host.patterns,
                         given.join.inside is bool(layer.to[2, 2] < 0),
                         place(layer.to, _on_host(given, spot, corners).tolist())[:, :2])
                   for spot, layer in zip(given.spots, last, strict=True)):
                return long, way
    raise MeasureError(say("there is no room to glue a hinge behind the {panel}", panel=given.panel.name),
                       "how", say("leave {deep} of it free behind the {guest}, or let it turn on a fastener",
                                  deep=write_both(_FROM_LINE_MM + _GLUED_MM[-1]),
                                  guest=given.guest.brief.name))


def _corners(middle: float, wide: float, low: float, high: float) -> Polygon:
    low, high = min(low, high), max(low, high)
    return tuple((middle - wide / 2 + x, low + y) for x, y in rectangle(wide, high - low))


def _strip(given: Given) -> Leaf:
    """The strip, its root where it is glued on the guest's floor."""
    thick, wide, line, floor = _stock(given).caliper_mm, _wide(given), _line(given), _floor(given)
    within, (beneath, way) = _within(given, floor), _beneath(given)
    if not within:
        raise MeasureError(say("the {panel} of the {guest} has no room to glue a hinge on", panel=floor.name,
                               guest=given.guest.brief.name), "how",
                           say("leave {deep} of it free at its back, or let it turn on a fastener",
                               deep=write_both(_FROM_LINE_MM + _GLUED_MM[-1])))
    glued = min(within, beneath)  # its ends are alike, so that neither is taken for the other
    lengths = (("hinge strip inside", glued), ("hinge strip slit", floor.top + thick),
               ("hinge strip under", _FROM_LINE_MM + thick / 2),
               ("hinge strip behind", _FROM_LINE_MM - thick / 2),
               ("hinge strip far slit", given.through + thick), ("hinge strip beneath", glued))
    faces = tuple(Panel(name, rectangle(wide, long), layer=_AMID) for name, long in lengths)
    turns = ((90.0, Crease.MOUNTAIN), (90.0, Crease.VALLEY), (0.0, Crease.VALLEY), (90.0, Crease.MOUNTAIN),
             (90.0, Crease.VALLEY if way > 0 else Crease.MOUNTAIN))
    folds = tuple(Fold(EdgeRef(a.name, 2), EdgeRef(b.name, 0), turn, FORMED, crease)
                  for a, b, (turn, crease) in zip(faces, faces[1:], turns, strict=False))
    piece = Piece(LEAF, faces[0].name, Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0)), faces,
                  folds=folds, part=HINGES)
    back = floor.back
    start = ((line.left + line.right) / 2 - wide / 2, line.behind - _FROM_LINE_MM - glued)
    x, y = place(back, [start], floor.top)[0, :2].tolist()
    return Leaf(piece, floor.name, floor.inside,
                Rigid(float(back[1, 1]), float(back[1, 0]), -x if floor.inside else x, y))


def _adds(given: Given) -> Added:
    line, wide, thick, floor = _line(given), _wide(given), _stock(given).caliper_mm, _floor(given)
    across = (line.left + line.right) / 2
    host = []
    for number, spot in enumerate(given.spots, 1):
        (at,) = given.on_panel(spot, np.array(((across, line.behind + _FROM_LINE_MM),)))
        host.append(Opening(f"{given.guest.brief.name} {number}", given.panel.name, Shape.SLOT, wide,
                            LEAST_HOLE_MM, float(at[0]), float(at[1]), turn_deg=given.turn_on_panel(spot),
                            stays=True, thick=thick))
    back = floor.back
    x, y = place(back, [(across, line.behind - _FROM_LINE_MM)], floor.top)[0, :2].tolist()
    middle = bounds(next(p for p, _ in panels(given.guest) if p.name == floor.name).outline).centre
    turn = float(np.degrees(np.arctan2(back[1, 0], back[0, 0])))
    own = Opening("hinge", floor.name, Shape.SLOT, wide, LEAST_HOLE_MM, x - middle[0], y - middle[1],
                  turn_deg=turn, stays=True, thick=thick)
    return Added(tuple(host), (own,), (_strip(given),))


def _pose(given: Given, spot: Spot) -> Array:
    return standing(given, spot, sunk=-_stock(given).caliper_mm, foot=given.join.foot)


def axis(given: Given, spot: Spot) -> Array:
    """From the line it tips about to the host (4, 4): x along the line."""
    half = _stock(given).caliper_mm / 2
    to = np.eye(4)
    to[1:3, 3] = _line(given).behind + half, half
    found: Array = given.face(spot) @ to
    return found


def _glued_on(given: Given) -> float:
    """Of its end behind the host; the other is glued when the guest is made."""
    return _wide(given) * min(_within(given, _floor(given)), _beneath(given)[0])


def _done(given: Given) -> Words:
    return say("Pass the free end of the hinge strip of the {guest} through the slit in the {panel} and glue "
               "it down behind; what lies between the slits stays free of glue.",
               guest=given.guest.brief.name, panel=given.panel.name)


JOINT = Between("hinged", "Hinged on", "A strip through a slit in each; it tips up about its back.",
                frozenset({"x", "y", "turn_deg", "row", "deep", "most_deg", "inside", "foot"}), _adds, _pose,
                _done, from_behind=True, turns=True, axis=axis, glued=_glued_on)
