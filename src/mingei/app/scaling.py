"""Scaling: by what, what becomes of each measure, and what enlarging the drawing instead would do."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

from PySide6.QtWidgets import (
    QCheckBox,
    QDialogButtonBox,
    QFormLayout,
    QHeaderView,
    QLabel,
    QLineEdit,
    QStackedWidget,
    QTableView,
    QVBoxLayout,
    QWidget,
)

from mingei.app import theme
from mingei.app.dialogs import Dialog
from mingei.app.document import Document
from mingei.app.fields import QuietCombo
from mingei.app.lists import Cell, Cells
from mingei.app.words import capital, t
from mingei.core.document.build import build
from mingei.core.document.project import Brief
from mingei.core.errors import MeasureError, MingeiError
from mingei.core.layout.sheets import SHEETS, find_sheet
from mingei.core.length import parse, plain_number, typeset, write
from mingei.core.recipes import Kind, find_recipe
from mingei.core.sizing import scale
from mingei.core.stock import Stock
from mingei.core.words import placed, say


class ScaleDialog(Dialog):
    """Shows what the scale in force would do; nothing changes until it is accepted."""

    def __init__(self, document: Document, parent: QWidget) -> None:
        super().__init__(parent)
        self.document = document
        self.factor = 0.0
        self.setWindowTitle(t("Scale"))
        self.resize(640, 600)
        column = QVBoxLayout(self)
        column.setSpacing(8)
        self.way = QuietCombo()
        self.way.setAccessibleName(t("Scale by"))
        self.pages = QStackedWidget()
        self.lines: dict[str, QLineEdit] = {}
        recipe = find_recipe(document.brief.recipe)
        own = [(m.name, t(m.title)) for m in recipe.measures if m.kind is Kind.LENGTH and not m.stays]
        outside = [(name, t(name.replace("-", " ")).capitalize()) for name in scale.OUTSIDE]
        self.measure = self._list([*own, *outside], t("Which length"))
        self.sheet = self._list([(s.name, t(s.name)) for s in SHEETS], t("Sheet"))
        self.sheet.setCurrentIndex(self.sheet.findData(document.project.sheet))
        self.ways: list[Callable[[Brief, Stock], float]] = []
        self._page(t("By a factor"), [(t("Times the size"), self._line("factor", "2", t("Times the size")))],
                   self._by_factor)
        self._page(t("From one model scale to another"), [
            (t("Drafted at 1 to"), self._line("from", "12", t("Drafted at 1 to"))),
            (t("Wanted at 1 to"), self._line("wanted", "6", t("Wanted at 1 to")))], self._by_model)
        self._page(t("By an object"), [
            (t("Made for one of"), self._line("made", write(60.0, document.project.unit),
                                              t("Made for one of"))),
            (t("Yours has"), self._line("mine", write(80.0, document.project.unit), t("Yours has")))],
                   self._by_object)
        self._page(t("To a length"), [
            (t("Which length"), self.measure),
            (t("Becomes"), self._line("to", write(200.0, document.project.unit), t("Becomes")))],
            self._to_length)
        self._page(t("To the largest that fits a sheet"), [(t("Sheet"), self.sheet)], self._to_sheet)
        self.step = self._list([("", t("exactly")), ("mm", t("to half a millimetre")),
                                ("in", t("to a sixteenth of an inch"))], t("Round"))
        self.all = QCheckBox(t("Every thing in the kit by the same factor"))
        self.all.setVisible(len(document.project.briefs) > 1)
        form = QFormLayout()
        form.addRow(t("Scale"), self.way)
        column.addLayout(form)
        column.addWidget(self.pages)
        second = QFormLayout()
        second.addRow(t("Round"), self.step)
        column.addLayout(second)
        column.addWidget(self.all)
        self.reason = QLabel()
        self.reason.setObjectName("reason")
        self.reason.setWordWrap(True)
        column.addWidget(self.reason)
        self.table = QTableView()
        self.table.setAccessibleName(t("Before and after"))
        self.cells = Cells([t("What"), t("Before"), t("After"), t("What became of it")], self)
        self.table.setModel(self.cells)
        self.table.verticalHeader().hide()
        self.table.setSelectionMode(QTableView.SelectionMode.NoSelection)
        self.table.setShowGrid(False)
        self.table.horizontalHeader().setSectionResizeMode(0, QHeaderView.ResizeMode.Stretch)
        for section in (1, 2, 3):
            self.table.horizontalHeader().setSectionResizeMode(section,
                                                               QHeaderView.ResizeMode.ResizeToContents)
        column.addWidget(self.table, 1)
        self.consequence = QLabel()
        self.consequence.setWordWrap(True)
        self.consequence.setObjectName("quiet")
        column.addWidget(self.consequence)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.draft = buttons.addButton(t("Draft it anew"), QDialogButtonBox.ButtonRole.AcceptRole)
        self.draft.setToolTip(
            t("Thickness, tabs, play and holes for bought parts stay as they are; everything else grows."))
        self.enlarge = buttons.addButton(t("Enlarge the drawing instead"),
                                         QDialogButtonBox.ButtonRole.ActionRole)
        self.enlarge.setToolTip(
            t("What a copier does: creases, slots and tabs grow with the rest, the card does not."))
        self.draft.setDefault(True)
        buttons.accepted.connect(lambda: self._carry_out(enlarge=False))
        self.enlarge.clicked.connect(lambda: self._carry_out(enlarge=True))
        buttons.rejected.connect(self.reject)
        column.addWidget(buttons)
        self.way.currentIndexChanged.connect(self.pages.setCurrentIndex)
        for box in (self.way, self.measure, self.sheet, self.step):
            box.currentIndexChanged.connect(lambda _: self.refresh())
        self.refresh()

    # -- making it -------------------------------------------------------------------------------------------

    def _list(self, items: list[tuple[str, str]], name: str) -> QuietCombo:
        box = QuietCombo()
        box.setAccessibleName(name)
        for key, words in items:
            box.addItem(words, key)
        return box

    def _line(self, key: str, text: str, name: str) -> QLineEdit:
        line = QLineEdit(text)
        line.setObjectName("figure")
        line.setAccessibleName(name)
        line.setMaxLength(200)
        line.textEdited.connect(lambda _: self.refresh())
        self.lines[key] = line
        return line

    def _page(self, words: str, rows: list[tuple[str, QWidget]],
              factor: Callable[[Brief, Stock], float]) -> None:
        page = QWidget()
        form = QFormLayout(page)
        form.setContentsMargins(0, 0, 0, 0)
        for name, widget in rows:
            form.addRow(name, widget)
        self.pages.addWidget(page)
        self.way.addItem(words)
        self.ways.append(factor)

    # -- the ways --------------------------------------------------------------------------------------------

    def _number(self, key: str) -> float:
        text = self.lines[key].text().strip().replace(",", ".")
        try:
            return float(text)
        except ValueError:
            raise MeasureError(say("{text!r} is not a number", text=text), "",
                               "write one such as 1.5") from None

    def _by_factor(self, brief: Brief, stock: Stock) -> float:
        return self._number("factor")

    def _by_model(self, brief: Brief, stock: Stock) -> float:
        return scale.ratio(self._number("from"), self._number("wanted"))

    def _by_object(self, brief: Brief, stock: Stock) -> float:
        unit = self.document.project.unit
        return scale.ratio(parse(self.lines["mine"].text(), unit), parse(self.lines["made"].text(), unit))

    def _to_length(self, brief: Brief, stock: Stock) -> float:
        return scale.to_measure(brief, stock, str(self.measure.currentData()),
                                parse(self.lines["to"].text(), self.document.project.unit))

    def _to_sheet(self, brief: Brief, stock: Stock) -> float:
        return scale.to_sheet(brief, stock, find_sheet(str(self.sheet.currentData())))

    # -- showing what it would do ----------------------------------------------------------------------------

    def _scaled(self, brief: Brief) -> Brief:
        step = str(self.step.currentData())
        return scale.scaled(brief, self.factor, scale.FRIENDLY[step] if step else 0.0)

    def refresh(self) -> None:
        """Work out the scale in force and show it, or why it cannot be."""
        brief, stock = self.document.brief, self.document.project.stock_of(self.document.brief)
        try:
            self.factor = self.ways[self.way.currentIndex()](brief, stock)
            before, after = build(brief, stock), build(self._scaled(brief), stock)
        except MingeiError as error:
            self.reason.setText(capital(placed(error.place, error.sentence, error.remedy)))
            self.cells.show(())
            self.consequence.setText("")
            self._allow(False)
            return
        self.reason.setText(t("{factor} times the size", factor=plain_number(self.factor, 4)))
        self._fill(scale.table(before, after))
        wrong = scale.consequence(before, after, self.factor)
        self.consequence.setText(t("{words}.", words=capital(wrong)) if wrong
                                 else t("Enlarging the drawing would come to the same."))
        self._allow(True)

    def _allow(self, on: bool) -> None:
        self.draft.setEnabled(on)
        self.enlarge.setEnabled(on)
        self.reason.setObjectName("quiet" if on else "reason")
        self.reason.style().polish(self.reason)

    def _fill(self, rows: tuple[scale.Row, ...]) -> None:
        unit = self.document.project.unit
        fates = {scale.Fate.SCALED: t("scaled"), scale.Fate.STAYED: t("stayed"),
                 scale.Fate.FOLLOWED: t("followed")}
        shown = []
        for row in rows:
            fate = t(row.small) if row.small else fates[row.fate]
            colour = (theme.colour("brick") if row.small
                      else theme.colour("quiet") if row.fate is not scale.Fate.SCALED else None)
            words = (capital(row.name), typeset(write(row.before, unit)), typeset(write(row.after, unit)),
                     fate)
            shown.append([Cell(each, place in (1, 2), colour) for place, each in enumerate(words)])
        self.cells.show(shown)

    def _carry_out(self, enlarge: bool) -> None:
        """Put it in force as one step that can be undone."""
        project = self.document.project
        numbers = range(len(project.briefs)) if self.all.isChecked() else [self.document.current]
        try:
            for number in numbers:
                brief = project.briefs[number]
                changed = (replace(brief, enlarged=brief.enlarged * self.factor) if enlarge
                           else self._scaled(brief))
                # refuse before anything changes
                build(changed, project.stock_of(changed), project.parts_of(changed))
                project = project.with_brief(number, changed)
        except MingeiError as error:
            self.reason.setText(capital(placed(project.briefs[number].name, error.sentence, error.remedy)))
            self._allow(False)
            return
        words = t("enlarge the drawing {factor} times") if enlarge else t("scale {factor} times")
        self.document.change(project, words.format(factor=plain_number(self.factor, 3)))
        self.accept()
