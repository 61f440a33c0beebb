"""The Log station: written down, measured, looked for, taken out and back, taught by, exported and brought
in; damaged files have a way out."""

from __future__ import annotations

from unittest import mock

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QFileDialog

from mingei.assets import demo_models
from mingei.core.document.project import new_brief, new_project
from mingei.core.document.table import table
from mingei.core.logbook import fits
from mingei.core.logbook.entry import Entry
from mingei.core.whole.assembly import order
from mingei.core.whole.joined import joined
from mingei.formats import project_file
from mingei.formats.logbook import Logbook
from tests.windows import WindowTest, answer_file, click, wait_for, write

#: The stages before the table.
_BENCH = ("print", "score", "cut")


class Station(WindowTest):
    def setUp(self) -> None:
        super().setUp()
        self.window.desk.on_demo = False  # the demo has a logbook of its own
        self.window.document.open(new_project(new_brief("carton"), "Lamp shop", "mm", "A4"))

    def show(self):
        self.window.go("log")
        station = self.window.station_of("log")
        wait_for(lambda: not station.reading)
        return station

    @property
    def at(self):
        return self.window.settings.data / "log"

    def test_a_whole_is_written_down_with_all_its_things_and_a_guest_alone(self) -> None:
        document = self.window.document
        document.open(project_file.load(demo_models()))
        station = self.show()
        found = joined(document.project)
        things = order(found, 0)
        self.assertGreater(len(things), 8)
        for number in things:
            station.bench.of(document.project.briefs[number].id).spent["fold"] = 60.0
        click(station.log)
        entry = station.entry.entry
        self.assertEqual(entry.thing, f"Microscope foot, whole, of {len(things)} things")
        self.assertEqual(entry.spent, (("fold", float(len(things))),))
        wanted = sum(stage.minutes * found.build_of(n).brief.copies for n in things
                     for stage in table(found.build_of(n), document.project.making._replace(pace=1.0)).stages)
        at_the_table = sum(m for word, m in entry.planned if word not in _BENCH)
        self.assertAlmostEqual(at_the_table, wanted, places=6)
        self.assertTrue(entry.photos)
        document.look_at(things[0])
        click(station.log)
        self.assertEqual(station.entry.entry.thing, document.project.briefs[things[0]].name)

    def fill(self, count: int) -> None:
        stock = self.window.document.build.stock.name
        book = Logbook(self.at)
        for n in range(count):
            book.put(Entry(f"e{n}", f"2026-01-{n + 1:02d}", "Lamp shop", f"Carton {n}", "carton", stock, 0.4,
                           asked=(140.0, 32.0, 18.0), measured=(139.7 + n * 0.01, 31.7, 17.7 - n * 0.01),
                           planned=(("fold", 5.0),), spent=(("fold", 7.5 + n * 0.1),), across=99.5,
                           along=99.6))
        book.close()

    def test_what_was_made_is_written_down_measured_and_kept(self) -> None:
        station = self.show()
        station.bench.of(self.window.document.brief.id).spent["fold"] = 600.0
        click(station.log)
        entry = station.entry.entry
        self.assertEqual((entry.thing, entry.asked, entry.minutes),
                         ("Slim carton", (140.0, 32.0, 18.0), 10.0))
        write(station.entry.sides[0], "139.6")
        QTest.keyClick(station.entry.sides[0].line, Qt.Key.Key_Return)
        station.entry.stars.setCurrentIndex(4)
        station.entry.stars.activated.emit(4)
        station.entry.change.setPlainText("score deeper")
        station.entry.keep()
        kept = Logbook(self.at).get(entry.id)
        self.assertEqual((kept.measured[0], kept.stars, kept.change), (139.6, 4, "score deeper"))
        self.assertTrue(kept.photos)
        self.assertIn("-0.40 mm", station.entry.rule.accessibleDescription())
        self.assertIn("Lamp shop", kept.snapshot)

    def test_what_was_reckoned_is_written_down_for_all_copies_as_what_was_spent_is(self) -> None:
        self.window.document.set_copies(7)
        station = self.show()
        click(station.log)
        build = self.window.document.build
        one = {s.word: s.minutes
               for s in table(build, self.window.document.project.making._replace(pace=1.0)).stages}
        planned = dict(station.entry.entry.planned)
        self.assertEqual({*planned}, {*one, *_BENCH})
        for word, minutes in one.items():
            self.assertAlmostEqual(planned[word], 7 * minutes)

    def test_a_total_is_shared_over_all_that_was_planned_with_the_cutting(self) -> None:
        # 69 min reckoned and 60 written: that is quicker than reckoned, whatever stage the clock ran for
        station = self.show()
        station.bench.of(self.window.document.brief.id).spent["fold"] = 600.0
        click(station.log)
        reckoned = sum(m for _, m in station.entry.entry.planned)
        self.assertTrue({*_BENCH} < {word for word, _ in station.entry.entry.planned})
        station.entry.minutes.setValue(round(0.87 * reckoned))
        entry = station.entry.entry
        pace = fits.ratio([(m, dict(entry.spent)[word]) for word, m in entry.planned])
        self.assertAlmostEqual(pace.value, entry.minutes / reckoned, places=6)
        self.assertAlmostEqual(entry.reckoned_min, reckoned)

    def test_a_clock_that_ran_for_one_stage_is_held_against_that_stage(self) -> None:
        entry = Entry("e", "2026-01-01", "Lamp shop", planned=(("fold", 5.0), ("cut", 20.0)),
                      spent=(("fold", 6.0),))
        self.assertEqual(entry.reckoned_min, 5.0)

    def test_edits_are_kept_by_themselves_within_seconds(self) -> None:
        self.fill(1)
        station = self.show()
        station.entry.change.setPlainText("thinner card")
        wait_for(lambda: Logbook(self.at).get("e0").change == "thinner card")

    def test_what_is_no_size_is_refused_beside_the_field_and_nothing_is_lost(self) -> None:
        self.fill(1)
        station = self.show()
        station.entry._change(measured=(1e9, 0.0, 0.0))
        self.assertTrue(station.entry.reason.isVisible())
        self.assertEqual(Logbook(self.at).get("e0").measured[1], 31.7)

    def test_it_is_looked_for_as_one_types(self) -> None:
        self.fill(12)
        station = self.show()
        self.assertEqual(len(station.found), 12)
        write(station.words, "carton 7")
        wait_for(lambda: len(station.found) == 1)
        self.assertEqual(station.entry.entry.id, "e7")
        write(station.words, "nothing like it")
        wait_for(lambda: len(station.found) == 0)
        self.assertFalse(station.entry.isVisible())

    def test_an_entry_is_taken_out_and_brought_back(self) -> None:
        self.fill(3)
        station = self.show()
        gone = station.entry.entry.id
        station._remove(gone)
        self.assertIsNone(Logbook(self.at).get(gone))
        click(station.back)
        self.assertIsNotNone(Logbook(self.at).get(gone))

    def test_lessons_are_taken_over_by_a_press_and_undone(self) -> None:
        self.fill(8)
        station = self.show()
        document = self.window.document
        wait_for(lambda: len(station.lessons.presses) == 2)
        pace = next(p for p in station.lessons.presses if "pace" in p.text())
        click(pace)
        self.assertAlmostEqual(document.project.making.pace, 1.57, delta=0.05)
        document.undo.undo()
        self.assertEqual(document.project.making.pace, 1.0)

    def test_each_question_has_its_answer_in_words_too(self) -> None:
        self.fill(8)
        station = self.show()
        for row, words in ((0, "against what was asked"), (1, "A bar of 100 mm"), (2, "times as long")):
            station.question.setCurrentIndex(row)
            station.question.activated.emit(row)
            wait_for(lambda words=words: words in station.answer.text())
            self.assertEqual(station.plot.accessibleDescription(), station.answer.text())
            self.assertTrue(station.plot.question.spots)

    def test_made_again_the_project_of_then_is_on_the_bench(self) -> None:
        station = self.show()
        click(station.log)
        self.window.document.set_measure("width", 44.0)
        self.window.document.undo.setClean()
        self.window.document.saved(self.folder / "x.mingei", self.window.document.project)
        station.entry.again.emit(station.entry.entry)
        self.assertEqual(self.window.document.brief.values["width"], 32.0)

    def test_out_and_in_and_backup(self) -> None:
        self.fill(3)
        station = self.show()
        target = self.folder / "log.json"
        with answer_file(target):
            station._export()
        self.assertTrue(target.exists())
        station.book.remove("e1")
        with mock.patch.object(QFileDialog, "getOpenFileName", return_value=(str(target), "")):
            station._import()
        self.assertEqual(station.book.count(), 3)
        with answer_file(self.folder / "b.sqlite"):
            station._backup()
        self.assertGreater((self.folder / "b.sqlite").stat().st_size, 0)

    def test_the_demo_has_a_logbook_of_its_own_and_leaves_one_s_own_alone(self) -> None:
        self.window.desk.on_demo = True
        station = self.show()
        self.assertEqual(station.book.count(), 24)
        self.assertFalse(self.at.exists())
        self.window.desk.on_demo = False
        station.refresh()
        self.assertEqual(station.book.count(), 0)

    def test_a_damaged_logbook_is_said_with_a_plain_way_out(self) -> None:
        self.at.mkdir(parents=True)
        (self.at / "log.sqlite").write_bytes(b"no database at all" * 100)
        station = self.show()
        self.assertIn("cannot be used", station.broken.text())
        click(station.aside)
        self.assertFalse(station.broken.isVisible())
        self.assertEqual(station.book.count(), 0)
        click(station.log)
        self.assertEqual(station.book.count(), 1)
