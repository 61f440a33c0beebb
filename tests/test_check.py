"""Checks: what must be found is found, what is sound is left alone."""

from __future__ import annotations

import math
import unittest
from dataclasses import replace
from unittest import mock

from mingei.core import check
from mingei.core.check import Severity
from mingei.core.document.build import Build, build
from mingei.core.document.project import new_brief
from mingei.core.layout.sheets import find_sheet
from mingei.core.recipes import recipes
from mingei.core.stock import Grain, Stock, find_stock
from tests.support import carton


def codes(made: Build, sheet: str = "A4") -> dict[str, Severity]:
    return {f.code: f.severity for f in check.run(made, find_sheet(sheet))}


def measured(made: Build, **facts: object) -> Build:
    """The build as if these facts had been measured on it."""
    other = replace(made)
    other.__dict__.update(facts)
    return other


class Rules(unittest.TestCase):
    def test_a_tab_that_shows_at_a_shallow_corner_is_told_with_the_stock_in_which_it_does_not(self) -> None:
        card = find_stock("card-300")
        made = build(new_brief("prism", {"sides": 12.0}, card), card)
        (found,) = [f for f in check.run(made, find_sheet("A2")) if f.code == "tab-shows"]
        # the walls turn by 30 degrees: t (1.5 cos a - 0.5) / sin a past the edge (plane geometry)
        bare = card.caliper_mm * (1.5 * math.cos(math.radians(30.0)) - 0.5) / math.sin(math.radians(30.0))
        self.assertIn(f"{bare:.1f} mm", found.sentence)
        assert found.fix is not None and found.fix.brief is not None
        thinner = build(found.fix.brief, find_stock(found.fix.brief.stock))
        self.assertNotIn("tab-shows", codes(thinner, "A2"))
        self.assertNotIn("tab-shows", codes(build(new_brief("prism", {"sides": 4.0}, card), card), "A2"))

    def test_a_long_concertina_is_checked_on_the_largest_sheet_and_on_a_roll(self) -> None:
        # found by hand: tiles of a piece longer than the sheet ended the check with a traceback
        for panels, width, sheet in ((6.0, 193.55, "A0"), (8.0, 200.0, "610 x 3000 mm"), (10.0, 300.0, "A0")):
            made = build(new_brief("card", {"kind": "concertina", "panels": panels, "width": width}),
                         find_stock("card-220"))
            for finding in check.run(made, find_sheet(sheet), True):
                self.assertTrue(finding.sentence)
            self.assertGreater(made.pattern.box.width, 1000.0)

    def test_a_sound_carton_has_nothing_graver_than_a_note(self) -> None:
        self.assertEqual(max(codes(carton()).values()), Severity.NOTE)

    def test_light_card_needs_no_word_at_all(self) -> None:
        self.assertEqual(codes(carton("card-200")), {})

    def test_a_piece_too_large_for_its_sheet(self) -> None:
        self.assertEqual(codes(carton(length=250.0))["sheet-small"], Severity.ERROR)
        self.assertNotIn("sheet-small", codes(carton(length=250.0), "A3"))

    def test_a_tab_made_shorter_is_told_and_one_too_short_for_glue_wants_another_look(self) -> None:
        self.assertEqual(codes(carton(width=12.0, lip=30.0))["tab-short"], Severity.NOTE)
        self.assertEqual(codes(carton(tab=4.0))["tab-narrow"], Severity.LOOK)

    def test_heavy_card_is_fed_singly(self) -> None:
        self.assertIn("feed", codes(carton("card-300")))
        self.assertNotIn("feed", codes(carton("card-250")))

    def test_board_brings_the_caution_for_knives(self) -> None:
        self.assertIn("knife", codes(carton("greyboard-10"), "A3"))
        self.assertNotIn("knife", codes(carton("card-160")))

    def test_folds_across_the_grain(self) -> None:
        short = replace(find_stock("card-200"), grain=Grain.SHORT)
        self.assertEqual(codes(carton(short))["grain"], Severity.LOOK)
        self.assertNotIn("grain", codes(carton(replace(short, grain=Grain.NONE))))

    def test_an_open_seam_is_an_error(self) -> None:
        made = carton()
        broken = made.closures[0]._replace(apart_mm=5.0)
        self.assertEqual(codes(measured(made, closures=(broken,)))["seam-open"], Severity.ERROR)

    def test_a_wrong_cavity_is_an_error_and_a_lip_inside_is_told(self) -> None:
        made = carton()
        assert made.cavity is not None
        found = codes(measured(made, cavity=made.cavity._replace(size=(140.0, 31.0, 18.0), lip_mm=0.4)))
        self.assertEqual((found["cavity"], found["lip-inside"]), (Severity.ERROR, Severity.NOTE))

    def test_panels_over_each_other_on_the_flat_are_an_error(self) -> None:
        made = carton()
        panels = tuple(replace(p, frame=p.frame._replace(x=p.frame.x + 5)) if p.name == "left end" else p
                       for p in made.pattern.panels)
        slid = replace(made, patterns=(replace(made.pattern, panels=panels),))
        found = list(check.rules()["overlap"](slid, find_sheet("A4")))
        self.assertEqual({f.severity for f in found}, {Severity.ERROR})

    def test_only_rules_about_the_sheet_look_at_it_and_no_others_are_asked_again_on_another(self) -> None:
        class Unseen:
            """No sheet: whatever is asked of it is a fault."""

            def __getattr__(self, name: str) -> object:
                raise AssertionError(f"a rule that is not of the sheet asks it for {name}")

        for brief in (new_brief(r) for r in recipes()):
            made = build(brief, find_stock(brief.stock))
            for code, found in check.rules().items():
                if code not in check._OF_SHEET:
                    list(found(made, Unseen()))  # type: ignore[arg-type]
        made = carton(length=260.0)
        self.assertIn("sheet-small", codes(made))
        self.assertNotIn("sheet-small", codes(made, "A3"))
        asked: list[str] = []
        rules = {code: (lambda made, sheet, code=code, rule=rule: (asked.append(code), rule(made, sheet))[1])
                 for code, rule in check.rules().items()}
        with mock.patch.object(check, "rules", return_value=rules):
            codes(made, "A2")
        self.assertTrue(asked)
        self.assertLessEqual(set(asked), set(check._OF_SHEET))

    def test_the_gravest_comes_first(self) -> None:
        found = check.run(carton(Stock("x", "x", 320, 0.4), length=250.0, tab=4.0), find_sheet("A4"))
        self.assertEqual([f.severity for f in found], sorted((f.severity for f in found), reverse=True))

