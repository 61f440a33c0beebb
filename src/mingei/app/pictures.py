"""Small drawings of finished things, painted without OpenGL, so that they can be had anywhere and at any
size."""

from __future__ import annotations

from collections.abc import Generator
from functools import lru_cache

from PySide6.QtCore import QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QIcon, QImage, QPainter, QPen, QPixmap, QPolygonF

from mingei.app import theme
from mingei.core.document.build import Build
from mingei.core.folded.hidden import finished, seen_in_steps
from mingei.core.folded.solid import assembled
from mingei.core.folded.view import Camera, framed, light_of

#: Painted so many times larger and scaled down: smooth edges without gaps between neighbours.
_FINER = 3
_FACES = ("printed", "inside", "rim")


def paint_thing(painter: QPainter, room: QRectF, build: Build, fraction: float = 1.0,
                camera: Camera | None = None) -> None:
    """Paint a build as it stands at a moment of its folding, filling the room (px)."""
    finished(_painted(painter, room, build, fraction, camera))


def _painted(painter: QPainter, room: QRectF, build: Build, fraction: float = 1.0,
             camera: Camera | None = None) -> Generator[None, None, None]:
    """As ``paint_thing``, in short steps."""
    shape = assembled(build.patterns, build.moments(fraction))
    yield
    view = framed(camera or Camera(), shape.triangles.reshape(-1, 3))
    faces = yield from seen_in_steps(shape, view, room.width() / room.height(), light_of(view))
    for number, face in enumerate(faces):
        tint = theme.colour(_FACES[int(shape.face[face.source])])
        tint = QColor.fromRgbF(tint.redF() * face.shade, tint.greenF() * face.shade,
                               tint.blueF() * face.shade)
        painter.setPen(QPen(tint, 1))  # covers the gap that rounding leaves between neighbours
        painter.setBrush(tint)
        painter.drawPolygon(QPolygonF([QPointF(room.left() + x * room.width(),
                                               room.bottom() - y * room.height()) for x, y in face.points]))
        if number % _FACES_A_STEP == 0:
            yield


#: Pictures drawn ahead, by build, size (px), density and colours, until they are asked for.
_ahead: dict[tuple[Build, int, int, float, theme.Tokens], QPixmap] = {}
_AHEAD_MOST, _FACES_A_STEP = 4, 24


@lru_cache(maxsize=64)
def picture(build: Build, width: int, height: int, ratio: float, tokens: theme.Tokens) -> QPixmap:
    """A picture of a build; kept by build, size (px), density and colours."""
    return (_ahead.pop((build, width, height, ratio, tokens), None)
            or finished(_drawn(build, width, height, ratio)))


def _drawn(build: Build, width: int, height: int, ratio: float) -> Generator[None, None, QPixmap]:
    size = QSize(width, height) * ratio
    large = QImage(size * _FINER, QImage.Format.Format_ARGB32_Premultiplied)
    large.fill(Qt.GlobalColor.transparent)
    painter = QPainter(large)
    try:
        yield from _painted(painter, QRectF(0, 0, large.width(), large.height()), build)
    finally:  # whoever asked may have gone
        painter.end()
    yield
    pixmap = QPixmap.fromImage(large.scaled(size, mode=Qt.TransformationMode.SmoothTransformation))
    pixmap.setDevicePixelRatio(ratio)
    return pixmap


def draw_ahead(build: Build, width: int, height: int) -> Generator[None, None, None]:
    """Draw a picture in short steps, so that a person is not kept waiting; ``picture_icon`` then finds it
    done."""
    key = build, width, height, 2.0, theme.tokens()
    made = yield from _drawn(build, width, height, 2.0)
    while len(_ahead) >= _AHEAD_MOST:
        _ahead.pop(next(iter(_ahead)))
    _ahead[key] = made


def picture_icon(build: Build, width: int, height: int) -> QIcon:
    return QIcon(picture(build, width, height, 2.0, theme.tokens()))
