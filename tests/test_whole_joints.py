"""What joins two things.  The strip one tips up on: cut as long as its way through both slits, at rest and on
the way in nobody's card, one half with each thing; holes between things go through all that lies there; what
hangs, turns and sticks, by what it is said to."""

from __future__ import annotations

import json
import math
import random
import unittest
from dataclasses import replace
from pathlib import Path
from typing import ClassVar

import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from shapely import Polygon

from mingei.core.amendments.opening import Shape
from mingei.core.check.joined import whole_findings
from mingei.core.check.simulating import simulate
from mingei.core.covering.leaf import HINGE_STOCK_ID, HINGES, LEAF, WASHER, WASHERS
from mingei.core.covering.overlay import Overlay
from mingei.core.document.build import build, loads_of_all
from mingei.core.document.project import Project, new_brief
from mingei.core.flat.pattern import Pattern
from mingei.core.folded.fold import finished, place
from mingei.core.folded.shared import HAIR_MM, shared, slabs
from mingei.core.kinds.join import Join, Row, join_of
from mingei.core.plane.shape import bounds
from mingei.core.sizing.scale import scaled
from mingei.core.stock import Stock, find_stock
from mingei.core.whole.assembly import Shown, needed, seated, stood, whole_of
from mingei.core.whole.clear import aside
from mingei.core.whole.joined import build_of, builds_of, joined, plain
from mingei.formats import project_file
from tests.support import InFolder
from tests.test_cli import run as command
from tests.test_whole import FLOOR, SOAK, between, kit, on_floor

POST = {"length": 40.0, "width": 60.0, "height": 30.0}
DECK = ("deck", "carton", {"length": 160.0, "width": 140.0, "height": 30.0}, None)


def hinged(most_deg: float = 90.0, stocks: dict[str, str] | None = None, **more: object) -> Project:
    return kit(DECK, ("post", "carton", POST, Join("deck", "top", "hinged", most_deg=most_deg, **more)),
               stocks=stocks)


def strip_of(project: Project, share: float = 0.0) -> Pattern:
    """The strip of a post where it is in the whole, tipped by a share."""
    return next(p for p in whole_of(joined(project), 0, Shown(moved=((1, share),)))
                if p.name == f"post: {LEAF}")


def where(pattern: Pattern, panel: str) -> np.ndarray:
    return place(finished(pattern)[f"{LEAF} {panel}"], pattern.by_name[f"{LEAF} {panel}"].polygon)


class Strip(unittest.TestCase):
    def test_it_is_as_long_as_its_way_through_both_slits(self) -> None:
        for stocks in ({}, {"post": "card-160"}, {"deck": "greyboard-10"}):
            project = hinged(stocks=stocks)
            made, strip = build_of(project, 1), strip_of(project)
            thick = find_stock(HINGE_STOCK_ID).caliper_mm
            wall, deck = (plain(project, n).stock.caliper_mm for n in (1, 0))
            # glued 18 mm behind either, 6 mm of it on each side of the line (common practice), and from
            # the middle of the strip on one face of each to its middle on the other
            long = 2 * 18.0 + 2 * 6.0 + (wall + thick) + (deck + thick)
            self.assertAlmostEqual(strip.box.height, long, places=6)
            (slit,) = [o for o in made.brief.openings if o.name == "hinge"]
            self.assertAlmostEqual(strip.box.width, slit.width, places=6)
            self.assertEqual((slit.thick, made.part_names), (thick, (HINGES,)))

    def test_one_half_goes_with_the_guest_and_the_other_stays_with_the_host(self) -> None:
        project = hinged(x="-12", y="7", turn_deg=33.0)
        rest = strip_of(project)
        box = plain(project, 0).patterns
        top = max(float(place(finished(p)["top"], p.by_name["top"].polygon)[:, 2].max()) for p in box
                  if "top" in p.by_name) + box[0].stock.caliper_mm / 2
        # the half behind the line lies on the deck, by half its thickness, and what is glued under it
        half = rest.stock.caliper_mm / 2
        np.testing.assert_allclose(where(rest, "behind")[:, 2], top + half, atol=1e-6)
        under = top - box[0].stock.caliper_mm - half
        np.testing.assert_allclose(where(rest, "beneath")[:, 2], under, atol=1e-6)
        for share in (0.25, 0.5, 1.0):
            tipped = strip_of(project, share)
            for panel in ("behind", "far slit", "beneath"):
                np.testing.assert_allclose(where(tipped, panel), where(rest, panel), atol=1e-6)
            normals = [finished(p)[f"{LEAF} inside"][:3, 2] for p in (rest, tipped)]
            turned = math.degrees(math.acos(float(normals[0] @ normals[1])))
            self.assertAlmostEqual(turned, 90.0 * share, places=4)

    def test_nothing_shares_card_with_it_at_rest_or_on_the_way(self) -> None:
        for stocks in ({}, {"deck": "greyboard-10"}, {"post": "card-160"}):
            project = hinged(stocks=stocks)
            for share in (0.0, 0.3, 0.6, 1.0):
                pieces = whole_of(joined(project), 0, Shown(moved=((1, share),)))
                self.assertEqual(shared(slabs(pieces)), ())
            self.assertEqual(whole_findings(project, 0, True), ())

    def test_planted_faults_are_refused(self) -> None:
        project = hinged()
        found = joined(project)
        every = whole_of(found, 0, Shown(moved=((1, 1.0),)))

        def bodies(pieces: tuple[Pattern, ...]) -> float:
            return sum(s.volume for s in shared(slabs(pieces)))

        self.assertEqual(bodies(every), 0.0)
        # no slit in the deck, or none in the post
        for number in (0, 1):
            made = found.build_of(number)
            bare = replace(made, patterns=tuple(p if p.rides else plain(project, number).patterns[0]
                                                for p in made.patterns))
            swapped = found._replace(builds={**found.builds, number: bare})
            self.assertGreater(bodies(whole_of(swapped, 0)), 0.5, number)
        # a strip that does not open as its thing tips up
        stiff = tuple(replace(p, folds=tuple(f._replace(angle_deg=0.0) if f.angle_deg == -90.0
                                             and f.child == f"{LEAF} behind" else f for f in p.folds))
                      for p in every)
        self.assertGreater(bodies(stiff), 0.5)

    def test_of_a_stock_of_its_own_its_slits_follow_and_what_is_too_stiff_is_refused(self) -> None:
        project = hinged()
        thin = project.with_brief(1, project.briefs[1].with_part(HINGES, find_stock("kraft-110")))
        self.assertEqual([str(t.error) for t in joined(thin).troubles], [])
        kraft = find_stock("kraft-110").caliper_mm
        self.assertEqual([o.thick for n in (0, 1) for o in build_of(thin, n).brief.openings], [kraft, kraft])
        self.assertEqual(strip_of(thin).stock.id, "kraft-110")
        board = project.with_brief(1, project.briefs[1].with_part(HINGES, find_stock("greyboard-20")))
        (trouble,) = joined(board).troubles
        self.assertRegex(str(trouble.error), r"does not bend.*no thicker than 0\.6 mm")

    def test_where_there_is_little_room_it_is_glued_on_less_and_at_last_refused(self) -> None:
        glued = {}
        for deep in (40.0, 22.0, 12.0):
            project = kit(DECK, ("post", "carton", {**POST, "width": deep, "length": 60.0},
                                 Join("deck", "top", "hinged")))
            found = joined(project)
            glued[deep] = (strip_of(project).by_name[f"{LEAF} inside"] if found.seats
                           else str(found.troubles[0].error))
        lengths = [bounds(glued[d].polygon).height for d in (40.0, 22.0)]
        self.assertGreater(lengths[0], lengths[1])
        self.assertRegex(glued[12.0], r"no room to glue a hinge on; leave 14 mm")

    def test_what_is_glued_on_its_floor_or_behind_the_host_leaves_it_no_room(self) -> None:
        for number, panel, told in ((1, "base", "no room to glue a hinge on"), (0, "top", "behind the top")):
            project = hinged()
            lined = project.briefs[number].amended(Overlay("lining", panel, inside=True, part="linings"))
            self.assertRegex(str(joined(project.with_brief(number, lined)).troubles[0].error), told)

    def test_a_thing_whose_drawing_is_enlarged_is_refused_with_what_would_do(self) -> None:
        for number in (0, 1):
            project = hinged()
            copied = project.with_brief(number, replace(project.briefs[number], enlarged=1.5))
            (trouble,) = joined(copied).troubles
            self.assertRegex(str(trouble.error), f"{project.briefs[number].name} is enlarged.*draft it anew")
            anew = replace(project, briefs=tuple(scaled(b, 1.5) if n == number and number == 0 else b
                                                 for n, b in enumerate(project.briefs)))
            self.assertEqual(joined(anew).troubles, ())
            self.assertEqual(between(anew), [])

    def test_an_overlay_that_has_its_name_is_another_piece(self) -> None:
        slide = kit(DECK, ("post", "tag", {}, Join("deck", "top", "slides", deep="20 mm")))
        for project, name, panel in ((hinged(), LEAF, "front"), (slide, WASHER, "tag")):
            named = project.briefs[1].amended(Overlay(name, panel))
            found = joined(project.with_brief(1, named))
            self.assertEqual([str(t.error) for t in found.troubles], [])
            made = found.build_of(1)
            self.assertEqual(sorted(p.name for p in made.patterns if p.rides), [name, f"{name} 2"])
            self.assertEqual(simulate(made), ())
            for share in (0.0, 1.0):
                self.assertEqual(between(found.project, 0, Shown(moved=((1, share),))), [])

    def test_what_comes_down_on_its_own_strip_is_told_with_the_angle_that_would_do(self) -> None:
        project = kit(DECK, ("post", "polyhedron", {}, Join("deck", "top", "hinged", most_deg=90.0)))
        self.assertEqual([str(t.error) for t in joined(project).troubles], [])
        told = [str(f.remedy) for f in whole_findings(project, 0, True) if f.code == "joined-meets"]
        self.assertTrue(told)
        angle = float(told[-1].split(" degrees")[0].rsplit(" ", 1)[1])
        join = join_of(project.briefs[1])
        less = project.with_brief(1, project.briefs[1].amended(join._replace(most_deg=angle)))
        self.assertEqual([f for f in whole_findings(less, 0, True) if f.code == "joined-meets"], [])

    def test_it_is_laid_on_sheets_counted_and_follows_scale(self) -> None:
        project = seated(kit(DECK, ("post", "carton", {**POST, "length": 30.0, "width": 40.0},
                                    Join("deck", "top", "hinged", x="35", row=Row.MIRRORED))), 1)
        loads = [load for load in loads_of_all(builds_of(project)) if load.pattern.name == LEAF]
        self.assertEqual([load.pattern.copies for load in loads], [2])
        self.assertEqual(needed(joined(project), 1), 2)
        told = [str(op.words) for step in build_of(project, 1).plan.steps for op in step.operations]
        (words,) = [w for w in told if LEAF in w]
        self.assertRegex(words, "slit in the base")
        # it goes in while all lies flat, before the box is closed
        self.assertLess(told.index(words), min(i for i, w in enumerate(told) if w.startswith("Fold the")))


class Kept(InFolder):
    def test_the_commands_give_its_strip_a_stock_of_its_own_and_write_it_with_the_rest(self) -> None:
        path = Path(self.folder, "kit.mingei")
        project_file.save(hinged(), path)
        code, _, err = command("edit", path, "--thing", "post", "--part", "hinges=kraft-110", "--in-place")
        self.assertEqual((code, err), (0, ""))
        project = project_file.load(path)
        self.assertEqual(strip_of(project).stock.id, "kraft-110")
        code, _, err = command("edit", path, "--thing", "deck", "--part", "hinges=kraft-110", "--in-place")
        self.assertEqual(code, 2)
        self.assertIn("no part named 'hinges'", err)
        code, _, err = command("edit", path, "--thing", "post", "--part", "hinges=greyboard-20", "--in-place")
        self.assertEqual(code, 2)
        self.assertRegex(err, "no thicker than 0.6 mm")
        self.assertEqual(project_file.load(path), project)
        out = Path(self.folder, "strip.svg")
        self.assertEqual(command("export", path, "--piece", f"post, {LEAF}", "--to", out)[0], 0)
        self.assertGreater(out.stat().st_size, 500)
        fold = Path(self.folder, "kit.fold")
        self.assertEqual(command("export", path, "--to", fold)[0], 0)
        data = json.loads(fold.read_text())
        posts = [f for f in (data, *data["file_frames"]) if f.get("mingei:thing") == "post"
                   and "foldedForm" in f["frame_classes"]]
        strip = strip_of(project)
        lowest = min(where(strip, "beneath")[:, 2])
        self.assertAlmostEqual(min(z for post in posts for _, _, z in post["vertices_coords"]), lowest,
                               delta=1e-3)


class Layers(unittest.TestCase):
    PLATE = ("plate", "laminate", {}, None)

    def test_what_goes_through_goes_through_every_layer(self) -> None:
        project = kit(self.PLATE, ("post", "dividers", {}, Join("plate", "upper facing", "through")))
        found = joined(project)
        self.assertEqual([str(t.error) for t in found.troubles], [])
        thick = sum(p.stock.caliper_mm for p in plain(project, 0).patterns if "strip" not in p.name)
        tongues = [t for piece in found.build_of(1).draft.pieces for p in piece.panels for t in p.tongues]
        for tongue in tongues:
            self.assertAlmostEqual(tongue.out, thick, places=6)
        layers = [p for p in found.build_of(0).patterns if "strip" not in p.name]
        self.assertEqual({len(p.panels[0].holes) for p in layers}, {len(tongues)})
        self.assertEqual(between(project), [])
        # with one layer left whole they stand in it
        for number, layer in enumerate(layers):
            whole = found.build_of(0)
            bare = tuple(replace(p, panels=(plain(project, 0).patterns[number].panels[0],)) if p is layer
                         else p for p in whole.patterns)
            pieces = whole_of(found._replace(builds={**found.builds, 0: replace(whole, patterns=bare)}), 0)
            self.assertGreater(sum(s.volume for s in shared(slabs(pieces))), 0.01, layer.name)

    def test_what_drops_in_goes_through_as_many_layers_as_it_is_deep(self) -> None:
        for deep, cut in ((0.05, 1), (2.0, 2), (4.0, 3), (4.5, 4)):
            project = kit(self.PLATE, ("post", "tube", {"diameter": 30.0, "height": 40.0},
                                       Join("plate", "upper facing", "drops", deep=f"{deep} mm")))
            found = joined(project)
            self.assertEqual([str(t.error) for t in found.troubles], [])
            holed = [p.name for p in found.build_of(0).patterns if p.panels[0].holes]
            self.assertEqual(len(holed), cut, holed)

    def test_a_hole_seen_from_the_other_side_lies_where_it_does_from_this(self) -> None:
        wedge = ("post", "prism", {"sides": 3, "across": 36.0},
                 Join("plate", "upper facing", "drops", x="9", y="-5", deep="6.2 mm", turn_deg=20.0))
        found = joined(kit(self.PLATE, wedge))
        self.assertEqual([str(t.error) for t in found.troubles], [])
        self.assertEqual(between(found.project), [])
        seen = [Polygon(place(finished(p)[q.name], ring)[:, :2]) for p in found.build_of(0).patterns
                for q in p.panels for ring in q.hole_polygons]
        self.assertEqual(len(seen), 5)  # three boards and two facings
        for ring in seen[1:]:
            self.assertLess(ring.symmetric_difference(seen[0]).area, 0.01)

    def test_a_pivot_goes_through_the_layers_of_what_turns(self) -> None:
        arm = ("arm", "laminate", {}, on_floor("turns", foot="lower facing", most_deg=30.0))
        found = joined(kit(FLOOR, arm))
        self.assertEqual([str(t.error) for t in found.troubles], [])
        holed = [p.name for p in found.build_of(1).patterns if p.panels[0].holes]
        self.assertEqual(len(holed), len([p for p in found.build_of(1).patterns if "strip" not in p.name]))


class OnAMat(unittest.TestCase):
    def test_on_a_mat_and_its_pads_it_stands_higher_by_them_and_still_goes_through(self) -> None:
        for how, guest, values, deep in (("stands", "carton", POST, ""), ("through", "dividers", {}, ""),
                                         ("stuck", "tag", {}, ""), ("turns", "tag", {}, ""),
                                         ("slides", "tag", {}, "20 mm"), ("drops", "carton", POST, "5 mm"),
                                         ("hinged", "carton", POST, "")):
            with self.subTest(how=how):
                bare = kit(DECK, ("post", guest, values, Join("deck", "top", how, deep=deep)))
                mat = Overlay("mat", "top", pad=1.5)
                project = bare.with_brief(0, bare.briefs[0].amended(mat))
                low, high = joined(bare), joined(project)
                self.assertEqual([str(t.error) for t in high.troubles], [])
                rise = high.seats[0].poses[0][2, 3] - low.seats[0].poses[0][2, 3]
                card = plain(project, 0).patterns[-1].stock.caliper_mm
                self.assertAlmostEqual(rise, 1.5 + card, places=6)
                self.assertEqual(between(project), [])


class HeldBy(unittest.TestCase):
    def test_what_hangs_hangs_by_thread_ribbon_or_elastic_each_with_its_hole_and_length(self) -> None:
        # 2 mm and 50 mm for a thread, a slit 6 mm wide and 60 mm for a ribbon (common practice)
        for by, wide, knots in (("", 2.0, 50.0), ("thread", 2.0, 50.0), ("ribbon", 6.0, 60.0),
                                ("elastic", 2.5, 40.0)):
            with self.subTest(by=by):
                found = joined(kit(FLOOR, ("fish", "tag", {}, Join("floor", "base", "hangs", deep="25 mm",
                                                                   by=by))))
                self.assertEqual([str(t.error) for t in found.troubles], [])
                for number in (0, 1):
                    (hole,) = [o for o in found.build_of(number).brief.openings if o.panel in ("base", "tag")
                               or number == 1][-1:]
                    self.assertEqual((hole.width, hole.shape is Shape.SLOT), (wide, by == "ribbon"))
                (part,) = found.build_of(0).draft.bought
                self.assertEqual((part.name, part.length_mm), (by or "thread", 25.0 + 2 * knots))
                self.assertIn(f"by a{'n' if by == 'elastic' else ''} {by or 'thread'}", str(part.words))
                self.assertEqual(between(found.project), [])

    def test_what_turns_turns_on_a_fastener_a_pin_or_a_stick_with_play(self) -> None:
        for by, holes in (("", (4.0, 4.0)), ("pin", (1.0, 1.0)), ("stick", (3.0, 3.6))):
            with self.subTest(by=by):
                arm = ("arm", "tag", {}, on_floor("turns", most_deg=40.0, by=by, fit=0.3))
                found = joined(kit(FLOOR, arm))
                self.assertEqual([str(t.error) for t in found.troubles], [])
                (host,), (own,) = ([o for o in found.build_of(n).brief.openings
                                    if o.name in ("pivot", "arm 1")] for n in (0, 1))
                self.assertAlmostEqual(host.width, holes[0])
                self.assertAlmostEqual(own.width, holes[1])
                (part,) = found.build_of(0).draft.bought
                self.assertEqual(part.name, by or "fastener")
                if by == "stick":  # through both, and 8 mm out
                    thick = sum(plain(found.project, n).stock.caliper_mm for n in (0, 1))
                    self.assertAlmostEqual(part.length_mm, thick + 8.0, delta=0.051)

    def test_what_it_cannot_be_held_by_is_refused_with_what_it_can(self) -> None:
        for how, by, told in (("hangs", "wire", "thread, ribbon"), ("stands", "thread", "leave that out")):
            (trouble,) = joined(kit(FLOOR, ("fish", "tag", {}, Join("floor", "base", how, deep="25 mm",
                                                                    by=by)))).troubles
            self.assertRegex(str(trouble.error), told)

    def test_stuck_on_pads_it_lies_so_far_off_and_the_pads_are_on_the_list(self) -> None:
        flat, high = (joined(kit(FLOOR, ("plate", "form-block", {"length": 60.0, "width": 40.0},
                                         on_floor("stuck", deep=deep)))) for deep in ("", "3 mm"))
        self.assertEqual([str(t.error) for f in (flat, high) for t in f.troubles], [])
        low, off = (f.seats[0].poses[0][2, 3] for f in (flat, high))
        self.assertAlmostEqual(off - low, 3.0, places=9)
        (pad,) = high.build_of(0).draft.bought
        area = plain(high.project, 1).patterns[0].area
        self.assertEqual(pad.many, math.ceil(area / 400.0))  # one holds 4 cm2 (from experience)
        self.assertEqual(flat.build_of(0).draft.bought, ())
        (trouble,) = joined(kit(FLOOR, ("plate", "form-block", {}, on_floor("stuck", deep="30 mm")))).troubles
        self.assertRegex(str(trouble.error), "use up to 20 mm")


class Clear(unittest.TestCase):
    DECK = ("deck", "laminate", {"width": 200.0, "height": 160.0}, None)
    BOX: ClassVar = {"length": 40.0, "width": 30.0, "height": 30.0}

    def _pair(self, x: float, y: float, turn: float = 0.0) -> Project:
        on = Join("deck", "upper facing", "stands", turn_deg=turn)
        return kit(self.DECK, ("one", "carton", self.BOX, on),
                   ("two", "carton", self.BOX, on._replace(x=f"{x:.4f} mm", y=f"{y:.4f} mm")))

    def test_set_aside_as_it_says_it_is_clear_and_by_a_little_less_it_is_not(self) -> None:
        dice = random.Random(3)
        for _ in range(60 if SOAK else 6):
            x, y, turn = dice.uniform(-30, 30), dice.uniform(-20, 20), dice.choice((0.0, 0.0, 30.0))
            project = self._pair(x, y, turn)
            if not between(project):
                continue
            way = aside(joined(project), 0, 2)
            assert way is not None
            (told,) = {f.remedy for f in whole_findings(project, 0, True) if f.code == "joined-meets"}
            self.assertIn("set the two", str(told))
            self.assertEqual(between(self._pair(x + way.x * way.far, y + way.y * way.far, turn)), [])
            less = way.far - 0.4
            if less > 0.0:
                self.assertNotEqual(between(self._pair(x + way.x * less, y + way.y * less, turn)), [])

    def test_it_may_turn_as_far_as_it_says_and_no_further(self) -> None:
        wall = ("wall", "carton", {"length": 20.0, "width": 60.0, "height": 60.0},
                Join("deck", "upper facing", "stands", x="-50 mm"))
        arm = ("arm", "tag", {}, Join("deck", "upper facing", "turns", most_deg=90.0))
        project = kit(self.DECK, wall, arm)
        found = joined(project)
        self.assertEqual([str(t.error) for t in found.troubles], [])
        told = [str(f.remedy) for f in whole_findings(project, 0, True) if f.code == "joined-meets"]
        self.assertRegex(told[0], r"let the arm turn by no more than \d+ degrees")
        angle = float(told[0].split(" degrees")[0].rsplit(" ", 1)[1])
        shares = [sign * (angle + more) / 90.0 for sign in (1, -1) for more in (0.0, 3.0)]
        met = [bool(between(project, 0, Shown(moved=((2, share),)))) for share in shares]
        self.assertFalse(met[0] and met[2])
        self.assertTrue(met[1] or met[3])
        less = project.with_brief(2, project.briefs[2].amended(join_of(project.briefs[2])._replace(
            most_deg=angle)))
        self.assertEqual([f for f in whole_findings(less, 0, True) if f.code == "joined-meets"], [])


class Washer(unittest.TestCase):
    def test_turned_on_an_inner_face_too_the_slot_lies_along_its_way(self) -> None:
        found = joined(kit(FLOOR, ("slide", "tag", {}, on_floor("slides", deep="20 mm", turn_deg=30.0))))
        (slot,) = found.build_of(0).patterns[0].by_name["base"].hole_polygons
        pattern = found.build_of(0).patterns[0]
        ring = place(finished(pattern)["base"], slot)
        longest = ring[1:] - ring[:-1]
        along = longest[np.linalg.norm(longest, axis=1).argmax()]
        poses = [next(s.pose for s in stood(found, 0, Shown(moved=((1, share),))) if s.number == 1)[:3, 3]
                 for share in (-1.0, 1.0)]
        way = poses[1] - poses[0]
        cosine = abs(float(along @ way)) / float(np.linalg.norm(along) * np.linalg.norm(way))
        self.assertAlmostEqual(cosine, 1.0, places=6)

    def test_it_lies_behind_the_slot_whatever_lies_there_and_goes_with_what_slides(self) -> None:
        for host, panel in ((("deck", "laminate", {"width": 120.0}, None), "upper facing"),
                            (("deck", *FLOOR[1:]), "base")):
            slide = ("slide", "tag", {}, Join("deck", panel, "slides", deep="20 mm", inside=panel == "base"))
            project = kit(host, slide)
            found = joined(project)
            self.assertEqual([str(t.error) for t in found.troubles], [])
            (washer,) = [p for p in found.build_of(1).patterns if p.name == WASHER]
            # 4 mm past a slot for a fastener of 4 mm with 0.25 mm of play, on either side (common practice)
            self.assertAlmostEqual(washer.box.width, 4.25 + 2 * 4.0, places=3)
            self.assertEqual(len(washer.panels[0].holes), 1)
            places = {}
            for share in (-1.0, 0.0, 1.0):
                pieces = whole_of(found, 0, Shown(moved=((1, share),)))
                self.assertEqual(shared(slabs(pieces)), ())
                (disc,) = [p for p in pieces if p.name == f"slide: {WASHER}"]
                places[share] = place(finished(disc)[WASHER], disc.panels[0].polygon)
            np.testing.assert_allclose(np.ptp(places[1.0] - places[-1.0], axis=0), 0.0, atol=1e-9)
            self.assertAlmostEqual(float(np.linalg.norm((places[1.0] - places[-1.0])[0])), 20.0, places=6)
            # face to face with the last of what it is behind
            rest = [s.solid for s in slabs(whole_of(found, 0)) if s.pattern.name.startswith("deck")]
            (own,) = [s.solid for s in slabs(whole_of(found, 0)) if s.pattern.name == f"slide: {WASHER}"]
            self.assertLess(min(own.min_gap(other, 5.0) for other in rest), 2 * HAIR_MM + 1e-6)

    def test_it_is_cut_with_the_rest_and_no_step_of_its_own_glues_it(self) -> None:
        found = joined(kit(FLOOR, ("slide", "tag", {}, on_floor("slides", deep="20 mm"))))
        made = found.build_of(1)
        self.assertIn(WASHER, [load.pattern.name for load in loads_of_all(builds_of(found.project))])
        self.assertNotIn(WASHER, " ".join(str(op.words) for s in made.plan.steps for op in s.operations))
        self.assertIn(WASHER, " ".join(str(op.words) for s in found.build_of(0).plan.steps
                                       for op in s.operations))
        self.assertEqual(simulate(made), ())
        self.assertEqual(made.part_names, (WASHERS,))


class Levers(unittest.TestCase):
    def test_a_lever_slides_in_its_slot_and_does_not_come_out(self) -> None:
        for host, panel, inside in ((("deck", "laminate", {"width": 120.0}, None), "upper facing", False),
                                    (("deck", *FLOOR[1:]), "base", True)):
            lever = ("lever", "lever", {}, Join("deck", panel, "slides", deep="25 mm", turn_deg=30.0,
                                                by="its own foot", inside=inside))
            project = kit(host, lever)
            found = joined(project)
            self.assertEqual([str(t.error) for t in found.troubles], [])
            thick = sum(p.stock.caliper_mm for p in plain(project, 0).patterns if "strip" not in p.name)
            for share in (-1.0, -0.4, 0.0, 1.0):
                self.assertEqual(between(project, 0, Shown(moved=((1, share),))), [])
            # its foot lies against the far side of what it goes through
            rest = {p.name: p for p in whole_of(found, 0)}
            leaf = place(finished(rest["lever: lever"])["front"],
                         rest["lever: lever"].by_name["front"].polygon)
            seat = found.seats[0]
            back = np.linalg.inv(seat.given.face(seat.given.spots[0]))
            out = (leaf @ back[:3, :3].T + back[:3, 3])[:, 2]
            # 16 mm from its flaps to its end, less what it goes through
            self.assertAlmostEqual(float(out.max()), 16.0 - thick, delta=0.3)
            # pulled straight out its flaps meet the card beside the slot
            every = slabs(whole_of(found, 0))
            way = tuple((seat.given.face(seat.given.spots[0])[:3, 2] * 0.5).tolist())
            caught = shared(every, way, frozenset(p for p in rest if p.startswith("lever")))
            self.assertGreater(sum(s.volume for s in caught), 1.0)
            # further than it may, it meets the end of its slot
            past = seat.given.face(seat.given.spots[0])[:3, 0] * (12.5 + 0.6)
            self.assertNotEqual(shared(every, tuple(past.tolist()),
                                       frozenset(p for p in rest if p.startswith("lever"))), ())

    def test_a_foot_that_would_come_through_is_refused_with_the_width_that_would_do(self) -> None:
        post = ("post", "carton", POST, on_floor("slides", deep="20 mm", by="its own foot"))
        (trouble,) = joined(kit(FLOOR, post)).troubles
        self.assertRegex(str(trouble.error), r"would come through.*make it \d+ mm")

    @given(st.floats(5.0, 80.0), st.floats(5.0, 120.0), st.floats(4.0, 40.0), st.floats(0.1, 0.5))
    def test_a_lever_closes_over_its_whole_range(self, wide: float, out: float, flap: float,
                                                 thick: float) -> None:
        made = build(new_brief("lever", {"wide": wide, "out": out, "flap": flap}),
                     Stock("card", "Card", 200, thick))
        self.assertEqual([c for c in made.closures if not c.closes], [])
        self.assertEqual(shared(slabs(made.patterns)), ())
        self.assertEqual(simulate(made), ())
        high = made.outside[2] - 2 * thick  # over flap and plate
        self.assertAlmostEqual(high, out, places=6)


if __name__ == "__main__":
    unittest.main()
