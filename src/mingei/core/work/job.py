"""A machine's job for one sheet: what each tool does, stroke by stroke, in the order of work.

Drawn first, then creased, half cut or perforated, then what lies inside, then the outlines: a part is freed
only when all inside it is done.  Every stroke knows whose it is, the way its tip or beam makes on the
drawing, and the way the tool's axis goes.
"""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass
from enum import StrEnum
from functools import cached_property
from typing import NamedTuple

from mingei.core.errors import MeasureError
from mingei.core.flat.blank import Kind
from mingei.core.layout.drawing import Whose
from mingei.core.layout.place import CORNER_MM, Page
from mingei.core.plane.shape import (
    Box,
    Line,
    Path,
    Point,
    contains,
    flat_points,
    path_bounds,
    reverse,
    signed_area,
)
from mingei.core.stock import Stock
from mingei.core.words import Words, say
from mingei.core.work.device import Device, Does, MachineTool, Setting, Way, refuse
from mingei.core.work.lines import Cut, Faces, lines_of
from mingei.core.work.order import Ends, ordered
from mingei.core.work.toolpath import (
    beam_axis,
    blade_axis,
    bridged,
    first_of,
    is_closed,
    lead_in,
    middle_of,
    perforated,
    tangent,
)
from mingei.core.work.waste import Waste

#: A perforation's cuts and bridges: at least so long, mm, and so many calipers (from experience).
_CUT_MM, _CUT_T, _BRIDGE_MM, _BRIDGE_T = 1.5, 4.0, 0.8, 2.0
#: Stock from here on is half cut where a tool can, thinner is perforated, mm.
_HALF_FROM_MM = 0.25
#: How far a blade is drawn over the waste so that it looks the right way, in offsets.
_ORIENT = 9.0
#: It comes to that way round a bend of so many degrees, from so far off (a share of the stroke).
_BEND_DEG, _BEND_SHARE = 50.0, 0.4
#: The axis swings no further from such a stroke than this share of it.
_SWING_SHARE = 0.15
#: A blade that looks no further aside than this (degrees) has turned by the end of its lead-in.
_LOOKS_DEG = 20.0


#: The room between pieces that is enough for every tool, mm.
_ROOM_MM = 3.0
#: What two outlines keep between them at the least, beside the width of a beam, mm.
_APART_MM = 0.1


class Stage(StrEnum):
    """What is done when, in the order of work."""

    DRAW = "draw"
    CREASE = "crease"
    HALF = "half cut"
    PERFORATE = "perforate"
    INNER = "inner cuts"
    OUTLINE = "outlines"


_STAGE_OF = {Does.CREASE: Stage.CREASE, Does.HALF: Stage.HALF, Does.PERFORATE: Stage.PERFORATE}


class Made(NamedTuple):
    """One stroke of a tool.

    stage; tool; setting; drawn: the line on the drawing that it makes; axis: the way the tool's axis goes,
    lead-in and overcut included; of: whose it is, None for a stroke on the waste; times: how often it is made
    without anything between.
    """

    stage: Stage
    tool: MachineTool
    setting: Setting
    drawn: Path
    axis: Path
    of: Whose | None
    times: int = 1

    @property
    def speed(self) -> float:
        return self.setting.speed_mm_s or self.tool.speed_mm_s


@dataclass(frozen=True, eq=False)
class Job:
    """All a machine does on a sheet.  zero: where the job's zero lies on the sheet, mm, and what it is
    called."""

    device: Device
    page: Page
    strokes: tuple[Made, ...]
    zero: Point
    zero_words: Words

    @cached_property
    def stages(self) -> tuple[Stage, ...]:
        return tuple(stage for stage in Stage if any(s.stage is stage for s in self.strokes))

    @cached_property
    def travel_mm(self) -> float:
        at, total = (0.0, 0.0), 0.0
        for s in self.strokes:
            total += math.dist(at, s.axis[0].start)
            at = s.axis[-1].end
        return total

    @cached_property
    def minutes(self) -> float:
        """How long the machine runs at its stated speeds, minutes; lifting and turning left out."""
        work = sum(sum(seg.length for seg in s.axis) * s.times / s.speed for s in self.strokes)
        return (work + self.travel_mm / self.device.travel_mm_s) / 60.0

    def words(self) -> tuple[Words, ...]:
        """What the head of its file says: what it is for, its zero, its tools and what each does."""
        sheet = self.page.sheet
        said = [say("Mingei: sheet {number} of {count}, {stock}, {width:g} x {height:g} mm",
                    number=self.page.number,
                    count=self.page.count, stock=self.page.stock.name, width=sheet.width,
                    height=sheet.height),
                say("for {device}; zero is {zero}", device=self.device.name, zero=self.zero_words)]
        for stage in self.stages:
            first = next(s for s in self.strokes if s.stage is stage)
            said.append(say("tool {number}, {tool}: {stage}, {passes} times, force {force:g}, {speed:g} mm/s",
                            number=first.tool.number, tool=first.tool.id, stage=str(stage),
                            passes=first.setting.passes, force=first.setting.force, speed=first.speed))
        if self.device.note:
            said.append(say(self.device.note))
        return tuple(said)


def fold_way(device: Device, stock: Stock) -> Does | None:
    """How a machine makes a stock fold: creased where it can, half cut where the stock is thick enough, else
    perforated; None where it can do none of it."""
    crease = device.tool_for(Does.CREASE)
    if crease is not None and stock.caliper_mm <= crease.thickest_mm + 1e-9:
        return Does.CREASE
    half = device.tool_for(Does.HALF)
    if half is not None and stock.caliper_mm >= _HALF_FROM_MM and stock.caliper_mm <= half.thickest_mm + 1e-9:
        return Does.HALF
    return Does.PERFORATE if device.tool_for(Does.PERFORATE) is not None else None


def job_for(page: Page, device: Device, faces: Faces = Faces.OWN, way: Does | None = None) -> Job:
    """The job of a sheet on a machine.  way: how folds are made, usually as the stock wants it.

    Raises MeasureError where the sheet does not lie on the bed or the stock is too thick for its tool.
    """
    stock, sheet = page.stock, page.sheet
    refuse(device, stock, sheet.width, sheet.height)
    way = way or fold_way(device, stock)
    if way is not None and device.tool_for(way) is None:
        raise MeasureError(say("it has no tool to {does}", does=str(way)), say("device {id}", id=device.id),
                           "choose another way to make folds, or another device")
    lines = lines_of(page, faces)
    _refuse_parts(page, lines.cuts, device)
    ground = _Ground(_reached(page), lines.cuts)
    strokes: list[Made] = []
    if way is not None:
        strokes += _folds(device, stock, way, [*(((Line(s.start, s.end),), s.of) for s in lines.scores),
                                               *((c.path, c.of) for c in lines.curves)], ground)
    strokes += _cuts(device, stock, lines.cuts, ground)
    return Job(device, page, tuple(strokes), *zero_of(page))


def _refuse_parts(page: Page, cuts: Sequence[Cut], device: Device) -> None:
    """Raises MeasureError where a sheet holds less than whole outlines: a tile, or pieces that touch."""
    place = say("device {id}", id=device.id)
    if page.tile is not None:
        name = page.items[0].load.words
        raise MeasureError(say("the {name} is tiled over several sheets, and a machine cuts only whole "
                               "pieces", name=name), place,
                           "take a larger sheet, cut the piece across, or cut by hand")
    if any(c.kind is Kind.OUTLINE and not is_closed(c.path) for c in cuts) or _touch(cuts, device):
        raise MeasureError("pieces touch, and a tool needs room between them", place,
                           say("set the spacing to {mm:g} mm on Sheets, or cut by hand", mm=_ROOM_MM))


def _touch(cuts: Sequence[Cut], device: Device) -> bool:
    """Whether outlines of two pieces lie nearer each other than a tool needs for both."""
    from shapely import LineString, STRtree

    outlines = [LineString(flat_points(c.path)) for c in cuts if c.kind is Kind.OUTLINE]
    apart = max((tool.kerf_mm for tool in device.tools), default=0.0) + _APART_MM
    one, other = STRtree(outlines).query(outlines, predicate="dwithin", distance=apart)
    return bool((one != other).any())


def _reached(page: Page) -> Box:
    """What of a sheet a machine reaches: from the job's zero on, mm."""
    (x, y), _ = zero_of(page)
    return Box(x, y, page.sheet.width, page.sheet.height)


def zero_of(page: Page) -> tuple[Point, Words]:
    """Where a job's zero lies on its sheet, mm, and what it is called: the middle of the mark printed in the
    lower left corner, where there are such marks."""
    sheet = page.sheet
    if not sheet.laying.corners:
        return (0.0, 0.0), say("the lower left corner of the sheet")
    at = sheet.margin + CORNER_MM / 2
    return (at, at), say("the middle of the mark in the lower left corner of the sheet")


def try_square(page: Page, device: Device, side: float = 20.0) -> Job:
    """A small job that shows whether the settings for a stock are right: a fold across a square that is then
    cut out, in the lower left corner of the sheet.  page: an empty one of that stock.

    Raises MeasureError as job_for does.
    """
    stock, sheet = page.stock, page.sheet
    refuse(device, stock, sheet.width, sheet.height)
    left, low = sheet.margin + 10.0, sheet.margin + 10.0
    corners = ((left, low), (left + side, low), (left + side, low + side), (left, low + side))
    ring = tuple(Line(a, b) for a, b in zip(corners, (*corners[1:], corners[0]), strict=True))
    cuts = [Cut(ring, Kind.OUTLINE, Whose("", "square", 0, Kind.OUTLINE, 0))]
    ground = _Ground(_reached(page), cuts)
    way, strokes = fold_way(device, stock), []
    if way is not None:
        fold = Line((left, low + side / 2), (left + side, low + side / 2))
        strokes = _folds(device, stock, way, [((fold,), cuts[0].of)], ground)
    return Job(device, page, (*strokes, *_cuts(device, stock, cuts, ground)), *zero_of(page))


class _Ground:
    """Where on the waste a blade is turned the way it is to cut, each place once."""

    def __init__(self, sheet: Box, cuts: Sequence[Cut]) -> None:
        self.sheet = sheet
        self.waste = Waste(sheet, cuts)
        self._used: list[Point] = []

    def orient(self, way: Point, length: float, near: Point) -> Path | None:
        """A stroke on the waste along a direction, near a point or at the sheet's edge, clear of those before
        as far as there is room."""
        s = self.sheet
        spots = [(near[0] + 3.5 * ring * math.cos(math.pi * k / (4 * ring)),
                  near[1] + 3.5 * ring * math.sin(math.pi * k / (4 * ring)))
                 for ring in range(1, 14) for k in range(8 * ring)]
        spots += [(x, s.bottom + 2 + length / 2 + 6.0 * k)
                  for x in (s.left + 2 + length / 2, s.right - 2 - length / 2)
                  for k in range(int((s.height - 4) // 6.0))]
        for apart in (1.4 * length, 1.0):
            for x, y in spots:
                if all(math.dist((x, y), used) > apart for used in self._used):
                    found = self._stroke(x, y, way, length)
                    if found is not None:
                        self._used.append((x, y))
                        return found
        return None

    def _stroke(self, x: float, y: float, way: Point, length: float) -> Path | None:
        """A stroke about a point, where all of it and what lies beside it is waste; not in an opening, since
        what fell out of one is loose.  It comes to its direction round a bend: a blade that looks just the
        other way would be pushed, not turned."""
        a = x - way[0] * length / 2, y - way[1] * length / 2
        b = x + way[0] * length / 2, y + way[1] * length / 2
        cos, sin = math.cos(math.radians(_BEND_DEG)), math.sin(math.radians(_BEND_DEG))
        leg = length * _BEND_SHARE
        bend = a[0] - leg * (way[0] * cos - way[1] * sin), a[1] - leg * (way[1] * cos + way[0] * sin)
        s, swing = self.sheet, length * _SWING_SHARE
        if not all(s.left + swing < px < s.right - swing and s.bottom + swing < py < s.top - swing
                   for px, py in (bend, a, b)):
            return None
        for (px, py), (qx, qy) in ((bend, a), (a, b)):
            for k in range(7):
                mx, my = px + (qx - px) * k / 6, py + (qy - py) * k / 6
                if not all(self.waste.surrounds((mx - way[1] * side, my + way[0] * side))
                           for side in (-1, 0, 1)):
                    return None
        return Line(bend, a), Line(a, b)


def _folds(device: Device, stock: Stock, way: Does, folds: Sequence[tuple[Path, Whose]],
           ground: _Ground) -> list[Made]:
    tool = device.tool_for(way)
    assert tool is not None
    setting = device.setting_for(stock, tool)
    if way is Does.HALF:
        setting = setting._replace(passes=1, force=setting.force / 2)
    drawn: list[tuple[Path, Whose]] = []
    for path, of in folds:
        if way is Does.PERFORATE:
            cut, bridge = ((max(_CUT_MM, _CUT_T * stock.caliper_mm),
                            max(_BRIDGE_MM, _BRIDGE_T * stock.caliper_mm)))
            for line in path:
                if isinstance(line, Line):
                    drawn += [((dash,), of) for dash in perforated(line, cut, bridge)]
        else:
            drawn.append((path, of))
    ends = [Ends(path[0].start, path[-1].end, True) for path, _ in drawn]
    found: list[Made] = []
    last: Point | None = None
    for number, back in ordered(ends):
        path, of = drawn[number]
        if back:
            path = tuple(reverse(s) for s in reversed(path))
        found += _made(_STAGE_OF[way], tool, setting, path, of, ground, last)
        last = _way_at_end(path)
    return found


class _Ready(NamedTuple):
    """A cut as a tool makes it.  round: it goes round as often as the stock wants in one stroke."""

    drawn: Path
    axis: Path
    of: Whose
    round: bool = False


def _cuts(device: Device, stock: Stock, cuts: Sequence[Cut], ground: _Ground) -> list[Made]:
    tool = device.tool_for(Does.CUT)
    assert tool is not None  # refused before
    setting = device.setting_for(stock, tool)
    found: list[Made] = []
    at: Point = (0.0, 0.0)
    for stage, some in _inside_first(cuts):
        ready = [each for cut in some for each in _begun(device, tool, cut, ground, setting.passes)]
        ends = [Ends(r.axis[0].start, r.axis[-1].end, False) for r in ready]
        start = ground.sheet.centre if stage is Stage.OUTLINE else at
        last: Point | None = None
        for number, _ in ordered(ends, start):
            r = ready[number]
            for _ in range(1 if r.round else setting.passes):
                if tool.way is Way.BLADE:
                    found += _oriented(tool, setting, stage, first_of(r.axis, 0.1), ground, last)
                found.append(Made(stage, tool, setting, r.drawn, r.axis, r.of))
                last = _way_at_end(r.axis)
            at = r.axis[-1].end
    return found


def _inside_first(cuts: Sequence[Cut]) -> list[tuple[Stage, list[Cut]]]:
    """Cuts in the order in which nothing is freed before all inside it is done: what lies in most others
    first, openings and slits before outlines."""
    outlines = [(flat_points(c.path)[:-1], path_bounds([c.path]), c) for c in cuts
                if c.kind is Kind.OUTLINE and is_closed(c.path)]
    levels: dict[tuple[int, bool], list[Cut]] = {}
    for cut in cuts:
        x, y = cut.path[0].start
        within = sum(1 for ring, box, other in outlines
                     if (other.of.thing, other.of.piece, other.of.copy) != (cut.of.thing, cut.of.piece,
                                                                           cut.of.copy)
                     and box.left < x < box.right and box.bottom < y < box.top and contains(ring, (x, y)))
        levels.setdefault((-within, cut.kind is Kind.OUTLINE), []).append(cut)
    return [(Stage.OUTLINE if outline else Stage.INNER, levels[level, outline])
            for level, outline in sorted(levels)]


def _begun(device: Device, tool: MachineTool, cut: Cut, ground: _Ground, passes: int) -> list[_Ready]:
    """A cut begun on the waste, closed past its beginning, held by bridges where it is small."""
    def led(path: Path) -> Path:
        return blade_axis(path, tool.offset_mm) if tool.way is Way.BLADE else path

    if not is_closed(cut.path):
        return [_Ready(cut.path, led(cut.path), cut.of)]
    slit = middle_of(cut.path, tool.smallest_mm) if cut.kind is Kind.OPENING else None
    if slit is not None:  # a slot narrower than the tool makes is one cut along its middle
        return [_Ready((slit,), led((slit,)), cut.of)]
    way = beam_axis(cut.path, tool.kerf_mm / 2 if tool.way is Way.BEAM else 0.0) or cut.path
    if cut.kind is Kind.OUTLINE and 0.0 < abs(signed_area(flat_points(cut.path)[:-1])) < device.hold_mm2:
        return [_Ready(run, led(run), cut.of) for run in bridged(way, device.bridge_mm, 2)]
    length, room = max(tool.lead_mm, 3.5 * tool.offset_mm), 1.2 * tool.offset_mm
    begun, start = lead_in(way, length, ground.waste.holds, room)
    if begun is way and start == way[0].start:  # no room for that: a shorter way, as well as it goes
        begun, start = lead_in(way, length / 2, ground.waste.holds)
    lead = (Line(start, begun[0].start),) if math.dist(start, begun[0].start) > 1e-6 else ()
    whole = (*lead, *(begun * passes), *first_of(begun, tool.overcut_mm))
    return [_Ready(cut.path, led(whole), cut.of, round=True)]


def _made(stage: Stage, tool: MachineTool, setting: Setting, path: Path, of: Whose, ground: _Ground,
          last: Point | None) -> list[Made]:
    if tool.way is not Way.BLADE:
        return [Made(stage, tool, setting, path, path, of, setting.passes)]
    axis = blade_axis(path, tool.offset_mm)
    found: list[Made] = []
    for _ in range(setting.passes):
        found += _oriented(tool, setting, stage, path, ground, last)
        found.append(Made(stage, tool, setting, path, axis, of))
        last = _way_at_end(path)
    return found


def _oriented(tool: MachineTool, setting: Setting, stage: Stage, path: Path, ground: _Ground,
              last: Point | None) -> list[Made]:
    """A stroke on the waste that turns a blade the way the next cut begins, where it does not look so
    already."""
    way = tangent(path[0])
    if last is not None and way[0] * last[0] + way[1] * last[1] > math.cos(math.radians(_LOOKS_DEG)):
        return []
    stroke = ground.orient(way, max(3.0, _ORIENT * tool.offset_mm), path[0].start)
    if stroke is None:
        return []
    return [Made(stage, tool, setting, stroke, blade_axis(stroke, tool.offset_mm), None)]


def _way_at_end(path: Path) -> Point:
    return tangent(path[-1], True)
