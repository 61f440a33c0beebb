"""Bands: strips of thin paper wrapped round the cut edges of board, over both of its faces.

A band lies on the outer face of its panel, goes round the edge, and comes back on the inner face.  Its ends
are mitred, so that bands of neighbouring edges meet and neither lies on the other.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Iterator, Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from mingei.core.draft import Draft, EdgeRef, Fold, Inset, Panel, Piece, Placement
from mingei.core.flat.pattern import FlatPanel, Pattern
from mingei.core.offset import Measured
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Line, Point, Polygon, distance_to_segment
from mingei.core.words import say

if TYPE_CHECKING:
    from shapely.geometry import Polygon as Area

#: A band shorter than this is not cut, mm: the paint brush or a pen covers it.
_LEAST_MM = 6.0
#: An edge so near (mm) to a line along which two panels are glued is glued itself, and needs no band; a slope
#: this small is none.
_GLUED_MM, _ALIKE = 0.6, 0.02


def free_edges(host: FlatPanel, pattern: Pattern) -> Iterator[tuple[Point, Point]]:
    """The straight edges of a panel that are cut and not glued, in its own coordinates, the panel to their
    left."""
    to_own = host.frame.inverse()
    glued = [(to_own.apply(a), to_own.apply(b)) for key in pattern.keys if key.panel == host.name
             for a, b in [key.line]]
    near = _GLUED_MM + 2 * pattern.stock.caliper_mm
    for segment, fold in zip(host.path, host.folds, strict=True):
        if fold is not None or not isinstance(segment, Line) or segment.length < _LEAST_MM:
            continue
        middle = (segment.start[0] + segment.end[0]) / 2, (segment.start[1] + segment.end[1]) / 2
        if not any(distance_to_segment(middle, a, b) < near and _parallel(segment, (a, b)) for a, b in glued):
            yield segment.start, segment.end


def _parallel(segment: Line, other: tuple[Point, Point]) -> bool:
    ux, uy = segment.end[0] - segment.start[0], segment.end[1] - segment.start[1]
    vx, vy = other[1][0] - other[0][0], other[1][1] - other[0][1]
    return abs(ux * vy - uy * vx) <= _ALIKE * math.hypot(ux, uy) * math.hypot(vx, vy)


def bands(name: str, over_mm: float, host: FlatPanel, pattern: Pattern, part: str,
          behind: Sequence[Polygon] = ()) -> Iterator[Draft]:
    """A draft for the band of every free edge of a panel that has room for it, going over_mm over either
    face.

    behind: what is glued on the panel's inner face, in its coordinates: the band stops short of it there, and
    of what stands at its ends. All have the given name (``renamed`` gives one another).  Its root lies in the
    panel's own coordinates.
    """
    from shapely import prepare  # slow to load, and seldom needed

    room = area_of(host.polygon, host.hole_polygons).buffer(1e-3)
    prepare(room)
    for a, b in free_edges(host, pattern):
        length = math.dist(a, b)
        along = (b[0] - a[0]) / length, (b[1] - a[1]) / length
        first, last = (over_mm / math.tan(math.radians(corner) / 2) for corner in _corners(host, a, b))
        top = length - last - first
        if top < _LEAST_MM / 2:
            continue

        def at(x: float, y: float, a: Point = a, along: tuple[float, float] = along) -> Point:
            return a[0] + along[0] * x - along[1] * y, a[1] + along[1] * x + along[0] * y

        lap = at(0, 0), at(length, 0), at(length - last, over_mm), at(first, over_mm)
        if not room.covers(area_of(lap)):
            continue
        stands = _GLUED_MM + pattern.stock.caliper_mm
        low, high = _clear(area_of(lap), [area_of(b).buffer(_GLUED_MM / 2) for b in behind], at, length,
                           tuple(stands if held else 0.0 for held in _held_ends(host, pattern, a, b)))
        if high - low - first - last < _LEAST_MM / 2:
            continue
        edge, back = say("{name} edge", name=name), say("{name} back", name=name)
        thick = pattern.stock.caliper_mm
        panels = (Panel(name, lap), Panel(edge, ((0.0, 0.0), (length, 0.0), (length, thick), (0.0, thick))),
                  Panel(back, ((first, 0.0), (length - last, 0.0), (length, over_mm), (0.0, over_mm)),
                        edges=tuple(
                      (side, Inset(short * over_mm / math.hypot(over_mm, lean))) for side, short, lean in
                      ((1, length - high, last), (3, low, first)) if short > 0.0)))
        folds = (Fold(EdgeRef(name, 0), EdgeRef(edge, 2), 90.0, 1),
                 Fold(EdgeRef(edge, 0), EdgeRef(back, 2), 90.0, 2))
        lies = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
        yield Draft((Piece(name, name, lies, panels, folds=folds, part=part),), measured=Measured.INSIDE,
                    closes=False)


def _clear(lap: Area, behind: Sequence[Area], at: Callable[[float, float], Point], length: float,
           ends: tuple[float, ...]) -> tuple[float, float]:
    """The longest stretch along an edge behind which nothing is glued, mm from its start, so much short of
    either end."""
    (ax, ay), (bx, by) = at(0.0, 0.0), at(1.0, 0.0)
    low, high = ends[0], length - ends[1]
    stops = [(low, low), (high, high)]
    for other in behind:
        shared = lap.intersection(other)
        for part in getattr(shared, "geoms", [shared]):
            if part.area > 0:
                along = [(x - ax) * (bx - ax) + (y - ay) * (by - ay) for x, y in part.exterior.coords]
                stops.append((min(along), max(along)))
    best, reached = (low, low), low
    for start, end in sorted(stops):
        if min(start, high) - reached > best[1] - best[0]:
            best = reached, min(start, high)
        reached = max(reached, end)
    return best


def _held_ends(host: FlatPanel, pattern: Pattern, a: Point, b: Point) -> tuple[bool, bool]:
    """Whether another panel stands at either end of an edge: the side beside it there is folded, or glued."""
    free = set(free_edges(host, pattern))
    number = next(i for i, s in enumerate(host.path) if s.start == a and s.end == b)
    beside = host.path[number - 1], host.path[(number + 1) % len(host.path)]
    return (beside[0].start, beside[0].end) not in free, (beside[1].start, beside[1].end) not in free


def renamed(band: Draft, name: str) -> Draft:
    """A band's draft under another name."""
    (piece,) = band.pieces
    names = {piece.root: name, say("{name} edge", name=piece.root): say("{name} edge", name=name),
             say("{name} back", name=piece.root): say("{name} back", name=name)}
    panels = tuple(replace(p, name=names[p.name]) for p in piece.panels)
    folds = tuple(f._replace(a=f.a._replace(panel=names[f.a.panel]), b=f.b._replace(panel=names[f.b.panel]))
                  for f in piece.folds)
    return replace(band, pieces=(replace(piece, name=name, root=name, panels=panels, folds=folds),))


def _corners(host: FlatPanel, a: Point, b: Point) -> tuple[float, float]:
    """The panel's inside angles (degrees) at both ends of an edge, at most 180."""
    found = []
    number = next(i for i, s in enumerate(host.path) if s.start == a and s.end == b)
    before, after = host.path[number - 1], host.path[(number + 1) % len(host.path)]
    for p, q, r in ((before.start, a, b), (a, b, after.end)):
        turn = math.degrees(math.atan2(r[1] - q[1], r[0] - q[0]) - math.atan2(q[1] - p[1], q[0] - p[0]))
        found.append(min(180.0, 180.0 - (turn + 180.0) % 360.0 + 180.0))
    return found[0], found[1]
