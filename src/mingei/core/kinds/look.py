"""How a person turned the picture of a step, kept with the thing."""

from __future__ import annotations

import math
from typing import NamedTuple

from mingei.core.data.extra import Extra
from mingei.core.errors import MeasureError
from mingei.core.kinds import Kind
from mingei.core.words import say


class Look(NamedTuple):
    """step: its key; yaw_deg, pitch_deg: where one looks from."""

    step: str
    yaw_deg: float
    pitch_deg: float
    extra: Extra = ()


def _check(look: Look) -> None:
    if not (math.isfinite(look.yaw_deg) and abs(look.yaw_deg) <= 360 and abs(look.pitch_deg) <= 90):
        raise MeasureError("nobody looks from there", say("step {step}", step=look.step),
                           "turn by up to 360 degrees, and tilt by up to 90")


KIND = Kind(word="look", record=Look, of="step", always=("step", "yaw_deg", "pitch_deg"),
            differ="pictures of steps", check=_check, most=4000)
