"""The stand-in cutter: plays a machine's file over the sheet and says what would come of it.

It knows the machine's bed and tools, how a trailing blade swings and how wide a beam burns.  A blade's tip is
drawn after the axis like a stone on a string (a tractrix), from whatever way it last looked.
"""

from __future__ import annotations

import itertools
import math
from collections.abc import Sequence
from typing import Any, NamedTuple

from mingei.core.layout.place import Page
from mingei.core.plane.shape import contains, distance_to_segment, flat_points, signed_area
from mingei.core.words import Words, say
from mingei.core.work.device import Device, MachineTool, Way
from mingei.core.work.job import zero_of
from mingei.core.work.lines import lines_of
from mingei.devices.creases import wrong_counts, wrong_creases, wrong_paces, wrong_tools
from mingei.devices.job_reader import CUTS, FOLDS, Stroke

Point = tuple[float, float]
#: The axis is followed in steps of so much, mm.
_STEP_MM = 0.03
#: What is nearer its beginning than this is closed; two cuts nearer than this tear what lies between, mm.
_CLOSED_MM, _NEAR_MM = 0.35, 0.45
#: Legs to which the end comes nearly as near as this (mm) are one way gone several times.
_SAME_LEG_MM = 0.05
#: So much of a job (a share) spent travelling is worth a word; what is further off than this (mm) is a fault.
_TRAVEL_SHARE, _OFF_MM = 0.4, 0.1
#: where going from each stroke to the nearest next of its group would travel so much less (times).
_TRAVEL_MORE = 3.0


class Fault(NamedTuple):
    """What would go wrong: a code, one sentence, where, mm from the job's zero."""

    code: str
    sentence: Words
    at: Point


class Compared(NamedTuple):
    """What was really cut against the drawing, of one piece: the greatest distance (mm), where from
    the job's zero, and how much larger it comes out (mm2)."""

    piece: str
    worst_mm: float
    at: Point
    area_mm2: float


class Rehearsal(NamedTuple):
    """What a job would do.  tips: where each stroke really goes; worst: None where it was compared with
    nothing."""

    faults: tuple[Fault, ...]
    compared: tuple[Compared, ...]
    tips: tuple[tuple[Point, ...], ...]
    strokes: tuple[Stroke, ...]
    travel_mm: float
    made_mm: float
    minutes: float

    @property
    def worst_mm(self) -> float:
        return max((c.worst_mm for c in self.compared), default=0.0)

    @property
    def area_difference_mm2(self) -> float:
        return sum(abs(c.area_mm2) for c in self.compared)


def rehearse(strokes: Sequence[Stroke], device: Device, page: Page | None = None,
             swings: bool = True) -> Rehearsal:
    """Play a job.  page: the sheet it should make, to be compared with; swings: whether blades trail at all,
    which a machine that corrects for them itself does not show."""
    tools = [_tool_of(s, device) for s in strokes]
    tips = _tips(strokes, tools, swings)
    faults = [*_bed(strokes, device), *_order(strokes), *_loops(strokes, tips, tools, device),
              *_twice(strokes),
              *_near(strokes, tips), *_known(strokes, device),
              *(Fault(w.code, w.sentence, w.at) for w in wrong_tools(strokes, device)),
              *(Fault(w.code, w.sentence, w.at) for w in wrong_paces(strokes, device))]
    travel = made = seconds = 0.0
    at: Point = (0.0, 0.0)
    for s, tool in zip(strokes, tools, strict=True):
        travel += math.dist(at, s.points[0])
        length = sum(math.dist(a, b) for a, b in zip(s.points, s.points[1:], strict=False))
        made += length
        seconds += length / (tool.speed_mm_s if tool else 50.0)
        at = s.points[-1]
    seconds += travel / device.travel_mm_s
    if made and travel / (travel + made) > _TRAVEL_SHARE and travel > _TRAVEL_MORE * _nearest_next(strokes):
        faults.append(Fault("travel", say("{share:.0f} in a hundred of its way makes nothing: order it anew",
                                          share=100 * travel / (travel + made)), strokes[0].points[0]))
    compared: tuple[Compared, ...] = ()
    if page is not None:
        (x, y), _ = zero_of(page)
        on_sheet = tuple(tuple((px + x, py + y) for px, py in tip) for tip in tips)
        compared = tuple(c._replace(at=(c.at[0] - x, c.at[1] - y))
                         for c in _compare(strokes, on_sheet, tools, page, device.bridge_mm))
        faults += [Fault("off-the-drawing", say("the {piece} comes out up to {mm:.2f} mm off its drawing",
                                                piece=c.piece, mm=c.worst_mm), c.at)
                   for c in compared if c.worst_mm > _OFF_MM]
        lines = lines_of(page)
        faults += [Fault(w.code, w.sentence, (w.at[0] - x, w.at[1] - y)) for w in (
            *wrong_creases(lines, strokes, (x, y)),
            *wrong_counts(lines, strokes, tools, page, device, (x, y)))]
    return Rehearsal(tuple(faults), compared, tips, tuple(strokes), travel, made, seconds / 60.0)


def _nearest_next(strokes: Sequence[Stroke]) -> float:
    """How far (mm) it would travel from each stroke to the nearest next of its group."""
    at, total = (0.0, 0.0), 0.0
    for group in dict.fromkeys(s.group for s in strokes):
        waiting = [s for s in strokes if s.group == group]
        if len(waiting) > 600:
            return math.inf  # too many to be ordered for a remark
        while waiting:
            nearest = min(waiting, key=lambda s: math.dist(at, s.points[0]))
            waiting.remove(nearest)
            total += math.dist(at, nearest.points[0])
            at = nearest.points[-1]
    return total


def _tool_of(stroke: Stroke, device: Device) -> MachineTool | None:
    found = next((t for t in device.tools if t.number == stroke.tool), None)
    if found is not None or stroke.tool:
        return found
    does = {"crease": "crease", "half-cut": "half cut", "perforate": "perforate",
            "draw": "draw"}.get(stroke.group, "cut")
    return next((t for t in device.tools if any(str(d) == does for d in t.does)), None)


def _is_fold(stroke: Stroke) -> bool:
    return stroke.group in FOLDS


def _is_cut(stroke: Stroke, tool: MachineTool | None) -> bool:
    return (stroke.group in CUTS
            or (not stroke.group and tool is not None and any(str(d) == "cut" for d in tool.does)))


def _tips(strokes: Sequence[Stroke], tools: Sequence[MachineTool | None],
          swings: bool) -> tuple[tuple[Point, ...], ...]:
    """Where tips really go."""
    heading: Point = (0.0, -1.0)  # whatever way it looked before
    found = []
    for s, tool in zip(strokes, tools, strict=True):
        d = tool.offset_mm if tool is not None and tool.way is Way.BLADE and swings else 0.0
        if d <= 0.0:
            found.append(s.points)
            continue
        (x, y) = s.points[0]
        tx, ty = x - d * heading[0], y - d * heading[1]
        path = [(tx, ty)]
        for (ax, ay), (bx, by) in zip(s.points, s.points[1:], strict=False):
            length = math.hypot(bx - ax, by - ay)
            count = max(1, math.ceil(length / _STEP_MM))
            for k in range(1, count + 1):
                px, py = ax + (bx - ax) * k / count, ay + (by - ay) * k / count
                hx, hy = px - tx, py - ty
                away = math.hypot(hx, hy)
                if away > 1e-12:
                    tx, ty = px - d * hx / away, py - d * hy / away
            path.append((tx, ty))
        heading = ((s.points[-1][0] - tx) / d, (s.points[-1][1] - ty) / d)
        found.append(tuple(path))
    return tuple(found)


def _bed(strokes: Sequence[Stroke], device: Device) -> list[Fault]:
    wide, high = device.bed_mm
    for s in strokes:
        for x, y in s.points:
            if not (-0.01 <= x <= wide + 0.01 and -0.01 <= y <= high + 0.01):
                return [Fault("outside-bed",
                              say("it goes to {x:.1f}, {y:.1f}, outside the bed of {wide:g} x {high:g} "
                                                 "mm: lay the sheet otherwise", x=x, y=y, wide=wide,
                                  high=high), (x, y))]
    return []


def _known(strokes: Sequence[Stroke], device: Device) -> list[Fault]:
    numbers = {t.number for t in device.tools}
    for s in strokes:
        if s.tool and s.tool not in numbers:
            return [Fault("unknown-tool",
                          say("it asks for tool {number}, and the machine has {names}", number=s.tool,
                                              names=", ".join(map(str, sorted(numbers)))), s.points[0])]
    return []


def _order(strokes: Sequence[Stroke]) -> list[Fault]:
    """Folds before cuts, inner cuts before what goes round them."""
    cut: Stroke | None = None
    for s in strokes:
        if s.group in CUTS:
            cut = s
        elif _is_fold(s) and cut is not None:
            return [Fault("cut-before-crease",
                          say("a fold is made after a cut: the part may lie loose by then; make "
                                                   "all folds first"), s.points[0])]
    return []


def _loop(points: Sequence[Point]) -> list[Point]:
    """The ring a stroke closes, once round, lead-in and overcut left out; [] where it closes none."""
    if len(points) < 4:
        return []
    end, run = points[-1], 0.0
    back: list[tuple[float, int]] = []  # how near the end comes to each leg, from the last leg on
    for i in range(len(points) - 2, -1, -1):
        before, run = run, run + math.dist(points[i], points[i + 1])
        if before > 3.0:
            near = distance_to_segment(end, points[i], points[i + 1])
            if near < _CLOSED_MM:
                back.append((near, i))
    if not back:
        return []
    # the other side of a narrow notch is near, too: it closes where it is nearest, the last time
    nearest = min(near for near, _ in back)
    return list(points[next(i for near, i in back if near < nearest + _SAME_LEG_MM):])


def _loops(strokes: Sequence[Stroke], tips: Sequence[Sequence[Point]], tools: Sequence[MachineTool | None],
           device: Device) -> list[Fault]:
    """Outlines that do not close; parts freed before what is inside them; what is too small for the tool;
    small parts that nothing holds."""
    faults: list[Fault] = []
    freed: list[tuple[list[Point], tuple[float, float, float, float]]] = []
    said: set[str] = set()

    def tell(code: str, words: Words, at: Point) -> None:
        if code not in said:
            said.add(code)
            faults.append(Fault(code, words, at))

    for s, tip, tool in zip(strokes, tips, tools, strict=True):
        if not _is_cut(s, tool) or tool is None:
            continue
        middle = tip[len(tip) // 2]
        for ring, (left, bottom, right, top) in freed:
            if (left < middle[0] < right and bottom < middle[1] < top and contains(ring, middle)
                    and not _along_ring(ring, tip)):
                tell("freed-early",
                     say("a part is cut free before a cut inside it is made: inner cuts first"), middle)
        ring = _loop(tip)
        if s.radius < tool.smallest_radius_mm - 1e-6 and s.radius > tool.offset_mm + 1e-3:
            tell("too-small",
                 say("a curve of radius {radius:.2f} mm is tighter than the {tool} makes ({least:g} mm)",
                                  radius=s.radius, tool=tool.id, least=tool.smallest_radius_mm), tip[0])
        if ring:
            xs, ys = [p[0] for p in ring], [p[1] for p in ring]
            burnt = tool.kerf_mm if s.group == "cut-inner" else -tool.kerf_mm  # an opening is wider by a beam
            if min(max(xs) - min(xs), max(ys) - min(ys)) + burnt < tool.smallest_mm - 1e-6:
                tell("too-small", say("a part or opening is narrower than the {tool} makes ({least:g} mm)",
                                      tool=tool.id,
                                      least=tool.smallest_mm), ring[0])
            if s.group != "cut-inner" and 0.0 < abs(signed_area(ring)) < device.hold_mm2:
                tell("bridge-missing",
                     say("a part of {area:.0f} mm2 is held by nothing and may be blown away: leave bridges",
                         area=abs(signed_area(ring))), ring[0])
            # what falls out of an opening is as loose as a part
            freed.append((ring, (min(xs), min(ys), max(xs), max(ys))))
        elif s.group == "cut-outline" and not device.hold_mm2:
            length = sum(math.dist(a, b) for a, b in itertools.pairwise(tip))
            if length > 20.0:
                tell("open-path",
                     say("an outline does not come back to where it began: the part hangs by {gap:.2f} mm",
                                      gap=math.dist(tip[0], tip[-1])), tip[-1])
    return faults


def _along_ring(ring: Sequence[Point], tip: Sequence[Point]) -> bool:
    """Whether a stroke runs along a ring itself: another pass of the same cut."""
    return min(math.dist(tip[-1], p) for p in ring) < 0.5


def _twice(strokes: Sequence[Stroke]) -> list[Fault]:
    """The same line made again after something else was made between: more than another pass."""
    seen: dict[tuple[Any, ...], int] = {}
    last: tuple[Any, ...] = ()
    for number, s in enumerate(strokes):
        if s.group not in CUTS:
            continue
        key = tuple((round(x, 1), round(y, 1))
                    for x, y in (s.points[0], s.points[len(s.points) // 2], s.points[-1]))
        if key != last and (key in seen or key[::-1] in seen):
            return [Fault("cut-twice", say("a line is cut again after others were: the card tears there"),
                          s.points[0])]
        seen[key] = number
        last = key
    return []


def _near(strokes: Sequence[Stroke], tips: Sequence[Sequence[Point]]) -> list[Fault]:
    """Two cuts so near each other that what lies between tears."""
    from shapely import LineString, STRtree

    lines, owners = [], []
    for number, (s, tip) in enumerate(zip(strokes, tips, strict=True)):
        if s.group == "cut-inner" and len(tip) > 1:
            lines.append(LineString(tip))
            owners.append(number)
    if len(lines) < 2:
        return []
    tree = STRtree(lines)
    for i, line in enumerate(lines):
        for j in tree.query(line.buffer(_NEAR_MM)):
            if j <= i or strokes[owners[j]].points == strokes[owners[i]].points:
                continue
            between = line.buffer(_NEAR_MM).intersection(lines[j])
            if between.length > 3.0 and line.distance(lines[j]) > 0.02:
                x, y = between.centroid.coords[0]
                return [Fault("slits-near",
                              say("two slits run {gap:.2f} mm from each other: what lies between tears",
                                                gap=line.distance(lines[j])), (x, y))]
    return []


def _compare(strokes: Sequence[Stroke], tips: Sequence[Sequence[Point]], tools: Sequence[MachineTool | None],
             page: Page, bridge_mm: float) -> list[Compared]:
    """What was really cut against the drawing of the sheet, piece by piece; bridges are meant to stay."""
    from shapely import LineString, MultiLineString, Polygon, STRtree, points, union_all
    from shapely.ops import linemerge

    lines = lines_of(page)
    cuts = [(LineString(tip), tool.kerf_mm / 2 if tool is not None and tool.way is Way.BEAM else 0.0)
            for s, tip, tool in zip(strokes, tips, tools, strict=True) if _is_cut(s, tool) and len(tip) > 1]
    made = [line for line, _ in cuts]
    half = max((k for _, k in cuts), default=0.0)
    tree = STRtree(made)
    held = MultiLineString(_bridges([tip for s, tip, tool in zip(strokes, tips, tools, strict=True)
                                     if _is_cut(s, tool)], bridge_mm))
    least = min((tool.smallest_mm for s, tool in zip(strokes, tools, strict=True)
                 if tool is not None and _is_cut(s, tool)), default=0.0)
    by_piece: dict[tuple[str, str, int], list[Any]] = {}
    for cut in lines.cuts:
        by_piece.setdefault((cut.of.thing, cut.of.piece, cut.of.copy), []).append(cut)
    found: list[Compared] = []
    for (_, piece, _), some in by_piece.items():
        worst, where = 0.0, (0.0, 0.0)
        nominal = [LineString(flat_points(c.path)) for c in some]
        nominal = [_slit(n, least) if c.kind == "opening" else n for n, c in zip(nominal, some, strict=True)]
        # every point of the drawing must be cut, half a beam aside
        for line in nominal:
            for at in _samples(line, 0.4, 6 * half):
                if held.distance(points(at)) < half + _SAME_LEG_MM:
                    continue
                near = tree.nearest(points(at))
                off = abs(made[near].distance(points(at)) - half)
                if off > worst:
                    worst, where = off, (at[0], at[1])
        # and nothing of the card may be cut beside it
        outlines = [Polygon(n) for n, c in zip(nominal, some, strict=True) if c.kind == "outline"
                    and len(n.coords) > 3]
        openings = [Polygon(n) for n, c in zip(nominal, some, strict=True) if c.kind == "opening"
                    and len(n.coords) > 3]
        area = 0.0
        if outlines:
            card = union_all([p.buffer(0) for p in outlines])
            if openings:
                card = card.difference(union_all([p.buffer(0) for p in openings]))
            inner = card.buffer(-0.005)
            edge = MultiLineString([*(list(n.coords) for n in nominal)])
            for i in tree.query(card):
                inside = made[i].intersection(inner)
                if inside.is_empty:
                    continue
                merged = linemerge(inside) if inside.geom_type == "MultiLineString" else inside
                for part in getattr(merged, "geoms", [merged]):
                    if part.geom_type != "LineString":
                        continue
                    for at in _samples(part, 0.2, 0.0):
                        off = edge.distance(points(at)) + half
                        if off > worst:
                            worst, where = off, (at[0], at[1])
            area = _grown(card, [made[i] for i in tree.query(card.buffer(2.0))], half)
        found.append(Compared(piece, worst, where, area))
    return found


def _bridges(tips: Sequence[Sequence[Point]], bridge_mm: float) -> list[tuple[Point, Point]]:
    """What is left between runs of one way: from the end of each to the beginning of another, no farther off
    than a bridge is wide."""
    open_ways = [tip for tip in tips if math.dist(tip[0], tip[-1]) > _CLOSED_MM]
    return [(one[-1], next_one[0]) for one in open_ways for next_one in open_ways
            if math.dist(one[-1], next_one[0]) < bridge_mm * 1.02]


def _slit(opening: Any, least: float) -> Any:
    """What is asked of a slot narrower than the tool makes: one cut between the middles of its short
    sides."""
    from shapely import LineString, Polygon

    around = list(Polygon(opening).minimum_rotated_rectangle.exterior.coords)
    sides = sorted((math.dist(a, b), a, b) for a, b in itertools.pairwise(around))
    if len(sides) != 4 or sides[0][0] >= least - 1e-6 or sides[3][0] < 2 * sides[0][0]:
        return opening
    ends = [((a[0] + b[0]) / 2, (a[1] + b[1]) / 2) for _, a, b in sides[:2]]
    return LineString(ends)


def _samples(line: Any, step: float, clear: float) -> list[tuple[float, float]]:
    """Points along a line, its corners among them; clear: so far from corners, which a beam rounds, mm."""
    corners = [(float(x), float(y)) for x, y in line.coords]
    whole = line.length
    count = int(whole / step)
    spots = (line.interpolate(k * whole / count) for k in range(count if count > 1 else 0))
    between = [(p.x, p.y) for p in spots]
    if clear <= 0.0:
        return corners + between
    return [p for p in between if all(math.dist(p, c) > clear for c in corners)]


def _grown(card: Any, made: Sequence[Any], half: float) -> float:
    """How much larger (mm2) a part comes out than its drawing: the piece of card that the cuts leave there
    against it; 0 where it still hangs on something."""
    from shapely import union_all
    from shapely.ops import polygonize

    if not made:
        return 0.0
    if half > 0:
        burnt = union_all([line.buffer(half, quad_segs=8) for line in made])
        rest = card.buffer(3.0).difference(burnt)
    else:
        rest = union_all([p for p in polygonize(union_all(list(made)))
                          if p.representative_point().within(card)])
    parts = [p for p in getattr(rest, "geoms", [rest]) if p.area > 0
             and p.representative_point().within(card.buffer(0.5))]
    whole = sum(p.area for p in parts if p.intersection(card).area > 0.5 * p.area)
    return float(whole - card.area) if whole and abs(whole - card.area) < 0.2 * card.area else 0.0
