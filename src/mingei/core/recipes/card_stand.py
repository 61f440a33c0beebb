"""A card that stands: on steps of its own, or leaning on a prop.

*Steps*: base, riser and tread in turn (scores to and fro), and the front rising from the last tread, its foot
glued to the back.  All risers are parallel, and so are all treads, so that the whole shears flat without
bending (a chain of parallelograms, plane geometry). *Prop*: a strip glued behind the front, its leg swung
out.  For a front leaning back by a, hinged h along it, a leg swung out by b is h cos a / cos(b - a) long
(plane geometry).
"""

from __future__ import annotations

import math
from itertools import pairwise

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

STEPPED, PROP = "steps", "prop"
STRAIGHT, ARCHED, GABLED = "straight", "arched", "gabled"
#: The front is glued to the back up to this height, mm.
_HELD_MM = 12.0
#: An arched top rises by a sixth of the width: the arc over it turns through so much, degrees (plane geometry
#: of the circle).
_RISE = 1 / 6
_ARCH_DEG = 4 * math.degrees(math.atan(2 * _RISE))
#: The prop's strip: its share of the width, the share of the height its hinge stands at, the depth of the
#: plate it is glued by, mm.
_PROP_WIDE, _HINGE, _PLATE_MM = 0.3, 0.6, 15.0


def front_outline(width: float, height: float, top: str) -> tuple[Polygon, tuple[tuple[int, float], ...]]:
    """A front on a foot along x, up to its given height in the middle, and which of its sides are arcs."""
    shoulder = height - width * _RISE
    if top == ARCHED:
        return rectangle(width, shoulder), ((2, _ARCH_DEG),)
    if top == GABLED:
        return ((0.0, 0.0), (width, 0.0), (width, shoulder), (width / 2, height), (0.0, shoulder)), ()
    return rectangle(width, height), ()


def lies_flat(values: Values) -> float:
    """How long a stand on steps is when sheared forward onto its base, mm."""
    count, riser, tread, height = (float(values[k]) for k in ("steps", "riser", "tread", "height"))
    return count * tread + max(riser, count * (riser - tread) + height)


def _stepped(values: Values) -> Draft:
    width, riser, tread, height = (float(values[k]) for k in ("width", "riser", "tread", "height"))
    count = int(values["steps"])
    outline, curves = front_outline(width, height, str(values["top"]))
    names = [f"{word} {i + 1}" for i in range(count) for word in ("riser", "tread")]
    panels = [Panel("base", rectangle(width, count * tread)),
              Panel("back", rectangle(width, count * riser + _HELD_MM)),
              *(Panel(name, rectangle(width, tread if number % 2 else riser))
                for number, name in enumerate(names)),
              Panel("front", outline, curves=curves)]
    folds = [Fold(EdgeRef("base", 0), EdgeRef("back", 0), 90.0, 2),
             Fold(EdgeRef("base", 2), EdgeRef(names[0], 0), 90.0, 1)]
    folds += [Fold(EdgeRef(a, 2), EdgeRef(b, 0), 90.0, 1, Crease.VALLEY if number % 2 else Crease.MOUNTAIN)
              for number, (a, b) in enumerate(pairwise([*names, "front"]))]
    laps = (Lap("back on front", "back", "front", facing=True),)
    stands = Placement((0.0, count * tread, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))
    standing = say(
        "standing {width} by {deep}, {tall} high; folded flat {width} by {long}: draft its envelope for that",
                   width=write_both(width), deep=write_both(count * tread),
                   tall=write_both(count * riser + height),
                   long=write_both(lies_flat(values)))
    shown = (Dimension("riser", EdgeRef("riser 1", 1)), Dimension("tread", EdgeRef("tread 1", 1)))
    piece = Piece("card", "base", stands, tuple(panels), folds=tuple(folds), seams=(), laps=laps)
    return Draft((piece,), closes=False, dimensions=shown, remarks=(("size", standing),))


def leg_length(values: Values) -> float:
    """From the prop's hinge to the table, mm."""
    height, lean, swing = (float(values[k]) for k in ("height", "lean", "swing"))
    return _HINGE * height * math.cos(math.radians(lean)) / math.cos(math.radians(swing - lean))


def _propped(values: Values) -> Draft:
    width, height, lean, swing = (float(values[k]) for k in ("width", "height", "lean", "swing"))
    outline, curves = front_outline(width, height, str(values["top"]))
    sin, cos = math.sin(math.radians(lean)), math.cos(math.radians(lean))
    front = Piece("front", "front", Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, sin, cos)),
                  (Panel("front", outline, curves=curves),), folds=())
    wide, hinge, leg = _PROP_WIDE * width, _HINGE * height, leg_length(values)
    plate = min(_PLATE_MM, 0.2 * height)
    at = Placement(((width - wide) / 2, hinge * sin, hinge * cos), (1.0, 0.0, 0.0), (0.0, sin, cos))
    panels = (Panel("plate", rectangle(wide, plate), under="front"), Panel("leg", rectangle(wide, leg)))
    prop = Piece("prop", "plate", at, panels, folds=(Fold(EdgeRef("plate", 0), EdgeRef("leg", 2), swing, 1),),
                 seams=(),
                 laps=(Lap("front on plate", "front", "plate"),), part="prop")
    foot = hinge * sin + leg * math.sin(math.radians(swing - lean))
    tied = say(
        "tie the leg's foot to the front's with {length} of thread, so that it cannot slip; flat it is "
        "{width} by {tall}",
               length=write_both(foot), width=write_both(width), tall=write_both(height))
    shown = (Dimension("width", EdgeRef("front", 0)),)
    return Draft((front, prop), closes=False, dimensions=shown, remarks=(("prop", tied),),
                 bought=(Bought("thread", 1, say("Tie the foot of the leg to the foot of the front."), "leg",
                                foot, when=When.CLOSED),))


def draft_stand(values: Values) -> Draft:
    """kind; width, height: of the front, mm; top: its shape; steps, riser, tread; lean, swing: of front and
    leg, degrees."""
    return _stepped(values) if values["kind"] == STEPPED else _propped(values)


def _sound(values: Values) -> None:
    width, height = float(values["width"]), float(values["height"])
    if values["top"] != STRAIGHT and height - width * _RISE < max(_HELD_MM + 2.0, 0.3 * height):
        raise MeasureError("so low a front has no room for its top", "height",
                           "make it higher or narrower, or its top straight")
    if values["kind"] == STEPPED and height < _HELD_MM + 2.0:
        raise MeasureError("so low a front has no room to be glued", "height", "make it higher")
    if values["kind"] == PROP and float(values["swing"]) < float(values["lean"]) + 8.0:
        raise MeasureError("a leg so close falls over backward", "swing",
                           "swing it out 8° more than the front leans, or further")


RECIPE = Recipe(
    id="card-stand", title="Standing card", family="cards",
    purpose="a card that stands on steps, or leans on a prop, and folds flat",
    also=("easel card", "place card", "table number", "name plate", "display", "stepper"),
    measures=(
        Measure("kind", Kind.CHOICE, STEPPED, "what it stands on",
                choices=((STEPPED, "steps"), (PROP, "a prop")), label="Stands on"),
        Measure("width", Kind.LENGTH, 105.0, "of the card", 30.0, 300.0),
        Measure("height", Kind.LENGTH, 70.0, "of the front: above the steps, or in all", 20.0, 400.0),
        Measure("top", Kind.CHOICE, ARCHED, "of the front",
                choices=((STRAIGHT, "straight"), (ARCHED, "arched"), (GABLED, "gabled"))),
        Measure("steps", Kind.COUNT, 2.0, "how many", 1.0, 5.0),
        Measure("riser", Kind.LENGTH, 18.0, "height of each step", 6.0, 80.0),
        Measure("tread", Kind.LENGTH, 18.0, "depth of each step", 6.0, 80.0),
        Measure("lean", Kind.ANGLE, 12.0, "how far a propped front leans back", 0.0, 30.0),
        Measure("swing", Kind.ANGLE, 35.0, "how far its leg swings out", 10.0, 60.0, label="Leg"),
    ),
    draft=draft_stand, thinnest=0.15, thickest=0.6, contradictions=_sound, gives=("swing",), stock="card-250",
)
