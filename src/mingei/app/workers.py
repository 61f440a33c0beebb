"""Slow work off the interface thread; its result comes back on it.

A *job* runs in Qt's thread pool.  It is handed a ``Progress`` to report to and to ask whether it should stop.
"""

from __future__ import annotations

import traceback
import warnings
from collections.abc import Callable
from functools import cache
from typing import Any

from PySide6.QtCore import QObject, QRunnable, Qt, QThreadPool, QTimer, Signal
from shiboken6 import isValid

from mingei.core.errors import MingeiError
from mingei.core.words import say

#: What takes its time to load waits so long (ms) after its station is shown, so that what stands already is
#: painted first.
AFTER_PAINT_MS = 20


@cache
def _turns() -> QThreadPool:
    """The pool of what is done one at a time."""
    pool = QThreadPool()
    pool.setMaxThreadCount(1)
    return pool


def wait_for_all(ms: int) -> bool:
    """Wait for all work under way; whether it ended in time."""
    return _turns().waitForDone(ms) and QThreadPool.globalInstance().waitForDone(ms)


def busy() -> bool:
    """Whether some work is under way."""
    return bool(_held)


class Cancelled(Exception):
    """Raised inside a job that was asked to stop."""


class Progress:
    """What a job is handed: report, and ask."""

    def __init__(self, job: Job) -> None:
        self._job = job

    def report(self, fraction: float, words: str = "") -> None:
        """Say how far (0..1) the work is.  Raises Cancelled when it was asked to stop."""
        self.stop_if_asked()
        self._job.report(fraction, words)

    def stop_if_asked(self) -> None:
        """Raises Cancelled when the job was asked to stop."""
        if self._job.cancelled:
            raise Cancelled


#: Jobs that run, and those just over: what a thread may still touch is not let go under it.
_held: set[Job] = set()
#: So long (ms) after a job is over nothing touches it any more.
_COOLED_MS = 1000


class Job(QObject):
    """One piece of slow work.  Exactly one of done, failed and stopped is emitted, on the thread the job was
    made on; none once its owner is gone.

    It is no child of its owner: a window may go while the work still runs, and what the work touches must not
    go with it.
    """

    done = Signal(object)
    failed = Signal(object)
    stopped = Signal()
    progressed = Signal(float, str)
    _over = Signal(str, object)
    _went = Signal(float, str)

    def __init__(self, work: Callable[[Progress], Any], owner: QObject | None = None) -> None:
        super().__init__()
        self.work = work
        self.cancelled = False
        self._owner = owner
        queued = Qt.ConnectionType.QueuedConnection
        self._over.connect(self._tell, queued)
        self._went.connect(self._say, queued)

    def start(self, in_turn: bool = False) -> Job:
        """Begin.  in_turn: after all others that are begun so, one at a time, since each may need much
        room."""
        _held.add(self)
        (_turns() if in_turn else QThreadPool.globalInstance()).start(_Runner(self))
        return self

    def cancel(self) -> None:
        """Ask the work to stop; it does at its next report."""
        self.cancelled = True

    def report(self, fraction: float, words: str) -> None:
        """Called on the thread of the work."""
        self._went.emit(fraction, words)

    def end(self, how: str, what: object = None) -> None:
        """Called on the thread of the work, last of all."""
        self._over.emit(how, what)

    @property
    def _heard(self) -> bool:
        return self._owner is None or isValid(self._owner)

    def _say(self, fraction: float, words: str) -> None:
        if self._heard:
            self.progressed.emit(fraction, words)

    def _tell(self, how: str, what: object) -> None:
        QTimer.singleShot(_COOLED_MS, lambda: _held.discard(self))
        if self._heard:
            getattr(self, how).emit(*(() if how == "stopped" else (what,)))
        self.work = _nothing
        for signal in (self.done, self.failed, self.stopped, self.progressed):
            with warnings.catch_warnings():
                warnings.simplefilter("ignore")  # that nobody listened
                signal.disconnect()


def _nothing(progress: Progress) -> None:
    """What a job that is over holds of its work.  Who listened to it often holds the job itself, which would
    keep both for good."""


class _Runner(QRunnable):
    """Runs a job once.  It lets go of the job then: the toolkit has been seen to keep runners for good."""

    def __init__(self, job: Job) -> None:
        super().__init__()
        self._jobs = [job]

    def run(self) -> None:
        job = self._jobs.pop()
        try:
            result = job.work(Progress(job))
        except Cancelled:
            job.end("stopped")
        except MingeiError as error:
            job.end("failed", error)
        except Exception as error:  # noqa: BLE001 - a fault must reach the person, not vanish with its thread
            traceback.print_exc()
            said = say("something went wrong in Mingei itself ({error})", error=error)
            job.end("failed", MingeiError(said, "", "your work is untouched; please report it"))
        else:
            job.end("done", result)
