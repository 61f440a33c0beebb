"""Artwork on the screen: pictures read small in the background, and each piece's print as one image for both views."""

from __future__ import annotations

import math
from collections.abc import Mapping
from typing import NamedTuple, TypeAlias

from PySide6.QtCore import QObject, QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QImage, QPainter, QPainterPath, QPen, QTransform

from mingei.app.workers import Job, Progress
from mingei.core.art import Art, Picture, Printed, Raster, Vector, printed
from mingei.core.build import Build
from mingei.core.check import Finding
from mingei.core.check.printing import found_about
from mingei.core.errors import MingeiError
from mingei.core.pattern import Pattern
from mingei.core.shape import Box, bounds
from mingei.formats import artwork

#: Pictures are read no larger than this for the screen, px; a piece's print is no finer, px, nor finer than so many px a mm.
_PREVIEW_PX, _PRINT_PX, _FINEST = 1000, 1200.0, 8.0


_Key: TypeAlias = tuple[str, str, str, str]


class Print:
    """A piece's print: its image, and the rectangle of the flat it covers, mm."""

    def __init__(self, image: QImage, box: Box) -> None:
        self.image, self.box = image, box
        self._halves = [image]

    def near(self, px_a_mm: float) -> QImage:
        """The image halved as often as keeps it sharp enough: shown much smaller than it is, it would flicker and lose thin strokes."""
        level = max(0, math.floor(math.log2(max(1.0, self.image.width() / (self.box.width * px_a_mm)))))
        while len(self._halves) <= level:
            last = self._halves[-1]
            self._halves.append(last.scaled(max(1, last.width() // 2), max(1, last.height() // 2), Qt.AspectRatioMode.IgnoreAspectRatio,
                                            Qt.TransformationMode.SmoothTransformation))
        return self._halves[level]


class _Read(NamedTuple):
    """What came of reading a picture."""

    picture: Picture | None
    image: QImage | None
    error: MingeiError | None


def _read(art: Art) -> _Read:
    try:
        picture = artwork.picture_of(art)
        if not isinstance(picture, Raster):
            return _Read(picture, None, None)
        width, height, data = artwork.preview(picture, _PREVIEW_PX)
        return _Read(picture, QImage(data, width, height, 4 * width, QImage.Format.Format_RGBA8888).copy(), None)
    except MingeiError as error:
        return _Read(None, None, error)


class Prints(QObject):
    """The pictures of a document's artwork.  arrived: more is known than before."""

    arrived = Signal()

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._known: dict[_Key, _Read] = {}
        self._reading: dict[_Key, Job] = {}
        self._made: tuple[Build, int, dict[Pattern, Print]] | None = None
        self._version = 0

    def forget(self) -> None:
        """Look at all files anew."""
        self._known = {}
        self._version += 1
        self.arrived.emit()

    def _key(self, art: Art) -> _Key:
        return art.source, art.words, art.font, art.colour

    def _ask(self, art: Art) -> _Read | None:
        """What is known of an artwork's picture; None while it is being read."""
        key = self._key(art)
        if key not in self._known and key not in self._reading:
            job = Job(lambda progress: self._work(progress, art), self)
            job.done.connect(lambda read, key=key: self._take(key, read))
            job.failed.connect(lambda error, key=key: self._take(key, _Read(None, None, error)))
            self._reading[key] = job
            job.start()
        return self._known.get(key)

    @staticmethod
    def _work(progress: Progress, art: Art) -> _Read:
        progress.stop_if_asked()
        return _read(art)

    def _take(self, key: _Key, read: _Read) -> None:
        self._reading.pop(key, None)
        self._known[key] = read
        self._version += 1
        self.arrived.emit()

    def pictures(self, build: Build) -> dict[Art, Picture | None]:
        """The pictures of a thing's artwork that have been read."""
        found = {}
        for art in build.brief.arts:
            read = self._ask(art)
            if read is not None:
                found[art] = read.picture
        return found

    def refused(self, build: Build) -> list[tuple[Art, MingeiError]]:
        """Artwork that cannot be shown, and why."""
        reads = [(art, self._known.get(self._key(art))) for art in build.brief.arts]
        return [(art, read.error) for art, read in reads if read is not None and read.error is not None]

    def findings(self, build: Build) -> tuple[Finding, ...]:
        """What is to be said of a thing's artwork."""
        pictures = {art: picture for art, picture in self.pictures(build).items() if picture is not None}
        prints = [each for on in printed(pictures, build.patterns, pictures).values() for each in on]
        return tuple(found_about(self.refused(build), prints))

    def of(self, build: Build) -> Mapping[Pattern, Print]:
        """The prints of a thing's pieces, as far as their pictures have been read."""
        if not build.brief.arts:
            return {}
        if self._made is not None and self._made[0] is build and self._made[1] == self._version:
            return self._made[2]
        pictures = self.pictures(build)
        images = {id(read.picture): read.image for read in self._known.values() if read.picture is not None}
        on = printed([a for a in build.brief.arts if a in pictures], build.patterns, pictures)
        made = {pattern: paint(prints, images) for pattern, prints in on.items()}
        self._made = build, self._version, made
        return made


def paint(prints: tuple[Printed, ...], images: Mapping[int, QImage | None]) -> Print:
    """A piece's print as one image.  images: the pixels of its pictures, by their identity."""
    box = bounds(q for p in prints for outline, _ in p.within for q in outline)
    scale = min(_FINEST, _PRINT_PX / max(box.width, box.height))
    image = QImage(max(1, round(box.width * scale)), max(1, round(box.height * scale)), QImage.Format.Format_RGBA8888)
    image.fill(Qt.GlobalColor.transparent)
    painter = QPainter(image)
    painter.setRenderHints(QPainter.RenderHint.Antialiasing | QPainter.RenderHint.SmoothPixmapTransform)
    to_px = QTransform(image.width() / box.width, 0, 0, -image.height() / box.height, -box.left * image.width() / box.width,
                       box.top * image.height() / box.height)
    for each in prints:
        painter.save()
        painter.setTransform(to_px)
        within = QPainterPath()
        within.setFillRule(Qt.FillRule.OddEvenFill)
        for outline, holes in each.within:
            for loop in (outline, *holes):
                within.moveTo(*loop[0])
                for point in loop[1:]:
                    within.lineTo(*point)
                within.closeSubpath()
        painter.setClipPath(within)
        for frame in each.frames:
            painter.save()
            painter.translate(*frame.middle)
            painter.rotate(frame.turn_deg)
            _draw(painter, each, frame.width, frame.height, images)
            painter.restore()
        painter.restore()
    painter.end()
    return Print(image, box)


def _draw(painter: QPainter, each: Printed, width: float, height: float, images: Mapping[int, QImage | None]) -> None:
    """One picture about the origin, y up."""
    picture = each.picture
    pixels = images.get(id(picture))
    if isinstance(picture, Raster) and pixels is not None:
        painter.scale(1, -1)
        painter.drawImage(QRectF(-width / 2, -height / 2, width, height), pixels)
    elif isinstance(picture, Vector):
        scale = width / picture.width
        painter.scale(scale, scale)
        painter.translate(-picture.width / 2, -picture.height / 2)
        for mark in picture.marks:
            path = QPainterPath()
            path.setFillRule(Qt.FillRule.OddEvenFill if mark.even_odd else Qt.FillRule.WindingFill)
            for name, points in mark.commands:
                if name == "M":
                    path.moveTo(*points[0])
                elif name == "L":
                    path.lineTo(*points[0])
                elif name == "C":
                    path.cubicTo(*(QPointF(*p) for p in points))
                else:
                    path.closeSubpath()
            painter.setBrush(QColor(*mark.fill) if mark.fill is not None else Qt.BrushStyle.NoBrush)
            painter.setPen(QPen(QColor(*mark.stroke), mark.width) if mark.stroke is not None else Qt.PenStyle.NoPen)
            painter.drawPath(path)
    else:  # the place of a picture that is missing
        painter.setPen(QPen(QColor("#9C3324"), 0.4, Qt.PenStyle.DashLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(QRectF(-width / 2, -height / 2, width, height))
        painter.drawLine(QPointF(-width / 2, -height / 2), QPointF(width / 2, height / 2))
        painter.drawLine(QPointF(-width / 2, height / 2), QPointF(width / 2, -height / 2))
