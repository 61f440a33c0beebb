"""Things joined to things: tongues pass and hold, what is traced is the guest's true footprint, what drops in
has its play, what moves runs into nothing; it follows measures, scale and stock, and what cannot be is
refused."""

from __future__ import annotations

import json
import math
import os
import random
import unittest
from dataclasses import replace
from pathlib import Path

import numpy as np
import trimesh
from shapely import LineString, Polygon, union_all
from shapely.ops import polygonize

from mingei.core.check.joined import whole_findings
from mingei.core.document.make_sheet import make_sheet
from mingei.core.document.project import Project, new_brief, new_project
from mingei.core.document.table import table
from mingei.core.errors import MeasureError, MingeiError
from mingei.core.folded.fold import finished, place
from mingei.core.folded.shared import shared, slabs
from mingei.core.kinds import some
from mingei.core.kinds.join import Join, Row
from mingei.core.kinds.trace import Trace
from mingei.core.kinds.work import Work
from mingei.core.offset import SLOT_ENDS_MM, SLOT_PLAY_MM
from mingei.core.plan.cautions import CAUTIONS, Risk
from mingei.core.plan.making import USUAL
from mingei.core.plane import contour
from mingei.core.plane.shape import bounds, flat_points
from mingei.core.sizing.scale import scaled
from mingei.core.stock import find_stock
from mingei.core.whole.assembly import ASSEMBLED, Shown, many, order, seated, stood, whole_of
from mingei.core.whole.bodies import panels, touching, upright
from mingei.core.whole.joined import build_of, builds_of, joined, plain
from mingei.core.whole.joints import joints
from mingei.core.whole.pictures import join_picture
from mingei.formats import project_file
from tests.support import InFolder
from tests.test_cli import run as command

SOAK = bool(os.environ.get("MINGEI_SOAK"))


def kit(*things: tuple[str, str, dict[str, object], Join | None],
        stocks: dict[str, str] | None = None) -> Project:
    """Things by name, recipe, measures and joint; a joint names its host, and so does a host's id."""
    briefs = []
    for name, recipe, values, join in things:
        brief = replace(new_brief(recipe, values, name=name), id=name)
        if stocks and name in stocks:
            brief = replace(brief, stock=stocks[name])
        briefs.append(replace(brief, amendments=(*brief.amendments, join)) if join else brief)
    return replace(new_project(briefs[0], "Kit"), briefs=tuple(briefs))


FLOOR = ("floor", "tray", {"length": 200.0, "width": 160.0, "height": 20.0}, None)


def on_floor(how: str, **more: object) -> Join:
    return Join("floor", "base", how, inside=True, **more)


def between(project: Project, root: int = 0, shown: Shown = ASSEMBLED) -> list[object]:
    """What two different things of a whole share."""
    return [s for s in shared(slabs(whole_of(joined(project), root, shown)))
            if s.a[0].split(": ")[0] != s.b[0].split(": ")[0]]


def section_by_another_way(project: Project, number: int) -> Polygon:
    """What of a thing touches the ground, cut by a general library of meshes a tenth above it."""
    made = plain(project, number)
    stands, level = upright(made), min(0.1, 0.4 * made.stock.caliper_mm)
    found = []
    for pattern in made.patterns:
        half = pattern.stock.caliper_mm / 2
        for panel in pattern.panels:
            body = trimesh.creation.extrude_polygon(
                Polygon(panel.standing, list(panel.hole_polygons)), 2 * half)
            body.apply_translation((0.0, 0.0, -half))
            body.apply_transform(stands @ finished(pattern)[panel.name])
            lines = trimesh.intersections.mesh_plane(body, (0.0, 0.0, 1.0), (0.0, 0.0, level))
            found += list(polygonize([LineString(line[:, :2].round(6)) for line in lines]))
    return union_all(found)


class Stands(unittest.TestCase):
    def test_what_is_traced_is_what_touches_as_another_way_of_cutting_finds_it(self) -> None:
        for recipe in ("carton", "prism", "dividers", "frustum-box", "form-block", "bag", "signal"):
            project = kit(FLOOR, ("post", recipe, {}, on_floor("stands")))
            other = section_by_another_way(project, 1)
            rings = [Polygon(ring) for ring in touching(plain(project, 1))]
            own = union_all([r for i, r in enumerate(rings)
                             if not any(q.contains(r.representative_point()) and q.area > r.area
                                        for j, q in enumerate(rings) if j != i)])
            inner = union_all([r for r in rings if own.buffer(0.01).contains(r) and not any(
                r.equals(g) for g in getattr(own, "geoms", [own]))])
            own = own.difference(inner)
            closed = other.buffer(0.2, join_style="mitre").buffer(-0.2, join_style="mitre")
            self.assertLess(own.symmetric_difference(closed).buffer(-0.025).area, 1e-6, recipe)

    def test_the_trace_lies_under_the_guest_on_the_host(self) -> None:
        for turn, x in ((0.0, "0"), (30.0, "20"), (-75.0, "-25")):
            project = kit(FLOOR, ("post", "carton", {"length": 60.0, "width": 30.0, "height": 20.0},
                                  on_floor("stands", turn_deg=turn, x=x, y="-10")))
            found = joined(project)
            self.assertEqual(found.troubles, ())
            traces = some(found.build_of(0).brief.amendments, Trace)
            pattern = found.build_of(0).patterns[0]
            panel = next(p for piece in found.build_of(0).draft.pieces for p in piece.panels
                         if p.name == "base")
            middle = bounds(panel.outline).centre
            at = finished(pattern)["base"]
            ring = Polygon([(at[:3, 0] * (k.x + middle[0]) + at[:3, 1] * (k.y + middle[1]) + at[:3, 3])[:2]
                            for k in contour.read(traces[0].drawn)])
            pose = stood(found, 0)[1].pose
            spots = [pose[:3, :3] @ np.array((*p, 0.0)) + pose[:3, 3]
                     for p in [(np.linalg.inv(upright(plain(project, 1))) @ np.array((x_, y_, 0.0, 1.0)))[:2]
                               for x_, y_ in touching(plain(project, 1))[0]]]
            self.assertLess(ring.symmetric_difference(Polygon([s[:2] for s in spots])).area, 0.05)
            self.assertEqual(between(project), [])


class Through(unittest.TestCase):
    def test_each_tongue_has_a_slot_as_wide_as_its_card_and_its_play(self) -> None:
        for stock in ("card-300", "greyboard-10", "greyboard-20"):
            project = kit(FLOOR, ("post", "dividers", {}, on_floor("through")), stocks={"post": stock})
            found = joined(project)
            self.assertEqual([str(t.error) for t in found.troubles], [])
            caliper = plain(project, 1).stock.caliper_mm
            tongues = [t for piece in found.build_of(1).draft.pieces for p in piece.panels for t in p.tongues]
            slots = [h for p in found.build_of(0).patterns[0].panels for h in p.holes]
            self.assertEqual(len(tongues), len(slots))
            self.assertGreaterEqual(len(slots), 2)
            sizes = sorted(tuple(sorted((s.length for s in path), reverse=True)[::2]) for path in slots)
            widths = sorted((t.high - t.low + SLOT_ENDS_MM, caliper + SLOT_PLAY_MM) for t in tongues)
            for size, wanted in zip(sizes, widths, strict=True):
                self.assertAlmostEqual(size[0], wanted[0], places=3)
                self.assertAlmostEqual(size[1], wanted[1], places=3)
            self.assertEqual(between(project), [])

    def test_boards_that_are_cut_in_where_they_cross_have_tongues_beside_their_slots(self) -> None:
        crossed = {"length": 60.0, "width": 60.0, "along": 2.0, "across": 2.0}
        project = kit(FLOOR, ("post", "dividers", crossed, on_floor("through")))
        found = joined(project)
        self.assertEqual([str(t.error) for t in found.troubles], [])
        tongues = {p.name: len(p.tongues) for piece in found.build_of(1).draft.pieces for p in piece.panels}
        self.assertEqual(sorted(tongues.values()), [1, 2])  # amid the one, on either side of the slot
        self.assertEqual(len(found.build_of(0).patterns[0].by_name["base"].holes), 3)
        self.assertEqual(between(project), [])
        # the boards are still halved into each other
        self.assertEqual([c for c in found.build_of(1).closures if not c.closes], [])

    def test_without_its_slots_it_would_stand_in_the_host(self) -> None:
        project = kit(FLOOR, ("post", "dividers", {}, on_floor("through")))
        found = joined(project)
        bare = found._replace(builds={**found.builds, 0: plain(project, 0)})
        met = [s for s in shared(slabs(whole_of(bare, 0))) if s.a[0].split(": ")[0] != s.b[0].split(": ")[0]]
        self.assertGreater(sum(s.volume for s in met), 1.0)

    def test_tongues_bent_over_stand_out_further_and_bear_their_line(self) -> None:
        straight, bent = (joined(kit(FLOOR, ("post", "dividers", {}, on_floor("through", bent=on))))
                          for on in (False, True))
        one, two = (found.build_of(1).patterns[0].box.height for found in (straight, bent))
        self.assertAlmostEqual(two - one, 7.0, places=6)
        self.assertEqual([any(" tongue " in fold.child for fold in f.build_of(1).patterns[0].folds)
                          for f in (straight, bent)], [False, True])

    def test_a_closed_base_has_no_tongues_and_the_remedy_says_what_would_do(self) -> None:
        found = joined(kit(FLOOR, ("post", "tray", {}, on_floor("through"))))
        self.assertRegex(str(found.troubles[0].error), "no free lower side.*let it stand on the base")


class Drops(unittest.TestCase):
    def test_the_opening_is_the_guest_and_its_play_all_round(self) -> None:
        for fit in (0.1, 0.25, 1.0):
            project = kit(FLOOR, ("post", "carton", {"length": 60.0, "width": 30.0, "height": 20.0},
                                  on_floor("drops", deep="6 mm", fit=fit)))
            found = joined(project)
            self.assertEqual([str(t.error) for t in found.troubles], [])
            (hole,) = next(p.holes for p in found.build_of(0).patterns[0].panels if p.name == "base")
            around = bounds(flat_points(hole))
            long, wide, _ = plain(project, 1).outside
            self.assertAlmostEqual(around.width, long + 2 * fit, delta=0.02)
            self.assertAlmostEqual(around.height, wide + 2 * fit, delta=0.02)
            self.assertEqual(between(project), [])
            low = min(s.box[0][2] for s in slabs(whole_of(found, 0)))
            self.assertAlmostEqual(low, -6.0, delta=0.05)

    def test_a_bowl_sinks_into_a_ring_until_it_rests(self) -> None:
        project = kit(("ring", "ring-recess", {}, None),
                      ("bowl", "polyhedron", {"solid": "icosahedron", "edge": 24.0, "hang": "none"},
                       Join("ring", "collar", "drops")))
        found = joined(project)
        self.assertEqual([str(t.error) for t in found.troubles], [])
        self.assertEqual(between(project), [])

    def test_how_deep_must_be_said(self) -> None:
        found = joined(kit(FLOOR, ("post", "carton", {}, on_floor("drops"))))
        self.assertRegex(str(found.troubles[0].error), "^deep: how deep it drops was not said")


class Moves(unittest.TestCase):
    def test_what_turns_turns_about_its_pin_and_what_slides_goes_along_its_slot(self) -> None:
        hand = ("hand", "card-outline", {}, Join("floor", "base", "turns", most_deg=60.0, y="20"))
        found = joined(kit(FLOOR, hand))
        self.assertEqual([str(t.error) for t in found.troubles], [])
        rest, turned = (stood(found, 0, Shown(moved=((1, share),)))[1].pose for share in (0.0, 1.0))
        move = turned @ np.linalg.inv(rest)
        self.assertAlmostEqual(math.degrees(math.acos((np.trace(move[:3, :3]) - 1) / 2)), 60.0, places=6)
        spot = found.seats[0].given.face(found.seats[0].given.spots[0])[:, 3]
        np.testing.assert_allclose(move @ spot, spot, atol=1e-9)
        slide = replace(kit(FLOOR, ("hand", "card-outline", {},
                                    Join("floor", "base", "slides", deep="30 mm", turn_deg=90.0))))
        found = joined(slide)
        self.assertEqual([str(t.error) for t in found.troubles], [])
        ends = [stood(found, 0, Shown(moved=((1, share),)))[1].pose[:3, 3] for share in (-1.0, 1.0)]
        self.assertAlmostEqual(float(np.linalg.norm(ends[1] - ends[0])), 30.0, places=6)

    def test_what_is_in_its_way_is_told(self) -> None:
        project = kit(FLOOR, ("post", "carton", {"length": 20.0, "width": 20.0, "height": 60.0},
                              Join("floor", "base", "stands", x="45")),
                      ("hand", "card-outline", {}, Join("floor", "base", "turns", most_deg=90.0, foot_x="0")))
        told = " ".join(f.code for f in whole_findings(project, 0, True))
        free = kit(FLOOR, ("hand", "card-outline", {}, Join("floor", "base", "turns", most_deg=90.0)))
        self.assertIn("joined-meets", told)
        self.assertEqual([str(f) for f in whole_findings(free, 0, True)], [])

    def test_what_hangs_is_below_its_hole_by_its_thread(self) -> None:
        project = kit(FLOOR, ("fish", "tag", {}, Join("floor", "base", "hangs", deep="25 mm", x="10")))
        found = joined(project)
        self.assertEqual([str(t.error) for t in found.troubles], [])
        made = found.build_of(1)
        (hole,) = [o for o in made.brief.openings if o.name == "thread"]
        panel = next(p for piece in made.draft.pieces for p in piece.panels if p.name == hole.panel)
        middle = bounds(panel.outline).centre
        at = stood(found, 0)[1].pose @ finished(made.patterns[0])[hole.panel] @ np.array(
            (middle[0] + hole.x, middle[1] + hole.y, 0.0, 1.0))
        above = found.seats[0].given.face(found.seats[0].given.spots[0])[:3, 3]
        np.testing.assert_allclose(at[:2], above[:2], atol=1e-9)
        self.assertAlmostEqual(above[2] - at[2], 25.0, places=9)
        short = joined(kit(FLOOR, ("fish", "tag", {}, Join("floor", "base", "hangs", deep="2 mm"))))
        self.assertRegex(str(short.troubles[0].error), "make it \\d+ mm")

    def test_from_an_edge_or_a_corner_it_stays_as_far_off_when_the_host_grows(self) -> None:
        post = ("post", "carton", {"length": 30.0, "width": 20.0, "height": 20.0},
                on_floor("stands", place="lower left corner", x="25", y="30"))
        for long, wide in ((200.0, 160.0), (260.0, 120.0)):
            project = kit(("floor", "tray", {"length": long, "width": wide, "height": 20.0}, None), post)
            (seat,) = joined(project).seats
            box = bounds(seat.given.panel.outline)
            spot = seat.given.spots[0]
            self.assertAlmostEqual(spot.x + box.width / 2, 25.0, places=9)
            self.assertAlmostEqual(spot.y + box.height / 2, 30.0, places=9)
        box_wide = ("post", "carton", {}, on_floor("stands", place="middle of the right edge", x="-40"))
        (seat,) = joined(kit(FLOOR, box_wide)).seats
        self.assertAlmostEqual(bounds(seat.given.panel.outline).width / 2 - seat.given.spots[0].x, 40.0)

    def test_threads_are_on_the_list_of_needs_each_as_long_as_it_is_cut(self) -> None:
        fish = ("fish", "tag", {}, Join("floor", "base", "hangs", deep="25 mm", row=Row.ROW, many=3,
                                        apart="40 mm"))
        found = joined(kit(FLOOR, fish))
        self.assertEqual([str(t.error) for t in found.troubles], [])
        at_table = table(found.build_of(0), USUAL)
        (thread,) = [b for b in at_table.bought if b.name == "thread"]
        # 25 mm between the knots, 50 mm for each (common practice)
        self.assertEqual((thread.many, thread.length_mm), (3, 125.0))
        (step,) = [s for s in at_table.steps if any(op.words == thread.words for op in s.operations)]
        self.assertEqual(at_table.needs(step).bought, (thread,))
        self.assertIsNotNone(join_picture(found, 0, step))
        needs = make_sheet(found.project, builds_of(found.project)).bought
        (told,) = [line for line in needs if line.startswith("3 x thread")]
        self.assertIn("125 mm", told)

    def test_a_step_of_ones_own_lists_what_it_takes(self) -> None:
        wire = Work("wire", "Bend the wire round the rim.", "base", part="wire", many=2, length=300.0)
        brief = new_brief("tray").amended(wire)
        project = new_project(brief)
        self.assertEqual(project_file.loads(project_file.dumps(project)).briefs[0].amendments, (wire,))
        (line,) = make_sheet(project, builds_of(project)).bought
        self.assertRegex(line, "^2 x wire, 300 mm")
        self.assertIn(wire.words, [str(op.words) for s in plain(project, 0).plan.steps
                                   for op in s.operations])
        for wrong in (wire._replace(many=0), wire._replace(length=-1.0), wire._replace(length=math.nan),
                      wire._replace(part="w" * 61)):
            with self.assertRaises(MeasureError):
                brief.amended(wrong)

    def test_a_thread_and_a_fastener_between_things_are_cautioned_and_tongues_are_not(self) -> None:
        said = {}
        for how, deep in (("hangs", "25 mm"), ("turns", ""), ("stands", "")):
            found = joined(kit(FLOOR, ("fish", "tag", {}, Join("floor", "base", how, deep=deep))))
            said[how] = [str(c) for c in table(found.build_of(1), USUAL).cautions]
        self.assertIn(str(CAUTIONS[Risk.THREAD]), said["hangs"])
        self.assertIn(str(CAUTIONS[Risk.SMALL_PARTS]), said["turns"])
        for risk in (Risk.THREAD, Risk.SMALL_PARTS):
            self.assertNotIn(str(CAUTIONS[risk]), said["stands"])

    def test_what_is_hinged_tips_up_about_its_back_and_both_have_a_slit_for_the_strip(self) -> None:
        post = ("post", "carton", {"length": 40.0, "width": 60.0, "height": 30.0},
                on_floor("hinged", most_deg=70.0, y="-10"))
        found = joined(kit(FLOOR, post))
        self.assertEqual([str(t.error) for t in found.troubles], [])
        (host,) = found.build_of(0).brief.openings
        (own,) = found.build_of(1).brief.openings
        self.assertEqual((host.width, host.thick), (own.width, own.thick))
        rest, tipped = (stood(found, 0, Shown(moved=((1, share),)))[1].pose for share in (0.0, 1.0))
        move = tipped @ np.linalg.inv(rest)
        self.assertAlmostEqual(math.degrees(math.acos((np.trace(move[:3, :3]) - 1) / 2)), 70.0, places=6)
        every = [s.solid for s in slabs(plain(found.project, 1).patterns)]
        high = [max(s.transform((pose)[:3]).bounding_box()[5] for s in every) for pose in (rest, tipped)]
        low = [min(s.transform((pose)[:3]).bounding_box()[2] for s in every) for pose in (rest, tipped)]
        self.assertGreater(high[1], high[0] + 20.0)  # its front goes up
        self.assertGreater(low[1], low[0] - 0.5)  # and nothing goes down
        self.assertEqual(whole_findings(found.project, 0, True), ())

    def test_what_sits_on_a_round_touches_it_and_no_more(self) -> None:
        ball = ("ball", "ball-bands", {"diameter": 44.0, "cap": 14.0}, None)
        for recipe, values in (("tube", {"diameter": 30.0, "height": 8.0, "ends": "open"}),
                               ("dome", {"diameter": 34.0}),
                               ("flat-figure", {"shape": "polygon", "width": 60.0})):
            found = joined(kit(ball, ("hat", recipe, values, Join("ball", "upper cap", "rests"))))
            self.assertEqual([str(t.error) for t in found.troubles], [], recipe)
            self.assertEqual(between(found.project), [], recipe)
            (pose,) = found.seats[0].poses
            lower = pose.copy()
            lower[2, 3] -= 0.3  # three tenths further down it would be in the ball
            every, host = slabs(plain(found.project, 1).patterns), slabs(plain(found.project, 0).patterns)
            self.assertGreater(sum(float((a.solid.transform(lower[:3]) ^ b.solid).volume()) for a in every
                                   for b in host), 0.02, recipe)

    def test_tongues_that_are_bent_over_lie_on_the_far_face_of_what_they_went_through(self) -> None:
        for recipe, values in (("tag", {}), ("card", {}), ("flat-figure", {"shape": "polygon", "sides": 4})):
            for stocks in ({"floor": "card-300"}, {"floor": "greyboard-15", "post": "card-160"}):
                project = kit(FLOOR, ("post", recipe, values, on_floor("through", bent=True)), stocks=stocks)
                found = joined(project)
                self.assertEqual([str(t.error) for t in found.troubles], [], recipe)
                host, guest = found.build_of(0), found.build_of(1)
                ends = [(p, q) for p in guest.patterns for q in p.panels if " tongue " in q.name]
                self.assertTrue(ends, recipe)
                base = next(p for p in host.patterns if "base" in p.by_name)
                (pose,) = found.seats[0].poses
                half = (base.stock.caliper_mm + guest.stock.caliper_mm) / 2
                for piece, end in ends:
                    corners = np.c_[place(pose @ finished(piece)[end.name], end.polygon), np.ones(4)]
                    seen = corners @ np.linalg.inv(finished(base)["base"]).T
                    np.testing.assert_allclose(seen[:, 2], half, atol=0.01)  # face on face
                    # a score leads to it, and it is as long as what lies on the host
                    self.assertIn(end.name, {f.child for f in piece.folds})
                self.assertEqual(between(project), [], recipe)
                straight = joined(kit(FLOOR, ("post", recipe, values, on_floor("through")), stocks=stocks))
                self.assertFalse([q for p in straight.build_of(1).patterns for q in p.panels
                                  if " tongue " in q.name])

    def test_on_a_side_of_a_round_it_sits_as_it_does_on_top(self) -> None:
        ball = ("ball", "polyhedron", {"solid": "truncated-icosahedron", "edge": 16.0}, None)
        sides = [p.name for p, _ in panels(plain(kit(ball), 0))]
        for side in sides[::9]:
            found = joined(kit(ball, ("nose", "tube", {"diameter": 30.0, "height": 12.0, "ends": "open"},
                                      Join("ball", side, "rests", square=True))))
            self.assertEqual([str(t.error) for t in found.troubles], [], side)
            self.assertEqual(between(found.project), [], side)
            (pose,), given = found.seats[0].poses, found.seats[0].given
            way = finished(given.pattern)[side][:3, 2]
            np.testing.assert_allclose(pose[:3, 2], way, atol=1e-9)  # it stands square to the side
            nearer = pose.copy()
            nearer[:3, 3] -= 0.3 * way
            every, host = slabs(plain(found.project, 1).patterns), slabs(plain(found.project, 0).patterns)
            self.assertGreater(sum(float((a.solid.transform(nearer[:3]) ^ b.solid).volume()) for a in every
                                   for b in host), 0.02, side)

    def test_what_is_let_down_square_to_a_side_comes_apart_that_way(self) -> None:
        ball = ("ball", "ball-bands", {"diameter": 44.0, "cap": 14.0}, None)
        nose = ("nose", "tube", {"diameter": 20.0, "height": 20.0},
                Join("ball", "equator 1", "rests", square=True))
        found = joined(kit(ball, nose))
        self.assertEqual([str(t.error) for t in found.troubles], [])
        seat = found.seats[0]
        together, apart = (stood(found, 0, Shown(apart=share))[1].pose for share in (0.0, 1.0))
        way = apart[:3, 3] - together[:3, 3]
        normal = finished(seat.given.pattern)["equator 1"][:3, 2]
        np.testing.assert_allclose(way / np.linalg.norm(way), normal, atol=1e-9)

    def test_a_guest_stands_on_any_panel_of_its_own_that_is_named(self) -> None:
        for recipe, values in (("carton", {"length": 40.0, "width": 30.0, "height": 60.0}),
                               ("prism", {"sides": 6, "across": 40.0, "height": 50.0}), ("tag", {})):
            for foot, pattern in panels(plain(kit(("post", recipe, values, None)), 0))[:6]:
                found = joined(kit(FLOOR, ("post", recipe, values, on_floor("stands", foot=foot.name))))
                self.assertEqual([str(t.error) for t in found.troubles], [], (recipe, foot.name))
                self.assertEqual(between(found.project), [], (recipe, foot.name))
                guest = found.build_of(1)
                (pose,), given = found.seats[0].poses, found.seats[0].given
                face = pose @ finished(next(p for p in guest.patterns if foot.name in p.by_name))[foot.name]
                up = finished(given.pattern)["base"][:3, 2] * -1.0  # on the inner face
                self.assertAlmostEqual(abs(float(face[:3, 2] @ up)), 1.0, places=6)
                heights = np.concatenate([
                    place(pose @ finished(p)[q.name], q.polygon, side * p.stock.caliper_mm / 2)
                    for p in guest.patterns for q in p.panels for side in (-1, 1)]) @ up
                low = place(face, pattern.by_name[foot.name].polygon) @ up
                # nothing is lower but what is glued on it
                self.assertLess(float(low.min() - heights.min()), 4.0)


class Follows(unittest.TestCase):
    def test_sums_of_measures_of_either_move_it_along(self) -> None:
        for length in (160.0, 200.0, 300.0):
            project = kit(("floor", "tray", {"length": length, "width": 160.0, "height": 20.0}, None),
                          ("post", "carton", {"length": 30.0, "width": 30.0, "height": 20.0},
                           on_floor("stands", x="=floor.length/2 - width", y="=panel.high/4")))
            (seat,) = joined(project).seats
            self.assertAlmostEqual(seat.given.spots[0].x, length / 2 - 30.0)
            self.assertAlmostEqual(seat.given.spots[0].y, 40.0)

    def test_a_ring_a_row_and_a_mirrored_pair(self) -> None:
        ring = joined(kit(FLOOR, ("post", "carton", {"length": 25.0, "width": 20.0, "height": 20.0},
                                  on_floor("stands", row=Row.RING, many=6, apart="50 mm"))))
        spots = ring.seats[0].given.spots
        self.assertEqual({round(math.hypot(s.x, s.y), 9) for s in spots}, {50.0})
        self.assertEqual(many(ring, 1), 6)
        self.assertEqual(between(ring.project), [])
        row = joined(kit(FLOOR, ("post", "carton", {"length": 25.0, "width": 20.0, "height": 20.0},
                                 on_floor("stands", row=Row.ROW, many=3, apart="40"))))
        self.assertEqual([s.x for s in row.seats[0].given.spots], [-40.0, 0.0, 40.0])
        pair = joined(kit(FLOOR, ("post", "carton", {"length": 25.0, "width": 20.0, "height": 20.0},
                                  on_floor("stands", row=Row.MIRRORED, x="30", turn_deg=20.0))))
        self.assertEqual([(s.x, s.turn_deg) for s in pair.seats[0].given.spots],
                         [(30.0, 20.0), (-30.0, -20.0)])

    def test_guests_of_what_is_set_several_times_are_as_many_and_are_counted(self) -> None:
        project = kit(FLOOR, ("post", "carton", {"length": 70.0, "width": 30.0, "height": 20.0},
                              on_floor("stands", row=Row.ROW, many=3, apart="75")),
                      ("lid", "tray", {"length": 20.0, "width": 20.0, "height": 10.0},
                       Join("post", "top", "stands", row=Row.MIRRORED, x="16 mm")))
        project = replace(project, briefs=(replace(project.briefs[0], copies=2), *project.briefs[1:]))
        found = joined(project)
        self.assertEqual([str(t.error) for t in found.troubles], [])
        self.assertEqual([many(found, n) for n in range(3)], [1, 3, 6])
        done = seated(seated(project, 1), 2)
        self.assertEqual([b.copies for b in done.briefs], [2, 6, 12])
        (told,) = [f for f in whole_findings(project, 2) if f.code == "joined-count"]
        self.assertEqual(told.fix.brief.copies, 12)
        self.assertEqual([project.briefs[n].name for n in order(found, 0)], ["lid", "post", "floor"])

    def test_scaled_and_in_another_stock_it_still_fits(self) -> None:
        project = kit(FLOOR, ("post", "dividers", {}, on_floor("through", x="12 mm", y="=host.width/20")))
        larger = replace(project, briefs=tuple(scaled(b, 1.4) for b in project.briefs))
        spot = joined(larger).seats[0].given.spots[0]
        self.assertAlmostEqual(spot.x, 12 * 1.4)
        self.assertAlmostEqual(spot.y, 160.0 * 1.4 / 20)
        for stocks in ({"post": "greyboard-10"}, {"floor": "card-160", "post": "greyboard-15"}):
            again = replace(larger,
                            briefs=tuple(replace(b, stock=stocks.get(b.name, b.stock))
                                         for b in larger.briefs))
            self.assertEqual(joined(again).troubles, ())
            self.assertEqual(between(again), [])

    def test_without_joints_every_thing_is_as_it_was(self) -> None:
        project = kit(FLOOR, ("post", "carton", {}, None))
        self.assertEqual(builds_of(project), (plain(project, 0), plain(project, 1)))
        self.assertIs(build_of(project, 1), plain(project, 1))


class Refused(unittest.TestCase):
    def test_what_cannot_be_is_refused_with_the_number_or_the_names_that_would_do(self) -> None:
        small = ("floor", "tray", {"length": 40.0, "width": 40.0, "height": 20.0}, None)
        for project, said in (
                (kit(small, ("post", "dividers", {}, on_floor("through"))),
                 "too small for the post; make it \\d+ mm.* by \\d+ mm"),
                (kit(FLOOR, ("post", "dividers", {}, on_floor("through", x="95"))),
                 "comes too near to the edge of the base; move it by -[0-9.]+ mm across and 0 mm up"),
                (kit(FLOOR, ("post", "carton", {}, Join("floor", "lid"))),
                 "has no panel 'lid'.*choose one of: base"),
                (kit(FLOOR, ("post", "carton", {}, Join("roof", "base"))), "is gone"),
                (kit(FLOOR, ("post", "carton", {}, on_floor("floats"))),
                 "no joint between things; use one of: "),
                (kit(FLOOR, ("post", "carton", {}, on_floor("stands", x="=depth"))), "x: .*depth"),
                (kit(FLOOR, ("post", "carton", {}, on_floor("stands", row=Row.RING, many=3))),
                 "how far apart"),
                (kit(FLOOR, ("fish", "tag", {}, on_floor("hangs", deep="-5"))),
                 "-5 mm is no depth; write 0 or more"),
                (kit(("bowl", "bowl", {}, None),
                     ("post", "carton", {}, Join("bowl", "inner base", "stands", place="roof"))),
                 "names no place 'roof'; choose one of: middle, middle of the left edge"),
                (kit(FLOOR, ("post", "carton", {}, on_floor("stands", place="roof"))),
                 "the base names no place 'roof'; choose one of: middle of the left edge"),
                (kit(FLOOR, ("hand", "card-outline", {}, on_floor("turns", foot="roof"))),
                 "'roof'.*choose one of"),
                (kit(("floor", "tray", {}, Join("post", "top")), ("post", "carton", {}, on_floor("stands"))),
                 "joined to itself")):
            with self.subTest(said=said):
                found = joined(project)
                self.assertRegex(str(found.troubles[0].error), said)
                with self.assertRaises(MeasureError):
                    seated(project, found.troubles[0].guest)
                self.assertEqual(found.build_of(0).patterns, plain(project, 0).patterns)  # nothing is lost

    def test_a_turn_is_up_to_half_a_circle_either_way(self) -> None:
        for angle in (-1.0, 181.0, math.nan, math.inf):
            with self.subTest(angle=angle), self.assertRaisesRegex(MeasureError, "use 0 to 180 degrees"):
                new_brief("card-outline").amended(on_floor("turns", most_deg=angle))

    def test_of_several_only_the_one_that_cannot_be_is_left_out(self) -> None:
        project = kit(FLOOR,
                      ("one", "dividers", {"length": 40.0, "width": 40.0}, on_floor("through", x="-40")),
                      ("two", "dividers", {"length": 40.0, "width": 40.0}, on_floor("through", x="-38")),
                      ("three", "dividers", {"length": 40.0, "width": 40.0}, on_floor("through", x="40")))
        found = joined(project)
        self.assertEqual([t.guest for t in found.troubles], [2])
        self.assertEqual([s.guest for s in found.seats], [1, 3])
        self.assertIn("meets another opening", str(found.troubles[0].error))


HOSTS = (("tray", {"length": 260.0, "width": 220.0, "height": 20.0}, "base"),
         ("lid-base", {}, "base"), ("stool", {}, "top"), ("form-block", {}, "top"))
GUESTS = ("carton", "dividers", "prism", "frustum-box", "pyramid", "sleeve", "tube", "card-outline", "tag",
          "signal",
          "form-block", "bin", "polyhedron", "stool")


class AtRandom(unittest.TestCase):
    def test_pairs_of_any_things_share_no_card_or_are_refused_in_a_sentence(self) -> None:
        dice = random.Random(11)
        held = grown = 0
        for number in range(300 if SOAK else 30):
            how = dice.choice([w for w in joints() if w not in ("hangs",)])
            stock = dice.choice(("card-160", "card-250", "card-300"))
            turns = "most_deg" in joints()[how].needs
            join = on_floor(how, x=f"{dice.uniform(-20, 20):.2f}", y=f"{dice.uniform(-20, 20):.2f}",
                            turn_deg=dice.uniform(-180, 180), fit=dice.uniform(0.1, 0.6),
                            deep=f"{dice.uniform(3, 12):.2f} mm" if how in ("drops", "slides") else "",
                            bent=dice.random() < 0.5, by=dice.choice(joints()[how].by or ("",)),
                            most_deg=dice.choice((0.0, 30.0, 90.0)) if turns else 0.0,
                            row=dice.choice((Row.ONE, Row.ONE, Row.MIRRORED)))
            project = kit(("floor", "tray", {"length": 300.0, "width": 260.0, "height": 12.0}, None),
                          ("post", dice.choice(GUESTS), {}, join), stocks={"post": stock})
            found = joined(project)
            with self.subTest(number=number, how=how, guest=project.briefs[1].recipe):
                if found.troubles:
                    self.assertNotIn("\n", str(found.troubles[0].error))
                    continue
                held += 1
                self.assertEqual(self._met(project), [])
                # at another size, and the host in another stock, it fits as well, or is refused
                try:
                    larger = replace(project, briefs=tuple(scaled(b, dice.choice((0.8, 1.3)))
                                                           for b in project.briefs))
                    other = larger.with_stock(0, find_stock(dice.choice(("card-160", "greyboard-10"))))
                except MingeiError:
                    continue
                again = joined(other)
                grown += not again.troubles
                self.assertEqual(self._met(other), [])
        self.assertGreater(held, 10)
        self.assertGreater(grown, 5)

    def _met(self, project: Project) -> list[object]:
        """What guest and host share, but the walls a guest may reach past."""
        walls = {"left wall", "right wall", "front wall", "back wall"}
        return [s for s in between(project) if not {s.a[1], s.b[1]} & walls and "tab" not in s.a[1]
                and not (s.a[0].startswith("post") and s.b[0].startswith("post"))]

    def test_trees_of_several_things_share_no_card_but_where_they_are_told(self) -> None:
        dice = random.Random(5)
        held = 0
        for number in range(60 if SOAK else 8):
            things = [("base", "carton", {"length": 160.0, "width": 140.0, "height": 30.0}, None)]
            hosts = ["base"]
            for name in ("one", "two", "three", "four", "five")[:dice.randint(2, 5)]:
                host = dice.choice(hosts)
                how = dice.choice(("stands", "drops", "stands"))
                size = 50.0 if host == "base" else 22.0
                join = Join(host, "top", how, x=f"{dice.uniform(-1, 1) * size / 2:.1f}",
                            y=f"{dice.uniform(-1, 1) * size / 2:.1f}", deep="4 mm" if how == "drops" else "",
                            turn_deg=dice.choice((0.0, 90.0, dice.uniform(-180, 180))))
                recipe, values = dice.choice((("carton", {"length": size, "width": max(20.0, size * 0.8),
                                                          "height": 20.0}),
                                              ("flag", {}),
                                              ("bowl", {"across": 18.0, "rim": 30.0, "height": 16.0,
                                                                      "foot": 0.0})))
                things.append((name, recipe, values, join))
                if recipe == "carton":
                    hosts.append(name)
            project = kit(*things)
            found = joined(project)
            held += len(found.seats)
            told = {f.code for f in whole_findings(project, 0, True)}
            with self.subTest(number=number):
                self.assertEqual("joined-meets" in told, bool(between(project)))
                self.assertEqual(len(found.seats) + len(found.troubles), len(things) - 1)
                self.assertEqual(len(order(found, 0)), 1 + sum(found.root(s.guest) == 0 for s in found.seats))
        self.assertGreater(held, 8)


class Kept(InFolder):
    def test_a_project_keeps_its_joints_and_the_commands_tell_of_the_whole(self) -> None:
        path = Path(self.folder, "kit.mingei")
        project_file.save(kit(FLOOR, ("post", "dividers", {}, None)), path)
        code, _, err = command("edit", path, "--thing", "post", "--amend",
                               "join host=floor panel=base how=through inside=yes x='=floor.length/8'",
                               "--in-place")
        self.assertEqual((code, err), (0, ""))
        project = project_file.load(path)
        (join,) = some(project.briefs[1].amendments, Join)
        self.assertEqual((join.how, join.x), ("through", "=floor.length/8"))
        code, out, _ = command("whole", path, "--json")
        told = json.loads(out)["wholes"][0]
        self.assertEqual(code, 0)
        self.assertEqual(told["order"], ["post", "floor"])
        self.assertEqual([t["count"] for t in told["things"]], [1, 1])
        code, out, err = command("edit", path, "--thing", "post", "--amend", "join how=drops deep=''",
                                 "--in-place")
        self.assertEqual(code, 2)
        self.assertIn("how deep it drops was not said", err)
        self.assertEqual(command("edit", path, "--thing", "post", "--drop", "join seat", "--in-place")[0], 0)
        self.assertEqual(joined(project_file.load(path)).seats, ())

    def test_the_fold_file_of_a_whole_poses_every_piece_in_one_frame(self) -> None:
        path = Path(self.folder, "kit.mingei")
        project = kit(FLOOR, ("post", "carton", {"length": 40.0, "width": 30.0, "height": 50.0},
                              on_floor("stands", x="30", row=Row.MIRRORED)))
        project_file.save(seated(project, 1), path)
        out = Path(self.folder, "kit.fold")
        self.assertEqual(command("export", path, "--to", out)[0], 0)
        data = json.loads(out.read_text())
        folded = [f for f in (data, *data["file_frames"]) if "foldedForm" in f["frame_classes"]]
        self.assertEqual([f["mingei:thing"] for f in folded], ["floor", "post", "post 2"])
        floor, one, two = (np.array(f["vertices_coords"]) for f in folded)
        # both stand on the floor's upper face, as far from its middle to either side
        for each in (one, two):
            self.assertAlmostEqual(each[:, 2].min(), 0.0, delta=0.5)
        middle = (floor[:, 0].min() + floor[:, 0].max()) / 2
        self.assertAlmostEqual((one[:, 0].mean() + two[:, 0].mean()) / 2, middle, delta=0.6)


class Mirrored(unittest.TestCase):
    def test_copies_that_meet_each_other_are_not_told_to_go_no_way_at_all(self) -> None:
        project = kit(FLOOR, ("post", "carton", {"length": 40.0, "width": 30.0, "height": 50.0},
                              on_floor("stands", x="8", row=Row.MIRRORED)))
        found = [f for f in whole_findings(seated(project, 1), 0, True) if f.code == "joined-meets"]
        self.assertTrue(found)
        for finding in found:
            self.assertNotIn(" 0 mm", str(finding.remedy))


if __name__ == "__main__":
    unittest.main()
