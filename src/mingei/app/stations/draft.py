"""The Draft station: the flat and the folded thing, their measures beside them, one selection across all."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from typing import TYPE_CHECKING

from PySide6.QtCore import QSignalBlocker, Qt, QTimer
from PySide6.QtGui import QResizeEvent, QShowEvent
from PySide6.QtWidgets import (
    QButtonGroup,
    QHBoxLayout,
    QLabel,
    QMenu,
    QSlider,
    QSplitter,
    QToolButton,
    QWidget,
)

from mingei.app import theme
from mingei.app.artwork import ArtCard
from mingei.app.backing import BackingCard
from mingei.app.cards import Card, FactsCard, SeamCard, StockCard, tool
from mingei.app.document import Document
from mingei.app.fields import STEP_MM, QuietCombo, StepSlider
from mingei.app.flat_view import FlatView
from mingei.app.in_whole import InWhole
from mingei.app.layers import LayersCard
from mingei.app.measures import MeasuresCard
from mingei.app.openings import OpeningsCard
from mingei.app.overlays import OverlaysCard
from mingei.app.pieces import PiecesCard
from mingei.app.placing import JoinCard
from mingei.app.saying import gap_words, part_words, span_words
from mingei.app.settings import Settings
from mingei.app.sharing import shared
from mingei.app.splices import SplicesCard
from mingei.app.stations import SideColumn, Station
from mingei.app.words import t
from mingei.app.workers import AFTER_PAINT_MS
from mingei.core.document.build import NOTHING, Build, Part
from mingei.core.errors import MingeiError
from mingei.core.folded.sides import STANDARD_VIEWS
from mingei.core.kinds.join import is_joined
from mingei.core.layout.splice import Splice

if TYPE_CHECKING:  # the folded view and what it needs load once flat and fields stand
    from mingei.app.prints import Print
    from mingei.app.space_view import SpaceView
    from mingei.core.flat.pattern import Pattern
    from mingei.core.folded.collide import Collision
    from mingei.core.whole.assembly import Shown

AXES = ("length", "width", "height")
#: A longer step is cut short, so that the view does not jump; all of it is in the tooltip.
_STEP_WORDS = 240
_SLIDER = 1000
_PLAY_MS, _PLAY_STEP = 16, 0.006
#: Ways to share the room between the two views: key, icon.
LAYOUTS = (("beside", "columns-2"), ("stacked", "rows-2"), ("flat", "square"), ("folded", "box"))


def layout_words(key: str) -> str:
    return {"beside": t("Flat and folded side by side"), "stacked": t("Flat above, folded below"),
            "flat": t("The flat alone, large"),
            "folded": t("The folded thing alone, large")}[key]


class DraftStation(Station):
    """Measures at the left, the two views at the right."""

    def __init__(self, document: Document, settings: Settings, parent: QWidget | None = None) -> None:
        super().__init__(document, parent)
        self.settings = settings
        self.measures = MeasuresCard(document)
        self.seam = SeamCard(document)
        self.facets = PiecesCard(document)
        self.openings = OpeningsCard(document)
        self.overlays = OverlaysCard(document)
        self.artwork = ArtCard(document)
        self.layers = LayersCard(document)
        self.backing = BackingCard(document)
        self.splices = SplicesCard(document)
        self.joined = JoinCard(document)
        self.in_whole = InWhole(document, self.joined)
        self.in_whole.told.connect(self.told)
        self.stock = StockCard(document)
        self.facts = FactsCard(document)
        self.flat = FlatView()
        self._space: SpaceView | None = None
        self._shared_for: tuple[str, str, int, int] | None = None
        self._play = QTimer(self)
        self._play.setInterval(_PLAY_MS)
        self._play.timeout.connect(self._advance)
        row = QHBoxLayout(self)
        row.setContentsMargins(10, 8, 10, 10)
        row.setSpacing(10)
        self.side = SideColumn(self.seam, self.facets, self.openings, self.overlays, self.artwork,
                               self.layers,
                               self.backing,
                               self.splices,
                               self.measures, self.stock, self.joined, self.facts)
        row.addWidget(self.side)
        row.addWidget(self._views(), 1)
        self.measures.wanted.connect(self.wanted)
        self.flat.picked.connect(document.select)
        self.flat.pointed.connect(document.point_at)
        self.flat.dragged.connect(self._drag)
        self.flat.respliced.connect(self._drag_line)
        self.facets.was_set.connect(self.flat.show_set)
        self.flat.rerooted.connect(self.facets.begin_with)
        self.flat.released.connect(lambda: self._say(document.selection))
        self.flat.measured.connect(lambda found: self.told.emit(span_words(found)))
        document.changed.connect(self.refresh)
        document.settled.connect(self._show_folded)
        document.arrived.connect(self._show_prints)
        document.selected.connect(self._show_selection)
        document.hovered.connect(self._show_hover)
        document.folded.connect(self._show_fraction)
        document.measuring_changed.connect(self._show_measuring)
        self.refresh()
        self._show_fraction(document.fraction)
        self._share(settings.text("layout", "") if settings.text("layout", "") in self.layouts else "beside")

    # -- building it -----------------------------------------------------------------------------------------

    def _views(self) -> QWidget:
        self.flat_card, self.space_card = Card(t("Flat")), Card(t("Folded"))
        self.heads: dict[Card, QHBoxLayout] = {}
        self._head(self.flat_card, lambda: self.flat, self._layout_buttons())
        self._head(self.space_card, lambda: self.space, self._looks())
        self.flat_card.body.addWidget(self.flat, 1)
        self._space_room = QWidget()
        self.space_card.body.addWidget(self._space_room, 1)
        self.space_card.body.addLayout(self._section_row())
        self.space_card.body.addLayout(self._fold_row())
        self.step = QLabel()
        self.step.setObjectName("quiet")
        self.step.setWordWrap(True)
        self.step.setMinimumHeight(34)
        self.step.setAlignment(Qt.AlignmentFlag.AlignTop)
        self.step.setAccessibleName(t("Step of folding"))
        self.space_card.body.addWidget(self.step)
        self.splitter = QSplitter(Qt.Orientation.Horizontal)
        self.splitter.addWidget(self.flat_card)
        self.splitter.addWidget(self.space_card)
        self.splitter.setChildrenCollapsible(False)
        self.splitter.setHandleWidth(10)
        self.splitter.setSizes([500, 460])
        return self.splitter

    @property
    def space(self) -> SpaceView:
        """The folded view, made when it is first wanted or when the rest of the station stands: what it needs
        takes its time to load."""
        if self._space is None:
            from mingei.app.space_view import SpaceView

            view = self._space = SpaceView()
            self.space_card.body.replaceWidget(self._space_room, view)
            self._space_room.hide()
            self._space_room.deleteLater()
            self.space_card.body.setStretchFactor(view, 1)
            self.in_whole.watch(view, lambda: self.whole.isChecked(), self._shown)
            view.pointed.connect(self.document.point_at)
            view.measured.connect(lambda found: self.told.emit(gap_words(found)))
            QWidget.setTabOrder(self.heads_last, view)
            view.show_build(*self._seen())
            view.show_selection(self.document.selection)
            view.show_fraction(self.document.fraction)
            view.measure(self.document.measuring)
        return self._space

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        self._follow()
        if self._space is None:
            QTimer.singleShot(AFTER_PAINT_MS, self, self._wake)

    def _wake(self) -> None:
        """Now that flat and fields stand: the folded view, and what is measured on it."""
        self.space.update()

    def _head(self, card: Card, view: Callable[[], FlatView | SpaceView], tools: list[QWidget]) -> None:
        card.body.removeWidget(card.heading)
        head = QHBoxLayout()
        head.setSpacing(2)
        head.addWidget(card.heading)
        head.addStretch(1)
        for widget in tools:
            head.addWidget(widget)
        buttons: tuple[tuple[str, str, Callable[[], object]], ...] = (
            ("zoom-out", t("Zoom out"), lambda: view().zoom(1 / 1.25)),
            ("zoom-in", t("Zoom in"), lambda: view().zoom(1.25)),
            ("maximize", t("Zoom to fit"), lambda: view().fit()))
        for name, words, act in buttons:
            button = tool(name, words)
            button.setAccessibleName(f"{card.heading.text()}: {words}")
            button.clicked.connect(lambda _=False, act=act: act())
            head.addWidget(button)
            self.heads_last = button
        card.body.addLayout(head)
        self.heads[card] = head

    def _layout_buttons(self) -> list[QWidget]:
        self.layouts: dict[str, QToolButton] = {}
        group = QButtonGroup(self)
        for key, icon in LAYOUTS:
            button = tool(icon, layout_words(key))
            button.setCheckable(True)
            button.clicked.connect(lambda _=False, key=key: self.lay_out(key))
            group.addButton(button)
            self.layouts[key] = button
        self.ruler = tool("ruler", t("Measure"),
                          t("Touch two points of the flat, or two faces of the folded thing, and read "
                            "what lies "
                            "between them. Corners and lines catch the pointer. (M)"))
        self.ruler.setCheckable(True)
        self.ruler.toggled.connect(self.document.measure)
        return [*self.layouts.values(), self.ruler]

    def _looks(self) -> list[QWidget]:
        self.look = tool("rotate-3d", t("Look from"),
                         t("Look from one of the standard sides. Drag in the view to turn it freely."))
        menu = QMenu(self.look)
        for name, _, _ in STANDARD_VIEWS:
            menu.addAction(t(name.capitalize())).triggered.connect(
                lambda _=False, name=name: self.space.look_from(name))
        self.look.setMenu(menu)
        self.look.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        self.whole = tool("blocks", t("The whole"),
                          t("Everything this thing is joined with, where it stands. Apart moves it along its "
                            "joints, Open moves what turns and slides. Drag the thing in hand along its "
                            "panel; click another to take it in hand."))
        self.whole.setCheckable(True)
        self.whole.toggled.connect(lambda _: self._show_whole())
        self.cut = tool("slice", t("Cut open"),
                        t("Cut the folded thing open and look at its walls. The cut faces are persimmon."))
        self.cut.setCheckable(True)
        self.cut.toggled.connect(self._cut)
        return [self.whole, self.look, self.cut]

    def _section_row(self) -> QHBoxLayout:
        """Where the cut goes, and how far the pieces stand apart; each shown only when there is something to
        set."""
        self.cut_axis = QuietCombo()
        self.cut_axis.addItems([t("across the {axis}", axis=t(a)) for a in AXES])
        self.cut_axis.setAccessibleName(t("Cut across"))
        self.cut_axis.activated.connect(lambda _: self._cut(self.cut.isChecked()))
        self.cut_slider = QSlider(Qt.Orientation.Horizontal)
        self.cut_slider.setRange(0, _SLIDER)
        self.cut_slider.setValue(_SLIDER // 2)
        self.cut_slider.setAccessibleName(t("Place of the cut"))
        self.cut_slider.setToolTip(t("Where it is cut open."))
        self.cut_slider.valueChanged.connect(lambda _: self._cut(self.cut.isChecked()))
        self.apart_words = QLabel(t("Apart"))
        self.apart = QSlider(Qt.Orientation.Horizontal)
        self.apart.setRange(0, 100)
        self.apart.setAccessibleName(t("Pieces apart"))
        self.apart.setToolTip(t("Move the pieces away from each other to see how they go together."))
        self.apart.valueChanged.connect(lambda _: self._moved_apart())
        self.open_words = QLabel(t("Open"))
        self.opened = QSlider(Qt.Orientation.Horizontal)
        self.opened.setRange(0, 100)
        self.opened.setAccessibleName(t("Open"))
        self.opened.setToolTip(
            t("Move what moves in the finished thing: doors on their pins, lids and drawers "
                                 "along their way."))
        self.opened.valueChanged.connect(lambda _: self._moved_apart())
        row = QHBoxLayout()
        for widget in (self.cut_axis, self.cut_slider, self.apart_words, self.apart, self.open_words,
                       self.opened):
            row.addWidget(widget)
        self.cut_axis.hide()
        self.cut_slider.hide()
        return row

    def _fold_row(self) -> QHBoxLayout:
        self.slider = StepSlider()
        self.slider.setRange(0, _SLIDER)
        self.slider.setMinimumHeight(28)
        self.slider.setAccessibleName(t("Fold"))
        self.slider.setToolTip(
            t("From flat to finished, in the order it is folded by hand. The ticks are the steps; Page Up "
              "and Page Down "
              "go from step to step."))
        self.slider.valueChanged.connect(lambda value: self.document.fold(value / _SLIDER))
        self.play = tool("play", t("Play the folding"), t("Fold it from flat to finished, step by step."))
        self.play.clicked.connect(self.toggle_play)
        row = QHBoxLayout()
        row.addWidget(self.play)
        row.addWidget(self.slider, 1)
        return row

    # -- following the document ------------------------------------------------------------------------------

    def refresh(self) -> None:
        """Show the project in force."""
        build = self.document.build
        self.flat.set_unit(self.document.project.unit)
        prints = self.document.prints_of(build)
        self._follow()
        self.flat.show_build(build, prints)
        joined_up = is_joined(self.document.project.briefs)
        self.whole.setVisible(joined_up)
        if not joined_up and self.whole.isChecked():
            self.whole.setChecked(False)
        several = len(build.patterns) > 1 or self.whole.isChecked()
        self.apart.setVisible(several)
        self.apart_words.setVisible(several)
        moves = (bool(self.document.movers()) if self.whole.isChecked()
                 else bool(build.draft.swings or build.draft.slides))
        self.opened.setVisible(moves)
        self.open_words.setVisible(moves)
        self.slider.show_steps(len(build.plan.folding))
        if self.whole.isChecked():
            self.step.setText(self.document.told_whole())
        else:
            self._show_step()

    def _show_folded(self) -> None:
        """The folded thing, once the flat is drawn."""
        if self._space is not None:
            self._space.show_build(*self._seen())

    def _seen(self) -> tuple[Build, Mapping[Pattern, Print]]:
        """What the folded view shows: the thing in hand, or the whole it belongs to."""
        if not self.whole.isChecked():
            return self.document.build, self.document.prints_of(self.document.build)
        return self.document.whole(self._shown())

    def _shown(self) -> Shown:
        """How the whole is looked at: how far apart, and how far what moves in it has."""
        from mingei.core.whole.assembly import Shown

        share = self.opened.value() / 100
        return Shown(self.apart.value() / 100, tuple((number, share) for number in self.document.movers()))

    def _moved_apart(self) -> None:
        """A slider was moved: pieces away from each other, or what moves along its way."""
        if self.whole.isChecked():
            self._show_folded()
            return
        self.space.explode(self.apart.value() / 100)
        self.space.swing(self.opened.value() / 100)

    def _show_whole(self) -> None:
        """Turn to the whole, or back to the thing in hand."""
        on = self.whole.isChecked()
        self.space.explode(0.0 if on else self.apart.value() / 100)
        self.space.swing(0.0 if on else self.opened.value() / 100)
        if on:
            self.document.fold(1.0)
        for widget in (self.slider, self.play):
            widget.setEnabled(not on)
        self.refresh()
        self._show_folded()

    def _show_prints(self) -> None:
        """A picture was read: only what is printed changes."""
        prints = self.document.prints_of(self.document.build)
        self.flat.show_prints(prints)
        if self._space is not None:
            self._space.show_prints(prints)

    def _show_selection(self, part: Part) -> None:
        self.flat.show_selection(part)
        if self._space is not None:
            self._space.show_selection(part)
        self._say(part)

    def _show_hover(self, part: Part) -> None:
        self.flat.show_hover(part)
        if self._space is not None:
            self._space.show_hover(part)
        self._say(part if part != NOTHING else self.document.selection)

    def _say(self, part: Part) -> None:
        self.told.emit(part_words(self.document.build, part))

    def _drag(self, measure: str, mm: float) -> None:
        """A dimension was dragged: to the unit's own step, as far as the recipe can build it."""
        step = STEP_MM[self.document.project.unit]
        kind = self.document.build.recipe.measure(measure)
        mm = max(kind.minimum, min(kind.maximum, round(mm / step) * step))
        try:
            self.document.set_measure(measure, mm)
        except MingeiError as error:
            self.told.emit(t(error.words))

    def _drag_line(self, number: int, splice: Splice) -> None:
        """A line across a piece was dragged."""
        self.document.set_splice(splice, number)

    def _struck(self, fraction: float) -> list[Collision]:
        """What stands in something else at a moment of the folding."""
        if not 0 < fraction < 1:
            return []
        from mingei.core.folded.collide import collisions

        return [c for p in self.document.build.patterns for c in collisions(p, (fraction,))]

    def _show_fraction(self, fraction: float) -> None:
        struck = self._struck(fraction)
        if self._space is not None:
            self._space.struck = {Part(c.piece, panel) for c in struck for panel in (c.a, c.b)}
            self._space.show_fraction(fraction)
        if struck:
            self.told.emit(t("Here the {a} catches on the {b}: bend it past by hand.", a=t(struck[0].a),
                             b=t(struck[0].b)))
        if round(fraction * _SLIDER) != self.slider.value():
            with QSignalBlocker(self.slider):
                self.slider.setValue(round(fraction * _SLIDER))
        self._show_step()

    def _show_step(self) -> None:
        steps = self.document.build.steps
        count = len(steps)
        fraction = self.document.fraction
        if not steps:
            self.step.setText("")
        elif fraction <= 0:
            self.step.setText(t("Flat. Score every fold before folding any."))
        elif fraction >= 1:
            self.step.setText(t("Finished, in {count} steps. Move the slider to see each.", count=count)
                              if count != 1 else
                              t("Finished, in one step. Move the slider to see it."))
        else:
            step = self.document.build.plan.step_at(fraction) or steps[0]
            words = t("Step {number} of {count}. {words}", number=step.number, count=count, words=step.words)
            self.step.setText(words if len(words) <= _STEP_WORDS else words[:_STEP_WORDS].rsplit(" ", 1)[0]
                              + " …")
            why = "; ".join(t(reason) for reason in step.because)
            whole = [words] if len(words) > _STEP_WORDS else []
            self.step.setToolTip("\n".join([*whole, *([t("Why now: {reasons}.",
                                                         reasons=why)] if why else [])]))

    def _show_measuring(self, on: bool) -> None:
        self.ruler.setChecked(on)
        self.flat.measure(on)
        if self._space is not None:
            self._space.measure(on)
        self.told.emit(
            t("Touch two points of the flat, or two faces of the folded thing. Escape lays the rule down.")
            if on else "")

    # -- the views -------------------------------------------------------------------------------------------

    def lay_out(self, key: str) -> None:
        """Share the room between the views; see LAYOUTS; "" as the flat asks."""
        key = key if key in self.layouts else ""
        self.settings.put("layout", key)
        if key:
            self._share(key)
        else:
            self._shared_for = None
            self._follow()

    def _follow(self) -> None:
        """Where nobody chose: a long flat lies above the folded thing, any other stands beside it, in as much
        room as it needs; shared anew for another thing, or when the other way is a good deal better."""
        if self.settings.text("layout", "") or not self.isVisible():
            return
        box, size = self.document.build.spread_box, self.splitter.size()
        thing = (self.document.project.briefs[self.document.current].id, self.document.build.recipe.id,
                 size.width(), size.height())
        now = "stacked" if self.splitter.orientation() == Qt.Orientation.Vertical else "beside"
        found = shared(box.width, box.height, size.width(), size.height(),
                       now if self._shared_for and self._shared_for[:2] == thing[:2] else "")
        if self._shared_for == thing and found.key == now:
            return
        self._shared_for = thing
        self._share(found.key)
        room = size.width() if found.key == "beside" else size.height()
        self.splitter.setSizes([round(room * found.flat), round(room * (1.0 - found.flat))])

    def _share(self, key: str) -> None:
        self.layouts[key].setChecked(True)
        self.splitter.setOrientation(Qt.Orientation.Vertical if key == "stacked"
                                     else Qt.Orientation.Horizontal)
        self.flat_card.setVisible(key != "folded")
        self.space_card.setVisible(key != "flat")
        # the buttons stand in whichever card shows
        head = self.heads[self.space_card if key == "folded" else self.flat_card]
        for number, button in enumerate([*self.layouts.values(), self.ruler]):
            head.insertWidget(2 + number, button)

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._follow()

    def _cut(self, on: bool) -> None:
        self.cut.setChecked(on)
        self.cut_axis.setVisible(on)
        self.cut_slider.setVisible(on)
        self.space.cut_open(self.cut_axis.currentIndex() if on else -1, self.cut_slider.value() / _SLIDER)

    # -- playing ---------------------------------------------------------------------------------------------

    def toggle_play(self) -> None:
        """Play the folding from where it stands, or from flat when it is finished; without motion, go to the
        next step."""
        if self.settings.flag("still"):
            count = max(1, len(self.document.build.plan.folding))
            at = 0 if self.document.fraction >= 1 else int(self.document.fraction * count + 1e-6) + 1
            self.document.fold(at / count)
            return
        if self._play.isActive():
            self._stop()
            return
        if self.document.fraction >= 1:
            self.document.fold(0.0)
        self._play.start()
        self.play.setIcon(theme.icon("pause"))

    def _advance(self) -> None:
        self.document.fold(self.document.fraction + _PLAY_STEP)
        if self.document.fraction >= 1:
            self._stop()

    def _stop(self) -> None:
        self._play.stop()
        self.play.setIcon(theme.icon("play"))

    def hideEvent(self, event: object) -> None:
        self._stop()

    # -- the window's wishes ---------------------------------------------------------------------------------

    def enter(self) -> None:
        self.measures.begin()

    def retint(self) -> None:
        super().retint()
        if self._space is not None:
            self._space.recolour()
        self.flat.update()
