"""A straight stair laid up from boards: stepped boards glued face to face, a card on each tread.

The last rise leads onto the floor above.  How high that floor lies follows from its own thickness, so that
each tread takes its share of it, and all rises are alike; a tread card lies in its step, not upon it.
"""

from __future__ import annotations

import math
from itertools import pairwise
from typing import NamedTuple

from mingei.core.draft import EdgeRef, Lap, LineOn, Panel, Past, Piece, Placement, Raised, Seam, Stretch
from mingei.core.drafting.storeys import cut_out
from mingei.core.joints import BUTT
from mingei.core.plane.shape import Path, Polygon, rectangle

#: The thickest floor, mm.
THICKEST_MM = 3.0
#: A floor keeps so far from the stair that goes through it, mm.
CLEAR_MM = 0.6


class Stair(NamedTuple):
    """name; rise: from floor to ceiling, mm; steps: rises, the last onto the floor above; going: of each
    tread, wide: how wide it is, head: clear over each tread, mm; layers: boards it is laid up from; x, y, z:
    where its foot begins at the side that looks to the back, mm; floor: the panel it leads to; past: what it
    stands past."""

    name: str
    rise: float
    steps: int
    going: float
    wide: float
    head: float
    layers: int
    x: float
    y: float
    z: float
    floor: str
    past: tuple[Past, ...]

    @property
    def run(self) -> float:
        """How long it is on plan, mm."""
        return (self.steps - 1) * self.going

    @property
    def opens(self) -> float:
        """Where the floor above must be open, from its foot, mm: over the treads with less than the head
        clear beneath a ceiling."""
        each = (self.rise + THICKEST_MM) / self.steps
        under = max(0, math.floor((self.rise - self.head) / each + 1e-9))
        return max(0.0, under * self.going - self.going)


def outline(stair: Stair) -> Polygon:
    """Seen from the front: its foot at the left, steps up to the right, its underside sloping where that
    leaves two rises of board."""
    each, steps = stair.rise / stair.steps, stair.steps
    top = (steps - 1) * each
    points = [(0.0, 0.0)]
    low = max(0.0, top - 2.5 * each)
    if low > 0:
        points += [(min(2.5, steps - 1.5) * stair.going, 0.0), (stair.run, low)]
    else:
        points.append((stair.run, 0.0))
    for number in range(steps - 1, 0, -1):
        points += [(number * stair.going, number * each), ((number - 1) * stair.going, number * each)]
    return tuple(points)


def pieces(stair: Stair) -> list[Piece]:
    """Its boards from the back to the front, and the cards of its treads from the foot up."""
    shape = outline(stair)
    each, count = stair.rise / stair.steps, stair.steps - 1
    treads = [f"{stair.name} tread {number}" for number in range(1, stair.steps)]
    first = 2 if len(shape) == 2 * count + 2 else 3  # the side before the highest tread
    # a share of the floor's thickness for each tread
    stretches = tuple(Stretch(1, number * each, (stair.floor,), times=1 / stair.steps)
                      for number in range(1, stair.steps))
    sides = {first + 2 * (count - number): number for number in range(1, stair.steps)}
    at = Placement((stair.x, stair.y, stair.z), (1.0, 0.0, 0.0), (0.0, 0.0, 1.0))
    made = []
    names = [stair.name, *(f"{stair.name} layer {number}" for number in range(2, stair.layers + 1))]
    for number, name in enumerate(names):
        own = Panel(name, shape, layer=number, stretches=stretches,
                    edges=tuple((side, Raised(((treads[tread - 1], -1.0),)))
                                for side, tread in sides.items()) if number else ())
        seams = () if number else tuple(
            Seam(f"tread {tread} on {stair.name}", BUTT, EdgeRef(name, side),
                 LineOn(treads[tread - 1], (0.0, stair.wide), (stair.going, stair.wide)), 0.0, 1)
            for side, tread in sorted(sides.items(), key=lambda found: found[1]))
        laps = () if number else tuple(Lap(f"{upper} on {lower}", upper, lower)
                                       for lower, upper in pairwise(names))
        made.append(Piece(name, name, at, (own,), seams=seams, laps=laps, past=stair.past))
    for tread, name in enumerate(treads, 1):
        own = Panel(name, rectangle(stair.going, stair.wide), layer=-1)
        up = Past((0.0, 0.0, 1.0), (stair.floor,), tread / stair.steps)
        lies = Placement((stair.x + (tread - 1) * stair.going, stair.y - stair.wide, stair.z + tread * each),
                         (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
        made.append(Piece(name, name, lies, (own,), part="treads", past=(*stair.past, up)))
    return made


def well(stair: Stair, depth: float) -> Path:
    """What is cut out of the floor above, in that floor's coordinates (x to the right, y from the back)."""
    left = stair.x + stair.opens - CLEAR_MM
    return cut_out(left, depth - stair.y - CLEAR_MM, stair.x + stair.run + CLEAR_MM - left,
                   stair.wide + 2 * CLEAR_MM)
