"""The rail across the top: the stations in the order of the work, each with a mark when something there wants
attention."""

from __future__ import annotations

from collections.abc import Sequence
from typing import NamedTuple

from PySide6.QtCore import QPointF, QSize, Qt, Signal
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QButtonGroup, QHBoxLayout, QToolButton, QWidget

from mingei.app import theme
from mingei.app.words import t


class Stop(NamedTuple):
    """A station on the rail: its key, title, icon, and what is done there."""

    key: str
    title: str
    icon: str
    hint: str


class StationButton(QToolButton):
    """A button with a small mark at its corner: "" none, else a colour's token."""

    def __init__(self, stop: Stop, number: int) -> None:
        super().__init__()
        self.setObjectName("station")
        self.setCheckable(True)
        self.setText(f" {number}  {stop.title}")
        self.setProperty("icon_name", stop.icon)
        self.setIcon(theme.icon(stop.icon))
        self.setIconSize(QSize(17, 17))
        self.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
        self.setToolTip(t("{hint} (Alt+{number})", hint=stop.hint, number=number))
        self.stop = stop
        self.mark = ""
        self.set_mark("", "")

    def set_mark(self, token: str, words: str) -> None:
        name = self.stop.title + (f": {words}" if words else "")
        if (token, name) != (self.mark, self.accessibleName()):
            self.mark = token
            self.setAccessibleName(name)
            self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        super().paintEvent(event)
        if self.mark:
            painter = QPainter(self)
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(theme.colour(self.mark))
            painter.drawEllipse(QPointF(self.width() - 7, 9), 4, 4)


class Rail(QWidget):
    """chosen: the key of a station."""

    chosen = Signal(str)

    def __init__(self, stops: Sequence[Stop], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(1)
        self.group = QButtonGroup(self)
        self.buttons: dict[str, StationButton] = {}
        for number, stop in enumerate(stops, 1):
            button = StationButton(stop, number)
            button.clicked.connect(lambda _=False, key=stop.key: self.chosen.emit(key))
            self.group.addButton(button)
            self.buttons[stop.key] = button
            row.addWidget(button)

    def show_station(self, key: str) -> None:
        """Mark a station as the one shown; none for a page that is no station."""
        self.group.setExclusive(False)
        for name, button in self.buttons.items():
            button.setChecked(name == key)
        self.group.setExclusive(bool(key))

    def mark(self, key: str, token: str, words: str) -> None:
        self.buttons[key].set_mark(token, words)
