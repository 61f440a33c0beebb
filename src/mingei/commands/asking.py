"""Commands that ask: what there is, what fits, what could be made."""

from __future__ import annotations

import argparse
import json
from typing import Any

from mingei.command_line import OK, UsageError
from mingei.commands.common import cabinet, length
from mingei.core.cabinet.stocks import matching
from mingei.core.document.build import build
from mingei.core.document.data import stock_data
from mingei.core.document.project import Need, new_brief
from mingei.core.layout.sheets import find_sheet
from mingei.core.length import parse, write_both
from mingei.core.recipes import Kind, Recipe, found, recipes
from mingei.core.sizing.offer import offers
from mingei.core.sizing.sizes import ENVELOPES, THINGS, envelopes_for, largest_for
from mingei.core.stock import DEFAULT_STOCK_ID, find_stock
from mingei.core.words import say, some_of


def constructions(options: argparse.Namespace) -> int:
    wanted = found(" ".join(options.find))
    if not wanted:
        raise UsageError("no construction is known by these words", " ".join(options.find)[:200],
                         say("write fewer or other words, or one of: {names}",
                             names=some_of((r.title for r in recipes().values()), " ".join(options.find))))
    if options.json:
        print(json.dumps([_recipe_data(r) for r in wanted], indent=1, ensure_ascii=False))
        return OK
    for recipe in wanted:
        print(f"{recipe.id}: {recipe.title}, {recipe.purpose}")
        for m in recipe.measures:
            extent = " | ".join(c for c, _ in m.choices) or f"{m.write(m.minimum)} to {m.write(m.maximum)}"
            default = m.write(float(m.default)) if isinstance(m.default, float) else m.default or "none"
            print(f"  {m.name} = {default}  [{extent}]  {m.doc}")
    return OK


def _recipe_data(recipe: Recipe) -> dict[str, Any]:
    brief = new_brief(recipe.id)
    default = build(brief, find_stock(brief.stock))
    measures = []
    for m in recipe.measures:
        bounded = m.kind in (Kind.LENGTH, Kind.ANGLE, Kind.COUNT)
        measures.append({
            "name": m.name, "kind": str(m.kind), "default": m.default, "min": m.minimum if bounded else None,
            "max": m.maximum if bounded else None, "choices": [c for c, _ in m.choices],
            "unit": {Kind.LENGTH: "mm", Kind.ANGLE: "deg"}.get(m.kind, ""), "doc": m.doc})
    return {
        "id": recipe.id, "title": recipe.title, "family": recipe.family, "purpose": recipe.purpose,
        "also": list(recipe.also), "measures": measures,
        "stock": brief.stock, "caliper_mm": [recipe.thinnest, recipe.thickest],
        "inside": list(default.draft.inside_mm) if default.draft.inside_mm else None,
        "outside": [round(v, 6) for v in default.outside],
        "flat": [round(default.blank.width, 6), round(default.blank.height, 6)],
    }


def stocks(options: argparse.Namespace) -> int:
    stocks = matching(cabinet().stocks, " ".join(options.find))
    if options.json:
        print(json.dumps([stock_data(s) for s in stocks], indent=1, ensure_ascii=False))
        return OK
    for s in stocks:
        print(f"{s.id:14} {s.name:28} {s.grammage_gsm:5g} g/m²  {s.caliper_mm:4g} mm")
    return OK


def offered(options: argparse.Namespace) -> int:
    need = Need(*(length(getattr(options, word), place) for word, place in
                  (("long", "LENGTH"), ("wide", "WIDTH"), ("thick", "THICKNESS"))))
    new_brief("carton").with_need(need)  # refuses what is no thing
    if not need.is_some:
        raise UsageError("a thing has some length and some width", "LENGTH, WIDTH",
                         "write both larger than 0")
    sheet = find_sheet(options.sheet)
    found = offers(need, find_stock(options.stock or DEFAULT_STOCK_ID, cabinet().own), sheet)
    if options.json:
        print(json.dumps([{
            "recipe": o.recipe.id, "measures": dict(o.build.brief.measures), "stock": o.build.stock.id,
            "fits": o.fits,
            "sheets": o.sheets, "folds": o.folds, "seams": o.seams, "area_mm2": round(o.build.area_mm2, 2),
            "outside_mm": [round(v, 3) for v in o.build.outside], "cost": round(o.cost, 4)} for o in found],
                         indent=1, ensure_ascii=False))
    elif found:
        for o in found:
            room = (say("{count} of {sheet}", count=o.sheets, sheet=sheet.name) if o.fits
                    else say("larger than {sheet}", sheet=sheet.name))
            print(
                f"{o.recipe.id:18} {room:16} {o.folds:3} folds {o.seams:3} seams "
                f"{o.build.area_mm2 / 100:6.0f} cm2  {o.build.stock.name}")
    else:
        print(
            "no construction takes it: write its sizes as length, width and thickness, or draft one by its "
            "own measures")
    return OK


def envelopes(options: argparse.Namespace) -> int:
    thick = parse(options.thick, "mm")
    if thick < 0:
        raise UsageError("a thing is not thinner than nothing", "--thick", "write 0 or more")
    wanted = " ".join(options.thing.lower().split())
    envelope = next((e for e in ENVELOPES if wanted in (e.name.lower(),
                                                        e.name.lower().removesuffix(" envelope"))), None)
    if envelope is not None:
        try:
            long, short = largest_for(envelope, thick)
        except ValueError:
            raise UsageError(say("nothing {thick} thick goes into it", thick=write_both(thick)),
                             envelope.name, "take a box") from None
        if options.json:
            print(json.dumps({"envelope": envelope.name, "long_mm": round(long, 3),
                              "short_mm": round(short, 3), "thick_mm": thick}))
        else:
            print(f"{envelope.name}: up to {write_both(long)} by {write_both(short)}")
        return OK
    thing = next((s for s in THINGS if wanted == s.name.lower()), None)
    if thing is not None:
        width, height = thing.long, thing.short
    else:
        sides = wanted.replace("×", "x").split("x")
        if len(sides) != 2:
            raise UsageError(say("{thing!r} is no size known by name, nor two lengths", thing=options.thing),
                             "THING",
                             'write such as "148 x 105", or a name such as "A6 sheet", "photo 6 × 4 in" or '
                             '"C6 envelope"')
        width, height = (parse(side, "mm") for side in sides)
    if min(width, height) <= 0:
        raise UsageError("a thing has some length and some width", "THING", "write both larger than 0")
    found = envelopes_for(width, height, thick)
    if options.json:
        print(json.dumps([{"envelope": e.name, "long_mm": e.long, "short_mm": e.short} for e in found],
                         indent=1, ensure_ascii=False))
    elif found:
        for e in found:
            print(f"{e.name:20} {write_both(e.long)} by {write_both(e.short)}")
    else:
        print("no envelope that is sold takes it: draft one")
    return OK
