"""What is told at the cutting mat is true of what is in hand by then: distances from edges that are there,
passes and minutes by what the stock is, layers of built-up board each by itself."""

from __future__ import annotations

import unittest
from dataclasses import replace

from shapely.geometry import LineString
from shapely.geometry import box as rectangle

from mingei.assets import demo_file
from mingei.core.document.build import build, loads_of_all
from mingei.core.document.project import new_brief
from mingei.core.document.table import table
from mingei.core.flat.blank import Kind
from mingei.core.layout.cutting_list import cutting_list
from mingei.core.layout.drawing import Whose
from mingei.core.layout.material import material
from mingei.core.layout.place import arrange, piles_of
from mingei.core.layout.sheets import find_sheet
from mingei.core.plan.holding import grams
from mingei.core.plan.making import USUAL
from mingei.core.plan.operation import Does
from mingei.core.plane.shape import Box, hole_path, polygon_path
from mingei.core.stock import Stock, find_stock, plies_for
from mingei.core.whole.joined import builds_of
from mingei.core.work.board import on_board
from mingei.core.work.cutting import by_hand
from mingei.core.work.lines import Cut, lines_of
from mingei.core.work.plan import When, Working, bench_minutes, distances, work_on
from mingei.core.work.tasks import Sort, tasks
from mingei.core.work.tools import Tool, blade_passes, hole_tool
from mingei.core.work.words import HOLES, cut_words
from mingei.formats import project_file


def _pages(recipe: str, stock: Stock, sheet: str = "A3", **values: object):  # type: ignore[no-untyped-def]
    made = build(replace(new_brief(recipe, values), stock=stock.id), stock)
    return made, arrange(loads_of_all((made,)), find_sheet(sheet)).pages


class FromEdgesInHand(unittest.TestCase):
    @classmethod
    def setUpClass(cls) -> None:
        project = project_file.load(demo_file())
        cls.pages = arrange(loads_of_all(builds_of(project)), project.paper).pages

    def test_a_trimmer_s_distance_is_from_an_edge_of_what_is_left_by_then(self) -> None:
        # replayed: parts are cut as told, from their own edges, and the cut is found there
        moved = 0
        for work in map(work_on, self.pages):
            parts = [rectangle(0.0, 0.0, work.box.right, work.box.top)]
            for cut in (c for c in work.cuts if c.tool is Tool.TRIMMER):
                line = LineString(cut.points)
                part = max(parts, key=lambda p, line=line: p.intersection(line).length)
                left, low, right, top = part.bounds
                assert cut.distance is not None
                at = ((left if cut.distance.edge == "left" else low) + cut.distance.at_mm)
                told = (LineString(((at, low), (at, top))) if cut.distance.edge == "left"
                        else LineString(((left, at), (right, at))))
                self.assertAlmostEqual(told.hausdorff_distance(line), 0.0, delta=1e-6)
                moved += (left if cut.distance.edge == "left" else low) > 1.0
                parts.remove(part)
                first = (rectangle(left, low, at, top) if cut.distance.edge == "left"
                         else rectangle(left, low, right, at))
                parts += [first, part.difference(first)]
        self.assertGreater(moved, 10)  # else it was always the sheet's edge

    def test_the_sentence_and_the_list_say_that_distance(self) -> None:
        for work in map(work_on, self.pages):
            by_number = {t.label: t for t in tasks(work) if t.sort is Sort.CUT}
            for cut in (c for c in work.cuts if c.distance is not None):
                assert cut.distance is not None
                self.assertIn(f"{round(cut.distance.at_mm, 2):g} mm", str(cut_words(cut)))
                self.assertIn(f"{round(cut.distance.at_mm, 1):g} mm", str(by_number[f"{cut.number}"].short))

    def test_equal_strips_are_cut_with_one_stop_of_the_fence(self) -> None:
        strips = []
        for k in range(5):
            left, right = 20.0 + 30.0 * k, 50.0 + 30.0 * k
            outline = polygon_path(((left, 20.0), (right, 20.0), (right, 220.0), (left, 220.0)))
            strips.append(Cut(outline, Kind.OUTLINE, Whose("", "", k, Kind.OUTLINE, 0)))
        cuts = by_hand(Box(0.0, 0.0, 210.0, 297.0), [[c] for c in strips], ["strip"] * 5,
                       find_stock("card-300"))
        across = [round(c.distance.at_mm, 6) for c in cuts if c.distance and c.distance.edge == "left"]
        self.assertGreaterEqual(across.count(30.0), 4)

    def test_what_is_scored_after_cutting_is_measured_from_its_own_edges(self) -> None:
        for page in self.pages[:6]:
            work = work_on(page, Working(when=When.AFTER))
            cuts = lines_of(page).cuts
            for p in work.placements:
                whose = {(s.of.thing, s.of.piece, s.of.copy) for s in p.scores}
                self.assertEqual(len(whose), 1)
                own = [c for c in cuts if (c.of.thing, c.of.piece, c.of.copy) in whose]
                left = min(x for c in own for s in c.path for x in (s.start[0], s.end[0]))
                low = min(y for c in own for s in c.path for y in (s.start[1], s.end[1]))
                for d, (x, y) in zip(distances(p, work.box), (p.start, p.start, p.end, p.end), strict=False):
                    self.assertAlmostEqual(d.at_mm, x - left if d.edge == "left" else y - low, delta=0.06)

    def test_a_score_board_takes_each_piece_by_itself_once_it_is_cut_out(self) -> None:
        page = max(self.pages, key=lambda p: len({s.of.piece for s in work_on(p).lines.scores}))
        pushes = on_board(work_on(page, Working(when=When.AFTER, groove_mm=10.0)), 10.0)
        self.assertGreater(len({p.of for p in pushes}), 1)


class ByWhatTheStockIs(unittest.TestCase):
    def test_passes_are_those_that_are_common_practice(self) -> None:
        for stock, passes in (("card-200", 1), ("card-300", 1), ("card-350", 2), ("greyboard-20", 5),
                              ("corrugated-c", 2), ("corrugated-b", 2), ("foam-50", 2), ("copy-80", 1)):
            self.assertEqual(blade_passes(find_stock(stock)), passes, stock)

    def test_a_small_hole_is_one_stroke_of_the_tool_that_makes_it(self) -> None:
        for size, tool in ((0.9, Tool.NEEDLE), (3.0, Tool.AWL), (8.0, Tool.PUNCH), (14.0, None)):
            self.assertIs(hole_tool(hole_path(size)), tool)
        _, pages = _pages("album", find_stock("greyboard-20"))
        holes = [c for page in pages for c in work_on(page).cuts if c.tool in HOLES]
        self.assertTrue(holes)
        self.assertTrue(all(c.passes == 1 for c in holes))

    def test_one_model_says_how_long_the_bench_takes(self) -> None:
        _, pages = _pages("tray", find_stock("card-300"))
        works = [work_on(p) for p in pages]
        self.assertAlmostEqual(bench_minutes(piles_of(pages)), sum(
            w.print_minutes + w.score_minutes + w.cut_minutes for w in works))


class BuiltUp(unittest.TestCase):
    def test_layers_multiply_list_material_time_glue_and_are_glued_first(self) -> None:
        ply = replace(find_stock("packaging-05"), price=2.0)
        four = plies_for(2.0, ply).as_stock("wall", "Wall of four")
        self.assertEqual(four.layers, 4)
        self.assertAlmostEqual(four.ply_mm, 0.5)
        solid = replace(four, id="solid", layers=1)
        (made, pages), (plain, plain_pages) = _pages("cabinet", four), _pages("cabinet", solid)
        rows, plain_rows = cutting_list(loads_of_all((made,))), cutting_list(loads_of_all((plain,)))
        self.assertEqual(sum(r.copies for r in rows), 4 * sum(r.copies for r in plain_rows))
        sheets = material(piles_of(pages))
        self.assertEqual(sum(m.sheets for m in sheets if m.stock is four),
                         4 * sum(m.sheets for m in material(piles_of(plain_pages)) if m.stock is solid))
        self.assertAlmostEqual(sum(m.money for m in sheets), 2.0 * sum(m.sheets for m in sheets))
        cuts = [c for p in pages for c in work_on(p).cuts]
        self.assertTrue(all(c.layers == 4 for c in cuts))
        self.assertIn("4 layers", str(cut_words(cuts[0])))
        mine, theirs = table(made, USUAL), table(plain, USUAL)
        laminations = [s for s in mine.steps if Does.LAMINATE in s.does]
        self.assertEqual(len(laminations), 1)  # like things are told once
        self.assertEqual(laminations[0].number, 1)
        self.assertIn("4 layers", str(laminations[0].words))
        need = mine.needs(laminations[0])
        self.assertEqual(len(need.held), len(made.patterns))
        self.assertAlmostEqual(sum(h.area_mm2 for h in need.held), 3 * sum(p.area for p in made.patterns))
        low = sum(a for a, _ in grams(mine.held).values())
        self.assertGreater(low, 1.5 * sum(a for a, _ in grams(theirs.held).values()))
        self.assertFalse([s for s in theirs.steps if Does.LAMINATE in s.does])


if __name__ == "__main__":
    unittest.main()
