"""Thick panels as triangles and edges, for looking at and for pointing at.

A *model* is prepared once for a pattern; ``solids`` then moves it to any moment of the folding in a few array
operations, so that a fold can be played.  Panels are mitred at their creases: on each face, a side that folds
moves by half a caliper times tan(a/2), outward on the outside of the bend and inward on its inside, so
neighbours meet and do not enter each other.
"""

from __future__ import annotations

import math
from collections.abc import Iterable, Mapping, Sequence
from functools import lru_cache
from types import MappingProxyType
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.flat.pattern import FlatPanel, Pattern
from mingei.core.folded.fold import Moment, finished, pose, progress
from mingei.core.keeping import kept_with
from mingei.core.plane.area import area_of, breaks_out
from mingei.core.plane.shape import Line, Point, bounds, distance_to_segment, flat_points, flatten

PRINTED, INSIDE, RIM = 0, 1, 2
#: Chord error (mm) of arcs in the model.
_CHORD = 0.1
#: Past this turning angle (degrees) a mitre stops growing: a fold-back has no corner to mitre.
_MITRE_MOST_DEG = 120.0
#: Outlines so many times as long as wide are cut across, not fanned from their middle.
_SLENDER = 12.0

#: Twice the area of a triangle that has turned over or is none, mm2.
_FLAT_MM2 = 1e-9

Array = NDArray[np.float64]
Whole = NDArray[np.int32]


class Solids(NamedTuple):
    """A moment of the folding.

    triangles: (n, 3, 3) corners, mm; normals: (n, 3), and shading: (n, 3, 3) those at the corners, which run
    on over bends; panel: (n,) index into pattern.panels; face: (n,) PRINTED, INSIDE or RIM; edges: (m, 2, 3)
    outline pieces; edge_panel: (m,); edge_face: (m,) PRINTED or INSIDE, the face it bounds; edge_cut: (m,) a
    cut, not a crease; edge_normals: (m, 2, 3) of that face and of the rim beside.
    """

    triangles: Array
    normals: Array
    shading: Array
    panel: Whole
    face: Whole
    edges: Array
    edge_panel: Whole
    edge_face: Whole
    edge_cut: NDArray[np.bool_]
    edge_normals: Array


class Model(NamedTuple):
    """A pattern's outlines, all panels in one run of points: (n, 2) in panel coordinates.

    owner: the panel of each point; before, after: the points beside it; fold_before, fold_after: the fold of
    the side that ends and begins at each point, -1 for a cut; out_before, out_after: their outward normals;
    centres: (p, 2) a point amid each panel; caps: (k, 3) triangles, where number n + i means the centre of
    panel i; beyond: over the sides that end and begin at each point, the facet a bend leads to, else the
    point's own panel; bent: the side that begins at a point is a bend.
    """

    pattern: Pattern
    points: Array
    owner: Whole
    before: Whole
    after: Whole
    fold_before: Whole
    fold_after: Whole
    out_before: Array
    out_after: Array
    centres: Array
    caps: Whole
    beyond: tuple[Whole, Whole]
    bent: NDArray[np.bool_]


@kept_with
def prepare(pattern: Pattern) -> Model:
    """The model of a pattern; kept for the patterns last used."""
    points: list[Point] = []
    owner: list[int] = []
    after: list[int] = []
    fold_after: list[int] = []
    rims: list[list[Point]] = []
    # of each area its panel, whether it is fanned from its centre, its loops
    regions: list[tuple[int, bool, list[list[Point]]]] = []
    for index, panel in enumerate(pattern.panels):
        outline, folds = _outline(panel, pattern.stock.caliper_mm / 2)
        # else it has arcs, which are drawn by coarser chords here
        flat_sided = len(outline) == len(panel.polygon) and not panel.lies and not panel.bevels
        holes = [[*flat_points(h, _CHORD)[:-1]] for h in panel.holes]
        through = panel.gaps or (holes and breaks_out(outline, holes))
        areas = (_cut_through(panel, outline, folds, holes) if through
                 else [[(outline, folds), *((h, [-1] * len(h)) for h in holes)]])
        for area in areas:
            for loop, labels in area:
                first, count = len(points), len(loop)
                points += loop
                fold_after += labels
                owner += [index] * count
                after += [*range(first + 1, first + count), first]
            whole = not panel.gaps and not panel.holes
            fanned = (whole and (panel.convex if flat_sided else _convex(outline))
                      and (bool(panel.whole) or not _slender(outline)))
            regions.append((index, fanned, [loop for loop, _ in area]))
        rims.append(outline)
    caps, first = [], 0
    for index, fanned, loops in regions:
        centre, count = len(points) + index, len(loops[0])
        if fanned:
            caps += [(centre, first + i, first + i + 1) for i in range(count - 1)]
            caps.append((centre, first + count - 1, first))
        else:
            caps += [(a + first, b + first, c + first) for a, b, c in _triangles(loops)]
        first += sum(len(loop) for loop in loops)
    centres = [(sum(x for x, _ in rim) / len(rim), sum(y for _, y in rim) / len(rim)) for rim in rims]
    array, next_ = np.array(points), np.array(after, np.int32)
    before = np.empty_like(next_)
    before[next_] = np.arange(len(points), dtype=np.int32)
    along = array[next_] - array
    along /= np.hypot(along[:, 0], along[:, 1])[:, None]
    outward = np.stack([along[:, 1], -along[:, 0]], axis=1)
    folds_after = np.array(fold_after, np.int32)
    owners, folds_before = np.array(owner, np.int32), folds_after[before]
    number = {p.name: i for i, p in enumerate(pattern.panels)}
    # two more for what is no fold, a cut that slants and one that does not
    ends = np.array([*((number[f.parent], number[f.child]) for f in pattern.folds), (0, 0), (0, 0)], np.int32)
    bend = np.array([*(f.bend for f in pattern.folds), False, False])
    beyond = [np.where(bend[f], ends[f].sum(axis=1) - owners, owners).astype(np.int32)
              for f in (folds_before, folds_after)]
    return Model(pattern, array, owners, before, next_, folds_before, folds_after, outward[before], outward,
                 np.array(centres), np.array(caps, np.int32), (beyond[0], beyond[1]), bend[folds_after])


def solids(pattern: Pattern, fraction: Moment = 1.0) -> Solids:
    """The thick panels at a moment of the folding."""
    if len(pattern.panels) == 1:  # a board: it only stands somewhere, and there may be many alike
        posed = finished(pattern) if fraction == 1.0 else pose(pattern, fraction)
        board = _Board(pattern)
        return _moved(_lying(board), posed[pattern.panels[0].name])
    return _folded(pattern, fraction)


class _Board:
    """A piece of one panel, alike where outline, openings and thickness are."""

    def __init__(self, pattern: Pattern) -> None:
        (panel,) = pattern.panels
        self.pattern = pattern
        self.like = (panel.path, panel.holes, panel.gaps, panel.lies, pattern.stock.caliper_mm, panel.whole,
                     panel.bevels)

    def __eq__(self, other: object) -> bool:
        return isinstance(other, _Board) and self.like == other.like

    def __hash__(self) -> int:
        return hash(self.like)


@lru_cache(maxsize=512)
def _lying(board: _Board) -> Solids:
    """A board in its own coordinates."""
    pattern = board.pattern
    back = np.linalg.inv(finished(pattern)[pattern.panels[0].name]).astype(np.float64)
    return _moved(_folded(pattern, 1.0), back)


def _folded(pattern: Pattern, fraction: Moment) -> Solids:
    model = prepare(pattern)
    posed = finished(pattern) if fraction == 1.0 else pose(pattern, fraction)
    matrices = np.array([posed[p.name] for p in pattern.panels])
    half = pattern.stock.caliper_mm / 2
    turned = [0.0 if f.apart_mm else f.angle_deg * progress(pattern, fraction, f.step) for f in pattern.folds]
    slants = next((angle for p in pattern.panels for _, angle in p.bevels), 0.0)
    mitre = np.array([*(half * _mitre(angle) for angle in (*turned, 2 * slants)), 0.0])
    shift = _corner_shift(model, mitre[model.fold_before], mitre[model.fold_after])
    own = matrices[model.owner]
    across, origin, lift = own[:, :3, :2], own[:, :3, 3], own[:, :3, 2] * half
    above = np.einsum("nij,nj->ni", across, model.points + shift) + origin + lift
    below = np.einsum("nij,nj->ni", across, model.points - shift) + origin - lift
    middle = np.einsum("pij,pj->pi", matrices[:, :3, :2], model.centres) + matrices[:, :3, 3]
    up, down = (np.concatenate([outline, middle + matrices[:, :3, 2] * h])
                for outline, h in ((above, half), (below, -half)))
    next_ = model.after
    drawn = ~model.bent  # facets run on into each other: there is no rim at a bend
    rim = np.stack([above, below, below[next_], above, below[next_], above[next_]],
                   axis=1)[drawn].reshape(-1, 3, 3)
    u, v = rim[:, 1] - rim[:, 0], rim[:, 2] - rim[:, 0]
    rim_normals = np.stack([u[:, 1] * v[:, 2] - u[:, 2] * v[:, 1], u[:, 2] * v[:, 0] - u[:, 0] * v[:, 2],
                            u[:, 0] * v[:, 1] - u[:, 1] * v[:, 0]], axis=1)
    rim_normals /= np.maximum(np.sqrt((rim_normals**2).sum(axis=1)), 1e-12)[:, None]
    cap_owner = model.owner[model.caps[:, 1]]
    cap_normals = matrices[cap_owner, :3, 2]
    cap_count, rim_count = len(model.caps), len(rim)
    edge_cut = model.fold_after < 0
    up_way = own[drawn, :3, 2]
    if model.bent.any():
        faces = matrices[:, :3, 2]
        soft = faces[model.owner] + faces[model.beyond[0]] + faces[model.beyond[1]]
        soft = np.concatenate([soft / np.linalg.norm(soft, axis=1)[:, None], faces])
        shading = np.concatenate([soft[model.caps], -soft[model.caps[:, ::-1]],
                                  np.repeat(rim_normals[:, None], 3, axis=1)])
    else:
        shading = np.repeat(np.concatenate([cap_normals, -cap_normals, rim_normals])[:, None], 3, axis=1)
    return Solids(
        np.concatenate([up[model.caps], down[model.caps[:, ::-1]], rim]),
        np.concatenate([cap_normals, -cap_normals, rim_normals]),
        shading,
        np.concatenate([cap_owner, cap_owner, np.repeat(model.owner[drawn], 2)]),
        np.repeat(np.array([PRINTED, INSIDE, RIM], np.int32), [cap_count, cap_count, rim_count]),
        np.concatenate([np.stack([above, above[next_]], axis=1)[drawn],
                        np.stack([below, below[next_]], axis=1)[drawn]]),
        np.concatenate([model.owner[drawn], model.owner[drawn]]),
        np.repeat(np.array([PRINTED, INSIDE], np.int32), int(drawn.sum())),
        np.concatenate([edge_cut[drawn], edge_cut[drawn]]),
        np.concatenate([np.stack([up_way, rim_normals[1::2]], axis=1),
                        np.stack([-up_way, rim_normals[::2]], axis=1)]),
    )


class Hit(NamedTuple):
    """Where a ray meets a model: the panel's number, the face, the point and the face's normal, mm."""

    panel: int
    face: int
    point: tuple[float, float, float]
    normal: tuple[float, float, float]


def hit(shape: Solids, origin: Array, direction: Array, section: tuple[float, float, float, float]
        | None = None) -> Hit | None:
    """What a ray meets first, or None.

    origin, direction: (3,), mm; section (a, b, c, d): what lies where ax + by + cz + d < 0 is not there.
    (Moeller and Trumbore, Fast minimum storage ray/triangle intersection, 1997.)
    """
    a, b, c = shape.triangles[:, 0], shape.triangles[:, 1], shape.triangles[:, 2]
    e1, e2 = b - a, c - a
    h = np.cross(direction, e2)
    det = (e1 * h).sum(axis=1)
    safe = np.where(np.abs(det) < 1e-12, np.inf, det)
    s = origin - a
    u = (s * h).sum(axis=1) / safe
    q = np.cross(s, e1)
    v = (q @ direction) / safe
    distance = (e2 * q).sum(axis=1) / safe
    met = (np.abs(det) >= 1e-12) & (u >= 0) & (v >= 0) & (u + v <= 1) & (distance > 0)
    if section is not None:
        way, start = np.array(section[:3]), float(np.dot(section[:3], origin)) + section[3]
        with np.errstate(invalid="ignore"):
            met &= start + distance * float(way @ direction) >= 0
    if not met.any():
        return None
    first = int(np.where(met, distance, np.inf).argmin())
    point = origin + direction * distance[first]
    return Hit(int(shape.panel[first]), int(shape.face[first]), _triple(point), _triple(shape.normals[first]))


def _triple(v: Array) -> tuple[float, float, float]:
    return float(v[0]), float(v[1]), float(v[2])


def printed_faces(patterns: Sequence[Pattern]) -> tuple[tuple[int, Array], ...]:
    """Of each piece in an assembly, the number of its first printed triangle, and where all of them lie on
    its flat: (n, 3, 2), mm."""
    found, first = [], 0
    for pattern in patterns:
        model = prepare(pattern)
        frames = [p.frame for p in pattern.panels]
        turns = np.array([((f.cos, -f.sin), (f.sin, f.cos)) for f in frames])
        moves = np.array([(f.x, f.y) for f in frames])
        flat = np.concatenate([np.einsum("nij,nj->ni", turns[model.owner], model.points) + moves[model.owner],
                               np.einsum("nij,nj->ni", turns, model.centres) + moves])
        found.append((first, flat[model.caps]))
        first += 2 * len(model.caps) + 2 * int((~model.bent).sum())
    return tuple(found)


def assembly(patterns: Sequence[Pattern], fraction: float = 1.0, apart: float = 0.0) -> Solids:
    """All pieces of a thing as one model, panels numbered through; ``apart`` 0 in place .. 1 exploded.

    Exploded, each piece moves away from the middle of the whole along the line of its own middle, by the size
    of the whole.
    """
    # one piece is folded after the other, each in its share of the whole sequence
    total, before = sum(len(p.steps) for p in patterns), 0
    moments: dict[str, Moment] = {}
    for p in patterns:
        share = (fraction * total - before) / max(1, len(p.steps))
        moments[p.name] = fraction if len(patterns) == 1 else max(0.0, min(1.0, share))
        before += len(p.steps)
    return assembled(patterns, moments, apart)


def assembled(patterns: Sequence[Pattern], moments: Mapping[str, Moment], apart: float = 0.0,
              moved: Mapping[str, Array] = MappingProxyType({})) -> Solids:
    """As ``assembly``, each piece at a moment of its own, by its name; those not named lie flat.  moved: by
    piece, a motion (4, 4) besides."""
    names = [p.name if p.rides is None else p.rides.host.name for p in patterns]
    parts = [solids(p, moments.get(name, 0.0)) for p, name in zip(patterns, names, strict=True)]
    parts = [_moved(part, moved[name]) if name in moved else part
             for part, name in zip(parts, names, strict=True)]
    if len(parts) == 1:
        return parts[0]
    if apart > 0:
        middles = [(part.triangles.min(axis=(0, 1)) + part.triangles.max(axis=(0, 1))) / 2 for part in parts]
        whole = np.concatenate([part.triangles.reshape(-1, 3) for part in parts])
        low, high = whole.min(axis=0), whole.max(axis=0)
        size = float(np.linalg.norm(high - low))
        for number, middle in enumerate(middles):
            way = middle - (low + high) / 2
            length = float(np.linalg.norm(way))
            # pieces about one middle part upwards, in their order
            step = way / length * size if length > 1e-6 * size else np.array([0.0, 0.0, size * number])
            part = parts[number]
            parts[number] = part._replace(triangles=part.triangles + step * apart,
                                          edges=part.edges + step * apart)
    counts = np.cumsum([0, *(len(p.panels) for p in patterns[:-1])])
    parts = [part._replace(panel=part.panel + first, edge_panel=part.edge_panel + first)
             for part, first in zip(parts, counts, strict=True)]
    return Solids(*(np.concatenate(columns) for columns in zip(*parts, strict=True)))


def _moved(part: Solids, motion: Array) -> Solids:
    """Moved as one: points, and the ways they face."""
    turn, by = motion[:3, :3].T, motion[:3, 3]
    return part._replace(triangles=part.triangles @ turn + by, normals=part.normals @ turn,
                         shading=part.shading @ turn, edges=part.edges @ turn + by,
                         edge_normals=part.edge_normals @ turn)


def _mitre(angle_deg: float) -> float:
    return math.tan(math.radians(max(-_MITRE_MOST_DEG, min(_MITRE_MOST_DEG, angle_deg))) / 2)


#: In place of a fold's number: a cut square through, and a cut that slants.
_SQUARE, _SLANTS = -1, -2


def _outline(panel: FlatPanel, half: float) -> tuple[list[Point], list[int]]:
    """Points round a panel's mid-surface, half (mm) beneath its outer face, and for each the fold of the side
    that begins there, or that it is a cut."""
    if panel.bevels:
        slants = dict(panel.bevels)
        shown = list(panel.within(half))
        return shown, [_SLANTS if i in slants else _SQUARE for i in range(len(shown))]
    points: list[Point] = []
    folds: list[int] = []
    if panel.lies:
        shown = list(panel.standing)
        return shown, _folds_of(panel, shown)
    # straight all round
    if len(panel.polygon) == len(panel.path) and all(isinstance(s, Line) for s in panel.path):
        return list(panel.polygon), [-1 if fold is None else fold for fold in panel.folds]
    at = panel.path[0].start
    for segment, fold in zip(panel.path, panel.folds, strict=True):
        for following in flatten(segment, _CHORD):
            points.append(at)
            folds.append(-1 if fold is None else fold)
            at = following
    return points, folds


def _folds_of(panel: FlatPanel, outline: Sequence[Point]) -> list[int]:
    """For each side of what lies flat of a panel the fold it lies on, -1 for none."""
    folded = [(s.start, s.end, fold) for s, fold in zip(panel.path, panel.folds, strict=True)
              if fold is not None]
    return [next((fold for a, b, fold in folded if distance_to_segment(p, a, b) < 1e-6
                  and distance_to_segment(q, a, b) < 1e-6), -1)
            for p, q in zip(outline, (*outline[1:], outline[0]), strict=True)]


def _cut_through(panel: FlatPanel, outline: list[Point], folds: list[int],
                 holes: list[list[Point]]) -> list[list[tuple[list[Point], list[int]]]]:
    """What is left of a facet that an opening runs across, or whose holes run over its edge: areas, each its
    loops with the folds of their sides (-1 for a cut)."""
    from shapely import union_all  # few openings cross a bend, and it is slow to load
    from shapely.geometry.polygon import orient

    rest = area_of(outline, holes).difference(union_all([area_of(g) for g in panel.gaps]))
    sides = list(zip(outline, (*outline[1:], outline[0]), folds, strict=True))

    def fold_of(a: Point, b: Point) -> int:
        return next((fold for p, q, fold in sides if distance_to_segment(a, p, q) < 1e-6
                     and distance_to_segment(b, p, q) < 1e-6), -1)

    def labelled(ring: Iterable[Sequence[float]]) -> tuple[list[Point], list[int]]:
        loop = [(float(x), float(y)) for x, y, *_ in ring][:-1]
        return loop, [fold_of(a, b) for a, b in zip(loop, (*loop[1:], loop[0]), strict=True)]

    parts = [orient(part) for part in getattr(rest, "geoms", [rest]) if part.area > 1e-6]
    return [[labelled(part.exterior.coords), *(labelled(ring.coords) for ring in part.interiors)]
            for part in parts]


def _triangles(loops: Sequence[Sequence[Point]]) -> list[tuple[int, int, int]]:
    """Counter-clockwise triangles of an outline less its holes, as point numbers."""
    points = [p for loop in loops for p in loop]
    if len(loops) == 1:
        across = _zigzag(points)
        # rungs between two sides are right as long as none turns over: they fill as much as the outline does
        if (_convex(points) or all(_twice_area(points[a], points[b], points[c]) > _FLAT_MM2
                                   for a, b, c in across)):
            return across
    from shapely import (  # only for outlines that are not convex; slow to load
        constrained_delaunay_triangles,
        get_coordinates,
    )

    corners = get_coordinates(constrained_delaunay_triangles(area_of(loops[0], loops[1:]))).reshape(-1, 4, 2)[
        :, :3]
    one, two = corners[:, 1] - corners[:, 0], corners[:, 2] - corners[:, 0]
    clockwise = one[:, 0] * two[:, 1] - one[:, 1] * two[:, 0] < 0
    corners[clockwise] = corners[clockwise][:, ::-1]
    number_of = {(x, y): i for i, (x, y) in enumerate(np.round(points, 7).tolist())}
    found = [number_of[x, y] for x, y in np.round(corners.reshape(-1, 2), 7).tolist()]
    return list(zip(found[::3], found[1::3], found[2::3], strict=True))


def _slender(points: Sequence[Point]) -> bool:
    """Whether a fan's triangles would be so long that one turns over where a mitre ends."""
    box = bounds(points)
    return max(box.width, box.height) > _SLENDER * min(box.width, box.height)


def _zigzag(points: Sequence[Point]) -> list[tuple[int, int, int]]:
    """An outline cut across from end to end, so that long ones fall into triangles no longer than they must
    be: right for any convex one, and for those whose two sides run on and never bend back so far that a rung
    would cross one."""
    box, count = bounds(points), len(points)
    way = 0 if box.width >= box.height else 1
    above = below = min(range(count), key=lambda i: points[i][way])
    found: list[tuple[int, int, int]] = []
    for _ in range(count - 1):  # from the first corner to the last, always on to the nearer of the next two
        after, before = (below + 1) % count, (above - 1) % count
        on_below = points[after][way] <= points[before][way]
        following = after if on_below else before
        if above != below:
            found.append((above, below, following))
        above, below = (above, after) if on_below else (before, below)
    return found


def _twice_area(a: Point, b: Point, c: Point) -> float:
    return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0])


def _convex(points: Sequence[Point]) -> bool:
    return all(_left_turn(points[i - 2], points[i - 1], points[i]) for i in range(len(points)))


def _left_turn(a: Point, b: Point, c: Point) -> bool:
    return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]) >= -1e-9


def _corner_shift(model: Model, before: Array, after: Array) -> Array:
    """How each point moves on the printed face when the sides meeting there move outward by ``before`` and
    ``after`` (mm).

    Where two sides run on in one line, the larger move is taken.
    """
    first, second = model.out_before, model.out_after
    cross = first[:, 0] * second[:, 1] - first[:, 1] * second[:, 0]
    # where a cut meets a bend, as at the rim of an opening, it may meet it at any angle: the point only keeps
    # to the bend
    bent_before = model.bent[model.before]
    loose = (model.bent & (model.fold_before < 0)) | (bent_before & (model.fold_after < 0))
    straight = (np.abs(cross) < 0.05) | loose
    safe = np.where(straight, 1.0, cross)
    shift = np.stack([(before * second[:, 1] - after * first[:, 1]) / safe,
                      (after * first[:, 0] - before * second[:, 0]) / safe], axis=1)
    larger = np.where((np.abs(before) > np.abs(after))[:, None], before[:, None] * first,
                      after[:, None] * second)
    return np.where(straight[:, None], larger, shift)
