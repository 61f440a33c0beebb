"""A mesh cut into pieces that lie flat without lying over themselves and fit a sheet.

Where every edge that is cut wants room for a tab, the faces are joined one by one, long and flat edges first,
and nothing is joined that leaves slits.  For as few pieces as may be they are parted from one tree, and then
joined again.  What a person joined or parted comes before all else.  The same mesh and measures give the same
pieces.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Collection

import numpy as np

from mingei.core.mesh.flats import (
    Array,
    Flats,
    Room,
    areas_of,
    fits,
    laid,
    ring_edges,
    strips_beside,
    worths,
)
from mingei.core.mesh.mesh import Mesh
from mingei.core.mesh.pieces import Cut, Pieces, as_cut

#: Where slits are kept few, pieces once refused are tried again so many times.
_ROUNDS = 3

def cut_up(mesh: Mesh, room: Room, step: Callable[[float], None] = lambda share: None,
           joined: Collection[tuple[int, int]] = (), parted: Collection[tuple[int, int]] = (),
           whole: bool = False) -> Cut:
    """Cut a mesh into pieces that lie flat and are as the room wants them.  step: told how far it is, 0 to 1;
    may raise to stop; joined, parted: edges, each as its two corners in order, where faces are to hang
    together, before all others and whatever slits that leaves, or to be cut; whole: no others are joined."""
    flats = Flats(mesh)
    if whole and (cut := _of_edges(flats, room, joined)) is not None:
        return cut
    if joined or parted:
        pieces, worth = _by_hand(flats, room, joined, parted)
        rounds = _ROUNDS
    elif room.slits < 1.0:
        pieces, rounds = Pieces.single(flats, room), _ROUNDS
        worth = worths(mesh)
    else:
        pieces, rounds = Pieces.of_tree(flats, room, step), 1
        worth = {(a, b, f, o): float(np.linalg.norm(mesh.corners[a] - mesh.corners[b]))
                 for a, b, f, o in mesh.edges if pieces.root[f] != pieces.root[o]}
    waiting = sorted(worth, key=lambda e: (-worth[e], e))
    for again in range(rounds):
        refused = []
        for number, edge in enumerate(waiting):
            if number % 50 == 0:
                step(0.6 + 0.4 * (again + number / len(waiting)) / rounds)
            if not pieces.join(*edge):
                refused.append(edge)
        if len(refused) == len(waiting):
            break
        waiting = refused
    cut = pieces.cut()
    return cut._replace(refused=tuple(
        (a, b) for a, b, face, other in mesh.edges if tuple(sorted((a, b))) in joined
        and frozenset((face, other)) not in pieces.links)) if joined else cut


def _by_hand(flats: Flats, room: Room, joined: Collection[tuple[int, int]],
             parted: Collection[tuple[int, int]]) -> tuple[Pieces, dict[tuple[int, int, int, int], float]]:
    """The pieces once what a person wanted joined is, and what the other edges are worth that may be."""
    mesh = flats.mesh
    pieces = Pieces.single(flats, room)
    worth = worths(mesh)
    named = {edge: (min(edge[:2]), max(edge[:2])) for edge in worth}
    for edge in sorted(worth, key=lambda e: (-worth[e], e)):
        if named[edge] in joined:
            pieces.join(*edge, anyhow=True)
    return pieces, {e: w for e, w in worth.items() if named[e] not in joined and named[e] not in parted}


def _of_edges(flats: Flats, room: Room, joined: Collection[tuple[int, int]]) -> Cut | None:
    """The pieces some edges make, all at once; None where they form a ring, faces lie over each other, or a
    piece does not fit."""
    from shapely import STRtree

    mesh = flats.mesh
    hang: dict[int, list[tuple[int, tuple[int, int]]]] = {f: [] for f in range(len(mesh.faces))}
    links = set()
    for a, b, face, other in mesh.edges:
        if (min(a, b), max(a, b)) in joined:
            if frozenset((face, other)) in links:
                return None
            links.add(frozenset((face, other)))
            hang[face].append((other, (a, b)))
            hang[other].append((face, (b, a)))
    at: dict[int, Array] = {}
    pieces: list[list[int]] = []
    for root in range(len(mesh.faces)):
        if root in at:
            continue
        at[root] = np.array(((1.0, 0.0), (0.0, 1.0), (0.0, 0.0)))
        piece, hung = [root], {root: -1}
        for face in piece:
            for other, (a, b) in hang[face]:
                if other == hung[face]:
                    continue
                if other in hung:
                    return None
                hung[other] = face
                at[other] = flats.beside(a, b, face, other, at[face])
                piece.append(other)
        pieces.append(piece)
    for piece in pieces:
        if len(piece) == 1:
            continue
        if not fits(flats, piece, at, room._replace(largest=math.inf)):
            return None
        areas = areas_of(flats, piece, at)
        one, two = STRtree(areas).query(areas, predicate="intersects")
        if bool((one != two).any()):
            return None
    return as_cut(flats, pieces, links, room)


def joined_edges(mesh: Mesh, cut: Cut) -> tuple[tuple[int, int], ...]:
    """The edges along which faces hang together, each as its two corners in order."""
    return tuple((min(a, b), max(a, b)) for a, b, face, other in mesh.edges
                 if cut.parents[face] == other or cut.parents[other] == face)


def crowded(mesh: Mesh, cut: Cut, reach: float) -> frozenset[tuple[int, int]]:
    """The directed edges, of faces that are cut there, beside which the flat has less room than that, mm."""
    from shapely import STRtree

    flats = Flats(mesh)
    found: set[tuple[int, int]] = set()
    for piece in cut.pieces:
        at = laid(flats, piece, cut.parents)
        areas = areas_of(flats, piece, at)
        sides, owners = [], []
        for number, face in enumerate(piece):
            for i, (a, b) in enumerate(ring_edges(mesh.faces[face])):
                other = mesh.beside.get((b, a))
                if other is None or cut.parents[other] == face or cut.parents[face] == other:
                    continue
                sides.append((face, i))
                owners.append((number, (a, b)))
        if sides:
            strips = strips_beside(flats, sides, at, reach)
            one, two = STRtree(areas).query(strips, predicate="intersects")
            found |= {owners[i][1] for i, j in zip(one.tolist(), two.tolist(), strict=True)
                      if owners[i][0] != j}
    return frozenset(found)
