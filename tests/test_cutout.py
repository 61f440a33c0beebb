"""Figures cut out of pictures: traced as they are seen, standing as asked, backed by the fewest boards."""

from __future__ import annotations

import math
import os
import random
import unittest
from dataclasses import replace
from unittest import mock

import numpy as np
import pypdfium2
from hypothesis import given
from hypothesis import strategies as st
from PIL import Image, ImageDraw
from PySide6.QtCore import QPoint, Qt
from PySide6.QtTest import QTest
from shapely.geometry import Point as Spot
from shapely.geometry import Polygon as Area

from mingei.app.cutouts import CutOutDialog
from mingei.core.check import run
from mingei.core.check.standing import resting
from mingei.core.document.build import Build, build
from mingei.core.document.project import new_brief
from mingei.core.draft import Placement
from mingei.core.errors import ImportRefused, MeasureError
from mingei.core.flat.develop import develop
from mingei.core.folded.fold import closure, finished, place
from mingei.core.layout.backing import backing_of
from mingei.core.layout.sheets import find_sheet
from mingei.core.picture import standing
from mingei.core.picture.boards import STAGGER_MM, fewest
from mingei.core.picture.tracing import Pixels, Pressed, Wanted, check, figure, joined, trace
from mingei.core.plane import contour
from mingei.core.plane.shape import Arc, Polygon
from mingei.core.stock import find_stock
from mingei.formats import picture_file, project_file
from mingei.formats.export import Wanted as Export
from mingei.formats.export import export
from tests.solids import shared
from tests.test_cli import run as run_command
from tests.windows import WindowTest, wait_for

STOCKS = ("card-300", "greyboard-10", "greyboard-20", "greyboard-30", "corrugated-c")


def picture(wide: int, high: int,
            ground: tuple[int, ...] = (0, 0, 0, 0)) -> tuple[Image.Image, ImageDraw.ImageDraw]:
    image = Image.new("RGBA", (wide, high), ground)
    return image, ImageDraw.Draw(image)


def pixels(image: Image.Image) -> Pixels:
    return np.asarray(image.convert("RGBA"), np.uint8)


def skittle(ground: tuple[int, ...] = (0, 0, 0, 0)) -> Image.Image:
    """A round head on a wide body with a straight foot, 200 px high."""
    image, pen = picture(160, 240, ground)
    pen.ellipse((50, 20, 110, 80), fill=(160, 60, 40, 255))
    pen.polygon([(65, 60), (95, 60), (130, 219), (30, 219)], fill=(40, 60, 110, 255))
    return image


def area_of(traced) -> Area:  # type: ignore[no-untyped-def]
    outer, *inner = ([k.at for k in o] for o in traced.outlines)
    return Area(outer, inner)


class Tracing(unittest.TestCase):
    @given(st.integers(40, 150), st.floats(20.0, 800.0), st.floats(0.0, 12.0), st.floats(0.3, 3.0))
    def test_a_disc_is_as_large_as_asked_with_its_border_and_within_its_deviation(
            self, radius: int, height: float, border: float, deviation: float) -> None:
        image, pen = picture(320, 320)
        pen.ellipse((160 - radius, 160 - radius, 160 + radius, 160 + radius), fill=(9, 9, 9, 255))
        found = trace(pixels(image), Wanted(height=height, border=border, deviation=deviation, thinnest=0.0))
        dot = height / (2 * radius + 1)
        wanted = Spot(height / 2 + border, height / 2 + border).buffer(height / 2 + border, quad_segs=64)
        near = max(deviation, 0.8 * dot) + 1.5 * dot + 0.01
        self.assertLess(area_of(found).exterior.hausdorff_distance(wanted.exterior), near)

    def test_a_plain_ground_is_told_from_the_figure_by_its_colour_whatever_the_noise(self) -> None:
        dice = np.random.default_rng(3)
        image = pixels(skittle((235, 230, 220, 255))).astype(np.int16)
        image[:, :, :3] += dice.integers(-9, 10, image[:, :, :3].shape)
        noisy = np.clip(image, 0, 255).astype(np.uint8)
        clear = figure(pixels(skittle()), Wanted())
        self.assertLess(float((figure(noisy, Wanted(tolerance=40.0)) ^ clear).mean()), 0.002)

    def test_what_is_pressed_is_ground_and_the_press_before_it_comes_back_when_it_is_undone(self) -> None:
        image, pen = picture(200, 200, (250, 250, 250, 255))
        pen.rectangle((40, 40, 160, 160), fill=(20, 20, 20, 255))
        pen.rectangle((80, 80, 120, 120), fill=(250, 250, 250, 255))
        filled = figure(pixels(image), Wanted())
        self.assertTrue(filled[100, 100])
        kept = figure(pixels(image), Wanted(holes=True))
        self.assertFalse(kept[100, 100])
        pen.rectangle((80, 40, 120, 160), fill=(120, 60, 60, 255))  # a ribbon the figure should not have
        presses = (Pressed(100, 100),)
        self.assertFalse(figure(pixels(image), Wanted(pressed=presses))[60, 100])
        self.assertTrue(figure(pixels(image), Wanted(pressed=()))[60, 100])
        again = (*presses, Pressed(100, 100, ground=False))
        self.assertTrue(figure(pixels(image), Wanted(pressed=again))[60, 100])

    def test_holes_are_outlines_of_their_own_where_they_are_kept(self) -> None:
        image, pen = picture(200, 200)
        pen.ellipse((20, 20, 180, 180), fill=(0, 0, 0, 255))
        pen.ellipse((80, 80, 120, 120), fill=(0, 0, 0, 0))
        found = trace(pixels(image), Wanted(height=100.0, border=0.0, holes=True))
        self.assertEqual(len(found.outlines), 2)
        ring = Spot(0, 0).buffer(50.0).area - Spot(0, 0).buffer(12.6).area
        self.assertAlmostEqual(area_of(found).area, ring, delta=0.02 * ring)
        self.assertEqual(len(trace(pixels(image), Wanted(height=100.0, border=0.0)).outlines), 1)

    def test_thin_parts_are_told_with_where_they_are_or_widened(self) -> None:
        image, pen = picture(100, 220)
        pen.rectangle((20, 10, 80, 90), fill=(0, 0, 0, 255))
        pen.rectangle((47, 90, 52, 130), fill=(0, 0, 0, 255))  # a neck of 6 px
        pen.rectangle((20, 130, 80, 209), fill=(0, 0, 0, 255))
        flagged = trace(pixels(image), Wanted(height=200.0, border=0.0, thinnest=10.0))
        self.assertIn("1 part is narrower than 10 mm", str(flagged.told[0]))
        widened = trace(pixels(image), Wanted(height=200.0, border=0.0, thinnest=10.0, widened=True))
        self.assertFalse(area_of(widened).buffer(-4.5).geom_type == "MultiPolygon")
        self.assertEqual(area_of(flagged).buffer(-4.5).geom_type, "MultiPolygon")

    def test_parts_that_do_not_hang_together_are_refused_with_the_border_that_joins_them(self) -> None:
        image, pen = picture(200, 100)
        for x in (10, 120):
            pen.rectangle((x, 10, x + 60, 89), fill=(0, 0, 0, 255))
        with self.assertRaisesRegex(MeasureError, "2 parts") as refused:
            trace(pixels(image), Wanted(height=80.0, border=2.0))
        border = float(refused.exception.remedy.split("border of ")[1].split(" mm")[0])
        self.assertEqual(len(trace(pixels(image), Wanted(height=80.0, border=border)).outlines), 1)

    def test_the_foot_is_made_straight_and_as_wide_as_asked(self) -> None:
        image, pen = picture(120, 200)
        pen.ellipse((20, 10, 100, 189), fill=(0, 0, 0, 255))  # it would roll
        found = trace(pixels(image), Wanted(height=180.0, border=3.0, foot=120.0))
        low = sorted(k.x for k in found.outlines[0] if k.y < 1e-6)
        self.assertAlmostEqual(low[-1] - low[0], 120.0, delta=0.5)

    def test_several_pictures_stand_on_one_line_side_by_side(self) -> None:
        small = skittle().resize((80, 120))
        both = joined([pixels(skittle()), pixels(small)], 0.2)
        self.assertEqual(both.shape[:2], (240, 128 + 80))
        self.assertTrue(both[-30, 128 + 40, 3] and not both[0, 128 + 40, 3])

    def test_a_picture_that_is_all_ground_or_all_figure_is_refused(self) -> None:
        plain, _ = picture(50, 50, (200, 200, 200, 255))
        with self.assertRaisesRegex(MeasureError, "differs from its ground"):
            trace(pixels(plain), Wanted())
        noise = np.random.default_rng(1).integers(0, 256, (300, 300, 4)).astype(np.uint8)
        for ragged in (noise, np.kron(noise[:150, :150], np.ones((2, 2, 1), np.uint8))):
            with self.assertRaises(MeasureError):
                trace(ragged, Wanted(border=0.0))
        with self.assertRaisesRegex(MeasureError, "no distance of colours"):
            check(Wanted(tolerance=900.0))


class Statics(unittest.TestCase):
    def test_a_cube_tips_where_its_centre_comes_over_its_side(self) -> None:
        # worked by hand: centre 50 over a side 50 away: atan(50 / 50) = 45 degrees
        square: Polygon = ((0.0, 0.0), (100.0, 0.0), (100.0, 100.0), (0.0, 100.0))
        found = standing.tips(square, (50.0, 50.0), 50.0)
        self.assertEqual([round(tip.tilt_deg, 9) for tip in found], [45.0] * 4)
        self.assertEqual(sorted(tip.way for tip in found), [(-1, 0), (0, -1), (0, 1), (1, 0)])
        # 30 from one side, 120 up: atan(30 / 120) = 14.036 degrees
        near = min(standing.tips(square, (50.0, 30.0), 120.0), key=lambda tip: tip.tilt_deg)
        self.assertAlmostEqual(near.tilt_deg, 14.036, places=3)
        self.assertEqual(near.way, (0.0, -1.0))

    def test_a_push_at_the_top_that_tips_it(self) -> None:
        # by hand: 500 g, 80 mm from the side, 400 mm up: 0.5 x 9.80665 x 80 / 400 = 0.98067 N
        self.assertAlmostEqual(standing.push_n(500.0, 80.0, 400.0), 0.98067, places=4)
        self.assertEqual(standing.push_n(500.0, -1.0, 400.0), 0.0)

    @given(st.floats(20.0, 2000.0), st.floats(1.0, 25.0), st.floats(1.0, 25.0))
    def test_leaning_and_held_so_far_behind_it_stands_both_ways_by_just_as_much(
            self, up: float, forward: float, back: float) -> None:
        lean = standing.lean_for(forward)
        floor = standing.depth_behind(up, lean, back)
        y, z = up * math.sin(math.radians(lean)), up * math.cos(math.radians(lean))
        found = {tip.way[1]: tip.tilt_deg for tip in standing.tips(
            ((-1e6, 0.0), (1e6, 0.0), (1e6, floor), (-1e6, floor)), (0.0, y), z) if tip.way[0] == 0}
        self.assertAlmostEqual(found[-1.0], forward, places=6)
        self.assertAlmostEqual(found[1.0], back, places=6)


@st.composite
def figures(draw: st.DrawFn) -> Build:
    values = {"height": draw(st.floats(60.0, 2000.0)), "tilt": float(draw(st.integers(3, 16))),
              "stands": draw(st.sampled_from(["feet", "base", "struts", "easel"]))}
    stock = find_stock(draw(st.sampled_from(STOCKS)))
    try:
        return build(new_brief("cutout", values, stock), stock)
    except MeasureError:
        return build(new_brief("cutout", values | {"stands": "base"}, stock), stock)


class Figures(unittest.TestCase):
    @given(figures())
    def test_it_stands_tilted_as_far_as_was_asked_weighed_where_it_is_in_space(self, made: Build) -> None:
        rests = resting(made.patterns)
        least = min(tip.tilt_deg for tip in standing.tips(rests.footprint, rests.under, rests.height))
        self.assertGreaterEqual(least, float(made.brief.values["tilt"]) - 0.05)
        self.assertFalse([str(f) for f in run(made, find_sheet("A0"), True)
                          if f.code in ("stands", "collision", "shared-card", "closure") and f.severity > 2])
        self.assertEqual([c for p in made.patterns for c in closure(p, made.patterns) if not c.closes], [])
        self.assertEqual(list(shared(made)), [])

    def test_a_stand_that_reaches_less_far_is_found_out(self) -> None:
        made = build(new_brief("cutout", {"stands": "struts", "height": 300.0, "tilt": 8.0},
                               find_stock("greyboard-20")), find_stock("greyboard-20"))
        upright = tuple(replace(p, placement=Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 0.0, 1.0)))
                        if p.name == "figure" else p for p in made.draft.pieces)
        wrong = develop(replace(made.draft, pieces=upright), made.stock)
        rests = resting(wrong)
        self.assertLess(min(t.tilt_deg for t in standing.tips(rests.footprint, rests.under, rests.height)),
                        8.0)

    def test_ties_of_the_same_board_keep_the_struts_square_whatever_the_board(self) -> None:
        for stock in ("greyboard-15", "greyboard-20", "corrugated-b"):
            made = build(new_brief("cutout", {"stands": "struts", "height": 500.0, "tilt": 6.0},
                                   find_stock(stock)), find_stock(stock))
            ties = [p for p in made.patterns if p.name.endswith(" tie")]
            self.assertEqual([p.name for p in ties], ["lower tie", "upper tie"])
            left, right = (next(p for p in made.patterns if name in p.by_name) for name in
                           ("left strut", "right strut"))
            faces = [float(place(finished(p)[name], [(0.0, 0.0)], p.stock.caliper_mm / 2)[0, 0])
                     for p, name in ((left, "left strut"), (right, "right strut"))]
            for tie in ties:
                self.assertAlmostEqual(tie.box.width, faces[1] - faces[0], delta=0.02)
                ends = place(finished(tie)[tie.name], tie.by_name[tie.name].polygon)[:, 0]
                self.assertAlmostEqual(float(ends.min()), faces[0], delta=0.02)
                self.assertAlmostEqual(float(ends.max()), faces[1], delta=0.02)
            words = " ".join(step.words for step in made.steps)
            self.assertIn("lower tie", words)

    def test_an_outline_with_arcs_keeps_them_and_its_round_holes(self) -> None:
        drawn = "0,0 90,0 90,60,180 0,60;30,20,180 50,20,180"  # a half round above, a hole of 20
        for how in ("lies", "base", "feet"):
            made = build(new_brief("cutout", {"drawn": drawn, "height": 210.0, "stands": how}),
                         find_stock("greyboard-15"))
            panel = made.patterns[0].by_name["figure"]
            # 105 high drawn at 210: twice as large; by hand 180 x 120 and a half disc of 90 less a hole of 20
            # radius
            wanted = 180 * 120 + math.pi * 90 * 90 / 2 - math.pi * 20 * 20
            cut = 0.0 if how == "lies" else 0.03 * wanted
            self.assertAlmostEqual(Area(panel.polygon, panel.hole_polygons).area, wanted,
                                   delta=0.004 * wanted + cut)
            self.assertTrue(any(isinstance(s, Arc) for s in panel.path))
            self.assertEqual(list(shared(made)), [])

    def test_a_row_stands_on_one_base(self) -> None:
        made = build(new_brief("cutout", {"stands": "base", "row": 4.0}), find_stock("greyboard-15"))
        self.assertEqual([p.name for p in made.patterns],
                         ["figure 1", "figure 2", "figure 3", "figure 4", "base"])
        self.assertEqual(len(made.patterns[-1].by_name["base"].holes), 4)
        self.assertEqual(list(shared(made)), [])

    def test_one_that_would_fall_over_sideways_is_refused_with_the_foot_it_wants(self) -> None:
        narrow = "25,0 75,0 100,200 0,200"
        with self.assertRaisesRegex(MeasureError, "sideways") as refused:
            new_brief("cutout", {"drawn": narrow, "height": 200.0, "stands": "struts"})
        wide = float(refused.exception.remedy.split("foot ")[1].split(" mm")[0])
        half = wide / 2
        ok = f"{50 - half},0 {50 + half},0 {50 + half},12 75,12 100,200 0,200 25,12 {50 - half},12"
        new_brief("cutout", {"drawn": ok, "height": 200.0, "stands": "struts"})
        with self.assertRaisesRegex(MeasureError, "no straight side"):
            new_brief("cutout", {"drawn": "50,0 100,80 50,100 0,80", "stands": "feet"})


class Boards(unittest.TestCase):
    def test_no_fewer_boards_cover_small_figures_by_trying_all(self) -> None:
        # figures of squares of 100; boards of 200 x 300, tried at every place on a grid of 50
        dice = random.Random(5)
        for _ in range(14):
            cells = {(0, 0)}
            while len(cells) < 7:
                x, y = dice.choice(sorted(cells))
                dx, dy = dice.choice(((1, 0), (-1, 0), (0, 1), (0, -1)))
                cells.add((x + dx, y + dy))
            squares = [Area([(100 * x, 100 * y), (100 * x + 100, 100 * y), (100 * x + 100, 100 * y + 100),
                             (100 * x, 100 * y + 100)]) for x, y in cells]
            whole = squares[0]
            for square in squares[1:]:
                whole = whole.union(square)
            if whole.geom_type != "Polygon" or whole.interiors:
                continue
            outline = tuple((float(x), float(y)) for x, y in whole.exterior.coords[:-1])
            found = fewest(outline, 200.0, 300.0)
            self.assertLess(whole.difference(_union(found.boards)).area, 1.0)
            if len(found.boards) > 1:
                self.assertFalse(_covered(whole, len(found.boards) - 1), (sorted(cells), found.boards))

    def test_seams_keep_clear_of_those_of_the_sheets_where_they_can(self) -> None:
        outline: Polygon = ((0.0, 0.0), (900.0, 0.0), (900.0, 1400.0), (0.0, 1400.0))
        plain = fewest(outline, 500.0, 1500.0)
        self.assertEqual(len(plain.boards), 2)
        seam = plain.seams[0][0]
        staggered = fewest(outline, 500.0, 1500.0, True, (seam,))
        self.assertEqual(len(staggered.boards), 2)
        self.assertGreaterEqual(staggered.near, STAGGER_MM)

    def test_a_tiled_figure_is_backed_and_the_check_says_by_how_many(self) -> None:
        board = find_stock("corrugated-c")
        made = build(new_brief("cutout", {"height": 1700.0, "board": 600.0, "board_height": 900.0}, board),
                     board)
        sheet = replace(find_sheet("A3"), tile_mm=25.0)
        assert made.draft.backed is not None
        found = backing_of(made.patterns[0], made.draft.backed, sheet)
        outline = Area(made.patterns[0].by_name["figure"].polygon)
        self.assertLess(outline.difference(_union(found.boards)).area, 1.0)
        said = [str(f) for f in run(made, sheet, True) if f.code == "backing"]
        self.assertIn(f"{len(found.boards)} boards of 600 mm x 900 mm", said[0])


def _union(boards) -> Area:  # type: ignore[no-untyped-def]
    from shapely import box, union_all

    return union_all([box(*b) for b in boards])


def _covered(area: Area, count: int) -> bool:
    """Whether so many upright boards of 200 x 300 anywhere on a grid of 50 cover it."""
    from shapely import box

    left, low, right, top = area.bounds
    places = [(x, y) for x in np.arange(left - 150, right, 50) for y in np.arange(low - 250, top, 50)]
    boards = [b for b in (box(x, y, x + 200, y + 300) for x, y in places) if b.intersection(area).area > 1]

    def rest(left_over: Area, n: int) -> bool:
        if left_over.area < 1:
            return True
        if n == 0 or left_over.area > n * 60000 + 1:
            return False
        part = min(getattr(left_over, "geoms", [left_over]), key=lambda p: p.bounds[:2])
        x0, y0 = min(((x, y) for x, y in part.exterior.coords))
        corner = Area([(x0, y0), (x0 + 2, y0), (x0 + 2, y0 + 2), (x0, y0 + 2)])
        corner = corner if corner.intersection(part).area > 1 else Area(
            [(x0, y0 - 2), (x0 + 2, y0 - 2), (x0 + 2, y0), (x0, y0)])
        return any(rest(left_over.difference(b), n - 1) for b in boards if b.contains(corner))

    return rest(area, count)


class _Kept(WindowTest):
    """Pictures are kept in a folder of the test's own."""

    def setUp(self) -> None:
        super().setUp()
        patched = mock.patch.dict(os.environ, {"XDG_DATA_HOME": str(self.folder / "data")})
        patched.start()
        self.addCleanup(patched.stop)


class Files(_Kept):
    demo = False

    def test_the_command_writes_a_figure_with_its_picture_that_can_be_opened_and_packed(self) -> None:
        file = self.folder / "skittle.png"
        skittle().save(file)
        out = self.folder / "skittle.mingei"
        code, _, err = run_command("cutout", file, "--height", "300mm", "--stands", "base", "-o", out)
        self.assertEqual(code, 0, err)
        project = project_file.load(out)
        (brief,) = project.briefs
        self.assertAlmostEqual(float(brief.values["height"]), 306.0, delta=1.0)
        self.assertEqual(project.tile_mm, 25.0)
        art = brief.arts[0]
        with Image.open(art.source) as opened:
            picture_ = opened.copy()
        traced = contour.read_shape(str(brief.values["drawn"]))
        box = contour.box(traced[0])
        # the picture has the shape of the outline, so that it lies on it at any size
        self.assertAlmostEqual(picture_.width / picture_.height, box.width / box.height, delta=0.01)
        self.assertEqual(run_command("check", out)[0], 0)

    def test_what_cannot_be_cut_out_is_refused_in_one_sentence_and_nothing_is_written(self) -> None:
        out = self.folder / "x.mingei"
        broken = self.folder / "broken.png"
        broken.write_bytes(b"\x89PNG\r\n\x1a\n" + bytes(40))
        words = self.folder / "words.txt"
        words.write_text("no picture")
        plain = self.folder / "plain.png"
        Image.new("RGB", (40, 40), (9, 9, 9)).save(plain)
        for file, extra in ((broken, ()), (words, ()), (plain, ()), (self.folder / "none.png", ()),
                            (plain, ("--height", "9 km"))):
            code, said, err = run_command("cutout", file, "--height", "300mm", *extra, "-o", out)
            self.assertEqual(code, 2, (file, said))
            self.assertEqual(err.strip().count("\n"), 0)
            self.assertFalse(out.exists())
        with self.assertRaises(ImportRefused):
            picture_file.look([words])

    def test_sheets_laid_together_give_the_picture_back(self) -> None:
        file = self.folder / "skittle.png"
        image = skittle()
        image.save(file)
        seen = picture_file.look([file])
        made = picture_file.kept(seen, picture_file.cut_out(seen, Wanted(height=500.0, border=4.0)),
                                 self.folder)
        board = find_stock("greyboard-20")
        project = picture_file.project_of(
            picture_file.brief_of(made, "skittle", picture_file.tall(made), board, {"stands": "lies"}), "A4")
        self.assertGreater(project.tile_mm, 0.0)
        out = self.folder / "sheets.pdf"
        export(project, out, Export())
        from mingei.core.document.build import loads_of_all
        from mingei.core.layout.place import arrange

        pages = arrange(loads_of_all((build(project.briefs[0], board),)), project.paper).pages
        document = pypdfium2.PdfDocument(out.read_bytes())
        dice, looked, other = random.Random(2), 0, 0
        with Image.open(made.picture) as opened:
            kept = opened.convert("RGBA")
        figure_ = build(project.briefs[0], board).patterns[0].by_name["figure"]
        box = Area(figure_.polygon).bounds
        for page, sheet in zip(pages, document, strict=False):
            if page.tile is None:
                continue
            shown = sheet.render(scale=2).to_pil().convert("RGB")
            back = page.items[0].move.inverse()
            for _ in range(120):
                x, y = dice.uniform(20, page.sheet.width - 20), dice.uniform(25, page.sheet.height - 25)
                px, py = back.apply((x, y))
                u, v = (px - box[0]) / (box[2] - box[0]), 1 - (py - box[1]) / (box[3] - box[1])
                if not (0.02 < u < 0.98 and 0.02 < v < 0.98):
                    continue
                around = [kept.getpixel((min(kept.width - 1, max(0, round(u * kept.width) + i)),
                                         min(kept.height - 1, max(0, round(v * kept.height) + j))))
                          for i in (-2, 0, 2) for j in (-2, 0, 2)]
                if len(set(around)) > 1 or around[0][3] < 255:
                    continue  # not amid one colour
                dot = shown.getpixel((round(x / 25.4 * 144), round((page.sheet.height - y) / 25.4 * 144)))
                looked += 1
                other += max(abs(a - b) for a, b in zip(dot, around[0][:3], strict=True)) > 40
        self.assertGreater(looked, 150)
        self.assertLess(other, 0.04 * looked)  # marks and lines of the sheets lie there


class Window(_Kept):
    def test_a_picture_is_cut_out_pressed_undone_and_taken_into_the_kit(self) -> None:
        file = self.folder / "skittle.png"
        skittle((250, 250, 250, 255)).save(file)
        things = len(self.window.document.project.briefs)
        self.window.cut_out([file])
        dialog = next(w for w in self.window.findChildren(CutOutDialog))
        wait_for(lambda: dialog.made is not None)
        first = dialog.made
        where, factor = dialog.view._placed()
        head = QPoint(int(where.left() + 80 * factor), int(where.top() + 50 * factor))
        QTest.mouseClick(dialog.view, Qt.MouseButton.LeftButton, pos=head)
        wait_for(lambda: dialog.made is not first)
        assert dialog.made is not None
        self.assertLess(len(dialog.wanted.pressed), 2)
        self.assertLess(max(k.y for k in dialog.made.traced.outlines[0]),
                        max(k.y for k in first.traced.outlines[0]) + 1.0)
        QTest.mouseClick(dialog.undo, Qt.MouseButton.LeftButton)
        second = dialog.made
        wait_for(lambda: dialog.made is not second)
        self.assertEqual(dialog.made.traced, first.traced)
        dialog.view.setFocus()
        QTest.keyClick(dialog.view, Qt.Key.Key_Right)
        self.assertIsNotNone(dialog.view._cross)
        QTest.mouseClick(dialog.ok, Qt.MouseButton.LeftButton)
        wait_for(lambda: len(self.window.document.project.briefs) == things + 1)
        brief = self.window.document.brief
        self.assertEqual((brief.recipe, brief.name, len(brief.arts)), ("cutout", "skittle", 1))
        self.window.document.undo.undo()
        self.assertEqual(len(self.window.document.project.briefs), things)


if __name__ == "__main__":
    unittest.main()
