"""An open bin of corrugated board: four walls in a strip, and flaps that double the bottom.

The flaps of the short sides fold in first and meet in the middle; those of the long sides fold over them, so
their creases lie one thickness further out, or two where the second long flap covers the first.  The slots
between the flaps are as wide as the board.
"""

from __future__ import annotations

from mingei.core.draft import (
    Dimension,
    Draft,
    EdgeRef,
    Fold,
    Lap,
    Panel,
    Piece,
    Placement,
    Role,
    Seam,
    Within,
)
from mingei.core.joints import GLUE_TAB
from mingei.core.offset import RELIEF_MM
from mingei.core.plane.shape import rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values

MEET, OVERLAP = "meet", "overlap"


def draft_bin(values: Values) -> Draft:
    """length, width, height: inside, mm; bottom: whether the long flaps meet or overlap whole; tab: depth of
    the corner's tab."""
    length, width, height = (float(values[k]) for k in ("length", "width", "height"))
    whole = values["bottom"] == OVERLAP
    deep = width - 2 * RELIEF_MM if whole else width / 2 - RELIEF_MM
    walls = (
        Panel("front", rectangle(length, height), layer=1), Panel("right side", rectangle(width, height)),
        Panel("back", rectangle(length, height)), Panel("left side", rectangle(width, height)),
    )
    within = ((1, Within()), (3, Within()))
    flaps = (
        Panel("left flap", rectangle(width, length / 2 - RELIEF_MM), layer=0, role=Role.FLAP, edges=within),
        Panel("right flap", rectangle(width, length / 2 - RELIEF_MM), layer=0, role=Role.FLAP, edges=within),
        Panel("back flap", rectangle(length, deep), layer=1, role=Role.FLAP),
        Panel("front flap", rectangle(length, deep), layer=2 if whole else 1, role=Role.FLAP),
    )
    # as seen from outside, each wall's next neighbour to the right: front, right side, back, left side; then
    # the tab into the front
    folds = (
        Fold(EdgeRef("front", 1), EdgeRef("right side", 3), 90.0, 2),
        Fold(EdgeRef("right side", 1), EdgeRef("back", 3), 90.0, 2),
        Fold(EdgeRef("back", 1), EdgeRef("left side", 3), 90.0, 2),
        Fold(EdgeRef("left side", 0), EdgeRef("left flap", 0), 90.0, 3),
        Fold(EdgeRef("right side", 0), EdgeRef("right flap", 0), 90.0, 3),
        Fold(EdgeRef("back", 0), EdgeRef("back flap", 0), 90.0, 4),
        Fold(EdgeRef("front", 0), EdgeRef("front flap", 0), 90.0, 5),
    )
    seam = Seam("corner tab", GLUE_TAB, EdgeRef("left side", 1), EdgeRef("front", 3),
                float(values["tab"]), 1)
    laps = [Lap(f"{upper} on {lower}", upper, lower)
            for upper in (("back flap",) if whole else ("back flap", "front flap"))
            for lower in ("left flap", "right flap")]
    if whole:
        laps.append(Lap("front flap on back flap", "front flap", "back flap"))
    upright = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 0.0, 1.0))
    piece = Piece("bin", "front", upright, (*walls, *flaps), folds=folds, seams=(seam,), laps=tuple(laps))
    shown = (Dimension("length", EdgeRef("back", 2)), Dimension("width", EdgeRef("right side", 2)),
             Dimension("height", EdgeRef("back", 1)))
    return Draft((piece,), inside_mm=(length, width, height), dimensions=shown, closes=False)


RECIPE = Recipe(
    id="bin", title="Drawer bin", family="boxes",
    purpose="an open bin with a double bottom, for a drawer or a shelf",
    also=("organiser", "parts box", "stock box", "shelf box", "small parts"),
    measures=(
        Measure("length", Kind.LENGTH, 120.0, "inside, along the longer side", 30.0, 600.0),
        Measure("width", Kind.LENGTH, 90.0, "inside, along the shorter side", 30.0, 600.0),
        Measure("height", Kind.LENGTH, 55.0, "inside, from the bottom to the rim", 15.0, 400.0),
        Measure("bottom", Kind.CHOICE, MEET,
                "how the long flaps close: meeting in the middle, or one over the whole of the other for "
                "weight",
                choices=((MEET, "flaps meet"), (OVERLAP, "flaps overlap"))),
        Measure("tab", Kind.LENGTH, 25.0,
                "depth of the tab in the corner; shortened where the front has less room", 8.0, 40.0,
                label="Tab depth", stays=True),
    ),
    draft=draft_bin, thinnest=0.3, thickest=4.0, inside=("length", "width", "height"), stock="corrugated-b",
)
