"""The two views share their room as the flat asks, until a person chooses."""

from __future__ import annotations

import unittest

from hypothesis import given
from hypothesis import strategies as st
from PySide6.QtCore import Qt

from mingei.app.sharing import shared
from mingei.core.document.project import new_brief
from tests.windows import WindowTest, wait_for

WIDTH, HEIGHT = 920.0, 690.0


class Shares(unittest.TestCase):
    def test_a_long_flat_lies_above_and_a_tall_one_beside(self) -> None:
        self.assertEqual(shared(256.0, 50.0, WIDTH, HEIGHT).key, "stacked")
        self.assertEqual(shared(90.0, 240.0, WIDTH, HEIGHT).key, "beside")
        self.assertEqual(shared(198.0, 198.0, WIDTH, HEIGHT).key, "beside")

    @given(st.floats(20.0, 800.0), st.floats(20.0, 800.0))
    def test_the_flat_fills_half_of_its_view_and_the_folded_thing_keeps_room(self, wide: float,
                                                                              high: float) -> None:
        found = shared(wide, high, WIDTH, HEIGHT)
        self.assertTrue(0.3 < found.flat < 0.65)
        if 0.2 < wide / high < 4.0:
            room = ((WIDTH * found.flat - 70, HEIGHT - 126) if found.key == "beside"
                    else (WIDTH - 70, HEIGHT * found.flat - 126))
            scale = min(room[0] / wide, room[1] / high)
            self.assertGreater(wide * scale * high * scale, 0.4 * room[0] * room[1])

    @given(st.floats(60.0, 400.0), st.floats(60.0, 400.0))
    def test_it_does_not_change_places_to_and_fro_as_one_types(self, wide: float, high: float) -> None:
        now = shared(wide, high, WIDTH, HEIGHT).key
        self.assertEqual(shared(wide * 1.04, high, WIDTH, HEIGHT, now).key, now)
        self.assertEqual(shared(wide, high * 1.04, WIDTH, HEIGHT, now).key, now)


class Views(WindowTest):
    def test_the_persons_own_choice_wins_and_can_be_given_back(self) -> None:
        draft, document = self.window.draft(), self.window.document
        self.window.go("draft")
        document.change_brief(new_brief("belly-band"), "band")
        wait_for(lambda: draft.splitter.orientation() == Qt.Orientation.Vertical)
        draft.layouts["beside"].click()
        document.change_brief(new_brief("wrapper"), "wrapper")
        document.change_brief(new_brief("belly-band"), "band")
        self.assertEqual(draft.splitter.orientation(), Qt.Orientation.Horizontal)
        self.window.actions_["layout-follow"].trigger()
        self.assertEqual(draft.splitter.orientation(), Qt.Orientation.Vertical)


if __name__ == "__main__":
    unittest.main()
