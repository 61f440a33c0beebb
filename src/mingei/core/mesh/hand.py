"""Edges a person joined or parted, and faces that pieces begin with, kept by where their middles lie as
shares of the model's height, so that they are found again at another size, and mostly with another number of
facets."""

from __future__ import annotations

import math
from collections.abc import Iterable, Mapping
from typing import Any, NamedTuple

import numpy as np

from mingei.core.errors import MeasureError
from mingei.core.mesh.mesh import Mesh
from mingei.core.words import say

#: No more are kept.
_MOST = 20_000
#: A mark is of an edge whose middle lies nearer than such a share of the edge's length.
_NEAR = 0.5
#: Digits a share is kept with.
_DIGITS = 5
_SIGNS, _BEGINS = ("+", "-", "."), "*"


class Mark(NamedTuple):
    """Where the middle of an edge lies, as shares of the height, and whether its faces hang together there;
    found: a search did that, no person."""

    x: float
    y: float
    z: float
    joined: bool
    found: bool = False


class Hand(NamedTuple):
    """marks: of edges; whole: the pieces are settled: faces hang together where they are marked so, and
    nowhere else; roots: the middles of faces their pieces begin with."""

    marks: tuple[Mark, ...] = ()
    whole: bool = False
    roots: tuple[tuple[float, float, float], ...] = ()


class Matched(NamedTuple):
    """joined, parted: the edges, each as its two corners in order; lost: marks that no edge lies near; found:
    those of the joined that a search joined."""

    joined: frozenset[tuple[int, int]]
    parted: frozenset[tuple[int, int]]
    lost: int
    found: frozenset[tuple[int, int]] = frozenset()


def read_hand(text: str) -> Hand:
    """What a line of text says: ``=`` first where the pieces are settled, then ``x,y,z+`` for joined and
    ``x,y,z-`` for parted by hand, ``x,y,z.`` for joined by a search, ``x,y,z*`` for a face its piece begins
    with.  Raises MeasureError naming the one at fault."""
    words = text.split()
    whole = words[:1] == ["="]
    words = words[1:] if whole else words
    if len(words) > _MOST:
        raise MeasureError(say("{count} edges set by hand are more than are kept", count=len(words)), "hand",
                           say("keep to {most}", most=_MOST))
    found: list[Mark] = []
    begun: list[tuple[float, float, float]] = []
    for word in words:
        try:
            x, y, z = (float(v) for v in word[:-1].split(","))
        except ValueError:
            x = y = z = math.nan
        if word[-1:] not in (*_SIGNS, _BEGINS) or not all(abs(v) < 1e3 for v in (x, y, z)):
            raise MeasureError(say("{word!r} is no edge", word=word[:40]), "hand",
                               "write x,y,z and +, -, * or a stop, as shares of the height")
        if word[-1] == _BEGINS:
            begun.append((x, y, z))
            continue
        found.append(Mark(x, y, z, word[-1] != "-", word[-1] == "."))
    return Hand(tuple(found), whole, tuple(begun))


def write_hand(hand: Hand) -> str:
    """The line of text that ``read_hand`` understands."""
    return " ".join((*(("=",) if hand.whole else ()), *(
        f"{m.x:.{_DIGITS}f},{m.y:.{_DIGITS}f},{m.z:.{_DIGITS}f}{'.' if m.found else '+' if m.joined else '-'}"
        for m in hand.marks), *(f"{x:.{_DIGITS}f},{y:.{_DIGITS}f},{z:.{_DIGITS}f}{_BEGINS}"
                                for x, y, z in hand.roots)))


def matched(mesh: Mesh, marks: Iterable[Mark]) -> Matched:
    """The edges of a mesh that marks are of; the last mark of an edge counts."""
    marks = tuple(marks)
    if not marks:
        return Matched(frozenset(), frozenset(), 0)
    edges = [(a, b) for a, b, _, _ in mesh.edges]
    ends = mesh.corners[np.array(edges)]
    middles, high = ends.mean(axis=1), mesh.size[2]
    long = np.linalg.norm(ends[:, 1] - ends[:, 0], axis=1)
    floor = mesh.corners.min(axis=0)
    found: dict[tuple[int, int], Mark] = {}
    lost = 0
    for mark in marks:
        away = np.linalg.norm(middles - (np.array((mark.x, mark.y, mark.z)) * high + floor), axis=1)
        best = int(np.argmin(away))
        if away[best] > _NEAR * long[best]:
            lost += 1
            continue
        a, b = sorted(edges[best])
        found[a, b] = mark
    return Matched(frozenset(e for e, m in found.items() if m.joined),
                   frozenset(e for e, m in found.items() if not m.joined), lost,
                   frozenset(e for e, m in found.items() if m.joined and m.found))


def begun(mesh: Mesh, roots: Iterable[tuple[float, float, float]]) -> tuple[int, ...]:
    """The faces that pieces begin with; a mark that lies on none is left out."""
    wanted = tuple(roots)
    if not wanted:
        return ()
    middles = _middles(mesh)
    found = []
    for root in wanted:
        away = np.linalg.norm(middles - np.array(root), axis=1) * mesh.size[2]
        best = int(np.argmin(away))
        if away[best] <= math.sqrt(float(mesh.areas[best])):
            found.append(best)
    return tuple(dict.fromkeys(found))


def middle_of(mesh: Mesh, face: int) -> tuple[float, float, float]:
    """The middle of a face as it is kept."""
    x, y, z = (round(float(v), _DIGITS) for v in _middles(mesh)[face])
    return x, y, z


def _middles(mesh: Mesh) -> Any:
    """Of every face the middle of its corners, (n, 3), as shares of the height."""
    middles = np.array([mesh.corners[list(face)].mean(axis=0) for face in mesh.faces])
    return (middles - mesh.corners.min(axis=0)) / mesh.size[2]


def settled(mesh: Mesh, joined: Iterable[tuple[int, int]], held: Mapping[tuple[int, int], bool],
            roots: Iterable[int] = ()) -> Hand:
    """Pieces that hang together along some edges, and along no others.  held: of the edges a person joined or
    parted, which; a search leaves them; roots: the faces a person let pieces begin with."""
    joined = set(joined)
    return Hand((*(_mark(mesh, a, b, True, (a, b) not in held) for a, b in sorted(joined)),
                 *(_mark(mesh, a, b, False, False) for (a, b), on in sorted(held.items())
                   if not on and (a, b) not in joined)), True, tuple(middle_of(mesh, face) for face in roots))


def _mark(mesh: Mesh, a: int, b: int, joined: bool, found: bool) -> Mark:
    corners = mesh.corners
    x, y, z = (((corners[a] + corners[b]) / 2 - corners.min(axis=0)) / mesh.size[2]).tolist()
    return Mark(round(x, _DIGITS), round(y, _DIGITS), round(z, _DIGITS), joined, found)


def edge_between(mesh: Mesh, face: int, other: int) -> tuple[int, int]:
    """The longest edge two faces share, as its two corners in order.  Raises MeasureError where they share
    none."""
    shared = [(min(a, b), max(a, b)) for a, b, f, o in mesh.edges if {f, o} == {face, other}]
    if not shared:
        raise MeasureError("these two facets do not meet", "hand", "choose two that share an edge")
    corners = mesh.corners
    return max(shared, key=lambda e: float(np.linalg.norm(corners[e[0]] - corners[e[1]])))
