"""The flat view: the pieces as they are cut and scored, with their measures on them and a rule along two
edges."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from itertools import chain
from types import MappingProxyType
from typing import TYPE_CHECKING

from PySide6.QtCore import QPoint, QPointF, QRect, Qt, Signal
from PySide6.QtGui import (
    QBrush,
    QColor,
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
from mingei.app.flat_art import paint_arrows, paint_prints
from mingei.app.flat_panels import FlatPanels, around, edges, paint_names
from mingei.app.part_view import PartView
from mingei.app.root_marks import ROOT_PX, RootMark, paint_roots, root_marks
from mingei.app.rules import RULE_PX, Scale, paint_grid, paint_rules
from mingei.app.seam_marks import (
    MARK_PX,
    JoinLine,
    MateMark,
    edge_between,
    join_lines,
    mate_marks,
    paint_lines,
    paint_marks,
    paint_set,
)
from mingei.app.spans import paint_span
from mingei.app.tiles import Tiles
from mingei.app.words import t
from mingei.core.document.build import NOTHING, Build, Part
from mingei.core.layout.drawing import Ink, pattern_strokes
from mingei.core.layout.splice import at_point, from_left
from mingei.core.length import MM_PER_INCH, write_both
from mingei.core.plane.shape import Box, Point, contains

if TYPE_CHECKING:  # measuring loads when something is measured
    from mingei.app.prints import Print
    from mingei.core.flat.pattern import Pattern

NO_PRINTS: Mapping[Pattern, Print] = MappingProxyType({})

_EDGE_PX = 16
SCALE_LEAST, SCALE_MOST = 0.05, 200.0
_SNAP_PX = 9
#: How near a line across a piece is caught, px.
_REACH_PX = 5


class FlatView(PartView):
    """dragged: a measure and its new length (mm); respliced: the number of a line across a piece, and the
    line where it was dragged; rerooted: the facet another facet's piece is to begin with; released: the drag
    is over; measured: the Span between two points."""

    dragged = Signal(str, float)
    respliced = Signal(int, object)
    rerooted = Signal(str)
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
        self.panels = FlatPanels()
        self._fitted = True
        self._panning: QPoint | None = None
        self._space = False
        self._held = ""
        self._line: int | None = None  # the line across a piece that is dragged
        self._set: tuple[str, str, bool] | None = None  # the edge that was joined or cut just now
        self._marks: tuple[object, list[MateMark]] | None = None  # those of a build at a scale and place
        self._root: tuple[RootMark, QPointF] | None = None  # the mark that is dragged, and where
        # measure, level, end, pressed at, value, was fitted
        self._drag: tuple[str, bool, int, QPointF, float, bool] | None = None

    # -- what is shown ---------------------------------------------------------------------------------------

    def show_build(self, build: Build, prints: Mapping[Pattern, Print] = NO_PRINTS) -> None:
        """Show another build with what is printed on it; a view that was fitted stays fitted."""
        self.prints = prints
        if self.build is not None and self.build.recipe is not build.recipe:
            self._fitted = True
            self.ends = []
        self.build, self._set = build, None
        self.tiles = Tiles(chain.from_iterable(pattern_strokes(p, move)
                                               for p, move in zip(build.patterns, build.spread, strict=True)))
        self.panels = FlatPanels(build)
        if self._fitted:
            self.fit()
        self.setAccessibleDescription("; ".join(
            t("{piece}, {width} by {height}", piece=t(p.name), width=write_both(p.box.width),
              height=write_both(p.box.height))
            for p in build.patterns))
        self.update()

    def show_set(self, one: str, other: str, joined: bool) -> None:
        """Show at once that the edge between two facets is joined or cut, till the pieces are worked out;
        no names: it is not."""
        before, self._set = self._set, (one, other, joined) if one else None
        if self.build is None:
            return
        changed = QRegion()  # of a large model no more is painted than changes
        for edge in filter(None, (before, self._set)):
            ends = QPolygonF([p for line in edge_between(self.build, *edge[:2], self.to_px) for p in line])
            changed += ends.boundingRect().toAlignedRect().adjusted(-4, -4, 4, 4)
        self.update(changed)

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
        left = right = below = _EDGE_PX
        # room for dimensions only where there are any
        if self.build is not None and self.build.draft.dimensions:
            left, right = (max(_EDGE_PX, room) for room in dimensions.room_beside(self.build, self.unit))
            below = dimensions.BELOW_PX
        paper = self._paper().adjusted(left, _EDGE_PX, -right, -below)
        scale = min(paper.width() / max(box.width, 1e-6), paper.height() / max(box.height, 1e-6))
        self.scale = max(SCALE_LEAST, min(SCALE_MOST, scale))
        x, y = box.centre
        self.origin = QPointF(paper.center()) + QPointF(-x * self.scale, y * self.scale)
        self.update()

    def fit_selection(self) -> None:
        """Zoom to the selected panel, or to all when none is."""
        if self.build is None or self.selection not in self.panels.boxes:
            self.fit()
            return
        box = self.panels.boxes[self.selection]
        self._fitted = False
        self._fit_to(Box(box.left(), box.top(), box.right(), box.bottom()))

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
        return self.panel_at(at)

    def panel_at(self, at: QPointF) -> Part:
        """The panel under a point of the view, whatever is written on it, or NOTHING."""
        if self.build is None:
            return NOTHING
        p = self.to_mm(at)
        for pattern, move in zip(self.build.patterns, self.build.spread, strict=True):
            q = move.inverse().apply(p)
            for panel in pattern.panels:
                if contains(panel.flat_polygon, q):
                    return Part(pattern.name, panel.whole or panel.name)
        return NOTHING

    def marks(self) -> list[MateMark]:
        """The numbers of the seams, each beside both its edges, where there is room for them."""
        if self.build is None or self.printed:
            return []
        drawn = self.build, self.scale, self.origin.toTuple()
        if self._marks is None or self._marks[0] != drawn:  # asked for again and again while nothing moves
            self._marks = drawn, mate_marks(self.build, self.to_px)
        return self._marks[1]

    def lines(self) -> list[JoinLine]:
        """The lines that pieces are cut across by, as drawn now."""
        return [] if self.build is None or self.printed else join_lines(self.build, self.to_px)

    def line_at(self, at: QPointF) -> JoinLine | None:
        """The line across a piece under a point of the view."""
        return next((line for line in self.lines() if line.distance(at) <= _REACH_PX), None)

    def roots(self) -> list[RootMark]:
        """The marks of where the pieces of a faceted model begin, as drawn now."""
        if self.build is None or self.printed:
            return []
        return root_marks(self.build, self.to_px, [mark.at for mark in self.marks()], MARK_PX)

    def root_at(self, at: QPointF) -> RootMark | None:
        """The mark of a root under a point of the view."""
        return next((m for m in self.roots() if (m.at - at).manhattanLength() <= ROOT_PX + 3), None)

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
            if (root := self.root_at(at)) is not None:
                self._root = root, at
                self.update()
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
        elif self._root is not None:
            self._root = self._root[0], at
            self.pointed.emit(self.panel_at(at))
            self.update()
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
                over = held is None and line is None and self.root_at(at) is not None
                self.setCursor(Qt.CursorShape.OpenHandCursor if over else
                               cursors[held.level if held else from_left(line.splice) if line else None])
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
        if self._root is not None:
            root, part = self._root[0], self.panel_at(event.position())
            self._root = None
            self.update()
            if part.piece == root.piece and part.panel not in ("", root.panel):
                self.rerooted.emit(part.panel)
            else:
                self.picked.emit(Part(root.piece, root.panel))
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
            boxes = [self._box_mm(r) for r in region]  # type: ignore[attr-defined]  # stubs lack it
            if not self.printed:
                self._fills(painter, boxes)
            painter.setBrush(Qt.BrushStyle.NoBrush)
            self.tiles.paint(painter, self._tints(), boxes, self.printed)
            painter.restore()
            painter.save()
            painter.setClipRegion(region.intersected(paper))
            if not self.printed:
                drawn, marks = self.dimensions(), self.marks()
                self._names(painter, drawn, marks)
                if self.prints:
                    paint_arrows(painter, self.build, self.prints, self.panels.boxes, self.scale, self.to_px)
                ratio = self.devicePixelRatioF()
                paint_marks(painter, self.build, marks, (self.selection, self.hover), ratio)
                paint_lines(painter, self.lines(), self._line, ratio)
                if self._set is not None:
                    one, other, joined = self._set
                    paint_set(painter, edge_between(self.build, one, other, self.to_px), joined)
                held, over = self._root or (None, None)
                paint_roots(painter, self.roots(), held, over)
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

    def _fills(self, painter: QPainter, boxes: Sequence[Box]) -> None:
        """The panels within some boxes, mm."""
        shown = self.panels.within(boxes)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing, False)  # lines cover the borders
        painter.setBrush(theme.colour("raised"))
        for part in self.panels.polygons:
            if part in shown:
                self.panels.paint(painter, part)
        if self.prints and self.build is not None:
            paint_prints(painter, self.build, self.prints, self.scale * self.devicePixelRatioF())
        for part, tint in ((self.hover, "hover"), (self.selection, "wash")):
            over = theme.colour(tint)
            over.setAlpha(150 if self.prints else 255)
            painter.setBrush(over)
            self.panels.paint(painter, part)
        brush = QBrush(theme.colour("line"), Qt.BrushStyle.BDiagPattern)  # hatched: here goes the glue
        brush.setTransform(painter.worldTransform().inverted()[0])
        painter.setBrush(brush)
        for part in self.panels.tabs:
            if part in shown:
                self.panels.paint(painter, part)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)

    def _names(self, painter: QPainter, drawn: list[Dimension], marks: list[MateMark]) -> None:
        """Names of panels, where they meet no dimension and no seam's number."""
        assert self.build is not None
        parts = self.panels.named()
        if self.prints:  # artwork is not written over
            covered = {(a.piece, a.panel) for a in self.build.brief.arts} | {
                (pattern.name, p.name) for pattern in self.build.patterns for p in pattern.panels if p.tint}
            parts = {part for part in parts if not covered & {(part.piece, part.panel), (part.piece, "")}}
        taken = [edges(d.label) for d in drawn]
        taken += [around(m.at.x(), m.at.y(), 2 * MARK_PX, 2 * MARK_PX) for m in marks]
        paint_names(painter, self.panels, parts, self.selection, self.scale, self.to_px, taken)

    def _measure(self, painter: QPainter) -> None:
        """The measuring tool as it lies."""
        if self.ends:
            from mingei.core.folded.measuring import span

            found = span(*self.ends) if len(self.ends) == 2 else None
            paint_span(painter, [self.to_px(end) for end in self.ends], found)
