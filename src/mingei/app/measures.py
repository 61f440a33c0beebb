"""The card of measures: every one a live field, the thing it is made for by its name, an outline from a
drawing."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QSignalBlocker, Signal
from PySide6.QtWidgets import QFileDialog, QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from mingei.app.cards import Card
from mingei.app.document import Document
from mingei.app.fields import (
    ChoiceField,
    CountField,
    LengthField,
    Offer,
    QuietCombo,
    Refusal,
    ScaleField,
    refusal,
)
from mingei.app.ready import ready
from mingei.app.root_marks import FACETED
from mingei.app.taking_in import take_in, work_out
from mingei.app.words import capital, t
from mingei.core.document.project import MOST_TIMES
from mingei.core.errors import MeasureError, MingeiError
from mingei.core.length import typeset
from mingei.core.plane import contour
from mingei.core.recipes import Kind, Measure, find_recipe
from mingei.core.sizing.sizes import THINGS, named


class MeasuresCard(Card):
    """Every measure of the brief's recipe as a live field."""

    #: a mesh or a picture is to be brought in: the name of the action
    wanted = Signal(str)

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Measures"), parent)
        self.document = document
        self.lengths: dict[str, LengthField] = {}
        self.choices: dict[str, ChoiceField] = {}
        self.counts: dict[str, CountField] = {}
        self.refusals: dict[str, Refusal] = {}
        self._recipe = ""
        self.thing: QuietCombo | None = None
        self._fields: list[QWidget] = []
        self.model = ScaleField(MOST_TIMES, t("Scale"))
        self.model.setToolTip(
            t("Of a model: how many times larger the real thing is. Its real size stands beside "
                                "every measure, and \"0.9 m real\" is read as that."))
        self.model.valueChanged.connect(self.document.set_model)
        self.model_words = self.add_row(t("Scale"), self.model)
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
        with QSignalBlocker(self.model):
            self.model.setValue(brief.model)
        recipe = find_recipe(brief.recipe)
        for widget in (self.model, self.model_words):
            widget.setVisible(recipe.family == "models" or brief.model != 1.0)
        for name, field in self.lengths.items():
            times = 1.0 if recipe.measure(name).stays else brief.model  # pins and play are what they are
            if field.times != times:
                field.set_times(times)
        for name, value in brief.measures:
            if isinstance(value, float) and name in self.counts:
                with QSignalBlocker(self.counts[name]):
                    self.counts[name].setValue(int(value))
                self.refusals[name].clear()
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
        self.lengths, self.choices, self.counts, self.refusals, self._fields = {}, {}, {}, {}, []
        recipe = find_recipe(recipe_id)
        self._recipe = recipe_id
        self.heading.setText(t(recipe.title))
        self.thing = None
        if recipe.holds:
            self._fields.append(self._things())
        for measure in recipe.measures:
            if measure.kind is Kind.MARKS:  # set on the drawing
                continue
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
        self.thing.setAccessibleName(t("A size by its name"))
        self.thing.setToolTip(t("A thing of a size people know by name; or write its measures below."))
        self.thing.addItem(t("measured below"))
        self.thing.addItems([t(size.name) for size in THINGS])
        label = QLabel(t("For"))
        label.setMinimumWidth(84)
        label.setBuddy(self.thing)
        self.thing.activated.connect(self._take_thing)
        self.thing_reason = refusal()
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
            choice.chosen.connect(lambda value, name=measure.name: self._choose(name, value))
            self.choices[measure.name] = choice
            return choice
        if measure.kind in (Kind.COUNT, Kind.ANGLE):
            return self._count(measure)
        if measure.kind in (Kind.OUTLINE, Kind.MESH):
            mesh = measure.kind is Kind.MESH
            self.outline = QPushButton(t("Bring in a mesh…") if mesh else t("Outline from an SVG drawing…"))
            self.outline.setToolTip(
                t("OBJ, STL, PLY, OFF or glTF: mended where that is safe, and reduced to facets one can "
                  "build.")
                if mesh else
                t("The largest closed path of the drawing, with its curves, and those inside it as openings. "
                  "The size is set here."))
            self.outline.clicked.connect(lambda _=False, name=measure.name, mesh=mesh: (
                self.wanted.emit("bring-in") if mesh else self._read_outline(name)))
            self.outline_reason = refusal()
            holder = QWidget()
            column = QVBoxLayout(holder)
            column.setContentsMargins(0, 0, 0, 0)
            column.addWidget(self.outline)
            if self.document.brief.recipe == "cutout":
                picture = QPushButton(t("Outline from a picture…"))
                picture.setToolTip(t("Another picture, whose outline it is cut out along."))
                picture.clicked.connect(lambda: self.wanted.emit("cut-out"))
                column.addWidget(picture)
            column.addWidget(self.outline_reason)
            return holder
        hint = t(
            "{doc}. From {least} to {most}. Write mm, cm or inches (3 7/8 in), or a sum after an equals sign "
            "(=width*2). "
                 "The arrow keys change it step by step.",
                 doc=t(measure.doc), least=typeset(measure.write(measure.minimum)),
                 most=typeset(measure.write(measure.maximum)))
        field = LengthField(t(measure.title), hint[:1].upper() + hint[1:])
        field.names = lambda: {k: v for k, v in self.document.brief.measures if isinstance(v, float)}
        field.edited.connect(lambda mm, name=measure.name: self._edit(name, mm))
        self.lengths[measure.name] = field
        return field

    def _count(self, measure: Measure) -> QWidget:
        holder = QWidget()
        column = QVBoxLayout(holder)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(1)
        row = QHBoxLayout()
        row.setSpacing(8)
        column.addLayout(row)
        refusal = self.refusals[measure.name] = Refusal()
        column.addWidget(refusal)
        label, field = (QLabel(t(measure.title)),
                        CountField(int(measure.minimum), int(measure.maximum), t(measure.title)))
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
        file, _ = QFileDialog.getOpenFileName(self, t("An outline from a drawing"), "",
                                              t("SVG drawings (*.svg)"))
        if not file:
            return
        from mingei.formats import svg_outline

        def then(found: svg_outline.Found) -> None:
            self.document.set_outline(name, contour.write_shape((found.outline, *found.inner)))
            self.outline_reason.hide()

        def refused(error: MingeiError) -> None:
            self.outline_reason.setText(capital(error.words))
            self.outline_reason.show()

        take_in(self.outline, Path(file), lambda path, _: svg_outline.load(path), then, refused,
                self.document.still_this())

    def _set_count(self, name: str, count: int) -> None:
        def refused(error: MingeiError) -> None:
            self.refresh()
            self._refuse(error, name, float(count))

        self._set(name, float(count), refused)

    def _choose(self, name: str, value: str) -> None:
        self._set(name, value, lambda error: self._refuse(error, name, value))

    def _edit(self, name: str, mm: float) -> None:
        field = self.lengths[name]
        self._set(name, mm, lambda error: self._refuse(error, name, mm), lambda: field.show_value(mm))

    def _set(self, name: str, value: float | str, refused: Callable[[MingeiError], None],
             then: Callable[[], None] = lambda: None) -> None:
        """Change a measure; what is slow to be drafted is drafted in the background first."""
        document = self.document

        def take(_: object = None) -> None:
            document.set_measure(name, value)
            then()

        try:
            if document.brief.recipe not in FACETED:
                take()
                return
            brief, project = document.brief.with_measure(name, value), document.project
        except MingeiError as error:
            refused(error)
            return
        work_out(self, t("Working out the pieces…"),
                 lambda _: ready(brief, project), take, refused,
                 document.still_this())

    def _refuse(self, error: MingeiError, name: str, value: float | str) -> None:
        """Say beneath a measure why it cannot be so, and offer what would do."""
        offer = self._offer(error, name, value)
        if name in self.lengths:
            self.lengths[name].refuse(error, offer)
        elif name in self.choices:
            self.choices[name].refuse(error, offer)
        else:
            self.refusals[name].say(error, offer)

    def _offer(self, error: MingeiError, name: str, value: float | str) -> Offer | None:
        """What would do instead of what was refused, at one press: another value of it, or what was asked
        with another measure."""
        if not isinstance(error, MeasureError) or error.instead is None:
            return None
        other, instead = error.instead
        measure = find_recipe(self.document.brief.recipe).measure(other)
        values = {name: instead} if other == name else {name: value, other: instead}
        words = t("Take {measure} {value}", measure=t(measure.title.lower()),
                  value=typeset(t(measure.say(instead))))

        def take() -> None:
            try:
                self.document.set_measures(values, name)
            # what lies within the range may still not suit the rest: on to what does
            except MingeiError as refused:
                self._refuse(refused, name, values[name])
            else:
                self.refresh()
        return words, take
