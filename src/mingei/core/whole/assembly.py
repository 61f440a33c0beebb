"""A whole in its place: everything that stands on a thing where it stands, assembled, taken apart or moved;
how many of each it takes, and in which order they are made."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace
from typing import NamedTuple

import numpy as np

from mingei.core.covering.leaf import opened
from mingei.core.document.build import Build
from mingei.core.document.project import MOST_COPIES, Project
from mingei.core.draft import Draft, Placement
from mingei.core.flat.pattern import Pattern
from mingei.core.whole.between import Array, Spot, height_of
from mingei.core.whole.joined import Joined, Seat, joined


class Stood(NamedTuple):
    """A thing where it stands in the whole: its number, which one of several it is (from 0), the way from it
    to the whole (4, 4), and how far it is tipped up on its hinge, degrees."""

    number: int
    turn: int
    pose: Array
    tipped: float = 0.0


class Shown(NamedTuple):
    """How the whole is looked at: apart: 0 assembled to 1 taken apart, each guest along its joint's own way;
    moved: how far each guest that can turn or slide has, -1 to 1, by its number."""

    apart: float = 0.0
    moved: tuple[tuple[int, float], ...] = ()


ASSEMBLED = Shown()
#: No more things are shown of one whole.
_MOST_STOOD = 400
#: Taken apart, things lie so far from each other, mm, besides their own height.
_CLEAR_MM = 25.0


def stood(found: Joined, number: int, shown: Shown = ASSEMBLED) -> tuple[Stood, ...]:
    """Everything that stands on a thing, itself first, where it stands; a guest of a thing that is set
    several times stands on each."""
    result = [Stood(number, 0, np.eye(4))]
    counts: dict[int, int] = {number: 1}
    for each in result:
        for seat in found.on(each.number):
            for spot, pose in zip(seat.given.spots, seat.poses, strict=True):
                turn = counts.get(seat.guest, 0)
                counts[seat.guest] = turn + 1
                result.append(Stood(seat.guest, turn, each.pose @ _shifted(seat, spot, shown) @ pose,
                                    _tipped(seat, shown)))
        if len(result) > _MOST_STOOD:
            break
    return tuple(result)


def _tipped(seat: Seat, shown: Shown) -> float:
    """How far a guest on a hinge is tipped up, degrees; 0 for any other."""
    share = dict(shown.moved).get(seat.guest, 0.0)
    return abs(share) * seat.join.most_deg if seat.joint.axis is not None else 0.0


def _shifted(seat: Seat, spot: Spot, shown: Shown) -> Array:
    """How far a guest is from where it belongs, in its host (4, 4)."""
    face = seat.given.face(spot)
    found = motion(seat, spot, dict(shown.moved).get(seat.guest, 0.0))
    if shown.apart > 0:
        off = np.eye(4)
        away = face[:3, 2]
        if seat.joint.hangs or (seat.joint.free and not seat.join.square):
            away = np.array((0.0, 0.0, -1.0 if seat.joint.hangs else 1.0))
        off[:3, 3] = away * shown.apart * (height_of(seat.given.guest) + _CLEAR_MM)
        found = off @ found
    return found


def motion(seat: Seat, spot: Spot, share: float) -> Array:
    """How a guest has moved that turns or slides, in its host (4, 4); share: -1 to 1 of all it may."""
    joint, given = seat.joint, seat.given
    if not share or not (joint.turns or joint.slides):
        return np.eye(4)
    face = given.face(spot) if joint.axis is None else joint.axis(given, spot)
    move = np.eye(4)
    if joint.axis is not None:
        angle = np.radians(abs(share) * given.join.most_deg)
        move[1:3, 1:3] = ((np.cos(angle), np.sin(angle)), (-np.sin(angle), np.cos(angle)))
    elif joint.turns:
        angle = np.radians(share * given.join.most_deg)
        move[:2, :2] = ((np.cos(angle), -np.sin(angle)), (np.sin(angle), np.cos(angle)))
    else:
        move[0, 3] = share * (given.deep or 0.0) / 2
    found: Array = face @ move @ np.linalg.inv(face)
    return found


def many(found: Joined, number: int) -> int:
    """How many of a thing one of the whole it belongs to needs."""
    return sum(each.number == number for each in stood(found, found.root(number)))


def needed(found: Joined, number: int) -> int:
    """How many of a thing are made for as many of its whole as are."""
    return many(found, number) * found.project.briefs[found.root(number)].copies


def whole_build(found: Joined, number: int, shown: Shown = ASSEMBLED) -> Build:
    """The whole a thing belongs to as one thing to look at: it has no draft of its own, and is not folded."""
    root = found.build_of(found.root(number))
    return Build(root.brief, root.recipe, root.stock, Draft((), closes=False), whole_of(found, number, shown))


def whole_sources(found: Joined, number: int) -> tuple[tuple[int, Pattern], ...]:
    """Of every piece of a whole, in the order of ``whole_of``, its thing and the piece it is of that."""
    return tuple((each.number, pattern) for each in stood(found, found.root(number))
                 for pattern in found.build_of(each.number).patterns)


def whole_of(found: Joined, number: int, shown: Shown = ASSEMBLED) -> tuple[Pattern, ...]:
    """All pieces of the whole a thing belongs to, where they stand, each named after its thing."""
    pieces: list[Pattern] = []
    for each in stood(found, found.root(number), shown):
        made = found.build_of(each.number)
        before = made.brief.name if each.turn == 0 else f"{made.brief.name} {each.turn + 1}"
        moved: dict[Pattern, Pattern] = {}
        for pattern in made.patterns:
            moved[pattern] = _carried(opened(pattern, each.tipped), each.pose, before, moved)
        pieces += moved.values()
    return tuple(pieces)


def carried(patterns: Sequence[Pattern], poses: Mapping[str, Array]) -> tuple[Pattern, ...]:
    """Pieces moved, each by the pose (4, 4) under its name, with what rides on them."""
    moved: dict[Pattern, Pattern] = {}
    for pattern in patterns:
        moved[pattern] = _carried(pattern, poses[pattern.name], "", moved)
    return tuple(moved.values())


def _carried(pattern: Pattern, pose: Array, before: str, moved: Mapping[Pattern, Pattern]) -> Pattern:
    """A piece carried along, named after its thing, where that is named."""
    origin, u, v = (np.array(part) for part in pattern.placement)
    turn = pose[:3, :3]
    ways = (turn @ origin + pose[:3, 3], turn @ u, turn @ v)
    rides = pattern.rides
    if rides is not None and rides.host in moved:
        rides = rides._replace(host=moved[rides.host])
    return replace(pattern, name=f"{before}: {pattern.name}" if before else pattern.name, rides=rides,
                   placement=Placement(*((float(x), float(y), float(z)) for x, y, z in ways)))


def order(found: Joined, number: int) -> tuple[int, ...]:
    """The things of a whole in the order in which they are made: each after all that is set on it."""
    root = found.root(number)
    result: list[int] = []

    def after(at: int) -> None:
        for seat in found.on(at):
            after(seat.guest)
        if at not in result:
            result.append(at)

    after(root)
    return tuple(result)


def seated(project: Project, number: int) -> Project:
    """The project once a thing of it is joined: as many are made of it and of what stands on it as the whole
    needs.  Raises MeasureError where it cannot be joined so."""
    found = joined(project)
    trouble = next((t for t in found.troubles if t.guest == number), None)
    if trouble is not None:
        raise trouble.error
    return counted_out(project, number)


def counted_out(project: Project, number: int) -> Project:
    """The project with as many made of all that stands on a thing as its whole needs."""
    found = joined(project)
    for each in {s.number for s in stood(found, number)}:
        wanted = needed(found, each)
        if project.briefs[each].copies != wanted and wanted <= MOST_COPIES:
            project = project.with_brief(each, replace(project.briefs[each], copies=wanted))
    return project
