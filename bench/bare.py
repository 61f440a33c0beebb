"""A bare Qt Widgets window, the measure of what any window costs; prints ms from process start to painted,
and resident MB."""

from __future__ import annotations

import sys
import time

from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication, QLabel, QMainWindow


class Bare(QMainWindow):
    def paintEvent(self, event: object) -> None:
        QTimer.singleShot(0, self.done)

    def done(self) -> None:
        from bench.process import resident_mb

        print(1000 * (time.time() - float(sys.argv[1])), resident_mb())
        QApplication.quit()


app = QApplication(sys.argv[:1])
window = Bare()
window.setCentralWidget(QLabel("bare"))
window.resize(1280, 800)
window.show()
app.exec()
