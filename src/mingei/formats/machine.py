"""Files for machines: plotter language, G-code, and SVG and DXF grouped by what is done, in working order.

Every file begins with words: what it is for, where its zero lies, which tool does what.  Coordinates are mm
from the job's zero, y up (SVG: y down, since that is its way); the plotter language counts 1/40 mm.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Iterator, Mapping
from itertools import groupby, pairwise
from xml.sax.saxutils import escape, quoteattr

from mingei.core.errors import ExportError
from mingei.core.plane.shape import Arc, Line, Path, Point, flat_points, moved_path, shifted
from mingei.core.words import say
from mingei.core.work.device import Way
from mingei.core.work.job import Job, Made, Stage
from mingei.formats.dxf import steady, written

#: How near (mm) chords keep to an arc where the format has none; steps of the plotter language in a mm.
CHORD_MM, STEPS_A_MM = 0.008, 40
#: How high the tool is lifted, mm.
_LIFT_MM = 4.0
#: The names of what is done, as groups and layers in files, in working order.
GROUPS: Mapping[Stage, str] = {Stage.DRAW: "draw", Stage.CREASE: "crease", Stage.HALF: "half-cut",
                               Stage.PERFORATE: "perforate", Stage.INNER: "cut-inner",
                               Stage.OUTLINE: "cut-outline"}
#: Colours by which machines tell groups, told in words at the head.
COLOURS: Mapping[Stage, tuple[str, int]] = {
    Stage.DRAW: ("#5b6b7a", 8), Stage.CREASE: ("#2e6fb0", 5), Stage.HALF: ("#3f8f5a", 3),
    Stage.PERFORATE: ("#b08a1e", 40), Stage.INNER: ("#8a3fa0", 6), Stage.OUTLINE: ("#c2401c", 1)}


def machine_file(job: Job, ending: str) -> bytes:
    """A job in the format of an ending.  Raises ExportError where its device does not take it."""
    if ending not in job.device.output:
        raise ExportError(say("{device} takes no {ending}", device=job.device.name, ending=ending), "",
                          say("write one of: {names}", names=", ".join(job.device.output)))
    return _WRITERS[ending](job)


def _placed(job: Job) -> list[Made]:
    """The strokes from the job's zero."""
    x, y = job.zero
    if not x and not y:
        return list(job.strokes)
    return [s._replace(axis=moved_path(s.axis, shifted(-x, -y))) for s in job.strokes]


def _stages(job: Job) -> Iterator[tuple[Stage, list[Made]]]:
    for stage, some in groupby(_placed(job), key=lambda s: s.stage):
        yield stage, list(some)


def _said(job: Job) -> list[str]:
    colours = [f"{GROUPS[s]} is colour {COLOURS[s][0]}" for s in job.stages]
    return [*(str(w) for w in job.words()), "groups in working order: " + "; ".join(colours)]


# -- plotter language ----------------------------------------------------------------------------------------


def _hpgl(job: Job) -> bytes:
    out = ["IN;"]
    out += ['CO"' + words.replace('"', "'").replace(";", ",") + '";' for words in _ascii(_said(job))]
    for stage, some in _stages(job):
        first = some[0]
        out.append(f'CO"{GROUPS[stage]}";SP{first.tool.number};VS{max(1, round(first.speed / 10))};')
        for stroke in some:
            steps = [f"{round(x * STEPS_A_MM)},{round(y * STEPS_A_MM)}" for x, y in _points(stroke.axis)]
            points = [steps[0], *(b for a, b in pairwise(steps) if a != b)]
            for _ in range(stroke.times):
                out.append(f"PU{points[0]};PD{','.join(points[1:] or points)};")
    out.append("PU;SP0;")
    return "\n".join(out).encode("ascii") + b"\n"


def _halves(arc: Arc) -> tuple[Arc, Arc]:
    """An arc in two, since a whole turn ends where it begins."""
    half = arc._replace(sweep_deg=arc.sweep_deg / 2)
    return half, half._replace(start_deg=half.start_deg + half.sweep_deg)


def _points(path: Path) -> list[Point]:
    return flat_points(path, CHORD_MM)


def _ascii(words: list[str]) -> list[str]:
    return [w.replace("²", "2").replace("–", "-").replace("…", "...").encode("ascii", "replace").decode()
            for w in words]


# -- G-code --------------------------------------------------------------------------------------------------


def _gcode(job: Job) -> bytes:
    out = [f"({w.replace('(', '[').replace(')', ']')})" for w in _ascii(_said(job))]
    out += ["G21 (millimetres)", "G90 (from zero)", "G17"]
    for stage, some in _stages(job):
        first = some[0]
        beam = first.tool.way is Way.BEAM
        out += [f"({GROUPS[stage]})", f"T{first.tool.number} M6"]
        if beam:
            out.append("M5")
        for stroke in some:
            for _ in range(stroke.times):
                out += _gcode_stroke(stroke, beam)
    out += ["M5" if any(s.tool.way is Way.BEAM for s in job.strokes) else f"G0 Z{_LIFT_MM:g}", "G0 X0 Y0",
            "M2"]
    return "\n".join(out).encode("ascii") + b"\n"


def _gcode_stroke(stroke: Made, beam: bool) -> list[str]:
    (x, y), feed = stroke.axis[0].start, round(stroke.speed * 60)
    out = [f"G0 X{_n(x)} Y{_n(y)}"]
    out.append(f"M3 S{stroke.setting.force:g}" if beam else f"G1 Z0 F{feed}")
    for segment in stroke.axis:
        ex, ey = segment.end
        if isinstance(segment, Arc):
            sx, sy = segment.start
            word = "G3" if segment.sweep_deg > 0 else "G2"
            i, j = segment.centre[0] - sx, segment.centre[1] - sy
            if abs(segment.sweep_deg) < 180.0 and (_n(sx), _n(sy)) == (_n(ex), _n(ey)):
                continue  # written so it would be a whole turn
            if abs(segment.sweep_deg) > 180.0:
                mx, my = _halves(segment)[0].end
                out.append(f"{word} X{_n(mx)} Y{_n(my)} I{_n(i)} J{_n(j)} F{feed}")
                i, j = segment.centre[0] - mx, segment.centre[1] - my
            out.append(f"{word} X{_n(ex)} Y{_n(ey)} I{_n(i)} J{_n(j)} F{feed}")
        else:
            out.append(f"G1 X{_n(ex)} Y{_n(ey)} F{feed}")
    out.append("M5" if beam else f"G0 Z{_LIFT_MM:g}")
    return out


def _n(value: float) -> str:
    text = f"{value:.4f}".rstrip("0").rstrip(".")
    return "0" if text == "-0" else text


# -- SVG -----------------------------------------------------------------------------------------------------


def _svg(job: Job) -> bytes:
    sheet = job.page.sheet
    x, y = job.zero
    width, height = sheet.width - x, sheet.height - y
    out = ['<?xml version="1.0" encoding="UTF-8"?>',
           f'<svg xmlns="http://www.w3.org/2000/svg" width="{_n(width)}mm" height="{_n(height)}mm" '
           f'viewBox="0 0 {_n(width)} {_n(height)}">', f"<title>{escape(_said(job)[0])}</title>",
           f"<desc>{escape(' | '.join(_said(job)))}</desc>"]
    for stage, some in _stages(job):
        first = some[0]
        words = f"{GROUPS[stage]}: tool {first.tool.number}, {first.tool.id}"
        again = sum(line.startswith(f'<g id="{GROUPS[stage]}') for line in out)
        name = f"{GROUPS[stage]}-{again + 1}" if again else GROUPS[stage]  # parts within openings come first
        out.append(f'<g id="{name}" fill="none" stroke="{COLOURS[stage][0]}" stroke-width="0.1" '
                   f"data-words={quoteattr(words)}>")
        for stroke in some:
            d = [f"M{_n(stroke.axis[0].start[0])} {_n(height - stroke.axis[0].start[1])}"]
            for segment in stroke.axis:
                d += _svg_segment(segment, height)
            out += [f'<path d="{" ".join(d)}"/>'] * stroke.times
        out.append("</g>")
    out.append("</svg>")
    return "\n".join(out).encode("utf-8") + b"\n"


def _svg_segment(segment: Line | Arc, height: float) -> list[str]:
    ex, ey = segment.end
    if isinstance(segment, Line):
        return [f"L{_n(ex)} {_n(height - ey)}"]
    if abs(segment.sweep_deg) > 90.0:  # by ends and radius a long arc is not known well
        return [word for part in _halves(segment) for word in _svg_segment(part, height)]
    r, sweep = _n(segment.radius), int(segment.sweep_deg < 0)
    return [f"A{r} {r} 0 0 {sweep} {_n(ex)} {_n(height - ey)}"]


# -- DXF -----------------------------------------------------------------------------------------------------


def _dxf(job: Job) -> bytes:
    from ezdxf import units
    from ezdxf.filemanagement import new

    with steady():
        document = new("R2010", units=units.MM)
        space = document.modelspace()
        for words in _said(job):
            document.header.custom_vars.append("Mingei", words)
        for stage, some in _stages(job):
            name = GROUPS[stage]
            if name not in document.layers:
                document.layers.add(name, color=COLOURS[stage][1])
            for stroke in some:
                for _ in range(stroke.times):
                    space.add_lwpolyline(_bulged(stroke.axis), format="xyb", dxfattribs={"layer": name})
        return written(document)


def _bulged(path: Path) -> list[tuple[float, float, float]]:
    """A path as corners with bulges: the tangent of a quarter of the angle an arc turns through."""
    points: list[tuple[float, float, float]] = []
    for segment in path:
        if isinstance(segment, Arc) and abs(segment.sweep_deg) > 180.0:
            half = _halves(segment)[0]
            turn = math.tan(math.radians(half.sweep_deg) / 4)
            points += [(*half.start, turn), (*half.end, turn)]
        else:
            points.append((*segment.start, math.tan(math.radians(segment.sweep_deg) / 4)
                           if isinstance(segment, Arc) else 0.0))
    return [*points, (*path[-1].end, 0.0)]


_WRITERS: Mapping[str, Callable[[Job], bytes]] = {".hpgl": _hpgl, ".gcode": _gcode, ".svg": _svg,
                                                  ".dxf": _dxf}
