"""The boards behind a large figure, drawn to scale behind its outline."""

from __future__ import annotations

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QLabel, QWidget

from mingei.app import theme
from mingei.app.cards import Card
from mingei.app.document import Document
from mingei.app.words import t
from mingei.core.layout.backing import backing_of, window
from mingei.core.length import write_mm
from mingei.core.picture.boards import Backing
from mingei.core.plane.shape import Polygon

_HIGH_PX = 190


class BackingView(QWidget):
    """Boards with their numbers, from below and the left, and the outline they back."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setFixedHeight(_HIGH_PX)
        self.setAccessibleName(t("Boards behind the figure"))
        self._backing: Backing | None = None
        self._outline: Polygon = ()

    def show_backing(self, backing: Backing, outline: Polygon) -> None:
        self._backing, self._outline = backing, outline
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        if self._backing is None:
            return
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setFont(theme.text_font(theme.SMALL))
        box = window(self._backing)
        factor = min((self.width() - 8) / box.width, (self.height() - 8) / box.height)
        left = (self.width() - box.width * factor) / 2

        def at(x: float, y: float) -> QPointF:
            return QPointF(left + (x - box.left) * factor, self.height() - 4 - (y - box.bottom) * factor)

        painter.setBrush(theme.colour("wash"))
        painter.setPen(Qt.PenStyle.NoPen)
        painter.drawPolygon(QPolygonF([at(x, y) for x, y in self._outline]))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(theme.colour("ink"), 1.5))
        painter.drawPolygon(QPolygonF([at(x, y) for x, y in self._outline]))
        for number, (x0, y0, x1, y1) in enumerate(self._backing.boards, 1):
            where = QRectF(at(x0, y1), at(x1, y0))
            painter.setPen(QPen(theme.colour("ink"), 1, Qt.PenStyle.DashLine))
            painter.drawRect(where)
            label = QRectF(where.left() + 3, where.bottom() - 17, 8.0 + 7 * len(str(number)), 14)
            painter.fillRect(label, theme.colour("surface"))
            painter.setPen(theme.colour("ink"))
            painter.drawText(label, Qt.AlignmentFlag.AlignCenter, str(number))
        painter.end()


class BackingCard(Card):
    """Shown where boards back a figure."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Backing"), parent)
        self.document = document
        self.view = BackingView()
        self.words = QLabel()
        self.words.setWordWrap(True)
        self.body.addWidget(self.view)
        self.body.addWidget(self.words)
        self.hide()
        document.settled.connect(self.refresh)

    def refresh(self) -> None:
        build, backed = self.document.build, self.document.build.draft.backed
        self.setVisible(backed is not None)
        if backed is None:
            return
        pattern = next(p for p in build.patterns if backed.panel in p.by_name)
        found = backing_of(pattern, backed, self.document.project.paper)
        panel = pattern.by_name[backed.panel]
        self.view.show_backing(found, panel.face or panel.polygon)
        words = t("{count} boards of {wide} × {high}, {waste:.0f} % of them waste", count=len(found.boards),
                  wide=write_mm(backed.wide), high=write_mm(backed.high), waste=100 * found.waste)
        self.words.setText(words)
        self.view.setAccessibleDescription(words)
