"""The slim carton: four walls round a cavity, closed at both ends, opening on an end or along a side.

One blank serves both ways of opening; only which seams are glued differs.  The top lies over a tab on the
front and over a lip on each end, so it stands one layer out; tab and lips fill that layer and the cavity
stays clear.

Each panel is drawn as seen from outside.  Laid flat, from bottom to top: top, back, base, front, tab; the
ends hang on the base.  Sides of a rectangle are numbered 0 bottom, 1 right, 2 top, 3 left of its own drawing.
"""

from __future__ import annotations

from mingei.core.draft import (
    Dimension,
    Draft,
    EdgeRef,
    Fold,
    Lap,
    Over,
    Panel,
    Piece,
    Placement,
    Role,
    Seam,
    Within,
)
from mingei.core.joints import GLUE_TAB, TUCK
from mingei.core.offset import RELIEF_MM
from mingei.core.plane.shape import Polygon
from mingei.core.recipes import Kind, Measure, Recipe, Values

END, SIDE = "end", "side"
FREE, LOCKING = "plain", "locking"
#: Length (mm) of the slits of a locking lip (from experience, no published source).
_SLIT_MM = 5.0

#: Dust flaps narrow by this share of their depth on each side, so that they swing in freely.
_FLAP_TAPER = 0.12
#: Radius (mm) of the free corners of tab and lips: a round corner finds its way in.
_LIP_ROUND_MM = 4.0

#: The order of folding for each opening.
_ORDER = {
    END: (("front tab",), ("front", "back"), ("top",), ("left flaps",), ("left lip",), ("left end",),
          ("right flaps",), ("right lip",), ("right end",)),
    SIDE: (("back", "back flaps"), ("left lip", "right lip"), ("left end", "right end"), ("top",),
           ("front flaps", "front tab"),
           ("front",)),
}


def _rectangle(width: float, height: float) -> Polygon:
    return ((0.0, 0.0), (width, 0.0), (width, height), (0.0, height))


def _small_flap(name: str, hinge: float, depth: float, shoulder: float = 0.0) -> Panel:
    """Lies inside the end, between base and top; side 0 is its hinge.  shoulder: how far its sides run
    straight, mm."""
    lean = _FLAP_TAPER * min(depth, hinge)
    if shoulder > 0:
        outline: Polygon = ((0.0, 0.0), (hinge, 0.0), (hinge, shoulder), (hinge - lean, depth),
                            (lean, depth), (0.0, shoulder))
        return Panel(name, outline, layer=0, role=Role.FLAP,
                     edges=tuple((side, Within()) for side in (1, 2, 4, 5)))
    outline = ((0.0, 0.0), (hinge, 0.0), (hinge - lean, depth), (lean, depth))
    return Panel(name, outline, layer=0, role=Role.FLAP, edges=((1, Within()), (3, Within())))


def draft_carton(values: Values) -> Draft:
    """length, width, height: inside, mm; opening; tab, lip: depths asked for, mm."""
    length, width, height = (float(values[k]) for k in ("length", "width", "height"))
    opening = str(values["opening"])
    steps = {name: number for number, names in enumerate(_ORDER[opening], 1) for name in names}

    ends = tuple(Panel(name, _rectangle(width, height), layer=1, role=Role.FLAP,
                       edges=((1, Over(right)), (3, Over(left))))
                 for name, right, left in (("left end", "front", "back"), ("right end", "back", "front")))
    walls = (
        Panel("base", _rectangle(length, width)),
        Panel("front", _rectangle(length, height)),
        Panel("back", _rectangle(length, height)),
        Panel("top", _rectangle(length, width), layer=1),
    )
    flap_depth = min(width / 2 - RELIEF_MM, height)
    slit = min(_SLIT_MM, flap_depth / 3) if values["lock"] == LOCKING and opening == END else 0.0
    flaps = tuple(_small_flap(f"{wall} {side} flap", height, flap_depth, slit * (side == "right"))
                  for wall in ("front", "back") for side in ("left", "right"))

    def fold(a: str, edge: int, b: str, b_edge: int, step: str) -> Fold:
        return Fold(EdgeRef(a, edge), EdgeRef(b, b_edge), 90.0, steps[step])

    folds = (
        fold("base", 2, "front", 0, "front"), fold("base", 0, "back", 2, "back"),
        fold("back", 0, "top", 2, "top"),
        fold("base", 3, "left end", 0, "left end"), fold("base", 1, "right end", 0, "right end"),
        *(fold(wall, edge, f"{wall} {side} flap", 0, f"{side} flaps" if opening == END else f"{wall} flaps")
          for wall in ("front", "back") for side, edge in (("left", 3), ("right", 1))),
    )

    def seam(name: str, glued: bool, carrier: str, host_edge: int, depth: str) -> Seam:
        joint = GLUE_TAB if glued else TUCK
        return Seam(name, joint, EdgeRef(carrier, 2), EdgeRef("top", host_edge), float(values[depth]),
                    steps[name],
                    round_mm=_LIP_ROUND_MM, slit_mm=slit * (name == "right lip"))

    seams = (
        seam("front tab", opening == END, "front", 0, "tab"),
        seam("left lip", True, "left end", 3, "lip"),
        seam("right lip", opening == SIDE, "right end", 1, "lip"),
    )
    glued_flaps = ({"front left flap", "back left flap"} if opening == END
                   else {"back left flap", "back right flap"})
    laps = tuple(Lap(f"{side} end on {wall} flap", f"{side} end", f"{wall} {side} flap",
                     f"{wall} {side} flap" in glued_flaps)
                 for side in ("left", "right") for wall in ("front", "back"))
    placement = Placement((0.0, width, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))
    piece = Piece("carton", "base", placement, (*walls, *ends, *flaps), folds=folds, seams=seams, laps=laps)
    dimensions = (Dimension("length", EdgeRef("top", 0)), Dimension("width", EdgeRef("base", 3)),
                  Dimension("height", EdgeRef("back", 3)))
    return Draft((piece,), inside_mm=(length, width, height), dimensions=dimensions)


def _length(name: str, default: float, minimum: float, maximum: float, doc: str, label: str = "") -> Measure:
    return Measure(name, Kind.LENGTH, default, doc, minimum, maximum, label=label, stays=bool(label))


RECIPE = Recipe(
    id="carton",
    title="Slim carton",
    family="boxes",
    purpose="holds one slim thing; opens on an end or along a side",
    also=("medicine box", "pencil box", "candle box", "perfume box", "bottle box", "tuck box", "packet"),
    measures=(
        _length("length", 140.0, 20.0, 600.0, "inside, along the longest side of what goes in"),
        _length("width", 32.0, 12.0, 400.0, "inside, across the base"),
        _length("height", 18.0, 8.0, 400.0, "inside, from base to top"),
        Measure("opening", Kind.CHOICE, END,
                "which way it opens; the blank is the same, other seams are glued",
                choices=((END, "on an end"), (SIDE, "along a side"))),
        Measure("lock", Kind.CHOICE, FREE,
                "whether the lip of the opening end is slit beside its crease, so that it catches behind the "
                "small flaps and does not spring open when the carton is pressed; not for opening along "
                "a side",
                choices=((FREE, "no"), (LOCKING, "slit lip"))),
        _length("tab", 10.0, 4.0, 30.0,
                "depth of the tab under the top; shortened where the top has less room", "Tab depth"),
        _length("lip", 12.0, 5.0, 40.0,
                "depth of the lips of the two ends; shortened where the top has less room", "Lip depth"),
    ),
    draft=draft_carton,
    thinnest=0.1,
    thickest=1.5,
    inside=("length", "width", "height"),
)
