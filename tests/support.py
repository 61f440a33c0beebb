"""What several tests share: builds, and instruments that read exported files without Mingei's own code."""

from __future__ import annotations

import json
import tempfile
import unittest
from pathlib import Path
from typing import Any

import numpy as np
from numpy.typing import NDArray

from mingei.core.document.build import Build, build
from mingei.core.document.project import Project, new_brief, new_project
from mingei.core.recipes import Value
from mingei.core.stock import Stock, find_stock
from mingei.formats.fold_json import fold_file


class InFolder(unittest.TestCase):
    """A test with a folder of its own."""

    def setUp(self) -> None:
        holder = tempfile.TemporaryDirectory()
        self.addCleanup(holder.cleanup)
        self.folder = Path(holder.name)


def carton(stock: str | Stock = "card-300", **values: Value) -> Build:
    """A carton worked out."""
    chosen = find_stock(stock) if isinstance(stock, str) else stock
    return build(new_brief("carton", values, chosen), chosen)


def carton_project(stock: str = "card-300", **values: Value) -> Project:
    return new_project(new_brief("carton", values, find_stock(stock)))


class FoldFile:
    """A FOLD document as a reader who knows only its specification sees it."""

    def __init__(self, made: Build) -> None:
        self.data: dict[str, Any] = json.loads(fold_file(made))
        self.folded = self.data["file_frames"][0]
        self.flat_points: NDArray[np.float64] = np.array(self.data["vertices_coords"])
        self.points: NDArray[np.float64] = np.array(self.folded["vertices_coords"])
        self.faces: list[list[int]] = self.data["faces_vertices"]
        self.names = [f["name"] for f in self.data["mingei:faces"]]
        self.tabs = [f["tab"] for f in self.data["mingei:faces"]]
        self.thickness: float = self.data["mingei:thickness_mm"]

    def normal(self, face: int) -> NDArray[np.float64]:
        """Newell's normal of a folded face, unit length, towards the printed side."""
        p = self.points[self.faces[face]]
        n: NDArray[np.float64] = np.cross(p, np.roll(p, -1, axis=0)).sum(axis=0)
        return n / float(np.linalg.norm(n))

    def slab(self, face: int) -> NDArray[np.float64]:
        """Corners of the face as a slab one thickness thick."""
        p, n = self.points[self.faces[face]], self.normal(face) * self.thickness / 2
        return np.concatenate([p + n, p - n])
