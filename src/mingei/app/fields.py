"""The fields a measure is written into: one class for every length in the window, and one for choices."""

from __future__ import annotations

import re
from collections.abc import Callable, Mapping
from typing import TYPE_CHECKING, TypeAlias

from PySide6.QtCore import QEvent, QObject, QPointF, QRect, Qt, QTimer, Signal
from PySide6.QtGui import QKeyEvent, QPainter, QPaintEvent, QPen, QWheelEvent
from PySide6.QtWidgets import (
    QButtonGroup,
    QComboBox,
    QDoubleSpinBox,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QPushButton,
    QSizePolicy,
    QSlider,
    QSpinBox,
    QVBoxLayout,
    QWidget,
)

from mingei.app import theme
from mingei.app.readout import Readout
from mingei.app.words import capital, t
from mingei.core.errors import MingeiError
from mingei.core.length import (
    MM_PER_INCH,
    parse,
    typeset,
    write,
    write_inches,
    write_mm,
    write_real,
)
from mingei.core.recipes import Measure
from mingei.core.words import placed

#: One press of an arrow key, mm: the natural step of each unit.
STEP_MM = {"mm": 0.5, "in": MM_PER_INCH / 16}


#: So long (ms) after the last key what was written is judged, if the field is not left before.
REST_MS = 800

#: What would do instead of what was refused: what the button says, and what it does.
Offer: TypeAlias = tuple[str, Callable[[], object]]


class Refusal(QWidget):
    """Why something cannot be, and a button that does what would do instead, where that is known; hidden
    until there is a reason."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.words = QLabel()
        self.words.setObjectName("reason")
        self.words.setWordWrap(True)
        self.press = QPushButton()
        self.press.clicked.connect(self._take)
        self._offer: Offer | None = None
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(4)
        column.addWidget(self.words)
        column.addWidget(self.press)
        self.clear()

    def say(self, error: MingeiError, offer: Offer | None = None) -> None:
        self.words.setText(capital(placed("", error.sentence, error.remedy)))
        self._offer = offer
        if offer is not None:
            self.press.setText(offer[0])
            self.press.setAccessibleDescription(self.words.text())
        for widget in (self, self.words):
            widget.show()
        self.press.setVisible(offer is not None)

    def clear(self) -> None:
        for widget in (self, self.words, self.press):
            widget.hide()
        self._offer = None

    def _take(self) -> None:
        if self._offer is not None:
            self._offer[1]()


class LengthField(QWidget):
    """A label, the length as written, the same in the other unit, and beneath it the reason when it is
    refused.

    edited: a length (mm) the person wrote or nudged to; the owner answers by ``show_value`` or ``refuse``.
    What is refused while it is being written is only said once the hand rests, or leaves the field: half a
    number is no mistake.
    """

    edited = Signal(float)

    def __init__(self, label: str, hint: str, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.unit = "mm"
        self.value = 0.0
        self._typing = False  # a key was pressed just now
        self._refused: tuple[MingeiError, Offer | None] | None = None  # to be said when the hand rests
        self._rest = QTimer(self)
        self._rest.setSingleShot(True)
        self._rest.setInterval(REST_MS)
        self._rest.timeout.connect(self.judge)
        self._shown: tuple[float, str] | None = None  # what stands there, as far as nobody wrote since
        self.names: Callable[[], Mapping[str, float]] = dict
        self.times = 1.0  # of a model the real thing is so many times larger
        self.label = QLabel(label)
        self.line = QLineEdit()
        self.line.setObjectName("figure")
        self.line.setAccessibleName(label)
        self.line.setToolTip(hint)
        self.line.setMaxLength(200)
        self.label.setBuddy(self.line)
        self.label.setToolTip(hint)
        self.other = Readout(t("In the other unit"), theme.text_font(theme.FRACTION), "quiet", 74)
        self.refusal = Refusal()
        self.reason = self.refusal.words
        grid = QGridLayout(self)
        grid.setContentsMargins(0, 0, 0, 0)
        grid.setHorizontalSpacing(8)
        grid.setVerticalSpacing(1)
        grid.setColumnMinimumWidth(0, 84)
        grid.setColumnStretch(1, 1)
        grid.addWidget(self.label, 0, 0)
        grid.addWidget(self.line, 0, 1)
        grid.addWidget(self.other, 0, 2)
        grid.addWidget(self.refusal, 1, 0, 1, 3)
        self.line.textEdited.connect(self._typed)
        self.line.editingFinished.connect(self._settle)
        self.line.installEventFilter(self)
        self.setFocusProxy(self.line)

    # -- shown -----------------------------------------------------------------------------------------------

    def bare(self) -> None:
        """Without its label, which stands elsewhere."""
        self.label.hide()
        grid = self.layout()
        assert isinstance(grid, QGridLayout)
        grid.setColumnMinimumWidth(0, 0)

    def show_value(self, mm: float) -> None:
        """The length in force; what is being written stays as it is while it means the same."""
        if (mm, self.unit) == self._shown and self.reason.isHidden() and not self.line.hasFocus():
            return  # of many fields one changes
        self._shown = (mm, self.unit)
        self.value = mm
        self._show_other(mm)
        self._clear_reason()
        if not ((self._typing or self.line.hasFocus()) and self._means(mm)):
            self.line.setText(write(mm, self.unit))

    def set_unit(self, unit: str) -> None:
        self.unit = unit
        self.line.setText(write(self.value, unit))
        self._show_other(self.value)

    def set_times(self, times: float) -> None:
        """Show the real size of a model beside it, instead of the other unit; "real" behind what is written
        makes it that."""
        self.times = times
        self._show_other(self.value)

    def refuse(self, error: MingeiError, offer: Offer | None = None) -> None:
        """Say why what was written cannot be, and offer what would do; the last good length stays in
        force."""
        if self._typing:
            self._refused = error, offer
            return
        self._refused = None
        self.refusal.say(error, offer)
        self._mark(True)
        self.line.setAccessibleDescription(self.reason.text())

    def judge(self) -> None:
        """Say now why what was written cannot be, where it cannot."""
        self._rest.stop()
        if self._refused is not None:
            self.refuse(*self._refused)

    def _clear_reason(self) -> None:
        self._refused = None
        self.refusal.clear()
        self._mark(False)
        self.line.setAccessibleDescription(write_mm(self.value) if self.unit == "in"
                                           else write_inches(self.value))

    def _mark(self, refused: bool) -> None:
        if bool(self.line.property("refused")) != refused:
            self.line.setProperty("refused", refused)
            self.line.style().polish(self.line)

    def _show_other(self, mm: float) -> None:
        if self.times != 1.0:
            self.other.show_text(write_real(mm * self.times, self.unit))
        else:
            self.other.show_text(write_mm(mm) if self.unit == "in" else typeset(write_inches(mm)))

    # -- written ---------------------------------------------------------------------------------------------

    def _read(self, text: str) -> float:
        """What is written, mm; of a model a real size where "real" stands behind it.  Raises LengthError."""
        real = re.search(rf"\s+({re.escape(t('real'))}|real)\s*$", text, re.IGNORECASE)
        if real is not None and self.times != 1.0:
            text = f"{text[:real.start()]} 1:{self.times:g}"
        return parse(text, self.unit, self.names())

    def _means(self, mm: float) -> bool:
        try:
            return abs(self._read(self.line.text()) - mm) < 1e-9
        except MingeiError:
            return False

    def _typed(self, text: str) -> None:
        self._shown = None
        self._typing, self._refused = True, None
        try:
            mm = self._read(text)
        except MingeiError as error:
            self.refuse(error)
        else:
            self._show_other(mm)
            self.edited.emit(mm)
        self._typing = False
        if self._refused is None:
            self._clear_reason()
        self._rest.start()

    def _settle(self) -> None:
        """Leaving the field: show the length in force, unless a refused one is still to be mended."""
        self.judge()
        if self.reason.isHidden():
            self.line.setText(write(self.value, self.unit))

    def nudge(self, steps: float) -> None:
        """Move by so many natural steps, onto the step's own grid."""
        step = STEP_MM[self.unit]
        self.edited.emit((round(self.value / step) + steps) * step)
        self.line.setText(write(self.value, self.unit))

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if (isinstance(event, QKeyEvent) and event.type() == QEvent.Type.ShortcutOverride
            and event.key() == Qt.Key.Key_Escape and not self.reason.isHidden()):
            event.accept()  # Escape puts the field right before it lays a tool down
            return True
        if isinstance(event, QKeyEvent) and event.type() == QEvent.Type.KeyPress:
            large = 10 if event.modifiers() & Qt.KeyboardModifier.ShiftModifier else 1
            if event.key() in (Qt.Key.Key_Up, Qt.Key.Key_Down):
                self.nudge(large if event.key() == Qt.Key.Key_Up else -large)
                return True
            if event.key() == Qt.Key.Key_Escape and not self.reason.isHidden():
                self.show_value(self.value)
                self.line.setText(write(self.value, self.unit))
                return True
        if isinstance(event, QWheelEvent) and event.type() == QEvent.Type.Wheel:
            if not self.line.hasFocus():
                event.ignore()
                return True
            self.nudge(1 if event.angleDelta().y() > 0 else -1)
            return True
        return super().eventFilter(watched, event)


def paint_chevron(widget: QWidget, name: str, middle: QPointF) -> None:
    """A small arrow on a control whose own is left out."""
    painter = QPainter(widget)
    theme.icon(name, "quiet", 14).paint(painter, QRect(round(middle.x()) - 7, round(middle.y()) - 7, 14, 14))


class StepSlider(QSlider):
    """A level slider whose ticks are the steps of something."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(Qt.Orientation.Horizontal, parent)
        self.steps = 1

    def show_steps(self, count: int) -> None:
        if self.steps == max(1, count):
            return
        self.steps = max(1, count)
        self.setPageStep((self.maximum() - self.minimum()) // self.steps)
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setPen(QPen(theme.colour("quiet"), 1))
        handle = 14
        for number in range(self.steps + 1):
            x = handle / 2 + (self.width() - handle) * number / self.steps
            painter.drawLine(QPointF(x, self.height() / 2 + 6), QPointF(x, self.height() / 2 + 11))
        painter.end()
        super().paintEvent(event)


def refusal() -> QLabel:
    """Where it is said why something is refused; hidden until then."""
    label = QLabel()
    label.setObjectName("reason")
    label.setWordWrap(True)
    label.hide()
    return label


if TYPE_CHECKING:
    _Mixed: TypeAlias = QWidget
else:  # what is mixed in before a widget of Qt's is none of its own: one object is made, not two
    _Mixed = object


class _Quiet(_Mixed):
    """What the wheel changes only while it has the focus, so that scrolling past changes nothing."""

    def wheelEvent(self, event: QWheelEvent) -> None:
        if self.hasFocus():
            super().wheelEvent(event)
        else:
            event.ignore()


class QuietCombo(_Quiet, QComboBox):
    """A list of choices."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def paintEvent(self, event: QPaintEvent) -> None:
        super().paintEvent(event)
        paint_chevron(self, "chevron-down", QPointF(self.width() - 13, self.height() / 2))


def _dress(field: QSpinBox | QDoubleSpinBox, name: str) -> None:
    """Say what it is to a screen reader, and make room for the number."""
    field.setAccessibleName(name)
    field.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
    field.lineEdit().setTextMargins(6, 0, 0, 0)


class _Spun(_Quiet):
    """A number with arrows of ours."""

    def paintEvent(self, event: QPaintEvent) -> None:
        super().paintEvent(event)
        paint_chevron(self, "chevron-up", QPointF(self.width() - 13, self.height() * 0.3))
        paint_chevron(self, "chevron-down", QPointF(self.width() - 13, self.height() * 0.7))


class CountField(_Spun, QSpinBox):
    """A whole number."""

    def __init__(self, least: int, most: int, name: str, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setRange(least, most)
        _dress(self, name)


class ScaleField(_Spun, QDoubleSpinBox):
    """How many times larger the real thing is, as 1:12 or 1:43.5; at 1 it is life size."""

    def __init__(self, most: float, name: str, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setRange(1.0, most)
        self.setDecimals(3)
        self.setPrefix("1:")
        self.setSpecialValueText(t("life size"))
        _dress(self, name)

    def textFromValue(self, value: float) -> str:
        return self.locale().toString(value, "g", 7)


#: More choices than this stand in a list instead of side by side.
_SIDE_BY_SIDE = 3


class ChoiceField(QWidget):
    """A label and a few choices side by side, one of them down; many stand in a list."""

    chosen = Signal(str)

    def __init__(self, measure: Measure, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(1)
        self.refusal = Refusal()
        row = QHBoxLayout()
        row.setSpacing(6)
        column.addLayout(row)
        column.addWidget(self.refusal)
        label = QLabel(t(measure.title))
        label.setMinimumWidth(84)
        label.setToolTip(t(measure.doc))
        row.addWidget(label)
        self.group = QButtonGroup(self)
        self.buttons: dict[str, QPushButton] = {}
        self.box: QuietCombo | None = None
        self.value = str(measure.default)
        if len(measure.choices) > _SIDE_BY_SIDE:
            box = self.box = QuietCombo()
            box.setAccessibleName(t(measure.title))
            box.setToolTip(t(measure.doc))
            for value, words in measure.choices:
                box.addItem(t(words), value)
            box.activated.connect(lambda index: self.chosen.emit(str(box.itemData(index))))
            row.addWidget(box, 1)
            return
        for value, words in measure.choices:
            button = QPushButton(t(words))
            button.setCheckable(True)
            button.setToolTip(t(measure.doc))
            button.setAccessibleName(f"{t(measure.title)}: {t(words)}")
            button.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
            button.clicked.connect(lambda _, v=value: self.chosen.emit(v))
            self.group.addButton(button)
            self.buttons[value] = button
            row.addWidget(button)

    def refuse(self, error: MingeiError, offer: Offer | None = None) -> None:
        """Say why what was chosen cannot be, and offer what would do; the last good choice is shown again."""
        self.show_value(self.value)
        self.refusal.say(error, offer)

    def show_value(self, value: str) -> None:
        self.value = value
        self.refusal.clear()
        if self.box is not None:
            self.box.setCurrentIndex(self.box.findData(value))
        else:
            self.buttons[value].setChecked(True)
