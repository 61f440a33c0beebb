"""Values for properties, over the whole range of what Mingei accepts."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

from hypothesis import reject
from hypothesis import strategies as st

from mingei.core.amend import CHOICES, SeamChange, seams, why_fixed, why_no_fin, why_single
from mingei.core.build import build
from mingei.core.draft import Joint
from mingei.core.errors import MeasureError, MingeiError, StockError
from mingei.core.project import Brief, Project, new_brief, new_project
from mingei.core.recipes import Kind, Measure, Value, find_recipe
from mingei.core.split import why_not
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
    if measure.kind is Kind.OUTLINE:
        return st.sampled_from(["0,0 60,0 60,20,-90 40,40 0,40", "0,0,120 50,10 40,45,60",
                                "0,0 90,0 90,60 0,60;30,20,180 50,20,180;60,22 70,22 70,40"])
    if measure.kind in (Kind.COUNT, Kind.ANGLE):
        return st.integers(int(measure.minimum), int(measure.maximum)).map(float)
    return st.one_of(st.sampled_from([measure.minimum, measure.maximum, measure.default]), st.floats(measure.minimum, measure.maximum))


@st.composite
def briefs(draw: st.DrawFn, recipe_id: str) -> tuple[Brief, Stock]:
    """Any build of a recipe in any stock it allows."""
    recipe = find_recipe(recipe_id)
    values = {m.name: draw(measure_values(m)) for m in recipe.measures}
    stock = draw(stocks(recipe.thinnest, recipe.thickest))
    try:
        accepted = recipe.accept(values)
    except MeasureError:  # each in its range, but they contradict each other
        reject()
    return _buildable(Brief("any", recipe_id, tuple(accepted.items()), stock.id), stock)


def _buildable(brief: Brief, stock: Stock) -> tuple[Brief, Stock]:
    """What is refused because a panel is too small for its card is no build."""
    try:
        build(brief, stock)
    except StockError:
        reject()
    return brief, stock


@st.composite
def amended_briefs(draw: st.DrawFn, recipe_id: str) -> tuple[Brief, Stock]:
    """Any build of a recipe with any of its seams held another way, tabs moved where they can be."""
    brief, stock = draw(briefs(recipe_id))
    drafted = find_recipe(recipe_id).draft(brief.values)
    for name in seams(drafted):
        if draw(st.booleans()):
            moved = draw(st.booleans()) and not why_fixed(drafted, name)
            joint = draw(st.sampled_from(CHOICES))
            if (joint is Joint.DOUBLE and why_single(drafted, name, moved)) or (joint is Joint.FIN and why_no_fin(drafted, name)):
                continue
            brief = brief.with_seam(SeamChange(name, joint, moved))
    return _buildable(brief, stock)


@st.composite
def changed_briefs(draw: st.DrawFn, recipe_id: str) -> tuple[Brief, Stock]:
    """Any build of a recipe with up to two panels cut off, then any of its seams held another way, those between the pieces too; a change
    that is refused is left out."""
    brief, stock = draw(briefs(recipe_id))
    stock = replace(stock, crease_gain_mm=draw(st.sampled_from([0.0, 0.0, 0.1 * stock.caliper_mm])))
    panels = [f.b.panel for piece in brief.drafted.pieces for f in piece.folds if not why_not(brief.drafted, f.b.panel)]
    for panel in draw(st.lists(st.sampled_from(panels), max_size=2, unique=True)) if panels else []:
        brief = _if_allowed(brief, stock, lambda brief=brief, panel=panel: brief.with_split(panel, True))
    names = list(seams(brief.drafted))
    for name in draw(st.lists(st.sampled_from(names), max_size=3, unique=True)) if names else []:
        change = SeamChange(name, draw(st.sampled_from(CHOICES)), draw(st.booleans()))
        brief = _if_allowed(brief, stock, lambda brief=brief, change=change: brief.with_seam(change))
    return _buildable(brief, stock)


def _if_allowed(brief: Brief, stock: Stock, change: Callable[[], Brief]) -> Brief:
    """The brief changed, or as it was where that is refused."""
    try:
        changed = change()
        build(changed, stock)
    except MingeiError:
        return brief
    return changed


@st.composite
def projects(draw: st.DrawFn) -> Project:
    """Any project of up to three cartons, with any words in it."""
    words = st.text(st.characters(exclude_categories=["Cs"]), max_size=40)
    recipe = find_recipe("carton")
    project = None
    for _ in range(draw(st.integers(1, 3))):
        values = {m.name: draw(measure_values(m)) for m in recipe.measures}
        brief = new_brief("carton", values, name=draw(words) or "x")
        if draw(st.booleans()):
            brief = brief.with_seam(SeamChange("front tab", draw(st.sampled_from(CHOICES)), draw(st.booleans())))
        brief = replace(brief, copies=draw(st.integers(1, 9)), notes=draw(words))
        if project is None:
            project = new_project(brief, draw(words), draw(st.sampled_from(["mm", "in"])), draw(st.sampled_from(["A4", "Letter", "A3"])))
        else:
            project = project.with_briefs((*project.briefs, replace(brief, name=project.free_name(brief.name))))
    assert project is not None
    return replace(project, notes=draw(words))
