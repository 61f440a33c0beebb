"""The look: every colour, size, font and icon of the window, light and lamp-light."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, fields
from functools import cache
from typing import ClassVar

from PySide6.QtCore import QByteArray, QRectF, Qt
from PySide6.QtGui import QColor, QFont, QFontDatabase, QGuiApplication, QIcon, QPainter, QPalette, QPixmap
from PySide6.QtWidgets import QApplication, QWidget

from mingei.assets import BOLD_FONT, FIGURE_FONT, TEXT_FONT, icon_svg


@dataclass(frozen=True)
class Tokens:
    """Colours by what they are for.

    moss: fits; ochre: look again; brick: will not work; printed, inside, rim: the faces of card in the folded
    view.
    """

    ground: str
    surface: str
    raised: str
    line: str
    ink: str
    quiet: str
    indigo: str
    persimmon: str
    moss: str
    ochre: str
    brick: str
    wash: str
    hover: str
    grid: str
    printed: str
    inside: str
    rim: str
    on_accent: str


LIGHT = Tokens(
    ground="#EFE8DA", surface="#FAF7F0", raised="#FFFDF8", line="#D5CBB8", ink="#26241F", quiet="#625C50",
    indigo="#2E4A73",
    persimmon="#B54A22", moss="#4C6A2C", ochre="#8A5F0E", brick="#9C3324", wash="#DDE3EC", hover="#F6EFDF",
    grid="#F0EADC",
    printed="#F4EDDD", inside="#CDBFA2", rim="#A8977A",
    on_accent="#FFFDF8")
LAMP = Tokens(
    ground="#1E2024", surface="#282B30", raised="#30343A", line="#454A52", ink="#ECE6D8", quiet="#AEA798",
    indigo="#93B4E3",
    persimmon="#F09A68", moss="#A9C67C", ochre="#E2B95E", brick="#F29280", wash="#364459", hover="#373B41",
    grid="#2F3238",
    printed="#E4DCCA", inside="#A3967D", rim="#7D7260",
    on_accent="#1E2024")

#: The scale of text, in points at 96 dots an inch: small notes, text, lengths whose fractions must be read,
#: headings.
SMALL, TEXT, FRACTION, HEADING = 9.0, 10.0, 11.0, 14.0
#: Spaces between things, px.
GAP, WIDE_GAP = 8, 16
TEXT_FAMILY, FIGURE_FAMILY = "IBM Plex Sans", "IBM Plex Mono"


class _Now:
    """The tokens in force; one place, changed only by ``apply``."""

    tokens = LIGHT
    known: ClassVar[Tokens | None] = None  # those the colours were made from
    colours: ClassVar[dict[str, QColor]] = {}


def tokens() -> Tokens:
    """The colours in force."""
    return _Now.tokens


def colour(name: str) -> QColor:
    """One colour in force by its token's name."""
    if _Now.tokens is not _Now.known:  # asked for thousands of times between two changes of the light
        _Now.known, _Now.colours = (
            (_Now.tokens, {f.name: QColor(getattr(_Now.tokens, f.name)) for f in fields(_Now.tokens)}))
    return _Now.colours[name]


@cache
def load_fonts() -> None:
    """Make the shipped fonts known to Qt."""
    for path in (TEXT_FONT, BOLD_FONT, FIGURE_FONT):
        QFontDatabase.addApplicationFont(str(path))


@cache
def text_font(size: float = TEXT, bold: bool = False) -> QFont:
    font = QFont(TEXT_FAMILY)
    font.setPointSizeF(size)
    if bold:
        font.setWeight(QFont.Weight.DemiBold)
    return font


@cache
def figure_font(size: float = TEXT) -> QFont:
    """Figures that stand in columns."""
    font = QFont(FIGURE_FAMILY)
    font.setPointSizeF(size)
    return font


def system_is_dark() -> bool:
    return QGuiApplication.styleHints().colorScheme() == Qt.ColorScheme.Dark


#: What each colour is to the toolkit, so that the style sheet below can name it and a change of light is only
#: a change of palette.
_ROLES = {
    "ground": ("Window",), "surface": ("AlternateBase", "Button"), "raised": ("Base", "ToolTipBase", "Light"),
    "line": ("Mid", "Shadow"),
    "ink": ("WindowText", "Text", "ButtonText", "ToolTipText"), "quiet": ("Dark", "PlaceholderText"),
    "indigo": ("Highlight", "Link"),
    "on_accent": ("HighlightedText",), "wash": ("Midlight",), "persimmon": ("LinkVisited",),
    "brick": ("BrightText",),
}


def apply(app: QApplication, dark: bool) -> None:
    """Dress the whole application; called again when the light changes, its windows then have their widgets
    dressed again."""
    load_fonts()
    _Now.tokens = LAMP if dark else LIGHT
    _pixmap.cache_clear()
    palette = QPalette()
    for token, names in _ROLES.items():
        for name in names:
            palette.setColor(QPalette.ColorRole[name], colour(token))
    for name in ("WindowText", "Text", "ButtonText"):
        palette.setColor(QPalette.ColorGroup.Disabled, QPalette.ColorRole[name], colour("quiet"))
    app.setPalette(palette)
    if not app.styleSheet():
        app.setStyle("Fusion")
        app.setFont(text_font())
        app.setPalette(palette)
        app.setStyleSheet(_STYLE % {"small": SMALL, "fraction": FRACTION, "heading": HEADING,
                                    "figures": FIGURE_FAMILY})


def dress_again(widgets: Iterable[QWidget]) -> None:
    """Have widgets read the style sheet anew after a change of light: it names palette roles, but each widget
    keeps what it has read."""
    style = QApplication.style()
    for widget in widgets:
        style.unpolish(widget)
        style.polish(widget)
        widget.update()


_STYLE = """
QToolTip { background: palette(base); color: palette(window-text); border: 1px solid palette(mid);
    padding: 5px; }
QMenuBar { background: palette(window); }
QMenuBar::item { padding: 5px 9px; background: transparent; }
QMenuBar::item:selected { background: palette(midlight); }
QMenu { background: palette(base); border: 1px solid palette(mid); padding: 4px; }
QMenu::item { padding: 5px 26px 5px 22px; }
QMenu::item:selected { background: palette(midlight); color: palette(window-text); }
QMenu::item:disabled { color: palette(dark); }
QMenu::separator { height: 1px; background: palette(mid); margin: 4px 8px; }
#card { background: palette(alternate-base); border: 1px solid palette(mid); border-radius: 5px; }
#drawer { background: palette(alternate-base); border-left: 1px solid palette(mid); }
#finding { background: palette(base); border: 1px solid palette(mid); border-radius: 4px; }
#place { font-weight: 600; text-decoration: underline; padding: 1px 3px; }
#projectTitle { font-size: 11pt; font-weight: 600; }
#recipe { background: palette(base); border: 2px solid palette(mid); border-radius: 5px; padding: 6px;
    font-weight: 600; }
#recipe:hover { border-color: palette(highlight); }
#recipe:checked { background: palette(midlight); border: 2px solid palette(highlight); }
#recipe:focus { border: 2px solid palette(link-visited); }
#title { font-size: %(heading)gpt; font-weight: 600; }
#section { font-weight: 600; padding-top: 8px; }
#cardTitle { font-weight: 600; }
#quiet { color: palette(dark); font-size: %(small)gpt; }
#reason { color: palette(bright-text); font-size: %(small)gpt; }
#figure { font-family: "%(figures)s"; }
QLineEdit, QComboBox, QSpinBox, QDoubleSpinBox, QPlainTextEdit {
    background: palette(base); border: 1px solid palette(mid);
    border-bottom: 2px solid palette(mid); border-radius: 3px;
    padding: 3px 6px; selection-background-color: palette(highlight);
        selection-color: palette(highlighted-text); min-height: 20px; }
QLineEdit:focus, QComboBox:focus, QSpinBox:focus, QDoubleSpinBox:focus, QPlainTextEdit:focus {
    border: 1px solid palette(highlight); border-bottom: 2px solid palette(highlight); }
QLineEdit[refused="true"] { border: 1px solid palette(bright-text);
    border-bottom: 2px solid palette(bright-text); }
QLineEdit#figure { font-family: "%(figures)s"; }
QComboBox::drop-down, QSpinBox::up-button, QSpinBox::down-button, QDoubleSpinBox::up-button,
    QDoubleSpinBox::down-button { border: none; width: 24px; background: transparent; }
QComboBox::down-arrow, QSpinBox::up-arrow, QSpinBox::down-arrow, QDoubleSpinBox::up-arrow,
    QDoubleSpinBox::down-arrow { image: none; }
QComboBox QAbstractItemView { background: palette(base); border: 1px solid palette(mid);
    selection-background-color: palette(midlight);
    selection-color: palette(window-text); }
QPushButton { background: palette(base); border: 1px solid palette(mid); border-radius: 4px;
    padding: 5px 12px; min-height: 18px; }
QDialogButtonBox { dialogbuttonbox-buttons-have-icons: 0; }
QPushButton[big="true"] { min-height: 40px; }
QPushButton:hover { border-color: palette(highlight); }
QPushButton:focus, QToolButton:focus { border: 2px solid palette(highlight); }
QPushButton:checked { background: palette(midlight); border: 1px solid palette(highlight); }
QPushButton:checked:focus { border: 2px solid palette(highlight); }
QPushButton:disabled { color: palette(dark); }
QPushButton#main { background: palette(highlight); color: palette(highlighted-text);
    border-color: palette(highlight); font-weight: 600; }
QPushButton#main:disabled { background: palette(mid); color: palette(dark); border-color: palette(mid); }
QToolButton { background: transparent; border: 2px solid transparent; border-radius: 4px; padding: 3px; }
QToolButton:hover, QToolButton:checked { background: palette(midlight); }
QToolButton::menu-indicator { image: none; }
QToolButton#station { border-radius: 0; padding: 7px 10px 5px 8px; border: 2px solid transparent;
    border-bottom: 3px solid transparent; }
QToolButton#station:checked { border-bottom: 3px solid palette(link-visited); font-weight: 600; }
QToolButton#station:focus { border: 2px solid palette(highlight);
    border-bottom: 3px solid palette(highlight); }
QSlider::groove:horizontal { height: 4px; background: palette(mid); border-radius: 2px; }
QSlider::sub-page:horizontal { background: palette(highlight); border-radius: 2px; }
QSlider::handle:horizontal { width: 14px; height: 14px; margin: -6px 0; border-radius: 8px;
    background: palette(highlight);
    border: 1px solid palette(alternate-base); }
QSlider::handle:horizontal:focus { border: 2px solid palette(link-visited); }
QSplitter::handle { background: transparent; }
QScrollArea, QScrollArea > QWidget > QWidget { background: transparent; border: none; }
QScrollBar:vertical { width: 10px; background: transparent; }
QScrollBar::handle:vertical { background: palette(mid); border-radius: 5px; min-height: 24px; }
QScrollBar:horizontal { height: 10px; background: transparent; }
QScrollBar::handle:horizontal { background: palette(mid); border-radius: 5px; min-width: 24px; }
QScrollBar::add-line, QScrollBar::sub-line { height: 0; width: 0; }
QStatusBar { background: palette(window); }
QStatusBar::item { border: none; }
QListView, QTreeView { background: palette(base); border: 1px solid palette(mid);
    border-radius: 3px; }
PlainList::item { padding: 5px 6px; }
PlainList:focus, QScrollArea:focus { border: 1px solid palette(highlight); }
QListView::item:selected { background: palette(midlight);
    color: palette(window-text); }
"""


def icon(name: str, token: str = "ink", size: int = 20) -> QIcon:
    """A shipped icon in one of the colours in force."""
    return QIcon(_pixmap(name, getattr(_Now.tokens, token), size))


@cache
def _pixmap(name: str, tint: str, size: int) -> QPixmap:
    from PySide6.QtSvg import QSvgRenderer

    renderer = QSvgRenderer(QByteArray(icon_svg(name).replace("currentColor", tint).encode()))
    scale = 2  # sharp on dense screens too
    pixmap = QPixmap(size * scale, size * scale)
    pixmap.fill(Qt.GlobalColor.transparent)
    painter = QPainter(pixmap)
    renderer.render(painter, QRectF(0, 0, size * scale, size * scale))
    painter.end()
    pixmap.setDevicePixelRatio(scale)
    return pixmap
