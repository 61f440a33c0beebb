"""Lines, arcs, polygons; shapely as the independent instrument."""

from __future__ import annotations

import math
import unittest
from itertools import pairwise

from hypothesis import given
from hypothesis import strategies as st
from shapely.geometry import Point as ShapelyPoint
from shapely.geometry import Polygon as ShapelyPolygon

from mingei.core.errors import GeometryError
from mingei.core.plane.shape import (
    Arc,
    Line,
    bounds,
    contains,
    flat_points,
    mapping,
    moved,
    outset,
    path_bounds,
    path_length,
    polygon_path,
    reverse,
    rounded_polygon,
    shifted,
    signed_area,
    turned,
)

coordinates = st.floats(-500, 500)
points = st.tuples(coordinates, coordinates)
SQUARE = ((0.0, 0.0), (10.0, 0.0), (10.0, 10.0), (0.0, 10.0))


class Segments(unittest.TestCase):
    def test_arc_length_and_ends(self) -> None:
        arc = Arc((1.0, 2.0), 5.0, 0.0, 90.0)
        self.assertAlmostEqual(arc.length, 5 * math.pi / 2)
        self.assertAlmostEqual(arc.start[0], 6.0)
        self.assertAlmostEqual(arc.end[1], 7.0)

    @given(points, st.floats(0.5, 300), st.floats(-360, 360),
           st.floats(-359, 359).filter(lambda s: abs(s) > 1))
    def test_chords_stay_within_the_error_asked(self, centre: tuple[float, float], radius: float,
                                                start: float, sweep: float) -> None:
        for p, q in pairwise(flat_points((Arc(centre, radius, start, sweep),), 0.05)):
            middle = ((p[0] + q[0]) / 2, (p[1] + q[1]) / 2)
            self.assertGreaterEqual(math.dist(middle, centre), radius - 0.0501)
            self.assertAlmostEqual(math.dist(q, centre), radius, places=6)

    @given(points, st.floats(0.5, 300), st.floats(-360, 360),
           st.floats(-359, 359).filter(lambda s: abs(s) > 1))
    def test_bounds_hold_an_arc_tightly(self, centre: tuple[float, float], radius: float, start: float,
                                        sweep: float) -> None:
        arc = Arc(centre, radius, start, sweep)
        exact, fine = path_bounds([(arc,)]), bounds(flat_points((arc,), 0.01))
        for a, b in zip(exact, fine, strict=True):
            self.assertAlmostEqual(a, b, delta=0.02)

    def test_reversing_keeps_the_points(self) -> None:
        for segment in (Line((0.0, 0.0), (3.0, 4.0)), Arc((0.0, 0.0), 2.0, 10.0, 200.0)):
            self.assertAlmostEqual(math.dist(reverse(segment).start, segment.end), 0.0)
            self.assertAlmostEqual(math.dist(reverse(segment).end, segment.start), 0.0)
            self.assertAlmostEqual(reverse(segment).length, segment.length)


class Moves(unittest.TestCase):
    @given(points, points, st.floats(-720, 720), points)
    def test_a_move_keeps_distances_and_can_be_undone(self, p: tuple[float, float], q: tuple[float, float],
                                                      turn: float,
                                                      shift: tuple[float, float]) -> None:
        move = turned(turn).then(shifted(*shift))
        self.assertAlmostEqual(math.dist(move.apply(p), move.apply(q)), math.dist(p, q), places=6)
        self.assertAlmostEqual(math.dist(move.inverse().apply(move.apply(p)), p), 0.0, places=6)

    def test_quarter_turns_are_exact(self) -> None:
        self.assertEqual(turned(90).apply((3.0, 4.0)), (-4.0, 3.0))
        self.assertEqual(turned(-90).apply((3.0, 4.0)), (4.0, -3.0))

    def test_mapping_takes_a_direction_to_a_direction(self) -> None:
        move = mapping((1.0, 1.0), (2.0, 1.0), (5.0, 5.0), (5.0, 9.0))
        self.assertAlmostEqual(math.dist(move.apply((1.0, 1.0)), (5.0, 5.0)), 0.0)
        self.assertAlmostEqual(math.dist(move.apply((3.0, 1.0)), (5.0, 7.0)), 0.0)
        self.assertRaises(GeometryError, mapping, (1.0, 1.0), (1.0, 1.0), (0.0, 0.0), (1.0, 0.0))

    def test_a_moved_arc_goes_where_its_points_go(self) -> None:
        arc, move = Arc((1.0, 2.0), 3.0, 20.0, -130.0), turned(33.0).then(shifted(5.0, -7.0))
        self.assertAlmostEqual(math.dist(moved(arc, move).end, move.apply(arc.end)), 0.0)


class Polygons(unittest.TestCase):
    def test_outset_moves_each_side_by_its_own_distance(self) -> None:
        self.assertEqual(outset(SQUARE, (1.0, 2.0, 3.0, -4.0)),
                         ((4.0, -1.0), (12.0, -1.0), (12.0, 13.0), (4.0, 13.0)))

    def test_outset_refuses_sides_in_one_line_that_part(self) -> None:
        bent = ((0.0, 0.0), (5.0, 0.0), (10.0, 0.0), (10.0, 10.0), (0.0, 10.0))
        self.assertRaises(GeometryError, outset, bent, (1.0, 2.0, 0.0, 0.0, 0.0))
        self.assertEqual(len(outset(bent, (1.0, 1.0, 0.0, 0.0, 0.0))), 5)

    def test_area_and_inside_agree_with_shapely(self) -> None:
        shape = ((0.0, 0.0), (30.0, 0.0), (30.0, 20.0), (14.0, 7.0), (3.0, 25.0))
        other = ShapelyPolygon(shape)
        self.assertAlmostEqual(signed_area(shape), other.area)
        for x in range(-2, 33, 3):
            for y in range(-2, 28, 3):
                p = (x + 0.37, y + 0.21)
                self.assertEqual(contains(shape, p), other.contains(ShapelyPoint(p)), p)

    @given(st.floats(0.1, 4.9))
    def test_rounding_takes_the_known_length_off_each_corner(self, radius: float) -> None:
        path = rounded_polygon(SQUARE, {1: radius, 2: radius, 3: radius})
        # a square corner loses two legs of r and gains a quarter circle
        self.assertAlmostEqual(path_length(path), 40 - 3 * (2 - math.pi / 2) * radius)
        for a, b in pairwise(path):
            self.assertAlmostEqual(math.dist(a.end, b.start), 0.0)
        self.assertAlmostEqual(signed_area(flat_points(path, 0.001)[:-1]),
                               100 - 3 * (1 - math.pi / 4) * radius**2, delta=0.02)

    def test_rounding_works_on_a_hollow_corner_too(self) -> None:
        notched = ((0.0, 0.0), (10.0, 0.0), (10.0, 5.0), (5.0, 5.0), (5.0, 10.0), (0.0, 10.0))
        path = rounded_polygon(notched, {3: 1.0})
        self.assertAlmostEqual(signed_area(flat_points(path, 0.001)[:-1]), 75 + (1 - math.pi / 4), delta=0.01)

    def test_too_large_a_rounding_is_refused(self) -> None:
        self.assertRaises(GeometryError, rounded_polygon, SQUARE, {1: 11.0})
        self.assertEqual(len(rounded_polygon(SQUARE, {})), len(polygon_path(SQUARE)))
