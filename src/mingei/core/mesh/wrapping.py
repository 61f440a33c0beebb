"""The picture that goes round a mesh: every face has a patch of it, with room round the face, so that print
runs past its cuts and under its tabs."""

from __future__ import annotations

import math
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.mesh.flats import Array, Flats
from mingei.core.mesh.mesh import Mesh

#: Round every face the picture goes on so far, as a share of the mesh's height: 2 mm at 150 mm.
_ROUND = 0.014
#: How much of a picture made of such patches is empty, about: it decides only how wide it is.
_SPARE = 1.15


class Patches(NamedTuple):
    """width, height: of the picture; at: where each patch has its upper left corner on it, y down (m, 2);
    low: the same corner's opposite, the lower left, in the face's own plane, y up (m, 2); size: of each
    patch (m, 2); all in the mesh's own measure, round: how far a patch goes past its face."""

    width: float
    height: float
    at: Array
    low: Array
    size: Array
    round: float


def patches(mesh: Mesh) -> Patches:
    """Where the faces lie on the picture, the highest first, row by row.  It depends on the mesh as it is
    kept alone: the same text gives the same places, at whatever size it is made."""
    past = _ROUND * mesh.size[2]
    own = Flats(mesh).own
    low = np.array([ring.min(axis=0) for ring in own]) - past
    size = np.array([ring.max(axis=0) for ring in own]) + past - low
    wide = max(math.sqrt(_SPARE * float(size.prod(axis=1).sum())), float(size[:, 0].max()))
    at = np.zeros((len(own), 2))
    x = y = row = 0.0
    for face in sorted(range(len(own)), key=lambda f: (-round(float(size[f, 1]), 3), f)):
        across, high = size[face].tolist()
        if x + across > wide:
            x, y, row = 0.0, y + row, 0.0
        at[face] = x, y
        x, row = x + across, max(row, high)
    return Patches(wide, y + row, at, low, size, past)


def spots(mesh: Mesh, places: Patches, face: int, along: Array, down: Array) -> Array:
    """Where places of a patch lie in space (n, 3).  along, down: from its upper left corner (n,)."""
    ring = mesh.corners[list(mesh.faces[face])]
    u = (ring[1] - ring[0]) / np.linalg.norm(ring[1] - ring[0])
    v = np.cross(mesh.normals[face], u)
    x = places.low[face, 0] + along
    y = places.low[face, 1] + places.size[face, 1] - down
    found: NDArray[np.float64] = ring[0] + x[:, None] * u + y[:, None] * v
    return found
