"""The forming block for a box: as large as its inside, of as many plates as reach its height."""

from __future__ import annotations

from mingei.core.document.build import Build
from mingei.core.document.project import Brief, new_brief
from mingei.core.errors import MeasureError
from mingei.core.recipes import find_recipe
from mingei.core.stock import find_stock
from mingei.core.words import say

#: The stack ends so far below the rim, mm.
_BELOW_MM = 0.5


def form_for(build: Build) -> Brief:
    """The block a box is folded over.  Raises MeasureError where it has no inside, or none so small is
    made."""
    if build.cavity is None:
        raise MeasureError("it has no inside to be formed", build.brief.name, "choose a box")
    recipe = find_recipe("form-block")
    length, width, height = (round(mm, 3) for mm in build.cavity.size)
    caliper = find_stock(recipe.stock).caliper_mm
    plates = recipe.measure("plates")
    count = max(plates.minimum, min(plates.maximum, float(int((height - _BELOW_MM) / caliper))))
    for holes in ("two", "one", "none"):
        try:
            return new_brief("form-block", {"length": length, "width": width, "plates": count,
                                            "holes": holes},
                             name=say("Block for {name}", name=build.brief.name))
        except MeasureError as error:
            refused = error
    raise refused
