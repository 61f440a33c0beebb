"""The test strip: print it, write down what was measured, see the fit, and let the stock be what it really
is."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import (
    QDialogButtonBox,
    QFileDialog,
    QGridLayout,
    QLabel,
    QLineEdit,
    QVBoxLayout,
    QWidget,
)

from mingei.app import theme
from mingei.app.desk import Desk
from mingei.app.dialogs import Dialog
from mingei.app.shelf import Shelf
from mingei.app.words import capital, t
from mingei.app.workers import Job
from mingei.core.cabinet.strip import SPACINGS_MM, STACKED, Fit, Reading, What, fit, make_ready
from mingei.core.errors import MingeiError
from mingei.core.length import parse, plain_number, write_mm
from mingei.core.stock import Stock
from mingei.core.words import placed


class _Plot(QWidget):
    """What each reading is off the fit, mm, in the order of the form."""

    def __init__(self) -> None:
        super().__init__()
        self.readings: list[Reading] = []
        self.fit: Fit | None = None
        self.setMinimumHeight(150)
        self.setAccessibleName(t("What each reading is off the fit"))

    def show_fit(self, readings: list[Reading], found: Fit | None) -> None:
        self.readings, self.fit = readings, found
        worst = max((abs(v) for v in found.residuals), default=0.0) if found else 0.0
        self.setAccessibleDescription(t("At most {off} off", off=write_mm(worst, 3)) if found else "")
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        area = QRectF(self.rect()).adjusted(74, 12, -12, -30)
        painter.fillRect(QRectF(self.rect()), theme.colour("surface"))
        if self.fit is None:
            painter.setPen(theme.colour("quiet"))
            painter.drawText(self.rect(), Qt.AlignmentFlag.AlignCenter,
                             t("The fit shows here once three numbers are written."))
            return
        reach = max(0.02, 1.15 * max(abs(v) for v in self.fit.residuals))
        middle = area.center().y()
        painter.setPen(QPen(theme.colour("quiet"), 1))
        painter.drawLine(QPointF(area.left(), middle), QPointF(area.right(), middle))
        for value in (reach, 0.0, -reach):
            y = middle - value / reach * area.height() / 2
            painter.drawText(QRectF(0, y - 9, 68, 18),
                             Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter,
                             f"{value:+.2f} mm" if value else "0")
        names = {What.STACK: t("of"), What.INSIDE: t("in"), What.OUTSIDE: t("out")}
        pitch = area.width() / max(1, len(self.readings))
        for i, (reading, off) in enumerate(zip(self.readings, self.fit.residuals, strict=True)):
            x, y = area.left() + pitch * (i + 0.5), middle - off / reach * area.height() / 2
            painter.setPen(QPen(theme.colour("indigo"), 2))
            painter.drawLine(QPointF(x, middle), QPointF(x, y))
            painter.setBrush(theme.colour("indigo"))
            painter.drawEllipse(QPointF(x, y), 3.5, 3.5)
            painter.setPen(theme.colour("quiet"))
            painter.drawText(QRectF(x - pitch / 2, area.bottom() + 4, pitch, 18),
                             Qt.AlignmentFlag.AlignHCenter,
                             f"{names[reading.what]} {reading.nominal:g}")


class StripDialog(Dialog):
    """Lines for what was measured; empty ones do not count."""

    def __init__(self, stock: Stock, shelf: Shelf, desk: Desk, parent: QWidget) -> None:
        super().__init__(parent)
        self.stock, self.shelf, self.desk = stock, shelf, desk
        self.fit: Fit | None = None
        Job(lambda progress: make_ready()).start()
        self.setWindowTitle(t("Test strip: {stock}", stock=t(stock.name)))
        self.resize(640, 620)
        column = QVBoxLayout(self)
        words = QLabel(
            t("Print the strip on this stock, fold it, and write down what you measure; a caliper or a rule "
              "with half "
              "millimetres will do. Leave empty what you did not measure. A sharp knife cuts the "
              "slots: away from the hand, "
              "along a metal rule."))
        words.setWordWrap(True)
        column.addWidget(words)
        grid = QGridLayout()
        self.lines: dict[tuple[What, float], QLineEdit] = {}
        for i, count in enumerate(STACKED):
            self._line(grid, 0, i, What.STACK, count, t("Stack of {count}", count=count))
        for i, spacing in enumerate(SPACINGS_MM, 1):
            self._line(grid, i, 0, What.INSIDE, spacing,
                       t("Channel {spacing} mm, inside", spacing=plain_number(spacing)))
            self._line(grid, i, 1, What.OUTSIDE, spacing,
                       t("Channel {spacing} mm, outside", spacing=plain_number(spacing)))
        column.addLayout(grid)
        self.said = QLabel()
        self.said.setWordWrap(True)
        column.addWidget(self.said)
        self.plot = _Plot()
        column.addWidget(self.plot, 1)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.print = buttons.addButton(t("Save the strip as PDF…"), QDialogButtonBox.ButtonRole.ActionRole)
        self.take = buttons.addButton(t("The stock is so"), QDialogButtonBox.ButtonRole.AcceptRole)
        self.take.setToolTip(
            t("Thickness and crease gain of the stock become what was measured; it becomes your own"))
        self.print.setAutoDefault(False)
        self.print.clicked.connect(self._save)
        buttons.accepted.connect(self._take)
        buttons.rejected.connect(self.reject)
        column.addWidget(buttons)
        self.refit()

    def _line(self, grid: QGridLayout, row: int, place: int, what: What, nominal: float, words: str) -> None:
        label, line = QLabel(words), QLineEdit()
        label.setBuddy(line)
        line.setAccessibleName(words)
        line.setObjectName("figure")
        line.setMaxLength(60)
        line.textEdited.connect(lambda _: self.refit())
        grid.addWidget(label, row, 2 * place)
        grid.addWidget(line, row, 2 * place + 1)
        self.lines[what, nominal] = line

    def refit(self) -> None:
        """Fit what is written and show it."""
        self.fit = None
        readings: list[Reading] = []
        try:
            for (what, nominal), line in self.lines.items():
                if line.text().strip():
                    readings.append(Reading(what, nominal, parse(line.text())))
            self.fit = fit(readings)
        except MingeiError as error:
            self.said.setText(capital(placed("", error.sentence, error.remedy)) if readings
                              or error.place != "test strip" else
                              t("Three numbers at least: a stack, and a channel inside and outside."))
        else:
            self.said.setText(
                t("{caliper} ± {off} thick, crease gain {gain} ± {gain_off} (95 in 100), from {count} "
                  "numbers.",
                  caliper=write_mm(self.fit.caliper_mm, 3),
                  off=write_mm(self.fit.caliper_off, 3),
                  gain=write_mm(self.fit.gain_mm, 3), gain_off=write_mm(self.fit.gain_off, 3),
                  count=len(readings)))
        self.plot.show_fit(readings, self.fit)
        self.take.setEnabled(self.fit is not None)

    def _take(self) -> None:
        if self.fit is None:
            return
        try:
            fresh = replace(self.stock, caliper_mm=round(self.fit.caliper_mm, 3),
                            crease_gain_mm=round(self.fit.gain_mm, 3))
        except MingeiError as error:
            self.said.setText(capital(placed("", error.sentence, error.remedy)))
            return
        self.shelf.put(fresh)
        self.accept()

    def _save(self) -> None:
        name, _ = QFileDialog.getSaveFileName(self, t("Save the test strip"),
                                              str(Path.home() / f"{self.stock.id}-strip.pdf"),
                                              t("PDF (*.pdf)"))
        if name:
            self.save_to(Path(name) if name.endswith(".pdf") else Path(name + ".pdf"))

    def save_to(self, path: Path) -> None:
        """Write the strip in the background."""
        from mingei.formats.export import strip_pdf

        stock = self.stock
        self.desk.run(lambda progress: strip_pdf(stock, path), t("Saved {name}", name=path.name),
                      t("This cannot be saved"))
