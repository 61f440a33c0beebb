"""Stars: a regular base with a wall on each side, each wall glued to the next by a tab; the net of prisms,
tents and planters.

Not a recipe itself: ``prism``, ``pyramid`` and ``frustum_box`` draw with it.  The base is drawn with side 0
below and centred, corners counter-clockwise.  Every wall lies one layer out, over the tab of the wall before
it, so that all tabs share the layer inside.
"""

from __future__ import annotations

import math
from typing import NamedTuple

from mingei.core.draft import EdgeRef, Fold, Level, Panel, Piece, Placement, Seam
from mingei.core.joints import GLUE_TAB, TUCK
from mingei.core.plane.shape import Polygon

#: The base at height 0, its centre on the axis, seen from below; and a lid's top at a height, seen from
#: above, over the same corners.
ON_THE_TABLE = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))


def lid_at(height: float) -> Placement:
    return Placement((0.0, 0.0, height), (-1.0, 0.0, 0.0), (0.0, -1.0, 0.0))


class Star(NamedTuple):
    """A frustum of n sides by its nominal measures, mm: across flats of the base and of the rim (0: a point),
    and upright height.

    Between its base and a wall lies ``base_deg``, between two walls ``wall_deg`` (turning angles); ``slant``
    is a wall's height in its own plane.  Plane and solid geometry of the regular frustum.
    """

    sides: int
    across: float
    across_rim: float
    height: float

    @property
    def side(self) -> float:
        return self.across * math.tan(math.pi / self.sides)

    @property
    def rim_side(self) -> float:
        return self.across_rim * math.tan(math.pi / self.sides)

    @property
    def slant(self) -> float:
        return math.hypot(self.height, (self.across_rim - self.across) / 2)

    @property
    def flare_deg(self) -> float:
        """How far a wall leans outwards from upright."""
        return math.degrees(math.atan2((self.across_rim - self.across) / 2, self.height))

    @property
    def base_deg(self) -> float:
        return 90.0 - self.flare_deg

    @property
    def wall_deg(self) -> float:
        flare = math.radians(self.flare_deg)
        return math.degrees(math.acos(math.cos(flare) ** 2 * math.cos(2 * math.pi / self.sides)
                                      + math.sin(flare) ** 2))

    @property
    def base_outline(self) -> Polygon:
        radius = self.side / (2 * math.sin(math.pi / self.sides))
        turns = (-90.0 + (i - 0.5) * 360.0 / self.sides for i in range(self.sides))
        return tuple((radius * math.cos(math.radians(a)), radius * math.sin(math.radians(a))) for a in turns)

    @property
    def wall_outline(self) -> Polygon:
        """Side 0 on the base; then the side towards the next wall, the rim (where there is one), and the side
        towards the wall before.

        Seen from outside, sides of the base run the other way round than walls stand beside each other.
        """
        low, high, up = self.side, self.rim_side, self.slant
        if high <= 0:
            return ((0.0, 0.0), (low, 0.0), (low / 2, up))
        return ((0.0, 0.0), (low, 0.0), ((low + high) / 2, up), ((low - high) / 2, up))


def star_piece(name: str, star: Star, tab: float, stands: Placement, *, base: str = "base", layer: int = 1,
               air: float = 0.0,
               prefix: str = "", tucked: bool = False, nested: bool = True) -> Piece:
    """The star as one piece.

    tab: depth asked for, mm.  layer: of the walls; air: clearance (mm) they stand further out; prefix: put
    before every panel's name; tucked: the last tab is tucked in, so that the thing is filled through the last
    wall; nested: with a prefix, its walls lie outside those without one.
    """
    walls = tuple(f"{prefix}wall {i + 1}" for i in range(star.sides))
    # seen from above, a lid's walls run round the other way than those they lie outside of
    inner = [f"wall {(star.sides - i) % star.sides + 1}" if prefix and nested else ""
             for i in range(star.sides)]
    outline = star.wall_outline
    last = len(outline) - 1
    rim = ((2, Level(90.0 + star.flare_deg)),) if star.across_rim > 0.0 and star.flare_deg else ()
    panels = (Panel(base, star.base_outline), *(Panel(w, outline, layer=layer, edges=rim, air=air, over=over)
                                                for w, over in zip(walls, inner, strict=True)))
    order = [2] * star.sides
    if tucked:
        order[-1] = 3
    folds = tuple(Fold(EdgeRef(base, i), EdgeRef(w, 0), star.base_deg, step)
                  for i, (w, step) in enumerate(zip(walls, order, strict=True)))
    # going round the base as it is drawn, wall i's side ``last`` meets the next wall's side 1
    seams = tuple(
        Seam(f"{w} tab", TUCK if tucked and i >= star.sides - 2 else GLUE_TAB, EdgeRef(w, last),
             EdgeRef(walls[(i + 1) % star.sides], 1), tab, 1, star.wall_deg)
        for i, w in enumerate(walls))
    return Piece(name, base, stands, panels, folds=folds, seams=seams)
