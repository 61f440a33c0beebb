"""A bowl of flat sides in two halves, whose bases lie one on the other, on a foot if wished.

Each half is a base with half of the walls; half a net is shorter than a whole one, and the doubled base is
stiff.  The foot is a ring of as many sides with its disc, glued beneath.
"""

from __future__ import annotations

import math
from dataclasses import replace

from mingei.core.draft import (
    Draft,
    EdgeRef,
    Fold,
    Handwork,
    Lap,
    Level,
    Panel,
    Past,
    Piece,
    Place,
    Seam,
    When,
)
from mingei.core.drafting.star import ON_THE_TABLE, Star, lid_at, star_piece
from mingei.core.errors import MeasureError
from mingei.core.joints import GLUE_TAB
from mingei.core.length import write_both
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.tray import TAB
from mingei.core.words import say

#: The foot stays so far inside the base's sides, mm; walls lean no further than so much a side of the height,
#: and on the flat so much (degrees) is left between two of them for a tab.
_INSIDE_MM, _LEAN, _GAP_DEG = 3.0, 2.5, 14.0
#: A lower foot has no room for tabs, mm.
_LEAST_FOOT_MM = 8.0


def draft_bowl(values: Values) -> Draft:
    """sides: of its walls, an even number; across, rim: inside, from flat to flat, at base and rim; height;
    foot: its height, 0 for none; stand: across the foot at its floor, mm."""
    sides, across, rim, height, tab = (float(values[k]) for k in ("sides", "across", "rim", "height", "tab"))
    star = Star(int(sides), across, rim, height)
    walls = [f"wall {i + 1}" for i in range(star.sides)]
    half = star.sides // 2
    pieces = [_half("outer half", "base", star, tab, walls, range(half), 1.0),
              _half("inner half", "inner base", star, tab, walls, range(half, star.sides), 0.0)]
    foot = float(values["foot"])
    done: tuple[Handwork, ...] = ()
    if foot > 0:
        ring = star_piece("foot", Star(star.sides, across - 2 * _INSIDE_MM, float(values["stand"]), foot),
                          tab,
                          lid_at(0.0), base="foot disc", prefix="foot ", nested=False)
        pieces.append(Piece(ring.name, ring.root, ring.placement, ring.panels, folds=ring.folds,
                            seams=ring.seams,
                            past=(Past((0.0, 0.0, -1.0), ("base", "inner base", "foot disc")),)))
        done = (Handwork("foot", say("Glue the disc of the foot beneath the base, sides in line."),
                         "foot disc", When.CLOSED, uses=("base",), glue_mm2=float(values["stand"])**2),)
    return Draft(tuple(pieces), closes=False, handwork=done,
                 places=(Place("middle", "inner base", 0.0, 0.0),))


def _half(name: str, base: str, star: Star, tab: float, walls: list[str], own: range, layer: float) -> Piece:
    """A base with some of the walls; the other base's layer is beside it."""
    outline = star.wall_outline
    last = len(outline) - 1
    rim = ((2, Level(90.0 + star.flare_deg)),) if star.flare_deg else ()
    panels = (Panel(base, star.base_outline, layer=layer),
              *(Panel(walls[i], outline, layer=1, edges=rim) for i in own))
    folds = tuple(Fold(EdgeRef(base, i), EdgeRef(walls[i], 0), star.base_deg, 2) for i in own)
    seams = tuple(Seam(f"{walls[i]} tab", GLUE_TAB, EdgeRef(walls[i], last),
                       EdgeRef(walls[(i + 1) % star.sides], 1), tab, 1, star.wall_deg) for i in own)
    laps = (Lap("base on base", "base", "inner base"),) if base == "base" else ()
    return Piece(name, base, ON_THE_TABLE, panels, folds=folds, seams=seams, laps=laps)


def _steepest(sides: int, out: float) -> float:
    """How high walls must be that run out by so much, mm: two sides of a net that lean by f from upright
    leave 360/n - 2 atan(tan(180/n) sin f) between them (plane geometry of the net)."""
    turn = math.radians(180.0 / sides)
    most = math.tan(max(0.0, turn - math.radians(_GAP_DEG) / 2)) / math.tan(turn)
    least = abs(out) / _LEAN
    return max(least, out * math.sqrt(1.0 / most**2 - 1.0)) if out > 0.0 and most > 0.0 else least


def _sound(values: Values) -> None:
    sides, across, rim, height = (float(values[k]) for k in ("sides", "across", "rim", "height"))
    if int(sides) % 2:
        raise MeasureError("two halves take an even number of sides", "sides",
                           say("make it {sides}", sides=int(sides) + 1))
    least = _steepest(int(sides), (rim - across) / 2)
    if height < least:
        raise MeasureError("so flat a bowl is a plate", "height",
                           say("make it {least} or more", least=write_both(math.ceil(least * 10) / 10)))
    if 0.0 < float(values["foot"]) < _LEAST_FOOT_MM:
        raise MeasureError("so low a foot bears no tabs", "foot",
                           say("make it {least} or more, or 0 for none", least=write_both(_LEAST_FOOT_MM)))
    if float(values["foot"]) > 0 and across < 2 * _INSIDE_MM + 20.0:
        raise MeasureError("so small a base has no foot", "foot", "leave it out, or make the base larger")
    if float(values["foot"]) > 0 and float(values["foot"]) < _steepest(
            int(sides), (float(values["stand"]) - across) / 2 + _INSIDE_MM):
        raise MeasureError("so low a foot does not reach so far", "stand",
                           "make it nearer to the base's size")


RECIPE = Recipe(
    id="bowl", title="Faceted bowl", family="solids",
    purpose="a bowl of flat sides in two halves, on a foot if wished",
    also=("dish", "basin", "vase", "cup", "planter", "goblet", "hull"),
    measures=(
        Measure("sides", Kind.COUNT, 8, "how many walls it has, an even number", 4, 12),
        Measure("across", Kind.LENGTH, 40.0, "of the base inside, from flat to flat", 15.0, 300.0),
        Measure("rim", Kind.LENGTH, 80.0, "of the rim inside, from flat to flat", 15.0, 400.0),
        Measure("height", Kind.LENGTH, 35.0, "inside", 8.0, 300.0),
        Measure("foot", Kind.LENGTH, 12.0, "height of its foot; 0 for none", 0.0, 80.0),
        Measure("stand", Kind.LENGTH, 44.0, "across the foot where it stands", 15.0, 300.0,
                label="Foot across"),
        replace(TAB, default=8.0),
    ),
    draft=draft_bowl, thinnest=0.1, thickest=0.6, contradictions=_sound, gives=("sides", "foot", "stand"),
    stock="card-250",
)
