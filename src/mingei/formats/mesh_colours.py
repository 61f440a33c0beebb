"""The colours of a mesh file: of faces, of corners, or of a picture wrapped round it; what each facet of the
reduced mesh is printed in."""

from __future__ import annotations

from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.mesh.mesh import Colours, Mesh

#: Where a triangle's colour is looked up, as shares of its corners: its middle, and towards each corner.
_SPOTS = np.array(((1 / 3, 1 / 3, 1 / 3), (2 / 3, 1 / 6, 1 / 6), (1 / 6, 2 / 3, 1 / 6),
                   (1 / 6, 1 / 6, 2 / 3)))
#: A facet is looked at in so many places along each side.
_FINE = 6
#: What faces another way counts as so much further off, as a share of the whole.
_ASIDE = 0.2
#: A picture of more dots than this is not read.
_MOST_DOTS = 60_000_000


class Samples(NamedTuple):
    """Spots on a body (n, 3), the way the body faces there (n, 3) and their colours (n, 3), 0 to 255."""

    spots: NDArray[np.float64]
    ways: NDArray[np.float64]
    colours: NDArray[np.float64]


def samples_of(body: Any) -> Samples | None:
    """What a body of trimesh is coloured like; None where it says nothing, or nothing that can be read."""
    try:
        found = _colours(body)
    except Exception:  # noqa: BLE001 whatever a broken file makes its reader do: it is plain then
        return None
    if found is None:
        return None
    spots = np.einsum("sc,kcx->ksx", _SPOTS, np.asarray(body.triangles, np.float64)).reshape(-1, 3)
    across = np.cross(*(np.diff(np.asarray(body.triangles, np.float64), axis=1).transpose(1, 0, 2)))
    ways = across / np.maximum(np.linalg.norm(across, axis=1), 1e-300)[:, None]
    ways = np.repeat(ways, len(_SPOTS), axis=0)
    whole = np.isfinite(spots).all(axis=1) & np.isfinite(ways).all(axis=1)
    return Samples(spots[whole], ways[whole], found[whole]) if whole.any() else None


def _colours(body: Any) -> NDArray[np.float64] | None:
    """Of every spot of every triangle, one triangle after another."""
    visual = body.visual
    faces = np.asarray(body.faces, np.int64)
    if getattr(visual, "uv", None) is not None and len(visual.uv) == len(body.vertices):
        material = visual.material
        picture = getattr(material, "baseColorTexture", None) or getattr(material, "image", None)
        if picture is not None:
            if picture.width * picture.height > _MOST_DOTS:
                return None
            dots = np.asarray(picture.convert("RGB"), np.float64)
            uv = np.einsum("sc,kcx->ksx", _SPOTS, np.asarray(visual.uv, np.float64)[faces]).reshape(-1, 2)
            uv = np.nan_to_num(uv) % 1.0
            high, wide = dots.shape[:2]
            found: NDArray[np.float64] = dots[np.minimum(((1.0 - uv[:, 1]) * high).astype(int), high - 1),
                                              np.minimum((uv[:, 0] * wide).astype(int), wide - 1)]
            return found
    if getattr(visual, "kind", None) == "texture":
        plain = np.asarray(visual.material.main_color, np.float64)[:3]
        return np.tile(plain, (len(faces) * len(_SPOTS), 1))
    if getattr(visual, "kind", None) == "face":
        each = np.asarray(visual.face_colors, np.float64)[:, :3]
        return np.repeat(each, len(_SPOTS), axis=0)
    if getattr(visual, "kind", None) == "vertex":
        corners = np.asarray(visual.vertex_colors, np.float64)[:, :3]
        mixed: NDArray[np.float64] = np.einsum("sc,kcx->ksx", _SPOTS, corners[faces]).reshape(-1, 3)
        return mixed
    return None


def coloured(mesh: Mesh, samples: Samples) -> Colours:
    """Of each facet the mean colour of what lies nearest to it and faces its way.  samples: in the mesh's own
    coordinates."""
    from scipy.spatial import cKDTree

    aside = _ASIDE * float(np.ptp(mesh.corners, axis=0).max())
    near = cKDTree(np.concatenate([samples.spots, aside * samples.ways], axis=1))
    steps = (np.arange(_FINE) + 0.5) / _FINE
    u, v = (g.ravel() for g in np.meshgrid(steps, steps))
    u, v = np.where(u + v > 1, 1 - u, u), np.where(u + v > 1, 1 - v, v)
    weights = np.stack([1 - u - v, u, v], axis=1)
    found = np.zeros((len(mesh.faces), 3))
    for number, ring in enumerate(mesh.faces):
        p = mesh.corners[list(ring)]
        spots = np.concatenate([weights @ p[[0, i, i + 1]] for i in range(1, len(ring) - 1)])
        ways = np.tile(aside * mesh.normals[number], (len(spots), 1))
        found[number] = samples.colours[near.query(np.concatenate([spots, ways], axis=1))[1]].mean(axis=0)
    return np.round(np.clip(found, 0, 255)).astype(np.uint8)
