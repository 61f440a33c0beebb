"""A lever that slides in a slot: a doubled leaf that stands out through it, and behind it a flap to either
side on a plate, which keep it from coming out."""

from __future__ import annotations

from mingei.core.draft import Crease, Dimension, Draft, EdgeRef, Fold, Lap, Panel, Piece, Placement
from mingei.core.offset import FLAT_DEG
from mingei.core.plane.shape import rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values


def draft_lever(values: Values) -> Draft:
    """wide: along the slot; out: from the flaps to its end; flap: how far one reaches to its side, mm."""
    wide, out, flap = (float(values[word]) for word in ("wide", "out", "flap"))
    panels = (Panel("front", rectangle(wide, out)), Panel("back", rectangle(wide, out)),
              Panel("front flap", rectangle(wide, flap)), Panel("back flap", rectangle(wide, flap)))
    folds = (Fold(EdgeRef("front", 2), EdgeRef("back", 0), FLAT_DEG, 1),
             Fold(EdgeRef("front", 0), EdgeRef("front flap", 2), 90.0, 2, Crease.VALLEY),
             Fold(EdgeRef("back", 2), EdgeRef("back flap", 0), 90.0, 2, Crease.VALLEY))
    stands = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 0.0, 1.0))
    lever = Piece("lever", "front", stands, panels, folds=folds,
                  laps=(Lap("back on front", "back", "front", facing=True),))
    below = Placement((0.0, -flap, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
    plate = Piece("plate", "plate", below, (Panel("plate", rectangle(wide, 2 * flap), under="front flap"),),
                  laps=(Lap("front flap on plate", "front flap", "plate"),
                        Lap("back flap on plate", "back flap", "plate")))
    return Draft((lever, plate), closes=False,
                 dimensions=(Dimension("wide", EdgeRef("front", 2)), Dimension("out", EdgeRef("front", 1)),
                             Dimension("flap", EdgeRef("front flap", 1))))


RECIPE = Recipe(
    id="lever", title="Lever for a slot", family="models",
    purpose="a lever that slides in a slot and cannot come out of it",
    also=("slider", "handle", "pointer", "pull", "knob"),
    measures=(
        Measure("wide", Kind.LENGTH, 12.0, "along the slot", 5.0, 80.0, label="Width"),
        Measure("out", Kind.LENGTH, 16.0, "from its flaps to its end", 5.0, 120.0, label="Height"),
        Measure("flap", Kind.LENGTH, 8.0, "so far a flap reaches to either side", 4.0, 40.0,
                label="Flaps"),
    ),
    draft=draft_lever, thinnest=0.1, thickest=0.5, stock="card-250",
)
