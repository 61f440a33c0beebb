"""Envelopes: folds turned right over, flat when folded, blanks from the thing that goes in."""

from __future__ import annotations

import math
import unittest
from itertools import pairwise
from unittest import mock

import numpy as np
from hypothesis import assume, given
from hypothesis import strategies as st

from mingei.core import check
from mingei.core.document.build import Build, build
from mingei.core.document.project import new_brief
from mingei.core.draft import Crease
from mingei.core.errors import MeasureError
from mingei.core.folded import fold
from mingei.core.layout.drawing import Ink, pattern_strokes
from mingei.core.layout.sheets import find_sheet
from mingei.core.recipes.belly_band import girth
from mingei.core.sizing.sizes import ENVELOPES, THINGS, Size, goes_in
from mingei.core.stock import Stock
from tests.giving import given_way
from tests.strategies import briefs
from tests.windows import WindowTest, settle


def made(recipe: str, caliper: float = 0.1, **values: float | str) -> Build:
    stock = Stock("any", "Any paper", 80, caliper)
    return build(new_brief(recipe, values, stock), stock)


class TurnedOver(unittest.TestCase):
    @given(st.sampled_from(["envelope-side", "envelope-diagonal"]).flatmap(briefs))
    def test_folded_it_is_flat_within_its_stack(self, any_build: tuple[object, Stock]) -> None:
        result = build(*any_build)  # type: ignore[arg-type]
        thick, t = float(result.brief.values["thick"]), result.stock.caliper_mm
        heights = []
        for pattern in result.patterns:
            for name, pose in fold.finished(pattern).items():
                self.assertAlmostEqual(abs(pose[2, 2]), 1.0, places=9, msg=name)  # parallel to the front
                heights.append(pose[2, 3])
        layers = (1 + max(p.layer for q in result.patterns for p in q.panels)
                  + (result.brief.values.get("liner") == "liner"))
        self.assertLessEqual(max(heights) - min(heights), thick + (layers + 1) * t + 1e-9)

    def test_every_sheet_lies_a_caliper_over_the_one_beneath(self) -> None:
        result = made("envelope-side", 0.2, thick=1.0)
        at = {name: pose[2, 3] for name, pose in fold.finished(result.pattern).items()}
        levels = [at[name] for name in ("front", "left flap", "back", "closing flap")]
        self.assertEqual([round(b - a, 9) for a, b in pairwise(levels)], [1.2, 0.2, 0.2])

    def test_a_fold_turned_over_takes_up_the_half_circle_round_what_lies_between(self) -> None:
        result = made("envelope-side", 0.2, thick=1.0)
        gains = {f.child: f.gain for f in result.pattern.folds}
        # half a circle as wide as the two middles stand apart: 1.2 mm for the side flaps, 1.4 for the back
        # (plane geometry)
        self.assertAlmostEqual(gains["left flap"], math.pi / 2 * 1.2)
        self.assertAlmostEqual(gains["back"], math.pi / 2 * 1.4)
        # drawn straight, each half of its arc
        self.assertAlmostEqual(result.outside[0], 105 + 6 + 2 * math.pi / 4 * 1.2, places=6)

    def test_half_way_a_flap_stands_upright(self) -> None:
        result = made("envelope-side")
        pose = fold.pose(result.pattern, 0.5 / 3)["left flap"]
        self.assertAlmostEqual(float(pose[2, 2]), 0.0, places=9)
        self.assertGreater(float(fold.place(pose, result.pattern.by_name["left flap"].polygon)[:, 2].max()),
                           10.0)


class FromTheThing(unittest.TestCase):
    @given(st.floats(60, 300), st.floats(0.75, 1.0), st.floats(8, 40))
    def test_the_blank_is_a_square_of_the_half_sum_of_its_sides(self, width: float, share: float,
                                                                over: float) -> None:
        height = round(width * share, 3)
        assume((height + 3 + over) / 2 < width and (width + 6 + over) / 2 < height - 2)
        result = made("envelope-diagonal", 0.05, width=width, height=height, over=over, thick=0.0, round=0.0)
        # a square sheet about a front of w x h has side (w + h) / sqrt 2, and v / sqrt 2 more for flaps that
        # overlap by v (plane geometry)
        side = (width + 6 + height + 3 + over) / math.sqrt(2)
        box = result.pattern.box
        self.assertAlmostEqual(box.width, side, delta=0.5)  # the folds go round up to four sheets of 0.05 mm
        self.assertAlmostEqual(box.height, box.width, places=6)

    def test_flaps_overlap_by_what_was_asked(self) -> None:
        result = made("envelope-diagonal", 0.05, width=120.0, height=123.0, over=16.0, thick=0.0, round=0.0)
        posed = fold.finished(result.pattern)
        tips = [fold.place(posed[n], result.pattern.by_name[n].polygon)
                for n in ("bottom flap", "closing flap")]
        self.assertAlmostEqual(float(tips[1][:, 1].max() - tips[0][:, 1].min()), 16.0, delta=0.3)

    def test_a_liner_keeps_inside_the_flap_and_clear_of_the_gum(self) -> None:
        result = made("envelope-diagonal", liner="liner", margin=4.0, gum=15.0, thick=0.0, round=0.0)
        envelope, liner = (dict(fold.finished(p)) for p in result.patterns)
        flap = fold.place(envelope["closing flap"], result.patterns[0].by_name["closing flap"].polygon)
        lining = fold.place(liner["liner flap"], result.patterns[1].by_name["liner flap"].polygon)
        self.assertAlmostEqual(float(flap[:, 1].max() - lining[:, 1].max()), 15.0, delta=0.5)
        self.assertAlmostEqual(float(lining[:, 0].min() - flap[:, 0].min()), 4.0, delta=0.3)
        slanted = [(x, y) for x, y, _ in lining.tolist() if y > 12]
        right = np.array([1.0, 1.0]) / math.sqrt(2)  # the flap's slanted edge is square to this
        edge = max(float(right @ p[:2]) for p in flap)
        self.assertAlmostEqual(edge - max(float(right @ np.array(p)) for p in slanted), 4.0, delta=0.4)

    def test_flaps_that_do_not_suit_give_way(self) -> None:
        for recipe, values, name in (
            ("envelope-side", {"side": 40.0, "width": 60.0}, "side"),
            ("envelope-side", {"closing": 100.0}, "closing"),
            ("envelope-diagonal", {"height": 130.0, "over": 5.0}, "over"),
            # gum so wide that the tip of the liner's flap would lie below its shoulders
            ("envelope-diagonal", {"width": 40.0, "height": 56.0, "over": 42.0, "liner": "liner",
                                   "margin": 4.0, "gum": 34.0}, "gum"),
        ):
            with self.subTest(recipe=recipe, values=values):
                self.assertEqual(set(given_way(recipe, values)), {name})

    def test_a_diagonal_one_too_long_for_tips_is_refused(self) -> None:
        with self.assertRaises(MeasureError):
            made("envelope-diagonal", width=260.0, height=74.0)

    def test_it_names_the_envelopes_that_are_sold(self) -> None:
        (said,) = [f for f in check.run(made("envelope-side", width=148.0, height=105.0), find_sheet("A3"))
                   if f.code == "envelope-sold"]
        self.assertIn("C6", str(said.sentence))

    def test_the_steps_are_said(self) -> None:
        words = " ".join(str(s.words) for s in made("envelope-side").steps)
        self.assertIn("Fold the left flap and the right flap over flat.", words)
        self.assertIn("Glue the back on the left flap and the right flap.", words)
        self.assertNotIn("Glue the closing flap", words)


class Cards(unittest.TestCase):
    @given(st.integers(3, 10), st.floats(0.08, 0.5))
    def test_a_concertina_goes_to_and_fro_and_lies_flat(self, count: int, caliper: float) -> None:
        card = made("card", caliper, kind="concertina", panels=float(count))
        self.assertEqual([f.crease for f in card.pattern.folds],
                         [(Crease.MOUNTAIN, Crease.VALLEY)[i % 2] for i in range(count - 1)])
        inks = [s.ink for s in pattern_strokes(card.pattern) if s.ink in (Ink.MOUNTAIN, Ink.VALLEY)]
        # scored from alternate faces
        self.assertEqual(inks, [(Ink.MOUNTAIN, Ink.VALLEY)[i % 2] for i in range(count - 1)])
        heights = sorted(pose[2, 3] for pose in fold.finished(card.pattern).values())
        for a, b in pairwise(heights):
            self.assertAlmostEqual(b - a, caliper, places=9)  # each lies on the one before
        for name, pose in fold.finished(card.pattern).items():
            corners = fold.place(pose, card.pattern.by_name[name].polygon)
            self.assertAlmostEqual(float(corners[:, 0].mean()), 105 / 2, delta=caliper)

    def test_a_card_folded_once_is_two_sheets_thick(self) -> None:
        card = made("card", 0.3)
        self.assertAlmostEqual(card.outside[2], 0.6)
        self.assertAlmostEqual(card.blank.width, 210.0 + math.pi / 2 * 0.3, places=6)

    def test_the_wings_of_a_gate_meet_in_the_middle_and_leave_a_gap(self) -> None:
        card = made("card", 0.3, kind="gate")
        posed = fold.finished(card.pattern)
        ends = [fold.place(posed[n], card.pattern.by_name[n].polygon)[:, 0]
                for n in ("left wing", "right wing")]
        self.assertAlmostEqual(float(ends[1].min() - ends[0].max()), 1.0, places=6)

    def test_it_names_the_envelopes_it_goes_into(self) -> None:
        card = made("card", 0.3, width=4.25 * 25.4, height=5.5 * 25.4)
        (said,) = [f for f in check.run(card, find_sheet("A3")) if f.code == "envelope-sold"]
        self.assertIn("C6", str(said.sentence))


    def test_a_card_folded_from_a4_and_cut_to_5_in_goes_where_7_x_5_does(self) -> None:
        # half of A4 (ISO 216), cut down (common practice)
        card = made("card", 0.3, width=148.5, height=5 * 25.4)
        self.assertLessEqual(card.blank.width - math.pi / 2 * 0.3, 297.0 + 1e-6)
        seven = next(e for e in ENVELOPES if e.name == "US A7 envelope")
        self.assertTrue(goes_in(148.5, 127.0, seven, card.outside[2]))


class Bands(unittest.TestCase):
    @given(st.floats(20, 400), st.floats(1, 300), st.floats(0, 20), st.floats(0.05, 0.5))
    def test_its_flat_is_the_girth_and_the_lap_and_what_the_card_takes(self, width: float, thick: float,
                                                                       play: float, caliper: float) -> None:
        band = made("belly-band", caliper, width=width, thick=thick, play=play, over=8.0)
        # inside sizes: each right corner asks for one caliper, the last, one layer further out, for two (the
        # rule of setbacks by hand)
        self.assertAlmostEqual(band.blank.width, girth(band.brief.values) + 8.0 + 5 * caliper, delta=0.01)
        self.assertTrue(all(c.closes for c in band.closures))

    def test_a_thin_thing_is_wrapped_without_sides(self) -> None:
        band = made("belly-band", thick=0.0)
        self.assertEqual({p.name for p in band.pattern.panels}, {"front", "back left", "back right"})
        self.assertTrue(all(c.closes for c in band.closures))

    def test_without_a_flap_an_envelope_is_a_pocket(self) -> None:
        pocket = made("envelope-side", width=60.0, height=90.0, across=3.175, up=3.175, shape="none",
                      closing=32.0)
        self.assertNotIn("closing flap", pocket.pattern.by_name)
        front = pocket.draft_box("front")
        # common practice: a pocket is an eighth of an inch wider than its tag
        self.assertAlmostEqual(front.width - 60.0, 25.4 / 8)


class Tags(unittest.TestCase):
    def test_the_pocket_is_an_eighth_of_an_inch_wider_inside_than_its_tag(self) -> None:
        tag = made("tag", 0.3, pocket="pocket")
        pieces = {p.name: p for p in tag.patterns}
        front = pieces["pocket"].by_name["front"]
        # common practice
        self.assertAlmostEqual(tag.draft_box("front").width - tag.draft_box("tag").width, 25.4 / 8)
        self.assertEqual(len(front.holes), 0)
        self.assertTrue(all(c.closes for c in tag.closures))

    def test_its_corners_and_its_hole_are_cut(self) -> None:
        tag = made("tag", 0.3, width=50.0, height=90.0, corner=12.0, hole=6.0)
        self.assertAlmostEqual(tag.area_mm2, 50 * 90 - 12 * 12 - math.pi * 9, delta=0.4)  # the hole as chords
        self.assertEqual(len(tag.pattern.cuts), 2)
        for values, name in (({"corner": 30.0}, "corner"), ({"corner": 1.0}, "corner"),
                             ({"hole": 18.0}, "hole"),
                             ({"width": 20.0, "pocket": "pocket"}, "pocket")):
            with self.subTest(values):
                self.assertIn(name, given_way("tag", values))

    def test_it_says_how_much_ribbon(self) -> None:
        (said,) = [f for f in check.run(made("tag", ribbon=100.0), find_sheet("A4"))
                   if "ribbon" in str(f.sentence)]
        self.assertIn("230 mm", str(said.sentence))


class InTheWindow(WindowTest):
    def test_a_thing_is_chosen_by_name_and_undone(self) -> None:
        self.window.go("draft")
        document = self.window.document
        document.set_recipe("envelope-side")
        settle()
        fields = self.window.draft().measures
        assert fields.thing is not None
        index = fields.thing.findText("A6 sheet")
        fields.thing.setCurrentIndex(index)
        fields.thing.activated.emit(index)
        self.assertEqual((document.brief.values["width"], document.brief.values["height"]), (148.0, 105.0))
        self.assertEqual(self.field("width").text(), "148 mm")
        document.undo.undo()
        self.assertNotEqual(document.brief.values["width"], 148.0)
        self.assertEqual(fields.thing.currentText(), "A7 sheet")  # what it begins with

    def test_a_thing_the_recipe_cannot_hold_is_refused_where_it_was_chosen(self) -> None:
        self.window.go("draft")
        self.window.document.set_recipe("envelope-diagonal")
        settle()
        fields = self.window.draft().measures
        assert fields.thing is not None
        before = self.window.document.brief
        ribbon = Size("a ribbon", 400.0, 40.0, "paper")
        with mock.patch("mingei.app.measures.THINGS", (*THINGS, ribbon)):
            fields.thing.activated.emit(len(THINGS) + 1)
        self.assertEqual(self.window.document.brief, before)
        self.assertFalse(fields.thing_reason.isHidden())


if __name__ == "__main__":
    unittest.main()
