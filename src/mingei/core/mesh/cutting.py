"""A mesh cut into pieces that lie flat without lying over themselves and fit a sheet.

The faces hang together in a tree that keeps long and flat edges; laid flat, every pair of faces that lie over
each other is parted by cutting the edge that parts most such pairs at once; pieces too large are cut where
they come apart most evenly; then pieces are joined again, long edges first, wherever the whole still lies
flat and fits.  The same mesh and measures give the same pieces.
"""

from __future__ import annotations

import heapq
import math
from collections.abc import Callable, Mapping, Sequence
from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.mesh.mesh import Mesh

Array = NDArray[np.float64]
#: Faces are taken so much smaller when it is asked whether they lie over each other, mm: edges touch.
_HAIR_MM = 0.02
#: A flat edge is kept like one so many times as long.
_FLAT = 2.0


class Cut(NamedTuple):
    """parents: of each face the one it hangs on, itself for the root of a piece; pieces: the faces of each,
    root first, each after the one it hangs on; turns: by how much each piece is turned so that it fits,
    degrees, its root's first side along x before."""

    parents: tuple[int, ...]
    pieces: tuple[tuple[int, ...], ...]
    turns: tuple[float, ...]


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
    from shapely import STRtree, polygons

    flats = _Flats(mesh)
    found: set[tuple[int, int]] = set()
    for piece in cut.pieces:
        at = laid(flats, piece, cut.parents)
        areas = _areas(flats, piece, at)
        strips, owners = [], []
        for number, face in enumerate(piece):
            outer = flats.own[face] @ at[face][:2] + at[face][2]
            for i, (a, b) in enumerate(_ring_edges(mesh.faces[face])):
                other = mesh.beside.get((b, a))
                if other is None or cut.parents[other] == face or cut.parents[face] == other:
                    continue
                p, q = outer[i], outer[(i + 1) % len(outer)]
                way = (q - p) / np.linalg.norm(q - p)
                out = np.array((way[1], -way[0])) * reach
                strips.append(polygons(np.stack([p, p + out, q + out, q])).buffer(-_HAIR_MM))
                owners.append((number, (a, b)))
        if strips:
            one, two = STRtree(areas).query(strips, predicate="intersects")
            found |= {owners[i][1] for i, j in zip(one.tolist(), two.tolist(), strict=True)
                      if owners[i][0] != j}
    return frozenset(found)


def _ring_edges(ring: Sequence[int]) -> list[tuple[int, int]]:
    return list(zip(ring, (*ring[1:], ring[0]), strict=True))


def cut_up(mesh: Mesh, width: float, height: float, largest: float = math.inf,
           step: Callable[[float], None] = lambda share: None) -> Cut:
    """Cut a mesh into pieces that lie flat and fit a room, width by height (mm), none with more area than so
    much (mm2).  step: told how far it is, 0 to 1; may raise to stop."""
    flats = _Flats(mesh)
    order, parent, edge_of = _tree(mesh)
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
    _part_large(flats, order, parent, kept, at, width, height, largest)
    step(0.6)
    return _joined(flats, order, parent, kept, at, width, height, largest, step)


def _tree(mesh: Mesh) -> tuple[list[int], dict[int, int], dict[int, tuple[int, int]]]:
    """The faces from roots outwards, what each hangs on, and by which edge (as its parent has it)."""
    around: dict[int, list[tuple[float, int, tuple[int, int]]]] = {f: [] for f in range(len(mesh.faces))}
    for a, b, face, other in mesh.edges:
        long = float(np.linalg.norm(mesh.corners[a] - mesh.corners[b]))
        worth = long * (1.0 + (_FLAT - 1.0) * max(0.0, 1.0 - abs(mesh.turn_deg(face, other, a, b)) / 90.0))
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
                at: Mapping[int, Array], width: float, height: float, largest: float) -> None:
    """Cut pieces that do not fit, or are larger than asked, where they come apart most evenly."""
    while True:
        members: dict[int, list[int]] = {}
        for face, root in _roots(order, parent, kept).items():
            members.setdefault(root, []).append(face)
        large = [faces for faces in members.values()
                 if len(faces) > 1 and not _good(flats, faces, at, width, height, largest)]
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


def _good(flats: _Flats, faces: Sequence[int], at: Mapping[int, Array], width: float, height: float,
          largest: float) -> bool:
    if sum(float(flats.mesh.areas[f]) for f in faces) > largest:
        return False
    points = np.concatenate([flats.own[f] @ at[f][:2] + at[f][2] for f in faces])
    return best_turn(points, width, height)[1] <= 1.0 + 1e-9


def _joined(flats: _Flats, order: Sequence[int], parent: Mapping[int, int], kept: set[int],
            at: Mapping[int, Array], width: float, height: float, largest: float,
            step: Callable[[float], None]) -> Cut:
    """Join pieces again along their longest common edges, wherever the whole lies flat and fits."""
    from shapely import STRtree

    mesh = flats.mesh
    root = _roots(order, parent, kept)
    members: dict[int, list[int]] = {}
    for face in order:
        members.setdefault(root[face], []).append(face)
    where = dict(at)
    links = {frozenset((f, parent[f])) for f in kept}
    long = {(a, b, f, o): float(np.linalg.norm(mesh.corners[a] - mesh.corners[b]))
            for a, b, f, o in mesh.edges if root[f] != root[o]}
    by_length = sorted(long, key=lambda e: (-long[e], e))
    shapes = {r: _areas(flats, faces, where) for r, faces in members.items()}
    for number, (a, b, face, other) in enumerate(by_length):
        if number % 50 == 0:
            step(0.6 + 0.4 * number / len(by_length))
        ra, rb = root[face], root[other]
        if ra == rb:
            continue
        if len(members[ra]) < len(members[rb]):  # the smaller is laid beside the larger
            a, b, face, other, ra, rb = b, a, other, face, rb, ra
        lies = flats.beside(a, b, face, other, where[face])
        back = np.linalg.inv(np.vstack([where[other].T, (0.0, 0.0, 1.0)]))
        motion = np.vstack([lies.T, (0.0, 0.0, 1.0)]) @ back  # from where it lies to where it would
        turn = np.concatenate([motion[:2, :2].T, motion[:2, 2][None]])
        moved = {f: np.concatenate([where[f][:2] @ turn[:2], (where[f][2] @ turn[:2] + turn[2])[None]])
                 for f in members[rb]}
        both = {**{f: where[f] for f in members[ra]}, **moved}
        if not _good(flats, list(both), both, width, height, largest):
            continue
        fresh = _areas(flats, members[rb], moved)
        if len(STRtree(shapes[ra]).query(fresh, predicate="intersects")[0]):
            continue
        where |= moved
        links.add(frozenset((face, other)))
        shapes[ra] += fresh
        for f in members[rb]:
            root[f] = ra
        members[ra] += members.pop(rb)
        shapes.pop(rb)
    return _as_cut(flats, list(members.values()), links, width, height)


def _as_cut(flats: _Flats, pieces: Sequence[Sequence[int]], links: set[frozenset[int]], width: float,
            height: float) -> Cut:
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
        turns.append(best_turn(points, width, height)[0])
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
