"""The cutting plan by hand: every outline is cut once, the trimmer destroys nothing, inside comes before
outside."""

from __future__ import annotations

import unittest

from shapely.geometry import LineString
from shapely.geometry import box as rectangle

from mingei.assets import demo_file
from mingei.core.document.build import build, loads_of_all
from mingei.core.document.project import new_brief
from mingei.core.flat.blank import Kind
from mingei.core.layout.offcuts import left_over
from mingei.core.layout.place import arrange
from mingei.core.layout.sheets import find_sheet
from mingei.core.plane.shape import flat_points
from mingei.core.stock import find_stock
from mingei.core.whole.joined import builds_of
from mingei.core.work.cutting import Tool
from mingei.core.work.lines import lines_of
from mingei.core.work.plan import Working, work_on
from mingei.formats import project_file


class ByHand(unittest.TestCase):
    @classmethod
    def setUpClass(cls) -> None:
        project = project_file.load(demo_file())
        cls.pages = arrange(loads_of_all(builds_of(project)), project.paper).pages
        cls.works = [work_on(page) for page in cls.pages]

    def test_all_there_is_to_cut_is_cut_and_hardly_anything_twice(self) -> None:
        for work in self.works:
            lines = lines_of(work.page)
            wanted = sum(s.length for c in lines.cuts for s in c.path)
            knife = sum(c.length for c in work.cuts if c.tool is not Tool.TRIMMER)
            trimmed = sum(c.made for c in work.cuts if c.tool is Tool.TRIMMER)
            self.assertAlmostEqual(knife + trimmed, wanted, delta=1e-6 * wanted + 1e-6)

    def test_scissors_do_not_give_way_to_a_knife_for_a_hair_between_two_curves(self) -> None:
        brief = new_brief("ball-gores")
        pages = arrange(loads_of_all((build(brief, find_stock(brief.stock)),)), find_sheet("A4")).pages
        cuts = [c for page in pages for c in work_on(page).cuts]
        curved = [c for c in cuts if c.tool is Tool.SCISSORS]
        self.assertTrue(curved)
        self.assertLess(len(curved), 2 * 8)  # eight petals: each with both halves, joined at its tips
        self.assertEqual([c.length for c in cuts if c.tool is Tool.KNIFE and c.length < 0.5], [])

    def test_a_trimmer_s_cut_crosses_no_piece_and_no_offcut_that_is_kept(self) -> None:
        for work in self.works:
            boxes = [rectangle(i.box.left + 0.05, i.box.bottom + 0.05, i.box.right - 0.05, i.box.top - 0.05)
                     for i in work.page.items]
            boxes += [rectangle(left.where.left + 0.05, left.where.bottom + 0.05, left.where.right - 0.05,
                                left.where.top - 0.05) for left in left_over((work.page,))]
            for cut in work.cuts:
                if cut.tool is Tool.TRIMMER:
                    line = LineString(cut.points)
                    self.assertFalse(any(line.intersects(b) for b in boxes))

    def test_each_of_the_trimmer_s_cuts_runs_through_what_is_in_hand(self) -> None:
        # replayed: each cut parts one of the rectangles there are then, from edge to edge
        for work in self.works:
            parts = [(0.0, 0.0, work.box.right, work.box.top)]
            for cut in work.cuts:
                if cut.tool is not Tool.TRIMMER:
                    continue
                (ax, ay), (bx, by) = cut.points
                upright = abs(ax - bx) < 1e-9
                hand = next(p for p in parts if (abs(p[1] - min(ay, by)) < 1e-6 and abs(p[3] - max(ay,
                                                                                                   by)) < 1e-6
                                                 and p[0] < ax < p[2]) or (not upright and abs(p[0] - min(ax,
                                                                                                          bx))
                            < 1e-6 and abs(p[2] - max(ax, bx)) < 1e-6 and p[1] < ay < p[3]))
                parts.remove(hand)
                x0, y0, x1, y1 = hand
                parts += ([(x0, y0, ax, y1), (ax, y0, x1, y1)] if upright else
                          [(x0, y0, x1, ay), (x0, ay, x1, y1)])

    def test_openings_and_slits_come_before_any_outline(self) -> None:
        for work in self.works:
            inner = [flat_points(c.path) for c in lines_of(work.page).cuts if c.kind in (Kind.OPENING,
                                                                                         Kind.SLIT)]
            order = [str(c.why) for c in work.cuts if c.tool is not Tool.TRIMMER]
            first_outline = next((i for i, why in enumerate(order) if "outline" in why), len(order))
            self.assertFalse(any("outline" not in why for why in order[first_outline:]))
            self.assertEqual(bool(inner), first_outline > 0)

    def test_half_of_the_straight_outline_is_made_by_through_cuts_and_without_a_trimmer_none(self) -> None:
        trimmed = sum(c.made for w in self.works for c in w.cuts)
        straight = sum(s.length for w in self.works for c in lines_of(w.page).cuts if c.kind is Kind.OUTLINE
                       for s in c.path if abs(s.start[0] - s.end[0]) < 1e-6 or abs(s.start[1] - s.end[1])
                       < 1e-6)
        self.assertGreater(trimmed, 0.35 * straight)
        without = work_on(self.pages[0], Working(trimmer=False))
        self.assertFalse(any(c.tool is Tool.TRIMMER for c in without.cuts))

    def test_times_are_of_the_right_size(self) -> None:
        for work in self.works:
            self.assertGreater(work.cut_minutes, 0.0)
            self.assertLess(work.cut_minutes + work.score_minutes, 45.0)


if __name__ == "__main__":
    unittest.main()
