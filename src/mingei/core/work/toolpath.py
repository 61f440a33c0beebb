"""The way a tool's axis goes so that the cut lies on the drawing.

*Blade*: its tip trails the axis by an offset d, so the axis leads by d along the way; at a corner it swings
round the corner on an arc of radius d while the tip stays; along an arc of radius R it runs on one of radius
sqrt(R^2 + d^2), atan(d / R) ahead.  *Beam*: it burns half its width to either side, so it runs half a width
outside a part and inside an opening.  Plane geometry.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Sequence
from itertools import pairwise

from mingei.core.plane.shape import (
    Arc,
    Line,
    Path,
    Point,
    Segment,
    flat_points,
    moved_path,
    reverse,
    shifted,
    signed_area,
)

#: Turns below this (degrees) need no swing; ends nearer than this (mm) are one point.
_STRAIGHT_DEG, _SAME_MM = 0.3, 1e-5
#: Chords of a moved path keep so near to its arcs, mm.
_FINE_MM = 0.002
#: A floor of a notch is no longer than so many beams are wide.
_FLOOR = 2.0
#: A corner a beam stays so far from (in its half widths) is led into; further than this (mm) is no corner.
_NARROW, _DEEP_MM = 2.5, 25.0
#: No corner of two sides that turns by less than this is too narrow for a beam.
_SHARP_DEG = 60.0


def tangent(segment: Segment, at_end: bool = False) -> Point:
    """The direction of a segment at its start or end, a unit vector."""
    if isinstance(segment, Line):
        length = math.dist(segment.start, segment.end)
        return (segment.end[0] - segment.start[0]) / length, (segment.end[1] - segment.start[1]) / length
    angle = math.radians(segment.start_deg + (segment.sweep_deg if at_end else 0.0))
    way = 1.0 if segment.sweep_deg > 0 else -1.0
    return -math.sin(angle) * way, math.cos(angle) * way


def _turn_deg(a: Point, b: Point) -> float:
    return math.degrees(math.atan2(a[0] * b[1] - a[1] * b[0], a[0] * b[0] + a[1] * b[1]))


def is_closed(path: Path) -> bool:
    return math.dist(path[0].start, path[-1].end) < 1e-3


def begun_at(path: Path, number: int) -> Path:
    """A closed path begun at another of its corners."""
    return (*path[number:], *path[:number])


def first_of(path: Path, length: float) -> Path:
    """The beginning of a path, so long, mm."""
    found: list[Segment] = []
    for segment in path:
        if length <= _SAME_MM:
            break
        share = min(1.0, length / segment.length)
        if isinstance(segment, Line):
            (ax, ay), (bx, by) = segment
            found.append(Line((ax, ay), (ax + (bx - ax) * share, ay + (by - ay) * share)))
        else:
            found.append(segment._replace(sweep_deg=segment.sweep_deg * share))
        length -= segment.length
    return tuple(found)


def blade_axis(tip: Path, offset: float) -> Path:
    """The way of the axis of a blade whose tip is to go along a path."""
    if offset <= 0.0:
        return tip
    found: list[Segment] = []
    before: Segment | None = None
    for segment in tip:
        if segment.length < _SAME_MM:
            continue
        way = tangent(segment)
        if before is not None:
            came = tangent(before, True)
            turn = _turn_deg(came, way)
            if abs(turn) > _STRAIGHT_DEG:
                found.append(Arc(segment.start, offset, math.degrees(math.atan2(came[1], came[0])), turn))
        if isinstance(segment, Line):
            found.append(moved_path((segment,), shifted(way[0] * offset, way[1] * offset))[0])
        else:
            ahead = math.degrees(math.atan2(offset, segment.radius))
            found.append(segment._replace(radius=math.hypot(segment.radius, offset),
                                          start_deg=segment.start_deg
                                          + math.copysign(ahead, segment.sweep_deg)))
        before = segment
    return tuple(found)


def beam_axis(path: Path, off: float) -> Path:
    """A closed path moved to its right by so much (mm): outside a counter-clockwise outline, inside a
    clockwise opening.  Where it turns away from there an arc goes round the corner, where it turns towards it
    the two sides meet."""
    if abs(off) < 1e-9:
        return path
    sides: list[Segment] = []
    for segment in path:
        if segment.length < _SAME_MM:
            continue
        if isinstance(segment, Line):
            ux, uy = tangent(segment)
            sides.append(moved_path((segment,), shifted(uy * off, -ux * off))[0])
        else:
            radius = segment.radius + (off if segment.sweep_deg > 0 else -off)
            if radius > 1e-4:
                sides.append(segment._replace(radius=radius))
    if len(sides) < 2:
        return tuple(sides)
    found: list[Segment] = []
    count = len(sides)
    ends = [_joint(sides[i], sides[(i + 1) % count], off) for i in range(count)]
    for i, side in enumerate(sides):
        start, end = ends[i - 1][1], ends[i][0]
        if isinstance(side, Line):
            ux, uy = tangent(side)
            if (end[0] - start[0]) * ux + (end[1] - start[1]) * uy > _SAME_MM:
                found.append(Line(start, end))
        else:
            found.append(_arc_between(side, start, end))
        corner = ends[i][2]
        if corner is not None:
            found.append(corner)
    axis = _closed_up(found)
    return _into_corners(axis if _keeps_off(axis, path, off) else _buffered(path, off), path, off)


def _into_corners(axis: Path, path: Path, off: float) -> Path:
    """A beam's way led into corners too narrow for it to come near along their sides, so that a dart or a
    notch, blunt or sharp, opens to its end: there and back along its middle."""
    if not axis:
        return axis
    sides = [s for s in path if s.length > _SAME_MM]
    wide, way = 2 * abs(off), math.copysign(1.0, off)
    spurs: dict[int, tuple[Point, ...]] = {}
    for k, segment in enumerate(sides):
        blunt = segment.length < _FLOOR * wide  # it may be the floor of a notch
        broad = max(wide, segment.length) if blunt else wide  # its sides may come nearer than at its floor
        after = sides[(k + 1) % len(sides)]
        turn = _turn_deg(tangent(sides[k - 1], True), tangent(segment)) * way
        if blunt:
            turn = max(turn, _turn_deg(tangent(segment, True), tangent(after)) * way)
        if turn > (0.0 if blunt else -_SHARP_DEG):
            continue  # it stands out, or is open enough
        middle = _middle(_back_from(sides, k), _on_from(sides, k + blunt), broad)
        if not middle or (broad > wide and min(math.dist(s.start, middle[0]) for s in axis)
                          <= _NARROW * abs(off)):
            continue
        # over a broad floor it comes as near as the neck lets it
        aim = middle[0] if broad > wide else middle[-1]
        number, near = min(enumerate(s.start for s in axis), key=lambda n: math.dist(n[1], aim))
        deep = math.dist(near, middle[0])
        if _NARROW * abs(off) < deep and min(
                math.dist(near, p) for p in (middle if broad > wide else middle[-1:])) < wide:
            inner = tuple(p for p in middle[1:] if math.dist(p, middle[0]) < deep)
            if len(inner) > len(spurs.get(number, ())):
                spurs[number] = inner[::-1]
    found: list[Segment] = []
    for number, segment in enumerate(axis):
        there = (segment.start, *spurs.get(number, ()))
        found += [Line(a, b) for a, b in pairwise((*there, *there[-2::-1]))]
        found.append(segment)
    return tuple(found)


def _on_from(sides: Sequence[Segment], k: int) -> list[Point]:
    """Points along a closed path from the start of a segment on, as far as a corner may be deep."""
    found: list[Point] = []
    far = 0.0
    for n in range(k, k + len(sides) // 2):
        side = sides[n % len(sides)]
        found += flat_points((side,), _FINE_MM)[bool(found):]
        far += side.length
        if far > _DEEP_MM:
            break
    return found


def _back_from(sides: Sequence[Segment], k: int) -> list[Point]:
    """As _on_from, the other way."""
    return _on_from([reverse(s) for s in reversed(sides)], len(sides) - k)


def _middle(back: Sequence[Point], on: Sequence[Point], wide: float) -> list[Point]:
    """Points midway between the two sides of a corner: its end, and from half a width before it out to where
    it is so wide, mm; () where it is not narrow."""
    from shapely import LineString

    if len(back) < 2 or len(on) < 2:
        return []
    one, other = LineString(back), LineString(on)
    found: list[Point] = []
    at = 0.0
    while at <= min(one.length, _DEEP_MM):
        a = one.interpolate(at)
        b = other.interpolate(other.project(a))
        if a.distance(b) > wide * (1 + 1e-6):
            return found
        found.append(((a.x + b.x) / 2, (a.y + b.y) / 2))
        at += wide / 2
    return []


def _keeps_off(axis: Path, path: Path, off: float) -> bool:
    """Whether a moved path is nowhere nearer to its own than it was moved: sides shorter than a beam is wide
    lead it astray."""
    from shapely import LinearRing, distance, linestrings, points, prepare

    if not axis:
        return False
    ring = LinearRing(flat_points(path, _FINE_MM)[:-1])
    prepare(ring)
    way = linestrings(flat_points(axis, _FINE_MM))
    there = points(way.segmentize(abs(off)).coords)
    return bool((distance(there, ring) > abs(off) - 2 * _FINE_MM).all())


def _buffered(path: Path, off: float) -> Path:
    """A closed path moved to its right in chords; () where nothing is left of it."""
    from shapely import Polygon

    ring = flat_points(path, _FINE_MM)[:-1]
    outline = signed_area(ring) > 0
    found = Polygon(ring).buffer(off if outline else -off, quad_segs=12)
    parts = [p for p in getattr(found, "geoms", [found]) if not p.is_empty]
    if not parts:
        return ()
    corners = list(max(parts, key=lambda p: p.area).exterior.coords)
    if (signed_area(corners[:-1]) > 0) is not outline:
        corners.reverse()
    return tuple(Line((ax, ay), (bx, by)) for (ax, ay), (bx, by) in pairwise(corners))


def _joint(a: Segment, b: Segment, off: float) -> tuple[Point, Point, Segment | None]:
    """Where one side ends and the next begins once both are moved, and what goes round the corner between
    them."""
    turn = _turn_deg(tangent(a, True), tangent(b))
    if math.dist(a.end, b.start) < 1e-6:
        return a.end, b.start, None
    if turn * (1.0 if off > 0 else -1.0) > 0:  # it turns away from where it was moved: round the corner
        ux, uy = tangent(a, True)
        corner = a.end[0] - uy * off, a.end[1] + ux * off
        start = math.degrees(math.atan2(a.end[1] - corner[1], a.end[0] - corner[0]))
        return a.end, b.start, Arc(corner, abs(off), start, turn)
    met = _meet(a, b)
    return (met, met, None) if met is not None else (a.end, b.start, Line(a.end, b.start))


def _meet(a: Segment, b: Segment) -> Point | None:
    """Where two moved sides cross, near their corner."""
    if isinstance(a, Line) and isinstance(b, Line):
        (ax, ay), (ux, uy) = a.start, tangent(a)
        (bx, by), (vx, vy) = b.start, tangent(b)
        cross = ux * vy - uy * vx
        if abs(cross) < 1e-9:
            return None
        s = ((bx - ax) * vy - (by - ay) * vx) / cross
        return ax + ux * s, ay + uy * s
    middle = (a.end[0] + b.start[0]) / 2, (a.end[1] + b.start[1]) / 2
    return middle if math.dist(a.end, b.start) < 0.05 else None


def _arc_between(arc: Arc, start: Point, end: Point) -> Arc:
    """The part of an arc's circle between two points near it."""
    begin = math.degrees(math.atan2(start[1] - arc.centre[1], start[0] - arc.centre[0]))
    stop = math.degrees(math.atan2(end[1] - arc.centre[1], end[0] - arc.centre[0]))
    sweep = (stop - begin) % 360.0 if arc.sweep_deg > 0 else -((begin - stop) % 360.0)
    if abs(abs(sweep) - abs(arc.sweep_deg)) > 180.0:
        sweep = arc.sweep_deg
    return arc._replace(start_deg=begin, sweep_deg=sweep)


def _closed_up(path: Sequence[Segment]) -> Path:
    """A path whose ends meet exactly, small gaps bridged."""
    found: list[Segment] = []
    for a, b in pairwise((*path, path[0])) if path else ():
        found.append(a)
        if math.dist(a.end, b.start) > 1e-6:
            found.append(Line(a.end, b.start))
    return tuple(s for s in found if s.length > 1e-9)


def lead_in(path: Path, length: float, is_waste: Callable[[Point], bool],
            room: float = 0.0) -> tuple[Path, Point]:
    """A closed path begun where a tool can come to it over the waste, and the point it comes from.

    Best is a corner that is come to straight along its first side; else, at any of its corners, the way over
    waste that is nearest to that.  Where there is none, the path as it is and its own beginning.  room: what
    must be waste round the point it comes from, mm, since a blade may first look any way.
    """
    def free(at: Point, way: Point) -> bool:
        if not all(is_waste((at[0] + way[0] * length * share, at[1] + way[1] * length * share))
                   for share in (0.15, 0.4, 0.7, 1.0)):
            return False
        x, y = at[0] + way[0] * length, at[1] + way[1] * length
        return not room or all(is_waste((x + room * math.cos(k * math.pi / 4),
                                         y + room * math.sin(k * math.pi / 4))) for k in range(8))

    corners = [(number, segment.start, tangent(segment)) for number, segment in enumerate(path)]
    for number, at, (ux, uy) in corners:
        if path[number].length > length / 2 and free(at, (-ux, -uy)):
            return begun_at(path, number), (at[0] - ux * length, at[1] - uy * length)
    for turn in (30, -30, 60, -60, 90, -90, 120, -120):
        cos, sin = math.cos(math.radians(turn)), math.sin(math.radians(turn))
        for number, at, (ux, uy) in corners:
            way = -ux * cos + uy * sin, -uy * cos - ux * sin
            if free(at, way):
                return begun_at(path, number), (at[0] + way[0] * length, at[1] + way[1] * length)
    return path, path[0].start


def perforated(line: Line, cut: float, bridge: float) -> tuple[Line, ...]:
    """A fold as a row of cuts with bridges of card between them, which are never narrower than asked; it
    begins and ends with card, so that no point where folds meet is cut through.  Nothing where there is no
    room for one."""
    length = line.length
    count = int((length - bridge + 1e-9) // (cut + bridge))
    if count < 1:
        if length < 2 * bridge + cut / 2:
            return ()
        count = 1
    own = (length - (count + 1) * bridge) / count
    (ax, ay), (ux, uy) = line.start, tangent(line)
    found = []
    for i in range(count):
        a = bridge + i * (own + bridge)
        found.append(Line((ax + ux * a, ay + uy * a), (ax + ux * (a + own), ay + uy * (a + own))))
    return tuple(found)


def middle_of(path: Path, narrower: float) -> Line | None:
    """The slit along the middle of a slot that is narrower than so much (mm) and at least twice as long as
    wide; None for any other path."""
    corners = flat_points(path)
    longest = max(path, key=lambda s: math.dist(s.start, s.end))
    if math.dist(longest.start, longest.end) < _SAME_MM:
        return None
    ux, uy = tangent(Line(longest.start, longest.end))
    along = [ux * x + uy * y for x, y in corners]
    aside = [-uy * x + ux * y for x, y in corners]
    width, begin, end = max(aside) - min(aside), min(along), max(along)
    if width >= narrower - 1e-9 or end - begin < 2 * width:
        return None
    off = (max(aside) + min(aside)) / 2
    return Line((ux * begin - uy * off, uy * begin + ux * off), (ux * end - uy * off, uy * end + ux * off))


def bridged(path: Path, width: float, count: int) -> tuple[Path, ...]:
    """A closed path in open runs, with so many bridges left between them, each so wide, in the middle of long
    sides."""
    total = sum(s.length for s in path)
    if total < count * width * 6:
        return (path,)
    runs: list[Path] = []
    rest = path
    each = total / count
    for _ in range(count):
        run = first_of(rest, each - width)
        runs.append(run)
        rest = _after(rest, each)
    return tuple(runs)


def _after(path: Path, length: float) -> Path:
    """What is left of a path after so much of it, mm."""
    found: list[Segment] = []
    for segment in path:
        if length >= segment.length - 1e-9:
            length -= segment.length
            continue
        if length > 0:
            share = length / segment.length
            if isinstance(segment, Line):
                (ax, ay), (bx, by) = segment
                segment = Line((ax + (bx - ax) * share, ay + (by - ay) * share), (bx, by))
            else:
                segment = segment._replace(start_deg=segment.start_deg + segment.sweep_deg * share,
                                           sweep_deg=segment.sweep_deg * (1 - share))
            length = 0.0
        found.append(segment)
    return tuple(found)
