"""A cushion: two covers of cloth joined round their edge over a pad, sewn or glued, with a gap to turn it by.

Each cover is the outline led over half of the pad by its arc, and what is needed to join it.
"""

from __future__ import annotations

import math

from mingei.core.draft import Dimension, Draft, EdgeRef, Handwork, Lap, Led, Piece, Placement, When
from mingei.core.drafting.outlines import OWN
from mingei.core.drafting.padded import RECTANGLE, SHAPES, outline_of, plate
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.plane import contour
from mingei.core.plane.shape import Arc, Line, Path, Point, Segment, path_length
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

SEWN, GLUED = "sewn", "glued"
_LIES = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
#: A gap takes no more of the way round than this (a share).
_MOST_GAP = 0.4


def shape(values: Values) -> contour.Outline:
    """The finished outline, its middle in the origin."""
    return outline_of(str(values["outline"]), str(values["drawn"]),
                      *(float(values[k]) for k in ("width", "height", "corner")))


def draft_cushion(values: Values) -> Draft:
    """outline, drawn, width, height, corner: mm, flat; allowance, gap: mm; joined: sewn or glued."""
    outline, hem = shape(values), float(values["allowance"])
    led = Led(("pad",), (), hem, half=True)
    marks = _gap(outline, float(values["gap"]), hem)
    path = contour.path(outline)
    front = plate("front cover", outline, on="pad", led=led, guides=(path, *marks))
    back = plate("back cover", outline, under="pad", led=led, guides=(path, *marks))
    pieces = (Piece("pad", "pad", _LIES, (plate("pad", outline),),
                    laps=(Lap("front cover on pad", "front cover", "pad", glued=False),)),
              Piece("front cover", "front cover", _LIES, (front,), part="cover"),
              Piece("back cover", "back cover", _LIES, (back,),
                    laps=(Lap("pad on back cover", "pad", "back cover", glued=False),), part="cover"))
    gap = write_both(float(values["gap"]))
    if values["joined"] == SEWN:
        words = (("joined", say("Lay the covers right side to right side, and sew them together round the "
                                "edge, an allowance in, but for a gap of {gap} between the marks.", gap=gap)),
                 ("turned", say("Trim the corners, snip the curves, and turn it right side out.")),
                 ("filled", say("Put the pad in through the gap, and sew the gap up.")))
    else:
        words = (("joined", say("Glue the allowances of the covers together, wrong side to wrong side, but "
                                "for a gap of {gap} between the marks.", gap=gap)),
                 ("filled", say("Put the pad in through the gap, and glue the gap.")),
                 ("turned", say("Trim the allowance to an even edge.")))
    around = path_length(path)
    glued = 0.0 if values["joined"] == SEWN else hem * around
    handwork = tuple(Handwork(name, said, "front cover", When.CLOSED, uses=("back cover",) if name != "filled"
                              else ("back cover", "pad"),
                              glue_mm2=glued if name == "joined" else glued / 8 if name == "filled" else 0.0)
                     for name, said in words)
    return Draft(pieces, closes=False, handwork=handwork,
                 dimensions=(Dimension("width", EdgeRef("pad", 0)),) if values["outline"] == RECTANGLE
                 and not float(values["corner"]) else (),
                 remarks=(("seam", say("it is {length} round", length=write_both(around))),))


def _gap(outline: contour.Outline, gap: float, hem: float) -> tuple[Path, ...]:
    """Two marks across the allowance, so far apart along the longest side."""
    longest = max(contour.path(outline), key=lambda s: s.length)
    share = min(gap / longest.length, 0.9)
    found = []
    for at in (0.5 - share / 2, 0.5 + share / 2):
        x, y = _point(longest, at)
        ahead, behind = _point(longest, at + 1e-4), _point(longest, at - 1e-4)
        ux, uy = ahead[0] - behind[0], ahead[1] - behind[1]
        far = math.hypot(ux, uy)
        found.append((Line((x, y), (x + uy / far * hem, y - ux / far * hem)),))
    return tuple(found)


def _point(segment: Segment, share: float) -> Point:
    if isinstance(segment, Arc):
        return segment.at(share)
    (ax, ay), (bx, by) = segment
    return ax + (bx - ax) * share, ay + (by - ay) * share


def _sound(values: Values) -> None:
    width, height, corner = (float(values[k]) for k in ("width", "height", "corner"))
    if values["outline"] == OWN and not values["drawn"]:
        raise MeasureError("no outline of your own is there yet", "outline",
                           "read one from an SVG drawing, or choose one of ours")
    if values["outline"] == RECTANGLE and corner > min(width, height) / 2:
        raise MeasureError("a corner so round is more than half of its side", "corner",
                           say("make it {most} or less", most=write_both(min(width, height) / 2)))
    around = path_length(contour.path(shape(values)))
    if float(values["gap"]) > _MOST_GAP * around:
        raise MeasureError("a gap so long leaves too little to hold it together", "gap",
                           say("make it {most} or less", most=write_both(_MOST_GAP * around)))


RECIPE = Recipe(
    id="cushion", title="Cushion", family="models",
    purpose="a pad in a cover of cloth, sewn or glued",
    also=("cushion", "pillow", "mattress", "pincushion", "pad", "upholstery", "miniature"),
    measures=(
        Measure("outline", Kind.CHOICE, RECTANGLE, "which outline; one of your own is read from an SVG "
                "drawing",
                choices=(*((name, name) for name in SHAPES), (OWN, "of your own"))),
        Measure("drawn", Kind.OUTLINE, "", "corners of your own outline", label="Own outline"),
        Measure("width", Kind.LENGTH, 60.0, "across the finished cushion", 12.0, 600.0),
        Measure("height", Kind.LENGTH, 45.0, "of a rectangle", 12.0, 600.0),
        Measure("corner", Kind.LENGTH, 8.0, "radius of a rectangle's corners", 0.0, 200.0,
                label="Corner radius"),
        Measure("joined", Kind.CHOICE, SEWN, "how the covers are joined",
                choices=((SEWN, "sewn, and turned"), (GLUED, "glued"))),
        Measure("allowance", Kind.LENGTH, 6.0, "of cloth beyond the seam", 3.0, 20.0, stays=True),
        Measure("gap", Kind.LENGTH, 30.0, "left open to turn and to fill it", 8.0, 200.0,
                label="Turning gap"),
    ),
    draft=draft_cushion, thinnest=0.5, thickest=12.0, contradictions=_sound, gives=("gap", "corner"),
    stock="foam-50", part_stocks=(("cover", "cotton-120"),), part_calipers=(("cover", 0.05, 1.5),),
)
