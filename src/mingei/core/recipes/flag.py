"""A flag round a stick: two leaves glued inside to inside, and between them a sleeve that follows the stick.

The leaves part at twice the stick's radius from its middle, so that each leaves their plane by 30 degrees and
runs straight to where it touches the stick; the sleeve turns through 240 degrees between (plane geometry of
the tangents to a circle).  It is drawn as eight bends about the stick, each touching it, which leaves it a
fiftieth longer than the arc: the play it slides on with.
"""

from __future__ import annotations

import itertools
import math

from mingei.core.draft import (
    Bought,
    Crease,
    Dimension,
    Draft,
    EdgeRef,
    Fold,
    Lap,
    Panel,
    Piece,
    Placement,
    When,
)
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.plane.shape import Polygon, rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

PLAIN, PENNANT, SWALLOW = "plain", "pennant", "swallow"
_LEAVES_DEG, _BENDS = 30.0, 8
#: A swallow's tail is cut in by such a share of the length.
_CUT_IN = 0.3


def _leaf(shape: str, long: float, high: float, back: bool) -> Polygon:
    """A leaf whose side at the stick is its left one, or, of the back, its right one."""
    points: Polygon
    if shape == PENNANT:
        points = ((0.0, 0.0), (long, high / 2), (0.0, high))
    elif shape == SWALLOW:
        points = ((0.0, 0.0), (long, 0.0), (long * (1 - _CUT_IN), high / 2), (long, high), (0.0, high))
    else:
        points = ((0.0, 0.0), (long, 0.0), (long, high), (0.0, high))
    return tuple((long - x, y) for x, y in points)[::-1] if back else points


def draft_flag(values: Values) -> Draft:
    """long, high: of each leaf, mm; stick: its diameter; play: how much wider the sleeve is; pole: how long
    the stick is cut; shape: of the leaves."""
    long, high = float(values["long"]), float(values["high"])
    radius = (float(values["stick"]) + float(values["play"])) / 2
    shape = str(values["shape"])
    turn = (180.0 + 2 * _LEAVES_DEG) / _BENDS
    each = 2 * radius * math.tan(math.radians(turn) / 2)
    slope = radius / math.tan(math.radians(_LEAVES_DEG)) + each / 2
    front, back = _leaf(shape, long, high, False), _leaf(shape, long, high, True)
    widths = [slope, *[each] * (_BENDS - 1), slope]
    names = [f"sleeve {i + 1}" for i in range(len(widths))]
    panels = [Panel("front", front),
              *(Panel(name, rectangle(wide, high), whole="sleeve")
                for name, wide in zip(names, widths, strict=True)), Panel("back", back)]
    at_back = next(i for i, (p, q) in enumerate(zip(back, (*back[1:], back[0]), strict=True))
                   if p[0] == q[0] == long)
    folds = [Fold(EdgeRef("front", len(front) - 1), EdgeRef(names[0], 1), _LEAVES_DEG, 2, Crease.VALLEY)]
    folds += [Fold(EdgeRef(a, 3), EdgeRef(b, 1), turn, 1, bend=True)
              for a, b in itertools.pairwise(names)]
    folds.append(Fold(EdgeRef(names[-1], 3), EdgeRef("back", at_back), _LEAVES_DEG, 2, Crease.VALLEY))
    away = 2 * radius  # from the stick's middle to where the leaves part
    stands = Placement((away, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 0.0, 1.0))
    piece = Piece("flag", "front", stands, tuple(panels), folds=tuple(folds),
                  laps=(Lap("back on front", "back", "front", facing=True),))
    pole = float(values["pole"])
    bought = () if pole <= 0 else (Bought(
        "stick", 1, say(
            "Lay the stick in the sleeve, glue the leaves together inside, and press them up to it."),
        "front", pole, write_both(float(values["stick"])), When.OPEN,
        glue_mm2=float(values["high"]) * float(values["long"])),)
    return Draft((piece,), closes=False, bought=bought, dimensions=(Dimension("high", EdgeRef(names[0], 1)),))


def _sound(values: Values) -> None:
    if values["shape"] == SWALLOW and float(values["long"]) * _CUT_IN > float(values["long"]) - 5.0:
        raise MeasureError("so short a flag has no tail", "long", "make it longer, or choose another shape")
    if 0.0 < float(values["pole"]) < float(values["high"]):
        raise MeasureError("the stick is shorter than its flag is high", "pole",
                           say("make it {least} or more, or 0 for none",
                               least=write_both(float(values["high"]))))


RECIPE = Recipe(
    id="flag", title="Flag on a stick", family="models",
    purpose="a flag, a sign or a sail whose sleeve goes round its stick",
    also=("banner", "pennant", "sign", "sail", "toothpick flag", "bunting", "tag"),
    measures=(
        Measure("long", Kind.LENGTH, 40.0, "of the flag, from the stick", 8.0, 300.0, label="Length"),
        Measure("high", Kind.LENGTH, 25.0, "along the stick", 6.0, 300.0, label="Height"),
        Measure("shape", Kind.CHOICE, PLAIN, "of its end",
                choices=((PLAIN, "plain"), (PENNANT, "pennant"), (SWALLOW, "swallow-tailed"))),
        Measure("stick", Kind.LENGTH, 3.0, "diameter of the stick", 1.0, 12.0, stays=True),
        Measure("play", Kind.LENGTH, 0.2, "how much wider the sleeve is", 0.0, 2.0, stays=True),
        Measure("pole", Kind.LENGTH, 90.0, "the stick is cut so long; 0 for none", 0.0, 600.0,
                label="Stick length"),
    ),
    draft=draft_flag, thinnest=0.05, thickest=0.35, contradictions=_sound, gives=("pole",), stock="card-160",
)
