"""Pieces larger than the sheet: cut into windows that overlap, marked so that they join, and read back from
what is printed."""

from __future__ import annotations

import io
import math
import unittest
from contextlib import redirect_stderr, redirect_stdout
from itertools import pairwise
from pathlib import Path

import pypdfium2
import pypdfium2.raw as pdfium
from hypothesis import given
from hypothesis import strategies as st
from PySide6.QtCore import QPoint
from shapely import union_all
from shapely.geometry import Polygon as Area
from shapely.geometry import box as rectangle

from mingei import cli
from mingei.core import check
from mingei.core.covering.art import Art, Fill
from mingei.core.document.build import build
from mingei.core.document.data import from_data, to_data
from mingei.core.document.project import new_brief, new_project
from mingei.core.errors import ProjectError
from mingei.core.flat.pattern import Pattern
from mingei.core.layout.drawing import Ink, pattern_strokes
from mingei.core.layout.marks import page_drawing
from mingei.core.layout.place import Load, arrange, lay_out, loads_of, room
from mingei.core.layout.sheets import find_sheet
from mingei.core.layout.tile import cut_off, joins, neighbours, tiles
from mingei.core.plane.shape import Arc, Box, Line, path_length
from mingei.core.plane.shape import Path as Outline
from mingei.core.stock import find_stock
from mingei.formats import project_file
from mingei.formats.pdf import pdf
from tests.support import InFolder, carton
from tests.windows import WindowTest, click, settle, write

MM = 25.4 / 72
A4 = find_sheet("A4").__class__(**{**find_sheet("A4").__dict__, "tile_mm": 25.0})


def bag() -> Pattern:
    stock = find_stock("kraft-110")
    return build(new_brief("bag", {"card": "plain"}, stock), stock).pattern


class Windows(unittest.TestCase):
    @given(st.floats(60, 500), st.floats(60, 500), st.floats(20, 200), st.floats(5, 60))
    def test_they_cover_the_piece_and_overlap_by_what_was_asked(self, length: float, width: float,
                                                                height: float, overlap: float) -> None:
        pattern = carton("card-300", length=length, width=min(width, 300.0), height=height).pattern
        space = room(find_sheet("A4"))
        turn, found = tiles(pattern, space, overlap)
        from mingei.core.plane.shape import turned

        card = union_all([Area(turned(turn).apply_all(p.flat_polygon)).buffer(1e-6) for p in pattern.panels])
        boxes = [rectangle(t.window.left, t.window.bottom, t.window.right, t.window.top) for t in found]
        self.assertTrue(union_all(boxes).buffer(1e-3).covers(card))
        by_place = {(t.column, t.row): t.window for t in found}
        for (column, row), window in by_place.items():
            self.assertAlmostEqual(window.width, space.width, places=6)
            if (column + 1, row) in by_place:
                self.assertAlmostEqual(window.right - by_place[column + 1, row].left, overlap, places=6)
        for box in boxes:
            self.assertGreater(box.intersection(card).area, 1e-3)  # none is empty

    def test_neighbours_are_named_and_lines_stand_amid_the_overlap(self) -> None:
        _, found = tiles(bag(), room(find_sheet("A4")), 25.0)
        self.assertGreater(len(found), 1)
        for tile in found:
            beside = neighbours(tile)
            lines, crosses = joins(tile)
            self.assertEqual((len(lines), len(crosses)), (len(beside), 4 * len(beside)))
        left, right = (t for t in found[:2])
        self.assertEqual(neighbours(left)["right"], right.name)
        (line,) = (e for e in joins(left)[0] if e.start[0] == e.end[0] and e.start[0] > left.window.centre[0])
        self.assertAlmostEqual(line.start[0], (left.window.right + right.window.left) / 2)

    def test_far_too_many_are_refused(self) -> None:
        with self.assertRaises(ValueError):
            tiles(carton(length=600.0, width=400.0, height=300.0).pattern, Box(0, 0, 30, 30), 25.0)


class CutOff(unittest.TestCase):
    @given(st.floats(-60, 60), st.floats(-60, 60), st.floats(5, 80), st.floats(-360, 360), st.floats(0, 360))
    def test_arcs_are_cut_where_they_cross_and_stay_arcs(self, x: float, y: float, radius: float,
                                                         sweep: float, start: float) -> None:
        if abs(sweep) < 1.0:
            return
        window = Box(-40.0, -30.0, 40.0, 30.0)
        arc = Arc((x, y), radius, start, sweep)
        parts = cut_off((arc,), window)
        inside = sum(window.left <= px <= window.right and window.bottom <= py <= window.top
                     for px, py in (arc.at((i + 0.5) / 4000) for i in range(4000))) / 4000
        self.assertAlmostEqual(sum(path_length(p) for p in parts), inside * arc.length,
                               delta=0.004 * arc.length + 1e-6)
        for part in parts:
            for segment in part:
                self.assertIsInstance(segment, Arc)
                for px, py in (segment.start, segment.at(0.5), segment.end):
                    self.assertAlmostEqual(math.dist((px, py), (x, y)), radius, places=6)
                    self.assertTrue(window.left - 1e-6 <= px <= window.right + 1e-6 and window.bottom - 1e-6
                                    <= py <= window.top + 1e-6)

    def test_a_line_through_is_cut_at_both_sides_and_a_closed_path_stays_one(self) -> None:
        window = Box(0.0, 0.0, 10.0, 10.0)
        self.assertEqual(cut_off((Line((-5.0, 5.0), (15.0, 5.0)),), window),
                         ((Line((0.0, 5.0), (10.0, 5.0)),),))
        square: Outline = tuple(Line(a, b) for a, b in pairwise(((2.0, 2.0), (8.0, 2.0), (8.0, 8.0),
                                                                 (2.0, 8.0), (2.0, 2.0))))
        self.assertEqual(len(cut_off(square, window)), 1)
        self.assertEqual(cut_off((Line((20.0, 0.0), (30.0, 5.0)),), window), ())


def read_solid(data: bytes, page: int) -> list[tuple[tuple[float, float], tuple[float, float]]]:
    """The straight pieces of every solid path of a page as PDFium sees them, mm."""
    found = []
    for item in pypdfium2.PdfDocument(data)[page].get_objects(filter=[pdfium.FPDF_PAGEOBJ_PATH]):
        if pdfium.FPDFPageObj_GetDashCount(item) > 0:
            continue
        matrix, last = item.get_matrix(), None
        for i in range(pdfium.FPDFPath_CountSegments(item)):
            segment = pdfium.FPDFPath_GetPathSegment(item, i)
            x, y = pdfium.c_float(), pdfium.c_float()
            pdfium.FPDFPathSegment_GetPoint(segment, x, y)
            at = matrix.on_point(x.value, y.value)
            here = (at[0] * MM, at[1] * MM)
            if last is not None and pdfium.FPDFPathSegment_GetType(segment) == pdfium.FPDF_SEGMENT_LINETO:
                found.append((last, here))
            last = here
    return found


class ReadBack(unittest.TestCase):
    def test_the_tiles_laid_together_give_every_cut_within_a_hundredth(self) -> None:
        pattern = bag()
        pages = arrange([Load("bag", pattern)], A4).pages
        self.assertTrue(all(p.tile is not None for p in pages))
        data = pdf([page_drawing(p, "x") for p in pages])
        laid = []
        for number, page in enumerate(pages):
            back = page.items[0].move.inverse()
            laid += [(back.apply(a), back.apply(b)) for a, b in read_solid(data, number)]
        straight = [s for stroke in pattern_strokes(pattern) if stroke.ink is Ink.CUT
                    for s in stroke.path if isinstance(s, Line)]
        for line in straight:
            covered = []
            (ax, ay), (bx, by) = line
            length = line.length
            ux, uy = (bx - ax) / length, (by - ay) / length
            for p, q in laid:
                along = [(x - ax) * ux + (y - ay) * uy for x, y in (p, q)]
                off = [abs((x - ax) * uy - (y - ay) * ux) for x, y in (p, q)]
                if max(off) < 0.01:
                    covered.append((min(along), max(along)))
            reach = 0.0
            for low, high in sorted(covered):
                if low <= reach + 0.01:
                    reach = max(reach, high)
            self.assertGreaterEqual(reach, length - 0.01)

    def test_the_crosses_of_two_neighbours_stand_at_the_same_places_of_the_piece(self) -> None:
        pages = arrange([Load("bag", bag())], A4).pages
        data = pdf([page_drawing(p, "x") for p in pages])

        def crosses(number: int) -> set[tuple[float, float]]:
            back = pages[number].items[0].move.inverse()
            short = [(a, b) for a, b in read_solid(data, number) if abs(math.dist(a, b) - 6.0) < 0.01]
            return {tuple(round(v, 2) for v in back.apply(((a[0] + b[0]) / 2, (a[1] + b[1]) / 2)))
                    for a, b in short}  # type: ignore[misc]

        names = {p.tile.name: i for i, p in enumerate(pages) if p.tile is not None}
        for page in pages:
            assert page.tile is not None
            here = crosses(page.number - 1)
            for name in neighbours(page.tile).values():
                shared = [p for p in here for q in crosses(names[name]) if math.dist(p, q) <= 0.02]
                self.assertGreaterEqual(len(shared), 2)

    def test_a_page_says_which_tile_it_is_and_what_it_joins(self) -> None:
        pages = arrange([Load("bag", bag())], A4).pages
        words = " ".join(t.words for t in page_drawing(pages[0], "x").texts)
        self.assertIn("tile A", words)
        self.assertIn("right B", words)

    def test_each_joint_is_trimmed_on_one_tile_and_glued_on_the_strip_of_the_other(self) -> None:
        pages = arrange([Load("bag", bag())], A4).pages
        said = {page.tile.name: [t.words for t in page_drawing(page, "x").texts]
                for page in pages if page.tile is not None}
        joints = 0
        for page in pages:
            tile = page.tile
            assert tile is not None
            beside = neighbours(tile)
            for side, opposite in (("right", "left"), ("above", "below")):
                if side in beside:
                    joints += 1
                    words, other = " ".join(said[tile.name]), " ".join(said[beside[side]])
                    self.assertIn(f"glue {beside[side]}", said[tile.name])
                    self.assertRegex(words, f"keep its strip, to glue on it: .*{side} {beside[side]}")
                    self.assertRegex(other, f"lay it on the strip of: .*{opposite} {tile.name}")
        self.assertGreater(joints, 0)

    def test_artwork_is_cut_off_at_each_window_too(self) -> None:
        stock = find_stock("kraft-110")
        brief = new_brief("bag", {"card": "plain"},
                          stock).with_art(Art("w", "bag", "", words="Tern Point", fill=Fill.COVER))
        from mingei.formats.export import printed_on

        made = build(brief, stock)
        for page in arrange(loads_of("bag", made.patterns, printed_on(made)), A4).pages:
            space = room(A4)
            for printed in page_drawing(page, "x").printed:
                for outline, _ in printed.within:
                    self.assertTrue(rectangle(space.left, space.bottom, space.right,
                                              space.top).buffer(1e-6).covers(Area(outline)))


class Chosen(InFolder):
    def test_without_tiling_it_is_refused_and_with_it_it_is_said(self) -> None:
        stock = find_stock("kraft-110")
        made = build(new_brief("bag", {"card": "plain"}, stock), stock)
        codes = [f.code for f in check.run(made, find_sheet("A4"))]
        self.assertTrue({"sheet-small", "sheet-tiles"} <= set(codes))
        codes = [f.code for f in check.run(made, A4)]
        self.assertIn("tiled", codes)
        self.assertNotIn("sheet-small", codes)
        self.assertEqual(len(lay_out(loads_of("bag", made.patterns), A4)),
                         len(arrange(loads_of("bag", made.patterns), A4).pages))

    def test_the_file_keeps_it_and_refuses_nonsense(self) -> None:
        data = to_data(new_project(new_brief("tray"))) | {"tile_mm": 25.0}
        self.assertEqual(from_data(data).paper.tile_mm, 25.0)
        for bad in (3, -1, "wide", True, 100):
            with self.subTest(bad), self.assertRaisesRegex(ProjectError, "tile_mm"):
                from_data(data | {"tile_mm": bad})

    def test_the_command_line_tiles_on_demand(self) -> None:
        path, out = self.folder / "b.mingei", self.folder / "b.pdf"
        project_file.save(new_project(new_brief("bag", {"card": "plain"}, find_stock("kraft-110"))), path)
        with redirect_stderr(io.StringIO()):
            self.assertEqual(cli.main(["export", str(path), "--to", str(out)]), 2)
            self.assertFalse(out.exists())
            self.assertEqual(cli.main(["export", str(path), "--to", str(out), "--tile", "2"]), 2)
        with redirect_stdout(io.StringIO()):
            self.assertEqual(cli.main(["export", str(path), "--to", str(out), "--tile", "1 in"]), 0)
        self.assertGreater(len(pypdfium2.PdfDocument(str(Path(out)))), 2)


class InTheWindow(WindowTest):
    def test_tiles_are_switched_on_sized_and_undone(self) -> None:
        document = self.window.document
        document.set_recipe("bag")
        self.window.go("sheets")
        settle(100)
        sheets = self.window.stations["sheets"]
        self.assertTrue(sheets.error.isVisible())
        self.assertFalse(sheets.pdf.isEnabled())
        start = document.project
        click(sheets.tiled, QPoint(8, sheets.tiled.height() // 2))
        self.assertEqual(document.project.tile_mm, 25.0)
        self.assertFalse(sheets.error.isVisible())
        self.assertTrue(sheets.pdf.isEnabled())
        self.assertTrue(any(p.tile is not None for p in sheets.pages))
        self.assertFalse(sheets.view.grab().isNull())  # it is drawn without a fault
        write(sheets.overlap, "40")
        self.assertEqual(document.project.tile_mm, 40.0)
        write(sheets.overlap, "3")
        self.assertEqual(document.project.tile_mm, 40.0)
        self.assertFalse(sheets.overlap.reason.isHidden())
        document.undo.undo()
        document.undo.undo()
        self.assertEqual(document.project.tile_mm, start.tile_mm)


if __name__ == "__main__":
    unittest.main()
