"""A value that follows every change of a measure: drawn by itself, so that a new value asks nothing of the
layout round it."""

from __future__ import annotations

import math

from PySide6.QtCore import QRectF, QSize, Qt
from PySide6.QtGui import QAction, QFont, QFontMetricsF, QGuiApplication, QPainter, QPaintEvent
from PySide6.QtWidgets import QSizePolicy, QWidget

from mingei.app import theme
from mingei.app.words import t

_WRAP = int(Qt.AlignmentFlag.AlignLeft | Qt.TextFlag.TextWordWrap)


class Readout(QWidget):
    """A label of figures.  It tells the layout only when it needs more lines than before; its context menu
    copies it."""

    def __init__(self, title: str, font: QFont, tint: str, least_width: int = 40,
                 parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._title, self._tint, self._least, self._text, self._high = title, tint, least_width, "", 0
        self.setFont(font)
        policy = QSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Preferred)
        policy.setHeightForWidth(True)
        self.setSizePolicy(policy)
        self.setAccessibleName(title)
        copy = QAction(t("Copy"), self)
        copy.triggered.connect(lambda: QGuiApplication.clipboard().setText(self._text))
        self.addAction(copy)
        self.setContextMenuPolicy(Qt.ContextMenuPolicy.ActionsContextMenu)

    def text(self) -> str:
        return self._text

    def show_text(self, text: str) -> None:
        if text == self._text:
            return
        self._text = text
        self.setAccessibleDescription(text)
        high = self.heightForWidth(self.width())
        if high != self._high:
            self._high = high
            self.updateGeometry()
        self.update()

    def heightForWidth(self, width: int) -> int:
        metrics, room = QFontMetricsF(self.font()), max(width, self._least)
        if metrics.horizontalAdvance(self._text) <= room:
            return math.ceil(metrics.height())
        return math.ceil(metrics.boundingRect(QRectF(0, 0, room, 1000), _WRAP, self._text).height())

    def sizeHint(self) -> QSize:
        return QSize(self._least, self.heightForWidth(self.width()))

    def minimumSizeHint(self) -> QSize:
        return self.sizeHint()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setPen(theme.colour(self._tint))
        painter.setFont(self.font())
        painter.drawText(QRectF(self.rect()), _WRAP | int(Qt.AlignmentFlag.AlignVCenter), self._text)
