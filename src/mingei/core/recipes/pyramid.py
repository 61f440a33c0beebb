"""A pyramid of n equal sides: a tent on its base, the last wall left to tuck in so that it can be filled."""

from __future__ import annotations

from dataclasses import replace

from mingei.core.draft import Draft
from mingei.core.drafting.content import standing
from mingei.core.drafting.star import ON_THE_TABLE, Star, star_piece
from mingei.core.errors import MeasureError
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.prism import SIDES
from mingei.core.recipes.tray import TAB

#: Walls flatter than this (rise for each mm from the middle of a side to the axis) leave no room for tabs
#: between them.
_LEAST_RISE = 0.4


def draft_pyramid(values: Values) -> Draft:
    """sides; across: inside at the base, twice from the middle to a side; height: inside, to the point, mm;
    tab."""
    sides, across, height, tab = (float(values[k]) for k in ("sides", "across", "height", "tab"))
    star = Star(int(sides), across, 0.0, height)
    return Draft((star_piece("pyramid", star, tab, ON_THE_TABLE, tucked=True),), content=standing(star))


def _steep_enough(values: Values) -> None:
    if float(values["height"]) < _LEAST_RISE * float(values["across"]) / 2:
        raise MeasureError("walls so flat leave no room for tabs between them", "height",
                           "make it higher, or less wide across")


RECIPE = Recipe(
    id="pyramid", title="Pyramid", family="boxes",
    purpose="a tent of three to twelve sides on its base; the last side tucks in",
    also=("tent", "favour box", "advent", "roof", "spire"),
    measures=(
        replace(SIDES, default=4.0),
        Measure("across", Kind.LENGTH, 80.0, "inside at the base, twice the way from the middle to a side",
                30.0, 400.0),
        Measure("height", Kind.LENGTH, 70.0, "inside, from the base up to the point", 20.0, 400.0),
        replace(TAB, default=10.0,
                doc="depth of the tabs between the walls; shortened where there is less room"),
    ),
    draft=draft_pyramid, thinnest=0.1, thickest=1.0, contradictions=_steep_enough,
)
