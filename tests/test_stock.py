"""Stock: grammage, basis weight, caliper."""

from __future__ import annotations

import re
import unittest

from hypothesis import given
from hypothesis import strategies as st

from mingei.core.errors import StockError
from mingei.core.stock import (
    BASIS_SIZES_IN,
    CATALOGUE,
    BuildUp,
    Ply,
    Stock,
    basis_from_gsm,
    estimate_caliper,
    find_stock,
    gsm_from_basis,
    mm_from_points,
    plies_for,
    points_from_mm,
)


class BasisWeight(unittest.TestCase):
    def test_grammage_follows_from_the_definition(self) -> None:
        # 500 sheets of 20 x 26 in weigh 65 lb: 65 * 453.59237 g over 500 * 0.508 m * 0.6604 m
        self.assertAlmostEqual(gsm_from_basis(65, "cover"), 65 * 453.59237 / (500 * 0.508 * 0.6604), places=9)

    def test_everyday_equivalents(self) -> None:
        # common practice: what is printed on the packet
        for pounds, grade, gsm in ((65, "cover", 176), (110, "index", 199), (20, "bond", 75),
                                   (80, "cover", 216), (60, "text", 89)):
            with self.subTest(grade=grade, pounds=pounds):
                self.assertEqual(round(gsm_from_basis(pounds, grade)), gsm)

    def test_there_and_back(self) -> None:
        for grade in BASIS_SIZES_IN:
            self.assertAlmostEqual(basis_from_gsm(gsm_from_basis(73.5, grade), grade), 73.5)

    def test_an_unknown_grade_is_refused(self) -> None:
        self.assertRaises(StockError, gsm_from_basis, 20, "velvet")


class Catalogue(unittest.TestCase):
    def test_there_are_forty_and_more_with_names_of_their_own(self) -> None:
        self.assertGreaterEqual(len(CATALOGUE), 40)
        self.assertEqual(len({s.id for s in CATALOGUE}), len(CATALOGUE))
        self.assertEqual(len({s.name for s in CATALOGUE}), len(CATALOGUE))

    def test_names_in_pounds_weigh_what_their_definition_says(self) -> None:
        named = [(s, re.search(r"(bond|text|cover|index|bristol)-(\d+)lb", s.id)) for s in CATALOGUE]
        self.assertGreaterEqual(sum(m is not None for _, m in named), 8)
        for stock, match in named:
            if match:
                with self.subTest(stock.id):
                    self.assertEqual(stock.grammage_gsm, round(gsm_from_basis(float(match[2]), match[1])))

    def test_bulk_is_that_of_paper_or_board(self) -> None:
        # common practice: solid paper and board have 1.0 to 1.7 cm3/g; corrugated is mostly air, film is
        # dense, fabric is loose, padding mostly air
        usual = {"corrugated": (3.0, 10.0), "film": (0.6, 1.15), "fabric": (1.5, 2.6),
                 "padding": (8.0, 40.0)}
        for stock in CATALOGUE:
            bulk = stock.caliper_mm * 1000 / stock.grammage_gsm
            low, high = usual.get(stock.kind, (1.0, 1.7))
            with self.subTest(stock.id):
                self.assertTrue(low <= bulk <= high, bulk)

    def test_a_reckoned_caliper_says_how_far_off_it_may_be(self) -> None:
        within = 0
        for stock in CATALOGUE:
            guess = estimate_caliper(stock.grammage_gsm, stock.kind)
            self.assertGreater(guess.uncertainty_mm, 0)
            within += abs(guess.caliper_mm - stock.caliper_mm) <= 2 * guess.uncertainty_mm
        self.assertGreaterEqual(within / len(CATALOGUE), 0.9)
        self.assertRaises(StockError, estimate_caliper, 200, "velvet")


class BuiltUpBoard(unittest.TestCase):
    def test_layers_for_walls_legs_and_stair_blocks(self) -> None:
        # worked by hand: n layers of 0.5 mm and n - 1 films of 0.05 mm
        for target, layers, reached in ((2.0, 4, 2.15), (5.0, 9, 4.9), (8.0, 15, 8.2)):
            made = plies_for(target, Stock("s", "S", 350, 0.5))
            self.assertEqual(len(made.plies), layers)
            self.assertAlmostEqual(made.caliper_mm, reached)

    @given(st.floats(0.1, 40), st.floats(0.05, 4), st.floats(0, 0.3))
    def test_no_other_number_of_layers_comes_nearer(self, target: float, caliper: float, film: float) -> None:
        made = plies_for(target, Stock("s", "S", 350, caliper), film)
        for other in (len(made.plies) - 1, len(made.plies) + 1):
            if other >= 1:
                self.assertGreaterEqual(abs(other * caliper + (other - 1) * film - target),
                                        abs(made.caliper_mm - target) - 1e-9)

    def test_a_board_of_unlike_plies_is_a_stock_as_thick_and_heavy_as_they_are(self) -> None:
        # worked by hand: 0.3 + 3 + 0.3 mm and two films of 0.05; 220 + 1100 + 220 g/m2 and 100 of glue
        card, core = Stock("c", "C", 220, 0.3), Stock("k", "K", 1100, 3.0)
        board = BuildUp((Ply(card), Ply(core, inset_mm=3.0), Ply(card))).as_stock("b", "Board")
        self.assertAlmostEqual(board.caliper_mm, 3.7)
        self.assertAlmostEqual(board.grammage_gsm, 1640.0)
        self.assertEqual((board.kind, board.layers, board.crease_gain_mm), ("board", 3, 0.0))
        with self.assertRaises(StockError):
            BuildUp(())

    def test_thickness_that_cannot_be_is_refused(self) -> None:
        for target, film in ((0.0, 0.05), (2.0, -1.0)):
            self.assertRaises(StockError, plies_for, target, Stock("s", "S", 350, 0.5), film)


class Finding(unittest.TestCase):

    def test_a_persons_own_stock_comes_before_the_catalogues(self) -> None:
        own = Stock("card-300", "mine", 300, 0.37)
        self.assertEqual(find_stock("card-300", (own,)).caliper_mm, 0.37)
        self.assertEqual(find_stock("card-300").caliper_mm, 0.4)

    def test_an_unknown_stock_is_refused_with_those_there_are(self) -> None:
        with self.assertRaises(StockError) as caught:
            find_stock("card 3000")
        self.assertIn("card-300", str(caught.exception))
        self.assertIn("more", str(caught.exception))

    def test_figures_that_cannot_be_true_are_refused(self) -> None:
        for caliper, gsm, gain in ((0.0, 80, 0), (-1, 80, 0), (50, 80, 0), (0.1, 0, 0), (0.1, 80, 99),
                                   (float("nan"), 80, 0)):
            with self.subTest(caliper=caliper, gsm=gsm, gain=gain), self.assertRaises(StockError):
                Stock("x", "x", gsm, caliper, gain)

    def test_points_are_thousandths_of_an_inch(self) -> None:
        self.assertAlmostEqual(mm_from_points(16), 0.4064)
        self.assertAlmostEqual(points_from_mm(mm_from_points(12.5)), 12.5)
