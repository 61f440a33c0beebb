"""Sizes that drive the drafting from outside: the room it must fit into, the blank there is, a drawer to
fill.

All of them are met by the inside measures, worked back on the folded model itself, so that thickness takes
care of itself.
"""

from __future__ import annotations

from dataclasses import replace
from typing import NamedTuple

from mingei.core.document.build import build
from mingei.core.document.project import MOST_COPIES, Brief
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.recipes import find_recipe
from mingei.core.stock import Stock
from mingei.core.words import say

_CLOSE_MM = 1e-6
#: A small change of a measure, mm, to see what follows from it.
_NUDGE_MM = 0.5


def fit_into(brief: Brief, stock: Stock, axis: int, mm: float) -> Brief:
    """The brief with the inside measure along an axis (0 length, 1 width, 2 height) at which the folded model
    is ``mm`` outside.

    What the walls take up is measured on the folded model itself and settles at once where it does not depend
    on the size. Raises MeasureError when the recipe has no such measure, cannot build it, or never comes to
    that size.
    """
    recipe = find_recipe(brief.recipe)
    if axis >= len(recipe.inside):
        raise MeasureError(say("{recipe}: it is not measured inside", recipe=recipe.title.lower()), recipe.id,
                           "change its measures one by one")
    name = recipe.inside[axis]
    for _ in range(6):
        made = build(brief, stock)
        over = made.outside[axis] - mm
        if abs(over) <= _CLOSE_MM:
            return brief
        brief = brief.with_measure(name, float(brief.made[name]) - over)
    raise MeasureError(say("no {name} gives {mm} outside", name=name, mm=write_both(mm)), name,
                       "change the inside measure instead")


def fit_blank(brief: Brief, stock: Stock, across_mm: float, up_mm: float) -> Brief:
    """The brief whose first piece is cut from a blank of that size, by its inside length and width; its
    height stays.

    Raises MeasureError when the recipe has no such measures, cannot build it, or never comes to that size.
    """
    recipe = find_recipe(brief.recipe)
    if len(recipe.inside) < 2:
        raise MeasureError(say("{recipe}: it is not measured inside", recipe=recipe.title.lower()), recipe.id,
                           "change its measures one by one")
    a, b = recipe.inside[:2]

    def over(tried: Brief) -> tuple[float, float]:
        box = build(tried, stock).blank
        return box.width - across_mm, box.height - up_mm

    for _ in range(8):
        x, y = over(brief)
        if max(abs(x), abs(y)) <= _CLOSE_MM:
            return brief
        by_a, by_b = (tuple((w - v) / step for w, v in zip(over(tried), (x, y), strict=True))
                      for tried, step in (_nudged(brief, a), _nudged(brief, b)))
        turn = by_a[0] * by_b[1] - by_b[0] * by_a[1]
        if abs(turn) < 1e-9:
            break
        first, second = (x * by_b[1] - by_b[0] * y) / turn, (by_a[0] * y - x * by_a[1]) / turn
        values = {**brief.values, a: float(brief.made[a]) - first, b: float(brief.made[b]) - second}
        brief = replace(brief, measures=tuple(recipe.accept(values).items()))
    raise MeasureError(say("no {a} and {b} give a blank of {across} by {up}", a=a, b=b,
                           across=write_both(across_mm), up=write_both(up_mm)),
                       "blank", "change the measures one by one")


def _nudged(brief: Brief, name: str) -> tuple[Brief, float]:
    """The brief with a measure a little changed, whichever way the recipe allows, and by how much."""
    value, measure = float(brief.values[name]), find_recipe(brief.recipe).measure(name)
    step = _NUDGE_MM if value + _NUDGE_MM <= measure.maximum else -_NUDGE_MM
    return brief.with_measure(name, value + step), step


class Drawer(NamedTuple):
    """A drawer to be filled: its inside, mm; how many bins across its length and its width; play, mm, round
    every bin."""

    length: float
    width: float
    height: float
    columns: int
    rows: int
    play: float = 1.0


def fill_drawer(brief: Brief, stock: Stock, drawer: Drawer) -> Brief:
    """The brief made so large, and so many, that the bins fill the drawer with the play asked for.

    Raises MeasureError when the recipe cannot build it so, or there is no such drawer.
    """
    if drawer.columns < 1 or drawer.rows < 1 or not drawer.columns * drawer.rows <= MOST_COPIES:
        raise MeasureError(say("{columns} by {rows} is no number of bins", columns=drawer.columns,
                               rows=drawer.rows), "drawer",
                           say("write 1 to {most} in all", most=MOST_COPIES))
    room = (drawer.length / drawer.columns, drawer.width / drawer.rows, drawer.height)
    for axis, mm in enumerate(room):
        brief = fit_into(brief, stock, axis, mm - drawer.play)
    return replace(brief, copies=drawer.columns * drawer.rows)
