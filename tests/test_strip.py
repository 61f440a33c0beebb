"""Strips behind seams: where they lie, what they keep clear of, when they are glued."""

from __future__ import annotations

import unittest
from dataclasses import replace

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from mingei.core import joints
from mingei.core.amendments.amend import SeamChange, seams
from mingei.core.check import run
from mingei.core.covering.strip import depth_of
from mingei.core.document.build import Build, build
from mingei.core.document.project import Brief, new_brief
from mingei.core.flat.pattern import Pattern
from mingei.core.folded.collide import between
from mingei.core.folded.fold import finished, place
from mingei.core.layout.sheets import find_sheet
from mingei.core.plane.area import area_of
from mingei.core.stock import Stock
from tests.test_mesh import BODIES, made_of


def strips_of(made: Build) -> list[Pattern]:
    return [p for p in made.patterns if p.part == "strips"]


def off_its_panels(strip: Pattern, made: Build) -> float:
    """The furthest (mm) any corner of a strip's middle layer lies from where it is glued: half its own
    caliper and half the panel's from the panel's middle, on its inner side, within its outline."""
    mate = next(m for p in made.patterns for m in p.mates if m.seam == strip.rides.seam)
    worst = 0.0
    for own, name in zip(strip.panels, (mate.carrier, mate.host), strict=True):
        piece = next(p for p in made.patterns if name in p.by_name and p.rides is None)
        corners = place(finished(strip)[own.name], own.polygon)
        seen = np.c_[corners, np.ones(len(corners))] @ np.linalg.inv(finished(piece)[name]).T
        up = (piece.stock.caliper_mm + strip.stock.caliper_mm) / 2
        worst = max(worst, float(np.abs(seen[:, 2] + up).max()))
        panel = area_of(piece.by_name[name].polygon).buffer(1.0)  # its hinge lies past the rim
        worst = max(worst, float(area_of(seen[:, :2].tolist()).difference(panel).area))
    return worst


def with_strip(brief: Brief, seam: str) -> Brief:
    return brief.with_seam(SeamChange(seam, "strip"))


class Strips(unittest.TestCase):
    @given(st.sampled_from(["ring", "cone", "large lump", "heron"]), st.floats(0.1, 0.5))
    def test_a_strip_lies_inside_both_its_facets_whatever_the_card(self, name: str, caliper: float) -> None:
        made = made_of(BODIES[name](), caliper=caliper)
        self.assertGreater(len(strips_of(made)), 0)
        for strip in strips_of(made):
            self.assertLess(off_its_panels(strip, made), 0.01, strip)

    @given(st.sampled_from(["tray", "lid-base", "frustum-box", "pyramid"]), st.data(), st.floats(0.15, 1.0))
    def test_any_corner_may_have_one(self, recipe: str, data: st.DataObject, caliper: float) -> None:
        plain = new_brief(recipe, {})
        stock = Stock("card", "Card", 250, caliper)
        offered = [s for s in seams(plain.drafted) if not joints.STRIP.why_not(plain.drafted, s)]
        made = build(with_strip(plain, data.draw(st.sampled_from(offered))), stock)
        for strip in strips_of(made):
            self.assertLess(off_its_panels(strip, made), 0.01, strip)
        self.assertEqual(between(made.patterns), ())
        self.assertTrue(all(c.closes for c in made.closures))

    def test_a_strip_folded_the_other_way_is_seen(self) -> None:
        plain = new_brief("tray", {})
        made = build(with_strip(plain, next(iter(seams(plain.drafted)))), Stock("card", "Card", 250, 0.3))
        (strip,) = strips_of(made)
        self.assertLess(off_its_panels(strip, made), 0.01)
        (fold,) = strip.folds
        for turn in (-fold.angle_deg, fold.angle_deg - 3.0):
            wrong = fold._replace(angle_deg=turn)
            self.assertGreater(off_its_panels(replace(strip, folds=(wrong,)), made), 0.05)
        outside = replace(strip, rides=strip.rides._replace(inside=False))
        self.assertGreater(off_its_panels(outside, made), 0.2)

    def test_it_keeps_clear_of_tabs_and_of_other_strips(self) -> None:
        for name in ("ring", "cone", "large lump", "heron"):
            made = made_of(BODIES[name]())
            landed: dict[str, list[tuple[str, object]]] = {}
            mates = {m.seam: m for p in made.patterns for m in p.mates}
            stands = {q.name: finished(p)[q.name] for p in made.patterns if p.rides is None for q in p.panels}
            for pattern in made.patterns:
                lying = [(p, h) for p, h in zip(pattern.panels, _hosts(pattern, mates), strict=True) if h]
                for panel, host in lying:
                    corners = place(finished(pattern)[panel.name], panel.polygon) - stands[host][:3, 3]
                    landed.setdefault(host, []).append((pattern.name, area_of(
                        (corners @ stands[host][:3, :2]).tolist())))
            self.assertTrue(any("strip" in name for some in landed.values() for name, _ in some))
            for some in landed.values():
                for i, (one, area) in enumerate(some):
                    for other, beside in some[:i]:
                        if "strip" in one or "strip" in other:
                            self.assertLess(area.intersection(beside).area, 1e-6, (name, one, other))

    def test_where_it_finds_no_room_the_seam_is_taped_and_said_to_be(self) -> None:
        made = made_of(BODIES["heron"]())
        taped = {m.seam for p in made.patterns for m in p.mates if m.joint is joints.TAPE}
        self.assertTrue(taped)
        joint = {s.name: s.joint for piece in made.draft.pieces for s in piece.seams}
        self.assertEqual({name for name, each in joint.items() if each is joints.TAPE}, taped)
        self.assertFalse({s.rides.seam for s in strips_of(made)} & taped)

    def test_it_is_glued_flat_and_before_its_other_side(self) -> None:
        made = made_of(BODIES["cone"]())
        steps = [step.words for step in made.steps]
        for strip in strips_of(made):
            mate = next(m for p in made.patterns for m in p.mates if m.seam == strip.rides.seam)
            laid = next(i for i, words in enumerate(steps) if strip.name in words)
            on_it = f"on the strip behind the {mate.carrier}"
            closed = next(i for i, words in enumerate(steps) if on_it in words and mate.host in words)
            self.assertLess(laid, closed)

    def test_its_hinge_lies_level_on_the_sheet_and_it_bears_the_number_of_its_seam(self) -> None:
        for name in ("cone", "ring"):
            made = made_of(BODIES[name]())
            mates = {m.seam: m for p in made.patterns for m in p.mates}
            for strip in strips_of(made):
                (fold,) = strip.folds
                self.assertAlmostEqual(fold.start[1], fold.end[1], places=9)
                deep = depth_of(made.patterns, mates[strip.rides.seam])
                self.assertLess(strip.box.height, 2 * deep + 0.2)
                self.assertEqual(strip.panels[0].said, str(mates[strip.rides.seam].key))
            kinks = [f for f in run(made, find_sheet("A4")) if "kinks" in f.sentence and "strip" in f.place]
            self.assertEqual(kinks, [])  # bent by less than 5 degrees nothing is rolled

    def test_tape_may_be_wanted_instead(self) -> None:
        made = made_of(BODIES["ring"](), bare="tape")
        self.assertEqual(strips_of(made), [])
        self.assertTrue(any(m.joint is joints.TAPE for p in made.patterns for m in p.mates))


def _hosts(pattern: Pattern, mates: dict) -> list[str]:
    """Of each panel of a piece the panel it is glued inside of, "" of none."""
    if pattern.part == "strips":
        mate = mates[pattern.rides.seam]
        return [mate.carrier, mate.host]
    hosts = {s.name: s.host for s in pattern.seams}
    return [hosts.get(p.name, "") for p in pattern.panels]


if __name__ == "__main__":
    unittest.main()
