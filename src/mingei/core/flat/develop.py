"""Developing: a draft given the thickness of its stock and laid flat.

``develop`` moves every side of every panel by the rule of what it does there (``offset``): folds by their
setback and the crease's gain, free edges to the face they stop at, the sides of seams as their joints say.
Seams become tabs (``tabs``).  Then the panels are laid flat round the root, score line on score line, and
what no fold claims is a cut.  No recipe takes part: the same few rules serve them all.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Collection, Mapping, Sequence
from dataclasses import replace
from functools import lru_cache, partial

from mingei.core.draft import (
    Against,
    Draft,
    Edge,
    EdgeRef,
    Fold,
    Inset,
    Led,
    Level,
    LineOn,
    Meeting,
    Meets,
    Mitred,
    Over,
    Panel,
    Piece,
    Plain,
    Raised,
    Rolled,
    Seam,
    Site,
    Within,
    Wound,
)
from mingei.core.draft.joint import Adds, Stands
from mingei.core.errors import GeometryError, StockError
from mingei.core.flat.clearance import Ground, Lying
from mingei.core.flat.given import Given, given
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
from mingei.core.flat.soft import Hem, drawn_tight, led_over, rolled_length, snip
from mingei.core.flat.soft import trim as trim_hem
from mingei.core.flat.stretch import stretched
from mingei.core.flat.tabs import Hung, Tabs, fold_back_deg
from mingei.core.length import write_mm
from mingei.core.offset import (
    FLAT_DEG,
    RELIEF_MM,
    SLOT_ENDS_MM,
    Slab,
    bend_setback,
    crease_gain,
    flat_setback,
    run_over,
    setback,
    slot_width,
    stop_against,
    stop_over,
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
    signed_area,
)
from mingei.core.stock import Stock
from mingei.core.tolerance import TOLERANCE
from mingei.core.words import say

#: A tab shallower than this is spared where its edges can be held another way, mm (common practice).
_TOO_SHALLOW_MM = 1.0
#: A corner sharper than this (degrees) is a point.
_SHARP_DEG = 60.0
#: So deep, as a share of a board, a channel may be cut (common practice: two thirds are left).
_DEEPEST = 0.6
#: So much of its length (a share) a facet's arc may be longer than the chord a tooth is hinged on.
_ARC_SHARE = 0.03
#: A board has a tongue for every so many mm of its side (from experience, no published source).
_TONGUE_EACH_MM = 60.0
#: A cut that leans from the square by less than this (cosine) is square to its side.
_SQUARE = 1e-6
#: A line on the flat, and the same seen by the two panels of a fold.
_Line = tuple[Point, Point]


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
    return tuple(maker.pattern(whole) for maker in makers)


class _Developer:
    """One piece's development; lives for one call."""

    def __init__(self, known: Given, piece: Piece) -> None:
        self.given, self.piece = known, piece
        self.stock = known.stocks[piece.root]
        self.names = {p.name for p in piece.panels}
        self.t = self.stock.caliper_mm

    def pattern(self, whole: Mapping[str, Work]) -> Pattern:
        """The piece laid flat.  whole: the panels of every piece, since a tab may land on another's."""
        work = {p.name: whole[p.name] for p in self.piece.panels}
        folds = list(self.piece.folds)
        lines = [self._fold_line(work, i, fold) for i, fold in enumerate(folds)]
        frames = self._lay_flat(folds, lines)
        if self.piece.crowded:
            for w in work.values():
                trim_corners(w)
        fins = self.given.fins[self.piece.name]
        near = self.piece.crowded or bool(fins)
        ground = Ground() if near else None
        if ground:
            for name, w in work.items():
                ground.lay(name, Lying.of(w, frames[name]))
        tabs = Tabs(self.given, self.piece, whole, frames, ground)
        drawn = {} if near else tabs.rows()
        hung = [(seam, partial(tabs.tab, seam, drawn.get(seam.name)))
                for seam in self.given.tabs[self.piece.name]]
        hung += [(seam, partial(tabs.fin, seam, number)) for seam in fins for number in (0, 1)]
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
        panels = tuple(self._panel(w, frames[name]) for name, w in work.items())
        holes = tuple(moved_path(h, p.frame) for p in panels for h in p.holes)
        for name, path in self.piece.openings:
            panels, through = _opened(panels, name, path)
            holes += through
        cut = [s for p in panels for s, f in zip(p.flat_path, p.folds, strict=True) if f is None]
        return Pattern(
            name=self.piece.name, stock=self.stock, root=self.piece.root, placement=self.piece.placement,
            measured=self.given.draft.measured, panels=panels,
            folds=tuple(self._flat_fold(fold, line, frames)
                        for fold, line in zip(folds, lines, strict=True)),
            seams=tuple(seams), laps=self.piece.laps, cuts=(*chain(cut), *holes),
            mates=self._mates(frames, bare),
            copies=self.piece.copies, keys=self._keys(frames), part=self.piece.part)

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
        distances = tuple([self._side_offset(panel, i) for i in range(len(panel.outline))])
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
                    run=self._run_over(panel), rim=rim, lies=lies)
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
                return self._by_rule(panel, rule.along)
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
        mitred = [self._mitred(EdgeRef(panel.name, edge)) for edge in range(count)]
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

    def _mitred(self, here: EdgeRef) -> float | None:
        """How far a side would run past its nominal line up to where its mid-surface meets that of a panel
        beyond its seam that lies alike, mm; None where no seam is."""
        seam = self.given.carried.get(here) or self.given.hosted.get(here)
        if seam is None:
            return None
        mid = self.given.bodies[here.panel].mid
        return setback(mid, mid, seam.angle_deg)

    def _run_over(self, panel: Panel) -> dict[int, float]:
        """By side, how far it runs on over the tab beneath it, mm, where that would show and nothing slides
        over it."""
        found: dict[int, float] = {}
        for edge in range(len(panel.outline)):
            here = EdgeRef(panel.name, edge)
            seam = self.given.hosted.get(here)
            if (seam is None or seam.row or not seam.joint.has_tab or seam.joint.has_strap
                    or here in self.given.carried or not isinstance(panel.edge_rule(edge), Plain)):
                continue
            if {panel.name, seam.carrier.panel} & self.given.slid or edge in panel.sweeps:
                continue
            bodies = self.given.bodies
            past = run_over(bodies[panel.name], bodies[seam.carrier.panel], seam.angle_deg)
            if past > TOLERANCE.chord:
                found[edge] = past
        return found

    def _side_offset(self, panel: Panel, edge: int) -> float:
        """How far (mm) a side runs past its nominal line."""
        here, bodies = EdgeRef(panel.name, edge), self.given.bodies
        own = bodies[panel.name]
        if here in self.given.folded:
            return self._fold_offset(here)
        if here in self.given.fin_edges:
            back = fold_back_deg(self.given.fin_edges[here])
            return setback(own.mid, self.t / 2, -back) + self._gain(back) / 2
        rule, angle = panel.edge_rule(edge), 0.0
        if (seam := self.given.carried.get(here)) is not None:
            if seam.joint.carrier is None:
                return (setback(own.mid, self.given.tab_depth(seam), seam.angle_deg)
                        + self._gain(seam.angle_deg) / 2)
            return seam.joint.carrier(Meeting(own, bodies[seam.host.panel], seam.angle_deg,
                                              self._deep(seam)))
        if (seam := self.given.hosted.get(here)) is not None:
            other = bodies[seam.carrier.panel]
            if seam.joint.host is not None:
                off = seam.joint.host(Meeting(own, other, seam.angle_deg, seam.depth_mm))
                if off is not None:
                    return off
            if isinstance(rule, Mitred):
                if seam.angle_deg < 0.0 and seam.joint.has_tab:  # in a hollow the carrier goes on to its tab
                    return min(setback(depth, other.outer, seam.angle_deg) for depth in own)
                return setback(own.mid, other.mid, seam.angle_deg)
            if isinstance(rule, Plain):
                rule, angle = Over(seam.carrier.panel), seam.angle_deg
        return self._by_rule(panel, rule, angle)

    def _by_rule(self, panel: Panel, rule: Edge, angle: float = 0.0) -> float:
        """How far (mm) a free side runs past its nominal line by what it does there.  angle: between it and
        what it meets, degrees, 0 for what the rule says."""
        own, bodies = self.given.bodies[panel.name], self.given.bodies
        if isinstance(rule, Over):
            return stop_over(own, bodies[rule.panel], angle or rule.angle_deg) + rule.past
        if isinstance(rule, Against):
            return stop_against(own, bodies[rule.panel].inner, rule.angle_deg)
        if isinstance(rule, Led):
            pad, edges = (sum(self.given.thick(name) for name in names) for names in (rule.pads, rule.boards))
            return (led_over(pad, edges, self.given.thick(panel.name), rule.half) + rule.hem
                    + self._by_rule(panel, rule.along))
        if isinstance(rule, Wound):  # its middle goes round outside of what it lies against
            return rule.more + math.radians(rule.turn_deg) * self.given.thick(panel.name) / 2
        if isinstance(rule, Rolled):
            thick = self.given.thick(panel.name)
            more = rolled_length(rule.inner, rule.outer, thick) - math.pi * (rule.outer - thick)
            return bend_setback(own.mid, own.mid, rule.angle_deg) + max(0.0, more)
        if isinstance(rule, Raised):
            return sum(times * self.given.thick(name) for name, times in rule.by)
        if isinstance(rule, Meets):
            return bend_setback(own.mid, own.mid, rule.angle_deg)
        if isinstance(rule, Level):
            return stop_against(own, 0.0, rule.angle_deg, 0.0)
        if isinstance(rule, Inset):
            return -rule.by
        return -RELIEF_MM if isinstance(rule, Within) else 0.0

    def _deep(self, seam: Seam) -> float:
        """How deep a joint is made, mm: a channel that is asked for without a depth a third of the board.
        Raises StockError where it would go through, nearly."""
        if seam.joint.stands is not Stands.HOUSED:
            return seam.depth_mm
        thick = self.given.thick(seam.host.panel)
        if seam.depth_mm > _DEEPEST * thick:
            raise StockError(say("a channel {deep} deep leaves too little of board {thick} thick",
                                 deep=write_mm(seam.depth_mm), thick=write_mm(thick)),
                             say("seam {seam}", seam=seam.name),
                             say("let it in by {most} at the most, or take thicker board",
                                 most=write_mm(math.floor(_DEEPEST * thick * 10) / 10)))
        return seam.depth_mm or thick / 3

    def _fold_offset(self, here: EdgeRef) -> float:
        """The same of a side that folds."""
        turn = self.given.folded[here]
        own, other = self.given.depth(here.panel), self.given.depth(turn.other.panel)
        if turn.curved:
            return setback(own, other, turn.signed_deg)
        if turn.bend:
            return bend_setback(own, other, turn.signed_deg) + turn.take_mm / 2
        round_it = (flat_setback(own, other) if abs(turn.signed_deg) == FLAT_DEG
                    else setback(own, other, turn.signed_deg))
        return turn.take_mm / 2 + (round_it + self._gain(turn.signed_deg) / 2)

    def _gain(self, angle_deg: float) -> float:
        return crease_gain(self.stock.crease_gain_mm, angle_deg)

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
            gain, apart = gain + self._gain(FLAT_DEG) + 2 * flat_setback(one, other), abs(one + other)
        elif not (fold.bend or fold.curved):
            gain += self._gain(fold.angle_deg)
        return FlatFold(fold.a.panel, fold.b.panel, frame.apply(line[0][0]), frame.apply(line[0][1]),
                        fold.signed_deg, gain, fold.step, fold.bend, fold.closing, fold.curved, apart)

    def _panel(self, work: Work, frame: Rigid) -> FlatPanel:
        panel = work.panel
        for own, other in self.given.crossing.get(panel.name, ()):
            self._cut_in(work, own, self.given.bodies[other])
        face: Polygon = ()
        for edge in range(len(work.sides)):
            seam = self.given.carried.get(EdgeRef(panel.name, edge))
            if seam is not None and seam.joint.adds is Adds.TONGUES:
                face = face or work.outline()
                stepped(work, edge, _tongues(panel.ways[edge][2]),
                        seam.joint.carrier(Meeting(self.given.bodies[panel.name],  # type: ignore[misc]
                                                   self.given.bodies[seam.host.panel], seam.angle_deg, 0.0))
                        + self.given.thick(seam.host.panel))
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
        slots = (slot_path(s, s.layers * (self.given.thick(s.through) if s.through else self.t))
                 for s in panel.slots)
        pins = (hole_path(p.across, (p.x + p.way[0] * mid, p.y + p.way[1] * mid))
                for p in panel.pierced for mid in (self.given.bodies[p.into].mid,))
        standing = [(s, s.host) for s in self.given.standing.get(panel.name, ())
                    if isinstance(s.host, LineOn)]
        mortises = (mortise for s, host in standing if s.joint.adds is Adds.TONGUES
                    for mortise in self._mortises(s, host))
        found = FlatPanel(panel.name, role=panel.role, layer=panel.layer, depth=work.depth, path=tuple(path),
                         folds=tuple(labels), frame=frame, lies=lies,
                         hinges=panel.hinges, face=face, bevels=tuple(bevels),
                         guides=(*panel.guides, *_slanting(path, bevels, self.t),
                                 *(self._footprint(s, host, 0.0) for s, host in standing if s.joint.traces)),
                         whole=panel.whole, holes=(*panel.holes, *slots, *pins, *mortises),
                         grooves=tuple(Groove(s.name, self._footprint(s, host, s.joint.fit_mm or 0.0),
                                              self._deep(s),
                                              host.inside)
                                       for s, host in standing if s.joint.stands is Stands.HOUSED))
        if bevels:  # what lies in its mid-surface, which a slanting side cuts further in
            found = replace(found, lies=polygon_path(found.within(self.t / 2)))
        return found

    def _footprint(self, seam: Seam, host: LineOn, play: float) -> Path:
        """Where the side of a panel stands on a face of this one: as wide as its body and the play, mm."""
        (ax, ay), (bx, by) = host.start, host.end
        body, length = self.given.bodies[seam.carrier.panel], math.dist(host.start, host.end)
        rx, ry = (by - ay) / length, (ax - bx) / length  # to the right of the line
        near, far = body.inner - play / 2, body.outer + play / 2
        return polygon_path(((ax + rx * near, ay + ry * near), (ax + rx * far, ay + ry * far),
                             (bx + rx * far, by + ry * far), (bx + rx * near, by + ry * near)))

    def _mortises(self, seam: Seam, host: LineOn) -> list[Path]:
        """The slots its tongues pass through, clockwise."""
        (ax, ay), (bx, by) = host.start, host.end
        length = math.dist(host.start, host.end)
        ux, uy = (bx - ax) / length, (by - ay) / length
        found = []
        for low, high in _tongues(length):
            low, high = low - SLOT_ENDS_MM / 2, high + SLOT_ENDS_MM / 2
            part = host._replace(start=(ax + ux * low, ay + uy * low), end=(ax + ux * high, ay + uy * high))
            corners = [s.start for s in self._footprint(seam, part, seam.joint.fit_mm or 0.0)]
            if signed_area(corners) > 0.0:
                corners.reverse()
            found.append(polygon_path(tuple(corners)))
        return found

    def _cut_in(self, work: Work, line: LineOn, other: Slab) -> None:
        """Cut a board in, from the side its line begins on, to half way, for a body that stands on it."""
        (ax, ay), (bx, by) = line.start, line.end
        length = math.dist(line.start, line.end)
        ux, uy = (bx - ax) / length, (by - ay) / length
        mid, half = other.mid, slot_width(other.thick) / 2
        sx, sy = ax + uy * mid, ay - ux * mid  # amid the body, to the right of the line
        for edge, (p, (ex, ey), far) in enumerate(work.panel.ways):
            along, off = (sx - p[0]) * ex + (sy - p[1]) * ey, (sx - p[0]) * ey - (sy - p[1]) * ex
            if abs(off) < TOLERANCE.edge_match and 0.0 < along < far and abs(ux * ex + uy * ey) < _SQUARE:
                stepped(work, edge, [(along - half, along + half)], -(length + SLOT_ENDS_MM) / 2)
                return
        raise GeometryError("a board is cut in where none of its sides is",
                            say("panel {panel}", panel=work.panel.name))

    def _free(self, work: Work, edge: int) -> bool:
        """Whether a side is one straight cut that no seam needs."""
        here = EdgeRef(work.panel.name, edge)
        straight = work.labels[edge] == [None] and isinstance(work.sides[edge][0], Line)
        return straight and here not in self.given.hosted and here not in self.given.carried


def _tongues(length: float) -> list[tuple[float, float]]:
    """From where to where along a side that is so long tongues stand on it, mm: as long as the gaps between
    them, one for every so many millimetres."""
    count = 2 * max(1, round(length / _TONGUE_EACH_MM)) + 1
    return [(i * length / count, (i + 1) * length / count) for i in range(1, count, 2)]


def _if_deep(draw: Callable[[], Hung]) -> Hung | None:
    """A tab, unless there is no room for one that is worth gluing."""
    try:
        found = draw()
    except (GeometryError, StockError):
        return None
    seam = found[2]
    return None if seam is not None and seam.depth_mm < _TOO_SHALLOW_MM else found


def _slanting(path: Sequence[Segment], bevels: Sequence[tuple[int, float]], thick: float) -> tuple[Path, ...]:
    """How far in the inner face of slanting sides ends, as lines to cut towards."""
    found = []
    for number, angle in bevels:
        (ax, ay), (bx, by) = path[number].start, path[number].end
        far, by_ = math.dist((ax, ay), (bx, by)), thick * math.tan(math.radians(angle))
        ox, oy = (ay - by) / far * by_, (bx - ax) / far * by_
        found.append((Line((ax + ox, ay + oy), (bx + ox, by + oy)),))
    return tuple(found)


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
