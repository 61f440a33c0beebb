"""The document as plain data: ``to_data`` and ``from_data`` turn it into JSON-ready data and back, whatever
the data holds.

Keys this version does not know are kept and written back.  The shape of the data is described in
docs/formats.md and docs/project.schema.json.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Mapping, Sequence
from dataclasses import fields
from typing import Any, NamedTuple

from mingei.core.amendments.amend import CHOICES, SeamChange
from mingei.core.amendments.opening import MOST_MM, Opening, Shape, Trim
from mingei.core.covering.art import Art, Fill
from mingei.core.covering.art import check as check_art
from mingei.core.covering.overlay import Overlay
from mingei.core.draft import Joint
from mingei.core.errors import MeasureError, MingeiError, ProjectError
from mingei.core.extra import Extra, freeze, thaw
from mingei.core.layout.laying import ANY_PRINTER, USUAL, Laying, Printer, Spot, check_laying, check_printer
from mingei.core.layout.offcuts import Offcut
from mingei.core.layout.sheets import find_sheet
from mingei.core.layout.splice import MOST_SPLICES, Splice, check_splice
from mingei.core.layout.tile import LEAST_MM
from mingei.core.layout.tile import MOST_MM as MOST_OVERLAP_MM
from mingei.core.plain import admit
from mingei.core.plane import contour
from mingei.core.project import (
    LEAST_FACTOR,
    MOST_COPIES,
    MOST_FACTOR,
    MOST_NOTES,
    NO_NEED,
    TAPES_MM,
    TAPES_SAID,
    Brief,
    Need,
    Project,
    accept_copies,
    used,
)
from mingei.core.recipes import find_recipe
from mingei.core.stock import DEFAULT_STOCK_ID, Faced, Grain, Stock, find_stock
from mingei.core.words import say

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
        **_changed("laying", project.laying, USUAL),
        **_changed("printer", project.printer, ANY_PRINTER),
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
_CHOICES = {"laying": Laying._fields, "printer": Printer._fields}


#: The words of a place, in the order of a spot's values but the last.
_PLACE = ("thing", "piece", "copy", "page", "x", "y", "turn_deg", "locked")


def _changed(key: str, values: Laying | Printer, usual: Laying | Printer) -> dict[str, Any]:
    """What differs from the usual, under a key; nothing where nothing does."""
    different = {k: str(v) if isinstance(v, str) else [list(each) for each in v] if isinstance(v, tuple)
                 else v
                 for k, v in values._asdict().items() if v != getattr(usual, k)}
    return {key: different} if different else {}


def _brief_data(b: Brief) -> dict[str, Any]:
    data: dict[str, Any] = {"name": b.name, "recipe": b.recipe, "stock": b.stock, "copies": b.copies,
                            "measures": dict(b.measures)}
    data = ({"id": b.id} if b.id else {}) | data
    amendments: list[dict[str, Any]] = [{"kind": "seam", "seam": c.seam, "joint": str(c.joint),
                                         "moved": c.moved} | thaw(c.extra)
                                        for c in b.seams]
    amendments += [_written("opening", o, Opening("", ""), ("name", "panel", "shape", "width"))
                   for o in b.openings]
    amendments += [_written("trim", trim, Trim(""), Trim._fields) for trim in b.trims]
    amendments += [{"kind": "split", "panel": panel} | thaw(dict(b.split_extra).get(panel, ()))
                   for panel in b.splits]
    amendments += [_written("splice", splice, Splice(""), Splice._fields) for splice in b.splices]
    amendments += [_written("overlay", o, Overlay("", ""), ("name", "panel", "part")) for o in b.overlays]
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
    if b.arts:
        data["artwork"] = [_written("", a, Art("", ""), ("name", "piece")) for a in b.arts]
    return data | thaw(b.extra)


def _written(kind: str, value: Opening | Trim | Splice | Overlay | Art,
             usual: Opening | Trim | Splice | Overlay | Art,
             always: Sequence[str]) -> dict[str, Any]:
    """A change made by hand as data: what is not as usual, and what is always written; with what a file said
    of it besides."""
    data = {k: str(v) if isinstance(v, str) else v for k, v in value._asdict().items()
            if k != "extra" and (k in always or v != getattr(usual, k))}
    return ({"kind": kind} if kind else {}) | data | thaw(value.extra)


def stock_data(stock: Stock) -> dict[str, Any]:
    """A stock as JSON-ready data."""
    return {f.name: list(v) if isinstance(v := getattr(stock, f.name), tuple) else v
            for f in fields(Stock) if f.name != "extra"} | thaw(stock.extra)


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
    top = _mapping(admit(data), "the file")
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
                   for i, s in enumerate(_few(top.get("stocks", []), "stocks", MOST_THINGS)))
    briefs = tuple(_brief(b, f"briefs[{i}]", stocks)
                   for i, b in enumerate(_few(top.get("briefs"), "briefs", MOST_THINGS)))
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
        sheet = find_sheet(_text(top.get("sheet", "A4"), "sheet")).name
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
             "places"}
    beside = {key: {k: v for k, v in _mapping(top.get(key, {}), key).items() if k not in words}
              for key, words in _CHOICES.items()}
    extra = (*freeze(top, known), *freeze({key: rest for key, rest in beside.items() if rest}, set()))
    return Project(_text(top.get("title", ""), "title"), briefs, used(briefs, stocks), unit, sheet,
                   _text(top.get("notes", ""), "notes", MOST_NOTES), extra, float(overlap),
                   _laying(top.get("laying", {})), printer_from_data(top.get("printer", {}), "printer"),
                   tuple(_spot(p, f"places[{i}]")
                         for i, p in enumerate(_few(top.get("places", []), "places", MOST_PLACES))))


def _group(data: Any, place: str) -> tuple[str, str, str]:
    entry = _list(data, place)
    if len(entry) != 3:
        raise ProjectError("a group names a thing, one of its pieces and a letter",
                           say("key {place!r}", place=place),
                           'write it as ["Tray", "tray", "A"]')
    thing, piece, letter = (_text(each, place) for each in entry)
    return thing, piece, letter


def _laying(data: Any) -> Laying:
    entry = _mapping(data, "laying")
    given: dict[str, Any] = {}
    for key in (k for k in Laying._fields if k in entry):
        value, usual = entry[key], getattr(USUAL, key)
        if isinstance(usual, bool):
            given[key] = _yes_or_no(value, f"laying.{key}")
        elif isinstance(usual, float):
            given[key] = _measured(value, f"laying.{key}")
        elif isinstance(usual, tuple):
            given[key] = tuple(_group(each, f"laying.{key}[{n}]")
                               for n, each in enumerate(_list(value, f"laying.{key}")))
        else:
            kinds = [str(k) for k in type(usual)]
            if value not in kinds:
                raise ProjectError(say("{value!r} is no choice there", value=value),
                                   say("key 'laying.{key}'", key=key),
                                   say("write one of: {kinds}", kinds=", ".join(kinds)))
            given[key] = type(usual)(value)
    laying = USUAL._replace(**given)
    _accepted(lambda: check_laying(laying), "laying")
    return laying


def printer_from_data(data: Any, place: str) -> Printer:
    """A printer's profile from plain data.  Raises ProjectError."""
    entry = _mapping(data, place)
    values = {k: _measured(v, f"{place}.{k}") for k, v in entry.items() if k in Printer._fields
              and k != "name"}
    printer = ANY_PRINTER._replace(name=_text(entry.get("name", ""), f"{place}.name"), **values)
    _accepted(lambda: check_printer(printer), place)
    return printer


def offcut_from_data(data: Any, place: str) -> Offcut:
    """What was kept of a sheet, from plain data.  Raises ProjectError."""
    entry = _mapping(data, place)
    width, height = (_measured(entry.get(key), f"{place}.{key}") for key in ("width", "height"))
    return Offcut(_text(entry.get("stock"), f"{place}.stock"), *sorted((abs(width), abs(height))))


def _accepted(check: Callable[[], None], key: str) -> None:
    try:
        check()
    except MingeiError as error:
        raise ProjectError(error.sentence, say("key {key!r}", key=key), error.remedy) from None


def _spot(data: Any, place: str) -> Spot:
    entry = _mapping(data, place)
    numbers = {}
    for key in ("copy", "page"):
        value = entry.get(key, 0)
        if isinstance(value, bool) or not isinstance(value, int) or not 0 <= value < 100_000:
            raise ProjectError(say("{value!r} is no number of a copy or page", value=value),
                               say("key '{place}.{key}'", place=place, key=key), "write 0 or more")
        numbers[key] = value
    x, y, turn = (_measured(entry.get(key, 0.0), f"{place}.{key}") for key in ("x", "y", "turn_deg"))
    return Spot(_text(entry.get("thing"), f"{place}.thing"), _text(entry.get("piece"), f"{place}.piece"),
                numbers["copy"], numbers["page"],
                x, y, turn, _yes_or_no(entry.get("locked", False), f"{place}.locked"),
                freeze(entry, set(_PLACE)))


def _yes_or_no(value: Any, place: str) -> bool:
    if not isinstance(value, bool):
        raise ProjectError(say("{value!r} is neither true nor false", value=value),
                           say("key {place!r}", place=place),
                           "write true or false")
    return value


def _measured(value: Any, place: str) -> float:
    if (isinstance(value, bool) or not isinstance(value, (int, float)) or not math.isfinite(value)
        or abs(value) > 1e6):
        raise ProjectError(say("{value!r} is no measure", value=value), say("key {place!r}", place=place),
                           "write a number")
    return float(value)


def _brief(data: Any, place: str, stocks: tuple[Stock, ...]) -> Brief:
    entry = _mapping(data, place)
    try:
        recipe = find_recipe(_text(entry.get("recipe"), f"{place}.recipe"))
        given = _mapping(entry.get("measures", {}), f"{place}.measures")
        measures = tuple(recipe.accept(given).items())
        stock = find_stock(_text(entry.get("stock", DEFAULT_STOCK_ID), f"{place}.stock"), stocks)
        recipe.accept_stock(stock)
        found = [_amendment(a, f"{place}.amendments[{i}]")
                 for i, a in enumerate(_few(entry.get("amendments", []), f"{place}.amendments",
                                            MOST_AMENDMENTS))]
        changes = tuple(a for a in found if isinstance(a, SeamChange))
        openings, trims = (tuple(a for a in found if isinstance(a, Opening)),
                           tuple(a for a in found if isinstance(a, Trim)))
        overlays = tuple(a for a in found if isinstance(a, Overlay))
        for template, named in (("two openings are named {name!r}", openings),
                                ("two overlays are named {name!r}", overlays)):
            names = [a.name for a in named]
            twice = next((n for i, n in enumerate(names) if n in names[:i]), None)
            if twice is not None:
                raise ProjectError(say(template, name=twice), f"{place}.amendments",
                                   "give each a name of its own")
        parts = tuple((_text(part, f"{place}.parts"),
                       find_stock(_text(i, f"{place}.parts.{part}"), stocks).id)
                      for part, i in _mapping(entry.get("parts", {}), f"{place}.parts").items())
        splits = tuple(dict.fromkeys(a.panel for a in found if isinstance(a, Split)))
    except ProjectError:
        raise
    except MingeiError as error:
        raise ProjectError(error.sentence, f"{place}: {error.place}", error.remedy) from None
    copies = entry.get("copies", 1)
    if not isinstance(copies, int) or isinstance(copies, bool) or not 1 <= copies <= MOST_COPIES:
        raise ProjectError(say("{copies!r} is not a number of copies", copies=copies), f"{place}.copies",
                           say("write 1 to {most}", most=MOST_COPIES))
    name = _text(entry.get("name", recipe.title), f"{place}.name")
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
        "tape_mm",
        "parts",
        "need",
        "artwork",
    }
    grown = entry.get("enlarged", 1.0)
    if (not isinstance(grown, (int, float)) or isinstance(grown, bool) or not LEAST_FACTOR <= grown
        <= MOST_FACTOR):
        raise ProjectError(say("{factor!r} is not how much a drawing can be enlarged", factor=grown),
                           f"{place}.enlarged",
                           say("write {least:g} to {most:g}", least=LEAST_FACTOR, most=MOST_FACTOR))
    tape = entry.get("tape_mm", 0)
    if tape != 0 and tape not in TAPES_MM:
        raise ProjectError(say("no tape is {width!r} mm wide", width=tape), f"{place}.tape_mm",
                           say("write 0 for wet glue, or one of {names}", names=TAPES_SAID))
    sizes = _list(entry.get("need", [0.0, 0.0, 0.0]), f"{place}.need")
    if (len(sizes) != 3 or not all(isinstance(v, (int, float)) and not isinstance(v, bool)
                                   and 0 <= v <= MOST_MM for v in sizes)):
        raise ProjectError(say("{sizes!r} is no thing that must fit", sizes=sizes[:4]), f"{place}.need",
                           "write its length, width and thickness in mm")
    arts = tuple(_art(a, f"{place}.artwork[{i}]")
                 for i, a in enumerate(_few(entry.get("artwork", []), f"{place}.artwork", MOST_PRINTS)))
    if len({a.name for a in arts}) < len(arts):
        raise ProjectError("two pieces of artwork have one name", f"{place}.artwork",
                           "give each a name of its own")
    brief = Brief(name, recipe.id, measures, stock.id, copies, changes,
                 _text(entry.get("notes", ""), f"{place}.notes", MOST_NOTES),
                 float(grown), freeze(entry, known), openings, trims, float(tape), overlays, parts,
                 Need(*map(float, sizes)), arts, splits,
                 _splices(found, f"{place}.amendments"), _text(entry.get("id", ""), f"{place}.id", 100),
                 tuple((a.panel, a.extra) for a in found if isinstance(a, Split) and a.extra))
    try:
        for part, own in brief.parts:
            brief.accept_part(part, find_stock(own, stocks))
        return brief.sound()
    except MingeiError as error:
        raise ProjectError(error.sentence, f"{place}: {error.place}", error.remedy) from None


def _splices(found: Sequence[object], place: str) -> tuple[Splice, ...]:
    splices = tuple(a for a in found if isinstance(a, Splice))
    if len(splices) > MOST_SPLICES:
        raise ProjectError(say("{most} lines are all that a thing is cut across by", most=MOST_SPLICES),
                           place,
                           "tile it over several sheets instead")
    return splices


class Split(NamedTuple):
    """A panel that is a piece of its own, as an amendment of the file."""

    panel: str
    extra: Extra = ()


def _amendment(data: Any, place: str) -> SeamChange | Opening | Trim | Overlay | Split | Splice:
    entry = _mapping(data, place)
    if entry.get("kind") == "splice":
        splice = Splice(_text(entry.get("piece"), f"{place}.piece"),
                        _measured(entry.get("turn_deg"), f"{place}.turn_deg"),
                        _measured(entry.get("share"), f"{place}.share"))
        _accepted(lambda: check_splice(splice), place)
        return splice._replace(extra=freeze(entry, {"kind", *Splice._fields}))
    if entry.get("kind") == "split":
        return Split(_text(entry.get("panel"), f"{place}.panel"), freeze(entry, {"kind", "panel"}))
    if entry.get("kind") == "overlay":
        return _overlay(entry, place)
    if entry.get("kind") == "opening":
        return _opening(entry, place)
    if entry.get("kind") == "trim":
        trim = Trim(_text(entry.get("panel"), f"{place}.panel"), _length(entry, "round_mm", place, 0.0),
                    _length(entry, "notch_mm", place, 0.0))
        for key, mm in (("round_mm", trim.round_mm), ("notch_mm", trim.notch_mm)):
            if mm < 0:
                raise ProjectError(say("{mm:g} mm cannot be cut", mm=mm), f"{place}.{key}", "write 0 or more")
        return trim._replace(extra=freeze(entry, {"kind", *Trim._fields}))
    if entry.get("kind") != "seam":
        raise ProjectError(say("{kind!r} is not a kind of amendment this Mingei knows",
                               kind=entry.get("kind")), f"{place}.kind",
                           "open it with the Mingei that saved it")
    joint, moved = entry.get("joint"), entry.get("moved", False)
    if joint not in list(CHOICES) or not isinstance(moved, bool):
        raise ProjectError("that is no way to hold a seam", place,
                           say("write a joint ({names}) and moved as true or false",
                               names=", ".join(CHOICES)))
    return SeamChange(_text(entry.get("seam"), f"{place}.seam"), Joint(joint), moved,
                      freeze(entry, {"kind", "seam", "joint", "moved"}))


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
        raise ProjectError("true or false belongs here", f"{place}.stays, {place}.window",
                           "write one of them")
    layers = entry.get("layers", 1)
    if not isinstance(layers, int) or isinstance(layers, bool):
        raise ProjectError(say("{value!r} is not a number of layers", value=layers), f"{place}.layers",
                           "write 1 or more")
    made = Opening(_text(entry.get("name"), f"{place}.name"), _text(entry.get("panel"), f"{place}.panel"),
                   Shape(shape),
                   width, height, x, y, corner, turn, stays, window,
                   _text(entry.get("drawn", ""), f"{place}.drawn", MOST_NOTES), layers,
                   freeze(entry, {"kind", *Opening._fields}))
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
    width, x, y, turn, bleed = (_length(entry, k, place, getattr(usual, k))
                                for k in ("width", "x", "y", "turn_deg", "bleed"))
    made = Art(texts["name"], texts["piece"], texts["panel"], texts["source"], texts["words"], texts["font"],
               Fill(fill), width, x, y, turn,
               bleed, texts["colour"], freeze(entry, Art._fields))
    try:
        check_art(made)
    except MeasureError as error:
        raise ProjectError(error.sentence, f"{place}: {error.place}", error.remedy) from None
    return made


def _overlay(entry: Mapping[str, Any], place: str) -> Overlay:
    plain = Overlay("", "")
    border, width, height, x, y, corner, turn, pad = (_length(entry, k, place, getattr(plain, k))
                                                      for k in ("border", "width", "height", "x", "y",
                                                                "corner", "turn_deg", "pad"))
    inside, guide = (entry.get(k, False) for k in ("inside", "guide"))
    if not isinstance(inside, bool) or not isinstance(guide, bool):
        raise ProjectError("true or false belongs here", f"{place}.inside, {place}.guide",
                           "write one of them")
    return Overlay(_text(entry.get("name"), f"{place}.name"), _text(entry.get("panel"), f"{place}.panel"),
                   border, width, height, x, y,
                   corner, turn, inside, pad, guide, _text(entry.get("part", plain.part), f"{place}.part"),
                   freeze(entry, {"kind", *Overlay._fields}))


def _length(entry: Mapping[str, Any], key: str, place: str, usual: float) -> float:
    value = entry.get(key, usual)
    if isinstance(value, bool) or not isinstance(value, (int, float)) or not abs(value) <= MOST_MM:
        raise ProjectError(say("{value!r} is not a length", value=value), f"{place}.{key}", "write one in mm")
    return float(value)


def stock_from_data(data: Any, place: str) -> Stock:
    """A stock from plain data.  Raises ProjectError naming the key at fault."""
    entry = _mapping(data, place)
    values: dict[str, Any] = {"extra": freeze(entry, {f.name for f in fields(Stock)})}
    for f in fields(Stock):
        if f.name not in entry or f.name == "extra":
            continue
        value = entry[f.name]
        whole = f.name in ("score_passes", "layers")
        number = whole or f.name in ("grammage_gsm", "caliper_mm", "crease_gain_mm", "price")
        if number and (isinstance(value, bool) or not isinstance(value, int if whole else (int, float))):
            raise ProjectError(say("{value!r} is not a number", value=value), f"{place}.{f.name}",
                               "write one")
        if f.name == "sheets":
            values[f.name] = tuple(_text(v, f"{place}.sheets") for v in _list(value, f"{place}.sheets"))
        elif f.name == "grain":
            if value not in list(Grain):
                raise ProjectError(say("{value!r} is not a grain", value=value), f"{place}.grain",
                                   say("write {names}", names=", ".join(Grain)))
            values[f.name] = Grain(value)
        elif f.name == "faced":
            if value not in list(Faced):
                raise ProjectError(say("{value!r} says not which faces are covered", value=value),
                                   f"{place}.faced",
                                   say("write {names}", names=", ".join(Faced)))
            values[f.name] = Faced(value)
        else:
            values[f.name] = value if number else _text(value, f"{place}.{f.name}")
    try:
        return Stock(**values)
    except TypeError:
        raise ProjectError("a stock needs id, name, grammage_gsm and caliper_mm", place,
                           "write the missing key") from None
    except MingeiError as error:
        raise ProjectError(error.sentence, f"{place}: {error.place}", error.remedy) from None


def _mapping(value: Any, place: str) -> dict[str, Any]:
    if not isinstance(value, dict):
        raise ProjectError("an object { } belongs here", place, "open a file that Mingei saved")
    return value


def _list(value: Any, place: str) -> list[Any]:
    if not isinstance(value, list):
        raise ProjectError("a list [ ] belongs here", say("key {place!r}", place=place),
                           "open a file that Mingei saved")
    return value


def _few(value: Any, place: str, most: int) -> list[Any]:
    if len(found := _list(value, place)) > most:
        raise ProjectError(say("{count} are too many", count=len(found)), say("key {place!r}", place=place),
                           say("keep to {most}: share it out over several files", most=most))
    return found


def _text(value: Any, place: str, most: int = 2000) -> str:
    if not isinstance(value, str) or len(value) > most:
        raise ProjectError(say("a text of at most {most} characters belongs here", most=most),
                           say("key {place!r}", place=place),
                           "write one in quotes")
    return value
