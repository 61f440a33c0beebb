"""The flat view: the pieces as they are cut and scored, with their measures on them and a rule along two
edges."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Mapping
from functools import lru_cache
from itertools import chain
from types import MappingProxyType
from typing import TYPE_CHECKING, TypeAlias, cast

from PySide6.QtCore import QPoint, QPointF, QRect, QRectF, Qt, Signal
from PySide6.QtGui import (
    QBrush,
    QColor,
    QFontMetricsF,
    QImage,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPen,
    QPolygonF,
    QRegion,
    QResizeEvent,
    QTransform,
    QWheelEvent,
)
from PySide6.QtWidgets import QWidget

from mingei.app import dimensions, theme
from mingei.app.dimensions import Dimension
from mingei.app.part_view import PartView
from mingei.app.rules import RULE_PX, Scale, paint_grid, paint_rules
from mingei.app.seam_marks import (
    MARK_PX,
    JoinLine,
    MateMark,
    join_lines,
    mate_marks,
    paint_lines,
    paint_marks,
)
from mingei.app.tiles import Tiles
from mingei.app.words import t
from mingei.core.build import NOTHING, Build, Part
from mingei.core.covering.art import arrow
from mingei.core.draft import Role
from mingei.core.drawing import Ink, pattern_strokes
from mingei.core.layout.splice import at_point, from_left
from mingei.core.length import MM_PER_INCH, typeset, write_both
from mingei.core.plane.shape import Box, Point, bounds, contains

if TYPE_CHECKING:  # measuring loads when something is measured
    from mingei.app.prints import Print
    from mingei.core.flat.pattern import Pattern
    from mingei.core.folded.measuring import Span

NO_PRINTS: Mapping[Pattern, Print] = MappingProxyType({})

_EDGE_PX = 16
SCALE_LEAST, SCALE_MOST = 0.05, 200.0
_SNAP_PX = 9
_ARROW_PX = 16
#: How near a line across a piece is caught, px.
_REACH_PX = 5


#: Left, top, right and bottom of a rectangle as plain numbers: there are many to compare.
_Edges: TypeAlias = tuple[float, float, float, float]
_FILL = Qt.FillRule.OddEvenFill


class FlatView(PartView):
    """dragged: a measure and its new length (mm); respliced: the number of a line across a piece, and the
    line where it was dragged; released: the drag is over; measured: the Span between two points."""

    dragged = Signal(str, float)
    respliced = Signal(int, object)
    released = Signal()

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(t("Flat view"), parent)
        self.unit = "mm"
        self.scale = 1.0  # px a mm
        self.origin = QPointF(0, 0)  # where (0, 0) mm lies, px
        self.density = 0.0  # px a mm at actual size as the person measured it; 0: as the screen says
        self.printed = False
        self.ends: list[Point] = []
        self.tiles = Tiles(())
        self.prints: Mapping[Pattern, Print] = NO_PRINTS
        self._polygons: dict[Part, list[QPolygonF]] = {}  # a curved face has one for each facet
        self._boxes: dict[Part, QRectF] = {}
        self._holes: dict[Part, list[_Edges]] = {}
        self._tabs: list[Part] = []
        self._fitted = True
        self._panning: QPoint | None = None
        self._space = False
        self._held = ""
        self._line: int | None = None  # the line across a piece that is dragged
        # measure, level, end, pressed at, value, was fitted
        self._drag: tuple[str, bool, int, QPointF, float, bool] | None = None

    # -- what is shown ---------------------------------------------------------------------------------------

    def show_build(self, build: Build, prints: Mapping[Pattern, Print] = NO_PRINTS) -> None:
        """Show another build with what is printed on it; a view that was fitted stays fitted."""
        self.prints = prints
        if self.build is not None and self.build.recipe is not build.recipe:
            self._fitted = True
            self.ends = []
        self.build = build
        self.tiles = Tiles(chain.from_iterable(pattern_strokes(p, move)
                                               for p, move in zip(build.patterns, build.spread, strict=True)))
        self._polygons, self._boxes = {}, {}
        moves = [move for pattern, move in zip(build.patterns, build.spread, strict=True)
                 for _ in pattern.panels]
        panels = [p for pattern in build.patterns for p in pattern.panels]
        self._holes = {}
        for part, panel, move in zip(build.parts, panels, moves, strict=True):
            polygon = QPolygonF([QPointF(x, y) for x, y in move.apply_all(panel.flat_polygon)])
            self._polygons.setdefault(part, []).append(polygon)
            box = polygon.boundingRect()
            self._boxes[part] = self._boxes[part].united(box) if part in self._boxes else box
            for hole in (*panel.hole_polygons, *panel.gaps):
                outline = move.apply_all(panel.frame.apply_all(hole))
                box_mm = bounds(outline)
                self._holes.setdefault(part,
                                       []).append((box_mm.left, box_mm.bottom, box_mm.right, box_mm.top))
        self._tabs = list({part: None for part, panel in zip(build.parts, panels, strict=True)
                           if panel.role is Role.TAB})
        if self._fitted:
            self.fit()
        self.setAccessibleDescription("; ".join(
            t("{piece}, {width} by {height}", piece=t(p.name), width=write_both(p.box.width),
              height=write_both(p.box.height))
            for p in build.patterns))
        self.update()

    def show_prints(self, prints: Mapping[Pattern, Print]) -> None:
        """What is printed on the build shown."""
        self.prints = prints
        self.update()

    def set_unit(self, unit: str) -> None:
        self.unit = unit
        self.update()

    def show_printed(self, printed: bool) -> None:
        """Black on white at true weights, as the printer lays it down, or as a drawing to work on."""
        self.printed = printed
        self.update()

    def measure(self, on: bool) -> None:
        self.ends = []
        super().measure(on)

    # -- zoom and pan ----------------------------------------------------------------------------------------

    def _paper(self) -> QRect:
        """The part inside the rules."""
        return self.rect().adjusted(RULE_PX, 0, 0, -RULE_PX)

    def fit(self) -> None:
        """Zoom so that all pieces and their measures show."""
        self._fitted = True
        if self.build is not None:
            self._fit_to(self.build.spread_box)

    def _fit_to(self, box: Box) -> None:
        placed = zip(self.build.spread, self.build.patterns, strict=True) if self.build else ()
        left = below = _EDGE_PX
        # room for dimensions only where there are any
        if self.build is not None and self.build.draft.dimensions:
            left, below = dimensions.room_beside(self.build, self.unit), dimensions.BELOW_PX
        right = left if any(move.x + p.box.left > 1e-6 for move, p in placed) else _EDGE_PX
        paper = self._paper().adjusted(left, _EDGE_PX, -right, -below)
        scale = min(paper.width() / max(box.width, 1e-6), paper.height() / max(box.height, 1e-6))
        self.scale = max(SCALE_LEAST, min(SCALE_MOST, scale))
        x, y = box.centre
        self.origin = QPointF(paper.center()) + QPointF(-x * self.scale, y * self.scale)
        self.update()

    def fit_selection(self) -> None:
        """Zoom to the selected panel, or to all when none is."""
        if self.build is None or self.selection not in self._polygons:
            self.fit()
            return
        box = self._box_of(self.selection)
        self._fitted = False
        self._fit_to(Box(box.left(), box.top(), box.right(), box.bottom()))

    def _box_of(self, part: Part) -> QRectF:
        """The rectangle round a part, mm."""
        return self._boxes[part]

    def zoom(self, factor: float, about: QPointF | None = None) -> None:
        """Zoom about a point of the view (px), its middle by default."""
        about = about or QPointF(self._paper().center())
        scale = max(SCALE_LEAST, min(SCALE_MOST, self.scale * factor))
        self.origin = about + (self.origin - about) * (scale / self.scale)
        self.scale = scale
        self._fitted = False
        self.update()

    def zoom_actual(self) -> None:
        """One mm on the drawing is one mm on this screen: as the person measured it, or as far as the screen
        tells."""
        self.zoom((self.density or self.physicalDpiX() / MM_PER_INCH) / self.scale)

    def pan(self, dx: int, dy: int) -> None:
        """Move the paper by px; only what comes into view is drawn anew."""
        self.origin += QPointF(dx, dy)
        self._fitted = False
        self.scroll(dx, dy, self._paper())
        self.update(QRect(0, 0, RULE_PX, self.height()))
        self.update(QRect(0, self.height() - RULE_PX, self.width(), RULE_PX))

    def to_mm(self, at: QPointF) -> Point:
        return (at.x() - self.origin.x()) / self.scale, (self.origin.y() - at.y()) / self.scale

    def to_px(self, p: Point) -> QPointF:
        return QPointF(self.origin.x() + p[0] * self.scale, self.origin.y() - p[1] * self.scale)

    # -- what lies where -------------------------------------------------------------------------------------

    def part_at(self, at: QPointF) -> Part:
        """The seam mark or panel under a point of the view, or NOTHING."""
        if self.build is None:
            return NOTHING
        for mark in self.marks():
            if (mark.at - at).manhattanLength() <= MARK_PX + 3:
                return mark.part
        p = self.to_mm(at)
        for pattern, move in zip(self.build.patterns, self.build.spread, strict=True):
            q = move.inverse().apply(p)
            for panel in pattern.panels:
                if contains(panel.flat_polygon, q):
                    return Part(pattern.name, panel.whole or panel.name)
        return NOTHING

    def marks(self) -> list[MateMark]:
        """The numbers of the seams, each beside both its edges, where there is room for them."""
        return [] if self.build is None or self.printed else mate_marks(self.build, self.to_px)

    def lines(self) -> list[JoinLine]:
        """The lines that pieces are cut across by, as drawn now."""
        return [] if self.build is None or self.printed else join_lines(self.build, self.to_px)

    def line_at(self, at: QPointF) -> JoinLine | None:
        """The line across a piece under a point of the view."""
        return next((line for line in self.lines() if line.distance(at) <= _REACH_PX), None)

    def dimensions(self) -> list[Dimension]:
        """The measures as drawn now."""
        return ([] if self.build is None or self.printed
                else dimensions.dimensions(self.build, self.unit, self.to_px))

    # -- events ----------------------------------------------------------------------------------------------

    def resizeEvent(self, event: QResizeEvent) -> None:
        if self._fitted:
            self.fit()

    def wheelEvent(self, event: QWheelEvent) -> None:
        self.zoom(1.0015 ** event.angleDelta().y(), event.position())

    def mousePressEvent(self, event: QMouseEvent) -> None:
        at = event.position()
        if (event.button() == Qt.MouseButton.MiddleButton
            or (self._space and event.button() == Qt.MouseButton.LeftButton)):
            self._panning = at.toPoint()
            self.setCursor(Qt.CursorShape.ClosedHandCursor)
        elif event.button() != Qt.MouseButton.LeftButton or self.build is None:
            return
        elif self.measuring:
            self._touch(at)
        else:
            for d in self.dimensions():
                end = d.end_at(at)
                if end:
                    self._drag = (d.measure, d.level, end, at, float(self.build.brief.made[d.measure]),
                                  self._fitted)
                    self._fitted = False
                    return
            line = self.line_at(at)
            if line is not None:
                self._line = line.number
                return
            self.picked.emit(self.part_at(at))

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        at = event.position()
        if self._panning is not None:
            moved = at.toPoint() - self._panning
            self._panning = at.toPoint()
            self.pan(moved.x(), moved.y())
        elif self._drag is not None:
            measure, level, end, pressed, value, _ = self._drag
            step = at.x() - pressed.x() if level else pressed.y() - at.y()
            self.dragged.emit(measure, value + end * step / self.scale)
        elif self._line is not None:
            line = next((line for line in self.lines() if line.number == self._line), None)
            if line is not None:
                self.respliced.emit(line.number, at_point(line.pattern, line.splice,
                                                          line.move.inverse().apply(self.to_mm(at))))
        else:
            held = next((d for d in self.dimensions() if d.end_at(at)), None)
            name = held.measure if held else ""
            if name != self._held:
                self._held = name
                self.update()
            if not self.measuring:
                line = self.line_at(at) if held is None else None
                cursors = {None: Qt.CursorShape.ArrowCursor, True: Qt.CursorShape.SizeHorCursor,
                           False: Qt.CursorShape.SizeVerCursor}
                self.setCursor(cursors[held.level if held else from_left(line.splice) if line else None])
            self.pointed.emit(NOTHING if held else self.part_at(at))

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._drag is not None:
            self._fitted = self._drag[-1]
            self._drag = None
            if self._fitted:
                self.fit()
            self.released.emit()
        if self._line is not None:
            self._line = None
            self.released.emit()
        if self._panning is not None:
            self._panning = None
            self.setCursor(Qt.CursorShape.CrossCursor if self.measuring else Qt.CursorShape.ArrowCursor)

    def leaveEvent(self, event: object) -> None:
        self._held = ""
        super().leaveEvent(event)
        self.update()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        step = 40
        moves = {Qt.Key.Key_Left: (step, 0), Qt.Key.Key_Right: (-step, 0), Qt.Key.Key_Up: (0, step),
                 Qt.Key.Key_Down: (0, -step)}
        if event.key() == Qt.Key.Key_Space:
            self._space = True
        elif event.key() in moves:
            self.pan(*moves[Qt.Key(event.key())])
        else:
            super().keyPressEvent(event)

    def keyReleaseEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Space and not event.isAutoRepeat():
            self._space = False
        super().keyReleaseEvent(event)

    def _touch(self, at: QPointF) -> None:
        """Set down one end of the measuring tool."""
        from mingei.core.folded.measuring import snap, span

        assert self.build is not None
        p = self.to_mm(at)
        reach = _SNAP_PX / self.scale
        caught = []
        for pattern, move in zip(self.build.patterns, self.build.spread, strict=True):
            caught.append(move.apply(snap(pattern, move.inverse().apply(p), reach)))
        end = min((c for c in caught if c != p), key=lambda c: (c[0] - p[0]) ** 2 + (c[1] - p[1]) ** 2,
                  default=p)
        self.ends = [end] if len(self.ends) != 1 else [self.ends[0], end]
        if len(self.ends) == 2:
            self.measured.emit(span(*self.ends))
        self.update()

    # -- painting --------------------------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        self._paint(painter, event.region())
        if self.hasFocus():
            painter.setPen(QPen(theme.colour("indigo"), 2))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(self.rect().adjusted(1, 1, -1, -1))

    def picture(self) -> QImage:
        """The view as an image at the screen's own density."""
        ratio = self.devicePixelRatioF()
        image = QImage(self.size() * ratio, QImage.Format.Format_RGB32)
        image.setDevicePixelRatio(ratio)
        painter = QPainter(image)
        self._paint(painter, QRegion(self.rect()))
        painter.end()
        return image

    def _paint(self, painter: QPainter, region: QRegion) -> None:
        """Paint what shows within a region; of a panned view that is a few narrow strips."""
        exposed = region.boundingRect()
        painter.setClipRegion(region)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.fillRect(exposed, QColor("white") if self.printed else theme.colour("surface"))
        paper = self._paper()
        zero = self.to_px((0.0, 0.0))
        scale = Scale(self.unit, self.scale, zero)
        painter.save()
        painter.setClipRegion(region.intersected(paper))
        if not self.printed:
            paint_grid(painter, scale, exposed.intersected(paper))
        if self.build is not None:
            painter.setWorldTransform(QTransform(self.scale, 0, 0, -self.scale, self.origin.x(),
                                                 self.origin.y()), True)
            if not self.printed:
                self._fills(painter)
            painter.setBrush(Qt.BrushStyle.NoBrush)
            boxes = [self._box_mm(r) for r in region]  # type: ignore[attr-defined]  # stubs lack it
            self.tiles.paint(painter, self._tints(), boxes, self.printed)
            painter.restore()
            painter.save()
            painter.setClipRegion(region.intersected(paper))
            if not self.printed:
                drawn, marks = self.dimensions(), self.marks()
                self._names(painter, drawn, marks)
                if self.prints:
                    self._arrows(painter)
                ratio = self.devicePixelRatioF()
                paint_marks(painter, self.build, marks, (self.selection, self.hover), ratio)
                paint_lines(painter, self.lines(), self._line, ratio)
                dimensions.paint(painter, drawn, self._drag[0] if self._drag else self._held)
            self._measure(painter)
        painter.restore()
        if not paper.contains(exposed):
            paint_rules(painter, scale, self.width(), self.height())

    def _box_mm(self, rect: QRect) -> Box:
        """A rectangle of the view on the paper, and a little round it for the width of lines."""
        (left, top), (right, bottom) = (self.to_mm(QPointF(p)) for p in (rect.topLeft(), rect.bottomRight()))
        slack = 4 / self.scale
        return Box(left - slack, bottom - slack, right + slack, top + slack)

    def _tints(self) -> dict[Ink, QColor]:
        if self.printed:
            return dict.fromkeys(Ink, QColor("black"))
        ink, indigo, persimmon, quiet = (theme.colour(n) for n in ("ink", "indigo", "persimmon", "quiet"))
        return {Ink.CUT: ink, Ink.MOUNTAIN: indigo, Ink.VALLEY: persimmon, Ink.BEND: indigo,
                Ink.PERFORATE: ink, Ink.DRAW: quiet,
                Ink.GUIDE: quiet}

    def _fills(self, painter: QPainter) -> None:
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing, False)  # lines cover the borders
        painter.setBrush(theme.colour("raised"))
        for polygons in self._polygons.values():
            for polygon in polygons:
                painter.drawPolygon(polygon)
        if self.prints:
            self._printed(painter)
        for part, tint in ((self.hover, "hover"), (self.selection, "wash")):
            if part in self._polygons:
                over = theme.colour(tint)
                over.setAlpha(150 if self.prints else 255)
                painter.setBrush(over)
                for polygon in self._polygons[part]:
                    painter.drawPolygon(polygon)
        brush = QBrush(theme.colour("line"), Qt.BrushStyle.BDiagPattern)  # hatched: here goes the glue
        brush.setTransform(painter.worldTransform().inverted()[0])
        painter.setBrush(brush)
        for part in self._tabs:
            for polygon in self._polygons[part]:
                painter.drawPolygon(polygon)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)

    def _printed(self, painter: QPainter) -> None:
        """The artwork, and in the middle of each wall that bears some an arrow that shows which way is up
        when it is folded."""
        assert self.build is not None
        for pattern, move in zip(self.build.patterns, self.build.spread, strict=True):
            made = self.prints.get(pattern)
            if made is not None:
                box = made.box
                painter.save()
                painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
                painter.translate(move.x, move.y)
                painter.scale(1, -1)
                painter.drawImage(QRectF(box.left, -box.top, box.width, box.height),
                                  made.near(self.scale * self.devicePixelRatioF()))
                painter.restore()

    def _arrows(self, painter: QPainter) -> None:
        """In every flat wall of what bears artwork, an arrow that shows which way is up when it is folded."""
        assert self.build is not None
        painter.setPen(QPen(theme.colour("persimmon"), 1.4))
        for pattern, move in zip(self.build.patterns, self.build.spread, strict=True):
            if pattern in self.prints:
                for panel in pattern.panels:
                    box = self._box_of(Part(pattern.name, panel.whole or panel.name))
                    # a narrow one has room for its name only
                    roomy = min(box.width(), box.height()) * self.scale > 2.5 * _ARROW_PX
                    if panel.role is Role.WALL and not panel.whole and roomy:
                        foot, tip, *barbs = (self.to_px(move.apply(p))
                                             for p in arrow(pattern, panel.name, _ARROW_PX / self.scale))
                        painter.drawLine(foot, tip)
                        for barb in barbs:
                            painter.drawLine(tip, barb)

    def _names(self, painter: QPainter, drawn: list[Dimension], marks: list[MateMark]) -> None:
        """Names of panels, only where they fit and do not meet another name, a dimension or a seam's
        number."""
        painter.setFont(theme.text_font(theme.SMALL))
        metrics = QFontMetricsF(painter.font())
        taken = [_edges(d.label) for d in drawn]
        taken += [_about(m.at.x(), m.at.y(), 2 * MARK_PX, 2 * MARK_PX) for m in marks]
        # a row of teeth is named by its number
        rows = {part for part in self._tabs if len(self._polygons[part]) > 1}
        if self.prints and self.build is not None:  # artwork is not written over
            covered = {(a.piece, a.panel) for a in self.build.brief.arts}
            rows |= {part for part in self._polygons if (part.piece, part.panel) in covered
                     or (part.piece, "") in covered}
        # of a line, and from its middle to where letters stand
        high, up = metrics.height(), metrics.ascent() - metrics.height() / 2
        quiet, chosen = theme.colour("quiet"), theme.colour("indigo")
        scale, zero_x, zero_y = self.scale, self.origin.x(), self.origin.y()
        sizes = [(box.width() * scale, box.height() * scale, part) for part, box in self._boxes.items()
                 if part not in rows]
        for broad, tall, part in sorted(sizes, key=lambda size: -size[0] * size[1]):
            if broad < high or tall < high:
                continue
            words = t(part.panel)
            width = _width(words) + 4
            upright = broad < width <= tall
            if width > (tall if upright else broad):
                continue
            across, along = (high, width) if upright else (width, high)
            for x, y in self._name_places(part, across / scale, along / scale):
                middle_x, middle_y = zero_x + x * scale, zero_y - y * scale
                around = _about(middle_x, middle_y, across, along)
                if not _meets(around, taken):
                    taken.append(around)
                    break
            else:
                continue
            painter.setPen(chosen if part == self.selection else quiet)
            if upright:
                painter.save()
                painter.translate(middle_x, middle_y)
                painter.rotate(-90)
                painter.drawText(QPointF(2 - width / 2, up), words)
                painter.restore()
            else:
                painter.drawText(QPointF(middle_x + 2 - width / 2, middle_y + up), words)

    def _name_places(self, part: Part, across: float, along: float) -> Iterator[Point]:
        """Where a name of that size (mm) may stand on a panel: in its middle, or beside what is cut out
        there."""
        holes, polygons, box = self._holes.get(part, []), self._polygons[part], self._boxes[part]
        left, top, right, bottom = _edges(box)
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
            if holes and _meets(_about(x, y, across, along), holes):
                continue
            low, high = y - 0.3 * along, y + 0.3 * along
            ends = [QPointF(x, y), *(QPointF(x + end, level) for end in (-0.5 * across, 0.5 * across)
                                     for level in (low, high))]
            if all(any(polygon.containsPoint(p, _FILL) for polygon in polygons) for p in ends):
                yield x, y

    def _measure(self, painter: QPainter) -> None:
        """The measuring tool as it lies."""
        if not self.ends:
            return
        tint = theme.colour("persimmon")
        painter.setPen(QPen(tint, 1.6))
        places = [self.to_px(p) for p in self.ends]
        for p in places:
            painter.drawEllipse(p, 4, 4)
        if len(places) == 2:
            painter.drawLine(*places)
            from mingei.core.folded.measuring import span

            words = measured_words(span(*self.ends))
            painter.setFont(theme.figure_font(theme.SMALL))
            metrics = QFontMetricsF(painter.font())
            middle = (places[0] + places[1]) / 2
            width = metrics.horizontalAdvance(words) + 10
            place = QRectF(middle.x() - width / 2, middle.y() - 24, width, 18)
            painter.fillRect(place, theme.colour("raised"))
            painter.drawText(place, Qt.AlignmentFlag.AlignCenter, words)


def _edges(box: QRectF) -> _Edges:
    return cast(_Edges, box.getCoords())  # stubs say it gives one object


def _about(x: float, y: float, across: float, along: float) -> _Edges:
    return x - across / 2, y - along / 2, x + across / 2, y + along / 2


def _meets(box: _Edges, others: Iterable[_Edges]) -> bool:
    """Whether it overlaps any of the others."""
    left, top, right, bottom = box
    return any(left < r and right > a and top < b and bottom > c for a, c, r, b in others)


@lru_cache(maxsize=1024)
def _width(words: str) -> float:
    """How wide (px) a panel's name is written."""
    return QFontMetricsF(theme.text_font(theme.SMALL)).horizontalAdvance(words)


def measured_words(found: Span) -> str:
    """A distance in both units."""
    return typeset(write_both(found.length))
