"""Sheets, placing and the marks round the piece."""

from __future__ import annotations

import io
import json
import tempfile
import unittest
from collections import Counter
from contextlib import redirect_stdout
from dataclasses import replace
from itertools import combinations
from pathlib import Path
from random import Random

from hypothesis import given
from hypothesis import strategies as st
from shapely import Point, unary_union
from shapely.geometry import Polygon as Area

from mingei import cli
from mingei.core import check
from mingei.core.document.build import build
from mingei.core.document.project import Brief, new_brief, new_project
from mingei.core.errors import SheetError
from mingei.core.layout.drawing import LOOKS, Ink
from mingei.core.layout.laying import GAP_MM
from mingei.core.layout.marks import CHECK_BAR_MM, page_drawing
from mingei.core.layout.material import material
from mingei.core.layout.pack import pack
from mingei.core.layout.place import (
    Load,
    arrange,
    fits,
    lay_out,
    loads_of,
    piles_of,
    room,
    sheets_that_do,
    yield_of,
)
from mingei.core.layout.sheets import SHEETS, find_sheet
from mingei.core.plane.shape import path_bounds
from mingei.core.stock import Stock, find_stock
from mingei.formats import project_file
from tests.strategies import briefs
from tests.support import carton


class Sheets(unittest.TestCase):
    def test_a_sizes_are_those_of_iso_216(self) -> None:
        # ISO 216, table of trimmed sizes, series A
        for name, size in {"A0": (841, 1189), "A1": (594, 841), "A2": (420, 594), "A3": (297, 420),
                           "A4": (210, 297), "A5": (148, 210),
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
    def test_a_placed_piece_keeps_clear_of_margins_and_marks(self, made: tuple[Brief, Stock],
                                                             sheet: object) -> None:
        pattern = build(*made).pattern
        for one in sheets_that_do(pattern)[:2]:
            (page,) = lay_out((Load("box", pattern),), one)
            moved = [page.items[0].move.apply(p) for panel in pattern.panels for p in panel.flat_polygon]
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
        lying = build(new_brief("tag", {"width": 92.0, "height": 66.0, "corner": 0.0}),
                      find_stock("card-220"))
        self.assertEqual(yield_of(lying.pattern, find_sheet("A4")), 8)
        self.assertEqual(yield_of(build(new_brief("tag", {"width": 200.0, "height": 300.0}),
                                        find_stock("card-220")).pattern,
                                  find_sheet("A4")), 0)
        self.assertIn("yield", [f.code for f in check.run(tag, find_sheet("A4"))])

    def test_a_piece_that_is_not_all_of_a_thing_is_named_with_it(self) -> None:
        pattern = carton().pattern
        self.assertEqual([load.words for load in loads_of("Pencils", [pattern])], ["Pencils"])
        self.assertEqual([load.words for load in loads_of("Pencils", [pattern, pattern])],
                         ["Pencils, carton"] * 2)


class Packing(unittest.TestCase):
    @given(st.lists(st.tuples(st.floats(5, 180), st.floats(5, 180)), min_size=1, max_size=40),
           st.floats(0, 6))
    def test_nothing_lies_over_anything_or_past_the_sheet_and_all_is_there(
        self, sizes: list[tuple[float, float]], gap: float) -> None:
        width, height = 186.0, 256.0
        sheets = pack(tuple(sizes), width, height, gap)
        self.assertEqual(sorted(p.number for sheet in sheets for p in sheet), list(range(len(sizes))))
        for sheet in sheets:
            boxes = []
            for put in sheet:
                w, h = sizes[put.number][::-1] if put.turned else sizes[put.number]
                self.assertGreaterEqual(min(put.x, put.y), 0.0)
                self.assertLessEqual(put.x + w, width + 1e-5)
                self.assertLessEqual(put.y + h, height + 1e-5)
                boxes.append((put.x, put.y, put.x + w, put.y + h))
            for a, b in combinations(boxes, 2):
                apart = max(a[0] - b[2], b[0] - a[2], a[1] - b[3], b[1] - a[3])
                self.assertGreaterEqual(apart, gap - 1e-5)

    def test_it_takes_no_more_sheets_than_shelves_do(self) -> None:
        """Against the plainest packer there is: rows of the tallest first."""
        random = Random(7)
        for _ in range(12):
            sizes = tuple((random.uniform(10, 170), random.uniform(10, 240)) for _ in range(30))
            self.assertLessEqual(len(pack(sizes, 186.0, 256.0, 3.0)), _shelves(sizes, 186.0, 256.0, 3.0))

    def test_the_same_pieces_give_the_same_sheets(self) -> None:
        sizes = tuple((20.0 + i % 7, 30.0 + i % 5) for i in range(50))
        first = pack(sizes, 186.0, 256.0, 3.0)
        pack.cache_clear()
        self.assertEqual(pack(sizes, 186.0, 256.0, 3.0), first)

    def test_what_does_not_fit_is_refused(self) -> None:
        with self.assertRaises(ValueError):
            pack(((300.0, 300.0),), 186.0, 256.0, 3.0)

    def test_pieces_of_one_stock_share_sheets_with_their_copies_and_stocks_do_not_mix(self) -> None:
        card, paper = find_stock("card-220"), find_stock("copy-80")
        tags = build(replace(new_brief("tag", {"width": 40.0, "height": 60.0}), copies=7), card).patterns
        bands = build(new_brief("belly-band", {"width": 50.0, "thick": 10.0}, paper), paper).patterns
        layout = arrange([*loads_of("Tag", tags), *loads_of("Band", bands)], find_sheet("A4"))
        self.assertEqual(sorted(len(page.items) for page in layout.pages), [1, 7])
        for page in layout.pages:
            self.assertEqual(len({i.load.pattern.stock.id for i in page.items}), 1)
        drawing = page_drawing(max(layout.pages, key=lambda p: len(p.items)), "Tern Point")
        self.assertEqual([t.words for t in drawing.texts].count("Tag"), 7)
        # an outline and a hole for each, and one line of the key
        self.assertEqual(sum(s.ink is Ink.CUT for s in drawing.strokes), 15)

    @given(st.integers(1, 9), st.sampled_from(["A4", "Letter", "A3"]))
    def test_what_shares_a_sheet_keeps_its_distance_and_inside_the_room(self, copies: int, name: str) -> None:
        sheet = find_sheet(name)
        loads = []
        for recipe, stock_id in (("tray", "card-220"), ("tag", "card-220"), ("carton", "card-220"),
                                 ("belly-band", "copy-80")):
            stock = find_stock(stock_id)
            loads += loads_of(recipe, build(replace(new_brief(recipe, stock=stock), copies=copies),
                                            stock).patterns)
        layout = arrange(loads, sheet)
        wanted = sum(load.pattern.copies for load in loads if load not in layout.too_large)
        self.assertEqual(sum(len(p.items) for p in layout.pages), wanted)
        space = room(sheet).grown(1e-6)
        for page in layout.pages:
            areas = [unary_union([Area(i.move.apply_all(q.flat_polygon)) for q in i.load.pattern.panels])
                     for i in page.items]
            for area in areas:
                left, bottom, right, top = area.bounds
                self.assertTrue(space.left <= left and right <= space.right and space.bottom <= bottom
                                and top <= space.top)
            for a, b in combinations(areas, 2):
                self.assertGreaterEqual(a.distance(b), GAP_MM - 1e-6)

    def test_one_piece_too_large_does_not_keep_the_others_from_the_sheets(self) -> None:
        big, small = carton(length=250.0).pattern, carton().pattern
        layout = arrange([Load("big", big), Load("small", small)], find_sheet("A4"))
        self.assertEqual([i.load.owner for p in layout.pages for i in p.items], ["small"])
        self.assertEqual([load.owner for load in layout.too_large], ["big"])


def _shelves(sizes: tuple[tuple[float, float], ...], width: float, height: float, gap: float) -> int:
    sheets, x, y, row = 1, 0.0, 0.0, 0.0
    for w, h in sorted(sizes, key=lambda s: -s[1]):
        if x + w > width:
            x, y, row = 0.0, y + row + gap, 0.0
        if y + h > height:
            sheets, x, y, row = sheets + 1, 0.0, 0.0, 0.0
        x, row = x + w + gap, max(row, h)
    return sheets


class WhatItTakes(unittest.TestCase):
    def test_sheets_money_and_waste_by_stock(self) -> None:
        card = replace(find_stock("card-220"), price=0.5)
        tags = build(replace(new_brief("tag", {"width": 90.0, "height": 120.0}), copies=9), card).patterns
        pages = arrange(loads_of("Tag", tags), find_sheet("A4")).pages
        (found,) = material(piles_of(pages))
        self.assertEqual((found.sheets, found.money), (len(pages), 0.5 * len(pages)))
        self.assertAlmostEqual(found.card_mm2, 9 * tags[0].area)
        self.assertAlmostEqual(found.waste, 1 - 9 * tags[0].area / (len(pages) * 210 * 297))

    def test_a_tiled_piece_is_counted_once(self) -> None:
        pattern = carton(length=250.0).pattern
        pages = arrange([Load("big", pattern)], replace(find_sheet("A4"), tile_mm=25.0)).pages
        (found,) = material(piles_of(pages))
        self.assertAlmostEqual(found.card_mm2, pattern.area)
        self.assertEqual(found.sheets, len(pages))

    def test_the_command_line_lists_it(self) -> None:
        with tempfile.TemporaryDirectory() as folder, redirect_stdout(io.StringIO()) as out:
            path = Path(folder) / "x.mingei"
            project_file.save(new_project(new_brief("lid-base")), path)
            self.assertEqual(cli.main(["material", str(path), "--json", "--sheet", "A3"]), 0)
        (found,) = json.loads(out.getvalue())
        self.assertEqual((found["sheet"], found["sheets"]), ("A3", 1))
        self.assertTrue(0 < found["waste"] < 1)


class Marks(unittest.TestCase):
    def test_two_check_bars_of_exactly_100_mm(self) -> None:
        (page,) = lay_out((Load("box", carton().pattern),), find_sheet("A4"))
        drawing = page_drawing(page, "Tern Point")
        bars = [s.path[0] for s in drawing.strokes if s.ink is Ink.DRAW
                and abs(s.path[0].length - CHECK_BAR_MM) < 1e-9]
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
        for brief in (new_brief("polyhedron", {"solid": "snub-cube", "pieces": 3.0}), new_brief("tray"),
                      new_brief("prism")):
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
        card = unary_union([Area(page.items[0].move.apply_all(p.flat_polygon)) for p in made.pattern.panels])
        beside = [Point(t.at[0], t.at[1] + 0.35 * t.size) for t in page_drawing(page, "t").texts
                  if t.words.isdigit()]
        self.assertEqual(len(beside), 4)
        for at in beside:
            self.assertFalse(card.contains(at))
            self.assertLess(card.distance(at), 3.2)

    def test_lines_differ_by_pattern_not_by_colour_alone(self) -> None:
        self.assertEqual(len({(look.dashes, look.width) for look in LOOKS.values()}), len(LOOKS))
        self.assertEqual(LOOKS[Ink.CUT].dashes, ())
        self.assertGreater(max(LOOKS[Ink.MOUNTAIN].dashes), 2 * max(LOOKS[Ink.VALLEY].dashes))

    def test_the_page_says_what_it_is(self) -> None:
        words = " ".join(t.words for t in page_drawing(lay_out((Load("box", carton().pattern),),
                                                               find_sheet("A4"))[0], "Tern Point").texts)
        for part in ("Tern Point: box", "Heavy card 300 g", "0.4 mm", "page 1 of 1", "100 %",
                     "mountain fold"):
            self.assertIn(part, words)
