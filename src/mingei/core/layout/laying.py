"""How pieces are laid on sheets and what is printed round them: a person's choices; and the printer, as it
was measured."""

from __future__ import annotations

import math
from enum import StrEnum
from typing import NamedTuple, TypeAlias

from mingei.core.errors import MeasureError
from mingei.core.length import write_mm
from mingei.core.words import say

#: Card left between two pieces on a sheet, mm, so that a knife passes between: usually, least and most.
GAP_MM, LEAST_GAP_MM, MOST_GAP_MM = 3.0, 0.0, 50.0
#: What a usual printer leaves white at each side, and the most that can be, mm.
MARGIN_MM, MOST_MARGIN_MM = 8.0, 40.0
#: A printer whose bars differ more than this (a share of 1) was not set to actual size: that is mended there,
#: not corrected here.
MOST_OFF = 0.03
#: The bars measured, mm.
BAR_MM = 100.0
#: Feed heavier stock than this (g/m2) one sheet at a time, unless the maker says otherwise (common practice).
FEED_SINGLY_GSM = 250.0


#: The groups that pieces can be kept together in.
GROUPS = ("A", "B", "C", "D", "E", "F")


class Way(StrEnum):
    """How pieces may be turned: freely by quarters; upright along the sheet's long side; or lying across
    it."""

    FREE = "free"
    ALONG = "along"
    ACROSS = "across"

    @property
    def turns(self) -> tuple[float, ...]:
        """The turns it allows, degrees, those that need no turning over first."""
        return {Way.FREE: (0.0, 90.0, 180.0, 270.0), Way.ALONG: (0.0, 180.0), Way.ACROSS: (90.0, 270.0)}[self]


class CutLine(StrEnum):
    """How cuts are printed: as they are, as thin as can be, as ticks outside the corners, on the back of the
    sheet, or not at all."""

    LINE = "line"
    HAIR = "hairline"
    TICKS = "ticks"
    BACK = "back"
    NONE = "none"


class Laying(NamedTuple):
    """gap: card left between pieces, mm; way: how they may be turned; together: pieces of one thing share
    sheets with no other thing; template: printed mirrored on paper that is stuck to the back of the card;
    cuts: how they are printed; folds, numbers, names: whether fold lines, the numbers of seams and the names
    beneath pieces are; corners: marks for a machine that cuts what was printed; groups: pieces, by the id of
    their thing and by name, kept together with those of their letter, which share sheets with no others."""

    gap: float = GAP_MM
    way: Way = Way.FREE
    together: bool = False
    template: bool = False
    cuts: CutLine = CutLine.LINE
    folds: bool = True
    numbers: bool = True
    names: bool = True
    corners: bool = False
    groups: tuple[tuple[str, str, str], ...] = ()

    def group_of(self, owner: str, piece: str) -> str:
        """The letter of a piece's group, "" where it may share sheets with any."""
        return next((letter for thing, name, letter in self.groups if (thing, name) == (owner, piece)), "")

    def grouped(self, owner: str, piece: str, letter: str) -> Laying:
        """The same with a piece in a group, or in none."""
        others = tuple(g for g in self.groups if g[:2] != (owner, piece))
        return self._replace(groups=(*others, (owner, piece, letter)) if letter else others)


class Printer(NamedTuple):
    """A printer as it was measured.

    margin: what it leaves white at each side, mm, the widest; across, along: how long it prints its check
    bars of 100 mm, mm; heaviest: the heaviest stock its maker allows, g/m2, 0 where that is not known;
    back_x, back_y: how far the back of a sheet lies to the right of and above its front, seen from the back,
    mm.
    """

    name: str = ""
    margin: float = MARGIN_MM
    across: float = BAR_MM
    along: float = BAR_MM
    heaviest: float = 0.0
    back_x: float = 0.0
    back_y: float = 0.0

    def refuses(self, gsm: float) -> bool:
        """Whether a stock is heavier than its maker allows."""
        return 0.0 < self.heaviest < gsm

    def measured_again(self, across: float = BAR_MM, along: float = BAR_MM) -> Printer:
        """The printer after a print already corrected came out with bars so long, mm: what is still off adds
        to what was known."""
        return self._replace(across=self.across * across / BAR_MM, along=self.along * along / BAR_MM)

    @property
    def corrects(self) -> bool:
        """Whether what is printed by it is made larger or smaller."""
        return self.correction != (1.0, 1.0)

    @property
    def correction(self) -> tuple[float, float]:
        """By how much drawings are made larger, across and along, so that the bars come out at 100 mm."""
        return BAR_MM / self.across, BAR_MM / self.along


#: The choices nobody has made, and a printer nobody has measured.
USUAL, ANY_PRINTER = Laying(), Printer()


def check_laying(laying: Laying) -> None:
    """Raises MeasureError naming the value at fault."""
    if not (math.isfinite(laying.gap) and LEAST_GAP_MM <= laying.gap <= MOST_GAP_MM):
        raise MeasureError(say("{mm:g} mm cannot be left between pieces", mm=laying.gap), "spacing",
                           say("write {least} to {most}", least=write_mm(LEAST_GAP_MM),
                               most=write_mm(MOST_GAP_MM)))
    for _, piece, letter in laying.groups:
        if letter not in GROUPS:
            raise MeasureError(say("{letter!r} is no group", letter=letter),
                               say("the group of the {piece}", piece=piece),
                               say("use one of {letters}", letters=", ".join(GROUPS)))


def check_printer(printer: Printer) -> None:
    """Raises MeasureError naming the value at fault, and what a bar far off 100 mm means."""
    if not all(math.isfinite(v) for v in printer[1:]):
        raise MeasureError("a value is no number", "printer", "write it in mm")
    if not 0.0 <= printer.margin <= MOST_MARGIN_MM:
        raise MeasureError(say("{mm:g} mm is no margin", mm=printer.margin), "printer, margin",
                           say("write 0 to {most}", most=write_mm(MOST_MARGIN_MM)))
    for word, bar in (("bar across", printer.across), ("bar along", printer.along)):
        if abs(bar / BAR_MM - 1.0) > MOST_OFF:
            raise MeasureError(say("a bar of 100 mm that prints as {bar:g} mm was fitted to the page",
                                   bar=bar),
                               say("printer, {word}", word=word),
                               "print at actual size (100 %), and measure again")
    if not 0.0 <= printer.heaviest <= 2000.0:
        raise MeasureError(say("{gsm:g} g/m2 is no weight a printer takes", gsm=printer.heaviest),
                           "printer, heaviest stock",
                           "write what its maker says, 0 where that is not known")
    if max(abs(printer.back_x), abs(printer.back_y)) > 20.0:
        raise MeasureError("the back lies too far from the front", "printer, back",
                           "write up to 20 mm either way")


def feed_advice(printer: Printer, gsm: float) -> str:
    """What to mind when a stock is fed, "" where there is nothing."""
    if printer.refuses(gsm):
        return say(
            "{gsm:g} g/m2 is more than the {heaviest:g} g/m2 this printer takes: print a template on paper "
            "and stick it on", gsm=gsm,
                   heaviest=printer.heaviest)
    if gsm > FEED_SINGLY_GSM:
        return say("feed it one sheet at a time, by the straightest path the printer has")
    return ""


#: What tells one copy of one piece from all others: its thing by id, its name, its number from 0.
Key: TypeAlias = tuple[str, str, int]


class Spot(NamedTuple):
    """Where a copy of a piece was put: by a person (locked), or by the nester.

    owner, piece, copy: which one, its thing by id; page: the number, from 0, among the sheets of its stock;
    x, y: the lower left corner of the rectangle round it, mm on the sheet; turn_deg: counter-clockwise;
    extra: what a file says of it besides, as JSON text by key.
    """

    owner: str
    piece: str
    copy: int
    page: int
    x: float
    y: float
    turn_deg: float = 0.0
    locked: bool = False
    extra: tuple[tuple[str, str], ...] = ()

    @property
    def key(self) -> Key:
        return self.owner, self.piece, self.copy
