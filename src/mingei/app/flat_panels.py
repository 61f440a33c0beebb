"""The panels of a build as they lie on the flat view: their outlines, and where there is room for their
names."""

from __future__ import annotations

from collections.abc import Callable, Collection, Iterable, Iterator, Sequence
from functools import lru_cache
from typing import TypeAlias, cast

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QFontMetricsF, QPainter, QPolygonF

from mingei.app import theme
from mingei.app.words import t
from mingei.core.document.build import Build, Part
from mingei.core.draft import Role
from mingei.core.plane.shape import Box, Point, bounds

#: Left, top, right and bottom of a rectangle as plain numbers: there are many to compare.
Edges: TypeAlias = tuple[float, float, float, float]
_FILL = Qt.FillRule.OddEvenFill


class FlatPanels:
    """polygons: of each part, mm, a curved face with one for each facet; boxes: round each; holes: round what
    is cut out of each; tabs: the parts that are glued, in order."""

    def __init__(self, build: Build | None = None) -> None:
        self.polygons: dict[Part, list[QPolygonF]] = {}
        self.boxes: dict[Part, QRectF] = {}
        self.holes: dict[Part, list[Edges]] = {}
        self.tabs: list[Part] = []
        if build is None:
            return
        laid = [(panel, move) for pattern, move in zip(build.patterns, build.spread, strict=True)
                for panel in pattern.panels]
        for part, (panel, move) in zip(build.parts, laid, strict=True):
            polygon = QPolygonF([QPointF(x, y) for x, y in move.apply_all(panel.flat_polygon)])
            self.polygons.setdefault(part, []).append(polygon)
            box = polygon.boundingRect()
            self.boxes[part] = self.boxes[part].united(box) if part in self.boxes else box
            for hole in (*panel.hole_polygons, *panel.gaps):
                cut = bounds(move.apply_all(panel.frame.apply_all(hole)))
                self.holes.setdefault(part, []).append((cut.left, cut.bottom, cut.right, cut.top))
            if panel.role is Role.TAB and part not in self.tabs:
                self.tabs.append(part)

    def paint(self, painter: QPainter, part: Part) -> None:
        """One part, in the brush that is set."""
        for polygon in self.polygons.get(part, ()):
            painter.drawPolygon(polygon)

    def within(self, boxes: Sequence[Box]) -> set[Part]:
        """The parts that may show within some boxes."""
        rects = [QRectF(b.left, b.bottom, b.width, b.height) for b in boxes]
        return {part for part, box in self.boxes.items() if any(box.intersects(rect) for rect in rects)}

    def named(self) -> set[Part]:
        """The parts that bear their name; a row of teeth is named by its number instead."""
        return self.polygons.keys() - {part for part in self.tabs if len(self.polygons[part]) > 1}

    def room(self, part: Part, across: float, along: float) -> Iterator[Point]:
        """Where a name of that size (mm) may stand on a panel: in its middle, or beside what is cut out
        there."""
        holes, polygons = self.holes.get(part, []), self.polygons[part]
        left, top, right, bottom = edges(self.boxes[part])
        middle_x, middle_y = (left + right) / 2, (top + bottom) / 2

        def beside() -> Iterator[Point]:
            yield middle_x, middle_y
            corners = [polygon.at(i) for polygon in polygons for i in range(polygon.size())]
            yield sum(p.x() for p in corners) / len(corners), sum(p.y() for p in corners) / len(corners)
            for hole_left, hole_top, hole_right, hole_bottom in holes:
                yield middle_x, (hole_bottom + bottom) / 2
                yield middle_x, (hole_top + top) / 2
                yield (hole_left + left) / 2, middle_y
                yield (hole_right + right) / 2, middle_y

        for x, y in beside():
            if holes and _meets(around(x, y, across, along), holes):
                continue
            low, high = y - 0.3 * along, y + 0.3 * along
            ends = [QPointF(x, y), *(QPointF(x + end, level) for end in (-0.5 * across, 0.5 * across)
                                     for level in (low, high))]
            if all(any(polygon.containsPoint(p, _FILL) for polygon in polygons) for p in ends):
                yield x, y


def paint_names(painter: QPainter, panels: FlatPanels, parts: Collection[Part], selected: Part, scale: float,
                to_px: Callable[[Point], QPointF], taken: Iterable[Edges]) -> None:
    """Names of parts, the largest first, only where they fit and meet neither another name nor what is taken
    (px) already."""
    painter.setFont(theme.text_font(theme.SMALL))
    metrics = QFontMetricsF(painter.font())
    taken = list(taken)
    # of a line, and from its middle to where letters stand
    high, up = metrics.height(), metrics.ascent() - metrics.height() / 2
    quiet, chosen = theme.colour("quiet"), theme.colour("indigo")
    zero = to_px((0.0, 0.0))
    zero_x, zero_y = zero.x(), zero.y()
    sizes = [(box.width() * scale, box.height() * scale, part) for part, box in panels.boxes.items()
             if part in parts]
    for broad, tall, part in sorted(sizes, key=lambda size: -size[0] * size[1]):
        if broad < high or tall < high:
            continue
        words = t(part.panel)
        width = _width(words) + 4
        upright = broad < width <= tall
        if width > (tall if upright else broad):
            continue
        across, along = (high, width) if upright else (width, high)
        for x, y in panels.room(part, across / scale, along / scale):
            middle_x, middle_y = zero_x + x * scale, zero_y - y * scale
            place = around(middle_x, middle_y, across, along)
            if not _meets(place, taken):
                taken.append(place)
                break
        else:
            continue
        painter.setPen(chosen if part == selected else quiet)
        if upright:
            painter.save()
            painter.translate(middle_x, middle_y)
            painter.rotate(-90)
            painter.drawText(QPointF(2 - width / 2, up), words)
            painter.restore()
        else:
            painter.drawText(QPointF(middle_x + 2 - width / 2, middle_y + up), words)


def edges(box: QRectF) -> Edges:
    return cast(Edges, box.getCoords())  # stubs say it gives one object


def around(x: float, y: float, across: float, along: float) -> Edges:
    """The rectangle of that size about a point."""
    return x - across / 2, y - along / 2, x + across / 2, y + along / 2


def _meets(box: Edges, others: Iterable[Edges]) -> bool:
    """Whether it overlaps any of the others."""
    left, top, right, bottom = box
    return any(left < r and right > a and top < b and bottom > c for a, c, r, b in others)


@lru_cache(maxsize=1024)
def _width(words: str) -> float:
    """How wide (px) a panel's name is written."""
    return QFontMetricsF(theme.text_font(theme.SMALL)).horizontalAdvance(words)
