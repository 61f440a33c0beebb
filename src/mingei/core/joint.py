"""Joints: the shape of a glue tab or tuck lip.

A *tab* is carried by one panel and lands on another, its *host*.  It is drawn in the host's own terms: x along
the host's edge, y into the host, so that staying inside the host is a statement about one polygon.  It is
tapered so that neighbours do not meet in the corner, and never deeper than its host has room for.
"""

from __future__ import annotations

import math
from typing import NamedTuple

from mingei.core.errors import GeometryError
from mingei.core.offset import RELIEF_MM
from mingei.core.shape import Path, Point, Polygon, rounded_polygon
from mingei.core.words import say

#: A tab's sides lean in by at least this much from square, so that it slips in and never shows (degrees).
LEAN_DEG = 15.0
#: The free edge of a tab keeps at least this share of its hinge, so that its tapers never meet.
MIN_TOP_SHARE = 0.25


class Corner(NamedTuple):
    """One end of a host's edge: the host's inside angle there, and whether the next edge takes a tab too."""

    inside_deg: float
    shared: bool

    @property
    def side_deg(self) -> float:
        """Angle between the hinge and the tab's side: half the corner where two tabs share it, else a lean."""
        if self.shared:
            return min(90.0 - LEAN_DEG, self.inside_deg / 2)
        return min(90.0 - LEAN_DEG, max(self.inside_deg - LEAN_DEG, self.inside_deg / 2))


class TabShape(NamedTuple):
    """A tab, in host-edge coordinates (mm).

    path: closed, counter-clockwise, beginning with the hinge; depth_mm: from the nominal edge, really reached; hinge_mm: the
    hinge's length.
    """

    path: Path
    depth_mm: float
    hinge_mm: float


def tab_shape(host: Polygon, length: float, start: Corner, end: Corner, depth: float, setback: float,
              round_mm: float = 0.0, opposite: bool = False, relief: float = RELIEF_MM) -> TabShape:
    """Draw a tab.

    host: the host's outline in host-edge coordinates, its edge along the x axis from 0 to ``length``, inside above.
    start, end: the corners at x = 0 and x = length.  depth: asked for, mm.
    setback: how far the hinge lies outside the nominal edge because of thickness, mm.
    opposite: another tab comes from the far side of the host, so each keeps to its half.
    Raises GeometryError when the edge is too short to carry a tab at all.
    """
    tan0, tan1 = (math.tan(math.radians(c.side_deg)) for c in (start, end))
    x0, x1 = (relief / math.sin(math.radians(c.side_deg)) for c in (start, end))
    x1 = length - x1
    hinge = x1 - x0
    if hinge <= relief:
        raise GeometryError(say("an edge of {length:g} mm is too short to carry a tab", length=length))
    lean = 1 / tan0 + 1 / tan1
    room = _room_above(host, x0, x1, 1 / tan0, 1 / tan1)
    if opposite:  # half of what lies straight above, since the other tab may be the wider one
        room = min(room, _room_above(host, x0, x1, 0.0, 0.0) / 2)
    reached = min(depth, room - relief, hinge * (1 - MIN_TOP_SHARE) / lean)
    free_depth = reached + min(0.0, setback)
    if free_depth <= 0:
        raise GeometryError(say("a host with {room:g} mm of room cannot take a tab", room=room))
    left, right = (x0 + reached / tan0, reached), (x1 - reached / tan1, reached)
    if setback > 0:  # the strip across the corner runs square to the hinge, clear of what stands beside it
        base: tuple[Point, ...] = ((x0, 0.0), (x0, -setback), (x1, -setback), (x1, 0.0))
    else:
        base = ((x0 - setback / tan0, -setback), (x1 + setback / tan1, -setback))
    hinge_at = 1 if setback > 0 else 0
    points = (*base[hinge_at:], right, left, *base[:hinge_at])
    radius = min(round_mm, 0.4 * free_depth, 0.4 * (right[0] - left[0]))
    free = points.index(right)
    return TabShape(rounded_polygon(points, {free: radius, free + 1: radius}), reached, hinge)


def _room_above(host: Polygon, x0: float, x1: float, lean0: float, lean1: float) -> float:
    """Depth at which a tab growing from x0..x1 first meets another side of its host.

    lean0, lean1: how far its two sides lean in for each mm of depth.
    """
    room = math.inf
    for a, b in zip(host, (*host[1:], host[0]), strict=True):
        piece: tuple[Point, Point] | None = (a, b)
        # keep what lies above the hinge and between the two side lines
        for nx, ny, c in ((0.0, 1.0, 1e-9), (1.0, -lean0, x0), (-1.0, -lean1, -x1)):
            piece = _keep(piece, nx, ny, c) if piece else None
        if piece:
            room = min(room, piece[0][1], piece[1][1])
    return room


def _keep(piece: tuple[Point, Point], nx: float, ny: float, c: float) -> tuple[Point, Point] | None:
    """The part of a straight piece where nx x + ny y >= c."""
    (a, b) = piece
    fa, fb = nx * a[0] + ny * a[1] - c, nx * b[0] + ny * b[1] - c
    if fa < 0 and fb < 0:
        return None
    if fa >= 0 and fb >= 0:
        return piece
    s = fa / (fa - fb)
    cut = (a[0] + s * (b[0] - a[0]), a[1] + s * (b[1] - a[1]))
    return (a, cut) if fa >= 0 else (cut, b)
