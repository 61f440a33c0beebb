"""Sheets by name, in mm, upright (the short side across)."""

from __future__ import annotations

from dataclasses import dataclass

from mingei.core.errors import SheetError
from mingei.core.length import MM_PER_INCH
from mingei.core.words import say


@dataclass(frozen=True)
class Sheet:
    """A sheet of a known size, upright, mm.  margin: what a usual printer leaves white at each side; tile_mm: larger pieces are tiled over
    several, which overlap by so much; 0: they are not."""

    name: str
    width: float
    height: float
    margin: float = 8.0
    tile_mm: float = 0.0


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
    (*_iso_a(), _inches("Letter", 8.5, 11), _inches("Legal", 8.5, 14), _inches("Tabloid", 11, 17), _inches("12x12", 12, 12)),
    key=lambda s: s.width * s.height))


def find_sheet(name: str) -> Sheet:
    """The sheet of that name, in any case.  Raises SheetError naming those there are."""
    for sheet in SHEETS:
        if sheet.name.lower() == name.strip().lower():
            return sheet
    raise SheetError("no sheet has that name", say("sheet {name!r}", name=name),
                     say("choose one of: {names}", names=", ".join(s.name for s in SHEETS)))
