"""Fins: two flaps folded back outwards and glued to each other, in place of a tab."""

from __future__ import annotations

import json
import math
import random
import unittest

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from mingei.core import joints
from mingei.core.amendments.amend import SeamChange, seams
from mingei.core.document.build import Build, build
from mingei.core.document.project import new_brief
from mingei.core.draft import Crease
from mingei.core.errors import MeasureError, StockError
from mingei.core.folded import fold
from mingei.core.recipes import Value, find_recipe
from mingei.core.stock import Stock
from mingei.formats.fold_json import fold_file
from tests.test_mesh import BODIES, SOAK, _overlapping, made_of, shared


def with_fins(recipe: str, caliper: float = 0.3, **values: Value) -> Build:
    """A thing with a fin at every seam."""
    stock = Stock("any", "Any stock", 250, caliper)
    brief = new_brief(recipe, values, stock)
    for name in seams(find_recipe(recipe).draft(brief.values)):
        brief = brief.with_seam(SeamChange(name, joints.FIN.word))
    return build(brief, stock)


class Fins(unittest.TestCase):
    def test_where_something_slides_over_a_fin_is_refused(self) -> None:
        for recipe in ("sleeve", "lid-base", "prism"):
            drafted = find_recipe(recipe).draft(new_brief(recipe).values)
            refused = [name for name in seams(drafted) if joints.FIN.why_not(drafted, name)]
            self.assertTrue(refused, recipe)
            for name in refused:
                with self.assertRaises(MeasureError):
                    new_brief(recipe).with_seam(SeamChange(name, joints.FIN.word))

    @given(st.sampled_from(["tray", "pyramid", "frustum-box", "polyhedron"]), st.floats(0.1, 0.4))
    def test_both_flaps_stand_in_the_middle_of_their_corner_face_on_face(self, recipe: str,
                                                                         caliper: float) -> None:
        made = with_fins(recipe, caliper)
        posed = fold.finished(made.pattern)
        for seam in made.pattern.seams:
            a, b, carrier, host = (posed[n][:3, 2] for n in (seam.name, seam.fellow, seam.carrier, seam.host))
            self.assertAlmostEqual(float(a @ b), -1.0, places=6)  # printed face on printed face
            # as far from one panel as from the other
            self.assertAlmostEqual(float(a @ carrier), float(b @ host), places=6)
        for closure in made.closures:
            self.assertTrue(closure.closes, closure)
            self.assertAlmostEqual(closure.wanted_mm, caliper)

    def test_a_fin_leans_back_by_half_of_what_is_left_to_flat(self) -> None:
        made = with_fins("tray")  # corners of 90 degrees: each flap turns back by 45
        flaps = [f for f in made.pattern.folds
                 if f.child in {n for s in made.pattern.seams for n in (s.name, s.fellow)}]
        self.assertEqual(len(flaps), 2 * len(made.pattern.seams))
        for f in flaps:
            self.assertEqual((f.crease, round(abs(f.angle_deg), 9)), (Crease.VALLEY, 45.0))

    def test_a_fin_stands_outside_and_leaves_the_inside_alone(self) -> None:
        made = with_fins("tray")
        assert made.cavity is not None
        self.assertTrue(made.cavity.fits)
        low, high = np.zeros(3), np.array(made.draft.inside_mm)
        posed = fold.finished(made.pattern)
        for seam in made.pattern.seams:
            tip = fold.place(posed[seam.name], made.pattern.by_name[seam.name].polygon)
            self.assertTrue(((tip[:, :2] < low[:2] + 0.2) | (tip[:, :2] > high[:2] - 0.2)).any(axis=1).all())

    @settings(max_examples=60 if SOAK else 8)
    @given(st.sampled_from(["lump", "cone", "capsule"]), st.floats(0.1, 0.35),
           st.randoms(use_true_random=False))
    def test_a_fin_may_join_two_pieces(self, name: str, caliper: float, chance: random.Random) -> None:
        plain = made_of(BODIES[name](), caliper=caliper)
        own = {q.name: p.name for p in plain.draft.pieces for q in p.panels}
        may = [s for p in plain.draft.pieces for s in p.seams
               if s.joint is joints.GLUE_TAB and s.angle_deg > 20.0 and own[s.carrier.panel] !=
               own[s.host.panel]]
        brief = plain.brief
        for seam in chance.sample(may, min(4, len(may))):
            brief = brief.with_seam(SeamChange(seam.name, joints.FIN.word))
        try:
            made = build(brief, plain.stock)
        except StockError as error:
            self.assertIn("no room", str(error))
            return
        fins = [(p, s) for p in made.patterns for s in p.seams if s.fellow]
        self.assertEqual(len(fins), min(4, len(may)))
        closures = {c.seam: c for p in made.patterns for c in fold.closure(p, made.patterns)}
        for piece, seam in fins:
            self.assertNotIn(seam.fellow, piece.by_name)
            self.assertTrue(closures[seam.name].closes, closures[seam.name])
            words = " ".join(step.words for step in made.steps)
            self.assertIn(f"Glue the two flaps of the {seam.name} to each other.", words)
        moved = {name for step in made.steps for name in step.panels}
        self.assertLessEqual({n for _, s in fins for n in (s.name, s.fellow)}, moved)
        self.assertEqual([pair for p in made.patterns for pair in _overlapping(p)], [])
        outside = {s.name for _, s in fins} | {s.fellow for _, s in fins}
        for found in shared(made):
            if {found.a.split("/")[1], found.b.split("/")[1]} & outside:
                self.assertLess(found.volume, 10 * caliper**3 + 0.1, found)

    def test_two_flaps_are_alike(self) -> None:
        made = with_fins("tray")
        seam = made.pattern.seams[0]
        heights = [max(y for _, y in made.pattern.by_name[n].polygon) for n in (seam.name, seam.fellow)]
        self.assertAlmostEqual(heights[0], heights[1])
        tops = [sorted(x for x, y in made.pattern.by_name[n].polygon if math.isclose(y, heights[0]))
                for n in (seam.name, seam.fellow)]
        self.assertEqual(len(tops[0]), 2)
        for x, other in zip(tops[0], tops[1], strict=True):
            self.assertAlmostEqual(x, other)

    def test_where_there_is_no_room_it_is_refused_with_a_remedy(self) -> None:
        with self.assertRaises(StockError) as caught:
            with_fins("pyramid", 1.0, sides=12.0, across=80.0, height=300.0)
        self.assertIn("fin", str(caught.exception))
        self.assertIn("tape", str(caught.exception))

    def test_steps_and_the_fold_file_say_it(self) -> None:
        made = with_fins("tray")
        words = " ".join(str(s.words) for s in made.steps)
        self.assertIn("Fold the two flaps of the front left tab", words)
        self.assertIn("Glue the two flaps of the front left tab to each other", words)
        kinds = {s["kind"] for s in json.loads(fold_file(made))["mingei:seams"]}
        self.assertEqual(kinds, {"fin"})


if __name__ == "__main__":
    unittest.main()
