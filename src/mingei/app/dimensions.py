"""Dimensions on the flat: the measures of a brief drawn beside the piece, each with handles to drag it by."""

from __future__ import annotations

import math
from collections.abc import Callable
from typing import NamedTuple

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QFontMetricsF, QPainter, QPen

from mingei.app import theme
from mingei.app.figures import write
from mingei.core.document.build import Build
from mingei.core.flat.pattern import Pattern
from mingei.core.plane.shape import Point, Rigid

#: From the piece to the first dimension, px, and the reach of a handle.
_AWAY_PX, REACH_PX = 20, 8
#: Round a label's words, and from it to its line, px.
_PAD_PX, _GAP_PX = 10, 7
#: Room (px) the dimensions take at the left, and more in such steps where their words are long; and below.
_LEFT_PX, _MORE_PX, BELOW_PX = 98, 16, 44

ToPx = Callable[[Point], QPointF]


class Dimension(NamedTuple):
    """One measure as drawn, px: its line from a to b, the edge's own ends, the label and its place."""

    measure: str
    level: bool
    a: QPointF
    b: QPointF
    from_a: QPointF
    from_b: QPointF
    words: str
    label: QRectF

    def end_at(self, at: QPointF) -> int:
        """Which end a point touches: -1 the left or lower, +1 the right or upper, 0 neither; the label counts
        as +1."""
        for end, sign in ((self.a, -1), (self.b, 1)):
            if (at - end).manhattanLength() <= REACH_PX:
                return sign
        return 1 if self.label.contains(at) else 0


class _Edge(NamedTuple):
    """An edge that a measure is drawn beside: the measure's name, the piece and how its flat is moved, and
    the edge's ends, mm."""

    measure: str
    pattern: Pattern
    move: Rigid
    start: Point
    end: Point

    @property
    def level(self) -> bool:
        return abs(self.end[0] - self.start[0]) >= abs(self.end[1] - self.start[1])


def _edges(build: Build) -> list[_Edge]:
    panels = {p.name: (p, number) for number, piece in enumerate(build.draft.pieces) for p in piece.panels}
    found = []
    for drawn in build.draft.dimensions:
        panel, number = panels[drawn.side.panel]
        pattern, move = build.patterns[number], build.spread[number]
        frame = pattern.by_name[panel.name].frame.then(move)
        start, end = (frame.apply(panel.outline[(drawn.side.edge + k) % len(panel.outline)]) for k in (0, 1))
        found.append(_Edge(drawn.measure, pattern, move, start, end))
    return found


def room_beside(build: Build, unit: str) -> tuple[int, int]:
    """Room (px) for the measures at the left and at the right of all pieces, 0 where none stand there: in
    steps, so that the drawing does not jump with every figure that is written."""
    metrics = QFontMetricsF(theme.figure_font(theme.SMALL))
    wide = {True: 0.0, False: 0.0}
    for edge in _edges(build):
        if not edge.level:
            words = write(float(build.brief.made[edge.measure]), unit)
            first = _first_in_row(edge)
            wide[first] = max(wide[first], metrics.horizontalAdvance(words) + _PAD_PX + _AWAY_PX + _GAP_PX)

    def room(wanted: float) -> int:
        return _LEFT_PX + _MORE_PX * max(0, math.ceil((wanted - _LEFT_PX) / _MORE_PX)) if wanted else 0

    return room(wide[True]), room(wide[False])


def _first_in_row(edge: _Edge) -> bool:
    """Whether its piece stands at the left of all."""
    box = edge.pattern.box
    return edge.move.apply((box.left, box.bottom))[0] < 1e-6


def dimensions(build: Build, unit: str, to_px: ToPx) -> list[Dimension]:
    """Every dimension of the build, labels clear of one another."""
    metrics = QFontMetricsF(theme.figure_font(theme.SMALL))
    result: list[Dimension] = []
    for edge in _edges(build):
        pattern, move, start, end, level = *edge[1:], edge.level
        corner = to_px(move.apply((pattern.box.left, pattern.box.bottom)))
        words = write(float(build.brief.made[edge.measure]), unit)
        width, height = metrics.horizontalAdvance(words) + _PAD_PX, metrics.height() + 2
        first, last = sorted((start, end), key=lambda p: p[0] if level else p[1])
        p, q = to_px(first), to_px(last)
        if level:
            y = corner.y() + _AWAY_PX
            a, b = QPointF(p.x(), y), QPointF(q.x(), y)
            label = QRectF((a.x() + b.x() - width) / 2, y - height / 2 if b.x() - a.x() > width + 16
                           else y + 4, width, height)
        else:
            # at the left of a piece that stands first in its row; at the right of the others, where no other
            # piece's measures stand
            first_in_row = _first_in_row(edge)
            x = (corner.x() - _AWAY_PX if first_in_row
                 else to_px(move.apply((pattern.box.right, pattern.box.bottom))).x() + _AWAY_PX)
            a, b = QPointF(x, p.y()), QPointF(x, q.y())
            label = QRectF(x - _GAP_PX - width if first_in_row else x + _GAP_PX, (a.y() + b.y() - height) / 2,
                           width, height)
        for other in result:
            if other.label.intersects(label):  # side by side along an edge: the later one gives way
                below = label.center().y() >= other.label.center().y()
                label.moveTop(other.label.bottom() + 1 if below else other.label.top() - height - 1)
        result.append(Dimension(edge.measure, level, a, b, p, q, words, label))
    return result


def paint(painter: QPainter, drawn: list[Dimension], held: str) -> None:
    """Draw them; ``held`` is the measure under the pointer or being dragged."""
    painter.setFont(theme.figure_font(theme.SMALL))
    for d in drawn:
        tint = theme.colour("indigo" if d.measure == held else "quiet")
        for end, source in ((d.a, d.from_a), (d.b, d.from_b)):
            painter.setPen(QPen(theme.colour("line"), 1))
            painter.drawLine(end, source)
        painter.setPen(QPen(tint, 1.5 if d.measure == held else 1))
        painter.drawLine(d.a, d.b)
        across = QPointF(0, 4) if d.level else QPointF(4, 0)
        for end in (d.a, d.b):
            painter.drawLine(end - across, end + across)
        if d.measure == held:
            painter.setBrush(tint)
            for end in (d.a, d.b):
                painter.drawRect(QRectF(end.x() - 3, end.y() - 3, 6, 6))
            painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.fillRect(d.label, theme.colour("surface"))
        painter.setPen(tint if d.measure == held else theme.colour("ink"))
        painter.drawText(d.label, Qt.AlignmentFlag.AlignCenter, d.words)
