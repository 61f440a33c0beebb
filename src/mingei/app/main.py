"""Starting the window: paint first, load the rest after."""

from __future__ import annotations

import gc
import os
import sys
from pathlib import Path
from types import TracebackType

from PySide6.QtCore import QMessageLogContext, QtMsgType, qInstallMessageHandler
from PySide6.QtWidgets import QApplication

from mingei.app import theme
from mingei.app.language import in_force, speak
from mingei.app.settings import Settings, state_folder
from mingei.app.window import Window
from mingei.app.words import t
from mingei.core.errors import ExportError, MingeiError
from mingei.core.words import quoted, say

#: So long (s) a thread computes before another takes over; the interpreter's own is ten times as long.
_TURN_S = 0.0005


def application(settings: Settings) -> QApplication:
    """The one QApplication, dressed."""
    existing = QApplication.instance()
    if isinstance(existing, QApplication):
        return existing
    # nothing made on the way to the first view is garbage: looking for some costs a tenth of the start
    gc.disable()
    # work in the background gives the window its turn sooner: every call into the toolkit may wait so long
    sys.setswitchinterval(_TURN_S)
    qInstallMessageHandler(_last_words)
    app = QApplication(sys.argv[:1])
    _begun.append(app)
    app.setApplicationName("mingei")
    app.setApplicationDisplayName("Mingei")
    app.setDesktopFileName("org.mingei.Mingei")
    speak(app, in_force(settings))
    light = settings.text("light", "system")
    theme.apply(app, theme.system_is_dark() if light == "system" else light == "lamp")
    return app


def run(file: Path | None, demo: bool = False, shots: Path | None = None) -> int:
    """Open the window on a file, the demo, or the start page; returns the exit code.

    shots: render each main view to a PNG in this folder and leave; what the person has set counts for nothing
    then. Raises ProjectError when the file cannot be read.
    """
    if file is not None:  # refuse before a window opens
        from mingei.formats import project_file

        project_file.load(file)
    if shots is not None:
        _make_folder(shots)
    if shots is not None:
        import tempfile

        from mingei.app.shots import take

        with tempfile.TemporaryDirectory() as scratch:
            settings = Settings(Path(scratch) / "mingei.ini")
            settings.put("light", "day")
            app = application(settings)
            window = Window(settings, Path(scratch))
            window.painted.connect(lambda: open_on(window, file, True))
            window.ready.connect(lambda: take(window, shots))
            window.show()
            return app.exec()
    settings, state = Settings(), state_folder()
    app = application(settings)
    window = Window(settings, state)
    window.painted.connect(lambda: watch(window))
    window.painted.connect(lambda: open_on(window, file, demo))
    window.show()
    return app.exec()


def _make_folder(folder: Path) -> None:
    """Raises ExportError where pictures cannot be put."""
    try:
        folder.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise ExportError(say("no folder can be made there ({reason})", reason=error.strerror),
                          quoted(str(folder)), "name another one") from None


#: What Qt said before there was an application, and that there is one.
_before: list[str] = []
_begun: list[QApplication] = []


def _last_words(kind: QtMsgType, context: QMessageLogContext, words: str | None) -> None:
    """What Qt says.  Where it gives up (no display, an unknown platform) that is said as a refusal, since it
    would end the process without one."""
    said = " ".join((words or "").split())
    if kind == QtMsgType.QtFatalMsg and not _begun:
        reason = next((each for each in _before if each), said).rstrip(". ")
        print(f"mingei: no window can be opened here ({reason[:100]}); start it on a desktop, or see "
              "mingei --help for what works without a window.", file=sys.stderr, flush=True)
        os._exit(2)
    if not _begun:
        _before.append(said)
    else:
        print(said, file=sys.stderr)


def watch(window: Window) -> None:
    """From now on faults of Mingei itself are logged, and said in plain words."""
    from mingei.app import faults

    faults.begin(window.state)

    def said(kind: type[BaseException], error: BaseException, trace: TracebackType | None) -> None:
        if isinstance(error, MingeiError):  # a refusal that no field took: nothing was changed
            window.desk.complain(t("This cannot be done"), error)
            window.document.changed.emit()
            return
        faults.report(kind, error, trace)
        window.say(
            f"Something went wrong in Mingei itself. Your work is kept; the reason is in "
            f"{faults.log_file(window.state)}")

    sys.excepthook = said


def open_on(window: Window, file: Path | None, demo: bool) -> None:
    """Load the core, now that the window is on the screen, and put a project on the bench, or show the start
    page."""
    from mingei.app.document import Document
    from mingei.app.shelf import Shelf
    from mingei.assets import demo_file
    from mingei.core.document.project import new_brief, new_project
    from mingei.core.recipes import recipes
    from mingei.formats import project_file, stock_file

    first = next(iter(recipes()))
    shelf = Shelf(window.settings.data / stock_file.NAME, window)
    window.fill(Document(new_project(new_brief(first)), shelf, parent=window))
    if demo:
        window.desk.show_demo(project_file.load(file or demo_file()))
    elif file is not None:
        if not window.desk.open_file(file):
            window.go("start")
    else:
        window.go("start")
    if not demo:
        window.desk.offer_recovery()
    if file is None and not demo:
        window.ready.emit()
