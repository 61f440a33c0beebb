"""Sizes that drive the drafting from outside."""

from __future__ import annotations

import unittest

from hypothesis import given, reject
from hypothesis import strategies as st

from mingei.core.document.build import build
from mingei.core.document.project import Brief, new_brief
from mingei.core.errors import MeasureError
from mingei.core.length import MM_PER_INCH, parse
from mingei.core.sizing.fit import Drawer, fill_drawer, fit_blank
from mingei.core.stock import Stock, find_stock
from tests.strategies import briefs

_BOXES = ("bin", "carton", "tray", "sleeve", "lid-base")


class Blank(unittest.TestCase):
    def test_a_square_of_7_and_a_quarter_inches_scored_at_2_gives_a_base_of_3_and_a_quarter(self) -> None:
        # common practice, for card without thickness; with thickness each wall takes its layers from the base
        thin = find_stock("copy-80")
        side = parse("7 1/4 in")
        brief = fit_blank(new_brief("tray", {"height": parse("2 in")}, thin), thin, side, side)
        base = build(brief, thin)
        self.assertAlmostEqual(base.blank.width, side, places=4)
        self.assertAlmostEqual(base.blank.height, side, places=4)
        # by hand: the base takes 3/2 t at each short wall and t/2 at each long one, and each wall t/2 more
        # than its height
        for name, layers in (("length", 4), ("width", 2)):
            self.assertAlmostEqual(float(brief.values[name]), 3.25 * MM_PER_INCH - layers * thin.caliper_mm,
                                   places=5)
        self.assertEqual(brief.values["height"], parse("2 in"))

    def test_squaring_a4_for_that_basket_leaves_a_strip_of_about_an_inch_for_its_handle(self) -> None:
        # common practice: 210 mm across less 7 1/4 in
        self.assertAlmostEqual(210.0 - parse("7 1/4 in"), MM_PER_INCH, delta=1.0)

    @given(st.sampled_from(_BOXES).flatmap(briefs), st.floats(0.8, 1.3), st.floats(0.8, 1.3))
    def test_the_blank_is_the_one_asked_for(self, made: tuple[Brief, Stock], wide: float,
                                            high: float) -> None:
        brief, stock = made
        box = build(brief, stock).blank
        try:
            fitted = fit_blank(brief, stock, box.width * wide, box.height * high)
        except MeasureError:
            reject()
        got = build(fitted, stock).blank
        self.assertAlmostEqual(got.width, box.width * wide, places=4)
        self.assertAlmostEqual(got.height, box.height * high, places=4)

    def test_a_blank_that_no_measure_gives_is_refused(self) -> None:
        self.assertRaises(MeasureError, fit_blank, new_brief("tray"), find_stock("card-300"), 10.0, 10.0)
        self.assertRaises(MeasureError, fit_blank, new_brief("prism"), find_stock("card-300"), 200.0, 200.0)


class Drawers(unittest.TestCase):
    def test_three_by_four_bins_fill_a_drawer_of_380_by_290_by_60(self) -> None:
        board = find_stock("corrugated-b")
        brief = fill_drawer(new_brief("bin", {}, board), board, Drawer(380.0, 290.0, 60.0, 3, 4, 1.0))
        made = build(brief, board)
        self.assertEqual(brief.copies, 12)
        for outside, room, count in zip(made.outside, (380.0, 290.0, 60.0), (3, 4, 1), strict=True):
            self.assertAlmostEqual(outside, room / count - 1.0, places=4)

    def test_a_drawer_that_cannot_be_filled_is_refused(self) -> None:
        board = find_stock("corrugated-b")
        for drawer in (Drawer(380, 290, 60, 0, 4), Drawer(380, 290, 60, 30, 4), Drawer(380, 290, 8, 3, 4),
                       Drawer(9e3, 9e3, 60, 40, 40)):
            self.assertRaises(MeasureError, fill_drawer, new_brief("bin", {}, board), board, drawer)


if __name__ == "__main__":
    unittest.main()
