"""Strips behind seams: each its own piece, half glued inside the one panel, half inside the other.

A strip rides on the panel that carries the seam: it is glued there while all lies flat, and the other panel
is glued on what stands out.  It lies where both panels are when all is folded, and keeps clear of all that is
glued inside either.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Collection, Iterable, Iterator, Sequence
from dataclasses import replace
from typing import TYPE_CHECKING, Any, NamedTuple

from mingei.core.covering.landed import landed
from mingei.core.draft import Crease, Draft, EdgeRef, Fold, Panel, Piece, Placement
from mingei.core.draft.joint import Adds
from mingei.core.flat.develop import develop
from mingei.core.flat.pattern import FlatPanel, Mate, Pattern, Ride
from mingei.core.joints import TAPE
from mingei.core.offset import Measured
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Point, Polygon, Rigid, distance_to_segment, signed_area
from mingei.core.stock import Stock
from mingei.core.words import say

if TYPE_CHECKING:
    from shapely.geometry import Polygon as Area

#: The part strips belong to, which may be of a stock of its own.
STRIPS = "strips"
#: A strip keeps so far from what else is glued there and from the edges, mm.
_CLEAR_MM = 0.4
#: Where a strip as deep as was asked would be short, it may be so much shallower (shares), no shallower than
#: so many mm, and is no shorter than so many mm (from experience, no published source).
_DEPTHS, _SHALLOWEST_MM, _SHORTEST_MM = (1.0, 0.7, 0.45), 2.5, 5.0
#: A strip that covers so much (a share) of what a deeper one could is not made shallower.
_ENOUGH = 0.7
#: Panels turned by less than this (sine) lie in one plane.
_FLAT = 1e-4
#: So near its hinge, mm, the panel may end: sides stop short of a corner by their thickness.
_NEAR_MM = 1.0
#: Less than this in the way of a strip, mm2, is nothing.
_NOTHING_MM2 = 1e-3
#: The middle of a strip lies where it is drawn, half a layer further in than a first layer does; a fold that
#: turns less is not scored, degrees (common practice).
_AMID, NO_SCORE_DEG = -0.5, 5.0
#: A strip's ends lean in by so much (degrees).
_LEAN_DEG = 15.0


class _Side(NamedTuple):
    """A panel that a strip lies in: its piece, the panel, and the matrix of the strip's middle layer on it
    when all is folded, turned over, since the strip's printed face looks inward."""

    pattern: Pattern
    panel: FlatPanel
    lies: Any


class _Strip(NamedTuple):
    """A strip as it is drafted, its hinge level, and how that lies on the panel that carries the seam."""

    draft: Draft
    at: Rigid


class _Half(NamedTuple):
    """Half a strip on one side's plane: where its hinge begins, which way it runs and how long it may be,
    which way the panel lies from it, and what of the panel is free."""

    start: Point
    along: Point
    length: float
    inward: Point
    room: Area

    def at(self, x: float, y: float) -> Point:
        """A point so far along the hinge and so far inward."""
        return (self.start[0] + self.along[0] * x + self.inward[0] * y,
                self.start[1] + self.along[1] * x + self.inward[1] * y)

    def free(self, depth: float) -> list[tuple[float, float]]:
        """From where to where along the hinge nothing is in the way of a strip so deep."""
        band = area_of([self.at(x, y) for x, y in ((0.0, _NEAR_MM), (self.length, _NEAR_MM),
                                                   (self.length, depth), (0.0, depth))])
        blocked = band.difference(self.room)
        spans = []
        for part in getattr(blocked, "geoms", [blocked]):
            if part.area > _NOTHING_MM2:
                along = [(x - self.start[0]) * self.along[0] + (y - self.start[1]) * self.along[1]
                         for x, y in part.exterior.coords]
                spans.append((min(along), max(along)))
        return spans


def with_strips(draft: Draft, patterns: Sequence[Pattern],
                stock_of: Callable[[str], Stock]) -> tuple[Pattern, ...]:
    """The pieces, and after them the strips behind every seam that asks for one: long seams first, where two
    want one place.  A seam whose strip finds no room is taped.

    patterns: the draft, laid flat; stock_of: the stock of a part.
    """
    asked = [(pattern, mate) for pattern in patterns for mate in pattern.mates
             if mate.joint.adds is Adds.STRIP]
    if not asked:
        return tuple(patterns)
    stock = stock_of(STRIPS)
    depths = {seam.name: seam.depth_mm for piece in draft.pieces for seam in piece.seams}
    owner = {panel.name: pattern for pattern in patterns for panel in pattern.panels}
    inside = _Inside({name for _, m in asked for name in (m.carrier, m.host)}, patterns, stock.caliper_mm)
    drawn: dict[str, _Strip | None] = {}
    for _, mate in sorted(asked, key=lambda each: -each[1].length):
        sides = [_side(owner[name], name, stock.caliper_mm) for name in (mate.carrier, mate.host)]
        drawn[mate.seam] = _drawn(mate, sides, depths[mate.seam], inside)
    pieces = {p.name: _taped(p, [seam for seam, strip in drawn.items() if strip is None]) for p in patterns}
    rode = []
    for pattern, mate in asked:
        strip, host = drawn[mate.seam], pieces[owner[mate.carrier].name]
        if strip is not None:
            up = (host.stock.caliper_mm + stock.caliper_mm) / 2
            rode.append(replace(develop(strip.draft, stock)[0], copies=pattern.copies,
                                rides=Ride(host, mate.carrier, up, True, strip.at, mate.seam)))
    return (*pieces.values(), *rode)


def depth_of(patterns: Sequence[Pattern], mate: Mate) -> float:
    """How far the strip behind a seam lies onto either side, mm; 0 where there is none."""
    for pattern in patterns:
        if pattern.rides is not None and pattern.rides.seam == mate.seam:
            (a, b, *others) = pattern.panels[0].polygon
            return max(distance_to_segment(point, a, b) for point in others)
    return 0.0


def as_laid(draft: Draft, patterns: Iterable[Pattern]) -> Draft:
    """The draft with its seams held as they were laid flat, where a tab or a strip found no room."""
    found = {mate.seam: mate.joint for pattern in patterns for mate in pattern.mates}
    if all(found.get(s.name, s.joint) is s.joint for piece in draft.pieces for s in piece.seams):
        return draft
    return replace(draft, pieces=tuple(
        replace(piece, seams=tuple(s._replace(joint=found.get(s.name, s.joint)) for s in piece.seams))
        for piece in draft.pieces))


def _taped(pattern: Pattern, bare: Sequence[str]) -> Pattern:
    """The piece with tape on these seams."""
    if not any(mate.seam in bare for mate in pattern.mates):
        return pattern
    return replace(pattern, mates=tuple(mate._replace(joint=TAPE) if mate.seam in bare else mate
                                        for mate in pattern.mates))


def _side(pattern: Pattern, name: str, thick: float) -> _Side:
    import numpy as np

    from mingei.core.folded.fold import finished

    up = (pattern.stock.caliper_mm + thick) / 2
    inside = np.diag((-1.0, 1.0, -1.0, 1.0))
    inside[2, 3] = -up
    return _Side(pattern, pattern.by_name[name], finished(pattern)[name] @ inside)


class _Inside:
    """What is free inside the panels of a thing; each panel's is worked out once.

    hosts: the panels that are asked for; patterns: all pieces; thick: of the strips, mm.
    """

    def __init__(self, hosts: Collection[str], patterns: Sequence[Pattern], thick: float) -> None:
        self.thick, self._landed = thick, landed(hosts, patterns, True)
        self._turns = {m.seam: m.angle_deg for p in patterns for m in p.mates}
        self._bare: dict[str, Area] = {}
        self._laid: dict[str, list[Area]] = {}

    def lay(self, panel: str, outline: Polygon) -> None:
        """A strip lies there; x mirrored."""
        self._laid.setdefault(panel, []).append(area_of(outline))

    def room(self, side: _Side, seam: str) -> Area:
        """What is free for a strip behind a seam, x mirrored."""
        from shapely import LineString, union_all

        name = side.panel.name
        if name not in self._bare:
            room = _mirrored(side.panel).buffer(-_CLEAR_MM)
            held = [area_of([(-x, y) for x, y in other]) for other in self._landed.get(name, ())]
            self._bare[name] = room.difference(union_all(held).buffer(_CLEAR_MM)) if held else room
        taken = [laid.buffer(_CLEAR_MM) for laid in self._laid.get(name, ())]
        for ((ax, ay), (bx, by)), turn in self._corners(side, seam):
            beside = _beside_mm(turn, side.pattern.stock.caliper_mm, self.thick)
            if beside > _CLEAR_MM:
                taken.append(LineString([(-ax, ay), (-bx, by)]).buffer(beside))
        return self._bare[name].difference(union_all(taken)) if taken else self._bare[name]

    def _corners(self, side: _Side, but: str) -> Iterator[tuple[tuple[Point, Point], float]]:
        """The sides at which another panel stands, as lines in the panel's coordinates, and how far it turns
        in, degrees; those of one seam left out."""
        back, name = side.panel.frame.inverse(), side.panel.name
        for fold in side.pattern.folds:
            if name in (fold.parent, fold.child):
                yield (back.apply(fold.start), back.apply(fold.end)), fold.angle_deg
        for key in side.pattern.keys:
            if key.panel == name and key.seam != but and key.seam in self._turns:
                yield (back.apply(key.line[0]), back.apply(key.line[1])), self._turns[key.seam]


def _mirrored(panel: FlatPanel) -> Area:
    return area_of([(-x, y) for x, y in panel.polygon],
                   [[(-x, y) for x, y in hole] for hole in panel.hole_polygons])


def _drawn(mate: Mate, sides: Sequence[_Side], depth: float, inside: _Inside) -> _Strip | None:
    """The strip behind one seam, as large as there is room for; None where there is none."""
    if mate.length < _SHORTEST_MM:
        return None
    halves = _halves(mate, sides, inside)
    best: tuple[float, float, float, float] | None = None
    for share in _DEPTHS:
        deep = depth * share
        spans = [span for half in halves for span in half.free(deep)]
        low, high = _longest(spans, min(half.length for half in halves))
        if deep < min(_SHALLOWEST_MM, depth) or high - low < _SHORTEST_MM:
            continue
        if best is None or best[0] < _ENOUGH * (high - low) * deep:
            best = (high - low) * deep, low, high, deep
    if best is None:
        return None
    _, low, high, deep = best
    lean = min(deep * math.tan(math.radians(_LEAN_DEG)), (high - low) / 4)
    outlines = [tuple(half.at(x, y) for x, y in ((low, 0.0), (high, 0.0), (high - lean, deep),
                                                  (low + lean, deep))) for half in halves]
    for side, outline in zip(sides, outlines, strict=True):
        inside.lay(side.panel.name, outline)
    first, second = (_ordered(outline) for outline in outlines)
    (ax, ay), (bx, by) = first[:2]
    length = math.dist(*first[:2])
    at = Rigid((bx - ax) / length, (by - ay) / length, ax, ay)
    return _Strip(_draft(mate, at.inverse().apply_all(first), second, _turn_deg(sides, halves[0].inward)), at)


def _ordered(outline: Sequence[Point]) -> Polygon:
    """The same counter-clockwise, its hinge first."""
    points = tuple(outline)
    return points if signed_area(points) > 0 else (points[1], points[0], *points[:1:-1])


def _draft(mate: Mate, one: Polygon, other: Polygon, turn: float) -> Draft:
    name = say("strip {number}", number=mate.key)
    second = say("{name} beyond", name=name)
    lies = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
    panels = (Panel(name, one, layer=_AMID, said=str(mate.key)), Panel(second, other, layer=_AMID))
    crease = Crease.MOUNTAIN if turn >= 0 else Crease.VALLEY
    fold = Fold(EdgeRef(name, 0), EdgeRef(second, 0), abs(turn), 1, crease, bend=abs(turn) < NO_SCORE_DEG)
    return Draft((Piece(name, name, lies, panels, folds=(fold,), part=STRIPS),), measured=Measured.INSIDE,
                 closes=False)


def _halves(mate: Mate, sides: Sequence[_Side], inside: _Inside) -> list[_Half]:
    """Both halves as they may lie: their hinge is where the strip's middle layer meets on both panels."""
    import numpy as np

    from mingei.core.folded.fold import edge_as_cut

    first = sides[0]
    (ax, ay), (bx, by) = edge_as_cut(first.panel, mate.carrier_line)
    cut = np.array(((-ax, ay, 0.0, 1.0), (-bx, by, 0.0, 1.0)))
    beyond = np.linalg.inv(first.lies) @ sides[1].lies
    normal, on = beyond[:3, 2], beyond[:3, 3]
    slope = float(np.hypot(normal[0], normal[1]))
    if slope > _FLAT:  # onto the line where the two planes meet
        way = np.array((normal[0], normal[1]))
        short = (float(normal @ on) - cut[:, :2] @ way) / slope**2
        cut[:, :2] += short[:, None] * way
    found = []
    for number, side in enumerate(sides):
        seen = cut if number == 0 else cut @ np.linalg.inv(beyond).T
        (x0, y0), (x1, y1) = seen[:, :2].tolist()
        length = math.hypot(x1 - x0, y1 - y0)
        along = (x1 - x0) / length, (y1 - y0) / length
        middle = _mirrored(side.panel).centroid
        left = (-along[1], along[0])
        inward = left if (middle.x - x0) * left[0] + (middle.y - y0) * left[1] > 0 else (along[1], -along[0])
        found.append(_Half((x0, y0), along, length, inward, inside.room(side, mate.seam)))
    return found


def _beside_mm(turn_deg: float, panel_mm: float, strip_mm: float) -> float:
    """How far from the line where two panels' middles meet a strip inside one is clear of the other's inner
    face, mm: at the strip's own inner face (plane geometry)."""
    turn = math.radians(turn_deg)
    if not 0.0 < turn_deg < 180.0:
        return _CLEAR_MM
    return _CLEAR_MM + max(0.0, (panel_mm / 2 - (panel_mm / 2 + strip_mm) * math.cos(turn)) / math.sin(turn))


def _turn_deg(sides: Sequence[_Side], inward: Point) -> float:
    """How far the second half turns away from the first's printed face, degrees; inward: on the first, away
    from the hinge."""
    import numpy as np

    beyond = np.linalg.inv(sides[0].lies) @ sides[1].lies
    normal = beyond[:3, 2]
    sine = -float(normal[0] * inward[0] + normal[1] * inward[1])
    return math.degrees(math.atan2(sine, float(normal[2])))


def _longest(blocked: Iterable[tuple[float, float]], length: float) -> tuple[float, float]:
    """The longest stretch of a hinge so long that is free."""
    best, reached = (0.0, 0.0), 0.0
    for low, high in sorted((*blocked, (length, length))):
        if min(low, length) - reached > best[1] - best[0]:
            best = reached, min(low, length)
        reached = max(reached, high)
    return best
