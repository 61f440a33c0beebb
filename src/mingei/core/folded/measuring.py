"""Measuring what is drawn: between two points of the flat, between two faces of the folded thing."""

from __future__ import annotations

import math
from typing import NamedTuple

import numpy as np

from mingei.core.flat.pattern import Pattern
from mingei.core.folded.solid import Hit
from mingei.core.plane.shape import Point, distance_to_segment

#: Faces within this many degrees of parallel are measured as parallel.
_PARALLEL_DEG = 0.5


class Span(NamedTuple):
    """length: between the points; across, up: along x and y; all mm."""

    start: Point
    end: Point
    length: float
    across: float
    up: float


def span(a: Point, b: Point) -> Span:
    return Span(a, b, math.dist(a, b), abs(b[0] - a[0]), abs(b[1] - a[1]))


def snap(pattern: Pattern, p: Point, reach: float) -> Point:
    """The corner of cut or score within ``reach`` mm of p, else the nearest place on such a line within
    reach, else p itself."""
    lines = ([(f.start, f.end) for f in pattern.folds]
             + [(s.start, s.end) for path in pattern.cuts for s in path])
    corners = [q for line in lines for q in line]
    nearest = min(corners, key=lambda q: math.dist(p, q))
    if math.dist(p, nearest) <= reach:
        return nearest
    a, b = min(lines, key=lambda line: distance_to_segment(p, *line))
    if distance_to_segment(p, a, b) > reach:
        return p
    share = ((p[0] - a[0]) * (b[0] - a[0]) + (p[1] - a[1]) * (b[1] - a[1])) / math.dist(a, b) ** 2
    share = max(0.0, min(1.0, share))
    return a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])


class Gap(NamedTuple):
    """Two faces: the distance between their planes (mm) when they are parallel, else the angle between them
    (degrees); points_mm: between the two places touched."""

    apart_mm: float | None
    angle_deg: float
    points_mm: float


def gap(a: Hit, b: Hit) -> Gap:
    """What lies between two faces of the folded model, each touched at a point."""
    way = np.array(b.point) - np.array(a.point)
    cosine = max(-1.0, min(1.0, float(np.dot(a.normal, b.normal))))
    angle = math.degrees(math.acos(abs(cosine)))
    apart = abs(float(np.dot(way, a.normal))) if angle <= _PARALLEL_DEG else None
    return Gap(apart, angle, float(np.linalg.norm(way)))
