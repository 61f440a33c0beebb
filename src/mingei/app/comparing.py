"""Two or three constructions for the same thing side by side: what each asks for; one press makes it so."""

from __future__ import annotations

from collections.abc import Sequence

from PySide6.QtCore import Qt
from PySide6.QtGui import QPixmap
from PySide6.QtWidgets import (
    QDialogButtonBox,
    QGridLayout,
    QLabel,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from mingei.app.cards import Card
from mingei.app.dialogs import Dialog
from mingei.app.document import Document
from mingei.app.fields import QuietCombo, refusal
from mingei.app.figures import write
from mingei.app.pictures import picture_icon
from mingei.app.words import t
from mingei.core.errors import MingeiError
from mingei.core.length import plain_number
from mingei.core.sizing.offer import Offer

_PICTURE_PX = (220, 150)


class CompareDialog(Dialog):
    """Nothing changes until one of them is taken."""

    def __init__(self, document: Document, offers: Sequence[Offer], parent: QWidget, most: int) -> None:
        super().__init__(parent)
        self.document, self.offers = document, tuple(offers)
        self.setWindowTitle(t("Compare side by side"))
        column = QVBoxLayout(self)
        need, unit = document.brief.need, document.project.unit
        card = Card(t("For a thing {long} by {wide} by {thick}", long=write(need.long, unit),
                      wide=write(need.wide, unit),
                      thick=write(need.thick, unit)))
        grid = QGridLayout()
        grid.setHorizontalSpacing(18)
        self.rows = (t("Blank"), t("Sheets"), t("Card"), t("Mass"), t("Folds"), t("Seams"), t("Outside"),
                     t("Stock"), t("Money"))
        for number, title in enumerate(self.rows):
            name = QLabel(title)
            name.setObjectName("quiet")
            grid.addWidget(name, number + 2, 0)
        self.chosen: list[QuietCombo] = []
        self.pictures: list[QLabel] = []
        self.cells: list[list[QLabel]] = []
        self.takes: list[QPushButton] = []
        for place in range(min(most, len(self.offers))):
            box = QuietCombo()
            box.setAccessibleName(t("Construction {number}", number=place + 1))
            box.addItems([t(o.recipe.title) for o in self.offers])
            box.setCurrentIndex(place)
            box.currentIndexChanged.connect(lambda _, place=place: self._show(place))
            picture = QLabel()
            picture.setAlignment(Qt.AlignmentFlag.AlignCenter)
            picture.setMinimumSize(*_PICTURE_PX)
            cells = [QLabel() for _ in self.rows]
            take = QPushButton(t("Make it so"))
            take.setAccessibleName(t("Make it as construction {number}", number=place + 1))
            take.clicked.connect(lambda _=False, place=place: self._take(place))
            grid.addWidget(box, 0, place + 1)
            grid.addWidget(picture, 1, place + 1)
            for number, cell in enumerate(cells):
                cell.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
                grid.addWidget(cell, number + 2, place + 1)
            grid.addWidget(take, len(self.rows) + 2, place + 1)
            self.chosen.append(box)
            self.pictures.append(picture)
            self.cells.append(cells)
            self.takes.append(take)
        card.body.addLayout(grid)
        column.addWidget(card)
        self.reason = refusal()
        column.addWidget(self.reason)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Close)
        buttons.rejected.connect(self.reject)
        column.addWidget(buttons)
        for place in range(len(self.chosen)):
            self._show(place)

    def _show(self, place: int) -> None:
        offer = self.offers[self.chosen[place].currentIndex()]
        made, unit, sheet = offer.build, self.document.project.unit, self.document.project.sheet
        picture: QPixmap = picture_icon(made, *_PICTURE_PX).pixmap(*_PICTURE_PX)
        self.pictures[place].setPixmap(picture)
        blank = max((p.box for p in made.patterns), key=lambda box: box.width * box.height)
        sheets = (t("{count} of {sheet}", count=offer.sheets, sheet=sheet) if offer.fits
                  else t("larger than {sheet}", sheet=sheet))
        outside = " × ".join(write(v, unit) for v in made.outside)
        texts = (f"{write(blank.width, unit)} × {write(blank.height, unit)}", sheets,
                 t("{area} cm²", area=f"{made.area_mm2 / 100:.0f}"),
                 t("{mass} g", mass=f"{made.mass_g:.1f}"), str(offer.folds), str(offer.seams), outside,
                 t(made.stock.name),
                 plain_number(round(offer.cost, 2)) if offer.cost else t("no price known"))
        for cell, text in zip(self.cells[place], texts, strict=True):
            cell.setText(text)

    def _take(self, place: int) -> None:
        try:
            self.document.take_offer(self.offers[self.chosen[place].currentIndex()])
            self.accept()
        except MingeiError as error:
            self.reason.setText(t(error.words))
            self.reason.show()
            self.grow()
