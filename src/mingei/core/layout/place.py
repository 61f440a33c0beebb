"""Where each piece lies on its sheet.

Pieces of one stock share sheets, turned where that is how they fit; a piece alone on its sheet lies in the middle of what the printer's
margins and the marks leave.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from types import MappingProxyType
from typing import NamedTuple

from mingei.core.art import Printed
from mingei.core.errors import SheetError
from mingei.core.layout.pack import pack
from mingei.core.layout.sheets import SHEETS, Sheet
from mingei.core.layout.tile import Tile, onto_sheet, tiles
from mingei.core.length import write_mm
from mingei.core.pattern import Pattern
from mingei.core.shape import Box, Rigid, bounds, shifted, turned
from mingei.core.stock import Stock
from mingei.core.words import joined, say

#: Card left between two blanks on a sheet, mm, so that a knife passes between.
GAP_MM = 3.0
#: Room beneath a piece for its name, the size of its letters, mm, and how wide one is, a share of that.
NAME_MM, NAME_SIZE_MM, _LETTER_SHARE = 3.4, 2.2, 0.55
#: Room the marks take inside the margins: the upright check bar at the left, the key and the level bar below (mm).
LEFT_STRIP, BOTTOM_STRIP = 8.0, 25.0


class Load(NamedTuple):
    """A piece to be laid out, the name of the thing it belongs to, whether it is all of it, and the artwork printed on it."""

    owner: str
    pattern: Pattern
    alone: bool = True
    printed: tuple[Printed, ...] = ()

    @property
    def words(self) -> str:
        """What to call the piece on paper."""
        return self.owner if self.alone else say("{owner}, {piece}", owner=self.owner, piece=self.pattern.name)


def loads_of(owner: str, patterns: Sequence[Pattern], printed: Mapping[Pattern, tuple[Printed, ...]] = MappingProxyType({})) -> list[Load]:
    """The pieces of one thing, ready to be laid out.  printed: the artwork on each."""
    return [Load(owner, p, len(patterns) == 1, printed.get(p, ())) for p in patterns]


class Item(NamedTuple):
    """A piece on a sheet; move takes its flat to the sheet, whose lower left corner is the origin."""

    load: Load
    move: Rigid

    @property
    def box(self) -> Box:
        """The rectangle round it on the sheet, mm."""
        box = self.load.pattern.box
        return bounds(self.move.apply_all(((box.left, box.bottom), (box.right, box.bottom), (box.right, box.top), (box.left, box.top))))


@dataclass(frozen=True, eq=False)
class Page:
    """One sheet with the pieces on it, all of one stock; tile: it holds a window of one piece that is larger than the sheet."""

    sheet: Sheet
    items: tuple[Item, ...]
    number: int
    count: int
    tile: Tile | None = None

    @property
    def stock(self) -> Stock:
        return self.items[0].load.pattern.stock


class Layout(NamedTuple):
    """pages: with all that fits; too_large: what does not fit the sheet either way round."""

    pages: tuple[Page, ...]
    too_large: tuple[Load, ...]


def room(sheet: Sheet) -> Box:
    """What the margins and marks leave for pieces, mm."""
    m = sheet.margin
    return Box(m + LEFT_STRIP, m + BOTTOM_STRIP, sheet.width - m, sheet.height - m)


def fits(pattern: Pattern, sheet: Sheet) -> float | None:
    """The turn in degrees (0 or 90) at which the piece fits the sheet, or None."""
    space, box = room(sheet), pattern.box
    for turn, width, height in ((0.0, box.width, box.height), (90.0, box.height, box.width)):
        if width <= space.width + 1e-9 and height <= space.height + 1e-9:
            return turn
    return None


def yield_of(pattern: Pattern, sheet: Sheet) -> int:
    """How many of a piece's blank, side by side in rows all turned alike, one sheet gives within its margins; 0 where none fits."""
    wide, high = sheet.width - 2 * sheet.margin, sheet.height - 2 * sheet.margin
    box = pattern.box
    return max(int((wide + GAP_MM) // (a + GAP_MM)) * int((high + GAP_MM) // (b + GAP_MM))
               for a, b in ((box.width, box.height), (box.height, box.width)))


def arrange(loads: Sequence[Load], sheet: Sheet) -> Layout:
    """Every copy of every piece that fits, pieces of one stock together on as few sheets as can be; larger ones tiled where the sheet says
    so."""
    space = room(sheet)
    fitting = [load for load in loads if fits(load.pattern, sheet) is not None]
    groups: dict[str, list[Load]] = {}
    for load in fitting:
        groups.setdefault(load.pattern.stock.id, []).extend([load] * load.pattern.copies)
    filled: list[tuple[Item, ...]] = []
    for group in groups.values():
        # beneath each piece its name is printed, where it shares the sheet
        named = [(load.pattern.box.width, load.pattern.box.height) for load in group]
        alone = [load for load, (w, h) in zip(group, named, strict=True) if not _shares(w, h, space)]
        shared = [load for load, (w, h) in zip(group, named, strict=True) if _shares(w, h, space)]
        sizes = tuple((load.pattern.box.width + NAME_MM, load.pattern.box.height + NAME_MM) for load in shared)
        filled += [(Item(load, _amid(load.pattern, sheet)),) for load in alone]
        for puts in pack(sizes, space.width, space.height, GAP_MM) if sizes else ():
            if len(puts) == 1:
                load = shared[puts[0].number]
                filled.append((Item(load, _amid(load.pattern, sheet)),))
            else:
                filled.append(tuple(Item(shared[p.number], _at(shared[p.number].pattern, space.left + p.x, space.bottom + p.y, p.turned))
                                    for p in sorted(puts)))
    whole: list[tuple[tuple[Item, ...], Tile | None]] = [(items, None) for items in filled]
    too_large = [load for load in loads if load not in fitting]
    for load in list(too_large) if sheet.tile_mm > 0 else []:
        try:
            turn, windows = tiles(load.pattern, space, sheet.tile_mm)
        except ValueError:
            continue
        too_large.remove(load)
        for _ in range(load.pattern.copies):
            whole += [((Item(load, onto_sheet(tile, turn, space)),), tile) for tile in windows]
    pages = tuple(Page(sheet, items, number, len(whole), tile) for number, (items, tile) in enumerate(whole, 1))
    return Layout(pages, tuple(too_large))


def lay_out(loads: Sequence[Load], sheet: Sheet) -> tuple[Page, ...]:
    """The pages of every copy of every piece.

    Raises SheetError with the sheets that would do, when a piece is too large and not tiled.
    """
    layout = arrange(loads, sheet)
    if layout.too_large:
        raise too_large(layout.too_large[0].pattern, sheet)
    return layout.pages


def name_width(words: str) -> float:
    """How wide a piece's name is printed, mm, about."""
    return len(words) * _LETTER_SHARE * NAME_SIZE_MM


def _shares(width: float, height: float, space: Box) -> bool:
    """Whether there is room for a piece and the name beneath it, one way or the other."""
    w, h = width + NAME_MM, height + NAME_MM
    return (w <= space.width and h <= space.height) or (h <= space.width and w <= space.height)


def _at(pattern: Pattern, x: float, y: float, by_90: bool) -> Rigid:
    """The move that puts a piece's rectangle, turned or not, with room for its name beneath."""
    box = pattern.box
    if by_90:
        return turned(90.0).then(shifted(x + box.top, y + NAME_MM - box.left))
    return shifted(x - box.left, y + NAME_MM - box.bottom)


def sheets_that_do(pattern: Pattern) -> tuple[Sheet, ...]:
    """Every sheet that holds the piece, smallest first."""
    return tuple(s for s in SHEETS if fits(pattern, s) is not None)


def _amid(pattern: Pattern, sheet: Sheet) -> Rigid:
    """The move that puts a piece amid what margins and marks leave."""
    (cx, cy), (sx, sy) = pattern.box.centre, room(sheet).centre
    return shifted(-cx, -cy).then(turned(fits(pattern, sheet) or 0.0)).then(shifted(sx, sy))


def too_large(pattern: Pattern, sheet: Sheet) -> SheetError:
    """The refusal, with the sheets that would do."""
    box, space = pattern.box, room(sheet)
    names = [s.name for s in sheets_that_do(pattern)[:3]]
    remedy = say("choose {names}", names=joined(names, " or ")) if names else "no sheet up to A0 holds it: make it smaller"
    return SheetError(
        say("the flat is {wide} x {high} and {sheet} leaves {room_wide} x {room_high}", wide=write_mm(box.width, 1),
            high=write_mm(box.height, 1), sheet=sheet.name, room_wide=write_mm(space.width, 1),
            room_high=write_mm(space.height, 1)), say("piece {pattern}", pattern=pattern.name), remedy)
