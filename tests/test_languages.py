"""A second language, complete: every text has its translation, with its values, and the window speaks it."""

from __future__ import annotations

import importlib.util
import re
import sys
import unittest
from pathlib import Path

from PySide6.QtCore import QCoreApplication, QTranslator
from PySide6.QtWidgets import QAbstractButton, QApplication, QLabel

from mingei.app.language import NAMES, in_force
from mingei.app.words import counted, t
from mingei.assets import LANGUAGES
from mingei.core.words import counted as core_counted
from tests.test_access import cut_off_at_rest, visit
from tests.windows import WindowTest

ROOT = Path(__file__).resolve().parent.parent


def tool() -> object:
    """The tool that finds the texts."""
    if "texts" in sys.modules:
        return sys.modules["texts"]
    spec = importlib.util.spec_from_file_location("texts", ROOT / "tools" / "texts.py")
    assert spec is not None and spec.loader is not None
    module = importlib.util.module_from_spec(spec)
    sys.modules["texts"] = module
    spec.loader.exec_module(module)
    return module


class Complete(unittest.TestCase):
    def setUp(self) -> None:
        self.texts = tool()
        self.known = self.texts.load(ROOT / "languages" / "de.ts")

    def test_every_text_has_its_translation(self) -> None:
        found, plural = self.texts.texts()
        self.assertGreater(len(found), 2000)
        self.assertEqual([text for text in (*found, *plural) if not self.known.get(text)], [])

    def test_every_value_is_in_the_translation_and_no_other(self) -> None:
        def values(text: str) -> set[str]:
            return set(re.findall(r"\{[^}]*\}", text))

        for text, said in self.known.items():
            if isinstance(said, list):
                self.assertEqual(values(said[1]), values(text), text)
                self.assertLessEqual(values(said[0]), values(text), text)
            else:
                self.assertEqual(values(said), values(text), text)

    def test_what_is_shipped_was_compiled_from_what_is_there(self) -> None:
        translator = QTranslator()
        self.assertTrue(translator.load("de", str(LANGUAGES)))
        wrong = [text for text, said in self.known.items() if isinstance(said, str)
                 and translator.translate("Mingei", text) != said]
        self.assertEqual(wrong, [])


class Spoken(WindowTest):
    def setUp(self) -> None:
        super().setUp()
        self.translator = QTranslator()
        self.assertTrue(self.translator.load("de", str(LANGUAGES)))
        QCoreApplication.installTranslator(self.translator)
        self.addCleanup(QCoreApplication.removeTranslator, self.translator)

    def test_forms_are_those_of_the_language(self) -> None:
        self.assertEqual(counted("{count} page", "{count} pages", 1), "1 Seite")
        self.assertEqual(counted("{count} page", "{count} pages", 3), "3 Seiten")
        core = core_counted("{count} sheet instead of {before}", "{count} sheets instead of {before}", 2,
                            before=5)
        self.assertEqual(t(core), "2 Bogen statt 5")

    def test_a_name_with_a_number_is_translated_once_for_all(self) -> None:
        self.assertEqual(t("wall 7"), "Wand 7")
        self.assertEqual(t("wall 12"), "Wand 12")

    def test_the_whole_window_speaks_it_and_nothing_is_cut(self) -> None:
        window = self.open_window(demo=True)
        window.resize(1280, 800)
        self.assertIn("Entwurf", window.rail.buttons["draft"].text())
        english = self.texts_of(tool())
        for key, page in visit(window):
            self.assertEqual(cut_off_at_rest(page), [], key)
            left = [w.text() for kind in (QLabel, QAbstractButton) for w in page.findChildren(kind)
                    if w.isVisible() and w.text() in english]
            self.assertEqual(left, [], key)

    def texts_of(self, texts: object) -> set[str]:
        """Texts that read otherwise in German, of more than one word."""
        known = texts.load(ROOT / "languages" / "de.ts")
        return {text for text, said in known.items() if isinstance(said,
                                                                   str) and said != text and " " in text}

    def test_the_choice_is_kept_and_counts_before_the_system_s(self) -> None:
        self.assertIn(in_force(self.settings), NAMES)
        self.window.actions_["language-de"].trigger()
        self.assertEqual(in_force(self.settings), "de")
        self.window.actions_["language-en"].trigger()
        self.assertEqual(in_force(self.settings), "en")
        assert QApplication.instance() is not None


if __name__ == "__main__":
    unittest.main()
