"""Files read back by independent instruments and measured: PDFium, svgelements, ezdxf."""

from __future__ import annotations

import io
import math
import os
import subprocess
import sys
import unittest
from itertools import pairwise
from typing import Any

import ezdxf
import pypdfium2
import pypdfium2.raw as pdfium
import svgelements
from hypothesis import given
from hypothesis import strategies as st

from mingei.core.document.build import build
from mingei.core.document.project import Brief, new_brief
from mingei.core.layout.drawing import BARE_EDGE_MM, LOOKS, Drawing, Ink, Stroke, flat_drawing
from mingei.core.layout.marks import page_drawing
from mingei.core.layout.place import Load, lay_out, sheets_that_do
from mingei.core.layout.sheets import find_sheet
from mingei.core.plane.outline import LEAST_CUT_MM
from mingei.core.plane.shape import Arc, Line, Path, flat_points, path_length
from mingei.core.recipes import recipes
from mingei.core.stock import Stock, find_stock
from mingei.formats.dxf import dxf
from mingei.formats.pdf import pdf
from mingei.formats.svg import svg
from tests.strategies import briefs
from tests.support import carton

Points = list[tuple[float, float]]
MM = 25.4 / 72


def read_pdf_paths(data: bytes) -> list[tuple[Points, bool]]:
    """Every stroked path of page 1 as PDFium sees it: points in mm (curves by their ends), and whether it is
    dashed."""
    document = pypdfium2.PdfDocument(data)
    found = []
    for item in document[0].get_objects(filter=[pdfium.FPDF_PAGEOBJ_PATH]):
        matrix = item.get_matrix()
        points: Points = []
        curve: Points = []
        for i in range(pdfium.FPDFPath_CountSegments(item)):
            segment = pdfium.FPDFPath_GetPathSegment(item, i)
            x, y = pdfium.c_float(), pdfium.c_float()
            pdfium.FPDFPathSegment_GetPoint(segment, x, y)
            at = matrix.on_point(x.value, y.value)
            mm = (at[0] * MM, at[1] * MM)
            if pdfium.FPDFPathSegment_GetType(segment) == pdfium.FPDF_SEGMENT_BEZIERTO:
                curve.append(mm)
                if len(curve) == 3:
                    points.append(curve[2])
                    curve = []
            else:
                points.append(mm)
            if pdfium.FPDFPathSegment_GetClose(segment):
                points.append(points[0])
        found.append((points, pdfium.FPDFPageObj_GetDashCount(item) > 0))
    return found


def farthest(points: Points, path: Path) -> float:
    """How far (mm) the farthest of the points lies from the path."""
    fine = flat_points(path, 1e-3)

    def off(p: tuple[float, float]) -> float:
        best = math.inf
        for a, b in pairwise(fine):
            length2 = max((b[0] - a[0]) ** 2 + (b[1] - a[1]) ** 2, 1e-18)
            s = max(0.0, min(1.0, ((p[0] - a[0]) * (b[0] - a[0]) + (p[1] - a[1]) * (b[1] - a[1])) / length2))
            best = min(best, math.dist(p, (a[0] + s * (b[0] - a[0]), a[1] + s * (b[1] - a[1]))))
        return best

    return max(off(p) for p in points)


class Pdf(unittest.TestCase):
    @given(briefs("carton"))
    def test_lines_measure_right(self, made: tuple[Brief, Stock]) -> None:
        pattern = build(*made).pattern
        sheets = sheets_that_do(pattern)
        if not sheets:
            return
        (page,) = lay_out((Load("box", pattern),), sheets[0])
        drawing = page_drawing(page, "any")
        cut = next(s.path for s in drawing.strokes if s.ink is Ink.CUT)
        paths = read_pdf_paths(pdf([drawing]))
        outline = max((p for p, dashed in paths if not dashed), key=len)
        self.assertLess(farthest(outline, cut), 0.01)
        scores = sorted(math.dist(p[0], p[-1]) for p, dashed in paths if dashed)
        # samples in the key of lines
        key = [path_length(s.path) for s in drawing.strokes if s.mark and LOOKS[s.ink].dashes]
        self.assertEqual(len(key), len({s.ink for s in drawing.strokes if not s.mark} - {Ink.CUT}))
        wanted = sorted([*key, *(f.length for f in pattern.folds)])
        for got, length in zip(scores, wanted, strict=True):
            self.assertAlmostEqual(got, length, delta=0.01)

    def test_the_check_bars_measure_100_mm(self) -> None:
        for sheet in ("A4", "Letter"):
            (page,) = lay_out((Load("box", carton().pattern),), find_sheet(sheet))
            paths = read_pdf_paths(pdf([page_drawing(page, "x")]))
            lengths = [(abs(p[0][0] - p[-1][0]), abs(p[0][1] - p[-1][1])) for p, _ in paths if len(p) == 2]
            for bar in ((100.0, 0.0), (0.0, 100.0)):
                self.assertTrue(any(math.dist(bar, length) < 0.01 for length in lengths), (sheet, bar))

    def test_pages_have_the_size_of_their_sheet_and_ask_for_no_scaling(self) -> None:
        for name, width, height in (("A4", 210, 297), ("Letter", 215.9, 279.4)):
            (page,) = lay_out((Load("box", carton().pattern),), find_sheet(name))
            data = pdf([page_drawing(page, "x")])
            size = pypdfium2.PdfDocument(data)[0].get_size()
            self.assertAlmostEqual(size[0] * MM, width, delta=0.01)
            self.assertAlmostEqual(size[1] * MM, height, delta=0.01)
            self.assertIn(b"/PrintScaling /None", data)

    def test_fonts_are_embedded_and_words_can_be_read(self) -> None:
        (page,) = lay_out((Load("box", carton().pattern),), find_sheet("A4"))
        document = pypdfium2.PdfDocument(pdf([page_drawing(page, "Tern Point")]))
        self.assertIn("Tern Point: box", document[0].get_textpage().get_text_range())
        for item in document[0].get_objects(filter=[pdfium.FPDF_PAGEOBJ_TEXT]):
            self.assertTrue(pdfium.FPDFFont_GetIsEmbedded(pdfium.FPDFTextObj_GetFont(item)))

    def test_the_same_page_gives_the_same_bytes(self) -> None:
        (page,) = lay_out((Load("box", carton().pattern),), find_sheet("A4"))
        self.assertEqual(pdf([page_drawing(page, "x")]), pdf([page_drawing(page, "x")]))


class Svg(unittest.TestCase):
    @given(briefs("carton"))
    def test_the_cut_line_measures_right(self, made: tuple[Brief, Stock]) -> None:
        drawing = flat_drawing(build(*made).pattern)
        cut = next(s.path for s in drawing.strokes if s.ink is Ink.CUT)
        # at 25.4 units an inch the reader counts in mm, from width, height and viewBox
        read = svgelements.SVG.parse(io.BytesIO(svg(drawing)), ppi=25.4)
        path = max((e for e in read.elements() if isinstance(e, svgelements.Path)), key=len)
        self.assertAlmostEqual(path.length(error=1e-7), path_length(cut), delta=0.01)
        box = path.bbox()
        for axis, size in ((0, drawing.width), (1, drawing.height)):  # nothing at the edges is cut off
            self.assertAlmostEqual(box[axis + 2] - box[axis], size - 2 * BARE_EDGE_MM, delta=0.01)

    def test_groups_are_named_and_arcs_stay_arcs(self) -> None:
        text = svg(flat_drawing(carton().pattern)).decode()
        self.assertIn('<g id="cut"', text)
        self.assertIn('<g id="score-mountain"', text)
        self.assertEqual(text.count("A"), 6)
        self.assertRegex(text, r'width="[\d.]+mm" height="[\d.]+mm" viewBox="0 0 [\d.]+ [\d.]+"')

    def test_arcs_turn_the_right_way(self) -> None:
        for arc in (Arc((5.0, 5.0), 3.0, 0.0, 90.0), Arc((5.0, 5.0), 3.0, 200.0, -130.0),
                    Arc((5.0, 5.0), 3.0, 10.0, 270.0)):
            drawing = Drawing(10, 10, (Stroke(Ink.CUT, (arc,)),))
            read = svgelements.SVG.parse(io.BytesIO(svg(drawing)), ppi=25.4)
            (path,) = [e for e in read.elements() if isinstance(e, svgelements.Path)]
            middle = path.point(0.5)
            self.assertLess(math.dist((middle.x, 10 - middle.y), arc.at(0.5)), 1e-4)


def dxf_length(entity: object) -> float:
    """How long a line, arc, circle or polyline is as its own attributes say (a bulge is the tangent of a
    quarter of the arc's angle)."""
    e: Any = entity
    if e.dxftype() == "ARC":
        return float(e.dxf.radius * math.radians((e.dxf.end_angle - e.dxf.start_angle) % 360))
    if e.dxftype() == "CIRCLE":
        return float(2 * math.pi * e.dxf.radius)
    if e.dxftype() == "LINE":
        return math.dist(e.dxf.start, e.dxf.end)
    points = list(e.get_points("xyb"))
    total = 0.0
    for (x, y, bulge), (u, v, _) in pairwise([*points, points[0]] if e.closed else points):
        chord, turn = math.dist((x, y), (u, v)), 4 * math.atan(abs(bulge))
        total += chord * turn / 2 / math.sin(turn / 2) if turn > 1e-12 else chord
    return total


class Dxf(unittest.TestCase):
    @given(briefs("carton"))
    def test_it_is_clean_and_measures_right(self, made: tuple[Brief, Stock]) -> None:
        drawing = flat_drawing(build(*made).pattern)
        document = ezdxf.read(io.StringIO(dxf(drawing).decode()))
        audit = document.audit()
        self.assertFalse(audit.has_errors or audit.has_fixes)
        self.assertEqual((document.dxfversion, document.units), ("AC1024", ezdxf.units.MM))
        for ink in {s.ink for s in drawing.strokes}:
            length = 0.0
            for entity in document.modelspace().query(f'*[layer=="{ink}"]'):
                length += dxf_length(entity)
            self.assertAlmostEqual(length, sum(path_length(s.path) for s in drawing.strokes if s.ink is ink),
                                   delta=0.01)

    def test_an_outline_is_one_closed_polyline_and_arcs_are_bulges(self) -> None:
        document = ezdxf.read(io.StringIO(dxf(flat_drawing(carton().pattern)).decode()))
        (cut,) = document.modelspace().query('*[layer=="cut"]')
        self.assertTrue(cut.closed)
        self.assertEqual(sum(bulge != 0 for *_, bulge in cut.get_points("xyb")), 6)
        self.assertEqual({e.dxftype() for e in document.modelspace().query('*[layer=="score-mountain"]')},
                         {"LINE"})
        self.assertEqual(len(document.modelspace().query('CIRCLE[layer=="cut"]')), 0)

    def test_holes_are_circles_and_extents_are_those_of_the_drawing(self) -> None:
        made = build(new_brief("tag", stock=find_stock("card-220")), find_stock("card-220"))
        drawing = flat_drawing(made.pattern)
        data = dxf(drawing)
        document = ezdxf.read(io.StringIO(data.decode()))
        self.assertEqual(len(document.modelspace().query('CIRCLE[layer=="cut"]')), 1)
        low, high = document.header["$EXTMIN"], document.header["$EXTMAX"]
        self.assertAlmostEqual(high[0] - low[0], made.pattern.box.width, places=6)
        self.assertAlmostEqual(high[1] - low[1], made.pattern.box.height, places=6)
        self.assertEqual(data, dxf(drawing))

    def test_openings_come_before_the_outline_they_lie_in_whatever_the_file(self) -> None:
        made = build(new_brief("tag", stock=find_stock("card-220")), find_stock("card-220"))
        document = ezdxf.read(io.StringIO(dxf(flat_drawing(made.pattern)).decode()))
        self.assertEqual([e.dxftype() for e in document.modelspace().query('*[layer=="cut"]')],
                         ["CIRCLE", "LWPOLYLINE"])
        read = svgelements.SVG.parse(io.BytesIO(svg(flat_drawing(made.pattern))), ppi=25.4)
        paths = [e for e in read.elements() if isinstance(e, svgelements.Path) and e.values.get("id") is None]
        self.assertLess(paths[-2].length(), paths[-1].length())

    def test_the_same_drawing_gives_the_same_bytes_in_whatever_process(self) -> None:
        program = ("import sys, hashlib\nfrom tests.test_formats import carton, dxf, flat_drawing\n"
                   "print(hashlib.sha256(dxf(flat_drawing(carton().pattern))).hexdigest())")
        found = {subprocess.run([sys.executable, "-c", program], capture_output=True, text=True, check=True,
                                env=os.environ | {"PYTHONHASHSEED": seed}).stdout for seed in ("0", "4", "7")}
        self.assertEqual(len(found), 1)

    def test_no_cut_is_too_short_for_a_knife(self) -> None:
        for recipe in recipes():
            chosen = find_stock(new_brief(recipe).stock)
            for pattern in build(new_brief(recipe, stock=chosen), chosen).patterns:
                self.assertGreaterEqual(min(s.length for cut in pattern.cuts for s in cut), LEAST_CUT_MM,
                                        recipe)


class Property(unittest.TestCase):
    @given(st.floats(0.5, 200), st.floats(0, 360), st.floats(5, 359), st.booleans())
    def test_a_pdf_arc_stays_on_its_circle(self, radius: float, start: float, sweep: float,
                                           back: bool) -> None:
        arc = Arc((300.0, 300.0), radius, start, -sweep if back else sweep)
        data = pdf([Drawing(600, 600, (Stroke(Ink.CUT, (Line((300.0, 300.0), arc.start), arc)),))])
        points = read_pdf_paths(data)[0][0][1:]
        for p in points:
            self.assertAlmostEqual(math.dist(p, (300.0, 300.0)), radius, delta=0.01)
        self.assertLess(math.dist(points[-1], arc.end), 0.01)
