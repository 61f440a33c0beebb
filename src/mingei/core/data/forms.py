"""The data form of a record: what its declared fields say, and no more.

A frozen record (a named tuple or a dataclass) becomes plain data and is read back by the names and types of
its fields; a field ``extra`` takes what data says besides.  Texts, numbers, whole numbers, yes or no,
choices, and tuples of these are known.  What a value must be beyond its type, the record's own check says.
"""

from __future__ import annotations

import math
from collections.abc import Collection, Mapping
from dataclasses import MISSING, fields
from enum import StrEnum
from functools import cache
from typing import Any, NamedTuple, TypeVar, get_args, get_origin, get_type_hints

from mingei.core.data.extra import Extra, freeze, thaw
from mingei.core.errors import LengthError, ProjectError
from mingei.core.length import parse
from mingei.core.words import say, some_of

T = TypeVar("T")
#: The longest text of a field, and the longest where a record names the field; the largest number.
MOST_TEXT, MOST_LONG, MOST_NUMBER = 2000, 100_000, 1e6
_OURS = "open a file that Mingei saved"
_NEEDED = object()


class Field(NamedTuple):
    """A declared field: its name, its type, its default where it has one."""

    name: str
    kind: Any
    usual: Any


def fields_of(kind: Any) -> tuple[Field, ...]:
    """The fields of a record that data holds, in their order."""
    return _fields(kind)


@cache
def _fields(kind: Any) -> tuple[Field, ...]:
    hints = get_type_hints(kind)
    if hasattr(kind, "_field_defaults"):
        usual = kind._field_defaults
        return tuple(Field(n, hints[n], usual.get(n, _NEEDED)) for n in kind._fields if n != "extra")
    return tuple(Field(f.name, hints[f.name], _NEEDED if f.default is MISSING else f.default)
                 for f in fields(kind) if f.name != "extra")


def written(value: Any, always: Collection[str] = ()) -> dict[str, Any]:
    """A record as plain data: what is not as usual, and what is always written; with what a file said of it
    besides."""
    data = {f.name: _plain(getattr(value, f.name)) for f in fields_of(type(value))
            if f.name in always or getattr(value, f.name) != f.usual}
    extra: Extra = getattr(value, "extra", ())
    return data | thaw(extra)


def _plain(value: Any) -> Any:
    if isinstance(value, StrEnum):
        return str(value)
    return [_plain(each) for each in value] if isinstance(value, tuple) else value


def read(kind: type[T], data: Any, place: str, long: Collection[str] = (), known: Collection[str] = ()) -> T:
    """A record from plain data.  long: the texts that may be long; known: keys that are no fields, and no
    news.

    Raises ProjectError naming the key at fault; what the record itself raises when it is made.
    """
    entry = mapping(data, place)
    values: dict[str, Any] = {}
    for field in fields_of(kind):
        if field.name in entry:
            most = MOST_LONG if field.name in long else MOST_TEXT
            values[field.name] = _value(field.kind, entry[field.name], f"{place}.{field.name}", most)
        elif field.usual is _NEEDED:
            needed = [f.name for f in fields_of(kind) if f.usual is _NEEDED]
            raise ProjectError(say("it needs {names}", names=some_of(needed)), place, "write the missing key")
    if "extra" in get_type_hints(kind):
        values["extra"] = freeze(entry, {*known, "extra", *(f.name for f in fields_of(kind))})
    return kind(**values)


def _value(kind: Any, value: Any, place: str, most: int) -> Any:
    if get_origin(kind) is tuple:
        inner = get_args(kind)
        some = listed(value, place)
        if inner[-1] is Ellipsis:
            return tuple(_value(inner[0], each, f"{place}[{n}]", most) for n, each in enumerate(some))
        if len(some) != len(inner):
            raise ProjectError(say("{count} values belong here", count=len(inner)), place, _OURS)
        both = enumerate(zip(inner, some, strict=True))
        return tuple(_value(k, each, f"{place}[{n}]", most) for n, (k, each) in both)
    if kind is bool:
        return yes_or_no(value, place)
    if kind is int:
        return whole(value, place)
    if kind is float:
        return number(value, place)
    if isinstance(kind, type) and issubclass(kind, StrEnum):
        if not isinstance(value, str) or value not in list(kind):
            raise ProjectError(say("{value!r} is no choice there", value=value), place,
                               say("write one of: {names}", names=some_of(each for each in kind if each)))
        return kind(value)
    return text(value, place, most)


def mapping(value: Any, place: str) -> dict[str, Any]:
    if not isinstance(value, dict):
        raise ProjectError("an object { } belongs here", place, _OURS)
    return value


def listed(value: Any, place: str, most: int | None = None) -> list[Any]:
    """A list of no more than so many.  Raises ProjectError."""
    if not isinstance(value, list):
        raise ProjectError("a list [ ] belongs here", say("key {place!r}", place=place), _OURS)
    if most is not None and len(value) > most:
        raise ProjectError(say("{count} are too many", count=len(value)), say("key {place!r}", place=place),
                           say("keep to {most}: share it out over several files", most=most))
    return value


def text(value: Any, place: str, most: int = MOST_TEXT) -> str:
    if not isinstance(value, str) or len(value) > most:
        raise ProjectError(say("a text of at most {most} characters belongs here", most=most),
                           say("key {place!r}", place=place), "write one in quotes")
    return value


def yes_or_no(value: Any, place: str) -> bool:
    if not isinstance(value, bool):
        raise ProjectError(say("{value!r} is neither true nor false", value=value),
                           say("key {place!r}", place=place), "write true or false")
    return value


def whole(value: Any, place: str, least: int = -10**9, most: int = 10**9) -> int:
    if isinstance(value, bool) or not isinstance(value, int) or not least <= value <= most:
        raise ProjectError(say("{value!r} is no whole number that can stand there", value=value),
                           say("key {place!r}", place=place),
                           say("write {least} to {most}", least=least, most=most))
    return value


def number(value: Any, place: str) -> float:
    if (isinstance(value, bool) or not isinstance(value, (int, float)) or not math.isfinite(value)
        or abs(value) > MOST_NUMBER):
        raise ProjectError(say("{value!r} is no measure", value=value), say("key {place!r}", place=place),
                           "write a number")
    return float(value)


def from_words(kind: Any, words: Mapping[str, str], place: str) -> dict[str, Any]:
    """What a person wrote of a record's fields, as data: lengths with or without their unit, yes or no,
    numbers.

    Raises ProjectError naming the field at fault.
    """
    declared = {f.name: f for f in fields_of(kind)}
    data: dict[str, Any] = {}
    for name, word in words.items():
        if name not in declared:
            raise ProjectError(say("it has no {name!r}", name=name), place,
                               say("write one of: {names}", names=some_of(declared, name)))
        data[name] = _worded(declared[name].kind, word, f"{place}, {name}")
    return data


def _worded(kind: Any, word: str, place: str) -> Any:
    if kind is bool:
        if word not in ("yes", "no"):
            raise ProjectError(say("{word!r} is neither yes nor no", word=word), place, "write one of them")
        return word == "yes"
    if kind is int:
        if not word.lstrip("-").isdigit():
            raise ProjectError(say("{word!r} is no whole number", word=word), place, "write one such as 2")
        return int(word)
    if kind is float:
        try:
            return parse(word, "mm")
        except LengthError as error:
            raise ProjectError(error.sentence, place, error.remedy) from None
    return word
