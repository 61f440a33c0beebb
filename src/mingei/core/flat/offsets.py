"""How far every side of a piece's panels runs past its nominal line: folds by their setback and the crease's
gain, the sides of seams as their joints say, free edges to the face they stop at.
"""

from __future__ import annotations

import math

from mingei.core.draft import (
    Against,
    Edge,
    EdgeRef,
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
    Within,
    Wound,
)
from mingei.core.draft.joint import Stands
from mingei.core.errors import StockError
from mingei.core.flat.given import Given
from mingei.core.flat.soft import led_over, rolled_length
from mingei.core.flat.tabs import fold_back_deg
from mingei.core.length import write_mm
from mingei.core.offset import (
    FLAT_DEG,
    RELIEF_MM,
    Slab,
    bend_setback,
    crease_gain,
    flat_setback,
    run_over,
    setback,
    stop_against,
    stop_over,
)
from mingei.core.tolerance import TOLERANCE
from mingei.core.words import say

#: So deep, as a share of a board, a channel may be cut (common practice: two thirds are left).
_DEEPEST = 0.6


class Offsets:
    """Of the panels of one piece."""

    def __init__(self, known: Given, piece: Piece) -> None:
        self.given, self.stock = known, known.stocks[piece.root]
        self.t = self.stock.caliper_mm

    def of(self, panel: Panel, edge: int) -> float:
        """How far (mm) a side runs past its nominal line."""
        here, bodies = EdgeRef(panel.name, edge), self.given.bodies
        own = bodies[panel.name]
        if here in self.given.folded:
            return self._fold_offset(here)
        if here in self.given.fin_edges:
            back = fold_back_deg(self.given.fin_edges[here])
            return setback(own.mid, self.t / 2, -back) + self.gain(back) / 2
        rule, angle = panel.edge_rule(edge), 0.0
        if (seam := self.given.carried.get(here)) is not None:
            if seam.joint.carrier is None:
                return (setback(own.mid, self.given.tab_depth(seam), seam.angle_deg)
                        + self.gain(seam.angle_deg) / 2)
            met = bodies[seam.host.panel]
            if isinstance(seam.host, LineOn) and not seam.host.inside:  # as it is seen from its printed face
                met = Slab(-met.outer, -met.inner)
            return seam.joint.carrier(Meeting(own, met, seam.angle_deg, self.deep(seam)))
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
        return self.by_rule(panel, rule, angle)

    def by_rule(self, panel: Panel, rule: Edge, angle: float = 0.0) -> float:
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
                    + self.by_rule(panel, rule.along))
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
        return turn.take_mm / 2 + (round_it + self.gain(turn.signed_deg) / 2)

    def deep(self, seam: Seam) -> float:
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

    def gain(self, angle_deg: float) -> float:
        return crease_gain(self.stock.crease_gain_mm, angle_deg)

    def mitred(self, here: EdgeRef) -> float | None:
        """How far a side would run past its nominal line up to where its mid-surface meets that of a panel
        beyond its seam that lies alike, mm; None where no seam is."""
        seam = self.given.carried.get(here) or self.given.hosted.get(here)
        if seam is None:
            return None
        mid = self.given.bodies[here.panel].mid
        return setback(mid, mid, seam.angle_deg)

    def run_over(self, panel: Panel) -> dict[int, float]:
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
