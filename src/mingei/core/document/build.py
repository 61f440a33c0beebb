"""A brief worked out: draft, pattern and what was measured on the folded model, computed once for each
value."""

from __future__ import annotations

from collections.abc import Callable, Collection, Iterable, Mapping, Sequence
from dataclasses import dataclass, replace
from functools import cached_property, lru_cache
from typing import TYPE_CHECKING, NamedTuple

from mingei.core.amendments.opening import PATCH_MM, openable
from mingei.core.covering.art import Printed
from mingei.core.covering.leaf import HINGE_STOCK_ID, HINGES, Leaf, is_hinge, with_leaves
from mingei.core.covering.overlay import Laid, Overlay, lay
from mingei.core.covering.skin import SKIN, with_skins
from mingei.core.covering.strip import as_laid, with_strips
from mingei.core.document.project import Brief
from mingei.core.draft import Draft
from mingei.core.flat.develop import develop
from mingei.core.flat.pattern import Pattern, enlarged
from mingei.core.kinds import parted, shaped
from mingei.core.layout.parted import Half
from mingei.core.layout.place import Load, loads_of
from mingei.core.layout.splice import LAP_MM, halves_of
from mingei.core.length import write_both
from mingei.core.plan.operations import Cover, Given, Window
from mingei.core.plan.steps import Plan, Step, plan
from mingei.core.plane.shape import Box, Rigid, bounds, shifted
from mingei.core.recipes import Recipe, find_recipe
from mingei.core.stock import Stock, find_stock
from mingei.core.words import say

if TYPE_CHECKING:  # loaded when first measured: it brings numpy with it, and a flat can be shown before
    from mingei.core.folded import fold


class Part(NamedTuple):
    """A panel of a piece, by name; NOTHING is none."""

    piece: str
    panel: str


NOTHING = Part("", "")
#: Room (mm) between pieces shown side by side.
_BETWEEN = 25.0
#: More pieces than this lie in rows that are about as wide as each other.
_MANY = 24
#: The usual shape of a view of the flat, beside the folded one.
_VIEW = (3.0, 4.0)


@dataclass(frozen=True, eq=False)
class Build:
    """All that follows from one brief in one stock.  Measured facts are worked out when first asked for.

    patterns: the draft's pieces and, after them, the overlays; stocks: those of parts that have their own;
    left_out: overlays that find no room.
    """

    brief: Brief
    recipe: Recipe
    stock: Stock
    draft: Draft
    patterns: tuple[Pattern, ...]
    stocks: tuple[tuple[str, Stock], ...] = ()
    left_out: tuple[Overlay, ...] = ()

    def __repr__(self) -> str:
        return f"<build of {self.brief.name} in {self.stock.id}>"

    @property
    def pattern(self) -> Pattern:
        """The first piece: the one a single-piece recipe is."""
        return self.patterns[0]

    @cached_property
    def prints(self) -> bool:
        """Whether anything is printed on it: artwork, or panels in colours."""
        return bool(self.brief.arts) or any(p.tint for pattern in self.patterns for p in pattern.panels)

    @cached_property
    def closures(self) -> tuple[fold.Closure, ...]:
        from mingei.core.folded import fold

        return tuple(c for p in self.patterns for c in fold.closure(p, self.patterns))

    @cached_property
    def cavity(self) -> fold.Cavity | None:
        """The clear space of the folded model, where the brief asks for one; linings are said beside it."""
        from mingei.core.folded import fold

        return (fold.cavity(tuple(p for p in self.patterns if p.rides is None), self.draft.inside_mm)
                if self.draft.inside_mm else None)

    @cached_property
    def outside(self) -> fold.Triple:
        """Size of the folded model, mm."""
        from mingei.core.folded import extent

        return extent.outside(self.patterns, self.draft.round)

    @cached_property
    def plan(self) -> Plan:
        """How it is made, step by step."""
        more = 2 * PATCH_MM
        covers = tuple(Cover(p.name, p.rides.panel, p.rides.inside,
                             p.rides.host.name if p.part == SKIN else "", is_hinge(p))
                       for p in self.patterns if p.rides and p.covers)
        windows = tuple(Window(o.name, o.panel, say("{width} by {height}", width=write_both(o.size[0] + more),
                                                    height=write_both(o.size[1] + more)))
                        for o in self.brief.openings if o.window)
        joined = tuple(p.name for p, halves in self.halves.items() if len(halves) > 1)
        # a recipe knows its own order, but not that of a body it was given, or of what a person changed
        sought = self.brief.seams or self.brief.splits or any(p.crowded for p in self.draft.pieces)
        built_up = tuple((p.name, p.stock.layers) for p in self.patterns if p.stock.layers > 1)
        return plan(self.draft, Given(covers, windows, joined, self.brief.tape_mm == 0.0,
                                      self.brief.splits, built_up), self.brief.order,
                    self.patterns if sought else ())

    def moments(self, fraction: float) -> dict[str, fold.Moment]:
        """How far each piece is folded with the folding at ``fraction`` (0 flat .. 1 finished)."""
        if fraction >= 1.0:
            return {p.name: 1.0 for p in self.patterns}
        return dict(self.plan.at(fraction))

    @property
    def steps(self) -> tuple[Step, ...]:
        """The steps of its plan."""
        return self.plan.steps

    @cached_property
    def halves(self) -> Mapping[Pattern, tuple[Half, ...]]:
        """What each piece comes apart into by the lines a person drew across it; itself where there is
        none."""
        return halves_of(self.patterns, self.brief.splices, self.brief.tape_mm or LAP_MM)

    @cached_property
    def cut_pieces(self) -> tuple[Pattern, ...]:
        """The pieces as they are cut and laid on sheets."""
        return tuple(half.pattern for halves in self.halves.values() for half in halves)

    @cached_property
    def part_names(self) -> tuple[str, ...]:
        """The parts of the thing that may be of a stock of their own."""
        return tuple(dict.fromkeys(p.part for p in self.patterns if p.part))

    @cached_property
    def spread(self) -> tuple[Rigid, ...]:
        """Where each piece is shown when all lie together, in rows from the top: moves of their flats."""
        return self._spread[0]

    @cached_property
    def spread_box(self) -> Box:
        """The rectangle round all pieces shown together, mm."""
        return self._spread[1]

    @cached_property
    def _spread(self) -> tuple[tuple[Rigid, ...], Box]:
        """The arrangement in rows that shows largest in a view a little taller than wide: rows of one number
        of pieces, of many pieces rows about as wide as each other."""
        count = len(self.patterns)
        if count <= _MANY:
            rows = [[self.patterns[i:i + n] for i in range(0, count, n)] for n in range(1, count + 1)]
        else:
            widest = max(p.box.width for p in self.patterns)
            every = sum(p.box.width + _BETWEEN for p in self.patterns)
            share = (every / widest) ** (1 / _MANY)
            rows = [_filled(self.patterns, widest * share**n) for n in range(_MANY)]
        return min((_in_rows(some) for some in rows),
                   key=lambda found: max(found[1].width / _VIEW[0], found[1].height / _VIEW[1]))

    @cached_property
    def parts(self) -> tuple[Part, ...]:
        """Every panel, numbered as ``solid.assembly`` numbers them; facets of one curved face are one
        part."""
        return tuple(Part(p.name, panel.whole or panel.name) for p in self.patterns for panel in p.panels)

    def pattern_of(self, part: Part) -> Pattern | None:
        """The piece a part belongs to, when this build has it."""
        return next((p for p in self.patterns if p.name == part.piece and p.panels_of(part.panel)), None)

    @cached_property
    def openable(self) -> Mapping[str, Box]:
        """What openings can be put into, with the box round it at finished size, mm."""
        return openable(self.draft)

    def draft_box(self, panel: str) -> Box:
        """The rectangle round a panel at finished size, mm.  Raises StopIteration when there is no such
        panel."""
        return bounds(next(p.outline for piece in self.draft.pieces for p in piece.panels if p.name == panel))

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
        return sum(p.area * 1e-6 * p.stock.grammage_gsm for p in self.patterns)


def whole_name(build: Build, panel: str) -> str:
    """The name a person knows a panel by: that of its curved face, where it is a facet of one."""
    return next((p.by_name[panel].whole or panel for p in build.patterns if panel in p.by_name), panel)


def _filled(patterns: Sequence[Pattern], wide: float) -> list[tuple[Pattern, ...]]:
    """Rows of pieces, in their order, each as full as so many mm let it be."""
    rows: list[list[Pattern]] = [[]]
    x = 0.0
    for pattern in patterns:
        if rows[-1] and x + pattern.box.width > wide:
            rows.append([])
            x = 0.0
        rows[-1].append(pattern)
        x += pattern.box.width + _BETWEEN
    return [tuple(row) for row in rows]


def _in_rows(rows: Sequence[Sequence[Pattern]]) -> tuple[tuple[Rigid, ...], Box]:
    """Where each piece lies, rows from the top down, the last row's lower edge at 0; and the rectangle round
    them."""
    heights = [max(p.box.height for p in row) for row in rows]
    top = sum(heights) + _BETWEEN * (len(rows) - 1)
    widest, moves, y = 0.0, [], top
    for row, height in zip(rows, heights, strict=True):
        x = 0.0
        for pattern in row:
            moves.append(shifted(x - pattern.box.left, y - height - pattern.box.bottom))
            x += pattern.box.width + _BETWEEN
        widest = max(widest, x - _BETWEEN)
        y -= height + _BETWEEN
    return tuple(moves), Box(0.0, 0.0, widest, top)


@lru_cache(maxsize=64)
def build(brief: Brief, stock: Stock, parts: tuple[tuple[str, Stock], ...] = (),
          leaves: tuple[Leaf, ...] = ()) -> Build:
    """Work a brief out.  parts: the stocks of parts that have their own; the others are of what they usually
    are, or else of the body's.  leaves: what its joints cut besides, as large as it is whatever its scale.

    Raises MeasureError, StockError when the brief cannot be built, GeometryError for a fault of a recipe.
    """
    recipe = find_recipe(brief.recipe)
    values = recipe.accept(brief.values)
    recipe.accept_stock(stock)
    chosen = {part for part, _ in parts}
    usual = usual_stocks(recipe, {leaf.piece.part for leaf in leaves})
    parts = (*parts, *((part, find_stock(i)) for part, i in usual.items() if part not in chosen))
    # a brief made in the window is whole, and has been drafted once already
    plain = brief.drafted if values == brief.values else parted(recipe.draft(values), brief.amendments)
    drafted = shaped(plain, brief.amendments)
    patterns = tuple(replace(p, copies=p.copies * brief.copies) for p in develop(drafted, stock, parts))
    if brief.enlarged != 1.0:
        patterns = tuple(enlarged(p, brief.enlarged) for p in patterns)
        if drafted.inside_mm:
            length, width, height = drafted.inside_mm
            drafted = replace(drafted,
                              inside_mm=(length * brief.enlarged, width * brief.enlarged,
                                         height * brief.enlarged))
        if drafted.round:
            poles = (drafted.round.poles and (drafted.round.poles[0] * brief.enlarged,
                                              drafted.round.poles[1] * brief.enlarged))
            drafted = replace(drafted, round=drafted.round._replace(diameter=drafted.round.diameter
                                                                    * brief.enlarged, poles=poles))
    for part, own_stock in parts:
        brief.accept_part(part, own_stock)
    own = dict(parts)

    def stock_of(part: str) -> Stock:
        return own.get(part, stock)

    patterns = with_strips(drafted, with_skins(drafted, patterns, stock_of, brief.enlarged), stock_of)
    drafted = as_laid(drafted, patterns)
    laid = lay(patterns, brief.overlays, stock_of) if brief.overlays else Laid(patterns, ())
    patterns = _rehosted(with_leaves(laid.patterns, leaves, stock_of))
    return Build(brief, recipe, stock, drafted, patterns, parts, laid.left_out)


def _rehosted(patterns: tuple[Pattern, ...]) -> tuple[Pattern, ...]:
    """The same pieces; what rides on one that was drawn upon since rides on it as it is now."""
    now = {p.name: p for p in patterns if p.rides is None}
    return tuple(p if p.rides is None or p.rides.host is now.get(p.rides.host.name, p.rides.host)
                 else replace(p, rides=p.rides._replace(host=now[p.rides.host.name])) for p in patterns)


def usual_stocks(recipe: Recipe, also: Collection[str]) -> dict[str, str]:
    """The stocks, by id, that parts of a thing are usually of.  also: parts that its joints brought."""
    return {**({HINGES: HINGE_STOCK_ID} if HINGES in also else {}), **dict(recipe.part_stocks)}


def loads_of_all(builds: Iterable[Build],
                 printed: Callable[[Build], Mapping[Pattern, tuple[Printed, ...]]] = lambda _: {}
                 ) -> list[Load]:
    """The pieces of a whole kit, to be laid out.  printed: the artwork on each piece of a thing."""
    return [load for b in builds
            for load in loads_of(b.brief.id, b.patterns, printed(b), b.halves, b.brief.name)]
