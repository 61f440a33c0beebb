"""A drawer in a sleeve: a tray that slides along its length through four walls round it, open at both ends.

The sleeve is drawn at the drawer's inside size: its walls lie on the layers outside the drawer's, and stand
the clearance further out.  All the play up and down is under the drawer, which rests there; the top comes
down to the drawer's rim.
"""

from __future__ import annotations

from dataclasses import replace

from mingei.core.draft import Dimension, Draft, EdgeRef, Fold, Over, Panel, Piece, Seam, Slide
from mingei.core.joints import GLUE_TAB
from mingei.core.plane.shape import rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.tray import TAB, inside_measures, on_the_table, tray_piece


def draft_sleeve(values: Values) -> Draft:
    """length, width, height: inside the drawer, mm; clearance: a side; tab."""
    length, width, height = (float(values[k]) for k in ("length", "width", "height"))
    tab, air = float(values["tab"]), float(values["clearance"])
    drawer = tray_piece("drawer", length, width, height, tab, on_the_table(width))
    ends = ((1, Over("right wall")), (3, Over("left wall")))
    back_ends = ((1, Over("left wall")), (3, Over("right wall")))
    panels = (
        Panel("under", rectangle(length, width), layer=1, edges=ends, air=2 * air, over="base"),
        Panel("near side", rectangle(length, height), layer=1, edges=ends, air=air, over="front"),
        Panel("far side", rectangle(length, height), layer=1, edges=back_ends, air=air, over="back"),
        Panel("over", rectangle(length, width), layer=1, edges=back_ends),
    )
    folds = (Fold(EdgeRef("under", 2), EdgeRef("near side", 0), 90.0, 2),
             Fold(EdgeRef("under", 0), EdgeRef("far side", 0), 90.0, 2),
             Fold(EdgeRef("far side", 2), EdgeRef("over", 2), 90.0, 3))
    seam = Seam("sleeve tab", GLUE_TAB, EdgeRef("near side", 2), EdgeRef("over", 0), tab, 1)
    sleeve = Piece("sleeve", "under", on_the_table(width), panels, folds=folds, seams=(seam,))
    shown = (Dimension("length", EdgeRef("front", 2)), Dimension("width", EdgeRef("base", 3)),
             Dimension("height", EdgeRef("back", 3)))
    return Draft((drawer, sleeve), inside_mm=(length, width, height), dimensions=shown, closes=False,
                 slides=(Slide("sleeve", (1.0, 0.0, 0.0)),))


RECIPE = Recipe(
    id="sleeve", title="Drawer in a sleeve", family="boxes",
    purpose="a tray that slides out of a sleeve open at both ends",
    also=("matchbox", "sliding drawer", "slipcase", "slip cover", "pencil case"),
    measures=(
        *inside_measures(110.0, 65.0, 22.0),
        Measure("clearance", Kind.LENGTH, 0.3,
                "room between drawer and sleeve on each side: 0.25 to 1 mm by stock", 0.1, 2.0, stays=True),
        replace(TAB, doc="depth of the glue tabs; shortened where a panel has less room"),
    ),
    draft=draft_sleeve, thinnest=0.1, thickest=2.0, inside=("length", "width", "height"),
)
