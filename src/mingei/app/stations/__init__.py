"""The stations of the work, each a module of its own over one document."""

from __future__ import annotations

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QScrollArea, QToolButton, QVBoxLayout, QWidget

from mingei.app import theme
from mingei.app.document import Document

#: Width (px) of the column of cards beside a drawing.
SIDE_WIDTH = 322


class Station(QWidget):
    """What every station is: a page over the document.

    wanted: an action of the window, by name; told: a line about what is pointed at, "" for nothing.
    """

    wanted = Signal(str)
    told = Signal(str)

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.document = document

    def enter(self) -> None:
        """The station comes into view: put the focus where the work begins."""

    def retint(self) -> None:
        """The colours in force have changed."""
        for button in self.findChildren(QToolButton):
            if button.property("icon_name"):
                button.setIcon(theme.icon(button.property("icon_name")))
        self.update()


def side_column(*cards: QWidget) -> QScrollArea:
    """Cards one under the other, scrolled when the window is low."""
    holder = QWidget()
    column = QVBoxLayout(holder)
    column.setContentsMargins(0, 0, 4, 0)
    column.setSpacing(8)
    for card in cards:
        column.addWidget(card)
    column.addStretch(1)
    scroll = QScrollArea()
    scroll.setWidget(holder)
    scroll.setWidgetResizable(True)
    scroll.setFixedWidth(SIDE_WIDTH)
    scroll.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
    scroll.setFocusPolicy(Qt.FocusPolicy.NoFocus)
    return scroll
