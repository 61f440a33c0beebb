"""Fewer pieces than were found at first, looked for as long as one will."""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from types import MappingProxyType

import numpy as np

from mingei.core.mesh.cutting import cut_up
from mingei.core.mesh.flats import Room
from mingei.core.mesh.mesh import Mesh
from mingei.core.mesh.numbers import as_numbers
from mingei.core.mesh.pieces import Cut

#: So many tries are made before anybody is told.
_AT_ONCE = 10
_NONE: Mapping[tuple[int, int], bool] = MappingProxyType({})


def better(mesh: Mesh, cut: Cut, room: Room, tries: int, held: Mapping[tuple[int, int], bool] = _NONE,
           seed: int = 1) -> Iterator[tuple[float, Cut | None]]:
    """Fewer and fewer pieces: small ones are taken apart with some of their neighbours and grown again in
    another order; what comes of it is kept where it is fewer pieces, or as many of which the large are
    larger.  held: edges, each as its two corners in order, that stay joined or parted; tries: how often; the
    same number finds the same.  Now and then what share of them is done, and the cut where it is better, each
    looked through by the exact means a cut is made with."""
    from mingei.core.mesh import regrowing

    net, grown = as_numbers(mesh, room, held)
    parents = cut.parents
    regrowing.settle(net, grown, np.array([parents[a] == b or parents[b] == a for _, _, a, b in mesh.edges]))
    regrowing.seed_with(seed)
    best = grown.folds.copy()
    least, large = len(cut.pieces), sum(sum(float(mesh.areas[f]) for f in faces) ** 2 for faces in cut.pieces)
    done = 0
    while done < tries:
        step = min(_AT_ONCE, tries - done)
        before, (least, large) = (least, large), regrowing.regrow(net, grown, step, best, least, large)
        done += step
        found = None
        if (least, large) != before:
            folds = zip(mesh.edges, best.tolist(), strict=True)
            joined = {(min(edge[:2]), max(edge[:2])) for edge, on in folds if on}
            looked = cut_up(mesh, room, joined=joined, whole=True)
            found = looked if len(looked.pieces) == least else None
        yield done / tries, found
