"""What is printed of the pieces, printers as they were measured, and the stand-in printer that rehearses a
print."""

from __future__ import annotations

import io
import json
import math
import unittest
from contextlib import redirect_stdout
from dataclasses import replace
from unittest import mock

import pypdfium2
import pypdfium2.raw as pdfium
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image
from PySide6.QtCore import QPointF, Qt
from PySide6.QtPrintSupport import QPrinter
from PySide6.QtTest import QTest

from mingei import cli
from mingei.app.printing import print_pages, printer_for
from mingei.app.rehearsing import RehearseDialog
from mingei.core import check
from mingei.core.document.build import build
from mingei.core.document.project import new_brief, new_project
from mingei.core.errors import ExportError, MeasureError
from mingei.core.layout.cutting_page import cutting_pages
from mingei.core.layout.drawing import Drawing, Ink, flipped, pattern_strokes
from mingei.core.layout.laying import (
    ANY_PRINTER,
    BAR_MM,
    USUAL,
    CutLine,
    Laying,
    Printer,
    check_printer,
    feed_advice,
)
from mingei.core.layout.marks import page_drawing, page_drawings, ticks
from mingei.core.layout.place import Load, Page, arrange, clashes, loads_of, piles_of, room
from mingei.core.layout.sheets import SHEETS, find_sheet
from mingei.core.length import plain_number
from mingei.core.plane.shape import Line, Point, bounds, contains, flat_points
from mingei.core.stock import find_stock
from mingei.core.work.plan import bench_minutes
from mingei.formats import project_file
from mingei.formats.export import pdf_of
from mingei.formats.pdf import pdf
from mingei.formats.rehearsal import KNOWN, Faults, rehearse
from tests.support import InFolder, carton
from tests.windows import WindowTest, answer_file, click, drag, every, settle, wait_for, write

MM = 25.4 / 72


def page(laying: Laying = USUAL, printer: Printer = ANY_PRINTER) -> Page:
    sheet = replace(find_sheet("A4"), laying=laying, printer=printer)
    return arrange([Load("box", carton().pattern)], sheet).pages[0]


def points(drawing: Drawing, *inks: Ink) -> list[Point]:
    return [p for s in drawing.strokes if s.ink in inks for p in flat_points(s.path)]


def read_back(drawing: Drawing, number: int = 0) -> list[list[tuple[float, float]]]:
    """The points of every path of a page, mm, through the page's own matrices."""
    document = pypdfium2.PdfDocument(pdf([drawing]))
    found = []
    for item in document[number].get_objects(filter=[pdfium.FPDF_PAGEOBJ_PATH]):
        a, b, c, d, e, f = item.get_matrix().get()
        path = []
        for i in range(pdfium.FPDFPath_CountSegments(item)):
            segment = pdfium.FPDFPath_GetPathSegment(item, i)
            x, y = pdfium.c_float(), pdfium.c_float()
            pdfium.FPDFPathSegment_GetPoint(segment, x, y)
            path.append(((a * x.value + c * y.value + e) * MM, (b * x.value + d * y.value + f) * MM))
        found.append(path)
    return found


class Choices(unittest.TestCase):
    def test_cuts_are_left_out_or_drawn_outside_the_corners_only(self) -> None:
        pattern = carton().pattern
        self.assertFalse(
            any(s.ink is Ink.CUT for s in page_drawing(page(Laying(cuts=CutLine.NONE)), "x").strokes))
        square = tuple(Line(a, b) for a, b in (((0.0, 0.0), (50.0, 0.0)), ((50.0, 0.0), (50.0, 40.0)),
                                               ((50.0, 40.0), (0.0, 40.0)),
                                               ((0.0, 40.0), (0.0, 0.0))))
        found = list(ticks(square))
        self.assertEqual(len(found), 8)  # two beyond each corner
        for stroke in found:
            (line,) = stroke.path
            self.assertFalse(contains(((0.0, 0.0), (50.0, 0.0), (50.0, 40.0), (0.0, 40.0)), line.end))
            self.assertTrue(any(abs(line.start[axis] - line.end[axis]) < 1e-9
                                and line.start[axis] in (0.0, 50.0, 40.0) for axis in (0, 1)))
        for cut in pattern.cuts:
            for stroke in (s for s in ticks(cut) if isinstance(s.path[-1], Line)):
                self.assertFalse(contains(flat_points(cut)[:-1], stroke.path[-1].end))

    def test_a_hairline_is_thinner_in_the_print(self) -> None:
        wide, thin = (pdf([page_drawing(page(Laying(cuts=cuts)), "x")])
                      for cuts in (CutLine.LINE, CutLine.HAIR))
        widths = []
        for data in (wide, thin):
            document = pypdfium2.PdfDocument(data)
            seen = set()
            for item in document[0].get_objects(filter=[pdfium.FPDF_PAGEOBJ_PATH]):
                width = pdfium.c_float()
                pdfium.FPDFPageObj_GetStrokeWidth(item, width)
                seen.add(round(width.value * MM, 3))
            widths.append(seen)
        self.assertIn(0.25, widths[0])
        self.assertIn(0.05, widths[1])
        self.assertNotIn(0.25, widths[1])

    def test_folds_numbers_and_names_are_left_out_on_request(self) -> None:
        plain = page_drawing(page(), "x")
        self.assertTrue(points(plain, Ink.MOUNTAIN))
        bare = page_drawing(page(Laying(folds=False, numbers=False)), "x")
        self.assertFalse(points(bare, Ink.MOUNTAIN, Ink.VALLEY))
        self.assertFalse(any(t.words.startswith(("glue", "tuck")) for t in bare.texts))
        tags = build(replace(new_brief("tag"), copies=5), find_stock("card-220")).patterns
        for names in (True, False):
            sheet = replace(find_sheet("A4"), laying=Laying(names=names))
            (shared,) = arrange(loads_of("Shell label", tags), sheet).pages
            self.assertEqual(any(t.words == "Shell label" for t in page_drawing(shared, "x").texts), names)

    def test_a_template_for_the_inner_face_is_the_mirror_image_with_folds_the_other_way(self) -> None:
        plain, mirrored = page_drawing(page(), "x"), page_drawing(page(Laying(template=True)), "x")
        space = room(find_sheet("A4"))
        cuts = sorted((round(space.left + space.right - x, 6), round(y, 6)) for x, y in points(plain, Ink.CUT)
                      if y > space.bottom)
        self.assertEqual(sorted((round(x, 6), round(y, 6)) for x, y in points(mirrored, Ink.CUT) if y
                                > space.bottom), cuts)

        def counted(drawing: Drawing, ink: Ink) -> int:
            return sum(s.ink is ink and min(y for _, y in flat_points(s.path)) > space.bottom
                       for s in drawing.strokes)

        self.assertEqual(counted(plain, Ink.MOUNTAIN), counted(mirrored, Ink.VALLEY))
        self.assertTrue(any("stick it to the inner face" in t.words for t in mirrored.texts))

    def test_curves_are_flipped_as_curves(self) -> None:
        pattern = build(new_brief("tag"), find_stock("card-220")).pattern
        strokes = pattern_strokes(pattern)
        for a, b in zip(strokes, flipped(strokes, 100.0), strict=True):
            self.assertEqual(len(a.path), len(b.path))
            for p, q in zip(flat_points(a.path), flat_points(b.path), strict=True):
                self.assertAlmostEqual(100.0 - p[0], q[0], places=6)
                self.assertAlmostEqual(p[1], q[1], places=6)

    def test_marks_in_the_corners_are_clear_of_pieces_and_margins(self) -> None:
        made = page(Laying(corners=True))
        crosses = [s for s in page_drawing(made, "x").strokes if s.ink is Ink.DRAW and s.path[0].length
                   == 8.0]
        self.assertEqual(len(crosses), 8)
        box = made.items[0].box
        for stroke in crosses:
            for x, y in flat_points(stroke.path):
                self.assertTrue(8.0 <= x <= 202.0 and 8.0 <= y <= 289.0)
                self.assertFalse(box.left < x < box.right and box.bottom < y < box.top)

    def test_the_grain_of_the_sheet_is_shown_where_it_has_one(self) -> None:
        self.assertTrue(any(t.words == "grain" for t in page_drawing(page(), "x").texts))
        board = find_stock("greyboard-15")
        if board.grain == "none":
            made = arrange([Load("box", carton(board).pattern)], find_sheet("A4")).pages[0]
            self.assertFalse(any(t.words == "grain" for t in page_drawing(made, "x").texts))

    @given(st.floats(-3, 3), st.floats(-3, 3))
    def test_cuts_on_the_back_lie_behind_the_piece_when_the_sheet_is_turned_over(self, dx: float,
                                                                                 dy: float) -> None:
        made = page(Laying(cuts=CutLine.BACK), Printer(back_x=dx, back_y=dy))
        front, back = page_drawings(made, "x")
        self.assertFalse(any(s.ink is Ink.CUT for s in front.strokes))
        # the printer puts the back so far to the right and up, seen from the back; turned over, right is left
        came = sorted((round(210.0 - (x + dx), 6), round(y + dy, 6)) for x, y in points(back, Ink.CUT))
        want = sorted((round(x, 6), round(y, 6))
                      for s in pattern_strokes(made.items[0].load.pattern, made.items[0].move)
                      if s.ink is Ink.CUT for x, y in flat_points(s.path))
        for a, b in zip(came, want, strict=True):
            self.assertLess(math.dist(a, b), 1e-5)


class Printers(unittest.TestCase):
    @given(st.floats(98.0, 102.0), st.floats(98.0, 102.0))
    @settings(max_examples=10)
    def test_corrected_the_bars_are_so_much_longer_in_the_file_that_they_print_at_100(
        self, across: float, along: float) -> None:
        made = page(printer=Printer("Office", across=across, along=along))
        paths = read_back(page_drawing(made, "x"))
        level = [p for p in paths if len(p) == 2 and abs(p[0][1] - p[1][1]) < 1e-3
                 and abs(abs(p[0][0] - p[1][0]) - 1e4 / across) < 0.02]
        upright = [p for p in paths if len(p) == 2 and abs(p[0][0] - p[1][0]) < 1e-3
                   and abs(abs(p[0][1] - p[1][1]) - 1e4 / along) < 0.02]
        self.assertTrue(level and upright)
        box = bounds(q for path in paths for q in path)
        self.assertGreater(box.left, 0.0)
        self.assertLess(box.top, 297.0)

    def test_a_bar_that_was_fitted_to_the_page_is_no_measure_of_a_printer(self) -> None:
        with self.assertRaisesRegex(MeasureError, "actual size"):
            check_printer(Printer(across=96.0))
        for bad in (Printer(margin=-1.0), Printer(margin=math.nan), Printer(heaviest=-5.0),
                    Printer(back_x=30.0), Printer(along=110.0)):
            with self.subTest(bad), self.assertRaises(MeasureError):
                check_printer(bad)

    def test_heavy_stock_is_fed_one_sheet_at_a_time_or_not_at_all(self) -> None:
        self.assertEqual(feed_advice(Printer(), 160.0), "")
        self.assertIn("one sheet at a time", feed_advice(Printer(), 300.0))  # common practice above 250 g/m2
        self.assertIn("template", feed_advice(Printer(heaviest=220.0), 300.0))

    def test_a_check_says_when_the_stock_is_too_heavy_for_the_printer(self) -> None:
        made = carton()
        light = replace(find_sheet("A4"), printer=Printer(heaviest=220.0))
        self.assertIn("feed-heavy", [f.code for f in check.run(made, light)])
        self.assertNotIn("feed-heavy", [f.code for f in check.run(made, find_sheet("A4"))])
        self.assertNotIn("feed-heavy",
                         [f.code for f in check.run(made, replace(light, laying=Laying(template=True)))])

    def test_the_printers_margin_is_kept_clear(self) -> None:
        wide = replace(find_sheet("A4"), printer=Printer(margin=15.0))
        (made,) = arrange([Load("box", carton().pattern)], wide).pages
        box = bounds(p for s in page_drawing(made, "x").strokes for p in flat_points(s.path))
        self.assertTrue(box.left >= 15.0 - 1e-9 and box.bottom >= 15.0 - 1e-9 and box.right <= 195.0 + 1e-9
                        and box.top <= 282.0 + 1e-9)


class Rehearsing(unittest.TestCase):
    @classmethod
    def setUpClass(cls) -> None:
        cls.project = new_project(new_brief("carton"))
        cls.data = pdf_of(cls.project)

    def test_a_right_print_measures_right(self) -> None:
        found = rehearse(self.data)
        self.assertAlmostEqual(found.across, BAR_MM, delta=0.06)
        self.assertAlmostEqual(found.along, BAR_MM, delta=0.06)
        self.assertFalse(found.clipped)
        self.assertEqual(len(found.verdict), 1)

    def test_the_largest_sheet_is_measured_as_well_with_fewer_dots(self) -> None:
        data = pdf_of(new_project(new_brief("carton"), sheet="A0"))
        found = rehearse(data, 1, Faults(0.96, 0.96, 4.2))
        self.assertLess(found.image.width * found.image.height, 61e6)
        self.assertAlmostEqual(found.across, 96.0, delta=0.1)
        self.assertAlmostEqual(found.along, 96.0, delta=0.1)
        self.assertLess(abs(found.skew_deg), 0.1)

    def test_four_percent_are_found_to_a_tenth_of_a_percent(self) -> None:
        found = rehearse(self.data, 1, Faults(0.96, 0.96, 4.2))
        self.assertAlmostEqual(found.across, 96.0, delta=0.1)
        self.assertAlmostEqual(found.along, 96.0, delta=0.1)
        self.assertTrue(any("actual size" in words for words in found.verdict))

    def test_what_the_margins_take_is_noticed(self) -> None:
        found = rehearse(self.data, 1, Faults(margin=14.0))
        self.assertTrue(found.clipped)
        self.assertEqual((found.across, found.along), (0.0, 0.0))
        self.assertIn("margin", found.verdict[0])

    def test_a_skewed_sheet_keeps_its_sizes_and_says_how_far_it_leans(self) -> None:
        for skew in (-1.2, 0.5, 2.0):
            found = rehearse(self.data, 1, Faults(skew_deg=skew))
            self.assertAlmostEqual(found.skew_deg, skew, delta=0.06)
            self.assertAlmostEqual(found.across, BAR_MM, delta=0.1)

    def test_the_correction_brings_the_bars_back(self) -> None:
        faults = Faults(0.9935, 1.0062, 4.2)
        wrong = rehearse(self.data, 1, faults)
        printer = Printer("Office", across=round(wrong.across, 2), along=round(wrong.along, 2))
        right = rehearse(pdf_of(replace(self.project, printer=printer)), 1, faults)
        self.assertGreater(abs(wrong.across - BAR_MM), 0.5)
        self.assertAlmostEqual(right.across, BAR_MM, delta=0.1)
        self.assertAlmostEqual(right.along, BAR_MM, delta=0.1)

    def test_a_page_there_is_not_is_refused(self) -> None:
        with self.assertRaisesRegex(ExportError, "no page 9"):
            rehearse(self.data, 9)


class CommandLine(InFolder):
    def test_a_print_is_rehearsed_and_its_picture_written(self) -> None:
        path, out = self.folder / "x.mingei", self.folder / "x.png"
        project_file.save(new_project(new_brief("carton")), path)
        with redirect_stdout(io.StringIO()) as said:
            self.assertEqual(cli.main(["rehearse", "print", str(path), "--scale", "96", "--to", str(out),
                                       "--json"]), 0)
        found = json.loads(said.getvalue())
        self.assertAlmostEqual(found["across_mm"], 96.0, delta=0.1)
        with Image.open(out) as picture:
            self.assertAlmostEqual(picture.size[0], 2480, delta=1)  # 210 mm at 300 dots an inch
        for bad in (["--scale", "10"], ["--skew", "9"], ["--margin", "wide"], ["--margin", "-5"],
                    ["--page", "7"]):
            with self.subTest(bad), mock.patch("sys.stderr", new_callable=io.StringIO):
                self.assertEqual(cli.main(["rehearse", "print", str(path), *bad]), 2)


class OnTheStation(WindowTest):
    demo = False

    def setUp(self) -> None:
        super().setUp()
        self.document = self.window.document
        self.document.set_recipe("tag")
        self.document.change_brief(replace(self.document.brief, copies=3), "copies")
        self.window.go("sheets")
        settle(80)
        self.station = self.window.stations["sheets"]
        self.view = self.station.view

    def at(self, number: int) -> QPointF:
        """The middle of a piece on the first page, px."""
        item = self.view.pages[0].page.items[number]
        place, (x, y) = self.view.places()[0], item.box.centre
        return QPointF(place.left() + x * self.view.scale, place.bottom() - y * self.view.scale)

    def test_every_page_that_shows_is_drawn_however_slow_the_machine_is(self) -> None:
        # found in a picture: painting what was drawn already took all the time that new pages are given
        self.document.change_brief(replace(self.document.brief, copies=16), "copies")
        settle(50)
        for shown in self.view.pages:
            shown.__dict__.pop("tiles", None)
            shown.forget()
        with mock.patch("mingei.app.pages_view._AT_ONCE_S", 0.0):
            self.view.update()
            settle(300)
        showing = [s for place, s in zip(self.view.places(), self.view.pages, strict=True) if place.top()
                   < self.view.height()]
        self.assertGreater(len(showing), 1)
        self.assertTrue(all(s.is_drawn for s in showing))

    def test_a_piece_is_dragged_held_there_and_all_others_stay(self) -> None:
        start = self.document.project
        before = {i.key: i.box for i in self.view.pages[0].page.items}
        moved = self.view.pages[0].page.items[0].key
        drag(self.view, self.at(0), self.at(0) + QPointF(0, -40))
        settle(50)
        after = {i.key: i for p in self.view.pages for i in p.page.items}
        self.assertAlmostEqual(after[moved].box.bottom - before[moved].bottom, 40 / self.view.scale,
                               delta=2 / self.view.scale)
        self.assertTrue(after[moved].locked)
        for key, box in before.items():
            if key != moved:
                self.assertAlmostEqual(after[key].box.left, box.left, places=2)
        self.document.undo.undo()
        self.assertEqual(self.document.project, start)

    def test_keys_nudge_turn_hold_and_let_go(self) -> None:
        click(self.view, self.at(1))
        key = self.view.taken
        assert key is not None
        left = self.view.lying(key)[1].box.left
        self.key(Qt.Key.Key_Right, on=self.view)
        self.assertAlmostEqual(self.view.lying(key)[1].box.left, left + 1.0, places=2)
        wide = self.view.lying(key)[1].box.width
        self.key(Qt.Key.Key_R, on=self.view)
        self.assertAlmostEqual(self.view.lying(key)[1].box.height, wide, places=3)
        self.key(Qt.Key.Key_L, on=self.view)
        self.assertFalse(any(s.locked and s.key == key for s in self.document.project.spots))
        self.key(Qt.Key.Key_L, on=self.view)
        self.assertTrue(any(s.locked and s.key == key for s in self.document.project.spots))
        self.key(Qt.Key.Key_Delete, on=self.view)
        self.assertFalse(any(s.key == key for s in self.document.project.spots))

    def test_pieces_on_each_other_are_said_and_the_pdf_waits(self) -> None:
        items = self.view.pages[0].page.items
        click(self.view, self.at(0))
        for field, mm in ((self.station.spot.left, items[1].box.left - 60),
                          (self.station.spot.below, items[1].box.bottom + 2)):
            write(field, str(round(mm, 2)))
        self.assertTrue(any(clashes(p.page.items) for p in self.view.pages))
        self.assertTrue(self.station.error.isVisible())
        self.assertFalse(self.station.pdf.isEnabled())
        click(self.station.laying.anew)
        self.assertTrue(self.station.pdf.isEnabled())
        self.assertFalse(self.station.error.isVisible())

    def test_a_piece_dropped_beside_the_pages_gets_a_sheet_of_its_own(self) -> None:
        pages = len(self.station.pages)
        place = self.view.places()[-1]
        drag(self.view, self.at(0), QPointF(place.right() + 15, place.top() + 30))
        settle(50)
        self.assertEqual(len(self.station.pages), pages + 1)

    def test_choices_are_kept_undone_and_printed(self) -> None:
        start = self.document.project
        laying, printed = self.station.laying, self.station.printed
        laying.way.setCurrentIndex(2)
        laying.way.activated.emit(2)
        write(laying.gap, "9")
        write(laying.gap, "900")  # refused beside the field
        self.assertFalse(laying.gap.reason.isHidden())
        click(printed.ticks["folds"], QPointF(8, printed.ticks["folds"].height() / 2).toPoint())
        now = self.document.project.laying
        self.assertEqual((now.way, now.gap, now.folds), ("across", 9.0, False))
        self.assertTrue(all(i.box.width > i.box.height for p in self.station.pages for i in p.items))
        while self.document.project != start:
            self.document.undo.undo()

    def test_a_layout_is_searched_in_the_background_and_kept_as_one_step(self) -> None:
        self.document.set_recipe("pyramid")
        self.document.change_brief(
            replace(self.document.brief.with_measure("across", 40.0).with_measure("height", 50.0)
                    .with_measure("sides", 3.0), copies=7), "smaller")
        settle(50)
        before, steps = len(self.station.pages), self.document.undo.count()
        self.station.laying.tries = 6
        click(self.station.laying.closer)
        self.assertTrue(self.station.laying.busy)
        wait_for(lambda: not self.station.laying.busy)
        settle(80)
        self.assertLess(len(self.station.pages), before)
        self.assertEqual(self.document.undo.count(), steps + 1)

    def test_a_search_that_is_stopped_or_overtaken_leaves_all_in_order(self) -> None:
        self.document.change_brief(replace(self.document.brief, copies=60), "many")
        settle(50)
        click(self.station.laying.closer)
        click(self.station.laying.closer)  # stop
        wait_for(lambda: not self.station.laying.busy)
        self.assertEqual(sum(len(p.items) for p in self.station.pages), 60)
        click(self.station.laying.closer)
        self.document.set_measure("width", 41.0)
        self.assertFalse(self.station.laying.busy)
        settle(300)
        self.assertEqual(self.document.project.spots, ())

    def test_a_printer_is_measured_kept_and_corrected_for(self) -> None:
        card = self.station.printer
        write(card.lengths["across"], "99.4")
        write(card.lengths["along"], "80")
        self.assertFalse(card.lengths["along"].reason.isHidden())
        card.name.setText("Office")
        card.name.editingFinished.emit()
        click(card.keep)
        self.assertEqual([p.name for p in self.document.shelf.cabinet.printers], ["Office"])
        self.assertTrue(any("Corrected for Office" in t.words for t in self.view.pages[0].drawing.texts))
        # a corrected print measured again adds to what was known, and does not replace it
        self.assertTrue(card.lengths["across_again"].isVisibleTo(card))
        write(card.lengths["across_again"], "100.2")
        self.assertAlmostEqual(self.document.project.printer.across, 99.4 * 1.002, places=3)
        write(card.lengths["across_again"], "90")
        self.assertFalse(card.lengths["across_again"].reason.isHidden())
        write(card.lengths["across"], "99.4")
        card.which.setCurrentIndex(0)
        card.which.activated.emit(0)
        self.assertEqual(self.document.project.printer, Printer())
        card.which.setCurrentIndex(1)
        card.which.activated.emit(1)
        self.assertEqual(self.document.project.printer.across, 99.4)
        click(card.drop)
        self.assertEqual(self.document.shelf.cabinet.printers, ())

    def test_a_sheet_of_ones_own_size(self) -> None:
        self.station.sheet.setCurrentIndex(self.station.sheet.count() - 1)
        self.station.sheet.activated.emit(self.station.sheet.count() - 1)
        self.station.own.setText("20 x 20 cm")
        self.station.own.editingFinished.emit()
        self.assertEqual(self.document.project.sheet, "200 x 200 mm")
        self.station.own.setText("nothing")
        self.station.own.editingFinished.emit()
        self.assertFalse(self.station.own_reason.isHidden())
        self.assertEqual(self.document.project.sheet, "200 x 200 mm")

    def test_offcuts_are_kept_offered_and_used_up(self) -> None:
        click(self.station.takes.keep)
        kept = self.document.shelf.cabinet.offcuts
        self.assertTrue(kept)
        self.assertTrue(self.station.takes.used.isEnabled())
        click(self.station.takes.used)
        self.assertLess(len(self.document.shelf.cabinet.offcuts), len(kept))

    def test_the_sheet_of_the_piece_in_hand_is_parted_by_straight_cuts(self) -> None:
        click(self.view, self.at(0))
        settle()
        self.assertIn("1. ", self.station.spot.order.text())
        self.assertTrue(self.station.spot.order.isVisible())

    def test_a_piece_put_into_a_group_has_sheets_of_its_own_and_undone_it_has_not(self) -> None:
        click(self.view, self.at(0))
        settle()
        before, key = self.document.project, self.view.taken
        assert key is not None
        combo = self.station.spot.group
        combo.setFocus()
        QTest.keyClick(combo, Qt.Key.Key_Down)
        settle()
        self.assertEqual(self.document.project.laying.group_of(*key[:2]), "A")
        page = next(p for p in self.station.pages if any(i.key == key for i in p.items))
        self.assertEqual({i.key[:2] for i in page.items}, {key[:2]})
        self.document.undo.undo()
        settle()
        self.assertEqual(self.document.project, before)
        self.assertEqual(combo.currentIndex(), 0)

    def test_boards_to_back_a_tiled_piece_are_counted(self) -> None:
        self.document.set_recipe("tray")
        self.document.set_measure("length", 330.0)
        self.document.set_tiles(25.0)
        settle(50)
        self.assertIn("boards", self.station.takes.takes.text())

    def test_another_sheet_is_compared_without_changing_anything(self) -> None:
        start = self.document.project
        self.station.takes.other.setCurrentIndex(1 + [s.name for s in SHEETS].index("A3"))
        self.station.takes.other.activated.emit(self.station.takes.other.currentIndex())
        wait_for(lambda: "On A3: one sheet" in self.station.takes.takes.text())
        self.assertEqual(self.document.project, start)

    def test_so_many_kits_are_reckoned_without_changing_anything(self) -> None:
        start = self.document.project
        one = self.station.takes.takes.text()
        self.station.takes.kits.setValue(40)
        wait_for(lambda: self.station.takes.takes.text() != one)
        self.assertEqual(self.document.project, start)

    def test_the_rehearsal_shows_the_sheet_and_what_its_bars_measure(self) -> None:
        dialog = RehearseDialog(self.document, len(self.station.pages), self.window)
        dialog.show()
        self.assertEqual(dialog.fault.count(), len(KNOWN))
        dialog.fault.setCurrentIndex(1)
        dialog.fault.activated.emit(1)
        wait_for(lambda: "96" in dialog.bars.text())
        self.assertIn("actual size", dialog.verdict.text())
        self.assertFalse(dialog.sheet.pixmap().isNull())
        self.assertTrue(all(w.accessibleName() or w.text() for w in every(dialog, type(dialog.sheet))))
        QTest.keyClick(dialog, Qt.Key.Key_Escape)


class StraightToAPrinter(WindowTest):
    demo = False

    def test_what_is_printed_is_as_large_as_the_pdf_says(self) -> None:
        self.document = self.window.document
        self.document.open(new_project(new_brief("carton")))
        for sheet in ("A4", "Letter"):
            self.document.set_sheet(sheet)
            printer = printer_for(self.document.project.paper)
            printer.setOutputFormat(QPrinter.OutputFormat.PdfFormat)
            out = self.folder / f"{sheet}.pdf"
            printer.setOutputFileName(str(out))
            self.window.desk.print_to(printer)
            self.wait_for_jobs()
            found = rehearse(out.read_bytes())
            self.assertAlmostEqual(found.across, BAR_MM, delta=0.1)
            self.assertAlmostEqual(found.along, BAR_MM, delta=0.1)
            size = pypdfium2.PdfDocument(out.read_bytes())[0].get_size()
            self.assertAlmostEqual(size[0] * MM, self.document.project.paper.width, delta=0.5)

    def test_only_the_pages_asked_for_are_printed(self) -> None:
        project = new_project(new_brief("lid-base"), sheet="A4")
        pages = len(pypdfium2.PdfDocument(pdf_of(project)))
        self.assertGreater(pages, 1)
        printer = printer_for(project.paper)
        printer.setOutputFormat(QPrinter.OutputFormat.PdfFormat)
        printer.setOutputFileName(str(self.folder / "x.pdf"))
        printer.setFromTo(2, 2)
        self.assertEqual(print_pages(pdf_of(project), printer), 1)

    def test_a_printer_that_takes_nothing_is_said(self) -> None:
        printer = printer_for(find_sheet("A4"))
        printer.setOutputFormat(QPrinter.OutputFormat.PdfFormat)
        printer.setOutputFileName(str(self.folder / "no such folder" / "x.pdf"))
        with self.assertRaises(ExportError):
            print_pages(pdf_of(new_project(new_brief("carton"))), printer)


class TheCuttingList(WindowTest):
    def test_every_piece_stands_on_it_with_its_size_in_both_units(self) -> None:
        out = self.folder / "list.pdf"
        with answer_file(out):
            self.window.desk.save_cutting_list()
        self.wait_for_jobs()
        document = pypdfium2.PdfDocument(out.read_bytes())
        words = "".join(page.get_textpage().get_text_range() for page in document)
        project = self.window.document.project
        for brief in project.briefs:
            for pattern in build(brief, project.stock_of(brief), project.parts_of(brief)).patterns:
                long, short = sorted((round(pattern.box.width, 2), round(pattern.box.height, 2)),
                                     reverse=True)
                self.assertIn(f"{plain_number(long)} × {plain_number(short)} mm", words)
        self.assertIn("7 1/4 × 7 1/4 in", words)  # the shell basket's blank

    def test_rows_are_shared_out_over_pages_and_drawn_within_them(self) -> None:
        loads = [Load(f"thing {i}", carton(length=40.0 + i).pattern) for i in range(31)]
        pages = cutting_pages(loads, find_sheet("A4"), "Tern Point")
        self.assertEqual(sum(s.ink is Ink.CUT for p in pages for s in p.strokes), 31)
        for drawing in pages:
            box = bounds(p for s in drawing.strokes for p in flat_points(s.path))
            self.assertTrue(box.left > 8 and box.right < 202 and box.bottom > 8 and box.top < 289)


class WhatItTakes(unittest.TestCase):
    def test_twice_the_sheets_take_twice_the_time_and_thick_board_longer(self) -> None:
        card, board = (arrange([Load("box", carton(s).pattern)], find_sheet("A4")).pages
                       for s in ("card-300", "greyboard-15"))
        self.assertAlmostEqual(bench_minutes(piles_of(card * 40)), 2 * bench_minutes(piles_of(card * 20)),
                               delta=1)
        self.assertGreater(bench_minutes(piles_of(board * 10)), bench_minutes(piles_of(card * 10)))
        self.assertEqual(bench_minutes(()), 0)


class InAKit(WindowTest):
    def test_dragging_a_piece_of_another_thing_turns_to_that_thing_and_moves_the_piece(self) -> None:
        self.window.go("sheets")
        settle(150)
        view = self.window.stations["sheets"].view
        shown = view.pages[1]
        item = next(i for i in shown.page.items if i.load.owner != self.window.document.brief.id)
        place, (x, y) = view.places()[1], item.box.centre
        start = QPointF(place.left() + x * view.scale, place.bottom() - y * view.scale)
        drag(view, start, start + QPointF(0, 9))
        settle(50)
        self.assertEqual(self.window.document.brief.id, item.load.owner)
        self.assertTrue(any(s.key == item.key and s.locked for s in self.window.document.project.spots))


if __name__ == "__main__":
    unittest.main()
