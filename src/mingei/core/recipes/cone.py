"""A round cone or frustum from one sector or several gores, open or closed with discs on teeth."""

from __future__ import annotations

import math
from dataclasses import replace

from mingei.core.draft import Draft, Piece, Round
from mingei.core.drafting.content import turned_round
from mingei.core.drafting.roll import Wall, disc, facet_count, gores_of, roll, stands, teeth
from mingei.core.drafting.star import ON_THE_TABLE, lid_at
from mingei.core.errors import MeasureError
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.tube import BASE, BOTH, LAP, OPEN, SMOOTH, TOOTH, teeth_fit

#: A sector wider than this on the flat would meet its own lap, degrees; a smaller opening cannot be rolled,
#: and a wall that narrows by less is a tube, mm.
_WIDEST_DEG, _LEAST_RIM_MM, _LEAST_TAPER_MM = 300.0, 6.0, 1.0


def cone_wall(values: Values) -> Wall:
    foot, rim, count = float(values["foot"]), float(values["rim"]), int(values["gores"])
    facets = facet_count(max(foot, rim), float(values["smooth"]))
    return Wall(foot, rim, float(values["height"]), count * math.ceil(facets / count))
#: A wall that stands less than this from a disc (degrees) cannot be joined to it by teeth.
_FLATTEST_DEG = 5.0


def draft_cone(values: Values) -> Draft:
    """foot, rim: inside diameters below and above, mm, 0 for a point; height: upright; gores; lap; ends;
    tooth; smooth."""
    tooth, ends, count = float(values["tooth"]), str(values["ends"]), int(values["gores"])
    wall = cone_wall(values)
    closed = [name for name, kinds in (("base", (BASE, BOTH)), ("top", (BOTH,))) if ends in kinds]
    step = 2 if closed else 1
    parts = (gores_of("wall", wall, count, float(values["lap"]), step) if count > 1
             else (roll("wall", wall, float(values["lap"]), step, spiral=False),))
    pieces = []
    for number, part in enumerate(parts):
        here = range(number * wall.facets // count, (number + 1) * wall.facets // count)
        seams = tuple(seam for name in closed
                      for seam in teeth(f"{name} teeth {number + 1}" if count > 1 else f"{name} teeth",
                                        "wall", wall, name, tooth, 1,
                                        foot=name == "base", only=here))
        pieces.append(Piece(f"gore {number + 1}" if count > 1 else "cone", part.panels[0].name,
                            stands(wall, here[0]), part.panels,
                            folds=part.folds, seams=seams, laps=part.laps))
    for name in closed:
        face = disc(name, wall.low if name == "base" else wall.high, wall.facets)
        pieces.append(Piece(name, name, ON_THE_TABLE if name == "base" else lid_at(wall.stands), (face,),
                            folds=()))
    # cut square, its outer rim stands out by its thickness, as far as the wall is upright
    return Draft(tuple(pieces), closes=False, round=Round(max(wall.low, wall.high), math.cos(wall.lean)),
                 content=turned_round(wall.low, wall.high, wall.stands, float(values["smooth"])))


def _sound(values: Values) -> None:
    foot, rim, height = (float(values[k]) for k in ("foot", "rim", "height"))
    if abs(foot - rim) < _LEAST_TAPER_MM:
        raise MeasureError("foot and rim are alike, which makes a tube", "rim",
                           "make one of them larger, or choose the tube")
    if 0.0 < rim < _LEAST_RIM_MM:
        raise MeasureError("so small an opening cannot be rolled", "rim", "make it larger, or 0 for a point")
    wall = cone_wall(values)
    if max(foot, rim) < 2 * _LEAST_RIM_MM:
        raise MeasureError("so small a cone cannot be rolled", "foot", "make foot or rim larger")
    count = int(values["gores"])
    if math.degrees(abs(wall.phi)) * wall.facets / count > _WIDEST_DEG:
        raise MeasureError("so flat a cone has no room for its lap", "height",
                           "make it taller, or take more gores")
    if count > 1 and float(values["lap"]) > 0.5 * math.pi * max(foot, rim) / count:
        raise MeasureError("so long a lap covers half the next gore", "lap",
                           "shorten it, or take fewer gores")
    if values["ends"] != OPEN and math.degrees(math.atan2(height, abs(foot - rim) / 2)) < _FLATTEST_DEG:
        raise MeasureError("so flat a wall lies on its disc, and its teeth find no corner", "height",
                           "make it higher, or leave its ends open")
    for name, kinds, size in (("foot", (BASE, BOTH), foot), ("rim", (BOTH,), rim)):
        if values["ends"] in kinds:
            teeth_fit(name, size, wall.facets)


RECIPE = Recipe(
    id="cone", title="Cone", family="round",
    purpose="a round roof, tower or lampshade from one sector; LED lights only, never a candle",
    also=("funnel", "party hat", "tree", "tepee", "lampshade", "cornet", "roof", "spire"),
    measures=(
        Measure("foot", Kind.LENGTH, 60.0, "inside diameter below", _LEAST_RIM_MM, 400.0),
        Measure("rim", Kind.LENGTH, 0.0, "inside diameter above; 0 for a point", 0.0, 400.0),
        Measure("height", Kind.LENGTH, 50.0, "upright, from foot to rim", 5.0, 400.0),
        Measure("gores", Kind.COUNT, 1.0,
                "like pieces it is made of, each lapping over the next; 1 for one sector", 1.0, 12.0),
        replace(LAP, doc="how far it laps over itself for glue, along the wider rim"),
        Measure("ends", Kind.CHOICE, OPEN, "which ends are closed with a disc",
                choices=((OPEN, "open"), (BASE, "foot closed"),
                         (BOTH, "both closed"))),
        TOOTH, SMOOTH,
    ),
    draft=draft_cone, thinnest=0.08, thickest=0.5, contradictions=_sound, gives=("lap", "ends"),
    stock="card-220",
)
