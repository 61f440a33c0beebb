"""What lies on the desk: opening, saving, exporting, and never losing any of it."""

from __future__ import annotations

import hashlib
import os
from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QCoreApplication, QEventLoop, QLockFile, QObject, Qt, QTimer, Signal
from PySide6.QtWidgets import QFileDialog, QMessageBox, QWidget

from mingei.app.dialogs import ask
from mingei.app.document import Document
from mingei.app.ready import ready
from mingei.app.recovery import Autosave
from mingei.app.settings import Settings
from mingei.app.words import t
from mingei.app.workers import Job, Progress, wait_for_all
from mingei.core.cabinet.stocks import differs, redrafted
from mingei.core.document.build import loads_of_all
from mingei.core.document.project import Project, differences, new_brief, new_project
from mingei.core.errors import MingeiError
from mingei.core.kinds.join import is_joined
from mingei.core.stock import Stock
from mingei.formats import atomic, project_file, recovery

if TYPE_CHECKING:
    from PySide6.QtPrintSupport import QPrinter

    from mingei.app import exporting
    from mingei.core.work.job import Job as MachineJob

_DIFFERENCES_SHOWN = 8
Buttons = QMessageBox.StandardButton


class Desk(QObject):
    """The files of one window.  said: a quiet word; shown: a project was put on the bench; on_demo: it is the
    demo, which has a logbook of its own."""

    said = Signal(str)
    shown = Signal()

    def __init__(self, document: Document, settings: Settings, state: Path, window: QWidget) -> None:
        super().__init__(window)
        self.document = document
        self.settings = settings
        self.state = state
        self.window = window
        self.jobs: list[Job] = []
        self._saving: Job | None = None
        self._to_save: tuple[Path, Project, int] | None = None  # after what is being saved now
        self._openings = 0
        self._on_disk = b""
        self.on_demo = False
        self.autosave = Autosave(document, self.recovery_folder, self)
        self.autosave.failed.connect(lambda error: self.said.emit(
            t("Your changes could not be kept aside: {error}", error=error.words)))
        self._lock: QLockFile | None = None
        document.shelf.failed.connect(lambda error: self.complain(t("The stock cabinet could not be kept"),
                                                                  error))

    @property
    def recovery_folder(self) -> Path:
        return self.state / "recovery"

    # -- beginning and opening -------------------------------------------------------------------------------

    def new(self, recipe_id: str) -> None:
        """Begin another project with one thing in it."""
        if self.may_leave():
            brief = new_brief(recipe_id)
            self.on_demo = False
            self._show(new_project(brief, t("Untitled"), self.settings.unit, self.settings.sheet), None)

    def open(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self.window, t("Open a project"), self._folder(),
                                              t("Mingei projects (*.mingei *.mingei.zip)"))
        if name:
            self.open_file(Path(name))

    def open_file(self, path: Path) -> bool:
        """Open a project; a file that cannot be read is said, and what is on the bench stays.  Returns
        whether it was opened."""
        try:
            project = self._read(path)
        except MingeiError as error:
            self.settings.forget(path)
            self.complain(t("This cannot be opened"), error)
            return False
        if not self.may_leave():
            return False
        lock = self._lock_for(path)
        if lock is None:
            box = QMessageBox(QMessageBox.Icon.Warning, "Mingei",
                              t("{name} is open in another window already.", name=path.name),
                              Buttons.Open | Buttons.Cancel, self.window)
            box.setInformativeText(
                t("What is saved last there or here replaces the other. The version before is kept with ~ at "
                  "its end."))
            box.setDefaultButton(Buttons.Cancel)
            if ask(box) != Buttons.Open:
                return False
        self.settings.remember(path)
        self._show(project, path, lock)
        return True

    def _read(self, path: Path) -> Project:
        """A project file, all its things worked out, in the background: the window goes on painting, and
        takes nothing in meanwhile.  Raises MingeiError."""
        loop, found, errors = QEventLoop(), list[Project](), list[MingeiError]()
        job = Job(lambda progress: _worked_out(path, progress), self.window)
        job.done.connect(found.append)
        job.failed.connect(errors.append)
        for ended in (job.done, job.failed, job.stopped):
            ended.connect(loop.quit)
        job.start()
        loop.exec(QEventLoop.ProcessEventsFlag.ExcludeUserInputEvents)
        if errors:
            raise errors[0]
        return found[0]

    def open_text(self, text: str) -> None:
        """Put a project kept as text on the bench, as one that is not saved yet."""
        try:
            project = project_file.loads(text.encode())
        except MingeiError as error:
            self.complain(t("This cannot be opened"), error)
            return
        if self.may_leave():
            self._show(project, None, clean=False)

    def show_demo(self, project: Project) -> None:
        """Put the demo on the bench; it is saved elsewhere, never over itself."""
        if self.may_leave():
            self.on_demo = True
            self._show(project, None)

    def _show(self, project: Project, path: Path | None, lock: QLockFile | None = None,
              clean: bool = True) -> None:
        if lock is not self._lock:
            self._unlock()
        self._lock = lock
        self._openings += 1
        self._on_disk = _stamp(path) if path is not None and path.exists() else b""
        self.on_demo = self.on_demo and path is None and clean
        self.document.open(project, path, clean)
        self.shown.emit()

    def _lock_for(self, path: Path) -> QLockFile | None:
        """A lock on a project file, held in the state folder so that nothing is left beside the file; None
        when another holds it.

        Locks of processes that are gone do not count.
        """
        folder = self.state / "locks"
        try:
            folder.mkdir(parents=True, exist_ok=True)
        except OSError:
            return QLockFile("")  # nowhere to lock: nobody can be warned
        name = hashlib.sha256(os.path.realpath(path).encode("utf-8", "surrogatepass")).hexdigest()[:32]
        lock = QLockFile(str(folder / f"{name}.lock"))
        lock.setStaleLockTime(0)
        return lock if lock.tryLock(0) else None

    def _unlock(self) -> None:
        if self._lock is not None:
            self._lock.unlock()
            self._lock = None

    # -- saving ----------------------------------------------------------------------------------------------

    def save(self) -> bool:
        """Save; ask for a name when there is none.  Returns whether a save was begun."""
        return self.save_as() if self.document.path is None else self.save_to(self.document.path)

    def save_as(self) -> bool:
        suggestion = str(Path(self._folder()) / f"{_file_stem(self.document)}.mingei")
        endings = (t("Mingei projects (*.mingei)"),
                   t("With all its pictures in one file (*.mingei.zip)"))
        name, _ = QFileDialog.getSaveFileName(self.window, t("Save the project"), suggestion,
                                              ";;".join(endings))
        if not name:
            return False
        path = Path(name)
        return self.save_to(path if project_file.has_ending(path)
                            else path.with_name(path.name + project_file.SUFFIX))

    def save_to(self, path: Path) -> bool:
        """Save in the background under a path, after what is being saved; where somebody else changed the
        file since, only after it was asked."""
        project = self.document.project
        if path == self.document.path and not self._may_replace(path, project):
            return False
        if self._saving is not None and self._saving in self.jobs:
            self._to_save = path, project, self._openings  # of several that wait the last holds them all
        else:
            self._save(path, project, self._openings)
        return True

    def _save(self, path: Path, project: Project, opening: int) -> None:
        """Save what was on the bench at one opening of it."""
        document = self.document
        stamps = list[bytes]()

        def work(progress: Progress) -> None:
            project_file.save(project, path)
            stamps.append(_stamp(path))

        def done() -> None:
            self.settings.remember(path)
            if opening == self._openings:  # else another project lies on the bench by now
                if path != document.path:
                    self._unlock()
                    self._lock = self._lock_for(path)
                self._on_disk = stamps[0]
                document.saved(path, project)

        self._saving = job = self.run(work, t("Saved {name}", name=path.name), t("This cannot be saved"),
                                      done)
        for ended in (job.done, job.failed, job.stopped):
            ended.connect(lambda *_: QTimer.singleShot(0, self, self._save_next))

    def _save_next(self) -> None:
        if self._to_save is not None and (self._saving is None or self._saving not in self.jobs):
            waiting, self._to_save = self._to_save, None
            self._save(*waiting)

    def _may_replace(self, path: Path, project: Project) -> bool:
        """Whether a file may be replaced: it is as it was read or saved here, or it was asked what to do."""
        if (self._saving is not None and self._saving in self.jobs) or not self._on_disk or not path.exists():
            return True
        if _stamp(path) == self._on_disk:
            return True
        try:
            theirs: Project | None = project_file.load(path)
        except MingeiError:
            theirs = None
        box = QMessageBox(QMessageBox.Icon.Warning, "Mingei",
                          t("{name} was changed by somebody else since it was opened here.", name=path.name),
                          parent=self.window)
        box.setInformativeText(_told(theirs, project) if theirs is not None else t("It cannot be read now."))
        box.setObjectName("changed on disk")
        mine = box.addButton(t("Keep mine"), QMessageBox.ButtonRole.AcceptRole)
        take = box.addButton(t("Take theirs"), QMessageBox.ButtonRole.DestructiveRole)
        take.setEnabled(theirs is not None)
        box.setDefaultButton(box.addButton(Buttons.Cancel))
        ask(box)
        if box.clickedButton() is take and theirs is not None:
            self._show(theirs, path, self._lock)
        return box.clickedButton() is mine

    def export(self) -> None:
        """Ask where to and, where the format cannot hold all, what; then export."""
        from mingei.app import exporting

        suggestion = Path(self._folder()) / f"{_file_stem(self.document)}.pdf"
        try:
            asked = exporting.ask(self.document.project, suggestion, self.window)
        except MingeiError as error:
            self.complain(t("This cannot be exported"), error)
            return
        if asked is not None:
            self._export(*asked)

    def export_to(self, path: Path) -> None:
        """Write the whole project to path in the background."""
        from mingei.app import exporting

        self._export(path, exporting.choices(self.document.project, path.suffix.lower())[0])

    def _export(self, path: Path, choice: exporting.Choice) -> None:
        from mingei.app import exporting

        remarks: list[str] = []
        where = path.with_suffix("") if choice.folder else path

        def said() -> str:
            return " ".join([t("Exported {name}", name=where) + ("." if remarks else ""), *remarks])

        self.run(exporting.work_of(self.document.project, path, choice, remarks.append), said,
                 t("This cannot be exported"), in_turn=True)

    def export_some(self) -> None:
        """Ask for the numbers of some sheets, then write those as PDF."""
        from mingei.app import exporting
        from mingei.core.layout.place import lay_out
        from mingei.core.whole.joined import builds_of
        from mingei.formats.export import Wanted

        project = self.document.project
        try:
            count = len(lay_out(loads_of_all(builds_of(project)), project.paper, project.spots))
            numbers = exporting.ask_sheets(self.window, count)
        except MingeiError as error:
            self.complain(t("This cannot be exported"), error)
            return
        if numbers:
            suggestion = str(Path(self._folder())
                             / f"{_file_stem(self.document)} {','.join(map(str, numbers[:6]))}.pdf")
            name, _ = QFileDialog.getSaveFileName(self.window, t("Export"), suggestion,
                                                  t("PDF, sheets to print at actual size (*.pdf)"))
            if name:
                path = Path(name) if name.lower().endswith(".pdf") else Path(name + ".pdf")
                self._export(path, exporting.Choice("", Wanted(speak=t, pages=numbers)))

    def print(self) -> None:
        """Ask for a printer, then print at actual size in the background."""
        from PySide6.QtPrintSupport import QAbstractPrintDialog, QPrintDialog

        from mingei.app.printing import printer_for

        printer = printer_for(self.document.project.paper)
        dialog = QPrintDialog(printer, self.window)
        dialog.setOption(QAbstractPrintDialog.PrintDialogOption.PrintPageRange)
        dialog.setWindowTitle(t("Print at actual size"))
        if ask(dialog) == QPrintDialog.DialogCode.Accepted:
            self.print_to(printer)

    def print_to(self, printer: QPrinter) -> None:
        """Print the sheets, scale locked: what the PDF shows, as large as it shows it."""
        from mingei.app.printing import print_pages
        from mingei.formats.export import pdf_of

        project = self.document.project

        def work(progress: Progress) -> None:
            print_pages(pdf_of(project, t), printer, progress)

        self.run(work, t("Printed; measure both check bars on the first sheet"), t("This cannot be printed"),
                 in_turn=True)

    def save_plans(self) -> None:
        """Write the score and cutting plans of every sheet as pages to print."""
        suggestion = str(Path(self._folder()) / f"{_file_stem(self.document)}-plans.pdf")
        name, _ = QFileDialog.getSaveFileName(self.window, t("Score and cutting plans"), suggestion,
                                              "PDF (*.pdf)")
        if name:
            path, project = Path(name), self.document.project
            path = path if path.suffix.lower() == ".pdf" else path.with_name(path.name + ".pdf")
            from mingei.formats.export import Wanted, export

            self.run(lambda progress: export(project, path, Wanted(speak=t, plans=True)),
                     t("Exported {name}", name=path), t("This cannot be exported"), in_turn=True)

    def save_make_sheet(self) -> None:
        """Write the make sheet as pages to print or for a browser."""
        from mingei.app.language import in_force

        suggestion = str(Path(self._folder()) / f"{_file_stem(self.document)}-make.pdf")
        name, _ = QFileDialog.getSaveFileName(self.window, t("Make sheet"), suggestion,
                                              t("PDF, pages to print (*.pdf);;A page for a browser (*.html)"))
        if not name:
            return
        path, project, language = Path(name), self.document.project, in_force(self.settings)
        path = path if path.suffix.lower() in (".pdf", ".html") else path.with_name(path.name + ".pdf")

        def work(progress: Progress) -> None:
            from mingei.core.document.make_sheet import make_sheet
            from mingei.core.whole.pictures import drawn_of, in_order
            from mingei.formats.make_html import make_html
            from mingei.formats.make_pdf import make_pdf

            progress.report(0.05)
            told = make_sheet(project, in_order(project), drawn_of(project))
            progress.report(0.7)
            atomic.write(path, make_html(told, t, language) if path.suffix.lower() == ".html"
                         else make_pdf(told, project.paper, t))

        self.run(work, t("Exported {name}", name=path), t("This cannot be exported"), in_turn=True)

    def publish(self) -> None:
        """Write the pack a designer hands out, as one file."""
        from mingei.app.language import in_force

        suggestion = str(Path(self._folder()) / f"{_file_stem(self.document)}-pack.zip")
        name, _ = QFileDialog.getSaveFileName(self.window, t("Publish"), suggestion,
                                              t("Everything in one file (*.zip)"))
        if not name:
            return
        path, project, language = Path(name), self.document.project, in_force(self.settings)
        path = path if path.suffix.lower() == ".zip" else path.with_name(path.name + ".zip")

        def work(progress: Progress) -> None:
            from mingei.formats.publish import publish

            publish(project, path, t, language, progress.report)

        self.run(work, t("Exported {name}", name=path), t("This cannot be exported"), in_turn=True)

    def save_job(self, job: MachineJob) -> None:
        """Write a machine's job in a form the machine reads."""
        from mingei.formats.machine import machine_file

        endings = job.device.output
        suggestion = Path(self._folder()) / f"{_file_stem(self.document)} {job.page.number}{endings[0]}"
        name, _ = QFileDialog.getSaveFileName(self.window, t("Save the job"), str(suggestion),
                                              ";;".join(f"{e[1:].upper()} (*{e})" for e in endings))
        if name:
            path = Path(name)
            path = path if path.suffix.lower() in endings else path.with_name(path.name + endings[0])
            self.run(lambda progress: atomic.write(path, machine_file(job, path.suffix.lower())),
                     t("Saved {name}", name=path), t("This cannot be saved"))

    def save_cutting_list(self) -> None:
        """Ask where to, then write the cutting list as pages to be printed, or as comma-separated text."""
        suggestion = str(Path(self._folder()) / f"{_file_stem(self.document)}-cutting-list.pdf")
        name, _ = QFileDialog.getSaveFileName(self.window, t("Cutting list"), suggestion,
                                              t("PDF, pages to print (*.pdf);;CSV, a table (*.csv)"))
        if name:
            path, project = Path(name), self.document.project
            path = path if path.suffix.lower() in (".pdf", ".csv") else path.with_name(path.name + ".pdf")
            from mingei.formats.export import Wanted, export

            self.run(lambda progress: export(project, path, Wanted(speak=t, cutting_list=True)),
                     t("Exported {name}", name=path),
                     t("This cannot be exported"), in_turn=True)

    def write(self, path: Path, data: bytes) -> None:
        """Write a picture in the background."""
        self.run(lambda progress: atomic.write(path, data), t("Saved {name}", name=path),
                 t("This cannot be saved"))

    def ask_picture(self, stem: str) -> Path | None:
        """Where a picture of a view shall go: .png or .svg."""
        suggestion = str(Path(self._folder()) / f"{stem}.png")
        name, chosen = QFileDialog.getSaveFileName(self.window, t("Save a picture"), suggestion,
                                                   t("PNG picture (*.png);;SVG drawing (*.svg)"))
        if not name:
            return None
        path = Path(name)
        return (path if path.suffix.lower() in (".png", ".svg")
                else path.with_name(path.name + (".svg" if "svg" in chosen else ".png")))

    # -- after a crash ---------------------------------------------------------------------------------------

    def offer_recovery(self) -> bool:
        """Offer back work that a crash left behind, oldest first.  Returns whether some of it is on the bench
        now."""
        left = recovery.left_behind(self.recovery_folder)
        for odd in left.odd:
            self.said.emit(t("{file} was to keep unsaved work, but holds none that can be read; it was set "
                             "aside.", file=odd))
        for orphan in left.orphans:
            saved = orphan.on_disk()
            if saved == orphan.project:
                recovery.remove(orphan.kept_in)
                continue
            box = QMessageBox(QMessageBox.Icon.Question, "Mingei",
                              t("Work on {name} was not saved when Mingei stopped.",
                              name=orphan.path.name if orphan.path else orphan.project.title
                                or t("a new project")),
                              Buttons.Open | Buttons.Discard | Buttons.Cancel, self.window)
            box.button(Buttons.Open).setText(t("Bring it back"))
            box.button(Buttons.Discard).setText(t("Throw it away"))
            box.button(Buttons.Cancel).setText(t("Ask me later"))
            box.setInformativeText(_told(saved, orphan.project))
            box.setDefaultButton(Buttons.Open)
            answer = ask(box)
            if answer == Buttons.Discard:
                recovery.remove(orphan.kept_in)
            elif answer == Buttons.Open:
                lock = self._lock_for(orphan.path) if orphan.path else None
                self._show(orphan.project, orphan.path, lock, clean=False)
                self.autosave.kept.connect(lambda place=orphan.kept_in: recovery.remove(place),
                                           Qt.ConnectionType.SingleShotConnection)
                self.autosave.keep()
                return True
        return False

    # -- leaving ---------------------------------------------------------------------------------------------

    def may_leave(self) -> bool:
        """Whether what is on the bench may be put away; asks once when it is not saved."""
        if not self.document.dirty:
            return True
        box = QMessageBox(QMessageBox.Icon.Question, "Mingei",
                          t("{name} has changes that are not saved.", name=self.document.name),
                          Buttons.Save | Buttons.Discard | Buttons.Cancel, self.window)
        box.setDefaultButton(Buttons.Save)
        answer = ask(box)
        if answer == Buttons.Save:
            return self.save() and self._saved() and not self.document.dirty
        return bool(answer == Buttons.Discard)

    def _saved(self) -> bool:
        """Wait for the saving alone, whatever else is under way; the window is painted meanwhile."""
        while self._saving is not None and self._saving in self.jobs:
            loop = QEventLoop()
            for ended in (self._saving.done, self._saving.failed, self._saving.stopped):
                ended.connect(loop.quit)
            loop.exec(QEventLoop.ProcessEventsFlag.ExcludeUserInputEvents)
            self._save_next()
        return True

    def wait(self) -> bool:
        """Let running work finish."""
        finished = wait_for_all(30000)
        QCoreApplication.processEvents()
        return finished

    def leave(self) -> None:
        """The window goes: nothing is unsaved, nothing is held."""
        self._saved()
        self.wait()
        self.autosave.forget()
        self._unlock()

    # -- slow work and words ---------------------------------------------------------------------------------

    def run(self, work: Callable[[Progress], object], said: str | Callable[[], str], failed: str,
            then: Callable[[], None] = lambda: None, in_turn: bool = False) -> Job:
        """Do slow work in the background; say when it is done, or why it could not be.  said: what to say, or
        what tells it then."""
        job = Job(work, self)
        self.jobs.append(job)

        def done(_: object) -> None:
            self.jobs.remove(job)
            then()
            self.said.emit(said if isinstance(said, str) else said())

        def not_done(error: MingeiError) -> None:
            self.jobs.remove(job)
            self.complain(failed, error)

        job.done.connect(done)
        job.failed.connect(not_done)
        job.stopped.connect(lambda: self.jobs.remove(job))
        return job.start(in_turn)

    def offer_anew(self) -> None:
        """Where the project carries stocks as they were before they were measured anew, offer to follow,
        saying what would change."""
        for stock in differs(self.document.project, self.document.shelf.cabinet):
            said = redrafted(self.document.project, stock)
            box = QMessageBox(QMessageBox.Icon.Question, "Mingei",
                              t("{stock} was measured anew since this.", stock=t(stock.name)),
                              parent=self.window)
            box.setInformativeText("\n".join(f"· {t(s)}" for s in said))
            box.setObjectName("anew")
            follow = box.addButton(t("Draft anew"), QMessageBox.ButtonRole.AcceptRole)
            box.addButton(t("Keep it as it was"), QMessageBox.ButtonRole.RejectRole)
            follow.clicked.connect(lambda _=False, stock=stock: self._follow(stock))
            box.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
            box.open()

    def _follow(self, stock: Stock) -> None:
        try:
            self.document.follow_stock(stock)
        except MingeiError as error:
            self.complain(t("This cannot be drafted anew"), error)

    def complain(self, heading: str, error: MingeiError) -> None:
        """A refusal: what, where, and what to do."""
        box = QMessageBox(QMessageBox.Icon.Warning, "Mingei", heading, Buttons.Ok, self.window)
        box.setInformativeText(t(error.words))
        box.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        box.open()

    def _folder(self) -> str:
        return str(self.document.path.parent if self.document.path else Path.home())


def _stamp(path: Path) -> bytes:
    """What tells whether a file is still the same; nothing where it cannot be read."""
    try:
        return hashlib.sha256(path.read_bytes()).digest()
    except OSError:
        return b""


def _file_stem(document: Document) -> str:
    """A name for a new file: the saved one's, else the title's, else the thing's, with nothing in it that a
    file name cannot hold."""
    if document.path:
        return document.path.name.removesuffix(".zip").removesuffix(project_file.SUFFIX)
    words = document.project.title if document.project.title != t("Untitled") else document.brief.name
    return "".join("-" if c in '/\\:*?"<>|' or ord(c) < 32 else c for c in words)[:80].strip(". ") or "mingei"


def _told(saved: Project | None, kept: Project) -> str:
    """What differs, in words, from what is on disk."""
    if saved is None:
        return t("It was never saved: {things}.", things=", ".join(b.name for b in kept.briefs))
    said = differences(saved, kept)
    more = (t("… and {count} more", count=len(said) - _DIFFERENCES_SHOWN) if len(said) > _DIFFERENCES_SHOWN
            else "")
    return (t("What differs from the file:") + "\n"
            + "\n".join([*(f"· {t(s)}" for s in said[:_DIFFERENCES_SHOWN]), more]).strip())


def _worked_out(path: Path, progress: Progress) -> Project:
    """A project as it is read, everything in it worked out once, so that showing it is quick.  Raises
    MingeiError where any of it cannot be."""
    project = project_file.load(path)
    for brief in project.briefs:
        progress.stop_if_asked()
        ready(brief, project)
    if is_joined(project.briefs):
        from mingei.core.whole.joined import joined

        joined(project)
    return project
