"""The look: every colour, size, font and icon of the window, light and lamp-light."""

from __future__ import annotations

from dataclasses import dataclass, fields
from functools import cache

from PySide6.QtCore import QByteArray, QRectF, Qt
from PySide6.QtGui import QColor, QFont, QFontDatabase, QGuiApplication, QIcon, QPainter, QPalette, QPixmap
from PySide6.QtWidgets import QApplication

from mingei.assets import BOLD_FONT, FIGURE_FONT, TEXT_FONT, icon_svg


@dataclass(frozen=True)
class Tokens:
    """Colours by what they are for.

    moss: fits; ochre: look again; brick: will not work; printed, inside, rim: the faces of card in the folded view.
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
    ground="#EFE8DA", surface="#FAF7F0", raised="#FFFDF8", line="#D5CBB8", ink="#26241F", quiet="#625C50", indigo="#2E4A73",
    persimmon="#B54A22", moss="#4C6A2C", ochre="#8A5F0E", brick="#9C3324", wash="#DDE3EC", hover="#F6EFDF", grid="#F0EADC",
    printed="#F4EDDD", inside="#CDBFA2", rim="#A8977A",
    on_accent="#FFFDF8")
LAMP = Tokens(
    ground="#1E2024", surface="#282B30", raised="#30343A", line="#454A52", ink="#ECE6D8", quiet="#AEA798", indigo="#93B4E3",
    persimmon="#F09A68", moss="#A9C67C", ochre="#E2B95E", brick="#F29280", wash="#364459", hover="#373B41", grid="#2F3238",
    printed="#E4DCCA", inside="#A3967D", rim="#7D7260",
    on_accent="#1E2024")

#: The scale of text, in points at 96 dots an inch: small notes, text, headings.
SMALL, TEXT, HEADING = 9.0, 10.0, 14.0
#: Spaces between things, px.
GAP, WIDE_GAP = 8, 16
TEXT_FAMILY, FIGURE_FAMILY = "IBM Plex Sans", "IBM Plex Mono"


class _Now:
    """The tokens in force; one place, changed only by ``apply``."""

    tokens = LIGHT


def tokens() -> Tokens:
    """The colours in force."""
    return _Now.tokens


def colour(name: str) -> QColor:
    """One colour in force by its token's name."""
    return QColor(getattr(_Now.tokens, name))


@cache
def load_fonts() -> None:
    """Make the shipped fonts known to Qt."""
    for path in (TEXT_FONT, BOLD_FONT, FIGURE_FONT):
        QFontDatabase.addApplicationFont(str(path))


def text_font(size: float = TEXT, bold: bool = False) -> QFont:
    font = QFont(TEXT_FAMILY)
    font.setPointSizeF(size)
    if bold:
        font.setWeight(QFont.Weight.DemiBold)
    return font


def figure_font(size: float = TEXT) -> QFont:
    """Figures that stand in columns."""
    font = QFont(FIGURE_FAMILY)
    font.setPointSizeF(size)
    return font


def system_is_dark() -> bool:
    return QGuiApplication.styleHints().colorScheme() == Qt.ColorScheme.Dark


def apply(app: QApplication, dark: bool) -> None:
    """Dress the whole application; safe to call again when the light changes."""
    load_fonts()
    _Now.tokens = LAMP if dark else LIGHT
    _pixmap.cache_clear()
    c = _Now.tokens
    app.setStyle("Fusion")
    app.setFont(text_font())
    palette = QPalette()
    roles = QPalette.ColorRole
    for role, name in ((roles.Window, c.ground), (roles.Base, c.raised), (roles.AlternateBase, c.surface), (roles.Button, c.surface),
                       (roles.WindowText, c.ink), (roles.Text, c.ink), (roles.ButtonText, c.ink), (roles.Highlight, c.indigo),
                       (roles.HighlightedText, c.on_accent), (roles.ToolTipBase, c.raised), (roles.ToolTipText, c.ink),
                       (roles.PlaceholderText, c.quiet), (roles.Mid, c.line), (roles.Dark, c.line), (roles.Light, c.raised),
                       (roles.Link, c.indigo)):
        palette.setColor(role, QColor(name))
    for role in (roles.WindowText, roles.Text, roles.ButtonText):
        palette.setColor(QPalette.ColorGroup.Disabled, role, QColor(c.quiet))
    app.setPalette(palette)
    app.setStyleSheet(_STYLE.format(**{f.name: getattr(c, f.name) for f in fields(c)}, small=SMALL, heading=HEADING, figures=FIGURE_FAMILY))


_STYLE = """
QToolTip {{ background: {raised}; color: {ink}; border: 1px solid {line}; padding: 5px; }}
QMenuBar {{ background: {ground}; }}
QMenuBar::item {{ padding: 5px 9px; background: transparent; }}
QMenuBar::item:selected {{ background: {wash}; }}
QMenu {{ background: {raised}; border: 1px solid {line}; padding: 4px; }}
QMenu::item {{ padding: 5px 26px 5px 22px; }}
QMenu::item:selected {{ background: {wash}; color: {ink}; }}
QMenu::item:disabled {{ color: {quiet}; }}
QMenu::separator {{ height: 1px; background: {line}; margin: 4px 8px; }}
#card {{ background: {surface}; border: 1px solid {line}; border-radius: 5px; }}
#drawer {{ background: {surface}; border-left: 1px solid {line}; }}
#finding {{ background: {raised}; border: 1px solid {line}; border-radius: 4px; }}
#place {{ font-weight: 600; text-decoration: underline; padding: 1px 3px; }}
#projectTitle {{ font-size: 11pt; font-weight: 600; }}
#recipe {{ background: {raised}; border: 1px solid {line}; border-radius: 5px; padding: 6px; font-weight: 600; }}
#recipe:hover {{ border-color: {indigo}; }}
#recipe:checked {{ background: {wash}; border: 2px solid {indigo}; }}
#recipe:focus {{ border: 2px solid {persimmon}; }}
#title {{ font-size: {heading}pt; font-weight: 600; }}
#cardTitle {{ font-weight: 600; }}
#quiet, #other {{ color: {quiet}; font-size: {small}pt; }}
#reason {{ color: {brick}; font-size: {small}pt; }}
#figure {{ font-family: "{figures}"; }}
QLineEdit, QComboBox, QSpinBox, QPlainTextEdit {{ background: {raised}; border: 1px solid {line}; border-bottom: 2px solid {line};
    border-radius: 3px;
    padding: 3px 6px; selection-background-color: {indigo}; selection-color: {on_accent}; min-height: 20px; }}
QLineEdit:focus, QComboBox:focus, QSpinBox:focus, QPlainTextEdit:focus {{ border: 1px solid {indigo}; border-bottom: 2px solid {indigo}; }}
QLineEdit[refused="true"] {{ border: 1px solid {brick}; border-bottom: 2px solid {brick}; }}
QLineEdit#figure {{ font-family: "{figures}"; }}
QComboBox::drop-down, QSpinBox::up-button, QSpinBox::down-button {{ border: none; width: 24px; background: transparent; }}
QComboBox::down-arrow, QSpinBox::up-arrow, QSpinBox::down-arrow {{ image: none; }}
QComboBox QAbstractItemView {{ background: {raised}; border: 1px solid {line}; selection-background-color: {wash};
    selection-color: {ink}; }}
QPushButton {{ background: {raised}; border: 1px solid {line}; border-radius: 4px; padding: 5px 12px; min-height: 18px; }}
QPushButton:hover {{ border-color: {indigo}; }}
QPushButton:focus, QToolButton:focus {{ border: 2px solid {indigo}; }}
QPushButton:checked {{ background: {wash}; border: 1px solid {indigo}; }}
QPushButton:checked:focus {{ border: 2px solid {indigo}; }}
QPushButton:disabled {{ color: {quiet}; }}
QPushButton#main {{ background: {indigo}; color: {on_accent}; border-color: {indigo}; font-weight: 600; }}
QPushButton#main:disabled {{ background: {line}; color: {quiet}; border-color: {line}; }}
QToolButton {{ background: transparent; border: 2px solid transparent; border-radius: 4px; padding: 3px; }}
QToolButton:hover, QToolButton:checked {{ background: {wash}; }}
QToolButton::menu-indicator {{ image: none; }}
QToolButton#station {{ border-radius: 0; padding: 7px 10px 5px 8px; border: 2px solid transparent; border-bottom: 3px solid transparent; }}
QToolButton#station:checked {{ border-bottom: 3px solid {persimmon}; font-weight: 600; }}
QToolButton#station:focus {{ border: 2px solid {indigo}; border-bottom: 3px solid {indigo}; }}
QSlider::groove:horizontal {{ height: 4px; background: {line}; border-radius: 2px; }}
QSlider::sub-page:horizontal {{ background: {indigo}; border-radius: 2px; }}
QSlider::handle:horizontal {{ width: 14px; height: 14px; margin: -6px 0; border-radius: 8px; background: {indigo};
    border: 1px solid {surface}; }}
QSlider::handle:horizontal:focus {{ border: 2px solid {persimmon}; }}
QSplitter::handle {{ background: transparent; }}
QScrollArea, QScrollArea > QWidget > QWidget {{ background: transparent; border: none; }}
QScrollBar:vertical {{ width: 10px; background: transparent; }}
QScrollBar::handle:vertical {{ background: {line}; border-radius: 5px; min-height: 24px; }}
QScrollBar::add-line, QScrollBar::sub-line {{ height: 0; width: 0; }}
QStatusBar {{ background: {ground}; }}
QStatusBar::item {{ border: none; }}
QListWidget, QListView, QTreeWidget {{ background: {raised}; border: 1px solid {line}; border-radius: 3px; }}
QListWidget::item {{ padding: 5px 6px; }}
QListWidget:focus, QScrollArea:focus {{ border: 1px solid {indigo}; }}
QListWidget::item:selected, QListView::item:selected {{ background: {wash}; color: {ink}; }}
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
