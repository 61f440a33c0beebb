"""Folded things as solids, across all their pieces, and while one slides over another; and broken ones, which
the proofs must refuse."""

from __future__ import annotations

import unittest
from dataclasses import replace
from unittest import mock

import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from shapely import Polygon, union_all

from mingei.core import joints
from mingei.core.amendments.amend import SeamChange
from mingei.core.check import run
from mingei.core.check.fitting import inside
from mingei.core.document.build import Build, build
from mingei.core.document.project import Brief, new_brief
from mingei.core.draft import Role
from mingei.core.flat.develop import develop
from mingei.core.flat.given import Given
from mingei.core.flat.pattern import FlatPanel, Pattern
from mingei.core.folded import fold
from mingei.core.folded.collide import between, collisions
from mingei.core.folded.extent import outside
from mingei.core.folded.solid import prepare
from mingei.core.layout.sheets import find_sheet
from mingei.core.plane.shape import flat_points, polygon_path
from mingei.core.recipes import recipes
from mingei.core.stock import Stock, find_stock
from tests.solids import Shared, shared, slabs
from tests.strategies import changed_briefs

CARD = find_stock("card-300")
#: What slides, and how it is taken off or out, mm.
MOTIONS = {"lid-base": ("lid", (0.0, 0.0, 1.0)), "prism": ("lid", (0.0, 0.0, 1.0)),
           "rigid-box": ("lid", (0.0, 0.0, 1.0)),
           "sleeve": ("drawer", (1.0, 0.0, 0.0))}


def counted(made: Build, found: list[Shared]) -> list[Shared]:
    """What no hand would press flat: more than a cube of one caliper, but where curved card laps over itself
    and gives way."""
    whole = {f"{p.name}/{q.name}": (q.whole, p.stock.caliper_mm) for p in made.patterns for q in p.panels}
    laps = {frozenset((lap.upper, lap.lower)) for p in made.patterns for lap in p.laps}
    # its strips lie on the outline, and where they lap one is pressed aside
    walls = made.brief.recipe == "profile-wall"

    def gives_way(s: Shared) -> bool:
        names = frozenset(each.split("/")[1] for each in (s.a, s.b))
        ends = walls and {n.split()[0] for n in names} <= {"wall", "lap", "inner"}
        return bool(whole[s.a][0] and whole[s.b][0]) or (walls and names in laps) or ends

    return [s for s in found if s.volume > max(0.02, min(whole[s.a][1], whole[s.b][1]) ** 3)
            and not gives_way(s)]


def faults(made: Build) -> list[object]:
    """Everything wrong with a folded thing: card in card, seams that do not close, an inside that is not what
    was asked for."""
    found: list[object] = list(counted(made, shared(made)))
    if made.brief.recipe in MOTIONS and made.draft.slides:  # a hinged lid turns
        name, way = MOTIONS[made.brief.recipe]
        goes = [p.name for p in made.patterns if p.name == name or p.name.startswith(f"{name} ")]
        steps = [tuple(share * mm for share in way) for mm in (0.5, 2.0, 6.0, 15.0, 40.0)]
        found += counted(made, shared(made, moved=steps, moving=goes))  # type: ignore[arg-type]
    found += [c for c in made.closures if not c.closes]
    if made.cavity is not None and not made.cavity.fits:
        found.append(made.cavity)
    return found


class Solids(unittest.TestCase):
    @given(st.sampled_from(sorted(recipes())).flatmap(changed_briefs))
    def test_no_two_parts_share_card_however_a_thing_was_changed(self,
                                                                 any_build: tuple[Brief, Stock]) -> None:
        self.assertEqual(faults(build(*any_build)), [])

    def test_what_slides_is_declared_by_its_draft(self) -> None:
        declared = {name: new_brief(name).drafted.slides for name in recipes()}
        self.assertEqual({name: (slides[0].piece, slides[0].way) for name,
                          slides in declared.items() if slides},
                         MOTIONS | {"sleeve": ("sleeve", (1.0, 0.0, 0.0)),
                                    "drawer-chest": ("drawer 1", (0.0, -1.0, 0.0)),
                                    "house": ("front wall", (0.0, -1.0, 0.0)),
                                    "signal": ("slider", (0.0, 0.0, 1.0))})

    @given(st.sampled_from(sorted(MOTIONS)).flatmap(changed_briefs))
    def test_nothing_stands_in_the_way_of_what_slides(self, any_build: tuple[Brief, Stock]) -> None:
        self.assertEqual(faults(build(*any_build)), [])

    @given(st.sampled_from(sorted(recipes())).flatmap(changed_briefs))
    def test_the_outside_stated_is_that_of_the_solids(self, any_build: tuple[Brief, Stock]) -> None:
        made = build(*any_build)
        bent = any(f.apart_mm or f.bend for p in made.patterns for f in p.folds)
        if made.draft.round is not None or bent:
            return  # half circles and curved walls are proved by their formulas
        boxes = [s.box for s in slabs(made.patterns)]
        for axis, size in enumerate(made.outside):
            solid = max(b[1][axis] for b in boxes) - min(b[0][axis] for b in boxes)
            # a slab is taken a hair smaller all round
            self.assertAlmostEqual(solid, size, delta=0.25)

    def test_round_things_are_as_large_as_what_they_go_round(self) -> None:
        for recipe, across in (("ball-gores", 60.0), ("ball-bands", 60.0), ("dome", 40.0)):
            stock = Stock("any", "Any", 100, 0.2)
            size = build(new_brief(recipe, stock=stock), stock).outside
            self.assertAlmostEqual(size[0], across + 0.4)
            self.assertAlmostEqual(size[1], across + 0.4)
        tube = build(new_brief("tube", {"diameter": 40.0, "play": 0.0, "turns": 2.0}, CARD), CARD)
        # two turns and the lap on them
        self.assertAlmostEqual(tube.outside[0], 40.0 + 2 * 3 * CARD.caliper_mm)

    def test_a_leaning_rim_is_as_high_as_asked(self) -> None:
        board = Stock("b", "Board", 600, 1.0)
        for rim in (30.0, 69.0, 110.0, 160.0):
            made = build(new_brief("frustum-box", {"rim": rim, "height": 60.0}, board), board)
            top = max(s.box[1][2] for s in slabs(made.patterns) if s.panel.role is Role.WALL)
            self.assertAlmostEqual(top, 60.0, delta=0.05)

    def test_a_hole_that_runs_over_the_edge_of_its_board_is_drawn_as_far_as_there_is_board(self) -> None:
        board = find_stock("greyboard-10")  # thinner than the pins of the doors
        made = build(new_brief("cabinet", {"doors": "two"}, board), board)
        (bottom,) = (p for p in made.patterns if p.panels[0].name == "bottom")
        model = prepare(bottom)
        a, b, c = (model.points[model.caps[:, k]] for k in range(3))
        caps = np.abs((b - a)[:, 0] * (c - a)[:, 1] - (b - a)[:, 1] * (c - a)[:, 0]).sum() / 2
        panel = bottom.panels[0]
        outline, *holes = (Polygon(flat_points(path, 0.1)) for path in (panel.path, *panel.holes))
        self.assertTrue(all(hole.crosses(outline.exterior) for hole in holes))
        self.assertAlmostEqual(caps, outline.difference(union_all(holes)).area, delta=0.1)
        self.assertIn("pins", {f.code for f in run(made, find_sheet("A4"))})

    def test_what_is_turned_right_over_reaches_as_far_as_its_half_circle(self) -> None:
        stock = Stock("any", "Any", 300, 0.5)
        made = build(new_brief("card", {"width": 100.0, "height": 150.0}, stock), stock)
        (line,) = made.pattern.folds
        # plane geometry: the middle of the card goes round half of what lies between the two middles, its
        # outside half a caliper further
        self.assertAlmostEqual(max(made.outside[:2]), max(150.0, 100.0 + line.apart_mm / 2 + 0.25), places=6)
        self.assertAlmostEqual(min(made.outside[:2]), min(150.0, 100.0 + line.apart_mm / 2 + 0.25), places=6)


    @given(st.sampled_from(["frustum-box", "prism", "pyramid", "envelope-side", "envelope-diagonal", "pouch",
                            "bag",
                            "belly-band", "wrapper", "tube", "cone", "pocket-flat"]).flatmap(changed_briefs))
    def test_what_must_fit_does(self, any_build: tuple[Brief, Stock]) -> None:
        self.assertEqual([str(f) for f in inside(build(*any_build), find_sheet("A4"))], [])


class Mended(unittest.TestCase):
    """Things that were wrong once."""

    def assertSound(self, recipe: str, stock: Stock, *changes: SeamChange, splits: tuple[str, ...] = (),
                    **values: float | str) -> None:
        brief = new_brief(recipe, values, stock)
        for panel in splits:
            brief = brief.with_split(panel, True)
        for change in changes:
            brief = brief.with_seam(change)
        self.assertEqual(faults(build(brief, stock)), [], (recipe, changes, splits))

    def test_a_lid_goes_on_whatever_its_box_was_changed_to(self) -> None:
        for stock in ("corrugated-e", "greyboard-10"):
            for change in (SeamChange("wall 1 tab", joints.GLUE_TAB.word, True),
                           SeamChange("wall 2 tab", joints.TUCK.word),
                           SeamChange("wall 3 tab", joints.TAPE.word),
                           SeamChange("wall 5 tab", joints.TAPE.word, True)):
                self.assertSound("prism", find_stock(stock), change)

    def test_a_piece_cut_apart_keeps_its_inside_however_its_seams_are_held(self) -> None:
        for recipe, panel, seam in (("tray", "back", "back join"), ("tray", "back", "front right tab"),
                                    ("carton", "back", "back join"),
                                    ("bin", "left side", "corner tab"), ("sleeve", "far side", "sleeve tab"),
                                    ("sleeve", "left wall", ""),
                                    ("envelope-box", "right wall", "right foot tab"),
                                    ("lid-base", "back", "back join")):
            with self.subTest(recipe, panel=panel, seam=seam):
                brief = new_brief(recipe, stock=CARD)
                if panel not in {f.b.panel for p in brief.drafted.pieces for f in p.folds}:
                    continue
                for joint in (joints.TAPE.word, joints.TUCK.word, joints.GLUE_TAB.word):
                    self.assertSound(recipe, CARD, *([SeamChange(seam, joint)] if seam else []),
                                     splits=(panel,))

    def test_the_tab_of_a_seam_between_two_pieces_can_be_moved(self) -> None:
        self.assertSound("frustum-box", CARD, SeamChange("wall 7 tab", joints.GLUE_TAB.word, True),
                         splits=("wall 7",))
        self.assertSound("prism", CARD, SeamChange("lid wall 2 join", joints.GLUE_TAB.word, True),
                         splits=("lid wall 2",))

    def test_the_stiffening_of_a_bag_and_its_turned_top_lie_inside_its_tab(self) -> None:
        for card in ("cards", "none"):
            stock = find_stock("kraft-110")
            kind = {"cards": "stiff", "none": "plain"}[card]
            for changes in ((), (SeamChange("corner tab", joints.GLUE_TAB.word, True),),
                            (SeamChange("corner tab", joints.TAPE.word),)):
                self.assertSound("bag", stock, *changes, card=kind)

    def test_the_rim_teeth_of_a_recess_clear_its_lap(self) -> None:
        board = Stock("any", "Any", 300, 0.5)
        found = shared(build(new_brief("ring-recess", stock=board), board))
        self.assertFalse([s for s in found if "teeth" in s.a + s.b and s.volume > 0.02])

    def test_deep_tabs_from_oblique_sides_share_a_face_out(self) -> None:
        stock = Stock("any", "Any", 200, 0.3)
        self.assertSound("polyhedron", stock, solid="truncated-cuboctahedron", edge=20.0, tab=17.0,
                         pieces=12.0)

    def test_the_flaps_of_a_lined_envelope_lie_on_its_liner(self) -> None:
        stock = Stock("any", "Any", 100, 0.35)
        self.assertSound("envelope-diagonal", stock, liner="liner")


def with_panel(pattern: Pattern, name: str, panel: FlatPanel) -> Pattern:
    return replace(pattern, panels=tuple(panel if p.name == name else p for p in pattern.panels))


class Planted(unittest.TestCase):
    """A pattern broken by hand, as a fault of the developer would break it: the proofs must see it."""

    def setUp(self) -> None:
        self.made = build(new_brief("tray", stock=CARD), CARD)
        self.pattern = self.made.pattern

    def assertOpen(self, pattern: Pattern, seam: str) -> None:
        self.assertTrue(next(c for c in fold.closure(self.pattern) if c.seam == seam).closes)
        self.assertFalse(next(c for c in fold.closure(pattern) if c.seam == seam).closes)

    def test_a_tab_that_reaches_past_its_host(self) -> None:
        tab = self.pattern.by_name["front left tab"]
        wide = tuple((x * 1.0, y * 6.0) for x, y in tab.polygon)
        self.assertOpen(with_panel(self.pattern, tab.name, replace(tab, path=polygon_path(wide))), tab.name)

    def test_a_seam_a_caliper_off(self) -> None:
        # as if the developer put a tab a layer too far in or out, with all that follows from it: the proof
        # must not take its word
        true = Given.tab_depth
        for off in (-CARD.caliper_mm, CARD.caliper_mm):
            with mock.patch.object(Given, "tab_depth", lambda self, seam, off=off: true(self, seam) + off):
                (pattern,) = develop.__wrapped__(new_brief("tray", stock=CARD).drafted, CARD)
            self.assertOpen(pattern, "front left tab")

    def test_a_wall_that_leans(self) -> None:
        folds = tuple(f._replace(angle_deg=89.0) if f.child == "left wall" else f for f in self.pattern.folds)
        self.assertOpen(replace(self.pattern, folds=folds), "front left tab")
        leaning = next(c for c in fold.closure(replace(self.pattern, folds=folds))
                       if c.seam == "front left tab")
        self.assertAlmostEqual(leaning.tilt_deg, 1.0, places=6)

    def test_an_inside_that_is_short(self) -> None:
        asked = self.made.draft.inside_mm
        assert asked is not None
        self.assertTrue(fold.cavity([self.pattern], asked).fits)
        folds = tuple(f._replace(start=(f.start[0], f.start[1] - 0.2), end=(f.end[0], f.end[1] - 0.2))
                      if f.child == "front" else f for f in self.pattern.folds)
        self.assertFalse(fold.cavity([replace(self.pattern, folds=folds)], asked).fits)

    def test_two_panels_in_one_place(self) -> None:
        front, wall = self.pattern.by_name["front"], self.pattern.by_name["left wall"]
        self.assertEqual(between([self.pattern]), ())
        twin = replace(self.pattern, name="twin")
        self.assertTrue(between([self.pattern, twin]))
        halfway = twin.placement._replace(origin=(twin.placement.origin[0] + 0.4 * CARD.caliper_mm,
                                                  *twin.placement.origin[1:]))
        self.assertTrue(between([self.pattern, replace(twin, placement=halfway)]))
        self.assertNotEqual(front.name, wall.name)

    def test_two_panels_that_pass_through_each_other(self) -> None:
        tall = build(new_brief("tray", {"length": 40.0, "height": 90.0}, CARD), CARD).pattern
        folds = tuple(f._replace(angle_deg=140.0) if f.child in ("left wall", "right wall") else f
                      for f in tall.folds)
        self.assertEqual(collisions(tall), ())
        self.assertTrue(collisions(replace(tall, folds=folds)))
        aside = replace(self.pattern, name="other",
                        placement=self.pattern.placement._replace(origin=(60.0, 80.0, 5.0)))
        self.assertTrue(between([self.pattern, aside]))

    def test_the_rules_find_what_was_planted(self) -> None:
        a4 = find_sheet("A4")
        made = build(new_brief("lid-base", stock=CARD), CARD)
        self.assertEqual([f for f in run(made, a4, thorough=True) if f.code in ("shared-card", "slides")], [])
        base, lid = made.patterns
        aside = lid.placement._replace(origin=(lid.placement.origin[0] + 0.7, *lid.placement.origin[1:]))
        struck = replace(made, patterns=(base, replace(lid, placement=aside)))
        found = {f.code for f in run(struck, a4, thorough=True)}
        self.assertLessEqual({"shared-card", "slides"}, found)

    def test_what_must_fit_is_found_not_to(self) -> None:
        a4 = find_sheet("A4")
        closed = {"frustum-box": (0, 1), "pyramid": (0, 1, 2), "envelope-side": (2,), "belly-band": (0, 2),
                  "bag": (0, 1), "cone": (0, 1), "wrapper": (0, 2), "prism": (0, 1)}
        for recipe, axes in closed.items():
            made = build(new_brief(recipe), find_stock(new_brief(recipe).stock))
            self.assertEqual([str(f) for f in run(made, a4, thorough=True) if f.code == "inside"], [])
            for axis in axes:
                wide = tuple(tuple(v + (1.5 if v > 0 else -1.5) * (i == axis) for i, v in enumerate(p))
                             for p in made.draft.content)
                large = replace(made, draft=replace(made.draft, content=wide))
                self.assertIn("inside", {f.code for f in run(large, a4, thorough=True)}, (recipe, axis))

    def test_a_loose_fin(self) -> None:
        made = build(new_brief("frustum-box",
                               stock=CARD).with_seam(SeamChange("wall 2 tab", joints.FIN.word)),
                     CARD)
        self.assertTrue(all(c.closes for c in made.closures))
        folds = tuple(f._replace(angle_deg=f.angle_deg + 2.0) if f.child == "wall 2 tab fellow" else f
                      for f in made.pattern.folds)
        loose = {c.seam: c for c in fold.closure(replace(made.pattern, folds=folds))}
        self.assertFalse(loose["wall 2 tab"].closes)

    def test_a_gap_under_the_tape(self) -> None:
        taped = SeamChange("front left tab", joints.TAPE.word)
        made = build(new_brief("tray", stock=CARD).with_seam(taped), CARD)
        (mate,) = (m for m in made.pattern.mates if m.seam == "front left tab")
        tight = fold.edges_apart(made.pattern, mate)
        self.assertLess(tight, 0.2 + CARD.caliper_mm)
        wall = made.pattern.by_name["left wall"]
        short = polygon_path(tuple((max(2.0, min(78.0, x)), y) for x, y in wall.polygon))
        self.assertGreater(fold.edges_apart(with_panel(made.pattern, wall.name, replace(wall, path=short)),
                                            mate), tight + 1.0)

    def test_card_in_card_by_solids(self) -> None:
        twin = replace(self.made, patterns=(self.pattern, replace(self.pattern, name="twin")))
        self.assertGreater(sum(s.volume for s in shared(twin)), 1000.0)
        tab = self.pattern.by_name["front left tab"]
        folds = tuple(f._replace(angle_deg=84.0) if f.child == tab.name else f for f in self.pattern.folds)
        self.assertTrue(counted(self.made,
                                shared(replace(self.made, patterns=(replace(self.pattern, folds=folds),)))))

    def test_the_outside_of_a_pattern_grows_with_it(self) -> None:
        folds = tuple(f._replace(angle_deg=80.0) if f.child == "left wall" else f for f in self.pattern.folds)
        self.assertGreater(outside([replace(self.pattern, folds=folds)])[0], self.made.outside[0] + 1.0)


if __name__ == "__main__":
    unittest.main()
