"""Placements of the rule: as few as there are distinct lines, and every score covered."""

from __future__ import annotations

import itertools
import math
import random
import unittest
from collections.abc import Sequence

from hypothesis import given
from hypothesis import strategies as st

from mingei.assets import demo_file
from mingei.core.document.build import build, loads_of_all
from mingei.core.document.project import new_brief
from mingei.core.draft import Crease
from mingei.core.flat.blank import Kind
from mingei.core.layout.drawing import Whose
from mingei.core.layout.place import Page, arrange
from mingei.core.layout.sheets import find_sheet
from mingei.core.plane.shape import distance_to_segment
from mingei.core.recipes import recipes
from mingei.core.stock import find_stock
from mingei.core.whole.joined import builds_of
from mingei.core.work.lines import Face, Faces, Score, lines_of
from mingei.core.work.placements import WITHIN_MM, in_order, placements
from mingei.formats import project_file

WHOSE = Whose("t", "p", 0, Kind.SCORE, 0)


def score(x0: float, y0: float, x1: float, y1: float, face: Face = Face.PRINTED) -> Score:
    return Score((x0, y0), (x1, y1), face, Crease.MOUNTAIN, 90.0, WHOSE)


def hull_width(scores: Sequence[Score]) -> float:
    """How far apart two parallel lines must be that hold all ends between them: the least over the directions
    of pairs of ends, by brute force."""
    points = [p for s in scores for p in (s.start, s.end)]
    best = math.inf
    for i, a in enumerate(points):
        for b in points[i + 1:]:
            length = math.dist(a, b)
            if length < 1e-9:
                continue
            nx, ny = (b[1] - a[1]) / length, (a[0] - b[0]) / length
            offs = [nx * x + ny * y for x, y in points]
            best = min(best, max(offs) - min(offs))
    return best


def distinct(scores: Sequence[Score]) -> int:
    """How many lines there are, by brute force: each score, the longest first, joins the first line it
    fits."""
    lines: list[list[Score]] = []
    for each in sorted(scores, key=lambda s: -s.length):
        for line in lines:
            if line[0].face is each.face and hull_width([*line, each]) <= 2 * WITHIN_MM + 1e-9:
                line.append(each)
                break
        else:
            lines.append([each])
    return len(lines)


def kits(count: int, seed: int) -> list[Page]:
    """Sheets of things by lot, as they are laid out."""
    lot, pages = random.Random(seed), []
    names = sorted(set(recipes()) - {"ball-bands", "ball-gores", "dome", "pillow", "profile-wall"})
    for _ in range(count):
        made = []
        for name in lot.sample(names, 3):
            brief = new_brief(name)
            made.append(build(brief, find_stock(brief.stock)))
        pages += arrange(loads_of_all(made), find_sheet(lot.choice(("A4", "Letter", "A3")))).pages
    return pages


class Fewest(unittest.TestCase):
    def assertPlanned(self, scores: Sequence[Score]) -> None:
        found = in_order(placements(scores))
        self.assertEqual(sum(len(p.scores) for p in found), len(scores))
        for p in found:
            for s in p.scores:
                for end in (s.start, s.end):
                    self.assertLessEqual(distance_to_segment(end, p.start, p.end), WITHIN_MM + 1e-6)
                middle = ((s.start[0] + s.end[0]) / 2, (s.start[1] + s.end[1]) / 2)
                ux, uy = (p.end[0] - p.start[0]) / p.length, (p.end[1] - p.start[1]) / p.length
                at = (middle[0] - p.start[0]) * ux + (middle[1] - p.start[1]) * uy
                self.assertTrue(any(a - 1e-6 <= at <= b + 1e-6 for a, b in p.strokes))
        faces = [p.face for p in found]
        # one turn-over
        self.assertLessEqual(sum(a is not b for a, b in itertools.pairwise(faces)), 1)

    def test_every_sheet_of_the_demo_has_as_many_placements_as_lines(self) -> None:
        project = project_file.load(demo_file())
        for page in arrange(loads_of_all(builds_of(project)), project.paper).pages:
            scores = lines_of(page).scores
            self.assertPlanned(scores)
            self.assertEqual(len(placements(scores)), distinct(scores), page.number)

    def test_kits_by_lot_have_as_many_placements_as_lines(self) -> None:
        for page in kits(25, 7):
            scores = lines_of(page).scores
            self.assertPlanned(scores)
            self.assertLessEqual(len(placements(scores)), distinct(scores))

    @given(
        st.lists(st.tuples(st.floats(0, 200), st.floats(5, 80),
                           st.sampled_from([0.0, 30.0, 60.0, 60.04, 90.0]),
                              st.sampled_from([0.0, 12.0, 12.06, 12.11, 40.0])), min_size=1, max_size=12))
    def test_parallel_lines_near_each_other_are_shared_and_no_others(self,
                                                                     drawn: list[tuple[float, ...]]) -> None:
        scores = []
        for along, length, off, level in drawn:
            scores.append(score(along, off + level, along + length, off + level))
        self.assertPlanned(scores)
        # independently: stabbing sorted offsets from the left
        offs, lines = sorted(s.start[1] for s in scores), 0
        reach = -math.inf
        for off in offs:
            if off > reach + 1e-9:
                lines, reach = lines + 1, off + 2 * WITHIN_MM
        self.assertLessEqual(len(placements(scores)), lines)  # a line hardly turned may serve more

    def test_scores_of_two_faces_never_share_and_the_hand_turns_once(self) -> None:
        scores = [score(0, 10, 50, 10), score(60, 10, 90, 10, Face.BACK), score(0, 0, 0, 50, Face.BACK)]
        found = in_order(placements(scores))
        self.assertEqual([p.face for p in found], [Face.PRINTED, Face.BACK, Face.BACK])

    def test_a_gap_between_two_scores_on_one_line_is_not_scored(self) -> None:
        (one,) = placements([score(10, 20, 84, 20), score(120, 20.03, 164, 20.03)])
        self.assertEqual([tuple(round(v, 3) for v in s) for s in one.strokes], [(0.0, 74.0), (110.0, 154.0)])

    def test_the_rule_travels_from_the_datum_and_does_not_jump(self) -> None:
        scores = [score(50, 0, 50, 40), score(10, 0, 10, 40), score(0, 30, 60, 30), score(0, 5, 60, 5),
                  score(0, 0, 40, 20)]
        found = in_order(placements(scores))
        self.assertEqual([(p.upright, p.level) for p in found],
                         [(True, False), (True, False), (False, True), (False, True), (False, False)])
        self.assertEqual([round(found[0].start[0]), round(found[1].start[0])], [10, 50])
        self.assertEqual([round(found[2].start[1]), round(found[3].start[1])], [5, 30])


class Schools(unittest.TestCase):
    def test_faces_go_by_the_school(self) -> None:
        made = build(new_brief("pocket-gusset"), find_stock("card-160"))
        (page, *_) = arrange(loads_of_all([made]), find_sheet("A3")).pages
        own = lines_of(page).scores
        self.assertEqual({s.face for s in own}, {Face.PRINTED, Face.BACK})
        for s in own:
            self.assertEqual(s.face is Face.PRINTED, s.crease is Crease.MOUNTAIN)
        self.assertEqual({s.face for s in lines_of(page, Faces.BACK).scores}, {Face.BACK})


if __name__ == "__main__":
    unittest.main()
