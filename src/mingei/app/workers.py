"""Slow work off the interface thread; its result comes back on it.

A *job* runs in Qt's thread pool.  It is handed a ``Progress`` to report to and to ask whether it should stop.
"""

from __future__ import annotations

import traceback
from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QObject, QRunnable, QThreadPool, Signal
from shiboken6 import isValid

from mingei.core.errors import MingeiError
from mingei.core.words import say

#: What takes its time to load waits so long (ms) after its station is shown, so that what stands already is
#: painted first.
AFTER_PAINT_MS = 20


class Cancelled(Exception):
    """Raised inside a job that was asked to stop."""


class Progress:
    """What a job is handed: report, and ask."""

    def __init__(self, job: Job) -> None:
        self._job = job

    def report(self, fraction: float, words: str = "") -> None:
        """Say how far (0..1) the work is.  Raises Cancelled when it was asked to stop."""
        self.stop_if_asked()
        self._job.progressed.emit(fraction, words)

    def stop_if_asked(self) -> None:
        """Raises Cancelled when the job was asked to stop."""
        if self._job.cancelled:
            raise Cancelled


class Job(QObject):
    """One piece of slow work.  Exactly one of done, failed and stopped is emitted, on the thread the job was
    made on."""

    done = Signal(object)
    failed = Signal(object)
    stopped = Signal()
    progressed = Signal(float, str)

    def __init__(self, work: Callable[[Progress], Any], parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.work = work
        self.cancelled = False

    def start(self) -> Job:
        QThreadPool.globalInstance().start(_Runner(self))
        return self

    def cancel(self) -> None:
        """Ask the work to stop; it does at its next report."""
        self.cancelled = True


class _Runner(QRunnable):
    def __init__(self, job: Job) -> None:
        super().__init__()
        self.job = job

    def run(self) -> None:
        try:
            result = self.job.work(Progress(self.job))
        except Cancelled:
            self._tell("stopped")
        except MingeiError as error:
            self._tell("failed", error)
        except Exception as error:  # noqa: BLE001 - a fault must reach the person, not vanish with its thread
            traceback.print_exc()
            self._tell("failed", MingeiError(say("something went wrong in Mingei itself ({error})",
                                                 error=error), "",
                                             "your work is untouched; please report it"))
        else:
            self._tell("done", result)

    def _tell(self, signal: str, *what: object) -> None:
        """Say how it ended, where whoever asked is still there: a window may have been closed meanwhile."""
        if isValid(self.job):
            getattr(self.job, signal).emit(*what)
