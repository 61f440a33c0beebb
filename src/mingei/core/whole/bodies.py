"""A thing as a body that is set on another: how it stands, what of it touches the ground, what lies below a
level, which of its sides stand there."""

from __future__ import annotations

import math
from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.amendments.opening import may_open
from mingei.core.document.build import Build
from mingei.core.draft import EdgeRef, Panel, Role
from mingei.core.errors import MeasureError
from mingei.core.flat.pattern import FlatPanel, Pattern
from mingei.core.folded.fold import finished, place
from mingei.core.folded.shared import HAIR_MM, Slab, slabs
from mingei.core.keeping import kept_with
from mingei.core.plane.shape import Line, Polygon
from mingei.core.words import say

Array = NDArray[np.float64]

#: What is no higher than so many of its sheets lies flat as it is made, and is set upright.
_FLAT_SHEETS = 3.0
#: A panel whose normal rises by no more than this (sine) stands.
_STANDS = 0.7
#: What stands is cut through so far (mm) above the ground, or such a share of the thinnest sheet; and a side
#: is on it within so much.
_ABOVE_MM, _ABOVE, _NEAR_MM = 0.1, 0.4, 0.3
#: Gaps so narrow (mm) are closed twice over.
_CLOSED_MM = 0.2
#: Of a side cut into, shorter spans than this (mm) are no place for a tongue, and such a share of it is left.
_SPAN_MM, _MOSTLY = 3.0, 0.85
#: A side lies no further from where it was drawn, mm; what touches on less is a point, mm2.
_OFF_MM, _SPOT_MM2 = 3.0, 0.5


class Below(NamedTuple):
    """A side of a panel that stands on the ground: its panel and number, its ends, how thick it is, mm, how
    much it leans (tangent), and from where to where along it it is straight, mm: boards that cross another
    are cut in."""

    panel: str
    side: int
    start: Array
    end: Array
    thick: float
    leans: float
    spans: tuple[tuple[float, float], ...] = ()

    def passes(self, through: float) -> float:
        """How wide it is (mm) on its way through something so thick, mm."""
        return self.thick * math.hypot(1.0, self.leans) + through * self.leans


@kept_with
def upright(build: Build, level: bool = False, foot: str = "") -> Array:
    """From a thing as it is made to the thing as it stands (4, 4): its lowest point at 0, the middle of what
    stands there over the origin.  What lies flat is set up, its panels' y upwards; level: it stays flat;
    foot: the panel it stands on, whichever way that looks as it is made."""
    turn = np.eye(4)
    points = _points(build)
    if foot:
        turn[:3, :3] = _onto(build, foot, points)
        points = points @ turn[:3, :3].T
    elif not level and float(np.ptp(points[:, 2])) <= _FLAT_SHEETS * build.stock.caliper_mm:
        turn[:3, :3] = ((1.0, 0.0, 0.0), (0.0, 0.0, -1.0), (0.0, 1.0, 0.0))
        points = points @ turn[:3, :3].T
    floor = points[points[:, 2] < points[:, 2].min() + _NEAR_MM]
    low, high = floor.min(axis=0), floor.max(axis=0)
    turn[:3, 3] = -(low[0] + high[0]) / 2, -(low[1] + high[1]) / 2, -points[:, 2].min()
    return turn


def _onto(build: Build, foot: str, points: Array) -> Array:
    """The turn (3, 3) that brings a panel beneath, with the face that less of the thing stands before; its x
    stays along x."""
    matrix = next(finished(p)[foot] for p in build.patterns if p.rides is None and foot in p.by_name)
    high = (points - matrix[:3, 3]) @ matrix[:3, 2]
    down = 1.0 if float(high.max()) <= -float(high.min()) else -1.0
    found: Array = np.diag((1.0, -down, -down)) @ matrix[:3, :3].T
    return found


def _points(build: Build) -> Array:
    found = []
    for pattern in build.patterns:
        half = pattern.stock.caliper_mm / 2
        posed = finished(pattern)
        found += [place(posed[p.name], p.polygon, h) for p in pattern.panels for h in (-half, half)]
    return np.concatenate(found)


def solids(build: Build) -> tuple[Slab, ...]:
    """Every panel as a slab, where it is made.  Not kept: the library of solids counts what is left of them
    when the program ends."""
    return slabs(build.patterns)


def touching(build: Build, foot: str = "") -> tuple[Polygon, ...]:
    """What of a thing touches the ground it stands on: outlines, and those of what they leave out, mm.  foot:
    the panel it stands on, "" as it is made."""
    thinnest = min(p.stock.caliper_mm for p in build.patterns)
    return _sections(build, min(_ABOVE_MM, _ABOVE * thinnest), False, foot)


def across(build: Build, level: float) -> tuple[Polygon, ...]:
    """What of a thing lies at a level as it stands: outlines, and those of what they leave out, mm."""
    return _sections(build, level, False)


def lower(build: Build, level: float, foot: str = "") -> tuple[Polygon, ...]:
    """The outlines of all that lies below a level, seen from above, mm; their holes filled.  foot: the panel
    it stands on, "" as it is made."""
    return _sections(build, level, True, foot)


@kept_with
def _sections(build: Build, level: float, all_below: bool, foot: str = "") -> tuple[Polygon, ...]:
    import manifold3d as m3
    from shapely import Polygon as Area
    from shapely import union_all

    stands = upright(build, foot=foot)
    areas: list[Any] = []
    for each in solids(build):
        solid: m3.Manifold = each.solid.transform(stands[:3])
        if solid.is_empty():
            continue
        box = solid.bounding_box()
        if box[2] > level or (not all_below and box[5] < level):
            continue
        section = (solid.trim_by_plane((0.0, 0.0, -1.0), -level).project() if all_below
                   else solid.slice(level))
        # solids are a hair smaller than their card
        areas += [Area(ring) for ring in section.offset(HAIR_MM, m3.JoinType.Miter).to_polygons() if len(ring)
                  > 2]
    whole = union_all([a if a.is_valid else a.buffer(0) for a in areas]) if areas else Area()
    # the facets of a curved wall stand a hair apart
    whole = whole.buffer(_CLOSED_MM, join_style="mitre").buffer(-_CLOSED_MM, join_style="mitre").simplify(
        0.005)
    rings = [ring for part in getattr(whole, "geoms", [whole]) if part.area > _SPOT_MM2
             for ring in (part.exterior, *(() if all_below else part.interiors))]
    return tuple(tuple((float(x), float(y)) for x, y in ring.coords[:-1]) for ring in rings
                 if Area(ring).area > _SPOT_MM2)


def sides_below(build: Build) -> tuple[Below, ...]:
    """The free straight sides of standing panels that lie on the ground."""
    stands = upright(build)
    taken: set[EdgeRef] = set()
    for piece in build.draft.pieces:
        for fold in piece.folds:
            taken |= {fold.a, fold.b}
        for seam in piece.seams:
            taken |= {site for site in (seam.carrier, seam.host) if isinstance(site, EdgeRef)}
    found = []
    for panel, pattern in panels(build):
        if panel.role is Role.TAB or panel.whole or panel.curves:
            continue
        matrix = stands @ finished(pattern)[panel.name]
        if abs(matrix[2, 2]) > _STANDS:
            continue
        flat = pattern.by_name[panel.name]
        corners = place(matrix, panel.outline)
        lowest = float(place(matrix, flat.polygon)[:, 2].min())
        for side in range(len(corners)):
            a, b = corners[side], corners[(side + 1) % len(corners)]
            if (EdgeRef(panel.name, side) not in taken and lowest < _NEAR_MM
                    and max(a[2], b[2]) < _NEAR_MM + pattern.stock.caliper_mm
                    and (spans := _straight(panel, flat, side))):
                leans = abs(float(matrix[2, 2])) / math.sqrt(1.0 - float(matrix[2, 2]) ** 2)
                found.append(Below(panel.name, side, a, b, pattern.stock.caliper_mm, leans, spans))
    return tuple(found)


def _straight(panel: Panel, flat: FlatPanel, side: int) -> tuple[tuple[float, float], ...]:
    """From where to where along a side it is one straight cut: all of it, or what is between the slots cut
    into it; nothing where that is less than most of it."""
    (px, py), (ux, uy), long = panel.ways[side]
    spans = []
    for segment, fold in zip(flat.path, flat.folds, strict=True):
        ends = (segment.start, segment.end)
        if fold is None and isinstance(segment, Line) and all(
                abs((x - px) * uy - (y - py) * ux) < _OFF_MM for x, y in ends):
            low, high = sorted(max(0.0, min(long, (x - px) * ux + (y - py) * uy)) for x, y in ends)
            if high - low > _SPAN_MM:
                spans.append((low, high))
    if sum(high - low for low, high in spans) < _MOSTLY * long:
        return ()
    return ((0.0, long),) if len(spans) == 1 else tuple(sorted(spans))


def panels(build: Build) -> list[tuple[Panel, Pattern]]:
    """Every panel as it was drafted, with the piece that has it."""
    by_panel = {p.name: pattern for pattern in build.patterns for p in pattern.panels}
    return [(panel, by_panel[panel.name]) for piece in build.draft.pieces for panel in piece.panels
            if panel.name in by_panel]


def looks_down(build: Build, panel: str) -> bool:
    """Whether the printed face of a panel looks down where the thing is made: what is set in it stands on its
    inner face."""
    return any(p.name == panel and float(finished(pattern)[panel][2, 2]) < -_STANDS
               for p, pattern in panels(build))


def top_of(build: Build) -> str:
    """The panel that reaches highest once it stands, of those that can be pierced.  Raises MeasureError where
    there is none."""
    stands = upright(build)
    tops = [(float(place(stands @ finished(pattern)[panel.name], panel.outline)[:, 2].max()), panel.name)
            for panel, pattern in panels(build) if may_open(panel)]
    if not tops:
        raise MeasureError(say("no panel of the {guest} can be pierced", guest=build.brief.name), "foot",
                           "let it stand, or glue it on")
    highest = max(high for high, _ in tops)
    return next(name for high, name in tops if high > highest - 1e-6)
