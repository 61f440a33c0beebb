"""What the desktop and the reader of a manual are told is true."""

from __future__ import annotations

import configparser
import contextlib
import io
import os
import re
import shlex
import unittest
import xml.etree.ElementTree as ET
from pathlib import Path
from unittest import mock

import trimesh
from PIL import Image, ImageDraw

from mingei import __version__
from mingei.cli import COMMANDS, main
from mingei.core.recipes import Recipe, recipes
from tests.support import InFolder

ROOT = Path(__file__).parent.parent
DESKTOP = ROOT / "desktop"
ID = "org.mingei.Mingei"


class Entries(unittest.TestCase):
    def test_one_identity_everywhere(self) -> None:
        entry = configparser.ConfigParser(interpolation=None)
        entry.optionxform = str  # type: ignore[assignment, method-assign]
        entry.read(DESKTOP / f"{ID}.desktop")
        kind = entry["Desktop Entry"]["MimeType"].rstrip(";")
        mime = ET.parse(DESKTOP / f"{ID}.xml").getroot()
        space = {"m": "http://www.freedesktop.org/standards/shared-mime-info"}
        declared = mime.find("m:mime-type", space)
        assert declared is not None
        self.assertEqual(declared.get("type"), kind)
        glob = declared.find("m:glob", space)
        assert glob is not None
        self.assertEqual(glob.get("pattern"), "*.mingei")
        info = ET.parse(DESKTOP / f"{ID}.metainfo.xml").getroot()
        told = tuple(info.findtext(tag) for tag in ("id", "launchable", "provides/mediatype"))
        self.assertEqual(told, (ID, f"{ID}.desktop", kind))
        release = info.find("releases/release")
        assert release is not None
        self.assertEqual(release.get("version"), __version__)
        self.assertEqual(entry["Desktop Entry"]["Icon"], ID)
        ET.parse(DESKTOP / f"{ID}.svg")

    def test_the_man_page_names_every_command_and_this_version(self) -> None:
        page = (DESKTOP / "mingei.1").read_text()
        self.assertIn(__version__, page)
        for command in COMMANDS:
            if command != "window":
                self.assertRegex(page, rf'\.B[RI] "? ?{command}\b')


class Documents(InFolder):
    def test_every_command_in_the_readme_works(self) -> None:
        block = re.search(r"```sh\n(mingei .*?)```", (ROOT / "README.md").read_text(), re.S)
        assert block is not None
        lines = block[1].replace("\\\n", " ").strip().splitlines()
        self.assertGreaterEqual(len(lines), 4)
        trimesh.creation.icosphere(1).export(self.folder / "bird.stl")
        bird = Image.new("RGB", (200, 300), "white")
        ImageDraw.Draw(bird).rectangle((40, 40, 160, 290), fill="black")
        bird.save(self.folder / "puffin.png")
        with mock.patch.dict(os.environ, {"XDG_DATA_HOME": str(self.folder)}):
            self._run(lines)

    def _run(self, lines: list[str]) -> None:
        for line in lines:
            words = shlex.split(line.partition("  #")[0])
            self.assertEqual(words[0], "mingei")
            here = [str(self.folder / w) if "." in w and "/" not in w and " " not in w and "=" not in w else w
                    for w in words[1:]]
            with contextlib.redirect_stdout(io.StringIO()):
                self.assertEqual(main(here), 0, line)

    def example(self, number: int) -> Recipe:
        """A recipe as the document has it."""
        text = (ROOT / "docs" / "recipes.md").read_text()
        code = re.findall(r"```python\n(.*?)```", text, re.S)[number]
        names: dict[str, object] = {}
        exec(compile(code, "docs/recipes.md", "exec"), names)
        recipe = names["RECIPE"]
        assert isinstance(recipe, Recipe)
        self.assertNotIn(recipe.id, recipes())
        self.assertLess(len(code.splitlines()), 60)
        return recipe

    def test_the_example_of_boards_in_the_docs_keeps_its_openings_in_every_board(self) -> None:
        from mingei.core.flat.develop import develop
        from mingei.core.folded import fold
        from mingei.core.stock import CATALOGUE
        from tests.solids import slabs

        recipe = self.example(1)
        for stock in CATALOGUE:
            if recipe.thinnest <= stock.caliper_mm <= recipe.thickest:
                patterns = develop(recipe.draft(recipe.accept({})), stock)
                self.assertTrue(all(c.closes for p in patterns for c in fold.closure(p, patterns)))
                at = {s.panel.name: s.box for s in slabs(patterns)}
                # each part is a hair thinner and narrower, all round
                self.assertAlmostEqual(at["shelf 2"][0][2] - at["shelf 1"][1][2], 28.0 + 2 * 0.02, places=6)

    def test_the_example_recipe_in_the_docs_builds(self) -> None:
        from mingei.core.flat.develop import develop
        from mingei.core.folded import fold
        from mingei.core.stock import CATALOGUE

        recipe = self.example(0)
        for stock in CATALOGUE:
            if recipe.thinnest <= stock.caliper_mm <= recipe.thickest:
                drafted = recipe.draft(recipe.accept({}))
                (pattern,) = develop(drafted, stock)
                for closure in fold.closure(pattern):
                    self.assertTrue(closure.closes, closure)
                assert drafted.inside_mm is not None
                self.assertTrue(fold.cavity([pattern], drafted.inside_mm).fits)

    def test_links_in_the_documents_lead_somewhere(self) -> None:
        for page in [ROOT / "README.md", *(ROOT / "docs").glob("*.md")]:
            for target in re.findall(r"\]\(([^)#]+)\)", page.read_text()):
                self.assertTrue((page.parent / target).exists(), f"{page.name}: {target}")
