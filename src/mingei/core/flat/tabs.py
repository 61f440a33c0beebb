"""The tabs of one piece: how deep each panel and tab lies, what bounds a tab, and its shape.

Every seam is drawn by the same rules (``joint``), many on one host all at once (``teeth``).
"""

from __future__ import annotations

import math
from collections.abc import Mapping, Sequence
from functools import partial
from typing import Any, NamedTuple

from mingei.core.draft import Crease, EdgeRef, Fold, Panel, Piece, Role, Seam, Slot, fellow
from mingei.core.errors import GeometryError, StockError
from mingei.core.flat import joint
from mingei.core.flat.clearance import SMALLEST_TAB_MM, Ground, kept_clear, lying
from mingei.core.flat.given import Given
from mingei.core.flat.pattern import FlatSeam
from mingei.core.flat.side import (
    Work,
    as_cut,
    away,
    extent,
    slot_path,
)
from mingei.core.offset import FLAT_DEG, RELIEF_MM, Measured, crease_gain, setback
from mingei.core.plane.shape import (
    Path,
    Polygon,
    Rigid,
    flat_points,
    mapping,
)
from mingei.core.tolerance import TOLERANCE
from mingei.core.words import say

#: More tabs than this on one host are drawn all at once.
_FEW_TABS = 7
#: So much of its edge (a share) a tooth leaves free at each end; no more than this (mm) where that is
#: straight, and only what is beside it is curved.
_TOOTH_SHARE, _TOOTH_ENDS_MM = 0.12, 2.0
#: Sides that lean no more than this (mm) are opposite.
_LEVEL_MM = 1e-3


class Hung(NamedTuple):
    """A tab or flap as drawn: itself, the fold it hangs on, and what is known of its seam, once for each."""

    work: Work
    fold: Fold
    seam: FlatSeam | None


class Tabs:
    """The tabs of one piece, drawn one after another on what lies flat already; lives for one call of
    ``develop``.

    whole: the panels of every piece, since a tab may land on another's; frames: where each lies on the flat
    of its piece; ground: what lies there and must be kept clear of, by name, nothing where there is room
    enough.
    """

    def __init__(self, given: Given, piece: Piece, whole: Mapping[str, Work], frames: Mapping[str, Rigid],
                 ground: Ground | None) -> None:
        self.given, self.piece, self.whole, self.every, self.ground = given, piece, whole, frames, ground
        self.stock = given.stocks[piece.root]
        self.t = self.stock.caliper_mm
        # of tabs, by host, depth of the carrier, angle, and whether it is a strap
        self.hinges: dict[Any, tuple[float, float]] = {}

    def _gain(self, angle_deg: float) -> float:
        return crease_gain(self.stock.crease_gain_mm, angle_deg)

    def _layer(self, seam: Seam) -> float:
        """A tab lies one layer inside its host, a strap one outside."""
        inward = -1 if self.given.draft.measured is Measured.INSIDE else 1
        return (self.given.panels[seam.host.panel].layer
                + (-inward if seam.name in self.given.straps else inward))

    def _hinge(self, seam: Seam) -> tuple[float, float]:
        """A tab's depth, and how far its crease lies outside the host's nominal edge before the crease takes
        its gain, mm."""
        own = self.given.depth(seam.carrier.panel)
        key = (seam.host.panel, own, seam.angle_deg, seam.name in self.given.straps)
        if key not in self.hinges:  # a row of teeth asks the same again and again
            depth = self.given.tab_depth(seam)
            self.hinges[key] = depth, setback(depth, own, seam.angle_deg)
        return self.hinges[key]

    def tab(self, seam: Seam, drawn: joint.TabShape | None = None) -> Hung:
        """Draw a tab.  drawn: its shape, where it is known.  Raises StockError where there is no room."""
        host, edge = self._host(seam)
        carrier = self.piece.panel(seam.carrier.panel)
        h0, _, length = host.ways[edge]
        h1 = host.outline[(edge + 1) % len(host.outline)]
        depth, hinge = self._hinge(seam)
        shape = drawn or self._shape(seam, hinge + self._gain(seam.angle_deg) / 2)
        role = Role.LIP if seam.joint.opens else Role.TAB
        panel = Panel(seam.name, ((0.0, 0.0), (length, 0.0), (length, 1.0), (0.0, 1.0)),
                      layer=self._layer(seam), role=role,
                      whole=self.given.straps.get(seam.name, seam.row))
        sides: list[Path] = [(shape.path[0],), shape.path[1:]]
        turn = math.radians(seam.angle_deg)
        # so far the carrier lies over the root of its tab; a strap goes over all that lies between
        thick = (math.inf if seam.name in self.given.straps else self.t * (0.5 + abs(math.cos(turn)))
                 / math.sin(turn))
        level = away(self.whole[host.name], edge)
        # in a hollow the carrier lies before it all
        beyond = min(thick if seam.angle_deg > 0.0 else math.inf, max(0.0, hinge - level))
        hollow = max(0.0, -host.sweeps.get(edge, 0.0))
        if hollow:  # the wall follows the arc, which lies inside the chord a tooth is hinged on
            deep = length / 2 * math.tan(math.radians(hollow) / 4)
            level, beyond = level - deep, beyond + deep
        known = FlatSeam(seam.name, seam.joint, carrier.name, host.name, seam.depth_mm, shape.depth_mm,
                         (h0, h1), beyond, level, seam.row, outside=seam.name in self.given.straps)
        fold = Fold(seam.bearer, EdgeRef(seam.name, 0), seam.angle_deg, seam.step)
        return Hung(Work(panel, depth, sides, [[None], [None] * (len(shape.path) - 1)]), fold, known)

    def _host(self, seam: Seam) -> tuple[Panel, int]:
        """The panel a tab lands in, and the side it comes in under."""
        assert isinstance(seam.host, EdgeRef)  # a tab lands along a side
        return self.given.panels[seam.host.panel], seam.host.edge

    def _shape(self, seam: Seam, out: float) -> joint.TabShape:
        """The shape of one tab, its hinge ``out`` mm outside the host's nominal edge."""
        host, edge = self._host(seam)
        h0, _, length = host.ways[edge]
        to_tab = mapping(h0, host.outline[(edge + 1) % len(host.outline)], (0.0, 0.0), (length, 0.0))
        tooth = self._tooth(seam, out)
        try:
            holes = [to_tab.apply_all(flat_points(h)[:-1])
                     for h in (*host.holes, *(slot_path(s, self._through(host, s)) for s in host.slots))]
            hosts = self._hosts(host, edge, to_tab,
                                self.given.sharing[host.name, seam.name in self.given.straps])
            draw = partial(joint.tab_shape, hosts, length, tooth.start, tooth.end, setback=out,
                           round_mm=seam.round_mm, holes=holes,
                           relief=tooth.relief)
            shape = draw(min(seam.depth_mm, self._short_of_the_next(host, edge, to_tab, length)),
                         side=tooth.side)
            if ground := self.ground:
                onto, own = self._tab_frame(seam.bearer, length, out), (seam.carrier.panel,)
                shape = kept_clear(draw, shape, tooth.side,
                                   lambda tab: ground.clear(lying(tab, onto), own))
        except GeometryError as error:
            # tab and strap stand in one corner of the flat, each in half of it
            if seam.joint.has_strap:
                raise StockError("there is no room for its second tab",
                                 say("seam {seam}", seam=self.given.straps.get(seam.name, seam.name)),
                                 "glue it once, or tape it") from None
            raise error.at(f"seam {seam.name}") from None
        return shape

    def _through(self, host: Panel, slot: Slot) -> float:
        """How thick all is that passes through a slot, mm."""
        return slot.layers * (self.given.thick(slot.through) if slot.through else self.t)

    def _tooth(self, seam: Seam, out: float) -> joint.Tooth:
        """What a tab is asked to be."""
        (host, edge), carrier = self._host(seam), seam.carrier.panel
        count, length, bearing = (len(host.outline), host.ways[edge][2],
                                  self.given.sharing[host.name, seam.name in self.given.straps])
        inside = host.corners_deg
        start = joint.Corner(inside[edge], (edge - 1) % count in bearing,
                             *self._beside(seam.bearer, True))
        end = joint.Corner(inside[(edge + 1) % count], (edge + 1) % count in bearing,
                           *self._beside(seam.bearer, False))
        # a tooth stands on a chord: its ends keep in from the corners, which lie outside the true curve
        relief = RELIEF_MM
        if seam.row and self.piece.panel(carrier).whole:
            ends = length * _TOOTH_SHARE
            relief = max(RELIEF_MM, ends if host.sweeps.get(edge) else min(ends, _TOOTH_ENDS_MM))
        begins, ends = extent(self.whole[carrier], seam.bearer.edge)
        return joint.Tooth(edge, start, end, seam.depth_mm, out, relief, (length - ends, length - begins))

    def rows(self) -> dict[str, joint.TabShape]:
        """The shapes of the tabs that stand many on one host, by their seams; what finds no room there is
        left to be said one by one."""
        by_host: dict[tuple[str, bool], list[Seam]] = {}
        for seam in self.given.tabs[self.piece.name]:
            if not seam.round_mm:
                by_host.setdefault((seam.host.panel, seam.name in self.given.straps), []).append(seam)
        found: dict[str, joint.TabShape] = {}
        for (name, outside), seams in by_host.items():
            host, whole = self.given.panels[name], self.whole[name]
            if len(seams) <= _FEW_TABS or host.holes or host.slots or whole.corners:
                continue
            from mingei.core.flat.teeth import (
                tooth_shapes,  # most panels bear few tabs, and the first view is painted without arrays
            )

            asked = [self._tooth(seam, self._hinge(seam)[1] + self._gain(seam.angle_deg) / 2)
                     for seam in seams]
            shapes = tooth_shapes((host.outline, whole.outline()), self.given.sharing[name, outside], asked)
            found |= {seam.name: shape for seam, shape in zip(seams, shapes, strict=True)
                      if shape is not None}
        return found

    def fin(self, seam: Seam, number: int, drawn: Sequence[joint.TabShape] = ()) -> Hung:
        """Draw one of the two flaps of a fin: 0 on the carrier, 1 its fellow on the host, alike and each its
        own mirror image.  drawn: both their shapes, where they are known.

        Both lean back by half of what is left to a full turn, so that they stand in the corner's middle, half
        a caliper to each side.
        """
        host, edge = self._host(seam)
        shapes = drawn or self.flaps(seam, (self.ground, self.ground))
        depth = min(s.depth_mm for s in shapes)
        shape, bearer = shapes[number], (seam.bearer, EdgeRef(host.name, edge))[number]
        length = self.given.panels[seam.carrier.panel].ways[seam.bearer.edge][2]
        name = fellow(seam.name) if number else seam.name
        panel = Panel(name, ((0.0, 0.0), (length, 0.0), (length, 1.0), (0.0, 1.0)), layer=0, role=Role.TAB,
                      whole=seam.name)
        known = None if number else FlatSeam(seam.name, seam.joint, seam.carrier.panel, host.name,
                                             seam.depth_mm,
                                             depth, seam.host.ends(host), fellow=fellow(seam.name))
        fold = Fold(bearer, EdgeRef(name, 0), fold_back_deg(seam), seam.step, Crease.VALLEY)
        return Hung(Work(panel, self.t / 2, [(shape.path[0],), shape.path[1:]],
                         [[None], [None] * (len(shape.path) - 1)]), fold, known)

    def flaps(self, seam: Seam, grounds: Sequence[Ground | None]) -> tuple[joint.TabShape, joint.TabShape]:
        """The shapes of the two flaps of a fin, as deep as both find room.  grounds: what lies on the flat of
        the carrier's piece and of the host's.  Raises StockError where there is no room."""
        edges, length = self._fin_edges(seam), self.given.panels[seam.carrier.panel].ways[seam.bearer.edge][2]
        near = [self._beside(edge, at_end) for edge in edges for at_end in (True, False)]
        corner = joint.Corner(90.0, False, min(free for free, _ in near), max(clear for _, clear in near))
        tall = seam.depth_mm + 2 * length  # there is nothing a fin could land on: it stands free
        box = ((0.0, 0.0), (length, 0.0), (length, tall), (0.0, tall))
        outs, depth = self._fin_outs(seam), seam.depth_mm
        onto = [self._tab_frame(edge, length, out) for edge, out in zip(edges, outs, strict=True)]
        try:
            shapes = self._flaps(box, length, corner, depth, outs)
            while not self._fin_clear(seam.name, edges, shapes, onto, grounds):
                depth = 0.8 * min(s.depth_mm for s in shapes)
                if depth < SMALLEST_TAB_MM:
                    raise GeometryError("its flaps would lie over what stands beside them")
                shapes = self._flaps(box, length, corner, depth, outs)
        except GeometryError:
            raise StockError("there is no room for the two flaps of a fin",
                             say("seam {seam}", seam=seam.name),
                             "glue a tab there, or tape it") from None
        return shapes[0], shapes[1]

    def lay_flaps(self, seam: Seam, shapes: Sequence[joint.TabShape],
                  grounds: Sequence[Ground | None]) -> None:
        """Let both flaps of a fin lie on the flats of their pieces."""
        length = self.given.panels[seam.carrier.panel].ways[seam.bearer.edge][2]
        names = (seam.name, fellow(seam.name))
        for edge, out, shape, ground, name in zip(self._fin_edges(seam), self._fin_outs(seam), shapes,
                                                  grounds, names, strict=True):
            if ground is not None:
                ground.lay(name, lying(shape, self._tab_frame(edge, length, out)))

    def _fin_edges(self, seam: Seam) -> tuple[EdgeRef, EdgeRef]:
        host, edge = self._host(seam)
        return seam.bearer, EdgeRef(host.name, edge)

    def _fin_outs(self, seam: Seam) -> list[float]:
        """How far each flap's hinge lies outside the nominal edge, mm: each in its own stock."""
        back, found = fold_back_deg(seam), []
        for edge in self._fin_edges(seam):
            stock = self.given.stocks[edge.panel]
            found.append(setback(stock.caliper_mm / 2, self.given.depth(edge.panel), -back)
                         + crease_gain(stock.crease_gain_mm, back) / 2)
        return found

    def _flaps(self, box: Polygon, length: float, corner: joint.Corner, depth: float,
               outs: Sequence[float]) -> list[joint.TabShape]:
        """The two flaps of a fin: one shape, each begun where its own panel's thickness lets it."""
        whole = joint.tab_shape([joint.Host.of(box)], length, corner, corner, depth, max(outs))
        if whole.depth_mm + min(outs) < SMALLEST_TAB_MM:
            raise GeometryError("one flap would begin past the end of the other")
        return [joint.cut_back(whole, -out) for out in outs]

    def _fin_clear(self, seam: str, edges: Sequence[EdgeRef], shapes: Sequence[joint.TabShape],
                   onto: Sequence[Rigid], grounds: Sequence[Ground | None]) -> bool:
        """Whether both flaps keep clear of all that lies on the flat, and of each other."""
        one, other = (lying(shape, frame) for shape, frame in zip(shapes, onto, strict=True))
        return all(ground is None or ground.clear(flap, (edge.panel, seam))
                   for flap, edge, ground in zip((one, other), edges, grounds, strict=True)
                   ) and (grounds[0] is not grounds[1] or not one.meets(other))

    def _short_of_the_next(self, host: Panel, edge: int, to_tab: Rigid, length: float) -> float:
        """How deep (mm) a tab may be on a host whose opposite side bears a tab as well: that one turns in
        there, and its inner face meets this one's at t / tan(a / 2) from the corner (plane geometry: two
        layers side by side round an angle)."""
        most = math.inf
        count = len(host.outline)
        for other in range(count):
            borne = self.given.carried.get(EdgeRef(host.name, other))
            if ((other - edge) % count in (0, 1, count - 1) or borne is None
                or not borne.joint.has_tab):
                continue
            (_, low), (_, high) = (to_tab.apply(host.outline[(other + k) % count]) for k in (0, 1))
            if abs(low - high) < _LEVEL_MM and 0.0 < borne.angle_deg < FLAT_DEG:
                most = min(most, low - self.t / math.tan(math.radians(borne.angle_deg) / 2) - RELIEF_MM)
        return most

    def _hosts(self, host: Panel, edge: int, to_tab: Rigid, bearing: frozenset[int]) -> list[joint.Host]:
        """What bounds a tab on one of its host's edges: nominal, and as thickness has moved the sides.
        bearing: the edges that tabs land on, on that face."""
        count = len(host.outline)
        opposite = {(e - edge) % count for e in bearing} - {0, 1, count - 1}
        return [joint.Host.of(to_tab.apply_all((*host.outline[edge:], *host.outline[:edge])), opposite),
                joint.Host.of(to_tab.apply_all(self.whole[host.name].outline(edge)))]

    def _beside(self, bearer: EdgeRef, at_end: bool) -> tuple[float, float]:
        """What is free for a tab on the flat at one end of the edge that bears it.

        Goes round the corner from panel to panel over the folds, to the first side that is not folded.
        Returns the angle between that side and the tab's hinge (180 where nothing is near), halved where that
        side bears a tab too; and where its line crosses the hinge's, mm along the hinge from that end.
        """
        carrier, hinge = bearer
        name, edge, taken = carrier, hinge, 0.0
        folded, panels, frames = self.given.folded, self.given.panels, self.every
        while True:
            angles = panels[name].corners_deg
            after = (edge + 1) % len(angles)
            taken += angles[after if at_end else edge]
            beyond = EdgeRef(name, after if at_end else (edge - 1) % len(angles))
            joined = folded.get(beyond)
            if joined is None:
                break
            name, edge = joined.other
        if name == carrier or taken < 180.0 + 1e-9:  # what stands square beside it keeps clear all the way
            return 180.0, 0.0
        to_carrier = frames[name].then(frames[carrier].inverse())
        a, b = (to_carrier.apply(p) for p in as_cut(self.whole[name], beyond.edge))
        panel = panels[carrier]
        corner, (ux, uy), _ = panel.ways[hinge]
        level = away(self.whole[carrier], hinge)
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
        return (free / 2 if beyond in self.given.bearing else free), clear

    def _tab_frame(self, bearer: EdgeRef, length: float, out: float) -> Rigid:
        """From a tab's own coordinates to the flat: its hinge, ``out`` mm outside the host's nominal edge,
        lies on the carrier's side."""
        p, (ux, uy), _ = self.given.panels[bearer.panel].ways[bearer.edge]
        level = away(self.whole[bearer.panel], bearer.edge)
        first, last = ((p[0] + uy * level, p[1] - ux * level),
                       (p[0] + ux * length + uy * level, p[1] + uy * length - ux * level))
        frame = self.every[bearer.panel]
        return mapping((length, -out), (0.0, -out), frame.apply(first), frame.apply(last))


def fold_back_deg(seam: Seam) -> float:
    """How far each flap of a fin turns back, degrees."""
    return (180.0 - seam.angle_deg) / 2
