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
from hypothesis import strategies as st

from mingei.core.check import run
from mingei.core.document.build import loads_of_all
from mingei.core.document.project import Project
from mingei.core.errors import MeasureError, MingeiError
from mingei.core.layout.place import Load, arrange
from mingei.core.layout.sheets import find_sheet
from mingei.core.sizing.scale import scaled
from mingei.core.work.job import job_for
from mingei.core.work.lines import Faces
from mingei.core.work.plan import Fence, When, Working, work_on
from mingei.core.work.plan_pages import plan_pages
from mingei.core.work.tasks import tasks
from mingei.devices.cutter import rehearse
from mingei.devices.job_reader import read_job
from mingei.formats import project_file
from mingei.formats.device_file import devices
from mingei.formats.export import KINDS, _loads, builds_of, export, export_all
from mingei.formats.machine import machine_file
from tests.strategies import documents


class Documents(unittest.TestCase):
    @settings(max_examples=300 if os.environ.get("MINGEI_SOAK") else 4)
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


class WorkOnDocuments(unittest.TestCase):
    @settings(max_examples=150 if os.environ.get("MINGEI_SOAK") else 6)
    @given(documents(), st.builds(
        Working, st.sampled_from(Faces), st.sampled_from(When), st.sampled_from([0.0, 10.0]),
        st.sampled_from(Fence), st.booleans(), st.booleans(), st.booleans()))
    def test_whatever_a_document_holds_is_planned_and_cut_by_machines_without_a_fault(
            self, project: Project, working: Working) -> None:
        pages = arrange(loads_of_all(builds_of(project)), project.paper, project.spots).pages
        for page in pages[:3]:
            work = work_on(page, working)
            numbers = [x.number for x in tasks(work) if x.number]
            self.assertEqual(sorted(numbers), [p.number for p in work.placements])
            self.assertTrue(plan_pages([work], find_sheet("A4"), project.title) or not tasks(work))
            for device in devices():
                try:
                    job = job_for(page, device)
                except MeasureError as error:
                    self.assertTrue(error.place and error.remedy)
                    continue
                ending = device.output[-1]
                found = rehearse(read_job(machine_file(job, ending), ending), device, page)
                # what a drawing asks that no tool can make, or what is too small to be held, is said
                said = [f for f in found.faults if f.code in ("too-small", "bridge-missing")]
                if any(f.code == "too-small" for f in said):
                    continue
                self.assertEqual([str(f.sentence) for f in found.faults if f not in said], [])
                self.assertLess(found.worst_mm, 0.1 if "beam" in device.id else 0.05)
