"""A flat figure: one outline, and if wished layers on it, each smaller all round and laid where it is
traced."""

from __future__ import annotations

import math

from mingei.core.draft import Dimension, Draft, EdgeRef, Lap, Piece, Place, Placement
from mingei.core.drafting.outlines import LIBRARY, OWN
from mingei.core.drafting.padded import RECTANGLE, box_of, inset, outline_of, plate
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.plane import contour
from mingei.core.plane.shape import hole_path
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

POLYGON = "polygon"
#: A layer is no narrower than this, and so much card stays round a hole, mm (from experience).
_LEAST_MM, _ROUND_HOLE_MM = 8.0, 3.0
_FLAT = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))


def outline(values: Values) -> contour.Outline:
    """The outline of a figure, its middle in the origin, mm."""
    shape, width = str(values["shape"]), float(values["width"])
    if shape == POLYGON:
        sides = int(values["sides"])
        radius = width / 2 / math.cos(math.pi / sides)
        turns = [math.radians(-90.0 + (i + 0.5) * 360.0 / sides) for i in range(sides)]
        return tuple(contour.Knot(radius * math.cos(a), radius * math.sin(a)) for a in turns)
    return outline_of(shape, str(values["drawn"]), width, float(values["height"]), float(values["corner"]))


def draft_figure(values: Values) -> Draft:
    """shape; drawn: of one's own; width; height, corner: of a rectangle; sides: of a polygon; layers; border:
    each is smaller all round, mm; hole: through its middle, diameter."""
    outer, layers, border = outline(values), int(values["layers"]), float(values["border"])
    names = ["figure", *(f"layer {i + 1}" for i in range(layers))]
    outlines = [outer if i == 0 else inset(outer, i * border) for i in range(layers + 1)]
    hole = float(values["hole"])
    pieces = []
    for i, (name, own) in enumerate(zip(names, outlines, strict=True)):
        above = names[i + 1] if i < layers else ""
        panel = plate(name, own, on=names[i - 1] if i else "",
                      guides=(contour.path(outlines[i + 1]),) if above else (),
                      holes=(hole_path(hole),) if hole > 0 else ())
        laps = (Lap(f"{above} on {name}", above, name),) if above else ()
        pieces.append(Piece(name, name, _FLAT, (panel,), laps=laps, part="layers" if i else ""))
    # where its corners are not rounded its sides are as long as it is wide and high
    square = values["shape"] == RECTANGLE and not float(values["corner"])
    shown = tuple(Dimension(word, EdgeRef("figure", side))
                  for side, word in enumerate(("width", "height")) if square)
    return Draft(tuple(pieces), closes=False, dimensions=shown,
                 places=(Place("middle", names[-1], 0.0, 0.0),))


def _sound(values: Values) -> None:
    if values["shape"] == OWN and not values["drawn"]:
        raise MeasureError("no outline of your own is there yet", "shape",
                           "read one from an SVG drawing, or choose one of ours")
    box = box_of(outline(values))
    least = min(box.width, box.height)
    room = least - 2 * int(values["layers"]) * float(values["border"])
    if int(values["layers"]) and room < _LEAST_MM:
        most = (least - _LEAST_MM) / 2 / int(values["layers"])
        raise MeasureError("so wide a border leaves nothing of the last layer", "border",
                           say("make it {most} or less",
                               most=write_both(max(0.0, math.floor(most * 10) / 10))))
    if float(values["hole"]) > max(0.0, min(room, least) - 2 * _ROUND_HOLE_MM):
        raise MeasureError("so large a hole leaves nothing round it", "hole",
                           "make it smaller, or the figure larger")
    if float(values["corner"]) > min(float(values["width"]), float(values["height"])) / 2:
        raise MeasureError("so round a corner is more than the side", "corner",
                           "make it less than half the side")


RECIPE = Recipe(
    id="flat-figure", title="Flat figure", family="models",
    purpose="an outline with layers on it: bases, decks, faces, ears, hanging figures",
    also=("base", "deck", "plate", "disc", "overlay", "layered", "face", "mat", "ornament", "silhouette"),
    measures=(
        Measure("shape", Kind.CHOICE, RECTANGLE, "its outline",
                choices=((RECTANGLE, "rectangle"), (POLYGON, "many-sided"),
                         *((name, name) for name in LIBRARY if name not in ("ring", "frame")), (OWN, "own"))),
        Measure("drawn", Kind.OUTLINE, "", "an outline of your own"),
        Measure("width", Kind.LENGTH, 80.0, "of the outline; of many sides, from flat to flat", 4.0, 600.0),
        Measure("height", Kind.LENGTH, 60.0, "of a rectangle", 4.0, 600.0),
        Measure("corner", Kind.LENGTH, 0.0, "radius of a rectangle's corners", 0.0, 300.0),
        Measure("sides", Kind.COUNT, 8, "of a many-sided figure", 3, 16),
        Measure("layers", Kind.COUNT, 0, "laid on it, each where it is traced", 0, 5),
        Measure("border", Kind.LENGTH, 5.0, "left all round each layer", 1.0, 60.0),
        Measure("hole", Kind.LENGTH, 0.0, "through its middle; 0 for none", 0.0, 100.0, stays=True),
    ),
    draft=draft_figure, thinnest=0.08, thickest=3.0, contradictions=_sound,
    gives=("border", "hole", "corner"),
    stock="card-300", part_stocks=(("layers", "card-250"),), part_calipers=(("layers", 0.08, 3.0),),
)
