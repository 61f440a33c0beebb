"""Reading what is brought in, a drawing or a picture, or working out what takes long, in the background: the
window goes on, and Cancel leaves all as it was."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import TypeVar

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QProgressDialog, QWidget
from shiboken6 import isValid

from mingei.app.words import t
from mingei.app.workers import Job
from mingei.core.errors import MingeiError

T = TypeVar("T")
#: So long (ms) nothing is said of it.
_PATIENCE_MS = 400


def take_in(parent: QWidget, path: Path, read: Callable[[Path, Callable[[], None]], T],
            then: Callable[[T], None], refused: Callable[[MingeiError], None],
            asked: Callable[[], bool] = lambda: True) -> Job:
    """Read a file in the background.  read: with what it calls on the way, so that it can be stopped; then:
    what is done with what was read; refused: what is done with the reason it was not, by either of them;
    asked: whether that is still wanted by then."""
    return work_out(parent, t("Reading {name}…", name=path.name), lambda step: read(path, step), then,
                    refused, asked)


def work_out(parent: QWidget, words: str, work: Callable[[Callable[[], None]], T], then: Callable[[T], None],
             refused: Callable[[MingeiError], None], asked: Callable[[], bool] = lambda: True) -> Job:
    """Work something out in the background, as ``take_in`` reads; words: what is said where it takes long."""
    said = QProgressDialog(words, t("Cancel"), 0, 0, parent)
    said.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
    said.setWindowModality(Qt.WindowModality.WindowModal)
    said.setMinimumDuration(_PATIENCE_MS)
    job = Job(lambda progress: work(progress.stop_if_asked), parent)

    def ended() -> bool:
        """Put the words away; whether what it was about is still wanted."""
        if isValid(said):
            said.canceled.disconnect(job.cancel)
            said.close()
            said.deleteLater()
        return not job.cancelled and asked()

    def done(found: T) -> None:
        if ended():
            try:
                then(found)
            except MingeiError as error:
                refused(error)

    def failed(error: MingeiError) -> None:
        if ended():
            refused(error)

    said.canceled.connect(job.cancel)
    job.done.connect(done)
    job.failed.connect(failed)
    job.stopped.connect(ended)
    return job.start()
