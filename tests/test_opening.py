"""Windows, holes, rounded corners and notches: where they may lie, what keeps clear of them, and that they
survive everything."""

from __future__ import annotations

import json
import math
import unittest
from xml.etree import ElementTree

from hypothesis import given
from hypothesis import strategies as st
from shapely.geometry import Polygon as Area

from mingei.core.amendments.opening import Opening, Shape, Takes, Trim
from mingei.core.check import run
from mingei.core.check.simulating import simulate
from mingei.core.document.build import Build, build
from mingei.core.document.project import Brief, differences, new_brief, new_project
from mingei.core.document.table import table as at_table
from mingei.core.errors import ImportRefused, MeasureError, MingeiError, ProjectError
from mingei.core.folded import fold
from mingei.core.layout.sheets import find_sheet
from mingei.core.plan.making import USUAL
from mingei.core.plane import contour
from mingei.core.plane.shape import Arc, bounds, flat_points, path_length, signed_area
from mingei.core.recipes import find_recipe, recipes
from mingei.core.sizing.scale import scaled, table
from mingei.core.stock import Stock, find_stock
from mingei.formats import project_file, svg_outline
from mingei.formats.export import export
from tests.support import InFolder

_CARD = find_stock("card-300")


def tray() -> Brief:
    return new_brief("tray", {"length": 120.0, "width": 80.0, "height": 40.0}, _CARD)


def _with_flat_panels() -> set[str]:
    """The recipes that have a panel which is no facet of a curved face."""
    return {r.id for r in recipes().values() for piece in r.draft(r.accept({})).pieces
            for p in piece.panels if not p.whole}


def made(brief: Brief) -> Build:
    return build(brief, _CARD)


def svg(body: str, size: str = 'width="100mm" height="100mm" viewBox="0 0 100 100"') -> bytes:
    return f'<svg xmlns="http://www.w3.org/2000/svg" {size}>{body}</svg>'.encode()


class Cutting(unittest.TestCase):
    def test_a_window_is_cut_at_its_size_about_its_place(self) -> None:
        brief = tray().with_opening(Opening("window 1", "front", Shape.RECTANGLE, 50, 20, x=10, y=-3,
                                            corner=4))
        pattern = made(brief).pattern
        front = pattern.by_name["front"]
        (hole,) = front.holes
        points = [s.start for s in hole]
        self.assertAlmostEqual(max(x for x, _ in points) - min(x for x, _ in points), 50)
        self.assertAlmostEqual((max(x for x, _ in points) + min(x for x, _ in points)) / 2, 60 + 10)
        self.assertAlmostEqual((max(y for _, y in points) + min(y for _, y in points)) / 2, 20 - 3)
        self.assertEqual([a.radius for a in hole if isinstance(a, Arc)], [4.0] * 4)
        self.assertLess(signed_area(flat_points(hole)[:-1]), 0)  # clockwise: the card lies to its left
        self.assertAlmostEqual(made(tray()).area_mm2 - made(brief).area_mm2, 50 * 20 - (4 - math.pi) * 16,
                               delta=0.5)

    def test_a_drawing_of_thousands_of_paths_is_still_read_at_once(self) -> None:
        dots = "".join(f'<rect x="{8 + 2 * (i % 40)}" y="{8 + 2 * (i // 40)}" width="1.2" height="1.2"/>'
                       for i in range(1500))
        found = svg_outline.read(svg(f'<rect x="5" y="5" width="90" height="90"/>{dots}'))
        self.assertEqual((len(found.inner), found.ignored), (100, 1400))

    def test_a_slot_is_as_long_as_asked_and_as_wide_as_what_passes_through_it(self) -> None:
        for caliper, layers in ((0.3, 1), (1.2, 2)):
            brief = tray().with_opening(Opening("slot 1", "base", Shape.SLOT, 18.0, turn_deg=90.0, stays=True,
                                                layers=layers))
            result = build(brief, Stock("any", "Any", 300, caliper))
            around = bounds(result.pattern.by_name["base"].hole_polygons[0])
            # common practice: as wide as the stock, with a little play
            self.assertAlmostEqual(around.width, layers * caliper + 0.15)
            self.assertAlmostEqual(around.height, 18.5)  # and a little longer than the tongue
            self.assertEqual(project_file.loads(project_file.dumps(project := new_project(brief))), project)
        for bad in ({"layers": 0}, {"layers": 9}, {"width": 500.0}):
            with self.assertRaises(MeasureError):
                tray().with_opening(Opening("slot 1", "base", Shape.SLOT, 18.0)._replace(**bad))

    def test_tabs_go_round_a_slot(self) -> None:
        brief = tray().with_opening(Opening("slot 1", "front", Shape.SLOT, 12.0, x=0.0))
        carton = new_brief("carton").with_opening(Opening("slot 1", "top", Shape.SLOT, 40.0, y=-9.0))
        for made_of in (brief, carton):
            result = made(made_of)
            for seam in result.pattern.seams:
                host = result.pattern.by_name[seam.host]
                tab = result.pattern.by_name[seam.name]
                posed = fold.finished(result.pattern)
                onto = ((fold.place(posed[seam.name], tab.polygon) - posed[seam.host][:3, 3])
                        @ posed[seam.host][:3, :3])
                for hole in host.hole_polygons:
                    self.assertLess(Area(onto[:, :2]).intersection(Area(hole)).area, 1e-6, seam.name)
        tab = made(carton).pattern.by_name["front tab"]
        # it has a notch
        self.assertGreater(len(tab.polygon), len(made(new_brief("carton")).pattern.by_name["front tab"].path))

    def test_closed_paths_inside_the_largest_are_its_openings(self) -> None:
        found = svg_outline.read(
            svg('<path d="M10 10 h300 v200 h-300z M40 40 h60 v60 h-60z"/><circle cx="200" cy="100" r="40"/>'
                '<circle cx="200" cy="100" r="10"/><rect x="400" y="0" width="20" '
                'height="20"/>'))
        self.assertEqual((len(found.inner), found.ignored), (2, 2))  # one lies in an opening, one outside
        shape = contour.write_shape((found.outline, *found.inner))
        self.assertEqual(len(contour.read_shape(shape)), 3)

    def test_a_hole_is_round_and_drawn_outlines_keep_their_curves(self) -> None:
        brief = tray().with_opening(Opening("hole 1", "base", Shape.ROUND, 6.0))
        (hole,) = made(brief).pattern.by_name["base"].holes
        self.assertAlmostEqual(path_length(hole), math.pi * 6)
        drawn = tray().with_opening(Opening("d", "base", Shape.DRAWN, 40.0, drawn="0,0,180 10,0,180"))
        (hole,) = made(drawn).pattern.by_name["base"].holes
        self.assertAlmostEqual(path_length(hole), math.pi * 40, delta=1e-3)

    def test_what_leaves_too_little_card_is_refused_and_nothing_changes(self) -> None:
        brief = tray().with_opening(Opening("a", "base", Shape.ROUND, 20.0))
        for opening, word in ((Opening("b", "base", Shape.ROUND, 79.0, x=0), "edge"),
                              (Opening("b", "base", Shape.ROUND, 20.0, x=21.0), "another"),
                              (Opening("b", "base", Shape.ROUND, 4.0), "another"),
                              (Opening("b", "base", x=200.0), "edge"),
                              (Opening("b", "base", Shape.ROUND, 0.2), "cut"),
                              (Opening("b", "base", width=math.nan), "cut"),
                              (Opening("b", "left wall tab"), "walls only")):
            with self.assertRaises(MeasureError) as caught:
                brief.with_opening(opening)
            self.assertIn(word, str(caught.exception))
        with self.assertRaises(MeasureError):  # a measure that would leave no room for it
            made(brief.with_measure("width", 22.0))

    def test_facets_of_a_curved_face_take_none(self) -> None:
        with self.assertRaises(MeasureError):
            new_brief("tube").with_opening(Opening("a", "wall 1", Shape.ROUND, 2.0))
        new_brief("tube").with_opening(Opening("a", "base", Shape.ROUND, 4.0))

    @given(st.sampled_from(sorted(_with_flat_panels())), st.data())
    def test_no_tab_lies_over_an_opening(self, recipe_id: str, data: st.DataObject) -> None:
        stock = find_stock(find_recipe(recipe_id).stock)
        brief = new_brief(recipe_id, {}, stock)
        panels = [p for piece in build(brief, stock).draft.pieces for p in piece.panels if not p.whole]
        panel = data.draw(st.sampled_from(panels))
        size = data.draw(st.floats(1, 60))
        place = st.floats(-40, 40)
        try:
            opened = build(brief.with_opening(Opening("a", panel.name, Shape.ROUND, size, x=data.draw(place),
                                                      y=data.draw(place))), stock)
        except MeasureError:
            return
        for closure in opened.closures:
            self.assertTrue(closure.closes, closure)
        for pattern in opened.patterns:
            posed = fold.finished(pattern)
            for seam in pattern.seams:
                host = pattern.by_name.get(seam.host)
                if host is None or not host.holes:
                    continue
                corners = fold.place(posed[seam.name], pattern.by_name[seam.name].polygon)
                onto = (corners - posed[host.name][:3, 3]) @ posed[host.name][:3, :2]
                for hole in host.hole_polygons:
                    self.assertLess(Area(onto).intersection(Area(hole)).area, 1e-3, seam.name)

    def test_what_is_set_into_a_hole_is_needed_put_in_in_its_turn_and_cautioned(self) -> None:
        brief = new_brief("carton", {}, _CARD)
        for takes, caution in (("eyelet", "firm base"), ("fastener", "fingers clear"),
                               ("magnet", "swallowed"),
                               ("pin", "under three"), ("stick", "")):
            with self.subTest(takes):
                hole = Opening("hole 1", "front", Shape.ROUND, 4.0, stays=True, takes=Takes(takes))
                built = made(brief.with_opening(hole))
                (part,) = built.draft.bought
                self.assertEqual((part.name, part.panel, part.size), (takes, "front", "4 mm (5/32 in)"))
                self.assertEqual(simulate(built), ())
                step = next(s for s in built.plan.steps if str(part.words) in s.words)
                first_fold = next(s.number for s in built.plan.steps if s.panels)
                last_fold = max(s.number for s in built.plan.steps if s.panels)
                if takes in ("eyelet", "magnet"):  # on a firm flat base
                    self.assertLess(step.number, first_fold)
                elif takes == "fastener":  # its legs are spread from within
                    self.assertLess(step.number, last_fold)
                else:
                    self.assertGreater(step.number, last_fold)
                said = " ".join(str(c) for c in at_table(built, USUAL).cautions)
                self.assertIn(caution, said)
                again = project_file.loads(project_file.dumps(
                    new_project(built.brief, "t", "mm", "A4"))).briefs[0]
                self.assertEqual(again.openings, (hole,))
                self.assertEqual(hole.grown(2.0).width, 4.0)

    def test_a_part_is_set_into_a_round_hole_without_a_patch_only(self) -> None:
        for bad, word in ((Opening("a", "base", takes=Takes.EYELET), "round"),
                          (Opening("a", "base", Shape.ROUND, 5.0, takes=Takes.PIN, window=True), "patch")):
            with self.assertRaises(MeasureError) as caught:
                tray().with_opening(bad)
            self.assertIn(word, str(caught.exception))

    def test_a_window_says_its_patch(self) -> None:
        brief = tray().with_opening(Opening("window 1", "front", Shape.RECTANGLE, 50, 20, window=True))
        (said,) = [f for f in run(made(brief), find_sheet("A4")) if f.code == "window"]
        self.assertIn("60 mm", said.sentence)
        self.assertIn("30 mm", said.sentence)


class Edges(unittest.TestCase):
    def test_free_corners_are_rounded_and_a_notch_taken_out(self) -> None:
        carton = new_brief("carton", {}, _CARD)
        plain = made(carton).pattern.by_name["front left flap"]
        trimmed = made(carton.with_trim(Trim("front left flap", 3.0, 0.0))).pattern.by_name["front left flap"]
        self.assertEqual(sum(isinstance(s, Arc) for s in trimmed.path), 2)
        self.assertLess(trimmed.area, plain.area)
        notched = made(carton.with_trim(Trim("front left flap", 0.0, 8.0))).pattern.by_name["front left flap"]
        (arc,) = [s for s in notched.path if isinstance(s, Arc)]
        self.assertAlmostEqual(plain.area - notched.area, math.pi * arc.radius**2 / 2, delta=0.5)

    def test_a_panel_without_free_edges_stays_as_it_is(self) -> None:
        brief = tray().with_trim(Trim("base", 5.0, 20.0))
        self.assertEqual(made(brief).pattern.by_name["base"].path, made(tray()).pattern.by_name["base"].path)


class Keeping(InFolder):
    def brief(self) -> Brief:
        return (tray().with_opening(Opening("window 1", "front", Shape.RECTANGLE, 50, 20, x=5, corner=4,
                                            window=True))
                .with_opening(Opening("hole 1", "base", Shape.ROUND, 4.0, stays=True, x=12.0))
                .with_opening(Opening("d", "base", Shape.DRAWN, 20.0, x=-20.0, turn_deg=30.0,
                                      drawn="0,0 40,0 40,30,90 0,30"))
                .with_trim(Trim("front", 3.0, 15.0)))

    def test_the_file_keeps_them(self) -> None:
        project = new_project(self.brief())
        again = project_file.loads(project_file.dumps(project))
        self.assertEqual(again, project)
        self.assertEqual(differences(project, new_project(tray())),
                         ("Tray: openings differ", "Tray: edges differ"))

    def test_a_broken_one_in_a_file_is_named(self) -> None:
        data = json.loads(project_file.dumps(new_project(self.brief())))
        for key, value in (("shape", "oval"), ("width", "wide"), ("stays", 1), ("x", 1e9), ("width", -3)):
            broken = json.loads(json.dumps(data))
            broken["briefs"][0]["amendments"][0][key] = value
            with self.assertRaises(ProjectError) as caught:
                project_file.loads(json.dumps(broken).encode())
            self.assertIn("briefs[0]", str(caught.exception))

    def test_a_negative_trim_and_two_openings_of_one_name_in_a_file_are_refused(self) -> None:
        data = json.loads(project_file.dumps(new_project(self.brief())))
        for number, key, value, word in ((3, "round_mm", -4, "rounding"),
                                         (1, "name", "window 1", "window 1")):
            broken = json.loads(json.dumps(data))
            broken["briefs"][0]["amendments"][number][key] = value
            with self.assertRaises(ProjectError) as caught:
                project_file.loads(json.dumps(broken).encode())
            self.assertIn(word, str(caught.exception))

    def test_scaled_they_grow_but_for_those_of_bought_parts(self) -> None:
        larger = scaled(self.brief(), 1.5)
        sizes = {o.name: (o.width, o.x) for o in larger.openings}
        self.assertEqual(sizes, {"window 1": (75.0, 7.5), "hole 1": (4.0, 18.0), "d": (30.0, -30.0)})
        rows = {str(r.name): (r.before, r.after) for r in table(made(self.brief()), made(larger))}
        self.assertEqual(rows["hole 1, across"], (4.0, 4.0))
        self.assertEqual(larger.trims, (Trim("front", 4.5, 15.0),))

    def test_exported_files_have_them_as_cuts(self) -> None:
        import svgelements

        out = self.folder / "x.svg"
        export(new_project(self.brief()), out)
        group = next(g for g in ElementTree.parse(out).getroot().iter() if g.get("id") == "cut")
        paths = [svgelements.Path(e.get("d")) for e in group.iter() if e.get("d")]
        rings = [svgelements.Path(part) for p in paths for part in p.as_subpaths()]
        self.assertEqual(len(rings), 4)
        hole = min(rings, key=lambda p: p.bbox()[2] - p.bbox()[0])
        left, top, right, bottom = hole.bbox()
        self.assertAlmostEqual(right - left, 4.0, delta=0.01)
        self.assertAlmostEqual(bottom - top, 4.0, delta=0.01)


class Reading(unittest.TestCase):
    def test_curves_units_and_transforms_come_out_right(self) -> None:
        circle = svg_outline.read(svg('<circle cx="50" cy="50" r="20"/>')).outline
        self.assertAlmostEqual(path_length(contour.path(circle)), 40 * math.pi, delta=0.01)
        # a cubic whose area is 0.6 of its box (Green's theorem, by hand): 80 x 40
        curve = svg_outline.read(svg('<path d="M10 10 C 10 50, 90 50, 90 10 Z"/>')).outline
        self.assertAlmostEqual(abs(signed_area(flat_points(contour.path(curve), 0.001)[:-1])), 1920.0,
                               delta=1.5)
        turned = svg_outline.read(
            svg('<g transform="scale(2) rotate(30)"><rect x="1" y="2" width="10" height="5"/></g>'))
        self.assertAlmostEqual(path_length(contour.path(turned.outline)), 60.0, delta=0.001)
        inch = contour.box(svg_outline.read(svg('<rect width="96" height="48"/>',
                                                'width="2in" height="2in"')).outline)
        self.assertAlmostEqual(inch.width, 25.4, places=3)

    def test_the_largest_closed_path_is_taken(self) -> None:
        found = svg_outline.read(
            svg('<path d="M0 0 h3 v3 h-3z M10 10 h30 v20 h-30z"/><path d="M0 0 L90 90"/>'))
        self.assertEqual(found.ignored, 1)
        self.assertAlmostEqual(contour.box(found.outline).width, 30.0, places=3)

    def test_what_is_no_outline_is_refused_with_the_reason(self) -> None:
        for data, word in ((b"nonsense", "no SVG"), (b"<svg", "no SVG"),
                           (svg("<text>x</text>"), "no closed path"),
                           (svg('<path d="M0 0 L50 50 L60 0"/>'), "no closed path"),
                           (svg('<path d="M0 0 L50 50 L50 0 L0 40Z"/>'), "crosses itself near 22.2, -22.2;"),
                           (b'<!DOCTYPE x [<!ENTITY a "b">]><svg/>', "entities"),
                           (svg('<path d="M0 0 h0.1 v0.1 z"/>'), "nothing")):
            with self.assertRaises(MingeiError) as caught:
                svg_outline.read(data)
            self.assertIn(word, str(caught.exception))

    def test_a_file_that_is_not_there_is_named(self) -> None:
        from pathlib import Path

        with self.assertRaises(ImportRefused) as caught:
            svg_outline.load(Path("/nowhere/x.svg"))
        self.assertIn("/nowhere/x.svg", str(caught.exception))

    def test_text_and_outline_say_the_same(self) -> None:
        for text in ("0,0 40,0 40,30,90 0,30", "0,0,180 100,0,180"):
            self.assertEqual(contour.write(contour.read(text)), text)
        backwards = contour.read("0,30 40,30,-90 40,0 0,0")
        self.assertGreater(signed_area(flat_points(contour.path(backwards))[:-1]), 0)
        for bad in ("", "1,2", "a,b c,d e,f", "0,0 1e9,0 3,3", "0,0 nan,1 2,2", "0,0,400 1,1 2,0"):
            with self.assertRaises(MeasureError):
                contour.read(bad)


if __name__ == "__main__":
    unittest.main()
