"""A ball's skin in bands: rings of cones that touch the ball, wider towards its equator, and a disc for each
pole.

A band's middle lies on the ball and its slope is the ball's there, so that at angle m from the pole it is the
frustum of the cone that touches the ball along that parallel (a right cone of slant D/2 tan m, the handbook's
tangent cone).  Each laps over the next towards the equator, where a plain strip goes round.
"""

from __future__ import annotations

import math
from collections.abc import Iterator
from dataclasses import replace

from mingei.core.draft import Draft, Handwork, Piece, Placement, Round
from mingei.core.drafting.roll import Rolled, Wall, disc, facet_count, gores_of, roll, stands
from mingei.core.drafting.star import lid_at
from mingei.core.errors import MeasureError
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.tube import LAP
from mingei.core.words import say

#: How far a facet may stand off the circle, mm: paper is pressed round anyway.
_CHORD_MM = 0.5
#: A sector wider than this on the flat has no room for its lap, degrees: it is made in halves.
_WIDEST_DEG = 290.0
#: A smaller opening cannot be rolled, mm.
_LEAST_RIM_MM = 6.0


def band_walls(values: Values) -> list[tuple[Wall, float]]:
    """The bands from the one beside the pole to the one round the equator, each with the height of its foot
    above the middle, mm."""
    size, over, count = float(values["diameter"]), float(values["over"]), int(values["bands"])
    radius = size / 2
    hole = (float(values["cap"]) / 2 - over) / radius
    each = (math.pi / 2 - hole) / (count + 0.5)
    found = []
    for number in range(count):
        middle, half = hole + (number + 0.5) * each, radius * each / 2
        sin, cos = math.sin(middle), math.cos(middle)
        down = half + over  # along the slope, past the middle: its lower rim laps over the next band
        low, high = 2 * (radius * sin + down * cos), 2 * (radius * sin - half * cos)
        found.append((Wall(low, high, (half + down) * sin, facet_count(low, _CHORD_MM)),
                      radius * cos - down * sin))
    found.append((Wall(size, size, radius * each, facet_count(size, _CHORD_MM)), -radius * each / 2))
    return found


def _turned_over(at: Placement) -> Placement:
    """The same place below the equator: half a turn about the x axis, whose height is 0."""
    return Placement(*((x, -y, -z) for x, y, z in at))


def _raised(at: Placement, by: float) -> Placement:
    x, y, z = at.origin
    return at._replace(origin=(x, y, z + by))


def _rings(name: str, wall: Wall, lap: float) -> Iterator[tuple[str, Rolled, int]]:
    """A band in one piece, or in two where its sector is too wide for its lap: name, panels, the facet it
    begins with."""
    if math.degrees(abs(wall.phi)) * wall.facets <= _WIDEST_DEG:
        yield name, roll(name, wall, lap, 1, spiral=False), 0
    else:
        for half, part in enumerate(gores_of(name, wall, 2, lap, 1)):
            yield f"{name} half {half + 1}", part, half * wall.facets // 2


def draft_bands(values: Values) -> Draft:
    """diameter: of the ball; bands: from each pole to the equator's own; cap: diameter of the discs; over;
    lap: mm."""
    size, lap = float(values["diameter"]), float(values["lap"])
    walls = band_walls(values)
    pieces = []
    for number, (wall, foot) in enumerate(walls, 1):
        equator = number == len(walls)
        for way in ("equator",) if equator else ("upper", "lower"):
            for name, part, first in _rings(way if equator else f"{way} band {number}", wall, lap):
                at = _raised(stands(wall, first), foot)
                pieces.append(Piece(name, part.panels[0].name,
                                    _raised(_turned_over(at) if way == "lower" else at, size / 2),
                                    part.panels,
                                    folds=part.folds, seams=(), laps=part.laps))
    nearest, foot = walls[0]
    for way in ("upper", "lower"):
        # flat paper stands off the ball at its edge; so does the first band's rim
        at = lid_at(max(size / 2, foot + nearest.stands))
        face = disc(f"{way} cap", float(values["cap"]), facet_count(float(values["cap"]), _CHORD_MM), 1)
        pieces.append(Piece(f"{way} cap", f"{way} cap",
                            _raised(_turned_over(at) if way == "lower" else at, size / 2), (face,), folds=()))
    laid = Handwork("skin",
                    say("Glue the equator's strip round the ball, then the bands towards the poles, each "
                                "lapping over the last, and a disc on each pole."), "equator",
                    uses=tuple(p.root for p in pieces), glue_mm2=math.pi * size**2)
    return Draft(tuple(pieces), closes=False, round=Round(size, poles=(0.0, size)), handwork=(laid,))


def _sound(values: Values) -> None:
    size, over, cap = (float(values[k]) for k in ("diameter", "over", "cap"))
    if cap < _LEAST_RIM_MM + 2 * over:
        raise MeasureError("the opening under so small a disc cannot be rolled", "cap",
                           "make it larger, or let the bands lap less")
    if cap > size / 2:
        raise MeasureError("so large a disc does not lie on the ball", "cap",
                           "keep it under half the ball's diameter")
    (wall, _), *_ = walls = band_walls(values)
    if over > 0.5 * min(w.slant for w, _ in walls):
        raise MeasureError("the bands would lap over each other by half", "over",
                           "let them lap less, or take fewer bands")
    if float(values["lap"]) > 0.25 * math.pi * wall.high:
        raise MeasureError("so long a lap goes round a quarter of the smallest band", "lap",
                           "shorten it, or make the discs larger")


RECIPE = Recipe(
    id="ball-bands", title="Banded ball skin", family="round",
    purpose="covers a ball with rings, for patterns that go round it",
    also=("sphere", "globe", "planet", "bauble", "barrel"),
    measures=(
        Measure("diameter", Kind.LENGTH, 60.0, "of the ball", 30.0, 300.0),
        Measure("bands", Kind.COUNT, 3.0,
                "rings between each disc and the strip round the equator: more lie smoother", 1.0, 6.0),
        Measure("cap", Kind.LENGTH, 20.0, "diameter of the discs at the poles", 10.0, 100.0),
        Measure("over", Kind.LENGTH, 3.0, "how far each band lies over the next", 1.0, 10.0,
                label="Band over", stays=True),
        replace(LAP, default=5.0, minimum=2.0, maximum=30.0),
    ),
    draft=draft_bands, thinnest=0.08, thickest=0.3, contradictions=_sound, gives=("cap", "lap", "over"),
    stock="copy-80",
)
