"""Faults of Mingei itself: written to a log the person can find, and said in plain words."""

from __future__ import annotations

import faulthandler
import logging
import sys
from logging.handlers import RotatingFileHandler
from pathlib import Path
from types import TracebackType
from typing import TextIO

from mingei import __version__

LOG = logging.getLogger("mingei")
_LARGEST = 512 * 1024


class _Crash:
    """The file the interpreter itself writes to when it dies; open as long as the process lives."""

    file: TextIO | None = None


def log_file(folder: Path) -> Path:
    return folder / "mingei.log"


def begin(folder: Path) -> Path | None:
    """Log to a file in the folder; returns it, or None when the folder cannot be written (then faults go to
    stderr alone)."""
    try:
        folder.mkdir(parents=True, exist_ok=True)
        log = log_file(folder)
        handler = RotatingFileHandler(log, maxBytes=_LARGEST, backupCount=1, encoding="utf-8")
        _Crash.file = (folder / "crash.log").open("a", encoding="utf-8")
    except OSError:
        return None
    faulthandler.enable(_Crash.file)
    handler.setFormatter(logging.Formatter("%(asctime)s %(levelname)s %(message)s"))
    LOG.addHandler(handler)
    LOG.setLevel(logging.INFO)
    LOG.info("Mingei %s, Python %s", __version__, sys.version.split()[0])
    return log_file(folder)


def report(kind: type[BaseException], error: BaseException, trace: TracebackType | None) -> None:
    """Write a fault to the log and to stderr."""
    LOG.error("fault", exc_info=(kind, error, trace))
    sys.__excepthook__(kind, error, trace)
