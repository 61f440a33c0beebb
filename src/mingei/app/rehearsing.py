"""Rehearsing a print: the PDF as it would come out of a printer with faults, and what its bars would
measure."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtGui import QImage, QPixmap, QResizeEvent
from PySide6.QtWidgets import (
    QDialogButtonBox,
    QHBoxLayout,
    QLabel,
    QSizePolicy,
    QVBoxLayout,
    QWidget,
)

from mingei.app.dialogs import Dialog
from mingei.app.document import Document
from mingei.app.fields import CountField, QuietCombo
from mingei.app.words import capital, t
from mingei.app.workers import Job, Progress
from mingei.core.errors import MingeiError
from mingei.core.layout.footer import bars
from mingei.core.length import write_mm
from mingei.formats.rehearsal import KNOWN, Rehearsal, rehearse


class RehearseDialog(Dialog):
    """Writes the PDF into memory, reads it back and shows a page of it as a printer would give it."""

    def __init__(self, document: Document, pages: int, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.document = document
        self.setWindowTitle(t("Rehearse the print"))
        self.resize(760, 700)
        self.fault = QuietCombo()
        self.fault.setAccessibleName(t("What the printer does"))
        self.fault.addItems([capital(words) for words, _ in KNOWN])
        self.fault.activated.connect(self._try)
        self.page = CountField(1, max(1, pages), t("Page"))
        self.page.valueChanged.connect(self._try)
        row = QHBoxLayout()
        for words, field in ((t("The printer"), self.fault), (t("Page"), self.page)):
            label = QLabel(words)
            label.setBuddy(field)
            row.addWidget(label)
            row.addWidget(field, 1 if field is self.fault else 0)
        self.bars = QLabel()
        self.bars.setObjectName("cardTitle")
        self.verdict = QLabel()
        self.verdict.setWordWrap(True)
        self.verdict.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
        self.sheet = QLabel()
        self.sheet.setAccessibleName(t("The sheet as it comes out"))
        self.sheet.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.sheet.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Ignored)
        self.sheet.setMinimumHeight(260)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Close)
        buttons.button(QDialogButtonBox.StandardButton.Close).setText(t("Close"))
        buttons.rejected.connect(self.reject)
        column = QVBoxLayout(self)
        column.addLayout(row)
        for widget in (self.bars, self.verdict):
            column.addWidget(widget)
        column.addWidget(self.sheet, 1)
        column.addWidget(buttons)
        self._picture = QPixmap()
        self._data: bytes | None = None
        self._job: Job | None = None
        self._try()

    def _try(self) -> None:
        """Print the page in the background."""
        number, row, project, known = (self.page.value(), self.fault.currentIndex(), self.document.project,
                                       self._data)
        self.bars.setText(t("Printing…"))
        self.verdict.clear()

        def work(progress: Progress) -> object:
            from mingei.formats.export import pdf_of

            data = known or pdf_of(project)
            progress.stop_if_asked()
            return data, rehearse(data, number, KNOWN[row][1], bars(project.paper))

        if self._job is not None:
            self._job.cancel()
        self._job = job = Job(work, self)
        job.done.connect(lambda result: self._show(job, *result))
        job.failed.connect(lambda error: self._refuse(job, error))
        job.start(in_turn=True)

    def _show(self, job: Job, data: bytes, found: Rehearsal) -> None:
        if job is not self._job:
            return
        self._data = data
        image = found.image
        picture = QImage(image.tobytes(), image.width, image.height, image.width,
                         QImage.Format.Format_Grayscale8).copy()
        self._picture = QPixmap.fromImage(picture)
        across, along = (write_mm(mm) if mm else t("not to be seen") for mm in (found.across, found.along))
        self.bars.setText(t("Level bar: {across}. Upright bar: {along}.", across=across, along=along))
        self.verdict.setText("\n".join(f"{capital(words)}." for words in found.verdict))
        self._fit()

    def _refuse(self, job: Job, error: MingeiError) -> None:
        if job is self._job:
            self.bars.setText(t("It cannot be printed"))
            self.verdict.setText(t(error.words))

    def _fit(self) -> None:
        if not self._picture.isNull():
            self.sheet.setPixmap(self._picture.scaled(self.sheet.size() * self.devicePixelRatioF(),
                                                      Qt.AspectRatioMode.KeepAspectRatio,
                                                      Qt.TransformationMode.SmoothTransformation))

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._fit()

    def reject(self) -> None:
        if self._job is not None:
            self._job.cancel()
        super().reject()
