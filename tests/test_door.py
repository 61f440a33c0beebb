"""The door for what comes from elsewhere: only real files, real text, numbers of this world, within stated
bounds."""

from __future__ import annotations

import io
import json
import os
import subprocess
import sys
import unittest
import xml.etree.ElementTree as ET
from dataclasses import replace
from pathlib import Path

import pypdfium2
from PIL import Image

from mingei.core.covering.art import Art, Fill
from mingei.core.covering.overlay import Overlay
from mingei.core.data.plain import MOST_DEEP
from mingei.core.document.data import MOST_AMENDMENTS, MOST_THINGS, from_data, to_data
from mingei.core.document.project import MOST_COPIES_IN_ALL, new_brief, new_project
from mingei.core.errors import ImportRefused, MingeiError, ProjectError
from mingei.core.sizing.scale import scaled
from mingei.core.whole.joined import builds_of
from mingei.core.words import LISTED, QUOTED, quoted, say, some_of
from mingei.formats import artwork, atomic, project_file, stock_file, svg_outline, svg_reading
from mingei.formats.export import Wanted, export
from mingei.formats.reading import read
from tests.support import InFolder, carton_project

_SVG = '<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="100mm" viewBox="0 0 100 100">'


class Projects(InFolder):
    def refused(self, **changes: object) -> str:
        """What is said of a project with some of its data otherwise."""
        data = json.dumps(to_data(carton_project()) | changes).encode("ascii")
        with self.assertRaises(ProjectError) as caught:
            project_file.loads(data)
        return str(caught.exception)

    def test_numbers_that_are_none_are_refused_where_they_stand(self) -> None:
        for number in (10**400, -(10**400), 1e308, 10**16):
            self.assertIn("'tile_mm'", self.refused(tile_mm=number))
        with self.assertRaises(ProjectError):
            project_file.loads(b'{"mingei": 2, "tile_mm": ' + b"9" * 5000 + b"}")
        with self.assertRaises(ProjectError):
            project_file.loads(b'{"mingei": 2, "tile_mm": 1e999}')

    def test_half_a_letter_is_refused_in_any_text(self) -> None:
        for key in ("title", "notes", "sheet"):
            self.assertIn(key, self.refused(**{key: "a\ud800b"}))
        self.assertIn("key", self.refused(**{"\ud800": 1}))
        project = replace(carton_project(), title="\udcff")
        with self.assertRaises(ProjectError):  # nor is it written
            project_file.save(project, self.folder / "x.mingei")
        self.assertEqual(list(self.folder.iterdir()), [])

    def test_only_declared_choices_are_read(self) -> None:
        data = to_data(carton_project()) | {"laying": {"count": 3, "__class__": "x", "index": 1, "gap": 5.0}}
        again = from_data(data)
        self.assertEqual(again.laying.gap, 5.0)
        self.assertEqual(to_data(again)["laying"], data["laying"])  # what is not known here is kept

    def test_depth_and_count_are_bounded(self) -> None:
        deep: object = 1
        for _ in range(MOST_DEEP + 1):
            deep = [deep]
        self.assertIn("deep", self.refused(later=deep))
        with self.assertRaises(ProjectError):
            project_file.loads(b"[" * 100_000 + b"]" * 100_000)
        brief = to_data(carton_project())["briefs"][0]
        self.assertIn(str(MOST_THINGS), self.refused(briefs=[brief] * (MOST_THINGS + 1)))
        many = [{"kind": "trim", "panel": "front"}] * (MOST_AMENDMENTS + 1)
        self.assertIn(str(MOST_AMENDMENTS), self.refused(briefs=[brief | {"amendments": many}]))
        self.assertIn(
            str(MOST_COPIES_IN_ALL),
            self.refused(briefs=[brief | {"copies": 999, "id": f"t{i}"} for i in range(6)]),
        )

    def test_what_is_no_file_is_not_read(self) -> None:
        os.mkfifo(self.folder / "pipe.mingei")
        for path in (self.folder / "pipe.mingei", Path("/dev/zero"), self.folder):
            with self.assertRaises(ProjectError) as caught:
                project_file.load(path)
            self.assertIn(str(path), str(caught.exception))
        (self.folder / "large").write_bytes(bytes(2000))
        self.assertRaises(ProjectError, read, self.folder / "large", 1999)
        self.assertEqual(len(read(self.folder / "large", 2000)), 2000)

    def test_what_could_not_be_read_again_is_not_written(self) -> None:
        path = self.folder / "x.mingei"
        for project in (replace(carton_project(), title="x" * 3000),
                        replace(carton_project(), briefs=carton_project().briefs * (MOST_THINGS + 1))):
            with self.assertRaises(ProjectError):
                project_file.save(project, path)
            self.assertEqual(list(self.folder.iterdir()), [])

    def test_a_thing_is_not_scaled_to_what_no_file_can_hold(self) -> None:
        brief = new_brief("tray")
        panel = "base"
        brief = brief.with_art(Art("a", "tray", panel, words="words", fill=Fill.SIZED, width=2.0))
        with self.assertRaises(MingeiError):
            scaled(brief, 0.4)
        self.assertEqual(scaled(brief, 0.5).arts[0].width, 1.0)

    def test_a_part_in_a_stock_it_cannot_be_folded_from_is_refused_when_read(self) -> None:
        data = to_data(new_project(new_brief("pocket-gusset")))
        data["stocks"].append(data["stocks"][0] | {"id": "thick", "caliper_mm": 2.9})
        data["briefs"][0]["parts"] = {"gussets": "thick"}
        with self.assertRaises(ProjectError) as caught:
            from_data(data)
        self.assertIn("briefs[0]", str(caught.exception))

    def test_as_many_overlays_as_are_allowed_are_built(self) -> None:
        brief = new_brief("tray")
        some = tuple(Overlay(f"o{i}", "base", width=5.0, height=5.0, x=i % 9) for i in range(MOST_AMENDMENTS))
        project = new_project(replace(brief, amendments=some))
        again = project_file.loads(project_file.dumps(project))
        self.assertEqual(len(builds_of(again)[0].patterns), 1 + MOST_AMENDMENTS)

    def test_monstrous_stocks_are_said_and_the_file_is_kept(self) -> None:
        path = self.folder / "stocks.json"
        path.write_text(
            '{"mingei-stocks": 1, "stocks": [{"id": "a", "name": "a", "grammage_gsm": 1'
            + "0" * 400
            + ', "caliper_mm": 0.3}]}'
        )
        with self.assertRaises(ProjectError) as caught:
            stock_file.load(path)
        self.assertIn("stocks[0].grammage_gsm", str(caught.exception))


class Writing(InFolder):
    def test_what_killed_saves_left_is_cleared_by_the_next(self) -> None:
        gone = subprocess.run(
            [sys.executable, "-c", "import os; print(os.getpid())"],
            capture_output=True,
            text=True,
            check=True,
        ).stdout.strip()
        path = self.folder / "box.mingei"
        left, ours = (
            self.folder / f".box.mingei.{gone}.abc.part",
            self.folder / f".box.mingei.{os.getpid()}.abc.part",
        )
        left.write_bytes(b"half")
        ours.write_bytes(b"another of our own saves")
        atomic.write(path, b"whole", keep=True)
        atomic.write(path, b"whole again", keep=True)
        self.assertEqual({p.name for p in self.folder.iterdir()}, {"box.mingei", "box.mingei~", ours.name})

    def test_a_pipe_and_a_link_round_in_a_circle_are_not_written_over(self) -> None:
        os.mkfifo(self.folder / "pipe")
        os.symlink("loop", self.folder / "loop")
        for name in ("pipe", "loop"):
            with self.assertRaises(MingeiError) as caught:
                atomic.write(self.folder / name, b"x")
            self.assertIn(name, str(caught.exception))
        self.assertEqual({p.name for p in self.folder.iterdir()}, {"pipe", "loop"})

    def test_a_long_name_in_letters_of_several_bytes_is_written(self) -> None:
        path = self.folder / ("é" * 100 + ".mingei")
        atomic.write(path, b"x")
        self.assertEqual(path.read_bytes(), b"x")


class Refusals(unittest.TestCase):
    def test_what_was_given_is_quoted_shortly_and_safely(self) -> None:
        for given in ("x" * 500, "\x1b[31m\n" * 40, 10**5000, ["a" * 50] * 50, 1e300):
            said = say("{value!r} is no choice", value=given)
            self.assertLessEqual(len(said), QUOTED + 20)
            self.assertTrue(said.isprintable(), said)
        self.assertEqual(quoted("short"), "'short'")

    def test_at_most_ten_names_are_listed_the_likeliest_first(self) -> None:
        names = [f"thing {i}" for i in range(40)]
        said = some_of(names, "thing 33")
        self.assertTrue(said.startswith("thing 33, "), said)
        self.assertIn(f"and {40 - LISTED} more", said)
        self.assertEqual(some_of(["a", "b"]), "a, b")


class Drawings(unittest.TestCase):
    def refused(self, data: bytes) -> str:
        for reader in (svg_outline.read, artwork.read_drawing):
            with self.assertRaises(ImportRefused) as caught:
                reader(data)
        return str(caught.exception)

    def test_what_use_multiplies_is_counted_before_it_is_made(self) -> None:
        twice = "".join(
            f'<g id="u{i}"><use href="#u{i - 1}"/><use href="#u{i - 1}"/></g>' for i in range(1, 40)
        )
        self.assertIn(
            "parts", self.refused(f'{_SVG}<g id="u0"><rect width="5" height="5"/></g>{twice}</svg>'.encode())
        )
        self.assertIn("without end", self.refused(f'{_SVG}<g id="a"><use href="#a"/></g></svg>'.encode()))

    def test_too_many_parts_and_too_long_paths_are_refused(self) -> None:
        self.assertIn("parts", self.refused((_SVG + '<circle r="3"/>' * 30_000 + "</svg>").encode()))
        self.assertIn(
            "characters", self.refused((_SVG + '<path d="M0 0' + " L1 1" * 700_000 + '"/></svg>').encode())
        )
        self.assertIn("MB", self.refused(b" " * (svg_reading.LARGEST + 1)))

    def test_entities_are_refused_in_any_encoding(self) -> None:
        text = f'<!DOCTYPE svg [<!ENTITY a "b">]>{_SVG}<path d="M0 0 h5 v5 z"/>&a;</svg>'
        for code in ("utf-8", "utf-16", "utf-16-le"):
            mark = b"\xff\xfe" if code == "utf-16-le" else b""
            self.assertIn("entities", self.refused(mark + text.encode(code)))

    def test_a_packed_drawing_is_read_within_the_same_bounds(self) -> None:
        import gzip

        drawing = f'{_SVG}<rect x="5" y="5" width="50" height="20"/></svg>'.encode()
        self.assertEqual(len(svg_outline.read(gzip.compress(drawing)).outline), 4)
        self.assertIn("MB", self.refused(gzip.compress(b" " * (3 * svg_reading.LARGEST))))

    def test_numbers_without_end_are_not_drawn(self) -> None:
        picture = artwork.read_drawing(
            f'{_SVG}<rect width="9" height="9"/><path d="M0 0 L1e400 5 L5 5z"/></svg>'.encode()
        )
        self.assertEqual(len(picture.marks), 1)

    def test_a_slanted_ellipse_is_where_its_matrix_puts_it(self) -> None:
        found = svg_outline.read(
            f'{_SVG}<g transform="matrix(1 0.2 0.7 1 0 0)"><ellipse cx="30" cy="20" rx="20" '
            'ry="10"/></g></svg>'.encode()
        )
        for knot in found.outline:  # a user unit is a millimetre here; y goes up
            x, y = knot.x, -knot.y
            b = (y - 0.2 * x) / (1 - 0.2 * 0.7)
            a = x - 0.7 * b
            self.assertAlmostEqual(((a - 30) / 20) ** 2 + ((b - 20) / 10) ** 2, 1.0, delta=1e-4)


class Pictures(InFolder):
    def setUp(self) -> None:
        super().setUp()
        self.path = self.folder / "picture.png"
        image = Image.effect_noise((300, 200), 60).convert("RGB")
        image.save(self.path)

    def project(self, **values: object) -> object:
        art = Art("noise", "tray", "", source=str(self.path), **values)  # type: ignore[arg-type]
        return new_project(new_brief("tray").with_art(art))

    def test_a_repeated_picture_is_in_the_file_once(self) -> None:
        for fill in (Fill.REPEAT, Fill.STEPPED):
            project = self.project(fill=fill, width=8.0)
            export(project, self.folder / "out.svg", Wanted(layout=False))  # type: ignore[arg-type]
            text = (self.folder / "out.svg").read_text()
            self.assertEqual(text.count("data:image/png"), 1)
            self.assertGreater(text.count("<use "), 50)
            self.assertLess(len(text), 3 * self.path.stat().st_size)
            export(project, self.folder / "out.pdf")  # type: ignore[arg-type]
            self.assertLess((self.folder / "out.pdf").stat().st_size, 2 * 300 * 200 * 3)

    def test_what_is_used_lies_where_each_copy_did(self) -> None:
        export(
            self.project(fill=Fill.SIZED, width=40.0),
            self.folder / "out.svg",  # type: ignore[arg-type]
            Wanted(layout=False),
        )
        root = ET.parse(self.folder / "out.svg").getroot()
        space = {"s": "http://www.w3.org/2000/svg"}
        (image,) = root.findall(".//s:image", space)
        (use,) = root.findall(".//s:use", space)
        self.assertEqual((image.get("width"), image.get("height")), ("300", "200"))
        scale = use.get("transform", "").split("scale(")[1].split(")")[0].split()
        for factor in map(float, scale):
            self.assertAlmostEqual(300 * factor, 40.0, places=6)

    def test_a_picture_cut_short_is_said_when_brought_in_and_missed_when_exported(self) -> None:
        whole = self.path.read_bytes()
        self.path.write_bytes(whole[: len(whole) // 2])
        picture = artwork.load(self.path)  # its head is whole
        with self.assertRaises(ImportRefused) as caught:
            artwork.read_through(picture)
        self.assertIn("cut short", str(caught.exception))
        for ending in ("pdf", "svg"):
            remarks = export(self.project(), self.folder / f"out.{ending}")  # type: ignore[arg-type]
            self.assertTrue(any("noise" in r for r in remarks), remarks)
        with pypdfium2.PdfDocument(self.folder / "out.pdf") as paper:
            self.assertGreaterEqual(len(paper), 1)

    def test_what_is_no_picture_file_is_not_waited_for(self) -> None:
        os.mkfifo(self.folder / "pipe.png")
        for source in (self.folder / "pipe.png", Path("/dev/zero"), self.folder, Path("a\0b.png")):
            self.assertRaises(ImportRefused, artwork.load, source)

    def test_a_size_that_the_file_cannot_hold_is_refused_before_it_is_made(self) -> None:
        out = io.BytesIO()
        Image.new("RGB", (10_000, 10_000)).save(out, "PNG")
        self.path.write_bytes(out.getvalue()[:4000])
        with self.assertRaises(ImportRefused) as caught:
            artwork.load(self.path)
        self.assertIn("far too small", str(caught.exception))
