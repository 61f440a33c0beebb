"""Keeping clear on the flat: areas that lie there already, corners that give way where panels come to a
point, and tabs shortened until they lie over none of them."""

from __future__ import annotations

import math
from collections.abc import Callable, Collection, Iterator, Mapping
from functools import cached_property
from typing import Any

from mingei.core.errors import GeometryError
from mingei.core.flat import joint
from mingei.core.flat.side import Work, set_back
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Polygon, Rigid, bounds, divided, flat_points

#: Below this depth (mm) a tab is not shrunk any further to keep clear of its neighbours.
SMALLEST_TAB_MM = 0.4
#: A tab no deeper than this (mm) is next to nothing: one on less of its side is tried, beginning further from
#: an end by these shares.
_NEXT_TO_NOTHING_MM = 1.5
_FURTHER = (0.1, 0.2, 0.35, 0.5)
#: What shares no more than this with a neighbour (mm) lies beside it.
_HAIR_MM = 1e-9
#: Two panels that share more than this (mm2) lie over each other.
_OVER_MM2 = 1e-6
#: By such shares of its sides a corner gives way.
_SET_BACK = (0.01, 0.02, 0.04, 0.07, 0.1, 0.15, 0.2, 0.3, 0.4)
#: The side of a square of the grid that things on the flat are found by, mm: about as large as a panel.
_SQUARE_MM = 40.0


class Lying:
    """What lies on the flat already, an outline to measure others against."""

    def __init__(self, points: Polygon) -> None:
        self.points, self.box = points, bounds(points)

    @classmethod
    def of(cls, work: Work, frame: Rigid) -> Lying:
        """A panel, as far as it is drawn."""
        return cls(frame.apply_all([s.start for edge, side in enumerate(work.sides)
                                    for s in (*side, *work.corners.get(edge, ()))]))

    @cached_property
    def area(self) -> Any:

        return area_of(self.points)

    def meets(self, other: Lying) -> bool:
        """Whether they share card."""
        if not self.box.meets(other.box) or divided(self.points, other.points, _HAIR_MM):
            return False
        from shapely import intersection

        return (self.area.intersects(other.area)
                and bool(intersection(self.area, other.area, grid_size=1e-6).area > 1e-6))


class Ground:
    """All that lies on the flat, by name, found by where it lies: a grid of squares, each with what touches
    it."""

    def __init__(self) -> None:
        self._squares: dict[tuple[int, int], list[tuple[str, Lying]]] = {}

    def lay(self, name: str, lying: Lying) -> None:
        for square in self._under(lying):
            self._squares.setdefault(square, []).append((name, lying))

    def clear(self, what: Lying, but: Collection[str]) -> bool:
        """Whether it lies over nothing else, some names passed over."""
        return not any(name not in but and what.meets(other)
                       for square in self._under(what) for name, other in self._squares.get(square, ()))

    @staticmethod
    def _under(lying: Lying) -> Iterator[tuple[int, int]]:
        box = lying.box
        for x in range(math.floor(box.left / _SQUARE_MM), math.floor(box.right / _SQUARE_MM) + 1):
            for y in range(math.floor(box.bottom / _SQUARE_MM), math.floor(box.top / _SQUARE_MM) + 1):
                yield x, y


def make_way(work: Mapping[str, Work], frames: Mapping[str, Rigid]) -> None:
    """Where panels come to a point together and one would lie over another, the corner of one is set back,
    the one that loses less.  What no corner can clear is left as it is."""
    from shapely import STRtree, area, intersection

    names = list(work)
    areas = [Lying.of(work[name], frames[name]).area for name in names]
    one, other = STRtree(areas).query(areas, predicate="overlaps")
    pairs = [(i, j) for i, j in zip(one.tolist(), other.tolist(), strict=True) if i < j]
    for i, j in pairs:
        here, there = (Lying.of(work[names[k]], frames[names[k]]).area for k in (i, j))
        over = intersection(here, there, grid_size=1e-6)
        if area(over) <= _OVER_MM2:
            continue
        ways = [(way, name) for name, beside in ((names[i], there), (names[j], here))
                if (way := _given_way(work[name], frames[name], beside, over.centroid)) is not None]
        if ways:
            (_, changed), name = min(ways, key=lambda each: each[0][0])
            work[name].sides, work[name].corners = changed.sides, changed.corners


def _given_way(work: Work, frame: Rigid, beside: Any, over: Any) -> tuple[float, Work] | None:
    """A panel with its corner nearest to where it lies over what is beside it set back till it is clear, with
    the area that costs; None where that is not to be had."""
    from shapely import area, intersection

    at = frame.inverse().apply((over.x, over.y))
    corner = min(range(len(work.sides)),
                 key=lambda k: min(math.dist(at, work.sides[k][-1].end),
                                   math.dist(at, work.sides[(k + 1) % len(work.sides)][0].start)))
    whole = Lying.of(work, frame).area.area
    for share in _SET_BACK:
        changed = set_back(work, corner, share)
        if changed is None:
            return None
        lies = Lying.of(changed, frame).area
        if lies.is_valid and area(intersection(lies, beside, grid_size=1e-6)) <= _OVER_MM2:
            return whole - lies.area, changed
    return None


def kept_clear(draw: Callable[..., joint.TabShape], shape: joint.TabShape, side: tuple[float, float],
               is_clear: Callable[[joint.TabShape], bool]) -> joint.TabShape:
    """A tab shortened until it keeps clear of all that lies on the flat; where that leaves next to nothing,
    one that begins further from an end of its side."""
    def shortened(shape: joint.TabShape, side: tuple[float, float]) -> joint.TabShape:
        while shape.depth_mm > SMALLEST_TAB_MM and not is_clear(shape):
            shape = draw(0.8 * shape.depth_mm, side=side)
        return shape

    whole = shape.depth_mm
    best = shape = shortened(shape, side)
    if shape.depth_mm > _NEXT_TO_NOTHING_MM or shape.depth_mm == whole:
        return shape
    area = shape.depth_mm * shape.hinge_mm if shape.depth_mm > SMALLEST_TAB_MM else 0.0
    for share in _FURTHER:
        inset = share * (side[1] - side[0])
        for low, high in ((side[0] + inset, side[1]), (side[0], side[1] - inset),
                          (side[0] + inset, side[1] - inset)):
            try:
                other = shortened(draw(whole, side=(low, high)), (low, high))
            except GeometryError:
                continue
            if other.depth_mm > SMALLEST_TAB_MM and other.depth_mm * other.hinge_mm > area:
                best, area = other, other.depth_mm * other.hinge_mm
        if best.depth_mm > _NEXT_TO_NOTHING_MM:
            break
    return best


def lying(shape: joint.TabShape, onto: Rigid) -> Lying:
    """A tab on the flat."""
    return Lying(onto.apply_all(flat_points(shape.path)[:-1]))
