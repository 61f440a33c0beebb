"""An envelope with side seams: a front, two narrow side flaps, a back glued over them, a flap to close it,
pointed or straight, or none."""

from __future__ import annotations

from mingei.core.draft import Draft, EdgeRef, Fold, Lap, Panel, Piece, Placement, Role
from mingei.core.drafting.content import block
from mingei.core.errors import MeasureError
from mingei.core.offset import FLAT_DEG
from mingei.core.plane.shape import Polygon, rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values

STRAIGHT, POINTED, NONE = "straight", "pointed", "none"
#: So far the back stops short of the throat, and its edges keep in from the folds beside it, so that neither
#: shows in front, mm.
_THROAT_MM, _IN_MM = 3.0, 0.6
#: How far the sides of flaps lean in, mm for each mm of their depth, so that they slip in and never show.
_LEAN = 0.25
ACROSS = Measure("across", Kind.LENGTH, 6.0,
                 "room left over along its length, so that it slips in (a quarter inch is usual)", 0.0, 30.0,
                 label="Play along", stays=True)
UP = Measure("up", Kind.LENGTH, 3.0, "room left over across it (an eighth of an inch is usual)", 0.0, 30.0,
             label="Play across", stays=True)
THICK = Measure("thick", Kind.LENGTH, 0.5,
                "of what goes in: the folds leave room for it; thicker things want a box", 0.0, 3.0,
                label="Thickness", stays=True)


def front_size(values: Values) -> tuple[float, float]:
    """Width and height of the front, inside: what goes in and its play."""
    return float(values["width"]) + float(values["across"]), float(values["height"]) + float(values["up"])


def flap(base: float, depth: float, lean: float) -> Polygon:
    """A flap on a base along x, narrowing to both sides by so much."""
    return ((0.0, 0.0), (base, 0.0), (base - lean, depth), (lean, depth))


def draft_envelope(values: Values) -> Draft:
    """width, height: of what goes in, mm; across, up: play; thick; side, closing: depth of the side flaps and
    of the flap that closes it; shape of that flap; round: its corners."""
    width, height = front_size(values)
    side, closing, thick = (float(values[k]) for k in ("side", "closing", "thick"))
    panels: tuple[Panel, ...] = (
        Panel("front", rectangle(width, height)),
        Panel("left flap", flap(height, side, min(_LEAN * side + 2.0, 0.3 * height)), layer=0, role=Role.FLAP,
              air=thick),
        Panel("right flap", flap(height, side, min(_LEAN * side + 2.0, 0.3 * height)), layer=0,
              role=Role.FLAP,
              air=thick),
        Panel("back", flap(width, height - _THROAT_MM, _IN_MM), layer=1, air=thick),
    )
    folds: tuple[Fold, ...] = (
        Fold(EdgeRef("front", 3), EdgeRef("left flap", 0), FLAT_DEG, 1),
        Fold(EdgeRef("front", 1), EdgeRef("right flap", 0), FLAT_DEG, 1),
        Fold(EdgeRef("front", 0), EdgeRef("back", 0), FLAT_DEG, 2),
    )
    laps: tuple[Lap, ...] = (Lap("back on left flap", "back", "left flap"),
                             Lap("back on right flap", "back", "right flap"))
    if values["shape"] != NONE:
        tip = 0.4 * width if values["shape"] == POINTED else min(_LEAN * closing, 0.2 * width)
        over = Panel("closing flap", flap(width, closing, tip), layer=2, role=Role.FLAP, air=thick,
                     round_mm=float(values["round"]))
        panels = (*panels, over)
        folds = (*folds, Fold(EdgeRef("front", 2), EdgeRef("closing flap", 0), FLAT_DEG, 3))
        laps = (*laps, Lap("closing flap on back", "closing flap", "back", glued=False))
    stands = Placement((0.0, height, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))
    return Draft((Piece("envelope", "front", stands, panels, folds=folds, seams=(), laps=laps),),
                 closes=False, content=block(width, height, thick))


def _sound(values: Values) -> None:
    width, height = front_size(values)
    side, closing = float(values["side"]), float(values["closing"])
    if side > 0.4 * width:
        raise MeasureError("side flaps so deep meet in the middle", "side",
                           "keep them under two fifths of the width")
    if values["shape"] != NONE and closing > height - 2 * _THROAT_MM:
        raise MeasureError("so deep a flap reaches past the envelope's foot", "closing", "make it shallower")
    if values["shape"] != NONE and float(values["round"]) > 0.5 * closing:
        raise MeasureError("so round a corner leaves no edge", "round", "keep it under half the flap's depth")


RECIPE = Recipe(
    id="envelope-side",
    title="Envelope",
    family="envelopes",
    purpose="holds a letter, a card or a tag; with a flap, or open as a pocket",
    also=("letter", "invitation", "seed packet", "money envelope", "pocket", "mailer"),
    measures=(
        Measure("width", Kind.LENGTH, 105.0, "of what goes in, the longer side as a rule", 40.0, 400.0),
        Measure("height", Kind.LENGTH, 74.0, "of what goes in", 30.0, 300.0),
        ACROSS,
        UP,
        THICK,
        Measure("side", Kind.LENGTH, 15.0, "depth of the flaps the back is glued on", 8.0, 40.0,
                label="Side flaps", stays=True),
        Measure("closing", Kind.LENGTH, 32.0, "depth of the flap that closes it", 15.0, 150.0,
                label="Closing flap"),
        Measure(
            "shape",
            Kind.CHOICE,
            STRAIGHT,
            "of the flap that closes it",
            label="Flap",
            choices=((STRAIGHT, "straight"), (POINTED, "pointed"), (NONE, "none, a pocket")),
        ),
        Measure("round", Kind.LENGTH, 4.0, "radius of the flap's corners", 0.0, 30.0, label="Round corners"),
    ),
    draft=draft_envelope,
    thinnest=0.05,
    thickest=0.35,
    contradictions=_sound,
    gives=("closing", "side", "round"),
    holds=("width", "height"),
    for_things=(("width", 0.0), ("height", 0.0), ("thick", 0.0)),
    stock="copy-80",
)
