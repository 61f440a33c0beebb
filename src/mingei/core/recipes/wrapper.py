"""A wrapper round a product: front, sides, and a back in two halves joined by a fin; its ends pressed
together or folded in.

Its girth is the product's, with its play, and the fin's two flaps are added (common practice).  Each end
reaches past the product by half its thickness, to meet in the middle, and by what is pressed; folded in like
a parcel, by two thirds of the thickness.
"""

from __future__ import annotations

from mingei.core.draft import Draft, EdgeRef, Fold, Handwork, Panel, Piece, Placement, Seam, When
from mingei.core.drafting.content import block
from mingei.core.errors import MeasureError
from mingei.core.joints import FIN
from mingei.core.length import write_both
from mingei.core.plane.shape import Line, Path, Point, rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

PRESSED, FOLDED = "pressed", "folded"
#: A parcel's ends reach over so much of its thickness, and at least so far, mm (from experience, no published
#: source).
_PARCEL, _LEAST_MM = 2 / 3, 12.0
#: What is shown of the front keeps so far inside its edges, mm.
_AREA_IN_MM = 3.0


def end_mm(values: Values) -> float:
    """How far each end reaches past the product, mm."""
    thick = float(values["thick"]) + float(values["play"])
    if values["ends"] == PRESSED:
        return thick / 2 + float(values["press"])
    return max(_LEAST_MM, _PARCEL * thick)


def girth(values: Values) -> float:
    """Round the product with its play, mm: what the flat is wide beside the fin."""
    return 2 * (float(values["width"]) + float(values["thick"])) + 4 * float(values["play"])


#: A line of glue along an end is so wide, mm (from experience).
_END_GLUE_MM = 3.0


def draft_wrapper(values: Values) -> Draft:
    """width, length, thick: of the product, mm; play; fin: depth of each flap; ends; press; trim: cut off
    each end once it is glued."""
    play, trim = float(values["play"]), float(values["trim"])
    width, thick = float(values["width"]) + play, float(values["thick"]) + play
    long, end = float(values["length"]) + play, end_mm(values)
    tall = long + 2 * (end + trim)
    low, high = end + trim, end + trim + long

    def across(wide: float, *levels: float) -> tuple[Path, ...]:
        return tuple((Line((0.0, y), (wide, y)),) for y in levels)

    levels = [low, high]
    if values["ends"] == PRESSED:
        levels += [trim + float(values["press"]), tall - trim - float(values["press"])]
    if trim > 0:
        levels += [trim, tall - trim]
    inset = min(_AREA_IN_MM, width / 4, long / 4)
    corners: list[Point] = [(inset, low + inset), (width - inset, low + inset), (width - inset, high - inset),
                            (inset, high - inset)]
    area: Path = tuple(Line(a, b) for a, b in zip(corners, (*corners[1:], corners[0]), strict=True))
    tucks: list[Path] = []
    if values["ends"] == FOLDED:  # the creases a parcel's sides make as they are tucked in
        reach = min(thick / 2, end)
        for y, way in ((low, -1), (high, 1)):
            tucks += [(Line((0.0, y), (reach, y + way * reach)),),
                      (Line((thick, y), (thick - reach, y + way * reach)),)]
    panels = (
        Panel("front", rectangle(width, tall), guides=(*across(width, *levels), area)),
        Panel("left side", rectangle(thick, tall), guides=(*across(thick, *levels), *tucks)),
        Panel("right side", rectangle(thick, tall), guides=(*across(thick, *levels), *tucks)),
        Panel("back left", rectangle(width / 2, tall), guides=across(width / 2, *levels)),
        Panel("back right", rectangle(width / 2, tall), guides=across(width / 2, *levels)),
    )
    joined = (("front", 3, "left side", 1, 1), ("front", 1, "right side", 3, 1),
              ("left side", 3, "back left", 1, 2),
              ("right side", 1, "back right", 3, 2))
    folds = tuple(Fold(EdgeRef(a, i), EdgeRef(b, j), 90.0, step) for a, i, b, j, step in joined)
    fin = Seam("fin", FIN, EdgeRef("back left", 3), EdgeRef("back right", 1), float(values["fin"]), 3,
               angle_deg=0.0)
    stands = Placement((0.0, tall, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))
    how = (say("press each end together over {depth}, sides tucked in",
               depth=write_both(float(values["press"])))
           if values["ends"] == PRESSED
           else say("tuck the sides of each end in, then fold back and front over and glue them"))
    room = say(
        "what shows on the front is {width} by {long}, centred; the fin lies in the middle of the back, to "
        "be pressed to one side",
               width=write_both(width - 2 * inset), long=write_both(long - 2 * inset))
    handwork = [Handwork("creases", say("Press the creases of both ends before anything is glued."), "front",
                         When.FLAT),
                Handwork("fin", say("Press the fin to the side that hides less of the print."), "back left"),
                Handwork("ends", say("Close both ends, their sides tucked in, with a line of glue along "
                                     "each."), "back right", glue_mm2=2 * width * _END_GLUE_MM)]
    remarks = [("ends", how), ("front", room)]
    if trim > 0:
        handwork.append(Handwork("trim", say("Cut the decorative edge of both ends, each in one go."),
                                 "front", why=say("it is cut when nothing moves any more")))
        remarks.append(("trim", say("trim {trim} off each end once the fin is dry", trim=write_both(trim))))
    return Draft((Piece("wrapper", "front", stands, panels, folds=folds, seams=(fin,)),), closes=False,
                 remarks=tuple(remarks), handwork=tuple(handwork), filled="back left",
                 content=block(width, long, thick, (0.0, low, 0.0)))


def _sound(values: Values) -> None:
    width, fin = float(values["width"]), float(values["fin"])
    if fin > 0.45 * width:
        raise MeasureError("so deep a fin reaches past the back", "fin",
                           "keep it under four tenths of the width")


RECIPE = Recipe(
    id="wrapper", title="Wrapper", family="wraps",
    purpose="paper round a product, with a fin at the back and closed ends",
    also=("chocolate bar", "sweet", "candy", "biscuit", "bar wrapper", "flow wrap"),
    measures=(
        Measure("width", Kind.LENGTH, 60.0, "of the product, across the front", 15.0, 300.0),
        Measure("length", Kind.LENGTH, 90.0, "of the product, along the fin", 20.0, 400.0),
        Measure("thick", Kind.LENGTH, 25.0, "of the product", 3.0, 150.0, label="Thickness"),
        Measure("play", Kind.LENGTH, 1.0, "room left each way", 0.0, 10.0, stays=True),
        Measure("fin", Kind.LENGTH, 10.0, "depth of each flap of the fin", 5.0, 30.0, stays=True),
        Measure("ends", Kind.CHOICE, PRESSED, "how it is closed",
                choices=((PRESSED, "pressed together"), (FOLDED, "folded in"))),
        Measure("press", Kind.LENGTH, 12.0, "depth of a pressed end", 5.0, 30.0, label="Pressed", stays=True),
        Measure("trim", Kind.LENGTH, 0.0, "cut off each end once it is glued", 0.0, 20.0, stays=True),
    ),
    draft=draft_wrapper, thinnest=0.04, thickest=0.25, contradictions=_sound, gives=("fin",),
    holds=("length", "width"),
    for_things=(("length", 0.0), ("width", 0.0), ("thick", 0.0)), stock="wrapping-60",
)
