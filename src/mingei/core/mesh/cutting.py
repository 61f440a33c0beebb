"""A mesh cut into pieces that lie flat without lying over themselves and fit a sheet.

The faces hang together in a tree that keeps long and flat edges; laid flat, every pair of faces that lie over
each other is parted by cutting the edge that parts most such pairs at once; pieces too large are cut where
they come apart most evenly; then pieces are joined again, long edges first, wherever the whole still lies
flat and fits.  Where every edge that is cut wants room for a tab, the faces are joined one by one instead,
and nothing is joined that leaves slits.  The same mesh and measures give the same pieces.
"""

from __future__ import annotations

import heapq
import math
import random
from collections.abc import Callable, Collection, Iterator, Mapping, Sequence
from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.mesh.mesh import Mesh

Array = NDArray[np.float64]
#: Faces are taken so much smaller when it is asked whether they lie over each other, mm: edges touch.
_HAIR_MM = 0.02
#: A flat edge is kept like one so many times as long.
_FLAT = 2.0
#: A tab may end so large a share of its side from either corner, and is no deeper than such a share of it.
_ENDS, _DEEPEST = 0.25, 0.4
#: So many faces at the most are taken apart at once, where room beside edges counts and where it does not.
_AT_ONCE, _MANY_AT_ONCE = 90, 500
#: Where slits are kept few, pieces once refused are tried again so many times.
_ROUNDS = 3


class Cut(NamedTuple):
    """parents: of each face the one it hangs on, itself for the root of a piece; pieces: the faces of each,
    root first, each after the one it hangs on; turns: by how much each piece is turned so that it fits,
    degrees, its root's first side along x before; refused: the edges that a person wanted joined and could
    not be, since faces would lie over each other or the piece would not fit."""

    parents: tuple[int, ...]
    pieces: tuple[tuple[int, ...], ...]
    turns: tuple[float, ...]
    refused: tuple[tuple[int, int], ...] = ()


def outline(mesh: Mesh, face: int) -> Array:
    """A face in its own plane (n, 2): its first side along x from the origin, seen from outside."""
    p = mesh.corners[list(mesh.faces[face])]
    u = p[1] - p[0]
    u = u / np.linalg.norm(u)
    v = np.cross(mesh.normals[face], u)
    away = p - p[0]
    return np.stack([away @ u, away @ v], axis=1)


class _Flats:
    """Every face in its own plane, and where it comes to lie beside another."""

    def __init__(self, mesh: Mesh) -> None:
        self.mesh = mesh
        self.own = [outline(mesh, f) for f in range(len(mesh.faces))]
        self.side = {edge: mesh.faces[face].index(edge[0]) for edge, face in mesh.beside.items()}

    def beside(self, a: int, b: int, face: int, other: int, at: Array) -> Array:
        """Where the other face lies (3, 2: turn and shift) when the first lies at ``at`` and they share the
        edge from a to b, as the first has it."""
        i, j = self.side[a, b], self.side[b, a]
        mine, theirs = self.own[face], self.own[other]
        p, q = (mine[i] @ at[:2] + at[2], mine[(i + 1) % len(mine)] @ at[:2] + at[2])
        r, s = theirs[(j + 1) % len(theirs)], theirs[j]
        to, from_ = q - p, s - r
        size = float(from_ @ from_)
        cos, sin = float(to @ from_) / size, float(from_[0] * to[1] - from_[1] * to[0]) / size
        turn = np.array(((cos, sin), (-sin, cos)))
        return np.concatenate([turn, (p - r @ turn)[None]])


def crowded(mesh: Mesh, cut: Cut, reach: float) -> frozenset[tuple[int, int]]:
    """The directed edges, of faces that are cut there, beside which the flat has less room than that, mm."""
    from shapely import STRtree

    flats = _Flats(mesh)
    found: set[tuple[int, int]] = set()
    for piece in cut.pieces:
        at = laid(flats, piece, cut.parents)
        areas = _areas(flats, piece, at)
        strips, owners = [], []
        for number, face in enumerate(piece):
            for i, (a, b) in enumerate(_ring_edges(mesh.faces[face])):
                other = mesh.beside.get((b, a))
                if other is None or cut.parents[other] == face or cut.parents[face] == other:
                    continue
                strips.append(_strip(flats, face, i, at[face], reach))
                owners.append((number, (a, b)))
        if strips:
            one, two = STRtree(areas).query(strips, predicate="intersects")
            found |= {owners[i][1] for i, j in zip(one.tolist(), two.tolist(), strict=True)
                      if owners[i][0] != j}
    return frozenset(found)


def _strip(flats: _Flats, face: int, side: int, at: Array, reach: float) -> Any:
    """The room a tab wants beside a side of a face: along its middle."""
    from shapely import polygons

    outer = flats.own[face] @ at[:2] + at[2]
    p, q = outer[side], outer[(side + 1) % len(outer)]
    long = float(np.linalg.norm(q - p))
    way = (q - p) / long
    p, q = p + _ENDS * long * way, q - _ENDS * long * way
    out = np.array((way[1], -way[0])) * min(reach, _DEEPEST * long)
    return polygons(np.stack([p, p + out, q + out, q])).buffer(-_HAIR_MM)


def _ring_edges(ring: Sequence[int]) -> list[tuple[int, int]]:
    return list(zip(ring, (*ring[1:], ring[0]), strict=True))


class Room(NamedTuple):
    """What pieces must be: no wider nor higher (mm), of no more area (mm2); slits: how large a share of the
    edges a piece is cut along may have no room on either side for a tab that stands out as far as reach, mm,
    1 for as few pieces as may be."""

    width: float
    height: float
    largest: float = math.inf
    slits: float = 1.0
    reach: float = 4.0


def cut_up(mesh: Mesh, room: Room, step: Callable[[float], None] = lambda share: None,
           joined: Collection[tuple[int, int]] = (), parted: Collection[tuple[int, int]] = (),
           whole: bool = False) -> Cut:
    """Cut a mesh into pieces that lie flat and are as the room wants them.  step: told how far it is, 0 to 1;
    may raise to stop; joined, parted: edges, each as its two corners in order, where faces are to hang
    together, before all others and whatever slits that leaves, or to be cut; whole: no others are joined."""
    flats = _Flats(mesh)
    if whole and (cut := _of_edges(flats, room, joined)) is not None:
        return cut
    if joined or parted:
        pieces, worth = _by_hand(flats, room, joined, parted)
        rounds = _ROUNDS
    elif room.slits < 1.0:
        pieces, rounds = _Pieces.single(flats, room), _ROUNDS
        worth = {edge: _worth(mesh, *edge) for edge in mesh.edges}
    else:
        pieces, rounds = _Pieces.of_tree(flats, room, step), 1
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
    cut = _as_cut(flats, list(pieces.members.values()), pieces.links, room)
    return cut._replace(refused=tuple(
        (a, b) for a, b, face, other in mesh.edges if tuple(sorted((a, b))) in joined
        and frozenset((face, other)) not in pieces.links)) if joined else cut


def _of_edges(flats: _Flats, room: Room, joined: Collection[tuple[int, int]]) -> Cut | None:
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
        if not _fits(flats, piece, at, room._replace(largest=math.inf)):
            return None
        areas = _areas(flats, piece, at)
        one, two = STRtree(areas).query(areas, predicate="intersects")
        if bool((one != two).any()):
            return None
    return _as_cut(flats, pieces, links, room)


def joined_edges(mesh: Mesh, cut: Cut) -> tuple[tuple[int, int], ...]:
    """The edges along which faces hang together, each as its two corners in order."""
    return tuple((min(a, b), max(a, b)) for a, b, face, other in mesh.edges
                 if cut.parents[face] == other or cut.parents[other] == face)


def better(mesh: Mesh, cut: Cut, room: Room, tries: int, seed: int = 1) -> Iterator[tuple[float, Cut | None]]:
    """Fewer and fewer pieces: small ones are taken apart with some of their neighbours and put together anew
    in another order; what comes of it is kept where it is fewer pieces, or as many of which the large are
    larger.  tries: how often.  After each try what share of them is done, and the cut where it is better."""
    dice = random.Random(seed)
    pieces = _Pieces.of_cut(_Flats(mesh), room, cut)
    around: dict[int, list[tuple[int, int, int, int]]] = {f: [] for f in range(len(mesh.faces))}
    worth = {edge: _worth(mesh, *edge) for edge in mesh.edges}
    for edge in mesh.edges:
        around[edge[2]].append(edge)
        around[edge[3]].append(edge)
    for number in range(tries):
        share = (number + 1) / tries
        some = pieces.some_beside(dice, around)
        if len(some) < 2:
            yield share, None
            continue
        faces = [f for root in some for f in pieces.members[root]]
        before, kept = pieces.quality(), pieces.state(some)
        pieces.take_apart(some)
        blur = dice.choice((0.0, 0.15, 0.4))
        inside = set(faces)
        edges = sorted({e for f in faces for e in around[f] if e[2] in inside and e[3] in inside},
                       key=lambda e: -worth[e] * dice.uniform(1.0 - blur, 1.0 + blur))
        for edge in edges:
            pieces.join(*edge)
        after = pieces.quality()
        if after < before:
            yield share, _as_cut(pieces.flats, list(pieces.members.values()), pieces.links, room)
            continue
        if after > before:
            pieces.put_back(kept)
        yield share, None


def _by_hand(flats: _Flats, room: Room, joined: Collection[tuple[int, int]],
             parted: Collection[tuple[int, int]]) -> tuple[_Pieces, dict[tuple[int, int, int, int], float]]:
    """The pieces once what a person wanted joined is, and what the other edges are worth that may be."""
    mesh = flats.mesh
    pieces = _Pieces.single(flats, room)
    worth = {edge: _worth(mesh, *edge) for edge in mesh.edges}
    named = {edge: (min(edge[:2]), max(edge[:2])) for edge in worth}
    pieces.room = room._replace(slits=1.0)
    pieces.counted = room.slits < 1.0
    for edge in sorted(worth, key=lambda e: (-worth[e], e)):
        if named[edge] in joined:
            pieces.join(*edge)
    pieces.room = room
    return pieces, {e: w for e, w in worth.items() if named[e] not in joined and named[e] not in parted}


class _Pieces:
    """Pieces that grow: by its root the faces of each (members) and their areas (shapes), where every face
    lies, and which hang on which (links).  Where slits are counted, of each piece the edges it is cut along,
    as the face has them, with the strips beside them (cuts), and those without room (tight)."""

    def __init__(self, flats: _Flats, room: Room, where: dict[int, Array], root: dict[int, int],
                 links: set[frozenset[int]]) -> None:
        self.flats, self.room, self.where, self.root, self.links = flats, room, where, root, links
        self.counted = room.slits < 1.0
        self.members: dict[int, list[int]] = {}
        for face in root:
            self.members.setdefault(root[face], []).append(face)
        self.shapes = {r: _areas(flats, faces, where) for r, faces in self.members.items()}
        self.cuts: dict[int, dict[tuple[int, int], Any]] = {r: {} for r in self.members}
        self.tight: dict[int, set[tuple[int, int]]] = {r: set() for r in self.members}
        corners = flats.mesh.corners
        self._long = {e: float(np.linalg.norm(corners[e[0]] - corners[e[1]])) for e in flats.mesh.beside}

    @classmethod
    def single(cls, flats: _Flats, room: Room) -> _Pieces:
        """Every face a piece of its own."""
        still = np.array(((1.0, 0.0), (0.0, 1.0), (0.0, 0.0)))
        faces = range(len(flats.own))
        found = cls(flats, room, dict.fromkeys(faces, still), {f: f for f in faces}, set())
        for f in faces:
            found.cuts[f] = {edge: _strip(flats, f, i, still, room.reach)
                             for i, edge in enumerate(_ring_edges(flats.mesh.faces[f]))}
        return found

    @classmethod
    def of_cut(cls, flats: _Flats, room: Room, cut: Cut) -> _Pieces:
        """The pieces of a cut, joined again."""
        found = cls.single(flats, room._replace(slits=1.0))
        found.counted = room.slits < 1.0
        for a, b, face, other in flats.mesh.edges:
            if cut.parents[face] == other or cut.parents[other] == face:
                found.join(a, b, face, other)
        found.room = room
        return found

    def quality(self) -> tuple[int, float]:
        """Smaller is better: how many pieces, then how large the large ones are."""
        areas = self.flats.mesh.areas
        return len(self.members), -sum(sum(float(areas[f]) for f in faces) ** 2
                                       for faces in self.members.values())

    def some_beside(self, dice: random.Random,
                    around: Mapping[int, Sequence[tuple[int, int, int, int]]]) -> list[int]:
        """A piece, small ones more often, and one to four beside it, of not too many faces in all."""
        roots = sorted(self.members)
        weights = [1.0 / len(self.members[r]) for r in roots]
        most = _AT_ONCE if self.counted else _MANY_AT_ONCE
        first = dice.choices(roots, weights)[0]
        found, faces = [first], len(self.members[first])
        for _ in range(dice.randint(1, 4)):
            beside = {self.root[f] for root in found for face in self.members[root] for e in around[face]
                      for f in (e[2], e[3])} - set(found)
            beside = {r for r in beside if faces + len(self.members[r]) <= most}
            if not beside:
                break
            found.append(dice.choice(sorted(beside)))
            faces += len(self.members[found[-1]])
        return found

    def state(self, roots: Sequence[int]) -> Any:
        """What is needed to put some pieces back as they are."""
        faces = [f for r in roots for f in self.members[r]]
        inside = set(faces)
        return (faces, {f: self.where[f] for f in faces}, {f: self.root[f] for f in faces},
                {k for k in self.links if k & inside}, {r: list(self.members[r]) for r in roots},
                {r: list(self.shapes[r]) for r in roots}, {r: dict(self.cuts[r]) for r in roots},
                {r: set(self.tight[r]) for r in roots})

    def put_back(self, state: Any) -> None:
        faces, where, root, links, members, shapes, cuts, tight = state
        for r in {self.root[f] for f in faces}:
            for own in (self.members, self.shapes, self.cuts, self.tight):
                del own[r]
        inside = set(faces)
        self.links = {k for k in self.links if not k & inside} | links
        self.where |= where
        self.root |= root
        self.members |= members
        self.shapes |= shapes
        self.cuts |= cuts
        self.tight |= tight

    def take_apart(self, roots: Sequence[int]) -> None:
        """Every face of some pieces a piece of its own again."""
        still = np.array(((1.0, 0.0), (0.0, 1.0), (0.0, 0.0)))
        faces = [f for r in roots for f in self.members[r]]
        inside = set(faces)
        for r in roots:
            for own in (self.members, self.shapes, self.cuts, self.tight):
                del own[r]
        self.links = {k for k in self.links if not k & inside}
        for f in faces:
            self.where[f], self.root[f], self.members[f] = still, f, [f]
            self.shapes[f] = _areas(self.flats, [f], self.where)
            self.cuts[f] = {edge: _strip(self.flats, f, i, still, self.room.reach)
                            for i, edge in enumerate(_ring_edges(self.flats.mesh.faces[f]))}
            self.tight[f] = set()

    @classmethod
    def of_tree(cls, flats: _Flats, room: Room, step: Callable[[float], None]) -> _Pieces:
        """The pieces a tree of long and flat edges comes to, once what lies over each other and what is too
        large is parted."""
        order, parent, edge_of = _tree(flats.mesh)
        at: dict[int, Array] = {}
        for face in order:
            if parent[face] == face:
                at[face] = np.array(((1.0, 0.0), (0.0, 1.0), (0.0, 0.0)))
            else:
                a, b = edge_of[face]
                at[face] = flats.beside(a, b, parent[face], face, at[parent[face]])
        step(0.1)
        kept = {face for face in order if parent[face] != face}  # the faces that hang on another
        _part_overlaps(flats, order, parent, kept, at)
        step(0.4)
        _part_large(flats, order, parent, kept, at, room)
        return cls(flats, room, at, _roots(order, parent, kept), {frozenset((f, parent[f])) for f in kept})

    def join(self, a: int, b: int, face: int, other: int) -> bool:
        """Join the pieces of two faces along their edge, the smaller laid beside the larger; whether they are
        one piece then."""
        if self.root[face] == self.root[other]:
            return True
        if len(self.members[self.root[face]]) < len(self.members[self.root[other]]):
            a, b, face, other = b, a, other, face
        ra, rb = self.root[face], self.root[other]
        turn = _motion(self.flats, (a, b, face, other), self.where)
        moved = {f: _turned(self.where[f], turn) for f in self.members[rb]}
        both = {**{f: self.where[f] for f in self.members[ra]}, **moved}
        if not _fits(self.flats, list(both), both, self.room):
            return False
        fresh = _carried(self.shapes[rb], turn)
        if _meet(self.shapes[ra], fresh):
            return False
        if self.counted:
            strips = dict(zip(self.cuts[rb], _carried(list(self.cuts[rb].values()), turn), strict=True))
            tight = self.tight[ra] | self.tight[rb] | _met(self.cuts[ra], fresh) | _met(strips,
                                                                                       self.shapes[ra])
            edges = {e: s for e, s in (*self.cuts[ra].items(), *strips.items()) if e not in ((a, b), (b, a))}
            tight &= edges.keys()
            slits = sum(self._long[e] for e in tight if (e[1], e[0]) in tight)
            if self.room.slits < 1.0 and slits > self.room.slits * sum(self._long[e] for e in edges):
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


def _tree(mesh: Mesh) -> tuple[list[int], dict[int, int], dict[int, tuple[int, int]]]:
    """The faces from roots outwards, what each hangs on, and by which edge (as its parent has it)."""
    around: dict[int, list[tuple[float, int, tuple[int, int]]]] = {f: [] for f in range(len(mesh.faces))}
    for a, b, face, other in mesh.edges:
        worth = _worth(mesh, a, b, face, other)
        around[face].append((-worth, other, (a, b)))
        around[other].append((-worth, face, (b, a)))
    order: list[int] = []
    parent: dict[int, int] = {}
    edge_of: dict[int, tuple[int, int]] = {}
    for root in sorted(range(len(mesh.faces)), key=lambda f: (-round(float(mesh.areas[f]), 6), f)):
        if root in parent:
            continue
        parent[root] = root
        order.append(root)
        waiting = [(w, other, root, edge) for w, other, edge in around[root]]
        heapq.heapify(waiting)
        while waiting:
            _, face, on, edge = heapq.heappop(waiting)
            if face in parent:
                continue
            parent[face], edge_of[face] = on, edge
            order.append(face)
            for w, other, own in around[face]:
                if other not in parent:
                    heapq.heappush(waiting, (w, other, face, own))
    return order, parent, edge_of


def _areas(flats: _Flats, faces: Sequence[int], at: Mapping[int, Array]) -> list[Any]:
    """The faces where they lie, a hair smaller."""
    from shapely import polygons

    return [polygons(flats.own[f] @ at[f][:2] + at[f][2]).buffer(-_HAIR_MM) for f in faces]


def _roots(order: Sequence[int], parent: Mapping[int, int], kept: set[int]) -> dict[int, int]:
    """Of each face the root of its piece."""
    root: dict[int, int] = {}
    for face in order:
        root[face] = root[parent[face]] if face in kept else face
    return root


def _part_overlaps(flats: _Flats, order: Sequence[int], parent: Mapping[int, int], kept: set[int],
                   at: Mapping[int, Array]) -> None:
    """Cut edges until no two faces of a piece lie over each other: of all that lie between two such faces the
    one that lies between most."""
    from shapely import STRtree

    areas = _areas(flats, order, at)
    first, second = STRtree(areas).query(areas, predicate="intersects")
    pairs = {(order[i], order[j]) for i, j in zip(first.tolist(), second.tolist(), strict=True) if i < j}
    depth: dict[int, int] = {}
    for face in order:
        depth[face] = depth[parent[face]] + 1 if parent[face] != face else 0
    ways: dict[tuple[int, int], set[int]] = {}
    for a, b in pairs:
        way: set[int] = set()
        x, y = a, b
        while x != y:
            if depth[x] < depth[y]:
                x, y = y, x
            if parent[x] == x:
                way = set()
                break
            way.add(x)
            x = parent[x]
        if way:
            ways[a, b] = way
    while ways:
        count: dict[int, int] = {}
        for way in ways.values():
            for face in way:
                count[face] = count.get(face, 0) + 1
        best = max(count, key=lambda f: (count[f], -f))
        kept.discard(best)
        ways = {pair: way for pair, way in ways.items() if best not in way}


def best_turn(points: Array, width: float, height: float) -> tuple[float, float]:
    """At which turn (degrees) points fill a room the least, and how much of it, 1 to fill one of its sides:
    with a side of their hull along the room, or at any whole degree."""
    from shapely import MultiPoint

    hull = np.asarray(getattr(MultiPoint(points).convex_hull, "exterior", MultiPoint(points)).coords)
    sides = np.diff(hull, axis=0)
    turns = np.concatenate([np.arange(0.0, 90.0), -np.degrees(np.arctan2(sides[:, 1], sides[:, 0])) % 90.0])
    turns = np.concatenate([turns, turns + 90.0])
    angle = np.radians(turns)
    wide = np.ptp(hull @ np.stack([np.cos(angle), -np.sin(angle)]), axis=0)
    high = np.ptp(hull @ np.stack([np.sin(angle), np.cos(angle)]), axis=0)
    filled = np.maximum(wide / width, high / height)
    best = int(np.argmin(np.round(filled, 9)))
    return float(turns[best]), float(filled[best])


def _part_large(flats: _Flats, order: Sequence[int], parent: Mapping[int, int], kept: set[int],
                at: Mapping[int, Array], room: Room) -> None:
    """Cut pieces that do not fit, or are larger than asked, where they come apart most evenly."""
    while True:
        members: dict[int, list[int]] = {}
        for face, root in _roots(order, parent, kept).items():
            members.setdefault(root, []).append(face)
        large = [faces for faces in members.values()
                 if len(faces) > 1 and not _fits(flats, faces, at, room)]
        if not large:
            return
        for faces in large:
            inside = set(faces)
            below = {f: float(flats.mesh.areas[f]) for f in faces}
            for face in reversed(faces):  # in the order of the tree, so that children come first
                if face in kept and parent[face] in inside:
                    below[parent[face]] += below[face]
            whole = sum(float(flats.mesh.areas[f]) for f in faces)
            able = [f for f in faces if f in kept]
            kept.discard(min(able, key=lambda f: (abs(below[f] - whole / 2), f)))


def _fits(flats: _Flats, faces: Sequence[int], at: Mapping[int, Array], room: Room) -> bool:
    if sum(float(flats.mesh.areas[f]) for f in faces) > room.largest:
        return False
    points = np.concatenate([flats.own[f] @ at[f][:2] + at[f][2] for f in faces])
    return best_turn(points, room.width, room.height)[1] <= 1.0 + 1e-9


def _worth(mesh: Mesh, a: int, b: int, face: int, other: int) -> float:
    """What an edge is worth as a fold: its length, more where it is flat."""
    long = float(np.linalg.norm(mesh.corners[a] - mesh.corners[b]))
    return long * (1.0 + (_FLAT - 1.0) * max(0.0, 1.0 - abs(mesh.turn_deg(face, other, a, b)) / 90.0))


def _meet(some: Sequence[Any], others: Sequence[Any]) -> bool:
    from shapely import STRtree

    return len(STRtree(some).query(others, predicate="intersects")[0]) > 0


def _met(strips: Mapping[tuple[int, int], Any], areas: Sequence[Any]) -> set[tuple[int, int]]:
    """The edges whose strips lie over some of the areas."""
    from shapely import STRtree

    keys = list(strips)
    found = STRtree(areas).query([strips[k] for k in keys], predicate="intersects")[0]
    return {keys[i] for i in found.tolist()}


def _motion(flats: _Flats, edge: tuple[int, int, int, int], where: Mapping[int, Array]) -> Array:
    """How a piece moves (3, 2: turn and shift) so that one of its faces lies beside another face along an
    edge."""
    a, b, face, other = edge
    lies = flats.beside(a, b, face, other, where[face])
    back = np.linalg.inv(np.vstack([where[other].T, (0.0, 0.0, 1.0)]))
    motion = np.vstack([lies.T, (0.0, 0.0, 1.0)]) @ back  # from where it lies to where it would
    turn: Array = np.concatenate([motion[:2, :2].T, motion[:2, 2][None]])
    return turn


def _turned(at: Array, turn: Array) -> Array:
    return np.concatenate([at[:2] @ turn[:2], (at[2] @ turn[:2] + turn[2])[None]])


def _carried(some: Sequence[Any], turn: Array) -> list[Any]:
    """Areas moved along."""
    from shapely import transform

    return list(transform(np.array(some, dtype=object), lambda points: points @ turn[:2] + turn[2]))


def _as_cut(flats: _Flats, pieces: Sequence[Sequence[int]], links: set[frozenset[int]],
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


def laid(flats: _Flats, piece: Sequence[int], parents: Sequence[int]) -> dict[int, Array]:
    """Where the faces of a piece lie, its root's first side along x."""
    at = {piece[0]: np.array(((1.0, 0.0), (0.0, 1.0), (0.0, 0.0)))}
    for face in piece[1:]:
        on = parents[face]
        a, b = next(e for e in _ring_edges(flats.mesh.faces[on]) if flats.mesh.beside.get((e[1], e[0]))
                    == face)
        at[face] = flats.beside(a, b, on, face, at[on])
    return at
