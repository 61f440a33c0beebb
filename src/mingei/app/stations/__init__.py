"""The stations of the work, each a module of its own over one document."""

from __future__ import annotations

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QToolButton, QWidget

from mingei.app import theme
from mingei.app.document import Document
from mingei.app.scroll import WordScroll

#: Width (px) of the column of cards beside a drawing, usual and at the most.
SIDE_WIDTH, SIDE_MOST = 322, 480


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


class SideColumn(WordScroll):
    """Cards one under the other, scrolled when the window is low; as wide as usual, or wider where the words
    need it."""

    def __init__(self, *cards: QWidget) -> None:
        super().__init__()
        self.column.setContentsMargins(0, 0, 4, 0)
        for card in cards:
            self.column.addWidget(card)
        self.column.addStretch(1)
        self.setFixedWidth(SIDE_WIDTH)

    def fit(self) -> None:
        self.setFixedWidth(max(SIDE_WIDTH, min(SIDE_MOST, self.holder.minimumSizeHint().width() + 12)))
        super().fit()
