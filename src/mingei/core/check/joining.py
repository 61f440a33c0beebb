"""Things joined in the order of their plans, in cells of space: whether a hand still comes to where each is
set, and behind it where it is fixed from there, with all that was joined before in its place.

It knows nothing of why a step comes when it does.
"""

from __future__ import annotations

import re
from collections.abc import Collection, Iterator, Sequence
from typing import Any, NamedTuple

import numpy as np

from mingei.core.amendments.opening import Opening
from mingei.core.check.cells import DEEP, any_of, cell_for, free_cells
from mingei.core.check.simulating import Space
from mingei.core.flat.pattern import Pattern
from mingei.core.folded.fold import finished
from mingei.core.kinds import some
from mingei.core.plan.steps import Plan
from mingei.core.whole.assembly import stood
from mingei.core.whole.between import Array
from mingei.core.whole.joined import Joined, Seat, joins, plain
from mingei.core.whole.reach import beside, hands


class Blind(NamedTuple):
    """A joint that is made once nothing reaches it: the number of its guest; behind: it is out of reach from
    behind, else from where it comes; step: in which; past: the guests whose being there shuts it off."""

    guest: int
    behind: bool
    step: int
    past: tuple[int, ...]


def blind(found: Joined, number: int, plan: Plan | None = None) -> Iterator[Blind]:
    """The joints on a thing that are made too late, by its plan or another."""
    build = found.build_of(number)
    plan = plan or build.plan
    every = [(step.number, op) for step in plan.steps for op in step.operations]
    # what is cut for the joints is filled by them
    bodies = {p.name: p for p in plain(found.project, number).patterns if p.rides is None}
    space = Space(bodies, {op.key: op for _, op in every})
    done: list[str] = []
    there: list[Seat] = []
    for step, op in every:
        seat = next((s for s in found.on(number) if joins(s, op)), None)
        if seat is not None:
            stands = space.stands(done, op)
            for side in (1.0, -1.0) if seat.joint.from_behind else (1.0,):
                if not _reached(found, seat, side, bodies, stands, there):
                    yield Blind(seat.guest, side < 0, step, _past(found, seat, side, bodies, stands, there))
            there.append(seat)
        done.append(op.key)


def _past(found: Joined, seat: Seat, side: float, bodies: dict[str, Pattern], stands: Any,
          there: Sequence[Seat]) -> tuple[int, ...]:
    """The guests without which it would be reached; none where it would not be even then."""
    return tuple(s.guest for s in there if _reached(found, seat, side, bodies, stands,
                                                    [o for o in there if o is not s]))


def _reached(found: Joined, seat: Seat, side: float, bodies: dict[str, Pattern], stands: Any,
             there: Collection[Seat]) -> bool:
    """Whether a way leads from outside to every place hands must come to, a little off the face."""
    given = seat.given
    moved = [(bodies[name], posed) for name, posed in stands.items()]
    for other in there:
        to = _moved(other, bodies, stands)
        for pose in other.poses:
            for each in stood(found, other.guest):
                moved += [(p, {q: to @ pose @ each.pose @ m for q, m in finished(p).items()})
                          for p in found.build_of(each.number).patterns if p.rides is None]
    cell = cell_for(bodies.values())
    free, _, low = free_cells(moved, cell)
    to = _moved(seat, bodies, stands)
    for places in hands(given, some(_openings(found, seat), Opening), seat.joint.touches):
        points = np.concatenate([beside(given, place, side, deep * cell) for place in places
                                 for deep in DEEP])
        index = np.floor((points @ to[:3, :3].T + to[:3, 3] - low) / cell).astype(int)
        outside = ~((index >= 0) & (index < free.shape)).all(axis=1)
        if not outside.any() and not any_of(free, index):
            return False
    return True


def _openings(found: Joined, seat: Seat) -> tuple[Any, ...]:
    """What was cut into the host's panel for a guest."""
    name = found.project.briefs[seat.guest].name
    return tuple(o for o in found.build_of(seat.host).brief.openings
                 if o.panel == seat.join.panel and re.fullmatch(rf"{re.escape(name)} [\d.]+", o.name))


def _moved(seat: Seat, bodies: dict[str, Pattern], stands: Any) -> Array:
    """From the host as it is made to where the guest's panel is at a moment (4, 4)."""
    panel = seat.join.panel
    owner = next(p for p in bodies.values() if panel in p.by_name)
    back = np.linalg.inv(finished(owner)[panel])
    found: Array = (stands[owner.name][panel] if owner.name in stands else finished(owner)[panel]) @ back
    return found
