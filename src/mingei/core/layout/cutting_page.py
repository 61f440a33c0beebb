"""The cutting list as pages to be printed: letter, drawing, name, size in mm and inches, stock, copies,
grain."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from mingei.core.layout.cutting_list import Row, cutting_list
from mingei.core.layout.drawing import Drawing, Ink, Stroke, Text
from mingei.core.layout.place import Load, outline
from mingei.core.layout.sheets import Sheet
from mingei.core.length import plain_number, write_inches
from mingei.core.plane.shape import Line, Point, bounds
from mingei.core.words import say, told

#: The height of a row, and how large the drawing of a piece is at most, mm.
_ROW_MM, _PICTURE_MM = 19.0, 15.0
#: Where the columns begin, mm from the margin: letter, drawing, names and stock, size, copies and grain.
_COLUMNS = (0.0, 9.0, 28.0, 92.0, 146.0)


def cutting_pages(loads: Sequence[Load], sheet: Sheet, title: str,
                  speak: Callable[[str], str] = str) -> tuple[Drawing, ...]:
    """The list on as many pages of the sheet as it takes.  speak: from the core's English to the language of
    the print."""
    rows = cutting_list(loads)
    left, top = sheet.margin + 4.0, sheet.height - sheet.margin - 6.0
    fit = max(1, int((top - 8.0 - sheet.margin) / _ROW_MM))
    many = -(-len(rows) // fit)
    pages = []
    for number in range(many):
        heading = told(say("{title}: cutting list, page {number} of {count}", title=title, number=number + 1,
                           count=many), speak)
        texts, strokes = [Text((left, top), 4.2, heading, bold=True)], []
        for place, row in enumerate(rows[number * fit:(number + 1) * fit]):
            y = top - 8.0 - place * _ROW_MM
            strokes.append(Stroke(Ink.DRAW, (Line((left, y), (sheet.width - sheet.margin - 4.0, y)),)))
            strokes += _picture(row, loads, (left + _COLUMNS[1], y - _ROW_MM + (_ROW_MM - _PICTURE_MM) / 2))
            texts += _words(row, left, y, speak)
        pages.append(Drawing(sheet.width, sheet.height, tuple(strokes), tuple(texts), heading,
                             correction=sheet.printer.correction))
    return tuple(pages)


def _picture(row: Row, loads: Sequence[Load], corner: Point) -> list[Stroke]:
    """The outline of the piece, small."""
    load = next(load for load in loads if load.owner == row.owner and load.pattern.name
                == row.pieces[0])
    points = outline(load.pattern)
    box = bounds(points)
    factor = min(_PICTURE_MM / box.width, _PICTURE_MM / box.height)
    dx, dy = (_PICTURE_MM - box.width * factor) / 2, (_PICTURE_MM - box.height * factor) / 2
    small = [(corner[0] + dx + (x - box.left) * factor, corner[1] + dy + (y - box.bottom) * factor)
             for x, y in points]
    return [Stroke(Ink.CUT, tuple(Line(a, b) for a, b in zip(small, (*small[1:], small[0]), strict=True)))]


def _words(row: Row, left: float, y: float, speak: Callable[[str], str]) -> list[Text]:
    first, second = y - 6.5, y - 12.0
    size = f"{plain_number(row.width)} × {plain_number(row.height)} mm"
    inches = f"{write_inches(row.width).removesuffix(' in')} × {write_inches(row.height)}"
    grain = {"long": "grain along", "short": "grain across"}.get(row.grain, "")
    copies = told(say("{count} pieces" if row.copies > 1 else "{count} piece", count=row.copies), speak)
    return [
        Text((left + _COLUMNS[0], first), 5.0, row.letter, bold=True),
        Text((left + _COLUMNS[2], first), 3.0,
             _short(f"{row.thing}: {row.piece(speak)}" if row.pieces != (row.thing,) else row.thing)),
        Text((left + _COLUMNS[2], second), 2.6, _short(speak(row.stock))),
        Text((left + _COLUMNS[3], first), 3.2, size, bold=row.square),
        Text((left + _COLUMNS[3], second), 2.8, inches),
        Text((left + _COLUMNS[4], first), 3.0, copies),
        Text((left + _COLUMNS[4], second), 2.6, speak(grain) if grain else ""),
    ]


def _short(words: str, most: int = 44) -> str:
    return words if len(words) <= most else words[:most - 1] + "…"
