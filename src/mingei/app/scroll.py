"""A column of words that scrolls up and down, and never squeezes them."""

from __future__ import annotations

from PySide6.QtCore import QEvent, QObject, Qt
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QScrollArea, QVBoxLayout, QWidget


class WordScroll(QScrollArea):
    """Widgets go into ``column``.  A plain scroll area squeezes wrapped words below their height before it
    scrolls; this one does not."""

    def __init__(self) -> None:
        super().__init__()
        self.holder = QWidget()
        self.column = QVBoxLayout(self.holder)
        self.column.setSpacing(8)
        self.setWidget(self.holder)
        self.setWidgetResizable(True)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self._watched = False

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if watched is self.holder and event.type() == QEvent.Type.LayoutRequest:
            self.fit()
        return super().eventFilter(watched, event)

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        if not self._watched:  # not while it is filled: every widget added says something
            self._watched = True
            self.holder.installEventFilter(self)
        self.fit()

    def fit(self) -> None:
        """Take the height the words need at this width."""
        self.holder.setMinimumHeight(max(0, self.column.totalHeightForWidth(self.viewport().width())))
