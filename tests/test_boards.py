"""Furniture of boards: rooms are as asked, no two boards in one place, doors turn without catching; and the
way without the rule fails the same proofs."""

from __future__ import annotations

import itertools
import math
import unittest
from dataclasses import replace

import manifold3d as m3
import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from shapely import LinearRing, Point

from mingei.core.amendments.split import why_not
from mingei.core.check import run
from mingei.core.check.simulating import simulate
from mingei.core.document.build import Build, build, loads_of_all
from mingei.core.document.project import differences, new_brief, new_project
from mingei.core.draft import Spine, Swing
from mingei.core.draft.joint import Stands
from mingei.core.errors import MeasureError, ProjectError, StockError
from mingei.core.flat.develop import develop
from mingei.core.folded import shared as solids
from mingei.core.folded.fold import finished
from mingei.core.folded.moving import motions
from mingei.core.folded.solid import assembled
from mingei.core.layout.cutting_list import cutting_list
from mingei.core.layout.sheets import find_sheet
from mingei.core.length import parse, write_real
from mingei.core.recipes import Value, find_recipe
from mingei.core.recipes.cabinet import heights
from mingei.core.stock import Stock, find_stock
from mingei.core.whole.joined import builds_of
from mingei.formats import project_file
from tests.giving import given_way
from tests.solids import shared, slabs

#: Each board is taken so much thinner and narrower, all round, mm (``tests.solids``).
_HAIR = 0.02


def board(caliper: float) -> Stock:
    return Stock(f"board-{caliper:g}", "Board", 620 * caliper, caliper, kind="board")


def cabinet(caliper: float = 2.0, **values: Value) -> Build:
    stock = board(caliper)
    return build(new_brief("cabinet", values, stock), stock)


@st.composite
def cabinets(draw: st.DrawFn) -> Build:
    """Any cabinet the recipe makes, of any board."""
    recipe = find_recipe("cabinet")
    values: dict[str, Value] = {
        "width": draw(st.floats(20, 600)), "depth": draw(st.floats(8, 400)),
        "opening": draw(st.floats(6, 400)), "lowest": draw(st.sampled_from([0.0, 6.0, 37.5])),
        "shelves": float(draw(st.integers(0, 12))), "ends": draw(st.sampled_from(["butted", "housed"])),
        "doors": draw(st.sampled_from(["none", "one", "two"])), "play": draw(st.floats(0.3, 3.0)),
        "pin": draw(st.floats(0.5, 3.0)), "knob": draw(st.sampled_from([0.0, 1.5]))}
    return cabinet(draw(st.floats(recipe.thinnest, recipe.thickest)), **values)


class Cabinets(unittest.TestCase):
    @given(cabinets())
    def test_every_opening_is_as_high_and_as_wide_as_asked_and_no_two_boards_share_a_place(
            self, made: Build) -> None:
        self.assertEqual([s for s in shared(made) if s.volume > 0.02], [])
        self.assertTrue(all(c.closes for c in made.closures))
        at = {s.panel.name: s.box for s in slabs(made.patterns)}
        shelves = sorted((n for n in at if n.startswith("shelf")), key=lambda n: int(n.split()[1]))
        across = [at["bottom"], *(at[n] for n in shelves), at["top"]]
        for (below, above), asked in zip(itertools.pairwise(across), heights(made.brief.values), strict=True):
            # by the solids: from the upper face of one to the lower face of the next
            self.assertAlmostEqual(above[0][2] - below[1][2] - 2 * _HAIR, asked, delta=0.02)
        self.assertAlmostEqual(at["right side"][0][0] - at["left side"][1][0] - 2 * _HAIR,
                               float(made.brief.values["width"]), delta=0.02)
        if "left door" in at:
            self.assertAlmostEqual(at["back"][0][1] - at["left door"][1][1] - 2 * _HAIR,
                                   float(made.brief.values["depth"]), delta=0.02)

    @given(cabinets())
    def test_doors_turn_from_shut_to_open_without_catching(self, made: Build) -> None:
        every = solids.slabs(made.patterns)
        for swing in made.draft.swings:
            for angle in np.linspace(0.0, swing.most_deg, 12)[1:]:
                self.assertEqual(solids.swung(every, swing, float(angle)), (), angle)

    @given(cabinets())
    def test_pins_stand_in_one_line_amid_the_thickness_of_their_door(self, made: Build) -> None:
        by = {panel.name: (p, panel) for p in made.patterns for panel in p.panels}
        for swing in made.draft.swings:
            host, _ = by[swing.panel]
            ends = [(finished(host)[swing.panel] @ np.array((*p, 0.0, 1.0)))[:3]
                    for p in (swing.start, swing.end)]
            for name in ("bottom", "top"):
                pattern, panel = by[name]
                middles = [(finished(pattern)[name] @ np.array((*np.mean(h, axis=0), 0.0, 1.0)))[:3]
                           for h in panel.hole_polygons]
                near = min(math.dist(m[:2], ends[0][:2]) for m in middles)
                self.assertLess(near, 0.01)
            self.assertLess(math.dist(ends[0][:2], ends[1][:2]), 1e-9)

    def test_a_board_without_the_rule_of_its_joint_stands_in_the_other(self) -> None:
        made = cabinet(3.0, doors="none")
        draft = made.draft
        # a shelf as wide as the whole, as one measures it outside
        naive = replace(draft, pieces=tuple(replace(
            p, seams=(), panels=tuple(replace(q, outline=tuple(
                (x + (3.0 if x > 0 else -3.0), y) for x, y in q.outline)) for q in p.panels))
            if p.name == "shelf 1" else p for p in draft.pieces))
        common = solids.shared(solids.slabs(develop(naive, made.stock)))
        self.assertEqual({s.b[0] if s.a[0] == "shelf 1" else s.a[0] for s in common},
                         {"left side", "right side"})
        # shelves that do not make room for each other's thickness leave less than was asked
        flat = replace(draft, pieces=tuple(replace(p, panels=tuple(replace(q, layer=0) for q in p.panels))
                                           for p in draft.pieces))
        at = {s.panel.name: s.box for s in slabs(develop(flat, made.stock))}
        self.assertLess(at["shelf 2"][0][2] - at["shelf 1"][1][2], float(made.brief.values["opening"]) - 2.9)

    def test_opened_doors_and_lids_are_where_their_motion_takes_them(self) -> None:
        made = cabinet(2.0)
        shut, wide = (assembled(made.patterns, made.moments(1.0), moved=motions(
            made.patterns, made.draft.swings, (), share)) for share in (0.0, 1.0))
        owner = [p.name for p in made.patterns for _ in p.panels]
        for name in {s.piece for s in made.draft.swings}:
            here = np.isin(shut.panel, [i for i, n in enumerate(owner) if n == name])
            self.assertLess(wide.triangles[here][..., 1].min(), -30.0)  # out in front
            self.assertGreater(shut.triangles[here][..., 1].min(), -2.1)
            # it is only turned: every length stays
            np.testing.assert_allclose(np.linalg.norm(np.diff(wide.triangles[here], axis=1), axis=2),
                                       np.linalg.norm(np.diff(shut.triangles[here], axis=1), axis=2),
                                       atol=1e-9)
        rest = np.isin(shut.panel, [i for i, n in enumerate(owner) if "door" not in n])
        np.testing.assert_allclose(wide.triangles[rest], shut.triangles[rest])
        box = build(new_brief("lid-base"), find_stock("card-300"))
        lid = motions(box.patterns, (), box.draft.slides, 1.0)
        self.assertEqual(set(lid), {s.piece for s in box.draft.slides})

    def test_a_door_on_pins_too_near_the_side_catches_and_it_is_said(self) -> None:
        made = cabinet(4.0, play=0.3)
        (left, _) = made.draft.swings
        every = solids.slabs(made.patterns)
        near = left._replace(start=(1.0, left.start[1]), end=(1.0, left.end[1]))
        self.assertTrue(any(solids.swung(every, near, float(a)) for a in np.linspace(0, -110, 12)[1:]))
        caught = Swing(left.piece, left.panel, left.start, left.end, -left.most_deg)  # the wrong way: inwards
        self.assertTrue(solids.swung(every, caught, -left.most_deg / 2))
        self.assertEqual([f.code for f in run(made, find_sheet("A3")) if f.code == "swings"], [])

    def test_a_pin_too_thick_for_its_door_is_said_with_one_that_would_do(self) -> None:
        (said, _) = {f.place: f for f in run(cabinet(2.0, pin=3.0), find_sheet("A3")) if f.code == "pins"
                     }.values()
        self.assertIn("1.2 mm", said.remedy)

    def test_a_channel_too_deep_is_refused_with_a_depth_that_would_do(self) -> None:
        made = cabinet(2.0, ends="housed")
        deep = replace(made.draft, pieces=tuple(replace(p, seams=tuple(
            s._replace(depth_mm=1.5) if s.joint.stands is Stands.HOUSED else s for s in p.seams))
            for p in made.draft.pieces))
        with self.assertRaises(StockError) as caught:
            develop(deep, made.stock)
        self.assertIn("1.2 mm", str(caught.exception))
        grooves = [g for p in made.patterns for panel in p.panels for g in panel.grooves]
        self.assertEqual({round(g.depth_mm, 6) for g in grooves}, {round(2.0 / 3, 6)})

    def test_its_cutting_list_is_that_worked_out_by_hand(self) -> None:
        # board of 2 mm, room 80 x 30, four openings of 28, three shelves, two doors with 0.6 round them.
        # Height: 4 x 28 + 3 x 2 between, 2 each above and below: 122. Width over all 80 + 4 = 84.
        # Sides, bottom, top: from behind the doors' outer face (2 less the relief of 0.2) to the back: 31.8.
        # Pins: (0.6^2 + 2^2) / 1.2 + 0.1 = 3.73 from the side; shelves 0.5 behind what turns, 3.73 - 0.6:
        # 26.37. Doors: (80 - 3 x 0.6) / 2, and 118 - 1.2 - 0.2 high.
        stock = find_stock("greyboard-20")
        made = build(new_brief("cabinet", {}, stock), stock)
        found = {row.piece(): (row.copies, round(row.width, 2), round(row.height, 2))
                 for row in cutting_list(loads_of_all((made,)))}
        self.assertEqual(found, {
            "back": (1, 122.0, 84.0), "left side, right side": (2, 122.0, 31.8),
            "shelf 1, shelf 2, shelf 3": (3, 80.0, 26.37), "bottom": (1, 80.0, 31.8), "top": (1, 80.0, 31.8),
            "left door": (1, 116.6, 39.1), "right door": (1, 116.6, 39.1)})

    def test_doors_are_hung_before_the_top_closes(self) -> None:
        made = cabinet()
        words = [str(s.words) for s in made.plan.steps]
        hung = [i for i, w in enumerate(words) if "pin into each edge" in w]
        top = next(i for i, w in enumerate(words) if "edges of the top" in w)
        self.assertEqual(len(hung), 2)
        self.assertLess(max(hung), top)
        self.assertEqual(simulate(made), ())
        self.assertTrue(any("no pin goes in" in why for s in made.plan.steps for why in s.because))

    def test_where_each_shelf_lands_is_traced_on_sides_and_back(self) -> None:
        made = cabinet(2.0, doors="none")
        by = {panel.name: panel for p in made.patterns for panel in p.panels}
        for name in ("left side", "right side", "back"):
            levels = sorted({round(s.start[1], 3) for path in by[name].guides for s in path})
            # upper and lower face of each: 28 up, then 2 of board and 28 of room by turns
            self.assertEqual(levels, [28.0, 30.0, 58.0, 60.0, 88.0, 90.0])

    def test_a_door_with_no_room_for_pin_and_knob_is_refused(self) -> None:
        with self.assertRaises(MeasureError) as caught:
            cabinet(2.0, lowest=2.8)
        self.assertIn("6 mm", str(caught.exception))
        self.assertEqual(
            set(given_way("cabinet", {"shelves": 0.0, "opening": 6.0, "play": 3.0, "width": 200.0})),
                         {"play"})
        self.assertEqual(set(given_way("cabinet", {"width": 20.0, "doors": "two"})), {"doors"})
        self.assertEqual(set(given_way("cabinet", {"depth": 8.0, "doors": "two", "play": 0.3})), {"doors"})



def album(caliper: float = 2.0, **values: Value) -> Build:
    stock = board(caliper)
    paper = Stock("paper", "Paper", 120, 0.15)
    return build(new_brief("album", values, stock), stock,
                 (("wrap", paper), ("linings", paper), ("papers", paper)))


def bent_up(along: float, spine: float, gap: float, thick: float) -> tuple[float, float]:
    """The back cover flat, the spine upright beside it, the front cover over it, as boxes, so much of each
    gap lying along the covers: how much card any two share (mm3), and how far the covers' inner faces stand
    apart."""
    def slab_at(x: float, z: float, wide: float, high: float) -> m3.Manifold:
        return m3.Manifold.cube((wide, 10.0, high)).translate((x, 0.0, z))

    up = gap - along
    back = slab_at(along, 0.0, 60.0, thick)
    upright = slab_at(0.0, up, thick, spine)
    front = slab_at(along, spine + 2 * up - thick, 60.0, thick)
    shares = sum(float((a ^ b).volume()) for a, b in itertools.combinations((back, upright, front), 2))
    return shares, spine + 2 * up - 2 * thick


class Albums(unittest.TestCase):
    def test_wrap_and_papers_are_as_the_trade_reckons_them(self) -> None:
        # common practice: boards 6 1/2 x 8 1/2 in, spine 1 1/4, gaps 1/4, turn-in 3/4 give a wrap of 16 1/4 x
        # 10, papers 6 1/4 x 8 1/4 and 1 x 8 1/4 (borders of 1/8)
        inch = 25.4
        made = album(2.0, width=6.5 * inch, height=8.5 * inch, spine=1.25 * inch, gap=0.25 * inch,
                     turn=0.75 * inch, border=inch / 8)
        size = {p.name: (p.box.width / inch, p.box.height / inch) for p in made.patterns}
        for name, wanted in (("wrap", (16.25, 10.0)), ("front paper", (6.25, 8.25)),
                             ("back paper", (6.25, 8.25)),
                             ("spine paper", (1.0, 8.25)), ("front board", (6.5, 8.5)),
                             ("spine board", (1.25, 8.5))):
            np.testing.assert_allclose(size[name], wanted, atol=1e-9, err_msg=name)

    def test_its_cutting_list_is_that_worked_out_by_hand(self) -> None:
        # boards 100 x 140, spine 20, gaps 6, turn-in 15, linings 3 back, borders 4: wrap 2 x 15 + 2 x 100 + 2
        # x 6 + 20 by 2 x 15 + 140
        made = album(2.0, width=100.0, height=140.0, spine=20.0, gap=6.0, turn=15.0, lining=3.0, border=4.0)
        found = {row.piece(): (row.copies, round(row.width, 2), round(row.height, 2))
                 for row in cutting_list(loads_of_all((made,)))}
        self.assertEqual(found, {
            "wrap": (1, 262.0, 170.0), "front board": (1, 140.0, 100.0), "back board": (1, 140.0, 100.0),
            "spine board": (1, 140.0, 20.0), "front lining, back lining": (2, 134.0, 94.0),
            "front paper, back paper": (2, 132.0, 92.0), "spine paper": (1, 132.0, 12.0)})

    @given(st.floats(0.5, 4.0), st.floats(6.0, 120.0), st.floats(4.0, 20.0))
    def test_it_closes_on_any_stack_between_least_and_most_without_binding(self, thick: float, spine: float,
                                                                           gap: float) -> None:
        least, most = Spine("s", spine, gap, 0.0).closes_on(thick)
        clear = [apart for along in np.linspace(0.0, gap, 101)
                 for shares, apart in (bent_up(float(along), spine, gap, thick),) if shares < 1e-9]
        self.assertAlmostEqual(max(clear), most, places=6)
        self.assertAlmostEqual(max(0.0, min(clear)), least, delta=0.02 * gap)  # as finely as it was moved
        # and no way is left beyond: with all of the gap along the spine nothing more can be had
        self.assertGreater(bent_up(-0.1, spine, gap, thick)[1], most)

    def test_a_stack_too_high_or_too_low_and_a_gap_too_narrow_are_said_with_what_would_do(self) -> None:
        for values, code, told in (({"stack": 60.0}, "spine-high", "spine"),
                                   ({"stack": 5.0}, "spine-low", "spine"),
                                   ({"gap": 3.0}, "spine-gap", "gap")):
            made = album(4.0 if code == "spine-gap" else 2.0, **values)
            (said,) = [f for f in run(made, find_sheet("A0")) if f.code.startswith("spine")]
            self.assertEqual((said.code, said.place), (code, told))
            if code == "spine-high":  # what it names does
                wide = float(said.remedy.split("spine ")[1].split(" mm")[0])
                again = album(2.0, spine=wide, **values)
                self.assertEqual([f for f in run(again, find_sheet("A0")) if f.code.startswith("spine")], [])

    @given(st.floats(0.5, 4.0), st.sampled_from(["none", "ribbon", "elastic"]), st.floats(60, 400),
           st.floats(60, 500), st.floats(8, 40), st.floats(0.5, 12), st.floats(0, 20))
    def test_everything_lies_on_the_wrap_where_it_belongs(self, thick: float, closing: str, width: float,
                                                          height: float, turn: float, corner: float,
                                                          border: float) -> None:
        made = album(thick, closing=closing, width=width, height=height, turn=turn, corner=corner,
                     border=border)
        self.assertEqual([s for s in shared(made) if s.volume > 0.02], [])
        self.assertTrue(all(c.closes for c in made.closures))
        self.assertEqual(simulate(made), ())
        at = {s.panel.name: s.box for s in slabs(made.patterns)}
        values = made.brief.recipe and find_recipe("album").settled(made.brief.values)
        # gaps by the solids: from board to spine
        for a, b in (("front board", "spine board"), ("spine board", "back board")):
            self.assertAlmostEqual(at[b][0][0] - at[a][1][0] - 2 * _HAIR, float(values["gap"]), delta=0.02)
        # what is left of the wrap past the boards' edges
        for side, name in ((0, "front board"), (1, "back board")):
            past = abs(at["wrap"][side][0] - at[name][side][0])
            self.assertAlmostEqual(past, float(values["turn"]), delta=0.02)
        # the corners clear those of the boards by as much as was asked
        wrap = next(p for p in made.patterns if p.name == "wrap").panels[0]
        corner_of = (float(values["turn"]), float(values["turn"]))
        self.assertAlmostEqual(Point(corner_of).distance(LinearRing(wrap.polygon)), min(
            float(values["corner"]), float(values["turn"])), delta=1e-6)

    def test_boards_come_first_then_edges_linings_papers_eyelets(self) -> None:
        words = [str(s.words) for s in album().plan.steps]
        order = [next(i for i, w in enumerate(words) if part in w) for part in
                 ("back board on the wrap", "Push the corners in", "front lining", "front paper",
                  "Punch through", "Draw a ribbon")]
        self.assertEqual(order, sorted(order))

    def test_its_parts_are_of_their_own_stocks_from_the_beginning(self) -> None:
        made = builds_of(new_project(new_brief("album")))[0]
        self.assertEqual({p.name: p.stock.id for p in made.patterns if p.name in ("wrap", "front board")},
                         {"wrap": "kraft-110", "front board": "greyboard-20"})



def rigid(caliper: float = 2.0, paper: float = 0.1, **values: Value) -> Build:
    stock = board(caliper)
    return build(new_brief("rigid-box", values, stock), stock, (("wrap", Stock("wrap", "Paper", 90, paper)),))


@st.composite
def rigid_boxes(draw: st.DrawFn) -> Build:
    """Any rigid box the recipe makes, of any board and wrap."""
    recipe = find_recipe("rigid-box")
    values: dict[str, Value] = {m.name: draw(st.floats(m.minimum, m.maximum)) for m in recipe.measures
                                if not m.choices}
    low, high = next((low, high) for part, low, high in recipe.part_calipers if part == "wrap")
    try:
        return rigid(draw(st.floats(recipe.thinnest, recipe.thickest)), draw(st.floats(low, high)),
                     lid=draw(st.sampled_from(["none", "lid"])), **values)
    except MeasureError:
        return rigid()


class RigidBoxes(unittest.TestCase):
    @given(rigid_boxes())
    def test_boards_and_wraps_lie_on_each_other_and_nowhere_in_one_place(self, made: Build) -> None:
        self.assertTrue(all(c.closes for c in made.closures))
        self.assertEqual(solids.shared(solids.slabs(made.patterns)), ())
        assert made.cavity is not None
        np.testing.assert_allclose(made.cavity.size, made.cavity.asked, atol=0.001)
        self.assertEqual(simulate(made), ())

    def test_mitred_walls_lower_than_their_board_is_thick_thrice_meet_at_their_corners(self) -> None:
        # their sides are cut further from the edges of the room than they are long
        made = rigid(3.0, 0.1, length=30.0, width=30.0, height=12.0, skirt=10.0, lid="lid", corners="mitred")
        self.assertEqual([c for c in made.closures if not c.closes], [])

    def test_its_hinge_stays_whole(self) -> None:
        made = rigid(lid="hinged")
        self.assertEqual(why_not(made.draft, "hinge lid"), "it is glued over what it covers")

    @given(rigid_boxes())
    def test_its_lid_comes_off_upwards_without_catching_and_with_the_play_asked_for(
        self, made: Build) -> None:
        if not made.draft.slides:
            return
        every = solids.slabs(made.patterns)
        lid = frozenset(p.name for p in made.patterns if p.name.startswith("lid "))
        for far in (0.5, 2.0, 10.0, 60.0):
            self.assertEqual(solids.shared(every, (0.0, 0.0, far), lid), ())
        at = {s.panel.name: s.box for s in slabs(made.patterns)}
        values = find_recipe("rigid-box").settled(made.brief.values)
        # from the outside of the wrapped tray to the inner face of the lid's board
        self.assertAlmostEqual(at["wrap front"][0][1] - at["lid front"][1][1] - 2 * _HAIR,
                               float(values["play"]),
                               delta=0.02)

    def test_its_wrap_is_as_long_as_the_way_its_middle_takes_round_the_boards(self) -> None:
        # worked out by hand: along base, up both walls, over both rims, down inside, all through the middle
        # of the paper: L + 2 b + p, twice H + b + p, b + p and turn-in + p / 2
        for b, p in ((2.0, 0.1), (1.0, 0.2), (3.0, 0.05)):
            made = rigid(b, p, lid="none", length=120.0, width=80.0, height=50.0, turn=15.0)
            wrap = next(x for x in made.patterns if x.name == "wrap")
            self.assertAlmostEqual(wrap.box.width,
                                   120 + 2 * b + p + 2 * ((50 + b + p) + (b + p) + (15 + p / 2)),
                                   delta=0.01)

    def test_a_wrap_drawn_without_thickness_stands_in_its_boards(self) -> None:
        made = rigid(2.0, 0.1, lid="none")
        naive = replace(made.draft, pieces=tuple(replace(p, panels=tuple(
            replace(q, on="", under="") for q in p.panels)) if p.part == "wrap" else p
                                                 for p in made.draft.pieces))
        patterns = develop(naive, made.stock, (("wrap", Stock("wrap", "Paper", 90, 0.1)),))
        self.assertTrue(solids.shared(solids.slabs(patterns)))

    def test_boards_are_joined_and_taped_before_the_wrap_which_is_glued_as_it_is_folded(self) -> None:
        words = [str(s.words) for s in rigid().plan.steps]
        order = [next(i for i, w in enumerate(words) if part in w) for part in
                 ("edges of the base", "Tape the corners of the boards", "Glue the base on the wrap",
                  "Raise the wrap left", "wrap left front flap", "Raise the wrap front", "wrap front edge")]
        self.assertEqual(order, sorted(order))
        self.assertIn("Glue the wrap left on the left", words[order[3]])

    def test_its_wrap_is_of_paper_and_no_board(self) -> None:
        thick = Stock("thick", "Thick", 300, 0.6)
        with self.assertRaises(StockError) as caught:
            new_brief("rigid-box").accept_part("wrap", thick)
        self.assertIn("0.25", str(caught.exception))
        plain = build(new_brief("rigid-box"), board(2.0))  # no stock chosen: what it usually is
        self.assertEqual(next(p for p in plain.patterns if p.name == "wrap").stock.id, "wrapping-60")



class Laminates(unittest.TestCase):
    @given(st.floats(0.2, 4.0), st.integers(1, 24), st.booleans(),
           st.sampled_from(["rectangle", "heart", "ring", "frame", "star"]))
    def test_layers_lie_on_each_other_to_the_thickness_of_all(self, thick: float, count: int, faced: bool,
                                                              outline: str) -> None:
        stock, paper = board(thick), Stock("paper", "Paper", 90, 0.1)
        brief = new_brief("laminate", {"layers": float(count), "facing": "both" if faced else "none",
                                       "edge": "none", "outline": "plate" if outline == "rectangle"
                                       else outline}, stock)
        made = build(brief, stock, (("facing", paper),))
        self.assertTrue(all(c.closes for c in made.closures))
        self.assertEqual(solids.shared(solids.slabs(made.patterns)), ())
        self.assertAlmostEqual(made.outside[2], count * thick + (0.2 if faced else 0.0), places=6)
        rows = cutting_list(loads_of_all((made,)))
        self.assertEqual(sum(r.copies for r in rows), count + (2 if faced else 0))
        if outline == "rectangle":  # all layers are one row of the list
            self.assertEqual({r.copies for r in rows}, {count, 2} if faced else {count})

    def test_what_is_reached_is_said_beside_what_is_wanted_and_a_press_takes_the_nearest(self) -> None:
        # by hand: boards of 2 mm with films of 0.05 and two facings of 0.1 with theirs: 0.3 + 2 n + 0.05 (n -
        # 1); 4 come to 8.45, 5 to 10.5, wanted 10
        stock, paper = board(2.0), Stock("paper", "Paper", 90, 0.1)
        made = build(new_brief("laminate", {"layers": 3.0, "thick": 10.0}, stock), stock,
                     (("facing", paper),))
        (said,) = [f for f in run(made, find_sheet("A3")) if f.code == "glued-up"]
        self.assertIn("6.4 mm", said.sentence)
        assert said.fix is not None and said.fix.brief is not None
        self.assertEqual(said.fix.brief.values["layers"], 5.0)
        again = build(said.fix.brief, stock, (("facing", paper),))
        (now,) = [f for f in run(again, find_sheet("A3")) if f.code == "glued-up"]
        self.assertIn("10.5 mm", now.sentence)
        self.assertIsNone(now.fix)

    def test_its_edge_strip_goes_once_round(self) -> None:
        made = build(new_brief("laminate", {"width": 100.0, "height": 70.0, "thick": 6.0}), board(2.0))
        (said,) = [f for f in run(made, find_sheet("A3")) if f.place == "edge"]
        self.assertIn("340 mm", said.sentence)  # 2 x 170
        # two strips of 170 with 8 to lap, and half the way paper of 0.07 is longer amid its thickness; as
        # wide as three boards of 2
        strips = [p.box for p in made.patterns if p.name.startswith("edge strip")]
        self.assertEqual(len(strips), 2)
        for box in strips:
            self.assertAlmostEqual(box.width, 178.0 + math.pi * 0.07 / 2, places=3)
            self.assertAlmostEqual(box.height, 6.0, places=6)



class Models(unittest.TestCase):
    def test_a_model_s_scale_is_kept_told_and_refused_where_it_is_none(self) -> None:
        brief = new_brief("cabinet").with_model(12.0)
        again = project_file.loads(project_file.dumps(new_project(brief))).briefs[0]
        self.assertEqual(again.model, 12.0)
        self.assertEqual([str(d) for d in differences(new_project(new_brief("cabinet")), new_project(brief))],
                         ["Cabinet: scale was 1.0, is now 12.0"])
        for bad in (0.5, 2000.0, math.nan):
            with self.assertRaises(MeasureError):
                brief.with_model(bad)
        broken = project_file.dumps(new_project(brief)).replace(b'"model": 12.0', b'"model": "twelve"')
        with self.assertRaises(ProjectError) as caught:
            project_file.loads(broken)
        self.assertIn("model", str(caught.exception))

    def test_what_does_not_fit_people_is_said_with_what_would_be_usual(self) -> None:
        # a shelf 0.9 m high at 1:12 is 75 mm: no remark; one of 10 mm would be 12 cm high
        self.assertEqual(parse("0.9 m 1:12"), 75.0)
        stock = board(2.0)
        for opening, odd in ((75.0, False), (10.0, True)):
            brief = new_brief("cabinet", {"opening": opening}, stock).with_model(12.0)
            said = [f for f in run(build(brief, stock), find_sheet("A3")) if f.code == "human"
                    and f.place == "opening"]
            self.assertEqual(bool(said), odd)
        self.assertIn("12.0 cm", said[0].sentence)
        self.assertIn("15 mm", said[0].remedy)
        plain = build(new_brief("cabinet", {"opening": 10.0}, stock), stock)
        self.assertEqual([f for f in run(plain, find_sheet("A3")) if f.code == "human"], [])

    def test_real_sizes_are_written_in_metres_or_feet(self) -> None:
        for mm, unit, words in ((900.0, "mm", "90.0 cm"), (2100.0, "mm", "2.10 m"),
                                (914.4, "in", "3 ft 0 in"),
                                (254.0, "in", "10 in")):
            self.assertEqual(write_real(mm, unit), words)


if __name__ == "__main__":
    unittest.main()
