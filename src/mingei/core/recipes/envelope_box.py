"""An envelope with depth: a shallow box of one piece for a card with something on it, its back glued over two
side flaps, its top open."""

from __future__ import annotations

from mingei.core.draft import (
    Dimension,
    Draft,
    EdgeRef,
    Fold,
    Lap,
    Over,
    Panel,
    Piece,
    Placement,
    Role,
    Seam,
    Within,
)
from mingei.core.errors import MeasureError
from mingei.core.joints import GLUE_TAB
from mingei.core.plane.shape import rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.envelope_side import ACROSS, UP, flap, front_size

#: So far the back stops short of the top, mm; how far the sides of flaps lean in, mm for each mm of depth.
_THROAT_MM, _LEAN = 2.0, 0.25
#: Flaps in one plane stay so far from each other, mm.
_APART_MM = 2.0


def draft_box_envelope(values: Values) -> Draft:
    """width, height: of what goes in, mm; across, up: play; depth: inside; side, closing: depth of its flaps;
    tab: of its corners."""
    width, height = front_size(values)
    depth, side, closing, tab = (float(values[k]) for k in ("depth", "side", "closing", "tab"))
    lean = min(_LEAN * side + 1.0, 0.3 * height)
    within = ((1, Within()), (3, Within()))
    panels = (
        Panel("front", rectangle(width, height)),
        Panel("left wall", rectangle(height, depth)),
        Panel("right wall", rectangle(height, depth)),
        Panel("left flap", flap(height, side, lean), layer=0, role=Role.FLAP, edges=within),
        Panel("right flap", flap(height, side, lean), layer=0, role=Role.FLAP, edges=within),
        Panel("bottom wall", rectangle(width, depth), layer=1),
        Panel("back", rectangle(width, height - _THROAT_MM), layer=1,
              edges=((1, Over("left wall")), (3, Over("right wall")))),
        Panel("top wall", rectangle(width, depth), edges=((1, Over("right wall")), (3, Over("left wall")))),
        Panel("closing flap", flap(width, closing, min(_LEAN * closing, 0.2 * width)), layer=2,
              role=Role.FLAP,
              round_mm=float(values["round"])),
    )

    def fold(a: str, edge: int, b: str, step: int) -> Fold:
        return Fold(EdgeRef(a, edge), EdgeRef(b, 0), 90.0, step)

    folds = (
        fold("front", 3, "left wall", 1), fold("front", 1, "right wall", 1),
        fold("left wall", 2, "left flap", 2),
        fold("right wall", 2, "right flap", 2), fold("front", 0, "bottom wall", 3),
        fold("bottom wall", 2, "back", 4),
        fold("front", 2, "top wall", 5), fold("top wall", 2, "closing flap", 5),
    )
    seams = (Seam("left foot tab", GLUE_TAB, EdgeRef("left wall", 3), EdgeRef("bottom wall", 1), tab,
                  1),
             Seam("right foot tab", GLUE_TAB, EdgeRef("right wall", 1), EdgeRef("bottom wall", 3), tab,
                  1))
    laps = (Lap("back on left flap", "back", "left flap"), Lap("back on right flap", "back", "right flap"),
            Lap("closing flap on back", "closing flap", "back", glued=False))
    stands = Placement((0.0, height, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))
    shown = (Dimension("depth", EdgeRef("left wall", 1)),)
    return Draft((Piece("envelope", "front", stands, panels, folds=folds, seams=seams, laps=laps),),
                 inside_mm=(width, height, depth),
                 dimensions=shown)


def _sound(values: Values) -> None:
    width, height = front_size(values)
    side, closing = float(values["side"]), float(values["closing"])
    if 2 * side + _APART_MM > width:
        raise MeasureError("side flaps so deep meet in the middle", "side", "keep them under half the width")
    if closing > height - 2 * _THROAT_MM:
        raise MeasureError("so deep a flap reaches past the envelope's foot", "closing", "make it shallower")
    if float(values["round"]) > 0.5 * closing:
        raise MeasureError("so round a corner leaves no edge", "round", "keep it under half the flap's depth")


RECIPE = Recipe(
    id="envelope-box",
    title="Box envelope",
    family="envelopes",
    purpose="an envelope with depth, for a card with something on it",
    also=("thick envelope", "bulky card", "keepsake", "button card"),
    measures=(
        Measure("width", Kind.LENGTH, 148.0, "of what goes in, the longer side as a rule", 40.0, 400.0),
        Measure("height", Kind.LENGTH, 105.0, "of what goes in", 30.0, 300.0),
        ACROSS,
        UP,
        Measure("depth", Kind.LENGTH, 9.0, "inside: the card's thickness and that of what stands on it", 3.0,
                60.0),
        Measure("side", Kind.LENGTH, 18.0, "depth of the flaps the back is glued on", 8.0, 60.0,
                label="Side flaps", stays=True),
        Measure("closing", Kind.LENGTH, 40.0, "depth of the flap that closes it", 15.0, 150.0,
                label="Closing flap"),
        Measure("round", Kind.LENGTH, 6.0, "radius of the flap's corners", 0.0, 30.0, label="Round corners"),
        Measure("tab", Kind.LENGTH, 10.0, "depth of the tabs in its two lower corners", 5.0, 25.0,
                label="Tab depth", stays=True),
    ),
    draft=draft_box_envelope,
    thinnest=0.08,
    thickest=0.6,
    contradictions=_sound,
    gives=("closing", "side", "round"),
    holds=("width", "height"),
    for_things=(("width", 0.0), ("height", 0.0), ("depth", 1.0)),
    stock="card-160",
)
