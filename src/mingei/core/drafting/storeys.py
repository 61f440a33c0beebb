"""A house as numbers: where its storeys and rooms lie, and how a panel is placed on its walls and floors.

Lengths are clear, between faces: rooms side by side from the left, each storey as high as asked.  The
thickness of floors and partitions is no sum here: what lies above or beyond them is said to lie past them
(``Past``), what reaches across them is stretched by them (``Stretch``).
"""

from __future__ import annotations

from typing import NamedTuple

from mingei.core.draft import Past, Placement, Stretch
from mingei.core.plane.shape import Path, Polygon, polygon_path

_UP, _ALONG = (0.0, 0.0, 1.0), (1.0, 0.0, 0.0)
GROUND = "ground floor"
LEFT, RIGHT, BACK, FRONT = "left", "right", "back", "front"
SIDES = (LEFT, RIGHT, BACK)


class Storeys(NamedTuple):
    """rooms: side by side; room, depth: of each, clear, mm; heights: of the storeys from the ground up,
    clear, mm; attic: a floor lies over the highest."""

    rooms: int
    room: float
    depth: float
    heights: tuple[float, ...]
    attic: bool

    @property
    def width(self) -> float:
        """Of all rooms together, mm."""
        return self.rooms * self.room

    @property
    def tall(self) -> float:
        """Of all storeys together, mm."""
        return sum(self.heights)

    @property
    def storeys(self) -> int:
        return len(self.heights)

    def level(self, storey: int) -> float:
        """How high a storey's floor lies, floors not counted, mm."""
        return sum(self.heights[:storey])

    def floors(self, storey: int) -> tuple[str, ...]:
        """The floors a storey lies above, the ground floor not counted."""
        return tuple(f"floor {number}" for number in range(1, storey + 1))

    @property
    def upper(self) -> tuple[str, ...]:
        """All floors that lie between walls."""
        return self.floors(self.storeys if self.attic else self.storeys - 1)

    def partitions(self, rooms: int) -> tuple[str, ...]:
        """The partitions to the left of a room, as the ground floor has them."""
        return tuple(f"partition 1-{number}" for number in range(1, rooms + 1))

    def past(self, storey: int, room: int) -> tuple[Past, ...]:
        """What stands in a room stands past the floors below it, and past the partitions to its left."""
        found = []
        if storey:
            found.append(Past(_UP, self.floors(storey)))
        if room:
            found.append(Past(_ALONG, self.partitions(room)))
        return tuple(found)

    @property
    def last(self) -> int:
        """The number of the room at the right."""
        return self.rooms - 1

    def rises(self) -> tuple[Stretch, ...]:
        """Where a wall as high as the house is longer by its floors."""
        return tuple(Stretch(1, self.level(number), (name,)) for number, name in enumerate(self.upper, 1))

    def widens(self, backward: bool = False) -> tuple[Stretch, ...]:
        """Where a board as wide as the house is longer by its partitions; backward: one that is seen from
        behind."""
        names = self.partitions(self.rooms - 1)
        if backward:
            return tuple(Stretch(0, self.width - number * self.room, (name,))
                         for number, name in enumerate(names, 1))
        return tuple(Stretch(0, number * self.room, (name,), with_it=False)
                     for number, name in enumerate(names, 1))

    def on_wall(self, side: str, along: float = 0.0, up: float = 0.0) -> Placement:
        """The inner face of a wall, seen from outside.  along: to the right as it is seen, mm."""
        x, y, way = {LEFT: (0.0, self.depth - along, (0.0, -1.0, 0.0)),
                     RIGHT: (self.width, along, (0.0, 1.0, 0.0)),
                     BACK: (self.width - along, self.depth, (-1.0, 0.0, 0.0)),
                     FRONT: (along, 0.0, (1.0, 0.0, 0.0))}[side]
        return Placement((x, y, up), way, _UP)

    def on_floor(self, storey: int) -> Placement:
        """The upper face of a floor, seen from below: x to the right, y from the back to the front."""
        return Placement((0.0, self.depth, self.level(storey)), _ALONG, (0.0, -1.0, 0.0))

    def span(self, side: str) -> float:
        """How long a wall is inside, mm."""
        return self.depth if side in (LEFT, RIGHT) else self.width


def cut_out(x: float, y: float, width: float, height: float) -> Path:
    """A rectangle cut out of a panel, its lower left corner at x, y."""
    corners: Polygon = ((x, y), (x, y + height), (x + width, y + height), (x + width, y))
    return polygon_path(corners)


def evenly(count: int, across: float, each: float) -> tuple[float, ...]:
    """Where so many things begin that stand evenly across a length, mm."""
    gap = (across - count * each) / (count + 1)
    return tuple(gap + number * (gap + each) for number in range(count))
