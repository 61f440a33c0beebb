"""Rules about standing: what is meant to stand does, when it is tilted as far as was asked.

Nothing here asks how it was drafted: the folded panels are weighed where they are, each with its own stock,
and what of them touches the floor is what it stands on.
"""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from typing import NamedTuple

import numpy as np

from mingei.core.check import Finding, Severity, rule
from mingei.core.document.build import Build
from mingei.core.flat.pattern import Pattern
from mingei.core.folded.fold import finished, place
from mingei.core.layout.sheets import Sheet
from mingei.core.length import write_mm
from mingei.core.picture.boards import STAGGER_MM
from mingei.core.picture.standing import Tip, push_n, tips
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Point
from mingei.core.words import say

#: What lies no higher than this over the lowest point touches the floor, mm.
_ON_FLOOR_MM = 0.05
#: So much less than asked is as much, degrees.
_HAIR_DEG = 0.05


class Resting(NamedTuple):
    """A thing on the floor: the convex hull of what touches it, counter-clockwise, mm; the point below its
    centre of mass, how high that lies, and how high the whole is, mm; its mass, g."""

    footprint: tuple[Point, ...]
    under: Point
    height: float
    top: float
    mass_g: float


def resting(patterns: Sequence[Pattern]) -> Resting:
    """How a finished thing stands, card and board alone."""
    corners, moments, mass = [], np.zeros(3), 0.0
    for pattern in patterns:
        if pattern.rides is not None:
            continue
        half, posed = pattern.stock.caliper_mm / 2, finished(pattern)
        for panel in pattern.panels:
            at = posed[panel.name]
            corners += [place(at, panel.standing, half), place(at, panel.standing, -half)]
            area = area_of(panel.standing, panel.hole_polygons)
            grams = float(area.area) * pattern.stock.grammage_gsm / 1e6
            middle = place(at, ((float(area.centroid.x), float(area.centroid.y)),))[0]
            moments += grams * middle
            mass += grams
    points = np.concatenate(corners)
    low = float(points[:, 2].min())
    floor = points[points[:, 2] <= low + _ON_FLOOR_MM][:, :2]
    centre = moments / mass
    return Resting(_hull(floor), (float(centre[0]), float(centre[1])), float(centre[2]) - low,
                   float(points[:, 2].max()) - low, mass)


def _hull(points: np.typing.NDArray[np.float64]) -> tuple[Point, ...]:
    from shapely import MultiPoint

    hull = MultiPoint(points).convex_hull
    if hull.geom_type != "Polygon":
        return tuple((float(x), float(y)) for x, y in hull.coords)
    ring = hull.exterior if hull.exterior.is_ccw else hull.exterior.reverse()
    return tuple((float(x), float(y)) for x, y in list(ring.coords)[:-1])


def _towards(tip: Tip) -> str:
    """In words, the way it falls."""
    x, y = tip.way
    if abs(x) > abs(y):
        return "to a side"
    return "backward" if y > 0 else "forward"


@rule("stands")
def stands(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """What is meant to stand is weighed where it stands, and tipped over every side of its footprint."""
    asked = build.draft.tilt_deg
    if not asked or build.brief.enlarged != 1.0:
        return
    rests = resting(build.patterns)
    ways = tips(rests.footprint, rests.under, rests.height)
    if len(rests.footprint) < 3 or not ways:
        yield Finding("stands", Severity.ERROR, "it stands on a line, and falls over", "stands",
                      "choose another way to hold it up")
        return
    least = min(ways, key=lambda tip: tip.tilt_deg)
    push = push_n(rests.mass_g, least.away, rests.top)
    if least.tilt_deg < asked - _HAIR_DEG:
        yield Finding("stands", Severity.ERROR,
                      say("tilted {way} by {tilt:.1f} degrees it falls over", way=_towards(least),
                          tilt=max(0.0, least.tilt_deg)), "stands",
                      say("give it a wider foot, or ask for {tilt:.0f} degrees at the most",
                          tilt=max(0.0, least.tilt_deg // 1)))
        return
    yield Finding("stands", Severity.NOTE,
                  say("it stands when it is tilted {tilt:.0f} degrees, and a push of {push} N at its "
                      "top tips "
                      "it {way} (card alone, {mass:.0f} g)", tilt=least.tilt_deg // 1, push=_newtons(push),
                      way=_towards(least), mass=rests.mass_g), "stands",
                  "weigh its foot down where people or wind pass by; keep it away from small children and "
                  "out of the way")


@rule("backing", thorough=True, of_sheet=True)
def backing(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """How many boards back a figure, and whether their seams keep clear of those of its sheets."""
    from mingei.core.layout.backing import backing_of

    backed = build.draft.backed
    if backed is None or build.brief.enlarged != 1.0:
        return
    pattern = next(p for p in build.patterns if backed.panel in p.by_name)
    found = backing_of(pattern, backed, sheet)
    near = found.near < STAGGER_MM
    yield Finding("backing", Severity.LOOK if near else Severity.NOTE,
                  say("{count} boards of {wide} x {high} back it, and {waste:.0f} % of them is waste",
                      count=len(found.boards), wide=write_mm(backed.wide), high=write_mm(backed.high),
                      waste=100 * found.waste), "backing",
                  say("a seam of theirs lies {near} from one of its sheets: glue a strip over it, or take "
                      "another "
                      "overlap", near=write_mm(found.near)) if near
                  else "cut nothing to size: tape them, glue the figure on, then cut along its outline")


def _newtons(push: float) -> str:
    return f"{push:.2f}" if push < 1 else f"{push:.1f}"
