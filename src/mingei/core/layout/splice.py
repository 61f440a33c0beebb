"""Splices: a piece cut in two along a straight line of a person's choosing, to be joined again by a lap.

Where a piece is too large for the sheet and no fold is a good place to part it, it is cut right across its flat.  Of thin card one half
keeps a strip beyond the line, copied from the other half with its scores, which is glued beneath that one: the two lie edge to edge on the
face, and the strip is inside.  Of stock thicker than ``LAP_MOST_MM`` a lap would show, so both halves end at the line, and strips of their
own are glued behind it, one between every two folds.  Tabs and lips that the line crosses bear no strip: they are covered.
"""

from __future__ import annotations

import math
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import replace
from functools import lru_cache
from itertools import pairwise
from typing import TYPE_CHECKING, Any, NamedTuple

from mingei.core.art import Printed
from mingei.core.draft import Joint, Role
from mingei.core.errors import MeasureError
from mingei.core.layout.tile import cut_off
from mingei.core.pattern import EdgeKey, FlatFold, FlatPanel, Pattern
from mingei.core.shape import (
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

if TYPE_CHECKING:  # slow to load, and few pieces are spliced
    from shapely.geometry import Polygon as Area

#: How deep the lap is, mm (from experience, no published source); how far it keeps inside the card's edges; the thickest that is lapped.
LAP_MM, _INSIDE_MM, LAP_MOST_MM = 12.0, 1.0, 0.6
#: The share of the blank at either side in which no line can lie, and the most lines across one piece.
LEAST_SHARE, MOST_SPLICES = 0.02, 12
#: A line that leans so far counts as upright, degrees; a fold that leans no more than this from a line runs along it; nearer than so many
#: mm it springs the join open (from experience, no published source).
_SLANT_DEG, _ALONG_DEG, _NEAR_FOLD_MM = 45.0, 10.0, 4.0
#: A strip narrower than this is not worth glueing, mm.
_LEAST_STRIP_MM = 3.0
#: A part smaller than this is no card, mm2.
_SLIVER_MM2 = 0.01
#: Artwork reaches past cuts by no more than this, mm.
_BLEED_MM = 20.0
#: Corners nearer each other than this trouble the mitres of an inset.
_FAR, _SAME, _HAIR = 1e6, 1e-6, 1e-4


class Splice(NamedTuple):
    """A line across a piece.

    piece: its name; turn_deg: of the line, degrees counter-clockwise, 0 level and 90 upright; share: how far it lies from the left of the
    flat, or from below where it is more level than upright, 0..1 of the whole, so that it stays in its place when a measure changes.
    """

    piece: str
    turn_deg: float = 90.0
    share: float = 0.5


class Half(NamedTuple):
    """One of what a piece comes apart into: its flat, ready to be cut; within: where artwork may be printed on it, None for everywhere."""

    pattern: Pattern
    within: Any = None


def check_splice(splice: Splice) -> None:
    """Raises MeasureError naming the value at fault."""
    place = say("join across the {piece}", piece=splice.piece)
    if not -90.0 < splice.turn_deg <= 90.0:
        raise MeasureError(say("it cannot be turned by {degrees:g} degrees", degrees=splice.turn_deg), place,
                           "write -89 to 90: 0 for a level line, 90 for an upright one")
    if not (math.isfinite(splice.share) and LEAST_SHARE <= splice.share <= 1.0 - LEAST_SHARE):
        raise MeasureError("the line lies beside the piece", place, "move it in from the edge")


@lru_cache(maxsize=256)
def _round(pattern: Pattern, turn_deg: float) -> Box:
    """The rectangle round a flat once lines so turned lie level, mm: what a share counts across."""
    return path_bounds([moved_path(cut, _level(turn_deg)) for cut in pattern.cuts])


def away(pattern: Pattern, splice: Splice) -> float:
    """How far a line lies from the side its share is counted from, mm."""
    return splice.share * _round(pattern, splice.turn_deg).height


def at_distance(pattern: Pattern, splice: Splice, mm: float) -> Splice:
    """The line so far from that side."""
    return splice._replace(share=mm / _round(pattern, splice.turn_deg).height)


def at_point(pattern: Pattern, splice: Splice, point: Point) -> Splice:
    """The line through a point of the flat."""
    box = _round(pattern, splice.turn_deg)
    share = (_level(splice.turn_deg).apply(point)[1] - box.bottom) / box.height
    return splice._replace(share=min(1.0 - LEAST_SHARE, max(LEAST_SHARE, share)))


def from_left(splice: Splice) -> bool:
    """Whether its distance counts from the left, else from below."""
    return abs(splice.turn_deg) >= _SLANT_DEG


def line_of(pattern: Pattern, splice: Splice) -> tuple[Point, Point]:
    """The line across the flat from one side of the card to the other, mm; it may run through gaps between."""
    box, back = _round(pattern, splice.turn_deg), _level(splice.turn_deg).inverse()
    y = box.bottom + splice.share * box.height
    return back.apply((box.left, y)), back.apply((box.right, y))


def beside_a_fold(pattern: Pattern, splice: Splice) -> bool:
    """Whether a fold runs along the line, close to it."""
    (ax, ay), (bx, by) = line_of(pattern, splice)
    length = math.dist((ax, ay), (bx, by))
    ux, uy = (bx - ax) / length, (by - ay) / length
    for fold in pattern.folds:
        along = (fold.end[0] - fold.start[0]) * ux + (fold.end[1] - fold.start[1]) * uy
        aside = [(q[1] - ay) * ux - (q[0] - ax) * uy for q in (fold.start, fold.end)]
        if not fold.bend and abs(along) > math.cos(math.radians(_ALONG_DEG)) * fold.length and min(map(abs, aside)) < _NEAR_FOLD_MM:
            return True
    return False


def lines_that_fit(pattern: Pattern, rooms: Sequence[tuple[float, float]], lap_mm: float = LAP_MM) -> tuple[Splice, ...]:
    """Level and upright lines that cut a piece into as few parts as can be, so that every part, with its strip, goes into one of the rooms,
    width by height; none where too many would be needed.  They keep away from folds that run along them.
    """
    box = pattern.box
    for columns, rows in sorted(((c, r) for c in range(6) for r in range(6)), key=lambda cr: ((cr[0] + 1) * (cr[1] + 1), cr)):
        nearly = [size / (many + 1) + (lap_mm if many else 0.0) for many, size in ((columns, box.width), (rows, box.height))]
        if not any(nearly[0] <= w + _SAME and nearly[1] <= h + _SAME for w, h in rooms):
            continue
        lines = [line for many, turn, size in ((columns, 90.0, box.width), (rows, 0.0, box.height))
                 for line in _even(pattern, many, turn, size)]
        wide, high = (max((b - a) * size + (lap_mm if b < 1.0 else 0.0) for a, b in pairwise([0.0, *(s.share for s in lines
                      if s.turn_deg == turn), 1.0])) for turn, size in ((90.0, box.width), (0.0, box.height)))
        if lines and len(lines) <= MOST_SPLICES and any(wide <= w + _SAME and high <= h + _SAME for w, h in rooms):
            return tuple(lines)
    return ()


def _even(pattern: Pattern, many: int, turn_deg: float, size: float) -> Iterator[Splice]:
    """So many lines that part it evenly, each moved a little where a fold runs along it."""
    for number in range(1, many + 1):
        middle = Splice(pattern.name, turn_deg, number / (many + 1))
        near = [middle._replace(share=middle.share + mm / size) for mm in (0.0, -5.0, 5.0, -10.0, 10.0)]
        yield next((s for s in near if LEAST_SHARE < s.share < 1.0 - LEAST_SHARE and not beside_a_fold(pattern, s)), middle)


def halves_of(patterns: Sequence[Pattern], splices: Sequence[Splice], lap_mm: float = LAP_MM) -> Mapping[Pattern, tuple[Half, ...]]:
    """What every piece comes apart into, itself where no line crosses it.  lap_mm: how deep the laps are.

    Joins are numbered on from the seams of the thing, the same number on all that meets along a line.
    """
    if not splices:
        return {p: (Half(p),) for p in patterns}
    numbered = list(enumerate(splices, first_number(patterns)))
    return {p: _parted(p, tuple((key, s) for key, s in numbered if s.piece == p.name), lap_mm) for p in patterns}


def first_number(patterns: Sequence[Pattern]) -> int:
    """The number of the first line across a thing: the next after those of its seams."""
    return 1 + max((edge.key for p in patterns for edge in p.keys), default=0)


@lru_cache(maxsize=256)
def _parted(pattern: Pattern, splices: tuple[tuple[int, Splice], ...], lap_mm: float) -> tuple[Half, ...]:
    whole, taken = [Half(pattern)], _tabs_lie(pattern)
    strips: list[Half] = []
    for key, splice in splices:
        box = _round(pattern, splice.turn_deg)
        cut = _Cut(key, splice.turn_deg, box.bottom + splice.share * box.height, lap_mm, pattern.stock.caliper_mm <= LAP_MOST_MM, taken)
        parts = [part for half in whole for part in cut.parts(half)]
        whole = [p for p in parts if p.pattern.root]
        strips += [p for p in parts if not p.pattern.root]
    if len(whole) == 1:
        return (Half(pattern),)
    named = [half._replace(pattern=replace(half.pattern, name=say("{piece} {letter}", piece=pattern.name, letter=_letter(i))))
             for i, half in enumerate(whole)]
    return (*named, *(strip._replace(pattern=replace(strip.pattern, name=say("{piece} strip {number}", piece=pattern.name, number=i)))
                      for i, strip in enumerate(strips, 1)))


def _tabs_lie(pattern: Pattern) -> Any:
    """Where on its flat a piece's own tabs will be glued: no strip goes there, too."""
    from shapely import union_all
    from shapely.geometry import Polygon as Area

    depths = {s.name: s.depth_mm for s in pattern.seams}
    areas = []
    for mate in pattern.mates:
        if mate.host_line is not None and mate.joint is not Joint.TAPE:
            (ax, ay), (bx, by) = mate.host_line
            share = (depths[mate.seam] + _INSIDE_MM) / math.dist((ax, ay), (bx, by))
            nx, ny = (ay - by) * share, (bx - ax) * share  # the panel lies to the left
            areas.append(Area([(ax, ay), (bx, by), (bx + nx, by + ny), (ax + nx, ay + ny)]))
    return union_all(areas)


def _letter(number: int) -> str:
    return chr(ord("a") + number) if number < 26 else _letter(number // 26 - 1) + _letter(number % 26)


def _level(turn_deg: float) -> Rigid:
    """The turn that lays a line so turned level, and the side its share counts from beneath it."""
    return turned(-turn_deg if turn_deg < _SLANT_DEG else 180.0 - turn_deg)


class _Cut(NamedTuple):
    """One line: its number, its turn, how far up it lies once all is turned level, mm, how deep the lap is, and whether there is one;
    taken: where tabs will be glued, on the flat."""

    key: int
    turn_deg: float
    level: float
    lap_mm: float
    lapped: bool
    taken: Any

    def parts(self, half: Half) -> list[Half]:
        """What a half comes apart into; itself where the line misses it."""
        onto = _level(self.turn_deg)
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
    """The level, or one a hair higher that no corner lies on: a line through a corner would leave it to chance on which side that is."""
    corners = [s.start[1] for path in flat for s in path]
    while any(abs(y - level) < _SAME for y in corners):
        level += 5 * _SAME
    return level


class _Lap(NamedTuple):
    """A strip beyond the line: its corners from its left end on the line round to its right one, and its holes."""

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

    def __init__(self, half: Half, onto: Rigid, y: float, cut: _Cut, bears: bool) -> None:
        self.half, self.onto, self.back, self.y, self.cut, self.bears = half, onto, onto.inverse(), y, cut, bears
        self.window = Box(-_FAR, y, _FAR, _FAR)

    def halves(self) -> Iterator[Half]:
        """Every part of the card on this side, from the left."""
        from shapely.geometry import Polygon as Area

        loops, chords = self._loops()
        loops = [loop for loop in loops if len(loop) > 2 or any(not isinstance(s, Line) for s in loop)]
        outer = sorted((loop for loop in loops if signed_area(_points(loop)) > 0), key=lambda loop: path_bounds([loop]).left)
        strips = self._laps(chords) if self.bears else []
        for loop in outer:
            body = Area(_points(loop)).buffer(0)
            if body.area < _SLIVER_MM2:
                continue
            inside = [other for other in loops if other is not loop and signed_area(_points(other)) <= 0
                      and body.contains(Area(_points(other)).representative_point())]
            mine = [chord for chord in chords if any(abs(s.start[1] - self.y) < _SAME and abs(s.end[1] - self.y) < _SAME
                                                     and s.start[0] <= chord[0] + _SAME and s.end[0] >= chord[1] - _SAME for s in loop)]
            laps = [lap for lap in strips if any(a - _SAME <= lap.left and lap.right <= b + _SAME for a, b in mine)]
            yield self._half(_with_laps(loop, laps, self.y), inside, body, mine, laps, len(outer) == 1)

    def _loops(self) -> tuple[list[Path], list[tuple[float, float]]]:
        """The outlines and holes of the card above the line, arcs as arcs, and from where to where the card was cut along it."""
        loops: list[Path] = []
        runs: list[Path] = []
        for path in _oriented([moved_path(_joined(path), self.onto) for path in self.half.pattern.cuts]):
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
        from shapely.geometry import Polygon as Area
        from shapely.geometry import box

        areas = []
        for p in self.half.pattern.panels:
            if p.role is Role.WALL:
                move = p.frame.then(self.onto)
                corners = move.apply_all(p.polygon)
                heights = [y for _, y in corners]
                if min(heights) < self.y + above and max(heights) > self.y - below:
                    areas.append(Area(corners, [move.apply_all(h) for h in (*p.hole_polygons, *p.gaps)]).buffer(1e-5))
        return union_all(areas).intersection(box(-_FAR, self.y - below, _FAR, self.y + above))

    def _band(self, reach: float, chord: tuple[float, float]) -> Any:
        """The card of the walls from the line down by so much, inside its edges, between the ends of a cut."""
        from shapely.geometry import box

        walls = self._walls(2 * _INSIDE_MM, reach + 2 * _INSIDE_MM)
        inner = walls.simplify(_HAIR).buffer(-_INSIDE_MM, join_style="mitre").difference(_moved_area(self.cut.taken, self.onto))
        return inner.intersection(box(chord[0], self.y - reach, chord[1], self.y))

    def _laps(self, chords: Sequence[tuple[float, float]]) -> list[_Lap]:
        """The strips this side bears beyond the line."""
        found = []
        for chord in chords:
            band = self._band(self.cut.lap_mm, chord)
            for part in getattr(band, "geoms", [band]):
                if part.is_empty or part.geom_type != "Polygon":
                    continue
                ring = [(float(x), float(y)) for x, y in part.exterior.coords[:-1]]
                if signed_area(ring) < 0:
                    ring.reverse()
                on = [i for i, (_, y) in enumerate(ring) if abs(y - self.y) < _SAME]
                if len(on) < 2:
                    continue
                left, right = min(on, key=lambda i: ring[i][0]), max(on, key=lambda i: ring[i][0])
                if ring[right][0] - ring[left][0] < _LEAST_STRIP_MM:
                    continue
                round_ = [ring[(left + k) % len(ring)] for k in range((right - left) % len(ring) + 1)]
                found.append(_Lap(tuple((x, self.y) if abs(y - self.y) < _SAME else (x, y) for x, y in round_),
                                  tuple(_hole(ring.coords) for ring in part.interiors)))
        return sorted(found)

    def _half(self, outline: Path, holes: Sequence[Path], body: Area, chords: Sequence[tuple[float, float]],
              laps: Sequence[_Lap], alone: bool) -> Half:
        from shapely import prepare
        from shapely.geometry import Polygon as Area
        from shapely.geometry import box

        pattern, back = self.half.pattern, self.back
        cuts = tuple(moved_path(path, back) for path in (outline, *holes, *(hole for lap in laps for hole in lap.holes)))
        card = Area(_points(outline), [_points(h) for h in holes]).buffer(_SAME)
        prepare(body)
        prepare(card)
        panels = [clipped for p in pattern.panels for clipped in self._panels(p, body, alone)]
        join = say("join {number}", number=self.cut.key)
        names = [join if len(laps) == 1 else say("{join}, {number}", join=join, number=i) for i in range(1, len(laps) + 1)]
        panels += [_strip(name, lap.round_, lap.holes, (lap.round_[0], lap.round_[-1]), back)
                   for name, lap in zip(names, laps, strict=True)]
        folds = [piece for f in pattern.folds for piece in self._folds(f, card, alone)]
        keys = [*self._keys(body), *(self._key(name, lap.left, lap.right, True) for name, lap in zip(names, laps, strict=True))]
        if not laps:
            keys += [self._key(join, a, b, False) for a, b in chords]
        within = _moved_area(body.buffer(_BLEED_MM, join_style="mitre").intersection(box(-_FAR, self.y, _FAR, _FAR)), back)
        if self.half.within is not None:
            within = within.intersection(self.half.within)
        root = panels[0].name if panels else pattern.root
        part = replace(pattern, root=root, panels=tuple(panels), folds=tuple(folds), seams=(), laps=(), mates=(), cuts=cuts,
                       keys=tuple(keys))
        return Half(part, within)

    def _key(self, name: str, begin: float, end: float, bears: bool) -> EdgeKey:
        """The number of this line where it is cut from here to there."""
        return EdgeKey(self.cut.key, name, name, (self.back.apply((begin, self.y)), self.back.apply((end, self.y))), bears)

    def _panels(self, panel: FlatPanel, body: Area, alone: bool) -> Iterator[FlatPanel]:
        """What of a panel lies in one part of the card.  alone: the only part on this side."""
        from shapely.geometry import Polygon as Area

        move = panel.frame.then(self.onto)
        corners = move.apply_all(panel.polygon)
        heights = [y for _, y in corners]
        if max(heights) <= self.y + _SAME:
            return
        if min(heights) >= self.y - _SAME:
            if alone or body.contains(Area(corners).representative_point()):
                yield panel
            return
        area = Area(corners, [move.apply_all(h) for h in (*panel.hole_polygons, *panel.gaps)]).buffer(0).intersection(body.buffer(1e-5))
        pieces = [p for p in getattr(area, "geoms", [area]) if not p.is_empty and p.geom_type == "Polygon" and p.area > 1e-3]
        home = move.inverse()
        for number, piece in enumerate(pieces):
            path = _closed(home.apply_all(_loose(piece.exterior.coords)))
            holes = tuple(moved_path(_hole(ring.coords), home) for ring in piece.interiors)
            guides = tuple(moved_path(run, home) for g in panel.guides for run in cut_off(moved_path(g, move), self.window))
            yield replace(panel, name=panel.name if not number else say("{name} {number}", name=panel.name, number=number + 1),
                          whole=panel.whole or (panel.name if number else ""),
                          path=path if signed_area(_points(path)) > 0 else _reversed(path), folds=(None,) * len(path),
                          holes=holes, guides=guides, gaps=())

    def _folds(self, fold: FlatFold, card: Area, alone: bool) -> Iterator[FlatFold]:
        """What of a score lies in one part of the card, on its strip too."""
        from shapely.geometry import LineString

        start, end = self.onto.apply(fold.start), self.onto.apply(fold.end)
        if alone and min(start[1], end[1]) > self.y:
            yield fold
            return
        if max(start[1], end[1]) < self.y - 2 * self.cut.lap_mm:
            return
        for piece in _pieces(LineString([start, end]).intersection(card)):
            a, b = sorted((piece[0], piece[-1]), key=lambda q: math.dist(start, q))
            if math.dist(a, b) > 0.05:
                yield fold._replace(start=self.back.apply(a), end=self.back.apply(b))

    def _keys(self, body: Area) -> Iterator[EdgeKey]:
        from shapely.geometry import LineString

        near = body.buffer(1e-3)
        for edge in self.half.pattern.keys:
            line = [self.onto.apply(p) for p in edge.line]
            for piece in _pieces(LineString(line).intersection(near)):
                a, b = sorted((piece[0], piece[-1]), key=lambda q: math.dist(line[0], q))
                if math.dist(a, b) > 1.0:
                    yield edge._replace(line=(self.back.apply(a), self.back.apply(b)))

    def strips(self) -> Iterator[Half]:
        """The strips glued behind the line, one between every two folds, where the halves bear none."""
        from shapely import union_all
        from shapely.affinity import scale
        from shapely.geometry import LineString, box

        pattern = self.half.pattern
        clear = 1.5 * pattern.stock.caliper_mm + 0.5
        lines = [LineString([self.onto.apply(f.start), self.onto.apply(f.end)]).buffer(clear, cap_style="flat") for f in pattern.folds
                 if not f.bend]
        _, chords = self._loops()
        reach = self.cut.lap_mm
        for chord in chords:
            walls = self._walls(reach + _INSIDE_MM, reach + _INSIDE_MM).intersection(box(chord[0], -_FAR, chord[1], _FAR))
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
                                   keys=(self._key(panel.name, part.bounds[0], part.bounds[2], True),)), box(0, 0, 0, 0))


def _points(path: Path) -> Polygon:
    return tuple(flat_points(path)[:-1])


def _joined(path: Path) -> Path:
    """The same with every segment beginning just where the last one ended: where arcs meet lines they may be a hair apart."""
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
    from shapely.geometry import Polygon as Area

    areas = [Area(_points(p)).buffer(0) for p in paths]
    found = []
    for i, path in enumerate(paths):
        amid = areas[i].representative_point()
        hole = any(j != i and areas[j].area > areas[i].area and areas[j].contains(amid) for j in range(len(paths)))
        found.append(path if (signed_area(_points(path)) < 0) == hole else _reversed(path))
    return found


def _reversed(path: Path) -> Path:
    return tuple(reverse(s) for s in reversed(path))


def _closed(points: Sequence[Point]) -> Path:
    return tuple(Line(a, b) for a, b in zip(points, (*points[1:], points[0]), strict=True))


def _loose(coords: Any) -> list[Point]:
    """A ring's corners, those that come twice once."""
    points = [(float(x), float(y)) for x, y, *_ in coords][:-1]
    return [p for p, before in zip(points, (points[-1], *points[:-1]), strict=True) if math.dist(p, before) > 1e-6]


def _hole(coords: Any) -> Path:
    path = _closed(_loose(coords))
    return path if signed_area(_points(path)) < 0 else _reversed(path)


def _with_laps(loop: Path, laps: Sequence[_Lap], y: float) -> Path:
    """An outline with its strips let into what runs along the line."""
    result: list[Segment] = []
    for segment in loop:
        mine = [lap for lap in laps if isinstance(segment, Line) and abs(segment.start[1] - y) < _SAME and abs(segment.end[1] - y) < _SAME
                and segment.start[0] - _SAME <= lap.left and lap.right <= segment.end[0] + _SAME]
        if not mine:
            result.append(segment)
            continue
        corners = [segment.start, *(p for lap in mine for p in lap.round_), segment.end]
        result += [Line(a, b) for a, b in pairwise(corners) if math.dist(a, b) > 1e-9]
    return tuple(result)


def _strip(name: str, outline: Sequence[Point], holes: Sequence[Path], line: tuple[Point, Point], home: Rigid) -> FlatPanel:
    """A strip, glued and covered: it takes glue as tabs do.  line: where on it the edges meet; home: from the side's own coordinates to
    the flat."""
    path = moved_path(_closed(list(outline) if signed_area(tuple(outline)) > 0 else list(reversed(outline))), home)
    to_here = moved_path((Line(*line),), home)
    return FlatPanel(name, Role.TAB, 0.0, 0.0, path, (None,) * len(path), STAY, (to_here,),
                     holes=tuple(moved_path(h, home) for h in holes))


def _pieces(found: Any) -> Iterator[list[Point]]:
    for piece in getattr(found, "geoms", [found]):
        if not piece.is_empty and piece.geom_type == "LineString":
            yield [(float(x), float(y)) for x, y in piece.coords]


def _moved_area(area: Any, move: Rigid) -> Any:
    from shapely.affinity import affine_transform

    return affine_transform(area, (move.cos, -move.sin, move.sin, move.cos, move.x, move.y))


def printed_within(printed: Sequence[Printed], half: Half) -> tuple[Printed, ...]:
    """The artwork of a piece as far as it lies on a part of it."""
    if half.within is None:
        return tuple(printed)
    from shapely.geometry import Polygon as Area

    found = []
    for each in printed:
        kept = []
        for outline, holes in each.within:
            part = Area(outline, holes).buffer(0).intersection(half.within)
            kept += [(tuple(p.exterior.coords[:-1]), tuple(tuple(r.coords[:-1]) for r in p.interiors))
                     for p in getattr(part, "geoms", [part]) if p.area > 1e-6 and hasattr(p, "exterior")]
        if kept:
            found.append(Printed(each.name, each.picture, each.frames, tuple(kept)))
    return tuple(found)
