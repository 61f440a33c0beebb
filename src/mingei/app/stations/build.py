"""The Build station: one step at a time, large enough to be read from a metre away; what it needs beside it,
what comes before and after below."""

from __future__ import annotations

import math
from collections.abc import Callable
from typing import TYPE_CHECKING

from PySide6.QtCore import QElapsedTimer, QSignalBlocker, QSize, Qt, QTimer
from PySide6.QtWidgets import (
    QApplication,
    QCheckBox,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QPushButton,
    QScrollArea,
    QWidget,
)

from mingei.app import theme
from mingei.app.bench import Bench, Progress
from mingei.app.cards import Card, CareCard, combo, quiet, row
from mingei.app.document import Document
from mingei.app.fields import CountField
from mingei.app.holds import Holds
from mingei.app.own_steps import OwnSteps
from mingei.app.stations import SideColumn, Station
from mingei.app.step_view import STRIP_WIDE, StepStrip, StepView
from mingei.app.words import capital, t
from mingei.app.workers import Job
from mingei.app.workers import Progress as Telling
from mingei.core.document.make_sheet import needs_words
from mingei.core.document.table import Table, table
from mingei.core.errors import MingeiError
from mingei.core.kinds import some
from mingei.core.kinds.join import is_joined
from mingei.core.kinds.look import Look
from mingei.core.plan.holding import grams, tape_list
from mingei.core.plan.steps import Step
from mingei.core.plan.time import compared, cost

if TYPE_CHECKING:
    from mingei.core.document.build import Build
    from mingei.core.plan.picture import Picture

#: Nothing done for so long (s): the clock stands still. So often it is looked at, ms.
_IDLE_S, _TICK_MS = 180.0, 1000
#: Sentences longer than this are set smaller.
_LONG_WORDS = 150
#: A word for the stage of a step, by what is done in it first.
_STAGE_OF = {"join": "glue", "crease": "crease", "cover": "cover", "fold": "fold", "glue": "glue",
             "lap": "glue",
             "put": "put", "fill": "fill", "wait": "dry"}


def _from_on(count: int | None, always: str, some: str, never: str) -> str:
    """What is said of a way that is better from count on, always (0) or never (None)."""
    return never if count is None else always if count <= 1 else some


class BuildStation(Station):
    """The step in hand: its picture, the sentence under it, what it needs at the side."""

    def __init__(self, document: Document, bench: Bench, parent: QWidget | None = None) -> None:
        super().__init__(document, parent)
        self.bench = bench
        self.number = 0
        self.table: Table | None = None
        self._pictures: dict[tuple[object, str, object], Picture] = {}
        self._on: tuple[object, int, object] | None = None
        self._drawing: Job | None = None
        self._clock, self._last = QElapsedTimer(), 0.0
        self._clock.start()
        self._touched = 0.0
        across = QHBoxLayout(self)
        across.setContentsMargins(10, 8, 10, 10)
        across.setSpacing(10)
        self.own = OwnSteps(document)
        self.side = SideColumn(self._needs_card(), self._copies_card(), self._order_card(), self.own,
                               self._cost_card(),
                               self._out_card(),
                               CareCard(
                                   t("Knife and glue away when you stop. Children cut, heat and glue hot "
                                          "only with an adult; follow the makers' instructions.")))
        across.addWidget(self.side)
        across.addWidget(self._step_card(), 1)
        self.timer = QTimer(self)
        self.timer.setInterval(_TICK_MS)
        self.timer.timeout.connect(self._tick)
        document.changed.connect(self._changed)
        document.arrived.connect(self._changed)
        self._stale = True

    # -- what it is made of ----------------------------------------------------------------------------------

    def _step_card(self) -> Card:
        card = Card(t("Thing"))
        card.body.removeWidget(card.heading)
        head = QHBoxLayout()
        self.thing = combo(t("Thing"), t("Which thing of the kit is being made."))
        self.thing.activated.connect(self._look_at)
        head.addWidget(card.heading)
        head.addWidget(self.thing, 1)
        self.clock = quiet()
        self.clock.setWordWrap(False)
        head.addWidget(self.clock)
        card.body.addLayout(head)
        self.view = StepView()
        self.view.setAccessibleName(t("Picture of the step"))
        self.view.setToolTip(t("Drag to turn it, or Shift with the arrow keys; it is kept as you turned it."))
        self.view.turned.connect(self._turn)
        self.view.wanted.connect(self.step)
        card.body.addWidget(self.view, 1)
        self.sentence, self.why = QLabel(), quiet()
        self.sentence.setWordWrap(True)
        self.sentence.setFont(theme.text_font(theme.HEADING + 3))
        for label in (self.sentence, self.why):
            card.body.addWidget(label)
        self.back, self.next = QPushButton(t("Back")), QPushButton(t("Done, next"))
        self.next.setObjectName("main")
        for button in (self.back, self.next):
            button.setProperty("big", True)
            button.setFont(theme.text_font(theme.HEADING))
        self.back.clicked.connect(lambda: self.step(-1))
        self.next.clicked.connect(self.finish)
        big = QHBoxLayout()
        big.addWidget(self.back, 1)
        big.addWidget(self.next, 2)
        card.body.addLayout(big)
        self.strip = StepStrip()
        self.strip.taken.connect(self.take)
        self.strip.moved.connect(self._move_to)
        self.strip.setToolTip(t("Drag a step to where you want it; what that breaks is said at once. Earlier "
                                "and Later do the same by keys."))
        self.along = QScrollArea()
        self.along.setWidget(self.strip)
        self.along.setWidgetResizable(True)
        self.along.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.along.setFixedHeight(self.strip.height() + 14)
        self.along.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        card.body.addWidget(self.along)
        return card

    def _needs_card(self) -> Card:
        card = Card(t("For this step"))
        self.needs, self.care = QLabel(), QLabel()
        self.care.setObjectName("reason")
        for label in (self.needs, self.care):
            label.setWordWrap(True)
            card.body.addWidget(label)
        self.hold = QPushButton()
        self.hold.setMinimumHeight(36)
        self.hold.clicked.connect(self._hold)
        card.body.addWidget(self.hold)
        self.holds = Holds()
        self.holds.over.connect(self._held)
        card.body.addWidget(self.holds)
        self.sound = QCheckBox(t("A quiet sound when it is over"))
        card.body.addWidget(self.sound)
        return card

    def _copies_card(self) -> Card:
        card = self.copies_card = Card(t("Copies"))
        self.copies = CountField(0, 1, t("How many are made to here"))
        self.copies.setToolTip(
            t("Do each step for all of them: glue, lay aside, the next; so the least is laid "
                                 "down and taken up again."))
        self.copies.valueChanged.connect(self._count)
        self.copies_words = quiet()
        card.body.addWidget(self.copies)
        card.body.addWidget(self.copies_words)
        return card

    def _order_card(self) -> Card:
        card = Card(t("Order and notes"))
        self.earlier, self.later = QPushButton(t("Earlier")), QPushButton(t("Later"))
        self.earlier.setToolTip(t("Make this step one place sooner. What that breaks is said at once."))
        self.later.setToolTip(t("Make this step one place later. What that breaks is said at once."))
        self.earlier.clicked.connect(lambda: self._move(-1))
        self.later.clicked.connect(lambda: self._move(1))
        self.anew = QPushButton(t("The plan's own order"))
        self.anew.clicked.connect(lambda: self._order(()))
        card.body.addLayout(row(self.earlier, self.later))
        card.body.addWidget(self.anew)
        self.note = QLineEdit()
        self.note.setPlaceholderText(t("Note this…"))
        self.note.setAccessibleName(t("Note this"))
        self.note.setToolTip(t("Enter keeps it with the notes of this thing, with the number of the step."))
        self.note.returnPressed.connect(self._note)
        card.body.addWidget(self.note)
        return card

    def _cost_card(self) -> Card:
        card = Card(t("Time and money"))
        self.cost = quiet()
        prices = QPushButton(t("Pace and prices…"))
        prices.setToolTip(
            t("How quick you are, what an hour, glue and tape cost, how long you hold, and another way "
                            "of making it, to be compared."))
        prices.clicked.connect(self._prices)
        card.body.addWidget(self.cost)
        card.body.addWidget(prices)
        return card

    def _prices(self) -> None:
        from mingei.app.making import MakingDialog

        MakingDialog(self.document, self).open()

    def _tell_cost(self) -> None:
        """Minutes of each stage and money of what is in hand, and another way beside it."""
        if self.table is None:
            return
        making, copies = self.document.project.making, self.build.brief.copies
        said = ", ".join(t("{stage} {minutes:.0f}", stage=t(s.word), minutes=s.minutes * copies)
                         for s in self.table.stages)
        minutes = math.ceil(self.table.minutes * copies)
        lines = [t("About {minutes} min at the table: {stages}.", minutes=minutes, stages=said) if copies == 1
                 else t("About {minutes} min at the table for all {count}: {stages}.", minutes=minutes,
                        count=copies, stages=said)]
        tape = sum(x.length_mm for x in tape_list(self.table.held))
        card = copies * self.table.card_money(self.document.project.paper)
        ours = cost(copies, card, self.table.minutes, grams(self.table.held), tape, making, making.once)
        if ours.money:
            lines.append(t("{money:.2f} for hands, card, glue, tape and wear; {card:.2f} of it for the card, "
                           "waste left out.", money=ours.money, card=card))
        other = compared(copies, ours, making, making.once)
        if other is not None:
            lines.append(t("The other way: {money:.2f} and {minutes:.0f} min.", money=other.other.money,
                           minutes=other.other.minutes))
            lines += [_from_on(other.cheaper_from, t("By hand is cheaper, however many."),
                               t("By hand is cheaper from {count} on.", count=other.cheaper_from or 0),
                               t("The other way is cheaper, however many.")),
                      _from_on(other.quicker_from, t("By hand is quicker, however many."),
                               t("By hand is quicker from {count} on.", count=other.quicker_from or 0),
                               t("The other way is quicker, however many."))]
        self.cost.setText("\n".join(lines))

    def _out_card(self) -> Card:
        card = Card(t("On paper"))
        sheet, pack = QPushButton(t("Make sheet…")), QPushButton(t("Publish…"))
        sheet.setToolTip(t("What you need, and every step with its picture, as PDF or for a browser."))
        pack.setToolTip(t("The pack you hand out: sheets, drawings, make sheet, pictures, your terms."))
        sheet.clicked.connect(lambda: self.wanted.emit("make-sheet"))
        pack.clicked.connect(lambda: self.wanted.emit("publish"))
        card.body.addLayout(row(sheet, pack))
        return card

    # -- following the document ------------------------------------------------------------------------------

    @property
    def build(self) -> Build:
        return self.document.build

    @property
    def steps(self) -> tuple[Step, ...]:
        return self.table.steps if self.table else ()

    @property
    def current(self) -> Step | None:
        return self.steps[self.number] if self.steps else None

    def _changed(self) -> None:
        self._stale = True
        if self.isVisible():
            self.refresh()

    def showEvent(self, event: object) -> None:
        self._touched = self._now()
        self._last = self._now()
        self.timer.start()
        self.refresh()

    def hideEvent(self, event: object) -> None:
        self.timer.stop()
        self.bench.keep()

    def refresh(self) -> None:
        """Show the thing in hand, at the step in hand."""
        if not self._stale:
            return
        self._stale = False
        project = self.document.project
        before = self.current.key if self.current else ""
        same = self.table is not None and self.table.build.brief.id == self.build.brief.id
        self.table = table(self.build, project.making)
        with QSignalBlocker(self.thing):
            self.thing.clear()
            for number in self.document.order():
                turn = self.document.turn_of(number)
                self.thing.addItem(t("{name}, thing {turn} of {all}", name=project.briefs[number].name,
                                     turn=turn[0],
                                     all=turn[1]) if turn else project.briefs[number].name, number)
            self.thing.setCurrentIndex(self.thing.findData(self.document.current))
        keys = [s.key for s in self.steps]
        self.number = keys.index(before) if same and before in keys else 0
        with QSignalBlocker(self.copies):
            self.copies.setRange(0, self.build.brief.copies)
            self.copies.setValue(min(self.progress.made, self.build.brief.copies))
        self.copies_card.setVisible(self.build.brief.copies > 1)
        self._draw()
        self._show()

    @property
    def progress(self) -> Progress:
        """How far the thing in hand is."""
        return self.bench.of(self.build.brief.id)

    def _look_at(self, index: int) -> None:
        if 0 <= index < self.thing.count():
            self.document.look_at(int(self.thing.itemData(index)))

    # -- pictures --------------------------------------------------------------------------------------------

    def _key(self, step: Step) -> tuple[object, str, object]:
        looks = {look.step: (look.yaw_deg, look.pitch_deg)
                 for look in some(self.build.brief.amendments, Look)}
        return (self.build.plan, self._set_on_it()), step.key, looks.get(step.key)

    def _set_on_it(self) -> object:
        """What is set on the thing, which its pictures show, too."""
        project, current = self.document.project, self.document.current
        if self._on is None or self._on[0] is not project or self._on[1] != current:
            on: object = ()
            if is_joined(project.briefs):
                from mingei.core.whole.joined import joined
                from mingei.core.whole.pictures import set_on

                on = set_on(joined(project), current)
            self._on = project, current, on
        return self._on[2]

    def _draw(self) -> None:
        """Draw the pictures that are missing, the one in hand first, in the background."""
        if self._drawing is not None:
            self._drawing.cancel()
        build, wanted = self.build, sorted(range(len(self.steps)), key=lambda n: abs(n - self.number))
        missing = [(self._key(self.steps[n]), self.steps[n]) for n in wanted
                   if self._key(self.steps[n]) not in self._pictures]
        if not missing:
            return
        fresh: list[tuple[tuple[object, str, object], Picture]] = []
        project, number = self.document.project, self.document.current

        def work(progress: Telling) -> None:
            from mingei.core.plan.picture import step_picture

            for key, step in missing:
                look = key[2] if isinstance(key[2], tuple) else None
                drawn = None
                if is_joined(project.briefs):
                    from mingei.core.whole.joined import joined
                    from mingei.core.whole.pictures import picture_of

                    drawn = picture_of(joined(project), number, step, look=look)
                fresh.append((key, drawn or step_picture(build.plan, step, build.patterns, look=look)))
                progress.report(len(fresh) / len(missing))

        self._drawing = job = Job(work, self)

        def arrived(*_: object) -> None:
            if job is self._drawing:
                if len(self._pictures) > 400:
                    self._pictures.clear()
                self._pictures.update(fresh)
                self._show_pictures()

        job.progressed.connect(arrived)
        job.done.connect(arrived)
        job.failed.connect(lambda error: self.told.emit(t(error.words)))
        job.start()

    @property
    def drawing(self) -> bool:
        """Whether the picture of the step in hand is still to come."""
        return self.current is not None and self._key(self.current) not in self._pictures

    @property
    def filling(self) -> bool:
        """Whether pictures of some steps are still to come."""
        return any(self._key(s) not in self._pictures for s in self.steps)

    def _show_pictures(self) -> None:
        every = [self._pictures.get(self._key(s)) for s in self.steps]
        done = {n for n, s in enumerate(self.steps) if s.key in self.progress.done}
        self.strip.show_steps(every, self.number, done)
        self.view.show_picture(every[self.number] if every else None)

    def _turn(self, across: float, up: float) -> None:
        step, picture = self.current, self.view.picture
        if step is None or picture is None:
            return
        yaw = (picture.yaw_deg + across + 180.0) % 360.0 - 180.0
        pitch = max(-89.0, min(89.0, picture.pitch_deg + up))
        self._put(lambda: self.document.put_look(Look(step.key, round(yaw, 1), round(pitch, 1))))

    def _put(self, act: Callable[[], None]) -> None:
        try:
            act()
        except MingeiError as error:
            self.told.emit(t(error.words))

    # -- the step in hand ------------------------------------------------------------------------------------

    def take(self, number: int) -> None:
        """Take a step in hand, from 0."""
        self._spend()
        self._touched = self._now()
        self.number = max(0, min(number, len(self.steps) - 1))
        if self.drawing:
            self._draw()  # this one first
        self._show()

    def step(self, by: int) -> None:
        self.take(self.number + by)

    def finish(self) -> None:
        """Tick the step off, and take the next in hand."""
        if self.current is not None:
            self.progress.done.add(self.current.key)
            self.bench.touched()
        if self.number >= len(self.steps) - 1 and (after := self.document.made_after()) is not None:
            self.document.look_at(after)  # the next of the whole
            return
        self.step(1)

    def _show(self) -> None:
        step = self.current
        self.own.show_step(step)
        self._show_pictures()
        for widget in (self.back, self.next, self.hold, self.earlier, self.later):
            widget.setEnabled(step is not None)
        if step is None or self.table is None:
            self.sentence.setText(t("Nothing is folded or glued: cut it out, and it is done."))
            self.why.setText("")
            self.needs.setText("")
            return
        said = t("Step {number} of {count}. {words}", number=step.number, count=len(self.steps),
                 words=t(step.words))
        self.sentence.setFont(theme.text_font(theme.HEADING + (3 if len(said) < _LONG_WORDS else -1)))
        self.sentence.setText(said)
        self.view.setAccessibleDescription(said)
        self.why.setText(" ".join(capital(t(why)) + "." for why in (*step.broken, *step.because[:2])))
        self.why.setVisible(bool(step.broken or step.because))
        needs = self.table.needs(step)
        self.needs.setText("\n".join(t(line) for line in needs_words(needs)) or t("Hands only."))
        self.care.setText("\n".join(t(c) for c in needs.cautions))
        self.care.setVisible(bool(needs.cautions))
        seconds = needs.hold_s or needs.dry_min * 60
        self.hold.setVisible(seconds > 0)
        self.hold.setText(t("Hold it {seconds:.0f} s", seconds=seconds) if needs.hold_s else
                          t("Let it dry {minutes:.0f} min", minutes=needs.dry_min))
        self.back.setEnabled(self.number > 0)
        self.next.setText(t("Done, next") if self.number < len(self.steps) - 1 else t("Done"))
        self.earlier.setEnabled(self.number > 0)
        self.later.setEnabled(self.number < len(self.steps) - 1)
        self.anew.setEnabled(bool(self.build.brief.order))
        self._tell_copies()
        self._tell_clock()
        self._tell_cost()
        self.along.ensureVisible(self.number * STRIP_WIDE + STRIP_WIDE // 2, 20,
                                  STRIP_WIDE * 2, 0)
        self.side.fit()

    # -- holds, copies, clock --------------------------------------------------------------------------------

    def _hold(self) -> None:
        step = self.current
        if step is not None and self.table is not None:
            needs = self.table.needs(step)
            self.holds.hold(t("Step {number}", number=step.number), needs.hold_s or needs.dry_min * 60)
            self.side.fit()

    def _held(self, words: str) -> None:
        self.told.emit(t("{words}: it has been held long enough.", words=words))
        if self.sound.isChecked():
            QApplication.beep()

    def _count(self, made: int) -> None:
        self.progress.made = made
        self.bench.touched()
        self._touched = self._now()
        self._tell_copies()

    def _tell_copies(self) -> None:
        copies, made = self.build.brief.copies, self.progress.made
        lines = [t("{made} of {count} have come through this step.", made=made, count=copies)]
        if self.table is not None and copies > 1 and self.steps:
            order = self.table.turns[self.number]
            again = self.number > 0 and order[0] == self.table.turns[self.number - 1][-1]
            lines.append(t("From copy {first} to copy {last}: the one in hand goes first.", first=order[0],
                           last=order[-1]) if again else
                         t("From copy {first} to copy {last}: the first has been left alone longest.",
                           first=order[0], last=order[-1]) if self.number else
                         t("From copy {first} to copy {last}.", first=order[0], last=order[-1]))
        self.copies_words.setText("\n".join(lines))

    def _now(self) -> float:
        return self._clock.elapsed() / 1000.0

    def _spend(self) -> None:
        """Count the time since the clock was looked at last for the stage in hand, unless nobody is there."""
        now = self._now()
        if self.isVisible() and now - self._touched < _IDLE_S and self.current is not None:
            stage = _STAGE_OF.get(str(self.current.does[0]), "fold")
            spent = self.progress.spent
            spent[stage] = spent.get(stage, 0.0) + now - self._last
            self.bench.touched()
        self._last = now

    def _tick(self) -> None:
        self._spend()
        self._tell_clock()

    def _tell_clock(self) -> None:
        spent = sum(self.progress.spent.values())
        idle = self._now() - self._touched >= _IDLE_S
        planned = math.ceil(self.table.minutes * self.build.brief.copies) if self.table else 0
        words = t("{minutes} min so far, about {planned} planned", minutes=int(spent // 60), planned=planned)
        self.clock.setText(words + (t(" (the clock stands: nothing is done)") if idle else ""))

    # -- a person's own order, and notes ---------------------------------------------------------------------

    def _move(self, by: int) -> None:
        self._move_to(self.number, self.number + by)

    def _move_to(self, number: int, place: int) -> None:
        """Put a step at another place, and keep it in hand."""
        keys = [s.key for s in self.steps]
        if 0 <= place < len(keys) and place != number:
            self.take(number)
            keys.insert(place, keys.pop(number))
            self._order(tuple(keys))

    def _order(self, keys: tuple[str, ...]) -> None:
        self._put(lambda: self.document.set_order(keys))

    def _note(self) -> None:
        words, step = self.note.text().strip(), self.current
        if words:
            line = t("Step {number}: {words}", number=step.number if step else 0, words=words)
            notes = self.build.brief.notes
            self._put(lambda: self.document.set_notes(f"{notes}\n{line}".strip()))
            self.note.clear()

    def enter(self) -> None:
        self.view.setFocus()

    def sizeHint(self) -> QSize:
        return QSize(1200, 720)


