"""Nesting pieces by their outlines: closer than by the rectangles round them, and slower.

Each piece becomes a map of cells that lie within half the gap of it (and half a cell's diagonal more, so that
no two pieces can come nearer than the gap without a cell in common).  Where such a map can go on a sheet is
told for all places at once by a correlation, worked out by the fast Fourier transform; it goes to the lowest
of them, or to the snuggest.  After a few orders of all pieces, some sheets at a time are emptied and filled
again in another order, and what comes out is kept when it is better.  The same pieces and seed always give
the same sheets.
"""

from __future__ import annotations

import math
import random
from collections.abc import Iterator, Sequence
from enum import Enum
from typing import Any, NamedTuple, TypeAlias

import numpy as np
from numpy.typing import NDArray
from scipy import fft, ndimage

from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Box, Polygon, bounds, turned

_Map: TypeAlias = NDArray[np.float32]
#: How wide a cell is, mm, of small sheets and of those larger than so many mm2.
_CELL_MM, _COARSE_MM, _LARGE_MM2 = 1.0, 2.0, 250_000.0
#: How many sheets are emptied at a time, besides the one with least on it, and how much an order is shaken, a
#: share of a piece's area.
_OTHERS, _SHAKEN = (1, 2, 3), 0.6
#: What lies within so many cells of a part touches it.
_RIM = 4
_QUARTERS = (0.0, 90.0, 180.0, 270.0)


class Manner(Enum):
    """Where a part goes: to the lowest place, to the one furthest left, or where most of its edge touches
    something."""

    LOW = 0
    LEFT = 1
    SNUG = 2


class Part(NamedTuple):
    """A piece to be nested: the outlines of its card, mm; the turns it may be laid at, degrees; beneath:
    width and height of what is printed under it from its left end, however it is turned, no wider than
    itself."""

    outlines: tuple[Polygon, ...]
    turns: tuple[float, ...] = _QUARTERS
    beneath: tuple[float, float] = (0.0, 0.0)


class Laid(NamedTuple):
    """Where a part lies: its number, its turn, degrees, and the lower left corner of the rectangle round it
    and what is beneath, mm from the room's."""

    number: int
    turn_deg: float
    x: float
    y: float


#: For every sheet what lies on it.
Nesting: TypeAlias = tuple[tuple[Laid, ...], ...]


class _Form(NamedTuple):
    """A part at one turn: its map and how many cells that covers, the map's transform, and the size of the
    rectangle round it and what is beneath, mm."""

    turn_deg: float
    cells: _Map
    many: int
    spectrum: Any
    width: float
    height: float


class _Sheet:
    """A sheet being filled."""

    def __init__(self, nest: Nest, manner: Manner = Manner.LOW) -> None:
        self.nest, self.manner = nest, manner
        self.taken = np.zeros(nest.grid, np.float32)
        self.spectrum: Any = None
        self._surroundings: Any = None
        self.room = nest.width * nest.height
        self.free = nest.grid[0] * nest.grid[1]  # cells
        self.laid: list[Laid] = []
        self.fixed = 0
        self._refused: set[Part] = set()  # what found no place finds none when there is less

    def try_put(self, number: int) -> bool:
        """Lay a part at the best place there is, by the sheet's manner; whether there was one."""
        nest, part = self.nest, self.nest.parts[number]
        forms = nest.forms(number)
        if part in self._refused or all(form.many > self.free for form in forms):
            return False
        if self.spectrum is None and self.laid:
            self.spectrum = fft.rfft2(self.taken)
        best: tuple[float, int, _Form, int, int] | None = None
        for rank, form in enumerate(forms):
            rows, columns = nest.places(form)
            if rows < 1 or columns < 1:
                continue
            row = column = 0
            free = (fft.irfft2(self.spectrum * form.spectrum, s=nest.grid)[:rows, :columns] < 0.5 if self.laid
                    else None)
            if free is not None and not free.any():
                continue
            if self.manner is Manner.SNUG:
                cost, row, column = self._snuggest(form, free, rows, columns)
            elif free is None:
                cost = form.height if self.manner is Manner.LOW else form.width
            elif self.manner is Manner.LOW:
                row, column = divmod(int(free.argmax()), columns)
                cost = row * nest.cell + form.height
            else:
                column, row = divmod(int(free.T.argmax()), rows)
                cost = column * nest.cell + form.width
            if best is None or (cost, rank) < best[:2]:
                best = (cost, rank, form, row, column)
        if best is None:
            self._refused.add(part)
            return False
        _, _, form, row, column = best
        self._take(form.cells, row, column)
        self.free -= form.many
        self.room -= nest.areas[number]
        self.laid.append(Laid(number, form.turn_deg, column * nest.cell, row * nest.cell))
        return True

    def _snuggest(self, form: _Form, free: NDArray[np.bool_] | None, rows: int,
                  columns: int) -> tuple[float, int, int]:
        """Where most of a part's edge lies along the sheet's edges and other parts: minus that share, and the
        place."""
        nest = self.nest
        if self._surroundings is None:
            around = np.ones(nest.wide_grid, np.float32)
            high, wide = (math.ceil((size + 2 * nest.pad) / nest.cell) for size in (nest.height, nest.width))
            around[_RIM:_RIM + high, _RIM:_RIM + wide] = np.minimum(self.taken[:high, :wide], 1.0)
            self._surroundings = fft.rfft2(around)
        rim, length = nest.rim(form)
        along = fft.irfft2(self._surroundings * rim, s=nest.wide_grid)[:rows, :columns] / length
        if free is not None:
            along = np.where(free, along, -1.0)
        row, column = divmod(int(along.argmax()), columns)
        return -float(along[row, column]), row, column

    def fix(self, laid: Laid) -> None:
        """A part that stays where it is: half a cell more is kept clear of it, since it need not lie on the
        grid."""
        nest = self.nest
        cells = nest.form(laid.number, laid.turn_deg).cells
        before = int((self.taken > 0).sum())
        for row in {math.floor(laid.y / nest.cell), math.ceil(laid.y / nest.cell)}:
            for column in {math.floor(laid.x / nest.cell), math.ceil(laid.x / nest.cell)}:
                self._take(cells, row, column)
        self.free -= int((self.taken > 0).sum()) - before
        self.room -= nest.areas[laid.number]
        self.laid.append(laid)
        self.fixed += 1

    def emptied(self, manner: Manner) -> _Sheet:
        """The sheet with only what stays on it."""
        sheet = _Sheet(self.nest, manner)
        for laid in self.laid[:self.fixed]:
            sheet.fix(laid)
        return sheet

    def _take(self, cells: _Map, row: int, column: int) -> None:
        here = self.taken[row:row + cells.shape[0], column:column + cells.shape[1]]
        here += cells[:here.shape[0], :here.shape[1]]
        self.spectrum = self._surroundings = None


class Nest:
    """The parts and the room of one kind of sheet.

    gap: left between parts, mm; fixed: the parts that stay where they are, by sheet.  Raises ValueError with
    the number of a part that fits no empty sheet.
    """

    def __init__(self, parts: Sequence[Part], width: float, height: float, gap: float,
                 fixed: Sequence[Sequence[Laid]] = ()) -> None:
        self.parts, self.width, self.height, self.fixed = tuple(parts), width, height, fixed
        self._staying = {laid.number for sheet in fixed for laid in sheet}
        self.cell = _COARSE_MM if width * height > _LARGE_MM2 else _CELL_MM
        self.pad = gap / 2 + self.cell * math.sqrt(0.5)
        self.grid = tuple(fft.next_fast_len(math.ceil((size + 2 * self.pad) / self.cell) + 1, real=True)
                          for size in (height, width))
        self.wide_grid = tuple(fft.next_fast_len(size + 2 * _RIM, real=True) for size in self.grid)
        self._forms: dict[Part, tuple[_Form, ...]] = {}
        self._rims: dict[int, tuple[Any, float]] = {}
        self.areas = [self._area(p) for p in self.parts]
        for number in range(len(self.parts)):
            if number not in self._staying and not any(min(self.places(f)) >= 1 for f in self.forms(number)):
                raise ValueError(number)

    def _area(self, part: Part) -> float:
        from shapely import union_all

        return float(union_all([area_of(o) for o in part.outlines]).area)

    def places(self, form: _Form) -> tuple[int, int]:
        """How many rows and columns of places keep a part within the sheet."""
        rows, columns = (math.floor(rest / self.cell + 1e-9) + 1
                         for rest in (self.height - form.height, self.width - form.width))
        return rows, columns

    def forms(self, number: int) -> tuple[_Form, ...]:
        """The part at every turn it may have, those that look alike once."""
        part = self.parts[number]
        if part not in self._forms:
            forms: list[_Form] = []
            for turn in part.turns:
                form = self._form(part, turn)
                if not any(f.cells.shape == form.cells.shape and (f.cells == form.cells).all()
                           for f in forms):
                    forms.append(form)
            self._forms[part] = tuple(forms)
        return self._forms[part]

    def _form(self, part: Part, turn_deg: float) -> _Form:
        from shapely import contains_xy, prepare, union_all
        from shapely.geometry import box as rectangle

        turn = turned(turn_deg)
        outlines = [turn.apply_all(o) for o in part.outlines]
        around = bounds(p for o in outlines for p in o)
        around = Box(around.left, around.bottom - part.beneath[1], around.right, around.top)
        inked = [area_of(o) for o in outlines]
        if part.beneath[1]:
            wide = min(part.beneath[0], around.width)
            inked.append(rectangle(around.left, around.bottom, around.left + wide,
                                   around.bottom + part.beneath[1]))
        near = union_all(inked).buffer(self.pad)
        prepare(near)
        rows, columns = (math.ceil((size + 2 * self.pad) / self.cell)
                         for size in (around.height, around.width))
        x = around.left - self.pad + (np.arange(columns) + 0.5) * self.cell
        y = around.bottom - self.pad + (np.arange(rows) + 0.5) * self.cell
        cells = contains_xy(near, *(v.ravel() for v in np.meshgrid(x, y))).reshape(rows, columns).astype(
            np.float32)
        rows, columns = (min(own, most) for own, most in zip(cells.shape, self.grid, strict=True))
        cells = cells[:rows, :columns]
        whole = np.zeros(self.grid, np.float32)
        whole[:rows, :columns] = cells
        return _Form(turn_deg, cells, int(cells.sum()), np.conj(fft.rfft2(whole)), around.width,
                     around.height)

    # -- filling sheets --------------------------------------------------------------------------------------

    def rim(self, form: _Form) -> tuple[Any, float]:
        """The transform of the cells just outside a form's, and how many they are."""
        if id(form.cells) not in self._rims:
            inside = np.pad(form.cells > 0, _RIM)
            rim = (ndimage.binary_dilation(inside, iterations=_RIM) & ~inside).astype(np.float32)
            rim = rim[:self.wide_grid[0], :self.wide_grid[1]]
            whole = np.zeros(self.wide_grid, np.float32)
            whole[:rim.shape[0], :rim.shape[1]] = rim
            self._rims[id(form.cells)] = np.conj(fft.rfft2(whole)), max(1.0, float(rim.sum()))
        return self._rims[id(form.cells)]

    def form(self, number: int, turn_deg: float) -> _Form:
        """The part at any turn."""
        return (next((f for f in self.forms(number) if f.turn_deg == turn_deg), None)
                or self._form(self.parts[number], turn_deg))

    def fill(self, order: Sequence[int], sheets: list[_Sheet], manner: Manner = Manner.LOW,
             most: int | None = None) -> list[_Sheet] | None:
        """Each part on the first sheet that has room for it; None where that takes more than the most."""
        for number in order:
            if not any(sheet.try_put(number) for sheet in sheets):
                if len(sheets) == most:
                    return None
                sheets.append(_Sheet(self, manner))
                sheets[-1].try_put(number)
        return sheets

    def search(self, seed: int = 0) -> Iterator[Nesting]:
        """The best nesting so far, again and again; at first after each order of all parts, then after each
        try to better some sheets."""
        areas = self.areas
        free = [i for i in range(len(areas)) if i not in self._staying]
        boxes = [max(f.width * f.height for f in self.forms(i)) for i in range(len(areas))]
        longest = [max(max(f.width, f.height) for f in self.forms(i)) for i in range(len(areas))]
        best: list[_Sheet] = []
        for key, manner in ((areas, Manner.LOW), (areas, Manner.SNUG), (boxes, Manner.SNUG),
                            (longest, Manner.LOW)):
            largest_first = sorted(free, key=lambda i, key=key: (-key[i], i))  # type: ignore[misc]
            found = self.fill(largest_first, self._begun(manner), manner)
            if found and (not best or self._value(found) > self._value(best)):
                best = found
            yield _said(best)
        chance = random.Random(seed)
        while True:
            if len(best) > 1:
                least = min(range(len(best)), key=lambda i: best[i].nest.width * best[i].nest.height
                            - best[i].room)
                others = chance.sample([i for i in range(len(best)) if i != least],
                                       min(len(best) - 1, chance.choice(_OTHERS)))
                chosen = {least, *others}
                loose = [laid.number for i in chosen for laid in best[i].laid[best[i].fixed:]]
                loose.sort(key=lambda i: -areas[i] * (1.0 + _SHAKEN * (chance.random() - 0.5)))
                manner = chance.choice((Manner.SNUG, Manner.SNUG, Manner.LOW, Manner.LEFT))
                staying = [best[i].emptied(manner) for i in sorted(chosen) if best[i].fixed]
                again = self.fill(loose, staying, manner, len(chosen))
                if again is not None and self._value(again) > self._value([best[i] for i in chosen]):
                    best = [*(sheet for i, sheet in enumerate(best) if i not in chosen), *again]
            yield _said(best)

    def _begun(self, manner: Manner) -> list[_Sheet]:
        """The sheets that something stays on."""
        begun = []
        for laid in self.fixed:
            begun.append(_Sheet(self, manner))
            for each in laid:
                begun[-1].fix(each)
        return begun

    def _value(self, sheets: Sequence[_Sheet]) -> tuple[float, ...]:
        """More is better: fewer sheets, and of as many the fuller ones fuller, so that the last may empty."""
        whole = self.width * self.height
        return -len(sheets), sum((1.0 - s.room / whole) ** 2 for s in sheets)


def _said(sheets: Sequence[_Sheet]) -> Nesting:
    """Sheets with most on them first."""
    return tuple(tuple(sheet.laid) for sheet in sorted(sheets, key=lambda s: s.room))


def fewest(parts: Sequence[Part], width: float, height: float, gap: float = 0.0) -> int:
    """The area bound: no fewer sheets can do.

    Grown by half the gap all round, pieces that keep the gap do not overlap, and all lie within the sheet
    grown as much.
    """
    from shapely import union_all

    whole = sum(float(union_all([area_of(o) for o in p.outlines]).buffer(gap / 2).area) for p in parts)
    return max(1, math.ceil(whole / ((width + gap) * (height + gap)) - 1e-9))
