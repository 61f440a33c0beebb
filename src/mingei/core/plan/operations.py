"""What is done to make a thing, as a graph: every fold, every joint, filling, each with what must come before
it and why.

The nodes are built from the draft's folds, seams and laps.  A draft says in which of its steps a fold is
made; what a joint needs follows from what it joins.  ``in_order`` numbers them: nothing before its reasons,
and among what is free as the draft has it.
"""

from __future__ import annotations

import heapq
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from enum import StrEnum
from typing import NamedTuple

from mingei.core.amendments.amend import closing_step
from mingei.core.draft import Crease, Draft, Fold, Piece, Role, Seam, fellow, strap_name
from mingei.core.errors import GeometryError
from mingei.core.offset import FLAT_DEG
from mingei.core.words import Words, joined, say


class Does(StrEnum):
    """What an operation does."""

    FOLD = "fold"
    GLUE = "glue"
    LAP = "lap"
    FILL = "fill"


class Motion(StrEnum):
    """How folds move what they move, in the order it is said within one step."""

    ROLL = "Draw {names} over a rounded edge until it curls, then roll it up."
    RAISE = "Raise {names}."
    BRING = "Bring {names} over."
    IN = "Fold {names} in."
    OUT = "Fold {names} out."
    BACK = "Fold the two flaps of {names} back."
    ROUND = "Turn {names} round the corner."
    OVER = "Fold {names} over flat."
    STRAP = "Fold {names} over the outside, and glue down."


#: In which order the names of what moves in a step are given.
_MOVED = (Motion.ROLL, Motion.RAISE, Motion.BRING, Motion.IN, Motion.OUT, Motion.ROUND, Motion.OVER,
          Motion.STRAP, Motion.BACK)


class Reason(NamedTuple):
    """What must come before, by its key, and why, a sentence without a stop."""

    before: str
    why: str


@dataclass(frozen=True)
class Operation:
    """One thing that is done.

    key: what it is known by; does, piece; step: of its piece, as the draft has it; words: a sentence; names:
    what is folded or joined; moves: the panels that move; motion: of a fold; reasons: what comes before.
    """

    key: str
    does: Does
    piece: str
    step: int
    words: str
    names: tuple[str, ...] = ()
    moves: tuple[str, ...] = ()
    motion: Motion | None = None
    reasons: tuple[Reason, ...] = ()


def operations(draft: Draft) -> tuple[Operation, ...]:
    """All that is done, piece by piece, in the order the draft has it."""
    found: list[Operation] = []
    known = {p.name: p.whole or p.name for piece in draft.pieces for p in piece.panels}
    for piece in draft.pieces:
        folds = _folds(piece)
        by_panel = {name: op.key for op in folds for name in op.moves}
        joins = _joins(piece, by_panel, known)
        steps = {op.key: op.step for op in folds}
        joins = [replace(op, step=max([op.step, *(steps[r.before] for r in op.reasons)])) for op in joins]
        first = min(steps.values(), default=0)
        # what lies ready is joined before anything is folded
        early, late = [op for op in joins if op.step < first], [op for op in joins if op.step >= first]
        own = [*(replace(op, step=first) for op in early),
               *sorted([*folds, *late], key=lambda op: (op.step, op.does is not Does.FOLD))]
        if draft.inside_mm and draft.closes and piece is draft.pieces[-1] and own:
            own = _filled(piece, own)
        found += own
    return tuple(found)


def in_order(some: Sequence[Operation]) -> tuple[Operation, ...]:
    """The same, nothing before what it needs, else as they are.  Raises GeometryError where reasons go round
    in a ring."""
    place = {op.key: i for i, op in enumerate(some)}
    waits = {op.key: {r.before for r in op.reasons if r.before in place} for op in some}
    then: dict[str, list[str]] = {}
    for key, before in waits.items():
        for each in before:
            then.setdefault(each, []).append(key)
    free = [place[key] for key, before in waits.items() if not before]
    heapq.heapify(free)
    done: list[Operation] = []
    while free:
        op = some[heapq.heappop(free)]
        done.append(op)
        for key in then.get(op.key, ()):
            waits[key].discard(op.key)
            if not waits[key]:
                heapq.heappush(free, place[key])
    if len(done) < len(some):
        stuck = next(op for op in some if waits[op.key])
        raise GeometryError("what must come before it comes after it", say("operation {key}", key=stuck.key))
    return tuple(done)


# -- folds ---------------------------------------------------------------------------------------------------


def _folds(piece: Piece) -> list[Operation]:
    """The motions of each step: what is raised, brought over, folded in and out, rolled, turned over."""
    found: list[Operation] = []
    numbers = sorted({f.step for f in piece.folds} | {s.step for s in piece.seams if s.joint.has_tab
                                                      or s.joint.has_flaps}
                     | ({piece.last_step + 1} if any(s.joint.has_strap for s in piece.seams) else set()))
    for number in numbers:
        moved: dict[Motion, list[str]] = {}
        for motion, name in _moved(piece, number):
            moved.setdefault(motion, []).append(name)
        for motion in Motion:
            if motion in moved:
                names = tuple(dict.fromkeys(moved[motion]))
                moves = tuple(flap for name in names for flap in (name, fellow(name))
                              ) if motion is Motion.BACK else names
                found.append(Operation(f"{piece.name}/{number}/{motion.name.lower()}", Does.FOLD, piece.name,
                                       number, say(motion.value, names=listed(names)), names, moves, motion))
    return found


def _moved(piece: Piece, number: int) -> Iterator[tuple[Motion, str]]:
    """What moves in a step: walls on the root are raised, further walls brought over, all else folded in."""
    # a strip of wall: its panels are turned, not raised
    upright = abs(piece.placement.u[2]) + abs(piece.placement.v[2]) > 0.5
    for fold in piece.folds:
        if fold.step == number and fold.angle_deg > 1e-6 and not fold.closing:
            yield _motion(piece, fold, upright)
    for seam in piece.seams:
        if seam.step == number and seam.joint.has_tab:
            yield Motion.IN, seam.row or seam.name
        if seam.step == number and seam.joint.has_flaps:
            yield Motion.BACK, seam.name
        if seam.joint.has_strap and number == piece.last_step + 1:
            yield Motion.STRAP, strap_name(seam.name)


def _motion(piece: Piece, fold: Fold, upright: bool) -> tuple[Motion, str]:
    panel = piece.panel(fold.b.panel)
    if fold.angle_deg == FLAT_DEG:
        return Motion.OVER, panel.name
    if fold.bend:
        return Motion.ROLL, panel.whole
    if panel.role is Role.WALL and (panel.whole or upright):
        return Motion.ROUND, panel.whole or panel.name
    if panel.whole:
        return (Motion.IN if fold.crease is Crease.MOUNTAIN else Motion.OUT), panel.whole
    if panel.role is not Role.WALL:
        return Motion.IN, panel.name
    return (Motion.RAISE if fold.a.panel == piece.root else Motion.BRING), panel.name


# -- joints --------------------------------------------------------------------------------------------------


def _joins(piece: Piece, by_panel: dict[str, str], known: dict[str, str]) -> list[Operation]:
    """What is joined where the later of its two sides has come to its place.  by_panel: the operation that
    moves a panel; known: what a panel is known by."""

    def reasons(sides: Sequence[str], tab: str = "") -> tuple[Reason, ...]:
        found = [Reason(by_panel[known.get(name, name)],
                        say("the {panel} must be in its place", panel=known.get(name, name)))
                 for name in sides if known.get(name, name) in by_panel]
        if tab in by_panel:
            found.append(Reason(by_panel[tab], say("the {tab} is folded first", tab=tab)))
        return tuple(dict.fromkeys(found))

    found: list[Operation] = []
    on: dict[tuple[int, str], list[tuple[str, str]]] = {}
    for lap in piece.laps:
        if lap.glued:
            upper = known.get(lap.upper, lap.upper)
            step = max(closing_step(piece, other) for each in piece.laps
                       if known.get(each.upper, each.upper) == upper and each.glued
                       for other in (each.upper, each.lower)) if upper != lap.upper else max(
                closing_step(piece, lap.upper), closing_step(piece, lap.lower))
            on.setdefault((step, upper), []).append((lap.lower, lap.upper))
    for (step, upper), pairs in on.items():
        lowers = tuple(dict.fromkeys(known.get(lower, lower) for lower, _ in pairs))
        words = (say("Glue the {upper} down where it laps over itself.", upper=upper) if lowers[0] == upper
                 else say("Glue the {upper} on {lowers}.", upper=upper, lowers=listed(lowers)))
        found.append(Operation(f"{piece.name}/{step}/lap {upper}", Does.LAP, piece.name, step, words,
                               (upper, *lowers), reasons=reasons([n for pair in pairs for n in pair])))
    glued: dict[tuple[int, str], list[Seam]] = {}
    rows: dict[str, int] = {}  # a row of teeth is glued when all of it stands
    for seam in piece.seams:
        step = max(closing_step(piece, seam.carrier.panel), closing_step(piece, seam.host.panel))
        rows[seam.row or seam.name] = max(step, rows.get(seam.row or seam.name, 0))
    for seam in piece.seams:
        step = rows[seam.row or seam.name]
        sides = (seam.carrier.panel, seam.host.panel)
        if seam.joint.done:
            words = say(seam.joint.done, seam=seam.name, carrier=sides[0], host=sides[1])
            found.append(Operation(f"{piece.name}/{step}/{seam.joint.word} {seam.name}", Does.GLUE,
                                   piece.name, step, words, (seam.row or seam.name,),
                                   reasons=reasons(sides, seam.row or seam.name)))
        else:
            glued.setdefault((step, seam.host.panel), []).append(seam)
    for (step, host), seams in glued.items():
        tabs = tuple(dict.fromkeys(s.row or s.name for s in seams))
        why = [r for s in seams for r in reasons((s.carrier.panel, s.host.panel), s.row or s.name)]
        found.append(Operation(f"{piece.name}/{step}/glue {host}", Does.GLUE, piece.name, step,
                               say("Glue the {upper} on {lowers}.", upper=host, lowers=listed(tabs)), tabs,
                               reasons=tuple(dict.fromkeys(why))))
    return found


def _filled(piece: Piece, some: list[Operation]) -> list[Operation]:
    """With what it holds put in before the last step of its folding closes it."""
    last = max((op.step for op in some if op.motion is not Motion.STRAP), default=0)
    at = next(i for i, op in enumerate(some) if op.step == last)
    fill = Operation(f"{piece.name}/fill", Does.FILL, piece.name, last, say("Fill it first."))
    why = Reason(fill.key, say("it is filled before it is closed"))
    closing = [op if op.step < last or op.does is not Does.FOLD else replace(op, reasons=(*op.reasons, why))
               for op in some]
    return [*closing[:at], fill, *closing[at:]]


def listed(names: Sequence[str]) -> Words:
    """``the a``, ``the a and the b``, ``the a, the b and the c``."""
    said = [say("the {name}", name=n) for n in names]
    return (said[0] if len(said) == 1 else say("{names} and {last}", names=joined(said[:-1], ", "),
                                               last=said[-1]))
