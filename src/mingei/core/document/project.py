"""The document: what a person decided, as one frozen value.

Everything else (draft, pattern, sheets) is derived, so it is never stale.  ``project_data`` turns the value
into JSON-ready data and back.
"""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import KW_ONLY, dataclass, fields, replace
from functools import cached_property, lru_cache
from itertools import chain, count
from typing import NamedTuple

from mingei.core.amendments.amend import SeamChange, seams
from mingei.core.amendments.opening import MOST_MM, Opening, Trim
from mingei.core.amendments.split import Split
from mingei.core.covering.art import Art
from mingei.core.covering.art import check as check_art
from mingei.core.covering.overlay import Overlay
from mingei.core.data.extra import Extra
from mingei.core.document.publishing import USUAL as UNPUBLISHED
from mingei.core.document.publishing import Publishing
from mingei.core.draft import Draft
from mingei.core.errors import MeasureError, MingeiError, ProjectError
from mingei.core.kinds import Amendment, already, kind_of, kinds, parted, put, shaped, some, without
from mingei.core.kinds import named as kind_named
from mingei.core.layout.laying import ANY_PRINTER, USUAL, Laying, Printer, Spot
from mingei.core.layout.sheets import Sheet, find_sheet
from mingei.core.layout.splice import Splice, check_splice
from mingei.core.plan.making import USUAL as MAKING
from mingei.core.plan.making import Making
from mingei.core.recipes import Kind, Value, Values, find_recipe
from mingei.core.stock import DEFAULT_STOCK_ID, Stock, find_stock
from mingei.core.words import number_of, say, some_of
from mingei.core.work.plan import USUAL as BY_HAND
from mingei.core.work.plan import Working

#: Copies of one thing, and of all things of a project: more of a whole kit are counted as kits.
MOST_COPIES, MOST_COPIES_IN_ALL = 999, 5000
MOST_NOTES = 100_000
#: Of the keys of steps in an order of one's own: how many, and how long each.
MOST_STEPS, MOST_KEY = 4000, 400
#: What a thing can be scaled by.
LEAST_FACTOR, MOST_FACTOR = 0.01, 100.0

#: Widths of double-sided tape, mm (common practice: 6 to 12 on small work, 13 to 16 for wide tape).
TAPES_MM = (6.0, 10.0, 13.0, 16.0)
TAPES_SAID = ", ".join(f"{width:g}" for width in TAPES_MM)


class Need(NamedTuple):
    """A thing that must fit: length, width and thickness, mm; all 0 where none is given."""

    long: float = 0.0
    wide: float = 0.0
    thick: float = 0.0

    @property
    def is_some(self) -> bool:
        return self.long > 0 and self.wide > 0


NO_NEED = Need()


#: Of no model the real thing is so many times larger.
MOST_TIMES = 1000.0


@dataclass(frozen=True)
class Brief:
    """One thing to be made: recipe, measures (mm, degrees, choices by name), stock, how many.

    measures holds every measure of the recipe, in the recipe's order, each accepted by it; amendments: what
    was changed by hand, of whatever kind, in the order in which it was; notes: the person's own words.
    enlarged: the finished drawing is enlarged by so much, instead of being drafted anew at its size.  model:
    the real thing is so many times larger, 1 for one that is no model.
    tape_mm: width of the double-sided tape its seams are glued with, 0 for wet glue.  parts: the stocks, by
    id, of parts that have their own.  need: the thing it must take.  arts: pictures and words on it.  id:
    what it is known by in its project, whatever it is called; "" until it is in one; order: the keys of its
    steps in the order a person wants them made in, where that is another than the plan's own.
    """

    name: str
    recipe: str
    _: KW_ONLY
    measures: tuple[tuple[str, Value], ...]
    stock: str = DEFAULT_STOCK_ID
    copies: int = 1
    amendments: tuple[Amendment, ...] = ()
    notes: str = ""
    enlarged: float = 1.0
    model: float = 1.0
    extra: Extra = ()
    tape_mm: float = 0.0
    parts: tuple[tuple[str, str], ...] = ()
    need: Need = NO_NEED
    arts: tuple[Art, ...] = ()
    id: str = ""
    order: tuple[str, ...] = ()

    def __hash__(self) -> int:  # every change looks up all that was worked out for each brief, by its value
        return self._digest

    @cached_property
    def _digest(self) -> int:
        return hash(tuple(getattr(self, f.name) for f in fields(self)))

    @property
    def seams(self) -> tuple[SeamChange, ...]:
        return some(self.amendments, SeamChange)

    @property
    def openings(self) -> tuple[Opening, ...]:
        return some(self.amendments, Opening)

    @property
    def trims(self) -> tuple[Trim, ...]:
        return some(self.amendments, Trim)

    @property
    def overlays(self) -> tuple[Overlay, ...]:
        return some(self.amendments, Overlay)

    @property
    def splices(self) -> tuple[Splice, ...]:
        return some(self.amendments, Splice)

    @property
    def splits(self) -> tuple[str, ...]:
        """The panels that are pieces of their own."""
        return tuple(s.panel for s in some(self.amendments, Split))

    def amended(self, fresh: Amendment) -> Brief:
        """The brief with one more amendment, or in the place of the one of what there is one of; what a file
        said of that besides stays.  Raises MeasureError where it cannot be made."""
        kind, before = kind_of(fresh), already(self.amendments, fresh)
        kind.check(fresh)
        others = replace(self, amendments=tuple(a for a in self.amendments if a is not before))
        kind.fits(others.drafted, fresh)
        if len(some(others.amendments, kind.record)) >= kind.most:
            raise MeasureError(say("{most} of the kind {kind} are all that a thing has", most=kind.most,
                                   kind=kind.word), kind.word, "take one of them out first")
        if before is not None and not fresh.extra:
            fresh = fresh._replace(extra=before.extra)
        return replace(self, amendments=put(self.amendments, fresh)).sound()

    def without_named(self, word: str, which: str, place: str) -> Brief:
        """The brief without an amendment, by the word of its kind and what there is one of; lines across a
        piece by their number, from 1.  Raises ProjectError with those there are."""
        kind = kind_named(word, place)
        own: tuple[Amendment, ...] = some(self.amendments, kind.record)
        names = [str(getattr(a, kind.of)) if kind.of else str(i) for i, a in enumerate(own, 1)]
        if which not in names:
            raise ProjectError(say("there is no {kind} {which!r}", kind=word, which=which), place,
                               say("there are: {names}", names=some_of(names, which)) if names
                               else say("it has no {kind} at all", kind=word))
        gone = own[names.index(which)]
        return replace(self, amendments=tuple(a for a in self.amendments if a is not gone)).sound()

    def without(self, record: type, which: object) -> Brief:
        """The brief without the amendment of a kind, by what there is one of."""
        return replace(self, amendments=without(self.amendments, record, which))

    @property
    def values(self) -> Values:
        return dict(self.measures)

    @property
    def made(self) -> Values:
        """The measures as they are built: those that give way to the others as near to what was asked as can
        be."""
        return find_recipe(self.recipe).settled(self.values)

    def with_measure(self, name: str, value: Value) -> Brief:
        """The brief with one measure changed.

        Raises MeasureError when the recipe cannot build it so.
        """
        return self.with_measures({name: value})

    def with_measures(self, values: Values) -> Brief:
        """The brief with some measures changed at once.  Raises MeasureError when the recipe cannot build it
        so."""
        return replace(self,
                       measures=tuple(find_recipe(self.recipe).accept({**self.values, **values}).items()))

    def with_seam(self, change: SeamChange) -> Brief:
        """The brief with one seam changed by hand.  Raises MeasureError when its tab cannot be moved so."""
        usual = seams(self.drafted).get(change.seam)
        if usual is not None and not change.moved and change.joint == usual.joint.word:
            return self.without(SeamChange, change.seam)
        return self.amended(change)

    def with_opening(self, opening: Opening) -> Brief:
        """The brief with an opening put into a panel, or the one of that name changed.

        Raises MeasureError when it does not lie within its panel.
        """
        return self.amended(opening)

    def without_opening(self, name: str) -> Brief:
        """The brief without an opening."""
        return self.without(Opening, name)

    @property
    def drafted(self) -> Draft:
        """The draft with its pieces, before what a person changed at seams and panels."""
        return _drafted(self.recipe, self.measures, some(self.amendments, Split))

    @property
    def shaped(self) -> Draft:
        """The draft as it was changed by hand.  Raises MeasureError where something of that cannot be
        made."""
        return shaped(self.drafted, self.amendments)

    def with_split(self, panel: str, apart: bool) -> Brief:
        """The brief with a panel, and what hangs on it, as a piece of its own, or joined to its neighbour
        again.

        Raises MeasureError with the reason when it cannot be cut off.
        """
        return self.amended(Split(panel)) if apart else self.without(Split, panel)

    def with_splice(self, splice: Splice, number: int | None = None) -> Brief:
        """The brief with a line across a piece, or the line of that number, from 0, moved.

        Raises MeasureError when it cannot lie so, or when there are too many.
        """
        if number is None:
            return self.amended(splice)
        check_splice(splice)
        return self._lines([splice if i == number else line for i, line in enumerate(self.splices)])

    def without_splice(self, number: int) -> Brief:
        """The brief without the line of a number, from 0."""
        return self._lines([line for i, line in enumerate(self.splices) if i != number])

    def _lines(self, lines: Sequence[Splice]) -> Brief:
        """The brief cut across by these lines, and no others."""
        others = tuple(a for a in self.amendments if not isinstance(a, Splice))
        return replace(self, amendments=(*others, *lines))

    def with_trim(self, trim: Trim) -> Brief:
        """The brief with a panel's free edges trimmed otherwise."""
        return self.without(Trim, trim.panel) if trim[:3] == Trim(trim.panel)[:3] else self.amended(trim)

    def sound(self) -> Brief:
        """The brief itself, if every amendment of it can be made: what a file may hold.  Raises MingeiError
        naming the one that cannot."""
        for amendment in self.amendments:
            kind_of(amendment).check(amendment)
        for art in self.arts:
            check_art(art)
        if self.amendments:
            self.shaped  # noqa: B018 - refuses what cannot be made
        return self

    def with_overlay(self, overlay: Overlay) -> Brief:
        """The brief with an overlay, or the one of that name changed.  Raises MeasureError when a value of it
        cannot be made."""
        return self.amended(overlay)

    def without_overlay(self, name: str) -> Brief:
        return self.without(Overlay, name)

    def accept_part(self, part: str, stock: Stock) -> None:
        """Raises StockError when a part of the thing cannot be made of a stock: what is folded must be of one
        the construction can be folded from; what lies flat may be of any."""
        if any(piece.part == part and piece.folds for piece in self.drafted.pieces):
            find_recipe(self.recipe).accept_stock(stock, part)

    @property
    def name_is_given(self) -> bool:
        """Whether it is still called by its construction, perhaps with a number after it."""
        title = find_recipe(self.recipe).title
        return self.name == title or number_of(self.name)[0] == title

    def renamed_for(self, recipe: str) -> str:
        """What it is called as another construction: a person's own name stays, one that only named the
        construction follows it."""
        if not self.name_is_given:
            return self.name
        return find_recipe(recipe).title + self.name.removeprefix(find_recipe(self.recipe).title)

    def as_recipe(self, recipe_id: str, stock: Stock) -> Brief:
        """The same thing as another construction: measures of the same name that a person wrote, here those
        that are not the construction's own default, are kept where the new one can be built with them.

        stock: it is of; where the construction cannot be made of it, the usual one is taken.  Raises nothing.
        """
        recipe, before = find_recipe(recipe_id), find_recipe(self.recipe)
        usual = dict(before.accept({}))
        kept: dict[str, Value] = {}
        for name, value in self.measures:
            if value == usual.get(name):
                continue
            try:
                recipe.accept({**kept, name: value})
            except MingeiError:
                continue
            kept[name] = value
        try:
            recipe.accept_stock(stock)
        except MingeiError:
            stock = find_stock(recipe.stock)
        fresh = new_brief(recipe_id, kept, stock, self.renamed_for(recipe_id)).with_need(self.need)
        return replace(fresh, copies=self.copies, notes=self.notes)

    def with_part(self, part: str, stock: Stock | None) -> Brief:
        """The brief with a part of it in a stock of its own; None: in the body's."""
        kept = tuple((name, i) for name, i in self.parts if name != part)
        return replace(self, parts=kept if stock is None else (*kept, (part, stock.id)))

    def with_art(self, art: Art) -> Brief:
        """The brief with artwork, or that of the name changed.  Raises MeasureError when a value of it cannot
        be printed."""
        check_art(art)
        here = any(a.name == art.name for a in self.arts)
        return replace(self, arts=tuple(art if a.name == art.name else a for a in self.arts) if here
                       else (*self.arts, art))

    def without_art(self, name: str) -> Brief:
        return replace(self, arts=tuple(a for a in self.arts if a.name != name))

    def with_need(self, need: Need) -> Brief:
        """The brief with what must fit written down.  Raises MeasureError when that is no thing."""
        for word, mm in zip(("length", "width", "thickness"), need, strict=True):
            if not (math.isfinite(mm) and 0.0 <= mm <= MOST_MM):
                raise MeasureError(say("{mm:g} mm is no size of a thing", mm=mm),
                                   say("what must fit, {word}", word=word),
                                   say("write 0 to {most:g} mm", most=MOST_MM))
        return replace(self, need=need)

    def with_model(self, times: float) -> Brief:
        """The brief of a model, of a thing so many times larger; its measures stay.  Raises MeasureError."""
        if not 1.0 <= times <= MOST_TIMES:
            raise MeasureError(say("1:{times:g} is no scale of a model", times=times), "scale",
                               say("write 1 to {most:g}", most=MOST_TIMES))
        return replace(self, model=times)

    def with_tape(self, width: float) -> Brief:
        """The brief glued with double-sided tape so wide (mm), its tabs made as deep, since tape is placed
        out to the very edge; with 0 wet glue, and tabs as deep as usual.

        Raises MeasureError when the recipe cannot be built with such tabs, or no tape is so wide.
        """
        if width and width not in TAPES_MM:
            raise MeasureError(say("no tape is {width:g} mm wide", width=width), "adhesive",
                               say("choose one of: {names}", names=TAPES_SAID))
        recipe = find_recipe(self.recipe)
        tab = next((m for m in recipe.measures if m.name == "tab"), None)
        if tab is None:
            return replace(self, tape_mm=width)
        depth = max(tab.minimum, min(tab.maximum, width)) if width else float(tab.default)
        return replace(self.with_measure("tab", depth), tape_mm=width)

    def with_stock(self, stock: Stock) -> Brief:
        """The brief in another stock.  Raises StockError when the recipe cannot be built from it."""
        find_recipe(self.recipe).accept_stock(stock)
        return replace(self, stock=stock.id)


@lru_cache(maxsize=64)  # not with the brief: a long history of briefs would keep a draft each
def _drafted(recipe: str, measures: tuple[tuple[str, Value], ...], splits: tuple[Split, ...]) -> Draft:
    return parted(find_recipe(recipe).draft(dict(measures)), splits)


@lru_cache(maxsize=16)
def _paper(sheet: str, tile_mm: float, laying: Laying, printer: Printer, unit: str) -> Sheet:
    return replace(find_sheet(sheet), tile_mm=tile_mm, laying=laying, printer=printer, unit=unit)


@dataclass(frozen=True)
class Project:
    """Everything a project file keeps.

    unit: what a bare number means to this person, "mm" or "in"; sheet: the sheet printed on; stocks: the
    stocks its briefs use, as they were, so that the file carries them; tile_mm: pieces too large for the
    sheet are tiled over several, which overlap by so much; 0: they are not; laying, printer: how pieces are
    laid out, and what prints them; spots: where pieces were put by hand or nested; working: how it is scored
    and cut; making: how quick its maker is, what things cost, and how long glue is held;
    publishing: what is said of it where it is handed out.
    """

    title: str
    briefs: tuple[Brief, ...]
    stocks: tuple[Stock, ...] = ()
    unit: str = "mm"
    sheet: str = "A4"
    notes: str = ""
    extra: Extra = ()
    tile_mm: float = 0.0
    laying: Laying = USUAL
    printer: Printer = ANY_PRINTER
    spots: tuple[Spot, ...] = ()
    working: Working = BY_HAND
    making: Making = MAKING
    publishing: Publishing = UNPUBLISHED

    def __post_init__(self) -> None:
        object.__setattr__(self, "briefs", told_apart(self.briefs))

    @property
    def paper(self) -> Sheet:
        """The sheet printed on, and how."""
        return _paper(self.sheet, self.tile_mm, self.laying, self.printer, self.unit)

    def stock_of(self, brief: Brief) -> Stock:
        return find_stock(brief.stock, self.stocks)

    def parts_of(self, brief: Brief) -> tuple[tuple[str, Stock], ...]:
        """The stocks of a brief's parts that have their own."""
        return tuple((part, find_stock(i, self.stocks)) for part, i in brief.parts)

    def with_brief(self, number: int, brief: Brief) -> Project:
        briefs = (*self.briefs[:number], replace(brief, id=self.briefs[number].id), *self.briefs[number + 1:])
        return self.with_briefs(briefs)

    def with_briefs(self, briefs: tuple[Brief, ...]) -> Project:
        """Other briefs, at least one; the file carries just the stocks they use, and no places of things that
        are gone."""
        accept_copies(briefs)
        left = {b.id for b in briefs}
        spots = tuple(s for s in self.spots if s.owner in left)
        groups = tuple(g for g in self.laying.groups if g[0] in left)
        return replace(self, briefs=briefs, stocks=used(briefs, self.stocks), spots=spots,
                       laying=self.laying._replace(groups=groups))

    def with_spots(self, spots: tuple[Spot, ...]) -> Project:
        """Pieces put elsewhere; what a file says of a place besides stays with its piece."""
        known = {spot.key: spot.extra for spot in self.spots if spot.extra}
        return replace(self, spots=tuple(s._replace(extra=s.extra or known.get(s.key, ())) for s in spots)
                       if known else spots)

    def renamed(self, number: int, name: str) -> Project:
        """One brief under another name; its pieces stay where they were put."""
        return self.with_brief(number, replace(self.briefs[number], name=name))

    def with_stock(self, number: int, stock: Stock) -> Project:
        """One brief in another stock, which the file then carries.  Raises StockError when it cannot be built
        from it."""
        return self._carrying(number, self.briefs[number].with_stock(stock), stock)

    def with_part(self, number: int, part: str, stock: Stock | None) -> Project:
        """A part of one brief in a stock of its own, which the file then carries; None: in the body's."""
        if stock is not None:
            self.briefs[number].accept_part(part, stock)
        brief = self.briefs[number].with_part(part, stock)
        return self.with_brief(number, brief) if stock is None else self._carrying(number, brief, stock)

    def _carrying(self, number: int, brief: Brief, stock: Stock) -> Project:
        briefs = (*self.briefs[:number], replace(brief, id=self.briefs[number].id), *self.briefs[number + 1:])
        own = (stock, *(s for s in self.stocks if s.id != stock.id))
        return replace(self, briefs=briefs, stocks=used(briefs, own))

    def with_stock_as(self, stock: Stock) -> Project:
        """A stock of the same name measured anew: everything made of it follows.  Raises StockError when
        something cannot."""
        for brief in self.briefs:
            if brief.stock == stock.id:
                brief.with_stock(stock)
        return replace(self, stocks=tuple(stock if s.id == stock.id else s for s in self.stocks))

    def free_name(self, wish: str) -> str:
        """The name, or the name with a number, that no brief has yet."""
        taken = {b.name for b in self.briefs}
        return next(n for n in chain([wish], (f"{wish} {i}" for i in count(2))) if n not in taken)


def new_brief(recipe_id: str, values: Values | None = None, stock: Stock | None = None,
              name: str = "") -> Brief:
    """A brief with the recipe's defaults and the given values.

    Raises MeasureError, StockError.
    """
    recipe = find_recipe(recipe_id)
    chosen = stock or find_stock(recipe.stock)
    recipe.accept_stock(chosen)
    return Brief(name or recipe.title, recipe.id, measures=tuple(recipe.accept(values or {}).items()),
                 stock=chosen.id, parts=recipe.part_stocks)


def new_project(brief: Brief, title: str = "", unit: str = "mm", sheet: str = "A4",
                own: tuple[Stock, ...] = ()) -> Project:
    """A project of one brief, in a stock of the person's own or of the catalogue."""
    return Project(title or brief.name, (brief,), used((brief,), own), unit, find_sheet(sheet).name)


def used(briefs: tuple[Brief, ...], own: tuple[Stock, ...]) -> tuple[Stock, ...]:
    """The stocks briefs and their parts are of, once each, as they are in ``own`` or the catalogue."""
    ids = list(dict.fromkeys(i for b in briefs for i in (b.stock, *(i for _, i in b.parts))))
    return tuple(find_stock(i, own) for i in ids)


def accept_copies(briefs: tuple[Brief, ...]) -> None:
    """Raises MeasureError where more copies in all are asked for than are laid out at once."""
    if (copies := sum(b.copies for b in briefs)) > MOST_COPIES_IN_ALL:
        raise MeasureError(say("{count} copies in all are more than are laid out at once", count=copies),
                           "copies",
                           say("keep to {most}, and count kits where the sheets are laid out",
                               most=MOST_COPIES_IN_ALL))


def told_apart(briefs: tuple[Brief, ...]) -> tuple[Brief, ...]:
    """The briefs, each with an id no other has; those that have one of their own keep it."""
    taken: set[str] = set()
    fresh = []
    for brief in briefs:
        fresh.append(not brief.id or brief.id in taken)
        taken.add(brief.id)
    if not any(fresh):
        return briefs
    free = (name for i in count(1) if (name := f"thing-{i}") not in taken)
    return tuple(replace(brief, id=next(free)) if new else brief
                 for brief, new in zip(briefs, fresh, strict=True))


def differences(before: Project, after: Project) -> tuple[str, ...]:
    """What differs between two states of a project, a sentence each, without full stops; empty when they are
    the same."""
    said: list[str] = [
        say("{name} was {before}, is now {after}", name=name, before=str(a or "empty"),
            after=str(b or "empty")) for name, a, b in
            (("the title", before.title, after.title), ("the unit", before.unit, after.unit),
             ("the sheet", before.sheet, after.sheet),
             ("the overlap of tiles", before.tile_mm, after.tile_mm),
             ("the printer", before.printer.name, after.printer.name))
            if a != b]
    said += [say("{what} differ", what=what) for what, a, b in
             (("the choices for the sheets", before.laying, after.laying),
              ("the ways of scoring and cutting", before.working, after.working),
              ("pace and prices", before.making, after.making),
              ("what is published", before.publishing, after.publishing),
              ("the measures of the printer", before.printer[1:], after.printer[1:]),
              ("the places of pieces on sheets", before.spots, after.spots)) if a != b]
    if before.notes != after.notes:
        said.append("the notes differ")
    old, new = ({b.id: b for b in p.briefs} for p in (before, after))
    said += [say("{name} was added", name=b.name) for b in after.briefs if b.id not in old]
    said += [say("{name} was removed", name=b.name) for b in before.briefs if b.id not in new]
    for key in (k for k in new if k in old):
        said += _brief_differences(old[key], new[key])
    if not said and before != after:
        said.append("the order of things, or what another program wrote in the file, differs")
    return tuple(said)


_NOW = "{name}: {what} was {before}, is now {after}"


def _brief_differences(a: Brief, b: Brief) -> list[str]:
    if a.recipe != b.recipe:
        return [say("{name}: another construction", name=b.name)]
    recipe = find_recipe(b.recipe)
    said: list[str] = ([say("{before} is now called {after}", before=a.name, after=b.name)]
                       if a.name != b.name else [])
    for key, value in b.values.items():
        measure, was = recipe.measure(key), a.values[key]
        if value != was:
            if measure.kind in (Kind.OUTLINE, Kind.MESH, Kind.MARKS):
                said.append(say("{name}: another outline", name=b.name))
                continue
            shown = [dict(measure.choices).get(str(v)) or (measure.write(v) if isinstance(v, float) else v)
                     for v in (was, value)]
            said.append(say(_NOW, name=b.name, what=measure.title.lower(), before=shown[0], after=shown[1]))
    said += [say(_NOW, name=b.name, what=word, before=x, after=y)
             for word, x, y in (("stock", a.stock, b.stock), ("copies", a.copies, b.copies),
                               ("enlargement", a.enlarged, b.enlarged), ("scale", a.model, b.model),
                               ("tape", a.tape_mm, b.tape_mm)) if x
             != y]
    said += [say("{name}: {what} differ", name=b.name, what=kind.differ) for kind in kinds().values()
             if some(a.amendments, kind.record) != some(b.amendments, kind.record)]
    said += [say("{name}: {what} differ", name=b.name, what=word)
             for word, x, y in (("stocks of its parts", a.parts, b.parts),
                                ("what must fit", a.need, b.need), ("artwork", a.arts, b.arts),
                                ("order of its steps", a.order, b.order),
                                ("notes", a.notes, b.notes)) if x != y]
    return said
