"""Sleeves, bins and many-sided boxes: against hand-worked figures and solid geometry."""

from __future__ import annotations

import math
import unittest

import numpy as np
import trimesh
from hypothesis import given
from hypothesis import strategies as st

from mingei.core import joints
from mingei.core.amendments.amend import SeamChange
from mingei.core.document.build import build
from mingei.core.document.project import Brief, new_brief
from mingei.core.draft import Role
from mingei.core.drafting.star import Star
from mingei.core.errors import MeasureError, StockError
from mingei.core.flat.develop import develop
from mingei.core.flat.pattern import Pattern
from mingei.core.folded import extent, fold
from mingei.core.plane.outline import closed
from mingei.core.plane.shape import path_length
from mingei.core.recipes import find_recipe
from mingei.core.stock import Stock, find_stock
from tests.strategies import amended_briefs, briefs

_THIN = Stock("thin", "Thin", 80, 0.03)


def _star(brief: Brief) -> Star:
    value = dict(brief.values)
    across = float(value["across"])
    rim = ({"pyramid": 0.0, "prism": across}.get(brief.recipe) if brief.recipe != "frustum-box"
           else float(value["rim"]))
    assert rim is not None
    return Star(int(value["sides"]), across, rim, float(value["height"]))


def _folded_hull(pattern: Pattern) -> trimesh.Trimesh:
    """The solid that the mid-surfaces of walls and base enclose."""
    done = fold.finished(pattern)
    return trimesh.convex.convex_hull(np.concatenate([fold.place(done[p.name], p.polygon)
                                                      for p in pattern.panels if p.role is Role.WALL]))


class Stars(unittest.TestCase):
    def test_a_right_pyramid_of_four_sides_has_the_slant_of_pythagoras(self) -> None:
        star = Star(4, 80.0, 0.0, 30.0)  # half side 40, height 30: slant 50 (3-4-5)
        self.assertAlmostEqual(star.slant, 50.0)
        self.assertAlmostEqual(star.side, 80.0)

    def test_the_regular_tetrahedron_has_its_known_dihedral_angle(self) -> None:
        # edge a: across (twice the inradius) a / sqrt 3, height a sqrt(2/3); inner dihedral acos(1/3) = 70.53
        # degrees (handbooks of solids)
        star = Star(3, 60.0 / math.sqrt(3), 0.0, 60.0 * math.sqrt(2 / 3))
        self.assertAlmostEqual(star.side, 60.0)
        self.assertAlmostEqual(180 - star.base_deg, math.degrees(math.acos(1 / 3)))
        self.assertAlmostEqual(180 - star.wall_deg, math.degrees(math.acos(1 / 3)))

    def test_half_an_octahedron_has_the_octahedrons_dihedral_angle_between_its_walls(self) -> None:
        # acos(-1/3) = 109.47 degrees, from any handbook of solids
        star = Star(4, 50.0, 0.0, 50.0 / math.sqrt(2))
        self.assertAlmostEqual(180 - star.wall_deg, math.degrees(math.acos(-1 / 3)))

    def test_upright_walls_of_a_prism_turn_by_a_full_turn_shared_out(self) -> None:
        for sides in range(3, 13):
            self.assertAlmostEqual(Star(sides, 90.0, 90.0, 50.0).wall_deg, 360.0 / sides)
            self.assertAlmostEqual(Star(sides, 90.0, 90.0, 50.0).base_deg, 90.0)

    @given(st.sampled_from(["prism", "pyramid", "frustum-box"]).flatmap(briefs))
    def test_folded_from_paper_without_thickness_it_encloses_the_volume_of_the_solid(
        self, made: tuple[Brief, Stock]) -> None:
        brief = made[0]
        star = _star(brief)
        solid = _folded_hull(develop(find_recipe(brief.recipe).draft(brief.values), _THIN)[0])
        low, high = (star.sides * (a / 2) ** 2 * math.tan(math.pi / star.sides)
                     for a in (star.across, star.across_rim))
        # the prismoid's volume (any handbook)
        volume = star.height / 3 * (low + high + math.sqrt(low * high))
        # the mid-surfaces lie one and a half calipers outside, and where a wall runs on over its neighbour's
        # tab, along the edges, two and a half at the most: so much skin there may be, corners a fifth more
        surface = low + high + star.sides * (star.side + star.rim_side) / 2 * star.slant
        # a leaning rim is cut square
        self.assertGreaterEqual(solid.volume, volume - 1.5 * _THIN.caliper_mm * high)
        self.assertLessEqual(solid.volume, volume + 1.2 * 2.5 * _THIN.caliper_mm * surface)

    @given(st.sampled_from(["prism", "pyramid", "frustum-box"]).flatmap(amended_briefs))
    def test_no_wall_and_no_tab_enters_the_space_asked_for(self, made: tuple[Brief, Stock]) -> None:
        result, star = build(*made), _star(made[0])
        flare = math.radians(star.flare_deg)
        pattern = result.patterns[0]
        posed, half = fold.finished(pattern), pattern.stock.caliper_mm / 2
        for panel in pattern.panels:
            if panel.role is Role.LIP:
                continue
            corners = np.concatenate([fold.place(posed[panel.name], panel.polygon, h) for h in (half, -half)])
            # how deep each corner lies inside the nominal solid: the least of its distances to the faces
            turns = np.radians(90.0 + 360.0 / star.sides * np.arange(star.sides))
            normals = np.stack([np.cos(turns) * math.cos(flare), np.sin(turns) * math.cos(flare),
                                np.full(star.sides, -math.sin(flare))])
            inside = np.minimum(star.across / 2 * math.cos(flare) - corners @ normals,
                                corners[:, 2:]).min(axis=1)
            self.assertLess(inside.max(), 0.05, panel.name)

    def test_the_base_of_a_prism_is_as_far_across_as_asked(self) -> None:
        for sides in (4, 6, 12):
            made = build(new_brief("prism", {"sides": float(sides), "across": 90.0}, find_stock("card-300")),
                         find_stock("card-300"))
            posed = fold.finished(made.pattern)
            half = made.stock.caliper_mm / 2
            for i in range(sides):
                wall = made.pattern.by_name[f"wall {i + 1}"]
                middle = fold.place(posed[wall.name], [(0.0, 0.0)], -half)[0]
                normal = posed[wall.name][:3, 2]
                # the wall lies over a tab: one layer outside the space asked for
                self.assertAlmostEqual(float(middle @ normal), 45.0 + made.stock.caliper_mm, places=6)

    def test_a_panel_too_small_for_its_card_is_refused_with_the_remedy(self) -> None:
        drafted = find_recipe("frustum-box").draft({"sides": 12.0, "across": 70.0, "rim": 30.0,
                                                    "height": 15.0, "tab": 4.0})
        with self.assertRaises(StockError) as caught:
            develop(drafted, Stock("thick", "Thick", 4000, 6.0))
        self.assertIn("thinner stock", str(caught.exception))

    def test_a_wall_that_covers_its_neighbours_ends_at_the_point_and_not_past_it(self) -> None:
        # found by a property: with a seam taped beside it, a wall of twelve stood 14 mm past the point,
        # across the wall opposite
        stock = Stock("any", "Any", 300, 1.0)
        brief = new_brief("pyramid", {"sides": 12.0, "across": 30.0, "height": 60.0, "tab": 4.0}, stock)
        made = build(brief.with_seam(SeamChange("wall 3 tab", joints.TAPE.word)), stock)
        posed = fold.finished(made.pattern)
        for panel in made.pattern.panels:  # the axis is x = y = 0
            if panel.role == "wall" and panel.name != "base":
                corners = fold.place(posed[panel.name], panel.polygon)[:, :2]
                outward = corners.mean(axis=0) / np.linalg.norm(corners.mean(axis=0))
                self.assertGreater(float((corners @ outward).min()), -0.01, panel.name)

    def test_what_leaves_no_room_for_tabs_is_refused(self) -> None:
        for recipe, values in (("pyramid", {"across": 400.0, "height": 20.0}),
                               ("frustum-box", {"across": 30.0, "rim": 400.0, "height": 15.0}),
                               # ten sides: in a caliper of 1 mm the tabs' slants would meet
                               ("frustum-box", {"sides": 10.0, "across": 70.0, "rim": 110.0,
                                                "height": 15.0})):
            with self.assertRaises(MeasureError):
                new_brief(recipe, values)
        with self.assertRaises(MeasureError):
            new_brief("prism", {"sides": 13.0})


class Bins(unittest.TestCase):
    def test_the_flaps_that_fold_over_others_have_their_crease_one_thickness_further_out(self) -> None:
        board = find_stock("corrugated-b")
        made = build(new_brief("bin", {}, board), board)
        low = {f.child: f for f in made.pattern.folds}
        outer, inner = low["back flap"], low["left flap"]
        self.assertAlmostEqual(abs(outer.start[1] - inner.start[1]), board.caliper_mm)

    def test_a_flap_over_the_whole_of_the_other_lies_two_thicknesses_out(self) -> None:
        board = find_stock("corrugated-b")
        made = build(new_brief("bin", {"bottom": "overlap"}, board), board)
        low = {f.child: f for f in made.pattern.folds}
        self.assertAlmostEqual(abs(low["front flap"].start[1] - low["left flap"].start[1]),
                               2 * board.caliper_mm)
        self.assertAlmostEqual(made.outside[2], 55.0 + 3 * board.caliper_mm)

    def test_the_slots_between_flaps_are_as_wide_as_the_board_and_no_narrower(self) -> None:
        for stock in map(find_stock, ("card-300", "greyboard-15", "corrugated-b")):
            pattern = build(new_brief("bin", {}, stock), stock).pattern
            for a, b in (("right flap", "back flap"), ("back flap", "left flap")):
                right = max(p[0] for p in pattern.by_name[a].flat_polygon)
                left = min(p[0] for p in pattern.by_name[b].flat_polygon)
                self.assertGreaterEqual(left - right, stock.caliper_mm)


class Locks(unittest.TestCase):
    def test_a_locking_lip_is_slit_at_both_ends_of_its_crease_and_stays_in_one_cut(self) -> None:
        card = find_stock("card-300")
        plain, locked = (build(new_brief("carton", {"lock": choice}), card).pattern
                         for choice in ("plain", "locking"))
        a, b = (next(f for f in p.folds if f.child == "right lip") for p in (plain, locked))
        self.assertAlmostEqual(a.length - b.length, 2 * 5.0)
        outline, *slits = locked.cuts
        self.assertTrue(closed(outline))
        along = [s for s in outline if abs(s.start[0] - b.start[0]) < 1e-6 and abs(s.end[0] - b.start[0])
                 < 1e-6 and s.length > 0.5]
        self.assertEqual(along, [])
        # each is cut once
        self.assertEqual([(len(s), round(path_length(s), 6)) for s in slits], [(1, 5.0), (1, 5.0)])

    def test_the_small_flaps_behind_a_locking_lip_run_straight_as_far_as_the_slit(self) -> None:
        pattern = build(new_brief("carton", {"lock": "locking"}), find_stock("card-300")).pattern
        xs = sorted(p[0] for p in pattern.by_name["front right flap"].polygon)
        self.assertAlmostEqual(xs[0], xs[1])
        self.assertEqual(len(pattern.by_name["front left flap"].polygon), 4)


class Trays(unittest.TestCase):
    def test_a_rolled_wall_has_a_rim_as_wide_as_what_it_goes_over(self) -> None:
        # two layers of wall with the tab between: from mid-surface to mid-surface two calipers, by hand
        for stock in map(find_stock, ("copy-80", "card-300", "greyboard-30")):
            pattern = build(new_brief("tray", {"walls": "rolled"}, stock), stock).pattern
            ys = [p[1] for p in pattern.by_name["left wall rim"].polygon]
            self.assertAlmostEqual(max(ys) - min(ys), 2 * stock.caliper_mm, places=6)

    def test_the_tabs_of_a_rolled_wall_cannot_be_moved_and_the_reason_is_said(self) -> None:
        brief = new_brief("tray", {"walls": "rolled"})
        with self.assertRaises(MeasureError) as caught:
            brief.with_seam(SeamChange("front left tab", joints.GLUE_TAB.word, True))
        self.assertIn("rolled", str(caught.exception))

    def test_a_handle_spans_the_tray_outside_its_short_walls(self) -> None:
        card = find_stock("card-300")
        made = build(new_brief("tray", {"handle": "strip"}), card)
        tray, handle = made.patterns
        self.assertAlmostEqual(extent.outside([handle])[0] - extent.outside([tray])[0], 2 * card.caliper_mm)
        self.assertAlmostEqual(made.outside[2], 25.0 + 45.0 + 2 * card.caliper_mm)


    def test_the_marks_on_handle_and_wall_lie_on_each_other(self) -> None:
        for walls in ("plain", "rolled"):
            for stock in map(find_stock, ("copy-80", "card-300", "greyboard-30")):
                tray, handle = build(new_brief("tray", {"handle": "strip", "walls": walls}, stock),
                                     stock).patterns
                for side in ("left", "right"):
                    spots = [fold.place(fold.finished(p)[name], [p.by_name[name].guides[0][0].start])[0]
                             + fold.place(
                        fold.finished(p)[name], [p.by_name[name].guides[0][0].end])[0]
                        for p, name in ((tray, f"{side} wall"), (handle, f"handle {side} end"))]
                    apart = (spots[0] - spots[1]) / 2
                    # one card's thickness, straight through
                    self.assertAlmostEqual(abs(apart[0]), stock.caliper_mm, places=6)
                    self.assertLess(abs(apart[1]) + abs(apart[2]), 1e-6)


class Sleeves(unittest.TestCase):
    def test_the_sleeve_clears_the_drawer_by_what_was_asked_and_is_as_long_as_it(self) -> None:
        for stock in map(find_stock, ("copy-80", "card-300", "greyboard-15")):
            made = build(new_brief("sleeve", {"clearance": 0.4}, stock), stock)
            t = stock.caliper_mm
            drawer, sleeve = made.patterns
            inner, outer = extent.outside([drawer]), extent.outside([sleeve])
            self.assertAlmostEqual(outer[1] - inner[1], 2 * (0.4 + t))
            # under it, and over it the tab and the top
            self.assertAlmostEqual(outer[2] - inner[2], 2 * 0.4 + t + 2 * t)
            self.assertLessEqual(outer[0], inner[0] + 1e-9)
            self.assertGreater(outer[0], inner[0] - 1.0)


if __name__ == "__main__":
    unittest.main()
