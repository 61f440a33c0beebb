"""Developing: a draft given the thickness of its stock and laid flat.

``develop`` moves every side of every panel by the rule of what it does there (``offset``): folds by their
setback and the crease's gain, free edges to the face they stop at.  Seams become tabs (``joint``).  Then the
panels are laid flat round the root, score line on score line, and what no fold claims is a cut.
No recipe takes part: the same few rules serve them all.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace
from functools import lru_cache, partial

from mingei.core.draft import (
    Against,
    Draft,
    EdgeRef,
    Fold,
    Inset,
    Joint,
    Level,
    Meets,
    Mitred,
    Over,
    Panel,
    Plain,
    Within,
)
from mingei.core.errors import GeometryError, StockError
from mingei.core.flat.clearance import Lying
from mingei.core.flat.pattern import EdgeKey, FlatFold, FlatPanel, Mate, Pattern
from mingei.core.flat.side import (
    Work,
    extent,
    halve,
    run_on,
    slot_path,
    split,
    trim,
    trim_corners,
)
from mingei.core.flat.tabs import Tabs, fold_back_deg
from mingei.core.offset import (
    FLAT_DEG,
    RELIEF_MM,
    RIMS_MEET_DEG,
    bend_setback,
    flat_setback,
    run_over,
    setback,
    stop_against,
    stop_over,
)
from mingei.core.plane.outline import chain
from mingei.core.plane.shape import (
    STAY,
    Line,
    Path,
    Point,
    Rigid,
    Segment,
    arc_on,
    flat_points,
    mapping,
    moved_path,
    outset,
)
from mingei.core.stock import Stock
from mingei.core.tolerance import TOLERANCE
from mingei.core.words import say

#: So much of its length (a share) a facet's arc may be longer than the chord a tooth is hinged on.
_ARC_SHARE = 0.03
#: The joints whose host lies over a tab.
_TABBED = (Joint.GLUE_TAB, Joint.TUCK)


@lru_cache(maxsize=64)
def develop(draft: Draft, stock: Stock, parts: tuple[tuple[str, Stock], ...] = ()) -> tuple[Pattern, ...]:
    """Give every piece of the draft the thickness of the stock and lay it flat.  parts: stocks of parts that
    have their own.

    Raises StockError when a panel is too small for the stock's thickness, GeometryError when the draft
    contradicts itself.
    """
    panels = {p.name: p for piece in draft.pieces for p in piece.panels}
    own = dict(parts)
    makers = [_Developer(piece, panels, draft.measured, own.get(piece.part, stock)) for piece in draft.pieces]
    calipers = {name: maker.t for maker in makers for name in maker.names}
    turned_over = {f.b.panel for piece in draft.pieces for f in piece.folds if f.angle_deg == FLAT_DEG}
    sharing: dict[tuple[str, bool], set[int]] = {}
    for maker in makers:
        for seam in (*maker.piece.seams, *maker.tabs):  # a seam may join a panel of another piece
            owner = next((m for m in makers if seam.host.panel in m.names), maker)
            owner.hosted.setdefault(seam.host, seam)
        for seam in maker.tabs:
            sharing.setdefault((seam.host.panel, seam.name in maker.straps), set()).add(seam.host.edge)
        maker.sharing, maker.calipers, maker.turned_over = sharing, calipers, turned_over
    numbers: dict[str, int] = {}
    for seam in (s for piece in draft.pieces for s in piece.seams):
        numbers.setdefault(seam.row or seam.name, len(numbers) + 1)
    for maker in makers:
        maker.numbers = numbers
        maker.landing = [s for piece in draft.pieces for s in piece.seams if piece is not maker.piece
                         and s.host.panel in maker.names]
    work = {name: w for maker in makers for name, w in maker.outlines().items()}
    return tuple(maker.pattern(work) for maker in makers)


class _Developer(Tabs):
    """One piece's development; lives for one call."""

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
        hung = [(seam, partial(self._tab, seam, work, frames, taken, drawn.get(seam.name)))
                for seam in self.tabs]
        hung += [(seam, partial(self._fin, seam, number, work, frames, taken)) for seam in self.fins
                 for number in (0, 1)]
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
        folds = tuple(self._flat_fold(fold, line, frames)
                      for fold, line in zip(self.folds, lines, strict=True))
        holes = tuple(moved_path(h, p.frame) for p in panels for h in p.holes)
        for name, path in self.piece.openings:
            panels, through = _opened(panels, name, path)
            holes += through
        cut = [s for p in panels for s, f in zip(p.flat_path, p.folds, strict=True) if f is None]
        return Pattern(self.piece.name, self.stock, self.piece.root, self.piece.placement, self.measured,
                       panels, folds,
                       tuple(self.seams), self.piece.laps, (*chain(cut), *holes), self._mates(frames),
                       self.piece.copies,
                       self._keys(frames), self.piece.part)

    def _line(self, edge: EdgeRef, frames: Mapping[str, Rigid]) -> tuple[Point, Point]:
        """A nominal edge on the flat."""
        outline, frame = self.piece.panel(edge.panel).outline, frames[edge.panel]
        return frame.apply(outline[edge.edge]), frame.apply(outline[(edge.edge + 1) % len(outline)])

    def _mates(self, frames: Mapping[str, Rigid]) -> tuple[Mate, ...]:
        return tuple(Mate(self.numbers[s.row or s.name], s.name, s.joint, s.carrier.panel, s.host.panel,
                          self._line(s.carrier, frames),
                          self._line(s.host, frames) if s.host.panel in self.names else None, s.row)
                     for s in self.piece.seams)

    def _keys(self, frames: Mapping[str, Rigid]) -> tuple[EdgeKey, ...]:
        """The numbered edges; a row of teeth has one number, on its longest edge, of several as long the one
        nearest its middle."""
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

    def _outline(self, panel: Panel) -> Work:
        distances = tuple([self._side_offset(panel, i) for i in range(len(panel.outline))])
        points = outset(panel.outline, distances)
        after = (*points[1:], points[0])
        for a, b, (_, (ux, uy), _) in zip(points, after, panel.ways, strict=True):
            if (b[0] - a[0]) * ux + (b[1] - a[1]) * uy < -TOLERANCE.same_point:
                raise StockError(say("the {panel} is too small for card {caliper:g} mm thick",
                                     panel=panel.name, caliper=self.t),
                                 say("stock {stock}", stock=self.stock.id),
                                 "use thinner stock, or make it larger")
        sides: list[Path] = [(Line(a, b),) for a, b in zip(points, after, strict=True)]
        return Work(panel, self._panel_depth(panel), sides, [[None] for _ in sides],
                    run=self._run_over(panel))

    def _run_over(self, panel: Panel) -> dict[int, float]:
        """By side, how far it runs on over the tab beneath it, mm, where that would show and nothing slides
        over it."""
        found = {}
        for edge in range(len(panel.outline)):
            here = EdgeRef(panel.name, edge)
            seam = self.hosted.get(here)
            if (
                seam is None
                or seam.row
                or seam.joint not in _TABBED
                or here in self.carried
                or not isinstance(panel.edge_rule(edge), Plain)
            ):
                continue
            if {panel.name, seam.carrier.panel} & self.slid or edge in panel.sweeps:
                continue
            past = run_over(panel.layer, self.others[seam.carrier.panel].layer, self.t, seam.angle_deg)
            if past > TOLERANCE.chord:
                found[edge] = past
        return found

    def _side_offset(self, panel: Panel, edge: int) -> float:
        here = EdgeRef(panel.name, edge)
        if here in self.folded:
            other = self.piece.panel(self.folded[here].panel)
            if here in self.curved:
                return setback(self._panel_depth(panel), self._panel_depth(other), self.turns[here])
            if here in self.bends:
                return (bend_setback(self._panel_depth(panel), self._panel_depth(other), self.turns[here])
                        + self.takes[here] / 2)
            if abs(self.turns[here]) == FLAT_DEG:
                around = flat_setback(self._panel_depth(panel), self._panel_depth(other))
                return self.takes[here] / 2 + around + self._gain(FLAT_DEG) / 2
            return (self.takes[here] / 2 + self._fold_offset(self._panel_depth(panel),
                                                             self._panel_depth(other), self.turns[here]))
        if here in self.fin_edges:
            back = fold_back_deg(self.fin_edges[here])
            return setback(self._panel_depth(panel), self.t / 2, -back) + self._gain(back) / 2
        rule, angle = panel.edge_rule(edge), 90.0
        seam = self.carried.get(here)
        taped = seam or self.hosted.get(here)
        if taped is not None and taped.joint is Joint.TAPE and taped.angle_deg < RIMS_MEET_DEG:
            other = self._any((taped.host if seam else taped.carrier).panel)
            faces = (self._panel_depth(each) - self.calipers[each.name] / 2 for each in (panel, other))
            return setback(*faces, taped.angle_deg) - RELIEF_MM / 2
        if seam is not None:
            if seam.joint is not Joint.TAPE:
                return self._fold_offset(self._panel_depth(panel), self._tab_depth(seam), seam.angle_deg)
            rule, angle = Against(seam.host.panel), seam.angle_deg
        elif here in self.hosted:
            seam = self.hosted[here]
            if isinstance(rule, Mitred):
                return setback(self._panel_depth(panel), self._panel_depth(self._any(seam.carrier.panel)),
                               seam.angle_deg)
            if isinstance(rule, Plain):
                rule, angle = Over(seam.carrier.panel), seam.angle_deg
        if isinstance(rule, Over):
            other = self.others[rule.panel]
            return stop_over(panel.layer, other.layer, self.t, angle) + setback(panel.air, other.air, angle)
        if isinstance(rule, Against):
            other = self.others[rule.panel]
            return (stop_against(panel.layer, other.layer, self.t, angle)
                    + setback(panel.air, other.air, angle))
        if isinstance(rule, Meets):
            return bend_setback(self._panel_depth(panel), self._panel_depth(panel), rule.angle_deg)
        if isinstance(rule, Level):
            return (stop_against(panel.layer, 0.0, self.t, rule.angle_deg, 0.0)
                    + setback(panel.air, 0.0, rule.angle_deg))
        if isinstance(rule, Inset):
            return -rule.by
        return -RELIEF_MM if isinstance(rule, Within) else 0.0

    # -- folds -------------------------------------------------------------------------------------------

    def _fold_line(self, work: Mapping[str, Work], number: int, fold: Fold,
                   slit: float = 0.0) -> tuple[tuple[Point, Point], tuple[Point, Point]]:
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

    def _lay_flat(self, lines: list[tuple[tuple[Point, Point], tuple[Point, Point]]]) -> dict[str, Rigid]:
        frames = {self.piece.root: STAY}
        waiting = [(fold, line) for fold, line in zip(self.folds, lines, strict=True) if not fold.closing]
        while waiting:
            ready = [(f, line) for f, line in waiting if f.a.panel in frames]
            if not ready:
                raise GeometryError("its folds do not join all panels to the root",
                                    say("piece {piece}", piece=self.piece.name))
            for fold, (on_a, on_b) in ready:
                if fold.b.panel in frames:
                    raise GeometryError("its folds form a ring",
                                        say("piece {piece}, panel {panel}", piece=self.piece.name,
                                            panel=fold.b.panel))
                frames[fold.b.panel] = _joined_frame(frames[fold.a.panel], on_a, on_b)
            waiting = [(f, line) for f, line in waiting if f.b.panel not in frames]
        return frames

    def _flat_fold(self, fold: Fold, line: tuple[tuple[Point, Point], tuple[Point, Point]],
                   frames: Mapping[str, Rigid]) -> FlatFold:
        frame = frames[fold.a.panel]
        if fold.angle_deg == FLAT_DEG:
            depths = [self._panel_depth(self.piece.panel(edge.panel)) for edge in (fold.a, fold.b)]
            return FlatFold(fold.a.panel, fold.b.panel, frame.apply(line[0][0]), frame.apply(line[0][1]),
                            fold.signed_deg,
                            fold.take_mm + self._gain(FLAT_DEG) + 2 * flat_setback(*depths), fold.step,
                            apart_mm=abs(sum(depths)))
        return FlatFold(fold.a.panel, fold.b.panel, frame.apply(line[0][0]), frame.apply(line[0][1]),
                        fold.signed_deg,
                        fold.take_mm + (0.0 if fold.bend or fold.curved else self._gain(fold.angle_deg)),
                        fold.step, fold.bend,
                        fold.closing, fold.curved)

    def _panel(self, work: Work, frame: Rigid) -> FlatPanel:
        for halving in work.panel.halvings:
            halve(work, halving, self.t)
        for edge, sweep in work.panel.curves:
            if work.labels[edge] == [None]:  # not where teeth stand on it
                work.sides[edge] = (arc_on(work.sides[edge][0].start, work.sides[edge][0].end, sweep),)
        run_on(work)
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
        return FlatPanel(work.panel.name, work.panel.role, work.panel.layer, work.depth, tuple(path),
                         tuple(labels), frame,
                         work.panel.guides, work.panel.whole,
                         (*work.panel.holes, *(slot_path(s, self.t) for s in work.panel.slots)))

    def _free(self, work: Work, edge: int) -> bool:
        """Whether a side is one straight cut that no seam needs."""
        here = EdgeRef(work.panel.name, edge)
        straight = work.labels[edge] == [None] and isinstance(work.sides[edge][0], Line)
        return straight and here not in self.hosted and here not in self.carried


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
