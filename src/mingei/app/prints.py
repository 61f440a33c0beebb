"""Artwork on the screen: pictures read small in the background, and each piece's print as one image for both
views."""

from __future__ import annotations

import math
from collections import OrderedDict
from collections.abc import Callable, Iterable, Mapping
from functools import lru_cache
from pathlib import Path
from typing import NamedTuple, TypeAlias
from weakref import WeakKeyDictionary

from PySide6.QtCore import QObject, QPointF, QRectF, Qt, QTimer, Signal
from PySide6.QtGui import QColor, QImage, QPainter, QPainterPath, QPen, QTransform

from mingei.app.workers import Job, Progress
from mingei.core.check import Finding
from mingei.core.check.printing import found_about
from mingei.core.covering.art import Art, Frame, Mark, Picture, Printed, Raster, Vector, nowhere, printed
from mingei.core.document.build import Build
from mingei.core.errors import MingeiError
from mingei.core.flat.pattern import Pattern
from mingei.core.layout.splice import printed_within
from mingei.core.plane.shape import Box, bounds
from mingei.formats import artwork
from mingei.formats.assets import digest_of

#: Pictures are read no larger than this for the screen, px; a piece's print is no finer, px, nor finer than
#: so many px a mm.
_PREVIEW_PX, _PRINT_PX, _FINEST = 1000, 1200.0, 8.0
#: While measures change, no finer than this (px), and finely once they have rested so long (ms).
_HURRIED_PX, _REST_MS = 420.0, 220
#: Prints of so many bytes are kept, and those asked for last; a drawing repeated more often than so many
#: times is painted once and laid down.
_ROOM_BYTES, _FEW = 48 * 1024 * 1024, 3
#: A print of more patches is painted in the background.
_MANY = 60


_Key: TypeAlias = tuple[str, str, str, str]


class Print:
    """A piece's print: its image, and the rectangle of the flat it covers, mm."""

    def __init__(self, image: QImage, box: Box) -> None:
        self.image, self.box = image, box
        self._halves = [image]

    def near(self, px_a_mm: float) -> QImage:
        """The image halved as often as keeps it sharp enough: shown much smaller than it is, it would flicker
        and lose thin strokes."""
        level = max(0, math.floor(math.log2(max(1.0, self.image.width() / (self.box.width * px_a_mm)))))
        while len(self._halves) <= level:
            last = self._halves[-1]
            half = last.scaled(max(1, last.width() // 2), max(1, last.height() // 2),
                               Qt.AspectRatioMode.IgnoreAspectRatio,
                               Qt.TransformationMode.SmoothTransformation)
            self._halves.append(half.convertToFormat(self.image.format()))
        return self._halves[level]


class _Read(NamedTuple):
    """What came of reading a picture."""

    picture: Picture | None
    image: QImage | None
    error: MingeiError | None
    stamp: int = 0
    digest: str = ""


def _stamp(source: str) -> int:
    """When a file was last changed, 0 where there is none."""
    try:
        return Path(source).stat().st_mtime_ns if source else 0
    except OSError:
        return 0


def _read(art: Art) -> _Read:
    stamp = _stamp(art.source)
    try:
        picture = artwork.picture_of(art)
        known = digest_of(art.source) if art.digest else ""
        if not isinstance(picture, Raster):
            return _Read(picture, None, None, stamp, known)
        width, height, data = artwork.preview(picture, _PREVIEW_PX)
        return _Read(picture, QImage(data, width, height, 4 * width, QImage.Format.Format_RGBA8888).copy(),
                     None, stamp, known)
    except MingeiError as error:
        return _Read(None, None, error, stamp)


class Prints(QObject):
    """The pictures of a document's artwork.  arrived: more is known than before."""

    arrived = Signal()

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._known: dict[_Key, _Read] = {}
        self._reading: dict[_Key, Job] = {}
        self._made: OrderedDict[Build, tuple[int, bool, dict[Pattern, Print]]] = OrderedDict()
        self._version = 0
        self._changing = ""  # the thing whose print was painted last, until it rests
        # what is to be said of each, and at which version
        self._told: WeakKeyDictionary[Build, tuple[int, tuple[Finding, ...]]] = WeakKeyDictionary()
        self._placed: tuple[Build, int, dict[Pattern, tuple[Printed, ...]]] | None = None
        self._rest = QTimer(self)
        self._rest.setSingleShot(True)
        self._rest.setInterval(_REST_MS)
        self._rest.timeout.connect(self._refine)
        self._waiting: list[Build] = []
        self._behind: tuple[Build, int, Job] | None = None  # what is painted in the background
        self._most = 1
        self._soon = QTimer(self)
        self._soon.setSingleShot(True)
        self._soon.setInterval(0)
        self._soon.timeout.connect(self._paint_next)

    def come_back(self, state: Qt.ApplicationState) -> None:
        """Look again when a person comes back to the window."""
        if state is Qt.ApplicationState.ApplicationActive:
            self.look_again()

    def look_again(self) -> None:
        """Read again the pictures whose files have changed, come or gone since they were read: someone may
        have drawn on."""
        stale = [key for key, read in self._known.items() if read.stamp != _stamp(key[0])]
        for key in stale:
            del self._known[key]
        if stale:
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
        """What is to be said of a thing's artwork; kept with it while no more is read."""
        known = self._told.get(build)
        if known is not None and known[0] == self._version:
            return known[1]
        lying = _lying_on(build, self.pictures(build))
        reads = [(art, self._known.get(self._key(art))) for art in build.brief.arts]
        changed = [art for art, read in reads if read is not None and read.digest and art.digest
                   and read.digest != art.digest]
        prints = [each for on in lying.values() for each in on]
        lost = nowhere(build.brief.arts, build.patterns)
        found = tuple(found_about(self.refused(build), prints, changed, lost))
        self._told[build] = self._version, found
        return found

    def of(self, build: Build) -> Mapping[Pattern, Print]:
        """The prints of a thing's pieces, as far as their pictures have been read."""
        if not build.prints:
            return {}
        known = self._made.get(build)
        if known is not None and known[0] == self._version:
            self._made.move_to_end(build)
            return known[2]
        if _many(build):
            self._paint_behind(build)
            return {}
        # while measures change a print is painted coarse, and finely when they rest
        fine = build.brief.name != self._changing
        self._changing = build.brief.name
        self._rest.start()
        made = self._paint(build, _PRINT_PX if fine else _HURRIED_PX)
        self._keep(build, fine, made)
        return made

    def _paint_behind(self, build: Build) -> None:
        """Paint a print of many patches in the background; what was begun before is given up."""
        if self._behind is not None:
            if self._behind[0] is build and self._behind[1] == self._version:
                return
            self._behind[2].cancel()
        version, images, pictures = self._version, self._images(), self.pictures(build)
        job = Job(lambda progress: _painted(build, pictures, images, progress), self)
        self._behind = build, version, job
        job.done.connect(lambda made: self._take_painted(build, version, made))
        job.start()

    def _take_painted(self, build: Build, version: int, made: dict[Pattern, Print]) -> None:
        if self._behind is not None and self._behind[:2] == (build, version):
            self._behind = None
        self._keep(build, True, made, version)
        self.arrived.emit()

    def of_all(self, builds: Iterable[Build]) -> dict[Pattern, Print]:
        """The prints of several things that are painted already; the others are painted one at a turn of the
        event loop."""
        found: dict[Pattern, Print] = {}
        asked = [b for b in builds if b.prints]
        self._most = max(1, len(asked))
        for build in asked:
            known = self._made.get(build)
            if known is not None and known[0] == self._version:
                found |= known[2]
            elif _many(build):
                self._paint_behind(build)
            elif build not in self._waiting:
                self._waiting.append(build)
        if self._waiting:
            self._soon.start()
        return found

    @property
    def waiting(self) -> bool:
        """Whether prints are still to be painted."""
        return bool(self._waiting) or self._behind is not None

    def _paint_next(self) -> None:
        build = self._waiting.pop(0)
        known = self._made.get(build)
        if known is None or known[0] != self._version:
            self._keep(build, True, self._paint(build, _PRINT_PX))
        if self._waiting:
            self._soon.start()
        else:
            self.arrived.emit()

    def _keep(self, build: Build, fine: bool, made: dict[Pattern, Print], version: int | None = None) -> None:
        self._made[build] = self._version if version is None else version, fine, made
        room = sum(_bytes(some) for _, _, some in self._made.values())
        while room > _ROOM_BYTES and len(self._made) > self._most:
            _, (_, _, some) = self._made.popitem(last=False)
            room -= _bytes(some)

    def _paint(self, build: Build, most: float) -> dict[Pattern, Print]:
        return _all_painted(build, self._lying(build), self._images(), most, lambda: None)

    def _images(self) -> dict[int, QImage | None]:
        """The pixels of the pictures that have been read, by their identity."""
        return {id(read.picture): read.image for read in self._known.values() if read.picture is not None}

    def _lying(self, build: Build) -> dict[Pattern, tuple[Printed, ...]]:
        """Where everything that has been read lies; kept for the thing last asked about."""
        if self._placed is None or self._placed[0] is not build or self._placed[1] != self._version:
            pictures = self.pictures(build)
            self._placed = build, self._version, _lying_on(build, pictures)
        return self._placed[2]

    def _refine(self) -> None:
        """Measures rest: what was painted coarse is forgotten, so that it is painted finely when it is shown
        again."""
        self._changing = ""
        coarse = [build for build, (_, fine, _) in self._made.items() if not fine]
        for build in coarse:
            del self._made[build]
        if coarse:
            self.arrived.emit()


def _many(build: Build) -> bool:
    """Whether so much is printed on its panels that painting it would hold the window up."""
    return sum(p.wrap is not None or p.tint is not None for pattern in build.patterns
               for p in pattern.panels) > _MANY


def _lying_on(build: Build, pictures: Mapping[Art, Picture | None]) -> dict[Pattern, tuple[Printed, ...]]:
    return printed([a for a in build.brief.arts if a in pictures], build.patterns, pictures)


def _painted(build: Build, pictures: Mapping[Art, Picture | None], images: Mapping[int, QImage | None],
             progress: Progress) -> dict[Pattern, Print]:
    """All prints of a thing, fine, away from the interface."""
    return _all_painted(build, _lying_on(build, pictures), images, _PRINT_PX, progress.stop_if_asked)


def _all_painted(build: Build, lying: Mapping[Pattern, tuple[Printed, ...]],
                 images: Mapping[int, QImage | None], most: float,
                 step: Callable[[], None]) -> dict[Pattern, Print]:
    """The prints of a thing's pieces, and of what pieces come apart into.  step: called before each."""
    made = {}
    for pattern, prints in lying.items():
        step()
        made[pattern] = paint(prints, images, most)
        for half in build.halves[pattern]:
            on_it = () if half.within is None else printed_within(prints, half)
            if on_it:
                made[half.pattern] = paint(on_it, images, most)
    return made


def _bytes(some: Mapping[Pattern, Print]) -> int:
    return sum(each.image.sizeInBytes() for each in some.values())


def paint(prints: tuple[Printed, ...], images: Mapping[int, QImage | None], most: float = _PRINT_PX) -> Print:
    """A piece's print as one image of at most so many px either way.  images: the pixels of its pictures, by
    their identity."""
    box = bounds(q for p in prints for outline, _ in p.within for q in outline)
    scale = min(_FINEST, most / max(box.width, box.height))
    image = QImage(max(1, round(box.width * scale)), max(1, round(box.height * scale)),
                   QImage.Format.Format_RGBA8888)
    image.fill(Qt.GlobalColor.transparent)
    painter = QPainter(image)
    painter.setRenderHints(QPainter.RenderHint.Antialiasing | QPainter.RenderHint.SmoothPixmapTransform)
    to_px = QTransform(image.width() / box.width, 0, 0, -image.height() / box.height,
                       -box.left * image.width() / box.width,
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
        # many alike: painted once, then laid down
        if isinstance(each.picture, Vector) and len(each.frames) > _FEW:
            images = {**images, id(each.picture): _tile(each.picture, each.frames[0], scale)}
        for frame in each.frames:
            painter.save()
            painter.translate(*frame.middle)
            painter.rotate(frame.turn_deg)
            _draw(painter, each, frame.width, frame.height, images)
            painter.restore()
        painter.restore()
    painter.end()
    return Print(image, box)


def _tile(picture: Vector, frame: Frame, scale: float) -> QImage:
    """A drawing as pixels, twice as fine as it is shown."""
    width, height = (max(1, round(2 * side * scale)) for side in (frame.width, frame.height))
    image = QImage(width, height, QImage.Format.Format_ARGB32_Premultiplied)
    image.fill(Qt.GlobalColor.transparent)
    painter = QPainter(image)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setTransform(QTransform(width / frame.width, 0, 0, -height / frame.height, width / 2, height / 2))
    _marks(painter, picture, frame.width)
    painter.end()
    return image


def _draw(painter: QPainter, each: Printed, width: float, height: float,
          images: Mapping[int, QImage | None]) -> None:
    """One picture about the origin, y up."""
    part = each.picture if isinstance(each.picture, Raster) else None
    pixels = images.get(id(part.of if part and part.of else each.picture))
    if each.picture is not None and pixels is not None:
        painter.scale(1, -1)
        target = QRectF(-width / 2, -height / 2, width, height)
        if part is not None and part.of is not None:
            x, y = pixels.width() / part.of.width, pixels.height() / part.of.height
            painter.drawImage(target, pixels, QRectF(part.left * x, part.top * y, part.width * x,
                                                     part.height * y))
        else:
            painter.drawImage(target, pixels)
    elif isinstance(each.picture, Vector):
        _marks(painter, each.picture, width)
    else:  # the place of a picture that is missing
        painter.setPen(QPen(QColor("#9C3324"), 0.4, Qt.PenStyle.DashLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(QRectF(-width / 2, -height / 2, width, height))
        painter.drawLine(QPointF(-width / 2, -height / 2), QPointF(width / 2, height / 2))
        painter.drawLine(QPointF(-width / 2, height / 2), QPointF(width / 2, -height / 2))


def _marks(painter: QPainter, picture: Vector, width: float) -> None:
    scale = width / picture.width
    painter.scale(scale, scale)
    painter.translate(-picture.width / 2, -picture.height / 2)
    for path, mark in _paths(picture):
        painter.setBrush(QColor(*mark.fill) if mark.fill is not None else Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(QColor(*mark.stroke), mark.width) if mark.stroke is not None
                       else Qt.PenStyle.NoPen)
        painter.drawPath(path)


@lru_cache(maxsize=32)
def _paths(picture: Vector) -> list[tuple[QPainterPath, Mark]]:
    found = []
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
        found.append((path, mark))
    return found
