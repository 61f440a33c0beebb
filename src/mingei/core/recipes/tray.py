"""Trays: four walls on a base, held by glued tabs in the corners; alone, or a pair of which one slides over
the other.

The long walls carry the tabs and the short walls close over them, one layer further out.  Sides of a
rectangle are numbered 0 bottom, 1 right, 2 top, 3 left of its own drawing, as seen from outside.
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
from mingei.core.plane.shape import cross, rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values

PLAIN, ROLLED = "plain", "rolled"
NONE, STRIP = "none", "strip"
#: How far (mm) a handle's ends reach down the walls to be glued (from experience, no published source).
_HANDLE_HOLD_MM = 30.0
_HELD = "the rolled wall holds it between its two layers"
#: Width (mm) of a rim before thickness makes it as wide as what it goes over.
_HAIR_MM = 1e-3


def tray_piece(name: str, length: float, width: float, height: float, tab: float, stands: Placement, *,
               inner: int = 0, outer: int = 1,
               air: float = 0.0, prefix: str = "", lid: bool = False, rolled: bool = False,
               handle: bool = False) -> Piece:
    """A tray as one piece.

    length, width, height: nominal, mm.  stands: where its base stands.  inner, outer: layers of the long and
    of the short walls; air: clearance (mm) all walls stand further out; prefix: put before every panel's
    name; lid: it is seen from above, not from below, so that its front lies at the other side of the drawing;
    rolled: the short walls go over a rim and down again inside, with the tabs of the long walls between;
    handle: the short walls are marked where a handle is fastened.
    """
    # the rim has no width but what thickness gives it, and a panel needs some
    hair = _HAIR_MM if rolled else 0.0
    long_base = length + 2 * hair
    if rolled:
        inner, outer = 0, 2
    far, near = ("back", "front") if lid else ("front", "back")
    base, front, back, left, right = (f"{prefix}{n}"
                                      for n in ("top" if lid else "base", far, near, "left wall",
                                                "right wall"))
    walls = ((front, long_base, inner, air), (back, long_base, inner, air),
             (left, width, outer, air - hair), (right, width, outer, air - hair))
    held = cross((width / 2, height - min(height, _HANDLE_HOLD_MM) / 2)) if handle else ()
    upright = (Panel(name, rectangle(side, height), layer=layer, air=out, over=name.removeprefix(prefix)
                     if lid
                     else "",
                     guides=held if name in (left, right) else ())
               for name, side, layer, out in walls)
    panels: tuple[Panel, ...] = (Panel(base, rectangle(long_base, width)), *upright)
    folds: tuple[Fold, ...] = (
        Fold(EdgeRef(base, 2), EdgeRef(front, 0), 90.0, 2), Fold(EdgeRef(base, 0), EdgeRef(back, 0), 90.0, 2),
        Fold(EdgeRef(base, 3), EdgeRef(left, 0), 90.0, 3), Fold(EdgeRef(base, 1), EdgeRef(right, 0), 90.0, 3),
    )
    # each wall is drawn as seen from outside: the front's left is the tray's left, the back's left the tray's
    # right, and so on round
    corners = ((f"{far} left", front, 3, left, 1), (f"{far} right", front, 1, right, 3),
               (f"{near} left", back, 1, left, 3),
               (f"{near} right", back, 3, right, 1))
    seams = tuple(Seam(f"{prefix}{corner} tab", GLUE_TAB, EdgeRef(carrier, edge),
                       EdgeRef(host, host_edge), tab, 1,
                       fixed=_HELD if rolled else "")
                  for corner, carrier, edge, host, host_edge in corners)
    if rolled:
        (x, y, z), u, v = stands
        stands = Placement((x - hair * u[0], y - hair * u[1], z - hair * u[2]), u, v)
        for wall in (left, right):
            rim, lining = f"{wall} rim", f"{wall} lining"
            panels += (Panel(rim, rectangle(width, hair), layer=0, role=Role.FLAP),
                       Panel(lining, rectangle(width, height), layer=-1, role=Role.FLAP,
                             edges=((1, Within()), (2, Within()), (3, Within()))))
            folds += (Fold(EdgeRef(wall, 2), EdgeRef(rim, 0), 90.0, 4),
                      Fold(EdgeRef(rim, 2), EdgeRef(lining, 0), 90.0, 4))
    return Piece(name, base, stands, panels, folds=folds, seams=seams)


def _handle(length: float, width: float, height: float, wide: float, rise: float, layer: int) -> Piece:
    """A strip over the middle of the tray, its two ends outside the short walls, on a layer."""
    wide = min(wide, width)
    hold = min(height, _HANDLE_HOLD_MM)
    legs = tuple(Panel(f"handle {side} end", rectangle(wide, rise + hold), layer=layer, role=Role.HANDLE,
                       over=f"{side} wall",
                       guides=cross((wide / 2, rise + hold / 2))) for side in ("left", "right"))
    grip = Panel("handle", rectangle(length, wide), layer=0, role=Role.HANDLE)
    folds = (Fold(EdgeRef("handle", 3), EdgeRef("handle left end", 0), 90.0, 1),
             Fold(EdgeRef("handle", 1), EdgeRef("handle right end", 0), 90.0, 1))
    stands = Placement((0.0, (width - wide) / 2, height + rise), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
    laps = tuple(Lap(f"handle {side} end on {side} wall", f"handle {side} end", f"{side} wall")
                 for side in ("left", "right"))
    return Piece("handle", "handle", stands, (grip, *legs), folds=folds, laps=laps)


def on_the_table(width: float) -> Placement:
    """The base at height 0, seen from below."""
    return Placement((0.0, width, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))


def draft_tray(values: Values) -> Draft:
    """length, width, height: inside, mm; tab: depth asked for, mm."""
    length, width, height = (float(values[k]) for k in ("length", "width", "height"))
    piece = tray_piece("tray", length, width, height, float(values["tab"]), on_the_table(width),
                       rolled=values["walls"] == ROLLED,
                       handle=values["handle"] == STRIP)
    pieces: tuple[Piece, ...] = (piece,)
    if values["handle"] == STRIP:
        pieces = (piece, _handle(length, width, height, float(values["handle_width"]),
                                 float(values["handle_rise"]),
                                 3 if values["walls"] == ROLLED else 2))
    shown = (Dimension("length", EdgeRef("front", 2)), Dimension("width", EdgeRef("base", 3)),
             Dimension("height", EdgeRef("back", 3)))
    return Draft(pieces, inside_mm=(length, width, height), dimensions=shown, closes=False)


def inside_measures(length: float, width: float, height: float) -> tuple[Measure, ...]:
    return (
        Measure("length", Kind.LENGTH, length, "inside, along the front", 20.0, 600.0),
        Measure("width", Kind.LENGTH, width, "inside, from front to back", 20.0, 600.0),
        Measure("height", Kind.LENGTH, height, "inside, from the base to the rim", 10.0, 300.0),
    )


TAB = Measure("tab", Kind.LENGTH, 12.0, "depth of the corner tabs; shortened where a wall has less room", 4.0,
              30.0, label="Tab depth",
              stays=True)

RECIPE = Recipe(
    id="tray", title="Tray", family="boxes", purpose="four walls, open above, for sorting and showing",
    also=("basket", "dish", "open box", "desk tidy", "caddy", "handle"),
    measures=(*inside_measures(120.0, 80.0, 25.0), Measure(
        "walls", Kind.CHOICE, PLAIN,
        "single, or the short ones rolled over: they hide their edge and hold the tabs between them",
        choices=((PLAIN, "plain"), (ROLLED, "rolled edges"))), TAB, Measure(
        "handle", Kind.CHOICE, NONE,
        "a strip over the middle, glued or fastened outside the short walls; the strip left of a sheet that "
        "was squared will do", choices=((NONE, "none"), (STRIP, "strip"))),
        Measure("handle_width", Kind.LENGTH, 25.0,
                "how wide the strip of the handle is; no wider than the tray", 8.0, 80.0, stays=True),
        Measure("handle_rise", Kind.LENGTH, 45.0, "how far the handle stands above the rim", 15.0, 200.0)),
    draft=draft_tray, thinnest=0.1, thickest=3.0, inside=("length", "width", "height"),
)
