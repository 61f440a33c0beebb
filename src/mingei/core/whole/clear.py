"""What would do where things run into each other: how far a guest is set aside, or how far it may turn or
slide."""

from __future__ import annotations

import math
from collections.abc import Collection, Sequence
from typing import NamedTuple

import numpy as np

from mingei.core.covering.leaf import LEAF
from mingei.core.folded.fold import finished
from mingei.core.folded.shared import Shared, Slab, shared, slabs
from mingei.core.plane.shape import bounds
from mingei.core.whole.assembly import Shown, stood, whole_of
from mingei.core.whole.between import Array
from mingei.core.whole.joined import Joined

#: Set aside it is clear by so much, mm, and lengths are said in such steps.
_CLEAR_MM, _STEP_MM = 0.05, 0.1
#: It is set aside again, from what it meets then, so often; where it may turn is halved so often.
_TRIES, _HALVES = 5, 7


class Aside(NamedTuple):
    """A way in the plane of the host's panel, (1, 0) being to the right as it lies flat, and how far, mm."""

    x: int
    y: int
    far: float


def aside(found: Joined, root: int, guest: int) -> Aside | None:
    """The shortest way, square to the panel's sides, to set a guest aside so that it runs into nothing; None
    where none on its panel does, or its host stands in several places.

    root: the thing that all others stand on.
    """
    seat = found.seat_of(guest)
    hosts = [each for each in stood(found, root) if seat is not None and each.number == seat.host]
    if seat is None or len(hosts) != 1:
        return None
    every = slabs(whole_of(found, root))
    moving = frozenset(_pieces(found, root, guest))
    on = hosts[0].pose @ finished(seat.given.pattern)[seat.join.panel]
    around = bounds(seat.given.panel.outline)
    ways = [Aside(x, y, _far(every, moving, on[:3, 0] * x + on[:3, 1] * y, around.width if x else
                             around.height)) for x, y in ((1, 0), (-1, 0), (0, 1), (0, -1))]
    # copies that meet each other move together: then no way at all is no remedy
    return min((way for way in ways if math.isfinite(way.far) and way.far > 0.0), key=lambda way: way.far,
               default=None)


def _pieces(found: Joined, root: int, guest: int) -> list[str]:
    """The names of the pieces in the whole of a guest and of all that stands on it."""
    without = found._replace(seats=tuple(s for s in found.seats if s.guest != guest))
    there = {p.name for p in whole_of(without, root)}
    return [p.name for p in whole_of(found, root) if p.name not in there]


def _far(every: Sequence[Slab], moving: frozenset[str], way: Array, most: float) -> float:
    """How far along a way the moving pieces are clear of all others, mm; infinite where not within the
    most."""
    by_name = {(s.pattern.name, s.panel.name): s for s in every}
    low = high = 0.0
    for _ in range(_TRIES):
        met = shared(every, tuple((way * high).tolist()), moving)
        if not met:
            break
        low, high = high, high + _needed(met, by_name, moving, way, high)
        if high > most:
            return math.inf
    else:
        return math.inf
    # what leans past each other is clear before one is behind the other
    steps = (math.ceil(low / _STEP_MM), math.ceil(high / _STEP_MM))
    while steps[1] - steps[0] > 1:
        amid = sum(steps) // 2
        clear = not shared(every, tuple((way * amid * _STEP_MM).tolist()), moving)
        steps = (steps[0], amid) if clear else (amid, steps[1])
    return steps[1] * _STEP_MM


def _needed(met: Collection[Shared], by_name: dict[tuple[str, str], Slab], moving: frozenset[str], way: Array,
            far: float) -> float:
    """How much further what moves must go to leave all it meets behind, mm."""
    found = 0.0
    for each in met:
        goes, stays = (each.a, each.b) if each.a[0] in moving else (each.b, each.a)
        back = float((_corners(by_name[goes]) @ way).min()) + far
        front = float((_corners(by_name[stays]) @ way).max())
        found = max(found, front - back + _CLEAR_MM)
    return found


def _corners(slab: Slab) -> Array:
    return np.asarray(slab.solid.to_mesh().vert_properties, dtype=np.float64)[:, :3]


def meets(each: Shared, moved: bool = True) -> bool:
    """Whether it is two things that meet, or on its way a thing the strip it turns on."""
    one, other = (name.split(": ")[0] for name, _ in (each.a, each.b))
    return one != other or (moved and any(f": {LEAF}" in name for name, _ in (each.a, each.b)))


def turns_clear(found: Joined, root: int, guest: int, share: float) -> float:
    """Of the share, -1 to 1, that a guest has moved where it runs into something: how much of that is
    clear."""
    low, high = 0.0, share
    for _ in range(_HALVES):
        amid = (low + high) / 2
        met = any(meets(each) for each in shared(slabs(whole_of(found, root, Shown(moved=((guest, amid),))))))
        low, high = (low, amid) if met else (amid, high)
    return low
