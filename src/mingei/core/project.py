"""The document: what a person decided, as one frozen value, and its plain-data form.

Everything else (draft, pattern, sheets) is derived, so it is never stale.  ``to_data`` and ``from_data`` turn
the value into JSON-ready data and back; keys this version does not know are kept and written back.
The shape of the data is described in docs/formats.md and docs/project.schema.json.
"""

from __future__ import annotations

import json
import math
from collections.abc import Callable, Mapping
from dataclasses import dataclass, fields, replace
from functools import cached_property
from itertools import chain, count
from typing import Any, NamedTuple, TypeAlias

from mingei.core import contour
from mingei.core.amend import CHOICES, SeamChange, amend, seams
from mingei.core.art import Art, Fill
from mingei.core.art import check as check_art
from mingei.core.draft import Joint
from mingei.core.errors import MeasureError, MingeiError, ProjectError
from mingei.core.layout.sheets import Sheet, find_sheet
from mingei.core.layout.tile import LEAST_MM
from mingei.core.layout.tile import MOST_MM as MOST_OVERLAP_MM
from mingei.core.opening import MOST_MM, Opening, Shape, Trim, may_open, open_up
from mingei.core.opening import check as check_opening
from mingei.core.overlay import Overlay
from mingei.core.overlay import check as check_overlay
from mingei.core.recipes import Kind, Value, Values, find_recipe
from mingei.core.stock import DEFAULT_STOCK_ID, Faced, Grain, Stock, find_stock
from mingei.core.words import say

VERSION = 1
MOST_COPIES = 999
MOST_NOTES = 100_000
#: What a thing can be scaled by.
LEAST_FACTOR, MOST_FACTOR = 0.01, 100.0

#: Widths of double-sided tape, mm (common practice: 6 to 12 on small work, 13 to 16 for wide tape).
TAPES_MM = (6.0, 10.0, 13.0, 16.0)
_TAPES = ", ".join(f"{width:g}" for width in TAPES_MM)

#: Unknown keys with their values as JSON text, which is frozen and can be compared.
Extra: TypeAlias = tuple[tuple[str, str], ...]


class Need(NamedTuple):
    """A thing that must fit: length, width and thickness, mm; all 0 where none is given."""

    long: float = 0.0
    wide: float = 0.0
    thick: float = 0.0

    @property
    def is_some(self) -> bool:
        return self.long > 0 and self.wide > 0


NO_NEED = Need()


@dataclass(frozen=True)
class Brief:
    """One thing to be made: recipe, measures (mm, degrees, choices by name), stock, how many.

    measures holds every measure of the recipe, in the recipe's order, each accepted by it; seams: changes made by hand, one a seam;
    openings, trims: windows, holes, rounded corners and notches put into panels by hand; notes: the person's own words.  enlarged: the
    finished drawing is enlarged by so much, instead of being drafted anew at its size.  tape_mm: width of the double-sided tape its seams
    are glued with, 0 for wet glue.  overlays: pieces glued on panels, mats and labels; parts: the stocks, by id, of parts that have their
    own.  need: the thing it must take.  arts: pictures and words on it.
    """

    name: str
    recipe: str
    measures: tuple[tuple[str, Value], ...]
    stock: str = DEFAULT_STOCK_ID
    copies: int = 1
    seams: tuple[SeamChange, ...] = ()
    notes: str = ""
    enlarged: float = 1.0
    extra: Extra = ()
    openings: tuple[Opening, ...] = ()
    trims: tuple[Trim, ...] = ()
    tape_mm: float = 0.0
    overlays: tuple[Overlay, ...] = ()
    parts: tuple[tuple[str, str], ...] = ()
    need: Need = NO_NEED
    arts: tuple[Art, ...] = ()

    def __hash__(self) -> int:  # every change looks up all that was worked out for each brief, by its value
        return self._digest

    @cached_property
    def _digest(self) -> int:
        return hash(tuple(getattr(self, f.name) for f in fields(self)))

    @property
    def values(self) -> Values:
        return dict(self.measures)

    def with_measure(self, name: str, value: Value) -> Brief:
        """The brief with one measure changed.

        Raises MeasureError when the recipe cannot build it so.
        """
        recipe = find_recipe(self.recipe)
        recipe.measure(name)
        return replace(self, measures=tuple(recipe.accept({**self.values, name: value}).items()))

    def with_seam(self, change: SeamChange) -> Brief:
        """The brief with one seam changed by hand.  Raises MeasureError when its tab cannot be moved so."""
        drafted = find_recipe(self.recipe).draft(self.values)
        if change.seam not in seams(drafted):
            raise MeasureError("no seam has that name", say("seam {seam!r}", seam=change.seam),
                               say("the names are: {names}", names=", ".join(seams(drafted))))
        kept = tuple(c for c in self.seams if c.seam != change.seam)
        amend(drafted, (*kept, change))
        untouched = not change.moved and change.joint is seams(drafted)[change.seam].joint
        return replace(self, seams=kept if untouched else (*kept, change))

    def with_opening(self, opening: Opening) -> Brief:
        """The brief with an opening put into a panel, or the one of that name changed.

        Raises MeasureError when it does not lie within its panel.
        """
        panels = [p.name for piece in find_recipe(self.recipe).draft(self.values).pieces for p in piece.panels if may_open(p)]
        if opening.panel not in panels:
            raise MeasureError("openings go into flat panels only", say("panel {panel}", panel=opening.panel),
                               say("choose one of: {names}", names=", ".join(panels)))
        here = any(o.name == opening.name for o in self.openings)
        changed = tuple(opening if o.name == opening.name else o for o in self.openings) if here else (*self.openings, opening)
        return self._opened(replace(self, openings=changed))

    def without_opening(self, name: str) -> Brief:
        """The brief without an opening."""
        return replace(self, openings=tuple(o for o in self.openings if o.name != name))

    def with_trim(self, trim: Trim) -> Brief:
        """The brief with a panel's free edges trimmed otherwise."""
        kept = tuple(t for t in self.trims if t.panel != trim.panel)
        return self._opened(replace(self, trims=kept if trim == Trim(trim.panel) else (*kept, trim)))

    def _opened(self, brief: Brief) -> Brief:
        open_up(find_recipe(brief.recipe).draft(brief.values), brief.openings, brief.trims)
        return brief

    def with_overlay(self, overlay: Overlay) -> Brief:
        """The brief with an overlay, or the one of that name changed.  Raises MeasureError when a value of it cannot be made."""
        check_overlay(overlay)
        here = any(o.name == overlay.name for o in self.overlays)
        return replace(self, overlays=tuple(overlay if o.name == overlay.name else o for o in self.overlays) if here
                       else (*self.overlays, overlay))

    def without_overlay(self, name: str) -> Brief:
        return replace(self, overlays=tuple(o for o in self.overlays if o.name != name))

    def with_part(self, part: str, stock: Stock | None) -> Brief:
        """The brief with a part of it in a stock of its own; None: in the body's."""
        kept = tuple((name, i) for name, i in self.parts if name != part)
        return replace(self, parts=kept if stock is None else (*kept, (part, stock.id)))

    def with_art(self, art: Art) -> Brief:
        """The brief with artwork, or that of the name changed.  Raises MeasureError when a value of it cannot be printed."""
        check_art(art)
        here = any(a.name == art.name for a in self.arts)
        return replace(self, arts=tuple(art if a.name == art.name else a for a in self.arts) if here else (*self.arts, art))

    def without_art(self, name: str) -> Brief:
        return replace(self, arts=tuple(a for a in self.arts if a.name != name))

    def with_need(self, need: Need) -> Brief:
        """The brief with what must fit written down.  Raises MeasureError when that is no thing."""
        for word, mm in zip(("length", "width", "thickness"), need, strict=True):
            if not (math.isfinite(mm) and 0.0 <= mm <= MOST_MM):
                raise MeasureError(say("{mm:g} mm is no size of a thing", mm=mm), say("what must fit, {word}", word=word),
                                   say("write 0 to {most:g} mm", most=MOST_MM))
        return replace(self, need=need)

    def with_tape(self, width: float) -> Brief:
        """The brief glued with double-sided tape so wide (mm), its tabs made as deep, since tape is placed out to the very edge; with 0
        wet glue, and tabs as deep as usual.

        Raises MeasureError when the recipe cannot be built with such tabs, or no tape is so wide.
        """
        if width and width not in TAPES_MM:
            raise MeasureError(say("no tape is {width:g} mm wide", width=width), "adhesive",
                               say("choose one of: {names}", names=_TAPES))
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


@dataclass(frozen=True)
class Project:
    """Everything a project file keeps.

    unit: what a bare number means to this person, "mm" or "in"; sheet: the sheet printed on; stocks: the stocks its briefs use, as
    they were, so that the file carries them; tile_mm: pieces too large for the sheet are tiled over several, which overlap by so much; 0:
    they are not.
    """

    title: str
    briefs: tuple[Brief, ...]
    stocks: tuple[Stock, ...] = ()
    unit: str = "mm"
    sheet: str = "A4"
    notes: str = ""
    extra: Extra = ()
    tile_mm: float = 0.0

    @property
    def paper(self) -> Sheet:
        """The sheet printed on, and whether larger pieces are tiled over several."""
        return replace(find_sheet(self.sheet), tile_mm=self.tile_mm)

    def stock_of(self, brief: Brief) -> Stock:
        return find_stock(brief.stock, self.stocks)

    def parts_of(self, brief: Brief) -> tuple[tuple[str, Stock], ...]:
        """The stocks of a brief's parts that have their own."""
        return tuple((part, find_stock(i, self.stocks)) for part, i in brief.parts)

    def with_brief(self, number: int, brief: Brief) -> Project:
        briefs = (*self.briefs[:number], brief, *self.briefs[number + 1:])
        return self.with_briefs(briefs)

    def with_briefs(self, briefs: tuple[Brief, ...]) -> Project:
        """Other briefs, at least one; the file carries just the stocks they use."""
        return replace(self, briefs=briefs, stocks=_used(briefs, self.stocks))

    def with_stock(self, number: int, stock: Stock) -> Project:
        """One brief in another stock, which the file then carries.  Raises StockError when it cannot be built from it."""
        return self._carrying(number, self.briefs[number].with_stock(stock), stock)

    def with_part(self, number: int, part: str, stock: Stock | None) -> Project:
        """A part of one brief in a stock of its own, which the file then carries; None: in the body's."""
        brief = self.briefs[number].with_part(part, stock)
        return self.with_brief(number, brief) if stock is None else self._carrying(number, brief, stock)

    def _carrying(self, number: int, brief: Brief, stock: Stock) -> Project:
        briefs = (*self.briefs[:number], brief, *self.briefs[number + 1:])
        own = (stock, *(s for s in self.stocks if s.id != stock.id))
        return replace(self, briefs=briefs, stocks=_used(briefs, own))

    def with_stock_as(self, stock: Stock) -> Project:
        """A stock of the same name measured anew: everything made of it follows.  Raises StockError when something cannot."""
        for brief in self.briefs:
            if brief.stock == stock.id:
                brief.with_stock(stock)
        return replace(self, stocks=tuple(stock if s.id == stock.id else s for s in self.stocks))

    def free_name(self, wish: str) -> str:
        """The name, or the name with a number, that no brief has yet."""
        taken = {b.name for b in self.briefs}
        return next(n for n in chain([wish], (f"{wish} {i}" for i in count(2))) if n not in taken)


def new_brief(recipe_id: str, values: Values | None = None, stock: Stock | None = None, name: str = "") -> Brief:
    """A brief with the recipe's defaults and the given values.

    Raises MeasureError, StockError.
    """
    recipe = find_recipe(recipe_id)
    chosen = stock or find_stock(recipe.stock)
    recipe.accept_stock(chosen)
    return Brief(name or recipe.title, recipe.id, tuple(recipe.accept(values or {}).items()), chosen.id)


def new_project(brief: Brief, title: str = "", unit: str = "mm", sheet: str = "A4", own: tuple[Stock, ...] = ()) -> Project:
    """A project of one brief, in a stock of the person's own or of the catalogue."""
    return Project(title or brief.name, (brief,), _used((brief,), own), unit, find_sheet(sheet).name)


def _used(briefs: tuple[Brief, ...], own: tuple[Stock, ...]) -> tuple[Stock, ...]:
    ids = list(dict.fromkeys(i for b in briefs for i in (b.stock, *(i for _, i in b.parts))))
    return tuple(find_stock(i, own) for i in ids)


def differences(before: Project, after: Project) -> tuple[str, ...]:
    """What differs between two states of a project, a sentence each, without full stops; empty when they are the same."""
    said: list[str] = [
        say("{name} was {before}, is now {after}", name=name, before=str(a or "empty"), after=str(b or "empty")) for name, a, b in
            (("the title", before.title, after.title), ("the unit", before.unit, after.unit), ("the sheet", before.sheet, after.sheet),
             ("the overlap of tiles", before.tile_mm, after.tile_mm))
            if a != b]
    if before.notes != after.notes:
        said.append("the notes differ")
    old, new = ({b.name: b for b in p.briefs} for p in (before, after))
    said += [say("{name} was added", name=name) for name in new if name not in old]
    said += [say("{name} was removed", name=name) for name in old if name not in new]
    for name in (n for n in new if n in old):
        said += _brief_differences(old[name], new[name])
    if not said and before != after:
        said.append("the order of things, or what another program wrote in the file, differs")
    return tuple(said)


_NOW = "{name}: {what} was {before}, is now {after}"


def _brief_differences(a: Brief, b: Brief) -> list[str]:
    if a.recipe != b.recipe:
        return [say("{name}: another construction", name=b.name)]
    recipe = find_recipe(b.recipe)
    said: list[str] = []
    for key, value in b.values.items():
        measure, was = recipe.measure(key), a.values[key]
        if value != was:
            if measure.kind is Kind.OUTLINE:
                said.append(say("{name}: another outline", name=b.name))
                continue
            shown = [dict(measure.choices).get(str(v)) or (measure.write(v) if isinstance(v, float) else v) for v in (was, value)]
            said.append(say(_NOW, name=b.name, what=measure.title.lower(), before=shown[0], after=shown[1]))
    said += [say(_NOW, name=b.name, what=word, before=x, after=y)
             for word, x, y in (("stock", a.stock, b.stock), ("copies", a.copies, b.copies),
                               ("enlargement", a.enlarged, b.enlarged), ("tape", a.tape_mm, b.tape_mm)) if x != y]
    said += [say("{name}: {what} differ", name=b.name, what=word)
             for word, x, y in (("seams", a.seams, b.seams), ("openings", a.openings, b.openings), ("edges", a.trims, b.trims),
                                ("overlays", a.overlays, b.overlays), ("stocks of its parts", a.parts, b.parts),
                                ("what must fit", a.need, b.need), ("artwork", a.arts, b.arts),
                                ("notes", a.notes, b.notes)) if x != y]
    return said


# -- plain data --------------------------------------------------------------------------------------------


def to_data(project: Project) -> dict[str, Any]:
    """JSON-ready data, unknown keys included."""
    return {
        "mingei": VERSION,
        "title": project.title,
        "unit": project.unit,
        "sheet": project.sheet,
        **({"notes": project.notes} if project.notes else {}),
        **({"tile_mm": project.tile_mm} if project.tile_mm else {}),
        "briefs": [_brief_data(b) for b in project.briefs],
        "stocks": [stock_data(s) for s in project.stocks],
        **_thaw(project.extra),
    }


def _brief_data(b: Brief) -> dict[str, Any]:
    data: dict[str, Any] = {"name": b.name, "recipe": b.recipe, "stock": b.stock, "copies": b.copies, "measures": dict(b.measures)}
    amendments: list[dict[str, Any]] = [{"kind": "seam", "seam": c.seam, "joint": str(c.joint), "moved": c.moved} for c in b.seams]
    usual = Opening("", "")._asdict()
    amendments += [{"kind": "opening"} | {k: str(v) if isinstance(v, Shape) else v for k, v in o._asdict().items()
                                          if k in ("name", "panel", "shape", "width") or v != usual[k]} for o in b.openings]
    amendments += [{"kind": "trim", **trim._asdict()} for trim in b.trims]
    plain = Overlay("", "")._asdict()
    amendments += [{"kind": "overlay"} | {k: v for k, v in o._asdict().items() if k in ("name", "panel", "part") or v != plain[k]}
                   for o in b.overlays]
    if amendments:
        data["amendments"] = amendments
    if b.notes:
        data["notes"] = b.notes
    if b.enlarged != 1.0:
        data["enlarged"] = b.enlarged
    if b.tape_mm:
        data["tape_mm"] = b.tape_mm
    if b.parts:
        data["parts"] = dict(b.parts)
    if b.need != NO_NEED:
        data["need"] = list(b.need)
    usual_art = Art("", "")._asdict()
    if b.arts:
        data["artwork"] = [{k: str(v) if isinstance(v, Fill) else v for k, v in a._asdict().items()
                            if k in ("name", "piece") or v != usual_art[k]} for a in b.arts]
    return data | _thaw(b.extra)


def stock_data(stock: Stock) -> dict[str, Any]:
    """A stock as JSON-ready data."""
    return {f.name: list(v) if isinstance(v := getattr(stock, f.name), tuple) else v for f in fields(Stock)}


#: From each older version, how its data becomes the next version's.
MIGRATIONS: Mapping[int, Callable[[dict[str, Any]], dict[str, Any]]] = {}


def from_data(data: Any) -> Project:
    """Read a project from plain data, whatever it holds.

    Raises ProjectError naming the key at fault and the remedy.
    """
    top = _mapping(data, "the file")
    version = top.get("mingei")
    if not isinstance(version, int) or isinstance(version, bool) or version < 1:
        raise ProjectError("this is no Mingei project", "key 'mingei'", "open a file that Mingei saved")
    if version > VERSION:
        raise ProjectError(say("it was saved by a later Mingei (file version {version}, this one reads up to {newest})", version=version,
                               newest=VERSION), "",
                           "open it with that one")
    for step in range(version, VERSION):
        top = MIGRATIONS[step](top)
    stocks = tuple(stock_from_data(s, f"stocks[{i}]") for i, s in enumerate(_list(top.get("stocks", []), "stocks")))
    briefs = tuple(_brief(b, f"briefs[{i}]", stocks) for i, b in enumerate(_list(top.get("briefs"), "briefs")))
    if not briefs:
        raise ProjectError("it holds nothing to make", "key 'briefs'", "begin a new project")
    unit = top.get("unit", "mm")
    if unit not in ("mm", "in"):
        raise ProjectError(say("{unit!r} is not a unit", unit=unit), "key 'unit'", "write mm or in")
    try:
        sheet = find_sheet(_text(top.get("sheet", "A4"), "sheet")).name
    except MingeiError as error:
        raise ProjectError(error.sentence, "key 'sheet'", error.remedy) from None
    overlap = top.get("tile_mm", 0)
    if isinstance(overlap, bool) or not isinstance(overlap, (int, float)) or not (overlap == 0 or LEAST_MM <= overlap <= MOST_OVERLAP_MM):
        raise ProjectError(say("{overlap!r} is not how far tiles can overlap", overlap=overlap), "key 'tile_mm'",
                           say("write 0 for none, or {least:g} to {most:g}", least=LEAST_MM, most=MOST_OVERLAP_MM))
    known = {"mingei", "title", "unit", "sheet", "briefs", "stocks", "notes", "tile_mm"}
    return Project(_text(top.get("title", ""), "title"), briefs, _used(briefs, stocks), unit, sheet,
                   _text(top.get("notes", ""), "notes", MOST_NOTES), _freeze(top, known), float(overlap))


def _brief(data: Any, place: str, stocks: tuple[Stock, ...]) -> Brief:
    entry = _mapping(data, place)
    try:
        recipe = find_recipe(_text(entry.get("recipe"), f"{place}.recipe"))
        given = _mapping(entry.get("measures", {}), f"{place}.measures")
        measures = tuple(recipe.accept(given).items())
        stock = find_stock(_text(entry.get("stock", DEFAULT_STOCK_ID), f"{place}.stock"), stocks)
        recipe.accept_stock(stock)
        found = [_amendment(a, f"{place}.amendments[{i}]")
                 for i, a in enumerate(_list(entry.get("amendments", []), f"{place}.amendments"))]
        changes = tuple(a for a in found if isinstance(a, SeamChange))
        openings, trims = tuple(a for a in found if isinstance(a, Opening)), tuple(a for a in found if isinstance(a, Trim))
        overlays = tuple(a for a in found if isinstance(a, Overlay))
        for template, named in (("two openings are named {name!r}", openings), ("two overlays are named {name!r}", overlays)):
            names = [a.name for a in named]
            twice = next((n for i, n in enumerate(names) if n in names[:i]), None)
            if twice is not None:
                raise ProjectError(say(template, name=twice), f"{place}.amendments", "give each a name of its own")
        parts = tuple((_text(part, f"{place}.parts"), find_stock(_text(i, f"{place}.parts.{part}"), stocks).id)
                      for part, i in _mapping(entry.get("parts", {}), f"{place}.parts").items())
        if found:
            open_up(amend(recipe.draft(dict(measures)), changes), openings, trims)
    except ProjectError:
        raise
    except MingeiError as error:
        raise ProjectError(error.sentence, f"{place}: {error.place}", error.remedy) from None
    copies = entry.get("copies", 1)
    if not isinstance(copies, int) or isinstance(copies, bool) or not 1 <= copies <= MOST_COPIES:
        raise ProjectError(say("{copies!r} is not a number of copies", copies=copies), f"{place}.copies",
                           say("write 1 to {most}", most=MOST_COPIES))
    name = _text(entry.get("name", recipe.title), f"{place}.name")
    known = {"name", "recipe", "stock", "copies", "measures", "amendments", "notes", "enlarged", "tape_mm", "parts", "need", "artwork"}
    grown = entry.get("enlarged", 1.0)
    if not isinstance(grown, (int, float)) or isinstance(grown, bool) or not LEAST_FACTOR <= grown <= MOST_FACTOR:
        raise ProjectError(say("{factor!r} is not how much a drawing can be enlarged", factor=grown), f"{place}.enlarged",
                           say("write {least:g} to {most:g}", least=LEAST_FACTOR, most=MOST_FACTOR))
    tape = entry.get("tape_mm", 0)
    if tape != 0 and tape not in TAPES_MM:
        raise ProjectError(say("no tape is {width!r} mm wide", width=tape), f"{place}.tape_mm",
                           say("write 0 for wet glue, or one of {names}", names=_TAPES))
    sizes = _list(entry.get("need", [0.0, 0.0, 0.0]), f"{place}.need")
    if len(sizes) != 3 or not all(isinstance(v, (int, float)) and not isinstance(v, bool) and 0 <= v <= MOST_MM for v in sizes):
        raise ProjectError(say("{sizes!r} is no thing that must fit", sizes=sizes[:4]), f"{place}.need",
                           "write its length, width and thickness in mm")
    arts = tuple(_art(a, f"{place}.artwork[{i}]") for i, a in enumerate(_list(entry.get("artwork", []), f"{place}.artwork")))
    if len({a.name for a in arts}) < len(arts):
        raise ProjectError("two pieces of artwork have one name", f"{place}.artwork", "give each a name of its own")
    return Brief(name, recipe.id, measures, stock.id, copies, changes, _text(entry.get("notes", ""), f"{place}.notes", MOST_NOTES),
                 float(grown), _freeze(entry, known), openings, trims, float(tape), overlays, parts, Need(*map(float, sizes)), arts)


def _amendment(data: Any, place: str) -> SeamChange | Opening | Trim | Overlay:
    entry = _mapping(data, place)
    if entry.get("kind") == "overlay":
        return _overlay(entry, place)
    if entry.get("kind") == "opening":
        return _opening(entry, place)
    if entry.get("kind") == "trim":
        trim = Trim(_text(entry.get("panel"), f"{place}.panel"), *(_length(entry, key, place, 0.0) for key in ("round_mm", "notch_mm")))
        for key, mm in (("round_mm", trim.round_mm), ("notch_mm", trim.notch_mm)):
            if mm < 0:
                raise ProjectError(say("{mm:g} mm cannot be cut", mm=mm), f"{place}.{key}", "write 0 or more")
        return trim
    if entry.get("kind") != "seam":
        raise ProjectError(say("{kind!r} is not a kind of amendment this Mingei knows", kind=entry.get("kind")), f"{place}.kind",
                           "open it with the Mingei that saved it")
    joint, moved = entry.get("joint"), entry.get("moved", False)
    if joint not in list(CHOICES) or not isinstance(moved, bool):
        raise ProjectError("that is no way to hold a seam", place,
                           say("write a joint ({names}) and moved as true or false", names=", ".join(CHOICES)))
    return SeamChange(_text(entry.get("seam"), f"{place}.seam"), Joint(joint), moved)


def _opening(entry: Mapping[str, Any], place: str) -> Opening:
    usual = Opening("", "")
    shape = entry.get("shape", "rectangle")
    if shape not in list(Shape):
        raise ProjectError(say("{shape!r} is no shape of an opening", shape=shape), f"{place}.shape",
                           say("write {names}", names=", ".join(Shape)))
    width, height, x, y, corner, turn = (_length(entry, k, place, getattr(usual, k))
                                         for k in ("width", "height", "x", "y", "corner", "turn_deg"))
    stays, window = (entry.get(k, False) for k in ("stays", "window"))
    if not isinstance(stays, bool) or not isinstance(window, bool):
        raise ProjectError("true or false belongs here", f"{place}.stays, {place}.window", "write one of them")
    layers = entry.get("layers", 1)
    if not isinstance(layers, int) or isinstance(layers, bool):
        raise ProjectError(say("{value!r} is not a number of layers", value=layers), f"{place}.layers", "write 1 or more")
    made = Opening(_text(entry.get("name"), f"{place}.name"), _text(entry.get("panel"), f"{place}.panel"), Shape(shape),
                   width, height, x, y, corner, turn, stays, window, _text(entry.get("drawn", ""), f"{place}.drawn", MOST_NOTES), layers)
    check_opening(made)
    if made.shape is Shape.DRAWN:
        contour.read(made.drawn)
    return made


def _art(data: Any, place: str) -> Art:
    entry = _mapping(data, place)
    usual = Art("", "")
    texts = {k: _text(entry.get(k, getattr(usual, k)), f"{place}.{k}")
             for k in ("name", "piece", "panel", "source", "words", "font", "colour")}
    fill = entry.get("fill", str(usual.fill))
    if fill not in list(Fill):
        raise ProjectError(say("{fill!r} is no way a picture takes its place", fill=fill), f"{place}.fill",
                           say("write {names}", names=", ".join(Fill)))
    width, x, y, turn, bleed = (_length(entry, k, place, getattr(usual, k)) for k in ("width", "x", "y", "turn_deg", "bleed"))
    made = Art(texts["name"], texts["piece"], texts["panel"], texts["source"], texts["words"], texts["font"], Fill(fill), width, x, y, turn,
               bleed, texts["colour"])
    try:
        check_art(made)
    except MeasureError as error:
        raise ProjectError(error.sentence, f"{place}: {error.place}", error.remedy) from None
    return made


def _overlay(entry: Mapping[str, Any], place: str) -> Overlay:
    plain = Overlay("", "")
    border, width, height, x, y, corner, turn, pad = (_length(entry, k, place, getattr(plain, k))
                                                      for k in ("border", "width", "height", "x", "y", "corner", "turn_deg", "pad"))
    inside, guide = (entry.get(k, False) for k in ("inside", "guide"))
    if not isinstance(inside, bool) or not isinstance(guide, bool):
        raise ProjectError("true or false belongs here", f"{place}.inside, {place}.guide", "write one of them")
    made = Overlay(_text(entry.get("name"), f"{place}.name"), _text(entry.get("panel"), f"{place}.panel"), border, width, height, x, y,
                   corner, turn, inside, pad, guide, _text(entry.get("part", plain.part), f"{place}.part"))
    check_overlay(made)
    return made


def _length(entry: Mapping[str, Any], key: str, place: str, usual: float) -> float:
    value = entry.get(key, usual)
    if isinstance(value, bool) or not isinstance(value, (int, float)) or not abs(value) <= MOST_MM:
        raise ProjectError(say("{value!r} is not a length", value=value), f"{place}.{key}", "write one in mm")
    return float(value)


def stock_from_data(data: Any, place: str) -> Stock:
    """A stock from plain data.  Raises ProjectError naming the key at fault."""
    entry = _mapping(data, place)
    values: dict[str, Any] = {}
    for f in fields(Stock):
        if f.name not in entry:
            continue
        value = entry[f.name]
        whole = f.name in ("score_passes", "layers")
        number = whole or f.name in ("grammage_gsm", "caliper_mm", "crease_gain_mm", "price")
        if number and (isinstance(value, bool) or not isinstance(value, int if whole else (int, float))):
            raise ProjectError(say("{value!r} is not a number", value=value), f"{place}.{f.name}", "write one")
        if f.name == "sheets":
            values[f.name] = tuple(_text(v, f"{place}.sheets") for v in _list(value, f"{place}.sheets"))
        elif f.name == "grain":
            if value not in list(Grain):
                raise ProjectError(say("{value!r} is not a grain", value=value), f"{place}.grain",
                                   say("write {names}", names=", ".join(Grain)))
            values[f.name] = Grain(value)
        elif f.name == "faced":
            if value not in list(Faced):
                raise ProjectError(say("{value!r} says not which faces are covered", value=value), f"{place}.faced",
                                   say("write {names}", names=", ".join(Faced)))
            values[f.name] = Faced(value)
        else:
            values[f.name] = value if number else _text(value, f"{place}.{f.name}")
    try:
        return Stock(**values)
    except TypeError:
        raise ProjectError("a stock needs id, name, grammage_gsm and caliper_mm", place, "write the missing key") from None
    except MingeiError as error:
        raise ProjectError(error.sentence, f"{place}: {error.place}", error.remedy) from None


def _mapping(value: Any, place: str) -> dict[str, Any]:
    if not isinstance(value, dict):
        raise ProjectError("an object { } belongs here", place, "open a file that Mingei saved")
    return value


def _list(value: Any, place: str) -> list[Any]:
    if not isinstance(value, list):
        raise ProjectError("a list [ ] belongs here", say("key {place!r}", place=place), "open a file that Mingei saved")
    return value


def _text(value: Any, place: str, most: int = 2000) -> str:
    if not isinstance(value, str) or len(value) > most:
        raise ProjectError(say("a text of at most {most} characters belongs here", most=most), say("key {place!r}", place=place),
                           "write one in quotes")
    return value


def _freeze(data: Mapping[str, Any], known: set[str]) -> Extra:
    return tuple((k, json.dumps(v, ensure_ascii=False)) for k, v in data.items() if k not in known)


def _thaw(extra: Extra) -> dict[str, Any]:
    return {k: json.loads(v) for k, v in extra}
