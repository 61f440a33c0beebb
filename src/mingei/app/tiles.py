"""Strokes ready to be painted: gathered by ink in a grid of tiles, so that only what shows is drawn."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from typing import NamedTuple

from PySide6.QtCore import QLineF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPainterPath, QPen

from mingei.core.layout.drawing import LOOKS, Ink, Stroke
from mingei.core.plane.shape import Arc, Box, Path, path_bounds

_GRID = 8
#: Cuts last, on top.
_ORDER = {ink: number for number, ink in enumerate(list(Ink)[::-1])}
#: So few strokes are drawn all together.
_FEW = 400
EVERYWHERE = Box(-1e9, -1e9, 1e9, 1e9)
#: Screen pixels for one mm of an ink's dashes and width, whatever the zoom.
_DASH_PX, _WIDTH_PX = 2.2, 6.0


def add_path(result: QPainterPath, path: Path) -> None:
    """A path of the core added as Qt draws it, y up."""
    result.moveTo(*path[0].start)
    for segment in path:
        if isinstance(segment, Arc):
            r = segment.radius
            square = QRectF(segment.centre[0] - r, segment.centre[1] - r, 2 * r, 2 * r)
            result.arcTo(square, -segment.start_deg, -segment.sweep_deg)  # Qt counts angles with y down
        else:
            result.lineTo(*segment.end)


def pen(ink: Ink, tint: QColor, printed: bool = False) -> QPen:
    """How an ink is drawn on screen: constant weight and pattern at any zoom; or as printed, true to
    scale."""
    look = LOOKS[ink]
    width = look.width if printed else max(1.0, look.width * _WIDTH_PX)
    result = QPen(tint, width)
    result.setCosmetic(not printed)
    # lines drawn one by one meet at corners; dashes end where they end
    result.setCapStyle(Qt.PenCapStyle.FlatCap if look.dashes else Qt.PenCapStyle.SquareCap)
    if look.dashes:
        result.setDashPattern([d * (1.0 if printed else _DASH_PX) / width for d in look.dashes])
    return result


class Tile(NamedTuple):
    """All strokes of one ink whose middle lies in one tile of the grid, and the box that holds them.

    lines: straight segments, drawn one by one in a tenth of the time they take as a path (measured); path:
    all arcs.
    """

    ink: Ink
    path: QPainterPath
    box: Box
    lines: list[QLineF]


class Tiles:
    """Strokes gathered for painting."""

    def __init__(self, strokes: Iterable[Stroke]) -> None:
        strokes = tuple(strokes)
        # few show all
        measured = [(stroke, EVERYWHERE if len(strokes) <= _FEW else path_bounds([stroke.path]))
                    for stroke in strokes]
        whole = path_bounds(stroke.path for stroke in strokes) if len(strokes) > _FEW else EVERYWHERE
        gathered: dict[tuple[int, int, int], tuple[QPainterPath, list[QLineF], list[Box]]] = {}
        for stroke, box in measured:
            x, y = box.centre
            column = min(_GRID - 1, int(_GRID * (x - whole.left) / max(whole.width, 1e-9)))
            row = min(_GRID - 1, int(_GRID * (y - whole.bottom) / max(whole.height, 1e-9)))
            path, lines, boxes = gathered.setdefault((_ORDER[stroke.ink], column, row),
                                                     (QPainterPath(), [], []))
            for segment in stroke.path:
                if isinstance(segment, Arc):
                    add_path(path, (segment,))
                else:
                    lines.append(QLineF(*segment.start, *segment.end))
            boxes.append(box)
        inks = list(_ORDER)
        self.tiles = [Tile(inks[order], path, Box(min(b.left for b in boxes), min(b.bottom for b in boxes),
                                                  max(b.right for b in boxes), max(b.top for b in boxes)),
                           lines)
                      for (order, _, _), (path, lines, boxes) in sorted(gathered.items(),
                                                                        key=lambda item: item[0])]

    def paint(self, painter: QPainter, tints: dict[Ink, QColor], exposed: Sequence[Box],
              printed: bool = False) -> None:
        """Draw what meets the exposed boxes (mm); the painter is set to mm, y up.  printed: at true
        weights."""
        ink: Ink | None = None
        for tile in self.tiles:
            if any(map(tile.box.meets, exposed)):
                if tile.ink is not ink:
                    ink = tile.ink
                    painter.setPen(pen(ink, tints[ink], printed))
                if tile.lines:
                    painter.drawLines(tile.lines)
                if not tile.path.isEmpty():
                    painter.drawPath(tile.path)
