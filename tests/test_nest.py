"""Nesting by outlines, places kept by hand, and what is left of sheets."""

from __future__ import annotations

import json
import math
import random
import tempfile
import unittest
from dataclasses import replace
from itertools import combinations, islice
from pathlib import Path

from hypothesis import given
from hypothesis import strategies as st
from shapely.geometry import Polygon as Area
from shapely.geometry import box as rectangle

from mingei import cli
from mingei.core.cabinet.stocks import Cabinet
from mingei.core.document.build import build, loads_of_all
from mingei.core.document.data import from_data, to_data
from mingei.core.document.project import Brief, new_brief, new_project
from mingei.core.errors import MeasureError, MingeiError, ProjectError, SheetError
from mingei.core.layout.closer import closer
from mingei.core.layout.laying import Laying, Spot, Way
from mingei.core.layout.nest import Laid, Nest, Part, fewest
from mingei.core.layout.offcuts import LEAST_MM, Offcut, left_over, uses
from mingei.core.layout.pack import free_rectangles, pack, pack_many
from mingei.core.layout.place import (
    Load,
    arrange,
    clashes,
    fits,
    lay_out,
    loads_of,
    outline,
    piles_for,
    room,
    spots_of,
)
from mingei.core.layout.sheets import Sheet, find_sheet
from mingei.core.plane.shape import Box, turned
from mingei.core.stock import find_stock
from mingei.formats import project_file, stock_file

CARD = find_stock("card-220")


def things(copies: int = 1) -> tuple[Brief, ...]:
    """Things of one stock with outlines of many kinds."""
    chosen = (("pyramid", {"sides": 3.0, "across": 40.0, "height": 50.0}), ("tray", {}), ("tag", {}),
              ("carton", {}),
              ("frustum-box", {"across": 40.0, "rim": 60.0, "height": 30.0}), ("cone", {}))
    return tuple(replace(new_brief(recipe, values, CARD, recipe), copies=copies) for recipe, values in chosen)


def kit(copies: int = 1) -> list[Load]:
    """Their pieces."""
    return [load for brief in things(copies) for load in loads_of(brief.name, build(brief, CARD).patterns)]


def as_laid(part: Part, laid: Laid) -> Area:
    """A part where it lies, in the room."""
    around = [Area(turned(laid.turn_deg).apply_all(o)) for o in part.outlines]
    left, bottom = min(a.bounds[0] for a in around), min(a.bounds[1] for a in around)
    points = turned(laid.turn_deg).apply_all(part.outlines[0])
    return Area([(x - left + laid.x, y - bottom + laid.y + part.beneath[1]) for x, y in points])


@st.composite
def star(draw: st.DrawFn) -> Part:
    """An outline of any kind round its middle, seldom convex."""
    count = draw(st.integers(3, 9))
    radii = draw(st.lists(st.floats(8.0, 48.0), min_size=count, max_size=count))
    points = tuple((r * math.cos(2 * math.pi * i / count), r * math.sin(2 * math.pi * i / count))
                   for i, r in enumerate(radii))
    return Part((points,), draw(st.sampled_from([w.turns for w in Way])),
                draw(st.sampled_from([(0.0, 0.0), (12.0, 3.4)])))


class Nesting(unittest.TestCase):
    @given(st.lists(star(), min_size=1, max_size=14), st.floats(0.0, 6.0), st.integers(0, 5))
    def test_all_are_laid_apart_within_the_room_at_turns_they_may_have(self, parts: list[Part], gap: float,
                                                                       seed: int) -> None:
        nest = Nest(parts, 186.0, 240.0, gap)
        for nesting in islice(nest.search(seed), 6):
            self.assertEqual(sorted(laid.number for sheet in nesting for laid in sheet),
                             list(range(len(parts))))
            for sheet in nesting:
                areas = [as_laid(parts[laid.number], laid) for laid in sheet]
                for laid, area in zip(sheet, areas, strict=True):
                    self.assertIn(laid.turn_deg, parts[laid.number].turns)
                    self.assertTrue(rectangle(0, 0, 186.0, 240.0).buffer(1e-6).covers(area))
                for a, b in combinations(areas, 2):
                    self.assertGreaterEqual(a.distance(b), gap - 1e-6)

    def test_the_best_never_grows_worse_and_the_same_seed_gives_the_same(self) -> None:
        parts = [Part((outline(load.pattern),)) for load in kit()
                 for _ in range(3) if fits(load.pattern, find_sheet("A4")) is not None]
        runs = [list(islice(Nest(parts, 186.0, 256.0, 3.0).search(7), 20)) for _ in range(2)]
        self.assertEqual(runs[0], runs[1])
        counts = [len(nesting) for nesting in runs[0]]
        self.assertEqual(counts, sorted(counts, reverse=True))
        self.assertGreaterEqual(counts[-1], fewest(parts, 186.0, 256.0))

    def test_outlines_go_where_rectangles_would_not(self) -> None:
        corner = ((0.0, 0.0), (150.0, 0.0), (0.0, 150.0))  # two triangles make a square
        (sheet, *more) = next(Nest([Part((corner,))] * 2, 170.0, 170.0, 3.0).search())
        self.assertEqual((len(sheet), more), (2, []))

    def test_a_small_piece_goes_into_the_hole_between_large_ones(self) -> None:
        frame = ((0.0, 0.0), (180.0, 0.0), (180.0, 60.0), (120.0, 60.0), (120.0, 20.0), (60.0, 20.0),
                 (60.0, 60.0), (0.0, 60.0))
        small = ((0.0, 0.0), (50.0, 0.0), (50.0, 30.0), (0.0, 30.0))
        self.assertEqual(len(next(Nest([Part((frame,)), Part((small,))], 186.0, 62.0, 2.0).search())), 1)

    def test_what_is_too_large_is_refused_by_number(self) -> None:
        with self.assertRaises(ValueError) as caught:
            Nest([Part((((0.0, 0.0), (10.0, 0.0), (0.0, 10.0)),)),
                  Part((((0.0, 0.0), (500.0, 0.0), (0.0, 500.0)),))], 186.0, 256.0, 3.0)
        self.assertEqual(caught.exception.args, (1,))

    def test_a_large_sheet_is_nested_on_coarser_cells_as_far_apart(self) -> None:
        parts = [Part((outline(load.pattern),)) for load in kit(4)]
        nesting = next(Nest(parts, 800.0, 1100.0, 3.0).search())
        for sheet in nesting:
            for a, b in combinations([as_laid(parts[laid.number], laid) for laid in sheet], 2):
                self.assertGreaterEqual(a.distance(b), 3.0 - 1e-6)


class Closer(unittest.TestCase):
    def test_a_kit_takes_no_more_sheets_than_before_and_nothing_is_lost(self) -> None:
        loads, sheet = kit(3), find_sheet("A4")
        for found in closer(loads, sheet, tries=12):
            pages = arrange(loads, sheet, found.spots).pages
            self.assertLessEqual(found.sheets, found.before)
            self.assertGreaterEqual(found.sheets, found.least)
        self.assertLess(found.sheets, found.before)
        self.assertEqual(len(pages), found.sheets)
        keys = [item.key for page in pages for item in page.items]
        self.assertEqual(len(keys), len(set(keys)))
        self.assertEqual(len(keys),
                         sum(load.pattern.copies for load in loads if fits(load.pattern, sheet) is not None))
        for page in pages:
            self.assertEqual(clashes(page.items), ())

    def test_what_is_locked_stays_where_it_is(self) -> None:
        loads, sheet = kit(2), find_sheet("A4")
        at = Spot("tag", loads_of("tag", build(new_brief("tag", stock=CARD), CARD).patterns)[0].pattern.name,
                  1, 0, 61.3, 120.7, 90.0, True)
        *_, found = closer(loads, sheet, [at], tries=8)
        kept = next(s for s in found.spots if s.key == at.key)
        self.assertEqual(kept._replace(page=0), at)
        pages = arrange(loads, sheet, found.spots).pages
        item = next(i for p in pages for i in p.items if i.key == at.key)
        self.assertAlmostEqual(item.box.left, 61.3, places=6)
        for page in pages:
            areas = [Area(i.move.apply_all(outline(i.load.pattern))) for i in page.items]
            for a, b in combinations(areas, 2):
                self.assertGreaterEqual(a.distance(b), 3.0 - 1e-6)

    def test_pieces_keep_upright_or_lying_where_asked(self) -> None:
        for way in (Way.ALONG, Way.ACROSS):
            sheet = replace(find_sheet("A3"), laying=Laying(way=way))
            loads = kit()
            for found in closer(loads, sheet, tries=6):
                self.assertTrue({s.turn_deg for s in found.spots} <= set(way.turns))
            self.assertTrue(all(fits(load.pattern, sheet) in way.turns for load in loads))


class ByHand(unittest.TestCase):
    def setUp(self) -> None:
        self.loads, self.sheet = kit(2), find_sheet("A4")
        self.spots = {s.key: s for s in spots_of(arrange(self.loads, self.sheet).pages)}

    def test_a_layout_put_down_as_spots_is_the_same_layout(self) -> None:
        before = arrange(self.loads, self.sheet)
        after = arrange(self.loads, self.sheet, tuple(self.spots.values()))
        self.assertEqual([[i.key for i in p.items] for p in before.pages],
                         [[i.key for i in p.items] for p in after.pages])
        for a, b in zip((i for p in before.pages for i in p.items), (i for p in after.pages for i in p.items),
                        strict=True):
            self.assertAlmostEqual(a.box.left, b.box.left, places=3)
            self.assertAlmostEqual(a.box.bottom, b.box.bottom, places=3)

    def test_pieces_put_on_each_other_are_not_printed(self) -> None:
        tags = [k for k in self.spots if k[0] == "tag"]
        spots = [Spot(*tags[0], 9, 60.0, 60.0, 0.0, True), Spot(*tags[1], 9, 62.0, 61.0, 0.0, True)]
        page = next(p for p in arrange(self.loads, self.sheet, spots).pages if p.items[0].key in tags)
        self.assertEqual(len(clashes(page.items)), 1)
        with self.assertRaisesRegex(SheetError, "lie on each other"):
            lay_out(self.loads, self.sheet, spots)

    def test_what_nobody_locked_makes_way_when_the_pieces_grew(self) -> None:
        brief = replace(new_brief("tag", {"width": 50.0, "height": 60.0}, CARD), copies=8)
        spots = spots_of(arrange(loads_of("t", build(brief, CARD).patterns), self.sheet).pages)
        grown = replace(new_brief("tag", {"width": 58.0, "height": 75.0}, CARD), copies=8)
        pages = lay_out(loads_of("t", build(grown, CARD).patterns), self.sheet, spots)
        self.assertEqual(sum(len(p.items) for p in pages), 8)

    def test_a_spot_outside_what_the_printer_reaches_does_not_count(self) -> None:
        key = next(k for k in self.spots if k[0] == "tag")
        pages = arrange(self.loads, self.sheet, [Spot(*key, 0, -30.0, 50.0, 0.0, True)]).pages
        (item,) = [i for p in pages for i in p.items if i.key == key]
        self.assertFalse(item.locked)
        self.assertGreaterEqual(item.box.left, room(self.sheet).left)

    def test_each_thing_may_have_sheets_of_its_own(self) -> None:
        sheet = replace(self.sheet, laying=Laying(together=True))
        for page in arrange(self.loads, sheet).pages:
            self.assertEqual(len({i.load.owner for i in page.items}), 1)

    def test_a_group_shares_sheets_with_no_other_piece(self) -> None:
        first, second = self.loads[0], self.loads[-1]
        laying = Laying()
        for load in (first, second):
            laying = laying.grouped(load.owner, load.pattern.name, "A")
        sheet = replace(self.sheet, laying=laying)
        together = {(load.owner, load.pattern.name) for load in (first, second)}
        *_, nested = closer(self.loads, sheet, tries=3)
        for pages in (arrange(self.loads, sheet).pages, arrange(self.loads, sheet, nested.spots).pages):
            for page in pages:
                kinds = {i.key[:2] in together for i in page.items}
                self.assertEqual(len(kinds), 1)
            self.assertEqual(sum(len(p.items) for p in pages),
                             sum(load.pattern.copies for load in self.loads))
        self.assertEqual(laying.grouped(first.owner, first.pattern.name, "").groups,
                         ((second.owner, second.pattern.name, "A"),))

    def test_groups_are_kept_by_the_file_and_follow_a_new_name(self) -> None:
        project = new_project(new_brief("tag", stock=CARD, name="Tag"))
        project = replace(project, laying=Laying().grouped(project.briefs[0].id, "tag", "B"))
        self.assertEqual(from_data(json.loads(json.dumps(to_data(project)))), project)
        self.assertEqual(project.renamed(0, "Label").laying.group_of(project.briefs[0].id, "tag"), "B")
        for bad in ([["Tag", "tag"]], [["Tag", "tag", "Z"]], "A", [["Tag", 3, "A"]]):
            with self.assertRaises(MingeiError):
                from_data({**to_data(project), "laying": {"groups": bad}})

    def test_what_a_later_version_wrote_beside_the_choices_is_written_back(self) -> None:
        project = new_project(new_brief("tag", stock=CARD))
        for laying, printer in (({"gap": 5.0, "spiral": [1, 2]},
                                 {"name": "Office", "duplex": {"long": True}}),
                                ({"spiral": 1}, {"inks": 6})):
            data = {**to_data(project), "laying": laying, "printer": printer}
            again = to_data(from_data(data))
            self.assertEqual((again["laying"], again["printer"]), (laying, printer))
            self.assertEqual(from_data(again), from_data(data))

    def test_spacing_is_kept(self) -> None:
        sheet = replace(self.sheet, laying=Laying(gap=12.0))
        for page in arrange(self.loads, sheet).pages:
            for a, b in combinations([Area(i.move.apply_all(outline(i.load.pattern))) for i in page.items],
                                     2):
                self.assertGreaterEqual(a.distance(b), 12.0 - 1e-6)

    def test_the_file_keeps_places_choices_and_printer(self) -> None:
        project = new_project(new_brief("tag", stock=CARD))
        printer = project.printer._replace(name="Office", across=99.4, along=100.3, heaviest=220.0)
        project = replace(project, spots=tuple(self.spots.values()),
                          laying=Laying(5.0, Way.ACROSS, True, names=False), printer=printer)
        self.assertEqual(from_data(to_data(project)), project)
        plain = to_data(new_project(new_brief("tag", stock=CARD)))
        self.assertFalse({"laying", "printer", "places"} & set(plain))

    def test_what_a_later_version_says_of_a_place_is_written_back_wherever_the_piece_goes(self) -> None:
        data = to_data(replace(new_project(new_brief("tag", stock=CARD)),
                               spots=(Spot("Tag", "tag", 0, 0, 40.0, 40.0, 0.0, True),)))
        data["places"][0]["pin"] = {"depth": 2}
        project = from_data(data)
        self.assertEqual(to_data(project), data)
        moved = project.with_spots((project.spots[0]._replace(x=55.0, extra=()),
                                    Spot("Tag", "tag", 1, 0, 90.0, 40.0)))
        self.assertEqual([p.get("pin") for p in to_data(moved)["places"]], [{"depth": 2}, None])

    def test_what_the_file_should_not_hold_is_named(self) -> None:
        good = to_data(new_project(new_brief("tag", stock=CARD)))
        for key, value in (("laying", {"way": "sideways"}), ("laying", {"gap": "wide"}),
                           ("laying", {"gap": -1.0}), ("laying", []),
                           ("printer", {"across": 96.0}), ("printer", {"margin": float("nan")}),
                           ("places", [{"thing": "a"}]),
                           ("places", [{"thing": "a", "piece": "b", "copy": -1}]),
                           ("places", [{"thing": "a", "piece": "b", "x": True}]),
                           ("places", {}), ("places", [{"thing": "a", "piece": "b", "locked": 1}]),
                           ("sheet", "20 x 30 mm")):
            with self.subTest(key, value=value), self.assertRaisesRegex(ProjectError, key):
                from_data(good | {key: value})

    def test_a_renamed_thing_keeps_its_places(self) -> None:
        plain = new_project(new_brief("tag", stock=CARD))
        project = replace(plain, spots=(Spot(plain.briefs[0].id, "tag", 0, 0, 40.0, 40.0, 0.0, True),))
        self.assertEqual(project.renamed(0, "Label").spots, project.spots)

    def test_nothing_is_left_off_the_sheets_whatever_things_are_called(self) -> None:
        tag = new_brief("tag", stock=CARD, name="Tag")
        plain = replace(new_project(tag), briefs=(tag, tag, replace(tag, name="Label")))
        project = replace(plain, spots=(Spot(plain.briefs[0].id, "tag", 0, 0, 40.0, 60.0),)).renamed(2, "Tag")
        builds = [build(b, CARD) for b in project.briefs]
        pages = arrange(loads_of_all(builds), project.paper, project.spots).pages
        self.assertEqual(sum(len(p.items) for p in pages), 3)
        boxes = [item.box for page in pages for item in page.items if item.key[0] == plain.briefs[0].id]
        self.assertAlmostEqual(boxes[0].left, 40.0)

    def test_two_pieces_no_name_tells_apart_are_both_laid_out(self) -> None:
        loads = loads_of("tag", build(new_brief("tag", stock=CARD), CARD).patterns) * 2
        spot = Spot(*loads[0][:1], loads[0].pattern.name, 0, 0, 40.0, 60.0)
        self.assertEqual(sum(len(p.items) for p in arrange(loads, find_sheet("A4"), [spot]).pages), 2)


class OwnSheets(unittest.TestCase):
    def test_a_size_of_ones_own_is_a_sheet_in_any_unit(self) -> None:
        for words, size in (("320 x 450 mm", (320.0, 450.0)), ("450x320", (320.0, 450.0)),
                            ("12 x 18 in", (304.8, 457.2)),
                            ("8 1/2 x 14 in", (215.9, 355.6)), ("32 × 45 cm", (320.0, 450.0))):
            sheet = find_sheet(words)
            self.assertEqual((sheet.width, sheet.height), size)
            self.assertEqual(find_sheet(sheet.name), sheet)

    def test_what_is_no_size_is_refused_with_the_reason(self) -> None:
        for words in ("20 x 30 mm", "9999 x 300", "a x b", "320 x", "A77"):
            with self.subTest(words), self.assertRaises(SheetError):
                find_sheet(words)


class Offcuts(unittest.TestCase):
    def test_the_rectangle_left_touches_no_piece_and_cannot_be_larger(self) -> None:
        taken = [Box(10.0, 10.0, 100.0, 60.0), Box(120.0, 200.0, 190.0, 280.0)]
        free = free_rectangles(210.0, 297.0, taken)
        for box in free:
            self.assertTrue(all(box.right <= t.left or box.left >= t.right or box.top <= t.bottom
                                or box.bottom >= t.top for t in taken))
        self.assertIn(Box(0.0, 60.0, 120.0, 297.0), free)

    def test_only_what_is_worth_it_is_kept(self) -> None:
        pages = arrange(kit(2), find_sheet("A4")).pages
        left = left_over(pages)
        self.assertTrue(left)
        for each in left:
            self.assertGreaterEqual(min(each.where.width, each.where.height), LEAST_MM)
            card = rectangle(each.where.left, each.where.bottom, each.where.right, each.where.top)
            for item in each.page.items:
                self.assertGreaterEqual(Area(item.move.apply_all(outline(item.load.pattern))).distance(card),
                                        3.0 - 1e-6)

    def test_it_is_offered_for_the_largest_piece_that_fits_of_its_stock(self) -> None:
        loads = kit()
        tag = next(load for load in loads if load.owner == "tag")
        just = Offcut(CARD.id, *sorted((tag.pattern.box.width + 0.1, tag.pattern.box.height + 0.1)))
        self.assertEqual([load.owner for _, load in uses([just], loads)], ["tag"])
        self.assertEqual(uses([just._replace(stock="kraft-110")], loads), ())
        self.assertEqual(len(uses([just, just], loads)), 1)  # one tag only is wanted

    def test_the_cabinet_keeps_them_and_printers_beside_the_stocks(self) -> None:
        printer = new_project(new_brief("tag")).printer._replace(name="Office", across=99.5)
        cabinet = Cabinet().with_offcuts([Offcut("card-220", 80.0, 120.0)])
        cabinet = cabinet.with_printer(printer).with_printer(printer._replace(along=100.4))
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / stock_file.NAME
            stock_file.save(cabinet, path)
            self.assertEqual(stock_file.load(path), cabinet)
            path.write_text(path.read_text().replace('"offcuts": [', '"offcuts": [7, '))
            with self.assertRaises(ProjectError):
                stock_file.load(path)
        self.assertEqual(len(cabinet.printers), 1)
        self.assertEqual(cabinet.without_printer("Office").without_offcut(Offcut("card-220", 80.0, 120.0)),
                         Cabinet())

    def test_many_kits_take_no_more_sheets_than_as_many_times_one(self) -> None:
        loads, sheet = kit(), find_sheet("A3")
        one = len(arrange(loads, sheet).pages)
        counts = [sum(p.times for p in piles_for(kits, loads, sheet)) for kits in range(1, 8)]
        self.assertTrue(all(count <= kits * one for kits, count in enumerate(counts, 1)), counts)
        self.assertLess(sum(p.times for p in piles_for(7, loads, find_sheet("A0"))), 7)


class Many(unittest.TestCase):
    @given(st.lists(st.tuples(st.floats(8.0, 190.0), st.floats(8.0, 190.0), st.integers(1, 700)), min_size=1,
                    max_size=6))
    def test_many_pieces_are_counted_out_exactly_and_lie_apart(
            self, wanted: list[tuple[float, float, int]]) -> None:
        sizes, counts = [(w, h) for w, h, _ in wanted], [n for _, _, n in wanted]
        laid = [0] * len(wanted)
        for puts, times in pack_many(sizes, counts, 200.0, 260.0, 3.0):
            boxes = []
            for put in puts:
                laid[put.number] += times
                w, h = sizes[put.number][::-1] if put.turned else sizes[put.number]
                self.assertTrue(put.x + w <= 200.0 + 1e-6 and put.y + h <= 260.0 + 1e-6, put)
                boxes.append(Box(put.x, put.y, put.x + w, put.y + h))
            for a, b in combinations(boxes, 2):  # a gap between any two
                self.assertTrue(a.right + 3.0 <= b.left + 1e-6 or b.right + 3.0 <= a.left + 1e-6
                                or a.top + 3.0 <= b.bottom + 1e-6 or b.top + 3.0 <= a.bottom + 1e-6)
        self.assertEqual(laid, counts)

    def test_a_batch_wastes_no_more_than_laying_out_all(self) -> None:
        rng = random.Random(8)
        for _ in range(4):
            sizes = [(rng.uniform(30, 120), rng.uniform(30, 120)) for _ in range(5)]
            counts = [rng.randrange(60, 120) for _ in sizes]
            one_by_one = [size for size, many in zip(sizes, counts, strict=True) for _ in range(many)]
            batched = sum(times for _, times in pack_many(sizes, counts, 200.0, 260.0, 3.0))
            self.assertLessEqual(batched, 1.05 * len(pack(tuple(one_by_one), 200.0, 260.0, 3.0)) + 1)

    def test_a_thousand_copies_of_one_piece_are_laid_out_each_once(self) -> None:
        made = build(new_brief("tag"), find_stock(new_brief("tag").stock))
        load = Load("a", replace(made.pattern, copies=999))
        layout = arrange([load], find_sheet("A4"))
        self.assertEqual(sorted(i.copy for page in layout.pages for i in page.items), list(range(999)))


class CommandLine(unittest.TestCase):
    def test_nest_saves_a_layout_that_takes_fewer_sheets(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / "x.mingei"
            project_file.save(replace(new_project(things()[0]), briefs=things(3)), path)
            before = path.read_bytes()
            # it does not write over what it was not told to
            self.assertEqual(cli.main(["nest", str(path)]), 2)
            self.assertEqual(path.read_bytes(), before)
            self.assertEqual(cli.main(["nest", str(path), "-o", str(Path(folder) / "y.mingei")]), 0)
            self.assertEqual(cli.main(["nest", str(path), "--in-place"]), 0)
            nested = project_file.load(path)
            self.assertEqual(project_file.load(Path(folder) / "y.mingei"), nested)
        loads = loads_of_all([build(b, CARD) for b in nested.briefs])
        self.assertLess(len(lay_out(loads, nested.paper, nested.spots)), len(lay_out(loads, nested.paper)))

    def test_a_gap_nobody_can_leave_is_refused(self) -> None:
        from mingei.core.layout.laying import check_laying

        with self.assertRaises(MeasureError):
            check_laying(Laying(gap=math.inf))
        self.assertIsInstance(find_sheet("A4"), Sheet)


if __name__ == "__main__":
    unittest.main()
