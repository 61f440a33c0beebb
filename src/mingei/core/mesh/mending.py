"""What is wrong with a mesh that was brought in, in plain words, and what of it is mended: corners welded,
doubled and empty faces dropped, faces turned right side out, small holes filled.  What is left is said."""

from __future__ import annotations

from collections import Counter
from collections.abc import Collection
from enum import StrEnum
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.errors import MeasureError
from mingei.core.mesh.mesh import Mesh
from mingei.core.words import Words, counted, say

#: Corners nearer than this share of the whole are one; a face lower than that has no area.
_WELD, _EMPTY = 1e-6, 1e-7
#: No body is larger or smaller, in whatever units.
_LEAST, _MOST = 1e-6, 1e9
#: A hole of no more sides is filled.
_SMALL_HOLE = 8
#: A face so much lower than it is long is a sliver.
_SLIVER = 0.02
#: No more faces are looked at.
MOST_TRIANGLES = 200_000


class Mending(StrEnum):
    """What is mended, and may be left as it is: the rest has to be, or nothing could be folded."""

    WELD = "weld"
    TURN = "turn"
    FILL = "fill"


class Done(NamedTuple):
    """What was mended, in words, and which mending it was, None where it had to be."""

    words: Words | str
    kind: Mending | None = None


class Mended(NamedTuple):
    """mesh: of triangles; done: what was mended; left: what a person should know, full sentences without a
    stop."""

    mesh: Mesh
    done: tuple[Done, ...]
    left: tuple[Words | str, ...]


def mend(corners: NDArray[np.float64], triangles: NDArray[np.int64],
         leave: Collection[Mending] = ()) -> Mended:
    """Look through corners (n, 3) and triangles (m, 3).  leave: what is not mended.  Raises MeasureError
    where it is no body at all."""
    if len(triangles) > MOST_TRIANGLES:
        raise MeasureError(say("{count} triangles are more than are looked at", count=len(triangles)), "mesh",
                           say("reduce it to {most} or fewer first", most=MOST_TRIANGLES))
    whole = np.asarray(np.isfinite(corners).all(axis=1))
    triangles = triangles[((triangles >= 0) & (triangles < len(corners))).all(axis=1)]
    triangles = triangles[whole[triangles].all(axis=1)]
    if len(triangles) < 4:
        raise MeasureError("it has too few faces for a body", "mesh",
                           "export it again, as a mesh of triangles")
    used = np.unique(triangles)
    corners, triangles = corners[used], np.searchsorted(used, triangles)
    size = float(np.ptp(corners, axis=0).max())
    if size <= 0.0:
        raise MeasureError("it has no size", "mesh", "export it again, as a mesh of triangles")
    if not _LEAST <= size <= _MOST:
        raise MeasureError(say("it is {size:.0e} units large", size=size), "mesh",
                           say("scale it where it comes from, to between {least:g} and {most:g}",
                               least=_LEAST, most=_MOST))
    done: list[Done] = []
    left: list[Words | str] = []
    if Mending.WELD not in leave:
        corners, triangles = welded(corners, triangles, size, done)
    triangles = without_empty(corners, triangles, size, done)
    triangles = _at_most_two(triangles, done)
    if len(triangles) < 4:
        raise MeasureError("nothing of it is left that could be folded", "mesh",
                           "export it again, as a mesh of triangles")
    triangles, parts = _turned(corners, triangles, done, Mending.TURN not in leave)
    if Mending.FILL not in leave:
        triangles = _filled(triangles, done)
    mesh = Mesh(corners, tuple(tuple(row) for row in triangles.tolist()))
    if mesh.rims:
        left.append(counted("{count} edge is open: it stays a rim", "{count} edges are open: they stay rims",
                            len(mesh.rims)))
    if parts > 1:
        left.append(say("it is {count} bodies, not one", count=parts))
    flat = _slivers(corners, triangles)
    if flat:
        left.append(counted("{count} face is a sliver, hardly to be cut",
                            "{count} faces are slivers, hardly to "
                            "be cut", flat))
    left.append(say("it knows no unit: it is made as high as you say"))
    return Mended(mesh, tuple(done), tuple(left))


def welded(corners: NDArray[np.float64], triangles: NDArray[np.int64], size: float,
           done: list[Done]) -> tuple[NDArray[np.float64], NDArray[np.int64]]:
    """Corners in one place made one; what was done is added to ``done``."""
    grid = np.round((corners - np.nan_to_num(corners).min(axis=0)) / (size * _WELD))
    _, first, back = np.unique(np.nan_to_num(grid), axis=0, return_index=True, return_inverse=True)
    triangles = back.reshape(-1)[triangles]
    used, packed = np.unique(triangles, return_inverse=True)
    away = len(corners) - len(first)
    if away:
        done.append(
            Done(counted("{count} corner was welded to another", "{count} corners were welded to others",
                            away), Mending.WELD))
    return corners[first][used], packed.reshape(-1, 3)


def without_empty(corners: NDArray[np.float64], triangles: NDArray[np.int64], size: float,
                  done: list[Done]) -> NDArray[np.int64]:
    """The triangles that have an area, each once; what was done is added to ``done``."""
    p = corners[triangles]
    twice = np.linalg.norm(np.cross(p[:, 1] - p[:, 0], p[:, 2] - p[:, 0]), axis=1)
    sound = triangles[twice > _EMPTY * size * size * 1e-3]
    if len(sound) < len(triangles):
        done.append(Done(counted("{count} empty face was dropped", "{count} empty faces were dropped",
                            len(triangles) - len(sound))))
    _, first = np.unique(np.sort(sound, axis=1), axis=0, return_index=True)
    if len(first) < len(sound):
        done.append(Done(counted("{count} doubled face was dropped", "{count} doubled faces were dropped",
                            len(sound) - len(first))))
    found: NDArray[np.int64] = sound[np.sort(first)]
    return found


def _at_most_two(triangles: NDArray[np.int64], done: list[Done]) -> NDArray[np.int64]:
    """No edge has more than two faces: of card no third can meet there."""
    seen: Counter[tuple[int, int]] = Counter()
    kept = []
    for row in triangles.tolist():
        edges = [(min(a, b), max(a, b)) for a, b in zip(row, (*row[1:], row[0]), strict=True)]
        if all(seen[e] < 2 for e in edges):
            seen.update(edges)
            kept.append(row)
    if len(kept) < len(triangles):
        done.append(Done(counted("{count} face met an edge that two had already, and was dropped",
                            "{count} faces met edges that two had already, and were dropped",
                            len(triangles) - len(kept))))
    return np.array(kept, np.int64).reshape(-1, 3)


def _turned(corners: NDArray[np.float64], triangles: NDArray[np.int64],
            done: list[Done], turn: bool) -> tuple[NDArray[np.int64], int]:
    """All faces of a body the same way round, and a closed one right side out; and how many bodies it is."""
    rows = triangles.tolist()
    by_edge: dict[tuple[int, int], list[int]] = {}
    for number, row in enumerate(rows):
        for a, b in zip(row, (*row[1:], row[0]), strict=True):
            by_edge.setdefault((min(a, b), max(a, b)), []).append(number)
    flipped, parts, seen = 0, 0, [False] * len(rows)
    for start in range(len(rows)):
        if seen[start]:
            continue
        parts += 1
        seen[start] = True
        body = [start]
        for number in body:
            row = rows[number]
            for a, b in zip(row, (*row[1:], row[0]), strict=True):
                for other in by_edge[min(a, b), max(a, b)]:
                    if seen[other]:
                        continue
                    seen[other] = True
                    theirs = rows[other]
                    if (a, b) in list(zip(theirs, (*theirs[1:], theirs[0]), strict=True)):
                        rows[other] = theirs[::-1]
                        flipped += 1
                    body.append(other)
        p = corners[[rows[n] for n in body]]
        middle = p.mean(axis=(0, 1))
        spans = np.cross(p[:, 1] - middle, p[:, 2] - middle)
        if float(((p[:, 0] - middle) * spans).sum()) < 0:
            for n in body:
                rows[n] = rows[n][::-1]
            flipped = len(body) - flipped if parts == 1 and len(body) == len(rows) else flipped + len(body)
    if not turn:
        return triangles, parts
    if flipped:
        done.append(
            Done(counted("{count} face was inside out, and turned", "{count} faces were inside out, and "
                            "turned", flipped), Mending.TURN))
    return np.array(rows, np.int64), parts


def _filled(triangles: NDArray[np.int64], done: list[Done]) -> NDArray[np.int64]:
    """Small holes closed by a fan from their first corner."""
    rows = triangles.tolist()
    directed = {(a, b) for row in rows for a, b in zip(row, (*row[1:], row[0]), strict=True)}
    rims = [(b, a) for a, b in directed if (b, a) not in directed]
    starts = Counter(a for a, _ in rims)
    then = dict(rims)
    filled, left = 0, set(then)
    body = _bodies(triangles)
    faces = Counter(body[row[0]] for row in rows)
    for begin in sorted(then):
        if begin not in left:
            continue
        loop: list[int] = []
        at = begin
        while at in left and len(loop) <= _SMALL_HOLE:
            left.discard(at)
            loop.append(at)
            at = then[at]
        # the rim of a loose flat piece is no hole in it
        if (at == begin and 3 <= len(loop) <= _SMALL_HOLE and all(starts[n] == 1 for n in loop)
                and faces[body[loop[0]]] > len(loop) - 2):
            rows += [[loop[0], loop[i], loop[i + 1]] for i in range(1, len(loop) - 1)]
            filled += 1
    if filled:
        done.append(Done(counted("{count} small hole was filled", "{count} small holes were filled", filled),
                         Mending.FILL))
    return np.array(rows, np.int64)


def _bodies(triangles: NDArray[np.int64]) -> list[int]:
    """Of every corner the body it belongs to."""
    from scipy.sparse import coo_array
    from scipy.sparse.csgraph import connected_components

    many = int(triangles.max()) + 1
    one, two = triangles[:, [0, 1]].ravel(), triangles[:, [1, 2]].ravel()
    links = coo_array((np.ones(len(one), np.int8), (one, two)), (many, many))
    found: list[int] = connected_components(links, directed=False)[1].tolist()
    return found


def _slivers(corners: NDArray[np.float64], triangles: NDArray[np.int64]) -> int:
    p = corners[triangles]
    twice = np.linalg.norm(np.cross(p[:, 1] - p[:, 0], p[:, 2] - p[:, 0]), axis=1)
    longest = np.linalg.norm(p - np.roll(p, -1, axis=1), axis=2).max(axis=1)
    return int((twice / np.maximum(longest, 1e-12) < _SLIVER * longest).sum())
