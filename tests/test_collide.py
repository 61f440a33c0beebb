"""Panels that pass through each other are found; those that only touch are not."""

from __future__ import annotations

import unittest
from dataclasses import replace

from hypothesis import given
from hypothesis import strategies as st

from mingei.core import check
from mingei.core.document.build import build
from mingei.core.document.project import Brief, new_brief
from mingei.core.draft import Draft, EdgeRef, Fold, Panel, Piece
from mingei.core.flat.develop import develop
from mingei.core.folded.collide import collisions, moments
from mingei.core.layout.sheets import find_sheet
from mingei.core.recipes import recipes
from mingei.core.recipes.tray import on_the_table, rectangle
from mingei.core.stock import Faced, Stock, find_stock
from tests.strategies import amended_briefs

_CARD = find_stock("card-300")


def _crossing(height: float) -> Draft:
    """Two walls at opposite sides of a base 40 wide, of which the left has a roof longer than the base: it
    goes through the right wall."""
    panels = (Panel("base", rectangle(40, 30)), Panel("left", rectangle(30, 20)),
              Panel("right", rectangle(30, height)),
              Panel("roof", rectangle(30, 60)))
    folds = (Fold(EdgeRef("base", 3), EdgeRef("left", 0), 90, 1),
             Fold(EdgeRef("base", 1), EdgeRef("right", 0), 90, 1),
             Fold(EdgeRef("left", 2), EdgeRef("roof", 0), 90, 2))
    return Draft((Piece("thing", "base", on_the_table(30), panels, folds=folds),))


class Passing(unittest.TestCase):
    def test_a_roof_through_a_wall_is_found_for_as_long_as_it_runs_through(self) -> None:
        (pattern,) = develop(_crossing(40.0), _CARD)
        (found,) = collisions(pattern)
        self.assertEqual({found.a, found.b}, {"right", "roof"})
        self.assertAlmostEqual(found.length_mm, 30.0)

    def test_a_roof_that_clears_the_wall_is_not(self) -> None:
        (pattern,) = develop(_crossing(15.0), _CARD)
        self.assertEqual(collisions(pattern), ())

    def test_what_catches_only_on_the_way_is_found_at_its_moment(self) -> None:
        pattern = build(new_brief("carton", {"opening": "side"}), _CARD).pattern
        self.assertEqual(collisions(pattern), ())
        found = collisions(pattern, moments(pattern))
        self.assertEqual({c.b for c in found} | {c.a for c in found},
                         {"top", "front left flap", "front right flap"})
        for c in found:
            self.assertLess(c.fraction, 1.0)

    @given(st.sampled_from(sorted(recipes())).flatmap(amended_briefs))
    def test_nothing_any_recipe_gives_stands_in_itself_when_folded(self, made: tuple[Brief, Stock]) -> None:
        for pattern in build(*made).patterns:
            self.assertEqual(collisions(pattern), ())


class Rules(unittest.TestCase):
    def codes(self, recipe: str, stock: Stock = _CARD, thorough: bool = False, **values: float) -> set[str]:
        made = build(new_brief(recipe, dict(values), stock), stock)
        return {f.code for f in check.run(made, find_sheet("A2"), thorough)}

    def test_what_catches_on_the_way_is_said_where_there_is_time_to_look(self) -> None:
        made = build(new_brief("carton", {"opening": "side"}), _CARD)
        self.assertIn("on-the-way", {f.code for f in check.run(made, find_sheet("A3"), thorough=True)})
        self.assertNotIn("on-the-way", {f.code for f in check.run(made, find_sheet("A3"))})

    def test_play_is_neither_tight_nor_loose(self) -> None:
        for clearance, code in ((0.1, "play-tight"), (0.4, ""), (1.8, "play-loose")):
            said = self.codes("lid-base", clearance=clearance) & {"play-tight", "play-loose"}
            self.assertEqual(said, {code} - {""})
        self.assertNotIn("play-tight", self.codes("tray"))

    def test_paper_walls_bow(self) -> None:
        self.assertIn("thin", self.codes("tray", find_stock("copy-80")))
        self.assertNotIn("thin", self.codes("tray"))

    def test_board_faced_on_one_side_warps_and_built_up_board_is_named(self) -> None:
        for change, code in (({"faced": Faced.ONE}, "faced"), ({"layers": 3}, "layers")):
            self.assertIn(code, self.codes("tray", replace(_CARD, **change)))
            self.assertNotIn(code, self.codes("tray"))

    def test_a_lip_that_hardly_reaches_in_is_said(self) -> None:
        self.assertIn("lip-short", self.codes("carton", lip=5.0))
        self.assertNotIn("lip-short", self.codes("carton", lip=12.0))


if __name__ == "__main__":
    unittest.main()
