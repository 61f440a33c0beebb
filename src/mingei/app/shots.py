"""Pictures of each main view, for those who have no display, and for the documentation."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication, QDialog

from mingei.app.actions import each
from mingei.app.stations.brief import BriefStation
from mingei.app.stations.draft import DraftStation
from mingei.app.stations.start import pictures_wait
from mingei.app.window import Window
from mingei.core.document.build import NOTHING, Part
from mingei.core.errors import ExportError
from mingei.core.words import say

if TYPE_CHECKING:
    from mingei.app.stations.score import ScoreStation

_REST_MS = 420
#: So often a view that is still being drawn is waited for.
_PATIENCE = 20


def views(window: Window) -> list[tuple[str, Callable[[], object]]]:
    """Each main view by name, with what brings it up."""
    document = window.document

    def tapped(name: str) -> None:
        document.select(Part(document.build.pattern.name, name))

    def go(key: str) -> Callable[[], object]:
        return each(lambda: document.select(NOTHING), lambda: document.fold(1.0), lambda: window.actions_[
            "checks"].setChecked(False),
                    lambda: window.draft().lay_out("beside"), lambda: window.go(key))

    return [
        ("start", go("start")),
        ("brief", go("brief")),
        ("draft", go("draft")),
        ("draft-seam", each(lambda: window.draft().lay_out("stacked"), lambda: tapped("front tab"),
                            lambda: window.actions_["checks"].setChecked(True))),
        ("draft-folding",
         each(go("draft"), lambda: window.draft().lay_out("folded"), lambda: document.fold(0.62))),
        ("draft-cut-open", each(lambda: document.fold(1.0), lambda: window.draft().cut.setChecked(True))),
        ("sheets", each(lambda: window.draft().cut.setChecked(False), lambda: document.look_at(0),
                        go("sheets"))),
        ("draft-envelope", each(go("draft"), lambda: document.look_at(20), lambda: document.fold(0.55))),
        ("draft-artwork", each(lambda: document.fold(1.0), lambda: document.look_at(24))),
        ("draft-curved", each(lambda: document.look_at(14), lambda: document.fold(0.72))),
        ("draft-boards", each(lambda: document.look_at(26), lambda: document.fold(1.0),
                              lambda: window.draft().opened.setValue(70))),
        ("draft-house", each(lambda: document.look_at(29), lambda: window.draft().opened.setValue(60))),
        ("draft-facets", each(lambda: window.draft().opened.setValue(0), lambda: document.look_at(36))),
        ("draft-cutout", lambda: document.look_at(35)),
        ("scale", each(lambda: document.select(NOTHING),
                       lambda: document.look_at(0),
                       window.actions_["scale"].trigger)),
        ("cabinet", each(_put_away, window.actions_["cabinet"].trigger)),
        ("strip", lambda: _measured_strip(window)),
        ("score", each(_put_away, _put_away, go("score"), lambda: _scoring(window, 5, 4))),
        ("score-machine", lambda: _by_machine(window)),
        ("build", each(lambda: document.look_at(0), go("build"), lambda: _at_table(window, 6))),
        ("log", go("log")),
        ("lamp-brief", each(lambda: window.change_light("lamp"), go("brief"))),
        ("lamp-draft", each(go("draft"), lambda: tapped("top"))),
        ("lamp-score", each(lambda: window.document.set_unit("in"), go("score"),
                            lambda: _by_hand(window))),
        ("lamp-build", each(lambda: window.document.set_unit("mm"), lambda: document.look_at(9), go("build"),
                            lambda: _at_table(window, 4))),
        ("lamp-log", go("log")),
        ("draft-whole", each(lambda: window.change_light("day"), lambda: _models(window),
                             lambda: window.draft().opened.setValue(35))),
        ("build-whole", each(lambda: window.document.look_at(0), go("build"), lambda: _at_table(window, 11))),
    ]


def _models(window: Window) -> None:
    """The arm of the microscope in hand, and the whole it belongs to."""
    from mingei.assets import demo_models
    from mingei.formats import project_file

    window.document.open(project_file.load(demo_models()))
    window.document.look_at(4)
    window.go("draft")
    window.draft().lay_out("beside")
    window.draft().whole.setChecked(True)


def _at_table(window: Window, step: int) -> None:
    """A step of the thing in hand."""
    from mingei.app.stations.build import BuildStation

    station = window.station_of("build")
    assert isinstance(station, BuildStation)
    station.take(step)


def _score(window: Window) -> ScoreStation:
    """The Score and cut station."""
    from mingei.app.stations.score import ScoreStation

    station = window.station_of("score")
    assert isinstance(station, ScoreStation)
    return station


def _scoring(window: Window, sheet: int, task: int) -> None:
    """A task of a sheet in hand."""
    station = _score(window)
    station.number.setValue(sheet)
    station.take(task)


def _by_hand(window: Window) -> None:
    """A placement made with the back up."""
    _score(window).work_with("")
    _scoring(window, 12, 5)


def _by_machine(window: Window) -> None:
    """The same sheet as a machine's job, rehearsed."""
    station = _score(window)
    station.work_with("knife-600")
    station.take(len(station.view.lines) - 1)
    station.machine.begin_rehearsal()


def _put_away() -> None:
    """Close the dialog on top."""
    dialog = QApplication.activeModalWidget()
    if isinstance(dialog, QDialog):
        dialog.reject()


def _measured_strip(window: Window) -> None:
    """The test strip with numbers as a careful hand would read them."""
    from mingei.app.strip import StripDialog
    from mingei.core.cabinet.strip import What

    document = window.document
    dialog = StripDialog(document.project.stock_of(document.brief), document.shelf, window.desk, window)
    for i, ((what, nominal), line) in enumerate(dialog.lines.items()):
        true = {What.STACK: nominal * 0.41, What.INSIDE: nominal - 0.41 - 0.08,
                What.OUTSIDE: nominal + 0.41 - 0.08}[what]
        line.setText(f"{true + 0.04 * ((i * 5) % 3 - 1):.2f}")
    dialog.refit()
    dialog.open()


def take(window: Window, folder: Path) -> None:
    """Go from view to view, save a PNG of each in the folder, say where, and leave.

    Raises ExportError when the folder cannot be made.
    """
    try:
        folder.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise ExportError(say("it cannot be made ({reason})", reason=error.strerror), str(folder),
                          "choose another folder") from None
    waiting = views(window)

    def following() -> None:
        if not waiting:
            window.document.undo.setClean()  # what was changed for a picture is nobody's work
            window.close()
            QApplication.quit()
            return
        name, show = waiting.pop(0)
        show()
        QTimer.singleShot(_REST_MS, lambda: save(name))

    def _moving() -> bool:
        draft = window.stations.get("draft")
        if not isinstance(draft, DraftStation) or not draft.isVisible():
            return False
        awaited = draft.space.solids is None and not draft.space.no_graphics
        return awaited or not draft.space.at_rest

    def _rehearsing() -> bool:
        return window.station == "score" and _score(window).machine.rehearsing

    def _drawing() -> bool:
        return bool(getattr(window.stations.get(window.station), "filling", False)
                    or getattr(window.stations.get(window.station), "reading", False))

    def save(name: str, patience: int = _PATIENCE) -> None:
        brief = window.stations.get("brief")
        asking = isinstance(brief, BriefStation) and brief.isVisible() and brief.asking
        if (patience and (pictures_wait() or window.document.prints.waiting or asking or window.drawer.filling
                          or _moving() or _rehearsing() or _drawing())):
            # small pictures and offers come one at a turn
            QTimer.singleShot(_REST_MS, lambda: save(name, patience - 1))
            return
        path = folder / f"{name}.png"
        if (QApplication.activeModalWidget() or window).grab().save(str(path)):
            print(path.resolve(), flush=True)
        following()

    QTimer.singleShot(_REST_MS, following)
