"""Cloth: how far it is led over a pad and round the edges of boards, and how its hem is snipped and trimmed
so that it lies flat beneath.

A pad rounds its upper rim to a quarter of a circle as high as it is; the cloth's middle runs half of its own
thickness outside of that (arc lengths, plane geometry).  Where the rim is curved the hem is too long on the
outside of the curve, and gets notches, and too short on its inside, and gets snips.
"""

from __future__ import annotations

import math
from typing import NamedTuple

from mingei.core.flat.side import Work
from mingei.core.plane.shape import Arc, Line, Point, Polygon, Segment, arc_on

#: A snip is cut so wide, mm; it ends so far from the edge the hem is turned round, mm.
_SNIP_MM, _SHORT_MM = 0.4, 1.0
#: Between two snips the hem may stand off the curve by so much, mm (from experience).
_OFF_MM = 0.4
#: Between two sides that turn by less than this the hem is not trimmed, degrees.
_CORNER_DEG = 20.0
#: A corner is trimmed so many thicknesses clear of what it is turned round (common practice), and no nearer
#: than this, mm.
_CLEAR, _LEAST_CLEAR_MM = 1.5, 1.0
#: Of what cloth gives, this share is taken when it is drawn tight.
_TAKEN = 0.5


class Hem(NamedTuple):
    """Of one side: how deep its hem is, and how thick what it is turned round, mm."""

    deep: float
    round_it: float


def led_over(pad: float, edges: float, cloth: float, half: bool = False) -> float:
    """How far cloth (caliper, mm) reaches past the outline of what it covers, its hem left out, mm: over the
    rounded rim of a pad, down the edges of boards and round below; half: down to the middle of a pad that is
    rounded on both faces, where two halves are joined."""
    if half:
        radius = pad / 2
        return math.pi / 2 * (radius + cloth / 2) - radius
    return math.pi / 2 * (pad + cloth / 2) - pad + edges + math.pi / 4 * cloth


def drawn_tight(stretch_pct: float) -> float:
    """By how many times smaller cloth is cut that is drawn tight."""
    return 1.0 / (1.0 + _TAKEN * stretch_pct / 100.0)


def rolled_length(inner: float, outer: float, caliper: float) -> float:
    """How long a strip is that fills the ring between two diameters when it is rolled up, mm: the ring's area
    over the caliper."""
    return math.pi * (outer * outer - inner * inner) / 4.0 / caliper


def trim(work: Work, rim: Polygon, hems: dict[int, Hem]) -> None:
    """Cut off what of the hem's corners would lie double, and cut into those that would pull.  rim: the
    outline where the hem begins."""
    count = len(work.sides)
    for edge, hem in hems.items():
        after = (edge + 1) % count
        turn = _turn(work, edge)
        if after not in hems or abs(turn) < _CORNER_DEG:
            continue
        corner, inner = work.sides[edge][-1].end, rim[after]
        ux, uy = corner[0] - inner[0], corner[1] - inner[1]
        far = math.hypot(ux, uy)
        if turn < 0.0:
            tip = (inner[0] + ux / far * _SHORT_MM, inner[1] + uy / far * _SHORT_MM)
            a, b = _cut_back(work, edge, after, _SNIP_MM / 2)
            work.corners[edge] = (Line(a, tip), Line(tip, b))
            continue
        past = far - max(_LEAST_CLEAR_MM, _CLEAR * hem.round_it)
        if past > 0.0:
            a, b = _cut_back(work, edge, after, past / math.sin(math.radians(turn) / 2))
            work.corners[edge] = (Line(a, b),)


def _cut_back(work: Work, edge: int, after: int, by: float) -> tuple[Point, Point]:
    """Shorten two sides where they meet by so much each, mm; where they end now."""
    first, last = work.sides[edge][-1], work.sides[after][0]
    by = min(by, 0.45 * first.length, 0.45 * last.length)
    one, other = _shorter(first, 1.0 - by / first.length), _shorter(_reversed(last), 1.0 - by / last.length)
    work.sides[edge] = (*work.sides[edge][:-1], one)
    work.sides[after] = (_reversed(other), *work.sides[after][1:])
    return one.end, other.end


def _shorter(segment: Segment, share: float) -> Segment:
    """Its first share."""
    if isinstance(segment, Arc):
        return segment._replace(sweep_deg=segment.sweep_deg * share)
    (ax, ay), (bx, by) = segment
    return Line((ax, ay), (ax + (bx - ax) * share, ay + (by - ay) * share))


def _reversed(segment: Segment) -> Segment:
    if isinstance(segment, Arc):
        return segment._replace(start_deg=segment.start_deg + segment.sweep_deg, sweep_deg=-segment.sweep_deg)
    return Line(segment.end, segment.start)


def snip(work: Work, hems: dict[int, Hem]) -> None:
    """Cut notches into the hem along its curves, as many as its radius asks for."""
    for edge, hem in hems.items():
        side = work.sides[edge]
        if len(side) != 1 or not isinstance(side[0], Arc) or hem.deep <= _SHORT_MM + 0.5:
            continue
        arc = side[0]
        turn = math.radians(abs(arc.sweep_deg))
        inner = arc.radius - hem.deep if arc.sweep_deg > 0 else arc.radius + hem.deep
        each = 2.0 * math.acos(max(-1.0, 1.0 - _OFF_MM / max(inner, _OFF_MM)))
        count = math.ceil(turn / each)
        wide = 2.0 * hem.deep * turn / count if arc.sweep_deg > 0 else _SNIP_MM
        wide = min(wide, 0.6 * arc.radius * turn / count)
        work.sides[edge] = _notched(arc, count, wide, hem.deep - _SHORT_MM)
        work.labels[edge] = [None] * len(work.sides[edge])


def _notched(arc: Arc, count: int, wide: float, deep: float) -> tuple[Segment, ...]:
    """An arc with so many notches, evenly, each so wide at the arc and so deep, mm."""
    half = math.degrees(wide / 2 / arc.radius)
    way = math.copysign(1.0, arc.sweep_deg)
    to_middle = -way  # towards the centre where the outline bulges, away from it where it does not
    path: list[Segment] = []
    at, done = arc.at(0.0), 0.0
    for number in range(count):
        middle = (number + 0.5) / count * abs(arc.sweep_deg)
        first, last = _on(arc, way * (middle - half), 0.0), _on(arc, way * (middle + half), 0.0)
        tip = _on(arc, way * middle, to_middle * deep)
        path += [arc_on(at, first, way * (middle - half - done)), Line(first, tip), Line(tip, last)]
        at, done = last, middle + half
    path.append(arc_on(at, arc.at(1.0), arc.sweep_deg - way * done))
    return tuple(path)


def _on(arc: Arc, turn_deg: float, out: float) -> Point:
    angle = math.radians(arc.start_deg + turn_deg)
    radius = arc.radius + out
    return arc.centre[0] + radius * math.cos(angle), arc.centre[1] + radius * math.sin(angle)


def _turn(work: Work, edge: int) -> float:
    """By how much the outline turns from a side to the next, degrees, half of both curves counted."""
    count = len(work.sides)
    after = (edge + 1) % count
    bends = work.panel.sweeps
    return 180.0 - work.panel.corners_deg[after] - (bends.get(edge, 0.0) + bends.get(after, 0.0)) / 2
