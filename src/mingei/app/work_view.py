"""The sheet as it lies on the bench: what is in hand heavy, with its distances along the edges; what is done
quiet, what comes next thin.  With its back up it is seen from there."""

from __future__ import annotations

from collections.abc import Sequence
from typing import NamedTuple

from PySide6.QtCore import QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QKeyEvent, QMouseEvent, QPainter, QPainterPath, QPaintEvent, QPen, QTransform
from PySide6.QtWidgets import QSizePolicy, QWidget

from mingei.app import theme
from mingei.app.figures import write
from mingei.app.tiles import add_path
from mingei.app.words import t
from mingei.core.layout.drawing import Ink
from mingei.core.plane.shape import Box, Path, Point

#: Space round the sheet for its distances, px; how long the marks at them are.
_ROUND_PX, _TICK_PX = 44, 7
#: The glass over a place: how wide it is, px, and how many px a mm are in it.
_GLASS_PX, _GLASS_SCALE = 150.0, 60.0
#: Weights of lines by what becomes of them, px.
_HEAVY, _THIN, _QUIET = 4.5, 1.4, 1.0


class Line(NamedTuple):
    """Something to do as it is drawn: its paths, the line of the rule, pricks, a label; group: lines of the
    group in hand are more to be seen than the others; hand: the part of the sheet that is in hand, mm, None
    for all of it."""

    paths: tuple[Path, ...]
    rule: tuple[Point, Point] | None = None
    dots: tuple[Point, ...] = ()
    label: str = ""
    group: str = ""
    hand: Box | None = None


class Pin(NamedTuple):
    """A fault, where it happens, mm."""

    at: Point
    words: str


class Close(NamedTuple):
    """A place seen through a glass: its middle, mm; what was drawn, and what is really cut, as points."""

    at: Point
    drawn: tuple[Path, ...]
    cut: tuple[tuple[Point, ...], ...]
    words: str


class WorkView(QWidget):
    """One sheet with its lines; picked: the number of a line that was pressed; stepped: by so many with the
    arrow keys."""

    picked = Signal(int)
    stepped = Signal(int)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setMinimumSize(240, 240)
        self.size_mm = (210.0, 297.0)
        self.unit = "mm"
        self.lines: tuple[Line, ...] = ()
        self.backs: tuple[bool, ...] = ()
        self.ground: tuple[tuple[Ink, Path], ...] = ()
        self.pins: tuple[Pin, ...] = ()
        self.glass: Close | None = None
        self.current = -1
        self._paths: list[QPainterPath] = []
        self._base = QPainterPath()

    def show_sheet(self, size_mm: tuple[float, float], ground: Sequence[tuple[Ink, Path]],
                   lines: Sequence[Line], backs: Sequence[bool], unit: str) -> None:
        """Another sheet: its outlines, its lines in their order, and which are made with its back up."""
        self.size_mm, self.unit = size_mm, unit
        self.lines, self.backs, self.ground = tuple(lines), tuple(backs), tuple(ground)
        self._base = QPainterPath()
        for _, path in ground:
            add_path(self._base, path)
        self._paths = []
        for line in lines:
            found = QPainterPath()
            for path in line.paths:
                add_path(found, path)
            self._paths.append(found)
        self.update()

    def take(self, number: int) -> None:
        self.current = number
        self.update()

    def show_pins(self, pins: Sequence[Pin]) -> None:
        self.pins = tuple(pins)
        self.update()

    def look_close(self, close: Close | None) -> None:
        """Show a place through a glass in the corner, or put it away."""
        self.glass = close
        self.update()

    # -- where things are ------------------------------------------------------------------------------------

    @property
    def turned(self) -> bool:
        """Whether the back lies up."""
        return 0 <= self.current < len(self.backs) and self.backs[self.current]

    @property
    def hand(self) -> Box:
        """What is in hand, mm on the sheet: its edges are measured from."""
        found = self.lines[self.current].hand if 0 <= self.current < len(self.lines) else None
        return found or Box(0.0, 0.0, *self.size_mm)

    @property
    def scale(self) -> float:
        """Px a mm."""
        wide, high = self.size_mm
        return max(0.1, min((self.width() - 2 * _ROUND_PX) / wide, (self.height() - 2 * _ROUND_PX) / high))

    def transform(self) -> QTransform:
        """From mm of the sheet to px of the view."""
        wide, high = self.size_mm
        scale = self.scale
        left, top = (self.width() - wide * scale) / 2, (self.height() - high * scale) / 2
        found = QTransform.fromTranslate(left, top + high * scale)
        found.scale(scale, -scale)
        if self.turned:
            found.translate(wide, 0.0)
            found.scale(-1.0, 1.0)
        return found

    # -- painting --------------------------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        move = self.transform()
        wide, high = self.size_mm
        sheet = move.mapRect(QRectF(0.0, 0.0, wide, high))
        painter.fillRect(sheet, theme.colour("hover" if self.turned else "raised"))
        painter.setPen(QPen(theme.colour("line"), 1.0))
        painter.drawRect(sheet)
        if self.turned:
            painter.setFont(theme.text_font(theme.SMALL))
            painter.setPen(theme.colour("quiet"))
            corner = Qt.AlignmentFlag.AlignTop | Qt.AlignmentFlag.AlignRight
            painter.drawText(sheet.adjusted(8, 6, -8, -6), corner, t("the back, turned over"))
        painter.save()
        painter.setTransform(move)
        painter.setPen(self._pen("line", _QUIET))
        painter.drawPath(self._base)
        for number, path in enumerate(self._paths):
            if number == self.current:
                continue
            done = number < self.current
            alike = not 0 <= self.current < len(self.lines) or (self.lines[number].group
                                                                == self.lines[self.current].group)
            name = "indigo" if alike and not done else "quiet"
            painter.setPen(self._pen(name, _THIN if alike and not done else _QUIET,
                                     Qt.PenStyle.DotLine if done else Qt.PenStyle.SolidLine))
            if self.backs[number] == self.turned:
                painter.drawPath(path)
        painter.restore()
        if 0 <= self.current < len(self.lines):
            self._paint_in_hand(painter, move, sheet)
        for pin in self.pins:
            self._paint_pin(painter, move.map(QPointF(*pin.at)))
        if self.glass is not None:
            self._paint_close(painter, self.glass, move)
        if self.hasFocus():
            painter.setPen(QPen(theme.colour("indigo"), 1.5))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRoundedRect(QRectF(self.rect()).adjusted(1, 1, -1, -1), 6, 6)

    def _pen(self, name: str, width: float, style: Qt.PenStyle = Qt.PenStyle.SolidLine) -> QPen:
        pen = QPen(theme.colour(name), width, style)
        pen.setCosmetic(True)
        pen.setCapStyle(Qt.PenCapStyle.FlatCap)
        return pen

    def _paint_in_hand(self, painter: QPainter, move: QTransform, sheet: QRectF) -> None:
        line = self.lines[self.current]
        hand = self.hand
        sheet = move.mapRect(QRectF(hand.left, hand.bottom, hand.width, hand.height))
        if line.hand is not None:  # what is not in hand any more steps back
            veil = QPainterPath()
            veil.addRect(move.mapRect(QRectF(0.0, 0.0, *self.size_mm)))
            inner = QPainterPath()
            inner.addRect(sheet)
            shade = theme.colour("ground")
            shade.setAlphaF(0.7)
            painter.fillPath(veil.subtracted(inner), shade)
            painter.setPen(QPen(theme.colour("ink"), 1.4))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(sheet)
        painter.save()
        painter.setTransform(move)
        if line.rule is not None:
            painter.setPen(self._pen("persimmon", _THIN, Qt.PenStyle.DashLine))
            painter.drawLine(*self._across(line.rule))
        painter.setPen(self._pen("persimmon", _HEAVY))
        painter.drawPath(self._paths[self.current])
        painter.restore()
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(theme.colour("persimmon"))
        for dot in line.dots:
            painter.drawEllipse(move.map(QPointF(*dot)), 4.0, 4.0)
        if line.rule is not None:
            self._paint_distances(painter, move, sheet, line.rule)
        if line.label:
            self._paint_label(painter, move, sheet, line)

    def _across(self, rule: tuple[Point, Point]) -> tuple[QPointF, QPointF]:
        """The rule reaches over what is in hand."""
        hand = self.hand
        (ax, ay), (bx, by) = rule
        long = max(1e-6, ((bx - ax) ** 2 + (by - ay) ** 2) ** 0.5)
        ux, uy = (bx - ax) / long, (by - ay) / long
        reach = []
        for x, y, sign in ((ax, ay, -1), (bx, by, 1)):
            dx, dy = ux * sign, uy * sign
            ways = [((hand.right if dx > 0 else hand.left) - x) / dx] if abs(dx) > 1e-9 else []
            ways += [((hand.top if dy > 0 else hand.bottom) - y) / dy] if abs(dy) > 1e-9 else []
            far = max(0.0, min(ways, default=0.0))
            reach.append(QPointF(x + dx * far, y + dy * far))
        return reach[0], reach[1]

    def _paint_distances(self, painter: QPainter, move: QTransform, sheet: QRectF,
                         rule: tuple[Point, Point]) -> None:
        """Like pencil marks along the edges: where the rule meets them."""
        a, b = self._across(rule)
        hand = self.hand
        painter.setFont(theme.figure_font(theme.FRACTION))
        painter.setPen(QPen(theme.colour("ink"), 1.2))
        for end in (a, b):
            at = move.map(end)
            if abs(end.y() - hand.bottom) < 1e-6 or abs(end.y() - hand.top) < 1e-6:
                low = abs(end.y() - hand.bottom) < 1e-6
                edge = sheet.bottom() if low else sheet.top()
                out = 1 if low else -1
                painter.drawLine(QPointF(at.x(), edge), QPointF(at.x(), edge + out * _TICK_PX))
                box = QRectF(at.x() - 70, edge + (_TICK_PX + 1 if low else -_TICK_PX - 21), 140, 20)
                painter.drawText(box, Qt.AlignmentFlag.AlignCenter, write(end.x() - hand.left, self.unit))
            elif abs(end.x() - hand.left) < 1e-6 or abs(end.x() - hand.right) < 1e-6:
                on_left = at.x() < sheet.center().x()
                edge = sheet.left() if on_left else sheet.right()
                painter.drawLine(QPointF(edge, at.y()), QPointF(edge + (-1 if on_left else 1) * _TICK_PX,
                                                                at.y()))
                painter.save()
                painter.translate(edge + (-_TICK_PX - 12 if on_left else _TICK_PX + 12), at.y())
                painter.rotate(-90)
                painter.drawText(QRectF(-70, -10, 140, 20), Qt.AlignmentFlag.AlignCenter,
                                 write(end.y() - hand.bottom, self.unit))
                painter.restore()

    def _paint_label(self, painter: QPainter, move: QTransform, sheet: QRectF, line: Line) -> None:
        """The number, in a large figure beside what is in hand."""
        box = move.mapRect(self._paths[self.current].boundingRect())
        painter.setFont(theme.figure_font(20.0))
        x = min(max(box.right() + 6, sheet.left() + 6), sheet.right() - 46)
        y = min(max(box.center().y() - 17, sheet.top() + 4), sheet.bottom() - 40)
        place = QRectF(x, y, 40, 34)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(theme.colour("persimmon"))
        painter.drawRoundedRect(place, 6, 6)
        painter.setPen(theme.colour("on_accent"))
        painter.drawText(place, Qt.AlignmentFlag.AlignCenter, line.label)

    def _paint_close(self, painter: QPainter, close: Close, move: QTransform) -> None:
        """The glass: the drawing thin, the cut heavy, magnified so that a tenth of a mm can be seen."""
        painter.save()
        place = QRectF(12.0, self.height() - _GLASS_PX - 12.0, _GLASS_PX, _GLASS_PX)
        painter.setPen(QPen(theme.colour("ink"), 1.2))
        painter.drawLine(place.center(), move.map(QPointF(*close.at)))
        painter.setBrush(theme.colour("raised"))
        painter.drawEllipse(place)
        shape = QPainterPath()
        shape.addEllipse(place.adjusted(1, 1, -1, -1))
        painter.setClipPath(shape)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        near = QTransform.fromTranslate(place.center().x(), place.center().y())
        near.scale(_GLASS_SCALE, -_GLASS_SCALE)
        near.translate(-close.at[0], -close.at[1])
        painter.setTransform(near)
        painter.setPen(self._pen("persimmon", _HEAVY))
        for points in close.cut:
            painter.drawPolyline([QPointF(*p) for p in points])
        drawn = QPainterPath()
        for path in close.drawn:
            add_path(drawn, path)
        painter.setPen(self._pen("ink", _THIN))
        painter.drawPath(drawn)
        painter.resetTransform()
        painter.setClipping(False)
        painter.setFont(theme.text_font(theme.SMALL))
        painter.setPen(theme.colour("ink"))
        words = QRectF(place.left(), place.top() - 20, 320, 18)
        painter.drawText(words, Qt.AlignmentFlag.AlignLeft, close.words)
        painter.restore()

    def _paint_pin(self, painter: QPainter, at: QPointF) -> None:
        painter.setPen(QPen(theme.colour("on_accent"), 1.5))
        painter.setBrush(theme.colour("brick"))
        painter.drawEllipse(at, 9.0, 9.0)
        painter.drawLine(QPointF(at.x(), at.y() - 5), QPointF(at.x(), at.y() + 1.5))
        painter.drawPoint(QPointF(at.x(), at.y() + 5))

    # -- the hand --------------------------------------------------------------------------------------------

    def mousePressEvent(self, event: QMouseEvent) -> None:
        back, possible = self.transform().inverted()
        if not possible:
            return
        reach = 8.0 / self.scale
        at = back.map(event.position())
        spot = QRectF(at.x() - reach, at.y() - reach, 2 * reach, 2 * reach)
        for number, path in enumerate(self._paths):
            if self.backs[number] == self.turned and path.intersects(spot):
                self.picked.emit(number)
                return

    def keyPressEvent(self, event: QKeyEvent) -> None:
        steps = {Qt.Key.Key_Right: 1, Qt.Key.Key_Down: 1, Qt.Key.Key_Left: -1, Qt.Key.Key_Up: -1,
                 Qt.Key.Key_PageDown: 10, Qt.Key.Key_PageUp: -10}
        step = steps.get(Qt.Key(event.key()))
        if step is None:
            super().keyPressEvent(event)
        else:
            self.stepped.emit(step)
