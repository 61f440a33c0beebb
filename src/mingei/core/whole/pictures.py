"""Pictures of things that are joined: the step in which one is set on another, and the whole when it is
done."""

from __future__ import annotations

from mingei.core.document.build import Build
from mingei.core.document.make_sheet import Drawn
from mingei.core.document.project import Project
from mingei.core.kinds.join import is_joined
from mingei.core.plan.picture import Picture, finished_picture
from mingei.core.plan.steps import Step
from mingei.core.whole.joined import ASSEMBLED, Joined, Seat, builds_of, joined, order, whole_of

#: What the key of an operation that joins a guest has before the guest's name.
_JOINS = "/join "


def joining(found: Joined, number: int, step: Step) -> Seat | None:
    """The guest that a step of a thing sets on it; None where it does something else."""
    for seat in found.on(number):
        word = f"{_JOINS}{seat.given.guest.brief.name}"  # a number follows
        if any(op.key.rpartition(" ")[0].endswith(word) for op in step.operations):
            return seat
    return None


def join_picture(found: Joined, number: int, step: Step, width: float = 1.5,
                 look: tuple[float, float] | None = None) -> Picture | None:
    """The picture of the step in which a guest is set on a thing: all that is there by then, the guest with
    all that stands on it in the colour of what is done now.  None for other steps."""
    seat = joining(found, number, step)
    if seat is None:
        return None
    # the thing is the root here
    alone = found._replace(seats=tuple(s for s in found.seats if s.guest != number))
    earlier = [s.guest for s in alone.on(number)]
    later = set(earlier[earlier.index(seat.guest) + 1:])
    so_far = alone._replace(seats=tuple(s for s in alone.seats if s.guest not in later))
    before = so_far._replace(seats=tuple(s for s in so_far.seats if s.guest != seat.guest))
    there = {p.name for p in whole_of(before, number)}
    pieces = whole_of(so_far, number, ASSEMBLED)
    return finished_picture(pieces, {p.name for p in pieces} - there, width, look)


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
            return join_picture(found, number, step)
        return (finished_picture(whole_of(found, number)) if found.seat_of(number) is None
                and found.on(number)
                else None)
    return drawn
