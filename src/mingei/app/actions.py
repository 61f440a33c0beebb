"""Every action of the window: in a menu, with a shortcut, and found by its words."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QEvent, QObject, Qt, QTimer
from PySide6.QtGui import QAction, QKeyEvent, QKeySequence
from PySide6.QtWidgets import QLineEdit, QMenu, QVBoxLayout, QWidget

from mingei.app.dialogs import Dialog
from mingei.app.lists import Line, PlainList
from mingei.app.words import t


class Actions:
    """The actions by name, made once and added to menus."""

    def __init__(self, owner: QWidget) -> None:
        self.owner = owner
        self.by_name: dict[str, QAction] = {}

    def add(self, menu: QMenu, name: str, words: str, act: Callable[[], object],
            keys: QKeySequence | QKeySequence.StandardKey | str,
            hint: str = "", checkable: bool = False) -> QAction:
        """One action; keys are its shortcut."""
        action = QAction(words, self.owner)
        action.setShortcut(QKeySequence(keys))
        action.setCheckable(checkable)
        action.setToolTip(hint or words.replace("&", ""))
        action.setStatusTip(hint)
        action.triggered.connect(lambda _=False: act())
        menu.addAction(action)
        self.owner.addAction(action)
        self.by_name[name] = action
        return action

    def __getitem__(self, name: str) -> QAction:
        return self.by_name[name]


def each(*acts: Callable[[], object]) -> Callable[[], None]:
    """One act after another, as one."""
    def act() -> None:
        for one in acts:
            one()
    return act


class Finder(Dialog):
    """Type a few letters of what you want to do, press Enter."""

    def __init__(self, actions: Actions, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle(t("Find a command"))
        self.setMinimumSize(460, 360)
        self.actions_ = actions
        self.words = QLineEdit()
        self.words.setPlaceholderText(t("What do you want to do?"))
        self.words.setAccessibleName(t("What do you want to do?"))
        self.list = PlainList(t("Commands found"))
        column = QVBoxLayout(self)
        column.addWidget(self.words)
        column.addWidget(self.list, 1)
        self.words.textChanged.connect(self._search)
        self.words.returnPressed.connect(self._run)
        self.words.installEventFilter(self)
        self.list.activated.connect(lambda _: self._run())
        self._search("")

    def _search(self, text: str) -> None:
        """Commands that hold every word typed, in the order of the menus."""
        wanted = text.lower().split()
        lines = []
        for name, action in self.actions_.by_name.items():
            words = action.text().replace("&", "")
            if action.isEnabled() and all(w in f"{words} {action.toolTip()}".lower() for w in wanted):
                keys = action.shortcut().toString(QKeySequence.SequenceFormat.NativeText)
                lines.append(Line(f"{words}    {keys}" if keys else words, name, action.toolTip()))
        self.list.show_lines(lines, 0)

    def _run(self) -> None:
        if self.list.current >= 0:
            action = self.actions_[self.list.lines[self.list.current].data]
            # afterwards: what it asks would be asked within a key press on a line that is gone by then
            QTimer.singleShot(0, action, action.trigger)
            self.accept()

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if (isinstance(event, QKeyEvent) and event.type() == QEvent.Type.KeyPress
            and event.key() in (Qt.Key.Key_Down, Qt.Key.Key_Up)):
            step = 1 if event.key() == Qt.Key.Key_Down else -1
            self.list.take(max(0, min(len(self.list.lines) - 1, self.list.current + step)))
            return True
        return super().eventFilter(watched, event)
