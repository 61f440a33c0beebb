"""Pictures of things that are joined: the step in which one is set on another, and the whole when it is
done."""

from __future__ import annotations

from collections.abc import Mapping, Sequence

import numpy as np

from mingei.core.document.build import Build
from mingei.core.document.make_sheet import Drawn
from mingei.core.document.project import Project
from mingei.core.flat.pattern import Pattern
from mingei.core.folded.fold import Moment, finished, pose
from mingei.core.kinds.join import is_joined
from mingei.core.plan.picture import Picture, finished_picture, shown_at, step_picture
from mingei.core.plan.steps import Step
from mingei.core.whole.assembly import ASSEMBLED, carried, order, stood, whole_of
from mingei.core.whole.between import Array
from mingei.core.whole.joined import Joined, Seat, builds_of, joined, joins


def joining(found: Joined, number: int, step: Step) -> Seat | None:
    """The guest that a step of a thing sets on it; None where it does something else."""
    return next((seat for seat in found.on(number) if any(joins(seat, op) for op in step.operations)), None)


def set_on(found: Joined, number: int) -> tuple[object, ...]:
    """All that pictures of a thing show besides it: alike where they are."""
    return tuple((each.number, found.build_of(each.number), each.pose.tobytes())
                 for each in stood(found, number)[1:])


def picture_of(found: Joined, number: int, step: Step, width: float = 1.5,
               look: tuple[float, float] | None = None) -> Picture | None:
    """The picture of a step of a thing with all that was set on it by then; None where that is nothing."""
    drawn = join_picture(found, number, step, width, look)
    if drawn is not None:
        return drawn
    so_far = _by_then(found, number, step.number)
    if not so_far.on(number):
        return None
    made = found.build_of(number)

    def besides(shown: Sequence[Pattern], moments: Mapping[str, Moment]) -> tuple[Pattern, ...]:
        return _guests(so_far, number, [p for p in shown if p.rides is None], moments)

    return step_picture(made.plan, step, made.patterns, width, look, besides)


def join_picture(found: Joined, number: int, step: Step, width: float = 1.5,
                 look: tuple[float, float] | None = None) -> Picture | None:
    """The picture of the step in which a guest is set on a thing: all that is there by then, the guest with
    all that stands on it in the colour of what is done now.  None for other steps."""
    if joining(found, number, step) is None:
        return None
    so_far, before = (_by_then(found, number, at) for at in (step.number, step.number - 1))
    there = {p.name for p in whole_of(before, number)}
    pieces = whole_of(so_far, number, ASSEMBLED)
    now = {p.name for p in pieces} - there
    host, moments = _host_at(found.build_of(number), step)
    if not moments:
        return finished_picture(pieces, now, width, look)
    return finished_picture((*host, *_guests(so_far, number, host, moments)), now, width, look, moments)


def _by_then(found: Joined, number: int, last: int) -> Joined:
    """The thing as the root, with those set on it that its steps up to one join."""
    steps = found.build_of(number).plan.steps[:last]
    there = {seat.guest for seat in found.on(number)
             if any(joins(seat, op) for step in steps for op in step.operations)}
    return found._replace(seats=tuple(s for s in found.seats if s.guest != number
                                      and (s.host != number or s.guest in there)))


def _guests(found: Joined, number: int, host: Sequence[Pattern],
            moments: Mapping[str, Moment]) -> tuple[Pattern, ...]:
    """The pieces of what is set on a thing that is not done yet: they go with its panels.  host: its pieces
    that are shown; moments: of each, by name."""
    moved = dict[str, Array]()
    for seat in found.on(number):
        panel = seat.join.panel
        owner = next((p for p in host if panel in p.by_name), None)
        if owner is not None:
            to = pose(owner, moments[owner.name])[panel] @ np.linalg.inv(finished(owner)[panel])
            moved |= dict.fromkeys(_of(found, seat), to)
    return carried([p for p in whole_of(found, number) if p.name in moved], moved)


def _host_at(made: Build, step: Step) -> tuple[tuple[Pattern, ...], dict[str, Moment]]:
    """The pieces of a thing that hang together at a step, and how far each is folded then; no moments where
    all is done."""
    shown = shown_at(made.plan, step, made.patterns)
    at = made.plan.moment(step.number)
    if at == made.plan.moment(len(made.plan.steps)):
        return shown, {}
    return shown, {p.name: at.get(p.name, {}) for p in shown if p.rides is None}


def _of(found: Joined, seat: Seat) -> list[str]:
    """The names of the pieces, in the whole of its host, of a guest and all that stands on it."""
    without = found._replace(seats=tuple(s for s in found.seats if s is not seat))
    there = {p.name for p in whole_of(without, seat.host)}
    return [p.name for p in whole_of(found, seat.host) if p.name not in there]


def in_order(project: Project) -> tuple[Build, ...]:
    """The things of a project in the order in which they are made."""
    builds = builds_of(project)
    if not is_joined(project.briefs):
        return builds
    found, numbers = joined(project), list[int]()
    for number in range(len(builds)):
        numbers += [n for n in order(found, number) if n not in numbers]
    return tuple(builds[n] for n in numbers)


def drawn_of(project: Project) -> Drawn:
    """What a make sheet draws of things that are joined."""
    def drawn(build: Build, step: Step | None) -> Picture | None:
        if not is_joined(project.briefs):
            return None
        found = joined(project)
        number = next((n for n in range(len(project.briefs)) if found.build_of(n) is build), None)
        if number is None:
            return None
        if step is not None:
            return picture_of(found, number, step)
        return (finished_picture(whole_of(found, number)) if found.seat_of(number) is None
                and found.on(number)
                else None)
    return drawn
