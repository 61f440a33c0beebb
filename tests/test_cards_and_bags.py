"""Box envelopes, folders, gusset pockets, standing and outline cards, wrappers and bags: what each must fit,
by hand sums."""

from __future__ import annotations

import math
import unittest
from dataclasses import replace
from itertools import pairwise

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from mingei.core import check
from mingei.core.document.build import Build, build
from mingei.core.document.project import Brief, new_brief
from mingei.core.draft import Crease
from mingei.core.errors import MeasureError
from mingei.core.flat.pattern import Pattern
from mingei.core.folded import fold
from mingei.core.layout.sheets import find_sheet
from mingei.core.plane import contour
from mingei.core.plane.shape import Arc, path_length
from mingei.core.recipes import find_recipe, wrapper
from mingei.core.recipes.card_outline import cut_of, cut_off, mirrored
from mingei.core.recipes.card_stand import leg_length, lies_flat
from mingei.core.sizing import post
from mingei.core.stock import Stock, find_stock
from tests.giving import given_way
from tests.strategies import briefs


def made(recipe: str, caliper: float = 0.2, **values: float | str) -> Build:
    stock = Stock("any", "Any paper", 80, caliper)
    return build(new_brief(recipe, values, stock), stock)


def words_of(result: Build, place: str) -> str:
    return " ".join(words for where, words in result.draft.remarks if where == place)


class BoxEnvelopes(unittest.TestCase):
    def test_a_card_with_something_on_it_has_its_depth_and_its_play(self) -> None:
        result = made("envelope-box", 0.3, width=148.0, height=105.0, depth=9.0)
        assert result.cavity is not None
        self.assertEqual([round(v, 3) for v in result.cavity.size], [154.0, 108.0, 9.0])

    def test_flaps_that_would_meet_give_way(self) -> None:
        for values, name in (({"side": 60.0, "width": 100.0}, "side"), ({"closing": 120.0}, "closing"),
                             ({"round": 25.0, "closing": 40.0}, "round")):
            with self.subTest(values):
                self.assertEqual(set(given_way("envelope-box", values)), {name})


class Folders(unittest.TestCase):
    @given(briefs("folder"))
    def test_closed_every_sheet_of_it_lies_flat(self, drawn: tuple[Brief, Stock]) -> None:
        result = build(*drawn)
        for name, pose in fold.finished(result.pattern).items():
            if name != "spine":
                self.assertAlmostEqual(abs(float(pose[2, 2])), 1.0, places=9, msg=name)
        self.assertTrue(all(c.closes for c in result.closures))

    def test_about_one_line_the_stack_is_leaf_tab_pocket_pocket_tab_leaf(self) -> None:
        result = made("folder", 0.3, pockets="both", spine=0.0)
        at = {name: float(pose[2, 3]) for name, pose in fold.finished(result.pattern).items()}
        order = ["back", "back pocket tab", "back pocket", "front pocket", "front pocket tab", "front"]
        steps = [round(at[b] - at[a], 6) for a, b in pairwise(order)]
        # 0.4 mm is kept in each pocket for what lies in it
        self.assertEqual(steps, [0.3, 0.7, 0.3, 0.7, 0.3])

    def test_a_spine_is_as_wide_as_asked(self) -> None:
        result = made("folder", 0.3, spine=8.0)
        poses = fold.finished(result.pattern)
        self.assertAlmostEqual(float(poses["front"][2, 3] - poses["back"][2, 3]), 8.0 + 0.3, places=9)


class GussetPockets(unittest.TestCase):
    @given(st.integers(1, 5), st.floats(0.08, 0.35), st.floats(0.08, 0.35))
    def test_the_leaves_lie_on_each_other_between_back_and_front_in_any_stock(self, pleats: int, paper: float,
                                                                              own: float) -> None:
        body, gusset = Stock("a", "A", 80, paper), Stock("b", "B", 80, own)
        result = build(new_brief("pocket-gusset", {"pleats": float(pleats)}, body), body,
                       (("gussets", gusset),))
        self.assertTrue(all(c.closes for c in result.closures))
        pocket, left, _ = (fold.finished(p) for p in result.patterns)
        levels = [pocket["back"], *(left[f"left leaf {i + 1}"] for i in range(2 * pleats + 2)),
                  pocket["front"]]
        for number, (a, b) in enumerate(pairwise(float(m[2, 3]) for m in levels)):
            self.assertAlmostEqual(b - a, (paper + own) / 2 if number in (0, 2 * pleats + 2) else own,
                                   places=9)

    def test_its_scores_come_from_alternate_faces_and_it_opens_by_its_pleats(self) -> None:
        result = made("pocket-gusset", pleats=2.0, leaf=15.0)
        for gusset in result.patterns[1:]:
            self.assertEqual([f.crease for f in gusset.folds],
                             [(Crease.MOUNTAIN, Crease.VALLEY)[i % 2] for i in range(5)])
        self.assertIn("60 mm", words_of(result, "gussets"))  # four leaves of 15 mm (plane geometry)
        self.assertEqual({p.part for p in result.patterns}, {"", "gussets"})


class FlatPockets(unittest.TestCase):
    def test_inside_it_is_its_tag_and_an_eighth_of_an_inch(self) -> None:
        made_ = made("pocket-flat", width=50.0, height=90.0)
        self.assertAlmostEqual(made_.draft_box("front").width - 50.0, 25.4 / 8, places=3)  # common practice
        self.assertTrue(all(c.closes for c in made_.closures))

    def test_what_is_in_a_shallow_one_stands_out_no_further_than_it_holds(self) -> None:
        self.assertEqual(set(given_way("pocket-flat", {"stands_out": 100.0})), {"stands_out"})


class Pouches(unittest.TestCase):
    def test_closed_it_lies_flat_leaf_on_leaf(self) -> None:
        pouch = made("pouch", 0.1, thick=0.0)
        at = {name: float(pose[2, 3]) for name, pose in fold.finished(pouch.pattern).items()}
        order = ["back", "foot back", "foot front", "front", "left flap", "closing flap"]
        self.assertEqual([round(at[b] - at[a], 6) for a, b in pairwise(order)], [0.1] * 5)
        creases = {f.child: f.crease for f in pouch.pattern.folds}
        self.assertEqual([creases[n] for n in ("foot back", "foot front", "front")],
                         [Crease.MOUNTAIN, Crease.VALLEY, Crease.MOUNTAIN])

    def test_its_strip_is_as_long_as_its_leaves(self) -> None:
        pouch = made("pouch", 0.05, height=160.0, foot=25.0, closing=40.0, thick=0.0)
        # each fold turned over takes up half a circle of one caliper, the flap's of four (the rule of
        # setbacks by hand)
        self.assertAlmostEqual(pouch.blank.height, 160 * 2 + 25 * 2 + 40 + math.pi / 2 * 0.05 * (3 + 5),
                               delta=0.05)
        self.assertIn("50 mm", words_of(pouch, "foot"))


def _sheared(pattern: Pattern) -> Pattern:
    """A stand with its risers laid over forward: the first riser lies open before the base, every other
    corner is turned over flat."""
    return replace(pattern, folds=tuple(
        f._replace(angle_deg=(1.0 if f.crease is Crease.MOUNTAIN else -1.0)
                   * (0.0 if f.child == "riser 1" else 180.0))
        for f in pattern.folds))


class Stands(unittest.TestCase):
    @given(st.integers(1, 5), st.floats(6, 40), st.floats(6, 40), st.floats(40, 120))
    def test_sheared_forward_all_its_faces_lie_in_one_plane_within_the_stack(self, count: int, riser: float,
                                                                             tread: float,
                                                                            height: float) -> None:
        caliper = 0.2
        result = made("card-stand", caliper, kind="steps", steps=float(count), riser=riser, tread=tread,
                      height=height, top="straight")
        flat = _sheared(result.pattern)
        poses = fold.pose(flat)
        points = np.concatenate([fold.place(m, flat.by_name[name].polygon) for name, m in poses.items()])
        for name, pose in poses.items():
            self.assertAlmostEqual(abs(float(pose[2, 2])), 1.0, places=9, msg=name)
        # every panel on its own sheet of card at most
        self.assertLess(float(np.ptp(points[:, 2])), (2 * count + 4) * caliper)
        long = float(np.ptp(points[:, 1]))
        self.assertAlmostEqual(long, lies_flat(result.brief.values), delta=(2 * count + 4) * caliper)

    def test_it_says_both_sizes(self) -> None:
        words = words_of(made("card-stand", steps=2.0, riser=20.0, tread=15.0, height=70.0, width=100.0),
                         "size")
        self.assertIn("standing 100 mm", words)
        self.assertIn("110 mm", words)  # two risers of 20 and a front of 70
        self.assertIn("folded flat 100 mm", words)

    def test_valley_and_mountain_take_turns(self) -> None:
        creases = {f.child: f.crease for f in made("card-stand", steps=2.0).pattern.folds}
        self.assertEqual([creases[n] for n in ("tread 1", "riser 2", "tread 2", "front")],
                         [Crease.MOUNTAIN, Crease.VALLEY, Crease.MOUNTAIN, Crease.VALLEY])

    @given(st.integers(2, 30), st.integers(8, 30), st.floats(40, 300))
    def test_a_prop_reaches_the_table(self, lean: int, more: int, height: float) -> None:
        result = made("card-stand", 0.2, kind="prop", lean=float(lean), swing=float(lean + more),
                      height=height, width=80.0, top="straight")
        front, prop = result.patterns
        foot = fold.place(fold.finished(prop)["leg"], prop.by_name["leg"].polygon)
        # two sheets of card off the nominal line
        self.assertAlmostEqual(float(foot[:, 2].min()), 0.0, delta=0.4)
        self.assertGreater(leg_length(result.brief.values), 0.4 * height)
        self.assertTrue(all(c.closes for c in result.closures))
        self.assertAlmostEqual(float(fold.place(fold.finished(front)["front"],
                                                front.by_name["front"].polygon)[:, 2].max()),
                               height * math.cos(math.radians(lean)), delta=0.3)

    def test_an_arched_top_is_as_high_as_asked(self) -> None:
        box = made("card-stand", kind="prop", width=90.0, height=120.0, top="arched").patterns[0].box
        self.assertAlmostEqual(box.height, 120.0, places=6)

    def test_what_would_fall_is_refused(self) -> None:
        with self.assertRaises(MeasureError):
            made("card-stand", kind="steps", height=20.0, width=200.0)
        self.assertEqual(set(given_way("card-stand", {"kind": "prop", "lean": 30.0, "swing": 20.0})),
                         {"swing"})


class Creases(unittest.TestCase):
    def test_a_fold_turned_right_over_takes_the_gain_of_two_right_angles(self) -> None:
        stock = find_stock("card-300")
        plain, gaining = (build(new_brief("card"), each).pattern.box
                          for each in (stock, replace(stock, crease_gain_mm=0.1)))
        # the gain is measured over 90 degrees
        self.assertAlmostEqual(gaining.width - plain.width, 0.2, places=9)
        self.assertAlmostEqual(gaining.height, plain.height, places=9)


class OutlineCards(unittest.TestCase):
    @given(st.sampled_from(["round", "heart", "drop", "star", "arch", "leaf", "house", "gull"]),
           st.sampled_from(["left", "top"]),
           st.floats(60, 300), st.floats(0.1, 0.6))
    def test_the_fold_is_as_long_as_asked_and_front_and_back_match(self, outline: str, side: str,
                                                                   width: float, share: float) -> None:
        values = {"outline": outline, "side": side, "width": width,
                  "fold": max(10.0, round(share * width, 2)), "drawn": ""}
        try:
            result = made("card-outline", **values)
        except MeasureError:
            return
        values = {**values, **find_recipe("card-outline").settled(result.brief.values)}
        cut = cut_of(values)
        straight = outline in ("house", "arch")  # where a whole side is straight, the fold is as long as it
        self.assertTrue(cut.fold_mm >= values["fold"] - 1e-6 if straight
                        else abs(cut.fold_mm - values["fold"]) < 0.01)
        areas = [p.area for p in result.pattern.panels]
        self.assertAlmostEqual(areas[0], areas[1], places=6)
        self.assertAlmostEqual(result.outside[2], 0.4)

    def test_a_round_card_folded_along_its_diameter_is_half_a_circle(self) -> None:
        # found by a property: the chord of half a circle leaves nothing of it
        made_so = made("card-outline", 0.1, outline="round", width=280.0, fold=280.0)
        self.assertAlmostEqual(made_so.area_mm2, math.pi * 140.0**2, delta=280.0)

    def test_a_round_card_against_the_circle(self) -> None:
        path = contour.path(contour.sized(contour.read("0,0,180 100,0,180"), 100.0))
        cut = cut_off(path, 60.0)
        turned = sum(sweep for _, sweep in cut.curves)
        # a chord of 60 in a circle of 100 stands over an arc of 2 asin 0.6 (plane geometry)
        self.assertAlmostEqual(turned, 360 - 2 * math.degrees(math.asin(0.6)), places=6)

    def test_cut_and_mirrored_it_keeps_its_outline_length(self) -> None:
        result = made("card-outline", 0.1, outline="heart", side="left", width=110.0, fold=45.0)
        cut = cut_of(result.brief.values)
        arcs = dict(cut.curves)
        around = 0.0
        for i, (a, b) in enumerate(pairwise(cut.outline)):
            chord = math.dist(a, b)
            half = math.radians(abs(arcs.get(i, 0.0))) / 2
            around += chord if half == 0 else chord / 2 / math.sin(half) * 2 * half
        drawn = path_length(result.pattern.cuts[0])
        # the fold itself takes a quarter circle each side
        self.assertAlmostEqual(drawn, 2 * around, delta=0.5)
        self.assertTrue(any(isinstance(s, Arc) for s in result.pattern.cuts[0]))  # cut as arcs, not as chords
        self.assertAlmostEqual(mirrored(mirrored(cut)).fold_mm, cut.fold_mm)

    def test_a_fold_longer_than_it_is_high_or_across_two_lobes_gives_way(self) -> None:
        for values in ({"outline": "round", "width": 60.0, "fold": 200.0},
                       {"outline": "heart", "side": "top", "fold": 20.0}):
            with self.subTest(values):
                self.assertEqual(set(given_way("card-outline", values)), {"fold"})


class Wrappers(unittest.TestCase):
    @given(st.floats(30, 300), st.floats(20, 400), st.floats(3, 150), st.floats(0, 10), st.floats(5, 13))
    def test_its_flat_is_the_girth_and_the_fin(self, width: float, length: float, thick: float, play: float,
                                               fin: float) -> None:
        result = made("wrapper", 0.04, width=width, length=length, thick=thick, play=play, fin=fin, trim=5.0)
        # two flaps of the fin; each of four corners takes one caliper, each of the fin's two folds, outward,
        # gives one back (by hand)
        self.assertAlmostEqual(result.blank.width, wrapper.girth(result.brief.values) + 2 * fin + 2 * 0.04,
                               delta=0.01)
        self.assertAlmostEqual(wrapper.girth(result.brief.values), 2 * (width + thick) + 4 * play)
        self.assertAlmostEqual(result.blank.height,
                               length + play + 2 * (wrapper.end_mm(result.brief.values) + 5.0), places=6)
        self.assertTrue(all(c.closes for c in result.closures))

    def test_pressed_ends_meet_in_the_middle_of_the_thickness(self) -> None:
        values = made("wrapper", thick=30.0, play=0.0, ends="pressed", press=12.0).brief.values
        self.assertEqual(wrapper.end_mm(values), 15.0 + 12.0)

    def test_it_says_what_shows_and_what_is_trimmed(self) -> None:
        result = made("wrapper", width=60.0, length=90.0, play=0.0, trim=4.0)
        self.assertIn("54 mm", words_of(result, "front"))
        self.assertIn("4 mm", words_of(result, "trim"))


class Bags(unittest.TestCase):
    def test_sides_are_scored_to_fold_inward_and_lie_flat_when_it_stands_open(self) -> None:
        result = made("bag", 0.15)
        middle = next(f for f in result.patterns[0].folds if f.child == "right side back")
        self.assertEqual((middle.angle_deg, middle.crease), (0.0, Crease.VALLEY))
        poses = fold.finished(result.patterns[0])
        np.testing.assert_allclose(poses["right side front"][:3, 2], poses["right side back"][:3, 2],
                                   atol=1e-12)

    @given(briefs("bag"))
    def test_the_holes_of_wall_turn_and_card_lie_over_each_other(self, drawn: tuple[Brief, Stock]) -> None:
        result = build(*drawn)
        pieces = {p.name: p for p in result.patterns}
        bag = pieces["bag"]
        poses = fold.finished(bag)
        for wall in ("front", "back"):
            through = [(bag, poses, wall), (bag, poses, f"{wall} turn")]
            if f"{wall} card" in pieces:
                through.append((pieces[f"{wall} card"], fold.finished(pieces[f"{wall} card"]),
                                f"{wall} card"))
            middles = []
            for pattern, at, name in through:
                holes = pattern.by_name[name].hole_polygons
                found = [fold.place(at[name], [tuple(np.mean(h, axis=0))])[0] for h in holes]
                middles.append(sorted((float(x), float(z)) for x, _, z in found))
            for other in middles[1:]:
                for (ax, az), (bx, bz) in zip(middles[0], other, strict=True):
                    self.assertAlmostEqual(ax, bx, delta=0.05)
                    self.assertAlmostEqual(az, bz, delta=1.2)  # the fold goes round card and stiffening

    def test_open_it_measures_what_was_asked(self) -> None:
        result = made("bag", 0.1, width=180.0, depth=80.0, height=230.0, card="plain")
        self.assertAlmostEqual(result.outside[0], 180.0, delta=0.5)
        self.assertAlmostEqual(result.outside[1], 80.0, delta=0.5)
        self.assertAlmostEqual(result.outside[2], 230.0, delta=1.2)

    def test_it_says_how_long_a_strap_is(self) -> None:
        self.assertIn("390 mm", words_of(made("bag", strap=350.0), "straps"))  # 40 mm for its knots


class Posted(unittest.TestCase):
    def test_what_is_out_of_bounds_is_named(self) -> None:
        letter = next(p for p in post.POSTS if p.name == "international letter")
        for size, why in (((139, 90, 1, 10), "too small"), ((250, 160, 1, 10), "too large"),
                          ((200, 100, 6, 10), "too thick"),
                          ((200, 100, 1, 200), "too heavy"), ((200, 100, 1, 10), "")):
            with self.subTest(size):
                self.assertEqual(post.why_not(letter, *size), why)

    def test_a_square_card_is_no_letter_for_machines(self) -> None:
        letter = next(p for p in post.POSTS if p.name == "US letter")
        self.assertIn("proportions", post.why_not(letter, 140.0, 140.0, 1.0, 20.0))
        self.assertEqual(post.why_not(letter, 184.0, 133.0, 1.0, 20.0), "")

    def test_an_envelope_says_what_it_goes_as_its_source_and_to_ask(self) -> None:
        (found,) = [f for f in check.run(made("envelope-side", width=148.0, height=105.0), find_sheet("A3"))
                    if f.code == "post"]
        self.assertIn("international letter", str(found.sentence))
        self.assertIn("ask locally", str(found.remedy))
        self.assertRegex(str(found.remedy), r"20\d\d")

    def test_a_box_envelope_too_thick_for_a_letter_says_so(self) -> None:
        (found,) = [f for f in check.run(made("envelope-box", 0.3, depth=30.0), find_sheet("A3")) if f.code
                    == "post"]
        self.assertIn("too thick", str(found.sentence))

    def test_the_smallest_sheet_that_gives_one_is_named(self) -> None:
        (found,) = [f for f in check.run(made("tag", 0.3), find_sheet("A3")) if f.code == "yield"]
        self.assertIn("A6", str(found.sentence))


if __name__ == "__main__":
    unittest.main()
