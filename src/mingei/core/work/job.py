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
from mingei.core.layout.place import CORNER_MM, Page
from mingei.core.plane.shape import Box, Line, Path, Point, flat_points, path_bounds, reverse, signed_area
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
    perforated,
    tangent,
)

#: A perforation's cuts and bridges: at least so long, mm, and so many calipers (from experience).
_CUT_MM, _CUT_T, _BRIDGE_MM, _BRIDGE_T = 1.5, 4.0, 0.8, 2.0
#: Stock from here on is half cut where a tool can, thinner is perforated, mm.
_HALF_FROM_MM = 0.25
#: How far a blade is drawn over the waste so that it looks the right way, in offsets.
_ORIENT = 6.0


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
    lead-in and overcut included; closed: it frees what it goes round; piece: whose it is, () for a stroke on
    the waste; begins: how much of it (mm) is lead-in.
    """

    stage: Stage
    tool: MachineTool
    setting: Setting
    drawn: Path
    axis: Path
    closed: bool
    piece: tuple[str, ...]
    begins: float = 0.0

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
        work = sum(sum(seg.length for seg in s.axis) * s.setting.passes / s.speed for s in self.strokes)
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
    ground = _Ground(Box(0.0, 0.0, sheet.width, sheet.height), lines.cuts)
    strokes: list[Made] = []
    if way is not None:
        strokes += _folds(device, stock, way, [(Line(s.start, s.end),) for s in lines.scores]
                          + [c.path for c in lines.curves], [(s.of.thing, s.of.piece, str(s.of.copy)) for s in
                                                             lines.scores]
                          + [(c.of.thing, c.of.piece, str(c.of.copy)) for c in lines.curves], ground)
    strokes += _cuts(device, stock, lines.cuts, ground)
    corners = page.sheet.laying.corners
    zero = (sheet.margin + CORNER_MM / 2, sheet.margin + CORNER_MM / 2) if corners else (0.0, 0.0)
    words = (say("the lower left corner of the sheet; register by the marks in its corners") if corners
             else say("the lower left corner of the sheet"))
    return Job(device, page, tuple(strokes), (0.0, 0.0) if not corners else zero, words)


class _Ground:
    """What of a sheet is card of a part, and what is waste."""

    def __init__(self, sheet: Box, cuts: Sequence[Cut]) -> None:
        self.sheet = sheet
        self.rings = []
        for cut in cuts:
            if cut.kind in (Kind.OUTLINE, Kind.OPENING) and is_closed(cut.path):
                ring = flat_points(cut.path)[:-1]
                self.rings.append((path_bounds([cut.path]), ring, signed_area(ring) > 0))

    def is_waste(self, p: Point) -> bool:
        """Whether a point lies on the sheet and in no part."""
        s = self.sheet
        if not (s.left + 0.2 <= p[0] <= s.right - 0.2 and s.bottom + 0.2 <= p[1] <= s.top - 0.2):
            return False
        card = False
        for box, ring, outline in self.rings:
            if box.left <= p[0] <= box.right and box.bottom <= p[1] <= box.top and _inside(ring, p):
                card = outline if outline else False
                if not outline:
                    return True
        return not card

    def orient(self, way: Point, length: float) -> Path | None:
        """A stroke on the waste along a direction, near the sheet's edge."""
        s = self.sheet
        for x in (s.left + 2 + length / 2, s.right - 2 - length / 2):
            y = s.bottom + 2 + length / 2
            while y < s.top - 2:
                a = x - way[0] * length / 2, y - way[1] * length / 2
                b = x + way[0] * length / 2, y + way[1] * length / 2
                if all(self.is_waste((a[0] + (b[0] - a[0]) * k / 4, a[1] + (b[1] - a[1]) * k / 4))
                       for k in range(5)):
                    return (Line(a, b),)
                y += 6.0
        return None


def _inside(ring: Sequence[Point], p: Point) -> bool:
    inside, j = False, len(ring) - 1
    for i, (xi, yi) in enumerate(ring):
        xj, yj = ring[j]
        if (yi > p[1]) != (yj > p[1]) and p[0] < (xj - xi) * (p[1] - yi) / (yj - yi) + xi:
            inside = not inside
        j = i
    return inside


def _folds(device: Device, stock: Stock, way: Does, paths: Sequence[Path], pieces: Sequence[tuple[str, ...]],
           ground: _Ground) -> list[Made]:
    tool = device.tool_for(way)
    assert tool is not None
    setting = device.setting_for(stock, tool)
    if way is Does.HALF:
        setting = setting._replace(passes=1, force=setting.force / 2)
    drawn: list[tuple[Path, tuple[str, ...]]] = []
    for path, piece in zip(paths, pieces, strict=True):
        if way is Does.PERFORATE:
            cut, bridge = ((max(_CUT_MM, _CUT_T * stock.caliper_mm),
                            max(_BRIDGE_MM, _BRIDGE_T * stock.caliper_mm)))
            for line in path:
                if isinstance(line, Line):
                    drawn += [((dash,), piece) for dash in perforated(line, cut, bridge)]
        else:
            drawn.append((path, piece))
    ends = [Ends(path[0].start, path[-1].end, True) for path, _ in drawn]
    found: list[Made] = []
    last: Point | None = None
    for number, back in ordered(ends):
        path, piece = drawn[number]
        if back:
            path = tuple(reverse(s) for s in reversed(path))
        found += _made(_STAGE_OF[way], tool, setting, path, False, piece, ground, last)
        last = _way_at_end(path)
    return found


def _cuts(device: Device, stock: Stock, cuts: Sequence[Cut], ground: _Ground) -> list[Made]:
    tool = device.tool_for(Does.CUT)
    assert tool is not None  # refused before
    setting = device.setting_for(stock, tool)
    found: list[Made] = []
    at: Point = (0.0, 0.0)
    for stage, some in ((Stage.INNER, [c for c in cuts if c.kind is not Kind.OUTLINE]),
                        (Stage.OUTLINE, [c for c in cuts if c.kind is Kind.OUTLINE])):
        ready: list[tuple[Path, Path, bool, tuple[str, ...], float]] = []
        for cut in some:
            ready += _begun(device, tool, cut, ground)
        ends = [Ends(axis[0].start, axis[-1].end, False) for _, axis, _, _, _ in ready]
        start = ground.sheet.centre if stage is Stage.OUTLINE else at
        last: Point | None = None
        for number, _ in ordered(ends, start):
            drawn, axis, closed, piece, begins = ready[number]
            if not closed and tool.way is Way.BLADE:
                found += _oriented(tool, setting, stage, drawn, ground, last)
            found.append(Made(stage, tool, setting, drawn, axis, closed, piece, begins))
            last = _way_at_end(drawn)
            at = axis[-1].end
    return found


def _begun(device: Device, tool: MachineTool, cut: Cut, ground: _Ground
           ) -> list[tuple[Path, Path, bool, tuple[str, ...], float]]:
    """A cut as a tool makes it: begun on the waste, closed past its beginning, held by bridges where it is
    small."""
    piece = (cut.of.thing, cut.of.piece, str(cut.of.copy))
    if not is_closed(cut.path):
        axis = blade_axis(cut.path, tool.offset_mm) if tool.way is Way.BLADE else cut.path
        return [(cut.path, axis, False, piece, 0.0)]
    drawn = cut.path
    if cut.kind is Kind.OUTLINE and 0.0 < abs(signed_area(flat_points(drawn)[:-1])) < device.hold_mm2:
        runs = bridged(beam_axis(drawn, tool.kerf_mm / 2), device.bridge_mm, 2)
        return [(run, blade_axis(run, tool.offset_mm), False, piece, 0.0) for run in runs]
    way = beam_axis(drawn, tool.kerf_mm / 2) if tool.way is Way.BEAM else drawn
    if not way:
        way = drawn
    way, start = lead_in(way, max(tool.lead_mm, 3.5 * tool.offset_mm), ground.is_waste)
    lead = (Line(start, way[0].start),) if math.dist(start, way[0].start) > 1e-6 else ()
    whole = (*lead, *way, *first_of(way, tool.overcut_mm))
    axis = blade_axis(whole, tool.offset_mm) if tool.way is Way.BLADE else whole
    return [(drawn, axis, True, piece, sum(s.length for s in lead))]


def _made(stage: Stage, tool: MachineTool, setting: Setting, path: Path, closed: bool, piece: tuple[str, ...],
          ground: _Ground, last: Point | None) -> list[Made]:
    found = _oriented(tool, setting, stage, path, ground, last) if tool.way is Way.BLADE else []
    axis = blade_axis(path, tool.offset_mm) if tool.way is Way.BLADE else path
    return [*found, Made(stage, tool, setting, path, axis, closed, piece)]


def _oriented(tool: MachineTool, setting: Setting, stage: Stage, path: Path, ground: _Ground,
              last: Point | None) -> list[Made]:
    """A stroke on the waste that turns a blade the way the next cut begins, where it does not look so
    already."""
    way = tangent(path[0])
    if last is not None and way[0] * last[0] + way[1] * last[1] > math.cos(math.radians(2.0)):
        return []
    stroke = ground.orient(way, max(4.0, _ORIENT * tool.offset_mm))
    if stroke is None:
        return []
    return [Made(stage, tool, setting, stroke, blade_axis(stroke, tool.offset_mm), False, ())]


def _way_at_end(path: Path) -> Point:
    return tangent(path[-1], True)
