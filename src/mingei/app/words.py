"""Every text a person reads goes through here, so that it can be translated."""

from __future__ import annotations

from PySide6.QtCore import QCoreApplication


def t(text: str, **values: object) -> str:
    """The text in the person's language, with {names} filled in."""
    translated = QCoreApplication.translate("Mingei", text)
    return translated.format(**values) if values else translated
