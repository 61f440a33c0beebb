"""In space: turns about a line, and rays, which get out between triangles."""

from __future__ import annotations

from functools import cache

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]


def turn_about(start: Array, end: Array, angle_deg: float) -> Array:
    """The motion (4, 4) that turns by so much about the line from one point to another, counter-clockwise as
    seen from its end.  After O. Rodrigues, 1840: scipy has it, but takes seconds to load beside a window."""
    x, y, z = (end - start) / np.linalg.norm(end - start)
    across = np.array(((0.0, -z, y), (z, 0.0, -x), (-y, x, 0.0)))
    angle = np.radians(angle_deg)
    found = np.eye(4)
    found[:3, :3] += np.sin(angle) * across + (1.0 - np.cos(angle)) * (across @ across)
    found[:3, 3] = start - found[:3, :3] @ start
    return found


@cache
def even(count: int) -> Array:
    """So many directions (count, 3) even over the sphere, turned on by the golden angle."""
    turn = np.arange(count) * np.pi * (3 - np.sqrt(5))
    z = 1 - (2 * np.arange(count) + 1) / count
    across = np.sqrt(1 - z * z)
    return np.stack([across * np.cos(turn), across * np.sin(turn), z], axis=1)


def met(point: Array, rays: Array, triangles: Array) -> NDArray[np.bool_]:
    """Whether each ray (r, 3) from a point meets a triangle (t, 3, 3).  After T. Moeller and B. Trumbore,
    Fast, minimum storage ray/triangle intersection, 1997."""
    a, e1, e2 = triangles[:, 0], triangles[:, 1] - triangles[:, 0], triangles[:, 2] - triangles[:, 0]
    away = point - a
    # the products of three are written as one of a ray and a product of two
    det = rays @ np.cross(e2, e1).T
    u, v = rays @ np.cross(e2, away).T, rays @ np.cross(away, e1).T
    far = np.einsum("tj,tj->t", e2, np.cross(away, e1))
    sign = np.sign(det)
    u, v, det = u * sign, v * sign, det * sign
    found: NDArray[np.bool_] = ((det > 1e-12) & (u >= 0) & (v >= 0) & (u + v <= det)
                                & (far * sign > 1e-9 * det)).any(axis=1)
    return found


def get_out(points: Array, way: Array, triangles: Array, count: int, share: float) -> bool:
    """Whether of ``count`` rays over the sphere, those that go ``way`` from each point (n, 3), so large a
    share gets out."""
    rays = even(count)
    rays = rays[rays @ way > 0]
    free = 0
    for point in points:
        free += int((~met(point, rays, triangles)).sum())
        if free >= share * len(points) * len(rays):
            return True
    return False
