"""A forming block: plates of board on each other, as large as the inside of a box less its play, over which
walls are folded and against which seams are pressed."""

from __future__ import annotations

from mingei.core.amendments.opening import LEAST_BRIDGE_MM
from mingei.core.draft import Dimension, Draft, EdgeRef, Handwork, Panel, Piece, Placement, When
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.plane.shape import Path, Point, Polygon, hole_path
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

#: How far apart two finger holes are, as a share of the length (from experience).
_APART = 0.4
NONE, ONE, TWO = "none", "one", "two"


def _outline(width: float, depth: float, relief: float) -> Polygon:
    """A rectangle with its corners cut off, so that flaps find room there."""
    if relief <= 0:
        return (0.0, 0.0), (width, 0.0), (width, depth), (0.0, depth)
    return ((relief, 0.0), (width - relief, 0.0), (width, relief), (width, depth - relief),
            (width - relief, depth), (relief, depth), (0.0, depth - relief), (0.0, relief))


def _holes(values: Values, width: float, depth: float) -> tuple[Path, ...]:
    across = float(values["finger"])
    middles: list[Point] = {NONE: [], ONE: [(width / 2, depth / 2)],
                            TWO: [(width / 2 - _APART * width / 2, depth / 2),
                                  (width / 2 + _APART * width / 2, depth / 2)]}[str(values["holes"])]
    return tuple(hole_path(across, at) for at in middles)


def _size(values: Values) -> tuple[float, float]:
    play = float(values["play"])
    return float(values["length"]) - play, float(values["width"]) - play


def draft_form(values: Values) -> Draft:
    """length, width: inside of the box, mm; play: the block is smaller by so much; relief: cut off its
    corners; plates: how many lie on each other; holes, finger: for the fingers that draw it out."""
    width, depth = _size(values)
    plate = Panel("plate", _outline(width, depth, float(values["relief"])),
                  holes=_holes(values, width, depth))
    lies = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
    count = int(values["plates"])
    stack = Handwork("stack",
                     say("Glue the {count} plates on each other, edges flush, and let them dry under a "
                                  "weight.", count=count), "plate", When.CLOSED,
                     glue_mm2=(count - 1) * width * depth)
    said = say(
        "{count} plates of {width} by {depth}: measure the stack, it should be as high as the inside less a "
               "little", count=count, width=write_both(width), depth=write_both(depth))
    return Draft((Piece("plate", "plate", lies, (plate,), copies=count),), closes=False,
                 dimensions=(Dimension("length", EdgeRef("plate", 0)),) if float(values["relief"]) <= 0
                 else (),
                 remarks=(("plates", said),), handwork=(stack,) if count > 1 else ())


def _sound(values: Values) -> None:
    width, depth = _size(values)
    relief, finger = float(values["relief"]), float(values["finger"])
    if 2 * relief > 0.6 * min(width, depth):
        raise MeasureError("so much cut off leaves no edge", "relief", "cut off less")
    if 0.0 < relief < LEAST_BRIDGE_MM / 2:
        raise MeasureError("so small a corner is not worth cutting", "relief", "cut off more, or 0 for none")
    if values["holes"] == NONE:
        return
    room = min(depth, width if values["holes"] == ONE else width * (1 - _APART))
    between = width * _APART if values["holes"] == TWO else finger + LEAST_BRIDGE_MM
    if finger + 2 * LEAST_BRIDGE_MM > room or finger + LEAST_BRIDGE_MM > between:
        raise MeasureError("its finger holes leave too little board", "holes", "take fewer or smaller ones")


RECIPE = Recipe(
    id="form-block", title="Forming block", family="boxes",
    purpose="a block as large as the inside of a box, to fold and press its walls against",
    also=("form", "jig", "mould", "former", "template block"),
    measures=(
        Measure("length", Kind.LENGTH, 120.0, "inside of the box", 12.0, 600.0),
        Measure("width", Kind.LENGTH, 80.0, "inside of the box", 12.0, 600.0),
        Measure("play", Kind.LENGTH, 0.6, "the block is smaller than the inside by this", 0.0, 6.0,
                stays=True),
        Measure("relief", Kind.LENGTH, 3.0, "cut off each corner, for tabs and flaps; 0 leaves them", 0.0,
                40.0,
                label="Corners cut", stays=True),
        Measure("plates", Kind.COUNT, 8.0, "how many plates lie on each other", 1.0, 80.0),
        Measure("holes", Kind.CHOICE, TWO, "holes for the fingers that draw it out",
                choices=((NONE, "no finger holes"), (ONE, "one finger hole"), (TWO, "two finger holes"))),
        Measure("finger", Kind.LENGTH, 20.0, "across a finger hole", 8.0, 60.0, label="Finger hole",
                stays=True),
    ),
    draft=draft_form, thinnest=0.3, thickest=4.0, contradictions=_sound,
    gives=("relief", "finger", "holes"), stock="greyboard-20",
)
