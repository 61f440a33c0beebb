"""Rows of teeth: the tabs of many seams on one host drawn all at once.

The rule is ``joint.tab_shape``'s, for straight-sided tabs on a host without openings, worked on arrays: a
ring of a hundred and fifty teeth in the time of a few.
"""

from __future__ import annotations

from collections.abc import Collection, Sequence
from typing import Any

import numpy as np
from numpy.typing import NDArray

from mingei.core.flat.joint import (
    BLUNT_DEG,
    FREE_DEG,
    LEAN_DEG,
    MIN_TOP_SHARE,
    Corner,
    TabShape,
    Tooth,
    nearer_its_own,
)
from mingei.core.plane.shape import Line, Polygon

Array = NDArray[np.float64]


def tooth_shapes(outlines: tuple[Polygon, Polygon], bearing: Collection[int],
                 teeth: Sequence[Tooth]) -> list[TabShape | None]:
    """Draw many tabs on one host; None where there is no room for one.

    outlines: of the host, nominal and as thickness has moved its sides, corner for corner; bearing: the sides
    that tabs land on.
    """
    edges = np.array([t.edge for t in teeth])
    depth, setback, relief = (np.array(column)
                              for column in zip(*((t.depth, t.setback, t.relief) for t in teeth),
                                                strict=True))
    low, high = np.array([t.side for t in teeth]).T
    points = np.array(outlines)
    count = points.shape[1]
    begin, along = points[0, edges], points[0, (edges + 1) % count] - points[0, edges]
    length = np.hypot(along[:, 0], along[:, 1])
    along /= length[:, None]
    # of each edge, its own axes
    lying = np.stack([along[:, 0], along[:, 1], -along[:, 1], along[:, 0]], axis=1).reshape(-1, 2, 2)

    def seen(tab: Any, corners: Array) -> Array:
        """Corners as edges see them, themselves along the x axis and the host above."""
        found: Array = np.einsum("...ij,...j->...i", lying[tab], corners - begin[tab])
        return found

    rows = np.arange(len(teeth))[:, None]
    before, start, end, after = (seen(rows, points[:, (edges + step) % count].transpose(1, 0, 2))
                                 for step in (-1, 0, 1, 2))
    starts, ends = _Ends([t.start for t in teeth]), _Ends([t.end for t in teeth])
    raised = np.maximum(0.0, setback)[:, None]
    levels = np.stack([np.broadcast_to(-raised, start.shape[:2]), np.zeros(start.shape[:2]),
                       np.maximum(0.0, start[..., 1])], axis=2)
    first = np.where(starts.inside > BLUNT_DEG, 0.0, _crossing(start, before, levels).max(axis=(1, 2)))
    last = np.where(ends.inside > BLUNT_DEG, length, _crossing(end, after, levels).min(axis=(1, 2)))
    x0, x1 = (first + starts.beginning(setback, relief, first),
              last - ends.beginning(setback, relief, length - last))
    within = np.maximum(0.0, -setback)
    x0, x1 = np.maximum(x0, low - within / starts.tan), np.minimum(x1, high + within / ends.tan)
    hinge = x1 - x0
    tab, side = _near(points, edges, length, 2 * (depth + relief)).nonzero()
    room = np.full(len(teeth), np.inf)
    a, b = seen(tab, points[:, side]), seen(tab, points[:, (side + 1) % count])
    np.minimum.at(room, tab, _met(a, b, x0[tab], x1[tab], 1 / starts.tan[tab], 1 / ends.tan[tab]).min(axis=0))
    bears = np.zeros(count, dtype=bool)
    bears[list(bearing)] = True
    away = (side - edges[tab]) % count
    facing = bears[side] & (away != 1) & (away != count - 1)
    tab, a, b = tab[facing], a[0, facing], b[0, facing]
    if len(tab):  # each of two tabs that face each other keeps to its half
        none = np.zeros(len(tab))
        np.minimum.at(room, tab, _met(a, b, x0[tab], x1[tab], none, none) / 2)
    reached = np.minimum(np.minimum(depth, room - relief),
                         hinge * (1 - MIN_TOP_SHARE) / (1 / starts.tan + 1 / ends.tan))
    if len(tab):
        y = reached[tab]
        corners = np.stack([x0[tab] + y / starts.tan[tab], x1[tab] - y / ends.tan[tab]])
        off = ((b - a)[:, 0] * (y - a[:, 1]) - (b - a)[:, 1] * (corners - a[:, 0])) / np.hypot(*(b - a).T)
        for number in (off < y).any(axis=0).nonzero()[0].tolist():  # hardly ever any
            at, sides = tab[number], (((*a[number].tolist(),), (*b[number].tolist(),), True),)
            own = ((x0[at], 1 / starts.tan[at]), (x1[at], -1 / ends.tan[at]))
            reached[at] = nearer_its_own(sides, own, reached[at], relief[at])
    good = (hinge > relief) & (reached + np.minimum(0.0, setback) > 0)
    columns = (x0, x1, setback, reached, x0 + reached / starts.tan, x1 - reached / ends.tan, starts.tan,
               ends.tan, hinge)
    return [_shape(*row) if fine else None
            for fine, row in zip(good.tolist(), np.stack(columns, axis=1).tolist(),
                                 strict=True)]


class _Ends:
    """One end of every tab: its angles and what is free there."""

    def __init__(self, corners: Sequence[Corner]) -> None:
        self.inside, self.shared, self.free, self.clear = (np.array(column)
                                                           for column in zip(*corners, strict=True))
        lying = np.where(self.shared, self.inside / 2, np.maximum(self.inside - LEAN_DEG, self.inside / 2))
        free = self.free - np.minimum(FREE_DEG, self.free / 2)
        self.side = np.radians(np.minimum(90.0 - LEAN_DEG, np.minimum(lying, free)))
        self.tan = np.tan(self.side)

    def beginning(self, setback: Array, relief: Array, moved: Array) -> Array:
        """How far from the host's corner, which thickness has ``moved`` along, each tab's side begins at the
        nominal edge."""
        away = relief / np.sin(self.side)
        lean = np.where(setback > 0, np.tan(np.radians(self.free)), self.tan)
        steep = np.abs(lean) >= 1e6
        begins = (self.clear - moved + away + np.where(steep, 0.0,
                                                       setback / np.where((lean == 0) | steep, 1.0, lean)))
        found: Array = np.where(self.free >= 180.0, away, np.maximum(away, begins))
        return found


def _crossing(near: Array, far: Array, levels: Array) -> Array:
    """Where the line of each host's neighbouring side crosses the levels: (m, 2, 3)."""
    rise = (far - near)[..., 1, None]
    level = np.abs(rise) < 1e-9
    x, y = near[..., 0, None], near[..., 1, None]
    found: Array = np.where(level, x, x + (levels - y) * (far - near)[..., 0, None]
                            / np.where(level, 1.0, rise))
    return found


def _near(points: Array, edges: NDArray[Any], length: Array, reach: Array) -> NDArray[np.bool_]:
    """Which sides come within reach (mm) of each edge in either outline, itself left out: (m, n)."""
    nominal, after = points[0], np.roll(points[0], -1, axis=0)
    moved = 2 * float(np.abs(points[1] - nominal).max())
    # a rough measure, by many times what reach has to spare
    x, y = ((nominal + after) / 2).T.astype(np.float32)
    half = (np.hypot(*(after - nominal).T) / 2 + moved).astype(np.float32)
    across, up = x - x[edges][:, None], y - y[edges][:, None]
    limit = half + (reach + length / 2).astype(np.float32)[:, None]
    near: NDArray[np.bool_] = across * across + up * up < limit * limit
    near[np.arange(len(edges)), edges] = False
    return near


def _met(a: Array, b: Array, x0: Array, x1: Array, lean0: Array, lean1: Array) -> Array:
    """Lowest level of each straight piece within the tab that grows from x0..x1; infinite where it keeps out
    of it."""
    (ax, ay), (bx, by) = np.moveaxis(a, -1, 0), np.moveaxis(b, -1, 0)
    begin, end = np.zeros(ax.shape), np.ones(ax.shape)
    out = np.zeros(ax.shape, dtype=bool)
    sides = ((ay - 1e-9, by - 1e-9), (ax - lean0 * ay - x0, bx - lean0 * by - x0),
             (x1 - ax - lean1 * ay, x1 - bx - lean1 * by))
    for fa, fb in sides:
        out |= (fa < 0) & (fb < 0)
        crosses = (fa < 0) != (fb < 0)
        at = np.where(crosses, fa / np.where(crosses, fa - fb, 1.0), 0.0)
        begin = np.where(crosses & (fa < 0), np.maximum(begin, at), begin)
        end = np.where(crosses & (fb < 0), np.minimum(end, at), end)
    rise = by - ay
    lowest = np.minimum(ay + begin * rise, ay + end * rise)
    found: Array = np.where(out | (begin > end), np.inf, lowest)
    return found


def _shape(x0: float, x1: float, setback: float, reached: float, left: float, right: float, tan0: float,
           tan1: float,
           hinge: float) -> TabShape:
    level = -setback
    if setback > 0:  # the strip across the corner runs square to the hinge
        p, q, root, foot = (x0, level), (x1, level), (x1, 0.0), (x0, 0.0)
        top, tip = (right, reached), (left, reached)
        return TabShape((Line(p, q), Line(q, root), Line(root, top), Line(top, tip), Line(tip, foot),
                         Line(foot, p)), reached, hinge)
    p, q, top, tip = ((x0 - setback / tan0, level), (x1 + setback / tan1, level), (right, reached),
                      (left, reached))
    return TabShape((Line(p, q), Line(q, top), Line(top, tip), Line(tip, p)), reached, hinge)
