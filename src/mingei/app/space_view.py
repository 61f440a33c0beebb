"""The folded view: the thick model at a moment of its folding, to be turned, cut open and looked at from all
sides."""

from __future__ import annotations

import math
from collections.abc import Callable, Iterator, Mapping
from dataclasses import replace
from types import MappingProxyType
from typing import TYPE_CHECKING, NamedTuple

import numpy as np
from PySide6.QtCore import QPoint, QPointF, Qt, QTimer
from PySide6.QtGui import QColor, QImage, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen, QWheelEvent
from PySide6.QtWidgets import QWidget

from mingei.app import theme
from mingei.app.part_view import PartView
from mingei.app.space_gl import NO_PLANE, ArtFaces, NoGraphics, Plane, Scene, region, renderer
from mingei.app.words import t
from mingei.core.document.build import NOTHING, Build, Part
from mingei.core.folded.measuring import gap
from mingei.core.folded.moving import motions, opened
from mingei.core.folded.sides import STANDARD_VIEWS
from mingei.core.folded.solid import INSIDE, RIM, Hit, Solids, assembled, hit, printed_faces
from mingei.core.folded.view import Array, Camera, framed, light_of, on_plane
from mingei.core.length import write_mm
from mingei.core.plane.shape import Point

if TYPE_CHECKING:
    from mingei.app.prints import Print
    from mingei.core.flat.pattern import Pattern

NO_PRINTS: Mapping[Pattern, Print] = MappingProxyType({})

#: How long (ms) after the last movement the picture is drawn again with smooth edges.
_REST_MS = 120


class Carried(NamedTuple):
    """Something that is carried along a plane.  plane: from it to the model (4, 4), its z square to it; to:
    called with how far it is carried along x and y, and how much a px is there, mm."""

    plane: Array
    to: Callable[[float, float, float], None]


class SpaceView(PartView):
    """measured: the Gap between two faces; carrying: what a part that is taken hold of is carried along, None
    where the model is turned instead."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(t("Folded view"), parent)
        self.fraction = 1.0
        self.apart = 0.0
        self.open = 0.0
        self.cut_axis = -1  # -1: not cut open
        self.cut_share = 0.5
        self.camera = Camera()
        self.touched: list[Hit] = []
        self.no_graphics = ""
        self.solids: Solids | None = None
        self._scene: Scene | None = None
        self._balls: dict[tuple[float, float, float], Camera] = {}
        self._dragging: QPoint | None = None
        self.struck: set[Part] = set()
        self.prints: Mapping[Pattern, Print] = NO_PRINTS
        self._moved = False
        self.carrying: Callable[[Part], Carried | None] = lambda part: None
        self._carried: tuple[Carried, float, Point] | None = None
        self._smooth = False
        self._bands: Iterator[None] | None = None  # the still picture on its way
        # and done: where it lies, and of what size of view
        self._still: tuple[QImage, QPointF, tuple[int, int, float]] | None = None
        self._painted = False
        self._rest = QTimer(self)
        self._rest.setSingleShot(True)
        self._rest.setInterval(_REST_MS)
        self._rest.timeout.connect(self._settle)

    # -- what is shown ---------------------------------------------------------------------------------------

    def show_build(self, build: Build, prints: Mapping[Pattern, Print] = NO_PRINTS) -> None:
        """prints: what is printed on its pieces."""
        self.build, self.prints = build, prints
        self._balls = {}
        self.setAccessibleDescription(t("Folded: {size} outside",
                                        size=" x ".join(write_mm(v) for v in build.outside)))
        self.touched = []
        self._reshape()

    def show_fraction(self, fraction: float) -> None:
        self.fraction = fraction
        self.touched = []
        self._reshape()

    def explode(self, apart: float) -> None:
        """Move the pieces away from each other: 0 in place .. 1 far."""
        self.apart = apart
        self._reshape()

    def swing(self, share: float) -> None:
        """Move what moves when it is finished: 0 shut .. 1 open."""
        self.open = share
        self._reshape()

    def cut_open(self, axis: int, share: float) -> None:
        """Cut the model across an axis (0 length, 1 width, 2 height; -1 not at all) at a share of its
        extent."""
        self.cut_axis, self.cut_share = axis, share
        self._touch()

    def measure(self, on: bool) -> None:
        self.touched = []
        super().measure(on)

    def _reshape(self) -> None:
        if self.build is None:
            return
        self.solids = self._at(self.fraction)
        folded = self._framed(1.0)
        share = self.fraction**2  # the flat needs room until late in the folding
        flat = folded if share == 1 else self._framed(0.0)
        mix = [a + (b - a) * share for a, b in zip((*flat.target, flat.spread, flat.rise),
                                                   (*folded.target, folded.spread, folded.rise), strict=True)]
        self.camera = replace(self.camera, target=(mix[0], mix[1], mix[2]), spread=mix[3], rise=mix[4])
        self.recolour()

    def _at(self, fraction: float) -> Solids:
        """The model at a moment of its folding."""
        assert self.build is not None
        draft = self.build.draft
        moments = self.build.moments(fraction)
        if self.open == 0 or fraction != 1.0:
            return assembled(self.build.patterns, moments, self.apart)
        moved = motions(self.build.patterns, draft.swings, draft.slides, self.open)
        return assembled(self.build.patterns,
                         {**moments, **opened(self.build.patterns, draft.swings, self.open)}, self.apart,
                         moved)

    def _framed(self, fraction: float) -> Camera:
        """A camera that holds the model at a moment of its folding; kept for the build."""
        key = (fraction, self.apart, self.open)
        if key not in self._balls:
            assert self.build is not None and self.solids is not None
            shape = self.solids if fraction == self.fraction else self._at(fraction)
            self._balls = {k: v for k, v in self._balls.items() if k[1:] == (self.apart, self.open)}
            self._balls[key] = framed(Camera(), shape.triangles.reshape(-1, 3))
        return self._balls[key]

    def recolour(self) -> None:
        if self.solids is None or self.build is None:
            return
        shape, parts = self.solids, self.build.parts
        table = np.array([_rgb(theme.colour(n)) for n in ("printed", "inside", "rim")], dtype=np.float32)
        faces = table[shape.face]
        for part in self.struck & set(parts):
            own = np.isin(shape.panel, [i for i, p in enumerate(parts) if p == part])
            faces[own] = faces[own] * 0.55 + np.array(_rgb(theme.colour("brick")), np.float32) * 0.45
        for part, token, strength in ((self.hover, "persimmon", 0.22), (self.selection, "indigo", 0.45)):
            if part in parts:
                own = np.isin(shape.panel, [i for i, p in enumerate(parts) if p == part])
                faces[own] = (faces[own] * (1 - strength) + np.array(_rgb(theme.colour(token)), np.float32)
                              * strength)
        ink = np.array(_rgb(theme.colour("ink") if theme.tokens() is theme.LIGHT else theme.colour("ground")),
                       np.float32)
        soft = (table[INSIDE] + table[RIM]) / 2 * 0.82
        edges = np.where(shape.edge_cut[:, None], ink, soft.astype(np.float32)).astype(np.float32)
        self._scene = Scene(shape, faces, edges, _rgb(theme.colour("surface")),
                            _rgb(theme.colour("persimmon")), self._art())
        self._touch()

    def show_prints(self, prints: Mapping[Pattern, Print]) -> None:
        """What is printed on the build shown."""
        self.prints = prints
        self.recolour()

    def _art(self) -> tuple[ArtFaces, ...]:
        """The printed faces with their places in the prints, about as sharp as they show."""
        if self.build is None or not any(p in self.prints for p in self.build.patterns):
            return ()
        width, height, _ = self._size_px()
        px_a_mm = self.camera.px_a_mm(width, height)
        found = []
        for pattern, (first, flat) in zip(self.build.patterns, printed_faces(self.build.patterns),
                                          strict=True):
            made = self.prints.get(pattern)
            if made is not None:
                image, box = made.near(px_a_mm), made.box
                at = np.stack([(flat[..., 0] - box.left) / box.width, (box.top - flat[..., 1]) / box.height],
                              axis=-1).astype(np.float32)
                found.append(ArtFaces(first, len(flat), at, bytes(image.constBits()),
                                      (image.width(), image.height()), image.cacheKey()))
        return tuple(found)

    # -- the camera ------------------------------------------------------------------------------------------

    def look_from(self, name: str) -> None:
        """One of the standard views."""
        yaw, pitch = next((y, p) for n, y, p in STANDARD_VIEWS if n == name)
        self.camera = replace(self.camera, yaw=yaw, pitch=pitch)
        self._touch()

    def zoom(self, factor: float) -> None:
        self.camera = self.camera.zoomed(factor)
        self._touch()

    def fit(self) -> None:
        self.camera = replace(self.camera, zoom=1.0)
        self._touch()

    def _sharpen(self) -> None:
        """Prints as sharp as they show now: it may stand nearer or in a larger view than when they were
        taken."""
        if self._scene is not None and self._scene.art:
            art = self._art()
            if [a.key for a in art] != [a.key for a in self._scene.art]:
                self._scene = self._scene._replace(art=art)

    @property
    def at_rest(self) -> bool:
        """Whether what shows is the still picture, or all there will be."""
        return self._smooth or bool(self.no_graphics) or self.solids is None

    def _touch(self) -> None:
        """Something moved: draw plainly now, smoothly when it rests."""
        self._smooth, self._bands, self._still = False, None, None
        self._rest.start()
        self.update()

    def _settle(self) -> None:
        """Draw it smoothly, a band at each turn of the event loop, and show it when all are there."""
        if self._bands is None:
            self._bands = self._smoothly()
        try:
            next(self._bands)
        except StopIteration:
            self._bands = None
            # not while nobody sees it: it is begun again when it shows
            self._smooth = self._still is not None
            if self._smooth:
                self.update()
        else:
            QTimer.singleShot(0, self, self._go_on)

    def _go_on(self) -> None:
        if self._bands is not None:
            self._settle()

    def _smoothly(self) -> Iterator[None]:
        """Draw the still picture, band by band."""
        self._still = None
        if self._scene is None or self.no_graphics or not self._painted or not self.isVisible():
            return
        try:
            draws = renderer()
        except NoGraphics:
            return
        self._sharpen()
        width, height, ratio = self._size_px()
        camera, light, section, scene = (self.camera.matrix(width / height), light_of(self.camera),
                                         self._section(), self._scene)
        whole = region(scene.solids, camera, width, height)
        image = QImage(whole.width, whole.height, QImage.Format.Format_RGB32)
        painter = QPainter()
        for band in whole.bands:
            data, _ = draws.draw(scene, camera, light, width, height, 4, section, band)
            painter.begin(image)
            painter.drawImage(0, band.top - whole.top,
                              QImage(data, band.width, band.height, 4 * band.width,
                                     QImage.Format.Format_RGB32))
            painter.end()
            yield
        image.setDevicePixelRatio(ratio)
        self._still = image, QPointF(whole.left / ratio, whole.top / ratio), self._size_px()

    def _section(self) -> Plane:
        """What the section cuts away: the side of the model that looks at the camera."""
        if self.cut_axis < 0 or self.solids is None:
            return NO_PLANE
        values = self.solids.triangles[:, :, self.cut_axis]
        low, high = float(values.min()), float(values.max())
        at = low + (high - low) * self.cut_share
        towards = float(self.camera.basis()[2][self.cut_axis])
        sign = -1.0 if towards >= 0 else 1.0
        way = [0.0, 0.0, 0.0]
        way[self.cut_axis] = sign
        return way[0], way[1], way[2], -sign * at

    def hit_at(self, at: QPointF) -> Hit | None:
        """What lies under a point of the view."""
        if self.solids is None or self.build is None:
            return None
        x, y = 2 * at.x() / self.width() - 1, 1 - 2 * at.y() / self.height()
        origin, direction = self.camera.ray(x, y, self.width() / self.height())
        return hit(self.solids, origin, direction, self._section() if self.cut_axis >= 0 else None)

    def part_at(self, at: QPointF) -> Part:
        """The panel under a point of the view, or NOTHING."""
        met = self.hit_at(at)
        return NOTHING if met is None or self.build is None else self.build.parts[met.panel]

    def to_px(self, point: tuple[float, float, float]) -> QPointF:
        """Where a point of the model (mm) shows."""
        clip = self.camera.matrix(self.width() / self.height()) @ np.array([*point, 1.0])
        return QPointF((clip[0] / clip[3] + 1) / 2 * self.width(),
                       (1 - clip[1] / clip[3]) / 2 * self.height())

    # -- events ----------------------------------------------------------------------------------------------

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if event.button() in (Qt.MouseButton.LeftButton, Qt.MouseButton.MiddleButton):
            self._dragging = event.position().toPoint()
            self._moved = False
            self._carried = (self._taken_hold_of(event.position())
                             if event.button() is Qt.MouseButton.LeftButton and not self.measuring else None)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._dragging is None:
            self.pointed.emit(self.part_at(event.position()))
            return
        at = event.position().toPoint()
        step = at - self._dragging
        if self._moved or step.manhattanLength() > 3:
            self._moved = True
            if self._carried is not None:
                self._carry(event.position())
                return
            self._dragging = at
            self.camera = self.camera.orbit(-0.4 * step.x(), 0.4 * step.y())
            self._touch()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._dragging is not None and not self._moved:
            if self.measuring:
                self._touch_face(event.position())
            else:
                self.picked.emit(self.part_at(event.position()))
        self._dragging = self._carried = None

    def _taken_hold_of(self, at: QPointF) -> tuple[Carried, float, Point] | None:
        """What is carried from a point of the view, how high over its plane it was taken, and where."""
        met = self.hit_at(at)
        carried = None if met is None or self.build is None else self.carrying(self.build.parts[met.panel])
        if met is None or carried is None:
            return None
        x, y, z, _ = (np.linalg.inv(carried.plane) @ (*met.point, 1.0)).tolist()
        return carried, z, (x, y)

    def _carry(self, at: QPointF) -> None:
        if self._carried is None:
            return
        carried, level, (x, y) = self._carried
        there, beside = (self._on_plane(carried.plane, level, at + QPointF(off, 0.0)) for off in (0.0, 1.0))
        if there is not None and beside is not None:
            carried.to(there[0] - x, there[1] - y, math.dist(there, beside))

    def _on_plane(self, plane: Array, level: float, at: QPointF) -> Point | None:
        x, y = 2 * at.x() / self.width() - 1, 1 - 2 * at.y() / self.height()
        return on_plane(plane, level, *self.camera.ray(x, y, self.width() / self.height()))

    def _touch_face(self, at: QPointF) -> None:
        met = self.hit_at(at)
        if met is None:
            return
        self.touched = [met] if len(self.touched) != 1 else [self.touched[0], met]
        if len(self.touched) == 2:
            self.measured.emit(gap(*self.touched))
        self.update()

    def wheelEvent(self, event: QWheelEvent) -> None:
        self.zoom(1.0015 ** event.angleDelta().y())

    def keyPressEvent(self, event: QKeyEvent) -> None:
        turns = {Qt.Key.Key_Left: (-10, 0), Qt.Key.Key_Right: (10, 0), Qt.Key.Key_Up: (0, 10),
                 Qt.Key.Key_Down: (0, -10)}
        if event.key() in turns:
            self.camera = self.camera.orbit(*turns[Qt.Key(event.key())])
            self._touch()
        else:
            super().keyPressEvent(event)

    # -- painting --------------------------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.fillRect(self.rect(), theme.colour("surface"))
        if self._smooth and (self._still is None or self._still[2] != self._size_px()):
            self._smooth = False  # of another size by now: never all at once, it would hold everything up
        shown = self._painted and self._draw(painter, self._smooth)
        if shown and not self._smooth and self._bands is None and not self._rest.isActive():
            self._rest.start()
        if not self._painted:  # the rest of the window comes first: waking the graphics takes its time
            self._painted = True
            QTimer.singleShot(0, self, self.update)
        if not shown:
            if self.no_graphics:
                painter.setPen(theme.colour("quiet"))
                painter.drawText(self.rect().adjusted(24, 24, -24, -24),
                                 int(Qt.AlignmentFlag.AlignCenter | Qt.TextFlag.TextWordWrap),
                                 self.no_graphics)
        else:
            self._touched(painter)
        if self.hasFocus():
            painter.setPen(QPen(theme.colour("indigo"), 2))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(self.rect().adjusted(1, 1, -1, -1))

    def _touched(self, painter: QPainter) -> None:
        """The measuring tool as it lies."""
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(QPen(theme.colour("persimmon"), 1.6))
        places = [self.to_px(h.point) for h in self.touched]
        for p in places:
            painter.drawEllipse(p, 4, 4)
        if len(places) == 2:
            painter.drawLine(*places)

    def picture(self, smooth: bool = True) -> QImage | None:
        """The view as an image at the screen's own density; None when there is nothing to show or nothing to
        show it with."""
        width, height, ratio = self._size_px()
        image = QImage(width, height, QImage.Format.Format_RGB32)
        image.setDevicePixelRatio(ratio)
        image.fill(theme.colour("surface"))
        painter = QPainter(image)
        shown = self._draw(painter, smooth)
        painter.end()
        image.setDevicePixelRatio(1.0)
        return image if shown else None

    def _size_px(self) -> tuple[int, int, float]:
        ratio = self.devicePixelRatioF()
        return max(1, round(self.width() * ratio)), max(1, round(self.height() * ratio)), ratio

    def _draw(self, painter: QPainter, smooth: bool) -> bool:
        """Draw the model; whether there was anything to draw, and anything to draw it with."""
        if self._scene is None or self.no_graphics:
            return False
        try:
            draws = renderer()
        except NoGraphics:
            self.no_graphics = t("This machine offers no OpenGL 3.3, so the folded model cannot be shown. "
                                 "The flat view, the checks and every export work as always.")
            return False
        width, height, ratio = self._size_px()
        if smooth and self._still is not None and self._still[2] == (width, height, ratio):
            painter.drawImage(self._still[1], self._still[0])
            return True
        if smooth:
            self._sharpen()
        data, part = draws.draw(self._scene, self.camera.matrix(width / height), light_of(self.camera), width,
                                height, 4 if smooth else 0,
                                self._section())
        image = QImage(data, part.width, part.height, 4 * part.width, QImage.Format.Format_RGB32)
        image.setDevicePixelRatio(ratio)
        painter.drawImage(QPointF(part.left / ratio, part.top / ratio), image)
        return True


def _rgb(colour: QColor) -> tuple[float, float, float]:
    return colour.redF(), colour.greenF(), colour.blueF()
