"""It hangs from a panel by a thread through a hole in each."""

from __future__ import annotations

import math

import numpy as np

from mingei.core.amendments.opening import LEAST_BRIDGE_MM, Opening, Shape
from mingei.core.errors import MeasureError
from mingei.core.folded.fold import finished, place
from mingei.core.length import write_both
from mingei.core.plane.shape import bounds, flat_points
from mingei.core.whole.between import Added, Array, Between, Given, Part, Spot, height_of
from mingei.core.whole.bodies import panels, top_of, upright
from mingei.core.words import Words, say

#: A hole for a thread, mm (common practice).
_THREAD_MM, _HAIR_MM = 2.0, 0.05
#: A knot takes so much of it at either end, mm (common practice).
_KNOT_MM = 50.0
#: It hangs clear by so much, mm.
_FREE_MM = 2.0
#: A thread is so long where nothing is said, mm.
_USUAL_MM = 20.0
#: A panel that rises less (sine) lies level.
_LEVEL = 0.5


def _length(given: Given) -> float:
    return _USUAL_MM if given.deep is None else given.deep


def _pierced(given: Given) -> tuple[str, tuple[float, float]]:
    """The guest's panel that is pierced, and where, from its middle: where it was said, else beneath its
    highest point."""
    if given.join.foot:
        return given.join.foot, given.foot_at
    from shapely import Polygon

    name = top_of(given.guest)
    panel, pattern = next(each for each in panels(given.guest) if each[0].name == name)
    matrix = upright(given.guest) @ finished(pattern)[name]
    up = matrix[2, :2]  # the way up within the panel
    if float(np.linalg.norm(up)) < _LEVEL:  # through the middle of a lid
        return name, given.foot_at
    room = Polygon(panel.outline, [flat_points(h)[:-1] for h in panel.holes]).buffer(
        -(_THREAD_MM / 2 + LEAST_BRIDGE_MM + _HAIR_MM))
    if room.is_empty:
        raise MeasureError(say("the {panel} of the {guest} has no room for a hole", panel=name,
                               guest=given.guest.brief.name), "foot", "name another panel")
    parts = getattr(room, "geoms", [room])
    corners = np.concatenate([np.array(part.exterior.coords[:-1]) for part in parts])
    high = corners @ up
    x, y = corners[high > high.max() - _HAIR_MM].mean(axis=0).tolist()
    middle = bounds(panel.outline).centre
    return name, (x - middle[0], y - middle[1])


def _adds(given: Given) -> Added:
    if _length(given) < 1.0:
        raise MeasureError("so short a thread cannot be tied", "deep", "write how long it is, such as 20 mm")
    name, (x, y) = _pierced(given)
    word = given.guest.brief.name
    host = tuple(Opening(f"{word} {number}", given.panel.name, Shape.ROUND, _THREAD_MM, _THREAD_MM, spot.x,
                         spot.y,
                         stays=True) for number, spot in enumerate(given.spots, 1))
    return Added(host, (Opening("thread", name, Shape.ROUND, _THREAD_MM, _THREAD_MM, x, y, stays=True),))


def _pose(given: Given, spot: Spot) -> Array:
    """Beneath the face the thread comes out of, whichever that is: the way of the thread is down."""
    name, (x, y) = _pierced(given)
    panel, pattern = next(each for each in panels(given.guest) if each[0].name == name)
    middle = bounds(panel.outline).centre
    stands = upright(given.guest)
    at = place(stands @ finished(pattern)[name], [(middle[0] + x, middle[1] + y)])[0]
    above = height_of(given.guest) - float(at[2])
    if above > _length(given) - _FREE_MM:
        raise MeasureError(say("the thread is too short: the {guest} would touch the {panel}",
                               guest=given.guest.brief.name, panel=given.panel.name), "deep",
                           say("make it {least} long", least=write_both(math.ceil(above + _FREE_MM))))
    face = given.face(spot)
    turn = np.eye(4)
    angle = np.radians(spot.turn_deg)
    turn[:2, :2] = ((np.cos(angle), -np.sin(angle)), (np.sin(angle), np.cos(angle)))
    to = np.eye(4)
    to[:3, 3] = -at
    hung = np.eye(4)
    hung[:3, 3] = face[:3, 3] - (0.0, 0.0, _length(given))
    found: Array = hung @ turn @ to @ stands
    return found


def _done(given: Given) -> Words:
    return say("Hang the {guest} from the {panel} by a thread, knotted above and below.",
               guest=given.guest.brief.name, panel=given.panel.name)


def _part(given: Given) -> Part:
    return Part("thread", math.ceil(_length(given) + 2 * _KNOT_MM))


JOINT = Between("hangs", "Hangs from", "A thread through a hole in each.",
                frozenset({"x", "y", "turn_deg", "row", "deep", "foot", "inside"}), _adds, _pose, _done,
                from_behind=True,
                hangs=True, part=_part)
