"""What is done to make a thing, as a graph: each operation with what must come before it and why; and an
order in which nothing comes before its reasons."""

from __future__ import annotations

import heapq
from collections.abc import Sequence
from dataclasses import dataclass
from enum import StrEnum
from typing import NamedTuple

from mingei.core.errors import GeometryError
from mingei.core.words import Words, joined, number_of, runs_of, say


class Does(StrEnum):
    """What an operation does."""

    LAMINATE = "laminate"
    JOIN = "join"
    CREASE = "crease"
    COVER = "cover"
    FOLD = "fold"
    GLUE = "glue"
    LAP = "lap"
    PUT = "put"
    FILL = "fill"
    WAIT = "wait"


#: What sticks two things together.
GLUES = (Does.LAMINATE, Does.JOIN, Does.COVER, Does.GLUE, Does.LAP)




class Motion(StrEnum):
    """How folds move what they move, in the order it is said within one step."""

    ROLL = "Draw {names} over a rounded edge until it curls, then roll it up."
    RAISE = "Raise {names}."
    BRING = "Bring {names} over."
    IN = "Fold {names} in."
    OUT = "Fold {names} out."
    BACK = "Fold the two flaps of {names} back."
    FLAP = "Fold the flap of {names} back."
    ROUND = "Turn {names} round the corner."
    OVER = "Fold {names} over flat."
    STRAP = "Fold {names} over the outside, and glue down."


#: In which order the names of what moves in a step are given.
MOVED = (Motion.ROLL, Motion.RAISE, Motion.BRING, Motion.IN, Motion.OUT, Motion.ROUND, Motion.OVER,
          Motion.STRAP, Motion.BACK, Motion.FLAP)


class Reason(NamedTuple):
    """What must come before, by its key, and why, a sentence without a stop, "" where it needs none; ahead:
    it is told of what comes before, since it would not be thought of there."""

    before: str
    why: str
    ahead: bool = False


@dataclass(frozen=True)
class Operation:
    """One thing that is done.

    key: what it is known by; does, piece; step: of its piece, as the draft has it; words: a sentence; names:
    what is folded or joined; moves: the panels that move; motion: of a fold; reasons: what comes before;
    panels: what it is done to, where that is not what moves; host: what is glued on tabs, which are its
    names; brought: the panel that is stood on another; many: what is said
    where it is stood on several; told_with: the group it is told with, where that is another piece's.
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
    panels: tuple[str, ...] = ()
    host: str = ""
    brought: str = ""
    many: str = ""
    told_with: str = ""

    @property
    def group(self) -> str:
        """What is done together: the same for all that is told as one step."""
        return self.told_with or f"{self.piece}/{self.step}"


def in_order(some: Sequence[Operation]) -> tuple[Operation, ...]:
    """The same, nothing before what it needs, what is told together kept together, else as they are.  Raises
    GeometryError where reasons go round in a ring."""
    place = {op.key: i for i, op in enumerate(some)}
    waits = {op.key: {r.before for r in op.reasons if r.before in place} for op in some}
    then: dict[str, list[str]] = {}
    for key, before in waits.items():
        for each in before:
            then.setdefault(each, []).append(key)
    free = [place[key] for key, before in waits.items() if not before]
    heapq.heapify(free)
    beside: dict[str, list[int]] = {}  # those free, by what they are told with
    for i in sorted(free):
        beside.setdefault(some[i].group, []).append(i)
    taken: set[int] = set()
    done: list[Operation] = []
    while free:
        with_last = beside.get(done[-1].group, []) if done else []
        i = heapq.heappop(with_last) if with_last else heapq.heappop(free)
        if i in taken:
            continue
        taken.add(i)
        op = some[i]
        done.append(op)
        for key in then.get(op.key, ()):
            waits[key].discard(op.key)
            if not waits[key]:
                heapq.heappush(free, place[key])
                heapq.heappush(beside.setdefault(some[place[key]].group, []), place[key])
    if len(done) < len(some):
        stuck = next(op for op in some if waits[op.key])
        raise GeometryError("what must come before it comes after it", say("operation {key}", key=stuck.key))
    return tuple(done)


def layers_of(piece: str) -> Words:
    """What the layers of a built-up piece are called together."""
    return say("layers of the {piece}", piece=piece)


def listed(names: Sequence[str]) -> Words:
    """``the a``, ``the a and the b``, ``the a, the b and the c``; of many that are numbered through, the
    first and the last."""
    said = [say("the {name}", name=some[0]) if len(some) == 1 else
            say("the {first} to {last}", first=some[0], last=number_of(some[-1])[1])
            for some in runs_of(names)]
    return (said[0] if len(said) == 1 else say("{names} and {last}", names=joined(said[:-1], ", "),
                                               last=said[-1]))
