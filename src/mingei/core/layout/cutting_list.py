"""The cutting list: every piece by letter with its size in mm and in inches, copies, stock, grain; rectangles
told from outlines."""

from __future__ import annotations

from collections.abc import Iterable
from typing import NamedTuple

from mingei.core.flat.pattern import Pattern
from mingei.core.layout.place import Load
from mingei.core.length import MM_PER_INCH, write_inches
from mingei.core.plane.shape import Line
from mingei.core.stock import Grain

#: How far (mm) a piece may be from its rectangle and still be cut as one.
_NEAR_MM = 0.05


class Row(NamedTuple):
    """letter: A, B … Z, AA …; thing, piece: its names; width, height: of its blank, mm; square: it is a plain
    rectangle, cut on a trimmer; copies; stock: its name; grain: along which of its own sides the fibres
    should run, "long", "short" or "" for either; owner: the thing by its id."""

    letter: str
    thing: str
    piece: str
    width: float
    height: float
    square: bool
    copies: int
    stock: str
    grain: str
    owner: str = ""


def letter(number: int) -> str:
    """0 is A, 25 is Z, 26 is AA."""
    text = ""
    number += 1
    while number:
        number, rest = divmod(number - 1, 26)
        text = chr(ord("A") + rest) + text
    return text


def is_square(pattern: Pattern) -> bool:
    """Whether the piece is a plain rectangle without folds, holes or round corners."""
    if len(pattern.cuts) != 1 or pattern.folds or not all(isinstance(s, Line) for s in pattern.cuts[0]):
        return False
    box = pattern.box
    return abs(pattern.area - box.width * box.height) < _NEAR_MM * (box.width + box.height)


def cutting_list(loads: Iterable[Load]) -> tuple[Row, ...]:
    """Alike pieces of one stock share a letter; rectangles first, the largest first, then outlines in their
    order."""
    alike: dict[tuple[object, ...], Row] = {}
    for load in loads:
        p = load.pattern
        width, height = sorted((round(p.box.width, 2), round(p.box.height, 2)), reverse=True)
        square = is_square(p)
        key = (width, height, p.stock.id) if square else (load.owner, p.name)
        known = alike.get(key)
        if known is None:
            alike[key] = Row("", load.thing, p.name, width, height, square, p.copies, p.stock.name,
                             own_grain(p),
                             load.owner)
        else:
            alike[key] = known._replace(copies=known.copies + p.copies,
                                        piece=f"{known.piece}, {p.name}"
                                        if p.name not in known.piece.split(", ") else known.piece)
    rows = sorted(alike.values(), key=lambda r: (not r.square, -r.width * r.height if r.square else 0.0))
    return tuple(r._replace(letter=letter(i)) for i, r in enumerate(rows))


def own_grain(pattern: Pattern) -> str:
    """Along which of a piece's sides its fibres should run, "long" or "short", since its longest folds lie
    so; "" where it does not matter."""
    folds = [f for f in pattern.folds if f.angle_deg]
    if not folds or pattern.stock.grain is Grain.NONE:
        return ""
    longest = max(folds, key=lambda f: f.length)
    lying = abs(longest.end[0] - longest.start[0]) >= abs(longest.end[1] - longest.start[1])
    return "long" if lying == (pattern.box.width >= pattern.box.height) else "short"


def as_csv(rows: Iterable[Row]) -> str:
    """The list as comma-separated text, a heading first; inches as decimals, and as fractions with their
    unit, so that none reads as a date."""
    import csv
    import io

    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    writer.writerow(
        (
            "letter",
            "thing",
            "piece",
            "width mm",
            "height mm",
            "width in",
            "height in",
            "width as fraction",
            "height as fraction",
            "copies",
            "stock",
            "grain",
            "shape",
        )
    )
    for r in rows:
        decimals = (f"{v / MM_PER_INCH:.3f}" for v in (r.width, r.height))
        writer.writerow(
            (
                r.letter,
                plain(r.thing),
                plain(r.piece),
                f"{r.width:.2f}",
                f"{r.height:.2f}",
                *decimals,
                write_inches(r.width),
                write_inches(r.height),
                r.copies,
                plain(r.stock),
                {"long": "along the longer side",
                 "short": "along the shorter side"}.get(r.grain, "either way"),
                "rectangle" if r.square else "outline",
            )
        )
    return out.getvalue()


def plain(text: str) -> str:
    """A text that no spreadsheet takes for a formula."""
    return f"'{text}" if text[:1] in ("=", "+", "-", "@", "\t", "\r") else text
