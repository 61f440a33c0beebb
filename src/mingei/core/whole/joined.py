"""The things of a project joined: which is whose guest, what that adds to each, and where everything stands
in the whole.

A thing is worked out by itself first; what its joints add is then put to it as further amendments, so that
everything else knows of slots, tongues, holes and traced outlines as of any others.  Nothing of that is kept
in the project: it holds what a person decided, and the rest follows.
"""

from __future__ import annotations

import math
import re
from collections.abc import Mapping, Sequence
from dataclasses import replace
from functools import lru_cache
from typing import NamedTuple

from mingei.core.amendments.opening import LEAST_BRIDGE_MM, Opening, cut_path
from mingei.core.covering.leaf import Leaf
from mingei.core.document.build import Build, build
from mingei.core.document.project import Project
from mingei.core.draft import PIVOT, Draft, Panel, Place
from mingei.core.errors import MeasureError, MingeiError
from mingei.core.flat.pattern import Pattern
from mingei.core.kinds import Amendment, some
from mingei.core.kinds.join import STEP, Join, Row, is_joined, join_of
from mingei.core.kinds.work import Work
from mingei.core.length import parse, write_both, write_mm
from mingei.core.plan.operation import Operation
from mingei.core.plane.shape import Point, bounds, flat_points, moved_path, shifted
from mingei.core.recipes import Kind, find_recipe
from mingei.core.whole.between import Added, Array, Between, Given, Spot, own_foot
from mingei.core.whole.bodies import panels
from mingei.core.whole.joints import find
from mingei.core.whole.layers import behind
from mingei.core.whole.reach import hands, when
from mingei.core.words import say, some_of

#: What goes in less far than this, mm, does not reach a layer.
_FINE_MM = 0.05
#: Of one root no more things stand on each other than this.
_DEEPEST = 40


class Trouble(NamedTuple):
    """A joint that cannot be: the number of the guest, and why."""

    guest: int
    error: MingeiError


class Seat(NamedTuple):
    """A guest on its host, by their numbers in the project; joint: what joins them; poses: from the guest to
    the host (4, 4), one for each time it is set there; at: its x and y as they were
    worked out, mm."""

    guest: int
    host: int
    joint: Between
    join: Join
    given: Given
    poses: tuple[Array, ...]
    at: tuple[float, float] = (0.0, 0.0)


class Own(NamedTuple):
    """What joints add to one thing: amendments, and what goes with it besides."""

    amendments: tuple[Amendment, ...] = ()
    leaves: tuple[Leaf, ...] = ()


class Joined(NamedTuple):
    """builds: the things that joints add to, by their numbers in the project; seats: the joints that hold;
    troubles: those that do not."""

    project: Project
    builds: Mapping[int, Build]
    seats: tuple[Seat, ...]
    troubles: tuple[Trouble, ...]

    def build_of(self, number: int) -> Build:
        """A thing as its joints make it."""
        return self.builds[number] if number in self.builds else plain(self.project, number)

    def on(self, number: int) -> tuple[Seat, ...]:
        """What is set on a thing."""
        return tuple(s for s in self.seats if s.host == number)

    def seat_of(self, number: int) -> Seat | None:
        return next((s for s in self.seats if s.guest == number), None)

    def root(self, number: int) -> int:
        """The thing that what a thing stands on stands on, and so on, down to the last."""
        seat = self.seat_of(number)
        while seat is not None:
            number = seat.host
            seat = self.seat_of(number)
        return number


def slug(name: str) -> str:
    """A thing's name as a sum calls it."""
    found = re.sub(r"\W+", "_", name.strip().lower()).strip("_")
    return found if found[:1].isalpha() else f"thing_{found}"


def names_for(guest: Build, host: Build, panel: str) -> dict[str, float]:
    """What a sum for a place may name: the guest's measures, the host's after its name and a stop, and how
    wide and high the panel is."""
    found: dict[str, float] = {}
    for made, before in ((guest, ""), (guest, f"{slug(guest.brief.name)}."),
                         (host, f"{slug(host.brief.name)}."),
                         (host, "host.")):
        recipe = find_recipe(made.brief.recipe)
        values = recipe.settled(made.brief.values)
        found |= {f"{before}{m.name}": float(values[m.name]) for m in recipe.measures
                  if m.kind in (Kind.LENGTH, Kind.COUNT) and isinstance(values[m.name], (int, float))}
    around = next((bounds(p.outline) for p, _ in panels(host) if p.name == panel), None)
    if around is not None:
        found |= {"panel.wide": around.width, "panel.high": around.height}
    return found


def worked(text: str, names: Mapping[str, float], place: str) -> float:
    """A length as a person wrote it, mm; nothing is 0.  Raises MeasureError naming the field."""
    if not text.strip():
        return 0.0
    try:
        return parse(text, names=names)
    except MingeiError as error:
        raise MeasureError(error.sentence, place, error.remedy) from None


def spots_of(join: Join, names: Mapping[str, float]) -> tuple[Spot, ...]:
    """Where a guest is set, all times."""
    x, y = worked(join.x, names, "x"), worked(join.y, names, "y")
    apart = worked(join.apart, names, "apart")
    if join.row is not Row.ONE and join.row is not Row.MIRRORED and join.many > 1 and apart <= 0:
        raise MeasureError("how far apart they stand was not said", "apart",
                           "write the radius of the ring, or from one to the next, such as 30 mm")
    if join.row is Row.RING:
        angles = [join.turn_deg + 360.0 * i / join.many for i in range(join.many)]
        return tuple(Spot(x + apart * math.cos(math.radians(a)), y + apart * math.sin(math.radians(a)), a)
                     for a in angles)
    if join.row is Row.ROW:
        turn = math.radians(join.turn_deg)
        along = [(i - (join.many - 1) / 2) * apart for i in range(join.many)]
        return tuple(Spot(x + d * math.cos(turn), y + d * math.sin(turn), join.turn_deg) for d in along)
    if join.row is Row.MIRRORED:
        return (Spot(x, y, join.turn_deg), Spot(-x, y, -join.turn_deg))
    return (Spot(x, y, join.turn_deg),)


def plain(project: Project, number: int) -> Build:
    """A thing by itself."""
    brief = project.briefs[number]
    return build(brief, project.stock_of(brief), project.parts_of(brief))


@lru_cache(maxsize=8)
def joined(project: Project) -> Joined:
    """The things of a project that are joined, each as its joints make it."""
    troubles: list[Trouble] = []
    seats: list[Seat] = []
    added: dict[int, Own] = {}
    for number, brief in enumerate(project.briefs):
        join = join_of(brief)
        if join is None:
            continue
        try:
            seat = _seat(project, number, join)
            to = _added(seat.given)
        except MingeiError as error:
            troubles.append(Trouble(number, error))
            continue
        seats.append(seat)
        added |= _with(added, seat, to)
    try:
        builds = {number: _made(project, number, more) for number, more in added.items()}
    except MingeiError:  # one of them cannot be: which, and why
        return _one_by_one(project, seats, troubles)
    return Joined(project, builds, tuple(seats), tuple(troubles))


def _with(added: Mapping[int, Own], seat: Seat, to: Added) -> dict[int, Own]:
    """What is added to the two of a joint, besides what is already."""
    found = {}
    for number, more in ((seat.host, Own((*to.host, _work(seat)))), (seat.guest, Own(to.guest, to.leaves))):
        before = added.get(number, Own())
        if more.amendments or more.leaves:
            found[number] = Own((*before.amendments, *more.amendments), (*before.leaves, *more.leaves))
    return found


def _one_by_one(project: Project, seats: Sequence[Seat], troubles: Sequence[Trouble]) -> Joined:
    """The joints that hold, each put to those before it; the others are told."""
    found, kept = list(troubles), []
    added: dict[int, Own] = {}
    for seat in seats:
        to = _added(seat.given)
        fresh = _with(added, seat, to)
        try:
            for number, more in fresh.items():
                _made(project, number, more)
        except MingeiError as error:
            found.append(Trouble(seat.guest, _near_edge(seat, to) or error))
            continue
        added |= fresh
        kept.append(seat)
    builds = {number: _made(project, number, more) for number, more in added.items()}
    return Joined(project, builds, tuple(kept), tuple(sorted(found, key=lambda t: t.guest)))


def _near_edge(seat: Seat, to: Added) -> MeasureError | None:
    """What is cut for a guest that comes too near to the edge of its panel: by how much it is to be moved, or
    how large the panel would have to be.  None where that is not what is wrong."""
    openings = [o for o in some(to.host, Opening) if o.panel == seat.given.panel.name]
    if not openings:
        return None
    middle = seat.given.middle
    around = bounds(seat.given.panel.outline)
    points = [q for o in openings for q in flat_points(moved_path(cut_path(o), shifted(o.x, o.y)))]
    box = bounds(points)
    need = LEAST_BRIDGE_MM
    past = (around.left - middle[0] + need - box.left, box.right - (around.right - middle[0]) + need,
            around.bottom - middle[1] + need - box.bottom, box.top - (around.top - middle[1]) + need)
    if max(past) <= 0:
        return None
    words = {"guest": seat.given.guest.brief.name, "panel": seat.given.panel.name}
    wide, high = box.width + 2 * need, box.height + 2 * need
    if wide > around.width or high > around.height:
        return MeasureError(say("the {panel} is too small for the {guest}", **words), "panel",
                            say("make it {wide} by {high} or larger", wide=write_both(math.ceil(wide)),
                                high=write_both(math.ceil(high))))
    across, up = (max(0.0, low) - max(0.0, high) for low, high in (past[:2], past[2:]))
    return MeasureError(say("the {guest} comes too near to the edge of the {panel}", **words), "x",
                        say("move it by {across} across and {up} up", across=write_mm(_outwards(across)),
                            up=write_mm(_outwards(up))))


def _outwards(mm: float) -> float:
    """To a tenth, away from nothing."""
    return math.copysign(math.ceil(abs(mm) * 10 - 1e-6) / 10, mm) if mm else 0.0


def build_of(project: Project, number: int) -> Build:
    """A thing of a project as its joints make it."""
    return joined(project).build_of(number) if is_joined(project.briefs) else plain(project, number)


def builds_of(project: Project) -> tuple[Build, ...]:
    """Every thing of a project as its joints make it.  Raises MeasureError, StockError."""
    return tuple(build_of(project, number) for number in range(len(project.briefs)))


def _made(project: Project, number: int, added: Own) -> Build:
    brief = project.briefs[number]
    return build(replace(brief, amendments=(*brief.amendments, *added.amendments)), project.stock_of(brief),
                 project.parts_of(brief), added.leaves)


def _named(made: Build, name: str, field: str) -> tuple[Panel, Pattern]:
    """A panel by its name, and as it lies flat.  Raises MeasureError naming the field where there is none."""
    every = panels(made)
    found = next((each for each in every if each[0].name == name), None)
    if found is None:
        raise MeasureError(say("the {host} has no panel {panel!r} any more", host=made.brief.name,
                               panel=name),
                           field, say("choose one of: {names}", names=some_of([p.name for p, _ in every],
                                                                              name)))
    return found


def _seat(project: Project, number: int, join: Join) -> Seat:
    """Raises MeasureError where a guest cannot be joined so."""
    briefs = project.briefs
    host = next((i for i, brief in enumerate(briefs) if brief.id and brief.id == join.host), None)
    if host is None:
        raise MeasureError("the thing it is joined to is gone", "host",
                           "join it to another, or take the joint away")
    at, seen = host, {number}
    while at not in seen and len(seen) < _DEEPEST:
        seen.add(at)
        below = join_of(briefs[at])
        at = next((i for i, brief in enumerate(briefs) if below and brief.id == below.host), -1)
        if at < 0:
            break
    if at >= 0:
        raise MeasureError(say("{name} is joined to itself by way of others", name=briefs[number].name),
                           "host",
                           "join it to something that does not stand on it")
    copied = next((briefs[n].name for n in (number, host) if briefs[n].enlarged != 1.0), "")
    if copied:
        raise MeasureError(say("the drawing of the {name} is enlarged: what joins it would grow with that",
                               name=copied), "scale", "draft it anew at that size")
    joint = find(join.how)
    one, other = plain(project, number), plain(project, host)
    panel, pattern = _named(other, join.panel, "panel")
    if join.foot and "foot" in joint.needs:
        _named(one, join.foot, "foot")
    if join.by and join.by not in joint.by:
        raise MeasureError(say("{word!r} is nothing it can be held by", word=join.by), "by",
                           say("use one of: {names}", names=some_of(list(joint.by))) if joint.by
                           else "leave that out")
    names = names_for(one, other, join.panel)
    dx, dy = _place(other.draft, join)
    spots = tuple(Spot(s.x + dx, s.y + dy, s.turn_deg) for s in spots_of(join, names))
    fx, fy = _pivot(one, join) if "foot_x" in joint.needs else (0.0, 0.0)
    foot_at = fx + worked(join.foot_x, names, "foot_x"), fy + worked(join.foot_y, names, "foot_y")
    deep = worked(join.deep, names, "deep") if join.deep.strip() else None
    if deep is not None and deep < 0.0:
        raise MeasureError(say("{length:g} mm is no depth", length=deep), "deep", "write 0 or more")
    given = Given(other, one, join, panel, pattern, deep, foot_at, spots, joint.by[0] if joint.by else "")
    return Seat(number, host, joint, join, given, _poses(given),
                (worked(join.x, names, "x"), worked(join.y, names, "y")))


@lru_cache(maxsize=128)  # each holds two things that were built
def _poses(given: Given) -> tuple[Array, ...]:
    joint = find(given.join.how)
    return tuple(joint.pose(given, spot) for spot in given.spots)


@lru_cache(maxsize=128)  # each holds two things that were built
def _added(given: Given) -> Added:
    to = find(given.join.how).adds(given)
    return to._replace(host=_deepened(given.host, to.host, (given.join.inside,), to.deep),
                       guest=_deepened(given.guest, to.guest, (False, True), math.inf))


def _deepened(made: Build, added: tuple[Amendment, ...], faces: tuple[bool, ...],
              deep: float) -> tuple[Amendment, ...]:
    """What is added to a thing, its openings cut through whatever lies layer on layer.  faces: from which of
    a panel's faces, whether its inner one; deep: so deep, mm."""
    found = list(added)
    for opening in some(added, Opening):
        panel = next(p for p, _ in panels(made) if p.name == opening.panel)
        x, y = bounds(panel.outline).centre
        for inside in faces:
            found += [layer.takes(opening, panel) for layer in
                      behind(made, panel.name, inside, (x + opening.x, y + opening.y))[1:]
                      if layer.near < deep - _FINE_MM]
    return tuple(found)


def _pivot(guest: Build, join: Join) -> Point:
    """Where on its foot a guest turns, or hangs, by itself, from the foot's middle: at the place it names its
    pivot, else amid it."""
    foot = join.foot or own_foot(guest)
    place = next((p for p in guest.draft.places if p.name == PIVOT and p.panel == foot), None)
    panel = next((p for p, _ in panels(guest) if p.name == foot), None)
    if place is None or panel is None:
        return 0.0, 0.0
    middle = bounds(panel.outline).centre
    return place.x - middle[0], place.y - middle[1]


def places_of(draft: Draft, panel: Panel) -> tuple[Place, ...]:
    """The places on a panel that x and y may be counted from: those the thing names, then the middles of the
    sides and the corners of the rectangle round it, as it is drawn."""
    (left, bottom, right, top), (x, y) = bounds(panel.outline), bounds(panel.outline).centre
    every = (("middle of the left edge", left, y), ("middle of the right edge", right, y),
             ("middle of the lower edge", x, bottom), ("middle of the upper edge", x, top),
             ("lower left corner", left, bottom),
             ("lower right corner", right, bottom), ("upper left corner", left, top),
             ("upper right corner", right, top))
    own = tuple(p for p in draft.places if p.panel == panel.name)
    taken = {p.name for p in own}
    return (*own, *(Place(name, panel.name, px, py) for name, px, py in every if name not in taken))


def _place(draft: Draft, join: Join) -> tuple[float, float]:
    """How far a place of the host lies from its panel's middle, mm."""
    if not join.place:
        return 0.0, 0.0
    panel = next(p for piece in draft.pieces for p in piece.panels if p.name == join.panel)
    places = places_of(draft, panel)
    found = next((p for p in places if p.name == join.place), None)
    if found is None:
        raise MeasureError(say("the {panel} names no place {name!r}", panel=join.panel, name=join.place),
                           "place", say("choose one of: {names}", names=some_of([p.name for p in places],
                                                                                join.place)))
    middle = bounds(panel.outline).centre
    return found.x - middle[0], found.y - middle[1]


def join_step(seat: Seat) -> str:
    """What the step in which a guest is joined is called."""
    return f"{STEP}{seat.given.guest.brief.name}"


def joins(seat: Seat, op: Operation) -> bool:
    """Whether it is done in an operation: its key ends in what the step is called, and a number."""
    return re.fullmatch(rf"{re.escape(join_step(seat))} \d+", op.key.partition("/")[2]) is not None


def _work(seat: Seat) -> Work:
    """The step in which a guest is joined to its host."""
    at = hands(seat.given, some(_added(seat.given).host, Opening), seat.joint.touches)
    due, why = when(seat.given, at, seat.joint.from_behind)
    words = seat.joint.done(seat.given)
    if len(seat.given.spots) > 1:
        words = say("{words} So it is done {count} times.", words=words, count=len(seat.given.spots))
    found = Work(join_step(seat), words, seat.join.panel, due, why)
    if seat.joint.glued is not None:
        found = found._replace(glued=seat.joint.glued(seat.given) * len(seat.given.spots))
    part = seat.joint.part(seat.given) if seat.joint.part is not None else None
    if part is None:
        return found
    return found._replace(part=part.name, many=len(seat.given.spots) * part.many, length=part.length_mm,
                          size=part.size)
