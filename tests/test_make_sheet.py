"""Make sheet and pack: every step with its picture, nothing split from it, alt text and headings; files read
back by others, the same bytes each time, nothing in them of the machine."""

from __future__ import annotations

import getpass
import io
import re
import socket
import tempfile
import unittest
import xml.etree.ElementTree as ET
import zipfile
from dataclasses import replace
from html.parser import HTMLParser
from pathlib import Path

import ezdxf
import pypdfium2
from PIL import Image

from mingei.core.amendments.opening import Opening
from mingei.core.covering.overlay import Overlay
from mingei.core.document.build import build
from mingei.core.document.make_sheet import RECORD, MakeSheet, Section, make_sheet
from mingei.core.document.project import Project, new_brief, new_project
from mingei.core.document.publishing import Publishing, check_publishing
from mingei.core.errors import ExportError, MeasureError
from mingei.core.layout.sheets import find_sheet
from mingei.core.length import write_both
from mingei.core.plan.operation import Does
from mingei.core.plan.picture import Picture, Tint, step_picture
from mingei.core.stock import find_stock
from mingei.core.whole.joined import builds_of
from mingei.formats import project_file
from mingei.formats.make_html import make_html
from mingei.formats.make_pdf import make_pdf
from mingei.formats.publish import members, publish
from mingei.formats.step_svg import step_svg


def project() -> Project:
    tray = new_brief("tray", {}).with_tape(6.0).amended(Overlay("front mat", "front"))
    pillow = new_brief("pillow", {}).amended(Opening("window", "front", width=20.0, height=15.0, window=True))
    briefs = tuple(replace(b, id=f"thing-{n}", name=name) for n, (b, name) in enumerate(
        ((tray, "Bead tray"), (pillow, "Soap <pouch> & co"), (new_brief("polyhedron"), "Buoy"))))
    stocks = tuple({b.stock: find_stock(b.stock) for b in briefs}.values())
    return Project("Tern shop", briefs, stocks=stocks, publishing=Publishing("A. Tern", "Made by the sea."))


PROJECT = project()
SHEET: MakeSheet = make_sheet(PROJECT, builds_of(PROJECT))


class Pictures(unittest.TestCase):
    def picture(self, recipe: str, part: str) -> Picture:
        made = build(new_brief(recipe), find_stock(new_brief(recipe).stock))
        step = next(s for s in made.steps if part in s.words)
        return step_picture(made.plan, step, made.patterns)

    def test_what_moves_is_marked_by_weight_and_tint_and_where_glue_goes_is_hatched(self) -> None:
        glued = self.picture("carton", "Bring the top over. Glue")
        self.assertTrue({Tint.NOW, Tint.NOW_INSIDE} & {s.tint for s in glued.shapes})
        self.assertTrue(glued.hatch)
        self.assertTrue(glued.arrows)
        self.assertTrue(any(s.sides for s in glued.shapes))
        still = self.picture("carton", "Crease every fold")
        self.assertEqual((still.hatch, still.arrows), ((), ()))
        for shape in glued.shapes:
            for x, y in shape.points:
                self.assertTrue(-0.01 <= x <= glued.width + 0.01 and -0.01 <= y <= 1.01)

    def test_the_view_shows_what_matters(self) -> None:
        # the patch of a panel's inside is seen from inside, the tabs that are folded are seen
        for recipe, part in (("carton", "Fold the front tab"), ("tray", "Raise the left wall"),
                             ("polyhedron", "Raise the face 2"), ("pocket-gusset", "Fold the front over")):
            with self.subTest(recipe):
                shown = self.picture(recipe, part)
                now = sum(_area(s.points) for s in shown.shapes if s.tint in (Tint.NOW, Tint.NOW_INSIDE))
                self.assertGreater(now, 0.001)

    def test_as_svg_it_is_sound_and_says_in_words_what_it_shows(self) -> None:
        text = step_svg(self.picture("tray", "Raise the front"), 'front & "back"')
        root = ET.fromstring(text)
        self.assertEqual(root.get("aria-label"), 'front & "back"')
        self.assertEqual(root[0].tag, "{http://www.w3.org/2000/svg}title")


def _area(points) -> float:
    return (abs(sum(a[0] * b[1] - b[0] * a[1] for a, b in zip(points, (*points[1:], points[0]), strict=True)))
            / 2)


class _Reader(HTMLParser):
    def __init__(self) -> None:
        super().__init__()
        self.levels: list[int] = []
        self.images: list[str | None] = []
        self.scopes = 0
        self.language = ""
        self.scripts = 0
        self.ids: list[str] = []

    def handle_starttag(self, tag, attrs) -> None:
        found = dict(attrs)
        if re.fullmatch(r"h[1-6]", tag):
            self.levels.append(int(tag[1]))
        if tag == "svg":
            self.images.append(found.get("aria-label"))
        self.scopes += tag == "th" and found.get("scope") == "col"
        self.scripts += tag == "script" or any(name.startswith("on") for name in found)
        self.language = found.get("lang", self.language) if tag == "html" else self.language
        if "id" in found:
            self.ids.append(found["id"])


class Page(unittest.TestCase):
    def test_headings_pictures_and_tables_can_be_read_by_ear_and_nothing_runs(self) -> None:
        reader = _Reader()
        text = make_html(SHEET).decode()
        reader.feed(text)
        self.assertEqual(reader.levels[0], 1)
        self.assertEqual(reader.levels.count(1), 1)
        self.assertTrue(all(b <= a + 1 for a, b in zip(reader.levels, reader.levels[1:], strict=False)))
        self.assertTrue(all(reader.images))
        self.assertEqual((reader.language, reader.scripts), ("en", 0))
        self.assertGreater(reader.scopes, 5)
        self.assertEqual(len(reader.ids), len(set(reader.ids)))
        self.assertIn("Soap &lt;pouch&gt; &amp; co", text)
        self.assertNotRegex(text, r'(src|href)="')
        for thing in SHEET.things:
            for told in thing.steps:
                self.assertIn(f"{told.step.number}.</span>", text)

    def test_only_the_sections_that_are_wanted(self) -> None:
        text = make_html(SHEET, sections=(Section.STEPS,)).decode()
        self.assertIn(": steps", text)
        self.assertNotIn("What you need", text)
        self.assertNotIn(str(RECORD[0]), text)


class Pages(unittest.TestCase):
    @classmethod
    def setUpClass(cls) -> None:
        cls.data = make_pdf(SHEET, find_sheet("A4"))

    def test_every_step_stands_whole_on_one_page_with_bookmarks(self) -> None:
        document = pypdfium2.PdfDocument(self.data)
        pages = [p.get_textpage().get_text_range() for p in document]
        squeezed = [re.sub(r"\s+", " ", p) for p in pages]
        for thing in SHEET.things:
            for told in thing.steps:
                words = f"{told.step.number}. {told.step.words}"
                self.assertTrue(any(words in page for page in squeezed), words)
        marks = [item.get_title() for item in document.get_toc()]
        for wanted in ("Tern shop", "What you need", "Cutting list", "Bead tray: steps", "Adhesive",
                       "Record"):
            self.assertIn(wanted, marks)

    def test_it_is_on_the_paper_that_is_asked_for_and_the_same_each_time(self) -> None:
        letter = pypdfium2.PdfDocument(make_pdf(SHEET, find_sheet("Letter")))
        self.assertEqual(tuple(round(v) for v in letter[0].get_size()), (612, 792))
        self.assertEqual(make_pdf(SHEET, find_sheet("A4")), self.data)

    def test_what_no_sheet_holds_is_told_all_the_same_and_said(self) -> None:
        project = new_project(new_brief("tray", {"length": 500.0, "width": 400.0}), "Chart tray", "mm", "A4")
        sheet = make_sheet(project, builds_of(project))
        self.assertEqual((sheet.pages, sheet.works), ((), ()))
        text = re.sub(r"\s+", " ", " ".join(page.get_textpage().get_text_range()
                                            for page in pypdfium2.PdfDocument(
                                                make_pdf(sheet, find_sheet("A4")))))
        page = make_html(sheet).decode()
        for words in ("Piece tray: the flat is", "choose", "Raise the front"):
            self.assertIn(words, text)
            self.assertIn(words, page)
        self.assertNotIn("0 ×", text)

    def test_on_the_smallest_paper_words_stand_below_the_picture_and_run_on(self) -> None:
        printed = pypdfium2.PdfDocument(make_pdf(SHEET, find_sheet("A6"), sections={Section.STEPS}))
        text = re.sub(r"\s+", " ", " ".join(page.get_textpage().get_text_range() for page in printed))
        for told in SHEET.things[0].steps:
            self.assertIn(" ".join(str(told.step.words).split()[:3]), text)

    def test_nothing_is_printed_beyond_the_margins(self) -> None:
        for page in list(pypdfium2.PdfDocument(self.data)):
            grey = page.render(scale=0.6, grayscale=True).to_pil()
            wide, high = grey.size
            for box in ((0, 0, 20, high), (wide - 20, 0, wide, high), (0, 0, wide, 15)):
                self.assertGreater(min(grey.crop(box).getextrema()), 240)


class Pack(unittest.TestCase):
    @classmethod
    def setUpClass(cls) -> None:
        cls.files = members(PROJECT)

    def test_others_read_every_file_back(self) -> None:
        kinds = {Path(name).suffix for name in self.files}
        self.assertEqual(kinds, {".pdf", ".html", ".svg", ".dxf", ".png", ".txt"})
        for name, data in self.files.items():
            with self.subTest(name):
                if name.endswith(".pdf"):
                    self.assertGreater(len(pypdfium2.PdfDocument(data)), 0)
                    self.assertNotIn(b"Helvetica", data)  # every font goes with it
                elif name.endswith(".svg"):
                    ET.fromstring(data)
                elif name.endswith(".dxf"):
                    self.assertFalse(ezdxf.read(io.StringIO(data.decode())).audit().errors)
                elif name.endswith(".png"):
                    with Image.open(io.BytesIO(data)) as image:
                        self.assertEqual(image.size[1], 600)
                        self.assertLess(image.convert("L").getextrema()[0], 120)
        for paper, size in (("A4", (595, 842)), ("Letter", (612, 792))):
            page = pypdfium2.PdfDocument(self.files[f"Tern shop sheets {paper}.pdf"])[0]
            self.assertEqual(tuple(round(v) for v in page.get_size()), size)

    def test_it_tells_author_words_terms_sizes_and_stock_and_nothing_of_the_machine(self) -> None:
        text = self.files["README.txt"].decode()
        for wanted in ("By A. Tern, version 1", "Made by the sea.", "CC BY 4.0", "Bead tray: inside 120 mm",
                       "make sheet A4.pdf"):
            self.assertIn(wanted, text)
        told = [word for word in (str(Path.home()), tempfile.gettempdir(), socket.gethostname(),
                                  str(Path.cwd()),
                                  getpass.getuser()) if len(word) > 4]
        for name, data in self.files.items():
            for secret in told:
                self.assertNotIn(secret.encode(), data, name)

    def test_as_a_folder_and_as_one_file_and_never_over_something_else(self) -> None:
        small = replace(PROJECT, briefs=PROJECT.briefs[:1],
                        publishing=PROJECT.publishing._replace(project=True))
        with tempfile.TemporaryDirectory() as folder:
            at = Path(folder)
            publish(small, at / "pack.zip")
            publish(small, at / "again.zip")
            self.assertEqual((at / "pack.zip").read_bytes(), (at / "again.zip").read_bytes())
            count = publish(small, at / "pack")
            publish(small, at / "pack")  # over itself
            with zipfile.ZipFile(at / "pack.zip") as pack:
                self.assertEqual(len(pack.namelist()), count)
                for name in pack.namelist():
                    self.assertEqual(pack.read(name), (at / "pack" / name).read_bytes())
            again = project_file.load(at / "pack" / "Tern shop.mingei")
            self.assertEqual(again.publishing, small.publishing)
            with self.assertRaises(ExportError):
                publish(small, at)

    def test_a_licence_nobody_knows_is_refused(self) -> None:
        with self.assertRaises(MeasureError):
            check_publishing(Publishing(licence="WTF"))

    def test_every_glued_step_names_its_adhesive(self) -> None:
        for thing in SHEET.things:
            for told in thing.steps:
                if Does.LAP in told.step.does or Does.COVER in told.step.does:
                    self.assertTrue(told.needs.held, told.step.words)


class Remarks(unittest.TestCase):
    def test_what_a_construction_says_besides_is_on_the_sheet_an_album_s_gap_and_turn_in(self) -> None:
        project = new_project(new_brief("album"))
        page = make_html(make_sheet(project, builds_of(project))).decode()
        values = project.briefs[0].values
        for name in ("gap", "turn"):
            self.assertIn(write_both(float(values[name])), page)
        self.assertIn("leave gaps of", page)


if __name__ == "__main__":
    unittest.main()
