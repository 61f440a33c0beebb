"""Collecting what is thrown away in cycles, in the pauses: while one works it would cost up to a tenth of a
second at a time."""

from __future__ import annotations

import gc

from PySide6.QtCore import QObject, Qt, QTimer
from PySide6.QtGui import QGuiApplication

from mingei.app.document import Document

#: So long (ms) after the last change nobody is in the middle of anything; so long after it nobody minds a
#: tenth of a second.
_PAUSE_MS, _REST_MS = 1500, 20_000
#: Objects made before the youngest are looked through, and how rarely the older ones are: the oldest only in
#: a pause.
_THRESHOLDS = (20_000, 20, 1_000_000)


class Tidying(QObject):
    """Begins when ``begin`` is called, once the start is over."""

    def __init__(self, document: Document, parent: QObject) -> None:
        super().__init__(parent)
        self._pause = QTimer(self)
        self._pause.setSingleShot(True)
        self._pause.setInterval(_PAUSE_MS)
        self._pause.timeout.connect(self.tidy)
        document.changed.connect(self._pause.start)
        self._rest = QTimer(self)
        self._rest.setSingleShot(True)
        self._rest.setInterval(_REST_MS)
        self._rest.timeout.connect(self._all)
        document.changed.connect(self._rest.start)
        app = QGuiApplication.instance()
        if isinstance(app, QGuiApplication):
            app.applicationStateChanged.connect(self._away)

    def begin(self) -> None:
        """What the start made stays for good; from now on what is thrown away is collected again."""
        if not gc.isenabled():
            gc.freeze()
            gc.set_threshold(*_THRESHOLDS)
            gc.enable()

    def tidy(self) -> None:
        """Collect what the last changes threw away; what is left is not looked through again, so that this
        stays short."""
        if gc.isenabled():
            gc.collect()
            gc.freeze()

    def _away(self, state: Qt.ApplicationState) -> None:
        """Nobody is here: look through everything."""
        if state == Qt.ApplicationState.ApplicationInactive:
            self._all()

    def _all(self) -> None:
        if gc.isenabled():
            gc.unfreeze()
            self.tidy()
