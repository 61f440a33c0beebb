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
#: No more corners or faces are kept, and no longer text is read.
MOST_FACES, _MOST_TEXT = 20_000, 2_000_000
_KIND = b"m2"
#: Corners are kept so finely, parts of a millimetre: faces of several triangles stay flat.
_PARTS = 10_000


class Mesh:
    """corners: (n, 3), mm; faces: rings of corner numbers, counter-clockwise seen from outside."""

    def __init__(self, corners: Array, faces: tuple[Ring, ...]) -> None:
        self.corners, self.faces = corners, faces

    @cached_property
    def normals(self) -> Array:
        """Of each face its outward unit vector (m, 3), by the area its ring spans."""
        found = np.zeros((len(self.faces), 3))
        for number, ring in enumerate(self.faces):
            p = self.corners[list(ring)]
            found[number] = np.cross(p - p[0], np.roll(p, -1, axis=0) - p[0]).sum(axis=0)
        size = np.linalg.norm(found, axis=1)
        unit: Array = found / np.maximum(size, 1e-12)[:, None]
        return unit

    @cached_property
    def areas(self) -> Array:
        """Of each face, mm2."""
        found = np.zeros(len(self.faces))
        for number, ring in enumerate(self.faces):
            p = self.corners[list(ring)]
            found[number] = np.linalg.norm(np.cross(p - p[0], np.roll(p, -1, axis=0) - p[0]).sum(axis=0)) / 2
        return found

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

    def turn_deg(self, a: int, b: int, start: int, end: int) -> float:
        """How far the surface turns from a face to the next across their edge, which runs from start to end
        on the first: positive away from one who looks from outside, negative in a hollow."""
        n, m = self.normals[a], self.normals[b]
        along = self.corners[end] - self.corners[start]
        size = float(np.linalg.norm(along)) or 1.0
        sine = float(np.cross(n, m) @ along) / size
        return float(np.degrees(np.arctan2(sine, float(n @ m))))

    def sized(self, height: float) -> Mesh:
        """So high, its foot at 0 and its middle over the origin, mm."""
        low, high = self.corners.min(axis=0), self.corners.max(axis=0)
        share = height / max(float(high[2] - low[2]), 1e-9)
        middle = np.array([(low[0] + high[0]) / 2, (low[1] + high[1]) / 2, low[2]])
        return Mesh((self.corners - middle) * share, self.faces)

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
    head = struct.pack("<2sII", _KIND, len(whole), len(counts))
    return base64.b85encode(zlib.compress(head + whole.tobytes() + counts.tobytes() + numbers.tobytes(),
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
        if not packed.eof or kind != _KIND or points > 4 * MOST_FACES or not 0 < faces <= MOST_FACES:
            raise ValueError("no mesh")
        at = struct.calcsize("<2sII")
        corners = np.frombuffer(data, "<i4", 3 * points, at).reshape(-1, 3) / _PARTS
        counts = np.frombuffer(data, "<u2", faces, at + 12 * points)
        numbers = np.frombuffer(data, "<u4", int(counts.sum()), at + 12 * points + 2 * faces)
        if (counts < 3).any() or (numbers >= points).any():
            raise ValueError("a face of no corners")
    except (ValueError, struct.error, zlib.error):
        raise MeasureError("it is no mesh of ours", "mesh",
                           "bring the mesh in again: File, Bring in a mesh") from None
    ends = np.cumsum(counts)
    rings = tuple(tuple(int(n) for n in numbers[end - count:end])
                  for end, count in zip(ends, counts, strict=True))
    return Mesh(corners, rings)
