"""What models of many things are made of: flat figures with layers, faceted bowls in halves, flags round a
stick; the demo of models; joining in the window."""

from __future__ import annotations

import math
import unittest
from dataclasses import replace

import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtTest import QTest
from shapely import Point, Polygon

from mingei.app.drawer import ChecksDrawer
from mingei.app.placing import JoinCard, PlaceView
from mingei.assets import demo_models
from mingei.core.amendments.opening import Opening
from mingei.core.check import Severity, run
from mingei.core.check.joined import whole_findings
from mingei.core.document.build import build
from mingei.core.document.make_sheet import make_sheet
from mingei.core.document.project import new_brief, new_project
from mingei.core.errors import MeasureError
from mingei.core.folded.fold import finished, place
from mingei.core.kinds import some
from mingei.core.kinds.join import Join, join_of
from mingei.core.length import parse
from mingei.core.plan.picture import Picture, Tint
from mingei.core.plane.shape import bounds, flat_points
from mingei.core.stock import Stock
from mingei.core.whole.assembly import Shown, many, needed, stood
from mingei.core.whole.bodies import panels
from mingei.core.whole.joined import joined
from mingei.core.whole.pictures import drawn_of, in_order, join_picture
from mingei.formats import project_file
from tests.giving import given_way
from tests.test_whole import FLOOR, kit
from tests.windows import WindowTest, click, drag, wait_for

CARD = Stock("card", "Card", 200, 0.25)


class Figures(unittest.TestCase):
    @given(st.sampled_from(("rectangle", "polygon", "round", "heart", "drop", "leaf", "limb")),
           st.floats(40.0, 200.0), st.integers(1, 3), st.floats(1.0, 4.0))
    def test_each_layer_lies_within_the_one_below_where_that_is_traced(self, shape: str, width: float,
                                                                       layers: int, border: float) -> None:
        try:
            brief = new_brief("flat-figure",
                              {"shape": shape, "width": width, "layers": layers, "border": border})
        except MeasureError:
            return
        made = build(brief, CARD)
        self.assertEqual(len(made.patterns), layers + 1)
        below = made.patterns[0].panels[0]
        for pattern in made.patterns[1:]:
            above = pattern.panels[0]
            (traced,) = below.guides
            area = Polygon(above.polygon).area  # arcs are chords here
            self.assertLess(Polygon(flat_points(traced)).symmetric_difference(Polygon(above.polygon)).area,
                            0.005 * area)
            self.assertTrue(Polygon(below.polygon).contains(Polygon(above.polygon)))
            below = above

    def test_many_sides_are_so_wide_from_flat_to_flat(self) -> None:
        for sides in (4, 6, 8, 12):
            made = build(new_brief("flat-figure", {"shape": "polygon", "sides": sides, "width": 80.0}), CARD)
            points = np.array(made.patterns[0].panels[0].polygon)
            self.assertAlmostEqual(float(np.ptp(points[:, 1])), 80.0, places=6)


class Limbs(unittest.TestCase):
    @given(st.floats(20.0, 200.0), st.floats(12.0, 60.0), st.floats(12.0, 60.0), st.floats(6.0, 30.0),
           st.floats(0.12, 0.4))
    def test_its_ends_are_as_wide_and_as_far_apart_as_asked_and_its_wall_closes(
            self, length: float, top: float, bottom: float, depth: float, caliper: float) -> None:
        try:
            brief = new_brief("limb", {"length": length, "top": top, "bottom": bottom, "depth": depth})
        except MeasureError:
            return
        if brief.made["length"] != length:  # one end would swallow the other, and it gave way
            length = float(brief.made["length"])
            self.assertLess(length - abs(top - bottom) / 2, 6.0)
        made = build(brief, Stock("card", "Card", 220, caliper))
        self.assertEqual([c for c in made.closures if not c.closes], [])
        front = next(p for pattern in made.patterns for p in pattern.panels if p.name == "front")
        whole = Polygon(front.polygon)
        low, left = whole.bounds[1], whole.bounds[0]
        self.assertAlmostEqual(whole.bounds[3] - low, length + (top + bottom) / 2, delta=0.6)
        # round both middles lie half of what was asked, whatever the sides do
        drawn = made.draft.places[:2]
        self.assertEqual([p.name for p in drawn], ["pivot", "end"])
        self.assertAlmostEqual(math.dist((drawn[0].x, drawn[0].y), (drawn[1].x, drawn[1].y)), length)
        for place_of, across in zip(drawn, (top, bottom), strict=True):
            away = whole.exterior.distance(Point(place_of.x, place_of.y))
            self.assertAlmostEqual(away, across / 2, delta=0.6)
        self.assertGreater(left, -1.0)

    def test_it_turns_about_its_pivot_without_being_told_where_that_is(self) -> None:
        board = replace(new_brief("tag", {"width": 90.0, "height": 140.0}, name="board"), id="board")
        limb = replace(new_brief("limb", {}, name="arm"), id="arm")
        for asked in ("front", "back", ""):  # by itself on its back
            foot = asked or "back"
            join = Join("board", panels(build(board, CARD))[0][0].name, "turns", foot=asked, most_deg=60.0)
            found = joined(replace(new_project(board, "Kit"),
                                   briefs=(board, replace(limb, amendments=(*limb.amendments, join)))))
            self.assertEqual([str(t.error) for t in found.troubles], [])
            (hole,) = some(found.build_of(1).brief.amendments, Opening)
            place = next(p for p in found.build_of(1).draft.places if p.panel == foot and p.name == "pivot")
            middle = bounds(next(p for p, _ in panels(found.build_of(1)) if p.name == foot).outline).centre
            self.assertAlmostEqual(hole.x + middle[0], place.x)
            self.assertAlmostEqual(hole.y + middle[1], place.y)
            # turned, it stays where it is pinned
            rest, turned = (stood(found, 0, Shown(moved=((1, share),)))[1].pose for share in (0.0, 1.0))
            pin = found.build_of(1).patterns
            stands = finished(next(p for p in pin if foot in p.by_name))[foot]
            at = stands @ np.array((place.x, place.y, 0.0, 1.0))
            np.testing.assert_allclose((rest @ at)[:2], (turned @ at)[:2], atol=1e-6)

    def test_an_end_that_would_swallow_the_other_gives_way(self) -> None:
        self.assertEqual(set(given_way("limb", {"length": 10.0, "top": 60.0, "bottom": 12.0})), {"length"})


class Bowls(unittest.TestCase):
    @given(st.sampled_from((4, 6, 8, 10, 12)), st.floats(20.0, 80.0), st.floats(20.0, 120.0),
           st.floats(20.0, 60.0),
           st.sampled_from((0.0, 15.0)))
    def test_both_halves_close_over_their_whole_range(self, sides: int, across: float, rim: float,
                                                      height: float,
                                                      foot: float) -> None:
        try:
            brief = new_brief("bowl",
                              {"sides": sides, "across": across, "rim": rim, "height": height, "foot": foot,
                                       "stand": across})
        except MeasureError:
            return
        made = build(brief, CARD)
        self.assertEqual([c for c in made.closures if not c.closes], [])
        walls = [p for pattern in made.patterns for p in pattern.panels if p.name.startswith("wall ")
                 and not p.name.endswith("tab")]
        self.assertEqual(len(walls), brief.made["sides"])  # fewer where so flat a one has no room for tabs

    def test_a_bowl_too_flat_for_tabs_is_refused_with_the_height_that_would_do(self) -> None:
        for sides in (4, 6, 8, 12):
            with self.assertRaisesRegex(MeasureError, "plate") as refused:
                new_brief("bowl", {"sides": sides, "across": 60.0, "rim": 160.0, "height": 20.0, "foot": 0.0})
            least = float(refused.exception.remedy.split()[2])
            made = build(new_brief("bowl", {"sides": sides, "across": 60.0, "rim": 160.0, "height": least,
                                            "foot": 0.0}), Stock("thick", "T", 400, 0.6))
            self.assertEqual([c for c in made.closures if not c.closes], [])

    def test_one_base_lies_on_the_other_by_one_sheet(self) -> None:
        made = build(new_brief("bowl"), CARD)
        outer, inner = (finished(p)[name]
                        for p, name in zip(made.patterns, ("base", "inner base"), strict=False))
        self.assertAlmostEqual(inner[2, 3] - outer[2, 3], CARD.caliper_mm, places=9)
        foot = finished(made.patterns[2])["foot disc"]
        self.assertAlmostEqual(outer[2, 3] - foot[2, 3], CARD.caliper_mm, places=9)


class Flags(unittest.TestCase):
    @given(st.floats(1.0, 12.0), st.floats(0.0, 1.0), st.sampled_from(("plain", "pennant", "swallow")))
    def test_the_sleeve_touches_the_stick_all_round_and_the_leaves_meet(self, stick: float, play: float,
                                                                        shape: str) -> None:
        made = build(new_brief("flag", {"stick": stick, "play": play, "shape": shape}),
                     Stock("thin", "T", 120, 0.15))
        (pattern,) = made.patterns
        posed = finished(pattern)
        for panel in pattern.panels:
            if not panel.name.startswith("sleeve"):
                continue
            inner = place(posed[panel.name], panel.polygon, -pattern.stock.caliper_mm / 2)
            for x, y in inner[:, :2]:
                self.assertGreaterEqual(math.hypot(x, y), (stick + play) / 2 - 0.01)
            if panel.name not in ("sleeve 1", "sleeve 9"):  # those run straight to where the leaves part
                self.assertLess(math.hypot(*inner[:, :2].mean(axis=0)), (stick + play) / 2 + 0.2)
        front, back = (place(posed[name], pattern.by_name[name].polygon, -pattern.stock.caliper_mm / 2)
                       for name in ("front", "back"))
        self.assertLess(abs(float(front[:, 1].mean() - back[:, 1].mean())), 0.02)
        self.assertEqual([c for c in made.closures if not c.closes], [])


class Demo(unittest.TestCase):
    @classmethod
    def setUpClass(cls) -> None:
        cls.project = project_file.load(demo_models())
        cls.found = joined(cls.project)

    def test_three_wholes_hold_run_into_nothing_and_are_as_many_as_they_need(self) -> None:
        self.assertEqual(self.found.troubles, ())
        roots = [n for n in range(len(self.project.briefs)) if self.found.seat_of(n) is None]
        self.assertEqual([self.project.briefs[n].name for n in roots],
                         ["Microscope foot", "Roundabout drum", "Keeper's coat"])
        for root in roots:
            self.assertEqual([str(f) for f in whole_findings(self.project, root, True)], [])
        for number, brief in enumerate(self.project.briefs):
            self.assertEqual(brief.copies, needed(self.found, number), brief.name)
            bad = [f for f in run(self.found.build_of(number), self.project.paper)
                   if f.severity is Severity.ERROR]
            self.assertEqual([str(f) for f in bad], [], brief.name)
        self.assertEqual(max(many(self.found, n) for n in range(len(self.project.briefs))), 8)

    def test_bought_parts_that_are_alike_in_a_thing_are_counted_together(self) -> None:
        blank = Picture(1.5, (), (), (), 0.0, 0.0)  # what it draws is no matter here
        bought = make_sheet(self.project, in_order(self.project), lambda made, step: blank).bought
        self.assertEqual(len(set(bought)), len(bought))
        self.assertIn("8 x stick, 4 mm (5/32 in): Roundabout deck", bought)

    def test_what_is_set_on_a_thing_is_made_before_it(self) -> None:
        names = [b.brief.name for b in in_order(self.project)]
        for seat in self.found.seats:
            guest, host = (self.project.briefs[n].name for n in (seat.guest, seat.host))
            self.assertLess(names.index(guest), names.index(host))

    def test_the_step_that_joins_shows_the_guest_coming_and_the_last_picture_is_the_whole(self) -> None:
        made = self.found.build_of(0)
        steps = [s for s in made.steps if join_picture(self.found, 0, s) is not None]
        self.assertEqual(len(steps), len(self.found.on(0)))
        first = join_picture(self.found, 0, steps[0])
        last = join_picture(self.found, 0, steps[-1])
        self.assertLess(len(first.shapes), len(last.shapes))
        # the lever goes in from behind, and is seen from there
        self.assertIn(Tint.NOW_INSIDE, {s.tint for s in first.shapes})
        self.assertIn(Tint.NOW, {s.tint for s in last.shapes})
        drawn = drawn_of(self.project)
        self.assertGreater(len(drawn(made, None).shapes), 100)
        self.assertIsNone(drawn(self.found.build_of(3), None))


class Window(WindowTest):
    def setUp(self) -> None:
        super().setUp()
        self.document = self.window.document
        self.document.open(kit(FLOOR, ("post", "carton", {"length": 40.0, "width": 30.0, "height": 20.0},
                                       None)))
        self.document.look_at(1)
        self.window.go("draft")
        self.card = self.window.findChild(JoinCard)
        self.document.settle()

    def _joined(self) -> Join:
        self.card.host.setCurrentIndex(self.card.host.findData("floor"))
        self.card.host.activated.emit(self.card.host.currentIndex())
        self.document.settle()
        return join_of(self.document.brief)

    def test_a_thing_is_joined_moved_by_keys_and_by_dragging_and_each_is_undone(self) -> None:
        self.assertTrue(self.card.isVisibleTo(self.window))
        self.assertEqual(self._joined().panel, "base")
        view = self.card.findChild(PlaceView)
        view.setFocus()
        QTest.keyClick(view, Qt.Key.Key_Right, Qt.KeyboardModifier.ShiftModifier)
        self.document.settle()
        QTest.keyClick(view, Qt.Key.Key_Up)
        self.document.settle()
        join = join_of(self.document.brief)
        self.assertEqual((join.x, join.y), ("10.00 mm", "1.00 mm"))
        self.assertIn("from the left", view.accessibleDescription())
        at = view.rect().center()
        QTest.mousePress(view, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, at)
        for i in range(1, 9):
            QTest.mouseMove(view, at + QPoint(-2 * i, 3 * i))
        QTest.mouseRelease(view, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier,
                           at + QPoint(-16, 24))
        self.document.settle()
        moved = join_of(self.document.brief)
        self.assertNotEqual((moved.x, moved.y), (join.x, join.y))
        while self.document.undo.canUndo():
            self.document.undo.undo()
        self.assertIsNone(join_of(self.document.brief))

    def test_what_it_hangs_by_is_chosen_by_keys_and_undone_and_is_usual_again_joined_otherwise(self) -> None:
        self._joined()
        self.assertTrue(self.card.by.isHidden())
        self.card.how.setCurrentIndex(self.card.how.findData("hangs"))
        self.card.how.activated.emit(self.card.how.currentIndex())
        self.document.settle()
        self.assertFalse(self.card.by.isHidden())
        self.card.by.setFocus()
        QTest.keyClick(self.card.by, Qt.Key.Key_Down)
        self.document.settle()
        self.assertEqual(join_of(self.document.brief).by, "ribbon")
        (part,) = [b.name for b in self.document.build_of(0).draft.bought]
        self.assertEqual(part, "ribbon")
        self.document.undo.undo()
        self.document.settle()
        self.assertEqual((join_of(self.document.brief).by, self.card.by.currentIndex()), ("", 0))
        self.document.undo.redo()
        self.document.settle()
        self.card.how.setCurrentIndex(self.card.how.findData("turns"))
        self.card.how.activated.emit(self.card.how.currentIndex())
        self.document.settle()
        self.assertEqual((join_of(self.document.brief).by, self.card.by.currentText()), ("", "fastener"))

    def test_in_the_whole_what_is_in_hand_is_carried_along_its_panel_and_others_come_into_hand(self) -> None:
        self._joined()
        draft = self.window.draft()
        draft.whole.setChecked(True)
        space = draft.space
        wait_for(lambda: space.solids is not None and space.at_rest)
        found = joined(self.document.project)
        pose = stood(found, 0)[1].pose
        seat = found.seats[0]
        points = np.concatenate([place(finished(p)[q.name], q.polygon) for p in seat.given.guest.patterns
                                 for q in p.panels])
        middle = pose[:3, :3] @ points.mean(axis=0) + pose[:3, 3]

        def px(point: np.ndarray) -> QPointF:
            return space.to_px(tuple(point.tolist()))

        start = QPointF(px(middle).toPoint())  # where a press lands
        self.assertIsNotNone(space.hit_at(start))
        met = np.array(space.hit_at(start).point)
        camera, before = space.camera, join_of(self.document.brief)
        # where the point that was touched shows once it is 20 mm along the panel's x and 12 mm down its y
        frame = stood(found, 0)[0].pose @ finished(seat.given.pattern)[seat.given.panel.name]
        goal = px(met + frame[:3, :3] @ (20.0, -12.0, 0.0))
        drag(space, start, goal)
        self.document.settle()
        now = join_of(self.document.brief)
        self.assertEqual(space.camera, camera)  # it was carried, not turned
        self.assertAlmostEqual(parse(now.x) - parse(before.x), 20.0, delta=0.6)
        self.assertAlmostEqual(parse(now.y) - parse(before.y), -12.0, delta=0.6)
        self.document.undo.undo()  # one drag is one step
        self.assertEqual(join_of(self.document.brief), before)
        # what it stands on turns the view, and a click takes it in hand
        floor = next(QPointF(x, y) for x in range(0, space.width(), 6) for y in range(0, space.height(), 6)
                     if (hit := space.hit_at(QPointF(x, y))) is not None
                     and draft.in_whole.thing_of(space.build.parts[hit.panel])[0] == 0)
        drag(space, floor, floor + QPointF(30, 0))
        self.assertNotEqual(space.camera, camera)
        self.assertEqual(join_of(self.document.brief), before)
        spot = next(QPointF(x, y) for x in range(0, space.width(), 6) for y in range(0, space.height(), 6)
                    if (hit := space.hit_at(QPointF(x, y))) is not None
                    and draft.in_whole.thing_of(space.build.parts[hit.panel])[0] == 0)
        click(space, spot)
        self.assertEqual(self.document.current, 0)

    def test_lengths_are_shown_with_their_unit_and_what_is_none_is_refused_and_changes_nothing(self) -> None:
        join = self._joined()
        self.card.how.setCurrentIndex(self.card.how.findData("through"))
        self.card.how.activated.emit(self.card.how.currentIndex())
        self.document.settle()
        x, fit = self.card.lines["x"], self.card.lines["fit"]
        self.assertEqual((x.text(), fit.text()), ("0 mm", f"{join.fit:g} mm"))
        before = self.document.project
        x.editingFinished.emit()
        self.assertIs(self.document.project, before)  # as it was
        for line, text, said in ((fit, "wide", "wide"), (x, "wide", "wide"), (fit, "90 mm", "use 0 to 5 mm")):
            line.setText(text)
            line.editingFinished.emit()
            self.assertIn(said, self.card.reason.text())
            self.assertTrue(self.card.reason.isVisibleTo(self.window))
            self.assertIs(self.document.project, before)
            self.card.refresh()
        x.setText("1/2 in")
        x.editingFinished.emit()
        self.document.settle()
        self.assertEqual(join_of(self.document.brief).x, "1/2 in")

    def test_more_of_the_whole_is_more_of_all_that_stands_on_it(self) -> None:
        self._joined()
        self.document.look_at(0)
        self.document.set_copies(3)
        self.assertEqual([b.copies for b in self.document.project.briefs], [3, 3])
        self.document.undo.undo()
        self.assertEqual([b.copies for b in self.document.project.briefs], [1, 1])

    def test_what_cannot_be_is_refused_beneath_and_changes_nothing(self) -> None:
        before = self._joined()
        self.card.how.setCurrentIndex(self.card.how.findData("through"))
        self.card.how.activated.emit(self.card.how.currentIndex())
        self.assertIn("no free lower side", self.card.reason.text())
        self.assertEqual(join_of(self.document.brief), before)

    def test_what_meets_in_the_whole_is_among_the_checks(self) -> None:
        self.document.open(kit(FLOOR, ("post", "carton", {"length": 40.0, "width": 30.0, "height": 20.0},
                                       Join("floor", "base", "stands", inside=True)),
                               ("other", "carton", {"length": 40.0, "width": 30.0, "height": 20.0},
                                Join("floor", "base", "stands", inside=True, x="10")),
                               ("lost", "carton", {}, Join("gone", "base", "stands"))))
        self.document.settle()
        drawer = self.window.findChild(ChecksDrawer)
        self.window.actions_["checks"].setChecked(True)
        codes = lambda: {f.code for _, found in drawer.found() for f in found}  # noqa: E731
        wait_for(lambda: {"joined", "joined-meets"} <= codes())
        self.document.look_at(3)
        self.document.settle()
        self.card.off.click()
        self.document.settle()
        wait_for(lambda: "joined" not in codes())

    def test_the_whole_is_shown_apart_and_told(self) -> None:
        self._joined()
        draft = self.window.draft()
        draft.whole.setChecked(True)
        wait_for(lambda: draft.space.build is not None and len(draft.space.build.patterns) == 2)
        self.assertIn("The whole: floor, post", draft.step.text())
        high = bounds(q[1:] for s in draft.space.solids.triangles for q in s.tolist()).top
        draft.apart.setValue(100)
        self.assertGreater(bounds(q[1:] for s in draft.space.solids.triangles for q in s.tolist()).top,
                           high + 20.0)
        draft.whole.setChecked(False)
        self.assertEqual(len(draft.space.build.patterns), 1)
        self.card.off.click()
        self.document.settle()
        self.assertFalse(draft.whole.isVisibleTo(draft))


if __name__ == "__main__":
    unittest.main()
