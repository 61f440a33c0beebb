"""It hangs from a panel by a thread, a ribbon or an elastic through a hole in each."""

from __future__ import annotations

import math

import numpy as np

from mingei.core.amendments.opening import LEAST_BRIDGE_MM, LEAST_HOLE_MM, Opening, Shape
from mingei.core.errors import MeasureError
from mingei.core.folded.fold import finished, place
from mingei.core.length import write_both
from mingei.core.plane.shape import bounds, flat_points
from mingei.core.whole.between import Added, Array, Between, Given, Part, Spot, height_of
from mingei.core.whole.bodies import panels, top_of, upright
from mingei.core.words import Words, say

#: What it hangs by, the usual first: how wide its hole is, mm, and how much a knot takes of it at either end
#: (common practice).
_BY = {"thread": (2.0, 50.0), "ribbon": (6.0, 60.0), "elastic": (2.5, 40.0)}
#: A ribbon goes through a slit for something so thick, mm.
_RIBBON, _RIBBON_MM, _HAIR_MM = "ribbon", 0.3, 0.05
#: It hangs clear by so much, mm.
_FREE_MM = 2.0
#: A thread is so long where nothing is said, mm.
_USUAL_MM = 20.0
#: A panel that rises less (sine) lies level.
_LEVEL = 0.5


def _hole(given: Given, name: str, panel: str, x: float, y: float, turn: float = 0.0) -> Opening:
    wide, _ = _BY[given.by]
    if given.by == _RIBBON:
        return Opening(name, panel, Shape.SLOT, wide, LEAST_HOLE_MM, x, y, turn_deg=turn, stays=True,
                       thick=_RIBBON_MM)
    return Opening(name, panel, Shape.ROUND, wide, wide, x, y, stays=True)


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
        -(_BY[given.by][0] / 2 + LEAST_BRIDGE_MM + _HAIR_MM))
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
    host = tuple(_hole(given, f"{word} {number}", given.panel.name, spot.x, spot.y, given.turn_on_panel(spot))
                 for number, spot in enumerate(given.spots, 1))
    return Added(host, (_hole(given, given.by, name, x, y),))


def _pose(given: Given, spot: Spot) -> Array:
    """Beneath the face the thread comes out of, whichever that is: the way of the thread is down."""
    name, (x, y) = _pierced(given)
    panel, pattern = next(each for each in panels(given.guest) if each[0].name == name)
    middle = bounds(panel.outline).centre
    stands = upright(given.guest)
    at = place(stands @ finished(pattern)[name], [(middle[0] + x, middle[1] + y)])[0]
    above = height_of(given.guest) - float(at[2])
    if above > _length(given) - _FREE_MM:
        raise MeasureError(say("so short, the {guest} would touch the {panel}",
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
    words = {"guest": given.guest.brief.name, "panel": given.panel.name}
    if given.by == _RIBBON:
        return say("Hang the {guest} from the {panel} by a ribbon through the slit in each, knotted above "
                   "and below.", **words)
    if given.by == "elastic":
        return say("Hang the {guest} from the {panel} by an elastic, knotted above and below.", **words)
    return say("Hang the {guest} from the {panel} by a thread, knotted above and below.", **words)


def _part(given: Given) -> Part:
    wide, knot = _BY[given.by]
    return Part(given.by, math.ceil(_length(given) + 2 * knot),
                write_both(wide) if given.by == _RIBBON else "")


JOINT = Between("hangs", "Hangs from", "A thread, a ribbon or an elastic through a hole in each.",
                frozenset({"x", "y", "turn_deg", "row", "deep", "foot", "inside", "by"}), _adds, _pose, _done,
                from_behind=True, hangs=True, part=_part, by=tuple(_BY))
