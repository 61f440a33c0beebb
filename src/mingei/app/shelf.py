"""The person's stock cabinet as the window has it: read once, written at every change, each change undone one
by one."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from mingei.core.cabinet.stocks import Cabinet
from mingei.core.errors import MingeiError
from mingei.core.layout.laying import Printer
from mingei.core.layout.offcuts import Offcut
from mingei.core.stock import Stock
from mingei.formats import stock_file


class Shelf(QObject):
    """changed: the cabinet holds something else now; failed: it could not be read or written (a
    MingeiError)."""

    changed = Signal()
    failed = Signal(object)

    def __init__(self, path: Path, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.path = path
        self._cabinet: Cabinet | None = None
        self._before: list[Cabinet] = []
        self._unreadable = False

    @property
    def cabinet(self) -> Cabinet:
        if self._cabinet is None:
            try:
                self._cabinet = stock_file.load(self.path)
            # the file stays as it is: nothing is written over what could not be read
            except MingeiError as error:
                self._cabinet, self._unreadable = Cabinet(), True
                self.failed.emit(error)
        return self._cabinet

    @property
    def can_undo(self) -> bool:
        return bool(self._before)

    def put(self, stock: Stock) -> None:
        """Put a stock in, or in the place of the one of its id."""
        self._become(self.cabinet.with_stock(stock))

    def take_out(self, stock_id: str) -> None:
        self._become(self.cabinet.without(stock_id))

    def put_printer(self, printer: Printer) -> None:
        """Keep a printer as it was measured, in the place of the one of its name."""
        self._become(self.cabinet.with_printer(printer))

    def drop_printer(self, name: str) -> None:
        self._become(self.cabinet.without_printer(name))

    def keep_offcuts(self, offcuts: Sequence[Offcut]) -> None:
        self._become(self.cabinet.with_offcuts(offcuts))

    def use_offcut(self, offcut: Offcut) -> None:
        self._become(self.cabinet.without_offcut(offcut))

    def undo(self) -> None:
        """Take back the last change."""
        if self._before:
            self._write(self._before.pop())

    def _become(self, cabinet: Cabinet) -> None:
        if cabinet != self.cabinet:
            self._before.append(self.cabinet)
            self._write(cabinet)

    def _write(self, cabinet: Cabinet) -> None:
        self._cabinet = cabinet
        if not self._unreadable:
            try:
                stock_file.save(cabinet, self.path)
            except MingeiError as error:
                self.failed.emit(error)
        self.changed.emit()
