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
    tightest radius of its arcs (infinite where it has none), mm/s it is made at and how strong the beam is,
    None where the file does not say."""

    group: str
    tool: int
    points: tuple[Point, ...]
    radius: float = math.inf
    speed: float | None = None
    force: float | None = None


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
    except UnicodeDecodeError:
        raise ProjectError("the job is no text", "", "write it again") from None
    except (ValueError, KeyError, IndexError, ZeroDivisionError, OverflowError, ET.ParseError):
        raise ProjectError("the job is broken, or cut short", "", "write it again") from None
    if any(not math.isfinite(v) for s in found for p in s.points for v in p):
        raise ProjectError("a place in the job is no number", "", "write it again")
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


def _refused(sentence: str, remedy: str = "write it again") -> ProjectError:
    return ProjectError(sentence, "", remedy)


_NUMBER = r"[+-]?(?:\d+\.?\d*|\.\d+)"
#: One word of the plotter language, with what it takes.
_WORD = re.compile(rf'\s*(?:CO"(?P<said>[^"]*)"|(?P<name>[A-Z]{{2}})'
                   rf'(?P<rest>(?:{_NUMBER}(?:,{_NUMBER})*)?))\s*;')
#: The words that are read; all others change what these mean, or make something that is not read.
_PLOTTER = ("IN", "SP", "PU", "PD", "PA", "VS", "FS")
#: The plotter language counts so many steps a mm, and speed in cm/s.
_STEPS_A_MM, _VS_MM_S = 40.0, 10.0


def _plotter(text: str) -> Iterator[Stroke]:
    if not text.rstrip().endswith(";"):
        raise _refused(say("the job is cut short: it ends amid a word"))
    group, tool, at = "", 0, (0.0, 0.0)
    speed: float | None = None
    force: float | None = None
    path: list[Point] = []
    place, ended = 0, False

    def made() -> list[Stroke]:
        return [Stroke(group, tool, tuple(path), math.inf, speed, force)] if len(path) > 1 else []

    while text[place:].strip():
        word = _WORD.match(text, place)
        if word is None:
            raise _refused(say("{text!r} in the job is not read: a word or a number in it is none",
                               text=text[place:place + 30].strip()))
        place = word.end()
        if word["name"] is None:
            if word["said"] in (*FOLDS, *CUTS, "draw"):
                yield from made()
                path, group = [], word["said"]
            continue
        name, numbers = word["name"], [float(n) for n in re.findall(_NUMBER, word["rest"])]
        if name not in _PLOTTER:
            raise _refused(say("the job's word {name} is not read{why}", name=name,
                               why=" (it counts from where the tool is)" if name == "PR" else ""),
                           say("write it with absolute places: IN, SP, VS, FS, PU, PD, PA"))
        ended = name == "SP" and (not numbers or numbers[0] == 0)
        if name == "VS":
            speed = numbers[0] * _VS_MM_S
        elif name == "FS":
            force = numbers[0]
        elif name in ("PU", "PD", "PA") and len(numbers) % 2:
            raise _refused(say("a place in the job has one number, not two"))
        places = [(x / _STEPS_A_MM, y / _STEPS_A_MM)
                  for x, y in zip(numbers[::2], numbers[1::2], strict=False)]
        if name in ("PU", "SP"):
            yield from made()
            path = []
            tool = int(numbers[0]) if name == "SP" and numbers else 0 if name == "SP" else tool
            at = places[-1] if name == "PU" and places else at
        elif name == "PD" or (name == "PA" and path):
            path = path or [at]
            path += places
            at = path[-1]
        elif name == "PA" and places:
            at = places[-1]
    yield from made()
    if not ended:
        raise _refused(say("the job is cut short: it does not put its tool away"))


#: The words of G-code that are read: moves, arcs, the plane, mm, absolute places, feed a minute; tools, beam
#: on and off, the end.
_MOVES, _MODES, _MACHINE = (0, 1, 2, 3), (17, 21, 90, 94), ("2", "3", "5", "6", "30")
_LETTERS = "GMXYZIJFSTN"


def _gcode(text: str) -> Iterator[Stroke]:
    group, tool, at, down = "", 0, (0.0, 0.0), False
    path: list[Point] = []
    tight = math.inf
    speed: float | None = None
    force: float | None = None
    ended = False
    for number, line in enumerate(text.splitlines(), 1):
        said = re.match(r"\(([a-z-]+)\)$", line.strip())
        if said and said[1] in (*FOLDS, *CUTS, "draw"):
            group = said[1]
        bare = re.sub(r"\(.*?\)", "", line).strip()
        if not bare:
            continue
        if not re.fullmatch(rf"(?:[{_LETTERS}]{_NUMBER}\s*)+", bare):
            raise _refused(say("line {number} of the job is not read: {text!r}", number=number,
                               text=bare[:30]))
        words = dict(re.findall(rf"([A-Z])({_NUMBER})", bare))
        code = int(float(words["G"])) if "G" in words else -1
        if code >= 0 and code not in (*_MOVES, *_MODES):
            why = {91: "places counted from where the tool is", 20: "inches"}.get(code, f"G{code}")
            raise _refused(say("line {number} of the job asks for {why}, which is not read", number=number,
                               why=why), say("write it in mm and absolute places: G21, G90"))
        if "M" in words and words["M"] not in _MACHINE:
            raise _refused(say("line {number} of the job asks for M{code}, which is not read", number=number,
                               code=words["M"]), say("write it with M2, M3, M5, M6 or M30"))
        ended = ended or words.get("M") in ("2", "30")
        if "T" in words:
            tool = int(float(words["T"]))
        if "F" in words:
            speed = float(words["F"]) / 60.0
        to = float(words.get("X", at[0])), float(words.get("Y", at[1]))
        lifted = ((code == 0 and float(words.get("Z", 0)) > 0) or words.get("M") in ("5", "2", "30"))
        if lifted or (code == 0 and ("X" in words or "Y" in words)):
            if len(path) > 1:
                yield Stroke(group, tool, tuple(path), tight, speed, force)
            path, tight, down = [], math.inf, False
        if "S" in words:
            force = float(words["S"])
        if words.get("M") == "3" or (code == 1 and words.get("Z") == "0"):
            down, path = True, [at]
        elif code == 1 and down:
            path.append(to)
        elif code in (2, 3) and down:
            centre = at[0] + float(words["I"]), at[1] + float(words["J"])
            tight = min(tight, math.dist(centre, at))
            path += _arc(centre, at, to, code == 2)
        if code in _MOVES:
            at = to
    if len(path) > 1:
        yield Stroke(group, tool, tuple(path), tight, speed, force)
    if not ended:
        raise _refused(say("the job is cut short: it has no end (M2)"))


def _svg(text: str) -> Iterator[Stroke]:
    if re.search(r"<!(DOCTYPE|ENTITY)", text):
        raise ValueError("it defines entities of its own")
    root = ET.fromstring(text)
    _, _, wide, high = (float(v) for v in root.attrib["viewBox"].split())
    for side, size in (("width", wide), ("height", high)):
        told = root.attrib.get(side, "")
        if not told.endswith("mm") or abs(float(told[:-2]) - size) > 0.01:
            raise _refused(say("the job's drawing is not in mm"), say("write it with a unit of 1 mm"))
    if any("transform" in each.attrib for each in root.iter()):
        raise _refused(say("the job moves or turns its drawing (transform), which is not read"))
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
    if not re.fullmatch(rf"(?:[MLAZ]\s*(?:{_NUMBER}(?:e-?\d+)?[\s,]*)*)*", d.strip()):
        raise _refused(say("a way in the job is not read: {text!r}", text=d.strip()[:30]),
                       say("write it with M, L, A and Z, in absolute places"))
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
    if not pairs or pairs[-1] != (0, "EOF"):
        raise _refused(say("the job is cut short: it has no end (EOF)"))
    unit = next((pairs[i + 1][1] for i, pair in enumerate(pairs) if pair == (9, "$INSUNITS")), "4")
    if unit != "4":
        raise _refused(say("the job is not in mm ($INSUNITS)"), say("write it in mm"))
    kind, layer, section = "", "", ""
    corners: list[list[float]] = []
    for code, value in pairs:
        if code == 2 and kind == "SECTION":
            section = value
        if code == 0 and value == "ENDSEC":
            section = ""
        if code == 0 and section == "ENTITIES" and value not in ("LWPOLYLINE", "ENDSEC"):
            raise _refused(say("the job has a {kind}, which is not read", kind=value),
                           say("write every way as an LWPOLYLINE"))
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
