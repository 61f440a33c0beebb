"""Placing a guest by hand: where it lies on its host's panel, how far from its edges, and what it catches
on."""

from __future__ import annotations

from typing import NamedTuple

import numpy as np

from mingei.core.amendments.opening import outline_points
from mingei.core.document.project import Project
from mingei.core.folded.fold import finished, place
from mingei.core.length import write_mm
from mingei.core.plane.shape import Box, Point, Polygon, bounds, flat_points
from mingei.core.whole.assembly import ASSEMBLED, Shown, stood
from mingei.core.whole.between import Array
from mingei.core.whole.bodies import touching
from mingei.core.whole.joined import Joined, Seat, joined
from mingei.core.words import Words, say


class Lying(NamedTuple):
    """A guest's outline as it lies on the panel, from the panel's middle, mm, and the place it is counted
    from."""

    outline: Polygon
    at: Point


class Board(NamedTuple):
    """What a guest is placed on: the panel's outline and holes, from its middle, mm; own: the guest, each
    time it is set there; others: what else is."""

    outline: Polygon
    holes: tuple[Polygon, ...]
    own: tuple[Lying, ...]
    others: tuple[Lying, ...]


class Caught(NamedTuple):
    """A place that was dragged to, and what it caught on, in words."""

    x: float
    y: float
    said: tuple[Words, ...]


def lying_on(seat: Seat) -> tuple[Lying, ...]:
    """A guest as it lies on its host's panel."""
    from shapely import MultiPoint

    given = seat.given
    points = np.concatenate([place(finished(p)[q.name], q.polygon) for p in given.guest.patterns
                             for q in p.panels])
    back = np.linalg.inv(finished(given.pattern)[given.panel.name])
    found = []
    for spot, pose in zip(given.spots, seat.poses, strict=True):
        to = back @ pose
        flat = points @ to[:2, :3].T + to[:2, 3] - np.array(given.middle)
        hull = MultiPoint(flat).convex_hull.buffer(0.01)
        found.append(Lying(tuple((float(x), float(y)) for x, y in hull.exterior.coords[:-1]),
                           (spot.x, spot.y)))
    return tuple(found)


def board_of(found: Joined, seat: Seat) -> Board:
    """What a guest is placed on, with all that is on the same panel."""
    panel, (mx, my) = seat.given.panel, seat.given.middle

    def moved(points: Polygon) -> Polygon:
        return tuple((x - mx, y - my) for x, y in points)

    others = [lying for other in found.on(seat.host) if other.guest != seat.guest and other.join.panel
              == panel.name
              for lying in lying_on(other)]
    return Board(moved(panel.outline), tuple(moved(tuple(flat_points(h)[:-1])) for h in panel.holes),
                 lying_on(seat),
                 tuple(others))


class Carried(NamedTuple):
    """A guest that is carried along its host's panel.  plane: from the panel, its middle the origin, to the
    whole (4, 4); board: what it is placed on."""

    plane: Array
    board: Board

    def to(self, x: float, y: float, within: float) -> Caught:
        """Where it comes to lie once it was carried so far, mm."""
        own_x, own_y = self.board.own[0].at
        return caught(self.board, own_x + x, own_y + y, within)


def carried_on(project: Project, number: int, shown: Shown = ASSEMBLED) -> Carried | None:
    """A thing of a whole as it may be carried along what it is joined to, as the whole is shown; None where
    it stands alone."""
    found = joined(project)
    seat = found.seat_of(number)
    if seat is None:
        return None
    host = next((each for each in stood(found, found.root(number), shown)
                 if each.number == seat.host), None)
    if host is None:
        return None
    middle = np.eye(4)
    middle[:2, 3] = seat.given.middle
    plane: Array = host.pose @ finished(seat.given.pattern)[seat.given.panel.name] @ middle
    return Carried(plane, board_of(found, seat))


def overhang(seat: Seat) -> float:
    """How far what touches the host reaches past its panel, mm."""
    from shapely import Polygon as Area

    given = seat.given
    card = Area([(x - given.middle[0], y - given.middle[1]) for x, y in outline_points(given.panel)])
    most = 0.0
    for spot in given.spots:
        for outline in touching(given.guest, given.join.foot):
            past = Area(given.on_panel(spot, np.array(outline))).difference(card)
            if not past.is_empty:
                most = max(most, float(past.hausdorff_distance(past.intersection(card.buffer(0.01)))) if
                           past.intersects(card.buffer(0.01)) else float(past.distance(card)))
    return most


def edges(board: Board, number: int = 0) -> tuple[float, float, float, float]:
    """How far a guest lies from the left, right, lower and upper edge of the panel's box, mm."""
    around, own = bounds(board.outline), bounds(board.own[number].outline)
    return own.left - around.left, around.right - own.right, own.bottom - around.bottom, around.top - own.top


def caught(board: Board, x: float, y: float, within: float) -> Caught:
    """Where a guest comes to lie that is dragged to a place: on the panel's middle, as far from both edges,
    level with another guest, or as far from it as that from an edge, where that is near enough (mm)."""
    around = bounds(board.outline)
    own = bounds(board.own[0].outline)
    ax, ay = board.own[0].at
    said: list[Words] = []
    xs: list[tuple[float, Words]] = [(0.0, say("on the middle, across"))]
    ys: list[tuple[float, Words]] = [(0.0, say("on the middle, up"))]
    xs += [(-other.at[0], say("mirrored, across")) for other in board.others]
    ys += [(-other.at[1], say("mirrored, up")) for other in board.others]
    xs += [(other.at[0], say("in line with another, up and down")) for other in board.others]
    ys += [(other.at[1], say("in line with another, across")) for other in board.others]
    # as far from one edge as from the next
    below = own.bottom - ay - around.bottom
    left = own.left - ax - around.left
    xs += [(below + y - left, say("as far from the left as from below"))]
    ys += [(left + x - below, say("as far from below as from the left"))]
    for values, axis in ((xs, 0), (ys, 1)):
        now = x if axis == 0 else y
        near = min(values, key=lambda v: abs(v[0] - now))
        if abs(near[0] - now) <= within:
            x, y = (near[0], y) if axis == 0 else (x, near[0])
            said.append(near[1])
    return Caught(x, y, tuple(said))


def told(board: Board, number: int = 0) -> Words:
    """How far a guest lies from the edges, in words."""
    left, right, below, above = edges(board, number)
    return say("{left} from the left, {right} from the right, {below} from below, {above} from above",
               left=write_mm(left), right=write_mm(right), below=write_mm(below), above=write_mm(above))


def room_of(board: Board) -> Box:
    """The rectangle round all of it."""
    return bounds(q for outline in (board.outline, *(each.outline for each in (*board.own, *board.others)))
                  for q in outline)
