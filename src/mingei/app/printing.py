"""Printing straight to a printer: the pages of the PDF, at exactly their size, whatever the printer's own
settings would make of them."""

from __future__ import annotations

from PySide6.QtCore import QMarginsF, QRectF, QSizeF
from PySide6.QtGui import QImage, QPageLayout, QPageSize, QPainter
from PySide6.QtPrintSupport import QPrinter

from mingei.app.workers import Progress
from mingei.core.errors import ExportError
from mingei.core.layout.sheets import Sheet
from mingei.core.words import say

#: Pages are drawn no finer than this, dots an inch: lines of cards gain nothing from more.
_FINEST_DPI = 600


def printer_for(sheet: Sheet) -> QPrinter:
    """A printer set to the sheet, its whole paper the page: no margin shifts and no scale shrinks what is
    printed."""
    printer = QPrinter(QPrinter.PrinterMode.HighResolution)
    printer.setFullPage(True)
    size = QPageSize(QSizeF(sheet.width, sheet.height), QPageSize.Unit.Millimeter, sheet.name,
                     QPageSize.SizeMatchPolicy.FuzzyMatch)
    printer.setPageLayout(QPageLayout(size, QPageLayout.Orientation.Portrait, QMarginsF(0, 0, 0, 0)))
    printer.setCreator("Mingei")
    return printer


def print_pages(data: bytes, printer: QPrinter, progress: Progress | None = None) -> int:
    """Print a PDF, or the pages of it the printer was asked for; returns how many.

    Raises ExportError when the printer does not take them; Cancelled when it was asked to stop.
    """
    import pypdfium2

    document = pypdfium2.PdfDocument(data)
    first, last = printer.fromPage() or 1, printer.toPage() or len(document)
    numbers = range(max(1, first), min(last, len(document)) + 1)
    painter = QPainter()
    if not painter.begin(printer):
        document.close()
        raise ExportError("the printer does not take it", printer.printerName(),
                          "see that it is on, or save as PDF and print that")
    try:
        dpi = min(printer.resolution(), _FINEST_DPI)
        finer = printer.resolution() / dpi
        for done, number in enumerate(numbers):
            if progress is not None:
                progress.report(done / max(1, len(numbers)))
            if done and not printer.newPage():
                raise ExportError("the printer stopped taking pages", say("page {number}", number=number),
                                  "print the rest from there")
            page = document[number - 1]
            picture = page.render(scale=dpi / 72).to_pil().convert("RGB")
            image = QImage(picture.tobytes(), picture.width, picture.height, 3 * picture.width,
                           QImage.Format.Format_RGB888)
            # the picture is a whole number of dots, a little more than the page: it is not squeezed into it
            painter.drawImage(QRectF(0, 0, picture.width * finer, picture.height * finer), image)
    finally:
        painter.end()
        document.close()
    return len(numbers)
