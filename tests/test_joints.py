"""Joints: a new one is one module; boards butted and housed, proved by solids."""

from __future__ import annotations

import unittest
from dataclasses import replace
from unittest import mock

from hypothesis import given
from hypothesis import strategies as st

from mingei.core import joints
from mingei.core.amendments.amend import SeamChange
from mingei.core.document.build import build
from mingei.core.document.project import new_brief
from mingei.core.draft import (
    Draft,
    EdgeRef,
    Fold,
    Joint,
    LineOn,
    Panel,
    Piece,
    Placement,
    Seam,
)
from mingei.core.draft.joint import Adhesive
from mingei.core.errors import GeometryError
from mingei.core.flat.develop import develop
from mingei.core.flat.pattern import Pattern
from mingei.core.folded import fold
from mingei.core.folded.collide import between
from mingei.core.stock import Stock, find_stock
from tests.solids import slab, slabs

CARD = find_stock("card-300")
#: A joint of its own, as a module of ``core/joints`` would have it: a tab held by staples.
STAPLED = Joint("stapled", "Staple", "A tab inside, held by staples.", "staple the {seam}",
                "On the {a}, {depth} deep; stapled inside the {b}. {length} long.",
                takes=(Adhesive.WET,), done="Staple the {seam} to the {host}.")


def board(thick: float) -> Stock:
    return Stock(f"board-{thick:g}", "Board", 400 * thick, thick, kind="board")


def rectangle(width: float, height: float) -> tuple[tuple[float, float], ...]:
    return ((0.0, 0.0), (width, 0.0), (width, height), (0.0, height))


def shelf_on_back(joint: Joint, depth: float = 0.0, width: float = 120.0, deep: float = 60.0) -> Draft:
    """A back that stands upright, printed face away from the room, and a shelf square on its inner face: the
    shelf's upper face, which the brief measures, 80 mm up."""
    # the back's inner face is the plane y = 0, the room lies towards -y; seen from behind x runs to the left
    back = Piece("back", "back", Placement((width, 0.0, 0.0), (-1.0, 0.0, 0.0), (0.0, 0.0, 1.0)),
                 (Panel("back", rectangle(width, 200.0)),))
    # the shelf's printed face looks down, its side 2 runs along the back
    shelf = Piece("shelf", "shelf", Placement((0.0, 0.0, 80.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0)),
                  (Panel("shelf", rectangle(width, deep)),),
                  seams=(Seam("shelf seam", joint, EdgeRef("shelf", 0),
                              LineOn("back", (0.0, 80.0), (width, 80.0)), depth, 1),), part="shelf")
    return Draft((back, shelf), closes=False)


def crossed(height: float, joint: Joint | None = joints.HALVING, aside: float = 0.0,
            alike: bool = False) -> Draft:
    """Two boards upright in each other's middle, the first along x, the second, which comes from above, along
    y.  aside: the second is cut so far from where the first stands; alike: both are cut from above."""
    first = Piece("back", "back", Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 0.0, 1.0)),
                  (Panel("back", rectangle(120.0, height), layer=-0.5),))
    up, down = ((60.0 + aside, height), (60.0 + aside, 0.0)), ((60.0 + aside, 0.0), (60.0 + aside, height))
    seams = (Seam("crossing", joint, LineOn("shelf", *(up if alike else down)),
                  LineOn("back", (60.0, height), (60.0, 0.0)), 0.0, 1),) if joint else ()
    second = Piece("shelf", "shelf", Placement((60.0, -60.0, 0.0), (0.0, 1.0, 0.0), (0.0, 0.0, 1.0)),
                   (Panel("shelf", rectangle(120.0, height), layer=-0.5),), seams=seams, part="shelf")
    return Draft((first, second), closes=False)


def developed(draft: Draft, back: float, shelf: float) -> tuple[Pattern, ...]:
    return develop(draft, board(back), (("shelf", board(shelf)),))


def common(patterns: tuple[Pattern, ...], moved: tuple[float, float, float] = (0.0, 0.0, 0.0)) -> float:
    """How much solid (mm3) the two boards share, the second moved."""
    one, other = slabs(patterns)
    return float((one.solid ^ other.solid.translate(moved)).volume())


class Boards(unittest.TestCase):
    @given(st.floats(0.5, 12.0), st.floats(0.5, 12.0))
    def test_a_butted_shelf_stands_on_the_face_of_its_back_whatever_the_thickness_of_either(
            self, back: float, shelf: float) -> None:
        patterns = developed(shelf_on_back(joints.BUTT), back, shelf)
        self.assertEqual(common(patterns), 0.0)
        self.assertGreater(common(patterns, (0.0, 0.1, 0.0)), 0.1)  # and no further off than a hair
        (stands,) = fold.closure(patterns[1], patterns)
        self.assertTrue(stands.closes, stands)
        self.assertEqual(between(patterns), ())
        # its upper face is where it was asked to be
        low, high = slabs(patterns)[1].box
        self.assertAlmostEqual(high[2], 80.0, delta=0.05)
        self.assertAlmostEqual(low[2], 80.0 - shelf, delta=0.05)

    @given(st.floats(3.0, 12.0), st.floats(0.5, 12.0), st.floats(0.2, 0.6))
    def test_a_housed_shelf_stands_in_a_channel_as_deep_as_asked_and_as_wide_as_it_is_thick(
            self, back: float, shelf: float, share: float) -> None:
        depth = share * back
        patterns = developed(shelf_on_back(joints.HOUSING, depth), back, shelf)
        self.assertEqual(common(patterns), 0.0)
        (stands,) = fold.closure(patterns[1], patterns)
        self.assertTrue(stands.closes, stands)
        self.assertAlmostEqual(stands.apart_mm, depth)
        self.assertEqual(between(patterns), ())
        self.assertGreater(common(patterns, (0.0, 0.1, 0.0)), 0.1)  # it touches the bottom of its channel
        for up in (-0.3, 0.3):  # and fits it with no more than the play of a slot
            self.assertGreater(common(patterns, (0.0, 0.0, up)), 0.01)
        (groove,) = patterns[0].panels[0].grooves
        across = max(abs(groove.path[0].start[1] - s.start[1]) for s in groove.path)
        self.assertAlmostEqual(across, shelf + 0.15)

    @given(st.floats(0.5, 12.0), st.floats(0.5, 12.0), st.floats(20.0, 400.0))
    def test_tongues_go_right_through_the_back_with_the_play_of_a_slot_and_no_more(
            self, back: float, shelf: float, width: float) -> None:
        patterns = developed(shelf_on_back(joints.MORTISE, width=width), back, shelf)
        self.assertEqual(common(patterns), 0.0)
        (stands,) = fold.closure(patterns[1], patterns)
        self.assertTrue(stands.closes, stands)
        self.assertAlmostEqual(slabs(patterns)[1].box[1][1], back, delta=0.03)  # flush with the other face
        self.assertEqual(between(patterns), ())
        self.assertGreater(common(patterns, (0.0, 0.1, 0.0)), 0.01)  # its shoulders touch
        for moved in ((0.0, 0.0, 0.2), (0.0, 0.0, -0.2), (0.6, 0.0, 0.0), (-0.6, 0.0, 0.0)):
            self.assertGreater(common(patterns, moved), 0.001)
        without = replace(patterns[0], panels=(replace(patterns[0].panels[0], holes=()),))
        (naive,) = fold.closure(patterns[1], (without, patterns[1]))
        self.assertFalse(naive.closes)  # a back without its slots
        self.assertGreater(common((without, patterns[1])), 0.1)

    @given(st.floats(0.3, 6.0), st.floats(0.3, 6.0), st.floats(20.0, 200.0))
    def test_halved_boards_stand_in_each_other_with_the_play_of_a_slot_and_no_more(
            self, one: float, other: float, height: float) -> None:
        patterns = developed(crossed(height), one, other)
        self.assertEqual(common(patterns), 0.0)
        (stands,) = fold.closure(patterns[1], patterns)
        self.assertTrue(stands.closes, stands)
        self.assertEqual(between(patterns), ())
        for moved in ((0.15, 0.0, 0.0), (-0.15, 0.0, 0.0), (0.0, 0.15, 0.0), (0.0, -0.15, 0.0)):
            self.assertGreater(common(patterns, moved), 0.001)
        into = [common(patterns, (0.0, 0.0, up)) for up in (-0.6, 0.6)]
        self.assertEqual(sum(v > 0.001 for v in into), 1)  # they come apart one way only
        for fault in (crossed(height, joint=None), crossed(height, aside=0.4), crossed(height, alike=True)):
            with self.subTest(fault.pieces[1].seams):
                wrong = developed(fault, one, other)
                self.assertGreater(common(wrong), 0.001)
                self.assertFalse(any(c.closes for c in fold.closure(wrong[1], wrong)))

    def test_the_footprint_of_a_butted_board_is_traced_on_the_other(self) -> None:
        patterns = developed(shelf_on_back(joints.BUTT), 2.0, 3.0)
        (trace,) = patterns[0].guides
        heights = sorted({round(s.start[1], 6) for s in trace})
        self.assertEqual(heights, [77.0, 80.0])

    def test_two_boards_butted_at_a_corner_come_flush(self) -> None:
        base, wall = 4.0, 2.5
        bottom = Piece("base", "base", Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0)),
                       (Panel("base", rectangle(100.0, 60.0)),))
        upright = Piece("wall", "wall", Placement((100.0, 0.0, 0.0), (-1.0, 0.0, 0.0), (0.0, 0.0, 1.0)),
                        (Panel("wall", rectangle(100.0, 50.0)),),
                        seams=(Seam("corner", joints.BUTT, EdgeRef("wall", 0), EdgeRef("base", 0), 0.0, 1),),
                        part="shelf")
        patterns = developed(Draft((bottom, upright), closes=False), base, wall)
        self.assertEqual(common(patterns), 0.0)
        first, second = slabs(patterns)
        self.assertAlmostEqual(first.box[1][1], second.box[1][1], delta=0.03)  # flush outside
        self.assertAlmostEqual(second.box[0][2], 0.0, delta=0.03)  # standing on the base's upper face
        self.assertTrue(all(c.closes for c in fold.closure(patterns[1], patterns)))

    def test_a_shelf_that_is_too_long_or_beside_its_channel_is_refused(self) -> None:
        patterns = developed(shelf_on_back(joints.HOUSING, 2.0), 4.0, 3.0)
        longer = replace(patterns[1], placement=patterns[1].placement._replace(origin=(0.0, 0.3, 80.0)))
        self.assertFalse(fold.closure(longer, (patterns[0], longer))[0].closes)
        beside = replace(patterns[1], placement=patterns[1].placement._replace(origin=(0.0, 0.0, 80.5)))
        self.assertFalse(fold.closure(beside, (patterns[0], beside))[0].closes)

    def test_a_solid_without_its_channel_is_in_the_way(self) -> None:
        patterns = developed(shelf_on_back(joints.HOUSING, 2.0), 4.0, 3.0)
        whole = replace(patterns[0].panels[0], grooves=())
        solid = slab(patterns[0], whole, fold.finished(patterns[0])["back"]).solid
        self.assertGreater((solid ^ slabs(patterns)[1].solid).volume(), 100.0)


class NewJoint(unittest.TestCase):
    def test_a_joint_is_one_module_and_an_entry(self) -> None:
        with mock.patch.object(joints, "JOINTS", [*joints.JOINTS, STAPLED]):
            brief = new_brief("carton").with_seam(SeamChange("front tab", "stapled"))
            made = build(brief, CARD)
            self.assertTrue(all(c.closes for c in made.closures))
            self.assertIn("Staple the front tab to the top.", " ".join(s.words for s in made.steps))
            from mingei.core.document.data import from_data, to_data
            from mingei.core.document.project import Project

            data = to_data(Project("x", (brief,)))
            self.assertEqual(from_data(data).briefs[0].seams, brief.seams)

    def test_a_seam_held_by_what_there_is_not_is_refused_in_one_sentence(self) -> None:
        with self.assertRaisesRegex(Exception, "no way to hold a seam"):
            new_brief("carton").with_seam(SeamChange("front tab", "nailed"))


class Names(unittest.TestCase):
    def test_two_panels_of_one_name_are_refused_where_a_piece_or_a_draft_is_made(self) -> None:
        at = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
        twice = Panel("wall", rectangle(10.0, 10.0))
        with self.assertRaisesRegex(GeometryError, "two of its panels are called wall"):
            Piece("box", "wall", at, (twice, twice),
                  folds=(Fold(EdgeRef("wall", 0), EdgeRef("wall", 2), 90.0, 1),))
        one, other = Piece("a", "wall", at, (twice,)), Piece("b", "wall", at, (twice,))
        with self.assertRaisesRegex(GeometryError, "two of its panels are called wall"):
            Draft((one, other))
        with self.assertRaisesRegex(GeometryError, "two of its pieces are called a"):
            Draft((one, replace(one, root="end", panels=(Panel("end", rectangle(5.0, 5.0)),))))


if __name__ == "__main__":
    unittest.main()
