"""Artwork: where it lies, which way is up, what is cut off where; what is written and what is answered to
broken files."""

from __future__ import annotations

import io
import math
import time
import unittest
import xml.etree.ElementTree as ET
from contextlib import redirect_stderr, redirect_stdout
from pathlib import Path
from unittest import mock

import numpy as np
import pypdfium2 as pdfium
from hypothesis import given
from hypothesis import strategies as st
from PIL import Image
from PySide6.QtWidgets import QFileDialog
from shapely.geometry import Polygon as Area

from mingei import cli
from mingei.app.drawer import FindingRow
from mingei.core.check.printing import found_about
from mingei.core.covering import art as artwork_core
from mingei.core.covering.art import Art, Fill, Placed, Raster, Vector, place, printed, up_deg
from mingei.core.document.build import Build, Part, build
from mingei.core.document.data import from_data, to_data
from mingei.core.document.project import Brief, new_brief, new_project
from mingei.core.errors import ImportRefused, MeasureError, ProjectError
from mingei.core.folded import fold
from mingei.core.plane.shape import bounds
from mingei.core.sizing.scale import scaled
from mingei.core.stock import Stock, find_stock
from mingei.formats import artwork, project_file
from mingei.formats.bands import bands
from mingei.formats.export import Wanted, export
from tests.strategies import briefs
from tests.support import InFolder
from tests.windows import WindowTest, click, reading_ends, settle, wait_for, write

CARD = find_stock("card-300")


def carton(*arts: Art) -> Build:
    brief = new_brief("carton")
    for each in arts:
        brief = brief.with_art(each)
    return build(brief, CARD)


def placed(art: Art, over: float = 1.5, made: Build | None = None) -> Placed:
    found = place(art, (made or carton()).pattern, over)
    assert found is not None
    return found


class Upright(unittest.TestCase):
    @given(st.sampled_from(["carton", "tray", "prism", "frustum-box", "pyramid", "bag",
                            "envelope-box"]).flatmap(briefs))
    def test_what_is_printed_on_a_wall_reads_from_its_foot_to_its_rim(self,
                                                                      drawn: tuple[Brief, Stock]) -> None:
        made = build(*drawn)
        for pattern in made.patterns:
            poses = fold.finished(pattern)
            if all(abs(m[2, 2]) > 0.9 for m in poses.values()):
                continue
            for panel in pattern.panels:
                if panel.whole or abs(poses[panel.name][2, 2]) > 0.9:
                    continue
                turn = math.radians(up_deg(pattern, panel.name) - panel.frame.turn_deg)
                rises = poses[panel.name][:3, :2] @ np.array((math.cos(turn), math.sin(turn)))
                self.assertGreater(float(rises[2]), 0.1, panel.name)

    def test_on_a_card_that_lies_flat_front_and_back_read_alike(self) -> None:
        card = build(new_brief("card"), CARD)
        ups = [(up_deg(card.pattern, name)) % 360 for name in ("front", "back")]
        self.assertAlmostEqual(ups[0], ups[1], places=6)

    def test_the_top_of_a_carton_reads_from_its_front(self) -> None:
        made = carton()
        poses, panel = fold.finished(made.pattern), made.pattern.by_name["top"]
        turn = math.radians(up_deg(made.pattern, "top") - panel.frame.turn_deg)
        np.testing.assert_allclose(poses["top"][:3, :2] @ np.array((math.cos(turn), math.sin(turn))),
                                   (0, 1, 0), atol=1e-9)

    def test_its_arrow_points_that_way(self) -> None:
        made = carton()
        foot, tip, *_ = artwork_core.arrow(made.pattern, "front")
        self.assertAlmostEqual(math.degrees(math.atan2(tip[1] - foot[1], tip[0] - foot[0])) % 360,
                               up_deg(made.pattern, "front") % 360)


class Places(unittest.TestCase):
    @given(st.floats(0.2, 5.0), st.floats(0, 359))
    def test_whole_it_lies_within_its_panel_and_touches_two_sides(self, over: float, turn: float) -> None:
        made = carton()
        (frame,) = placed(Art("a", "carton", "top", source="x", turn_deg=turn), over, made).frames
        box, around = bounds(made.pattern.by_name["top"].flat_polygon), bounds(frame.corners)
        self.assertLessEqual(max(around.width - box.width, around.height - box.height), 1e-6)
        self.assertLess(min(abs(around.width - box.width), abs(around.height - box.height)), 1e-6)

    @given(st.floats(0.2, 5.0), st.floats(0, 359), st.floats(-10, 10))
    def test_covering_it_leaves_no_part_of_panel_and_bleed_white(self, over: float, turn: float,
                                                                 x: float) -> None:
        found = placed(Art("a", "carton", "top", source="x", fill=Fill.COVER, turn_deg=turn, x=x), over)
        picture = Area(found.frames[0].corners).buffer(1e-6)
        for outline, _ in found.within:
            self.assertTrue(picture.covers(Area(outline)))

    @given(st.sampled_from([Fill.REPEAT, Fill.STEPPED]), st.floats(12, 60), st.floats(0.3, 3.0),
           st.floats(0, 359))
    def test_repeated_it_covers_everything_once(self, fill: Fill, width: float, over: float,
                                                turn: float) -> None:
        from shapely import union_all

        found = placed(Art("a", "carton", "top", source="x", fill=fill, width=width, turn_deg=turn), over)
        tiles = [Area(f.corners) for f in found.frames]
        whole = union_all([tile.buffer(1e-6) for tile in tiles])
        for outline, _ in found.within:
            self.assertTrue(whole.buffer(1e-5).covers(Area(outline)))
        # none over another
        self.assertAlmostEqual(sum(t.area for t in tiles), whole.area, delta=1e-3 * len(tiles))

    def test_bleed_runs_past_cuts_and_under_tabs_but_not_onto_other_panels(self) -> None:
        made = carton()
        found = placed(Art("a", "carton", "front", source="x", fill=Fill.COVER, bleed=3.0), made=made)
        areas = {p.name: Area(p.flat_polygon) for p in made.pattern.panels}
        inked = Area(*[found.within[0][0]])
        self.assertTrue(inked.buffer(1e-6).covers(areas["front"]))
        # three millimetres along the tab's hinge
        self.assertGreater(inked.intersection(areas["front tab"]).area, 100.0)
        for name in ("base", "front left flap", "front right flap"):
            # a millimetre over the fold, so that one a little aside shows no white
            self.assertLess(inked.intersection(areas[name].buffer(-1.0)).area, 1e-3, name)
        self.assertGreater(inked.intersection(areas["base"]).area, 100.0)

    def test_two_panels_with_artwork_of_their_own_keep_to_their_fold(self) -> None:
        made = carton()
        arts = [Art(n, "carton", n, source="x", fill=Fill.COVER, bleed=3.0) for n in ("front", "base")]
        front, base = (Area(p.within[0][0]) for p in printed(arts, made.patterns, {})[made.pattern])
        areas = {p.name: Area(p.flat_polygon) for p in made.pattern.panels}
        self.assertLess(front.intersection(areas["base"]).area, 1e-3)
        self.assertLess(base.intersection(areas["front"]).area, 1e-3)

    def test_across_the_folds_it_is_one_picture_over_the_whole_piece(self) -> None:
        found = placed(Art("a", "carton", "", source="x", fill=Fill.COVER))
        self.assertEqual((len(found.frames), len(found.within)), (1, 1))

    def test_a_panel_that_is_gone_is_passed_over_and_too_many_repeats_are_refused(self) -> None:
        self.assertIsNone(place(Art("a", "carton", "no such", source="x"), carton().pattern, 1.0))
        with self.assertRaises(MeasureError):
            placed(Art("a", "carton", "top", source="x", fill=Fill.REPEAT, width=1.0))

    def test_values_that_cannot_be_printed_are_refused(self) -> None:
        for wrong in ({"width": 0.0}, {"bleed": 30.0}, {"x": math.nan}, {"source": "", "words": " "},
                      {"words": "both"}, {"colour": "red"}):
            with self.subTest(wrong), self.assertRaises(MeasureError):
                artwork_core.check(Art("a", "carton", "top", source="x")._replace(**wrong))

    def test_scaled_it_grows_and_its_bleed_stays(self) -> None:
        grown = scaled(new_brief("carton").with_art(Art("a", "carton", "top", source="x", width=20.0, x=2.0)),
                       2.0).arts[0]
        self.assertEqual((grown.width, grown.x, grown.bleed), (40.0, 4.0, 3.0))


SVG = ('<svg xmlns="http://www.w3.org/2000/svg" width="40mm" height="20mm" viewBox="0 0 40 20">'
       '<rect x="0" y="0" width="40" height="20" fill="#2e4a73"/>'
       '<path d="M5 5 h10 v10 h-10 z" fill="none" stroke="#fff" stroke-width="2"/>{}</svg>')


class Files(InFolder):
    def picture(self, name: str, size: tuple[int, int] = (300, 200), mode: str = "RGB") -> Path:
        path = self.folder / name
        Image.new(mode, size, (200, 80, 40, 255)[:len(mode)] if mode != "L" else 90).save(path)
        return path

    def svg(self, inner: str = "", name: str = "a.svg") -> Path:
        path = self.folder / name
        path.write_text(SVG.format(inner))
        return path

    def test_sizes_of_pictures_and_drawings(self) -> None:
        raster = artwork.load(self.picture("a.png", (30, 20)))
        self.assertIsInstance(raster, Raster)
        self.assertEqual((raster.width, raster.height), (30, 20))
        vector = artwork.load(self.svg())
        assert isinstance(vector, Vector)
        self.assertAlmostEqual(vector.width, 40.0, places=3)
        self.assertEqual([m.fill for m in vector.marks], [(0x2e, 0x4a, 0x73), None])
        self.assertAlmostEqual(vector.marks[1].width, 2.0, places=3)
        points = [p for _, ps in vector.marks[1].commands for p in ps]
        # y runs up here, and the square lies 5 to 15
        self.assertAlmostEqual(max(y for _, y in points), 15.0, places=3)

    def test_parts_that_cannot_be_drawn_are_counted(self) -> None:
        vector = artwork.load(
            self.svg('<text x="1" y="2">words</text><rect width="3" height="3" fill="url(#g)"/>'))
        assert isinstance(vector, Vector)
        self.assertEqual(vector.ignored, 2)
        (said,) = found_about([], [artwork_core.Printed("a", vector, (), ())])
        self.assertEqual(said.code, "art-parts")

    def test_a_picture_that_goes_round_what_has_no_facets_is_told_to_find_no_place(self) -> None:
        path = Path(self.folder, "t.mingei")
        art = Art("sky", "tray", source=str(self.picture("sky.png", (300, 200))),
                               fill=Fill.ROUND, width=50.0)
        project_file.save(new_project(new_brief("tray").with_art(art)), path)
        with redirect_stdout(io.StringIO()) as said:
            cli.main(["check", str(path)])
        self.assertIn("artwork sky: the picture goes round a model of facets", said.getvalue())

    def test_broken_hostile_and_missing_files_are_answered_in_a_sentence(self) -> None:
        whole = self.picture("whole.png", (300, 200)).read_bytes()
        bad = {
            "cut.png": whole[:120], "none.png": b"", "text.png": b"no picture at all",
            "fake.jpg": b"\xff\xd8\xff\xe0" + b"0" * 40,
            "bomb.svg": b'<!DOCTYPE s [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><svg '
                        b'xmlns="http://www.w3.org/2000/svg">&b;</svg>',
            "cut.svg": SVG.encode()[:60],
            "empty.svg": b'<svg xmlns="http://www.w3.org/2000/svg" width="4mm" height="4mm"/>',
            "huge.svg": b'<svg xmlns="http://www.w3.org/2000/svg" width="1e9mm" height="1e9mm"><rect '
                        b'width="1" height="1"/></svg>',
        }
        for name, data in bad.items():
            path = self.folder / name
            path.write_bytes(data)
            with self.subTest(name), self.assertRaises(ImportRefused) as caught:
                picture = artwork.load(path)
                assert isinstance(picture, Raster)
                artwork.preview(picture, 100)
            self.assertIn(name, str(caught.exception))
        with self.assertRaisesRegex(ImportRefused, r"gone\.png"):
            artwork.load(self.folder / "gone.png")

    def test_a_picture_of_far_too_many_pixels_is_refused_by_its_head(self) -> None:
        path = self.folder / "wide.png"
        head = bytearray(self.picture("small.png").read_bytes())
        head[16:24] = (60_000).to_bytes(4, "big") + (60_000).to_bytes(4, "big")
        import zlib

        head[29:33] = zlib.crc32(bytes(head[12:29])).to_bytes(4, "big")
        path.write_bytes(bytes(head))
        started = time.monotonic()
        with self.assertRaises(ImportRefused):
            artwork.load(path)
        self.assertLess(time.monotonic() - started, 5.0)  # its pixels are never read

    def test_a_preview_is_small_and_keeps_what_is_clear(self) -> None:
        path = self.folder / "c.png"
        image = Image.new("RGBA", (900, 600), (10, 200, 30, 255))
        image.paste((0, 0, 0, 0), (0, 0, 450, 600))
        image.save(path)
        picture = artwork.load(path)
        assert isinstance(picture, Raster)
        width, height, data = artwork.preview(picture, 300)
        self.assertEqual((width, height, len(data)), (300, 200, 300 * 200 * 4))
        pixels = np.frombuffer(data, np.uint8).reshape(200, 300, 4)
        self.assertEqual(pixels[100, 50, 3], 0)
        self.assertEqual(tuple(pixels[100, 250]), (10, 200, 30, 255))

    def test_a_png_of_any_kind_is_read_in_bands_to_the_same_pixels(self) -> None:
        noise = np.random.default_rng(3).integers(0, 256, (140, 90, 4), np.uint8)
        whole = Image.fromarray(noise)
        kinds = {"RGBA": whole, "RGB": whole.convert("RGB"), "L": whole.convert("L"),
                 "LA": whole.convert("LA"),
                 "P": whole.convert("RGB").quantize(200), "few": whole.convert("RGB").quantize(12),
                 "1": whole.convert("1")}
        for kind, image in kinds.items():
            path = self.folder / f"{kind}.png"
            image.save(path, transparency=3) if kind == "P" else image.save(path)
            with self.subTest(kind), Image.open(path) as opened:
                expected = opened.copy().convert("RGBA")
            with Image.open(path) as opened:
                found = [b.image.convert("RGBA") for b in bands(path, 37, opened)]
            self.assertEqual([i.height for i in found], [37, 37, 37, 29])
            self.assertEqual(b"".join(i.tobytes() for i in found), expected.tobytes())

    def test_words_are_as_wide_as_their_longest_line_and_their_lines_are_centred(self) -> None:
        one, two = artwork.lettered("Tern", "", "#26241f"), artwork.lettered("Tern\nTe", "", "#26241f")
        self.assertAlmostEqual(one.width, two.width)
        self.assertAlmostEqual(two.height, 2 * one.height)
        second = [p for m in two.marks[4:] for _, ps in m.commands for p in ps]
        self.assertAlmostEqual((min(x for x, _ in second) + max(x for x, _ in second)) / 2, one.width / 2,
                               delta=0.5)
        with self.assertRaisesRegex(ImportRefused, "not installed"):
            artwork.lettered("Tern", "No Such Family", "#000000")

    def test_letters_are_shaped_as_their_script_wants(self) -> None:
        # kerned: a V tucks under an A (common practice); each by itself stands further
        pair = artwork.lettered("AV", "", "#26241f")
        apart = sum(artwork.lettered(letter, "", "#26241f").width for letter in "AV")
        self.assertLess(pair.width, apart - 0.1)
        # an accent written after its letter stands on it, as the letter with its accent does
        self.assertAlmostEqual(artwork.lettered("e\u0301", "", "#26241f").width,
                               artwork.lettered("\u00e9", "", "#26241f").width)


    def test_the_page_shows_the_picture_where_it_was_put_and_nothing_past_its_bleed(self) -> None:
        made = carton(Art("a", "carton", "front", source=str(self.picture("a.jpg")), fill=Fill.COVER,
                          bleed=2.0))
        out = self.folder / "x.pdf"
        export(new_project(made.brief), out)
        page = pdfium.PdfDocument(str(out))[0]
        scale = 6.0  # px a mm
        pixels = np.asarray(page.render(scale=scale * 25.4 / 72).to_pil().convert("RGB")).astype(int)
        red = (pixels[..., 0] > 150) & (pixels[..., 1] < 130)
        from mingei.core.layout.place import lay_out, loads_of
        from mingei.core.layout.sheets import find_sheet

        move = lay_out(loads_of("x", made.patterns), find_sheet("A4"))[0].items[0].move
        found = placed(made.brief.arts[0], made=made)
        want = sum(Area(move.apply_all(outline)).area for outline, _ in found.within)
        self.assertAlmostEqual(red.sum() / scale**2, want, delta=0.03 * want)  # less the lines drawn over it
        rows, columns = np.nonzero(red)
        box = bounds(q for outline, _ in found.within for q in move.apply_all(outline))
        self.assertAlmostEqual(columns.min() / scale, box.left, delta=0.3)
        self.assertAlmostEqual(pixels.shape[0] / scale - rows.max() / scale, box.bottom, delta=0.4)

    def test_a_large_picture_is_written_in_bands_that_join(self) -> None:
        path = self.folder / "l.png"
        Image.linear_gradient("L").resize((3000, 2000)).convert("RGB").save(path, compress_level=1)
        out = self.folder / "x.pdf"
        export(new_project(carton(Art("a", "carton", "", source=str(path), fill=Fill.COVER)).brief), out)
        page = pdfium.PdfDocument(str(out))[0]
        self.assertGreater(sum(1 for o in page.get_objects(max_depth=4) if o.type
                               == pdfium.raw.FPDF_PAGEOBJ_IMAGE), 1)

    def test_svg_holds_it_in_the_drawing_group_below_the_cuts(self) -> None:
        made = carton(Art("a", "carton", "front", source=str(self.picture("a.png"))),
                      Art("w", "carton", "top", words="Tern"),
                      Art("m", "carton", "back", source=str(self.folder / "gone.png")))
        out = self.folder / "x.svg"
        export(new_project(made.brief), out, Wanted())
        root = ET.parse(out).getroot()
        space = "{http://www.w3.org/2000/svg}"
        groups = [g.get("id") for g in root.findall(f"{space}g")]
        self.assertLess(groups.index("draw"), groups.index("cut"))
        drawn = root.find(f"{space}g[@id='draw']")
        assert drawn is not None
        (image,) = drawn.iter(f"{space}image")
        self.assertTrue(str(image.get("href")).startswith("data:image/png;base64,"))
        self.assertEqual(len(list(drawn.iter(f"{space}rect"))), 1)  # the missing one keeps its place
        self.assertGreater(len(list(drawn.iter(f"{space}path"))), 4)

    def test_a_project_names_pictures_beside_it_from_its_folder_and_others_whole(self) -> None:
        inside, outside = self.picture("in.png"), Path(self.folder.parent) / "elsewhere.png"
        brief = new_brief("carton").with_art(Art("a", "carton", "top", source=str(inside))).with_art(
            Art("b", "carton", "back", source=str(outside)))
        path = self.folder / "p.mingei"
        project_file.save(new_project(brief), path)
        self.assertIn('"source": "in.png"', path.read_text())
        read = project_file.load(path)
        self.assertEqual([a.source for a in read.briefs[0].arts], [str(inside), str(outside)])

    def test_broken_artwork_in_a_file_is_refused_by_name(self) -> None:
        data = to_data(new_project(new_brief("carton")))
        for wrong in ({"name": "a", "piece": "carton"}, {"name": "a", "piece": "carton", "source": 3},
                      {"name": "a", "piece": "carton", "words": "x", "fill": "sideways"},
                      {"name": "a", "piece": "carton", "words": "x", "width": -3}):
            data["briefs"][0]["artwork"] = [wrong]
            with self.subTest(wrong), self.assertRaisesRegex(ProjectError, r"briefs\[0\]"):
                from_data(data)
        data["briefs"][0]["artwork"] = [{"name": "a", "piece": "carton", "words": "x"}] * 2
        with self.assertRaisesRegex(ProjectError, "one name"):
            from_data(data)

    def test_the_command_line_says_what_is_missing_and_what_is_coarse(self) -> None:
        brief = new_brief("carton").with_art(Art("a", "carton", "top", source=str(self.folder / "gone.png")))
        brief = brief.with_art(Art("b", "carton", "back", source=str(self.picture("b.png", (60, 40))),
                                   fill=Fill.COVER))
        path = self.folder / "p.mingei"
        project_file.save(new_project(brief), path)
        out = io.StringIO()
        with redirect_stdout(out), redirect_stderr(io.StringIO()):
            cli.main(["check", str(path)])
        self.assertIn("gone.png", out.getvalue())
        self.assertIn("pixels an inch", out.getvalue())


class InTheWindow(WindowTest):
    def setUp(self) -> None:
        super().setUp()
        self.document = self.window.document
        self.document.set_recipe("carton")
        self.window.go("draft")
        self.card = self.window.draft().artwork
        self.document.select(Part("carton", "front"))
        settle()
        self.path = self.folder_of_test() / "a.png"
        Image.new("RGB", (300, 200), (200, 30, 40)).save(self.path)

    def test_a_picture_that_found_no_place_is_given_one_on_the_panel_at_hand(self) -> None:
        self.document.set_art(Art("sky", "part 1", source=str(self.path), fill=Fill.ROUND), "print the sky")
        reading_ends()
        self.document.select(Part("carton", "front"))
        self.window.actions_["checks"].setChecked(True)
        settle()
        self.assertIn("art-nowhere", self.codes())
        self.assertIn("sky", self.card.remove.text())
        fill = self.card.fill
        fill.setCurrentIndex(fill.findData(Fill.COVER))
        fill.activated.emit(fill.currentIndex())
        (art,) = self.document.brief.arts
        self.assertEqual((art.fill, art.piece, art.panel), (Fill.COVER, "carton", "front"))
        settle()
        self.assertNotIn("art-nowhere", self.codes())
        click(self.card.remove)
        self.assertEqual(self.document.brief.arts, ())

    def codes(self) -> list[str]:
        """Of what the drawer of the checks shows."""
        return [row.finding.code for row in self.window.drawer.rows if isinstance(row, FindingRow)]

    def folder_of_test(self) -> Path:
        import tempfile

        holder = tempfile.TemporaryDirectory()
        self.addCleanup(holder.cleanup)
        return Path(holder.name)

    def add(self) -> None:
        with mock.patch.object(QFileDialog, "getOpenFileName", return_value=(str(self.path), "")):
            click(self.card.adds["picture"])
            reading_ends()
        wait_for(lambda: self.document.prints_of(self.document.build))

    def test_a_picture_is_put_on_a_panel_seen_in_both_views_and_undone(self) -> None:
        start = self.document.project
        self.add()
        self.card.fill.setCurrentIndex(1)
        self.card.fill.activated.emit(1)
        self.assertEqual(self.document.brief.arts[0].fill, Fill.COVER)
        settle(200)
        draft = self.window.draft()
        for view in (draft.flat.grab().toImage(), draft.space.picture()):
            assert view is not None
            found = sum(1 for x in range(0, view.width(), 3) for y in range(0, view.height(), 3)
                        if view.pixelColor(x, y).red() > 100 and view.pixelColor(x, y).green() < 80
                        and view.pixelColor(x, y).blue() < 90)
            self.assertGreater(found, 60)
        click(self.card.remove)
        for _ in range(3):
            self.document.undo.undo()
        self.assertEqual(self.document.project, start)

    def test_what_is_printed_is_as_sharp_as_it_shows(self) -> None:
        self.add()
        settle(300)
        view = self.window.draft().space

        def across() -> int:
            assert view._scene is not None
            return view._scene.art[0].size[0]

        view.zoom(0.1)
        view.picture()
        far = across()
        view.zoom(100)
        view.picture()
        self.assertGreater(across(), 2 * far)

    def test_words_are_written_sized_and_kept_while_the_box_changes(self) -> None:
        click(self.card.adds["words"])
        self.card.text.setPlainText("Tide pencils")
        write(self.card.lengths["width"], "12")
        (art,) = self.document.brief.arts
        self.assertEqual((art.words, art.width, art.fill), ("Tide pencils", 12.0, Fill.SIZED))
        self.document.set_measure("length", 180.0)
        self.assertEqual(self.document.brief.arts, (art,))

    def test_it_runs_across_the_folds_when_asked(self) -> None:
        self.add()
        click(self.card.whole)
        self.assertEqual(self.document.brief.arts[0].panel, "")

    def test_a_picture_that_went_missing_is_said_and_keeps_its_place(self) -> None:
        self.add()
        self.path.unlink()
        self.document.prints.look_again()
        wait_for(lambda: any(f.code == "art-missing" for f in self.document.artwork_findings(0)))
        self.assertTrue(self.document.prints_of(self.document.build))
        (found,) = [f for f in self.document.artwork_findings(0) if f.code == "art-missing"]
        self.assertIn("a.png", found.place)
        self.window.actions_["checks"].setChecked(True)
        settle()
        self.assertIn("art-missing", self.codes())
        self.assertTrue(self.card.missing.isVisible())

    def test_a_picture_that_was_drawn_on_is_read_again(self) -> None:
        self.add()
        first = next(iter(self.document.prints_of(self.document.build).values())).image
        Image.new("RGB", (300, 200), (20, 200, 40)).save(self.path)
        self.document.prints.look_again()
        wait_for(lambda: self.document.prints_of(self.document.build))
        second = next(iter(self.document.prints_of(self.document.build).values())).image
        middle = (second.width() // 2, second.height() // 2)
        self.assertGreater(first.pixelColor(*middle).red(), 150)
        self.assertGreater(second.pixelColor(*middle).green(), 150)

    def test_a_file_that_is_no_picture_is_refused_where_it_was_chosen(self) -> None:
        self.path.write_text("nothing")
        with mock.patch.object(QFileDialog, "getOpenFileName", return_value=(str(self.path), "")):
            click(self.card.adds["picture"])
            reading_ends()
        self.assertEqual(self.document.brief.arts, ())
        self.assertFalse(self.card.reason.isHidden())

    def test_the_sheets_show_it_too(self) -> None:
        self.document.set_art(Art("a", "carton", "front", source=str(self.path), fill=Fill.COVER), "x")
        wait_for(lambda: self.document.prints_of(self.document.build))
        self.window.go("sheets")
        settle(100)
        sheets = self.window.stations["sheets"]
        self.assertTrue(any(shown.prints for shown in sheets.view.pages))


if __name__ == "__main__":
    unittest.main()
