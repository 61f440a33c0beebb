"""A box of two trays: a base, and a lid that slides over it down to its foot or part of the way.

The lid is drawn at the same inside size as the base: its walls lie on the layers outside the base's walls,
and stand the clearance further out, so that thickness takes care of itself.
"""

from __future__ import annotations

from mingei.core.draft import Dimension, Draft, EdgeRef, Placement, Slide
from mingei.core.errors import MeasureError
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.tray import TAB, inside_measures, on_the_table, tray_piece
from mingei.core.words import say

#: A lid shallower than this share of the box falls off.
_SHALLOWEST = 0.15


def draft_lid_base(values: Values) -> Draft:
    """length, width, height: inside, mm; lid: its depth over the base; clearance: a side; tab."""
    length, width, height = (float(values[k]) for k in ("length", "width", "height"))
    tab = float(values["tab"])
    base = tray_piece("base tray", length, width, height, tab, on_the_table(width))
    # the lid's own top is its base: it lies on the rim and looks up.  The base's short walls lie one layer
    # out over their tabs, its long walls on the inside: so must the lid's, each outside its own.
    over = Placement((0.0, 0.0, height), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
    lid = tray_piece("lid", length, width, float(values["lid"]), tab, over, inner=1, outer=3,
                     air=float(values["clearance"]), prefix="lid ",
                     lid=True)
    shown = (Dimension("length", EdgeRef("front", 2)), Dimension("width", EdgeRef("base", 3)),
             Dimension("height", EdgeRef("back", 3)),
             Dimension("lid", EdgeRef("lid front", 3)))
    return Draft((base, lid), inside_mm=(length, width, height), dimensions=shown, closes=False,
                 slides=(Slide("lid", (0.0, 0.0, 1.0)),))


def keeps_its_lid(values: Values) -> None:
    """Raises MeasureError when a lid is deeper than its box or too shallow to stay on."""
    lid, height = float(values["lid"]), float(values["height"])
    if lid > height:
        raise MeasureError("the lid is deeper than the box is high, and would not come down to the rim",
                           "lid",
                           "make it as deep as the height at the most")
    if lid < _SHALLOWEST * height:
        raise MeasureError("so shallow a lid falls off", "lid",
                           say("make it at least {share:.0%} of the height", share=_SHALLOWEST))


RECIPE = Recipe(
    id="lid-base", title="Box with lid", family="boxes", purpose="two trays, one sliding over the other",
    also=("gift box", "jewellery box", "shoe box", "game box", "ring box", "two-piece box", "telescoping"),
    measures=(
        *inside_measures(120.0, 80.0, 40.0),
        Measure("lid", Kind.LENGTH, 20.0, "how far the lid comes down over the base", 5.0, 300.0,
                label="Lid depth"),
        Measure("clearance", Kind.LENGTH, 0.4,
                "room between base and lid on each side: 0.25 to 1 mm by stock", 0.1, 2.0, stays=True),
        TAB,
    ),
    draft=draft_lid_base, thinnest=0.1, thickest=3.0, contradictions=keeps_its_lid, gives=("lid",),
    inside=("length", "width", "height"),
)
