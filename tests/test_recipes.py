"""What holds for every recipe, over its whole range and every caliper it allows."""

from __future__ import annotations

import json
import math
import unittest
from itertools import combinations

import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from shapely import STRtree, intersection
from shapely.geometry import Polygon as Area

from mingei.core.document.build import Build, build
from mingei.core.document.project import Brief, new_brief, new_project
from mingei.core.draft import Role
from mingei.core.errors import MeasureError
from mingei.core.folded import fold
from mingei.core.plane.outline import LEAST_CUT_MM
from mingei.core.plane.outline import closed as is_closed
from mingei.core.plane.shape import path_length
from mingei.core.recipes import find_recipe, found, recipes
from mingei.core.stock import Stock, find_stock
from mingei.formats import project_file
from mingei.formats.fold_json import fold_file
from tests.giving import given_way
from tests.strategies import amended_briefs

any_build = st.sampled_from(sorted(recipes())).flatmap(amended_briefs)


class Everywhere(unittest.TestCase):
    @given(any_build)
    def test_every_seam_closes_at_its_stack(self, made: tuple[Brief, Stock]) -> None:
        for closure in build(*made).closures:
            self.assertTrue(closure.closes, closure)

    @given(any_build)
    def test_a_measure_on_the_drawing_stands_beside_a_side_as_long(self, made: tuple[Brief, Stock]) -> None:
        brief, _ = made
        values = find_recipe(brief.recipe).settled(brief.values)
        draft = find_recipe(brief.recipe).draft(values)
        panels = {panel.name: panel for piece in draft.pieces for panel in piece.panels}
        for shown in draft.dimensions:
            length = math.dist(*shown.side.ends(panels[shown.side.panel]))
            self.assertAlmostEqual(length, float(values[shown.measure]), delta=0.02, msg=shown.measure)

    @given(any_build)
    def test_the_cavity_is_what_was_asked(self, made: tuple[Brief, Stock]) -> None:
        cavity = build(*made).cavity
        if cavity is None:
            self.assertEqual(find_recipe(made[0].recipe).inside, ())
            return
        for got, asked in zip(cavity.size, cavity.asked, strict=True):
            self.assertAlmostEqual(got, asked, delta=0.001)

    @given(any_build)
    def test_no_two_panels_share_card_on_the_flat_and_each_piece_comes_free_in_one_cut(
        self, made: tuple[Brief, Stock]) -> None:
        for pattern in build(*made).patterns:
            areas = [Area(p.flat_polygon) for p in pattern.panels]
            first, second = STRtree(areas).query(areas)
            for i, j in zip(first.tolist(), second.tolist(), strict=True):
                if i < j:
                    shared = intersection(areas[i], areas[j], grid_size=1e-6).area
                    self.assertLess(shared, 1e-4, (pattern.panels[i].name, pattern.panels[j].name))
            outline, *holes = (c for c in pattern.cuts if is_closed(c))
            slits = [c for c in pattern.cuts if not is_closed(c)]
            # a ring has an inner edge too
            closed = any(f.closing and f.angle_deg == 0.0 for f in pattern.folds)
            self.assertEqual(len(holes), sum(len(p.holes) for p in pattern.panels) + closed)
            for a, b in zip(outline, (*outline[1:], outline[0]), strict=True):
                self.assertLess(math.dist(a.end, b.start), 1e-5)
            # what two calculations of one point differ by is bridged, and is no cut
            everything = sum(s.length for p in pattern.panels for s in p.path if s.length > 1e-5)
            cut = path_length(outline) + (sum(map(path_length, holes[:1])) if closed else 0.0)
            # a slit is an edge of either side; what is too short for a knife is taken up by its neighbours
            # which meet in its middle: each is shorter by half of its length, at the most
            short = sum(2 * s.length for p in pattern.panels for s, f in zip(p.path, p.folds, strict=True)
                        if f is None and 1e-5 < s.length < LEAST_CUT_MM)
            cut += 2 * sum(map(path_length, slits))
            self.assertAlmostEqual(cut, everything - 2 * sum(f.length for f in pattern.folds),
                                   delta=1e-4 + short)

    @given(any_build)
    def test_the_file_gives_the_same_blank(self, made: tuple[Brief, Stock]) -> None:
        brief, stock = made
        project = new_project(new_brief("carton"))
        project = project.__class__("t", (brief,), (stock,))
        again = project_file.loads(project_file.dumps(project))
        for a, b in zip(build(brief, stock).patterns,
                        build(again.briefs[0], again.stock_of(again.briefs[0])).patterns, strict=True):
            self.assertEqual((a.name, a.cuts, a.folds), (b.name, b.cuts, b.folds))

    @given(any_build)
    def test_every_piece_is_in_the_fold_file_with_its_seams(self, made: tuple[Brief, Stock]) -> None:
        result = build(*made)
        frames = [d := json.loads(fold_file(result)), *d["file_frames"]]
        self.assertEqual(len(frames), 2 * len(result.patterns))
        for pattern, frame in zip(result.patterns, frames[::2], strict=True):
            self.assertEqual(frame["mingei:piece"], pattern.name)
            straps = sum(seam.outside for seam in pattern.seams)
            self.assertEqual(len(frame["mingei:seams"]), len(pattern.mates) + straps + len(pattern.laps))


def _slabs(made: Build) -> list[tuple[str, np.ndarray, np.ndarray]]:
    """The upright box of each panel's slab, tabs left out; the panels of these recipes stand square to the
    axes."""
    result = []
    for pattern in made.patterns:
        posed, half = fold.finished(pattern), pattern.stock.caliper_mm / 2
        for p in pattern.panels:
            if p.role not in (Role.TAB, Role.LIP):
                corners = np.concatenate([fold.place(posed[p.name], p.polygon, h) for h in (half, -half)])
                result.append((p.name, corners.min(axis=0), corners.max(axis=0)))
    return result


class Trays(unittest.TestCase):
    @given(st.sampled_from(["tray", "lid-base", "sleeve"]).flatmap(amended_briefs))
    def test_no_two_solid_panels_enter_each_other_not_even_lid_and_base(self,
                                                                        made: tuple[Brief, Stock]) -> None:
        result = build(*made)
        joined = {frozenset((f.parent, f.child)) for p in result.patterns for f in p.folds}
        for (p, p_low, p_high), (q, q_low, q_high) in combinations(_slabs(result), 2):
            if frozenset((p, q)) not in joined:
                self.assertLess((np.minimum(p_high, q_high) - np.maximum(p_low, q_low)).min(), 1e-6, (p, q))

    def test_a_tray_by_hand(self) -> None:
        # board of 2 mm: score lines stand half a caliper out for the long walls, one and a half for the
        # short, which lie over tabs
        board = Stock("x", "x", 900, 2.0)
        made = build(new_brief("tray", {"length": 120.0, "width": 80.0, "height": 25.0}, board), board)
        lines = {f.child: f for f in made.pattern.folds}
        self.assertAlmostEqual(abs(lines["front"].start[1] - lines["back"].start[1]), 80 + 2 * 1.0)
        self.assertAlmostEqual(abs(lines["left wall"].start[0] - lines["right wall"].start[0]), 120 + 2 * 3.0)
        self.assertEqual([round(v, 9) for v in made.outside], [120 + 4 * 2.0, 80 + 2 * 2.0, 25 + 2.0])

    def test_the_lid_clears_the_base_by_what_was_asked_on_every_side(self) -> None:
        for stock in map(find_stock, ("copy-80", "card-300", "greyboard-15", "corrugated-b")):
            made = build(new_brief("lid-base", {"clearance": 0.6}, stock), stock)
            boxes = {name: (low, high) for name, low, high in _slabs(made)}
            for outer, inner, axis in (("lid front", "front", 1), ("lid back", "back", 1),
                                       ("lid left wall", "left wall", 0),
                                       ("lid right wall", "right wall", 0)):
                (a_low, a_high), (b_low, b_high) = boxes[outer], boxes[inner]
                gap = max(b_low[axis] - a_high[axis], a_low[axis] - b_high[axis])
                # the lid's short walls lie over tabs of their own, which fill one layer of the room
                self.assertAlmostEqual(gap, 0.6 + (stock.caliper_mm if axis == 0 else 0.0), places=6)

    def test_lids_that_cannot_be_give_way(self) -> None:
        for lid in (45.0, 5.0):
            self.assertEqual(set(given_way("lid-base", {"height": 40.0, "lid": lid})), {"lid"})

    def test_a_length_nobody_could_cut_is_none(self) -> None:
        for value in (1e-203, -1e-9, 0.0005):
            self.assertEqual(find_recipe("stool").accept({"upper": value})["upper"], 0.0)
        with self.assertRaises(MeasureError):
            find_recipe("tray").accept({"length": 1e-6})

    def test_every_recipe_says_what_it_is_for(self) -> None:
        for recipe in recipes().values():
            self.assertTrue(recipe.title and recipe.purpose and recipe.measures)
            self.assertIs(find_recipe(recipe.id), recipe)
            self.assertEqual(set(recipe.inside) - {m.name for m in recipe.measures}, set())


class Finding(unittest.TestCase):
    def test_a_construction_is_found_by_what_people_call_it_and_what_it_is_for(self) -> None:
        for words, first in (("lampshade", "cone"), ("hexagon", "prism"), ("gift box", "lid-base"),
                             ("place card", "card-stand"), ("matchbox", "sleeve"), ("planter", "frustum-box"),
                             ("carousel", "strut-base"), ("sweets", "pouch"), ("tower", "tube")):
            self.assertIn(first, [r.id for r in found(words)][:3], words)

    def test_an_unknown_word_empties_no_search_and_endings_and_one_wrong_letter_are_forgiven(self) -> None:
        for words, first in (("rabbit mask", "mask"), ("doll bag", "bag"), ("envelpe", "envelope-side"),
                             ("cabinets", "cabinet"), ("pyramdi", "pyramid"), ("gift boxes", "lid-base")):
            self.assertEqual(found(words)[0].id, first, words)

    def test_a_name_comes_before_a_purpose_and_every_word_counts(self) -> None:
        self.assertEqual(found("card")[0].id, "card")
        self.assertEqual(found("xylophone qwertz"), ())
        self.assertEqual(set(found("")), set(recipes().values()))
        for recipe in recipes().values():
            self.assertIn(recipe, found(recipe.title))
            self.assertTrue(recipe.also, recipe.id)
            for name in recipe.also:
                self.assertIn(recipe, found(name))

    def test_it_is_found_in_ones_own_language(self) -> None:
        german = {"Tray": "Tablett"}
        self.assertEqual(found("tablett", lambda words: german.get(words, words))[0].id, "tray")
