"""What a job does about the folds of a sheet, held against its drawing: none missing, none beside its place,
each with a tool that creases, as often and as hard as the stock wants it; and how often what is cut is cut.

Like the rest of the stand-in it shares nothing with what writes jobs: it looks at where the tools go.
"""

from __future__ import annotations

import math
from collections.abc import Iterator, Sequence
from itertools import pairwise
from typing import Any, NamedTuple

from mingei.core.layout.place import Page
from mingei.core.plane.shape import flat_points
from mingei.core.words import Words, say
from mingei.core.work.device import Device, Does, MachineTool, Setting
from mingei.core.work.lines import Lines
from mingei.devices.job_reader import CUTS, FOLDS, Stroke

#: A crease farther off its line than this is a fault, mm; ends may stop so far short of theirs, where folds
#: meet; it is looked at in steps of so much.
_OFF_MM, _ENDS_MM, _STEP_MM = 0.15, 1.5, 0.5
#: Of a line at least this share is creased; a perforation leaves as much as it makes.
_MADE, _PERFORATED = 0.85, 0.25
#: A crease looked for beside its line, mm.
_BESIDE_MM = 5.0
#: How often a line is made is seen at so many places of it, from so near, mm.
_LOOKS, _NEAR_MM = 9, 0.12
#: So short a line has others at most of its places, mm.
_SHORT_MM = 3.0
#: So far (a share) a beam may be stronger or weaker than its stock wants.
_FORCE = 0.25
_DOES = {"crease": Does.CREASE, "half-cut": Does.HALF, "perforate": Does.PERFORATE, "draw": Does.DRAW,
         "cut-inner": Does.CUT, "cut-outline": Does.CUT}


class Wrong(NamedTuple):
    """What is wrong: a code, a sentence, where on the sheet, mm."""

    code: str
    sentence: Words
    at: tuple[float, float]


def wrong_creases(lines: Lines, strokes: Sequence[Stroke], zero: tuple[float, float]) -> Iterator[Wrong]:
    """What of the drawn folds is not creased, and what is creased where none is drawn.  zero: of the job, on
    the sheet, mm."""
    from shapely import LineString, MultiLineString, STRtree, points

    x, y = zero
    made = [LineString([(px + x, py + y) for px, py in s.points]) for s in strokes
            if s.group in FOLDS and len(s.points) > 1]
    wanted = [LineString((s.start, s.end)) for s in lines.scores]
    wanted += [LineString(flat_points(c.path)) for c in lines.curves]
    whose = [*(s.of.piece for s in lines.scores), *(c.of.piece for c in lines.curves)]
    if not wanted and not made:
        return
    perforated = any(s.group == "perforate" for s in strokes)
    enough = _PERFORATED if perforated else _MADE
    tree = STRtree(made) if made else None
    drawn = MultiLineString([list(line.coords) for line in wanted])
    off_places = []
    for line, piece in zip(wanted, whose, strict=True):
        spots = _spots(line)
        away = [float("inf") if tree is None else made[tree.nearest(points(p))].distance(points(p))
                for p in spots]
        share = sum(d <= _OFF_MM for d in away) / len(spots)
        if share >= enough:
            continue
        middle = spots[len(spots) // 2]
        beside = sorted(away)[len(away) // 2]
        if share < 0.2 and beside <= _BESIDE_MM:
            off_places.append(middle)
            yield Wrong("crease-off", say("a crease of the {piece} lies {mm:.2f} mm beside its line",
                                          piece=piece, mm=beside), middle)
        else:
            yield Wrong("crease-missing", say("a fold of the {piece} is not creased", piece=piece), middle)
    for line in made:
        stray = [p for p in _spots(line) if not wanted or drawn.distance(points(p)) > _OFF_MM]
        if len(stray) * _STEP_MM > 2.0 and not any(math.dist(p, o) < 2 * _BESIDE_MM + line.length
                                                   for p in stray[:1] for o in off_places):
            yield Wrong("crease-stray", say("it creases where no fold is drawn"), stray[len(stray) // 2])


def _spots(line: Any) -> list[tuple[float, float]]:
    """Places along a line, its ends left out where it is long enough."""
    short = _ENDS_MM if line.length > 3 * _ENDS_MM else line.length / 4
    count = max(1, math.ceil((line.length - 2 * short) / _STEP_MM))
    some = (line.interpolate(short + (line.length - 2 * short) * k / count) for k in range(count + 1))
    return [(p.x, p.y) for p in some]


def wrong_tools(strokes: Sequence[Stroke], device: Device) -> Iterator[Wrong]:
    """Strokes made with a tool that does not do what their group is."""
    by_number = {t.number: t for t in device.tools}
    said = set[tuple[str, int]]()
    for s in strokes:
        tool, does = by_number.get(s.tool), _DOES.get(s.group)
        if tool is None or does is None or does in tool.does or (s.group, s.tool) in said:
            continue
        said.add((s.group, s.tool))
        yield Wrong("wrong-tool", say("{group} is made with tool {number}, the {tool}, which does not do "
                                      "that", group=s.group, number=s.tool, tool=tool.id), s.points[0])


def wrong_paces(strokes: Sequence[Stroke], device: Device) -> Iterator[Wrong]:
    """Speeds the machine has not."""
    fastest = max(device.travel_mm_s, *(t.speed_mm_s for t in device.tools),
                  *(s.speed_mm_s for s in device.settings), 0.0)
    for s in strokes:
        if s.speed is not None and not 0.0 < s.speed <= 1.02 * fastest + 10.0:
            yield Wrong("too-fast", say("it asks for {speed:g} mm/s, and the machine makes {most:g} at most",
                                        speed=s.speed, most=fastest), s.points[0])
            return


def wrong_counts(lines: Lines, strokes: Sequence[Stroke], tools: Sequence[MachineTool | None], page: Page,
                 device: Device, zero: tuple[float, float]) -> Iterator[Wrong]:
    """What is creased or cut more often, or less, than the stock wants it, and a beam that is too strong or
    too weak for it."""
    from shapely import LineString, Polygon, STRtree

    x, y = zero
    groups: dict[bool, tuple[list[Any], MachineTool]] = {}
    for s, tool in zip(strokes, tools, strict=True):
        if tool is not None and len(s.points) > 1 and s.group in ("crease", *CUTS):
            some, _ = groups.setdefault(s.group in CUTS, ([], tool))
            some.append(LineString([(px + x, py + y) for px, py in s.points]))
    for cuts, (made, tool) in groups.items():
        drawn = ([LineString(flat_points(c.path)) for c in lines.cuts] if cuts else
                 [*(LineString((s.start, s.end)) for s in lines.scores),
                  *(LineString(flat_points(c.path)) for c in lines.curves)])
        wanted = device.setting_for(page.stock, tool).passes
        legs = [leg for way in made for leg in _legs(way)]
        tree, near = STRtree(legs), _NEAR_MM + 1.2 * tool.offset_mm + tool.kerf_mm
        for line in drawn:
            if line.length < _SHORT_MM or (line.is_ring and Polygon(line).buffer(-2 * near).is_empty):
                continue  # others, or its own other side, are near any place of it
            spots = _spots(line)
            times = sorted(_passes(legs, tree, at, near) for at in spots[::max(1, len(spots) // _LOOKS)])
            # what runs beside it for a way adds to some places of it, another pass to all
            count = times[0] if times[0] > wanted else times[len(times) // 2]
            if times[0] > wanted or 0 < count < wanted:
                yield Wrong("too-often" if count > wanted else "too-seldom", say(
                    "a line is made {count} times, and {stock} wants {wanted}", count=count,
                    stock=page.stock.name, wanted=wanted), spots[len(spots) // 2])
                break
    yield from _forces(strokes, tools, page, device)


def _legs(way: Any) -> list[Any]:
    """The straight legs of a way, one by one: what is gone over twice is there twice."""
    from shapely import LineString

    places = list(way.coords)
    return [LineString(pair) for pair in pairwise(places) if pair[0] != pair[1]]


def _passes(legs: Sequence[Any], tree: Any, at: tuple[float, float], near: float) -> int:
    """How often a tool goes by a place."""
    from shapely import points

    around = points(at).buffer(near)
    run = sum(legs[i].intersection(around).length for i in tree.query(around))
    return round(float(run) / (2 * near))


def _forces(strokes: Sequence[Stroke], tools: Sequence[MachineTool | None], page: Page,
            device: Device) -> Iterator[Wrong]:
    for s, tool in zip(strokes, tools, strict=True):
        if s.force is None or tool is None:
            continue
        setting: Setting = device.setting_for(page.stock, tool)
        most = setting.force * (1.0 + _FORCE)
        least = setting.force * (1.0 - _FORCE) if s.group in CUTS else 0.0
        if setting.force and not least <= s.force <= most:
            yield Wrong("wrong-force", say("its force is {force:g}, and {stock} wants {wanted:g}",
                                           force=s.force, stock=page.stock.name, wanted=setting.force),
                        s.points[0])
            return
