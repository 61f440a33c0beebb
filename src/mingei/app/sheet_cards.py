"""The cards of the Sheets station: how pieces are laid out, the piece in hand, what is printed, and the
printer."""

from __future__ import annotations

from collections.abc import Callable, Generator, Iterable
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QSignalBlocker, Qt, Signal
from PySide6.QtWidgets import QCheckBox, QLabel, QLineEdit, QPushButton, QWidget

from mingei.app.cards import Card, combo, quiet, row
from mingei.app.document import Document
from mingei.app.fields import CountField, LengthField
from mingei.app.searching import Search
from mingei.app.words import capital, counted, t
from mingei.core.errors import MeasureError, MingeiError
from mingei.core.layout.laying import (
    ANY_PRINTER,
    BAR_MM,
    GROUPS,
    MOST_OFF,
    CutLine,
    Laying,
    Printer,
    Spot,
    Way,
    feed_advice,
)
from mingei.core.layout.offcuts import left_over
from mingei.core.layout.parting import parting
from mingei.core.layout.place import Load, Page
from mingei.core.length import write, write_mm
from mingei.core.plane.shape import Box
from mingei.core.words import say

if TYPE_CHECKING:
    from mingei.core.layout.closer import Found

_WAYS = ((Way.FREE, "Turned as they fit best"), (Way.ALONG, "Upright, along the sheet"),
         (Way.ACROSS, "Lying, across the sheet"))
_CUTS = ((CutLine.LINE, "Cuts as lines"), (CutLine.HAIR, "Cuts as hairlines"),
         (CutLine.TICKS, "Ticks outside the corners"),
         (CutLine.BACK, "Cuts on the back only"), (CutLine.NONE, "No cuts"))

#: The fields for the bars of a print that was corrected already, and the measure each adds to.
_AGAIN = {"across_again": "across", "along_again": "along"}
NOWHERE = Box(0.0, 0.0, 0.0, 0.0)


class _ChoicesCard(Card):
    """A card whose fields are choices for the sheets."""

    def __init__(self, heading: str, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(heading, parent)
        self.document = document
        self.ticks: dict[str, QCheckBox] = {}

    def _choose(self, **values: Any) -> None:
        self.document.set_laying(self.document.project.laying._replace(**values))

    def _tick(self, key: str, words: str, hint: str) -> QCheckBox:
        box = QCheckBox(words)
        box.setToolTip(hint)
        box.clicked.connect(lambda on, key=key: self._choose(**{key: on}))
        self.ticks[key] = box
        return box

    def _show_ticks(self, laying: Laying) -> None:
        for key, box in self.ticks.items():
            box.setChecked(getattr(laying, key))


class LayingCard(_ChoicesCard):
    """How pieces are laid out, and laying them closer in the background.

    found: the best layout so far; done: the search is over without one.
    """

    found = Signal(object)
    done = Signal()

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Laying out"), document, parent)
        hint = t("Keep pieces upright or lying where their folds must run along the grain of the sheet.")
        self.way = combo(t("How pieces may be turned"), hint, [t(words) for _, words in _WAYS])
        self.way.activated.connect(lambda row: self._choose(way=_WAYS[row][0]))
        self.gap = LengthField(t("Spacing"),
                               t("Card left between pieces, so that a knife passes: 3 mm is usual."))
        self.gap.edited.connect(self._space)
        together = self._tick("together", t("Each thing on its own sheets"),
                              t("Pieces of one thing share sheets with no other thing."))
        self.closer = QPushButton(t("Nest closer"))
        self.closer.setToolTip(
            t("Search for a layout by outlines that takes fewer sheets. What you hold in place stays there."))
        self.search = Search(self.closer, self._begin)
        self.search.stopping.connect(lambda: self._say(t("Stopping; the best so far is kept.")))
        self.search.improved.connect(self._improved)
        self.search.ended.connect(self._ended)
        self.search.given_up.connect(lambda: self._say(t("Something changed: the search was given up.")))
        self.anew = QPushButton(t("Lay out anew"))
        self.anew.setToolTip(t("Forget where pieces were put, by hand or by nesting."))
        self.anew.clicked.connect(lambda: self.document.set_spots((), t("lay out anew")))
        self.state = quiet()
        self.state.hide()
        for widget in (self.way, self.gap, together):
            self.body.addWidget(widget)
        self.body.addLayout(row(self.closer, self.anew))
        self.body.addWidget(self.state)
        self.loads: Callable[[], list[Load]] = list
        self.tries = 0  # for each group of pieces; 0: as many as is usual
        document.changed.connect(self.search.give_up)

    def show_state(self, loads: Callable[[], list[Load]]) -> None:
        """loads: the pieces to be laid out."""
        self.loads = loads
        project = self.document.project
        with QSignalBlocker(self.way):
            self.way.setCurrentIndex([w for w, _ in _WAYS].index(project.laying.way))
        if self.gap.unit != project.unit:
            self.gap.set_unit(project.unit)
        self.gap.show_value(project.laying.gap)
        self._show_ticks(project.laying)
        self.anew.setEnabled(bool(project.spots) and not self.busy)

    def _space(self, mm: float) -> None:
        try:
            self._choose(gap=mm)
        except MingeiError as error:
            self.gap.refuse(error)

    def _say(self, words: str) -> None:
        self.state.setText(words)
        self.state.setVisible(bool(words))

    # -- laying closer ---------------------------------------------------------------------------------------

    @property
    def busy(self) -> bool:
        return self.search.busy

    def _begin(self) -> Callable[[], Generator[Found]]:
        loads, project, tries = self.loads(), self.document.project, self.tries
        self.anew.setEnabled(False)

        def search() -> Generator[Found]:
            from mingei.core.layout.closer import TRIES, closer

            return closer(loads, project.paper, project.spots, tries or TRIES)

        return search

    def _improved(self, best: Found) -> None:
        self._say(
            counted("{percent} %: {count} sheet instead of {before}; no fewer than {least} by their area",
                    "{percent} %: {count} sheets instead of {before}; no fewer than {least} by "
                    "their area", best.sheets,
                    percent=round(100 * best.share), before=best.before, least=best.least))
        self.found.emit(best)

    def _ended(self, best: Found | None, error: MingeiError | None) -> None:
        """The search is over: what it found is put in force, as one step."""
        if error is not None:
            self._say(t(error.words))
        elif best is not None and best.sheets < best.before:
            self._say(counted("{count} sheet instead of {before}", "{count} sheets instead of {before}",
                              best.sheets, before=best.before))
            self.document.set_spots(best.spots, t("nest closer"))
            return
        else:
            self._say(t("No layout with fewer sheets was found."))
        self.done.emit()


class SpotCard(Card):
    """The piece in hand: where it lies, by numbers too.  put: a Spot; freed: the piece may lie anywhere;
    turned: a quarter, please."""

    put = Signal(object)
    freed = Signal(object)
    turned = Signal()

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Piece in hand"), parent)
        self.document = document
        self.which = combo(t("Piece in hand"),
                            t("Every piece on these sheets. Press on one, or choose it here."), ())
        self.left = LengthField(t("From the left"),
                                t("Of the rectangle round the piece, from the sheet's edge."))
        self.below = LengthField(t("From below"),
                                 t("Of the rectangle round the piece, from the sheet's edge."))
        self.left.edited.connect(lambda mm: self._write(self.left, mm, x=mm))
        self.below.edited.connect(lambda mm: self._write(self.below, mm, y=mm))
        self.turn = QPushButton(t("Turn by 90°"))
        self.turn.clicked.connect(self.turned.emit)
        self.hold = QCheckBox(t("Hold it there"))
        self.hold.setToolTip(t("Neither nesting nor laying out moves it."))
        self.hold.clicked.connect(lambda on: self._move(locked=on) if on
                                  else self.freed.emit(self._spot and self._spot.key))
        self.group = combo(t("Kept together"),
                            t("Pieces of one group share sheets with no others, so that they are cut "
                              "together."),
                            [t("With any other pieces"),
                             *(t("Only with group {letter}", letter=letter) for letter in GROUPS)])
        self.group.activated.connect(lambda row: self._keep("" if row == 0 else GROUPS[row - 1]))
        self.body.addWidget(self.which)
        for widget in (self.left, self.below):
            self.body.addWidget(widget)
        self.body.addLayout(row(self.turn, self.hold))
        self.body.addWidget(self.group)
        self.hint = quiet()
        self.hint.setText(
            t("Drag it, or nudge it with the arrow keys (with Shift by 10 mm). R turns it, L holds it, "
              "Delete lets it go."))
        self.body.addWidget(self.hint)
        self.order = QLabel()
        self.order.setWordWrap(True)
        self.order.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
        self.order.setToolTip(
            t("Straight cuts from edge to edge that part the sheet into blanks and keep its largest offcut "
              "whole."))
        self.body.addWidget(self.order)
        self._spot: Spot | None = None
        self._reach = NOWHERE

    def show_spot(self, spot: Spot | None, reach: Box = NOWHERE) -> None:
        """Where the piece in hand lies, None where none is; reach: where its lower left corner may lie."""
        self._spot, self._reach = spot, reach
        for widget in (self.left, self.below, self.turn, self.hold, self.group):
            widget.setEnabled(spot is not None)
        letter = self.document.project.laying.group_of(spot.owner, spot.piece) if spot else ""
        with QSignalBlocker(self.group):
            self.group.setCurrentIndex(GROUPS.index(letter) + 1 if letter else 0)
        unit = self.document.project.unit
        for field, mm in ((self.left, spot.x if spot else 0.0), (self.below, spot.y if spot else 0.0)):
            if field.unit != unit:
                field.set_unit(unit)
            field.show_value(mm)
        self.hold.setChecked(bool(spot and spot.locked))
        self.order.setVisible(spot is not None)

    def show_order(self, page: Page) -> None:
        """How its sheet is parted by straight cuts."""
        left = left_over([page])
        cuts = parting(page, left[0].where if left else None) or (parting(page) if left else None)
        if cuts is None:
            self.order.setText(t("Its sheet cannot be parted by cuts from edge to edge."))
            return
        unit = self.document.project.unit
        said = [t("{n}. upright, {at} from the left" if cut.upright else "{n}. level, {at} from below", n=n,
                  at=write(cut.at, unit))
                for n, cut in enumerate(cuts, 1)]
        self.order.setText("\n".join([t("Straight cuts, in this order:"), *said]) if said
                           else t("Its sheet needs no parting."))

    def _write(self, field: LengthField, mm: float, **values: float) -> None:
        """Put the piece where it was written, if the printer reaches there."""
        low, high = ((self._reach.left, self._reach.right) if field is self.left
                     else (self._reach.bottom, self._reach.top))
        if low - 1e-6 <= mm <= high + 1e-6:
            self._move(**values)
        else:
            field.refuse(MeasureError("there it would lie outside what the printer reaches",
                                      field.label.text(),
                                      say("write {low} to {high}", low=write_mm(low), high=write_mm(high))))

    def _keep(self, letter: str) -> None:
        if self._spot is not None:
            self.document.set_laying(self.document.project.laying.grouped(self._spot.owner, self._spot.piece,
                                                                          letter))

    def _move(self, **values: Any) -> None:
        if self._spot is not None:
            self.put.emit(self._spot._replace(**{"locked": True, **values}))


class PrintedCard(_ChoicesCard):
    """What is printed of the pieces and round them."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("What is printed"), document, parent)
        hint = t("Lines stay seen on the edge of the card; ticks are cut away; the back is not seen at all.")
        self.cuts = combo(t("How cuts are printed"), hint, [t(words) for _, words in _CUTS])
        self.cuts.activated.connect(lambda row: self._choose(cuts=_CUTS[row][0]))
        self.body.addWidget(self.cuts)
        for key, words, hint in (
                ("folds", t("Fold lines"), t("Off where they are scored from a template, or by a machine.")),
                ("numbers", t("Numbers of seams"), t("Edges with the same number meet.")),
                ("names", t("Names beneath pieces"), t("Where several pieces share a sheet.")),
                ("corners", t("Marks in the corners"),
                 t("For a machine that cuts what was printed: it finds the sheet by them.")),
                ("template", t("Template for the inner face"),
                 t("Mirrored, on paper to be stuck to the back of the card; mountains are valleys there."))):
            self.body.addWidget(self._tick(key, words, hint))

    def show_state(self) -> None:
        laying = self.document.project.laying
        with QSignalBlocker(self.cuts):
            self.cuts.setCurrentIndex([c for c, _ in _CUTS].index(laying.cuts))
        self._show_ticks(laying)


class PrinterCard(Card):
    """The printer as it was measured: its bars, its margins, the heaviest stock.  rehearse: try the print on
    a stand-in first."""

    rehearse = Signal()

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Printer"), parent)
        self.document = document
        self.which = combo(t("Printer"), t("Printers you have measured, kept with your stocks."), ())
        self.which.activated.connect(self._choose)
        self.name = QLineEdit()
        self.name.setAccessibleName(t("Name of the printer"))
        self.name.setPlaceholderText(t("Name it to keep it"))
        self.name.setMaxLength(80)
        self.name.editingFinished.connect(lambda: self._put(name=self.name.text().strip()))
        self.lengths = {
            "margin": LengthField(t("Margin"), t("What it leaves white at each side, the widest of them.")),
            "across": LengthField(t("Bar across"),
                                  t("How long the level check bar comes out uncorrected: it should be "
                                    "100 mm.")),
            "along": LengthField(t("Bar along"),
                                 t("How long the upright check bar comes out uncorrected: it should be "
                                   "100 mm.")),
            "across_again": LengthField(
                t("Corrected, across"),
                t("How long the level bar of a corrected print comes out: what is still off is added to the "
                  "correction."),
            ),
            "along_again": LengthField(
                t("Corrected, along"),
                t("How long the upright bar of a corrected print comes out: what is still off is added to "
                  "the correction."),
            ),
            "back_x": LengthField(t("Back to right"),
                                  t("How far the back of a sheet lies to the right of its front, seen from "
                                    "the back.")),
            "back_y": LengthField(t("Back upward"),
                                  t("How far the back of a sheet lies above its front, seen from the back.")),
        }
        self.heaviest = CountField(0, 2000, t("Heaviest stock it takes"))
        self.heaviest.setSuffix(" g/m²")
        self.heaviest.setSpecialValueText(t("not known"))
        self.heaviest.setToolTip(t("What its maker allows."))
        self.heaviest.editingFinished.connect(lambda: self._put(heaviest=float(self.heaviest.value())))
        self.body.addWidget(self.which)
        self.body.addWidget(self.name)
        for key, field in self.lengths.items():
            field.edited.connect(lambda mm, key=key: self._measured(key, mm))
            self.body.addWidget(field)
        self.add_row(t("Heaviest"), self.heaviest)
        self.keep = QPushButton(t("Keep it"))
        self.keep.setToolTip(t("Keep this printer with your stocks, for other projects."))
        self.keep.clicked.connect(self._keep)
        self.drop = QPushButton(t("Forget it"))
        self.drop.clicked.connect(self._drop)
        self.body.addLayout(row(self.keep, self.drop))
        self.advice = quiet()
        self.body.addWidget(self.advice)
        self.trial = QPushButton(t("Rehearse the print…"))
        self.trial.setToolTip(
            t("See how the PDF comes out of a printer that shrinks, clips or skews, and what its bars would "
              "measure."))
        self.trial.clicked.connect(self.rehearse.emit)
        self.body.addWidget(self.trial)

    def show_state(self, pages: Iterable[Page]) -> None:
        project, kept = self.document.project, self.document.shelf.cabinet.printers
        printer = project.printer
        with QSignalBlocker(self.which):
            self.which.clear()
            self.which.addItem(t("Any printer"), ANY_PRINTER)
            for each in kept:
                self.which.addItem(each.name, each)
            if printer != ANY_PRINTER and printer not in kept:
                self.which.addItem(t("{name}, as measured here", name=printer.name) if printer.name
                                   else t("As measured here"), printer)
            self.which.setCurrentIndex(next(i for i in range(self.which.count())
                                            if Printer(*self.which.itemData(i)) == printer))
        with QSignalBlocker(self.name):
            self.name.setText(printer.name)
        for key, field in self.lengths.items():
            if field.unit != project.unit:
                field.set_unit(project.unit)
            field.show_value(BAR_MM if key in _AGAIN else getattr(printer, key))
        for key in _AGAIN:
            self.lengths[key].setVisible(printer.corrects)
        with QSignalBlocker(self.heaviest):
            self.heaviest.setValue(round(printer.heaviest))
        for field in (self.lengths["back_x"], self.lengths["back_y"]):
            field.setVisible(project.laying.cuts is CutLine.BACK)
        self.keep.setEnabled(bool(printer.name) and printer not in kept)
        self.drop.setEnabled(printer in kept)
        advice = [words for stock in dict.fromkeys(p.stock for p in pages)
                  for words in [feed_advice(printer, stock.grammage_gsm)]
                  if words and not project.laying.template]
        self.advice.setText("\n".join(f"{capital(words)}." for words in dict.fromkeys(advice)))
        self.advice.setVisible(bool(advice))

    def _choose(self, row: int) -> None:
        self.document.set_printer(Printer(*self.which.itemData(row)))

    def _measured(self, key: str, mm: float) -> None:
        """Take what a person measured; on a corrected print it adds to what was known."""
        if key not in _AGAIN:
            self._put(**{key: mm})
            return
        word = _AGAIN[key]
        again = self.document.project.printer.measured_again(**{word: mm})
        if abs(getattr(again, word) / BAR_MM - 1.0) > MOST_OFF:
            self.lengths[key].refuse(
                MeasureError(say("a bar that prints as {mm} was fitted to the page", mm=write_mm(mm)), key,
                             "print at actual size (100 %), and measure again"))
            return
        self._put(**{word: round(getattr(again, word), 4)})
        self.lengths[key].show_value(BAR_MM)

    def _put(self, **values: Any) -> None:
        printer = self.document.project.printer._replace(**values)
        if printer == self.document.project.printer:
            return
        try:
            self.document.set_printer(printer)
        except MingeiError as error:
            field = self.lengths.get(next(iter(values)))
            if field is not None:
                field.refuse(error)

    def _keep(self) -> None:
        self.document.shelf.put_printer(self.document.project.printer)
        self.show_state(())

    def _drop(self) -> None:
        self.document.shelf.drop_printer(self.document.project.printer.name)
        self.show_state(())
