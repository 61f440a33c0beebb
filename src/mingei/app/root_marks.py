"""What the flat shows of where the pieces of a faceted model begin: a mark on the facet that lies still while
the others are turned up, which is dragged to another facet of its piece."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from typing import NamedTuple

from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QPainter, QPen

from mingei.app import theme
from mingei.core.document.build import Build
from mingei.core.plane.shape import Point

#: The constructions that are made of the facets of a mesh.
FACETED = ("mesh", "mask")
#: How far the mark reaches from its middle, and how far below the middle of its facet it is, where its name
#: is; px.
ROOT_PX, _BESIDE_PX = 6.0, 16.0
#: Ways from there, the first that meets no seam's number is taken.
_WAYS = ((0.0, 1.0), (0.0, -1.0), (1.0, 0.0), (-1.0, 0.0), (0.0, 0.0))


class RootMark(NamedTuple):
    """The mark of a piece, the facet it is on, and where, px."""

    piece: str
    panel: str
    at: QPointF


def root_marks(build: Build, to_px: Callable[[Point], QPointF], numbers: Sequence[QPointF],
               reach: float) -> list[RootMark]:
    """The marks of a faceted model's pieces that have more than one facet.  numbers, reach: where the numbers
    of seams stand, and how far they reach, px."""
    if build.recipe.id not in FACETED:
        return []
    found = []
    for pattern, move in zip(build.patterns, build.spread, strict=True):
        facets = [p for p in pattern.panels if p.name.startswith("facet ")]
        if pattern.rides is None and len(facets) > 1 and pattern.root.startswith("facet "):
            corners = [to_px(move.apply(c)) for c in pattern.by_name[pattern.root].flat_polygon]
            count = len(corners)
            middle = QPointF(sum(c.x() for c in corners) / count, sum(c.y() for c in corners) / count)
            ways = [middle + QPointF(x * _BESIDE_PX, y * _BESIDE_PX) for x, y in _WAYS]
            free = [at for at in ways if all((at - number).manhattanLength() > reach + ROOT_PX
                                             for number in numbers)]
            found.append(RootMark(pattern.name, pattern.root, (free or ways)[0]))
    return found


def paint_roots(painter: QPainter, marks: Iterable[RootMark], held: RootMark | None,
                at: QPointF | None) -> None:
    """A square on its corner for each; held, at: the one that is dragged, and where to."""
    for mark in marks:
        here = mark == held and at is not None
        painter.setPen(QPen(theme.colour("persimmon" if here else "indigo"), 1.6))
        painter.setBrush(theme.colour("surface"))
        middle = at if here and at is not None else mark.at
        if here:
            painter.setPen(QPen(theme.colour("persimmon"), 1.2, Qt.PenStyle.DashLine))
            painter.drawLine(mark.at, middle)
            painter.setPen(QPen(theme.colour("persimmon"), 1.6))
        painter.drawPolygon([middle + QPointF(x, y) for x, y in (
            (ROOT_PX, 0.0), (0.0, ROOT_PX), (-ROOT_PX, 0.0), (0.0, -ROOT_PX))])
