"""What developing needs to know of a draft, worked out once for all its pieces and never changed after.

Seams are known alike whether they join panels of one piece or of two: by the side that bears them, by the
side they land on, by the panel and face that tabs share.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from typing import NamedTuple

from mingei.core.draft import Draft, EdgeRef, LineOn, Panel, Piece, Role, Seam, strap
from mingei.core.draft.joint import Adds
from mingei.core.offset import FLAT_DEG, Measured, Slab, slab
from mingei.core.stock import Stock


class Turn(NamedTuple):
    """What a folded side turns into: the other side, by how much (degrees, mountain positive), and what the
    fold takes up besides, mm; whether it is a bend, or part of a curved score."""

    other: EdgeRef
    signed_deg: float
    take_mm: float
    bend: bool
    curved: bool


@dataclass(frozen=True, eq=False)
class Given:
    """A draft in its stocks, as tabs and sides ask of it.

    stocks, pieces: by panel; bodies: where the body of every panel lies; folded: by side; carried, hosted:
    the seam a side bears, or that lands on it; standing: by panel, the seams that stand on its face;
    crossing: by panel, the lines where it is cut in for others that cross it, and which; tabs,
    fins: by piece, the seams that add a tab, straps among them, and the flaps it bears, each with whether it
    is its fin's first or second; straps: by name,
    the seam a strap is of; fin_edges: by side, its fin; bearing: the sides a tab or flap hangs on; sharing:
    by host and whether it is its outer face, the sides that tabs land on; numbers: of every seam, or of its
    row; landing: by panel, the seams of other pieces whose host it is; slid: the panels that another slides
    over.
    """

    draft: Draft
    panels: Mapping[str, Panel]
    pieces: Mapping[str, Piece]
    stocks: Mapping[str, Stock]
    bodies: Mapping[str, Slab]
    folded: Mapping[EdgeRef, Turn]
    carried: Mapping[EdgeRef, Seam]
    hosted: Mapping[EdgeRef, Seam]
    standing: Mapping[str, tuple[Seam, ...]]
    crossing: Mapping[str, tuple[tuple[LineOn, str], ...]]
    tabs: Mapping[str, tuple[Seam, ...]]
    fins: Mapping[str, tuple[tuple[Seam, int], ...]]
    straps: Mapping[str, str]
    fin_edges: Mapping[EdgeRef, Seam]
    bearing: frozenset[EdgeRef]
    sharing: Mapping[tuple[str, bool], frozenset[int]]
    numbers: Mapping[str, int]
    landing: Mapping[str, tuple[Seam, ...]]
    slid: frozenset[str]

    def depth(self, panel: str) -> float:
        """How far a panel's mid-surface lies from the face the brief measures, mm, outward positive."""
        return self.bodies[panel].mid

    def thick(self, panel: str) -> float:
        """How thick a panel is, mm."""
        return self.stocks[panel].caliper_mm

    def tab_depth(self, seam: Seam) -> float:
        """Where the mid-surface of a tab lies: against the inner face of its host; of a strap, against the
        outer."""
        host, half = self.bodies[seam.host.panel], self.thick(seam.carrier.panel) / 2
        return host.outer + half if seam.name in self.straps else host.inner - half


def given(draft: Draft, stock: Stock, parts: Mapping[str, Stock]) -> Given:
    """Look through a draft once.  parts: the stocks of parts that have their own."""
    panels = {p.name: p for piece in draft.pieces for p in piece.panels}
    pieces = {p.name: piece for piece in draft.pieces for p in piece.panels}
    stocks = {name: parts.get(piece.part, stock) for name, piece in pieces.items()}
    straps = {piece.name: [(strap(piece, s), s.name) for s in piece.seams if s.joint.has_strap]
              for piece in draft.pieces}
    tabs = {piece.name: (*(s for s in piece.seams if s.joint.has_tab), *(s for s, _ in straps[piece.name]))
            for piece in draft.pieces}
    finned = [s for piece in draft.pieces for s in piece.seams if s.joint.has_flaps]
    fins: dict[str, list[tuple[Seam, int]]] = {piece.name: [] for piece in draft.pieces}
    for seam in finned:
        for number, site in enumerate((seam.carrier, seam.host)):
            fins[pieces[site.panel].name].append((seam, number))
    every = [(piece, s) for piece in draft.pieces for s in piece.seams]
    # of several on one side the first counts, a seam before a strap, one of the same piece before another's
    hung = [s for _, s in every] + [s for found in straps.values() for s, _ in found]
    landed = [s for piece, s in every if pieces.get(s.host.panel) is piece] + [
        s for piece in draft.pieces for s in (*piece.seams, *tabs[piece.name])]
    carried: dict[EdgeRef, Seam] = {}
    hosted: dict[EdgeRef, Seam] = {}
    for seam in hung:
        if isinstance(seam.carrier, EdgeRef):
            carried.setdefault(seam.carrier, seam)
    for seam in landed:
        if isinstance(seam.host, EdgeRef):
            hosted.setdefault(seam.host, seam)
    names = {s.name: of for found in straps.values() for s, of in found}
    sharing: dict[tuple[str, bool], set[int]] = {}
    for seam in (s for found in tabs.values() for s in found):
        if isinstance(seam.host, EdgeRef):
            sharing.setdefault((seam.host.panel, seam.name in names), set()).add(seam.host.edge)
    for seam in (s for _, s in every if s.joint.adds is Adds.STRIP):  # it lands on both
        for site in (seam.carrier, seam.host):
            if isinstance(site, EdgeRef):
                sharing.setdefault((site.panel, False), set()).add(site.edge)
    numbers: dict[str, int] = {}
    standing: dict[str, list[Seam]] = {}
    crossing: dict[str, list[tuple[LineOn, str]]] = {}
    landing: dict[str, list[Seam]] = {}
    for piece, seam in every:
        numbers.setdefault(seam.row or seam.name, len(numbers) + 1)
        if isinstance(seam.carrier, LineOn) and isinstance(seam.host, LineOn):
            crossing.setdefault(seam.carrier.panel, []).append((seam.carrier, seam.host.panel))
            crossing.setdefault(seam.host.panel, []).append((seam.host, seam.carrier.panel))
        elif isinstance(seam.host, LineOn):
            standing.setdefault(seam.host.panel, []).append(seam)
        if pieces.get(seam.host.panel) is not piece:
            landing.setdefault(seam.host.panel, []).append(seam)
    fin_edges = {edge: s for s in finned for edge in (s.bearer, s.host)
                 if isinstance(edge, EdgeRef)}
    bearing = frozenset(s.bearer for found in tabs.values() for s in found) | frozenset(fin_edges)
    return Given(draft, panels, pieces, stocks, _bodies(draft, panels, stocks), _folded(draft), carried,
                 hosted,
                 {name: tuple(found) for name, found in standing.items()},
                 {name: tuple(found) for name, found in crossing.items()}, tabs,
                 {name: tuple(found) for name, found in fins.items()}, names, fin_edges,
                 bearing, {key: frozenset(sides) for key, sides in sharing.items()}, numbers,
                 {name: tuple(found) for name, found in landing.items()},
                 frozenset(p.over for p in panels.values() if p.over))


def _folded(draft: Draft) -> dict[EdgeRef, Turn]:
    return {here: Turn(other, f.signed_deg, f.take_mm, f.bend, f.curved)
            for piece in draft.pieces for f in piece.folds for here, other in ((f.a, f.b), (f.b, f.a))}


def _bodies(draft: Draft, panels: Mapping[str, Panel], stocks: Mapping[str, Stock]) -> dict[str, Slab]:
    """Where every panel's body lies: on its layer, or against the panel it lies on, of whatever stock."""
    turned_over = {f.b.panel for piece in draft.pieces for f in piece.folds if f.angle_deg == FLAT_DEG}
    turned_over |= {p.name for p in panels.values() if p.role is Role.LINING}  # it looks into the room
    found: dict[str, Slab] = {}

    def body(panel: Panel) -> Slab:
        if panel.name in found:
            return found[panel.name]
        t = stocks[panel.name].caliper_mm
        lies = panel.on or panel.under
        if lies:
            beneath = body(panels[lies])
            mid = (beneath.outer + t / 2 + panel.air if panel.on else beneath.inner - t / 2 - panel.air)
            # its own outside looks the other way
            found[panel.name] = slab(-mid if panel.under and panel.name in turned_over else mid, t)
        else:
            low, high = panel.layer * t + panel.air, (panel.layer + 1) * t + panel.air
            found[panel.name] = Slab(low, high) if draft.measured is Measured.INSIDE else Slab(-high, -low)
        return found[panel.name]

    for panel in panels.values():
        body(panel)
    return found
