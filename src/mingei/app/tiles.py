"""Strokes ready to be painted: gathered by ink in a grid of tiles, so that only what shows is drawn."""

from __future__ import annotations

from collections.abc import Iterable
from typing import NamedTuple

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPainterPath, QPen

from mingei.core.drawing import LOOKS, Ink, Stroke
from mingei.core.shape import Arc, Box, Path, path_bounds

_GRID = 8
#: So few strokes are drawn all together.
_FEW = 400
EVERYWHERE = Box(-1e9, -1e9, 1e9, 1e9)
#: Screen pixels for one mm of an ink's dashes and width, whatever the zoom.
_DASH_PX, _WIDTH_PX = 2.2, 6.0


def painter_path(path: Path) -> QPainterPath:
    """A path of the core as Qt draws it, y up."""
    result = QPainterPath(QPointF(*path[0].start))
    add_path(result, path)
    return result


def add_path(result: QPainterPath, path: Path) -> None:
    result.moveTo(*path[0].start)
    for segment in path:
        if isinstance(segment, Arc):
            r = segment.radius
            square = QRectF(segment.centre[0] - r, segment.centre[1] - r, 2 * r, 2 * r)
            result.arcTo(square, -segment.start_deg, -segment.sweep_deg)  # Qt counts angles with y down
        else:
            result.lineTo(*segment.end)


def pen(ink: Ink, tint: QColor, printed: bool = False) -> QPen:
    """How an ink is drawn on screen: constant weight and pattern at any zoom; or as printed, true to scale."""
    look = LOOKS[ink]
    width = look.width if printed else max(1.0, look.width * _WIDTH_PX)
    result = QPen(tint, width)
    result.setCosmetic(not printed)
    result.setCapStyle(Qt.PenCapStyle.FlatCap)
    if look.dashes:
        result.setDashPattern([d * (1.0 if printed else _DASH_PX) / width for d in look.dashes])
    return result


class Tile(NamedTuple):
    """All strokes of one ink whose middle lies in one tile of the grid, and the box that holds them."""

    ink: Ink
    path: QPainterPath
    box: Box


class Tiles:
    """Strokes gathered for painting."""

    def __init__(self, strokes: Iterable[Stroke]) -> None:
        self.tiles: list[Tile] = []
        strokes = tuple(strokes)
        order = list(Ink)[::-1]  # cuts last, on top
        if len(strokes) <= _FEW:  # all show, or none: one tile for each ink
            for ink in order:
                path = QPainterPath()
                for stroke in strokes:
                    if stroke.ink is ink:
                        add_path(path, stroke.path)
                if not path.isEmpty():
                    self.tiles.append(Tile(ink, path, EVERYWHERE))
            return
        measured = [(stroke, path_bounds([stroke.path])) for stroke in strokes]
        whole = Box(min(b.left for _, b in measured), min(b.bottom for _, b in measured), max(b.right for _, b in measured),
                    max(b.top for _, b in measured))
        gathered: dict[tuple[Ink, int, int], tuple[QPainterPath, list[Box]]] = {}
        for stroke, box in measured:
            x, y = box.centre
            column = min(_GRID - 1, int(_GRID * (x - whole.left) / max(whole.width, 1e-9)))
            row = min(_GRID - 1, int(_GRID * (y - whole.bottom) / max(whole.height, 1e-9)))
            path, boxes = gathered.setdefault((stroke.ink, column, row), (QPainterPath(), []))
            add_path(path, stroke.path)
            boxes.append(box)
        for (ink, _, _), (path, boxes) in sorted(gathered.items(), key=lambda item: order.index(item[0][0])):
            self.tiles.append(Tile(ink, path, Box(min(b.left for b in boxes), min(b.bottom for b in boxes), max(b.right for b in boxes),
                                                  max(b.top for b in boxes))))

    def paint(self, painter: QPainter, tints: dict[Ink, QColor], exposed: Box, printed: bool = False) -> None:
        """Draw what meets the exposed box (mm); the painter is set to mm, y up.  printed: at true weights."""
        ink: Ink | None = None
        for tile in self.tiles:
            if tile.box.meets(exposed):
                if tile.ink is not ink:
                    ink = tile.ink
                    painter.setPen(pen(ink, tints[ink], printed))
                painter.drawPath(tile.path)
