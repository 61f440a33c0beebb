"""A carrying bag: sides with a valley fold down their middle, a block bottom, its top turned in, holes for
its straps."""

from __future__ import annotations

from itertools import pairwise

from mingei.core.draft import (
    Bought,
    Crease,
    Dimension,
    Draft,
    EdgeRef,
    Fold,
    Handwork,
    Inset,
    Lap,
    Panel,
    Piece,
    Placement,
    Role,
    Seam,
    When,
    Within,
)
from mingei.core.drafting.content import block
from mingei.core.errors import MeasureError
from mingei.core.joints import GLUE_TAB
from mingei.core.length import write_both
from mingei.core.offset import FLAT_DEG, RELIEF_MM
from mingei.core.plane.shape import Point, hole_path, rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

PLAIN, STIFF = "plain", "stiff"
#: Straps keep so far from the upper edge, a share of the turned top; stiffening card keeps so far inside its
#: walls, mm.
_HOLE_DOWN, _INSIDE_MM = 0.5, 1.0
#: Turned strips keep so far from the corners, mm; a knot takes so much of a strap, mm.
_CORNER_MM, _KNOT_MM = 1.5, 40.0


def _turned(name: str, wide: float, deep: float, over: str, holes: tuple[Point, ...] = (),
            hole: float = 0.0) -> Panel:
    """A strip turned in over a wall's upper edge, inside the corner's tab; side 0 is its hinge.  over: the
    card it goes over, or ""."""
    clear = Inset(_CORNER_MM)
    bored = tuple(hole_path(hole, p) for p in holes)
    return Panel(name, rectangle(wide, deep), layer=0, role=Role.FLAP, edges=((1, clear), (3, clear)),
                 holes=bored, under=over)


def draft_bag(values: Values) -> Draft:
    """width, depth, height: mm; bottom: how far its flaps reach; top: depth of the turned top; hole, apart,
    strap; tab; card."""
    width, deep, height = (float(values[k]) for k in ("width", "depth", "height"))
    top, hole, apart = (float(values[k]) for k in ("top", "hole", "apart"))
    half, reach = deep / 2, 0.75 * deep
    stiff = values["card"] == STIFF
    places = ((width - apart) / 2, (width + apart) / 2)
    down = _HOLE_DOWN * top
    bored = tuple(hole_path(hole, (x, height - down)) for x in places)
    turned_at = tuple((x, down) for x in places)
    walls = (
        Panel("front", rectangle(width, height), layer=1, holes=bored),
        Panel("back", rectangle(width, height), holes=bored),
        *(Panel(f"{side} side {end}", rectangle(half, height)) for side in ("right", "left")
          for end in ("front", "back")),
    )
    order = ("front", "right side front", "right side back", "back", "left side back", "left side front")
    within = ((1, Within()), (3, Within()))
    flaps = (
        *(Panel(f"{side} flap {end}", rectangle(half, min(reach, width / 2 - RELIEF_MM)), layer=0,
                role=Role.FLAP,
                edges=within)
          for side in ("right", "left") for end in ("front", "back")),
        Panel("back flap", rectangle(width, reach), layer=1, role=Role.FLAP),
        Panel("front flap", rectangle(width, reach), layer=2, role=Role.FLAP),
    )
    folds = []
    for a, b in pairwise(order):
        middle = a.split()[0] == b.split()[0] and "side" in a
        folds.append(Fold(EdgeRef(a, 1), EdgeRef(b, 3), 0.0 if middle else 90.0, 2,
                          Crease.VALLEY if middle else Crease.MOUNTAIN))
    folds += [Fold(EdgeRef(f"{side} side {end}", 0), EdgeRef(f"{side} flap {end}", 0), 90.0, 3)
              for side in ("right", "left") for end in ("front", "back")]
    folds += [Fold(EdgeRef("back", 0), EdgeRef("back flap", 0), 90.0, 4),
              Fold(EdgeRef("front", 0), EdgeRef("front flap", 0), 90.0, 5)]
    turns = []
    for name in order:
        holes = turned_at if name in ("front", "back") else ()
        turns.append(_turned(f"{name} turn", width if holes else half, top, f"{name} card" if stiff
                             and holes else "", holes, hole))
        folds.append(Fold(EdgeRef(name, 2), EdgeRef(f"{name} turn", 0), FLAT_DEG, 1))
    seam = Seam("corner tab", GLUE_TAB, EdgeRef("left side front", 1), EdgeRef("front", 3),
                float(values["tab"]), 1)
    laps = (*(Lap(f"back flap on {side} flap {end}", "back flap", f"{side} flap {end}")
              for side in ("right", "left") for end in ("front", "back")),
            Lap("front flap on back flap", "front flap", "back flap"),
            *(Lap(f"{name} turn on {name}", f"{name} turn", name, facing=True) for name in order
              if not (stiff and name in ("front", "back"))))
    upright = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 0.0, 1.0))
    pieces = [Piece("bag", "front", upright, (*walls, *flaps, *turns), folds=tuple(folds), seams=(seam,),
                    laps=laps)]
    if stiff:
        pieces += _stiffening(width, deep, height, top, hole, places, down)
    strap = say("each strap: {length}, its knots counted; knot the ends inside",
                length=write_both(float(values["strap"]) + _KNOT_MM))
    flat = say("folded flat it is {width} by {tall}; fold the sides in first, then the bottom up",
               width=write_both(width),
               tall=write_both(height + half))
    shown = (Dimension("width", EdgeRef("front", 0)), Dimension("height", EdgeRef("back", 1)))
    stiffened = _stiffened(width, deep, top) if stiff else ()
    return Draft(tuple(pieces), closes=False, dimensions=shown, handwork=stiffened,
                 remarks=(("straps", strap), ("size", flat)),
                 bought=(Bought("strap", 2, say(
                     "Put the straps through their holes and knot the ends inside."), "front",
                     float(values["strap"]) + _KNOT_MM, when=When.OPEN, uses=("back",),
                     after=("front turn", "back turn")),),
                 content=block(width, float(values["depth"]), height - top))


def _stiffened(width: float, deep: float, top: float) -> tuple[Handwork, ...]:
    """How the cards are put in."""
    return (Handwork("top cards", say(
        "Glue the front card and the back card inside, close under the crease of the turned top, hole on "
        "hole; coat the turned top as well, and press it down over them as it is folded."), "front",
        When.FLAT, uses=("back", "front card", "back card"), glue_mm2=4 * width * top),
        Handwork("bottom card", say("Lay the bottom card in on the closed flaps, with a dab of glue at each "
                                    "corner."), "back flap", When.CLOSED, uses=("bottom card",),
                 glue_mm2=0.1 * width * deep))


def _stiffening(width: float, deep: float, height: float, top: float, hole: float, places: tuple[float, ...],
                down: float) -> list[Piece]:
    """A card on the bottom, and one under the turned top of front and of back."""
    base = Panel("bottom card", rectangle(width - 2 * _INSIDE_MM, deep - 2 * _INSIDE_MM),
                 under="right flap front")
    lies = Placement((_INSIDE_MM, deep - _INSIDE_MM, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))
    pieces = [Piece("bottom card", "bottom card", lies, (base,), folds=(), part="stiffening")]
    tall = top - 2 * _INSIDE_MM
    for wall, at in (("front", Placement((_INSIDE_MM, 0.0, height - top + _INSIDE_MM), (1.0, 0.0, 0.0),
                                         (0.0, 0.0, 1.0))),
                     ("back", Placement((width - _INSIDE_MM, deep, height - top + _INSIDE_MM),
                                        (-1.0, 0.0, 0.0), (0.0, 0.0, 1.0)))):
        holes = tuple(hole_path(hole, (x - _INSIDE_MM, top - down - _INSIDE_MM)) for x in places)
        # on the layer inside the corner's tab, whichever wall bears that
        strip = Panel(f"{wall} card", rectangle(width - 2 * _INSIDE_MM, tall), layer=-1, holes=holes)
        pieces.append(Piece(f"{wall} card", f"{wall} card", at, (strip,), folds=(), part="stiffening"))
    return pieces


def _sound(values: Values) -> None:
    width, deep, height = (float(values[k]) for k in ("width", "depth", "height"))
    top, hole, apart = (float(values[k]) for k in ("top", "hole", "apart"))
    if deep > width:
        raise MeasureError("a bag deeper than it is wide does not fold flat", "depth",
                           "make it shallower, or wider")
    if deep / 2 + top > height - 20.0:
        raise MeasureError("bottom and turned top leave no side between them", "height", "make it taller")
    if hole > 0.4 * top:
        raise MeasureError("so large a hole tears out of the turned top", "hole",
                           "make it smaller, or turn in more")
    if not 2 * hole + 5.0 <= apart <= width - 2 * hole - 10.0:
        raise MeasureError("straps there leave too little card beside their holes", "apart",
                           "set them further in, or further apart")


RECIPE = Recipe(
    id="bag", title="Carrying bag", family="wraps",
    purpose="a bag with folding sides and a flat bottom, for a shop or a gift",
    also=("gift bag", "carrier bag", "shopping bag", "paper bag", "party bag"),
    measures=(
        Measure("width", Kind.LENGTH, 180.0, "of front and back", 40.0, 450.0),
        Measure("depth", Kind.LENGTH, 80.0, "from front to back, when it stands open", 12.0, 250.0),
        Measure("height", Kind.LENGTH, 230.0, "of the finished bag", 60.0, 500.0),
        Measure("top", Kind.LENGTH, 35.0, "turned in round the upper edge", 15.0, 80.0, label="Turned top",
                stays=True),
        Measure("hole", Kind.LENGTH, 5.0, "diameter of the straps' holes; of an eyelet, its own", 2.0, 20.0,
                stays=True),
        Measure("apart", Kind.LENGTH, 80.0, "between the two holes of a strap", 12.0, 300.0,
                label="Straps apart"),
        Measure("strap", Kind.LENGTH, 350.0, "of each strap between its holes", 100.0, 1500.0, stays=True),
        Measure("card", Kind.CHOICE, STIFF, "on the bottom and under the turned top", label="Stiffening card",
                choices=((PLAIN, "none"), (STIFF, "cards"))),
        Measure("tab", Kind.LENGTH, 15.0, "depth of the tab in the corner", 8.0, 30.0, label="Tab depth",
                stays=True),
    ),
    draft=draft_bag, thinnest=0.06, thickest=0.3, contradictions=_sound, gives=("hole", "apart", "top"),
    for_things=(("height", 60.0), ("width", 12.0), ("depth", 12.0)), roomy=True, stock="kraft-110",
)
