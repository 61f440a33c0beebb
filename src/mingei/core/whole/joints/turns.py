"""It turns on a paper fastener or a pin that goes through both, or on a stick it is set on."""

from __future__ import annotations

from mingei.core.amendments.opening import LEAST_HOLE_MM, Opening, Shape, Takes
from mingei.core.length import write_both
from mingei.core.whole.between import Added, Between, Given, Part, foot_of, lying
from mingei.core.words import Words, say

#: The hole for a paper fastener; a stick, and how far it stands out of what it bears, mm (common practice).
_FASTENER_MM, _STICK_MM, _OUT_MM = 4.0, 3.0, 8.0
_ON = (Takes.FASTENER, Takes.PIN, Takes.STICK)


def _holes(given: Given) -> tuple[float, float]:
    """How wide the holes of host and guest are, mm."""
    if given.by == Takes.STICK:  # it holds fast below, and the guest has play on it
        return _STICK_MM, _STICK_MM + 2 * given.join.fit
    wide = _FASTENER_MM if given.by == Takes.FASTENER else LEAST_HOLE_MM
    return wide, wide


def _adds(given: Given) -> Added:
    panel, _ = foot_of(given)
    word, (below, above) = given.guest.brief.name, _holes(given)
    host = tuple(Opening(f"{word} {number}", given.panel.name, Shape.ROUND, below, below, spot.x, spot.y,
                         stays=True) for number, spot in enumerate(given.spots, 1))
    return Added(host, (Opening("pivot", panel.name, Shape.ROUND, above, above, *given.foot_at, stays=True),))


def _done(given: Given) -> Words:
    words = {"guest": given.guest.brief.name, "panel": given.panel.name}
    if given.by == Takes.PIN:
        return say("Pin the {guest} to the {panel} with its pin, its point turned over behind and covered, "
                   "so loose that it turns.", **words)
    if given.by == Takes.STICK:
        return say("Stand the stick in the hole of the {panel} with a collar of glue, set the {guest} on "
                   "it, and glue a stop on the end of the stick, so loose that it turns.", **words)
    return say("Pin the {guest} to the {panel} with its fastener, legs spread behind, so loose that it "
               "turns.", **words)


def _part(given: Given) -> Part:
    if given.by == Takes.STICK:
        _, pattern = foot_of(given)
        long = given.through + pattern.stock.caliper_mm + _OUT_MM
        return Part(Takes.STICK, round(long, 1), write_both(_STICK_MM))
    return Part(given.by, size=write_both(_holes(given)[0]))


JOINT = Between("turns", "Turns on", "A paper fastener or a pin through both, or a stick it is set on.",
                frozenset({"x", "y", "turn_deg", "row", "foot", "foot_x", "foot_y", "most_deg", "inside",
                           "by", "fit"}), _adds, lying, _done, from_behind=True, turns=True, part=_part,
                by=tuple(str(each) for each in _ON))
