"""What a piece comes apart into along one line: cuts and scores clipped, arcs as arcs, and the strips it is
joined again by.

The flat is turned so that the line lies level; a *side* is what lies above it then, of the flat as it is or
turned right over.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Iterable, Iterator, Sequence
from dataclasses import replace
from functools import cache
from itertools import pairwise
from typing import TYPE_CHECKING, Any, NamedTuple

from mingei.core.draft import Role
from mingei.core.flat.pattern import EdgeKey, FlatFold, FlatPanel, FlatSeam, Pattern
from mingei.core.layout.tile import cut_off
from mingei.core.plane.area import area_of
from mingei.core.plane.outline import closed
from mingei.core.plane.shape import (
    STAY,
    Box,
    Line,
    Path,
    Point,
    Polygon,
    Rigid,
    Segment,
    flat_points,
    moved_path,
    path_bounds,
    reverse,
    signed_area,
    turned,
)
from mingei.core.words import say

if TYPE_CHECKING:  # slow to load, and few pieces are cut across
    from shapely.geometry import Polygon as Area

#: How far strips keep inside the card's edges; narrower ones are not worth glueing, mm.
_INSIDE_MM, _LEAST_STRIP_MM = 1.0, 3.0
#: A part smaller than this is no card, mm2.
_SLIVER_MM2 = 0.01
#: Artwork reaches past cuts by no more than this, mm, and so far over the line, so that no white shows where
#: the parts are joined.
_BLEED_MM, _OVER_MM = 20.0, 1.0
#: A line that leans so far counts as upright, degrees.
SLANT_DEG = 45.0
#: Corners nearer each other than the last of these trouble the mitres of an inset, mm.
_FAR, _SAME, _HAIR = 1e6, 1e-6, 1e-4


class Half(NamedTuple):
    """One of what a piece comes apart into: its flat, ready to be cut; within: works out the area on which
    artwork may be printed on it, None for everywhere."""

    pattern: Pattern
    within: Callable[[], Any] | None = None


def level_turn(turn_deg: float) -> Rigid:
    """The turn that lays a line so turned level, and the side its share counts from beneath it."""
    return turned(-turn_deg if turn_deg < SLANT_DEG else 180.0 - turn_deg)


def tabs_lie(pattern: Pattern, seams: Iterable[FlatSeam]) -> Any:
    """Where on a piece's flat tabs will be glued: no strip goes there, too.  seams: those of the whole thing,
    since other pieces land there as well."""
    from shapely import union_all

    areas = []
    for seam in seams:
        host = pattern.by_name.get(seam.host)
        if host is not None and seam.joint.has_tab and not seam.outside:
            (ax, ay), (bx, by) = host.frame.apply_all(seam.host_edge)
            share = (seam.depth_mm + _INSIDE_MM) / math.dist((ax, ay), (bx, by))
            nx, ny = (ay - by) * share, (bx - ax) * share  # the panel lies to the left
            areas.append(area_of([(ax, ay), (bx, by), (bx + nx, by + ny), (ax + nx, ay + ny)]))
    return union_all(areas)


class Cut(NamedTuple):
    """One line: its number, its turn, how far up it lies once all is turned level, mm, how deep the lap is,
    and whether there is one; taken: where tabs will be glued, on the flat."""

    key: int
    turn_deg: float
    level: float
    lap_mm: float
    lapped: bool
    taken: Any

    def parts(self, half: Half) -> list[Half]:
        """What a half comes apart into; itself where the line misses it."""
        onto = level_turn(self.turn_deg)
        flat = [moved_path(_joined(cut), onto) for cut in half.pattern.cuts]
        box = path_bounds(flat)
        if not box.bottom + _SAME < self.level < box.top - _SAME:
            return [half]
        y = _clear(self.level, flat)
        over = turned(180.0)
        above = _Side(half, onto, y, self, False)
        below = _Side(half, onto.then(over), -y, self, self.lapped)
        return [*below.halves(), *above.halves(), *(() if self.lapped else above.strips())]


def _clear(level: float, flat: Sequence[Path]) -> float:
    """The level, or one a hair higher that no corner lies on: a line through a corner would leave it to
    chance on which side that is."""
    corners = [s.start[1] for path in flat for s in path]
    while any(abs(y - level) < _SAME for y in corners):
        level += 5 * _SAME
    return level


class _Lap(NamedTuple):
    """A strip beyond the line: its corners from its left end on the line round to its right one, and its
    holes."""

    round_: tuple[Point, ...]
    holes: tuple[Path, ...]

    @property
    def left(self) -> float:
        return self.round_[0][0]

    @property
    def right(self) -> float:
        return self.round_[-1][0]


class _Side:
    """One side of a line: what lies above it once the flat is moved onto it."""

    def __init__(self, half: Half, onto: Rigid, y: float, cut: Cut, bears: bool) -> None:
        self.half, self.onto, self.back, self.y, self.cut, self.bears = (
            (half, onto, onto.inverse(), y, cut, bears))
        self.window = Box(-_FAR, y, _FAR, _FAR)

    def halves(self) -> Iterator[Half]:
        """Every part of the card on this side, from the left."""
        from shapely import LineString

        loops, chords = self._loops()
        loops = [loop for loop in loops if len(loop) > 2 or any(not isinstance(s, Line) for s in loop)]
        outer = sorted((loop for loop in loops if signed_area(_points(loop)) > 0),
                       key=lambda loop: path_bounds([loop]).left)
        strips = self._laps(chords) if self.bears else []
        for loop in outer:
            body = area_of(_points(loop))
            if body.area < _SLIVER_MM2:
                continue
            inside = [other for other in loops if other is not loop and signed_area(_points(other)) <= 0
                      and body.contains(area_of(_points(other)).representative_point())]
            inside += [slit for slit in self._slits()
                       if body.buffer(_SAME).contains(LineString(flat_points(slit)))]
            mine = [chord for chord in chords
                    if any(abs(s.start[1] - self.y) < _SAME and abs(s.end[1] - self.y) < _SAME
                           and s.start[0] <= chord[0] + _SAME
                           and s.end[0] >= chord[1] - _SAME for s in loop)]
            laps = [lap for lap in strips if any(a - _SAME <= lap.left and lap.right <= b + _SAME
                                                 for a, b in mine)]
            yield self._half(_with_laps(loop, laps, self.y), inside, body, mine, laps, len(outer) == 1)

    def _slits(self) -> list[Path]:
        """The cuts that are no outline, as far as they lie above the line."""
        slits = [moved_path(cut, self.onto) for cut in self.half.pattern.cuts if not closed(cut)]
        return [run for slit in slits for run in cut_off(slit, self.window)]

    def _loops(self) -> tuple[list[Path], list[tuple[float, float]]]:
        """The outlines and holes of the card above the line, arcs as arcs, and from where to where the card
        was cut along it."""
        loops: list[Path] = []
        runs: list[Path] = []
        for path in _oriented([moved_path(_joined(path), self.onto) for path in self.half.pattern.cuts
                               if closed(path)]):
            for run in cut_off(path, self.window):
                (loops if math.dist(run[0].start, run[-1].end) < _SAME else runs).append(run)
        # along the line, with the card on the left, from where one run ends to where the next begins
        ends = sorted(range(len(runs)), key=lambda i: runs[i][-1].end[0])
        starts = sorted(range(len(runs)), key=lambda i: runs[i][0].start[0])
        following = dict(zip(ends, starts, strict=True))
        chords = [(runs[i][-1].end[0], runs[j][0].start[0]) for i, j in following.items()]
        while following:
            first = number = next(iter(following))
            loop: list[Segment] = []
            while number in following:
                run, number = runs[number], following.pop(number)
                loop += [*run, Line(run[-1].end, runs[number][0].start)]
            assert number == first
            loops.append(tuple(loop))
        return loops, sorted(chords)

    def _walls(self, above: float, below: float) -> Any:
        """The walls' card within so much of the line, once moved: an area."""
        from shapely import union_all
        from shapely.geometry import box

        areas = []
        for p in self.half.pattern.panels:
            if p.role is Role.WALL:
                move = p.frame.then(self.onto)
                corners = move.apply_all(p.polygon)
                heights = [y for _, y in corners]
                if min(heights) < self.y + above and max(heights) > self.y - below:
                    areas.append(area_of(corners,
                                      [move.apply_all(h) for h in (*p.hole_polygons, *p.gaps)]).buffer(1e-5))
        return union_all(areas).intersection(box(-_FAR, self.y - below, _FAR, self.y + above))

    def _band(self, reach: float, chord: tuple[float, float]) -> Any:
        """The card of the walls from the line down by so much, inside its edges, between the ends of a
        cut."""
        from shapely.geometry import box

        walls = self._walls(2 * _INSIDE_MM, reach + 2 * _INSIDE_MM)
        inner = walls.simplify(_HAIR).buffer(-_INSIDE_MM,
                                             join_style="mitre").difference(
                                                 _moved_area(self.cut.taken, self.onto))
        return inner.intersection(box(chord[0], self.y - reach, chord[1], self.y))

    def _laps(self, chords: Sequence[tuple[float, float]]) -> list[_Lap]:
        """The strips this side bears beyond the line."""
        found = []
        for chord in chords:
            for part in _areas(self._band(self.cut.lap_mm, chord)):
                for ring, inner in self._unbroken(part):
                    on = [i for i, (_, y) in enumerate(ring) if abs(y - self.y) < _SAME]
                    if len(on) < 2:
                        continue
                    left, right = min(on, key=lambda i: ring[i][0]), max(on, key=lambda i: ring[i][0])
                    if ring[right][0] - ring[left][0] < _LEAST_STRIP_MM:
                        continue
                    round_ = [ring[(left + k) % len(ring)] for k in range((right - left) % len(ring) + 1)]
                    found.append(_Lap(tuple((x, self.y) if abs(y - self.y) < _SAME else (x, y)
                                            for x, y in round_), inner))
        return sorted(found)

    def _unbroken(self, part: Area) -> Iterator[tuple[list[Point], tuple[Path, ...]]]:
        """The corners and the holes of strips that lie on the line without a gap: where a hole of the card
        comes so near that the strip would be notched there, one strip ends and the next begins."""
        from shapely import LineString, union_all
        from shapely.geometry import box

        on = [x for x, y in part.exterior.coords if abs(y - self.y) < _SAME]
        gaps = (LineString([(min(on), self.y), (max(on), self.y)]).difference(part.buffer(_HAIR))
                if len(on) > 1 else None)
        if gaps is None or gaps.is_empty:
            ring = [(float(x), float(y)) for x, y in part.exterior.coords[:-1]]
            yield (ring if signed_area(ring) > 0 else ring[::-1],
                   tuple(_hole(hole.coords) for hole in part.interiors))
            return
        across = [box(gap.bounds[0] - 2 * _HAIR, part.bounds[1] - _FAR, gap.bounds[2] + 2 * _HAIR, _FAR)
                  for gap in getattr(gaps, "geoms", [gaps])]
        for rest in _areas(part.difference(union_all(across))):
            yield from self._unbroken(rest)

    def _half(self, outline: Path, holes: Sequence[Path], body: Area, chords: Sequence[tuple[float, float]],
              laps: Sequence[_Lap], alone: bool) -> Half:
        from shapely import prepare
        from shapely.geometry import box

        pattern, back = self.half.pattern, self.back
        cuts = tuple(moved_path(path, back) for path in (outline, *holes,
                                                         *(hole for lap in laps for hole in lap.holes)))
        card = area_of(_points(outline), [_points(h) for h in holes if closed(h)]).buffer(_SAME)
        near = body if alone else body.buffer(1e-5)
        prepare(near)
        prepare(card)
        panels = [clipped for p in pattern.panels for clipped in self._panels(p, near, alone)]
        join = say("join {number}", number=self.cut.key)
        names = [join if len(laps) == 1 else say("{join}, {number}", join=join, number=i)
                 for i in range(1, len(laps) + 1)]
        panels += [_strip(name, lap.round_, lap.holes, (lap.round_[0], lap.round_[-1]), back)
                   for name, lap in zip(names, laps, strict=True)]
        folds = [piece for f in pattern.folds for piece in self._folds(f, card, alone)]
        keys = [*self._keys(near, alone), *(self._key(name, lap.left, lap.right, True)
                                            for name, lap in zip(names, laps, strict=True))]
        if not laps:
            keys += [self._key(join, a, b, False) for a, b in chords]
        before, y = self.half.within, self.y

        @cache  # few pieces bear artwork
        def within() -> Any:
            area = _moved_area(body.buffer(_BLEED_MM,
                                           join_style="mitre").intersection(
                                               box(-_FAR, y - _OVER_MM, _FAR, _FAR)), back)
            return area if before is None else area.intersection(before())

        root = panels[0].name if panels else pattern.root
        part = replace(pattern, root=root, panels=tuple(panels), folds=tuple(folds), seams=(), laps=(),
                       mates=(), cuts=cuts,
                       keys=tuple(keys))
        return Half(part, within)

    def _key(self, name: str, begin: float, end: float, bears: bool) -> EdgeKey:
        """The number of this line where it is cut from here to there."""
        return EdgeKey(self.cut.key, name, name, (self.back.apply((begin, self.y)),
                                                  self.back.apply((end, self.y))), bears)

    def _panels(self, panel: FlatPanel, body: Area, alone: bool) -> Iterator[FlatPanel]:
        """What of a panel lies in one part of the card.  alone: the only part on this side."""
        from shapely.geometry import box

        move = panel.frame.then(self.onto)
        corners = move.apply_all(panel.polygon)
        heights = [y for _, y in corners]
        if max(heights) <= self.y + _SAME:
            return
        if min(heights) >= self.y - _SAME:
            if alone or body.contains(area_of(corners).representative_point()):
                yield panel
            return
        home = move.inverse()
        guides = tuple(moved_path(run, home) for g in panel.guides
                       for run in cut_off(moved_path(g, move), self.window))
        crossed = sum((a > self.y) != (b > self.y) for a, b in pairwise((*heights, heights[0])))
        if alone and crossed == 2 and not panel.holes and not panel.gaps:  # most of them: cut straight across
            path = _closed(home.apply_all(_above(corners, self.y)))
            yield replace(panel, path=path, folds=(None,) * len(path), guides=guides)
            return
        area = area_of(corners, [move.apply_all(h) for h in (*panel.hole_polygons, *panel.gaps)]).buffer(
            0).intersection(
            box(-_FAR, self.y, _FAR, _FAR) if alone else body)
        pieces = [p for p in getattr(area, "geoms", [area]) if not p.is_empty and p.geom_type == "Polygon"
                  and p.area > 1e-3]
        for number, piece in enumerate(pieces):
            path = _closed(home.apply_all(_loose(piece.exterior.coords)))
            holes = tuple(moved_path(_hole(ring.coords), home) for ring in piece.interiors)
            yield replace(panel, name=panel.name if not number
                          else say("{name} {number}", name=panel.name, number=number + 1),
                          whole=panel.whole or (panel.name if number else ""),
                          path=path if signed_area(_points(path)) > 0 else _reversed(path),
                          folds=(None,) * len(path),
                          holes=holes, guides=guides, gaps=())

    def _folds(self, fold: FlatFold, card: Area, alone: bool) -> Iterator[FlatFold]:
        """What of a score lies in one part of the card, on its strip too."""
        from shapely.geometry import LineString

        start, end = self.onto.apply(fold.start), self.onto.apply(fold.end)
        if alone and min(start[1], end[1]) > self.y:
            yield fold
            return
        if max(start[1], end[1]) < self.y - (2 * self.cut.lap_mm if self.bears else 0.0):
            return
        for piece in _pieces(LineString([start, end]).intersection(card)):
            a, b = sorted((piece[0], piece[-1]), key=lambda q: math.dist(start, q))
            if math.dist(a, b) > 0.05:
                yield fold._replace(start=self.back.apply(a), end=self.back.apply(b))

    def _keys(self, body: Area, alone: bool) -> Iterator[EdgeKey]:
        """The numbers of the edges on this side, each as long as it is cut there."""
        from shapely.geometry import LineString, box

        side = box(-_FAR, self.y, _FAR, _FAR)
        near = side if alone else body.buffer(1e-3)
        for edge in self.half.pattern.keys:
            line = [self.onto.apply(p) for p in edge.line]
            if max(line[0][1], line[1][1]) <= self.y:
                continue
            if alone and min(line[0][1], line[1][1]) >= self.y:
                yield edge
                continue
            for piece in _pieces(LineString(line).intersection(near)):
                a, b = sorted((piece[0], piece[-1]), key=lambda q: math.dist(line[0], q))
                if math.dist(a, b) > 1.0:
                    yield edge._replace(line=(self.back.apply(a), self.back.apply(b)))

    def strips(self) -> Iterator[Half]:
        """The strips glued behind the line, one between every two folds, where the halves bear none."""
        from shapely import union_all
        from shapely.affinity import scale
        from shapely.geometry import LineString, box
        from shapely.geometry import Polygon as Area  # an empty one is where artwork goes on a strip

        pattern = self.half.pattern
        clear = 1.5 * pattern.stock.caliper_mm + 0.5
        lines = [LineString([self.onto.apply(f.start), self.onto.apply(f.end)]).buffer(
            clear, cap_style="flat") for f in pattern.folds
                 if not f.bend]
        _, chords = self._loops()
        reach = self.cut.lap_mm
        for chord in chords:
            walls = self._walls(reach + _INSIDE_MM,
                                reach + _INSIDE_MM).intersection(box(chord[0], -_FAR, chord[1], _FAR))
            inset = walls.simplify(_HAIR).buffer(-_INSIDE_MM, join_style="mitre")
            inner = inset.difference(union_all([*lines, _moved_area(self.cut.taken, self.onto)]))
            # as deep on one side as on the other: what lies on both when turned over about the line
            both = inner.intersection(scale(inner, 1.0, -1.0, origin=(0.0, self.y)))
            for part in getattr(both, "geoms", [both]):
                if part.geom_type != "Polygon" or part.area < _LEAST_STRIP_MM * reach:
                    continue
                panel = _strip(say("join {number}", number=self.cut.key), _loose(part.exterior.coords),
                               [_hole(ring.coords) for ring in part.interiors],
                               ((part.bounds[0], self.y), (part.bounds[2], self.y)), self.back)
                yield Half(replace(pattern, root="", panels=(panel,), folds=(), seams=(), laps=(), mates=(),
                                   cuts=(panel.path, *panel.holes),
                                   keys=(self._key(panel.name, part.bounds[0], part.bounds[2], True),)), Area)


def _points(path: Path) -> Polygon:
    return tuple(flat_points(path)[:-1])


def _joined(path: Path) -> Path:
    """The same with every segment beginning just where the last one ended: where arcs meet lines they may be
    a hair apart."""
    result: list[Segment] = []
    for segment in path:
        start = result[-1].end if result else segment.start
        if isinstance(segment, Line):
            result.append(Line(start, segment.end))
        else:
            result += [*([Line(start, segment.start)] if start != segment.start else []), segment]
    if result[-1].end != result[0].start:
        result.append(Line(result[-1].end, result[0].start))
    return tuple(result)


def _oriented(paths: Sequence[Path]) -> list[Path]:
    """Outlines counter-clockwise, holes clockwise."""

    if len(paths) == 1:
        return [paths[0] if signed_area(_points(paths[0])) > 0 else _reversed(paths[0])]
    areas = [area_of(_points(p)) for p in paths]
    found = []
    for i, path in enumerate(paths):
        amid = areas[i].representative_point()
        hole = any(j != i and areas[j].area > areas[i].area and areas[j].contains(amid)
                   for j in range(len(paths)))
        found.append(path if (signed_area(_points(path)) < 0) == hole else _reversed(path))
    return found


def _reversed(path: Path) -> Path:
    return tuple(reverse(s) for s in reversed(path))


def _above(corners: Sequence[Point], y: float) -> list[Point]:
    """What of an outline lies above a level that crosses it twice."""
    kept: list[Point] = []
    for (ax, ay), (bx, by) in pairwise((*corners, corners[0])):
        if ay > y:
            kept.append((ax, ay))
        if (ay > y) != (by > y):
            kept.append((ax + (bx - ax) * (y - ay) / (by - ay), y))
    return kept


def _closed(points: Sequence[Point]) -> Path:
    return tuple(Line(a, b) for a, b in zip(points, (*points[1:], points[0]), strict=True))


def _loose(coords: Any) -> list[Point]:
    """A ring's corners, those that come twice once."""
    points = [(float(x), float(y)) for x, y, *_ in coords][:-1]
    return [p for p, before in zip(points, (points[-1], *points[:-1]), strict=True) if math.dist(p, before)
            > 1e-6]


def _hole(coords: Any) -> Path:
    path = _closed(_loose(coords))
    return path if signed_area(_points(path)) < 0 else _reversed(path)


def _with_laps(loop: Path, laps: Sequence[_Lap], y: float) -> Path:
    """An outline with its strips let into what runs along the line."""
    result: list[Segment] = []
    for segment in loop:
        mine = [lap for lap in laps if isinstance(segment, Line) and abs(segment.start[1] - y) < _SAME
                and abs(segment.end[1] - y) < _SAME
                and segment.start[0] - _SAME <= lap.left and lap.right <= segment.end[0] + _SAME]
        if not mine:
            result.append(segment)
            continue
        corners = [segment.start, *(p for lap in mine for p in lap.round_), segment.end]
        result += [Line(a, b) for a, b in pairwise(corners) if math.dist(a, b) > 1e-9]
    return tuple(result)


def _strip(name: str, outline: Sequence[Point], holes: Sequence[Path], line: tuple[Point, Point],
           home: Rigid) -> FlatPanel:
    """A strip, glued and covered: it takes glue as tabs do.  line: where on it the edges meet; home: from the
    side's own coordinates to the flat."""
    path = moved_path(_closed(list(outline) if signed_area(tuple(outline)) > 0 else list(reversed(outline))),
                      home)
    to_here = moved_path((Line(*line),), home)
    return FlatPanel(name, role=Role.TAB, layer=0.0, depth=0.0, path=path, folds=(None,) * len(path),
                     frame=STAY, guides=(to_here,),
                     holes=tuple(moved_path(h, home) for h in holes))


def _areas(found: Any) -> Iterator[Area]:
    for area in getattr(found, "geoms", [found]):
        if not area.is_empty and area.geom_type == "Polygon":
            yield area


def _pieces(found: Any) -> Iterator[list[Point]]:
    for piece in getattr(found, "geoms", [found]):
        if not piece.is_empty and piece.geom_type == "LineString":
            yield [(float(x), float(y)) for x, y in piece.coords]


def _moved_area(area: Any, move: Rigid) -> Any:
    from shapely.affinity import affine_transform

    return affine_transform(area, (move.cos, -move.sin, move.sin, move.cos, move.x, move.y))
