"""A pillow pouch: two bulging sides and, at each end, two flaps that close over curved scores.

Each side is a piece of cylinder whose cross-section is an arc.  A plane at 45 degrees to the cylinder's axis
cuts it in the score; what lies beyond, mirrored in that plane, is the flap, which stands upright.  On the
flat the score is the curve y = z(s) from the end, z being the side's height over the middle plane at arc
length s, and the flap's edge is its mirror: the form develops exactly (reflection across the plane of the
crease).  All panels lie with their middle on that form; a lap inside closes the tube.
"""

from __future__ import annotations

import math
from typing import NamedTuple

from mingei.core.draft import Crease, Draft, EdgeRef, Fold, Lap, Panel, Piece, Placement, Role
from mingei.core.errors import MeasureError
from mingei.core.plane.shape import Point
from mingei.core.recipes import Kind, Measure, Recipe, Values

#: Facets across one side; its middle lies on the form, half a layer further in than a first layer does.
_FACETS, _ON_THE_FORM = 16, -0.5
#: A side that bulges more than this share of its width stands up like a tube, and its flaps would fold back
#: on themselves.
_FULLEST = 0.45


class Bulge(NamedTuple):
    """A side's cross-section: an arc over a chord of ``width`` that rises by ``rise``, mm (plane geometry of
    the circle)."""

    width: float
    rise: float

    @property
    def radius(self) -> float:
        return (self.width**2 / 4 + self.rise**2) / (2 * self.rise)

    @property
    def half_rad(self) -> float:
        return math.asin(min(1.0, self.width / 2 / self.radius))

    def at(self, share: float) -> Point:
        """Along the arc, 0 at its left end to 1: how far across, and how high."""
        turn = self.half_rad * (2 * share - 1)
        return (self.width / 2 + self.radius * math.sin(turn),
                self.radius * math.cos(turn) - (self.radius - self.rise))


def draft_pillow(values: Values) -> Draft:
    """width: across between the two edges; length: from edge to edge of the ends; thick: of the filled pouch;
    lap: mm."""
    width, length, thick, lap = (float(values[k]) for k in ("width", "length", "thick", "lap"))
    bulge = Bulge(width, thick / 2)
    panels: list[Panel] = []
    folds: list[Fold] = []
    laps: list[Lap] = []
    turn = math.degrees(2 * bulge.half_rad / _FACETS)
    side_turn = 180.0 - 2 * math.degrees(bulge.half_rad) + turn  # between the two facets that meet at an edge

    def facet(name: str, whole: str, i: int) -> tuple[Panel, float]:
        """A strip of a side between two lines along its axis, and how steep it stands across, radians."""
        (x0, z0), (x1, z1) = bulge.at(i / _FACETS), bulge.at((i + 1) / _FACETS)
        across = math.hypot(x1 - x0, z1 - z0)
        outline = ((0.0, z0), (across, z1), (across, length - z1), (0.0, length - z0))
        return Panel(name, outline, layer=_ON_THE_FORM, whole=whole), math.atan2(z0 - z1, x1 - x0)

    for side, step in (("front", 1), ("back", 1)):
        for i in range(_FACETS):
            panel, lean = facet(f"{side} {i + 1}", side, i)
            if panels and i:
                folds.append(Fold(EdgeRef(f"{side} {i}", 1), EdgeRef(panel.name, 3), turn, step, bend=True))
            elif panels:
                folds.append(Fold(EdgeRef(f"front {_FACETS}", 1), EdgeRef(panel.name, 3), side_turn, 2))
            panels.append(panel)
    # the lap goes on past the back, under the front
    left, number = lap, 0
    while left > 1e-9:
        panel, _ = facet(f"lap {number + 1}", "lap", number)
        across = panel.outline[1][0]
        share = min(1.0, left / across)
        z0, z1 = (panel.outline[0][1], panel.outline[0][1] + (panel.outline[1][1] - panel.outline[0][1])
                  * share)
        keep = _LAP_SHORT_MM
        root = keep if number else 0.0
        outline = ((0.0, z0 + root), (across * share, z1 + keep), (across * share, length - z1 - keep),
                   (0.0, length - z0 - root))
        onto = f"back {_FACETS}" if number == 0 else f"lap {number}"
        panels.append(Panel(panel.name, outline, layer=_ON_THE_FORM, role=Role.FLAP, whole="lap"))
        folds.append(Fold(EdgeRef(onto, 1), EdgeRef(panel.name, 3), side_turn if number == 0 else turn,
                          3 if number == 0 else 1,
                          bend=number > 0))
        laps.append(Lap(f"front on lap {number + 1}", f"front {number + 1}", panel.name))
        left -= across
        number += 1
    for end, edge, first in (("lower", 0, 4), ("upper", 2, 6)):  # one end, filled, then the other
        for side, step in (("back", first), ("front", first + 1)):
            before: EdgeRef | None = None
            for i in range(_FACETS):
                body, lean = facet(f"{side} {i + 1}", side, i)
                flap, fold, left_line, right_line = _flap(f"{side} {end} flap {i + 1}", f"{side} {end} flap",
                                                          body, edge, lean, step)
                panels.append(flap)
                folds.append(fold)
                # neighbours along a flap are one piece of card: the bend between them closes of itself
                if before is not None:
                    folds.append(Fold(before, left_line, turn, step, Crease.VALLEY, bend=True, closing=True))
                before = right_line
    (x0, z0), (x1, z1) = bulge.at(0.0), bulge.at(1 / _FACETS)
    away = math.hypot(x1 - x0, z1 - z0)
    stands = Placement((x0, 0.0, thick / 2 + z0), ((x1 - x0) / away, 0.0, (z1 - z0) / away), (0.0, 1.0, 0.0))
    return Draft((Piece("pillow", "front 1", stands, tuple(panels), folds=tuple(folds), seams=(),
                        laps=tuple(laps)),),
                 closes=False, filled="back upper flap")


#: The lap stays this far inside the scores at both ends, mm.
_LAP_SHORT_MM = 1.0
#: Lower than this an end is a point, mm.
_POINTED_MM = 1e-6


def _flap(name: str, whole: str, body: Panel, edge: int, lean: float,
          step: int) -> tuple[Panel, Fold, EdgeRef, EdgeRef]:
    """A strip of a flap: the mirror of what lies beyond the score, as deep as the end is high there; the
    score it hangs on; and its sides to the left and to the right.

    Turning angle: with the strip's normal (sin l, 0, cos l), l its lean, mirrored in a plane at 45 degrees,
    the two normals meet at acos(-sin^2 l): sharper than square towards the edges.
    """
    a, b = body.outline[edge], body.outline[(edge + 1) % 4]
    # of the body over the middle plane, at its left and right
    heights = (body.outline[0][1], body.outline[1][1])
    high_a, high_b = heights if edge == 0 else heights[::-1]
    out = -1.0 if edge == 0 else 1.0
    far_a, far_b = (a[0], a[1] + 2 * out * high_a), (b[0], b[1] + 2 * out * high_b)
    at_a, at_b = high_a > _POINTED_MM, high_b > _POINTED_MM  # at an edge of the pouch it runs out in a point
    outline = (b, a, *((far_a,) if at_a else ()), *((far_b,) if at_b else ()))
    panel = Panel(name, outline, layer=_ON_THE_FORM, role=Role.FLAP, whole=whole)
    fold = Fold(EdgeRef(body.name, edge), EdgeRef(name, 0), math.degrees(math.acos(-math.sin(lean) ** 2)),
                step, curved=True)
    ends = (EdgeRef(name, 1), EdgeRef(name, len(outline) - 1))  # along the lines at a and at b
    left, right = ends if edge == 0 else ends[::-1]
    return panel, fold, left, right


def _sound(values: Values) -> None:
    width, length, thick, lap = (float(values[k]) for k in ("width", "length", "thick", "lap"))
    if thick / 2 > _FULLEST * width:
        raise MeasureError("a pouch so thick stands up like a tube", "thick", "make it thinner or wider")
    if length < 2.2 * thick:
        raise MeasureError("its two ends would meet", "length", "make it longer or thinner")
    if lap > width / 2:
        raise MeasureError("so wide a lap covers half the front", "lap", "make it narrower")


RECIPE = Recipe(
    id="pillow", title="Pillow pouch", family="wraps",
    purpose="a gift, a soap: two bulging sides, ends that close over curved scores",
    also=("gift pouch", "favour", "soap box", "lip balm", "party favour"),
    measures=(
        Measure("width", Kind.LENGTH, 80.0, "across, when it is closed", 25.0, 300.0),
        Measure("length", Kind.LENGTH, 130.0, "from end to end, at the edges", 40.0, 500.0),
        Measure("thick", Kind.LENGTH, 26.0, "from front to back, in the middle", 6.0, 120.0,
                label="Thickness"),
        Measure("lap", Kind.LENGTH, 12.0, "width of the strip glued inside the front", 5.0, 40.0, stays=True),
    ),
    draft=draft_pillow, thinnest=0.1, thickest=0.4, contradictions=_sound, gives=("lap", "thick"),
    stock="card-220",
)
