"""Values for properties, over the whole range of what Mingei accepts."""

from __future__ import annotations

from hypothesis import strategies as st

from mingei.core.project import Brief, Project, new_brief, new_project
from mingei.core.recipes import Kind, Measure, Value, find_recipe
from mingei.core.stock import Grain, Stock


def calipers(least: float, most: float) -> st.SearchStrategy[float]:
    """Any caliper in mm, with those people meet most and both ends favoured."""
    usual = [c for c in (0.1, 0.2, 0.3, 0.4, 0.5, 1.0, 1.5, 3.0, 4.0) if least <= c <= most]
    return st.one_of(st.sampled_from([least, most, *usual]), st.floats(least, most))


def stocks(least: float = 0.1, most: float = 4.0, gain: float = 0.0) -> st.SearchStrategy[Stock]:
    """Stocks of any caliper, crease gain 0 up to ``gain``."""
    return st.builds(
        lambda caliper, crease, grain: Stock("any", "Any stock", 300, caliper, crease, grain=grain),
        calipers(least, most), st.floats(0, gain) if gain else st.just(0.0), st.sampled_from(Grain))


def measure_values(measure: Measure) -> st.SearchStrategy[Value]:
    """Everything one measure accepts, its ends and its default favoured."""
    if measure.choices:
        return st.sampled_from([c for c, _ in measure.choices])
    if measure.kind is Kind.COUNT:
        return st.integers(int(measure.minimum), int(measure.maximum)).map(float)
    return st.one_of(st.sampled_from([measure.minimum, measure.maximum, measure.default]), st.floats(measure.minimum, measure.maximum))


@st.composite
def briefs(draw: st.DrawFn, recipe_id: str) -> tuple[Brief, Stock]:
    """Any build of a recipe in any stock it allows."""
    recipe = find_recipe(recipe_id)
    values = {m.name: draw(measure_values(m)) for m in recipe.measures}
    stock = draw(stocks(recipe.thinnest, recipe.thickest))
    return Brief("any", recipe_id, tuple(recipe.accept(values).items()), stock.id), stock


@st.composite
def projects(draw: st.DrawFn) -> Project:
    """Any project of one carton, with any words in it."""
    words = st.text(st.characters(exclude_categories=["Cs"]), max_size=40)
    recipe = find_recipe("carton")
    values = {m.name: draw(measure_values(m)) for m in recipe.measures}
    return new_project(new_brief("carton", values, name=draw(words) or "x"), draw(words), draw(st.sampled_from(["mm", "in"])),
                       draw(st.sampled_from(["A4", "Letter", "A3"])))
