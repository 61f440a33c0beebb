"""Board glued up to a thickness: any outline cut several times and glued on itself, faced on both sides or
not, its edge covered with a strip or not.

How thick it comes out is the board's to say, not the recipe's: it asks for so many layers, and a check says
what they come to and how many would come nearest (``Glued``).
"""

from __future__ import annotations

import itertools
import math
from collections.abc import Sequence
from dataclasses import replace

from mingei.core.draft import (
    Draft,
    Glued,
    Handwork,
    Inset,
    Lap,
    Led,
    Panel,
    Piece,
    Placement,
    Raised,
    When,
    Wound,
)
from mingei.core.drafting.outlines import LIBRARY, OWN
from mingei.core.drafting.padded import inset, plate
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.plane import contour
from mingei.core.plane.shape import Arc, Path, Point, flat_points, path_length, rectangle, signed_area
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.profile_wall import divided, shape_of
from mingei.core.words import say

NONE, BOTH, STRIP, WRAPPED = "none", "both", "strip", "wrapped"
PLATE = "plate"
#: How far a chord stands off its arc, mm.
_SMOOTH_MM = 0.5
#: Width (mm) of a strip before thickness makes it as wide as what it covers.
_HAIR_MM = 1e-3
#: A lining keeps so far inside, mm.
_LINING_MM = 2.0
#: An edge strip laps over itself so far, mm.
_LAP_MM = 8.0
_LIES = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))


def shape(values: Values) -> tuple[contour.Outline, ...]:
    """The outline and those of its openings, at its width; a plate has a height of its own."""
    if values["outline"] == PLATE:
        corners = rectangle(float(values["width"]), float(values["height"]))
        return (tuple(contour.Knot(x, y) for x, y in corners),)
    return shape_of(values)


def _plate(name: str, values: Values, layer: float = 0.0, on: str = "", under: str = "",
           led: Led | None = None) -> Panel:
    outer, *inner = shape(values)
    # wide arcs in several: their chords alone would hardly be the outline
    runs = [r for here, after in zip(outer, (*outer[1:], outer[0]), strict=True)
            for r in divided(here, after, _SMOOTH_MM, math.inf)]
    return Panel(name, tuple(r.start for r in runs), layer=layer, on=on, under=under,
                 curves=tuple((i, r.sweep_deg) for i, r in enumerate(runs) if r.sweep_deg),
                 holes=() if led else tuple(contour.path(contour.reversed_outline(o)) for o in inner),
                 edges=tuple((i, led) for i in range(len(runs))) if led else ())


def draft_laminate(values: Values) -> Draft:
    """outline, drawn, width, height: mm; layers: how many; thick: wanted, mm; facing; edge."""
    count = int(values["layers"])
    names = [f"layer {number}" for number in range(1, count + 1)]
    above: dict[str, Lap] = {a: Lap(f"{b} on {a}", b, a) for a, b in itertools.pairwise(names)}
    faced = values["facing"] == BOTH
    if faced:
        above[names[-1]] = Lap("upper facing on it", "upper facing", names[-1])
    pieces = [Piece(name, name, _LIES, (_plate(name, values, number),),
                    laps=(above[name],) if name in above else ()) for number, name in enumerate(names)]
    if faced:
        pieces.append(Piece("upper facing", "upper facing", _LIES,
                            (_plate("upper facing", values, on=names[-1]),),
                            part="facing"))
        pieces.append(Piece("lower facing", "lower facing", _LIES,
                            (_plate("lower facing", values, under=names[0]),),
                            laps=(Lap("it on lower facing", names[0], "lower facing"),), part="facing"))
    around = path_length(contour.path(shape(values)[0]))
    wrapped: tuple[Handwork, ...] = ()
    if values["facing"] == WRAPPED:
        led = Led((), tuple(names), float(values["turn"]))
        pieces.append(Piece("wrap", "wrap", _LIES, (_plate("wrap", values, on=names[-1], led=led),),
                            part="facing"))
        above[names[-1]] = Lap("wrap on it", "wrap", names[-1])
        pieces = [replace(p, laps=(above[p.name],)) if p.name in above else p for p in pieces]
        wrapped = (Handwork("turned in", say("Turn the hem in below: straight sides first, then the curves, "
                                             "tooth by tooth, and rub it down."), "wrap", When.CLOSED,
                            uses=(names[0],), glue_mm2=around * float(values["turn"])),)
        pieces.append(Piece("lining", "lining", _LIES, (_lining(values, names[0]),), part="facing"))
        wrapped = (*wrapped, Handwork("lined", say("Glue the lining over the hem."), "lining", When.CLOSED,
                                      uses=("wrap",), glue_mm2=abs(signed_area(flat_points(
                                          contour.path(shape(values)[0]))))))
    handwork: tuple[Handwork, ...] = ()
    if values["edge"] == STRIP and not wrapped:
        strips = _strips(values, names, around)
        pieces += strips
        handwork = (Handwork("edge", say("Glue the strip round the edge, its ends where they show least, and "
                                         "rub it down."), "edge strip 1", When.CLOSED,
                             uses=(names[0], *(p.root for p in strips[1:])),
                             glue_mm2=around * float(values["thick"])),)
    said = say("{length} of edge round it", length=write_both(around))
    return Draft(tuple(pieces), closes=False, remarks=(("edge", said),), handwork=(*wrapped, *handwork),
                 glued=Glued(names[0], count, float(values["thick"])))


def _strips(values: Values, names: Sequence[str], around: float) -> list[Piece]:
    """Strips as wide as all layers are thick, each to lap onto the next; only where each begins is drawn."""
    path = contour.path(shape(values)[0])
    count = max(1, math.ceil(around / (float(values["strip"]) - _LAP_MM)))
    each, made = around / count, []
    for number in range(count):
        (x, y), (ux, uy) = _along(path, (number + 0.37) * each)
        name = f"edge strip {number + 1}"
        panel = Panel(name, rectangle(_HAIR_MM, _HAIR_MM),
                      edges=((0, Inset(_HAIR_MM)), (1, Wound(each + _LAP_MM - _HAIR_MM, 360.0 / count)),
                             (2, Raised(tuple((layer, 1.0) for layer in names)))))
        made.append(Piece(name, name, Placement((x, y, -_HAIR_MM), (ux, uy, 0.0), (0.0, 0.0, 1.0)),
                          (panel,), part="strips"))
    return made


def _along(path: Path, far: float) -> tuple[Point, Point]:
    """A point so far along an outline, mm, and the way it runs there, as a unit vector."""
    for segment in path:
        if far <= segment.length:
            break
        far -= segment.length
    if isinstance(segment, Arc):
        turn = segment.start_deg + segment.sweep_deg * far / segment.length
        way = math.radians(turn + math.copysign(90.0, segment.sweep_deg))
        return segment.at(far / segment.length), (math.cos(way), math.sin(way))
    (ax, ay), (bx, by) = segment
    ux, uy = (bx - ax) / segment.length, (by - ay) / segment.length
    return (ax + ux * far, ay + uy * far), (ux, uy)


def _lining(values: Values, under: str) -> Panel:
    """A sheet over the hem below, drawn a little smaller all round."""
    return plate("lining", inset(shape(values)[0], _LINING_MM), under=under)


def _sound(values: Values) -> None:
    if values["facing"] == WRAPPED and len(shape(values) if values["outline"] != OWN or values["drawn"]
                                           else ()) > 1:
        raise MeasureError("a wrap does not go round an opening", "facing", "face it, or leave it bare")
    if values["outline"] == OWN and not values["drawn"]:
        raise MeasureError("no outline of your own is there yet", "outline",
                           "read one from an SVG drawing, or choose one of ours")


RECIPE = Recipe(
    id="laminate", title="Laminated board", family="models",
    purpose="any outline cut from board several times and glued up to a thickness",
    also=("laminate", "built-up board", "base", "plinth", "coaster", "plywood", "backing"),
    measures=(
        Measure("outline", Kind.CHOICE, PLATE, "which outline; one of your own is read from an SVG drawing",
                choices=((PLATE, "rectangle"), *((name, name) for name in LIBRARY), (OWN, "of your own"))),
        Measure("drawn", Kind.OUTLINE, "", "corners of your own outline", label="Own outline"),
        Measure("width", Kind.LENGTH, 100.0, "across the outline", 20.0, 600.0),
        Measure("height", Kind.LENGTH, 70.0, "of a rectangle", 20.0, 600.0),
        Measure("thick", Kind.LENGTH, 6.0, "how thick it shall be, about", 0.5, 60.0, label="Thickness"),
        Measure("layers", Kind.COUNT, 3.0, "how many lie on each other", 1.0, 24.0),
        Measure("facing", Kind.CHOICE, BOTH, "whether its faces are covered: one alone warps",
                choices=((NONE, "bare"), (BOTH, "both faces"), (WRAPPED, "a wrap, turned in below"))),
        Measure("turn", Kind.LENGTH, 10.0, "of a wrap, turned in below", 4.0, 30.0, label="Turn-in",
                stays=True),
        Measure("edge", Kind.CHOICE, STRIP, "what covers its edge",
                choices=((NONE, "nothing"), (STRIP, "a strip"))),
        Measure("strip", Kind.LENGTH, 240.0, "no strip is longer", 60.0, 1000.0, label="Longest strip",
                stays=True),
    ),
    draft=draft_laminate, thinnest=0.2, thickest=4.0, contradictions=_sound, stock="greyboard-20",
    part_stocks=(("facing", "wrapping-60"), ("strips", "wrapping-60")),
)
