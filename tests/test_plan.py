"""The plan of making: its order against that of practised hands, what a person's own order breaks, and the
building of it in cells of space, with faults it must find."""

from __future__ import annotations

import os
import unittest
from collections.abc import Callable
from dataclasses import replace

from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from mingei.core.amendments.amend import SeamChange
from mingei.core.amendments.opening import Opening
from mingei.core.check.simulating import simulate
from mingei.core.covering.overlay import Overlay
from mingei.core.document.build import Build, build
from mingei.core.document.project import Brief, new_brief
from mingei.core.plan.operation import Does
from mingei.core.plan.operations import Given
from mingei.core.plan.steps import Plan, Step, plan
from mingei.core.recipes import recipes
from mingei.core.stock import Stock, find_stock
from tests.strategies import changed_briefs


def made(recipe: str, values: dict | None = None, *amendments: object) -> Build:
    brief = new_brief(recipe, values or {})
    for each in amendments:
        brief = brief.amended(each)
    return build(brief, find_stock(brief.stock))


def words(b: Build) -> list[str]:
    return [str(s.words) for s in b.steps]


class Orders(unittest.TestCase):
    """Orders that practised hands follow (common practice)."""

    def assert_order(self, b: Build, *parts: str) -> None:
        said, at = words(b), -1
        for part in parts:
            found = next((i for i, w in enumerate(said) if part in w), None)
            self.assertIsNotNone(found, (part, said))
            self.assertGreaterEqual(found, at, (part, said))
            at = found

    def test_a_carton_that_opens_on_its_side_glues_end_tabs_before_the_caps_over_them(self) -> None:
        b = made("carton", {"opening": "side"})
        self.assert_order(b, "Crease every fold", "back left flap", "Fold the left end and the right end in",
                          "Bring the top over")
        self.assertIn("Glue the left end on the back left flap", " ".join(words(b)))
        # the side that opens stays loose: nothing is glued when it closes
        closing = next(s for s in b.steps if any(o.does is Does.FILL for o in s.operations))
        self.assertNotIn("Glue", str(closing.words))

    def test_a_carton_s_one_end_is_glued_while_the_other_is_open_and_filled_before_that_closes(self) -> None:
        self.assert_order(made("carton"), "Glue the left end", "front right flap", "Fill it first.",
                          "Tuck the right lip")

    def test_a_hanging_solid_has_its_thread_before_anything_closes_and_top_last(self) -> None:
        b = made("polyhedron")
        self.assert_order(b, "Crease every fold", "Put the thread", "Raise the", "Tuck the")
        thread = next(s for s in b.steps if "thread" in s.words)
        self.assertTrue(any(str(why).startswith("before ") for why in thread.because), thread.because)

    def test_a_pillow_is_windowed_flat_lapped_one_end_closed_filled_and_closed(self) -> None:
        b = made("pillow", {}, Opening("window", "front", width=20.0, height=15.0, window=True))
        self.assert_order(b, "Crease every fold", "Fix the patch", "Glue the front on the lap",
                          "front lower flap", "Fill it first.", "front upper flap")

    def test_a_pocket_with_gussets_glues_the_outer_pleats_only_and_closes_both_sides_together(self) -> None:
        b = made("pocket-gusset")
        self.assert_order(b, "left leaf 2", "right leaf 2",
                          "Glue the back on the left leaf 1 and the right leaf 1",
                          "Fold the front over flat",
                          "Glue the front on the left leaf 4 and the right leaf 4")
        self.assertNotIn("leaf 2.", " ".join(w for w in words(b) if w.startswith("Glue")))

    def test_a_wall_with_teeth_is_curled_then_one_side_glued_then_the_other(self) -> None:
        b = made("profile-wall")
        self.assert_order(b, "until it curls", "front teeth and the back teeth in", "Glue the front on",
                          "Glue the back on")
        self.assertEqual(sum("Glue the front on" in w for w in words(b)), 1)

    def test_a_recess_has_its_ring_closed_its_disc_in_and_then_comes_under_the_base(self) -> None:
        self.assert_order(made("ring-recess"), "until it curls", "Glue the floor on the floor teeth",
                          "Glue the collar on the rim teeth")

    def test_a_wrapper_is_pressed_before_it_is_glued_and_trimmed_last(self) -> None:
        b = made("wrapper", {"trim": 3.0})
        self.assert_order(b, "Press the creases", "Fill it first.", "Glue the two flaps of the fin",
                          "Press the fin", "Close both ends", "Cut the decorative edge")
        self.assertIn("it is cut when nothing moves any more", next(
            s.because for s in b.steps if "decorative" in s.words))

    def test_mats_are_glued_and_films_fixed_while_flat_before_any_rolling(self) -> None:
        flat = made("tray", {}, Overlay("front mat", "front"))
        self.assert_order(flat, "Crease every fold", "Glue the front mat on the front", "Raise the front")
        round_ = made("tube", {}, Opening("window", "wall", width=20.0, height=15.0, window=True))
        self.assert_order(round_, "Fix the patch", "until it curls")  # a film does not lie on a curve

    def test_a_bag_is_turned_and_strapped_first_and_filled_never(self) -> None:
        b = made("bag")
        self.assert_order(b, "Crease every fold", "over flat", "Put the straps",
                          "Glue the front on the corner tab", "Glue the back flap", "Glue the front flap")

    def test_a_roundabout_s_boxes_stand_before_sticks_column_and_roof_join_them(self) -> None:
        self.assert_order(made("strut-base"), "Raise the base wall 1", "Raise the canopy wall 1",
                          "Pass the lower tongues", "Push the sticks", "Glue the roof on the canopy")
        self.assert_order(made("strut-base"), "Slide the column a", "Pass the lower tongues")


class OwnOrder(unittest.TestCase):
    def test_steps_a_person_moves_stay_moved_and_what_they_break_is_said(self) -> None:
        b = made("carton")
        keys = [s.key for s in b.steps]
        swapped = [*keys]
        i, j = (next(k for k, s in enumerate(b.steps) if part in s.words)
                for part in ("Fold the front tab", "Bring the top over"))
        swapped[i], swapped[j] = swapped[j], swapped[i]
        own = build(replace(b.brief, order=tuple(swapped)), b.stock)
        self.assertEqual([s.key for s in own.steps], swapped)
        self.assertEqual([s.number for s in own.steps], list(range(1, len(keys) + 1)))
        broken = [why for s in own.steps for why in s.broken]
        self.assertTrue(any("the front tab is folded first" in why for why in broken), broken)
        # the rest is as it was, and keys that are no more do no harm
        strange = build(replace(b.brief, order=("nowhere/1", keys[0])), b.stock)
        self.assertEqual([s.key for s in strange.steps], keys)
        self.assertFalse(any(s.broken for s in strange.steps))

    def test_the_folded_thing_at_a_step_is_folded_as_far_as_the_plan_has_come(self) -> None:
        b = made("carton")
        for step in b.steps:
            moment = b.plan.moment(step.number)
            done = {(p, n) for p, some in moment.items() for n in some}
            self.assertEqual(done, {(o.piece, o.step) for s in b.steps[:step.number] for o in s.operations
                                    if o.does is Does.FOLD})
        self.assertEqual(b.plan.at(1.0), b.plan.moment(len(b.steps)))
        self.assertEqual(b.plan.step_at(0.0).number, b.plan.folding[0][2])


def changed(plan: Plan, change: Callable[[list[Step]], list[Step]]) -> Plan:
    """The plan with its steps changed, numbered anew."""
    return Plan(tuple(s._replace(number=n) for n, s in enumerate(change(list(plan.steps)), 1)))


def without(part: str) -> Callable[[list[Step]], list[Step]]:
    return lambda steps: [s for s in steps if part not in s.words]


def moved(part: str, after: str) -> Callable[[list[Step]], list[Step]]:
    def change(steps: list[Step]) -> list[Step]:
        step = next(s for s in steps if part in s.words)
        rest = [s for s in steps if s is not step]
        at = next(i for i, s in enumerate(rest) if after in s.words) + 1
        return [*rest[:at], step, *rest[at:]]
    return change


def shut_first(steps: list[Step]) -> list[Step]:
    """A carton whose right end is closed before its left end is glued."""
    for part, after in (("front right flap", "Bring the top over"), ("Fold the right lip",
                                                                     "front right flap"),
                        ("Fold the right end", "Fold the right lip"), ("front left flap",
                                                                       "Fold the right end"),
                        ("Fold the left lip", "front left flap"), ("Fold the left end", "Fold the left lip")):
        steps = moved(part, after)(steps)
    return steps


class Simulated(unittest.TestCase):
    @settings(max_examples=300 * len(recipes()) if os.environ.get("MINGEI_SOAK") else 60,
              suppress_health_check=list(HealthCheck))
    @given(st.sampled_from(sorted(recipes())).flatmap(changed_briefs))
    def test_any_build_is_built_from_its_plan_without_a_fault(self, any_build: tuple[Brief, Stock]) -> None:
        self.assertEqual([(f.code, str(f.sentence)) for f in simulate(build(*any_build))], [])

    def test_a_tooth_narrower_than_a_cell_of_space_is_reached_from_within(self) -> None:
        thin = Stock("thin", "Thin paper", 60, 0.08)
        wide = build(new_brief("profile-wall", {"outline": "round", "width": 800.0, "depth": 20.0,
                                                "tooth": 3.0, "lap": 3.0, "strip": 100.0, "smooth": 1.0},
                               thin), thin)
        self.assertEqual(simulate(wide), ())

    def test_what_shuts_a_joint_in_comes_after_it_where_a_person_holds_seams_another_way(self) -> None:
        # a pyramid whose last wall is glued instead of tucked in: its neighbour's joint first, then that wall
        brief = new_brief("pyramid", {"sides": 6.0, "across": 400.0, "height": 100.0, "tab": 4.0})
        changed = brief.with_seam(SeamChange("wall 2 tab", "tape")).with_seam(SeamChange("wall 6 tab", "tab"))
        built = build(changed, find_stock(brief.stock))
        words = [str(s.words) for s in built.plan.steps]
        first, last = (next(i for i, w in enumerate(words) if part in w)
                       for part in ("wall 2 on the wall 1 tab", "wall 1 on the wall 6 tab"))
        self.assertLess(first, last)
        self.assertEqual(simulate(built), ())
        # as the draft has it, in one go, it is found
        naive = plan(built.draft, Given(wet=True))
        self.assertIn("blind", {f.code for f in simulate(built, naive)})
        # nothing comes before its reasons, and all is there once
        at = {op.key: i for i, op in enumerate(op for s in built.plan.steps for op in s.operations)}
        self.assertEqual(len(at), sum(len(s.operations) for s in built.plan.steps))
        for s in built.plan.steps:
            self.assertEqual([r for op in s.operations for r in op.reasons
                              if at.get(r.before, -1) > at[op.key]], [])

    def test_impossible_and_foolish_plans_are_found_with_the_reason(self) -> None:
        tray = made("tray", {}, Overlay("front mat", "front"))
        solid, carton = made("polyhedron"), made("carton")
        for name, b, change, code in (
            ("a fold is left out", carton, without("Raise the front"), "not-folded"),
            ("a seam is left out", carton, lambda some: [s._replace(operations=tuple(
                o for o in s.operations if o.does is not Does.GLUE)) for s in some], "not-joined"),
            ("a step twice", carton, lambda some: [*some, some[1]], "twice"),
            ("a mat is left out", tray, without("front mat"), "not-covered"),
            ("a thread is left out", solid, without("Put the thread"), "not-put"),
            ("folded before it is creased", carton, moved("Crease every fold", "Raise the front"),
             "not-creased"),
            ("glued before it is folded", carton, moved("Fold the front tab", "Bring the top over"),
             "not-creased"),
            ("the thread after it is closed", solid, moved("Put the thread", "Tuck the"), "shut-out"),
            ("filled after it is closed", carton, lambda some: [
                *[s._replace(operations=tuple(o for o in s.operations if o.does is not Does.FILL))
                  for s in some],
                some[-1]._replace(operations=tuple(o for s in some for o in s.operations
                                                   if o.does is Does.FILL))], "shut-out"),
            ("one end folded shut before the other is glued", carton, shut_first, "blind"),
        ):
            with self.subTest(name):
                found = simulate(b, changed(b.plan, change))
                self.assertIn(code, {f.code for f in found}, found)
                self.assertTrue(all(str(f.sentence) for f in found))
                self.assertEqual(simulate(b), ())


if __name__ == "__main__":
    unittest.main()
