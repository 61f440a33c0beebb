"""The document: as a value, as data, as a file."""

from __future__ import annotations

import json
import os
import subprocess
import sys
import unittest
from dataclasses import replace
from pathlib import Path
from unittest import mock

import jsonschema
from hypothesis import given
from hypothesis import strategies as st

from mingei.assets import demo_file
from mingei.core.document.build import build
from mingei.core.document.data import from_data, to_data
from mingei.core.document.project import Project, differences, new_brief, new_project
from mingei.core.errors import ExportError, MeasureError, MingeiError, ProjectError, StockError
from mingei.core.sizing.fit import fit_into
from mingei.core.stock import Stock, find_stock
from mingei.formats import atomic, project_file
from tests.awkward import NO_PROJECTS
from tests.strategies import projects
from tests.support import InFolder, carton_project

SCHEMA = json.loads((Path(__file__).parent.parent / "docs" / "project.schema.json").read_text())

json_values = st.recursive(
    st.none() | st.booleans() | st.integers(-10**6, 10**6) | st.text(max_size=8),
    lambda inner: st.lists(inner, max_size=3) | st.dictionaries(st.text(max_size=5), inner, max_size=3),
    max_leaves=6)


class Values(unittest.TestCase):
    def test_changing_a_measure_gives_a_new_brief(self) -> None:
        brief = new_brief("carton")
        wider = brief.with_measure("width", 40.0)
        self.assertEqual((brief.values["width"], wider.values["width"]), (32.0, 40.0))
        self.assertRaises(MeasureError, brief.with_measure, "width", 0.0)
        self.assertRaises(MeasureError, brief.with_measure, "girth", 10.0)

    def test_a_stock_it_cannot_be_built_from_is_refused(self) -> None:
        self.assertRaises(StockError, new_brief("carton").with_stock, find_stock("corrugated-b"))

    def test_a_project_carries_the_stocks_it_uses(self) -> None:
        own = Stock("shelf-7", "from the shelf", 210, 0.27)
        project = replace(carton_project(), stocks=(own, find_stock("card-300")))
        changed = project.with_brief(0, project.briefs[0].with_stock(own))
        self.assertEqual(changed.stocks, (own,))
        self.assertEqual(from_data(to_data(changed)).stock_of(changed.briefs[0]), own)


class Kits(unittest.TestCase):
    def test_what_differs_is_told_in_words(self) -> None:
        before = carton_project()
        brief = before.briefs[0].with_measure("length", 150.0).with_measure("opening", "side")
        after = replace(before.with_brief(0, replace(brief, copies=3, notes="for Ada")), unit="in",
                        title="Tern Point")
        told = differences(before, after)
        self.assertEqual(told[0], "the title was Slim carton, is now Tern Point")
        for part in ("unit was mm, is now in", "length was 140 mm",
                     "opening was on an end, is now along a side", "copies was 1, is now 3",
                     "notes differ"):
            self.assertTrue(any(part in line for line in told), part)
        self.assertEqual(differences(before, before), ())

    def test_things_added_and_removed_are_told(self) -> None:
        before = carton_project()
        after = before.with_briefs((replace(before.briefs[0], name="Gull", id="another"),))
        self.assertEqual(differences(before, after), ("Gull was added", "Slim carton was removed"))
        renamed = before.renamed(0, "Gull")
        self.assertEqual(differences(before, renamed), ("Slim carton is now called Gull",))

    def test_every_thing_has_a_lasting_id(self) -> None:
        one = carton_project()
        two = one.with_briefs((*one.briefs, one.briefs[0]))
        self.assertEqual([b.id for b in two.briefs], ["thing-1", "thing-2"])
        self.assertEqual([b.id for b in two.with_briefs(two.briefs[::-1]).briefs], ["thing-2", "thing-1"])
        three = two.with_brief(1, new_brief("tray"))
        self.assertEqual([b.id for b in from_data(to_data(three)).briefs], ["thing-1", "thing-2"])
        data = to_data(three)
        data["briefs"][1]["id"] = "thing-1"
        with self.assertRaisesRegex(ProjectError, "two things have the id"):
            from_data(data)

    def test_a_file_that_knew_things_by_name_is_read(self) -> None:
        one = carton_project()
        data = to_data(one.with_briefs((*one.briefs, new_brief("tray", name="Tray"))))
        old = {**data, "mingei": 1, "briefs": [{k: v for k, v in b.items() if k != "id"}
                                               for b in data["briefs"]],
               "places": [{"thing": "Tray", "piece": "tray", "copy": 0, "page": 0, "x": 20.0, "y": 40.0}],
               "laying": {"groups": [["Tray", "tray", "A"], ["Gone", "x", "B"]]}}
        project = from_data(old)
        self.assertEqual(project.spots[0].owner, project.briefs[1].id)
        self.assertEqual(project.laying.group_of(project.briefs[1].id, "tray"), "A")
        self.assertEqual(from_data(to_data(project)), project)
        for odd in ({**old, "briefs": 3}, {**old, "briefs": [4]}, {**old, "places": [7]},
                    {**old, "laying": {"groups": [3]}}):
            with self.assertRaises(ProjectError):
                from_data(odd)

    @given(projects(), projects())
    def test_two_projects_differ_just_when_something_is_told(self, a: Project, b: Project) -> None:
        self.assertEqual(a != b, bool(differences(a, b)))

    def test_names_in_a_kit_are_kept_apart(self) -> None:
        project = carton_project()
        self.assertEqual(project.free_name("Lid"), "Lid")
        self.assertEqual(project.free_name("Slim carton"), "Slim carton 2")

    def test_an_outside_size_gives_the_inside_that_goes_with_it(self) -> None:
        for stock in map(find_stock, ("copy-80", "card-300", "greyboard-15")):
            brief = new_brief("carton", {}, stock)
            for axis, mm in enumerate((150.0, 40.0, 25.0)):
                brief = fit_into(brief, stock, axis, mm)
            for got, wanted in zip(build(brief, stock).outside, (150.0, 40.0, 25.0), strict=True):
                self.assertAlmostEqual(got, wanted, places=6)
        self.assertRaises(MeasureError, fit_into, new_brief("carton"), find_stock("card-300"), 0, 5.0)


class Data(unittest.TestCase):
    @given(projects())
    def test_a_project_survives_the_file(self, project: Project) -> None:
        self.assertEqual(project_file.loads(project_file.dumps(project)), project)

    @given(projects())
    def test_the_file_follows_its_published_schema(self, project: Project) -> None:
        jsonschema.validate(json.loads(project_file.dumps(project)), SCHEMA)

    @given(st.dictionaries(st.text(min_size=1, max_size=6).map(lambda k: "x-" + k), json_values, max_size=3),
           st.dictionaries(st.text(min_size=1, max_size=6).map(lambda k: "x-" + k), json_values, max_size=3))
    def test_keys_it_does_not_know_survive(self, top: dict[str, object], inner: dict[str, object]) -> None:
        data = json.loads(project_file.dumps(carton_project()))
        data.update(top)
        data["briefs"][0].update(inner)
        again = json.loads(project_file.dumps(project_file.loads(json.dumps(data).encode())))
        self.assertEqual(again, data)

    def test_what_is_no_project_is_refused_in_one_sentence(self) -> None:
        for data in NO_PROJECTS:
            with self.subTest(data[:90]):
                with self.assertRaises(ProjectError) as caught:
                    project_file.loads(data)
                self.assertNotIn("\n", str(caught.exception))

    def test_a_later_version_is_named(self) -> None:
        data = to_data(carton_project()) | {"mingei": 99}
        with self.assertRaises(ProjectError) as caught:
            from_data(data)
        self.assertIn("later Mingei", str(caught.exception))

    @given(st.data())
    def test_a_file_cut_short_anywhere_is_refused_or_whole(self, data: st.DataObject) -> None:
        whole = project_file.dumps(carton_project())
        cut = data.draw(st.integers(0, len(whole) - 3))
        self.assertRaises(ProjectError, project_file.loads, whole[:cut])

    @given(json_values)
    def test_any_json_is_read_or_refused(self, value: object) -> None:
        self.assertRaises(ProjectError, from_data, value)

    def test_the_demo_opens(self) -> None:
        self.assertIn("Tern Point", project_file.load(demo_file()).title)


class Files(InFolder):
    def test_saving_keeps_the_version_before(self) -> None:
        path = self.folder / "box.mingei"
        first, second = carton_project(length=100.0), carton_project(length=120.0)
        project_file.save(first, path)
        project_file.save(second, path)
        self.assertEqual(project_file.load(path), second)
        self.assertEqual(project_file.load(self.folder / "box.mingei~"), first)
        self.assertEqual(sorted(p.name for p in self.folder.iterdir()), ["box.mingei", "box.mingei~"])

    def test_a_failed_save_leaves_everything_as_it_was(self) -> None:
        path = self.folder / "box.mingei"
        project_file.save(carton_project(length=100.0), path)
        before = path.read_bytes()
        for step in ("os.fsync", "os.replace"):
            with self.subTest(step), mock.patch(step, side_effect=OSError(28, "No space left on device")):
                with self.assertRaises(ExportError) as caught:
                    atomic.write(path, b"half")
                self.assertIn("No space left", str(caught.exception))
            self.assertEqual(path.read_bytes(), before)
            self.assertEqual([p.name for p in self.folder.iterdir()], ["box.mingei"])

    def test_a_process_killed_while_saving_leaves_a_whole_file(self) -> None:
        path = self.folder / "box.mingei"
        project_file.save(carton_project(), path)
        program = ("import os, sys; from pathlib import Path; from mingei.formats import atomic\n"
                   "os.fsync = lambda handle: os._exit(9)\n"
                   "atomic.write(Path(sys.argv[1]), b'half')")
        result = subprocess.run([sys.executable, "-c", program, str(path)], check=False)
        self.assertEqual(result.returncode, 9)
        self.assertEqual(project_file.load(path), carton_project())

    def test_a_folder_that_is_not_there_is_named(self) -> None:
        with self.assertRaises(ExportError) as caught:
            project_file.save(carton_project(), self.folder / "nowhere" / "box.mingei")
        self.assertIn("choose a folder that exists", str(caught.exception))

    def test_a_link_is_written_through(self) -> None:
        real, link = self.folder / "real.mingei", self.folder / "link.mingei"
        project_file.save(carton_project(), real)
        os.symlink(real, link)
        project_file.save(carton_project(length=99.0), link)
        self.assertTrue(link.is_symlink())
        self.assertEqual(project_file.load(real), carton_project(length=99.0))

    def test_unreadable_and_missing_files_are_named(self) -> None:
        for path in (self.folder / "none.mingei", self.folder):
            with self.subTest(path.name), self.assertRaises(ProjectError) as caught:
                project_file.load(path)
            self.assertIn(str(path), str(caught.exception))

    def test_the_file_is_named_when_it_is_broken(self) -> None:
        path = self.folder / "broken.mingei"
        path.write_text('{"mingei": 1,\n "briefs": [')
        with self.assertRaises(MingeiError) as caught:
            project_file.load(path)
        self.assertIn("broken.mingei", str(caught.exception))
        self.assertIn("line 2", str(caught.exception))

    def test_new_projects_refuse_a_sheet_that_is_none(self) -> None:
        self.assertRaises(MingeiError, new_project, new_brief("carton"), sheet="foolscap")
