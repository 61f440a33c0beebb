"""The card of the panel in hand, and outlines read from drawings, driven in a real window."""

from __future__ import annotations

import tempfile
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from unittest import mock

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QFileDialog

from mingei.core import joints
from mingei.core.amendments.amend import seams
from mingei.core.amendments.opening import Opening, Shape, Takes
from mingei.core.document.build import NOTHING, Part
from tests.windows import WindowTest, click, reading_ends, settle, write


@contextmanager
def answer_open(path: Path) -> Iterator[None]:
    """The toolkit's own dialog for opening answers with a path."""
    with mock.patch.object(QFileDialog, "getOpenFileName", return_value=(str(path), "")) as asked:
        yield
        reading_ends()
    asked.assert_called_once()


class PanelCard(WindowTest):
    def setUp(self) -> None:
        super().setUp()
        self.document = self.window.document
        self.document.set_recipe("tray")
        self.document.set_measure("height", 40.0)
        self.window.go("draft")
        self.card = self.window.draft().openings
        self.folder = Path(tempfile.mkdtemp())

    def take(self, panel: str) -> None:
        self.document.select(Part(self.document.build.pattern.name, panel))
        settle()

    def drawing(self, body: str) -> Path:
        path = self.folder / "x.svg"
        path.write_text(
            f'<svg xmlns="http://www.w3.org/2000/svg" width="50mm" height="50mm" viewBox="0 0 50 '
            f'50">{body}</svg>')
        return path

    def test_it_shows_only_for_a_flat_panel(self) -> None:
        self.assertFalse(self.card.isVisible())
        self.take("front")
        self.assertTrue(self.card.isVisible())
        self.take("front left tab")
        self.assertFalse(self.card.isVisible())
        self.document.select(NOTHING)
        self.assertFalse(self.card.isVisible())

    def test_a_window_is_cut_moved_and_closed_and_all_is_undone(self) -> None:
        self.take("front")
        start = self.document.project
        click(self.card.adds["window"])
        (opening,) = self.document.brief.openings
        self.assertEqual((opening.name, opening.shape, opening.window), ("window 1", Shape.RECTANGLE, True))
        write(self.card.lengths["width"], "30")
        write(self.card.lengths["x"], "-12")
        (opening,) = self.document.brief.openings
        self.assertEqual((opening.width, opening.x), (30.0, -12.0))
        self.assertIn("40 mm", self.card.patch.text())
        write(self.card.lengths["x"], "400")
        self.assertFalse(self.card.lengths["x"].reason.isHidden())
        # the last of what was being written that could be cut
        self.assertEqual(self.document.brief.openings[0].x, 40.0)
        click(self.card.remove)
        self.assertEqual(self.document.brief.openings, ())
        while self.document.project != start:
            self.document.undo.undo()
        self.assertEqual(self.document.brief.openings, ())

    def test_a_slot_is_turned_and_widened_by_keys_and_undone(self) -> None:
        self.take("base")
        click(self.card.adds["slot"])
        self.card.turn.setFocus()
        self.key(Qt.Key.Key_Up, on=self.card.turn)
        self.key(Qt.Key.Key_Up, on=self.card.layers)
        (slot,) = self.document.brief.openings
        self.assertEqual((slot.shape, slot.turn_deg, slot.layers, slot.stays), (Shape.SLOT, 5.0, 2, True))
        self.assertFalse(self.card.window_.isVisible())
        (hole,) = self.document.build.pattern.by_name["base"].holes
        self.assertAlmostEqual(min(s.length for s in hole), 2 * self.document.build.stock.caliper_mm + 0.15)
        self.document.undo.undo()
        self.assertEqual(self.document.brief.openings[0].layers, 1)
        self.assertEqual(self.card.layers.value(), 1)

    def test_a_hole_keeps_its_size_unless_it_is_told_to_grow(self) -> None:
        self.take("base")
        click(self.card.adds["hole"])
        self.assertTrue(self.document.brief.openings[0].stays)
        self.card.stays.click()
        self.assertFalse(self.document.brief.openings[0].stays)
        click(self.card.adds["hole"])  # a second one would lie on the first
        self.assertIn("meets another", self.card.reason.text())
        self.assertEqual(len(self.document.brief.openings), 1)
        self.assertEqual(self.card.shown, "hole 1")

    def test_a_part_is_set_into_a_hole_by_keys_and_comes_into_the_steps(self) -> None:
        self.take("base")
        click(self.card.adds["hole"])
        self.assertTrue(self.card.takes.isVisible())
        self.key(Qt.Key.Key_Down, on=self.card.takes)
        (hole,) = self.document.brief.openings
        self.assertEqual(hole.takes, Takes.EYELET)
        self.assertTrue(any("eyelet" in s.words for s in self.document.build.plan.steps))
        self.assertFalse(self.card.window_.isVisible())
        self.document.undo.undo()
        self.assertEqual(self.document.brief.openings[0].takes, Takes.NOTHING)
        self.assertEqual(self.card.takes.currentIndex(), 0)

    def test_a_model_shows_its_real_sizes_and_reads_them(self) -> None:
        self.document.set_recipe("cabinet")
        settle()
        measures = self.window.draft().measures
        self.assertTrue(measures.model.isVisible())
        measures.model.setValue(12)
        self.assertEqual(self.document.brief.model, 12.0)
        self.document.set_model(43.5)
        self.assertEqual(measures.model.text(), "1:43.5")  # not all scales are whole
        measures.model.stepUp()
        self.assertEqual(self.document.brief.model, 44.5)
        measures.model.setValue(12)
        width = measures.lengths["width"]
        mm = float(self.document.brief.values["width"])
        self.assertEqual(width.other.text(), f"{mm * 12 / 10:.1f} cm")
        self.assertTrue(measures.lengths["pin"].other.text().endswith("in"))  # a pin is as thick as it is
        write(width, "0.9 m real")
        self.assertEqual(self.document.brief.values["width"], 75.0)
        self.document.undo.undo()
        self.document.undo.undo()
        self.assertEqual(self.document.brief.model, 1.0)
        self.document.set_recipe("tray")
        settle()
        self.assertFalse(measures.model.isVisible())

    def test_several_openings_are_turned_to_by_name(self) -> None:
        self.take("base")
        for x in (-20.0, 20.0):
            self.document.set_opening(Opening(f"eye {x:g}", "base", Shape.ROUND, 4.0, x=x), "cut")
        self.assertTrue(self.card.list.isVisible())
        self.card.list.setFocus()
        self.key(Qt.Key.Key_Down, on=self.card.list)
        self.key(Qt.Key.Key_Up, on=self.card.list)
        self.assertIn(self.card.shown, ("eye -20", "eye 20"))

    def test_corners_and_notch_follow_the_fields(self) -> None:
        self.document.set_recipe("carton")
        self.document.select(Part("carton", "front left flap"))
        settle()
        write(self.card.round, "2.5")
        write(self.card.notch, "6")
        (trim,) = self.document.brief.trims
        self.assertEqual((trim.round_mm, trim.notch_mm), (2.5, 6.0))
        write(self.card.notch, "-1")
        self.assertFalse(self.card.notch.reason.isHidden())

    def test_an_opening_drawn_elsewhere_is_read(self) -> None:
        self.take("base")
        with answer_open(self.drawing('<circle cx="20" cy="20" r="10"/>')):
            click(self.card.adds["drawn"])
        (opening,) = self.document.brief.openings
        self.assertEqual(opening.shape, Shape.DRAWN)
        self.assertAlmostEqual(opening.width, 20.0, delta=0.01)
        with answer_open(self.drawing("<text>nothing</text>")):
            click(self.card.adds["drawn"])
        self.assertIn("no closed path", self.card.reason.text())

    def test_an_outline_with_a_wall_is_read_and_undone_in_one_step(self) -> None:
        self.document.set_recipe("profile-wall")
        measures = self.window.draft().measures
        start = self.document.project
        with answer_open(self.drawing('<path d="M5 5 h30 v20 q-15 10 -30 0 z"/>')):
            click(measures.outline)
        self.assertEqual(self.document.brief.values["outline"], "own")
        self.document.undo.undo()
        self.assertEqual(self.document.project, start)
        with answer_open(self.drawing('<path d="M0 0 L50 50 L50 0 L0 40Z"/>')):
            click(measures.outline)
        self.assertIn("crosses itself", measures.outline_reason.text())

    def test_a_seam_is_given_a_fin_and_undone(self) -> None:
        self.take("front left tab")
        start = self.document.project
        seam = self.window.draft().seam
        click(seam.joints[joints.FIN])
        self.assertIn("glued to each other", seam.words.text())
        self.assertFalse(seam.move_tab.isVisible())
        self.assertIn("front left tab fellow", self.document.build.pattern.by_name)
        self.document.undo.undo()
        self.assertEqual(self.document.project, start)

    def test_what_a_seam_cannot_be_is_greyed_and_says_why(self) -> None:
        self.document.set_recipe("prism")
        settle()
        drafted = self.document.brief.drafted
        refused = next(name for name in seams(drafted) if joints.FIN.why_not(drafted, name))
        self.take(refused)
        seam = self.window.draft().seam
        self.assertFalse(seam.joints[joints.FIN].isEnabled())
        self.assertIn(joints.FIN.why_not(drafted, refused), seam.joints[joints.FIN].toolTip())
        self.assertTrue(seam.joints[joints.GLUE_TAB].isEnabled())

    def test_a_seam_is_held_twice_and_undone(self) -> None:
        self.take("front left tab")
        start = self.document.project
        seam = self.window.draft().seam
        click(seam.joints[joints.DOUBLE])
        self.assertIn("goes over the", seam.words.text())
        self.assertTrue(seam.move_tab.isVisible())
        strap = self.document.build.pattern.by_name["front left tab strap"]
        self.assertEqual(strap.whole, "front left tab")  # tapped, it is the seam
        self.document.undo.undo()
        self.assertEqual(self.document.project, start)

    def test_a_window_goes_into_a_curved_wall_and_is_undone(self) -> None:
        self.document.set_recipe("pillow")
        settle()
        self.take("front")
        start, card = self.document.project, self.window.draft().openings
        self.assertTrue(card.isVisible())
        self.assertFalse(card.adds["slot"].isEnabled())
        self.assertFalse(card.round.isVisible())
        click(card.adds["window"])
        (opening,) = self.document.brief.openings
        self.assertEqual((opening.panel, opening.window), ("front", True))
        self.assertTrue(any(p.gaps for p in self.document.build.pattern.panels))
        self.take("lap")  # no wall: nothing is cut into it
        self.assertFalse(card.isVisible())
        self.document.undo.undo()
        self.assertEqual(self.document.project, start)

    def test_a_curved_face_is_one_part_in_both_views(self) -> None:
        self.document.set_recipe("tube")
        settle()
        draft = self.window.draft()
        box = draft.flat.panels.boxes[Part("tube", "wall")]
        click(draft.flat, draft.flat.to_px((box.center().x() + 5, box.center().y())))
        self.assertEqual(self.document.selection, Part("tube", "wall"))
        self.assertIn("Wall:", self.window.told.words)
        seen = set()
        for _ in range(6):
            self.key("]", on=draft.flat)
            seen.add(self.document.selection.panel)
        self.assertEqual(seen, {"wall", "base", "base teeth"})
        rows = [m for m in draft.flat.marks() if m.part.panel == "base teeth"]
        self.assertEqual(len(rows), 1 if rows else 0)
