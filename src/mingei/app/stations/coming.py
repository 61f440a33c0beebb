"""A station that is still to come: what it will hold, and the step that can be taken today."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from mingei.app.document import Document
from mingei.app.stations import Station


class ComingStation(Station):
    """A sentence, and a button for an action of the window."""

    def __init__(self, document: Document, title: str, sentence: str, step: str, action: str,
                 parent: QWidget | None = None) -> None:
        super().__init__(document, parent)
        column = QVBoxLayout(self)
        column.addStretch(2)
        heading = QLabel(title)
        heading.setObjectName("title")
        words = QLabel(sentence)
        words.setWordWrap(True)
        words.setAlignment(Qt.AlignmentFlag.AlignCenter)
        holder = QWidget()  # gives the words their width, so that they can ask for their height
        holder.setFixedWidth(480)
        QVBoxLayout(holder).addWidget(words)
        self.button = QPushButton(step)
        self.button.setObjectName("main")
        self.button.clicked.connect(lambda: self.wanted.emit(action))
        for widget in (heading, holder, self.button):
            row = QHBoxLayout()
            row.addStretch(1)
            row.addWidget(widget)
            row.addStretch(1)
            column.addLayout(row)
            column.addSpacing(10)
        column.addStretch(3)

    def enter(self) -> None:
        self.button.setFocus()
