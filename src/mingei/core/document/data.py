"""The document as plain data: ``to_data`` and ``from_data`` turn it into JSON-ready data and back, whatever
the data holds.

Keys this version does not know are kept and written back.  The shape of the data is described in
docs/formats.md and docs/project.schema.json.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import replace
from typing import Any

from mingei.core import kinds
from mingei.core.amendments.opening import MOST_MM
from mingei.core.covering.art import Art
from mingei.core.covering.art import check as check_art
from mingei.core.data import forms
from mingei.core.data.extra import freeze, thaw
from mingei.core.data.plain import admit
from mingei.core.document.project import (
    LEAST_FACTOR,
    MOST_COPIES,
    MOST_FACTOR,
    MOST_KEY,
    MOST_NOTES,
    MOST_STEPS,
    MOST_TIMES,
    NO_NEED,
    TAPES_MM,
    TAPES_SAID,
    Brief,
    Need,
    Project,
    accept_copies,
    used,
)
from mingei.core.document.publishing import Publishing, check_publishing
from mingei.core.errors import MingeiError, ProjectError
from mingei.core.layout.laying import Laying, Printer, Spot, check_laying, check_printer
from mingei.core.layout.offcuts import Offcut
from mingei.core.layout.sheets import find_sheet
from mingei.core.layout.tile import LEAST_MM
from mingei.core.layout.tile import MOST_MM as MOST_OVERLAP_MM
from mingei.core.plan.making import Making, check_making
from mingei.core.recipes import find_recipe
from mingei.core.stock import DEFAULT_STOCK_ID, Stock, find_stock
from mingei.core.words import say
from mingei.core.work.plan import Working, check_working

VERSION = 2
#: How much one file holds: things, amendments of each, pictures and words on each, places of pieces.
MOST_THINGS, MOST_AMENDMENTS, MOST_PRINTS, MOST_PLACES = 1000, 1000, 200, 50_000


def to_data(project: Project) -> dict[str, Any]:
    """JSON-ready data, unknown keys included."""
    data: dict[str, Any] = {
        "mingei": VERSION,
        "title": project.title,
        "unit": project.unit,
        "sheet": project.sheet,
        **({"notes": project.notes} if project.notes else {}),
        **({"tile_mm": project.tile_mm} if project.tile_mm else {}),
        **_changed("laying", project.laying),
        **_changed("printer", project.printer),
        **_changed("working", project.working),
        **_changed("making", project.making),
        **_changed("publishing", project.publishing),
        **({"places": [dict(zip(_PLACE, spot[:-1], strict=True)) | thaw(spot.extra)
                       for spot in project.spots]} if project.spots else {}),
        "briefs": [_brief_data(b) for b in project.briefs],
        "stocks": [stock_data(s) for s in project.stocks],
    }
    # what a later version wrote, also beside choices known here
    for key, value in thaw(project.extra).items():
        data[key] = value | data.get(key, {}) if key in _CHOICES else value
    return data


#: The keys that hold choices, each with the words of those known here.
_CHOICES = {"laying": Laying._fields, "printer": Printer._fields, "working": Working._fields,
            "making": Making._fields, "publishing": Publishing._fields}


#: The words of a place, in the order of a spot's values but the last.
_PLACE = ("thing", "piece", "copy", "page", "x", "y", "turn_deg", "locked")


def _changed(key: str, values: Laying | Printer | Working | Making | Publishing) -> dict[str, Any]:
    """What differs from the usual, under a key; nothing where nothing does."""
    different = forms.written(values)
    return {key: different} if different else {}


def _brief_data(b: Brief) -> dict[str, Any]:
    data: dict[str, Any] = {"name": b.name, "recipe": b.recipe, "stock": b.stock, "copies": b.copies,
                            "measures": dict(b.measures)}
    data = ({"id": b.id} if b.id else {}) | data
    if b.amendments:
        data["amendments"] = [kinds.as_data(each) for each in b.amendments]
    if b.notes:
        data["notes"] = b.notes
    if b.enlarged != 1.0:
        data["enlarged"] = b.enlarged
    if b.model != 1.0:
        data["model"] = b.model
    if b.tape_mm:
        data["tape_mm"] = b.tape_mm
    if b.parts:
        data["parts"] = dict(b.parts)
    if b.need != NO_NEED:
        data["need"] = list(b.need)
    if b.order:
        data["order"] = list(b.order)
    if b.arts:
        data["artwork"] = [forms.written(a, ("name", "piece")) for a in b.arts]
    return data | thaw(b.extra)


def stock_data(stock: Stock) -> dict[str, Any]:
    """A stock as JSON-ready data."""
    return forms.written(stock, [f.name for f in forms.fields_of(Stock)])


def _with_ids(top: dict[str, Any]) -> dict[str, Any]:
    """Version 1 knew things by their names; of several of one name, places belong to the first."""
    briefs = top.get("briefs")
    if not isinstance(briefs, list):
        return top
    ids: dict[object, str] = {}
    named = []
    for number, brief in enumerate(briefs, 1):
        if isinstance(brief, dict):
            name = brief.get("name")
            ids.setdefault(name if isinstance(name, str) else None, f"thing-{number}")
            brief = brief | {"id": f"thing-{number}"}
        named.append(brief)

    def known(name: object) -> object:
        return ids.get(name, name) if isinstance(name, str) else name

    top = top | {"briefs": named}
    if isinstance(top.get("places"), list):
        top["places"] = [p | {"thing": known(p.get("thing"))} if isinstance(p, dict) else p
                         for p in top["places"]]
    laying = top.get("laying")
    if isinstance(laying, dict) and isinstance(laying.get("groups"), list):
        groups = [[known(g[0]), *g[1:]] if isinstance(g, list) and g else g for g in laying["groups"]]
        top["laying"] = laying | {"groups": groups}
    return top


#: From each older version, how its data becomes the next version's.
MIGRATIONS: Mapping[int, Callable[[dict[str, Any]], dict[str, Any]]] = {1: _with_ids}


def from_data(data: Any) -> Project:
    """Read a project from plain data, whatever it holds.

    Raises ProjectError naming the key at fault and the remedy.
    """
    top = forms.mapping(admit(data), "the file")
    version = top.get("mingei")
    if not isinstance(version, int) or isinstance(version, bool) or version < 1:
        raise ProjectError("this is no Mingei project", "key 'mingei'", "open a file that Mingei saved")
    if version > VERSION:
        raise ProjectError(
            say("it was saved by a later Mingei (file version {version}, this one reads up to {newest})",
                version=version,
                newest=VERSION), "",
                           "open it with that one")
    for step in range(version, VERSION):
        top = MIGRATIONS[step](top)
    stocks = tuple(stock_from_data(s, f"stocks[{i}]")
                   for i, s in enumerate(forms.listed(top.get("stocks", []), "stocks", MOST_THINGS)))
    briefs = tuple(_brief(b, f"briefs[{i}]", stocks)
                   for i, b in enumerate(forms.listed(top.get("briefs"), "briefs", MOST_THINGS)))
    named = [b.id for b in briefs if b.id]
    twice = next((i for i, each in enumerate(named) if each in named[:i]), None)
    if twice is not None:
        raise ProjectError(say("two things have the id {id!r}", id=named[twice]), "key 'briefs'",
                           "take the id out of one of them")
    if not briefs:
        raise ProjectError("it holds nothing to make", "key 'briefs'", "begin a new project")
    _accepted(lambda: accept_copies(briefs), "briefs")
    unit = top.get("unit", "mm")
    if unit not in ("mm", "in"):
        raise ProjectError(say("{unit!r} is not a unit", unit=unit), "key 'unit'", "write mm or in")
    try:
        sheet = find_sheet(forms.text(top.get("sheet", "A4"), "sheet")).name
    except MingeiError as error:
        raise ProjectError(error.sentence, "key 'sheet'", error.remedy) from None
    overlap = top.get("tile_mm", 0)
    if (isinstance(overlap, bool) or not isinstance(overlap, (int, float))
        or not (overlap == 0 or LEAST_MM <= overlap <= MOST_OVERLAP_MM)):
        raise ProjectError(say("{overlap!r} is not how far tiles can overlap", overlap=overlap),
                           "key 'tile_mm'",
                           say("write 0 for none, or {least:g} to {most:g}", least=LEAST_MM,
                               most=MOST_OVERLAP_MM))
    known = {"mingei", "title", "unit", "sheet", "briefs", "stocks", "notes", "tile_mm", "laying", "printer",
             "places", "working", "making", "publishing"}
    beside = {key: {k: v for k, v in forms.mapping(top.get(key, {}), key).items() if k not in words}
              for key, words in _CHOICES.items()}
    extra = (*freeze(top, known), *freeze({key: rest for key, rest in beside.items() if rest}, set()))
    return Project(forms.text(top.get("title", ""), "title"), briefs, used(briefs, stocks), unit, sheet,
                   forms.text(top.get("notes", ""), "notes", MOST_NOTES), extra, float(overlap),
                   _laying(top.get("laying", {})), printer_from_data(top.get("printer", {}), "printer"),
                   tuple(_spot(p, f"places[{i}]")
                         for i, p in enumerate(forms.listed(top.get("places", []), "places", MOST_PLACES))),
                   working=_working(top.get("working", {})), making=_making(top.get("making", {})),
                   publishing=_publishing(top.get("publishing", {})))


def _laying(data: Any) -> Laying:
    laying = forms.read(Laying, data, "laying")
    _accepted(lambda: check_laying(laying), "laying")
    return laying


def _publishing(data: Any) -> Publishing:
    said = forms.read(Publishing, data, "publishing", ("words", "terms"))
    _accepted(lambda: check_publishing(said), "publishing")
    return said


def _making(data: Any) -> Making:
    making = forms.read(Making, data, "making")
    _accepted(lambda: check_making(making), "making")
    return making


def _working(data: Any) -> Working:
    working = forms.read(Working, data, "working")
    _accepted(lambda: check_working(working), "working")
    return working


def printer_from_data(data: Any, place: str) -> Printer:
    """A printer's profile from plain data.  Raises ProjectError."""
    printer = forms.read(Printer, data, place)
    _accepted(lambda: check_printer(printer), place)
    return printer


def offcut_from_data(data: Any, place: str) -> Offcut:
    """What was kept of a sheet, from plain data.  Raises ProjectError."""
    entry = forms.mapping(data, place)
    width, height = (forms.number(entry.get(key), f"{place}.{key}") for key in ("width", "height"))
    return Offcut(forms.text(entry.get("stock"), f"{place}.stock"), *sorted((abs(width), abs(height))))


def _accepted(check: Callable[[], None], key: str) -> None:
    try:
        check()
    except MingeiError as error:
        raise ProjectError(error.sentence, say("key {key!r}", key=key), error.remedy) from None


def _spot(data: Any, place: str) -> Spot:
    entry = forms.mapping(data, place)
    numbers = {}
    for key in ("copy", "page"):
        value = entry.get(key, 0)
        if isinstance(value, bool) or not isinstance(value, int) or not 0 <= value < 100_000:
            raise ProjectError(say("{value!r} is no number of a copy or page", value=value),
                               say("key '{place}.{key}'", place=place, key=key), "write 0 or more")
        numbers[key] = value
    x, y, turn = (forms.number(entry.get(key, 0.0), f"{place}.{key}") for key in ("x", "y", "turn_deg"))
    return Spot(forms.text(entry.get("thing"), f"{place}.thing"),
                forms.text(entry.get("piece"), f"{place}.piece"), numbers["copy"], numbers["page"],
                x, y, turn, forms.yes_or_no(entry.get("locked", False), f"{place}.locked"),
                freeze(entry, set(_PLACE)))


def _brief(data: Any, place: str, stocks: tuple[Stock, ...]) -> Brief:
    entry = forms.mapping(data, place)
    try:
        recipe = find_recipe(forms.text(entry.get("recipe"), f"{place}.recipe"))
        given = forms.mapping(entry.get("measures", {}), f"{place}.measures")
        measures = tuple(recipe.accept(given).items())
        stock = find_stock(forms.text(entry.get("stock", DEFAULT_STOCK_ID), f"{place}.stock"), stocks)
        recipe.accept_stock(stock)
        some = forms.listed(entry.get("amendments", []), f"{place}.amendments", MOST_AMENDMENTS)
        amendments = tuple(kinds.from_data(a, f"{place}.amendments[{i}]") for i, a in enumerate(some))
        kinds.refuse_crowd(amendments, f"{place}.amendments")
        parts = tuple((forms.text(part, f"{place}.parts"),
                       find_stock(forms.text(i, f"{place}.parts.{part}"), stocks).id)
                      for part, i in forms.mapping(entry.get("parts", {}), f"{place}.parts").items())
    except ProjectError:
        raise
    except MingeiError as error:
        raise ProjectError(error.sentence, f"{place}: {error.place}", error.remedy) from None
    copies = entry.get("copies", 1)
    if not isinstance(copies, int) or isinstance(copies, bool) or not 1 <= copies <= MOST_COPIES:
        raise ProjectError(say("{copies!r} is not a number of copies", copies=copies), f"{place}.copies",
                           say("write 1 to {most}", most=MOST_COPIES))
    name = forms.text(entry.get("name", recipe.title), f"{place}.name")
    known = {
        "id",
        "name",
        "recipe",
        "stock",
        "copies",
        "measures",
        "amendments",
        "notes",
        "enlarged",
        "model",
        "tape_mm",
        "parts",
        "need",
        "order",
        "artwork",
    }
    grown = entry.get("enlarged", 1.0)
    if (not isinstance(grown, (int, float)) or isinstance(grown, bool) or not LEAST_FACTOR <= grown
        <= MOST_FACTOR):
        raise ProjectError(say("{factor!r} is not how much a drawing can be enlarged", factor=grown),
                           f"{place}.enlarged",
                           say("write {least:g} to {most:g}", least=LEAST_FACTOR, most=MOST_FACTOR))
    times = entry.get("model", 1.0)
    if not isinstance(times, (int, float)) or isinstance(times, bool) or not 1.0 <= times <= MOST_TIMES:
        raise ProjectError(say("{times!r} is no scale of a model", times=times), f"{place}.model",
                           say("write 1 to {most:g}", most=MOST_TIMES))
    tape = entry.get("tape_mm", 0)
    if tape != 0 and tape not in TAPES_MM:
        raise ProjectError(say("no tape is {width!r} mm wide", width=tape), f"{place}.tape_mm",
                           say("write 0 for wet glue, or one of {names}", names=TAPES_SAID))
    sizes = forms.listed(entry.get("need", [0.0, 0.0, 0.0]), f"{place}.need")
    if (len(sizes) != 3 or not all(isinstance(v, (int, float)) and not isinstance(v, bool)
                                   and 0 <= v <= MOST_MM for v in sizes)):
        raise ProjectError(say("{sizes!r} is no thing that must fit", sizes=sizes[:4]), f"{place}.need",
                           "write its length, width and thickness in mm")
    order = forms.listed(entry.get("order", []), f"{place}.order", MOST_STEPS)
    keys = tuple(forms.text(key, f"{place}.order", MOST_KEY) for key in order)
    if len(set(keys)) < len(keys):
        raise ProjectError("a step stands twice in its order", f"{place}.order", "name each step once")
    prints = forms.listed(entry.get("artwork", []), f"{place}.artwork", MOST_PRINTS)
    arts = tuple(_art(a, f"{place}.artwork[{i}]") for i, a in enumerate(prints))
    if len({a.name for a in arts}) < len(arts):
        raise ProjectError("two pieces of artwork have one name", f"{place}.artwork",
                           "give each a name of its own")
    brief = Brief(name, recipe.id, measures=measures, stock=stock.id, copies=copies, amendments=amendments,
                  notes=forms.text(entry.get("notes", ""), f"{place}.notes", MOST_NOTES),
                  enlarged=float(grown), model=float(times), extra=freeze(entry, known), tape_mm=float(tape),
                  parts=parts, need=Need(*map(float, sizes)), arts=arts, order=keys,
                  id=forms.text(entry.get("id", ""), f"{place}.id", 100))
    try:
        for part, own in brief.parts:
            brief.accept_part(part, find_stock(own, stocks))
        return brief.sound()
    except MingeiError as error:
        raise ProjectError(error.sentence, f"{place}: {error.place}", error.remedy) from None


def _art(data: Any, place: str) -> Art:
    made = forms.read(Art, data, place)
    _accepted(lambda: check_art(made), place)
    return made


#: Figures of a stock that are often whole, and are left as they were written.
_WHOLE = ("grammage_gsm", "caliper_mm", "crease_gain_mm", "price")


def stock_from_data(data: Any, place: str) -> Stock:
    """A stock from plain data.  Raises ProjectError naming the key at fault."""
    try:
        stock = forms.read(Stock, data, place)
        plain: dict[str, Any] = {k: v for k, v in data.items() if type(v) is int and k in _WHOLE}
        return replace(stock, **plain) if plain else stock  # written back as it was
    except ProjectError:
        raise
    except MingeiError as error:
        raise ProjectError(error.sentence, f"{place}: {error.place}", error.remedy) from None
