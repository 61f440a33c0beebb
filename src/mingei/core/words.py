"""Sentences that carry values, in a form that can still be translated when a person reads them.

A sentence of the core is a template and the values that go into it. It reads as a plain string wherever one
is wanted; a window in another language translates the template first and fills it in afterwards.
"""

from __future__ import annotations

import string
from collections.abc import Callable, Iterable, Mapping, Sequence
from difflib import SequenceMatcher
from typing import Any

#: So much of what was given is quoted in a sentence, and so many names are listed.
QUOTED, LISTED = 60, 10
#: A place longer than this is cut in the middle.
_LONGEST = 300
#: So many that are numbered through are told by the first and the last.
_MANY = 4


class Words(str):
    """A filled-in template that remembers the template and the values it was filled with; forms: of something
    counted, the templates for one and for many."""

    __slots__ = ("forms", "template", "values")
    template: str
    values: dict[str, object]
    forms: tuple[str, str] | None


def say(template: str, /, **values: object) -> Words:
    """The template with its {names} filled in, as str.format does it. Raises KeyError for a name without a
    value."""
    words = Words(_filled(template, values))
    words.template = template
    words.values = values
    words.forms = None
    return words


def quoted(value: object, most: int = QUOTED) -> str:
    """A value as a sentence quotes it: on one line, cut off where it is long, safe to print anywhere."""
    if isinstance(value, (list, tuple)):
        value = list(value[:most])
    try:
        shown = repr(value if not isinstance(value, str) else str(value[:most + 2]))
    except ValueError:  # an integer of thousands of digits
        shown = "a number of thousands of digits"
    return shown if len(shown) <= most + 2 else shown[:most] + "…" + (shown[0] if shown[0] in "'\"" else "")


class _Quoting(string.Formatter):
    def convert_field(self, value: Any, conversion: Any) -> Any:
        return quoted(value) if conversion == "r" else super().convert_field(value, conversion)


def _filled(template: str, values: Mapping[str, object]) -> str:
    """The template filled in; what is quoted in it (``{name!r}``) comes from outside and is cut short."""
    return _Quoting().vformat(template, (), values) if "!r" in template else template.format(**values)


def some_of(names: Iterable[str], like: object = "") -> Words:
    """Names one after another, those most like a word first, no more than ten."""
    every = list(dict.fromkeys(names))
    if len(every) > LISTED and like:
        word = str(like)[:QUOTED].lower()
        every.sort(key=lambda name: -SequenceMatcher(None, word, name.lower()).ratio())
    more = [say("and {count} more", count=len(every) - LISTED)] if len(every) > LISTED else []
    return joined([*every[:LISTED], *more], ", ")


def counted(one: str, many: str, count: int, /, **values: object) -> Words:
    """One of two templates by how many there are; {count} is filled in too.  Another language may have more
    forms than two."""
    words = say(one if count == 1 else many, count=count, **values)
    words.forms = one, many
    return words


def joined(parts: Iterable[str], between: str = " ") -> Words:
    """The parts one after another, each still to be translated by itself."""
    named = {f"part{number}": part for number, part in enumerate(parts)}
    return say(between.join(f"{{{name}}}" for name in named), **named)


def number_of(name: str) -> tuple[str, int]:
    """A name without the number at its end, and the number, -1 where it has none."""
    words, _, last = name.rpartition(" ")
    return (words, int(last)) if words and last.isdigit() else (name, -1)


def runs_of(names: Sequence[str]) -> list[list[str]]:
    """The names one by one, but those numbered through together where they are many."""
    runs: list[list[str]] = []
    for name in names:
        words, number = number_of(name)
        if runs and number > 0 and number_of(runs[-1][-1]) == (words, number - 1):
            runs[-1].append(name)
        else:
            runs.append([name])
    return [some for run in runs for some in ([run] if len(run) >= _MANY else [[name] for name in run])]


def placed(place: str, sentence: str, remedy: str) -> Words:
    """``place: sentence; remedy.``, without what is empty; a place longer than any name keeps its ends."""
    if len(place) > _LONGEST:
        place = f"{place[:_LONGEST // 2]}…{place[-_LONGEST // 2:]}"
    template = ("{place}: " if place else "") + "{sentence}" + ("; {remedy}." if remedy else ".")
    return say(template, place=place, sentence=sentence, remedy=remedy)


def told(text: str, translate: Callable[[str], str],
         numbered: Callable[[str, str, int], str] | None = None) -> str:
    """The text with every template in it, and every word filled into one, passed through ``translate``.

    numbered: from the templates for one and for many, and how many there are, to that of the language.
    """
    if not isinstance(text, Words):
        return translate(text) if text else text
    values = {name: told(value, translate, numbered) if isinstance(value, str) else value
              for name, value in text.values.items()}
    count = values.get("count")
    template = (numbered(*text.forms, count) if numbered and text.forms and isinstance(count, int)
                else translate(text.template))
    return _filled(template, values)
