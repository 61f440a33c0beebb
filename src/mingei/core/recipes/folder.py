"""A folder or wallet: two leaves about a fold or a spine, with a pocket folded up inside one of them or both.

A pocket's fore-edge has a tab turned back behind it, which is glued on the leaf: seen through, leaf, tab,
what lies in the pocket, pocket.
"""

from __future__ import annotations

import math

from mingei.core.draft import (
    Bought,
    Dimension,
    Draft,
    EdgeRef,
    Fold,
    Lap,
    Panel,
    Piece,
    Placement,
    Role,
    When,
)
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.offset import FLAT_DEG
from mingei.core.plane.shape import Point, Polygon, hole_path, rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

ONE, BOTH = "one", "both"
OPEN, ELASTIC = "none", "elastic"
#: The eyelets an elastic passes through, mm across; how far they keep from the leaf's edges and from a
#: pocket's tab, mm; what the two knots of an elastic take, mm (from experience).
_EYELET_MM, _EDGE_MM, _CLEAR_MM, _KNOTS_MM = 4.0, 12.0, 10.0, 40.0
#: Room in each pocket for what lies in it, mm, and how far a pocket's edges keep in from the folds beside it.
_HOLD_MM, _IN_MM = 0.4, 0.6
#: A pocket's upper edge falls by so much (a share of its height) towards the spine, so that sheets are taken
#: hold of.
_FALL = 0.12


def _pocket(width: float, height: float, left: bool) -> Polygon:
    """A pocket on a base along x; the side without a tab is the spine's."""
    low = height * (1 - _FALL)
    right, far = (height, low) if left else (low, height)
    return (0.0, 0.0), (width, 0.0), (width - _IN_MM, right), (_IN_MM, far)


def _tab(height: float, depth: float) -> Polygon:
    height = math.hypot(height, _IN_MM)  # the pocket's side leans
    lean = min(0.25 * depth + 1.0, 0.3 * height)
    return ((0.0, 0.0), (height, 0.0), (height - lean, depth), (lean, depth))


def _eyelets(values: Values, height: float) -> tuple[Point, ...]:
    """The middles of the eyelets in the back leaf, mm."""
    if values["closing"] != ELASTIC:
        return ()
    x = float(values["tab"]) + _CLEAR_MM
    return (x, _EDGE_MM), (x, height - _EDGE_MM)


def _elastic(eyelets: tuple[Point, ...], height: float) -> tuple[Bought, ...]:
    """The eyelets, and the elastic round the front leaf: down its face and round both edges to the back."""
    if not eyelets:
        return ()
    return (Bought("eyelet", 2, say("Set the two eyelets into the holes of the back, their rims outside."),
                   "back", size=write_both(_EYELET_MM), when=When.FLAT,
                   why=say("an eyelet is set on a firm flat base")),
            Bought("elastic", 1, say("Draw the elastic through both eyelets from outside and knot its ends "
                                     "inside, so that it lies round the closed folder without pulling."),
                   "back", height + 2 * _EDGE_MM + _KNOTS_MM, when=When.CLOSED))


def draft_folder(values: Values) -> Draft:
    """width, height: of the sheets, mm; play: beside them; spine: its width; pocket: height; pockets: in one
    leaf or both; tab; closing: with an elastic or not."""
    width, height = (float(values[k]) + float(values["play"]) for k in ("width", "height"))
    spine, tall, tab = (float(values[k]) for k in ("spine", "pocket", "tab"))
    count = 2 if values["pockets"] == BOTH else 1
    # folded about one line, the front leaf lies over all that is inside; a spine leaves room for it
    layer, air = (0, 0.0) if spine else (2 * count, count * _HOLD_MM)
    corner = float(values["round"])
    eyelets = _eyelets(values, height)
    panels = [
        Panel("back", rectangle(width, height), round_mm=corner,
              holes=tuple(hole_path(_EYELET_MM, at) for at in eyelets)),
        Panel("front", rectangle(width, height), layer=layer, air=air, round_mm=corner),
        Panel("back pocket", _pocket(width, tall, True), layer=1, role=Role.FLAP, air=_HOLD_MM),
        Panel("back pocket tab", _tab(tall, tab), layer=-1, role=Role.TAB),
    ]
    # in the flat the back lies left of the spine: its fore-edge is at the left, its pocket's at the right of
    # what is folded up
    folds = [Fold(EdgeRef("back pocket", 1), EdgeRef("back pocket tab", 0), FLAT_DEG, 1),
             Fold(EdgeRef("back", 0), EdgeRef("back pocket", 0), FLAT_DEG, 2)]
    laps = [Lap("back on back pocket tab", "back", "back pocket tab")]
    if count == 2:
        inner = 1 - layer if not spine else 1
        panels += [Panel("front pocket", _pocket(width, tall, False), layer=inner, role=Role.FLAP,
                         air=_HOLD_MM - air),
                   Panel("front pocket tab", _tab(tall, tab), layer=layer - 1, role=Role.TAB, air=air)]
        folds += [Fold(EdgeRef("front pocket", 3), EdgeRef("front pocket tab", 0), FLAT_DEG, 1),
                  Fold(EdgeRef("front", 0), EdgeRef("front pocket", 0), FLAT_DEG, 2)]
        laps.append(Lap("front on front pocket tab", "front", "front pocket tab"))
    if spine:
        panels.append(Panel("spine", rectangle(spine, height)))
        folds += [Fold(EdgeRef("back", 1), EdgeRef("spine", 3), 90.0, 3),
                  Fold(EdgeRef("spine", 1), EdgeRef("front", 3), 90.0, 3)]
    else:
        folds.append(Fold(EdgeRef("back", 1), EdgeRef("front", 3), FLAT_DEG, 3))
    stands = Placement((0.0, height, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))
    shown = (Dimension("pocket", EdgeRef("back pocket", 1)),)
    return Draft((Piece("folder", "back", stands, tuple(panels), folds=tuple(folds), seams=(),
                        laps=tuple(laps)),),
                 closes=False, dimensions=shown, bought=_elastic(eyelets, height))


def _sound(values: Values) -> None:
    width, height, tall, spine = (float(values[k]) for k in ("width", "height", "pocket", "spine"))
    count = 2 if values["pockets"] == BOTH else 1
    if tall > 0.8 * height:
        raise MeasureError("so high a pocket hides what is in it", "pocket",
                           "keep it under four fifths of the height")
    if float(values["tab"]) > 0.5 * width:
        raise MeasureError("so deep a tab fills the pocket", "tab", "make it shallower")
    if values["closing"] == ELASTIC and (2 * (float(values["tab"]) + _CLEAR_MM) > width
                                         or height < 4 * _EDGE_MM):
        raise MeasureError("so small a folder has no room for eyelets", "closing",
                           "close it without an elastic, or make it larger")
    if 0.0 < spine < 1.5 * count:
        raise MeasureError("so narrow a spine leaves the pockets no room", "spine",
                           "write 0 for a single fold, or 1.5 mm and more for each pocket")


RECIPE = Recipe(
    id="folder", title="Folder, wallet", family="envelopes",
    purpose="two leaves with pockets, for sheets, tickets or cards",
    also=("ticket wallet", "passport", "gift voucher", "leaflet holder", "portfolio", "document"),
    measures=(
        Measure("width", Kind.LENGTH, 210.0, "of what goes in", 40.0, 330.0),
        Measure("height", Kind.LENGTH, 297.0, "of what goes in", 40.0, 450.0),
        Measure("play", Kind.LENGTH, 6.0, "how much larger the leaves are", 0.0, 30.0, stays=True),
        Measure("spine", Kind.LENGTH, 0.0, "its width, for a stack; 0 folds it about one line", 0.0, 40.0),
        Measure("pocket", Kind.LENGTH, 100.0, "height of the pockets", 20.0, 300.0),
        Measure("pockets", Kind.CHOICE, ONE, "in which leaves",
                choices=((ONE, "in the back"), (BOTH, "in both leaves"))),
        Measure("round", Kind.LENGTH, 4.0, "radius of the leaves' free corners", 0.0, 30.0,
                label="Round corners"),
        Measure("tab", Kind.LENGTH, 12.0, "depth of the pockets' tabs", 6.0, 30.0, label="Tab depth",
                stays=True),
        Measure("closing", Kind.CHOICE, OPEN, "what keeps it shut",
                choices=((OPEN, "nothing"), (ELASTIC, "an elastic through two eyelets in the back"))),
    ),
    draft=draft_folder, thinnest=0.1, thickest=0.5, contradictions=_sound,
    gives=("pocket", "tab", "spine", "closing"),
    holds=("height", "width"),
    for_things=(("height", 0.0), ("width", 0.0), ("", 0.0)), stock="card-250",
)
