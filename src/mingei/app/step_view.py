"""The picture of a step on the screen: turned by dragging or with the arrow keys, as a person wants it
kept."""

from __future__ import annotations

from PySide6.QtCore import QEvent, QLineF, QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen, QPixmap, QPolygonF
from PySide6.QtWidgets import QApplication, QSizePolicy, QWidget

from mingei.app import theme
from mingei.core.plan.picture import Picture, Tint
from mingei.core.plane.shape import Point
from mingei.formats.step_svg import ARROW, EDGE, HATCH, HEAVY, INK, head_of, shaded

#: A pixel of dragging turns by so many degrees; an arrow key by so many.
_TURN_DEG, _KEY_DEG = 0.4, 15.0
_FACES = {Tint.PRINTED: "printed", Tint.INSIDE: "inside", Tint.RIM: "rim"}
#: A small picture is so wide and so high, px.
STRIP_WIDE, _STRIP_HIGH = 118, 84
#: In a picture lower than this, px, hatching would only be black.
_HATCHED_PX = 120


def paint_picture(painter: QPainter, room: QRectF, picture: Picture) -> None:
    """Paint a picture as large as a room (px) allows, in its middle."""
    high = min(room.height(), room.width() / picture.width)
    left, top = room.center().x() - high * picture.width / 2, room.center().y() - high / 2

    def at(p: Point) -> QPointF:
        return QPointF(left + p[0] * high, top + (1 - p[1]) * high)

    hatch = dict(picture.hatch) if high >= _HATCHED_PX else {}
    ink, accent = QColor(INK), theme.colour("persimmon")
    for number, shape in enumerate(picture.shapes):
        fill = _fill(shape.tint, shape.shade)
        painter.setPen(QPen(fill, 1))  # covers the gap that rounding leaves between neighbours
        painter.setBrush(fill)
        corners = [at(p) for p in shape.points]
        painter.drawPolygon(QPolygonF(corners))
        if number in hatch:
            painter.setPen(QPen(ink, max(0.8, HATCH * high / 100)))
            painter.drawLines([QLineF(at(a), at(b)) for a, b in hatch[number]])
        if shape.sides:
            heavy = shape.tint in (Tint.NOW, Tint.NOW_INSIDE)
            painter.setPen(QPen(ink, max(0.7, (HEAVY if heavy else EDGE) * high / 100),
                                Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap))
            painter.drawLines([QLineF(corners[k], corners[(k + 1) % len(corners)]) for k in shape.sides])
    for arrow in picture.arrows:
        painter.setPen(QPen(accent, max(1.5, ARROW * high / 100)))
        painter.drawPolyline([at(p) for p in arrow])
        painter.setBrush(accent)
        painter.drawPolygon(QPolygonF([at(p) for p in head_of(arrow)]))


def _fill(tint: Tint, shade: float) -> QColor:
    if tint not in _FACES:
        return QColor.fromRgbF(*shaded(tint, shade))
    base, light = theme.colour(_FACES[tint]), 0.75 + 0.25 * shade
    return QColor.fromRgbF(base.redF() * light, base.greenF() * light, base.blueF() * light)


class StepView(QWidget):
    """One picture.  turned: by so many degrees across and up; wanted: the next step (1) or the one before
    (-1)."""

    turned = Signal(float, float)
    wanted = Signal(int)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.picture: Picture | None = None
        self._from: QPointF | None = None
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setMinimumSize(260, 200)
        self.setToolTip("")

    def show_picture(self, picture: Picture | None) -> None:
        self.picture = picture
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.fillRect(self.rect(), theme.colour("surface"))
        if self.picture is not None:
            paint_picture(painter, QRectF(self.rect()).adjusted(8, 8, -8, -8), self.picture)
        if self.hasFocus():
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.setPen(QPen(theme.colour("indigo"), 2))
            painter.drawRect(QRectF(self.rect()).adjusted(1, 1, -1, -1))
        painter.end()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._from = event.position()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._from is not None:
            moved = event.position() - self._from
            self._from = event.position()
            self.turned.emit(-moved.x() * _TURN_DEG, moved.y() * _TURN_DEG)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        self._from = None

    def keyPressEvent(self, event: QKeyEvent) -> None:
        key = Qt.Key(event.key())
        if event.modifiers() & Qt.KeyboardModifier.ShiftModifier:
            across = {Qt.Key.Key_Left: -_KEY_DEG, Qt.Key.Key_Right: _KEY_DEG}.get(key, 0.0)
            up = {Qt.Key.Key_Up: _KEY_DEG, Qt.Key.Key_Down: -_KEY_DEG}.get(key, 0.0)
            if across or up:
                self.turned.emit(across, up)
                return
        by = {Qt.Key.Key_Left: -1, Qt.Key.Key_Up: -1, Qt.Key.Key_PageUp: -1, Qt.Key.Key_Right: 1,
              Qt.Key.Key_Down: 1, Qt.Key.Key_PageDown: 1, Qt.Key.Key_Return: 1, Qt.Key.Key_Space: 1}.get(key)
        if by is None:
            super().keyPressEvent(event)
        else:
            self.wanted.emit(by)


class StepStrip(QWidget):
    """The steps as small pictures side by side; taken: the number of one, from 0; moved: one is dragged to
    another's place."""

    taken = Signal(int)
    moved = Signal(int, int)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.pictures: list[Picture | None] = []
        self.current = 0
        self.done: set[int] = set()
        self._small: dict[int, tuple[Picture, QPixmap]] = {}  # as painted, while they are shown
        self._pressed: QPointF | None = None
        self._lands: int | None = None  # where the one that is dragged would come to lie
        self.setFixedHeight(_STRIP_HIGH)
        self.setFocusPolicy(Qt.FocusPolicy.NoFocus)

    def show_steps(self, pictures: list[Picture | None], current: int, done: set[int]) -> None:
        self.pictures, self.current, self.done = pictures, current, done
        held = {id(p) for p in pictures}
        self._small = {key: kept for key, kept in self._small.items() if key in held}
        self.setMinimumWidth(STRIP_WIDE * max(1, len(pictures)))
        self.update()

    def changeEvent(self, event: QEvent) -> None:
        if event.type() == QEvent.Type.PaletteChange:
            self._small.clear()
        super().changeEvent(event)

    def _painted(self, picture: Picture, room: QRectF) -> QPixmap:
        """A small picture, painted once."""
        kept = self._small.get(id(picture))
        if kept is None or kept[0] is not picture or kept[1].devicePixelRatio() != self.devicePixelRatioF():
            share = self.devicePixelRatioF()
            image = QPixmap(round(room.width() * share), round(room.height() * share))
            image.setDevicePixelRatio(share)
            image.fill(Qt.GlobalColor.transparent)
            painter = QPainter(image)
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            paint_picture(painter, QRectF(0.0, 0.0, room.width(), room.height()), picture)
            painter.end()
            kept = self._small[id(picture)] = (picture, image)
        return kept[1]

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        first, last = (max(0, int(x // STRIP_WIDE)) for x in (event.rect().left(), event.rect().right()))
        for number in range(first, min(last + 1, len(self.pictures))):
            box = QRectF(number * STRIP_WIDE + 3, 3, STRIP_WIDE - 6, _STRIP_HIGH - 6)
            painter.setPen(QPen(theme.colour("indigo" if number == self.current else "line"),
                                2.4 if number == self.current else 1))
            painter.setBrush(theme.colour("surface"))
            painter.drawRoundedRect(box, 4, 4)
            picture = self.pictures[number]
            if picture is not None:
                room = box.adjusted(12, 6, -6, -6)
                painter.drawPixmap(room.topLeft(), self._painted(picture, room))
            painter.setPen(theme.colour("moss" if number in self.done else "quiet"))
            painter.drawText(box.adjusted(6, 3, 0, 0), Qt.AlignmentFlag.AlignTop | Qt.AlignmentFlag.AlignLeft,
                             f"{number + 1}{' ✓' if number in self.done else ''}")
        if self._lands is not None and self._pressed is not None:
            later = self._lands > self._number(self._pressed)
            x = (self._lands + later) * STRIP_WIDE
            painter.setPen(QPen(theme.colour("persimmon"), 4))
            painter.drawLine(QPointF(x, 2), QPointF(x, _STRIP_HIGH - 2))
        painter.end()

    def _number(self, at: QPointF) -> int:
        return max(0, min(int(at.x() // STRIP_WIDE), len(self.pictures) - 1))

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if 0 <= event.position().x() < STRIP_WIDE * len(self.pictures):
            self._pressed = event.position()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._pressed is None:
            return
        far = abs(event.position().x() - self._pressed.x()) >= QApplication.startDragDistance()
        here, from_ = self._number(event.position()), self._number(self._pressed)
        self._lands = here if (far or self._lands is not None) and here != from_ else None
        self.setCursor(Qt.CursorShape.ClosedHandCursor if far else Qt.CursorShape.ArrowCursor)
        self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        pressed, lands = self._pressed, self._lands
        self._pressed = self._lands = None
        self.unsetCursor()
        self.update()
        if pressed is None:
            return
        if lands is not None:
            self.moved.emit(self._number(pressed), lands)
        else:
            self.taken.emit(self._number(pressed))
