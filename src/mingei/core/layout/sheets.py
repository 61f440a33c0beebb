"""Sheets by name, in mm, upright (the short side across)."""

from __future__ import annotations

import re
from dataclasses import dataclass

from mingei.core.errors import LengthError, SheetError
from mingei.core.layout.laying import ANY_PRINTER, USUAL, Laying, Printer
from mingei.core.length import MM_PER_INCH, parse, plain_number
from mingei.core.words import say, some_of

#: A sheet at least so long, mm, and so many times as long as wide is a roll.
ROLL_FROM_MM, ROLL_SHARE = 1500.0, 2.0


@dataclass(frozen=True)
class Sheet:
    """A sheet of a known size, upright, mm, as it is used.  tile_mm: larger pieces are tiled over several,
    which overlap by so much; 0: they are not; laying: how pieces are laid on it; printer: what prints it;
    unit: what lengths on it are written in."""

    name: str
    width: float
    height: float
    tile_mm: float = 0.0
    laying: Laying = USUAL
    printer: Printer = ANY_PRINTER
    unit: str = "mm"

    @property
    def is_roll(self) -> bool:
        """Whether it is cut from a roll, as long as the pieces ask for: a size of one's own many times as
        long as wide."""
        return self.height >= ROLL_FROM_MM and self.height > ROLL_SHARE * self.width

    @property
    def margin(self) -> float:
        """What the printer leaves white at each side, mm."""
        return self.printer.margin


def _iso_a() -> tuple[Sheet, ...]:
    """A0 to A6: A0 is 841 x 1189 mm, each next half of the one before, rounded down (ISO 216)."""
    sheets, width, height = [], 841, 1189
    for number in range(7):
        sheets.append(Sheet(f"A{number}", width, height))
        width, height = height // 2, width
    return tuple(sheets)


def _inches(name: str, width: float, height: float) -> Sheet:
    return Sheet(name, width * MM_PER_INCH, height * MM_PER_INCH)


#: In order of area.
SHEETS: tuple[Sheet, ...] = tuple(sorted(
    (*_iso_a(), _inches("Letter", 8.5, 11), _inches("Legal", 8.5, 14), _inches("Tabloid", 11, 17),
     _inches("12x12", 12, 12)),
    key=lambda s: s.width * s.height))


#: The least and most a sheet of one's own measures either way, mm: a roll is as long as one cuts it.
LEAST_OWN_MM, MOST_OWN_MM = 130.0, 3000.0


def find_sheet(name: str) -> Sheet:
    """The sheet of that name, in any case, or of one's own size, as in "320 x 450 mm".

    Raises SheetError naming those there are.
    """
    for sheet in SHEETS:
        if sheet.name.lower() == name.strip().lower():
            return sheet
    sizes = _OWN.fullmatch(name.strip())
    if sizes:
        return _own(name, *sizes.groups())
    raise SheetError("no sheet has that name", say("sheet {name!r}", name=name),
                     say("choose one of: {names}; or write your own size, as in 320 x 450 mm",
                         names=some_of((s.name for s in SHEETS), name)))


_OWN = re.compile(r"(.+?)\s*[x×]\s*(.+)", re.IGNORECASE)


def _own(name: str, across: str, along: str) -> Sheet:
    """A sheet of one's own size; a unit written once counts for both."""
    unit = re.sub(r"^[\d\s./+-]*", "", along)
    try:
        sides = [round(parse(side), 2)
                 for side in (across + unit if across.strip()[-1:].isdigit() else across, along)]
    except LengthError as error:
        raise SheetError(error.sentence, say("sheet {name!r}", name=name), error.remedy) from None
    if not all(LEAST_OWN_MM <= side <= MOST_OWN_MM for side in sides):
        raise SheetError(say("a sheet measures {least:g} to {most:g} mm each way", least=LEAST_OWN_MM,
                             most=MOST_OWN_MM),
                         say("sheet {name!r}", name=name), "write another size")
    width, height = sorted(sides)
    return Sheet(f"{plain_number(width)} x {plain_number(height)} mm", width, height)
