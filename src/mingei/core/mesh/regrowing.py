"""Pieces taken apart and grown again, over and over, in numbers only: compiled where that can be, so that it
runs some hundred times as fast, and loaded only where a search runs.

What is found is which edges are folds; whoever uses it looks with exact means whether it holds.  All that is
compiled stands in this one module: what is kept of it is taken up again for as long as this file is as it
was, whatever became of others it calls.
"""

from __future__ import annotations

import math
from collections.abc import Callable
from typing import Any, TypeVar

import numpy as np
from numpy.typing import NDArray

from mingei.core.mesh.flats import Array
from mingei.core.mesh.numbers import MOST_HULL, Grown, Net

F = TypeVar("F", bound=Callable[..., Any])


def compiled(function: F) -> F:
    """Compiled on its first call, and kept for the next time; where nothing compiles the same, slower."""
    try:
        from numba import njit
    except ImportError:
        return function
    kept: Any = njit(cache=True)(function)
    found: F = kept
    return found


#: Faces that lie over each other by less than this meet, mm: less than the exact test forgives.
_OVER_MM = 0.006
#: Faces of the pieces taken apart at once; with more, so many edges are cut in all; now and then all the
#: same.
_AT_ONCE, _EDGES, _REGARDLESS = 150, 60.0, 0.1
#: As many pieces are taken as no worse when the large ones are smaller by no more than this share.
_NO_WORSE = 0.98


@compiled
def _apart(a: Array, n: int, b: Array, m: int) -> bool:
    """Whether some side of either convex ring has the other wholly beyond it, but for what is forgiven."""
    for turn in range(2):
        if turn == 0:
            p, k, q, j = a, n, b, m
        else:
            p, k, q, j = b, m, a, n
        for i in range(k):
            x, y = p[i, 0], p[i, 1]
            i2 = i + 1 if i + 1 < k else 0
            dx, dy = p[i2, 0] - x, p[i2, 1] - y
            size = math.sqrt(dx * dx + dy * dy)
            if size < 1e-12:
                continue
            bound = _OVER_MM * size
            beyond = True
            for c in range(j):
                # inside is to the left of a side
                if dx * (q[c, 1] - y) - dy * (q[c, 0] - x) > bound:
                    beyond = False
                    break
            if beyond:
                return True
    return False


@compiled
def _box(ring: Array, n: int, box: Array) -> None:
    box[0] = box[2] = ring[0, 0]
    box[1] = box[3] = ring[0, 1]
    for i in range(1, n):
        x, y = ring[i, 0], ring[i, 1]
        box[0], box[1] = min(box[0], x), min(box[1], y)
        box[2], box[3] = max(box[2], x), max(box[3], y)


@compiled
def _copy(source: NDArray[Any], target: NDArray[Any]) -> None:
    a, b = source.ravel(), target.ravel()
    for i in range(a.size):
        b[i] = a[i]


@compiled
def _clear(a: Array, b: Array) -> bool:
    return bool(a[2] <= b[0] or b[2] <= a[0] or a[3] <= b[1] or b[3] <= a[1])


@compiled
def _hull_of(points: Array, out: Array) -> int:
    """The convex hull of points, counter-clockwise, into out; how many corners it has, -1 for too many."""
    n = len(points)
    order = np.argsort(points[:, 0] + 1e-9 * points[:, 1])
    chain = np.empty(2 * n + 2, np.int64)
    top = 0
    for way in range(2):
        floor = top + 1 if way else 1
        for step in range(n):
            i = order[step] if way == 0 else order[n - 1 - step]
            while top > floor:
                a, b = chain[top - 2], chain[top - 1]
                if ((points[b, 0] - points[a, 0]) * (points[i, 1] - points[a, 1])
                        - (points[b, 1] - points[a, 1]) * (points[i, 0] - points[a, 0])) > 1e-9:
                    break
                top -= 1
            chain[top] = i
            top += 1
        top -= 1
    if top > len(out) or top < 1:
        return -1
    for k in range(top):
        out[k, 0], out[k, 1] = points[chain[k], 0], points[chain[k], 1]
    return top


@compiled
def _fits(hull: Array, n: int, wide: float, high: float) -> bool:
    """Whether a hull fits the room, at some whole degree or with a side of its own along it."""
    for step in range(90 + n):
        if step < 90:
            angle = step * math.pi / 180
            c, s = math.cos(angle), math.sin(angle)
        else:
            i = step - 90
            j = i + 1 if i + 1 < n else 0
            dx, dy = hull[j, 0] - hull[i, 0], hull[j, 1] - hull[i, 1]
            size = math.sqrt(dx * dx + dy * dy)
            if size < 1e-9:
                continue
            c, s = dx / size, dy / size
        low_u = low_v = 1e300
        top_u = top_v = -1e300
        for k in range(n):
            u, v = c * hull[k, 0] + s * hull[k, 1], c * hull[k, 1] - s * hull[k, 0]
            low_u, top_u = min(low_u, u), max(top_u, u)
            low_v, top_v = min(low_v, v), max(top_v, v)
        w, h = top_u - low_u, top_v - low_v
        if (w <= wide and h <= high) or (h <= wide and w <= high):
            return True
    return False


@compiled
def _moved(ring: Array, n: int, c: float, s: float, x: float, y: float, out: Array) -> None:
    for i in range(n):
        p, q = ring[i, 0], ring[i, 1]
        out[i, 0], out[i, 1] = c * p - s * q + x, s * p + c * q + y


@compiled
def _join(net: Net, grown: Grown, edge: int) -> bool:
    """Join the pieces on both sides of an edge, where that may be."""
    fa, ia, fb, ib = net.edges[edge, 0], net.edges[edge, 1], net.edges[edge, 2], net.edges[edge, 3]
    ra, rb = grown.root[fa], grown.root[fb]
    if ra == rb:
        return False
    if grown.size[ra] < grown.size[rb]:
        fa, ia, ra, fb, ib, rb = fb, ib, rb, fa, ia, ra
    if grown.area[ra] + grown.area[rb] > net.room[2]:
        return False
    na, nb = net.corners[fa], net.corners[fb]
    p, q = grown.at[fa, ia], grown.at[fa, (ia + 1) % na]
    s_, r = grown.at[fb, ib], grown.at[fb, (ib + 1) % nb]
    fx, fy, tx, ty = s_[0] - r[0], s_[1] - r[1], q[0] - p[0], q[1] - p[1]
    size = math.sqrt((fx * fx + fy * fy) * (tx * tx + ty * ty))
    c, s = (fx * tx + fy * ty) / size, (fx * ty - fy * tx) / size
    norm = math.sqrt(c * c + s * s)
    c, s = c / norm, s / norm
    x, y = p[0] - (c * r[0] - s * r[1]), p[1] - (s * r[0] + c * r[1])
    ha, hb = grown.hull_size[ra], grown.hull_size[rb]
    both = np.empty((ha + hb, 2))
    _moved(grown.hull[ra], ha, 1.0, 0.0, 0.0, 0.0, both)
    _moved(grown.hull[rb], hb, c, s, x, y, both[ha:])
    hull = np.empty((MOST_HULL, 2))
    corners = _hull_of(both, hull)
    if corners < 0 or not _fits(hull, corners, net.room[0], net.room[1]):
        return False
    k = grown.at.shape[1]
    many = grown.size[rb]
    rings, boxes = np.empty((many, k, 2)), np.empty((many, 4))
    whole = np.empty(4)
    whole[0] = whole[1] = 1e300
    whole[2] = whole[3] = -1e300
    names = np.empty(many, np.int64)
    face = rb
    for number in range(many):
        names[number] = face
        _moved(grown.at[face], net.corners[face], c, s, x, y, rings[number])
        _box(rings[number], net.corners[face], boxes[number])
        whole[0], whole[1] = min(whole[0], boxes[number, 0]), min(whole[1], boxes[number, 1])
        whole[2], whole[3] = max(whole[2], boxes[number, 2]), max(whole[3], boxes[number, 3])
        face = grown.then[face]
    box = np.empty(4)
    face = ra
    while face >= 0:
        _box(grown.at[face], net.corners[face], box)
        if not _clear(box, whole):
            for number in range(many):
                if not _clear(box, boxes[number]) and not _apart(grown.at[face], net.corners[face],
                                                                   rings[number], net.corners[names[number]]):
                    return False
        face = grown.then[face]
    strips = np.empty((many, k, 4, 2)) if net.counted else np.empty((0, k, 4, 2))
    if net.counted and not _leaves_room(net, grown, edge, ra, rb, names, rings, boxes, whole,
                                              (c, s, x, y), strips):
        return False
    for number in range(many):
        face = names[number]
        _copy(rings[number], grown.at[face])
        if net.counted:
            _copy(strips[number], grown.strips[face])
        grown.root[face] = ra
    grown.folds[edge] = True
    grown.then[grown.last[ra]] = rb
    grown.last[ra] = grown.last[rb]
    grown.size[ra] += many
    grown.area[ra] += grown.area[rb]
    _copy(hull, grown.hull[ra])
    grown.hull_size[ra] = corners
    return True


@compiled
def _leaves_room(net: Net, grown: Grown, edge: int, ra: int, rb: int, names: NDArray[np.int64], rings: Array,
                 boxes: Array, whole: Array, way: tuple[float, float, float, float], strips: Array) -> bool:
    """Whether no more slits without room are left than may be, once the second piece lies beside the first;
    which sides are tight then."""
    k = grown.at.shape[1]
    fresh = np.empty(((grown.size[ra] + grown.size[rb]) * k, 2), np.int64)
    found = 0
    box = np.empty(4)
    face = ra
    while face >= 0:
        for i in range(net.corners[face]):
            e = net.at_edge[face, i]
            if grown.tight[face, i] or e == edge or (e >= 0 and grown.folds[e]):
                continue
            _box(grown.strips[face, i], 4, box)
            if _clear(box, whole):
                continue
            for number in range(len(names)):
                if not _clear(box, boxes[number]) and not _apart(grown.strips[face, i], 4, rings[number],
                                                                   net.corners[names[number]]):
                    fresh[found, 0], fresh[found, 1] = face, i
                    found += 1
                    grown.tight[face, i] = True
                    break
        face = grown.then[face]
    for number in range(len(names)):
        name = names[number]
        for i in range(net.corners[name]):
            _moved(grown.strips[name, i], 4, way[0], way[1], way[2], way[3], strips[number, i])
            e = net.at_edge[name, i]
            if grown.tight[name, i] or e == edge or (e >= 0 and grown.folds[e]):
                continue
            _box(strips[number, i], 4, box)
            face = ra
            own = np.empty(4)
            while face >= 0:
                _box(grown.at[face], net.corners[face], own)
                if not _clear(box, own) and not _apart(strips[number, i], 4, grown.at[face],
                                                       net.corners[face]):
                    fresh[found, 0], fresh[found, 1] = name, i
                    found += 1
                    grown.tight[name, i] = True
                    break
                face = grown.then[face]
    cut = bare = 0.0
    for side in range(2):
        face = ra if side == 0 else rb
        while face >= 0:
            for i in range(net.corners[face]):
                e = net.at_edge[face, i]
                if e == edge or (e >= 0 and grown.folds[e]):
                    continue
                cut += net.long[face, i]
                if e >= 0 and grown.tight[face, i]:
                    if net.edges[e, 0] == face and net.edges[e, 1] == i:
                        other, j = net.edges[e, 2], net.edges[e, 3]
                    else:
                        other, j = net.edges[e, 0], net.edges[e, 1]
                    if grown.tight[other, j] and (grown.root[other] == ra or grown.root[other] == rb):
                        bare += net.long[face, i]
            face = grown.then[face]
    if bare <= net.room[3] * cut:
        return True
    for number in range(found):
        grown.tight[fresh[number, 0], fresh[number, 1]] = False
    return False


@compiled
def _hulled(net: Net, grown: Grown, root: int) -> None:
    """The hull of a piece, from its members."""
    total, face = 0, root
    while face >= 0:
        total += net.corners[face]
        face = grown.then[face]
    points = np.empty((total, 2))
    face, filled = root, 0
    while face >= 0:
        for i in range(net.corners[face]):
            points[filled, 0], points[filled, 1] = grown.at[face, i, 0], grown.at[face, i, 1]
            filled += 1
        face = grown.then[face]
    grown.hull_size[root] = max(1, _hull_of(points, grown.hull[root]))


@compiled
def _known(net: Net, grown: Grown, root: int) -> None:
    """Of a piece whose members hang in its chain: its hull, its area, and which sides are tight."""
    face = root
    grown.size[root], grown.area[root] = 0, 0.0
    while face >= 0:
        grown.root[face] = root
        grown.size[root] += 1
        grown.area[root] += net.areas[face]
        grown.last[root] = face
        face = grown.then[face]
    _hulled(net, grown, root)
    if not net.counted:
        return
    many = grown.size[root]
    boxes, names = np.empty((many, 4)), np.empty(many, np.int64)
    face = root
    for number in range(many):
        names[number] = face
        _box(grown.at[face], net.corners[face], boxes[number])
        face = grown.then[face]
    box = np.empty(4)
    for number in range(many):
        face = names[number]
        for i in range(net.corners[face]):
            grown.tight[face, i] = False
            e = net.at_edge[face, i]
            if e >= 0 and grown.folds[e]:
                continue
            _box(grown.strips[face, i], 4, box)
            for other in range(many):
                if other != number and not _clear(box, boxes[other]) and not _apart(
                        grown.strips[face, i], 4, grown.at[names[other]], net.corners[names[other]]):
                    grown.tight[face, i] = True
                    break


@compiled
def _fall_apart(net: Net, grown: Grown, root: int, faces: NDArray[np.int64]) -> None:
    """A piece some of whose folds were cut: the pieces it comes to.  faces: its members."""
    for face in faces:
        grown.root[face] = -1
    waiting = np.empty(len(faces), np.int64)
    for start in faces:
        if grown.root[start] >= 0:
            continue
        top, end = 1, start
        waiting[0] = start
        grown.root[start] = start
        grown.then[start] = -1
        while top > 0:
            top -= 1
            face = waiting[top]
            for i in range(net.corners[face]):
                e = net.at_edge[face, i]
                if e < 0 or not grown.folds[e]:
                    continue
                other = net.edges[e, 2] if net.edges[e, 0] == face else net.edges[e, 0]
                if grown.root[other] < 0:
                    grown.root[other] = start
                    grown.then[end] = other
                    grown.then[other] = -1
                    end = other
                    waiting[top] = other
                    top += 1
        _known(net, grown, start)


@compiled
def _quality(grown: Grown) -> tuple[int, float]:
    """How many pieces, and how large the large ones are."""
    pieces, large = 0, 0.0
    for face in range(len(grown.root)):
        if grown.root[face] == face:
            pieces += 1
            large += grown.area[face] ** 2
    return pieces, large


@compiled
def _chosen(net: Net, grown: Grown, some: NDArray[np.int64]) -> int:
    """A piece, small ones more often, and one to four beside it, into some; how many."""
    n = len(grown.root)
    weight = 0.0
    for face in range(n):
        if grown.root[face] == face:
            weight += 1.0 / grown.size[face]
    at = np.random.random() * weight
    some[0] = grown.root[0]
    for face in range(n):
        if grown.root[face] == face:
            at -= 1.0 / grown.size[face]
            if at <= 0:
                some[0] = face
                break
    found = 1
    for _ in range(1 + int(np.random.random() * 4)):
        beside, seen = -1, 0
        for number in range(found):
            face = some[number]
            while face >= 0:
                for i in range(net.corners[face]):
                    e = net.at_edge[face, i]
                    if e < 0:
                        continue
                    other = grown.root[net.edges[e, 2] if net.edges[e, 0] == face else net.edges[e, 0]]
                    known = False
                    for k in range(found):
                        known = known or some[k] == other
                    if not known:
                        seen += 1
                        if np.random.random() * seen < 1.0:
                            beside = other
                face = grown.then[face]
        if beside < 0:
            break
        some[found] = beside
        found += 1
    return found


@compiled
def _once(net: Net, grown: Grown) -> int:
    """Take some pieces apart and grow them again: 2 where there are fewer pieces then, 1 where it is no
    worse, 0 where all is as it was."""
    some = np.empty(8, np.int64)
    found = _chosen(net, grown, some)
    if found < 2:
        return 0
    before, large = _quality(grown)
    total = 0
    for number in range(found):
        total += grown.size[some[number]]
    at, strips, root, then = grown.at.copy(), grown.strips.copy(), grown.root.copy(), grown.then.copy()
    last, size, area = grown.last.copy(), grown.size.copy(), grown.area.copy()
    folds, tight, hulls = grown.folds.copy(), grown.tight.copy(), grown.hull_size.copy()
    share = np.random.random() ** 2
    if total > _AT_ONCE and np.random.random() > _REGARDLESS:
        share *= _EDGES / total
    inside = np.zeros(len(root), np.bool_)
    for number in range(found):
        r = some[number]
        faces = np.empty(grown.size[r], np.int64)
        face = r
        for k in range(len(faces)):
            faces[k] = face
            inside[face] = True
            face = grown.then[face]
        for face in faces:
            for i in range(net.corners[face]):
                e = net.at_edge[face, i]
                if e >= 0 and net.held[e] == 0 and grown.folds[e] and net.edges[e, 0] == face and (
                        number == 0 or np.random.random() < share):
                    grown.folds[e] = False
        _fall_apart(net, grown, r, faces)
    blur = 0.4 * np.random.random()
    edges = np.empty(len(net.edges), np.int64)
    order = np.empty(len(net.edges))
    many = 0
    for e in range(len(net.edges)):
        if net.held[e] >= 0 and not grown.folds[e] and (inside[net.edges[e, 0]]
                                                        or inside[net.edges[e, 2]]) and (
                grown.root[net.edges[e, 0]] != grown.root[net.edges[e, 2]]):
            edges[many] = e
            order[many] = -net.worth[e] * (1.0 + blur * (2 * np.random.random() - 1.0))
            many += 1
    for k in range(many, len(order)):
        order[k] = np.inf
    ranked = np.argsort(order)
    touched = np.empty(2 * many + 2, np.int64)
    hands = 0
    for rank in range(many):
        e = edges[ranked[rank]]
        fa, fb = net.edges[e, 0], net.edges[e, 2]
        if _join(net, grown, e):
            touched[hands], touched[hands + 1] = fa, fb
            hands += 2
    after, larger = _quality(grown)
    if after < before or (after == before and larger >= _NO_WORSE * large):
        return 2 if after < before else 1
    _copy(at, grown.at)
    _copy(strips, grown.strips)
    _copy(area, grown.area)
    for was, now in ((root, grown.root), (then, grown.then), (last, grown.last), (size, grown.size),
                     (hulls, grown.hull_size)):
        _copy(was, now)
    _copy(folds, grown.folds)
    _copy(tight, grown.tight)
    done = np.zeros(len(root), np.bool_)
    for number in range(found):
        _hulled(net, grown, some[number])
        done[some[number]] = True
    for k in range(hands):
        r = grown.root[touched[k]]
        if not done[r]:
            done[r] = True
            _hulled(net, grown, r)
    return 0


@compiled
def regrow(net: Net, grown: Grown, tries: int, best: NDArray[np.bool_], least: int,
           large: float) -> tuple[int, float]:
    """Try so often; into best the folds of the best there was, where it is better than (least, large); how
    good that is."""
    for _ in range(tries):
        if _once(net, grown) == 0:
            continue
        pieces, size = _quality(grown)
        if pieces < least or (pieces == least and size > large * (1 + 1e-9)):
            least, large = pieces, size
            _copy(grown.folds, best)
    return least, large


@compiled
def seed_with(number: int) -> None:
    """The dice of what is compiled."""
    np.random.seed(number)


@compiled
def _joined(net: Net, grown: Grown, wanted: NDArray[np.bool_]) -> None:
    """Every face by itself, then joined where that is wanted."""
    for face in range(len(grown.root)):
        grown.then[face] = -1
        _known(net, grown, face)
    for e in range(len(wanted)):
        if wanted[e]:
            _join(net, grown, e)
    for face in range(len(grown.root)):
        if grown.root[face] == face:
            _known(net, grown, face)


def settle(net: Net, grown: Grown, wanted: NDArray[np.bool_]) -> None:
    """Join a cut's faces along its folds, whatever room that leaves: what holds already holds.  wanted: of
    each edge whether it is a fold (m,)."""
    _joined(net._replace(room=np.array((*net.room[:3], math.inf))), grown, wanted)
