"""The Score and cut station: one sheet large, what is to be done on it in the order of the hand, or of a
machine."""

from __future__ import annotations

import math
from collections.abc import Sequence
from typing import TYPE_CHECKING, NamedTuple

from PySide6.QtCore import QSignalBlocker, Qt, QTimer
from PySide6.QtGui import QKeySequence, QShortcut
from PySide6.QtWidgets import QHBoxLayout, QLabel, QSizePolicy, QSlider, QWidget

from mingei.app import theme
from mingei.app.cards import Card, CareCard, tool
from mingei.app.document import Document
from mingei.app.fields import CountField, QuietCombo
from mingei.app.lists import Line as Row
from mingei.app.stations import SideColumn, Station
from mingei.app.words import counted, t
from mingei.app.work_cards import MachineCard, OrderCard, WayCard
from mingei.app.work_view import Close, Line, Pin, WorkView
from mingei.core.document.build import loads_of_all
from mingei.core.layout.drawing import Ink
from mingei.core.layout.place import Page, arrange
from mingei.core.plane.shape import Path as Outline
from mingei.core.work.lines import Face, lines_of
from mingei.core.work.plan import work_on
from mingei.core.work.tasks import Sort, tasks
from mingei.core.work.words import STAGES

if TYPE_CHECKING:
    from mingei.core.work.job import Job
    from mingei.devices.cutter import Rehearsal

#: While it plays, one task lasts so long, ms.
_PLAY_MS = 900
#: How many times as fast as the machine its job is played, and no stroke shorter than this, ms.
_PACES, _SHORTEST_MS = (1, 10, 60), 25
#: How much of a cut is shown round the place where it is furthest off, mm.
_GLASS_MM = 4.0
_SIGNS = {Sort.TURN: "↻", Sort.PUSH: "↤", Sort.MARK: "∘"}


class _Shown(NamedTuple):
    """What a sheet asks for, task by task: lines, which of them are made with the back up, rows of the list,
    sentences; and how long it all takes, in words."""

    lines: Sequence[Line] = ()
    backs: Sequence[bool] = ()
    rows: Sequence[Row] = ()
    words: Sequence[str] = ()
    time: str = ""


class ScoreStation(Station):
    """Hand or machine and its choices at the left with the list of what is to be done; the sheet at the right
    with the sentence under it."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(document, parent)
        self.pages: tuple[Page, ...] = ()
        self.page_number = 1
        self._stale = True
        self._words: tuple[str, ...] = ()
        self.way, self.machine, self.order = WayCard(document), MachineCard(document), OrderCard(document)
        self.way.machine_wanted.connect(self._to_machine)
        self.machine.rehearsed.connect(self._rehearsed)
        self.machine.saving.connect(lambda: self.wanted.emit("job"))
        self.order.taken.connect(self.take)
        self.order.plans.connect(lambda: self.wanted.emit("plans"))
        care = CareCard(t("A fresh blade, a metal rule with a guard, and the holding hand never before the "
                          "blade. A laser is never left alone and burns only what its maker allows; follow "
                          "the maker's instructions and local rules."))
        across = QHBoxLayout(self)
        across.setContentsMargins(10, 8, 10, 10)
        across.setSpacing(10)
        self.side = SideColumn(self.way, self.machine, self.order, care)
        across.addWidget(self.side)
        across.addWidget(self._sheet_card(), 1)
        self.timer = QTimer(self)
        self.timer.timeout.connect(self._play_on)
        play = QShortcut(QKeySequence(Qt.Key.Key_Space), self)
        play.setContext(Qt.ShortcutContext.WidgetWithChildrenShortcut)
        play.activated.connect(self.toggle_play)
        document.changed.connect(self._changed)
        document.arrived.connect(self._changed)

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
        self.pace = QuietCombo()
        self.pace.setAccessibleName(t("Pace"))
        self.pace.setToolTip(t("How fast a machine's job is played: as fast as the machine goes, or faster."))
        for times in _PACES:
            self.pace.addItem(f"{times} ×", times)
        self.pace.setCurrentIndex(1)
        self.back, self.play, self.on = (tool(icon, words) for icon, words in (
            ("chevron-left", t("Step back")), ("play", t("Play")), ("chevron-right", t("Step on"))))
        self.back.clicked.connect(lambda: self.step(-1))
        self.on.clicked.connect(lambda: self.step(1))
        self.play.clicked.connect(self.toggle_play)
        for widget in (self.back, self.pace, self.play, self.on):
            head.addWidget(widget)
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

    # -- hand or machine -------------------------------------------------------------------------------------

    @property
    def job(self) -> Job | None:
        """The machine's job of the sheet in hand."""
        return self.machine.job

    @property
    def page(self) -> Page | None:
        """The sheet in hand."""
        return self.pages[self.page_number - 1] if self.pages else None

    def work_with(self, machine: str) -> None:
        """By a machine, or by hand with ""."""
        if machine:
            self.machine.load()
        self.way.choose(machine=machine)

    def _to_machine(self) -> None:
        if self.way.working.machine:
            return
        self.machine.load()
        self.way.choose(machine=self.machine.fitting(self.page).id)

    # -- following the document ------------------------------------------------------------------------------

    def _changed(self) -> None:
        self._stale = True
        if self.isVisible():
            self.refresh()

    def showEvent(self, event: object) -> None:
        self.refresh()

    def hideEvent(self, event: object) -> None:
        self.stop()

    def refresh(self) -> None:
        """Lay out anew what has changed, and show the sheet in hand."""
        self.way.refresh()
        self.machine.refresh()
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

    def _show_sheet(self) -> None:
        self.stop()
        self.machine.put_away()
        page, refused = self.page, ""
        if page is None:
            self.of.setText(t("Nothing is laid out: choose a sheet it all fits on Sheets."))
            self._show((210.0, 297.0), [], _Shown())
            return
        self.of.setText(t("of {count}, {stock}", count=len(self.pages), stock=t(page.stock.name)))
        if self.document.project.working.machine:
            refused = self.machine.show_job_of(page)
            shown = self._of_job(self.machine.job)
        else:
            shown = self._of_hand(page)
        self._show((page.sheet.width, page.sheet.height), [(Ink.CUT, c.path) for c in lines_of(page).cuts],
                   shown)
        self.take(0)
        if refused:
            self.sentence.setText(refused)

    def _of_hand(self, page: Page) -> _Shown:
        work = work_on(page, self.document.project.working)
        found = tasks(work)
        score, cut = (max(1, math.ceil(minutes)) for minutes in (work.score_minutes, work.cut_minutes))
        return _Shown(
            [Line(x.paths, x.rule, x.dots, x.label, str(x.sort is Sort.CUT), x.hand) for x in found],
            [x.face is Face.BACK and x.sort is not Sort.CUT for x in found],
            [Row(f"{x.label or _SIGNS.get(x.sort, '·')}  {t(x.short)}", None, t(x.words)) for x in found],
            [t(x.words) for x in found],
            t("{placings}. About {score} to score and {cut} to cut.",
              placings=counted("{count} placing of the rule", "{count} placings of the rule",
                               len(work.placements)),
              score=counted("{count} minute", "{count} minutes", score),
              cut=counted("{count} minute", "{count} minutes", cut)))

    def _of_job(self, job: Job | None) -> _Shown:
        if job is None:
            return _Shown()
        lines, rows, words = [], [], []
        for number, s in enumerate(job.strokes, 1):
            whose = t(s.of.piece) if s.of else t("on the waste, to turn the blade")
            lines.append(Line((s.axis,), None, (s.axis[0].start,), str(number), str(s.stage)))
            rows.append(Row(f"{number}  {t(STAGES[s.stage])}: {whose}"))
            words.append(t("Stroke {number} of {count}: {stage}, {whose}, {mm:.0f} mm with the {tool}",
                           number=number, count=len(job.strokes), stage=t(STAGES[s.stage]), whose=whose,
                           mm=sum(x.length for x in s.axis), tool=t(s.tool.id)))
        return _Shown(lines, [False] * len(lines), rows, words)

    def _show(self, size: tuple[float, float], ground: Sequence[tuple[Ink, Outline]],
              shown: _Shown) -> None:
        self._words = tuple(shown.words)
        self.view.show_pins(())
        self.view.look_close(None)
        self.view.show_sheet(size, ground, shown.lines, shown.backs, self.document.project.unit)
        self.order.show_tasks(shown.rows, shown.time)
        with QSignalBlocker(self.scrub):
            self.scrub.setRange(0, max(0, len(shown.rows) - 1))
            self.scrub.setValue(0)
        self.scrub.setEnabled(len(shown.rows) > 1)
        self.pace.setVisible(self.machine.job is not None)
        for button in (self.back, self.play, self.on):
            button.setEnabled(bool(shown.rows))
        self.sentence.setText("")
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
        self.order.take(number)
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
            self.timer.start(self.lasts_ms())
            self._say_playing("pause")

    def stop(self) -> None:
        if self.timer.isActive():
            self.timer.stop()
            self._say_playing("play")

    def _say_playing(self, icon: str) -> None:
        self.play.setIcon(theme.icon(icon))
        self.play.setProperty("icon_name", icon)

    def _play_on(self) -> None:
        if self.view.current >= len(self._words) - 1:
            self.stop()
        else:
            self.take(self.view.current + 1)
            self.timer.setInterval(self.lasts_ms())

    def lasts_ms(self) -> int:
        """How long what is in hand is shown while it plays, ms: of a machine's job as long as it takes."""
        if self.job is None or not 0 <= self.view.current < len(self.job.strokes):
            return _PLAY_MS
        stroke = self.job.strokes[self.view.current]
        seconds = sum(s.length for s in stroke.axis) * stroke.times / stroke.speed
        return max(_SHORTEST_MS, round(1000 * seconds / int(self.pace.currentData())))

    def _scrubbed(self, number: int) -> None:
        self.stop()
        self.take(number)

    # -- what the stand-in found -----------------------------------------------------------------------------

    def _rehearsed(self, job: Job, found: Rehearsal) -> None:
        self.side.fit()
        x, y = job.zero  # places are told from there
        self.view.show_pins([Pin((f.at[0] + x, f.at[1] + y), t(f.sentence)) for f in found.faults])
        self.view.look_close(_furthest_off(job, found))

    def enter(self) -> None:
        self.view.setFocus()


def _furthest_off(job: Job, found: Rehearsal) -> Close | None:
    """The place where the cut is furthest off its drawing, seen close."""
    if not found.compared:
        return None
    worst = max(found.compared, key=lambda c: c.worst_mm)
    (x, y), near = job.zero, _GLASS_MM
    at = worst.at[0] + x, worst.at[1] + y
    tips = [tuple((px + x, py + y) for px, py in tip) for tip in found.tips]
    cut = tuple(tip for tip in tips
                if any(abs(px - at[0]) < near and abs(py - at[1]) < near for px, py in tip) or len(tip) < 40)
    return Close(at, tuple(c.path for c in lines_of(job.page).cuts), cut,
                 t("furthest off: {mm:.3f} mm, {piece}", mm=worst.worst_mm, piece=t(worst.piece)))
