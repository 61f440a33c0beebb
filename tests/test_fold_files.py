"""FOLD files of every recipe, read back and measured: faces keep their shape, and angles between them are
those written (FOLD 1.2)."""

from __future__ import annotations

import json
import unittest
from typing import Any

import numpy as np

from mingei.core.document.build import build
from mingei.core.document.project import new_brief
from mingei.core.recipes import find_recipe, recipes
from mingei.core.stock import Stock
from mingei.formats.fold_json import fold_file

#: Facets of a wall along any outline stand on chords of the arcs they are cut as, mm: so much shorter at the
#: most.
_CHORD_MM = 0.05


def faults(data: dict[str, Any], loose: float = 0.0) -> list[str]:
    """What does not agree between the flat and the folded frames of a file; loose: how far a face may differ
    in length, mm."""
    frames = [data, *data["file_frames"]]
    found = []
    for flat, folded in zip(frames[::2], frames[1::2], strict=True):
        solid = np.array(folded["vertices_coords"])
        plane = np.pad(np.array(flat["vertices_coords"]), ((0, 0), (0, 1)))
        names = [face["name"] for face in flat["mingei:faces"]]
        owners: dict[int, list[int]] = {}
        for face, edges in enumerate(flat["faces_edges"]):
            for edge in edges:
                owners.setdefault(edge, []).append(face)
        for face, corners in enumerate(flat["faces_vertices"]):
            before, after = (np.linalg.norm(points[corners][:, None] - points[corners][None], axis=2)
                             for points in (plane, solid))
            if (float(abs(before - after).max()) > 1e-6
                + (loose if names[face].startswith(("wall", "lap")) else 0.0)):
                found.append(f"{names[face]} changes its shape")
        for edge, (a, b) in enumerate(flat["edges_vertices"]):
            beside = owners.get(edge, [])
            if len(beside) != 2 or flat["edges_assignment"][edge] == "C":
                continue
            loop = flat["faces_vertices"][beside[0]]
            one, two = beside if (a, b) in zip(loop, [*loop[1:], loop[0]], strict=True) else reversed(beside)
            first, second = (_normal(solid[flat["faces_vertices"][f]]) for f in (one, two))
            along = (solid[b] - solid[a]) / max(1e-12, float(np.linalg.norm(solid[b] - solid[a])))
            # away from the printed side: a mountain
            turned = np.degrees(np.arctan2(np.cross(first, second) @ along, first @ second))
            if abs((turned + flat["edges_foldAngle"][edge] + 180.0) % 360.0 - 180.0) > 0.2:
                found.append(
                    f"{names[one]} and {names[two]} stand at {turned:.1f}, not "
                    f"{-flat['edges_foldAngle'][edge]:.1f}")
    return found


def _normal(points: np.ndarray) -> np.ndarray:
    found: np.ndarray = np.cross(points, np.roll(points, -1, axis=0)).sum(axis=0)
    return found / np.linalg.norm(found)


def written(recipe_id: str, caliper: float) -> dict[str, Any]:
    stock = Stock("any", "Any stock", 300, caliper)
    data: dict[str, Any] = json.loads(fold_file(build(new_brief(recipe_id, stock=stock), stock)))
    return data


class EveryRecipe(unittest.TestCase):
    def test_faces_keep_their_shape_and_stand_at_the_angles_written(self) -> None:
        for recipe in recipes().values():
            for caliper in (recipe.thinnest, recipe.thickest):
                with self.subTest(recipe=recipe.id, caliper=caliper):
                    self.assertEqual(faults(written(recipe.id, caliper),
                                            _CHORD_MM if recipe.id in ("profile-wall", "limb") else 0.0), [])

    def test_planted_faults_are_found(self) -> None:
        data = written("carton", 0.3)
        edge = next(i for i, kind in enumerate(data["edges_assignment"]) if kind == "M")
        data["edges_foldAngle"][edge] = 90.0
        self.assertTrue(any("stand at" in fault for fault in faults(data)))
        data = written("card", find_recipe("card").thickest)
        data["file_frames"][0]["vertices_coords"][0][0] += 0.01
        self.assertTrue(any("changes its shape" in fault for fault in faults(data)))


if __name__ == "__main__":
    unittest.main()
