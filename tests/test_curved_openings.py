"""Windows and holes in curved faces: cut across the bends, placed from the face's middle."""

from __future__ import annotations

import json
import math
import unittest

import numpy as np
from hypothesis import assume, given
from hypothesis import strategies as st
from shapely import union_all
from shapely.geometry import Polygon as Area

from mingei.core.amendments.opening import Opening, Shape, cut_path
from mingei.core.check import run
from mingei.core.check.making import _overlapping
from mingei.core.document.build import Build, build
from mingei.core.document.project import Brief, new_brief, new_project
from mingei.core.errors import MeasureError, StockError
from mingei.core.flat.pattern import Pattern
from mingei.core.folded.solid import PRINTED, assembly
from mingei.core.layout.sheets import find_sheet
from mingei.core.plane.shape import Arc, bounds, flat_points, signed_area
from mingei.core.recipes import find_recipe
from mingei.core.sizing.scale import scaled
from mingei.core.stock import Stock, find_stock
from mingei.formats import project_file
from mingei.formats.fold_json import fold_file

_CARD = find_stock("card-220")
_CURVED = ["pillow", "tube", "cone", "dome", "ring-recess", "profile-wall", "ball-bands", "wreath"]


def made(brief: Brief, stock: Stock = _CARD) -> Build:
    return build(brief, stock)


def opened(recipe: str, opening: Opening) -> tuple[Build, Build]:
    """A thing without an opening, and with it."""
    brief = new_brief(recipe, {}, _CARD)
    return made(brief), made(brief.with_opening(opening))


def printed_area(build_: Build) -> float:
    shape = assembly(build_.patterns)
    corners = shape.triangles[shape.face == PRINTED]
    return (float(np.linalg.norm(np.cross(corners[:, 1] - corners[:, 0], corners[:, 2] - corners[:, 0]),
                                 axis=1).sum()) / 2)


def gaps(pattern: Pattern) -> list[Area]:
    """What its facets lack, on the flat."""
    return [Area(p.frame.apply_all(g)) for p in pattern.panels for g in p.gaps]


class Across(unittest.TestCase):
    def test_a_round_window_is_one_round_cut_across_the_bends(self) -> None:
        plain, cut = opened("pillow", Opening("window 1", "front", Shape.ROUND, 40.0, x=5.0, y=-10.0))
        added = [c for c in cut.pattern.cuts if c not in plain.pattern.cuts]
        self.assertEqual(len(added), 1)
        self.assertEqual({s.radius for s in added[0] if isinstance(s, Arc)}, {20.0})
        self.assertEqual(len(added[0]), 2)
        self.assertGreater(sum(bool(p.gaps) for p in cut.pattern.panels), 5)
        self.assertAlmostEqual(plain.area_mm2 - cut.area_mm2, math.pi * 400, delta=2.0)
        self.assertTrue(all(c.closes for c in cut.closures))

    def test_it_lies_where_it_was_put_from_the_middle_of_the_face(self) -> None:
        plain, cut = opened("tube", Opening("hole", "wall", Shape.ROUND, 10.0, x=20.0, y=6.0))
        wall = bounds([q for p in plain.pattern.panels if p.whole == "wall" for q in p.flat_polygon])
        (hole,) = (c for c in cut.pattern.cuts if c not in plain.pattern.cuts)
        x, y = bounds(flat_points(hole)).centre
        self.assertAlmostEqual(x - wall.centre[0], 20.0, 6)
        self.assertAlmostEqual(y - wall.centre[1], 6.0, 6)

    @given(st.sampled_from(_CURVED), st.data())
    def test_what_the_facets_lack_is_the_opening_and_nothing_else(self, recipe: str,
                                                                  data: st.DataObject) -> None:
        kind = find_recipe(recipe)
        stock = Stock("any", "Any stock", 200, data.draw(st.floats(kind.thinnest, min(kind.thickest, 1.0))))
        brief = new_brief(recipe, {}, stock)
        try:
            plain = build(brief, stock)
        except StockError:
            return
        flat = {p.name for piece in plain.draft.pieces for p in piece.panels}
        faces = sorted(set(plain.openable) - flat)
        assume(faces)
        face = data.draw(st.sampled_from(faces))
        box = plain.openable[face]
        opening = Opening("a", face, data.draw(st.sampled_from([Shape.ROUND, Shape.RECTANGLE])),
                          data.draw(st.floats(2.0, max(3.0, 0.6 * box.width))),
                          data.draw(st.floats(2.0, max(3.0, 0.6 * box.height))),
                          data.draw(st.floats(-0.3, 0.3)) * box.width, data.draw(st.floats(-0.3, 0.3))
                          * box.height,
                          turn_deg=data.draw(st.floats(0, 360)))
        try:
            cut = build(brief.with_opening(opening), stock)
        except MeasureError:
            return
        want = -signed_area(flat_points(cut_path(opening))[:-1])
        self.assertAlmostEqual((plain.area_mm2 - cut.area_mm2) / plain.area_mm2 * 1e3,
                               want / plain.area_mm2 * 1e3, 3)
        # the outer face is as much wider than the card's middle as the bends beside the opening make it
        self.assertAlmostEqual(printed_area(plain) - printed_area(cut), want,
                               delta=1.0 + 0.1 * want + 4 * stock.caliper_mm)
        for before, after in zip(plain.patterns, cut.patterns, strict=True):
            lacks = gaps(after)
            self.assertEqual(len(after.cuts) - len(before.cuts), 1 if lacks else 0)
            self.assertEqual(list(_overlapping(after)), [])
            if lacks:
                (path,) = (c for c in after.cuts if c not in before.cuts)
                hole = Area(flat_points(path)[:-1])
                self.assertLess(hole.symmetric_difference(union_all([g.buffer(1e-6) for g in lacks])).area,
                                1e-3)
                # no two facets lack the same
                self.assertAlmostEqual(sum(g.area for g in lacks), hole.area, 4)
        self.assertEqual([c.closes for c in cut.closures], [c.closes for c in plain.closures])

    def test_the_fold_file_has_its_edge_as_cuts(self) -> None:
        plain, cut = opened("cone", Opening("a", "wall", Shape.RECTANGLE, 30.0, 20.0, turn_deg=20.0))
        lengths = []
        for one in (plain, cut):
            found = json.loads(fold_file(one))
            points = found["vertices_coords"]
            lengths.append(sum(math.dist(points[a], points[b]) for (a, b), kind in
                               zip(found["edges_vertices"], found["edges_assignment"], strict=True) if kind
                               == "C"))
        self.assertAlmostEqual(lengths[1] - lengths[0], 100.0, 3)

    def test_too_near_the_edge_a_facet_or_a_slot_is_refused(self) -> None:
        brief = new_brief("tube", {}, _CARD)
        for opening, word in ((Opening("a", "wall", Shape.ROUND, 58.0), "edge"),
                              (Opening("a", "wall", Shape.SLOT, 10.0), "flat panel"),
                              (Opening("a", "wall 3", Shape.ROUND, 2.0), "walls only"),
                              (Opening("a", "base teeth", Shape.ROUND, 2.0), "walls"),
                              (Opening("a", "wall", Shape.ROUND, 4.0, x=500.0), "edge")):
            with self.assertRaises(MeasureError) as caught:
                brief.with_opening(opening)
            self.assertIn(word, str(caught.exception))
        two = brief.with_opening(Opening("a", "wall", Shape.ROUND, 10.0))
        with self.assertRaises(MeasureError):
            two.with_opening(Opening("b", "wall", Shape.ROUND, 10.0, x=11.0))

    def test_over_a_lap_the_layer_beneath_is_said(self) -> None:
        for x, said in ((0.0, False), (-55.0, True)):
            _, cut = opened("tube", Opening("a", "wall", Shape.ROUND, 10.0, x=x))
            self.assertEqual("opening-layers" in {f.code for f in run(cut, find_sheet("A4"))}, said)


class Keeping(unittest.TestCase):
    def test_file_and_scaling_keep_it_and_its_patch_is_said(self) -> None:
        brief = new_brief("pillow", {}, _CARD).with_opening(Opening("window 1", "front", Shape.RECTANGLE,
                                                                    40.0, 30.0, window=True))
        self.assertEqual(project_file.loads(project_file.dumps(project := new_project(brief))), project)
        larger = made(scaled(brief, 1.5))
        (hole,) = (c for c in larger.pattern.cuts if abs(bounds(flat_points(c)).width - 60.0) < 1e-6)
        self.assertAlmostEqual(bounds(flat_points(hole)).height, 45.0)
        self.assertIn("window", {f.code for f in run(made(brief), find_sheet("A4"))})


if __name__ == "__main__":
    unittest.main()
