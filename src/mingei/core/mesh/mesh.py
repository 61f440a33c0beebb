"""A mesh as a value, and as text a project file keeps it in.

Text: the corners as whole ten-thousandths of a millimetre of a body 1000 mm high or so, and the faces, packed
and written in letters; what is written is read back the same.
"""

from __future__ import annotations

import base64
import struct
import zlib
from collections.abc import Mapping
from functools import cached_property, lru_cache

import numpy as np
from numpy.typing import NDArray

from mingei.core.errors import MeasureError

Array = NDArray[np.float64]
Ring = tuple[int, ...]
Colours = NDArray[np.uint8]
#: No more corners or faces are kept, and no longer text is read.
MOST_FACES, _MOST_TEXT = 20_000, 2_000_000
_KIND, _COLOURED = b"m2", b"m3"
#: What lies so low, as a share of the height, is what it stands with.
_FOOT = 0.02
#: Corners are kept so finely, parts of a millimetre: faces of several triangles stay flat.
_PARTS = 10_000


class Mesh:
    """corners: (n, 3), mm; faces: rings of corner numbers, counter-clockwise seen from outside; colours: of
    each face red, green and blue (m, 3), None where it has none."""

    def __init__(self, corners: Array, faces: tuple[Ring, ...], colours: Colours | None = None) -> None:
        self.corners, self.faces, self.colours = corners, faces, colours

    @cached_property
    def normals(self) -> Array:
        """Of each face its outward unit vector (m, 3), by the area its ring spans."""
        size = np.linalg.norm(self._spans, axis=1)
        unit: Array = self._spans / np.maximum(size, 1e-12)[:, None]
        return unit

    @cached_property
    def areas(self) -> Array:
        """Of each face, mm2."""
        found: Array = np.linalg.norm(self._spans, axis=1) / 2
        return found

    @cached_property
    def _spans(self) -> Array:
        """Of each face twice its area along its normal (m, 3)."""
        found = np.zeros((len(self.faces), 3))
        for numbers, rings in self.by_count:
            p = self.corners[rings]
            away = p - p[:, :1]
            found[numbers] = np.cross(away, np.roll(away, -1, axis=1)).sum(axis=1)
        return found

    @cached_property
    def by_count(self) -> tuple[tuple[NDArray[np.int64], NDArray[np.int64]], ...]:
        """The faces of three corners, of four and so on: their numbers (k,), and their corners (k, n)."""
        groups: dict[int, list[int]] = {}
        for number, ring in enumerate(self.faces):
            groups.setdefault(len(ring), []).append(number)
        return tuple((np.array(numbers), np.array([self.faces[f] for f in numbers]))
                     for numbers in groups.values())

    @cached_property
    def beside(self) -> Mapping[tuple[int, int], int]:
        """By directed edge (corner to corner) the face that has it."""
        return {(ring[i], ring[(i + 1) % len(ring)]): number for number, ring in enumerate(self.faces)
                for i in range(len(ring))}

    @cached_property
    def edges(self) -> tuple[tuple[int, int, int, int], ...]:
        """Every edge between two faces, once: its two corners as the first face has them, the two faces."""
        return tuple((a, b, face, self.beside[b, a]) for (a, b), face in self.beside.items()
                     if a < b and (b, a) in self.beside)

    @cached_property
    def rims(self) -> tuple[tuple[int, int], ...]:
        """The edges no second face has."""
        return tuple(e for e in self.beside if (e[1], e[0]) not in self.beside)

    @cached_property
    def turns_deg(self) -> Array:
        """Of every edge how far the surface turns from its first face to the second: positive away from one
        who looks from outside, negative in a hollow."""
        if not self.edges:
            return np.zeros(0)
        a, b, face, other = np.array(self.edges).T
        n, m = self.normals[face], self.normals[other]
        along = self.corners[b] - self.corners[a]
        size = np.linalg.norm(along, axis=1)
        sine = (np.cross(n, m) * along).sum(axis=1) / np.where(size > 0, size, 1.0)
        found: Array = np.degrees(np.arctan2(sine, (n * m).sum(axis=1)))
        return found

    def sized(self, height: float) -> Mesh:
        """So high, its foot at 0 and its middle over the origin, mm."""
        return Mesh(self.seated(self.corners, height), self.faces, self.colours)

    def seated(self, points: Array, height: float) -> Array:
        """Points (n, 3) of the mesh as it is, where they lie once it is sized, mm."""
        low, high = self.corners.min(axis=0), self.corners.max(axis=0)
        share = height / max(float(high[2] - low[2]), 1e-9)
        middle = np.array([(low[0] + high[0]) / 2, (low[1] + high[1]) / 2, low[2]])
        found: Array = (points - middle) * share
        return found

    def height_for(self, axis: int, length: float) -> float:
        """How high it is (mm) where it is so wide (axis 0), deep (1) or high (2), or what it stands with so
        wide (3), mm.  Raises MeasureError where it stands on a point."""
        if axis == 3 and self.foot < _FOOT * self.size[2]:
            raise MeasureError("it stands on a point, which has no width", "foot",
                               "size it by its height instead")
        return length * self.size[2] / max((*self.size, self.foot)[axis], 1e-9)

    @cached_property
    def foot(self) -> float:
        """How wide (mm) what it stands with is: all that lies so low, as a share of its height."""
        low = self.corners[self.corners[:, 2] <= self.corners[:, 2].min() + _FOOT * self.size[2]]
        return float(np.ptp(low[:, 0]))

    @cached_property
    def size(self) -> tuple[float, float, float]:
        """Width, depth and height, mm."""
        x, y, z = (self.corners.max(axis=0) - self.corners.min(axis=0)).tolist()
        return x, y, z


def write_mesh(mesh: Mesh) -> str:
    """As text."""
    whole = np.round(mesh.corners * _PARTS).astype("<i4")
    counts = np.array([len(ring) for ring in mesh.faces], "<u2")
    numbers = np.array([n for ring in mesh.faces for n in ring], "<u4")
    head = struct.pack("<2sII", _KIND if mesh.colours is None else _COLOURED, len(whole), len(counts))
    colours = b"" if mesh.colours is None else mesh.colours.astype(np.uint8).tobytes()
    return base64.b85encode(zlib.compress(head + whole.tobytes() + counts.tobytes() + numbers.tobytes()
                                          + colours,
                                          9)).decode("ascii")


@lru_cache(maxsize=16)
def read_mesh(text: str) -> Mesh:
    """From text.  Raises MeasureError where it is none."""
    try:
        if len(text) > _MOST_TEXT:
            raise ValueError("too long")
        packed = zlib.decompressobj()
        data = packed.decompress(base64.b85decode(text), 40 * _MOST_TEXT)
        kind, points, faces = struct.unpack_from("<2sII", data)
        if (not packed.eof or kind not in (_KIND, _COLOURED) or points > 4 * MOST_FACES
            or not 0 < faces <= MOST_FACES):
            raise ValueError("no mesh")
        at = struct.calcsize("<2sII")
        corners = np.frombuffer(data, "<i4", 3 * points, at).reshape(-1, 3) / _PARTS
        counts = np.frombuffer(data, "<u2", faces, at + 12 * points)
        numbers = np.frombuffer(data, "<u4", int(counts.sum()), at + 12 * points + 2 * faces)
        after = at + 12 * points + 2 * faces + 4 * len(numbers)
        colours = (np.frombuffer(data, np.uint8, 3 * faces, after).reshape(-1, 3) if kind == _COLOURED
                   else None)
        if (counts < 3).any() or (numbers >= points).any():
            raise ValueError("a face of no corners")
    except (ValueError, struct.error, zlib.error):
        raise MeasureError("it is no mesh of ours", "mesh",
                           "bring the mesh in again: File, Bring in a mesh") from None
    ends = np.cumsum(counts)
    rings = tuple(tuple(int(n) for n in numbers[end - count:end])
                  for end, count in zip(ends, counts, strict=True))
    return Mesh(corners, rings, colours)
