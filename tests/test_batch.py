"""Copies made side by side: no order lays down less, and nothing is handled while it has to be left alone."""

from __future__ import annotations

import itertools
import unittest

from hypothesis import given
from hypothesis import strategies as st

from mingei.core.plan.batch import laid_down, turns


def rests(holds: list[bool], some: tuple[tuple[int, ...], ...]) -> bool:
    """Whether after a step that is held each copy is left alone while all others are seen to."""
    return all(not held or all(before.index(copy) <= after.index(copy) for copy in before)
               for held, before, after in zip(holds, some, some[1:], strict=False))


class Batch(unittest.TestCase):
    @given(st.lists(st.booleans(), min_size=1, max_size=4), st.integers(2, 3))
    def test_no_other_order_lays_down_less_and_lets_all_rest(self, holds: list[bool], copies: int) -> None:
        found = turns(holds, copies)
        self.assertTrue(rests(holds, found))
        orders = list(itertools.permutations(range(1, copies + 1)))
        least = min(laid_down(some) for some in itertools.product(orders, repeat=len(holds))
                    if some[0] == orders[0] and rests(holds, some))
        self.assertEqual(laid_down(found), least)

    def test_five_are_gone_through_forwards_and_backwards_but_after_glue_from_the_first(self) -> None:
        self.assertEqual(turns([False, True, False], 5),
                         ((1, 2, 3, 4, 5), (5, 4, 3, 2, 1), (5, 4, 3, 2, 1)))
        # written out: 4 laid down, the fifth taken on, 5 laid down, 5 again
        self.assertEqual(laid_down(turns([False, True, False], 5)), 14)
        self.assertEqual(laid_down(turns([False] * 3, 1)), 1)


if __name__ == "__main__":
    unittest.main()
