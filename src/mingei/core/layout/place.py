"""Where each piece lies on its sheet.

Pieces of one stock share sheets, turned where that is how they fit; a piece alone on its sheet lies in the
middle of what the printer's margins and the marks leave.
"""

from __future__ import annotations

import math
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, replace
from functools import cached_property
from itertools import combinations
from types import MappingProxyType
from typing import TYPE_CHECKING, NamedTuple

from mingei.core.covering.art import Printed
from mingei.core.errors import SheetError
from mingei.core.flat.pattern import Pattern
from mingei.core.keeping import kept_with
from mingei.core.layout import lettering
from mingei.core.layout.laying import Key, Spot
from mingei.core.layout.pack import pack_many
from mingei.core.layout.parted import Half
from mingei.core.layout.sheets import SHEETS, Sheet
from mingei.core.layout.splice import printed_within
from mingei.core.layout.tile import Tile, onto_sheet, tiles
from mingei.core.length import write_mm
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Box, Polygon, Rigid, bounds, flat_points, shifted, signed_area, turned
from mingei.core.stock import Stock
from mingei.core.words import joined, say

if TYPE_CHECKING:
    from shapely.geometry import Polygon as Area

#: Room beneath a piece for its name, and the size of its letters, mm.
NAME_MM, NAME_SIZE_MM = 3.4, 2.2
#: Room the marks take inside the margins: the upright check bar at the left, the key and the level bar below
#: (mm).
LEFT_STRIP, BOTTOM_STRIP = 8.0, 25.0
#: Room a mark in the sheet's corner takes, mm.
CORNER_MM = 8.0
#: Pieces that only touch do not clash, mm.
_TOUCHING_MM = 1e-3
_NOWHERE = shifted(0.0, 0.0)


class Load(NamedTuple):
    """A piece to be laid out.

    owner: the thing it belongs to, by its id; alone: it is all of that thing; printed: the artwork on it;
    name: what people call the thing, its id where it has no other name.
    """

    owner: str
    pattern: Pattern
    alone: bool = True
    printed: tuple[Printed, ...] = ()
    name: str = ""

    @property
    def thing(self) -> str:
        """What to call the thing on paper."""
        return self.name or self.owner

    @property
    def words(self) -> str:
        """What to call the piece on paper."""
        return (self.thing if self.alone
                else say("{owner}, {piece}", owner=self.thing, piece=self.pattern.name))


def loads_of(owner: str, patterns: Sequence[Pattern],
             printed: Mapping[Pattern, tuple[Printed, ...]] = MappingProxyType({}),
             halves: Mapping[Pattern, Sequence[Half]] = MappingProxyType({}), name: str = "") -> list[Load]:
    """The pieces of one thing, ready to be laid out.  owner: its id; printed: the artwork on each; halves:
    what those come apart into that are cut across; name: what people call it."""
    apart = [(p, halves.get(p) or (Half(p),)) for p in patterns]
    alone = sum(len(each) for _, each in apart) == 1
    return [Load(owner, half.pattern, alone, printed_within(printed.get(p, ()), half), name)
            for p, each in apart for half in each]


class Item(NamedTuple):
    """A piece on a sheet; move takes its flat to the sheet, whose lower left corner is the origin; copy:
    which of its copies it is, from 0; locked: a person put it there."""

    load: Load
    move: Rigid
    copy: int = 0
    locked: bool = False

    @property
    def key(self) -> Key:
        return self.load.owner, self.load.pattern.name, self.copy

    @property
    def box(self) -> Box:
        """The rectangle round it on the sheet, mm."""
        box = self.load.pattern.box
        return bounds(self.move.apply_all(((box.left, box.bottom), (box.right, box.bottom),
                                           (box.right, box.top), (box.left, box.top))))


@dataclass(frozen=True, eq=False)
class Page:
    """One sheet with the pieces on it, all of one stock; tile: it holds a window of one piece that is larger
    than the sheet."""

    sheet: Sheet
    items: tuple[Item, ...]
    number: int
    count: int
    tile: Tile | None = None

    @property
    def stock(self) -> Stock:
        return self.items[0].load.pattern.stock

    @cached_property
    def struck(self) -> tuple[tuple[Item, Item], ...]:
        """The pieces that lie on each other, two by two."""
        return clashes(self.items)


class Layout(NamedTuple):
    """pages: with all that fits; too_large: what does not fit the sheet either way round."""

    pages: tuple[Page, ...]
    too_large: tuple[Load, ...]


def room(sheet: Sheet) -> Box:
    """What the margins and marks leave for pieces, mm."""
    m, kept = sheet.margin, CORNER_MM if sheet.laying.corners else 0.0
    return Box(m + max(LEFT_STRIP, kept), m + BOTTOM_STRIP, sheet.width - m - kept, sheet.height - m - kept)


def fits(pattern: Pattern, sheet: Sheet) -> float | None:
    """The turn in degrees (0 or 90) at which the piece fits the sheet, or None."""
    space, box = room(sheet), pattern.box
    for turn, width, height in ((0.0, box.width, box.height), (90.0, box.height, box.width)):
        if turn in sheet.laying.way.turns and width <= space.width + 1e-9 and height <= space.height + 1e-9:
            return turn
    return None


def yield_of(pattern: Pattern, sheet: Sheet) -> int:
    """How many of a piece's blank, side by side in rows all turned alike, one sheet gives within its margins;
    0 where none fits."""
    wide, high, gap = sheet.width - 2 * sheet.margin, sheet.height - 2 * sheet.margin, sheet.laying.gap
    box = pattern.box
    return max(int((wide + gap) // (a + gap)) * int((high + gap) // (b + gap))
               for a, b in ((box.width, box.height), (box.height, box.width)))


def groups_of(loads: Sequence[Load], sheet: Sheet) -> tuple[tuple[Item, ...], ...]:
    """The copies of pieces that may share sheets: of one stock and group, and of one thing where the sheet
    says so; without moves yet."""
    groups: dict[tuple[str, str, str], list[Item]] = {}
    for load in loads:
        groups.setdefault(_kind(load, sheet), []).extend(Item(load, _NOWHERE, copy)
                                                         for copy in range(load.pattern.copies))
    return tuple(tuple(group) for group in groups.values())


def _kind(load: Load, sheet: Sheet) -> tuple[str, str, str]:
    """What pieces that share sheets have in common."""
    group = sheet.laying.group_of(load.owner, load.pattern.name)
    return load.pattern.stock.id, group, load.owner if sheet.laying.together and not group else ""


def arrange(loads: Sequence[Load], sheet: Sheet, spots: Sequence[Spot] = ()) -> Layout:
    """Every copy of every piece that fits, those that may share sheets together on as few as can be; larger
    ones tiled where the sheet says so.

    spots: where some were put.  A spot counts while its piece fits there; one that nobody locked, only while
    it is free of clashes.
    """
    space = room(sheet)
    fitting = [load for load in loads if fits(load.pattern, sheet) is not None]
    filled: list[tuple[Item, ...]] = []
    given = {spot.key: spot for spot in spots}
    for group in groups_of(fitting, sheet):
        put, left = _put(group, given, sheet)
        filled += put
        filled += _packed(left, sheet)
    whole: list[tuple[tuple[Item, ...], Tile | None]] = [(items, None) for items in filled]
    too_large = [load for load in loads if load not in fitting]
    for load in list(too_large) if sheet.tile_mm > 0 else []:
        try:
            turn, windows = tiles(load.pattern, space, sheet.tile_mm)
        except ValueError:
            continue
        too_large.remove(load)
        for copy in range(load.pattern.copies):
            whole += [((Item(load, onto_sheet(tile, turn, space), copy),), tile) for tile in windows]
    pages = tuple(_page(sheet, items, number, len(whole), tile)
                  for number, (items, tile) in enumerate(whole, 1))
    return Layout(pages, tuple(too_large))


def _page(sheet: Sheet, items: tuple[Item, ...], number: int, count: int, tile: Tile | None) -> Page:
    """A page of these pieces; of a roll so much as they need."""
    if sheet.is_roll and tile is None:
        items = _drawn_down(items, room(sheet))
        sheet = _cut_off(sheet, items)
    return Page(sheet, items, number, count, tile)


def _drawn_down(items: tuple[Item, ...], space: Box) -> tuple[Item, ...]:
    """Pieces on a roll, led to where it begins, unless a person put them elsewhere."""
    if any(item.locked for item in items):
        return items
    low = min(item.box.bottom for item in items) - space.bottom - (NAME_MM if len(items) > 1 else 0.0)
    return tuple(item._replace(move=item.move.then(shifted(0.0, -low))) for item in items)


def _cut_off(sheet: Sheet, items: Sequence[Item]) -> Sheet:
    """So much of a roll as its pieces need."""
    end = (max(item.box.top for item in items) + sheet.margin + (CORNER_MM if sheet.laying.corners else 0.0)
           + NAME_MM)
    return replace(sheet, height=min(sheet.height, math.ceil(max(end, sheet.width))))


def _packed(items: Sequence[Item], sheet: Sheet) -> list[tuple[Item, ...]]:
    """The copies of pieces on sheets."""
    copies: dict[Load, list[Item]] = {}
    for item in items:
        copies.setdefault(item.load, []).append(item)
    loads, waiting = list(copies), {load: iter(each) for load, each in copies.items()}
    return [tuple(next(waiting[item.load])._replace(move=item.move) for item in laid)
            for laid, times in _repeated(loads, [len(copies[load]) for load in loads], sheet)
            for _ in range(times)]


def _repeated(loads: Sequence[Load], counts: Sequence[int],
              sheet: Sheet) -> list[tuple[tuple[Item, ...], int]]:
    """So many of each piece on sheets by the rectangles round them, names beneath, and how many sheets are
    alike; a piece too large for its name lies alone."""
    space = room(sheet)
    name = NAME_MM if sheet.laying.names else 0.0
    turns = tuple(turn == 90.0 for turn in sheet.laying.way.turns if turn in (0.0, 90.0))
    boxes = [load.pattern.box for load in loads]
    shared = [i for i, b in enumerate(boxes) if _shares(b.width + name, b.height + name, space, turns)]
    filled: list[tuple[tuple[Item, ...], int]]
    filled = [((Item(load, _amid(load.pattern, sheet)),), many)
              for i, (load, many) in enumerate(zip(loads, counts, strict=True)) if i not in shared]
    sizes = [(boxes[i].width + name, boxes[i].height + name) for i in shared]
    for puts, times in pack_many(sizes, [counts[i] for i in shared], space.width, space.height,
                                 sheet.laying.gap, turns):
        here = [(loads[shared[p.number]], p) for p in puts]
        if len(here) == 1:
            filled.append(((Item(here[0][0], _amid(here[0][0].pattern, sheet)),), times))
        else:
            filled.append((tuple(Item(load, move_to(load.pattern, 90.0 if p.turned else 0.0, space.left + p.x,
                                                    space.bottom + p.y + name)) for load, p in here), times))
    return filled


def _put(group: Sequence[Item], given: Mapping[Key, Spot],
         sheet: Sheet) -> tuple[list[tuple[Item, ...]], list[Item]]:
    """The pieces that have a spot which still holds, by sheet, and all others: every piece is in one of
    them."""
    space = room(sheet)
    pages: dict[int, list[tuple[Item, Item]]] = {}
    left: list[Item] = []
    for bare in group:
        spot = given.get(bare.key)
        if spot is not None and (spot.turn_deg in sheet.laying.way.turns or spot.locked):
            item = bare._replace(move=move_to(bare.load.pattern, spot.turn_deg, spot.x, spot.y),
                                 locked=spot.locked)
            if _holds(space, item.box):
                pages.setdefault(spot.page, []).append((item, bare))
                continue
        left.append(bare)
    found = []
    for number in sorted(pages):
        items = [item for item, _ in pages[number]]
        if clashes(items):
            items = [item for item in items if item.locked]
            for item, bare in pages[number]:
                if item.locked:
                    continue
                if any(item in pair for pair in clashes((*items, item))):
                    left.append(bare)
                else:
                    items.append(item)
        if items:
            found.append(tuple(items))
    return found, left


def clashes(items: Sequence[Item]) -> tuple[tuple[Item, Item], ...]:
    """The pieces of one sheet that lie on each other, two by two."""
    from shapely.affinity import affine_transform

    boxes = [item.box for item in items]
    near = [(i, j) for i, j in combinations(range(len(items)), 2) if boxes[i].meets(boxes[j])]
    if not near:
        return ()
    cards = {i: affine_transform(_card(items[i].load.pattern), (m.cos, -m.sin, m.sin, m.cos, m.x, m.y))
             for i in {k for pair in near for k in pair} for m in [items[i].move]}
    return tuple((items[i], items[j]) for i, j in near if cards[i].intersects(cards[j]))


@kept_with
def _card(pattern: Pattern) -> Area:
    """The card of a piece's flat, a hair within its outline."""

    return area_of(outline(pattern)).buffer(-_TOUCHING_MM)


@kept_with
def outline(pattern: Pattern) -> Polygon:
    """The outline of a piece's flat as points, mm."""
    return max((tuple(flat_points(cut)[:-1]) for cut in pattern.cuts),
               key=lambda loop: abs(signed_area(loop)))


def spots_of(pages: Sequence[Page]) -> tuple[Spot, ...]:
    """Where every piece of a layout lies, those that are tiled left out."""
    counts: dict[tuple[str, str, str], int] = {}
    found = []
    for page in pages:
        if page.tile is not None:
            continue
        kind = _kind(page.items[0].load, page.sheet)
        number = counts.get(kind, 0)
        counts[kind] = number + 1
        found += [Spot(*item.key, number, round(item.box.left, 4), round(item.box.bottom, 4),
                       _turn_of(item.move), item.locked)
                  for item in page.items]
    return tuple(found)


def _turn_of(move: Rigid) -> float:
    return round(move.turn_deg % 360.0, 4) % 360.0


def move_to(pattern: Pattern, turn_deg: float, x: float, y: float) -> Rigid:
    """The move that turns a piece and puts the lower left corner of the rectangle round it at (x, y)."""
    turn, box = turned(turn_deg), pattern.box
    around = bounds(turn.apply_all(((box.left, box.bottom), (box.right, box.bottom), (box.right, box.top),
                                    (box.left, box.top))))
    return turn.then(shifted(x - around.left, y - around.bottom))


def _holds(space: Box, box: Box) -> bool:
    """Whether a rectangle lies within the room, to what spots are rounded to."""
    slack = 1e-3
    return (box.left >= space.left - slack and box.bottom >= space.bottom - slack and box.right <= space.right
            + slack
            and box.top <= space.top + slack)


class Pile(NamedTuple):
    """Sheets that are alike: one of them, and how many there are."""

    page: Page
    times: int = 1


def piles_of(pages: Iterable[Page]) -> tuple[Pile, ...]:
    """Every page by itself."""
    return tuple(Pile(page) for page in pages)


def piles_for(kits: int, loads: Sequence[Load], sheet: Sheet, spots: Sequence[Spot] = ()) -> tuple[Pile, ...]:
    """The sheets so many kits take: laid out together, or those of one kit so many times, whichever are
    fewer.  They are counted, not laid one by one, as far as they are alike."""
    one = tuple(Pile(page, kits) for page in arrange(loads, sheet, spots).pages)
    if kits <= 1:
        return one
    fitting = [load for load in loads if fits(load.pattern, sheet) is not None]
    groups: dict[tuple[str, str, str], list[Load]] = {}
    for load in fitting:
        groups.setdefault(_kind(load, sheet), []).append(load)
    together = [pile for pile in one if pile.page.tile is not None]
    for group in groups.values():
        for items, times in _repeated(group, [kits * load.pattern.copies for load in group], sheet):
            together.append(Pile(_page(sheet, items, 0, 0, None), times))
    return tuple(together) if sum(p.times for p in together) < sum(p.times for p in one) else one


def lay_out(loads: Sequence[Load], sheet: Sheet, spots: Sequence[Spot] = ()) -> tuple[Page, ...]:
    """The pages of every copy of every piece.

    Raises SheetError with the sheets that would do, when a piece is too large and not tiled; and when two
    pieces were put on each other.
    """
    layout = arrange(loads, sheet, spots)
    if layout.too_large:
        raise too_large(layout.too_large[0].pattern, sheet)
    for page in layout.pages:
        for a, b in page.struck:
            raise SheetError(say("{a} and {b} lie on each other", a=a.load.words, b=b.load.words),
                             say("page {number}", number=page.number),
                             "move one of them, or lay all out anew")
    return layout.pages


def name_width(words: str) -> float:
    """How wide a piece's name is printed, mm."""
    return lettering.width(words, NAME_SIZE_MM)


def _shares(width: float, height: float, space: Box, turns: Sequence[bool]) -> bool:
    """Whether there is room for a piece with the name beneath it, at one of the turns."""
    return any(a <= space.width and b <= space.height
               for a, b in ((height, width) if turn else (width, height) for turn in turns))


@kept_with
def sheets_that_do(pattern: Pattern) -> tuple[Sheet, ...]:
    """Every sheet of a known name that holds the piece, smallest first."""
    return tuple(s for s in SHEETS if fits(pattern, s) is not None)


def _amid(pattern: Pattern, sheet: Sheet) -> Rigid:
    """The move that puts a piece amid what margins and marks leave."""
    (cx, cy), (sx, sy) = pattern.box.centre, room(sheet).centre
    return shifted(-cx, -cy).then(turned(fits(pattern, sheet) or 0.0)).then(shifted(sx, sy))


def too_large(pattern: Pattern, sheet: Sheet) -> SheetError:
    """The refusal, with the sheets that would do."""
    box, space = pattern.box, room(sheet)
    names = [s.name for s in sheets_that_do(pattern)[:3]]
    remedy = (say("choose {names}", names=joined(names, " or ")) if names
              else "no sheet up to A0 holds it: make it smaller")
    return SheetError(
        say("the flat is {wide} x {high} and {sheet} leaves {room_wide} x {room_high}",
            wide=write_mm(box.width, 1),
            high=write_mm(box.height, 1), sheet=sheet.name, room_wide=write_mm(space.width, 1),
            room_high=write_mm(space.height, 1)), say("piece {pattern}", pattern=pattern.name), remedy)
