"""A tag with its hole and ribbon, and if wished a pocket it slips into."""

from __future__ import annotations

from dataclasses import replace

from mingei.core.amendments.opening import LEAST_BRIDGE_MM
from mingei.core.draft import Bought, Dimension, Draft, EdgeRef, Panel, Piece, Placement, When
from mingei.core.errors import MeasureError
from mingei.core.length import MM_PER_INCH, write_both
from mingei.core.plane.shape import Polygon, hole_path
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.envelope_side import NONE, draft_envelope
from mingei.core.words import say

ALONE, POCKET = "none", "pocket"
#: A pocket is wider inside than its tag by an eighth of an inch (common practice), and so much of the tag
#: stands out of it, a share.
_POCKET_PLAY_MM, _OUT = MM_PER_INCH / 8, 0.25
#: What the loop and the knot of a ribbon take, mm; how far from the pocket the tag is shown, mm.
_KNOT_MM, _BESIDE_MM = 30.0, 20.0


def hole_below(values: Values) -> float:
    """How far below the tag's upper edge the middle of its hole lies, mm: twice its diameter, or as the cut
    corners ask."""
    return max(2.0 * float(values["hole"]), 0.8 * float(values["corner"]))


def draft_tag(values: Values) -> Draft:
    """width, height: of the tag, mm; corner: cut off both upper corners; hole: diameter; ribbon: each of its
    ends; pocket."""
    width, height, corner = (float(values[k]) for k in ("width", "height", "corner"))
    above = (((width, height - corner), (width - corner, height), (corner, height), (0.0, height - corner))
             if corner > 0
             else ((width, height), (0.0, height)))
    outline: Polygon = ((0.0, 0.0), (width, 0.0), *above)
    tag = Panel("tag", outline,
                holes=(hole_path(float(values["hole"]), (width / 2, height - hole_below(values))),))
    pieces = []
    left = 0.0
    if values["pocket"] == POCKET:
        tall = (1 - _OUT) * height
        side = min(12.0, 0.35 * width)
        made = draft_envelope({"width": width, "height": tall, "across": _POCKET_PLAY_MM, "up": 0.0,
                               "thick": 0.5, "side": side,
                               "closing": 0.0, "shape": NONE, "round": 0.0})
        pieces += [replace(piece, name="pocket") for piece in made.pieces]
        left = width + _POCKET_PLAY_MM + _BESIDE_MM
    pieces.insert(0, Piece("tag", "tag", Placement((left, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0)),
                           (tag,), loose=True))
    ribbon = say("cut {length} of ribbon: doubled through the hole, ends and knot together",
                 length=write_both(2 * float(values["ribbon"]) + _KNOT_MM))
    shown = (Dimension("width", EdgeRef("tag", 0)),)
    return Draft(tuple(pieces), closes=False, dimensions=shown, remarks=(("ribbon", ribbon),),
                 bought=(Bought("ribbon", 1, say("Draw the ribbon, doubled, through the hole of the tag and "
                                                 "its ends through the loop."), "tag",
                                2 * float(values["ribbon"]) + _KNOT_MM, when=When.CLOSED),))


def _sound(values: Values) -> None:
    width, height, corner, hole = (float(values[k]) for k in ("width", "height", "corner", "hole"))
    if corner > 0.4 * width or corner > 0.5 * height:
        raise MeasureError("corners cut so far leave no upper edge", "corner", "cut off less")
    if 0.0 < corner < LEAST_BRIDGE_MM:
        raise MeasureError("so small a corner is not worth cutting", "corner", "cut off more, or 0 for none")
    if hole > 0.3 * width or hole_below(values) > 0.5 * height:
        raise MeasureError("so large a hole leaves too little card beside it", "hole", "make it smaller")
    if values["pocket"] == POCKET and min(width, 0.75 * height) < 30.0:
        raise MeasureError("so small a tag needs no pocket", "pocket", "leave it out, or make the tag larger")


RECIPE = Recipe(
    id="tag", title="Tag", family="cards",
    purpose="a label on a ribbon, with a pocket it slips into if wished",
    also=("gift tag", "luggage label", "price tag", "bookmark", "swing ticket"),
    measures=(
        Measure("width", Kind.LENGTH, 50.0, "of the tag", 15.0, 200.0),
        Measure("height", Kind.LENGTH, 90.0, "of the tag, up to the edge with the hole", 20.0, 300.0),
        Measure("corner", Kind.LENGTH, 12.0, "cut off both upper corners; 0 leaves them", 0.0, 60.0,
                label="Corners cut"),
        Measure("hole", Kind.LENGTH, 5.0, "diameter of the hole; of an eyelet, its own", 2.0, 20.0,
                stays=True),
        Measure("ribbon", Kind.LENGTH, 120.0, "of each end of the ribbon, from the tag", 30.0, 500.0,
                label="Ribbon ends", stays=True),
        Measure("pocket", Kind.CHOICE, ALONE, "whether a pocket is made for it",
                choices=((ALONE, "tag only"), (POCKET, "with a pocket"))),
    ),
    draft=draft_tag, thinnest=0.08, thickest=0.35, contradictions=_sound, gives=("corner", "hole", "pocket"),
    stock="card-220",
)
