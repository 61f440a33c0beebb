"""What was measured between two points: its words, and the line across the flat view."""

from __future__ import annotations

from collections.abc import Sequence
from typing import TYPE_CHECKING

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QFontMetricsF, QPainter, QPen

from mingei.app import theme
from mingei.core.length import typeset, write_both

if TYPE_CHECKING:  # measuring loads when something is measured
    from mingei.core.folded.measuring import Span


def measured_words(found: Span) -> str:
    """A distance in both units."""
    return typeset(write_both(found.length))


def paint_span(painter: QPainter, ends: Sequence[QPointF], found: Span | None) -> None:
    """The ends that are set (px), and between two the line with what was found."""
    painter.setPen(QPen(theme.colour("persimmon"), 1.6))
    for end in ends:
        painter.drawEllipse(end, 4, 4)
    if found is not None:
        painter.drawLine(*ends)
        words = measured_words(found)
        painter.setFont(theme.figure_font(theme.SMALL))
        width = QFontMetricsF(painter.font()).horizontalAdvance(words) + 10
        middle = (ends[0] + ends[1]) / 2
        place = QRectF(middle.x() - width / 2, middle.y() - 24, width, 18)
        painter.fillRect(place, theme.colour("raised"))
        painter.drawText(place, Qt.AlignmentFlag.AlignCenter, words)
