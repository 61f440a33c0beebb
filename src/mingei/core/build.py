"""A brief worked out: draft, pattern and what was measured on the folded model, computed once for each value."""

from __future__ import annotations

from dataclasses import dataclass, replace
from functools import cached_property, lru_cache

from mingei.core import fold
from mingei.core.draft import Draft
from mingei.core.pattern import Pattern, develop
from mingei.core.project import Brief
from mingei.core.recipes import Recipe, find_recipe
from mingei.core.shape import Box
from mingei.core.stock import Stock


@dataclass(frozen=True, eq=False)
class Build:
    """All that follows from one brief in one stock.  Measured facts are worked out when first asked for."""

    brief: Brief
    recipe: Recipe
    stock: Stock
    draft: Draft
    patterns: tuple[Pattern, ...]

    @property
    def pattern(self) -> Pattern:
        """The first piece: the one a single-piece recipe is."""
        return self.patterns[0]

    @cached_property
    def closures(self) -> tuple[fold.Closure, ...]:
        return tuple(c for p in self.patterns for c in fold.closure(p))

    @cached_property
    def cavity(self) -> fold.Cavity | None:
        """The clear space of the folded model, where the brief asks for one."""
        return fold.cavity(self.pattern, self.draft.inside_mm) if self.draft.inside_mm else None

    @cached_property
    def outside(self) -> fold.Triple:
        """Size of the folded model, mm."""
        return fold.outside(self.pattern)

    @property
    def blank(self) -> Box:
        """The rectangle the first piece is cut from, mm."""
        return self.pattern.box

    @cached_property
    def area_mm2(self) -> float:
        """Card in one of it, mm2."""
        return sum(p.area for p in self.patterns)

    @property
    def mass_g(self) -> float:
        """Mass of one of it, g: area times grammage."""
        return self.area_mm2 * 1e-6 * self.stock.grammage_gsm


@lru_cache(maxsize=64)
def build(brief: Brief, stock: Stock) -> Build:
    """Work a brief out.

    Raises MeasureError, StockError when the brief cannot be built, GeometryError for a fault of a recipe.
    """
    recipe = find_recipe(brief.recipe)
    values = recipe.accept(brief.values)
    recipe.accept_stock(stock)
    drafted = recipe.draft(values)
    patterns = tuple(replace(p, copies=p.copies * brief.copies) for p in develop(drafted, stock))
    return Build(brief, recipe, stock, drafted, patterns)
