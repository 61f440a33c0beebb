"""The Build station: stepped with keys and big buttons, held, turned, noted, put in another order, all
undone; make sheet and pack written and read again."""

from __future__ import annotations

import io
import json
import math
import zipfile
from dataclasses import replace
from unittest import mock

import pypdfium2
from PySide6.QtCore import QPoint, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QDialogButtonBox, QLineEdit

from mingei.app.bench import Bench
from mingei.app.making import MakingDialog
from mingei.app.own_steps import StepDialog
from mingei.core.document.build import Part
from mingei.core.document.project import new_brief, new_project
from mingei.core.kinds import some
from mingei.core.kinds.work import Work
from mingei.formats import project_file
from tests.windows import WindowTest, answer_file, click, wait_for, write


class Station(WindowTest):
    def setUp(self) -> None:
        super().setUp()
        brief = replace(new_brief("polyhedron", {"solid": "tetrahedron"}), copies=5)
        self.window.document.open(new_project(brief, "Buoys", "mm", "A4"))
        self.window.go("build")
        self.station = self.window.station_of("build")
        wait_for(lambda: self.station.steps and not self.station.drawing)

    def test_one_step_is_shown_with_what_it_needs_and_stepped_by_keys_and_big_buttons(self) -> None:
        steps = self.station.steps
        self.assertIn(str(steps[0].words), self.station.sentence.text())
        self.assertGreaterEqual(self.station.next.height(), 48)
        self.station.view.setFocus()
        QTest.keyClick(self.station.view, Qt.Key.Key_Right)
        self.assertEqual(self.station.number, 1)
        self.assertIn("thread", self.station.needs.text())
        self.assertIn("cannot be reached", self.station.why.text())
        click(self.station.next)
        self.assertEqual((self.station.number, self.station.progress.done), (2, {steps[1].key}))
        click(self.station.back)
        self.assertEqual(self.station.number, 1)
        self.assertEqual(self.station.view.accessibleDescription(), self.station.sentence.text())
        wait_for(lambda: not self.station.drawing)
        self.assertIs(self.station.view.picture, self.station.strip.pictures[1])

    def test_a_step_of_ones_own_is_added_changed_undone_and_taken_out(self) -> None:
        document, own = self.window.document, self.station.own
        self.assertFalse(own.change.isVisible())
        before = len(self.station.steps)

        def dialog() -> StepDialog:
            wait_for(lambda: isinstance(QApplication.activeModalWidget(), StepDialog))
            asked = QApplication.activeModalWidget()
            asked.activateWindow()
            QTest.qWaitForWindowActive(asked)
            return asked

        def say(asked: StepDialog, words: str) -> None:
            asked.words.setFocus()
            asked.words.selectAll()
            QTest.keyClicks(asked.words, words)

        click(own.add)
        asked = dialog()
        click(asked.findChild(QDialogButtonBox).button(QDialogButtonBox.StandardButton.Ok))
        self.assertTrue(asked.reason.isVisible())  # nothing was said yet
        say(asked, "Paint the inside black.")
        asked.when.setCurrentIndex(2)
        write(asked.part, "brush")
        write(asked.length.line, "120")
        QTest.keyClick(asked.length.line, Qt.Key.Key_Tab)
        click(asked.findChild(QDialogButtonBox).button(QDialogButtonBox.StandardButton.Ok))
        self.assertEqual(len(self.station.steps), before + 1)
        (at,) = [n for n, s in enumerate(self.station.steps)
                 if "Paint the inside black." in [str(op.words) for op in s.operations]]
        self.station.take(at)
        self.assertIn("1 x brush, 120 mm", self.station.needs.text())
        click(own.change)
        asked = dialog()
        self.assertEqual(asked.words.toPlainText(), "Paint the inside black.")
        say(asked, "Paint the inside red.")
        click(asked.findChild(QDialogButtonBox).button(QDialogButtonBox.StandardButton.Ok))
        self.assertEqual([w.words for w in some(document.brief.amendments, Work)], ["Paint the inside red."])
        document.undo.undo()
        self.assertEqual([w.words for w in some(document.brief.amendments, Work)],
                         ["Paint the inside black."])
        click(own.remove)
        self.assertEqual(len(self.station.steps), before)

    def test_a_hold_runs_on_while_one_reads_on_and_says_when_it_is_over(self) -> None:
        glued = next(n for n, s in enumerate(self.station.steps) if self.station.table.needs(s).hold_s)
        self.station.take(glued)
        self.assertIn("30", self.station.hold.text())
        click(self.station.hold)
        self.assertEqual(len(self.station.holds.running), 1)
        self.station.step(1)
        self.assertTrue(self.station.holds.isVisible())
        self.station.holds.hold("Step 9", 0.05)
        with mock.patch.object(QApplication, "beep") as beep:
            wait_for(lambda: "Step 9" in self.window.told.words)
            beep.assert_not_called()  # quiet unless it is asked for
        self.assertEqual(len(self.station.holds.running), 1)

    def test_the_picture_is_turned_kept_saved_and_undone(self) -> None:
        document = self.window.document
        before = self.station.view.picture
        self.station.view.setFocus()
        QTest.keyClick(self.station.view, Qt.Key.Key_Right, Qt.KeyboardModifier.ShiftModifier)
        wait_for(lambda: not self.station.drawing and self.station.view.picture is not before)
        self.assertAlmostEqual((self.station.view.picture.yaw_deg - before.yaw_deg) % 360, 15.0, delta=0.2)
        again = project_file.loads(project_file.dumps(document.project))
        self.assertEqual(again.briefs[0].amendments, document.brief.amendments)
        document.undo.undo()
        wait_for(lambda: not self.station.drawing)
        self.assertEqual(self.station.view.picture.yaw_deg, before.yaw_deg)

    def test_steps_are_moved_what_breaks_is_said_and_the_plan_s_order_comes_back(self) -> None:
        keys = [s.key for s in self.station.steps]
        self.station.take(1)
        click(self.station.earlier)
        self.assertEqual([s.key for s in self.station.steps][:2], keys[1::-1])
        self.assertEqual(self.station.current.key, keys[1])
        self.assertIn("Step 2 comes before it", self.station.why.text())
        click(self.station.anew)
        self.assertEqual([s.key for s in self.station.steps], keys)
        self.window.document.undo.undo()
        self.assertEqual(self.station.steps[0].key, keys[1])

    def test_a_step_is_dragged_along_the_strip_to_another_place(self) -> None:
        from mingei.app.step_view import STRIP_WIDE

        keys = [s.key for s in self.station.steps]
        strip = self.station.strip

        def at(number: int) -> QPoint:
            return QPoint(int((number + 0.5) * STRIP_WIDE), 40)

        QTest.mousePress(strip, Qt.MouseButton.LeftButton, pos=at(0))
        QTest.mouseMove(strip, at(1))
        QTest.mouseMove(strip, at(2))
        QTest.mouseRelease(strip, Qt.MouseButton.LeftButton, pos=at(2))
        self.assertEqual([s.key for s in self.station.steps][:3], [keys[1], keys[2], keys[0]])
        self.assertEqual(self.station.current.key, keys[0])
        self.window.document.undo.undo()
        self.assertEqual([s.key for s in self.station.steps], keys)
        QTest.mouseClick(strip, Qt.MouseButton.LeftButton, pos=at(1))
        self.assertEqual(self.station.number, 1)

    def test_copies_go_through_forwards_and_backwards_and_after_a_hold_from_the_first(self) -> None:
        self.assertIn("From copy 1 to copy 5.", self.station.copies_words.text())
        self.station.step(1)
        self.assertIn("From copy 5 to copy 1: the one in hand", self.station.copies_words.text())
        held = next(n for n, s in enumerate(self.station.steps) if self.station.table.needs(s).hold_s)
        self.station.take(held + 1)
        self.assertIn("left alone longest", self.station.copies_words.text())

    def test_copies_are_ticked_and_a_note_is_kept_with_the_step(self) -> None:
        self.station.copies.setValue(3)
        self.assertIn("3 of 5", self.station.copies_words.text())
        write(self.station.note, "hold it longer")
        QTest.keyClick(self.station.note, Qt.Key.Key_Return)
        self.assertEqual(self.window.document.brief.notes, "Step 1: hold it longer")
        self.assertEqual(self.station.note.text(), "")

    def test_the_clock_counts_by_stage_and_stands_when_nothing_happens(self) -> None:
        with mock.patch.object(self.station, "_now", return_value=self.station._now() + 100.0):
            self.station._tick()
        spent = self.station.progress.spent
        self.assertAlmostEqual(spent["crease"], 100.0, delta=5.0)
        late = self.station._now() + 2000.0
        with mock.patch.object(self.station, "_now", return_value=late):
            self.station._tick()
            self.assertIn("the clock stands", self.station.clock.text())
        self.assertAlmostEqual(sum(self.station.progress.spent.values()), 100.0, delta=5.0)

    def test_what_is_planned_is_for_all_copies_as_the_clock_counts_them(self) -> None:
        one = self.station.table.minutes
        self.window.document.set_copies(5)
        self.assertIn(f"about {math.ceil(5 * one)} planned", self.station.clock.text())
        self.assertIn("for all 5", self.station.cost.text())

    def test_pace_and_prices_are_asked_put_in_force_and_undone_and_another_way_is_compared(self) -> None:
        minutes = self.station.table.minutes
        dialog = MakingDialog(self.window.document, self.window)
        for word, value in (("pace", 2.0), ("hour", 12.0), ("other_money", 50.0), ("other_min", 1.0)):
            dialog.fields[word].setValue(value)
        dialog._take()
        self.assertAlmostEqual(self.station.table.minutes, 2 * minutes)
        self.assertIn("By hand is cheaper, however many.", self.station.cost.text())
        self.assertIn("The other way is quicker, however many.", self.station.cost.text())
        dialog = MakingDialog(self.window.document, self.window)
        dialog.fields["once"].setValue(600.0)
        dialog._take()
        # by hand: ten hours at 12.00 are spent once; each one made by hand saves the rest of 50.00
        each = self.station.table.minutes / 60 * 12
        card = self.station.table.card_money(self.window.document.project.paper)
        many = int(120.0 // (50.0 - each - card)) + 1
        self.assertIn(f"By hand is cheaper from {many} on.", self.station.cost.text())
        self.window.document.undo.undo()
        self.window.document.undo.undo()
        self.assertAlmostEqual(self.station.table.minutes, minutes)

    def test_a_seam_s_adhesive_is_chosen_on_draft_and_undone(self) -> None:
        self.window.document.open(new_project(new_brief("tray"), "x", "mm", "A4"))
        self.window.go("draft")
        card, document = self.window.draft().seam, self.window.document
        document.select(Part(document.build.pattern.name, "front left tab"))
        index = card.sticks.findData("hot glue")
        card.sticks.setCurrentIndex(index)
        card.sticks.activated.emit(index)
        self.window.go("build")
        wait_for(lambda: any("burns" in str(c) for s in self.station.steps
                             for c in self.station.table.needs(s).cautions))
        document.undo.undo()
        self.assertEqual(document.brief.amendments, ())

    def test_ticks_copies_and_time_are_there_again_when_the_window_was_killed(self) -> None:
        click(self.station.next)
        self.station.copies.setValue(2)
        self.station.progress.spent["fold"] = 90.0
        self.station.bench.touched()
        at = self.window.state / "bench"
        wait_for(lambda: list(at.glob("*.json")))
        wait_for(lambda: "90" in next(iter(at.glob("*.json"))).read_text())
        again = Bench(self.window.document, at)  # as another process finds it
        found = again.of(self.station.build.brief.id)
        self.assertEqual((found.done, found.made, found.spent["fold"]), ({self.station.steps[0].key}, 2,
                                                                         90.0))
        for wrong in (b"", b"{", b"[1]", b'{"thing-1": 5}'):
            next(iter(at.glob("*.json"))).write_bytes(wrong)
            self.assertEqual(Bench(self.window.document, at).of("thing-1").done, set())

    def test_a_thing_without_steps_says_so(self) -> None:
        self.window.document.open(new_project(new_brief("card-outline", {}), "x", "mm", "A4"))
        self.window.go("build")
        wait_for(lambda: self.station.table is not None
                 and self.station.table.build is self.window.document.build)
        self.assertTrue(self.station.sentence.text())

    def test_the_make_sheet_is_written_and_holds_every_step(self) -> None:
        target = self.folder / "make.pdf"
        with answer_file(target):
            self.window.actions_["make-sheet"].trigger()
        wait_for(target.exists)
        words = " ".join(p.get_textpage().get_text_range()
                         for p in pypdfium2.PdfDocument(target.read_bytes()))
        for step in self.station.steps:
            self.assertIn(f"{step.number}. ", words)
        page = self.folder / "make.html"
        with answer_file(page):
            self.window.actions_["make-sheet"].trigger()
        wait_for(page.exists)
        self.assertIn("Put the thread", page.read_text())

    def test_a_pack_is_published_with_the_terms_that_are_asked_once(self) -> None:
        self.window.actions_["publish"].trigger()
        dialog = QApplication.activeModalWidget() or next(
            w for w in QApplication.topLevelWidgets() if type(w).__name__ == "PublishDialog")
        write(dialog.author, "A. Tern")
        dialog.licence.setCurrentIndex(dialog.licence.findData("CC0-1.0"))
        dialog.project.setChecked(True)
        target = self.folder / "pack.zip"
        with answer_file(target):
            dialog._publish()
        wait_for(target.exists)
        self.assertEqual(self.window.document.project.publishing.author, "A. Tern")
        with zipfile.ZipFile(io.BytesIO(target.read_bytes())) as pack:
            names = pack.namelist()
            self.assertIn("By A. Tern", pack.read("README.txt").decode())
            project = json.loads(pack.read(next(n for n in names if n.endswith(".mingei"))))
        self.assertEqual(project["publishing"]["licence"], "CC0-1.0")
        self.assertIsInstance(dialog.author, QLineEdit)
