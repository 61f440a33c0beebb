"""What must fit in a thing, as the corners whose convex hull it fills: the inside as the brief states it,
drawn by the brief's measures and nothing else."""

from __future__ import annotations

import math
from typing import TypeAlias

from mingei.core.drafting.star import Star

Point3: TypeAlias = tuple[float, float, float]

#: So many corners stand for a circle.
_ROUND = 96


def block(length: float, width: float, height: float, at: Point3 = (0.0, 0.0, 0.0)) -> tuple[Point3, ...]:
    """An upright block, its lower corner where it is said, mm."""
    x, y, z = at
    return tuple((x + i * length, y + j * width, z + k * height) for i in (0, 1) for j in (0, 1)
                 for k in (0, 1))


def standing(star: Star) -> tuple[Point3, ...]:
    """What stands in a star of walls on the table: its base, and its rim or its point."""
    base = [(x, -y) for x, y in star.base_outline]
    share = star.across_rim / star.across
    above = [(x * share, y * share, star.height) for x, y in base] if share > 0 else [(0.0, 0.0, star.height)]
    return (*((x, y, 0.0) for x, y in base), *above)


def turned_round(low: float, high: float, height: float, smooth: float) -> tuple[Point3, ...]:
    """A round thing of two diameters, mm, as far inside the true curve as chords may stand off it."""
    found: list[Point3] = []
    for diameter, z in ((low, 0.0), (high, height)):
        radius = max(0.0, diameter / 2 - smooth)
        found += [(radius * math.cos(2 * math.pi * i / _ROUND), radius * math.sin(2 * math.pi * i / _ROUND),
                   z)
                  for i in range(_ROUND if radius > 0 else 1)]
    return tuple(found)
