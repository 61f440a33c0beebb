"""What tests of measures that give way share."""

from __future__ import annotations

from mingei.core.check import run
from mingei.core.document.build import build
from mingei.core.document.project import new_brief
from mingei.core.errors import MeasureError
from mingei.core.layout.sheets import find_sheet
from mingei.core.recipes import Value, Values, find_recipe
from mingei.core.stock import find_stock


def given_way(recipe_id: str, values: Values) -> dict[str, tuple[Value, Value]]:
    """What gives way when a thing is asked for so: as asked and as made, by the name of the measure.

    As asked it is a contradiction; as made it is none and closes; and a check says each.
    """
    recipe = find_recipe(recipe_id)
    brief = new_brief(recipe_id, values)
    made = recipe.settled(brief.values)
    try:
        recipe.contradictions(brief.values)
    except MeasureError:
        recipe.contradictions(made)
    else:
        raise AssertionError(f"{recipe_id} {dict(values)}: nothing contradicts anything")
    result = build(brief, find_stock(recipe.stock))
    assert all(c.closes for c in result.closures), result.closures
    changed = {name: (asked, made[name]) for name, asked in brief.measures if made[name] != asked}
    said = {f.place for f in run(result, find_sheet("A3")) if f.code == "gave-way"}
    assert said == {recipe.measure(name).title for name in changed}, said
    return changed
