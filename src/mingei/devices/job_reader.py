"""Reading a machine's file as the machine would: strokes of a tool, in their order.  It shares nothing with
what wrote the file."""

from __future__ import annotations

import itertools
import math
import re
import xml.etree.ElementTree as ET
from collections.abc import Iterator
from typing import NamedTuple

from mingei.core.errors import ProjectError
from mingei.core.words import say

Point = tuple[float, float]
#: Chords keep so near (mm) to an arc.
_CHORD_MM = 0.004
#: What a group is called in a file, by what it does.
FOLDS, CUTS = ("crease", "half-cut", "perforate"), ("cut-inner", "cut-outline")


class Stroke(NamedTuple):
    """One stroke: the group it is in ("" where the file has none), the tool's number, its points, mm, the
    tightest radius of its arcs (infinite where it has none)."""

    group: str
    tool: int
    points: tuple[Point, ...]
    radius: float = math.inf


def read_job(data: bytes, ending: str) -> tuple[Stroke, ...]:
    """The strokes of a job.  Raises ProjectError where the file is none of that kind."""
    reader = {".hpgl": _plotter, ".plt": _plotter, ".gcode": _gcode, ".nc": _gcode, ".svg": _svg,
              ".dxf": _dxf}.get(
        ending.lower())
    if reader is None:
        raise ProjectError(say("{ending!r} is no job for a machine", ending=ending), "",
                           "rehearse a file that ends in .hpgl, .gcode, .svg or .dxf")
    try:
        found = tuple(reader(data.decode("utf-8", "strict")))
    except (UnicodeDecodeError, ValueError, KeyError, IndexError, ET.ParseError) as error:
        raise ProjectError(say("the job is broken or cut short ({reason})", reason=error), "",
                           "write it again") from None
    if not found:
        raise ProjectError("the job makes nothing", "", "write it again from a sheet with something on it")
    return found


def _arc(centre: Point, start: Point, end: Point, clockwise: bool) -> list[Point]:
    """Points along an arc, without its start."""
    radius = math.dist(centre, start)
    a = math.atan2(start[1] - centre[1], start[0] - centre[0])
    b = math.atan2(end[1] - centre[1], end[0] - centre[0])
    sweep = (a - b) % (2 * math.pi) if clockwise else (b - a) % (2 * math.pi)
    if sweep < 1e-9:
        sweep = 2 * math.pi
    step = 2 * math.acos(max(0.0, 1 - _CHORD_MM / radius)) if radius > _CHORD_MM else math.pi / 4
    count = max(1, math.ceil(sweep / step))
    way = -1.0 if clockwise else 1.0
    return [*((centre[0] + radius * math.cos(a + way * sweep * k / count),
               centre[1] + radius * math.sin(a + way * sweep * k / count)) for k in range(1, count)), end]


def _plotter(text: str) -> Iterator[Stroke]:
    group, tool, at = "", 0, (0.0, 0.0)
    path: list[Point] = []
    for word in re.findall(r'CO"[^"]*"|[A-Z]{2}[^A-Z;"]*', text):
        name, rest = word[:2], word[2:]
        if name == "CO":
            said = rest.strip('"')
            if said in (*FOLDS, *CUTS, "draw"):
                if len(path) > 1:
                    yield Stroke(group, tool, tuple(path))
                path = []
                group = said
            continue
        numbers = [float(n) / 40 for n in re.findall(r"-?\d+\.?\d*", rest)]
        points = list(zip(numbers[::2], numbers[1::2], strict=True)) if name in ("PU", "PD", "PA") else []
        if name == "SP":
            tool = int(float(rest or 0))
        if name in ("PU", "SP"):
            if len(path) > 1:
                yield Stroke(group, tool, tuple(path))
            path = []
            at = points[-1] if points else at
        elif name == "PD":
            path = path or [at]
            path += points
            at = path[-1]
    if len(path) > 1:
        yield Stroke(group, tool, tuple(path))


def _gcode(text: str) -> Iterator[Stroke]:
    group, tool, at, down = "", 0, (0.0, 0.0), False
    path: list[Point] = []
    tight = math.inf
    for line in text.splitlines():
        said = re.match(r"\(([a-z-]+)\)$", line.strip())
        if said and said[1] in (*FOLDS, *CUTS, "draw"):
            group = said[1]
        words = dict(re.findall(r"([A-Z])(-?\d+\.?\d*)", re.sub(r"\(.*?\)", "", line)))
        if not words:
            continue
        if "T" in words:
            tool = int(float(words["T"]))
        to = float(words.get("X", at[0])), float(words.get("Y", at[1]))
        code = int(float(words["G"])) if "G" in words else -1
        lifted = ((code == 0 and float(words.get("Z", 0)) > 0) or words.get("M") == "5" or words.get("M")
                  == "2")
        if lifted or (code == 0 and ("X" in words or "Y" in words)):
            if len(path) > 1:
                yield Stroke(group, tool, tuple(path), tight)
            path, tight = [], math.inf
            down = False
        if words.get("M") == "3" or (code == 1 and words.get("Z") == "0"):
            down, path = True, [at]
        elif code == 1 and down:
            path.append(to)
        elif code in (2, 3) and down:
            centre = at[0] + float(words["I"]), at[1] + float(words["J"])
            tight = min(tight, math.dist(centre, at))
            path += _arc(centre, at, to, code == 2)
        if code in (0, 1, 2, 3):
            at = to
    if len(path) > 1:
        yield Stroke(group, tool, tuple(path), tight)


def _svg(text: str) -> Iterator[Stroke]:
    if re.search(r"<!(DOCTYPE|ENTITY)", text):
        raise ValueError("it defines entities of its own")
    root = ET.fromstring(text)
    high = float(root.attrib["viewBox"].split()[3])
    name = "{http://www.w3.org/2000/svg}"
    for group in root.iter(f"{name}g"):
        said = re.search(r"tool (\d+)", group.attrib.get("data-words", ""))
        for path in group.iter(f"{name}path"):
            points, tight = _path_data(path.attrib["d"])
            yield Stroke(re.sub(r"-\d+$", "", group.attrib.get("id", "")), int(said[1]) if said else 0,
                         tuple((x, high - y) for x, y in points), tight)


def _path_data(d: str) -> tuple[list[Point], float]:
    points: list[Point] = []
    tight = math.inf
    for letter, rest in re.findall(r"([MLAZ])([^MLAZ]*)", d):
        n = [float(v) for v in re.findall(r"-?\d+\.?\d*(?:e-?\d+)?", rest)]
        if letter in "ML":
            points.append((n[0], n[1]))
        elif letter == "A":
            radius, large, sweep, to = n[0], n[3], n[4], (n[5], n[6])
            tight = min(tight, radius)
            at = points[-1]
            half = math.dist(at, to) / 2
            if half == 0.0:  # such an arc is left out, as the format has it
                continue
            up = math.sqrt(max(0.0, radius * radius - half * half))
            ux, uy = (to[0] - at[0]) / (2 * half), (to[1] - at[1]) / (2 * half)
            side = 1.0 if (large != sweep) else -1.0
            middle = (at[0] + to[0]) / 2 - side * uy * up, (at[1] + to[1]) / 2 + side * ux * up
            points += _arc(middle, at, to, sweep == 0)
    return points, tight


def _dxf(text: str) -> Iterator[Stroke]:
    lines = text.splitlines()
    pairs = [(int(lines[i].strip()), lines[i + 1].strip()) for i in range(0, len(lines) - 1, 2)]
    kind, layer = "", ""
    corners: list[list[float]] = []
    for code, value in [*pairs, (0, "EOF")]:
        if code == 0:
            if kind == "LWPOLYLINE" and len(corners) > 1:
                yield _polyline(layer, corners)
            kind, layer, corners = value, "", []
        elif kind == "LWPOLYLINE":
            if code == 8:
                layer = value
            elif code == 10:
                corners.append([float(value), 0.0, 0.0])
            elif code == 20:
                corners[-1][1] = float(value)
            elif code == 42:
                corners[-1][2] = float(value)


def _polyline(layer: str, corners: list[list[float]]) -> Stroke:
    points: list[Point] = [(corners[0][0], corners[0][1])]
    tight = math.inf
    for (ax, ay, bulge), (bx, by, _) in itertools.pairwise(corners):
        if abs(bulge) < 1e-9:
            points.append((bx, by))
            continue
        chord = math.dist((ax, ay), (bx, by))
        radius = chord * (1 + bulge * bulge) / (4 * abs(bulge))
        tight = min(tight, radius)
        away = chord / 2 * (1 - bulge * bulge) / (2 * bulge)
        centre = (ax + bx) / 2 - (by - ay) / chord * away, (ay + by) / 2 + (bx - ax) / chord * away
        points += _arc(centre, (ax, ay), (bx, by), bulge < 0)
    return Stroke(layer, 0, tuple(points), tight)
