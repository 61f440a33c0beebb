"""A plan accounts for all that is at the table, over all constructions and their options; and it asks for
nothing that a hand cannot do any more."""

from __future__ import annotations

import itertools
import os
import unittest
from collections.abc import Iterator
from dataclasses import replace

from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from mingei.core.amendments.opening import Opening, Shape, Takes
from mingei.core.check.accounts import forgotten
from mingei.core.document.build import Build, build
from mingei.core.document.project import Brief, new_brief
from mingei.core.document.table import Table, table
from mingei.core.errors import MingeiError
from mingei.core.plan.making import USUAL
from mingei.core.plan.operation import Does
from mingei.core.recipes import Kind, Recipe, recipes
from mingei.core.stock import Stock, find_stock
from tests.strategies import changed_briefs

#: What a choice may be called when it only draws another outline, or looks otherwise: one of them will do.
_MOST_OF_A_CHOICE = 6


def _options(recipe: Recipe) -> Iterator[dict[str, str]]:
    """Every way of choosing."""
    choices = [[(m.name, value) for value, _ in m.choices] for m in recipe.measures
               if m.kind is Kind.CHOICE and len(m.choices) <= _MOST_OF_A_CHOICE]
    for chosen in itertools.product(*choices):
        yield dict(chosen)


def _made(recipe_id: str, **values: str) -> Build:
    brief = new_brief(recipe_id, values)
    return build(brief, find_stock(brief.stock))


def _order(made: Build, *words: str) -> list[int]:
    """The numbers of the steps in which these words stand first."""
    found = []
    for each in words:
        numbers = [s.number for s in made.plan.steps if each in str(s.words)]
        assert numbers, (each, [str(s.words) for s in made.plan.steps])
        found.append(numbers[0])
    return found


class AllIsUsed(unittest.TestCase):
    def test_every_piece_part_and_adhesive_of_every_construction_is_used_in_one_step(self) -> None:
        seen = 0
        for recipe in recipes().values():
            if recipe.id in ("mask", "mesh"):  # their options are looks of one body
                continue
            for values in _options(recipe):
                try:
                    made = _made(recipe.id, **values)
                except MingeiError:
                    continue
                seen += 1
                self.assertEqual(list(forgotten(table(made, USUAL))), [], (recipe.id, values))
        self.assertGreater(seen, 150)

    @settings(max_examples=2000 if os.environ.get("MINGEI_SOAK") else 60, deadline=None,
              suppress_health_check=list(HealthCheck))
    @given(st.sampled_from(sorted(recipes())).flatmap(changed_briefs))
    def test_so_it_is_whatever_was_changed_by_hand(self, any_build: tuple[Brief, Stock]) -> None:
        self.assertEqual(list(forgotten(table(build(*any_build), USUAL))), [])

    def test_two_parts_of_one_name_on_one_panel_are_each_glued_in_their_own_step(self) -> None:
        brief = new_brief("tray")
        for number, x in enumerate((-20.0, 20.0)):
            brief = brief.with_opening(Opening(f"hole {number}", "base", Shape.ROUND, 5.0, x=x,
                                               takes=Takes.STICK))
        made = table(build(brief, find_stock(brief.stock)), USUAL)
        put = [s for s in made.steps if "stick" in str(s.words)]
        self.assertEqual([[h.name for h in made.needs(s).held] for s in put], [["stick"], ["stick"]])

    def test_a_mask_s_band_is_used(self) -> None:
        self.assertEqual(list(forgotten(table(_made("mask"), USUAL))), [])

    def test_what_a_recipe_forgets_is_named(self) -> None:
        made = _made("bag")
        cards = table(_with(made, handwork=()), USUAL)
        self.assertLessEqual({"bottom card", "front card", "back card"},
                             {place for place, _ in forgotten(cards)})
        tray = _made("tray", handle="strip")
        pieces = tuple(replace(p, laps=()) for p in tray.draft.pieces)
        loose = table(_with(tray, pieces=pieces), USUAL)
        self.assertIn("handle left end", {place for place, _ in forgotten(loose)})
        wrapper = _made("wrapper")
        bare = tuple(h._replace(glue_mm2=0.0) for h in wrapper.draft.handwork)
        self.assertEqual(len(list(forgotten(table(_with(wrapper, handwork=bare), USUAL)))), 1)

    def test_what_is_bought_and_never_put_in_is_named(self) -> None:
        made = table(_made("bag"), USUAL)
        steps = tuple(s for s in made.plan.steps if "straps" not in str(s.words))
        short = Table(made.build, replace(made.plan, steps=steps), made.held, made.stages, made.dry_min,
                      made.used_in)
        self.assertIn("strap", {place for place, _ in forgotten(short)})


def _with(made: Build, **changed: object) -> Build:
    """The same with another draft: what a recipe that forgets something would give."""
    return replace(made, draft=replace(made.draft, **changed))  # type: ignore[arg-type]


class InAnOrderThatCanBeDone(unittest.TestCase):
    """Orders that practised hands follow (common practice)."""

    def follows(self, made: Build, *words: str) -> None:
        order = _order(made, *words)
        self.assertEqual(order, sorted(set(order)), [f"{s.number} {s.words}" for s in made.plan.steps])

    def test_a_liner_goes_in_flat_and_the_envelope_stays_open_till_it_is_filled(self) -> None:
        made = _made("envelope-diagonal", liner="liner")
        self.follows(made, "Glue the liner", "Fold the left flap", "Glue the bottom flap", "Fill it first")
        moves = [op for s in made.plan.steps for op in s.operations if "liner flap" in op.moves]
        closing = next(s for s in made.plan.steps if "closing flap" in s.panels)
        self.assertEqual([op in closing.operations for op in moves], [True])

    def test_tongues_are_bent_when_they_are_through_and_sticks_go_in_under_no_roof(self) -> None:
        self.follows(_made("strut-base"), "Slide the column a", "Pass the lower tongues",
                     "column a tongues in", "Glue the bent tongues", "Push the sticks", "roof on the canopy")

    def test_a_cabinet_grows_on_one_side_and_is_closed_by_the_other(self) -> None:
        for ends in ("butted", "housed", "tongued"):
            made = _made("cabinet", ends=ends, doors="one")
            numbers = [s.number for s in made.plan.steps if "shelf" in str(s.words) and "right side" not in
                       str(s.words)]
            self.assertEqual(len(numbers), 3)
            (right,) = [s.number for s in made.plan.steps if "right side" in str(s.words)
                        and "shelf 1" in str(s.words)]
            self.assertGreater(right, max(numbers))
            self.assertLess(right, _order(made, "of the top to")[0])

    def test_boards_are_laid_on_the_wrap_and_linings_on_the_boards(self) -> None:
        self.follows(_made("album"), "and the back board on the wrap", "turn in and rub down",
                     "Glue the front lining on the front board")

    def test_a_strip_is_curled_before_its_teeth_and_its_ring_closed_after_the_first_face(self) -> None:
        for recipe in ("profile-wall", "limb"):
            made = _made(recipe)
            self.follows(made, "Draw the side 1", "teeth", "Glue the front on", "lap", "Glue the back on")
        self.follows(_made("ring-recess"), "Draw the wall", "Fold the floor teeth")

    def test_a_flat_face_gets_its_overlay_before_it_is_glued_on_teeth(self) -> None:
        self.follows(_made("profile-wall", overlay="all"), "Glue the front overlay on the front",
                     "Glue the front on the front teeth")

    def test_covers_of_seat_back_and_wings_are_drawn_on_before_their_linings(self) -> None:
        made = _made("stool", back="wings")
        for name in ("seat", "seat back", "seat left wing", "seat right wing"):
            self.follows(made, f"Draw the {name} cover", f"{name} lining on")

    def test_a_bag_s_top_is_turned_glued_and_strapped_before_the_bag_is_closed(self) -> None:
        for card in ("stiff", "plain"):
            made = _made("bag", card=card)
            top = next(s for s in made.plan.steps if "right side front turn on" in str(s.words))
            self.assertIn("over flat", str(top.words))
            self.assertTrue(table(made, USUAL).needs(top).held)
            self.follows(made, "right side front turn on", "straps", "Glue the front on the corner tab")

    def test_a_film_is_fixed_before_its_panel_is_curled(self) -> None:
        brief = new_brief("pillow")
        name = next(iter(build(brief, find_stock(brief.stock)).openable))
        brief = brief.with_opening(Opening("window", name, window=True))
        made = build(brief, find_stock(brief.stock))
        self.follows(made, "Fix the patch", "over a rounded edge")

    def test_a_motif_hangs_by_a_hole_of_its_own(self) -> None:
        for motif in ("star", "heart", "drop", "leaf", "round"):
            made = _made("wreath", motif=motif)
            piece = next(p for p in made.patterns if p.name == "motif")
            self.assertEqual(len(piece.cuts), 2)

    def test_built_up_and_glued_work_waits_for_nothing_that_comes_after(self) -> None:
        for recipe in recipes().values():
            made = _made(recipe.id) if recipe.id != "mesh" else None
            for step in made.plan.steps if made else ():
                self.assertEqual(step.broken, (), recipe.id)
                self.assertFalse(Does.WAIT in step.does and step.number < len(made.plan.steps))


if __name__ == "__main__":
    unittest.main()
