"""What could be made for a thing: which constructions take it, with what room, in what order; chosen and
compared in the window."""

from __future__ import annotations

import io
import json
import unittest
from contextlib import redirect_stderr, redirect_stdout

from hypothesis import given
from hypothesis import strategies as st
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication

from mingei import cli
from mingei.app.comparing import CompareDialog
from mingei.core.document.data import from_data, to_data
from mingei.core.document.project import Need, new_brief, new_project
from mingei.core.errors import MeasureError, ProjectError
from mingei.core.layout.place import fits
from mingei.core.layout.sheets import find_sheet
from mingei.core.recipes import find_recipe, recipes
from mingei.core.sizing.offer import fitted, for_need, offer, offers
from mingei.core.stock import find_stock
from tests.windows import WindowTest, click, settle, wait_for, write

CARD, A4 = find_stock("card-300"), find_sheet("A4")


class Offers(unittest.TestCase):
    @given(st.floats(20, 400), st.floats(20, 300), st.floats(0.2, 120))
    def test_every_offer_takes_the_thing_with_room_to_spare(self, long: float, wide: float,
                                                            thick: float) -> None:
        need = Need(long, wide, thick)
        for made in offers(need, CARD, A4):
            cavity = made.build.cavity
            if cavity is not None:
                for room, mm in zip(sorted(cavity.size), sorted(need), strict=True):
                    self.assertGreaterEqual(room, mm + 0.9, made.recipe.id)
            self.assertEqual(made.fits, all(fits(p, A4) is not None for p in made.build.patterns))

    def test_what_fits_the_sheet_comes_first_and_then_what_is_of_the_stock_asked_for(self) -> None:
        found = offers(Need(140.0, 32.0, 18.0), CARD, A4)
        ranks = [(not o.fits, not o.usual, o.sheets, o.build.area_mm2) for o in found]
        self.assertEqual(ranks, sorted(ranks))
        self.assertIn("carton", [o.recipe.id for o in found])

    def test_an_envelope_for_a_card_has_the_usual_play(self) -> None:
        made = offer(find_recipe("envelope-side"), Need(5.5 * 25.4, 4.25 * 25.4, 0.5), find_stock("copy-80"),
                     A4)
        front = made.build.draft_box("front")
        # about a quarter inch along and an eighth across (common practice)
        self.assertAlmostEqual(front.width - 5.5 * 25.4, 6.0)
        self.assertAlmostEqual(front.height - 4.25 * 25.4, 3.0)

    def test_a_card_with_a_decoration_of_9_mm_asks_for_a_box_envelope(self) -> None:
        found = {o.recipe.id: o for o in offers(Need(148.0, 105.0, 9.0), find_stock("card-160"),
                                                find_sheet("A3"))}
        self.assertNotIn("envelope-side", found)
        self.assertNotIn("pocket-gusset", found)
        cavity = found["envelope-box"].build.cavity
        assert cavity is not None
        self.assertGreaterEqual(cavity.size[2], 9.0)

    def test_a_bag_is_roomy_and_other_things_are_refused(self) -> None:
        self.assertEqual(fitted(find_recipe("bag"), Need(60.0, 40.0, 5.0)),
                         {"height": 120.0, "width": 52.0, "depth": 17.0})
        for recipe, need in (("wreath", Need(50.0, 50.0, 5.0)), ("folder", Need(200.0, 100.0, 9.0))):
            with self.subTest(recipe), self.assertRaises(MeasureError):
                fitted(find_recipe(recipe), need)

    def test_a_brief_follows_its_thing_and_a_construction_that_takes_none_only_notes_it(self) -> None:
        need = Need(100.0, 50.0, 20.0)
        self.assertEqual(for_need(new_brief("carton"), need).values["length"], 101.0)
        noted = for_need(new_brief("wreath"), need)
        self.assertEqual((noted.need, noted.measures), (need, new_brief("wreath").measures))
        with self.assertRaises(MeasureError):
            for_need(new_brief("carton"), Need(-1.0, 5.0, 5.0))

    def test_every_recipe_names_measures_it_has(self) -> None:
        for recipe in recipes().values():
            for name, _ in recipe.takes:
                if name:
                    recipe.measure(name)

    def test_the_file_keeps_what_must_fit_and_refuses_nonsense(self) -> None:
        project = new_project(new_brief("carton").with_need(Need(100.0, 50.0, 20.0)))
        data = to_data(project)
        self.assertEqual(from_data(data), project)
        for bad in ([1, 2], ["x", 1, 1], [1, 1, -1], "no"):
            data["briefs"][0]["need"] = bad
            with self.subTest(bad), self.assertRaises(ProjectError):
                from_data(data)

    def test_the_command_line_lists_them(self) -> None:
        out = io.StringIO()
        with redirect_stdout(out):
            self.assertEqual(cli.main(["offers", "5 1/2 in", "32", "18", "--json"]), 0)
        found = json.loads(out.getvalue())
        self.assertEqual({"carton", "tray"} - {o["recipe"] for o in found}, set())
        self.assertTrue(all(o["sheets"] >= 1 for o in found))
        for bad in (["offers", "0", "10", "1"], ["offers", "-5", "10", "1"], ["offers", "10", "10", "x"]):
            with self.subTest(bad), redirect_stderr(io.StringIO()) as said:
                self.assertEqual(cli.main(bad), 2)
            self.assertEqual(len(said.getvalue().strip().splitlines()), 1)


class InTheWindow(WindowTest):
    def setUp(self) -> None:
        super().setUp()
        self.document = self.window.document
        self.window.go("brief")
        self.station = self.window.stations["brief"]
        settle()

    def test_what_must_fit_is_written_and_the_construction_follows(self) -> None:
        self.document.set_recipe("carton")
        start = self.document.project
        for key, text in (("long", "90"), ("wide", "60"), ("thick", "30")):
            write(self.station.need.fields[key], text)
        self.assertEqual(self.document.brief.need, Need(90.0, 60.0, 30.0))
        self.assertEqual([self.document.brief.values[n] for n in ("length", "width", "height")],
                         [91.0, 61.0, 31.0])
        wait_for(lambda: "tray" in self.station.offers and not self.station._waiting)
        self.assertIn("\n", self.station.recipes["tray"].text())  # a word on the paper it asks for
        self.assertNotIn("\n", self.station.recipes["wreath"].text())
        while self.document.undo.canUndo() and self.document.project != start:
            self.document.undo.undo()
        self.assertEqual(self.document.brief.need, start.briefs[0].need)

    def test_the_largest_card_for_an_envelope_is_taken_by_the_envelopes_name(self) -> None:
        self.document.set_recipe("tray")
        write(self.station.need.fields["thick"], "9")
        named = self.station.need.named
        index = named.findText("what goes into a C6 envelope")
        named.setCurrentIndex(index)
        named.activated.emit(index)
        # C6 is 162 x 114 (ISO 269), less a quarter and an eighth of an inch (common practice) and the
        # thickness
        self.assertEqual(self.document.brief.need,
                         Need(round(162 - 6.35 - 9, 2), round(114 - 3.175 - 9, 2), 9.0))

    def test_a_stack_of_sheets_is_written_as_so_many(self) -> None:
        caliper = self.document.project.stock_of(self.document.brief).caliper_mm
        write(self.station.need.fields["thick"], "=20*sheet")
        self.assertAlmostEqual(self.document.brief.need.thick, 20 * caliper)

    def test_an_offer_is_taken_and_undone(self) -> None:
        self.document.set_need(Need(90.0, 60.0, 30.0))
        wait_for(lambda: "tray" in self.station.offers and not self.station._waiting)
        click(self.station.recipes["tray"])
        self.assertEqual((self.document.brief.recipe, self.document.brief.values["length"]), ("tray", 91.0))
        self.document.undo.undo()
        self.assertNotEqual(self.document.brief.recipe, "tray")

    def test_a_thing_the_construction_does_not_take_is_said_and_still_noted(self) -> None:
        self.document.set_recipe("envelope-side")
        self.document.set_need(Need(148.0, 105.0, 0.5))
        write(self.station.need.fields["thick"], "40")
        self.assertEqual(self.document.brief.need.thick, 40.0)
        self.station.need.judge()
        self.assertTrue(self.station.need.refusal.isVisible())

    def test_sizes_written_one_by_one_are_judged_together_when_the_hand_rests(self) -> None:
        # a pillow for a soap: its thickness, written first, fits nothing yet
        self.document.set_recipe("envelope-side")
        need = self.station.need
        for key, text in (("thick", "40"), ("wide", "10"), ("long", "20")):
            write(need.fields[key], text)
            self.assertFalse(need.refusal.isVisible())
            self.assertTrue(need.fields[key].reason.isHidden())
        wait_for(need.refusal.isVisible)
        write(need.fields["thick"], "0.5")
        for key, text in (("long", "148"), ("wide", "105")):
            write(need.fields[key], text)
        wait_for(lambda: not need.refusal.isVisible())
        self.assertEqual(self.document.brief.need, Need(148.0, 105.0, 0.5))

    def test_half_a_number_is_no_mistake_and_a_whole_one_clears_what_was_said(self) -> None:
        field = self.station.need.fields["long"]
        field.line.setFocus()
        field.line.selectAll()
        QTest.keyClicks(field.line, "7 1/4 i")
        self.assertTrue(field.reason.isHidden())
        wait_for(lambda: not field.reason.isHidden())  # the hand rests
        QTest.keyClicks(field.line, "n")
        self.assertTrue(field.reason.isHidden())
        self.assertAlmostEqual(self.document.brief.need.long, 7.25 * 25.4)

    def test_the_card_for_outside_sizes_comes_back_after_a_construction_without_them(self) -> None:
        self.assertTrue(self.station.outside.isVisible())
        self.document.set_recipe("wreath")
        self.assertFalse(self.station.outside.isVisible())
        self.document.set_recipe("tray")
        self.assertTrue(self.station.outside.isVisible())

    def test_another_project_is_not_searched_for_what_was_looked_for_before(self) -> None:
        self.station.finding.field.setText("mask")
        shown = len(self.station._order)
        self.document.open(new_project(new_brief("tray"), "Other"))
        self.assertEqual(self.station.finding.words, "")
        self.assertGreater(len(self.station._order), shown)

    def test_a_name_that_only_named_the_construction_follows_it_and_ones_own_stays(self) -> None:
        self.document.open(new_project(new_brief("carton", {"length": 155.0}), "Other"))
        self.document.set_recipe("cabinet")
        brief = self.document.brief
        self.assertEqual(brief.name, find_recipe("cabinet").title)
        usual = find_recipe("cabinet").accept({})
        written = {n for n, v in brief.measures if v != usual[n]}
        self.assertLessEqual(written, {"length"})  # what nobody wrote is not carried along
        self.document.set_name("For the maps")
        self.document.set_recipe("tray")
        self.assertEqual(self.document.brief.name, "For the maps")

    def test_three_are_compared_and_one_is_taken(self) -> None:
        self.document.set_need(Need(90.0, 60.0, 30.0))
        wait_for(lambda: len(self.station.offers) > 2 and not self.station._waiting)
        click(self.station.compare)
        settle()
        dialog = next(w for w in QApplication.topLevelWidgets() if isinstance(w, CompareDialog)
                      and w.isVisible())
        self.assertEqual(len(dialog.chosen), 3)
        titles = [o.recipe.title for o in dialog.offers]
        dialog.chosen[0].setCurrentIndex(titles.index("Tray"))
        self.assertIn("cm²", dialog.cells[0][2].text())
        click(dialog.takes[0])
        self.assertEqual(self.document.brief.recipe, "tray")
        settle()


if __name__ == "__main__":
    unittest.main()
