"""Nothing is lost and nothing leaks: saves run in turn and belong to what they were begun for, files changed
elsewhere are asked about, packs hold pictures only, folders are written whole or not at all."""

from __future__ import annotations

import io
import os
import time
import unittest
import zipfile
from dataclasses import replace
from pathlib import Path
from tempfile import TemporaryDirectory
from unittest import mock

from PIL import Image
from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication, QMessageBox

from mingei.core.covering.art import Art
from mingei.core.document.project import Project, new_brief, new_project
from mingei.core.errors import ExportError, ProjectError
from mingei.formats import assets, atomic, project_file
from mingei.formats.publish import members
from tests.windows import WindowTest, settle, wait_for


def _pictured(source: Path) -> Project:
    brief = new_brief("tray").with_art(Art("label", "tray", "front", source=str(source)))
    return new_project(brief, "Tern Point")


class Packs(unittest.TestCase):
    def setUp(self) -> None:
        holder = TemporaryDirectory()
        self.addCleanup(holder.cleanup)
        self.at = Path(holder.name)

    def test_a_file_that_is_no_picture_goes_into_no_pack(self) -> None:
        secret = self.at / "keys.png"
        secret.write_text("not yours")
        for save in (lambda p: project_file.save(p, self.at / "out.mingei.zip"),
                     lambda p: members(replace(p, publishing=p.publishing._replace(project=True)))):
            with self.assertRaises(ProjectError) as refused:
                save(_pictured(secret))
            self.assertIn("keys.png", str(refused.exception))
        self.assertFalse((self.at / "out.mingei.zip").exists())

    def test_a_published_project_holds_its_pictures_and_no_path_of_this_machine(self) -> None:
        picture = self.at / "label.png"
        Image.new("RGB", (8, 8), "red").save(picture)
        project = _pictured(picture)
        found = members(replace(project, publishing=project.publishing._replace(project=True)))
        (name,) = [n for n in found if n.endswith(".mingei.zip")]
        for data in found.values():
            self.assertNotIn(str(self.at).encode(), data)
        back = assets.unpacked(found[name], project_file.loads, self.at / "kept")
        self.assertEqual(Path(back.briefs[0].arts[0].source).read_bytes(), picture.read_bytes())

    def test_a_pack_that_swells_is_refused_before_it_is_read(self) -> None:
        out = io.BytesIO()
        with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as pack:
            pack.writestr("project.mingei", b"[" + b"0," * 20_000_000 + b"0]")
        began = time.monotonic()
        with self.assertRaises(ProjectError) as refused:
            assets.unpacked(out.getvalue(), project_file.loads, self.at)
        self.assertLess(time.monotonic() - began, 2.0)
        self.assertIn("project.mingei", str(refused.exception))

    def test_a_head_that_lies_about_its_size_is_read_no_further_than_a_project_may_go(self) -> None:
        with mock.patch.object(assets, "LARGEST_PROJECT", 1000):
            out = io.BytesIO()
            with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as pack:
                pack.writestr("project.mingei", os.urandom(1500).hex())
            with self.assertRaises(ProjectError):
                assets.unpacked(out.getvalue(), project_file.loads, self.at)

    def test_a_name_in_capitals_is_a_project_too(self) -> None:
        project = new_project(new_brief("tray"))
        for name in ("BOX.MINGEI", "box.Mingei.Zip"):
            self.assertTrue(project_file.has_ending(Path(name)))
            project_file.save(project, self.at / name)
            self.assertEqual(project_file.load(self.at / name).briefs[0].recipe, "tray")

    def test_a_folder_is_filled_whole_or_not_at_all(self) -> None:
        real, count = atomic.write, [0]

        def full(path: Path, data: bytes, keep: bool = False) -> None:
            count[0] += 1
            if count[0] == 3:
                raise ExportError("it cannot be written (No space left on device)", str(path), "make room")
            real(path, data, keep)

        (self.at / "there").mkdir()
        (self.at / "there" / "mine.txt").write_text("kept")
        for folder in (self.at / "new" / "deep", self.at / "there"):
            count[0] = 0
            with mock.patch.object(atomic, "write", full), self.assertRaises(ExportError):
                atomic.write_folder(folder, [("a", b"1"), ("sub/b", b"2"), ("c", b"3")])
        self.assertEqual([p.name for p in self.at.rglob("*")], ["there", "mine.txt"])


class Saving(WindowTest):
    def setUp(self) -> None:
        super().setUp()
        holder = TemporaryDirectory()
        self.addCleanup(holder.cleanup)
        self.path = Path(holder.name) / "box.mingei"
        self.desk, self.document = self.window.desk, self.window.document
        self.desk._show(new_project(new_brief("tray"), "One"), None)
        self.desk.save_to(self.path)
        wait_for(lambda: self.document.path == self.path and not self.desk.jobs)

    def title(self) -> str:
        return project_file.load(self.path).title

    def test_of_two_quick_saves_the_later_lands_last(self) -> None:
        real, first = project_file.save, [True]

        def slow(project: Project, path: Path) -> None:
            if first[0]:
                first[0] = False
                time.sleep(0.4)
            real(project, path)

        with mock.patch.object(project_file, "save", slow):
            for title in ("Two", "Three", "Four"):
                self.document.set_title(title)
                self.desk.save()
            wait_for(lambda: not self.desk.jobs and self.desk._to_save is None)
        self.assertEqual(self.title(), "Four")
        self.assertFalse(self.document.dirty)

    def test_a_save_that_ends_after_new_leaves_the_new_project_without_a_name(self) -> None:
        real = project_file.save

        def slow(project: Project, path: Path) -> None:
            time.sleep(0.3)
            real(project, path)

        with mock.patch.object(project_file, "save", slow):
            self.document.set_title("Two")
            self.desk.save()
            self.desk._show(new_project(new_brief("carton"), "Other"), None)
            wait_for(lambda: not self.desk.jobs)
        self.assertIsNone(self.document.path)
        self.assertEqual(self.title(), "Two")

    def answered(self, words: str) -> None:
        def look() -> None:
            box = QApplication.activeModalWidget()
            if isinstance(box, QMessageBox):
                self.said = box.informativeText()
                next(b for b in box.buttons() if words in b.text().replace("&", "")).click()
            else:
                QTimer.singleShot(20, look)

        QTimer.singleShot(20, look)

    def theirs(self) -> None:
        project_file.save(replace(project_file.load(self.path), title="Theirs"), self.path)

    def test_a_file_changed_by_somebody_else_is_asked_about(self) -> None:
        self.document.set_title("Mine")
        self.theirs()
        self.answered("Cancel")
        self.desk.save()
        settle(50)
        self.assertEqual((self.title(), self.document.project.title), ("Theirs", "Mine"))
        self.assertIn("Theirs", self.said)
        self.answered("Keep mine")
        self.desk.save()
        wait_for(lambda: not self.desk.jobs)
        self.assertEqual(self.title(), "Mine")
        self.theirs()
        self.answered("Take theirs")
        self.desk.save()
        wait_for(lambda: self.document.project.title == "Theirs")
        self.assertEqual(self.document.path, self.path)

    def test_a_file_as_it_was_saved_here_is_not_asked_about(self) -> None:
        for title in ("Two", "Three"):
            self.document.set_title(title)
            self.desk.save()
            wait_for(lambda: not self.desk.jobs)
            self.assertEqual(self.title(), title)


if __name__ == "__main__":
    unittest.main()
