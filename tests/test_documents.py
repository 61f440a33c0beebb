"""Everything a document can hold, taken through everything that is done with one."""

from __future__ import annotations

import json
import os
import tempfile
import unittest
import xml.etree.ElementTree as ET
from pathlib import Path

import ezdxf
import pypdfium2
from hypothesis import given, settings

from mingei.core.check import run
from mingei.core.document.project import Project
from mingei.core.errors import MingeiError
from mingei.core.layout.place import Load, arrange
from mingei.core.sizing.scale import scaled
from mingei.formats import project_file
from mingei.formats.export import KINDS, _loads, builds_of, export, export_all
from tests.strategies import documents


class Documents(unittest.TestCase):
    @settings(max_examples=300 if os.environ.get("MINGEI_SOAK") else 6)
    @given(documents())
    def test_whatever_a_document_holds_is_saved_checked_laid_out_exported_and_scaled(
            self, project: Project) -> None:
        again = project_file.loads(project_file.dumps(project))
        self.assertEqual(again, project)
        builds = builds_of(project)
        for made in builds:
            for finding in run(made, project.paper):
                self.assertTrue(finding.sentence and finding.code)
        self.every_copy_is_on_one_sheet(project)
        with tempfile.TemporaryDirectory() as name:
            self.what_is_written_can_be_read(project, Path(name))
        for brief in project.briefs:
            for factor in (0.8, 1.5):
                try:
                    larger = scaled(brief, factor)
                except MingeiError as error:
                    self.assertTrue(error.sentence and error.remedy, error)
                    continue
                self.assertEqual(larger.recipe, brief.recipe)

    def every_copy_is_on_one_sheet(self, project: Project) -> None:
        loads: list[Load] = _loads(project, "")
        layout = arrange(loads, project.paper, project.spots)
        laid = [(i.load.owner, i.load.pattern.name, i.copy) for page in layout.pages
                for i in page.items if page.tile is None]
        tiled = {(i.load.owner, i.load.pattern.name) for page in layout.pages
                 for i in page.items if page.tile is not None}
        self.assertEqual(len(laid), len(set(laid)))
        for load in loads:
            key = load.owner, load.pattern.name
            if load not in layout.too_large and key not in tiled:
                self.assertEqual([(*key, n) in laid for n in range(load.pattern.copies)],
                                 [True] * load.pattern.copies, load.words)

    def what_is_written_can_be_read(self, project: Project, folder: Path) -> None:
        try:
            written, _ = export_all(project, folder / "all", KINDS)
        except MingeiError as error:  # nothing of it fits the sheet
            self.assertTrue(error.sentence and error.remedy, error)
            written = []
        for ending in ("pdf", "svg", "dxf", "fold", "csv"):
            path = folder / f"whole.{ending}"
            try:
                export(project, path)
            except MingeiError as error:
                self.assertTrue(error.sentence and error.remedy, error)
                self.assertFalse(path.exists())
            else:
                written.append(path)
        for path in written:
            if path.suffix == ".svg":
                ET.parse(path)
            elif path.suffix == ".dxf":
                self.assertFalse(ezdxf.readfile(path).audit().has_errors, path.name)
            elif path.suffix == ".pdf":
                with pypdfium2.PdfDocument(path) as paper:
                    self.assertGreater(len(paper), 0)
            elif path.suffix == ".fold":
                json.loads(path.read_text())


if __name__ == "__main__":
    unittest.main()
