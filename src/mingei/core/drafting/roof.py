"""The roof of a house: a flat board, one that leans, or two that meet in a ridge, on walls that rise to it.

Every roof board is drawn at its lower face; the walls end there, square where they stand across the slope and
by their nearer rim where they stand along it.
"""

from __future__ import annotations

import math
from collections.abc import Mapping
from typing import NamedTuple

from mingei.core.draft import EdgeRef, Fold, Lap, LineOn, Panel, Past, Piece, Placement, Plain, Seam
from mingei.core.draft.panel import Edge, Over
from mingei.core.drafting.storeys import BACK, LEFT, RIGHT, Storeys
from mingei.core.joints import TAPE
from mingei.core.plane.shape import Path, Polygon, rectangle

FLAT, LEAN, GABLE = "flat", "lean-to", "gabled"
#: The ridge's cap reaches so far down each side, mm.
_CAP_MM = 8.0


class Roof(NamedTuple):
    """kind; pitch: degrees; eaves: overhang, knee: how far walls rise over the attic floor, mm."""

    house: Storeys
    kind: str
    pitch: float
    eaves: float
    knee: float

    @property
    def slope(self) -> float:
        """Its pitch, degrees; 0 where it is flat."""
        return 0.0 if self.kind == FLAT else self.pitch

    @property
    def low(self) -> float:
        """How high it lies at the front, floors not counted, mm."""
        return self.house.tall + (0.0 if self.kind == FLAT else self.knee)

    @property
    def front(self) -> str:
        """The board over the front."""
        return "front roof" if self.kind == GABLE else "roof"

    @property
    def back(self) -> str:
        return "back roof" if self.kind == GABLE else "roof"

    @property
    def _tan(self) -> float:
        return math.tan(math.radians(self.slope))

    @property
    def drop(self) -> float:
        """How far it falls for each mm on plan."""
        return self._tan

    @property
    def cosine(self) -> float:
        return math.cos(math.radians(self.slope))

    @property
    def _deep(self) -> float:
        """How far it reaches from front to back on plan, mm."""
        return self.house.depth / 2 if self.kind == GABLE else self.house.depth

    @property
    def length(self) -> float:
        """Along the slope, mm."""
        return self._deep / math.cos(math.radians(self.slope))

    @property
    def clear(self) -> float:
        """Of that, what the ridge's cap leaves, mm."""
        return self.length - (_CAP_MM if self.kind == GABLE else 0.0)

    @property
    def high(self) -> float:
        """How high it lies at its highest, mm."""
        return self.low + self._deep * self._tan

    def side(self, side: str) -> tuple[Polygon, tuple[tuple[int, str], ...], int, int]:
        """A side wall: its outline, which of its sides meet which roof boards, which is at the front and
        which at the back."""
        depth, low, high = self.house.depth, self.low, self.high
        front, back = (1, -1) if side == LEFT else (-1, 1)
        meets: tuple[tuple[int, str], ...]
        if self.kind == GABLE:
            shape: Polygon = ((0.0, 0.0), (depth, 0.0), (depth, low), (depth / 2, high), (0.0, low))
            meets = (((2, self.front), (3, self.back)) if side == LEFT else ((2, self.back), (3, self.front)))
        else:
            first, second = (low, high) if side == LEFT else (high, low)
            shape, meets = ((0.0, 0.0), (depth, 0.0), (depth, first), (0.0, second)), ((2, self.front),)
        last = len(shape) - 1
        return shape, meets, front % (last + 1), back % (last + 1)

    def line(self, board: str, side: str) -> LineOn:
        """Where a wall stands on the lower face of a roof board."""
        wide, long = self.house.width, self.length
        if side == BACK:
            if self.kind == GABLE:
                return LineOn(board, (0.0, 0.0), (wide, 0.0))
            return LineOn(board, (wide, long), (0.0, long))
        left = (side == LEFT) != (board == "back roof")
        x = 0.0 if left else wide
        down = side == LEFT if board != "back roof" else side == RIGHT
        ends = ((x, long), (x, 0.0)) if down else ((x, 0.0), (x, long))
        return LineOn(board, *ends)

    @property
    def back_wall(self) -> tuple[float, float]:
        """How high the back wall is, mm, and by how much the roof turns from it, degrees."""
        if self.kind == GABLE:
            return self.low, 90.0 - self.slope
        return self.high, 90.0 + self.slope

    def _at(self, board: str) -> Placement:
        cosine, sine = math.cos(math.radians(self.slope)), math.sin(math.radians(self.slope))
        if board == "back roof":
            return Placement((self.house.width, self.house.depth, self.low), (-1.0, 0.0, 0.0),
                             (0.0, -cosine, sine))
        return Placement((0.0, 0.0, self.low), (1.0, 0.0, 0.0), (0.0, cosine, sine))

    def placed(self, board: str) -> tuple[Placement, tuple[Past, ...]]:
        """Where a board lies, and what it lies past."""
        house = self.house
        past = [Past((0.0, 0.0, 1.0), house.upper)] if house.upper else []
        if board == "back roof" and house.last:
            past.append(Past((1.0, 0.0, 0.0), house.partitions(house.last)))
        return self._at(board), tuple(past)

    def boards(self, front: Edge, holes: Mapping[str, tuple[tuple[Path, ...], tuple[Lap, ...]]]
               ) -> list[Piece]:
        """Its boards and, over a ridge, its cap.  front: how the lowest edge of the front board ends; holes:
        of boards what is cut out of them, and the laps of what lies on them."""
        house, made = self.house, []
        for board in dict.fromkeys((self.front, self.back)):
            backward = board == "back roof"
            near = Over("back wall", self.eaves, 90.0 - self.slope) if backward else front
            far: Edge = Plain() if self.kind == GABLE else Over("back wall", self.eaves, 90.0 + self.slope)
            cut, laps = holes.get(board, ((), ()))
            if self.kind == GABLE and not backward:
                laps = (*laps, Lap("ridge cap front on it", "ridge cap front", board))
            first, second = (LEFT, RIGHT) if backward else (RIGHT, LEFT)
            panel = Panel(board, rectangle(house.width, self.length), stretches=house.widens(backward),
                          edges=((0, near), (1, Over(f"{first} wall", self.eaves)), (2, far),
                                 (3, Over(f"{second} wall", self.eaves))), holes=tuple(cut))
            at, past = self.placed(board)
            seams = (Seam("ridge", TAPE, EdgeRef(board, 2), EdgeRef(self.front, 2), 0.0, 1,
                          angle_deg=2 * self.slope),) if backward else ()
            made.append(Piece(board, board, at, (panel,), seams=seams, laps=tuple(laps), past=past))
        return made

    def cap(self) -> list[Piece]:
        """A strip of card folded over the ridge."""
        if self.kind != GABLE:
            return []
        at, past = self.placed(self.front)
        down = self.length - _CAP_MM
        (x, y, z), (_, v, w) = at.origin, at.v
        wide = self.house.width
        panels = tuple(
            Panel(f"ridge cap {side}", rectangle(wide, _CAP_MM), on=board,
                  stretches=self.house.widens(board == "back roof"),
                  edges=((1, Over(f"{a} wall", self.eaves)), (3, Over(f"{b} wall", self.eaves))))
            for side, board, a, b in (("front", self.front, RIGHT, LEFT), ("back", self.back, LEFT, RIGHT)))
        fold = Fold(EdgeRef(panels[0].name, 2), EdgeRef(panels[1].name, 2), 2 * self.slope, 1)
        laps = (Lap("ridge cap back on it", panels[1].name, self.back),)
        up = (x, y + down * v, z + down * w)
        return [Piece("ridge cap", panels[0].name, at._replace(origin=up), panels, folds=(fold,),
                      laps=laps, part="frames", past=past)]
