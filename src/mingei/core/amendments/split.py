"""Splits: a piece cut in two at a fold, to be joined again by a glued tab, where it would be too large for
the sheet.

The panel beyond the fold, with all that hangs on it, becomes a piece of its own.  It stands where folding
would have brought it; its edge bears a tab that lies inside the panel it was cut from, which steps one layer
out for it where the brief measures the inside.
"""

from __future__ import annotations

import math
from collections.abc import Iterable, Sequence
from dataclasses import replace
from typing import NamedTuple, TypeAlias

from mingei.core.amendments.amend import relayered
from mingei.core.data.extra import Extra
from mingei.core.draft import Crease, Draft, Fold, Piece, Placement, Role, Seam
from mingei.core.joints import GLUE_TAB
from mingei.core.plane.shape import Point
from mingei.core.words import say

_Vector: TypeAlias = tuple[float, float, float]
#: How deep the tab is that joins the two, mm, and how sharp a fold it finds a corner in, degrees.
TAB_MM, _LEAST_DEG, _MOST_DEG = 12.0, 30.0, 150.0


class Split(NamedTuple):
    """A panel that is a piece of its own, with all that hangs on it."""

    panel: str
    extra: Extra = ()


def why_not(draft: Draft, panel: str) -> str:
    """Why a piece cannot be cut at the fold before a panel, "" when it can."""
    for piece in draft.pieces:
        for fold in piece.folds:
            if fold.b.panel == panel:
                if fold.bend or fold.curved or fold.closing:
                    return say("it is one face with its neighbour")
                if (any(f.curved or f.angle_deg == 0.0 for f in piece.folds)
                    or any(s.joint.has_flaps for s in piece.seams)):
                    return say("this construction is one piece")
                if fold.crease is not Crease.MOUNTAIN or not _LEAST_DEG <= fold.angle_deg <= _MOST_DEG:
                    return say("a tab finds no corner there")
                if (piece.panel(panel).role is not Role.WALL
                    or piece.panel(fold.a.panel).role is not Role.WALL):
                    return say("only walls are joined so")
                if piece.panel(panel).on or piece.panel(fold.a.panel).on:
                    return say("it is glued over what it covers")
                if piece.panel(fold.a.panel).slots:
                    return say("other boards stand on the {panel}", panel=fold.a.panel)
                laps = {name for other in draft.pieces for lap in other.laps
                        for name in (lap.upper, lap.lower)}
                if piece.crowded or {panel, fold.a.panel} & laps:
                    return say("other panels are glued face to face there")
                return ""
    return say("no fold leads to it")


def split(draft: Draft, panels: Iterable[str]) -> Draft:
    """The draft with pieces cut at the folds before these panels; where that cannot be, with these measures,
    they stay as they are."""
    for panel in panels:
        number = next((i for i, p in enumerate(draft.pieces) if any(f.b.panel == panel for f in p.folds)),
                      None)
        if number is None or why_not(draft, panel):
            continue
        parts = _split(draft.pieces[number], panel)
        draft = relayered(draft,
                          replace(draft, pieces=(*draft.pieces[:number], *parts, *draft.pieces[number + 1:])))
    return draft


def _split(piece: Piece, panel: str) -> tuple[Piece, Piece]:
    """The piece and what is cut off it."""
    fold = next(f for f in piece.folds if f.b.panel == panel)
    beyond = _beyond(piece, panel)
    join = Seam(say("{name} join", name=panel), GLUE_TAB, fold.b, fold.a, TAB_MM, 1, fold.angle_deg)
    stays = replace(piece, panels=tuple(p for p in piece.panels if p.name not in beyond),
                    folds=tuple(f for f in piece.folds if f.b.panel not in beyond),
                    seams=tuple(s for s in piece.seams if s.carrier.panel not in beyond),
                    laps=tuple(lap for lap in piece.laps if lap.lower not in beyond))
    goes = replace(piece, name=say("{piece} {panel}", piece=piece.name, panel=panel), root=panel,
                   placement=_stands(piece, panel),
                   panels=tuple(p for p in piece.panels if p.name in beyond),
                   folds=tuple(f for f in piece.folds if f.b.panel in beyond and f is not fold),
                   seams=(*(s for s in piece.seams if s.carrier.panel in beyond), join),
                   laps=tuple(lap for lap in piece.laps if lap.lower in beyond))
    return stays, goes


def _beyond(piece: Piece, panel: str) -> set[str]:
    """A panel and all that hangs on it."""
    found, more = {panel}, True
    while more:
        added = {f.b.panel for f in piece.folds if f.a.panel in found} - found
        found |= added
        more = bool(added)
    return found


def _stands(piece: Piece, panel: str) -> Placement:
    """Where a panel's nominal plane stands when all is folded."""
    above = {f.b.panel: f for f in piece.folds}
    way: list[Fold] = []
    name = panel
    while name in above:
        way.append(above[name])
        name = above[name].a.panel
    placement = piece.placement
    for fold in reversed(way):
        placement = _folded(piece, fold, placement)
    return placement


def _folded(piece: Piece, fold: Fold, parent: Placement) -> Placement:
    """The child's placement, its edge on the parent's, turned away from the printed face by the fold's
    angle."""
    p, q = _edge(piece, fold.a.panel, fold.a.edge)
    s, e = _edge(piece, fold.b.panel, fold.b.edge)  # runs the other way
    o, u, v = parent.origin, parent.u, parent.v
    n = _cross(u, v)
    along = _scaled(_plus(_scaled(u, q[0] - p[0]), _scaled(v, q[1] - p[1])), 1.0 / math.dist(p, q))
    outward = _cross(along, n)  # in the parent's plane, away from it: the panel lies to the left of its edge
    angle = math.radians(fold.signed_deg)
    # along the child's face, away from the fold
    on = _plus(_scaled(outward, math.cos(angle)), _scaled(n, -math.sin(angle)))
    ex, ey = (e[0] - s[0]) / math.dist(s, e), (e[1] - s[1]) / math.dist(s, e)
    back = _scaled(along, -1.0)  # the child's edge, from s to e
    cu = _plus(_scaled(back, ex), _scaled(on, -ey))
    cv = _plus(_scaled(back, ey), _scaled(on, ex))
    start = _plus(o, _plus(_scaled(u, q[0]), _scaled(v, q[1])))
    return Placement(_plus(start, _plus(_scaled(cu, -s[0]), _scaled(cv, -s[1]))), cu, cv)


def _edge(piece: Piece, panel: str, edge: int) -> tuple[Point, Point]:
    points: Sequence[Point] = piece.panel(panel).outline
    return points[edge], points[(edge + 1) % len(points)]


def _plus(a: _Vector, b: _Vector) -> _Vector:
    return a[0] + b[0], a[1] + b[1], a[2] + b[2]


def _scaled(a: _Vector, k: float) -> _Vector:
    return a[0] * k, a[1] * k, a[2] * k


def _cross(a: _Vector, b: _Vector) -> _Vector:
    return a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]
