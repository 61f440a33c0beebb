"""Many pages: all at a glance, those of one stock or one thing or with something to mend, and one by its
number."""

from __future__ import annotations

from collections.abc import Sequence

from PySide6.QtCore import QSignalBlocker, Qt, Signal
from PySide6.QtWidgets import QHBoxLayout, QLabel, QSpinBox, QWidget

from mingei.app.cards import tool
from mingei.app.fields import CountField, QuietCombo
from mingei.app.words import t
from mingei.core.layout.finding import ALL, Sought, found, in_trouble
from mingei.core.layout.place import Page

#: Fewer pages than this are seen anyway.
_FEW = 4
#: Room for the name of a stock or a thing, px.
_WIDE_PX = 170


class PageFinder(QWidget):
    """sought: what is looked for is another; gone: to the page of a number."""

    sought = Signal()
    gone = Signal(int)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.pages: tuple[Page, ...] = ()
        self._choices: list[Sought] = []
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(8)
        self.which = QuietCombo()
        self.which.setMinimumWidth(_WIDE_PX)
        self.which.setAccessibleName(t("Which pages are shown"))
        self.which.setToolTip(t("Only the pages of one stock or one thing, or those with something to mend."))
        self.which.activated.connect(lambda _: self.sought.emit())
        row.addWidget(self.which)
        self.page: QSpinBox = CountField(1, 1, t("Go to page"))
        self.page.setToolTip(t("Bring the page of this number into view."))
        self.page.valueChanged.connect(self.gone.emit)
        row.addWidget(QLabel(t("Page")))
        row.addWidget(self.page)
        self.overview = tool("layout-grid", t("All at a glance"), t("Every page small, many side by side."))
        self.overview.setCheckable(True)
        self.overview.toggled.connect(lambda _: self.sought.emit())
        row.addWidget(self.overview)
        row.addStretch(1)

    def take(self, pages: tuple[Page, ...], things: Sequence[tuple[str, str]]) -> None:
        """Offer what there is to look for.  things: the ids and names of the kit."""
        self.pages = pages
        now = self.wanted
        stocks = list(dict.fromkeys((p.stock.id, p.stock.name) for p in pages))
        owners = {i.load.owner for p in pages for i in p.items}
        choices = [(ALL, t("All pages"))]
        if len(stocks) > 1:
            choices += [(Sought("stock", key), t(name)) for key, name in stocks]
        named = [(key, name) for key, name in things if key in owners]
        if len(named) > 1:
            choices += [(Sought("thing", key), name) for key, name in named]
        if any(in_trouble(p) for p in pages):
            choices.append((Sought("trouble", ""), t("With something to mend")))
        self._choices = [choice for choice, _ in choices]
        with QSignalBlocker(self.which), QSignalBlocker(self.page):
            self.which.clear()
            for row, (_, words) in enumerate(choices):
                self.which.addItem(words)
                self.which.setItemData(row, words, Qt.ItemDataRole.ToolTipRole)
            self.which.setCurrentIndex(self._choices.index(now) if now in self._choices else 0)
            self.page.setMaximum(max(1, len(pages)))
        self.setVisible(len(pages) >= _FEW or len(choices) > 1)

    @property
    def wanted(self) -> Sought:
        """What is looked for."""
        row = self.which.currentIndex()
        return self._choices[row] if 0 <= row < len(self._choices) else ALL

    def found(self) -> tuple[Page, ...]:
        """The pages that are looked for."""
        return found(self.pages, self.wanted)

    def show_all(self) -> None:
        self.which.setCurrentIndex(0)
        self.sought.emit()
