"""Points, lines and arcs in the plane.

A *point* is a pair (x, y) in mm, y up.  A *segment* is a straight Line or a circular Arc; a *path* is a
tuple of segments, each beginning where the one before ends.  A *polygon* is a tuple of points, not
repeated at the end, counter-clockwise: its inside lies to the left of every side.  Angles are degrees,
counter-clockwise positive.
"""

from __future__ import annotations

import math
from collections.abc import Iterable, Mapping, Sequence
from functools import lru_cache
from typing import NamedTuple, TypeAlias

from mingei.core.errors import GeometryError
from mingei.core.tolerance import TOLERANCE

Point: TypeAlias = tuple[float, float]
Polygon: TypeAlias = tuple[Point, ...]


class Line(NamedTuple):
    """A straight segment from start to end."""

    start: Point
    end: Point

    @property
    def length(self) -> float:
        return math.dist(self.start, self.end)


class Arc(NamedTuple):
    """A circular segment: from ``start_deg`` turning by ``sweep_deg`` (positive: counter-clockwise)."""

    centre: Point
    radius: float
    start_deg: float
    sweep_deg: float

    def at(self, fraction: float) -> Point:
        """The point at a fraction 0..1 of the sweep."""
        angle = math.radians(self.start_deg + self.sweep_deg * fraction)
        return (self.centre[0] + self.radius * math.cos(angle),
                self.centre[1] + self.radius * math.sin(angle))

    @property
    def start(self) -> Point:
        return self.at(0.0)

    @property
    def end(self) -> Point:
        return self.at(1.0)

    @property
    def length(self) -> float:
        return self.radius * math.radians(abs(self.sweep_deg))


Segment: TypeAlias = Line | Arc
Path: TypeAlias = tuple[Segment, ...]


class Rigid(NamedTuple):
    """A turn by (cos, sin) followed by a shift by (x, y): moves without changing size or handedness."""

    cos: float
    sin: float
    x: float
    y: float

    def apply(self, p: Point) -> Point:
        return (self.cos * p[0] - self.sin * p[1] + self.x, self.sin * p[0] + self.cos * p[1] + self.y)

    def apply_all(self, points: Iterable[Point]) -> Polygon:
        """Many points at once."""
        cos, sin, x, y = self
        return tuple([(cos * px - sin * py + x, sin * px + cos * py + y) for px, py in points])

    def then(self, after: Rigid) -> Rigid:
        """This move, followed by ``after``."""
        x, y = after.apply((self.x, self.y))
        return Rigid(after.cos * self.cos - after.sin * self.sin, after.sin * self.cos + after.cos * self.sin,
                     x, y)

    def inverse(self) -> Rigid:
        return Rigid(self.cos, -self.sin, -(self.cos * self.x + self.sin * self.y),
                     self.sin * self.x - self.cos * self.y)

    @property
    def turn_deg(self) -> float:
        return math.degrees(math.atan2(self.sin, self.cos))


STAY = Rigid(1.0, 0.0, 0.0, 0.0)


def turned(degrees: float) -> Rigid:
    """A turn about the origin; exact at quarter turns."""
    exact = {0: (1.0, 0.0), 90: (0.0, 1.0), 180: (-1.0, 0.0), 270: (0.0, -1.0)}.get(int(degrees) % 360) \
        if degrees == int(degrees) else None
    cos, sin = exact or (math.cos(math.radians(degrees)), math.sin(math.radians(degrees)))
    return Rigid(cos, sin, 0.0, 0.0)


def shifted(x: float, y: float) -> Rigid:
    """A shift by (x, y) mm."""
    return Rigid(1.0, 0.0, x, y)


def mapping(from_a: Point, from_b: Point, to_a: Point, to_b: Point) -> Rigid:
    """The move that takes a to a' and the direction a->b to a'->b'.

    Raises GeometryError when either pair is a single point.
    """
    fx, fy = from_b[0] - from_a[0], from_b[1] - from_a[1]
    gx, gy = to_b[0] - to_a[0], to_b[1] - to_a[1]
    scale = math.hypot(fx, fy) * math.hypot(gx, gy)
    if scale < TOLERANCE.same_point**2:
        raise GeometryError("two points that fix a direction coincide")
    cos, sin = (fx * gx + fy * gy) / scale, (fx * gy - fy * gx) / scale
    return Rigid(cos, sin, to_a[0] - (cos * from_a[0] - sin * from_a[1]),
                 to_a[1] - (sin * from_a[0] + cos * from_a[1]))


def moved(segment: Segment, move: Rigid) -> Segment:
    """The segment after a rigid move."""
    if isinstance(segment, Line):
        return Line(move.apply(segment.start), move.apply(segment.end))
    return Arc(move.apply(segment.centre), segment.radius, segment.start_deg + move.turn_deg,
               segment.sweep_deg)


def grown(segment: Segment, factor: float) -> Segment:
    """The segment enlarged about the origin."""
    if isinstance(segment, Line):
        (ax, ay), (bx, by) = segment
        return Line((ax * factor, ay * factor), (bx * factor, by * factor))
    x, y = segment.centre
    return segment._replace(centre=(x * factor, y * factor), radius=segment.radius * factor)


def moved_path(path: Path, move: Rigid) -> Path:
    cos, sin, x, y = move  # spelled out for lines: most segments are, and there are many
    result: list[Segment] = []
    for s in path:
        if isinstance(s, Line):
            (ax, ay), (bx, by) = s
            result.append(Line((cos * ax - sin * ay + x, sin * ax + cos * ay + y),
                               (cos * bx - sin * by + x, sin * bx + cos * by + y)))
        else:
            result.append(moved(s, move))
    return tuple(result)


def reverse(segment: Segment) -> Segment:
    """The same segment walked the other way."""
    if isinstance(segment, Line):
        return Line(segment.end, segment.start)
    return Arc(segment.centre, segment.radius, segment.start_deg + segment.sweep_deg, -segment.sweep_deg)


def path_length(path: Iterable[Segment]) -> float:
    """Length along the path, mm."""
    return sum(s.length for s in path)


def flatten(segment: Segment, chord_error: float = TOLERANCE.chord) -> list[Point]:
    """Points along the segment, the start left out, the end included; arcs become chords.

    chord_error: the largest distance (mm) between arc and chord.
    """
    if isinstance(segment, Line):
        return [segment.end]
    ratio = max(-1.0, 1.0 - chord_error / segment.radius) if segment.radius > 0 else -1.0
    step = 2.0 * math.degrees(math.acos(ratio))
    count = max(1, math.ceil(abs(segment.sweep_deg) / max(step, 0.5)))
    return [segment.at(i / count) for i in range(1, count + 1)]


def flat_points(path: Path, chord_error: float = TOLERANCE.chord) -> list[Point]:
    """All points along a path, its start included."""
    points = [path[0].start]
    for segment in path:
        points.extend(flatten(segment, chord_error))
    return points


def signed_area(polygon: Sequence[Point]) -> float:
    """Area in mm2, positive when counter-clockwise (the shoelace sum)."""
    total = 0.0
    ax, ay = polygon[-1]
    for bx, by in polygon:
        total += ax * by - bx * ay
        ax, ay = bx, by
    return 0.5 * total


class Box(NamedTuple):
    """An upright rectangle."""

    left: float
    bottom: float
    right: float
    top: float

    @property
    def width(self) -> float:
        return self.right - self.left

    @property
    def height(self) -> float:
        return self.top - self.bottom

    @property
    def centre(self) -> Point:
        return ((self.left + self.right) / 2, (self.bottom + self.top) / 2)

    def grown(self, by: float) -> Box:
        return Box(self.left - by, self.bottom - by, self.right + by, self.top + by)

    def moved(self, x: float, y: float) -> Box:
        """The same box elsewhere."""
        return Box(self.left + x, self.bottom + y, self.right + x, self.top + y)

    def meets(self, other: Box) -> bool:
        return not (self.right < other.left or other.right < self.left
                    or self.top < other.bottom or other.top < self.bottom)


def bounds(points: Iterable[Point]) -> Box:
    """The upright rectangle around points.  Raises ValueError when there are none."""
    xs, ys = zip(*points, strict=True)
    return Box(min(xs), min(ys), max(xs), max(ys))


def meeting(boxes: Sequence[Box]) -> list[tuple[int, int]]:
    """The pairs of rectangles that meet, by their numbers, the lower first."""
    order = sorted(range(len(boxes)), key=lambda i: boxes[i].left)
    found = []
    for place, i in enumerate(order):
        _, bottom, right, top = boxes[i]
        for j in order[place + 1:]:
            other = boxes[j]
            if other.left > right:
                break
            if other.bottom <= top and bottom <= other.top:
                found.append((i, j) if i < j else (j, i))
    return sorted(found)


def path_bounds(paths: Iterable[Path]) -> Box:
    """The upright rectangle around paths, exact for arcs."""
    points: list[Point] = []
    for path in paths:
        for segment in path:
            points += (segment.start, segment.end)
            if isinstance(segment, Arc):
                low, high = sorted((segment.start_deg, segment.start_deg + segment.sweep_deg))
                first = math.ceil(low / 90)
                points += [Arc(segment.centre, segment.radius, quarter * 90.0, 0.0).start
                           for quarter in range(first, math.floor(high / 90) + 1)]
    return bounds(points)


def contains(polygon: Sequence[Point], p: Point) -> bool:
    """Whether p lies inside the polygon (a crossing count); points on the border may go either way."""
    inside = False
    x, y = p
    x1, y1 = polygon[-1]
    for x2, y2 in polygon:
        if (y1 > y) != (y2 > y) and x < (x2 - x1) * (y - y1) / (y2 - y1) + x1:
            inside = not inside
        x1, y1 = x2, y2
    return inside


def distance_to_segment(p: Point, a: Point, b: Point) -> float:
    """Distance (mm) from p to the straight piece a-b."""
    dx, dy = b[0] - a[0], b[1] - a[1]
    length2 = dx * dx + dy * dy
    if length2 == 0:
        return math.dist(p, a)
    s = max(0.0, min(1.0, ((p[0] - a[0]) * dx + (p[1] - a[1]) * dy) / length2))
    return math.hypot(p[0] - a[0] - s * dx, p[1] - a[1] - s * dy)


@lru_cache(maxsize=4096)
def ways(polygon: Polygon) -> tuple[tuple[Point, Point, float], ...]:
    """Of every side its start, its direction as a unit vector, and its length, mm; kept, since many panels
    are alike.

    Raises GeometryError for a side of no length.
    """
    found = []
    for a, b in zip(polygon, (*polygon[1:], polygon[0]), strict=True):
        length = math.dist(a, b)
        if length == 0:
            raise GeometryError("an outline has a side of no length")
        found.append((a, ((b[0] - a[0]) / length, (b[1] - a[1]) / length), length))
    return tuple(found)


@lru_cache(maxsize=4096)
def corners_deg(polygon: Polygon) -> tuple[float, ...]:
    """The inside angle at every point, degrees."""
    directions = [(ux, uy) for _, (ux, uy), _ in ways(polygon)]
    found, (bx, by) = [], directions[-1]
    for ux, uy in directions:
        found.append((180.0 - math.degrees(math.atan2(bx * uy - by * ux, bx * ux + by * uy))) % 360.0)
        bx, by = ux, uy
    return tuple(found)


@lru_cache(maxsize=1024)
def outset(polygon: Polygon, distances: tuple[float, ...]) -> Polygon:
    """Move every side outward by its own distance (mm); sides keep their directions.

    distances: one a side, side i runs from point i to point i+1; negative moves inward.
    Returns the polygon of the moved sides' intersections, one point for each given point.
    Raises GeometryError when neighbouring sides are parallel and move by different amounts.
    """
    count = len(polygon)
    lines: list[tuple[Point, Point]] = []
    for i, distance in enumerate(distances):
        a, b = polygon[i], polygon[(i + 1) % count]
        length = math.dist(a, b)
        if length < TOLERANCE.same_point:
            raise GeometryError("an outline has a side of no length")
        ux, uy = (b[0] - a[0]) / length, (b[1] - a[1]) / length
        lines.append(((a[0] + uy * distance, a[1] - ux * distance), (ux, uy)))
    result: list[Point] = []
    for i in range(count):
        (p, u), (q, v) = lines[i - 1], lines[i]
        cross = u[0] * v[1] - u[1] * v[0]
        if abs(cross) < 1e-9:
            if abs(distances[i - 1] - distances[i]) > TOLERANCE.same_point:
                raise GeometryError("two sides in one line are moved by different amounts")
            result.append(q)
            continue
        s = ((q[0] - p[0]) * v[1] - (q[1] - p[1]) * v[0]) / cross
        result.append((p[0] + u[0] * s, p[1] + u[1] * s))
    return tuple(result)


def divided(p: Sequence[Point], q: Sequence[Point], hair: float) -> bool:
    """Whether a side of one of two counter-clockwise outlines has all of that one behind it and all of the
    other before it, but for a hair (mm): then they do not overlap.  Most neighbours are so."""
    for a, b in ((p, q), (q, p)):
        x0, y0 = a[-1]
        for x1, y1 in a:
            nx, ny = y1 - y0, x0 - x1  # outward
            reach = hair * (abs(nx) + abs(ny))
            level = nx * x0 + ny * y0
            if (min([nx * x + ny * y for x, y in b]) >= level - reach and max([nx * x + ny * y for x, y in a])
                <= level + reach):
                return True
            x0, y0 = x1, y1
    return False


def cross(at: Point, size: float = 6.0) -> tuple[Path, Path]:
    """Two short lines that mark a place."""
    (x, y), r = at, size / 2
    return (Line((x - r, y), (x + r, y)),), (Line((x, y - r), (x, y + r)),)


def arc_on(a: Point, b: Point, sweep_deg: float) -> Arc:
    """The arc from a to b that turns through so many degrees, positive counter-clockwise."""
    half = math.radians(sweep_deg) / 2
    dx, dy = b[0] - a[0], b[1] - a[1]
    away = 0.5 / math.tan(half)  # from the chord's middle to the centre, to the left, as a share of the chord
    centre = ((a[0] + b[0]) / 2 - dy * away, (a[1] + b[1]) / 2 + dx * away)
    return Arc(centre, math.dist(a, b) / abs(2 * math.sin(half)),
               math.degrees(math.atan2(a[1] - centre[1], a[0] - centre[0])), sweep_deg)


def hole_path(diameter: float, middle: Point = (0.0, 0.0)) -> Path:
    """A round hole, clockwise, so that the card lies to its left."""
    return Arc(middle, diameter / 2, 90.0, -180.0), Arc(middle, diameter / 2, -90.0, -180.0)


def rectangle(width: float, height: float) -> Polygon:
    """Sides 0 below, 1 right, 2 above, 3 left."""
    return ((0.0, 0.0), (width, 0.0), (width, height), (0.0, height))


def polygon_path(polygon: Polygon) -> Path:
    """The closed path round a polygon, one Line a side."""
    return tuple(Line(a, b) for a, b in zip(polygon, (*polygon[1:], polygon[0]), strict=True))


def rounded(a: Point, corner: Point, b: Point, radius: float) -> tuple[Point, Arc, Point]:
    """Round the corner of a-corner-b: where the arc begins, the arc, where it ends.

    Raises GeometryError when the legs are too short for the radius.
    """
    ux, uy = a[0] - corner[0], a[1] - corner[1]
    vx, vy = b[0] - corner[0], b[1] - corner[1]
    lu, lv = math.hypot(ux, uy), math.hypot(vx, vy)
    ux, uy, vx, vy = ux / lu, uy / lu, vx / lv, vy / lv
    half = math.acos(max(-1.0, min(1.0, ux * vx + uy * vy))) / 2
    leg = radius / math.tan(half)
    if leg > min(lu, lv) + TOLERANCE.same_point:
        raise GeometryError("a corner is too short to be rounded")
    begin = (corner[0] + ux * leg, corner[1] + uy * leg)
    end = (corner[0] + vx * leg, corner[1] + vy * leg)
    turn = 1.0 if ux * vy - uy * vx < 0 else -1.0
    normal = (uy * turn, -ux * turn)  # towards the inside of the corner
    centre = (begin[0] + normal[0] * radius, begin[1] + normal[1] * radius)
    start = math.degrees(math.atan2(begin[1] - centre[1], begin[0] - centre[0]))
    sweep = 180.0 - math.degrees(2 * half)
    return begin, Arc(centre, radius, start, turn * sweep), end


def rounded_polygon(polygon: Polygon, radii: Mapping[int, float]) -> Path:
    """The closed path round a polygon with some corners rounded; begins at point 0.

    radii: mm by point number; points not named, or with radius 0, stay sharp.  Point 0 stays sharp.
    Raises GeometryError when a side is too short for its roundings.
    """
    path: list[Segment] = []
    at = polygon[0]
    for i in range(1, len(polygon)):
        corner, following = polygon[i], polygon[(i + 1) % len(polygon)]
        if radii.get(i, 0.0) > 0:
            begin, arc, end = rounded(at, corner, following, radii[i])
            path += (Line(at, begin), arc)
            at = end
        else:
            path.append(Line(at, corner))
            at = corner
    path.append(Line(at, polygon[0]))
    return tuple(path)
