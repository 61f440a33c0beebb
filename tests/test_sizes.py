"""What must fit into what."""

from __future__ import annotations

import json
import unittest

from hypothesis import given
from hypothesis import strategies as st

from mingei.core.sizing.sizes import (
    ACROSS_MM,
    ALONG_MM,
    ENVELOPES,
    THINGS,
    envelopes_for,
    goes_in,
    largest_for,
    named,
)
from tests.test_cli import run


class Sizes(unittest.TestCase):
    def test_iso_269_c6_takes_an_a6_and_is_offered_for_it(self) -> None:
        a6 = next(s for s in THINGS if s.name == "A6 sheet")
        self.assertEqual((a6.long, a6.short), (148.0, 105.0))  # ISO 216
        c6 = next(e for e in ENVELOPES if e.name == "C6 envelope")
        self.assertEqual((c6.long, c6.short), (162.0, 114.0))  # ISO 269, table of sizes
        self.assertTrue(goes_in(a6.long, a6.short, c6))
        self.assertIn(c6, envelopes_for(a6.short, a6.long))
        first = next(e.name for e in envelopes_for(a6.long, a6.short) if not e.name.startswith("US"))
        self.assertEqual(first, "C6 envelope")

    def test_the_iso_series_goes_into_itself(self) -> None:
        # ISO 269: C4 takes an A4 flat, C5 an A5, DL and C6/C5 an A4 in three
        for thing, envelope in (("A4 sheet", "C4"), ("A5 sheet", "C5"), ("A4 sheet in three", "DL"),
                                ("A4 sheet in three", "C6/C5"),
                                ("A7 sheet", "C7")):
            size = next(s for s in THINGS if s.name == thing)
            self.assertTrue(goes_in(size.long, size.short,
                                    next(e for e in ENVELOPES if e.name == f"{envelope} envelope")), thing)

    def test_a_us_card_and_its_envelope_clear_as_is_usual(self) -> None:
        # common practice: a card of 5 1/2 x 4 1/4 in goes into 5 3/4 x 4 3/8, a quarter inch along and an
        # eighth across; 7 x 5 into an A7
        self.assertEqual(envelopes_for(5.5 * 25.4, 4.25 * 25.4)[0].name, "US A2 envelope")
        self.assertIn("US A7 envelope", [e.name for e in envelopes_for(7 * 25.4, 5 * 25.4)])

    def test_a_decoration_asks_for_more(self) -> None:
        plain, decorated = (envelopes_for(139.7, 107.95, thick)[0] for thick in (0.0, 9.0))
        self.assertGreater(decorated.short, plain.short)

    @given(st.sampled_from(ENVELOPES), st.floats(0, 20))
    def test_the_largest_thing_just_goes_in(self, envelope: object, thick: float) -> None:
        from mingei.core.sizing.sizes import Size

        assert isinstance(envelope, Size)
        long, short = largest_for(envelope, thick)
        self.assertTrue(goes_in(long, short, envelope, thick))
        self.assertFalse(goes_in(long + 0.6, short, envelope, thick))
        self.assertFalse(goes_in(long, short + 0.6, envelope, thick))
        self.assertAlmostEqual(long + ALONG_MM + thick, envelope.long)
        self.assertAlmostEqual(short + ACROSS_MM + thick, envelope.short)

    def test_nothing_goes_into_nothing(self) -> None:
        self.assertRaises(ValueError, largest_for, ENVELOPES[0], 200.0)
        self.assertEqual(envelopes_for(900.0, 20.0), ())

    def test_a_size_is_known_by_its_name_either_way_round(self) -> None:
        self.assertEqual(named(105.0, 148.2), named(148.0, 105.0))
        self.assertIsNone(named(10.0, 10.0))


class Command(unittest.TestCase):
    def test_it_names_the_envelopes_for_a_thing_and_the_thing_for_an_envelope(self) -> None:
        code, out, err = run("fits", "148 x 105", "--json")
        self.assertEqual((code, err, json.loads(out)[0]["envelope"]), (0, "", "C6 envelope"))
        self.assertEqual(run("fits", "a6 SHEET"), run("fits", "105 x 148"))
        largest = json.loads(run("fits", "C6", "--json", "--thick", "2")[1])
        self.assertAlmostEqual(largest["long_mm"], 162 - 25.4 / 4 - 2, places=3)
        self.assertIn("draft one", run("fits", "900 x 20")[1])

    def test_what_is_no_size_is_refused_in_a_sentence(self) -> None:
        for words in (("nothing",), ("10 x",), ("-5 x 10",), ("0 x 10",), ("1 x 2 x 3",),
                      ("C7", "--thick", "200"),
                      ("A6 sheet", "--thick", "-1"), ("A6 sheet", "--thick", "lots"), ("",)):
            with self.subTest(words=words):
                code, out, err = run("fits", *words)
                self.assertEqual((code, out), (2, ""))
                self.assertEqual(err.count("\n"), 1)
                self.assertNotIn("Traceback", err)


if __name__ == "__main__":
    unittest.main()
