"""The fewest boards of one size that back a figure, side by side, and where their seams lie.

Boards stand in columns, their long side upright (the flutes of corrugated board run so), or lie in rows.  In
a column the boards cover, from below, what of the figure lies in it; where the figure leaves a gap the next
begins beyond it.  Where the columns begin is tried at every place that can make a difference: where a side of
a column meets a corner of the figure.
"""

from __future__ import annotations

import math
from collections.abc import Iterator, Sequence
from functools import lru_cache
from typing import Any, NamedTuple

from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Polygon

#: A sliver of a figure no wider than this needs no board of its own, mm.
_HAIR_MM = 0.5
#: So near (mm) a seam of boards may not lie to a seam of what is glued on them (common practice).
STAGGER_MM = 30.0
#: So many beginnings of the columns are tried at the most.
_MOST_TRIED = 240


class Backing(NamedTuple):
    """boards: (left, bottom, right, top) of each, mm, as far as the board reaches, from below and the left;
    seams: the lines between them, as (x0, y0, x1, y1); waste: the share of their area outside of the figure;
    near: how near a seam of theirs lies to one of what is glued on them, mm, infinite without."""

    boards: tuple[tuple[float, float, float, float], ...]
    seams: tuple[tuple[float, float, float, float], ...]
    waste: float
    near: float


@lru_cache(maxsize=16)
def fewest(outline: Polygon, wide: float, high: float, upright: bool = True,
           across: tuple[float, ...] = (), up: tuple[float, ...] = ()) -> Backing:
    """The fewest boards so wide and so high (mm) that cover an outline; of those that need as few the one
    whose seams keep furthest from those of what is glued on them.

    upright: boards keep their high side upright; across, up: where the others' seams lie, mm from the left
    and from below.
    """
    area = area_of(outline)
    best: tuple[tuple[int, float, float], Backing] | None = None
    ways = [(wide, high, False), (wide, high, True)]
    if not upright:
        ways += [(high, wide, False), (high, wide, True)]
    for w, h, rows in ways:
        for boards in _tried(area, h, w, True) if rows else _tried(area, w, h, False):
            laid = tuple((b, a, d, c) if rows else (a, b, c, d) for a, b, c, d in boards)
            near = _nearest(laid, across, up)
            waste = 1.0 - float(area.area) / (len(laid) * w * h)
            key = (len(laid), -min(near, STAGGER_MM), waste)
            if best is None or key < best[0]:
                best = key, Backing(laid, _seams(laid), waste, near)
    assert best is not None
    return best[1]


def _tried(area: Any, wide: float, high: float, turned: bool) -> Iterator[tuple[tuple[float, ...], ...]]:
    """Layouts in columns; turned: of the figure with its two axes changed."""
    from shapely import box, transform

    if turned:
        area = transform(area, lambda p: p[:, ::-1])
    left, bottom, right, top = area.bounds
    edges = sorted({x % wide for x, _ in area.exterior.coords} | {(left % wide)} | {(right % wide)})
    if len(edges) > _MOST_TRIED:
        edges = ([edges[i * len(edges) // _MOST_TRIED] for i in range(_MOST_TRIED)]
                 + [left % wide, right % wide])
    for first in edges:
        start = left - (left - first) % wide
        boards: list[tuple[float, ...]] = []
        x = start
        while x < right - _HAIR_MM:
            part = area.intersection(box(x, bottom, x + wide, top))
            if not part.is_empty:
                reach = bottom - high
                for low, tip in _spans(part):
                    reach = max(reach, low)
                    while reach < tip - _HAIR_MM:
                        boards.append((x, reach, x + wide, reach + high))
                        reach += high
            x += wide
        yield tuple(boards)


def _spans(part: Any) -> list[tuple[float, float]]:
    """From where to where, upwards, some of it lies, in order."""
    found: list[tuple[float, float]] = []
    for piece in sorted(getattr(part, "geoms", [part]), key=lambda p: float(p.bounds[1])):
        if piece.area <= 0:
            continue
        x0, low, x1, tip = piece.bounds
        if x1 - x0 <= _HAIR_MM:
            continue
        if found and low <= found[-1][1]:
            found[-1] = found[-1][0], max(found[-1][1], tip)
        else:
            found.append((low, tip))
    return found


def _seams(boards: Sequence[tuple[float, ...]]) -> tuple[tuple[float, float, float, float], ...]:
    """Where two boards lie side by side, once each."""
    found = []
    for i, (a0, b0, a1, b1) in enumerate(boards):
        for c0, d0, c1, d1 in boards[i + 1:]:
            for x, y in ((a1, c0), (c1, a0)):
                low, high = max(b0, d0), min(b1, d1)
                if abs(x - y) < 1e-6 and high - low > 1e-6:
                    found.append((x, low, x, high))
            for x, y in ((b1, d0), (d1, b0)):
                low, high = max(a0, c0), min(a1, c1)
                if abs(x - y) < 1e-6 and high - low > 1e-6:
                    found.append((low, x, high, x))
    return tuple(found)


def _nearest(boards: Sequence[tuple[float, ...]], across: Sequence[float], up: Sequence[float]) -> float:
    """How near a seam of boards lies to one of the others that runs the same way, mm."""
    return min((abs((x if upright else y) - other) for x, y, right, _ in _seams(boards)
                for upright in (x == right,) for other in (across if upright else up)), default=math.inf)
