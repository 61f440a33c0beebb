"""Fewer facets: a mesh reduced to as many as a person will build, and triangles in one plane taken as one
face."""

from __future__ import annotations

from collections.abc import Set as AbstractSet
from itertools import combinations
from typing import Any

import numpy as np
from numpy.typing import NDArray

from mingei.core.mesh.mending import welded, without_empty
from mingei.core.mesh.mesh import Mesh, Ring
from mingei.core.mesh.mirror import doubled, middle_of, mirrored_faces
from mingei.core.mesh.thinning import without_thin

#: Corners of a face turn by more than this, and faces in one plane by less, degrees.
_CORNER_DEG, _PLANE_DEG = 1.0, 0.5
#: Facets that turn by more are never one, degrees.
MOST_MERGED_DEG = 10.0
#: No corner of a face stands further out of its plane, as a share of the face's mean width: the folds at its
#: sides turn alike within a third of what is told apart.
_OUT_OF_PLANE = 5e-5
#: A mesh alike on both sides is reduced by halves to no fewer facets; a rim so near the mirror, as a share of
#: the whole, is on it.
_LEAST_MIRRORED, _ON_MIRROR, _HAIR = 16, 0.05, 1e-6
#: Corners are moved into planes so often at the most, and until none stands further out than such a share of
#: the whole; what did not come into a plane is left apart, so often.
_LEVELLINGS, _LEVEL, _ROUNDS = 600, 2e-7, 5


def reduced(mesh: Mesh, count: int) -> Mesh:
    """So many triangles, or a few more or less (fast quadric simplification); itself where it has no more."""
    if len(mesh.faces) <= count:
        return mesh
    alike = mirrored_faces(mesh)
    if alike is not None and count >= _LEAST_MIRRORED:
        return _reduced_half(mesh, count, alike[0])
    return without_thin(_simpler(mesh.corners, np.array(mesh.faces, np.int32), count))


def _reduced_half(mesh: Mesh, count: int, axis: int) -> Mesh:
    """One half reduced, and doubled: left and right stay alike."""
    from trimesh.intersections import slice_faces_plane

    middle = middle_of(mesh, axis)
    way, origin = np.eye(3)[axis], np.eye(3)[axis] * middle
    slicing: Any = slice_faces_plane
    corners, faces, _ = slicing(mesh.corners, np.array(mesh.faces, np.int64), way, origin)
    if not len(faces):  # all of it lies in the mirror
        return mesh
    size = float(np.ptp(mesh.corners, axis=0).max())
    corners, faces = welded(corners, np.asarray(faces, np.int64), size, [])  # sliced at a corner, it is twice
    faces = without_empty(corners, faces, size, [])
    half = _simpler(corners, faces.astype(np.int32), count // 2)
    corners = half.corners.copy()
    near = _ON_MIRROR * size
    for n in {n for edge in half.rims for n in edge}:  # the rim drifts off the mirror a little
        if abs(corners[n, axis] - middle) < near:
            corners[n, axis] = middle
    flat = without_thin(Mesh(corners, half.faces), lambda p: abs(p[axis] - middle) < _HAIR * near)
    return doubled(flat, axis, middle)


def _simpler(corners: NDArray[np.float64], faces: NDArray[np.int32], count: int) -> Mesh:
    from fast_simplification import simplify  # type: ignore[import-untyped]

    if count >= len(faces):
        return Mesh(corners, tuple(tuple(int(n) for n in row) for row in faces))

    points, found = simplify(np.ascontiguousarray(corners, np.float32), faces, target_count=count)
    return Mesh(np.asarray(points, np.float64), tuple(tuple(int(n) for n in row) for row in found))


def merged(mesh: Mesh, within_deg: float = _PLANE_DEG) -> Mesh:
    """Neighbours whose planes turn by no more than that taken together, as long as the face stays convex.
    Where they are not in one plane already, the corners move until they are; what cannot be made so stays
    apart."""
    if within_deg <= _PLANE_DEG:
        return Mesh(mesh.corners, tuple(_grown(mesh, within_deg, set(), True)))
    barred: set[frozenset[int]] = set()
    for _ in range(_ROUNDS):
        rings = _grown(mesh, within_deg, barred, False)
        corners = _levelled(mesh.corners, [ring for ring in rings if len(ring) > 3])
        found = Mesh(corners, tuple(rings))
        bad = {frozenset(pair) for ring, normal in zip(rings, found.normals, strict=True)
               if len(ring) > 3 and not (_convex(corners[list(ring)], normal)
                                         and _flat(corners[list(ring)], normal))
               for pair in combinations(ring, 2)}
        if not bad:
            return found
        barred |= bad
    return merged(mesh)


def _grown(mesh: Mesh, within_deg: float, barred: AbstractSet[frozenset[int]], flat: bool) -> list[Ring]:
    """Faces taken together across edges that turn little, the flattest first.  barred: no edge between two
    such corners is taken away; flat: only where the face lies in one plane as it is."""
    rings: dict[int, Ring] = dict(enumerate(mesh.faces))
    of = list(range(len(mesh.faces)))
    members = {f: [f] for f in of}
    for turn, a, b, face, other in sorted((abs(turn), *edge) for turn, edge in zip(
            mesh.turns_deg.tolist(), mesh.edges, strict=True)):
        if turn > within_deg:
            break
        one, two = of[face], of[other]
        if one == two or frozenset((a, b)) in barred:
            continue
        ring = _together(rings[one], rings[two], a, b)
        if ring is None:
            continue
        normal = mesh.normals[members[one] + members[two]].sum(axis=0)
        normal = mesh.normals[face] if flat else normal / np.linalg.norm(normal)
        points = mesh.corners[list(ring)]
        if not _convex(points, normal) or (flat and not _flat(points, normal)):
            continue
        if not flat and (mesh.normals[members[one] + members[two]] @ normal
                         < np.cos(np.radians(within_deg))).any():
            continue
        rings[one] = ring
        del rings[two]
        for f in members[two]:
            of[f] = one
        members[one] += members.pop(two)
    return [rings[n] for n in sorted(rings)]


def _levelled(corners: NDArray[np.float64], rings: list[Ring]) -> NDArray[np.float64]:
    """Corners moved a little, until each ring's lie in one plane: each onto the mean of the planes that fit
    its faces best, over and over."""
    found = corners.copy()
    alike = [np.array([ring for ring in rings if len(ring) == n]) for n in {len(ring) for ring in rings}]
    size = float(np.ptp(corners, axis=0).max())
    for _ in range(_LEVELLINGS):
        moved, shares = np.zeros_like(found), np.zeros(len(found))
        most = 0.0
        for at in alike:
            away = found[at] - found[at].mean(axis=1, keepdims=True)
            normal = np.linalg.svd(away)[2][:, 2]
            out = np.einsum("kni,ki->kn", away, normal)
            most = max(most, float(np.abs(out).max()))
            np.add.at(moved, at, -out[:, :, None] * normal[:, None])
            np.add.at(shares, at, 1.0)
        found += moved / np.maximum(shares, 1.0)[:, None]
        if most < _LEVEL * size:
            break
    return found


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
    """Whether a face turns left at every corner, by more than a hair."""
    along = np.roll(points, -1, axis=0) - points
    along = along / np.maximum(np.linalg.norm(along, axis=1), 1e-12)[:, None]
    sine = np.cross(along, np.roll(along, -1, axis=0)) @ normal
    return bool((sine > np.sin(np.radians(_CORNER_DEG))).all())


def _flat(points: NDArray[np.float64], normal: NDArray[np.float64]) -> bool:
    """Whether a face lies in its plane."""
    away = (points - points[0]) @ normal
    size = float(np.ptp(points, axis=0).max())
    area = (float(np.cross(points - points[0], np.roll(points, -1, axis=0) - points[0]).sum(axis=0) @ normal)
            / 2)
    return bool(np.abs(away).max() < _OUT_OF_PLANE * area / size)
