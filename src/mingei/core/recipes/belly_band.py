"""A band round a product or a stack: front, two sides, and a back whose halves lap over each other."""

from __future__ import annotations

from mingei.core.draft import Draft, EdgeRef, Fold, Lap, Panel, Piece, Placement
from mingei.core.drafting.content import block
from mingei.core.errors import MeasureError
from mingei.core.offset import FLAT_DEG
from mingei.core.plane.shape import rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values

#: Thinner things have no sides: the band is folded right over, mm.
_LEAST_SIDE_MM = 1.0


def draft_band(values: Values) -> Draft:
    """width, thick: of what it goes round, mm; play: all round; tall: height of the band; over: how far its
    ends lap."""
    play = float(values["play"]) / 4  # shared out over front, back and sides
    width, thick = float(values["width"]) + play, float(values["thick"]) + play
    tall, over = float(values["tall"]), float(values["over"])
    half = width / 2
    flat = thick < _LEAST_SIDE_MM
    air = thick if flat else 0.0
    panels = [Panel("front", rectangle(width, tall)), Panel("back left", rectangle(half, tall), air=air),
              Panel("back right", rectangle(half + over, tall), layer=1, air=air)]
    lap = Lap("back right on back left", "back right", "back left")
    if flat:
        folds = [Fold(EdgeRef("front", 3), EdgeRef("back left", 1), FLAT_DEG, 1),
                 Fold(EdgeRef("front", 1), EdgeRef("back right", 3), FLAT_DEG, 2)]
    else:
        panels += [Panel("left side", rectangle(thick, tall)), Panel("right side", rectangle(thick, tall))]
        folds = [Fold(EdgeRef("front", 3), EdgeRef("left side", 1), 90.0, 1),
                 Fold(EdgeRef("front", 1), EdgeRef("right side", 3), 90.0, 1),
                 Fold(EdgeRef("left side", 3), EdgeRef("back left", 1), 90.0, 2),
                 Fold(EdgeRef("right side", 1), EdgeRef("back right", 3), 90.0, 3)]
    stands = Placement((0.0, tall, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))
    return Draft((Piece("band", "front", stands, tuple(panels), folds=tuple(folds), seams=(), laps=(lap,)),),
                 closes=False, content=block(width, tall, thick))


def girth(values: Values) -> float:
    """Round what it goes round, with its play, mm: what the flat is long beside the lap and the card's
    thickness."""
    return 2 * (float(values["width"]) + float(values["thick"])) + float(values["play"])


def _sound(values: Values) -> None:
    if float(values["over"]) > 0.5 * float(values["width"]):
        raise MeasureError("so long a lap goes past the middle of the other half", "over",
                           "keep it under half the width")


RECIPE = Recipe(
    id="belly-band", title="Belly band", family="wraps",
    purpose="holds a product, a stack or a parcel; closed after it is filled",
    also=("sleeve", "label", "soap band", "book band", "bundle", "cigar band", "napkin ring"),
    measures=(
        Measure("width", Kind.LENGTH, 90.0, "of what it goes round", 20.0, 400.0),
        Measure("thick", Kind.LENGTH, 30.0, "of what it goes round; thin things are wrapped without sides",
                0.0, 300.0, label="Thickness"),
        Measure("play", Kind.LENGTH, 1.0, "room left all round, so that it slides on", 0.0, 20.0, stays=True),
        Measure("tall", Kind.LENGTH, 50.0, "height of the band", 10.0, 400.0, label="Band height"),
        Measure("over", Kind.LENGTH, 15.0, "how far its ends lap over each other", 5.0, 60.0, label="Overlap",
                stays=True),
    ),
    draft=draft_band, thinnest=0.05, thickest=0.5, contradictions=_sound, gives=("over",),
    for_things=(("", 0.0), ("width", 0.0), ("thick", 0.0)), stock="copy-80",
)
