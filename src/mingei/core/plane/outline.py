"""Outlines: loose segments joined into the closed paths a knife follows."""

from __future__ import annotations

import math
from collections.abc import Iterable, Iterator
from functools import lru_cache

from mingei.core.errors import GeometryError
from mingei.core.plane.shape import (
    Arc,
    Line,
    Path,
    Point,
    Segment,
    arc_on,
    path_bounds,
)
from mingei.core.words import say


def chain(segments: Iterable[Segment]) -> tuple[Path, ...]:
    """Join segments end to start into closed paths, longest first.

    Raises GeometryError when an end meets no start: a cut that would not come free.
    """
    return _chained(tuple(segments))


@lru_cache(maxsize=512)
def _chained(segments: Path) -> tuple[Path, ...]:
    """The same; kept, since of boards there are many alike."""
    grid = 1e-5
    # shorter ones only bridge what two calculations of one point differ by
    parts = [part for part in [(s, *s, math.dist(*s)) if isinstance(s, Line)
                               else (s, s.start, s.end, s.length) for s in segments]
             if part[3] > grid]
    starts: dict[tuple[int, int], list[int]] = {}
    for number, part in enumerate(parts):
        x, y = part[1]
        starts.setdefault((int(x / grid), int(y / grid)), []).append(number)
    loops: list[Path] = []
    while starts:
        cell = next(iter(starts))
        number = starts[cell][-1]
        _take(starts, cell, number)
        loop, begin = [parts[number][0]], parts[number][1]
        while math.dist(parts[number][2], begin) > grid:
            x, y = parts[number][2]
            kx, ky = int(x / grid), int(y / grid)
            near = [(math.dist((x, y), parts[n][1]), cell, n) for i in (0, 1, -1) for j in (0, 1, -1)
                    for cell in ((kx + i, ky + j),) for n in starts.get(cell, ())]
            if not near:
                raise GeometryError(say("the cut stops at ({end:.3f}, {end2:.3f})", end=x, end2=y))
            # the nearest: a line hardly longer than the grid has its other end in the same cell
            _, cell, number = min(near)
            _take(starts, cell, number)
            loop.append(parts[number][0])
        loops.append(_merge_straight(loop))
    loops = [part for loop in loops for part in _without_slits(_without_slivers(loop))]
    if len(loops) == 1:
        return tuple(loops)
    boxes = {id(path): path_bounds([path]) for path in loops}
    return tuple(sorted(loops, key=lambda path: -boxes[id(path)].width * boxes[id(path)].height))


def closed(path: Path) -> bool:
    """Whether a cut comes back to where it began; a slit does not."""
    return math.dist(path[0].start, path[-1].end) < _SAME_MM


#: Ends so near each other are one point, mm.
_SAME_MM = 1e-4
#: No cut is shorter than this: a knife would not follow it, mm.
LEAST_CUT_MM = 0.02


def _without_slivers(loop: Path) -> Path:
    """The loop with cuts too short for a knife taken up by their neighbours, which meet in the middle of
    each; arcs keep their angle."""
    kept = list(loop)
    number = 0
    while number < len(kept) and len(kept) > 3:
        here = kept[number]
        if here.length >= LEAST_CUT_MM:
            number += 1
            continue
        (ax, ay), (bx, by) = here.start, here.end
        middle = (ax + bx) / 2, (ay + by) / 2
        before, after = number - 1, (number + 1) % len(kept)
        kept[before], kept[after] = _to(kept[before], end=middle), _to(kept[after], start=middle)
        del kept[number]
        number = max(0, number - 1)
    return tuple(kept)


def _to(segment: Segment, start: Point | None = None, end: Point | None = None) -> Segment:
    """A segment led to another end; an arc still turns through its angle."""
    a, b = start or segment.start, end or segment.end
    return arc_on(a, b, segment.sweep_deg) if isinstance(segment, Arc) else Line(a, b)


def _without_slits(loop: Path) -> Iterator[Path]:
    """The loop without the places where it goes in and comes back along one line: each is one cut by itself,
    made once."""
    kept = list(loop)
    number = 0
    while number < len(kept) and len(kept) > 3:
        here, after = kept[number], kept[(number + 1) % len(kept)]
        back = isinstance(here, Line) and isinstance(after, Line) and _turns_back(here, after)
        if not back:
            number += 1
            continue
        yield (Line(here.start, here.end),) if here.length <= after.length else (
            Line(after.end, after.start),)
        rest = Line(here.start, after.end)
        for i in sorted((number, (number + 1) % len(kept)), reverse=True):
            del kept[i]
        if rest.length > LEAST_CUT_MM:
            kept.insert(min(number, len(kept)), rest)
        elif kept:  # what is left over is led to one point
            kept[number - 1] = _to(kept[number - 1], end=kept[number % len(kept)].start)
        number = max(0, number - 1)
    yield tuple(kept)


def _turns_back(a: Line, b: Line) -> bool:
    """Whether a cut comes back along the one before it."""
    (ax, ay), (bx, by) = a
    (cx, cy), (dx, dy) = b
    ux, uy, vx, vy = bx - ax, by - ay, dx - cx, dy - cy
    across = ux * vy - uy * vx
    return abs(across) <= 1e-5 * math.hypot(ux, uy) * math.hypot(vx, vy) and ux * vx + uy * vy < 0


def _take(starts: dict[tuple[int, int], list[int]], key: tuple[int, int], number: int) -> None:
    starts[key].remove(number)
    if not starts[key]:
        del starts[key]


def _merge_straight(loop: list[Segment]) -> Path:
    """Join neighbouring lines that run on in one direction and arcs about one centre, so that a knife cut is
    one line."""
    merged: list[Segment] = []
    for segment in loop:
        last = merged[-1] if merged else None
        if isinstance(segment, Line) and isinstance(last, Line) and _runs_on(last, segment):
            merged[-1] = Line(last.start, segment.end)
        elif isinstance(segment, Arc) and isinstance(last, Arc) and _rounds_on(last, segment):
            merged[-1] = last._replace(sweep_deg=last.sweep_deg + segment.sweep_deg)
        else:
            merged.append(segment)
    if (len(merged) > 3 and isinstance(merged[0], Line) and isinstance(merged[-1], Line)
        and _runs_on(merged[-1], merged[0])):
        merged[0] = Line(merged.pop().start, merged[0].end)
    return tuple(merged)


def _rounds_on(a: Arc, b: Arc) -> bool:
    """Whether an arc carries another on; never past half a circle, which still has two ends."""
    near = 1e-6 * max(1.0, a.radius)
    return (abs(a.radius - b.radius) < near and math.dist(a.centre, b.centre) < near
            and a.sweep_deg * b.sweep_deg > 0
            and abs(a.sweep_deg + b.sweep_deg) <= 180.0 + 1e-9)


def _runs_on(a: Line, b: Line) -> bool:
    (ax, ay), (bx, by) = a
    (cx, cy), (dx, dy) = b
    ux, uy, vx, vy = bx - ax, by - ay, dx - cx, dy - cy
    across = ux * vy - uy * vx
    return across * across <= 1e-18 * (ux * ux + uy * uy) * (vx * vx + vy * vy) and ux * vx + uy * vy > 0
