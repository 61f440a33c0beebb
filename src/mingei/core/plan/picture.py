"""The picture of a step: the thing as it stands at that moment, what moves marked by weight and tint, faces
that take glue hatched, an arrow for the motion, seen from where it shows best.

One drawing for the screen, the printed make sheet and its page for a browser: plain shapes in a unit square's
measure, y up, in painting order.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Collection, Mapping, Sequence
from enum import StrEnum
from functools import partial
from types import MappingProxyType
from typing import Any, NamedTuple, TypeAlias

import numpy as np
from numpy.typing import NDArray

from mingei.core.draft import Role
from mingei.core.flat.pattern import Pattern
from mingei.core.folded.fold import Moment, pose
from mingei.core.folded.hidden import Seen, seen
from mingei.core.folded.solid import INSIDE, PRINTED, Solids, assembled, hit
from mingei.core.folded.view import Camera, framed, light_of
from mingei.core.plan.operation import Does, Motion
from mingei.core.plan.steps import Plan, Step
from mingei.core.plane.shape import Point

Array = NDArray[np.float64]
#: How far the folds of the step itself are shown, as a share: what is glued is still seen.
_MIDWAY = 0.55
#: Where one may look from: yaw and pitch, degrees, the usual view first.
_VIEWS = tuple((yaw, pitch) for pitch in (28.0, 55.0, -28.0, -55.0) for yaw in (-60.0, 30.0, 120.0, 210.0))
#: Hatching lies so far apart, in the picture's measure.
_HATCH = 0.014
#: Of more faces than this those out of sight are left out before they are cut where they cross.
_MANY = 900
#: What is glued at panels that are there already.
_STUCK = (Does.GLUE, Does.LAP, Does.JOIN)


class Tint(StrEnum):
    """What a face is, whatever colour it is given."""

    PRINTED = "printed"
    INSIDE = "inside"
    RIM = "rim"
    NOW = "now"
    NOW_INSIDE = "now inside"


class Shape(NamedTuple):
    """A filled face: its corners, what it is, how light it falls (0..1), the sides that are edges."""

    points: tuple[Point, ...]
    tint: Tint
    shade: float
    sides: tuple[int, ...]


#: What else is there at a step: of the pieces shown and their moments, other finished pieces.
Besides: TypeAlias = Callable[[Sequence[Pattern], Mapping[str, Moment]], Sequence[Pattern]]


def nothing(shown: Sequence[Pattern], moments: Mapping[str, Moment]) -> Sequence[Pattern]:
    return ()


class Picture(NamedTuple):
    """width: of the picture, its height being 1; shapes in painting order; hatch: where glue goes, lines over
    the shapes they belong to, by the number of the shape; arrows: ways of what moves, their heads last;
    yaw_deg, pitch_deg: where it is seen from."""

    width: float
    shapes: tuple[Shape, ...]
    hatch: tuple[tuple[int, tuple[tuple[Point, Point], ...]], ...]
    arrows: tuple[tuple[Point, ...], ...]
    yaw_deg: float
    pitch_deg: float


def step_picture(plan: Plan, step: Step, patterns: Sequence[Pattern], width: float = 1.5,
                 look: tuple[float, float] | None = None, besides: Besides = nothing) -> Picture:
    """The picture of a step.  width: over height; look: yaw and pitch (degrees) a person chose; besides: what
    else is there, finished, where it goes with the pieces shown at their moments."""
    shown = shown_at(plan, step, patterns)
    before, after = plan.moment(step.number - 1), plan.moment(step.number)
    moments = _moments(shown, before, after, _MIDWAY if step.panels else 1.0)
    others = besides(shown, moments)
    shape = assembled((*shown, *others), {**moments, **{p.name: 1.0 for p in others}})
    names = [(p.name, panel) for p in shown for panel in p.panels]
    moving = {i for i, (piece, panel) in enumerate(names) for op in step.operations if op.piece == piece
              and {panel.name, panel.whole} & set(op.moves)}
    taken, sticky = ({name for op in step.operations if op.does in kinds and not op.brought
                      for name in op.panels} for kinds in ((*_STUCK, Does.PUT), _STUCK))
    brought = {op.brought for op in step.operations if op.brought}
    glued = {i for i, (_, panel) in enumerate(names) if panel.name in sticky}
    at = {i for i, (_, panel) in enumerate(names) if {panel.name, panel.whole} & taken}
    covers = {i for i, (piece, _) in enumerate(names)
              if any(op.key.endswith(f"/cover {piece}") for op in step.operations)}
    moving |= {i for i, (_, panel) in enumerate(names) if panel.name in brought}
    focus = moving | at | covers
    camera = framed(_camera(shape, focus, look), shape.triangles.reshape(-1, 3))
    faces = seen(shape, camera, width, light_of(camera), _MANY)
    edges = _edges(shape, camera, width)
    shapes, hatch = [], []
    for face in faces:
        panel = int(shape.panel[face.source])
        side = int(shape.face[face.source])
        shapes.append(_painted(face, panel, side, panel in moving or panel in covers, edges, width))
        if panel in glued and side == _glue_side(names[panel][1], step):
            lines = _hatched(shapes[-1].points)
            if lines:
                hatch.append((len(shapes) - 1, lines))
    arrows = _arrows(shown, step, before, after, camera, width) if step.panels else ()
    return Picture(width, tuple(shapes), tuple(hatch), arrows, camera.yaw, camera.pitch)


def finished_picture(patterns: Sequence[Pattern], now: Collection[str] = (), width: float = 1.5,
                     look: tuple[float, float] | None = None,
                     moments: Mapping[str, Moment] = MappingProxyType({})) -> Picture:
    """Pieces as they stand when all is done.  now: the names of those that are being put there; moments: of
    pieces, by name, that are not done yet."""
    shape = assembled(patterns, {p.name: moments.get(p.name, 1.0) for p in patterns})
    names = [p.name for p in patterns for _ in p.panels]
    focus = {i for i, name in enumerate(names) if name in now}
    camera = framed(_camera(shape, focus, look), shape.triangles.reshape(-1, 3))
    edges = _edges(shape, camera, width)
    shapes = []
    for face in seen(shape, camera, width, light_of(camera), _MANY):
        panel, side = int(shape.panel[face.source]), int(shape.face[face.source])
        shapes.append(_painted(face, panel, side, panel in focus, edges, width))
    return Picture(width, tuple(shapes), (), (), camera.yaw, camera.pitch)


def _painted(face: Seen, panel: int, side: int, now: bool, edges: Mapping[tuple[int, int], Array],
             width: float) -> Shape:
    """A face as it is seen; now: it is what the step is about."""
    tint = (Tint.RIM if side not in (PRINTED, INSIDE) else
            (Tint.NOW if side == PRINTED else Tint.NOW_INSIDE) if now else
            (Tint.PRINTED if side == PRINTED else Tint.INSIDE))
    points = tuple((float(x) * width, float(y)) for x, y in face.points)
    return Shape(points, tint, face.shade, _sides(face, edges.get((panel, side), ()), width))


def shown_at(plan: Plan, step: Step, patterns: Sequence[Pattern]) -> tuple[Pattern, ...]:
    """The pieces that hang together with those the step works on, overlays on them that are glued on by
    then."""
    bodies = {p.name: p for p in patterns if p.rides is None}
    owner = {panel.name: p.name for p in bodies.values() for panel in p.panels}
    together = [{name} for name in bodies]
    glued: set[str] = set()
    for each in plan.steps[:step.number]:
        for op in each.operations:
            if op.does is Does.COVER:
                glued.add(op.key.split("/", 1)[1])
            if op.does in (Does.GLUE, Does.LAP) or op.brought:
                mine = {owner[n] for n in op.panels if n in owner} | ({op.piece} & bodies.keys())
                touched = [group for group in together if group & mine]
                together = [g for g in together if not g & mine] + [set().union(*touched)]
    some = [name for name, p in bodies.items() if p.folds] or list(bodies)
    wanted = {op.piece for op in step.operations if op.piece in bodies} or set(some[:1])
    if any(op.does is Does.WAIT for op in step.operations):
        wanted = set(bodies)
    pieces = set().union(*(g for g in together if g & wanted))
    found = [p for name, p in bodies.items() if name in pieces]
    return (*found, *(p for p in patterns if p.rides is not None and p.rides.host.name in pieces
                      and f"cover {p.name}" in glued))


def _moments(shown: Sequence[Pattern], before: Mapping[str, Mapping[int, float]],
             after: Mapping[str, Mapping[int, float]], share: float) -> dict[str, Moment]:
    found: dict[str, Moment] = {}
    for p in shown:
        early, late = before.get(p.name, {}), after.get(p.name, {})
        found[p.name] = {step: 1.0 if step in early else share for step in late}
    return found


def _camera(shape: Solids, focus: Collection[int], look: tuple[float, float] | None) -> Camera:
    """From where most of what matters is seen, square on; else the usual view."""
    if look is not None:
        return Camera(yaw=look[0], pitch=look[1])
    if not focus:
        return _broadside(shape)
    spots = []
    for panel in sorted(focus)[:8]:
        for side in (PRINTED, INSIDE):
            own = np.flatnonzero((shape.panel == panel) & (shape.face == side))
            if len(own):
                middle = shape.triangles[own].mean(axis=(0, 1))
                spots.append((panel, side, middle, shape.normals[own[0]]))
    best, best_score = Camera(), -1.0
    for number, (yaw, pitch) in enumerate(_VIEWS):
        camera = framed(Camera(yaw=yaw, pitch=pitch), shape.triangles.reshape(-1, 3))
        eye, score = camera.eye(), 0.0
        for panel, _, middle, normal in spots:
            way = middle - eye
            far = float(np.linalg.norm(way))
            square = -float(way @ normal) / far
            if square <= 0.05:
                continue
            met = hit(shape, eye, way / far)
            if met is not None and met.panel == panel:
                score += square
        score += 0.15 if number == 0 else 0.08 if pitch > 0 else 0.0
        if score > best_score:
            best, best_score = camera, score
    return best


def _broadside(shape: Solids) -> Camera:
    """From where most of it is seen: the usual view, unless another shows half as much again."""
    areas = np.linalg.norm(np.cross(shape.triangles[:, 1] - shape.triangles[:, 0],
                                    shape.triangles[:, 2] - shape.triangles[:, 0]), axis=1)
    best, most = Camera(), 0.0
    for number, (yaw, pitch) in enumerate(((Camera().yaw, Camera().pitch), *_VIEWS)):
        camera = framed(Camera(yaw=yaw, pitch=pitch), shape.triangles.reshape(-1, 3))
        seen_mm2 = float((areas * np.maximum(shape.normals @ camera.basis()[2], 0.0)).sum())
        if seen_mm2 > most * (1.5 if number else 1.0):
            best, most = camera, seen_mm2
    return best


def _edges(shape: Solids, camera: Camera, width: float) -> dict[tuple[int, int], Array]:
    """The edges of the model as the picture shows them (n, 2, 2), by panel and face."""
    found: dict[tuple[int, int], list[Array]] = {}
    for line, panel, side in zip(shape.edges, shape.edge_panel.tolist(), shape.edge_face.tolist(),
                                 strict=True):
        found.setdefault((panel, side), []).append(line)
    matrix = camera.matrix(width).T
    return {key: _flat(np.array(lines), matrix, width) for key, lines in found.items()}


def _flat(edges: Array, matrix: Array, width: float) -> Array:
    """Edges (n, 2, 3) as the picture shows them (n, 2, 2)."""
    clip = np.concatenate([edges.reshape(-1, 3), np.ones((2 * len(edges), 1))], axis=1) @ matrix
    return ((clip[:, :2] / clip[:, 3:4] + 1) / 2).reshape(-1, 2, 2) * (width, 1.0)


def _sides(face: Seen, flat: Any, width: float) -> tuple[int, ...]:
    """The sides of a face, as the picture shows it, that lie along edges of the model."""
    if not len(flat):
        return ()
    points = face.points * (width, 1.0)
    starts, ways = flat[:, 0], flat[:, 1] - flat[:, 0]
    lengths = np.maximum(np.linalg.norm(ways, axis=1), 1e-12)
    away = points[:, None] - starts  # of every corner from every edge's start
    along = (away * ways).sum(axis=2) / lengths
    off = np.abs(away[..., 0] * ways[:, 1] - away[..., 1] * ways[:, 0]) / lengths
    near = (off < 6e-4) & (along > -6e-4) & (along < lengths + 6e-4)
    return tuple(np.flatnonzero((near & np.roll(near, -1, axis=0)).any(axis=1)).tolist())


def _glue_side(panel: Any, step: Step) -> int:
    """The face of a panel that takes glue: what lies beneath takes it on its printed face."""
    inner = any(op.does is Does.COVER and "inner" in str(op.words) for op in step.operations)
    return INSIDE if inner or panel.role is Role.LIP else PRINTED


def _hatched(points: Sequence[Point]) -> tuple[tuple[Point, Point], ...]:
    """Slanted lines within a convex outline."""
    levels = [x - y for x, y in points]
    first, last = math.ceil(min(levels) / _HATCH), math.floor(max(levels) / _HATCH)
    found = []
    for k in range(first, last + 1):
        level = k * _HATCH
        met = []
        for (ax, ay), (bx, by) in zip(points, (*points[1:], points[0]), strict=True):
            a, b = ax - ay - level, bx - by - level
            if (a > 0) != (b > 0):
                s = a / (a - b)
                met.append((ax + (bx - ax) * s, ay + (by - ay) * s))
        if len(met) == 2:
            found.append((met[0], met[1]))
    return tuple(found)


def _arrows(shown: Sequence[Pattern], step: Step, before: Mapping[str, Mapping[int, float]],
            after: Mapping[str, Mapping[int, float]], camera: Camera, width: float
            ) -> tuple[tuple[Point, ...], ...]:
    """The ways the middles of what moves take, from where they are shown to where they come."""
    found = []
    shares = np.linspace(0.15, 1.0, 8)
    poses = {p.name: [pose(p, _moments([p], before, after, float(s))[p.name]) for s in shares] for p in shown
             if p.rides is None}
    for op in step.operations:
        if op.does is not Does.FOLD or op.piece not in poses or op.motion in (Motion.ROLL, Motion.ROUND):
            continue
        pattern = next(p for p in shown if p.name == op.piece)
        for name in op.moves[:6]:
            panel = next(iter(pattern.panels_of(name)), None)
            if panel is None:
                continue
            rim = max(panel.polygon, key=partial(_away, pattern, panel.name))
            middle = (sum(x for x, _ in panel.polygon) / len(panel.polygon),
                      sum(y for _, y in panel.polygon) / len(panel.polygon))
            spot = np.array((middle[0] * 0.4 + rim[0] * 0.6, middle[1] * 0.4 + rim[1] * 0.6, 0.0, 1.0))
            space = np.array([(posed[panel.name] @ spot)[:3] for posed in poses[op.piece]])
            clip = np.concatenate([space, np.ones((len(space), 1))], axis=1) @ camera.matrix(width).T
            flat = (clip[:, :2] / clip[:, 3:4] + 1) / 2
            way = tuple((float(x) * width, float(y)) for x, y in flat)
            within = all(0.0 <= x <= width and 0.0 <= y <= 1.0 for x, y in way)
            if within and math.dist(way[0], way[-1]) > 0.03:
                found.append(way)
    return tuple(found)


def _away(pattern: Pattern, name: str, at: Point) -> float:
    """How far a point of a panel lies from the fold that moves it, mm."""
    fold = next((f for f in pattern.folds if f.child == name), None)
    if fold is None:
        return 0.0
    q = pattern.by_name[name].frame.apply(at)
    (ax, ay), (bx, by) = fold.start, fold.end
    length = math.dist(fold.start, fold.end)
    return abs((q[0] - ax) * (by - ay) - (q[1] - ay) * (bx - ax)) / max(length, 1e-9)


