"""The order in which a net closes: what is joined last is still reached, and tabs stand before what lands on
them."""

from __future__ import annotations

import itertools
import unittest

import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from numpy.typing import NDArray

from mingei.core.drafting.closing import Closing, Hinge, Meet, closing_of, stands_first

#: A box by its corners (x, y, z of each 0 or 1): floor, front, right, back, left, lid.
_BOX = ("000 010 110 100", "000 100 101 001", "100 110 111 101", "110 010 011 111", "010 000 001 011",
        "001 101 111 011")


def box(long: float, wide: float, high: float) -> tuple[list[NDArray[np.float64]], dict[int, Hinge],
                                                        list[Meet]]:
    """Its faces, its walls hinged on the floor and its lid on the back, and the edges that are joined."""
    size = np.array([long, wide, high])
    faces = [np.array([[float(c) for c in corner] for corner in text.split()]) * size for text in _BOX]
    hinges, meets = {}, []
    parent = {1: 0, 2: 0, 3: 0, 4: 0, 5: 3}
    for a, b in itertools.combinations(range(6), 2):
        edge = next(((p, q) for p, q in zip(faces[b], np.roll(faces[b], -1, axis=0), strict=True)
                     for r, s in zip(faces[a], np.roll(faces[a], -1, axis=0), strict=True)
                     if (p == s).all() and (q == r).all()), None)
        if edge is None:
            continue
        start, end = (tuple(float(v) for v in corner) for corner in edge)
        if parent[b] == a:
            hinges[b] = Hinge(a, start, end, 90.0)  # type: ignore[arg-type]
        else:
            meets.append(Meet(a, b, start, end))  # type: ignore[arg-type]
    return faces, hinges, meets


class Closes(unittest.TestCase):
    @given(st.floats(20, 200), st.floats(20, 200), st.floats(10, 60))
    def test_a_box_is_joined_at_its_corners_before_the_lid_closes(self, long: float, wide: float,
                                                                  high: float) -> None:
        faces, hinges, meets = box(long, wide, high)
        found = closing_of(faces, hinges, meets, last=5)
        self.assertEqual(found.steps[-1], (5,))
        self.assertEqual(sorted(itertools.chain(*found.steps)), [1, 2, 3, 4, 5])
        self.assertEqual(found.blind, ())

    def test_where_any_face_may_close_last_it_is_one_that_lies_far_from_the_root(self) -> None:
        found = closing_of(*box(60.0, 40.0, 30.0))
        self.assertEqual(found.steps[-1], (5,))
        # two of its three joints would be pressed blind: the lid is the only way in
        self.assertTrue(all(5 in (meet.a, meet.b) for meet in (box(60.0, 40.0, 30.0)[2][i]
                                                               for i in found.blind)))

    def test_of_two_faces_joined_the_one_that_stands_bears_the_tab(self) -> None:
        _, hinges, meets = box(60.0, 40.0, 30.0)
        between = next(m for m in meets if {m.a, m.b} == {1, 2})
        for steps, stands in ((((1,), (2,), (3,), (4,), (5,)), 1), (((2,), (1,), (3,), (4,), (5,)), 2)):
            self.assertEqual(stands_first(Closing(steps), hinges, between), stands)
        lid = next(m for m in meets if {m.a, m.b} == {1, 5})
        self.assertEqual(stands_first(Closing(((3,), (5,), (1,), (2,), (4,))), hinges, lid), 5)

    def test_a_joint_amid_a_long_narrow_tube_is_reached_in_no_order_and_said(self) -> None:
        for long, dark in ((60.0, False), (900.0, True)):
            faces, hinges, meets = box(long, 20.0, 20.0)
            found = closing_of(faces, hinges, meets, last=2)  # it closes with an end
            along = next(i for i, m in enumerate(meets) if {m.a, m.b} == {1, 5})
            self.assertEqual(along in found.blind, dark)


if __name__ == "__main__":
    unittest.main()
