"""The blank: what is cut from one stock, line by line, and whose every line is.

Sheets, files, score plans and machines read it; what stands in space is no business of theirs.
"""

from __future__ import annotations

import math
from collections.abc import Iterator
from dataclasses import dataclass
from enum import StrEnum
from functools import cached_property
from itertools import pairwise
from typing import NamedTuple

from mingei.core.draft import Crease
from mingei.core.flat.pattern import EdgeKey, FlatFold, Pattern
from mingei.core.keeping import kept_with
from mingei.core.plane.outline import closed
from mingei.core.plane.shape import Box, Line, Path, Point, flat_points, path_bounds, signed_area
from mingei.core.stock import Stock

#: How long the ticks are that mark a bend, and how near the parts of a curved score meet, mm.
_TICK_MM, _JOINED_MM = 3.0, 1e-4
#: Ticks that come nearer each other than this run into a blot, as at a cone's point, and are left out, mm.
_BLOT_MM = 1.0


class Kind(StrEnum):
    """What a line of a blank is."""

    OUTLINE = "outline"
    OPENING = "opening"
    SLIT = "slit"
    SCORE = "score"
    BEND = "bend"
    GUIDE = "guide"
    CHANNEL = "channel"


class Mark(NamedTuple):
    """One line of a blank: what it is, its path on the flat, mm; number: the place of its fold among the
    pattern's, of a curved score its first, or of its cut among the blank's; crease: which way a score folds;
    curved: it is made of many short scores; deep_mm: of a channel."""

    kind: Kind
    path: Path
    number: int = -1
    crease: Crease | None = None
    curved: bool = False
    deep_mm: float = 0.0

    @property
    def is_cut(self) -> bool:
        return self.kind in (Kind.OUTLINE, Kind.OPENING, Kind.SLIT)


@dataclass(frozen=True, eq=False, kw_only=True)
class Blank:
    """What is cut as one from one stock.

    marks: guides and channels first, then scores, the ends of bends, and cuts, as they are drawn; keys: the
    numbered edges; copies: how many are cut.
    """

    name: str
    part: str
    stock: Stock
    copies: int
    marks: tuple[Mark, ...]
    keys: tuple[EdgeKey, ...]

    @cached_property
    def box(self) -> Box:
        """The upright rectangle it is cut from, mm."""
        return path_bounds([m.path for m in self.marks if m.is_cut])

    def of(self, *kinds: Kind) -> tuple[Mark, ...]:
        """Its lines of some kinds, in their order."""
        return tuple(m for m in self.marks if m.kind in kinds)


@kept_with
def blank_of(pattern: Pattern) -> Blank:
    """What a pattern has to be cut, scored and traced."""
    marks = [Mark(Kind.GUIDE, path) for path in pattern.guides]
    marks += [Mark(Kind.CHANNEL, path, deep_mm=deep) for path, deep in pattern.channels]
    marks += [Mark(Kind.SCORE, (Line(f.start, f.end),), number, f.crease)
              for number, f in enumerate(pattern.folds) if not f.bend and not f.curved]
    marks += [Mark(Kind.SCORE, path, number, crease, True)
              for number, crease, path in _curved_scores(pattern)]
    marks += [Mark(Kind.BEND, (Line(a, b),), number) for number, a, b in _bend_ticks(pattern)]
    marks += [Mark(_cut_kind(path), path, number) for number, path in enumerate(pattern.cuts)]
    return Blank(name=pattern.name, part=pattern.part, stock=pattern.stock, copies=pattern.copies,
                 marks=tuple(marks), keys=pattern.keys)


def _cut_kind(path: Path) -> Kind:
    """Outlines run counter-clockwise, what is cut out of them clockwise."""
    if not closed(path):
        return Kind.SLIT
    return Kind.OUTLINE if signed_area(flat_points(path)[:-1]) > 0 else Kind.OPENING


def _bend_ticks(pattern: Pattern) -> Iterator[tuple[int, Point, Point]]:
    """The ticks of all bends, but for those that would run into each other."""
    taken: dict[tuple[int, int], list[Point]] = {}
    for number, bend in enumerate(pattern.folds):
        if not bend.bend or not bend.angle_deg:
            continue
        for a, b in _ticks(bend):
            cells = [(math.floor(x / _BLOT_MM), math.floor(y / _BLOT_MM)) for x, y in (a, b)]
            beside = (q for cx, cy in cells for dx in (-1, 0, 1) for dy in (-1, 0, 1)
                      for q in taken.get((cx + dx, cy + dy), ()))
            if any(min(math.dist(a, q), math.dist(b, q)) < _BLOT_MM for q in beside):
                continue
            for cell, q in zip(cells, (a, b), strict=True):
                taken.setdefault(cell, []).append(q)
            yield number, a, b


def _ticks(bend: FlatFold) -> tuple[tuple[Point, Point], ...]:
    """A bend is marked at its two ends only: nobody wants a line across a curved face."""
    share = min(_TICK_MM / bend.length, 0.5)
    (ax, ay), (bx, by) = bend.start, bend.end
    dx, dy = (bx - ax) * share, (by - ay) * share
    return ((ax, ay), (ax + dx, ay + dy)), ((bx - dx, by - dy), (bx, by))


def _curved_scores(pattern: Pattern) -> Iterator[tuple[int, Crease, Path]]:
    """The short scores of each curved one, joined, so that its dashes run on."""
    runs: list[list[FlatFold]] = []
    numbers: list[int] = []
    for number, f in enumerate(pattern.folds):
        if f.curved:
            face = pattern.by_name[f.child].whole
            for run in runs:
                if pattern.by_name[run[0].child].whole != face:
                    continue
                if math.dist(run[-1].end, f.start) < _JOINED_MM:
                    run.append(f)
                    break
                if math.dist(run[0].start, f.end) < _JOINED_MM:
                    run.insert(0, f)
                    break
            else:
                runs.append([f])
                numbers.append(number)
    for number, run in zip(numbers, runs, strict=True):
        corners = [run[0].start, *(f.end for f in run)]
        yield number, run[0].crease, tuple(Line(a, b) for a, b in pairwise(corners))
