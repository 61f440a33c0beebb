"""Doubled seams: a tab inside, and a strap over the outside."""

from __future__ import annotations

import json
import unittest

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from mingei.core import joints
from mingei.core.amendments.amend import SeamChange, seams
from mingei.core.check.making import _overlapping
from mingei.core.covering.overlay import Overlay
from mingei.core.document.build import Build, build
from mingei.core.document.project import new_brief
from mingei.core.document.table import holds_of
from mingei.core.draft import strap_name
from mingei.core.errors import MeasureError, StockError
from mingei.core.folded import fold
from mingei.core.folded.collide import collisions
from mingei.core.recipes import Value, find_recipe
from mingei.core.stock import Stock
from mingei.formats.fold_json import fold_file


def doubled(recipe: str, caliper: float = 0.3, moved: bool = False, **values: Value) -> Build:
    """A thing with every seam doubled that can be."""
    stock = Stock("any", "Any stock", 250, caliper)
    brief = new_brief(recipe, values, stock)
    for name in seams(brief.drafted):
        if not joints.DOUBLE.why_not(brief.drafted, name, moved):
            brief = brief.with_seam(SeamChange(name, joints.DOUBLE.word, moved))
    return build(brief, stock)


class Doubled(unittest.TestCase):
    @given(st.sampled_from(["carton", "tray", "frustum-box", "lid-base", "bin", "pyramid", "strut-base"]),
           st.data())
    def test_tab_and_strap_lie_on_both_faces_and_nothing_overlaps(self, recipe: str,
                                                                  data: st.DataObject) -> None:
        kind = find_recipe(recipe)
        made = doubled(recipe, data.draw(st.floats(max(0.1, kind.thinnest), min(2.0, kind.thickest))))
        t = made.stock.caliper_mm
        straps = 0
        for pattern in made.patterns:
            self.assertEqual(list(_overlapping(pattern)), [])
            self.assertEqual(len(pattern.cuts), 1 + sum(len(p.holes) for p in pattern.panels))
            self.assertEqual(collisions(pattern), ())
            posed = fold.finished(pattern)
            for seam in pattern.seams:
                if seam.outside:
                    straps += 1
                    host, lying = posed[seam.host], posed[seam.name]
                    self.assertAlmostEqual(float((lying[:3, 3] - host[:3, 3]) @ host[:3, 2]), t, 6)
        self.assertGreater(straps, 0)
        for closure in made.closures:
            self.assertTrue(closure.closes, closure)
        if made.cavity is not None:
            self.assertTrue(made.cavity.fits)

    def test_the_strap_is_on_the_panel_the_tab_lands_in_and_goes_over_the_one_that_bears_it(self) -> None:
        made = doubled("tray")
        seam = made.pattern.seams[0]
        strap = next(s for s in made.pattern.seams if s.name == strap_name(seam.name))
        self.assertEqual((strap.carrier, strap.host), (seam.host, seam.carrier))
        self.assertEqual((seam.outside, strap.outside), (False, True))

    def test_a_tab_that_was_moved_has_its_strap_on_the_other_panel(self) -> None:
        one, other = (next(s for s in doubled("tray", moved=m).pattern.seams if s.outside)
                      for m in (False, True))
        self.assertEqual((one.carrier, one.host), (other.host, other.carrier))

    def test_the_outside_grows_by_the_strap_and_the_inside_is_as_before(self) -> None:
        plain, twice = build(new_brief("tray"), Stock("any", "Any", 250, 0.5)), doubled("tray", 0.5)
        assert plain.cavity is not None and twice.cavity is not None
        self.assertEqual(plain.cavity.size, twice.cavity.size)
        grown = np.array(twice.outside) - np.array(plain.outside)
        self.assertGreater(max(grown), 0.25)
        self.assertLess(max(grown), 1.0 + 1e-6)

    def test_straps_are_folded_last_and_the_steps_say_so(self) -> None:
        made = doubled("tray")
        last = next(str(s.words) for s in reversed(made.steps) if s.panels)
        self.assertIn("front left tab strap", last)
        self.assertIn("over the outside", last)
        self.assertEqual({f.step for f in made.pattern.folds if f.child.endswith("strap")},
                         {made.pattern.steps[-1]})

    def test_what_another_piece_slides_over_is_refused_with_the_reason(self) -> None:
        brief = new_brief("lid-base")
        inner = next(name for name in seams(brief.drafted) if joints.DOUBLE.why_not(brief.drafted, name))
        with self.assertRaises(MeasureError) as caught:
            brief.with_seam(SeamChange(inner, joints.DOUBLE.word))
        self.assertIn("slides over", str(caught.exception))

    def test_where_there_is_no_room_for_a_strap_it_is_refused_with_a_remedy(self) -> None:
        with self.assertRaises(StockError) as caught:
            doubled("prism", 1.5, height=10.0, lid=8.0)
        self.assertIn("glue it once", str(caught.exception))

    def test_the_fold_file_tells_tab_and_strap_apart(self) -> None:
        said = json.loads(fold_file(doubled("tray")))["mingei:seams"]
        self.assertEqual({s["kind"] for s in said}, {"double"})
        self.assertEqual(len(said), 8)
        for seam in said:
            self.assertAlmostEqual(seam["gap_mm"], 0.3, 6)

    def test_tape_is_counted_for_tab_and_strap(self) -> None:
        brief = doubled("tray").brief.with_tape(10.0)
        holds = holds_of(build(brief, Stock("any", "Any stock", 250, 0.3)))
        self.assertEqual([round(mm, 6) for h in holds for mm in h.strips_mm], [23.0] * 8)

    def test_a_mat_keeps_clear_of_straps_on_the_outside(self) -> None:
        brief = doubled("tray").brief
        stock = Stock("any", "Any stock", 250, 0.3)
        strapped = next(s.host for s in build(brief, stock).pattern.seams if s.outside)
        mat = Overlay("mat 1", strapped, part="mats", border=2.0)
        plain = build(new_brief("tray", {}, stock).with_overlay(mat), stock)
        twice = build(brief.with_overlay(mat), stock)
        areas = [sum(p.area for p in made.patterns if p.part == "mats") for made in (plain, twice)]
        self.assertLess(areas[1], areas[0] - 100)


if __name__ == "__main__":
    unittest.main()
