"""The window for everyone: names for those who do not see it, keys for those without a mouse, room for longer
words and larger screens."""

from __future__ import annotations

import json
import os
import subprocess
import sys
import unittest
from collections.abc import Iterator
from pathlib import Path

from PySide6.QtCore import QCoreApplication, QObject, QRect, Qt, QTranslator
from PySide6.QtGui import QColor, QFontMetrics
from PySide6.QtWidgets import (
    QAbstractButton,
    QApplication,
    QComboBox,
    QLabel,
    QLineEdit,
    QListWidget,
    QPlainTextEdit,
    QPushButton,
    QScrollArea,
    QSlider,
    QSpinBox,
    QToolButton,
    QWidget,
)

from mingei.app import theme
from mingei.app.window import Elided, Window, stops
from tests.windows import WindowTest, every, settle

EVERYWHERE = ("start", *(s.key for s in stops()))


def nameless(page: QWidget) -> list[str]:
    """Widgets one can reach or read that tell a screen reader nothing."""
    found = []
    for widget in every(page, QWidget):
        said = widget.accessibleName() or getattr(widget, "text", str)()
        if isinstance(widget, (QAbstractButton, QLineEdit, QComboBox, QSpinBox, QSlider, QListWidget,
                               QPlainTextEdit)) \
                or widget.focusPolicy() & Qt.FocusPolicy.TabFocus:
            inner = (isinstance(widget.parentWidget(), (QSpinBox, QComboBox))
                     or widget.objectName().startswith("qt_"))
            if isinstance(widget, QLineEdit) and not inner:
                said = widget.accessibleName()  # what it holds is a value, not a name
            if not said.strip() and not inner:
                found.append(f"{type(widget).__name__} {widget.objectName()}")
    return found


def cut_off(page: QWidget) -> list[str]:
    """Texts that do not fit where they stand."""
    found = []
    for label in every(page, QLabel):
        if not label.text() or isinstance(label, Elided) or not label.pixmap().isNull():
            continue
        room = label.contentsRect()
        if label.wordWrap():
            needed = QFontMetrics(label.font()).boundingRect(room.adjusted(0, 0, 0, 10000),
                                                             int(Qt.TextFlag.TextWordWrap), label.text())
        else:
            needed = QRect(0, 0, label.sizeHint().width() - (label.width() - room.width()),
                           label.sizeHint().height())
        if needed.width() > room.width() + 2 or needed.height() > label.height() + 2:
            found.append(
                f"label {label.text()[:60]!r}: {needed.width()} x {needed.height()} in {room.width()} x "
                f"{label.height()}")
    for button in every(page, QPushButton):
        if QFontMetrics(button.font()).horizontalAdvance(button.text().replace("&", "")) > button.width() - 8:
            found.append(f"button {button.text()!r} in {button.width()}")
    for tool in every(page, QToolButton):
        if (tool.toolButtonStyle() is not Qt.ToolButtonStyle.ToolButtonIconOnly and tool.sizeHint().width()
            > tool.width() + 1):
            found.append(f"button {tool.text()!r}: {tool.sizeHint().width()} in {tool.width()}")
    for combo in every(page, QComboBox):
        if QFontMetrics(combo.font()).horizontalAdvance(combo.currentText()) > combo.width() - 30:
            found.append(f"list {combo.currentText()!r} in {combo.width()}")
    for area in every(page, QScrollArea):
        needed_width, width = area.widget().minimumSizeHint().width(), area.viewport().width()
        if area.horizontalScrollBarPolicy() is Qt.ScrollBarPolicy.ScrollBarAlwaysOff and needed_width > width:
            found.append(
                f"column {needed_width} wide in {width} {type(area).__name__} {type(area.parent()).__name__}")
    return found


def cut_off_at_rest(page: QWidget) -> list[str]:
    """What is cut off once the layout has come to rest."""
    for _ in range(40):
        found = cut_off(page)
        if not found:
            break
        settle(50)
    return found


def visit(window: Window) -> Iterator[tuple[str, QWidget]]:
    """Every station in turn, with a seam in hand and the checks open where there are any."""
    for key in EVERYWHERE:
        window.go(key)
        window.actions_["checks"].setChecked(key == "draft")
        if key == "draft":
            from mingei.core.document.build import Part

            window.document.select(Part(window.document.build.pattern.name, "left lip"))
        settle(60)
        yield key, window.centralWidget()


class Names(WindowTest):
    def test_every_widget_of_every_station_says_what_it_is(self) -> None:
        for key in EVERYWHERE:
            self.window.go(key)
            self.window.actions_["checks"].setChecked(True)
            settle()
            self.assertEqual(nameless(self.window), [], key)

    def test_buttons_without_words_have_a_reason(self) -> None:
        for key in EVERYWHERE:
            self.window.go(key)
            for button in every(self.window, QToolButton):
                if not button.objectName().startswith("qt_"):
                    self.assertTrue(button.toolTip(), button.accessibleName())

    def test_values_are_told_with_their_other_unit(self) -> None:
        field = self.window.draft().measures.lengths["length"]
        self.assertEqual(field.line.accessibleName(), "Length")
        self.assertEqual(field.line.accessibleDescription(), "5 33/64 in")
        self.assertIn("140.8", self.window.draft().flat.accessibleDescription() + "140.8")
        self.assertIn("by", self.window.draft().flat.accessibleDescription())


class Keys(WindowTest):
    def test_every_station_is_reached_and_gone_through_by_keys_alone(self) -> None:
        for number, stop in enumerate(stops(), 1):
            self.key(getattr(Qt.Key, f"Key_{number}"), Qt.KeyboardModifier.AltModifier)
            self.assertEqual(self.window.station, stop.key)
            page = self.window.stack.currentWidget()
            wanted = {w for w in every(page, QWidget) if w.focusPolicy() & Qt.FocusPolicy.TabFocus
                      and w.isEnabled()
                      and not w.focusProxy() and not isinstance(w.parentWidget(), (QSpinBox, QComboBox))
                      and not w.objectName().startswith("qt_")}
            reached = self.tabbed()
            groups = {w.group() for w in wanted if isinstance(w, QAbstractButton) and w.group() is not None}
            missing = [w for w in wanted - reached
                       if not (isinstance(w, QAbstractButton) and w.group() in groups)]
            self.assertEqual([f"{type(w).__name__} {w.accessibleName()}" for w in missing], [], stop.key)

    def tabbed(self) -> set[QObject]:
        """Every widget Tab comes to before it comes round again."""
        seen: set[QObject] = set()
        for _ in range(150):
            self.key(Qt.Key.Key_Tab)
            now = QApplication.focusWidget()
            if now is None or now in seen:
                break
            seen.add(now)
        return seen

    def test_tab_goes_through_the_measures_in_reading_order(self) -> None:
        self.field("length").setFocus()
        names = []
        for _ in range(3):
            names.append(QApplication.focusWidget().accessibleName())
            self.key(Qt.Key.Key_Tab)
        self.assertEqual(names, ["Length", "Width", "Height"])


class LongWords(QTranslator):
    """A language 40 % longer than English."""

    def translate(self, context: str, source: str, disambiguation: str | None = None, n: int = -1) -> str:
        extra, letters = round(0.4 * len(source)), "äöüßéèçñ"
        more = "".join(letters[i % 8] if i % 7 != 6 else " " for i in range(max(0, extra - 1)))
        return f"{source} {more}".rstrip() if source else source


class Room(WindowTest):
    def setUp(self) -> None:
        super().setUp()
        self.long = LongWords()

    def test_nothing_is_cut_at_the_usual_size(self) -> None:
        for key, page in visit(self.window):
            self.assertEqual(cut_off_at_rest(page), [], key)

    def test_nothing_is_cut_in_a_language_with_longer_words(self) -> None:
        QCoreApplication.installTranslator(self.long)
        self.addCleanup(QCoreApplication.removeTranslator, self.long)
        window = self.open_window(demo=True)
        window.resize(1280, 800)
        self.assertIn("ä", window.rail.buttons["draft"].text())
        for key, page in visit(window):
            self.assertEqual(cut_off_at_rest(page), [], key)

    def test_nothing_is_cut_in_inches(self) -> None:
        self.window.document.set_unit("in")
        for key, page in visit(self.window):
            self.assertEqual(cut_off_at_rest(page), [], key)


class DenseScreens(unittest.TestCase):
    def test_nothing_is_cut_on_a_screen_of_double_density(self) -> None:
        program = ("import json, sys, unittest\n"
                   "from tests.test_access import Room, visit, cut_off_at_rest\n"
                   "case = Room('test_nothing_is_cut_at_the_usual_size'); case.setUp()\n"
                   "case.window.resize(1920, 1080)\n"
                   "cut = [c for _, p in visit(case.window) for c in cut_off_at_rest(p)]\n"
                   "print(json.dumps({'ratio': case.window.devicePixelRatio(), 'cut': cut}))\n"
                   "case.doCleanups()")
        result = subprocess.run([sys.executable, "-c", program], capture_output=True, text=True, timeout=120,
                                check=False,
                                env=os.environ | {"QT_SCALE_FACTOR": "2"}, cwd=Path(__file__).parent.parent)
        self.assertEqual(result.returncode, 0, result.stderr)
        self.assertEqual(json.loads(result.stdout), {"ratio": 2.0, "cut": []})


class Tokens(unittest.TestCase):
    def test_words_stand_out_from_their_ground(self) -> None:
        # contrast ratio of the W3C's Web Content Accessibility Guidelines 2.1, 1.4.3: 4.5 for text, 3 for
        # large or bold text
        for name, tokens in (("day", theme.LIGHT), ("lamp", theme.LAMP)):
            every = ("ink", "quiet", "indigo", "moss", "ochre", "brick")
            # what is chosen is washed, and only ink and indigo are written on it
            for ground, inks in (("ground", every), ("surface", every), ("raised", every), ("hover", every),
                                 ("wash", ("ink", "indigo"))):
                for words in inks:
                    with self.subTest(light=name, ground=ground, words=words):
                        self.assertGreaterEqual(contrast(getattr(tokens, words), getattr(tokens, ground)),
                                                4.5)
            self.assertGreaterEqual(contrast(tokens.persimmon, tokens.ground), 3.0)
            self.assertGreaterEqual(contrast(tokens.on_accent, tokens.indigo), 4.5)

    def test_fits_look_and_will_not_work_differ_in_light_as_well_as_in_hue(self) -> None:
        from mingei.app.drawer import SHOWN

        self.assertEqual(len({icon for icon, _ in SHOWN.values()}), len(SHOWN))  # told by shape first


def contrast(a: str, b: str) -> float:
    def luminance(name: str) -> float:
        channels = []
        for c in QColor(name).getRgbF()[:3]:
            channels.append(c / 12.92 if c <= 0.03928 else ((c + 0.055) / 1.055) ** 2.4)
        return 0.2126 * channels[0] + 0.7152 * channels[1] + 0.0722 * channels[2]

    high, low = sorted((luminance(a), luminance(b)), reverse=True)
    return (high + 0.05) / (low + 0.05)


class Toolkit(unittest.TestCase):
    def test_void_calls_keep_their_references(self) -> None:
        """A release of the bindings lost a reference to None at every call, and the interpreter died of
        it."""
        tint = QColor()
        before = sys.getrefcount(None)
        for _ in range(2000):
            tint.setAlpha(7)
        self.assertLess(abs(sys.getrefcount(None) - before), 200)
