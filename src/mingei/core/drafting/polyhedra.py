"""The regular and half-regular solids: their corners by formula, their faces found from them.

*Regular*: the five Platonic solids.  *Half-regular*: the thirteen Archimedean solids, and prisms and
antiprisms of any number of sides; every edge of each has one length, every corner looks alike.  Coordinates
are those of the usual handbooks of solids, by permutations and signs; the tests hold their counts, edges and
angles against the literature.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Iterable, Mapping
from functools import cache
from itertools import permutations, product
from types import MappingProxyType
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

Corner = tuple[float, float, float]
_PHI = (1 + math.sqrt(5)) / 2
_NEAR = 1e-6


class Solid(NamedTuple):
    """Corners (n, 3) round the origin, edges of length 1; faces as rings of corner numbers, counter-clockwise
    seen from outside."""

    corners: NDArray[np.float64]
    faces: tuple[tuple[int, ...], ...]

    def normal(self, face: int) -> NDArray[np.float64]:
        """Outward, of length 1."""
        a, b, c = (self.corners[i] for i in self.faces[face][:3])
        n = _cross(b - a, c - a)
        unit: NDArray[np.float64] = n / np.linalg.norm(n)
        return unit

    @property
    def beside(self) -> dict[tuple[int, int], int]:
        """By directed edge (corner to corner) the face that has it."""
        return {(ring[i], ring[(i + 1) % len(ring)]): number for number, ring in enumerate(self.faces)
                for i in range(len(ring))}

    def turn_deg(self, a: int, b: int) -> float:
        """Turning angle between two faces: 180 less the dihedral angle."""
        return math.degrees(math.acos(max(-1.0, min(1.0, float(self.normal(a) @ self.normal(b))))))


def _cross(a: NDArray[np.float64], b: NDArray[np.float64]) -> NDArray[np.float64]:
    """The cross product of two vectors; for so few numbers the library's own takes ten times as long."""
    (ax, ay, az), (bx, by, bz) = a.tolist(), b.tolist()
    return np.array((ay * bz - az * by, az * bx - ax * bz, ax * by - ay * bx))


def _even(order: tuple[int, ...]) -> bool:
    return sum(order[i] > order[j] for i in range(3) for j in range(i + 1, 3)) % 2 == 0


def _turned(*seeds: Corner, even: bool = False, signs: Callable[[int], bool] | None = None,
            odd_signs: Callable[[int], bool] | None = None) -> list[Corner]:
    """Seeds under permutations (even ones only, or all) and changes of sign.

    signs: whether so many minus signs are allowed in an even permutation; odd_signs: in an odd one.
    """
    found: list[Corner] = []
    for seed in seeds:
        for order in permutations(range(3)):
            if even and not _even(order):
                continue
            allowed = signs if _even(order) or odd_signs is None else odd_signs
            for s in product((1, -1), repeat=3):
                if allowed is not None and not allowed(s.count(-1)):
                    continue
                found.append((s[0] * seed[order[0]], s[1] * seed[order[1]], s[2] * seed[order[2]]))
    return found


def _snub_dodecahedron() -> list[Corner]:
    xi = max(np.roots([1, 0, -2, -_PHI]).real)
    a, b = xi - 1 / xi, xi * _PHI + _PHI**2 + _PHI / xi
    p = _PHI
    seeds = ((2 * a, 2.0, 2 * b), (a + b / p + p, -a * p + b + 1 / p, a / p + b * p - 1),
             (a + b / p - p, a * p - b + 1 / p, a / p + b * p + 1),
             (-a / p + b * p + 1, -a + b / p - p, a * p + b - 1 / p),
             (-a / p + b * p - 1, a - b / p - p, a * p + b + 1 / p))
    return _turned(*seeds, even=True, signs=lambda minus: minus % 2 == 1)


def _snub_cube() -> list[Corner]:
    t = max(np.roots([1, -1, -1, -1]).real)  # the tribonacci constant
    return _turned((1.0, 1 / t, t), signs=lambda minus: minus % 2 == 1, odd_signs=lambda minus: minus % 2
                   == 0)


_R2, _P, _Q = math.sqrt(2), _PHI, 1 / _PHI

#: Corners of each solid, of whatever size.
_CORNERS: Mapping[str, Callable[[], Iterable[Corner]]] = {
    "tetrahedron": lambda: _turned((1, 1, 1), signs=lambda minus: minus % 2 == 0),
    "cube": lambda: _turned((1, 1, 1)),
    "octahedron": lambda: _turned((1, 0, 0)),
    "dodecahedron": lambda: [*_turned((1, 1, 1)), *_turned((0, _Q, _P), even=True)],
    "icosahedron": lambda: _turned((0, 1, _P), even=True),
    "truncated-tetrahedron": lambda: _turned((1, 1, 3), signs=lambda minus: minus % 2 == 0),
    "cuboctahedron": lambda: _turned((1, 1, 0)),
    "truncated-cube": lambda: _turned((_R2 - 1, 1, 1)),
    "truncated-octahedron": lambda: _turned((0, 1, 2)),
    "rhombicuboctahedron": lambda: _turned((1, 1, 1 + _R2)),
    "truncated-cuboctahedron": lambda: _turned((1, 1 + _R2, 1 + 2 * _R2)),
    "snub-cube": _snub_cube,
    "icosidodecahedron": lambda: [*_turned((0, 0, _P)), *_turned((0.5, _P / 2, _P**2 / 2), even=True)],
    "truncated-dodecahedron": lambda: _turned((0, _Q, 2 + _P), (_Q, _P, 2 * _P), (_P, 2, _P + 1), even=True),
    "truncated-icosahedron": lambda: _turned((0, 1, 3 * _P), (1, 2 + _P, 2 * _P), (_P, 2, 2 * _P + 1),
                                             even=True),
    "rhombicosidodecahedron": lambda: _turned((1, 1, _P**3), (_P**2, _P, 2 * _P), (2 + _P, 0, _P**2),
                                              even=True),
    "truncated-icosidodecahedron": lambda: _turned((_Q, _Q, 3 + _P), (2 * _Q, _P, 1 + 2 * _P),
                                                   (_Q, _P**2, 3 * _P - 1),
                                                   (2 * _P - 1, 2, 2 + _P), (_P, 3, 2 * _P), even=True),
    "snub-dodecahedron": _snub_dodecahedron,
}
NAMES = tuple(_CORNERS)


@cache
def regular_solid(name: str) -> Solid:
    """One of NAMES.  Raises KeyError for another."""
    return _solid(_CORNERS[name]())


@cache
def prism(sides: int) -> Solid:
    """Two rings of corners straight over each other."""
    r = 0.5 / math.sin(math.pi / sides)
    ring = [(r * math.cos(2 * math.pi * i / sides), r * math.sin(2 * math.pi * i / sides))
            for i in range(sides)]
    return _solid([(x, y, z) for z in (0.5, -0.5) for x, y in ring])


@cache
def antiprism(sides: int) -> Solid:
    """Two rings of corners turned by half a side against each other."""
    r = 0.5 / math.sin(math.pi / sides)
    half = math.pi / sides
    high = math.sqrt(max(0.0, 1 - (2 * r * math.sin(half / 2)) ** 2))
    return _solid([(r * math.cos(half * (2 * i + k)), r * math.sin(half * (2 * i + k)),
                    (high / 2 if k else -high / 2))
                   for k in (0, 1) for i in range(sides)])


def _solid(corners: Iterable[Corner]) -> Solid:
    """Corners made one of each, scaled to edges of 1, with the faces of their hull."""
    distinct: dict[tuple[int, int, int], Corner] = {}
    for c in corners:
        distinct.setdefault((round(c[0] / _NEAR / 10), round(c[1] / _NEAR / 10), round(c[2] / _NEAR / 10)), c)
    points = np.array(list(distinct.values()), dtype=float)
    apart = np.linalg.norm(points[:, None] - points[None], axis=2) + np.eye(len(points)) * 1e9
    edge = float(apart.min())
    points, apart = points / edge, apart / edge
    near = [np.flatnonzero(row < 1 + 1e-5).tolist() for row in apart]
    faces: dict[frozenset[int], tuple[int, ...]] = {}
    for v, around in enumerate(near):
        for i, a in enumerate(around):
            for b in around[i + 1:]:
                n = _cross(points[a] - points[v], points[b] - points[v])
                length = float(np.linalg.norm(n))
                if length < 1e-9:
                    continue
                n = n / length if n @ points[v] > 0 else -n / length
                level = points @ n - points[v] @ n
                if level.max() < 1e-6:
                    ring = np.flatnonzero(level > -1e-6)
                    faces.setdefault(frozenset(ring.tolist()), _ring(points, ring, n))
    return Solid(points, tuple(faces.values()))


def _ring(points: NDArray[np.float64], ring: NDArray[np.intp],
          normal: NDArray[np.float64]) -> tuple[int, ...]:
    """Corners of a face in order, counter-clockwise seen from outside."""
    middle = points[ring].mean(axis=0)
    u = points[ring[0]] - middle
    v = _cross(normal, u)
    angles = np.arctan2((points[ring] - middle) @ v, (points[ring] - middle) @ u)
    return tuple(int(i) for i in ring[np.argsort(angles)])


SOLIDS = MappingProxyType({name: name.replace("-", " ") for name in NAMES})
