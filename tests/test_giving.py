"""Measures that give way to one another, and the number that would do where none does."""

from __future__ import annotations

import unittest

from PySide6.QtCore import QPointF

from mingei.app.dimensions import dimensions
from mingei.core.check import run
from mingei.core.document.build import build
from mingei.core.document.project import new_brief
from mingei.core.errors import MeasureError
from mingei.core.layout.sheets import find_sheet
from mingei.core.recipes import Values, find_recipe, recipes
from mingei.core.recipes.giving import Span, settled
from mingei.core.stock import find_stock
from tests.windows import WindowTest, settle


def _no_wider_than_half(values: Values) -> None:
    if float(values["flap"]) > float(values["width"]) / 2:
        raise MeasureError("so wide a flap meets its fellow", "flap", "make it narrower")


SPANS = (Span("width", 10.0, 100.0, 40.0), Span("flap", 1.0, 100.0, 10.0))


class Giving(unittest.TestCase):
    def test_what_holds_together_is_left_as_it_was_asked(self) -> None:
        asked = (("width", 40.0), ("flap", 20.0))
        self.assertEqual(settled(_no_wider_than_half, SPANS, ("flap",), asked), dict(asked))

    def test_what_gives_way_goes_as_far_as_it_must_and_no_further(self) -> None:
        made = settled(_no_wider_than_half, SPANS, ("flap",), (("width", 43.0), ("flap", 80.0)))
        self.assertEqual(made, {"width": 43.0, "flap": 21.5})

    def test_where_nothing_gives_way_the_number_that_would_do_is_named(self) -> None:
        with self.assertRaises(MeasureError) as caught:
            settled(_no_wider_than_half, SPANS, (), (("width", 40.0), ("flap", 80.0)))
        self.assertEqual(caught.exception.instead, ("flap", 20.0))

    def test_every_number_named_does(self) -> None:
        asked = (
            ("pyramid", {"height": 20.0, "across": 300.0}),
            ("cone", {"foot": 60.0, "rim": 60.0}),
            ("card-stand", {"height": 40.0, "width": 200.0, "top": "arched"}),
            ("envelope-diagonal", {"width": 260.0, "height": 74.0}),
        )
        for recipe_id, values in asked:
            recipe = find_recipe(recipe_id)
            with self.assertRaises(MeasureError) as caught:
                recipe.accept(values)
            assert caught.exception.instead is not None
            name, value = caught.exception.instead
            recipe.accept({**values, name: value})
            self.assertIn(recipe.measure(name).title.lower(), str(caught.exception))

    def test_what_each_recipe_says_gives_way_is_a_measure_of_it(self) -> None:
        for recipe in recipes().values():
            for name in recipe.gives:
                recipe.measure(name)

    def test_what_gave_way_is_said_and_can_be_written_back(self) -> None:
        brief = new_brief("lid-base", {"height": 40.0, "lid": 60.0})
        (found,) = [f for f in run(build(brief, find_stock(brief.stock)), find_sheet("A3")) if f.code
                    == "gave-way"]
        self.assertIn("60 mm", found.sentence)
        assert found.fix is not None and found.fix.brief is not None
        kept = found.fix.brief
        self.assertLessEqual(float(kept.values["lid"]), 40.0)
        self.assertEqual([f for f in run(build(kept, find_stock(brief.stock)), find_sheet("A3")) if f.code
                          == "gave-way"], [])

    def test_it_comes_back_as_soon_as_there_is_room(self) -> None:
        brief = new_brief("lid-base", {"height": 40.0, "lid": 60.0}).with_measure("height", 80.0)
        self.assertEqual(find_recipe("lid-base").settled(brief.values)["lid"], 60.0)


class InTheWindow(WindowTest):
    def test_a_refused_length_offers_what_would_do_at_one_press(self) -> None:
        self.window.go("draft")
        document = self.window.document
        document.set_recipe("envelope-diagonal")
        settle()
        field = self.window.draft().measures.lengths["height"]
        document.set_measure("width", 210.0)
        before = document.brief
        field.edited.emit(40.0)
        self.assertEqual(document.brief, before)
        self.assertFalse(field.reason.isHidden())
        self.assertFalse(field.refusal.press.isHidden())
        field.refusal.press.click()
        settle()
        self.assertNotEqual(document.brief, before)
        self.assertTrue(field.reason.isHidden())
        document.undo.undo()
        self.assertEqual(document.brief, before)

    def test_the_drawing_is_marked_with_what_is_made(self) -> None:
        self.window.go("draft")
        document = self.window.document
        document.set_recipe("lid-base")
        document.set_measure("lid", 200.0)
        settle()
        said = {d.measure: d.words for d in dimensions(document.build, "mm", lambda p: QPointF(*p))}
        self.assertEqual(said["lid"], f"{document.brief.made['lid']:g} mm")
        self.assertNotEqual(said["lid"], "200 mm")

    def test_a_refused_choice_and_a_refused_count_say_why(self) -> None:
        self.window.go("draft")
        measures, document = self.window.draft().measures, self.window.document
        document.set_recipe("card-stand")
        document.set_measures({"height": 40.0, "width": 200.0, "kind": "prop", "top": "straight"}, "height")
        settle()
        before, top = document.brief, measures.choices["top"]
        top.chosen.emit("arched")
        self.assertEqual(document.brief, before)
        self.assertEqual(top.value, "straight")
        self.assertIn("no room for its top", top.refusal.words.text())
        top.refusal.press.click()
        self.assertEqual(document.brief.values["top"], "arched")
        self.assertGreater(float(document.brief.values["height"]), 40.0)
        self.assertTrue(top.refusal.words.isHidden())



if __name__ == "__main__":
    unittest.main()
