"""Every text a person reads goes through here, so that it can be translated."""

from __future__ import annotations

from PySide6.QtCore import QCoreApplication

from mingei.core.words import Words, told


def t(text: str, **values: object) -> str:
    """The text in the person's language, with {names} filled in; values that are plain text are taken as they
    are."""
    if not values:
        return told(text, _translated)
    return _translated(text).format(**{name: told(v, _translated) if isinstance(v, Words) else v
                                       for name, v in values.items()})


def counted(one: str, many: str, count: int, /, **values: object) -> str:
    """As ``t``, for one of two texts by how many there are; {count} is filled in too."""
    return t(one if count == 1 else many, count=count, **values)


def capital(text: str) -> str:
    """A sentence of the core in the person's language, begun with a capital."""
    translated = t(text)
    return translated[:1].upper() + translated[1:]


def _translated(text: str) -> str:
    return QCoreApplication.translate("Mingei", text)
