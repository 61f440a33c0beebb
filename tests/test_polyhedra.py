"""Faceted solids against the handbooks, and their nets folded."""

from __future__ import annotations

import json
import math
import unittest
from collections import Counter

import numpy as np
import trimesh
from hypothesis import given, settings
from hypothesis import strategies as st

from mingei.core import joints
from mingei.core.document.build import build
from mingei.core.document.project import new_brief
from mingei.core.drafting.polyhedra import NAMES, Solid, antiprism, prism, regular_solid
from mingei.core.errors import MeasureError
from mingei.core.flat.develop import develop
from mingei.core.flat.pattern import FlatSeam, Pattern
from mingei.core.folded import fold
from mingei.core.plane.shape import path_length
from mingei.core.recipes import find_recipe
from mingei.core.recipes.polyhedron import chosen_solid
from mingei.core.stock import Stock, find_stock
from mingei.formats.fold_json import fold_file
from tests.giving import given_way

#: Corners, edges, faces, and volume for edges of 1, as the handbooks of solids give them.
_BOOK = {
    "tetrahedron": (4, 6, {3: 4}, math.sqrt(2) / 12), "cube": (8, 12, {4: 6}, 1.0),
    "octahedron": (6, 12, {3: 8}, math.sqrt(2) / 3),
    "dodecahedron": (20, 30, {5: 12}, (15 + 7 * math.sqrt(5)) / 4),
    "icosahedron": (12, 30, {3: 20}, 5 * (3 + math.sqrt(5)) / 12),
    "truncated-tetrahedron": (12, 18, {3: 4, 6: 4}, 23 * math.sqrt(2) / 12),
    "cuboctahedron": (12, 24, {3: 8, 4: 6}, 5 * math.sqrt(2) / 3),
    "truncated-cube": (24, 36, {3: 8, 8: 6}, (21 + 14 * math.sqrt(2)) / 3),
    "truncated-octahedron": (24, 36, {4: 6, 6: 8}, 8 * math.sqrt(2)),
    "rhombicuboctahedron": (24, 48, {3: 8, 4: 18}, 4 + 10 * math.sqrt(2) / 3),
    "truncated-cuboctahedron": (48, 72, {4: 12, 6: 8, 8: 6}, 22 + 14 * math.sqrt(2)),
    "snub-cube": (24, 60, {3: 32, 4: 6}, 7.889477),
    "icosidodecahedron": (30, 60, {3: 20, 5: 12}, (45 + 17 * math.sqrt(5)) / 6),
    "truncated-dodecahedron": (60, 90, {3: 20, 10: 12}, 5 * (99 + 47 * math.sqrt(5)) / 12),
    "truncated-icosahedron": (60, 90, {5: 12, 6: 20}, (125 + 43 * math.sqrt(5)) / 4),
    "rhombicosidodecahedron": (60, 120, {3: 20, 4: 30, 5: 12}, (60 + 29 * math.sqrt(5)) / 3),
    "truncated-icosidodecahedron": (120, 180, {4: 30, 6: 20, 10: 12}, 95 + 50 * math.sqrt(5)),
    "snub-dodecahedron": (60, 150, {3: 80, 5: 12}, 37.616650),
}
#: Inner dihedral angles (degrees) by the numbers of corners of the two faces (the same handbooks).
_DIHEDRAL = {
    "tetrahedron": {(3, 3): 70.5288}, "cube": {(4, 4): 90.0}, "octahedron": {(3, 3): 109.4712},
    "dodecahedron": {(5, 5): 116.5651},
    "icosahedron": {(3, 3): 138.1897}, "cuboctahedron": {(3, 4): 125.2644},
    "truncated-octahedron": {(4, 6): 125.2644, (6, 6): 109.4712},
    "icosidodecahedron": {(3, 5): 142.6226}, "truncated-icosahedron": {(5, 6): 142.6226, (6, 6): 138.1897},
}
_FOLDED = [c for c, _ in find_recipe("polyhedron").measure("solid").choices]


def _edges(solid: Solid) -> set[frozenset[int]]:
    return {frozenset(e) for e in solid.beside}


class Handbook(unittest.TestCase):
    def test_corners_edges_faces_and_volume_are_the_handbooks(self) -> None:
        self.assertEqual(set(_BOOK), set(NAMES))
        for name, (corners, edges, faces, volume) in _BOOK.items():
            solid = regular_solid(name)
            counted = len(solid.corners), len(_edges(solid)), Counter(map(len, solid.faces))
            self.assertEqual(counted, (corners, edges, Counter(faces)), name)
            self.assertAlmostEqual(float(trimesh.convex.convex_hull(solid.corners).volume), volume, places=4,
                                   msg=name)

    def test_every_edge_has_length_1_and_two_faces(self) -> None:
        for solid in (*map(regular_solid, NAMES), *map(prism, range(3, 13)), *map(antiprism, range(3, 13))):
            for a, b in _edges(solid):
                self.assertAlmostEqual(float(np.linalg.norm(solid.corners[a] - solid.corners[b])), 1.0,
                                       places=6)
                self.assertIn((a, b), solid.beside)
                self.assertIn((b, a), solid.beside)

    def test_faces_meet_at_the_angles_of_the_handbooks(self) -> None:
        for name, angles in _DIHEDRAL.items():
            solid = regular_solid(name)
            for (a, b), face in solid.beside.items():
                other = solid.beside[b, a]
                wanted = angles[min(len(solid.faces[f]) for f in (face, other)),
                                max(len(solid.faces[f]) for f in (face, other))]
                self.assertAlmostEqual(180 - solid.turn_deg(face, other), wanted, places=3, msg=name)

    def test_every_face_looks_outward_and_is_flat(self) -> None:
        for solid in (*map(regular_solid, NAMES), antiprism(7), prism(5)):
            for number, ring in enumerate(solid.faces):
                heights = solid.corners[list(ring)] @ solid.normal(number)
                self.assertGreater(heights.min(), 0)
                self.assertLess(float(np.ptp(heights)), 1e-6)


def _last_step(pattern: Pattern, panel: str) -> int:
    above, last = {f.child: f for f in pattern.folds if not f.closing}, 0
    while panel in above:
        last, panel = max(last, above[panel].step), above[panel].parent
    return last


def _pressed(pattern: Pattern, seam: FlatSeam) -> bool:
    """Whether, just before the last fold between them is closed, a tab lies within what it is glued to."""
    step = max(_last_step(pattern, seam.name), _last_step(pattern, seam.host))
    done = {s: 1.0 for s in pattern.steps if s < step}
    tab = pattern.by_name[seam.name]
    where = []
    for share in (0.9, 1.0):
        posed = fold.pose(pattern, {**done, step: share})
        host = np.linalg.inv(posed[seam.host])
        where.append(fold.place(host @ posed[seam.name], tab.polygon)[:, 2])
    before, after = where
    return bool((before <= after + 1e-6).all() and before.min() < after.min() - 0.1)


class Folded(unittest.TestCase):
    @settings(max_examples=30)
    @given(st.sampled_from(_FOLDED), st.integers(3, 12), st.floats(15, 150), st.integers(1, 6))
    def test_folded_from_thin_paper_it_has_the_faces_and_the_volume_of_the_solid(self, name: str, sides: int,
                                                                                 edge: float,
                                                                                 pieces: int) -> None:
        values = {"solid": name, "sides": float(sides), "edge": edge}
        solid = chosen_solid(values)
        pieces = min(pieces, len(solid.faces) // 2)
        brief = new_brief("polyhedron", {**values, "pieces": float(pieces)})
        paper = Stock("p", "p", 40, 0.03)
        patterns = develop(find_recipe("polyhedron").draft(brief.values), paper)
        self.assertEqual(len(patterns), pieces)
        faces = [(fold.finished(pattern), p) for pattern in patterns for p in pattern.panels if p.role
                 == "wall"]
        self.assertEqual(len(faces), len(solid.faces))
        hull = trimesh.convex.convex_hull(
            np.concatenate([fold.place(done[p.name], p.polygon) for done, p in faces]))
        whole = trimesh.convex.convex_hull(solid.corners * edge)
        # the faces lie a caliper and a half outside: so much skin, and corners a fifth more
        self.assertGreaterEqual(float(hull.volume), 0.9999 * float(whole.volume))
        self.assertLessEqual(float(hull.volume), float(whole.volume) + 1.2 * 1.5 * 0.03 * float(whole.area))

    def test_every_edge_is_a_fold_or_a_seam_and_the_last_face_tucks_in(self) -> None:
        for name in _FOLDED:
            made = build(new_brief("polyhedron", {"solid": name}), find_stock("card-220"))
            solid = chosen_solid(made.brief.values)
            draft = made.draft.pieces[0]
            self.assertEqual(len(draft.folds), len(solid.faces) - 1)
            self.assertEqual(len(draft.folds) + len(draft.seams), len(_edges(solid)))
            tucked = {s.carrier.panel for s in draft.seams if s.joint is joints.TUCK}
            self.assertEqual(tucked, {f"face {len(solid.faces)}"})

    def test_the_face_that_comes_last_is_brought_down_on_a_tab_that_stands(self) -> None:
        for name in _FOLDED:
            with self.subTest(name):
                pattern = build(new_brief("polyhedron", {"solid": name}), find_stock("card-220")).pattern
                glued = [s for s in pattern.seams if s.joint is joints.GLUE_TAB]
                self.assertEqual([s.name for s in glued if not _pressed(pattern, s)], [])

    def test_in_pieces_every_edge_is_still_a_fold_or_a_seam_and_one_face_tucks_in(self) -> None:
        self.assertEqual(set(_FOLDED), {*NAMES, "prism", "antiprism"})
        for name, pieces in (("truncated-icosidodecahedron", 4), ("snub-dodecahedron", 6), ("cube", 3)):
            made = build(new_brief("polyhedron", {"solid": name, "pieces": float(pieces)}),
                         find_stock("card-220"))
            solid = chosen_solid(made.brief.values)
            parts = made.draft.pieces
            self.assertEqual(len(parts), pieces)
            folds, seams = sum(len(p.folds) for p in parts), [s for p in parts for s in p.seams]
            self.assertEqual(folds, len(solid.faces) - pieces)
            self.assertEqual(folds + len(seams), len(_edges(solid)))
            self.assertEqual({s.carrier.panel for s in seams if s.joint is joints.TUCK},
                             {f"face {len(solid.faces)}"})
            self.assertTrue(all(c.closes for c in made.closures))
            # no part is much larger
            self.assertLess(max(len(p.panels) for p in parts), 2.5 * len(solid.faces) / pieces)

    def test_a_seam_between_two_pieces_may_be_taped_or_take_a_fin(self) -> None:
        from mingei.core.amendments.amend import SeamChange

        brief = new_brief("polyhedron", {"solid": "cube", "pieces": 2.0})
        parts = find_recipe("polyhedron").draft(brief.values).pieces
        crossing = next(s.name for s in parts[1].seams if s.host.panel in {p.name for p in parts[0].panels})
        taped = build(brief.with_seam(SeamChange(crossing, joints.TAPE.word)), find_stock("card-220"))
        frames = [d := json.loads(fold_file(taped)), *d["file_frames"]]
        (seam,) = [s for f in frames[::2] for s in f["mingei:seams"] if s["name"] == crossing]
        self.assertIsNone(seam["b"])
        self.assertIn(seam["b_face"], {p.name for p in parts[0].panels})
        finned = build(brief.with_seam(SeamChange(crossing, joints.FIN.word)), find_stock("card-220"))
        frames = [d := json.loads(fold_file(finned)), *d["file_frames"]]
        (seam,) = [s for f in frames[::2] for s in f["mingei:seams"] if s["name"] == crossing]
        self.assertEqual((seam["kind"], seam["b"], seam["b_face"]), ("fin", None, f"{crossing} fellow"))
        self.assertTrue(all(c.closes for c in finned.closures))

    def test_the_net_is_the_one_of_several_that_prints_largest(self) -> None:
        # found by trying: rooted in an octagon, the larger faces first, they take sheets 259 and 356 mm wide
        for name, most in (("truncated-cube", 225.0), ("snub-dodecahedron", 325.0)):
            box = build(new_brief("polyhedron", {"solid": name, "edge": 30.0}),
                        find_stock("card-220")).pattern.box
            low, high = sorted((box.width, box.height))
            self.assertLess(max(low, high / math.sqrt(2)), most)

    def test_a_piece_has_something_to_fold(self) -> None:
        self.assertEqual(given_way("polyhedron", {"solid": "tetrahedron", "pieces": 3.0}),
                         {"pieces": (3.0, 2.0)})

    def test_the_middle_of_the_first_face_has_a_hole_for_a_thread(self) -> None:
        card = find_stock("card-220")
        hung = build(new_brief("polyhedron", {"hang": "hole"}), card).pattern
        (hole,) = hung.by_name[hung.root].holes
        self.assertAlmostEqual(path_length(hole), math.pi * 2.0)
        self.assertEqual(len(build(new_brief("polyhedron", {"hang": "none"}), card).pattern.cuts), 1)

    def test_a_tab_that_has_room_nowhere_else_cannot_be_moved(self) -> None:
        from mingei.core.amendments.amend import SeamChange

        brief = new_brief("polyhedron")
        seam = build(brief, find_stock("card-220")).draft.pieces[0].seams[0].name
        with self.assertRaises(MeasureError):
            brief.with_seam(SeamChange(seam, joints.GLUE_TAB.word, True))


if __name__ == "__main__":
    unittest.main()
