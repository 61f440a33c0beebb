"""The cards at the side of a station: stock and adhesive, what comes of it, the seam in hand."""

from __future__ import annotations

import math
from collections.abc import Iterable

from PySide6.QtCore import QSize, Qt, QTimer
from PySide6.QtGui import QShowEvent
from PySide6.QtWidgets import (
    QButtonGroup,
    QComboBox,
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
from mingei.app.fields import QuietCombo, refusal
from mingei.app.figures import write_both, write_inches
from mingei.app.readout import Readout
from mingei.app.words import capital, t
from mingei.app.workers import AFTER_PAINT_MS
from mingei.core.amendments.amend import SeamChange, why_fixed
from mingei.core.covering.strip import depth_of
from mingei.core.document.build import usual_stocks
from mingei.core.document.project import TAPES_MM
from mingei.core.draft import Joint, strap_name
from mingei.core.draft.joint import Adhesive
from mingei.core.errors import MingeiError
from mingei.core.joints import STRIP, choices
from mingei.core.kinds import some
from mingei.core.kinds.hold import Hold
from mingei.core.length import write_mm
from mingei.core.stock import Stock, find_stock


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

    def add_row(self, words: str, widget: QWidget) -> QLabel:
        """A label before a widget; returns the label."""
        label = QLabel(words)
        label.setMinimumWidth(84)
        label.setBuddy(widget)
        row = QHBoxLayout()
        row.addWidget(label)
        row.addWidget(widget, 1)
        self.body.addLayout(row)
        return label

    def follow(self, document: Document) -> None:
        """Refresh now, and whenever the document changes while the card is seen; what changes unseen is
        caught up when it shows."""
        document.changed.connect(self._changed)
        self.refresh()

    def refresh(self) -> None:
        """Show the state in force; cards that follow a document say how."""

    def _changed(self) -> None:
        # a card that hid itself is not shown again by what holds it, and must look whether it still should
        away = self.isHidden() and self.testAttribute(Qt.WidgetAttribute.WA_WState_ExplicitShowHide)
        self._stale = not self.isVisible() and not away
        if not self._stale:
            self.refresh()

    def showEvent(self, event: QShowEvent) -> None:
        if self._stale:
            self._stale = False
            self.refresh()
        super().showEvent(event)


def combo(name: str, hint: str, words: Iterable[str] = ()) -> QuietCombo:
    """A list that gives way where there is no room for its words."""
    found = QuietCombo()
    found.setAccessibleName(name)
    found.setToolTip(hint)
    found.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
    found.addItems(list(words))
    return found


def quiet(words: str = "") -> QLabel:
    """Words in small quiet type, as many lines as they take."""
    label = QLabel(words)
    label.setWordWrap(True)
    label.setObjectName("quiet")
    return label


def row(*widgets: QWidget) -> QHBoxLayout:
    """Widgets side by side, alike in width."""
    found = QHBoxLayout()
    found.setSpacing(6)
    for widget in widgets:
        found.addWidget(widget, 1)
    return found


class CareCard(Card):
    """The cautions of a station."""

    def __init__(self, words: str) -> None:
        super().__init__(t("With care"))
        self.body.addWidget(quiet(words))


class StockCard(Card):
    """What it is made from."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Stock"), parent)
        self.document = document
        self.box = QuietCombo()
        self.box.setAccessibleName(t("Stock"))
        self.box.setToolTip(
            t("Thickness decides where every fold goes. People know a sheet by its grammage; measure yours "
              "if you can: "
              "ten sheets together, divided by ten."))
        self.note = QLabel()
        self.note.setObjectName("quiet")
        self.note.setWordWrap(True)
        self.reason = refusal()
        row = QHBoxLayout()
        row.addWidget(self.box, 1)
        self.open = tool("layers", t("Stock cabinet"),
                         t("Every stock there is, your own among them: measure, add, convert. (F7)"))
        row.addWidget(self.open)
        self.body.addLayout(row)
        self.body.addWidget(self.note)
        glue = QHBoxLayout()
        self.adhesive = QuietCombo()
        self.adhesive.setAccessibleName(t("Adhesive"))
        self.adhesive.setToolTip(
            t("Wet glue can be slid into place and needs holding; double-sided tape holds at once, and its "
              "tabs are "
              "made as deep as the tape is wide."))
        for width in (0.0, *TAPES_MM):
            self.adhesive.addItem(t("Tape, {width}", width=write_mm(width)) if width else t("Wet glue"),
                                  width)
        label = QLabel(t("Adhesive"))
        label.setMinimumWidth(84)
        label.setBuddy(self.adhesive)
        glue.addWidget(label)
        glue.addWidget(self.adhesive, 1)
        self.body.addLayout(glue)
        self.parts: dict[str, tuple[QLabel, QuietCombo]] = {}
        self.part_rows = QVBoxLayout()
        self.body.addLayout(self.part_rows)
        self.body.addWidget(self.reason)
        self.adhesive.activated.connect(self._glue)
        document.shelf.changed.connect(self._changed)
        self._stocks: list[Stock] = []
        self._shown: object = None
        self.box.activated.connect(self._choose)
        self.follow(document)

    def refresh(self) -> None:
        brief, own = self.document.brief, self.document.project.stocks
        shown = (own, self.document.shelf.cabinet.stocks, brief.stock, brief.tape_mm, brief.parts,
                 self.document.build.part_names)
        if shown == self._shown and self.reason.isHidden():
            return  # a measure changes none of it
        self._shown = shown
        stocks = [*own, *(s for s in self.document.shelf.cabinet.stocks if s.id not in {o.id for o in own})]
        stocks.sort(key=lambda s: s.caliper_mm)
        if stocks != self._stocks:
            self._stocks = stocks
            self.box.clear()
            self.box.addItems([t(s.name) for s in stocks])
        stock = self.document.project.stock_of(self.document.brief)
        self.box.setCurrentIndex(next(i for i, s in enumerate(stocks) if s.id == stock.id))
        self.adhesive.setCurrentIndex(self.adhesive.findData(self.document.brief.tape_mm))
        self.note.setText(t("{caliper} thick, {grammage} g/m²", caliper=write_mm(stock.caliper_mm),
                            grammage=f"{stock.grammage_gsm:g}"))
        self._show_parts()
        self.reason.hide()

    def _show_parts(self) -> None:
        """A row for every part of the thing that may be of a stock of its own."""
        names, chosen = self.document.build.part_names, dict(self.document.brief.parts)
        for part in names:
            if part not in self.parts:
                label, box = QLabel(capital(t(part))), QuietCombo()
                label.setMinimumWidth(84)
                label.setBuddy(box)
                box.setAccessibleName(t("Stock of the {part}", part=t(part)))
                box.setToolTip(t("Another stock for this part: a contrasting paper, a card to write on."))
                box.activated.connect(lambda index, part=part: self._choose_part(part, index))
                row = QHBoxLayout()
                row.addWidget(label)
                row.addWidget(box, 1)
                self.part_rows.addLayout(row)
                self.parts[part] = label, box
        for part, (label, box) in self.parts.items():
            label.setVisible(part in names)
            box.setVisible(part in names)
            if part in names:
                if [box.itemData(i) for i in range(1, box.count())] != [s.id for s in self._stocks]:
                    box.clear()
                    usual = usual_stocks(self.document.build.recipe, names).get(part)
                    box.addItem(t("Usual: {name}", name=t(find_stock(usual).name)) if usual else
                                t("The same stock"))
                    for s in self._stocks:
                        box.addItem(t(s.name), s.id)
                box.setCurrentIndex(next((i + 1 for i, s in enumerate(self._stocks) if s.id
                                          == chosen.get(part)), 0))

    def _choose_part(self, part: str, index: int) -> None:
        try:
            self.document.set_part_stock(part, self._stocks[index - 1] if index else None)
        except MingeiError as error:
            self._refused(error)

    def _choose(self, index: int) -> None:
        try:
            self.document.set_stock(self._stocks[index])
        except MingeiError as error:
            self._refused(error)

    def _glue(self, index: int) -> None:
        try:
            self.document.set_tape(float(self.adhesive.itemData(index)))
        except MingeiError as error:
            self._refused(error)

    def _refused(self, error: MingeiError) -> None:
        """Show again what stays in force, and why."""
        self._shown = None
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
        document.settled.connect(self._changed)
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
        self.values["blank"].show_text(size if several == 1
                                       else t("{size}, largest of {count}", size=size, count=several))
        self.values["card"].show_text(t("{area} cm², {mass} g", area=f"{build.area_mm2 / 100:.0f}",
                                        mass=f"{build.mass_g:.1f}"))
        self.values["blank"].setToolTip(f"{write_both(blank.width)} × {write_both(blank.height)}")


class SeamCard(Card):
    """The seam that was tapped: how it is held, and which panel carries its tab.  Hidden while none is
    chosen."""

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
        for joint in choices():
            title, hint = t(joint.title), t(joint.hint)
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
        self.sticks = combo(t("Held with"),
                            t("What holds this seam, where that is another adhesive than is usual "
                                              "there; hot glue burns, and softens plastic windows."))
        self.sticks.activated.connect(self._stick)
        self.sticks_label = self.add_row(t("Held with"), self.sticks)
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
        deep = {s.name: write_mm(s.depth_mm) for s in pattern.seams}
        if mate.joint is STRIP:
            deep[name] = write_mm(round(depth_of(self.document.build.patterns, mate), 1))
        sentence = t(mate.joint.said, a=t(mate.carrier), b=t(mate.host), depth=deep.get(name, ""),
                     over=deep.get(strap_name(name), ""), length=length)
        self.words.setText(sentence[:1].upper() + sentence[1:])
        self.joints[mate.joint].setChecked(True)
        drafted, moved = self.document.brief.drafted, self.document.seam_in_force(name).moved
        fixed = "" if moved else why_fixed(drafted, name)
        for joint, button in self.joints.items():
            why = joint.why_not(drafted, name, moved)
            button.setEnabled(not why or mate.joint is joint)
            button.setToolTip(t("Not here: {reason}.", reason=t(why)) if why else t(joint.hint))
        self.move_tab.setText(t("Move the tab to the {panel}", panel=t(mate.host)))
        self.move_tab.setToolTip(t("The other panel then carries the tab and this one closes over it."))
        self.move_tab.setEnabled(not fixed)
        self.move_tab.setVisible(mate.joint.has_tab)
        self._show_sticks(name, mate.joint)
        self.reason.setText(t("The tab cannot move: {reason}.", reason=fixed) if fixed else "")
        self.reason.setVisible(bool(fixed))

    def _show_sticks(self, name: str, joint: Joint) -> None:
        """What may hold the seam, the usual first."""
        takes = [a for a in joint.takes if a is not Adhesive.OUTER_TAPE]
        for widget in (self.sticks, self.sticks_label):
            widget.setVisible(bool(takes))
        chosen = next((h.adhesive for h in some(self.document.brief.amendments, Hold) if h.seam == name), "")
        self.sticks.clear()
        self.sticks.addItem(t("As is usual there"), "")
        for adhesive in takes:
            self.sticks.addItem(capital(t(adhesive)), str(adhesive))
        self.sticks.setCurrentIndex(max(0, self.sticks.findData(chosen)))

    def _stick(self, index: int) -> None:
        self.document.set_hold(self.seam(), str(self.sticks.itemData(index)))

    def _hold(self, joint: Joint) -> None:
        self._apply(self.document.seam_in_force(self.seam())._replace(joint=joint.word))

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
