"""Sentences that carry values, in a form that can still be translated when a person reads them.

A sentence of the core is a template and the values that go into it. It reads as a plain string wherever one
is wanted; a window in another language translates the template first and fills it in afterwards.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable


class Words(str):
    """A filled-in template that remembers the template and the values it was filled with."""

    __slots__ = ("template", "values")
    template: str
    values: dict[str, object]


def say(template: str, /, **values: object) -> Words:
    """The template with its {names} filled in, as str.format does it. Raises KeyError for a name without a
    value."""
    words = Words(template.format(**values))
    words.template = template
    words.values = values
    return words


def counted(one: str, many: str, count: int, /, **values: object) -> Words:
    """One of two templates by how many there are; {count} is filled in too."""
    return say(one if count == 1 else many, count=count, **values)


def joined(parts: Iterable[str], between: str = " ") -> Words:
    """The parts one after another, each still to be translated by itself."""
    named = {f"part{number}": part for number, part in enumerate(parts)}
    return say(between.join(f"{{{name}}}" for name in named), **named)


def placed(place: str, sentence: str, remedy: str) -> Words:
    """``place: sentence; remedy.``, without what is empty."""
    template = ("{place}: " if place else "") + "{sentence}" + ("; {remedy}." if remedy else ".")
    return say(template, place=place, sentence=sentence, remedy=remedy)


def told(text: str, translate: Callable[[str], str]) -> str:
    """The text with every template in it, and every word filled into one, passed through ``translate``."""
    if not isinstance(text, Words):
        return translate(text) if text else text
    values = {name: told(value, translate) if isinstance(value, str) else value
              for name, value in text.values.items()}
    return translate(text.template).format(**values)
