"""The start page: begin something by its purpose, go on with something recent, or look at the demo."""

from __future__ import annotations

import time
from collections.abc import Iterator
from functools import cache

from PySide6.QtCore import QModelIndex, QObject, QSignalBlocker, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QIcon, QPixmap
from PySide6.QtWidgets import (
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QPushButton,
    QToolButton,
    QVBoxLayout,
    QWidget,
)
from shiboken6 import isValid

from mingei.app.cards import Card
from mingei.app.document import Document
from mingei.app.lists import Line, PlainList
from mingei.app.pictures import draw_ahead, picture_icon
from mingei.app.scroll import WordScroll
from mingei.app.settings import Settings
from mingei.app.stations import Station
from mingei.app.words import capital, counted, t
from mingei.core.document.build import Build, build
from mingei.core.document.project import new_brief
from mingei.core.recipes import FAMILIES, Recipe, found, recipes
from mingei.core.stock import find_stock

_PICTURE = QSize(190, 120)
#: So many recent projects are seen without scrolling.
_RECENT_SEEN = 8
#: Constructions side by side; the headings of their families, and of those used last.
_ABREAST, _USED = 3, "used"
_HEADINGS = {_USED: "Used last", "boxes": "Boxes and trays", "envelopes": "Envelopes, folders, pockets",
             "cards": "Cards and tags", "wraps": "Bags, pouches, wraps", "round": "Round work",
             "shapes": "Shapes", "solids": "Solids", "models": "Models"}
#: A name of more letters stands on two lines.
_LONG_NAME = 20
#: So long (s) a picture is worked at before the event loop has its turn.
_TURN_S = 0.006
#: Pictures on pages that do not show are worked at so seldom (ms) that nobody at work on another page
#: notices.
_SELDOM_MS = 250


class _Waiting(QObject):
    """Buttons whose pictures are to be drawn, a little at each turn of the event loop, so that what a person
    does comes between."""

    def __init__(self) -> None:
        super().__init__()
        self.buttons: list[RecipeButton] = []
        self.begun: tuple[RecipeButton, Iterator[None]] | None = None  # the one worked at
        self.timer = QTimer(self)
        self.timer.setSingleShot(True)
        self.timer.timeout.connect(self._next)

    def add(self, button: RecipeButton) -> None:
        if button not in self.buttons:
            self.buttons.append(button)
        if button.isVisible():
            self.timer.start(0)
        elif not self.timer.isActive():
            self.timer.start(_SELDOM_MS)

    def go_on(self) -> None:
        """At once when there is one to be seen, otherwise some time."""
        if self.showing():
            self.timer.start(0)
        elif self.buttons and not self.timer.isActive():
            self.timer.start(_SELDOM_MS)

    def showing(self) -> list[RecipeButton]:
        """Those a person looks at."""
        self.buttons = [b for b in self.buttons if isValid(b)]  # a window may be gone
        return [b for b in self.buttons if b.isVisible()]

    def _next(self) -> None:
        shown = self.showing()
        if self.buttons:
            button = (shown or self.buttons)[0]
            if self.begun is None or self.begun[0] is not button:
                self.begun = button, button.draw_ahead()
            until = time.perf_counter() + _TURN_S
            while time.perf_counter() < until:
                if next(self.begun[1], button) is button:
                    self.buttons.remove(button)
                    self.begun = None
                    button.draw()
                    break
        self.go_on()


@cache
def _waiting() -> _Waiting:
    return _Waiting()


def pictures_wait() -> bool:
    """Whether small pictures that show are still to be drawn."""
    return bool(_waiting().showing())


def _over_two_lines(words: str) -> str:
    """A long name broken at the space nearest its middle, so that no column of buttons grows wider than its
    pictures."""
    if len(words) <= _LONG_NAME:
        return words
    spaces = [i for i, letter in enumerate(words) if letter == " "]
    middle = min(spaces, key=lambda i: abs(i - len(words) / 2), default=-1)
    return words if middle < 0 else f"{words[:middle]}\n{words[middle + 1:]}"


class RecipeButton(QToolButton):
    """A construction by its picture and purpose."""

    def __init__(self, recipe: Recipe, parent: QWidget) -> None:
        super().__init__(parent)  # without one it would show as a window of its own before it is laid out
        self.setObjectName("recipe")
        self.recipe = recipe
        self.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextUnderIcon)
        self.setIconSize(_PICTURE)
        self.title = _over_two_lines(t(recipe.title))
        self.setText(self.title)
        self.setToolTip(capital(recipe.purpose) + ".")
        self.setAccessibleName(f"{t(recipe.title)}: {t(recipe.purpose)}")
        blank = QPixmap(_PICTURE)  # holds the place until there is time to draw
        blank.fill(Qt.GlobalColor.transparent)
        self.setIcon(QIcon(blank))
        self.offered: Build | None = None
        self.draw_soon()

    def offer(self, made: Build | None, note: str, usual_mm: float = 0.0) -> None:
        """Show it as it would be made for the thing in hand, with a word beneath; None: as it usually is.
        usual_mm: caliper asked for."""
        words = f"{self.title}\n{note}" if note else self.title
        if made is not self.offered or words != self.text():
            self.offered = made
            self.setText(words)
            self.draw_soon()
        hint = capital(self.recipe.purpose) + "."
        if made is not None and not self.recipe.thinnest - 1e-9 <= usual_mm <= self.recipe.thickest + 1e-9:
            hint += " " + t("In {stock}, since it is not made of the stock chosen.", stock=t(made.stock.name))
        self.setToolTip(hint)

    def draw_soon(self) -> None:
        """Draw it when the window has nothing else to do."""
        _waiting().add(self)

    def showEvent(self, event: object) -> None:
        _waiting().timer.start(0)

    def _made(self) -> Build:
        if self.offered is not None:
            return self.offered
        brief = new_brief(self.recipe.id)
        return build(brief, find_stock(brief.stock))

    def draw_ahead(self) -> Iterator[None]:
        """What its picture takes, in short steps."""
        made = self._made()
        yield
        yield from draw_ahead(made, _PICTURE.width(), _PICTURE.height())

    def draw(self) -> None:
        """Draw its picture in the colours in force."""
        self.setIcon(picture_icon(self._made(), _PICTURE.width(), _PICTURE.height()))


class FindField(QWidget):
    """A line to look for a construction by.  changed: other words; chosen: the first of what was found is
    wanted."""

    changed = Signal()
    chosen = Signal()

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(4)
        self.field = QLineEdit()
        self.field.setPlaceholderText(t("Find: lampshade, gift box, hexagon, book…"))
        self.field.setAccessibleName(t("Find a construction"))
        self.field.setToolTip(t("By its name, by what people call it, or by what it is for."))
        self.field.setClearButtonEnabled(True)
        self.field.setMaxLength(80)
        self.field.textChanged.connect(lambda _: self.changed.emit())
        self.field.returnPressed.connect(lambda: QTimer.singleShot(0, self, self.chosen.emit))
        self.none = QLabel(t("Nothing is known by these words: write fewer, or others."))
        self.none.setObjectName("quiet")
        self.none.hide()
        column.addWidget(self.field)
        column.addWidget(self.none)

    @property
    def words(self) -> str:
        return self.field.text().strip()

    def say(self, count: int) -> None:
        """How many were found."""
        self.none.setVisible(not count)
        self.field.setAccessibleDescription(counted("{count} construction", "{count} constructions", count))

    def clear(self) -> None:
        with QSignalBlocker(self.field):
            self.field.clear()


class StartPage(Station):
    """begun: a recipe's id; opened: a file; demo: the demo is wanted."""

    begun = Signal(str)
    opened = Signal(object)

    def __init__(self, document: Document, settings: Settings, parent: QWidget | None = None) -> None:
        super().__init__(document, parent)
        self.settings = settings
        row = QHBoxLayout(self)
        row.setContentsMargins(60, 28, 60, 28)
        row.setSpacing(28)
        scroll = WordScroll()
        left = scroll.column
        left.setContentsMargins(0, 0, 8, 0)
        heading = QLabel(t("What shall it be for?"))
        heading.setObjectName("title")
        words = QLabel(
            t("Choose a construction, write the size of the thing that goes in, and print. Thickness, tabs "
              "and score lines are "
              "worked out for you."))
        words.setWordWrap(True)
        left.addWidget(heading)
        left.addWidget(words)
        left.addSpacing(10)
        left.setAlignment(Qt.AlignmentFlag.AlignTop)
        self.finding = FindField()
        self.finding.changed.connect(self._arrange)
        self.finding.chosen.connect(self._begin_first)
        left.addWidget(self.finding)
        left.addSpacing(4)
        self.grid = QGridLayout()
        self.grid.setSpacing(12)
        self.recipes: dict[str, RecipeButton] = {}
        self.purposes: dict[str, QLabel] = {}
        for recipe in recipes().values():
            button = RecipeButton(recipe, self)
            button.clicked.connect(lambda _=False, recipe_id=recipe.id: self._begin(recipe_id))
            self.recipes[recipe.id] = button
            purpose = QLabel(capital(recipe.purpose) + ".", self)
            purpose.setObjectName("quiet")
            purpose.setWordWrap(True)
            purpose.setFixedWidth(_PICTURE.width() + 16)
            purpose.ensurePolished()  # its letters are small ones
            purpose.setMinimumHeight(purpose.heightForWidth(purpose.width()))
            self.purposes[recipe.id] = purpose
        self.headings: dict[str, QLabel] = {}
        for key in (_USED, *FAMILIES):
            label = self.headings[key] = QLabel(t(_HEADINGS[key]), self)
            label.setObjectName("section")
        self.grid.setColumnStretch(_ABREAST, 1)
        self._arrange()
        left.addLayout(self.grid)
        left.addStretch(1)
        row.addWidget(scroll, 3)
        right = QVBoxLayout()
        card = Card(t("Go on with"))
        self.recent = PlainList(t("Recent projects"))
        self.recent.activated.connect(self._open)
        self.recent.clicked.connect(self._open)
        self.none = QLabel(t("Nothing yet: what you save appears here."))
        self.none.setObjectName("quiet")
        self.none.setWordWrap(True)
        card.body.addWidget(self.none)
        card.body.addWidget(self.recent, 1)
        self.open_button = QPushButton(t("Open a project…"))
        self.open_button.clicked.connect(lambda: self.wanted.emit("open"))
        card.body.addWidget(self.open_button)
        right.addWidget(card)
        demo = Card(t("Look around first"))
        about = QLabel(
            t("The shop of the Tern Point field station: an invented project with everything in it ready to "
              "be changed."))
        about.setWordWrap(True)
        self.demo = QPushButton(t("Open the demo"))
        self.demo.clicked.connect(lambda: self.wanted.emit("demo"))
        demo.body.addWidget(about)
        demo.body.addWidget(self.demo)
        right.addWidget(demo)
        right.addStretch(1)
        row.addLayout(right, 2)

    def _sections(self) -> list[tuple[str, list[Recipe]]]:
        """What stands beneath which heading, "" for none: what was found; else what was used last, then
        families."""
        if self.finding.words:
            return [("", list(found(self.finding.words, t)))]
        used = [recipes()[name] for name in self.settings.used if name in recipes()]
        rest = [r for r in recipes().values() if r not in used]
        return [(_USED, used), *((family, [r for r in rest if r.family == family]) for family in FAMILIES)]

    def _arrange(self) -> None:
        """Lay out what was found, or all by families."""
        sections = [(key, some) for key, some in self._sections() if some]
        shown = {r.id for _, some in sections for r in some}
        for widget in (*self.recipes.values(), *self.purposes.values(), *self.headings.values()):
            self.grid.removeWidget(widget)
        row = 0
        for key, some in sections:
            if key:
                self.grid.addWidget(self.headings[key], row, 0, 1, _ABREAST)
                row += 1
            for number, recipe in enumerate(some):
                button = self.recipes[recipe.id]
                self.grid.addWidget(button, row + 2 * (number // _ABREAST), number % _ABREAST)
                self.grid.addWidget(self.purposes[recipe.id], row + 2 * (number // _ABREAST) + 1,
                                    number % _ABREAST, Qt.AlignmentFlag.AlignTop)
            row += 2 * -(-len(some) // _ABREAST)
        for name in self.recipes:
            self.recipes[name].setVisible(name in shown)
            self.purposes[name].setVisible(name in shown)
        for key, label in self.headings.items():
            label.setVisible(any(key == each for each, _ in sections))
        self.finding.say(len(shown))
        before: QWidget = self.finding.field
        for button in (self.recipes[r.id] for _, some in sections for r in some):
            if button.window() is before.window():  # the keyboard goes as the eye does
                QWidget.setTabOrder(before, button)
            before = button

    def _begin(self, recipe_id: str) -> None:
        self.settings.use(recipe_id)
        self.begun.emit(recipe_id)

    def _begin_first(self) -> None:
        """Begin what was found first."""
        first = next((r for _, some in self._sections() for r in some), None)
        if first is not None and self.finding.words:
            self._begin(first.id)

    def enter(self) -> None:
        self.finding.clear()
        self._arrange()
        paths = [p for p in self.settings.recent if p.exists()]
        tall = 2 * self.fontMetrics().lineSpacing() + 14
        self.recent.show_lines([Line(f"{path.stem}\n{path.parent}", path, str(path), tall) for path in paths])
        self.recent.setVisible(bool(paths))
        self.recent.setFixedHeight(min(len(paths), _RECENT_SEEN) * tall + 4)
        self.none.setVisible(not paths)
        self.finding.field.setFocus()

    def _open(self, index: QModelIndex) -> None:
        self.opened.emit(self.recent.lines[index.row()].data)

    def retint(self) -> None:
        super().retint()
        for button in self.recipes.values():
            button.draw_soon()
