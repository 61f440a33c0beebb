"""It turns on a paper fastener that goes through both."""

from __future__ import annotations

from mingei.core.amendments.opening import Opening, Shape, Takes
from mingei.core.length import write_both
from mingei.core.whole.between import Added, Between, Given, Part, foot_of, lying
from mingei.core.words import Words, say

#: The hole for a paper fastener, mm (common practice).
_FASTENER_MM = 4.0


def _adds(given: Given) -> Added:
    panel, _ = foot_of(given)
    word = given.guest.brief.name
    host = tuple(Opening(f"{word} {number}", given.panel.name, Shape.ROUND, _FASTENER_MM, _FASTENER_MM,
                         spot.x, spot.y, stays=True)
                 for number, spot in enumerate(given.spots, 1))
    return Added(host, (Opening("pivot", panel.name, Shape.ROUND, _FASTENER_MM, _FASTENER_MM, *given.foot_at,
                                stays=True),))


def _done(given: Given) -> Words:
    return say(
        "Pin the {guest} to the {panel} with its fastener, legs spread behind, so loose that it turns.",
               guest=given.guest.brief.name, panel=given.panel.name)


def _part(given: Given) -> Part:
    return Part(Takes.FASTENER, size=write_both(_FASTENER_MM))


JOINT = Between("turns", "Turns on", "A paper fastener through both.",
                frozenset({"x", "y", "turn_deg", "row", "foot", "foot_x", "foot_y", "most_deg", "inside"}),
                _adds,
                lying, _done, from_behind=True, turns=True, part=_part)
