"""A ball's skin in gores, with discs for its poles."""

from __future__ import annotations

import math
from dataclasses import replace

from mingei.core.draft import Draft, Handwork, Piece, Round
from mingei.core.drafting.gore import Ball, gores, on_equator
from mingei.core.drafting.roll import disc
from mingei.core.drafting.star import lid_at
from mingei.core.errors import MeasureError
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.tube import LAP
from mingei.core.words import say

GORES = Measure("gores", Kind.COUNT, 8.0, "how many petals go round it: more lie smoother", 6.0, 16.0)
BAND = Measure("band", Kind.LENGTH, 4.0, "height of the band that joins the petals along the equator", 1.0,
               60.0)
CAP = Measure("cap", Kind.LENGTH, 10.0, "diameter of the discs that cover the tips; 0 for none", 0.0, 100.0)
#: Facets a small disc's rim is drawn with.
_CAP_SIDES = 24
#: A smaller disc cannot be cut, mm (from experience, no published source).
_LEAST_CAP_MM = 3.0


def cap(name: str, diameter: float, height: float, copies: int = 1) -> Piece:
    """A disc over the tips at a height."""
    return Piece(name, name, lid_at(height), (disc(name, diameter, _CAP_SIDES, 1),), folds=(), copies=copies)


def sound_gores(values: Values) -> None:
    """Raises MeasureError when band, lap or cap do not go with the ball."""
    size, count = float(values["diameter"]), float(values["gores"])
    width = math.pi * size / count
    if float(values["lap"]) > 0.9 * width:
        raise MeasureError("so long a lap covers a whole gore", "lap", "shorten it, or take fewer gores")
    if 0.0 < float(values["cap"]) < _LEAST_CAP_MM:
        raise MeasureError("so small a disc cannot be cut", "cap", "make it larger, or 0 for none")
    if float(values["cap"]) > size / 2:
        raise MeasureError("so large a disc does not lie on the ball", "cap",
                           "keep it under half the ball's diameter")


def _sound(values: Values) -> None:
    sound_gores(values)
    if float(values["band"]) > float(values["diameter"]) / 8:
        raise MeasureError("so high a band stands off the ball", "band",
                           "keep it under an eighth of the diameter")


def draft_ball(values: Values) -> Draft:
    """diameter: of the ball; gores; band; lap; cap: mm."""
    size = float(values["diameter"])
    ball = Ball(size, int(values["gores"]), float(values["band"]), True)
    pieces = [gores("skin", ball, float(values["lap"]), on_equator(ball, size / 2 - ball.band / 2))]
    if float(values["cap"]) > 0:
        pieces.append(cap("cap", float(values["cap"]), size / 2 + ball.band / 2 + ball.tips, 2))
    covered = 2.0 if float(values["cap"]) > 0 else 1.0
    laid = [Handwork("skin", say("Coat the ball, slip the band over it to the equator, and smooth the petals "
                                 "to the poles, each after the one opposite."), "band",
                     glue_mm2=math.pi * size**2)]
    if float(values["cap"]) > 0:
        laid.append(Handwork("caps", say("Glue a disc over the tips at each pole."), "cap",
                             uses=("band",), glue_mm2=math.pi / 2 * float(values["cap"])**2))
    return Draft(tuple(pieces), closes=False, round=Round(size, poles=(0.0, size), ends=(covered, covered)),
                 handwork=tuple(laid))


RECIPE = Recipe(
    id="ball-gores", title="Ball skin", family="round",
    purpose="covers a ball: petals joined along its equator",
    also=("sphere", "globe", "balloon", "bauble", "planet", "ornament"),
    measures=(
        Measure("diameter", Kind.LENGTH, 60.0, "of the ball", 20.0, 300.0),
        GORES, BAND, replace(LAP, default=5.0, minimum=2.0, maximum=30.0), CAP,
    ),
    draft=draft_ball, thinnest=0.08, thickest=0.3, contradictions=_sound, gives=("band", "cap", "lap"),
    stock="copy-80",
)
