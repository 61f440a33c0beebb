"""What a kit takes: sheets, money, waste and time, of so many kits or on another sheet; and the offcuts."""

from __future__ import annotations

import math
from collections.abc import Callable, Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt, QTimer
from PySide6.QtWidgets import QComboBox, QHBoxLayout, QLabel, QPushButton, QWidget

from mingei.app.cards import Card
from mingei.app.document import Document
from mingei.app.fields import CountField, QuietCombo
from mingei.app.figures import write
from mingei.app.words import counted, t
from mingei.app.workers import AFTER_PAINT_MS, Job, Progress
from mingei.core.layout.material import material
from mingei.core.layout.offcuts import Offcut, left_over, uses
from mingei.core.layout.place import Load, Page, Pile, piles_for, piles_of
from mingei.core.layout.sheets import SHEETS
from mingei.core.layout.tile import tiles
from mingei.core.plane.shape import Box
from mingei.core.work.plan import bench_minutes

if TYPE_CHECKING:
    from mingei.core.document.project import Project


class TakesCard(Card):
    """Sheets of every stock, their price and waste, and what is left of them."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("What it takes"), parent)
        self.document = document
        self.pages: tuple[Page, ...] = ()
        self._loads: Callable[[], list[Load]] = list
        self._soon = QTimer(self)  # what it takes comes after the pages are seen
        self._soon.setSingleShot(True)
        self._soon.setInterval(AFTER_PAINT_MS)
        self._soon.timeout.connect(self._say)
        self._reckoning: Job | None = None
        self.takes = QLabel()
        self.takes.setWordWrap(True)
        self.takes.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
        self.takes.setToolTip(
            t("Sheets of every stock, their price where the stock cabinet knows it, and how much of them is "
              "waste."))
        self.kits = CountField(1, 1000, t("How many kits"))
        self.kits.setToolTip(t("What so many kits together take; nothing else changes."))
        self.kits.valueChanged.connect(self._say)
        self.add_row(t("Kits"), self.kits)
        self.body.addWidget(self.takes)
        self.other = QuietCombo()
        self.other.setAccessibleName(t("Compare with another sheet"))
        self.other.setToolTip(t("What all would take on another sheet; nothing changes."))
        self.other.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        self.other.addItems([t("Compare with another sheet"),
                             *(t("Compare with {sheet}", sheet=s.name) for s in SHEETS)])
        self.other.activated.connect(self._say)
        self.body.addWidget(self.other)
        self.left = QLabel()
        self.left.setWordWrap(True)
        self.left.setObjectName("quiet")
        self.body.addWidget(self.left)
        self.keep = QPushButton(t("Keep the offcuts"))
        self.keep.setToolTip(
            t("Note the largest rectangle left of every sheet with your stocks: it is offered when a piece "
              "fits it."))
        self.keep.clicked.connect(self._keep_offcuts)
        self.used = QPushButton(t("Used them"))
        self.used.setToolTip(t("Take the offcuts named here off the list."))
        self.used.clicked.connect(self._use_offcuts)
        buttons = QHBoxLayout()
        buttons.addWidget(self.keep, 1)
        buttons.addWidget(self.used, 1)
        self.body.addLayout(buttons)

    def show_state(self, pages: tuple[Page, ...], loads: Callable[[], list[Load]]) -> None:
        """What these pages take, said once they are seen.  loads: the pieces of the kit."""
        self.pages, self._loads = pages, loads
        self._soon.start()

    def _say(self) -> None:
        """Sheets, money and waste, a line a stock; of many kits, or of another sheet, worked out in the
        background."""
        kits, other = self.kits.value(), self.other.currentIndex()
        if self._reckoning is not None:
            self._reckoning.cancel()
            self._reckoning = None
        self._say_offcuts()
        if kits == 1 and other <= 0:
            self._show(piles_of(self.pages), "")
            return
        loads, project = self._loads(), self.document.project

        def work(progress: Progress) -> tuple[tuple[Pile, ...], str]:
            piles = piles_for(kits, loads, project.paper, project.spots)
            progress.stop_if_asked()
            return piles, _said_of(project, SHEETS[other - 1].name, kits, loads) if other > 0 else ""

        job = self._reckoning = Job(work, self)
        job.done.connect(lambda found: self._reckoned(job, found))
        job.failed.connect(lambda error: self.takes.setText(t(error.words)))
        job.start()

    def _reckoned(self, job: Job, found: tuple[tuple[Pile, ...], str]) -> None:
        if job is self._reckoning:
            self._reckoning = None
            self._show(*found)

    def _show(self, piles: Sequence[Pile], beside: str) -> None:
        """beside: what another sheet would take, in words."""
        found = material(piles)
        lines = [t("{count} × {stock}: {waste} % waste", count=m.sheets, stock=t(m.stock.name),
                   waste=round(100 * m.waste))
                 + (t(", costs {money}", money=f"{m.money:.2f}") if m.money else "") for m in found]
        for page in (p for p in self.pages if p.tile is not None and (p.tile.column, p.tile.row)
                     == p.tile.used[0]):
            whole = Box(0.0, 0.0, page.sheet.width, page.sheet.height)
            boards = len(tiles(page.items[0].load.pattern, whole, 0.0)[1])
            lines.append(counted("{piece}: {count} board of the sheet's size backs it.",
                                 "{piece}: {count} boards of the sheet's size back it, edge to edge.", boards,
                                 piece=page.items[0].load.words))
        if piles:
            lines.append(t("About {minutes} minutes to print, score and cut.",
                           minutes=math.ceil(bench_minutes(piles, self.document.project.working))))
        money = sum(m.money for m in found)
        if money and len(found) > 1:
            lines.append(t("In all {money}, as far as prices are known.", money=f"{money:.2f}"))
        self.takes.setText("\n".join([*lines, *([beside] if beside else [])]) or t("Nothing yet."))

    def _say_offcuts(self) -> None:
        """What is left and worth keeping, and which of what was kept would do for a piece."""
        unit = self.document.project.unit
        left = left_over(self.pages)
        lines = []
        if left:
            largest = max(left, key=lambda each: each.offcut.width * each.offcut.height)
            lines.append(t("{count} offcuts are worth keeping, the largest {width} × {height} of {stock}.",
                           count=len(left),
                           width=write(largest.offcut.width, unit), height=write(largest.offcut.height, unit),
                           stock=t(largest.stock.name)))
        for offcut, load in self._fitting_offcuts():
            lines.append(t("An offcut of {width} × {height} you kept would do for {piece}.",
                           width=write(offcut.width, unit),
                           height=write(offcut.height, unit), piece=load.words))
        self.left.setText("\n".join(lines))
        self.left.setVisible(bool(lines))
        self.keep.setEnabled(bool(left))
        self.used.setEnabled(bool(self._fitting_offcuts()))

    def _fitting_offcuts(self) -> tuple[tuple[Offcut, Load], ...]:
        return uses(self.document.shelf.cabinet.offcuts, self._loads())

    def _keep_offcuts(self) -> None:
        self.document.shelf.keep_offcuts([left.offcut for left in left_over(self.pages)])
        self._say_offcuts()

    def _use_offcuts(self) -> None:
        for offcut, _ in self._fitting_offcuts():
            self.document.shelf.use_offcut(offcut)
        self._say_offcuts()


def _said_of(project: Project, name: str, kits: int, loads: Sequence[Load]) -> str:
    """What all would take on another sheet."""
    sheet = replace(project, sheet=name).paper
    piles = piles_for(kits, loads, sheet)
    count = sum(pile.times for pile in piles)
    paper = count * sheet.width * sheet.height
    waste = 1.0 - sum(m.card_mm2 for m in material(piles)) / paper if count else 0.0
    laid = {(i.load.owner, i.load.pattern.name) for pile in piles for i in pile.page.items}
    missing = sum((load.owner, load.pattern.name) not in laid for load in loads)
    template = ("On {sheet}: one sheet, {waste} % waste." if count == 1
                else "On {sheet}: {count} sheets, {waste} % waste.")
    words = t(template, sheet=name, count=count, waste=round(100 * waste))
    return (words + (" " + counted("{count} piece does not fit it.", "{count} pieces do not fit it.",
                                   missing) if missing else ""))
