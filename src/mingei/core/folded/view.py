"""Looking at a model: a camera that orbits, the matrix it gives, and the ray under a point of the picture.

z is up.  Yaw turns the camera round the z axis, pitch lifts it above the horizon; both in degrees.  At zoom 1
the picture holds the upright cylinder round the model, seen at that pitch: turning a thing never changes its
size, tilting it does so gently.
"""

from __future__ import annotations

import math
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from mingei.core.folded.sides import STANDARD_VIEWS
from mingei.core.plane.shape import Point

Array = NDArray[np.float64]
#: Half the angle under which the ball round the model is seen, degrees: a quiet perspective, as of a thing in
#: the hand.
_HALF_VIEW_DEG = 11.0
#: Room left round the model, as a share of it.
_AIR = 1.05
_PITCH_MOST = 89.0
#: A plane is looked along where the sine is less than this.
_ALONG = 0.03
ZOOM_LEAST, ZOOM_MOST = 0.2, 20.0

@dataclass(frozen=True)
class Camera:
    """Where one looks from.  target: the middle of the model; spread, rise: radius and half height of the
    cylinder round it, mm."""

    yaw: float = STANDARD_VIEWS[0][1]
    pitch: float = STANDARD_VIEWS[0][2]
    zoom: float = 1.0
    target: tuple[float, float, float] = (0.0, 0.0, 0.0)
    spread: float = 100.0
    rise: float = 100.0

    @property
    def radius(self) -> float:
        """Of the ball round the model, mm."""
        return math.hypot(self.spread, self.rise)

    def orbit(self, yaw: float, pitch: float) -> Camera:
        """Turned by so many degrees; the pitch stops short of straight up and down."""
        return replace(self, yaw=(self.yaw + yaw) % 360.0,
                       pitch=max(-_PITCH_MOST, min(_PITCH_MOST, self.pitch + pitch)))

    def zoomed(self, factor: float) -> Camera:
        return replace(self, zoom=max(ZOOM_LEAST, min(ZOOM_MOST, self.zoom * factor)))

    def basis(self) -> tuple[Array, Array, Array]:
        """Unit vectors to the right, up, and from the target to the eye."""
        yaw, pitch = math.radians(self.yaw), math.radians(self.pitch)
        cos, sin, level, steep = math.cos(yaw), math.sin(yaw), math.cos(pitch), math.sin(pitch)
        return (np.array([-sin, cos, 0.0]), np.array([-steep * cos, -steep * sin, level]),
                np.array([level * cos, level * sin, steep]))

    def eye(self) -> Array:
        return np.array(self.target) + self.basis()[2] * self._distance()

    def _distance(self) -> float:
        return self.radius / math.sin(math.radians(_HALF_VIEW_DEG))

    def _half_extent(self, aspect: float) -> tuple[float, float]:
        """Tangents of half the view across and up, for a picture ``aspect`` times as wide as high."""
        sin, cos, far = (math.sin(math.radians(self.pitch)), math.cos(math.radians(self.pitch)),
                         self._distance())
        # the cylinder's nearest and furthest edges, seen one above the other, and its sides, seen at their
        # widest
        edges = [(u, w) for u in (self.spread, -self.spread) for w in (self.rise, -self.rise)]
        up = max(abs(w * cos - u * sin) / (far - u * cos - w * sin) for u, w in edges)
        across = self.spread / math.sqrt((far - self.rise * abs(sin)) ** 2 - (self.spread * cos) ** 2)
        half = _AIR * max(up, across / aspect) / self.zoom
        return half * aspect, half

    def matrix(self, aspect: float) -> Array:
        """From the whole (mm) to clip space, (4, 4), columns applied to column vectors."""
        right, up, back = self.basis()
        eye = self.eye()
        view = np.eye(4)
        view[0, :3], view[1, :3], view[2, :3] = right, up, back
        view[:3, 3] = -view[:3, :3] @ eye
        across, high = self._half_extent(aspect)
        near, far = self._distance() - 3 * self.radius, self._distance() + 3 * self.radius
        near = max(near, 0.05 * self._distance())
        lens = np.zeros((4, 4))
        lens[0, 0], lens[1, 1] = 1 / across, 1 / high
        lens[2, 2], lens[2, 3] = -(far + near) / (far - near), -2 * far * near / (far - near)
        lens[3, 2] = -1.0
        return lens @ view

    def px_a_mm(self, width: int, height: int) -> float:
        """How large a millimetre in the middle of the model shows in a picture of so many px."""
        return height / (2 * self._half_extent(width / height)[1] * self._distance())

    def ray(self, x: float, y: float, aspect: float) -> tuple[Array, Array]:
        """Origin and direction of the ray under (x, y), both -1..1 from left to right and bottom to top."""
        right, up, back = self.basis()
        across, high = self._half_extent(aspect)
        direction = right * (x * across) + up * (y * high) - back
        return self.eye(), direction / float(np.linalg.norm(direction))


def framed(camera: Camera, points: Array) -> Camera:
    """The camera with target and cylinder set to hold all points (n, 3)."""
    low, high = points.min(axis=0), points.max(axis=0)
    middle = (low + high) / 2
    spread = float(np.linalg.norm((points - middle)[:, :2], axis=1).max())
    return replace(camera, target=(float(middle[0]), float(middle[1]), float(middle[2])),
                   spread=max(spread, 1.0),
                   rise=max(float(high[2] - low[2]) / 2, 0.5))


def light_of(camera: Camera) -> Array:
    """The direction the light comes from: over the shoulder of the one who looks, unit length."""
    right, up, back = camera.basis()
    light = -0.35 * right + 0.75 * up + 0.55 * back
    return light / float(np.linalg.norm(light))


def on_plane(plane: Array, level: float, origin: Array, way: Array) -> Point | None:
    """Where a ray meets a plane so high over another, in that one's own x and y, mm; None where it looks
    along it or past it.  plane: from it to the model (4, 4), its z square to it."""
    back = np.linalg.inv(plane)
    start, along = back[:3, :3] @ origin + back[:3, 3], back[:3, :3] @ way
    if abs(along[2]) < _ALONG * float(np.linalg.norm(along)):
        return None
    far = (level - start[2]) / along[2]
    if far <= 0:
        return None
    x, y, _ = (start + far * along).tolist()
    return x, y
