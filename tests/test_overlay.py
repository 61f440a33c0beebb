"""What is glued on panels: mats, labels, linings; and parts of a stock of their own."""

from __future__ import annotations

import csv
import io
import math
import unittest
from collections.abc import Sequence
from dataclasses import replace
from itertools import combinations, pairwise
from unittest import mock

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from mingei import cli
from mingei.core import check
from mingei.core.amendments.opening import Opening, Shape
from mingei.core.covering.band import free_edges
from mingei.core.covering.overlay import BANDS, LABELS, LININGS, Overlay, free_name, visible
from mingei.core.covering.overlay import check as check_overlay
from mingei.core.document.build import Build, Part, build
from mingei.core.document.data import from_data, to_data
from mingei.core.document.project import Brief, new_brief, new_project
from mingei.core.errors import MeasureError, ProjectError, StockError
from mingei.core.folded import fold, solid
from mingei.core.layout.cutting_list import cutting_list, letter
from mingei.core.layout.place import loads_of
from mingei.core.layout.sheets import find_sheet
from mingei.core.plane.shape import Point, contains, distance_to_segment, path_length
from mingei.core.sizing.scale import scaled
from mingei.core.stock import Stock, find_stock
from mingei.formats import project_file
from mingei.formats.export import export
from tests.solids import shared
from tests.strategies import briefs
from tests.support import InFolder
from tests.windows import WindowTest, click, settle, write

CARD, PAPER = Stock("card", "Card", 300, 0.4), Stock("paper", "Paper", 80, 0.1)


def made(brief: Brief, stock: Stock = CARD, **parts: Stock) -> Build:
    return build(brief, stock, tuple(parts.items()))


def covered(*overlays: Overlay, recipe: str = "tray", **values: float | str) -> Brief:
    brief = new_brief(recipe, values, CARD)
    for overlay in overlays:
        brief = brief.with_overlay(overlay)
    return brief


class Mats(unittest.TestCase):
    def test_a_mat_is_the_panel_less_twice_its_border(self) -> None:
        result = made(covered(Overlay("mat", "base", 3.0), length=100.0, width=60.0))
        panel, mat = result.patterns[0].by_name["base"], result.patterns[1]
        around = [max(p[i] for p in panel.polygon) - min(p[i] for p in panel.polygon) for i in (0, 1)]
        self.assertAlmostEqual(mat.box.width, around[0] - 6, places=6)  # common practice
        self.assertAlmostEqual(mat.box.height, around[1] - 6, places=6)

    def test_it_follows_the_panels_windows_with_the_same_border(self) -> None:
        brief = covered(Overlay("mat", "base", 3.0), length=100.0, width=60.0)
        brief = brief.with_opening(Opening("window", "base", Shape.RECTANGLE, 40.0, 20.0))
        mat = made(brief).patterns[1]
        (hole,) = mat.panels[0].hole_polygons
        self.assertAlmostEqual(max(x for x, _ in hole) - min(x for x, _ in hole), 46.0, places=6)
        self.assertAlmostEqual(max(y for _, y in hole) - min(y for _, y in hole), 26.0, places=6)

    @given(st.sampled_from(["tray", "carton", "prism", "polyhedron", "card", "envelope-side",
                            "frustum-box"]).flatmap(briefs),
           st.floats(0.5, 6.0), st.floats(0.05, 0.5), st.booleans())
    def test_everywhere_it_lies_on_its_panel_within_its_edges(self, drawn: tuple[Brief, Stock], border: float,
                                                              thick: float, inside: bool) -> None:
        brief, stock = drawn
        panels = visible(build(brief, stock).patterns)
        for number, panel in enumerate(panels):
            brief = brief.with_overlay(Overlay(f"mat {number}", panel, border, inside=inside))
        other = Stock("other", "Other", 100, thick)
        result = build(brief, stock, (("mats", other),))
        for mat in (p for p in result.patterns if p.rides is not None):
            host = mat.rides.host
            stands, on = fold.finished(mat)[mat.root], fold.finished(host)[mat.rides.panel]
            way = -1.0 if inside else 1.0
            apart = (stands[:3, 3] - on[:3, 3]) @ on[:3, 2]
            self.assertAlmostEqual(float(apart), way * (stock.caliper_mm + thick) / 2, places=9)
            np.testing.assert_allclose(stands[:3, 2], way * on[:3, 2], atol=1e-9)
            here = (fold.place(stands, mat.panels[0].polygon) - on[:3, 3]) @ on[:3, :2]
            from shapely.geometry import Polygon

            room = Polygon(host.by_name[mat.rides.panel].polygon).buffer(-border + 1e-6, join_style="mitre")
            self.assertTrue(room.buffer(1e-6).covers(Polygon(here)), mat.name)

    def test_too_wide_a_border_leaves_it_out_and_says_so(self) -> None:
        result = made(covered(Overlay("mat", "base", 40.0), length=100.0, width=60.0))
        self.assertEqual(len(result.patterns), 1)
        self.assertIn("overlay-room", [f.code for f in check.run(result, find_sheet("A4"))])

    def test_neither_base_nor_tabs_nor_what_is_glued_beneath_is_seen(self) -> None:
        seen = visible(made(new_brief("carton", stock=CARD)).patterns)
        self.assertEqual(set(seen), {"front", "back", "top"})

    def test_every_panel_of_a_card_may_have_its_mat(self) -> None:
        card = Stock("c", "C", 220, 0.3)
        self.assertEqual(set(visible(build(new_brief("card", {"kind": "concertina", "panels": 4.0}, card),
                                           card).patterns)),
                         {"back", "panel 2", "panel 3", "front"})

    def test_its_panel_gone_it_is_passed_over(self) -> None:
        brief = covered(Overlay("mat", "base"))
        result = made(replace(brief, amendments=(Overlay("mat", "no such panel"),)))
        self.assertEqual((len(result.patterns), result.left_out), (1, ()))

    def test_none_is_put_on_a_panel_that_is_not_there(self) -> None:
        with self.assertRaises(MeasureError) as refused:
            covered(Overlay("mat", "bas"))
        self.assertIn("'bas'; choose one of: base,", str(refused.exception))

    def test_it_moves_with_its_panel_while_that_is_folded(self) -> None:
        result = made(covered(Overlay("mat", "front")))
        body, mat = result.patterns
        for fraction in (0.0, 0.3, 0.7):
            stands, on = fold.pose(mat, fraction)["mat"], fold.pose(body, fraction)["front"]
            self.assertAlmostEqual(float((stands[:3, 3] - on[:3, 3]) @ on[:3, 2]), 0.4, places=9)
        flat = solid.assembly(result.patterns, 0.0)
        self.assertLess(float(np.ptp(flat.triangles[:, :, 2])), 1.0)  # all lies flat at first

    def test_what_is_glued_in_a_corner_is_kept_clear_of_by_a_lining(self) -> None:
        plain, lined = (made(covered(Overlay("mat", "top", 1.0, inside=inside), recipe="carton"))
                        for inside in (False, True))
        self.assertLess(lined.patterns[1].area, plain.patterns[1].area)  # tabs of three walls take its room


class Names(unittest.TestCase):
    def test_an_overlay_may_be_called_as_a_panel_is(self) -> None:
        for recipe, name, panel in (("carton", "top", "front"), ("tray", "front", "front"),
                                    ("tray", "front left tab", "left wall")):
            plain, named = (made(new_brief(recipe, stock=CARD).with_overlay(Overlay(n, panel)))
                            for n in ("mat", name))
            self.assertEqual(plain.closures, named.closures)
            self.assertEqual(
                {f.code for f in check.run(plain, find_sheet("A3"), True)},
                {f.code for f in check.run(named, find_sheet("A3"), True)}
            )


class Sliding(unittest.TestCase):
    def test_what_is_glued_under_something_that_slides_is_found(self) -> None:
        board = Stock("b", "Board", 600, 1.0)
        lidded = new_brief("lid-base", stock=board)
        for brief, panel, inside, found in (
            (lidded, "front", False, True),
            (lidded, "lid front", True, True),
            (lidded, "lid front", False, False),
            (lidded, "base", False, False),
            (new_brief("tray", {"handle": "strip"}, board), "left wall", False, False),
            (new_brief("sleeve", stock=board), "base", False, True),
        ):
            result = made(brief.with_overlay(Overlay("mat", panel, inside=inside)), board)
            codes = [f.code for f in check.run(result, find_sheet("A3"))]
            self.assertEqual("overlay-slides" in codes, found, (brief.recipe, panel))
            # by solids
            self.assertEqual(any(s.volume > 0.1 for s in shared(result)), found, (brief.recipe, panel))
        thin = made(lidded.with_overlay(Overlay("mat", "front")), board, mats=Stock("p", "Paper", 160, 0.2))
        self.assertEqual(
            [f.code for f in check.run(thin, find_sheet("A3"))
             if f.code in ("overlay-tight", "overlay-slides")], ["overlay-tight"]
        )
        low = made(lidded.with_overlay(Overlay("label", "front", width=20.0, height=6.0, y=-15.0)), board)
        self.assertNotIn("overlay-slides", [f.code for f in check.run(low, find_sheet("A3"))])


class Edges(unittest.TestCase):
    def test_bands_stand_in_nothing(self) -> None:
        for recipe, caliper, panels in (
            ("tray", 2.0, ("front", "left wall")),
            ("bin", 2.0, ("front", "left side")),
            ("frustum-box", 1.0, ("wall 1",)),
            ("sleeve", 1.0, ("over", "under", "near side", "left wall")),
        ):
            board = Stock("b", "Board", 600, caliper)
            for panel in panels:
                result = made(new_brief(recipe,
                                        stock=board).with_overlay(Overlay("rim", panel, 5.0, part=BANDS)),
                              board,
                              bands=PAPER)
                self.assertFalse([s for s in shared(result) if s.volume > 0.01], (recipe, panel))

    def test_no_band_goes_round_an_edge_that_something_stands_against(self) -> None:
        board = Stock("b", "Board", 600, 1.5)
        result = made(new_brief("lid-base",
                                stock=board).with_overlay(Overlay("rim", "front", 5.0, part=BANDS)), board,
                      bands=PAPER)
        self.assertEqual([o.name for o in result.left_out], ["rim"])  # the lid's top lies on that rim

    def test_the_strips_for_the_edges_of_board_are_as_long_as_its_cuts(self) -> None:
        board = Stock("b", "Board", 1200, 2.0)
        result = build(new_brief("tray", stock=board), board)
        (found,) = [f for f in check.run(result, find_sheet("A3")) if f.code == "edge-bands"]
        self.assertIn("12 mm", str(found.sentence))  # two of board, five over each face
        self.assertFalse([f for f in check.run(made(new_brief("tray")), find_sheet("A3")) if f.code
                          == "edge-bands"])


    def test_a_band_goes_round_every_free_edge_and_comes_back_on_the_inner_face(self) -> None:
        board = Stock("b", "Board", 700, 1.0)
        for recipe, panel in (("tray", "front"), ("frustum-box", "wall 2"), ("bin", "front")):
            brief = new_brief(recipe, stock=board).with_overlay(Overlay("rim", panel, 5.0, part=BANDS))
            result = made(brief, board, bands=PAPER)
            (rim,) = [p for p in result.patterns if p.part == BANDS]
            host = rim.rides.host
            posed, on = fold.finished(rim), fold.finished(host)[panel]
            for name, way in (("rim", 1.0), ("rim back", -1.0)):
                inward = np.linalg.inv(on) @ posed[name]
                # it lies on that face
                self.assertAlmostEqual(float(inward[2, 3]), way * (1.0 + 0.1) / 2, places=6)
                self.assertAlmostEqual(float(inward[2, 2]), way, places=9)
                corners = (np.array([[*p, 0.0, 1.0] for p in rim.by_name[name].polygon]) @ inward.T)[:, :2]
                for x, y in corners:
                    self.assertTrue(contains_or_touches(host.by_name[panel].polygon, (float(x), float(y))),
                                    (recipe, name))
            (a, b) = next(iter(free_edges(host.by_name[panel], host)))
            self.assertAlmostEqual(max(rim.box.width, rim.box.height), math.dist(a, b), delta=0.2)

    def test_bands_of_neighbouring_edges_are_mitred_and_do_not_lie_on_each_other(self) -> None:
        brief = new_brief("card", stock=CARD).with_overlay(Overlay("rim", "front", 6.0, part=BANDS))
        rims = [p for p in made(brief, CARD, bands=PAPER).patterns if p.part == BANDS]
        self.assertEqual([p.name for p in rims], ["rim", "rim 2", "rim 3"])  # the fourth edge is the fold
        from shapely.geometry import Polygon

        laps = [Polygon(p.by_name[p.root].polygon) for p in rims]
        self.assertLess(max(a.intersection(b).area for a, b in combinations(laps, 2)), 1e-6)
        overlay = brief.overlays[0]
        self.assertTrue(overlay.owns("rim 2") and not overlay.owns("rim back") and not overlay.owns("rims"))

    def test_glued_edges_get_none_and_a_panel_without_a_free_edge_says_so(self) -> None:
        result = made(covered(Overlay("rim", "base", 5.0, part=BANDS)), CARD, bands=PAPER)
        self.assertEqual([o.name for o in result.left_out], ["rim"])

    def test_bands_of_board_are_warned_of(self) -> None:
        brief = new_brief("tray", stock=CARD).with_overlay(Overlay("rim", "front", 5.0, part=BANDS))
        self.assertIn("band-thick", [f.code for f in check.run(made(brief), find_sheet("A4"))])
        self.assertNotIn("band-thick",
                         [f.code for f in check.run(made(brief, CARD, bands=PAPER), find_sheet("A4"))])


def contains_or_touches(polygon: Sequence[Point], p: Point) -> bool:
    # its mid-surface stands half its caliper outside, at a corner a little more
    off = min(distance_to_segment(p, a, b) for a, b in pairwise((*polygon, polygon[0])))
    return contains(polygon, p) or off < PAPER.caliper_mm


class Labels(unittest.TestCase):
    def test_a_label_has_its_size_and_place(self) -> None:
        result = made(covered(Overlay("label", "front", width=30.0, height=10.0, x=5.0, corner=2.0,
                                      part=LABELS)))
        label = result.patterns[1]
        self.assertAlmostEqual(label.box.width, 30.0, places=6)
        self.assertAlmostEqual(label.box.height, 10.0, places=6)
        around = sum(path_length(c) for c in label.cuts)
        self.assertAlmostEqual(around, 2 * (26 + 6) + 2 * np.pi * 2, places=6)  # plane geometry
        middle = made(covered(Overlay("label", "front", width=30.0, height=10.0))).patterns[1].box.centre
        self.assertAlmostEqual(label.box.centre[0] - middle[0], 5.0)

    def test_over_the_edge_it_is_left_out(self) -> None:
        self.assertEqual(made(covered(Overlay("label", "front", width=300.0, height=10.0))).left_out[0].name,
                         "label")

    def test_on_a_mat_and_pads_it_lies_outside_both(self) -> None:
        label = Overlay("label", "front", width=20.0, height=10.0, pad=2.0, part=LABELS)
        result = made(covered(Overlay("mat", "front"), label), mats=PAPER)
        self.assertEqual([round(p.rides.up, 6) for p in result.patterns[1:]], [0.25, 0.2 + 0.1 + 2.0 + 0.2])

    def test_its_place_is_traced_where_asked(self) -> None:
        plain, traced = (made(covered(Overlay("label", "front", width=20.0, height=10.0, guide=g)))
                         for g in (False, True))
        self.assertEqual(len(traced.patterns[0].guides) - len(plain.patterns[0].guides), 1)

    def test_scaled_it_grows_and_a_border_stays(self) -> None:
        brief = scaled(covered(Overlay("mat", "front"), Overlay("label", "front", width=20.0, height=10.0)),
                       2.0)
        self.assertEqual([(o.border, o.width) for o in brief.overlays], [(3.0, 0.0), (3.0, 40.0)])

    def test_values_that_cannot_be_made_are_refused(self) -> None:
        for wrong in ({"border": -1.0}, {"pad": 50.0}, {"width": float("nan")}, {"width": 5.0},
                      {"part": "lid"}, {"x": float("inf")}):
            with self.subTest(wrong), self.assertRaises(MeasureError):
                check_overlay(Overlay("x", "front")._replace(**wrong))

    def test_names_are_never_taken_twice(self) -> None:
        self.assertEqual(free_name([Overlay("a", ""), Overlay("a 2", "")], "a"), "a 3")


class PartsOfTheirOwnStock(InFolder):
    def test_a_liner_of_any_thickness_lies_between_front_and_flap(self) -> None:
        brief = new_brief("envelope-diagonal", {"liner": "liner", "thick": 1.0}, PAPER)
        for thick in (0.05, 0.1, 0.3):
            result = build(brief, PAPER, (("liner", Stock("l", "L", 90, thick)),))
            self.assertTrue(all(c.closes for c in result.closures))
            envelope, liner = (fold.finished(p) for p in result.patterns)
            levels = [float(m[2, 3]) for m in (liner["liner"], envelope["front"])]
            self.assertAlmostEqual(abs(levels[1] - levels[0]), (0.1 + thick) / 2)
            stack = [float(m[2, 3]) for m in (envelope["bottom flap"], liner["liner flap"],
                                              envelope["closing flap"])]
            self.assertEqual([round(b - a, 9) for a, b in pairwise(stack)], [round((0.1 + thick) / 2, 9)] * 2)

    def test_an_outlines_overlay_of_any_thickness_lies_on_its_face(self) -> None:
        card = Stock("c", "C", 220, 0.3)
        for thick in (0.05, 0.4):
            result = build(new_brief("profile-wall", {"overlay": "all"}, card), card,
                           (("mats", Stock("m", "M", 90, thick)),))
            self.assertTrue(all(c.closes for c in result.closures))
            pieces = {p.name: p for p in result.patterns}
            for face in ("front", "back"):
                apart = (fold.finished(pieces[f"{face} overlay"])[f"{face} overlay"][:3, 3]
                         - fold.finished(pieces[face])[face][:3, 3])
                self.assertAlmostEqual(float(np.linalg.norm(apart)), (0.3 + thick) / 2)

    def test_mass_follows_each_pieces_own_stock(self) -> None:
        result = made(covered(Overlay("mat", "front")), mats=PAPER)
        body, mat = result.patterns
        self.assertAlmostEqual(result.mass_g, (body.area * 300 + mat.area * 80) * 1e-6)

    def test_the_file_carries_overlays_and_stocks_and_reads_them_back(self) -> None:
        brief = covered(Overlay("mat", "front", 4.0, inside=True, part=LININGS),
                        Overlay("label", "base", width=9.0, height=8.0, guide=True))
        own = Stock("mine", "Mine", 90, 0.12)
        project = new_project(brief, own=(CARD,)).with_part(0, LININGS, own)
        path = self.folder / "x.mingei"
        project_file.save(project, path)
        read = project_file.load(path)
        self.assertEqual(read, project)
        self.assertEqual(dict(read.parts_of(read.briefs[0])), {LININGS: own})

    def test_a_folded_part_must_be_of_a_stock_that_can_be_folded_and_a_flat_one_need_not(self) -> None:
        board = Stock("b", "Board", 1200, 2.0)
        with self.assertRaises(StockError):
            build(new_brief("envelope-diagonal", {"liner": "liner"}, PAPER), PAPER, (("liner", board),))
        self.assertTrue(build(new_brief("bag", stock=PAPER), PAPER, (("stiffening", board),)).patterns)

    def test_a_border_too_wide_for_all_is_refused_where_it_was_written(self) -> None:
        with mock.patch("sys.stderr", new=io.StringIO()) as said:
            self.assertEqual(cli.main(["new", "carton", "--mats", "1000", "-o",
                                       str(self.folder / "x.mingei")]), 2)
        self.assertIn("--mats", said.getvalue())

    def test_broken_overlays_are_refused_by_name(self) -> None:
        data = to_data(new_project(new_brief("tray")))
        for wrong in ({"kind": "overlay", "name": "a", "panel": "front", "border": "wide"},
                      {"kind": "overlay", "name": "a", "panel": "front", "inside": 3},
                      {"kind": "overlay", "name": "a", "panel": "front", "part": "hat"},
                      {"kind": "overlay", "panel": "front"}):
            data["briefs"][0]["amendments"] = [wrong]
            with self.subTest(wrong), self.assertRaises(ProjectError) as caught:
                from_data(data)
            self.assertIn("briefs[0]", str(caught.exception))
        data["briefs"][0]["amendments"] = [{"kind": "overlay", "name": "a", "panel": "front"}] * 2
        with self.assertRaisesRegex(ProjectError, "two overlays"):
            from_data(data)
        data["briefs"][0] |= {"amendments": [], "parts": {"mats": "no such stock"}}
        with self.assertRaises(ProjectError):
            from_data(data)

    def test_the_command_line_gives_mats_and_stocks(self) -> None:
        path = self.folder / "x.mingei"
        with mock.patch("sys.stdout"):
            self.assertEqual(cli.main(["new", "carton", "--mats", "1/8 in", "--part", "mats=wrapping-60",
                                       "-o", str(path)]), 0)
        brief = project_file.load(path).briefs[0]
        self.assertEqual([(o.panel, round(o.border, 3)) for o in brief.overlays],
                         [("front", 3.175), ("back", 3.175), ("top", 3.175)])
        self.assertEqual(brief.parts, (("mats", "wrapping-60"),))
        with mock.patch("sys.stderr"):
            self.assertNotEqual(cli.main(["new", "carton", "--part", "hat=wrapping-60", "-o", str(path)]), 0)


class CuttingList(InFolder):
    def test_alike_rectangles_share_a_letter_and_outlines_follow(self) -> None:
        brief = covered(Overlay("a", "front"), Overlay("b", "back"), Overlay("c", "base"),
                        Overlay("d", "left wall", corner=3.0))
        rows = cutting_list(loads_of("tray", build(brief, CARD, (("mats", PAPER),)).patterns))
        self.assertEqual([r.letter for r in rows], ["A", "B", "C", "D"])
        self.assertEqual([(r.square, r.copies) for r in rows], [(True, 1), (True, 2), (False, 1), (False, 1)])
        self.assertEqual(rows[1].piece(), "a, b")
        self.assertEqual({r.stock for r in rows}, {"Card", "Paper"})

    def test_letters_go_on_past_z(self) -> None:
        self.assertEqual([letter(n) for n in (0, 25, 26, 27, 701, 702)], ["A", "Z", "AA", "AB", "ZZ", "AAA"])

    def test_it_is_written_as_csv(self) -> None:
        path = self.folder / "list.csv"
        export(new_project(covered(Overlay("a", "front"), recipe="carton"), own=(CARD,)), path)
        heading, first, second = list(csv.reader(io.StringIO(path.read_text())))
        self.assertEqual(len(heading), len(first))
        self.assertEqual((first[2], first[-1], second[-1]), ("a", "rectangle", "outline"))
        self.assertAlmostEqual(float(first[3]), 134.4, places=2)


class InTheWindow(WindowTest):
    def setUp(self) -> None:
        super().setUp()
        self.document = self.window.document
        self.document.set_recipe("tray")
        self.document.set_measure("height", 18.0)
        self.window.go("draft")
        self.card = self.window.draft().overlays
        self.document.select(Part("tray", "front"))
        settle()

    def test_a_mat_is_glued_on_changed_and_undone(self) -> None:
        start = self.document.project
        click(self.card.adds["mat"])
        self.assertEqual([o.panel for o in self.document.brief.overlays], ["front"])
        write(self.card.lengths["border"], "5")
        self.assertEqual(self.document.brief.overlays[0].border, 5.0)
        write(self.card.lengths["border"], "900")  # no room: said at the field, nothing changed
        self.assertEqual(self.document.brief.overlays[0].border, 5.0)
        click(self.card.remove)
        self.assertEqual(self.document.brief.overlays, ())
        for _ in range(3):
            self.document.undo.undo()
        self.assertEqual(self.document.project, start)

    def test_edge_bands_are_cut_from_thin_paper_in_the_same_step(self) -> None:
        start = self.document.project
        click(self.card.adds["bands"])
        (band,) = [p for p in self.document.build.patterns if p.part == BANDS]
        self.assertEqual(band.stock.id, "paper-100")
        self.document.select(Part(band.name, f"{band.name} back"))
        settle()
        self.assertTrue(self.card.lengths["border"].isVisible())
        self.assertFalse(self.card.guide.isVisible())
        write(self.card.lengths["border"], "4")
        self.assertEqual(self.document.brief.overlays[0].border, 4.0)
        for _ in range(2):
            self.document.undo.undo()
        self.assertEqual(self.document.project, start)

    def test_mats_all_round_take_a_stock_of_their_own(self) -> None:
        click(self.card.adds["all"])
        self.assertEqual(len(self.document.brief.overlays), 4)
        settle()
        _, box = self.window.draft().stock.parts["mats"]
        self.assertTrue(box.isVisible())
        box.setCurrentIndex(next(i for i in range(box.count()) if box.itemData(i) == "wrapping-60"))
        box.activated.emit(box.currentIndex())
        self.assertEqual({p.stock.id for p in self.document.build.patterns[1:]}, {"wrapping-60"})
        self.assertIn(find_stock("wrapping-60"), self.document.project.stocks)
        box.activated.emit(0)
        self.assertEqual(self.document.brief.parts, ())

    def test_an_overlay_that_is_tapped_shows_its_own_measures(self) -> None:
        click(self.card.adds["mat"])
        click(self.card.adds["label"])
        label = self.document.brief.overlays[1]
        self.assertTrue(self.card.lengths["width"].isVisible())
        self.document.select(Part(self.document.brief.overlays[0].name, self.document.brief.overlays[0].name))
        settle()
        self.assertFalse(self.card.lengths["width"].isVisible())
        self.document.select(Part(label.name, label.name))
        settle()
        self.assertTrue(self.card.lengths["width"].isVisible())
