"""What is made on the rule of boards: plinths and frames of cabinets, drawers, hinged lids, pockets; what
moves does so without catching, and a way that is not right is found."""

from __future__ import annotations

import math
import unittest
from dataclasses import replace

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from mingei.core.check import run
from mingei.core.check.simulating import simulate
from mingei.core.document.build import Build, build
from mingei.core.document.project import new_brief
from mingei.core.draft import Slide
from mingei.core.errors import MeasureError
from mingei.core.flat.develop import develop
from mingei.core.folded.fold import closure, finished, pose
from mingei.core.folded.moving import motions, opened, turned
from mingei.core.layout.sheets import find_sheet
from mingei.core.layout.splice import lines_that_fit
from mingei.core.recipes import Value, find_recipe
from mingei.core.stock import find_stock
from tests.giving import given_way
from tests.solids import shared, slabs
from tests.test_house import box_of, of, replaced


def made_of(recipe: str, board: float, parts: dict[str, float], **values: Value) -> Build:
    return build(new_brief(recipe, values), of("board", board),
                 tuple((name, of(name, caliper)) for name, caliper in parts.items()))


def sound(case: unittest.TestCase, made: Build) -> None:
    """Everything closes, nothing shares a place, and nothing catches where it moves."""
    case.assertEqual([c for p in made.patterns for c in closure(p, made.patterns) if not c.closes], [])
    case.assertEqual(shared(made), [])
    case.assertEqual([str(f) for f in run(made, find_sheet("A0"), thorough=True)
                      if f.severity.name == "ERROR" and not f.code.startswith(("sheet", "pins", "spine"))],
                     [])
    case.assertEqual(simulate(made), ())


@st.composite
def chests(draw: st.DrawFn) -> Build:
    return made_of(
        "drawer-chest", draw(st.floats(0.5, 3.0)), {"drawers": draw(st.floats(0.3, 3.0))},
        width=draw(st.floats(20.0, 300.0)), depth=draw(st.floats(20.0, 200.0)),
        opening=draw(st.floats(16.0, 120.0)), lowest=draw(st.sampled_from([0.0, 30.0])),
        drawers=float(draw(st.integers(1, 8))), ends=draw(st.sampled_from(["butted", "housed"])),
        play=draw(st.floats(0.2, 2.0)), plinth=draw(st.sampled_from([0.0, 8.0, 40.0])),
        foot=draw(st.sampled_from(["straight", "arch"])), knobs=float(draw(st.integers(0, 2))), knob=1.5)


class Chests(unittest.TestCase):
    @given(chests())
    def test_every_drawer_lies_in_its_opening_with_the_play_asked_for_and_comes_out(
        self, made: Build) -> None:
        sound(self, made)
        play, depth = float(made.brief.values["play"]), float(made.brief.values["depth"])
        count = int(made.brief.values["drawers"])
        for number in range(1, count + 1):
            front, back = (box_of(made, f"drawer {number} {side}") for side in ("front", "back"))
            below = box_of(made, f"shelf {number - 1}" if number > 1 else "bottom")[1][2]
            above = box_of(made, f"shelf {number}" if number < count else "top")[0][2]
            self.assertAlmostEqual(front[0][2] - below, play, delta=0.01)
            self.assertAlmostEqual(above - front[1][2], play, delta=0.01)
            self.assertAlmostEqual(front[0][0], play, delta=0.01)
            self.assertAlmostEqual(depth - back[1][1], play, delta=0.01)
            ways = [(0.0, -depth * share, 0.0) for share in (0.1, 0.5, 0.9)]
            moving = {f"drawer {number} {side}" for side in ("front", "back", "left", "right", "base")}
            self.assertEqual(shared(made, moved=ways, moving=moving), [])

    def test_drawers_that_do_not_stand_above_their_shelves_stand_in_them(self) -> None:
        made = made_of("drawer-chest", 2.0, {"drawers": 1.0})
        naive = replace(made.draft, pieces=tuple(replace(p, past=()) for p in made.draft.pieces))
        found = shared(replaced(made, develop(naive, made.stock, made.stocks)))
        self.assertTrue(any("drawer" in s.a + s.b and "shelf" in s.a + s.b for s in found))

    def test_its_cutting_list_is_that_worked_out_by_hand(self) -> None:
        # room 60 x 40, three openings of 20, play 0.5, boards 2 and 1 thick.  Drawer outside: 59 x 39.5 x 19;
        # its sides lie between front and back, 39.5 - 2 x 1; its base within all four, 57 x 37.5
        made = made_of("drawer-chest", 2.0, {"drawers": 1.0}, width=60.0, depth=40.0, opening=20.0,
                       drawers=3.0)
        size = {p.name: (round(p.box.width, 3), round(p.box.height, 3)) for p in made.patterns}
        self.assertEqual(size["drawer 2 front"], (59.0, 19.0))
        self.assertEqual(size["drawer 2 left"], (37.5, 19.0))
        self.assertEqual(size["drawer 2 base"], (57.0, 37.5))
        # 3 x 20 clear, two shelves, bottom and top
        self.assertEqual(size["left side"], (40.0, 68.0))
        self.assertEqual(size["shelf 1"], (60.0, 39.5))  # shelves keep half a millimetre behind the front


@st.composite
def footed(draw: st.DrawFn) -> Build:
    return made_of(
        "cabinet", draw(st.floats(2.0, 4.0)), {"frames": draw(st.floats(0.1, 1.0))},
        width=draw(st.floats(60.0, 300.0)), depth=draw(st.floats(20.0, 200.0)),
        opening=draw(st.floats(20.0, 120.0)), shelves=float(draw(st.integers(0, 6))),
        doors=draw(st.sampled_from(["none", "one", "two"])), plinth=draw(st.floats(8.0, 60.0)),
        foot=draw(st.sampled_from(["straight", "arch"])), frame=draw(st.sampled_from([0.0, 4.0, 8.0])))


class Feet(unittest.TestCase):
    @given(footed())
    def test_sides_stand_as_far_below_the_bottom_as_asked_and_frames_turn_with_their_doors(
            self, made: Build) -> None:
        sound(self, made)
        plinth = float(find_recipe("cabinet").settled(made.brief.values)["plinth"])
        if plinth:
            for name in ("left side", "back", "plinth"):
                self.assertAlmostEqual(box_of(made, name)[0][2], -plinth, delta=0.01)
            self.assertAlmostEqual(box_of(made, "plinth")[1][2], box_of(made, "bottom")[0][2], delta=0.01)
        moved = motions(made.patterns, made.draft.swings, (), 1.0)
        for swing in made.draft.swings:
            if f"{swing.piece} frame" in {p.name for p in made.patterns}:
                np.testing.assert_allclose(moved[swing.piece], moved[f"{swing.piece} frame"])

    @given(footed())
    def test_on_each_door_lies_a_frame_where_one_is_asked_for(self, made: Build) -> None:
        values = find_recipe("cabinet").settled(made.brief.values)
        doors = {"none": 0, "one": 1, "two": 2}[str(values["doors"])]
        frames = [p for p in made.patterns if p.name.endswith("frame")]
        self.assertEqual(len(frames), doors if values["frame"] else 0)
        for frame in frames:
            (low, high), (door, _) = box_of(made, frame.name), box_of(made, frame.name.removesuffix(" frame"))
            self.assertAlmostEqual(high[1], door[1], delta=0.01)  # it lies on the door's outer face
            self.assertAlmostEqual(high[1] - low[1], frame.stock.caliper_mm, delta=0.01)

    def test_an_arch_is_as_high_as_its_plinth_leaves(self) -> None:
        made = made_of("cabinet", 2.0, {}, plinth=20.0, foot="arch", width=80.0)
        panel = next(p.by_name["plinth"] for p in made.patterns if "plinth" in p.by_name)
        xs = [(x, y) for x, y in panel.polygon if abs(x - 40.0) < 2.0 and y < 18.0]
        self.assertAlmostEqual(max(y for _, y in xs), 16.0, delta=0.05)  # 4 left above it

    def test_a_frame_whose_edge_runs_through_the_knob_is_refused(self) -> None:
        recipe = find_recipe("cabinet")
        with self.assertRaises(MeasureError):
            recipe.contradictions({m.name: m.default for m in recipe.measures} | {"frame": 5.0})


@st.composite
def tongued(draw: st.DrawFn) -> Build:
    return made_of(
        "cabinet", draw(st.floats(0.5, 4.0)), {}, width=draw(st.floats(60.0, 400.0)), pin=0.5,
        depth=draw(st.floats(40.0, 300.0)), opening=draw(st.floats(20.0, 120.0)), ends="tongued",
        shelves=float(draw(st.integers(1, 6))), doors=draw(st.sampled_from(["none", "one", "two"])))


class Tongues(unittest.TestCase):
    @given(tongued())
    def test_shelves_come_through_the_sides_and_out_flush_with_them(self, made: Build) -> None:
        sound(self, made)
        sides = [box_of(made, name) for name in ("left side", "right side")]
        shelf = box_of(made, "shelf 1")
        self.assertAlmostEqual(shelf[0][0], sides[0][0][0], delta=0.01)
        self.assertAlmostEqual(shelf[1][0], sides[1][1][0], delta=0.01)

    def test_a_shelf_too_shallow_for_a_tongue_behind_the_doors_is_butted(self) -> None:
        self.assertEqual(given_way("cabinet", {"ends": "tongued", "depth": 10.0, "shelves": 2.0,
                                               "doors": "one"}), {"ends": ("tongued", "butted")})


@st.composite
def parted(draw: st.DrawFn) -> Build:
    return made_of("dividers", draw(st.floats(0.3, 3.0)), {}, length=draw(st.floats(60.0, 600.0)),
                   width=draw(st.floats(60.0, 600.0)), height=draw(st.floats(10.0, 300.0)),
                   along=float(draw(st.integers(2, 4))), across=float(draw(st.integers(2, 4))),
                   play=draw(st.floats(0.0, 3.0)))


class Dividers(unittest.TestCase):
    @given(parted())
    def test_all_cells_are_alike_and_the_whole_is_as_large_as_its_box_less_the_play(
            self, made: Build) -> None:
        sound(self, made)
        values = made.brief.values
        for axis, side, word in ((0, "length", "short"), (1, "width", "long")):
            room = float(values[side]) - 2 * float(values["play"])
            boxes = [box_of(made, p.name) for p in made.patterns if p.name.startswith(word)]
            ends = [0.0, *sorted(edge[axis] for box in boxes for edge in box), room]
            cells = [b - a for a, b in zip(ends[::2], ends[1::2], strict=True)]
            self.assertAlmostEqual(min(cells), max(cells), delta=0.01)
            self.assertAlmostEqual(sum(cells) + len(boxes) * made.stock.caliper_mm, room, delta=0.01)

    def test_cells_too_narrow_to_reach_into_are_refused_with_what_would_do(self) -> None:
        self.assertEqual(given_way("dividers", {"along": 12.0, "length": 100.0}), {"along": (12.0, 6.0)})

    def test_its_strips_are_slid_into_each_other_and_no_glue_dries(self) -> None:
        words = [str(step.words) for step in made_of("dividers", 1.0, {}).steps]
        self.assertIn("short strip 1", " ".join(words))
        self.assertFalse([w for w in words if "glue" in w.lower()])


class Doors(unittest.TestCase):
    @given(st.sampled_from(["outside", "slit"]), st.sampled_from(["stays", "lifts off"]),
           st.floats(1.0, 3.0), st.floats(0.05, 0.3))
    def test_the_strip_a_door_hangs_on_lies_on_both_and_folds_with_it(
            self, hung: str, front: str, board: float, strip: float) -> None:
        made = made_of("house", board, {"hinges": strip}, front=front, hung=hung, stairs="none")
        sound(self, made)
        (swing,) = made.draft.swings
        hinge = next(p for p in made.patterns if p.name == swing.strip)
        door = next(p for p in made.patterns if p.name == swing.piece)
        for share in (0.0, 0.3, 0.7, 1.0):
            motion = motions(made.patterns, made.draft.swings, (), share)[swing.piece]
            leaf = pose(hinge, opened(made.patterns, made.draft.swings, share)[hinge.name])[
                "front wall hinge leaf"]
            moved = motion @ finished(door)[door.root]
            seen = np.linalg.inv(moved) @ leaf  # as the door sees it
            np.testing.assert_allclose(seen[:3, 2], (0.0, 0.0, 1.0), atol=1e-9)
            # it turns about its own middle, half its thickness outside of the line the door turns about
            self.assertAlmostEqual(seen[2, 3], (board + strip) / 2, delta=strip)


@st.composite
def hinged(draw: st.DrawFn) -> Build:
    return made_of(
        "rigid-box", draw(st.floats(0.8, 3.0)), {"wrap": draw(st.floats(0.05, 0.25))}, lid="hinged",
        length=draw(st.floats(30.0, 300.0)), width=draw(st.floats(30.0, 300.0)),
        height=draw(st.floats(12.0, 200.0)), turn=draw(st.floats(6.0, 10.0)), flap=draw(st.floats(5.0, 12.0)))


class Lids(unittest.TestCase):
    @given(hinged())
    def test_a_hinged_lid_lies_on_the_rim_and_opens_about_its_rear_edge(self, made: Build) -> None:
        sound(self, made)
        board = next(p for p in made.patterns if p.name == "lid board")
        (swing,) = made.draft.swings
        motion = turned(board, swing, 90.0)
        corners = np.array([(*p, 0.0, 1.0) for p in board.by_name["lid board"].polygon])
        opened = corners @ finished(board)["lid board"].T @ motion.T
        # upright: all of it stands above the rim and none of it before the hinge
        rear = box_of(made, "lid board")[1][1]
        self.assertAlmostEqual(float(opened[:, 1].max() - opened[:, 1].min()), 0.0, places=6)
        self.assertGreater(float(opened[:, 2].min()), box_of(made, "lid board")[0][2] - 0.001)
        self.assertAlmostEqual(float(opened[0, 1]) - board.stock.caliper_mm / 2, rear, delta=0.001)

    def test_its_wrap_covers_board_and_turn_in(self) -> None:
        # by hand: board 2, paper 0.1, walls' wraps outside of it; over each edge 2 + pi / 4 x 0.1 and 15 in
        made = made_of("rigid-box", 2.0, {"wrap": 0.1}, lid="hinged", length=120.0, width=80.0, turn=15.0)
        wide = next(p for p in made.patterns if p.name == "lid wrap").box.width
        board = next(p for p in made.patterns if p.name == "lid board").box.width
        arc = math.pi / 2 * 0.05 + math.pi / 4 * 0.1
        self.assertAlmostEqual(wide - board, 2 * (2.0 + arc + 15.0), delta=0.001)

    def test_its_ribbon_is_as_long_as_the_way_from_lid_to_wall(self) -> None:
        made = made_of("rigid-box", 2.0, {}, lid="hinged", width=100.0)
        (ribbon,) = [b for b in made.draft.bought if b.name == "ribbon"]
        # 60 from the hinge, opened by 105 degrees: 2 x 60 x sin 52.5 = 95.20, and 12 glued at each end
        self.assertAlmostEqual(ribbon.length_mm, 95.20 + 24.0, delta=0.01)


@st.composite
def mitred(draw: st.DrawFn) -> Build:
    return made_of(
        "rigid-box", draw(st.floats(0.8, 3.0)), {"wrap": draw(st.floats(0.05, 0.25))}, corners="mitred",
        lid=draw(st.sampled_from(["none", "lid", "hinged"])), length=draw(st.floats(30.0, 300.0)),
        width=draw(st.floats(30.0, 300.0)), height=draw(st.floats(30.0, 200.0)), skirt=14.0,
        turn=draw(st.floats(6.0, 10.0)), flap=draw(st.floats(5.0, 12.0)))


class Mitres(unittest.TestCase):
    @given(mitred())
    def test_boards_cut_slanting_meet_rim_on_rim_and_take_no_place_of_each_other(self, made: Build) -> None:
        sound(self, made)
        # as long outside as a butted box's front, which runs past its ends
        butted = build(made.brief.with_measure("corners", "butted"), made.stock, made.stocks)
        a, b = (next(p.by_name["front"] for p in m.patterns if "front" in p.by_name) for m in (made, butted))
        self.assertAlmostEqual(max(x for x, _ in a.polygon), max(x for x, _ in b.polygon), places=6)
        self.assertEqual(len([p for p in made.patterns for panel in p.panels if panel.bevels]) % 4, 0)

    def test_a_mitred_wall_fills_the_corner_that_a_square_one_would_share(self) -> None:
        # by hand: board 2, corners of 45 degrees: each wall is as long as the room and a board at each end
        # outside, and as the room inside
        made = made_of("rigid-box", 2.0, {}, corners="mitred", lid="none", length=100.0, width=60.0)
        solid = {s.panel.name: s for s in slabs(made.patterns)}
        for name, length in (("front", 100.0), ("left", 60.0)):
            panel = next(p.by_name[name] for p in made.patterns if name in p.by_name)
            xs = [x for x, _ in panel.polygon]
            self.assertAlmostEqual(max(xs) - min(xs), length + 4.0, places=6)
            inner = panel.within(2.0)
            self.assertAlmostEqual(max(x for x, _ in inner) - min(x for x, _ in inner), length, places=6)
            high = max(y for _, y in panel.polygon) - min(y for _, y in panel.polygon)
            # the mean of both faces times board and height, less the hair solids are smaller by
            self.assertAlmostEqual(solid[name].solid.volume(), (length + 2.0) * 2.0 * high,
                                   delta=0.03 * (length + 2.0) * 2.0 * high)

    def test_boards_that_run_to_the_corner_and_are_cut_square_share_it(self) -> None:
        made = made_of("rigid-box", 2.0, {}, corners="mitred", lid="none")
        square = tuple(replace(p, panels=tuple(replace(q, bevels=(), lies=()) for q in p.panels))
                       for p in made.patterns)
        self.assertTrue(shared(replaced(made, square)))


class Signals(unittest.TestCase):
    @given(st.floats(0.3, 3.0), st.floats(0.2, 3.0), st.floats(0.1, 0.6), st.floats(5.0, 60.0),
           st.floats(10.0, 180.0))
    def test_its_slide_runs_to_its_stop_and_its_arm_turns_without_catching(
            self, board: float, arm: float, shim: float, travel: float, turns: float) -> None:
        made = made_of("signal", board, {"arm": arm, "shims": shim}, travel=travel, turns=turns,
                       height=60.0 + travel)
        sound(self, made)
        moving = {"slider neck", "slider shim", "slider plate", "slider stop"}
        ways = [(0.0, 0.0, travel * share) for share in (0.1, 0.3, 0.5, 0.8, 1.0)]
        self.assertEqual(shared(made, moved=ways, moving=moving), [])
        # past its stop it catches on the slot's end
        self.assertTrue(shared(made, moved=[(0.0, 0.0, travel + 1.0)], moving=moving))
        # in front it has as much play as its shim is thick
        self.assertAlmostEqual(box_of(made, "board")[0][1] - box_of(made, "slider plate")[1][1], shim,
                               places=6)


class Pockets(unittest.TestCase):
    def test_a_pocket_is_cut_as_the_trade_reckons_it(self) -> None:
        # common practice: a tag of 3 1/4 x 5 1/4 in wants a pocket cut 4 7/8 x 4 3/8, scored at 1/2 on three
        # sides
        inch = 25.4
        made = build(new_brief("album", {"pocket": "pocket", "tag_width": 3.25 * inch,
                                         "tag_height": 5.25 * inch}), find_stock("greyboard-20"))
        pattern = next(p for p in made.patterns if p.name == "pocket")
        # turned right over, each edge takes a half round of the card besides: pi / 4 of two halves
        round_it = math.pi / 2 * pattern.stock.caliper_mm
        self.assertAlmostEqual(pattern.box.width, 4.875 * inch + 2 * round_it, delta=0.25)
        self.assertAlmostEqual(pattern.box.height, 4.375 * inch + round_it, delta=0.25)
        sound(self, made)

    def test_a_wrap_too_large_for_its_sheet_is_pieced_behind_a_board(self) -> None:
        made = build(new_brief("album", {}), find_stock("greyboard-20"))
        wrap = next(p for p in made.patterns if p.name == "wrap")
        values = made.brief.values
        turn, board, gap, spine = (float(values[k]) for k in ("turn", "width", "gap", "spine"))
        starts = (turn + board, turn + board + gap + spine)
        for wide in range(150, 420, 10):
            for line in lines_that_fit(wrap, [(float(wide), 400.0)]):
                if line.turn_deg == 90.0:
                    x = line.share * wrap.box.width
                    self.assertFalse(any(start < x < start + gap for start in starts), (wide, x))

    def test_a_slide_with_a_stop_goes_no_further(self) -> None:
        made = made_of("drawer-chest", 2.0, {"drawers": 1.0})
        stopped = motions(made.patterns, (), (Slide("drawer 1", (0.0, -1.0, 0.0), 12.0),), 1.0)
        self.assertEqual(float(stopped["drawer 1 front"][1, 3]), -12.0)


if __name__ == "__main__":
    unittest.main()
