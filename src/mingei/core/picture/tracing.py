"""From a picture to the outline of what is seen in it.

A picture comes as an array of pixels (height, width, 4): red, green, blue and alpha, 0 to 255, the top row
first.  What is ground is either transparent, or joined to the picture's border and near it in colour; what a
person points at besides is ground too, or figure again.  The outline is traced round whole pixels, brought
within a stated deviation by straight sides, and given a border, all in mm at the height the figure will have.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.errors import MeasureError
from mingei.core.length import write_mm
from mingei.core.plane.contour import MOST_CORNERS, SHORTEST_MM, Knot, Outline
from mingei.core.plane.shape import Box
from mingei.core.words import Words, say

Pixels = NDArray[np.uint8]
Mask = NDArray[np.bool_]

#: Of a picture with at least this share of its pixels see-through the ground is what is see-through.
_SEE_THROUGH = 0.01
_HALF_SEEN = 128
#: The furthest two colours are apart.
MOST_TOLERANCE = 441.0
#: Parts and holes smaller than this share of the figure are specks, and dropped or filled.
_SPECK = 0.002
#: A foot is so high at the least, mm, and as a share of the figure.
_FOOT_MM, _FOOT_SHARE = 10.0, 0.06
#: A figure of more runs of dots, row by row, is noise; the steps of its dots are smoothed by so many dots.
_MOST_RUNS, _STEPS = 12_000, 0.71
#: Sides that follow a picture nearer than so many of its dots follow the dots.
_DOTS = 0.8
#: So many corners all outlines together have at the most: a hand or a knife follows no more.
_MOST_CORNERS = 1200


class Pressed(NamedTuple):
    """A place a person pointed at, px from the left and the top: what is alike and joined there is ground, or
    figure again."""

    x: int
    y: int
    ground: bool = True


class Wanted(NamedTuple):
    """What is asked of an outline.

    height: of the figure without border, mm; tolerance: how far a colour may be from the ground's (0 to 441,
    a distance in red, green and blue) and be ground; pressed: besides, in their order; holes: kept, or
    filled; border: mm; deviation: how far sides may stray, mm; thinnest: no part is narrower, mm; widened:
    what is narrower is made as wide, or left and told; level: its lowest parts are
    filled out to a straight line as far up as this, mm; foot: a straight foot so wide is put under it, mm, 0
    for none.
    """

    height: float = 300.0
    tolerance: float = 40.0
    pressed: tuple[Pressed, ...] = ()
    holes: bool = False
    border: float = 3.0
    deviation: float = 0.5
    thinnest: float = 3.0
    widened: bool = False
    level: float = 0.0
    foot: float = 0.0


class Traced(NamedTuple):
    """outlines: the outer one, then those of its holes, mm, its lower left corner the origin; seen: the
    rectangle round it in the picture, px from the left and from the bottom, which may reach past the picture;
    mm: of one px; told: what was done and what is left, in words."""

    outlines: tuple[Outline, ...]
    seen: Box
    mm: float
    told: tuple[Words | str, ...]


def check(wanted: Wanted) -> None:
    """Raises MeasureError naming the value at fault and what is taken."""
    for name, value, least, most in (
            ("height", wanted.height, 10.0, 2500.0), ("border", wanted.border, 0.0, 100.0),
            ("deviation", wanted.deviation, 0.05, 20.0), ("thinnest", wanted.thinnest, 0.0, 200.0),
            ("level", wanted.level, 0.0, wanted.height / 2), ("foot", wanted.foot, 0.0, 2500.0)):
        if not least <= value <= most:
            raise MeasureError(say("{value} is not taken", value=write_mm(value)), name,
                               say("write {least} to {most}", least=write_mm(least), most=write_mm(most)))
    if not 0.0 <= wanted.tolerance <= MOST_TOLERANCE:
        raise MeasureError(say("{value:g} is no distance of colours", value=wanted.tolerance), "tolerance",
                           say("write 0 to {most:g}", most=MOST_TOLERANCE))


def figure(pixels: Pixels, wanted: Wanted) -> Mask:
    """Which pixels are figure.  Raises MeasureError where none, or all, are."""
    from scipy import ndimage

    alpha = pixels[:, :, 3]
    if float((alpha < _HALF_SEEN).mean()) >= _SEE_THROUGH:
        mask = alpha >= _HALF_SEEN
    else:
        near = _near(pixels, _ground(pixels), wanted.tolerance)
        parts, _ = ndimage.label(near)
        rim = np.unique(np.concatenate([parts[0], parts[-1], parts[:, 0], parts[:, -1]]))
        # where holes are kept, what shows the ground within the figure is one
        mask = ~near if wanted.holes else ~np.isin(parts, rim[rim > 0])
    for spot in wanted.pressed:
        if not (0 <= spot.y < mask.shape[0] and 0 <= spot.x < mask.shape[1]):
            continue
        alike = _near(pixels, pixels[spot.y, spot.x, :3].astype(np.float64), wanted.tolerance)
        alike &= mask if spot.ground else ~mask
        parts, _ = ndimage.label(alike)
        if parts[spot.y, spot.x]:
            mask = mask ^ (parts == parts[spot.y, spot.x])
    if not mask.any():
        raise MeasureError("nothing in the picture differs from its ground", "picture",
                           "lower the tolerance, or take a picture on a plain ground")
    if mask.all():
        raise MeasureError("nothing in the picture is ground", "picture",
                           "raise the tolerance, or press on what is ground")
    whole = _without_specks(mask, wanted.holes)
    if not whole.any():
        raise MeasureError("what differs from the ground is specks alone", "picture",
                           "raise the tolerance, or take a picture on a plain ground")
    return whole


def _ground(pixels: Pixels) -> NDArray[np.float64]:
    """The colour most of the border has: its median."""
    rim = np.concatenate([pixels[0], pixels[-1], pixels[:, 0], pixels[:, -1]])[:, :3]
    return np.asarray(np.median(rim, axis=0), np.float64)


def _near(pixels: Pixels, colour: NDArray[np.float64], tolerance: float) -> Mask:
    away = pixels[:, :, :3].astype(np.float64) - colour
    return np.asarray((away * away).sum(axis=2) <= tolerance * tolerance)


def _without_specks(mask: Mask, holes: bool) -> Mask:
    """The figure without crumbs beside it, and without holes, or without pinholes where they are kept."""
    from scipy import ndimage

    parts, count = ndimage.label(mask)
    sizes = ndimage.sum_labels(mask, parts, np.arange(1, count + 1))
    kept = np.isin(parts, 1 + np.flatnonzero(sizes >= _SPECK * sizes.sum()))
    filled = ndimage.binary_fill_holes(kept)
    if not holes:
        return np.asarray(filled)
    gaps, count = ndimage.label(filled & ~kept)
    sizes = ndimage.sum_labels(gaps > 0, gaps, np.arange(1, count + 1))
    small = np.isin(gaps, 1 + np.flatnonzero(sizes < _SPECK * kept.sum()))
    return np.asarray(kept | small)


def joined(pictures: Sequence[Pixels], overlap: float = 0.0) -> Pixels:
    """Several pictures side by side on one ground line, each lying over the one before by a share of its
    width; what lies between is see-through."""
    high = max(p.shape[0] for p in pictures)
    places, x = [], 0
    for p in pictures:
        places.append(x)
        x += round(p.shape[1] * (1.0 - overlap))
    out = np.zeros((high, max(x0 + p.shape[1] for x0, p in zip(places, pictures, strict=True)), 4), np.uint8)
    for x0, p in zip(places, pictures, strict=True):
        part = out[high - p.shape[0]:, x0:x0 + p.shape[1]]
        part[:] = np.where(p[:, :, 3:] >= _HALF_SEEN, p, part)
    return out


def trace(pixels: Pixels, wanted: Wanted, step: Callable[[], None] = lambda: None) -> Traced:
    """The outline of what is seen.  step: called on the way, may raise.

    Raises MeasureError where nothing is seen, where what is seen comes in parts that no border joins, or
    where nothing is left of it.
    """
    mask = figure(pixels, wanted)
    step()
    rows = np.flatnonzero(mask.any(axis=1))
    mm = wanted.height / float(rows[-1] - rows[0] + 1)
    area = _area(mask, mm)
    step()
    told: list[Words | str] = []
    if wanted.border > 0:
        area = area.buffer(wanted.border, quad_segs=16)
        if not wanted.holes:
            area = _filled(area)
    area = _levelled(area, wanted)
    step()
    area = _as_wide(area, wanted, told)
    area = _levelled(_whole(area, wanted), wanted)
    # nearer than a dot it would follow the dots
    area, reached = _simple(area, max(wanted.deviation, _DOTS * mm), step)
    if reached > wanted.deviation + 1e-9:
        told.append(say("its sides follow the picture within {reached}, not {asked}: one dot of it is {dot}",
                        reached=write_mm(reached), asked=write_mm(wanted.deviation), dot=write_mm(mm))
                    if reached <= _DOTS * mm + 1e-9 else
                    say("its sides follow the picture within {reached}, not {asked}: it is too rich in "
                        "corners", reached=write_mm(reached), asked=write_mm(wanted.deviation)))
    left, bottom, right, top = area.bounds
    rings = [area.exterior, *area.interiors]
    outlines = tuple(_outline(ring, left, bottom, outer=i == 0) for i, ring in enumerate(rings))
    if len(outlines) > 1:
        told.append(say("{count} holes are kept" if len(outlines) > 2 else "{count} hole is kept",
                        count=len(outlines) - 1))
    return Traced(outlines, Box(left / mm, bottom / mm, right / mm, top / mm), mm, tuple(told))


def _area(mask: Mask, mm: float) -> Any:
    """The area of some pixels, mm, the picture's lower left corner the origin: runs of rows, joined."""
    from shapely import box, union_all

    high = mask.shape[0]
    padded = np.zeros((high, mask.shape[1] + 2), np.int8)
    padded[:, 1:-1] = mask
    turns = np.diff(padded, axis=1)
    row, start = np.nonzero(turns == 1)
    if len(row) > _MOST_RUNS:
        raise MeasureError("the figure is too ragged to be cut out", "picture",
                           "raise the tolerance, or take a smoother picture")
    _, end = np.nonzero(turns == -1)
    whole = union_all(box(start * mm, (high - 1 - row) * mm, end * mm, (high - row) * mm))
    return whole.simplify(_STEPS * mm)


def _levelled(area: Any, wanted: Wanted) -> Any:
    """Its lowest parts filled out to a straight line, each leg for itself, and a foot under it."""
    from shapely import box

    left, bottom, right, _ = area.bounds
    whole = area
    if wanted.level > 0:
        legs = area.intersection(box(left, bottom, right, bottom + wanted.level))
        for leg in getattr(legs, "geoms", [legs]):
            x0, _, x1, y1 = leg.bounds
            if x1 > x0 and y1 >= bottom + wanted.level - 1e-6:
                whole = whole.union(box(x0, bottom, x1, y1))
    if wanted.foot > 0:
        middle = float(area.centroid.x)
        high = max(_FOOT_MM, _FOOT_SHARE * wanted.height)
        whole = whole.union(box(middle - wanted.foot / 2, bottom, middle + wanted.foot / 2, bottom + high))
    return whole


def _filled(area: Any) -> Any:
    from shapely import Polygon, union_all

    return union_all([Polygon(part.exterior) for part in getattr(area, "geoms", [area])])


def _as_wide(area: Any, wanted: Wanted, told: list[Words | str]) -> Any:
    """No part narrower than asked: widened, or told with where it is."""
    half = wanted.thinnest / 2
    if half <= 0:
        return area
    open_ = area.buffer(-half, quad_segs=4).buffer(half * 1.02, quad_segs=4)
    thin = area.difference(open_)
    parts = [p for p in getattr(thin, "geoms", [thin]) if p.area > half * half]
    if not parts:
        return area
    if wanted.widened:
        told.append(say("{count} thin parts are widened to {least}" if len(parts) > 1
                        else "{count} thin part is widened to {least}", count=len(parts),
                        least=write_mm(wanted.thinnest)))
        from shapely import union_all

        return union_all([area, *(p.buffer(half, quad_segs=4) for p in parts)])
    _, bottom, _, _ = area.bounds
    worst = max(parts, key=lambda p: p.area)
    told.append(say("{count} parts are narrower than {least}; the largest lies {up} above its foot"
                    if len(parts) > 1
                    else "{count} part is narrower than {least}; it lies {up} above its foot",
                    count=len(parts), least=write_mm(wanted.thinnest),
                    up=write_mm(worst.centroid.y - bottom)))
    return area


def _whole(area: Any, wanted: Wanted) -> Any:
    """What hangs together.  Raises MeasureError naming how many parts there are and the border that would
    join them."""
    parts = sorted(getattr(area, "geoms", [area]), key=lambda p: -p.area)
    if not parts or parts[0].is_empty:
        raise MeasureError("nothing is left of the figure", "picture", "ask for less")
    large = [p for p in parts if p.area >= _SPECK * parts[0].area]
    if len(large) > 1:
        from shapely import STRtree

        _, gaps = STRtree(large).query_nearest(large, exclusive=True, return_distance=True)
        apart = float(gaps.max())
        raise MeasureError(say("the figure comes in {count} parts", count=len(large)), "picture",
                           say("give it a border of {least} or more, or bring in one at a time",
                               least=write_mm(wanted.border + apart / 2 + 0.5)))
    return large[0]


def _simple(area: Any, deviation: float, step: Callable[[], None]) -> tuple[Any, float]:
    """With as few corners as the deviation allows, mm; and the deviation that was needed for few enough."""
    from shapely.geometry import Polygon

    while True:
        plainer = area.simplify(deviation)
        # where a bridge has no width it comes apart
        found = max(getattr(plainer, "geoms", [plainer]), key=lambda part: part.area)
        found = Polygon(found.exterior, [r for r in found.interiors if Polygon(r).area > 4 * deviation])
        corners = sum(len(r.coords) - 1 for r in (found.exterior, *found.interiors))
        if corners <= min(_MOST_CORNERS, MOST_CORNERS) and found.is_valid:
            return found, deviation
        deviation *= 1.3
        step()


def _outline(ring: Any, left: float, bottom: float, outer: bool) -> Outline:
    points = [(x - left, y - bottom) for x, y in list(ring.coords)[:-1]]
    if ring.is_ccw != True:  # noqa: E712  (an array's truth)
        points.reverse()
    kept: list[Knot] = []
    for x, y in points:
        if not kept or abs(x - kept[-1].x) + abs(y - kept[-1].y) > SHORTEST_MM:
            kept.append(Knot(round(x, 4), round(y, 4)))
    return tuple(kept)
