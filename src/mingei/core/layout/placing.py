"""Free places for words on a page: none stands on a line, on a card, on other words or outside what the
printer reaches.

A *wish* is words with the places they may stand at, the best first.  Wishes are granted in their order; the
first place that is free is taken, and words that find none are left out.
"""

from __future__ import annotations

import math
from collections.abc import Iterable, Sequence
from typing import TYPE_CHECKING, Any, NamedTuple

from mingei.core.layout.drawing import Stroke, Text
from mingei.core.layout.lettering import FALL, RISE, width
from mingei.core.plane.shape import Box, Point, Polygon, flat_points

if TYPE_CHECKING:
    from shapely import STRtree

#: Words keep so far from everything, mm.
CLEAR_MM = 0.25
#: Where letters stand about the middle of capitals, in ems: words set in the middle have their baseline so
#: far beneath it.
BASELINE = 0.35


class Place(NamedTuple):
    """The middle of some words, mm, their size, mm, and turn, degrees."""

    middle: Point
    size: float
    turn_deg: float = 0.0


class Wish(NamedTuple):
    """words: to be placed; places: where they may stand; within: the outline they must keep inside, None
    where they must keep off all card; bold: in the heavier weight; on_bleed: they may stand on what is
    printed past the card where they find no other place."""

    words: str
    places: Sequence[Place]
    within: Polygon | None = None
    bold: bool = False
    on_bleed: bool = False


def box_of(words: str, place: Place, bold: bool = False, clear: float = 0.0) -> Polygon:
    """The rectangle round words at a place, mm."""
    half = width(words, place.size, bold) / 2 + clear
    low, high = -(BASELINE + FALL) * place.size - clear, (RISE - BASELINE) * place.size + clear
    turn = math.radians(place.turn_deg)
    cos, sin, (x, y) = math.cos(turn), math.sin(turn), place.middle
    corners = ((-half, low), (half, low), (half, high), (-half, high))
    return tuple((x + a * cos - b * sin, y + a * sin + b * cos) for a, b in corners)


class Ground:
    """A page as far as words must keep clear of it: its lines, its card and what is printed past that, and
    the words already placed."""

    def __init__(self, strokes: Iterable[Stroke], cards: Sequence[Polygon], limits: Box,
                 bled: Sequence[Polygon] = ()) -> None:
        """bled: what is printed past the cards."""
        from shapely import (  # slow to load, and no page is drawn before it is looked at
            STRtree,
            box,
            linestrings,
            polygons,
        )

        lines = [points for s in strokes if len(points := flat_points(s.path, 0.1)) > 1]
        self._lines: STRtree = STRtree(linestrings([p for points in lines for p in points],
                                                   indices=[i for i, points in enumerate(lines)
                                                            for _ in points]) if lines else [])
        self._cards: STRtree = STRtree([polygons(card) for card in cards])
        self._bled: STRtree = STRtree([polygons(outline) for outline in bled])
        self._limits = box(limits.left, limits.bottom, limits.right, limits.top)
        self._taken: list[Any] = []

    def take(self, outlines: Iterable[Polygon]) -> None:
        """Keep other words off these places."""
        from shapely import polygons

        self._taken += [polygons(outline) for outline in outlines]

    def grant(self, wishes: Iterable[Wish]) -> list[Text]:
        """The words that found a place."""
        granted = []
        for wish in wishes:
            place = self._first_free(wish)
            if place is not None:
                granted.append(Text(place.middle, place.size, wish.words, wish.bold, True, place.turn_deg))
        return granted

    def _first_free(self, wish: Wish) -> Place | None:
        import numpy as np
        from shapely import STRtree, covers, polygons, prepare

        if not wish.places:
            return None
        boxes = polygons(np.array([box_of(wish.words, place, wish.bold, CLEAR_MM) for place in wish.places]))
        free = covers(self._limits, boxes)
        if wish.within is not None:
            inside = polygons(wish.within)
            prepare(inside)
            free &= covers(inside, boxes)
        trees = [self._lines, *([self._cards] if wish.within is None else []),
                 *([STRtree(self._taken)] if self._taken else [])]
        for tree in trees:
            free[tree.query(boxes, predicate="intersects")[0]] = False
        if wish.within is None:
            clean = free.copy()
            clean[self._bled.query(boxes, predicate="intersects")[0]] = False
            free = clean if clean.any() or not wish.on_bleed else free
        first = int(free.argmax())
        if not free[first]:
            return None
        self._taken.append(boxes[first])
        return wish.places[first]


def fitted(words: str, room: float, sizes: Sequence[float], bold: bool = False) -> tuple[str, float]:
    """Words and the largest size at which they are no wider than the room, mm; cut short at the smallest
    where none is."""
    for size in sizes:
        if width(words, size, bold) <= room:
            return words, size
    size = sizes[-1]
    while len(words) > 1 and width(words + "…", size, bold) > room:
        words = words[:-1].rstrip()
    return words + "…", size
