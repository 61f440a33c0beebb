"""The steps of folding in a maker's words: the operations in their order, those of one step of a piece told
together."""

from __future__ import annotations

from itertools import groupby
from typing import NamedTuple

from mingei.core.draft import Draft
from mingei.core.plan.operations import _MOVED, Does, Operation, in_order, operations
from mingei.core.words import joined


class Step(NamedTuple):
    """number: from 1; words: what to do, full sentences; panels: those that move in it; operations: what is
    done; because: why now, sentences without a stop."""

    number: int
    words: str
    panels: tuple[str, ...]
    operations: tuple[Operation, ...] = ()
    because: tuple[str, ...] = ()


def steps(draft: Draft) -> tuple[Step, ...]:
    """The steps of every piece, one after another."""
    result: list[Step] = []
    number_of: dict[str, int] = {}
    for _, found in groupby(in_order(operations(draft)), key=lambda op: (op.piece, op.step)):
        some = tuple(found)
        number = len(result) + 1
        number_of |= {op.key: number for op in some}
        moved = sorted((op for op in some if op.motion), key=lambda op: _MOVED.index(op.motion or _MOVED[0]))
        told = sorted(some, key=lambda op: op.does is not Does.FILL)
        because = dict.fromkeys(r.why for op in some for r in op.reasons if number_of.get(r.before, number)
                                < number)
        result.append(Step(number, joined([op.words for op in told]),
                           tuple(name for op in moved for name in op.moves), some, tuple(because)))
    return tuple(result)
