"""Autosave: a few seconds after a change the work is kept aside, and the file is removed once it is saved or
closed in peace."""

from __future__ import annotations

import os
from itertools import count
from pathlib import Path

from PySide6.QtCore import QObject, QTimer, Signal

from mingei.app.document import Document
from mingei.app.workers import Job
from mingei.core.errors import MingeiError
from mingei.formats import recovery

#: Changes are kept aside this long (ms) after the first of them; well within five seconds.
DELAY_MS = 2000
_numbers = count(1)


class Autosave(QObject):
    """Keeps one document's unsaved work aside.  failed: it could not be kept, with the reason."""

    failed = Signal(object)
    kept = Signal()

    def __init__(self, document: Document, folder: Path, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.document = document
        self.folder = folder
        self.name = f"{os.getpid()}-{next(_numbers)}"
        self.place: Path | None = None
        self._job: Job | None = None
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(DELAY_MS)
        self._timer.timeout.connect(self.keep)
        document.changed.connect(self._changed)
        document.moved.connect(self._changed)

    def _changed(self) -> None:
        if not self.document.dirty:
            self.forget()
        elif not self._timer.isActive():
            self._timer.start()

    def keep(self) -> None:
        """Keep the work aside now, off the interface thread."""
        if self._job is not None:
            self._timer.start()
            return
        project, path = self.document.project, self.document.path
        self._job = Job(lambda progress: recovery.write(self.folder, self.name, project, path), self)
        self._job.done.connect(self._done)
        self._job.failed.connect(self._failed)
        self._job.start()

    def _done(self, place: Path) -> None:
        self._job = None
        self.place = place
        if self.document.dirty:
            self.kept.emit()
        else:
            self.forget()

    def _failed(self, error: MingeiError) -> None:
        self._job = None
        self.failed.emit(error)

    def forget(self) -> None:
        """There is nothing unsaved."""
        self._timer.stop()
        if self.place is not None:
            recovery.remove(self.place)
            self.place = None
