"""What a person says of their own making: pace, prices, how long their glue is held, and another way of
making the same."""

from __future__ import annotations

import math
from typing import NamedTuple

from mingei.core.data.extra import Extra
from mingei.core.errors import MeasureError
from mingei.core.words import say

_MOST = 1e6


class Making(NamedTuple):
    """pace: minutes really taken for each minute reckoned; hour, glue, tape: money of an hour of one's work,
    of 100 g of glue, of 10 m of tape; wear: money of blades and mats a thing.

    wet_s, wet_min: card glued wet is held so many seconds, and dries so many minutes; hot_s, stick_s, tape_s:
    held so long, s, glued hot, with a stick, with tape; board twice as long.

    once: minutes spent but once for a design, however many are made of it: to draw it, to try it out.

    other_min, other_hand, other_money: another way of making one: minutes of a machine, of one's hands,
    money; all 0 where there is none.
    """

    pace: float = 1.0
    hour: float = 0.0
    glue: float = 0.0
    tape: float = 0.0
    wear: float = 0.0
    wet_s: float = 30.0
    wet_min: float = 20.0
    hot_s: float = 15.0
    stick_s: float = 10.0
    tape_s: float = 5.0
    once: float = 0.0
    other_min: float = 0.0
    other_hand: float = 0.0
    other_money: float = 0.0
    extra: Extra = ()


USUAL = Making()


def check_making(making: Making) -> None:
    """Raises MeasureError naming a figure that cannot be true."""
    for word in Making._fields[:-1]:
        value = getattr(making, word)
        if not (math.isfinite(value) and 0.0 <= value <= _MOST):
            raise MeasureError(say("{value:g} cannot be its figure", value=value),
                               say("making {word}", word=word),
                               say("write 0 to {most:g}", most=_MOST))
    if making.pace < 0.05:
        raise MeasureError("nobody is so quick", "making pace", "write 0.05 or more")
