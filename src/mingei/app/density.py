"""Measuring the screen: a bar that the person makes exactly 100 mm long with a rule held against it."""

from __future__ import annotations

from PySide6.QtCore import QRectF, Qt, Signal
from PySide6.QtGui import QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QDialogButtonBox, QLabel, QSlider, QVBoxLayout, QWidget

from mingei.app import theme
from mingei.app.dialogs import Dialog
from mingei.app.settings import Settings
from mingei.app.words import t
from mingei.core.length import MM_PER_INCH

BAR_MM = 100
_FINE = 400  # slider steps for each px a mm
LEAST, MOST = 2.0, 12.0


class _Bar(QWidget):
    def __init__(self) -> None:
        super().__init__()
        self.px_a_mm = 4.0
        self.setMinimumSize(round(BAR_MM * MOST) // 2, 60)

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        length = BAR_MM * self.px_a_mm
        left = (self.width() - length) / 2
        painter.fillRect(QRectF(left, 22, length, 16), theme.colour("indigo"))
        painter.setPen(QPen(theme.colour("ink"), 1))
        painter.drawText(QRectF(0, 38, self.width(), 20), Qt.AlignmentFlag.AlignCenter,
                         t("{length} mm", length=BAR_MM))


class DensityDialog(Dialog):
    """chosen: px a mm."""

    chosen = Signal(float)

    def __init__(self, settings: Settings, parent: QWidget) -> None:
        super().__init__(parent)
        self.settings = settings
        self.setWindowTitle(t("Measure this screen"))
        column = QVBoxLayout(self)
        words = QLabel(
            t("Hold a rule against the bar and move the slider until the bar is exactly 100 mm long. "
              "Actual size is then true on this screen."))
        words.setWordWrap(True)
        self.bar = _Bar()
        self.slider = QSlider(Qt.Orientation.Horizontal)
        self.slider.setRange(round(LEAST * _FINE), round(MOST * _FINE))
        self.slider.setAccessibleName(t("Length of the bar"))
        self.slider.valueChanged.connect(self._show)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok
                                   | QDialogButtonBox.StandardButton.Cancel)
        buttons.accepted.connect(self._accept)
        buttons.rejected.connect(self.reject)
        for widget in (words, self.bar, self.slider, buttons):
            column.addWidget(widget)
        self.slider.setValue(round(settings.number("density", parent.physicalDpiX() / MM_PER_INCH) * _FINE))

    def _show(self, value: int) -> None:
        self.bar.px_a_mm = value / _FINE
        self.bar.update()

    def _accept(self) -> None:
        self.settings.put("density", self.bar.px_a_mm)
        self.chosen.emit(self.bar.px_a_mm)
        self.accept()
