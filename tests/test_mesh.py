"""Meshes: read, mended, reduced, cut into pieces that lie flat and fit, folded back to what they were; broken
files are refused and nothing hangs."""

from __future__ import annotations

import math
import multiprocessing
import os
import random
import tempfile
import time
import unittest
from collections import Counter
from dataclasses import replace
from pathlib import Path
from unittest import mock

import numpy as np
import pypdfium2
import trimesh
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image
from PySide6.QtCore import Qt
from PySide6.QtGui import QImage
from PySide6.QtTest import QTest
from shapely import Point as Spot
from shapely import Polygon, union_all

from mingei.app import drawer
from mingei.app.elsewhere import elsewhere
from mingei.app.pieces import PiecesCard
from mingei.app.ready import is_large, ready
from mingei.assets import demo_file
from mingei.core.check import run, run_joined
from mingei.core.check.making import _overlapping
from mingei.core.check.simulating import simulate
from mingei.core.covering.art import Printed, Raster, printed
from mingei.core.document.build import Build, Part, build
from mingei.core.document.project import new_brief, new_project
from mingei.core.draft import Role
from mingei.core.errors import MeasureError, ProjectError
from mingei.core.flat.pattern import Pattern
from mingei.core.folded.fold import closure, finished, place
from mingei.core.layout.marks import page_drawing
from mingei.core.layout.sheets import find_sheet
from mingei.core.length import write_both
from mingei.core.mesh.cutting import cut_up
from mingei.core.mesh.facets import merged, reduced
from mingei.core.mesh.flats import Room, best_turn
from mingei.core.mesh.hand import read_hand, write_hand
from mingei.core.mesh.look import asks, seen
from mingei.core.mesh.mending import Mending as Mends
from mingei.core.mesh.mending import mend
from mingei.core.mesh.mesh import Mesh, read_mesh, write_mesh
from mingei.core.mesh.mirror import mirrored_faces
from mingei.core.mesh.pieces import Cut
from mingei.core.mesh.thinning import without_thin
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import bounds
from mingei.core.recipes import find_recipe
from mingei.core.recipes.mesh import begin_with, by_hand, cut_mesh, fewer, opened
from mingei.core.stock import Stock
from mingei.formats import mesh_colours, project_file
from mingei.formats.export import Wanted, export, printed_on
from mingei.formats.mesh_file import load, with_picture
from tests.giving import given_way
from tests.solids import shared
from tests.support import InFolder
from tests.test_cli import run as command
from tests.test_pages import pages_of
from tests.windows import WindowTest, settle, wait_for

SOAK = bool(os.environ.get("MINGEI_SOAK"))


def body(found: trimesh.Trimesh) -> Mesh:
    return Mesh(np.array(found.vertices, float), tuple(tuple(row) for row in found.faces.tolist()))


def organic(fine: int, amount: float, seed: int) -> Mesh:
    """A ball pushed in and out by a few waves: a smooth lump with hollows."""
    dice = np.random.default_rng(seed)
    ball = trimesh.creation.icosphere(fine)
    points, ways, turns = np.array(ball.vertices), dice.normal(size=(5, 3)), dice.uniform(0, 6, 5)
    out = 1 + amount * sum(np.sin(points @ w * 2 + p) for w, p in zip(ways, turns, strict=True)) / 5
    return Mesh(points * out[:, None] * 50, tuple(tuple(row) for row in ball.faces.tolist()))


BODIES = {
    "ball": lambda: body(trimesh.creation.icosphere(1)),
    "finer ball": lambda: body(trimesh.creation.icosphere(2)),
    "box": lambda: body(trimesh.creation.box((3.0, 2.0, 1.0))),
    "ring": lambda: body(trimesh.creation.torus(1.0, 0.45, major_sections=12, minor_sections=8)),
    "capsule": lambda: body(trimesh.creation.capsule(2.0, 1.0, count=[8, 8])),
    "cone": lambda: body(trimesh.creation.cone(1.0, 2.0, sections=10)),
    "lump": lambda: organic(1, 0.7, 1), "second lump": lambda: organic(1, 0.9, 4),
    "large lump": lambda: organic(2, 0.6, 2),
    "heron": lambda: read_mesh(str(next(b.values["mesh"] for b in project_file.load(demo_file()).briefs
                                        if b.recipe == "mesh"))),
}


def made_of(mesh: Mesh, height: float = 150.0, caliper: float = 0.2, **values: float | str) -> Build:
    text = write_mesh(merged(mesh.sized(1000.0)))
    brief = new_brief("mesh", {"mesh": text, "height": height, **values})
    return build(brief, Stock("card", "Card", 160, caliper))


def bare_share(made: Build) -> float:
    """The share of the seams, by length, that are taped for want of a tab or a strip."""
    seams = [m for p in made.patterns for m in p.mates]
    return sum(m.length for m in seams if m.joint.outer_tape) / sum(m.length for m in seams)


def pieces_of(made: Build) -> list[Pattern]:
    """Its pieces without the strips behind their seams."""
    return [p for p in made.patterns if p.rides is None]


def mesh_of(made: Build) -> tuple[Mesh, Cut]:
    v = made.brief.values
    return cut_mesh(str(v["mesh"]), *(float(v[k]) for k in ("height", "wide", "high", "reach", "tab")),
                    int(v["slits"]), str(v["hand"]), False)[:2]


class Written(unittest.TestCase):
    @given(st.sampled_from(sorted(BODIES)))
    def test_as_text_it_is_read_back_the_same(self, name: str) -> None:
        mesh = BODIES[name]().sized(1000.0)
        again = read_mesh(write_mesh(mesh))
        self.assertEqual(again.faces, mesh.faces)
        np.testing.assert_allclose(again.corners, mesh.corners, atol=0.0051)

    def test_text_that_is_none_is_refused(self) -> None:
        good = write_mesh(BODIES["box"]())
        for text in ("", "x", good[:-4], good[:20], good + "!!", "0" * 100, good.replace(good[30], "~", 3)):
            with self.subTest(text=text[:20]):
                with self.assertRaises(MeasureError) as refused:
                    read_mesh(text)
                self.assertEqual(str(refused.exception), "mesh: it is no mesh of ours; "
                                 "bring the mesh in again: File, Bring in a mesh.")

    def test_a_project_keeps_its_mesh(self) -> None:
        made = made_of(BODIES["lump"]())
        project = new_project(made.brief)
        self.assertEqual(project_file.loads(project_file.dumps(project)).briefs[0].values["mesh"],
                         made.brief.values["mesh"])

    def test_turns_are_those_of_a_box_and_by_gauss_and_bonnet_a_whole_ball(self) -> None:
        box = merged(BODIES["box"]())
        self.assertEqual(sorted(np.round(box.turns_deg).tolist()), [90] * 12)
        # the sum over corners of what is missing to a full turn is 720 degrees for any body without holes
        for name, wanted in (("finer ball", 720.0), ("large lump", 720.0), ("ring", 0.0)):
            mesh = BODIES[name]()
            missing = np.full(len(mesh.corners), 360.0)
            for ring in mesh.faces:
                for i, n in enumerate(ring):
                    a, b = mesh.corners[ring[i - 1]] - mesh.corners[n], mesh.corners[
                        ring[(i + 1) % len(ring)]] - mesh.corners[n]
                    missing[n] -= math.degrees(
                        math.acos(float(a @ b) / np.linalg.norm(a) / np.linalg.norm(b)))
            self.assertAlmostEqual(float(missing.sum()), wanted, places=4)


class Mending(unittest.TestCase):
    def soup(self, mesh: Mesh) -> tuple[np.ndarray, np.ndarray]:
        """Every triangle with corners of its own, as STL has them."""
        rows = np.array(mesh.faces)
        return mesh.corners[rows].reshape(-1, 3), np.arange(3 * len(rows)).reshape(-1, 3)

    def test_a_soup_of_triangles_is_welded_into_one_closed_body(self) -> None:
        for name in ("ball", "ring", "lump"):
            mesh = BODIES[name]()
            found = mend(*self.soup(mesh))
            self.assertEqual(len(found.mesh.corners), len(mesh.corners))
            self.assertEqual(found.mesh.rims, ())
            self.assertIn("welded", str(found.done[0]))

    def test_faces_turned_inside_out_are_turned_back(self) -> None:
        mesh = BODIES["ball"]()
        for some in (slice(0, 20), slice(0, 60), slice(None)):
            rows = np.array(mesh.faces)
            rows[some] = rows[some][:, ::-1]
            found = mend(mesh.corners, rows)
            middle = found.mesh.corners.mean(axis=0)
            for face, ring in enumerate(found.mesh.faces):
                away = found.mesh.corners[list(ring)].mean(axis=0) - middle
                self.assertGreater(float(away @ found.mesh.normals[face]), 0.0)
            self.assertIn("inside out", " ".join(map(str, found.done)))

    def test_doubled_empty_and_third_faces_go_and_small_holes_are_filled(self) -> None:
        mesh = BODIES["ball"]()
        rows = np.array(mesh.faces)
        fin = len(mesh.corners)
        corners = np.concatenate([mesh.corners, [[3.0, 3.0, 3.0]]])
        rows = np.concatenate([rows[1:], rows[5:6], [[0, 0, 1]], [[rows[9][0], rows[9][1], fin]]])
        found = mend(corners, rows)
        said = " ".join(map(str, found.done))
        for word in ("empty", "doubled", "two had already", "hole"):
            self.assertIn(word, said)
        self.assertEqual(found.mesh.rims, ())
        self.assertEqual(len(found.mesh.faces), 80)

    def test_small_holes_stay_open_where_that_is_asked(self) -> None:
        ball = trimesh.creation.icosphere(2)
        corners, faces = np.array(ball.vertices, float), np.array(ball.faces, np.int64)[:-1]
        self.assertFalse(mend(corners, faces).mesh.rims)
        kept = mend(corners, faces, [Mends.FILL])
        self.assertEqual(len(kept.mesh.rims), 3)
        self.assertFalse([w for w in kept.done if "hole" in str(w)])

    def test_what_stays_open_or_apart_is_said(self) -> None:
        mesh = BODIES["finer ball"]()
        above = np.array([ring for ring in mesh.faces if mesh.corners[list(ring)][:, 2].mean() > -0.3])
        found = mend(mesh.corners, above)
        self.assertIn("open", " ".join(map(str, found.left)))
        two = np.concatenate([mesh.corners, mesh.corners + 5.0])
        rows = np.array(mesh.faces)
        found = mend(two, np.concatenate([rows, rows + len(mesh.corners)]))
        self.assertIn("2 bodies", " ".join(map(str, found.left)))

    def test_what_lies_flat_or_has_no_size_of_this_world_is_refused(self) -> None:
        box = trimesh.creation.box((3.0, 2.0, 1.0))
        for scale, said in (((1.0, 1.0, 0.0), "it lies so low"), ((1e12, 1e12, 1e12), "units large"),
                            ((1e-9, 1e-9, 1e-9), "units large")):
            with tempfile.TemporaryDirectory() as name:
                path = Path(name, "box.off")
                trimesh.Trimesh(box.vertices * scale, box.faces, process=False).export(path)
                with self.assertRaisesRegex(ProjectError, said):
                    load(path)

    def test_what_is_no_body_is_refused(self) -> None:
        for corners, rows in ((np.zeros((3, 3)), np.array([[0, 1, 2]])),
                              (np.zeros((9, 3)), np.zeros((6, 3), int)),
                              (np.full((6, 3), np.nan), np.array([[0, 1, 2]] * 5))):
            with self.assertRaises(MeasureError):
                mend(corners, rows)


class Facets(unittest.TestCase):
    def test_as_few_are_left_as_asked_and_it_is_still_closed(self) -> None:
        whole = body(trimesh.creation.icosphere(4))
        for count in (400, 120, 60):
            fewer = reduced(whole, count)
            self.assertLessEqual(abs(len(fewer.faces) - count), 4)
            self.assertEqual(mend(fewer.corners, np.array(fewer.faces)).mesh.rims, ())

    def test_triangles_of_one_plane_become_one_convex_face(self) -> None:
        self.assertEqual(sorted(len(r) for r in merged(BODIES["box"]()).faces), [4] * 6)
        cone = merged(BODIES["cone"]())
        self.assertEqual(Counter(len(r) for r in cone.faces)[3], 10)  # its sides; the base is one face or few
        self.assertLess(len(cone.faces), 20)
        for name in BODIES:
            one, other = BODIES[name](), merged(BODIES[name]())
            self.assertAlmostEqual(float(one.areas.sum()), float(other.areas.sum()), places=6)


class Cutting(unittest.TestCase):
    @given(st.sampled_from(sorted(BODIES)), st.floats(60.0, 300.0), st.sampled_from([0.0, 60.0, 120.0]))
    @settings(max_examples=60 if SOAK else 8)
    def test_every_facet_lies_flat_once_in_a_piece_that_fits(self, name: str, height: float,
                                                             reach: float) -> None:
        made = made_of(BODIES[name](), height, reach=reach)
        mesh, cut = mesh_of(made)
        self.assertEqual(sorted(f for piece in cut.pieces for f in piece), list(range(len(mesh.faces))))
        names = [f for piece in cut.pieces for f in piece]
        for piece, pattern in zip(cut.pieces, pieces_of(made), strict=True):
            faces = [pattern.by_name[f"facet {face + 1}"] for face in piece]
            drawn = {q.name: q.outline for p in made.draft.pieces for q in p.panels}
            laid = [Polygon(p.frame.apply_all(drawn[p.name])) for p in faces]
            whole = Polygon()
            area = 0.0
            for each in laid:
                area += each.area
                whole = whole.union(each.buffer(1e-6))
            self.assertAlmostEqual(whole.area, area, delta=1e-3 * area)  # nowhere one over the other
            if len(piece) > 1:
                wide, high = np.ptp(np.concatenate([np.array(p.exterior.coords) for p in laid]), axis=0)
                self.assertLessEqual(wide, 178.0 + 1e-6)  # as it lies, less room for tabs of 6
                self.assertLessEqual(high, 265.0 + 1e-6)
                if reach:
                    self.assertLessEqual(area, reach * reach + 0.01)
        self.assertEqual(len(set(names)), len(names))

    @given(st.sampled_from(sorted(BODIES)), st.floats(80.0, 250.0), st.floats(0.1, 0.35))
    @settings(max_examples=60 if SOAK else 8)
    def test_folded_up_it_is_the_mesh_again_and_every_tab_lands(self, name: str, height: float,
                                                                caliper: float) -> None:
        made = made_of(BODIES[name](), height, caliper)
        mesh, _ = mesh_of(made)
        for pattern in made.patterns:
            posed = finished(pattern)
            for panel in pattern.panels:
                if not panel.name.startswith("facet "):
                    continue
                number = int(panel.name.split()[1]) - 1
                ring = mesh.corners[list(mesh.faces[number])]
                drawn = next(q.outline for p in made.draft.pieces for q in p.panels if q.name == panel.name)
                self.assertEqual(len(drawn), len(mesh.faces[number]))
                stands = place(posed[panel.name], drawn)
                np.testing.assert_allclose(stands, ring, atol=0.01)
        self.assertEqual([c for p in made.patterns for c in closure(p, made.patterns) if not c.closes], [])
        self.assertEqual([pair for p in made.patterns for pair in _overlapping(p)], [])
        # card is shared only where several facets meet in a point, by less than a cube of its thickness
        for found in shared(made):
            self.assertLess(found.volume, 10 * caliper**3 + 0.1)
        keys = Counter(k.key for p in made.patterns for k in p.keys)
        self.assertEqual(set(keys.values()), {2})  # every seam is numbered on both its edges

    def test_where_facets_come_to_a_point_on_the_flat_one_gives_way(self) -> None:
        for fine, seed, height, caliper in ((2, 0, 100.0, 0.3), (3, 2, 150.0, 0.15)):
            made = made_of(organic(fine, 0.7, seed), height, caliper)
            self.assertEqual([pair for p in made.patterns for pair in _overlapping(p)], [])
            self.assertEqual([c for p in made.patterns for c in closure(p, made.patterns) if not c.closes],
                             [])

    def test_few_seams_go_without_a_tab(self) -> None:
        for name, most in (("ball", 0.0), ("finer ball", 0.05), ("capsule", 0.05), ("lump", 0.01),
                           ("large lump", 0.13)):
            self.assertLessEqual(bare_share(made_of(BODIES[name]())), most, name)

    def test_many_seams_without_a_tab_are_told_together_with_the_tape_they_take(self) -> None:
        made = made_of(BODIES["finer ball"](), 120.0, slits=100)
        bare = [m for p in made.patterns for m in p.mates if m.joint.outer_tape]
        (said,) = [f for f in run(made, find_sheet("A3")) if f.code == "taped"]
        self.assertIn(f"{len(bare)} seams have no tab", str(said))
        self.assertIn(write_both(sum(m.length for m in bare)), str(said))

    def test_fewer_slits_cost_more_pieces(self) -> None:
        for name in ("finer ball", "large lump"):
            few, usual = (made_of(BODIES[name](), slits=n) for n in (100, 10))
            self.assertLess(len(pieces_of(few)), len(pieces_of(usual)))
            self.assertLess(bare_share(usual), 0.6 * bare_share(few))

    def test_no_tab_is_too_shallow_to_glue_and_shallow_ones_are_said_in_one_sentence(self) -> None:
        made = made_of(BODIES["large lump"](), 150.0)
        depths = [s.depth_mm for p in made.patterns for s in p.seams if s.joint.has_tab]
        self.assertGreaterEqual(min(depths), 1.0)
        said = [f for f in run(made, find_sheet("A4")) if f.code == "tab-narrow"]
        self.assertEqual(len(said), 1)
        self.assertIn(f"so it is with {sum(d < 5.0 for d in depths) - 1} more", str(said[0].sentence))

    def test_every_joint_is_made_while_it_is_reached(self) -> None:
        for name, height in (("ball", 30.0), ("lump", 150.0), ("cone", 40.0)):
            self.assertEqual([str(f.sentence) for f in simulate(made_of(BODIES[name](), height))], [], name)
        small = {"height": 20.0, "wide": 40.0, "high": 40.0, "tab": 3.0}
        stock = Stock("thin", "Thin", 80, 0.08)
        self.assertEqual(simulate(build(new_brief("mesh", small, stock), stock)), ())

    def test_the_same_mesh_gives_the_same_pieces_and_a_stop_is_heard(self) -> None:
        mesh = BODIES["large lump"]().sized(150.0)
        self.assertEqual(cut_up(mesh, Room(190.0, 277.0)), cut_up(mesh, Room(190.0, 277.0)))

        class Stopped(Exception):
            pass

        def stop(share: float) -> None:
            raise Stopped

        with self.assertRaises(Stopped):
            cut_up(mesh, Room(190.0, 277.0), stop)

    def test_it_is_checked_without_an_error_and_pieces_asked_too_small_are_refused(self) -> None:
        # faces of several triangles stay flat when they are written down
        for name in ("lump", "heron"):
            made = made_of(BODIES[name]())
            self.assertEqual([str(f) for f in run(made, find_sheet("A4")) if f.severity.name == "ERROR"], [])
        recipe = find_recipe("mesh")
        with self.assertRaises(MeasureError):
            recipe.contradictions({m.name: m.default for m in recipe.measures} | {"reach": 5.0})


class ByHand(unittest.TestCase):
    def test_an_edge_joined_or_cut_by_hand_is_and_all_else_stays(self) -> None:
        dice = random.Random(4)
        made = made_of(BODIES["lump"]())
        for _ in range(8):
            seams = [s for p in made.draft.pieces for s in p.seams]
            folds = [f for p in made.draft.pieces for f in p.folds]
            before = {frozenset((f.a.panel, f.b.panel)) for f in folds}
            joined = dice.random() < 0.5
            one, other = ((seam.carrier.panel, seam.host.panel) if joined else (fold.a.panel, fold.b.panel)
                          for seam, fold in [(dice.choice(seams), dice.choice(folds))]).__next__()
            try:
                hand = by_hand(made.brief.values, one, other, joined)
            except MeasureError as refused:
                self.assertTrue(joined)
                self.assertRegex(str(refused), "lie over each other|hang together already")
                continue
            made = build(replace(made.brief, measures=tuple({**made.brief.values, "hand": hand}.items())),
                         made.stock)
            after = {frozenset((f.a.panel, f.b.panel)) for p in made.draft.pieces for f in p.folds}
            self.assertEqual(before ^ after, {frozenset((one, other))})
            self.assertEqual([c for c in made.closures if not c.closes], [])
            self.assertEqual([w for p in made.patterns for w in _overlapping(p)], [])

    def test_what_was_set_stays_at_another_size_as_far_as_it_fits_and_the_rest_is_told(self) -> None:
        made = made_of(BODIES["finer ball"](), 100.0, slits=100)
        fold = made.draft.pieces[0].folds[0]
        hand = by_hand(made.brief.values, fold.a.panel, fold.b.panel, False)
        small = build(replace(made.brief,
                              measures=tuple({**made.brief.values, "hand": hand, "height": 80.0}.items())),
                      made.stock)
        self.assertFalse(small.draft.remarks)
        self.assertNotIn({fold.a.panel, fold.b.panel}, [{f.a.panel, f.b.panel} for p in small.draft.pieces
                                                        for f in p.folds])
        large = build(replace(made.brief,
                              measures=tuple({**made.brief.values, "hand": hand, "height": 400.0}.items())),
                      made.stock)
        self.assertIn("joined by hand are cut", str(large.draft.remarks[0][1]))
        other = made_of(BODIES["box"](), hand=hand)
        self.assertIn("not found in this mesh", " ".join(str(words) for _, words in other.draft.remarks))

    def test_a_piece_begins_with_the_facet_it_is_told_to_and_stays_whole(self) -> None:
        made = made_of(BODIES["lump"]())
        piece = max(pieces_of(made), key=lambda p: len(p.panels))
        facets = [p.name for p in piece.panels if p.name.startswith("facet ")]
        self.assertEqual(piece.root, facets[0])
        hand = begin_with(made.brief.values, facets[-1])
        for height in (90.0, 150.0):
            again = made_of(BODIES["lump"](), height, hand=hand)
            moved = next(p for p in pieces_of(again) if facets[-1] in p.by_name)
            self.assertEqual(moved.root, facets[-1])
            self.assertEqual([c for c in again.closures if not c.closes], [])
        self.assertEqual({p.name for p in moved.panels if p.name.startswith("facet ")}, set(facets))
        # the folds furthest from it are made first
        steps = {f.b.panel: f.step for p in again.draft.pieces for f in p.folds}
        self.assertTrue(all(steps[f.b.panel] < steps.get(f.a.panel, 10**6) for p in again.draft.pieces
                            for f in p.folds))
        other = made_of(BODIES["box"](), hand="9,9,9*")
        said = " ".join(str(words) for _, words in other.draft.remarks)
        self.assertIn("1 facets that pieces were to begin with", said)
        # another facet of the piece takes its place; what is joined by hand afterwards leaves it
        third = begin_with(again.brief.values, facets[1])
        self.assertEqual(third.count("*"), 1)
        cut = next(f for p in again.draft.pieces for f in p.folds)
        kept = made_of(BODIES["lump"](), hand=by_hand({**again.brief.values, "hand": third}, cut.a.panel,
                                                           cut.b.panel, False))
        self.assertIn(facets[1], {p.root for p in pieces_of(kept)})

    @given(st.integers(0, 2000), st.floats(0.0, 360.0))
    def test_whether_points_fit_does_not_hang_on_how_they_lie(self, seed: int, turn: float) -> None:
        points = np.random.default_rng(seed).normal(size=(12, 2)) * (60.0, 90.0)
        angle = math.radians(turn)
        lies = points @ np.array(((math.cos(angle), math.sin(angle)), (-math.sin(angle), math.cos(angle))))
        least = best_turn(points, 200.0, 300.0)[1]
        at, again = best_turn(lies, 200.0, 300.0)
        if abs(least - 1.0) > 1e-6:
            self.assertEqual(least < 1.0, again < 1.0)
        # by trying many turns one by one
        turns = np.radians(np.arange(0.0, 180.0, 0.05))
        wide = np.ptp(points @ np.stack([np.cos(turns), -np.sin(turns)]), axis=0)
        high = np.ptp(points @ np.stack([np.sin(turns), np.cos(turns)]), axis=0)
        if np.maximum(wide / 200.0, high / 300.0).min() <= 1.0:
            self.assertLessEqual(least, 1.0 + 1e-9)
        spun = np.radians(at)
        self.assertAlmostEqual(max(
            np.ptp(lies @ (np.cos(spun), -np.sin(spun))) / 200.0,
            np.ptp(lies @ (np.sin(spun), np.cos(spun))) / 300.0), again)

    def test_a_press_leaves_all_other_pieces_of_a_large_model_as_they_are(self) -> None:
        made = made_of(organic(3, 0.6, 5))
        fold = made.draft.pieces[0].folds[3]
        hand = by_hand(made.brief.values, fold.a.panel, fold.b.panel, False)
        before, after = (opened({**made.brief.values, "hand": text}) for text in ("", hand))
        folds = [{frozenset((f, on)) for f, on in enumerate(each.cut.parents) if f != on}
                 for each in (before, after)]
        names = frozenset(int(name.split()[1]) - 1 for name in (fold.a.panel, fold.b.panel))
        self.assertEqual(folds[0] ^ folds[1], {names})

    def test_an_edge_that_cannot_be_joined_is_refused_and_says_why(self) -> None:
        made = made_of(BODIES["finer ball"](), 300.0)
        refused = 0
        for seam in [s for p in made.draft.pieces for s in p.seams][:40:8]:
            try:
                hand = by_hand(made.brief.values, seam.carrier.panel, seam.host.panel, True)
            except MeasureError as error:
                refused += "not fit its sheet" in str(error)
                continue
            after = build(replace(made.brief, measures=tuple({**made.brief.values, "hand": hand}.items())),
                          made.stock)
            self.assertEqual(len(pieces_of(after)), len(pieces_of(made)) - 1)
        self.assertGreater(refused, 0)

    def test_text_that_is_no_edge_is_refused(self) -> None:
        for text in ("x", "1,2+", "1,2,3", "1,2,nan+", "= 1e9,0,0-"):
            with self.assertRaisesRegex(MeasureError, "is no edge"):
                read_hand(text)
        again = read_hand("= 0.10000,0.20000,0.30000+ 0.00000,0.00000,1.00000- 0.50000,0.10000,0.20000*")
        self.assertEqual(read_hand(write_hand(again)), again)

    def test_looking_longer_finds_fewer_pieces_that_are_as_good(self) -> None:
        made = made_of(BODIES["finer ball"]())
        found = list(fewer(made.brief.values, 40))
        self.assertEqual(found[-1].share, 1.0)
        self.assertEqual([f.pieces for f in found], sorted((f.pieces for f in found), reverse=True))
        self.assertLess(found[-1].pieces, len(pieces_of(made)) * 0.8)
        better = build(replace(made.brief,
                               measures=tuple({**made.brief.values, "hand": found[-1].hand}.items())),
                       made.stock)
        self.assertEqual(len(pieces_of(better)), found[-1].pieces)
        self.assertEqual(sorted(f for piece in mesh_of(better)[1].pieces for f in piece), list(range(320)))
        self.assertEqual([w for p in better.patterns for w in _overlapping(p)], [])
        self.assertLess(bare_share(better), 0.1)
        self.assertEqual([c for c in better.closures if not c.closes], [])


    def test_looking_longer_leaves_the_edges_a_person_joined_or_cut(self) -> None:
        made = made_of(BODIES["finer ball"]())
        folds = [f for p in made.draft.pieces for f in p.folds][:12]
        hand = made.brief.values["hand"]
        for fold in folds[::4]:
            hand = by_hand({**made.brief.values, "hand": hand}, fold.a.panel, fold.b.panel, False)
        cut = {frozenset((f.a.panel, f.b.panel)) for f in folds[::4]}
        best = list(fewer({**made.brief.values, "hand": hand}, 60))[-1]
        better = build(replace(made.brief, measures=tuple({**made.brief.values, "hand": best.hand}.items())),
                       made.stock)
        after = {frozenset((f.a.panel, f.b.panel)) for p in better.draft.pieces for f in p.folds}
        self.assertEqual(after & cut, set())
        self.assertLess(best.pieces, len(pieces_of(made)))
        self.assertEqual(sum(word.endswith("-") for word in best.hand.split()), 3)

    def test_a_search_elsewhere_finds_the_same_fails_the_same_and_ends_when_it_is_left(self) -> None:
        made = made_of(BODIES["finer ball"]())
        values = dict(made.brief.values)
        there = [found for found in elsewhere(fewer, values, 20) if found is not None]
        self.assertEqual(there[-1], list(fewer(values, 20))[-1])
        with self.assertRaisesRegex(MeasureError, "is no edge"):
            list(elsewhere(fewer, {**values, "hand": "x"}, 5))
        running = elsewhere(fewer, values, 100_000)
        next(found for found in running if found is not None)
        running.close()
        self.assertEqual(multiprocessing.active_children(), [])


class Looks(unittest.TestCase):
    def test_a_box_shows_its_faces_from_the_furthest_and_an_open_one_its_rim(self) -> None:
        box = BODIES["box"]()
        shown = seen(merged(box.sized(100.0)))
        self.assertEqual((len(shown.shapes), shown.open), (6, ()))
        # the last three are drawn over the first three: they are the ones that look this way
        self.assertEqual(max(y for s in shown.shapes for _, y in s.corners), 1.0)
        lid = Mesh(box.corners, box.faces[:-1])
        self.assertEqual(len(seen(lid).open), 3)

    def test_what_building_asks_for_is_counted(self) -> None:
        work = asks(merged(BODIES["box"]().sized(100.0)))  # twelve edges, all square
        self.assertEqual((work.edges, work.flat), (12, 0))
        self.assertAlmostEqual(work.shortest, 1.0)  # 3 x 2 x 1, one high
        ball = asks(merged(BODIES["finer ball"]().sized(100.0)))
        self.assertEqual(ball.edges, 480)
        self.assertGreater(ball.hours, work.hours)


class Masks(unittest.TestCase):
    @given(st.floats(120.0, 220.0), st.floats(55.0, 70.0), st.floats(10.0, 18.0), st.integers(58, 70))
    @settings(max_examples=60 if SOAK else 8)
    def test_it_is_as_wide_as_asked_and_each_eye_hole_lies_whole_on_one_facet_before_a_pupil(
            self, across: float, pupils: float, eyes: float, up: int) -> None:
        values = {"across": across, "head": min(720.0, across * 3.4), "pupils": pupils, "eyes": eyes,
                  "eyes_up": up}
        brief = new_brief("mask", values)
        made = build(brief, Stock("card", "Card", 200, 0.25))
        self.assertEqual([c for c in made.closures if not c.closes], [])
        facets = [(p, panel) for p in made.patterns for panel in p.panels if panel.name.startswith("facet ")]
        corners = np.concatenate([place(finished(p)[f.name], f.polygon) for p, f in facets])
        self.assertAlmostEqual(float(np.ptp(corners[:, 0])), across, delta=1.5)  # card beyond the mesh
        pierced = [(p, f) for p, f in facets if f.holes]
        self.assertEqual(len(pierced), 2)
        sides = []
        for pattern, facet in pierced:
            (hole,) = facet.hole_polygons
            inside = Polygon(facet.polygon).buffer(-3.0)
            self.assertTrue(inside.contains(Polygon(hole)))
            self.assertAlmostEqual(Polygon(hole).area, math.pi * eyes * eyes / 4, delta=0.02 * eyes * eyes)
            middle = place(finished(pattern)[facet.name], hole).mean(axis=0)
            sides.append(float(middle[0]))
            self.assertLess(abs(abs(middle[0]) - pupils / 2), 14.0)
        self.assertAlmostEqual(sides[0], -sides[1], delta=0.5)  # alike on both sides

    def test_the_band_goes_round_the_head_with_its_laps_and_no_strip_is_longer_than_the_sheet(self) -> None:
        made = build(new_brief("mask", {"head": 600.0, "high": 240.0}), Stock("card", "Card", 200, 0.25))
        strips = [p.box.width for p in made.patterns if p.name.startswith("head band")]
        # by hand: 600 and 10 of ease in three strips, each 30 longer for its lap
        self.assertEqual([round(s, 3) for s in strips], [233.333] * 3)
        self.assertAlmostEqual(sum(strips) - 30.0 * 3, 610.0)

    def test_eye_holes_too_wide_for_their_facets_give_way(self) -> None:
        (name, (asked, made)), = given_way("mask", {"eyes": 40.0}).items()
        self.assertEqual((name, asked), ("eyes", 40.0))
        self.assertTrue(23.0 < float(made) <= 24.0)
        with self.assertRaisesRegex(MeasureError, "no facet is where the holes would be"):
            new_brief("mask", {"looks": "back"})


class Window(WindowTest):
    def test_an_edge_is_cut_and_joined_again_with_a_press_and_undone(self) -> None:
        document = self.window.document
        document.look_at(next(i for i, b in enumerate(document.project.briefs) if b.recipe == "mesh"))
        self.window.go("draft")
        card = self.window.findChild(PiecesCard)
        pieces = len(pieces_of(document.build))
        fold = document.build.draft.pieces[0].folds[0]
        document.select(Part(document.build.patterns[0].name, fold.a.panel))
        card.choice.setCurrentIndex(card.choice.findData(fold.b.panel))
        card._dress()
        self.assertEqual(card.press.text(), "Cut it there")
        view = self.window.station_of("draft").flat
        settle()
        before = view.picture()
        with mock.patch.object(view, "update") as asked:  # no more is painted than changes
            view.show_set(fold.a.panel, fold.b.panel, False)
            ((region,), _) = asked.call_args
            rect = region.boundingRect()
            self.assertLess(rect.width() * rect.height(), view.width() * view.height() / 2)
            other = document.build.draft.pieces[-1].folds[0]
            view.show_set(other.a.panel, other.b.panel, False)  # and what was shown before goes
            ((region,), _) = asked.call_args
            self.assertTrue(region.contains(rect.center()))
            view.show_set("", "", False)
        QTest.mouseClick(card.press, Qt.MouseButton.LeftButton)
        self.assertNotEqual(view.picture(), before)  # the cut is there at once
        wait_for(lambda: len(pieces_of(document.build)) == pieces + 1)
        self.assertTrue(card.forget.isVisibleTo(card))
        card.choice.setCurrentIndex(card.choice.findData(fold.b.panel))
        card._dress()
        self.assertEqual(card.press.text(), "Join it there")
        QTest.mouseClick(card.press, Qt.MouseButton.LeftButton)
        wait_for(lambda: len(pieces_of(document.build)) == pieces)
        document.undo.undo()
        document.undo.undo()
        self.assertEqual(str(document.brief.values["hand"]), "")

    def test_the_mark_of_where_a_piece_begins_is_dragged_to_another_facet_and_undone(self) -> None:
        document, station = self.window.document, self.window.station_of("draft")
        document.look_at(next(i for i, b in enumerate(document.project.briefs) if b.recipe == "mesh"))
        self.window.go("draft")
        settle()
        view = station.flat
        mark = next(m for m in view.roots() if m.piece == document.build.patterns[0].name)
        panel = next(p for p in document.build.patterns[0].panels
                     if p.name.startswith("facet ") and p.name != mark.panel)
        move = document.build.spread[0]
        middle = Polygon([move.apply(c) for c in panel.flat_polygon]).representative_point()
        start, end = mark.at.toPoint(), view.to_px((middle.x, middle.y)).toPoint()
        QTest.mousePress(view, Qt.MouseButton.LeftButton, pos=start)
        QTest.mouseMove(view, (start + end) / 2)
        QTest.mouseMove(view, end)
        QTest.mouseRelease(view, Qt.MouseButton.LeftButton, pos=end)
        wait_for(lambda: document.build.patterns[0].root == panel.name)
        document.select(Part(document.build.patterns[0].name, mark.panel))
        card = self.window.findChild(PiecesCard)
        QTest.mouseClick(card.root, Qt.MouseButton.LeftButton)
        wait_for(lambda: document.build.patterns[0].root == mark.panel)
        self.assertFalse(card.root.isEnabled())
        document.undo.undo()
        document.undo.undo()
        self.assertEqual(document.build.patterns[0].root, mark.panel)
        self.assertEqual(str(document.brief.values["hand"]), "")

    def test_a_large_model_is_proven_in_a_process_of_its_own_and_as_it_would_be_here(self) -> None:
        project = new_project(made_of(BODIES["large lump"]()).brief)
        (brief,) = project.briefs
        self.assertTrue(is_large(ready(brief, project)))
        with mock.patch.object(drawer, "run_joined", wraps=run_joined) as here:
            self.window.document.open(project)
            self.window.document.settle()
            wait_for(lambda: not self.window.drawer.proving)
        self.assertFalse(any(call.args[3] for call in here.call_args_list))
        ((_, found),) = self.window.drawer.found()
        self.assertEqual(found, run_joined(project, 0, self.window.document.build, True))

    def test_fewer_pieces_are_looked_for_until_it_is_stopped_and_kept_as_one_step(self) -> None:
        document = self.window.document
        document.open(new_project(made_of(BODIES["finer ball"]()).brief))
        self.window.go("draft")
        card = self.window.findChild(PiecesCard)
        pieces, steps = len(pieces_of(document.build)), document.undo.count()
        QTest.mouseClick(card.search, Qt.MouseButton.LeftButton)
        wait_for(lambda: "so far" in card.words.text() and int(card.words.text().split()[0]) < pieces)
        QTest.mouseClick(card.search, Qt.MouseButton.LeftButton)
        wait_for(lambda: len(pieces_of(document.build)) < pieces)
        self.assertEqual(document.undo.count(), steps + 1)
        document.undo.undo()
        self.assertEqual(len(pieces_of(document.build)), pieces)


def symmetric(fine: int = 4) -> Mesh:
    """A lump whose left and right are alike, and nothing else of it."""
    ball = trimesh.creation.icosphere(fine)
    p = np.array(ball.vertices)
    out = (1 + 0.35 * np.cos(3 * p[:, 0]) * np.cos(4 * p[:, 1] + 1) + 0.25 * np.sin(5 * p[:, 2])
           + 0.15 * np.cos(7 * p[:, 1] * p[:, 2] + 1))
    return Mesh(p * out[:, None], tuple(tuple(row) for row in ball.faces.tolist()))


class Thin(unittest.TestCase):
    def test_reduced_no_facet_is_too_thin_to_be_cut_and_the_surface_stays_where_it_was(self) -> None:
        fine = trimesh.creation.icosphere(5)
        for whole in (body(fine), organic(5, 0.7, 3)):
            found = reduced(whole, 1000)
            size = float(np.ptp(found.corners, axis=0).max())
            p = found.corners[np.array(found.faces)]
            twice = np.linalg.norm(np.cross(p[:, 1] - p[:, 0], p[:, 2] - p[:, 0]), axis=1)
            longest = np.linalg.norm(p - np.roll(p, -1, axis=1), axis=2).max(axis=1)
            self.assertGreater(float((twice / longest).min()), 0.0055 * size)
            self.assertEqual(found.rims, ())
            used = {n for ring in found.faces for n in ring}
            self.assertEqual(len(used) - len(found.edges) + len(found.faces), 2)  # Euler: still one body
            # no corner has left the surface it came from
            near = np.array([np.linalg.norm(whole.corners - c, axis=1).min() for c in found.corners])
            self.assertLess(float(near.max()), 0.03 * size)

    def test_hardly_reduced_no_corner_is_there_twice_where_left_meets_right(self) -> None:
        for fine, count in ((4, 4000), (5, 8000)):  # corners of these lie on the mirror
            found = reduced(body(trimesh.creation.icosphere(fine)), count)
            p = found.corners[np.array(found.faces)]
            self.assertGreater(float(np.linalg.norm(p - np.roll(p, -1, axis=1), axis=2).min()), 1e-3)
            self.assertEqual(found.rims, ())

    def test_a_thin_triangle_is_drawn_together_or_laid_across_and_a_rim_stays(self) -> None:
        flat = [(0.0, 0, 0), (100, 0, 0), (100, 100, 0), (0, 100, 0), (50, 50, 40), (50.2, 50, 40)]
        faces = ((0, 1, 4), (1, 5, 4), (1, 2, 5), (2, 3, 5), (3, 4, 5), (3, 0, 4))
        found = without_thin(Mesh(np.array(flat), faces))
        self.assertEqual(len(found.faces), 4)
        self.assertEqual(len(found.rims), 4)
        whole = body(trimesh.creation.icosphere(2))
        self.assertEqual(without_thin(whole).faces, whole.faces)


class Pairs(unittest.TestCase):
    def test_reduced_left_and_right_stay_alike_and_closed(self) -> None:
        for count in (60, 200, 500):
            found = reduced(symmetric(), count)
            axis, images = mirrored_faces(found)
            self.assertEqual(axis, 0)
            self.assertEqual(found.rims, ())
            self.assertLess(abs(len(found.faces) - count), 0.1 * count)
            self.assertEqual([images[images[f]] for f in images], list(images))
        # of a lump that is not alike no half is taken
        self.assertIsNone(mirrored_faces(reduced(organic(4, 0.7, 1), 200)))

    def test_each_piece_has_its_mirror_image_on_the_other_side(self) -> None:
        for slits in (10, 100):
            made = made_of(reduced(symmetric(), 200), pairs="alike", slits=slits)
            mesh, cut, *_ = opened(made.brief.values)
            _, images = mirrored_faces(mesh)
            pieces = {frozenset(piece) for piece in cut.pieces}
            self.assertEqual({frozenset(images[f] for f in piece) for piece in pieces}, pieces)
            self.assertEqual(sorted(f for piece in cut.pieces for f in piece), list(range(len(mesh.faces))))
            self.assertEqual([c for c in made.closures if not c.closes], [])
            self.assertEqual([w for p in made.patterns for w in _overlapping(p)], [])
            best = list(fewer(made.brief.values, 40))[-1]
            better = opened({**made.brief.values, "hand": best.hand})
            again = {frozenset(piece) for piece in better.cut.pieces}
            self.assertEqual({frozenset(images[f] for f in piece) for piece in again}, again)

    def test_where_they_are_not_it_is_said(self) -> None:
        made = made_of(BODIES["lump"](), pairs="alike")
        self.assertIn("are not alike", str(made.draft.remarks[0][1]))


class MadeOne(unittest.TestCase):
    def test_made_one_within_an_angle_every_facet_is_flat_and_the_body_stays_closed(self) -> None:
        mesh = organic(2, 0.6, 2).sized(1000.0)
        count = len(mesh.faces)
        for degrees in (3.0, 6.0, 10.0):
            found = merged(mesh, degrees)
            self.assertLess(len(found.faces), count)
            count = len(found.faces)
            self.assertEqual(found.rims, ())
            for ring, normal in zip(found.faces, found.normals, strict=True):
                p = found.corners[list(ring)]
                self.assertLess(float(np.abs((p - p.mean(axis=0)) @ normal).max()), 0.02)
            made = made_of(found)
            self.assertEqual([c for c in made.closures if not c.closes], [])
        # Euler: of a closed body without a handle
        used = {n for ring in found.faces for n in ring}
        self.assertEqual(len(used) - len(found.edges) + len(found.faces), 2)

    def test_by_pieces_the_facets_of_each_are_of_one_colour_and_neighbouring_pieces_are_told_apart(
        self) -> None:
        made = made_of(BODIES["finer ball"](), face="pieces")
        tints = [{p.tint for p in pattern.panels if p.role is not Role.TAB} for pattern in pieces_of(made)]
        self.assertEqual({len(t) for t in tints}, {1})
        self.assertEqual(len(set.union(*tints)), min(8, len(pieces_of(made))))

    def test_by_turns_and_by_order_deeper_is_sharper_and_later(self) -> None:
        made = made_of(BODIES["cone"](), face="turns")
        mesh, _ = mesh_of(made)
        tints = {int(p.name.split()[1]) - 1: p.tint for q in pieces_of(made) for p in q.panels
                 if p.role is not Role.TAB}
        sharp = {f: max(abs(t) for (_, _, a, b), t in zip(mesh.edges, mesh.turns_deg, strict=True)
                        if f in (a, b)) for f in tints}
        by_turn = sorted(tints, key=sharp.__getitem__)
        self.assertEqual([tints[f][0] for f in by_turn], sorted((t[0] for t in tints.values()), reverse=True))
        made = made_of(BODIES["lump"](), face="order")
        for pattern in made.patterns:
            for fold in pattern.folds:
                one, other = (pattern.by_name[name] for name in (fold.parent, fold.child))
                if other.role is not Role.TAB:  # what hangs on another is turned up before it
                    self.assertGreater(other.tint[0], one.tint[0])

    def test_with_numbers_every_facet_bears_its_own_once(self) -> None:
        made = made_of(BODIES["ball"](), face="numbers")
        pages = pages_of(new_project(made.brief))
        said = {text.words for page in pages for text in page_drawing(page, "x").texts}
        for number in range(1, 81):
            self.assertIn(str(number), said)

    def test_colours_are_printed_each_on_its_facet_and_past_its_cuts(self) -> None:
        mesh = BODIES["box"]().sized(1000.0)
        mesh = merged(mesh)
        colours = np.array([(40 * f, 250 - 40 * f, 100) for f in range(6)], np.uint8)
        text = write_mesh(Mesh(mesh.corners, mesh.faces, colours))
        np.testing.assert_array_equal(read_mesh(text).colours, colours)
        brief = new_brief("mesh", {"mesh": text, "height": 60.0, "face": "colours"})
        made = build(brief, Stock("card", "Card", 160, 0.2))
        for pattern in made.patterns:
            (shown,) = printed((), [pattern], {})[pattern]
            box = bounds(q for outline, _ in shown.within for q in outline)
            for panel in pattern.panels:
                if panel.role is Role.TAB:
                    continue
                x, y = bounds(panel.flat_polygon).centre
                over = [m for m in shown.picture.marks if area_of(tuple(
                    (p[0][0] + box.left, p[0][1] + box.bottom) for _, p in m.commands if p)).contains(
                        Spot(x, y))]
                self.assertEqual(over[-1].fill, tuple(colours[int(panel.name.split()[1]) - 1]))
            card = union_all([area_of(p.flat_polygon) for p in pattern.panels if p.role is not Role.TAB])
            ink = union_all([area_of(outline) for outline, _ in shown.within])
            self.assertTrue(ink.buffer(0.01).contains(card.buffer(2.9)))


class Round(InFolder):
    """A body whose colour says where in space it is: what is printed on every facet must be the colour of the
    place it comes to lie at."""

    def setUp(self) -> None:
        super().setUp()
        ball = trimesh.creation.icosphere(1)
        ball.apply_scale((1.0, 1.2, 1.5))
        self.low, self.high = ball.bounds
        ball.visual.vertex_colors = np.column_stack([self.colour(ball.vertices),
                                                        np.full(len(ball.vertices), 255)]).astype(np.uint8)
        path = Path(self.folder, "ball.ply")
        ball.export(path)
        taken = load(path, 400, merge_deg=0.0)
        self.assertEqual(taken.printed, "picture")
        brief = new_brief("mesh", {"mesh": taken.text, "height": 100.0, "face": taken.printed})
        with mock.patch.object(mesh_colours, "_DOTS", 500_000):  # coarse is enough, and soon done
            brief = with_picture(brief, taken, folder=Path(self.folder))
        self.project = new_project(brief)
        self.made = build(brief, self.project.stock_of(brief))
        (art,) = brief.arts
        with Image.open(art.source) as picture:
            self.dots = np.array(picture)

    def colour(self, points: np.ndarray) -> np.ndarray:
        return np.round(20 + 215 * (np.asarray(points) - self.low) / (self.high - self.low))

    def dot(self, shown: Printed, x: float, y: float) -> np.ndarray:
        """What a picture has at a place on the flat."""
        (frame,) = shown.frames
        across, up = frame.move.inverse().apply((x, y))
        left = shown.picture.left + (across / frame.width + 0.5) * shown.picture.width
        top = shown.picture.top + (0.5 - up / frame.height) * shown.picture.height
        return self.dots[int(top), int(left)].astype(float)

    def test_every_facet_bears_what_lies_there_in_space_and_goes_on_past_its_cuts(self) -> None:
        seen = 0
        share = (self.high - self.low)[2] / 100.0
        for pattern, shown in printed_on(self.made).items():
            shown = [s for s in shown if isinstance(s.picture, Raster)]
            areas = [union_all([area_of(outline) for outline, _ in s.within]) for s in shown]
            posed = finished(pattern)
            facets = [p for p in pattern.panels if p.role is not Role.TAB]
            self.assertEqual(len(shown), 2 * len(facets))
            for panel in facets:
                middle = np.mean(panel.polygon, axis=0)
                for corner in panel.polygon:
                    at = tuple(0.3 * middle + 0.7 * np.array(corner))
                    x, y = panel.frame.apply(at)
                    over = [s for s, area in zip(shown, areas, strict=True) if area.contains(Spot(x, y))]
                    space = place(posed[panel.name], [at])[0] * share + (0.0, 0.0, self.low[2])
                    np.testing.assert_allclose(self.dot(over[-1], x, y), self.colour(space), atol=5)
                    seen += 1
            card = union_all([area_of(p.flat_polygon) for p in facets])
            ink = union_all([area_of(outline) for s in shown for outline, _ in s.within])
            self.assertTrue(ink.buffer(0.01).contains(card.buffer(1.3)))
        self.assertGreaterEqual(seen, 240)

    def test_as_pdf_svg_and_on_screen_it_is_the_same(self) -> None:
        from mingei.app.prints import paint

        pattern = self.made.patterns[0]
        export(self.project, Path(self.folder, "ball.pdf"))
        (page, *_) = pages_of(self.project)
        first = pypdfium2.PdfDocument(str(Path(self.folder, "ball.pdf")))[0]
        drawn = np.array(first.render(scale=4).to_pil())
        mm = drawn.shape[0] / page_drawing(page, "").height
        export(self.project, Path(self.folder, "ball.svg"), Wanted(piece=pattern.name))
        self.assertIn(b"data:image/png;base64,", Path(self.folder, "ball.svg").read_bytes())
        shown = printed_on(self.made)[pattern]
        (picture,) = {s.picture.of for s in shown if isinstance(s.picture, Raster)}
        image = QImage(picture.file)
        screen = paint(shown, {id(picture): image})
        compared = 0
        for placed in page.items:
            if placed.load.pattern.name != pattern.name:
                continue
            for panel in pattern.panels:
                if panel.role is Role.TAB:
                    continue
                spot = panel.frame.apply(tuple(np.mean(panel.polygon, axis=0)))
                over = [s for s in shown if any(area_of(outline).contains(Spot(*spot))
                                                for outline, _ in s.within)]
                want = self.dot(over[-1], *spot)
                x, y = placed.move.apply(spot)
                np.testing.assert_allclose(drawn[drawn.shape[0] - round(y * mm), round(x * mm)], want, atol=8)
                tint = screen.image.pixelColor(
                    round((spot[0] - screen.box.left) / screen.box.width * screen.image.width()),
                    round((screen.box.top - spot[1]) / screen.box.height * screen.image.height()))
                np.testing.assert_allclose(tint.getRgb()[:3], want, atol=8)
                compared += 1
        self.assertGreater(compared, 10)


class Files(InFolder):
    def test_colours_come_from_faces_corners_and_pictures(self) -> None:
        box = trimesh.creation.box((1.0, 1.0, 1.0))
        red, blue = (250, 10, 20), (10, 20, 250)
        want = [red if n[2] > 0.5 else blue for n in box.face_normals]
        box.visual.face_colors = [(*c, 255) for c in want]
        box.export(Path(self.folder, "faces.ply"))
        apart = trimesh.Trimesh(box.vertices[box.faces].reshape(-1, 3), np.arange(36).reshape(-1, 3),
                                process=False)
        apart.visual.vertex_colors = [(*c, 255) for c in want for _ in range(3)]
        apart.export(Path(self.folder, "corners.ply"))
        picture = Image.new("RGB", (2, 1), red)
        picture.putpixel((1, 0), blue)
        uv = np.array([(0.25, 0.5) if c == red else (0.75, 0.5) for c in want for _ in range(3)])
        apart.visual = trimesh.visual.TextureVisuals(
            uv=uv, material=trimesh.visual.material.PBRMaterial(baseColorTexture=picture))
        apart.export(Path(self.folder, "picture.glb"))
        for name, up in (("faces.ply", "z"), ("corners.ply", "z"), ("picture.glb", "z")):
            mesh = load(Path(self.folder, name), upright=up).mesh
            self.assertIsNotNone(mesh.colours, name)
            for colour, normal in zip(mesh.colours.tolist(), mesh.normals, strict=True):
                near = np.abs(np.array(colour) - (red if normal[2] > 0.5 else blue)).max()
                self.assertLessEqual(near, 2, name)
        trimesh.creation.box().export(Path(self.folder, "plain.stl"))
        self.assertIsNone(load(Path(self.folder, "plain.stl")).mesh.colours)

    def test_each_mending_may_be_left(self) -> None:
        ball = trimesh.creation.icosphere(1)
        faces = ball.faces.copy()
        faces[3] = faces[3][::-1]
        loose = trimesh.Trimesh(ball.vertices, np.delete(faces, 40, axis=0), process=False)
        path = Path(self.folder, "hurt.off")
        loose.export(path)
        kinds = {done.kind for done in load(path).mended.done}
        self.assertEqual(kinds, {Mends.TURN, Mends.FILL})
        self.assertEqual({d.kind for d in load(path, left=[Mends.FILL]).mended.done}, {Mends.TURN})
        self.assertEqual(len(load(path, left=[Mends.FILL]).mesh.rims), 3)
        self.assertEqual({d.kind for d in load(path, left=[Mends.TURN]).mended.done}, {Mends.FILL})
        soup = Path(self.folder, "soup.stl")
        ball.export(soup)
        self.assertEqual([d.kind for d in load(soup).mended.done], [Mends.WELD])
        self.assertEqual(len(load(soup, left=[Mends.WELD]).mesh.edges), 0)

    def test_every_kind_of_file_is_read_and_gives_the_same_body(self) -> None:
        mesh = body(trimesh.creation.icosphere(3))
        whole = trimesh.Trimesh(mesh.corners * (1.0, 2.0, 3.0), mesh.faces, process=False)
        sizes = []
        for ending in ("obj", "stl", "ply", "off", "glb"):
            path = Path(self.folder, f"body.{ending}")
            whole.export(path)
            taken = load(path, 200)
            self.assertLessEqual(len(taken.mesh.faces), 200)
            x, y, z = taken.mesh.size
            sizes.append((round(x / z, 2), round(y / z, 2)))
        self.assertLess(max(abs(a - 1 / 3) + abs(b - 2 / 3) for a, b in sizes), 0.05)

    def test_by_its_foot_it_is_as_wide_as_the_plinth_it_goes_on(self) -> None:
        tower = trimesh.creation.cone(30.0, 100.0, sections=24)
        tower.export(Path(self.folder, "tower.stl"))
        mesh = load(Path(self.folder, "tower.stl"), 100).mesh
        made = mesh.sized(mesh.height_for(3, 45.0))
        low = made.corners[made.corners[:, 2] < 1.0]
        self.assertAlmostEqual(float(np.ptp(low[:, 0])), 45.0, places=3)
        trimesh.creation.icosphere(2).export(Path(self.folder, "ball.stl"))
        with self.assertRaisesRegex(MeasureError, "stands on a point"):
            body(trimesh.creation.icosphere(2)).height_for(3, 45.0)
        out = Path(self.folder, "tower.mingei")
        code, _, _ = command("unfold", Path(self.folder, "tower.stl"), "--foot", "45mm", "-o", out)
        self.assertEqual(code, 0)
        self.assertAlmostEqual(float(project_file.load(out).briefs[0].values["height"]), 75.0, places=1)

    def test_a_body_that_lies_on_its_side_is_set_upright(self) -> None:
        path = Path(self.folder, "body.stl")
        trimesh.creation.box((1.0, 5.0, 2.0)).export(path)
        x, y, z = load(path, upright="y").mesh.size
        self.assertAlmostEqual(z / x, 5.0, places=3)
        self.assertAlmostEqual(y / x, 2.0, places=3)

    def test_broken_files_are_refused_in_one_sentence_and_soon(self) -> None:
        dice = random.Random(7)
        source = Path(self.folder, "good.obj")
        trimesh.creation.icosphere(1).export(source)
        good = {".obj": source.read_bytes()}
        for ending in (".stl", ".ply", ".off", ".glb"):
            path = Path(self.folder, f"good{ending}")
            trimesh.creation.icosphere(1).export(path)
            good[ending] = path.read_bytes()
        for number in range(1000 if SOAK else 60):
            ending = dice.choice(sorted(good))
            data = bytearray(good[ending])
            for _ in range(dice.randint(1, 40)):
                data[dice.randrange(len(data))] = dice.randrange(256)
            if dice.random() < 0.3:
                del data[dice.randrange(len(data)):]
            path = Path(self.folder, f"bad{ending}")
            path.write_bytes(data)
            begun = time.monotonic()
            try:
                load(path, 60)
            except ProjectError as error:
                self.assertNotIn("\n", str(error))
            self.assertLess(time.monotonic() - begun, 5.0, (number, ending))

    def test_the_command_tells_what_it_found_and_writes_a_project_that_can_be_read(self) -> None:
        path = Path(self.folder, "lump.stl")
        mesh = organic(3, 0.5, 3)
        trimesh.Trimesh(mesh.corners, mesh.faces, process=False).export(path)
        code, out, err = command("unfold", path, "--height", "120mm", "--facets", "120", "-o",
                                 Path(self.folder, "lump.mingei"))
        self.assertEqual((code, err), (0, ""))
        self.assertIn("facets in", out)
        (brief,) = project_file.load(Path(self.folder, "lump.mingei")).briefs
        self.assertEqual((brief.recipe, brief.values["height"]), ("mesh", 120.0))
        for bad in (("--facets", "2"), ("--height", "x")):
            self.assertEqual(command("unfold", path, *bad, "-o", Path(self.folder, "x.mingei"))[0], 2)
        self.assertEqual(command("unfold", Path(self.folder, "none.stl"), "-o",
                                 Path(self.folder, "x.mingei"))[0], 2)


if __name__ == "__main__":
    unittest.main()
