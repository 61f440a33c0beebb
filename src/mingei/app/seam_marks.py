"""What the flat shows of joins: the number of every seam beside both its edges, and the lines that pieces are
cut across by."""

from __future__ import annotations

from collections.abc import Callable, Collection, Iterable
from functools import lru_cache
from typing import NamedTuple

from PySide6.QtCore import QPointF, QSize, Qt
from PySide6.QtGui import QColor, QFontMetricsF, QPainter, QPen, QPixmap

from mingei.app import theme
from mingei.core.document.build import Build, Part
from mingei.core.flat.pattern import Pattern
from mingei.core.layout.splice import Splice, first_number, line_of
from mingei.core.plane.shape import Point, Rigid, distance_to_segment

#: Radius of the ring round a number, px, and the middle of its picture.
MARK_PX = 8
_MIDDLE = QPointF(MARK_PX + 2, MARK_PX + 2)
ToPx = Callable[[Point], QPointF]


class MateMark(NamedTuple):
    """The number of a seam beside one of its two edges, px."""

    part: Part
    key: int
    at: QPointF


class JoinLine(NamedTuple):
    """A line across a piece as drawn: its place among the thing's lines, itself, its piece and how that is
    moved, the number of the join, and its ends, px."""

    number: int
    splice: Splice
    pattern: Pattern
    move: Rigid
    key: int
    a: QPointF
    b: QPointF

    def distance(self, at: QPointF) -> float:
        """How far a point lies from it, px."""
        return distance_to_segment((at.x(), at.y()), (self.a.x(), self.a.y()), (self.b.x(), self.b.y()))


def mate_marks(build: Build, to_px: ToPx) -> list[MateMark]:
    """The numbers of the seams, each beside both its edges, where there is room for them."""
    result: list[MateMark] = []
    owners = {m.row or m.seam: p.name for p in build.patterns for m in p.mates}
    for pattern, move in zip(build.patterns, build.spread, strict=True):
        for edge in pattern.keys:
            a, b = edge.line
            p, q = to_px(move.apply(a)), to_px(move.apply(b))
            along = q - p
            length = (along.x() ** 2 + along.y() ** 2) ** 0.5
            if length > 3 * MARK_PX:  # the panel lies to the left of its side; up is down on the screen
                inward = QPointF(along.y(), -along.x()) / length
                result.append(MateMark(Part(owners[edge.seam], edge.seam), edge.key,
                                       p + along * 0.22 + inward * (MARK_PX + 3)))
    return result


def join_lines(build: Build, to_px: ToPx) -> list[JoinLine]:
    """The lines that pieces are cut across by."""
    if not build.brief.splices:
        return []
    first, result = first_number(build.patterns), []
    for pattern, move in zip(build.patterns, build.spread, strict=True):
        for number, splice in enumerate(build.brief.splices):
            if splice.piece == pattern.name:
                a, b = (to_px(move.apply(p)) for p in line_of(pattern, splice))
                result.append(JoinLine(number, splice, pattern, move, first + number, a, b))
    return result


def edge_between(build: Build, one: str, other: str, to_px: ToPx) -> list[tuple[QPointF, QPointF]]:
    """Where two panels meet on the flat, px: their fold, or both edges of their seam."""
    both = {one, other}
    moved = list(zip(build.patterns, build.spread, strict=True))
    for pattern, move in moved:
        for fold in pattern.folds:
            if {fold.parent, fold.child} == both:
                return [(to_px(move.apply(fold.start)), to_px(move.apply(fold.end)))]
    seams = {m.seam for pattern in build.patterns for m in pattern.mates if {m.carrier, m.host} == both}
    return [(to_px(move.apply(key.line[0])), to_px(move.apply(key.line[1]))) for pattern, move in moved
            for key in pattern.keys if key.seam in seams]


def paint_set(painter: QPainter, lines: Iterable[tuple[QPointF, QPointF]], joined: bool) -> None:
    """An edge that was joined or cut by hand just now, before the pieces are worked out anew."""
    lines = list(lines)
    pen = QPen(theme.colour("persimmon"), 2.4)
    if joined:
        pen.setStyle(Qt.PenStyle.DashLine)
    painter.setPen(pen)
    for a, b in lines:
        painter.drawLine(a, b)
    if len(lines) == 2:
        painter.setPen(QPen(theme.colour("persimmon"), 1.0, Qt.PenStyle.DotLine))
        (a, b), (c, d) = lines
        painter.drawLine((a + b) / 2, (c + d) / 2)


def paint_marks(painter: QPainter, build: Build, marks: Iterable[MateMark], lit_parts: Collection[Part],
                ratio: float) -> None:
    """The numbers that say which edge meets which; both of a pair light up together."""
    taped = {m.seam for p in build.patterns for m in p.mates if m.joint.outer_tape}
    ground = theme.colour("surface").rgba()
    tints = {lit: theme.colour("persimmon" if lit else "quiet").rgba() for lit in (False, True)}
    for mark in marks:
        lit = mark.part in lit_parts
        painter.drawPixmap(mark.at - _MIDDLE,
                           _mark(mark.key, tints[lit], ground, lit, mark.part.panel in taped, ratio))
    painter.setBrush(Qt.BrushStyle.NoBrush)


def paint_lines(painter: QPainter, lines: Iterable[JoinLine], held: int | None, ratio: float) -> None:
    """The lines that pieces are cut across by, each with its number at both ends.  held: the one that is
    dragged."""
    ground = theme.colour("surface").rgba()
    for line in lines:
        lit = line.number == held
        tint = theme.colour("persimmon")
        painter.setPen(QPen(tint, 2.2 if lit else 1.4, Qt.PenStyle.DashLine))
        painter.drawLine(line.a, line.b)
        for end in (line.a, line.b):
            painter.drawPixmap(end - _MIDDLE, _mark(line.key, tint.rgba(), ground, True, False, ratio))


@lru_cache(maxsize=512)
def _mark(key: int, rgba: int, ground: int, lit: bool, taped: bool, ratio: float) -> QPixmap:
    """A seam's number in its ring, drawn once: there are many, and letters take their time."""
    middle = _MIDDLE
    result = QPixmap(QSize(round(2 * middle.x()), round(2 * middle.y())) * ratio)
    result.setDevicePixelRatio(ratio)
    result.fill(Qt.GlobalColor.transparent)
    painter = QPainter(result)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setFont(theme.figure_font(7.5))
    metrics = QFontMetricsF(painter.font())
    tint = QColor.fromRgba(rgba)
    pen = QPen(tint, 1.6 if lit else 1)
    if taped:
        pen.setStyle(Qt.PenStyle.DotLine)
    painter.setPen(pen)
    painter.setBrush(QColor.fromRgba(ground))
    painter.drawEllipse(middle, MARK_PX, MARK_PX)
    painter.setPen(tint)
    figure = str(key)
    left = metrics.horizontalAdvance("0") * len(figure) / 2
    painter.drawText(middle + QPointF(-left, metrics.ascent() - metrics.height() / 2), figure)
    painter.end()
    return result
