"""Printed pages: nothing stands on anything else, whatever is on the sheet; and both faces of a sheet belong
together."""

from __future__ import annotations

import math
import os
import random
import unittest
from dataclasses import replace
from itertools import combinations

import numpy as np
from shapely import LineString, STRtree, convex_hull, multipoints
from shapely.geometry import Polygon as Area

from mingei.assets import BOLD_FONT, TEXT_FONT, demo_file
from mingei.core.covering.art import Art, Fill, printed
from mingei.core.document.build import build, loads_of_all
from mingei.core.document.project import Project, new_brief, new_project
from mingei.core.errors import MingeiError
from mingei.core.layout.common import cut_once
from mingei.core.layout.drawing import Drawing, Ink, Stroke, Text, flipped
from mingei.core.layout.footer import CHECK_BAR_MM, bars
from mingei.core.layout.laying import CutLine, Laying, Printer, Spot
from mingei.core.layout.lettering import RISE, width
from mingei.core.layout.marks import page_drawing, page_drawings
from mingei.core.layout.place import Load, Page, arrange, loads_of, outline, room
from mingei.core.layout.placing import BASELINE, Place, box_of
from mingei.core.layout.sheets import SHEETS, find_sheet
from mingei.core.plane.shape import Line, Polygon, flat_points
from mingei.core.recipes import recipes
from mingei.core.stock import find_stock
from mingei.core.whole.joined import builds_of
from mingei.formats import project_file
from mingei.formats.export import Wanted, export
from mingei.formats.letters import outlines
from tests.support import InFolder, carton

A4 = find_sheet("A4")


def text_box(text: Text) -> Polygon:
    """The rectangle round words as a drawing has them, mm."""
    if text.middle:
        return box_of(text.words, Place(text.at, text.size, text.turn_deg), text.bold)
    turn = math.radians(text.turn_deg)
    along, up = width(text.words, text.size, text.bold) / 2, BASELINE * text.size
    middle = (text.at[0] + along * math.cos(turn) - up * math.sin(turn), text.at[1] + along * math.sin(turn)
              + up * math.cos(turn))
    return box_of(text.words, Place(middle, text.size, text.turn_deg), text.bold)


def glyph_boxes(drawing: Drawing) -> list[tuple[str, Area]]:
    """Where the letters of every text really are, by the outlines of their glyphs; a hair smaller all
    round."""
    found = []
    for text in drawing.texts:
        points = [p for commands in outlines(text) for _, ps in commands for p in ps]
        if points:
            found.append((text.words, Area(points_hull(points)).buffer(-0.02)))
    return found


def points_hull(points: list[tuple[float, float]]) -> list[tuple[float, float]]:
    hull = convex_hull(multipoints(np.array(points)))
    return list(hull.exterior.coords) if hull.geom_type == "Polygon" else [*hull.buffer(0.05).exterior.coords]


def overlaps(drawing: Drawing) -> list[tuple[str, str]]:
    """Words on words, words on lines, words off the page."""
    boxes = glyph_boxes(drawing)
    found = [(a, b) for (a, x), (b, y) in combinations(boxes, 2) if x.intersects(y)]
    lines = [(s, LineString(points)) for s in drawing.strokes if len(points := flat_points(s.path, 0.1)) > 1]
    tree = STRtree([line for _, line in lines])
    for words, box in boxes:
        found += [(words, f"a line: {lines[i][0].ink}") for i in tree.query(box, predicate="intersects")]
        low_x, low_y, high_x, high_y = box.bounds
        if min(low_x, low_y) < 0 or high_x > drawing.width or high_y > drawing.height:
            found.append((words, "the edge"))
    return found


def kit(rng: random.Random) -> Project:
    """Some things of any kind on some sheet, printed in some way."""
    names = list(recipes())
    briefs = []
    for number in range(rng.randint(1, 4)):
        title = rng.choice(["x", "Tag", "A thing of the field station with quite a long name", "Öre & søn",
                            "Tray"])
        briefs.append(replace(new_brief(rng.choice(names), name=title), copies=rng.choice([1, 1, 2, 5]),
                              id=f"{number}"))
    project = replace(
        new_project(briefs[0], rng.choice(["x", "Tern Point field station, autumn term, second group"])),
        briefs=tuple(briefs)
    )
    laying = Laying(gap=rng.choice([0.0, 1.0, 3.0, 8.0]), template=rng.random() < 0.25,
                    corners=rng.random() < 0.3,
                    cuts=rng.choice(list(CutLine)), names=rng.random() < 0.9)
    printer = Printer(margin=rng.choice([0.0, 4.0, 8.0, 15.0]), across=rng.choice([100.0, 99.3]),
                      name="A printer of the office")
    return replace(project, laying=laying, printer=printer, sheet=rng.choice([s.name for s in SHEETS]),
                   tile_mm=rng.choice([0.0, 25.0]),
                   unit=rng.choice(["mm", "in"]))


def pages_of(project: Project) -> list[Page]:
    builds = [build(b, project.stock_of(b), project.parts_of(b)) for b in project.briefs]
    return list(arrange(loads_of_all(builds), project.paper, project.spots).pages)


class Words(unittest.TestCase):
    def test_letters_are_as_wide_as_the_type_has_them(self) -> None:
        from fontTools.ttLib import TTFont

        for file, bold in ((TEXT_FONT, False), (BOLD_FONT, True)):
            font = TTFont(file)
            chars, metrics, em = font.getBestCmap(), font["hmtx"], font["head"].unitsPerEm
            for letter in map(chr, [*range(32, 127), *range(0xA1, 0x250), 0x2026, 0x2044, 0x2013]):
                if ord(letter) in chars:
                    self.assertAlmostEqual(width(letter, 10.0, bold), 10.0 * metrics[chars[ord(letter)]][0]
                                           / em, delta=0.006, msg=letter)

    def test_a_box_holds_the_letters_it_is_for(self) -> None:
        drawing = page_drawing(pages_of(new_project(new_brief("tray")))[0], "Høgglue")
        for text in drawing.texts:
            points = [p for commands in outlines(text) for _, ps in commands for p in ps]
            self.assertTrue(Area(text_box(text)).buffer(0.12 * text.size).covers(Area(points_hull(points))),
                            text.words)
        self.assertGreater(RISE, 0.7)

    def test_nothing_printed_overlaps_on_any_page_of_the_demo(self) -> None:
        project = project_file.load(demo_file())
        for page in pages_of(project):
            self.assertEqual(overlaps(page_drawing(page, project.title)), [], page.number)

    def test_nothing_printed_overlaps_on_any_page_of_any_kit(self) -> None:
        rng = random.Random("pages")
        for number in range(400 if os.environ.get("MINGEI_SOAK") else 15):
            project = kit(rng)
            for page in pages_of(project)[:4]:
                for drawing in page_drawings(page, project.title):
                    self.assertEqual(overlaps(drawing), [], (number, page.number, project.sheet,
                                                             project.laying, project.printer.margin))

    def test_a_small_sheet_has_a_shorter_bar_that_says_its_length(self) -> None:
        sheet = find_sheet("A6")
        self.assertEqual(bars(sheet), (80.0, CHECK_BAR_MM))
        drawing = page_drawing(arrange([Load("t", build(new_brief("tag"), find_stock("card-220")).pattern)],
                                       sheet).pages[0], "x")
        self.assertTrue(any("level 80 mm, upright 100 mm" in t.words for t in drawing.texts))
        for stroke in drawing.strokes:
            for x, y in flat_points(stroke.path):
                self.assertTrue(-1e-6 <= x <= sheet.width + 1e-6 and -1e-6 <= y <= sheet.height + 1e-6)

    def test_numbers_of_seams_stand_on_what_is_cut_away_or_on_tabs(self) -> None:
        for recipe in ("tray", "carton", "frustum-box", "polyhedron", "bag"):
            project = replace(new_project(new_brief(recipe)), sheet="A2")
            for page in pages_of(project):
                walls = [Area(i.move.apply_all(p.flat_polygon)) for i in page.items
                         for p in i.load.pattern.panels
                         if p.role not in ("tab", "lip")]
                for text in page_drawing(page, "x").texts:
                    if text.words.isdigit():
                        self.assertFalse(any(Area(text_box(text)).intersects(w.buffer(-0.05)) for w in walls),
                                         (recipe, text))

    def test_an_inch_project_prints_inches_and_a_bar_of_four(self) -> None:
        for unit, name, inches in (("mm", "A4", False), ("in", "A4", True), ("mm", "Letter", True)):
            project = replace(new_project(new_brief("tray", {"length": 60.0, "width": 40.0})), unit=unit,
                              sheet=name)
            words = " ".join(t.words for t in page_drawing(pages_of(project)[0], "x").texts)
            self.assertEqual("4 in" in words, inches, (unit, name))
            self.assertEqual("1/64 in (" in words, unit == "in", words)

    def test_each_page_says_which_copy_it_holds(self) -> None:
        project = replace(new_project(replace(new_brief("carton"), copies=3)), sheet="A4")
        titles = [page_drawing(page, "x").title for page in pages_of(project)]
        self.assertEqual([t.rsplit(", ", 1)[1] for t in titles], ["1 of 3", "2 of 3", "3 of 3"])

    def test_a_name_is_printed_whole_beside_free_paper(self) -> None:
        name = "Tags for the specimen jars of the field station"
        tags = build(replace(new_brief("tag"), copies=2), find_stock("card-220")).patterns
        (page,) = arrange(loads_of("t", tags, name=name), A4).pages
        self.assertEqual(sum(t.words == name for t in page_drawing(page, "x").texts), 2)


class Faces(unittest.TestCase):
    def points(self, strokes: tuple[Stroke, ...], *inks: Ink) -> list[tuple[float, float]]:
        return sorted({(round(x, 5), round(y, 5)) for s in strokes if s.ink in inks and not s.mark
                       for x, y in flat_points(s.path)})

    def test_the_tiles_of_a_template_are_the_mirror_image_of_those_of_the_print(self) -> None:
        project = replace(new_project(new_brief("carton", {"length": 400.0, "width": 120.0, "height": 90.0})),
                          tile_mm=25.0)
        plain, mirrored = pages_of(project), pages_of(replace(project, laying=Laying(template=True)))
        self.assertGreater(len(plain), 3)
        space = room(project.paper)
        for a, b in zip(plain, mirrored, strict=True):
            one, two = (page_drawing(p, "x") for p in (a, b))
            across = space.left + space.right
            # all but what stands beneath and at the left: the bars, the key, the map
            lines = [[s for s in d.strokes
                      if all(space.left <= x + 1e-6 and x - 1e-6 <= space.right and y >= space.bottom - 1e-6
                             for x, y in flat_points(s.path))] for d in (one, two)]
            both = [sorted((s.ink, *sorted((round(x, 4), round(y, 4)) for x, y in flat_points(s.path)))
                           for s in some)
                    for some in (flipped(lines[0], across), lines[1])]
            self.assertEqual(*both)
            glued = [sorted((t.words, round(abs(t.at[0] - (across if flip else 0.0)), 4), round(t.at[1], 4))
                            for t in d.texts
                            if t.at[1] > space.bottom) for d, flip in ((one, True), (two, False))]
            self.assertEqual(*glued)

    def test_front_and_back_belong_together_in_a_template_too(self) -> None:
        pattern = carton().pattern
        for template in (False, True):
            sheet = replace(A4, laying=Laying(cuts=CutLine.BACK, template=template))
            (page,) = arrange([Load("box", pattern)], sheet).pages
            front, back = page_drawings(page, "x")
            # as the back is seen from the front, through the paper
            through = flipped(back.strokes, sheet.width)
            folds = Ink.VALLEY if template else Ink.MOUNTAIN
            cuts = self.points(through, Ink.CUT)
            for x, y in self.points(front.strokes, folds):
                self.assertLess(min(abs(x - a) + abs(y - b) for a, b in cuts), 30.0)
            lefts = [min(x for x, _ in self.points(strokes, ink))
                     for strokes, ink in ((through, Ink.CUT), (front.strokes, folds))]
            plain = page_drawing(arrange([Load("box", pattern)],
                                         replace(A4, laying=Laying(template=template))).pages[0], "x")
            self.assertAlmostEqual(lefts[0], min(x for x, _ in self.points(plain.strokes, Ink.CUT)), places=4)

    def test_a_printer_measured_twice_compounds(self) -> None:
        # a printer that prints 99.2 for 100: after one correction it prints 100; if that print still measures
        # 100.3, both count
        once = Printer(across=99.2)
        self.assertAlmostEqual(once.measured_again(across=100.3).across, 99.2 * 1.003)
        self.assertEqual(once.measured_again(), once)
        true = 99.5  # what it really makes of 100
        known = Printer()
        for _ in range(3):
            known = known.measured_again(across=100.0 * true / known.across)
        self.assertAlmostEqual(known.across, true)


class Ink_(unittest.TestCase):
    def test_bleed_stays_off_the_next_card_and_off_the_words_beneath(self) -> None:
        brief = replace(new_brief("tag", {"width": 50.0, "height": 90.0}), copies=6)
        brief = brief.with_art(Art("a", "tag", "", words="x", fill=Fill.COVER, bleed=6.0))
        made = build(brief, find_stock("card-220"))
        sheet = replace(A4, laying=Laying(gap=2.0))
        arts = printed(brief.arts, made.patterns, {})
        for page in arrange(loads_of("t", made.patterns, arts), sheet).pages:
            drawing = page_drawing(page, "x")
            cards = [Area(i.move.apply_all(outline(i.load.pattern))) for i in page.items]
            inked = [[Area(o, h) for o, h in p.within] for p in drawing.printed]
            self.assertEqual(len(inked), len(cards))
            for number, areas in enumerate(inked):
                for other, card in enumerate(cards):
                    if other != number:
                        self.assertLess(sum(a.intersection(card).area for a in areas), 1e-3)
            lowest = min(a.bounds[1] for areas in inked for a in areas)
            beneath = max(text_box(t)[2][1] for t in drawing.texts if t.at[1] < room(sheet).bottom - 2.0)
            self.assertGreater(lowest, beneath)

    def test_ticks_stay_off_the_next_card(self) -> None:
        made = build(replace(new_brief("tag", {"width": 50.0, "height": 90.0}), copies=6),
                     find_stock("card-220"))
        sheet = replace(A4, laying=Laying(gap=2.0, cuts=CutLine.TICKS))
        for page in arrange(loads_of("t", made.patterns), sheet).pages:
            cards = [Area(i.move.apply_all(outline(i.load.pattern))).buffer(0.2) for i in page.items]
            for stroke in page_drawing(page, "x").strokes:
                if (stroke.ink is Ink.CUT and not stroke.mark and len(stroke.path) == 1
                    and stroke.path[0].length < 3.5):
                    line = LineString(flat_points(stroke.path))
                    self.assertLessEqual(sum(line.intersects(card) for card in cards), 0 if line.length > 3.2
                                         else 1)

    def test_a_side_without_length_does_not_stop_edges_in_common(self) -> None:
        point = Line((5.0, 5.0), (5.0, 5.0))
        whole = (Line((0.0, 0.0), (5.0, 5.0)), point, Line((5.0, 5.0), (9.0, 5.0)))
        (stroke,) = cut_once([Stroke(Ink.CUT, whole)])
        self.assertEqual(stroke.path, whole)

    def test_edges_in_common_are_cut_once(self) -> None:
        made = build(replace(new_brief("tag", {"width": 40.0, "height": 60.0, "corner": 0.0}), copies=4),
                     find_stock("card-220"))
        once, twice = (page_drawing(arrange(loads_of("t", made.patterns),
                                            replace(A4, laying=Laying(gap=gap, names=False))).pages[0], "x")
                       for gap in (0.0, 3.0))
        for a, b in combinations([s for s in once.strokes if s.ink is Ink.CUT and not s.mark], 2):
            shared = LineString(flat_points(a.path)).intersection(LineString(flat_points(b.path)))
            self.assertLess(shared.length, 0.05)
        lengths = [sum(LineString(flat_points(s.path)).length for s in d.strokes if s.ink is Ink.CUT
                       and not s.mark) for d in (once, twice)]
        self.assertLess(lengths[0], lengths[1] - 30.0)

    def test_a_roll_ends_where_its_pieces_end(self) -> None:
        project = replace(new_project(new_brief("carton")), sheet=find_sheet("600 x 3000 mm").name)
        (page,) = pages_of(project)
        self.assertLess(page.sheet.height, 700.0)
        self.assertEqual(overlaps(page_drawing(page, "x")), [])


class Files(InFolder):
    def test_a_letter_no_font_has_is_said(self) -> None:
        project = new_project(new_brief("tray", name="Tray"), title="Tern \U0010fffd")
        remarks = export(project, self.folder / "x.pdf")
        self.assertTrue(any("U+10FFFD" in r for r in remarks))
        self.assertEqual(export(replace(project, title="Tern"), self.folder / "x.pdf"), ())

    def test_a_missing_picture_is_said(self) -> None:
        brief = new_brief("tray").with_art(Art("gull", "tray", "front", source=str(self.folder / "none.png")))
        remarks = export(new_project(brief), self.folder / "x.pdf", Wanted())
        self.assertTrue(any("gull" in r and "cannot be read" in r for r in remarks))

    def test_every_drawing_of_the_demo_can_be_laid_out(self) -> None:
        project = project_file.load(demo_file())
        try:
            self.assertGreater(len(builds_of(project)), 10)
        except MingeiError as error:
            self.fail(str(error))
        self.assertIsInstance(Spot("a", "b", 0, 0, 0.0, 0.0), Spot)


if __name__ == "__main__":
    unittest.main()
