"""Crossed dividers for a box or a drawer: strips of board halved into each other.

The measures are of the inside of what they stand in.  All cells come out alike on any stock: a strip that is
the k-th of n - 1 lies k/n of the way along, and 1 - k/n of its own thickness before that.
"""

from __future__ import annotations

from mingei.core.draft import Dimension, Draft, EdgeRef, LineOn, Panel, Piece, Placement, Seam
from mingei.core.errors import MeasureError
from mingei.core.joints import HALVING
from mingei.core.length import write_both
from mingei.core.plane.shape import rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

#: No cell is narrower, mm: a finger wants to reach what lies in it.
_LEAST_CELL_MM = 12.0


def draft_dividers(values: Values) -> Draft:
    """length, width: inside of the box, mm; height: of the strips; along, across: how many cells; play: at
    each end of each strip, mm."""
    length, width, height, play = (float(values[k]) for k in ("length", "width", "height", "play"))
    along, across = int(values["along"]), int(values["across"])
    room, deep = length - 2 * play, width - 2 * play
    long = [f"long strip {i}" for i in range(1, across)]
    short = [f"short strip {i}" for i in range(1, along)]
    pieces = []
    for k, name in enumerate(long, 1):
        # its measured face looks back, its body lies towards the back
        at = Placement((room, k * deep / across, 0.0), (-1.0, 0.0, 0.0), (0.0, 0.0, 1.0))
        seams = tuple(Seam(f"{name} on {other}", HALVING,
                           LineOn(name, (room - i * room / along, height), (room - i * room / along, 0.0)),
                           LineOn(other, (k * deep / across, 0.0), (k * deep / across, height)), 0.0, 1)
                      for i, other in enumerate(short, 1))
        pieces.append(Piece(name, name, at, (Panel(name, rectangle(room, height), layer=k / across - 1.0),),
                            seams=seams))
    for i, name in enumerate(short, 1):
        at = Placement((i * room / along, 0.0, 0.0), (0.0, 1.0, 0.0), (0.0, 0.0, 1.0))
        pieces.append(Piece(name, name, at, (Panel(name, rectangle(deep, height), layer=i / along - 1.0),)))
    return Draft(tuple(pieces), closes=False,
                 dimensions=(Dimension("height", EdgeRef(pieces[0].root, 1)),))


def _sound(values: Values) -> None:
    for side, count in (("length", "along"), ("width", "across")):
        cells, room = float(values[count]), float(values[side]) - 2 * float(values["play"])
        if room < cells * (_LEAST_CELL_MM + RECIPE.thickest):
            raise MeasureError("so many cells are too narrow to reach into", count,
                               say("take fewer, or make it {least} or more",
                                   least=write_both(cells * (_LEAST_CELL_MM + RECIPE.thickest)
                                                    + 2 * float(values["play"]))))


RECIPE = Recipe(
    id="dividers", title="Dividers", family="boxes",
    purpose="crossed strips that part a box or a drawer into cells, all alike",
    also=("divider", "partitions", "insert", "compartments", "cells", "drawer insert", "organiser",
          "organizer", "egg crate"),
    measures=(
        Measure("length", Kind.LENGTH, 120.0, "inside of what they stand in", 30.0, 600.0),
        Measure("width", Kind.LENGTH, 80.0, "inside of what they stand in", 30.0, 600.0),
        Measure("height", Kind.LENGTH, 30.0, "of the strips", 10.0, 300.0),
        Measure("along", Kind.COUNT, 3.0, "how many cells lie along the length", 2.0, 12.0,
                label="Cells along"),
        Measure("across", Kind.COUNT, 2.0, "how many cells lie across the width", 2.0, 12.0,
                label="Cells across"),
        Measure("play", Kind.LENGTH, 0.5, "left free at each end of each strip", 0.0, 3.0, stays=True),
    ),
    draft=draft_dividers, thinnest=0.3, thickest=3.0, contradictions=_sound, gives=("along", "across"),
    for_things=(("length", 0.0), ("width", 0.0), ("height", 0.0)), stock="greyboard-10",
)
