"""The blank: every line once, and every stroke on a sheet knows whose it is."""

from __future__ import annotations

import math
import unittest

from hypothesis import given
from hypothesis import strategies as st

from mingei.core.document.build import build, loads_of_all
from mingei.core.document.project import Brief, new_brief
from mingei.core.draft import Crease
from mingei.core.flat.blank import Kind, blank_of
from mingei.core.layout.drawing import Ink
from mingei.core.layout.marks import page_drawing
from mingei.core.layout.place import arrange
from mingei.core.layout.sheets import find_sheet
from mingei.core.plane.shape import flat_points, signed_area
from mingei.core.recipes import recipes
from mingei.core.stock import Stock, find_stock
from tests.strategies import changed_briefs


class Blanks(unittest.TestCase):
    @given(st.sampled_from(sorted(recipes())).flatmap(changed_briefs))
    def test_what_is_cut_is_the_piece_and_every_fold_is_scored_once(self,
                                                                    any_build: tuple[Brief, Stock]) -> None:
        for pattern in build(*any_build).patterns:
            blank = blank_of(pattern)
            cuts = [m for m in blank.marks if m.is_cut]
            self.assertEqual(len(cuts), len(pattern.cuts))
            area = sum(signed_area(flat_points(m.path)[:-1]) for m in cuts if m.kind is not Kind.SLIT)
            self.assertAlmostEqual(area, pattern.area, delta=max(1.0, 2e-3 * pattern.area))
            straight = [n for n, f in enumerate(pattern.folds) if not f.bend and not f.curved]
            scores = [m for m in blank.of(Kind.SCORE) if not m.curved]
            self.assertEqual([m.number for m in scores], straight)
            for mark in scores:
                fold = pattern.folds[mark.number]
                self.assertEqual((mark.path[0].start, mark.path[0].end, mark.crease),
                                 (fold.start, fold.end, fold.crease))
            curved = sum(f.length for f in pattern.folds if f.curved)
            self.assertAlmostEqual(sum(s.length for m in blank.of(Kind.SCORE) if m.curved for s in m.path),
                                   curved)

    def test_an_opening_is_told_from_an_outline_and_a_slit_from_both(self) -> None:
        made = build(new_brief("strut-base"), find_stock("card-300"))
        kinds = {m.kind for p in made.patterns for m in blank_of(p).marks}
        self.assertIn(Kind.OPENING, kinds)
        locked = build(new_brief("carton", {"lock": "locking"}), find_stock("card-300"))
        self.assertEqual([m.kind for m in blank_of(locked.pattern).marks if m.is_cut].count(Kind.OUTLINE), 1)


class Strokes(unittest.TestCase):
    def test_every_stroke_of_a_thing_on_a_page_says_whose_it_is(self) -> None:
        made = [build(new_brief(name), find_stock("card-220"))
                for name in ("tray", "sleeve", "envelope-side")]
        pages = arrange(loads_of_all(made), find_sheet("A3")).pages
        seen = 0
        for page in pages:
            items = {(i.load.owner, i.load.pattern.name, i.copy): i for i in page.items}
            for stroke in page_drawing(page, "Test").strokes:
                self.assertEqual(stroke.of is None, stroke.mark, stroke)
                if stroke.of is None or stroke.of.kind is not Kind.SCORE:
                    continue
                item = items[stroke.of.thing, stroke.of.piece, stroke.of.copy]
                fold = item.load.pattern.folds[stroke.of.number]
                self.assertEqual(stroke.ink is Ink.MOUNTAIN, fold.crease is Crease.MOUNTAIN)
                self.assertLess(math.dist(stroke.path[0].start, item.move.apply(fold.start)), 1e-9)
                seen += 1
        self.assertEqual(seen, sum(1 for m in made for p in m.patterns for f in p.folds))


if __name__ == "__main__":
    unittest.main()
