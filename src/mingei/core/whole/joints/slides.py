"""It slides along a slot, held by a fastener with a washer behind, or by a foot of its own."""

from __future__ import annotations

import math

import numpy as np

from mingei.core.amendments.opening import Opening, Shape, Takes
from mingei.core.covering.leaf import WASHER, WASHERS, Leaf
from mingei.core.draft import Panel, Piece, Placement
from mingei.core.errors import MeasureError
from mingei.core.folded.fold import finished
from mingei.core.length import write_both
from mingei.core.plane.shape import Rigid, bounds, hole_path
from mingei.core.whole.between import Added, Array, Between, Given, Part, Spot, foot_of, lying, standing
from mingei.core.whole.bodies import across, panels, touching, upright
from mingei.core.words import Words, say

#: The hole for a paper fastener, mm (common practice).
_FASTENER_MM = 4.0
#: A washer reaches so far past the slot on either side, mm (common practice).
_PAST_MM = 4.0
#: What goes through the slot itself, with a foot behind that reaches so far past it on either side, mm
#: (common practice); panels are level within this (cosine), and lie on each other within so much, mm.
_ITSELF, _HELD_MM, _LEVEL, _HAIR_MM = "its own foot", 2.0, 0.999, 0.06
#: No shorter way is worth a slot, mm.
_LEAST_MM = 3.0


def _adds(given: Given) -> Added:
    way = given.deep if given.deep is not None else 0.0
    if way < _LEAST_MM:
        raise MeasureError("how far it slides was not said", "deep", "write how far, such as 30 mm")
    if given.by == _ITSELF:
        return Added(_slots(given, *_neck(given)))
    panel, _ = foot_of(given)
    wide = _FASTENER_MM + given.join.fit
    host = _slots(given, wide, wide, wide / 2 - 0.01)
    own = Opening("pivot", panel.name, Shape.ROUND, _FASTENER_MM, _FASTENER_MM, *given.foot_at, stays=True)
    return Added(host, (own,), (_washer(given),))


def _slots(given: Given, long: float, wide: float, corner: float = 0.0) -> tuple[Opening, ...]:
    """A slot at every spot for something so long and so wide, mm."""
    return tuple(Opening(f"{given.guest.brief.name} {number}", given.panel.name, Shape.RECTANGLE,
                         (given.deep or 0.0) + long, wide, spot.x, spot.y, corner=corner,
                         turn_deg=given.turn_on_panel(spot), stays=True)
                 for number, spot in enumerate(given.spots, 1))


def _foot_high(given: Given) -> float:
    """How high what stays behind the host is, mm: the level panels of the guest that lie on each other at its
    bottom."""
    stands, high = upright(given.guest), 0.0
    level = sorted((float(matrix[2, 3]), pattern.stock.caliper_mm) for panel, pattern in panels(given.guest)
                   for matrix in (stands @ finished(pattern)[panel.name],) if abs(matrix[2, 2]) > _LEVEL)
    for middle, thick in level:
        if middle - thick / 2 < high + _HAIR_MM:
            high = max(high, middle + thick / 2)
    if not high:
        raise MeasureError(say("the {guest} has no foot to hold it behind a slot",
                               guest=given.guest.brief.name), "by", "let it slide on a fastener")
    return high


def _neck(given: Given) -> tuple[float, float]:
    """How long, along the slot, and how wide the slot is for what goes through it, without the way it slides,
    mm."""
    foot = bounds(q for ring in touching(given.guest) for q in ring)
    neck = bounds(q for ring in across(given.guest, _foot_high(given) + given.through / 2) for q in ring)
    wide = neck.height + 2 * given.join.fit
    if foot.height < wide + 2 * _HELD_MM:
        raise MeasureError(say("the foot of the {guest} would come through the slot",
                               guest=given.guest.brief.name), "by",
                           say("make it {least} wide across the slot, or let it slide on a fastener",
                               least=write_both(math.ceil(wide + 2 * _HELD_MM))))
    return neck.width + given.join.fit, wide


def _pose(given: Given, spot: Spot) -> Array:
    if given.by == _ITSELF:  # its foot lies behind the host
        return standing(given, spot, given.through + _foot_high(given))
    return lying(given, spot)


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
    if given.by == _ITSELF:
        return say("Pass the {guest} through the slot in the {panel} from behind: its foot stays behind, and "
                   "the ends of the slot are its stops; no glue.", guest=given.guest.brief.name,
                   panel=given.panel.name)
    return say(
        "Put a fastener through the {guest} and the slot in the {panel}, the washer behind, and spread its "
        "legs: the ends of the slot are its stops.", guest=given.guest.brief.name,
               panel=given.panel.name)


def _part(given: Given) -> Part | None:
    return None if given.by == _ITSELF else Part(Takes.FASTENER, size=write_both(_FASTENER_MM))


JOINT = Between("slides", "Slides in",
                "A fastener in a slot, a washer behind, or a foot of its own; the ends of the slot stop it.",
                frozenset({"x", "y", "turn_deg", "row", "foot", "foot_x", "foot_y", "deep", "fit", "inside",
                           "by"}), _adds, _pose, _done, from_behind=True, slides=True, part=_part,
                by=(str(Takes.FASTENER), _ITSELF))
