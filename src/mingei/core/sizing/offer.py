"""What could be made for a thing: every construction that takes it, drafted for it in the stock at hand, and
what each asks for.

An *offer* is a brief worked out.  They are ranked by what fits the paper at hand: first those whose pieces
all fit the sheet, then those in the stock chosen, then by sheets and by card used.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import replace
from typing import NamedTuple

from mingei.core.document.build import Build, build
from mingei.core.document.project import Brief, Need, new_brief
from mingei.core.errors import MeasureError, MingeiError, StockError
from mingei.core.layout.place import fits, yield_of
from mingei.core.layout.sheets import Sheet
from mingei.core.length import write_both
from mingei.core.recipes import Recipe, Value, find_recipe, recipes
from mingei.core.stock import Stock, find_stock
from mingei.core.words import say

#: What asks for no thickness takes things up to so many mm.
THIN_MM = 3.0


class Offer(NamedTuple):
    """build: the thing made so; fits: every piece fits the sheet; sheets: how many one copy takes, several
    pieces of a kind cut from one where they go; usual: it is in the stock asked for; cost: of its sheets, in
    the person's own money, 0 where a price is not known."""

    build: Build
    fits: bool
    sheets: int
    usual: bool
    cost: float

    @property
    def recipe(self) -> Recipe:
        return self.build.recipe

    @property
    def folds(self) -> int:
        """Scores to be made; bends are none."""
        return sum(not f.bend for p in self.build.patterns for f in p.folds)

    @property
    def seams(self) -> int:
        """Places to be glued, tucked or taped."""
        return sum(len(p.mates) + sum(lap.glued for lap in p.laps) for p in self.build.patterns)


def fitted(recipe: Recipe, need: Need) -> dict[str, Value]:
    """The recipe's measures for a thing.  Raises MeasureError when it takes no things, or none so thick."""
    if not recipe.takes:
        raise MeasureError("it is not made for a thing of given sizes", recipe.title,
                           "choose another construction")
    values: dict[str, Value] = {}
    for mm, (name, room) in zip(need, recipe.takes, strict=True):
        if name:
            measure = recipe.measure(name)
            values[name] = max(measure.minimum, mm + room) if recipe.roomy else mm + room
    if not recipe.takes[2][0] and need.thick > THIN_MM:
        raise MeasureError(say("it takes nothing thicker than {most}", most=write_both(THIN_MM)),
                           recipe.title,
                           "choose one with depth")
    return values


def for_need(brief: Brief, need: Need) -> Brief:
    """The brief made for a thing; where its construction takes none, or not such a one, only what is needed
    is written down.

    Raises MeasureError when the thing itself is no thing.
    """
    told = brief.with_need(need)
    recipe = find_recipe(brief.recipe)
    if not need.is_some or not recipe.takes:
        return told
    accepted = recipe.accept({**brief.values, **fitted(recipe, need)})
    return replace(told, measures=tuple(accepted.items()))


def offer(recipe: Recipe, need: Need, stock: Stock, sheet: Sheet) -> Offer:
    """One construction for a thing, in that stock or, where it cannot be made of it, in its usual one.

    Raises MeasureError, StockError when it cannot be made for it.
    """
    values = fitted(recipe, need)
    usual = True
    try:
        recipe.accept_stock(stock)
    except StockError:
        stock, usual = find_stock(recipe.stock), False
    made = build(new_brief(recipe.id, values, stock).with_need(need), stock)
    each = [max(1, yield_of(p, sheet)) for p in made.patterns]
    return Offer(made, all(fits(p, sheet) is not None for p in made.patterns),
                 sum(-(-p.copies // n) for p, n in zip(made.patterns, each, strict=True)), usual,
                 sum(p.stock.price * p.copies / n for p, n in zip(made.patterns, each, strict=True)))


def ranked(offers: Iterable[Offer]) -> tuple[Offer, ...]:
    """What fits the sheet first, then what is of the stock asked for, then by sheets and by card used."""
    return tuple(sorted(offers, key=lambda o: (not o.fits, not o.usual, o.sheets, o.build.area_mm2)))


def offers(need: Need, stock: Stock, sheet: Sheet) -> tuple[Offer, ...]:
    """Every construction that takes the thing, ranked."""
    found = []
    for recipe in recipes().values():
        try:
            found.append(offer(recipe, need, stock, sheet))
        except MingeiError:
            continue
    return ranked(found)
