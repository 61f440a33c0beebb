"""Where one who wears a faceted model looks through and breathes through, and where straps hold it: holes and
slots, each kept on one facet."""

from __future__ import annotations

import math
from functools import lru_cache
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.mesh.flats import outline
from mingei.core.mesh.mesh import Mesh
from mingei.core.plane.shape import Point, signed_area
from mingei.core.plane.shape import Polygon as Polygon_
from mingei.core.words import say

#: So much card is left round a hole, mm (from experience, no published source).
_LEFT_MM = 4.0
#: A facet that looks further aside than this (cosine) is no place to look through.
_ASIDE = 0.2
#: A hole is smaller than the largest by this, mm, so that there is somewhere to put it.
_HAIR_MM = 0.05
#: A facet beside the head looks so far aside (cosine) at least; the slot for a strap is longer than it is
#: wide by so much, and so high, mm (from experience, no published source).
_BESIDE, _STRAP_PLAY_MM, _SLOT_MM = 0.5, 1.0, 3.0


class Eye(NamedTuple):
    """face: the facet it is in; at: its middle in the facet's own plane, mm; aside: how far from the middle
    of the model, mm, to the wearer's one side positive."""

    face: int
    at: Point
    aside: float


def eyes(mesh: Mesh, looks: tuple[float, float], pupils: float, up: float, across: float,
         scale: float = 1.0, names: tuple[str, str] = ("pupils", "eyes")) -> tuple[Eye, Eye]:
    """The two holes, so far apart and so high up (mm), of that diameter.  looks: the level way the model
    looks, as a unit vector; names: the measures at fault where they cannot be; scale: the model is so many
    times larger than its mesh.  Each lies where the pupil is, or as near to it on its facet as leaves card
    around.

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
            raise MeasureError("no facet is where the holes would be", names[0],
                               "set them higher or lower, or say where it looks")
        _, face, hit = best
        p, u, v = _frame(mesh, face)
        corners = tuple((float(x), float(y)) for x, y in outline(mesh, face))
        most = 2 * (_largest(corners) * scale - _LEFT_MM)
        if across > most - _HAIR_MM:
            raise MeasureError(say("the facet there takes a hole of {most} at the most",
                                   most=write_both(max(0.0, math.floor(most * 10) / 10))), names[1],
                               "make the holes smaller, set them higher or lower, or take fewer facets")
        room = Polygon(corners).buffer(-(hole / 2 + left))
        at = Spot(float((hit - p) @ u), float((hit - p) @ v))
        if not room.contains(at):
            at = nearest_points(room, at)[0]
        place = p + u * at.x + v * at.y
        found.append(Eye(face, (float(at.x) * scale, float(at.y) * scale),
                         float((place - middle) @ side) * scale))
    return found[0], found[1]


class Strap(NamedTuple):
    """face: the facet a strap goes through; slot: its corners in the facet's own plane, mm, clockwise."""

    face: int
    slot: Polygon_


def straps(mesh: Mesh, looks: tuple[float, float], up: float, wide: float) -> tuple[Strap, Strap]:
    """A slot on each side, for a strap so wide, at such a height (mm), upright, as far back as a facet has
    room for it.  Raises MeasureError where none has."""
    from shapely import maximum_inscribed_circle
    from shapely.geometry import Polygon

    way, side = np.array((*looks, 0.0)), np.array((-looks[1], looks[0], 0.0))
    level = float(mesh.corners[:, 2].min()) + up
    found = []
    for hand in (-1.0, 1.0):
        best: tuple[float, Strap] | None = None
        for face in np.flatnonzero(mesh.normals @ side * hand >= _BESIDE).tolist():
            ring = list(mesh.faces[face])
            if not mesh.corners[ring, 2].min() <= level <= mesh.corners[ring, 2].max():
                continue
            corners = outline(mesh, face)
            room = Polygon(corners).buffer(-_LEFT_MM)
            if room.is_empty:
                continue
            p, u, v = _frame(mesh, face)
            upright = np.array((u[2], v[2])) / (np.hypot(u[2], v[2]) or 1.0)
            along, across = ((upright * (wide + _STRAP_PLAY_MM) / 2, np.array((upright[1], -upright[0]))
                              * _SLOT_MM / 2))
            # on the level of the eyes where there is room, else amid the facet
            amid = np.asarray(maximum_inscribed_circle(room).coords[0])
            for middle in (amid + upright * (level - float((p + u * amid[0] + v * amid[1])[2])), amid):
                slot = tuple((float(x), float(y)) for x, y in (
                    middle + along + across, middle + along - across, middle - along - across,
                    middle - along + across))
                if room.covers(Polygon(slot)):
                    slot = slot if signed_area(slot) < 0 else slot[::-1]
                    back = -float((p + u * middle[0] + v * middle[1]) @ way)
                    if best is None or back > best[0]:
                        best = back, Strap(face, slot)
                    break
        if best is None:
            raise MeasureError("no facet beside the eyes has room for a strap", "strap",
                               "make the strap narrower, take fewer facets, or a band")
        found.append(best[1])
    return found[0], found[1]


def _frame(mesh: Mesh, face: int) -> tuple[NDArray[np.float64], NDArray[np.float64], NDArray[np.float64]]:
    """A facet's first corner, and the axes of its own plane."""
    p = mesh.corners[list(mesh.faces[face])]
    u = (p[1] - p[0]) / np.linalg.norm(p[1] - p[0])
    return p[0], u, np.cross(mesh.normals[face], u)


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
