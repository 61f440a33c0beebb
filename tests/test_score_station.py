"""The Score and cut station: stepped with keys, pressed with the mouse, by hand and by machine, saved and
undone."""

from __future__ import annotations

from unittest import mock

from PySide6.QtCore import QPoint, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QFileDialog, QMessageBox
from shapely import LineString, Point

from mingei.app import shots
from mingei.core.errors import ProjectError
from mingei.core.plane.shape import flat_points
from mingei.core.work.plan import When, work_on
from mingei.core.work.tasks import Sort, tasks
from mingei.devices.cutter import Rehearsal, rehearse
from mingei.devices.job_reader import read_job
from mingei.formats import device_file, project_file
from mingei.formats.device_file import find_device
from tests.test_many_pages import kit
from tests.windows import WindowTest, answer, answer_file, click, wait_for


class Station(WindowTest):
    def setUp(self) -> None:
        super().setUp()
        self.window.document.open(kit(2))
        self.window.go("score")
        self.station = self.window.station_of("score")
        wait_for(lambda: len(self.station.pages) == 2)

    def tasks(self):
        return tasks(work_on(self.station.pages[self.station.page_number - 1],
                             self.window.document.project.working))

    def test_arrow_keys_step_and_the_sentence_is_that_of_the_task(self) -> None:
        found = self.tasks()
        self.assertEqual(self.station.sentence.text(), str(found[0].words))
        self.station.view.setFocus()
        QTest.keyClick(self.station.view, Qt.Key.Key_Right)
        QTest.keyClick(self.station.view, Qt.Key.Key_Down)
        self.assertEqual(self.station.view.current, 2)
        self.assertEqual(self.station.sentence.text(), str(found[2].words))
        self.assertEqual(self.station.view.accessibleDescription(), str(found[2].words))
        self.assertEqual(self.station.order.list.current, 2)
        QTest.keyClick(self.station.view, Qt.Key.Key_Left)
        self.assertEqual(self.station.view.current, 1)

    def test_space_plays_on_and_stops(self) -> None:
        self.station.view.setFocus()
        QTest.keyClick(self.station.view, Qt.Key.Key_Space)
        wait_for(lambda: self.station.view.current >= 1)
        QTest.keyClick(self.station.view, Qt.Key.Key_Space)
        self.assertFalse(self.station.timer.isActive())

    def test_a_line_that_is_pressed_is_taken_in_hand(self) -> None:
        found = self.tasks()
        number = next(n for n, x in enumerate(found)
                      if n and x.sort is Sort.SCORE and x.face == found[0].face)
        line = found[number].paths[0][0]
        (ax, ay), (bx, by) = line.start, line.end
        share = 0.37  # not the middle, where another may cross
        at = self.station.view.transform().map(ax + (bx - ax) * share, ay + (by - ay) * share)
        click(self.station.view, QPoint(round(at[0]), round(at[1])))
        self.assertEqual(self.station.view.current, number)

    def test_choices_are_saved_with_the_project_and_undone(self) -> None:
        document = self.window.document
        when = self.station.way.when
        when.setFocus()
        QTest.keyClick(when, Qt.Key.Key_Down)
        when.activated.emit(when.currentIndex())
        self.assertIs(document.project.working.when, When.AFTER)
        self.assertIs(self.tasks()[0].sort, Sort.CUT)
        self.assertEqual(self.station.sentence.text(), str(self.tasks()[0].words))
        again = project_file.loads(project_file.dumps(document.project))
        self.assertEqual(again.working, document.project.working)
        document.undo.undo()
        self.assertIs(document.project.working.when, When.BEFORE)
        self.assertEqual(self.station.way.when.currentData(), When.BEFORE)

    def test_by_machine_the_job_is_shown_rehearsed_and_saved_and_what_was_saved_is_read_again(self) -> None:
        click(self.station.way.by_machine)
        self.station.work_with("knife-600")
        wait_for(lambda: self.station.job is not None)
        job = self.station.job
        self.assertEqual(len(self.station.view.lines), len(job.strokes))
        click(self.station.machine.rehearse)
        wait_for(lambda: "within" in self.station.machine.faults.text())
        target = self.folder / "job.hpgl"
        with mock.patch.object(QFileDialog, "getSaveFileName", return_value=(str(target), "")):
            click(self.station.machine.save)
        wait_for(target.exists)
        found = rehearse(read_job(target.read_bytes(), ".hpgl"), find_device("knife-600"), job.page)
        self.assertEqual(found.faults, ())
        self.assertLess(found.worst_mm, 0.05)
        click(self.station.way.by_hand)
        self.assertEqual(len(self.station.view.lines), len(self.tasks()))

    def test_a_job_that_cannot_be_written_is_said_and_the_menu_saves_it_elsewhere(self) -> None:
        self.station.work_with("knife-600")
        wait_for(lambda: self.station.job is not None)
        seen: list[str] = []
        answer(QMessageBox.StandardButton.Ok, seen)
        with answer_file(self.folder / "nowhere" / "job.hpgl"):
            click(self.station.machine.save)
        wait_for(lambda: seen)
        self.assertIn("nowhere", seen[0])
        with answer_file(self.folder / "job"):
            self.window.actions_["job"].trigger()
        wait_for((self.folder / "job.svg").exists)

    def test_the_menu_offers_machines_where_none_is_chosen(self) -> None:
        self.window.go("draft")
        self.window.actions_["job"].trigger()
        self.assertEqual(self.window.station, "score")
        self.assertTrue(self.window.document.project.working.machine)

    def test_a_rehearsal_that_fails_is_said_and_may_be_tried_again(self) -> None:
        self.station.work_with("knife-600")
        wait_for(lambda: self.station.job is not None)
        refusal = ProjectError("no such stroke", "", "x")
        with mock.patch("mingei.devices.cutter.rehearse", side_effect=refusal):
            click(self.station.machine.rehearse)
            wait_for(lambda: "no such stroke" in self.station.machine.faults.text())
        click(self.station.machine.rehearse)
        wait_for(lambda: "within" in self.station.machine.faults.text())

    def test_a_broken_machine_of_one_s_own_is_said_and_the_others_stay(self) -> None:
        own = self.folder / "devices"
        own.mkdir()
        (own / "mine.json").write_text("{")
        with mock.patch.object(device_file, "folder", return_value=own):
            click(self.station.way.by_machine)
            wait_for(lambda: self.station.job is not None)
            self.assertTrue(self.station.machine.broken.isVisible())
            self.assertIn("mine.json", self.station.machine.broken.text())
            self.station.number.setValue(2)
            self.assertIn("mine.json", self.station.machine.broken.text())

    def test_what_a_rehearsal_marks_lies_where_it_is_on_the_sheet_with_marks_in_its_corners_too(self) -> None:
        document = self.window.document
        document.set_laying(document.project.laying._replace(corners=True))
        self.station.work_with("knife-600")
        wait_for(lambda: self.station.job is not None)
        found: list[Rehearsal] = []
        self.station.machine.rehearsed.connect(lambda _, rehearsal: found.append(rehearsal))
        click(self.station.machine.rehearse)
        wait_for(lambda: found and self.station.view.glass is not None)
        worst = max(found[0].compared, key=lambda c: c.worst_mm)
        self.assertGreater(self.station.job.zero[0], 0)
        self.assertAlmostEqual(self.station.view.glass.at[0], worst.at[0] + self.station.job.zero[0])
        glass = self.station.view.glass
        near = min(LineString(flat_points(c)).distance(Point(glass.at)) for c in glass.drawn)
        self.assertLess(near, 0.3)

    def test_a_job_is_played_as_long_as_its_strokes_take_at_the_chosen_pace_and_scrubbed(self) -> None:
        self.station.work_with("knife-600")
        wait_for(lambda: self.station.job is not None)
        number = max(range(len(self.station.job.strokes)),
                     key=lambda n: sum(s.length for s in self.station.job.strokes[n].axis))
        self.station.scrub.setValue(number)
        self.assertEqual(self.station.view.current, number)
        self.assertEqual(self.station.order.list.current, number)
        self.station.pace.setCurrentIndex(0)
        slow = self.station.lasts_ms()
        stroke = self.station.job.strokes[number]
        self.assertAlmostEqual(slow, 1000 * sum(s.length for s in stroke.axis) / stroke.speed, delta=1.0)
        self.station.pace.setCurrentIndex(1)
        self.assertAlmostEqual(self.station.lasts_ms(), slow / 10, delta=1.0)

    def test_a_sheet_too_large_for_the_bed_is_refused_in_a_sentence_and_nothing_can_be_saved(self) -> None:
        self.window.document.set_sheet("A3")
        self.station.work_with("knife-300")
        wait_for(lambda: "305" in self.station.machine.told.text())
        self.assertFalse(self.station.machine.save.isEnabled())

    def test_the_next_sheet_is_gone_to_by_its_number(self) -> None:
        self.station.number.setValue(2)
        self.assertEqual(self.station.page_number, 2)
        self.assertEqual(self.station.view.current, 0)
        self.assertEqual(self.station.sentence.text(), str(self.tasks()[0].words))

    def test_what_changes_elsewhere_is_followed(self) -> None:
        before = self.station.sentence.text()
        self.window.document.set_measure("width", 44.0)
        self.assertEqual(self.station.sentence.text(), str(self.tasks()[0].words))
        self.assertNotEqual(self.station.sentence.text(), before)


class Pictures(WindowTest):
    def test_pictures_of_the_views_are_taken_and_what_they_changed_is_nobody_s_work_to_save(self) -> None:
        document = self.window.document
        seen = [("one", lambda: document.set_unit("in"))]
        with mock.patch.object(shots, "views", return_value=seen), mock.patch.object(shots, "_REST_MS", 20):
            shots.take(self.window, self.folder / "shots")
            wait_for(lambda: not self.window.isVisible())
        self.assertTrue((self.folder / "shots" / "one.png").exists())
