"""A chest of drawers: the cabinet of boards, open in front, with a drawer in each opening.

A drawer is drawn by its outside, the opening less the play all round; its boards take their thickness of its
inside.  It stands above as many shelves as lie below its opening (``Past``).
"""

from __future__ import annotations

from dataclasses import replace

from mingei.core.draft import (
    Bought,
    Draft,
    EdgeRef,
    Panel,
    Past,
    Piece,
    Placement,
    Seam,
    Slide,
    When,
)
from mingei.core.errors import MeasureError
from mingei.core.joints import BUTT
from mingei.core.length import write_both
from mingei.core.plane.shape import hole_path, rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values, cabinet
from mingei.core.words import say

#: No drawer is smaller across inside, mm; a knob's hole keeps so far from the edges, mm.
_LEAST_MM, _KNOB_EDGE_MM = 6.0, 2.0
_THICKEST_MM = 3.0
_CABINET = ("width", "depth", "opening", "lowest", "plinth", "foot", "ends")


def _carcass(values: Values) -> dict[str, float | str]:
    """The cabinet's measures."""
    usual = {m.name: m.default for m in cabinet.RECIPE.measures}
    return {**usual, **{name: values[name] for name in _CABINET}, "doors": cabinet.NONE,
            "shelves": float(values["drawers"]) - 1.0}


def draft_chest(values: Values) -> Draft:
    """width, depth, opening, lowest, plinth, foot, ends: as of a cabinet; drawers: how many; play: round
    each; knobs, knob: how many to a drawer and the diameter of their holes, mm."""
    whole = cabinet.draft_cabinet(_carcass(values))
    pieces, slides, up = list(whole.pieces), [], 0.0
    for number, room in enumerate(cabinet.heights(_carcass(values)), 1):
        pieces += _drawer(values, number, up, room)
        slides.append(Slide(f"drawer {number}", (0.0, -1.0, 0.0)))
        up += room
    count = int(values["drawers"]) * int(values["knobs"])
    bought = (Bought("knob", count, say("Set the knobs into the fronts of the drawers."), "drawer 1 front",
                     size=write_both(float(values["knob"])), when=When.CLOSED),) if count else ()
    return replace(whole, pieces=tuple(pieces), slides=tuple(slides), bought=(*whole.bought, *bought),
                   content=(), inside_mm=None)


def _drawer(values: Values, number: int, up: float, room: float) -> list[Piece]:
    """Front, back, two sides between them, and a base within all four."""
    play = float(values["play"])
    wide, deep, high = float(values["width"]) - 2 * play, float(values["depth"]) - play, room - 2 * play
    name = f"drawer {number}"
    past = (Past((0.0, 0.0, 1.0), tuple(f"shelf {n}" for n in range(1, number))),) if number > 1 else ()
    left, low = play, up + play
    places = {"front": (Placement((left, 0.0, low), (1.0, 0.0, 0.0), (0.0, 0.0, 1.0)), wide),
              "right": (Placement((left + wide, 0.0, low), (0.0, 1.0, 0.0), (0.0, 0.0, 1.0)), deep),
              "back": (Placement((left + wide, deep, low), (-1.0, 0.0, 0.0), (0.0, 0.0, 1.0)), wide),
              "left": (Placement((left, deep, low), (0.0, -1.0, 0.0), (0.0, 0.0, 1.0)), deep)}
    made = []
    for side, (at, span) in places.items():
        own = f"{name} {side}"
        holes = tuple(hole_path(float(values["knob"]), (x, high / 2)) for x in _knobs(values, span)) if (
            side == "front") else ()
        panel = Panel(own, rectangle(span, high), layer=-1, holes=holes)
        seams = tuple(Seam(f"{own} at the {end}", BUTT, EdgeRef(own, edge), EdgeRef(f"{name} {end}", other),
                           0.0, 1)
                      for end, edge, other in ((("front", 3, 1), ("back", 1, 3)) if side == "right" else
                                               (("back", 3, 1), ("front", 1, 3)) if side == "left" else ()))
        made.append(Piece(own, own, at, (panel,), seams=seams, past=past, part="drawers"))
    base = f"{name} base"
    panel = Panel(base, rectangle(wide, deep), layer=-1)
    seams = tuple(Seam(f"{base} at the {side}", BUTT, EdgeRef(base, edge), EdgeRef(f"{name} {side}", 0), 0.0,
                       1) for side, edge in (("back", 0), ("right", 1), ("front", 2), ("left", 3)))
    at = Placement((left, deep, low), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))
    return [*made, Piece(base, base, at, (panel,), seams=seams, past=past, part="drawers")]


def _knobs(values: Values, span: float) -> tuple[float, ...]:
    """Where the knobs of a drawer lie along its front, mm."""
    count = int(values["knobs"])
    return {0: (), 1: (span / 2,), 2: (span / 4, 3 * span / 4)}[count]


def _sound(values: Values) -> None:
    cabinet.RECIPE.contradictions(_carcass(values))
    play, knob = float(values["play"]), float(values["knob"])
    low = min(cabinet.heights(_carcass(values)))
    least = low - 2 * play - _THICKEST_MM
    if least < _LEAST_MM:
        raise MeasureError("drawers so low take nothing", "opening",
                           say("make it {least} or more", least=write_both(_LEAST_MM + 2 * play
                                                                           + _THICKEST_MM)))
    for name in ("width", "depth"):
        if float(values[name]) - 2 * play - 2 * _THICKEST_MM < _LEAST_MM:
            raise MeasureError("drawers so small take nothing", name,
                               say("make it {least} or more", least=write_both(_LEAST_MM + 2 * play
                                                                               + 2 * _THICKEST_MM)))
    if int(values["knobs"]) and knob + 2 * _KNOB_EDGE_MM > low - 2 * play:
        raise MeasureError("a knob so thick leaves nothing of the drawer's front", "knob",
                           "take a thinner one")


def _measures() -> tuple[Measure, ...]:
    of_cabinet = {m.name: m for m in cabinet.RECIPE.measures}
    return (replace(of_cabinet["width"], default=70.0), replace(of_cabinet["depth"], default=40.0),
            Measure("drawers", Kind.COUNT, 4.0, "how many lie above each other", 1.0, 12.0),
            replace(of_cabinet["opening"], default=18.0, doc="clear height for each drawer"),
            replace(of_cabinet["lowest"], doc="clear height for the lowest drawer; 0 for the same"),
            of_cabinet["ends"],
            Measure("play", Kind.LENGTH, 0.5, "clear all round each drawer", 0.2, 2.0, stays=True),
            of_cabinet["plinth"], of_cabinet["foot"],
            Measure("knobs", Kind.COUNT, 1.0, "to a drawer", 0.0, 2.0),
            Measure("knob", Kind.LENGTH, 1.5, "diameter of a knob's hole", 0.5, 6.0, stays=True))


RECIPE = Recipe(
    id="drawer-chest", title="Chest of drawers", family="models",
    purpose="a cabinet of boards with a drawer in each opening",
    also=("drawers", "chest", "dresser", "commode", "desk", "organiser", "furniture", "miniature"),
    measures=_measures(), draft=draft_chest, thinnest=0.5, thickest=_THICKEST_MM, contradictions=_sound,
    gives=("plinth", "play"), stock="greyboard-15", part_stocks=(("drawers", "greyboard-10"),),
    part_calipers=(("drawers", 0.3, _THICKEST_MM),),
    human=(("width", "a cupboard's width"), ("depth", "a cupboard's depth")),
)
