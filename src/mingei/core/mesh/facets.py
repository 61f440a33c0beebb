"""Fewer facets: a mesh reduced to as many as a person will build, and triangles in one plane taken as one
face."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from mingei.core.mesh.mesh import Mesh, Ring

#: Corners of a face turn by more than this, and faces in one plane by less, degrees.
_CORNER_DEG, _PLANE_DEG = 1.0, 0.5
#: No corner of a face stands further out of its plane, as a share of the face's mean width: the folds at its
#: sides turn alike within a third of what is told apart.
_OUT_OF_PLANE = 5e-5


def reduced(mesh: Mesh, count: int) -> Mesh:
    """So many triangles, or a few more or less (fast quadric simplification); itself where it has no more."""
    if len(mesh.faces) <= count:
        return mesh
    from fast_simplification import simplify  # type: ignore[import-untyped]

    points, faces = simplify(np.ascontiguousarray(mesh.corners, np.float32),
                             np.array(mesh.faces, np.int32), target_count=count)
    return Mesh(np.asarray(points, np.float64), tuple(tuple(int(n) for n in row) for row in faces))


def merged(mesh: Mesh, within_deg: float = _PLANE_DEG) -> Mesh:
    """Neighbours that lie in one plane within so much taken together, as long as the face stays convex."""
    rings: dict[int, Ring] = dict(enumerate(mesh.faces))
    of = list(range(len(mesh.faces)))
    by_turn = sorted(((abs(mesh.turn_deg(f, o, a, b)), a, b, f, o) for a, b, f, o in mesh.edges))
    for turn, a, b, face, other in by_turn:
        if turn > within_deg:
            break
        one, two = of[face], of[other]
        if one == two:
            continue
        ring = _together(rings[one], rings[two], a, b)
        if ring is None or not _convex(mesh.corners[list(ring)], mesh.normals[face]):
            continue
        rings[one] = ring
        del rings[two]
        of = [one if n == two else n for n in of]
    return Mesh(mesh.corners, tuple(rings[n] for n in sorted(rings)))


def _together(one: Ring, two: Ring, a: int, b: int) -> Ring | None:
    """Two rings joined along the edge from a to b, as the first has it; None where they share more."""
    if len(set(one) & set(two)) != 2 or a not in one or b not in two:
        return None
    i, j = one.index(a), two.index(b)
    if one[(i + 1) % len(one)] != b or two[(j + 1) % len(two)] != a:
        return None
    first = (*one[i + 1:], *one[:i + 1])  # from b round to a
    rest = (*two[j + 1:], *two[:j + 1])  # from a round to b
    return (*first, *rest[1:-1])


def _convex(points: NDArray[np.float64], normal: NDArray[np.float64]) -> bool:
    """Whether a face turns left at every corner, by more than a hair, and lies in its plane."""
    along = np.roll(points, -1, axis=0) - points
    along = along / np.maximum(np.linalg.norm(along, axis=1), 1e-12)[:, None]
    sine = np.cross(along, np.roll(along, -1, axis=0)) @ normal
    away = (points - points[0]) @ normal
    size = float(np.ptp(points, axis=0).max())
    area = (float(np.cross(points - points[0], np.roll(points, -1, axis=0) - points[0]).sum(axis=0) @ normal)
            / 2)
    return bool((sine > np.sin(np.radians(_CORNER_DEG))).all()
                and np.abs(away).max() < _OUT_OF_PLANE * area / size)
