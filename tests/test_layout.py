"""Sheets, placing and the marks round the piece."""

from __future__ import annotations

import unittest
from collections import Counter

from hypothesis import given
from hypothesis import strategies as st
from shapely import Point, unary_union
from shapely.geometry import Polygon as Area

from mingei.core import check
from mingei.core.build import build
from mingei.core.drawing import LOOKS, Ink
from mingei.core.errors import SheetError
from mingei.core.layout.marks import CHECK_BAR_MM, page_drawing
from mingei.core.layout.place import Load, fits, lay_out, loads_of, room, sheets_that_do, yield_of
from mingei.core.layout.sheets import SHEETS, find_sheet
from mingei.core.project import Brief, new_brief
from mingei.core.shape import path_bounds
from mingei.core.stock import Stock, find_stock
from tests.strategies import briefs
from tests.support import carton


class Sheets(unittest.TestCase):
    def test_a_sizes_are_those_of_iso_216(self) -> None:
        # ISO 216, table of trimmed sizes, series A
        for name, size in {"A0": (841, 1189), "A1": (594, 841), "A2": (420, 594), "A3": (297, 420), "A4": (210, 297), "A5": (148, 210),
                           "A6": (105, 148)}.items():
            sheet = find_sheet(name)
            self.assertEqual((sheet.width, sheet.height), size)

    def test_letter_is_eight_and_a_half_by_eleven_inches(self) -> None:
        sheet = find_sheet("letter")
        self.assertAlmostEqual(sheet.width, 215.9)
        self.assertAlmostEqual(sheet.height, 279.4)

    def test_an_unknown_sheet_is_refused(self) -> None:
        self.assertRaises(SheetError, find_sheet, "foolscap")


class Placing(unittest.TestCase):
    @given(briefs("carton"), st.sampled_from(SHEETS))
    def test_a_placed_piece_keeps_clear_of_margins_and_marks(self, made: tuple[Brief, Stock], sheet: object) -> None:
        pattern = build(*made).pattern
        for one in sheets_that_do(pattern)[:2]:
            (page,) = lay_out((Load("box", pattern),), one)
            moved = [page.move.apply(p) for panel in pattern.panels for p in panel.flat_polygon]
            space = room(one).grown(1e-6)
            for x, y in moved:
                self.assertTrue(space.left <= x <= space.right and space.bottom <= y <= space.top)

    def test_a_piece_too_large_names_the_sheets_that_would_do(self) -> None:
        with self.assertRaises(SheetError) as caught:
            lay_out((Load("box", carton(length=250.0).pattern),), find_sheet("A4"))
        self.assertIn("choose Legal or Tabloid or A3", str(caught.exception))

    def test_a_piece_too_large_for_all_says_so(self) -> None:
        with self.assertRaises(SheetError) as caught:
            lay_out((Load("box", carton(length=600.0, width=400.0, height=400.0).pattern),), find_sheet("A0"))
        self.assertIn("make it smaller", str(caught.exception))

    def test_a_larger_sheet_never_refuses_what_a_smaller_takes(self) -> None:
        pattern = carton().pattern
        taken = [fits(pattern, find_sheet(f"A{n}")) is not None for n in (5, 4, 3, 2)]
        self.assertEqual(taken, sorted(taken))
        self.assertTrue(taken[1])


class Loads(unittest.TestCase):
    def test_how_many_blanks_a_sheet_gives_is_counted_either_way_round(self) -> None:
        tag = build(new_brief("tag", {"width": 60.0, "height": 90.0}), find_stock("card-220"))
        # A4 within margins of 8 mm is 194 x 281: upright 3 x 3, lying down 2 x 4, with 3 mm between
        self.assertEqual(yield_of(tag.pattern, find_sheet("A4")), 9)
        lying = build(new_brief("tag", {"width": 92.0, "height": 66.0, "corner": 0.0}), find_stock("card-220"))
        self.assertEqual(yield_of(lying.pattern, find_sheet("A4")), 8)
        self.assertEqual(yield_of(build(new_brief("tag", {"width": 200.0, "height": 300.0}), find_stock("card-220")).pattern,
                                  find_sheet("A4")), 0)
        self.assertIn("yield", [f.code for f in check.run(tag, find_sheet("A4"))])

    def test_a_piece_that_is_not_all_of_a_thing_is_named_with_it(self) -> None:
        pattern = carton().pattern
        self.assertEqual([load.words for load in loads_of("Pencils", [pattern])], ["Pencils"])
        self.assertEqual([load.words for load in loads_of("Pencils", [pattern, pattern])], ["Pencils, carton"] * 2)


class Marks(unittest.TestCase):
    def test_two_check_bars_of_exactly_100_mm(self) -> None:
        (page,) = lay_out((Load("box", carton().pattern),), find_sheet("A4"))
        drawing = page_drawing(page, "Tern Point")
        bars = [s.path[0] for s in drawing.strokes if s.ink is Ink.DRAW and abs(s.path[0].length - CHECK_BAR_MM) < 1e-9]
        directions = {(b.end[0] > b.start[0], b.end[1] > b.start[1]) for b in bars}
        self.assertEqual(directions, {(True, False), (False, True)})

    def test_marks_stay_on_the_printable_sheet_and_off_the_piece(self) -> None:
        for name in ("A4", "Letter", "A3"):
            (page,) = lay_out((Load("box", carton().pattern),), find_sheet(name))
            drawing = page_drawing(page, "x" * 40)
            piece = path_bounds([s.path for s in drawing.strokes if s.ink is Ink.CUT][:1])
            for stroke in drawing.strokes:
                if stroke.ink is Ink.DRAW:
                    box = path_bounds([stroke.path])
                    self.assertFalse(box.meets(piece))
                    self.assertGreaterEqual(min(box.left, box.bottom), page.sheet.margin - 1e-9)

    def test_words_never_stand_upside_down(self) -> None:
        for made in (carton(), carton(length=60.0, width=90.0), carton(opening="side")):
            for page in lay_out([Load("box", p) for p in made.patterns], find_sheet("A3")):
                for text in page_drawing(page, "x").texts:
                    self.assertTrue(-90 < text.turn_deg <= 90, text)

    def test_every_seam_has_its_number_on_both_edges_even_across_pieces(self) -> None:
        for brief in (new_brief("polyhedron", {"solid": "snub-cube", "pieces": 3.0}), new_brief("tray"), new_brief("prism")):
            made = build(brief, find_stock("card-220"))
            pages = lay_out(loads_of("thing", made.patterns), find_sheet("A2"))
            words = [t.words for page in pages for t in page_drawing(page, "t").texts]
            said = [w.split() for w in words if w.isdigit() or w.startswith(("glue ", "tuck "))]
            numbers = Counter(int(parts[-1]) for parts in said)
            seams = sum(len(piece.seams) for piece in made.draft.pieces)
            self.assertEqual(numbers, Counter(dict.fromkeys(range(1, seams + 1), 2)))

    def test_the_number_of_an_edge_stands_beside_it_and_off_the_card_where_there_is_room(self) -> None:
        made = build(new_brief("tray"), find_stock("card-220"))
        (page,) = lay_out(loads_of("thing", made.patterns), find_sheet("A3"))
        card = unary_union([Area(page.move.apply_all(p.flat_polygon)) for p in made.pattern.panels])
        beside = [Point(t.at[0], t.at[1] + 0.35 * t.size) for t in page_drawing(page, "t").texts if t.words.isdigit()]
        self.assertEqual(len(beside), 4)
        for at in beside:
            self.assertFalse(card.contains(at))
            self.assertLess(card.distance(at), 3.2)

    def test_lines_differ_by_pattern_not_by_colour_alone(self) -> None:
        self.assertEqual(len({(look.dashes, look.width) for look in LOOKS.values()}), len(LOOKS))
        self.assertEqual(LOOKS[Ink.CUT].dashes, ())
        self.assertGreater(max(LOOKS[Ink.MOUNTAIN].dashes), 2 * max(LOOKS[Ink.VALLEY].dashes))

    def test_the_page_says_what_it_is(self) -> None:
        words = " ".join(t.words for t in page_drawing(lay_out((Load("box", carton().pattern),), find_sheet("A4"))[0], "Tern Point").texts)
        for part in ("Tern Point: box", "Heavy card 300 g", "0.4 mm", "page 1 of 1", "100 %", "mountain fold"):
            self.assertIn(part, words)
