"""It slides along a slot, held by a fastener with a washer behind."""

from __future__ import annotations

from mingei.core.amendments.opening import Opening, Shape, Takes
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.whole.between import Added, Between, Given, Part, foot_of, lying
from mingei.core.words import Words, say

#: The hole for a paper fastener, mm (common practice).
_FASTENER_MM = 4.0
#: No shorter way is worth a slot, mm.
_LEAST_MM = 3.0


def _adds(given: Given) -> Added:
    way = given.deep if given.deep is not None else 0.0
    if way < _LEAST_MM:
        raise MeasureError("how far it slides was not said", "deep", "write how far, such as 30 mm")
    panel, _ = foot_of(given)
    wide = _FASTENER_MM + given.join.fit
    host = tuple(Opening(f"{given.guest.brief.name} {number}", given.panel.name, Shape.RECTANGLE, way + wide,
                         wide,
                         spot.x, spot.y, corner=wide / 2 - 0.01, turn_deg=spot.turn_deg, stays=True)
                 for number, spot in enumerate(given.spots, 1))
    return Added(host, (Opening("pivot", panel.name, Shape.ROUND, _FASTENER_MM, _FASTENER_MM, *given.foot_at,
                                stays=True),))


def _done(given: Given) -> Words:
    return say(
        "Put a fastener through the {guest} and the slot in the {panel}, a washer of card behind, and spread "
               "its legs: the ends of the slot are its stops.", guest=given.guest.brief.name,
               panel=given.panel.name)


def _part(given: Given) -> Part:
    return Part(Takes.FASTENER, size=write_both(_FASTENER_MM))


JOINT = Between("slides", "Slides in", "A fastener in a slot, a washer behind; the ends of the slot stop it.",
                frozenset({"x", "y", "turn_deg", "row", "foot", "foot_x", "foot_y", "deep", "fit", "inside"}),
                _adds,
                lying, _done, from_behind=True, slides=True, part=_part)
