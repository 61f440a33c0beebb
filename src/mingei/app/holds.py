"""What is held while it sets: a ring that empties for each hold, which runs on while one reads on."""

from __future__ import annotations

import math

from PySide6.QtCore import QElapsedTimer, QRectF, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QSizePolicy, QWidget

from mingei.app import theme
from mingei.app.words import t

_TURN_MS = 200
_HIGH, _RING = 46, 34


class Holds(QWidget):
    """Holds that run, one beside the other.  over: one has run out, by its words."""

    over = Signal(str)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._clock = QElapsedTimer()
        self._clock.start()
        self.running: list[tuple[str, float, float]] = []  # words, ends at, lasts: s
        self.timer = QTimer(self)
        self.timer.setInterval(_TURN_MS)
        self.timer.timeout.connect(self._turn)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setAccessibleName(t("What is held"))
        self.hide()

    def now(self) -> float:
        """Seconds since it was made."""
        return self._clock.elapsed() / 1000.0

    def hold(self, words: str, seconds: float) -> None:
        """Begin to hold something."""
        self.running = [r for r in self.running if r[0] != words] + [(words, self.now() + seconds, seconds)]
        self.timer.start()
        self._show()

    def _turn(self) -> None:
        done = [words for words, ends, _ in self.running if ends <= self.now()]
        self.running = [r for r in self.running if r[1] > self.now()]
        if not self.running:
            self.timer.stop()
        self._show()
        for words in done:
            self.over.emit(words)

    def _show(self) -> None:
        self.setVisible(bool(self.running))
        self.setFixedHeight(_HIGH * len(self.running))
        self.setAccessibleDescription("; ".join(self.told()))
        self.update()

    def told(self) -> list[str]:
        """Each hold in words."""
        return [t("{words}: {seconds} s more", words=words, seconds=math.ceil(ends - self.now()))
                for words, ends, _ in self.running]

    def sizeHint(self) -> QSize:
        return QSize(220, _HIGH * max(1, len(self.running)))

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        for row, ((_, ends, lasts), said) in enumerate(zip(self.running, self.told(), strict=True)):
            left = max(0.0, ends - self.now())
            ring = QRectF(6, row * _HIGH + (_HIGH - _RING) / 2, _RING, _RING)
            painter.setPen(QPen(theme.colour("line"), 5))
            painter.drawEllipse(ring)
            painter.setPen(QPen(theme.colour("persimmon"), 5, Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap))
            painter.drawArc(ring, 90 * 16, round(-360 * 16 * left / max(lasts, 1e-9)))
            painter.setPen(theme.colour("ink"))
            painter.drawText(QRectF(_RING + 16, row * _HIGH, self.width() - _RING - 20, _HIGH),
                             Qt.AlignmentFlag.AlignVCenter | Qt.TextFlag.TextWordWrap, said)
        painter.end()
