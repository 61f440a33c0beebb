"""Mingei's own start with the demo; prints ms from process start to painted and to ready, and resident MB
then."""

from __future__ import annotations

import sys
import tempfile
import time
from pathlib import Path

from PySide6.QtCore import QTimer

from mingei.app.main import application, open_on
from mingei.app.settings import Settings
from mingei.app.window import Window

begun = float(sys.argv[1])
folder = Path(tempfile.mkdtemp())
settings = Settings(folder / "mingei.ini")
settings.put("light", "day")
app = application(settings)
window = Window(settings, folder)
times: list[float] = []


def ready() -> None:
    from bench.process import resident_mb

    window.repaint()
    times.append(1000 * (time.time() - begun))
    mb = resident_mb()

    def whole() -> None:
        """The folded view, the facts and the checks stand too."""
        space = window.draft().space
        if space.solids is None or not window.draft().facts.values["outside"].text():
            QTimer.singleShot(1, whole)
            return
        window.repaint()
        print(*times, mb, 1000 * (time.time() - begun), resident_mb())
        app.quit()

    QTimer.singleShot(1, whole)


window.painted.connect(lambda: times.append(1000 * (time.time() - begun)))
window.painted.connect(lambda: open_on(window, None, True))
window.ready.connect(lambda: QTimer.singleShot(0, ready))
window.show()
app.exec()
