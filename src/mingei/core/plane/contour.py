"""Outlines as a person keeps them: corners in mm, each with the angle the side after it turns through; and
their form as one line of text.

``"0,0 40,0 40,30,90 0,30"`` is a rectangle 40 by 30 whose upper side bulges outward as a quarter arc.
Outlines run counter-clockwise. A *shape* is an outline with the outlines of its openings, written one after
the other with semicolons between.
"""

from __future__ import annotations

import math
from functools import lru_cache
from typing import NamedTuple, TypeAlias

from mingei.core.errors import MeasureError
from mingei.core.plane.shape import Box, Line, Path, Point, arc_on, flat_points, path_bounds, signed_area
from mingei.core.words import say

#: An outline of more corners is no drawing made by hand, and would stop everything else.
MOST_CORNERS = 2000
#: Sides shorter than this (mm) cannot be cut, and are joined with their neighbours.
SHORTEST_MM = 0.05


class Knot(NamedTuple):
    """A corner of an outline, mm, and through how many degrees the side after it turns: 0 straight, positive
    counter-clockwise."""

    x: float
    y: float
    sweep_deg: float = 0.0

    @property
    def at(self) -> Point:
        return self.x, self.y


Outline: TypeAlias = tuple[Knot, ...]


@lru_cache(maxsize=64)
def read(text: str, ours: bool = False) -> Outline:
    """The outline a line of text says; ours: it is known to be sound.  Raises MeasureError naming the corner
    at fault."""
    words = text.split()
    if not 2 <= len(words) <= MOST_CORNERS:
        raise MeasureError(say("an outline has 2 to {most} corners", most=MOST_CORNERS), "outline",
                           "write each as x,y in mm")
    knots = []
    for number, word in enumerate(words, 1):
        try:
            values = [float(v) for v in word.split(",")]
        except ValueError:
            values = []
        if len(values) not in (2, 3) or not all(math.isfinite(v) and abs(v) < 1e5 for v in values):
            raise MeasureError(say("{word!r} is no corner", word=word[:40]),
                               say("outline, corner {number}", number=number),
                               "write x,y or x,y,turn in mm and degrees")
        knots.append(Knot(*values))
    return tuple(knots) if ours else sound(tuple(knots))


@lru_cache(maxsize=64)
def read_shape(text: str, ours: bool = False) -> tuple[Outline, ...]:
    """The shape a line of text says, its outer outline first; ours: it is known to be sound.

    Raises MeasureError when an opening does not lie within the outline, clear of the others.
    """
    outer, *inner = (read(part, ours) for part in text.split(";"))
    if inner and not ours:
        from shapely.geometry import Polygon as Area

        whole = Area(flat_points(path(outer))[:-1])
        holes = [Area(flat_points(path(o))[:-1]) for o in inner]
        for number, hole in enumerate(holes, 1):
            if not whole.contains(hole) or any(hole.intersects(other) for other in holes[:number - 1]):
                raise MeasureError(say("opening {number} does not lie clear within the outline",
                                       number=number), "outline",
                                   "draw it inside, and apart from the others")
    return (outer, *inner)


def write_shape(shape: tuple[Outline, ...]) -> str:
    """The line of text that ``read_shape`` understands."""
    return ";".join(write(outline) for outline in shape)


def write(outline: Outline) -> str:
    """The line of text that ``read`` understands."""
    return " ".join(",".join(f"{v:.6g}" if abs(v) < 1e-9
                             or v == int(v) else f"{v:.6f}".rstrip("0").rstrip(".") for v in
                             (k[:2] if k.sweep_deg == 0.0 else k)) for k in outline)


def sound(outline: Outline) -> Outline:
    """The outline counter-clockwise, without sides too short to cut.

    Raises MeasureError when it crosses itself, encloses nothing or turns too far on one side.
    """
    kept: list[Knot] = []
    for knot in outline:
        if kept and math.dist(kept[-1].at, knot.at) < SHORTEST_MM:
            kept[-1] = kept[-1]._replace(sweep_deg=knot.sweep_deg)
        else:
            kept.append(knot)
    if len(kept) > 2 and math.dist(kept[-1].at, kept[0].at) < SHORTEST_MM:
        kept.pop()
    if len(kept) < 2 or (len(kept) == 2 and not any(k.sweep_deg for k in kept)):
        raise MeasureError("the outline encloses nothing", "outline", "give it at least three corners")
    if any(abs(k.sweep_deg) > 359.0 for k in kept):
        raise MeasureError("one side turns a whole circle", "outline", "divide it in two")
    points = flat_points(path(tuple(kept)), 0.05)[:-1]
    area = signed_area(points)
    if abs(area) < 1.0:
        raise MeasureError("the outline encloses nothing", "outline", "draw it larger")
    from shapely import is_valid_reason  # only outlines of a person's own need it
    from shapely.geometry import Polygon as Area

    if not Area(points).is_valid:
        where = is_valid_reason(Area(points))
        numbers = where[where.find("[") + 1:where.find("]")].split() if "[" in where else []
        spot = ", ".join(f"{float(n):.1f}" for n in numbers)
        raise MeasureError(say("the outline crosses itself near {spot}", spot=spot) if spot
                           else "the outline crosses itself", "outline",
                           "draw it so that it runs round once")
    return tuple(kept) if area > 0 else reversed_outline(tuple(kept))


def reversed_outline(outline: Outline) -> Outline:
    """The same outline walked the other way."""
    count = len(outline)
    return tuple(Knot(*outline[-i % count].at, -outline[(-i - 1) % count].sweep_deg or 0.0)
                 for i in range(count))


def path(outline: Outline) -> Path:
    """Its closed path."""
    sides = zip(outline, (*outline[1:], outline[0]), strict=True)
    return tuple(arc_on(a.at, b.at, a.sweep_deg) if a.sweep_deg else Line(a.at, b.at) for a, b in sides)


def box(outline: Outline) -> Box:
    return path_bounds([path(outline)])


def sized(outline: Outline, width: float) -> Outline:
    """Scaled to a width in mm, its lower left corner at the origin."""
    return sized_shape((outline,), width)[0]


def sized_shape(shape: tuple[Outline, ...], width: float) -> tuple[Outline, ...]:
    """Scaled so that its outer outline has a width in mm, and its lower left corner lies at the origin."""
    around = box(shape[0])
    factor = width / around.width
    return tuple(tuple(Knot((k.x - around.left) * factor, (k.y - around.bottom) * factor, k.sweep_deg)
                       for k in o) for o in shape)
