"""Looking at the model and measuring it: camera, hidden surfaces, distances."""

from __future__ import annotations

import math
import unittest

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from mingei.core.folded.hidden import Face, back_to_front, seen
from mingei.core.folded.measuring import gap, snap, span
from mingei.core.folded.solid import Hit, assembly, hit, solids
from mingei.core.folded.view import STANDARD_VIEWS, Camera, framed, light_of
from tests.support import carton


class Looking(unittest.TestCase):
    @given(st.floats(0, 360), st.floats(-89, 89), st.floats(0.3, 3.5))
    def test_the_whole_model_is_in_the_picture_from_every_side(self, yaw: float, pitch: float,
                                                               aspect: float) -> None:
        points = solids(carton().pattern).triangles.reshape(-1, 3)
        camera = framed(Camera(yaw, pitch), points)
        clip = np.concatenate([points, np.ones((len(points), 1))], axis=1) @ camera.matrix(aspect).T
        self.assertLessEqual(float(np.abs(clip[:, :2] / clip[:, 3:]).max()), 1.0)
        self.assertTrue((np.abs(clip[:, 2] / clip[:, 3]) <= 1).all())

    @given(st.floats(0, 360), st.floats(-89, 89), st.floats(-0.9, 0.9), st.floats(-0.9, 0.9))
    def test_a_ray_goes_through_the_point_it_was_asked_for(self, yaw: float, pitch: float, x: float,
                                                           y: float) -> None:
        camera = Camera(yaw, pitch)
        origin, direction = camera.ray(x, y, 1.5)
        clip = camera.matrix(1.5) @ np.array([*(origin + direction * 400), 1.0])
        np.testing.assert_allclose(clip[:2] / clip[3], (x, y), atol=1e-6)

    @given(st.floats(0, 360), st.floats(-89, 89), st.integers(100, 2000), st.integers(100, 2000),
           st.floats(0.3, 8))
    def test_a_millimetre_shows_as_large_as_it_says(self, yaw: float, pitch: float, width: int, height: int,
                                                    zoom: float) -> None:
        camera = Camera(yaw, pitch, zoom)
        # one mm to the right of the middle
        clip = camera.matrix(width / height) @ np.array([*camera.basis()[0], 1.0])
        self.assertAlmostEqual(float(clip[0] / clip[3]) * width / 2, camera.px_a_mm(width, height), places=6)

    def test_light_comes_from_the_side_of_the_one_who_looks(self) -> None:
        for _, yaw, pitch in STANDARD_VIEWS:
            camera = Camera(yaw, pitch)
            self.assertGreater(float(light_of(camera) @ camera.basis()[2]), 0.3)


class Hidden(unittest.TestCase):
    def test_what_is_painted_last_at_a_point_is_what_a_ray_meets_first(self) -> None:
        made = carton("greyboard-15")
        for fraction in (0.35, 0.62, 1.0):
            shape = solids(made.pattern, fraction)
            for yaw, pitch in ((-52.0, 28.0), (17.0, -40.0), (120.0, 60.0)):
                camera = framed(Camera(yaw, pitch), shape.triangles.reshape(-1, 3))
                faces = seen(shape, camera, 1.0, light_of(camera))
                agreed = asked = 0
                for x in np.linspace(0.1, 0.9, 11):
                    for y in np.linspace(0.13, 0.87, 9):
                        met = hit(shape, *camera.ray(2 * x - 1, 2 * y - 1, 1.0))
                        painted = [f for f in faces if _inside(f.points, float(x), float(y))]
                        asked += met is not None
                        agreed += (met is not None and bool(painted) and int(shape.panel[painted[-1].source])
                                   == met.panel)
                        self.assertEqual(met is None, not painted)
                self.assertGreaterEqual(agreed, 0.97 * asked)  # rays along a crease may go either way
                self.assertGreater(asked, 8)

    def test_of_many_faces_those_out_of_sight_alone_are_left_out(self) -> None:
        for fraction in (0.35, 1.0):
            shape = solids(carton("greyboard-15").pattern, fraction)
            camera = framed(Camera(-52.0, 28.0), shape.triangles.reshape(-1, 3))
            whole, sifted = (seen(shape, camera, 1.0, light_of(camera), many) for many in (10_000, 10))
            self.assertLess(len({f.source for f in sifted}), len({f.source for f in whole}))
            rng = np.random.default_rng(7)
            for x, y in rng.random((300, 2)).tolist():
                all_of, left = ([f.source for f in faces if _inside(f.points, x, y)]
                                for faces in (whole, sifted))
                self.assertEqual(all_of[-1:], left[-1:])

    def test_faces_that_cross_are_cut(self) -> None:
        square = np.array([(-1.0, -1.0, 0.0), (1.0, -1.0, 0.0), (1.0, 1.0, 0.0), (-1.0, 1.0, 0.0)])
        upright = square[:, [0, 2, 1]]
        faces = [Face(square, np.array([0.0, 0.0, 1.0]), 0), Face(upright, np.array([0.0, -1.0, 0.0]), 1)]
        order = [f.source for f in back_to_front(faces, np.array([0.0, -5.0, 5.0]))]
        self.assertEqual(sorted(order), [0, 1, 1])
        self.assertEqual(order[1], 0)


def _inside(polygon: np.ndarray, x: float, y: float) -> bool:
    a, b = polygon, np.roll(polygon, -1, axis=0)
    turn = (b[:, 0] - a[:, 0]) * (y - a[:, 1]) - (b[:, 1] - a[:, 1]) * (x - a[:, 0])
    return bool((turn >= 0).all() or (turn <= 0).all())


class Pieces(unittest.TestCase):
    def test_several_pieces_are_one_model_and_part_when_exploded(self) -> None:
        patterns = [carton().pattern, carton(length=60.0).pattern]
        together, apart = assembly(patterns), assembly(patterns, apart=1.0)
        self.assertEqual(set(together.panel.tolist()),
                         set(range(len(patterns[0].panels) + len(patterns[1].panels))))
        low = [shape.triangles[shape.panel >= len(patterns[0].panels)].min(axis=(0, 1))
               for shape in (together, apart)]
        self.assertGreater(float(np.linalg.norm(low[1] - low[0])), 50.0)
        self.assertEqual(len(assembly(patterns[:1], apart=1.0).triangles), len(solids(patterns[0]).triangles))


class Measuring(unittest.TestCase):
    def test_the_gap_between_opposite_walls_is_the_inside(self) -> None:
        made = carton()
        shape = solids(made.pattern)
        start = np.array([70.0, 16.0, 9.0])
        # beside the tab the top stands one card above the inside; between their flaps the ends stand one card
        # out, each
        for way, wanted in (((0.0, 1.0, 0.0), 32.0), ((0.0, 0.0, 1.0), 18.0 + 0.4),
                            ((1.0, 0.0, 0.0), 140.0 + 2 * 0.4)):
            a, b = (hit(shape, start, sign * np.array(way)) for sign in (1.0, -1.0))
            assert a is not None and b is not None
            found = gap(a, b)
            assert found.apart_mm is not None
            self.assertAlmostEqual(found.apart_mm, wanted, places=6)

    def test_faces_at_an_angle_are_measured_as_one(self) -> None:
        a = Hit(0, 0, (0.0, 0.0, 0.0), (0.0, 0.0, 1.0))
        b = Hit(1, 0, (3.0, 4.0, 0.0), (0.0, math.sin(1.0), math.cos(1.0)))
        found = gap(a, b)
        self.assertIsNone(found.apart_mm)
        self.assertAlmostEqual(found.angle_deg, math.degrees(1.0))
        self.assertAlmostEqual(found.points_mm, 5.0)

    def test_a_section_lets_the_ray_through(self) -> None:
        shape = solids(carton().pattern)
        origin, down = np.array([70.0, 16.0, 100.0]), np.array([0.0, 0.0, -1.0])
        names = [p.name for p in carton().pattern.panels]
        whole, cut = hit(shape, origin, down), hit(shape, origin, down, (0.0, 0.0, -1.0, 9.0))
        assert whole is not None and cut is not None
        self.assertEqual((names[whole.panel], names[cut.panel]), ("top", "base"))

    def test_corners_catch_before_lines_and_nothing_far_away(self) -> None:
        pattern = carton().pattern
        fold = pattern.folds[0]
        near = (fold.start[0] + 0.1, fold.start[1] + 0.15)
        self.assertEqual(snap(pattern, near, 1.0), fold.start)
        middle = ((fold.start[0] + fold.end[0]) / 2, fold.start[1] + 0.5)
        self.assertAlmostEqual(snap(pattern, middle, 1.0)[1], fold.start[1])
        self.assertEqual(snap(pattern, (500.0, 500.0), 1.0), (500.0, 500.0))
        self.assertEqual(span((1.0, 2.0), (4.0, -2.0))[2:], (5.0, 3.0, 4.0))
