"""The letters of printed words: in the shipped type, else in one that is installed here and has them, else
not at all, which is said."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from functools import cache, lru_cache
from itertools import groupby
from pathlib import Path
from threading import RLock
from typing import Any, NamedTuple

from mingei.assets import BOLD_FONT, TEXT_FONT
from mingei.core.layout.drawing import Text
from mingei.core.words import Words, say
from mingei.formats.artwork import glyph_commands, installed_fonts

#: A font is read as it is asked for, which two at once must not do.
_READING = RLock()
#: Stands for a letter that no font here has.
_MISSING = "?"


class Run(NamedTuple):
    """Letters that follow each other in one font."""

    font: Path
    letters: str


@lru_cache(maxsize=32)
def _opened(file: Path) -> Any:
    from fontTools.ttLib import TTFont

    return TTFont(file, lazy=True)


@cache
def _letters_of(file: Path) -> frozenset[int]:
    with _READING:
        return frozenset(_opened(file).getBestCmap() or ())


@cache
def _with_letter(letter: str) -> Path | None:
    """An installed font that has a letter and whose outlines a PDF can carry."""
    for file in dict.fromkeys(installed_fonts().values()):
        try:
            with _READING:
                if "glyf" in _opened(file) and ord(letter) in _letters_of(file):
                    return file
        except (OSError, AssertionError, KeyError, ValueError):  # a damaged font is none
            continue
    return None


def _font_of(letter: str, bold: bool) -> Path | None:
    own = BOLD_FONT if bold else TEXT_FONT
    return own if ord(letter) in _letters_of(own) or letter.isspace() else _with_letter(letter)


def runs(words: str, bold: bool = False) -> list[Run]:
    """Words cut where the font changes; a letter no font here has is a question mark."""
    own = BOLD_FONT if bold else TEXT_FONT
    each = [(found, letter) if (found := _font_of(letter, bold)) else (own, _MISSING) for letter in words]
    return [Run(font, "".join(letter for _, letter in some))
            for font, some in groupby(each, key=lambda e: e[0])]


def unset(texts: Iterable[Text]) -> tuple[Words, ...]:
    """What is to be said of letters that no font here has; nothing where there are none."""
    lacking = sorted({letter for text in texts for letter in text.words
                      if _font_of(letter, text.bold) is None})
    if not lacking:
        return ()
    shown = " ".join(f"{letter} (U+{ord(letter):04X})" for letter in lacking[:5])
    return (
        say("no font here has {letters}: a question mark is printed instead; install a font that has them, "
            "or write it otherwise",
            letters=shown),)


@lru_cache(maxsize=4096)
def _glyph(file: Path, letter: str) -> tuple[Any, float, float]:
    """How a letter is drawn in a font, how wide it is, and the size of its em, in units of the font."""
    from fontTools.pens.recordingPen import DecomposingRecordingPen

    with _READING:
        font = _opened(file)
        glyphs = font.getGlyphSet()
        glyph = glyphs[font.getBestCmap().get(ord(letter), ".notdef")]
        pen = DecomposingRecordingPen(glyphs)
        glyph.draw(pen)
        return pen.value, float(glyph.width), float(font["head"].unitsPerEm)


def outlines(text: Text) -> Iterator[tuple[tuple[str, tuple[tuple[float, float], ...]], ...]]:
    """The outline of every letter where a drawing has it, as commands ("M", "L", "C", "Z" with their points,
    mm, y up)."""
    from mingei.core.plane.shape import turned

    pieces = []
    x = 0.0
    for run in runs(text.words, text.bold):
        for letter in run.letters:
            drawn, wide, em = _glyph(run.font, letter)
            pieces.append((x, drawn, text.size / em))
            x += wide * text.size / em
    left, down = (-x / 2, -0.35 * text.size) if text.middle else (0.0, 0.0)
    move = turned(text.turn_deg)._replace(x=text.at[0], y=text.at[1])
    for at, drawn, scale in pieces:
        commands = tuple((name, tuple(move.apply(p) for p in points))
                         for name, points in glyph_commands(drawn, scale, left + at, down))
        if commands:
            yield commands
