"""The cards of Score and cut: how it is worked, the machine and its job, what is done in which order."""

from __future__ import annotations

from collections.abc import Callable, Generator, Sequence
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QSignalBlocker, Qt, Signal
from PySide6.QtWidgets import QButtonGroup, QCheckBox, QLabel, QPushButton, QWidget

from mingei.app.cards import Card, combo, quiet, row
from mingei.app.document import Document
from mingei.app.fields import LengthField, QuietCombo
from mingei.app.lists import Line, PlainList
from mingei.app.searching import Search
from mingei.app.words import t
from mingei.app.workers import Job as Background
from mingei.app.workers import Progress
from mingei.core.document.build import loads_of_all
from mingei.core.errors import MingeiError
from mingei.core.layout.place import Page
from mingei.core.work.job import job_for
from mingei.core.work.lines import Faces
from mingei.core.work.plan import GROOVES_MM, Fence, When, Working
from mingei.core.work.words import STAGES

if TYPE_CHECKING:
    from mingei.core.work.device import Device
    from mingei.core.work.job import Job
    from mingei.core.work.lining import Lined
    from mingei.devices.cutter import Rehearsal

_FACES = ((Faces.OWN, "Outside of each bend"), (Faces.PRINTED, "The printed face"), (Faces.BACK, "The back"))
_WHEN = ((When.BEFORE, "Before cutting"), (When.AFTER, "After cutting"))
_FENCES = ((Fence.LEFT, "Fence at the left"), (Fence.TOP, "Fence at the top"))
#: What guides the tool: grooves so far apart, mm; 0: a rule; below 0: as far apart as one says.
_GUIDES = ((0.0, "With a rule"), (GROOVES_MM[0], "Board, every 1/8 in"),
           (GROOVES_MM[1], "Board, every 10 mm"), (-1.0, "Board, own grooves"))
_OWN = len(_GUIDES) - 1
#: Own grooves lie so far apart until one says otherwise, mm.
_OWN_MM = 5.0


class WorkCard(Card):
    """A card of how it is worked; each choice is one step to undo."""

    def __init__(self, heading: str, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(heading, parent)
        self.document = document

    @property
    def working(self) -> Working:
        return self.document.project.working

    def choose(self, **changes: object) -> None:
        """Change how it is worked.  Raises MingeiError where it cannot be."""
        wanted = self.working._replace(**changes)  # type: ignore[arg-type]
        if wanted != self.working:
            self.document.set_working(wanted)

    def _list(self, name: str, hint: str, choices: Sequence[tuple[Any, str]],
              key: str) -> tuple[QLabel, QuietCombo]:
        """A list of values by their words, which chooses key."""
        box = combo(name, hint)
        box.setMinimumContentsLength(10)
        for value, words in choices:
            box.addItem(t(words), value)
        box.activated.connect(lambda index: self.choose(**{key: choices[index][0]}))
        return self.add_row(name, box), box


class WayCard(WorkCard):
    """By hand or by machine, and the choices of the hand.  machine_wanted: by machine, please."""

    machine_wanted = Signal()

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("How"), document, parent)
        self.by_hand, self.by_machine = QPushButton(t("By hand")), QPushButton(t("By machine"))
        choice = QButtonGroup(self)
        for button in (self.by_hand, self.by_machine):
            button.setCheckable(True)
            button.setObjectName("choice")
            choice.addButton(button)
        self.body.addLayout(row(self.by_hand, self.by_machine))
        self.by_hand.clicked.connect(lambda: self.choose(machine=""))
        self.by_machine.clicked.connect(self.machine_wanted)
        _, self.faces = self._list(
            t("Score from"),
            t("A score opens on the outside of its bend: mountains are scored from the printed face, valleys "
              "from the back, and the sheet is turned over once. From one face nothing is turned, and half "
              "of the folds bend against their score."), _FACES, "faces")
        self._when_label, self.when = self._list(
            t("Score"),
            t("Before cutting the whole sheet lies still and one placing of the rule serves several pieces. "
              "After cutting each piece is scored in the hand."), _WHEN, "when")
        self.board = combo(
            t("Guide"),
            t("A board's grooves guide the tool. Mingei finds the spacer against the fence that brings most "
              "lines onto grooves; the rest need a rule."), [t(words) for _, words in _GUIDES])
        self.board.setMinimumContentsLength(10)
        self.board.activated.connect(self._choose_guide)
        self._board_label = self.add_row(t("Guide"), self.board)
        self.groove = LengthField(t("Grooves"), t("How far the grooves of your board lie apart."))
        self.groove.edited.connect(self._set_groove)
        self.body.addWidget(self.groove)
        self._fence_label, self.fence = self._list(
            t("Fence"), t("Which edge of the sheet lies against the fence of the board."), _FENCES, "fence")
        self.marks = self._box(
            "marks", t("Only prick the ends"),
            t("Both ends of each placement as pricks, on the waste where they can be, so that no line shows "
              "on the finished thing."))
        self.template = self._box(
            "template", t("Through a paper template"),
            t("The printed sheet lies on the card, weighted; scored through, then taken off."))
        self.trimmer = self._box(
            "trimmer", t("There is a trimmer"),
            t("Straight cuts from edge to edge come first, in an order that destroys no edge that is "
              "measured from and no offcut that is kept."))

    def _box(self, key: str, words: str, hint: str) -> QCheckBox:
        box = QCheckBox(words)
        box.setToolTip(hint)
        box.clicked.connect(lambda on: self.choose(**{key: on}))
        self.body.addWidget(box)
        return box

    def refresh(self) -> None:
        w, unit = self.working, self.document.project.unit
        machine = bool(w.machine)
        (self.by_machine if machine else self.by_hand).setChecked(True)
        for box, value in ((self.faces, w.faces), (self.when, w.when), (self.fence, w.fence)):
            box.setCurrentIndex(box.findData(value))
        guide = next((i for i, (mm, _) in enumerate(_GUIDES) if abs(mm - w.groove_mm) < 1e-6), _OWN)
        self.board.setCurrentIndex(guide)
        if self.groove.unit != unit:
            self.groove.set_unit(unit)
        self.groove.show_value(w.groove_mm)
        self.groove.setVisible(guide == _OWN and not machine)
        for widget in (self.when, self._when_label, self.board, self._board_label, self.marks, self.template,
                       self.trimmer):
            widget.setVisible(not machine)
        for widget in (self.fence, self._fence_label):
            widget.setVisible(not machine and w.groove_mm > 0)
        for tick, on in ((self.marks, w.marks), (self.template, w.template), (self.trimmer, w.trimmer)):
            tick.setChecked(on)

    def _choose_guide(self, number: int) -> None:
        self.choose(groove_mm=_OWN_MM if number == _OWN else _GUIDES[number][0])

    def _set_groove(self, mm: float) -> None:
        try:
            self.choose(groove_mm=mm)
        except MingeiError as error:
            self.groove.refuse(error)


class MachineCard(WorkCard):
    """Which machine, what its job is, and what the stand-in says of it.  rehearsed: a job and what the
    stand-in found; saving: the job in hand is wanted as a file."""

    rehearsed = Signal(object, object)
    saving = Signal()

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Machine"), document, parent)
        self.job: Job | None = None
        self.devices: tuple[Device, ...] = ()
        self._rehearsing: Background | None = None
        self.device = combo(t("Machine"), "")
        self.device.activated.connect(lambda: self.choose(machine=self.device.currentData()))
        self.body.addWidget(self.device)
        self.broken, self.told, self.faults = quiet(), quiet(), QLabel()
        self.broken.setObjectName("reason")
        self.faults.setWordWrap(True)
        for label in (self.broken, self.told, self.faults):
            self.body.addWidget(label)
        self.rehearse = QPushButton(t("Rehearse it"))
        self.rehearse.setToolTip(
            t("A stand-in reads the file as the machine would, plays the tool over the sheet and compares "
              "what would really be cut with the drawing."))
        self.rehearse.clicked.connect(self.begin_rehearsal)
        self.save = QPushButton(t("Save the job…"))
        self.save.setObjectName("main")
        self.save.clicked.connect(self.saving)
        self.body.addLayout(row(self.rehearse, self.save))

    @property
    def rehearsing(self) -> bool:
        """Whether the stand-in is at work."""
        return self._rehearsing is not None

    def load(self) -> None:
        """Read the machines there are; files that are none are said, and the others stay at hand."""
        from mingei.formats.device_file import devices_and_broken

        self.devices, broken = devices_and_broken()
        self.broken.setText("\n".join(t(error.words) for error in broken))
        self.broken.setVisible(bool(broken))
        with QSignalBlocker(self.device):
            self.device.clear()
            for device in self.devices:
                self.device.addItem(t(device.name), device.id)

    def refresh(self) -> None:
        machine = self.working.machine
        self.setVisible(bool(machine))
        if machine:
            if not self.devices:
                self.load()
            self.device.setCurrentIndex(self.device.findData(machine))

    def fitting(self, page: Page | None) -> Device:
        """The first machine that takes a sheet, or the first of all."""
        for device in self.devices:
            try:
                if page is not None:
                    job_for(page, device)
                return device
            except MingeiError:
                continue
        return self.devices[0]

    def show_job_of(self, page: Page) -> str:
        """Work out the job of a sheet; returns why there is none, or ""."""
        self.put_away()
        device = next((d for d in self.devices if d.id == self.working.machine), None)
        try:
            if device is None:
                refused = t("There is no machine {id} here: choose another.", id=self.working.machine)
            else:
                self.job, refused = job_for(page, device, self.working.faces), ""
        except MingeiError as error:
            refused = t(error.sentence) + ": " + t(error.remedy) + "."
        job = self.job
        self.save.setEnabled(job is not None)
        self.rehearse.setEnabled(job is not None)
        if job is None:
            self.told.setText(refused)
            return refused
        stages = ", ".join(f"{sum(s.stage is stage for s in job.strokes)} × {t(STAGES[stage])}"
                           for stage in job.stages)
        self.told.setText(t("It writes {stages}; zero is {zero}. About {minutes:.1f} minutes. {note}",
                            stages=stages, zero=t(job.zero_words), minutes=job.minutes,
                            note=t(job.device.note)))
        return ""

    def put_away(self) -> None:
        """There is no job in hand any more."""
        self.job = None
        self._rehearsing = None
        self.faults.setText("")

    def begin_rehearsal(self) -> None:
        """Let the stand-in cut it, in the background."""
        job = self.job
        if job is None:
            return
        from mingei.devices.cutter import rehearse
        from mingei.devices.job_reader import read_job
        from mingei.formats.machine import machine_file

        ending = job.device.output[0]

        def work(progress: Progress) -> Rehearsal:
            progress.report(0.1)
            return rehearse(read_job(machine_file(job, ending), ending), job.device, job.page)

        self.faults.setText(t("The stand-in is at work…"))
        self.rehearse.setEnabled(False)
        self._rehearsing = at_work = Background(work, self)
        at_work.done.connect(lambda found: self._end(at_work, found, None))
        at_work.failed.connect(lambda error: self._end(at_work, None, error))
        at_work.start()

    def _end(self, at_work: Background, found: Rehearsal | None, error: MingeiError | None) -> None:
        if at_work is not self._rehearsing or self.job is None:
            return
        self._rehearsing = None
        self.rehearse.setEnabled(True)
        if found is None:
            self.faults.setText(t(error.words) if error else "")
            return
        said = [f"{t(f.sentence)}." for f in found.faults]
        said.append(t("What is cut lies within {mm:.2f} mm of the drawing; {minutes:.1f} minutes.",
                      mm=found.worst_mm, minutes=found.minutes))
        self.faults.setText("\n".join(said))
        self.rehearsed.emit(self.job, found)


class OrderCard(Card):
    """What is to be done, in order; how long it takes; a search for fewer placings of the rule.  taken: the
    number of a task; plans: as pages to print, please."""

    taken = Signal(int)
    plans = Signal()

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("In this order"), parent)
        self.document = document
        self.list = PlainList(t("What is to be done"))
        self.list.setMinimumHeight(190)
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.list.turned.connect(self.taken)
        self.time, self.state = quiet(), quiet()
        self.state.hide()
        self.fewer = QPushButton(t("Fewer placings"))
        self.fewer.setToolTip(
            t("Lay the pieces of the kit so that scores of several lie on one line, on no more sheets. What "
              "you hold in place stays there."))
        self.search = Search(self.fewer, self._begin)
        self.search.improved.connect(self._improved)
        self.search.ended.connect(self._ended)
        self.search.given_up.connect(self.state.hide)
        pages = QPushButton(t("Plans to print…"))
        pages.setToolTip(t("Score plan and cutting plan of every sheet as pages, to lie beside the work."))
        pages.clicked.connect(self.plans)
        for widget in (self.list, self.time):
            self.body.addWidget(widget)
        self.body.addLayout(row(self.fewer, pages))
        self.body.addWidget(self.state)
        document.changed.connect(self.search.give_up)

    def show_tasks(self, rows: Sequence[Line], time: str) -> None:
        """time: a sentence about it, or ""."""
        self.list.show_lines(rows, 0 if rows else -1)
        self.time.setText(time)
        self.time.setVisible(bool(time))

    def take(self, number: int) -> None:
        """A task is in hand."""
        if self.list.current != number:
            self.list.take(number)

    def _begin(self) -> Callable[[], Generator[Lined]]:
        project = self.document.project
        loads = loads_of_all([self.document.build_of(i) for i in range(len(project.briefs))])

        def search() -> Generator[Lined]:
            from mingei.core.work.lining import line_up

            return line_up(loads, project.paper, project.spots, project.working)

        return search

    def _improved(self, best: Lined) -> None:
        self._say(t("{percent} %: {now} placings of the rule instead of {before}",
                    percent=round(100 * best.share), now=best.now, before=best.before))

    def _ended(self, best: Lined | None, error: MingeiError | None) -> None:
        if error is not None:
            self._say(t(error.words))
        elif best is not None and best.now < best.before:
            self.document.set_spots(best.spots, t("fewer placings of the rule"))
            self._say(t("{now} placings of the rule instead of {before}", now=best.now, before=best.before))
        else:
            self._say(t("No layout with fewer placings was found."))

    def _say(self, words: str) -> None:
        self.state.setText(words)
        self.state.show()
