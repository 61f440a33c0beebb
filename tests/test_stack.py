"""The layers through a panel: what lies on what, and how thick it is, as worked out by hand."""

from __future__ import annotations

import unittest

from mingei.core.document.build import Part
from mingei.core.document.project import new_brief, new_project
from mingei.core.folded.stack import stack
from tests.test_furniture import made_of
from tests.test_house import house
from tests.windows import WindowTest


class Stacks(unittest.TestCase):
    def test_a_wall_is_its_cladding_and_its_board(self) -> None:
        made = house(2.0, 1.0, windows=0.0, side_windows=0.0)
        layers = stack(made.patterns, "left cladding 1")
        self.assertEqual([(layer.panel, round(layer.low, 6), round(layer.high, 6)) for layer in layers],
                         [("left cladding 1", 0.0, 1.0), ("left wall", 1.0, 3.0)])
        self.assertEqual([layer.this for layer in layers], [True, False])

    def test_a_laminate_is_all_its_layers_and_facings_whichever_is_asked_about(self) -> None:
        made = made_of("laminate", 2.0, {"facing": 0.1}, layers=3.0, facing="both", edge="none")
        for name in ("layer 1", "layer 3", "upper facing"):
            layers = stack(made.patterns, name)
            self.assertEqual([layer.panel for layer in layers],
                             ["lower facing", "layer 1", "layer 2", "layer 3", "upper facing"])
            self.assertAlmostEqual(layers[-1].high, 6.2)

    def test_what_stands_apart_is_not_counted_and_what_is_not_there_has_none(self) -> None:
        made = made_of("cabinet", 2.0, {}, doors="none")
        self.assertEqual([layer.panel for layer in stack(made.patterns, "shelf 1")], ["shelf 1"])
        self.assertEqual(stack(made.patterns, "nothing"), ())


class Shown(WindowTest):
    def test_the_card_shows_them_and_says_them(self) -> None:
        self.window.document.open(new_project(new_brief("laminate", {"facing": "both"}), "x", "mm", "A4"))
        card = self.window.draft().layers
        self.assertFalse(card.isVisibleTo(self.window.draft()))
        self.window.document.select(Part("layer 2", "layer 2"))
        self.assertTrue(card.isVisibleTo(self.window.draft()))
        self.assertIn("layer 2, 2 mm", card.view.accessibleDescription())
        self.assertFalse(card.view.grab().isNull())


if __name__ == "__main__":
    unittest.main()
