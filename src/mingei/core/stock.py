"""Stock: the sheet material, as geometry and scoring need to know it.

*Caliper* is thickness (mm); *grammage* is mass per area (g/m2); they are different things and geometry
needs the first.  *Basis weight* is the US habit of naming paper by the mass of 500 sheets of that grade's
basis size.  *Points* are thousandths of an inch of caliper.  *Crease gain* is how much longer (mm, for each
90 degrees of fold) a piece must be cut because the crease takes it up.
"""

from __future__ import annotations

import re
from collections.abc import Mapping
from dataclasses import dataclass
from enum import StrEnum
from typing import NamedTuple

from mingei.core.data.extra import Extra
from mingei.core.errors import StockError
from mingei.core.length import MM_PER_INCH, parse
from mingei.core.words import say, some_of

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
#: No cloth gives more than this, percent.
MOST_STRETCH_PCT = 60.0


class Grain(StrEnum):
    """Which way the fibres of the sheet run."""

    LONG = "long"
    SHORT = "short"
    NONE = "none"


class Faced(StrEnum):
    """Which faces of a board were covered with other paper; one alone pulls it crooked as it dries."""

    NONE = "none"
    ONE = "one"
    BOTH = "both"


KINDS = ("paper", "card", "board", "corrugated", "film", "fabric", "padding")


@dataclass(frozen=True)
class Stock:
    """One sheet material.

    id: short lasting name; name: as people say it; grammage_gsm: g/m2; caliper_mm: mm; crease_gain_mm: mm per
    90 degrees of fold; kind: paper, card, board, corrugated, film, fabric or padding; grain: along the long
    or the short side of the sheet; sheets: sizes it is sold in; score_passes: light passes of the scoring
    tool it wants; price: of one sheet, in the person's own money, 0 where it is not known; layers: how many
    sheets it was built up from; faced: whether other paper was glued to none, one or both of its faces;
    stretch_pct: by how much cloth gives before it is tight, percent. Raises StockError when a figure cannot
    be true.
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
    price: float = 0.0
    layers: int = 1
    faced: Faced = Faced.NONE
    stretch_pct: float = 0.0
    extra: Extra = ()

    def __post_init__(self) -> None:
        if not THINNEST_MM <= self.caliper_mm <= THICKEST_MM:
            raise StockError(say("a caliper of {caliper:g} mm is outside {low:g} to {high:g} mm",
                                 caliper=self.caliper_mm,
                                 low=THINNEST_MM, high=THICKEST_MM),
                             say("stock {stock}", stock=self.id),
                             "measure ten sheets together and divide by ten")
        if not 5 <= self.grammage_gsm <= 10000:
            raise StockError(say("a grammage of {grammage:g} g/m2 is outside 5 to 10000",
                                 grammage=self.grammage_gsm),
                             say("stock {stock}", stock=self.id),
                             "weigh a sheet of known size")
        if not -THICKEST_MM <= self.crease_gain_mm <= THICKEST_MM:
            raise StockError(say("a crease gain of {gain:g} mm cannot be true", gain=self.crease_gain_mm),
                             say("stock {stock}", stock=self.id),
                             "fold and measure a test strip")
        if not (0 <= self.price < 1e6 and 1 <= self.layers <= 99 and 1 <= self.score_passes <= 99
                and self.kind in KINDS):
            raise StockError("its price, layers, passes or kind cannot be true",
                             say("stock {stock}", stock=self.id),
                             say("use a price of 0 or more, 1 to 99 layers and passes, and a kind of {kinds}",
                                 kinds=some_of(KINDS)))
        if not 0.0 <= self.stretch_pct <= MOST_STRETCH_PCT:
            raise StockError(say("cloth that gives {stretch:g} % cannot be true", stretch=self.stretch_pct),
                             say("stock {stock}", stock=self.id),
                             say("draw a strip of 100 mm tight, and write by how many mm it grows: 0 to "
                                 "{most:g}", most=MOST_STRETCH_PCT))


    @property
    def ply_mm(self) -> float:
        """How thick each of the layers is that it was built up from, mm: all of it where it is one."""
        film = min(FILM_MM, self.caliper_mm / self.layers)
        return (self.caliper_mm - (self.layers - 1) * film) / self.layers


#: How thick a film of glue between two boards is, mm (from experience).
FILM_MM = 0.05


def _paper(id_: str, name: str, gsm: float, caliper: float,
           sheets: tuple[str, ...] = ("A4", "A3", "Letter", "Tabloid")) -> Stock:
    return Stock(id_, name, gsm, caliper, kind="paper", sheets=sheets)


def _card(id_: str, name: str, gsm: float, caliper: float, passes: int = 1) -> Stock:
    return Stock(id_, name, gsm, caliper, score_passes=passes)


def _board(id_: str, name: str, gsm: float, caliper: float, passes: int, kind: str = "board") -> Stock:
    return Stock(id_, name, gsm, caliper, kind=kind, sheets=("A3", "A2", "Tabloid"), score_passes=passes)


def _film(id_: str, name: str, gsm: float, caliper: float, kind: str = "film",
          stretch_pct: float = 0.0) -> Stock:
    return Stock(id_, name, gsm, caliper, kind=kind, grain=Grain.NONE, stretch_pct=stretch_pct)


#: Everyday stocks, calipers as is common practice; a person measures their own.  Kinds: paper, card, board,
#: corrugated, film, fabric, padding.
CATALOGUE: tuple[Stock, ...] = (
    _paper("tissue-18", "Tissue 18 g", 18, 0.03),
    _paper("wrapping-60", "Wrapping paper 60 g", 60, 0.07),
    _paper("kraft-70", "Kraft paper 70 g", 70, 0.10),
    _paper("copy-80", "Copy paper 80 g", 80, 0.10),
    _paper("bond-20lb", "Bond 20 lb", 75, 0.10),
    _paper("text-60lb", "Text 60 lb", 89, 0.11),
    _paper("drawing-90", "Drawing paper 90 g", 90, 0.12),
    _paper("paper-100", "Paper 100 g", 100, 0.13),
    _paper("kraft-110", "Kraft paper 110 g", 110, 0.16),
    _paper("scrap-120", "Pattern paper 120 g", 120, 0.14),
    _paper("photo-180", "Photo paper 180 g, coated", 180, 0.19),
    _paper("water-190", "Watercolour paper 190 g", 190, 0.30),
    _paper("water-300", "Watercolour paper 300 g", 300, 0.50),
    _card("card-120", "Light card 120 g", 120, 0.15),
    _card("card-160", "Card 160 g", 160, 0.20),
    _card("index-90lb", "Index card 90 lb", 163, 0.19),
    _card("cover-65lb", "Cover card 65 lb", 176, 0.23),
    _card("card-180", "Card 180 g", 180, 0.23),
    _card("index-110lb", "Index card 110 lb", 199, 0.24),
    _card("card-200", "Card 200 g", 200, 0.25),
    _card("pearl-215", "Pearl card 215 g, coated", 215, 0.25),
    _card("cover-80lb", "Cover card 80 lb", 216, 0.28),
    _card("card-220", "Card 220 g", 220, 0.28),
    _card("bristol-100lb", "Bristol 100 lb", 219, 0.28),
    _card("card-250", "Card 250 g", 250, 0.31),
    _card("cover-100lb", "Cover card 100 lb", 270, 0.34),
    _card("card-270", "Card 270 g", 270, 0.35, 2),
    _card("card-300", "Heavy card 300 g", 300, 0.40, 2),
    _card("card-350", "Heavy card 350 g", 350, 0.46, 2),
    _card("packaging-035", "Packaging card 0.35 mm", 250, 0.35, 2),
    _card("packaging-05", "Packaging card 0.5 mm", 350, 0.50, 2),
    _board("greyboard-10", "Greyboard 1 mm", 620, 1.0, 3),
    _board("mat-13", "Mat board 1.3 mm", 860, 1.3, 3),
    _board("mat-15", "Mat board 1.5 mm", 1000, 1.5, 4),
    _board("greyboard-15", "Greyboard 1.5 mm", 930, 1.5, 4),
    _board("mat-20", "Mat board 2 mm", 1300, 2.0, 5),
    _board("greyboard-20", "Greyboard 2 mm", 1240, 2.0, 5),
    _board("greyboard-25", "Greyboard 2.5 mm", 1550, 2.5, 6),
    _board("greyboard-30", "Greyboard 3 mm", 1860, 3.0, 7),
    _board("corrugated-e", "Corrugated E, about 1.5 mm", 390, 1.5, 2, "corrugated"),
    _board("corrugated-b", "Corrugated B, about 3 mm", 450, 3.0, 2, "corrugated"),
    _board("corrugated-c", "Corrugated C, about 4 mm", 520, 4.0, 2, "corrugated"),
    _film("vellum-112", "Vellum 112 g", 112, 0.12),
    _film("acetate-02", "Acetate 0.2 mm, for windows", 260, 0.20),
    _film("cotton-120", "Cotton fabric 120 g", 120, 0.25, "fabric", 2.0),
    _film("jersey-200", "Jersey 200 g", 200, 0.45, "fabric", 20.0),
    _film("bookcloth-200", "Book cloth 200 g", 200, 0.35, "fabric"),
    _film("foam-20", "Foam sheet 2 mm", 200, 2.0, "padding"),
    _film("foam-50", "Foam sheet 5 mm", 500, 5.0, "padding"),
    _film("wadding-40", "Wadding, 4 mm pressed", 130, 4.0, "padding"),
)

DEFAULT_STOCK_ID = "card-300"


def find_stock(stock_id: str, own: tuple[Stock, ...] = ()) -> Stock:
    """The stock of that id, a person's own before the catalogue's.  Raises StockError naming those there
    are."""
    for stock in (*own, *CATALOGUE):
        if stock.id == stock_id:
            return stock
    names = some_of((s.id for s in CATALOGUE), stock_id)
    raise StockError("no stock has that name", say("stock {stock_id!r}", stock_id=stock_id),
                     say("choose one of: {names}", names=names))


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
        raise StockError("no such grade of paper", say("grade {grade!r}", grade=grade),
                         say("choose one of: {names}", names=some_of(BASIS_SIZES_IN)))
    width, height = BASIS_SIZES_IN[grade]
    return width * height * MM_PER_INCH**2 * 1e-6


def mm_from_points(points: float) -> float:
    """Caliper (mm) from points, thousandths of an inch."""
    return points * MM_PER_INCH / 1000


def points_from_mm(mm: float) -> float:
    """Points, thousandths of an inch, from caliper (mm)."""
    return mm * 1000 / MM_PER_INCH


def read_grammage(text: str) -> float:
    """Grammage (g/m2) as people write it: 176, 176 g, 176 gsm, 176 g/m², 65 lb cover.

    Raises StockError saying how it is written.
    """
    found = _GRAMMAGE.fullmatch(text.strip().lower())
    if found is None:
        raise StockError(say("{text!r} is no grammage", text=text.strip()), "grammage",
                         say("write one such as 176 g or 65 lb cover ({grades})",
                             grades=some_of(BASIS_SIZES_IN)))
    number = float(found["number"].replace(",", "."))
    return gsm_from_basis(number, found["grade"]) if found["grade"] else number


def read_caliper(text: str) -> float:
    """Thickness (mm) as people write it: 0.4, 0.4 mm, 1/64 in, 14 pt, 350 µm.  Raises StockError,
    LengthError."""
    found = _FINE.fullmatch(text.strip().lower())
    if found is None:
        return parse(text)
    number = float(found["number"].replace(",", "."))
    return mm_from_points(number) if found["unit"].startswith("p") else number / 1000


_NUMBER = r"(?P<number>\d+(?:[.,]\d+)?)"
_GRADE = rf"(?P<grade>{'|'.join(BASIS_SIZES_IN)})"
_GRAMMAGE = re.compile(_NUMBER + rf"\s*(?:g|gsm|g/m2|g/m²|(?:lb|lbs|pounds?)\s+{_GRADE})?")
_FINE = re.compile(_NUMBER + r"\s*(?P<unit>pt|points?|µm|μm|um|microns?)")


class Estimate(NamedTuple):
    """A caliper that was reckoned, not measured: mm, and how far off it may well be, mm."""

    caliper_mm: float
    uncertainty_mm: float


#: Bulk (cm3/g) of stocks by kind, and how much it differs from one to the next (common practice).
BULK: Mapping[str, tuple[float, float]] = {
    "paper": (1.25, 0.15), "card": (1.27, 0.12), "board": (1.58, 0.1), "corrugated": (7.0, 1.5),
    "film": (0.8, 0.15), "fabric": (1.9, 0.3), "padding": (18.0, 8.0)}


def estimate_caliper(gsm: float, kind: str = "card") -> Estimate:
    """Caliper from grammage and the bulk usual for the kind: bulk = caliper / grammage (ISO 534).

    Raises StockError for a kind that is not known.
    """
    if kind not in BULK:
        raise StockError("no such kind of stock", say("kind {kind!r}", kind=kind),
                         say("choose one of: {names}", names=some_of(BULK)))
    bulk, spread = BULK[kind]
    return Estimate(gsm * bulk / 1000, gsm * spread / 1000)


class Ply(NamedTuple):
    """One layer of a board: its stock, and how far it keeps inside the board's edge, mm: a housing, a rebate
    or a hidden core."""

    stock: Stock
    inset_mm: float = 0.0


@dataclass(frozen=True)
class BuildUp:
    """Board made of plies, from its inner face to its printed one, with films of glue between them."""

    plies: tuple[Ply, ...]
    film_mm: float = FILM_MM

    def __post_init__(self) -> None:
        if not self.plies or self.film_mm < 0 or any(ply.inset_mm < 0 for ply in self.plies):
            raise StockError("a board has one ply or more, films and insets of 0 or more", "built-up board",
                             "write its plies, their insets and the glue between them in mm")

    @property
    def caliper_mm(self) -> float:
        """How thick it is, mm: the plies and the films between them."""
        return sum(ply.stock.caliper_mm for ply in self.plies) + (len(self.plies) - 1) * self.film_mm

    @property
    def grammage_gsm(self) -> float:
        """Its mass, g/m2; glue is about as heavy as water."""
        return sum(ply.stock.grammage_gsm for ply in self.plies) + (len(self.plies) - 1) * self.film_mm * 1000

    def as_stock(self, id: str, name: str) -> Stock:
        """The board as a stock, to be drafted with like any other: it does not fold, and gains nothing."""
        return Stock(id, name, self.grammage_gsm, self.caliper_mm, kind="board",
                     sheets=self.plies[0].stock.sheets,
                     price=sum(ply.stock.price for ply in self.plies),
                     layers=sum(ply.stock.layers for ply in self.plies))


def plies_for(target_mm: float, stock: Stock, film_mm: float = FILM_MM) -> BuildUp:
    """As many layers of a stock as come nearest to a thickness.  Raises StockError when a figure cannot be
    true."""
    if film_mm < 0 or target_mm <= 0:
        raise StockError("thickness must be more than nothing", "built-up board",
                         "write the wanted thickness and the caliper in mm")
    layers = max(1, round((target_mm + film_mm) / (stock.caliper_mm + film_mm)))
    return BuildUp((Ply(stock),) * layers, film_mm)
