"""The colours of a mesh file: of faces, of corners, or of a picture wrapped round it; what each facet of the
reduced mesh is printed in, and the picture that goes round all of them."""

from __future__ import annotations

import io
import math
from collections.abc import Callable
from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.mesh.mesh import Colours, Mesh
from mingei.core.mesh.wrapping import Patches, patches, spots

#: A facet is looked at in so many places along each side.
_FINE = 6
#: A picture of more dots than this is not read.
_MOST_DOTS = 60_000_000
#: The picture that goes round a mesh has about so many dots, and so many more spots are looked up on what it
#: is taken from; each is found for so many dots along and down at once, the best of so many that lie near.
_DOTS, _SPOTTED, _AT_ONCE, _NEAR = 6_000_000, 150_000, 3, 4


class Skin(NamedTuple):
    """What a body is coloured like, in full: its triangles (k, 3, 3), the colours of their corners (k, 3, 3),
    which picture each bears, -1 for none (k,), where its corners lie on it (k, 3, 2), and the pictures."""

    triangles: NDArray[np.float64]
    colours: NDArray[np.float64]
    picture: NDArray[np.int64]
    uv: NDArray[np.float64]
    pictures: tuple[NDArray[np.uint8], ...]

    @property
    def even(self) -> bool:
        """Whether every triangle is of one colour."""
        return not self.pictures and bool((self.colours == self.colours[:, :1]).all())

    def moved(self, move: Callable[[NDArray[np.float64]], NDArray[np.float64]]) -> Skin:
        """With every point moved."""
        return self._replace(triangles=move(self.triangles.reshape(-1, 3)).reshape(-1, 3, 3))


def joined(skins: list[Skin]) -> Skin:
    """Several bodies as one."""
    first = np.cumsum([0, *(len(s.pictures) for s in skins)])
    numbers = [np.where(s.picture >= 0, s.picture + n, -1) for s, n in zip(skins, first, strict=False)]
    return Skin(np.concatenate([s.triangles for s in skins]), np.concatenate([s.colours for s in skins]),
                np.concatenate(numbers), np.concatenate([s.uv for s in skins]),
                tuple(p for s in skins for p in s.pictures))


def skin_of(body: Any) -> Skin | None:
    """What a body of trimesh is coloured like, in full; None where it says nothing that can be read."""
    try:
        return _skin(body)
    except Exception:  # noqa: BLE001 whatever a broken file makes its reader do: it is plain then
        return None


def _skin(body: Any) -> Skin | None:
    visual, faces = body.visual, np.asarray(body.faces, np.int64)
    triangles = np.asarray(body.triangles, np.float64)
    whole = np.isfinite(triangles).all(axis=(1, 2))
    bare = np.full(len(faces), -1), np.zeros((len(faces), 3, 2))
    picture = _picture_of(visual)
    if picture is not None and len(visual.uv) == len(body.vertices):
        if picture.width * picture.height > _MOST_DOTS:
            return None
        uv = np.nan_to_num(np.asarray(visual.uv, np.float64))[faces]
        found = Skin(triangles, np.zeros((len(faces), 3, 3)), np.zeros(len(faces), np.int64), uv,
                     (np.asarray(picture.convert("RGB"), np.uint8),))
    elif getattr(visual, "kind", None) == "texture":
        plain = np.asarray(visual.material.main_color, np.float64)[:3]
        found = Skin(triangles, np.tile(plain, (len(faces), 3, 1)), *bare, ())
    elif getattr(visual, "kind", None) == "face":
        each = np.asarray(visual.face_colors, np.float64)[:, None, :3]
        found = Skin(triangles, np.repeat(each, 3, axis=1), *bare, ())
    elif getattr(visual, "kind", None) == "vertex":
        found = Skin(triangles, np.asarray(visual.vertex_colors, np.float64)[:, :3][faces], *bare, ())
    else:
        return None
    return Skin(found.triangles[whole], found.colours[whole], found.picture[whole], found.uv[whole],
                found.pictures) if whole.any() else None


def _picture_of(visual: Any) -> Any:
    """The picture a body bears, or None."""
    if getattr(visual, "uv", None) is None:
        return None
    return getattr(visual.material, "baseColorTexture", None) or getattr(visual.material, "image", None)


def coloured(mesh: Mesh, skin: Skin) -> Colours:
    """Of each facet the mean colour of what lies nearest to it and faces its way.  skin: in the mesh's own
    coordinates."""
    nearest = _Nearest(mesh, skin)
    steps = (np.arange(_FINE) + 0.5) / _FINE
    u, v = (g.ravel() for g in np.meshgrid(steps, steps))
    u, v = np.where(u + v > 1, 1 - u, u), np.where(u + v > 1, 1 - v, v)
    weights = np.stack([1 - u - v, u, v], axis=1)
    found = np.zeros((len(mesh.faces), 3))
    for number, ring in enumerate(mesh.faces):
        p = mesh.corners[list(ring)]
        places = np.concatenate([weights @ p[[0, i, i + 1]] for i in range(1, len(ring) - 1)])
        found[number] = nearest.colour(nearest.at(places, mesh.normals[number]), places).mean(axis=0)
    whole: Colours = np.round(found).astype(np.uint8)
    return whole


def wrapped(mesh: Mesh, skin: Skin, step: Callable[[], None] = lambda: None) -> bytes:
    """The picture that goes round a mesh, as PNG: every dot of every face's patch as what lies nearest to it
    and faces its way is coloured there.  skin: in the mesh's own coordinates; step: called on the way, may
    raise."""
    from PIL import Image

    places = patches(mesh)
    scale = math.sqrt(_DOTS / (places.width * places.height))
    wide, high = math.ceil(places.width * scale), math.ceil(places.height * scale)
    picture = np.full((high, wide, 3), 255, np.uint8)
    nearest = _Nearest(mesh, skin)
    for face in range(len(mesh.faces)):
        _paint(picture, mesh, places, face, nearest)
        if face % 20 == 0:
            step()
    data = io.BytesIO()
    Image.fromarray(picture, "RGB").save(data, "PNG")
    return data.getvalue()


def _paint(picture: NDArray[np.uint8], mesh: Mesh, places: Patches, face: int, nearest: _Nearest) -> None:
    """One patch."""
    dots = picture.shape[1] / places.width, picture.shape[0] / places.height  # a mm, across and down
    (left, top), (wide, high) = places.at[face].tolist(), places.size[face].tolist()
    columns = np.arange(math.floor(left * dots[0]), min(math.ceil((left + wide) * dots[0]), picture.shape[1]))
    rows = np.arange(math.floor(top * dots[1]), min(math.ceil((top + high) * dots[1]), picture.shape[0]))
    along, down = (columns + 0.5) / dots[0] - left, (rows + 0.5) / dots[1] - top
    coarse = along[_AT_ONCE // 2::_AT_ONCE], down[_AT_ONCE // 2::_AT_ONCE]
    coarse = tuple(c if len(c) else fine[:1] for c, fine in zip(coarse, (along, down), strict=True))
    x, y = (g.ravel() for g in np.meshgrid(*coarse))
    triangle = nearest.at(spots(mesh, places, face, x, y), mesh.normals[face])
    triangle = triangle.reshape(len(coarse[1]), len(coarse[0]))
    down_at, along_at = (np.minimum(np.arange(len(fine)) // _AT_ONCE, len(few) - 1)
                         for fine, few in ((down, coarse[1]), (along, coarse[0])))
    x, y = (g.ravel() for g in np.meshgrid(along, down))
    colours = nearest.colour(triangle[np.ix_(down_at, along_at)].ravel(), spots(mesh, places, face, x, y))
    picture[rows[0]:rows[-1] + 1, columns[0]:columns[-1] + 1] = colours.reshape(len(rows), len(columns), 3)


class _Nearest:
    """Which triangle of a skin lies nearest to a place and faces its way, and its colour there."""

    def __init__(self, mesh: Mesh, skin: Skin) -> None:
        from scipy.spatial import cKDTree

        self.skin = skin
        self.lost = float(np.ptp(mesh.corners, axis=0).max())
        p = skin.triangles
        across = np.cross(p[:, 1] - p[:, 0], p[:, 2] - p[:, 0])
        size = np.linalg.norm(across, axis=1)
        self.ways = across / np.maximum(size, 1e-300)[:, None]
        # so many spots on each as its area asks for, in rows along its sides
        fine = np.ceil(np.sqrt(2 * _SPOTTED * size / max(float(size.sum()), 1e-300))).astype(int)
        spots_, owners = [], []
        for rows in np.unique(fine):
            some = np.flatnonzero(fine == rows)
            u, v = (g.ravel() for g in np.meshgrid(*[(np.arange(max(rows, 1)) + 1 / 3) / max(rows, 1)] * 2))
            weights = np.stack([1 - u - v, u, v], axis=1)[u + v <= 1.0]
            spots_.append(np.einsum("sc,kcx->ksx", weights, p[some]).reshape(-1, 3))
            owners.append(np.repeat(some, len(weights)))
        self.owner = np.concatenate(owners)
        self.tree = cKDTree(np.concatenate(spots_))

    def at(self, places: NDArray[np.float64], way: NDArray[np.float64]) -> NDArray[np.int64]:
        """The nearest triangles to places (n, 3) of a face that looks that way: of what lies near, what does
        not look back, as far as there is any."""
        near: NDArray[np.int64] = self.owner[self.tree.query(places, _NEAR, workers=-1)[1]]
        away = np.stack([np.linalg.norm(self._feet(each, places) - places, axis=1) for each in near.T],
                        axis=1)
        away += self.lost * (self.ways[near] @ way <= 0.0)
        found: NDArray[np.int64] = near[np.arange(len(near)), away.argmin(axis=1)]
        return found

    def _feet(self, triangle: NDArray[np.int64], places: NDArray[np.float64]) -> NDArray[np.float64]:
        found: NDArray[np.float64] = np.einsum("nc,ncx->nx", self._weights(triangle, places),
                                               self.skin.triangles[triangle])
        return found

    def _weights(self, triangle: NDArray[np.int64], places: NDArray[np.float64]) -> NDArray[np.float64]:
        """Of the corners of triangles at the feet of places (n, 3), pushed onto the triangle where they lie
        beside it."""
        p = self.skin.triangles[triangle]
        one, two, to = p[:, 1] - p[:, 0], p[:, 2] - p[:, 0], places - p[:, 0]
        aa, ab, bb = ((a * b).sum(axis=1) for a, b in ((one, one), (one, two), (two, two)))
        a, b = (one * to).sum(axis=1), (two * to).sum(axis=1)
        across = np.maximum(aa * bb - ab * ab, 1e-300)
        u, v = (bb * a - ab * b) / across, (aa * b - ab * a) / across
        weights = np.clip(np.stack([1 - u - v, u, v], axis=1), 0.0, 1.0)
        found: NDArray[np.float64] = weights / weights.sum(axis=1, keepdims=True)
        return found

    def colour(self, triangle: NDArray[np.int64], places: NDArray[np.float64]) -> NDArray[np.uint8]:
        """The colours at the feet of places on their triangles (n, 3)."""
        weights = self._weights(triangle, places)
        found = np.einsum("nc,ncx->nx", weights, self.skin.colours[triangle])
        worn = self.skin.picture[triangle]
        uv = np.einsum("nc,ncx->nx", weights, self.skin.uv[triangle]) % 1.0
        for number, dots in enumerate(self.skin.pictures):
            on_it = worn == number
            high, wide = dots.shape[:2]
            found[on_it] = dots[np.minimum(((1.0 - uv[on_it, 1]) * high).astype(int), high - 1),
                                np.minimum((uv[on_it, 0] * wide).astype(int), wide - 1)]
        whole: NDArray[np.uint8] = np.round(np.clip(found, 0, 255)).astype(np.uint8)
        return whole
