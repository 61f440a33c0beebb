"""The plan of making a thing: its operations in order, those told together as steps in a maker's words.

There is no other source of steps: the folded view and its slider, captions, the station at the table and the
printed papers read it.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property
from itertools import groupby
from typing import NamedTuple

from mingei.core.draft import Draft
from mingei.core.flat.pattern import Pattern
from mingei.core.plan.joining import glued_on
from mingei.core.plan.operation import MOVED, Does, Operation, in_order, listed
from mingei.core.plan.operations import NOTHING_MORE, Given, operations
from mingei.core.words import joined, say


class Step(NamedTuple):
    """number: from 1; words: what to do, full sentences; panels: those that move in it; operations: what is
    done; because: why now, sentences without a stop; key: what it is known by, as long as the draft has it;
    broken: what a person's own order does against, sentences without a stop."""

    number: int
    words: str
    panels: tuple[str, ...]
    operations: tuple[Operation, ...] = ()
    because: tuple[str, ...] = ()
    key: str = ""
    broken: tuple[str, ...] = ()

    @property
    def does(self) -> tuple[Does, ...]:
        """What kinds of things are done in it."""
        return tuple(dict.fromkeys(op.does for op in self.operations))


@dataclass(frozen=True, eq=False)
class Plan:
    """All steps of one thing, in order."""

    steps: tuple[Step, ...]

    @cached_property
    def folding(self) -> tuple[tuple[str, int, int], ...]:
        """The steps in which something moves: of each its piece, the step of that piece's folding, and its
        number in the plan."""
        return tuple((piece, number, step.number) for step in self.steps if step.panels
                     for piece, number in dict.fromkeys((op.piece, op.step) for op in step.operations
                                                        if op.does is Does.FOLD))

    def moment(self, number: int) -> dict[str, dict[int, float]]:
        """How far each piece is folded when a step is done: of each of its folding steps that is."""
        found: dict[str, dict[int, float]] = {}
        for piece, step, at in self.folding:
            if at <= number:
                found.setdefault(piece, {})[step] = 1.0
        return found

    def at(self, fraction: float) -> dict[str, dict[int, float]]:
        """The same with the folding at ``fraction`` (0 flat .. 1 finished) of its sequence."""
        found: dict[str, dict[int, float]] = {}
        for i, (piece, step, _) in enumerate(self.folding):
            found.setdefault(piece, {})[step] = max(0.0, min(1.0, fraction * len(self.folding) - i))
        return found

    def number_of(self, piece: str, step: int) -> int:
        """The number of a step of a piece's folding; 0 where it has none."""
        return next((number for name, own, number in self.folding if (name, own) == (piece, step)), 0)

    def step_at(self, fraction: float) -> Step | None:
        """The step that is being folded there."""
        if not self.folding:
            return None
        number = self.folding[min(len(self.folding) - 1, int(fraction * len(self.folding) + 1e-9))][2]
        return self.steps[number - 1]


def plan(draft: Draft, given: Given = NOTHING_MORE, order: Sequence[str] = (),
         patterns: Sequence[Pattern] = ()) -> Plan:
    """The plan of a draft.  order: the keys of steps as a person wants them; what is not named stays where it
    falls; patterns: where joints are not those of the recipe, so that each is made while it is reached."""
    done = in_order(operations(draft, given))
    if patterns:
        from mingei.core.plan.reaching import within_reach  # brings numpy and shapely with it

        done = within_reach(done, patterns)
    groups = [tuple(some) for _, some in groupby(done, key=lambda op: op.group)]
    return Plan(_told(_ordered(groups, order)))


def _ordered(groups: Sequence[tuple[Operation, ...]], order: Sequence[str]) -> list[tuple[Operation, ...]]:
    """The groups as a person wants them: those named take, in their order, the places they hold."""
    keys = [some[0].group for some in groups]
    places = [i for i, key in enumerate(keys) if key in order]
    wanted = sorted((i for i in places), key=lambda i: order.index(keys[i]))
    found = list(groups)
    for place, i in zip(places, wanted, strict=True):
        found[place] = groups[i]
    return found


def _told(groups: Sequence[tuple[Operation, ...]]) -> tuple[Step, ...]:
    number_of = {op.key: n for n, some in enumerate(groups, 1) for op in some}
    because: dict[int, list[str]] = {}
    broken: dict[int, list[str]] = {}
    for number, some in enumerate(groups, 1):
        for op in some:
            for reason in op.reasons:
                before = number_of.get(reason.before, number)
                if before > number:
                    broken.setdefault(number, []).append(
                        say("step {number} comes before it: {why}", number=before,
                            why=reason.why or say("it is done first")))
                elif reason.why and reason.ahead and before < number:
                    because.setdefault(before, []).append(
                        say("before {number}: {why}", number=number, why=reason.why))
                elif reason.why and before < number:
                    because.setdefault(number, []).append(reason.why)
                elif reason.why and before == number and not reason.ahead:
                    continue
    found = []
    seen: dict[str, int] = {}
    for number, some in enumerate(groups, 1):
        key = some[0].group
        seen[key] = seen.get(key, 0) + 1
        moved = sorted((op for op in some if op.motion), key=lambda op: MOVED.index(op.motion or MOVED[0]))
        told = sorted(some, key=lambda op: op.does is not Does.FILL)
        found.append(Step(number, joined(_sentences(told)),
                          tuple(name for op in moved for name in op.moves), some,
                          tuple(dict.fromkeys(because.get(number, ()))),
                          key if seen[key] == 1 else f"{key} {seen[key]}",
                          tuple(dict.fromkeys(broken.get(number, ())))))
    return tuple(found)


def _sentences(some: Sequence[Operation]) -> list[str]:
    """What is said of them; of a panel that is glued on several tabs it is said once."""
    on: dict[str, list[str]] = {}
    for op in some:
        if op.host:
            on.setdefault(op.host, []).extend(op.names)
    stood: dict[tuple[str, str], list[str]] = {}
    for op in some:
        if op.brought and op.many:
            stood.setdefault((op.brought, op.many), []).append(op.panels[1])

    def said(op: Operation) -> str:
        if op.host:
            return glued_on(op.host, tuple(dict.fromkeys(on[op.host])))
        hosts = stood.get((op.brought, op.many), [])
        return say(op.many, carrier=op.brought, hosts=listed(hosts)) if len(hosts) > 1 else op.words

    return [words for words in dict.fromkeys(said(op) for op in some) if words]
