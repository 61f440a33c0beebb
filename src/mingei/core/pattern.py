"""The pattern: a draft given the thickness of its stock and laid flat.

``develop`` moves every side of every panel by the rule of what it does there (``offset``): folds by their
setback and the crease's gain, free edges to the face they stop at.  Seams become tabs (``joint``).  Then the
panels are laid flat round the root, score line on score line, and what no fold claims is a cut.
No recipe takes part: the same few rules serve them all.
"""

from __future__ import annotations

import math
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, field, replace
from functools import cached_property, lru_cache
from typing import TYPE_CHECKING, Any, NamedTuple

from mingei.core import joint
from mingei.core.draft import (
    Against,
    Crease,
    Draft,
    EdgeRef,
    Fold,
    Joint,
    Lap,
    Mitred,
    Over,
    Panel,
    Piece,
    Placement,
    Plain,
    Role,
    Seam,
    Within,
)
from mingei.core.errors import GeometryError, StockError
from mingei.core.offset import RELIEF_MM, Measured, crease_gain, mid_depth, setback, stop_against, stop_over
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
    grown,
    mapping,
    moved,
    moved_path,
    outset,
    path_bounds,
    signed_area,
)
from mingei.core.stock import Stock
from mingei.core.tolerance import TOLERANCE
from mingei.core.words import say

if TYPE_CHECKING:  # loaded when a proof first needs it, so that a flat can be shown before
    import numpy as np
    from numpy.typing import NDArray

#: Below this depth (mm) a tab is not shrunk any further to keep clear of its neighbours.
_SMALLEST_TAB_MM = 0.4


@dataclass(frozen=True, eq=False)
class FlatPanel:
    """A panel with its thickness, in its own plane and on the flat.

    path: closed, in the panel's own coordinates, whose origin is the nominal outline's; folds: for each segment of the
    path the number of the fold it belongs to, or None for a cut; depth: of its mid-surface, mm outward from the
    nominal plane; frame: from its own coordinates to the flat.
    """

    name: str
    role: Role
    layer: int
    depth: float
    path: Path
    folds: tuple[int | None, ...]
    frame: Rigid
    guides: tuple[Path, ...] = ()

    @cached_property
    def polygon(self) -> Polygon:
        """The outline as points in the panel's own coordinates; arcs as chords."""
        return tuple(flat_points(self.path)[:-1])

    @cached_property
    def flat_polygon(self) -> Polygon:
        """The outline as points on the flat."""
        return tuple(self.frame.apply(p) for p in self.polygon)

    @cached_property
    def flat_path(self) -> Path:
        return moved_path(self.path, self.frame)

    @cached_property
    def area(self) -> float:
        """mm2."""
        return signed_area(self.polygon)

    @cached_property
    def convex_sides(self) -> tuple[NDArray[np.float64], NDArray[np.float64]] | None:
        """For a convex panel its sides as half planes: p lies within when p @ a >= b for every column of a (2, n); None for others."""
        import numpy as np

        corners = np.array(self.polygon)
        along = np.concatenate([corners[1:], corners[:1]]) - corners
        after = np.concatenate([along[1:], along[:1]])
        if (along[:, 0] * after[:, 1] - along[:, 1] * after[:, 0] < -1e-9).any():
            return None
        inward = np.stack([-along[:, 1], along[:, 0]])
        return inward, (inward * corners.T).sum(axis=0)


@dataclass(frozen=True)
class FlatFold:
    """A score line.

    start, end: on the flat, with the parent panel to the left; angle_deg: signed, mountain positive;
    gain: mm taken up by the crease; step: its place in the order of folding; length: the line's, mm.
    """

    parent: str
    child: str
    start: Point
    end: Point
    angle_deg: float
    gain: float
    step: int

    @property
    def crease(self) -> Crease:
        return Crease.MOUNTAIN if self.angle_deg >= 0 else Crease.VALLEY

    @property
    def length(self) -> float:
        return math.dist(self.start, self.end)


@dataclass(frozen=True)
class FlatSeam:
    """A seam as developed: the tab panel, its host, and the depth it was given (mm) against the depth asked for.

    host_edge: the two nominal ends of the host's edge, in the host's coordinates.  beyond_mm: how far the tab's crease lies past that
    edge as it really is, in the carrier's own thickness.
    """

    name: str
    joint: Joint
    carrier: str
    host: str
    asked_mm: float
    depth_mm: float
    host_edge: tuple[Point, Point]
    beyond_mm: float = 0.0


class Mate(NamedTuple):
    """The two edges a seam joins, as lines on the flat (mm), whether a tab joins them or tape.

    key: the seam's number in its piece, the same on both edges.
    """

    key: int
    seam: str
    joint: Joint
    carrier: str
    host: str
    carrier_line: tuple[Point, Point]
    host_line: tuple[Point, Point]


@dataclass(frozen=True, eq=False)
class Pattern:
    """One piece, flat, ready to be cut and scored.

    Patterns are told apart by identity, which keeps caches quick; ``develop`` gives the same one for the same values.
    """

    name: str
    stock: Stock
    root: str
    placement: Placement
    measured: Measured
    panels: tuple[FlatPanel, ...]
    folds: tuple[FlatFold, ...]
    seams: tuple[FlatSeam, ...]
    laps: tuple[Lap, ...]
    cuts: tuple[Path, ...]
    mates: tuple[Mate, ...] = ()
    copies: int = 1

    @cached_property
    def guides(self) -> tuple[Path, ...]:
        """Lines to be traced lightly, on the flat."""
        return tuple(moved_path(g, p.frame) for p in self.panels for g in p.guides)

    @cached_property
    def by_name(self) -> Mapping[str, FlatPanel]:
        return {p.name: p for p in self.panels}

    @cached_property
    def box(self) -> Box:
        """The blank: the upright rectangle round the flat, mm."""
        return path_bounds(self.cuts)

    @cached_property
    def area(self) -> float:
        """Area of card in the piece, mm2."""
        return sum(p.area for p in self.panels)

    @cached_property
    def steps(self) -> tuple[int, ...]:
        """The numbers of the folding steps that occur, in order."""
        return tuple(sorted({f.step for f in self.folds}))


def enlarged(pattern: Pattern, factor: float) -> Pattern:
    """The drawing enlarged as it is, stock and all that follows from it left as they were: what a copier does, and not a new draft."""

    def point(p: Point) -> Point:
        return p[0] * factor, p[1] * factor

    def line(ends: tuple[Point, Point]) -> tuple[Point, Point]:
        return point(ends[0]), point(ends[1])

    def path(segments: Path) -> Path:
        return tuple(grown(s, factor) for s in segments)

    panels = tuple(replace(p, path=path(p.path), guides=tuple(path(g) for g in p.guides), frame=p.frame._replace(x=p.frame.x * factor,
                                                                        y=p.frame.y * factor)) for p in pattern.panels)
    x, y, z = pattern.placement.origin
    return replace(
        pattern, panels=panels, placement=pattern.placement._replace(origin=(x * factor, y * factor, z * factor)),
        folds=tuple(replace(f, start=point(f.start), end=point(f.end)) for f in pattern.folds),
        seams=tuple(replace(s, depth_mm=s.depth_mm * factor, asked_mm=s.asked_mm * factor,
                            host_edge=line(s.host_edge)) for s in pattern.seams),
        cuts=tuple(path(c) for c in pattern.cuts),
        mates=tuple(m._replace(carrier_line=line(m.carrier_line), host_line=line(m.host_line)) for m in pattern.mates))


@lru_cache(maxsize=64)
def develop(draft: Draft, stock: Stock) -> tuple[Pattern, ...]:
    """Give every piece of the draft the thickness of the stock and lay it flat.

    Raises StockError when a panel is too small for the stock's thickness, GeometryError when the draft contradicts itself.
    """
    panels = {p.name: p for piece in draft.pieces for p in piece.panels}
    return tuple(_Developer(piece, panels, draft.measured, stock).pattern() for piece in draft.pieces)


@dataclass
class _Work:
    """A panel on its way: its sides (each a path) with the numbers of their folds, and what was cut off after some of them."""

    panel: Panel
    depth: float
    sides: list[Path]
    labels: list[list[int | None]]
    corners: dict[int, Path] = field(default_factory=dict)

    def outline(self, first: int = 0) -> Polygon:
        """Its corners as they really are, from a side on."""
        points: list[Point] = []
        for i in range(len(self.sides)):
            edge = (first + i) % len(self.sides)
            points.append(self.sides[edge][0].start)
            if edge in self.corners:
                points.append(self.sides[edge][-1].end)
        return tuple(points)


class _Developer:
    """One piece's development; lives for one call."""

    def __init__(self, piece: Piece, others: Mapping[str, Panel], measured: Measured, stock: Stock) -> None:
        self.piece, self.measured, self.stock = piece, measured, stock
        self.others = {**others, **{p.name: p for p in piece.panels}}  # a free edge may stop at a panel of another piece
        self.folded: dict[EdgeRef, EdgeRef] = {}
        for f in piece.folds:
            self.folded |= {f.a: f.b, f.b: f.a}
        self.t = stock.caliper_mm
        self.folds: list[Fold] = list(piece.folds)
        self.flat_folds: list[FlatFold] = []
        self.seams: list[FlatSeam] = []
        self.tabs = [s for s in piece.seams if s.joint is not Joint.TAPE]

    def pattern(self) -> Pattern:
        work = {p.name: self._outline(p) for p in self.piece.panels}
        lines = [self._fold_line(work, i, fold) for i, fold in enumerate(self.folds)]
        frames = self._lay_flat(lines)
        if self.piece.crowded:
            for w in work.values():
                _trim_corners(w)
        taken = [(name, _flat_area(w, frames[name])) for name, w in work.items()] if self.piece.crowded else []
        for seam in self.tabs:
            tab, fold = self._tab(seam, work, frames, taken)
            work[tab.panel.name] = tab
            self.folds.append(fold)
            on_a, on_b = self._fold_line(work, len(lines), fold, seam.slit_mm)
            lines.append((on_a, on_b))
            frames[tab.panel.name] = _joined_frame(frames[fold.a.panel], on_a, on_b)
            if taken:
                taken.append((tab.panel.name, _flat_area(tab, frames[tab.panel.name])))
        panels = tuple(self._panel(w, frames[name]) for name, w in work.items())
        folds = tuple(self._flat_fold(fold, line, frames) for fold, line in zip(self.folds, lines, strict=True))
        cut = [moved(s, p.frame) for p in panels for s, f in zip(p.path, p.folds, strict=True) if f is None]
        return Pattern(self.piece.name, self.stock, self.piece.root, self.piece.placement, self.measured, panels, folds,
                       tuple(self.seams), self.piece.laps, chain(cut), self._mates(frames), self.piece.copies)

    def _mates(self, frames: Mapping[str, Rigid]) -> tuple[Mate, ...]:
        def line(edge: EdgeRef) -> tuple[Point, Point]:
            outline, frame = self.piece.panel(edge.panel).outline, frames[edge.panel]
            return frame.apply(outline[edge.edge]), frame.apply(outline[(edge.edge + 1) % len(outline)])

        return tuple(Mate(number, s.name, s.joint, s.carrier.panel, s.host.panel, line(s.carrier), line(s.host))
                     for number, s in enumerate(self.piece.seams, 1))

    # -- sides -------------------------------------------------------------------------------------------

    def _depth(self, layer: int, air: float) -> float:
        depth = mid_depth(layer, self.t, self.measured)
        return depth + air if self.measured is Measured.INSIDE else depth - air

    def _tab_layer(self, seam: Seam) -> int:
        """A tab lies one layer inside its host."""
        return self.piece.panel(seam.host.panel).layer + (-1 if self.measured is Measured.INSIDE else 1)

    def _gain(self, angle_deg: float) -> float:
        return crease_gain(self.stock.crease_gain_mm, angle_deg)

    def _panel_depth(self, panel: Panel) -> float:
        return self._depth(panel.layer, panel.air)

    def _tab_depth(self, seam: Seam) -> float:
        return self._depth(self._tab_layer(seam), self.piece.panel(seam.host.panel).air)

    def _fold_offset(self, own_depth: float, other_depth: float, signed_deg: float) -> float:
        return setback(own_depth, other_depth, signed_deg) + self._gain(signed_deg) / 2

    def _outline(self, panel: Panel) -> _Work:
        distances = [self._side_offset(panel, i) for i in range(len(panel.outline))]
        points = outset(panel.outline, distances)
        for i, (a, b) in enumerate(zip(points, (*points[1:], points[0]), strict=True)):
            _, (ux, uy) = _along(panel, i)
            if (b[0] - a[0]) * ux + (b[1] - a[1]) * uy < -TOLERANCE.same_point:
                raise StockError(say("the {panel} is too small for card {caliper:g} mm thick", panel=panel.name, caliper=self.t),
                                 say("stock {stock}", stock=self.stock.id), "use thinner stock, or make it larger")
        sides: list[Path] = [(Line(a, b),) for a, b in zip(points, (*points[1:], points[0]), strict=True)]
        return _Work(panel, self._panel_depth(panel), sides, [[None] for _ in sides])

    def _side_offset(self, panel: Panel, edge: int) -> float:
        here = EdgeRef(panel.name, edge)
        for fold in self.piece.folds:
            if here in (fold.a, fold.b):
                other = self.piece.panel(fold.b.panel if here == fold.a else fold.a.panel)
                return self._fold_offset(self._panel_depth(panel), self._panel_depth(other), fold.signed_deg)
        rule, angle = panel.edge_rule(edge), 90.0
        for seam in self.piece.seams:
            if here == seam.carrier:
                if seam.joint is not Joint.TAPE:
                    return self._fold_offset(self._panel_depth(panel), self._tab_depth(seam), seam.angle_deg)
                rule, angle = Against(seam.host.panel), seam.angle_deg
            elif here == seam.host and isinstance(rule, Mitred):
                return setback(self._panel_depth(panel), self._panel_depth(self.piece.panel(seam.carrier.panel)), seam.angle_deg)
            elif here == seam.host and isinstance(rule, Plain):
                rule, angle = Over(seam.carrier.panel), seam.angle_deg
        if isinstance(rule, Over):
            other = self.others[rule.panel]
            return stop_over(panel.layer, other.layer, self.t, angle) + setback(panel.air, other.air, angle)
        if isinstance(rule, Against):
            other = self.others[rule.panel]
            return stop_against(panel.layer, other.layer, self.t, angle) + setback(panel.air, other.air, angle)
        return -RELIEF_MM if isinstance(rule, Within) else 0.0

    # -- seams -------------------------------------------------------------------------------------------

    def _tab(self, seam: Seam, work: Mapping[str, _Work], frames: Mapping[str, Rigid],
             taken: Sequence[tuple[str, Any]] = ()) -> tuple[_Work, Fold]:
        """Draw a tab; taken: what lies on the flat already and must be kept clear of, as areas by name."""
        host = self.piece.panel(seam.host.panel)
        carrier = self.piece.panel(seam.carrier.panel)
        count = len(host.outline)
        edge = seam.host.edge
        h0, h1 = host.outline[edge], host.outline[(edge + 1) % count]
        length = math.dist(h0, h1)
        to_tab = mapping(h0, h1, (0.0, 0.0), (length, 0.0))
        others = {s.host.edge for s in self.tabs if s.host.panel == host.name and s is not seam}
        start = joint.Corner(_inside_deg(host.outline, edge), (edge - 1) % count in others, *self._beside(seam, True, work, frames))
        end = joint.Corner(_inside_deg(host.outline, (edge + 1) % count), (edge + 1) % count in others,
                           *self._beside(seam, False, work, frames))
        opposite = [(e - edge) % count for e in others - {(edge - 1) % count, (edge + 1) % count}]
        layer = self._tab_layer(seam)
        try:
            hosts = [tuple(to_tab.apply(p) for p in outline)
                     for outline in ((*host.outline[edge:], *host.outline[:edge]), work[host.name].outline(edge))]
            out = self._fold_offset(self._tab_depth(seam), self._panel_depth(carrier), seam.angle_deg)
            shape = joint.tab_shape(hosts, length, start, end, seam.depth_mm, out, seam.round_mm, opposite)
            if taken:
                onto = self._tab_frame(seam, length, out, work, frames)
                lying = [area for name, area in taken if name != carrier.name]
                while shape.depth_mm > _SMALLEST_TAB_MM and not _clear(shape, onto, lying):
                    shape = joint.tab_shape(hosts, length, start, end, 0.8 * shape.depth_mm, out, seam.round_mm, opposite)
        except GeometryError as error:
            raise error.at(f"seam {seam.name}") from None
        role = Role.TAB if seam.joint is Joint.GLUE_TAB else Role.LIP
        panel = Panel(seam.name, ((0.0, 0.0), (length, 0.0), (length, 1.0), (0.0, 1.0)), layer, role)
        sides: list[Path] = [(shape.path[0],), shape.path[1:]]
        hinge = setback(self._tab_depth(seam), self._panel_depth(carrier), seam.angle_deg)
        turn = math.radians(seam.angle_deg)
        thick = self.t * (0.5 + abs(math.cos(turn))) / math.sin(turn)  # so far the carrier lies over the root of its tab
        beyond = min(thick, max(0.0, hinge - self._side_offset(host, edge)))
        self.seams.append(FlatSeam(seam.name, seam.joint, carrier.name, host.name, seam.depth_mm, shape.depth_mm, (h0, h1), beyond))
        fold = Fold(seam.carrier, EdgeRef(seam.name, 0), seam.angle_deg, seam.step)
        return _Work(panel, self._tab_depth(seam), sides, [[None], [None] * (len(shape.path) - 1)]), fold

    def _beside(self, seam: Seam, at_end: bool, work: Mapping[str, _Work], frames: Mapping[str, Rigid]) -> tuple[float, float]:
        """What is free for a tab on the flat at one end of its carrier's edge.

        Goes round the corner from panel to panel over the folds, to the first side that is not folded.  Returns the angle between
        that side and the tab's hinge (180 where nothing is near), halved where that side bears a tab too; and where its line crosses
        the hinge's, mm along the hinge from that end.
        """
        carrier, hinge = seam.carrier
        name, edge, taken = carrier, hinge, 0.0
        while True:
            outline = self.piece.panel(name).outline
            taken += _inside_deg(outline, (edge + 1) % len(outline) if at_end else edge)
            beyond = EdgeRef(name, (edge + (1 if at_end else -1)) % len(outline))
            if beyond not in self.folded:
                break
            name, edge = self.folded[beyond]
        if name == carrier or taken < 180.0:
            return 180.0, 0.0
        to_carrier = frames[name].then(frames[carrier].inverse())
        side = work[name].sides[beyond.edge]
        a, b = to_carrier.apply(side[0].start), to_carrier.apply(side[-1].end)
        corner, (ux, uy) = _along(self.piece.panel(carrier), hinge)
        if at_end:
            corner, ux, uy = self.piece.panel(carrier).outline[(hinge + 1) % len(self.piece.panel(carrier).outline)], -ux, -uy
        nx, ny = (-uy, ux) if at_end else (uy, -ux)  # away from the carrier
        own = work[carrier].sides[hinge][0].start
        level = (own[0] - corner[0]) * nx + (own[1] - corner[1]) * ny
        (xa, ya), (xb, yb) = (((p[0] - corner[0]) * ux + (p[1] - corner[1]) * uy, (p[0] - corner[0]) * nx + (p[1] - corner[1]) * ny)
                              for p in (a, b))
        if abs(yb - ya) < TOLERANCE.same_point:
            return 180.0, 0.0
        if yb < ya:
            xa, ya, xb, yb = xb, yb, xa, ya
        free = math.degrees(math.atan2(yb - ya, xb - xa))
        clear = xa + (level - ya) * (xb - xa) / (yb - ya)
        return (free / 2 if any(s.carrier == beyond for s in self.tabs) else free), clear

    def _tab_frame(self, seam: Seam, length: float, out: float, work: Mapping[str, _Work], frames: Mapping[str, Rigid]) -> Rigid:
        """From a tab's own coordinates to the flat: its hinge, ``out`` mm outside the host's nominal edge, lies on the carrier's side."""
        side = work[seam.carrier.panel].sides[seam.carrier.edge]
        p, (ux, uy) = _along(self.piece.panel(seam.carrier.panel), seam.carrier.edge)
        away = (side[0].start[0] - p[0]) * uy - (side[0].start[1] - p[1]) * ux  # how far the side lies outside its nominal line
        first, last = (p[0] + uy * away, p[1] - ux * away), (p[0] + ux * length + uy * away, p[1] + uy * length - ux * away)
        frame = frames[seam.carrier.panel]
        return mapping((length, -out), (0.0, -out), frame.apply(first), frame.apply(last))

    # -- folds -------------------------------------------------------------------------------------------

    def _fold_line(self, work: Mapping[str, _Work], number: int, fold: Fold,
                   slit: float = 0.0) -> tuple[tuple[Point, Point], tuple[Point, Point]]:
        """Match the two sides of a fold, split each where the other ends, label the shared part, less a slit (mm) at each end.

        Returns the shared line in a's coordinates (start, end) and in b's (end, start of the same line).
        """
        a, b = work[fold.a.panel], work[fold.b.panel]
        length = _nominal_length(a.panel, fold.a.edge)
        if abs(length - _nominal_length(b.panel, fold.b.edge)) > TOLERANCE.edge_match:
            raise GeometryError("the two sides of a fold differ in length",
                                say("fold {panel} - {panel2}", panel=fold.a.panel, panel2=fold.b.panel))
        a0, a1 = _extent(a, fold.a.edge)
        b0, b1 = _extent(b, fold.b.edge)
        low, high = max(a0, length - b1), min(a1, length - b0)
        slit = min(slit, (high - low) / 4)
        low, high = low + slit, high - slit
        if high - low < TOLERANCE.same_point:
            raise GeometryError("the two sides of a fold do not meet",
                                say("fold {panel} - {panel2}", panel=fold.a.panel, panel2=fold.b.panel))
        on_a = _split(a, fold.a.edge, low, high, number)
        on_b = _split(b, fold.b.edge, length - high, length - low, number)
        return on_a, (on_b[1], on_b[0])

    def _lay_flat(self, lines: list[tuple[tuple[Point, Point], tuple[Point, Point]]]) -> dict[str, Rigid]:
        frames = {self.piece.root: STAY}
        waiting = list(zip(self.folds, lines, strict=True))
        while waiting:
            ready = [(f, line) for f, line in waiting if f.a.panel in frames]
            if not ready:
                raise GeometryError("its folds do not join all panels to the root", say("piece {piece}", piece=self.piece.name))
            for fold, (on_a, on_b) in ready:
                if fold.b.panel in frames:
                    raise GeometryError("its folds form a ring",
                                        say("piece {piece}, panel {panel}", piece=self.piece.name, panel=fold.b.panel))
                frames[fold.b.panel] = _joined_frame(frames[fold.a.panel], on_a, on_b)
            waiting = [(f, line) for f, line in waiting if f.b.panel not in frames]
        return frames

    def _flat_fold(self, fold: Fold, line: tuple[tuple[Point, Point], tuple[Point, Point]],
                   frames: Mapping[str, Rigid]) -> FlatFold:
        frame = frames[fold.a.panel]
        return FlatFold(fold.a.panel, fold.b.panel, frame.apply(line[0][0]), frame.apply(line[0][1]), fold.signed_deg,
                        self._gain(fold.angle_deg), fold.step)

    def _panel(self, work: _Work, frame: Rigid) -> FlatPanel:
        path = tuple(s for edge, side in enumerate(work.sides) for s in (*side, *work.corners.get(edge, ())))
        labels = tuple(label for edge, side in enumerate(work.labels) for label in (*side, *(None for _ in work.corners.get(edge, ()))))
        return FlatPanel(work.panel.name, work.panel.role, work.panel.layer, work.depth, path, labels, frame, work.panel.guides)


def _joined_frame(frame: Rigid, on_a: tuple[Point, Point], on_b: tuple[Point, Point]) -> Rigid:
    """Where a panel lies on the flat when its score line lies on its parent's."""
    return mapping(on_b[0], on_b[1], frame.apply(on_a[0]), frame.apply(on_a[1]))


def _flat_area(work: _Work, frame: Rigid) -> Any:
    """A panel's area on the flat, to measure against others."""
    from shapely.geometry import Polygon as Area  # only crowded pieces need it, and it is slow to load

    return Area([frame.apply(s.start) for edge, side in enumerate(work.sides) for s in (*side, *work.corners.get(edge, ()))])


def _clear(shape: joint.TabShape, onto: Rigid, others: Sequence[Any]) -> bool:
    """Whether a tab keeps relief from everything else on the flat."""
    from shapely import intersection
    from shapely.geometry import Polygon as Area

    area = Area([onto.apply(p) for p in flat_points(shape.path)[:-1]])
    low_x, low_y, high_x, high_y = area.bounds
    for other in others:
        x0, y0, x1, y1 = other.bounds
        if x0 < high_x and x1 > low_x and y0 < high_y and y1 > low_y and intersection(area, other, grid_size=1e-6).area > 1e-6:
            return False
    return True


def _trim_corners(work: _Work) -> None:
    """Where a panel runs past the end of a fold, along it, take that corner off: on the flat it would lie over what stands beside."""
    count = len(work.sides)
    for edge in range(count):
        after = (edge + 1) % count
        past = work.labels[edge][-1] is None and len(work.sides[edge]) > 1  # this side's fold ends before the corner
        early = work.labels[after][0] is None and len(work.sides[after]) > 1  # the next side's fold begins after it
        folded, folded_after = work.labels[edge][-1] is not None, work.labels[after][0] is not None
        if (not past and not early) or (past and folded_after) or (early and folded):
            continue  # nothing runs past, or the corner belongs to another fold
        over = work.sides[edge][-1].length if past else work.sides[after][0].length
        if past:
            work.sides[edge], work.labels[edge] = work.sides[edge][:-1], work.labels[edge][:-1]
        else:  # a free side runs up to the corner: it stops as far before it
            last = work.sides[edge][-1]
            work.sides[edge] = (*work.sides[edge][:-1], Line(last.start, _before(last, over)))
        if early:
            work.sides[after], work.labels[after] = work.sides[after][1:], work.labels[after][1:]
        else:
            first = work.sides[after][0]
            work.sides[after] = (Line(_before(Line(first.end, first.start), over), first.end), *work.sides[after][1:])
        work.corners[edge] = (Line(work.sides[edge][-1].end, work.sides[after][0].start),)


def _before(segment: Segment, over: float) -> Point:
    """The point of a straight segment so far before its end, but never past two fifths of it."""
    share = 1.0 - min(over / max(segment.length, 1e-9), 0.4)
    (ax, ay), (bx, by) = segment.start, segment.end
    return ax + (bx - ax) * share, ay + (by - ay) * share


def _inside_deg(outline: Polygon, corner: int) -> float:
    """The inside angle of a polygon at a point, degrees."""
    p, q, r = outline[corner - 1], outline[corner], outline[(corner + 1) % len(outline)]
    into = math.atan2(p[1] - q[1], p[0] - q[0]) - math.atan2(r[1] - q[1], r[0] - q[0])
    return math.degrees(into) % 360.0


def _nominal_length(panel: Panel, edge: int) -> float:
    return math.dist(panel.outline[edge], panel.outline[(edge + 1) % len(panel.outline)])


def _along(panel: Panel, edge: int) -> tuple[Point, Point]:
    """A side's nominal start and its direction (a unit vector)."""
    p, q = panel.outline[edge], panel.outline[(edge + 1) % len(panel.outline)]
    length = math.dist(p, q)
    return p, ((q[0] - p[0]) / length, (q[1] - p[1]) / length)


def _extent(work: _Work, edge: int) -> tuple[float, float]:
    """Where a developed side begins and ends, measured along it from its nominal start (mm)."""
    p, u = _along(work.panel, edge)
    side = work.sides[edge]
    first, last = ((q[0] - p[0]) * u[0] + (q[1] - p[1]) * u[1] for q in (side[0].start, side[-1].end))
    return first, last


def _split(work: _Work, edge: int, low: float, high: float, number: int) -> tuple[Point, Point]:
    """Cut a side into before, fold and after; returns the fold's two ends in the panel's coordinates."""
    _, u = _along(work.panel, edge)
    side = work.sides[edge]
    if len(side) != 1:
        raise GeometryError("a side carries two folds", say("panel {panel}", panel=work.panel.name))
    start, end = side[0].start, side[0].end
    base, _ = _extent(work, edge)

    def at(s: float) -> Point:
        return (start[0] + u[0] * (s - base), start[1] + u[1] * (s - base))

    first, last = at(low), at(high)
    pieces: list[tuple[Segment, int | None]] = [
        (Line(start, first), None), (Line(first, last), number), (Line(last, end), None)]
    kept = [(s, label) for s, label in pieces if label is not None or s.length > TOLERANCE.same_point]
    # where nothing is left over the fold takes the side's own end, so that neighbours still share the point
    if kept[0][1] is not None:
        kept[0] = (Line(start, kept[0][0].end), number)
    if kept[-1][1] is not None:
        kept[-1] = (Line(kept[-1][0].start, end), number)
    work.sides[edge] = tuple(s for s, _ in kept)
    work.labels[edge] = [label for _, label in kept]
    return first, last


def chain(segments: Iterable[Segment]) -> tuple[Path, ...]:
    """Join segments end to start into closed paths, longest first.

    Raises GeometryError when an end meets no start: a cut that would not come free.
    """
    starts: dict[tuple[int, int], list[Segment]] = {}
    grid = 1e-5

    def key(p: Point) -> tuple[int, int]:
        return (round(p[0] / grid), round(p[1] / grid))

    for segment in segments:
        starts.setdefault(key(segment.start), []).append(segment)
    loops: list[Path] = []
    while starts:
        first = next(iter(starts))
        loop = [_take(starts, first)]
        while math.dist(loop[-1].end, loop[0].start) > grid:
            kx, ky = key(loop[-1].end)
            near = (kx, ky) if (kx, ky) in starts else next(
                ((kx + i, ky + j) for i in (0, 1, -1) for j in (0, 1, -1) if (kx + i, ky + j) in starts), None)
            if near is None:
                raise GeometryError(say("the cut stops at ({end:.3f}, {end2:.3f})", end=loop[-1].end[0], end2=loop[-1].end[1]))
            loop.append(_take(starts, near))
        loops.append(_merge_straight(loop))
    if len(loops) == 1:
        return tuple(loops)
    boxes = {id(path): path_bounds([path]) for path in loops}
    return tuple(sorted(loops, key=lambda path: -boxes[id(path)].width * boxes[id(path)].height))


def _take(starts: dict[tuple[int, int], list[Segment]], key: tuple[int, int]) -> Segment:
    found = starts[key].pop()
    if not starts[key]:
        del starts[key]
    return found


def _merge_straight(loop: list[Segment]) -> Path:
    """Join neighbouring lines that run on in one direction, so that a knife cut is one line."""
    merged: list[Segment] = []
    for segment in loop:
        if merged and isinstance(segment, Line) and isinstance(merged[-1], Line) and _runs_on(merged[-1], segment):
            merged[-1] = Line(merged[-1].start, segment.end)
        else:
            merged.append(segment)
    if len(merged) > 3 and isinstance(merged[0], Line) and isinstance(merged[-1], Line) and _runs_on(merged[-1], merged[0]):
        merged[0] = Line(merged.pop().start, merged[0].end)
    return tuple(merged)


def _runs_on(a: Line, b: Line) -> bool:
    ux, uy = a.end[0] - a.start[0], a.end[1] - a.start[1]
    vx, vy = b.end[0] - b.start[0], b.end[1] - b.start[1]
    return abs(ux * vy - uy * vx) <= 1e-9 * a.length * b.length and ux * vx + uy * vy > 0
