"""A base and a canopy of many sides, held apart by a column of two crossed boards whose tongues pass through
slots; sticks between their corners, and a roof.
"""

from __future__ import annotations

import math
from dataclasses import replace

from mingei.core.draft import (
    Bought,
    Crease,
    Draft,
    EdgeRef,
    Fold,
    Handwork,
    LineOn,
    Panel,
    Piece,
    Placement,
    Role,
    Seam,
    Slot,
    When,
    Within,
)
from mingei.core.drafting.star import Star, lid_at, star_piece
from mingei.core.errors import MeasureError
from mingei.core.joints import HALVING
from mingei.core.length import write_both, write_mm
from mingei.core.plane.shape import Path, Polygon, hole_path
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.prism import SIDES
from mingei.core.recipes.tray import TAB
from mingei.core.words import say

#: A board's middle lies on its own plane; a deck lies under its plane, so that what stands on it stands on
#: the plane.
_ON_ITS_PLANE, _UNDER_ITS_PLANE = -0.5, -1
#: A tongue is creased so far past the face it comes through, so that card up to that thickness passes, mm.
_THROUGH_MM = 0.5
#: A tongue's length past its crease, and the roof's height over the tongues, mm (from experience, no
#: published source).
_TONGUE_MM, _OVER_TONGUES_MM = 8.0, 2.0
#: A hole for a stick is larger than the stick by this, mm (common practice: 0.1 to 0.3).
_STICK_PLAY_MM = 0.2
#: Sticks stand so far out from the middle to the corners (a share).
_STICKS_AT = 0.84
_LEAST_BRIDGE_MM = 2.0
#: What is left open between the deck and the canopy's rim, mm.
_UNDER_CANOPY_MM = 5.0
#: A collar of glue round a stick, and a line of it along a rim, is so wide, mm (from experience).
_COLLAR_MM = 3.0
#: The thinnest stick to be had, mm (from experience, no published source).
_LEAST_STICK_MM = 0.8
#: A roof rises by at least this share of what it covers.
_FLATTEST = 1 / 6


def draft_bandstand(values: Values) -> Draft:
    """sides; across: twice from the middle to a side, of base and canopy; base, column, fascia, roof: upright
    heights; cross: width of the column; stick: its diameter, 0 for none; tab: mm."""
    across, rise, height, fascia, roof, cross, stick, tab = (
        float(values[k]) for k in ("across", "base", "column", "fascia", "roof", "cross", "stick", "tab"))
    count = int(values["sides"])
    slots = (*(Slot(s * cross / 4, 0.0, cross / 4) for s in (-1, 1)),
             *(Slot(0.0, s * cross / 4, cross / 4, 90.0) for s in (-1, 1)))
    holes = _sticks(count, across, stick)
    base = star_piece("base", Star(count, across, across, rise), tab, lid_at(rise), base="deck",
                      prefix="base ")
    canopy = star_piece("canopy", Star(count, across, across, fascia), tab, lid_at(rise + height),
                        base="ceiling", prefix="canopy ")
    pieces = [_pierced(base, "deck", slots, holes, _UNDER_ITS_PLANE), _board("a", cross, height, rise, 0),
              _board("b", cross, height, rise, 1), _pierced(canopy, "ceiling", slots, holes, 0)]
    if roof > 0:
        top = rise + height + _OVER_TONGUES_MM
        tent = star_piece("roof", Star(count, across, 0.0, roof), tab,
                          Placement((0.0, 0.0, top), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0)),
                          base="roof floor", prefix="roof ")
        pieces.append(replace(tent, panels=tuple(replace(p, over="") for p in tent.panels)))
    remarks: list[tuple[str, str]] = [("column",
                                       "neighbouring tongues of the crossed boards bend opposite ways")]
    if stick > 0:
        remarks.append(("sticks", say("cut {count} of {length}; they stand in the holes of deck and ceiling",
                                      count=count,
                                      length=write_both(height + 2 * _THROUGH_MM))))
    board = cross / 4 * _TONGUE_MM
    handwork = [
        Handwork("column", say("Pass the lower tongues of the column through the slots of the deck, and set "
                               "the ceiling down over the upper ones."), "column b", uses=(
            "column a", "deck", "ceiling"), ahead=("column a tongues", "column b tongues")),
        Handwork("tongues", say("Glue the bent tongues down: those of the deck from below, those of the "
                                "ceiling from above."), "column b", uses=("column a", "deck", "ceiling"),
                 glue_mm2=8 * board)]
    sticks = (Bought("stick", count, say("Push the sticks from above through the holes of the ceiling into "
                                         "those of the deck, with a collar of glue at both."), "ceiling",
                     height + 2 * _THROUGH_MM, write_mm(stick), When.CLOSED, last=True, uses=("deck",),
                     glue_mm2=2 * count * math.pi * stick * _COLLAR_MM),) if stick > 0 else ()
    if roof > 0:
        handwork.append(Handwork("roof", say("Glue the roof on the canopy, corners in line."), "roof floor",
                                 uses=("ceiling",), last=True, glue_mm2=count * across * _COLLAR_MM))
    return Draft(tuple(pieces), closes=False, remarks=tuple(remarks), bought=sticks, handwork=tuple(handwork))


def _sticks(count: int, across: float, stick: float) -> tuple[Path, ...]:
    """Holes near the corners of a deck about its middle."""
    if stick <= 0:
        return ()
    away = across / 2 / math.cos(math.pi / count) * _STICKS_AT
    turns = (math.radians(-90.0 + (i - 0.5) * 360.0 / count) for i in range(count))
    return tuple(hole_path(stick + _STICK_PLAY_MM, (away * math.cos(a), away * math.sin(a))) for a in turns)


def _pierced(piece: Piece, deck: str, slots: tuple[Slot, ...], holes: tuple[Path, ...], layer: int) -> Piece:
    """A box's deck with the column's slots and the sticks' holes."""
    return replace(piece, panels=tuple(replace(p, slots=slots, holes=holes, layer=layer) if p.name == deck
                                       else replace(p, over="")
                                       for p in piece.panels))


def _board(name: str, cross: float, height: float, rise: float, which: int) -> Piece:
    """One of the two crossed boards, halved from above or from below, with two tongues at each end that bend
    opposite ways."""
    x = (cross / 8, 3 * cross / 8, 5 * cross / 8, 7 * cross / 8)
    low, high = -_THROUGH_MM, height + _THROUGH_MM
    outline: Polygon = ((0.0, 0.0), (x[0], 0.0), (x[0], low), (x[1], low), (x[1], 0.0), (x[2], 0.0),
                        (x[2], low), (x[3], low), (x[3], 0.0),
                        (cross, 0.0), (cross, height), (x[3], height), (x[3], high), (x[2], high),
                        (x[2], height), (x[1], height),
                        (x[1], high), (x[0], high), (x[0], height), (0.0, height))
    # sides 2, 6, 12 and 16 are the tongues' creases
    board = f"column {name}"
    panels = [Panel(board, outline, layer=_ON_ITS_PLANE)]
    folds = []
    for number, (side, crease) in enumerate(((2, Crease.MOUNTAIN), (6, Crease.VALLEY), (12, Crease.MOUNTAIN),
                                             (16, Crease.VALLEY)), 1):
        width = cross / 4
        lean = width / 6
        tongue = Panel(f"{board} tongue {number}",
                       ((0.0, 0.0), (width, 0.0), (width - lean, _TONGUE_MM), (lean, _TONGUE_MM)),
                       layer=0 if crease is Crease.MOUNTAIN else -1, role=Role.FLAP,
                       edges=((1, Within()), (3, Within())),
                       whole=f"{board} tongues")
        panels.append(tongue)
        folds.append(Fold(EdgeRef(board, side), EdgeRef(tongue.name, 0), 90.0, 1, crease))
    stands = (Placement((-cross / 2, 0.0, rise), (1.0, 0.0, 0.0), (0.0, 0.0, 1.0)) if which == 0 else
              Placement((0.0, -cross / 2, rise), (0.0, 1.0, 0.0), (0.0, 0.0, 1.0)))
    upper, lower = (cross / 2, height), (cross / 2, 0.0)
    crossed = (Seam("column", HALVING, LineOn(board, upper, lower), LineOn("column b", lower, upper), 0.0, 1),
               ) if which == 0 else ()
    return Piece(board, board, stands, tuple(panels), folds=tuple(folds), seams=crossed)


def _sound(values: Values) -> None:
    across, cross, stick, count = (float(values[k]) for k in ("across", "cross", "stick", "sides"))
    if cross / 2 > across / 2 - 5.0:
        raise MeasureError("the column's slots would reach the deck's edge", "cross",
                           "make the column narrower")
    if float(values["fascia"]) > float(values["column"]) - _UNDER_CANOPY_MM:
        raise MeasureError("so deep a rim comes down to the deck", "fascia",
                           "make it shallower, or the column higher")
    if 0.0 < float(values["roof"]) < across * _FLATTEST:
        raise MeasureError("so flat a roof leaves no room for its tabs", "roof",
                           say("make it {least} or higher, or 0",
                               least=write_both(math.ceil(across * _FLATTEST))))
    away = across / 2 / math.cos(math.pi / count) * _STICKS_AT
    room = across / 2 - away * math.cos(math.pi / count)  # from a stick's middle to the nearest side
    apart = 2 * away * math.sin(math.pi / count)
    if 0.0 < stick < _LEAST_STICK_MM:
        raise MeasureError("so thin a stick is none", "stick", "take a thicker one, or 0 for none")
    if stick > 0 and (room < stick / 2 + _STICK_PLAY_MM + _LEAST_BRIDGE_MM or apart < stick + _LEAST_BRIDGE_MM
                      or away - stick < cross / 2 + _LEAST_BRIDGE_MM):
        raise MeasureError("its holes would leave too little card", "stick",
                           "take thinner sticks, fewer sides or a narrower column")


RECIPE = Recipe(
    id="strut-base", title="Bandstand", family="models",
    purpose="a base and a canopy on a crossed column, with a roof",
    also=("pavilion", "carousel", "gazebo", "rotunda", "merry-go-round", "kiosk"),
    measures=(
        replace(SIDES, default=8.0, minimum=4.0),
        Measure("across", Kind.LENGTH, 100.0, "inside, twice from the middle to a side, of base and canopy",
                50.0, 300.0),
        Measure("base", Kind.LENGTH, 18.0, "height of the base", 8.0, 100.0, label="Base height"),
        Measure("column", Kind.LENGTH, 70.0, "from the deck to the ceiling", 20.0, 250.0,
                label="Column height"),
        Measure("cross", Kind.LENGTH, 32.0, "width of the column's two boards", 24.0, 120.0,
                label="Column width"),
        Measure("fascia", Kind.LENGTH, 10.0, "height of the canopy's rim", 5.0, 60.0),
        Measure("roof", Kind.LENGTH, 30.0, "upright height of the roof; 0 for a flat canopy", 0.0, 150.0,
                label="Roof height"),
        Measure("stick", Kind.LENGTH, 3.0, "diameter of the sticks between the corners; 0 for none", 0.0, 8.0,
                label="Stick", stays=True),
        replace(TAB, default=7.0),
    ),
    draft=draft_bandstand, thinnest=0.1, thickest=0.5, contradictions=_sound,
    gives=("roof", "cross", "stick", "fascia"), stock="card-300",
)
