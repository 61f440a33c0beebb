"""The language the window speaks: the system's where there is one of ours, or the person's own choice."""

from __future__ import annotations

from PySide6.QtCore import QCoreApplication, QLibraryInfo, QLocale, QTranslator

from mingei.app.settings import Settings
from mingei.assets import LANGUAGES

#: English, which the texts are written in, needs no file.
ENGLISH = "en"
#: What each language calls itself.
NAMES = {ENGLISH: "English", "de": "Deutsch"}


def in_force(settings: Settings) -> str:
    """The language of the person's choice, else the system's where it is one of ours, else English."""
    chosen = settings.text("language", "")
    if chosen in NAMES:
        return chosen
    system = QLocale.system().name().partition("_")[0]
    return system if system in NAMES else ENGLISH


def speak(app: QCoreApplication, language: str) -> list[QTranslator]:
    """Have the window, and the toolkit's own dialogs, speak a language; returns the translators, which the
    application holds."""
    if language == ENGLISH:
        return []
    found = []
    qt = QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath)
    for name, folder in ((f"qtbase_{language}", qt), (language, str(LANGUAGES))):
        translator = QTranslator(app)
        if translator.load(name, folder):
            app.installTranslator(translator)
            found.append(translator)
    return found
