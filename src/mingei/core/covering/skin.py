"""A second layer over pieces: each piece's panels once more without tabs, in thin paper, laid over the first
when all stands, and printed in its stead.

A skin rides on the root of its piece and is folded as that is.  Where panels turn away from each other its
edges end where two skins' inner faces meet, in a hollow where their outer faces do, less a hair; beside a
slit so narrow that two of them would lie over each other on the flat, both end further in.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Mapping, Sequence
from dataclasses import replace

from mingei.core.draft import Draft, Edge, EdgeRef, Inset, Panel, Piece
from mingei.core.flat.develop import develop
from mingei.core.flat.pattern import Pattern, Ride, enlarged
from mingei.core.plane.area import area_of
from mingei.core.stock import Stock
from mingei.core.words import say

#: The part skins belong to, and what they are usually cut from.
SKIN, SKIN_STOCK_ID = "skin", "paper-100"
#: The edges of two skins keep so far (mm) from each other, half of it each (from experience).
_HAIR_MM = 0.15
#: Beside a narrow slit they end so far (mm) inside the card, as little of that as does; less than this of one
#: over another on the flat, mm2, is nothing.
_EASED_MM, _NOTHING_MM2 = (0.0, 0.1, 0.2, 0.4), 1e-6


def with_skins(draft: Draft, patterns: Sequence[Pattern], stock_of: Callable[[str], Stock],
               factor: float = 1.0) -> tuple[Pattern, ...]:
    """The pieces, and after them a skin for every piece that asks for one, which takes over what is printed
    on it.

    patterns: the draft's pieces, laid flat, in its order; stock_of: the stock of a part; factor: by how much
    the pieces were enlarged as drawings.
    """
    asked = [piece for piece in draft.pieces if piece.skin]
    if not asked:
        return tuple(patterns)
    stock = stock_of(SKIN)
    turns = _turns(draft)
    pieces = {pattern.name: pattern for pattern in patterns}
    rode = []
    for piece in asked:
        host = pieces[piece.name]
        bare = replace(host, panels=tuple(replace(p, tint=None, said="", wrap=None) for p in host.panels))
        pieces[piece.name] = bare
        drawn = _drawn(piece, host.stock.caliper_mm, stock, turns)
        up = (host.stock.caliper_mm + stock.caliper_mm) / 2
        rode.append(replace(enlarged(drawn, factor), copies=host.copies,
                            rides=Ride(bare, piece.root, up, False)))
    return (*pieces.values(), *rode)


def _turns(draft: Draft) -> Mapping[EdgeRef, float]:
    """By side, how far the panel beyond its seam turns away, degrees."""
    return {site: seam.angle_deg for piece in draft.pieces for seam in piece.seams
            for site in (seam.carrier, seam.host) if isinstance(site, EdgeRef)}


def _drawn(piece: Piece, card: float, stock: Stock, turns: Mapping[EdgeRef, float]) -> Pattern:
    """The skin of a piece, laid flat, none of it over itself."""
    def laid() -> Pattern:
        skin = _skin(piece, card, stock.caliper_mm, turns, eased)
        return develop(Draft((skin,), closes=False), stock)[0]

    eased: dict[str, float] = {}
    pattern = laid()
    for least in _EASED_MM:
        over = _over_others(pattern)
        if not over:
            break
        eased |= dict.fromkeys(over, least)
        pattern = laid()
    return pattern


def _over_others(pattern: Pattern) -> set[str]:
    """The panels that lie over others on the flat."""
    from shapely import STRtree, area, intersection

    areas = [area_of(panel.flat_polygon) for panel in pattern.panels]
    one, other = STRtree(areas).query(areas, predicate="intersects")
    several = one < other
    shared = area(intersection([areas[i] for i in one[several]], [areas[i] for i in other[several]]))
    real = shared > _NOTHING_MM2
    return {pattern.panels[i].name for i in {*one[several][real].tolist(), *other[several][real].tolist()}}


def _skin(piece: Piece, card: float, paper: float, turns: Mapping[EdgeRef, float],
          eased: Mapping[str, float]) -> Piece:
    """The skin of a piece, its middle half of each caliper outside the middle of the card.  eased: by panel
    of it, how far inside the card its edges end at the least, mm."""
    layer = card / 2 / paper  # the card's middle is the nominal plane

    def edge(panel: Panel, number: int) -> Edge:
        turn = math.radians(turns.get(EdgeRef(panel.name, number), 0.0))
        meets = (card / 2 if turn >= 0.0 else card / 2 + paper) * math.tan(turn / 2)
        return Inset(max(_HAIR_MM / 2 - meets, eased.get(named(panel.name), -math.inf)))

    def named(panel: str) -> str:
        return say("{panel} skin", panel=panel)

    folded = {side for fold in piece.folds for side in (fold.a, fold.b)}
    panels = tuple(replace(panel, name=named(panel.name), layer=layer, edges=tuple(
        (number, edge(panel, number)) for number in range(len(panel.outline))
        if EdgeRef(panel.name, number) not in folded)) for panel in piece.panels)
    folds = tuple(fold._replace(a=fold.a._replace(panel=named(fold.a.panel)),
                                b=fold.b._replace(panel=named(fold.b.panel))) for fold in piece.folds)
    return Piece(say("skin of {piece}", piece=piece.name), named(piece.root), piece.placement, panels,
                 folds=folds, crowded=piece.crowded, part=SKIN)
