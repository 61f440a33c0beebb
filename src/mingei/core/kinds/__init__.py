"""The kinds of amendment: what a person can change of a thing by hand, each in a module of its own here.

A kind says how it is called in files and in words, which record holds it, what there is one of, what it must
be, how it grows with its thing, and how it changes the draft.  ``Brief`` keeps all amendments in the order in
which they were made; nothing else needs to know of a kind but the module, and what shows it.
"""

from __future__ import annotations

import importlib
import pkgutil
from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import dataclass
from functools import cache
from typing import Any, TypeAlias, TypeVar

from mingei.core.data import forms
from mingei.core.draft import Draft
from mingei.core.errors import MingeiError, ProjectError
from mingei.core.words import say, some_of

#: An amendment of any kind: a frozen record.
Amendment: TypeAlias = Any
A = TypeVar("A")


def _as_it_is(draft: Draft, amendments: Sequence[Amendment]) -> Draft:
    return draft


@dataclass(frozen=True, kw_only=True)
class Kind:
    """A kind of amendment.

    word: in files; record: its frozen record; of: the field that says what there is one of in a thing, ""
    where there may be any number; always: the fields that files always hold; check: raises MeasureError
    naming a value at fault; fits: the same where a draft has nothing it could be put on, asked when a person
    puts it; grown: the same for a thing larger by a factor; shapes: the draft changed by all amendments of a
    thing; order: the lower, the earlier it shapes; parts: it parts pieces, before seams and panels are asked
    for by name; differ: what of a thing differs, in words; lets_go: one whose panel or side is gone after a
    change is set aside and told, instead of the change being refused; alike: a refusal where two are of one
    name; most: of one thing; long: its texts that may be long.
    """

    word: str
    record: type
    of: str
    always: tuple[str, ...]
    differ: str
    check: Callable[[Any], None] = lambda amendment: None
    fits: Callable[[Draft, Any], None] = lambda draft, amendment: None
    grown: Callable[[Any, float], Any] = lambda amendment, factor: amendment
    shapes: Callable[[Draft, Sequence[Amendment]], Draft] = _as_it_is
    order: int = 100
    parts: bool = False
    lets_go: bool = False
    alike: str = ""
    most: int = 1000
    long: tuple[str, ...] = ()


@cache
def kinds() -> Mapping[str, Kind]:
    """Every kind by its word, in the order in which they shape the draft."""
    found = [importlib.import_module(f"{__name__}.{info.name}").KIND
             for info in pkgutil.iter_modules(__path__)]
    return {kind.word: kind for kind in sorted(found, key=lambda k: (k.order, k.word))}


def kind_of(amendment: Amendment) -> Kind:
    return next(kind for kind in kinds().values() if kind.record is type(amendment))


def some(amendments: Iterable[Amendment], record: type[A]) -> tuple[A, ...]:
    """Those of a kind, in their order."""
    return tuple(a for a in amendments if isinstance(a, record))


def put(amendments: Sequence[Amendment], fresh: Amendment) -> tuple[Amendment, ...]:
    """The amendments with one more, or in the place of the one of what there is one of."""
    before = already(amendments, fresh)
    if before is None:
        return (*amendments, fresh)
    return tuple(fresh if a is before else a for a in amendments)


def already(amendments: Iterable[Amendment], fresh: Amendment) -> Amendment | None:
    """The one that a fresh amendment takes the place of; None where there is none."""
    of = kind_of(fresh).of
    alike = some(amendments, type(fresh)) if of else ()
    return next((a for a in alike if getattr(a, of) == getattr(fresh, of)), None)


def without(amendments: Sequence[Amendment], record: type, which: object) -> tuple[Amendment, ...]:
    """The amendments without the one of what there is one of."""
    of = next(kind.of for kind in kinds().values() if kind.record is record)
    return tuple(a for a in amendments if not (isinstance(a, record) and getattr(a, of) == which))


def parted(draft: Draft, amendments: Sequence[Amendment]) -> Draft:
    """The draft in the pieces that amendments part it into."""
    for kind in kinds().values():
        draft = kind.shapes(draft, amendments) if kind.parts else draft
    return draft


def shaped(draft: Draft, amendments: Sequence[Amendment]) -> Draft:
    """The draft, parted already, as all other amendments change it.  Raises MeasureError where one cannot be
    made."""
    if amendments:
        gone = [a for a, _ in set_aside(draft, amendments)]
        amendments = [a for a in amendments if not any(a is g for g in gone)]
    for kind in kinds().values():
        draft = draft if kind.parts else kind.shapes(draft, amendments)
    return draft


def set_aside(draft: Draft, amendments: Sequence[Amendment]) -> list[tuple[Amendment, MingeiError]]:
    """The amendments that a draft, parted already, has no place for any more, with why; they are kept, and
    come back with their places."""
    found = []
    for amendment in amendments:
        kind = kind_of(amendment)
        if kind.lets_go:
            try:
                kind.fits(draft, amendment)
            except MingeiError as error:
                found.append((amendment, error))
    return found


def as_data(amendment: Amendment) -> dict[str, Any]:
    kind = kind_of(amendment)
    return {"kind": kind.word} | forms.written(amendment, kind.always)


def from_data(data: Any, place: str) -> Amendment:
    """An amendment from plain data.  Raises ProjectError naming the key or the value at fault."""
    entry = forms.mapping(data, place)
    word = entry.get("kind")
    kind = kinds().get(word) if isinstance(word, str) else None
    if kind is None:
        raise ProjectError(say("{kind!r} is not a kind of amendment this Mingei knows", kind=word),
                           f"{place}.kind", say("open it with the Mingei that saved it; known are {names}",
                                                names=some_of(kinds())))
    amendment: Amendment = forms.read(kind.record, entry, place, kind.long, ("kind",))
    try:
        kind.check(amendment)
    except MingeiError as error:
        raise ProjectError(error.sentence, f"{place}: {error.place}", error.remedy) from None
    return amendment


def refuse_crowd(amendments: Sequence[Amendment], place: str) -> None:
    """Raises ProjectError where a kind says that there are too many, or two of one name."""
    for kind in kinds().values():
        own: tuple[Amendment, ...] = some(amendments, kind.record)
        if len(own) > kind.most:
            raise ProjectError(say("{count} of the kind {kind} are too many", count=len(own), kind=kind.word),
                               place, say("keep to {most}", most=kind.most))
        names = [getattr(a, kind.of) for a in own] if kind.alike else []
        twice = next((n for i, n in enumerate(names) if n in names[:i]), None)
        if twice is not None:
            raise ProjectError(say(kind.alike, name=str(twice)), place, "give each a name of its own")


def named(word: str, place: str) -> Kind:
    """A kind by its word.  Raises ProjectError with those there are."""
    if word not in kinds():
        raise ProjectError(say("{kind!r} is not a kind of amendment", kind=word), place,
                           say("write one of: {names}", names=some_of(kinds(), word)))
    return kinds()[word]


def from_words(word: str, words: Mapping[str, str], amendments: Sequence[Amendment], place: str) -> Amendment:
    """An amendment as a person wrote it: of one that is there already only what is to be otherwise.

    Raises ProjectError naming what is at fault.
    """
    kind = named(word, place)
    data = forms.from_words(kind.record, words, place)
    own: tuple[Amendment, ...] = some(amendments, kind.record)
    for before in own if kind.of else ():
        if data.get(kind.of) == getattr(before, kind.of):
            data = as_data(before) | data
    return from_data({"kind": word} | data, place)
