"""Collisions: panels that pass through each other, folded or on the way there.

Panels are taken as their mid-surfaces, rigid, moving as ``fold.pose`` moves them.  Two panels collide where
the line in which their planes meet runs through both for more than a little.  What is joined by a fold, a
seam or a lap touches by design and does not count; neither do tabs and lips, which bend out of each other's
way, nor facets of curved faces among each other: curved card gives way. Between the pieces of a thing, and
for panels that lie in one place, ``between`` looks at the finished form.
"""

from __future__ import annotations

from collections.abc import Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.draft import Role
from mingei.core.draft.joint import Stands
from mingei.core.flat.pattern import FlatPanel, Pattern
from mingei.core.folded import fold
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Point

#: Shorter than this (mm) a common line is a touch, not a collision; card gives way so much, and more where it
#: is thick.
_TOUCH_MM = 1.0
#: Moments looked at within each step of the folding.
_WITHIN_STEP = 4
#: Two panels are parallel when the cosine between them is so near one.
_PARALLEL = 1e-6
#: A flat panel and a facet of a curved face pass through each other by more than this, mm, before it counts.
_CURVED_MM = 4.0


class Collision(NamedTuple):
    """Two panels of a piece that pass through each other, for how many mm, at what moment of the folding
    (0..1)."""

    piece: str
    a: str
    b: str
    length_mm: float
    fraction: float


def collisions(pattern: Pattern, fractions: Sequence[float] = (1.0,)) -> tuple[Collision, ...]:
    """The worst collision of each pair of panels over the moments looked at; the last moment first where it
    is among them."""
    worst: dict[tuple[str, str], Collision] = {}
    solid, first, second = _pairs(pattern)
    numbers = {p.name: i for i, p in enumerate(pattern.panels)}
    among = np.array([numbers[p.name] for p in solid], dtype=np.intp)
    for fraction in fractions:
        done = fold.finished(pattern) if fraction == 1.0 else fold.pose(pattern, fraction)
        at = fold.stands_finished(pattern) if fraction == 1.0 else fold.standing(pattern, done)
        lows, highs = (end.reduceat(at.points, at.starts, axis=0)[among] for end in (np.minimum, np.maximum))
        near = (lows[first] <= highs[second]).all(axis=1) & (lows[second] <= highs[first]).all(axis=1)
        for i, j in zip(first[near], second[near], strict=True):
            a, b = solid[i], solid[j]
            length = _through(a, done[a.name], b, done[b.name])
            if length > max(_TOUCH_MM, 2 * pattern.stock.caliper_mm):
                known = worst.get((a.name, b.name))
                if known is None or (known.fraction != 1.0 and (fraction == 1.0 or length > known.length_mm)):
                    worst[a.name, b.name] = Collision(pattern.name, a.name, b.name, length, fraction)
    return tuple(sorted(worst.values(), key=lambda c: (c.fraction != 1.0, -c.length_mm)))


def between(patterns: Sequence[Pattern]) -> tuple[Collision, ...]:
    """What stands in what when all is folded, whatever piece it belongs to: panels of two pieces that pass
    through each other, and two panels, tabs and lips too, that lie in one place.  length_mm: of the line they
    share, or across what they share."""
    every = [(p, panel) for p in patterns for panel in p.panels]
    stood = [fold.stands_finished(p) for p in patterns]
    calipers = np.array([p.stock.caliper_mm for p, _ in every])
    normals = np.concatenate([at.matrices[:, :3, 2] for at in stood])
    origins = np.concatenate([at.matrices[:, :3, 3] for at in stood])
    lows, highs = (np.concatenate([end.reduceat(at.points, at.starts, axis=0) for at in stood])
                   for end in (np.minimum, np.maximum))
    room = np.minimum.outer(calipers, calipers)[..., None]
    near = np.triu((lows[:, None] < highs[None] + room).all(axis=2)
                   & (lows[None] < highs[:, None] + room).all(axis=2), 1)
    piece = np.repeat(np.arange(len(patterns)), [len(p.panels) for p in patterns])
    facets = np.array([bool(panel.whole) for _, panel in every])
    near &= ~(facets[:, None] & facets[None])  # curved card gives way where it laps
    for i, j in _given_way(every):
        near[i, j] = near[j, i] = False
    first, second = np.nonzero(near)
    alike = np.abs((normals[first] * normals[second]).sum(axis=1)) > 1.0 - _PARALLEL
    off = np.abs(((origins[second] - origins[first]) * normals[first]).sum(axis=1))
    thick = (calipers[first] + calipers[second]) / 2
    found = []
    for i, j, level in zip(first.tolist(), second.tolist(), (alike & (off < 0.9 * thick)).tolist(),
                           strict=True):
        (p, a), (q, b) = every[i], every[j]
        if level:
            length = _across(a, fold.finished(p)[a.name], b, fold.finished(q)[b.name])
        elif piece[i] != piece[j] and not {a.role, b.role} & {Role.TAB, Role.LIP}:
            length = _through(a, fold.finished(p)[a.name], b, fold.finished(q)[b.name])
        else:
            continue
        # facets only stand for a curve: at a ball's pole they come to a point that is not there
        curved = bool(a.whole or b.whole)
        if length > (_CURVED_MM if curved else max(_TOUCH_MM, 2 * max(calipers[i], calipers[j]))):
            found.append(Collision(p.name, a.name, b.name, length, 1.0))
    return tuple(sorted(found, key=lambda c: -c.length_mm))


def _given_way(every: Sequence[tuple[Pattern, FlatPanel]]) -> set[tuple[int, int]]:
    """The numbers of panels that touch by design: joined by a fold, let into the other, or where a wall along
    a curve laps over itself.  Of seams only the edges meet, and what lies in one place is no seam."""
    number = {(p, panel.name): i for i, (p, panel) in enumerate(every)}
    named = {panel.name: i for i, (p, panel) in enumerate(every) if p.rides is None}
    pieces = list(dict.fromkeys(p for p, _ in every))
    folded = {(number[p, f.parent], number[p, f.child]) for p in pieces for f in p.folds}
    laps = ((named.get(lap.upper), named.get(lap.lower)) for p in pieces for lap in p.laps)
    housed = ((named.get(m.carrier), named.get(m.host)) for p in pieces for m in p.mates
              if m.joint.stands in (Stands.HOUSED, Stands.MITRED, Stands.THROUGH))
    folded |= {(a, b) for a, b in housed if a is not None and b is not None}
    return (folded | {(a, b) for a, b in laps if a is not None and b is not None
                      and (every[a][1].whole or every[b][1].whole)})


def _across(a: FlatPanel, at: fold.Matrix, b: FlatPanel, bt: fold.Matrix) -> float:
    """How wide (mm) what two parallel panels share is, seen square to them: about twice its area through half
    of its girth."""

    seen = (fold.place(bt, b.standing) - at[:3, 3]) @ at[:3, :2]
    shared = area_of(a.standing, a.hole_polygons).intersection(area_of(seen))
    return 4.0 * float(shared.area) / float(shared.length) if shared.area > 0.0 else 0.0


def moments(pattern: Pattern) -> tuple[float, ...]:
    """The moments of folding worth looking at: some within each step, the end last."""
    count = _WITHIN_STEP * max(1, len(pattern.steps))
    return tuple(i / count for i in range(1, count + 1))


def _pairs(pattern: Pattern) -> tuple[list[FlatPanel], NDArray[np.intp], NDArray[np.intp]]:
    """The panels that may collide, and the pairs of them that are not joined, as two columns of their
    numbers."""
    joined = {(f.parent, f.child) for f in pattern.folds}
    joined |= {(m.carrier, m.host) for m in pattern.mates}
    beside: dict[str, set[str]] = {}
    for f in pattern.folds:
        beside.setdefault(f.parent, set()).add(f.child)
        beside.setdefault(f.child, set()).add(f.parent)
    # what laps over a panel touches its neighbours as it does itself
    joined |= {(lap.upper, near) for lap in pattern.laps for near in {lap.lower}
               | beside.get(lap.lower, set())}
    solid = [p for p in pattern.panels if p.role not in (Role.TAB, Role.LIP)]
    numbers = {p.name: i for i, p in enumerate(solid)}
    apart = np.triu(np.ones((len(solid), len(solid)), dtype=bool), 1)
    facets = np.array([bool(p.whole) for p in solid], dtype=bool)
    apart &= ~(facets[:, None] & facets)
    for a, b in joined:
        if a in numbers and b in numbers:
            apart[numbers[a], numbers[b]] = apart[numbers[b], numbers[a]] = False
    first, second = np.nonzero(apart)
    return solid, first, second


def _through(a: FlatPanel, at: fold.Matrix, b: FlatPanel, bt: fold.Matrix) -> float:
    """How long (mm) the line common to two panels' planes runs inside both; 0 for parallel planes."""
    turn = at[:3, :3].T
    # b's coordinates to a's; both only turn and move
    to_a, shift = turn @ bt[:3, :3], turn @ (bt[:3, 3] - at[:3, 3])
    nx, ny, nz = to_a[:, 2].tolist()
    if nx * nx + ny * ny < 1e-9:
        return 0.0
    # in a's plane: points (x, y, 0) with n . (p - o) = 0
    ox, oy, oz = shift.tolist()
    known = nx * ox + ny * oy + nz * oz
    scale = nx * nx + ny * ny
    start = (known * nx / scale, known * ny / scale)
    along = (-ny / scale**0.5, nx / scale**0.5)
    in_a = _spans((a.standing, *a.hole_polygons, *a.gaps), start, along)
    if not in_a:
        return 0.0
    (ux, uy), (vx, vy), (wx, wy) = to_a[:, :2].tolist()
    sx, sy = start[0] - ox, start[1] - oy
    on_b = ux * sx + vx * sy - wx * oz, uy * sx + vy * sy - wy * oz
    way_b = ux * along[0] + vx * along[1], uy * along[0] + vy * along[1]
    in_b = _spans((b.standing, *b.hole_polygons, *b.gaps), on_b, way_b)
    return sum(max(0.0, min(a1, b1) - max(a0, b0)) for a0, a1 in in_a for b0, b1 in in_b)


def _spans(loops: Sequence[Sequence[Point]], start: Point, along: Point) -> list[tuple[float, float]]:
    """Where a line (unit direction) runs inside an outline and outside its holes, as distances along it."""
    met = []
    for loop in loops:
        side = [(p[0] - start[0]) * along[1] - (p[1] - start[1]) * along[0] for p in loop]
        far = [(p[0] - start[0]) * along[0] + (p[1] - start[1]) * along[1] for p in loop]
        for i in range(len(loop)):
            j = (i + 1) % len(loop)
            if (side[i] > 0) != (side[j] > 0):
                s = side[i] / (side[i] - side[j])
                met.append(far[i] + s * (far[j] - far[i]))
    met.sort()
    return list(zip(met[::2], met[1::2], strict=True))
