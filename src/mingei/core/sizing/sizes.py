"""What must fit into what: everyday sizes of cards, papers, photographs and envelopes, and the room one needs
in the other.

A thing slips in where the opening is larger by a quarter inch along and an eighth of an inch across (common
practice), and by its own thickness both ways, since a thick thing needs its edges' room too (plane geometry
of a sleeve drawn round a slab).
"""

from __future__ import annotations

from typing import NamedTuple

from mingei.core.layout.sheets import SHEETS
from mingei.core.length import MM_PER_INCH

#: Room left over along the longer side and across it, mm (common practice: 1/4 and 1/8 in).
ALONG_MM, ACROSS_MM = MM_PER_INCH / 4, MM_PER_INCH / 8
#: Sizes are printed rounded: so much (mm) may be missing.
_ROUNDED_MM = 0.5


class Size(NamedTuple):
    """A size people know by name: longer and shorter side, mm; kind: "card", "photo", "paper" or
    "envelope"."""

    name: str
    long: float
    short: float
    kind: str


def _inches(name: str, long: float, short: float, kind: str) -> Size:
    return Size(name, long * MM_PER_INCH, short * MM_PER_INCH, kind)


#: Things that go into envelopes, pockets and wrappers.  ISO A after ISO 216; identity cards after ISO/IEC
#: 7810 (ID-1); the others common practice, from memory.
THINGS: tuple[Size, ...] = (
    *(Size(f"{name} sheet", s.height, s.width, "paper") for name in ("A4", "A5", "A6")
      for s in SHEETS if s.name == name),
    Size("A7 sheet", 105.0, 74.0, "paper"),
    Size("A4 sheet in three", 210.0, 99.0, "paper"),
    _inches("Letter sheet in three", 8.5, 11 / 3, "paper"),
    Size("bank card (ID-1)", 85.6, 53.98, "card"), Size("business card", 85.0, 55.0, "card"),
    _inches("US business card", 3.5, 2.0, "card"),
    _inches("card 5 1/2 × 4 1/4 in", 5.5, 4.25, "card"), _inches("card 7 × 5 in", 7.0, 5.0, "card"),
    _inches("card 6 1/4 × 4 1/2 in", 6.25, 4.5, "card"), Size("square card 14 cm", 140.0, 140.0, "card"),
    Size("photo 15 × 10 cm", 150.0, 100.0, "photo"), Size("photo 18 × 13 cm", 180.0, 130.0, "photo"),
    _inches("photo 6 × 4 in", 6.0, 4.0, "photo"), _inches("photo 7 × 5 in", 7.0, 5.0, "photo"),
)
#: Envelopes sold everywhere: ISO 269, and the usual US ones (common practice, from memory).
ENVELOPES: tuple[Size, ...] = (
    *(Size(f"{name} envelope", long, short, "envelope") for name, long, short in (
        ("C7", 114.0, 81.0), ("C7/C6", 162.0, 81.0), ("C6", 162.0, 114.0), ("B6", 176.0, 125.0),
        ("DL", 220.0, 110.0),
        ("C6/C5", 229.0, 114.0), ("C5", 229.0, 162.0), ("B5", 250.0, 176.0), ("C4", 324.0, 229.0),
        ("B4", 353.0, 250.0),
        ("C3", 458.0, 324.0))),
    *(_inches(f"US {name} envelope", long, short, "envelope") for name, long, short in (
        ("A2", 5.75, 4.375), ("A6", 6.5, 4.75), ("A7", 7.25, 5.25), ("6 3/4", 6.5, 3.625),
        ("9", 8.875, 3.875), ("10", 9.5, 4.125))),
)


def goes_in(long: float, short: float, envelope: Size, thick: float = 0.0) -> bool:
    """Whether a thing of that size and thickness, mm, slips into an envelope."""
    return ((long + ALONG_MM + thick <= envelope.long + _ROUNDED_MM)
            and (short + ACROSS_MM + thick <= envelope.short + _ROUNDED_MM))


def envelopes_for(width: float, height: float, thick: float = 0.0) -> tuple[Size, ...]:
    """The envelopes sold everywhere that take a thing of that size and thickness, mm, the closest first."""
    short, long = sorted((width, height))
    return tuple(sorted((e for e in ENVELOPES if goes_in(long, short, e, thick)),
                        key=lambda e: e.long * e.short))


def largest_for(envelope: Size, thick: float = 0.0) -> tuple[float, float]:
    """The largest thing of that thickness, mm, that slips into an envelope: longer and shorter side.

    Raises ValueError when nothing so thick does.
    """
    long, short = envelope.long - ALONG_MM - thick, envelope.short - ACROSS_MM - thick
    if short <= 0:
        raise ValueError("nothing so thick goes into it")
    return long, short


def named(width: float, height: float) -> Size | None:
    """The thing of that size, within half a millimetre, or None."""
    short, long = sorted((width, height))
    return next((s for s in THINGS if abs(s.long - long) < 0.5 and abs(s.short - short) < 0.5), None)
