"""It slides along a slot, held by a fastener with a washer behind."""

from __future__ import annotations

import numpy as np

from mingei.core.amendments.opening import Opening, Shape, Takes
from mingei.core.covering.leaf import WASHER, WASHERS, Leaf
from mingei.core.draft import Panel, Piece, Placement
from mingei.core.errors import MeasureError
from mingei.core.folded.fold import finished
from mingei.core.length import write_both
from mingei.core.plane.shape import Rigid, bounds, hole_path
from mingei.core.whole.between import Added, Between, Given, Part, foot_of, lying
from mingei.core.words import Words, say

#: The hole for a paper fastener, mm (common practice).
_FASTENER_MM = 4.0
#: A washer reaches so far past the slot on either side, mm (common practice).
_PAST_MM = 4.0
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
    own = Opening("pivot", panel.name, Shape.ROUND, _FASTENER_MM, _FASTENER_MM, *given.foot_at, stays=True)
    return Added(host, (own,), (_washer(given),))


def _washer(given: Given) -> Leaf:
    """A disc behind the host, which goes with the guest: the fastener is through both."""
    panel, pattern = foot_of(given)
    r = (_FASTENER_MM + given.join.fit) / 2 + _PAST_MM
    disc = Panel(WASHER, ((r, 0.0), (0.0, r), (-r, 0.0), (0.0, -r)), holes=(hole_path(_FASTENER_MM),),
                 curves=tuple((side, 90.0) for side in range(4)))
    flat = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
    own = (np.linalg.inv(given.face(given.spots[0])) @ lying(given, given.spots[0])
           @ finished(pattern)[panel.name])
    inside = float(own[2, 2]) > 0  # its printed face looks away from the host
    # what lies between the panel and the host, and all of the host there
    off = float(own[2, 3]) - pattern.stock.caliper_mm / 2 + given.through
    x, y = (a + b for a, b in zip(bounds(panel.outline).centre, given.foot_at, strict=True))
    lies = Rigid(1.0, 0.0, -x if inside else x, y)
    return Leaf(Piece(WASHER, WASHER, flat, (disc,), part=WASHERS), panel.name, inside, lies, off,
                loose=True)


def _done(given: Given) -> Words:
    return say(
        "Put a fastener through the {guest} and the slot in the {panel}, the washer behind, and spread its "
        "legs: the ends of the slot are its stops.", guest=given.guest.brief.name,
               panel=given.panel.name)


def _part(given: Given) -> Part:
    return Part(Takes.FASTENER, size=write_both(_FASTENER_MM))


JOINT = Between("slides", "Slides in", "A fastener in a slot, a washer behind; the ends of the slot stop it.",
                frozenset({"x", "y", "turn_deg", "row", "foot", "foot_x", "foot_y", "deep", "fit", "inside"}),
                _adds,
                lying, _done, from_behind=True, slides=True, part=_part)
