"""It sits on a ball or anything round: let down from above, or square to a panel, until it touches, and glued
there."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any

import numpy as np

from mingei.core.errors import MeasureError
from mingei.core.folded.fold import finished
from mingei.core.whole.between import Added, Array, Between, Given, Spot
from mingei.core.whole.bodies import solids, upright
from mingei.core.words import Words, say

#: It touches where it would share more than this, mm3; its height is found in so many steps, then so
#: finely, mm.
_TOUCHES_MM3, _FINE_MM, _STEPS = 0.004, 0.02, 64
#: A round touches in few places: so much of it is glued (from experience).
_GLUED_MM2 = 60.0
#: A panel that looks along x within this (sine) is seen with the host's y along x.
_ALONG = 0.05


def _seen(given: Given) -> Array:
    """The host as it is made, or turned so that its panel looks up (4, 4), its own x staying as nearly along
    x as may be."""
    if not given.join.square:
        return np.eye(4)
    normal = finished(given.pattern)[given.panel.name][:3, 2]
    x = np.array((1.0, 0.0, 0.0)) - normal[0] * normal
    if np.linalg.norm(x) < _ALONG:  # it looks along x: its y then
        x = np.array((0.0, 1.0, 0.0)) - normal[1] * normal
    x /= np.linalg.norm(x)
    found = np.eye(4)
    found[:3, :3] = x, np.cross(normal, x), normal
    return found


def _pose(given: Given, spot: Spot) -> Array:
    """Let down through the spot, counted from the middle of the host as it is seen from there."""
    seen = _seen(given)
    parts = [s.solid for s in solids(given.host) if not s.solid.is_empty()]
    parts = [part.transform(seen[:3]) for part in parts] if given.join.square else parts
    around = _boxes(parts)
    box = np.stack([around[:, 0].min(axis=0), around[:, 1].max(axis=0)])
    turn = np.radians(spot.turn_deg)
    stand = np.eye(4)
    stand[:2, :2] = ((np.cos(turn), -np.sin(turn)), (np.sin(turn), np.cos(turn)))
    stand[:2, 3] = (box[0] + box[1])[:2] / 2 + (spot.x, spot.y)
    own = stand @ upright(given.guest, True)
    mine = [s.solid.transform(own[:3]) for s in solids(given.guest) if not s.solid.is_empty()]
    boxes = _boxes(mine)
    # only what lies below it can be met
    under = np.flatnonzero(((around[:, 0, :2] < boxes[:, 1, :2].max(axis=0))
                            & (around[:, 1, :2] > boxes[:, 0, :2].min(axis=0))).all(axis=1)).tolist()
    parts, around = [parts[i] for i in under], around[under]
    high, low = float(box[1][2]) + 1.0, float(box[0][2]) - 1.0

    def touches(z: float) -> bool:
        lies = boxes + np.array((0.0, 0.0, z))
        apart = (lies[:, None, 0] >= around[None, :, 1]) | (around[None, :, 0] >= lies[:, None, 1])
        met: dict[int, float] = {}
        for i, j in np.argwhere(~np.any(apart, axis=2)).tolist():
            met[i] = met.get(i, 0.0) + float((mine[i].translate((0.0, 0.0, z)) ^ parts[j]).volume())
            if met[i] > _TOUCHES_MM3:
                return True
        return False

    step = (high - low) / _STEPS
    first = next((i for i in range(_STEPS, -1, -1) if touches(low + i * step)), None)
    if first is None:
        raise MeasureError(say("the {guest} does not touch what it should sit on",
                               guest=given.guest.brief.name), "x",
                           "set it nearer to the middle")
    low, high = low + first * step, low + (first + 1) * step
    while high - low > _FINE_MM:
        amid = (low + high) / 2
        low, high = (amid, high) if touches(amid) else (low, amid)
    drop = np.eye(4)
    drop[2, 3] = high
    found: Array = np.linalg.inv(seen) @ drop @ own
    return found


def _boxes(parts: Sequence[Any]) -> Array:
    """Lowest and highest corners of solids: (n, 2, 3)."""
    return np.array([part.bounding_box() for part in parts]).reshape(-1, 2, 3)


def _adds(given: Given) -> Added:
    return Added()


def _glued(given: Given) -> float:
    return _GLUED_MM2


def _done(given: Given) -> Words:
    return say("Set the {guest} on the {host} where it belongs, and glue it where it touches.",
               guest=given.guest.brief.name, host=given.host.brief.name)


JOINT = Between("rests", "Sits on a round",
                "Let down from above, or square to the panel, until it touches, and glued there.",
                frozenset({"x", "y", "turn_deg", "row", "square"}), _adds, _pose, _done, free=True,
                glued=_glued)
