"""Packing rectangles onto sheets: the largest free rectangles of every sheet are kept, each piece goes where
least is left beside it (the *maximal rectangles* way: Jylänki, A thousand ways to pack the bin, 2010).  The
same pieces always give the same sheets.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from functools import lru_cache
from typing import NamedTuple, TypeAlias

from mingei.core.plane.shape import Box

Size: TypeAlias = tuple[float, float]
#: What two calculations of one length may differ by, mm.
_SAME_MM = 1e-6


class Put(NamedTuple):
    """Where one rectangle lies: its number, its lower left corner, mm, and whether it was turned by 90
    degrees."""

    number: int
    x: float
    y: float
    turned: bool


class _Free(NamedTuple):
    left: float
    bottom: float
    right: float
    top: float


class _Sheet:
    """One sheet being filled."""

    def __init__(self, width: float, height: float) -> None:
        self.free = [_Free(0.0, 0.0, width, height)]
        self.left = width * height
        self.put: list[Put] = []

    def best(self, width: float, height: float,
             turns: tuple[bool, ...]) -> tuple[float, float, float, float, bool] | None:
        """Where it leaves least beside it: (shorter rest, longer rest, x, y, turned)."""
        if width * height > self.left + _SAME_MM:
            return None
        found: tuple[float, float, float, float, bool] | None = None
        for turned in turns:
            w, h = (height, width) if turned else (width, height)
            for f in self.free:
                beside, above = f.right - f.left - w, f.top - f.bottom - h
                if beside >= -_SAME_MM and above >= -_SAME_MM:
                    here = (min(beside, above), max(beside, above), f.left, f.bottom, turned)
                    if found is None or here < found:
                        found = here
        return found

    def take(self, number: int, width: float, height: float, x: float, y: float, turned: bool) -> None:
        w, h = (height, width) if turned else (width, height)
        self.put.append(Put(number, x, y, turned))
        self.left -= w * h
        self.cover(x, y, w, h)

    def cover(self, x: float, y: float, w: float, h: float) -> None:
        """Nothing else may lie there."""
        split: list[_Free] = []
        for f in self.free:
            if (x >= f.right - _SAME_MM or x + w <= f.left + _SAME_MM or y >= f.top - _SAME_MM
                or y + h <= f.bottom + _SAME_MM):
                split.append(f)
                continue
            if x > f.left + _SAME_MM:
                split.append(f._replace(right=x))
            if x + w < f.right - _SAME_MM:
                split.append(f._replace(left=x + w))
            if y > f.bottom + _SAME_MM:
                split.append(f._replace(top=y))
            if y + h < f.top - _SAME_MM:
                split.append(f._replace(bottom=y + h))
        self.free = [f for i, f in enumerate(split)
                     if not any(_within(f, g) and (i > j or not _within(g, f)) for j, g in enumerate(split)
                                if i != j)]


def free_rectangles(width: float, height: float, taken: Sequence[Box]) -> tuple[Box, ...]:
    """The largest rectangles of a sheet that none of the taken ones reaches into, mm."""
    sheet = _Sheet(width, height)
    for box in taken:
        sheet.cover(box.left, box.bottom, box.width, box.height)
    return tuple(Box(*f) for f in sheet.free)


def _within(a: _Free, b: _Free) -> bool:
    return (a.left >= b.left - _SAME_MM and a.bottom >= b.bottom - _SAME_MM and a.right <= b.right + _SAME_MM
            and a.top <= b.top + _SAME_MM)


#: In what orders the pieces are tried; the best of them counts.
_ORDERS: tuple[Callable[[Size], tuple[float, float]], ...] = (
    lambda s: (-max(s), -min(s)), lambda s: (-s[0] * s[1], -max(s)),
)


@lru_cache(maxsize=32)
def pack(sizes: tuple[Size, ...], width: float, height: float, gap: float,
         turns: tuple[bool, ...] = (False, True)) -> tuple[tuple[Put, ...], ...]:
    """Rectangles on as few sheets as this way finds: for every sheet what lies on it, from its lower left
    corner, mm.

    sizes: each of them fits the sheet at one of the turns, upright or by 90 degrees; gap: left between them,
    mm.  Raises ValueError when one does not.
    """
    best: list[_Sheet] | None = None
    for order in _ORDERS:
        filled = _fill(sizes, sorted(range(len(sizes)), key=lambda i: (order(sizes[i]), i)), width + gap,
                       height + gap, gap, turns)
        # of as few sheets, the one whose last holds least: it is the likelier to be done without
        if best is None or (len(filled), -filled[-1].left) < (len(best), -best[-1].left):
            best = filled
    return tuple(tuple(sheet.put) for sheet in best or ())


#: So many pieces are packed at once; more are packed in batches whose sheets repeat.  A batch that takes
#: fewer sheets than this wastes too much on its last one, and is made larger, up to the second number.
_AT_ONCE, _MOST_AT_ONCE, _FEW_SHEETS = 150, 2400, 3


class Repeated(NamedTuple):
    """One sheet with what lies on it, and how many are like it."""

    puts: tuple[Put, ...]
    times: int


def pack_many(sizes: Sequence[Size], counts: Sequence[int], width: float, height: float, gap: float,
              turns: tuple[bool, ...] = (False, True)) -> tuple[Repeated, ...]:
    """So many rectangles of each size on few sheets; a put's number is that of its size.

    Up to 150 in all are packed one by one; of more, a share is packed, its full sheets are repeated as often
    as the counts allow, and what is left over is packed in its turn.  Raises ValueError as ``pack`` does.
    """
    left, found = list(counts), list[Repeated]()
    at_once = _AT_ONCE
    while sum(left) > at_once:
        kinds, repeats = _batch(left, at_once)
        sheets = _numbered(pack(tuple(sizes[k] for k in kinds), width, height, gap, turns), kinds)
        if len(sheets) < _FEW_SHEETS and at_once < _MOST_AT_ONCE:
            at_once *= 4
            continue
        for puts in sheets[:-1] or sheets:
            found.append(Repeated(puts, repeats))
            for put in puts:
                left[put.number] -= repeats
    rest = [kind for kind, many in enumerate(left) for _ in range(many)]
    last = pack(tuple(sizes[k] for k in rest), width, height, gap, turns) if rest else ()
    return (*found, *(Repeated(puts, 1) for puts in _numbered(last, rest)))


def _batch(left: Sequence[int], most: int) -> tuple[list[int], int]:
    """The kinds of about so many rectangles, in even shares of what is left, and how often they can be
    had."""
    repeats = max(1, sum(left) // most)
    while repeats > 1 and sum(n // repeats for n in left) < most // 2:
        repeats //= 2
    kinds = [kind for kind, many in enumerate(left) for _ in range(many // repeats)]
    return kinds[:2 * most], repeats


def _numbered(sheets: Sequence[Sequence[Put]], kinds: Sequence[int]) -> list[tuple[Put, ...]]:
    return [tuple(put._replace(number=kinds[put.number]) for put in sorted(puts)) for puts in sheets]


def _fill(sizes: Sequence[Size], order: Sequence[int], width: float, height: float, gap: float,
          turns: tuple[bool, ...]) -> list[_Sheet]:
    sheets: list[_Sheet] = []
    for number in order:
        w, h = sizes[number][0] + gap, sizes[number][1] + gap
        for sheet in sheets:
            place = sheet.best(w, h, turns)
            if place is not None:
                break
        else:
            sheet = _Sheet(width, height)
            place = sheet.best(w, h, turns)
            if place is None:
                raise ValueError(number)
            sheets.append(sheet)
        sheet.take(number, w, h, place[2], place[3], place[4])
    return sheets
