"""It drops into an opening cut for it, or into one that is there, as deep as it goes."""

from __future__ import annotations

import numpy as np

from mingei.core.amendments.opening import LEAST_HOLE_MM, Opening, Shape
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.plane.shape import Point, flat_points
from mingei.core.whole.between import Added, Array, Between, Given, Spot, height_of, standing
from mingei.core.whole.bodies import lower
from mingei.core.words import Words, say

#: How deep a bowl sits in a ring that is there is found so finely, mm.
_FINE_MM = 0.05


def _hole(given: Given, spot: Spot) -> tuple[Point, ...] | None:
    """The opening of the host's panel that is there already at a spot, in the guest's own turn; None where
    there is none."""
    from shapely import Point as Place
    from shapely import Polygon

    x, y = given.middle[0] + spot.x, given.middle[1] + spot.y
    for path in given.panel.holes:
        ring = flat_points(path, 0.02)[:-1]
        if Polygon(ring).contains(Place(x, y)):
            turn = -np.radians(spot.turn_deg)
            away = np.array(ring) - (x, y)
            cos, sin = float(np.cos(turn)), float(np.sin(turn))
            way = -1.0 if given.join.inside else 1.0
            own = np.stack([way * (cos * away[:, 0] - sin * away[:, 1]), sin * away[:, 0] + cos * away[:, 1]],
                           axis=1)
            return tuple((float(a), float(b)) for a, b in own)
    return None


def _sunk(given: Given) -> float:
    """How deep it sits, mm: as was said, or as far as the opening that is there lets it."""
    from shapely import Polygon, union_all
    from shapely.affinity import translate

    if given.deep is not None:
        return given.deep
    ring = _hole(given, given.spots[0])
    if ring is None:
        raise MeasureError("how deep it drops was not said", "deep", "write how deep, such as 5 mm")
    room = Polygon(ring).buffer(-given.join.fit)
    low, high = 0.0, height_of(given.guest)
    while high - low > _FINE_MM:
        amid = (low + high) / 2
        body = union_all([Polygon(outline) for outline in lower(given.guest, amid)])
        low, high = (amid, high) if room.covers(translate(body)) else (low, amid)
    return low


def _adds(given: Given) -> Added:
    from shapely import Polygon, union_all

    if _hole(given, given.spots[0]) is not None:
        if _sunk(given) <= _FINE_MM:
            raise MeasureError(say("the {guest} does not go into the opening that is there",
                                   guest=given.guest.brief.name), "fit",
                               "make it smaller, or the opening larger")
        return Added()
    deep = _sunk(given)
    if deep <= 0:
        raise MeasureError("so it does not drop in at all", "deep", "write how deep, such as 5 mm")
    body = union_all([Polygon(outline) for outline in lower(given.guest, deep)])
    grown = body.buffer(given.join.fit, join_style="mitre", mitre_limit=1.5).simplify(0.005)
    host = []
    for number, spot in enumerate(given.spots, 1):
        for part, area in enumerate(getattr(grown, "geoms", [grown]), 1):
            points = given.on_panel(spot, np.array(area.exterior.coords[:-1]))
            low, high = points.min(axis=0), points.max(axis=0)
            if float((high - low).min()) < LEAST_HOLE_MM:
                raise MeasureError(say("below {deep} the {guest} is too thin for an opening",
                                       deep=write_both(deep),
                                       guest=given.guest.brief.name), "how",
                                   "let it go through slots, on tongues")
            text = " ".join(f"{x - low[0]:.4f},{y - low[1]:.4f}" for x, y in points.tolist())
            middle = (low + high) / 2
            host.append(Opening(f"{given.guest.brief.name} {number}.{part}", given.panel.name, Shape.DRAWN,
                                float(high[0] - low[0]), float(high[1] - low[1]), float(middle[0]),
                                float(middle[1]), drawn=text, stays=True))
    return Added(tuple(host), deep=deep - given.laid(given.spots[0]))


def _pose(given: Given, spot: Spot) -> Array:
    return standing(given, spot, _sunk(given))


def _done(given: Given) -> Words:
    return say("Drop the {guest} into the {panel}.", guest=given.guest.brief.name, panel=given.panel.name)


JOINT = Between("drops", "Drops into",
                "It sits in an opening cut to its outline, so deep; or in one that is there.",
                frozenset({"x", "y", "turn_deg", "row", "deep", "fit", "inside"}), _adds, _pose, _done)
