"""Rolled walls: tubes, cones and rings, as facets joined by bends, and the discs that close them.

Not a recipe itself: the round recipes draw with it.  A wall stands on the table round the upright axis; its
facets are numbered counter-clockwise seen from above, beginning at the front, each drawn as seen from
outside: side 0 below, 1 towards the next facet, then the upper rim (where there is one), last the side
towards the facet before.  A facet is as wide as the arc it stands for, so that the flat has the true curve's
length.
"""

from __future__ import annotations

import itertools
import math
from collections.abc import Sequence
from dataclasses import replace
from typing import NamedTuple

from mingei.core.draft import (
    Crease,
    Edge,
    EdgeRef,
    Fold,
    Lap,
    Meets,
    Panel,
    Placement,
    Role,
    Seam,
    Within,
)
from mingei.core.joints import GLUE_TAB
from mingei.core.plane.shape import Point, Polygon, hole_path, turned

#: Facets are never fewer, so that a wall looks round, nor more, so that it is still drawn at once.
_FEWEST, _MOST = 20, 72
#: A tooth narrower than this is too small to cut and glue, mm (common practice).
LEAST_TOOTH_MM = 2.5
#: A rest of a lap narrower than this share of a facet is left off.
_REST = 0.15
#: So much of their depth (a share) free teeth lean in at each side.
_LEAN = 0.1
_CURVED = "teeth stand where the curve needs them"


def facet_count(diameter: float, chord_mm: float) -> int:
    """How many facets keep each chord within ``chord_mm`` of the circle (its sagitta, plane geometry); a
    multiple of four."""
    radius = diameter / 2
    count = math.pi / math.acos(max(0.0, 1.0 - chord_mm / radius))
    return max(_FEWEST, min(_MOST, 4 * math.ceil(count / 4)))


class Wall(NamedTuple):
    """A rolled wall by its inside: diameters at its foot and its rim (0: a point), upright height, mm; facets
    round it."""

    low: float
    high: float
    height: float
    facets: int

    @property
    def slant(self) -> float:
        """The true cone's, foot to rim."""
        return math.hypot(self.height, (self.low - self.high) / 2)

    @property
    def phi(self) -> float:
        """What each facet turns through on the flat, radians, positive where it narrows upwards: the sector's
        angle 2 pi sin b over the facets, b being half the cone's angle (handbook development of a right
        cone)."""
        return 2 * math.pi * (self.low - self.high) / 2 / self.slant / self.facets

    @property
    def reach(self) -> tuple[float, float]:
        """Radii of foot and rim on the flat, measured from the cone's point; 0 for a tube, which has none."""
        wide = abs(self.low - self.high) / 2 / self.slant
        return (self.low / 2 / wide, self.high / 2 / wide) if wide > 1e-9 else (0.0, 0.0)

    @property
    def _edge_tilt(self) -> float:
        """Sine of the angle between axis and the line where two facets meet."""
        return math.sin(self.phi / 2) / math.sin(math.pi / self.facets)

    @property
    def lean(self) -> float:
        """How far a facet leans inwards from upright, radians."""
        return math.copysign(math.acos(min(1.0, math.sqrt(1 - self._edge_tilt**2) / math.cos(self.phi / 2))),
                             self.phi)

    @property
    def turn_deg(self) -> float:
        """Between two facets."""
        return math.degrees(math.acos(math.cos(self.lean) ** 2 * math.cos(2 * math.pi / self.facets)
                                      + math.sin(self.lean) ** 2))

    @property
    def foot_deg(self) -> float:
        """Between a facet and a face across the foot; across the rim it is 180 less this."""
        return 90.0 + math.degrees(self.lean)

    @property
    def stands(self) -> float:
        """Upright height of the faceted wall, mm."""
        side = self.slant * math.cos(self.phi / 2)
        return side * math.cos(self.lean)

    def facet(self, share: float = 1.0) -> tuple[Polygon, tuple[tuple[int, float], ...]]:
        """Outline of a facet, or of its left ``share``, and the arcs of its foot and rim."""
        low, high = self.reach
        if low == high == 0.0:
            width = math.pi * self.low / self.facets * share
            return ((0.0, 0.0), (width, 0.0), (width, self.height), (0.0, self.height)), ()
        half = abs(self.phi) / 2
        down = 1.0 if self.phi > 0 else -1.0  # towards the foot, seen from the cone's point
        point = (low * math.sin(half), down * low * math.cos(half))

        def at(radius: float, turn: float) -> Point:
            return point[0] + radius * math.sin(turn), point[1] - down * radius * math.cos(turn)

        right = half * (2 * share - 1)
        sweep = math.degrees(half + right) * down
        foot = (at(low, -half), at(low, right))
        if high <= 0.0:
            return (*foot, point), ((0, sweep),)
        return (*foot, at(high, right), at(high, -half)), ((0, sweep), (2, -sweep))


class Rolled(NamedTuple):
    """A wall's panels with the bends and laps between them."""

    panels: tuple[Panel, ...]
    folds: tuple[Fold, ...]
    laps: tuple[Lap, ...]


def roll(name: str, wall: Wall, lap: float, step: int, *, turns: int = 1, spiral: bool = True,
         inward: bool = False,
         outer: Sequence[tuple[int, Edge]] = ()) -> Rolled:
    """The facets of a wall.

    lap: mm past the whole turns, along the wider rim.  spiral: each turn lies one layer further out; else
    what laps over keeps to the same layer, as on a cone, whose point it would shift.  inward: layers are
    counted inwards, since the wall is measured outside. outer: what the rims of the outer turns do.
    """
    per = wall.facets
    shares = [1.0] * (per * turns) + _lapping(wall, lap)
    panels = []
    for i, share in enumerate(shares):
        layer = i // per if spiral else 0
        panels.append(_facet(f"{name} {i + 1}", name, wall, share, i == 0, i == len(shares) - 1, layer,
                             outer if layer else ()))
    pairs = [(panels[i - per].name, panels[i].name)[::1 if inward else -1] for i in range(per, len(panels))]
    laps = tuple(Lap(f"{name} lap {number}", upper, lower) for number, (upper, lower) in enumerate(pairs, 1))
    return Rolled(tuple(panels), _bends(panels, wall, step), laps)


def gores_of(name: str, wall: Wall, count: int, lap: float, step: int) -> tuple[Rolled, ...]:
    """A wall in so many like pieces, each lapping over the next; the facets are numbered on from one to the
    next.

    lap: mm, along the wider rim.  The laps of each name what lies on it, which belongs to the one before.
    """
    per = wall.facets // count
    over = _lapping(wall, lap)
    found = []
    for gore in range(count):
        whole, before = f"{name} gore {gore + 1}", f"{name} gore {(gore - 1) % count + 1}"
        names = ([f"{name} {gore * per + i + 1}" for i in range(per)]
                 + [f"{whole} lap {i + 1}" for i in range(len(over))])
        shares = [1.0] * per + over
        last = len(names) - 1
        panels = [_facet(n, whole, wall, share, i == 0, i == last)
                  for i, (n, share) in enumerate(zip(names, shares, strict=True))]
        laps = tuple(Lap(f"{whole} on {i + 1}", f"{before} lap {i + 1}", names[i]) for i in range(len(over)))
        found.append(Rolled(tuple(panels), _bends(panels, wall, step), laps))
    return tuple(found)


def _lapping(wall: Wall, lap: float) -> list[float]:
    """The facets, as shares of whole ones, that lie in a lap of so many mm along the wider rim."""
    width = math.pi * max(wall.low, wall.high) / wall.facets
    rest = lap / width - int(lap / width)
    return [1.0] * int(lap / width) + ([rest] if rest > _REST else [])


def _facet(name: str, whole: str, wall: Wall, share: float, first: bool, last: bool, layer: int = 0,
           outer: Sequence[tuple[int, Edge]] = ()) -> Panel:
    outline, curves = wall.facet(share)
    edges = list(outer)
    if curves:  # both ends keep to lines through the cone's point, as every bend does
        if first:
            edges.append((len(outline) - 1, Meets(wall.turn_deg)))
        if last:
            edges.append((1,
                          Meets(wall.turn_deg * math.sin(wall.phi * (share - 0.5)) / math.sin(wall.phi / 2))))
    return Panel(name, outline, layer=layer, edges=tuple(edges), curves=curves, whole=whole)


def _bends(panels: Sequence[Panel], wall: Wall, step: int) -> tuple[Fold, ...]:
    last = len(panels[0].outline) - 1
    return tuple(Fold(EdgeRef(a.name, 1), EdgeRef(b.name, last), wall.turn_deg, step, bend=True)
                 for a, b in itertools.pairwise(panels))


def stands(wall: Wall, facet: int = 0) -> Placement:
    """Where a facet, counted from 0, stands: the first at the front, its foot on the table, the axis through
    the origin."""
    low = wall.facet()[0][1][0]
    away = low / (2 * math.tan(math.pi / wall.facets))
    turn = turned(360.0 * facet / wall.facets)
    (x, y), (ux, uy), (vx, vy) = (turn.apply(p)
                                  for p in ((-low / 2, -away), (1.0, 0.0), (0.0, math.sin(wall.lean))))
    return Placement((x, y, 0.0), (ux, uy, 0.0), (vx, vy, math.cos(wall.lean)))


def disc(name: str, diameter: float, facets: int, layer: int = 1, edges: Sequence[Edge] = ()) -> Panel:
    """A round face about the origin; side i meets facet i + 1 of a rim it covers, or, seen from below, facet
    1 - i.

    edges: one for each side, where they do more than cover the teeth.
    """
    radius, step = diameter / 2, 2 * math.pi / facets
    outline = tuple((radius * math.cos(math.pi / 2 + (i - 0.5) * step),
                     radius * math.sin(math.pi / 2 + (i - 0.5) * step))
                    for i in range(facets))
    return Panel(name, outline, layer=layer, edges=tuple(enumerate(edges)),
                 curves=tuple((i, 360.0 / facets) for i in range(facets)))


def ring(name: str, outside: float, inside: float, facets: int) -> Panel:
    """A flat ring about the origin, its sides numbered as a disc's."""
    face = disc(name, outside, facets, 0)
    return replace(face, holes=(hole_path(inside),))


def turned_out(row: str, facets: Sequence[Panel], depth: float, step: int, *,
               foot: bool = False) -> tuple[tuple[Panel, ...],
                                            tuple[Fold, ...]]:
    """Free teeth turned outwards from the rim or foot of an upright wall, one on each of its facets that are
    named, to be glued to a face round it; each has its facet's number, and a facet too narrow for one goes
    without."""
    panels, folds = [], []
    for facet in facets:
        width = facet.ways[0][2]
        if width < LEAST_TOOTH_MM:
            continue
        lean = min(_LEAN * depth, 0.3 * width)
        outline = ((0.0, 0.0), (width, 0.0), (width - lean, depth), (lean, depth))
        tooth = Panel(f"{row} {facet.name.rsplit(' ', 1)[1]}", outline, layer=0, role=Role.FLAP,
                      edges=((1, Within()), (3, Within())), whole=row)
        panels.append(tooth)
        folds.append(Fold(EdgeRef(facet.name, 0 if foot else 2), EdgeRef(tooth.name, 0), 90.0, step,
                          Crease.VALLEY))
    return tuple(panels), tuple(folds)


def outermost(rolled: Rolled) -> tuple[Panel, ...]:
    """The facets of a rolled wall that nothing lies over, which can bear what turns outwards."""
    beneath = {lap.lower for lap in rolled.laps}
    return tuple(p for p in rolled.panels if p.name not in beneath)


def teeth(row: str, name: str, wall: Wall, onto: str, depth: float, step: int, *, foot: bool,
          only: Sequence[int] | None = None) -> tuple[Seam, ...]:
    """One tooth a facet, from the foot or the rim of a wall onto a disc; only: the facets that bear one,
    counted from 0."""
    side = 0 if foot else 2
    turn = wall.foot_deg if foot else 180.0 - wall.foot_deg
    return tuple(Seam(f"{row} {i + 1}", GLUE_TAB, EdgeRef(f"{name} {i + 1}", side),
                      EdgeRef(onto, -i % wall.facets if foot else i),
                      depth, step, turn, fixed=_CURVED, row=row)
                 for i in (range(wall.facets) if only is None else only))
