"""The Brief station: what must fit or fit into what, how it is made, from which stock, and how many."""

from __future__ import annotations

import contextlib
from collections.abc import Callable
from functools import partial

from PySide6.QtCore import QSize, Qt, QTimer
from PySide6.QtGui import QShowEvent
from PySide6.QtWidgets import (
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QPlainTextEdit,
    QPushButton,
    QSizePolicy,
    QVBoxLayout,
    QWidget,
)

from mingei.app.cards import Card, StockCard, tool
from mingei.app.document import Document
from mingei.app.fields import REST_MS, CountField, LengthField, QuietCombo, Refusal, refusal
from mingei.app.figures import write
from mingei.app.lists import Line, PlainList
from mingei.app.measures import MeasuresCard
from mingei.app.scroll import WordScroll
from mingei.app.space_view import SpaceView
from mingei.app.stations import SideColumn, Station
from mingei.app.stations.start import FindField, RecipeButton
from mingei.app.words import capital, t
from mingei.core.document.project import MOST_COPIES, Need
from mingei.core.errors import MeasureError, MingeiError
from mingei.core.layout.sheets import SHEETS, find_sheet
from mingei.core.recipes import Recipe, find_recipe, found, recipes
from mingei.core.sizing.offer import Offer, offer, ranked
from mingei.core.sizing.sizes import ENVELOPES, THINGS, largest_for, named
from mingei.core.stock import Stock

#: Pictures of constructions in a row.
_ABREAST = 3
#: Width (px) of the column at the left; constructions compared side by side at the most.
_LEFT_PX, _COMPARED = 286, 3
#: Offers are drafted once what must fit has stood so long (ms): while one types, and while the window opens,
#: other work comes first.
_OFFERS_MS = 350
_UNITS = (("mm", "Millimetres"), ("in", "Inches"))


class KitCard(Card):
    """The things in the kit: choose one, add, double, remove, move."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("In this kit"), parent)
        self.document = document
        self.list = PlainList(t("Things in this kit"))
        self.list.setMinimumHeight(120)
        self.list.turned.connect(self._turn_to)
        self.body.addWidget(self.list, 1)
        row = QHBoxLayout()
        row.setSpacing(2)
        self.buttons = {}
        for name, icon, words, act in (
            ("add", "plus", t("Add another thing like this construction, with its usual measures"),
             self._add),
            ("double", "copy", t("Double this thing, measures and all"), document.double_brief),
            ("up", "arrow-up", t("Move it up"), lambda: document.move_brief(-1)),
            ("down", "arrow-down", t("Move it down"), lambda: document.move_brief(1)),
            ("remove", "trash-2", t("Take it out of the kit"), document.remove_brief),
        ):
            button = tool(icon, words)
            button.clicked.connect(lambda _=False, act=act: act())
            self.buttons[name] = button
            row.addWidget(button)
        row.addStretch(1)
        self.body.addLayout(row)
        self.follow(document)

    def refresh(self) -> None:
        briefs = self.document.project.briefs
        unit = self.document.project.unit
        tall = 2 * self.fontMetrics().lineSpacing() + 14
        lines = []
        for brief in briefs:
            recipe = find_recipe(brief.recipe)
            sizes = " × ".join(write(float(brief.values[n]), unit) for n in recipe.inside) or t(recipe.title)
            many = f"  × {brief.copies}" if brief.copies > 1 else ""
            lines.append(Line(f"{brief.name}{many}\n{sizes}", tall=tall))
        self.list.show_lines(lines, self.document.current)
        self.buttons["remove"].setEnabled(len(briefs) > 1)
        self.buttons["up"].setEnabled(self.document.current > 0)
        self.buttons["down"].setEnabled(self.document.current < len(briefs) - 1)

    def _turn_to(self, row: int) -> None:
        self.document.look_at(row)

    def _add(self) -> None:
        from mingei.core.document.project import new_brief

        document = self.document
        document.add_brief(new_brief(document.brief.recipe, stock=document.project.stock_of(document.brief)))


class NeedCard(Card):
    """What must fit: a thing by its name or its three sizes.  Everything else follows from it."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("What must fit?"), parent)
        self.document = document
        self.named = QuietCombo()
        self.named.setAccessibleName(t("A thing by its name"))
        self.named.setToolTip(t("A thing of a size people know by name; or write its sizes below."))
        self.named.addItem(t("measured below"))
        self.named.addItems([t(size.name) for size in THINGS])
        self.named.insertSeparator(len(THINGS) + 1)
        self.named.addItems([t("what goes into a {envelope}", envelope=t(e.name)) for e in ENVELOPES])
        self.named.activated.connect(self._take)
        self.body.addWidget(self.named)
        self.fields: dict[str, LengthField] = {}
        for key, words, hint in (("long", t("Length"), t("Of the thing itself; the room round it is added.")),
                                 ("wide", t("Width"), t("Of the thing itself.")),
                                 ("thick", t("Thickness"),
                                  t("Of the thing, with all that stands on it. A stack of twenty sheets of "
                                    "the stock chosen: =20*sheet."))):
            field = LengthField(words, hint)
            field.line.setAccessibleName(t("What must fit: {what}", what=words))
            field.edited.connect(lambda mm, key=key: self._edit(key, mm))
            field.names = lambda: {"sheet": self.document.project.stock_of(self.document.brief).caliper_mm}
            self.fields[key] = field
            self.body.addWidget(field)
        self.refusal = Refusal()
        self.body.addWidget(self.refusal)
        self._refused: MingeiError | None = None
        self._rest = QTimer(self)
        self._rest.setSingleShot(True)
        self._rest.setInterval(REST_MS)
        self._rest.timeout.connect(self.judge)
        self.follow(document)

    def judge(self) -> None:
        """Say now why the construction in hand does not take it, with all that is written."""
        self._rest.stop()
        if self._refused is None:
            self.refusal.clear()
        else:
            self.refusal.say(self._refused)
            self.refusal.words.setText(capital(self._refused.words))  # of which size it is

    def refresh(self) -> None:
        need, unit = self.document.brief.need, self.document.project.unit
        size = named(need.long, need.wide) if need.is_some else None
        self.named.setCurrentIndex(THINGS.index(size) + 1 if size else 0)
        for key, field in self.fields.items():
            if field.unit != unit:
                field.set_unit(unit)
            field.show_value(getattr(need, key))

    def _edit(self, key: str, mm: float) -> None:
        """One of its sizes: whether the construction takes it is said once the hand rests, since the other
        sizes may still come."""
        self._put(self.document.brief.need._replace(**{key: mm}))
        self._rest.start()

    def _take(self, index: int) -> None:
        thick = self.document.brief.need.thick
        if 0 < index <= len(THINGS):
            size = THINGS[index - 1]
            self._put(Need(size.long, size.short, thick))
            self.judge()
        elif index > len(THINGS) + 1:
            envelope = ENVELOPES[index - len(THINGS) - 2]
            try:  # the largest thing of that thickness which slips in
                long, short = largest_for(envelope, thick)
            except ValueError:
                self.fields["thick"].refuse(MeasureError("nothing so thick goes into it", t(envelope.name),
                                                         "take a box"))
                return
            self._put(Need(round(long, 2), round(short, 2), thick))
            self.judge()

    def _put(self, need: Need) -> None:
        """Where the construction in hand does not take it, that is only said: another may be chosen."""
        self._refused = None
        try:
            self.document.set_need(need)
        except MingeiError as error:
            self._refused = error
            with contextlib.suppress(MingeiError):
                self.document.note_need(need)
        self.refresh()


class ProjectCard(Card):
    """The project as a whole: its title, the unit people write, the sheet they print on."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Project"), parent)
        self.document = document
        grid = QGridLayout()
        grid.setColumnMinimumWidth(0, 66)
        grid.setColumnStretch(1, 1)
        self.title = QLineEdit()
        self.title.setMaxLength(200)
        self.title.editingFinished.connect(lambda: document.set_title(self.title.text()))
        self.unit = QuietCombo()
        self.unit.addItems([t(words) for _, words in _UNITS])
        self.unit.activated.connect(lambda row: document.set_unit(_UNITS[row][0]))
        self.sheet = QuietCombo()
        self.sheet.addItems([s.name for s in SHEETS])
        self.sheet.activated.connect(lambda row: document.set_sheet(SHEETS[row].name))
        for row, (words, field, hint) in enumerate((
            (t("Title"), self.title, t("Printed on every sheet.")),
            (t("Unit"), self.unit, t("What a bare number means. The other unit always stands beside it.")),
            (t("Sheet"), self.sheet,
             t("What lies in your printer. Both A4 and Letter print at actual size.")),
        )):
            label = QLabel(words)
            label.setBuddy(field)
            field.setAccessibleName(words)
            field.setToolTip(hint)
            grid.addWidget(label, row, 0)
            grid.addWidget(field, row, 1)
        self.body.addLayout(grid)
        self.follow(document)

    def refresh(self) -> None:
        project = self.document.project
        if not self.title.hasFocus():
            self.title.setText(project.title)
        self.unit.setCurrentIndex([u for u, _ in _UNITS].index(project.unit))
        self.sheet.setCurrentIndex([s.name for s in SHEETS].index(project.sheet))


class OutsideCard(Card):
    """What it must itself fit into, or be cut from: sizes that follow from the inside, as live fields;
    writing one sets the inside."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Must it fit into something?"), parent)
        self.document = document
        self._words(t("Outside sizes of the folded thing. Write the room there is, and the inside follows."))
        room = t("The room it must fit into. What the walls take up in this stock is taken off.")
        self.fields = [self._field(title, t("Outside {measure}", measure=title), room,
                                   partial(document.set_outside, axis))
                       for axis, title in enumerate((t("Length"), t("Width"), t("Height")))]
        self.drawer = QPushButton(t("Fill a drawer…"))
        self.drawer.setToolTip(t("So many side by side that they fill a drawer, with a little play"))
        self.drawer.clicked.connect(self._fill_drawer)
        self.body.addWidget(self.drawer)
        self._words(t("Or the blank it is cut from: length and width follow, the height stays."))
        sheet = t(
            "What there is to cut it from. A tray from a square scored all round at its height is "
            "drafted so.")
        self.blank = [
            self._field(t("Across"), t("Blank across"),
                        sheet, lambda mm: document.set_blank(mm, document.build.blank.height)),
            self._field(t("Up"), t("Blank up"),
                        sheet, lambda mm: document.set_blank(document.build.blank.width, mm))]
        self.follow(document)

    def _words(self, text: str) -> None:
        words = QLabel(text)
        words.setObjectName("quiet")
        words.setWordWrap(True)
        self.body.addWidget(words)

    def _field(self, title: str, name: str, hint: str, put: Callable[[float], None]) -> LengthField:
        field = LengthField(title, hint)
        field.line.setAccessibleName(name)
        field.names = lambda: {k: v for k, v in self.document.brief.measures if isinstance(v, float)}

        def edit(mm: float) -> None:
            try:
                put(mm)
            except MingeiError as error:
                field.refuse(error)

        field.edited.connect(edit)
        self.body.addWidget(field)
        return field

    def refresh(self) -> None:
        build, unit = self.document.build, self.document.project.unit
        self.setVisible(len(build.recipe.inside) == 3)
        for field, mm in zip((*self.fields, *self.blank),
                             (*build.outside, build.blank.width, build.blank.height), strict=True):
            if field.unit != unit:
                field.set_unit(unit)
            field.show_value(mm)

    def _fill_drawer(self) -> None:
        from mingei.app.drawers import DrawerDialog

        DrawerDialog(self.document, self.window()).open()


class ThingCard(Card):
    """The thing in hand: its name, how many, notes."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("This thing"), parent)
        self.document = document
        grid = QGridLayout()
        grid.setColumnMinimumWidth(0, 66)
        grid.setColumnStretch(1, 1)
        self.name = QLineEdit()
        self.name.setMaxLength(200)
        self.name.editingFinished.connect(lambda: document.set_name(self.name.text()))
        self.copies = CountField(1, MOST_COPIES, t("How many"))
        self.copies.valueChanged.connect(self._copies)
        self.notes = QPlainTextEdit()
        self.notes.setTabChangesFocus(True)
        self.notes.setFixedHeight(64)
        self.notes.setPlaceholderText(t("Who it is for, what to remember…"))
        self.notes.textChanged.connect(self._notes)
        for row, (words, field, hint) in enumerate((
            (t("Name"), self.name, t("Printed beside every piece, so that pieces are not mixed up.")),
            (t("How many"), self.copies, t("Copies to cut of every piece.")),
            (t("Notes"), self.notes, t("Kept with the project.")),
        )):
            label = QLabel(words)
            label.setBuddy(field)
            field.setAccessibleName(words)
            field.setToolTip(hint)
            grid.addWidget(label, row, 0, Qt.AlignmentFlag.AlignTop if field is self.notes
                           else Qt.AlignmentFlag.AlignVCenter)
            grid.addWidget(field, row, 1)
        self.body.addLayout(grid)
        self.reason = refusal()
        self.body.addWidget(self.reason)
        self.follow(document)

    def refresh(self) -> None:
        brief = self.document.brief
        if not self.name.hasFocus():
            self.name.setText(brief.name)
        for field in (self.copies, self.notes):
            field.blockSignals(True)
        self.copies.setValue(brief.copies)
        if self.notes.toPlainText() != brief.notes:
            self.notes.setPlainText(brief.notes)
        for field in (self.copies, self.notes):
            field.blockSignals(False)

    def _copies(self, count: int) -> None:
        try:
            self.document.set_copies(count)
        except MingeiError as error:
            self.refresh()
            self.reason.setText(capital(error.words))
            self.reason.show()
        else:
            self.reason.hide()

    def _notes(self) -> None:
        self.document.set_notes(self.notes.toPlainText())


def _note(made: Offer, sheet: str) -> str:
    """What a construction asks of the paper at hand, in a few words."""
    if not made.fits:
        return t("larger than {sheet}", sheet=sheet)
    return (t("one {sheet}", sheet=sheet) if made.sheets == 1
            else t("{count} × {sheet}", count=made.sheets, sheet=sheet))


class BriefStation(Station):
    """The kit at the left, the thing in the middle, its decisions at the right."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(document, parent)
        self.need = NeedCard(document)
        self.kit = KitCard(document)
        self.offers: dict[str, Offer] = {}
        self._wanted: tuple[Need, Stock, str] | None = None
        self._waiting: list[Recipe] = []
        self._soon = QTimer(self)
        self._soon.setSingleShot(True)
        self._soon.setInterval(_OFFERS_MS)
        self._soon.timeout.connect(self._next)
        self.project = ProjectCard(document)
        self.thing = ThingCard(document)
        self.measures = MeasuresCard(document)
        self.measures.wanted.connect(self.wanted)
        self.outside = OutsideCard(document, self)
        self.stock = StockCard(document)
        row = QHBoxLayout(self)
        row.setContentsMargins(10, 8, 10, 10)
        row.setSpacing(10)
        left = QVBoxLayout()
        left.setSpacing(8)
        left.addWidget(self.need)
        left.addWidget(self.kit, 1)
        left.addWidget(self.project)
        left_holder = QWidget()
        left_holder.setFixedWidth(_LEFT_PX)
        left_holder.setLayout(left)
        left.setContentsMargins(0, 0, 0, 0)
        row.addWidget(left_holder)
        row.addWidget(self._middle(), 1)
        row.addWidget(SideColumn(self.thing, self.measures, self.outside, self.stock))
        document.changed.connect(self._changed)
        document.arrived.connect(self._changed)
        document.opened.connect(self._opened)

    def _opened(self) -> None:
        """Another project: what was looked for in the one before is not looked for in this."""
        self.finding.clear()
        self._arrange()

    def _changed(self) -> None:
        if self.isVisible():
            self.refresh()

    def showEvent(self, event: QShowEvent) -> None:
        self.refresh()

    def _middle(self) -> QWidget:
        card = Card(t("How it is made"))
        self.purpose = QLabel()
        self.purpose.setWordWrap(True)
        self.purpose.setObjectName("quiet")
        card.body.addWidget(self.purpose)
        self.portrait = SpaceView()
        card.body.addWidget(self.portrait, 1)
        self.sizes = QLabel()
        self.sizes.setWordWrap(True)
        self.sizes.setAlignment(Qt.AlignmentFlag.AlignCenter)
        card.body.addWidget(self.sizes)
        self.finding = FindField()
        self.finding.changed.connect(self._arrange)
        self.finding.chosen.connect(self._make_first)
        card.body.addWidget(self.finding)
        choices = self.grid = QGridLayout()
        choices.setSpacing(6)
        self.recipes: dict[str, RecipeButton] = {}
        self._order = list(recipes())
        for number, recipe in enumerate(recipes().values()):
            button = RecipeButton(recipe, self)
            button.setCheckable(True)
            button.setIconSize(QSize(110, 64))
            button.clicked.connect(lambda _=False, recipe_id=recipe.id: self._make(recipe_id))
            self.recipes[recipe.id] = button
            button.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
            choices.addWidget(button, number // _ABREAST, number % _ABREAST)
        self.choices = WordScroll()
        self.choices.column.setContentsMargins(0, 0, 4, 0)
        self.choices.column.addLayout(choices)
        self.choices.setFixedHeight(2 * next(iter(self.recipes.values())).sizeHint().height() + 12)
        card.body.addWidget(self.choices)
        self.compare = QPushButton(t("Compare side by side…"))
        self.compare.setToolTip(
            t("Up to three constructions for the same thing: blank, sheets, folds, seams, money."))
        self.compare.clicked.connect(self._compare)
        card.body.addWidget(self.compare)
        return card

    # -- what could be made for the thing --------------------------------------------------------------------

    def _ask(self) -> None:
        """Draft every construction that takes the thing in hand, one after another while the window is at
        rest."""
        document = self.document
        wanted = (document.brief.need, document.project.stock_of(document.brief), document.project.sheet)
        if wanted == self._wanted:
            return
        self._wanted, self.offers = wanted, {}
        self._waiting = list(recipes().values()) if wanted[0].is_some else []
        self._arrange()
        self._soon.start()

    def _next(self) -> None:
        if not self._waiting or self._wanted is None:
            return
        recipe = self._waiting.pop(0)
        need, stock, sheet = self._wanted
        with contextlib.suppress(MingeiError):
            self.offers[recipe.id] = offer(recipe, need, stock, find_sheet(sheet))
        if self._waiting:
            QTimer.singleShot(0, self, self._next)
        else:
            self._arrange()

    def _arrange(self) -> None:
        """The constructions that take the thing come first, by what fits the paper at hand, each as it would
        be made; then the others."""
        order = [o.recipe.id for o in ranked(self.offers.values())]
        sheet = self.document.project.sheet
        caliper = self.document.project.stock_of(self.document.brief).caliper_mm
        for name, button in self.recipes.items():
            made = self.offers.get(name)
            button.offer(made.build if made else None, "" if made is None else _note(made, sheet), caliper)
        matching = [r.id for r in found(self.finding.words, t)]
        shown = [n for n in [*order, *(n for n in matching if n not in order)] if n in matching]
        self.finding.say(len(shown))
        if shown != self._order:
            self._order = shown
            for name, button in self.recipes.items():
                self.grid.removeWidget(button)
                button.setVisible(name in shown)
            for number, name in enumerate(shown):
                self.grid.addWidget(self.recipes[name], number // _ABREAST, number % _ABREAST)
        self.compare.setEnabled(len(order) > 1)
        asked = order or self.asking
        self.compare.setText(t("Compare side by side…") if asked else t("Compare: write what must fit first"))

    @property
    def asking(self) -> bool:
        """Whether constructions are still to be drafted for the thing in hand."""
        return bool(self._waiting)

    def _compare(self) -> None:
        from mingei.app.comparing import CompareDialog

        CompareDialog(self.document, ranked(self.offers.values()), self.window(), _COMPARED).open()

    def _make_first(self) -> None:
        """Make it as what was found first."""
        if self.finding.words and self._order:
            self._make(self._order[0])

    def _make(self, recipe_id: str) -> None:
        if recipe_id != self.document.brief.recipe:
            if recipe_id in self.offers:
                self.document.take_offer(self.offers[recipe_id])
            else:
                self.document.set_recipe(recipe_id)
        self.refresh()

    def refresh(self) -> None:
        build, unit = self.document.build, self.document.project.unit
        self.portrait.show_build(build, self.document.prints_of(build))
        purpose = t(build.recipe.purpose)
        self.purpose.setText(f"{t(build.recipe.title)}: {purpose}.")
        outside = " × ".join(write(v, unit) for v in build.outside)
        if build.cavity:
            inside = " × ".join(write(v, unit) for v in build.cavity.size)
            self.sizes.setText(t("Holds {inside}; stands {outside} outside.", inside=inside, outside=outside))
        else:
            self.sizes.setText(t("Stands {outside} outside.", outside=outside))
        self._ask()
        for name, button in self.recipes.items():
            button.setChecked(name == build.recipe.id)
        self.choices.ensureWidgetVisible(self.recipes[build.recipe.id], 0, 6)

    def enter(self) -> None:
        self.measures.begin()

    def retint(self) -> None:
        super().retint()
        self.portrait.recolour()
        for button in self.recipes.values():
            button.draw_soon()
