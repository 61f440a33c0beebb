"""Changes made by hand to seams, and the steps that follow from them."""

from __future__ import annotations

import math
import unittest

import numpy as np
from hypothesis import given

from mingei.core import joints
from mingei.core.amendments.amend import SeamChange, closing_step, seams, why_fixed
from mingei.core.document.build import build
from mingei.core.document.project import Brief, new_brief
from mingei.core.errors import MeasureError
from mingei.core.folded import fold
from mingei.core.offset import RELIEF_MM
from mingei.core.plan.operation import listed
from mingei.core.recipes import find_recipe
from mingei.core.stock import Stock, find_stock
from tests.strategies import amended_briefs
from tests.support import FoldFile, carton


def changed(joint: str, moved: bool = False, opening: str = "end", stock: str = "card-300") -> Brief:
    return new_brief("carton", {"opening": opening},
                     find_stock(stock)).with_seam(SeamChange("front tab", joint, moved))


class Moving(unittest.TestCase):
    def test_the_other_panel_carries_the_tab(self) -> None:
        pattern = build(changed(joints.GLUE_TAB.word, moved=True), find_stock("card-300")).pattern
        (mate,) = [m for m in pattern.mates if m.seam == "front tab"]
        self.assertEqual((mate.carrier, mate.host), ("top", "front"))
        (hinge,) = [f for f in pattern.folds if f.child == "front tab"]
        self.assertEqual(hinge.parent, "top")

    def test_the_new_host_stands_one_board_further_out_and_the_inside_stays(self) -> None:
        board = find_stock("greyboard-15")
        usual, moved = (build(changed(joints.GLUE_TAB.word, m, stock=board.id), board) for m in (False, True))
        self.assertAlmostEqual(moved.outside[1], usual.outside[1] + 1.5)
        assert moved.cavity is not None
        self.assertTrue(moved.cavity.fits)

    def test_a_tab_is_not_moved_under_a_panel_that_already_lies_on_something(self) -> None:
        drafted = find_recipe("carton").draft(new_brief("carton").values)
        self.assertEqual(why_fixed(drafted, "front tab"), "")
        self.assertIn("front left flap", why_fixed(drafted, "left lip"))
        with self.assertRaises(MeasureError) as caught:
            new_brief("carton").with_seam(SeamChange("left lip", joints.TUCK.word, True))
        self.assertIn("left lip", str(caught.exception))

    def test_an_unknown_seam_is_refused_with_those_there_are(self) -> None:
        with self.assertRaises(MeasureError) as caught:
            new_brief("carton").with_seam(SeamChange("hem", joints.TUCK.word))
        self.assertIn("front tab", str(caught.exception))

    def test_putting_a_seam_back_leaves_no_trace(self) -> None:
        back = changed(joints.TUCK.word).with_seam(SeamChange("front tab", joints.GLUE_TAB.word))
        self.assertEqual(back, new_brief("carton"))

    def test_a_change_outlives_new_measures(self) -> None:
        brief = changed(joints.TAPE.word).with_measure("length", 200.0)
        self.assertEqual(brief.seams, (SeamChange("front tab", joints.TAPE.word),))
        self.assertNotIn("front tab", build(brief, find_stock("card-300")).pattern.by_name)


class Taping(unittest.TestCase):
    def test_a_top_with_nothing_under_it_lies_on_the_inside_itself(self) -> None:
        brief = changed(joints.GLUE_TAB.word, moved=True)
        for lip in ("left lip", "right lip"):
            brief = brief.with_seam(SeamChange(lip, joints.TAPE.word))
        made = build(brief, find_stock("card-300"))
        assert made.cavity is not None
        self.assertEqual(made.draft.pieces[0].panel("top").layer, 0)
        self.assertTrue(made.cavity.fits, made.cavity)

    def test_the_two_edges_meet_within_the_thickness(self) -> None:
        for name in ("copy-80", "card-300", "greyboard-15"):
            stock = find_stock(name)
            pattern = build(changed(joints.TAPE.word, stock=name), stock).pattern
            (mate,) = [m for m in pattern.mates if m.joint is joints.TAPE]
            self.assertLess(fold.edges_apart(pattern, mate), RELIEF_MM + stock.caliper_mm)

    def test_at_shallow_corners_the_inner_rims_meet_and_the_file_says_what_gap_there_is(self) -> None:
        for recipe, stock, values in (("frustum-box", "greyboard-10",
                                       {"sides": 12.0, "across": 100.0, "rim": 230.0, "height": 80.0}),
                                      ("prism", "greyboard-15", {"sides": 12.0}),
                                      ("pyramid", "card-300", {"sides": 9.0})):
            card = find_stock(stock)
            brief = new_brief(recipe, values, card).with_seam(SeamChange("wall 1 tab", joints.TAPE.word))
            exported = FoldFile(build(brief, card))
            seam = next(s for s in exported.data["mingei:seams"] if s["name"] == "wall 1 tab")
            (p, q), (r, s) = (
                [exported.points[v] for v in exported.data["edges_vertices"][edges[0]]]
                for _, edges in (seam["a"], seam["b"])
            )
            along, middle = (q - p) / np.linalg.norm(q - p), (r + s) / 2
            apart = float(np.linalg.norm(middle - p - along * ((middle - p) @ along)))
            self.assertAlmostEqual(apart, seam["gap_mm"], places=2)
            turn = math.radians(next(s.angle_deg for s in brief.drafted.pieces[0].seams if s.name
                                     == "wall 1 tab"))
            # plane geometry: the rims meet but for the relief, so the middles stand half a caliper further
            # out on either side
            self.assertLessEqual(apart, RELIEF_MM + card.caliper_mm * math.sin(turn / 2) + 1e-6)

    def test_the_export_names_a_taped_seam_with_both_its_edges(self) -> None:
        exported = FoldFile(build(changed(joints.TAPE.word), find_stock("card-300")))
        (seam,) = [s for s in exported.data["mingei:seams"] if s["kind"] == "tape"]
        for face, edges in (seam["a"], seam["b"]):
            self.assertEqual(len(edges), 1)
            self.assertEqual(exported.data["edges_assignment"][edges[0]], "B")
            self.assertIn(edges[0], exported.data["faces_edges"][face])
        self.assertEqual({exported.names[seam[k][0]] for k in "ab"}, {"front", "top"})


class Order(unittest.TestCase):
    def piece(self, joint: str, moved: bool, opening: str) -> object:
        return build(changed(joint, moved, opening), find_stock("card-300")).draft.pieces[0]

    def test_glued_the_host_closes_last_and_tucked_the_carrier_does(self) -> None:
        for opening in ("end", "side"):
            for moved in (False, True):
                for joint in [j.word for j in joints.choices()]:
                    with self.subTest(opening=opening, moved=moved, joint=joint):
                        made = build(changed(joint, moved, opening), find_stock("card-300"))
                        (piece,) = made.draft.pieces
                        seam = seams(made.draft)["front tab"]
                        carrier, host = (closing_step(piece, e.panel) for e in (seam.carrier, seam.host))
                        self.assertEqual(carrier > host, joint == "tuck")

    @given(amended_briefs("carton"))
    def test_every_fold_and_every_seam_has_its_moment(self, made: tuple[Brief, Stock]) -> None:
        result = build(*made)
        moved = [panel for step in result.steps for panel in step.panels]
        self.assertEqual(sorted(moved), sorted(f.child for f in result.pattern.folds))
        words = " ".join(step.words for step in result.steps)
        for mate in result.pattern.mates:
            verb = {joints.GLUE_TAB: "Glue", joints.TUCK: "uck", joints.TAPE: "ape",
                    joints.STRIP: "on the strip behind", joints.FIN: "Glue the two flaps",
                    joints.DOUBLE: "over the outside"}[mate.joint]
            self.assertIn(verb, words)
        self.assertEqual([s.number for s in result.steps], list(range(1, len(result.steps) + 1)))
        self.assertEqual(len(result.plan.folding), len(result.pattern.steps))
        # straps come when it is closed
        closing = [step for step in result.steps if step.panels and "over the outside" not in step.words][-1]
        self.assertTrue(closing.words.startswith("Fill it first. "))

    def test_the_usual_carton_reads_as_a_maker_would_say_it(self) -> None:
        words = [s.words for s in carton().steps]
        self.assertEqual(words[3], "Bring the top over. Glue the top on the front tab.")
        self.assertEqual(words[-2],
                         "Fill it first. Fold the right end in. Tuck the right lip inside the top.")

    def test_both_sides_of_a_pre_crease_step_out_together(self) -> None:
        # found by a property: a bag's tab moved to its side stood out from the half of the gusset beside it
        stock = find_stock("kraft-110")
        made = build(new_brief("bag", {},
                               stock).with_seam(SeamChange("corner tab", joints.GLUE_TAB.word, True)),
                     stock)
        self.assertTrue(all(c.closes for c in made.closures))

    def test_names_in_a_row(self) -> None:
        self.assertEqual(listed(["a"]), "the a")
        self.assertEqual(listed(["a", "b", "c"]), "the a, the b and the c")
