"""A limb: an arm, a leg, a pointer; rounded ends about two middles, joined by their common tangents, with a
wall round it.  It turns about the middle of its upper end, and something may be set on that of its lower.

With the ends' radii R and r a length L apart the sides lean by asin((R - r) / L), and the ends turn through
half a circle and twice that, more and less (plane geometry of the tangents to two circles).
"""

from __future__ import annotations

import math
from dataclasses import replace

from mingei.core.draft import PIVOT, Draft, Place
from mingei.core.drafting.outlines import OWN
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.plane import contour
from mingei.core.plane.contour import Knot, Outline
from mingei.core.plane.shape import Point
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.profile_wall import LONGEST, NONE, ONE, TWO, draft_profile, sound
from mingei.core.recipes.tube import LAP, SMOOTH, TOOTH
from mingei.core.words import say

#: The place at its lower end, on which something may be set.
END = "end"
#: The widest card it is made of, and how much longer it is from middle to middle than its ends differ.
_THICKEST_MM, _LONGER_MM = 0.5, 5.0


def ends(values: Values) -> tuple[Point, Point]:
    """The middles of its upper and its lower end, its lower left corner at the origin, mm."""
    length, top, bottom = _sizes(values)
    middle = max(top, bottom) / 2
    return (middle, bottom / 2 + length), (middle, bottom / 2)


def outline(values: Values) -> Outline:
    """Its outline, lower left corner at the origin, counter-clockwise."""
    length, top, bottom = _sizes(values)
    (x, high), (_, low) = ends(values)
    lean = math.asin((top - bottom) / 2 / length)
    cos, sin = math.cos(lean), math.sin(lean)

    def at(side: float, middle: float, across: float) -> Point:
        return x + side * across / 2 * cos, middle - across / 2 * sin

    turn = 2 * math.degrees(lean)
    return (Knot(*at(1.0, low, bottom)), Knot(*at(1.0, high, top), 180.0 + turn), Knot(*at(-1.0, high, top)),
            Knot(*at(-1.0, low, bottom), 180.0 - turn))


def draft_limb(values: Values) -> Draft:
    """length: from the middle of one end to that of the other; top, bottom: across the ends, mm; depth,
    faces, tooth, lap, strip, smooth: of the wall."""
    drawn = draft_profile(_profile(values))
    places = [Place(name, "front", *at) for name, at in zip((PIVOT, END), ends(values), strict=True)]
    back = [Place(place.name, "back", place.x, -place.y) for place in places]
    return replace(drawn, places=(*places, *(back if values["faces"] == TWO else ())))


def _profile(values: Values) -> Values:
    """The measures of the outline with a wall that it is."""
    return {**values, "outline": OWN, "drawn": contour.write_shape((outline(values),)),
            "width": max(float(values["top"]), float(values["bottom"])), "overlay": NONE, "border": 3.0}


def _sizes(values: Values) -> tuple[float, float, float]:
    length, top, bottom = (float(values[k]) for k in ("length", "top", "bottom"))
    return length, top, bottom


def _sound(values: Values) -> None:
    length, top, bottom = _sizes(values)
    least = abs(top - bottom) / 2 + _LONGER_MM
    if length < least:
        raise MeasureError("its larger end would swallow the smaller", "length",
                           say("make it {least} or longer", least=write_both(math.ceil(least))))
    sound(_profile(values))


RECIPE = Recipe(
    id="limb", title="Limb", family="shapes",
    purpose="an arm, a leg, a pointer: two rounded ends and a wall, to turn on a pivot",
    also=("arm", "leg", "wing", "pointer", "lever", "puppet", "jointed figure"),
    measures=(
        Measure("length", Kind.LENGTH, 60.0, "from the middle of one end to that of the other", 10.0, 600.0),
        Measure("top", Kind.LENGTH, 26.0, "across the upper end, where it turns", 10.0, 300.0,
                label="Upper end"),
        Measure("bottom", Kind.LENGTH, 18.0, "across the lower end", 10.0, 300.0, label="Lower end"),
        Measure("depth", Kind.LENGTH, 10.0, "of the wall, inside", 5.0, 200.0),
        Measure("faces", Kind.CHOICE, TWO, "whether it is closed on both sides",
                choices=((ONE, "front only"), (TWO, "front and back"))),
        TOOTH, LAP,
        LONGEST,
        SMOOTH,
    ),
    draft=draft_limb, thinnest=0.08, thickest=_THICKEST_MM, contradictions=_sound,
    gives=("length", "tooth", "lap"), stock="card-220",
)
