"""Edges that two pieces have in common, where nothing is left between them, are cut once."""

from __future__ import annotations

import math
from collections.abc import Iterable
from dataclasses import replace

from mingei.core.layout.drawing import Ink, Stroke
from mingei.core.plane.shape import Line, Path, Segment

#: Lines so near each other are one line, mm, and so alike in direction, degrees; a rest shorter than this is
#: none.
_NEAR_MM, _ALIKE_DEG, _REST_MM = 0.02, 0.01, 0.02
#: A side no longer than this has no direction, mm.
_POINT_MM = 1e-9


def cut_once(strokes: Iterable[Stroke]) -> list[Stroke]:
    """The strokes with every stretch of a straight cut made once; what is left of an outline may come in
    several strokes then."""
    made: dict[tuple[int, int], list[tuple[float, float, float, float]]] = {}
    found: list[Stroke] = []
    for stroke in strokes:
        if stroke.ink is not Ink.CUT:
            found.append(stroke)
            continue
        runs: list[list[Segment]] = [[]]
        for segment in stroke.path:
            rests = _rests(segment, made) if isinstance(segment, Line) else [segment]
            for rest in rests:
                if runs[-1] and math.dist(runs[-1][-1].end, rest.start) > 1e-9:
                    runs.append([])
                runs[-1].append(rest)
        if len(runs) > 1 and runs[-1] and math.dist(runs[-1][-1].end, runs[0][0].start) < 1e-9:
            runs[0] = runs.pop() + runs[0]
        found += [replace(stroke, path=_path(run)) for run in runs if run]
    return found


def _path(run: list[Segment]) -> Path:
    return tuple(run)


def _rests(line: Line, made: dict[tuple[int, int], list[tuple[float, float, float, float]]]) -> list[Segment]:
    """What of a line was not cut before; it counts as cut from now on."""
    (ax, ay), (bx, by) = line
    length = math.dist(line.start, line.end)
    if length <= _POINT_MM:  # a hair left where two sides meet
        return [line]
    ux, uy = (bx - ax) / length, (by - ay) / length
    if (ux, uy) < (0.0, 0.0):
        ux, uy = -ux, -uy
    turn, off = math.degrees(math.atan2(uy, ux)), ax * uy - ay * ux
    start, end = sorted((ax * ux + ay * uy, bx * ux + by * uy))
    key = round(turn), round(off)
    known = [(s, e) for dt in (-1, 0, 1) for do in (-1, 0, 1)
             for s, e, t, o in made.get((key[0] + dt, key[1] + do), ())
             if abs(t - turn) < _ALIKE_DEG and abs(o - off) < _NEAR_MM and e > start and s < end]
    made.setdefault(key, []).append((start, end, turn, off))
    if not known:
        return [line]
    left, at = [], start
    for s, e in sorted(known):
        if s - at > _REST_MM:
            left.append((at, s))
        at = max(at, e)
    if end - at > _REST_MM:
        left.append((at, end))
    forward = (bx - ax) * ux + (by - ay) * uy > 0
    lines: list[Segment] = []
    for s, e in left if forward else left[::-1]:
        ends = [(ax + ux * (d - (ax * ux + ay * uy)), ay + uy * (d - (ax * ux + ay * uy))) for d in (s, e)]
        lines.append(Line(*(ends if forward else ends[::-1])))
    return lines
