"""Lining up: fewer placings of the rule, counted by the plan, on no more sheets and with nothing lost."""

from __future__ import annotations

import random
import unittest
from dataclasses import replace
from functools import partial
from unittest import mock

from mingei.core.document.build import build, loads_of_all
from mingei.core.document.project import new_brief
from mingei.core.layout.laying import Spot
from mingei.core.layout.place import arrange, spots_of
from mingei.core.layout.sheets import find_sheet
from mingei.core.stock import find_stock
from mingei.core.work.lining import line_up
from mingei.core.work.plan import Working, work_on
from tests.windows import WindowTest, click, wait_for

A4 = find_sheet("A4")


def small_cartons(seed: int, kinds: int = 4):
    """A kit by lot of cartons of which several lie on a sheet."""
    dice = random.Random(seed)
    return tuple(replace(new_brief("carton", {"length": dice.choice((40.0, 50.0, 60.0, 75.0)),
                                              "width": dice.choice((25.0, 30.0, 35.0)),
                                              "height": dice.choice((15.0, 20.0, 25.0))}),
                         id=f"c{i}", stock="card-200", copies=dice.choice((1, 2, 3))) for i in range(kinds))


def loads_by_lot(seed: int):
    return loads_of_all(build(b, find_stock(b.stock)) for b in small_cartons(seed))


def counted(pages) -> int:
    return sum(len(work_on(page).placements) for page in pages)


class LiningUp(unittest.TestCase):
    def test_a_tenth_fewer_placings_on_as_many_sheets_with_every_piece_there_and_its_gap_kept(self) -> None:
        before = after = 0
        for seed in range(3):
            loads = loads_by_lot(seed)
            plain = arrange(loads, A4).pages
            last = list(line_up(loads, A4, tries=240))[-1]
            lined = arrange(loads, A4, last.spots).pages
            self.assertEqual(last.before, counted(plain))
            self.assertEqual(last.now, counted(lined))
            self.assertLessEqual(len(lined), len(plain))
            self.assertEqual(sorted(i.key for p in lined for i in p.items),
                             sorted(i.key for p in plain for i in p.items))
            for page in lined:
                boxes = [i.box for i in page.items]
                for n, a in enumerate(boxes):
                    for b in boxes[n + 1:]:
                        apart = max(b.left - a.right, a.left - b.right, b.bottom - a.top, a.bottom - b.top)
                        self.assertGreaterEqual(apart, A4.laying.gap - 1e-3)
            before, after = before + last.before, after + last.now
        self.assertLessEqual(after, 0.88 * before)

    def test_what_a_person_holds_in_place_stays_there(self) -> None:
        loads = loads_by_lot(1)
        held = tuple(s._replace(locked=True) for s in spots_of(arrange(loads, A4).pages) if s.page == 0)
        last = list(line_up(loads, A4, held, tries=120))[-1]
        now: dict[object, Spot] = {s.key: s for s in last.spots}
        for spot in held:
            self.assertEqual((now[spot.key].x, now[spot.key].y), (spot.x, spot.y))

    def test_the_same_seed_gives_the_same_layout_and_one_sheet_of_one_piece_is_left_alone(self) -> None:
        loads = loads_by_lot(2)
        one, two = (list(line_up(loads, A4, tries=60))[-1] for _ in range(2))
        self.assertEqual(one.spots, two.spots)
        alone = loads_of_all([build(new_brief("tray"), find_stock("card-300"))])
        last = list(line_up(alone, A4, working=Working()))[-1]
        self.assertEqual(last.before, last.now)


class InTheWindow(WindowTest):
    def test_fewer_placings_are_found_in_the_background_and_undone_as_one_step(self) -> None:
        from mingei.core.document.project import Project

        document = self.window.document
        document.open(Project("Lined", small_cartons(0, 3), stocks=(find_stock("card-200"),)))
        self.window.go("score")
        station = self.window.station_of("score")
        # a search as short as finds something here
        with mock.patch("mingei.core.work.lining.line_up", partial(line_up, tries=150)):
            click(station.order.fewer)
            wait_for(lambda: not station.order.search.busy and document.project.spots)
        self.assertIn("instead of", station.order.state.text())
        document.undo.undo()
        self.assertEqual(document.project.spots, ())
