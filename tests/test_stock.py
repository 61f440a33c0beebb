"""Stock: grammage, basis weight, caliper."""

from __future__ import annotations

import unittest

from mingei.core.errors import StockError
from mingei.core.stock import (
    BASIS_SIZES_IN,
    CATALOGUE,
    Stock,
    basis_from_gsm,
    find_stock,
    gsm_from_basis,
    mm_from_points,
    points_from_mm,
)


class BasisWeight(unittest.TestCase):
    def test_grammage_follows_from_the_definition(self) -> None:
        # 500 sheets of 20 x 26 in weigh 65 lb: 65 * 453.59237 g over 500 * 0.508 m * 0.6604 m
        self.assertAlmostEqual(gsm_from_basis(65, "cover"), 65 * 453.59237 / (500 * 0.508 * 0.6604), places=9)

    def test_everyday_equivalents(self) -> None:
        # common practice: what is printed on the packet
        for pounds, grade, gsm in ((65, "cover", 176), (110, "index", 199), (20, "bond", 75), (80, "cover", 216), (60, "text", 89)):
            with self.subTest(grade=grade, pounds=pounds):
                self.assertEqual(round(gsm_from_basis(pounds, grade)), gsm)

    def test_there_and_back(self) -> None:
        for grade in BASIS_SIZES_IN:
            self.assertAlmostEqual(basis_from_gsm(gsm_from_basis(73.5, grade), grade), 73.5)

    def test_an_unknown_grade_is_refused(self) -> None:
        self.assertRaises(StockError, gsm_from_basis, 20, "velvet")


class Catalogue(unittest.TestCase):
    def test_there_are_twelve_with_names_of_their_own(self) -> None:
        self.assertEqual(len({s.id for s in CATALOGUE}), 12)
        self.assertEqual(len({s.name for s in CATALOGUE}), 12)

    def test_bulk_is_that_of_paper_or_board(self) -> None:
        # common practice: solid paper and board have 1.0 to 1.7 cm3/g; corrugated is mostly air
        for stock in CATALOGUE:
            bulk = stock.caliper_mm * 1000 / stock.grammage_gsm
            with self.subTest(stock.id):
                self.assertTrue(3 < bulk < 10 if stock.kind == "corrugated" else 1.0 <= bulk <= 1.7, bulk)

    def test_a_persons_own_stock_comes_before_the_catalogues(self) -> None:
        own = Stock("card-300", "mine", 300, 0.37)
        self.assertEqual(find_stock("card-300", (own,)).caliper_mm, 0.37)
        self.assertEqual(find_stock("card-300").caliper_mm, 0.4)

    def test_an_unknown_stock_is_refused_with_those_there_are(self) -> None:
        with self.assertRaises(StockError) as caught:
            find_stock("gold leaf")
        self.assertIn("card-300", str(caught.exception))

    def test_figures_that_cannot_be_true_are_refused(self) -> None:
        for caliper, gsm, gain in ((0.0, 80, 0), (-1, 80, 0), (50, 80, 0), (0.1, 0, 0), (0.1, 80, 99), (float("nan"), 80, 0)):
            with self.subTest(caliper=caliper, gsm=gsm, gain=gain), self.assertRaises(StockError):
                Stock("x", "x", gsm, caliper, gain)

    def test_points_are_thousandths_of_an_inch(self) -> None:
        self.assertAlmostEqual(mm_from_points(16), 0.4064)
        self.assertAlmostEqual(points_from_mm(mm_from_points(12.5)), 12.5)
