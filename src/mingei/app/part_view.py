"""What the flat and the folded view share: one build, one selection, one measuring tool, and going through
the parts by keys."""

from __future__ import annotations

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QSizePolicy, QWidget

from mingei.core.document.build import NOTHING, Build, Part


class PartView(QWidget):
    """picked, pointed: a part clicked or under the pointer, NOTHING for none; measured: what the measuring
    tool found."""

    picked = Signal(object)
    pointed = Signal(object)
    measured = Signal(object)

    def __init__(self, name: str, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setMinimumSize(200, 160)
        self.setMouseTracking(True)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(name)
        self.setAttribute(Qt.WidgetAttribute.WA_OpaquePaintEvent)
        self.build: Build | None = None
        self.selection = NOTHING
        self.hover = NOTHING
        self.measuring = False

    def show_selection(self, part: Part) -> None:
        self.selection = part
        self.recolour()

    def show_hover(self, part: Part) -> None:
        self.hover = part
        self.recolour()

    def recolour(self) -> None:
        """The selection, what is pointed at, or the colours in force have changed."""
        self.update()

    def measure(self, on: bool) -> None:
        """Take up the measuring tool, or lay it down."""
        self.measuring = on
        self.setCursor(Qt.CursorShape.CrossCursor if on else Qt.CursorShape.ArrowCursor)
        self.update()

    def leaveEvent(self, event: object) -> None:
        self.pointed.emit(NOTHING)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_BracketLeft, Qt.Key.Key_BracketRight) and self.build is not None:
            forward = event.key() == Qt.Key.Key_BracketRight
            parts = tuple(dict.fromkeys(self.build.parts))
            at = parts.index(self.selection) if self.selection in parts else -1 if forward else 0
            self.picked.emit(parts[(at + (1 if forward else -1)) % len(parts)])
        else:
            super().keyPressEvent(event)
