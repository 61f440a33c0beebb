"""A pouch with a gusset in its foot, so that it opens and stands: front and back, the foot folded up between
them, its sides glued by flaps from the back, its top folded over.

Open, a foot whose two leaves are g high stands on a base up to 2 g deep (plane geometry).
"""

from __future__ import annotations

from mingei.core.draft import Crease, Dimension, Draft, EdgeRef, Fold, Lap, Panel, Piece, Placement, Role
from mingei.core.drafting.content import block
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.offset import FLAT_DEG
from mingei.core.plane.shape import rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.card import zigzag_layer
from mingei.core.recipes.envelope_side import flap
from mingei.core.words import say

#: How far flaps and the leaves of the foot keep inside what they lie on, mm.
_IN_MM = 0.6

#: Where the foot turns back inside, its fold takes so much of the height, mm.
_TURN_MM = 1.0


def draft_pouch(values: Values) -> Draft:
    """width, height: inside, flat, mm; foot: height of the leaves folded up; thick: of what lies in it; side,
    closing, round: its flaps."""
    width, height, foot, thick = (float(values[k]) for k in ("width", "height", "foot", "thick"))
    side, closing, corner = (float(values[k]) for k in ("side", "closing", "round"))
    # back, the two leaves of the foot, front: to and fro, each on the one before; what goes in lies between
    # the leaves and the front
    front, over, top = zigzag_layer(3), zigzag_layer(3) + 1, zigzag_layer(3) + 2
    panels = (
        Panel("back", rectangle(width, height)),
        Panel("foot back", rectangle(width, foot), layer=zigzag_layer(1)),
        Panel("foot front", rectangle(width, foot), layer=zigzag_layer(2)),
        Panel("front", flap(width, height, _IN_MM), layer=front, air=thick),
        Panel("left flap", flap(height, side, min(0.25 * side + 1.0, 0.3 * height)), layer=over,
              role=Role.FLAP,
              air=thick),
        Panel("right flap", flap(height, side, min(0.25 * side + 1.0, 0.3 * height)), layer=over,
              role=Role.FLAP,
              air=thick),
        Panel("closing flap", flap(width, closing, min(0.2 * closing, 0.2 * width)), layer=top,
              role=Role.FLAP,
              air=thick, round_mm=corner),
    )
    folds = (
        Fold(EdgeRef("back", 0), EdgeRef("foot back", 0), FLAT_DEG, 1),
        Fold(EdgeRef("foot back", 2), EdgeRef("foot front", 2), FLAT_DEG, 1, Crease.VALLEY),
        Fold(EdgeRef("foot front", 0), EdgeRef("front", 0), FLAT_DEG, 1),
        Fold(EdgeRef("back", 3), EdgeRef("left flap", 0), FLAT_DEG, 2),
        Fold(EdgeRef("back", 1), EdgeRef("right flap", 0), FLAT_DEG, 2),
        Fold(EdgeRef("back", 2), EdgeRef("closing flap", 0), FLAT_DEG, 3),
    )
    laps = (Lap("left flap on front", "left flap", "front"),
            Lap("right flap on front", "right flap", "front"),
            Lap("closing flap on front", "closing flap", "front", glued=False))
    stands = Placement((0.0, height, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))
    opens = say(
        "its foot opens to {deep}: glue the sides of the foot's leaves to back and front, not to each other",
                deep=write_both(2 * foot))
    shown = (Dimension("foot", EdgeRef("foot back", 1)),)
    return Draft((Piece("pouch", "back", stands, panels, folds=folds, seams=(), laps=laps),), closes=False,
                 dimensions=shown,
                 remarks=(("foot", opens),), content=block(width, height - foot - _TURN_MM, thick))


def _sound(values: Values) -> None:
    width, height, foot = (float(values[k]) for k in ("width", "height", "foot"))
    if foot > 0.4 * height:
        raise MeasureError("so high a foot fills the pouch", "foot", "keep it under two fifths of the height")
    if float(values["side"]) > 0.4 * width:
        raise MeasureError("side flaps so deep meet in the middle", "side",
                           "keep them under two fifths of the width")
    if float(values["closing"]) > 0.8 * height:
        raise MeasureError("so deep a flap reaches past the pouch's foot", "closing", "make it shallower")
    if float(values["round"]) > 0.5 * float(values["closing"]):
        raise MeasureError("so round a corner leaves no edge", "round", "keep it under half the flap's depth")


RECIPE = Recipe(
    id="pouch", title="Standing pouch", family="wraps",
    purpose="a flat bag whose foot opens so that it stands, its top folded over",
    also=("tea bag", "sweets bag", "treat bag", "coffee bag", "seeds"),
    measures=(
        Measure("width", Kind.LENGTH, 110.0, "inside, when it lies flat", 40.0, 350.0),
        Measure("height", Kind.LENGTH, 160.0, "from foot to fold, when it lies flat", 50.0, 450.0),
        Measure("foot", Kind.LENGTH, 25.0,
                "height of each of its two leaves, folded up between front and back", 8.0, 100.0),
        Measure("thick", Kind.LENGTH, 0.5, "of what lies in it when it is closed", 0.0, 3.0,
                label="Thickness", stays=True),
        Measure("side", Kind.LENGTH, 12.0, "depth of the flaps that close its sides", 6.0, 30.0,
                label="Side flaps", stays=True),
        Measure("closing", Kind.LENGTH, 40.0, "depth of the flap folded over its top", 15.0, 150.0,
                label="Closing flap"),
        Measure("round", Kind.LENGTH, 5.0, "radius of that flap's corners", 0.0, 30.0, label="Round corners"),
    ),
    draft=draft_pouch, thinnest=0.05, thickest=0.3, contradictions=_sound,
    gives=("foot", "round", "closing", "side"), stock="kraft-110",
)
