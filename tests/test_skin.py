"""A second layer over faceted pieces: where it lies, what it bears, when it is laid on."""

from __future__ import annotations

import unittest
from dataclasses import replace

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from mingei.core.check import run
from mingei.core.document.build import Build, build
from mingei.core.document.project import new_brief
from mingei.core.flat.pattern import Pattern
from mingei.core.folded.fold import finished
from mingei.core.layout.sheets import find_sheet
from mingei.core.plane.area import area_of
from mingei.core.stock import Stock
from tests.test_mesh import BODIES, SOAK, _overlapping, made_of, mesh_of, pieces_of, shared


def skins_of(made: Build) -> list[Pattern]:
    return [p for p in made.patterns if p.part == "skin"]


def off_its_facets(skin: Pattern) -> float:
    """The furthest (mm) a skin's panel lies from half of each caliper outside its facet."""
    assert skin.rides is not None
    host, worst = skin.rides.host, 0.0
    up = np.eye(4)
    up[2, 3] = (skin.stock.caliper_mm + host.stock.caliper_mm) / 2
    for panel in skin.panels:
        lies = np.linalg.inv(finished(host)[panel.name.removesuffix(" skin")]) @ finished(skin)[panel.name]
        worst = max(worst, float(np.abs(lies - up).max()))
    return worst


class Skins(unittest.TestCase):
    @given(st.sampled_from(["box", "capsule", "cone", "lump", "second lump", "ring"]), st.floats(0.1, 0.4))
    @settings(max_examples=60 if SOAK else 6)
    def test_every_facet_is_covered_and_nothing_lies_over_anything(self, name: str, caliper: float) -> None:
        made = made_of(BODIES[name](), caliper=caliper, skin="paper")
        for skin in skins_of(made):
            self.assertLess(off_its_facets(skin), 1e-6)
            self.assertEqual(list(_overlapping(skin)), [])
        mesh, cut = mesh_of(made)
        self.assertEqual(len(skins_of(made)), len(cut.pieces))
        self.assertEqual(sum(len(s.panels) for s in skins_of(made)), len(mesh.faces))
        # less a hair at every seam, more by what lies further out
        self.assertAlmostEqual(sum(s.area for s in skins_of(made)) / float(mesh.areas.sum()), 1.0, delta=0.02)
        for found in shared(made):
            if "skin" in found.a + found.b:
                self.assertLess(found.volume, 0.1, found)

    def test_enlarged_as_a_drawing_it_covers_its_facets_still(self) -> None:
        plain = made_of(BODIES["lump"](), skin="paper")
        large = build(replace(plain.brief, enlarged=1.5), plain.stock)
        for one, other in zip(skins_of(plain), skins_of(large), strict=True):
            self.assertAlmostEqual(other.area / one.area, 2.25, places=6)
            # it was drawn for a layer 1.5 times as far out as it lies: thickness is not enlarged
            assert other.rides is not None
            self.assertLess(off_its_facets(other), other.rides.up)

    def test_a_skin_folded_otherwise_is_seen(self) -> None:
        made = made_of(BODIES["lump"](), skin="paper")
        skin = skins_of(made)[0]
        first, *rest = skin.folds
        wrong = replace(skin, folds=(first._replace(angle_deg=first.angle_deg + 1.0), *rest))
        self.assertGreater(off_its_facets(wrong), 0.01)
        self.assertGreater(off_its_facets(replace(skin, rides=skin.rides._replace(up=0.3))), 0.05)

    def test_beside_narrow_slits_no_facet_of_a_skin_lies_over_another_on_the_flat(self) -> None:
        for height in (150.0, 300.0):
            made = made_of(BODIES["heron"](), height, skin="paper")
            for skin in skins_of(made):
                areas = [area_of(p.flat_polygon) for p in skin.panels]
                for i, one in enumerate(areas):
                    self.assertLess(max((one.intersection(o).area for o in areas[:i]), default=0.0), 1e-6)
            self.assertNotIn("overlap", {f.code for f in run(made, find_sheet("A4"))})

    def test_what_is_printed_goes_on_the_skin(self) -> None:
        made = made_of(BODIES["lump"](), skin="paper", face="pieces")
        self.assertEqual({p.tint for piece in pieces_of(made) for p in piece.panels}, {None})
        self.assertNotIn(None, {p.tint for skin in skins_of(made) for p in skin.panels})
        self.assertEqual({s.stock.id for s in skins_of(made)}, {"paper-100"})

    def test_it_is_laid_on_when_all_stands(self) -> None:
        made = made_of(BODIES["cone"](), skin="paper")
        words = [step.words for step in made.steps]
        for skin in skins_of(made):
            number = next(i for i, said in enumerate(words) if f"Lay the {skin.name} over" in said)
            after = words[number + 1:]
            self.assertFalse([said for said in after if said.startswith(("Glue the facet", "Fold"))])

    def test_it_may_be_of_another_paper(self) -> None:
        paper = Stock("thin", "Thin", 70, 0.08)
        brief = new_brief("mesh", {"skin": "paper"})
        made = build(brief, Stock("card", "Card", 160, 0.2), (("skin", paper),))
        self.assertEqual({s.stock for s in skins_of(made)}, {paper})


if __name__ == "__main__":
    unittest.main()
