"""It stands on a panel, glued there; what touches is traced."""

from __future__ import annotations

from collections.abc import Sequence
from functools import reduce

import numpy as np
from shapely.geometry.polygon import orient

from mingei.core.amendments.opening import outline_points
from mingei.core.kinds.trace import Trace
from mingei.core.plane.shape import Polygon
from mingei.core.whole.between import Added, Array, Between, Given, Spot, standing
from mingei.core.whole.bodies import touching
from mingei.core.words import Words, say

#: Less is not traced, mm2.
_LEAST_MM2 = 0.5


def traced(given: Given, outlines: Sequence[Polygon]) -> tuple[Trace, ...]:
    """Outlines beside each spot, traced on the host's panel as far as it reaches."""
    from shapely import Polygon as Area

    middle = given.middle
    card = Area([(x - middle[0], y - middle[1]) for x, y in outline_points(given.panel)])
    found = []
    for number, spot in enumerate(given.spots, 1):
        for part, outline in enumerate(outlines, 1):
            area = Area(given.on_panel(spot, np.array(outline))).intersection(card)
            for piece in getattr(area, "geoms", [area]):
                if piece.area < _LEAST_MM2 or not hasattr(piece, "exterior"):
                    continue
                text = " ".join(f"{x:.4f},{y:.4f}" for x, y in orient(piece).exterior.coords[:-1])
                found.append(Trace(f"{given.guest.brief.name} {number}.{part}", given.panel.name, text))
    return tuple(found)


def _adds(given: Given) -> Added:
    return Added(traced(given, touching(given.guest, given.join.foot)))


def _pose(given: Given, spot: Spot) -> Array:
    return standing(given, spot, foot=given.join.foot)


def _glued(given: Given) -> float:
    """What touches, mm2."""
    from shapely import Polygon as Area

    # outlines, and those of what they leave out
    rings = [Area(ring) for ring in touching(given.guest, given.join.foot)]
    return float(reduce(lambda a, b: a.symmetric_difference(b), rings, Area()).area)


def _done(given: Given) -> Words:
    return say("Glue the {guest} onto the {panel}, where it is traced.", guest=given.guest.brief.name,
               panel=given.panel.name)


JOINT = Between("stands", "Stands on", "Glued on a face; where it touches is traced there.",
                frozenset({"x", "y", "turn_deg", "row", "inside", "foot"}), _adds, _pose, _done, glued=_glued,
                touches=True)
