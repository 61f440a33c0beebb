"""A board with an arm that turns on a fastener and a slide that runs in a slot: what moving cards, levers and
semaphores are made of.

The arm turns on a washer; the slide goes through the slot with a neck of the board's own thickness and a shim
of card, so that it runs with the shim's thickness of play between a plate in front and a stop behind.
"""

from __future__ import annotations

from mingei.core.draft import (
    Bought,
    Draft,
    Handwork,
    Lap,
    Panel,
    Piece,
    Placement,
    Slide,
    Swing,
    When,
)
from mingei.core.drafting.padded import plate, rounded
from mingei.core.drafting.storeys import cut_out
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.plane.shape import hole_path, rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

NONE, SLIDE = "none", "slide"
#: A fastener's hole is so much wider than it, and a slot than the neck that runs in it, mm.
_PLAY_MM, _RUNS_MM = 0.3, 0.4
#: A washer is so much wider than the fastener, mm; the plates of a slide reach so far over the slot's edges.
_WASHER_MM, _OVER_MM = 6.0, 4.0
#: What is left of a board round a hole or a slot at the least, mm (from experience).
_LEFT_MM = 4.0
#: An arm above a slide turns no further than over to the other side, degrees.
_OVER_DEG = 180.0


def _at(x: float, z: float) -> Placement:
    """The face of the board, its coordinates from a point of it."""
    return Placement((x, 0.0, z), (1.0, 0.0, 0.0), (0.0, 0.0, 1.0))


def draft_signal(values: Values) -> Draft:
    """width, height: of the board; arm, broad: length and width of the arm; turns: degrees; fastener: its
    diameter; slide; neck, travel: mm."""
    width, height, arm, broad, pin = (float(values[k])
                                      for k in ("width", "height", "arm", "broad", "fastener"))
    pivot = height - broad / 2 - _LEFT_MM
    hole = pin + _PLAY_MM
    neck, travel = float(values["neck"]), float(values["travel"])
    slides = values["slide"] == SLIDE
    holes = [hole_path(hole, (width / 2, pivot))]
    if slides:
        holes.append(cut_out(width / 2 - neck / 2 - _RUNS_MM / 2, _foot(values), neck + _RUNS_MM,
                             neck + travel + _RUNS_MM))
    board = Panel("board", rectangle(width, height), holes=tuple(holes))
    shape = tuple(k._replace(x=k.x + arm / 2 - broad / 2) for k in rounded(arm, broad, broad / 2 - 0.01))
    pieces = [
        Piece("board", "board", _at(0.0, 0.0), (board,)),
        Piece("washer", "washer", _at(width / 2, pivot),
              (plate("washer", rounded(pin + _WASHER_MM, pin + _WASHER_MM, (pin + _WASHER_MM) / 2),
                     on="board",
                     holes=(hole_path(hole),)),), part="shims"),
        Piece("arm", "arm", _at(width / 2, pivot),
              (plate("arm", shape, on="washer", holes=(hole_path(hole),)),), part="arm"),
    ]
    moves: tuple[Slide, ...] = ()
    if slides:
        pieces += _slide(values, width)
        moves = (Slide("slider", (0.0, 0.0, 1.0), travel),)
    swing = Swing("arm", "arm", (0.0, 0.0), (0.0, 0.0), float(values["turns"]), square=True)
    return Draft(tuple(pieces), closes=False, slides=moves, swings=(swing,), handwork=_made(values),
                 bought=(Bought("fastener", 1,
                                say("Put the fastener through arm, washer and board, and spread "
                                                   "its legs behind, so that the arm still turns."), "arm",
                                size=write_both(pin), when=When.CLOSED, uses=("washer", "board")),))


def _foot(values: Values) -> float:
    """How high the slot begins, mm."""
    return _LEFT_MM + _OVER_MM


def _slide(values: Values, width: float) -> list[Piece]:
    """Neck and shim in the slot, the plate in front, the stop behind."""
    neck = float(values["neck"])
    wide = neck + 2 * _OVER_MM
    at = _at(width / 2 - neck / 2, _foot(values) + _RUNS_MM / 2)
    out = _at(width / 2 - wide / 2, _foot(values) + _RUNS_MM / 2 - _OVER_MM)
    return [
        Piece("slider neck", "slider neck", at, (Panel("slider neck", rectangle(neck, neck)),),
              laps=(Lap("slider shim on it", "slider shim", "slider neck"),)),
        Piece("slider shim", "slider shim", at,
              (Panel("slider shim", rectangle(neck, neck), on="slider neck"),),
              laps=(Lap("slider plate on it", "slider plate", "slider shim"),), part="shims"),
        Piece("slider plate", "slider plate", out,
              (Panel("slider plate", rectangle(wide, wide), on="slider shim"),), part="arm"),
        Piece("slider stop", "slider stop", out,
              (Panel("slider stop", rectangle(wide, wide), under="slider neck"),), part="arm")]


def _made(values: Values) -> tuple[Handwork, ...]:
    if values["slide"] != SLIDE:
        return ()
    return (Handwork("stop", say("Put the neck through the slot from the front, and glue the stop behind it; "
                                 "keep glue from the board, and let it run to and fro before it is dry."),
                     "slider stop", When.CLOSED, uses=("slider neck", "board"),
                     glue_mm2=float(values["neck"])**2),)


def _sound(values: Values) -> None:
    width, height, arm, broad, pin = (float(values[k])
                                      for k in ("width", "height", "arm", "broad", "fastener"))
    least = pin + _PLAY_MM + 2 * _LEFT_MM
    if broad < least:
        raise MeasureError("so narrow an arm leaves nothing round its fastener", "broad",
                           say("make it {least} or more", least=write_both(least)))
    if arm < 1.5 * broad:
        raise MeasureError("so short an arm is no arm", "arm",
                           say("make it {least} or more", least=write_both(1.5 * broad)))
    if width < least:
        raise MeasureError("so narrow a board leaves nothing round the fastener", "width",
                           say("make it {least} or more", least=write_both(least)))
    if height < broad + 2 * _LEFT_MM:
        raise MeasureError("so low a board does not bear its arm", "height",
                           say("make it {least} or more", least=write_both(broad + 2 * _LEFT_MM)))
    if values["slide"] == SLIDE:
        if float(values["turns"]) > _OVER_DEG:
            raise MeasureError("the arm would come down on the slide", "turns",
                               say("let it turn by {most:g}° at the most, or leave the slide out",
                                   most=_OVER_DEG))
        neck, travel = float(values["neck"]), float(values["travel"])
        if neck + _RUNS_MM + 2 * _LEFT_MM > width:
            raise MeasureError("so wide a neck leaves nothing of the board beside its slot", "neck",
                               say("make it {most} or less",
                                   most=write_both(width - 2 * _LEFT_MM - _RUNS_MM)))
        top = _foot(values) + neck + travel + _RUNS_MM + _OVER_MM
        low = height - broad - _LEFT_MM - max(0.0, (_WASHER_MM + pin - broad) / 2) - 1.0
        if top > low:
            raise MeasureError("the slide would run under the arm", "travel",
                               say("make the board {high} high or more, or the travel shorter",
                                   high=write_both(height + top - low)))


RECIPE = Recipe(
    id="signal", title="Arm and slide", family="models",
    purpose="a board with an arm on a fastener, and a slide in a slot",
    also=("semaphore", "lever", "slider", "pull tab", "moving card", "pointer", "signal", "clock hand"),
    measures=(
        Measure("width", Kind.LENGTH, 30.0, "of the board", 10.0, 300.0),
        Measure("height", Kind.LENGTH, 110.0, "of the board", 20.0, 500.0),
        Measure("arm", Kind.LENGTH, 60.0, "length of the arm, from end to end", 15.0, 400.0),
        Measure("broad", Kind.LENGTH, 14.0, "width of the arm", 10.0, 80.0, label="Arm width"),
        Measure("turns", Kind.ANGLE, 80.0, "how far the arm turns", 10.0, 360.0),
        Measure("fastener", Kind.LENGTH, 3.0, "diameter of the fastener", 1.0, 8.0, stays=True),
        Measure("slide", Kind.CHOICE, SLIDE, "whether a slide runs below the arm",
                choices=((NONE, "none"), (SLIDE, "a slide in a slot"))),
        Measure("neck", Kind.LENGTH, 8.0, "width of what runs in the slot", 4.0, 60.0),
        Measure("travel", Kind.LENGTH, 30.0, "how far the slide runs", 3.0, 300.0),
    ),
    draft=draft_signal, thinnest=0.3, thickest=3.0, contradictions=_sound, gives=("slide", "travel"),
    stock="greyboard-10", part_stocks=(("arm", "packaging-05"), ("shims", "card-220")),
    part_calipers=(("arm", 0.2, 3.0), ("shims", 0.1, 0.6)),
)
