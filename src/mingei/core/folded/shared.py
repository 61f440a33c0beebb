"""Proof by solids: which two parts of a folded thing share card, by a general library of solids.

Knows of a thing only what was cut, where each panel stands and how thick it is; nothing of layers, seams or
what was intended.  Every panel is a slab, a hair thinner and narrower than it is, so that what only touches
does not count.
"""

from __future__ import annotations

import math
from collections.abc import Iterator, Sequence
from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.draft import Role, Swing
from mingei.core.flat.pattern import FlatPanel, Pattern
from mingei.core.folded.fold import Triple, finished
from mingei.core.folded.moving import goes_with, host_of, turned
from mingei.core.plane.shape import Point, flat_points

#: Taken off each face and off each side of a panel, mm.
HAIR_MM = 0.02
#: What two parts share counts from here, mm3, and where card is thicker from a cube of one caliper.
LEAST_MM3 = 0.02
#: So much smaller (mm) all round what must fit is taken: it is put in by hand.
_PLAY_MM = 0.05
#: The square corner of a tab at its crease, which is round, may stand in it by so many cubes of a caliper.
_CREASE_CUBES = 10.0
#: What turns is looked at so many times on its way.
TURNS = 12
#: Where what slides is looked at on its way, mm.
ON_THE_WAY_MM = (0.5, 2.0, 6.0, 15.0, 40.0)

Array = NDArray[np.float64]


class Slab(NamedTuple):
    """One solid panel in the whole, and the box round it (2, 3), mm."""

    pattern: Pattern
    panel: FlatPanel
    solid: Any
    box: Array


class Shared(NamedTuple):
    """Two panels, each with its piece, that share so much card, mm3."""

    a: tuple[str, str]
    b: tuple[str, str]
    volume: float


def slab(pattern: Pattern, panel: FlatPanel, matrix: Array) -> Slab:
    """A panel as it stands.  matrix: from its own coordinates to the whole."""
    import manifold3d as m3

    half = pattern.stock.caliper_mm / 2
    hair = min(HAIR_MM, half / 4)

    def area(loops: Sequence[Any], by: float) -> Any:
        section = m3.CrossSection([np.array(loop) for loop in loops], m3.FillRule.Positive)
        return section.offset(by, m3.JoinType.Miter)

    height = 2 * (half - hair)
    outer = panel.polygon if panel.bevels else panel.standing
    solid = area((outer, *panel.hole_polygons, *panel.gaps), -hair).extrude(height)
    solid = solid.translate((0.0, 0.0, -height / 2))
    for a, way in _slanting(panel):
        solid = solid.trim_by_plane(way, float(np.dot(way, (*a, half))) + hair)
    for groove in panel.grooves:  # wider and deeper by the hair that all else is smaller
        ring = flat_points(groove.path)[:-1]
        ring = ring if _left(ring) else ring[::-1]
        below = groove.depth_mm + hair - 3 * half if groove.inside else half - groove.depth_mm - hair
        solid -= area((ring,), hair).extrude(2 * half).translate((0.0, 0.0, below))
    solid = solid.transform(matrix[:3])
    box = solid.bounding_box()
    return Slab(pattern, panel, solid, np.array((box[:3], box[3:])))


def _slanting(panel: FlatPanel) -> Iterator[tuple[Point, Triple]]:
    """Of each side that is cut slanting a point on its outer rim, and the unit vector square to the cut, into
    the board."""
    for number, angle in panel.bevels:
        (ax, ay), (bx, by) = panel.path[number].start, panel.path[number].end
        far, tan = math.dist((ax, ay), (bx, by)), math.tan(math.radians(angle))
        nx, ny, size = (ay - by) / far, (bx - ax) / far, math.hypot(1.0, tan)
        yield (ax, ay), (nx / size, ny / size, tan / size)


def _left(ring: Sequence[tuple[float, float]]) -> bool:
    return sum(ax * by - ay * bx for (ax, ay), (bx, by) in zip(ring, (*ring[1:], ring[0]), strict=True)) > 0


def slabs(patterns: Sequence[Pattern]) -> tuple[Slab, ...]:
    """Every panel of every piece, folded."""
    return tuple(slab(p, panel, finished(p)[panel.name]) for p in patterns for panel in p.panels)


def shared(every: Sequence[Slab], way: Triple = (0.0, 0.0, 0.0),
           moving: frozenset[str] = frozenset()) -> tuple[Shared, ...]:
    """All pairs of panels that share card, most first.

    way: by how much (mm) the pieces named in ``moving`` are moved, with what rides on them; only pairs of one
    that moves and one that rests are looked at then.
    """
    joined = {frozenset(((s.pattern.name, f.parent), (s.pattern.name, f.child)))
              for s in every for f in s.pattern.folds}
    gives = _give_way(every)
    goes = np.array([s.pattern.name in moving or (s.pattern.rides is not None
                                                  and s.pattern.rides.host.name in moving) for s in every])
    off = np.where(goes[:, None], np.array(way), 0.0)
    low, high = np.array([s.box[0] for s in every]) + off, np.array([s.box[1] for s in every]) + off
    near = (low[:, None] < high[None]).all(axis=2) & (low[None] < high[:, None]).all(axis=2)
    if moving:
        near &= goes[:, None] != goes[None]
    found = []
    for i, j in zip(*np.nonzero(np.triu(near, 1)), strict=True):
        a, b = every[i], every[j]
        names = (a.pattern.name, a.panel.name), (b.pattern.name, b.panel.name)
        if frozenset(names) in joined or (gives[i] and gives[j]):
            continue
        common = a.solid.translate(tuple(off[i])) ^ b.solid.translate(tuple(off[j]))
        volume = float(common.volume())
        if volume > max(LEAST_MM3, min(a.pattern.stock.caliper_mm, b.pattern.stock.caliper_mm) ** 3):
            found.append(Shared(*names, volume))
    return tuple(sorted(found, key=lambda s: -s.volume))


def swung(every: Sequence[Slab], swing: Swing, angle_deg: float) -> tuple[Shared, ...]:
    """The pairs of a piece that is turned on its pins by so much and of one that rests, that share card."""
    import manifold3d as m3

    host = host_of([s.pattern for s in every], swing)
    if host is None:
        return ()
    motion = turned(host, swing, angle_deg)
    moves = [s for s in every if goes_with(s.pattern.name, swing.piece)
             or (s.pattern.rides is not None and goes_with(s.pattern.rides.host.name, swing.piece))]
    found = []
    for a in moves:
        solid: m3.Manifold = a.solid.transform(motion[:3])
        box = np.array(solid.bounding_box()).reshape(2, 3)
        for b in every:
            if b in moves or b.pattern.name == swing.strip or not (
                    (box[0] < b.box[1]).all() and (b.box[0] < box[1]).all()):
                continue
            volume = float((solid ^ b.solid).volume())
            if volume > LEAST_MM3:
                found.append(Shared((a.pattern.name, a.panel.name), (b.pattern.name, b.panel.name), volume))
    return tuple(sorted(found, key=lambda s: -s.volume))


def _inset(corners: Array, by: float) -> Array | None:
    """The corners of a convex hull whose every face is moved inwards; None where nothing is left."""
    from scipy.spatial import ConvexHull, HalfspaceIntersection, QhullError

    try:
        faces = ConvexHull(corners).equations
        faces[:, 3] += by
        found: Array = HalfspaceIntersection(faces, corners.mean(axis=0)).intersections
    except (QhullError, ValueError):
        return None
    return found


def in_the_way(every: Sequence[Slab], content: Sequence[Triple], shrunk: float = 0.0) -> tuple[Shared, ...]:
    """The panels that stand in what must fit, the convex hull of its corners, taken a hair smaller all round
    and ``shrunk`` (mm) besides; lips and linings may enter by their own
    thickness, and handles span the opening."""
    import manifold3d as m3

    corners = _inset(np.array(content, dtype=float), _PLAY_MM + shrunk)
    if corners is None:
        return ()
    solid = m3.Manifold.hull_points(corners)
    box = solid.bounding_box()
    low, high = np.array(box[:3]), np.array(box[3:])
    found = []
    for each in every:
        if each.panel.role in (Role.LIP, Role.LINING, Role.HANDLE) or not (
                (each.box[0] < high).all() and (each.box[1] > low).all()):
            continue
        volume = float((solid ^ each.solid).volume())
        if volume > max(LEAST_MM3, _CREASE_CUBES * each.pattern.stock.caliper_mm ** 3):
            found.append(Shared((each.pattern.name, each.panel.name), ("", ""), volume))
    return tuple(sorted(found, key=lambda s: -s.volume))


def _give_way(every: Sequence[Slab]) -> list[bool]:
    """The panels that are pressed aside by others of their kind: curved card where it laps over itself, and
    the flat ends of strips that lap onto curved ones."""
    whole = {s.panel.name: s.panel.whole for s in every}
    laps = [lap for p in dict.fromkeys(s.pattern for s in every) for lap in p.laps]
    strips = {p for p in dict.fromkeys(s.pattern for s in every)
              if any(whole.get(lap.upper) or whole.get(lap.lower) for lap in p.laps)}
    lapped = {name for lap in laps for name in (lap.upper, lap.lower)}
    return [bool(s.panel.whole) or (s.pattern in strips and s.panel.name in lapped) or
            (s.pattern in strips and s.panel.role is Role.WALL) for s in every]
