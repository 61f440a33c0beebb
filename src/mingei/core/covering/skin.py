"""A second layer over pieces: each piece's panels once more without tabs, in thin paper, laid over the first
when all stands, and printed in its stead.

A skin rides on the root of its piece and is folded as that is.  Where panels turn away from each other its
edges end where two skins' inner faces meet, in a hollow where their outer faces do, less a hair.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Mapping, Sequence
from dataclasses import replace

from mingei.core.draft import Draft, Edge, EdgeRef, Inset, Panel, Piece
from mingei.core.flat.develop import develop
from mingei.core.flat.pattern import Pattern, Ride, enlarged
from mingei.core.stock import Stock
from mingei.core.words import say

#: The part skins belong to, and what they are usually cut from.
SKIN, SKIN_STOCK_ID = "skin", "paper-100"
#: The edges of two skins keep so far (mm) from each other, half of it each (from experience).
_HAIR_MM = 0.15


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
        drawn = Draft((_skin(piece, host.stock.caliper_mm, stock.caliper_mm, turns),), closes=False)
        up = (host.stock.caliper_mm + stock.caliper_mm) / 2
        rode.append(replace(enlarged(develop(drawn, stock)[0], factor), copies=host.copies,
                            rides=Ride(bare, piece.root, up, False)))
    return (*pieces.values(), *rode)


def _turns(draft: Draft) -> Mapping[EdgeRef, float]:
    """By side, how far the panel beyond its seam turns away, degrees."""
    return {site: seam.angle_deg for piece in draft.pieces for seam in piece.seams
            for site in (seam.carrier, seam.host) if isinstance(site, EdgeRef)}


def _skin(piece: Piece, card: float, paper: float, turns: Mapping[EdgeRef, float]) -> Piece:
    """The skin of a piece, its middle half of each caliper outside the middle of the card."""
    layer = card / 2 / paper  # the card's middle is the nominal plane

    def edge(panel: Panel, number: int) -> Edge:
        turn = math.radians(turns.get(EdgeRef(panel.name, number), 0.0))
        meets = (card / 2 if turn >= 0.0 else card / 2 + paper) * math.tan(turn / 2)
        return Inset(_HAIR_MM / 2 - meets)

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
