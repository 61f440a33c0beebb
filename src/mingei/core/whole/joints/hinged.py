"""It stands on a panel and tips up on a strip that goes through a slit in each of the two."""

from __future__ import annotations

import numpy as np

from mingei.core.amendments.opening import LEAST_HOLE_MM, Opening, Shape
from mingei.core.errors import MeasureError
from mingei.core.folded.fold import finished
from mingei.core.length import write_both
from mingei.core.plane.shape import bounds
from mingei.core.whole.between import Added, Array, Between, Given, Part, Spot, standing
from mingei.core.whole.bodies import lower, panels, touching, upright
from mingei.core.words import Words, say

#: The strip is card so thick, and its slits lie so far from the line it bends along, mm; glued behind it
#: reaches so far (common practice).
_STRIP_MM, _FROM_LINE_MM, _GLUED_MM = 0.3, 6.0, 18.0
_LONG_MM = 2 * (_FROM_LINE_MM + _GLUED_MM)
#: A strip takes such a share of the side it lies along, and is no wider than this, mm.
_SHARE, _WIDEST_MM = 0.6, 40.0
#: What lies so low (mm) must not turn into what it stands on.
_CORNER_MM = 3.0
#: A panel is level within this (cosine).
_LEVEL = 0.999


def _side(given: Given) -> tuple[float, float, float]:
    """The line the guest tips about, in its own standing place: how far behind its middle, mm, and from where
    to where along x."""
    # walls reach past the base by their card
    rings = touching(given.guest) and lower(given.guest, _CORNER_MM)
    if not rings:
        raise MeasureError(say("the {guest} stands on a point: there is nothing to hinge",
                               guest=given.guest.brief.name), "how", "let it turn on a fastener")
    box = bounds(q for ring in rings for q in ring)
    behind = box.top if given.deep is None else given.deep
    return behind, box.left, box.right


def _wide(given: Given) -> float:
    _, left, right = _side(given)
    under = bounds(given.panel.outline)
    return min(_WIDEST_MM, *(_SHARE * side for side in (right - left, under.width, under.height)))


def _floor(given: Given) -> tuple[str, tuple[float, float], float]:
    """The guest's own level panel at its bottom, where its slit lies in it, from its middle, and its turn."""
    stands = upright(given.guest)
    behind, left, right = _side(given)
    for panel, pattern in panels(given.guest):
        matrix = stands @ finished(pattern)[panel.name]
        if abs(matrix[2, 2]) < _LEVEL or abs(matrix[2, 3]) > 2 * pattern.stock.caliper_mm or panel.whole:
            continue
        at = np.linalg.inv(matrix) @ np.array(((left + right) / 2, behind - _FROM_LINE_MM, matrix[2, 3], 1.0))
        along = np.linalg.inv(matrix)[:2, 0]
        middle = bounds(panel.outline).centre
        return (panel.name, (float(at[0]) - middle[0], float(at[1]) - middle[1]),
                float(np.degrees(np.arctan2(along[1], along[0]))))
    raise MeasureError(say("the {guest} has no level panel beneath for a hinge",
                           guest=given.guest.brief.name), "how",
                       "close its base, or let it turn on a fastener")


def _adds(given: Given) -> Added:
    behind, left, right = _side(given)
    wide = _wide(given)
    name, (x, y), turn = _floor(given)
    host = []
    for number, spot in enumerate(given.spots, 1):
        at, ahead = given.on_panel(spot, np.array((((left + right) / 2, behind + _FROM_LINE_MM),
                                                   ((left + right) / 2 + 1.0, behind + _FROM_LINE_MM))))
        way = float(np.degrees(np.arctan2(*(ahead - at)[::-1])))
        host.append(Opening(f"{given.guest.brief.name} {number}", given.panel.name, Shape.SLOT, wide,
                            LEAST_HOLE_MM,
                            float(at[0]), float(at[1]), turn_deg=way, stays=True, thick=_STRIP_MM))
    own = Opening("hinge", name, Shape.SLOT, wide, LEAST_HOLE_MM, x, y, turn_deg=turn, stays=True,
                  thick=_STRIP_MM)
    return Added(tuple(host), (own,))


def axis(given: Given, spot: Spot) -> Array:
    """From the line it tips about to the host (4, 4): x along the line."""
    to = np.eye(4)
    to[1, 3] = _side(given)[0]
    found: Array = given.face(spot) @ to
    return found


def _done(given: Given) -> Words:
    return say(
        "Cut a strip {wide} wide and {long} long of strong card or cloth, score it across the middle, "
        "pass its "
               "ends through the slits of the {guest} and the {panel}, and glue them behind; both lie beside "
               "the line "
               "it bends along.", wide=write_both(round(_wide(given), 1)),
               long=write_both(_LONG_MM), guest=given.guest.brief.name,
               panel=given.panel.name)


def _part(given: Given) -> Part:
    return Part("strip of strong card or cloth", _LONG_MM, write_both(round(_wide(given), 1)))


JOINT = Between("hinged", "Hinged on", "A strip through a slit in each; it tips up about its back.",
                frozenset({"x", "y", "turn_deg", "row", "deep", "most_deg", "inside"}), _adds, standing,
                _done,
                early=True, turns=True, axis=axis, part=_part)
