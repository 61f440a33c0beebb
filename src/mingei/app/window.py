"""The window: a rail over the stations, and a drawer beside them.  It wires; the stations do."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from itertools import pairwise
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QByteArray, QSize, Qt, QTimer, Signal
from PySide6.QtGui import (
    QCloseEvent,
    QDragEnterEvent,
    QDropEvent,
    QFontMetrics,
    QGuiApplication,
    QPaintEvent,
    QResizeEvent,
)
from PySide6.QtWidgets import (
    QApplication,
    QHBoxLayout,
    QLabel,
    QMainWindow,
    QSizePolicy,
    QStackedWidget,
    QToolButton,
    QVBoxLayout,
    QWidget,
)
from shiboken6 import isValid

from mingei.app import theme
from mingei.app.rail import Rail, Stop
from mingei.app.words import t
from mingei.app.workers import busy

if TYPE_CHECKING:
    from mingei.app.actions import Actions
    from mingei.app.bench import Bench
    from mingei.app.desk import Desk
    from mingei.app.document import Document
    from mingei.app.drawer import ChecksDrawer
    from mingei.app.settings import Settings
    from mingei.app.stations import Station
    from mingei.app.stations.draft import DraftStation
    from mingei.core.check import Finding
    from mingei.core.document.build import Part

SIZE = QSize(1280, 800)
LEAST = QSize(940, 600)
START = "start"
#: Pauses in which stations are made ahead.
_QUIET_MS = 250
_AT_A_TIME = 25


def stops() -> tuple[Stop, ...]:
    """The stations in the order of the work."""
    return (
        Stop("brief", t("Brief"), "package-open", t("What must fit, how it is made, from what, how many")),
        Stop("draft", t("Draft"), "pencil-ruler", t("The flat and the folded thing, measure by measure")),
        Stop("sheets", t("Sheets"), "layout-grid", t("Pieces on real sheets, and out to paper")),
        Stop("score", t("Score and cut"), "scissors",
             t("Where the rule lies, what is scored from which face, what is cut first")),
        Stop("build", t("Build"), "blocks", t("Step by step, with glue, tape and holds")),
        Stop("log", t("Log"), "notebook-pen", t("What was made and what to change")),
    )


class Elided(QLabel):
    """A line of text that ends in … where it has no room."""

    def __init__(self) -> None:
        super().__init__()
        self.words = ""
        self.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)

    def show_words(self, words: str) -> None:
        if words == self.words:
            return
        self.words = words
        self.setToolTip(words)
        self.setAccessibleName(words)
        self._fit()

    def resizeEvent(self, event: QResizeEvent) -> None:
        self._fit()

    def _fit(self) -> None:
        self.setText(QFontMetrics(self.font()).elidedText(self.words, Qt.TextElideMode.ElideRight,
                                                          self.width()))


#: What may be dropped besides projects.
_MESHES = (".obj", ".stl", ".ply", ".off", ".glb", ".gltf")
_PICTURES = (".png", ".jpg", ".jpeg")


class Window(QMainWindow):
    """painted: the first picture is on the screen; ready: a project can be worked on."""

    painted = Signal()
    ready = Signal()

    def __init__(self, settings: Settings, state: Path) -> None:
        super().__init__()
        self.settings = settings
        self.state = state
        self.bench: Bench | None = None
        self.setMinimumSize(LEAST)
        self.resize(SIZE)
        geometry = settings.text("geometry")
        if geometry:
            self.restoreGeometry(QByteArray.fromHex(geometry.encode()))
        self.setWindowTitle("Mingei")
        self.setAcceptDrops(True)
        self.stations: dict[str, Station] = {}
        self.station = ""
        self.head_buttons: list[QToolButton] = []
        self._painted = False
        self._undressed: list[QWidget] = []
        self._faded: set[str] = set()
        self._fading: list[QWidget] = []  # what is not seen and still to be dressed
        self._counted: tuple[str, theme.Tokens] | None = None
        holder = QWidget()
        column = QVBoxLayout(holder)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(0)
        head = QWidget()
        self.head = QHBoxLayout(head)
        self.head.setContentsMargins(14, 2, 10, 0)
        self.head.setSpacing(4)
        names = QVBoxLayout()
        names.setSpacing(0)
        self.title, self.subtitle = Elided(), Elided()
        self.title.setObjectName("projectTitle")
        self.subtitle.setObjectName("quiet")
        self.title.show_words("Mingei")
        names.addWidget(self.title)
        names.addWidget(self.subtitle)
        self.head.addLayout(names, 1)
        self.rail = Rail(stops())
        self.rail.setEnabled(False)
        self.head.addWidget(self.rail)
        column.addWidget(head)
        row = QHBoxLayout()
        row.setSpacing(0)
        self.stack = QStackedWidget()
        row.addWidget(self.stack, 1)
        self.beside = row
        column.addLayout(row, 1)
        self.setCentralWidget(holder)
        self.statusBar().setSizeGripEnabled(False)
        self.told = Elided()
        self.told.setObjectName("quiet")
        self.told.setIndent(10)
        self.statusBar().addWidget(self.told, 1)
        self.actions_: Actions
        self.document: Document
        self.desk: Desk
        self.drawer: ChecksDrawer

    def paintEvent(self, event: QPaintEvent) -> None:
        super().paintEvent(event)
        if not self._painted:
            self._painted = True
            QTimer.singleShot(0, self.painted.emit)

    # -- filling it, once it is on the screen ----------------------------------------------------------------

    def fill(self, document: Document) -> None:
        """Put the document, its stations and the menus into the window."""
        from mingei.app.cards import tool
        from mingei.app.desk import Desk
        from mingei.app.drawer import ChecksDrawer
        from mingei.app.menus import make_menus
        from mingei.app.tidying import Tidying

        self.document = document
        self.desk = Desk(document, self.settings, self.state, self)
        self.desk.said.connect(self.say)
        self.desk.shown.connect(self._shown)
        self.actions_ = make_menus(self)
        for name, icon in (("undo", "undo-2"), ("redo", "redo-2"), ("find", "search"),
                           ("checks", "list-checks")):
            button = tool(icon, self.actions_[name].text().replace("&", ""))
            button.setDefaultAction(self.actions_[name])
            self.actions_[name].setIcon(theme.icon(icon))
            button.setProperty("action_icon", icon)
            button.setFocusPolicy(Qt.FocusPolicy.TabFocus)
            self.head.addWidget(button)
            self.head_buttons.append(button)
            if name == "checks":
                self.checks_button = button
        self.drawer = ChecksDrawer(document)
        self.drawer.hide()
        self.beside.addWidget(self.drawer)
        self.drawer.gone_to.connect(self._go_to)
        self.drawer.closed.connect(lambda: self.actions_["checks"].setChecked(False))
        self.drawer.counted.connect(self._count)
        self.rail.chosen.connect(self.go)
        self.ready.connect(Tidying(document, self).begin)
        document.moved.connect(self._name)
        document.changed.connect(self._name)
        document.selected.connect(self._selected)
        QGuiApplication.styleHints().colorSchemeChanged.connect(lambda _: self.follow_light())
        self._tab_order()
        self._quiet = QTimer(self)
        self._quiet.setInterval(_QUIET_MS)
        self._quiet.timeout.connect(self._prepare)
        self._quiet.start()

    def _prepare(self) -> None:
        """While nothing else goes on, make the stations not visited yet and dress them, a little at a time,
        so that going there is instant.
        """
        if busy():
            return  # each would hold up the other
        waiting = [key for key in ("draft", "brief", "sheets", "score") if key not in self.stations]
        if self._undressed:
            for widget in self._undressed[:_AT_A_TIME]:
                if isValid(widget):  # another construction takes fields away
                    widget.ensurePolished()
            del self._undressed[:_AT_A_TIME]
        elif waiting:
            self._undressed = self.station_of(waiting[0]).findChildren(QWidget)
        else:
            self._quiet.stop()

    def _tab_order(self) -> None:
        """Reading order: the rail, then the buttons at its right, then the station."""
        for a, b in pairwise([*self.rail.buttons.values(), *self.head_buttons]):
            QWidget.setTabOrder(a, b)

    def _add_station(self, key: str, station: Station) -> Station:
        self.stations[key] = station
        self.stack.addWidget(station)
        station.wanted.connect(lambda name: self.actions_[name].trigger())
        station.told.connect(self.told.show_words)
        return station

    def station_of(self, key: str) -> Station:
        """A station, made when it is first visited."""
        return self.stations.get(key) or self._add_station(key, self._make(key))

    def _make(self, key: str) -> Station:
        def brief() -> Station:
            from mingei.app.stations.brief import BriefStation

            return BriefStation(self.document)

        def draft() -> Station:
            from mingei.app.stations.draft import DraftStation

            return DraftStation(self.document, self.settings)

        def sheets() -> Station:
            # pages that bear artwork want it, and a station is made in a pause
            import mingei.app.prints  # noqa: F401
            from mingei.app.stations.sheets import SheetsStation

            return SheetsStation(self.document)

        def score() -> Station:
            from mingei.app.stations.score import ScoreStation

            return ScoreStation(self.document)

        def at_table() -> Station:
            from mingei.app.stations.build import BuildStation

            return BuildStation(self.document, self._bench())

        def notebook() -> Station:
            from mingei.app.stations.log import LogStation

            log = LogStation(self.document, self._bench(), self._log_folder)
            log.opened.connect(self.desk.open_text)
            log.measured.connect(self.desk.offer_anew)
            return log

        def start() -> Station:
            from mingei.app.stations.start import StartPage

            page = StartPage(self.document, self.settings)
            page.begun.connect(self._begin)
            page.opened.connect(self.desk.open_file)
            return page

        makers: dict[str, Callable[[], Station]] = {
            START: start,
            "brief": brief,
            "draft": draft,
            "sheets": sheets,
            "score": score,
            "build": at_table,
            "log": notebook,
        }
        return makers[key]()

    def _bench(self) -> Bench:
        """How far the work at the table is, made when first asked for."""
        from mingei.app.bench import Bench

        if self.bench is None:
            self.bench = Bench(self.document, self.state / "bench", self)
        return self.bench

    def _log_folder(self) -> Path:
        """Where the logbook is: the demo's own, filled with what its shop wrote down, or the person's."""
        if not self.desk.on_demo:
            return self.settings.data / "log"
        from mingei.assets import demo_log
        from mingei.formats.logbook import Logbook

        at = self.state / "demo-log"
        if not at.exists():
            book = Logbook(at)
            book.import_from(demo_log(), "demo")
            book.close()
        return at

    def draft(self) -> DraftStation:
        """The Draft station."""
        from mingei.app.stations.draft import DraftStation

        station = self.station_of("draft")
        assert isinstance(station, DraftStation)
        return station

    # -- moving about ----------------------------------------------------------------------------------------

    def go(self, key: str) -> None:
        """Show a station, or the start page."""
        station = self.station_of(key)
        if key in self._faded:
            self._faded.discard(key)
            theme.dress_again([station, *station.findChildren(QWidget)])
            station.retint()
        self.station = key
        if key != START:
            self.rail.setEnabled(True)
        self.stack.setCurrentWidget(station)
        self.told.show_words("")
        self._name()
        self.rail.show_station("" if key == START else key)
        if key != START:
            self.settings.put("station", key)
        station.enter()

    def _begin(self, recipe_id: str) -> None:
        self.desk.new(recipe_id)

    def _shown(self) -> None:
        """A project was put on the bench: to the station where its work goes on."""
        key = self.settings.text("station", "draft") if self.document.path else "draft"
        self.go(key if key in self.rail.buttons else "draft")
        self._name()
        self.drawer.refresh()
        self.ready.emit()
        self.desk.offer_anew()

    def _go_to(self, number: int, finding: Finding) -> None:
        """To the place of a finding."""
        from mingei.core.document.build import NOTHING

        self.document.look_at(number)
        if finding.fix is not None and finding.fix.sheet is not None:
            self.go("sheets")
        else:
            self.go("draft")
            self.document.select(finding.part)
            if finding.part != NOTHING:
                self.draft().flat.setFocus()

    def _selected(self, part: Part) -> None:
        """A seam or panel was chosen elsewhere: Draft is where it shows."""
        self.actions_["fit-selection"].setEnabled(bool(part.panel))

    def _count(self, found: list[Finding]) -> None:
        """Mark the stations where something wants attention."""
        from mingei.core.check import Severity

        errors, looks = (sum(f.severity is s for f in found) for s in (Severity.ERROR, Severity.LOOK))
        mark = "brick" if errors else "ochre" if looks else ""
        words = (t("{errors} will not work, {looks} to look at again", errors=errors, looks=looks) if mark
                 else "")
        self.rail.mark("draft", mark, words)
        sheet = any(f.code == "sheet-small" for f in found)
        self.rail.mark("sheets", "brick" if sheet else "", t("a piece is too large for the sheet") if sheet
                       else "")
        name = t("Checks: {words}", words=words or t("all is well"))
        icon, tint = (("circle-x", "brick") if errors else ("triangle-alert", "ochre") if looks
                      else ("list-checks", "moss"))
        if (name, theme.tokens()) != self._counted:
            self._counted = (name, theme.tokens())
            self.checks_button.setAccessibleName(name)
            self.actions_["checks"].setIcon(theme.icon(icon, tint))

    def _name(self) -> None:
        document = self.document
        self.setWindowTitle(f"{document.name}[*] - Mingei")
        if self.isWindowModified() != document.dirty:  # told or not, every widget would hear of it
            self.setWindowModified(document.dirty)
        begun = self.rail.isEnabled()
        self.title.show_words((document.project.title or document.brief.name) if begun else "Mingei")
        self.subtitle.show_words(document.brief.name + (" · " + t("not saved yet") if document.dirty else "")
                                 if begun else
                                 t("for things of card"))

    # -- light and words -------------------------------------------------------------------------------------

    def follow_light(self) -> None:
        """Put the light in force that was chosen: the system's, day or lamp."""
        chosen = self.settings.text("light", "system")
        dark = theme.system_is_dark() if chosen == "system" else chosen == "lamp"
        if dark == (theme.tokens() is theme.LAMP):
            return
        app = QApplication.instance()
        assert isinstance(app, QApplication)
        theme.apply(app, dark)
        self._faded = set(self.stations) - {self.station}  # those out of sight wait until they are visited
        theme.dress_again(self._to_dress(seen=True))
        self._fading = self._to_dress(seen=False)
        QTimer.singleShot(0, self, self._dress_some)
        if self.station:
            self.station_of(self.station).retint()
        for button in self.rail.buttons.values():
            button.setIcon(theme.icon(button.stop.icon))
        for name, icon in (("undo", "undo-2"), ("redo", "redo-2"), ("find", "search")):
            self.actions_[name].setIcon(theme.icon(icon))
        self.drawer.retint()
        self.drawer.refresh()

    def _to_dress(self, seen: bool) -> list[QWidget]:
        """What is seen, or the rest, that wants to be dressed in the light in force; stations out of sight
        are dressed when visited."""
        away = [self.stations[key] for key in self._faded]
        return [w for w in [self, *self.findChildren(QWidget)]
                if w.isVisible() == seen and not any(s is w or s.isAncestorOf(w) for s in away)]

    def _dress_some(self) -> None:
        """Dress a little of what is not seen at each turn of the event loop."""
        theme.dress_again(w for w in self._fading[:_AT_A_TIME] if isValid(w))
        del self._fading[:_AT_A_TIME]
        if self._fading:
            QTimer.singleShot(0, self, self._dress_some)

    def change_light(self, chosen: str) -> None:
        """system, day or lamp."""
        self.settings.put("light", chosen)
        self.follow_light()

    def say(self, words: str) -> None:
        """A quiet word that goes away by itself."""
        self.statusBar().showMessage(words, 8000)

    # -- events ----------------------------------------------------------------------------------------------

    def closeEvent(self, event: QCloseEvent) -> None:
        if not hasattr(self, "desk"):
            event.accept()
        elif self.desk.may_leave():
            self.desk.leave()
            self.settings.put("geometry", bytes(self.saveGeometry().toHex().data()).decode())
            event.accept()
        else:
            event.ignore()

    def bring_in(self, path: Path | None = None) -> None:
        """Bring in a mesh from a file."""
        from mingei.app.meshes import MeshDialog  # it needs arrays, which are slow to load

        MeshDialog(self.document, path, self).open()

    def cut_out(self, paths: Sequence[Path] = ()) -> None:
        """Cut a figure out of a picture."""
        from mingei.app.cutouts import CutOutDialog  # it needs arrays, which are slow to load

        CutOutDialog(self.document, paths, self).open()

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if any(url.toLocalFile().lower().endswith((".mingei", ".mingei.zip", *_MESHES, *_PICTURES))
               for url in event.mimeData().urls()):
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        for url in event.mimeData().urls():
            if url.toLocalFile().lower().endswith((".mingei", ".mingei.zip")):
                self.desk.open_file(Path(url.toLocalFile()))
                return
            if url.toLocalFile().lower().endswith(_MESHES):
                self.bring_in(Path(url.toLocalFile()))
                return
            if url.toLocalFile().lower().endswith(_PICTURES):
                self.cut_out([Path(u.toLocalFile()) for u in event.mimeData().urls()])
                return
