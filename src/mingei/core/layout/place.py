"""Where each piece lies on its sheet.

One piece a sheet, turned if that is how it fits, in the middle of what the printer's margins and the marks leave.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from types import MappingProxyType
from typing import NamedTuple

from mingei.core.art import Printed
from mingei.core.errors import SheetError
from mingei.core.layout.sheets import SHEETS, Sheet
from mingei.core.length import write_mm
from mingei.core.pattern import Pattern
from mingei.core.shape import Box, Rigid, shifted, turned
from mingei.core.words import joined, say

#: Card left between two blanks on a sheet, mm, so that a knife passes between.
GAP_MM = 3.0
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


@dataclass(frozen=True, eq=False)
class Page:
    """One sheet with a piece on it; move takes the piece's flat to the sheet, whose lower left corner is the origin."""

    sheet: Sheet
    load: Load
    move: Rigid
    number: int
    count: int

    @property
    def pattern(self) -> Pattern:
        return self.load.pattern


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


def lay_out(loads: Sequence[Load], sheet: Sheet) -> tuple[Page, ...]:
    """One page for each copy of each piece.

    Raises SheetError with the sheets that would do, when a piece is too large.
    """
    moves = [(load, _move(load.pattern, sheet)) for load in loads]
    placed = [(load, move) for load, move in moves for _ in range(load.pattern.copies)]
    return tuple(Page(sheet, load, move, i, len(placed)) for i, (load, move) in enumerate(placed, 1))


def sheets_that_do(pattern: Pattern) -> tuple[Sheet, ...]:
    """Every sheet that holds the piece, smallest first."""
    return tuple(s for s in SHEETS if fits(pattern, s) is not None)


def _move(pattern: Pattern, sheet: Sheet) -> Rigid:
    turn = fits(pattern, sheet)
    if turn is None:
        raise too_large(pattern, sheet)
    (cx, cy), (sx, sy) = pattern.box.centre, room(sheet).centre
    return shifted(-cx, -cy).then(turned(turn)).then(shifted(sx, sy))


def too_large(pattern: Pattern, sheet: Sheet) -> SheetError:
    """The refusal, with the sheets that would do."""
    box, space = pattern.box, room(sheet)
    names = [s.name for s in sheets_that_do(pattern)[:3]]
    remedy = say("choose {names}", names=joined(names, " or ")) if names else "no sheet up to A0 holds it: make it smaller"
    return SheetError(
        say("the flat is {wide} x {high} and {sheet} leaves {room_wide} x {room_high}", wide=write_mm(box.width, 1),
            high=write_mm(box.height, 1), sheet=sheet.name, room_wide=write_mm(space.width, 1),
            room_high=write_mm(space.height, 1)), say("piece {pattern}", pattern=pattern.name), remedy)
