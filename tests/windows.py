"""Real windows for tests: opened on a folder of their own, driven by clicks and keys."""

from __future__ import annotations

import contextlib
import faulthandler
import os
import tempfile
import time
import unittest
from collections.abc import Callable, Iterator
from pathlib import Path
from typing import TypeVar
from unittest import mock

from PySide6.QtCore import QCoreApplication, QEvent, QEventLoop, QPoint, QPointF, Qt, QTimer
from PySide6.QtGui import QMouseEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QFileDialog, QLineEdit, QMessageBox, QPushButton, QWidget

from mingei.app.fields import LengthField
from mingei.app.flat_view import FlatView
from mingei.app.main import application, open_on
from mingei.app.settings import Settings
from mingei.app.window import Window
from mingei.app.workers import wait_for_all
from mingei.core.document.build import Part

W = TypeVar("W", bound=QWidget)
_PATIENCE_S = 60.0
_WATCHDOG_S = 180


def settle(ms: int = 30) -> None:
    """Let the window work for so long.  The toolkit's own waiting for tests keeps Python to itself, so that
    work in the background hardly gets on meanwhile."""
    loop = QEventLoop()
    QTimer.singleShot(ms, loop.quit)
    loop.exec()
    QCoreApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete)


def wait_for(condition: Callable[[], object]) -> None:
    """Let the window work until the condition holds.  Raises AssertionError when it never does."""
    end = time.monotonic() + _PATIENCE_S
    while not condition():
        if time.monotonic() > end:
            raise AssertionError("waited in vain")
        settle(5)


def reading_ends() -> None:
    """What is read in the background is there."""
    wait_for_all(20_000)
    settle()


def steady(flat: FlatView) -> None:
    """The drawing has the room it keeps: however busy the machine is, places on it do not move any more."""
    seen: list[tuple[object, ...]] = []

    def still() -> bool:
        settle()
        seen.append((flat.size(), flat.scale, flat.origin.toTuple()))
        return len(seen) > 2 and seen[-1] == seen[-2] == seen[-3]

    wait_for(still)


def click(widget: QWidget, at: QPointF | QPoint | None = None,
          button: Qt.MouseButton = Qt.MouseButton.LeftButton) -> None:
    """A real click, in the middle of a widget or at a point of it."""
    place = widget.rect().center() if at is None else at.toPoint() if isinstance(at, QPointF) else at
    QTest.mouseClick(widget, button, Qt.KeyboardModifier.NoModifier, place)


def drag(widget: QWidget, start: QPointF, end: QPointF, steps: int = 6,
         button: Qt.MouseButton = Qt.MouseButton.LeftButton) -> None:
    """Press, move in steps, release."""
    QTest.mouseMove(widget, start.toPoint())
    QTest.mousePress(widget, button, Qt.KeyboardModifier.NoModifier, start.toPoint())
    for number in range(1, steps + 1):
        at = start + (end - start) * number / steps
        event = QMouseEvent(QEvent.Type.MouseMove, at, widget.mapToGlobal(at), Qt.MouseButton.NoButton,
                            button,
                            Qt.KeyboardModifier.NoModifier)
        QApplication.sendEvent(widget, event)
        settle(1)
    QTest.mouseRelease(widget, button, Qt.KeyboardModifier.NoModifier, end.toPoint())


def write(field: QWidget, text: str) -> None:
    """Replace what stands in a field, key by key."""
    line = field if isinstance(field, QLineEdit) else field.findChild(QLineEdit)
    assert isinstance(line, QLineEdit)
    line.setFocus()
    line.selectAll()
    QTest.keyClicks(line, text)
    judged = field if isinstance(field, LengthField) else line.parentWidget()
    if isinstance(judged, LengthField):
        judged.judge()  # as when the hand rests


def answer(button: QMessageBox.StandardButton, seen: list[str] | None = None) -> None:
    """Press a button of the next message box that opens; seen gathers what it said."""
    def look() -> None:
        box = QApplication.activeModalWidget()
        if isinstance(box, QMessageBox):
            if seen is not None:
                seen.append(f"{box.text()} {box.informativeText()}")
            click(box.button(button))
        else:
            QTimer.singleShot(20, look)

    QTimer.singleShot(20, look)


@contextlib.contextmanager
def answer_file(path: Path) -> Iterator[None]:
    """The toolkit's own dialog for saving answers with a path; it is not ours to drive, and its readiness is
    not ours to await."""
    with mock.patch.object(QFileDialog, "getSaveFileName", return_value=(str(path), "")) as asked:
        yield
    asked.assert_called_once()


def every(widget: QWidget, kind: type[W]) -> Iterator[W]:
    """The visible widgets of a kind within a widget, itself included."""
    for child in [widget, *widget.findChildren(QWidget)]:
        if isinstance(child, kind) and child.isVisibleTo(widget):
            yield child


class WindowTest(unittest.TestCase):
    """A window of its own for each test, with settings and state of its own."""

    demo = True
    file: Path | None = None

    def setUp(self) -> None:
        # a window that waits for an answer no test gives would wait for ever
        faulthandler.dump_traceback_later(_WATCHDOG_S, exit=True)
        self.addCleanup(faulthandler.cancel_dump_traceback_later)
        holder = tempfile.TemporaryDirectory()
        self.addCleanup(holder.cleanup)
        self.folder = Path(holder.name)
        self.settings = Settings(self.folder / "mingei.ini")
        self.settings.put("light", "day")
        self.settings.put("unit", "mm")
        self.settings.put("sheet", "A4")
        os.environ["QT_QPA_NO_NATIVE_MENUBAR"] = "1"
        self.app = application(self.settings)
        self.window = self.open_window(self.file, self.demo)

    def open_window(self, file: Path | None = None, demo: bool = False) -> Window:
        window = Window(self.settings, self.folder / "state")
        window.show()
        QTest.qWaitForWindowExposed(window)
        open_on(window, file, demo)
        window.activateWindow()
        self.addCleanup(self.shut, window)
        settle()
        return window

    def shut(self, window: Window) -> None:
        """Put a window away without a question."""
        window.document.undo.setClean()
        window.close()
        window.deleteLater()
        settle(1)

    def part(self, panel: str) -> Part:
        return Part(self.window.document.build.pattern.name, panel)

    def key(self, key: Qt.Key | str, modifier: Qt.KeyboardModifier = Qt.KeyboardModifier.NoModifier,
            on: QWidget | None = None) -> None:
        """A key, to the widget that has the focus."""
        target = on or QApplication.focusWidget() or self.window
        if isinstance(key, str):
            QTest.keyClicks(target, key, modifier)
        else:
            QTest.keyClick(target, key, modifier)

    def field(self, name: str) -> QLineEdit:
        """The field of a measure on the Draft station."""
        return self.window.draft().measures.lengths[name].line

    def button(self, words: str) -> QPushButton:
        """The visible button of those words."""
        return next(b for b in every(self.window, QPushButton) if b.text() == words)

    def wait_for_jobs(self) -> None:
        wait_for(lambda: not self.window.desk.jobs)
