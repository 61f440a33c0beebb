"""The cutting list: every piece by letter with its size in mm and in inches, copies, stock, grain; rectangles
told from outlines."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from typing import NamedTuple

from mingei.core.flat.pattern import Pattern
from mingei.core.layout.place import Load
from mingei.core.length import MM_PER_INCH, write_inches
from mingei.core.plane.shape import Line
from mingei.core.stock import Grain
from mingei.core.words import number_of, runs_of

#: How far (mm) a piece may be from its rectangle and still be cut as one.
_NEAR_MM = 0.05


class Row(NamedTuple):
    """letter: A, B … Z, AA …; thing: its name; pieces: the names of the pieces alike; width, height: of its
    blank, mm; square: it is a plain rectangle, cut on a trimmer; copies: to be cut, all layers counted;
    stock: its name; grain: along which of its own sides the fibres should run, "long", "short" or "" for
    either; owner: the thing by its id; layers: so many of the copies are glued to one."""

    letter: str
    thing: str
    pieces: tuple[str, ...]
    width: float
    height: float
    square: bool
    copies: int
    stock: str
    grain: str
    owner: str = ""
    layers: int = 1

    def piece(self, speak: Callable[[str], str] = str) -> str:
        """The names of its pieces one after another, of many that are numbered through the first and the
        last: “stair 2–19”."""
        return ", ".join(speak(run[0]) if len(run) == 1 else f"{speak(run[0])}–{number_of(run[-1])[1]}"
                         for run in runs_of(self.pieces))


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
    """Alike pieces of one stock share a letter, of outlines those of one thing without folds; rectangles
    first, the largest first, then outlines in their order."""
    alike: dict[tuple[object, ...], Row] = {}
    for load in loads:
        p = load.pattern
        width, height = sorted((round(p.box.width, 2), round(p.box.height, 2)), reverse=True)
        square = is_square(p)
        key: tuple[object, ...] = ((width, height, p.stock.id) if square
                                   else (load.owner, p.stock.id, p.cuts, p.folds))
        known = alike.get(key) or Row("", load.thing, (), width, height, square, 0, p.stock.name,
                                      own_grain(p), load.owner, p.stock.layers)
        alike[key] = known._replace(copies=known.copies + p.copies * p.stock.layers,
                                    pieces=tuple(dict.fromkeys((*known.pieces, p.name))))
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
            "layers",
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
                plain(r.piece()),
                f"{r.width:.2f}",
                f"{r.height:.2f}",
                *decimals,
                write_inches(r.width),
                write_inches(r.height),
                r.copies,
                r.layers,
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
