"""Slots as wide as the stock, tongues that pass through them and bend opposite ways, boards halved into each
other, holes for sticks."""

from __future__ import annotations

import math
import unittest

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from mingei.core.check import run
from mingei.core.document.build import Build, build
from mingei.core.document.project import new_brief
from mingei.core.draft import Crease
from mingei.core.folded import fold
from mingei.core.layout.sheets import find_sheet
from mingei.core.offset import SLOT_ENDS_MM, SLOT_PLAY_MM
from mingei.core.plane.shape import bounds
from mingei.core.recipes import Value
from mingei.core.sizing.scale import scaled
from mingei.core.stock import Stock
from tests.giving import given_way


def bandstand(caliper: float = 0.3, **values: Value) -> Build:
    stock = Stock("any", "Any stock", 250, caliper)
    return build(new_brief("strut-base", values, stock), stock)


class Slots(unittest.TestCase):
    @given(st.floats(0.1, 0.5), st.floats(24, 60))
    def test_a_slot_is_as_wide_as_the_card_and_a_little_longer_than_its_tongue(self, caliper: float,
                                                                               cross: float) -> None:
        made = bandstand(caliper, cross=cross, across=150.0)
        for name in ("deck", "ceiling"):
            panel = next(p.by_name[name] for p in made.patterns if name in p.by_name)
            boxes = [bounds(h) for h in panel.hole_polygons[-4:]]
            self.assertEqual(sum(b.width > b.height for b in boxes), 2)
            for box in boxes:
                self.assertAlmostEqual(min(box.width, box.height), caliper + SLOT_PLAY_MM)
                self.assertAlmostEqual(max(box.width, box.height), cross / 4 + SLOT_ENDS_MM)

    @given(st.floats(0.1, 0.5), st.floats(30, 150), st.integers(4, 12))
    def test_tongues_come_through_the_slots_and_lie_on_the_far_face(self, caliper: float, height: float,
                                                                    sides: int) -> None:
        made = bandstand(caliper, column=height, base=18.0, sides=float(sides), across=160.0, stick=0.0)
        deck = next(p.by_name["deck"] for p in made.patterns if "deck" in p.by_name)
        slots = [bounds(h) for h in deck.hole_polygons[-4:]]
        for board, level in (("column a", 0), ("column b", 1)):
            pattern = next(p for p in made.patterns if p.name == board)
            posed = fold.finished(pattern)
            for panel in pattern.panels:
                corners = fold.place(posed[panel.name], panel.polygon)
                # its middle plane passes through the axis, its shoulders stand on the deck
                if panel.name == board:
                    self.assertLess(float(np.abs(corners[:, 1 - level]).max()), 1e-9)
                    continue
                above = corners[:, 2].mean() > 18 + height / 2
                wanted = 18 + height + 0.5 + caliper / 2 if above else 18 - 0.5 - caliper / 2
                self.assertLess(float(np.abs(corners[:, 2] - wanted).max()), 1e-6, panel.name)
            # where the card passes the deck it lies within a slot, by its middle and its half thickness
            neck = [p for p in pattern.by_name[board].polygon if p[1] < -0.1]
            spots = fold.place(posed[board], neck)
            for x, y, _ in spots:
                self.assertTrue(any(b.left <= x <= b.right and b.bottom <= y <= b.top for b in slots), (x, y))

    def test_neighbouring_tongues_bend_opposite_ways(self) -> None:
        for pattern in bandstand().patterns:
            if pattern.name.startswith("column"):
                creases = [f.crease for f in pattern.folds]
                self.assertEqual(creases, [Crease.MOUNTAIN, Crease.VALLEY] * 2)

    @given(st.floats(0.1, 0.5))
    def test_the_boards_are_halved_into_each_other(self, caliper: float) -> None:
        made = bandstand(caliper, column=70.0, cross=32.0)
        cut = {}
        for name in ("column a", "column b"):
            points = next(p for p in made.patterns if p.name == name).by_name[name].polygon
            # the floors of the halvings lie half way up, and a little further
            floor = 35.0 + (-0.25 if name == "column a" else 0.25)
            cut[name] = [p for p in points if abs(p[1] - floor) < 1e-6]
            xs = sorted(x for x, _ in cut[name])
            self.assertAlmostEqual(xs[-1] - xs[0], caliper + SLOT_PLAY_MM)
            self.assertAlmostEqual((xs[0] + xs[-1]) / 2, 16.0)
        self.assertEqual(len(cut), 2)

    def test_holes_for_sticks_go_by_the_real_diameter_and_stay_when_it_is_scaled(self) -> None:
        made = bandstand(stick=3.0)
        larger = build(scaled(made.brief, 1.5), made.stock)
        for result in (made, larger):
            deck = next(p.by_name["deck"] for p in result.patterns if "deck" in p.by_name)
            rounds = [bounds(h) for h in deck.hole_polygons[:8]]
            for box in rounds:
                self.assertAlmostEqual(box.width, 3.2, delta=0.02)
        said = " ".join(str(f) for f in run(made, find_sheet("A3")) if f.code == "remark")
        self.assertIn("cut 8 of 71 mm", said)
        self.assertIn("opposite ways", said)

    def test_holes_that_leave_too_little_card_give_way(self) -> None:
        for values, name in (({"stick": 8.0, "across": 50.0}, "stick"),
                             ({"cross": 100.0, "across": 100.0}, "cross")):
            with self.subTest(values):
                self.assertEqual(set(given_way("strut-base", {**bandstand().brief.values, **values})), {name})

    def test_sticks_stand_alike_in_deck_and_ceiling(self) -> None:
        for sides in (5, 8):
            made = bandstand(sides=float(sides), across=120.0)
            spots = []
            for name in ("deck", "ceiling"):
                pattern = next(p for p in made.patterns if name in p.by_name)
                matrix = fold.finished(pattern)[name]
                rings = pattern.by_name[name].hole_polygons[:sides]
                middles = [bounds(h).centre for h in rings]
                spots.append(sorted((round(float(x), 6), round(float(y), 6))
                                    for x, y, _ in fold.place(matrix, middles)))
            self.assertEqual(spots[0], spots[1])
            self.assertTrue(all(math.hypot(*p) > 40 for p in spots[0]))


if __name__ == "__main__":
    unittest.main()
