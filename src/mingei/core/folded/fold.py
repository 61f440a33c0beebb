"""The folded form: a pattern posed in space at any moment of its folding, and the proofs that it closes.

Panels are rigid and turn about their score lines on mid-surfaces.  A *pose* gives each panel a 4 x 4 matrix
from its own coordinates (mid-surface at z = 0, printed face towards +z) to the whole, in mm.  A crease that
takes up card (gain) draws its two panels together by that much as it closes.
"""

from __future__ import annotations

import math
from collections.abc import Mapping, Sequence
from typing import Any, NamedTuple, TypeAlias

import numpy as np
from numpy.typing import NDArray

from mingei.core.draft import FORMED, Role
from mingei.core.draft.joint import Stands
from mingei.core.flat.pattern import FlatFold, FlatPanel, FlatSeam, Mate, Pattern
from mingei.core.keeping import kept_with
from mingei.core.offset import FLAT_DEG, SLOT_ENDS_MM, SLOT_PLAY_MM
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Point, distance_to_segment, flat_points
from mingei.core.tolerance import TOLERANCE

Matrix: TypeAlias = NDArray[np.float64]
Pose: TypeAlias = Mapping[str, Matrix]
Triple: TypeAlias = tuple[float, float, float]


#: A moment of a piece's folding: a share (0 flat .. 1 finished) of its own sequence, or of each of its steps
#: how far (0..1) it is done; steps not named are not begun.
Moment: TypeAlias = float | Mapping[int, float]


def progress(pattern: Pattern, fraction: Moment, step: int) -> float:
    """How far (0..1) the folds of a step have turned at a moment; beyond 1 a strip that lies flat when it is
    finished has folded towards its printed face, 2 being right over."""
    if step == FORMED:
        return 1.0
    if not isinstance(fraction, (int, float)):
        return fraction.get(step, 0.0)
    steps = pattern.steps
    if fraction >= 1.0:
        return fraction
    return min(1.0, max(0.0, fraction * len(steps) - steps.index(step)))


def pose(pattern: Pattern, fraction: Moment = 1.0) -> Pose:
    """Every panel's matrix at a moment of the folding.

    The root panel stands where the draft places it, moved out by its mid-depth.
    """
    root = pattern.by_name[pattern.root]
    matrices: dict[str, Matrix] = {root.name: _root_matrix(pattern, root, fraction)}
    children: dict[str, list[FlatFold]] = {}
    for fold in pattern.folds:
        if not fold.closing:
            children.setdefault(fold.parent, []).append(fold)
    waiting = [root.name]
    while waiting:
        parent = waiting.pop()
        for fold in children.get(parent, ()):
            turned = _turn(pattern, fold, progress(pattern, fraction, fold.step))
            matrices[fold.child] = matrices[parent] @ turned
            waiting.append(fold.child)
    return matrices


@kept_with
def finished(pattern: Pattern) -> Pose:
    """The pose with every fold closed; kept, since every proof begins with it."""
    return pose(pattern)


def _root_matrix(pattern: Pattern, root: FlatPanel, fraction: Moment) -> Matrix:
    if pattern.rides is not None:
        host, panel, up, inside, at, *_ = pattern.rides
        carried = (finished(host) if fraction == 1.0 else pose(host, fraction))[panel]
        way = -1.0 if inside else 1.0  # on the inner face it is turned over
        on: Matrix = (carried @ np.array(((way * at.cos, -way * at.sin, 0.0, way * at.x),
                                          (at.sin, at.cos, 0.0, at.y),
                                          (0.0, 0.0, way, way * up), (0.0, 0.0, 0.0, 1.0))))
        return on
    (ox, oy, oz), (ux, uy, uz), (vx, vy, vz) = pattern.placement
    nx, ny, nz = uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx
    d = root.depth
    return np.array(((ux, vx, nx, ox + nx * d), (uy, vy, ny, oy + ny * d), (uz, vz, nz, oz + nz * d),
                     (0.0, 0.0, 0.0, 1.0)))


def _turn(pattern: Pattern, fold: FlatFold, done: float) -> Matrix:
    """The child's coordinates to the parent's, with the fold turned by the part ``done`` of its angle."""
    parent, child = pattern.by_name[fold.parent], pattern.by_name[fold.child]
    to_parent = parent.frame.inverse()
    flat = child.frame.then(to_parent)
    p, q = to_parent.apply(fold.start), to_parent.apply(fold.end)
    length = math.dist(p, q)
    ux, uy = (q[0] - p[0]) / length, (q[1] - p[1]) / length
    left = (-uy, ux)  # towards the parent
    angle = math.radians(fold.angle_deg * min(done, 1.0) - FLAT_DEG * max(0.0, done - 1.0))
    cos, sin = math.cos(angle), math.sin(angle)
    take_up = fold.gain * done
    # the axis draws half the gain towards the parent, the child the other half towards the axis
    ax, ay = p[0] + left[0] * take_up / 2, p[1] + left[1] * take_up / 2
    x, y = flat.x + left[0] * take_up - ax, flat.y + left[1] * take_up - ay
    one = 1.0 - cos
    turn = ((cos + ux * ux * one, ux * uy * one, uy * sin), (ux * uy * one, cos + uy * uy * one, -ux * sin),
            (-uy * sin, ux * sin, cos))
    # turned right over, the child comes to lie beside its parent, as far off as what lies between asks
    beside = math.copysign(fold.apart_mm * (1.0 - cos) / 2, -fold.angle_deg)
    lift = (ax, ay, beside)
    rows = [(a * flat.cos + b * flat.sin, b * flat.cos - a * flat.sin, c, a * x + b * y + up)
            for (a, b, c), up in zip(turn, lift, strict=True)]
    return np.array((*rows, (0.0, 0.0, 0.0, 1.0)))


def place(matrix: Matrix, points: Sequence[Point], height: float = 0.0) -> NDArray[np.float64]:
    """Points of a panel's plane, lifted by ``height`` (mm) towards its printed face, in the whole: shape (n,
    3), mm."""
    flat = np.asarray(points, dtype=float)
    return flat @ matrix[:3, :2].T + (matrix[:3, 3] + matrix[:3, 2] * height)


class Standing(NamedTuple):
    """Every panel's corners where they stand: points (n, 3), mm; owner: of each the panel's number; starts:
    of each panel its first point; matrices (p, 4, 4)."""

    points: Matrix
    owner: NDArray[np.intp]
    starts: NDArray[np.intp]
    matrices: Matrix


def standing(pattern: Pattern, posed: Pose) -> Standing:
    """All corners of a pose at once."""
    counts = np.array([len(p.standing) for p in pattern.panels])
    owner = np.repeat(np.arange(len(counts)), counts)
    matrices = np.array([posed[p.name] for p in pattern.panels])
    flat, own = np.array([q for p in pattern.panels for q in p.standing]), matrices[owner]
    points = np.einsum("nij,nj->ni", own[:, :3, :2], flat) + own[:, :3, 3]
    return Standing(points, owner, np.cumsum(counts) - counts, matrices)


@kept_with
def stands_finished(pattern: Pattern) -> Standing:
    """All corners with every fold closed; kept, as ``finished`` is."""
    return standing(pattern, finished(pattern))


# -- proofs ------------------------------------------------------------------------------------------------


class Closure(NamedTuple):
    """How one seam stands when folded.

    apart_mm: from the tab's mid-surface out to its host's, along the host's normal; wanted_mm: one stack;
    tilt_deg: between the two planes; outside_mm: how far the tab reaches past its host's outline.
    """

    seam: str
    apart_mm: float
    wanted_mm: float
    tilt_deg: float
    outside_mm: float

    @property
    def closes(self) -> bool:
        return (abs(self.apart_mm - self.wanted_mm) <= TOLERANCE.closure and self.tilt_deg
                <= TOLERANCE.parallel_deg
                and self.outside_mm <= TOLERANCE.closure)


def closure(pattern: Pattern, others: Sequence[Pattern] = ()) -> tuple[Closure, ...]:
    """Fold the pattern and measure every seam and lap.

    For a tab, from tab to host, which may belong to one of the others, for a strap from host to strap; for a
    lap, from the lower panel to the upper, whose outline need not cover it whole.
    """
    done = dict(finished(pattern))
    panels = dict(pattern.by_name)
    thick = dict.fromkeys(panels, pattern.stock.caliper_mm)
    wanted_names = {name for s in pattern.seams for name in (s.host, s.fellow)}
    wanted_names |= {name for lap in pattern.laps for name in (lap.upper, lap.lower)}
    facing = {lap.name for lap in pattern.laps if lap.facing}
    for other in others:
        if (other is not pattern and other.rides is None
            and any(name in other.by_name for name in wanted_names)):
            done |= finished(other)
            panels |= other.by_name
            thick |= dict.fromkeys(other.by_name, other.stock.caliper_mm)
    fins = {s.name for s in pattern.seams if s.fellow}
    pairs = [(s.name, s.name, s.fellow) for s in pattern.seams if s.fellow]
    pairs += [(lap.name, lap.lower, lap.upper) for lap in pattern.laps]
    loose = {lap.name for lap in pattern.laps if not lap.glued}
    results = _landed(pattern, [s for s in pattern.seams if not s.fellow], panels, done, thick)
    for name, inner, outer in pairs:
        a, b = panels[inner], panels[outer]
        ma, mb = done[inner], done[outer]
        # inside on inside the two normals look away from each other, outside on outside at each other
        alike = -1.0 if name in facing or name in fins else 1.0
        tilt = _between_deg(ma, mb, alike)
        past = 0.0
        if name in fins:
            landed = (place(ma, a.polygon) - mb[:3, 3]) @ mb[:3, :3]
            apart = -float(landed[:, 2].mean())
            # at the root each flap begins where its own panel's thickness lets it
            past = _reach_past_any(_above(landed[:, :2], min(y for _, y in b.polygon)), b)
        else:
            apart = float((mb[:3, 3] - ma[:3, 3]) @ mb[:3, 2])
        # glued face on face they lie half of each caliper apart; curved card gives way where it laps, and
        # what is not glued may stand off
        wanted = (thick[inner] + thick[outer]) / 2
        if name not in fins:
            lies = a.depth + b.depth if name in facing else abs(b.depth - a.depth)
            wanted = lies if a.whole or b.whole or name in loose else max(wanted, lies)
        results.append(Closure(name, apart, wanted, tilt, past))
    results += _stood(pattern, others)
    results += _slanted(pattern, others)
    results += _passed(pattern, others)
    results += _crossed(pattern, others)
    order = {name: i for i, name in enumerate([*(s.name for s in pattern.seams),
                                               *(lap.name for lap in pattern.laps),
                                               *(m.seam for m in pattern.mates)])}
    return tuple(sorted(results, key=lambda c: order[c.seam]))


def _between_deg(one: Matrix, other: Matrix, alike: float = 1.0) -> float:
    """The angle between the normals of two panels, degrees; alike: -1 where they should look away from each
    other."""
    return math.degrees(math.acos(max(-1.0, min(1.0, alike * float(one[:3, 2] @ other[:3, 2])))))


def _host_of(mate: Mate, pattern: Pattern, others: Sequence[Pattern]) -> Pattern:
    """The piece that has the panel an edge is joined to."""
    return next((p for p in (pattern, *others) if mate.host in p.by_name and p.rides is None), pattern)


def _stood(pattern: Pattern, others: Sequence[Pattern]) -> list[Closure]:
    """How the sides stand that bear no tab and meet a face: so far their nearer rim stands within the face of
    the other's body, which is nothing where it is butted; past its channel or its outline it may not
    reach."""
    results = []
    for mate in pattern.mates:
        if mate.joint.stands not in (Stands.STANDS_ON, Stands.HOUSED):
            continue
        host = _host_of(mate, pattern, others)
        panel, on = pattern.by_name[mate.carrier], host.by_name[mate.host]
        half = pattern.stock.caliper_mm / 2
        at, to = finished(pattern)[mate.carrier], finished(host)[mate.host]
        side = edge_as_cut(panel, mate.carrier_line)
        rims = np.concatenate([place(at, side, half), place(at, side, -half)])
        seen = (rims - to[:3, 3]) @ to[:3, :3]
        groove = next((g for g in on.grooves if g.seam == mate.seam), None)
        inner = groove.inside if groove else float(seen[:, 2].mean()) < 0.0
        thick = host.stock.caliper_mm / 2
        deep = float((seen[:, 2] + thick).max() if inner else (thick - seen[:, 2]).max())
        room = area_of(tuple(flat_points(groove.path)[:-1])) if groove else None
        past = _past(seen[:, :2], room) if room is not None else 0.0
        results.append(Closure(mate.seam, deep, groove.depth_mm if groove else 0.0,
                               abs(_between_deg(at, to) - mate.angle_deg), past))
    return results


def _slanted(pattern: Pattern, others: Sequence[Pattern]) -> list[Closure]:
    """How the slanting sides of two boards meet: so far the outer rims lie apart at their ends, and by how
    much the corner differs from what was asked."""
    results = []
    for mate in pattern.mates:
        if mate.joint.stands is not Stands.MITRED:
            continue
        host = _host_of(mate, pattern, others)
        at, to = finished(pattern)[mate.carrier], finished(host)[mate.host]
        rim = place(at, edge_as_cut(pattern.by_name[mate.carrier], mate.carrier_line),
                    pattern.stock.caliper_mm / 2)
        other = host.by_name[mate.host]
        seen = (rim - to[:3, 3]) @ to[:3, :3]
        # in the host's outer face, on a slanting side of it
        level = np.abs(seen[:, 2] - host.stock.caliper_mm / 2).max()
        away = [max(distance_to_segment((float(x), float(y)), other.path[number].start,
                                        other.path[number].end) for x, y, _ in seen)
                for number, _ in other.bevels]
        results.append(Closure(mate.seam, float(max(level, min(away, default=math.inf))), 0.0,
                               abs(_between_deg(at, to) - mate.angle_deg), 0.0))
    return results


def _passed(pattern: Pattern, others: Sequence[Pattern]) -> list[Closure]:
    """How tongues stand in their slots: so far they reach into the host from the face the side stands on,
    which is right through it; past their slots, or short of that face, they may not be."""
    through = [mate for mate in pattern.mates if mate.joint.stands is Stands.THROUGH]
    if not through:
        return []
    from shapely import union_all

    results = []
    for mate in through:
        host = _host_of(mate, pattern, others)
        panel, on = pattern.by_name[mate.carrier], host.by_name[mate.host]
        half, thick = pattern.stock.caliper_mm / 2, host.stock.caliper_mm
        at, to = finished(pattern)[mate.carrier], finished(host)[mate.host]

        def seen(points: Sequence[Point], at: Matrix = at, to: Matrix = to, half: float = half) -> Matrix:
            both = np.concatenate([place(at, points, half), place(at, points, -half)])
            return (both - to[:3, 3]) @ to[:3, :3]

        card = seen(panel.polygon)
        sign = -1.0 if float(card[:, 2].mean()) > 0.0 else 1.0  # into the host
        deep = card[:, 2] * sign + thick / 2
        inside = deep > TOLERANCE.closure
        short = -float(deep[~inside].max())  # the shoulders beside the tongues stand on the face
        slots = union_all([area_of(hole) for hole in on.hole_polygons])
        past = _past(card[inside][:, :2], slots) if inside.any() else math.inf
        results.append(Closure(mate.seam, float(deep.max()), thick,
                               abs(_between_deg(at, to) - mate.angle_deg),
                               max(past, short)))
    return results


def _crossed(pattern: Pattern, others: Sequence[Pattern]) -> list[Closure]:
    """How two boards stand in each other: so far the floors of their cuts are apart, which is what a slot is
    longer than a tongue by; the walls stand off the other's faces by half of what it is wider by."""
    results = []
    for mate in pattern.mates:
        if mate.joint.stands is not Stands.CROSSED:
            continue
        host = _host_of(mate, pattern, others)
        at, to = finished(pattern)[mate.carrier], finished(host)[mate.host]
        along = np.cross(at[:3, 2], to[:3, 2])
        along /= np.linalg.norm(along)
        floors, off = [], 0.0
        one, two = pattern.by_name[mate.carrier], host.by_name[mate.host]
        for panel, crosses, own, other, thick in ((one, two, at, to, host.stock.caliper_mm),
                                                  (two, one, to, at, pattern.stock.caliper_mm)):
            points = place(own, panel.polygon)
            level = (points - at[:3, 3]) @ along
            away = np.abs((points - other[:3, 3]) @ other[:3, 2]) - thick / 2
            beside = (place(other, crosses.polygon) - at[:3, 3]) @ along
            # the corners of the cut, and no others: near the other board, and no further along than it goes
            cut = ((away < SLOT_PLAY_MM) & (level > beside.min() - SLOT_ENDS_MM)
                   & (level < beside.max() + SLOT_ENDS_MM))
            mouth, floor = _ends_of_cut(level[cut], level)
            floors.append((floor, mouth))
            off = max([off, *np.abs(away[cut] - SLOT_PLAY_MM / 2).tolist()])
        (a, a_mouth), (b, b_mouth) = floors
        apart = ((b - a) if a_mouth > a and b_mouth < b else (a - b) if a_mouth < a and b_mouth > b
                 else -math.inf)
        results.append(Closure(mate.seam, float(apart), SLOT_ENDS_MM,
                               abs(_between_deg(at, to) - mate.angle_deg), off))
    return results


def _ends_of_cut(level: Matrix, whole: Matrix) -> tuple[float, float]:
    """The mouth and the floor of a cut by how far along the crossing its corners lie: its mouth is the one of
    the two at an end of the board.  Infinite where there is none."""
    if not len(level):
        return math.inf, math.inf
    low, high = float(level.min()), float(level.max())
    return (high, low) if float(whole.max()) - high <= low - float(whole.min()) else (low, high)


def _past(points: Matrix, area: Any) -> float:
    """How far (mm) the furthest of some points lies outside an area."""
    from shapely import distance
    from shapely import points as make_points

    return float(distance(area, make_points(points)).max())


def _landed(pattern: Pattern, seams: Sequence[FlatSeam], panels: Mapping[str, FlatPanel], done: Pose,
            thick: Mapping[str, float]) -> list[Closure]:
    """How every tab stands on its host, all measured at once.  thick: the caliper of every panel's card,
    mm."""
    if not seams:
        return []
    hinges = {f.child: f for f in pattern.folds}
    hosts = [panels[s.host] for s in seams]
    counts = np.array([len(panels[s.name].polygon) for s in seams])
    owner, starts = np.repeat(np.arange(len(seams)), counts), np.cumsum(counts) - counts
    flat = np.array([p for s in seams for p in panels[s.name].polygon])
    own, host = (np.array([done[name] for name in names])
                 for names in ([s.name for s in seams], [s.host for s in seams]))
    turn = np.einsum("nji,njk->nik", host[:, :3, :3], own[:, :3, :3])  # tabs as their hosts see them
    move = np.einsum("nji,nj->ni", host[:, :3, :3], own[:, :3, 3] - host[:, :3, 3])
    landed = np.einsum("nij,nj->ni", turn[owner][:, :, :2], flat) + move[owner]
    apart = np.where([s.outside for s in seams], 1.0, -1.0) * np.add.reduceat(landed[:, 2], starts) / counts
    tilt = np.degrees(np.arccos(np.clip(turn[:, 2, 2], -1.0, 1.0)))
    # card that goes into the tab's own crease, and the crease of a blunt corner, which the carrier's
    # thickness covers, is drawn square back onto the host's edge
    edges = np.array([s.host_edge for s in seams])
    along = edges[:, 1] - edges[:, 0]
    out = np.stack([along[:, 1], -along[:, 0]], axis=1) / np.hypot(along[:, 0], along[:, 1])[:, None]
    level = (edges[:, 0] * out).sum(axis=1) + [s.edge_mm for s in seams]
    bend = np.array([hinges[s.name].gain / 2 + s.beyond_mm for s in seams])
    beyond = (landed[:, :2] * out[owner]).sum(axis=1) - level[owner]
    points = landed[:, :2] - np.clip(beyond, 0.0, np.maximum(0.0, bend)[owner])[:, None] * out[owner]
    inside = _all_within(points, owner, hosts)
    ends = (starts + counts).tolist()
    columns = zip(seams, hosts, apart.tolist(), tilt.tolist(), inside, starts.tolist(), ends, strict=True)
    return [Closure(seam.name, off, (thick[at.name] + thick[seam.name]) / 2, tilted,
                    0.0 if within else _reach_past_any(points[first:end], at))
            for seam, at, off, tilted, within, first, end in columns]


def _all_within(points: Matrix, owner: NDArray[np.intp], hosts: Sequence[FlatPanel]) -> list[bool]:
    """Of each group of points whether all lie within the convex outline of their host; False for a host that
    is not convex."""
    convex = [h.convex for h in hosts]
    outlines = [h.polygon if c else ((0.0, 0.0),) for h, c in zip(hosts, convex, strict=True)]
    sides = np.array([len(o) for o in outlines])
    first = np.cumsum(sides) - sides
    a = np.array([p for o in outlines for p in o])
    b = np.array([p for o in outlines for p in (*o[1:], o[0])])
    group = np.repeat(owner, sides[owner])  # every point with every side of its host
    point = np.repeat(points, sides[owner], axis=0)
    begins = np.cumsum(sides[owner]) - sides[owner]
    side = np.arange(len(group)) - np.repeat(begins - first[owner], sides[owner])
    way, away = (b - a)[side], point - a[side]
    past = way[:, 0] * away[:, 1] - way[:, 1] * away[:, 0] < -1e-7
    outside = np.zeros(len(hosts), dtype=bool)
    outside[group[past]] = True
    return [c and not o for c, o in zip(convex, outside.tolist(), strict=True)]


def _above(points: Matrix, level: float) -> Matrix:
    """The part of a convex outline above a level."""
    kept: list[tuple[float, float]] = []
    for (ax, ay), (bx, by) in zip(points.tolist(), [*points.tolist()[1:], points.tolist()[0]], strict=True):
        if ay >= level:
            kept.append((ax, ay))
        if (ay < level) != (by < level):
            share = (level - ay) / (by - ay)
            kept.append((ax + share * (bx - ax), level))
    return np.array(kept)


def edges_apart(pattern: Pattern, mate: Mate, others: Sequence[Pattern] = ()) -> float:
    """How far (mm) the two edges of a taped seam stand from each other on the folded mid-surfaces, as they
    were cut, at the middle of the carrier's edge.  others: the pieces its host may belong to."""
    host = next((p for p in (pattern, *others) if mate.host in p.by_name and p.rides is None), pattern)
    line = (mate.host_line
            or next((k.line for k in host.keys if k.seam == mate.seam and k.panel == mate.host), None))
    if line is None:
        return 0.0
    (a, b), (c, d) = (place(finished(p)[name], edge_as_cut(p.by_name[name], own))
                      for p, name, own in ((pattern, mate.carrier, mate.carrier_line),
                                           (host, mate.host, line)))
    middle, along = (a + b) / 2, (d - c) / np.linalg.norm(d - c)
    beside = middle - c - along * float((middle - c) @ along)
    return float(np.linalg.norm(beside))


def edge_as_cut(panel: FlatPanel, line: tuple[Point, Point]) -> tuple[Point, Point]:
    """The side of a panel that runs the longest along one of its nominal edges, given as a line on the flat;
    in the panel's coordinates."""
    back = panel.frame.inverse()
    (ax, ay), (bx, by) = back.apply(line[0]), back.apply(line[1])
    length = math.dist((ax, ay), (bx, by))
    ux, uy = (bx - ax) / length, (by - ay) / length
    across = [(x - ax) * uy - (y - ay) * ux for x, y in panel.polygon]
    # a short side of a wide board may be cut further from its edge than it is long
    near = max(length, max(across) - min(across)) / 2

    def fits(side: tuple[Point, Point]) -> tuple[float, float]:
        (px, py), (qx, qy) = side
        along = (qx - px) * ux + (qy - py) * uy
        away = abs((px - ax) * uy - (py - ay) * ux)
        first = (px - ax) * ux + (py - ay) * uy
        beside = min(length, first + along) - max(0.0, first)
        return (beside if along > 0.999 * math.dist(*side) and away < near else 0.0), -away

    return max(zip(panel.polygon, (*panel.polygon[1:], panel.polygon[0]), strict=True), key=fits)


def _reach_past_any(points: Matrix, panel: FlatPanel) -> float:
    """How far (mm) an outline reaches outside its host."""
    from shapely import distance, get_coordinates, make_valid, polygons  # rarely needed, and slow to load
    from shapely import points as make_points

    area = polygons(points)
    if panel.card.covers(area):
        return 0.0
    host = area_of(panel.polygon)
    rest = make_valid(area).difference(host)  # what was drawn in may touch itself
    if rest.is_empty:
        return 0.0
    corners = get_coordinates(rest)
    return float(distance(host, make_points(corners)).max())


class Cavity(NamedTuple):
    """The clear space measured in the folded thick model, along length, width and height, against what was
    asked (mm).

    lip_mm: how far tuck lips reach into the space asked for, which nothing else may.
    """

    size: Triple
    asked: Triple
    lip_mm: float

    @property
    def fits(self) -> bool:
        return all(abs(a - b) <= TOLERANCE.cavity for a, b in zip(self.size, self.asked, strict=True))


def cavity(patterns: Sequence[Pattern], asked: Triple) -> Cavity:
    """Measure the clear box between the solid panels, seen along each axis through the space asked for.

    Every panel is taken as a slab one caliper thick.  Along each axis, what stands within the column of the
    space asked for limits it on its own side of the middle.
    """
    low, high = np.zeros(3), np.array(asked)
    bounds_low, bounds_high = np.full(3, -np.inf), np.full(3, np.inf)
    lip = 0.0
    for panel, m, half in ((panel, finished(p)[panel.name], p.stock.caliper_mm / 2) for p in patterns
                           for panel in p.panels):
        corners = np.concatenate([place(m, panel.polygon, half), place(m, panel.polygon, -half)])
        least, most = corners.min(axis=0), corners.max(axis=0)
        if panel.role is Role.HANDLE:  # spans the opening, and is no wall of the space
            continue
        if panel.role is Role.LINING:  # takes its own thickness of the room beside its wall
            lip = max(lip, 2 * half)
            continue
        for axis in range(3):
            others = [i for i in range(3) if i != axis]
            if any(most[i] <= low[i] + 1e-6 or least[i] >= high[i] - 1e-6 for i in others):
                continue
            flat_on = abs(m[axis, 2]) > 1 - 1e-9
            if (flat_on and panel.role is not Role.LIP
                and not _limits(axis, least, most, low, high, bounds_low, bounds_high)):
                continue  # it stands behind what limits the space already
            # both faces of a panel that lies square to the axis are seen alike
            faces = [corners[: len(corners) // 2]] if flat_on else _slab_faces(corners)
            seen = [corner[axis] for corner in _within_column(faces, others, low, high)]
            if not seen:
                continue
            near, far = (least[axis], most[axis]) if flat_on else (min(seen), max(seen))
            if panel.role is Role.LIP and flat_on:
                reach = float(min(far - low[axis], high[axis] - near))
                if reach > TOLERANCE.touching:
                    lip = max(lip, reach)
                    continue
            if near + far < low[axis] + high[axis]:
                bounds_low[axis] = max(bounds_low[axis], far)
            else:
                bounds_high[axis] = min(bounds_high[axis], near)
    # where nothing stands the thing is open, and the space asked for ends at its own face
    size = (np.where(np.isinf(bounds_high), high, bounds_high)
            - np.where(np.isinf(bounds_low), low, bounds_low))
    return Cavity((float(size[0]), float(size[1]), float(size[2])), asked, lip)


def _limits(axis: int, least: Matrix, most: Matrix, low: Matrix, high: Matrix, bounds_low: Matrix,
            bounds_high: Matrix) -> bool:
    """Whether a panel square to an axis could make the clear space smaller than it is known to be."""
    if least[axis] + most[axis] < low[axis] + high[axis]:
        return bool(most[axis] > bounds_low[axis])
    return bool(least[axis] < bounds_high[axis])


def _slab_faces(corners: NDArray[np.float64]) -> list[NDArray[np.float64]]:
    """The faces of a slab whose corners are given, upper face first, then the lower in the same order."""
    count = len(corners) // 2
    above, below = corners[:count], corners[count:]
    sides = [np.array([above[i - 1], above[i], below[i], below[i - 1]]) for i in range(count)]
    return [above, below, *sides]


def _within_column(faces: list[NDArray[np.float64]], axes: list[int], low: Matrix,
                   high: Matrix) -> list[Triple]:
    """Corners of the faces after clipping them to the column's four sides (Sutherland and Hodgman's way)."""
    kept: list[Triple] = []
    for face in faces:
        points: list[Triple] = [tuple(p) for p in face.tolist()]
        for axis in axes:
            for sign, limit in ((1.0, low[axis] + 1e-3), (-1.0, -(high[axis] - 1e-3))):
                points = _clip(points, axis, sign, float(limit))
                if not points:
                    break
            if not points:
                break
        kept += points
    return kept


def _clip(points: list[Triple], axis: int, sign: float, limit: float) -> list[Triple]:
    result: list[Triple] = []
    for a, b in zip(points, (*points[1:], *points[:1]), strict=True):
        fa, fb = sign * a[axis] - limit, sign * b[axis] - limit
        if fa >= 0:
            result.append(a)
        if (fa > 0 > fb) or (fa < 0 < fb):
            s = fa / (fa - fb)
            result.append((a[0] + s * (b[0] - a[0]), a[1] + s * (b[1] - a[1]), a[2] + s * (b[2] - a[2])))
    return result
