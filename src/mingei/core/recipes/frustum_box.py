"""An open box whose n walls lean: a planter or bowl wider at the rim, or one that closes in towards it."""

from __future__ import annotations

from dataclasses import replace

from mingei.core.draft import Draft
from mingei.core.drafting.content import standing
from mingei.core.drafting.star import ON_THE_TABLE, Star, star_piece
from mingei.core.errors import MeasureError
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.prism import SIDES
from mingei.core.recipes.tray import TAB

#: Walls that lean further than this from upright (degrees), in or out, leave no room for tabs between them;
#: out, with more than so many sides, so much less a side.
_MOST_IN_DEG, _MOST_OUT_DEG, _FEW_SIDES, _LESS_A_SIDE_DEG = 60.0, 59.0, 8, 3.75


def draft_frustum(values: Values) -> Draft:
    """sides; across, rim: inside, twice from the middle to a side, at the base and at the rim; height:
    upright, mm; tab."""
    sides, across, rim, height, tab = (float(values[k]) for k in ("sides", "across", "rim", "height", "tab"))
    star = Star(int(sides), across, rim, height)
    return Draft((star_piece("leaning box", star, tab, ON_THE_TABLE),), closes=False, content=standing(star))


def _most_out_deg(sides: int) -> float:
    """How far walls may lean out, degrees: the more sides, the slimmer the corners in which tabs lie (tried
    with the thickest stock it is made of)."""
    return _MOST_OUT_DEG - _LESS_A_SIDE_DEG * max(0, sides - _FEW_SIDES)


def _upright_enough(values: Values) -> None:
    star = Star(int(values["sides"]), float(values["across"]), float(values["rim"]), float(values["height"]))
    out = star.across_rim > star.across
    if abs(star.flare_deg) > (_most_out_deg(int(values["sides"])) if out else _MOST_IN_DEG):
        raise MeasureError("walls that lean so far leave no room for tabs between them", "rim",
                           "bring it nearer to the base's size")


RECIPE = Recipe(
    id="frustum-box", title="Leaning box", family="boxes",
    purpose="a planter or bowl of three to twelve leaning sides, open above",
    also=("planter", "plant pot", "bowl", "basket", "popcorn cup", "tapered box", "slanted"),
    measures=(
        replace(SIDES, default=8.0),
        Measure("across", Kind.LENGTH, 70.0, "inside at the base, twice the way from the middle to a side",
                30.0, 400.0),
        Measure("rim", Kind.LENGTH, 110.0, "inside at the rim, twice the way from the middle to a side", 30.0,
                400.0),
        Measure("height", Kind.LENGTH, 60.0, "from the base to the rim, upright", 15.0, 300.0),
        replace(TAB, default=10.0,
                doc="depth of the tabs between the walls; shortened where there is less room"),
    ),
    draft=draft_frustum, thinnest=0.1, thickest=1.0, contradictions=_upright_enough,
)
