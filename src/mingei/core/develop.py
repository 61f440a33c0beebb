"""Developing: a draft given the thickness of its stock and laid flat.

``develop`` moves every side of every panel by the rule of what it does there (``offset``): folds by their
setback and the crease's gain, free edges to the face they stop at.  Seams become tabs (``joint``).  Then the
panels are laid flat round the root, score line on score line, and what no fold claims is a cut.
No recipe takes part: the same few rules serve them all.
"""

from __future__ import annotations

import math
from collections.abc import Mapping, Sequence
from dataclasses import replace
from functools import lru_cache, partial
from typing import Any

from mingei.core import joint
from mingei.core.clearance import SMALLEST_TAB_MM, Lying, clear, kept_clear
from mingei.core.draft import (
    Against,
    Crease,
    Draft,
    EdgeRef,
    Fold,
    Inset,
    Joint,
    Meets,
    Mitred,
    Over,
    Panel,
    Piece,
    Plain,
    Role,
    Seam,
    Within,
    fellow,
    strap,
)
from mingei.core.errors import GeometryError, StockError
from mingei.core.offset import (
    FLAT_DEG,
    RELIEF_MM,
    Measured,
    bend_setback,
    crease_gain,
    flat_setback,
    mid_depth,
    setback,
    stop_against,
    stop_over,
)
from mingei.core.outline import chain
from mingei.core.pattern import EdgeKey, FlatFold, FlatPanel, FlatSeam, Mate, Pattern
from mingei.core.shape import (
    STAY,
    Line,
    Path,
    Point,
    Polygon,
    Rigid,
    Segment,
    arc_on,
    flat_points,
    mapping,
    moved_path,
    outset,
)
from mingei.core.side import (
    Work,
    away,
    extent,
    halve,
    slot_path,
    split,
    trim,
    trim_corners,
)
from mingei.core.stock import Stock
from mingei.core.tolerance import TOLERANCE
from mingei.core.words import say

#: So much of its length (a share) a facet's arc may be longer than the chord a tooth is hinged on.
_ARC_SHARE = 0.03
#: More tabs than this on one host are drawn all at once.
_FEW_TABS = 7
#: So much of its edge (a share) a tooth leaves free at each end.
_TOOTH_SHARE = 0.12


@lru_cache(maxsize=64)
def develop(draft: Draft, stock: Stock, parts: tuple[tuple[str, Stock], ...] = ()) -> tuple[Pattern, ...]:
    """Give every piece of the draft the thickness of the stock and lay it flat.  parts: stocks of parts that have their own.

    Raises StockError when a panel is too small for the stock's thickness, GeometryError when the draft contradicts itself.
    """
    panels = {p.name: p for piece in draft.pieces for p in piece.panels}
    own = dict(parts)
    makers = [_Developer(piece, panels, draft.measured, own.get(piece.part, stock)) for piece in draft.pieces]
    calipers = {name: maker.t for maker in makers for name in maker.names}
    sharing: dict[tuple[str, bool], set[int]] = {}
    for maker in makers:
        for seam in maker.tabs:  # a tab may land on a panel of another piece
            owner = next((m for m in makers if seam.host.panel in m.names), maker)
            owner.hosted.setdefault(seam.host, seam)
            sharing.setdefault((seam.host.panel, seam.name in maker.straps), set()).add(seam.host.edge)
        maker.sharing, maker.calipers = sharing, calipers
    numbers: dict[str, int] = {}
    for seam in (s for piece in draft.pieces for s in piece.seams):
        numbers.setdefault(seam.row or seam.name, len(numbers) + 1)
    for maker in makers:
        maker.numbers = numbers
        maker.landing = [s for piece in draft.pieces for s in piece.seams if piece is not maker.piece and s.host.panel in maker.names]
    work = {name: w for maker in makers for name, w in maker.outlines().items()}
    return tuple(maker.pattern(work) for maker in makers)


class _Developer:
    """One piece's development; lives for one call."""

    def __init__(self, piece: Piece, others: Mapping[str, Panel], measured: Measured, stock: Stock) -> None:
        self.piece, self.measured, self.stock = piece, measured, stock
        self.others = {**others, **{p.name: p for p in piece.panels}}  # a free edge may stop at a panel of another piece
        self.folded: dict[EdgeRef, EdgeRef] = {}
        self.names = {p.name for p in piece.panels}
        self.turns: dict[EdgeRef, float] = {}
        self.bends: set[EdgeRef] = set()
        self.curved: set[EdgeRef] = set()
        self.takes: dict[EdgeRef, float] = {}
        for f in piece.folds:
            self.folded[f.a], self.folded[f.b] = f.b, f.a
            self.turns[f.a] = self.turns[f.b] = f.signed_deg
            self.takes[f.a] = self.takes[f.b] = f.take_mm
            if f.bend:
                self.bends |= {f.a, f.b}
            if f.curved:
                self.curved |= {f.a, f.b}
        doubled = [s for s in piece.seams if s.joint is Joint.DOUBLE]
        straps = [strap(piece, s) for s in doubled]
        self.straps = {s.name: of.name for s, of in zip(straps, doubled, strict=True)}  # and the seams they are of
        self.carried = {s.carrier: s for s in (*straps, *reversed(piece.seams))}
        self.hosted = {s.host: s for s in reversed(piece.seams)}
        self.t = stock.caliper_mm
        self.folds: list[Fold] = list(piece.folds)
        self.seams: list[FlatSeam] = []
        self.tabs = [*(s for s in piece.seams if s.joint not in (Joint.TAPE, Joint.FIN)), *straps]
        self.fins = [s for s in piece.seams if s.joint is Joint.FIN]
        self.fin_edges = {edge: s for s in self.fins for edge in (s.carrier, s.host)}
        self.bearing = {s.carrier for s in self.tabs} | set(self.fin_edges)  # the sides a tab or flap hangs on
        self.whole: Mapping[str, Work] = {}
        self.sharing: Mapping[tuple[str, bool], set[int]] = {}  # by host and whether it is its outer face, its edges that tabs land on
        self.numbers: Mapping[str, int] = {}  # of every seam of the draft, or of its row
        self.landing: list[Seam] = []  # the seams of other pieces whose tabs land on this one
        self.calipers: Mapping[str, float] = {}  # of every panel of the draft, mm
        self.depths: dict[str, float] = {}  # of its panels, once reckoned, mm
        self.hinges: dict[Any, tuple[float, float]] = {}  # of tabs, by host, depth of the carrier, angle, and whether it is a strap

    def outlines(self) -> dict[str, Work]:
        """Every panel with its sides moved by what thickness asks of them."""
        return {p.name: self._outline(p) for p in self.piece.panels}

    def pattern(self, whole: Mapping[str, Work]) -> Pattern:
        """whole: the panels of every piece, since a tab may land on another's."""
        self.whole = whole
        work = {p.name: whole[p.name] for p in self.piece.panels}
        lines = [self._fold_line(work, i, fold) for i, fold in enumerate(self.folds)]
        frames = self._lay_flat(lines)
        if self.piece.crowded:
            for w in work.values():
                trim_corners(w)
        near = self.piece.crowded or bool(self.fins)
        taken = [(name, Lying.of(w, frames[name])) for name, w in work.items()] if near else []
        drawn = {} if near else self._rows(work, frames)
        hung = [(seam, partial(self._tab, seam, work, frames, taken, drawn.get(seam.name))) for seam in self.tabs]
        hung += [(seam, partial(self._fin, seam, number, work, frames, taken)) for seam in self.fins for number in (0, 1)]
        for seam, draw in hung:
            tab, fold = draw()
            work[tab.panel.name] = tab
            self.folds.append(fold)
            on_a, on_b = self._fold_line(work, len(lines), fold, seam.slit_mm)
            lines.append((on_a, on_b))
            frames[tab.panel.name] = _joined_frame(frames[fold.a.panel], on_a, on_b)
            if taken:
                taken.append((tab.panel.name, Lying.of(tab, frames[tab.panel.name])))
        panels = tuple(self._panel(w, frames[name]) for name, w in work.items())
        folds = tuple(self._flat_fold(fold, line, frames) for fold, line in zip(self.folds, lines, strict=True))
        holes = tuple(moved_path(h, p.frame) for p in panels for h in p.holes)
        for name, path in self.piece.openings:
            panels, through = _opened(panels, name, path)
            holes += through
        cut = [s for p in panels for s, f in zip(p.flat_path, p.folds, strict=True) if f is None]
        return Pattern(self.piece.name, self.stock, self.piece.root, self.piece.placement, self.measured, panels, folds,
                       tuple(self.seams), self.piece.laps, (*chain(cut), *holes), self._mates(frames), self.piece.copies,
                       self._keys(frames), self.piece.part)

    def _line(self, edge: EdgeRef, frames: Mapping[str, Rigid]) -> tuple[Point, Point]:
        """A nominal edge on the flat."""
        outline, frame = self.piece.panel(edge.panel).outline, frames[edge.panel]
        return frame.apply(outline[edge.edge]), frame.apply(outline[(edge.edge + 1) % len(outline)])

    def _mates(self, frames: Mapping[str, Rigid]) -> tuple[Mate, ...]:
        return tuple(Mate(self.numbers[s.row or s.name], s.name, s.joint, s.carrier.panel, s.host.panel, self._line(s.carrier, frames),
                          self._line(s.host, frames) if s.host.panel in self.names else None, s.row)
                     for s in self.piece.seams)

    def _keys(self, frames: Mapping[str, Rigid]) -> tuple[EdgeKey, ...]:
        """The numbered edges; a row of teeth has one number, on its longest edge, of several as long the one nearest its middle."""
        found: dict[tuple[str, bool], list[tuple[str, EdgeRef]]] = {}
        for seam in (*self.piece.seams, *self.landing):
            for edge, bears in ((seam.carrier, True), (seam.host, False)):
                if edge.panel in self.names:
                    found.setdefault((seam.row or seam.name, bears), []).append((edge.panel, edge))

        def best(edges: list[tuple[str, EdgeRef]]) -> tuple[str, EdgeRef]:
            lengths = [round(self.piece.panel(panel).ways[edge.edge][2], 2) for panel, edge in edges]
            return edges[max(range(len(edges)), key=lambda i: (lengths[i], -abs(i - len(edges) // 2)))]

        return tuple(EdgeKey(self.numbers[name], name, panel, self._line(edge, frames), bears)
                     for (name, bears), (panel, edge) in ((key, best(edges)) for key, edges in found.items()))

    # -- sides -------------------------------------------------------------------------------------------

    def _any(self, name: str) -> Panel:
        """A panel of this piece or of another."""
        return self.others[name] if name in self.others else self.piece.panel(name)

    def _depth(self, layer: float, air: float) -> float:
        depth = mid_depth(layer, self.t, self.measured)
        return depth + air if self.measured is Measured.INSIDE else depth - air

    def _tab_layer(self, seam: Seam) -> float:
        """A tab lies one layer inside its host, a strap one outside."""
        inward = -1 if self.measured is Measured.INSIDE else 1
        return self._any(seam.host.panel).layer + (-inward if seam.name in self.straps else inward)

    def _gain(self, angle_deg: float) -> float:
        return crease_gain(self.stock.crease_gain_mm, angle_deg)

    def _panel_depth(self, panel: Panel) -> float:
        if panel.name not in self.depths:
            self.depths[panel.name] = self._find_depth(panel)
        return self.depths[panel.name]

    def _find_depth(self, panel: Panel) -> float:
        t = self.calipers[panel.name]
        lies = panel.on or panel.under
        if lies:  # a panel of another piece, perhaps of another stock
            beside = (t + self.calipers[lies]) / 2 + panel.air
            return self._panel_depth(self._any(lies)) + (beside if panel.on else -beside)
        depth = mid_depth(panel.layer, t, self.measured)
        return depth + panel.air if self.measured is Measured.INSIDE else depth - panel.air

    def _tab_depth(self, seam: Seam) -> float:
        return self._depth(self._tab_layer(seam), self._any(seam.host.panel).air)

    def _hinge(self, seam: Seam) -> tuple[float, float]:
        """A tab's depth, and how far its crease lies outside the host's nominal edge before the crease takes its gain, mm."""
        host, carrier = seam.host.panel, seam.carrier.panel
        key = (host, self.depths.get(carrier), seam.angle_deg, seam.name in self.straps)
        if key not in self.hinges:  # a row of teeth asks the same again and again
            depth = self._tab_depth(seam)
            own = self._panel_depth(self.piece.panel(carrier))
            key = (host, own, *key[2:])
            self.hinges[key] = depth, setback(depth, own, seam.angle_deg)
        return self.hinges[key]

    def _fold_offset(self, own_depth: float, other_depth: float, signed_deg: float) -> float:
        return setback(own_depth, other_depth, signed_deg) + self._gain(signed_deg) / 2

    def _outline(self, panel: Panel) -> Work:
        distances = tuple([self._side_offset(panel, i) for i in range(len(panel.outline))])
        points = outset(panel.outline, distances)
        after = (*points[1:], points[0])
        for a, b, (_, (ux, uy), _) in zip(points, after, panel.ways, strict=True):
            if (b[0] - a[0]) * ux + (b[1] - a[1]) * uy < -TOLERANCE.same_point:
                raise StockError(say("the {panel} is too small for card {caliper:g} mm thick", panel=panel.name, caliper=self.t),
                                 say("stock {stock}", stock=self.stock.id), "use thinner stock, or make it larger")
        sides: list[Path] = [(Line(a, b),) for a, b in zip(points, after, strict=True)]
        return Work(panel, self._panel_depth(panel), sides, [[None] for _ in sides])

    def _side_offset(self, panel: Panel, edge: int) -> float:
        here = EdgeRef(panel.name, edge)
        if here in self.folded:
            other = self.piece.panel(self.folded[here].panel)
            if here in self.curved:
                return setback(self._panel_depth(panel), self._panel_depth(other), self.turns[here])
            if here in self.bends:
                return bend_setback(self._panel_depth(panel), self._panel_depth(other), self.turns[here]) + self.takes[here] / 2
            if abs(self.turns[here]) == FLAT_DEG:
                around = flat_setback(self._panel_depth(panel), self._panel_depth(other))
                return self.takes[here] / 2 + around + self._gain(FLAT_DEG) / 2
            return self.takes[here] / 2 + self._fold_offset(self._panel_depth(panel), self._panel_depth(other), self.turns[here])
        if here in self.fin_edges:
            back = _fold_back_deg(self.fin_edges[here])
            return setback(self._panel_depth(panel), self.t / 2, -back) + self._gain(back) / 2
        rule, angle = panel.edge_rule(edge), 90.0
        seam = self.carried.get(here)
        if seam is not None:
            if seam.joint is not Joint.TAPE:
                return self._fold_offset(self._panel_depth(panel), self._tab_depth(seam), seam.angle_deg)
            rule, angle = Against(seam.host.panel), seam.angle_deg
        elif here in self.hosted:
            seam = self.hosted[here]
            if isinstance(rule, Mitred):
                return setback(self._panel_depth(panel), self._panel_depth(self._any(seam.carrier.panel)), seam.angle_deg)
            if isinstance(rule, Plain):
                rule, angle = Over(seam.carrier.panel), seam.angle_deg
        if isinstance(rule, Over):
            other = self.others[rule.panel]
            return stop_over(panel.layer, other.layer, self.t, angle) + setback(panel.air, other.air, angle)
        if isinstance(rule, Against):
            other = self.others[rule.panel]
            return stop_against(panel.layer, other.layer, self.t, angle) + setback(panel.air, other.air, angle)
        if isinstance(rule, Meets):
            return bend_setback(self._panel_depth(panel), self._panel_depth(panel), rule.angle_deg)
        if isinstance(rule, Inset):
            return -rule.by
        return -RELIEF_MM if isinstance(rule, Within) else 0.0

    # -- seams -------------------------------------------------------------------------------------------

    def _tab(self, seam: Seam, work: Mapping[str, Work], frames: Mapping[str, Rigid],
             taken: Sequence[tuple[str, Lying]] = (), drawn: joint.TabShape | None = None) -> tuple[Work, Fold]:
        """Draw a tab; taken: what lies on the flat already and must be kept clear of, as areas by name; drawn: its shape, where it is
        known."""
        host = self._any(seam.host.panel)
        carrier = self.piece.panel(seam.carrier.panel)
        edge = seam.host.edge
        h0, _, length = host.ways[edge]
        h1 = host.outline[(edge + 1) % len(host.outline)]
        depth, hinge = self._hinge(seam)
        shape = drawn or self._shape(seam, hinge + self._gain(seam.angle_deg) / 2, work, frames, taken)
        role = Role.LIP if seam.joint is Joint.TUCK else Role.TAB
        panel = Panel(seam.name, ((0.0, 0.0), (length, 0.0), (length, 1.0), (0.0, 1.0)), self._tab_layer(seam), role,
                      whole=self.straps.get(seam.name, seam.row))
        sides: list[Path] = [(shape.path[0],), shape.path[1:]]
        turn = math.radians(seam.angle_deg)
        # so far the carrier lies over the root of its tab; a strap goes over all that lies between
        thick = math.inf if seam.name in self.straps else self.t * (0.5 + abs(math.cos(turn))) / math.sin(turn)
        level = away(self.whole[host.name], edge)
        beyond = min(thick, max(0.0, hinge - level))
        hollow = max(0.0, -host.sweeps.get(edge, 0.0))
        if hollow:  # the wall follows the arc, which lies inside the chord a tooth is hinged on
            deep = length / 2 * math.tan(math.radians(hollow) / 4)
            level, beyond = level - deep, beyond + deep
        self.seams.append(FlatSeam(seam.name, seam.joint, carrier.name, host.name, seam.depth_mm, shape.depth_mm, (h0, h1), beyond,
                                   level, seam.row, outside=seam.name in self.straps))
        fold = Fold(seam.carrier, EdgeRef(seam.name, 0), seam.angle_deg, seam.step)
        return Work(panel, depth, sides, [[None], [None] * (len(shape.path) - 1)]), fold

    def _shape(self, seam: Seam, out: float, work: Mapping[str, Work], frames: Mapping[str, Rigid],
               taken: Sequence[tuple[str, Lying]]) -> joint.TabShape:
        """The shape of one tab, its hinge ``out`` mm outside the host's nominal edge; taken: as for ``_tab``."""
        host, edge = self._any(seam.host.panel), seam.host.edge
        h0, _, length = host.ways[edge]
        to_tab = mapping(h0, host.outline[(edge + 1) % len(host.outline)], (0.0, 0.0), (length, 0.0))
        tooth = self._tooth(seam, out, work, frames)
        try:
            holes = [to_tab.apply_all(flat_points(h)[:-1]) for h in (*host.holes, *(slot_path(s, self.t) for s in host.slots))]
            hosts = self._hosts(host, edge, to_tab, self.sharing[host.name, seam.name in self.straps])
            draw = partial(joint.tab_shape, hosts, length, tooth.start, tooth.end, setback=out, round_mm=seam.round_mm, holes=holes,
                           relief=tooth.relief)
            shape = draw(seam.depth_mm, side=tooth.side)
            if taken:
                onto = self._tab_frame(seam.carrier, length, out, work, frames)
                lying = [area for name, area in taken if name != seam.carrier.panel]
                shape = kept_clear(draw, shape, tooth.side, onto, lying)
        except GeometryError as error:
            if seam.joint is Joint.DOUBLE:  # tab and strap stand in one corner of the flat, each in half of it
                raise StockError("there is no room for its second tab", say("seam {seam}", seam=self.straps.get(seam.name, seam.name)),
                                 "glue it once, or tape it") from None
            raise error.at(f"seam {seam.name}") from None
        return shape

    def _tooth(self, seam: Seam, out: float, work: Mapping[str, Work], frames: Mapping[str, Rigid]) -> joint.Tooth:
        """What a tab is asked to be."""
        host, edge, carrier = self._any(seam.host.panel), seam.host.edge, seam.carrier.panel
        count, length, bearing = len(host.outline), host.ways[edge][2], self.sharing[host.name, seam.name in self.straps]
        inside = host.corners_deg
        start = joint.Corner(inside[edge], (edge - 1) % count in bearing, *self._beside(seam.carrier, True, work, frames))
        end = joint.Corner(inside[(edge + 1) % count], (edge + 1) % count in bearing, *self._beside(seam.carrier, False, work, frames))
        # a tooth stands on a chord: its ends keep in from the corners, which lie outside the true curve
        relief = max(RELIEF_MM, length * _TOOTH_SHARE) if seam.row and self.piece.panel(carrier).whole else RELIEF_MM
        begins, ends = extent(work[carrier], seam.carrier.edge)
        return joint.Tooth(edge, start, end, seam.depth_mm, out, relief, (length - ends, length - begins))

    def _rows(self, work: Mapping[str, Work], frames: Mapping[str, Rigid]) -> dict[str, joint.TabShape]:
        """The shapes of the tabs that stand many on one host, by their seams; what finds no room there is left to be said one by one."""
        by_host: dict[tuple[str, bool], list[Seam]] = {}
        for seam in self.tabs:
            if not seam.round_mm:
                by_host.setdefault((seam.host.panel, seam.name in self.straps), []).append(seam)
        found: dict[str, joint.TabShape] = {}
        for (name, outside), seams in by_host.items():
            host, whole = self._any(name), self.whole[name]
            if len(seams) <= _FEW_TABS or host.holes or host.slots or whole.corners:
                continue
            from mingei.core.teeth import tooth_shapes  # most panels bear few tabs, and the first view is painted without arrays

            asked = [self._tooth(seam, self._hinge(seam)[1] + self._gain(seam.angle_deg) / 2, work, frames) for seam in seams]
            shapes = tooth_shapes((host.outline, whole.outline()), self.sharing[name, outside], asked)
            found |= {seam.name: shape for seam, shape in zip(seams, shapes, strict=True) if shape is not None}
        return found

    def _fin(self, seam: Seam, number: int, work: Mapping[str, Work], frames: Mapping[str, Rigid],
             taken: Sequence[tuple[str, Lying]] = ()) -> tuple[Work, Fold]:
        """Draw one of the two flaps of a fin: 0 on the carrier, 1 its fellow on the host, alike and each its own mirror image.

        Both lean back by half of what is left to a full turn, so that they stand in the corner's middle, half a caliper to each side.
        """
        edges = (seam.carrier, seam.host)
        back = _fold_back_deg(seam)
        length = self.piece.panel(seam.carrier.panel).ways[seam.carrier.edge][2]
        near = [self._beside(edge, at_end, work, frames) for edge in edges for at_end in (True, False)]
        corner = joint.Corner(90.0, False, min(free for free, _ in near), max(clear for _, clear in near))
        tall = seam.depth_mm + 2 * length  # there is nothing a fin could land on: it stands free
        box = ((0.0, 0.0), (length, 0.0), (length, tall), (0.0, tall))
        outs = [setback(self.t / 2, self._panel_depth(self.piece.panel(edge.panel)), -back) + self._gain(back) / 2 for edge in edges]
        depth = seam.depth_mm
        try:
            shapes = self._flaps(box, length, corner, depth, outs)
            frames_of = [self._tab_frame(edge, length, out, work, frames) for edge, out in zip(edges, outs, strict=True)]
            while not self._fin_clear(seam, shapes, frames_of, taken):
                depth = 0.8 * min(s.depth_mm for s in shapes)
                if depth < SMALLEST_TAB_MM:
                    raise GeometryError("its flaps would lie over what stands beside them")
                shapes = self._flaps(box, length, corner, depth, outs)
        except GeometryError:
            raise StockError("there is no room for the two flaps of a fin", say("seam {seam}", seam=seam.name),
                             "glue a tab there, or tape it") from None
        depth = min(s.depth_mm for s in shapes)
        shape = shapes[number]
        name = fellow(seam.name) if number else seam.name
        panel = Panel(name, ((0.0, 0.0), (length, 0.0), (length, 1.0), (0.0, 1.0)), 0, Role.TAB, whole=seam.name)
        if number == 0:
            outline = self.piece.panel(seam.host.panel).outline
            ends = (outline[seam.host.edge], outline[(seam.host.edge + 1) % len(outline)])
            self.seams.append(FlatSeam(seam.name, seam.joint, seam.carrier.panel, seam.host.panel, seam.depth_mm, depth, ends,
                                       fellow=fellow(seam.name)))
        fold = Fold(edges[number], EdgeRef(name, 0), back, seam.step, Crease.VALLEY)
        return Work(panel, self.t / 2, [(shape.path[0],), shape.path[1:]], [[None], [None] * (len(shape.path) - 1)]), fold

    def _flaps(self, box: Polygon, length: float, corner: joint.Corner, depth: float, outs: Sequence[float]) -> list[joint.TabShape]:
        """The two flaps of a fin: one shape, each begun where its own panel's thickness lets it."""
        whole = joint.tab_shape([joint.Host.of(box)], length, corner, corner, depth, max(outs))
        if whole.depth_mm + min(outs) < SMALLEST_TAB_MM:
            raise GeometryError("one flap would begin past the end of the other")
        return [joint.cut_back(whole, -out) for out in outs]

    def _fin_clear(self, seam: Seam, shapes: Sequence[joint.TabShape], onto: Sequence[Rigid],
                   taken: Sequence[tuple[str, Lying]]) -> bool:
        """Whether both flaps keep clear of all that lies on the flat, and of each other."""
        other = [frame.apply_all(flat_points(shape.path)[:-1]) for shape, frame in zip(shapes, onto, strict=True)]
        flaps = [Lying(points) for points in other]
        for number, edge in enumerate((seam.carrier, seam.host)):
            lying = [area for name, area in taken if name not in (edge.panel, seam.name)]
            if not clear(shapes[number], onto[number], [*lying, flaps[1 - number]]):
                return False
        return True

    def _hosts(self, host: Panel, edge: int, to_tab: Rigid, bearing: set[int]) -> list[joint.Host]:
        """What bounds a tab on one of its host's edges: nominal, and as thickness has moved the sides.  bearing: the edges that tabs land
        on, on that face."""
        count = len(host.outline)
        opposite = {(e - edge) % count for e in bearing} - {0, 1, count - 1}
        return [joint.Host.of(to_tab.apply_all((*host.outline[edge:], *host.outline[:edge])), opposite),
                joint.Host.of(to_tab.apply_all(self.whole[host.name].outline(edge)))]

    def _beside(self, bearer: EdgeRef, at_end: bool, work: Mapping[str, Work], frames: Mapping[str, Rigid]) -> tuple[float, float]:
        """What is free for a tab on the flat at one end of the edge that bears it.

        Goes round the corner from panel to panel over the folds, to the first side that is not folded.  Returns the angle between
        that side and the tab's hinge (180 where nothing is near), halved where that side bears a tab too; and where its line crosses
        the hinge's, mm along the hinge from that end.
        """
        carrier, hinge = bearer
        name, edge, taken = carrier, hinge, 0.0
        folded, panel_of = self.folded, self.piece.panel
        while True:
            angles = panel_of(name).corners_deg
            after = (edge + 1) % len(angles)
            taken += angles[after if at_end else edge]
            beyond = EdgeRef(name, after if at_end else (edge - 1) % len(angles))
            joined = folded.get(beyond)
            if joined is None:
                break
            name, edge = joined
        if name == carrier or taken < 180.0 + 1e-9:  # what stands square beside it keeps clear all the way
            return 180.0, 0.0
        to_carrier = frames[name].then(frames[carrier].inverse())
        side = work[name].sides[beyond.edge]
        a, b = to_carrier.apply(side[0].start), to_carrier.apply(side[-1].end)
        panel = self.piece.panel(carrier)
        corner, (ux, uy), _ = panel.ways[hinge]
        level = away(work[carrier], hinge)
        if at_end:
            corner, ux, uy = panel.outline[(hinge + 1) % len(panel.outline)], -ux, -uy
        nx, ny = (-uy, ux) if at_end else (uy, -ux)  # away from the carrier
        (xa, ya), (xb, yb) = (((p[0] - corner[0]) * ux + (p[1] - corner[1]) * uy, (p[0] - corner[0]) * nx + (p[1] - corner[1]) * ny)
                              for p in (a, b))
        if abs(yb - ya) < TOLERANCE.same_point:
            return 180.0, 0.0
        if yb < ya:
            xa, ya, xb, yb = xb, yb, xa, ya
        free = math.degrees(math.atan2(yb - ya, xb - xa))
        clear = xa + (level - ya) * (xb - xa) / (yb - ya)
        return (free / 2 if beyond in self.bearing else free), clear

    def _tab_frame(self, bearer: EdgeRef, length: float, out: float, work: Mapping[str, Work], frames: Mapping[str, Rigid]) -> Rigid:
        """From a tab's own coordinates to the flat: its hinge, ``out`` mm outside the host's nominal edge, lies on the carrier's side."""
        p, (ux, uy), _ = self.piece.panel(bearer.panel).ways[bearer.edge]
        level = away(work[bearer.panel], bearer.edge)
        first, last = (p[0] + uy * level, p[1] - ux * level), (p[0] + ux * length + uy * level, p[1] + uy * length - ux * level)
        frame = frames[bearer.panel]
        return mapping((length, -out), (0.0, -out), frame.apply(first), frame.apply(last))

    # -- folds -------------------------------------------------------------------------------------------

    def _fold_line(self, work: Mapping[str, Work], number: int, fold: Fold,
                   slit: float = 0.0) -> tuple[tuple[Point, Point], tuple[Point, Point]]:
        """Match the two sides of a fold, split each where the other ends, label the shared part, less a slit (mm) at each end.

        Returns the shared line in a's coordinates (start, end) and in b's (end, start of the same line).
        """
        a, b = work[fold.a.panel], work[fold.b.panel]
        one, two = a.panel.ways[fold.a.edge][2], b.panel.ways[fold.b.edge][2]
        length = (one + two) / 2  # along a curve an arc meets a chord: their middles meet
        if abs(one - two) > (_ARC_SHARE * length if b.panel.whole else TOLERANCE.edge_match):
            raise GeometryError("the two sides of a fold differ in length",
                                say("fold {panel} - {panel2}", panel=fold.a.panel, panel2=fold.b.panel))
        a0, a1 = extent(a, fold.a.edge)
        b0, b1 = extent(b, fold.b.edge)
        low, high = max(a0, length - b1), min(a1, length - b0)
        slit = min(slit, (high - low) / 4)
        low, high = low + slit, high - slit
        if high - low < TOLERANCE.same_point:
            raise GeometryError("the two sides of a fold do not meet",
                                say("fold {panel} - {panel2}", panel=fold.a.panel, panel2=fold.b.panel))
        on_a = split(a, fold.a.edge, low, high, a0, number)
        on_b = split(b, fold.b.edge, length - high, length - low, b0, number)
        return on_a, (on_b[1], on_b[0])

    def _lay_flat(self, lines: list[tuple[tuple[Point, Point], tuple[Point, Point]]]) -> dict[str, Rigid]:
        frames = {self.piece.root: STAY}
        waiting = [(fold, line) for fold, line in zip(self.folds, lines, strict=True) if not fold.closing]
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
        if fold.angle_deg == FLAT_DEG:
            depths = [self._panel_depth(self.piece.panel(edge.panel)) for edge in (fold.a, fold.b)]
            return FlatFold(fold.a.panel, fold.b.panel, frame.apply(line[0][0]), frame.apply(line[0][1]), fold.signed_deg,
                            fold.take_mm + self._gain(FLAT_DEG) + 2 * flat_setback(*depths), fold.step, apart_mm=abs(sum(depths)))
        return FlatFold(fold.a.panel, fold.b.panel, frame.apply(line[0][0]), frame.apply(line[0][1]), fold.signed_deg,
                        fold.take_mm + (0.0 if fold.bend or fold.curved else self._gain(fold.angle_deg)), fold.step, fold.bend,
                        fold.closing, fold.curved)

    def _panel(self, work: Work, frame: Rigid) -> FlatPanel:
        for halving in work.panel.halvings:
            halve(work, halving, self.t)
        for edge, sweep in work.panel.curves:
            if work.labels[edge] == [None]:  # not where teeth stand on it
                work.sides[edge] = (arc_on(work.sides[edge][0].start, work.sides[edge][0].end, sweep),)
        if work.panel.round_mm > 0 or work.panel.notch_mm > 0:
            trim(work, [edge for edge in range(len(work.sides)) if self._free(work, edge)])
        path: list[Segment] = []
        labels: list[int | None] = []
        for edge, (side, numbers) in enumerate(zip(work.sides, work.labels, strict=True)):
            path += side
            labels += numbers
            if edge in work.corners:
                path += work.corners[edge]
                labels += [None] * len(work.corners[edge])
        return FlatPanel(work.panel.name, work.panel.role, work.panel.layer, work.depth, tuple(path), tuple(labels), frame,
                         work.panel.guides, work.panel.whole, (*work.panel.holes, *(slot_path(s, self.t) for s in work.panel.slots)))

    def _free(self, work: Work, edge: int) -> bool:
        """Whether a side is one straight cut that no seam needs."""
        here = EdgeRef(work.panel.name, edge)
        straight = work.labels[edge] == [None] and isinstance(work.sides[edge][0], Line)
        return straight and here not in self.hosted and here not in self.carried


def _opened(panels: tuple[FlatPanel, ...], name: str, path: Path) -> tuple[tuple[FlatPanel, ...], tuple[Path, ...]]:
    """The panels with an opening cut across the facets of a curved face, and its path on the flat."""
    from mingei.core.curved import centred, missing

    facets = [p for p in panels if p.whole == name]
    if not facets:
        return panels, ()
    cut = moved_path(path, centred([p.frame for p in facets], [p.polygon for p in facets]).inverse())
    lacks = missing(tuple(flat_points(cut)[:-1]), facets)
    return tuple(replace(p, gaps=(*p.gaps, *lacks[p.name])) if p.name in lacks else p for p in panels), (cut,)


def _fold_back_deg(seam: Seam) -> float:
    """How far each flap of a fin turns back, degrees."""
    return (180.0 - seam.angle_deg) / 2


def _joined_frame(frame: Rigid, on_a: tuple[Point, Point], on_b: tuple[Point, Point]) -> Rigid:
    """Where a panel lies on the flat when its score line lies on its parent's."""
    return mapping(on_b[0], on_b[1], frame.apply(on_a[0]), frame.apply(on_a[1]))
