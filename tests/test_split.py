"""Pieces cut in two at a fold and joined by a tab: they stand where folding would have brought them, on every
stock."""

from __future__ import annotations

import io
import unittest
from contextlib import redirect_stderr, redirect_stdout
from dataclasses import replace

import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from PySide6.QtCore import QPoint

from mingei import cli
from mingei.core import check, joints
from mingei.core.amendments.opening import Opening, Shape
from mingei.core.amendments.split import Split, why_not
from mingei.core.covering.art import Art, Fill, printed
from mingei.core.document.build import Part, build
from mingei.core.document.data import from_data, to_data
from mingei.core.document.project import Brief, new_brief, new_project
from mingei.core.errors import MeasureError
from mingei.core.folded import fold
from mingei.core.folded.collide import collisions
from mingei.core.layout.place import arrange, loads_of
from mingei.core.layout.sheets import find_sheet
from mingei.core.recipes import recipes
from mingei.core.sizing.scale import scaled
from mingei.core.stock import Stock, find_stock
from mingei.formats import project_file
from mingei.formats.fold_json import fold_file
from tests.strategies import briefs
from tests.support import InFolder
from tests.windows import WindowTest, click, settle

CARD = find_stock("card-300")
#: Constructions that have a fold a piece can be cut at.
SPLIT = ("carton", "bin", "frustum-box", "lid-base", "prism", "pyramid", "sleeve", "tray", "envelope-box",
         "belly-band")


def cuttable(brief: Brief) -> list[str]:
    return [f.b.panel for p in brief.drafted.pieces for f in p.folds if not why_not(brief.drafted, f.b.panel)]


class Standing(unittest.TestCase):
    @given(st.sampled_from(SPLIT).flatmap(briefs), st.integers(0, 100))
    def test_cut_anywhere_it_closes_as_it_did_and_holds_what_was_asked(self, drawn: tuple[Brief, Stock],
                                                                       which: int) -> None:
        brief, stock = drawn
        panels = cuttable(brief)
        if not panels:
            return
        whole = build(brief, stock)
        apart = build(brief.with_split(panels[which % len(panels)], True), stock)
        self.assertEqual(len(apart.patterns), len(whole.patterns) + 1)
        for closure in apart.closures:
            self.assertTrue(closure.closes, closure)
        if whole.cavity is not None and apart.cavity is not None:
            np.testing.assert_allclose(apart.cavity.size, whole.cavity.size, atol=0.05)
        for pattern in apart.patterns:
            self.assertEqual(collisions(pattern), ())
        # what covers a tab steps out
        self.assertAlmostEqual(apart.outside[0], whole.outside[0], delta=6 * stock.caliper_mm)

    def test_the_panel_stands_where_the_fold_would_have_brought_it(self) -> None:
        brief = new_brief("frustum-box", stock=CARD)
        whole, apart = build(brief, CARD), build(brief.with_split("wall 3", True), CARD)
        name = "leaning box wall 3"
        stands = fold.finished(next(p for p in apart.patterns if p.name == name))["wall 3"]
        np.testing.assert_allclose(stands[:3, 2], fold.finished(whole.patterns[0])["wall 3"][:3, 2],
                                   atol=1e-9)

    def test_cut_at_every_fold_a_tray_is_five_pieces_and_still_closes(self) -> None:
        brief = new_brief("tray", stock=CARD)
        for panel in cuttable(brief):
            brief = brief.with_split(panel, True)
        made = build(brief, CARD)
        self.assertEqual(len(made.patterns), 5)
        self.assertTrue(all(c.closes for c in made.closures))
        self.assertFalse([f for f in check.run(made, find_sheet("A4")) if f.severity is check.Severity.ERROR])

    def test_no_recipe_breaks_when_it_is_cut_where_it_says_it_can_be(self) -> None:
        for recipe in recipes().values():
            brief = new_brief(recipe.id)
            stock = find_stock(brief.stock)
            for panel in dict.fromkeys(cuttable(brief)):
                made = build(brief.with_split(panel, True), stock)
                with self.subTest(recipe.id, panel=panel):
                    self.assertTrue(all(c.closes for c in made.closures))


class Cutting(unittest.TestCase):
    def test_what_is_too_large_in_one_piece_fits_in_two(self) -> None:
        brief = new_brief("tray", {"length": 190.0, "width": 130.0, "height": 60.0}, CARD)
        sheet = find_sheet("A4")
        self.assertTrue(arrange(loads_of("t", build(brief, CARD).patterns), sheet).too_large)
        for panel in ("front", "back", "left wall"):
            brief = brief.with_split(panel, True)
        self.assertFalse(arrange(loads_of("t", build(brief, CARD).patterns), sheet).too_large)

    def test_where_it_cannot_be_cut_the_reason_is_said(self) -> None:
        for recipe, panel, word in (("pillow", "back 1", "one face|one piece"),
                                    ("wrapper", "left side", "one piece"),
                                    ("tray", "base", "no fold"), ("tray", "nothing", "no fold"),
                                    ("cone", "face 2", "one face|no fold")):
            brief = new_brief(recipe)
            with self.subTest(recipe), self.assertRaisesRegex(MeasureError, word):
                brief.with_split(panel, True)

    def test_joined_again_it_is_as_it_was(self) -> None:
        brief = new_brief("carton", stock=CARD)
        self.assertEqual(brief.with_split("front", True).with_split("front", False), brief)

    def test_windows_artwork_and_seams_stay_with_the_panel(self) -> None:
        brief = new_brief("carton", stock=CARD).with_opening(Opening("window", "front", Shape.ROUND, 8.0))
        brief = brief.with_art(Art("a", "carton", "front", source="none.png", fill=Fill.COVER)).with_split(
            "front", True)
        made = build(brief, CARD)
        piece = next(p for p in made.patterns if "front" in p.by_name)
        self.assertNotEqual(piece.name, "carton")
        self.assertEqual(len(piece.by_name["front"].holes), 1)
        self.assertIn(piece, printed(brief.arts, made.patterns, {}))
        from mingei.core.amendments.amend import SeamChange

        held = SeamChange("front join", joints.TAPE.word)
        taped = build(replace(brief, amendments=(*brief.amendments, held)), CARD)
        self.assertNotIn("front join", {p.name for pattern in taped.patterns for p in pattern.panels})

    def test_file_scale_and_fold_know_it(self) -> None:
        brief = new_brief("tray", stock=CARD).with_split("front", True)
        project = new_project(brief)
        self.assertEqual(from_data(to_data(project)), project)
        self.assertEqual(scaled(brief, 1.5).splits, ("front",))
        self.assertIn("front join", str(fold_file(build(brief, CARD))))

    def test_measures_that_leave_no_fold_to_cut_leave_it_whole(self) -> None:
        brief = replace(new_brief("tray", stock=CARD), amendments=(Split("no such wall"),))
        self.assertEqual(len(build(brief, CARD).patterns), 1)


class CommandLine(InFolder):
    def test_a_project_begins_with_a_panel_cut_off(self) -> None:
        path = self.folder / "x.mingei"
        with redirect_stdout(io.StringIO()):
            self.assertEqual(cli.main(["new", "tray", "--split", "front", "-o", str(path)]), 0)
        self.assertEqual(project_file.load(path).briefs[0].splits, ("front",))
        with redirect_stderr(io.StringIO()) as said:
            self.assertEqual(cli.main(["new", "tray", "--split", "base", "-o",
                                       str(self.folder / "y.mingei")]), 2)
        self.assertIn("base", said.getvalue())


class InTheWindow(WindowTest):
    demo = False

    def test_a_panel_is_cut_off_selected_still_and_joined_again(self) -> None:
        document = self.window.document
        document.set_recipe("tray")
        self.window.go("draft")
        start = document.project
        document.select(Part("tray", "front"))
        settle()
        card = self.window.draft().openings
        self.assertTrue(card.apart.isVisible())
        click(card.apart, QPoint(8, card.apart.height() // 2))
        self.assertEqual([p.name for p in document.build.patterns], ["tray", "tray front"])
        self.assertEqual(document.selection, Part("tray front", "front"))
        settle()
        self.assertTrue(card.apart.isChecked())
        click(card.apart, QPoint(8, card.apart.height() // 2))
        self.assertEqual(len(document.build.patterns), 1)
        document.undo.undo()
        document.undo.undo()
        self.assertEqual(document.project, start)
        document.select(Part("tray", "base"))
        settle()
        self.assertFalse(card.apart.isVisible())


if __name__ == "__main__":
    unittest.main()
