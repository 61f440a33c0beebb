"""The stock cabinet, open over any station: find, measure, convert, build up and keep stocks."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

from PySide6.QtCore import QSignalBlocker, Qt
from PySide6.QtWidgets import (
    QDialogButtonBox,
    QFormLayout,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QPushButton,
    QScrollArea,
    QVBoxLayout,
    QWidget,
)

from mingei.app.desk import Desk
from mingei.app.dialogs import Dialog
from mingei.app.document import Document
from mingei.app.fields import CountField, QuietCombo, refusal
from mingei.app.lists import Line, PlainList
from mingei.app.words import capital, t
from mingei.core.cabinet.stocks import built_up, matching, redrafted
from mingei.core.errors import MingeiError, StockError
from mingei.core.length import parse, plain_number, write_mm
from mingei.core.stock import (
    BASIS_SIZES_IN,
    KINDS,
    Faced,
    Grain,
    Stock,
    basis_from_gsm,
    estimate_caliper,
    points_from_mm,
    read_caliper,
    read_grammage,
)
from mingei.core.words import placed, say


class CabinetDialog(Dialog):
    """A list to search at the left, the chosen stock to read and change at the right.  Changes are kept at
    once and can be undone."""

    def __init__(self, document: Document, desk: Desk, parent: QWidget) -> None:
        super().__init__(parent)
        self.document, self.desk, self.shelf = document, desk, document.shelf
        self.stock = document.project.stock_of(document.brief)
        self.setWindowTitle(t("Stock cabinet"))
        self.resize(860, 640)
        row = QHBoxLayout()
        row.addLayout(self._left(), 2)
        row.addWidget(self._right(), 3)
        column = QVBoxLayout(self)
        column.addLayout(row, 1)
        self.reason = refusal()
        column.addWidget(self.reason)
        column.addLayout(self._anew())
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Close)
        self.use = buttons.addButton(t("Use it for this thing"), QDialogButtonBox.ButtonRole.ActionRole)
        self.use.clicked.connect(self._use)
        buttons.rejected.connect(self.reject)
        column.addWidget(buttons)
        self.shelf.changed.connect(self._shelf_changed)
        self.shelf.failed.connect(self._refuse)
        self._fill()

    # -- the list --------------------------------------------------------------------------------------------

    def _left(self) -> QVBoxLayout:
        column = QVBoxLayout()
        self.search = QLineEdit()
        self.search.setPlaceholderText(t("Find: card 300, 65lb cover, 14pt, 0.5mm"))
        self.search.setAccessibleName(t("Find a stock"))
        self.search.setClearButtonEnabled(True)
        self.search.textChanged.connect(lambda _: self._fill())
        self.list = PlainList(t("Stocks"))
        self.list.turned.connect(self._choose)
        column.addWidget(self.search)
        column.addWidget(self.list, 1)
        row = QHBoxLayout()
        self.copy = self._button(t("Copy"), t("A stock of your own, beginning as this one"), self._copy)
        self.away = self._button(t("Take out"),
                                 t("Your own goes; a stock of the catalogue comes back as it was"),
                                 self._take_out)
        self.undo = self._button(t("Undo"), t("Take back the last change to the cabinet"), self.shelf.undo)
        for button in (self.copy, self.away, self.undo):
            row.addWidget(button)
        column.addLayout(row)
        return column

    def _button(self, words: str, hint: str, act: Callable[[], object]) -> QPushButton:
        button = QPushButton(words)
        button.setToolTip(hint)
        button.setAutoDefault(False)
        button.clicked.connect(lambda _=False: act())
        return button

    def _fill(self) -> None:
        """Show what matches, the chosen stock chosen where it is among it."""
        self.shown = matching(self.shelf.cabinet.stocks, self.search.text())
        tall, row = 2 * self.fontMetrics().lineSpacing() + 12, -1
        lines = []
        for number, stock in enumerate(self.shown):
            own = f", {t('your own')}" if self.shelf.cabinet.is_own(stock.id) else ""
            figures = f"{write_mm(stock.caliper_mm)}, {stock.grammage_gsm:.4g} g/m²"
            lines.append(Line(f"{t(stock.name)}\n{figures}{own}", tall=tall))
            row = number if stock.id == self.stock.id else row
        self.list.show_lines(lines, row)
        if row >= 0:
            self.stock = self.shown[row]
        self._show()

    def _choose(self, row: int) -> None:
        if 0 <= row < len(self.shown):
            self.stock = self.shown[row]
            self._show()

    # -- the stock -------------------------------------------------------------------------------------------

    def _right(self) -> QWidget:
        holder = QWidget()
        form = QFormLayout(holder)
        form.setFieldGrowthPolicy(QFormLayout.FieldGrowthPolicy.ExpandingFieldsGrow)
        self.lines: dict[str, QLineEdit] = {}
        self.notes: dict[str, QLabel] = {}

        def line(key: str, words: str, hint: str, note: bool = False) -> None:
            field = QLineEdit()
            field.setAccessibleName(words)
            field.setToolTip(hint)
            field.setMaxLength(200)
            field.editingFinished.connect(self._edited)
            self.lines[key] = field
            form.addRow(words, field)
            if note:
                self.notes[key] = QLabel()
                self.notes[key].setObjectName("quiet")
                self.notes[key].setWordWrap(True)
                form.addRow("", self.notes[key])

        def combo(words: str, items: list[tuple[str, str]]) -> QuietCombo:
            box = QuietCombo()
            box.setAccessibleName(words)
            for key, said in items:
                box.addItem(said, key)
            box.activated.connect(lambda _: self._edited())
            form.addRow(words, box)
            return box

        line("name", t("Name"), t("As you call it"))
        self.kind = combo(t("Kind"), [(k, t(k)) for k in KINDS])
        line("grammage", t("Grammage"),
             t("What a square metre weighs. Write 176, or a US weight with its grade: 65 lb cover."),
             note=True)
        line("caliper", t("Thickness"),
             t("What the folds need. Write 0.4 mm, 14 pt, 350 µm or 1/64 in; measure ten sheets and divide "
               "by ten."), note=True)
        self.estimate = self._button(t("Reckon it from the grammage"),
                                     t("Only a guess: paper of one weight differs in thickness"),
                                     self._reckon)
        form.addRow("", self.estimate)
        line("gain", t("Crease gain"),
             t("How much longer a piece must be for each right-angled fold; a test strip tells"))
        self.strip = self._button(t("Test strip…"),
                                  t("Print it, fold it, measure it, and know thickness and crease gain"),
                                  self._strip)
        form.addRow("", self.strip)
        self.grain = combo(t("Grain"), [(Grain.LONG, t("along the long side")),
                                        (Grain.SHORT, t("along the short side")),
                                        (Grain.NONE, t("none"))])
        self.faced = combo(t("Faced"), [(Faced.NONE, t("not at all")), (Faced.ONE, t("on one face")),
                                        (Faced.BOTH, t("on both faces"))])
        self.warp = QLabel(
            t("Faced on one side only it warps as it dries: face the other side with the same paper, "
              "and dry it under weight."))
        self.warp.setObjectName("quiet")
        self.warp.setWordWrap(True)
        form.addRow("", self.warp)
        self.passes = CountField(1, 99, t("Scoring passes"))
        self.passes.setToolTip(t("Light passes of the scoring tool; heavy stock wants several"))
        self.passes.valueChanged.connect(lambda _: self._edited())
        form.addRow(t("Scoring passes"), self.passes)
        line("stretch", t("Cloth gives"),
             t("Draw a strip of 100 mm tight: by so many mm it grows. Covers are cut smaller by half of it."))
        line("price", t("Price of a sheet"), t("In your own money; 0 where you do not know"))
        line("sheets", t("Sheets"), t("Sizes it is sold in, with commas between them"))
        form.addRow(self._heading(t("Built-up board")))
        line("target", t("Wanted thickness"),
             t("Layers of this stock, glued together, come as near to it as they can"))
        line("film", t("Glue between layers"), t("About 0.05 mm for a thin even coat"))
        self.lines["target"].setText("2 mm")
        self.lines["film"].setText("0.05 mm")
        self.built = QLabel()
        self.built.setWordWrap(True)
        form.addRow("", self.built)
        self.keep = self._button(t("Keep it as a stock"), t("The built-up board joins your own stocks"),
                                 self._keep)
        form.addRow("", self.keep)
        area = QScrollArea()
        area.setWidgetResizable(True)
        area.setWidget(holder)
        area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        return area

    def _heading(self, words: str) -> QLabel:
        label = QLabel(words)
        label.setObjectName("cardTitle")
        return label

    def _show(self) -> None:
        stock = self.stock
        self.reason.hide()
        texts = {"name": t(stock.name), "grammage": f"{plain_number(stock.grammage_gsm)} g",
                 "caliper": write_mm(stock.caliper_mm, 3),
                 "gain": write_mm(stock.crease_gain_mm, 3), "price": plain_number(stock.price),
                 "sheets": ", ".join(stock.sheets), "stretch": f"{plain_number(stock.stretch_pct)} %"}
        for key, text in texts.items():
            self.lines[key].setText(text)
            self.lines[key].setCursorPosition(0)
        for box, value in ((self.kind, stock.kind), (self.grain, stock.grain), (self.faced, stock.faced)):
            box.setCurrentIndex(box.findData(value))
        with QSignalBlocker(self.passes):
            self.passes.setValue(stock.score_passes)
        self.notes["grammage"].setText(" · ".join(f"{basis_from_gsm(stock.grammage_gsm, g):.0f} lb {t(g)}"
                                                  for g in BASIS_SIZES_IN))
        self.notes["caliper"].setText(
            f"{points_from_mm(stock.caliper_mm):.1f} pt · {stock.caliper_mm * 1000:.0f} µm")
        self.warp.setVisible(stock.faced is Faced.ONE)
        own = self.shelf.cabinet.is_own(stock.id)
        self.away.setEnabled(own)
        self.undo.setEnabled(self.shelf.can_undo)
        self._show_built()
        self._show_anew()

    def _edited(self) -> None:
        """Take over what was written, when it can be true; a change makes the stock one's own."""
        self._show_built()
        try:
            fresh = self._written()
        except MingeiError as error:
            self._refuse(error)
            return
        self.reason.hide()
        if fresh != self.stock:
            self.stock = fresh
            self.shelf.put(fresh)

    def _written(self) -> Stock:
        text = {key: field.text().strip() for key, field in self.lines.items()}
        kept = self.stock
        if not text["name"]:
            raise StockError("a stock needs a name", "name", "write what you call it")
        price = self._number(text["price"], "price", "0.35")
        stretch = self._number(text["stretch"].rstrip("% "), "stretch", "3")
        caliper, gain = (self._same(text["caliper"], kept.caliper_mm),
                         self._same(text["gain"], kept.crease_gain_mm))
        grammage = (kept.grammage_gsm if text["grammage"] == f"{plain_number(kept.grammage_gsm)} g"
                    else read_grammage(text["grammage"]))
        name = kept.name if text["name"] == t(kept.name) else text["name"]
        return replace(
            kept, name=name, kind=str(self.kind.currentData()), grammage_gsm=grammage, caliper_mm=caliper,
            crease_gain_mm=gain,
            grain=Grain(self.grain.currentData()), faced=Faced(self.faced.currentData()),
            score_passes=self.passes.value(), price=price,
            stretch_pct=stretch,
            sheets=tuple(s.strip() for s in text["sheets"].split(",") if s.strip()))

    def _number(self, text: str, place: str, such: str) -> float:
        """The number written, nothing for 0.  Raises StockError."""
        try:
            return float(text.replace(",", ".") or 0)
        except ValueError:
            raise StockError(say("{text!r} is not a number", text=text), place,
                             say("write one such as {such}", such=such)) from None

    def _same(self, text: str, kept: float) -> float:
        """The length written; what was shown rounded and not touched stays exact."""
        return (kept if text == write_mm(kept, 3) else -parse(text[1:]) if text.startswith(("-", "−"))
                else read_caliper(text))

    def _refuse(self, error: MingeiError) -> None:
        self.reason.setText(capital(placed(error.place, error.sentence, error.remedy)))
        self.reason.show()
        self.grow()

    def _reckon(self) -> None:
        found = estimate_caliper(self.stock.grammage_gsm, self.stock.kind)
        self.lines["caliper"].setText(write_mm(found.caliper_mm))
        self._edited()
        self.notes["caliper"].setText(t("reckoned, perhaps {off} more or less: measure it",
                                        off=write_mm(found.uncertainty_mm)))

    # -- built-up board --------------------------------------------------------------------------------------

    def _board(self) -> Stock:
        return built_up(self.stock, parse(self.lines["target"].text()), parse(self.lines["film"].text()))

    def _show_built(self) -> None:
        try:
            board, wanted = self._board(), parse(self.lines["target"].text())
        except MingeiError as error:
            self.built.setText(capital(placed("", error.sentence, error.remedy)))
            self.keep.setEnabled(False)
            return
        off = board.caliper_mm - wanted
        said = t("exactly") if abs(off) < 0.005 else t("{off} too thick",
                                                       off=write_mm(off)) if off > 0 else t("{off} too thin",
                                                                                            off=write_mm(
                                                                                                -off))
        self.built.setText(
            t("{count} layers reach {reached}, {off}. Glue flat, grain the same way, and dry under weight.",
              count=board.layers // self.stock.layers, reached=write_mm(board.caliper_mm),
              off=said))
        self.keep.setEnabled(True)

    def _keep(self) -> None:
        board = self._board()
        if self.shelf.cabinet.find(board.id) is not None:
            board = self.shelf.cabinet.copy_of(board)
        self.stock = board
        self.search.clear()
        self.shelf.put(board)

    # -- the cabinet -----------------------------------------------------------------------------------------

    def _copy(self) -> None:
        fresh = self.shelf.cabinet.copy_of(self.stock)
        self.stock = fresh
        self.search.clear()
        self.shelf.put(fresh)
        self.lines["name"].setFocus()
        self.lines["name"].selectAll()

    def _take_out(self) -> None:
        self.shelf.take_out(self.stock.id)

    def _shelf_changed(self) -> None:
        found = self.shelf.cabinet.find(self.stock.id)
        self.stock = found or self.shelf.cabinet.stocks[0]
        self._fill()

    def _use(self) -> None:
        try:
            self.document.set_stock(self.stock)
        except MingeiError as error:
            self._refuse(error)
        else:
            self._show_anew()

    def _strip(self) -> None:
        from mingei.app.strip import StripDialog

        StripDialog(self.stock, self.shelf, self.desk, self).open()

    # -- what a stock measured anew changes ------------------------------------------------------------------

    def _anew(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.changes = QLabel()
        self.changes.setWordWrap(True)
        self.follow = self._button(t("Draft anew"),
                                   t("Everything of this project that is made of it follows; it can be "
                                     "undone"),
                                   self._follow)
        row.addWidget(self.changes, 1)
        row.addWidget(self.follow)
        return row

    def _show_anew(self) -> None:
        carried = next((s for s in self.document.project.stocks if s.id == self.stock.id), None)
        moved = (carried is not None and (carried.caliper_mm, carried.crease_gain_mm)
                 != (self.stock.caliper_mm, self.stock.crease_gain_mm))
        self.changes.setText("\n".join(t(s) for s in redrafted(self.document.project, self.stock)) if moved
                             else "")
        self.changes.setVisible(moved)
        self.follow.setVisible(moved)

    def _follow(self) -> None:
        try:
            self.document.follow_stock(self.stock)
        except MingeiError as error:
            self._refuse(error)
        else:
            self._show_anew()
