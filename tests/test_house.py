"""Houses of walls and floors, as solids: clear rooms, floors that slide into their grooves, stairs with room
over every tread, windows where they were asked for, fronts that come off."""

from __future__ import annotations

import itertools
import math
import unittest
from dataclasses import replace

import manifold3d as m3
import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from mingei.core.check import run
from mingei.core.check.simulating import simulate
from mingei.core.document.build import Build, build, loads_of_all
from mingei.core.document.project import new_brief
from mingei.core.drafting import storeys
from mingei.core.errors import MeasureError
from mingei.core.flat.develop import develop
from mingei.core.folded.fold import closure, finished, place
from mingei.core.layout.cutting_list import cutting_list
from mingei.core.layout.sheets import find_sheet
from mingei.core.recipes import Value, find_recipe
from mingei.core.stock import Stock
from tests.solids import shared, slabs

#: What solids are shrunk by on either face counts twice where two look at each other.
_NEAR_MM = 0.05


def of(name: str, caliper: float) -> Stock:
    return Stock(name, name, 1000, caliper, kind="board")


def house(board: float = 2.0, cladding: float = 1.0, floor: float = 2.0, partition: float = 2.0,
          **values: Value) -> Build:
    calipers = {"floors": floor, "cladding": cladding, "partitions": partition, "frames": 0.3,
                "glazing": 0.2, "treads": 0.3}
    return build(new_brief("house", values), of("board", board),
                 tuple((name, of(name, caliper)) for name, caliper in calipers.items()))


def stock_of(made: Build, part: str) -> Stock:
    return next(p.stock for p in made.patterns if p.part == part)


@st.composite
def houses(draw: st.DrawFn) -> Build:
    pick = st.sampled_from
    board, floor = draw(st.floats(1.0, 3.0)), draw(st.floats(0.8, 3.0))
    going, steps, stair = draw(st.floats(4.0, 12.0)), draw(st.integers(3, 14)), draw(st.floats(12.0, 40.0))
    height = draw(st.floats(60.0, 140.0))
    roof = draw(pick(["flat", "lean-to", "gabled"]))
    pitch, eaves = float(draw(st.integers(8, 50))), draw(st.floats(0.0, 15.0))
    front = draw(pick(["open", "lifts off", "stays"]))
    posts = draw(st.integers(0, 3)) if front == "open" else 0
    porch = draw(st.floats(12.0, 30.0)) if posts else 0.0
    knee = 9.0 + (eaves + porch + 7.0) * math.tan(math.radians(pitch))
    room = 2 * stair + (steps - 1) * going + draw(st.floats(1.0, 60.0))
    return house(
        board, draw(st.floats(0.5, 2.0)), floor, draw(st.floats(0.8, 3.0)),
        rooms=float(draw(st.integers(1, 3))),
        width=max(60.0, room), depth=draw(st.floats(2 * stair + 60.0, 220.0)),
        storeys=float(draw(st.integers(1, 4))), height=height, ground=draw(pick([0.0, height + 20.0])),
        roof=roof, pitch=pitch, eaves=eaves, knee=min(150.0, knee), front=front, windows=1.0,
        side_windows=float(draw(st.integers(0, 2))), pane=18.0, window_height=20.0, sill=12.0,
        uprights=float(draw(st.integers(0, 2))), levels=float(draw(st.integers(0, 2))), door=24.0,
        door_height=45.0, steps=float(steps), going=going, stair=stair, head=min(height - 8.0, 50.0),
        layers=max(2.0, float(math.floor(stair / board))), porch=porch, posts=float(posts), post=5.0)


def box_of(made: Build, name: str) -> np.ndarray:
    """The least and the most of a panel as it stands, its thickness counted, mm."""
    pattern = next(p for p in made.patterns if name in p.by_name)
    matrix, half = finished(pattern)[name], pattern.stock.caliper_mm / 2
    points = np.concatenate([place(matrix, pattern.by_name[name].polygon, h) for h in (half, -half)])
    return np.array((points.min(axis=0), points.max(axis=0)))


class Houses(unittest.TestCase):
    @given(houses())
    def test_everything_stands_where_it_belongs_and_nowhere_in_one_place(self, made: Build) -> None:
        self.assertEqual([(c.seam, c.apart_mm, c.outside_mm) for p in made.patterns
                          for c in closure(p, made.patterns) if not c.closes], [])
        self.assertEqual(shared(made), [])
        self.assertEqual([str(f) for f in run(made, find_sheet("A0"), thorough=True)
                          if f.severity.name == "ERROR" and not f.code.startswith("sheet")], [])

    @given(houses())
    def test_rooms_are_as_clear_as_asked_whatever_floors_and_walls_are_of(self, made: Build) -> None:
        values, heights = made.brief.values, []
        rooms, width = int(values["rooms"]), float(values["width"])
        for storey in range(int(values["storeys"])):
            floor = box_of(made, f"floor {storey}" if storey else "ground floor")
            above = (box_of(made, f"floor {storey + 1}") if f"floor {storey + 1}" in
                     {n for p in made.patterns for n in p.by_name} else None)
            if above is not None:
                heights.append(above[0][2] - floor[1][2])
            left, right = (box_of(made, f"{s} cladding {storey + 1}") for s in ("left", "right"))
            walls = [left, *(box_of(made, f"partition {storey + 1}-{n}") for n in range(1, rooms)), right]
            for a, b in itertools.pairwise(walls):
                self.assertAlmostEqual(b[0][0] - a[1][0], width, delta=0.02)
            back = box_of(made, f"back cladding {storey + 1}")
            self.assertAlmostEqual(back[0][1], float(values["depth"]), delta=0.02)
        wanted = [float(values["ground"]) or float(values["height"]), *[float(values["height"])] * 3]
        for found, asked in zip(heights, wanted, strict=False):
            self.assertAlmostEqual(found, asked, delta=0.02)

    @given(houses())
    def test_every_floor_slides_into_its_grooves_from_the_front_with_the_fit_stated(
            self, made: Build) -> None:
        walls = {p.name for p in made.patterns if (p.name.endswith(" wall") and p.name != "front wall")
                 or "cladding" in p.name}
        bare = build_of(made, walls | {p.name for p in made.patterns if p.name.startswith("floor ")})
        depth = float(made.brief.values["depth"])
        ways = [(0.0, -depth * share, 0.0) for share in (0.02, 0.1, 0.3, 0.5, 0.7, 0.9)]
        for name in (n for p in made.patterns for n in p.by_name if n.startswith("floor ")):
            self.assertEqual(list(shared(bare, moved=ways, moving={name})), [])
            number = int(name.split()[1])
            if number < int(made.brief.values["storeys"]):
                below, above = (box_of(made, f"left cladding {n}") for n in (number, number + 1))
                thick = stock_of(made, "floors").caliper_mm
                self.assertAlmostEqual(above[0][2] - below[1][2], thick + 0.2, delta=0.01)

    def test_layers_of_a_stair_alike_stand_in_one_row_of_the_cutting_list(self) -> None:
        made = house(storeys=2)
        layers = [p for p in made.patterns if p.name.startswith("stair 1") and not p.part]
        rows = [row for row in cutting_list(loads_of_all((made,))) if row.piece().startswith("stair 1")]
        self.assertGreater(len(layers), 4)
        self.assertEqual([(row.copies, row.piece()) for row in rows if row.stock == "board"],
                         [(len(layers), f"stair 1, stair 1 layer 2–{len(layers)}")])

    @given(houses())
    def test_all_rises_of_a_stair_are_alike_and_over_each_tread_is_the_room_asked_for(
            self, made: Build) -> None:
        values = made.brief.values
        if values["stairs"] == "none":
            return
        everything = slabs(made.patterns)
        steps, head = int(values["steps"]), float(values["head"])
        for flight in range(1, int(values["storeys"])):
            below = box_of(made, f"floor {flight - 1}" if flight > 1 else "ground floor")[1][2]
            above = box_of(made, f"floor {flight}")[1][2]
            levels = [below, *(box_of(made, f"stair {flight} tread {n}")[1][2] for n in range(1, steps)),
                      above]
            rises = np.diff(levels)
            self.assertAlmostEqual(float(rises.min()), float(rises.max()), delta=0.001)
            for number in range(1, steps):
                low, high = box_of(made, f"stair {flight} tread {number}")
                x, y, z = low[0] + 0.1, low[1] + 0.1, high[2] + _NEAR_MM
                room = m3.Manifold.cube((float(values["going"]) - 0.2, high[1] - low[1] - 0.2,
                                         head - 2 * _NEAR_MM)).translate((x, y, z))
                for each in everything:
                    self.assertLess((each.solid ^ room).volume(), 1e-6, (flight, number, each.panel.name))

    @given(houses())
    def test_windows_lie_as_high_over_their_floor_as_asked_and_their_glazing_within_the_wall(
            self, made: Build) -> None:
        border, sill = float(made.brief.values["border"]), float(made.brief.values["sill"])
        names = [n for p in made.patterns for n in p.by_name if " window " in n and n.endswith(" frame")]
        for name in names:
            storey = int(name.split(" window ")[1].split("-")[0]) - 1
            floor = box_of(made, f"floor {storey}" if storey else "ground floor")[1][2]
            self.assertAlmostEqual(box_of(made, name)[0][2] + border - floor, sill, delta=0.001)
            wall = " ".join(name.split()[:2]) if name.startswith("front") else f"{name.split()[0]} wall"
            glass, board = box_of(made, name.replace(" frame", " glazing")), box_of(made, wall)
            axis = 0 if wall in ("left wall", "right wall") else 1
            self.assertTrue((glass[0][axis] > board[0][axis] - 0.001)
                            & (glass[1][axis] < board[1][axis] + 0.001), name)

    def test_a_wall_that_is_not_longer_by_its_floors_stands_in_them(self) -> None:
        made = house(storeys=3.0)
        self.assertEqual(shared(made), [])
        naive = replace(made.draft, pieces=tuple(
            replace(piece, past=(), panels=tuple(replace(p, stretches=()) for p in piece.panels))
            for piece in made.draft.pieces))
        parts = tuple((name, stock_of(made, name)) for name in
                      ("cladding", "floors", "frames", "glazing", "treads"))
        found = shared(replaced(made, develop(naive, made.stock, parts)))
        self.assertTrue(any({a.a.split("/")[1][:5], a.b.split("/")[1][:5]} & {"floor"} for a in found))

    def test_walls_are_laid_up_first_floors_slid_in_and_the_roof_comes_last(self) -> None:
        made = house(rooms=2.0, storeys=2.0)
        words = [step.words for step in made.plan.steps]

        def at(*some: str) -> int:
            return next(i for i, said in enumerate(words) if all(w in said for w in some))

        order = [at("left window 1-1 glazing", "frame"), at("left cladding 1", "on the left wall"),
                 at("edges of the left wall", "ground floor"), at("Slide the floor 1", "grooves"),
                 at("partition 1-1"), at("stair 1 tread 1 to 12"), at("front roof", "on the edges of"),
                 at("ridge cap"), at("Glue the hinge over")]
        self.assertEqual(order, sorted(order))
        self.assertEqual(simulate(made), ())

    def test_what_cannot_be_is_refused_with_a_measure_that_would_do(self) -> None:
        for values, words in (
                ({"width": 120.0}, "too short for the stair"),
                ({"sill": 60.0}, "does not lie within the storey"),
                ({"storeys": 3.0, "depth": 60.0}, "too shallow for its stairs"),
                ({"windows": 4.0, "pane": 60.0}, "no room beside each other"),
                ({"knee": 9.0, "eaves": 30.0}, "could not be lifted off"),
                ({"posts": 2.0, "porch": 60.0, "eaves": 0.0, "roof": "flat"}, "could not be lifted off"),
                ({"door_height": 98.0}, "leaves nothing of the wall above")):
            recipe = find_recipe("house")
            with self.subTest(values=values), self.assertRaises(MeasureError) as caught:
                recipe.contradictions({m.name: m.default for m in recipe.measures} | values)
            self.assertIn(words, str(caught.exception))

    def test_a_house_that_does_not_fit_people_is_said(self) -> None:
        made = house(height=60.0, door_height=50.0, head=50.0, sill=5.0, window_height=40.0)
        scaled = build(made.brief.with_model(24.0), made.stock)
        said = {f.place: f.sentence for f in run(scaled, find_sheet("A0")) if f.code == "human"}
        self.assertIn("1.44 m", said["height"])
        self.assertIn("a stair's rise", said)

    def test_every_number_of_a_house_follows_where_its_rooms_lie(self) -> None:
        # by hand: two rooms of 100, three storeys of 80
        here = storeys.Storeys(2, 100.0, 60.0, (80.0, 80.0, 80.0), True)
        self.assertEqual((here.width, here.tall, here.level(2)), (200.0, 240.0, 160.0))
        self.assertEqual(here.upper, ("floor 1", "floor 2", "floor 3"))
        self.assertEqual(here._replace(attic=False).upper, ("floor 1", "floor 2"))


def replaced(made: Build, patterns: tuple) -> Build:
    """The build with other patterns."""
    found = object.__new__(Build)
    found.__dict__.update(made.__dict__)
    found.__dict__["patterns"] = patterns
    return found


def build_of(made: Build, names: set[str]) -> Build:
    """Only some of its pieces."""
    return replaced(made, tuple(p for p in made.patterns if p.name in names))


if __name__ == "__main__":
    unittest.main()
