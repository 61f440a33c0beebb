"""The setback rule, against cases worked by hand."""

from __future__ import annotations

import math
import unittest

from hypothesis import given
from hypothesis import strategies as st

from mingei.core.errors import GeometryError
from mingei.core.offset import Measured, Slab, crease_gain, mid_depth, setback, slab, stop_against, stop_over


def layer(number: int, t: float) -> Slab:
    """A body on a layer."""
    return slab(mid_depth(number, t), t)


class Setback(unittest.TestCase):
    def test_a_wall_between_two_square_folds_gains_half_a_caliper_at_each(self) -> None:
        # worked by hand: inside length 100, walls on layer 0: score to score 100 + t
        for t, length in ((0.3, 100.3), (1.0, 101.0), (4.0, 104.0)):
            d = mid_depth(0, t)
            self.assertAlmostEqual(100 + 2 * setback(d, d, 90), length)

    def test_a_flap_over_another_flap_has_its_crease_one_caliper_further_out(self) -> None:
        for t in (0.3, 1.0, 4.0):
            inner, outer = (setback(mid_depth(0, t), mid_depth(n, t), 90) for n in (0, 1))
            self.assertAlmostEqual(outer - inner, t)

    def test_a_wall_glued_over_a_tab_makes_its_neighbour_one_caliper_longer_than_the_wall_opposite(
        self) -> None:
        for t in (0.3, 1.0, 4.0):
            d = mid_depth(0, t)
            under_top, plain = setback(d, mid_depth(1, t), 90), setback(d, mid_depth(0, t), 90)
            self.assertAlmostEqual(under_top - plain, t)

    def test_equal_layers_follow_the_half_angle(self) -> None:
        for angle in (10, 45, 60, 120, 150):
            self.assertAlmostEqual(setback(0.5, 0.5, angle), 0.5 * math.tan(math.radians(angle / 2)))

    def test_worked_case_at_60_degrees(self) -> None:
        # t = 1, own layer 0, neighbour on layer 1: (1.5 - 0.5 cos 60) / sin 60 = 1.25 / 0.8660254
        self.assertAlmostEqual(setback(0.5, 1.5, 60), 1.4433757, places=6)

    def test_a_valley_fold_measured_on_its_open_side_takes_away(self) -> None:
        self.assertAlmostEqual(setback(0.5, 0.5, -90), -0.5)

    def test_outside_size_counts_inward(self) -> None:
        d = mid_depth(0, 2.0, Measured.OUTSIDE)
        self.assertAlmostEqual(100 + 2 * setback(d, d, 90), 98.0)

    def test_no_corner_no_setback(self) -> None:
        for angle in (180, -180):
            self.assertRaises(GeometryError, setback, 0.5, 0.5, angle)
        self.assertRaises(GeometryError, setback, 0.5, 0.7, 0)

    def test_a_pre_crease_that_lies_flat_takes_no_card(self) -> None:
        self.assertEqual(setback(0.5, 0.5, 0.0), 0.0)

    @given(st.floats(0.05, 2), st.floats(0.05, 8), st.floats(1, 179))
    def test_the_two_mid_surfaces_meet_where_the_setbacks_say(self, own: float, other: float,
                                                              angle: float) -> None:
        # f runs along +x to the corner at 0, offset to y = own; g leaves the corner turned down by the angle,
        # offset outward
        a = math.radians(angle)
        along, out = (math.cos(a), -math.sin(a)), (math.sin(a), math.cos(a))
        ef, eg = setback(own, other, angle), setback(other, own, angle)
        from_f = (ef, own)
        from_g = (out[0] * other - along[0] * eg, out[1] * other - along[1] * eg)
        self.assertAlmostEqual(math.dist(from_f, from_g), 0.0, delta=1e-6 * (1 + other / math.sin(a)))


class Edges(unittest.TestCase):
    def test_a_covering_edge_stops_at_the_outer_face_less_relief(self) -> None:
        self.assertAlmostEqual(stop_over(layer(0, 1.0), layer(0, 1.0)), 0.8)
        self.assertAlmostEqual(stop_over(layer(0, 1.0), layer(1, 1.0)), 1.8)

    def test_it_goes_by_the_thickness_of_what_it_covers_and_not_by_its_own(self) -> None:
        # worked by hand: card of 0.5 mm that covers board of 3 mm runs 3 mm past the corner, less 0.2
        self.assertAlmostEqual(stop_over(layer(0, 0.5), layer(0, 3.0)), 2.8)
        self.assertAlmostEqual(stop_against(layer(0, 0.5), layer(1, 3.0).inner), 2.8)

    @given(st.integers(0, 4), st.floats(0.05, 4))
    def test_it_never_passes_that_face_and_always_reaches_the_crease(self, number: int, t: float) -> None:
        self.assertLess(stop_over(layer(0, t), layer(number, t)), (number + 1) * t)
        self.assertGreaterEqual(stop_over(layer(0, t), layer(number, t)), mid_depth(number, t) - 1e-12)

    def test_a_meeting_edge_stays_clear_of_the_inner_face(self) -> None:
        self.assertAlmostEqual(stop_against(layer(0, 1.0), layer(0, 1.0).inner), -0.2)
        self.assertAlmostEqual(stop_against(layer(0, 1.0), layer(1, 1.0).inner), 0.8)

    def test_crease_gain_goes_with_the_angle(self) -> None:
        self.assertAlmostEqual(crease_gain(0.3, 90), 0.3)
        self.assertAlmostEqual(crease_gain(0.3, -45), 0.15)
