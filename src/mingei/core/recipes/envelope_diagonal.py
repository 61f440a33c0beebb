"""An envelope on the diagonal of its sheet: four flaps that fold to the middle, the bottom one glued on the
sides, the top one closing.

A square sheet turned by 45 degrees about a front of width w and height h leaves flaps w/2 and h/2 high; its
side is (w + h) / sqrt 2.  So that the flaps of a square front overlap by v the sheet grows by v / sqrt 2
(plane geometry); a longer front's overlap more, one way.
"""

from __future__ import annotations

import math

from mingei.core.draft import Draft, EdgeRef, Fold, Lap, Panel, Piece, Placement, Role
from mingei.core.drafting.content import block
from mingei.core.errors import MeasureError
from mingei.core.offset import FLAT_DEG
from mingei.core.plane.shape import Polygon, rectangle, turned
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.envelope_side import ACROSS, THICK, UP, front_size

NONE, LINER = "none", "liner"
#: The bottom flap covers so much of both side flaps at least, and a tip stays so far inside the opposite
#: fold, mm.
_LEAST_GLUED_MM, _SHORT_MM = 5.0, 4.0
#: A front so many times as long as wide has flaps with no tips left to them.
_LONGEST = 3.0
_TURNED_DEG = 45.0


def _flap(base: float, over: float, across: float) -> Polygon:
    """A flap to the sheet's edge: a right isosceles triangle on the base, moved out by its share of the
    overlap; its tip is cut off where it would reach past the fold opposite, so far across."""
    out, most = over / 2, across - _SHORT_MM
    tip = base / 2 + out
    if tip <= most:
        return ((0.0, 0.0), (base, 0.0), (base, out), (base / 2, tip), (0.0, out))
    level = min(out, 0.9 * most)
    half = min(base / 2, tip - most)
    return ((0.0, 0.0), (base, 0.0), (base, level), (base / 2 + half, most), (base / 2 - half, most),
            (0.0, level))


#: A liner's flap rises so far above its shoulders, mm.
_LEAST_TIP_MM = 1.0


def _inset(base: float, over: float, margin: float, gum: float) -> Polygon:
    """A liner's flap: within the flap by a margin at its sides and by the gum's width at its tip."""
    out, half = over / 2, base / 2
    keep = margin * math.sqrt(2)
    top = half + out - gum
    level = max(1.0, out - keep + margin)  # where its slanted sides begin
    shoulder = half - (half + out - keep - level)
    tip = max(0.5, half + out - keep - top)
    return ((margin, 0.0), (base - margin, 0.0), (base - max(margin, shoulder), level), (half + tip, top),
            (half - tip, top),
            (max(margin, shoulder), level))


def draft_diagonal(values: Values) -> Draft:
    """width, height: of what goes in, mm; across, up: play; thick; over: how far flaps overlap; round: their
    tips; liner; margin; gum."""
    width, height = front_size(values)
    over, thick = float(values["over"]), float(values["thick"])
    lined = values["liner"] == LINER
    tip = float(values["round"])
    second = 1 if height + over > width else 0  # the side flaps lie over each other, or beside
    panels = (
        Panel("front", turned(_TURNED_DEG).apply_all(rectangle(width, height))),
        Panel("left flap", _flap(height, over, width), layer=0, role=Role.FLAP, air=thick, round_mm=tip,
              under="liner" if lined else ""),
        Panel("right flap", _flap(height, over, width), layer=second, role=Role.FLAP, air=0.0 if lined
              and second else thick, round_mm=tip,
              under="liner" if lined and not second else "", on="left flap" if lined and second else ""),
        Panel("bottom flap", _flap(width, over, height), layer=second + 1, role=Role.FLAP,
              air=0.0 if lined else thick,
              round_mm=tip,
              on="right flap" if lined else ""),
        Panel("closing flap", _flap(width, over, height), layer=second + 2, role=Role.FLAP,
              air=0.0 if lined else thick,
              round_mm=tip,
              on="liner flap" if lined else ""),
    )
    folds = (
        Fold(EdgeRef("front", 3), EdgeRef("left flap", 0), FLAT_DEG, 1),
        Fold(EdgeRef("front", 1), EdgeRef("right flap", 0), FLAT_DEG, 1 + second),
        Fold(EdgeRef("front", 0), EdgeRef("bottom flap", 0), FLAT_DEG, 2 + second),
        Fold(EdgeRef("front", 2), EdgeRef("closing flap", 0), FLAT_DEG, 3 + second),
    )
    laps = [Lap("bottom flap on left flap", "bottom flap", "left flap"),
            Lap("bottom flap on right flap", "bottom flap", "right flap"),
            Lap("closing flap on bottom flap", "closing flap", "bottom flap", glued=False)]
    # drawn on the diagonal, so that its blank is the sheet's square
    even = math.sqrt(0.5)
    stands = Placement((0.0, height, 0.0), (even, even, 0.0), (even, -even, 0.0))
    pieces = [Piece("envelope", "front", stands, panels, folds=folds, seams=(), laps=tuple(laps))]
    if lined:
        margin = float(values["margin"])
        lining = (Panel("liner", rectangle(width - 2 * margin, height - margin), under="front"),
                  Panel("liner flap",
                        tuple((x - margin, y) for x, y in _inset(width, over, margin, float(values["gum"]))),
                        layer=0,
                        role=Role.FLAP, on="bottom flap"))
        at = Placement((margin, height - margin, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))
        within = (Lap("front on liner", "front", "liner"),
                  Lap("closing flap on liner", "closing flap", "liner flap"))
        pieces.append(Piece("liner", "liner", at, lining,
                            folds=(Fold(EdgeRef("liner", 2), EdgeRef("liner flap", 0), FLAT_DEG,
                                        3 + second),), seams=(),
                            laps=within, part="liner", laid_flat=True))
    return Draft(tuple(pieces), closes=False, filled="closing flap",
                 content=() if lined else block(width, height, thick))


def _sound(values: Values) -> None:
    width, height = front_size(values)
    over = float(values["over"])
    if width + over - height < _LEAST_GLUED_MM:
        raise MeasureError("bottom and closing flap would hardly meet", "over", "let the flaps overlap more")
    for base, across, word in ((width, height, "height"), (height, width, "width")):
        if base > _LONGEST * across:
            raise MeasureError("so long an envelope has no tips to its flaps", word,
                               "take an envelope with side seams")
        if over / 2 > 0.5 * across:
            raise MeasureError("flaps so broad are no flaps", "over", "let them overlap less")
    if values["liner"] == LINER and width / 2 + over / 2 > height - _SHORT_MM:
        raise MeasureError(
            "a liner's flap would reach past the fold opposite", "liner",
            "leave the liner out, or take an envelope with side seams"
        )
    margin, gum = float(values["margin"]), float(values["gum"])
    shoulder = max(1.0, over / 2 - margin * (math.sqrt(2) - 1))  # as ``_inset`` has it
    if values["liner"] == LINER and (width + over) / 2 - gum < max(2 * margin, shoulder + _LEAST_TIP_MM):
        raise MeasureError("the gum leaves the liner's flap no room", "gum",
                           "make it narrower, or leave the liner out")


RECIPE = Recipe(
    id="envelope-diagonal",
    title="Diagonal envelope",
    family="envelopes",
    purpose="four flaps to the middle, from a square sheet turned on its corner; with a liner if wished",
    also=("square envelope", "wedding", "liner", "lined envelope"),
    measures=(
        Measure("width", Kind.LENGTH, 105.0, "of what goes in, the longer side", 40.0, 400.0),
        Measure("height", Kind.LENGTH, 74.0, "of what goes in", 30.0, 400.0),
        ACROSS,
        UP,
        THICK,
        Measure(
            "over",
            Kind.LENGTH,
            14.0,
            "how far the flaps of a square one overlap; the long pair of others more",
            4.0,
            120.0,
            label="Overlap",
        ),
        Measure("round", Kind.LENGTH, 6.0, "radius of the flaps' tips; 0 leaves them pointed", 0.0, 40.0,
                label="Round tips"),
        Measure("liner", Kind.CHOICE, NONE, "a liner of another paper inside front and flap",
                choices=((NONE, "none"), (LINER, "liner"))),
        Measure("margin", Kind.LENGTH, 3.0, "how far the liner keeps inside the edges", 1.0, 15.0,
                stays=True),
        Measure("gum", Kind.LENGTH, 12.0, "left clear of the liner at the flap's tip, for the gum", 5.0, 40.0,
                stays=True),
    ),
    draft=draft_diagonal,
    thinnest=0.05,
    thickest=0.35,
    contradictions=_sound,
    gives=("over", "gum", "margin", "liner", "round"),
    holds=("width", "height"),
    for_things=(("width", 0.0), ("height", 0.0), ("thick", 0.0)),
    stock="copy-80",
)
