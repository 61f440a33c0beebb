"""The stock cabinet, the test strip and scaling, driven as a person drives them."""

from __future__ import annotations

import unittest
from dataclasses import replace
from pathlib import Path
from typing import TypeVar

import pypdfium2
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QDialog, QLineEdit, QMessageBox, QPushButton

from mingei.app.cabinet import CabinetDialog
from mingei.app.drawers import DrawerDialog
from mingei.app.scaling import ScaleDialog
from mingei.app.stations.brief import BriefStation
from mingei.app.strip import StripDialog
from mingei.core.cabinet.strip import SPACINGS_MM, What
from mingei.core.check import run
from mingei.core.document.project import new_brief, new_project
from mingei.core.layout.sheets import SHEETS
from mingei.core.recipes import find_recipe
from mingei.core.stock import find_stock
from mingei.formats import project_file, stock_file
from tests.windows import WindowTest, every, settle, wait_for

D = TypeVar("D", bound=QDialog)


class Dialogs(WindowTest):
    def opened(self, kind: type[D]) -> D:
        """The dialog of a kind that is open."""
        wait_for(lambda: any(isinstance(w, kind) and w.isVisible() for w in QApplication.topLevelWidgets()))
        return next(w for w in QApplication.topLevelWidgets() if isinstance(w, kind) and w.isVisible())

    def write(self, line: QLineEdit, text: str) -> None:
        line.window().activateWindow()
        line.setFocus()
        wait_for(line.hasFocus)
        line.selectAll()
        QTest.keyClicks(line, text)
        QTest.keyClick(line, Qt.Key.Key_Tab)
        settle(1)

    def press(self, dialog: QDialog, words: str) -> None:
        button = next(b for b in every(dialog, QPushButton) if b.text().replace("&", "") == words)
        QTest.mouseClick(button, Qt.MouseButton.LeftButton)
        settle(1)

    def shut_dialogs(self) -> None:
        for widget in QApplication.topLevelWidgets():
            if isinstance(widget, QDialog) and widget.isVisible():
                widget.reject()
        settle(1)

    def tearDown(self) -> None:
        self.shut_dialogs()


class Cabinet(Dialogs):
    def test_a_stock_measured_by_the_person_is_kept_in_a_file_and_the_project_follows_when_asked(
        self) -> None:
        before = self.window.document.build.blank.width
        self.key(Qt.Key.Key_F7)
        dialog = self.opened(CabinetDialog)
        self.write(dialog.lines["caliper"], "18 pt")
        self.assertAlmostEqual(dialog.stock.caliper_mm, 0.4572)
        self.assertEqual(stock_file.load(self.folder / stock_file.NAME).own[0].caliper_mm,
                         dialog.stock.caliper_mm)
        # nothing moves before it is asked for
        self.assertEqual(self.window.document.build.blank.width, before)
        self.assertIn("Tide pencil carton", dialog.changes.text())
        self.press(dialog, "Draft anew")
        self.assertGreater(self.window.document.build.blank.width, before)
        self.window.document.undo.undo()
        self.assertEqual(self.window.document.build.blank.width, before)

    def test_a_copy_is_changed_used_and_taken_out_and_each_change_undone(self) -> None:
        self.window.actions_["cabinet"].trigger()
        dialog = self.opened(CabinetDialog)
        self.press(dialog, "Copy")
        self.write(dialog.lines["name"], "Cereal box")
        self.write(dialog.lines["grammage"], "65 lb cover")
        self.assertAlmostEqual(dialog.stock.grammage_gsm, 175.8, places=1)
        self.press(dialog, "Use it for this thing")
        document = self.window.document
        self.assertEqual(document.project.stock_of(document.brief).name, "Cereal box")
        self.press(dialog, "Undo")
        self.assertAlmostEqual(dialog.stock.grammage_gsm, 300.0)
        self.press(dialog, "Take out")
        self.assertNotIn("Cereal box", [s.name for s in dialog.shelf.cabinet.stocks])
        self.press(dialog, "Undo")
        self.assertIn("Cereal box", [s.name for s in dialog.shelf.cabinet.stocks])

    def test_it_is_searched_by_the_names_people_use(self) -> None:
        self.window.actions_["cabinet"].trigger()
        dialog = self.opened(CabinetDialog)
        QTest.keyClicks(dialog.search, "corrugated 3mm")
        self.assertEqual([s.id for s in dialog.shown], ["corrugated-b"])

    def test_what_cannot_be_is_said_and_the_stock_stays(self) -> None:
        self.window.actions_["cabinet"].trigger()
        dialog = self.opened(CabinetDialog)
        kept = dialog.stock
        for key, text in (("caliper", "thick"), ("grammage", "65 lb"), ("price", "dear"),
                          ("caliper", "99 mm"), ("name", " ")):
            self.write(dialog.lines[key], text)
            self.assertTrue(dialog.reason.isVisible(), text)
            self.assertEqual(dialog.stock, kept)
            dialog._show()

    def test_board_is_built_up_from_layers_and_kept(self) -> None:
        self.window.actions_["cabinet"].trigger()
        dialog = self.opened(CabinetDialog)
        self.write(dialog.lines["target"], "2 mm")
        self.assertIn("5 layers reach 2.2 mm, 0.2 mm too thick", dialog.built.text())
        dialog.keep.click()
        settle(1)
        self.assertEqual(dialog.stock.kind, "board")
        self.assertTrue(dialog.shelf.cabinet.is_own(dialog.stock.id))

    def test_a_broken_file_of_stocks_is_said_and_never_written_over(self) -> None:
        (self.folder / stock_file.NAME).write_text("{", encoding="utf-8")
        other = self.open_window(None, demo=True)
        box = self.opened(QMessageBox)
        self.assertIn("broken", box.informativeText())
        box.reject()
        other.document.shelf.put(find_stock("card-160"))
        self.assertEqual((self.folder / stock_file.NAME).read_text(encoding="utf-8"), "{")

    def test_opening_what_was_drafted_before_a_stock_was_measured_offers_to_draft_it_anew(self) -> None:
        path = self.folder / "old.mingei"
        project_file.save(new_project(new_brief("carton")), path)
        self.window.document.shelf.put(replace(find_stock("card-300"), caliper_mm=0.45))
        self.window.desk.open_file(path)
        box = next(w for w in QApplication.topLevelWidgets() if isinstance(w, QMessageBox) and w.objectName()
                   == "anew")
        self.assertIn("Slim carton", box.informativeText())
        next(b for b in box.buttons() if "anew" in b.text()).click()
        self.assertEqual(self.window.document.build.stock.caliper_mm, 0.45)
        self.assertTrue(self.window.document.dirty)


class Strip(Dialogs):
    def test_measured_numbers_become_the_stock(self) -> None:
        self.window.actions_["cabinet"].trigger()
        cabinet = self.opened(CabinetDialog)
        self.press(cabinet, "Test strip…")
        dialog = self.opened(StripDialog)
        self.assertFalse(dialog.take.isEnabled())
        self.write(dialog.lines[What.STACK, 10], "4.5")
        for spacing in SPACINGS_MM[:2]:
            self.write(dialog.lines[What.INSIDE, spacing], f"{spacing - 0.45 - 0.12:.3f}")
            self.write(dialog.lines[What.OUTSIDE, spacing], f"{spacing + 0.45 - 0.12:.3f}")
        self.assertIn("0.45 mm", dialog.said.text())
        self.press(dialog, "The stock is so")
        self.assertAlmostEqual(cabinet.stock.caliper_mm, 0.45, places=3)
        self.assertAlmostEqual(cabinet.stock.crease_gain_mm, 0.12, places=3)

    def test_a_number_that_cannot_be_is_said(self) -> None:
        self.window.actions_["cabinet"].trigger()
        self.press(self.opened(CabinetDialog), "Test strip…")
        dialog = self.opened(StripDialog)
        self.write(dialog.lines[What.STACK, 5], "two")
        self.assertFalse(dialog.take.isEnabled())
        self.assertIn("two", dialog.said.text())

    def test_the_strip_is_written_as_a_pdf_of_its_own_size(self) -> None:
        self.window.actions_["cabinet"].trigger()
        self.press(self.opened(CabinetDialog), "Test strip…")
        dialog, path = self.opened(StripDialog), Path(self.folder, "strip.pdf")
        dialog.save_to(path)
        self.wait_for_jobs()
        width, height = pypdfium2.PdfDocument(str(path))[0].get_size()
        self.assertAlmostEqual(width / 72 * 25.4, 190.0, places=2)
        self.assertAlmostEqual(height / 72 * 25.4, 150.0, places=2)


class Scaling(Dialogs):
    def scale(self) -> ScaleDialog:
        self.window.actions_["scale"].trigger()
        return self.opened(ScaleDialog)

    def test_twice_the_size_is_one_step_that_can_be_undone(self) -> None:
        length = self.window.document.brief.values["length"]
        dialog = self.scale()
        self.assertIn("too large", dialog.consequence.text())
        self.press(dialog, "Draft it anew")
        self.assertEqual(self.window.document.brief.values["length"], 2 * float(length))
        self.window.document.undo.undo()
        self.assertEqual(self.window.document.brief.values["length"], length)

    def test_every_way_of_saying_the_size_gives_its_factor(self) -> None:
        dialog = self.scale()
        length = float(self.window.document.brief.values["length"])
        dialog.way.setCurrentIndex(1)
        self.assertAlmostEqual(dialog.factor, 2.0)
        dialog.way.setCurrentIndex(2)
        self.assertAlmostEqual(dialog.factor, 80 / 60)
        dialog.way.setCurrentIndex(3)
        self.assertAlmostEqual(dialog.factor, 200.0 / length)
        dialog.way.setCurrentIndex(4)
        self.assertGreater(dialog.factor, 0.2)

    def test_what_cannot_be_built_is_said_and_not_offered(self) -> None:
        dialog = self.scale()
        self.write(dialog.lines["factor"], "90")
        self.assertIn("outside what this recipe builds", dialog.reason.text())
        self.assertFalse(dialog.draft.isEnabled())

    def test_enlarging_the_drawing_is_there_and_is_found_by_the_checks(self) -> None:
        self.press(self.scale(), "Enlarge the drawing instead")
        self.assertEqual(self.window.document.brief.enlarged, 2.0)
        self.assertIn("enlarged", [f.code for f in run(self.window.document.build, SHEETS[0])])

    def test_the_whole_kit_is_scaled_together(self) -> None:
        dialog = self.scale()
        self.write(dialog.lines["factor"], "0.9")
        dialog.all.setChecked(True)
        before = self.window.document.project.briefs
        self.press(dialog, "Draft it anew")
        for a, b in zip(before, self.window.document.project.briefs, strict=True):
            for measure in find_recipe(a.recipe).measures:
                if measure.kind == "length":
                    factor = 1.0 if measure.stays else 0.9
                    self.assertAlmostEqual(float(b.values[measure.name]),
                                           factor * float(a.values[measure.name]))


class Drawers(Dialogs):
    def test_bins_are_made_to_fill_a_drawer(self) -> None:
        document = self.window.document
        document.set_recipe("bin")
        document.set_stock(find_stock("corrugated-b"))
        self.window.go("brief")
        brief = self.window.station_of("brief")
        assert isinstance(brief, BriefStation)
        brief.outside.drawer.click()
        dialog = self.opened(DrawerDialog)
        self.assertIn("12 of them", dialog.said.text())
        self.write(dialog.lines["height"], "7 mm")
        self.assertFalse(dialog.make.isEnabled())
        self.write(dialog.lines["height"], "60 mm")
        self.press(dialog, "Make them so")
        self.assertEqual(document.brief.copies, 12)
        self.assertAlmostEqual(document.build.outside[0], 380 / 3 - 1, places=4)

    def test_a_blank_is_written_and_the_inside_follows(self) -> None:
        self.window.go("brief")
        brief = self.window.station_of("brief")
        assert isinstance(brief, BriefStation)
        wide = self.window.document.build.blank.width
        self.write(brief.outside.blank[0].line, f"{wide + 10:.3f}")
        self.assertAlmostEqual(self.window.document.build.blank.width, wide + 10, places=2)


if __name__ == "__main__":
    unittest.main()
