"""What stands beneath the pieces of a page, line over line: the check bars, the key of lines, the stock, and
what the page is.

Everything is set in the widths the letters really have, so that nothing runs into anything however long the
words and however small the sheet: lines shrink first, and are cut short last.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence

from mingei.core.layout.drawing import LOOKS, Ink, Stroke, Text
from mingei.core.layout.lettering import width
from mingei.core.layout.place import CORNER_MM, Page
from mingei.core.layout.placing import fitted
from mingei.core.layout.sheets import Sheet
from mingei.core.length import MM_PER_INCH, write, write_mm
from mingei.core.plane.shape import Line, Point
from mingei.core.stock import Grain
from mingei.core.words import say, told

#: How long the check bars are where there is room, and how long on smaller sheets, mm.
CHECK_BAR_MM, SHORTER_MM = 100.0, (80.0, 60.0, 50.0, 30.0)
#: The bar of those who measure in inches.
INCH_BAR_IN = 4
#: Sheets of an inch world, which bear that bar whatever the unit.
_INCH_SHEETS = ("Letter", "Legal", "Tabloid", "12x12")
_TICK, _BESIDE = 3.0, 2.0
#: Room for the words at the end of the bar in inches, mm.
_INCH_WORDS_MM = 5.0
_SAMPLE_MM, _SAMPLE_GAP, _BETWEEN = 11.0, 1.2, 3.5
_GRAIN_MM = 20.0

Speak = Callable[[str], str]


def mark(*lines: Line, ink: Ink = Ink.DRAW) -> list[Stroke]:
    """Lines that belong to the page and not to any piece."""
    return [Stroke(ink, (line,), mark=True) for line in lines]


def _start(sheet: Sheet) -> float:
    """How far inside its margin a bar begins, mm: past the mark in the corner, where there is one."""
    return CORNER_MM + 1.5 if sheet.laying.corners else _TICK


def bars(sheet: Sheet) -> tuple[float, float]:
    """How long the two check bars of a sheet are, across and along, mm."""
    inner = (sheet.width - 2 * sheet.margin, sheet.height - 2 * sheet.margin)
    free = [side - _start(sheet) - (CORNER_MM if sheet.laying.corners else 0.0) - 0.5 for side in inner]
    across, along = (next((bar for bar in (CHECK_BAR_MM, *SHORTER_MM) if bar <= room), SHORTER_MM[-1])
                     for room in free)
    return across, along


def in_inches(sheet: Sheet) -> bool:
    """Whether the page bears a bar in inches too."""
    wanted = sheet.unit == "in" or sheet.name in _INCH_SHEETS
    end = sheet.margin + _start(sheet) + INCH_BAR_IN * MM_PER_INCH + _INCH_WORDS_MM
    return wanted and bars(sheet)[0] == CHECK_BAR_MM and end <= sheet.width - sheet.margin


def bar_strokes(sheet: Sheet) -> list[Stroke]:
    """Both bars, each with a tick at its ends; ticks upward show the inches."""
    m, start = sheet.margin, _start(sheet)
    across, along = bars(sheet)
    x, y, up, left = m + start, m + _TICK, m + start, m + _TICK
    lines = [Line((x, y), (x + across, y)), *(Line((x + s, y), (x + s, y - _TICK)) for s in (0.0, across)),
             Line((left, up), (left, up + along)),
             *(Line((left, up + s), (left - _TICK, up + s)) for s in (0.0, along))]
    if in_inches(sheet):
        inches = INCH_BAR_IN * MM_PER_INCH
        lines += [Line((x + across, y), (x + inches, y)),
                  *(Line((x + s, y), (x + s, y + 0.9)) for s in (0.0, inches))]
    return mark(*lines)


def footer(page: Page, title: str, inks: Iterable[Ink], joining: str, right: float,
           speak: Speak) -> tuple[list[Stroke], list[Text]]:
    """All that stands beneath the pieces.

    inks: those the key explains; joining: what to do with a tile, "" for a whole page; right: where the
    lowest two lines must end, mm. speak: from the core's English to the language the words are printed in.
    """
    sheet, m = page.sheet, page.sheet.margin
    left = m + _TICK + _BESIDE
    edge = sheet.width - m - (CORNER_MM if sheet.laying.corners else 0.0) - 0.5
    if sheet.laying.corners:
        left = m + CORNER_MM + _BESIDE
    across, along = bars(sheet)
    strokes, texts = bar_strokes(sheet), []
    low_end = min(right, edge, m + _start(sheet) + across - 1.0 if in_inches(sheet) else edge)
    said = _bars_said(across, along, in_inches(sheet), speak)
    whole = width(said[0], 2.0, bold=True) <= low_end - left
    words, size = fitted(said[0] if whole else said[1], low_end - left, (2.4, 2.2, 2.0, 1.8, 1.6), bold=True)
    texts.append(Text((left, m + 4.2), size, words, bold=True))
    if in_inches(sheet):
        texts.append(Text((m + _start(sheet) + INCH_BAR_IN * MM_PER_INCH + 0.8, m + 2.6), 1.9,
                          f"{INCH_BAR_IN} in"))
    lines, key, up = _key(list(inks), left, min(right, edge) - left, m + 8.4, speak, 1 if joining else 2)
    strokes += lines
    texts += key
    arrow, named = _grain(page, edge, up)
    strokes += arrow
    texts += [Text(text.at, text.size, speak(text.words)) for text in named]
    stock = page.stock
    template = _TEMPLATE if sheet.laying.template else _OUTSIDE
    caliper = (write_mm(stock.caliper_mm) if sheet.unit == "mm"
               else f"{write(stock.caliper_mm, 'in')} ({write_mm(stock.caliper_mm)})")
    line = told(say(template, stock=stock.name, caliper=caliper), speak)
    if sheet.printer.correction != (1.0, 1.0):
        line += (" " + told(say("Corrected for {printer}.", printer=sheet.printer.name or "this printer"),
                            speak))
    words, size = fitted(line, edge - left - (_GRAIN_MM + 2.0 if named else 0.0), (2.8, 2.5, 2.2, 1.9))
    texts.append(Text((left, up), size, words))
    number = told(say("page {number} of {count}", number=page.number, count=page.count), speak)
    _, small = fitted(number, 0.3 * (edge - left), (2.8, 2.4, 2.0))
    reach = width(number, small)
    texts.append(Text((edge - reach, up + 4.3), small, number))
    words, size = fitted(heading(page, title, speak), edge - left - reach - 4.0, (3.6, 3.2, 2.8, 2.4, 2.1),
                         bold=True)
    texts.append(Text((left, up + 4.3), size, words, bold=True))
    if joining:
        words, size = fitted(joining, edge - left, (2.6, 2.3, 2.0, 1.8, 1.6))
        texts.append(Text((left, up + 8.2), size, words))
    return strokes, texts


#: What is said of the stock and the face printed on.
_OUTSIDE = "{stock}, {caliper} thick. The printed face is the outside."
_TEMPLATE = "Template, mirrored: stick it to the inner face of {stock}, {caliper} thick."


def heading(page: Page, title: str, speak: Speak) -> str:
    """What a page is: the piece alone on it, which of its copies, or how many share it."""
    if len(page.items) > 1:
        return f"{title}: {told(say('{count} pieces', count=len(page.items)), speak)}"
    item = page.items[0]
    words = f"{title}: {told(item.load.words, speak)}"
    copies = item.load.pattern.copies
    return (told(say("{piece}, {number} of {count}", piece=words, number=item.copy + 1, count=copies), speak)
            if copies > 1 else words)


def _bars_said(across: float, along: float, inches: bool, speak: Speak) -> tuple[str, str]:
    """The sentence beside the bars, and a shorter one."""
    tail = "Print at actual size (100 %), never fit to page."
    if across == along == CHECK_BAR_MM:
        first = ("check bars: both must measure 100 mm, the level one 4 in to its upper tick. " if inches
                 else "check bars: both must measure 100 mm. ")
        return speak(first + tail), speak("check bars: both must measure 100 mm")
    first = say(
        "check bars: level {across}, upright {along}. Print at actual size (100 %), never fit to page.",
        across=write_mm(across),
                along=write_mm(along))
    return told(first, speak), told(
        say("check bars: level {across}, upright {along}", across=write_mm(across), along=write_mm(along)),
        speak
    )


def _key(inks: Sequence[Ink], left: float, room: float, low: float, speak: Speak,
         most_rows: int) -> tuple[list[Stroke], list[Text], float]:
    """The key of lines in as few rows as the words need, and where the next line of words stands."""
    if not inks:
        return [], [], low + 2.0
    for brief in (False, True):
        for size in (2.6, 2.3, 2.0, 1.8):
            words = [speak(LOOKS[ink].short if brief else LOOKS[ink].words) for ink in inks]
            rows = _rows([_SAMPLE_MM + _SAMPLE_GAP + width(w, size) for w in words], room)
            if len(rows) <= most_rows:
                return _key_rows(inks, words, rows, left, low, size)
    return _key_rows(inks, words, rows[:most_rows], left, low, size)


def _rows(widths: Sequence[float], room: float) -> list[list[int]]:
    """Entries of these widths in rows no longer than the room."""
    rows: list[list[int]] = [[]]
    used = 0.0
    for number, wide in enumerate(widths):
        if rows[-1] and used + _BETWEEN + wide > room:
            rows.append([])
            used = 0.0
        used += wide + (_BETWEEN if rows[-1] else 0.0)
        rows[-1].append(number)
    return rows if all(wide <= room for wide in widths) else [*rows, *([[]] * 9)]


def _key_rows(inks: Sequence[Ink], words: Sequence[str], rows: Sequence[Sequence[int]], left: float,
              low: float,
              size: float) -> tuple[list[Stroke], list[Text], float]:
    strokes, texts, y = [], [], low
    rows = [row for row in rows if row]
    for row in rows[::-1]:
        x = left
        for number in row:
            strokes += mark(Line((x, y + 0.35 * size), (x + _SAMPLE_MM, y + 0.35 * size)), ink=inks[number])
            texts.append(Text((x + _SAMPLE_MM + _SAMPLE_GAP, y), size, words[number]))
            x += _SAMPLE_MM + _SAMPLE_GAP + width(words[number], size) + _BETWEEN
        y += 3.6
    return strokes, texts, y + 0.4


def _grain(page: Page, right: float, level: float) -> tuple[list[Stroke], list[Text]]:
    """An arrow along the grain of the sheet, where its stock has one, at the end of a line of words."""
    grain = page.stock.grain
    if grain is Grain.NONE:
        return [], []
    x, y = right - 4.5, level + 0.8
    way = (0.0, 1.0) if grain is Grain.LONG else (1.0, 0.0)

    def at(along: float, aside: float) -> Point:
        return x + way[0] * along - way[1] * aside, y + way[1] * along + way[0] * aside

    lines = [Line(at(-1.6, 0), at(2.0, 0)), Line(at(2.0, 0), at(0.9, 0.7)), Line(at(2.0, 0), at(0.9, -0.7))]
    return mark(*lines), [Text((right - _GRAIN_MM + 4.0, level), 2.3, "grain")]
