"""The checks drawer: what a careful eye finds, open over any station."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from contextlib import closing
from functools import partial
from typing import NamedTuple

from PySide6.QtCore import QSize, Qt, QTimer, Signal
from PySide6.QtWidgets import (
    QFrame,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QSizePolicy,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from mingei.app import theme
from mingei.app.cards import tool
from mingei.app.document import Document
from mingei.app.ready import is_large
from mingei.app.scroll import WordScroll
from mingei.app.words import capital, t
from mingei.app.workers import AFTER_PAINT_MS, Job, Progress
from mingei.core.check import Finding, Severity, prove, run_joined
from mingei.core.document.project import Brief, Project
from mingei.core.kinds.join import is_joined
from mingei.core.layout.sheets import Sheet
from mingei.core.length import typeset
from mingei.core.stock import Stock

SHOWN = {Severity.ERROR: ("circle-x", "brick"), Severity.LOOK: ("triangle-alert", "ochre"),
         Severity.NOTE: ("info", "quiet")}
#: Rows made between two turns of the event loop.
_AT_A_TIME = 3
#: So many things' findings are remembered before those no longer there are let go.
_KNOWN_MOST = 500
#: Slow proofs begin when nothing was changed for so long, ms.
_REST_MS = 500
WIDTH = 300


def severity_words(severity: Severity) -> str:
    return {Severity.ERROR: t("will not work"), Severity.LOOK: t("look again"),
            Severity.NOTE: t("worth knowing")}[severity]


#: Room (px) that a finding's icon and the drawer's edges take beside its place.
_BESIDE_PLACE = 110


class FindingRow(QFrame):
    """One finding: pressed to go to its place; its remedy a button where it can be carried out."""

    gone_to = Signal()

    def __init__(self, finding: Finding, document: Document, number: int) -> None:
        """number: of the thing it was found on."""
        super().__init__()
        self.setObjectName("finding")
        self.finding = finding
        column = QVBoxLayout(self)
        column.setContentsMargins(8, 7, 8, 8)
        column.setSpacing(4)
        head = QHBoxLayout()
        head.setSpacing(6)
        name, tint = SHOWN[finding.severity]
        picture = QLabel()
        picture.setPixmap(theme.icon(name, tint).pixmap(QSize(16, 16)))
        self.place = QToolButton()
        self.place.setObjectName("place")
        where = capital(finding.place)
        shown = self.place.fontMetrics().elidedText(where, Qt.TextElideMode.ElideRight, WIDTH - _BESIDE_PLACE)
        self.place.setText(shown)
        self.place.setToolTip(t("Go to its place") if shown == where else where)
        self.place.setAccessibleName(f"{severity_words(finding.severity)}: {t(finding.words)}")
        self.place.clicked.connect(self.gone_to.emit)
        head.addWidget(picture)
        head.addWidget(self.place)
        head.addStretch(1)
        picture.setToolTip(severity_words(finding.severity).capitalize())
        column.addLayout(head)
        words = typeset(capital(finding.sentence))
        remedy = capital(finding.remedy)
        label = QLabel(f"{words}." + (f" {remedy}." if remedy else ""))
        label.setWordWrap(True)
        label.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Preferred)
        column.addWidget(label)
        self.remedy: QPushButton | None = None
        if finding.fix is not None:
            fix = finding.fix
            self.remedy = QPushButton(t(fix.words))
            self.remedy.clicked.connect(lambda: document.carry_out(fix, number))
            column.addWidget(self.remedy, 0, Qt.AlignmentFlag.AlignLeft)


class _Known(NamedTuple):
    """What was found on a thing, and all it depends on."""

    brief: Brief  # held, so that its identity stays its own
    stocks: tuple[Stock, ...]
    made_of: tuple[Stock, tuple[tuple[str, Stock], ...]]
    paper: Sheet
    findings: tuple[Finding, ...]
    thorough: bool = False
    whole: Project | None = None  # of things that are joined, all of it


class ChecksDrawer(QFrame):
    """gone_to: the number of a brief and a finding to be looked at; counted: every finding there is now."""

    gone_to = Signal(int, object)
    counted = Signal(object)
    closed = Signal()

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setObjectName("drawer")
        self.setAccessibleName(t("Checks"))
        self.setFixedWidth(WIDTH)
        self.document = document
        self.rows: list[QWidget] = []
        self._shown: object = None
        column = QVBoxLayout(self)
        column.setContentsMargins(10, 8, 8, 10)
        head = QHBoxLayout()
        title = QLabel(t("Checks"))
        title.setObjectName("cardTitle")
        head.addWidget(title)
        head.addStretch(1)
        close = tool("x", t("Close the checks"))
        close.clicked.connect(self.closed.emit)
        head.addWidget(close)
        column.addLayout(head)
        scroll = self._scroll = WordScroll()
        self.list = scroll.column
        self.list.setContentsMargins(0, 0, 6, 0)
        self.list.addStretch(1)
        column.addWidget(scroll, 1)
        # by identity: a change asks for every thing of a kit, and all but one are what they were
        self._known: dict[int, _Known] = {}
        self._awake = False  # what the checks measure with loads once flat and fields stand
        self._waiting: list[Callable[[], QWidget]] = []
        self._soon = QTimer(self)
        self._soon.setSingleShot(True)
        self._soon.setInterval(0)
        self._soon.timeout.connect(self._add_some)
        self._later = QTimer(self)
        self._later.setInterval(0)
        self._later.timeout.connect(self._check_another)
        self._resting = QTimer(self)  # slow proofs follow when nothing was changed for a while
        self._resting.setSingleShot(True)
        self._resting.setInterval(_REST_MS)
        self._resting.timeout.connect(self._prove)
        self._proving: Job | None = None
        document.settled.connect(self.refresh)
        document.settled.connect(self._resting.start)
        document.arrived.connect(lambda: QTimer.singleShot(AFTER_PAINT_MS, self, self.refresh))
        self.refresh()

    def _known_now(self) -> list[tuple[Finding, ...] | None]:
        """What was found on every thing; None where something it depends on has changed since."""
        project, paper = self.document.project, self.document.project.paper
        found: list[tuple[Finding, ...] | None] = []
        for brief in project.briefs:
            known = self._known.get(id(brief))
            fresh = known is not None and known.paper == paper and (
                known.stocks == project.stocks
                or known.made_of == (project.stock_of(brief), project.parts_of(brief))) and (
                known.whole is (project if is_joined(project.briefs) else None))
            found.append(known.findings if known is not None and fresh else None)
        return found

    def _check(self, number: int) -> tuple[Finding, ...]:
        project = self.document.project
        brief = project.briefs[number]
        findings = run_joined(project, number, self.document.build_of(number), False)
        made_of = project.stock_of(brief), project.parts_of(brief)
        self._known[id(brief)] = _Known(brief, project.stocks, made_of, project.paper, findings,
                                        whole=project if is_joined(project.briefs) else None)
        return findings

    def _unchecked(self, known: Sequence[tuple[Finding, ...] | None]) -> list[int]:
        """The things besides the one looked at whose checks were not run yet."""
        here = self.document.current if self._awake else -1
        return [i for i, findings in enumerate(known) if findings is None and i != here]

    def _check_another(self) -> None:
        """One more thing, while nothing else waits; when all are done, count them."""
        if not self._awake:
            self._awake = True
            self._later.setInterval(0)
        waiting = self._unchecked(self._known_now())
        if waiting:
            self._check(waiting[0])
        else:
            self._later.stop()
            self.refresh()

    def _prove(self) -> None:
        """The slow proofs of the thing in hand, off the window's thread."""
        known = self._known.get(id(self.document.brief))
        if known is None or known.thorough or not self._awake:
            return
        if self._proving is not None:
            self._proving.cancel()
        build, project, current = self.document.build, self.document.project, self.document.current

        def work(progress: Progress) -> tuple[Finding, ...]:
            progress.stop_if_asked()
            if not is_large(build):
                return run_joined(project, current, build, True)
            from mingei.app.elsewhere import elsewhere  # multiprocessing loads with the first large thing

            with closing(elsewhere(prove, project, current)) as proofs:
                for findings in proofs:
                    progress.stop_if_asked()
                    if findings is not None:
                        return tuple(findings)
            return ()

        job = self._proving = Job(work, self)
        job.done.connect(lambda findings: self._proved(job, known, findings))
        job.failed.connect(lambda _: self._unproven(job))
        job.start()

    def _unproven(self, job: Job) -> None:
        """They ended by themselves: what was found before stands."""
        if job is self._proving:
            self._proving = None

    def _proved(self, job: Job, known: _Known, findings: tuple[Finding, ...]) -> None:
        """What they found joins what was found before, where that still holds."""
        if job is not self._proving:
            return
        self._proving = None
        if self._known.get(id(known.brief)) is known:
            self._known[id(known.brief)] = known._replace(findings=findings, thorough=True)
            self.refresh()

    @property
    def proving(self) -> bool:
        """Whether slow proofs are still to come."""
        return self._proving is not None or self._resting.isActive()

    @property
    def checking(self) -> bool:
        """Whether some things are still to be checked."""
        return bool(self._unchecked(self._known_now()))

    def found(self) -> tuple[tuple[int, tuple[Finding, ...]], ...]:
        """Findings by the number of the brief they are about; those of things not checked yet are left out
        while the drawer is shut."""
        known = self._known_now()
        waiting = set(self._unchecked(known))
        if waiting and not self.isVisible():
            self._later.start(0 if self._awake else AFTER_PAINT_MS)
        else:
            waiting = set()
        if len(self._known) > _KNOWN_MOST:
            here = {id(b) for b in self.document.project.briefs}
            self._known = {key: kept for key, kept in self._known.items() if key in here}
        return tuple((i, self._with_artwork(i, self._check(i) if findings is None else findings))
                     for i, findings in enumerate(known) if i not in waiting)

    def _with_artwork(self, number: int, findings: tuple[Finding, ...]) -> tuple[Finding, ...]:
        """What was found on a thing, and on its artwork, whose pictures come and go; gravest first."""
        more = self.document.artwork_findings(number)
        return tuple(sorted((*findings, *more), key=lambda f: -f.severity)) if more else findings

    def refresh(self) -> None:
        found = self.found()
        every = [f for _, findings in found for f in findings]
        self.counted.emit(every)
        if self.isVisible() or self._shown is None:
            self._show(found)

    def showEvent(self, event: object) -> None:
        self._show(self.found())

    def _show(self, found: tuple[tuple[int, tuple[Finding, ...]], ...]) -> None:
        names = tuple(b.name for b in self.document.project.briefs)
        if (found, names) == self._shown:
            return
        self._shown = (found, names)
        for row in self.rows:
            self.list.removeWidget(row)
            row.deleteLater()
        self.rows = []
        self._waiting = []
        for number, findings in found:
            if len(found) > 1 and findings:
                self._waiting.append(partial(_heading, names[number]))
            self._waiting += [partial(self._row, number, finding) for finding in findings]
        if not any(f.severity is not Severity.NOTE for _, findings in found for f in findings):
            self._waiting.append(_fits)
        self._add_some()

    def _row(self, number: int, finding: Finding) -> QWidget:
        row = FindingRow(finding, self.document, number)
        row.gone_to.connect(lambda: self.gone_to.emit(number, finding))
        return row

    def _add_some(self) -> None:
        """A few rows now, the rest when the window has had its turn: a kit may have many."""
        for make in self._waiting[:_AT_A_TIME]:
            row = make()
            self.rows.append(row)
            self.list.insertWidget(self.list.count() - 1, row)
            for inner in row.findChildren(QWidget):
                inner.ensurePolished()  # how high its words are goes by their font
        del self._waiting[:_AT_A_TIME]
        self._scroll.fit()  # at once: until the layout comes round the words already there would be squeezed
        if self._waiting:
            self._soon.start()

    @property
    def filling(self) -> bool:
        """Whether rows are still to be made."""
        return self.isVisible() and bool(self._waiting)

    def retint(self) -> None:
        self._shown = None
        self._show(self.found())


def _heading(words: str) -> QWidget:
    label = QLabel(words)
    label.setObjectName("quiet")
    label.setWordWrap(True)
    return label


def _fits() -> QWidget:
    holder = QWidget()
    row = QHBoxLayout(holder)
    row.setContentsMargins(8, 2, 8, 2)
    picture = QLabel()
    picture.setPixmap(theme.icon("circle-check", "moss").pixmap(QSize(16, 16)))
    label = QLabel(t("It closes, fits its sheet, and holds what was asked."))
    label.setWordWrap(True)
    label.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Preferred)
    row.addWidget(picture, 0, Qt.AlignmentFlag.AlignTop)
    row.addWidget(label, 1)
    return holder
