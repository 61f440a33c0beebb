"""A round recess: a ring whose teeth turn in at its floor, out, or both by turns, and out at its rim, with
its disc and, if wished, a flat ring on its rim."""

from __future__ import annotations

import math
from dataclasses import replace

from mingei.core.draft import Draft, Lap, Over, Piece, Round
from mingei.core.drafting.roll import (
    LEAST_TOOTH_MM,
    Wall,
    disc,
    facet_count,
    outermost,
    ring,
    roll,
    stands,
    teeth,
    turned_out,
)
from mingei.core.drafting.star import ON_THE_TABLE, lid_at
from mingei.core.errors import MeasureError
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.tube import LAP, PLAY, SMOOTH, TOOTH, teeth_fit

NONE, RING = "none", "ring"
INWARD, OUTWARD, TURNS = "in", "out", "turns"
#: A ring narrower than this past the teeth tears, mm (from experience, no published source).
_LEAST_PAST_MM = 1.0
_THICKEST_MM = 0.5


def draft_recess(values: Values) -> Draft:
    """diameter: of what drops in, mm; play; depth; lap; tooth; collar; width: of the flat ring; smooth."""
    diameter, depth, tooth = (float(values["diameter"]) + float(values["play"]), float(values["depth"]),
                              float(values["tooth"]))
    wall = Wall(diameter, diameter, depth, facet_count(diameter, float(values["smooth"])))
    rolled = roll("wall", wall, float(values["lap"]), 2)
    floor = str(values["floor"])
    around = range(wall.facets)
    inward = {INWARD: around, OUTWARD: (), TURNS: around[::2]}[floor]
    seams = teeth("floor teeth", "wall", wall, "floor", tooth, 1, foot=True, only=inward)
    # the facet on which the lap steps out over the wall is narrower by that step: by so much in the thickest
    # card
    step = _THICKEST_MM / math.sin(2 * math.pi / wall.facets)
    outer = tuple(p for p in outermost(rolled)
                  if p is not rolled.panels[min(wall.facets, len(rolled.panels) - 1)]
                  or p.ways[0][2] - step >= LEAST_TOOTH_MM)
    panels, folds = turned_out("rim teeth", outer, tooth, 3)
    # where the wall laps, the upper facet bears what the one beneath it would
    out = [p for i, p in enumerate(rolled.panels) if p in outer and i % wall.facets not in inward]
    below = turned_out("foot teeth", out, tooth, 3, foot=True)
    laps = list(rolled.laps)
    others = []
    if floor != OUTWARD:
        edges = [Over(f"wall {-i % wall.facets + 1}") for i in around]
        others.append(Piece("floor", "floor", ON_THE_TABLE,
                            (disc("floor", diameter, wall.facets, edges=edges),), folds=()))
    if values["collar"] == RING:
        laps += [Lap(f"collar on {p.name}", "collar", p.name, facing=True) for p in panels]
        face = ring("collar", diameter + 2 * float(values["width"]), diameter, wall.facets)
        others.append(Piece("collar", "collar", lid_at(depth), (face,), folds=()))
    piece = Piece("ring", rolled.panels[0].name, stands(wall), (*rolled.panels, *panels, *below[0]),
                  folds=(*rolled.folds, *folds, *below[1]), seams=seams, laps=tuple(laps))
    return Draft((piece, *others), closes=False, round=Round(diameter, 2.0))


def _sound(values: Values) -> None:
    size = float(values["diameter"])
    teeth_fit("diameter", size, facet_count(size + float(values["play"]), float(values["smooth"])))
    if values["collar"] == RING and float(values["width"]) < float(values["tooth"]) + _LEAST_PAST_MM:
        raise MeasureError("the teeth would show past so narrow a ring", "width",
                           "make it wider than the teeth are deep")


RECIPE = Recipe(
    id="ring-recess", title="Round recess", family="round",
    purpose="a round well in a face, or a gallery round a tower: teeth in at the floor, out at the rim",
    also=("well", "gallery", "round opening", "porthole", "parapet", "tower"),
    measures=(
        Measure("diameter", Kind.LENGTH, 40.0, "of what drops in", 16.0, 300.0),
        replace(PLAY, default=0.5, doc="how much wider it is than what drops in"),
        Measure("depth", Kind.LENGTH, 12.0, "from its floor to the face", 4.0, 100.0),
        Measure("floor", Kind.CHOICE, INWARD,
                "which way the teeth at its foot turn: in under a floor, out onto what it stands on, or "
                "both by turns, where it joins a floor and a face round it",
                choices=((INWARD, "in"), (OUTWARD, "out"), (TURNS, "by turns")), label="Foot teeth"),
        LAP, replace(TOOTH,
                     doc="depth of the teeth at floor and rim; shortened where the floor has less room"),
        Measure("collar", Kind.CHOICE, RING,
                "whether a flat ring is made for its rim; else the teeth go behind a face with a hole",
                choices=((NONE, "teeth only"), (RING, "flat ring"))),
        Measure("width", Kind.LENGTH, 12.0, "of the flat ring, from the hole to its edge", 3.0, 100.0,
                label="Ring width"),
        SMOOTH,
    ),
    draft=draft_recess, thinnest=0.08, thickest=_THICKEST_MM, contradictions=_sound, gives=("width",),
    stock="card-220",
)
