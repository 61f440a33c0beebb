"""The stock cabinet, its file, and the test strip."""

from __future__ import annotations

import math
import random
import tempfile
import unittest
from dataclasses import replace
from itertools import pairwise
from pathlib import Path

from hypothesis import given
from hypothesis import strategies as st

from mingei.core.cabinet.stocks import Cabinet, differs, matching, redrafted
from mingei.core.cabinet.strip import SPACINGS_MM, Reading, What, comb_widths, fit, strip_drawing
from mingei.core.document.build import build
from mingei.core.document.project import new_brief, new_project
from mingei.core.errors import ProjectError, StockError
from mingei.core.folded.fold import finished, place
from mingei.core.stock import CATALOGUE, Faced, Stock, find_stock
from mingei.formats import project_file, stock_file

_MINE = Stock("mine", "My own board", 400, 0.62, 0.1, "board", price=0.8, layers=2, faced=Faced.ONE)


class Keeping(unittest.TestCase):
    def test_there_are_at_least_forty_everyday_stocks_of_every_kind(self) -> None:
        self.assertGreaterEqual(len(CATALOGUE), 40)
        self.assertEqual({s.kind for s in CATALOGUE},
                         {"paper", "card", "board", "corrugated", "film", "fabric", "padding"})
        self.assertEqual(len({s.id for s in CATALOGUE}), len(CATALOGUE))

    def test_a_stock_of_ones_own_stands_in_the_place_of_the_catalogues_until_it_is_taken_out(self) -> None:
        thick = replace(find_stock("card-300"), caliper_mm=0.43)
        cabinet = Cabinet().with_stock(thick)
        self.assertEqual([s.caliper_mm for s in cabinet.stocks if s.id == "card-300"], [0.43])
        self.assertEqual([s.caliper_mm for s in cabinet.without("card-300").stocks if s.id == "card-300"],
                         [0.4])

    def test_a_copy_has_a_name_and_an_id_of_its_own(self) -> None:
        cabinet = Cabinet()
        for _ in range(3):
            cabinet = cabinet.with_stock(cabinet.copy_of(find_stock("card-300")))
        self.assertEqual(len({s.id for s in cabinet.stocks}), len(CATALOGUE) + 3)
        self.assertEqual(len({s.name for s in cabinet.stocks}), len(CATALOGUE) + 3)

    def test_stocks_are_found_by_what_people_call_them(self) -> None:
        cover = Stock("c", "Cover", 175.8, 0.24)
        self.assertEqual(matching([cover, _MINE], "65lb cover"), (cover,))
        self.assertEqual(matching([cover, _MINE], "OWN board"), (_MINE,))
        self.assertEqual(matching([cover, _MINE], "0,62mm"), (_MINE,))
        self.assertEqual(matching([cover, _MINE], ""), (cover, _MINE))
        self.assertEqual(matching([cover, _MINE], "nothing such"), ())

    def test_the_file_gives_back_what_was_put_in(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder, "deep", stock_file.NAME)
            self.assertEqual(stock_file.load(path), Cabinet())
            cabinet = Cabinet((_MINE, replace(_MINE, id="b", faced=Faced.NONE)))
            stock_file.save(cabinet, path)
            self.assertEqual(stock_file.load(path), cabinet)

    def test_a_broken_file_is_refused_with_its_name_and_stays(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder, stock_file.NAME)
            for text in ("", "{", "[]", "[" * 5000, '{"mingei-stocks": 9, "stocks": []}',
                         '{"mingei-stocks": 1, "stocks": [{"id": 3}]}',
                         '{"mingei-stocks": 1, "stocks": [{"id": "a", "name": "a", "grammage_gsm": 1e99, '
                         '"caliper_mm": 1}]}',
                         '{"mingei-stocks": 1, "stocks": [{"id": "a", "name": "a", "grammage_gsm": 80, '
                         '"caliper_mm": 0.1, "layers": 1.5}'
                         ']}'):
                path.write_text(text, encoding="utf-8")
                with self.assertRaises(ProjectError) as caught:
                    stock_file.load(path)
                self.assertIn(str(path), str(caught.exception))
                self.assertEqual(path.read_text(encoding="utf-8"), text)

    def test_the_project_carries_its_stock_with_price_layers_and_faces(self) -> None:
        project = new_project(new_brief("tray")).with_stock(0, _MINE)
        self.assertEqual(project_file.loads(project_file.dumps(project)).stocks, (_MINE,))

    def test_what_a_stock_cannot_be_is_refused(self) -> None:
        for change in ({"price": -1.0}, {"layers": 0}, {"kind": "jelly"}, {"score_passes": 0},
                       {"caliper_mm": 99.0}):
            self.assertRaises(StockError, replace, _MINE, **change)


class Anew(unittest.TestCase):
    def test_a_project_made_of_a_stock_measured_anew_offers_to_follow_and_says_by_how_much(self) -> None:
        project = new_project(new_brief("carton"))
        measured = replace(find_stock("card-300"), caliper_mm=0.5)
        cabinet = Cabinet().with_stock(measured)
        self.assertEqual(differs(project, cabinet), (measured,))
        (said,) = redrafted(project, measured)
        before, after = (build(project.briefs[0], s) for s in (find_stock("card-300"), measured))
        self.assertIn(f"+{after.blank.width - before.blank.width:.1f}".rstrip("0").rstrip("."), said)
        self.assertEqual(differs(project.with_stock_as(measured), cabinet), ())

    def test_a_stock_only_renamed_or_priced_asks_for_nothing(self) -> None:
        project = new_project(new_brief("carton"))
        self.assertEqual(differs(project,
                                 Cabinet().with_stock(replace(find_stock("card-300"), price=2.0, name="x"))),
                         ())

    def test_what_can_no_longer_be_built_is_said_before_anything_changes(self) -> None:
        project = new_project(new_brief("carton"))
        thick = replace(find_stock("card-300"), caliper_mm=3.0)
        (said,) = redrafted(project, thick)
        self.assertIn("cannot be built", said)
        self.assertRaises(StockError, project.with_stock_as, thick)


def _readings(t: float, k: float, noise: float = 0.0, seed: int = 1) -> list[Reading]:
    dice = random.Random(seed)
    result = [Reading(What.STACK, n, n * t + dice.gauss(0, noise)) for n in (5, 10)]
    for s in SPACINGS_MM:
        result += [Reading(What.INSIDE, s, s - t - k + dice.gauss(0, noise)),
                   Reading(What.OUTSIDE, s, s + t - k + dice.gauss(0, noise))]
    return result


class Strip(unittest.TestCase):
    @given(st.floats(0.1, 4), st.floats(-0.2, 1.5))
    def test_exact_readings_give_back_thickness_and_gain(self, t: float, k: float) -> None:
        if k > 4 * t:
            return
        found = fit(_readings(t, k))
        self.assertAlmostEqual(found.caliper_mm, t, places=9)
        self.assertAlmostEqual(found.gain_mm, k, places=9)

    def test_by_hand_three_readings(self) -> None:
        # ten pieces stand 4 mm high; a channel of 20 is 19.5 inside and 20.3 outside: t = 0.4, k = 0.1
        found = fit([Reading(What.STACK, 10, 4.0), Reading(What.INSIDE, 20, 19.5),
                     Reading(What.OUTSIDE, 20, 20.3)])
        self.assertAlmostEqual(found.caliper_mm, 0.4)
        self.assertAlmostEqual(found.gain_mm, 0.1)

    def test_the_intervals_hold_the_truth_about_as_often_as_they_say(self) -> None:
        held = [0, 0]
        for seed in range(400):
            found = fit(_readings(0.5, 0.2, 0.05, seed))
            held[0] += abs(found.caliper_mm - 0.5) <= found.caliper_off
            held[1] += abs(found.gain_mm - 0.2) <= found.gain_off
        for count in held:  # 95 % of 400 is 380, give or take 13 (three standard deviations of the binomial)
            self.assertTrue(367 <= count <= 393, held)

    def test_a_channel_folded_from_the_pattern_is_as_wide_as_the_fit_says(self) -> None:
        # the tray's base between two walls is such a channel: measured on the folded model, the fit finds the
        # stock it was drafted for
        stock = Stock("x", "x", 500, 0.8, 0.25)
        readings = [Reading(What.STACK, 10, 8.0)]
        for length in (40.0, 60.0, 90.0):
            made = build(new_brief("tray", {"length": 60.0, "width": length, "height": 20.0}, stock), stock)
            lines = {f.child: f for f in made.pattern.folds}
            scored = abs(lines["front"].start[1] - lines["back"].start[1])
            posed = finished(made.pattern)
            ys = [place(posed[w], made.pattern.by_name[w].polygon, h)[:, 1] for w in ("front", "back")
                  for h in (0.4, -0.4)]
            outside = max(y.max() for y in ys) - min(y.min() for y in ys)
            readings += [Reading(What.OUTSIDE, scored, float(outside)),
                         Reading(What.INSIDE, scored, float(outside) - 1.6)]
        found = fit(readings)
        self.assertAlmostEqual(found.caliper_mm, 0.8, places=6)
        self.assertAlmostEqual(found.gain_mm, 0.25, places=6)

    def test_too_few_or_impossible_readings_are_refused_with_the_remedy(self) -> None:
        inside = [Reading(What.INSIDE, s, s - 0.6) for s in SPACINGS_MM]
        for readings in ([], _readings(0.4, 0.1)[:2], inside, [*inside, Reading(What.STACK, 5, -1.0)],
                         [*inside, Reading(What.STACK, 5, math.nan)],
                         [*(r._replace(measured=r.nominal * 3) for r in inside),
                          Reading(What.STACK, 5, 2.0)]):
            self.assertRaises(StockError, fit, readings)

    def test_the_sheet_has_the_folds_at_the_spacings_they_are_named_by(self) -> None:
        for stock in map(find_stock, ("copy-80", "card-300", "corrugated-c")):
            drawing = strip_drawing(stock)
            xs = sorted(s.path[0].start[0] for s in drawing.strokes if s.ink == "score-mountain")
            for got, wanted in zip((b - a for a, b in pairwise(xs)), SPACINGS_MM, strict=True):
                self.assertAlmostEqual(got, wanted)
            for stroke in drawing.strokes:
                for segment in stroke.path:
                    for x, y in (segment.start, segment.end):
                        self.assertTrue(0 <= x <= drawing.width and 0 <= y <= drawing.height, stroke)
            self.assertTrue(min(comb_widths(stock.caliper_mm)) < stock.caliper_mm
                            < max(comb_widths(stock.caliper_mm)))


if __name__ == "__main__":
    unittest.main()
