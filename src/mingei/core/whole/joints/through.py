"""Tongues on its lower sides go through slots, and are glued beneath or bent over."""

from __future__ import annotations

from typing import NamedTuple

import numpy as np

from mingei.core.amendments.opening import LEAST_BRIDGE_MM, LEAST_HOLE_MM, Opening, Shape
from mingei.core.errors import MeasureError
from mingei.core.flat.boards import tongues
from mingei.core.kinds import some
from mingei.core.kinds.tongue import LEAST_TONGUE_MM, Tongue
from mingei.core.length import write_both
from mingei.core.offset import SLOT_ENDS_MM, SLOT_PLAY_MM
from mingei.core.whole.between import Added, Array, Between, Given, standing
from mingei.core.whole.bodies import sides_below
from mingei.core.words import Words, say

#: So much of a tongue lies against the host where it is bent over, mm (common practice).
_BENT_MM = 7.0
#: Towards its ends a side has tongues from these shares of its length on, so wide.
_ENDS, _AT_END = (0.08, 0.64), 0.28


class _Cut(NamedTuple):
    """A slot beside the guest's spot: its middle, its way as a unit vector, half the width of its tongue, how
    thick what passes is, mm; and its tongues."""

    middle: Array
    way: Array
    half: float
    thick: float
    tongues: tuple[Tongue, ...]


def _adds(given: Given) -> Added:
    deep = given.through
    # the middle of what is bent over lies half its own thickness beyond the far face
    bend = deep + given.guest.stock.caliper_mm / 2 if given.join.bent else 0.0
    out = deep + (_BENT_MM if given.join.bent else 0.0)
    cuts: list[_Cut] = []
    for below in sides_below(given.guest):
        long = float(np.linalg.norm(below.end - below.start))
        way = (below.end - below.start)[:2] / long
        # amid the side, or towards its ends where others cross it there; beside the slots cut into it
        at_ends = [(share * long, (share + _AT_END) * long) for share in _ENDS]
        beside = [(start + low, start + high) for start, end in below.spans
                  for low, high in tongues(end - start)]
        for spans in (beside, at_ends) if len(below.spans) == 1 else (beside,):
            fresh = [_Cut(below.start[:2] + way * (low + high) / 2, way, (high - low) / 2,
                          below.passes(deep),
                          (Tongue(below.panel, below.side, low, high, out, bend),))
                     for low, high in spans if high - low >= LEAST_TONGUE_MM]
            clear = [cut for cut in _clear(_together([*cuts, *fresh])) if any(t in f.tongues for f in fresh
                                                                              for t in cut.tongues)]
            if clear:
                cuts = _clear(
                    _together([*cuts, *(f for f in fresh if any(f.tongues[0] in c.tongues for c in clear))]))
                break
    if not cuts:
        raise MeasureError(say("no free lower side of the {guest} is long enough for a tongue",
                               guest=given.guest.brief.name), "how",
                           say("let it stand on the {panel}, or make it {least} wide", panel=given.panel.name,
                               least=write_both(3 * LEAST_TONGUE_MM)))
    host = []
    for number, spot in enumerate(given.spots, 1):
        for part, cut in enumerate(cuts, 1):
            ends = given.on_panel(spot, np.stack([cut.middle, cut.middle + cut.way]))
            (x, y), (ux, uy) = ends[0].tolist(), (ends[1] - ends[0]).tolist()
            host.append(Opening(f"{given.guest.brief.name} {number}.{part}", given.panel.name, Shape.SLOT,
                                2 * cut.half, LEAST_HOLE_MM, x, y, stays=True, thick=cut.thick,
                                turn_deg=float(np.degrees(np.arctan2(uy, ux)))))
    return Added(tuple(host), tuple(tongue for cut in cuts for tongue in cut.tongues))


def _together(cuts: list[_Cut]) -> list[_Cut]:
    """Slots for tongues that lie on one another are one slot, as wide as all of them."""
    found: list[_Cut] = []
    for cut in cuts:
        across = np.array((-cut.way[1], cut.way[0]))
        for i, other in enumerate(found):
            off = cut.middle - other.middle
            if (abs(float(cut.way @ other.way)) > 1 - 1e-6
                    and abs(float(off @ other.way)) < cut.half + other.half
                    and abs(float(off @ across)) < (cut.thick + other.thick) / 2 + LEAST_BRIDGE_MM):
                found[i] = _both(other, cut, off)
                break
        else:
            found.append(cut)
    return found


def _both(one: _Cut, two: _Cut, off: Array) -> _Cut:
    """One slot for both; off: from the middle of the first to that of the second."""
    square = np.array((-one.way[1], one.way[0]))
    aside, along = float(off @ square), float(off @ one.way)
    low, high = min(-one.thick / 2, aside - two.thick / 2), max(one.thick / 2, aside + two.thick / 2)
    left, right = min(-one.half, along - two.half), max(one.half, along + two.half)
    middle = one.middle + square * (low + high) / 2 + one.way * (left + right) / 2
    return _Cut(middle, one.way, (right - left) / 2, high - low, (*one.tongues, *two.tongues))


def _clear(cuts: list[_Cut]) -> list[_Cut]:
    """Those that leave card between them: where boards cross, some tongues are left out."""
    from shapely import LineString

    found: list[_Cut] = []
    lines: list[LineString] = []
    for cut in cuts:
        reach = cut.way * (cut.half + SLOT_ENDS_MM)
        line = LineString([cut.middle - reach, cut.middle + reach])
        if all(line.distance(other) > (cut.thick + kept.thick) / 2 + SLOT_PLAY_MM + LEAST_BRIDGE_MM
               for kept, other in zip(found, lines, strict=True)):
            found.append(cut)
            lines.append(line)
    return found


def _glued(given: Given) -> float:
    """Both sides of every tongue within the host, or what of it is bent over, mm2."""
    tongues = some(_adds(given).guest, Tongue)
    return sum((t.high - t.low) * (_BENT_MM if given.join.bent else 2 * given.through) for t in tongues)


def _done(given: Given) -> Words:
    if given.join.bent:
        return say(
            "Pass the tongues of the {guest} through the slots in the {panel}, bend them over and glue "
                   "them down.", guest=given.guest.brief.name, panel=given.panel.name)
    return say("Pass the tongues of the {guest} through the slots in the {panel}, with glue.",
               guest=given.guest.brief.name, panel=given.panel.name)


JOINT = Between("through", "Goes through", "Tongues on its lower sides go through slots.",
                frozenset({"x", "y", "turn_deg", "row", "bent", "inside"}), _adds, standing, _done,
                from_behind=True, glued=_glued)
