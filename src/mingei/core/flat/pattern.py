"""The pattern: one piece laid flat with its thickness, ready to be cut and scored.

``develop`` makes it from a draft; everything later reads it: the folded form, the sheets, the files.
"""

from __future__ import annotations

import math
from collections.abc import Mapping
from dataclasses import KW_ONLY, dataclass, replace
from functools import cached_property
from typing import Any, NamedTuple

from mingei.core.draft import Crease, Joint, Lap, Placement, Role, Wrap
from mingei.core.offset import Measured
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import (
    STAY,
    Box,
    Path,
    Point,
    Polygon,
    Rigid,
    distance_to_segment,
    flat_points,
    grown,
    moved_path,
    outset,
    path_bounds,
    signed_area,
)
from mingei.core.stock import Stock


class Groove(NamedTuple):
    """A channel in a panel's face that the side of another stands in: its seam, its outline in the panel's
    own coordinates, how deep, mm, and whether it is in the face the brief measures the inside of."""

    seam: str
    path: Path
    depth_mm: float
    inside: bool = True


@dataclass(frozen=True, eq=False)
class FlatPanel:
    """A panel with its thickness, in its own plane and on the flat.

    path: closed, in the panel's own coordinates, whose origin is the nominal outline's; folds: for each
    segment of the path the number of the fold it belongs to, or None for a cut; depth: of its mid-surface, mm
    outward from the nominal plane; frame: from its own coordinates to the flat; whole: the curved face, or
    row of teeth, it is one of; holes: closed paths cut out of it, in its own coordinates, clockwise; gaps:
    what it lacks of openings that cross its bends, likewise; grooves: the channels in its faces;
    lies: what of it lies in its plane when it is finished, () for all of it: the rest is led round what it
    covers, or rolled up; hinges: lines it bends along without a score; bevels: segments of the path that are
    cut slanting, by their numbers, and how far from square, degrees, the inner face the smaller; face: the
    outline without tongues, where some stand out of it, else (); tint, said, wrap: the colour it is
    printed in, what is printed amid it, and its patch of a picture, likewise in its own coordinates.
    """

    name: str
    _: KW_ONLY
    role: Role
    layer: float
    depth: float
    path: Path
    folds: tuple[int | None, ...]
    frame: Rigid
    guides: tuple[Path, ...] = ()
    whole: str = ""
    holes: tuple[Path, ...] = ()
    gaps: tuple[Polygon, ...] = ()
    grooves: tuple[Groove, ...] = ()
    lies: Path = ()
    hinges: tuple[tuple[Point, Point], ...] = ()
    bevels: tuple[tuple[int, float], ...] = ()
    face: Polygon = ()
    tint: tuple[int, int, int] | None = None
    said: str = ""
    wrap: Wrap | None = None

    def within(self, deep: float) -> Polygon:
        """Its outline so far beneath its outer face (mm), where its slanting sides lie further in."""
        if not self.bevels:
            return self.polygon
        by = dict(self.bevels)
        return outset(self.polygon, tuple(-deep * math.tan(math.radians(by.get(i, 0.0)))
                                          for i in range(len(self.polygon))))

    @cached_property
    def hole_polygons(self) -> tuple[Polygon, ...]:
        """Its holes as points, clockwise; arcs as chords."""
        return tuple(tuple(flat_points(h)[:-1]) for h in self.holes)

    @cached_property
    def polygon(self) -> Polygon:
        """The outline as points in the panel's own coordinates; arcs as chords."""
        return tuple(flat_points(self.path)[:-1])

    @cached_property
    def standing(self) -> Polygon:
        """The outline of what lies in its plane when it is finished."""
        return tuple(flat_points(self.lies)[:-1]) if self.lies else self.polygon

    @cached_property
    def flat_polygon(self) -> Polygon:
        """The outline as points on the flat."""
        return self.frame.apply_all(self.polygon)

    @cached_property
    def flat_path(self) -> Path:
        return moved_path(self.path, self.frame)

    @cached_property
    def area(self) -> float:
        """mm2, less its holes."""
        return signed_area(self.polygon) + sum(signed_area(h) for h in (*self.hole_polygons, *self.gaps))

    @cached_property
    def gap_sides(self) -> tuple[tuple[Point, Point], ...]:
        """The sides of its gaps that are cuts: the others lie along a bend, where the opening runs on."""
        sides = [(a, b) for gap in self.gaps for a, b in zip(gap, (*gap[1:], gap[0]), strict=True)]
        edges = list(zip(self.polygon, (*self.polygon[1:], self.polygon[0]), strict=True))

        def along(a: Point, b: Point) -> bool:
            return any(distance_to_segment(a, p, q) < 1e-6 and distance_to_segment(b, p, q) < 1e-6
                       for p, q in edges)

        return tuple((a, b) for a, b in sides if not along(a, b))

    @cached_property
    def card(self) -> Any:
        """Its outline as an area to measure against, a hair wider than it is, prepared for many questions."""
        from shapely import prepare  # slow to load, and rarely needed

        area = area_of(self.polygon).buffer(1e-6)
        prepare(area)
        return area

    @cached_property
    def convex(self) -> bool:
        """Whether its outline turns left at every point."""
        (ax, ay), (bx, by) = self.polygon[-2:]
        for cx, cy in self.polygon:
            if (bx - ax) * (cy - ay) - (by - ay) * (cx - ax) < -1e-9:
                return False
            ax, ay, bx, by = bx, by, cx, cy
        return True


class FlatFold(NamedTuple):
    """A score line, or one of those a curved score is made of, or a bend, which is not scored.

    start, end: on the flat, with the parent panel to the left; angle_deg: signed, mountain positive; gain: mm
    taken up by the crease; step: its place in the order of folding; length: the line's, mm.  apart_mm: turned
    right over, so far the two mid-surfaces stand from each other.
    """

    parent: str
    child: str
    start: Point
    end: Point
    angle_deg: float
    gain: float
    step: int
    bend: bool = False
    closing: bool = False
    curved: bool = False
    apart_mm: float = 0.0

    @property
    def crease(self) -> Crease:
        # a pre-crease lies flat when finished, and its way is in the sign of its 0
        return Crease.MOUNTAIN if math.copysign(1.0, self.angle_deg) > 0 else Crease.VALLEY

    @property
    def length(self) -> float:
        return math.dist(self.start, self.end)


class FlatSeam(NamedTuple):
    """A seam as developed: the tab panel, its host, and the depth it was given (mm) against the depth asked
    for.

    host_edge: the two nominal ends of the host's edge, in the host's coordinates.  beyond_mm: how far the
    tab's crease lies past that edge as it really is, in the carrier's own thickness; edge_mm: how far that
    lies outside the nominal line; row: the row of teeth it is one of; fellow: the second flap of a fin;
    outside: it is a strap, which lies on its host's outer face.
    """

    name: str
    joint: Joint
    carrier: str
    host: str
    asked_mm: float
    depth_mm: float
    host_edge: tuple[Point, Point]
    beyond_mm: float = 0.0
    edge_mm: float = 0.0
    row: str = ""
    fellow: str = ""
    outside: bool = False


class Mate(NamedTuple):
    """The two edges a seam joins, as lines on the flat (mm), whether a tab joins them or tape.

    key: the seam's number, the same on both edges, one for a row of teeth; host_line is None where the host
    is a panel of another piece; row: the row of teeth it is one of; angle_deg: the corner between the two.
    """

    key: int
    seam: str
    joint: Joint
    carrier: str
    host: str
    carrier_line: tuple[Point, Point]
    host_line: tuple[Point, Point] | None
    row: str = ""
    angle_deg: float = 90.0

    @property
    def length(self) -> float:
        """Of the carrier's edge, mm."""
        return math.dist(*self.carrier_line)


class EdgeKey(NamedTuple):
    """A numbered edge of a piece: the edge it meets, on this piece or another, bears the same number.

    seam: its name, or that of the row of teeth; panel: the edge's; line: on the flat, mm, the panel to its
    left; bears: it bears the tab.
    """

    key: int
    seam: str
    panel: str
    line: tuple[Point, Point]
    bears: bool


class Ride(NamedTuple):
    """Where a piece is glued on another: the panel, how far its mid-surface lies from the panel's (mm), and
    on which of its faces; at: how its own coordinates lie in the panel's, seen from that face; seam: what it
    is behind, "" for none; loose: it is not glued there, and only goes with it."""

    host: Pattern
    panel: str
    up: float
    inside: bool
    at: Rigid = STAY
    seam: str = ""
    loose: bool = False


@dataclass(frozen=True, eq=False, kw_only=True)
class Pattern:
    """One piece, flat, ready to be cut and scored.

    Patterns are told apart by identity, which keeps caches quick; ``develop`` gives the same one for the same
    values.  part: the part of the thing it belongs to; rides: the panel it is glued on and moves with,
    instead of a placement of its own.
    """

    name: str
    stock: Stock
    root: str
    placement: Placement
    measured: Measured
    panels: tuple[FlatPanel, ...]
    folds: tuple[FlatFold, ...]
    seams: tuple[FlatSeam, ...]
    laps: tuple[Lap, ...]
    cuts: tuple[Path, ...]
    mates: tuple[Mate, ...] = ()
    copies: int = 1
    keys: tuple[EdgeKey, ...] = ()
    part: str = ""
    rides: Ride | None = None

    @property
    def covers(self) -> bool:
        """Whether it is glued on another piece, and goes with that."""
        return self.rides is not None and not self.rides.loose

    def __repr__(self) -> str:
        return f"<pattern of {self.name}, {len(self.panels)} panels>"

    @cached_property
    def guides(self) -> tuple[Path, ...]:
        """Lines to be traced lightly, on the flat."""
        return tuple(moved_path(g, p.frame) for p in self.panels for g in p.guides)

    @cached_property
    def channels(self) -> tuple[tuple[Path, float], ...]:
        """The channels cut into its faces, on the flat, each with its depth, mm."""
        return tuple((moved_path(g.path, p.frame), g.depth_mm) for p in self.panels for g in p.grooves)

    @cached_property
    def by_name(self) -> Mapping[str, FlatPanel]:
        return {p.name: p for p in self.panels}

    def panels_of(self, name: str) -> tuple[FlatPanel, ...]:
        """The panel of a name, or the facets of a curved face or row of teeth of that name."""
        return tuple(p for p in self.panels if name in (p.name, p.whole))

    @cached_property
    def box(self) -> Box:
        """The blank: the upright rectangle round the flat, mm."""
        return path_bounds(self.cuts)

    @cached_property
    def area(self) -> float:
        """Area of card in the piece, mm2."""
        return sum(p.area for p in self.panels)

    @cached_property
    def steps(self) -> tuple[int, ...]:
        """The numbers of the folding steps that occur, in order."""
        return tuple(sorted({f.step for f in self.folds}))


def enlarged(pattern: Pattern, factor: float) -> Pattern:
    """The drawing enlarged as it is, stock and all that follows from it left as they were: what a copier
    does, and not a new draft."""

    def point(p: Point) -> Point:
        return p[0] * factor, p[1] * factor

    def line(ends: tuple[Point, Point]) -> tuple[Point, Point]:
        return point(ends[0]), point(ends[1])

    def path(segments: Path) -> Path:
        return tuple(grown(s, factor) for s in segments)

    panels = tuple(replace(p, path=path(p.path), guides=tuple(path(g) for g in p.guides),
                           holes=tuple(path(h) for h in p.holes),
                           gaps=tuple(tuple(point(q) for q in g) for g in p.gaps),
                           frame=p.frame._replace(x=p.frame.x * factor, y=p.frame.y * factor))
                   for p in pattern.panels)
    x, y, z = pattern.placement.origin
    return replace(
        pattern, panels=panels,
        placement=pattern.placement._replace(origin=(x * factor, y * factor, z * factor)),
        folds=tuple(f._replace(start=point(f.start), end=point(f.end)) for f in pattern.folds),
        seams=tuple(s._replace(depth_mm=s.depth_mm * factor, asked_mm=s.asked_mm * factor,
                               edge_mm=s.edge_mm * factor,
                            host_edge=line(s.host_edge)) for s in pattern.seams),
        cuts=tuple(path(c) for c in pattern.cuts),
        mates=tuple(m._replace(carrier_line=line(m.carrier_line), host_line=m.host_line and line(m.host_line))
                    for m in pattern.mates),
        keys=tuple(k._replace(line=line(k.line)) for k in pattern.keys))
