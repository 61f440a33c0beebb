"""Posing, and the solids that are shown."""

from __future__ import annotations

import math
import unittest

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from mingei.core.document.build import build
from mingei.core.document.project import Brief, new_brief
from mingei.core.folded import fold
from mingei.core.folded.solid import INSIDE, PRINTED, hit, solids
from mingei.core.plane.shape import path_length, signed_area
from mingei.core.recipes import recipes
from mingei.core.stock import Stock, find_stock
from tests.strategies import amended_briefs, briefs
from tests.support import FoldFile, carton


class Pose(unittest.TestCase):
    @given(briefs("carton"), st.floats(0, 1))
    def test_panels_stay_rigid_at_any_moment(self, made: tuple[Brief, Stock], fraction: float) -> None:
        for matrix in fold.pose(build(*made).pattern, fraction).values():
            np.testing.assert_allclose(matrix[:3, :3].T @ matrix[:3, :3], np.eye(3), atol=1e-9)
            self.assertAlmostEqual(float(np.linalg.det(matrix[:3, :3])), 1.0)

    @given(briefs("carton"), st.floats(0, 1))
    def test_panels_hold_together_at_their_creases_at_any_moment(self, made: tuple[Brief, Stock],
                                                                 fraction: float) -> None:
        pattern = build(*made).pattern
        posed = fold.pose(pattern, fraction)
        for f in pattern.folds:
            ends = [[fold.place(posed[name], [pattern.by_name[name].frame.inverse().apply(p)])[0]
                     for p in (f.start, f.end)]
                    for name in (f.parent, f.child)]
            np.testing.assert_allclose(ends[0], ends[1], atol=1e-7)

    def test_at_the_start_all_lies_flat(self) -> None:
        pattern = carton().pattern
        for name, matrix in fold.pose(pattern, 0.0).items():
            points = fold.place(matrix, pattern.by_name[name].polygon)
            np.testing.assert_allclose(points[:, 2], -0.2, atol=1e-9)

    def test_steps_follow_one_another(self) -> None:
        pattern = carton().pattern
        count = len(pattern.steps)
        for number, step in enumerate(pattern.steps):
            self.assertEqual(fold.progress(pattern, number / count, step), 0.0)
            self.assertAlmostEqual(fold.progress(pattern, (number + 0.5) / count, step), 0.5)
            self.assertAlmostEqual(fold.progress(pattern, (number + 1) / count, step), 1.0)

    def test_a_fault_would_be_seen(self) -> None:
        """A seam whose top stands a millimetre off is reported open."""
        made = carton()
        good = fold.closure(made.pattern)[0]
        self.assertTrue(good.closes)
        for change in ({"apart_mm": good.apart_mm + 0.02}, {"tilt_deg": 0.1}, {"outside_mm": 0.5}):
            self.assertFalse(good._replace(**change).closes)


class FoldExport(unittest.TestCase):
    @given(amended_briefs("carton"))
    def test_every_face_keeps_its_shape(self, made: tuple[Brief, Stock]) -> None:
        exported = FoldFile(build(*made))
        for face in exported.faces:
            flat, folded = exported.flat_points[face], exported.points[face]
            for step in range(1, len(face)):
                np.testing.assert_allclose(np.linalg.norm(flat - np.roll(flat, step, axis=0), axis=1),
                                           np.linalg.norm(folded - np.roll(folded, step, axis=0), axis=1),
                                           atol=1e-6)

    @given(briefs("carton"))
    def test_angles_between_faces_are_those_written(self, made: tuple[Brief, Stock]) -> None:
        exported = FoldFile(build(*made))
        owners: dict[int, list[int]] = {}
        for face, edges in enumerate(exported.data["faces_edges"]):
            for edge in edges:
                owners.setdefault(edge, []).append(face)
        folds = 0
        for edge, (kind, angle) in enumerate(zip(exported.data["edges_assignment"],
                                                 exported.data["edges_foldAngle"], strict=True)):
            self.assertEqual(len(owners[edge]), 1 if kind == "B" else 2)
            if kind == "B":
                continue
            folds += 1
            a, b = owners[edge]
            between = math.degrees(math.acos(max(-1.0,
                                                 min(1.0, float(exported.normal(a) @ exported.normal(b))))))
            self.assertAlmostEqual(between, abs(angle), places=4)
            self.assertEqual(kind, "M")
            self.assertEqual(angle, -90.0)  # mountain folds are negative in FOLD 1.2
        self.assertEqual(folds, 12)

    @given(amended_briefs("carton"))
    def test_printed_faces_look_outward(self, made: tuple[Brief, Stock]) -> None:
        exported = FoldFile(build(*made))
        middle = np.array(exported.data["mingei:inside_mm"]) / 2
        fins = {face for s in exported.data["mingei:seams"] if s["kind"] == "fin"
                for face in (s["a"][0], s["b"][0])}
        for face in set(range(len(exported.faces))) - fins:  # a fin's printed faces look at each other
            outward = exported.points[exported.faces[face]].mean(axis=0) - middle
            self.assertGreater(float(outward @ exported.normal(face)), 0)

    @given(briefs("carton"))
    def test_seams_stand_one_stack_apart(self, made: tuple[Brief, Stock]) -> None:
        exported = FoldFile(build(*made))
        for seam in exported.data["mingei:seams"]:
            (a, a_edges), (b, b_edges) = seam["a"], seam["b"]
            apart = ((exported.points[exported.faces[b]].mean(axis=0)
                      - exported.points[exported.faces[a]].mean(axis=0)) @ exported.normal(b))
            self.assertAlmostEqual(float(apart), seam["gap_mm"], places=6)
            self.assertAlmostEqual(seam["gap_mm"], exported.thickness, places=6)
            if seam["kind"] in ("tab", "tuck"):
                self.assertTrue(exported.tabs[a] and not exported.tabs[b])
                for edges, owner in ((a_edges, a), (b_edges, b)):
                    self.assertEqual(len(edges), 1)
                    self.assertIn(edges[0], exported.data["faces_edges"][owner])

    def test_the_document_is_what_the_specification_asks(self) -> None:
        exported = FoldFile(carton())
        self.assertEqual(exported.data["file_spec"], 1.2)
        self.assertEqual(exported.data["frame_classes"], ["creasePattern"])
        self.assertEqual(exported.folded["frame_classes"], ["foldedForm"])
        self.assertEqual(exported.data["mingei:inside_mm"], [140.0, 32.0, 18.0])
        self.assertEqual(sum(exported.tabs), 3)
        edges = {frozenset(e) for e in exported.data["edges_vertices"]}
        for face in exported.faces:
            for a, b in zip(face, (*face[1:], face[0]), strict=True):
                self.assertIn(frozenset((a, b)), edges)


class Solids(unittest.TestCase):
    @given(briefs("carton"), st.floats(0, 1))
    def test_triangles_cover_each_panels_two_faces(self, made: tuple[Brief, Stock], fraction: float) -> None:
        pattern = build(*made).pattern
        shown = solids(pattern, fraction)
        sides = np.cross(shown.triangles[:, 1] - shown.triangles[:, 0],
                         shown.triangles[:, 2] - shown.triangles[:, 0])
        area = np.einsum("ij,ij->i", sides, shown.normals) / 2
        # where a mitre ends, a sliver may turn over
        self.assertLess(-area[area < 0].sum(), 0.01 * area.sum())
        for index, panel in enumerate(pattern.panels):
            both = area[(shown.panel == index) & (shown.face != 2)].sum()
            # mitres give to the outside what they take from the inside
            self.assertAlmostEqual(both / (2 * panel.area), 1.0, delta=0.06)

    def test_triangles_of_every_flat_cover_its_panels_and_none_turns_over(self) -> None:
        for recipe in recipes():
            brief = new_brief(recipe)
            for pattern in build(brief, find_stock(brief.stock)).patterns:
                shown = solids(pattern, 0.0)
                sides = np.cross(shown.triangles[:, 1] - shown.triangles[:, 0],
                                 shown.triangles[:, 2] - shown.triangles[:, 0])
                area = np.einsum("ij,ij->i", sides, shown.normals) / 2
                self.assertGreater(area[shown.face == PRINTED].min(), -1e-6, (recipe, pattern.name))
                for index, panel in enumerate(pattern.panels):
                    covered = area[(shown.panel == index) & (shown.face == PRINTED)].sum()
                    # of what is led round something only what lies flat is shown
                    lies = signed_area(panel.standing) if panel.lies else panel.area
                    self.assertAlmostEqual(covered, lies, delta=0.1 * path_length(panel.path),
                                           msg=f"{recipe}, {panel.name}")

    def test_a_long_low_wall_of_board_does_not_turn_over(self) -> None:
        # found by the property above: fanned from its middle, the ends of its mitres turned triangles over
        brief = new_brief("carton", {"length": 600.0, "width": 12.0, "height": 8.0, "tab": 4.0, "lip": 5.0})
        shown = solids(build(brief, Stock("any", "Any stock", 300, 1.5)).pattern)
        sides = np.cross(shown.triangles[:, 1] - shown.triangles[:, 0],
                         shown.triangles[:, 2] - shown.triangles[:, 0])
        area = np.einsum("ij,ij->i", sides, shown.normals) / 2
        self.assertLess(-area[area < 0].sum(), 0.001 * area.sum())

    @given(briefs("carton"), st.floats(0, 1))
    def test_an_edge_knows_which_way_the_faces_beside_it_look(self, made: tuple[Brief, Stock],
                                                              fraction: float) -> None:
        shown = solids(build(*made).pattern, fraction)
        along = shown.edges[:, 1] - shown.edges[:, 0]
        across = np.einsum("mfi,mi->mf", shown.edge_normals, along)
        self.assertLess(np.abs(across).max(), 1e-9)
        # a mitre may leave nothing of a side, and of the rim there
        long = np.linalg.norm(along, axis=1) > 1e-3
        for edge, panel, face, normals in zip(*(v[long] for v in (shown.edges, shown.edge_panel,
                                                                  shown.edge_face, shown.edge_normals)),
                                              strict=True):
            np.testing.assert_allclose(normals[0],
                                       shown.normals[(shown.panel == panel) & (shown.face == face)][0],
                                       atol=1e-12)
            beside = ((shown.panel == panel) & (shown.face == 2)
                      & np.isclose(shown.normals, normals[1], atol=1e-12).all(axis=1))
            corners = shown.triangles[beside].reshape(-1, 3)
            for end in edge:
                self.assertLess(np.linalg.norm(corners - end, axis=1).min(), 1e-9)

    def test_the_shown_outside_is_the_outside(self) -> None:
        made = carton("greyboard-15")
        corners = solids(made.pattern).triangles.reshape(-1, 3)
        np.testing.assert_allclose(corners.max(axis=0) - corners.min(axis=0), made.outside, atol=1e-6)

    def test_a_ray_meets_the_nearest_panel(self) -> None:
        made = carton()
        shown = solids(made.pattern)
        names = [p.name for p in made.pattern.panels]
        down, middle = np.array([0.0, 0.0, -1.0]), np.array([70.0, 16.0, 100.0])
        met = hit(shown, middle, down)
        assert met is not None
        self.assertEqual(names[met.panel], "top")
        met = hit(shown, np.array([70.0, 16.0, 5.0]), down)  # from within
        assert met is not None
        self.assertEqual(names[met.panel], "base")
        self.assertIsNone(hit(shown, np.array([70.0, 300.0, 100.0]), down))
        self.assertEqual({PRINTED, INSIDE, 2}, set(shown.face.tolist()))
