"""A curved face as one flat: its facets side by side, seen from the middle of all of them.

An opening in a curved face is placed from that middle, and cut across the bends: the knife follows its
outline on the flat, and each facet lacks what of it falls there.
"""

from __future__ import annotations

import math
from collections.abc import Sequence
from typing import TYPE_CHECKING, NamedTuple

from mingei.core.draft import EdgeRef, Piece, Role
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import (
    STAY,
    Box,
    Point,
    Polygon,
    Rigid,
    bounds,
    contains,
    distance_to_segment,
    flat_points,
    mapping,
    shifted,
    turned,
)

if TYPE_CHECKING:
    from mingei.core.flat.pattern import FlatPanel


class Face(NamedTuple):
    """A curved face at finished size, about its middle, mm: its facets, the holes in them, the sides round
    it, and the box round them."""

    facets: tuple[Polygon, ...]
    holes: tuple[Polygon, ...]
    rim: tuple[tuple[Point, Point], ...]
    box: Box

    def holds(self, ring: Sequence[Point], least: float) -> bool:
        """Whether a ring lies on its card, so far (mm) from its sides at least."""
        around = bounds(ring).grown(least)  # what lies wholly outside of it is far enough off
        rim = [side for side in self.rim if bounds(side).meets(around)]
        facets = [f for f in self.facets if bounds(f).meets(around)]
        sides = list(zip(ring, (*ring[1:], ring[0]), strict=True))
        if any(distance_to_segment(p, a, b) < least for p in ring for a, b in rim):
            return False
        if any(distance_to_segment(p, a, b) < least for side in rim for p in side for a, b in sides):
            return False
        return all(any(contains(f, p) or _on_edge(f, p) for f in facets) for p in ring)


def _on_edge(polygon: Polygon, p: Point) -> bool:
    return any(distance_to_segment(p, a, b) < 1e-6
               for a, b in zip(polygon, (*polygon[1:], polygon[0]), strict=True))


def curved_face(piece: Piece, name: str) -> Face | None:
    """The curved wall of a name, laid flat at finished size; None where the piece has no such wall, or its
    facets are not one run."""
    panels = {p.name: p for p in piece.panels if p.whole == name and p.role is Role.WALL}
    if len(panels) < 2:
        return None
    frames = {next(iter(panels)): STAY}
    bends = [f for f in piece.folds if f.bend and not f.closing and f.a.panel in panels
             and f.b.panel in panels]
    waiting = True
    while waiting:
        waiting = False
        for f in bends:
            for one, other in ((f.a, f.b), (f.b, f.a)):
                if one.panel in frames and other.panel not in frames:
                    p, q = panels[one.panel].outline, panels[other.panel].outline
                    to = frames[one.panel].apply_all((p[one.edge], p[(one.edge + 1) % len(p)]))
                    frames[other.panel] = mapping(q[(other.edge + 1) % len(q)], q[other.edge], *to)
                    waiting = True
    if len(frames) < len(panels):
        return None
    outlines = [panels[n].outline for n in panels]
    ordered = [frames[n] for n in panels]
    about = centred(ordered, outlines)
    facets = tuple(frame.then(about).apply_all(outline)
                   for frame, outline in zip(ordered, outlines, strict=True))
    holes = tuple(frame.then(about).apply_all(flat_points(h)[:-1])
                  for frame, panel in zip(ordered, panels.values(), strict=True) for h in panel.holes)
    joined = {edge for f in bends for edge in (f.a, f.b)}
    rim = tuple((a, b) for name, facet in zip(panels, facets, strict=True)
                for edge, (a, b) in enumerate(zip(facet, (*facet[1:], facet[0]), strict=True))
                if EdgeRef(name, edge) not in joined)
    return Face(facets, holes, rim, bounds([q for f in facets for q in f]))


def centred(frames: Sequence[Rigid], outlines: Sequence[Polygon]) -> Rigid:
    """From the flat to a curved face's own view: upright as its facets are on the average, about the middle
    of the box round them.

    frames, outlines: of its facets, in order.
    """
    base = frames[len(frames) // 2]
    turns = [frame.then(base.inverse()).turn_deg for frame in frames]
    upright = turned(-base.turn_deg - math.fsum(turns) / len(turns))
    corners = [q for frame, outline in zip(frames, outlines, strict=True)
               for q in frame.then(upright).apply_all(outline)]
    x, y = bounds(corners).centre
    return upright.then(shifted(-x, -y))


def missing(hole: Polygon, facets: Sequence[FlatPanel]) -> dict[str, tuple[Polygon, ...]]:
    """What each facet lacks of a hole on the flat, in its own coordinates, by its name."""
    from shapely import intersection
    from shapely.geometry.polygon import orient

    area, box = area_of(hole), bounds(hole)
    found: dict[str, tuple[Polygon, ...]] = {}
    for facet in facets:
        if not bounds(facet.flat_polygon).meets(box):
            continue
        common = intersection(area, area_of(facet.flat_polygon))
        back = facet.frame.inverse()
        rings = [[(float(x), float(y)) for x, y in list(orient(part, -1.0).exterior.coords)[:-1]]
                 for part in getattr(common, "geoms", [common]) if part.area > 1e-9]
        if rings:
            found[facet.name] = tuple(back.apply_all(ring) for ring in rings)
    return found
