"""When a guest is joined: once its host is finished, where a hand still comes to it then, or while that is
open.  What lies in the way is found by rays; the proof of it (``check/joining``) goes by cells."""

from __future__ import annotations

from collections.abc import Sequence
from functools import lru_cache
from typing import TypeAlias

import numpy as np

from mingei.core.amendments.opening import Opening
from mingei.core.draft import When
from mingei.core.flat.pattern import Pattern
from mingei.core.folded.fold import stands_finished
from mingei.core.plan.reaching import gets_out
from mingei.core.plane.shape import Point
from mingei.core.whole.between import Array, Given, Spot
from mingei.core.whole.bodies import touching
from mingei.core.words import Words, say

#: Rays begin so far off the card, mm; so large a share must get out for a hand (from experience).
_OFF_MM, _HAND = 0.5, 0.04


#: A group of places on a host's panel, from its middle, mm: a hand must come to one of them.
Places: TypeAlias = tuple[Point, ...]
#: So many places along what touches the host are looked at.
_ALONG = 8


@lru_cache(maxsize=128)  # each holds two things that were built
def when(given: Given, groups: tuple[Places, ...], from_behind: bool) -> tuple[When, Words]:
    """When a guest is joined, and why then.  groups: where hands must come to; from_behind: it is fixed from
    behind, too."""
    if not _reached(given, groups, 1.0):
        return When.OPEN, say("it cannot be brought in once that is closed")
    if from_behind and not _reached(given, groups, -1.0):
        return When.OPEN, say("its back is out of reach once it is closed")
    return When.CLOSED, say("")


def hands(given: Given, openings: Sequence[Opening], touches: bool) -> tuple[Places, ...]:
    """Where hands must come to: each place where it goes through the panel; else, each time it is set there,
    somewhere along what of it touches that, where that is known, or amid it."""
    own = tuple(((o.x, o.y),) for o in openings if o.panel == given.panel.name)
    if own:
        return own
    rings = touching(given.guest, given.join.foot) if touches else ()
    if not rings:
        return tuple(((spot.x, spot.y),) for spot in given.spots)
    ring = max(rings, key=len)
    some = np.array([ring[len(ring) * i // _ALONG] for i in range(_ALONG)])
    return tuple(tuple((float(x), float(y)) for x, y in given.on_panel(spot, some)) for spot in given.spots)


def beside(given: Given, place: Point, side: float, off: float) -> Array:
    """A point so far (mm) off the face a guest is set on, side 1, or off what lies behind it, -1, over a
    place of the panel (1, 3), in the host."""
    high = off if side > 0 else -given.through - off
    found: Array = (given.face(Spot(*place, 0.0)) @ np.array((0.0, 0.0, high, 1.0)))[None, :3]
    return found


def _reached(given: Given, groups: Sequence[Places], side: float) -> bool:
    """Whether a hand comes to the face a guest is set on, 1, or to what lies behind it, -1, once the host is
    finished."""
    way = side * given.face(Spot(0.0, 0.0, 0.0))[:3, 2]
    there = left_on(given)
    beyond = max(float((stands_finished(p).points @ way).max()) for p in there if p.rides is None)
    if all(float((beside(given, place, side, _OFF_MM) @ way)[0]) > beyond for places in groups
           for place in places):
        return True  # nothing of the host is on that side of it at all
    return all(any(gets_out(there, beside(given, place, side, _OFF_MM), way, _HAND) for place in places)
               for places in groups)


def left_on(given: Given) -> tuple[Pattern, ...]:
    """The pieces of the host that are about the guest's panel when what comes off is off, and what opens is
    open."""
    draft = given.host.draft
    loose = [*(slide.piece for slide in draft.slides), *(swing.piece for swing in draft.swings)]

    def group(piece: str) -> str:
        return next((name for name in loose if piece == name or piece.startswith(f"{name} ")), "")

    return tuple(p for p in given.host.patterns if group(p.name) == group(given.pattern.name))
