"""Operations as a graph with reasons, and the steps that are its output."""

from __future__ import annotations

import unittest

from hypothesis import given
from hypothesis import strategies as st

from mingei.core.document.build import build
from mingei.core.document.project import Brief, new_brief
from mingei.core.errors import GeometryError
from mingei.core.plan.operation import Does, Motion, Operation, Reason, in_order
from mingei.core.plan.operations import operations
from mingei.core.recipes import recipes
from mingei.core.stock import Stock, find_stock
from tests.strategies import changed_briefs


class Graph(unittest.TestCase):
    @given(st.sampled_from(sorted(recipes())).flatmap(changed_briefs))
    def test_everything_is_done_once_and_after_all_it_needs(self, any_build: tuple[Brief, Stock]) -> None:
        draft = build(*any_build).draft
        done = in_order(operations(draft))
        keys = [op.key for op in done]
        self.assertEqual(len(set(keys)), len(keys))
        place = {key: i for i, key in enumerate(keys)}
        for op in done:
            for reason in op.reasons:
                self.assertLess(place[reason.before], place[op.key], (op.key, reason))
        # every seam is joined, and every panel that folds is moved
        joined = {name for op in done if op.does in (Does.GLUE, Does.LAP, Does.PUT) for name in op.names}
        moved = {name for op in done for name in op.moves}
        for piece in draft.pieces:
            for seam in piece.seams:
                self.assertIn(seam.row or seam.name, joined)
            for fold in piece.folds:
                if fold.angle_deg > 1e-6 and not fold.closing:
                    panel = piece.panel(fold.b.panel)
                    self.assertIn(panel.whole or panel.name, moved)

    def test_reasons_come_before_and_a_ring_of_them_is_refused(self) -> None:
        def op(key: str, *before: str) -> Operation:
            return Operation(key, Does.FOLD, "p", 1, key, reasons=tuple(Reason(b, "why") for b in before))

        self.assertEqual([o.key for o in in_order([op("c", "b"), op("a"), op("b", "a"), op("d")])],
                         ["a", "b", "c", "d"])
        with self.assertRaisesRegex(GeometryError, "must come before"):
            in_order([op("a", "b"), op("b", "a")])

    def test_a_wrapper_s_fin_is_glued_when_its_flaps_are_folded_back(self) -> None:
        # common practice: a fin is glued once both its flaps stand
        made = build(new_brief("wrapper"), find_stock("copy-80"))
        back = next(s for s in made.steps if any(o.motion is Motion.BACK for o in s.operations))
        self.assertIn("Glue the two flaps of the fin to each other.", back.words)

    def test_a_carton_is_filled_before_its_last_end_closes_and_says_why(self) -> None:
        made = build(new_brief("carton"), find_stock("card-300"))
        last = next(s for s in reversed(made.steps) if s.panels)
        self.assertTrue(last.words.startswith("Fill it first."))
        fill, closing = last.operations[0], last.operations[1]
        self.assertIs(fill.does, Does.FILL)
        self.assertIn("it is filled before it is closed", [r.why for r in closing.reasons])
        self.assertIn("the front tab is folded first", made.steps[3].because)

    def test_every_seam_between_pieces_is_glued_in_some_step(self) -> None:
        made = build(new_brief("polyhedron", {"pieces": 3.0}), find_stock("card-220"))
        words = " ".join(s.words for s in made.steps)
        for piece in made.draft.pieces:
            for seam in piece.seams:
                self.assertIn(seam.name, words)
        self.assertGreater(len(made.draft.pieces), 1)
        self.assertEqual(len({s.number for s in made.steps}), len(made.steps))

    def test_another_number_of_steps_only_where_something_is_done(self) -> None:
        made = build(new_brief("pocket-gusset"), find_stock("card-160"))
        self.assertTrue(all(step.operations for step in made.steps))
        self.assertNotIn("", [step.words for step in made.steps])


if __name__ == "__main__":
    unittest.main()
