"""The faces of a mesh in one tree that keeps long and flat edges, parted where they lie over each other or do
not fit: few pieces, soon.

Laid flat, every pair of faces that lie over each other is parted by cutting the edge that parts most such
pairs at once; pieces too large are cut where they come apart most evenly.
"""

from __future__ import annotations

import heapq
from collections.abc import Mapping, Sequence

from mingei.core.mesh.flats import Array, Flats, Room, areas_of, fits, worths
from mingei.core.mesh.mesh import Mesh


def tree_of(mesh: Mesh) -> tuple[list[int], dict[int, int], dict[int, tuple[int, int]]]:
    """The faces from roots outwards, what each hangs on, and by which edge (as its parent has it)."""
    around: dict[int, list[tuple[float, int, tuple[int, int]]]] = {f: [] for f in range(len(mesh.faces))}
    for (a, b, face, other), worth in worths(mesh).items():
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


def roots(order: Sequence[int], parent: Mapping[int, int], kept: set[int]) -> dict[int, int]:
    """Of each face the root of its piece."""
    root: dict[int, int] = {}
    for face in order:
        root[face] = root[parent[face]] if face in kept else face
    return root


def part_overlaps(flats: Flats, order: Sequence[int], parent: Mapping[int, int], kept: set[int],
                   at: Array) -> None:
    """Cut edges until no two faces of a piece lie over each other: of all that lie between two such faces the
    one that lies between most."""
    from shapely import STRtree

    areas = areas_of(flats, order, at)
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


def part_large(flats: Flats, order: Sequence[int], parent: Mapping[int, int], kept: set[int],
                at: Array, room: Room) -> None:
    """Cut pieces that do not fit, or are larger than asked, where they come apart most evenly."""
    while True:
        members: dict[int, list[int]] = {}
        for face, root in roots(order, parent, kept).items():
            members.setdefault(root, []).append(face)
        large = [faces for faces in members.values()
                 if len(faces) > 1 and not fits(flats, faces, at, room)]
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
