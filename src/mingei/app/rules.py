"""The rules along two edges of the flat view and the faint grid they carry across the paper."""

from __future__ import annotations

import math
from typing import NamedTuple

from PySide6.QtCore import QLineF, QPointF, QRect, Qt
from PySide6.QtGui import QPainter, QPen

from mingei.app import theme
from mingei.core.length import MM_PER_INCH, plain_number

RULE_PX = 22
_IN_STEPS = ((1 / 8, 2), (1 / 4, 4), (1 / 2, 4), (1.0, 8), (2.0, 8), (5.0, 5), (10.0, 10), (20.0, 4),
             (50.0, 5))
_MM_STEPS = ((1.0, 2), (5.0, 5), (10.0, 10), (20.0, 4), (50.0, 5), (100.0, 10), (200.0, 4), (500.0, 5),
             (1000.0, 10))


class Scale(NamedTuple):
    """How the paper lies under the view: the person's unit, px a mm, and where (px) the rule's zero lies."""

    unit: str
    px_a_mm: float
    zero: QPointF

    def steps(self) -> tuple[float, int, float]:
        """Units between figures, parts between figures, px between parts; figures stand at least 50 px
        apart."""
        inches = self.unit == "in"
        px_a_unit = self.px_a_mm * (MM_PER_INCH if inches else 1.0)
        choices = _IN_STEPS if inches else _MM_STEPS
        major, parts = next((c for c in choices if c[0] * px_a_unit >= 50), choices[-1])
        return major, parts, major * px_a_unit / parts


def paint_grid(painter: QPainter, scale: Scale, paper: QRect) -> None:
    """A faint line at every figure of the rules."""
    _, parts, step = scale.steps()
    pen = QPen(theme.colour("grid"), 1)
    pen.setCosmetic(True)
    painter.setPen(pen)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing, False)
    far = step * parts
    for number in range(math.ceil((paper.left() - scale.zero.x()) / far),
                        math.floor((paper.right() - scale.zero.x()) / far) + 1):
        x = round(scale.zero.x() + number * far)
        painter.drawLine(x, paper.top(), x, paper.bottom())
    for number in range(math.ceil((paper.top() - scale.zero.y()) / far),
                        math.floor((paper.bottom() - scale.zero.y()) / far) + 1):
        y = round(scale.zero.y() + number * far)
        painter.drawLine(paper.left(), y, paper.right(), y)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing, True)


def paint_rules(painter: QPainter, scale: Scale, width: int, height: int) -> None:
    """A rule in the person's unit along the left and lower edges of a view of that size (px)."""
    ground, tint = theme.colour("ground"), theme.colour("quiet")
    painter.fillRect(QRect(0, 0, RULE_PX, height), ground)
    painter.fillRect(QRect(0, height - RULE_PX, width, RULE_PX), ground)
    painter.setFont(theme.figure_font(7.5))
    major, parts, step = scale.steps()
    painter.setPen(QPen(tint, 1))
    ticks: list[QLineF] = []
    for level in (True, False):
        if not level:  # its figures are read from the right
            painter.rotate(-90)
        origin = scale.zero.x() if level else scale.zero.y()
        low, high = (RULE_PX, width) if level else (0, height - RULE_PX)
        sign = 1 if level else -1
        ends = sorted(((low - origin) * sign / step, (high - origin) * sign / step))
        for number in range(math.ceil(ends[0]), math.floor(ends[1]) + 1):
            at = origin + sign * number * step
            long = number % parts == 0
            tick = 9 if long else 4
            ticks.append(QLineF(at, height - RULE_PX, at, height - RULE_PX + tick) if level
                         else QLineF(RULE_PX, at, RULE_PX - tick, at))
            if long:
                words = plain_number(number / parts * major, 3)
                painter.drawText(QPointF(at + 3, height - 4) if level else QPointF(3 - at, 10), words)
    painter.rotate(90)
    painter.drawLines(ticks)
    painter.fillRect(QRect(0, height - RULE_PX, RULE_PX, RULE_PX), ground)
    painter.drawText(QRect(0, height - RULE_PX, RULE_PX, RULE_PX), Qt.AlignmentFlag.AlignCenter, scale.unit)
