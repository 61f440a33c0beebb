"""What is found of things that are joined: joints that cannot be, how many are needed, what meets in the
whole and on its way."""

from __future__ import annotations

import math
from collections.abc import Iterator
from dataclasses import replace

from mingei.core.check import Finding, Fix, Severity
from mingei.core.check.joining import blind
from mingei.core.document.project import Project
from mingei.core.folded.shared import shared, slabs
from mingei.core.kinds.join import is_joined
from mingei.core.length import write_both
from mingei.core.whole.assembly import ASSEMBLED, Shown, needed, stood, whole_of
from mingei.core.whole.clear import aside, meets, turns_clear
from mingei.core.whole.joined import Joined, joined
from mingei.core.whole.placing import overhang
from mingei.core.words import Words, say
from mingei.core.words import joined as joined_words

#: Where what moves is looked at, as shares of all it may.
_ON_THE_WAY = (-1.0, -0.5, 0.5, 1.0)
#: So many meetings are told, and of how many the rest is counted.
_TOLD = 4
#: What reaches past a panel by less is on it, mm.
_PAST_MM = 0.5


def whole_findings(project: Project, number: int, thorough: bool = False) -> tuple[Finding, ...]:
    """What is found of a thing of a project where it is joined to others.  thorough: with what meets in the
    whole, for the thing all others of it stand on."""
    if not is_joined(project.briefs):
        return ()
    found = joined(project)
    return ((*_troubles(found, number), *_counted(found, number),
            *_overhanging(found, number),
            *((*_blind(found, number), *_meetings(found, number)) if thorough else ())))


def _troubles(found: Joined, number: int) -> Iterator[Finding]:
    for trouble in found.troubles:
        if trouble.guest == number:
            yield Finding("joined", Severity.ERROR, trouble.error.sentence, trouble.error.place or "join",
                          trouble.error.remedy)


def _counted(found: Joined, number: int) -> Iterator[Finding]:
    brief = found.project.briefs[number]
    if found.seat_of(number) is None:
        return
    wanted = needed(found, number)
    if wanted != brief.copies:
        yield Finding("joined-count", Severity.LOOK,
                      say("the whole needs {wanted} of it, and {made} are made", wanted=wanted,
                          made=brief.copies),
                      "copies", say("make {wanted}", wanted=wanted),
                      fix=Fix(say("Make {wanted}", wanted=wanted), replace(brief, copies=wanted)))


def _overhanging(found: Joined, number: int) -> Iterator[Finding]:
    seat = found.seat_of(number)
    if seat is None or seat.joint.word != "stands":
        return
    past = overhang(seat)
    if past > _PAST_MM:
        panel = seat.join.panel
        yield Finding("joined-overhang", Severity.LOOK,
                      say("it reaches {past} past the {panel}", past=write_both(round(past, 1)), panel=panel),
                      "join",
                      say("move it inwards by that, or make the {panel} larger by twice as much",
                          panel=panel))


def _blind(found: Joined, number: int) -> Iterator[Finding]:
    briefs = found.project.briefs
    for each in blind(found, number):
        seat = found.seat_of(each.guest)
        assert seat is not None
        words = {"guest": briefs[each.guest].name, "panel": seat.join.panel}
        yield Finding(
            "joined-reach", Severity.ERROR,
            say("nothing reaches behind the {panel} any more when the {guest} is joined", **words)
            if each.behind else say("the {guest} does not come to the {panel} any more when it is joined",
                                    **words),
            say("step {number}", number=each.step),
            say("move its step before that of the {others}", others=joined_words(
                [briefs[n].name for n in each.past], ", ")) if each.past
            else "move its step up, to where that is still open")


def _meetings(found: Joined, number: int) -> Iterator[Finding]:
    if found.root(number) != number or len(stood(found, number)) < 2:
        return
    moving = [seat.guest for seat in found.seats if seat.joint.turns or seat.joint.slides]
    looks = [ASSEMBLED, *(Shown(moved=((guest, share),)) for guest in moving for share in _ON_THE_WAY)]
    told: set[tuple[str, str]] = set()
    for shown in looks:
        for each in shared(slabs(whole_of(found, number, shown))):
            one, other = each.a[0].split(": ")[0], each.b[0].split(": ")[0]
            if not meets(each, shown != ASSEMBLED) or (one, other) in told:
                continue
            told.add((one, other))
            if len(told) <= _TOLD:
                yield Finding(
                    "joined-meets", Severity.ERROR,
                    say("the {a} of the {one} and the {b} of the {other} stand in each other", a=each.a[1],
                        one=one,
                        b=each.b[1], other=other) if shown == ASSEMBLED
                    else say("on its way the {a} of the {one} runs into the {b} of the {other}", a=each.a[1],
                             one=one,
                             b=each.b[1], other=other), "whole",
                    _elsewhere(found, number, (one, other)) if shown == ASSEMBLED
                    else _less(found, number, *shown.moved[0]))


def _elsewhere(found: Joined, root: int, names: tuple[str, str]) -> Words:
    """Where one of two things that meet would be clear of everything."""
    own = {each.number for each in stood(found, root)} - {root}
    for name in reversed(names):
        # of those set several times all but the first have a number
        guest = next((n for n in own if name == found.project.briefs[n].name), None)
        way = aside(found, root, guest) if guest is not None else None
        if way is not None:
            words = {"guest": name, "far": write_both(round(way.far, 1))}
            return {(1, 0): say("set the {guest} {far} further to the right", **words),
                    (-1, 0): say("set the {guest} {far} further to the left", **words),
                    (0, 1): say("set the {guest} {far} further up", **words),
                    (0, -1): say("set the {guest} {far} further down", **words)}[way.x, way.y]
    return say("set one of them elsewhere, or make it smaller")


def _less(found: Joined, root: int, guest: int, share: float) -> Words:
    """How far what moves may go."""
    seat = found.seat_of(guest)
    assert seat is not None
    clear = abs(turns_clear(found, root, guest, share))
    name = found.project.briefs[guest].name
    if seat.joint.slides:
        far = math.floor(10 * clear * (seat.given.deep or 0.0)) / 10
        return say("let the {guest} slide no further than {far}", guest=name, far=write_both(far))
    angle = math.floor(clear * seat.join.most_deg)
    return (say("let the {guest} turn by no more than {angle:g} degrees", guest=name, angle=angle) if angle
            else say("set the {guest} elsewhere: it cannot turn there", guest=name))
