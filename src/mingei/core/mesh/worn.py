"""Where the eyes of one who wears a faceted model look through: holes, each kept on one facet."""

from __future__ import annotations

import math
from functools import lru_cache
from typing import NamedTuple

import numpy as np

from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.mesh.flats import outline
from mingei.core.mesh.mesh import Mesh
from mingei.core.plane.shape import Point
from mingei.core.plane.shape import Polygon as Polygon_
from mingei.core.words import say

#: So much card is left round a hole, mm (from experience, no published source).
_LEFT_MM = 4.0
#: A facet that looks further aside than this (cosine) is no place to look through.
_ASIDE = 0.2
#: A hole is smaller than the largest by this, mm, so that there is somewhere to put it.
_HAIR_MM = 0.05


class Eye(NamedTuple):
    """face: the facet it is in; at: its middle in the facet's own plane, mm; aside: how far from the middle
    of the model, mm, to the wearer's one side positive."""

    face: int
    at: Point
    aside: float


def eyes(mesh: Mesh, looks: tuple[float, float], pupils: float, up: float, across: float,
         scale: float = 1.0) -> tuple[Eye, Eye]:
    """The two holes, so far apart and so high up (mm), of that diameter.  looks: the level way the model
    looks, as a unit vector; scale: the model is so many times larger than its mesh.  Each lies where the
    pupil is, or as near to it on its facet as leaves card around.

    Raises MeasureError where no facet is, or where it is too small, with what it would take.
    """
    from shapely import Point as Spot
    from shapely.geometry import Polygon
    from shapely.ops import nearest_points

    way = np.array((*looks, 0.0))
    side = np.array((-looks[1], looks[0], 0.0))
    low, high = mesh.corners.min(axis=0), mesh.corners.max(axis=0)
    middle = (low + high) / 2
    flat = np.stack([mesh.corners @ side, mesh.corners[:, 2]], axis=1)
    before = np.flatnonzero(mesh.normals @ way >= _ASIDE).tolist()
    left, hole = _LEFT_MM / scale, across / scale
    found = []
    for hand in (-1.0, 1.0):
        spot = (float(middle @ side) + hand * pupils / scale / 2, float(low[2]) + up / scale)
        best: tuple[float, int, np.typing.NDArray[np.float64]] | None = None
        for face in before:
            ring, normal = mesh.faces[face], mesh.normals[face]
            if not _covers(flat[list(ring)], spot):
                continue
            start = side * spot[0] + np.array((0.0, 0.0, spot[1]))
            hit = start + way * float((mesh.corners[ring[0]] - start) @ normal) / float(way @ normal)
            if best is None or float(hit @ way) > best[0]:
                best = float(hit @ way), face, hit
        if best is None:
            raise MeasureError("no facet is where the eyes are", "pupils",
                               "set the eyes higher or lower, or say where it looks")
        _, face, hit = best
        p = mesh.corners[list(mesh.faces[face])]
        u = (p[1] - p[0]) / np.linalg.norm(p[1] - p[0])
        v = np.cross(mesh.normals[face], u)
        corners = tuple((float(x), float(y)) for x, y in outline(mesh, face))
        most = 2 * (_largest(corners) * scale - _LEFT_MM)
        if across > most - _HAIR_MM:
            raise MeasureError(say("the facet before an eye takes a hole of {most} at the most",
                                   most=write_both(max(0.0, math.floor(most * 10) / 10))), "eyes",
                               "make the holes smaller, set them higher or lower, or take fewer facets")
        room = Polygon(corners).buffer(-(hole / 2 + left))
        at = Spot(float((hit - p[0]) @ u), float((hit - p[0]) @ v))
        if not room.contains(at):
            at = nearest_points(room, at)[0]
        place = p[0] + u * at.x + v * at.y
        found.append(Eye(face, (float(at.x) * scale, float(at.y) * scale),
                         float((place - middle) @ side) * scale))
    return found[0], found[1]


def _covers(ring: np.typing.NDArray[np.float64], spot: Point) -> bool:
    """Whether a convex ring of points, either way round, has a point within."""
    along = np.roll(ring, -1, axis=0) - ring
    cross = along[:, 0] * (spot[1] - ring[:, 1]) - along[:, 1] * (spot[0] - ring[:, 0])
    return bool((cross >= -1e-9).all() or (cross <= 1e-9).all())


@lru_cache(maxsize=256)
def _largest(corners: Polygon_) -> float:
    """The radius of the largest circle within a facet, mm."""
    from shapely import maximum_inscribed_circle
    from shapely.geometry import Polygon

    return float(maximum_inscribed_circle(Polygon(corners)).length)
