"""Dialogs that are let go when they close: nothing of them stays with the window."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QDialog, QWidget


class Dialog(QDialog):
    """A dialog of ours; it is gone once it is closed, by whatever way."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)

    def grow(self) -> None:
        """Make it as high as the words in it want: a layout counts on one line of them."""
        layout = self.layout()
        if layout is None:
            return
        layout.activate()
        self.resize(self.width(), max(self.height(), layout.totalHeightForWidth(self.width())))


def ask(dialog: QDialog) -> int:
    """Show a dialog and wait for the answer; it is let go then."""
    try:
        return dialog.exec()
    finally:
        dialog.deleteLater()
