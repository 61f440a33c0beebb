"""Fewer pieces than were found at first, looked for as long as one will."""

from __future__ import annotations

import random
from collections.abc import Iterator, Mapping, Sequence

from mingei.core.mesh.flats import Flats, Room, worth_of
from mingei.core.mesh.mesh import Mesh
from mingei.core.mesh.pieces import Cut, Pieces

#: So many faces at the most are taken apart at once, where room beside edges counts and where it does not.
_AT_ONCE, _MANY_AT_ONCE = 90, 500


def better(mesh: Mesh, cut: Cut, room: Room, tries: int, seed: int = 1) -> Iterator[tuple[float, Cut | None]]:
    """Fewer and fewer pieces: small ones are taken apart with some of their neighbours and put together anew
    in another order; what comes of it is kept where it is fewer pieces, or as many of which the large are
    larger.  tries: how often.  After each try what share of them is done, and the cut where it is better."""
    dice = random.Random(seed)
    pieces = Pieces.of_cut(Flats(mesh), room, cut)
    around: dict[int, list[tuple[int, int, int, int]]] = {f: [] for f in range(len(mesh.faces))}
    worth = {edge: worth_of(mesh, *edge) for edge in mesh.edges}
    for edge in mesh.edges:
        around[edge[2]].append(edge)
        around[edge[3]].append(edge)
    for number in range(tries):
        share = (number + 1) / tries
        some = _some_beside(pieces, dice, around)
        if len(some) < 2:
            yield share, None
            continue
        faces = [f for root in some for f in pieces.members[root]]
        before, kept = _quality(pieces), pieces.take_apart(some)
        blur = dice.choice((0.0, 0.15, 0.4))
        inside = set(faces)
        edges = sorted({e for f in faces for e in around[f] if e[2] in inside and e[3] in inside},
                       key=lambda e: -worth[e] * dice.uniform(1.0 - blur, 1.0 + blur))
        for edge in edges:
            pieces.join(*edge)
        after = _quality(pieces)
        if after < before:
            yield share, pieces.cut()
            continue
        if after > before:
            pieces.put_back(kept)
        yield share, None


def _quality(pieces: Pieces) -> tuple[int, float]:
    """Smaller is better: how many pieces, then how large the large ones are."""
    areas = pieces.flats.mesh.areas
    return len(pieces.members), -sum(sum(float(areas[f]) for f in faces) ** 2
                                     for faces in pieces.members.values())


def _some_beside(pieces: Pieces, dice: random.Random,
                 around: Mapping[int, Sequence[tuple[int, int, int, int]]]) -> list[int]:
    """A piece, small ones more often, and one to four beside it, of not too many faces in all."""
    roots = sorted(pieces.members)
    weights = [1.0 / len(pieces.members[r]) for r in roots]
    most = _AT_ONCE if pieces.counted else _MANY_AT_ONCE
    first = dice.choices(roots, weights)[0]
    found, faces = [first], len(pieces.members[first])
    for _ in range(dice.randint(1, 4)):
        beside = {pieces.root[f] for root in found for face in pieces.members[root] for e in around[face]
                  for f in (e[2], e[3])} - set(found)
        beside = {r for r in beside if faces + len(pieces.members[r]) <= most}
        if not beside:
            break
        found.append(dice.choice(sorted(beside)))
        faces += len(pieces.members[found[-1]])
    return found
