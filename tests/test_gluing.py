"""Glued wet or with tape: tabs as deep as the tape is wide, tape that fits, how much of it."""

from __future__ import annotations

import math
import tempfile
import unittest
from dataclasses import replace
from pathlib import Path

from mingei import cli
from mingei.core import check
from mingei.core.check import run
from mingei.core.document.build import Build, build
from mingei.core.document.data import from_data, to_data
from mingei.core.document.project import TAPES_MM, Brief, new_brief, new_project
from mingei.core.document.table import holds_of
from mingei.core.draft.joint import Adhesive
from mingei.core.errors import MeasureError, ProjectError
from mingei.core.kinds.hold import Hold
from mingei.core.layout.sheets import find_sheet
from mingei.core.recipes import recipes
from mingei.core.stock import find_stock
from mingei.formats import project_file
from tests.windows import WindowTest, wait_for


def made(brief: Brief) -> Build:
    return build(brief, find_stock(brief.stock))


def strips(build: Build) -> list[float]:
    return [mm for held in holds_of(build) for mm in held.strips_mm]


def codes(brief: Brief) -> list[str]:
    return [f.code for f in check.run(made(brief), find_sheet("A2"))]


class Tape(unittest.TestCase):
    def test_tabs_are_made_as_deep_as_the_tape_is_wide(self) -> None:
        for recipe in recipes().values():
            usual = new_brief(recipe.id)
            if "tab" not in usual.values:
                continue
            limits = recipe.measure("tab")
            for width in TAPES_MM:
                with self.subTest(recipe=recipe.id, width=width):
                    self.assertEqual(usual.with_tape(width).values["tab"],
                                     max(limits.minimum, min(limits.maximum, width)))
            self.assertEqual(usual.with_tape(10.0).with_tape(0.0), usual)

    def test_no_other_width_is_taken(self) -> None:
        self.assertRaises(MeasureError, new_brief("tray").with_tape, 7.0)

    def test_the_strips_are_as_long_as_the_hinges_less_a_millimetre_at_each_end(self) -> None:
        tray = new_brief("tray", {"height": 25.0}).with_tape(10.0)
        self.assertEqual([round(mm, 6) for mm in strips(made(tray))], [23.0] * 4)
        self.assertIn("tape", codes(tray))
        self.assertNotIn("tape", codes(tray.with_tape(0.0)))

    def test_a_seam_a_person_glues_wet_takes_no_tape(self) -> None:
        tray = new_brief("tray", {"height": 25.0}).with_tape(10.0)
        self.assertEqual(len(strips(made(tray.amended(Hold("front left tab", "wet glue"))))), 3)

    def test_the_check_asks_for_the_tape_the_plan_uses(self) -> None:
        tray = replace(new_brief("tray", {"height": 25.0}).with_tape(10.0), copies=2)
        (said,) = [f for f in check.run(made(tray), find_sheet("A2")) if f.code == "tape"]
        self.assertIn("8 strips", str(said))
        self.assertIn("184 mm", str(said))

    def test_tape_wider_than_a_tab_is_found(self) -> None:
        tray = new_brief("tray").with_tape(13.0)
        self.assertNotIn("tape-wide", codes(tray))
        self.assertIn("tape-wide", codes(tray.with_measure("tab", 6.0)))

    def test_rows_of_teeth_are_not_taped(self) -> None:
        ring = new_brief("ring-recess").with_tape(10.0)
        self.assertIn("tape-teeth", codes(ring))
        rows = {s.row for p in made(ring).patterns for s in p.seams if s.row}
        self.assertTrue(rows)
        self.assertEqual({h.adhesive for h in holds_of(made(ring)) if h.name in rows}, {Adhesive.WET})

    def test_it_goes_through_the_file(self) -> None:
        project = new_project(new_brief("tray").with_tape(16.0))
        self.assertEqual(from_data(to_data(project)), project)
        data = to_data(project)
        for wrong in (7, -1, "wide", None, [6], True, math.inf):
            data["briefs"][0]["tape_mm"] = wrong
            with self.subTest(wrong=wrong):
                self.assertRaises(ProjectError, from_data, data)

    def test_the_command_line_takes_it_and_a_tab_of_ones_own(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / "t.mingei"
            self.assertEqual(cli.main(["new", "tray", "--tape", "13", "-o", str(path)]), cli.OK)
            self.assertEqual(project_file.load(path).briefs[0].values["tab"], 13.0)
            self.assertEqual(cli.main(["new", "tray", "--tape", "13", "--set", "tab=9", "-o", str(path)]),
                             cli.OK)
            (brief,) = project_file.load(path).briefs
            self.assertEqual((brief.tape_mm, brief.values["tab"]), (13.0, 9.0))
            self.assertNotEqual(cli.main(["new", "tray", "--tape", "7", "-o", str(path)]), cli.OK)


class InTheWindow(WindowTest):
    def test_the_adhesive_is_chosen_with_the_stock_and_undone(self) -> None:
        self.window.go("draft")
        document, card = self.window.document, self.window.draft().stock
        before = document.brief
        index = card.adhesive.findData(13.0)
        card.adhesive.setCurrentIndex(index)
        card.adhesive.activated.emit(index)
        self.assertEqual((document.brief.tape_mm, document.brief.values["tab"]), (13.0, 13.0))
        wait_for(lambda: any(f.code == "tape" for f in run(document.build, document.project.paper)))
        document.undo.undo()
        self.assertEqual(document.brief, before)
        self.assertEqual(card.adhesive.currentData(), 0.0)
