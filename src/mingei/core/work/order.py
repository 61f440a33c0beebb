"""The order of a machine's strokes: nearest next, then improved by turning stretches of the way round (2-opt)
and by moving short ones elsewhere (Or-opt), until nothing gets shorter."""

from __future__ import annotations

import math
from collections.abc import Sequence
from random import Random
from typing import NamedTuple

from mingei.core.plane.shape import Point

#: With more strokes than this the nearest next has to do; so many rounds of improving are made.
_MANY, _ROUNDS = 250, 12
#: A good way of up to so many strokes is shaken and improved anew, so often, and less the more there are.
_SHAKEN, _KICKS, _KICKED = 60, 25, 500


class Ends(NamedTuple):
    """Where a stroke begins and ends, mm, and whether it may be made the other way."""

    start: Point
    end: Point
    turns: bool = False


def travelled(order: Sequence[tuple[int, bool]], ends: Sequence[Ends], start: Point) -> float:
    """How far (mm) a tool travels between strokes made in an order, each perhaps the other way."""
    at, total = start, 0.0
    for number, back in order:
        e = ends[number]
        total += math.dist(at, e.end if back else e.start)
        at = e.start if back else e.end
    return total


def ordered(ends: Sequence[Ends], start: Point = (0.0, 0.0)) -> list[tuple[int, bool]]:
    """Strokes in an order of little travel, each with whether it is made the other way."""
    order = _nearest(ends, start)
    if len(order) > _MANY:
        return order
    best = _improved(order, ends, start)
    if not 2 <= len(best) <= _SHAKEN:
        return best
    dice = Random(len(best))  # the same job, the same order
    shortest = travelled(best, ends, start)
    for _ in range(min(_KICKS, _KICKED // len(best))):
        other = _improved(_kicked(best, ends, dice), ends, start)
        length = travelled(other, ends, start)
        if length < shortest - 1e-6:
            best, shortest = other, length
    return best


def _improved(order: list[tuple[int, bool]], ends: Sequence[Ends], start: Point) -> list[tuple[int, bool]]:
    for _ in range(_ROUNDS):
        if not (_two_opt(order, ends, start) | _or_opt(order, ends, start)):
            break
    return order


def _kicked(order: Sequence[tuple[int, bool]], ends: Sequence[Ends], dice: Random) -> list[tuple[int, bool]]:
    """An order with two stretches changed for each other, and one stroke made the other way."""
    a, b, c = sorted(dice.randrange(len(order) + 1) for _ in range(3))
    found = [*order[:a], *order[b:c], *order[a:b], *order[c:]]
    turned = dice.randrange(len(found))
    number, back = found[turned]
    found[turned] = number, back != ends[number].turns
    return found


def _nearest(ends: Sequence[Ends], start: Point) -> list[tuple[int, bool]]:
    """From each to the nearest next, by a grid where there are many."""
    waiting = set(range(len(ends)))
    cell = 25.0
    grid: dict[tuple[int, int], set[tuple[int, bool]]] = {}
    for i, e in enumerate(ends):
        grid.setdefault((int(e.start[0] // cell), int(e.start[1] // cell)), set()).add((i, False))
        if e.turns:
            grid.setdefault((int(e.end[0] // cell), int(e.end[1] // cell)), set()).add((i, True))
    at, order = start, []
    while waiting:
        cx, cy = int(at[0] // cell), int(at[1] // cell)
        best: tuple[float, int, bool] | None = None
        ring = 0
        while best is None or ring * cell < best[0]:
            for x in range(cx - ring, cx + ring + 1):
                for y in ((cy - ring, cy + ring) if abs(x - cx) != ring else range(cy - ring, cy + ring + 1)):
                    for number, back in grid.get((x, y), ()):
                        if number in waiting:
                            e = ends[number]
                            far = math.dist(at, e.end if back else e.start)
                            if best is None or (far, number, back) < best:
                                best = far, number, back
            ring += 1
            if ring > 400 and best is None:
                number = min(waiting)
                best = 0.0, number, False
        _, number, back = best
        waiting.discard(number)
        order.append((number, back))
        at = ends[number].start if back else ends[number].end
    return order


def _points(order: Sequence[tuple[int, bool]], ends: Sequence[Ends]) -> tuple[list[Point], list[Point]]:
    first = [ends[n].end if b else ends[n].start for n, b in order]
    last = [ends[n].start if b else ends[n].end for n, b in order]
    return first, last


def _two_opt(order: list[tuple[int, bool]], ends: Sequence[Ends], start: Point) -> bool:
    """Turn stretches round where that shortens the way; only strokes that may be made the other way turn."""
    better = False
    count = len(order)
    for i in range(count):
        first, last = _points(order, ends)
        before = last[i - 1] if i else start
        if not ends[order[i][0]].turns and math.dist(ends[order[i][0]].start, ends[order[i][0]].end) > 1e-9:
            continue
        for j in range(i, count):
            e = ends[order[j][0]]
            if not e.turns and math.dist(e.start, e.end) > 1e-9:
                break
            now = math.dist(before, first[i]) + (math.dist(last[j], first[j + 1]) if j + 1 < count else 0.0)
            then = math.dist(before, last[j]) + (math.dist(first[i], first[j + 1]) if j + 1 < count else 0.0)
            if then < now - 1e-6:
                order[i:j + 1] = [(n, not b if ends[n].turns else b) for n, b in reversed(order[i:j + 1])]
                first, last = _points(order, ends)
                better = True
    return better


def _or_opt(order: list[tuple[int, bool]], ends: Sequence[Ends], start: Point) -> bool:
    """Move one to three strokes in a row to where they lie on the way."""
    better = False
    for size in (1, 2, 3):
        i = 0
        while i + size <= len(order):
            part = order[i:i + size]
            rest = order[:i] + order[i + size:]
            first, last = _points(rest, ends)
            head, tail = _points(part, ends)
            out = last[i - 1] if i else start
            into = first[i] if i < len(rest) else None
            saved = math.dist(out, head[0]) + (math.dist(tail[-1], into) if into else 0.0) - (
                math.dist(out, into) if into else 0.0)
            best, place = 1e-6, -1
            for j in range(len(rest) + 1):
                a, b = (last[j - 1] if j else start), (first[j] if j < len(rest) else None)
                extra = math.dist(a, head[0]) + (math.dist(tail[-1], b) - math.dist(a, b) if b else 0.0)
                if saved - extra > best:
                    best, place = saved - extra, j
            if place >= 0:
                order[:] = rest[:place] + part + rest[place:]
                better = True
            i += 1
    return better
