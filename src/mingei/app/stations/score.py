"""The Score and cut station: one sheet large, what is to be done on it in the order of the hand, or of a
machine."""

from __future__ import annotations

import math
from collections.abc import Sequence
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QSignalBlocker, Qt, QTimer
from PySide6.QtGui import QKeySequence, QShortcut
from PySide6.QtWidgets import (
    QButtonGroup,
    QCheckBox,
    QComboBox,
    QFileDialog,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QSizePolicy,
    QSlider,
    QWidget,
)

from mingei.app import theme
from mingei.app.cards import Card, tool
from mingei.app.document import Document
from mingei.app.fields import CountField, LengthField, QuietCombo
from mingei.app.lists import Line as Row
from mingei.app.lists import PlainList
from mingei.app.stations import SideColumn, Station
from mingei.app.words import counted, t
from mingei.app.work_view import Close, Line, Pin, WorkView
from mingei.app.workers import Job as Background
from mingei.app.workers import Progress
from mingei.core.document.build import loads_of_all
from mingei.core.errors import MingeiError
from mingei.core.layout.drawing import Ink
from mingei.core.layout.place import Page, arrange
from mingei.core.plane.shape import Path as Outline
from mingei.core.work.job import job_for
from mingei.core.work.lines import Face, Faces, lines_of
from mingei.core.work.plan import GROOVES_MM, Fence, When, Working, work_on
from mingei.core.work.tasks import Sort, tasks
from mingei.core.work.words import STAGES

if TYPE_CHECKING:
    from mingei.core.work.device import Device
    from mingei.core.work.job import Job
    from mingei.core.work.lining import Lined
    from mingei.devices.cutter import Rehearsal

#: While it plays, one task lasts so long, ms.
_PLAY_MS = 900
#: How many times as fast as the machine its job is played, and no stroke shorter than this, ms.
_PACES, _SHORTEST_MS = (1, 10, 60), 25
#: How much of a cut is shown round the place where it is furthest off, mm.
_GLASS_MM = 4.0


class ScoreStation(Station):
    """Hand or machine and its choices at the left with the list of what is to be done; the sheet at the right
    with the sentence under it."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(document, parent)
        self.pages: tuple[Page, ...] = ()
        self.page_number = 1
        self.job: Job | None = None
        self._stale = True
        self._words: tuple[str, ...] = ()
        self._rehearsing: Background | None = None
        self._lining: Background | None = None
        self._lined: Lined | None = None
        self._devices: tuple[Device, ...] = ()
        row = QHBoxLayout(self)
        row.setContentsMargins(10, 8, 10, 10)
        row.setSpacing(10)
        self.list_card = self._list_card()
        self.side = SideColumn(self._way_card(), self._machine_card(), self.list_card, self._care_card())
        row.addWidget(self.side)
        row.addWidget(self._sheet_card(), 1)
        self.timer = QTimer(self)
        self.timer.timeout.connect(self._play_on)
        play = QShortcut(QKeySequence(Qt.Key.Key_Space), self)
        play.setContext(Qt.ShortcutContext.WidgetWithChildrenShortcut)
        play.activated.connect(self.toggle_play)
        document.changed.connect(self._changed)
        document.arrived.connect(self._changed)

    # -- what it is made of ----------------------------------------------------------------------------------

    def _way_card(self) -> Card:
        card = Card(t("How"))
        self.by_hand, self.by_machine = QPushButton(t("By hand")), QPushButton(t("By machine"))
        choice = QButtonGroup(self)
        sides = QHBoxLayout()
        for button in (self.by_hand, self.by_machine):
            button.setCheckable(True)
            button.setObjectName("choice")
            choice.addButton(button)
            sides.addWidget(button, 1)
        card.body.addLayout(sides)
        self.by_hand.clicked.connect(lambda: self._set(machine=""))
        self.by_machine.clicked.connect(self._to_machine)
        self.faces = QuietCombo()
        for faces, words in ((Faces.OWN, t("Outside of each bend")),
                             (Faces.PRINTED, t("The printed face")), (Faces.BACK,
                                                                               t("The back"))):
            self.faces.addItem(words, faces)
        self.faces.setToolTip(t("A score opens on the outside of its bend: mountains are scored from the "
                                "printed "
                                "face, valleys from the back, and the sheet is turned over once. From one "
                                "face "
                                "nothing is turned, and half of the folds bend against their score."))
        self.faces.activated.connect(lambda: self._set(faces=Faces(self.faces.currentData())))
        self.faces_label = card.add_row(t("Score from"), self.faces)
        self.when = QuietCombo()
        for when, words in ((When.BEFORE, t("Before cutting")), (When.AFTER, t("After cutting"))):
            self.when.addItem(words, when)
        self.when.setToolTip(t("Before cutting the whole sheet lies still and one placing of the rule serves "
                               "several pieces. After cutting each piece is scored in the hand."))
        self.when.activated.connect(lambda: self._set(when=When(self.when.currentData())))
        self.when_label = card.add_row(t("Score"), self.when)
        self.board = QuietCombo()
        for words, mm in ((t("With a rule"), 0.0), (t("Board, every 1/8 in"), GROOVES_MM[0]),
                          (t("Board, every 10 mm"), GROOVES_MM[1]), (t("Board, own grooves"), -1.0)):
            self.board.addItem(words, mm)
        self.board.setToolTip(t("A board's grooves guide the tool. Mingei finds the spacer against the "
                                "fence that "
                                "brings most lines onto grooves; the rest need a rule."))
        self.board.activated.connect(self._choose_board)
        self.board_label = card.add_row(t("Guide"), self.board)
        self.groove = LengthField(t("Grooves"), t("How far the grooves of your board lie apart."))
        self.groove.edited.connect(self._set_groove)
        card.body.addWidget(self.groove)
        self.fence = QuietCombo()
        for fence, words in ((Fence.LEFT, t("Fence at the left")), (Fence.TOP, t("Fence at the top"))):
            self.fence.addItem(words, fence)
        self.fence.activated.connect(lambda: self._set(fence=Fence(self.fence.currentData())))
        self.fence_label = card.add_row(t("Fence"), self.fence)
        for combo, name in ((self.faces, t("Score from")), (self.when, t("Score")), (self.board, t("Guide")),
                            (self.fence, t("Fence"))):
            combo.setAccessibleName(name)
            combo.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
            combo.setMinimumContentsLength(10)
        self.marks = QCheckBox(t("Only prick the ends"))
        self.marks.setToolTip(t("Both ends of each placement as pricks, on the waste where they can be, so "
                                "that no "
                                "line shows on the finished thing."))
        self.marks.clicked.connect(lambda on: self._set(marks=on))
        self.template = QCheckBox(t("Through a paper template"))
        self.template.setToolTip(t("The printed sheet lies on the card, weighted; scored through, then "
                                   "taken off."))
        self.template.clicked.connect(lambda on: self._set(template=on))
        self.trimmer = QCheckBox(t("There is a trimmer"))
        self.trimmer.setToolTip(t("Straight cuts from edge to edge come first, in an order that destroys no "
                                  "edge "
                                  "that is measured from and no offcut that is kept."))
        self.trimmer.clicked.connect(lambda on: self._set(trimmer=on))
        for box in (self.marks, self.template, self.trimmer):
            card.body.addWidget(box)
        return card

    def _machine_card(self) -> Card:
        card = self.machine_card = Card(t("Machine"))
        self.device = QuietCombo()
        self.device.setAccessibleName(t("Machine"))
        self.device.activated.connect(lambda: self._set(machine=self.device.currentData()))
        card.body.addWidget(self.device)
        self.told_of_job = QLabel()
        self.told_of_job.setWordWrap(True)
        self.told_of_job.setObjectName("quiet")
        card.body.addWidget(self.told_of_job)
        self.faults = QLabel()
        self.faults.setWordWrap(True)
        card.body.addWidget(self.faults)
        self.rehearse = QPushButton(t("Rehearse it"))
        self.rehearse.setToolTip(t("A stand-in reads the file as the machine would, plays the tool over the "
                                   "sheet "
                                   "and compares what would really be cut with the drawing."))
        self.rehearse.clicked.connect(self.begin_rehearsal)
        self.save = QPushButton(t("Save the job…"))
        self.save.setObjectName("main")
        self.save.clicked.connect(self._save)
        buttons = QHBoxLayout()
        buttons.addWidget(self.rehearse, 1)
        buttons.addWidget(self.save, 1)
        card.body.addLayout(buttons)
        return card

    def _list_card(self) -> Card:
        card = Card(t("In this order"))
        self.list = PlainList(t("What is to be done"))
        self.list.setMinimumHeight(190)
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.list.turned.connect(self.take)
        card.body.addWidget(self.list)
        self.time = QLabel()
        self.time.setObjectName("quiet")
        self.time.setWordWrap(True)
        card.body.addWidget(self.time)
        self.fewer = QPushButton(t("Fewer placings"))
        self.fewer.setToolTip(t("Lay the pieces of the kit so that scores of several lie on one line, on no "
                                "more "
                                "sheets. What you hold in place stays there."))
        self.fewer.clicked.connect(self._line_up)
        self.state = QLabel()
        self.state.setObjectName("quiet")
        self.state.setWordWrap(True)
        self.state.hide()
        self.plans = QPushButton(t("Plans to print…"))
        self.plans.setToolTip(t("Score plan and cutting plan of every sheet as pages, to lie beside the "
                                "work."))
        self.plans.clicked.connect(lambda: self.wanted.emit("plans"))
        buttons = QHBoxLayout()
        buttons.addWidget(self.fewer, 1)
        buttons.addWidget(self.plans, 1)
        card.body.addLayout(buttons)
        card.body.addWidget(self.state)
        return card

    def _care_card(self) -> Card:
        card = Card(t("With care"))
        words = QLabel(t("A fresh blade, a metal rule with a guard, and the holding hand never before the "
                         "blade. A "
                         "laser is never left alone and burns only what its maker allows; follow the maker's "
                         "instructions and local rules."))
        words.setWordWrap(True)
        words.setObjectName("quiet")
        card.body.addWidget(words)
        return card

    def _sheet_card(self) -> Card:
        card = Card(t("Sheet"))
        card.body.removeWidget(card.heading)
        head = QHBoxLayout()
        head.addWidget(card.heading)
        self.number = CountField(1, 1, t("Sheet"))
        self.number.valueChanged.connect(self._turn_to)
        head.addWidget(self.number)
        self.of = QLabel()
        self.of.setObjectName("quiet")
        head.addWidget(self.of, 1)
        self.back, self.play, self.on = (tool(icon, words) for icon, words in (
            ("chevron-left", t("Step back")), ("play", t("Play")), ("chevron-right", t("Step on"))))
        self.back.clicked.connect(lambda: self.step(-1))
        self.on.clicked.connect(lambda: self.step(1))
        self.play.clicked.connect(self.toggle_play)
        for button in (self.back, self.play, self.on):
            head.addWidget(button)
        self.pace = QuietCombo()
        self.pace.setAccessibleName(t("Pace"))
        self.pace.setToolTip(t("How fast a machine's job is played: as fast as the machine goes, or faster."))
        for times in _PACES:
            self.pace.addItem(f"{times} ×", times)
        self.pace.setCurrentIndex(1)
        head.insertWidget(head.indexOf(self.play), self.pace)
        card.body.addLayout(head)
        self.scrub = QSlider(Qt.Orientation.Horizontal)
        self.scrub.setAccessibleName(t("How far the work is"))
        self.scrub.valueChanged.connect(self._scrubbed)
        card.body.addWidget(self.scrub)
        self.view = WorkView()
        self.view.setAccessibleName(t("The sheet"))
        self.view.picked.connect(self.take)
        self.view.stepped.connect(self.step)
        card.body.addWidget(self.view, 1)
        self.sentence = QLabel()
        self.sentence.setWordWrap(True)
        self.sentence.setFont(theme.text_font(theme.HEADING))
        self.sentence.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Fixed)
        self.sentence.setMinimumHeight(62)
        self.sentence.setAlignment(Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft)
        card.body.addWidget(self.sentence)
        return card

    # -- choices ---------------------------------------------------------------------------------------------

    @property
    def working(self) -> Working:
        return self.document.project.working

    def _set(self, **changes: object) -> None:
        """Change how it is worked, as one step to undo."""
        wanted = self.working._replace(**changes)  # type: ignore[arg-type]
        if wanted != self.working:
            self.document.set_working(wanted)
        self._show_choices()

    @property
    def rehearsing(self) -> bool:
        """Whether the stand-in is at work."""
        return self.job is not None and not self.rehearse.isEnabled()

    def work_with(self, machine: str) -> None:
        """By a machine, or by hand with ""."""
        if machine:
            self._load_devices()
        self._set(machine=machine)

    def _to_machine(self) -> None:
        self._load_devices()
        if self._devices:
            self._set(machine=self.working.machine or self._fitting().id)

    def _fitting(self) -> Device:
        """The first machine that takes the sheet in hand, or the first of all."""
        page = self.pages[self.page_number - 1] if self.pages else None
        for device in self._devices:
            try:
                if page is not None:
                    job_for(page, device)
                return device
            except MingeiError:
                continue
        return self._devices[0]

    def _choose_board(self) -> None:
        mm = float(self.board.currentData())
        self._set(groove_mm=mm if mm >= 0 else 5.0)

    def _set_groove(self, mm: float) -> None:
        try:
            self._set(groove_mm=mm)
        except MingeiError as error:
            self.groove.refuse(error)

    def _load_devices(self) -> None:
        from mingei.formats.device_file import devices

        try:
            self._devices = devices()
        except MingeiError as error:
            self.faults.setText(t(str(error)))
            return
        with QSignalBlocker(self.device):
            self.device.clear()
            for device in self._devices:
                self.device.addItem(t(device.name), device.id)

    def _show_choices(self) -> None:
        w = self.working
        machine = bool(w.machine)
        (self.by_machine if machine else self.by_hand).setChecked(True)
        for box, value in ((self.faces, w.faces), (self.when, w.when), (self.fence, w.fence)):
            box.setCurrentIndex(box.findData(value))
        usual = next((i for i in range(3) if abs(float(self.board.itemData(i)) - w.groove_mm) < 1e-6), 3)
        self.board.setCurrentIndex(usual)
        self.groove.setVisible(usual == 3 and not machine)
        if self.groove.unit != self.document.project.unit:
            self.groove.set_unit(self.document.project.unit)
        self.groove.show_value(w.groove_mm)
        for widget in (self.when, self.when_label, self.board, self.board_label, self.marks, self.template,
                       self.trimmer):
            widget.setVisible(not machine)
        for widget in (self.fence, self.fence_label):
            widget.setVisible(not machine and w.groove_mm > 0)
        self.marks.setChecked(w.marks)
        self.template.setChecked(w.template)
        self.trimmer.setChecked(w.trimmer)
        self.machine_card.setVisible(machine)
        if machine:
            if not self._devices:
                self._load_devices()
            self.device.setCurrentIndex(self.device.findData(w.machine))

    # -- following the document ------------------------------------------------------------------------------

    def _changed(self) -> None:
        self._stale = True
        self._give_up_lining()
        if self.isVisible():
            self.refresh()

    def showEvent(self, event: object) -> None:
        self.refresh()

    def hideEvent(self, event: object) -> None:
        self.stop()

    def refresh(self) -> None:
        """Lay out anew what has changed, and show the sheet in hand."""
        self._show_choices()
        if not self._stale:
            return
        self._stale = False
        project = self.document.project
        builds = [self.document.build_of(i) for i in range(len(project.briefs))]
        self.pages = arrange(loads_of_all(builds), project.paper, project.spots).pages
        with QSignalBlocker(self.number):
            self.number.setRange(1, max(1, len(self.pages)))
            self.page_number = min(self.page_number, max(1, len(self.pages)))
            self.number.setValue(self.page_number)
        self._show_sheet()

    def _turn_to(self, number: int) -> None:
        self.page_number = number
        self._show_sheet()

    def _show_sheet(self, at: int = 0) -> None:
        self.stop()
        self.job = None
        self.view.show_pins(())
        self.view.look_close(None)
        self.faults.setText("")
        if not self.pages:
            self.of.setText(t("Nothing is laid out: choose a sheet it all fits on Sheets."))
            self._show_lines((210.0, 297.0), [], [], [], (), ())
            return
        page = self.pages[self.page_number - 1]
        self.of.setText(t("of {count}, {stock}", count=len(self.pages), stock=t(page.stock.name)))
        if self.working.machine:
            self._show_job(page)
        else:
            self._show_tasks(page)
        self.take(at)

    def _show_tasks(self, page: Page) -> None:
        work = work_on(page, self.working)
        found = tasks(work)
        labels = {Sort.TURN: "↻", Sort.PUSH: "↤", Sort.MARK: "∘"}
        lines = [Line(x.paths, x.rule, x.dots, x.label, str(x.sort is Sort.CUT)) for x in found]
        rows = [Row(f"{x.label or labels.get(x.sort, '·')}  {t(x.short)}", None, t(x.words)) for x in found]
        words = tuple(t(x.words) for x in found)
        ground = [(Ink.CUT, c.path) for c in lines_of(page).cuts]
        score, cut = (max(1, math.ceil(minutes)) for minutes in (work.score_minutes, work.cut_minutes))
        self.time.show()
        self.time.setText(t("{placings}. About {score} to score and {cut} to cut.",
                            placings=counted("{count} placing of the rule", "{count} placings of the rule",
                                             len(work.placements)),
                            score=counted("{count} minute", "{count} minutes", score),
                            cut=counted("{count} minute", "{count} minutes", cut)))
        self._show_lines((page.sheet.width, page.sheet.height), ground, lines,
                         [x.face is Face.BACK and x.sort is not Sort.CUT for x in found], rows, words)

    def _show_job(self, page: Page) -> None:
        device = next((d for d in self._devices if d.id == self.working.machine), None)
        ground = [(Ink.CUT, c.path) for c in lines_of(page).cuts]
        size = page.sheet.width, page.sheet.height
        self.save.setEnabled(False)
        self.rehearse.setEnabled(False)
        self.time.hide()
        if device is None:
            self._refuse(t("There is no machine {id} here: choose another.", id=self.working.machine), size,
                         ground)
            return
        try:
            job = job_for(page, device, self.working.faces)
        except MingeiError as error:
            self._refuse(t(error.sentence) + ": " + t(error.remedy) + ".", size, ground)
            return
        self.job = job
        self.save.setEnabled(True)
        self.rehearse.setEnabled(True)
        stages = ", ".join(f"{sum(s.stage is stage for s in job.strokes)} × {t(STAGES[stage])}"
                           for stage in job.stages)
        self.told_of_job.setText(t("It writes {stages}; zero is {zero}. About {minutes:.1f} minutes. {note}",
                                   stages=stages, zero=t(job.zero_words), minutes=job.minutes,
                                   note=t(device.note)))
        lines = [Line((s.axis,), None, (s.axis[0].start,), str(n), str(s.stage))
                 for n, s in enumerate(job.strokes, 1)]
        rows, words = [], []
        for number, s in enumerate(job.strokes, 1):
            whose = t(s.of.piece) if s.of else t("on the waste, to turn the blade")
            length = sum(x.length for x in s.axis)
            rows.append(Row(f"{number}  {t(STAGES[s.stage])}: {whose}"))
            words.append(t("Stroke {number} of {count}: {stage}, {whose}, {mm:.0f} mm with the {tool}",
                           number=number, count=len(job.strokes), stage=t(STAGES[s.stage]), whose=whose,
                           mm=length, tool=t(s.tool.id)))
        self._show_lines(size, ground, lines, [False] * len(lines), rows, tuple(words))

    def _refuse(self, words: str, size: tuple[float, float], ground: list[tuple[Ink, Outline]]) -> None:
        self.told_of_job.setText(words)
        self._show_lines(size, ground, [], [], (), ())
        self.sentence.setText(words)

    def _show_lines(self, size: tuple[float, float], ground: Sequence[tuple[Ink, Outline]],
                    lines: Sequence[Line], backs: Sequence[bool], rows: Sequence[Row],
                    words: Sequence[str]) -> None:
        self._words = tuple(words)
        self.view.show_sheet(size, ground, lines, backs, self.document.project.unit)
        self.list.show_lines(rows, 0 if rows else -1)
        with QSignalBlocker(self.scrub):
            self.scrub.setRange(0, max(0, len(rows) - 1))
            self.scrub.setValue(0)
        self.scrub.setEnabled(len(rows) > 1)
        self.pace.setVisible(bool(self.working.machine))
        for button in (self.back, self.play, self.on):
            button.setEnabled(bool(rows))
        self.side.fit()

    # -- step by step ----------------------------------------------------------------------------------------

    def take(self, number: int) -> None:
        """Take a task in hand: it is lit up, and its sentence said."""
        if not self._words:
            self.view.take(-1)
            return
        number = max(0, min(number, len(self._words) - 1))
        self.view.take(number)
        self.view.setAccessibleDescription(self._words[number])
        self.sentence.setText(self._words[number])
        if self.list.current != number:
            self.list.take(number)
        with QSignalBlocker(self.scrub):
            self.scrub.setValue(number)

    def step(self, by: int) -> None:
        self.stop()
        self.take(self.view.current + by)

    def toggle_play(self) -> None:
        """Play on from here, or stop."""
        if self.timer.isActive():
            self.stop()
        elif self._words:
            if self.view.current >= len(self._words) - 1:
                self.take(0)
            self.timer.start(self._lasts())
            self.play.setIcon(theme.icon("pause"))
            self.play.setProperty("icon_name", "pause")

    def stop(self) -> None:
        if self.timer.isActive():
            self.timer.stop()
            self.play.setIcon(theme.icon("play"))
            self.play.setProperty("icon_name", "play")

    def _play_on(self) -> None:
        if self.view.current >= len(self._words) - 1:
            self.stop()
        else:
            self.take(self.view.current + 1)
            self.timer.setInterval(self._lasts())

    def _lasts(self) -> int:
        """How long what is in hand is shown while it plays, ms: of a machine's job as long as it takes."""
        if self.job is None or not 0 <= self.view.current < len(self.job.strokes):
            return _PLAY_MS
        stroke = self.job.strokes[self.view.current]
        seconds = sum(s.length for s in stroke.axis) * stroke.times / stroke.speed
        return max(_SHORTEST_MS, round(1000 * seconds / int(self.pace.currentData())))

    def _scrubbed(self, number: int) -> None:
        self.stop()
        self.take(number)

    # -- lining up -------------------------------------------------------------------------------------------

    def _line_up(self) -> None:
        """Search in the background, or stop and keep the best so far."""
        if self._lining is not None:
            self._lining.cancel()
            return
        project = self.document.project
        loads = loads_of_all([self.document.build_of(i) for i in range(len(project.briefs))])

        def work(progress: Progress) -> None:
            from mingei.core.work.lining import line_up

            for found in line_up(loads, project.paper, project.spots, project.working):
                self._lined = found
                progress.report(found.share)

        self._lined = None
        self._lining = job = Background(work, self)
        job.progressed.connect(lambda share, _: self._say_lined(job, share))
        job.done.connect(lambda _: self._end_lining(job))
        job.stopped.connect(lambda: self._end_lining(job))
        job.failed.connect(lambda error: self._end_lining(job, error))
        self.fewer.setText(t("Stop, keep the best"))
        job.start()

    def _say_lined(self, job: Background, share: float) -> None:
        if job is self._lining and self._lined is not None:
            self.state.show()
            self.state.setText(t("{percent} %: {now} placings of the rule instead of {before}",
                                 percent=round(100 * share), now=self._lined.now, before=self._lined.before))

    def _end_lining(self, job: Background, error: MingeiError | None = None) -> None:
        if job is not self._lining:
            return
        best, self._lining = self._lined, None
        self.fewer.setText(t("Fewer placings"))
        self.state.show()
        if error is not None:
            self.state.setText(t(error.sentence))
        elif best is not None and best.now < best.before:
            self.document.set_spots(best.spots, t("fewer placings of the rule"))
            self.state.setText(t("{now} placings of the rule instead of {before}", now=best.now,
                                 before=best.before))
        else:
            self.state.setText(t("No layout with fewer placings was found."))

    def _give_up_lining(self) -> None:
        """Something changed meanwhile: what is searched is no longer wanted."""
        if self._lining is not None:
            job, self._lining = self._lining, None
            job.cancel()
            self.fewer.setText(t("Fewer placings"))
            self.state.hide()

    # -- the machine -----------------------------------------------------------------------------------------

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
        self._rehearsing = Background(work, self)
        self._rehearsing.done.connect(lambda found: self._rehearsed(job, found))
        self._rehearsing.failed.connect(lambda error: self.faults.setText(t(error.sentence)))
        self._rehearsing.start()

    def _rehearsed(self, job: Job, found: Rehearsal) -> None:
        if job is not self.job:
            return
        self.rehearse.setEnabled(True)
        said = [f"{t(f.sentence)}." for f in found.faults]
        said.append(t("What is cut lies within {mm:.2f} mm of the drawing; {minutes:.1f} minutes.",
                      mm=found.worst_mm, minutes=found.minutes))
        self.faults.setText("\n".join(said))
        self.side.fit()
        x, y = job.zero
        self.view.look_close(self._worst(job, found))
        self.view.show_pins([Pin((f.at[0] + x, f.at[1] + y), t(f.sentence)) for f in found.faults])

    def _worst(self, job: Job, found: Rehearsal) -> Close | None:
        """The place where the cut is furthest off its drawing, seen close."""
        if not found.compared:
            return None
        worst = max(found.compared, key=lambda c: c.worst_mm)
        x, y = job.zero
        near = _GLASS_MM
        cut = tuple(tuple((px + x, py + y) for px, py in tip) for tip in found.tips
                    if any(abs(px + x - worst.at[0]) < near and abs(py + y - worst.at[1]) < near
                           for px, py in tip) or len(tip) < 40)
        return Close(worst.at, tuple(c.path for c in lines_of(job.page).cuts), cut,
                     t("furthest off: {mm:.3f} mm, {piece}", mm=worst.worst_mm, piece=t(worst.piece)))

    def _save(self) -> None:
        job = self.job
        if job is None:
            return
        name = f"{self.document.project.title or 'Mingei'} {job.page.number}{job.device.output[0]}"
        kinds = ";;".join(f"{e[1:].upper()} (*{e})" for e in job.device.output)
        folder = self.document.path.parent if self.document.path else Path.home()
        chosen, _ = QFileDialog.getSaveFileName(self, t("Save the job"), str(folder / name.replace("/",
                                                                                                   "-")),
        kinds)
        if not chosen:
            return
        path = Path(chosen)
        if path.suffix.lower() not in job.device.output:
            path = path.with_name(path.name + job.device.output[0])

        from mingei.formats import atomic
        from mingei.formats.machine import machine_file

        def work(progress: Progress) -> Path:
            progress.report(0.1)
            atomic.write(path, machine_file(job, path.suffix.lower()))
            return path

        writing = Background(work, self)
        writing.done.connect(lambda done: self.told.emit(t("Saved {name}.", name=done.name)))
        writing.failed.connect(lambda error: self.faults.setText(t(error.sentence)))
        writing.start()

    def enter(self) -> None:
        self.view.setFocus()
