"""Lists and tables of words.

They stand on models of plain values: the toolkit's own items are objects on both sides of the language, and
letting go of many of them while other work runs in the background has been seen to end the process.
"""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any, NamedTuple, TypeAlias

from PySide6.QtCore import (
    QAbstractListModel,
    QAbstractTableModel,
    QModelIndex,
    QPersistentModelIndex,
    QSize,
    Qt,
    Signal,
)
from PySide6.QtGui import QColor
from PySide6.QtWidgets import QListView, QWidget

Index: TypeAlias = QModelIndex | QPersistentModelIndex
_NOWHERE = QModelIndex()
_Role = Qt.ItemDataRole


class Line(NamedTuple):
    """One line of a list: its words, what it stands for, a hint; tall: how high it is, px, 0: as its
    words."""

    words: str
    data: Any = None
    hint: str = ""
    tall: int = 0


class _Lines(QAbstractListModel):
    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self.lines: Sequence[Line] = ()

    def show(self, lines: Sequence[Line]) -> None:
        self.beginResetModel()
        self.lines = tuple(lines)
        self.endResetModel()

    def rowCount(self, parent: Index = _NOWHERE) -> int:
        return 0 if parent.isValid() else len(self.lines)

    def data(self, index: Index, role: int = _Role.DisplayRole) -> Any:
        if not 0 <= index.row() < len(self.lines):
            return None
        line = self.lines[index.row()]
        if role == _Role.DisplayRole:
            return line.words
        if role == _Role.ToolTipRole:
            return line.hint or None
        return QSize(0, line.tall) if role == _Role.SizeHintRole and line.tall else None


class PlainList(QListView):
    """A list one line of which is chosen.  turned: another line is in hand, by its number."""

    turned = Signal(int)

    def __init__(self, name: str, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setAccessibleName(name)
        self.setEditTriggers(QListView.EditTrigger.NoEditTriggers)
        self._lines = _Lines(self)
        self.setModel(self._lines)
        self.selectionModel().currentRowChanged.connect(self._turned)

    def show_lines(self, lines: Sequence[Line], current: int = -1) -> None:
        """Show these, one of them in hand; nothing is told of it."""
        before, self._quiet = self.current, True
        if tuple(lines) != tuple(self._lines.lines):
            self._lines.show(lines)
            before = -1
        if current != before:
            self.take(current)
        self._quiet = False

    _quiet = False

    def _turned(self, current: Index, _: Index) -> None:
        if not self._quiet:
            self.turned.emit(current.row())

    @property
    def lines(self) -> Sequence[Line]:
        return self._lines.lines

    @property
    def current(self) -> int:
        """The number of the line in hand, -1 where none is."""
        return self.currentIndex().row()

    def take(self, row: int) -> None:
        """Take a line in hand and into view."""
        if 0 <= row < len(self.lines):
            self.setCurrentIndex(self._lines.index(row))
            self.scrollTo(self._lines.index(row))


class Cell(NamedTuple):
    """One cell of a table: its words, whether they are a number, and their colour."""

    words: str
    number: bool = False
    colour: QColor | None = None


class Cells(QAbstractTableModel):
    """The cells of a table, with headings."""

    def __init__(self, headings: Sequence[str], parent: QWidget) -> None:
        super().__init__(parent)
        self.headings = tuple(headings)
        self.rows: Sequence[Sequence[Cell]] = ()

    def show(self, rows: Sequence[Sequence[Cell]]) -> None:
        self.beginResetModel()
        self.rows = tuple(rows)
        self.endResetModel()

    def rowCount(self, parent: Index = _NOWHERE) -> int:
        return 0 if parent.isValid() else len(self.rows)

    def columnCount(self, parent: Index = _NOWHERE) -> int:
        return 0 if parent.isValid() else len(self.headings)

    def data(self, index: Index, role: int = _Role.DisplayRole) -> Any:
        cell = self.rows[index.row()][index.column()]
        if role == _Role.DisplayRole:
            return cell.words
        if role == _Role.TextAlignmentRole and cell.number:
            return Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter
        return cell.colour if role == _Role.ForegroundRole else None

    def headerData(self, section: int, orientation: Qt.Orientation, role: int = _Role.DisplayRole) -> Any:
        across = orientation == Qt.Orientation.Horizontal
        return self.headings[section] if role == _Role.DisplayRole and across else None

    def flags(self, index: Index) -> Qt.ItemFlag:
        return Qt.ItemFlag.ItemIsEnabled
