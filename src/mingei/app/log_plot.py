"""The logbook drawn: one plot that answers one question, and how far an entry came out from what was
asked."""

from __future__ import annotations

import math
from collections.abc import Sequence
from typing import NamedTuple

from PySide6.QtCore import QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QSizePolicy, QWidget

from mingei.app import theme
from mingei.app.words import t

#: A side that comes out within so much of what was asked fits (mm; common practice).
TOLERANCE_MM = 0.5
_LEFT, _BELOW, _ABOVE, _DOT = 56.0, 24.0, 14.0, 3.2


class Spot(NamedTuple):
    """One value, in its place from the first on, with the words that tell it."""

    value: float
    words: str


class Question(NamedTuple):
    """What is drawn: its values, the band they should lie in, where they should be, the unit, and the answer
    in words."""

    spots: Sequence[Spot] = ()
    low: float = 0.0
    high: float = 0.0
    unit: str = ""
    answer: str = ""


class PlotView(QWidget):
    """Values one after another, the band they should lie in washed."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.question = Question()
        self.setMinimumHeight(150)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def sizeHint(self) -> QSize:
        return QSize(600, 170)

    def show_question(self, question: Question) -> None:
        self.question = question
        self.setAccessibleDescription(question.answer)
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        room = QRectF(_LEFT, _ABOVE, self.width() - _LEFT - 12, self.height() - _ABOVE - _BELOW)
        q = self.question
        if not q.spots:
            painter.setPen(theme.colour("quiet"))
            painter.drawText(QRectF(self.rect()), Qt.AlignmentFlag.AlignCenter | Qt.TextFlag.TextWordWrap,
                             t("Nothing is measured yet: write down what you made, and what it measured."))
            painter.end()
            return
        values = [s.value for s in q.spots]
        low, high = min(*values, q.low, q.high), max(*values, q.low, q.high)
        air = max((high - low) * 0.12, 1e-3)
        low, high = low - air, high + air

        def y(value: float) -> float:
            return room.bottom() - (value - low) / (high - low) * room.height()

        painter.fillRect(QRectF(room.left(), y(q.high), room.width(), y(q.low) - y(q.high)),
                         theme.colour("wash"))
        painter.setFont(theme.figure_font(theme.SMALL))
        for value in _ticks(low, high):
            painter.setPen(QPen(theme.colour("grid"), 1))
            painter.drawLine(QPointF(room.left(), y(value)), QPointF(room.right(), y(value)))
            painter.setPen(theme.colour("quiet"))
            painter.drawText(QRectF(0, y(value) - 9, _LEFT - 8, 18),
                             Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter,
                             f"{value:g}{q.unit}")
        painter.setPen(QPen(theme.colour("line"), 1))
        painter.drawRect(room)
        for number, spot in enumerate(q.spots):
            at = QPointF(room.left() + (number + 0.5) / len(q.spots) * room.width(), y(spot.value))
            within = q.low <= spot.value <= q.high
            painter.setPen(QPen(theme.colour("surface"), 1))
            painter.setBrush(theme.colour("moss" if within else "brick"))
            if within:
                painter.drawEllipse(at, _DOT, _DOT)
            else:  # another shape, not another colour alone
                painter.drawRect(QRectF(at.x() - _DOT, at.y() - _DOT, 2 * _DOT, 2 * _DOT))
        painter.setPen(theme.colour("quiet"))
        painter.setFont(theme.text_font(theme.SMALL))
        painter.drawText(QRectF(room.left(), room.bottom() + 3, room.width(), _BELOW),
                         Qt.AlignmentFlag.AlignLeft, t("the first"))
        painter.drawText(QRectF(room.left(), room.bottom() + 3, room.width(), _BELOW),
                         Qt.AlignmentFlag.AlignRight, t("the last"))
        painter.end()


def _ticks(low: float, high: float) -> list[float]:
    step = 10 ** math.floor(math.log10((high - low) / 3))
    step *= next(k for k in (1, 2, 5, 10) if (high - low) / (step * k) <= 5)
    first = math.ceil(low / step)
    return [k * step for k in range(first, math.floor(high / step) + 1)]


class ErrorRule(QWidget):
    """A small rule for each side that was measured: how far it came out from what was asked."""

    _HIGH = 24

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.sides: Sequence[tuple[str, float]] = ()
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def show_sides(self, sides: Sequence[tuple[str, float]]) -> None:
        """sides: of each that was measured its name and how much larger than asked it is, mm."""
        self.sides = sides
        self.setFixedHeight(self._HIGH * max(1, len(sides)))
        self.setAccessibleName(t("How far it came out from what was asked"))
        self.setAccessibleDescription("; ".join(f"{name} {error:+.2f} mm" for name, error in sides))
        self.setVisible(bool(sides))
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        most = max((abs(e) for _, e in self.sides), default=0.0)
        span = max(1.0, math.ceil(most * 2) / 2)
        left, right = 64.0, self.width() - 76.0
        for row, (name, error) in enumerate(self.sides):
            y = row * self._HIGH + self._HIGH / 2
            zero = (left + right) / 2
            scale = (right - left) / 2 / span
            painter.fillRect(QRectF(zero - TOLERANCE_MM * scale, y - 7, 2 * TOLERANCE_MM * scale, 14),
                             theme.colour("wash"))
            painter.setPen(QPen(theme.colour("quiet"), 1))
            painter.drawLine(QPointF(left, y), QPointF(right, y))
            for k in range(-round(span * 2), round(span * 2) + 1):
                high = 6 if k % 2 == 0 else 3
                painter.drawLine(QPointF(zero + k / 2 * scale, y - high), QPointF(zero + k / 2 * scale, y))
            within = abs(error) <= TOLERANCE_MM
            painter.setPen(QPen(theme.colour("moss" if within else "brick"), 3))
            painter.drawLine(QPointF(zero + error * scale, y - 9), QPointF(zero + error * scale, y + 9))
            painter.setPen(theme.colour("ink"))
            painter.setFont(theme.text_font(theme.SMALL))
            painter.drawText(QRectF(0, y - 10, left - 6, 20), Qt.AlignmentFlag.AlignVCenter, name)
            painter.setFont(theme.figure_font(theme.SMALL))
            painter.drawText(QRectF(right + 6, y - 10, 70, 20), Qt.AlignmentFlag.AlignVCenter,
                             f"{error:+.2f} mm")
        painter.end()
