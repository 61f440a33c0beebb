"""The two views as picture files: PNG as they stand on the screen, SVG as drawings."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import QBuffer, QByteArray, QIODevice
from PySide6.QtGui import QImage, QImageWriter

from mingei.app import theme
from mingei.core.folded.hidden import seen
from mingei.core.folded.view import light_of
from mingei.core.layout.drawing import Drawing, pattern_strokes
from mingei.formats.svg import shaded_svg, svg

if TYPE_CHECKING:
    from mingei.app.stations.draft import DraftStation


def picture_bytes(station: DraftStation, which: str, as_svg: bool) -> bytes | None:
    """The flat or the folded view; None when there is nothing to draw it with."""
    if which == "flat":
        return _flat_svg(station) if as_svg else png(station.flat.picture())
    if as_svg:
        return _folded_svg(station)
    image = station.space.picture()
    return None if image is None else png(image)


def png(image: QImage) -> bytes:
    data = QByteArray()
    buffer = QBuffer(data)
    buffer.open(QIODevice.OpenModeFlag.WriteOnly)
    QImageWriter(buffer, QByteArray(b"png")).write(image)
    return bytes(data.data())


def _flat_svg(station: DraftStation) -> bytes:
    """All pieces side by side, at actual size."""
    build = station.document.build
    box = build.spread_box
    strokes = tuple(s for p, move in zip(build.patterns, build.spread, strict=True)
                    for s in pattern_strokes(p, move))
    return bytes(svg(Drawing(box.width, box.height, strokes, title=build.brief.name)))


def _folded_svg(station: DraftStation) -> bytes | None:
    space = station.space
    if space.solids is None:
        return None
    width, height = space.width(), space.height()
    faces = seen(space.solids, space.camera, width / height, light_of(space.camera))
    names = ("printed", "inside", "rim")
    painted = []
    for face in faces:
        tint = theme.colour(names[int(space.solids.face[face.source])])
        painted.append((face.points,
                        tuple(round(c * face.shade) for c in (tint.red(), tint.green(), tint.blue()))))
    return shaded_svg(painted, width, height, station.document.build.brief.name)
