"""What is cut besides for a thing that is joined to another, and goes with it: the strip on which it tips up,
glued on a panel of it, through a slit in that, through a slit in the other, and glued behind that; the washer
behind the slot in which it slides.

It rides on the thing's own panel.  A strip is bent from the first as it lies when all is shut; its one fold
that lies flat then opens with what it hinges.
"""

from __future__ import annotations

from collections.abc import Callable, Collection, Sequence
from dataclasses import replace
from itertools import chain, count
from typing import NamedTuple

from mingei.core.draft import Draft, EdgeRef, Piece
from mingei.core.flat.develop import develop
from mingei.core.flat.pattern import Pattern, Ride
from mingei.core.plane.shape import Rigid
from mingei.core.stock import Stock

#: The part such strips belong to, and what those between things are usually cut from.
HINGES, HINGE_STOCK_ID = "hinges", "bookcloth-200"
#: The strip's name; the part and the name of a washer.
LEAF = "hinge strip"
WASHERS, WASHER = "washers", "washer"
#: A fold that turns less, degrees, lies flat.
_FLAT_DEG = 1e-6


class Leaf(NamedTuple):
    """piece: as it lies; panel: it is glued on, or goes with; inside: on its inner face; at: how its root
    lies in the panel's coordinates, seen from that face; off: so far off the panel, mm; loose: it is not
    glued there."""

    piece: Piece
    panel: str
    inside: bool
    at: Rigid
    off: float = 0.0
    loose: bool = False


def with_leaves(patterns: Sequence[Pattern], leaves: Sequence[Leaf],
                stock_of: Callable[[str], Stock]) -> tuple[Pattern, ...]:
    """The pieces, and after them what goes with them.  stock_of: the stock of a part."""
    rode = []
    taken = {name for p in patterns for name in (p.name, *p.by_name)}
    for leaf in leaves:
        stock = stock_of(leaf.piece.part)
        host = next(p for p in patterns if leaf.panel in p.by_name and p.rides is None)
        up = (host.stock.caliper_mm + stock.caliper_mm) / 2 + leaf.off
        rode.append(replace(develop(Draft((_named(leaf.piece, taken),), closes=False), stock)[0],
                            copies=host.copies,
                            rides=Ride(host, leaf.panel, up, leaf.inside, leaf.at, loose=leaf.loose)))
    return (*patterns, *rode)


def _named(piece: Piece, taken: Collection[str]) -> Piece:
    """The piece, with a number where something a person made has its name already; so its panels."""
    names = (piece.name, *(panel.name for panel in piece.panels))
    more = next(word for word in chain([""], (f" {i}" for i in count(2)))
                if not any(f"{name}{word}" in taken for name in names))
    if not more:
        return piece

    def at(site: EdgeRef) -> EdgeRef:
        return site._replace(panel=f"{site.panel}{more}")

    return replace(piece, name=f"{piece.name}{more}", root=f"{piece.root}{more}",
                   panels=tuple(replace(panel, name=f"{panel.name}{more}") for panel in piece.panels),
                   folds=tuple(fold._replace(a=at(fold.a), b=at(fold.b)) for fold in piece.folds))


def is_hinge(pattern: Pattern) -> bool:
    """Whether it is a strip that one thing tips up on another by."""
    return pattern.covers and pattern.part == HINGES


def opened(pattern: Pattern, tipped: float) -> Pattern:
    """A piece while its thing is tipped up so far, degrees: the strip it turns on opens with it."""
    if not is_hinge(pattern) or not tipped:
        return pattern
    return replace(pattern, folds=tuple(f._replace(angle_deg=-tipped) if abs(f.angle_deg) < _FLAT_DEG else f
                                        for f in pattern.folds))
