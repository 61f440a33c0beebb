"""The window, driven as a person drives it."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path
from unittest import mock

import numpy as np
import pypdfium2
from PySide6.QtCore import QEvent, QObject, QPoint, QPointF, Qt
from PySide6.QtGui import QColor, QWheelEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QLabel, QMessageBox, QToolButton, QWidget
from shiboken6 import isValid

from mingei.app.actions import Finder
from mingei.app.drawer import FindingRow
from mingei.app.measures import MeasuresCard
from mingei.app.menus import save_picture
from mingei.app.placing import JoinCard
from mingei.app.rules import RULE_PX
from mingei.app.space_gl import Region
from mingei.app.stations.brief import BriefStation
from mingei.app.stations.sheets import SheetsStation
from mingei.app.stations.start import StartPage
from mingei.core import joints
from mingei.core.check import run
from mingei.core.document.build import NOTHING
from mingei.core.document.project import new_brief, new_project
from mingei.core.layout.sheets import SHEETS
from mingei.core.length import write_mm
from mingei.core.stock import find_stock
from mingei.formats import project_file
from tests.support import carton_project
from tests.windows import (
    WindowTest,
    answer,
    answer_file,
    click,
    drag,
    reading_ends,
    settle,
    steady,
    wait_for,
    write,
)


class _Shown(QObject):
    """Notes what shows as a window of its own."""

    def __init__(self) -> None:
        super().__init__()
        self.names: list[str] = []

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if event.type() == QEvent.Type.Show and isinstance(watched, QWidget) and watched.isWindow():
            self.names.append(type(watched).__name__)
        return False


class Starting(WindowTest):
    def test_nothing_shows_as_a_window_of_its_own_while_it_starts_and_stations_open(self) -> None:
        shown = _Shown()
        self.app.installEventFilter(shown)
        self.addCleanup(self.app.removeEventFilter, shown)
        window = self.open_window()
        for station in list(window.stations):
            window.go(station)
            settle(10)
        self.assertEqual(set(shown.names) - {"QTipLabel"}, {"Window"})


class FirstUse(WindowTest):
    demo = False

    def test_from_start_to_a_printable_carton_of_ones_own_size(self) -> None:
        start = self.window.stack.currentWidget()
        assert isinstance(start, StartPage)
        click(start.recipes["carton"])
        self.assertEqual(self.window.station, "draft")
        for text in ("5 1/2 in", "3.2cm", "18"):  # the first field has the focus; Tab goes on to the next
            self.key(text)
            self.key(Qt.Key.Key_Tab)
        self.assertEqual([self.window.document.brief.values[n] for n in ("length", "width", "height")],
                         [139.7, 32.0, 18.0])
        click(self.window.rail.buttons["sheets"])
        sheets = self.window.stack.currentWidget()
        assert isinstance(sheets, SheetsStation)
        out = self.folder / "box.pdf"
        with answer_file(out):
            click(sheets.pdf)
        wait_for(out.exists)
        self.wait_for_jobs()
        page = pypdfium2.PdfDocument(str(out))[0]
        self.assertAlmostEqual(page.get_width() / 72 * 25.4, 210, delta=0.01)

    def test_a_recent_project_is_one_press_away(self) -> None:
        path = self.folder / "tern.mingei"
        project_file.save(carton_project(length=77.0), path)
        self.settings.remember(path)
        self.window.go("start")
        start = self.window.stack.currentWidget()
        assert isinstance(start, StartPage)
        self.assertIn("tern", start.recent.lines[0].words)
        click(start.recent.viewport(), start.recent.visualRect(start.recent.model().index(0, 0)).center())
        self.assertEqual(self.window.document.brief.values["length"], 77.0)
        self.assertEqual(self.window.document.path, path)

    def test_a_construction_is_found_by_typing_and_begun_by_enter(self) -> None:
        self.window.go("start")
        start = self.window.stack.currentWidget()
        assert isinstance(start, StartPage)
        self.key("lampshade", on=start.finding.field)
        seen = [name for name, button in start.recipes.items() if button.isVisible()]
        self.assertEqual(set(seen), {"cone", "dome"})
        self.key("xx", on=start.finding.field)
        self.assertTrue(start.finding.none.isVisible())
        start.finding.field.clear()
        self.assertTrue(all(button.isVisibleTo(start) for button in start.recipes.values()))
        self.key("matchbox", on=start.finding.field)
        self.key(Qt.Key.Key_Return, on=start.finding.field)
        wait_for(lambda: self.window.station == "draft")
        self.assertEqual(self.window.document.brief.recipe, "sleeve")
        self.assertEqual(self.settings.used, ["sleeve"])  # and is offered first the next time
        self.window.go("start")
        self.assertTrue(start.headings["used"].isVisible())

    def test_a_construction_is_found_on_the_brief_and_taken_by_enter(self) -> None:
        self.window.go("brief")
        brief = self.window.stack.currentWidget()
        assert isinstance(brief, BriefStation)
        self.key("planter", on=brief.finding.field)
        self.assertTrue(brief.recipes["frustum-box"].isVisible())
        self.assertFalse(brief.recipes["tray"].isVisible())
        self.key(Qt.Key.Key_Return, on=brief.finding.field)
        wait_for(lambda: self.window.document.brief.recipe == brief._order[0])

    def test_the_demo_kit_opens_from_the_start_page(self) -> None:
        click(self.button("Open the demo"))
        self.assertIn("Tern Point", self.window.document.project.title)
        self.assertGreater(len(self.window.document.project.briefs), 1)


class SmallPictures(WindowTest):
    def test_those_that_do_not_show_leave_the_window_to_who_works_in_it(self) -> None:
        from mingei.app.stations import start

        waiting = start._waiting()
        self.window.station_of("start")
        # other tests' windows may still be about
        waiting.buttons = [b for b in waiting.buttons if isValid(b) and b.window() is self.window]
        waiting.timer.stop()
        waiting.go_on()
        self.assertTrue(waiting.buttons)
        self.assertFalse(start.pictures_wait())
        self.assertGreaterEqual(waiting.timer.interval(), 100)
        self.window.go("start")
        self.assertTrue(start.pictures_wait())
        self.assertEqual(waiting.timer.interval(), 0)
        wait_for(lambda: not start.pictures_wait())


class DamagedSettings(WindowTest):
    demo = False

    def test_what_cannot_be_in_the_settings_is_passed_over(self) -> None:
        for key, value in (("sheet", "B9"), ("unit", "ell"), ("layout", "round"), ("light", "blue"),
                           ("density", "x"), ("geometry", "zz")):
            self.settings.store.setValue(key, value)
        self.window.desk.new("carton")
        self.assertIn(self.window.document.project.sheet, ("A4", "Letter"))
        self.assertIn(self.window.document.project.unit, ("mm", "in"))
        self.assertEqual(self.settings.number("density", 0.0), 0.0)
        self.open_window()


class Measures(WindowTest):
    def test_flat_folded_and_facts_follow_as_one_types(self) -> None:
        draft = self.window.draft()
        before = draft.flat.build
        write(self.field("length"), "155")
        self.assertEqual(self.window.document.brief.values["length"], 155.0)
        assert draft.flat.build is not None and draft.space.solids is not None
        self.assertIsNot(draft.flat.build, before)
        self.assertIsNot(draft.space.build,
                         draft.flat.build)  # the folded thing follows once the flat is drawn
        wait_for(lambda: draft.space.build is draft.flat.build)
        self.assertAlmostEqual(float(draft.space.solids.triangles[:, :, 0].max()
                                     - draft.space.solids.triangles[:, :, 0].min()), 156.6)
        self.assertIn("155", draft.facts.values["inside"].text())

    def test_what_cannot_be_is_refused_beside_the_field_and_the_model_stays(self) -> None:
        field = self.window.draft().measures.lengths["length"]
        for text in ("0", "-5", "ten", "10 km", "1/0", "=girth"):
            write(field, text)
            self.assertFalse(field.reason.isHidden(), text)
            self.assertTrue(field.line.accessibleDescription())
            self.assertEqual(self.window.document.brief.values["length"], 140.0)
        self.assertFalse(self.window.document.dirty)
        self.key(Qt.Key.Key_Escape, on=field.line)
        self.assertTrue(field.reason.isHidden())
        self.assertEqual(field.line.text(), "140 mm")

    def test_sums_fractions_and_nudges(self) -> None:
        write(self.field("width"), "=height*2 + 1mm")
        self.assertEqual(self.window.document.brief.values["width"], 37.0)
        self.key(Qt.Key.Key_Up, on=self.field("width"))
        self.assertEqual(self.window.document.brief.values["width"], 37.5)
        self.key(Qt.Key.Key_Down, Qt.KeyboardModifier.ShiftModifier, on=self.field("width"))
        self.assertEqual(self.window.document.brief.values["width"], 32.5)
        self.window.actions_["unit"].trigger()
        write(self.field("width"), "1 1/4")
        self.assertEqual(self.window.document.brief.values["width"], 31.75)
        self.key(Qt.Key.Key_Up, on=self.field("width"))
        self.assertAlmostEqual(float(self.window.document.brief.values["width"]), 31.75 + 25.4 / 16)
        self.assertIn("mm", self.window.draft().measures.lengths["width"].other.text())

    def test_the_wheel_changes_a_field_only_while_it_has_the_focus(self) -> None:
        def roll() -> None:
            field = self.field("height")
            middle = QPointF(field.rect().center())
            QApplication.sendEvent(field,
                                   QWheelEvent(middle, field.mapToGlobal(middle), QPoint(0, 0),
                                               QPoint(0, 120),
                                               Qt.MouseButton.NoButton, Qt.KeyboardModifier.NoModifier,
                                               Qt.ScrollPhase.NoScrollPhase, False))

        self.field("length").setFocus()
        roll()
        self.assertEqual(self.window.document.brief.values["height"], 18.0)
        self.field("height").setFocus()
        roll()
        self.assertEqual(self.window.document.brief.values["height"], 18.5)

    def test_long_words_of_a_dimension_are_not_cut_off_however_narrow_the_view(self) -> None:
        flat = self.window.draft().flat
        self.window.actions_["checks"].setChecked(True)
        for unit, width in (("in", 59.7), ("mm", 31.13), ("in", 200.3)):
            self.window.document.set_unit(unit)
            self.window.document.set_measure("width", width)
            settle(60)
            for drawn in flat.dimensions():
                self.assertGreaterEqual(drawn.label.left(), RULE_PX, (unit, drawn.words))
                self.assertLessEqual(drawn.label.right(), flat.width(), (unit, drawn.words))

    def test_a_dimension_is_dragged_on_the_drawing(self) -> None:
        flat = self.window.draft().flat
        steady(flat)
        (d,) = [d for d in flat.dimensions() if d.measure == "length"]
        scale = flat.scale
        drag(flat, d.b, d.b + QPointF(20 * scale, 0))
        self.assertEqual(self.window.document.brief.values["length"], 160.0)
        self.assertEqual(self.window.document.undo.count(), 1)
        steady(flat)
        (d,) = [d for d in flat.dimensions() if d.measure == "height"]
        drag(flat, d.a, d.a + QPointF(0, 4 * flat.scale))
        self.assertEqual(self.window.document.brief.values["height"], 22.0)
        for _ in range(2):
            self.window.actions_["undo"].trigger()
        self.assertEqual(self.window.document.brief.values["length"], 140.0)
        steady(flat)
        (d,) = [d for d in flat.dimensions() if d.measure == "height"]
        drag(flat, QPointF(d.a), d.a + QPointF(0, -3000))
        self.assertEqual(self.window.document.brief.values["height"], 8.0)

    def test_stock_that_cannot_be_folded_so_is_refused_with_the_reason(self) -> None:
        card = self.window.draft().stock
        row = next(i for i in range(card.box.count()) if "Corrugated B" in card.box.itemText(i))
        card.box.activated.emit(row)
        self.assertIn("0.1 to 1.5 mm", card.reason.text())
        self.assertFalse(card.reason.isHidden())
        self.assertEqual(self.window.document.brief.stock, "card-300")

    def test_outside_sizes_drive_the_inside(self) -> None:
        self.window.go("brief")
        brief = self.window.stack.currentWidget()
        assert isinstance(brief, BriefStation)
        write(brief.outside.fields[0], "150")
        self.assertAlmostEqual(float(self.window.document.brief.values["length"]), 148.4)
        write(brief.outside.fields[0], "3")
        self.assertFalse(brief.outside.fields[0].reason.isHidden())


class Selecting(WindowTest):
    def centre(self, panel: str) -> QPointF:
        flat = self.window.draft().flat
        box = flat.panels.boxes[self.part(panel)]
        return flat.to_px((box.center().x(), box.center().y()))

    def test_one_selection_across_both_views(self) -> None:
        draft = self.window.draft()
        click(draft.flat, self.centre("base"))
        self.assertEqual(self.window.document.selection, self.part("base"))
        self.assertEqual((draft.flat.selection, draft.space.selection),
                         (self.part("base"), self.part("base")))
        middle = draft.space.to_px((70.0, 16.0, 18.6))
        click(draft.space, middle)
        self.assertEqual(draft.flat.selection, self.part("top"))
        self.assertIn("Top", self.window.told.words)

    def test_pointing_names_the_part_with_its_size(self) -> None:
        flat = self.window.draft().flat

        def told_at(at: Callable[[], QPointF]) -> str:
            QTest.mouseMove(flat, at().toPoint())  # the views may still be sharing their room
            return self.window.told.words.lower()

        wait_for(lambda: "front: 140.4 mm" in told_at(lambda: self.centre("front")))
        wait_for(lambda: "seam 1 joins the front to the top" in told_at(lambda: flat.marks()[0].at))

    def test_a_tapped_seam_is_tucked_moved_and_taped_and_all_is_undone(self) -> None:
        draft = self.window.draft()
        self.assertFalse(draft.seam.isVisible())
        click(draft.flat, self.centre("front tab"))
        self.assertTrue(draft.seam.isVisible())
        start = self.window.document.project
        click(draft.seam.joints[joints.TUCK])
        self.assertEqual(self.window.document.seam_in_force("front tab").joint, joints.TUCK.word)
        click(draft.seam.move_tab)
        (mate,) = [m for m in self.window.document.build.pattern.mates if m.seam == "front tab"]
        self.assertEqual(mate.carrier, "top")
        click(draft.seam.joints[joints.TAPE])
        self.assertNotIn("front tab", self.window.document.build.pattern.by_name)
        self.assertTrue(draft.seam.isVisible())  # its numbers still stand on both edges
        self.assertTrue(any(f.code == "taped" for f in run(self.window.document.build, SHEETS[0])))
        click(draft.flat, next(m.at for m in draft.flat.marks() if m.part.panel == "front tab"))
        self.assertEqual(self.window.document.selection, self.part("front tab"))
        for _ in range(3):
            self.key(Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier, on=draft.flat)
        self.assertEqual(self.window.document.project, start)

    def test_a_tab_that_cannot_move_says_why(self) -> None:
        draft = self.window.draft()
        click(draft.flat, self.centre("left lip"))
        self.assertFalse(draft.seam.move_tab.isEnabled())
        self.assertIn("front left flap", draft.seam.reason.text())

    def test_panels_are_gone_through_by_keys(self) -> None:
        draft = self.window.draft()
        for view in (draft.flat, draft.space):
            self.window.document.select(NOTHING)
            view.setFocus()
            self.key("]", on=view)
            first = self.window.document.selection
            self.key("]", on=view)
            self.assertNotEqual(self.window.document.selection, first)
            self.key("[", on=view)
            self.assertEqual(self.window.document.selection, first)

    def test_two_points_and_two_faces_are_measured(self) -> None:
        draft = self.window.draft()
        self.key("m", on=draft.flat)
        self.assertTrue(self.window.document.measuring)
        self.window.document.select(self.part("front left flap"))
        draft.flat.fit_selection()
        fold = next(f for f in self.window.document.build.pattern.folds if f.child == "front left flap")
        move = self.window.document.build.spread[0]
        for p in (fold.start, fold.end):
            click(draft.flat, draft.flat.to_px(move.apply(p)) + QPointF(1, 1))  # near enough: corners catch
        self.assertIn(f"{write_mm(fold.length)} (", self.window.told.words)
        draft.space.cut_open(0, 0.5)
        settle(60)
        for point in ((30.0, 31.9, 9.0), (30.0, 16.0, 0.0)):
            click(draft.space, draft.space.to_px(point))
        self.assertEqual(len(draft.space.touched), 2)
        self.key(Qt.Key.Key_Escape, on=draft.flat)
        self.assertFalse(self.window.document.measuring)


class Folding(WindowTest):
    def test_the_slider_folds_and_says_the_step(self) -> None:
        draft = self.window.draft()
        draft.slider.setFocus()
        self.key(Qt.Key.Key_Home, on=draft.slider)
        self.assertEqual(self.window.document.fraction, 0.0)
        self.assertIn("Flat", draft.step.text())
        self.key(Qt.Key.Key_PageUp, on=draft.slider)
        # the first of its eleven steps creases it, and moves nothing
        self.assertIn("Step 3 of 11" if self.window.document.fraction > 1 / 9 else "Step 2 of 11",
                      draft.step.text())
        self.key(Qt.Key.Key_End, on=draft.slider)
        self.assertIn("Finished", draft.step.text())

    def test_it_plays_to_the_end_and_without_motion_goes_step_by_step(self) -> None:
        draft = self.window.draft()
        self.window.document.fold(0.97)
        click(draft.play)
        wait_for(lambda: self.window.document.fraction >= 1)
        self.settings.put("still", True)
        click(draft.play)
        self.assertAlmostEqual(self.window.document.fraction, 0.0)
        click(draft.play)
        self.assertAlmostEqual(self.window.document.fraction, 1 / 9)

    def test_it_turns_by_mouse_and_keys_and_from_the_standard_sides(self) -> None:
        space = self.window.draft().space
        before = space.camera
        drag(space, QPointF(100, 100), QPointF(160, 120))
        self.assertNotEqual(space.camera.yaw, before.yaw)
        self.key(Qt.Key.Key_Right, on=space)
        self.window.actions_["look-top"].trigger()
        self.assertEqual(space.camera.pitch, 89.0)

    def test_words_of_the_checks_are_never_squeezed_while_more_are_added(self) -> None:
        self.window.actions_["checks"].setChecked(True)
        while self.window.drawer._waiting:
            settle(1)
            labels = [w for w in self.window.drawer.findChildren(QLabel) if w.isVisible() and w.wordWrap()
                      and w.text()]
            self.assertEqual([w.text() for w in labels if w.heightForWidth(w.width()) > w.height() + 1], [])
        self.assertGreater(len(self.window.drawer.rows), 3)

    def test_drawing_only_the_part_that_shows_draws_the_same(self) -> None:
        space = self.window.draft().space
        for zoom in (1.0, 3.0):
            space.zoom(zoom)
            part = space.picture(smooth=False)
            whole_view = Region(0, 0, space.width(), space.height())
            with mock.patch("mingei.app.space_gl.region", return_value=whole_view):
                whole = space.picture(smooth=False)
            assert part is not None and whole is not None
            ground = whole.pixelColor(0, 0) if zoom == 1.0 else QColor("#FAF7F0")
            self.assertEqual(part.size(), whole.size())
            other = sum(part.pixel(x, y) != whole.pixel(x, y) for x in range(whole.width())
                        for y in range(0, whole.height(), 3))
            drawn = sum(whole.pixelColor(x, y) != ground for x in range(whole.width())
                        for y in range(0, whole.height(), 3))
            self.assertGreater(drawn, 3000)
            self.assertLess(other, 0.02 * drawn)  # lines may fall on a neighbouring pixel

    def test_the_picture_at_rest_is_never_drawn_all_at_once(self) -> None:
        from mingei.app.space_gl import Renderer

        drawn: list[tuple[int, bool]] = []
        draw = Renderer.draw

        def noting(renderer: Renderer, *given: object) -> object:
            # samples, and whether it is a part
            drawn.append((given[5], len(given) > 7))  # type: ignore[arg-type]
            return draw(renderer, *given)  # type: ignore[arg-type]

        space = self.window.draft().space
        with mock.patch.object(Renderer, "draw", noting):
            self.window.document.set_measure("length", 133.0)
            self.window.go("sheets")  # before it rests
            settle(400)
            self.assertFalse(space._smooth)
            self.window.go("draft")
            wait_for(lambda: space._smooth)
            self.window.resize(self.window.width() - 60, self.window.height())
            settle(30)
            wait_for(lambda: space._smooth and space._still is not None)
        smooth = [part for samples, part in drawn if samples == 4]
        self.assertTrue(smooth)
        self.assertTrue(all(smooth), drawn)

    def test_lines_that_cannot_show_are_not_missed(self) -> None:
        space = self.window.draft().space
        for name in ("front", "left", "top"):
            space.look_from(name)
            few = space.picture(smooth=False)
            every_edge = mock.patch("mingei.app.space_gl._turned_to",
                                    side_effect=lambda solids, camera: np.ones(len(solids.edges), bool))
            with every_edge as asked:
                every_one = space.picture(smooth=False)
            asked.assert_called_once()
            assert few is not None and every_one is not None
            one, other = (np.frombuffer(i.constBits(), np.uint8).reshape(-1, 4).astype(int)
                          for i in (few, every_one))
            differ = (np.abs(one - other).max(axis=1) > 8).mean()
            # where a rim is thinner than a pixel, lines of its far side came through
            self.assertLess(differ, 0.002, name)

    def test_figures_can_be_copied(self) -> None:
        inside = self.window.draft().facts.values["inside"]
        inside.actions()[0].trigger()
        self.assertEqual(QApplication.clipboard().text(), inside.text())

    def test_cut_open_the_cut_shows(self) -> None:
        draft = self.window.draft()
        draft.lay_out("beside")
        self.window.document.set_stock(find_stock("greyboard-15"))
        settle(200)
        whole = draft.space.picture()
        click(draft.cut)
        draft.cut_slider.setValue(500)
        settle(200)
        cut = draft.space.picture()
        assert whole is not None and cut is not None
        persimmon = QColor("#B54A22")
        self.assertEqual(_count(whole, persimmon), 0)
        self.assertGreater(_count(cut, persimmon), 100)


def _count(image: object, tint: QColor) -> int:
    """How many pixels have a colour."""
    import numpy as np
    from PySide6.QtGui import QImage

    assert isinstance(image, QImage)
    rgb = image.convertToFormat(QImage.Format.Format_RGB32)
    data = np.frombuffer(rgb.constBits(), np.uint8).reshape(rgb.height(), rgb.bytesPerLine() // 4,
                                                            4)[:, :, :3].astype(int)
    return int((np.abs(data - (tint.blue(), tint.green(), tint.red())).max(axis=2) <= 2).sum())


class Kit(WindowTest):
    def test_things_are_added_doubled_moved_renamed_and_removed(self) -> None:
        document = self.window.document
        self.window.go("brief")
        brief = self.window.stack.currentWidget()
        assert isinstance(brief, BriefStation)
        start, count = document.project, len(document.project.briefs)
        click(brief.kit.buttons["double"])
        self.assertEqual((len(document.project.briefs), document.current), (count + 1, count))
        self.assertEqual(document.brief.name, "Tide pencil carton 2")
        write(brief.thing.name, "Knife carton")
        self.key(Qt.Key.Key_Tab)
        click(brief.kit.buttons["up"])
        self.assertEqual(document.project.briefs[count - 1].name, "Knife carton")
        brief.thing.copies.setFocus()
        self.key(Qt.Key.Key_Up, on=brief.thing.copies)
        self.assertEqual(document.brief.copies, 2)
        brief.thing.notes.setFocus()
        self.key("For Ada. ", on=brief.thing.notes)
        self.assertTrue(document.brief.notes.startswith("For Ada. Holds five"))
        click(brief.kit.buttons["add"])
        click(brief.kit.buttons["remove"])
        while document.undo.canUndo():
            self.window.actions_["undo"].trigger()
        self.assertEqual(document.project, start)

    def test_choosing_in_the_kit_turns_every_station_to_it(self) -> None:
        self.window.go("brief")
        brief = self.window.stack.currentWidget()
        assert isinstance(brief, BriefStation)
        things = brief.kit.list
        click(things.viewport(), things.visualRect(things.model().index(1, 0)).center())
        self.assertEqual(self.window.document.current, 1)
        assert self.window.draft().flat.build is not None
        self.assertIn("Sea-pea", self.window.draft().flat.build.brief.name)
        self.window.actions_["next-thing"].trigger()
        self.assertEqual(self.window.document.current, 2)

    def test_every_piece_of_the_kit_lies_on_a_page_and_is_turned_to_from_there(self) -> None:
        self.window.go("sheets")
        sheets = self.window.stack.currentWidget()
        assert isinstance(sheets, SheetsStation)
        document = self.window.document
        wanted = Counter({p: p.copies for i in range(len(document.project.briefs))
                          for p in document.build_of(i).patterns})
        self.assertEqual(Counter(i.load.pattern for page in sheets.pages for i in page.items), wanted)
        self.assertLess(len(sheets.pages), 0.7 * sum(wanted.values()))
        self.assertEqual(sheets.view.pages[-1].last, len(sheets.pages))
        # a piece that shares its page is turned to where it was pressed
        shown, place = next((s, p) for s, p in zip(sheets.view.pages, sheets.view.places(), strict=True)
                            if len(s.page.items) > 1)
        for item in shown.page.items[:2]:
            x, y = item.box.centre
            click(sheets.view, QPointF(place.left() + x * sheets.view.scale,
                                       place.bottom() - y * sheets.view.scale))
            self.assertIn(item.load.pattern, document.build.patterns)


class Checks(WindowTest):
    def test_a_finding_is_gone_to_and_its_remedy_is_one_press(self) -> None:
        write(self.field("length"), "250")
        wait_for(lambda: self.window.rail.buttons["sheets"].mark == "brick")
        self.key(Qt.Key.Key_F8, on=self.field("length"))
        self.assertTrue(self.window.drawer.isVisible())
        row = next(r for r in self.window.drawer.rows if getattr(r, "remedy", None) is not None)
        click(row.place)  # type: ignore[attr-defined]
        self.assertEqual(self.window.station, "sheets")
        click(row.remedy)  # type: ignore[attr-defined]
        self.assertNotEqual(self.window.document.project.sheet, "A4")
        wait_for(lambda: self.window.rail.buttons["sheets"].mark == "")
        self.window.actions_["undo"].trigger()
        self.assertEqual(self.window.document.project.sheet, "A4")

    def test_a_remedy_is_carried_out_on_the_thing_it_was_found_on(self) -> None:
        document = self.window.document
        document.change_brief(replace(document.brief, enlarged=1.1), "enlarge")
        first = document.project.briefs
        document.look_at(3)
        self.window.drawer.show()
        wait_for(lambda: any(isinstance(r, FindingRow) and r.finding.code == "enlarged"
                             for r in self.window.drawer.rows))
        row = next(r for r in self.window.drawer.rows if isinstance(r, FindingRow) and r.finding.code
                   == "enlarged")
        assert row.remedy is not None
        row.remedy.click()
        self.assertEqual(document.project.briefs[1:], first[1:])
        self.assertEqual(document.project.briefs[0].recipe, first[0].recipe)
        self.assertEqual(document.project.briefs[0].enlarged, 1.0)
        self.assertEqual(document.current, 0)

    def test_slow_proofs_follow_when_the_hand_rests_and_go_with_what_they_were_about(self) -> None:
        from mingei.app import drawer
        from mingei.core.check import Finding, Severity

        self.window.actions_["checks"].setChecked(True)
        planted = Finding("planted", Severity.LOOK, "it was planted", "panel top", "take it out")

        def slow(project: object, number: int, build: object, thorough: bool) -> tuple[Finding, ...]:
            return (planted,) if thorough else ()

        def shown() -> list[str]:
            return [r.finding.code for r in self.window.drawer.rows if isinstance(r, FindingRow)]

        with mock.patch.object(drawer, "run_joined", side_effect=slow):
            self.window.document.set_measure("length", 142.0)
            self.window.document.settle()
            self.assertNotIn("planted", shown())
            wait_for(lambda: "planted" in shown())
            self.window.document.set_measure("length", 143.0)
            self.window.document.settle()
            self.assertNotIn("planted", shown())
            wait_for(lambda: "planted" in shown())

    def test_a_change_checks_only_what_it_changes(self) -> None:
        from mingei.app import drawer

        wait_for(lambda: not self.window.drawer.checking)
        before = dict(self.window.drawer.found())
        self.window.document.look_at(0)
        with mock.patch.object(drawer, "run_joined", wraps=drawer.run_joined) as checked:
            self.window.document.set_measure("length", 141.0)
            self.window.document.settle()
        checked.assert_called_once()
        after = dict(self.window.drawer.found())
        self.assertEqual(set(before), set(after))
        for number in set(before) - {0}:
            self.assertIs(after[number], before[number])

    def test_a_page_that_is_too_small_is_said_on_the_sheets(self) -> None:
        self.window.document.set_measure("length", 300.0)
        self.window.go("sheets")
        sheets = self.window.stack.currentWidget()
        assert isinstance(sheets, SheetsStation)
        self.assertFalse(sheets.error.isHidden())
        self.assertFalse(sheets.pdf.isEnabled())


class Files(WindowTest):
    def test_save_open_and_the_dirty_mark(self) -> None:
        write(self.field("length"), "151")
        self.assertTrue(self.window.isWindowModified())
        path = self.folder / "mine"
        with answer_file(path):
            self.key(Qt.Key.Key_S, Qt.KeyboardModifier.ControlModifier)
        saved = path.with_suffix(".mingei")
        wait_for(saved.exists)
        self.wait_for_jobs()
        self.assertFalse(self.window.isWindowModified())
        self.assertEqual(project_file.load(saved), self.window.document.project)
        self.assertEqual(self.settings.recent, [saved])

    def test_closing_asks_once_and_nothing_is_lost_by_cancel(self) -> None:
        write(self.field("length"), "151")
        seen: list[str] = []
        answer(QMessageBox.StandardButton.Cancel, seen)
        self.assertFalse(self.window.close())
        self.assertEqual(len(seen), 1)
        self.assertEqual(self.window.document.brief.values["length"], 151.0)
        answer(QMessageBox.StandardButton.Discard)
        self.assertTrue(self.window.close())

    def test_closing_may_save_first(self) -> None:
        path = self.folder / "box.mingei"
        project_file.save(carton_project(), path)
        self.assertTrue(self.window.desk.open_file(path))
        write(self.field("length"), "133")
        answer(QMessageBox.StandardButton.Save)
        self.assertTrue(self.window.close())
        self.assertEqual(project_file.load(path).briefs[0].values["length"], 133.0)

    def test_a_broken_file_is_said_and_the_bench_stays(self) -> None:
        path = self.folder / "broken.mingei"
        path.write_text("{")
        before = self.window.document.project
        seen: list[str] = []
        answer(QMessageBox.StandardButton.Ok, seen)
        self.assertFalse(self.window.desk.open_file(path))
        wait_for(lambda: seen)
        self.assertIn("broken.mingei", seen[0])
        self.assertIs(self.window.document.project, before)

    def test_a_folder_that_cannot_be_written_is_said_and_the_work_stays_unsaved(self) -> None:
        write(self.field("length"), "151")
        seen: list[str] = []
        answer(QMessageBox.StandardButton.Ok, seen)
        self.window.desk.save_to(Path("/proc/x.mingei"))
        wait_for(lambda: seen)
        self.assertIn("/proc/x.mingei", seen[0])
        self.assertTrue(self.window.document.dirty)

    def test_a_file_dropped_on_the_window_opens(self) -> None:
        from PySide6.QtCore import QMimeData, QPoint, QUrl
        from PySide6.QtGui import QDragEnterEvent, QDropEvent

        path = self.folder / "box.mingei"
        project_file.save(carton_project(length=81.0), path)
        data = QMimeData()
        data.setUrls([QUrl.fromLocalFile(str(path))])
        left, none = Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier
        entering = QDragEnterEvent(QPoint(50, 50), Qt.DropAction.CopyAction, data, left, none)
        QApplication.sendEvent(self.window, entering)
        self.assertTrue(entering.isAccepted())
        QApplication.sendEvent(self.window,
                               QDropEvent(QPointF(50, 50), Qt.DropAction.CopyAction, data, left, none))
        self.assertEqual(self.window.document.brief.values["length"], 81.0)

    def test_a_mesh_brought_in_becomes_a_thing_that_fits_its_sheet(self) -> None:
        import trimesh

        from mingei.app.meshes import MeshDialog
        from mingei.core.check import Severity, run

        path = self.folder / "stone.stl"
        trimesh.creation.icosphere(1).export(path)
        self.window.document.set_sheet("Letter")
        dialog = MeshDialog(self.window.document, path, self.window)
        wait_for(lambda: dialog.taken is not None)
        dialog._take()
        document = self.window.document
        wait_for(lambda: document.brief.recipe == "mesh")
        self.assertEqual((document.brief.name, document.brief.recipe), ("stone", "mesh"))
        found = run(document.build, document.project.paper)
        self.assertEqual([str(f) for f in found if f.severity is Severity.ERROR], [])
        document.undo.undo()
        self.assertNotEqual(document.brief.recipe, "mesh")

    def test_a_dialog_grows_with_what_is_said_in_it(self) -> None:
        from mingei.app.meshes import MeshDialog

        path = self.folder / "broken.stl"
        path.write_bytes(b"no mesh at all" * 20)
        dialog = MeshDialog(self.window.document, path, self.window)
        dialog.show()
        wait_for(dialog.reason.isVisible)
        wait_for(lambda: dialog.file.height() >= dialog.file.sizeHint().height())
        self.assertLessEqual(dialog.file.geometry().bottom(), dialog.facets.geometry().top())
        self.assertLessEqual(dialog.facets.geometry().bottom(), dialog.upright.geometry().top())
        self.assertGreaterEqual(dialog.reason.height(), dialog.reason.heightForWidth(dialog.reason.width()))
        dialog.close()

    def test_a_second_window_on_one_file_is_warned(self) -> None:
        path = self.folder / "box.mingei"
        project_file.save(carton_project(), path)
        self.assertTrue(self.window.desk.open_file(path))
        other = self.open_window(demo=True)
        seen: list[str] = []
        answer(QMessageBox.StandardButton.Cancel, seen)
        self.assertFalse(other.desk.open_file(path))
        self.assertIn("another window", seen[0])
        self.window.desk.show_demo(carton_project())  # the first lets go of it
        self.assertTrue(other.desk.open_file(path))

    def test_pictures_of_both_views_as_png_and_svg(self) -> None:
        self.window.go("draft")
        settle(200)
        for which in ("flat", "folded"):
            for ending, head in ((".png", b"\x89PNG"), (".svg", b"<?xml")):
                path = self.folder / f"{which}{ending}"
                save_picture(self.window, which, path)
                wait_for(path.exists)
                self.wait_for_jobs()
                self.assertTrue(path.read_bytes().startswith(head))
        width = re.search(r'width="([0-9.]+)mm"', (self.folder / "flat.svg").read_text())
        assert width is not None
        self.assertAlmostEqual(float(width[1]), self.window.document.build.blank.width, places=5)
        tints = set(re.findall(r'fill="(#[0-9a-f]{6})"', (self.folder / "folded.svg").read_text()))
        self.assertGreaterEqual(len(tints), 3)  # three sides in three lights


class Preparing(WindowTest):
    def test_fields_taken_away_while_stations_are_made_ready_are_passed_over(self) -> None:
        brief = self.window.station_of("brief")
        self.window._undressed = brief.findChildren(QWidget)
        for recipe in ("prism", "polyhedron", "carton"):
            self.window.document.set_recipe(recipe)
            self.window.go("brief")
            settle()
        with mock.patch("sys.excepthook") as fault:
            while self.window._undressed:
                self.window._prepare()
                settle(1)  # what goes on in the background, which it waits for, comes to its end
            settle()
        fault.assert_not_called()


class Late(WindowTest):
    def test_what_was_asked_of_a_thing_that_is_no_longer_shown_is_not_done_to_the_next(self) -> None:
        document = self.window.document
        document.open(new_project(new_brief("mesh")))
        self.window.go("brief")
        settle()
        measures = next(m for m in self.window.findChildren(MeasuresCard) if m.isVisible())
        with mock.patch("sys.excepthook") as fault:
            measures._choose("pairs", "alike")
            document.set_recipe("wrapper")
            reading_ends()
            self.assertEqual(document.undo.count(), 1)
        fault.assert_not_called()

    def test_a_list_of_things_that_are_gone_is_read_anew_when_it_is_used(self) -> None:
        document = self.window.document
        self.window.go("draft")
        card = self.window.findChild(JoinCard)
        card.host.setCurrentIndex(1)
        with mock.patch("sys.excepthook") as fault:
            document.open(new_project(new_brief("tray")))  # and before it is drawn
            card.host.activated.emit(1)
            settle()
        fault.assert_not_called()
        self.assertEqual(document.undo.count(), 0)


class Commands(WindowTest):
    def test_every_action_has_a_menu_and_no_two_share_keys(self) -> None:
        keys = [a.shortcut().toString() for a in self.window.actions_.by_name.values()
                if not a.shortcut().isEmpty()]
        self.assertEqual(len(keys), len(set(keys)))
        for name, action in self.window.actions_.by_name.items():
            self.assertTrue(action.associatedObjects(), name)
            self.assertTrue(action.text(), name)

    def test_the_finder_runs_what_one_describes(self) -> None:
        self.key(Qt.Key.Key_K, Qt.KeyboardModifier.ControlModifier)
        finder = QApplication.activeModalWidget()
        assert isinstance(finder, Finder)
        before = len(self.window.document.project.briefs)
        self.key("double this", on=finder.words)
        self.assertEqual(len(finder.list.lines), 1)
        self.key(Qt.Key.Key_Return, on=finder.words)
        wait_for(lambda: len(self.window.document.project.briefs) == before + 1)

    def test_the_history_goes_back_to_any_moment(self) -> None:
        for text in ("141", "142"):
            write(self.field("length"), text)
            self.field("width").setFocus()
            write(self.field("width"), text[1:])
        self.assertEqual(self.window.document.undo.count(), 4)
        self.assertIn("Length to 142 mm", self.window.document.undo.text(2))
        self.window.document.undo.setIndex(1)
        self.assertEqual([self.window.document.brief.values[n] for n in ("length", "width")], [141.0, 32.0])
        self.window.actions_["history"].trigger()
        settle()
        self.assertIsNotNone(QApplication.activeModalWidget())
        QApplication.activeModalWidget().close()

    def test_dialogs_for_keys_and_about_open_and_close(self) -> None:
        for name in ("keys", "about", "density"):
            self.window.actions_[name].trigger()
            settle()
            dialog = QApplication.activeModalWidget()
            assert dialog is not None, name
            dialog.close()

    def test_actual_size_follows_the_measured_screen(self) -> None:
        flat = self.window.draft().flat
        flat.density = 5.0
        self.window.actions_["actual"].trigger()
        self.assertAlmostEqual(flat.scale, 5.0)
        self.window.actions_["fit"].trigger()
        self.assertNotAlmostEqual(flat.scale, 5.0)

    def test_the_view_is_zoomed_and_panned(self) -> None:
        flat = self.window.draft().flat
        scale, origin = flat.scale, QPointF(flat.origin)
        flat.setFocus()
        self.window.actions_["in"].trigger()
        self.assertAlmostEqual(flat.scale, scale * 1.25)
        self.key(Qt.Key.Key_Right, on=flat)
        drag(flat, QPointF(200, 200), QPointF(240, 210), button=Qt.MouseButton.MiddleButton)
        self.assertNotEqual(flat.origin, origin)
        self.window.document.select(self.part("base"))
        self.window.actions_["fit-selection"].trigger()
        self.assertGreater(flat.scale, scale)

    def test_the_printed_look_is_black_on_white(self) -> None:
        flat = self.window.draft().flat
        self.window.actions_["printed"].trigger()
        image = flat.picture()
        self.assertEqual(image.pixelColor(flat.width() // 2, 6), QColor("white"))
        self.assertEqual(flat.marks(), [])


class NoGraphicsHere(WindowTest):
    def test_without_opengl_a_sentence_stands_in_the_view_and_all_else_works(self) -> None:
        from mingei.app import space_view
        from mingei.app.space_gl import NoGraphics

        space = self.window.draft().space
        with mock.patch.object(space_view, "renderer", side_effect=NoGraphics("none")):
            self.assertIsNone(space.picture())
            space.repaint()
        self.assertIn("OpenGL", space.no_graphics)
        write(self.field("length"), "150")
        assert self.window.draft().flat.build is not None
        self.assertEqual(self.window.draft().flat.build.brief.values["length"], 150.0)


class LightAndLayout(WindowTest):
    def test_lamp_light_and_back(self) -> None:
        from mingei.app import theme

        self.window.actions_["light-lamp"].trigger()
        self.assertIs(theme.tokens(), theme.LAMP)
        wait_for(lambda: self.window.palette().window().color() == QColor(theme.LAMP.ground))
        self.window.change_light("day")
        self.assertIs(theme.tokens(), theme.LIGHT)

    def test_the_views_share_the_room_as_asked_and_it_is_remembered(self) -> None:
        draft = self.window.draft()
        for key, flat, folded in (("flat", True, False), ("folded", False, True), ("stacked", True, True),
                                  ("beside", True, True)):
            click(draft.layouts[key])
            settle()
            self.assertEqual((draft.flat.isVisible(), draft.space.isVisible()), (flat, folded))
            self.assertTrue(all(b.isVisible() for b in draft.layouts.values()))
            self.assertEqual(self.settings.text("layout"), key)
        self.assertGreater(min(draft.flat.width(), draft.space.width()), 300)
        self.assertIsInstance(draft.layouts["flat"], QToolButton)
