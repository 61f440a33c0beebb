"""A flat pocket: two sides glued, open above, its mouth cut straight or with a thumb notch.  Inside it is
what goes in and an eighth of an inch more (common practice)."""

from __future__ import annotations

from dataclasses import replace

from mingei.core.draft import Draft
from mingei.core.errors import MeasureError
from mingei.core.length import MM_PER_INCH
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.envelope_side import NONE, draft_envelope


def draft_pocket(values: Values) -> Draft:
    """width, height: of what goes in, mm; play: beside it; stands_out: how much of it stays in sight; thick;
    side; notch, round."""
    width, height = float(values["width"]), float(values["height"]) - float(values["stands_out"])
    made = draft_envelope({"width": width, "height": height, "across": values["play"], "up": 0.0,
                           "thick": values["thick"],
                           "side": values["side"], "closing": 0.0, "shape": NONE, "round": 0.0})
    piece = made.pieces[0]
    panels = tuple(replace(p, notch_mm=float(values["notch"]), round_mm=float(values["round"]))
                   if p.name == "back" else p
                   for p in piece.panels)
    return replace(made, pieces=(replace(piece, name="pocket", panels=panels),))


def _sound(values: Values) -> None:
    width, height, out = (float(values[k]) for k in ("width", "height", "stands_out"))
    if out > 0.6 * height:
        raise MeasureError("so shallow a pocket holds nothing", "stands_out", "let less of it stay in sight")
    if float(values["side"]) > 0.4 * (width + float(values["play"])):
        raise MeasureError("side flaps so deep meet in the middle", "side",
                           "keep them under two fifths of the width")
    if float(values["notch"]) > 0.5 * width:
        raise MeasureError("so wide a notch leaves no edge", "notch", "keep it under half the width")


RECIPE = Recipe(
    id="pocket-flat",
    title="Flat pocket",
    family="envelopes",
    purpose="open above, for a card, a leaflet or a tag; by itself or in a book",
    also=("library pocket", "bookplate", "junk journal", "scrapbook", "leaflet"),
    measures=(
        Measure("width", Kind.LENGTH, 90.0, "of what goes in", 30.0, 400.0),
        Measure("height", Kind.LENGTH, 120.0, "of what goes in", 30.0, 400.0),
        Measure(
            "play",
            Kind.LENGTH,
            round(MM_PER_INCH / 8, 3),
            "how much wider it is inside (an eighth of an inch is usual)",
            0.0,
            20.0,
            stays=True,
        ),
        Measure("stands_out", Kind.LENGTH, 20.0, "how much of what goes in stays in sight", 0.0, 200.0,
                label="Stands out"),
        Measure("thick", Kind.LENGTH, 0.5, "of what goes in", 0.0, 3.0, label="Thickness", stays=True),
        Measure("side", Kind.LENGTH, 12.0, "depth of the flaps the back is glued on", 6.0, 40.0,
                label="Side flaps", stays=True),
        Measure("notch", Kind.LENGTH, 18.0, "thumb notch in its mouth; 0 for none", 0.0, 60.0,
                label="Thumb notch", stays=True),
        Measure("round", Kind.LENGTH, 0.0, "radius of the mouth's corners", 0.0, 20.0, label="Round corners"),
    ),
    draft=draft_pocket,
    thinnest=0.05,
    thickest=0.4,
    contradictions=_sound,
    gives=("stands_out", "side", "notch", "round"),
    holds=("width", "height"),
    for_things=(("width", 0.0), ("height", 0.0), ("thick", 0.0)),
    stock="card-120",
)
