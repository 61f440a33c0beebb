"""The thing built from its plan, step by step, in cells of space: what is done twice or never, what is glued
where no hand or stick reaches any more, what goes in after the door is shut.

It knows nothing of how plans are made: it reads the steps, poses the panels as they stand at each moment,
fills the cells they take, and asks which cells can still be reached from outside.
"""

from __future__ import annotations

import math
from collections import Counter
from collections.abc import Collection, Iterator, Mapping, Sequence
from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.check.cells import DEEP, Cells, any_of, cell_for, free_cells
from mingei.core.document.build import Build
from mingei.core.draft.joint import Stands
from mingei.core.flat.pattern import FlatFold, FlatPanel, Pattern
from mingei.core.folded.fold import place, pose
from mingei.core.plan.operation import Does, Operation
from mingei.core.plan.steps import Plan
from mingei.core.plane.shape import Point
from mingei.core.words import say


class Fault(NamedTuple):
    """What goes wrong: a code, a sentence without a stop, the number of the step."""

    code: str
    sentence: str
    step: int


def simulate(build: Build, plan: Plan | None = None) -> tuple[Fault, ...]:
    """Build it from its plan, or from another; what goes wrong."""
    plan = plan or build.plan
    return (*_counted(build, plan), *_creased(build, plan), *_ordered(plan), *_reached(build, plan))


def _each(plan: Plan) -> Iterator[tuple[int, Operation]]:
    return ((step.number, op) for step in plan.steps for op in step.operations)


# -- everything once -----------------------------------------------------------------------------------------


def _counted(build: Build, plan: Plan) -> Iterator[Fault]:
    """Every fold, joint, overlay and bought part is seen to once."""
    keys = Counter(op.key for _, op in _each(plan))
    for number, op in _each(plan):
        if keys[op.key] > 1:
            keys[op.key] = 0
            yield Fault("twice", say("it is done twice: {words}", words=op.words), number)
    moved = Counter(name for _, op in _each(plan) for name in op.moves)
    joined = Counter(name for _, op in _each(plan) if op.does in (Does.GLUE, Does.LAP) for name in op.panels)
    for p in (p for p in build.patterns if p.rides is None):
        facets = {panel.name: panel.whole or panel.name for panel in p.panels}
        for f in p.folds:
            if abs(f.angle_deg) > 1e-6 and not f.closing and not f.bend and not (
                    {f.child, facets[f.child]} & moved.keys()):
                yield Fault("not-folded", say("the {panel} is never folded", panel=facets[f.child]), 0)
        for s in p.seams:
            if (not s.outside and s.joint.stands is Stands.LANDED and not s.joint.opens
                and s.name not in joined):
                yield Fault("not-joined", say("the {seam} is never glued", seam=s.name), 0)
            elif joined[s.name] > 1:
                yield Fault("twice", say("the {seam} is glued twice", seam=s.name), 0)
    covered = Counter(op.key.split("/", 1)[-1] for _, op in _each(plan) if op.does is Does.COVER)
    for p in build.patterns:
        if p.covers and covered[f"cover {p.name}"] != 1:
            yield Fault("not-covered", say("the {name} is glued on {count} times", name=p.name,
                                           count=covered[f"cover {p.name}"]), 0)
    put = Counter(op.words for _, op in _each(plan) if op.does is Does.PUT)
    wanted = [*(b.words for b in build.draft.bought), *(h.words for h in build.draft.handwork)]
    for words in wanted:
        if put[words] != 1:
            yield Fault("not-put", say("it is done {count} times: {words}", count=put[words], words=words), 0)


def _creased(build: Build, plan: Plan) -> Iterator[Fault]:
    """Every fold is creased before it is made, and a tab is folded before it is glued."""
    creased = next((number for number, op in _each(plan) if op.does is Does.CREASE), None)
    folded: dict[str, int] = {}
    for place_, (number, op) in enumerate(_each(plan)):
        if op.does is Does.FOLD and creased is not None and number < creased:
            yield Fault("not-creased", say("it is folded before it is creased: {words}", words=op.words),
                        number)
        for name in op.moves:
            folded.setdefault(name, place_)
    rows = {s.name: s.row or s.name for p in build.patterns for s in p.seams}
    for place_, (number, op) in enumerate(_each(plan)):
        if op.does is Does.GLUE:
            late = next((n for n in op.panels if folded.get(rows.get(n, n), -1) > place_), None)
            if late is not None:
                yield Fault("not-creased", say("the {tab} is glued before it is folded", tab=late), number)


def _ordered(plan: Plan) -> Iterator[Fault]:
    """Nothing that must go in comes after what shuts it out."""
    at = {op.key: place_ for place_, (_, op) in enumerate(_each(plan))}
    for place_, (number, op) in enumerate(_each(plan)):
        for reason in op.reasons:
            if reason.ahead and at.get(reason.before, -1) > place_:
                yield Fault("shut-out",
                            say("what comes later cannot be done any more: {why}", why=reason.why),
                            number)
        if op.does is Does.FILL:
            closed = [o for _, o in list(_each(plan))[:place_] if any(r.before == op.key for r in o.reasons)]
            if closed:
                yield Fault("shut-out", say("it is filled after it is closed"), number)


# -- reach ---------------------------------------------------------------------------------------------------


def _reached(build: Build, plan: Plan) -> Iterator[Fault]:
    """What is glued from within is glued while a stick still reaches behind it, where another order of the
    same steps would let it."""
    bodies = {p.name: p for p in build.patterns if p.rides is None}
    every = list(_each(plan))
    before = _ancestors([op for _, op in every])
    inner = {s.name for p in bodies.values() for s in p.seams
             if s.joint.stands is Stands.LANDED and not s.outside and not s.joint.opens}
    done: list[str] = []
    seen: list[tuple[Operation, list[str], int]] = []
    # what is filled before it is closed is pressed against what fills it
    filled = {number for number, op in every if op.does is Does.FILL}
    for number, op in every:
        done.append(op.key)
        if op.does is Does.GLUE and inner & set(op.panels) and number not in filled:
            seen.append((op, list(done), number))
    by_key = {op.key: op for _, op in every}
    space = Space(bodies, by_key)
    for op, at, number in seen:
        blind = space.blind(op, at)
        if not blind:
            continue
        kept = _kept_before(space, op, at, before)
        if kept is None:
            continue  # it cannot be reached in any order
        # with that left till later it would be reached: unless that is then out of reach itself
        later = [o for o, _, _ in seen if o.key in at and o.key not in kept and o is not op]
        if not any(space.blind(o, at, sure=False) and not space.blind(o, _until(at, o.key)) for o in later):
            yield Fault("blind", say("nothing reaches behind the {tab} any more when it is glued", tab=blind),
                        number)


def _kept_before(space: Space, op: Operation, at: Sequence[str],
                 before: Mapping[str, frozenset[str]]) -> set[str] | None:
    """As much of what is done as may come before a joint so that it is still reached; None where nothing
    helps.  What is left till later is left from the end on; one step is done side by side."""
    with_it = {key for key in at if space.group(key) == op.group}
    with_it |= {key for each in with_it for key in before[each]}
    last = op.group
    for k in range(len(at) - 1, -1, -1):
        group = space.group(at[k])
        if group == last:
            continue
        last = group
        kept = {key for key in at[:k] if space.group(key) != group} | (with_it & set(at))
        if not space.blind(op, kept):
            return kept
    return None


def _until(keys: Sequence[str], last: str) -> list[str]:
    return list(keys[:keys.index(last) + 1])


def _ancestors(every: Sequence[Operation]) -> Mapping[str, frozenset[str]]:
    """Of each operation all that must come before it."""
    known = {op.key: op for op in every}
    found: dict[str, frozenset[str]] = {}

    def of(key: str) -> frozenset[str]:
        if key not in found:
            found[key] = frozenset()
            direct = [r.before for r in known[key].reasons if r.before in known]
            found[key] = frozenset(direct).union(*(of(k) for k in direct)) if direct else frozenset()
        return found[key]

    for op in every:
        of(op.key)
    return found


class _Moment(NamedTuple):
    """The cells a way leads to from outside, those card lies in, the lower corner of them all (mm), how wide
    a cell is (mm), and where every panel of every piece stands."""

    free: Cells
    taken: Cells
    low: NDArray[np.float64]
    cell: float
    posed: Mapping[str, Any]


class Space:
    """Cells taken by the panels at moments of the building; what was asked is kept."""

    def __init__(self, bodies: Mapping[str, Pattern], by_key: Mapping[str, Operation]) -> None:
        self._bodies, self._by_key = bodies, by_key
        self._owner = {panel.name: p.name for p in bodies.values() for panel in p.panels}
        self._creases = {p.name: {f.child: f for f in p.folds} for p in bodies.values()}
        self._kept: dict[frozenset[Any], _Moment] = {}
        self._cell = cell_for(bodies.values())

    def group(self, key: str) -> str:
        """What an operation is done together with."""
        return self._by_key[key].group

    def blind(self, op: Operation, done: Collection[str], sure: bool = True) -> str:
        """The first tab of a joint whose inner face no way leads to, with so much done; "" where all are
        reached.  sure: not one that lies in a wedge too narrow to say."""
        free, taken, low, cell, posed = self._moment(done, op)
        for name in op.panels:
            owner = self._owner.get(name)
            if owner is None or owner not in posed:
                continue
            panel = self._bodies[owner].by_name[name]
            matrix = posed[owner][name]
            face = self._bodies[owner].stock.caliper_mm / 2
            spread = _spread(panel, self._creases[owner].get(name), cell)
            points = np.concatenate([place(matrix, spread, -(face + deep * cell)) for deep in DEEP])
            index = np.floor((points - low) / cell).astype(int)
            # where card lies in every cell behind it, it lies in a wedge too narrow to say
            if not any_of(free, index) and (not sure or any_of(~taken, index)):
                return name
        return ""

    def _moment(self, done: Collection[str], op: Operation) -> _Moment:
        folds, pieces = self._folds(done), self._joined(done, op)
        key = frozenset((*folds, *(("", name) for name in pieces)))
        if key not in self._kept:
            posed = self._posed(pieces, folds)
            self._kept[key] = _Moment(*free_cells([(self._bodies[n], posed[n]) for n in pieces], self._cell),
                                      self._cell, posed)
        return self._kept[key]

    def stands(self, done: Collection[str], op: Operation) -> Mapping[str, Any]:
        """Where every panel stands of the pieces that hang together with an operation's, with so much
        done."""
        return self._posed(self._joined(done, op), self._folds(done))

    def _folds(self, done: Collection[str]) -> frozenset[tuple[str, int]]:
        return frozenset((o.piece, o.step) for key in done for o in (self._by_key[key],)
                         if o.does is Does.FOLD)

    def _posed(self, pieces: Collection[str], folds: Collection[tuple[str, int]]) -> dict[str, Any]:
        return {name: pose(self._bodies[name], {s: 1.0 for piece, s in folds if piece == name})
                for name in pieces}

    def _joined(self, done: Collection[str], op: Operation) -> tuple[str, ...]:
        """The pieces that hang together with those an operation joins, once it is done."""
        together: list[set[str]] = [{name} for name in self._bodies]
        for key in (*done, op.key):
            o = self._by_key[key]
            if o.does in (Does.GLUE, Does.LAP):
                mine = {self._owner[n] for n in o.panels if n in self._owner} | (
                    {o.piece} if o.piece in self._bodies else set())
                touched = [g for g in together if g & mine]
                together = [g for g in together if not g & mine] + [set().union(*touched)]
        wanted = {self._owner[n] for n in op.panels if n in self._owner} | {op.piece}
        return tuple(sorted(next(g for g in together if g & wanted)))


def _spread(panel: FlatPanel, crease: FlatFold | None, cell: float) -> list[Point]:
    """Points within a panel, a few, and of a tab narrower than a cell some as far off its crease."""
    middle = (sum(x for x, _ in panel.polygon) / len(panel.polygon),
              sum(y for _, y in panel.polygon) / len(panel.polygon))
    found = [middle, *((middle[0] + (x - middle[0]) * 0.6, middle[1] + (y - middle[1]) * 0.6)
                       for x, y in panel.polygon)]
    if crease is None:
        return found
    (ax, ay), (bx, by) = (panel.frame.inverse().apply(p) for p in (crease.start, crease.end))
    length = math.dist((ax, ay), (bx, by))
    nx, ny = (ay - by) / length, (bx - ax) / length
    off = (middle[0] - ax) * nx + (middle[1] - ay) * ny
    away = math.copysign(max(0.0, 1.5 * cell - abs(off)), off)
    return [*found, (middle[0] + nx * away, middle[1] + ny * away)]
