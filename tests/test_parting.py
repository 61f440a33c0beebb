"""Parting sheets into blanks by straight cuts from edge to edge."""

from __future__ import annotations

import unittest
from dataclasses import replace

from hypothesis import given
from hypothesis import strategies as st

from mingei.core.document.build import build
from mingei.core.document.project import new_brief
from mingei.core.layout.offcuts import left_over
from mingei.core.layout.parting import Cut, part, parting
from mingei.core.layout.place import arrange, loads_of
from mingei.core.layout.sheets import find_sheet
from mingei.core.plane.shape import Box
from mingei.core.stock import find_stock

SHEET = Box(0.0, 0.0, 210.0, 297.0)


@st.composite
def parted(draw: st.DrawFn) -> list[Box]:
    """Boxes that straight cuts can free: a sheet cut at random, and a box in each part."""
    parts = [SHEET]
    for _ in range(draw(st.integers(0, 7))):
        whole = parts.pop(draw(st.integers(0, len(parts) - 1)))
        share = draw(st.floats(0.3, 0.7))
        if draw(st.booleans()):
            at = whole.left + share * whole.width
            parts += [whole._replace(right=at), whole._replace(left=at)]
        else:
            at = whole.bottom + share * whole.height
            parts += [whole._replace(top=at), whole._replace(bottom=at)]
    return [Box(p.left + 0.05 * p.width, p.bottom + 0.05 * p.height, p.right - 0.05 * p.width,
                p.top - 0.05 * p.height) for p in parts]


def made(cuts: tuple[Cut, ...]) -> list[Box]:
    """The sheet cut up in that order: each cut goes right across the one part it lies in."""
    parts = [SHEET]
    for cut in cuts:
        for number, p in enumerate(parts):
            ends, span = (((p.bottom, p.top), (p.left, p.right)) if cut.upright
                          else ((p.left, p.right), (p.bottom, p.top)))
            if ends == (cut.begin, cut.end) and span[0] < cut.at < span[1]:
                parts[number:number + 1] = [p._replace(right=cut.at),
                                            p._replace(left=cut.at)] if cut.upright else \
                    [p._replace(top=cut.at), p._replace(bottom=cut.at)]
                break
        else:
            raise AssertionError(f"{cut} goes through nothing")
    return parts


class Parting(unittest.TestCase):
    @given(parted(), st.integers(0, 7))
    def test_every_box_comes_free_whole_and_so_does_what_is_kept(self, boxes: list[Box], which: int) -> None:
        keep = boxes[which % len(boxes)] if len(boxes) > 1 else None
        rest = [b for b in boxes if b is not keep]
        cuts = part(SHEET, rest, keep)
        assert cuts is not None
        parts = made(cuts)
        self.assertEqual(len(parts), len(boxes))
        for box in boxes:
            holding = [p for p in parts if p.left <= box.left and box.right <= p.right
                       and p.bottom <= box.bottom and box.top <= p.top]
            self.assertEqual(len(holding), 1)

    def test_a_pinwheel_cannot_be_parted(self) -> None:
        wheel = [Box(0, 0, 60, 30), Box(70, 0, 100, 60), Box(40, 70, 100, 100), Box(0, 40, 30, 100)]
        self.assertIsNone(part(Box(0, 0, 100, 100), wheel))

    def test_one_piece_needs_no_cut(self) -> None:
        self.assertEqual(part(SHEET, [Box(10, 10, 60, 60)]), ())

    def test_the_offcut_of_a_page_of_tags_stays_whole(self) -> None:
        card = find_stock("card-220")
        tags = build(replace(new_brief("tag", {"width": 40.0, "height": 70.0}, card), copies=5),
                     card).patterns
        (page,) = arrange(loads_of("Tag", tags), find_sheet("A4")).pages
        (left,) = left_over([page])
        cuts = parting(page, left.where)
        assert cuts is not None
        self.assertEqual(sum(1 for p in made(cuts) if p.left <= left.where.left + 1e-6
                             and p.right >= left.where.right - 1e-6
                             and p.bottom <= left.where.bottom + 1e-6 and p.top >= left.where.top - 1e-6), 1)


if __name__ == "__main__":
    unittest.main()
