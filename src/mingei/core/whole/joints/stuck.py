"""A panel of it is glued flat on a face, or on pads that hold it off; where it lies is traced."""

from __future__ import annotations

import math

import numpy as np

from mingei.core.covering.overlay import MOST_PAD_MM
from mingei.core.errors import MeasureError
from mingei.core.folded.fold import finished, place
from mingei.core.kinds.trace import Trace
from mingei.core.length import write_both
from mingei.core.plane.area import area_of
from mingei.core.whole.between import Added, Array, Between, Given, Part, Spot, foot_of, lying
from mingei.core.words import Words, say

#: One pad holds so much, mm2, and there are so many at least, each so large (from experience).
_A_PAD_MM2, _LEAST_PADS, _PAD_MM = 400.0, 3, 5.0


def _high(given: Given) -> float:
    """How high its pads are, mm; 0 for none."""
    high = given.deep or 0.0
    if high > MOST_PAD_MM:
        raise MeasureError(say("no pads are {high} high", high=write_both(high)), "deep",
                           say("use up to {most}, or let it stand on something",
                               most=write_both(MOST_PAD_MM)))
    return high


def _pose(given: Given, spot: Spot) -> Array:
    return lying(given, spot, _high(given))


def _adds(given: Given) -> Added:
    panel, pattern = foot_of(given)
    flat = pattern.by_name[panel.name]
    found = []
    for number, spot in enumerate(given.spots, 1):
        back = np.linalg.inv(finished(given.pattern)[given.panel.name]) @ _pose(given, spot)
        points = place(back @ finished(pattern)[panel.name], flat.polygon)[:, :2] - np.array(given.middle)
        area = float((points[:, 0] * np.roll(points[:, 1], -1) - points[:, 1]
                      * np.roll(points[:, 0], -1)).sum())
        points = points if area > 0 else points[::-1]
        found.append(Trace(f"{given.guest.brief.name} {number}", given.panel.name,
                           " ".join(f"{x:.4f},{y:.4f}" for x, y in points.tolist())))
    return Added(tuple(found))


def _area(given: Given) -> float:
    panel, pattern = foot_of(given)
    flat = pattern.by_name[panel.name]
    return float(area_of(flat.polygon, flat.hole_polygons).area)


def _pads(given: Given) -> Part | None:
    high = _high(given)
    if not high:
        return None
    many = max(_LEAST_PADS, math.ceil(_area(given) / _A_PAD_MM2))
    return Part("sticky pad", 0.0, say("{wide} wide, {high} high", wide=write_both(_PAD_MM),
                                       high=write_both(high)), many)


def _done(given: Given) -> Words:
    words = {"guest": given.guest.brief.name, "panel": given.panel.name}
    if _high(given):
        return say("Stick the {guest} on the {panel} with pads {high} high, spread evenly and none near its "
                   "edge, where it is traced.", high=write_both(_high(given)), **words)
    return say("Glue the {guest} flat on the {panel}, where it is traced.", **words)


def _glued(given: Given) -> float:
    return 0.0 if _high(given) else _area(given)


JOINT = Between("stuck", "Stuck on", "A panel of it glued flat on a face, or on pads so high.",
                frozenset({"x", "y", "turn_deg", "row", "foot", "foot_x", "foot_y", "inside", "deep"}), _adds,
                _pose, _done, part=_pads, glued=_glued)
