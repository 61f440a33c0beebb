"""A thing at the table: what holds its joints, tape cut to length, grams of glue, time and money,
cautions."""

from __future__ import annotations

import io
import json
import math
import tempfile
import unittest
from contextlib import redirect_stdout
from dataclasses import replace
from pathlib import Path

from hypothesis import given
from hypothesis import strategies as st

from mingei.cli import main
from mingei.core.amendments.amend import SeamChange
from mingei.core.amendments.opening import Opening
from mingei.core.document.build import Build, build
from mingei.core.document.project import new_brief, new_project
from mingei.core.document.table import table
from mingei.core.draft.joint import Adhesive
from mingei.core.errors import MeasureError, ProjectError
from mingei.core.joints import TAPE
from mingei.core.kinds.hold import Hold
from mingei.core.layout.sheets import find_sheet
from mingei.core.plan.cautions import CAUTIONS, Risk, of_adhesives, of_cutting, of_parts, of_use, told
from mingei.core.plan.holding import TAPE_SHORT_MM, grams, tape_list
from mingei.core.plan.making import USUAL, Making, check_making
from mingei.core.plan.time import Cost, compared, cost
from mingei.core.recipes import recipes
from mingei.core.stock import find_stock
from mingei.formats import project_file
from tests.strategies import changed_briefs


def made(recipe: str, values: dict | None = None, tape: float = 0.0, stock: str = "",
         amendments: tuple = ()) -> Build:
    brief = new_brief(recipe, values or {})
    brief = brief.with_tape(tape) if tape else brief
    brief = replace(brief, stock=stock or brief.stock)
    for each in amendments:
        brief = brief.amended(each)
    return build(brief, find_stock(brief.stock))


class Holding(unittest.TestCase):
    def held(self, b: Build, name: str, making: Making = USUAL):
        return next(h for h in table(b, making).held if h.name == name)

    def test_the_card_of_a_thing_costs_its_share_of_a_sheet(self) -> None:
        # by hand: a tag of 60 x 100 mm, corners of 10 mm cut off, a hole of 5 mm: 6000 - 100 - 19.635 mm2 of
        # an A4 sheet of 210 x 297 mm that costs 3
        stock = replace(find_stock("card-220"), price=3.0)
        brief = new_brief("tag", {"width": 60.0, "height": 100.0, "corner": 10.0, "hole": 5.0}, stock)
        money = table(build(brief, stock), USUAL).card_money(find_sheet("A4"))
        self.assertAlmostEqual(money, 3.0 * (6000 - 100 - math.pi * 2.5 ** 2) / (210 * 297), places=3)

    def test_strips_of_tape_are_as_long_as_their_seams_less_the_allowance(self) -> None:
        b = made("tray", tape=10.0)
        for h in table(b, USUAL).held:
            lines = [m.carrier_line for p in b.patterns for m in p.mates if m.seam == h.name]
            self.assertEqual(h.adhesive, Adhesive.TAPE)
            self.assertEqual(len(h.strips_mm), len(lines))
            for strip, line in zip(h.strips_mm, lines, strict=True):
                self.assertAlmostEqual(strip, math.dist(*line) - 2 * TAPE_SHORT_MM, delta=0.1)
        (total,) = tape_list(table(b, USUAL).held)
        self.assertEqual((total.width_mm, total.many, total.rolls), (10.0, 4, 1))
        self.assertAlmostEqual(total.length_mm, sum(sum(h.strips_mm) for h in table(b, USUAL).held))

    def test_what_holds_it_goes_by_joint_stock_curve_and_window(self) -> None:
        self.assertEqual(self.held(made("carton"), "front tab").adhesive, Adhesive.WET)
        self.assertEqual(self.held(made("carton", stock="copy-80"), "front tab").adhesive, Adhesive.STICK)
        self.assertEqual(self.held(made("tube", tape=6.0), "base teeth").adhesive, Adhesive.WET)
        taped = made("carton", amendments=(SeamChange("front tab", TAPE.word),))
        self.assertEqual(self.held(taped, "front tab").adhesive, Adhesive.OUTER_TAPE)
        window = made("carton", amendments=(Opening("window", "top", width=40.0, height=15.0, window=True),))
        patch = self.held(window, "window")
        self.assertEqual(patch.adhesive, Adhesive.TAPE)
        self.assertEqual(sorted(patch.strips_mm), [23.0, 23.0, 48.0, 48.0])
        # nothing holds what must open again
        self.assertNotIn("right lip", [h.name for h in table(made("carton"), USUAL).held])

    def test_a_person_may_choose_another_adhesive_where_it_holds(self) -> None:
        hot = made("carton", amendments=(Hold("front tab", "hot glue"),))
        chosen = self.held(hot, "front tab")
        self.assertEqual((chosen.adhesive, str(chosen.why)), (Adhesive.HOT, "it was chosen"))
        step = next(s for s in hot.steps if "Glue the top on the front tab" in s.words)
        self.assertIn(str(CAUTIONS[Risk.HOT_GLUE]), [str(c) for c in table(hot, USUAL).needs(step).cautions])
        project = replace(new_project(hot.brief, "t", "mm", "A4"), making=USUAL._replace(pace=1.5))
        again = project_file.loads(project_file.dumps(project))
        self.assertEqual(again.briefs[0].amendments, hot.brief.amendments)
        self.assertEqual(again.making.pace, 1.5)
        with self.assertRaises(MeasureError):
            new_brief("carton", {}).amended(Hold("front tab", "spit"))
        with self.assertRaises(ProjectError):
            project_file.loads(project_file.dumps(project).replace(b'"pace": 1.5', b'"pace": -1'))

    @given(st.sampled_from(sorted(recipes())).flatmap(changed_briefs))
    def test_each_joint_is_held_once_and_every_step_that_glues_says_with_what(self, any_build) -> None:
        t = table(build(*any_build), USUAL)
        names = [(h.piece, h.name, h.pairs) for h in t.held]  # two sticks in two holes are two joints
        self.assertEqual(len(names), len(set(names)))
        said = {h.name for s in t.steps for h in t.needs(s).held}
        self.assertEqual(said, {h.name for h in t.held})
        self.assertTrue(all(h.seam_mm >= 0 and h.hold_s >= 0 and h.area_mm2 >= 0 for h in t.held))

    def test_grams_are_area_times_coat(self) -> None:
        t = table(made("tray"), USUAL)
        area = sum(h.area_mm2 for h in t.held)
        low, high = grams(t.held)[Adhesive.WET]
        self.assertAlmostEqual(low, area * 1e-6 * 40)
        self.assertAlmostEqual(high, area * 1e-6 * 120)


class TimeAndMoney(unittest.TestCase):
    def test_a_slower_pace_takes_longer_in_proportion(self) -> None:
        b = made("carton")
        self.assertAlmostEqual(table(b, USUAL._replace(pace=2.0)).minutes, 2 * table(b, USUAL).minutes)

    def test_money_by_hand(self) -> None:
        # worked by hand: 3 things; stock 4.50; glue 2 g of 5.00 a 100 g = 0.10; tape 0.5 m of 6.00 a 10 m =
        # 0.30; wear 0.20; 12 minutes of 15.00 an hour = 3.00 each: 4.50 + 3 x 3.60 = 15.30, 36 minutes
        making = USUAL._replace(hour=15.0, glue=5.0, tape=6.0, wear=0.2)
        found = cost(3, 4.5, 12.0, {Adhesive.WET: (1.0, 3.0)}, 500.0, making)
        self.assertAlmostEqual(found.money, 15.3)
        self.assertAlmostEqual(found.minutes, 36.0)

    def test_another_way_is_compared_and_from_how_many_on_ours_is_cheaper(self) -> None:
        # worked by hand: ours takes 30 minutes once at 12.00 an hour = 6.00, and 1.00 each; theirs 2.50 each:
        # 6 + n < 2.5 n from n = 5 on; quicker: 30 + 10 n < 18 n from n = 4 on
        making = USUAL._replace(hour=12.0, other_money=2.5, other_min=18.0)
        ours = Cost(6.0 + 10 * 1.0, 30.0 + 10 * 10.0)
        found = compared(10, ours, making, once=30.0)
        assert found is not None
        self.assertAlmostEqual(found.other.money, 25.0)
        self.assertAlmostEqual(found.other.minutes, 180.0)
        self.assertEqual((found.cheaper_from, found.quicker_from), (5, 4))
        self.assertIsNone(compared(10, Cost(300.0, 1000.0), making).cheaper_from)
        self.assertIsNone(compared(10, ours, USUAL))

    def test_figures_that_cannot_be_true_are_refused(self) -> None:
        for word in ("pace", "hour", "wet_s", "other_money"):
            for value in (-1.0, math.nan, math.inf):
                with self.subTest(word=word, value=value), self.assertRaises(MeasureError):
                    check_making(USUAL._replace(**{word: value}))


class Cautions(unittest.TestCase):
    def test_each_appears_where_it_applies(self) -> None:
        for risks, wanted in (
            (of_cutting(), Risk.KNIFE), (of_cutting(), Risk.CHILD), (of_cutting("knife-300"), Risk.MACHINE),
            (of_cutting("beam-desk", beam=True), Risk.LASER), (of_adhesives([Adhesive.HOT]), Risk.HOT_GLUE),
            (of_adhesives([Adhesive.HOT]), Risk.CHILD), (of_parts(["magnet"]), Risk.SMALL_PARTS),
            (of_parts(["eyelet"]), Risk.PUNCH), (of_parts(["ribbon"]), Risk.SEALING),
            (of_use("a hanging lantern"), Risk.CANDLE), (of_use("heron mask"), Risk.MASK),
            (of_use("a life-size standee"), Risk.STANDS),
            (of_use("a box for sweets"), Risk.FOOD), (of_use("an envelope"), Risk.POST),
            (of_use("hanging mobile"), Risk.WALL),
        ):
            self.assertIn(wanted, risks)
        self.assertEqual(of_adhesives([Adhesive.WET]), ())
        self.assertEqual(set(CAUTIONS), set(Risk))
        self.assertEqual(len(told([Risk.KNIFE, Risk.KNIFE])), 1)

    def test_every_sentence_that_can_defer_does(self) -> None:
        for risk in (Risk.HOT_GLUE, Risk.SPRAY, Risk.MACHINE, Risk.LASER, Risk.POST, Risk.WALL, Risk.CANDLE):
            self.assertRegex(str(CAUTIONS[risk]), "maker|carrier|qualified")

    def test_a_lantern_says_no_candle_and_a_bag_how_ribbon_is_sealed(self) -> None:
        self.assertIn(str(CAUTIONS[Risk.CANDLE]), [str(c) for c in table(made("polyhedron"), USUAL).cautions])
        self.assertIn(str(CAUTIONS[Risk.SEALING]), [str(c) for c in table(made("bag"), USUAL).cautions])
        self.assertEqual(table(made("tray"), USUAL).cautions, ())


class OnTheCommandLine(unittest.TestCase):
    def test_the_plan_tells_steps_adhesive_parts_minutes_and_cautions(self) -> None:
        project = new_project(new_brief("polyhedron").with_tape(6.0), "t", "mm", "A4")
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / "t.mingei"
            project_file.save(project, path)
            out = io.StringIO()
            with redirect_stdout(out):
                self.assertEqual(main(["plan", str(path), "--json"]), 0)
            said = json.loads(out.getvalue())
            with redirect_stdout(io.StringIO()) as plain:
                self.assertEqual(main(["plan", str(path)]), 0)
        self.assertEqual([s["number"] for s in said["steps"]], list(range(1, len(said["steps"]) + 1)))
        self.assertTrue(all({"words", "because", "operations", "key"} <= set(s) for s in said["steps"]))
        self.assertTrue(all(t["width_mm"] == 6.0 for t in said["adhesive"]["tape"]))
        self.assertEqual(said["bought"][0]["name"], "thread")
        self.assertGreater(said["minutes"]["glue"], 0)
        self.assertTrue(any("candle" in c for c in said["cautions"]))
        self.assertIn("minutes of your hands", plain.getvalue())


if __name__ == "__main__":
    unittest.main()
