"""The two halves of a mesh that are alike: which face is whose mirror image, and such a mesh made of one
half."""

from __future__ import annotations

from collections.abc import Mapping

import numpy as np
from numpy.typing import NDArray

from mingei.core.mesh.mesh import Mesh

#: Corners lie on their mirror images within such a share of the whole.
_ALIKE = 2e-4
#: The mirror may stand square to either level axis.
_AXES = (0, 1)


def mirrored_faces(mesh: Mesh) -> tuple[int, Mapping[int, int]] | None:
    """The axis its mirror stands square to, 0 or 1, and of every face its mirror image, itself where it lies
    across; None where it is not the same on both sides."""
    for axis in _AXES:
        images = _images(mesh.corners, axis)
        if images is None:
            continue
        by_corners = {frozenset(ring): face for face, ring in enumerate(mesh.faces)}
        found = [by_corners.get(frozenset(images[list(ring)].tolist())) for ring in mesh.faces]
        if None not in found:
            return axis, {face: image for face, image in enumerate(found) if image is not None}
    return None


def _images(corners: NDArray[np.float64], axis: int) -> NDArray[np.int64] | None:
    """Of every corner the one that is its mirror image; None where one has none."""
    from scipy.spatial import cKDTree

    low, high = corners.min(axis=0), corners.max(axis=0)
    flipped = corners.copy()
    flipped[:, axis] = low[axis] + high[axis] - flipped[:, axis]
    away, at = cKDTree(corners).query(flipped)
    if away.max() > _ALIKE * float((high - low).max()) or len(set(at.tolist())) < len(at):
        return None
    found: NDArray[np.int64] = at
    return found


def middle_of(mesh: Mesh, axis: int) -> float:
    """Where its mirror stands along an axis, mm."""
    return float(mesh.corners[:, axis].min() + mesh.corners[:, axis].max()) / 2


def side_of(mesh: Mesh, images: Mapping[int, int], axis: int) -> NDArray[np.int64]:
    """Of every face -1 or 1 for the side it lies on, 0 across the mirror."""
    middle = middle_of(mesh, axis)
    found = np.zeros(len(mesh.faces), np.int64)
    for face, ring in enumerate(mesh.faces):
        if images[face] != face:
            found[face] = 1 if float(mesh.corners[list(ring), axis].mean()) > middle else -1
    return found


def doubled(mesh: Mesh, axis: int, middle: float) -> Mesh:
    """Half a mesh of triangles, all beyond the mirror, and its image; corners on the mirror are shared."""
    size = float(np.ptp(mesh.corners, axis=0).max())
    on = np.abs(mesh.corners[:, axis] - middle) < _ALIKE * size
    corners = mesh.corners.copy()
    corners[on, axis] = middle
    flipped = corners.copy()
    flipped[:, axis] = 2 * middle - flipped[:, axis]
    number = np.where(on, np.arange(len(corners)), len(corners) + np.arange(len(corners)))
    other = tuple(tuple(int(number[n]) for n in ring[::-1]) for ring in mesh.faces)
    every = np.concatenate([corners, flipped])
    rings = (*mesh.faces, *other)
    used = np.unique([n for ring in rings for n in ring])
    packed = {int(n): i for i, n in enumerate(used)}
    return Mesh(every[used], tuple(tuple(packed[n] for n in ring) for ring in rings))
