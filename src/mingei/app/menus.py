"""The menus: every action of the window with its words, its keys and its reason."""

from __future__ import annotations

from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QTimer, QUrl, SignalInstance
from PySide6.QtGui import QAction, QActionGroup, QDesktopServices, QKeySequence
from PySide6.QtWidgets import QDialogButtonBox, QLabel, QMenu, QUndoView, QVBoxLayout

from mingei import __version__
from mingei.app import faults
from mingei.app.actions import Actions, Finder, each
from mingei.app.dialogs import Dialog
from mingei.app.language import NAMES
from mingei.app.lists import Cell, Cells
from mingei.app.stations import Station
from mingei.app.words import capital, t
from mingei.core.errors import MingeiError
from mingei.core.folded.sides import STANDARD_VIEWS
from mingei.core.recipes import recipes

if TYPE_CHECKING:
    from mingei.app.window import Window

Keys = QKeySequence.StandardKey
#: So long (ms) a change rests before the menus name it.
_NAMED_MS = 120


def make_menus(window: Window) -> Actions:
    """Fill the menu bar; returns the actions by name."""
    actions = Actions(window)
    bar = window.menuBar()
    _file(actions, bar.addMenu(t("&File")), window)
    _edit(actions, bar.addMenu(t("&Edit")), window)
    _view(actions, bar.addMenu(t("&View")), window)
    _go(actions, bar.addMenu(t("&Go")), window)
    _help(actions, bar.addMenu(t("&Help")), window)
    return actions


def _file(actions: Actions, menu: QMenu, window: Window) -> None:
    desk = window.desk
    new = menu.addMenu(t("&New"))
    for number, recipe in enumerate(recipes().values()):
        actions.add(new, f"new-{recipe.id}", t("New {title}", title=t(recipe.title).lower()),
                    partial(desk.new, recipe.id),
                    Keys.New if number == 0 else "", capital(recipe.purpose))
    actions.add(menu, "open", t("&Open…"), desk.open, Keys.Open)
    actions.add(menu, "bring-in", t("&Bring in a mesh…"), lambda: window.bring_in(), "",
                t("A body from a file, as a faceted model in pieces that fold up"))
    actions.add(menu, "cut-out", t("C&ut a figure out of a picture…"), lambda: window.cut_out(), "",
                t("A picture's outline, and what makes it stand: feet, a base, struts or an easel"))
    recent = menu.addMenu(t("Open &recent"))
    recent.aboutToShow.connect(lambda: _recent(recent, window))
    actions.add(menu, "demo", t("Open the &demo"), lambda: _demo(window), "",
                t("The shop of the Tern Point field station, invented for looking around"))
    actions.add(menu, "demo-models", t("Open the demo of &models"), lambda: _demo(window, True), "",
                t("A microscope, a roundabout and a lighthouse keeper, each of many things joined to "
                  "each other"))
    menu.addSeparator()
    actions.add(menu, "save", t("&Save"), desk.save, Keys.Save)
    actions.add(menu, "save-as", t("Save &as…"), desk.save_as, "Ctrl+Shift+S")
    menu.addSeparator()
    actions.add(menu, "print", t("&Print…"), desk.print, Keys.Print,
                t("Every sheet at actual size, whatever the printer would make of it"))
    actions.add(menu, "plans", t("Score and cutting p&lans…"), desk.save_plans, "",
                t("Where the rule lies and what is cut first, sheet by sheet, as pages to print"))
    actions.add(menu, "job", t("Save the machine's &job…"), lambda: _save_job(window), "",
                t("The sheet in hand on Score and cut as a file for the machine chosen there"))
    actions.add(menu, "make-sheet", t("&Make sheet…"), desk.save_make_sheet, "",
                t("What you need, and every step with its picture, as PDF or as a page for a browser"))
    actions.add(menu, "publish", t("P&ublish…"), lambda: _publish(window), "",
                t("The pack you hand out: sheets on A4 and Letter, drawings, make sheet, pictures, terms"))
    actions.add(menu, "cutting-list", t("&Cutting list…"), desk.save_cutting_list, "",
                t("Every piece by letter, with its size in mm and inches"))
    actions.add(menu, "export-some", t("Export some s&heets…"), desk.export_some, "",
                t("Only sheets of certain numbers, as PDF"))
    actions.add(menu, "export", t("&Export…"), desk.export, "Ctrl+E",
                t("PDF to print, SVG and DXF for machines, FOLD for other programs"))
    actions.add(menu, "picture-flat", t("Picture of the flat…"), lambda: save_picture(window, "flat"),
                "Ctrl+Shift+F",
                t("The flat view as PNG or SVG"))
    actions.add(menu, "picture-folded",
                t("Picture of the folded thing…"), lambda: save_picture(window, "folded"), "Ctrl+Shift+D",
                t("The folded view as PNG or SVG"))
    menu.addSeparator()
    actions.add(menu, "quit", t("&Quit"), window.close, Keys.Quit)


def _form(window: Window) -> None:
    from mingei.core.sizing.forming import form_for

    try:
        window.document.add_brief(form_for(window.document.build))
    except MingeiError as error:
        window.desk.complain(t("There is no forming block for it"), error)


def _publish(window: Window) -> None:
    from mingei.app.publish import PublishDialog

    PublishDialog(window.document, window.desk, window).open()


def _save_job(window: Window) -> None:
    from mingei.app.stations.score import ScoreStation

    window.go("score")
    station = window.station_of("score")
    if isinstance(station, ScoreStation):
        if station.job is not None:
            window.desk.save_job(station.job)
        elif not window.document.project.working.machine:
            station.way.machine_wanted.emit()  # the machines are there to choose from; save comes next


def _recent(menu: QMenu, window: Window) -> None:
    menu.clear()
    for path in window.settings.recent:
        action = QAction(path.name, menu)
        action.setToolTip(str(path))
        action.triggered.connect(lambda _=False, path=path: window.desk.open_file(path))
        menu.addAction(action)
    if menu.isEmpty():
        menu.addAction(t("Nothing yet")).setEnabled(False)


def _demo(window: Window, models: bool = False) -> None:
    from mingei.assets import demo_file, demo_models
    from mingei.formats import project_file

    window.desk.show_demo(project_file.load(demo_models() if models else demo_file()))


def _edit(actions: Actions, menu: QMenu, window: Window) -> None:
    document = window.document
    undo = document.undo
    for name, words, act, keys, enabled, told in (
        ("undo", t("Undo {change}"), undo.undo, Keys.Undo, undo.canUndoChanged, undo.undoTextChanged),
        ("redo", t("Redo {change}"), undo.redo, Keys.Redo, undo.canRedoChanged, undo.redoTextChanged),
    ):
        action = actions.add(menu, name, words.format(change="").strip(), act, keys)
        action.setEnabled(False)
        enabled.connect(action.setEnabled)
        _named_at_rest(action, words, told)
    actions.add(menu, "history", t("&History…"), lambda: _history(window), "Ctrl+H",
                t("Everything done since the project was opened; go back to any of it"))
    menu.addSeparator()
    actions.add(menu, "add", t("&Add a thing to the kit"), lambda: _kit(window, "add"), "Ctrl+Shift+N")
    actions.add(menu, "double", t("&Double this thing"), lambda: _kit(window, "double"), "Ctrl+D")
    actions.add(menu, "form-block", t("Add a &forming block for it"), lambda: _form(window), "",
                t("Plates of board as large as its inside, to fold and press its walls against"))
    actions.add(menu, "remove", t("&Take this thing out of the kit"), lambda: _kit(window, "remove"),
                "Ctrl+Shift+Delete")
    actions.add(menu, "next-thing",
                t("Next thing in the kit"), lambda: document.look_at(document.current + 1), "Ctrl+PgDown")
    actions.add(menu, "last-thing",
                t("Previous thing in the kit"), lambda: document.look_at(document.current - 1), "Ctrl+PgUp")
    actions.add(menu, "scale", t("&Scale…"), lambda: _scale(window), "Ctrl+Shift+K",
                t("The same thing at another size, drafted anew, so that thickness and tabs stay right"))
    menu.addSeparator()
    inches = actions.add(menu, "unit", t("Work in &inches"),
                         lambda: document.set_unit("mm" if document.project.unit == "in" else "in"), "Ctrl+I",
                         t("What a bare number means; the other unit always stands beside it"),
                         checkable=True)
    document.changed.connect(lambda: inches.setChecked(document.project.unit == "in"))
    document.changed.connect(lambda: window.settings.put("unit", document.project.unit))
    document.changed.connect(lambda: window.settings.put("sheet", document.project.sheet))


def _named_at_rest(action: QAction, words: str, told: SignalInstance) -> None:
    """Name an action by the change it would undo, once changes rest: menus and tool buttons take their time
    to follow."""
    said = ""
    soon = QTimer(action)
    soon.setSingleShot(True)
    soon.setInterval(_NAMED_MS)

    def name() -> None:
        action.setText(words.format(change=said).strip())
        action.setToolTip(action.text())

    def hear(change: str) -> None:
        nonlocal said
        said = change
        soon.start()

    soon.timeout.connect(name)
    told.connect(hear)


def _kit(window: Window, what: str) -> None:
    from mingei.core.document.project import new_brief

    document = window.document
    if what == "add":
        document.add_brief(new_brief(document.brief.recipe, stock=document.project.stock_of(document.brief)))
    elif what == "double":
        document.double_brief()
    else:
        document.remove_brief()


def _view(actions: Actions, menu: QMenu, window: Window) -> None:
    draft = window.draft
    actions.add(menu, "fit", t("Zoom to &fit"), lambda: _fit(window), "Ctrl+0")
    actions.add(menu, "fit-selection", t("Zoom to the &selected panel"), lambda: draft().flat.fit_selection(),
                "Ctrl+2").setEnabled(False)
    actions.add(menu, "actual", t("Zoom to &actual size"), lambda: draft().flat.zoom_actual(), "Ctrl+1",
                t("One millimetre on the drawing is one on this screen"))
    actions.add(menu, "density", t("&Measure this screen…"), lambda: _density(window), "",
                t("So that actual size is true on this screen"))
    actions.add(menu, "in", t("Zoom &in"), lambda: _zoom(window, 1.25), Keys.ZoomIn)
    actions.add(menu, "out", t("Zoom &out"), lambda: _zoom(window, 0.8), Keys.ZoomOut)
    menu.addSeparator()
    from mingei.app.stations.draft import LAYOUTS, layout_words

    for number, (key, _) in enumerate(LAYOUTS, 1):
        actions.add(menu, f"layout-{key}", layout_words(key), partial(_lay_out, window, key),
                    f"Ctrl+Shift+{number}")
    actions.add(menu, "layout-follow", t("The two views as the flat asks"), partial(_lay_out, window, ""),
                "Ctrl+Shift+0", t("A long flat lies above the folded thing, any other stands beside it"))
    printed = actions.add(menu, "printed",
                          t("As it is &printed"), lambda: draft().flat.show_printed(
                              actions["printed"].isChecked()),
                          "Ctrl+Shift+P", t("The flat in black at true weights, as the printer lays it down"),
                          checkable=True)
    printed.setChecked(False)
    menu.addSeparator()
    actions.add(menu, "measure", t("&Measure between points or faces"), lambda: _measure(window), "M",
                t("Touch two points of the flat, or two faces of the folded thing"))
    actions.add(menu, "lay-down", t("Lay the tool down, choose nothing"), lambda: _lay_down(window), "Esc")
    actions.add(menu, "cut-open", t("&Cut it open"), lambda: draft().cut.toggle(), "Ctrl+Shift+X",
                t("See the walls of the folded thing where it is cut"))
    actions.add(menu, "play", t("&Play the folding"),
                each(lambda: window.go("draft"), lambda: draft().toggle_play()), "Ctrl+Alt+P")
    look = menu.addMenu(t("&Look from"))
    for number, (name, _, _) in enumerate(STANDARD_VIEWS, 1):
        actions.add(look, f"look-{name}", t("Look from the {side}", side=t(name)),
                    partial(_look_from, window, name), f"Alt+Shift+{number}")
    menu.addSeparator()
    actions.add(menu, "checks", t("&Checks"), lambda: None, "F8",
                t("What a careful eye finds, with its remedy"), checkable=True).toggled.connect(
        lambda on: window.drawer.setVisible(on))
    actions.add(menu, "cabinet", t("Stock ca&binet"), lambda: _cabinet(window), "F7",
                t("Every stock there is, your own among them: measure, add, convert"))
    language = menu.addMenu(t("Lan&guage"))
    spoken = QActionGroup(language)
    for key, words in (("", t("Language as the system has it")), *NAMES.items()):
        action = actions.add(language, f"language-{key or 'system'}", words,
                             partial(_speak, window, key), "", t("Spoken from the next start on"),
                             checkable=True)
        action.setChecked(window.settings.text("language", "") == key)
        spoken.addAction(action)
    light = menu.addMenu(t("&Light"))
    group = QActionGroup(light)
    for key, words in (("system", t("Light as the system has it")), ("day", t("Day light")),
                       ("lamp", t("Lamp light"))):
        action = actions.add(light, f"light-{key}", words, partial(window.change_light, key), "Ctrl+L"
                             if key == "lamp" else "",
                             checkable=True)
        action.setChecked(window.settings.text("light", "system") == key)
        group.addAction(action)
    still = actions.add(menu, "still",
                        t("&Without motion"), lambda: window.settings.put("still",
                                                                          actions["still"].isChecked()), "",
                        t("Fold step by step instead of moving"), checkable=True)
    still.setChecked(window.settings.flag("still"))


def _speak(window: Window, language: str) -> None:
    window.settings.put("language", language)
    window.say(t("Spoken from the next start on"))


def _lay_out(window: Window, key: str) -> None:
    window.go("draft")
    window.draft().lay_out(key)


def _look_from(window: Window, side: str) -> None:
    window.go("draft")
    window.draft().space.look_from(side)


def _watch(window: Window) -> None:
    window.go("draft")
    window.document.fold(0.0)
    window.draft().toggle_play()


def _to_page(window: Window) -> None:
    from mingei.app.stations.sheets import SheetsStation

    window.go("sheets")
    station = window.station_of("sheets")
    assert isinstance(station, SheetsStation)
    station.finder.show()
    station.finder.page.setFocus()
    station.finder.page.selectAll()


def _fit(window: Window) -> None:
    from mingei.app.stations.sheets import SheetsStation

    station = window.station_of(window.station)
    if isinstance(station, SheetsStation):
        station.zoom(0.0)
    else:
        window.draft().flat.fit()
        window.draft().space.fit()


def _zoom(window: Window, factor: float) -> None:
    from mingei.app.stations.sheets import SheetsStation

    station: Station = window.station_of(window.station)
    if isinstance(station, SheetsStation):
        station.zoom(factor)
    elif window.draft().space.hasFocus():
        window.draft().space.zoom(factor)
    else:
        window.draft().flat.zoom(factor)


def _measure(window: Window) -> None:
    window.go("draft")
    window.document.measure(not window.document.measuring)


def _lay_down(window: Window) -> None:
    from mingei.core.document.build import NOTHING

    if window.document.measuring:
        window.document.measure(False)
    else:
        window.document.select(NOTHING)


def _go(actions: Actions, menu: QMenu, window: Window) -> None:
    for number, button in enumerate(window.rail.buttons.values(), 1):
        stop = button.stop
        actions.add(menu, f"go-{stop.key}", t("To {station}", station=stop.title),
                    partial(window.go, stop.key), f"Alt+{number}", stop.hint)
    menu.addSeparator()
    actions.add(menu, "watch", t("Watch it fold"), lambda: _watch(window), "",
                t("Fold it from flat to finished on the Draft station"))
    actions.add(menu, "to-page", t("To a &page…"), lambda: _to_page(window), "Ctrl+G",
                t("Bring a page of the Sheets station into view by its number"))
    actions.add(menu, "start-page", t("To the &start page"), lambda: window.go("start"), "Alt+Home")
    actions.add(menu, "find", t("&Find a command…"), lambda: Finder(actions, window).open(), "Ctrl+K",
                t("Type what you want to do"))


def _help(actions: Actions, menu: QMenu, window: Window) -> None:
    actions.add(menu, "keys", t("&Keys"), lambda: _keys(actions, window), "F1")
    log = QUrl.fromLocalFile(str(faults.log_file(window.state)))
    actions.add(menu, "log-file", t("Show the &log of faults"), lambda: QDesktopServices.openUrl(log), "",
                t("Where Mingei writes down what went wrong"))
    actions.add(menu, "about", t("&About Mingei"), lambda: _about(window), "")


def _dialog(window: Window, title: str, width: int, height: int) -> tuple[Dialog, QVBoxLayout]:
    dialog = Dialog(window)
    dialog.setWindowTitle(title)
    dialog.resize(width, height)
    return dialog, QVBoxLayout(dialog)


def _closing(dialog: Dialog, column: QVBoxLayout) -> None:
    buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Close)
    buttons.rejected.connect(dialog.reject)
    column.addWidget(buttons)
    dialog.open()


def _history(window: Window) -> None:
    dialog, column = _dialog(window, t("History"), 380, 460)
    words = QLabel(t("Choose a line to go back to it, or forward again."))
    words.setObjectName("quiet")
    view = QUndoView(window.document.undo)
    view.setEmptyLabel(t("as it was opened"))
    view.setAccessibleName(t("History"))
    column.addWidget(words)
    column.addWidget(view, 1)
    _closing(dialog, column)


def _keys(actions: Actions, window: Window) -> None:
    from PySide6.QtWidgets import QTreeView

    dialog, column = _dialog(window, t("Keys"), 520, 560)
    cells = Cells([t("What"), t("Keys")], dialog)
    tree = QTreeView()
    tree.setModel(cells)
    tree.setAccessibleName(t("Keys"))
    tree.setRootIsDecorated(False)
    rows = [(a.text().replace("&", ""), a.shortcut().toString(QKeySequence.SequenceFormat.NativeText))
            for a in actions.by_name.values()
            if not a.shortcut().isEmpty()]
    rows += [(t("In a length: one step more or less"), "↑ ↓"), (t("In a length: ten steps"), "Shift+↑ ↓"),
             (t("In a view: turn or pan"), "← → ↑ ↓"), (t("In a view: next or previous panel"), "[ ]"),
             (t("In the flat: pan by dragging"), t("Space"))]
    cells.show([[Cell(what), Cell(keys)] for what, keys in rows])
    tree.resizeColumnToContents(0)
    column.addWidget(tree, 1)
    _closing(dialog, column)


def _about(window: Window) -> None:
    dialog, column = _dialog(window, t("About Mingei"), 420, 200)
    words = QLabel(
        t("Mingei {version} drafts, scales and builds things of card.\n\nMIT licence. Type: IBM Plex, SIL "
          "Open Font Licence. "
          "Icons: Lucide, ISC licence.\n\nLog: {log}", version=__version__,
          log=faults.log_file(window.state)))
    words.setWordWrap(True)
    column.addWidget(words, 1)
    _closing(dialog, column)


def _scale(window: Window) -> None:
    from mingei.app.scaling import ScaleDialog

    window.go("draft")
    ScaleDialog(window.document, window).open()


def _cabinet(window: Window) -> None:
    from mingei.app.cabinet import CabinetDialog

    CabinetDialog(window.document, window.desk, window).open()


def _density(window: Window) -> None:
    from mingei.app.density import DensityDialog

    dialog = DensityDialog(window.settings, window)
    dialog.chosen.connect(lambda px_a_mm: setattr(window.draft().flat, "density", px_a_mm))
    dialog.open()


def save_picture(window: Window, which: str, path: Path | None = None) -> None:
    """Save the flat or the folded view as PNG or SVG, asking where when no path is given."""
    from mingei.app.view_pictures import picture_bytes

    path = path or window.desk.ask_picture(f"{window.document.brief.name} {which}".replace("/", "-"))
    if path is not None:
        data = picture_bytes(window.draft(), which, path.suffix.lower() == ".svg")
        if data is not None:
            window.desk.write(path, data)
