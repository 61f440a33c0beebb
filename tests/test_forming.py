"""The forming block: as large as the inside of a box less its play, of as many plates as reach its height."""

from __future__ import annotations

import unittest

from hypothesis import given
from hypothesis import strategies as st
from shapely import Polygon

from mingei.core.document.build import build
from mingei.core.document.project import Brief, new_brief
from mingei.core.errors import MeasureError
from mingei.core.plane.shape import flat_points
from mingei.core.sizing.forming import form_for
from mingei.core.stock import Stock, find_stock
from tests.strategies import briefs
from tests.windows import WindowTest


class Blocks(unittest.TestCase):
    @given(briefs("form-block"))
    def test_its_plates_are_as_large_as_asked_less_the_play_with_room_round_every_hole(
            self, made: tuple[Brief, Stock]) -> None:
        b = build(*made)
        values = b.brief.values
        (pattern,) = b.patterns
        self.assertAlmostEqual(pattern.box.width, values["length"] - values["play"], places=6)
        self.assertAlmostEqual(pattern.box.height, values["width"] - values["play"], places=6)
        self.assertEqual(pattern.copies, values["plates"])
        outline, *holes = sorted((Polygon(flat_points(c)) for c in pattern.cuts), key=lambda p: -p.area)
        for hole in holes:
            self.assertTrue(outline.contains(hole))
            self.assertGreater(outline.exterior.distance(hole), 1.9)
        for i, one in enumerate(holes):
            for other in holes[i + 1:]:
                self.assertGreater(one.distance(other), 1.9)

    @given(st.sampled_from(["carton", "tray", "lid-base", "sleeve", "bin"]), st.floats(30.0, 150.0),
           st.floats(20.0, 90.0))
    def test_a_box_s_block_goes_into_it_and_is_nearly_as_high(self, recipe, width, height) -> None:
        try:
            box = new_brief(recipe, {"width": width, "height": height})
        except MeasureError:
            return
        made = build(box, find_stock(box.stock))
        block = form_for(made)
        plate = build(block, find_stock(block.stock))
        self.assertAlmostEqual(plate.outside[0], made.cavity.size[0] - 0.6, delta=0.01)
        self.assertAlmostEqual(plate.outside[1], made.cavity.size[1] - 0.6, delta=0.01)
        stack = block.values["plates"] * find_stock(block.stock).caliper_mm
        self.assertLess(stack, made.cavity.size[2])
        self.assertGreater(stack, made.cavity.size[2] - 2.6)

    def test_what_has_no_inside_has_no_block(self) -> None:
        with self.assertRaises(MeasureError):
            form_for(build(new_brief("tag"), find_stock("card-220")))


class InTheWindow(WindowTest):
    def test_it_is_added_to_the_kit_and_undone(self) -> None:
        document = self.window.document
        before = len(document.project.briefs)
        self.window.actions_["form-block"].trigger()
        self.assertEqual([b.recipe for b in document.project.briefs[before:]], ["form-block"])
        document.undo.undo()
        self.assertEqual(len(document.project.briefs), before)
