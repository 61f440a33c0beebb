"""A mesh and a cut of it in numbers only, for what is compiled.

Faces are convex.  Of every face its corners lie where its piece has them; a piece is known by one of its
faces, its members hang in a chain.
"""

from __future__ import annotations

from collections.abc import Mapping
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.mesh.flats import Array, Flats, Room, strip_corners, worths
from mingei.core.mesh.mesh import Mesh

#: No hull of a piece has more corners.
MOST_HULL = 160
#: What is held, by whether it is joined.
_STAYS = {None: 0, True: 1, False: -1}


class Net(NamedTuple):
    """What never changes.  corners: how many of each face (n,); edges: (m, 4) face, side, other face, its
    side; at_edge: by face and side the edge, -1 for a rim (n, k); long: of each side, mm (n, k); worth: of
    each edge as a fold (m,); areas: (n,), mm2; room: wide, high, largest area, share of slits; held: of each
    edge 1 where it stays a fold, -1 where it stays cut; counted: whether slits are looked for at all."""

    corners: NDArray[np.int64]
    edges: NDArray[np.int64]
    at_edge: NDArray[np.int64]
    long: Array
    worth: Array
    areas: Array
    room: Array
    held: NDArray[np.int64]
    counted: bool


class Grown(NamedTuple):
    """What changes.  at: corners of each face (n, k, 2); strips: the room for a tab beside each side
    (n, k, 4, 2); root: of each face its piece (n,); then: the next member of the piece, -1 at its end (n,);
    last, size, area: by root (n,); folds: whether faces hang together along each edge (m,); tight: whether
    something of its piece lies in the strip (n, k); hull, hull_size: by root (n, most, 2), (n,)."""

    at: Array
    strips: Array
    root: NDArray[np.int64]
    then: NDArray[np.int64]
    last: NDArray[np.int64]
    size: NDArray[np.int64]
    area: Array
    folds: NDArray[np.bool_]
    tight: NDArray[np.bool_]
    hull: Array
    hull_size: NDArray[np.int64]


def as_numbers(mesh: Mesh, room: Room, held: Mapping[tuple[int, int], bool]) -> tuple[Net, Grown]:
    """A mesh as numbers: what stays, and what grows, every face by itself.  held: edges, each as its two
    corners in order, that stay joined or parted."""
    flats = Flats(mesh)
    n, k = len(mesh.faces), max(len(ring) for ring in mesh.faces)
    corners = np.array([len(ring) for ring in mesh.faces], np.int64)
    at, strips = np.zeros((n, k, 2)), np.zeros((n, k, 4, 2))
    at_edge, long = np.full((n, k), -1, np.int64), np.zeros((n, k))
    for face, own in enumerate(flats.own):
        at[face, :len(own)] = own
        ends = np.stack([own, np.roll(own, -1, axis=0)], axis=1)
        long[face, :len(own)] = np.linalg.norm(ends[:, 1] - ends[:, 0], axis=1)
        strips[face, :len(own)] = strip_corners(ends, room.reach)
    edges = np.zeros((len(mesh.edges), 4), np.int64)
    worth = np.array(list(worths(mesh).values()))
    stays = np.array([_STAYS[held.get((min(a, b), max(a, b)))] for a, b, _, _ in mesh.edges], np.int64)
    for number, (a, b, face, other) in enumerate(mesh.edges):
        i, j = flats.side[a, b], flats.side[b, a]
        edges[number] = face, i, other, j
        at_edge[face, i] = at_edge[other, j] = number
    net = Net(corners, edges, at_edge, long, worth, mesh.areas,
              np.array((room.width, room.height, min(room.largest, 1e300), room.slits)), stays,
              room.slits < 1.0)
    none = np.zeros(n, np.int64)
    grown = Grown(at, strips, np.arange(n), none - 1, none.copy(), none.copy(), np.zeros(n),
                  np.zeros(len(edges), np.bool_), np.zeros((n, k), np.bool_), np.zeros((n, MOST_HULL, 2)),
                  none.copy())
    return net, grown
