"""A box of n equal sides with a lid that slides over it: two stars, the lid's walls on the layers outside the
base's."""

from __future__ import annotations

from mingei.core.draft import Dimension, Draft, EdgeRef, Slide
from mingei.core.drafting.content import standing
from mingei.core.drafting.star import ON_THE_TABLE, Star, lid_at, star_piece
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.lid_base import keeps_its_lid
from mingei.core.recipes.tray import TAB

SIDES = Measure("sides", Kind.COUNT, 6.0, "how many walls stand round the base", 3.0, 12.0)


def draft_prism(values: Values) -> Draft:
    """sides; across: inside, from flat to flat (from a flat to the middle and out again where the sides are
    odd), height, lid, mm."""
    sides, across, height, tab = (float(values[k]) for k in ("sides", "across", "height", "tab"))
    lid, air = float(values["lid"]), float(values["clearance"])
    inside = Star(int(sides), across, across, height)
    base = star_piece("base tray", inside, tab, ON_THE_TABLE)
    cover = star_piece("lid", Star(int(sides), across, across, lid), tab, lid_at(height), base="top", layer=3,
                       air=air, prefix="lid ")
    shown = (Dimension("height", EdgeRef("wall 1", 1)), Dimension("lid", EdgeRef("lid wall 1", 1)))
    return Draft((base, cover), dimensions=shown, closes=False, slides=(Slide("lid", (0.0, 0.0, 1.0)),),
                 content=standing(inside))


RECIPE = Recipe(
    id="prism", title="Many-sided box", family="boxes",
    purpose="a box of three to twelve equal sides, with a lid",
    also=("hexagon box", "octagon box", "triangle box", "six sides", "eight sides", "drum", "hat box"),
    measures=(
        SIDES,
        Measure("across", Kind.LENGTH, 90.0,
                "inside, twice the way from the middle to a wall: from flat to flat where the sides are even",
                30.0, 400.0),
        Measure("height", Kind.LENGTH, 50.0, "inside, from the base to the rim", 10.0, 300.0),
        Measure("lid", Kind.LENGTH, 22.0, "how far the lid comes down over the base", 8.0, 300.0,
                label="Lid depth"),
        Measure("clearance", Kind.LENGTH, 0.4,
                "room between base and lid on each side: 0.25 to 1 mm by stock", 0.1, 2.0, stays=True),
        TAB,
    ),
    draft=draft_prism, thinnest=0.1, thickest=1.5, contradictions=keeps_its_lid, gives=("lid",),
)
