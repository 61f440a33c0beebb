"""A dome of gores on an upright band: a lens, a lantern's cap, half a ball."""

from __future__ import annotations

import math
from dataclasses import replace

from mingei.core.draft import Draft, Handwork, Round
from mingei.core.drafting.gore import Ball, gores, on_equator
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.ball_gores import BAND, CAP, GORES, cap, sound_gores
from mingei.core.recipes.tube import LAP, PLAY
from mingei.core.words import say


def draft_dome(values: Values) -> Draft:
    """diameter: of the ball it goes over; play; gores; band: its height; lap; cap: mm."""
    size = float(values["diameter"]) + float(values["play"])
    ball = Ball(size, int(values["gores"]), float(values["band"]), False)
    pieces = [gores("dome", ball, float(values["lap"]), on_equator(ball, 0.0))]
    if float(values["cap"]) > 0:
        pieces.append(cap("cap", float(values["cap"]), ball.band + ball.tips))
    laid = [Handwork("petals", say("Bend the petals in over a ball or a bowl and tape them to each other "
                                   "from inside, each after the one opposite."), "band",
                     tape_mm=math.pi / 4 * size * int(values["gores"]))]
    if float(values["cap"]) > 0:
        laid.append(Handwork("cap", say("Glue the disc over the tips."), "cap", uses=("band",),
                             glue_mm2=math.pi / 4 * float(values["cap"])**2))
    return Draft(tuple(pieces), closes=False,
                 round=Round(size, poles=(0.0, ball.band + size / 2), ends=(0.0, 1.0)), handwork=tuple(laid))


RECIPE = Recipe(
    id="dome", title="Dome", family="round",
    purpose="half a ball on an upright band; LED lights only, never a candle",
    also=("igloo", "cupola", "observatory", "half ball", "hemisphere", "lampshade"),
    measures=(
        Measure("diameter", Kind.LENGTH, 40.0, "of the ball it goes over, or of the thing it covers", 20.0,
                300.0),
        replace(PLAY, default=0.0),
        GORES, replace(BAND, default=8.0, doc="height of the upright band below the petals"),
        replace(LAP, default=6.0, minimum=2.0, maximum=30.0), CAP,
    ),
    draft=draft_dome, thinnest=0.08, thickest=0.3, contradictions=sound_gores, gives=("cap", "lap"),
    stock="card-160",
)
