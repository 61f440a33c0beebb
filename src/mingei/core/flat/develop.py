"""Developing: a draft given the thickness of its stock and laid flat.

``develop`` moves every side of every panel as far as what it does there asks (``offsets``).
Seams become tabs (``tabs``).  Then the panels are laid flat round the root, score line on score line, and
what no fold claims is a cut.  No recipe takes part: the same few rules serve them all.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Collection, Mapping, Sequence
from dataclasses import replace
from functools import lru_cache, partial
from typing import NamedTuple

from mingei.core.draft import (
    Draft,
    Edge,
    EdgeRef,
    Fold,
    Led,
    LineOn,
    Panel,
    Piece,
    Rolled,
    Seam,
    Site,
    Wound,
)
from mingei.core.draft.joint import Adds, Stands
from mingei.core.errors import GeometryError, StockError
from mingei.core.flat.bent import bent_over
from mingei.core.flat.boards import cut_in, footprint, mortises, slanting, tongue_bend, tongues
from mingei.core.flat.clearance import Ground, Lying, make_way
from mingei.core.flat.given import Given, given
from mingei.core.flat.joint import TabShape
from mingei.core.flat.offsets import Offsets
from mingei.core.flat.pattern import EdgeKey, FlatFold, FlatPanel, FlatSeam, Groove, Mate, Pattern
from mingei.core.flat.side import (
    Work,
    extent,
    run_on,
    slot_path,
    split,
    stepped,
    trim,
    trim_corners,
)
from mingei.core.flat.soft import Hem, drawn_tight, snip
from mingei.core.flat.soft import trim as trim_hem
from mingei.core.flat.stretch import stretched
from mingei.core.flat.tabs import Hung, Tabs
from mingei.core.length import write_mm
from mingei.core.offset import (
    FLAT_DEG,
    RELIEF_MM,
    bend_setback,
    flat_setback,
)
from mingei.core.plane.outline import chain
from mingei.core.plane.shape import (
    STAY,
    Line,
    Path,
    Point,
    Polygon,
    Rigid,
    Segment,
    arc_on,
    flat_points,
    hole_path,
    mapping,
    moved_path,
    outset,
    polygon_path,
)
from mingei.core.stock import Stock
from mingei.core.tolerance import TOLERANCE
from mingei.core.words import say

#: A tab shallower than this is spared where its edges can be held another way, mm (common practice).
_TOO_SHALLOW_MM = 1.0
#: A corner sharper than this (degrees) is a point.
_SHARP_DEG = 60.0
#: So much of its length (a share) a facet's arc may be longer than the chord a tooth is hinged on.
_ARC_SHARE = 0.03
#: A line on the flat, and the same seen by the two panels of a fold.
_Line = tuple[Point, Point]
#: The shapes of the two flaps of a fin.
_Flaps = tuple[TabShape, TabShape]


@lru_cache(maxsize=64)
def develop(draft: Draft, stock: Stock, parts: tuple[tuple[str, Stock], ...] = ()) -> tuple[Pattern, ...]:
    """Give every piece of the draft the thickness of the stock and lay it flat.  parts: stocks of parts that
    have their own.

    Raises StockError when a panel is too small for the stock's thickness, GeometryError when the draft
    contradicts itself.
    """
    draft = stretched(draft, stock, dict(parts))
    known = given(draft, stock, dict(parts))
    makers = [_Developer(known, piece) for piece in draft.pieces]
    whole = {p.name: maker.outline(p) for maker in makers for p in maker.piece.panels}
    laid = [maker.laid(whole) for maker in makers]  # a tab lands on what is as large as it stays
    every = {name: frame for lies in laid for name, frame in lies.frames.items()}
    across = _flaps_across(known, whole, every)
    return tuple(maker.pattern(whole, lies, every, across) for maker, lies in zip(makers, laid, strict=True))


def _flaps_across(known: Given, whole: Mapping[str, Work],
                  every: Mapping[str, Rigid]) -> Mapping[str, _Flaps]:
    """The flaps of fins that join two pieces, by seam: each as deep as it finds room on both."""
    seams = [(piece, seam) for piece in known.draft.pieces for seam in piece.seams
             if seam.joint.has_flaps and known.pieces[seam.host.panel] is not piece]
    grounds: dict[str, Ground] = {}
    found: dict[str, _Flaps] = {}
    for piece, seam in seams:
        both = (piece, known.pieces[seam.host.panel])
        for each in both:
            if each.name not in grounds:
                grounds[each.name] = Ground()
                for panel in each.panels:
                    grounds[each.name].lay(panel.name, Lying.of(whole[panel.name], every[panel.name]))
        tabs, own = Tabs(known, piece, whole, every, None), [grounds[each.name] for each in both]
        found[seam.name] = tabs.flaps(seam, own)
        tabs.lay_flaps(seam, found[seam.name], own)
    return found


class _Laid(NamedTuple):
    """Where the folds of a piece lie, each seen by its two panels, and its panels on the flat."""

    lines: list[tuple[_Line, _Line]]
    frames: dict[str, Rigid]


class _Developer:
    """One piece's development; lives for one call."""

    def __init__(self, known: Given, piece: Piece) -> None:
        self.given, self.piece = known, piece
        self.stock = known.stocks[piece.root]
        self.names = {p.name for p in piece.panels}
        self.t = self.stock.caliper_mm
        self.offsets = Offsets(known, piece)

    def laid(self, whole: Mapping[str, Work]) -> _Laid:
        """The piece's panels laid flat, without tabs, and what of their corners gives way taken off.  whole:
        the panels of every piece."""
        work = {p.name: whole[p.name] for p in self.piece.panels}
        lines = [self._fold_line(work, i, fold) for i, fold in enumerate(self.piece.folds)]
        frames = self._lay_flat(self.piece.folds, lines)
        if self.piece.crowded:
            for w in work.values():
                trim_corners(w)
            make_way(work, frames)
        return _Laid(lines, frames)

    def pattern(self, whole: Mapping[str, Work], laid: _Laid, every: Mapping[str, Rigid],
                across: Mapping[str, _Flaps]) -> Pattern:
        """The piece with its tabs.  whole: the panels of every piece, laid flat, since a tab may land on
        another's; every: where they lie; across: the flaps of fins that join two pieces, by seam."""
        work = {p.name: whole[p.name] for p in self.piece.panels}
        folds, lines, frames = list(self.piece.folds), list(laid.lines), dict(laid.frames)
        fins = self.given.fins[self.piece.name]
        near = self.piece.crowded or bool(fins)
        ground = Ground() if near else None
        if ground:
            for name, w in work.items():
                ground.lay(name, Lying.of(w, frames[name]))
        tabs = Tabs(self.given, self.piece, whole, every, ground)
        drawn = {} if near else tabs.rows()
        hung: list[tuple[Seam, Callable[[], Hung]]] = [
            (seam, partial(tabs.fin, seam, number, across[seam.name])) for seam, number in fins
            if seam.name in across]
        hung += [(seam, partial(tabs.tab, seam, drawn.get(seam.name)))
                 for seam in self.given.tabs[self.piece.name]]
        hung += [(seam, partial(tabs.fin, seam, number)) for seam, number in fins if seam.name not in across]
        seams: list[FlatSeam] = []
        bare: set[str] = set()
        for seam, draw in hung:
            tabbed = _if_deep(draw) if seam.spare else draw()
            if tabbed is None:
                bare.add(seam.name)
                continue
            tab, fold, flat_seam = tabbed
            work[tab.panel.name] = tab
            folds.append(fold)
            seams += [flat_seam] if flat_seam else []
            on_a, on_b = self._fold_line(work, len(lines), fold, seam.slit_mm)
            lines.append((on_a, on_b))
            frames[tab.panel.name] = _joined_frame(frames[fold.a.panel], on_a, on_b)
            if ground:
                ground.lay(tab.panel.name, Lying.of(tab, frames[tab.panel.name]))
        flat_folds = [self._flat_fold(fold, line, frames) for fold, line in zip(folds, lines, strict=True)]
        whole_panels = [self._panel(w, frames[name]) for name, w in work.items()]
        found: list[FlatPanel] = []
        last = max((f.step for f in flat_folds), default=0) + 1
        for panel in whole_panels:
            ends, bent = bent_over(panel, self._bends(work[panel.name]), len(flat_folds), last,
                                   self.offsets.gain(90.0))
            found += ends
            flat_folds += bent
        panels = tuple(found)
        holes = tuple(moved_path(h, p.frame) for p in panels for h in p.holes)
        for name, path in self.piece.openings:
            panels, through = _opened(panels, name, path)
            holes += through
        cut = [s for p in panels for s, f in zip(p.flat_path, p.folds, strict=True) if f is None]
        return Pattern(
            name=self.piece.name, stock=self.stock, root=self.piece.root, placement=self.piece.placement,
            measured=self.given.draft.measured, panels=panels,
            folds=tuple(flat_folds),
            seams=tuple(seams), laps=self.piece.laps, cuts=(*chain(cut), *holes),
            mates=self._mates(frames, bare),
            copies=self.piece.copies, keys=self._keys(frames), part=self.piece.part)

    def _bends(self, work: Work) -> list[Path]:
        """The lines its tongues are bent over along, in the panel's coordinates."""
        panel = work.panel
        return [tongue_bend(panel, t, self.offsets.of(panel, t.side)) for t in panel.tongues if t.bend]

    def _line(self, site: Site, frames: Mapping[str, Rigid]) -> _Line:
        """A nominal site on the flat."""
        frame = frames[site.panel]
        start, end = site.ends(self.piece.panel(site.panel))
        return frame.apply(start), frame.apply(end)

    def _mates(self, frames: Mapping[str, Rigid], bare: Collection[str]) -> tuple[Mate, ...]:
        """The edges its seams join.  bare: seams whose tab found no room."""
        return tuple(Mate(self.given.numbers[s.row or s.name], s.name,
                          s.spare if s.name in bare and s.spare else s.joint, s.carrier.panel, s.host.panel,
                          self._line(s.carrier, frames),
                          self._line(s.host, frames) if s.host.panel in self.names else None, s.row,
                          s.angle_deg)
                     for s in self.piece.seams)

    def _keys(self, frames: Mapping[str, Rigid]) -> tuple[EdgeKey, ...]:
        """The numbered edges; a row of teeth has one number, on its longest edge, of several as long the one
        nearest its middle."""
        found: dict[tuple[str, bool], list[Site]] = {}
        landing = (s for p in self.given.draft.pieces for s in p.seams
                   if p is not self.piece and s.host.panel in self.names) if self._landed_on() else ()
        for seam in (*self.piece.seams, *landing):
            for site, bears in ((seam.carrier, True), (seam.host, False)):
                if site.panel in self.names:
                    found.setdefault((seam.row or seam.name, bears), []).append(site)

        def best(sites: list[Site]) -> Site:
            if len(sites) == 1:
                return sites[0]
            lengths = [round(math.dist(*site.ends(self.piece.panel(site.panel))), 2) for site in sites]
            return sites[max(range(len(sites)), key=lambda i: (lengths[i], -abs(i - len(sites) // 2)))]

        return tuple(EdgeKey(self.given.numbers[name], name, site.panel, self._line(site, frames), bears)
                     for (name, bears), site in ((key, best(sites)) for key, sites in found.items()))

    def _landed_on(self) -> bool:
        return any(name in self.given.landing for name in self.names)

    # -- sides -------------------------------------------------------------------------------------------

    def outline(self, panel: Panel) -> Work:
        """A panel with its sides moved by what thickness asks of them."""
        distances = tuple([self.offsets.of(panel, i) for i in range(len(panel.outline))])
        soft = [i for i in range(len(panel.outline)) if isinstance(panel.edge_rule(i), (Led, Rolled, Wound))]
        rim, points, lies = (self._led(panel, distances) if soft
                             else ((), outset(panel.outline, distances), ()))
        after = (*points[1:], points[0])
        for a, b, (_, (ux, uy), _) in zip(points, after, panel.ways, strict=True):
            if (b[0] - a[0]) * ux + (b[1] - a[1]) * uy < -TOLERANCE.same_point:
                raise StockError(say("the {panel} is too small for card {caliper:g} mm thick",
                                     panel=panel.name, caliper=self.t),
                                 say("stock {stock}", stock=self.stock.id),
                                 "use thinner stock, or make it larger")
        sides: list[Path] = [(Line(a, b),) for a, b in zip(points, after, strict=True)]
        work = Work(panel, self.given.depth(panel.name), sides, [[None] for _ in sides],
                    run=self.offsets.run_over(panel), rim=rim, lies=lies)
        self._blunt(work)
        return work

    def _led(self, panel: Panel, distances: Sequence[float]) -> tuple[Polygon, Polygon, Polygon]:
        """Of a panel that goes on where it does not lie flat: the outline where its hem begins, the whole,
        and what lies flat.  A curved side moves by what its chord has to."""
        def moved(outline: Polygon, by: Sequence[float]) -> Polygon:
            return outset(outline, tuple(d * math.cos(math.radians(panel.sweeps.get(i, 0.0)) / 2)
                                         for i, d in enumerate(by)))

        for i, sweep in panel.sweeps.items():
            radius = panel.ways[i][2] / abs(2 * math.sin(math.radians(sweep) / 2))
            if sweep < 0.0 and isinstance(panel.edge_rule(i), Led) and distances[i] > radius - RELIEF_MM:
                raise StockError(say("a curve of {radius} is too tight for cloth that reaches {far} over it",
                                     radius=write_mm(radius), far=write_mm(distances[i])),
                                 say("panel {panel}", panel=panel.name),
                                 "make the hem narrower, the pad thinner, or the whole larger")
        rules = [panel.edge_rule(i) for i in range(len(panel.outline))]
        hems = [rule.hem if isinstance(rule, Led) else 0.0 for rule in rules]
        mid = self.given.depth(panel.name)

        def flat(rule: Edge, distance: float) -> float:
            if isinstance(rule, Led):
                return self.offsets.by_rule(panel, rule.along)
            if isinstance(rule, Wound):
                return 0.0
            return bend_setback(mid, mid, rule.angle_deg) if isinstance(rule, Rolled) else distance

        lies = moved(panel.outline, [flat(r, d) for r, d in zip(rules, distances, strict=True)])
        rim = moved(panel.outline, [d - hem for d, hem in zip(distances, hems, strict=True)])
        share = drawn_tight(self.given.stocks[panel.name].stretch_pct)
        if share < 1.0 and any(hems):
            middle = [(min(p[i] for p in rim) + max(p[i] for p in rim)) / 2 for i in (0, 1)]
            rim = tuple((middle[0] + (x - middle[0]) * share, middle[1] + (y - middle[1]) * share)
                        for x, y in rim)
        return rim, moved(rim, hems), lies

    def _hems(self, panel: Panel) -> dict[int, Hem]:
        """The hems of a cloth's sides."""
        return {i: Hem(rule.hem, sum(self.given.thick(name) for name in rule.boards))
                for i in range(len(panel.outline)) for rule in (panel.edge_rule(i),)
                if isinstance(rule, Led)}

    def _blunt(self, work: Work) -> None:
        """Cut off what of a sharp corner between two seams would stand out past the point in which like
        panels meet: one that covers its neighbours would run far past it, across what stands opposite."""
        panel, count = work.panel, len(work.sides)
        mitred = [self.offsets.mitred(EdgeRef(panel.name, edge)) for edge in range(count)]
        for edge in range(count):
            after = (edge + 1) % count
            here, there = mitred[edge], mitred[after]
            if here is None or there is None or panel.corners_deg[after] > _SHARP_DEG:
                continue
            tip = outset(panel.outline, tuple(v or 0.0 for v in mitred))[after]
            (_, (ax, ay), _), (_, (bx, by), _) = panel.ways[edge], panel.ways[after]
            out = math.hypot(ax - bx, ay - by)
            ux, uy = (ax - bx) / out, (ay - by) / out  # along the middle of the corner, outward
            corner = work.sides[edge][-1].end
            past = (corner[0] - tip[0]) * ux + (corner[1] - tip[1]) * uy
            if past <= TOLERANCE.chord:
                continue
            past += self.t / 2  # what comes to the point from the other side is as thick
            first, last = work.sides[edge][-1], work.sides[after][0]
            a = corner[0] - ax * past / (ax * ux + ay * uy), corner[1] - ay * past / (ax * ux + ay * uy)
            b = corner[0] - bx * past / (bx * ux + by * uy), corner[1] - by * past / (bx * ux + by * uy)
            work.sides[edge] = (*work.sides[edge][:-1], Line(first.start, a))
            work.sides[after] = (Line(b, last.end), *work.sides[after][1:])
            work.corners[edge] = (Line(a, b),)








    # -- folds -------------------------------------------------------------------------------------------

    def _fold_line(self, work: Mapping[str, Work], number: int, fold: Fold,
                   slit: float = 0.0) -> tuple[_Line, _Line]:
        """Match the two sides of a fold, split each where the other ends, label the shared part, less a slit
        (mm) at each end.

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

    def _lay_flat(self, folds: Sequence[Fold], lines: Sequence[tuple[_Line, _Line]]) -> dict[str, Rigid]:
        """Where every panel lies, from the root outwards."""
        frames = {self.piece.root: STAY}
        below: dict[str, list[tuple[Fold, tuple[_Line, _Line]]]] = {}
        for fold, line in zip(folds, lines, strict=True):
            if not fold.closing:
                below.setdefault(fold.a.panel, []).append((fold, line))
        waiting = [self.piece.root]
        for name in waiting:
            for fold, (on_a, on_b) in below.pop(name, ()):
                if fold.b.panel in frames:
                    raise GeometryError("its folds form a ring",
                                        say("piece {piece}, panel {panel}", piece=self.piece.name,
                                            panel=fold.b.panel))
                frames[fold.b.panel] = _joined_frame(frames[name], on_a, on_b)
                waiting.append(fold.b.panel)
        if below:
            raise GeometryError("its folds do not join all panels to the root",
                                say("piece {piece}", piece=self.piece.name))
        return frames

    def _flat_fold(self, fold: Fold, line: tuple[_Line, _Line], frames: Mapping[str, Rigid]) -> FlatFold:
        frame = frames[fold.a.panel]
        gain, apart = fold.take_mm, 0.0
        if fold.angle_deg == FLAT_DEG:
            one, other = (self.given.depth(edge.panel) for edge in (fold.a, fold.b))
            gain, apart = gain + self.offsets.gain(FLAT_DEG) + 2 * flat_setback(one, other), abs(one + other)
        elif not (fold.bend or fold.curved):
            gain += self.offsets.gain(fold.angle_deg)
        return FlatFold(fold.a.panel, fold.b.panel, frame.apply(line[0][0]), frame.apply(line[0][1]),
                        fold.signed_deg, gain, fold.step, fold.bend, fold.closing, fold.curved, apart)

    def _panel(self, work: Work, frame: Rigid) -> FlatPanel:
        panel, bodies = work.panel, self.given.bodies
        for own, other in self.given.crossing.get(panel.name, ()):
            cut_in(work, own, bodies[other])
        face: Polygon = ()
        for edge in range(len(work.sides)):
            seam = self.given.carried.get(EdgeRef(panel.name, edge))
            if seam is not None and seam.joint.adds is Adds.TONGUES:
                face = face or work.outline()
                stepped(work, edge, tongues(panel.ways[edge][2]),
                        self.offsets.of(panel, edge) + self.given.thick(seam.host.panel))
        for edge in dict.fromkeys(t.side for t in panel.tongues):
            if not self._bare(work, edge):
                raise GeometryError("a tongue stands on a free straight side only",
                                    say("panel {panel}, side {side}", panel=panel.name, side=edge))
            face = face or work.outline()
            out = self.offsets.of(panel, edge)
            for t in sorted((t for t in panel.tongues if t.side == edge), key=lambda t: t.low):
                stepped(work, edge, [(t.low, t.high)], out + t.out)
        for edge, sweep in panel.curves:
            if work.labels[edge] == [None]:  # not where teeth stand on it
                work.sides[edge] = (arc_on(work.sides[edge][0].start, work.sides[edge][0].end, sweep),)
        lies: Path = ()
        if work.lies:
            lies = tuple(arc_on(a, b, panel.sweeps[i]) if i in panel.sweeps else Line(a, b)
                         for i, (a, b) in enumerate(zip(work.lies, (*work.lies[1:], work.lies[0]),
                                                        strict=True)))
            hems = self._hems(panel)
            trim_hem(work, work.rim, hems)
            snip(work, hems)
        run_on(work)
        if panel.round_mm > 0 or panel.notch_mm > 0:
            trim(work, [edge for edge in range(len(work.sides)) if self._free(work, edge)])
        path: list[Segment] = []
        labels: list[int | None] = []
        bevels: list[tuple[int, float]] = []
        for edge, (side, numbers) in enumerate(zip(work.sides, work.labels, strict=True)):
            here = EdgeRef(panel.name, edge)
            mitred = self.given.carried.get(here) or self.given.hosted.get(here)
            if mitred is not None and mitred.joint.bevels:
                bevels += [(len(path) + k, mitred.angle_deg / 2) for k in range(len(side))]
            path += side
            labels += numbers
            if edge in work.corners:
                path += work.corners[edge]
                labels += [None] * len(work.corners[edge])
        slots = (slot_path(s, s.thick or s.layers * (self.given.thick(s.through) if s.through else self.t))
                 for s in panel.slots)
        pins = (hole_path(p.across, (p.x + p.way[0] * mid, p.y + p.way[1] * mid))
                for p in panel.pierced for mid in (self.given.bodies[p.into].mid,))
        standing = [(s, s.host) for s in self.given.standing.get(panel.name, ())
                    if isinstance(s.host, LineOn)]
        through = (slot for s, host in standing if s.joint.adds is Adds.TONGUES
                    for slot in mortises(bodies[s.carrier.panel], host, s.joint.fit_mm or 0.0))
        found = FlatPanel(panel.name, role=panel.role, layer=panel.layer, depth=work.depth, path=tuple(path),
                         folds=tuple(labels), frame=frame, lies=lies,
                         hinges=panel.hinges, tint=panel.tint, said=panel.said, wrap=panel.wrap, face=face,
                          bevels=tuple(bevels),
                         guides=(*panel.guides, *slanting(path, bevels, self.t),
                                 *(footprint(bodies[s.carrier.panel], host) for s, host in standing
                                   if s.joint.traces)),
                         whole=panel.whole, holes=(*panel.holes, *slots, *pins, *through),
                         grooves=tuple(Groove(s.name, footprint(bodies[s.carrier.panel], host,
                                                                s.joint.fit_mm or 0.0),
                                              self.offsets.deep(s),
                                              host.inside)
                                       for s, host in standing if s.joint.stands is Stands.HOUSED))
        if bevels:  # what lies in its mid-surface, which a slanting side cuts further in
            found = replace(found, lies=polygon_path(found.within(self.t / 2)))
        return found




    def _bare(self, work: Work, edge: int) -> bool:
        """Whether a side is free and straight, but for the slots cut into it."""
        here = EdgeRef(work.panel.name, edge)
        straight = all(label is None and isinstance(part, Line)
                       for label, part in zip(work.labels[edge], work.sides[edge], strict=True))
        return straight and here not in self.given.hosted and here not in self.given.carried

    def _free(self, work: Work, edge: int) -> bool:
        """Whether a side is one straight cut that no seam needs."""
        here = EdgeRef(work.panel.name, edge)
        straight = work.labels[edge] == [None] and isinstance(work.sides[edge][0], Line)
        return straight and here not in self.given.hosted and here not in self.given.carried




def _if_deep(draw: Callable[[], Hung]) -> Hung | None:
    """A tab, unless there is no room for one that is worth gluing."""
    try:
        found = draw()
    except (GeometryError, StockError):
        return None
    seam = found[2]
    return None if seam is not None and seam.depth_mm < _TOO_SHALLOW_MM else found




def _opened(panels: tuple[FlatPanel, ...], name: str,
            path: Path) -> tuple[tuple[FlatPanel, ...], tuple[Path, ...]]:
    """The panels with an opening cut across the facets of a curved face, and its path on the flat."""
    from mingei.core.flat.curved import centred, missing

    facets = [p for p in panels if p.whole == name]
    if not facets:
        return panels, ()
    cut = moved_path(path, centred([p.frame for p in facets], [p.polygon for p in facets]).inverse())
    lacks = missing(tuple(flat_points(cut)[:-1]), facets)
    return tuple(replace(p, gaps=(*p.gaps, *lacks[p.name])) if p.name in lacks else p for p in panels), (cut,)


def _joined_frame(frame: Rigid, on_a: tuple[Point, Point], on_b: tuple[Point, Point]) -> Rigid:
    """Where a panel lies on the flat when its score line lies on its parent's."""
    return mapping(on_b[0], on_b[1], frame.apply(on_a[0]), frame.apply(on_a[1]))
