"""A panel of it is glued flat on a face; where it lies is traced."""

from __future__ import annotations

import numpy as np

from mingei.core.folded.fold import finished, place
from mingei.core.kinds.trace import Trace
from mingei.core.plane.area import area_of
from mingei.core.whole.between import Added, Between, Given, foot_of, lying
from mingei.core.words import Words, say


def _adds(given: Given) -> Added:
    panel, pattern = foot_of(given)
    flat = pattern.by_name[panel.name]
    found = []
    for number, spot in enumerate(given.spots, 1):
        back = np.linalg.inv(finished(given.pattern)[given.panel.name]) @ lying(given, spot)
        points = place(back @ finished(pattern)[panel.name], flat.polygon)[:, :2] - np.array(given.middle)
        area = float((points[:, 0] * np.roll(points[:, 1], -1) - points[:, 1]
                      * np.roll(points[:, 0], -1)).sum())
        points = points if area > 0 else points[::-1]
        found.append(Trace(f"{given.guest.brief.name} {number}", given.panel.name,
                           " ".join(f"{x:.4f},{y:.4f}" for x, y in points.tolist())))
    return Added(tuple(found))


def _glued(given: Given) -> float:
    panel, pattern = foot_of(given)
    flat = pattern.by_name[panel.name]
    return float(area_of(flat.polygon, flat.hole_polygons).area)


def _done(given: Given) -> Words:
    return say("Glue the {guest} flat on the {panel}, where it is traced.", guest=given.guest.brief.name,
               panel=given.panel.name)


JOINT = Between("stuck", "Stuck on", "A panel of it glued flat on a face.",
                frozenset({"x", "y", "turn_deg", "row", "foot", "foot_x", "foot_y", "inside"}), _adds, lying,
                _done, glued=_glued)
