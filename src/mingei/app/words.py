"""Every text a person reads goes through here, so that it can be translated.

The languages are in ``languages/``; ``tools/texts.py`` keeps them in step with the texts and compiles them.
"""

from __future__ import annotations

import re

from PySide6.QtCore import QCoreApplication

from mingei.core.words import Words, told

CONTEXT = "Mingei"
_NUMBERS = re.compile(r"\d+")


def t(text: str, **values: object) -> str:
    """The text in the person's language, with {names} filled in; values that are plain text are taken as they
    are."""
    if not values:
        return told(text, _translated, _numbered)
    return _translated(text).format(**{name: told(v, _translated, _numbered) if isinstance(v, Words) else v
                                       for name, v in values.items()})


def counted(one: str, many: str, count: int, /, **values: object) -> str:
    """As ``t``, for something counted, in the form the language has for so many; {count} is filled in too."""
    return _numbered(one, many, count).format(count=count, **{
        name: told(v, _translated, _numbered) if isinstance(v, Words) else v for name, v in values.items()})


def capital(text: str) -> str:
    """A sentence of the core in the person's language, begun with a capital."""
    translated = t(text)
    return translated[:1].upper() + translated[1:]


def _translated(text: str) -> str:
    found = QCoreApplication.translate(CONTEXT, text)
    if found == text and any(c.isdigit() for c in text):
        # names with a number, such as wall 3 tab: one entry serves them all
        numbers = iter(_NUMBERS.findall(text))
        general = _NUMBERS.sub("#", text)
        named = QCoreApplication.translate(CONTEXT, general)
        if named != general:
            return re.sub("#", lambda _: next(numbers, ""), named)
    return found


def _numbered(one: str, many: str, count: int) -> str:
    """The template for so many; English where there is no translation."""
    found = QCoreApplication.translate(CONTEXT, many, None, count)
    return found if found != many else _translated(one) if count == 1 else many
