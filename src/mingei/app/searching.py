"""A search that gets better and better in the background, begun and stopped by one button; the best so far is
kept."""

from __future__ import annotations

from collections.abc import Callable, Generator
from contextlib import closing
from typing import Any

from PySide6.QtCore import QObject, Signal
from PySide6.QtWidgets import QPushButton

from mingei.app.words import t
from mingei.app.workers import Job, Progress
from mingei.core.errors import MingeiError


class Search(QObject):
    """improved: the best so far, which says what share of the search is done; stopping: it was asked to stop;
    ended: the best there was, None where there was none, and the error that ended it, None where none did;
    given_up: what is searched is no longer wanted."""

    improved = Signal(object)
    stopping = Signal()
    ended = Signal(object, object)
    given_up = Signal()

    def __init__(self, button: QPushButton, begin: Callable[[], Callable[[], Generator[Any]]]) -> None:
        """begin: called on the interface thread, hands over what then searches on another; it yields the best
        so far, or None where there is nothing new."""
        super().__init__(button)
        self._button, self._words = button, button.text()
        self._begin = begin
        self._job: Job | None = None
        self._best: Any = None
        button.clicked.connect(self.toggle)

    @property
    def busy(self) -> bool:
        return self._job is not None

    def toggle(self) -> None:
        """Begin, or stop and keep the best."""
        if self._job is not None:
            self._job.cancel()
            self.stopping.emit()
            return
        search = self._begin()

        def work(progress: Progress) -> None:
            with closing(search()) as all_found:
                for found in all_found:
                    if found is None:
                        progress.stop_if_asked()
                        continue
                    self._best = found
                    progress.report(found.share)

        self._best = None
        self._job = job = Job(work, self)
        job.progressed.connect(lambda *_: self._report(job))
        job.done.connect(lambda _: self._end(job))
        job.stopped.connect(lambda: self._end(job))
        job.failed.connect(lambda error: self._end(job, error))
        self._button.setText(t("Stop, keep the best"))
        job.start()

    def give_up(self) -> None:
        """Something changed meanwhile."""
        if self._job is not None:
            job, self._job = self._job, None
            job.cancel()
            self._button.setText(self._words)
            self.given_up.emit()

    def _report(self, job: Job) -> None:
        if job is self._job and self._best is not None:
            self.improved.emit(self._best)

    def _end(self, job: Job, error: MingeiError | None = None) -> None:
        if job is self._job:
            self._job = None
            self._button.setText(self._words)
            self.ended.emit(self._best, error)
