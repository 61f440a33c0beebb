"""What lies behind a panel, layer on layer: a hole for something that goes through goes through all of it."""

from __future__ import annotations

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.amendments.opening import Opening, Shape, may_open
from mingei.core.document.build import Build
from mingei.core.draft import Panel
from mingei.core.flat.pattern import FlatPanel
from mingei.core.folded.fold import finished
from mingei.core.keeping import kept_with
from mingei.core.plane import contour
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Point, bounds, flat_points
from mingei.core.whole.bodies import panels

Array = NDArray[np.float64]
#: Layers lie on each other within this, mm, and are parallel within this (cosine).
_TOUCH_MM, _PARALLEL = 0.06, 0.9999


class Layer(NamedTuple):
    """A panel, the way to it from the panel one begins with (4, 4), and from which depth to which it lies
    behind the face of that, mm."""

    panel: Panel
    to: Array
    near: float
    far: float

    def takes(self, opening: Opening, of: Panel) -> Opening:
        """An opening of the panel one begins with, in this one."""
        x, y = (a + b for a, b in zip(bounds(of.outline).centre, (opening.x, opening.y), strict=True))
        at = self.to @ np.array((x, y, 0.0, 1.0))
        middle = bounds(self.panel.outline).centre
        turn = np.radians(opening.turn_deg)
        way = self.to[:2, :2] @ np.array((np.cos(turn), np.sin(turn)))
        found = opening._replace(name=f"{opening.name} {self.panel.name}", panel=self.panel.name,
                                 x=float(at[0]) - middle[0], y=float(at[1]) - middle[1],
                                 turn_deg=float(np.degrees(np.arctan2(way[1], way[0]))))
        if opening.shape is Shape.DRAWN and self.to[2, 2] < 0:  # seen from its other side
            ring = flat_points(contour.path(contour.read(opening.drawn)), 0.01)[:-1]
            wide = max(x for x, _ in ring)
            found = found._replace(drawn=" ".join(f"{wide - x:.4f},{y:.4f}" for x, y in reversed(ring)),
                                   turn_deg=found.turn_deg - 180.0)
        return found


def _covers(layer: Layer, flat: FlatPanel, at: Point) -> bool:
    from shapely import Point as Place

    x, y = (layer.to @ np.array((*at, 0.0, 1.0)))[:2].tolist()
    return bool(area_of(flat.polygon, flat.hole_polygons).contains(Place(x, y)))


@kept_with
def behind(build: Build, panel: str, inside: bool, at: Point) -> tuple[Layer, ...]:
    """A panel and all that lies on its far side, layer on layer.

    inside: what is looked from is its inner face; at: where, in its coordinates.
    """
    every = [(q, p) for q, p in panels(build) if q.name == panel or may_open(q)]
    first, pattern = next(each for each in every if each[0].name == panel)
    thick = pattern.stock.caliper_mm
    back = np.linalg.inv(finished(pattern)[panel])
    way = -1.0 if inside else 1.0
    found = [Layer(first, np.eye(4), 0.0, thick)]
    left = []
    for q, p in every:
        matrix = back @ finished(p)[q.name]
        if q.name == panel or abs(matrix[2, 2]) < _PARALLEL:
            continue
        middle, half = thick / 2 - way * float(matrix[2, 3]), p.stock.caliper_mm / 2
        to = np.asarray(np.linalg.inv(matrix), dtype=np.float64)
        left.append((Layer(q, to, middle - half, middle + half), p))
    grown = True
    while grown:
        grown = False
        for each in left:
            layer, owner = each
            if (abs(layer.near - found[-1].far) < _TOUCH_MM
                    and _covers(layer, owner.by_name[layer.panel.name], at)):
                found.append(layer)
                left.remove(each)
                grown = True
                break
    return tuple(found)
