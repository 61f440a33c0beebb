"""The Sheets station: the pages as they will be printed, at their true proportion, and the way out to
paper."""

from __future__ import annotations

import math
from collections.abc import Sequence
from typing import TYPE_CHECKING

from PySide6.QtCore import QSignalBlocker, QSize, Qt
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QPushButton,
    QScrollArea,
    QWidget,
)

from mingei.app.cards import Card, CareCard, tool
from mingei.app.document import Document
from mingei.app.fields import LengthField, QuietCombo, refusal
from mingei.app.figures import write
from mingei.app.page_finder import PageFinder
from mingei.app.pages_view import CAPTION_PX, GAP_PX, Moved, PagesView, Shown, shown_pages
from mingei.app.rehearsing import RehearseDialog
from mingei.app.sheet_cards import LayingCard, PrintedCard, PrinterCard, SpotCard
from mingei.app.stations import SideColumn, Station
from mingei.app.takes_card import TakesCard
from mingei.app.words import t
from mingei.core.document.build import loads_of_all
from mingei.core.errors import MingeiError
from mingei.core.layout.laying import Key, Spot
from mingei.core.layout.place import (
    Load,
    Page,
    arrange,
    clashes,
    move_to,
    room,
    sheets_that_do,
    spots_of,
    too_large,
)
from mingei.core.layout.sheets import SHEETS
from mingei.core.layout.tile import OVERLAP_MM
from mingei.core.plane.shape import Box

if TYPE_CHECKING:
    from mingei.core.check import Fix
    from mingei.core.flat.pattern import Pattern

#: Below this many px a mm a page tells nothing.
_READABLE = 0.8
#: How tall a page is where all are seen at a glance, px; what shows above a page that is gone to.
_OVERVIEW_PX, _ABOVE_PX = 150.0, 10
#: Pieces too large for the sheet that are named.
_SAID = 3


class SheetsStation(Station):
    """Sheet and export at the left, the pages at the right."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(document, parent)
        row = QHBoxLayout(self)
        row.setContentsMargins(10, 8, 10, 10)
        row.setSpacing(10)
        self.laying, self.spot = LayingCard(document), SpotCard(document)
        self.printed, self.printer = PrintedCard(document), PrinterCard(document)
        self.takes = TakesCard(document)
        care = CareCard(
            t("Cut with a fresh blade against a metal rule, away from the hand; children only with an adult. "
              "With cutting machines and lasers follow the maker's instructions and local rules."))
        row.addWidget(SideColumn(self._sheet_card(), self.laying, self.spot, self.takes, self.printed,
                                 self.printer, self._out_card(), care))
        self.card = Card(t("Pages"))
        self.card.body.removeWidget(self.card.heading)
        head = QHBoxLayout()
        self.finder = PageFinder()
        self.finder.sought.connect(self._look_for)
        self.finder.gone.connect(self.go_to_page)
        head.setSpacing(12)
        head.addWidget(self.card.heading)
        head.addWidget(self.finder)
        head.addStretch(1)
        for icon, words, factor in (("zoom-out", t("Smaller"), 1 / 1.25), ("zoom-in", t("Larger"), 1.25),
                                    ("maximize", t("Whole pages"), 0.0)):
            button = tool(icon, words)
            button.setAccessibleName(t("Pages: {words}", words=words))
            button.clicked.connect(lambda _=False, factor=factor: self.zoom(factor))
            head.addWidget(button)
        self.card.body.addLayout(head)
        self.error = refusal()
        self.card.body.addWidget(self.error)
        self.across = QPushButton(t("Cut it across"))
        self.across.setToolTip(
            t("Cut the piece that is too large along lines, so that all parts fit, to be joined again by "
              "glued laps. "
              "The lines can be dragged on the flat afterwards."))
        self.across.clicked.connect(self._cut_across)
        self.across.hide()
        self.card.body.addWidget(self.across, 0, Qt.AlignmentFlag.AlignLeft)
        self.view = PagesView()
        self.view.picked.connect(self._look_at_piece)
        self.view.moved.connect(self._move)
        self.view.held.connect(self._hold)
        self.view.freed.connect(self._free)
        self.spot.put.connect(lambda spot: self._place(spot, t("move {name}", name=spot.piece)))
        self.spot.freed.connect(self._free)
        self.spot.turned.connect(self.view.turn)
        self.spot.which.activated.connect(lambda row: self._take(self.spot.which.itemData(row)))
        self.laying.found.connect(lambda found: self._show_spots(found.spots))
        self.laying.done.connect(self._changed)
        self.printer.rehearse.connect(lambda: RehearseDialog(self.document, len(self.pages), self).exec())
        self.area = QScrollArea()
        self.area.setWidget(self.view)
        self.area.setWidgetResizable(True)
        self.area.setAccessibleName(t("Pages"))
        self.card.body.addWidget(self.area, 1)
        row.addWidget(self.card, 1)
        self.pages: tuple[Page, ...] = ()
        self._shown: list[Shown] = []
        self._trial: tuple[Spot, ...] = ()
        self._zoom = 0.0  # px a mm; 0: whole pages
        self._stale = True
        document.changed.connect(self._changed)
        document.arrived.connect(self._changed)

    def _sheet_card(self) -> Card:
        card = Card(t("Sheet"))
        self.sheet = QuietCombo()
        self.sheet.setAccessibleName(t("Sheet"))
        self.sheet.setToolTip(t("What lies in the printer. The drawing keeps its size on every sheet."))
        self.sheet.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        self.sheet.activated.connect(self._choose_sheet)
        card.body.addWidget(self.sheet)
        self.own = QLineEdit()
        self.own.setAccessibleName(t("Own size of the sheet"))
        self.own.setPlaceholderText("320 x 450 mm")
        self.own.setToolTip(
            t("Width and height of your own sheet, or the width of a roll and the length you cut from it."))
        self.own.setMaxLength(60)
        self.own.editingFinished.connect(self._own_sheet)
        card.body.addWidget(self.own)
        self.own_reason = QLabel()
        self.own_reason.setObjectName("reason")
        self.own_reason.setWordWrap(True)
        card.body.addWidget(self.own_reason)
        self.tiled = QCheckBox(t("Tile larger pieces"))
        self.tiled.setToolTip(
            t("Print a piece that is larger than the sheet over several sheets that overlap, with marks to "
              "lay them "
              "edge to edge and a map of all."))
        self.tiled.clicked.connect(lambda on: self.document.set_tiles(OVERLAP_MM if on else 0.0))
        card.body.addWidget(self.tiled)
        self.overlap = LengthField(t("Overlap"),
                                   t("How far neighbouring sheets overlap: an inch, or 25 mm, is usual."))
        self.overlap.edited.connect(self._set_overlap)
        card.body.addWidget(self.overlap)
        self.fits = QLabel()
        self.fits.setWordWrap(True)
        self.fits.setObjectName("quiet")
        card.body.addWidget(self.fits)
        return card

    def _out_card(self) -> Card:
        card = Card(t("To paper or to the machine"))
        self.pdf = QPushButton(t("Save as PDF to print…"))
        self.pdf.setObjectName("main")
        self.pdf.setToolTip(t("Every page at exact size, with two check bars to measure on the first sheet."))
        self.pdf.clicked.connect(lambda: self.wanted.emit("export"))
        card.body.addWidget(self.pdf)
        self.print = QPushButton(t("Print…"))
        self.print.setToolTip(t("Straight to a printer, its scale locked at actual size."))
        self.print.clicked.connect(lambda: self.wanted.emit("print"))
        listed = QPushButton(t("Cutting list…"))
        listed.setToolTip(
            t("Every piece by letter, with its size in mm and inches, as pages to print or as a table."))
        listed.clicked.connect(lambda: self.wanted.emit("cutting-list"))
        buttons = QHBoxLayout()
        buttons.addWidget(self.print, 1)
        buttons.addWidget(listed, 1)
        card.body.addLayout(buttons)
        words = QLabel(
            t("Print at actual size (100 %), never fitted to the page, and measure both check bars on the "
              "first sheet. "
              "The same door writes SVG and DXF for cutting machines and FOLD for other "
              "programs."))
        words.setWordWrap(True)
        words.setObjectName("quiet")
        card.body.addWidget(words)
        return card

    # -- following the document ------------------------------------------------------------------------------

    def _changed(self) -> None:
        self._stale = True
        if self.isVisible():
            self.refresh()

    def showEvent(self, event: object) -> None:
        self.refresh()

    def refresh(self) -> None:
        """Lay the whole kit out on the sheet in force; a piece that is too large is said, with the sheets
        that would do."""
        unit = self.document.project.unit
        items = [t("{name}, {width} × {height}", name=s.name, width=write(s.width, unit),
                   height=write(s.height, unit)) for s in SHEETS]
        items.append(t("Own size"))
        if [self.sheet.itemText(i) for i in range(self.sheet.count())] != items:
            self.sheet.clear()
            self.sheet.addItems(items)
        name, names = self.document.project.sheet, [s.name for s in SHEETS]
        self.sheet.setCurrentIndex(names.index(name) if name in names else len(names))
        self.own.setVisible(name not in names)
        self.own_reason.hide()
        with QSignalBlocker(self.own):
            self.own.setText(name if name not in names else "")
        overlap = self.document.project.tile_mm
        self.tiled.setChecked(overlap > 0)
        self.overlap.setVisible(overlap > 0)
        if self.overlap.unit != unit:
            self.overlap.set_unit(unit)
        self.overlap.show_value(overlap)
        if self._stale:
            self._stale = False
            loads, sheet = self._loads(), self.document.project.paper
            layout = arrange(loads, sheet, self.document.project.spots)
            said = [t(too_large(load.pattern, sheet).words) for load in layout.too_large[:_SAID]]
            more = len(layout.too_large) - _SAID
            said += [t("and {count} more", count=more)] if more > 0 else []
            struck = [(page, pair) for page in layout.pages for pair in page.struck]
            said += [t("Page {number}: {a} and {b} lie on each other; move one of them, or lay all out anew.",
                       number=page.number,
                       a=a.load.words, b=b.load.words) for page, (a, b) in struck[:_SAID]]
            self.across.setVisible(self._to_cut(layout.too_large) is not None)
            self.error.setVisible(bool(said))
            self.error.setText("\n".join(said))
            doing = [{s.name for s in sheets_that_do(load.pattern)} for load in loads]
            common = [s.name for s in SHEETS if all(s.name in names for names in doing)]
            self.fits.setText(t("The largest piece fits {names}.", names=", ".join(common[:5])) if common
                              else t("No sheet up to A0 holds the largest piece."))
            self._take_pages(layout.pages)
            for button in (self.pdf, self.print, self.printer.trial):
                button.setEnabled(bool(self.pages) and not layout.too_large and not struck)
            self.laying.show_state(self._loads)
            self.printed.show_state()
            self.printer.show_state(self.pages)
            self._show_in_hand()
        self._show()

    def _loads(self) -> list[Load]:
        """The pieces of the kit."""
        return loads_of_all(self.document.build_of(i) for i in range(len(self.document.project.briefs)))

    def _to_cut(self, large: Sequence[Load]) -> tuple[int, Fix] | None:
        """How the first thing that is too large can be cut across, and its number."""
        from mingei.core.check import run

        owner = large[0].owner if large else ""
        for number, brief in enumerate(self.document.project.briefs):
            if large and brief.id == owner:
                found = run(self.document.build_of(number), self.document.project.paper)
                return next(((number, f.fix) for f in found if f.code == "sheet-splice"
                             and f.fix is not None), None)
        return None

    def _cut_across(self) -> None:
        layout = arrange(self._loads(), self.document.project.paper, self.document.project.spots)
        found = self._to_cut(layout.too_large)
        if found is not None:
            self.document.carry_out(found[1], found[0])

    def _take_pages(self, pages: tuple[Page, ...]) -> None:
        """Show these pages, and what they take."""
        self.pages = pages
        builds = [self.document.build_of(i) for i in range(len(self.document.project.briefs))]
        self.takes.show_state(pages, self._loads)
        self.finder.take(pages, [(b.brief.id, b.brief.name) for b in builds])
        self._find()

    def _find(self) -> None:
        """Show the pages that are looked for."""
        builds = [self.document.build_of(i) for i in range(len(self.document.project.briefs))]
        prints = self.document.prints.of_all(builds) if any(b.prints for b in builds) else {}
        found = self.finder.found()
        self._shown = shown_pages(found, self.document.project.title, prints, self._shown)
        count, all_ = len(found), len(self.pages)
        self.card.heading.setText(t("Pages: {count} of {all}", count=count, all=all_) if count < all_
                                  else t("Pages: {count}", count=count) if count else t("Pages"))

    def _show_spots(self, spots: tuple[Spot, ...]) -> None:
        """A layout that is being searched, as far as it has come."""
        if spots != self._trial and self.isVisible():
            self._trial = spots
            self._take_pages(arrange(self._loads(), self.document.project.paper, spots).pages)
            self._show()

    def _choose_sheet(self, row: int) -> None:
        if row < len(SHEETS):
            self.document.set_sheet(SHEETS[row].name)
        else:
            self.own.show()
            self.own.setFocus()

    def _own_sheet(self) -> None:
        words = self.own.text().strip()
        if words and words != self.document.project.sheet:
            try:
                self.document.set_sheet(words)
            except MingeiError as error:
                self.own_reason.setText(t(error.words))
                self.own_reason.show()

    # -- pieces put by hand ----------------------------------------------------------------------------------

    def _spots(self) -> dict[Key, Spot]:
        """Where every piece lies now."""
        return {spot.key: spot for spot in spots_of(self.pages)}

    def _take(self, key: Key | None) -> None:
        self.view.take(key)
        self._show_in_hand()

    def _show_in_hand(self) -> None:
        spots = self._spots()
        with QSignalBlocker(self.spot.which):
            self.spot.which.clear()
            for page in self.pages:
                for item in page.items:
                    if item.key in spots:
                        copy = (t(", copy {number}", number=item.copy + 1) if item.load.pattern.copies > 1
                                else "")
                        self.spot.which.addItem(f"{item.load.words}{copy}", item.key)
            keys = [tuple(self.spot.which.itemData(i)) for i in range(self.spot.which.count())]
            self.spot.which.setCurrentIndex(keys.index(self.view.taken) if self.view.taken in keys else -1)
        met = self.view.lying(self.view.taken) if self.view.taken in spots and self.view.taken else None
        if met is None:
            self.spot.show_spot(None)
        else:
            space, box = room(met[0].page.sheet), met[1].box
            self.spot.show_order(met[0].page)
            self.spot.show_spot(spots[met[1].key],
                                Box(space.left, space.bottom, space.right - box.width,
                                    space.top - box.height))

    def _move(self, moved: Moved) -> None:
        """A piece was put elsewhere by hand: all others stay where they are, it is held there, and so is what
        it comes to lie on."""
        spots = self._spots()
        spot = spots[moved.key]
        number = next((spots[i.key].page for i in moved.page.items),
                      spot.page) if moved.page is not None else \
            1 + max(s.page for s in spots.values())
        self._place(spot._replace(page=number, x=round(moved.at[0], 3), y=round(moved.at[1], 3),
                                  turn_deg=moved.turn_deg),
                    t("move {name}", name=moved.key[1]))

    def _place(self, spot: Spot, name: str) -> None:
        spots = self._spots()
        spots[spot.key] = spot._replace(locked=True)
        items = {i.key: i for page in self.pages for i in page.items}
        item = items[spot.key]
        there = item._replace(move=move_to(item.load.pattern, spot.turn_deg, spot.x, spot.y))
        stock = item.load.pattern.stock.id
        mates = [i for k, i in items.items()
                 if k != spot.key and k in spots and spots[k].page == spot.page and i.load.pattern.stock.id
                 == stock]
        for a, b in clashes([there, *mates]):
            if spot.key in (a.key, b.key):
                for key in (a.key, b.key):
                    spots[key] = spots[key]._replace(locked=True)
        self.view.take(spot.key)
        self.document.set_spots(tuple(spots.values()), name, f"spot:{spot.key}")

    def _hold(self, key: Key) -> None:
        spots = self._spots()
        if key in spots and spots[key].locked:
            self._free(key)
        elif key in spots:
            self._place(spots[key], t("hold {name}", name=key[1]))

    def _free(self, key: Key | None) -> None:
        """Let a piece go: it may lie anywhere again."""
        spots = {s.key: s for s in self.document.project.spots}
        if key is not None and key in spots:
            del spots[key]
            held = any(s.locked for s in spots.values())
            self.document.set_spots(tuple(spots.values()) if held else (), t("let go of {name}", name=key[1]))

    def _set_overlap(self, mm: float) -> None:
        try:
            self.document.set_tiles(mm)
        except MingeiError as error:
            self.overlap.refuse(error)

    def _look_for(self) -> None:
        """Other pages are looked for, or all at a glance."""
        self._find()
        self._show()

    def go_to_page(self, number: int) -> None:
        """Bring a page into view; it is looked for among all where it was left out."""
        if not any(s.page.number <= number <= s.last for s in self._shown):
            self.finder.show_all()
        for place, shown in zip(self.view.places(), self._shown, strict=True):
            if shown.page.number <= number <= shown.last:
                self.area.verticalScrollBar().setValue(round(place.top()) - _ABOVE_PX)
                self.view.point_out(shown)
                return

    def _show(self) -> None:
        scale = self._zoom
        if self.finder.overview.isChecked() and self._shown:
            scale = _OVERVIEW_PX / max(s.height for s in self._shown)
        if scale <= 0 and self._shown:
            room = self.area.maximumViewportSize()
            scale = self._fitting(room - QSize(self.area.verticalScrollBar().sizeHint().width(), 0))
        self.view.show_pages(self._shown, max(scale, 0.2))

    def _fitting(self, room: QSize) -> float:
        """Px a mm at which all pages are in view, or, where they would be too small to read, as many as stand
        in one row."""
        tallest = max(s.height for s in self._shown)
        widest = max(s.width for s in self._shown)

        def scale(columns: int, rows: int) -> float:
            high = (room.height() - rows * (CAPTION_PX + 20)) / (rows * tallest)
            return min(high, (room.width() - (columns + 1) * GAP_PX) / (columns * widest))

        count = len(self._shown)
        best = max(scale(columns, math.ceil(count / columns)) for columns in range(1, count + 1))
        return best if best >= _READABLE else scale(min(count, 3), 1)

    def zoom(self, factor: float) -> None:
        """Larger or smaller by a factor; 0 shows whole pages."""
        self._zoom = max(0.2, min(12.0, self.view.scale * factor)) if factor else 0.0
        self._show()

    def resizeEvent(self, event: object) -> None:
        if self.isVisible() and not self._stale:
            self._show()

    def _look_at_piece(self, pattern: Pattern) -> None:
        """A piece was pressed: take it in hand, and turn to the thing it belongs to."""
        self._show_in_hand()
        for i in range(len(self.document.project.briefs)):
            if pattern in self.document.build_of(i).cut_pieces:
                self.document.look_at(i)
                return

    def enter(self) -> None:
        self.pdf.setFocus()
