"""A tube rolled from a strip, one turn or several, open or closed with discs on teeth."""

from __future__ import annotations

import math

from mingei.core.draft import Against, Draft, Edge, Over, Piece, Round
from mingei.core.drafting.content import turned_round
from mingei.core.drafting.roll import LEAST_TOOTH_MM, Wall, disc, facet_count, roll, stands, teeth
from mingei.core.drafting.star import ON_THE_TABLE, lid_at
from mingei.core.errors import MeasureError
from mingei.core.offset import Measured
from mingei.core.recipes import Kind, Measure, Recipe, Values

ON, IN = "on", "in"
OPEN, BASE, BOTH = "open", "base", "both"

LAP = Measure("lap", Kind.LENGTH, 8.0, "how far it laps over itself for glue", 3.0, 40.0, stays=True)
PLAY = Measure("play", Kind.LENGTH, 0.3,
               "how much wider than what it goes on, or narrower than what it goes into", 0.0, 3.0,
               stays=True)
TOOTH = Measure("tooth", Kind.LENGTH, 6.0,
                "depth of the teeth that hold a round face; shortened where it has less room", 3.0, 15.0,
                label="Tooth depth", stays=True)
SMOOTH = Measure("smooth", Kind.LENGTH, 0.25,
                 "how far the straight crease of a tooth may stand off the true curve: less gives more teeth",
                 0.05, 1.0, label="Curve within", stays=True)


def draft_tube(values: Values) -> Draft:
    """diameter: of what it goes on or into, mm; height; fits; play; turns; lap; ends; tooth; smooth."""
    height, lap, tooth = (float(values[k]) for k in ("height", "lap", "tooth"))
    turns, ends, inside = int(values["turns"]), str(values["ends"]), values["fits"] == ON
    diameter = float(values["diameter"]) + float(values["play"]) * (1 if inside else -1)
    wall = Wall(diameter, diameter, height, facet_count(diameter, float(values["smooth"])))
    closed = [name for name, kinds in (("base", (BASE, BOTH)), ("top", (BOTH,))) if ends in kinds]
    outer = tuple((side, Against(name)) for name, side in (("base", 0), ("top", 2)) if name in closed)
    rolled = roll("wall", wall, lap, 2 if closed else 1, turns=turns, inward=not inside, outer=outer)
    seams = tuple(seam for name in closed
                  for seam in teeth(f"{name} teeth", "wall", wall, name, tooth, 1, foot=name == "base"))
    pieces = [Piece("tube", rolled.panels[0].name, stands(wall), rolled.panels, folds=rolled.folds,
                    seams=seams,
                    laps=rolled.laps)]
    for name in closed:
        outermost = wall.facets * (turns - 1)
        order = [(-i if name == "base" else i) % wall.facets for i in range(wall.facets)]
        edges: list[Edge] = [Over(f"wall {outermost + i + 1}") for i in order]
        face = disc(name, diameter, wall.facets, edges=edges)
        pieces.append(Piece(name, name, ON_THE_TABLE if name == "base" else lid_at(height), (face,),
                            folds=()))
    return Draft(tuple(pieces), measured=Measured.INSIDE if inside else Measured.OUTSIDE, closes=False,
                 round=Round(diameter, turns + (1 if lap > 0 else 0)),
                 content=turned_round(diameter, diameter, height, float(values["smooth"])) if inside else ())


def teeth_fit(measure: str, diameter: float, facets: int) -> None:
    """Raises MeasureError naming the measure when a rim is too small for one tooth a facet."""
    if math.pi * diameter / facets < LEAST_TOOTH_MM:
        raise MeasureError("its teeth would be too small to cut", measure,
                           "make it larger, let the curve be less close, or leave it open")


def _sound(values: Values) -> None:
    if values["fits"] == IN and values["ends"] != OPEN:
        raise MeasureError("a tube measured outside is rolled open", "ends",
                           "leave its ends open, or give the inside diameter")
    if values["ends"] != OPEN:
        teeth_fit("diameter", float(values["diameter"]),
                  facet_count(float(values["diameter"]), float(values["smooth"])))
    if float(values["lap"]) > 2.0 * float(values["diameter"]):
        raise MeasureError("so long a lap goes round more than half the tube", "lap",
                           "shorten it, or roll another turn")


RECIPE = Recipe(
    id="tube", title="Rolled tube", family="round",
    purpose="goes snugly on a rod or into a hole; one turn or several, open or closed",
    also=("cylinder", "column", "tower", "mailing tube", "cardboard roll", "lantern", "pillar"),
    measures=(
        Measure("diameter", Kind.LENGTH, 40.0, "of what it goes on, or of what it goes into", 12.0, 400.0),
        Measure("height", Kind.LENGTH, 60.0, "along the tube, inside where its ends are closed", 5.0, 600.0),
        Measure("fits", Kind.CHOICE, ON,
                "whether the diameter is that of a thing inside it, or of a hole round it",
                choices=((ON, "on a thing"), (IN, "into a hole"))),
        PLAY,
        Measure("turns", Kind.COUNT, 1.0, "whole turns; each lies on the one before", 1.0, 4.0),
        LAP,
        Measure("ends", Kind.CHOICE, BASE, "which ends are closed with a disc",
                choices=((OPEN, "both open"), (BASE, "base closed"),
                         (BOTH, "both closed"))),
        TOOTH, SMOOTH,
    ),
    draft=draft_tube, thinnest=0.08, thickest=0.5, contradictions=_sound, gives=("ends", "lap"),
    stock="card-220",
)
