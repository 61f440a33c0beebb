"""Lengths as people write them."""

from __future__ import annotations

import contextlib
import unittest

from hypothesis import given
from hypothesis import strategies as st

from mingei.core.errors import LengthError
from mingei.core.length import (
    makers_fraction,
    parse,
    typeset,
    write_both,
    write_inches,
    write_mm,
)
from tests.awkward import NO_LENGTHS


class Reading(unittest.TestCase):
    def test_written_forms_are_read(self) -> None:
        for text, mm in {
            "98.4": 98.4, "98,4": 98.4, "9.8cm": 98.0, "9.8 cm": 98.0, "0.1 m": 100.0, "1 in": 25.4,
            '1"': 25.4, "3 7/8 in": 98.425,
            "3-7/8 in": 98.425, '3-7/8"': 98.425, "7/8 in": 22.225, "3⅞ in": 98.425, "⅞in": 22.225,
            "1 ft": 304.8, "1' 2 1/2\"": 368.3,
            "1 ft 2 in": 355.6, "-4 mm": -4.0, "− 4": -4.0, "400 µm": 0.4, "400 um": 0.4, "12 mil": 0.3048,
            " 5 ": 5.0, "5MM": 5.0,
            ".5 in": 12.7, "3 1⁄2 in": 88.9,
        }.items():
            with self.subTest(text):
                self.assertAlmostEqual(parse(text), mm, places=9)

    def test_a_real_length_with_the_scale_of_the_model_is_that_of_the_model(self) -> None:
        for text, mm in {"0.9 m 1:12": 75.0, "0.9 m at 1:12": 75.0, "3 ft 1:12": 76.2, "90cm 1 : 6": 150.0,
                         "6' 8\" 1:24": 2032 / 24, "=2*(1 m) 1:48": 2000 / 48, "2,10 m 1:12": 175.0,
                         "1 m 1:43,5": 1000 / 43.5, "30 1:2": 15.0}.items():
            with self.subTest(text):
                self.assertAlmostEqual(parse(text), mm, places=9)
        for bad, word in (("0.9 m 1:0", "1:12"), ("0.9 m 1:", "cannot be read"), ("1:12", "cannot be read"),
                          ("0.9 m 1:99999", "1:12"), ("at 1:12", "")):
            with self.subTest(bad), self.assertRaises(LengthError) as caught:
                parse(bad)
            self.assertIn(word, str(caught.exception))

    @given(st.floats(0.3, 3000))
    def test_a_fraction_set_as_one_is_read_back(self, mm: float) -> None:
        plain = write_inches(mm)
        for shown in (typeset(plain), typeset(plain).replace(" ", "", 1)):
            self.assertAlmostEqual(parse(shown), parse(plain), places=9)
        self.assertEqual(typeset("3 7/8 in"), "3 ⁷⁄₈ in")

    def test_a_bare_number_is_in_the_persons_unit(self) -> None:
        self.assertAlmostEqual(parse("3 7/8", "in"), 98.425)
        self.assertAlmostEqual(parse("2", "cm"), 20.0)
        self.assertAlmostEqual(parse("20 mm", "in"), 20.0)

    def test_sums_over_named_measures(self) -> None:
        names = {"w": 40.0, "card.w": 98.4, "t": 0.4}
        for text, mm in {
            "=w/2+t": 20.4, "=card.w + 6": 104.4, "=2*(w + 3mm)": 86.0, "=-t + 1 in": 25.0, "=w*w/w": None,
            "=3 1/2 in": 88.9,
            "=w/2 + 1/2": 20.5,
            "= 2*40+3": 83.0,
            "=w - 3-1": 36.0, "=w*(w/card.w)": 40 * 40 / 98.4,
        }.items():
            with self.subTest(text):
                if mm is None:
                    self.assertRaises(LengthError, parse, text, "mm", names)
                else:
                    self.assertAlmostEqual(parse(text, "mm", names), mm, places=9)

    def test_a_bare_number_in_a_sum_is_in_the_persons_unit(self) -> None:
        self.assertAlmostEqual(parse("=w + 1", "in", {"w": 25.4}), 50.8)
        self.assertAlmostEqual(parse("=w * 2", "in", {"w": 25.4}), 50.8)

    def test_what_is_no_length_is_refused_in_one_sentence(self) -> None:
        for text in NO_LENGTHS:
            with self.subTest(text):
                with self.assertRaises(LengthError) as caught:
                    parse(text, "mm", {"w": 3.0, "h": 4.0})
                self.assertNotIn("\n", str(caught.exception))
                self.assertTrue(caught.exception.remedy)

    def test_the_column_of_the_fault_is_named(self) -> None:
        for text, column in {"12 apples": 4, "3 ? 4": 3, "=w + q": 6, "=2 * (3": 6, "3 7/0 in": 1}.items():
            with self.subTest(text), self.assertRaises(LengthError) as caught:
                parse(text, "mm", {"w": 1.0})
            with self.subTest(text):
                self.assertIn(f"column {column}", str(caught.exception))

    @given(st.text(max_size=30))
    def test_any_text_is_read_or_refused(self, text: str) -> None:
        with contextlib.suppress(LengthError):
            self.assertIsInstance(parse(text, "mm", {"w": 3.0}), float)


class Writing(unittest.TestCase):
    def test_millimetres(self) -> None:
        for mm, text in {98.4: "98.4 mm", 98.404: "98.4 mm", 100.0: "100 mm", -0.001: "0 mm",
                         0.126: "0.13 mm", -3.5: "-3.5 mm"}.items():
            self.assertEqual(write_mm(mm), text)

    def test_makers_fractions_carry_into_the_next_inch(self) -> None:
        written = {3.875: "3 7/8", 0.5: "1/2", 2.0: "2", 1.999: "2", 0.0: "0", -1.25: "-1 1/4", -0.001: "0",
                   63 / 64: "63/64"}
        for inches, text in written.items():
            with self.subTest(inches):
                self.assertEqual(str(makers_fraction(inches * 25.4)), text)

    def test_a_coarser_rule_gives_coarser_fractions(self) -> None:
        self.assertEqual(str(makers_fraction(98.4, 16)), "3 7/8")
        self.assertAlmostEqual(makers_fraction(98.4, 16).residue_mm, 98.4 - 98.425)
        self.assertRaises(LengthError, makers_fraction, 10.0, 10)

    def test_both_systems_stand_together(self) -> None:
        self.assertEqual(write_both(98.425), "98.42 mm (3 7/8 in)".replace("98.42", f"{98.425:.2f}"))

    @given(st.floats(-1e5, 1e5), st.sampled_from([1, 2, 4, 8, 16, 32, 64]))
    def test_fraction_and_residue_make_the_length(self, mm: float, denominator: int) -> None:
        fraction = makers_fraction(mm, denominator)
        self.assertAlmostEqual(fraction.mm + fraction.residue_mm, mm, places=9)
        self.assertLessEqual(abs(fraction.residue_mm), 25.4 / denominator / 2 + 1e-9)

    @given(st.integers(-64 * 400, 64 * 400))
    def test_inches_written_are_read_back(self, parts: int) -> None:
        mm = parts / 64 * 25.4
        self.assertAlmostEqual(parse(write_inches(mm)), mm, places=9)

    @given(st.floats(-1e5, 1e5))
    def test_millimetres_written_are_read_back(self, mm: float) -> None:
        self.assertAlmostEqual(parse(write_mm(mm)), mm, delta=0.00501)
