"""Placements of the rule: the fewest lines that all straight scores of a sheet lie on.

Scores of one face and direction are intervals of how far they lie off along their normal, as wide as a score
may be missed by; the fewest points that stab them all are the fewest lines (a classic of intervals: stab at
the first end, drop what is stabbed, go on).  Directions are taken together as far as a line through the
middle of all of them misses no end of any by more than that.
"""

from __future__ import annotations

import math
from collections.abc import Iterable, Sequence
from typing import NamedTuple

from mingei.core.plane.shape import Box, Point
from mingei.core.work.lines import Face, Score

#: So far (mm) the rule may lie off a score it serves.
WITHIN_MM = 0.05
#: Scores so alike in direction (degrees) are parallel.
_PARALLEL_DEG = 0.02
#: A placement none of whose scores is so long (mm) is no work for a rule: teeth, and the like.
SHORT_MM = 10.0
#: Strokes nearer each other than this (mm) run on.
_RUN_ON_MM = 0.5


class Placement(NamedTuple):
    """One lying of the rule.

    start, end: its line on the sheet, mm, as the printed face is seen, from the first score to the last;
    strokes: what is scored along it, from and to, mm from its start; face; passes: how often each is gone
    over; scores: those it makes; number: in the order of work, from 1, 0 where none was given yet; hand: the
    piece that is in hand, mm on the sheet, None for the whole sheet; of: its name.
    """

    start: Point
    end: Point
    strokes: tuple[tuple[float, float], ...]
    face: Face
    passes: int
    scores: tuple[Score, ...]
    number: int = 0
    hand: Box | None = None
    of: str = ""

    @property
    def length(self) -> float:
        return math.dist(self.start, self.end)

    @property
    def turn_deg(self) -> float:
        """Its direction, -90 (excluded) to 90 degrees from level."""
        return _direction(self.start, self.end)

    @property
    def upright(self) -> bool:
        return abs(abs(self.turn_deg) - 90.0) < 0.05

    @property
    def level(self) -> bool:
        return abs(self.turn_deg) < 0.05

    @property
    def scored_mm(self) -> float:
        return sum(b - a for a, b in self.strokes)


def placements(scores: Iterable[Score], passes: int = 1) -> tuple[Placement, ...]:
    """The fewest placements that make all these scores, in no order yet."""
    found: list[Placement] = []
    for face in Face:
        groups = [group for alike in _alike([s for s in scores if s.face is face])
                  for group in _stabbed(alike)]
        found += [_placement(group, face, passes) for group in _joined(groups)]
    return tuple(found)


def _direction(a: Point, b: Point) -> float:
    turn = math.degrees(math.atan2(b[1] - a[1], b[0] - a[0]))
    while turn <= -90.0 + 1e-9:
        turn += 180.0
    while turn > 90.0 + 1e-9:
        turn -= 180.0
    return turn


def _alike(scores: Sequence[Score]) -> list[list[Score]]:
    """Scores in groups of like direction; a group goes round the end of the half circle."""
    ordered = sorted(scores, key=lambda s: _direction(s.start, s.end))
    groups: list[list[Score]] = []
    last = -math.inf
    for score in ordered:
        turn = _direction(score.start, score.end)
        if turn - last > _PARALLEL_DEG:
            groups.append([])
        groups[-1].append(score)
        last = turn
    if len(groups) > 1:
        first, final = groups[0][0], groups[-1][-1]
        if _direction(first.start, first.end) + 180.0 - _direction(final.start, final.end) <= _PARALLEL_DEG:
            groups[0] = groups.pop() + groups[0]
    return groups


def _mean_direction(scores: Sequence[Score]) -> tuple[float, float]:
    """The direction of several scores, the long ones counting more, as a unit vector."""
    x = y = 0.0
    for s in scores:
        turn, length = 2 * math.atan2(s.end[1] - s.start[1], s.end[0] - s.start[0]), s.length
        x, y = x + length * length * math.cos(turn), y + length * length * math.sin(turn)
    half = math.atan2(y, x) / 2
    return math.cos(half), math.sin(half)


def _stabbed(scores: Sequence[Score]) -> list[list[Score]]:
    """Parallel scores by their lines, the fewest there are."""
    ux, uy = _mean_direction(scores)
    spans = []
    for score in scores:
        offs = [-uy * x + ux * y for x, y in (score.start, score.end)]
        spans.append((min(offs), max(offs), score))
    found: list[list[Score]] = []
    reach = -math.inf
    for low, high, score in sorted(spans, key=lambda e: (e[1], e[0])):
        if high - 2 * WITHIN_MM > reach + 1e-9 or not found:
            found.append([])
            reach = low  # a line through all of them lies within so much of the lowest
        found[-1].append(score)
        reach = min(reach, low)
    return found


def _joined(groups: list[list[Score]]) -> list[list[Score]]:
    """Lines of slightly unlike direction that one line could serve as well, taken together: short scores have
    directions of little worth."""
    groups = sorted(groups, key=lambda g: -max(s.length for s in g))
    kept: list[list[Score]] = []
    for group in groups:
        for other in kept:
            if _fit([*other, *group])[2] <= 2 * WITHIN_MM + 1e-9:
                other += group
                break
        else:
            kept.append(list(group))
    return kept


def _fit(scores: Sequence[Score]) -> tuple[float, float, float]:
    """The direction in which all ends of some scores lie nearest to one line, as a unit vector, and how far
    apart they lie square to it, mm: the least width of their convex hull, one of whose edges it is along."""
    points = sorted({p for s in scores for p in (s.start, s.end)})
    hull: list[Point] = []
    for some in (points, points[::-1]):
        begin = len(hull)
        for p in some:
            while len(hull) - begin >= 2 and _cross(hull[-2], hull[-1], p) <= 0:
                hull.pop()
            hull.append(p)
        hull.pop()
    best = (1.0, 0.0, math.inf)
    for a, b in zip(hull, (*hull[1:], hull[0]), strict=True):
        length = math.dist(a, b)
        if length < 1e-9:
            continue
        width = max(abs(_cross(a, b, p)) for p in hull) / length
        if width < best[2]:
            best = (b[0] - a[0]) / length, (b[1] - a[1]) / length, width
    return best


def _cross(a: Point, b: Point, p: Point) -> float:
    return (b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0])


def _placement(scores: Sequence[Score], face: Face, passes: int) -> Placement:
    """The line through the middle of its scores."""
    ux, uy, _ = _fit(scores)
    if ux < -1e-9 or (abs(ux) <= 1e-9 and uy < 0):
        ux, uy = -ux, -uy
    ends = [p for s in scores for p in (s.start, s.end)]
    offs = [-uy * x + ux * y for x, y in ends]
    off = (min(offs) + max(offs)) / 2
    along = [ux * x + uy * y for x, y in ends]
    begin, stop = min(along), max(along)
    spans: list[list[float]] = []
    for a, b in sorted(
        sorted((ux * s.start[0] + uy * s.start[1] - begin, ux * s.end[0] + uy * s.end[1] - begin))
                       for s in scores):
        if spans and a <= spans[-1][1] + _RUN_ON_MM:
            spans[-1][1] = max(spans[-1][1], b)
        else:
            spans.append([a, b])

    def at(distance: float) -> Point:
        return ux * distance - uy * off, uy * distance + ux * off

    return Placement(at(begin), at(stop), tuple((a, b) for a, b in spans), face, passes, tuple(scores))


def is_short(placement: Placement) -> bool:
    """Whether a rule is no help: none of its scores is long enough to lay one against."""
    return max((s.length for s in placement.scores), default=0.0) < SHORT_MM


def in_order(some: Iterable[Placement]) -> tuple[Placement, ...]:
    """Placements numbered as the hand goes: face by face with one turn-over; on each the upright ones from
    the left edge, then the level ones from the lower, then the slanted by their turn, so that the rule
    travels and does not jump.  Pieces that are cut out by then are taken one after another."""
    def rank(p: Placement) -> tuple[int, tuple[float, float], int, float, float]:
        piece = (0.0, 0.0) if p.hand is None else (p.hand.left, p.hand.bottom)
        ux, uy = math.cos(math.radians(p.turn_deg)), math.sin(math.radians(p.turn_deg))
        off = -uy * p.start[0] + ux * p.start[1]
        if p.upright:
            return int(p.face is Face.BACK), piece, 0, p.start[0], 0.0
        if p.level:
            return int(p.face is Face.BACK), piece, 1, p.start[1], 0.0
        return int(p.face is Face.BACK), piece, 2, round(p.turn_deg, 1), off

    return tuple(p._replace(number=n) for n, p in enumerate(sorted(some, key=rank), 1))
