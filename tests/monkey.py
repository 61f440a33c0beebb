"""Somebody who presses anything: random clicks, keys, words and commands on the real window, by seed, with
a watch on faults, on stalls and on what the process holds.

``python -m tests.monkey SECONDS [SEED]`` prints what it did and what it found.
"""

from __future__ import annotations

import faulthandler
import gc
import json
import os
import random
import sys
import tempfile
import time
import traceback
from collections import deque
from pathlib import Path
from types import TracebackType
from typing import Any
from unittest import mock

from PySide6.QtCore import QCoreApplication, QEvent, QPoint, Qt, QTimer
from PySide6.QtGui import QColor, QDesktopServices
from PySide6.QtPrintSupport import QPrintDialog
from PySide6.QtTest import QTest
from PySide6.QtWidgets import (
    QAbstractButton,
    QAbstractItemView,
    QAbstractSlider,
    QAbstractSpinBox,
    QApplication,
    QColorDialog,
    QComboBox,
    QDialog,
    QFileDialog,
    QLineEdit,
    QMenu,
    QPlainTextEdit,
    QWidget,
)

from mingei.app import theme
from mingei.app.main import application, open_on, watch
from mingei.app.settings import Settings
from mingei.app.window import Window
from mingei.assets import demo_file
from mingei.core.document.project import new_brief, new_project
from mingei.formats import project_file
from tests.hostile import NASTY, some_drawing, some_picture
from tests.windows import settle

#: What may not be pressed: it ends the run, or opens what is not ours.
_NOT = {"quit", "log-file"}
_WORDS = (
    "12",
    "0",
    "-3",
    "1e9",
    "80mm",
    "3 1/8 in",
    "=length*2",
    "",
    "x",
    "99999",
    "0.001",
    "50,5",
    "Ärger",
    "1/0",
    "nan",
    "300 x 200 mm",
    "A4",
    "a" * 300,
)
_KEYS = (
    Qt.Key.Key_Tab,
    Qt.Key.Key_Return,
    Qt.Key.Key_Escape,
    Qt.Key.Key_Up,
    Qt.Key.Key_Down,
    Qt.Key.Key_Left,
    Qt.Key.Key_Right,
    Qt.Key.Key_Delete,
    Qt.Key.Key_Space,
    Qt.Key.Key_Home,
    Qt.Key.Key_PageDown,
    Qt.Key.Key_R,
    Qt.Key.Key_L,
    Qt.Key.Key_BracketLeft,
    Qt.Key.Key_Plus,
)
#: Between two looks at the clock the window may be busy so long, s, before it counts.
_STALL_S, _LOOK_MS = 0.5, 10


def held_mb() -> float:
    """What the process holds, MB."""
    with open("/proc/self/statm", encoding="ascii") as file:
        return int(file.read().split()[1]) * os.sysconf("SC_PAGE_SIZE") / 1e6


class Monkey:
    """One run on one window."""

    def __init__(self, window: Window, folder: Path, seed: int) -> None:
        self.window, self.folder, self.rng = window, folder, random.Random(seed)
        self.done: deque[str] = deque(maxlen=12)
        self.faults: list[str] = []
        self.stalls: list[tuple[float, str]] = []
        self.held: list[float] = []
        self.steps = 0
        self._acting = 0
        self._looked = time.monotonic()
        self.files = self._some_files()
        self._on = False
        self._watch = QTimer()
        self._watch.timeout.connect(self._look)

    def _some_files(self) -> list[str]:
        found = []
        for number in range(6):
            path = self.folder / f"drawing {number}.svg"
            path.write_bytes(some_drawing(self.rng))
            some_picture(self.rng, picture := self.folder / f"picture {number}.png")
            project_file.save(
                new_project(new_brief(self.rng.choice(("tray", "carton", "tag", "cone")))),
                project := self.folder / f"thing {number}.mingei",
            )
            found += [str(path), str(picture), str(project)]
        (self.folder / "broken.mingei").write_text("{", encoding="utf-8")
        return [*found, str(self.folder / "broken.mingei"), str(self.folder / "none.svg"), ""]

    def run(self, seconds: float) -> dict[str, Any]:
        """Press for so long; what came of it."""
        end, minute = time.monotonic() + seconds, time.monotonic()
        self._on = True
        self._next()
        self._watch.start(_LOOK_MS)
        while time.monotonic() < end:
            settle(50)
            if time.monotonic() > minute or not self.held:
                gc.collect()
                self.held.append(round(held_mb(), 1))
                minute = time.monotonic() + 30
        self._on = False
        self._watch.stop()
        for _ in range(20):
            self._close_modal()
            settle(20)
        QCoreApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete)
        gc.collect()
        return {
            "steps": self.steps,
            "faults": self.faults,
            "held_mb": [*self.held, round(held_mb(), 1)],
            "stalls": sorted(self.stalls, reverse=True)[:12],
            "widgets": len(QApplication.allWidgets()),
        }

    def fault(self, kind: type[BaseException], error: BaseException, trace: TracebackType | None) -> None:
        said = "".join(traceback.format_exception(kind, error, trace))[-1500:]
        self.faults.append(f"{said}\nafter: {list(self.done)}")

    def _look(self) -> None:
        now = time.monotonic()
        if now - self._looked > _STALL_S:
            self.stalls.append((round(now - self._looked, 2), " | ".join(list(self.done)[-2:])))
        self._looked = now

    def _close_modal(self) -> None:
        modal = QApplication.activeModalWidget()
        if isinstance(modal, QDialog):
            modal.reject()
        popup = QApplication.activePopupWidget()
        if popup is not None:
            popup.close()

    def _next(self) -> None:
        """A step soon: within what a dialog waits in, too, where a repeating timer is not heard again."""
        if self._on:
            QTimer.singleShot(15, self._step)

    def _step(self) -> None:
        if not self._on:
            return
        self._next()
        if self._acting > 3:  # within dialogs within dialogs
            self._close_modal()
            return
        self._acting += 1
        try:
            self.steps += 1
            self._act()
        finally:
            self._acting -= 1

    def _act(self) -> None:
        rng, root = self.rng, QApplication.activePopupWidget() or QApplication.activeModalWidget()
        if isinstance(root, QMenu):
            root.close()
            return
        if root is not None and rng.random() < 0.15:
            self._say("close")
            self._close_modal()
            return
        if root is None and rng.random() < 0.3:
            name = rng.choice(
                [n for n, a in self.window.actions_.by_name.items() if n not in _NOT and a.isEnabled()]
            )
            self._say(name)
            self.window.actions_[name].trigger()
            return
        within = root or self.window
        some = [
            w
            for w in within.findChildren(QWidget)
            if w.isVisible() and w.isEnabled() and w.focusPolicy() != Qt.FocusPolicy.NoFocus
        ]
        if some:
            self._use(rng.choice(some))

    def _say(self, words: str) -> None:
        self.done.append(words)

    def _use(self, widget: QWidget) -> None:
        rng = self.rng
        words = widget.text() if isinstance(widget, QAbstractButton) else widget.accessibleName()
        self._say(f"{type(widget).__name__} {words or widget.objectName()}"[:70])
        if isinstance(widget, QLineEdit):
            widget.setFocus()
            widget.selectAll()
            words = str(rng.choice((*_WORDS, *_WORDS, rng.choice(NASTY))))[:400]
            widget.insert(words.encode("utf-8", "replace").decode("utf-8"))
            widget.textEdited.emit(widget.text())
            QTest.keyClick(widget, rng.choice((Qt.Key.Key_Return, Qt.Key.Key_Tab)))
        elif isinstance(widget, QPlainTextEdit):
            widget.insertPlainText(rng.choice(_WORDS))
        elif isinstance(widget, QComboBox):
            if widget.count():
                row = rng.randrange(widget.count())
                widget.setCurrentIndex(row)
                widget.activated.emit(row)
        elif isinstance(widget, QAbstractSpinBox | QAbstractSlider):
            for _ in range(rng.choice((1, 3))):
                QTest.keyClick(
                    widget,
                    rng.choice(
                        (Qt.Key.Key_Up, Qt.Key.Key_Down, Qt.Key.Key_PageUp, Qt.Key.Key_PageDown, Qt.Key.Key_9)
                    ),
                )
        elif isinstance(widget, QAbstractButton):
            QTest.mouseClick(widget, Qt.MouseButton.LeftButton)
        elif isinstance(widget, QAbstractItemView):
            QTest.keyClick(widget, rng.choice(_KEYS))
        else:
            self._draw(widget)

    def _draw(self, widget: QWidget) -> None:
        """A press, a drag or a key somewhere on a view."""
        rng = self.rng
        at, to = (
            QPoint(rng.randrange(max(1, widget.width())), rng.randrange(max(1, widget.height())))
            for _ in range(2)
        )
        act = rng.randrange(4)
        if act == 0:
            QTest.mouseClick(widget, Qt.MouseButton.LeftButton, pos=at)
        elif act == 1:
            QTest.mousePress(widget, Qt.MouseButton.LeftButton, pos=at)
            QTest.mouseMove(widget, to)
            QTest.mouseRelease(widget, Qt.MouseButton.LeftButton, pos=to)
        elif act == 2:
            QTest.mouseDClick(widget, Qt.MouseButton.LeftButton, pos=at)
        else:
            QTest.keyClick(widget, rng.choice(_KEYS))


def run(seconds: float, seed: int) -> dict[str, Any]:
    """A window of its own with the demo, pressed for so long."""
    with tempfile.TemporaryDirectory() as name:
        folder = Path(name)
        settings = Settings(folder / "mingei.ini")
        app = application(settings)
        theme.apply(app, False)
        window = Window(settings, folder / "state")
        window.resize(1280, 800)
        window.show()
        watch(window)
        open_on(window, demo_file(), True)
        settle(500)
        window.ready.emit()
        monkey = Monkey(window, folder, seed)
        said = sys.excepthook
        sys.excepthook = lambda kind, error, trace: (
            said(kind, error, trace) if _refusal(error) else monkey.fault(kind, error, trace)
        )

        def one(*_: object, **__: object) -> tuple[str, str]:
            return monkey.rng.choice(monkey.files), ""

        def saved(*_: object, **__: object) -> tuple[str, str]:
            ending = monkey.rng.choice((".mingei", ".pdf", ".svg", ".dxf", ".fold", ".csv", "", ".png"))
            return str(folder / f"saved {monkey.rng.randrange(4)}{ending}"), ""

        with (
            mock.patch.object(QFileDialog, "getOpenFileName", side_effect=one),
            mock.patch.object(QFileDialog, "getSaveFileName", side_effect=saved),
            mock.patch.object(QColorDialog, "getColor", return_value=QColor("#336699")),
            mock.patch.object(QDesktopServices, "openUrl", return_value=True),
            mock.patch.object(QPrintDialog, "exec", return_value=0),
        ):
            found = monkey.run(seconds)
        with mock.patch.object(window.desk, "may_leave", return_value=True):
            window.close()
        sys.excepthook = said
        return found


def _refusal(error: BaseException) -> bool:
    from mingei.core.errors import MingeiError

    return isinstance(error, MingeiError)


if __name__ == "__main__":
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    faulthandler.dump_traceback_later(float(sys.argv[1]) + 60, exit=True)  # where it hangs, it says so
    print(json.dumps(run(float(sys.argv[1]), int(sys.argv[2]) if len(sys.argv) > 2 else 0), indent=1))
    sys.stdout.flush()
    os._exit(0)  # at once: what is still under way is not waited for
