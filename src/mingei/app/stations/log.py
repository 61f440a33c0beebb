"""The Log station: a workshop notebook. What was made and what it measured, one plot that answers one
question, and what it all teaches, each lesson with its press."""

from __future__ import annotations

import uuid
from collections import defaultdict
from collections.abc import Callable
from dataclasses import replace
from datetime import datetime
from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING, NamedTuple

from PySide6.QtCore import QTimer, Signal
from PySide6.QtWidgets import QFileDialog, QHBoxLayout, QLabel, QLineEdit, QPushButton, QVBoxLayout, QWidget

from mingei.app.bench import Bench
from mingei.app.cards import Card, combo, quiet, row
from mingei.app.document import Document
from mingei.app.lists import Line, PlainList
from mingei.app.log_cards import EntryCard, Lesson, LessonCard
from mingei.app.log_plot import TOLERANCE_MM, PlotView, Question, Spot
from mingei.app.stations import SideColumn, Station
from mingei.app.words import counted, t
from mingei.app.workers import Job, Progress
from mingei.core.document.build import Build
from mingei.core.document.table import at_the_bench, table
from mingei.core.errors import MingeiError
from mingei.core.kinds.join import is_joined
from mingei.core.logbook import fits
from mingei.core.logbook.entry import Entry
from mingei.core.stock import Stock
from mingei.formats import atomic, project_file

if TYPE_CHECKING:
    from mingei.formats.logbook import Logbook, Summary

#: Looked for so long (ms) after the last key.
_SEARCH_MS = 120
FITS, PRINTER, TIME = "fits", "printer", "time"
#: A bar of 100 mm that comes out within so much needs no correction, mm (common practice).
_BAR_MM = 0.3
_SPOTS = 400


class LogStation(Station):
    """Entries at the left, the one in hand beside them, the plot above.

    opened: a project as text is wanted on the bench; measured: a stock was measured anew.
    """

    opened = Signal(str)
    measured = Signal()

    def __init__(self, document: Document, bench: Bench, where: Callable[[], Path],
                 parent: QWidget | None = None) -> None:
        """where: the folder the logbook is in; another where the demo is on the bench."""
        super().__init__(document, parent)
        self.bench = bench
        self._where, self.folder = where, where()
        self.found: tuple[Summary, ...] = ()
        self.taught = _taught(())
        self._answering: Job | None = None
        self._book: Logbook | None = None
        self._broken = ""
        self._reading: Job | None = None
        self._gone: Entry | None = None
        across = QHBoxLayout(self)
        across.setContentsMargins(10, 8, 10, 10)
        across.setSpacing(10)
        self.lessons = LessonCard()
        self.entry = EntryCard(self.folder / "photos")
        self.entry.kept.connect(self._keep)
        self.entry.again.connect(lambda e: self.opened.emit(e.snapshot) if e.snapshot else
                                 self.told.emit(t("No project was kept with it.")))
        self.entry.removed.connect(self._remove)
        self.side = SideColumn(self._write_card(), self.entry, self._out_card())
        across.addWidget(self.side)
        column = QVBoxLayout()
        column.setSpacing(10)
        column.addWidget(self._plot_card())
        column.addWidget(self.lessons)
        column.addWidget(self._list_card(), 1)
        across.addLayout(column, 1)
        self.search_timer = QTimer(self)
        self.search_timer.setSingleShot(True)
        self.search_timer.setInterval(_SEARCH_MS)
        self.search_timer.timeout.connect(self.look)

    # -- what it is made of ----------------------------------------------------------------------------------

    def _write_card(self) -> Card:
        card = Card(t("Write it down"))
        self.log = QPushButton(t("Log what I made"))
        self.log.setObjectName("main")
        self.log.setToolTip(
            t("The thing in hand as it is now: stock, settings, sizes asked for, minutes from "
                              "Build, and the project itself."))
        self.log.clicked.connect(self.write_down)
        self.broken = QLabel()
        self.broken.setObjectName("reason")
        self.broken.setWordWrap(True)
        self.aside = QPushButton(t("Set it aside, begin a new one"))
        self.aside.clicked.connect(self._set_aside)
        for widget in (self.log, self.broken, self.aside):
            card.body.addWidget(widget)
        self.broken.hide()
        self.aside.hide()
        return card

    def _plot_card(self) -> Card:
        card = Card(t("Question"))
        card.heading.hide()
        head = QHBoxLayout()
        self.question = combo(t("Question"), t("What the plot answers."))
        for key, words in ((FITS, t("Does it come out as asked?")),
                           (PRINTER, t("How far off is my printer?")),
                           (TIME, t("How long do I take?"))):
            self.question.addItem(words, key)
        self.stock = combo(t("Stock"), t("Only what was made of this."))
        self.recipe = combo(t("Construction"), t("Only what was made as this."))
        for box in (self.question, self.stock, self.recipe):
            box.setMinimumContentsLength(12)
            box.activated.connect(lambda _: self.look())
            head.addWidget(box, 1)
        card.body.addLayout(head)
        self.plot = PlotView()
        self.plot.setAccessibleName(t("Plot"))
        self.answer = QLabel()
        self.answer.setWordWrap(True)
        card.body.addWidget(self.plot)
        card.body.addWidget(self.answer)
        return card

    def _list_card(self) -> Card:
        card = Card(t("Made so far"))
        self.words = QLineEdit()
        self.words.setPlaceholderText(t("Look for a word: title, thing, stock, what to change…"))
        self.words.setAccessibleName(t("Look for"))
        self.words.textChanged.connect(lambda _: self.search_timer.start())
        self.list = PlainList(t("Entries"))
        self.list.turned.connect(self.take)
        self.count = quiet()
        self.damaged = QWidget()
        across = QHBoxLayout(self.damaged)
        across.setContentsMargins(0, 0, 0, 0)
        self.damaged_words = QLabel()
        self.damaged_words.setObjectName("reason")
        self.damaged_words.setWordWrap(True)
        self.clear_damaged = QPushButton(t("Set them aside"))
        self.clear_damaged.setToolTip(t("They stay in the logbook's file, where nothing reads them."))
        self.clear_damaged.clicked.connect(self._clear_damaged)
        across.addWidget(self.damaged_words, 1)
        across.addWidget(self.clear_damaged)
        self.damaged.hide()
        for widget in (self.words, self.list, self.damaged, self.count):
            card.body.addWidget(widget)
        return card

    def _clear_damaged(self) -> None:
        if self.book is not None:
            try:
                self.book.clear_damaged()
            except MingeiError as error:
                self._complain(t(error.words))
                return
            self.refresh()

    def _out_card(self) -> Card:
        card = Card(t("Out and in"))
        out, into, copy = (QPushButton(t(w)) for w in ("Export…", "Bring in…", "Back up…"))
        out.clicked.connect(self._export)
        into.clicked.connect(self._import)
        copy.clicked.connect(self._backup)
        card.body.addLayout(row(out, into, copy))
        self.back = QPushButton(t("Bring back what was taken out"))
        self.back.clicked.connect(self._bring_back)
        self.back.hide()
        card.body.addWidget(self.back)
        return card

    # -- the logbook -----------------------------------------------------------------------------------------

    @property
    def book(self) -> Logbook | None:
        """The logbook, opened when first asked for; None where it is damaged."""
        if self._book is None and not self._broken:
            from mingei.formats.logbook import Logbook

            try:
                self._book = Logbook(self.folder)
                self.entry.keep_photos_with(self._book.keep_photo)
            except MingeiError as error:
                self._broken = t(error.words)
                self._complain(self._broken)
        return self._book

    def _complain(self, words: str) -> None:
        self.broken.setText(words)
        self.broken.show()
        self.aside.show()

    def _set_aside(self) -> None:
        from mingei.formats.logbook import set_aside

        if self._book is not None:
            self._book.close()
        self._book, self._broken = None, ""
        try:
            where, count = set_aside(self.folder)
        except (MingeiError, OSError) as error:
            self._complain(str(error))
            return
        self.broken.hide()
        self.aside.hide()
        self.told.emit(t("The old one is {name}; {count} entries were brought over.", name=where.name,
                         count=count))
        self.refresh()

    def showEvent(self, event: object) -> None:
        self.refresh()

    def hideEvent(self, event: object) -> None:
        self.entry.keep()

    def refresh(self) -> None:
        """Show what there is now; another window may have written."""
        if (now := self._where()) != self.folder:
            self.entry.show_entry(None, self.document.project.unit)
            if self._book is not None:
                self._book.close()
            self._book, self._broken, self.folder = None, "", now
            self.entry.photos = now / "photos"
        self.look()
        self._read()

    def _read(self) -> None:
        """Read all entries in the background, for plot and lessons."""
        if self.book is None:
            return
        folder = self.folder

        def work(progress: Progress) -> tuple[bool, _Taught]:
            from mingei.formats.logbook import Logbook

            other = Logbook(folder)
            try:
                return other.sound(), _taught(other.every())
            finally:
                other.close()

        self._reading = job = Job(work, self)

        def arrived(found: tuple[bool, _Taught]) -> None:
            if job is self._reading:
                self._reading = None
                whole, self.taught = found
                if not whole:
                    self._complain(t("The logbook is damaged in places."))
                self._offer()
                self._plot()
                self._teach()

        job.done.connect(arrived)
        job.failed.connect(lambda error: self._complain(t(error.words)))
        job.start()

    @property
    def reading(self) -> bool:
        """Whether something is still being worked out of what is kept."""
        return self._reading is not None or self._answering is not None

    def look(self) -> None:
        """Look for what is asked for, and show it."""
        if self.book is None:
            return
        stock, recipe = str(self.stock.currentData() or ""), str(self.recipe.currentData() or "")
        try:
            self.found = self.book.search(self.words.text(), stock, recipe)
            whole = self.book.count()
        except MingeiError as error:
            self._complain(t(error.words))
            return
        now = self.entry.entry.id if self.entry.entry else ""
        ids = [s.id for s in self.found]
        at = ids.index(now) if now in ids else (0 if ids else -1)
        self.list.show_lines([_line(s) for s in self.found], at)
        self.count.setText(counted("{count} entry", "{count} entries", len(self.found)) +
                           (t(" of {whole}", whole=whole) if whole != len(self.found) else "") if whole else
                           t("Nothing yet. Make something, measure it inside, and write it down: then it "
                             "teaches."))
        self._plot()
        self.damaged.setVisible(bool(self.book is not None and self.book.damaged))
        if self.book is not None and self.book.damaged:
            self.damaged_words.setText(t("Entries that cannot be read: {names}.",
                                         names=", ".join(self.book.damaged.values())))
        if ids and (now not in ids or self.entry.entry is None):
            self.take(at)
        elif not ids:
            self.entry.show_entry(None, self.document.project.unit)

    def take(self, number: int) -> None:
        """Take an entry in hand."""
        if 0 <= number < len(self.found) and self.book is not None:
            self.entry.show_entry(self.book.get(self.found[number].id), self.document.project.unit)
            self.side.fit()

    # -- writing down ----------------------------------------------------------------------------------------

    def write_down(self) -> None:
        """A new entry of the thing in hand."""
        if self.book is None:
            return
        project, build = self.document.project, self.document.build
        made = self._whole() or (build,)
        planned, spent = defaultdict[str, float](float), defaultdict[str, float](float)
        for each in made:
            for stage in at_the_bench(each, project.paper, project.working):
                planned[stage.word] += stage.minutes
            for stage in table(each, project.making._replace(pace=1.0)).stages:
                planned[stage.word] += stage.minutes * each.brief.copies
            for word, seconds in self.bench.of(each.brief.id).spent.items():
                spent[word] += seconds / 60
        thing = (t("{thing}, whole, of {count} things", thing=build.brief.name, count=len(made))
                 if len(made) > 1 else build.brief.name)
        fresh = Entry(
            str(uuid.uuid4()), datetime.now().isoformat(timespec="seconds"), project.title, thing,
            build.recipe.id, build.stock.name, build.stock.caliper_mm, build.brief.copies,
            project.printer.name,
            asked=_rounded(build.cavity.size) if build.cavity else (0.0, 0.0, 0.0),
            gain_mm=build.stock.crease_gain_mm,
            planned=tuple(planned.items()), spent=tuple(spent.items()),
            snapshot=project_file.dumps(project).decode())
        try:
            picture = self._picture()
            self.book.put(fresh._replace(photos=(picture,) if picture else ()))
        except MingeiError as error:
            self._complain(t(error.words))
            return
        self.told.emit(t("{thing} is in the logbook: measure it inside, and write that beside it.",
                         thing=build.brief.name))
        self.words.clear()
        self.refresh()
        ids = [s.id for s in self.found]
        if fresh.id in ids:
            self.list.take(ids.index(fresh.id))
            self.take(ids.index(fresh.id))

    def _whole(self) -> tuple[Build, ...]:
        """Everything that stands on the thing in hand, in the order in which it is made, where that stands on
        nothing itself; none where nothing stands on it."""
        project, current = self.document.project, self.document.current
        if not is_joined(project.briefs):
            return ()
        from mingei.core.whole.assembly import order
        from mingei.core.whole.joined import joined

        found = joined(project)
        if found.seat_of(current) is not None or not found.on(current):
            return ()
        return tuple(found.build_of(number) for number in order(found, current))

    def _picture(self) -> str:
        """A picture of the thing in hand, kept with the photos."""
        from mingei.core.plan.picture import finished_picture, step_picture
        from mingei.formats.publish import png

        build = self.document.build
        if self.book is None:
            return ""
        if self._whole():
            from mingei.core.whole.assembly import whole_of
            from mingei.core.whole.joined import joined

            whole = whole_of(joined(self.document.project), self.document.current)
            return self.book.keep_photo(png(finished_picture(whole), 320))
        if not build.steps:
            return ""
        return self.book.keep_photo(png(step_picture(build.plan, build.steps[-1], build.patterns), 320))

    def _keep(self, entry: Entry) -> None:
        if self.book is not None:
            try:
                self.book.put(entry)
            except MingeiError as error:
                self._complain(t(error.words))
                return
            self.look()
            self._read()

    def _remove(self, id: str) -> None:
        if self.book is not None:
            self._gone = self.book.get(id)
            self.book.remove(id)
            self.entry.show_entry(None, self.document.project.unit)
            self.back.show()
            self.refresh()

    def _bring_back(self) -> None:
        if self.book is not None and self._gone is not None:
            self.book.put(self._gone)
            self._gone = None
            self.back.hide()
            self.refresh()

    # -- plot and lessons ------------------------------------------------------------------------------------

    def _offer(self) -> None:
        """The stocks and constructions there are, to choose among."""
        for box, every, words in ((self.stock, self.taught.stocks, t("Any stock")),
                                  (self.recipe, self.taught.recipes, t("Any construction"))):
            before = box.currentData()
            box.clear()
            box.addItem(words, "")
            for one in every:
                box.addItem(t(one), one)
            box.setCurrentIndex(max(0, box.findData(before)))

    def _plot(self) -> None:
        """Answer the question, in the background: there may be thousands of entries."""
        asked, every = str(self.question.currentData()), self.taught.every
        stock, recipe = str(self.stock.currentData() or ""), str(self.recipe.currentData() or "")
        self._answering = job = Job(lambda progress: _answered(asked, every, stock, recipe), self)

        def arrived(found: tuple[list[Spot], fits.Fit | None]) -> None:
            if job is self._answering:
                self._answering = None
                self._show_answer(asked, *found)

        job.done.connect(arrived)
        job.start()

    def _show_answer(self, asked: str, spots: list[Spot], fit: fits.Fit | None) -> None:
        low, high, unit = {PRINTER: (100 - _BAR_MM, 100 + _BAR_MM, ""), TIME: (0.8, 1.25, " ×"),
                           FITS: (-TOLERANCE_MM, TOLERANCE_MM, " mm")}[asked]
        said = ""
        if fit is not None and asked == PRINTER:
            said = t(
                "A bar of 100 mm comes out {value:.2f} mm long, {low:.2f} to {high:.2f} in 95 of 100 cases.",
                     **_figures(fit))
        elif fit is not None and asked == TIME:
            said = t("You take {value:.2f} times as long as reckoned, {low:.2f} to {high:.2f} in 95 of 100 "
                     "cases.", **_figures(fit))
        elif fit is not None:
            said = t(
                "It comes out {value:+.2f} mm against what was asked, {low:+.2f} to {high:+.2f} in 95 of "
                     "100 cases.", **_figures(fit))
        self.plot.show_question(Question(spots, low, high, unit, said))
        self.answer.setText(said)
        self.answer.setVisible(bool(said))

    def _teach(self) -> None:
        """What the logbook teaches, where it is clear."""
        project, lessons = self.document.project, []
        pace = self.taught.pace
        if pace is not None and not pace.low <= project.making.pace <= pace.high:
            whole = sum(table(self.document.build_of(i), project.making).minutes * b.copies
                        for i, b in enumerate(project.briefs[:40]))
            lessons.append(Lesson(
                t("You take {value:.2f} times as long as reckoned ({low:.2f} to {high:.2f}, from {many}).",
                  **_figures(pace)),
                t("The minutes of this kit go from {before:.0f} to {after:.0f}.", before=whole,
                  after=whole * pace.value / project.making.pace), t("Reckon with my pace"),
                lambda: self.document.set_making(project.making._replace(pace=round(pace.value, 3)))))
        for stock in {s.id: s for s in project.stocks}.values():
            gain = self.taught.gains.get(stock.name)
            if gain is not None and not gain.low <= stock.crease_gain_mm <= gain.high:
                lessons.append(Lesson(
                    t("{stock} comes out as asked with a crease gain of {value:.2f} mm ({low:.2f} to "
                      "{high:.2f}, "
                      "from {many}); it has {now:.2f}.", stock=t(stock.name), now=stock.crease_gain_mm,
                      **_figures(gain)),
                    t("Everything made of it is drafted anew, after you have seen what changes."),
                    t("Take it over"),
                    partial(self._measured, replace(stock, crease_gain_mm=round(gain.value, 3)))))
        if project.printer.name:
            across, along = self.taught.bars.get(project.printer.name, (None, None))
            if across and along and not (across.low <= project.printer.across <= across.high
                                         and along.low <= project.printer.along <= along.high):
                lessons.append(Lesson(
                    t("{printer} prints a bar of 100 mm {across:.2f} across and {along:.2f} along.",
                      printer=project.printer.name, across=across.value, along=along.value),
                    t("Every sheet is corrected for it."), t("Correct for it"),
                    lambda: self.document.set_printer(project.printer._replace(
                        across=round(across.value, 3), along=round(along.value, 3)))))
        self.lessons.show_lessons([lesson._replace(act=self._then(lesson)) for lesson in lessons])
        self.side.fit()

    def _then(self, lesson: Lesson) -> Callable[[], None]:
        def act() -> None:
            try:
                lesson.act()
            except MingeiError as error:
                self.told.emit(t(error.words))
                return
            self.told.emit(t("Taken over; it can be undone."))
            self._teach()
        return act

    def _measured(self, stock: Stock) -> None:
        self.document.shelf.put(stock)
        self.measured.emit()

    # -- out and in ------------------------------------------------------------------------------------------

    def _export(self) -> None:
        name, _ = QFileDialog.getSaveFileName(self, t("Export the logbook"),
                                              str(Path.home() / "logbook.json"),
                                              "JSON (*.json);;CSV (*.csv)")
        if name and self.book is not None:
            path = Path(name) if Path(name).suffix.lower() in (".json", ".csv") else Path(name + ".json")
            self._try(lambda book: atomic.write(path, book.export_csv() if path.suffix.lower() == ".csv"
                                                else book.export_json()), t("Saved {name}", name=path))

    def _import(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self, t("Bring in entries"), str(Path.home()),
                                              "JSON, CSV (*.json *.csv)")
        if name:
            def work(book: Logbook) -> None:
                count = book.import_from(Path(name).read_bytes(), Path(name).name)
                self.told.emit(counted("{count} new entry", "{count} new entries", count))
            self._try(work, "")
            self.refresh()

    def _backup(self) -> None:
        name, _ = QFileDialog.getSaveFileName(self, t("Back up the logbook"),
                                              str(Path.home() / "logbook-backup.sqlite"), "SQLite (*.sqlite)")
        if name:
            self._try(lambda book: book.backup(Path(name)), t("Saved {name}", name=name))

    def _try(self, act: Callable[[Logbook], object], said: str) -> None:
        if self.book is None:
            return
        try:
            act(self.book)
        except MingeiError as error:
            self.told.emit(t(error.words))
            return
        except OSError as error:
            self.told.emit(t("It cannot be used ({reason}).", reason=error.strerror))
            return
        if said:
            self.told.emit(said)

    def enter(self) -> None:
        self.words.setFocus()


class _Taught(NamedTuple):
    """All entries, the latest first, and what they teach."""

    every: tuple[Entry, ...]
    stocks: tuple[str, ...]
    recipes: tuple[str, ...]
    pace: fits.Fit | None
    gains: dict[str, fits.Fit | None]
    bars: dict[str, tuple[fits.Fit | None, fits.Fit | None]]


def _taught(every: tuple[Entry, ...]) -> _Taught:
    stocks = sorted({e.stock for e in every if e.stock})
    printers = {e.printer for e in every if e.printer}
    return _Taught(every, tuple(stocks), tuple(sorted({e.recipe for e in every if e.recipe})),
                   fits.pace(every),
                   {s: fits.gain(every, s) for s in stocks}, {p: fits.bars(every, p) for p in printers})


def _answered(asked: str, every: tuple[Entry, ...], stock: str,
              recipe: str) -> tuple[list[Spot], fits.Fit | None]:
    """The values that answer a question, the last of them, and what they come to."""
    some = [e for e in reversed(every) if stock in ("", e.stock) and recipe in ("", e.recipe)]
    if asked == PRINTER:
        spots = [Spot(v, e.printer) for e in some for v in (e.across, e.along) if v > 0]
        fit = fits.mean([s.value for s in spots])
    elif asked == TIME:
        planned = [(e, e.reckoned_min) for e in some]
        spots = [Spot(e.minutes / whole, e.thing) for e, whole in planned if whole > 0 and e.minutes > 0]
        fit = fits.pace(some)
    else:
        spots = [Spot(v, e.thing) for e in some for v in e.errors]
        fit = fits.mean([s.value for s in spots])
    return spots[-_SPOTS:], fit


def _rounded(size: tuple[float, float, float]) -> tuple[float, float, float]:
    """To a thousandth of a mm."""
    length, width, height = (round(mm, 3) for mm in size)
    return length, width, height


def _figures(fit: fits.Fit) -> dict[str, float]:
    return {"value": fit.value, "low": fit.low, "high": fit.high, "many": fit.many}


def _line(s: Summary) -> Line:
    off = max(s.errors, key=abs) if s.errors else None
    words = f"{s.made[:10]}   {s.thing or s.title}   {t(s.stock)}"
    if off is not None:
        words += f"   {off:+.2f} mm"
    if s.stars:
        words += "   " + "★" * s.stars
    return Line(words, s.id, s.title)
