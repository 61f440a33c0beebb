"""How long making takes, stage by stage, and what it costs; another way of making it beside it."""

from __future__ import annotations

import math
from collections.abc import Iterable, Mapping, Sequence
from typing import NamedTuple

from mingei.core.draft.joint import Adhesive
from mingei.core.flat.pattern import Pattern
from mingei.core.plan.holding import Held
from mingei.core.plan.making import Making
from mingei.core.plan.operation import Does
from mingei.core.plan.steps import Plan

#: Minutes of handwork (from experience, no published source; a person's pace stretches them): to crease a
#: fold, and each metre of it; to move a panel; to coat and join a seam, and each metre of it; to glue on an
#: overlay; to put in a bought part; to fill.
_CREASE, _CREASE_M, _FOLD, _GLUE, _GLUE_M, _COVER, _PUT, _FILL = 0.06, 0.15, 0.1, 0.4, 1.2, 0.8, 1.5, 0.5
#: So much of holding is spent holding, since several seams are held at once (from experience).
_HELD = 0.6


class Stage(NamedTuple):
    """A stage of the making: a word for it, and minutes of one's hands."""

    word: str
    minutes: float


def stages(plan: Plan, patterns: Sequence[Pattern], held: Iterable[Held],
           making: Making) -> tuple[Stage, ...]:
    """The stages at the table for one thing, in their order: crease, cover, fold, glue, put, fill."""
    folds = [f for p in patterns for f in p.folds if not f.bend and f.angle_deg]
    minutes = {"crease": sum(_CREASE + _CREASE_M * f.length / 1000 for f in folds), "cover": 0.0, "fold": 0.0,
               "glue": 0.0, "put": 0.0, "fill": 0.0}
    for step in plan.steps:
        for op in step.operations:
            if op.does is Does.FOLD:
                minutes["fold"] += _FOLD * max(1, len(op.names))
            elif op.does is Does.COVER:
                minutes["cover"] += _COVER
            elif op.does is Does.PUT:
                minutes["put"] += _PUT
            elif op.does is Does.FILL:
                minutes["fill"] += _FILL
    minutes["glue"] = sum(_GLUE + _GLUE_M * h.seam_mm / 1000 + _HELD * h.hold_s / 60 for h in held)
    return tuple(Stage(word, value * making.pace) for word, value in minutes.items() if value > 0)


def drying(held: Iterable[Held]) -> float:
    """Minutes it is left alone at the end."""
    return max((h.dry_min for h in held), default=0.0)


class Cost(NamedTuple):
    """Money of one way of making so many, and minutes of one's hands."""

    money: float
    minutes: float


class Compared(NamedTuple):
    """This way beside another, for so many; how many make this way the cheaper, 0: it is from
    the first on, None: it never is; the same for the quicker."""

    many: int
    ours: Cost
    other: Cost
    cheaper_from: int | None
    quicker_from: int | None


def cost(count: int, stock: float, minutes: float, grams: Mapping[Adhesive, tuple[float, float]],
         tape_mm: float, making: Making, once: float = 0.0) -> Cost:
    """Money and minutes of so many.  stock: money of the stock of all; minutes: of one's hands for one;
    grams, tape_mm: of one; once: minutes spent but once, whatever the number."""
    glue = sum((low + high) / 2 for low, high in grams.values()) / 100.0 * making.glue
    hands = once + count * minutes
    return Cost(stock + count * (glue + tape_mm / 10_000.0 * making.tape + making.wear)
                + hands / 60.0 * making.hour, hands)


def compared(count: int, ours: Cost, making: Making, once: float = 0.0) -> Compared | None:
    """This way beside the one the person entered; None where none is.  ours: of count, once minutes of it
    spent but once.

    The other way costs its machine's minutes, too, as minutes to wait for.  From so many on is where
    once / n + each falls below it.
    """
    if not (making.other_min or making.other_hand or making.other_money):
        return None
    other = Cost(count * (making.other_money + making.other_hand / 60.0 * making.hour),
                 count * (making.other_hand + making.other_min))
    money_once = once / 60.0 * making.hour
    return Compared(count, ours, other,
                    _from(money_once, (ours.money - money_once) / count, other.money / count),
                    _from(once, (ours.minutes - once) / count, other.minutes / count))


def _from(once: float, each: float, other: float) -> int | None:
    """From how many on once + n each is less than n other."""
    if each >= other:
        return None
    return max(0, math.floor(once / (other - each)) + 1) if once > 0 else 0
