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
_HAIR_MM = 0.004
#: A tab needs the surface to turn so far, in a hollow so far, degrees: its crease lies where the planes of
#: tab and carrier meet.
LEAST_TURN_DEG, LEAST_HOLLOW_DEG = 2.0, 15.0
#: An edge that turns less is kept like one so many times as long.
_BARE = 2.5
#: A flat edge is kept like one so many times as long.
_FLAT = 2.0
#: A tab may end so large a share of its side from either corner, and is no deeper than such a share of it.
_ENDS, _DEEPEST = 0.25, 0.4

_NONE: Array = np.zeros((0, 2))


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
    found: Array = _outlines(mesh.corners[[list(mesh.faces[face])]], mesh.normals[[face]])[0]
    return found


def _outlines(p: Array, normals: Array) -> Array:
    """Faces of equally many corners (k, n, 3) in their own planes (k, n, 2)."""
    u = p[:, 1] - p[:, 0]
    u = u / np.linalg.norm(u, axis=1)[:, None]
    v = np.cross(normals, u)
    away = p - p[:, :1]
    found: Array = np.stack([np.einsum("kni,ki->kn", away, u), np.einsum("kni,ki->kn", away, v)], axis=2)
    return found


class Flats:
    """Every face in its own plane, and where it comes to lie beside another."""

    def __init__(self, mesh: Mesh) -> None:
        self.mesh = mesh
        self.own: list[Array] = [_NONE] * len(mesh.faces)
        for numbers, rings in mesh.by_count:
            for face, own in zip(numbers.tolist(), _outlines(mesh.corners[rings], mesh.normals[numbers]),
                                 strict=True):
                self.own[face] = own
        self.side = {edge: i for ring in mesh.faces for i, edge in enumerate(ring_edges(ring))}

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


def areas_of(flats: Flats, faces: Sequence[int], at: Mapping[int, Array] | Array) -> list[Any]:
    """The faces where they lie, a hair smaller."""
    from shapely import buffer, linearrings, polygons

    rings = [flats.own[f] @ at[f][:2] + at[f][2] for f in faces]
    counts = [len(ring) for ring in rings]
    found = buffer(
        polygons(linearrings(np.concatenate(rings), indices=np.repeat(np.arange(len(rings)), counts))),
                   -_HAIR_MM)
    return list(found)


def strips_beside(flats: Flats, sides: Sequence[tuple[int, int]], at: Mapping[int, Array] | Array,
                  reach: float) -> list[Any]:
    """The room a tab wants beside sides, each of a face, a hair smaller."""
    from shapely import buffer, polygons

    if not sides:
        return []
    ends = np.array([(flats.own[f][i], flats.own[f][(i + 1) % len(flats.own[f])]) for f, i in sides])
    lies = np.array([at[f] for f, _ in sides])
    ends = np.einsum("kni,kij->knj", ends, lies[:, :2]) + lies[:, 2:]
    return list(buffer(polygons(strip_corners(ends, reach)), -_HAIR_MM))


def strip_corners(ends: Array, reach: float) -> Array:
    """The corners (k, 4, 2) of the room a tab wants along the middle of sides from end to end (k, 2, 2)."""
    p, q = ends[:, 0], ends[:, 1]
    long = np.linalg.norm(q - p, axis=1)[:, None]
    way = (q - p) / long
    p, q = p + _ENDS * long * way, q - _ENDS * long * way
    out = np.stack([way[:, 1], -way[:, 0]], axis=1) * np.minimum(reach, _DEEPEST * long)
    return np.stack([p, p + out, q + out, q], axis=1)


def meet(some: Sequence[Any], others: Sequence[Any]) -> bool:
    from shapely import STRtree

    return len(STRtree(some).query(others, predicate="intersects")[0]) > 0


def met(strips: Mapping[tuple[int, int], Any], areas: Sequence[Any]) -> set[tuple[int, int]]:
    """The edges whose strips lie over some of the areas."""
    from shapely import STRtree

    keys = list(strips)
    found = STRtree(areas).query([strips[k] for k in keys], predicate="intersects")[0]
    return {keys[i] for i in found.tolist()}


def motion(flats: Flats, edge: tuple[int, int, int, int], where: Mapping[int, Array] | Array) -> Array:
    """How a piece moves (3, 2: turn and shift) so that one of its faces lies beside another face along an
    edge."""
    a, b, face, other = edge
    lies = flats.beside(a, b, face, other, where[face])
    back = np.linalg.inv(np.vstack([where[other].T, (0.0, 0.0, 1.0)]))
    motion = np.vstack([lies.T, (0.0, 0.0, 1.0)]) @ back  # from where it lies to where it would
    turn: Array = np.concatenate([motion[:2, :2].T, motion[:2, 2][None]])
    return turn


def turned(at: Array, turn: Array) -> Array:
    """Where faces lie (n, 3, 2) that move along."""
    found = at @ turn[:2]
    found[:, 2] += turn[2]
    return found


def carried(some: Sequence[Any], turn: Array) -> list[Any]:
    """Areas moved along."""
    from shapely import transform

    return list(transform(np.array(some, dtype=object), lambda points: points @ turn[:2] + turn[2]))


def hull_of(points: Array) -> Array:
    """The corners of the convex hull of points (n, 2), the first again at the end."""
    from shapely import convex_hull, get_coordinates, multipoints

    found: Array = get_coordinates(convex_hull(multipoints(points)))
    return found


#: Points that fill a room by this much, of a whole degree's turns, may fit at one between.
_NEARLY = 1.05


def best_turn(points: Array, width: float, height: float) -> tuple[float, float]:
    """At which turn (degrees) points fill a room the least, and how much of it, 1 to fill one of its sides:
    with a side of their hull along the room, or at any whole degree; where they nearly fit, as exactly as
    they fit at all, however they lie to begin with."""
    hull = hull_of(points)
    sides = np.diff(hull, axis=0)
    turns = np.concatenate([np.arange(0.0, 90.0), -np.degrees(np.arctan2(sides[:, 1], sides[:, 0])) % 90.0])
    found = _least_filled(hull, np.concatenate([turns, turns + 90.0]), width, height)
    if 1.0 < found[1] <= _NEARLY:
        exact = _least_filled(hull, _just_fitting(hull, width, height), width, height)
        found = min(found, exact, key=lambda each: each[1])
    return found


def _just_fitting(hull: Array, width: float, height: float) -> Array:
    """The turns (degrees) at which two corners of a hull stand as far apart as the room is wide, or high:
    where points fit at all, they fit at one of these, since what fits is bounded by them (plane geometry)."""
    one, other = np.triu_indices(len(hull), 1)
    apart = hull[other] - hull[one]
    long, way = np.linalg.norm(apart, axis=1), np.degrees(np.arctan2(apart[:, 1], apart[:, 0]))
    found = []
    for most, lies in ((width, 0.0), (height, 90.0)):
        far = long >= most
        lean = np.degrees(np.arccos(most / long[far]))
        found += [lies - way[far] + lean, lies - way[far] - lean]
    return np.concatenate(found) % 180.0


def _least_filled(hull: Array, turns: Array, width: float, height: float) -> tuple[float, float]:
    """Of some turns (degrees) the one at which a hull fills a room the least, and how much of it."""
    if not len(turns):
        return 0.0, np.inf
    angle = np.radians(turns)
    wide = np.ptp(hull @ np.stack([np.cos(angle), -np.sin(angle)]), axis=0)
    high = np.ptp(hull @ np.stack([np.sin(angle), np.cos(angle)]), axis=0)
    filled = np.maximum(wide / width, high / height)
    best = int(np.argmin(np.round(filled, 9)))
    return float(turns[best]), float(filled[best])


def fits(flats: Flats, faces: Sequence[int], at: Mapping[int, Array] | Array, room: Room) -> bool:
    """Whether faces where they lie are no larger than a piece may be."""
    if sum(float(flats.mesh.areas[f]) for f in faces) > room.largest:
        return False
    return fits_hull(np.concatenate([flats.own[f] @ at[f][:2] + at[f][2] for f in faces]), room)


def fits_hull(points: Array, room: Room) -> bool:
    """Whether points fit the room somehow turned."""
    wide, high = np.ptp(points, axis=0).tolist()
    if wide <= room.width and high <= room.height:
        return True
    return best_turn(points, room.width, room.height)[1] <= 1.0 + 1e-9


def worths(mesh: Mesh) -> dict[tuple[int, int, int, int], float]:
    """What every edge is worth as a fold: its length, more where it is flat, and more where it could bear no
    tab."""
    if not mesh.edges:
        return {}
    ends = mesh.corners[np.array(mesh.edges)[:, :2]]
    long = np.linalg.norm(ends[:, 1] - ends[:, 0], axis=1)
    turns = mesh.turns_deg
    bare = (turns < LEAST_TURN_DEG) & (turns > -LEAST_HOLLOW_DEG)
    worth = np.round(long * (1.0 + (_FLAT - 1.0) * np.maximum(0.0, 1.0 - np.abs(turns) / 90.0))
                     * np.where(bare, _BARE, 1.0), 6)
    return dict(zip(mesh.edges, worth.tolist(), strict=True))
