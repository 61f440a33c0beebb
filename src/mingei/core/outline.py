"""Outlines: loose segments joined into the closed paths a knife follows."""

from __future__ import annotations

import math
from collections.abc import Iterable

from mingei.core.errors import GeometryError
from mingei.core.shape import (
    Arc,
    Line,
    Path,
    Segment,
    path_bounds,
)
from mingei.core.words import say


def chain(segments: Iterable[Segment]) -> tuple[Path, ...]:
    """Join segments end to start into closed paths, longest first.

    Raises GeometryError when an end meets no start: a cut that would not come free.
    """
    grid = 1e-5
    # shorter ones only bridge what two calculations of one point differ by
    parts = [part for part in [(s, *s, math.dist(*s)) if isinstance(s, Line) else (s, s.start, s.end, s.length) for s in segments]
             if part[3] > grid]
    starts: dict[tuple[int, int], list[int]] = {}
    for number, part in enumerate(parts):
        x, y = part[1]
        starts.setdefault((int(x / grid), int(y / grid)), []).append(number)
    loops: list[Path] = []
    while starts:
        number = _take(starts, next(iter(starts)))
        loop, begin = [parts[number][0]], parts[number][1]
        while math.dist(parts[number][2], begin) > grid:
            x, y = parts[number][2]
            kx, ky = int(x / grid), int(y / grid)
            near = (kx, ky) if (kx, ky) in starts else next(
                ((kx + i, ky + j) for i in (0, 1, -1) for j in (0, 1, -1) if (kx + i, ky + j) in starts), None)
            if near is None:
                raise GeometryError(say("the cut stops at ({end:.3f}, {end2:.3f})", end=x, end2=y))
            number = _take(starts, near)
            loop.append(parts[number][0])
        loops.append(_merge_straight(loop))
    if len(loops) == 1:
        return tuple(loops)
    boxes = {id(path): path_bounds([path]) for path in loops}
    return tuple(sorted(loops, key=lambda path: -boxes[id(path)].width * boxes[id(path)].height))


def _take(starts: dict[tuple[int, int], list[int]], key: tuple[int, int]) -> int:
    here = starts[key]
    found = here.pop()
    if not here:
        del starts[key]
    return found


def _merge_straight(loop: list[Segment]) -> Path:
    """Join neighbouring lines that run on in one direction and arcs about one centre, so that a knife cut is one line."""
    merged: list[Segment] = []
    for segment in loop:
        last = merged[-1] if merged else None
        if isinstance(segment, Line) and isinstance(last, Line) and _runs_on(last, segment):
            merged[-1] = Line(last.start, segment.end)
        elif isinstance(segment, Arc) and isinstance(last, Arc) and _rounds_on(last, segment):
            merged[-1] = last._replace(sweep_deg=last.sweep_deg + segment.sweep_deg)
        else:
            merged.append(segment)
    if len(merged) > 3 and isinstance(merged[0], Line) and isinstance(merged[-1], Line) and _runs_on(merged[-1], merged[0]):
        merged[0] = Line(merged.pop().start, merged[0].end)
    return tuple(merged)


def _rounds_on(a: Arc, b: Arc) -> bool:
    """Whether an arc carries another on; never past half a circle, which still has two ends."""
    near = 1e-6 * max(1.0, a.radius)
    return (abs(a.radius - b.radius) < near and math.dist(a.centre, b.centre) < near and a.sweep_deg * b.sweep_deg > 0
            and abs(a.sweep_deg + b.sweep_deg) <= 180.0 + 1e-9)


def _runs_on(a: Line, b: Line) -> bool:
    (ax, ay), (bx, by) = a
    (cx, cy), (dx, dy) = b
    ux, uy, vx, vy = bx - ax, by - ay, dx - cx, dy - cy
    across = ux * vy - uy * vx
    return across * across <= 1e-18 * (ux * ux + uy * uy) * (vx * vx + vy * vy) and ux * vx + uy * vy > 0
