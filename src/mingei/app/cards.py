"""The cards at the side of a station: measures, stock, what comes of them, what to look at again."""

from __future__ import annotations

import math
from pathlib import Path

from PySide6.QtCore import QSignalBlocker, QSize, Qt, QTimer
from PySide6.QtGui import QShowEvent
from PySide6.QtWidgets import (
    QButtonGroup,
    QFileDialog,
    QFrame,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from mingei.app import theme
from mingei.app.document import Document
from mingei.app.fields import ChoiceField, CountField, LengthField, QuietCombo
from mingei.app.figures import write_both, write_inches
from mingei.app.readout import Readout
from mingei.app.words import capital, t
from mingei.app.workers import AFTER_PAINT_MS
from mingei.core import contour
from mingei.core.amend import SeamChange, why_fixed
from mingei.core.draft import Joint
from mingei.core.errors import MingeiError
from mingei.core.length import typeset, write_mm
from mingei.core.project import TAPES_MM
from mingei.core.recipes import Kind, Measure, find_recipe
from mingei.core.sizes import THINGS, named
from mingei.core.stock import Stock


class Card(QFrame):
    """A sheet of paper on the ground, with a heading."""

    def __init__(self, heading: str, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setObjectName("card")
        self.setAccessibleName(heading)
        self.body = QVBoxLayout(self)
        self.body.setContentsMargins(12, 9, 12, 11)
        self.body.setSpacing(6)
        self.heading = QLabel(heading)
        self.heading.setObjectName("cardTitle")
        self.body.addWidget(self.heading)
        self._stale = True

    def follow(self, document: Document) -> None:
        """Refresh now, and whenever the document changes while the card is seen; what changes unseen is caught up when it shows."""
        document.changed.connect(self._changed)
        self.refresh()

    def refresh(self) -> None:
        """Show the state in force; cards that follow a document say how."""

    def _changed(self) -> None:
        self._stale = not self.isVisible()
        if not self._stale:
            self.refresh()

    def showEvent(self, event: QShowEvent) -> None:
        if self._stale:
            self._stale = False
            self.refresh()
        super().showEvent(event)


class MeasuresCard(Card):
    """Every measure of the brief's recipe as a live field."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Measures"), parent)
        self.document = document
        self.lengths: dict[str, LengthField] = {}
        self.choices: dict[str, ChoiceField] = {}
        self.counts: dict[str, CountField] = {}
        self._recipe = ""
        self.thing: QuietCombo | None = None
        self._fields: list[QWidget] = []
        self.follow(document)

    def begin(self) -> None:
        """Put the focus on the first measure, ready to be written over."""
        first = next(iter(self.lengths.values()), None)
        if first is not None:
            first.setFocus()
            first.line.selectAll()

    def refresh(self) -> None:
        brief = self.document.brief
        if brief.recipe != self._recipe:
            self._make(brief.recipe)
        unit = self.document.project.unit
        if self.thing is not None:
            size = named(*(float(brief.values[name]) for name in find_recipe(brief.recipe).holds))
            self.thing.setCurrentIndex(THINGS.index(size) + 1 if size else 0)
            self.thing_reason.hide()
        for name, value in brief.measures:
            if isinstance(value, float) and name in self.counts:
                with QSignalBlocker(self.counts[name]):
                    self.counts[name].setValue(int(value))
            elif isinstance(value, float):
                field = self.lengths[name]
                if field.unit != unit:
                    field.set_unit(unit)
                field.show_value(value)
            elif isinstance(value, str) and name in self.choices:
                self.choices[name].show_value(value)

    def _make(self, recipe_id: str) -> None:
        for old in self._fields:
            self.body.removeWidget(old)
            old.hide()
            old.deleteLater()
        self.lengths, self.choices, self.counts, self._fields = {}, {}, {}, []
        recipe = find_recipe(recipe_id)
        self._recipe = recipe_id
        self.heading.setText(t(recipe.title))
        self.thing = None
        if recipe.holds:
            self._fields.append(self._things())
        for measure in recipe.measures:
            field = self._field(measure)
            self._fields.append(field)
            self.body.addWidget(field)

    def _things(self) -> QWidget:
        """The things people know by name, to be chosen instead of measured."""
        holder = QWidget()
        column = QVBoxLayout(holder)
        column.setContentsMargins(0, 0, 0, 0)
        row = QHBoxLayout()
        self.thing = QuietCombo()
        self.thing.setAccessibleName(t("What goes in"))
        self.thing.setToolTip(t("A thing of a size people know by name; or write its measures below."))
        self.thing.addItem(t("measured below"))
        self.thing.addItems([t(size.name) for size in THINGS])
        label = QLabel(t("For"))
        label.setMinimumWidth(84)
        label.setBuddy(self.thing)
        self.thing.activated.connect(self._take_thing)
        self.thing_reason = QLabel()
        self.thing_reason.setObjectName("reason")
        self.thing_reason.setWordWrap(True)
        self.thing_reason.hide()
        row.addWidget(label)
        row.addWidget(self.thing, 1)
        column.addLayout(row)
        column.addWidget(self.thing_reason)
        self.body.addWidget(holder)
        return holder

    def _take_thing(self, index: int) -> None:
        try:
            if index > 0:
                self.document.set_thing(THINGS[index - 1])
        except MingeiError as error:
            self.refresh()
            self.thing_reason.setText(capital(error.words))
            self.thing_reason.show()
        else:
            self.refresh()

    def _field(self, measure: Measure) -> QWidget:
        if measure.kind is Kind.CHOICE:
            choice = ChoiceField(measure)
            choice.chosen.connect(lambda value, name=measure.name: self.document.set_measure(name, value))
            self.choices[measure.name] = choice
            return choice
        if measure.kind in (Kind.COUNT, Kind.ANGLE):
            return self._count(measure)
        if measure.kind is Kind.OUTLINE:
            self.outline = QPushButton(t("Outline from an SVG drawing…"))
            self.outline.setToolTip(t("The largest closed path of the drawing, with its curves, and those inside it as openings. "
                                      "The size is set here."))
            self.outline.clicked.connect(lambda _=False, name=measure.name: self._read_outline(name))
            self.outline_reason = QLabel()
            self.outline_reason.setObjectName("reason")
            self.outline_reason.setWordWrap(True)
            self.outline_reason.hide()
            holder = QWidget()
            column = QVBoxLayout(holder)
            column.setContentsMargins(0, 0, 0, 0)
            column.addWidget(self.outline)
            column.addWidget(self.outline_reason)
            return holder
        hint = t("{doc}. From {least} to {most}. Write mm, cm or inches (3 7/8 in), or a sum after an equals sign (=width*2). "
                 "The arrow keys change it step by step.",
                 doc=t(measure.doc), least=typeset(measure.write(measure.minimum)), most=typeset(measure.write(measure.maximum)))
        field = LengthField(t(measure.title), hint[:1].upper() + hint[1:])
        field.names = lambda: {k: v for k, v in self.document.brief.measures if isinstance(v, float)}
        field.edited.connect(lambda mm, name=measure.name: self._edit(name, mm))
        self.lengths[measure.name] = field
        return field

    def _count(self, measure: Measure) -> QWidget:
        holder = QWidget()
        row = QHBoxLayout(holder)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(8)
        label, field = QLabel(t(measure.title)), CountField(int(measure.minimum), int(measure.maximum), t(measure.title))
        label.setMinimumWidth(84)
        label.setBuddy(field)
        if measure.kind is Kind.ANGLE:
            field.setSuffix("°")
            field.setSingleStep(5)
        for widget in (label, field):
            widget.setToolTip(capital(measure.doc))
        row.addWidget(label)
        row.addWidget(field, 1)
        field.valueChanged.connect(lambda count, name=measure.name: self._set_count(name, count))
        self.counts[measure.name] = field
        return holder

    def _read_outline(self, name: str) -> None:
        """Take an outline from a drawing, or say on the button why it cannot be taken."""
        file, _ = QFileDialog.getOpenFileName(self, t("An outline from a drawing"), "", t("SVG drawings (*.svg)"))
        if not file:
            return
        from mingei.formats import svg_outline

        try:
            found = svg_outline.load(Path(file))
            self.document.set_outline(name, contour.write_shape((found.outline, *found.inner)))
        except MingeiError as error:
            self.outline_reason.setText(capital(error.words))
            self.outline_reason.show()
        else:
            self.outline_reason.hide()

    def _set_count(self, name: str, count: int) -> None:
        try:
            self.document.set_measure(name, float(count))
        except MingeiError as error:
            self.refresh()
            self.counts[name].setToolTip(t(error.words))

    def _edit(self, name: str, mm: float) -> None:
        field = self.lengths[name]
        try:
            self.document.set_measure(name, mm)
            field.show_value(mm)
        except MingeiError as error:
            field.refuse(error)


class StockCard(Card):
    """What it is made from."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Stock"), parent)
        self.document = document
        self.box = QuietCombo()
        self.box.setAccessibleName(t("Stock"))
        self.box.setToolTip(t("Thickness decides where every fold goes. People know a sheet by its grammage; measure yours if you can: "
                              "ten sheets together, divided by ten."))
        self.note = QLabel()
        self.note.setObjectName("quiet")
        self.note.setWordWrap(True)
        self.reason = QLabel()
        self.reason.setObjectName("reason")
        self.reason.setWordWrap(True)
        self.reason.hide()
        row = QHBoxLayout()
        row.addWidget(self.box, 1)
        self.open = tool("layers", t("Stock cabinet"), t("Every stock there is, your own among them: measure, add, convert. (F7)"))
        row.addWidget(self.open)
        self.body.addLayout(row)
        self.body.addWidget(self.note)
        glue = QHBoxLayout()
        self.adhesive = QuietCombo()
        self.adhesive.setAccessibleName(t("Adhesive"))
        self.adhesive.setToolTip(t("Wet glue can be slid into place and needs holding; double-sided tape holds at once, and its tabs are "
                                   "made as deep as the tape is wide."))
        for width in (0.0, *TAPES_MM):
            self.adhesive.addItem(t("Tape, {width}", width=write_mm(width)) if width else t("Wet glue"), width)
        label = QLabel(t("Adhesive"))
        label.setMinimumWidth(84)
        label.setBuddy(self.adhesive)
        glue.addWidget(label)
        glue.addWidget(self.adhesive, 1)
        self.body.addLayout(glue)
        self.body.addWidget(self.reason)
        self.adhesive.activated.connect(self._glue)
        document.shelf.changed.connect(self._changed)
        self._stocks: list[Stock] = []
        self.box.activated.connect(self._choose)
        self.follow(document)

    def refresh(self) -> None:
        own = self.document.project.stocks
        stocks = [*own, *(s for s in self.document.shelf.cabinet.stocks if s.id not in {o.id for o in own})]
        stocks.sort(key=lambda s: s.caliper_mm)
        if stocks != self._stocks:
            self._stocks = stocks
            self.box.clear()
            self.box.addItems([t(s.name) for s in stocks])
        stock = self.document.project.stock_of(self.document.brief)
        self.box.setCurrentIndex(next(i for i, s in enumerate(stocks) if s.id == stock.id))
        self.adhesive.setCurrentIndex(self.adhesive.findData(self.document.brief.tape_mm))
        self.note.setText(t("{caliper} thick, {grammage} g/m²", caliper=write_mm(stock.caliper_mm), grammage=f"{stock.grammage_gsm:g}"))
        self.reason.hide()

    def _choose(self, index: int) -> None:
        try:
            self.document.set_stock(self._stocks[index])
        except MingeiError as error:
            self.refresh()
            self.reason.setText(t(error.words))
            self.reason.show()


    def _glue(self, index: int) -> None:
        try:
            self.document.set_tape(float(self.adhesive.itemData(index)))
        except MingeiError as error:
            self.refresh()
            self.reason.setText(t(error.words))
            self.reason.show()


class FactsCard(Card):
    """What comes of it: sizes measured on the folded model, the blank, card and mass."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("What you get"), parent)
        self.document = document
        self.grid = QGridLayout()
        self.grid.setHorizontalSpacing(10)
        self.grid.setVerticalSpacing(3)
        self.grid.setColumnStretch(1, 1)
        self.body.addLayout(self.grid)
        self.values: dict[str, Readout] = {}
        for row, (key, words, hint) in enumerate((
            ("inside", t("Inside"), t("Measured between the solid panels of the folded model, not assumed.")),
            ("outside", t("Outside"), t("What it must itself fit into.")),
            ("blank", t("Blank"), t("The rectangle the flat is cut from.")),
            ("card", t("Card"), t("Area of the flat, and what it weighs in this stock.")),
        )):
            name, value = QLabel(words), Readout(words, theme.figure_font(), "ink")
            name.setObjectName("quiet")
            name.setToolTip(hint)
            value.setToolTip(hint)
            self.grid.addWidget(name, row, 0, Qt.AlignmentFlag.AlignTop)
            self.grid.addWidget(value, row, 1)
            self.values[key] = value
        document.changed.connect(self._changed)
        self._stale = False  # what it measures loads once flat and fields stand
        QTimer.singleShot(AFTER_PAINT_MS, self, self.refresh)

    def refresh(self) -> None:
        build, unit = self.document.build, self.document.project.unit

        def sizes(*mm: float) -> str:
            """In the person's unit, named once."""
            if unit == "in":
                return " × ".join(write_inches(v).removesuffix(" in") for v in mm) + " in"
            return " × ".join(write_mm(v).removesuffix(" mm") for v in mm) + " mm"

        self.values["inside"].show_text(sizes(*build.cavity.size) if build.cavity else "–")
        self.values["outside"].show_text(sizes(*build.outside))
        blank = max((p.box for p in build.patterns), key=lambda box: box.width * box.height)
        size = sizes(blank.width, blank.height)
        several = len(build.patterns)
        self.values["blank"].show_text(size if several == 1 else t("{size}, largest of {count}", size=size, count=several))
        self.values["card"].show_text(t("{area} cm², {mass} g", area=f"{build.area_mm2 / 100:.0f}", mass=f"{build.mass_g:.1f}"))
        self.values["blank"].setToolTip(f"{write_both(blank.width)} × {write_both(blank.height)}")


class SeamCard(Card):
    """The seam that was tapped: how it is held, and which panel carries its tab.  Hidden while none is chosen."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Seam"), parent)
        self.document = document
        self.words = QLabel()
        self.words.setObjectName("quiet")
        self.words.setWordWrap(True)
        self.body.addWidget(self.words)
        self.held = QButtonGroup(self)
        row = QHBoxLayout()
        row.setSpacing(6)
        self.joints: dict[Joint, QPushButton] = {}
        for joint, title, hint in (
            (Joint.GLUE_TAB, t("Glue"), t("A tab, glued inside the other panel.")),
            (Joint.TUCK, t("Tuck"), t("The same tab, left without glue: it slides in and opens again.")),
            (Joint.FIN, t("Fin"), t("A flap on each edge, folded back outwards and glued face on face: stiff, and easy to reach.")),
            (Joint.TAPE, t("Tape"), t("No tab: the two edges meet and are taped outside.")),
        ):
            button = QPushButton(title)
            button.setCheckable(True)
            button.setToolTip(hint)
            button.setAccessibleName(t("Hold the seam: {how}", how=title))
            button.clicked.connect(lambda _=False, joint=joint: self._hold(joint))
            self.held.addButton(button)
            self.joints[joint] = button
            row.addWidget(button)
        self.body.addLayout(row)
        self.move_tab = QPushButton()
        self.move_tab.clicked.connect(self._move)
        self.body.addWidget(self.move_tab)
        self.reason = QLabel()
        self.reason.setObjectName("quiet")
        self.reason.setWordWrap(True)
        self.body.addWidget(self.reason)
        document.selected.connect(lambda _: self.refresh())
        document.changed.connect(self.refresh)
        self.refresh()

    def seam(self) -> str:
        """The seam in hand, or ""."""
        name = self.document.selection.panel
        return name if name in self.document.seam_names() else ""

    def refresh(self) -> None:
        name = self.seam()
        self.setVisible(bool(name))
        if not name:
            return
        pattern, mate = next((p, m) for p in self.document.build.patterns for m in p.mates if m.seam == name)
        self.heading.setText(t("Seam {number}: {name}", number=mate.key, name=t(name)))
        length = write_both(math.dist(*mate.carrier_line))
        if mate.joint is Joint.TAPE:
            self.words.setText(t("{a} meets {b} along {length}.", a=t(mate.carrier).capitalize(), b=t(mate.host), length=length))
        elif mate.joint is Joint.FIN:
            depth = next(s.depth_mm for s in pattern.seams if s.name == name)
            self.words.setText(t("Flaps of {depth} on the {a} and the {b}, glued to each other. {length} long.", a=t(mate.carrier),
                                 b=t(mate.host), depth=write_mm(depth), length=length))
        else:
            depth = next(s.depth_mm for s in pattern.seams if s.name == name)
            self.words.setText(t("On the {a}, {depth} deep; lands inside the {b}. {length} long.", a=t(mate.carrier), b=t(mate.host),
                                 depth=write_mm(depth), length=length))
        self.joints[mate.joint].setChecked(True)
        fixed = "" if self.document.seam_in_force(name).moved else why_fixed(find_recipe(self.document.brief.recipe).draft(
            self.document.brief.values), name)
        self.move_tab.setText(t("Move the tab to the {panel}", panel=t(mate.host)))
        self.move_tab.setToolTip(t("The other panel then carries the tab and this one closes over it."))
        self.move_tab.setEnabled(not fixed)
        self.move_tab.setVisible(mate.joint not in (Joint.TAPE, Joint.FIN))
        self.reason.setText(t("The tab cannot move: {reason}.", reason=fixed) if fixed else "")
        self.reason.setVisible(bool(fixed))

    def _hold(self, joint: Joint) -> None:
        self._apply(self.document.seam_in_force(self.seam())._replace(joint=joint))

    def _move(self) -> None:
        now = self.document.seam_in_force(self.seam())
        self._apply(now._replace(moved=not now.moved))

    def _apply(self, change: SeamChange) -> None:
        try:
            self.document.set_seam(change)
        except MingeiError as error:
            self.refresh()
            self.reason.setText(t(error.words))
            self.reason.show()


def tool(icon_name: str, words: str, hint: str = "") -> QToolButton:
    """A small button with an icon, a name for those who do not see it, and a reason."""
    button = QToolButton()
    button.setIcon(theme.icon(icon_name))
    button.setProperty("icon_name", icon_name)
    button.setIconSize(QSize(18, 18))
    button.setAccessibleName(words)
    button.setToolTip(hint or words)
    return button
