"""Stock: the sheet material, as geometry and scoring need to know it.

*Caliper* is thickness (mm); *grammage* is mass per area (g/m2); they are different things and geometry
needs the first.  *Basis weight* is the US habit of naming paper by the mass of 500 sheets of that grade's
basis size.  *Points* are thousandths of an inch of caliper.  *Crease gain* is how much longer (mm, for each
90 degrees of fold) a piece must be cut because the crease takes it up.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from enum import StrEnum

from mingei.core.errors import StockError
from mingei.core.length import MM_PER_INCH

GRAMS_PER_POUND = 453.59237  # exact by definition

#: Basis sizes in inches, 500 sheets to the ream (the definitions US mills and printers print on a ream).
BASIS_SIZES_IN: Mapping[str, tuple[float, float]] = {
    "bond": (17.0, 22.0),
    "text": (25.0, 38.0),
    "cover": (20.0, 26.0),
    "index": (25.5, 30.5),
    "bristol": (22.5, 28.5),
    "tag": (24.0, 36.0),
}

THINNEST_MM, THICKEST_MM = 0.03, 12.0


class Grain(StrEnum):
    """Which way the fibres of the sheet run."""

    LONG = "long"
    SHORT = "short"
    NONE = "none"


@dataclass(frozen=True)
class Stock:
    """One sheet material.

    id: short lasting name; name: as people say it; grammage_gsm: g/m2; caliper_mm: mm;
    crease_gain_mm: mm per 90 degrees of fold; kind: paper, card, board or corrugated;
    grain: along the long or the short side of the sheet; sheets: sizes it is sold in;
    score_passes: light passes of the scoring tool it wants.
    Raises StockError when a figure cannot be true.
    """

    id: str
    name: str
    grammage_gsm: float
    caliper_mm: float
    crease_gain_mm: float = 0.0
    kind: str = "card"
    grain: Grain = Grain.LONG
    sheets: tuple[str, ...] = ("A4", "Letter")
    score_passes: int = 1

    def __post_init__(self) -> None:
        if not THINNEST_MM <= self.caliper_mm <= THICKEST_MM:
            raise StockError(f"a caliper of {self.caliper_mm:g} mm is outside {THINNEST_MM:g} to {THICKEST_MM:g} mm",
                             f"stock {self.id}", "measure ten sheets together and divide by ten")
        if not 5 <= self.grammage_gsm <= 10000:
            raise StockError(f"a grammage of {self.grammage_gsm:g} g/m2 is outside 5 to 10000", f"stock {self.id}",
                             "weigh a sheet of known size")
        if not -THICKEST_MM <= self.crease_gain_mm <= THICKEST_MM:
            raise StockError(f"a crease gain of {self.crease_gain_mm:g} mm cannot be true", f"stock {self.id}",
                             "fold and measure a test strip")


def _card(id_: str, name: str, gsm: float, caliper: float, passes: int = 1) -> Stock:
    return Stock(id_, name, gsm, caliper, score_passes=passes)


def _board(id_: str, name: str, gsm: float, caliper: float, passes: int, kind: str = "board") -> Stock:
    return Stock(id_, name, gsm, caliper, kind=kind, sheets=("A3", "A2", "Tabloid"), score_passes=passes)


#: Everyday stocks, calipers as is common practice; a person measures their own.
CATALOGUE: tuple[Stock, ...] = (
    Stock("copy-80", "Copy paper 80 g", 80, 0.10, kind="paper", sheets=("A4", "A3", "Letter", "Tabloid")),
    _card("card-120", "Light card 120 g", 120, 0.15),
    _card("card-160", "Card 160 g", 160, 0.20),
    _card("cover-65lb", "Cover card 65 lb", 176, 0.23),
    _card("card-200", "Card 200 g", 200, 0.25),
    _card("card-250", "Card 250 g", 250, 0.31),
    _card("card-300", "Heavy card 300 g", 300, 0.40, 2),
    _card("packaging-05", "Packaging card 0.5 mm", 350, 0.50, 2),
    _board("greyboard-10", "Greyboard 1 mm", 620, 1.0, 3),
    _board("greyboard-15", "Greyboard 1.5 mm", 930, 1.5, 4),
    _board("corrugated-e", "Corrugated E, about 1.5 mm", 390, 1.5, 2, "corrugated"),
    _board("corrugated-b", "Corrugated B, about 3 mm", 450, 3.0, 2, "corrugated"),
)

DEFAULT_STOCK_ID = "card-300"


def find_stock(stock_id: str, own: tuple[Stock, ...] = ()) -> Stock:
    """The stock of that id, a person's own before the catalogue's.  Raises StockError naming those there are."""
    for stock in (*own, *CATALOGUE):
        if stock.id == stock_id:
            return stock
    names = ", ".join(s.id for s in CATALOGUE)
    raise StockError("no stock has that name", f"stock {stock_id!r}", f"choose one of: {names}")


def gsm_from_basis(pounds: float, grade: str) -> float:
    """Grammage (g/m2) of a US basis weight (lb): ream mass over 500 basis sheets.

    Raises StockError for an unknown grade.
    """
    return pounds * GRAMS_PER_POUND / (500 * _basis_area_m2(grade))


def basis_from_gsm(gsm: float, grade: str) -> float:
    """US basis weight (lb) of a grammage (g/m2).  Raises StockError for an unknown grade."""
    return gsm * 500 * _basis_area_m2(grade) / GRAMS_PER_POUND


def _basis_area_m2(grade: str) -> float:
    if grade not in BASIS_SIZES_IN:
        raise StockError("no such grade of paper", f"grade {grade!r}", f"choose one of: {', '.join(BASIS_SIZES_IN)}")
    width, height = BASIS_SIZES_IN[grade]
    return width * height * MM_PER_INCH**2 * 1e-6


def mm_from_points(points: float) -> float:
    """Caliper (mm) from points, thousandths of an inch."""
    return points * MM_PER_INCH / 1000


def points_from_mm(mm: float) -> float:
    """Points, thousandths of an inch, from caliper (mm)."""
    return mm * 1000 / MM_PER_INCH
