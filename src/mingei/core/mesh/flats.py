"""The faces of a mesh on the flat: each in its own plane, where it comes to lie beside another, the room
beside its sides, and whether what lies there fits a sheet.
"""

from __future__ import annotations

import math
from collections.abc import Mapping, Sequence
from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.mesh.mesh import Mesh

Array = NDArray[np.float64]
#: Faces are taken so much smaller when it is asked whether they lie over each other, mm: edges touch.
_HAIR_MM = 0.02
#: A flat edge is kept like one so many times as long.
_FLAT = 2.0
#: A tab may end so large a share of its side from either corner, and is no deeper than such a share of it.
_ENDS, _DEEPEST = 0.25, 0.4

class Room(NamedTuple):
    """What pieces must be: no wider nor higher (mm), of no more area (mm2); slits: how large a share of the
    edges a piece is cut along may have no room on either side for a tab that stands out as far as reach, mm,
    1 for as few pieces as may be."""

    width: float
    height: float
    largest: float = math.inf
    slits: float = 1.0
    reach: float = 4.0


def outline(mesh: Mesh, face: int) -> Array:
    """A face in its own plane (n, 2): its first side along x from the origin, seen from outside."""
    p = mesh.corners[list(mesh.faces[face])]
    u = p[1] - p[0]
    u = u / np.linalg.norm(u)
    v = np.cross(mesh.normals[face], u)
    away = p - p[0]
    return np.stack([away @ u, away @ v], axis=1)


class Flats:
    """Every face in its own plane, and where it comes to lie beside another."""

    def __init__(self, mesh: Mesh) -> None:
        self.mesh = mesh
        self.own = [outline(mesh, f) for f in range(len(mesh.faces))]
        self.side = {edge: mesh.faces[face].index(edge[0]) for edge, face in mesh.beside.items()}

    def beside(self, a: int, b: int, face: int, other: int, at: Array) -> Array:
        """Where the other face lies (3, 2: turn and shift) when the first lies at ``at`` and they share the
        edge from a to b, as the first has it."""
        i, j = self.side[a, b], self.side[b, a]
        mine, theirs = self.own[face], self.own[other]
        p, q = (mine[i] @ at[:2] + at[2], mine[(i + 1) % len(mine)] @ at[:2] + at[2])
        r, s = theirs[(j + 1) % len(theirs)], theirs[j]
        to, from_ = q - p, s - r
        size = float(from_ @ from_)
        cos, sin = float(to @ from_) / size, float(from_[0] * to[1] - from_[1] * to[0]) / size
        turn = np.array(((cos, sin), (-sin, cos)))
        return np.concatenate([turn, (p - r @ turn)[None]])


def ring_edges(ring: Sequence[int]) -> list[tuple[int, int]]:
    return list(zip(ring, (*ring[1:], ring[0]), strict=True))


def laid(flats: Flats, piece: Sequence[int], parents: Sequence[int]) -> dict[int, Array]:
    """Where the faces of a piece lie, its root's first side along x."""
    at = {piece[0]: np.array(((1.0, 0.0), (0.0, 1.0), (0.0, 0.0)))}
    for face in piece[1:]:
        on = parents[face]
        a, b = next(e for e in ring_edges(flats.mesh.faces[on]) if flats.mesh.beside.get((e[1], e[0]))
                    == face)
        at[face] = flats.beside(a, b, on, face, at[on])
    return at


def areas_of(flats: Flats, faces: Sequence[int], at: Mapping[int, Array]) -> list[Any]:
    """The faces where they lie, a hair smaller."""
    from shapely import polygons

    return [polygons(flats.own[f] @ at[f][:2] + at[f][2]).buffer(-_HAIR_MM) for f in faces]


def strip_beside(flats: Flats, face: int, side: int, at: Array, reach: float) -> Any:
    """The room a tab wants beside a side of a face: along its middle."""
    from shapely import polygons

    outer = flats.own[face] @ at[:2] + at[2]
    p, q = outer[side], outer[(side + 1) % len(outer)]
    long = float(np.linalg.norm(q - p))
    way = (q - p) / long
    p, q = p + _ENDS * long * way, q - _ENDS * long * way
    out = np.array((way[1], -way[0])) * min(reach, _DEEPEST * long)
    return polygons(np.stack([p, p + out, q + out, q])).buffer(-_HAIR_MM)


def meet(some: Sequence[Any], others: Sequence[Any]) -> bool:
    from shapely import STRtree

    return len(STRtree(some).query(others, predicate="intersects")[0]) > 0


def met(strips: Mapping[tuple[int, int], Any], areas: Sequence[Any]) -> set[tuple[int, int]]:
    """The edges whose strips lie over some of the areas."""
    from shapely import STRtree

    keys = list(strips)
    found = STRtree(areas).query([strips[k] for k in keys], predicate="intersects")[0]
    return {keys[i] for i in found.tolist()}


def motion(flats: Flats, edge: tuple[int, int, int, int], where: Mapping[int, Array]) -> Array:
    """How a piece moves (3, 2: turn and shift) so that one of its faces lies beside another face along an
    edge."""
    a, b, face, other = edge
    lies = flats.beside(a, b, face, other, where[face])
    back = np.linalg.inv(np.vstack([where[other].T, (0.0, 0.0, 1.0)]))
    motion = np.vstack([lies.T, (0.0, 0.0, 1.0)]) @ back  # from where it lies to where it would
    turn: Array = np.concatenate([motion[:2, :2].T, motion[:2, 2][None]])
    return turn


def turned(at: Array, turn: Array) -> Array:
    return np.concatenate([at[:2] @ turn[:2], (at[2] @ turn[:2] + turn[2])[None]])


def carried(some: Sequence[Any], turn: Array) -> list[Any]:
    """Areas moved along."""
    from shapely import transform

    return list(transform(np.array(some, dtype=object), lambda points: points @ turn[:2] + turn[2]))


def best_turn(points: Array, width: float, height: float) -> tuple[float, float]:
    """At which turn (degrees) points fill a room the least, and how much of it, 1 to fill one of its sides:
    with a side of their hull along the room, or at any whole degree."""
    from shapely import MultiPoint

    hull = np.asarray(getattr(MultiPoint(points).convex_hull, "exterior", MultiPoint(points)).coords)
    sides = np.diff(hull, axis=0)
    turns = np.concatenate([np.arange(0.0, 90.0), -np.degrees(np.arctan2(sides[:, 1], sides[:, 0])) % 90.0])
    turns = np.concatenate([turns, turns + 90.0])
    angle = np.radians(turns)
    wide = np.ptp(hull @ np.stack([np.cos(angle), -np.sin(angle)]), axis=0)
    high = np.ptp(hull @ np.stack([np.sin(angle), np.cos(angle)]), axis=0)
    filled = np.maximum(wide / width, high / height)
    best = int(np.argmin(np.round(filled, 9)))
    return float(turns[best]), float(filled[best])


def fits(flats: Flats, faces: Sequence[int], at: Mapping[int, Array], room: Room) -> bool:
    if sum(float(flats.mesh.areas[f]) for f in faces) > room.largest:
        return False
    points = np.concatenate([flats.own[f] @ at[f][:2] + at[f][2] for f in faces])
    return best_turn(points, room.width, room.height)[1] <= 1.0 + 1e-9


def worth_of(mesh: Mesh, a: int, b: int, face: int, other: int) -> float:
    """What an edge is worth as a fold: its length, more where it is flat."""
    long = float(np.linalg.norm(mesh.corners[a] - mesh.corners[b]))
    return long * (1.0 + (_FLAT - 1.0) * max(0.0, 1.0 - abs(mesh.turn_deg(face, other, a, b)) / 90.0))
