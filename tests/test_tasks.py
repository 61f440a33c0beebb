"""What the hand does on a sheet, task by task: grooves of a board, pricks on the waste, one order said
once."""

from __future__ import annotations

import unittest

from mingei.assets import demo_file
from mingei.core.document.build import loads_of_all
from mingei.core.errors import MeasureError
from mingei.core.layout.lettering import width
from mingei.core.layout.place import arrange
from mingei.core.layout.sheets import find_sheet
from mingei.core.whole.joined import builds_of
from mingei.core.work.board import NEAR_MM, on_board
from mingei.core.work.lines import Face, lines_of
from mingei.core.work.marks import marks_of
from mingei.core.work.plan import GROOVES_MM, Fence, When, Working, check_working, work_on
from mingei.core.work.plan_pages import plan_pages
from mingei.core.work.tasks import Sort, strokes_of, tasks
from mingei.core.work.waste import Waste
from mingei.formats import project_file


class TasksOfTheDemo(unittest.TestCase):
    @classmethod
    def setUpClass(cls) -> None:
        project = project_file.load(demo_file())
        cls.pages = arrange(loads_of_all(builds_of(project)), project.paper).pages
        cls.works = [work_on(page) for page in cls.pages]

    def test_every_placement_and_every_cut_is_one_task_and_the_sheet_is_turned_once(self) -> None:
        for work in self.works:
            found = tasks(work)
            self.assertEqual(sorted(x.number for x in found if x.number), [p.number for p in work.placements])
            self.assertEqual(sum(x.sort is Sort.CUT for x in found), len(work.cuts))
            self.assertLessEqual(sum(x.sort is Sort.TURN for x in found), 1)
            faces = [x.face for x in found if x.sort is not Sort.CUT]
            self.assertEqual(faces, sorted(faces, key=list(Face).index))

    def test_scoring_after_cutting_is_the_same_work_the_other_way_round(self) -> None:
        work = self.works[0]
        other = work_on(work.page, Working(when=When.AFTER))
        before, after = [x.sort for x in tasks(work)], [x.sort for x in tasks(other)]
        self.assertIs(after[0], Sort.CUT)
        self.assertIsNot(before[0], Sort.CUT)
        self.assertEqual(sorted(before), sorted(after))

    def test_a_groove_is_named_only_where_the_line_lies_on_it_counted_by_hand(self) -> None:
        for pitch in GROOVES_MM:
            for fence in Fence:
                for page in self.pages:
                    work = work_on(page, Working(groove_mm=pitch, fence=fence))
                    by_number = {p.number: p for p in work.placements}
                    for push in on_board(work, pitch):
                        self.assertLess(push.spacer_mm, pitch)
                        named = dict(push.grooves)
                        for number in (*named, *push.rest):
                            p = by_number[number]
                            axis = 0 if push.edge == "left" else 1
                            at = (p.start[axis] + p.end[axis]) / 2
                            at = work.box.height - at if push.edge == "upper" else at
                            off = abs(at + push.spacer_mm - pitch * round((at + push.spacer_mm) / pitch))
                            self.assertEqual(off <= NEAR_MM + 1e-9, number in named, (off, number))
                            if number in named:
                                self.assertAlmostEqual(at + push.spacer_mm, pitch * named[number],
                                                       delta=NEAR_MM + 1e-9)

    def test_no_spacer_in_twentieths_of_a_mm_brings_more_lines_onto_grooves(self) -> None:
        pitch = 10.0
        gained = whole = without = 0
        for page in self.pages:
            work = work_on(page, Working(groove_mm=pitch))
            by_number = {p.number: p for p in work.placements}
            for push in on_board(work, pitch):
                lines = [by_number[n].start[0 if push.edge == "left" else 1]
                         for n in (*dict(push.grooves), *push.rest)]
                best = max(sum(abs(at + k / 20 - pitch * round((at + k / 20) / pitch)) <= NEAR_MM
                               for at in lines) for k in range(200))
                self.assertGreaterEqual(len(push.grooves), best)
                gained, whole = gained + len(push.grooves), whole + len(lines)
                without += sum(abs(at - pitch * round(at / pitch)) <= NEAR_MM for at in lines)
        self.assertGreater(gained, 2 * without)
        self.assertGreater(gained, 0.3 * whole)

    def test_pricks_lie_on_the_line_of_their_placement_and_on_the_waste_where_they_say_so(self) -> None:
        spare = count = 0
        for work in self.works:
            waste = Waste(work.box, lines_of(work.page).cuts)
            by_number = {p.number: p for p in work.placements}
            marks = marks_of(work)
            self.assertEqual(len(marks), 2 * len(work.placements))
            for mark in marks:
                p = by_number[mark.number]
                (ax, ay), (bx, by) = p.start, p.end
                off = ((bx - ax) * (mark.at[1] - ay) - (by - ay) * (mark.at[0] - ax)) / p.length
                self.assertLess(abs(off), 1e-6)
                self.assertEqual(mark.on_waste, waste.holds(mark.at) if mark.on_waste else False)
                spare, count = spare + mark.on_waste, count + 1
        self.assertGreater(spare, 0.5 * count)

    def test_what_is_shown_of_a_placement_is_what_it_scores(self) -> None:
        for work in self.works:
            for p in work.placements:
                self.assertAlmostEqual(sum(s.length for path in strokes_of(p) for s in path), p.scored_mm,
                                       places=6)

    def test_a_template_names_what_it_is_laid_on_and_comes_first(self) -> None:
        for page in self.pages[:6]:
            first = str(tasks(work_on(page, Working(template=True)))[0].words)
            self.assertIn(page.stock.name, first)
            for item in page.items:
                self.assertIn(str(item.load.words), first)

    def test_two_alike_are_cut_at_once_only_where_the_stock_is_thin(self) -> None:
        said = 0
        for work in self.works:
            names = [i.load.words for i in work.page.items]
            wanted = 2 * work.stock.caliper_mm <= 0.4 and len(set(names)) < len(names)
            found = [x for x in tasks(work) if str(x.short) == "Two alike at once"]
            self.assertEqual(len(found), int(wanted))
            said += len(found)
        self.assertGreater(said, 0)

    def test_grooves_no_board_has_are_refused(self) -> None:
        for mm in (-1.0, 0.5, 80.0):
            with self.assertRaises(MeasureError):
                check_working(Working(groove_mm=mm))


class OnPaper(unittest.TestCase):
    def test_each_number_and_sentence_is_on_pages_of_a4_and_letter_within_their_margins(self) -> None:
        project = project_file.load(demo_file())
        pages = arrange(loads_of_all(builds_of(project)), project.paper).pages
        works = [work_on(page) for page in pages[::4]]
        for name in ("A4", "Letter"):
            sheet = find_sheet(name)
            drawn = plan_pages(works, sheet, "Tern Point")
            words = " ".join(x.words for page in drawn for x in page.texts).split()
            for work in works:
                for task in tasks(work):
                    self.assertIn(str(task.words).split()[-1], words)
                    if task.label and task.paths:
                        self.assertGreaterEqual(words.count(task.label), 1)
            for page in drawn:
                for x in page.texts:
                    self.assertGreater(x.at[1], sheet.margin)
                    self.assertLess(x.at[0] + width(x.words, x.size, x.bold), sheet.width - sheet.margin + 3)
                for stroke in page.strokes:
                    for s in stroke.path:
                        self.assertTrue(0 < s.end[0] < sheet.width and 0 < s.end[1] < sheet.height)
