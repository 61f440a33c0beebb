"""Curved faces: tubes, cones, rings, ball skins and walls round outlines have the true curve's lengths on the
flat, and close."""

from __future__ import annotations

import json
import math
import unittest
from itertools import pairwise

import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from shapely import Point
from shapely.geometry import Polygon as Area

from mingei.core.check import run
from mingei.core.document.build import Build, build
from mingei.core.document.project import new_brief
from mingei.core.draft import Inset, Role
from mingei.core.drafting.roll import facet_count
from mingei.core.errors import MeasureError
from mingei.core.flat.pattern import Pattern
from mingei.core.folded import fold, solid
from mingei.core.layout.drawing import Ink, pattern_strokes
from mingei.core.layout.sheets import find_sheet
from mingei.core.plane import contour
from mingei.core.plane.shape import Arc, Path, flat_points, path_length
from mingei.core.recipes import Value, profile_wall
from mingei.core.recipes.ball_bands import band_walls
from mingei.core.sizing.scale import scaled, table
from mingei.core.stock import Stock
from mingei.formats.fold_json import fold_file
from tests.giving import given_way


def made(recipe: str, caliper: float = 0.3, **values: Value) -> Build:
    stock = Stock("any", "Any stock", 200, caliper)
    return build(new_brief(recipe, values, stock), stock)


def arcs(path: Path) -> list[Arc]:
    return [s for s in path if isinstance(s, Arc)]


class Tubes(unittest.TestCase):
    @given(st.floats(20, 200), st.floats(0.08, 0.3), st.integers(1, 3))
    def test_the_strip_is_as_long_as_its_turns_about_their_middles(self, diameter: float, caliper: float,
                                                                   turns: int) -> None:
        # rolled on diameter D, turn k lies about a middle of D + (2 k + 1) t, k from 0: pi times that, added
        # up, and the lap
        lap = max(3.0, 0.8 * math.pi * diameter / facet_count(diameter, 1.0))
        tube = made("tube", caliper, diameter=diameter, play=0.0, turns=float(turns), lap=lap, ends="open",
                    smooth=1.0, height=50.0)
        bends = [f for f in tube.pattern.folds if f.bend]
        per = facet_count(diameter, 1.0)
        along = abs(bends[per * turns - 1].start[0] - tube.pattern.box.left)
        wanted = sum(math.pi * (diameter + (2 * k + 1) * caliper) for k in range(turns))
        # the strip begins at a free edge, the next turn steps one layer out at its bend: both within a
        # facet's share of a caliper
        self.assertAlmostEqual(along, wanted, delta=0.01 + caliper * math.pi / per + caliper
                               / math.tan(2 * math.pi / per))

    def test_one_turn_between_two_bends_a_whole_turn_apart_is_exact(self) -> None:
        for diameter, caliper in ((20.0, 0.1), (40.3, 0.28), (150.0, 0.5)):
            tube = made("tube", caliper, diameter=diameter, play=0.0, turns=3.0, ends="open")
            bends, per = tube.pattern.folds, facet_count(diameter, 0.25)
            # both in the middle of turns, away from the steps between layers
            a, b = bends[per // 2 - 1], bends[per // 2 - 1 + per]
            half_in_each = math.pi * (diameter + 2 * caliper)  # half a turn about D + t, half about D + 3 t
            self.assertAlmostEqual(b.start[0] - a.start[0], half_in_each, delta=0.01)

    def test_it_is_as_wide_inside_as_asked_or_as_narrow_outside(self) -> None:
        for fits, sign, half in (("on", 1, -0.15), ("in", -1, 0.15)):
            tube = made("tube", 0.3, diameter=40.0, play=0.4, fits=fits, ends="open", smooth=0.05)
            posed = fold.finished(tube.pattern)
            innermost = [p for p in tube.pattern.panels if p.layer == 0]
            # from the axis to that face
            away = [abs(float(posed[p.name][:3, 2] @ posed[p.name][:3, 3])) + half for p in innermost]
            count = len(innermost)
            # the circle as long as the facets together
            round_ = 2 * sum(away) / count * count * math.tan(math.pi / count) / math.pi
            self.assertAlmostEqual(round_, 40.0 + sign * 0.4, delta=0.01)

    def test_the_disc_covers_the_wall_and_is_cut_as_one_circle(self) -> None:
        tube = made("tube", 0.3, diameter=40.0, play=0.0)
        base = next(p for p in tube.patterns if p.name == "base")
        (circle,) = base.cuts
        self.assertEqual([round(abs(a.sweep_deg), 6) for a in arcs(circle)], [180.0, 180.0])
        for arc in arcs(circle):  # flush with the wall's outer face, less what a free edge keeps back
            self.assertTrue(40 / 2 < arc.radius <= 40 / 2 + 0.3 + 0.005, arc.radius)

    def test_teeth_stand_no_further_off_the_curve_than_asked(self) -> None:
        for smooth in (0.1, 0.25, 0.8):
            tube = made("tube", 0.2, diameter=60.0, smooth=smooth, play=0.0)
            teeth = [p for p in tube.pattern.panels if p.role is Role.TAB]
            # the sagitta of one tooth's chord
            self.assertLessEqual(30 * (1 - math.cos(math.pi / len(teeth))), smooth)
            self.assertEqual({p.whole for p in teeth}, {"base teeth"})

    def test_closed_ends_and_outside_measures_contradict(self) -> None:
        self.assertEqual(set(given_way("tube", {"fits": "in", "ends": "base"})), {"ends"})
        self.assertEqual(set(given_way("tube", {"diameter": 12.0, "ends": "base"})), {"ends"})


class Cones(unittest.TestCase):
    @given(st.floats(60, 200), st.floats(0.0, 0.8), st.floats(0.5, 2.0), st.floats(0.08, 0.4))
    def test_radii_and_angle_of_the_sector_are_the_handbooks(self, foot: float, share: float, steep: float,
                                                             caliper: float) -> None:
        # development of a right cone of middle diameter d and slant s: R = s d / (d - d2), angle = 2 pi (d /
        # 2) / R; the middle surface lies half a caliper out along the wall's normal
        rim = foot * share if foot * share >= 6 else 0.0
        height = steep * foot
        cone = made("cone", caliper, foot=foot, rim=rim, height=height, lap=3.0, ends="open", smooth=0.05)
        slant = math.hypot(height, (foot - rim) / 2)
        lean = math.asin((foot - rim) / 2 / slant)
        outer = foot / 2 / math.sin(lean) + caliper / 2 / math.tan(lean)
        found = arcs(cone.pattern.cuts[0])
        self.assertAlmostEqual(max(a.radius for a in found), outer, delta=0.01 + 0.001 * caliper * outer
                               / foot)
        bends = cone.pattern.folds
        turned = [math.atan2(f.end[1] - f.start[1], f.end[0] - f.start[0]) for f in bends]
        each = {round((b - a) % (2 * math.pi), 9) for a, b in pairwise(turned[:5])}
        self.assertEqual(len(each), 1)
        facets = sum(not p.name.startswith("x") for p in cone.pattern.panels)
        self.assertGreater(facets, 19)
        angle = min(each.pop(), 2 * math.pi - each.pop() if each else 9.0)
        count = round(2 * math.pi * math.sin(lean) / angle)
        self.assertAlmostEqual(count * angle, 2 * math.pi * math.sin(lean), delta=1e-6)

    def test_gores_are_alike_and_go_round_once(self) -> None:
        whole = made("cone", 0.2, foot=90.0, rim=30.0, height=70.0, ends="open", lap=6.0)
        for count in (2, 5, 12):
            cone = made("cone", 0.2, foot=90.0, rim=30.0, height=70.0, ends="open", lap=6.0,
                        gores=float(count))
            gores = [p for p in cone.patterns if p.name.startswith("gore")]
            self.assertEqual(len(gores), count)
            self.assertEqual(len({round(p.area, 6) for p in gores}), 1)
            walls = [p for g in gores for p in g.panels if p.role is Role.WALL and " lap " not in p.name]
            bare = [p for p in whole.pattern.panels if int(p.name.split()[1]) <= len(whole.pattern.panels)
                    - len(whole.pattern.laps)]
            self.assertAlmostEqual(sum(p.area for p in walls), sum(p.area for p in bare),
                                   delta=0.0005 * whole.area_mm2)
            self.assertTrue(all(c.closes for c in cone.closures))
            self.assertEqual(len([c for c in cone.closures if " on " in c.seam]), count * len(gores[0].laps))

    def test_a_cone_that_is_a_tube_or_a_plate_is_refused(self) -> None:
        for values in ({"foot": 60.0, "rim": 60.0}, {"foot": 300.0, "rim": 0.0, "height": 5.0},
                       {"foot": 60.0, "rim": 3.0}):
            with self.assertRaises(MeasureError):
                made("cone", **values)
        flat: dict[str, float | str] = {"foot": 60.0, "rim": 400.0, "height": 5.0, "gores": 2.0, "lap": 3.0,
                                        "ends": "base"}
        self.assertEqual(set(given_way("cone", flat)), {"ends"})  # open it lies on no disc


class Bands(unittest.TestCase):
    @given(st.floats(50, 200), st.integers(1, 6))
    def test_together_they_reach_from_disc_to_disc_and_touch_the_ball_in_their_middles(
        self, size: float, count: int) -> None:
        values: dict[str, Value] = {"diameter": size, "bands": float(count), "cap": 20.0, "over": 2.0}
        *bands, (equator, _) = band_walls(values)
        arcs_of = [wall.slant - 2.0 for wall, _ in bands]
        hole = 20.0 / 2 - 2.0
        self.assertAlmostEqual(2 * sum(arcs_of) + equator.height + 2 * hole, math.pi * size / 2, places=6)
        for wall, foot in bands:
            # the cone that touches a ball of radius R at angle m from the pole: its middle at (R sin m, R cos
            # m)
            up = (wall.slant - 2.0) / 2 / wall.slant  # the middle, from the rim down
            r = (wall.high + (wall.low - wall.high) * up) / 2
            z = foot + wall.height * (1 - up)
            self.assertAlmostEqual(math.hypot(r, z), size / 2, places=6)
            slope = (wall.low - wall.high) / 2 / wall.height
            self.assertAlmostEqual(slope, z / r, places=6)  # square to the radius

    def test_their_area_is_the_balls(self) -> None:
        skin = made("ball-bands", 0.1, diameter=100.0, bands=5.0, cap=16.0, over=1.0, lap=2.0)
        area = sum(p.area for p in skin.patterns)
        over = 2 * 5 * 2 * math.pi * 40 * 1.0  # about what laps over: five parallels in each half
        self.assertAlmostEqual(area / (math.pi * 100.1**2 + over), 1.0, delta=0.02)

    def test_a_disc_too_small_for_the_opening_is_refused(self) -> None:
        self.assertEqual(set(given_way("ball-bands", {"cap": 10.0, "over": 3.0})), {"cap"})


class Balls(unittest.TestCase):
    def test_the_area_of_the_gores_tends_to_the_balls(self) -> None:
        off = []
        for count in (6, 10, 16):
            skin = made("ball-gores", 0.1, diameter=100.0, gores=float(count), band=1.0, lap=2.0, cap=0.0)
            petals = sum(p.area for p in skin.pattern.panels if p.name != "lap")
            off.append(petals / (math.pi * 100.1**2) - 1)
        self.assertLess(max(map(abs, off)), 0.01)

    def test_a_gore_reaches_from_pole_to_pole(self) -> None:
        for size, caliper in ((40.0, 0.1), (120.0, 0.3)):
            skin = made("ball-gores", caliper, diameter=size, cap=0.0)
            # half a circle about the card's middle, longer by what the tip's corner runs out where two sides
            # meet at a point
            self.assertAlmostEqual(skin.pattern.box.height, math.pi * (size + caliper) / 2,
                                   delta=2.5 * caliper)

    def test_the_widths_follow_the_sine(self) -> None:
        skin = made("ball-gores", 0.08, diameter=100.0, gores=10.0, band=2.0, cap=0.0)
        for step in (2, 3, 4):
            line = next(f for f in skin.pattern.folds if f.child == f"gore 1 up {step + 1}")
            s = abs(skin.pattern.box.top - line.start[1])
            width = math.pi * 100 / 10 * math.sin(2 * s / 100)
            self.assertAlmostEqual(line.length, width, delta=0.15)

    def test_a_dome_is_half_of_it_on_a_band(self) -> None:
        dome = made("dome", 0.2, diameter=40.0, play=0.0, band=8.0, cap=0.0)
        self.assertAlmostEqual(dome.outside[2], 8 + 20, delta=0.6)


class Walls(unittest.TestCase):
    def strip(self, result: Build) -> float:
        """Length of the wall from its beginning to where it laps, over all strips."""
        total = 0.0
        for pattern in result.patterns:
            if pattern.name.startswith("strip"):
                walls = [p for p in pattern.panels if p.name.startswith("wall")]
                total += sum(p.polygon[1][0] - p.polygon[0][0] if len(p.polygon) == 4
                             else self.width(pattern, p.name) for p in walls)
        return total

    def width(self, pattern: Pattern, name: str) -> float:
        xs = [p[0] for p in pattern.by_name[name].polygon]
        return max(xs) - min(xs)

    @given(st.sampled_from(sorted(profile_wall.LIBRARY)), st.floats(80, 400), st.floats(0.08, 0.5),
           st.floats(0.1, 1.0))
    def test_the_strip_is_as_long_as_the_outline(self, outline: str, width: float, caliper: float,
                                                 smooth: float) -> None:
        result = made("profile-wall", caliper, outline=outline, width=width, smooth=smooth, faces="one")
        around = path_length(contour.path(profile_wall.outline_of(result.brief.values)))
        xs = 0.0
        for pattern in result.patterns:
            names = [p.name for p in pattern.panels if p.name.startswith("wall")]
            if names:
                lines = [f.start[0] for f in pattern.folds if f.child in names or f.parent in names]
                last = next((f for f in pattern.folds if f.parent == names[-1] and f.child.startswith("lap")),
                            None)
                self.assertIsNotNone(last)
                first = next(p for piece in result.draft.pieces for p in piece.panels if p.name == names[0])
                # clear of the wall before, round the corner
                kept = sum(rule.by for _, rule in first.edges if isinstance(rule, Inset))
                xs += max([*lines, last.start[0]]) - pattern.box.left + kept
        # a strip that begins on a curve begins half a chord's excess short, at its free edge
        runs = profile_wall.loops(result.brief.values)[0].runs
        excess = max(run.length - run.chord for run in runs) / 2
        strips = sum(p.name.startswith("strip") for p in result.patterns)
        self.assertAlmostEqual(xs, around,
                               delta=0.01 + excess * (strips if runs[0].sweep_deg else strips - 1))

    def test_openings_are_walled_and_their_strips_are_as_long_as_they_are_round(self) -> None:
        for outline, caliper in (("ring", 0.1), ("frame", 0.4), ("ring", 0.5)):
            result = made("profile-wall", caliper, outline=outline, width=120.0, smooth=0.1)
            hole = profile_wall.shape_of(result.brief.values)[1]
            strip = next(p for p in result.patterns if p.name == "inner 1 strip")
            names = [p.name for p in strip.panels if p.name.startswith("inner 1 wall")]
            lap = next(f for f in strip.folds if f.parent == names[-1] and "lap" in f.child)
            self.assertAlmostEqual(lap.start[0] - strip.box.left, path_length(contour.path(hole)), delta=0.06)
            self.assertTrue(all(c.closes for c in result.closures))
            posed = fold.finished(strip)
            middle = np.array([60.0, result.draft_box("front").height / 2])
            for name in names:  # their printed faces look into the opening
                at = fold.place(posed[name], strip.by_name[name].polygon).mean(axis=0)[:2]
                self.assertGreater(float(posed[name][:2, 2] @ (middle - at)), 0)
            # and their teeth lie behind the faces, away from it
            for teeth in (p for p in strip.panels if p.role is Role.FLAP):
                at = fold.place(posed[teeth.name], teeth.polygon).mean(axis=0)
                self.assertFalse(Area(flat_points(contour.path(hole))).contains(Point(at[0], at[1])))
                self.assertLess(min(abs(at[2] - 20.0), abs(at[2])), 0.6)

    def test_an_overlay_leaves_its_border_all_round(self) -> None:
        result = made("profile-wall", outline="frame", width=100.0, overlay="all", border=4.0)
        pieces = {p.name: p for p in result.patterns}
        over, back = pieces["front overlay"], pieces["back overlay"]
        self.assertAlmostEqual(over.box.width, 92.0, places=6)
        self.assertAlmostEqual(over.area, 92 * 62 - (56 + 8) * (30 + 8), places=3)
        self.assertAlmostEqual(back.area, over.area, places=3)
        round_ = made("profile-wall", outline="ring", width=100.0, overlay="front", border=4.0, faces="one",
                      smooth=0.05)
        disc = next(p for p in round_.patterns if p.name == "front overlay")
        # its facets are offset as chords
        self.assertAlmostEqual(disc.area, math.pi * (46**2 - 29**2), delta=4.0)
        self.assertEqual(
            set(given_way("profile-wall",
                          {"outline": "star", "width": 40.0, "overlay": "front", "border": 12.0})),
                          {"border"})

    def test_a_border_too_wide_for_the_overlay_beside_an_opening_gives_way(self) -> None:
        # the ring is a quarter of its width wide: 20 mm, of which a border takes two
        ring = {"outline": "ring", "width": 80.0, "overlay": "front", "border": 30.0}
        gave = given_way("profile-wall", ring)
        self.assertEqual(set(gave), {"border"})
        self.assertLess(2 * float(gave["border"][1]), 20.0)
        overlay = next(p for p in made("profile-wall", **ring).patterns if p.name == "front overlay")
        self.assertGreater(overlay.area, 0.0)

    def test_teeth_that_would_meet_between_two_walls_are_shorter(self) -> None:
        self.assertEqual(set(given_way("profile-wall", {"outline": "ring", "width": 40.0, "tooth": 8.0})),
                         {"tooth"})

    def test_openings_lie_clear_within(self) -> None:
        outline = "0,0 80,0 80,60 0,60"
        self.assertEqual(
            contour.write_shape(contour.read_shape(f"{outline};10,10 20,10 20,20;40,10 60,10 60,30")),
                         f"{outline};10,10 20,10 20,20;40,10 60,10 60,30")
        for bad in ("70,10 90,10 90,30", "10,10 20,10 20,20;15,12 30,12 30,18"):
            with self.assertRaises(MeasureError):
                contour.read_shape(f"{outline};{bad}")

    def test_the_number_of_its_teeth_stands_where_there_is_room(self) -> None:
        arch = made("profile-wall", outline="arch", width=64.0)
        for pattern in arch.patterns:
            for key in pattern.keys:
                if not key.bears:  # the straight foot, not one of the small teeth of the arc
                    self.assertGreater(math.dist(*key.line), 20.0)

    def test_a_long_wall_is_made_in_strips_that_lap_onto_each_other(self) -> None:
        result = made("profile-wall", outline="house", width=200.0, strip=200.0, lap=10.0)
        strips = [p for p in result.patterns if p.name.startswith("strip")]
        self.assertGreater(len(strips), 2)
        for pattern in strips:
            self.assertLessEqual(pattern.box.width, 200.5)
        self.assertTrue(all(c.closes for c in result.closures))

    def test_the_outlines_offered_are_sound(self) -> None:
        for name, text in profile_wall.LIBRARY.items():
            self.assertEqual(contour.read_shape(text), contour.read_shape(text, ours=True), name)

    def test_an_outline_of_ones_own(self) -> None:
        result = made("profile-wall", outline="own", drawn="0,0 60,0 60,20,-90 40,40 0,40", width=90.0)
        self.assertTrue(all(c.closes for c in result.closures))
        self.assertAlmostEqual(next(p for p in result.patterns if p.name == "front").box.width, 90.0,
                               delta=0.5)
        with self.assertRaises(MeasureError):
            made("profile-wall", outline="own")
        with self.assertRaises(MeasureError) as caught:
            made("profile-wall", outline="own", drawn="0,0 50,50 50,0 0,40")
        self.assertIn("crosses itself", str(caught.exception))


class Pillows(unittest.TestCase):
    @given(st.floats(40, 200), st.floats(0.15, 0.8), st.floats(1.2, 3.0))
    def test_the_flat_is_the_folded_form_unrolled(self, width: float, full: float, long: float) -> None:
        length = min(500.0, max(40.0, long * max(width, 2 * full * width)))
        pouch = made("pillow", 0.3, width=width, thick=min(120.0, full * width), length=length, lap=8.0)
        frame = json.loads(fold_file(pouch))
        flat, folded = (np.array(frame["vertices_coords"]),
                        np.array(frame["file_frames"][0]["vertices_coords"]))
        # every length within a face, and so every path over it, is the same on both
        for face in frame["faces_vertices"]:
            for a, b in zip(face, face[2:] + face[:2], strict=True):
                self.assertAlmostEqual(float(np.linalg.norm(flat[a] - flat[b])),
                                       float(np.linalg.norm(folded[a] - folded[b])), delta=0.02)
        # each vertex is one point of the folded form, whichever face one comes from: no crack opens along
        # score or bend
        posed = fold.finished(pouch.pattern)
        at: dict[tuple[int, int], np.ndarray] = {}
        for panel in pouch.pattern.panels:
            if panel.whole == "lap":
                continue
            for p, q in zip(fold.place(posed[panel.name], panel.polygon), panel.flat_polygon, strict=True):
                key = (round(q[0] * 1e4), round(q[1] * 1e4))
                self.assertLess(float(np.linalg.norm(at.setdefault(key, p) - p)), 0.02)

    def test_the_ends_stand_upright_and_meet_front_and_back(self) -> None:
        pouch = made("pillow", 0.3, width=80.0, thick=26.0, length=130.0)
        posed = fold.finished(pouch.pattern)
        for panel in pouch.pattern.panels:
            if panel.whole.endswith("flap"):
                self.assertAlmostEqual(float(posed[panel.name][2, 2]), 0.0, places=6)  # its normal lies level
        tops = [fold.place(posed[p.name], p.polygon)[:, 2] for p in pouch.pattern.panels if p.whole
                == "front"]
        self.assertAlmostEqual(max(float(z.max()) for z in tops), 26.0, delta=0.01)

    def test_the_score_follows_the_height_of_the_side(self) -> None:
        # the score lies as far from the end as the side is high there: 26 / 2 in the middle, nothing at the
        # edges
        pouch = made("pillow", 0.3, width=80.0, thick=26.0, length=130.0)
        scores = [f for f in pouch.pattern.folds if f.curved and f.child.startswith("front lower")]
        heights = sorted(y for f in scores for _, y in (f.start, f.end))
        self.assertAlmostEqual(heights[-1] - heights[0], 13.0, delta=1e-6)
        strokes = [s for s in pattern_strokes(pouch.pattern) if s.ink is Ink.MOUNTAIN and len(s.path) > 1]
        self.assertEqual([len(s.path) for s in strokes], [16] * 4)  # four curved scores, each one stroke


class Wreaths(unittest.TestCase):
    def test_the_ring_comes_free_outside_and_inside_and_its_rays_turn_back(self) -> None:
        wreath = made("wreath", diameter=180.0, ring=28.0, rays=16.0, back=150.0)
        outside, inside, hole = wreath.pattern.cuts
        self.assertAlmostEqual(path_length(outside), math.pi * 180, delta=0.01)
        self.assertAlmostEqual(path_length(hole), math.pi * 1.5, delta=0.01)
        self.assertGreater(len(inside), 32)
        posed = fold.finished(wreath.pattern)
        for panel in wreath.pattern.panels:
            if panel.whole == "rays":
                tip = fold.place(posed[panel.name], panel.polygon)
                self.assertGreater(float(tip[:, 2].max()), 10.0)  # turned towards the one who looks
                self.assertAlmostEqual(float(posed[panel.name][2, 2]), math.cos(math.radians(150)), places=6)

    def test_the_thread_is_said_in_length(self) -> None:
        wreath = made("wreath", diameter=180.0, ring=28.0, rays=16.0, motif="round", size=40.0)
        said = next(f for f in run(wreath, find_sheet("A3")) if f.code == "remark" and "thread" in f.sentence)
        # from the hole, 5 mm into the ring, to that of the motif, 2.25 mm under its upper edge, and 80 mm
        # for two knots
        wanted = (90 - 28) * math.cos(math.pi / 16) + 5 - 20 + 2.25 + 80
        self.assertIn(f"{round(wanted)} mm", said.sentence)

    def test_what_cannot_hang_or_be_cut_gives_way(self) -> None:
        for values, name in (({"ring": 80.0}, "ring"), ({"rays": 32.0, "diameter": 60.0, "ring": 12.0},
                                                        "rays"), ({"size": 130.0}, "size")):
            with self.subTest(values):
                self.assertIn(name, given_way("wreath", values))


class Bends(unittest.TestCase):
    def test_bends_are_drawn_as_bends_and_stand_in_the_fold_file_without_a_crease(self) -> None:
        tube = made("tube")
        inks = [s.ink for s in pattern_strokes(tube.pattern)]
        # a tick at each end
        self.assertEqual(inks.count(Ink.BEND), 2 * sum(f.bend for f in tube.pattern.folds))
        data = json.loads(fold_file(tube))
        bent = [a for kind, a in zip(data["edges_assignment"], data["edges_foldAngle"], strict=True) if kind
                == "U"]
        self.assertEqual(len(bent), sum(f.bend for f in tube.pattern.folds))
        self.assertTrue(all(a < 0 for a in bent))  # mountains, by the format's sign

    def test_the_folded_view_runs_on_smoothly_over_bends_only(self) -> None:
        tube = solid.solids(made("tube", ends="open").pattern)
        flat = np.repeat(tube.normals[:, None], 3, axis=1)
        self.assertGreater(float(np.abs(tube.shading - flat).max()), 0.1)
        box = solid.solids(made("tray").pattern)
        self.assertEqual(float(np.abs(box.shading - box.normals[:, None]).max()), 0.0)

    def test_a_hole_is_open_in_the_solid_and_a_cut_in_the_fold_file(self) -> None:
        ring = made("ring-recess")
        collar = next(p for p in ring.patterns if p.name == "collar")
        shape = solid.solids(collar)
        caps = shape.triangles[shape.face == solid.PRINTED]
        area = 0.5 * np.linalg.norm(np.cross(caps[:, 1] - caps[:, 0], caps[:, 2] - caps[:, 0]), axis=1).sum()
        inner, outer = 40.5 / 2, 40.5 / 2 + 12
        self.assertAlmostEqual(float(area), math.pi * (outer**2 - inner**2), delta=30.0)
        self.assertAlmostEqual(collar.area, math.pi * (outer**2 - inner**2), delta=12.0)
        frames = [d := json.loads(fold_file(ring)), *d["file_frames"]]
        self.assertIn("C", next(f for f in frames if f["mingei:piece"] == "collar")["edges_assignment"])

    def test_the_teeth_of_a_foot_turn_in_out_or_both_by_turns(self) -> None:
        rings = {way: made("ring-recess", floor=way) for way in ("in", "out", "turns")}
        for way, ring in rings.items():
            posed = fold.finished(ring.pattern)
            facets = len({p.name for p in ring.draft.pieces[0].panels if p.name.startswith("wall ")}
                         - {"wall 21", "wall 22"})
            way_out = {}
            for p in ring.pattern.panels:
                if p.name.startswith(("foot teeth", "floor teeth")):
                    at = fold.place(posed[p.name], p.polygon).mean(axis=0)
                    way_out[int(p.name.split()[-1])] = math.hypot(at[0], at[1]) > 40.5 / 2
                    self.assertLess(abs(at[2]), 1.0)  # all lie at the foot
            wanted = {"in": [False] * facets, "out": [True] * facets,
                      "turns": [False, True] * (facets // 2)}[way]
            # where the wall laps, on the facet above
            self.assertEqual({n: wanted[(n - 1) % facets] for n in way_out}, way_out)
            self.assertGreaterEqual(len({(n - 1) % facets for n in way_out}), facets - 1)
            self.assertEqual("floor" in {p.name for p in ring.patterns}, way != "out")
            self.assertTrue(all(c.closes for c in ring.closures))

    def test_teeth_are_said_once_a_row_and_scaled_with_their_curve(self) -> None:
        tube = made("tube", tooth=15.0)
        said = [f for f in run(tube, find_sheet("A4")) if f.code.startswith("tab")]
        self.assertEqual(len(said), 1)
        larger = build(scaled(tube.brief, 2.0), tube.stock)
        self.assertEqual(sum("base teeth" in str(r.name) for r in table(tube, larger)), 1)

    def test_the_steps_name_faces_not_facets(self) -> None:
        words = " ".join(str(s.words) for s in made("ring-recess").steps)
        self.assertIn("roll it up", words)
        self.assertNotIn("wall 2", words)
        self.assertIn("Fold the rim teeth out", words)


if __name__ == "__main__":
    unittest.main()
