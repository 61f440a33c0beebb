"""A joint between two things, as a value: what it adds to host and guest, how the guest lies there, how it
may move.  ``core/whole/joints`` has those there are, one module each."""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import dataclass
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.covering.leaf import Leaf
from mingei.core.document.build import Build
from mingei.core.draft import PIVOT, Panel
from mingei.core.errors import MeasureError
from mingei.core.flat.pattern import Pattern
from mingei.core.folded.fold import finished, place
from mingei.core.keeping import kept_with
from mingei.core.kinds import Amendment
from mingei.core.kinds.join import Join
from mingei.core.plane.shape import Point, bounds, contains
from mingei.core.whole.bodies import solids, upright
from mingei.core.whole.layers import behind
from mingei.core.words import Words, say

Array = NDArray[np.float64]


#: So much may lie on the face by which a guest is glued on, such as a wrap or a facing, mm.
_LAYERS_MM = 4.0
_HAIR_MM = 1e-6


class Spot(NamedTuple):
    """Where a guest is set: its place on the host's panel, from the panel's middle, mm, and its turn from the
    panel's own x axis, degrees."""

    x: float
    y: float
    turn_deg: float


class Given(NamedTuple):
    """What a joint is worked out from.  panel, pattern: the host's, as drafted and as it lies flat; deep: how
    far it goes in, or hangs, or slides, mm, None where that was not said; foot_at: where on the guest's foot;
    spots: where it is set; usual: what it hangs by or turns on where nothing else is said."""

    host: Build
    guest: Build
    join: Join
    panel: Panel
    pattern: Pattern
    deep: float | None
    foot_at: Point
    spots: tuple[Spot, ...]
    usual: str = ""

    @property
    def by(self) -> str:
        """What it hangs by or turns on."""
        return self.join.by or self.usual

    @property
    def thick(self) -> float:
        """How thick the host's panel is, mm."""
        return self.pattern.stock.caliper_mm

    @property
    def through(self) -> float:
        """How thick all is that lies there layer on layer, mm: what goes through the panel goes through it
        all."""
        x, y = self.middle
        return max(behind(self.host, self.panel.name, self.join.inside, (x + spot.x, y + spot.y))[-1].far
                   + self.laid(spot) for spot in self.spots)

    def laid(self, spot: Spot) -> float:
        """How high what is glued on the face lies there, mats and labels with their pads, mm."""
        return _laid(self.host, self.panel.name, self.join.inside,
                     (self.middle[0] + spot.x, self.middle[1] + spot.y))

    @property
    def middle(self) -> Point:
        """The middle of the host's panel, in its own coordinates."""
        return bounds(self.panel.outline).centre

    def face(self, spot: Spot) -> Array:
        """From the face of the host's panel at a spot to the host (4, 4): x as the guest is turned, z away
        from the card."""
        x, y = self.middle[0] + spot.x, self.middle[1] + spot.y
        turn = np.radians(spot.turn_deg)
        cos, sin = float(np.cos(turn)), float(np.sin(turn))
        way = -1.0 if self.join.inside else 1.0  # on the inner face it is turned over, about y
        at = np.array(((cos * way, -sin * way, 0.0, x), (sin, cos, 0.0, y),
                       (0.0, 0.0, way, way * (self.thick / 2 + self.laid(spot))),
                       (0.0, 0.0, 0.0, 1.0)))
        found: Array = finished(self.pattern)[self.panel.name] @ at
        return found

    def on_panel(self, spot: Spot, points: Array) -> Array:
        """Points beside a spot (n, 2), in the guest's own turn, as places on the panel from its middle."""
        turn = np.radians(spot.turn_deg)
        cos, sin = float(np.cos(turn)), float(np.sin(turn))
        way = -1.0 if self.join.inside else 1.0
        x, y = points[:, 0], points[:, 1]
        return np.stack([spot.x + way * (cos * x - sin * y), spot.y + sin * x + cos * y], axis=1)


    def turn_on_panel(self, spot: Spot) -> float:
        """The guest's x at a spot, in the panel's coordinates, degrees: on the inner face it turns the other
        way."""
        at, ahead = self.on_panel(spot, np.array(((0.0, 0.0), (1.0, 0.0))))
        return float(np.degrees(np.arctan2(*(ahead - at)[::-1])))


@kept_with
def _laid(host: Build, panel: str, inside: bool, at: Point) -> float:
    high = 0.0
    for p in host.patterns:
        if p.rides is None or not p.covers or p.rides.panel != panel or p.rides.inside is not inside:
            continue
        back = np.linalg.inv(finished(p.rides.host)[panel]) @ finished(p)[p.root]
        outline = place(back, p.by_name[p.root].polygon)[:, :2]
        if contains([(float(x), float(y)) for x, y in outline], at):
            high = max(high, p.rides.up + (p.stock.caliper_mm - p.rides.host.stock.caliper_mm) / 2)
    return high


class Added(NamedTuple):
    """What a joint adds to each of the two, as amendments; leaves: what goes with the guest besides; deep: so
    deep the host's openings reach through what lies there layer on layer, mm."""

    host: tuple[Amendment, ...] = ()
    guest: tuple[Amendment, ...] = ()
    leaves: tuple[Leaf, ...] = ()
    deep: float = math.inf


class Part(NamedTuple):
    """What is bought or cut to join a guest once.  name: in the singular; length_mm: cut so long, 0 where it
    comes in its size; size: how thick or wide, in words; many: so many of it."""

    name: str
    length_mm: float = 0.0
    size: str = ""
    many: int = 1


def standing(given: Given, spot: Spot, sunk: float = 0.0, foot: str = "") -> Array:
    """From the guest to the host where it stands on a face, its bottom so far beneath it, mm; foot: the panel
    it stands on, "" as it is made."""
    down = np.eye(4)
    down[2, 3] = -sunk
    found: Array = given.face(spot) @ down @ upright(given.guest, foot=foot)
    return found


def lying(given: Given, spot: Spot, off: float = 0.0) -> Array:
    """From the guest to the host where a panel of the guest lies on a face, face to face, or so far (mm) off
    it: with the face that the rest of the guest does not stand behind."""
    panel, pattern = foot_of(given)
    matrix = finished(pattern)[panel.name]
    x, y = (a + b for a, b in zip(bounds(panel.outline).centre, given.foot_at, strict=True))
    back = np.linalg.inv(matrix)
    every = np.concatenate([place(back @ finished(p)[q.name], q.polygon, side * p.stock.caliper_mm / 2)
                            for p in given.guest.patterns for q in p.panels for side in (-1.0, 1.0)])[:, 2]
    half = pattern.stock.caliper_mm / 2
    beneath, above = -float(every.min()) - half, float(every.max()) - half
    if panel.whole or min(beneath, above) > _LAYERS_MM:
        raise MeasureError(say("the {panel} of the {guest} is not free to lie on anything", panel=panel.name,
                               guest=given.guest.brief.name), "foot",
                           "choose a flat panel nothing stands out of")
    way = 1.0 if beneath <= above + _HAIR_MM else -1.0
    # the foot's middle to the origin, turned over where its outer face comes to lie, and up by what is
    # beneath it
    to = np.array(((way, 0.0, 0.0, -way * x), (0.0, 1.0, 0.0, -y),
                   (0.0, 0.0, way, half + off + (beneath if way > 0 else above)), (0.0, 0.0, 0.0, 1.0)))
    found: Array = given.face(spot) @ to @ back
    return found


def foot_of(given: Given) -> tuple[Panel, Pattern]:
    """The guest's panel that lies on the host: the one that was named, else its own choice."""
    from mingei.core.whole.bodies import panels

    every = panels(given.guest)
    foot = given.join.foot or own_foot(given.guest)
    return next((each for each in every if each[0].name == foot), every[0])


def own_foot(guest: Build) -> str:
    """The panel a thing lies on by itself: the last that names where it turns, else its first."""
    from mingei.core.whole.bodies import panels

    every = [panel.name for panel, _ in panels(guest)]
    pivots = [place.panel for place in guest.draft.places if place.name == PIVOT and place.panel in every]
    return pivots[-1] if pivots else every[0]


@kept_with
def height_of(build: Build) -> float:
    """How high a thing is as it stands, mm."""
    stands = upright(build)
    return max(float(s.solid.transform(stands[:3]).bounding_box()[5]) for s in solids(build)
               if not s.solid.is_empty())


@dataclass(frozen=True, eq=False)
class Between:
    """A joint between things; told apart by identity.

    word: in files; title, hint: on its button, and what it means; needs: the fields of a join that mean
    something here; adds: what it adds; pose: where the guest lies, from it to the host; done: the step that
    joins them, of ``{guest}``, ``{panel}``, ``{count}``; part: what is bought or cut for it; glued: how much
    of one is coated with glue, mm2; from_behind: it is fixed from behind the host's panel, too; turns: it
    turns about the square of the face at its spot; touches: all that touches the ground as it stands lies on
    the host; by: what it may hang by or turn on, the usual first; slides: it slides along its x; hangs: it is
    beneath what it is joined to.
    """

    word: str
    title: str
    hint: str
    needs: frozenset[str]
    adds: Callable[[Given], Added]
    pose: Callable[[Given, Spot], Array]
    done: Callable[[Given], Words]
    from_behind: bool = False
    turns: bool = False
    slides: bool = False
    hangs: bool = False
    free: bool = False
    axis: Callable[[Given, Spot], Array] | None = None
    part: Callable[[Given], Part | None] | None = None
    glued: Callable[[Given], float] | None = None
    by: tuple[str, ...] = ()
    touches: bool = False
