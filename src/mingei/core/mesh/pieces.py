"""Pieces of a mesh that grow: faces laid side by side on the flat, joined where the whole lies over nothing
of its own, fits, and leaves no more slits than it may.
"""

from __future__ import annotations

from collections.abc import Callable, Collection, Sequence
from typing import Any, NamedTuple

import numpy as np

from mingei.core.mesh.flats import (
    Array,
    Flats,
    Room,
    areas_of,
    best_turn,
    carried,
    fits,
    laid,
    meet,
    met,
    motion,
    ring_edges,
    strip_beside,
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


class Kept(NamedTuple):
    """Some pieces as they were before they were taken apart: of each face where it lay and its root, which
    hung on which, and of each root what ``Pieces`` has of it."""

    where: dict[int, Array]
    root: dict[int, int]
    links: set[frozenset[int]]
    members: dict[int, list[int]]
    shapes: dict[int, list[Any]]
    cuts: dict[int, dict[tuple[int, int], Any]]
    tight: dict[int, set[tuple[int, int]]]


class Pieces:
    """Pieces that grow: by its root the faces of each (members) and their areas (shapes), where every face
    lies, and which hang on which (links).  Where slits are counted, of each piece the edges it is cut along,
    as the face has them, with the strips beside them (cuts), and those without room (tight)."""

    def __init__(self, flats: Flats, room: Room, where: dict[int, Array], root: dict[int, int],
                 links: set[frozenset[int]]) -> None:
        self.flats, self.room, self.where, self.root, self.links = flats, room, where, root, links
        self.counted = room.slits < 1.0
        self.members: dict[int, list[int]] = {}
        for face in root:
            self.members.setdefault(root[face], []).append(face)
        self.shapes = {r: areas_of(flats, faces, where) for r, faces in self.members.items()}
        self.cuts: dict[int, dict[tuple[int, int], Any]] = {r: {} for r in self.members}
        self.tight: dict[int, set[tuple[int, int]]] = {r: set() for r in self.members}
        corners = flats.mesh.corners
        self._long = {e: float(np.linalg.norm(corners[e[0]] - corners[e[1]])) for e in flats.mesh.beside}

    @classmethod
    def single(cls, flats: Flats, room: Room) -> Pieces:
        """Every face a piece of its own."""
        faces = range(len(flats.own))
        found = cls(flats, room, dict.fromkeys(faces, _STILL), {f: f for f in faces}, set())
        for face in faces:
            found.cuts[face] = found._strips(face)
        return found

    def _strips(self, face: int) -> dict[tuple[int, int], Any]:
        """The strips beside the edges of a face that lies alone."""
        return {edge: strip_beside(self.flats, face, i, _STILL, self.room.reach)
                for i, edge in enumerate(ring_edges(self.flats.mesh.faces[face]))}

    @classmethod
    def of_cut(cls, flats: Flats, room: Room, cut: Cut) -> Pieces:
        """The pieces of a cut, joined again."""
        found = cls.single(flats, room)
        for a, b, face, other in flats.mesh.edges:
            if cut.parents[face] == other or cut.parents[other] == face:
                found.join(a, b, face, other, anyhow=True)
        return found

    @classmethod
    def of_tree(cls, flats: Flats, room: Room, step: Callable[[float], None]) -> Pieces:
        """The pieces a tree of long and flat edges comes to, once what lies over each other and what is too
        large is parted."""
        order, parent, edge_of = tree_of(flats.mesh)
        at: dict[int, Array] = {}
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
        turn = motion(self.flats, (a, b, face, other), self.where)
        moved = {f: turned(self.where[f], turn) for f in self.members[rb]}
        both = {**{f: self.where[f] for f in self.members[ra]}, **moved}
        if not fits(self.flats, list(both), both, self.room):
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
        self.where |= moved
        self.links.add(frozenset((face, other)))
        self.shapes[ra] += fresh
        self.root |= dict.fromkeys(self.members[rb], ra)
        self.members[ra] += self.members.pop(rb)
        for gone in (self.shapes, self.cuts, self.tight):
            del gone[rb]
        return True

    def take_apart(self, some: Sequence[int]) -> Kept:
        """Every face of some pieces a piece of its own again; what puts them back as they were."""
        faces = tuple(f for r in some for f in self.members[r])
        inside = set(faces)
        kept = Kept({f: self.where[f] for f in faces}, {f: self.root[f] for f in faces},
                    {k for k in self.links if k & inside}, {r: self.members[r] for r in some},
                    {r: self.shapes[r] for r in some}, {r: self.cuts[r] for r in some},
                    {r: self.tight[r] for r in some})
        self._drop(some, inside)
        for f in faces:
            self.where[f], self.root[f], self.members[f] = _STILL, f, [f]
            self.shapes[f] = areas_of(self.flats, [f], self.where)
            self.cuts[f], self.tight[f] = self._strips(f), set()
        return kept

    def put_back(self, kept: Kept) -> None:
        """The pieces that were taken apart as they were, whatever was made of their faces since, so long as
        that took in no others."""
        self._drop({self.root[f] for f in kept.root}, set(kept.root))
        self.links |= kept.links
        for own, was in ((self.where, kept.where), (self.root, kept.root), (self.members, kept.members),
                         (self.shapes, kept.shapes), (self.cuts, kept.cuts), (self.tight, kept.tight)):
            own.update(was)  # type: ignore[arg-type]

    def _drop(self, some: Collection[int], faces: set[int]) -> None:
        self.links = {k for k in self.links if not k & faces}
        for r in some:
            for own in (self.members, self.shapes, self.cuts, self.tight):
                del own[r]

    def cut(self) -> Cut:
        """Each piece from a root amid it outwards, the largest first."""
        return as_cut(self.flats, list(self.members.values()), self.links, self.room)


def as_cut(flats: Flats, pieces: Sequence[Sequence[int]], links: set[frozenset[int]],
            room: Room) -> Cut:
    """Each piece from a root amid it outwards, largest pieces first."""
    mesh = flats.mesh
    hang: dict[int, list[int]] = {}
    for link in links:
        a, b = sorted(link)
        hang.setdefault(a, []).append(b)
        hang.setdefault(b, []).append(a)
    parents = list(range(len(mesh.faces)))
    found = []
    for faces in sorted(pieces, key=lambda some: (-len(some), min(some))):
        root = max(faces, key=lambda f: (len(hang.get(f, ())), float(mesh.areas[f]), -f))
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
