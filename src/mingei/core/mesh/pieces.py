"""Pieces of a mesh that grow: faces laid side by side on the flat, joined where the whole lies over nothing
of its own, fits, and leaves no more slits than it may.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from typing import Any, NamedTuple

import numpy as np

from mingei.core.mesh.flats import (
    Array,
    Flats,
    Room,
    areas_of,
    best_turn,
    carried,
    fits_hull,
    hull_of,
    laid,
    meet,
    met,
    motion,
    ring_edges,
    strips_beside,
    turned,
)
from mingei.core.mesh.tree import part_large, part_overlaps, roots, tree_of

#: Where a face lies that lies alone.
_STILL: Array = np.array(((1.0, 0.0), (0.0, 1.0), (0.0, 0.0)))


class Cut(NamedTuple):
    """parents: of each face the one it hangs on, itself for the root of a piece; pieces: the faces of each,
    root first, each after the one it hangs on; turns: by how much each piece is turned so that it fits,
    degrees, its root's first side along x before; refused: the edges that a person wanted joined and could
    not be, since faces would lie over each other or the piece would not fit."""

    parents: tuple[int, ...]
    pieces: tuple[tuple[int, ...], ...]
    turns: tuple[float, ...]
    refused: tuple[tuple[int, int], ...] = ()


class Pieces:
    """Pieces that grow: by its root the faces of each (members), their areas (shapes), its hull and how large
    it is, where every face lies (where: (n, 3, 2), turn and shift), and which hang on which (links).  Where
    slits are counted, of each piece the edges it is cut along, as the face has them, with the strips beside
    them (cuts), and those without room (tight)."""

    def __init__(self, flats: Flats, room: Room, where: Array, root: dict[int, int],
                 links: set[frozenset[int]]) -> None:
        self.flats, self.room, self.where, self.root, self.links = flats, room, where, root, links
        self.counted = room.slits < 1.0
        self.members: dict[int, list[int]] = {}
        for face in root:
            self.members.setdefault(root[face], []).append(face)
        self.shapes = {r: areas_of(flats, faces, where) for r, faces in self.members.items()}
        self.hulls = {r: hull_of(np.concatenate([flats.own[f] @ where[f][:2] + where[f][2] for f in faces]))
                      for r, faces in self.members.items()}
        self.areas = {r: sum(float(flats.mesh.areas[f]) for f in faces) for r, faces in self.members.items()}
        self.cuts: dict[int, dict[tuple[int, int], Any]] = {r: {} for r in self.members}
        self.tight: dict[int, set[tuple[int, int]]] = {r: set() for r in self.members}
        corners = flats.mesh.corners
        self._long = {e: float(np.linalg.norm(corners[e[0]] - corners[e[1]])) for e in flats.mesh.beside}

    @classmethod
    def single(cls, flats: Flats, room: Room) -> Pieces:
        """Every face a piece of its own."""
        faces = range(len(flats.own))
        found = cls(flats, room, np.tile(_STILL, (len(flats.own), 1, 1)), {f: f for f in faces}, set())
        if found.counted:
            edges = [(face, i, edge) for face in faces
                     for i, edge in enumerate(ring_edges(flats.mesh.faces[face]))]
            for (face, _, edge), strip in zip(edges, strips_beside(flats, [e[:2] for e in edges], found.where,
                                                                   room.reach), strict=True):
                found.cuts[face][edge] = strip
        return found

    @classmethod
    def of_tree(cls, flats: Flats, room: Room, step: Callable[[float], None]) -> Pieces:
        """The pieces a tree of long and flat edges comes to, once what lies over each other and what is too
        large is parted."""
        order, parent, edge_of = tree_of(flats.mesh)
        at = np.zeros((len(flats.own), 3, 2))
        for face in order:
            if parent[face] == face:
                at[face] = _STILL
            else:
                a, b = edge_of[face]
                at[face] = flats.beside(a, b, parent[face], face, at[parent[face]])
        step(0.1)
        kept = {face for face in order if parent[face] != face}  # the faces that hang on another
        part_overlaps(flats, order, parent, kept, at)
        step(0.4)
        part_large(flats, order, parent, kept, at, room)
        return cls(flats, room, at, roots(order, parent, kept), {frozenset((f, parent[f])) for f in kept})

    def join(self, a: int, b: int, face: int, other: int, anyhow: bool = False) -> bool:
        """Join the pieces of two faces along their edge, the smaller laid beside the larger; whether they are
        one piece then.  anyhow: whatever slits that leaves."""
        if self.root[face] == self.root[other]:
            return True
        if len(self.members[self.root[face]]) < len(self.members[self.root[other]]):
            a, b, face, other = b, a, other, face
        ra, rb = self.root[face], self.root[other]
        if self.areas[ra] + self.areas[rb] > self.room.largest:
            return False
        turn = motion(self.flats, (a, b, face, other), self.where)
        points = np.concatenate([self.hulls[ra], self.hulls[rb] @ turn[:2] + turn[2]])
        if not fits_hull(points, self.room):
            return False
        fresh = carried(self.shapes[rb], turn)
        if meet(self.shapes[ra], fresh):
            return False
        if self.counted:
            strips = dict(zip(self.cuts[rb], carried(list(self.cuts[rb].values()), turn), strict=True))
            tight = self.tight[ra] | self.tight[rb] | met(self.cuts[ra], fresh) | met(strips,
                                                                                       self.shapes[ra])
            edges = {e: s for e, s in (*self.cuts[ra].items(), *strips.items()) if e not in ((a, b), (b, a))}
            tight &= edges.keys()
            slits = sum(self._long[e] for e in tight if (e[1], e[0]) in tight)
            if not anyhow and slits > self.room.slits * sum(self._long[e] for e in edges):
                return False
            self.cuts[ra], self.tight[ra] = edges, tight
        self.where[self.members[rb]] = turned(self.where[self.members[rb]], turn)
        self.hulls[ra] = hull_of(points)
        self.areas[ra] += self.areas[rb]
        self.links.add(frozenset((face, other)))
        self.shapes[ra] += fresh
        self.root |= dict.fromkeys(self.members[rb], ra)
        self.members[ra] += self.members.pop(rb)
        for gone in (self.shapes, self.cuts, self.tight, self.hulls, self.areas):
            del gone[rb]
        return True

    def cut(self) -> Cut:
        """Each piece from a root amid it outwards, the largest first."""
        return as_cut(self.flats, list(self.members.values()), self.links, self.room)


def rerooted(flats: Flats, cut: Cut, roots: Sequence[int], room: Room) -> Cut:
    """The same pieces, those that hold one of these faces beginning with it; of several in one piece with the
    last."""
    links = {frozenset((face, on)) for face, on in enumerate(cut.parents) if face != on}
    return as_cut(flats, cut.pieces, links, room, roots)._replace(refused=cut.refused)


def as_cut(flats: Flats, pieces: Sequence[Sequence[int]], links: set[frozenset[int]], room: Room,
           roots: Sequence[int] = ()) -> Cut:
    """Each piece from a root amid it outwards, largest pieces first.  roots: faces that are to be roots."""
    mesh = flats.mesh
    hang: dict[int, list[int]] = {}
    for link in links:
        a, b = sorted(link)
        hang.setdefault(a, []).append(b)
        hang.setdefault(b, []).append(a)
    parents = list(range(len(mesh.faces)))
    found = []
    for faces in sorted(pieces, key=lambda some: (-len(some), min(some))):
        wanted = [face for face in roots if face in faces]
        root = wanted[-1] if wanted else max(
            faces, key=lambda f: (len(hang.get(f, ())), float(mesh.areas[f]), -f))
        order = [root]
        seen = {root}
        for face in order:
            for other in sorted(hang.get(face, ())):
                if other not in seen:
                    seen.add(other)
                    parents[other] = face
                    order.append(other)
        found.append(tuple(order))
    turns = []
    for piece in found:
        at = laid(flats, piece, parents)
        points = np.concatenate([flats.own[f] @ at[f][:2] + at[f][2] for f in piece])
        turns.append(best_turn(points, room.width, room.height)[0])
    return Cut(tuple(parents), tuple(found), tuple(turns))
