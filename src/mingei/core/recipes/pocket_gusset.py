"""A pocket that opens: back and front in one, and at each side a strip of leaves folded to and fro, a gusset.

Only the outer leaves of a gusset are glued, one to the back and one to the front; its scores come from
alternate faces.  With n pleats a gusset has 2 n + 2 leaves and lets the pocket open by 2 n leaves' width
(plane geometry).
"""

from __future__ import annotations

from itertools import pairwise

from mingei.core.draft import Crease, Dimension, Draft, EdgeRef, Fold, Lap, Panel, Piece, Placement
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.offset import FLAT_DEG
from mingei.core.plane.shape import rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

#: A gusset stops so far short of the foot, mm, so that it does not stand on the fold.
_FOOT_MM = 1.0


def leaf_layer(number: int) -> int:
    """The layer of a gusset's leaf, counted from 0, which lies inside the back: each lies on the one before,
    every other one turned."""
    return number if number % 2 else -(number + 1)


def draft_pocket(values: Values) -> Draft:
    """width, height: of what goes in, mm; play; leaf: of a gusset's leaf; pleats; lower: how much lower the
    front is; round; notch."""
    play = float(values["play"])
    leaf, lower, corner = (float(values[k]) for k in ("leaf", "lower", "round"))
    width, height = float(values["width"]) + play, float(values["height"]) + play
    count = 2 * int(values["pleats"]) + 2
    stands = Placement((0.0, height, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))
    leaves = {side: [f"{side} leaf {i + 1}" for i in range(count)] for side in ("left", "right")}
    panels = (Panel("back", rectangle(width, height), round_mm=corner),
              Panel("front", rectangle(width, height - lower), on=leaves["left"][-1], round_mm=corner,
                    notch_mm=float(values["notch"])))
    body = Piece("pocket", "back", stands, panels,
                 folds=(Fold(EdgeRef("back", 0), EdgeRef("front", 0), FLAT_DEG, 1),))
    tall = height - lower - _FOOT_MM
    pieces = [body]
    for side, (left, along) in {"left": (0.0, 1), "right": (width - leaf, 3)}.items():
        names = leaves[side]
        strip = tuple(Panel(name, rectangle(leaf, tall), layer=leaf_layer(i)) for i, name in enumerate(names))
        folds = tuple(Fold(EdgeRef(a, along), EdgeRef(b, 4 - along), FLAT_DEG, 1,
                           Crease.VALLEY if i % 2 else Crease.MOUNTAIN)
                      for i, (a, b) in enumerate(pairwise(names)))
        laps = (Lap(f"back on {names[0]}", "back", names[0]),
                Lap(f"front on {names[-1]}", "front", names[-1]))
        at = Placement((left, height - _FOOT_MM, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))
        pieces.append(Piece(f"{side} gusset", names[0], at, strip, folds=folds, seams=(), laps=laps,
                            part="gussets"))
    opens = say(
        "it opens to {wide}: glue the outer leaf of each gusset only, and cut both gussets at once from "
        "doubled paper",
                wide=write_both((count - 2) * leaf))
    shown = (Dimension("leaf", EdgeRef("left leaf 1", 0)),)
    return Draft(tuple(pieces), closes=False, dimensions=shown, remarks=(("gussets", opens),))


def _sound(values: Values) -> None:
    width, height, leaf, lower = (float(values[k]) for k in ("width", "height", "leaf", "lower"))
    if leaf > 0.4 * width:
        raise MeasureError("gussets so deep meet in the middle", "leaf",
                           "keep a leaf under two fifths of the width")
    if lower > 0.6 * height:
        raise MeasureError("so low a front holds nothing", "lower",
                           "keep it under three fifths of the height")
    if float(values["notch"]) > 0.5 * width:
        raise MeasureError("so wide a notch leaves no edge", "notch", "keep it under half the width")


RECIPE = Recipe(
    id="pocket-gusset",
    title="Gusset pocket",
    family="envelopes",
    purpose="a pocket whose sides open like a concertina",
    also=("accordion", "concertina file", "expanding", "receipts", "recipe cards"),
    measures=(
        Measure("width", Kind.LENGTH, 148.0,
                "of what goes in, along its foot: the longer side for a wide pocket", 40.0, 330.0),
        Measure("height", Kind.LENGTH, 105.0, "of what goes in", 40.0, 330.0),
        Measure("play", Kind.LENGTH, 6.0, "how much larger the pocket is", 0.0, 30.0, stays=True),
        Measure("leaf", Kind.LENGTH, 15.0, "width of each leaf of the gussets", 8.0, 60.0),
        Measure("pleats", Kind.COUNT, 1.0, "of each gusset; one is folded like a W", 1.0, 5.0),
        Measure("lower", Kind.LENGTH, 12.0, "how much lower than the back the front is", 0.0, 150.0,
                label="Front lower"),
        Measure("round", Kind.LENGTH, 5.0, "radius of its free corners", 0.0, 30.0, label="Round corners"),
        Measure("notch", Kind.LENGTH, 20.0, "thumb notch in the front; 0 for none", 0.0, 60.0,
                label="Thumb notch", stays=True),
    ),
    draft=draft_pocket,
    thinnest=0.08,
    thickest=0.35,
    contradictions=_sound,
    gives=("lower", "leaf", "notch", "round"),
    holds=("width", "height"),
    for_things=(("width", 0.0), ("height", 0.0), ("", 0.0)),
    stock="card-160",
)
