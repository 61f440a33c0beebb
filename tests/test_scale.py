"""Scaling: what grows, what stays, and what a copier would get wrong."""

from __future__ import annotations

import json
import subprocess
import sys
import tempfile
import unittest
from dataclasses import replace
from pathlib import Path

from hypothesis import given
from hypothesis import strategies as st

from mingei.core import check
from mingei.core.document.build import build
from mingei.core.document.project import Brief, new_brief
from mingei.core.errors import MeasureError, MingeiError
from mingei.core.layout.place import fits
from mingei.core.layout.sheets import find_sheet
from mingei.core.recipes import find_recipe, recipes
from mingei.core.sizing import scale
from mingei.core.stock import Stock, find_stock
from mingei.formats import project_file
from tests.strategies import briefs

_CARD = find_stock("card-300")


class Factors(unittest.TestCase):
    def test_from_1_to_12_to_1_to_6_everything_doubles(self) -> None:
        self.assertEqual(scale.ratio(12, 6), 2.0)

    def test_made_for_a_ball_of_60_mine_is_80(self) -> None:
        self.assertAlmostEqual(scale.ratio(80, 60), 80 / 60)

    def test_a_scale_of_nothing_is_refused(self) -> None:
        for new, old in ((0, 60), (60, 0), (-1, 3)):
            self.assertRaises(MeasureError, scale.ratio, new, old)
        for factor in (0.0, -2.0, float("nan"), 1e9):
            self.assertRaises(MeasureError, scale.scaled, new_brief("carton"), factor)

    def test_to_a_measure_and_to_a_size_over_all(self) -> None:
        brief = new_brief("carton")
        self.assertAlmostEqual(scale.to_measure(brief, _CARD, "length", 210.0), 1.5)
        factor = scale.to_measure(brief, _CARD, "outside-length", 200.0)
        self.assertAlmostEqual(build(scale.scaled(brief, factor), _CARD).outside[0], 200.0, places=5)
        for name in ("tab", "opening", "nonsense"):
            self.assertRaises(MingeiError, scale.to_measure, brief, _CARD, name, 20.0)

    def test_the_largest_that_fits_a_sheet_fits_and_a_little_more_does_not(self) -> None:
        for recipe in ("carton", "tray", "lid-base", "prism", "pyramid"):
            brief, sheet = new_brief(recipe), find_sheet("A4")
            factor = scale.to_sheet(brief, _CARD, sheet)
            for by, wanted in ((factor, True), (factor + 0.002, False)):
                made = build(scale.scaled(brief, by), _CARD)
                self.assertEqual(all(fits(p, sheet) is not None for p in made.patterns), wanted, recipe)


class Anew(unittest.TestCase):
    def test_a_wall_along_an_outline_closes_at_every_size(self) -> None:
        for factor in (0.5, 0.7, 1.3, 2.0):
            made = build(scale.scaled(new_brief("profile-wall"), factor),
                         find_stock(find_recipe("profile-wall").stock))
            self.assertTrue(all(c.closes for c in made.closures), factor)
            front = next(p for p in made.patterns if p.name == "front")
            usual = next(p for p in build(new_brief("profile-wall"), made.stock).patterns
                         if p.name == "front")
            self.assertAlmostEqual(front.box.width / usual.box.width, factor, delta=0.02)

    @given(st.sampled_from(sorted(recipes())).flatmap(briefs), st.floats(0.4, 3.0))
    def test_what_is_drafted_anew_closes_and_keeps_its_thickness_tabs_and_play(
        self, made: tuple[Brief, Stock], factor: float) -> None:
        brief, stock = made
        try:
            again = scale.scaled(brief, factor)
        except MeasureError:
            return
        after = build(again, stock)
        for closure in after.closures:
            self.assertTrue(closure.closes, closure)
        for measure in find_recipe(brief.recipe).measures:
            old, new = brief.values[measure.name], again.values[measure.name]
            if measure.kind == "length" and not measure.stays:
                self.assertAlmostEqual(float(new), float(old) * factor)
            else:
                self.assertEqual(new, old)

    def test_lengths_round_to_friendly_sizes(self) -> None:
        brief = scale.scaled(new_brief("carton"), 1.2345, scale.FRIENDLY["mm"])
        for name in ("length", "width", "height"):
            self.assertEqual(float(brief.values[name]) % 0.5, 0.0)

    def test_the_table_says_what_scaled_stayed_and_is_too_small(self) -> None:
        brief = new_brief("tray", {"length": 60.0, "width": 60.0, "height": 14.0, "tab": 4.0})
        small = scale.scaled(brief, 0.75)
        rows = {r.name: r for r in scale.table(build(brief, _CARD), build(small, _CARD))}
        self.assertEqual((rows["Length"].after, rows["Length"].fate), (45.0, scale.Fate.SCALED))
        self.assertEqual((rows["Tab depth"].after, rows["Tab depth"].fate), (4.0, scale.Fate.STAYED))
        self.assertEqual(rows["Thickness of the stock"].after, _CARD.caliper_mm)


class Enlarging(unittest.TestCase):
    def test_by_hand_a_wall_of_2_mm_board_comes_out_too_long_by_its_extra_thickness(self) -> None:
        # a tray's base is its inside length and three halves of a board at each end; twice the drawing has
        # three boards too many
        board = Stock("x", "x", 900, 2.0)
        brief = new_brief("tray", {}, board)
        before, after = build(brief, board), build(scale.scaled(brief, 2.0), board)
        wrong = {m.panel: m.wrong_mm for m in scale.mismatches(before, after, 2.0)}
        self.assertAlmostEqual(wrong["base"], 3 * 2.0)
        self.assertIn("too large", scale.consequence(before, after, 2.0))

    def test_by_a_factor_of_one_nothing_is_wrong(self) -> None:
        before = build(new_brief("carton"), _CARD)
        self.assertEqual(scale.mismatches(before, before, 1.0), ())
        self.assertEqual(scale.consequence(before, before, 1.0), "")

    def test_an_enlarged_drawing_is_found_and_one_press_drafts_it_anew(self) -> None:
        made = build(replace(new_brief("carton"), enlarged=1.5), _CARD)
        plain = build(new_brief("carton"), _CARD)
        self.assertAlmostEqual(made.pattern.box.width, 1.5 * plain.pattern.box.width)
        found = [f for f in check.run(made, find_sheet("A2")) if f.severity is check.Severity.ERROR]
        self.assertEqual([f.code for f in found], ["enlarged"])
        assert found[0].fix is not None and found[0].fix.brief is not None
        mended = build(found[0].fix.brief, _CARD)
        self.assertAlmostEqual(float(found[0].fix.brief.values["length"]), 210.0)
        self.assertNotIn("enlarged", [f.code for f in check.run(mended, find_sheet("A2"))])


    def test_an_enlarged_drawing_that_cannot_be_drafted_anew_is_found_all_the_same(self) -> None:
        made = build(replace(new_brief("carton"), enlarged=30.0), _CARD)
        (found,) = [f for f in check.run(made, find_sheet("A0")) if f.code == "enlarged"]
        self.assertIsNone(found.fix)
        self.assertIn("nearer to this size", found.remedy)


class Command(unittest.TestCase):
    def _run(self, *words: str) -> subprocess.CompletedProcess[str]:
        return subprocess.run([sys.executable, "-m", "mingei", *words], capture_output=True, text=True,
                              cwd=self.folder, check=False)

    def setUp(self) -> None:
        place = tempfile.TemporaryDirectory()
        self.addCleanup(place.cleanup)
        self.folder = place.name
        self.assertEqual(self._run("new", "tray", "-o", "a.mingei").returncode, 0)

    def test_it_writes_the_thing_at_the_other_size_and_says_what_stayed(self) -> None:
        done = self._run("scale", "a.mingei", "--ratio", "2:1", "-o", "b.mingei", "--json")
        (said,) = json.loads(done.stdout)
        self.assertEqual(said["factor"], 2.0)
        self.assertEqual({r["name"]: r["fate"] for r in said["rows"]}["Tab depth"], "stayed")
        brief = project_file.load(Path(self.folder, "b.mingei")).briefs[0]
        self.assertEqual((brief.values["length"], brief.values["tab"]), (240.0, 12.0))

    def test_what_cannot_be_is_refused_in_a_sentence_and_nothing_is_written(self) -> None:
        for words in (("--by", "x"), ("--by", "90"), ("--ratio", "2"), ("--to", "length"),
                      ("--to", "length=??"), ("--to", "nope=3"),
                      ("--fit", "Z9"), ("--by", "2", "--piece", "nobody")):
            done = self._run("scale", "a.mingei", *words, "-o", "c.mingei")
            self.assertEqual(done.returncode, 2, words)
            self.assertEqual(done.stderr.strip().count("\n"), 0)
            self.assertFalse(Path(self.folder, "c.mingei").exists())


if __name__ == "__main__":
    unittest.main()
