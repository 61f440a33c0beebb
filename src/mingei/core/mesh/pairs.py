"""A mesh whose left and right are alike cut so that its pieces are: one half is cut, the other is cut the
same way round the mirror, and what lies across the mirror by itself."""

from __future__ import annotations

from collections.abc import Callable, Collection, Mapping
from typing import NamedTuple

import numpy as np

from mingei.core.mesh.cutting import cut_up
from mingei.core.mesh.flats import Flats, Room
from mingei.core.mesh.mesh import Mesh
from mingei.core.mesh.mirror import mirrored_faces, side_of
from mingei.core.mesh.pieces import Cut, as_cut


class Halves(NamedTuple):
    """images: of every face its mirror image; one: the faces of one side, across: those that are their own
    image, each as the number it has in the whole; half: the faces of the one side by themselves, the corners
    those of the whole."""

    images: Mapping[int, int]
    one: tuple[int, ...]
    across: tuple[int, ...]
    half: Mesh


def halves_of(mesh: Mesh) -> Halves | None:
    """The halves of a mesh; None where they are not alike."""
    found = mirrored_faces(mesh)
    if found is None:
        return None
    axis, images = found
    side = side_of(mesh, images, axis)
    one, across = (tuple(np.flatnonzero(side == which).tolist()) for which in (1, 0))
    if not one:
        return None
    return Halves(images, one, across, Mesh(mesh.corners, tuple(mesh.faces[f] for f in one)))


def cut_paired(mesh: Mesh, halves: Halves, room: Room, step: Callable[[float], None] = lambda share: None,
               joined: Collection[tuple[int, int]] = (), parted: Collection[tuple[int, int]] = ()) -> Cut:
    """Cut a mesh as ``cut_up`` does, each piece of the one side with its mirror image on the other."""
    return doubled_cut(mesh, halves, cut_up(halves.half, room, step, joined, parted), room)


def doubled_cut(mesh: Mesh, halves: Halves, cut: Cut, room: Room) -> Cut:
    """The cut of a whole mesh from that of its one side."""
    links: set[frozenset[int]] = set()
    pieces: list[list[int]] = []
    for piece in cut.pieces:
        here = [halves.one[f] for f in piece]
        pieces += [here, [halves.images[f] for f in here]]
        for face in piece[1:]:
            pair = halves.one[face], halves.one[cut.parents[face]]
            links |= {frozenset(pair), frozenset(halves.images[f] for f in pair)}
    if halves.across:
        middle = cut_up(Mesh(mesh.corners, tuple(mesh.faces[f] for f in halves.across)), room)
        pieces += [[halves.across[f] for f in piece] for piece in middle.pieces]
        links |= {frozenset((halves.across[f], halves.across[middle.parents[f]])) for piece in middle.pieces
                  for f in piece[1:]}
    return as_cut(Flats(mesh), pieces, links, room)._replace(refused=cut.refused)


def half_cut(halves: Halves, cut: Cut, room: Room) -> Cut:
    """The cut of the one side, of a whole cut in pairs."""
    number = {face: i for i, face in enumerate(halves.one)}
    pieces = [[number[f] for f in piece] for piece in cut.pieces if piece[0] in number]
    links = {frozenset((number[f], number[cut.parents[f]])) for piece in cut.pieces if piece[0] in number
             for f in piece[1:]}
    return as_cut(Flats(halves.half), pieces, links, room)
