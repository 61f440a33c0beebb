"""Jobs for machines: read back by what is not ours they are the pattern; what the stand-in is given to refuse
it refuses, and our own jobs it lets pass."""

from __future__ import annotations

import contextlib
import io
import itertools
import json
import math
import random
import re
import shutil
import subprocess
import tempfile
import unittest
import warnings
from collections.abc import Sequence
from dataclasses import replace
from pathlib import Path

import ezdxf
import ezhpgl
import jsonschema
from gcodeparser import GcodeParser
from hypothesis import given, settings
from hypothesis import strategies as st
from shapely import LineString, MultiLineString, Point, Polygon, distance, points
from svgelements import SVG
from svgelements import Path as Drawn

from mingei.assets import demo_file
from mingei.cli import main
from mingei.core.amendments.opening import Opening
from mingei.core.document.build import build, loads_of_all
from mingei.core.document.project import new_brief
from mingei.core.errors import MeasureError, MingeiError, ProjectError
from mingei.core.layout.place import Item, Page, arrange, move_to
from mingei.core.layout.sheets import find_sheet
from mingei.core.plane.shape import Arc, Line, flat_points, path_bounds
from mingei.core.plane.shape import Path as Way
from mingei.core.stock import find_stock
from mingei.core.whole.joined import builds_of
from mingei.core.work.device import Does, refuse
from mingei.core.work.device import Way as ToolWay
from mingei.core.work.job import Job, Stage, job_for, try_square
from mingei.core.work.lines import lines_of
from mingei.core.work.order import Ends, ordered, travelled
from mingei.core.work.toolpath import beam_axis, blade_axis, bridged, middle_of, perforated
from mingei.devices.cutter import rehearse
from mingei.devices.job_reader import Stroke, read_job
from mingei.formats import device_file, project_file
from mingei.formats.device_file import devices, find_device
from mingei.formats.machine import machine_file

#: What the plotter language's steps of 1/40 mm leave, half a diagonal.
STEP_MM = 0.02


def pages_of_the_demo():
    project = project_file.load(demo_file())
    return arrange(loads_of_all(builds_of(project)), project.paper).pages


PAGES = pages_of_the_demo()


def on(page, device):
    try:
        return job_for(page, device)
    except MeasureError:
        return None


def trailed(axis: Way, offset: float, looks: tuple[float, float]) -> list[tuple[float, float]]:
    """Where a stone on a string of that length goes, drawn along a way: the equation of the tractrix, by
    small steps of its own."""
    way = flat_points(axis, 0.001)
    x, y = way[0][0] - looks[0] * offset, way[0][1] - looks[1] * offset
    found = [(x, y)]
    for (ax, ay), (bx, by) in itertools.pairwise(way):
        count = max(1, math.ceil(math.dist((ax, ay), (bx, by)) / 0.02))
        for k in range(1, count + 1):
            px, py = ax + (bx - ax) * k / count, ay + (by - ay) * k / count
            away = math.dist((px, py), (x, y))
            if away > 1e-12:
                x, y = px + (x - px) * offset / away, py + (y - py) * offset / away
                found.append((x, y))
    return found


class ABlade(unittest.TestCase):
    def off(self, tip: Way, axis: Way, offset: float) -> float:
        ux, uy = tip[0].end[0] - tip[0].start[0], tip[0].end[1] - tip[0].start[1]
        long = math.hypot(ux, uy)
        cut, drawn = LineString(trailed(axis, offset, (ux / long, uy / long))), LineString(flat_points(tip,
                                                                                                       0.001))
        return max(max(distance(points(cut.coords), drawn)),
                   max(distance(points(drawn.segmentize(0.2).coords), cut)))

    @settings(max_examples=25)
    @given(st.floats(0.25, 0.9), st.floats(15.0, 170.0), st.booleans())
    def test_cuts_any_corner_on_its_drawing_when_led_and_not_when_not(self, offset, inner, left) -> None:
        turn = math.radians(180.0 - inner) * (1 if left else -1)
        tip = Line((0.0, 0.0), (20.0, 0.0)), Line((20.0, 0.0), (20 + 20 * math.cos(turn),
                                                                20 * math.sin(turn)))
        self.assertLessEqual(self.off(tip, blade_axis(tip, offset), offset), 0.05)
        self.assertGreater(self.off(tip, tip, offset), 0.9 * offset)  # at its end at least by all of it

    @settings(max_examples=25)
    @given(st.floats(0.25, 0.9), st.floats(1.0, 40.0), st.floats(20.0, 340.0), st.booleans())
    def test_cuts_any_arc_on_its_drawing(self, offset, radius, sweep, left) -> None:
        way = sweep if left else -sweep
        arc = Arc((0.0, radius if left else -radius), radius, -90.0 if left else 90.0, way)
        tip = Line((-20.0, 0.0), (0.0, 0.0)), arc
        self.assertLessEqual(self.off(tip, blade_axis(tip, offset), offset), 0.05)

    def test_the_stand_in_shows_what_a_job_that_does_nothing_about_it_would_do(self) -> None:
        device = find_device("knife-300")
        offset = next(t.offset_mm for t in device.tools if t.way is ToolWay.BLADE)
        page = PAGES[0]
        job = job_for(page, device)
        bare = [Stroke("cut-outline", 3, tuple(flat_points(s.drawn))) for s in job.strokes
                if s.stage is Stage.OUTLINE and s.of]
        self.assertGreater(rehearse(bare, device, page).worst_mm, 0.5 * offset)
        self.assertIn("off-the-drawing", {f.code for f in rehearse(bare, device, page).faults})


class ABeam(unittest.TestCase):
    @given(st.integers(3, 9), st.floats(5.0, 40.0), st.floats(0.02, 0.3), st.randoms(use_true_random=False))
    def test_goes_half_its_width_outside_a_part_and_inside_an_opening(self, count, size, half, dice) -> None:
        ring = [(size * dice.uniform(0.5, 1) * math.cos(2 * math.pi * k / count),
                 size * dice.uniform(0.5, 1) * math.sin(2 * math.pi * k / count)) for k in range(count)]
        if Polygon(ring).area < 20 or not Polygon(ring).exterior.is_ccw:
            return
        part = tuple(Line(a, b) for a, b in zip(ring, [*ring[1:], ring[0]], strict=True))
        outside = LineString(flat_points(beam_axis(part, half)))
        # what is left of the plane when the beam has gone round: shapely's own buffer says the same
        wanted = Polygon(ring).buffer(half, quad_segs=32).exterior
        there = points(outside.segmentize(1.0).coords)
        self.assertLess(max(distance(there, wanted)), 0.02)
        self.assertGreater(min(distance(there, Polygon(ring).exterior)), half - 0.02)

    def test_opens_a_narrow_notch_to_its_end(self) -> None:
        ring = ((0.0, 0.0), (40.0, 0.0), (40.0, 20.0), (20.2, 20.0), (20.0, 5.0), (19.8, 20.0), (0.0, 20.0))
        way = beam_axis(tuple(Line(a, b) for a, b in zip(ring, (*ring[1:], ring[0]), strict=True)), 0.08)
        nearest = min(math.dist(s.end, (20.0, 5.0)) for s in way)
        self.assertLess(nearest, 0.1)

    @given(st.floats(0.0, 0.15), st.floats(0.0, 0.1), st.floats(1.0, 8.0), st.floats(-1.0, 1.0),
           st.integers(1, 3), st.floats(0.07, 0.12))
    def test_opens_notches_of_any_make_sharp_or_blunt_straight_or_bent_to_their_end(
            self, floor, flare, deep, bent, pieces, half) -> None:
        depths = [deep * k / pieces for k in range(pieces + 1)]
        middles = [(20.0 + bent * (h / deep) ** 2 / 4, 20.0 - deep + h) for h in depths]
        left = [(x - floor / 2 - flare * k / pieces, y) for k, (x, y) in enumerate(middles)]
        right = [(x + floor / 2 + flare * k / pieces, y) for k, (x, y) in enumerate(middles)]
        ring = [(0.0, 0.0), (40.0, 0.0), (40.0, 20.0), *right[::-1], *left[floor < 1e-9:], (0.0, 20.0)]
        if floor + 2 * flare < 0.01 or not Polygon(ring).is_valid:
            return
        way = beam_axis(tuple(Line(a, b) for a, b in zip(ring, (*ring[1:], ring[0]), strict=True)), half)
        burnt = LineString(flat_points(way)).buffer(half, quad_segs=16)
        self.assertLess(burnt.distance(Point(middles[0])), 0.03)
        # what it takes away of the part is no more than a beam led along the middle cannot but take
        self.assertLess(burnt.intersection(Polygon(ring)).area, deep * 2 * half + 0.05)
        self.assertTrue(burnt.intersects(LineString(middles).interpolate(0.5, normalized=True)))


class Perforations(unittest.TestCase):
    @given(st.floats(0.5, 400.0), st.floats(0.3, 6.0), st.floats(0.3, 3.0), st.floats(0, 360))
    def test_begin_and_end_with_card_and_leave_bridges_as_wide_as_asked(self, length, cut, bridge,
                                                                        turn) -> None:
        ux, uy = math.cos(math.radians(turn)), math.sin(math.radians(turn))
        line = Line((3.0, 4.0), (3.0 + ux * length, 4.0 + uy * length))
        dashes = perforated(line, cut, bridge)
        at = 0.0
        for dash in dashes:
            begin = math.dist(line.start, dash.start)
            self.assertGreaterEqual(begin - at, bridge - 1e-7)
            self.assertGreater(dash.length, 0.0)
            at = math.dist(line.start, dash.end)
        if dashes:
            self.assertGreaterEqual(length - at, bridge - 1e-7)
        else:
            self.assertLess(length, 2 * bridge + cut)

    def test_no_point_where_folds_meet_is_cut_through_on_any_sheet_of_the_demo(self) -> None:
        device = find_device("knife-600")
        for page in PAGES[:6]:
            try:
                job = job_for(page, device, way=Does.PERFORATE)
            except MeasureError:
                continue
            ends = [p for s in lines_of(page).scores for p in (s.start, s.end)]
            for stroke in job.strokes:
                if stroke.stage is Stage.PERFORATE and stroke.of:
                    a, b = stroke.drawn[0].start, stroke.drawn[-1].end
                    self.assertGreater(min(math.dist(a, p) for p in ends), 0.7)
                    self.assertGreater(min(math.dist(b, p) for p in ends), 0.7)

    @given(st.floats(20.0, 100.0), st.floats(0.3, 1.0), st.integers(1, 4))
    def test_bridges_of_an_outline_are_as_wide_as_asked(self, size, width, count) -> None:
        ring = ((0.0, 0.0), (size, 0.0), (size, size), (0.0, size))
        runs = bridged(tuple(Line(a, b) for a, b in zip(ring, (*ring[1:], ring[0]), strict=True)), width,
                       count)
        self.assertEqual(len(runs), count)
        made = sum(s.length for run in runs for s in run)
        self.assertAlmostEqual(made, 4 * size - count * width, places=6)


class Order(unittest.TestCase):
    @settings(max_examples=12)
    @given(st.integers(0, 10 ** 6), st.integers(4, 18))
    def test_travels_within_a_tenth_of_the_best_of_many_long_runs(self, seed, count) -> None:
        dice = random.Random(seed)
        ends = [Ends((dice.uniform(0, 200), dice.uniform(0, 280)), (dice.uniform(0, 200), dice.uniform(0,
                                                                                                       280)),
                     True) for _ in range(count)]
        own = travelled(ordered(ends), ends, (0.0, 0.0))
        best = min(self.long_run(ends, dice) for _ in range(5))
        self.assertLessEqual(own, 1.10 * best + 1e-6)

    def long_run(self, ends: Sequence[Ends], dice) -> float:
        """A plain two-opt from an order by lot, until nothing gets shorter: written here, slowly."""
        way = [(i, dice.random() < 0.5) for i in range(len(ends))]
        dice.shuffle(way)
        now, better = travelled(way, ends, (0.0, 0.0)), True
        while better:
            better = False
            for i in range(len(way)):
                for j in range(i, len(way)):
                    other = way[:i] + [(n, not back) for n, back in reversed(way[i:j + 1])] + way[j + 1:]
                    length = travelled(other, ends, (0.0, 0.0))
                    if length < now - 1e-9:
                        way, now, better = other, length, True
        return now


class ReadBackByOthers(unittest.TestCase):
    """kerf or offset undone, what the files hold is the pattern."""

    def compared(self, page, job, lines: Sequence[LineString], allowed: float) -> None:
        """Every stroke of the job is in the file as it was worked out, by the reader's own points."""
        (x, y) = job.zero
        strokes = [LineString([(px - x, py - y) for px, py in flat_points(s.axis,
                                                                          0.002)]) for s in job.strokes
                   for _ in range(s.times)]
        self.assertEqual(len(lines), len(strokes))
        for own, other in zip(strokes, lines, strict=True):
            self.assertLess(own.hausdorff_distance(other), allowed)

    def test_dxf_by_ezdxf(self) -> None:
        for device in devices():
            job = on(PAGES[4], device)
            if job is None or ".dxf" not in device.output:
                continue
            found = ezdxf.read(io.StringIO(machine_file(job, ".dxf").decode()))
            lines = [LineString([(p.x, p.y) for p in ezdxf.path.make_path(e).flattening(0.002)])
                     for e in found.modelspace()]
            self.compared(PAGES[4], job, lines, 0.01)
            order = [e.dxf.layer for e in found.modelspace()]
            self.assertEqual(sorted(set(order), key=order.index), list(dict.fromkeys(order)))

    def test_svg_by_svgelements(self) -> None:
        for device in devices():
            job = on(PAGES[4], device)
            if job is None or ".svg" not in device.output:
                continue
            high = PAGES[4].sheet.height - job.zero[1]
            drawn = SVG.parse(io.BytesIO(machine_file(job, ".svg")), ppi=25.4, reify=True)
            lines = []
            for path in drawn.elements(lambda e: isinstance(e, Drawn)):
                points = []
                for part in path:
                    if type(part).__name__ in ("Move", "Line"):
                        points.append((part.end.x, high - part.end.y))
                    elif type(part).__name__ == "Arc":
                        points += [(p.x, high - p.y) for p in (part.point(k / 20) for k in range(1, 21))]
                lines.append(LineString(points))
            self.compared(PAGES[4], job, lines, 0.02)

    def test_gcode_by_a_parser_of_g_code(self) -> None:
        for device in devices():
            job = on(PAGES[4], device)
            if job is None or ".gcode" not in device.output:
                continue
            text = machine_file(job, ".gcode").decode()
            at, path, lines = (0.0, 0.0), [], []
            with warnings.catch_warnings():  # its own advice to use another of its functions
                warnings.simplefilter("ignore", DeprecationWarning)
                parsed = GcodeParser(text).lines
            for line in parsed:
                letter, number = line.command
                if letter != "G" or number not in (0, 1, 2, 3):
                    continue
                to = line.params.get("X", at[0]), line.params.get("Y", at[1])
                if number == 0 and ("X" in line.params or "Y" in line.params):
                    if len(path) > 1:
                        lines.append(LineString(path))
                    path = [to]
                elif number == 1 and to != at:
                    path.append(to)
                elif number in (2, 3):
                    cx, cy = at[0] + line.params["I"], at[1] + line.params["J"]
                    a, b = math.atan2(at[1] - cy, at[0] - cx), math.atan2(to[1] - cy, to[0] - cx)
                    sweep = (b - a) % (2 * math.pi) if number == 3 else -((a - b) % (2 * math.pi))
                    r = math.dist(at, (cx, cy))
                    path += [(cx + r * math.cos(a + sweep * k / 60), cy + r * math.sin(a + sweep * k / 60))
                             for k in range(1, 61)]
                at = to
            if len(path) > 1:
                lines.append(LineString(path))
            self.compared(PAGES[4], job, lines, 0.02)

    def test_plotter_files_by_two_readers_of_them(self) -> None:
        for id in ("knife-300", "knife-600", "table-wheel"):
            job = job_for(PAGES[4], find_device(id))
            data = machine_file(job, ".hpgl")
            plot = ezhpgl.parse(data)
            self.assertEqual(plot.completeness, "complete")
            lines = [LineString([(p.x, p.y) for p in o.geometry.points]) for o in plot.pages[0].operations]
            self.compared(PAGES[4], job, lines, 2 * STEP_MM)
            if shutil.which("hp2xx"):  # Debian's, where it is there, says the same
                self.compared(PAGES[4], job, self.by_hp2xx(data, job), 2 * STEP_MM)

    def by_hp2xx(self, data: bytes, job: Job) -> list[LineString]:
        """Its strokes; it draws from the corner of what is plotted, so that they are led back there."""
        with tempfile.TemporaryDirectory() as folder:
            source, made = Path(folder) / "job.hpgl", Path(folder) / "job.svg"
            source.write_bytes(data)
            subprocess.run(["hp2xx", "-q", "-t", "-m", "svg", "-f", str(made), str(source)], check=True,
                           capture_output=True, timeout=60)
            text = made.read_text()
        a_point = 25.4 / 72  # the unit of its SVG, mm; y runs down
        read = [LineString([(x * a_point, -y * a_point) for x, y in line]) for line in _polylines(text)]
        left, low, *_ = MultiLineString(read).bounds
        wide, high, *_ = MultiLineString([flat_points(s.axis, 0.002) for s in job.strokes]).bounds
        return [LineString([(x - left + wide, y - low + high) for x, y in line.coords]) for line in read]

    def test_without_its_offset_the_cut_of_every_outline_is_the_drawing(self) -> None:
        for number, device in enumerate(devices()):
            for page in PAGES[1 + number % 4::4][:1]:
                job = on(page, device)
                for ending in device.output if job is not None else ():
                    with self.subTest(device=device.id, page=page.number, ending=ending):
                        found = rehearse(read_job(machine_file(job, ending), ending), device, page)
                        self.assertLess(found.worst_mm, 0.05 if "beam" not in device.id else 0.1)


def _polylines(svg: str) -> list[list[tuple[float, float]]]:
    import re

    found = []
    for spots in re.findall(r'points="([^"]*)"', svg):
        numbers = [float(n) for n in re.findall(r"-?\d+\.?\d*", spots)]
        found.append(list(zip(numbers[::2], numbers[1::2], strict=True)))
    for d in re.findall(r'\bd="([^"]*)"', svg):
        line: list[tuple[float, float]] = []
        for letter, rest in re.findall(r"([ML])([^MLZ]*)", d):
            numbers = [float(n) for n in re.findall(r"-?\d+\.?\d*", rest)]
            if letter == "M" and len(line) > 1:
                found.append(line)
            line = ([] if letter == "M" else line) + list(zip(numbers[::2], numbers[1::2], strict=True))
        if len(line) > 1:
            found.append(line)
    joined: list[list[tuple[float, float]]] = []
    for line in found:  # long strokes are written in several parts
        if joined and math.dist(joined[-1][-1], line[0]) < 1e-3:
            joined[-1] += line[1:]
        else:
            joined.append(line)
    return [f for f in joined if len(f) > 1]


class NarrowSlots(unittest.TestCase):
    @given(st.floats(0.05, 0.39), st.floats(2.0, 80.0), st.floats(0.0, 360.0))
    def test_a_slot_narrower_than_the_tool_makes_is_one_slit_along_its_middle(self, wide, long, turn) -> None:
        cos, sin = math.cos(math.radians(turn)), math.sin(math.radians(turn))
        ring = [(40 + x * cos - y * sin, 50 + x * sin + y * cos)
                for x, y in ((0, 0), (0, wide), (long, wide), (long, 0))]
        slot = tuple(Line(a, b) for a, b in zip(ring, [*ring[1:], ring[0]], strict=True))
        slit = middle_of(slot, 0.4)
        self.assertIsNotNone(slit)
        self.assertAlmostEqual(slit.length, long, places=6)
        line = LineString([slit.start, slit.end])
        self.assertAlmostEqual(line.hausdorff_distance(Polygon(ring).exterior), wide / 2, places=6)
        self.assertIsNone(middle_of(slot, wide))

    def test_thin_card_s_slots_make_no_fault_and_a_slit_beside_their_middle_does(self) -> None:
        made = replace(new_brief("strut-base"), stock="card-120")
        pages = arrange(loads_of_all([build(made, find_stock("card-120"))]), find_sheet("A4")).pages
        device = find_device("knife-600")
        jobs = [(page, job_for(page, device)) for page in pages]
        slits = 0
        for page, job in jobs:
            strokes = list(read_job(machine_file(job, ".dxf"), ".dxf"))
            self.assertEqual([str(f.sentence) for f in rehearse(strokes, device, page).faults], [])
            inner = [n for n, s in enumerate(strokes) if s.group == "cut-inner" and len(s.points) == 2]
            slits += len(inner)
            if inner:
                n = inner[-1]
                aside = tuple((x + 0.3, y + 0.3) for x, y in strokes[n].points)
                strokes[n] = strokes[n]._replace(points=aside)
                self.assertIn("off-the-drawing", {f.code for f in rehearse(strokes, device, page).faults})
        self.assertGreater(slits, 0)


class TheStandIn(unittest.TestCase):
    """Each of these faults it must find, in a job that is otherwise ours."""

    @classmethod
    def setUpClass(cls) -> None:
        cls.device, cls.page = find_device("knife-300"), PAGES[4]
        cls.job = job_for(cls.page, cls.device)
        cls.strokes = list(read_job(machine_file(cls.job, ".hpgl"), ".hpgl"))

    def codes(self, strokes, device=None, page=None) -> set[str]:
        return {f.code for f in rehearse(strokes, device or self.device, page).faults}

    def outline(self) -> int:
        return max((n for n, s in enumerate(self.strokes) if s.group == "cut-outline"),
                   key=lambda n: len(self.strokes[n].points))

    def test_finds_nothing_on_our_own_jobs_of_the_demo(self) -> None:
        for number, device in enumerate(devices()):
            for page in PAGES[number % 5::10]:
                job = on(page, device)
                if job is None:
                    continue
                ending = device.output[-1]
                with self.subTest(device=device.id, page=page.number):
                    found = rehearse(read_job(machine_file(job, ending), ending), device, page)
                    self.assertEqual([str(f.sentence) for f in found.faults], [])

    def test_a_ring_that_begins_in_a_narrow_notch_is_the_whole_ring(self) -> None:
        beam = find_device("beam-desk")
        tool = next(t.number for t in beam.tools if t.way is ToolWay.BEAM)
        ring = ((20.1, 15.0), (20.2, 20.0), (40.0, 20.0), (40.0, 0.0), (0.0, 0.0), (0.0, 20.0), (19.8, 20.0),
                (19.9, 15.0), (19.9, 12.0), (20.1, 12.0), (20.1, 15.0))
        moved = tuple((x + 10, y + 10) for x, y in ((20.0, 13.0), *ring, (20.12, 16.0)))
        found = self.codes([Stroke("cut-outline", tool, moved)], beam)
        self.assertEqual(found & {"too-small", "open"}, set())

    def test_a_notch_narrower_than_its_own_floor_opens_to_its_end(self) -> None:
        # a neck of 0.1 mm over a floor of 0.2 mm, and a beam of 0.16 mm
        ring = ((0.0, 0.0), (20.0, 0.0), (20.0, 20.0), (10.5, 20.0), (10.05, 14.0), (10.1, 10.0), (9.9, 10.0),
                (9.95, 14.0), (9.5, 20.0), (0.0, 20.0))
        sides = tuple(Line(a, b) for a, b in zip(ring, (*ring[1:], ring[0]), strict=True))
        deepest = min(math.dist(s.start, (10.0, 10.0)) for s in beam_axis(sides, 0.08))
        self.assertLess(deepest, 0.15)

    def test_outside_the_bed(self) -> None:
        moved = [s._replace(points=tuple((x + 150, y) for x, y in s.points)) for s in self.strokes]
        self.assertIn("outside-bed", self.codes(moved))

    def test_a_fold_after_a_cut(self) -> None:
        folds = [s for s in self.strokes if s.group == "crease"]
        self.assertIn("cut-before-crease", self.codes([s for s in self.strokes if s not in folds] + folds))

    def test_a_part_freed_before_what_is_inside_it(self) -> None:
        ring = _ring(20, 20, 60, 60)
        inner = Stroke("cut-inner", 3, _ring(30, 30, 50, 50))
        outer = Stroke("cut-outline", 3, ring)
        device = find_device("beam-desk")
        number = next(t.number for t in device.tools if Does.CUT in t.does)
        wrong = [outer._replace(tool=number), inner._replace(tool=number)]
        self.assertIn("freed-early", self.codes(wrong, device))
        self.assertNotIn("freed-early", self.codes(wrong[::-1], device))

    def test_a_part_that_lies_in_what_falls_out_of_another_is_cut_before_that_falls(self) -> None:
        """A little tray laid within the window of a larger one, as a person may put it there."""
        card = find_stock("card-300")
        frame = replace(new_brief("tray", {"length": 200.0, "width": 150.0}), id="frame")
        frame = frame.with_opening(Opening("window", "base", width=150.0, height=120.0))
        little = replace(new_brief("tray", {"length": 40.0, "width": 30.0, "height": 15.0}), id="little")
        large, small = loads_of_all([build(frame, card), build(little, card)])
        around = Item(large, move_to(large.pattern, 0.0, 10.0, 20.0))
        alone = Page(find_sheet("A3"), (around,), 1, 1)
        opening = next(c for c in lines_of(alone).cuts if c.kind == "opening")
        box = path_bounds([opening.path])
        within = Item(small, move_to(small.pattern, 0.0, box.left + 10, box.bottom + 10))
        page = Page(find_sheet("A3"), (around, within), 1, 1)
        device = find_device("knife-600")
        for ending in device.output:
            strokes = read_job(machine_file(job_for(page, device), ending), ending)
            self.assertEqual([str(f.sentence) for f in rehearse(strokes, device, page).faults], [], ending)
            groups = [g for g in dict.fromkeys(x.group for x in strokes) if g.startswith("cut")]
            self.assertEqual(sorted(groups), ["cut-inner", "cut-outline"])
        cuts = [x for x in strokes if x.group.startswith("cut")]
        self.assertIn("freed-early", self.codes([*sorted(cuts, key=lambda x: x.group)], device))

    def test_a_path_left_open(self) -> None:
        n = self.outline()
        s = self.strokes[n]
        cut = s._replace(points=s.points[:2 * len(s.points) // 5])
        self.assertIn("open-path", self.codes([*self.strokes[:n], cut, *self.strokes[n + 1:]]))

    def test_a_line_cut_again(self) -> None:
        n = self.outline()
        self.assertIn("cut-twice", self.codes([*self.strokes, self.strokes[n]]) if n + 1 < len(self.strokes)
                      else self.codes([self.strokes[n], *self.strokes]))

    def test_what_is_narrower_than_the_tool_makes(self) -> None:
        self.assertIn("too-small", self.codes([Stroke("cut-inner", 3, _ring(20, 20, 40, 20.3))]))

    def test_a_curve_tighter_than_the_tool_makes(self) -> None:
        tight = Stroke("cut-inner", 3, _ring(20, 20, 40, 40), radius=0.5)
        self.assertIn("too-small", self.codes([tight]))

    def test_slits_too_near_each_other(self) -> None:
        slits = [Stroke("cut-inner", 3, ((20.0, y), (60.0, y))) for y in (30.0, 30.4)]
        turn = [Stroke("cut-inner", 3, ((10.0, 5.0), (15.0, 5.0)))]
        self.assertIn("slits-near", self.codes([*turn, *slits]))
        slits = [Stroke("cut-inner", 3, ((20.0, y), (60.0, y))) for y in (30.0, 33.0)]
        self.assertNotIn("slits-near", self.codes([*turn, *slits]))

    def test_a_small_part_that_nothing_holds(self) -> None:
        device = find_device("beam-desk")
        number = next(t.number for t in device.tools if Does.CUT in t.does)
        small = Stroke("cut-outline", number, _ring(20, 20, 24, 24))
        self.assertIn("bridge-missing", self.codes([small], device))
        self.assertNotIn("bridge-missing", self.codes([small._replace(points=_ring(20, 20, 60, 60))], device))

    def test_a_job_that_mostly_travels(self) -> None:
        far = [Stroke("cut-inner", 3, ((x, y), (x + 3, y))) for k in range(20)
               for x, y in [(10.0 + 250 * (k % 2), 10.0 + k)]]
        self.assertIn("travel", self.codes(far))

    def test_a_cut_off_its_drawing(self) -> None:
        n = self.outline()
        s = self.strokes[n]
        off = s._replace(points=tuple((x + 0.3, y) for x, y in s.points))
        self.assertIn("off-the-drawing",
                      self.codes([*self.strokes[:n], off, *self.strokes[n + 1:]], page=self.page))

    def test_a_cut_that_is_missing(self) -> None:
        n = self.outline()
        self.assertIn("off-the-drawing", self.codes(self.strokes[:n] + self.strokes[n + 1:], page=self.page))

    def test_a_tool_the_machine_has_not(self) -> None:
        self.assertIn("unknown-tool", self.codes([Stroke("cut-inner", 9, ((20.0, 20.0), (60.0, 20.0)))]))

    def spoiled(self, text: str, ending: str = ".hpgl", device=None) -> set[str]:
        device = device or self.device
        return {f.code for f in rehearse(read_job(text.encode(), ending), device, self.page).faults}

    @property
    def text(self) -> str:
        return machine_file(self.job, ".hpgl").decode()

    def creases(self) -> tuple[str, str, str]:
        """The job before its creases, those, and what comes after."""
        begin = self.text.index('CO"crease"')
        end = min(at for at in (self.text.find('CO"cut-inner"'), self.text.find('CO"cut-outline"')) if at > 0)
        return self.text[:begin], self.text[begin:end], self.text[end:]

    def test_creases_missing_shifted_astray_with_the_blade_or_too_seldom(self) -> None:
        before, some, after = self.creases()
        lines = some.splitlines(keepends=True)
        self.assertEqual(self.spoiled(before + some + after), set())
        self.assertIn("crease-missing", self.spoiled(before + after))
        self.assertEqual(self.spoiled(before + "".join(lines[:1] + lines[3:]) + after), {"crease-missing"})
        shifted = re.sub(r"(\d+),(\d+)", lambda m: f"{int(m[1]) + 20},{int(m[2]) + 20}", some)
        self.assertEqual(self.spoiled(before + shifted + after), {"crease-off"})
        across = some + 2 * "PU3000,3000;PD5500,6000;\n"
        self.assertEqual(self.spoiled(before + across + after), {"crease-stray"})
        self.assertEqual(self.spoiled(self.text.replace("SP2", "SP3")), {"wrong-tool"})
        self.assertEqual(self.spoiled(before + "".join([lines[0], *lines[1::2]]) + after), {"too-seldom"})

    def test_an_outline_cut_twice_as_often_and_a_speed_no_machine_has(self) -> None:
        _, _, after = self.creases()
        self.assertIn("too-often", self.spoiled(self.text.removesuffix("PU;SP0;\n") + after))
        self.assertEqual(self.spoiled(self.text.replace("VS5;", "VS500;")), {"too-fast"})

    def test_arcs_turned_the_other_way_and_a_beam_too_strong(self) -> None:
        table, beam = find_device("table-wheel"), find_device("beam-desk")
        arcs = machine_file(job_for(self.page, table), ".gcode").decode()
        other = arcs.replace("G2 ", "G9 ").replace("G3 ", "G2 ").replace("G9 ", "G3 ")
        self.assertIn("off-the-drawing", self.spoiled(other, ".gcode", table))
        page = next(p for p in PAGES if on(p, beam) is not None)
        burnt = machine_file(on(page, beam), ".gcode").decode()
        force = re.search(r"M3 S(\d+)", burnt)[1]
        strong = burnt.replace(f"M3 S{force}", f"M3 S{4 * int(force)}")
        found = rehearse(read_job(strong.encode(), ".gcode"), beam, page).faults
        self.assertIn("wrong-force", {f.code for f in found})

    def test_modes_words_and_places_it_does_not_read_are_refused_and_never_guessed(self) -> None:
        gcode = machine_file(job_for(self.page, find_device("table-wheel")), ".gcode").decode()
        dxf = machine_file(self.job, ".dxf").decode()
        svg = machine_file(self.job, ".svg").decode()
        for text, ending, told in (
                (gcode.replace("G21", "G20"), ".gcode", "inches"),
                (gcode.replace("G90", "G91"), ".gcode", "is"),
                (gcode.replace("X", "Xnan", 1), ".gcode", "not read"),
                (gcode[:len(gcode) // 2], ".gcode", "cut"), (gcode.replace("M2", "M98"), ".gcode", "M98"),
                (self.text.replace("PD", "PR", 1), ".hpgl", "PR"),
                (self.text.replace("PD", "PDx", 1), ".hpgl", "none"), (self.text[:-40], ".hpgl", "cut short"),
                (self.text.removesuffix("PU;SP0;\n"), ".hpgl", "cut short"),
                (dxf.replace("LWPOLYLINE", "SPLINE", 1), ".dxf", "SPLINE"), (dxf[:-30], ".dxf", "cut short"),
                (svg.replace("mm\"", "in\""), ".svg", "mm"),
                (svg.replace(' d="M', ' d="m', 1), ".svg", "way"),
                (svg.replace("<g ", '<g transform="scale(2)" ', 1), ".svg", "transform")):
            with self.subTest(ending=ending, told=told), self.assertRaises(ProjectError) as refused:
                read_job(text.encode(), ending)
            self.assertIn(told, str(refused.exception))
            self.assertNotIn("Error", str(refused.exception))

    def test_broken_jobs_are_refused_in_a_sentence(self) -> None:
        for data, ending in ((b"\xff\xfe", ".hpgl"), (b"<svg", ".svg"), (b"", ".gcode"), (b"0\nSECTION",
                                                                                          ".dxf"),
                             (b"PD;", ".plt"), (b"anything", ".pdf")):
            with self.subTest(ending=ending), self.assertRaises(ProjectError):
                read_job(data, ending)


def _ring(left: float, low: float, right: float, high: float) -> tuple[tuple[float, float], ...]:
    """Round a rectangle from the middle of its lower side, a little past it."""
    middle = (left + right) / 2
    return ((middle, low), (right, low), (right, high), (left, high), (left, low), (middle, low),
            (middle + 0.05, low))


class Refusals(unittest.TestCase):
    def test_what_a_machine_cannot_take_is_one_sentence_with_the_number_that_would_do(self) -> None:
        device = find_device("knife-300")
        for stock, wide, high, number in (("greyboard-20", 200, 200, "0.6"), ("card-300", 400, 200, "305")):
            with self.subTest(stock=stock), self.assertRaises(MeasureError) as caught:
                refuse(device, find_stock(stock), wide, high)
            self.assertIn(number, caught.exception.remedy)

    def test_broken_machines_are_refused_naming_the_file(self) -> None:
        good = (Path(device_file.__file__).parents[1] / "assets" / "devices" / "knife-300.json").read_text()
        for wrong in ("{", good.replace('"offset_mm": 0.3', '"offset_mm": 30'),
                      good.replace('"bed_mm"', '"bad_mm"'), good.replace('".hpgl"', '".exe"'),
                      good.replace('"tool": "blade"', '"tool": "spoon"'), good.replace('"up_to_mm": 0.2',
                                                                                       '"up_to_mm": "x"')):
            with self.subTest(wrong=wrong[:40]), tempfile.TemporaryDirectory() as folder:
                (Path(folder) / "mine.json").write_text(wrong)
                with self.assertRaises(MingeiError) as caught:
                    devices(Path(folder))
                self.assertIn("mine.json", str(caught.exception))

    def test_one_s_own_machine_is_there_beside_the_others_and_before_one_of_its_id(self) -> None:
        good = (Path(device_file.__file__).parents[1] / "assets" / "devices" / "knife-300.json").read_text()
        with tempfile.TemporaryDirectory() as folder:
            (Path(folder) / "a.json").write_text(good.replace("Trailing knife, 300 mm mat",
                                                              "The one in the shed"))
            found = {d.id: d.name for d in devices(Path(folder))}
        self.assertEqual(found["knife-300"], "The one in the shed")
        self.assertEqual(len(found), len(devices()))


class Schema(unittest.TestCase):
    def test_the_machines_that_come_with_mingei_are_after_the_schema_and_a_wrong_one_is_not(self) -> None:
        schema = json.loads((Path(__file__).parents[1] / "docs" / "device.schema.json").read_text())
        folder = Path(device_file.__file__).parents[1] / "assets" / "devices"
        for path in folder.glob("*.json"):
            jsonschema.validate(json.loads(path.read_text()), schema)
        wrong = json.loads((folder / "knife-300.json").read_text())
        wrong["tools"][0]["way"] = "spoon"
        with self.assertRaises(jsonschema.ValidationError):
            jsonschema.validate(wrong, schema)


class ATry(unittest.TestCase):
    def test_the_square_is_a_job_like_any_other(self) -> None:
        for device in devices():
            try:
                job = try_square(PAGES[4], device)
            except MeasureError:
                continue
            found = rehearse(read_job(machine_file(job, device.output[0]), device.output[0]), device)
            self.assertEqual([f.code for f in found.faults if f.code != "travel"], [])
            self.assertTrue(any(s.stage is Stage.OUTLINE for s in job.strokes))


class WithMarks(unittest.TestCase):
    def test_with_marks_for_print_then_cut_zero_is_the_mark_and_is_told(self) -> None:
        page = PAGES[4]
        marked = replace(page, sheet=replace(page.sheet, laying=page.sheet.laying._replace(corners=True)))
        device = find_device("knife-300")
        job = job_for(marked, device)
        self.assertGreater(job.zero[0], 0)
        text = machine_file(job, ".hpgl").decode()
        self.assertIn("the middle of the mark in the lower left corner", text)
        self.assertLess(rehearse(read_job(text.encode(), ".hpgl"), device, marked).worst_mm, 0.05)

    def test_places_are_from_the_job_s_zero_of_faults_and_of_what_is_furthest_off_alike(self) -> None:
        page = PAGES[4]
        marked = replace(page, sheet=replace(page.sheet, laying=page.sheet.laying._replace(corners=True)))
        device = find_device("knife-300")
        strokes = list(read_job(machine_file(job_for(marked, device), ".hpgl"), ".hpgl"))
        n = max((n for n, s in enumerate(strokes) if s.group == "cut-outline"),
                key=lambda n: len(strokes[n].points))
        strokes[n] = strokes[n]._replace(points=tuple((x + 0.5, y) for x, y in strokes[n].points))
        found = rehearse(strokes, device, marked)
        (fault,) = [f for f in found.faults if f.code == "off-the-drawing"]
        self.assertLess(LineString(strokes[n].points).distance(Point(fault.at)), 3.0)
        self.assertIn(fault.at, [c.at for c in found.compared])

    def test_a_tile_and_pieces_that_touch_are_refused_with_what_would_do(self) -> None:
        laying = PAGES[4].sheet.laying._replace(gap=0.0, names=False)
        close = replace(PAGES[4].sheet, laying=laying)
        card = find_stock("card-300")
        pair = loads_of_all([build(replace(new_brief("card"), copies=2), find_stock("card-200"))])
        large = loads_of_all([build(new_brief("carton", {"length": 500.0}), card)])
        for loads, sheet, word in ((pair, replace(close, width=800.0, height=800.0), "3 mm"),
                                   (large, replace(close, tile_mm=20.0), "larger sheet")):
            page = arrange(loads, sheet).pages[0]
            with self.subTest(word=word), self.assertRaises(MeasureError) as caught:
                job_for(page, find_device("table-wheel"))
            self.assertIn(word, caught.exception.remedy)

    def test_pieces_put_nearer_than_a_beam_is_wide_are_refused_and_farther_are_not(self) -> None:
        loads = loads_of_all([build(replace(new_brief("card"), copies=2), find_stock("card-200"))])
        page = arrange(loads, replace(PAGES[4].sheet, width=400.0, height=300.0)).pages[0]
        one, other = page.items[:2]
        beam = find_device("beam-desk")
        width = path_bounds([c.path for c in lines_of(replace(page, items=(one,))).cuts]).width
        for apart, refused in ((0.2, True), (0.5, False)):
            beside = other._replace(move=one.move._replace(x=one.move.x + width + apart))
            near = replace(page, items=(one, beside))
            with self.subTest(apart=apart):
                if refused:
                    with self.assertRaises(MeasureError):
                        job_for(near, beam)
                else:
                    self.assertTrue(job_for(near, beam).strokes)


class OnTheCommandLine(unittest.TestCase):
    def run_it(self, *words: str) -> tuple[int, str]:
        out = io.StringIO()
        with contextlib.redirect_stdout(out), contextlib.redirect_stderr(io.StringIO()):
            code = main(list(words))
        return code, out.getvalue()

    def test_jobs_of_a_folder_are_read_again_and_sheets_the_machine_cannot_take_are_a_finding(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            code, said = self.run_it("export", str(demo_file()), "--to", folder + "/", "--kind", "hpgl",
                                     "--device", "knife-600", "--sheet-no", "16-18")
            self.assertEqual(code, 1)  # sheet 18 is corrugated board
            self.assertEqual(sorted(p.name for p in Path(folder).iterdir()),
                             ["sheet 16.hpgl", "sheet 17.hpgl"])
            self.assertEqual(len(said.splitlines()), 2)
            code, said = self.run_it("rehearse", "cut", f"{folder}/sheet 16.hpgl", "--device", "knife-600",
                                     "--against", str(demo_file()), "--sheet-no", "16", "--json")
            found = json.loads(said)
            self.assertEqual((code, found["faults"]), (0, []))
            self.assertLess(found["worst_mm"], 0.05)
            self.assertGreater(found["minutes"], 0)
            code, said = self.run_it("rehearse", "cut", f"{folder}/sheet 16.hpgl", "--device", "knife-600",
                                     "--against", str(demo_file()), "--sheet-no", "17", "--json")
            self.assertEqual(code, 1)  # it is another sheet
            self.assertIn("off-the-drawing", {f["code"] for f in json.loads(said)["faults"]})
