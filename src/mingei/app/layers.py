"""The layers through the panel in hand, drawn to scale: what lies on what, and how thick it is."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QWidget

from mingei.app import theme
from mingei.app.cards import Card
from mingei.app.document import Document
from mingei.app.words import t
from mingei.core.document.build import NOTHING
from mingei.core.length import write_both, write_mm

if TYPE_CHECKING:  # it brings numpy with it, and the window stands before that
    from mingei.core.folded.stack import Layer

#: A layer is drawn no lower than this, px; all of them together about so high, but for thin ones.
_LEAST_PX, _WHOLE_PX, _BAR_PX = 15, 90, 56


class LayersView(QWidget):
    """The layers from the inside, below, to the outside."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.layers: tuple[Layer, ...] = ()
        self.setAccessibleName(t("Layers, from the inside out"))

    def show_layers(self, layers: tuple[Layer, ...]) -> None:
        self.layers = layers
        self.setFixedHeight(int(sum(self._heights())) + 4)
        self.setAccessibleDescription("; ".join(
            t("{panel}, {thick} of {stock}", panel=t(layer.panel), thick=write_mm(layer.thick, 2),
              stock=t(layer.stock)) for layer in layers))
        self.update()

    def _heights(self) -> list[float]:
        whole = sum(layer.thick for layer in self.layers) or 1.0
        return [max(float(_LEAST_PX), _WHOLE_PX * layer.thick / whole) for layer in self.layers]

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setFont(theme.text_font(theme.SMALL))
        y = float(self.height()) - 2
        for layer, high in zip(self.layers, self._heights(), strict=True):
            y -= high
            bar = QRectF(1.0, y, _BAR_PX, high)
            painter.setPen(QPen(theme.colour("ink"), 1))
            painter.setBrush(theme.colour("wash" if layer.this else "surface"))
            painter.drawRect(bar)
            painter.setPen(theme.colour("ink"))
            room = QRectF(bar.right() + 8, y, self.width() - bar.right() - 10, high)
            words = f"{write_mm(layer.thick, 2)}  {t(layer.panel)}"
            painter.drawText(room, Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft,
                             painter.fontMetrics().elidedText(words, Qt.TextElideMode.ElideRight,
                                                              int(room.width())))
            painter.setPen(QPen(theme.colour("line"), 1))
            painter.drawLine(QPointF(bar.right(), y + high / 2), QPointF(bar.right() + 5, y + high / 2))
        painter.end()


class LayersCard(Card):
    """Shown where something lies on the panel in hand."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Layers"), parent)
        self.document = document
        self.view = LayersView()
        self.body.addWidget(self.view)
        self.hide()
        document.selected.connect(lambda _: self.refresh())
        document.changed.connect(self.refresh)

    def refresh(self) -> None:
        part = self.document.selection
        layers: tuple[Layer, ...] = ()
        if part != NOTHING:
            from mingei.core.folded.stack import stack

            layers = stack(self.document.build.patterns, part.panel)
        self.setVisible(len(layers) > 1)
        if len(layers) > 1:
            self.heading.setText(t("Through the {panel}: {thick}", panel=t(part.panel),
                                   thick=write_both(layers[-1].high)))
            self.view.show_layers(layers)
