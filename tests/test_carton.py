"""The carton over its whole range, in every stock it allows."""

from __future__ import annotations

import unittest
from itertools import combinations

import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from shapely.geometry import Polygon as Area

from mingei.core.document.build import build
from mingei.core.document.project import Brief, new_brief
from mingei.core.draft import Role
from mingei.core.errors import MeasureError, StockError
from mingei.core.flat.pattern import Pattern
from mingei.core.folded import fold
from mingei.core.recipes import find_recipe, recipes
from mingei.core.stock import CATALOGUE, Stock, find_stock
from tests.strategies import amended_briefs, briefs, stocks
from tests.support import FoldFile, carton

any_carton, amended_carton = briefs("carton"), amended_briefs("carton")


class Everywhere(unittest.TestCase):
    @given(amended_carton)
    def test_the_cavity_is_what_was_asked(self, made: tuple[Brief, Stock]) -> None:
        cavity = build(*made).cavity
        assert cavity is not None
        for got, asked in zip(cavity.size, cavity.asked, strict=True):
            self.assertAlmostEqual(got, asked, delta=0.001)
        self.assertEqual(cavity.lip_mm, 0.0)

    @given(amended_carton)
    def test_no_two_solid_panels_enter_each_other_when_folded(self, made: tuple[Brief, Stock]) -> None:
        pattern = build(*made).pattern
        boxes = _slabs(pattern)
        joined = {frozenset((f.parent, f.child)) for f in pattern.folds}
        for (p, p_low, p_high), (q, q_low, q_high) in combinations(boxes, 2):
            if frozenset((p, q)) in joined:
                continue  # they share a crease
            depth = (np.minimum(p_high, q_high) - np.maximum(p_low, q_low)).min()
            allowed = pattern.stock.caliper_mm / 2 + 1e-6 if _meet_at_a_crease(p, q) else 1e-6
            self.assertLess(depth, allowed, (p, q))

    @given(any_carton)
    def test_end_and_side_opening_are_the_same_blank(self, made: tuple[Brief, Stock]) -> None:
        brief, stock = made[0].with_measure("lock", "plain"), made[1]
        cuts = {o: build(brief.with_measure("opening", o), stock).pattern.cuts for o in ("end", "side")}
        self.assertEqual(cuts["end"], cuts["side"])


def _slabs(pattern: Pattern) -> list[tuple[str, fold.Matrix, fold.Matrix]]:
    """The upright box of each panel's slab; a carton's panels are all square to the axes."""
    posed, half = fold.finished(pattern), pattern.stock.caliper_mm / 2
    result = []
    for p in pattern.panels:
        if p.role in (Role.TAB, Role.LIP):
            continue  # tapered: their boxes say too much, the plan of the top layer is tested below
        corners = np.concatenate([fold.place(posed[p.name], p.polygon, h) for h in (half, -half)])
        result.append((p.name, corners.min(axis=0), corners.max(axis=0)))
    return result


def _meet_at_a_crease(p: str, q: str) -> bool:
    """Two panels that hang on one wall side by side share the corner where their creases run out."""
    return {p.split()[0], q.split()[0]} & {"base", "top", "front", "back"} != set()


class TopLayer(unittest.TestCase):
    @given(any_carton)
    def test_tab_and_lips_lie_side_by_side_under_the_top(self, made: tuple[Brief, Stock]) -> None:
        pattern = build(*made).pattern
        posed = fold.finished(pattern)
        under = [Area(fold.place(posed[s.name], pattern.by_name[s.name].polygon)[:, :2])
                 for s in pattern.seams]
        for a, b in combinations(under, 2):
            self.assertGreater(a.distance(b), 0.15)

    @given(any_carton)
    def test_lips_clear_the_walls_they_slide_between(self, made: tuple[Brief, Stock]) -> None:
        pattern = build(*made).pattern
        posed = fold.finished(pattern)
        width = float(made[0].values["width"])
        for name in ("left lip", "right lip"):
            y = fold.place(posed[name], pattern.by_name[name].polygon)[:, 1]
            self.assertGreater(y.min(), 0.19)
            self.assertLess(y.max(), width - 0.19)


class Setbacks(unittest.TestCase):
    """Score lines of a carton 140 x 32 x 18, worked by hand from the layers at three calipers."""

    def distance(self, pattern: Pattern, one: tuple[str, str], two: tuple[str, str]) -> float:
        a, b = (next(f for f in pattern.folds if (f.parent, f.child) == pair) for pair in (one, two))
        along = ((a.end[0] - a.start[0]) / a.length, (a.end[1] - a.start[1]) / a.length)
        return abs((b.start[0] - a.start[0]) * along[1] - (b.start[1] - a.start[1]) * along[0])

    def test_score_to_score(self) -> None:
        for t in (0.3, 1.0, 1.5):
            p = carton(Stock("x", "x", 300, t)).pattern
            with self.subTest(t):
                self.assertAlmostEqual(self.distance(p, ("base", "front"), ("base", "back")), 32 + t)
                self.assertAlmostEqual(self.distance(p, ("base", "left end"), ("base", "right end")),
                                       140 + 3 * t)
                self.assertAlmostEqual(self.distance(p, ("base", "back"), ("back", "top")), 18 + 2 * t)
                self.assertAlmostEqual(self.distance(p, ("base", "front"), ("front", "front tab")), 18 + t)
                self.assertAlmostEqual(self.distance(p, ("front", "front left flap"),
                                                     ("front", "front right flap")), 140 + t)
                self.assertAlmostEqual(self.distance(p, ("base", "left end"), ("left end", "left lip")),
                                       18 + t)

    def test_outside_size(self) -> None:
        for t in (0.1, 0.4, 1.5):
            for got, inside, calipers in zip(carton(Stock("x", "x", 300, t)).outside, (140, 32, 18),
                                             (4, 2, 3), strict=True):
                self.assertAlmostEqual(got, inside + calipers * t)


class Cavity(unittest.TestCase):
    """The clear space measured from the FOLD export by an instrument that knows nothing of the recipe."""

    def measure(self, fold_file: FoldFile) -> list[float]:
        asked = np.array(fold_file.data["mingei:inside_mm"])
        size = []
        for axis in range(3):
            low, high = -np.inf, np.inf
            others = [i for i in range(3) if i != axis]
            for face in range(len(fold_file.faces)):
                slab = fold_file.slab(face)
                least, most = slab.min(axis=0), slab.max(axis=0)
                if all(least[i] < asked[i] - 0.001 and most[i] > 0.001 for i in others):
                    if least[axis] + most[axis] < asked[axis]:
                        low = max(low, most[axis])
                    else:
                        high = min(high, least[axis])
            size.append(float(high - low))
        return size

    def test_it_is_right_in_every_stock_of_the_catalogue(self) -> None:
        recipe = find_recipe("carton")
        fitting = [s for s in CATALOGUE if recipe.thinnest <= s.caliper_mm <= recipe.thickest]
        self.assertGreaterEqual(len(fitting), 10)
        for stock in fitting:
            for opening in ("end", "side"):
                with self.subTest(stock=stock.id, opening=opening):
                    exported = FoldFile(carton(stock, length=140.0, width=31.75, height=18.0,
                                               opening=opening))
                    for got, asked in zip(self.measure(exported), (140, 31.75, 18), strict=True):
                        self.assertAlmostEqual(got, asked, delta=0.05)

    @given(any_carton)
    def test_it_is_right_everywhere(self, made: tuple[Brief, Stock]) -> None:
        exported = FoldFile(build(*made))
        for got, asked in zip(self.measure(exported), exported.data["mingei:inside_mm"], strict=True):
            self.assertAlmostEqual(got, asked, delta=0.05)


class CreaseGain(unittest.TestCase):
    @given(stocks(0.1, 1.5, gain=0.6))
    def test_a_stock_whose_creases_take_up_card_still_closes_to_the_cavity_asked(self, stock: Stock) -> None:
        made = carton(stock)
        self.assertTrue(all(c.closes for c in made.closures))
        assert made.cavity is not None
        self.assertTrue(made.cavity.fits, made.cavity)

    def test_score_to_score_grows_by_half_the_gain_at_each_fold(self) -> None:
        plain, gained = (carton(Stock("x", "x", 300, 0.4, g)).pattern for g in (0.0, 0.3))
        self.assertAlmostEqual(gained.by_name["base"].area, (32.4 + 0.3) * (141.2 + 0.3), places=6)
        self.assertAlmostEqual(plain.by_name["base"].area, 32.4 * 141.2, places=6)


class Refusals(unittest.TestCase):
    def test_measures_out_of_range_are_refused_with_the_range(self) -> None:
        for name, value in (("length", 0.0), ("width", -3.0), ("height", 1e7), ("tab", float("nan")),
                            ("length", float("inf"))):
            with self.subTest(name=name, value=value), self.assertRaises(MeasureError) as caught:
                new_brief("carton", {name: value})
            self.assertEqual(caught.exception.place, name)

    def test_unknown_names_are_refused(self) -> None:
        self.assertRaises(MeasureError, new_brief, "carton", {"depth": 3.0})
        self.assertRaises(MeasureError, new_brief, "cartoon")
        self.assertRaises(MeasureError, new_brief, "carton", {"opening": "top"})

    def test_board_too_thick_to_fold_so_is_refused(self) -> None:
        with self.assertRaises(StockError) as caught:
            new_brief("carton", {}, find_stock("corrugated-b"))
        self.assertIn("0.1 to 1.5 mm", str(caught.exception))

    def test_the_registry_finds_it(self) -> None:
        self.assertIn("carton", recipes())


class Tabs(unittest.TestCase):
    @given(any_carton, st.sampled_from(["tab", "lip"]))
    def test_they_are_never_deeper_than_asked(self, made: tuple[Brief, Stock], name: str) -> None:
        for seam in build(*made).pattern.seams:
            self.assertLessEqual(seam.depth_mm, seam.asked_mm + 1e-9)
            self.assertGreater(seam.depth_mm, 2.0)

    def test_they_are_as_deep_as_asked_in_a_roomy_carton(self) -> None:
        self.assertEqual([round(s.depth_mm, 6) for s in carton(width=60.0, tab=14.0, lip=16.0).pattern.seams],
                         [14, 16, 16])
