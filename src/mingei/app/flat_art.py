"""Artwork on the flat view: the prints as they lie, and which way is up once folded."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping
from typing import TYPE_CHECKING

from PySide6.QtCore import QPointF, QRectF
from PySide6.QtGui import QPainter, QPen

from mingei.app import theme
from mingei.core.covering.art import arrow
from mingei.core.document.build import Build, Part
from mingei.core.draft import Role
from mingei.core.plane.shape import Point, Rigid

if TYPE_CHECKING:  # prints load with the first artwork
    from mingei.app.prints import Print
    from mingei.core.flat.pattern import Pattern

_ARROW_PX = 16


def paint_prints(painter: QPainter, build: Build, prints: Mapping[Pattern, Print], px_per_mm: float) -> None:
    """Each piece's print in its place, the painter being set to mm."""
    for pattern, move in _bearing(build, prints):
        made = prints[pattern]
        box = made.box
        painter.save()
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.translate(move.x, move.y)
        painter.scale(1, -1)
        painter.drawImage(QRectF(box.left, -box.top, box.width, box.height), made.near(px_per_mm))
        painter.restore()


def paint_arrows(painter: QPainter, build: Build, prints: Mapping[Pattern, Print],
                 boxes: Mapping[Part, QRectF], scale: float, to_px: Callable[[Point], QPointF]) -> None:
    """In every flat wall of what bears artwork, an arrow that shows which way is up when it is folded."""
    painter.setPen(QPen(theme.colour("persimmon"), 1.4))
    for pattern, move in _bearing(build, prints):
        for panel in pattern.panels:
            box = boxes[Part(pattern.name, panel.whole or panel.name)]
            # a narrow one has room for its name only
            roomy = min(box.width(), box.height()) * scale > 2.5 * _ARROW_PX
            if panel.role is Role.WALL and not panel.whole and roomy:
                foot, tip, *barbs = (to_px(move.apply(p))
                                     for p in arrow(pattern, panel.name, _ARROW_PX / scale))
                painter.drawLine(foot, tip)
                for barb in barbs:
                    painter.drawLine(tip, barb)


def _bearing(build: Build, prints: Mapping[Pattern, Print]) -> Iterator[tuple[Pattern, Rigid]]:
    return ((pattern, move) for pattern, move in zip(build.patterns, build.spread, strict=True)
            if pattern in prints)
