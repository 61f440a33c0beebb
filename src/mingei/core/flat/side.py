"""One panel on its way from finished size to the flat: its sides, and what is done to them.

Sides are split where folds begin and end, corners trimmed and rounded, notches and halvings cut in, all in
the panel's own coordinates. ``develop`` decides where; here it is done.
"""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass, field, replace
from itertools import pairwise

from mingei.core.draft import Panel, Slot
from mingei.core.errors import GeometryError
from mingei.core.offset import SLOT_ENDS_MM, slot_width
from mingei.core.plane.shape import Line, Path, Point, Polygon, Segment, arc_on, polygon_path, rounded, turned
from mingei.core.tolerance import TOLERANCE
from mingei.core.words import say


@dataclass
class Work:
    """A panel on its way: its sides (each a path) with the numbers of their folds, and what was cut off after
    some of them; run: by side, how far it runs on as a strip over what lies beneath, mm; rim: of cloth, the
    outline where its hem begins; lies: what of it lies flat when it is finished, where that is not all."""

    panel: Panel
    depth: float
    sides: list[Path]
    labels: list[list[int | None]]
    corners: dict[int, Path] = field(default_factory=dict)
    run: dict[int, float] = field(default_factory=dict)
    rim: Polygon = ()
    lies: Polygon = ()

    def outline(self, first: int = 0) -> Polygon:
        """Its corners as they really are, from a side on."""
        if not self.corners:
            points = [side[0].start for side in self.sides]
            return (*points[first:], *points[:first])
        corners: list[Point] = []
        for i in range(len(self.sides)):
            edge = (first + i) % len(self.sides)
            corners.append(self.sides[edge][0].start)
            if edge in self.corners:
                corners.append(self.sides[edge][-1].end)
        return tuple(corners)


def slot_path(slot: Slot, through: float) -> Path:
    """A slot as wide as what passes through it, so many mm thick in all, asks for, clockwise."""
    w, h = slot.length / 2 + SLOT_ENDS_MM / 2, slot_width(through) / 2
    turn = turned(slot.turn_deg)
    corners = [(x + slot.x, y + slot.y) for x, y in turn.apply_all(((-w, -h), (-w, h), (w, h), (w, -h)))]
    return polygon_path(tuple(corners))


def stepped(work: Work, edge: int, spans: Sequence[tuple[float, float]], to: float) -> None:
    """Between some places along a free side, mm from its nominal beginning, let it run so far (mm) out from
    its nominal line, inward negative: tongues, or cuts square to the side."""
    p, (ux, uy), _ = work.panel.ways[edge]
    for low, high in sorted(spans):
        path = work.sides[edge]
        # of each part of the side, from where to where along it, and how far outside its nominal line
        parts = [(*((q[0] - p[0]) * ux + (q[1] - p[1]) * uy for q in (part.start, part.end)),
                  (part.start[0] - p[0]) * uy - (part.start[1] - p[1]) * ux) for part in path]
        at = next((i for i, (begins, ends, _) in enumerate(parts)
                   if begins + TOLERANCE.same_point <= low and high <= ends - TOLERANCE.same_point), None)
        if at is None:
            raise GeometryError("what is cut there reaches past its side",
                                say("panel {panel}", panel=work.panel.name))
        side, level = path[at], parts[at][2]
        corners = (side.start, *((p[0] + ux * along + uy * out, p[1] + uy * along - ux * out)
                                 for along, out in ((low, level), (low, to), (high, to), (high, level))),
                   side.end)
        work.sides[edge] = (*path[:at], *(Line(a, b) for a, b in pairwise(corners)), *path[at + 1:])
    work.labels[edge] = [None] * len(work.sides[edge])


def trim(work: Work, free: Sequence[int]) -> None:
    """Cut the thumb notch into the longest free side, and round the corners between free sides, as far as
    there is room.

    free: the numbers of its sides that are one straight cut and needed by no seam.
    """
    count = len(work.sides)
    panel = work.panel
    longest = max(free, key=lambda edge: work.sides[edge][0].length, default=None)
    notched: tuple[int, Line] | None = None
    if panel.notch_mm > 0 and longest is not None:
        side = work.sides[longest][0]
        assert isinstance(side, Line)
        notched = longest, side
    for edge in free:
        after = (edge + 1) % count
        if panel.round_mm <= 0 or after not in free or edge in work.corners:
            continue
        first, second = work.sides[edge][-1], work.sides[after][0]
        room = 0.4 * min(first.length, second.length)
        half = math.radians(_corner_deg(first, second)) / 2
        if half < 1e-3 or half > math.pi / 2 - 1e-3:
            continue
        radius = min(panel.round_mm, room * math.tan(half))
        begin, arc, end = rounded(first.start, first.end, second.end, radius)
        work.sides[edge] = (*work.sides[edge][:-1], Line(first.start, begin))
        work.corners[edge] = (arc,)
        work.sides[after] = (Line(end, second.end), *work.sides[after][1:])
    if notched:
        edge, whole = notched
        side = work.sides[edge][0]
        (ax, ay), (bx, by) = whole
        deep = max(((x - ax) * (ay - by) + (y - ay) * (bx - ax)) / whole.length for x, y in panel.outline)
        width = min(panel.notch_mm, 0.6 * side.length, 0.8 * deep)
        mx, my, ux, uy = (ax + bx) / 2, (ay + by) / 2, (bx - ax) / whole.length, (by - ay) / whole.length
        before, beyond = ((mx - ux * width / 2, my - uy * width / 2),
                          (mx + ux * width / 2, my + uy * width / 2))
        work.sides[edge] = (Line(side.start, before), arc_on(before, beyond, -180.0), Line(beyond, side.end))
        work.labels[edge] = [None, None, None]


def _corner_deg(first: Segment, second: Segment) -> float:
    """The angle between two sides at the corner they share, degrees, 0 to 180."""
    a, b = first.start, second.end
    c = first.end
    cosine = ((a[0] - c[0]) * (b[0] - c[0]) + (a[1] - c[1]) * (b[1] - c[1])) / (first.length * second.length)
    return math.degrees(math.acos(max(-1.0, min(1.0, cosine))))


def trim_corners(work: Work) -> None:
    """Where a panel runs past the end of a fold, along it, take that corner off: on the flat it would lie
    over what stands beside."""
    count = len(work.sides)
    for edge in range(count):
        after = (edge + 1) % count
        # this side's fold ends before the corner
        past = work.labels[edge][-1] is None and len(work.sides[edge]) > 1
        # the next side's fold begins after it
        early = work.labels[after][0] is None and len(work.sides[after]) > 1
        folded, folded_after = work.labels[edge][-1] is not None, work.labels[after][0] is not None
        if (not past and not early) or (past and folded_after) or (early and folded):
            continue  # nothing runs past, or the corner belongs to another fold
        over = work.sides[edge][-1].length if past else work.sides[after][0].length
        # a sharp corner is cut square to the fold that ends there, so that panels on both sides of a point
        # keep clear of each other
        cosine = math.cos(math.radians(_corner_deg(work.sides[edge][-1], work.sides[after][0])))
        level = over / cosine if cosine > 0.4 else over
        if past:
            work.sides[edge], work.labels[edge] = work.sides[edge][:-1], work.labels[edge][:-1]
        else:  # a free side runs up to the corner: it stops as far before it
            last = work.sides[edge][-1]
            work.sides[edge] = (*work.sides[edge][:-1], Line(last.start, _before(last, level)))
        if early:
            work.sides[after], work.labels[after] = work.sides[after][1:], work.labels[after][1:]
        else:
            first = work.sides[after][0]
            work.sides[after] = (Line(_before(Line(first.end, first.start), level), first.end),
                                 *work.sides[after][1:])
        work.corners[edge] = (Line(work.sides[edge][-1].end, work.sides[after][0].start),)


def set_back(work: Work, corner: int, share: float) -> Work | None:
    """The panel with the corner after a side cut off so far along what of both sides no fold claims, as a
    share of each; None where folds claim both."""
    after = (corner + 1) % len(work.sides)
    last, first = work.sides[corner][-1], work.sides[after][0]
    free, free_after = work.labels[corner][-1] is None, work.labels[after][0] is None
    if not (free or free_after) or corner == after:
        return None
    sides = list(work.sides)
    if free:
        sides[corner] = (*sides[corner][:-1], Line(last.start, _before(last, share * last.length)))
    if free_after:
        back = Line(first.end, first.start)
        sides[after] = (Line(_before(back, share * first.length), first.end), *sides[after][1:])
    cut = Line(sides[corner][-1].end, sides[after][0].start)
    return replace(work, sides=sides, corners={**work.corners, corner: (cut,)})


def _before(segment: Segment, over: float) -> Point:
    """The point of a straight segment so far before its end, but never past two fifths of it."""
    share = 1.0 - min(over / max(segment.length, 1e-9), 0.4)
    (ax, ay), (bx, by) = segment.start, segment.end
    return ax + (bx - ax) * share, ay + (by - ay) * share


def run_on(work: Work) -> None:
    """Give the sides that run on their strips, square at both ends."""
    ends = [(side[0].start, side[-1].end) for side in work.sides]
    for edge, past in work.run.items():
        _, (ux, uy), _ = work.panel.ways[edge]
        side = work.sides[edge]
        if len(side) == 1 and work.labels[edge] == [None]:
            a, b = side[0].start, side[0].end
            before, after = ends[edge - 1][0], ends[(edge + 1) % len(ends)][1]
            corners = (a, _strip_end(a, before, (-ux, -uy), (uy, -ux), past),
                       _strip_end(b, after, (ux, uy), (uy, -ux), past), b)
            work.sides[edge] = tuple(Line(a, b) for a, b in pairwise(corners))
            work.labels[edge] = [None, None, None]


def _strip_end(corner: Point, beyond: Point, along: Point, out: Point, past: float) -> Point:
    """The outer corner of a strip at one end: square to its side, or in line with the side beyond where that
    lies further back.

    along: the side's direction towards that end; out: away from the panel.
    """
    dx, dy = corner[0] - beyond[0], corner[1] - beyond[1]
    rise, run = dx * out[0] + dy * out[1], dx * along[0] + dy * along[1]
    back = min(0.0, run / rise * past) if rise > 1e-9 else 0.0
    return corner[0] + out[0] * past + along[0] * back, corner[1] + out[1] * past + along[1] * back


def as_cut(work: Work, edge: int) -> tuple[Point, Point]:
    """The two ends of a side where it will be cut."""
    (ax, ay), (bx, by) = work.sides[edge][0].start, work.sides[edge][-1].end
    _, (ux, uy), _ = work.panel.ways[edge]
    past = work.run.get(edge, 0.0)
    return (ax + uy * past, ay - ux * past), (bx + uy * past, by - ux * past)


def extent(work: Work, edge: int) -> tuple[float, float]:
    """Where a developed side begins and ends, measured along it from its nominal start (mm)."""
    (px, py), (ux, uy), _ = work.panel.ways[edge]
    side = work.sides[edge]
    (ax, ay), (bx, by) = side[0].start, side[-1].end
    return (ax - px) * ux + (ay - py) * uy, (bx - px) * ux + (by - py) * uy


def away(work: Work, edge: int) -> float:
    """How far a developed side lies outside its nominal line, mm, the strip it runs on by counted."""
    (px, py), (ux, uy), _ = work.panel.ways[edge]
    x, y = work.sides[edge][0].start
    return (x - px) * uy - (y - py) * ux + work.run.get(edge, 0.0)


def split(work: Work, edge: int, low: float, high: float, base: float, number: int) -> tuple[Point, Point]:
    """Cut a side into before, fold and after; returns the fold's two ends in the panel's coordinates.

    low, high, base: where the fold begins and ends and where the side begins, measured along it from its
    nominal start, mm.
    """
    side = work.sides[edge]
    if len(side) != 1:
        raise GeometryError("a side carries two folds", say("panel {panel}", panel=work.panel.name))
    (sx, sy), end = side[0].start, side[0].end
    _, (ux, uy), _ = work.panel.ways[edge]
    first, last = ((sx + ux * (low - base), sy + uy * (low - base)),
                   (sx + ux * (high - base), sy + uy * (high - base)))
    # where nothing is left over the fold takes the side's own end, so that neighbours still share the point
    before, after = (math.dist((sx, sy), first) > TOLERANCE.same_point,
                     math.dist(last, end) > TOLERANCE.same_point)
    pieces: list[Segment] = [Line(first if before else (sx, sy), last if after else end)]
    labels: list[int | None] = [number]
    if before:
        pieces.insert(0, Line((sx, sy), first))
        labels.insert(0, None)
    if after:
        pieces.append(Line(last, end))
        labels.append(None)
    work.sides[edge] = tuple(pieces)
    work.labels[edge] = labels
    return first, last
