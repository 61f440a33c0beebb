"""Glue tabs and lips."""

from __future__ import annotations

import math
import unittest
from collections.abc import Collection

from hypothesis import assume, given
from hypothesis import strategies as st
from shapely.geometry import Polygon as Area

from mingei.core.errors import GeometryError
from mingei.core.flat.joint import Corner, Host, tab_shape
from mingei.core.plane.shape import flat_points, turned

SQUARE = Corner(90.0, False)
SHARED = Corner(90.0, True)


def host(width: float, height: float, bearing: Collection[int] = ()) -> Host:
    return Host.of(((0.0, 0.0), (width, 0.0), (width, height), (0.0, height)), bearing)


class Tab(unittest.TestCase):
    def test_it_is_as_deep_as_asked_where_there_is_room(self) -> None:
        shape = tab_shape([host(100, 40)], 100, SQUARE, SQUARE, 10, 0.2)
        self.assertAlmostEqual(shape.depth_mm, 10)
        top = max(y for _, y in flat_points(shape.path))
        self.assertAlmostEqual(top, 10)

    def test_it_is_shortened_to_its_host(self) -> None:
        shape = tab_shape([host(100, 6)], 100, SQUARE, SQUARE, 10, 0.2)
        self.assertAlmostEqual(shape.depth_mm, 5.8)

    def test_tabs_from_both_sides_keep_to_their_halves(self) -> None:
        shape = tab_shape([host(100, 12, [2])], 100, SQUARE, SQUARE, 10, 0.2)
        self.assertAlmostEqual(shape.depth_mm, 5.8)

    def test_opposite_tabs_keep_apart_even_where_both_are_cut_short_by_their_tapers(self) -> None:
        # found by a property: wide lips on a short top came to lie over each other
        shape = tab_shape([host(18, 20, [2])], 18, SHARED, SQUARE, 40, 0.15)
        self.assertLessEqual(shape.depth_mm, 9.8 + 1e-9)

    def test_its_hinge_lies_outside_the_nominal_edge_by_the_setback(self) -> None:
        for setback in (0.2, 0.75, 0.0, -0.4):
            path = tab_shape([host(100, 40)], 100, SQUARE, SQUARE, 10, setback, 3.0).path
            self.assertAlmostEqual(path[0].start[1], -setback)
            self.assertAlmostEqual(path[0].end[1], -setback)
            self.assertGreater(path[0].end[0], path[0].start[0])

    def test_an_edge_too_short_for_a_tab_is_refused(self) -> None:
        self.assertRaises(GeometryError, tab_shape, [host(0.5, 10)], 0.5, SQUARE, SQUARE, 5, 0.1)

    def test_openings_too_near_the_edge_are_refused_whichever_of_them_it_is(self) -> None:
        def window(left: float, low: float) -> tuple[tuple[float, float], ...]:
            return ((left, low), (left + 10, low), (left + 10, low + 3), (left, low + 3))

        tab_shape([host(100, 40)], 100, SQUARE, SQUARE, 10, 0.2, holes=[window(30, 0.3), window(60, 5.0)])
        both = [window(20, -0.1), window(60, 5.0)]
        self.assertRaises(GeometryError, tab_shape, [host(100, 40)], 100, SQUARE, SQUARE, 10, 0.2, holes=both)
        # a hinge inside the edge comes nearer to it
        self.assertRaises(GeometryError, tab_shape, [host(100, 40)], 100, SQUARE, SQUARE, 10, -0.5,
                          holes=[window(30, 0.3)])

    def test_a_sharp_host_bounds_its_tab(self) -> None:
        triangle = ((0.0, 0.0), (40.0, 0.0), (20.0, 9.0))
        angle = math.degrees(math.atan2(9, 20))
        shape = tab_shape([Host.of(triangle)], 40, Corner(angle, False), Corner(angle, False), 30, 0.2)
        self.assertLessEqual(Area(flat_points(shape.path)).difference(Area(triangle).buffer(0.21)).area, 1e-9)

    @given(st.floats(8, 300), st.floats(8, 300), st.floats(1, 60), st.floats(1, 60), st.floats(0, 3),
           st.floats(0, 6))
    def test_two_tabs_that_share_a_corner_never_meet(self, width: float, height: float, one: float,
                                                     two: float, setback: float, round_mm: float) -> None:
        a = tab_shape([host(width, height)], width, SHARED, SQUARE, one, setback, round_mm)
        # the other comes from the left side: its edge runs down from (0, height) to (0, 0)
        b = tab_shape([host(height, width)], height, SQUARE, SHARED, two, setback, round_mm)
        here = Area(flat_points(a.path))
        quarter = turned(-90)
        there = Area([(x, y + height) for x, y in (quarter.apply(p) for p in flat_points(b.path))])
        self.assertGreater(here.distance(there), 0.1)

    @given(st.floats(3, 300), st.floats(3, 300), st.floats(0.5, 60), st.floats(-2, 3), st.booleans(),
           st.booleans(), st.floats(0, 10))
    def test_it_lies_inside_its_host_and_is_one_clean_outline(self, width: float, height: float, depth: float,
                                                              setback: float, left: bool, right: bool,
                                                              round_mm: float) -> None:
        assume(setback > -0.3 * min(width, height, depth))
        shape = tab_shape([host(width, height)], width, Corner(90, left), Corner(90, right), depth, setback,
                          round_mm)
        outline = Area(flat_points(shape.path))
        self.assertTrue(outline.is_valid)
        self.assertTrue(outline.exterior.is_ccw)
        within = Area([(0, min(0, -setback)), (width, min(0, -setback)), (width, height), (0, height)])
        self.assertLess(outline.difference(within).area, 1e-9)
        self.assertGreater(shape.depth_mm, 0)

    def test_it_goes_round_an_opening_with_room_beside(self) -> None:
        window = ((40.0, 4.0), (40.0, 20.0), (60.0, 20.0), (60.0, 4.0))
        shape = tab_shape([host(100, 40)], 100, SQUARE, SQUARE, 10, 0.2, holes=[window])
        self.assertAlmostEqual(shape.depth_mm, 10)
        outline = Area(flat_points(shape.path))
        self.assertEqual(outline.geom_type, "Polygon")
        self.assertGreaterEqual(outline.distance(Area(window)), 0.2 - 1e-9)
        self.assertAlmostEqual(outline.intersection(Area([(45, -1), (55, -1), (55, 20), (45, 20)])).bounds[3],
                               3.8)
        self.assertAlmostEqual(shape.path[0].length, shape.hinge_mm)

    def test_beside_an_opening_that_leaves_too_little_it_stops_before_it(self) -> None:
        window = ((4.0, 4.0), (4.0, 20.0), (96.0, 20.0), (96.0, 4.0))
        shape = tab_shape([host(100, 40)], 100, SQUARE, SQUARE, 10, 0.2, holes=[window])
        self.assertAlmostEqual(shape.depth_mm, 3.8)

    @given(st.floats(20, 200), st.floats(1, 30), st.floats(-0.4, 2), st.booleans(),
           st.lists(st.tuples(st.floats(0, 1), st.floats(0, 1), st.floats(3, 40), st.floats(3, 20)),
                    min_size=1, max_size=3))
    def test_whatever_is_cut_out_it_keeps_clear_and_stays_one_outline(
            self, width: float, depth: float, setback: float, left: bool,
            openings: list[tuple[float, float, float, float]]) -> None:
        holes = []
        for share, up, broad, high in openings:
            x, y = share * width - broad / 2, 2.0 + up * 30
            holes.append(((x, y), (x, y + high), (x + broad, y + high), (x + broad, y)))
        shape = tab_shape([host(width, 60)], width, Corner(90, left), SQUARE, depth, setback, 2.0, holes)
        outline = Area(flat_points(shape.path))
        self.assertTrue(outline.is_valid)
        self.assertTrue(outline.exterior.is_ccw)
        for hole in holes:
            self.assertGreaterEqual(outline.distance(Area(hole)), 0.2 - 1e-6)
        plain = Area(flat_points(tab_shape([host(width, 60)], width, Corner(90, left), SQUARE, depth,
                                           setback).path))
        self.assertLess(outline.difference(plain.buffer(1e-6)).area, 1e-6)
