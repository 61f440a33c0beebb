"""What is left of a sheet and worth keeping: its largest rectangles that no piece reaches into."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from typing import NamedTuple

from mingei.core.layout.pack import free_rectangles
from mingei.core.layout.place import Load, Page
from mingei.core.plane.shape import Box
from mingei.core.stock import Stock

#: A rectangle is kept when it measures so much both ways, mm: a tag, a label or a test strip comes out of it
#: (from experience).
LEAST_MM = 60.0


class Offcut(NamedTuple):
    """A rectangle of a stock, lying long side up, mm; stock: its id."""

    stock: str
    width: float
    height: float

    def holds(self, load: Load) -> bool:
        """Whether a piece of that stock can be cut from it, one way or the other."""
        box = load.pattern.box
        return load.pattern.stock.id == self.stock and any(w <= self.width and h <= self.height for w, h in
                                                           ((box.width, box.height), (box.height, box.width)))


class Left(NamedTuple):
    """What is left of one page: of which stock, where, mm on the sheet."""

    page: Page
    stock: Stock
    where: Box

    @property
    def offcut(self) -> Offcut:
        width, height = sorted((round(self.where.width, 1), round(self.where.height, 1)))
        return Offcut(self.stock.id, width, height)


def left_over(pages: Iterable[Page]) -> tuple[Left, ...]:
    """Of every page that is not a tile the largest rectangle worth keeping, where there is one, a knife's way
    off the pieces."""
    found = []
    for page in pages:
        if page.tile is not None:
            continue
        sheet, gap = page.sheet, page.sheet.laying.gap
        free = free_rectangles(sheet.width, sheet.height, [item.box.grown(gap) for item in page.items])
        best = max(free, key=lambda b: b.width * b.height, default=None)
        if best is not None and min(best.width, best.height) >= LEAST_MM:
            found.append(Left(page, page.stock, best))
    return tuple(found)


def uses(offcuts: Sequence[Offcut], loads: Sequence[Load]) -> tuple[tuple[Offcut, Load], ...]:
    """For every offcut kept the largest piece it would do for, where there is one; no copy is counted
    twice."""
    wanted = sorted((load for load in loads for _ in range(load.pattern.copies)),
                    key=lambda load: -load.pattern.area)
    found = []
    for offcut in sorted(offcuts, key=lambda o: o.width * o.height):
        load = next((load for load in wanted if offcut.holds(load)), None)
        if load is not None:
            wanted.remove(load)
            found.append((offcut, load))
    return tuple(found)
