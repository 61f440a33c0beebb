"""A stool or chair: a padded seat on a column of tubes rolled from strips round a stick, on a star of legs
laid up from boards, with castors and a padded back if wished.

How high one sits is asked for; pad, board and lining take their own thickness of it below (``Raised``).
"""

from __future__ import annotations

import math
from dataclasses import replace

from mingei.core.draft import (
    Bought,
    Draft,
    Edge,
    Handwork,
    Lap,
    Meets,
    Panel,
    Past,
    Piece,
    Placement,
    Raised,
    Swing,
    When,
)
from mingei.core.draft import Rolled as RolledUp
from mingei.core.drafting.outlines import OWN
from mingei.core.drafting.padded import RECTANGLE, SHAPES, box_of, inset, outline_of, padded, rounded
from mingei.core.drafting.roll import Wall, roll, stands
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.plane import contour
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

NONE, BACK, WINGS = "none", "back", "wings"
#: The thickest board it is made of, mm, and facets that stand for a tube's outermost turn.
_THICKEST_MM, _FACETS = 3.0, 20
#: A stick turns in its tube with so much play, mm; the lowest collar stands so far above and below the legs.
_PLAY_MM, _PAST_MM = 0.2, 1.0
#: A lining keeps so far inside the seat, mm; the back stands so far from what is round the seat.
_LINING_MM, _OFF_MM = 2.0, 1.5
#: Wings are so wide, of the back, and no narrower than that, mm; they lean so far forward, degrees, stand so
#: far from the back, mm, and by so much of what leans towards the other further.
_WING, _LEAST_WING_MM, _LEANS_DEG, _WING_OFF_MM, _PUSHED = 0.45, 14.0, 35.0, 1.0, 0.7
#: Legs stand so far off the collar, mm: for glue, and for facets that stand for a round.
_GLUE_MM = 0.15
_PARTS = {"pad": "pad", "cover": "cover", "lining": "linings"}


def draft_stool(values: Values) -> Draft:
    """outline, drawn, width, depth, corner: of the seat; height: how high one sits; hem; stick, column,
    collar: diameters; legs, leg, rise, layers; castor; back, back_width, back_height: mm."""
    high, hem = float(values["height"]), float(values["hem"])
    outline = _seat(values)
    under = ("seat pad", "seat board", "seat lining")
    at = Placement((0.0, 0.0, high), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
    seat = padded("seat", outline, inset(outline, _LINING_MM), at, hem, parts=_PARTS)
    # the pad's upper face is as high as asked: everything hangs from it
    seat = [replace(p, panels=tuple(_hung(q) for q in p.panels)) for p in seat]
    pieces = [*seat, *_column(values, high, under), *_legs(values)]
    if values["back"] != NONE:
        pieces += _back(values, high, hem)
    # it turns on its stick, and the back with it
    turns = (Swing("seat", "seat board", (0.0, 0.0), (0.0, 0.0), 360.0, square=True),)
    return Draft(tuple(pieces), closes=False, swings=turns, bought=_bought(values, high),
                 handwork=_made(values), remarks=_remarks(values, high))


def _seat(values: Values) -> contour.Outline:
    return outline_of(str(values["outline"]), str(values["drawn"]),
                      *(float(values[k]) for k in ("width", "depth", "corner")))


def _hung(panel: Panel) -> Panel:
    """The seat's layers from the pad down."""
    if panel.name == "seat pad":
        return replace(panel, layer=-1, on="")
    if panel.name == "seat board":
        return replace(panel, under="seat pad")
    return panel


def _tube(name: str, outer: float, inner: float, low: float, high: float,
          under: tuple[str, ...] = (), hangs: bool = False) -> Piece:
    """A tube rolled from a strip: its outermost turn as it stands, the rest of the strip inside it.  under:
    what it ends beneath; hangs: it hangs there with its foot, too."""
    wall = Wall(outer, outer, high - low, _FACETS)
    rims = tuple((side, Raised(tuple((panel, times) for panel in under)))
                 for side, times in (((2, -1.0), (0, 1.0)) if hangs else ((2, -1.0),))) if under else ()
    rolled = roll(name, wall, 0.0, 1)
    ends: dict[str, tuple[int, Edge]] = {rolled.panels[0].name: (3, Meets(wall.turn_deg)),
                                         rolled.panels[-1].name: (1, RolledUp(inner, outer, wall.turn_deg))}
    panels = tuple(replace(p, layer=-1, edges=(*p.edges, *rims, *((ends[p.name],) if p.name in ends else ())))
                   for p in rolled.panels)
    at = stands(wall)
    x, y, _ = at.origin
    return Piece(name, panels[0].name, at._replace(origin=(x, y, low)), panels, folds=rolled.folds,
                 laps=rolled.laps, part="tubes")


def _column(values: Values, high: float, under: tuple[str, ...]) -> list[Piece]:
    stick, column, collar, rise, castor = (float(values[k])
                                           for k in ("stick", "column", "collar", "rise", "castor"))
    made = [_tube("column", column, stick + _PLAY_MM, castor, high, under),
            _tube("lower collar", collar, column, castor, castor + rise + _PAST_MM)]
    upper = float(values["upper"])
    if upper > 0:
        made.append(_tube("upper collar", collar, column, high - upper, high, under, hangs=True))
    return made


def _legs(values: Values) -> list[Piece]:
    """Legs laid up from boards, in a star about the column."""
    count, layers = int(values["legs"]), int(values["layers"])
    long, rise, castor = (float(values[k]) for k in ("leg", "rise", "castor"))
    start = float(values["collar"]) / 2 + _GLUE_MM
    shape = ((start, 0.0), (long, 0.0), (long, 0.4 * rise), (start + 0.2 * (long - start), rise),
             (start, rise))
    made = []
    for leg in range(count):
        angle = math.radians(90.0 + 360.0 * leg / count)
        at = Placement((0.0, 0.0, castor), (math.cos(angle), math.sin(angle), 0.0), (0.0, 0.0, 1.0))
        names = [f"leg {leg + 1}", *(f"leg {leg + 1} layer {n}" for n in range(2, layers + 1))]
        for number, name in enumerate(names):
            laps = tuple(Lap(f"{upper} on {name}", upper, name) for upper in names[number + 1:number + 2])
            made.append(Piece(name, name, at, (Panel(name, shape, layer=number - layers / 2),), laps=laps))
    return made


def _back(values: Values, high: float, hem: float) -> list[Piece]:
    """A padded back on an upright that is glued to the seat's board behind."""
    wide, tall = (float(values[k]) for k in ("back_width", "back_height"))
    y = box_of(_seat(values)).top + _THICKEST_MM + _OFF_MM
    gap = tall / 2
    at = Placement((0.0, y, high + gap + tall / 2), (-1.0, 0.0, 0.0), (0.0, 0.0, 1.0))
    outline = rounded(wide, tall, min(float(values["corner"]), 0.45 * min(wide, tall)))
    pieces = padded("seat back", outline, inset(outline, _LINING_MM), at, hem, down=True, layer=-1,
                    parts=_PARTS)
    if values["back"] == WINGS:
        for side, way in (("left", -1.0), ("right", 1.0)):
            pieces += _wing(values, side, way, (wide / 2 + _WING_OFF_MM, y, high + gap + tall / 2), tall, hem)
    strip = wide / 4
    shape = tuple((x, z) for x, z in ((-strip / 2, -(gap + tall / 2 + high * 0.2)),
                                      (strip / 2, -(gap + tall / 2 + high * 0.2)),
                                      (strip / 2, 0.0), (-strip / 2, 0.0)))
    upright = Panel("seat upright", shape, on="seat back lining")
    return [*pieces, Piece("seat upright", "seat upright", at, (upright,),
                           laps=(Lap("seat upright on its lining", "seat upright", "seat back lining"),))]


def _wing(values: Values, side: str, way: float, at: tuple[float, float, float], tall: float,
          hem: float) -> list[Piece]:
    """A padded board beside the back, leaning forward.  way: -1 at the left, seen from the front."""
    wide = max(_LEAST_WING_MM, _WING * float(values["back_width"]))
    turn = math.radians(_LEANS_DEG)
    x, y, z = at
    # outward, and to the left as it is seen from behind
    u = (-math.cos(turn), way * math.sin(turn), 0.0)
    middle = (way * x + way * wide / 2 * math.cos(turn), y - wide / 2 * math.sin(turn), z)
    outline = rounded(wide, tall, min(float(values["corner"]), 0.45 * min(wide, tall)))
    made = padded(f"seat {side} wing", outline, inset(outline, _LINING_MM),
                  Placement(middle, u, (0.0, 0.0, 1.0)), hem, down=True, layer=-1, parts=_PARTS)
    # the pads lean towards each other: board and pad push the wing out by their share
    out = Past((way, 0.0, 0.0), ("seat back pad", "seat back board"), _PUSHED)
    return [replace(p, past=(*p.past, out)) for p in made]


def _bought(values: Values, high: float) -> tuple[Bought, ...]:
    found = [Bought("stick", 1, say("Put the stick into the column, so that it stands out below by the "
                                    "castors' height at the most."), "column 1",
                    max(5.0, high - _THICKEST_MM * 2 - float(values["castor"])),
                    size=write_both(float(values["stick"])), when=When.CLOSED, last=True)]
    if float(values["castor"]) > 0:
        found.append(Bought("bead", int(values["legs"]), say("Glue a bead under the end of each leg."),
                            "leg 1", size=write_both(float(values["castor"])), when=When.CLOSED, last=True,
                            glue_mm2=int(values["legs"]) * float(values["castor"])**2))
    return tuple(found)


def _covered(values: Values) -> tuple[str, ...]:
    """What is padded and covered."""
    wings = ("seat left wing", "seat right wing") if values["back"] == WINGS else ()
    return ("seat", *(("seat back",) if values["back"] != NONE else ()), *wings)


def _around(values: Values) -> float:
    """About how far it is round a padded part, mm."""
    return 2 * (float(values["width"]) + float(values["depth"]))


def _made(values: Values) -> tuple[Handwork, ...]:
    found = [
        *(Handwork(f"{name} cover", say(
            "Draw the {name} cover over its pad: glue its hem on one side, then opposite, then the corners "
            "pulled tight, then all between.", name=name), f"{name} board", When.CLOSED,
                   why=say("the lining covers the hem"), before=f"{name} lining", uses=(f"{name} cover",),
                   glue_mm2=_around(values) * float(values["hem"]))
          for name in _covered(values)),
        Handwork("collars", say("Push the collars onto the column, the lower one flush with its foot, and "
                                "glue them."), "lower collar 1", When.CLOSED,
                 uses=("column 1", *(("upper collar 1",) if float(values["upper"]) > 0 else ())),
                 glue_mm2=math.pi * float(values["column"]) * float(values["rise"])),
        Handwork("star", say("Glue the legs to the lower collar, standing on paper that does not stick, over "
                             "a drawn star."), "leg 1", When.CLOSED,
                 uses=("lower collar 1", *(f"leg {n + 1}" for n in range(1, int(values["legs"])))),
                 glue_mm2=int(values["legs"]) * float(values["rise"]) * 4.0),
        Handwork("seat", say("Glue the stick under the middle of the seat, upright; the seat turns in its "
                             "column, which stays dry."), "seat lining", When.CLOSED, uses=("column 1",),
                 glue_mm2=float(values["stick"])**2)]
    if values["back"] == WINGS:
        found.append(Handwork("wings",
                              say("Glue the wings to the sides of the back, leaning forward, with a strip "
                                           "of cloth behind each joint."), "seat left wing board",
                              When.CLOSED, uses=("seat right wing board", "seat back board"),
                              glue_mm2=2 * float(values["back_height"]) * _WING_OFF_MM * 8))
    if values["back"] != NONE:
        found.append(Handwork("back", say("Glue the upright to the rear of the seat's board, between board "
                                          "and lining if there is room, and hold it till it is dry."),
                              "seat upright", When.CLOSED, uses=("seat board",),
                              glue_mm2=float(values["back_width"]) * float(values["hem"])))
    return tuple(found)


def _remarks(values: Values, high: float) -> tuple[tuple[str, str], ...]:
    count, layers = int(values["legs"]), int(values["layers"])
    return (("tubes", say("roll each strip tightly, its first turn dry round the stick or the column, the "
                          "rest with a film of glue; trim it where it has come to its diameter")),
            ("legs", say("{count} legs of {layers} boards: cut {many} alike", count=count, layers=layers,
                         many=count * layers)),)


def _sound(values: Values) -> None:
    width, depth, corner, high = (float(values[k]) for k in ("width", "depth", "corner", "height"))
    if values["outline"] == OWN and not values["drawn"]:
        raise MeasureError("no outline of your own is there yet", "outline",
                           "read one from an SVG drawing, or choose one of ours")
    if values["outline"] == RECTANGLE and corner > min(width, depth) / 2:
        raise MeasureError("a corner so round is more than half of its side", "corner",
                           say("make it {most} or less", most=write_both(min(width, depth) / 2)))
    stick, column, collar = (float(values[k]) for k in ("stick", "column", "collar"))
    if column < stick + _PLAY_MM + 1.0:
        raise MeasureError("the column has no wall round its stick", "column",
                           say("make it {least} or more", least=write_both(stick + _PLAY_MM + 1.0)))
    if collar < column + 1.0:
        raise MeasureError("the collar has no wall round the column", "collar",
                           say("make it {least} or more", least=write_both(column + 1.0)))
    count, layers = int(values["legs"]), int(values["layers"])
    least = layers * _THICKEST_MM / math.tan(math.pi / count) - 2 * _GLUE_MM
    if collar < least:
        raise MeasureError("so many legs meet before they reach the collar", "collar",
                           say("make it {least} or more, or take fewer legs or layers",
                               least=write_both(least)))
    leg, rise, castor, upper = (float(values[k]) for k in ("leg", "rise", "castor", "upper"))
    if leg < collar / 2 + rise:
        raise MeasureError("legs so short do not stand out", "leg",
                           say("make them {least} or more", least=write_both(collar / 2 + rise)))
    # the thickest pad, board and lining
    if castor + rise + _PAST_MM + upper + 12.0 + 2 * _THICKEST_MM + 2.0 > high:
        raise MeasureError("so low a seat leaves nothing of the column", "height",
                           say("make it {least} or more",
                               least=write_both(castor + rise + _PAST_MM + upper + 14.0
                                                + 2 * _THICKEST_MM)))
    box = box_of(_seat(values))
    if min(box.width, box.height) < max(collar, 6 * _LINING_MM):
        raise MeasureError("so small a seat does not cover its column", "width",
                           say("make it {least} or more", least=write_both(max(collar, 6 * _LINING_MM))))
    if values["back"] != NONE and min(float(values[k]) for k in ("back_width", "back_height")) < (
            6 * _LINING_MM):
        raise MeasureError("so small a back takes no lining", "back_height", "make it larger")


RECIPE = Recipe(
    id="stool", title="Stool or chair", family="models",
    purpose="a padded seat on a rolled column and a star of legs, with a back if wished",
    also=("stool", "chair", "swivel chair", "seat", "furniture", "miniature", "upholstery"),
    measures=(
        Measure("outline", Kind.CHOICE, "round", "the seat's",
                choices=(*((name, name) for name in SHAPES), (OWN, "of your own")), label="Seat"),
        Measure("drawn", Kind.OUTLINE, "", "corners of your own outline", label="Own outline"),
        Measure("width", Kind.LENGTH, 32.0, "across the seat", 15.0, 300.0),
        Measure("depth", Kind.LENGTH, 32.0, "of a rectangular seat", 15.0, 300.0),
        Measure("corner", Kind.LENGTH, 5.0, "radius of a rectangle's corners", 0.0, 100.0,
                label="Corner radius"),
        Measure("height", Kind.LENGTH, 50.0, "how high one sits, on the pad", 20.0, 400.0,
                label="Seat height"),
        Measure("hem", Kind.LENGTH, 6.0, "of the cover, turned in below", 3.0, 20.0, stays=True),
        Measure("stick", Kind.LENGTH, 3.0, "diameter of the stick in the column", 1.0, 12.0, stays=True),
        Measure("column", Kind.LENGTH, 7.0, "diameter of the rolled column", 3.0, 60.0),
        Measure("collar", Kind.LENGTH, 10.0, "diameter of the collars round it", 4.0, 80.0),
        Measure("upper", Kind.LENGTH, 4.0, "height of the collar under the seat; 0 for none", 0.0, 60.0,
                label="Upper collar"),
        Measure("legs", Kind.COUNT, 5.0, "in the star", 3.0, 8.0),
        Measure("leg", Kind.LENGTH, 25.0, "from the middle to the end of a leg", 10.0, 250.0,
                label="Leg length"),
        Measure("rise", Kind.LENGTH, 6.0, "height of a leg at the column", 3.0, 80.0, label="Leg height"),
        Measure("layers", Kind.COUNT, 2.0, "boards a leg is laid up from", 1.0, 6.0, label="Leg boards"),
        Measure("castor", Kind.LENGTH, 4.0, "diameter of the beads under the legs; 0 for none", 0.0, 20.0,
                label="Castors", stays=True),
        Measure("back", Kind.CHOICE, NONE, "whether it has one",
                choices=((NONE, "none"), (BACK, "a padded back"), (WINGS, "a padded back with wings"))),
        Measure("back_width", Kind.LENGTH, 28.0, "of the back", 12.0, 300.0),
        Measure("back_height", Kind.LENGTH, 18.0, "of the back", 12.0, 300.0),
    ),
    draft=draft_stool, thinnest=0.5, thickest=_THICKEST_MM, contradictions=_sound,
    gives=("collar", "corner", "upper", "leg"), stock="greyboard-15",
    part_stocks=(("pad", "foam-20"), ("cover", "cotton-120"), ("linings", "card-220"),
                 ("tubes", "kraft-110")),
    part_calipers=(("pad", 0.5, 12.0), ("cover", 0.05, 1.5), ("linings", 0.1, 1.0), ("tubes", 0.05, 0.3)),
    human=(("height", "a seat's height"), ("width", "a seat's width")),
)
