"""The tabs of one piece: how deep each panel and tab lies, what bounds a tab, and its shape.

Every seam is drawn by the same rules (``joint``), many on one host all at once (``teeth``).  ``develop``
builds on this.
"""

from __future__ import annotations

import math
from collections.abc import Collection, Mapping, Sequence
from functools import partial
from typing import Any

from mingei.core.draft import (
    Crease,
    EdgeRef,
    Fold,
    Joint,
    Panel,
    Piece,
    Role,
    Seam,
    fellow,
    strap,
)
from mingei.core.errors import GeometryError, StockError
from mingei.core.flat import joint
from mingei.core.flat.clearance import SMALLEST_TAB_MM, Lying, clear, kept_clear
from mingei.core.flat.pattern import FlatSeam
from mingei.core.flat.side import (
    Work,
    as_cut,
    away,
    extent,
    slot_path,
)
from mingei.core.offset import (
    FLAT_DEG,
    RELIEF_MM,
    Measured,
    crease_gain,
    mid_depth,
    setback,
)
from mingei.core.plane.shape import (
    Path,
    Polygon,
    Rigid,
    flat_points,
    mapping,
)
from mingei.core.stock import Stock
from mingei.core.tolerance import TOLERANCE
from mingei.core.words import say

#: More tabs than this on one host are drawn all at once.
_FEW_TABS = 7
#: So much of its edge (a share) a tooth leaves free at each end.
_TOOTH_SHARE = 0.12
#: Sides that lean no more than this (mm) are opposite.
_LEVEL_MM = 1e-3


class Tabs:
    """One piece with the thickness of its stock, as far as its tabs need it; lives for one call of
    ``develop``."""

    def __init__(self, piece: Piece, others: Mapping[str, Panel], measured: Measured, stock: Stock) -> None:
        self.piece, self.measured, self.stock = piece, measured, stock
        # a free edge may stop at a panel of another piece
        self.others = {**others, **{p.name: p for p in piece.panels}}
        self.folded: dict[EdgeRef, EdgeRef] = {}
        self.names = {p.name for p in piece.panels}
        self.slid = {p.over for p in self.others.values() if p.over}  # the panels that another slides over
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
        # and the seams they are of
        self.straps = {s.name: of.name for s, of in zip(straps, doubled, strict=True)}
        self.carried = {s.carrier: s for s in (*straps, *reversed(piece.seams))}
        self.hosted = {s.host: s for s in reversed(piece.seams)}
        self.t = stock.caliper_mm
        self.folds: list[Fold] = list(piece.folds)
        self.seams: list[FlatSeam] = []
        self.tabs = [*(s for s in piece.seams if s.joint not in (Joint.TAPE, Joint.FIN)), *straps]
        self.fins = [s for s in piece.seams if s.joint is Joint.FIN]
        self.fin_edges = {edge: s for s in self.fins for edge in (s.carrier, s.host)}
        # the sides a tab or flap hangs on
        self.bearing = {s.carrier for s in self.tabs} | set(self.fin_edges)
        self.whole: Mapping[str, Work] = {}
        # by host and whether it is its outer face, its edges that tabs land on
        self.sharing: Mapping[tuple[str, bool], set[int]] = {}
        self.numbers: Mapping[str, int] = {}  # of every seam of the draft, or of its row
        self.landing: list[Seam] = []  # the seams of other pieces whose tabs land on this one
        self.calipers: Mapping[str, float] = {}  # of every panel of the draft, mm
        self.turned_over: Collection[str] = ()  # the panels of the draft that are turned right over
        self.depths: dict[str, float] = {}  # of its panels, once reckoned, mm
        # of tabs, by host, depth of the carrier, angle, and whether it is a strap
        self.hinges: dict[Any, tuple[float, float]] = {}

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
            depth = self._panel_depth(self._any(lies)) + (beside if panel.on else -beside)
            # its own outside looks the other way
            return -depth if panel.under and panel.name in self.turned_over else depth
        depth = mid_depth(panel.layer, t, self.measured)
        return depth + panel.air if self.measured is Measured.INSIDE else depth - panel.air

    def _tab_depth(self, seam: Seam) -> float:
        return self._depth(self._tab_layer(seam), self._any(seam.host.panel).air)

    def _hinge(self, seam: Seam) -> tuple[float, float]:
        """A tab's depth, and how far its crease lies outside the host's nominal edge before the crease takes
        its gain, mm."""
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

    # -- tabs and flaps --------------------------------------------------------------------------------------

    def _tab(self, seam: Seam, work: Mapping[str, Work], frames: Mapping[str, Rigid],
             taken: Sequence[tuple[str, Lying]] = (),
             drawn: joint.TabShape | None = None) -> tuple[Work, Fold]:
        """Draw a tab; taken: what lies on the flat already and must be kept clear of, as areas by name;
        drawn: its shape, where it is known."""
        host = self._any(seam.host.panel)
        carrier = self.piece.panel(seam.carrier.panel)
        edge = seam.host.edge
        h0, _, length = host.ways[edge]
        h1 = host.outline[(edge + 1) % len(host.outline)]
        depth, hinge = self._hinge(seam)
        shape = drawn or self._shape(seam, hinge + self._gain(seam.angle_deg) / 2, work, frames, taken)
        role = Role.LIP if seam.joint is Joint.TUCK else Role.TAB
        panel = Panel(seam.name, ((0.0, 0.0), (length, 0.0), (length, 1.0), (0.0, 1.0)),
                      self._tab_layer(seam), role,
                      whole=self.straps.get(seam.name, seam.row))
        sides: list[Path] = [(shape.path[0],), shape.path[1:]]
        turn = math.radians(seam.angle_deg)
        # so far the carrier lies over the root of its tab; a strap goes over all that lies between
        thick = (math.inf if seam.name in self.straps else self.t * (0.5 + abs(math.cos(turn)))
                 / math.sin(turn))
        level = away(self.whole[host.name], edge)
        beyond = min(thick, max(0.0, hinge - level))
        hollow = max(0.0, -host.sweeps.get(edge, 0.0))
        if hollow:  # the wall follows the arc, which lies inside the chord a tooth is hinged on
            deep = length / 2 * math.tan(math.radians(hollow) / 4)
            level, beyond = level - deep, beyond + deep
        self.seams.append(FlatSeam(seam.name, seam.joint, carrier.name, host.name, seam.depth_mm,
                                   shape.depth_mm, (h0, h1), beyond,
                                   level, seam.row, outside=seam.name in self.straps))
        fold = Fold(seam.carrier, EdgeRef(seam.name, 0), seam.angle_deg, seam.step)
        return Work(panel, depth, sides, [[None], [None] * (len(shape.path) - 1)]), fold

    def _shape(self, seam: Seam, out: float, work: Mapping[str, Work], frames: Mapping[str, Rigid],
               taken: Sequence[tuple[str, Lying]]) -> joint.TabShape:
        """The shape of one tab, its hinge ``out`` mm outside the host's nominal edge; taken: as for
        ``_tab``."""
        host, edge = self._any(seam.host.panel), seam.host.edge
        h0, _, length = host.ways[edge]
        to_tab = mapping(h0, host.outline[(edge + 1) % len(host.outline)], (0.0, 0.0), (length, 0.0))
        tooth = self._tooth(seam, out, work, frames)
        try:
            holes = [to_tab.apply_all(flat_points(h)[:-1])
                     for h in (*host.holes, *(slot_path(s, self.t) for s in host.slots))]
            hosts = self._hosts(host, edge, to_tab, self.sharing[host.name, seam.name in self.straps])
            draw = partial(joint.tab_shape, hosts, length, tooth.start, tooth.end, setback=out,
                           round_mm=seam.round_mm, holes=holes,
                           relief=tooth.relief)
            shape = draw(min(seam.depth_mm, self._short_of_the_next(host, edge, to_tab, length)),
                         side=tooth.side)
            if taken:
                onto = self._tab_frame(seam.carrier, length, out, work, frames)
                lying = [area for name, area in taken if name != seam.carrier.panel]
                shape = kept_clear(draw, shape, tooth.side, onto, lying)
        except GeometryError as error:
            # tab and strap stand in one corner of the flat, each in half of it
            if seam.joint is Joint.DOUBLE:
                raise StockError("there is no room for its second tab",
                                 say("seam {seam}", seam=self.straps.get(seam.name, seam.name)),
                                 "glue it once, or tape it") from None
            raise error.at(f"seam {seam.name}") from None
        return shape

    def _tooth(self, seam: Seam, out: float, work: Mapping[str, Work],
               frames: Mapping[str, Rigid]) -> joint.Tooth:
        """What a tab is asked to be."""
        host, edge, carrier = self._any(seam.host.panel), seam.host.edge, seam.carrier.panel
        count, length, bearing = (len(host.outline), host.ways[edge][2],
                                  self.sharing[host.name, seam.name in self.straps])
        inside = host.corners_deg
        start = joint.Corner(inside[edge], (edge - 1) % count in bearing,
                             *self._beside(seam.carrier, True, work, frames))
        end = joint.Corner(inside[(edge + 1) % count], (edge + 1) % count in bearing,
                           *self._beside(seam.carrier, False, work, frames))
        # a tooth stands on a chord: its ends keep in from the corners, which lie outside the true curve
        relief = (max(RELIEF_MM, length * _TOOTH_SHARE) if seam.row and self.piece.panel(carrier).whole
                  else RELIEF_MM)
        begins, ends = extent(work[carrier], seam.carrier.edge)
        return joint.Tooth(edge, start, end, seam.depth_mm, out, relief, (length - ends, length - begins))

    def _rows(self, work: Mapping[str, Work], frames: Mapping[str, Rigid]) -> dict[str, joint.TabShape]:
        """The shapes of the tabs that stand many on one host, by their seams; what finds no room there is
        left to be said one by one."""
        by_host: dict[tuple[str, bool], list[Seam]] = {}
        for seam in self.tabs:
            if not seam.round_mm:
                by_host.setdefault((seam.host.panel, seam.name in self.straps), []).append(seam)
        found: dict[str, joint.TabShape] = {}
        for (name, outside), seams in by_host.items():
            host, whole = self._any(name), self.whole[name]
            if len(seams) <= _FEW_TABS or host.holes or host.slots or whole.corners:
                continue
            from mingei.core.flat.teeth import (
                tooth_shapes,  # most panels bear few tabs, and the first view is painted without arrays
            )

            asked = [self._tooth(seam, self._hinge(seam)[1] + self._gain(seam.angle_deg) / 2, work, frames)
                     for seam in seams]
            shapes = tooth_shapes((host.outline, whole.outline()), self.sharing[name, outside], asked)
            found |= {seam.name: shape for seam, shape in zip(seams, shapes, strict=True)
                      if shape is not None}
        return found

    def _fin(self, seam: Seam, number: int, work: Mapping[str, Work], frames: Mapping[str, Rigid],
             taken: Sequence[tuple[str, Lying]] = ()) -> tuple[Work, Fold]:
        """Draw one of the two flaps of a fin: 0 on the carrier, 1 its fellow on the host, alike and each its
        own mirror image.

        Both lean back by half of what is left to a full turn, so that they stand in the corner's middle, half
        a caliper to each side.
        """
        edges = (seam.carrier, seam.host)
        back = fold_back_deg(seam)
        length = self.piece.panel(seam.carrier.panel).ways[seam.carrier.edge][2]
        near = [self._beside(edge, at_end, work, frames) for edge in edges for at_end in (True, False)]
        corner = joint.Corner(90.0, False, min(free for free, _ in near), max(clear for _, clear in near))
        tall = seam.depth_mm + 2 * length  # there is nothing a fin could land on: it stands free
        box = ((0.0, 0.0), (length, 0.0), (length, tall), (0.0, tall))
        outs = [setback(self.t / 2, self._panel_depth(self.piece.panel(edge.panel)), -back) + self._gain(back)
                / 2 for edge in edges]
        depth = seam.depth_mm
        try:
            shapes = self._flaps(box, length, corner, depth, outs)
            frames_of = [self._tab_frame(edge, length, out, work, frames)
                         for edge, out in zip(edges, outs, strict=True)]
            while not self._fin_clear(seam, shapes, frames_of, taken):
                depth = 0.8 * min(s.depth_mm for s in shapes)
                if depth < SMALLEST_TAB_MM:
                    raise GeometryError("its flaps would lie over what stands beside them")
                shapes = self._flaps(box, length, corner, depth, outs)
        except GeometryError:
            raise StockError("there is no room for the two flaps of a fin",
                             say("seam {seam}", seam=seam.name),
                             "glue a tab there, or tape it") from None
        depth = min(s.depth_mm for s in shapes)
        shape = shapes[number]
        name = fellow(seam.name) if number else seam.name
        panel = Panel(name, ((0.0, 0.0), (length, 0.0), (length, 1.0), (0.0, 1.0)), 0, Role.TAB,
                      whole=seam.name)
        if number == 0:
            outline = self.piece.panel(seam.host.panel).outline
            ends = (outline[seam.host.edge], outline[(seam.host.edge + 1) % len(outline)])
            self.seams.append(FlatSeam(seam.name, seam.joint, seam.carrier.panel, seam.host.panel,
                                       seam.depth_mm, depth, ends,
                                       fellow=fellow(seam.name)))
        fold = Fold(edges[number], EdgeRef(name, 0), back, seam.step, Crease.VALLEY)
        return (Work(panel, self.t / 2, [(shape.path[0],), shape.path[1:]],
                     [[None], [None] * (len(shape.path) - 1)]), fold)

    def _flaps(self, box: Polygon, length: float, corner: joint.Corner, depth: float,
               outs: Sequence[float]) -> list[joint.TabShape]:
        """The two flaps of a fin: one shape, each begun where its own panel's thickness lets it."""
        whole = joint.tab_shape([joint.Host.of(box)], length, corner, corner, depth, max(outs))
        if whole.depth_mm + min(outs) < SMALLEST_TAB_MM:
            raise GeometryError("one flap would begin past the end of the other")
        return [joint.cut_back(whole, -out) for out in outs]

    def _fin_clear(self, seam: Seam, shapes: Sequence[joint.TabShape], onto: Sequence[Rigid],
                   taken: Sequence[tuple[str, Lying]]) -> bool:
        """Whether both flaps keep clear of all that lies on the flat, and of each other."""
        other = [frame.apply_all(flat_points(shape.path)[:-1])
                 for shape, frame in zip(shapes, onto, strict=True)]
        flaps = [Lying(points) for points in other]
        for number, edge in enumerate((seam.carrier, seam.host)):
            lying = [area for name, area in taken if name not in (edge.panel, seam.name)]
            if not clear(shapes[number], onto[number], [*lying, flaps[1 - number]]):
                return False
        return True

    def _short_of_the_next(self, host: Panel, edge: int, to_tab: Rigid, length: float) -> float:
        """How deep (mm) a tab may be on a host whose opposite side bears a tab as well: that one turns in
        there, and its inner face meets this one's at t / tan(a / 2) from the corner (plane geometry: two
        layers side by side round an angle)."""
        most = math.inf
        count = len(host.outline)
        for other in range(count):
            borne = self.carried.get(EdgeRef(host.name, other))
            if ((other - edge) % count in (0, 1, count - 1) or borne is None
                or borne.joint in (Joint.TAPE, Joint.FIN)):
                continue
            (_, low), (_, high) = (to_tab.apply(host.outline[(other + k) % count]) for k in (0, 1))
            if abs(low - high) < _LEVEL_MM and 0.0 < borne.angle_deg < FLAT_DEG:
                most = min(most, low - self.t / math.tan(math.radians(borne.angle_deg) / 2) - RELIEF_MM)
        return most

    def _hosts(self, host: Panel, edge: int, to_tab: Rigid, bearing: set[int]) -> list[joint.Host]:
        """What bounds a tab on one of its host's edges: nominal, and as thickness has moved the sides.
        bearing: the edges that tabs land on, on that face."""
        count = len(host.outline)
        opposite = {(e - edge) % count for e in bearing} - {0, 1, count - 1}
        return [joint.Host.of(to_tab.apply_all((*host.outline[edge:], *host.outline[:edge])), opposite),
                joint.Host.of(to_tab.apply_all(self.whole[host.name].outline(edge)))]

    def _beside(self, bearer: EdgeRef, at_end: bool, work: Mapping[str, Work],
                frames: Mapping[str, Rigid]) -> tuple[float, float]:
        """What is free for a tab on the flat at one end of the edge that bears it.

        Goes round the corner from panel to panel over the folds, to the first side that is not folded.
        Returns the angle between that side and the tab's hinge (180 where nothing is near), halved where that
        side bears a tab too; and where its line crosses the hinge's, mm along the hinge from that end.
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
        a, b = (to_carrier.apply(p) for p in as_cut(work[name], beyond.edge))
        panel = self.piece.panel(carrier)
        corner, (ux, uy), _ = panel.ways[hinge]
        level = away(work[carrier], hinge)
        if at_end:
            corner, ux, uy = panel.outline[(hinge + 1) % len(panel.outline)], -ux, -uy
        nx, ny = (-uy, ux) if at_end else (uy, -ux)  # away from the carrier
        (xa, ya), (xb, yb) = (((p[0] - corner[0]) * ux + (p[1] - corner[1]) * uy,
                               (p[0] - corner[0]) * nx + (p[1] - corner[1]) * ny)
                              for p in (a, b))
        if abs(yb - ya) < TOLERANCE.same_point:
            return 180.0, 0.0
        if yb < ya:
            xa, ya, xb, yb = xb, yb, xa, ya
        free = math.degrees(math.atan2(yb - ya, xb - xa))
        clear = xa + (level - ya) * (xb - xa) / (yb - ya)
        return (free / 2 if beyond in self.bearing else free), clear

    def _tab_frame(self, bearer: EdgeRef, length: float, out: float, work: Mapping[str, Work],
                   frames: Mapping[str, Rigid]) -> Rigid:
        """From a tab's own coordinates to the flat: its hinge, ``out`` mm outside the host's nominal edge,
        lies on the carrier's side."""
        p, (ux, uy), _ = self.piece.panel(bearer.panel).ways[bearer.edge]
        level = away(work[bearer.panel], bearer.edge)
        first, last = ((p[0] + uy * level, p[1] - ux * level),
                       (p[0] + ux * length + uy * level, p[1] + uy * length - ux * level))
        frame = frames[bearer.panel]
        return mapping((length, -out), (0.0, -out), frame.apply(first), frame.apply(last))


def fold_back_deg(seam: Seam) -> float:
    """How far each flap of a fin turns back, degrees."""
    return (180.0 - seam.angle_deg) / 2
