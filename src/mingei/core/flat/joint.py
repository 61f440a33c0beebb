"""Joints: the shape of a glue tab or tuck lip.

A *tab* is carried by one panel and lands on another, its *host*.  It is drawn in the host's own terms: x
along the host's edge, y into the host, so that staying inside the host is a statement about one polygon.  It
is tapered so that neighbours do not meet in the corner, and never deeper than its host has room for.
"""

from __future__ import annotations

import math
from collections.abc import Collection, Iterable, Sequence
from itertools import pairwise
from typing import NamedTuple

from mingei.core.errors import GeometryError
from mingei.core.offset import RELIEF_MM
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Path, Point, Polygon, bounds, polygon_path, rounded_polygon
from mingei.core.words import say

#: A tab's sides lean in by at least this much from square, so that it slips in and never shows (degrees).
LEAN_DEG = 15.0
#: A tab keeps this far from what lies beside it on the flat, so that a knife passes between (degrees).
FREE_DEG = 2.0
#: Past this inside angle (degrees) a host's next side takes no room from a tab.
BLUNT_DEG = 150.0
#: The free edge of a tab keeps at least this share of its hinge, so that its tapers never meet.
MIN_TOP_SHARE = 0.25


class Corner(NamedTuple):
    """One end of a host's edge: the host's inside angle there, and whether the next edge takes a tab too.

    free_deg: how much is free on the flat between the tab's hinge and the line of what lies beside it;
    clear_mm: where that line crosses the hinge's, along the hinge from this end.
    """

    inside_deg: float
    shared: bool
    free_deg: float = 180.0
    clear_mm: float = 0.0

    @property
    def side_deg(self) -> float:
        """Angle between the hinge and the tab's side: half the corner where two tabs share it, else a lean;
        never more than is free."""
        lying = self.inside_deg / 2 if self.shared else max(self.inside_deg - LEAN_DEG, self.inside_deg / 2)
        return min(90.0 - LEAN_DEG, lying, self.free_deg - min(FREE_DEG, self.free_deg / 2))


class Host(NamedTuple):
    """What bounds a tab: a host's outline with its edge along the x axis, inside above, mm.

    before, start, end, after: the corner before the edge, its two ends, the corner after it; sides: the
    host's other sides in order, or those of them the tab can reach, each with whether a tab comes from it
    towards this one, so that each keeps to its half.
    """

    before: Point
    start: Point
    end: Point
    after: Point
    sides: Sequence[tuple[Point, Point, bool]]

    @classmethod
    def of(cls, outline: Polygon, bearing: Collection[int] = ()) -> Host:
        """outline: begins with the edge; bearing: numbers of the sides from which tabs come, counted from the
        edge."""
        sides = [(a, b, number in bearing)
                 for number, (a, b) in enumerate(zip(outline[1:], (*outline[2:], outline[0]), strict=True),
                                                 1)]
        return cls(outline[-1], outline[0], outline[1], outline[2], sides)

    @property
    def faced(self) -> bool:
        """Whether a tab comes towards this one from any side."""
        return any(bears for _, _, bears in self.sides)


class Tooth(NamedTuple):
    """One tab asked for, as ``tab_shape`` takes it: the host's edge, the corners at its two ends, depth,
    hinge outside the nominal edge, relief, and where the side that bears the hinge begins and ends, mm."""

    edge: int
    start: Corner
    end: Corner
    depth: float
    setback: float
    relief: float
    side: tuple[float, float]


class TabShape(NamedTuple):
    """A tab, in host-edge coordinates (mm).

    path: closed, counter-clockwise, beginning with the hinge; depth_mm: from the nominal edge, really
    reached; hinge_mm: the hinge's length.
    """

    path: Path
    depth_mm: float
    hinge_mm: float


def tab_shape(hosts: Sequence[Host], length: float, start: Corner, end: Corner, depth: float, setback: float,
              round_mm: float = 0.0,
              holes: Sequence[Polygon] = (), relief: float = RELIEF_MM,
              side: tuple[float, float] = (-math.inf, math.inf)) -> TabShape:
    """Draw a tab.

    hosts: the host with its edge along the x axis from 0 to ``length``: nominal, and as thickness has moved
    its sides; the tab keeps within both. start, end: the corners at x = 0 and x = length.  depth: asked for,
    mm. setback: how far the hinge lies outside the nominal edge because of thickness, mm. holes: what is cut
    out of the host, in its edge's coordinates: the tab goes round them where enough of it is left beside,
    else it stops before them. side: where the side that bears the hinge begins and ends: the hinge does not
    reach past it. Raises GeometryError when the edge is too short to carry a tab at all.
    """
    tan0, tan1 = math.tan(math.radians(start.side_deg)), math.tan(math.radians(end.side_deg))
    # where the host's neighbouring sides leave room, all the way from the hinge to the host's edge; a blunt
    # one runs on almost in line, and takes none
    first = (0.0 if start.inside_deg > BLUNT_DEG
             else max(_crossing(h.start, h.before, y) for h in hosts for y in _levels(h, setback)))
    last = (length if end.inside_deg > BLUNT_DEG else min(_crossing(h.end, h.after, y) for h in hosts
                                                          for y in _levels(h, setback)))
    x0, x1 = (first + _beginning(start, setback, relief, first),
              last - _beginning(end, setback, relief, length - last))
    within = max(0.0, -setback)  # there the hinge is shorter than the tab's root at the nominal edge
    x0, x1 = max(x0, side[0] - within / tan0), min(x1, side[1] + within / tan1)
    hinge = x1 - x0
    if hinge <= relief:
        raise GeometryError(say("an edge of {length:g} mm is too short to carry a tab", length=length))
    lean = 1 / tan0 + 1 / tan1
    room = min(_room_above(host.sides, x0, x1, 1 / tan0, 1 / tan1) for host in hosts)
    if hosts[0].faced:  # half of what lies straight above, since the other tab may be the wider one
        room = min(room, _room_above([side for side in hosts[0].sides if side[2]], x0, x1, 0.0, 0.0) / 2)
    reached = min(depth, room - relief, hinge * (1 - MIN_TOP_SHARE) / lean)
    if hosts[0].faced:
        reached = nearer_its_own(hosts[0].sides, ((x0, 1 / tan0), (x1, -1 / tan1)), reached, relief)
    notches = _notches(holes, relief, reached, (x0, 1 / tan0), (x1, 1 / tan1)) if holes else []
    if notches and notches[0][0] < x0 and notches[0][1] > x1:  # nothing is left beside
        room = reached = notches[0][2]
        notches = []
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
    if notches:
        if min(low for _, _, low in notches) + min(0.0, setback) <= 0:
            raise GeometryError(say("an edge of {length:g} mm has an opening too near it to carry a tab",
                                    length=length))
        points = _notched(points, notches)
        return TabShape(polygon_path(points), reached, hinge)
    radius = min(round_mm, 0.4 * free_depth, 0.4 * (right[0] - left[0]))
    free = points.index(right)
    return TabShape(rounded_polygon(points, {free: radius, free + 1: radius}), reached, hinge)


#: Of a side that runs back by more than this (the cosine of the turn from the hinge) all that lies between is
#: halved; an oblique one is kept clear of corner by corner.
OPPOSITE = -0.87


def nearer_its_own(sides: Sequence[tuple[Point, Point, bool]], corners: Sequence[tuple[float, float]],
                   depth: float,
                   relief: float) -> float:
    """The depth at which both free corners of a tab lie nearer its own edge than any oblique side another tab
    comes from.

    corners: where each side of the tab begins, and how far it moves along for each mm of depth.
    """
    for (ax, ay), (bx, by), bears in sides:
        length = math.hypot(bx - ax, by - ay)
        ux, uy = (bx - ax) / length, (by - ay) / length
        if not bears or ux < OPPOSITE:
            continue
        for x, lean in corners:
            off, along = (ux * (depth - ay) - uy * (x + lean * depth - ax), ux * (x + lean * depth - ax) + uy
                          * (depth - ay))
            if off < depth and 0.0 <= along <= length:
                at_hinge = -ux * ay - uy * (x - ax)
                depth = min(depth, at_hinge / (1.0 - ux + uy * lean) - relief / 2)
    return depth


#: A tab that goes round an opening keeps at least this much beside it, mm: less would not hold (from
#: experience, no published source).
LEAST_BESIDE_MM = 5.0


def _notches(holes: Sequence[Polygon], relief: float, depth: float, left: tuple[float, float],
             right: tuple[float, float]) -> list[tuple[float, float, float]]:
    """What is left out of a tab so that it goes round the holes: from x to x, down to a level; one that
    reaches past an end takes all that is there.

    left, right: where the tab's two sides begin, and how far each leans in for each mm of depth.
    """
    start, end = left[0] + depth * left[1], right[0] - depth * right[1]
    boxes = [bounds(hole).grown(relief) for hole in holes]
    found: list[tuple[float, float, float]] = []
    for box in sorted(boxes):
        root = max(0.0, box.bottom)  # where the opening begins the tab is widest
        if (box.bottom >= depth or box.right <= left[0] + root * left[1] or box.left >= right[0] - root
            * right[1]):
            continue
        if found and box.left - found[-1][1] < LEAST_BESIDE_MM:
            found[-1] = (found[-1][0], max(found[-1][1], box.right), min(found[-1][2], box.bottom))
        else:
            found.append((box.left, box.right, box.bottom))
    if found and found[0][0] - start < LEAST_BESIDE_MM:
        found[0] = (left[0] - 1.0, *found[0][1:])
    if found and end - found[-1][1] < LEAST_BESIDE_MM:
        found[-1] = (found[-1][0], right[0] + 1.0, found[-1][2])
    return found


def _notched(points: Polygon, notches: Sequence[tuple[float, float, float]]) -> Polygon:
    """A tab's outline, which begins with its hinge, with the notches cut in from its free edge."""
    from shapely import box, difference, union_all  # few tabs meet an opening, and it is slow to load
    from shapely.geometry.polygon import orient

    top = max(y for _, y in points) + 1.0
    rest = difference(area_of(points),
                      union_all([box(low, level, high, top) for low, high, level in notches]))
    ring = [(float(x), float(y)) for x, y in orient(rest).exterior.coords[:-1]]
    first = ring.index(points[0])
    return (*ring[first:], *ring[:first])


def cut_back(shape: TabShape, level: float) -> TabShape:
    """A straight-sided tab cut off square at a level above its hinge, mm: the same flap on a panel whose
    thickness lets it begin there."""
    points = [s.start for s in shape.path]
    hinge_left, hinge_right, *rest = points
    top = max(y for _, y in points)
    right = [hinge_right, *rest[:[y for _, y in rest].index(top) + 1]]
    left = [hinge_left, *rest[[y for _, y in rest].index(top) + 1:][::-1]]

    def at(chain: list[Point]) -> tuple[Point, list[Point]]:
        """Where a chain from the hinge up crosses the level, and what lies above."""
        for below, above in pairwise(chain):
            if below[1] <= level < above[1]:
                share = (level - below[1]) / (above[1] - below[1])
                return ((below[0] + share * (above[0] - below[0]), level),
                        [p for p in chain if p[1] > level + 1e-9])
        return chain[0], chain[1:]

    (start, up_left), (end, up_right) = at(left), at(right)
    outline = (start, end, *up_right, *up_left[::-1])
    return TabShape(polygon_path(outline), shape.depth_mm, math.dist(start, end))


def _crossing(near: Point, far: Point, level: float) -> float:
    """Where the line of a host's neighbouring side crosses a level."""
    return (near[0] if abs(far[1] - near[1]) < 1e-9 else near[0] + (level - near[1]) * (far[0] - near[0])
            / (far[1] - near[1]))


def _beginning(corner: Corner, setback: float, relief: float, moved: float) -> float:
    """How far from the host's corner, which thickness has ``moved`` along, a tab's side begins at the nominal
    edge: relief away from the corner, and from what lies beside on the flat."""
    side = math.radians(corner.side_deg)
    away = relief / math.sin(side)
    if corner.free_deg >= 180.0:
        return away
    lean = math.tan(math.radians(corner.free_deg)) if setback > 0 else math.tan(side)
    return max(away, corner.clear_mm - moved + away + (setback / lean if abs(lean) < 1e6 else 0.0))


def _levels(host: Host, setback: float) -> tuple[float, float, float]:
    return -max(0.0, setback), 0.0, max(0.0, host.start[1])


def _room_above(sides: Iterable[tuple[Point, Point, bool]], x0: float, x1: float, lean0: float,
                lean1: float) -> float:
    """Depth at which a tab growing from x0..x1 first meets one of these sides.

    lean0, lean1: how far its own two sides lean in for each mm of depth.
    """
    room = math.inf
    for a, b, _ in sides:
        # most sides lie wholly below the hinge, beside the tab or beyond what was met
        (ax, ay), (bx, by) = a, b
        if (ay < 1e-9 and by < 1e-9) or (ay >= room and by >= room):
            continue
        if (ax - lean0 * ay < x0 and bx - lean0 * by < x0) or (ax + lean1 * ay > x1 and bx + lean1 * by > x1):
            continue
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
