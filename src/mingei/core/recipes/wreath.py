"""A wreath: a flat ring whose inside is cut into triangles that are turned back over it, with a motif hung in
its middle."""

from __future__ import annotations

import math

from mingei.core.draft import (
    Bought,
    Crease,
    Draft,
    EdgeRef,
    Fold,
    Panel,
    Piece,
    Placement,
    Role,
    When,
    Within,
)
from mingei.core.drafting.outlines import LIBRARY
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.plane import contour
from mingei.core.plane.shape import Arc, Path, Point, flat_points, hole_path
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

NONE = "none"
#: Its panels lie with their middle on the ring's plane; a crease turned so far has no corner to set back
#: from.
_ON_THE_PLANE = -0.5
#: So much of the way to the middle the triangles reach: tips that met would hang together.
_REACH = 0.94
#: Triangles narrower at their root than this are too small to cut and turn, mm (common practice: strips under
#: 2 mm, teeth under 3 mm).
_LEAST_ROOT_MM = 6.0
_THREAD_HOLE_MM, _FROM_EDGE_MM = 1.5, 5.0
#: So much card is left round the hole of a thread, mm (common practice).
_CARD_ROUND_MM = 1.5
#: Thread for a knot at each end, mm (from experience, no published source).
_KNOTS_MM = 80.0


def _sector(i: int, count: int, outer: float, inner: float) -> Panel:
    """A share of the ring about the origin, standing on its inner chord: side 0 inner, 1 towards the next, 2
    the outer arc, 3 before."""
    half = math.pi / count
    outline = ((-inner * math.sin(half), inner * math.cos(half)),
               (-outer * math.sin(half), outer * math.cos(half)),
               (outer * math.sin(half), outer * math.cos(half)),
               (inner * math.sin(half), inner * math.cos(half)))
    # counter-clockwise: inner chord from right to left comes last, so it is walked from left to right here
    points = (outline[0], outline[3], outline[2], outline[1])
    holes: tuple[Path, ...] = ()
    if i == 0:
        holes = (hole_path(_THREAD_HOLE_MM, (0.0, inner * math.cos(half) + _FROM_EDGE_MM)),)
    return Panel(f"ring {i + 1}", points, layer=_ON_THE_PLANE, curves=((2, 360.0 / count),), whole="ring",
                 holes=holes)


def draft_wreath(values: Values) -> Draft:
    """diameter, ring: its width at the corners, mm; rays: how many triangles; back: how far they are turned,
    degrees; motif, size: mm."""
    outer, count, motif = float(values["diameter"]) / 2, int(values["rays"]), str(values["motif"])
    inner, back = outer - float(values["ring"]), float(values["back"])
    half = math.pi / count
    root, high = 2 * inner * math.sin(half), inner * math.cos(half) * _REACH
    panels = [_sector(i, count, outer, inner) for i in range(count)]
    # seen from the front sectors follow each other clockwise: each stands with its right side on the next
    # one's left
    folds = [Fold(EdgeRef(f"ring {i + 1}", 1), EdgeRef(f"ring {(i + 1) % count + 1}", 3), 0.0, 1, bend=True,
                  closing=i == count - 1)
             for i in range(count)]
    for i in range(count):
        ray = Panel(f"ray {i + 1}", ((0.0, 0.0), (root, 0.0), (root / 2, high)), layer=_ON_THE_PLANE,
                    role=Role.FLAP,
                    edges=((1, Within()), (2, Within())), whole="rays")
        panels.append(ray)
        folds.append(Fold(EdgeRef(f"ring {i + 1}", 0), EdgeRef(ray.name, 0), back, 1, Crease.VALLEY))
    flat = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
    pieces = [Piece("wreath", "ring 1", flat, tuple(panels), folds=tuple(folds))]
    remarks: list[tuple[str, str]] = []
    bought: tuple[Bought, ...] = ()
    if motif != NONE:
        size = float(values["size"])
        outline = contour.sized(contour.read(LIBRARY[motif], ours=True), size)
        around = contour.box(outline)
        points = tuple(k.at for k in outline)
        curves = tuple((i, k.sweep_deg) for i, k in enumerate(outline) if k.sweep_deg)
        if len(points) == 2:  # two arcs make an outline of two corners: each is halved
            points, curves = _halved(outline)
        hung = Placement((-around.centre[0], -around.centre[1], 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
        top = _hole_in(outline)
        pieces.append(Piece("motif", "motif", hung,
                            (Panel("motif", points, layer=_ON_THE_PLANE, curves=curves,
                                   holes=(hole_path(_THREAD_HOLE_MM, top),)),), folds=()))
        thread = inner * math.cos(half) + _FROM_EDGE_MM - (top[1] - around.centre[1]) + _KNOTS_MM
        remarks.append(("motif", say("it hangs on {length} of thread, knots included",
                                     length=write_both(round(thread)))))
        bought = (Bought("thread", 1, say("Knot the thread through the hole of the motif and through that of "
                                          "the ring, so that the motif hangs in the middle."), "motif",
                         round(thread), when=When.CLOSED, uses=("ring 1",)),)
    remarks.append(("rays", "draw each over a rounded edge once it is turned back, so that it curls"))
    return Draft(tuple(pieces), closes=False, remarks=tuple(remarks), bought=bought)


def _hole_in(outline: contour.Outline) -> Point:
    """Where the thread goes through a motif: upright over its middle, as near its upper edge as leaves card
    round the hole."""
    from shapely import LineString, Polygon  # loaded when first drawn
    from shapely import Point as At
    body = Polygon(flat_points(contour.path(outline)))
    x = body.centroid.x
    inner = body.buffer(-_THREAD_HOLE_MM / 2 - _CARD_ROUND_MM)
    low, high = body.bounds[1], body.bounds[3]
    met = inner.intersection(LineString(((x, low - 1.0), (x, high + 1.0))))
    if met.is_empty:
        spot = inner.representative_point() if not inner.is_empty else At(x, body.centroid.y)
        return float(spot.x), float(spot.y)
    return x, float(met.bounds[3])


def _halved(outline: contour.Outline) -> tuple[tuple[tuple[float, float], ...],
                                               tuple[tuple[int, float], ...]]:
    points: list[tuple[float, float]] = []
    curves: list[tuple[int, float]] = []
    for arc in contour.path(outline):
        assert isinstance(arc, Arc)
        for share in (0.0, 0.5):
            curves.append((len(points), arc.sweep_deg / 2))
            points.append(arc.at(share))
    return tuple(points), tuple(curves)


def _sound(values: Values) -> None:
    outer, count, ring = float(values["diameter"]) / 2, int(values["rays"]), float(values["ring"])
    inner = outer - ring
    if inner < outer / 4:
        raise MeasureError("so wide a ring leaves no middle", "ring", "make it narrower")
    if 2 * inner * math.sin(math.pi / count) < _LEAST_ROOT_MM:
        raise MeasureError("its triangles would be too small to cut", "rays", "take fewer, or make it larger")
    if values["motif"] != NONE:
        around = contour.box(contour.sized(contour.read(LIBRARY[str(values["motif"])], ours=True),
                                           float(values["size"])))
        if math.hypot(around.width, around.height) > 1.9 * inner * math.cos(math.pi / count):
            raise MeasureError("the motif does not hang free in the middle", "size", "make it smaller")


RECIPE = Recipe(
    id="wreath", title="Wreath", family="shapes",
    purpose="a ring with triangles turned back over it, a motif hung in its middle",
    also=("door ring", "christmas", "garland", "ornament", "star"),
    measures=(
        Measure("diameter", Kind.LENGTH, 180.0, "across the ring, outside", 60.0, 600.0),
        Measure("ring", Kind.LENGTH, 28.0, "width of the ring at the corners of its opening", 10.0, 200.0,
                label="Ring width"),
        Measure("rays", Kind.COUNT, 16.0, "how many triangles are turned back", 5.0, 32.0),
        Measure("back", Kind.ANGLE, 150.0, "how far the triangles are turned back", 60.0, 170.0,
                label="Turned back"),
        Measure("motif", Kind.CHOICE, "star", "what hangs in the middle",
                choices=((NONE, "nothing"), ("star", "star"), ("heart", "heart"),
                         ("drop", "drop"),
                         ("leaf", "leaf"), ("round", "disc"))),
        Measure("size", Kind.LENGTH, 40.0, "width of the motif", 8.0, 300.0, label="Motif width"),
    ),
    draft=draft_wreath, thinnest=0.1, thickest=0.5, contradictions=_sound, gives=("ring", "rays", "size"),
    stock="card-220",
)
