"""The cutting list: every piece by letter with its size in mm and in inches, copies, stock, grain; rectangles told from outlines."""

from __future__ import annotations

from collections.abc import Iterable
from typing import NamedTuple

from mingei.core.layout.place import Load
from mingei.core.length import write_inches
from mingei.core.pattern import Pattern
from mingei.core.shape import Line

#: How far (mm) a piece may be from its rectangle and still be cut as one.
_NEAR_MM = 0.05


class Row(NamedTuple):
    """letter: A, B … Z, AA …; thing, piece: its names; width, height: of its blank, mm; square: it is a plain rectangle, cut on a trimmer;
    copies; stock: its name; grain: which side of its sheet the fibres run along; owner: the thing by its id."""

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
    """Alike pieces of one stock share a letter; rectangles first, the largest first, then outlines in their order."""
    alike: dict[tuple[object, ...], Row] = {}
    for load in loads:
        p = load.pattern
        width, height = sorted((round(p.box.width, 2), round(p.box.height, 2)), reverse=True)
        square = is_square(p)
        key = (width, height, p.stock.id) if square else (load.owner, p.name)
        known = alike.get(key)
        if known is None:
            alike[key] = Row("", load.thing, p.name, width, height, square, p.copies, p.stock.name, str(p.stock.grain),
                             load.owner)
        else:
            alike[key] = known._replace(copies=known.copies + p.copies,
                                        piece=f"{known.piece}, {p.name}" if p.name not in known.piece.split(", ") else known.piece)
    rows = sorted(alike.values(), key=lambda r: (not r.square, -r.width * r.height if r.square else 0.0))
    return tuple(r._replace(letter=letter(i)) for i, r in enumerate(rows))


def as_csv(rows: Iterable[Row]) -> str:
    """The list as comma-separated text, a heading first."""
    import csv
    import io

    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    writer.writerow(("letter", "thing", "piece", "width mm", "height mm", "width in", "height in", "copies", "stock", "grain", "shape"))
    for r in rows:
        inches = (write_inches(v).removesuffix(" in") for v in (r.width, r.height))
        writer.writerow((r.letter, r.thing, r.piece, f"{r.width:.2f}", f"{r.height:.2f}", *inches, r.copies, r.stock, r.grain,
                         "rectangle" if r.square else "outline"))
    return out.getvalue()
