"""The order of what is done, put right where a joint would be made once nothing reaches behind it any more:
what shuts it in is left till after it.

As little as will do is left till later, from the joint backwards, and only where nothing else is shut in by
that.
"""

from __future__ import annotations

from collections.abc import Collection, Mapping, Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray
from shapely import constrained_delaunay_triangles, get_parts

from mingei.core.draft.joint import Stands
from mingei.core.flat.pattern import FlatPanel, Pattern
from mingei.core.folded.fold import finished, place, pose
from mingei.core.keeping import kept_with
from mingei.core.plan.operation import GLUES, Does, Operation
from mingei.core.plane.area import area_of
from mingei.core.plane.space import get_out

Array = NDArray[np.float64]
#: Past so many triangles the order is left as it is, which keeps a solid of ninety faces within a fifth of a
#: second.
_TRIANGLES = 6000
#: Rays go out from so far behind a tab, mm, to so many directions; so large a share of them must get out.
_BEHIND_MM, _RAYS, _ESCAPE = 0.5, 96, 0.02


def within_reach(some: Sequence[Operation], patterns: Sequence[Pattern]) -> tuple[Operation, ...]:
    """The same operations; what shuts a joint in comes after the joint, where its reasons let it."""
    space = _Space(some, [p for p in patterns if p.rides is None])
    order = list(some)
    # what is filled before it is closed is pressed against what fills it
    filled = {op.group for op in some if op.does is Does.FILL}
    # the last first: what comes early is made while all lies open
    for joint in reversed(some):
        if joint.group not in filled and space.patient:
            order = _opened(order, joint, space)
    return tuple(order)


def gets_out(patterns: Sequence[Pattern], points: Array, way: Array, share: float = _ESCAPE) -> bool:
    """Whether from a finished thing so large a share of rays gets out, of those that go ``way`` (3,) from
    each of some points (n, 3)."""
    triangles = np.concatenate([_finished(p) for p in patterns if p.rides is None])
    return get_out(points, way, triangles, _RAYS, share)


@kept_with
def _finished(pattern: Pattern) -> Array:
    """Its triangles where they stand when all is folded (t, 3, 3)."""
    stand = finished(pattern)
    return np.concatenate([_face(panel).triangles @ stand[panel.name][:3, :3].T + stand[panel.name][:3, 3]
                           for panel in pattern.panels])


def _opened(order: list[Operation], joint: Operation, space: _Space) -> list[Operation]:
    """The order with what shuts a joint in left till after it; as it was where nothing helps."""
    at = order.index(joint)
    done = [op.key for op in order[:at + 1]]
    if space.reached(joint, done):
        return order
    needed = _needed(joint, order)
    late: list[Operation] = []
    for op in reversed(order[:at]):
        if not space.patient:
            return order
        if op.key in needed:
            continue
        if op.does is Does.FOLD and any(o.key in needed for o in order if o.group == op.group
                                        and o.does is Does.FOLD):
            continue  # the folds of one step are made at once
        late.insert(0, op)
        if op.does not in (Does.FOLD, *GLUES):
            continue
        kept = [o for o in order[:at] if o not in late]
        if not space.reached(joint, [o.key for o in (*kept, joint)]):
            continue
        late = _fewest(order[:at], late, joint, space)
        kept = [o for o in order[:at] if o not in late]
        found = [*kept, joint, *late, *order[at + 1:]]
        shut = any(not space.reached(o, [x.key for x in found[:i + 1]]) for i, o in enumerate(found)
                   if i > len(kept) and o in late)
        return order if shut else found
    return order


def _fewest(done: Sequence[Operation], late: Sequence[Operation], joint: Operation,
            space: _Space) -> list[Operation]:
    """Of what is left till later what has to be: the rest is done where it was."""
    left = list(late)
    for op in late:
        rest = [o for o in left if o is not op and not (o.does is op.does is Does.FOLD
                                                        and o.group == op.group)]
        kept = [o for o in done if o not in rest]
        if (not any(r.before == o.key for r in op.reasons for o in rest)
                and space.reached(joint, [o.key for o in (*kept, joint)])):
            left = rest
    return left


def _needed(op: Operation, order: Sequence[Operation]) -> set[str]:
    """All that must come before an operation."""
    by_key = {o.key: o for o in order}
    found: set[str] = set()
    waiting = [op]
    while waiting:
        for reason in waiting.pop().reasons:
            if reason.before in by_key and reason.before not in found:
                found.add(reason.before)
                waiting.append(by_key[reason.before])
    return found


class _Face(NamedTuple):
    """A panel's triangles about its own origin (t, 3, 3), mm, points a little behind it (n, 2)."""

    triangles: Array
    points: Array


class _Space:
    """Where the panels stand with so much done."""

    def __init__(self, some: Sequence[Operation], bodies: Sequence[Pattern]) -> None:
        self._by_key = {op.key: op for op in some}
        self._bodies = {p.name: p for p in bodies}
        self._owner = {panel.name: p.name for p in bodies for panel in p.panels}
        self._inner = {s.name for p in bodies for s in p.seams
                       if s.joint.stands is Stands.LANDED and not s.outside and not s.joint.opens}
        self._faces: dict[str, _Face] = {}
        self._left = _TRIANGLES
        self._stands: dict[tuple[str, frozenset[int]], Mapping[str, Array]] = {}

    def reached(self, op: Operation, done: Collection[str]) -> bool:
        """Whether enough rays from behind the tabs an operation glues get out, with so much done."""
        if op.does is not Does.GLUE:
            return True
        tabs = [name for name in op.panels if name in self._inner and name in self._owner]
        if not tabs:
            return True
        pieces = self._together(op, done)
        triangles, stand = self._moment(pieces, done)
        self._left -= len(triangles)
        for name in tabs:
            owner = self._owner[name]
            matrix = stand[owner][name]
            behind = -(self._bodies[owner].stock.caliper_mm / 2 + _BEHIND_MM)
            points = place(matrix, self._face(owner, name).points.tolist(), behind)
            if not get_out(points, -matrix[:3, 2], triangles, _RAYS, _ESCAPE):
                return False
        return True

    @property
    def patient(self) -> bool:
        """Whether it may still be looked."""
        return self._left > 0

    def _face(self, piece: str, name: str) -> _Face:
        if name not in self._faces:
            self._faces[name] = _face(self._bodies[piece].by_name[name])
        return self._faces[name]

    def _moment(self, pieces: Collection[str],
                done: Collection[str]) -> tuple[Array, dict[str, Mapping[str, Array]]]:
        found, stand = [], {}
        for piece in pieces:
            folds = frozenset(o.step for key in done for o in (self._by_key[key],)
                              if o.does is Does.FOLD and o.piece == piece)
            if (piece, folds) not in self._stands:
                self._stands[piece, folds] = pose(self._bodies[piece], dict.fromkeys(folds, 1.0))
            stand[piece] = self._stands[piece, folds]
            for name, matrix in stand[piece].items():
                found.append(self._face(piece, name).triangles @ matrix[:3, :3].T + matrix[:3, 3])
        return np.concatenate(found), stand

    def _together(self, op: Operation, done: Collection[str]) -> tuple[str, ...]:
        """The pieces that hang together with those an operation joins, once it is done."""
        groups = [{name} for name in self._bodies]
        for o in (*(self._by_key[key] for key in done), op):
            if o.does in (Does.GLUE, Does.LAP):
                mine = ({self._owner[n] for n in o.panels if n in self._owner}
                        | ({o.piece} & self._bodies.keys()))
                touched = [g for g in groups if g & mine]
                groups = [g for g in groups if not g & mine] + [set().union(*touched)]
        wanted = {self._owner[n] for n in op.panels if n in self._owner}
        return tuple(sorted(next(g for g in groups if g & wanted)))


def _face(panel: FlatPanel) -> _Face:
    holes = tuple(h for h in (*panel.hole_polygons, *panel.gaps) if len(h) > 2)
    area = area_of(panel.polygon, holes)
    flat = [np.array(t.exterior.coords)[:3] for t in get_parts(constrained_delaunay_triangles(area))]
    triangles = np.zeros((len(flat), 3, 3))
    triangles[:, :, :2] = flat
    middle = np.array(area.representative_point().coords[0])
    corners = np.array(panel.polygon)
    return _Face(triangles, np.array([middle, *(middle + (corners[:4] - middle) * 0.4)]))
