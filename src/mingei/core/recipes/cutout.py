"""A figure cut out along the outline of a picture, and what makes it stand: feet across it, a base it is
tongued into, struts behind it, or an easel that folds flat.

How far these reach is statics (``picture/standing``): tilted by as much as is asked, forward, back or to a
side, it does not fall.  What the board's own thickness adds is taken at the thickest the recipe allows, so
that it stands whatever board is chosen.  Its outline is kept as text, drawn or traced from a picture.
"""

from __future__ import annotations

import math
from dataclasses import replace
from functools import lru_cache
from typing import Any, NamedTuple

from mingei.core.draft import (
    Backed,
    Bought,
    Draft,
    EdgeRef,
    Fold,
    Handwork,
    Lap,
    Level,
    LineOn,
    Panel,
    Piece,
    Placement,
    Seam,
    When,
)
from mingei.core.drafting.window import moved_by
from mingei.core.errors import MeasureError
from mingei.core.joints import BUTT, HALVING, MORTISE
from mingei.core.length import write_both
from mingei.core.picture.standing import depth_behind, half_depth, lean_for, tips
from mingei.core.plane import contour
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Path, Polygon, flat_points, rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.profile_wall import divided
from mingei.core.words import say

LIES, FEET, BASE, STRUTS, EASEL = "lies", "feet", "base", "struts", "easel"
FIGURE = "figure"
#: The thickest board, mm.
_THICKEST_MM = 7.0
#: How near the floor (mm) a side of the figure stands on it.
_FLOOR_MM = 1e-6
#: How far a chord may stand off its arc, mm.
_SMOOTH_MM = 0.5
#: A foot is at least so high, and this share of the figure, mm; it stands so far inside what it holds up.
_FOOT_MM, _FOOT_SHARE, _IN_MM = 12.0, 0.1, 4.0
#: A base reaches so far past the figure's own foot, mm.
_BASE_MM = 6.0
#: Struts are glued between these heights, as shares of the figure; a strut is scored a third in (common
#: practice), but no flap is narrower than this, mm; they stand so far apart, as a share of the figure's foot.
_LOW, _HIGH, _FLAP_MM, _APART = 0.02, 0.72, 8.0, 0.25
#: Ties between struts stand so far behind, as a share of the struts' depth; so high, as a share of the struts
#: there, and no less, mm.
_TIE_AT, _TIE_SHARE, _TIE_MM = 0.35, 0.14, 10.0
#: Of what lies beneath its lower end a strut touches the floor with this share.
_TOUCHES = 0.45
#: An easel's leg hangs at this height, as a share; its flap is so high, and it so wide, as shares.
_HUNG, _FLAP_SHARE, _LEG_SHARE = 0.66, 0.14, 0.3
_KNOT_MM, _LEAST_BOARD_MM = 60.0, 100.0
#: What falls along a way with more than this across it falls to a side.
_SIDEWAYS = 0.5
#: Where something hangs behind it, it stands sideways this much further than asked, degrees.
_SPARE_DEG = 2.0
_UPRIGHT = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 0.0, 1.0))


class Figure(NamedTuple):
    """The figure as it stands: its corners, mm, the floor at 0, with how far the side after each turns,
    degrees; its holes; area: what it covers; middle: its centroid; foot: the straight sides that stand on the
    floor, by number, with their ends."""

    corners: Polygon
    curves: tuple[tuple[int, float], ...]
    holes: tuple[Path, ...]
    area: Any
    middle: tuple[float, float]
    foot: tuple[tuple[int, float, float], ...]

    @property
    def tall(self) -> float:
        return float(self.area.bounds[3])

    @property
    def right(self) -> float:
        return float(self.area.bounds[2])

    @property
    def stands(self) -> tuple[float, float]:
        """From where to where it stands on the floor, mm."""
        return min(a for _, a, _ in self.foot), max(b for *_, b in self.foot)


@lru_cache(maxsize=16)
def figure_of(drawn: str, height: float) -> Figure:
    """The figure of an outline so high, mm."""
    shape = contour.read_shape(drawn, ours=True)
    around = contour.box(shape[0])
    outer, *inner = contour.sized_shape(shape, around.width * height / around.height)
    # wide arcs in several: their chords alone would hardly be the outline
    runs = [r for here, after in zip(outer, (*outer[1:], outer[0]), strict=True)
            for r in divided(here, after, _SMOOTH_MM, math.inf)]
    corners = tuple(r.start for r in runs)
    holes = tuple(contour.path(contour.reversed_outline(o)) for o in inner)
    area = area_of(flat_points(contour.path(outer))[:-1], [flat_points(h)[:-1] for h in holes])
    foot = tuple((i, min(a[0], b[0]), max(a[0], b[0]))
                 for i, (a, b) in enumerate(zip(corners, (*corners[1:], corners[0]), strict=True))
                 if abs(a[1]) < _FLOOR_MM and abs(b[1]) < _FLOOR_MM and not runs[i].sweep_deg)
    return Figure(corners, tuple((i, r.sweep_deg) for i, r in enumerate(runs) if r.sweep_deg), holes, area,
                  (float(area.centroid.x), float(area.centroid.y)), foot)


def _figure(values: Values) -> Figure:
    return figure_of(str(values["drawn"]), float(values["height"]))


def draft_cutout(values: Values) -> Draft:
    """drawn: its outline; height: mm; stands: on what; tilt: degrees it may be tilted; row: how many stand
    side by side on one base."""
    figure, how = _figure(values), str(values["stands"])
    panel = Panel(FIGURE, figure.corners, holes=figure.holes, curves=figure.curves)
    make = {LIES: _lying, FEET: _on_feet, BASE: _on_base, STRUTS: _strutted, EASEL: _easel}[how]
    drafted = make(values, figure, panel)
    wide, high = float(values["board"]), float(values["board_height"])
    backed, work = None, drafted.handwork
    if wide > 0:
        backed = Backed(drafted.pieces[0].root, wide, high)
        work = (Handwork("backing", say("Tape the boards to each other along their long edges, the flutes "
                                        "upright; glue the figure on from its foot up, and cut it out when "
                                        "it is dry."), drafted.pieces[0].root, When.FLAT), *work)
    return replace(drafted, tilt_deg=0.0 if how == LIES else _tilt(values), backed=backed, handwork=work)


def _lying(values: Values, figure: Figure, panel: Panel) -> Draft:
    return Draft((Piece(FIGURE, FIGURE, _UPRIGHT, (panel,)),), closes=False)


def _tilt(values: Values) -> float:
    return float(values["tilt"])


# -- feet across it ------------------------------------------------------------------------------------------

def _feet(values: Values, figure: Figure) -> tuple[float, tuple[float, float]]:
    """How high two feet are, and where they stand: as far out as the figure is whole so far up."""
    high = max(_FOOT_MM, _FOOT_SHARE * figure.tall)
    x0, x1 = figure.stands
    count = 24
    places = [x0 + _IN_MM + (x1 - x0 - 2 * _IN_MM) * i / count for i in range(count + 1)]
    sound = [x for x in places if _whole(figure, x - _IN_MM, x + _IN_MM, 0.0, high)
             and any(a + _IN_MM - 1e-6 <= x <= b - _IN_MM + 1e-6 for _, a, b in figure.foot)]
    if not sound or sound[-1] - sound[0] < 2 * _THICKEST_MM:
        raise MeasureError("its foot is too narrow for two feet across it", "stands",
                           "give it a wider foot, or a base")
    return high, (sound[0], sound[-1])


def _whole(figure: Figure, left: float, right: float, low: float, high: float) -> bool:
    from shapely import box

    return bool(figure.area.buffer(1e-6).contains(box(left, low, right, high)))


def _on_feet(values: Values, figure: Figure, panel: Panel) -> Draft:
    high, places = _feet(values, figure)
    far = half_depth(figure.middle[1] + _THICKEST_MM / 2, _tilt(values)) + _THICKEST_MM
    pieces, seams = [], []
    for number, x in enumerate(places, 1):
        name = f"foot {number}"
        # seen from the right: the figure's back is the line amid it, its body lies to the front
        top = max(far * 0.35, _THICKEST_MM + _IN_MM)
        wide = 2 * far
        shape = ((0.0, 0.0), (wide, 0.0), (far + top, high), (far - top, high))
        pieces.append(Piece(name, name, Placement((x, -far, 0.0), (0.0, 1.0, 0.0), (0.0, 0.0, 1.0)),
                            (Panel(name, shape, layer=-0.5),), part="stand"))
        seams.append(Seam(f"{FIGURE} on {name}", HALVING, LineOn(FIGURE, (x, 0.0), (x, high)),
                          LineOn(name, (far, high), (far, 0.0)), 0.0, 1))
    return Draft((Piece(FIGURE, FIGURE, _UPRIGHT, (panel,), seams=tuple(seams)), *pieces), closes=False)


# -- a base --------------------------------------------------------------------------------------------------

def _on_base(values: Values, figure: Figure, panel: Panel) -> Draft:
    """One figure, or several alike side by side, tongued into one plate."""
    up, tilt = figure.middle[1] + _THICKEST_MM, _tilt(values)
    deep = half_depth(up, tilt) + _THICKEST_MM
    each = figure.right
    count = int(values["row"])
    x0, x1 = figure.stands
    left = min(x0 - _BASE_MM, figure.middle[0] - half_depth(up, tilt))
    right = max(x1 + _BASE_MM, figure.middle[0] + half_depth(up, tilt)) + each * (count - 1)
    base = Panel("base", rectangle(right - left, 2 * deep))
    # it is seen from above on its inner face: its own y runs to the front
    at = Placement((left, deep, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))
    pieces = []
    for number in range(count):
        name = FIGURE if count == 1 else f"{FIGURE} {number + 1}"
        own = replace(panel, name=name)
        seams = tuple(Seam(f"{name} on the base" + (f" {i}" if len(figure.foot) > 1 else ""), MORTISE,
                           EdgeRef(name, edge),
                           LineOn("base", (b - left + number * each, deep), (a - left + number * each, deep)),
                           0.0, 1) for i, (edge, a, b) in enumerate(figure.foot, 1))
        pieces.append(Piece(name, name,
                            Placement((number * each, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 0.0, 1.0)),
                            (own,), seams=seams))
    return Draft((*pieces, Piece("base", "base", at, (base,), part="stand")), closes=False)


# -- struts --------------------------------------------------------------------------------------------------

class _Held(NamedTuple):
    """Leaning back by so much (degrees), held so far behind along the floor and square to itself, mm."""

    lean: float
    floor: float
    behind: float

    def at(self, behind: float) -> float:
        """How high up along the figure the floor lies so far behind it."""
        return behind * math.tan(math.radians(self.lean))

    @property
    def placement(self) -> Placement:
        lean = math.radians(self.lean)
        return Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, math.sin(lean), math.cos(lean)))


def _held(values: Values, figure: Figure) -> _Held:
    up, tilt = figure.middle[1], _tilt(values)
    lean = lean_for(tilt) + math.degrees(math.atan2(_THICKEST_MM / 2, up))
    floor = depth_behind(up, lean, tilt) + _THICKEST_MM
    if values["stands"] == EASEL:  # its leg weighs, and hangs behind: so it must stand further out
        wide, across, hung, high = _leg(figure)
        cos, sin = math.cos(math.radians(lean)), math.sin(math.radians(lean))
        own, leg = float(figure.area.area), wide * high + hung * (wide + across) / 2
        for _ in range(8):
            behind = (own * up * sin + leg * (floor + hung * sin) / 2) / (own + leg)
            above = (own * up * cos + leg * hung * cos / 2) / (own + leg)
            floor = behind + above * math.tan(math.radians(tilt)) + _THICKEST_MM
    return _Held(lean, floor, floor * math.cos(math.radians(lean)))


def _strip(figure: Figure, left: float, right: float) -> tuple[float, float]:
    """The longest upright stretch between two heights where it is whole from left to right."""
    from shapely import box

    low, high = _LOW * figure.tall, _HIGH * figure.tall
    missing = box(left, low, right, high).difference(figure.area)
    gaps = sorted((float(p.bounds[1]), float(p.bounds[3])) for p in getattr(missing, "geoms", [missing])
                  if p.area > 1e-9)
    best, begin = (low, low), low
    for a, b in (*gaps, (high, high)):
        if a - begin > best[1] - best[0]:
            best = begin, a
        begin = max(begin, b)
    return best


def _flaps(figure: Figure, held: _Held) -> tuple[float, float, tuple[float, float]]:
    """How far apart two struts stand, how wide their flaps are, and between which heights they are glued.

    Raises MeasureError where the figure has no room for them.
    """
    middle, (x0, x1) = figure.middle[0], figure.stands
    apart = max(_FLAP_MM, min(_APART * (x1 - x0), 0.3 * figure.tall))
    for share in (0.5, 0.4, 0.3, 0.2, 0.15):
        wide = max(_FLAP_MM, share * held.behind)
        left, right = _strip(figure, middle - apart / 2 - wide, middle - apart / 2), _strip(
            figure, middle + apart / 2, middle + apart / 2 + wide)
        low, high = max(left[0], right[0]), min(left[1], right[1])
        if high - low >= 0.3 * figure.tall:
            return apart, wide, (low, high)
    raise MeasureError("there is no room behind it for struts", "stands", "choose feet, a base or an easel")


def _strutted(values: Values, figure: Figure, panel: Panel) -> Draft:
    held = _held(values, figure)
    apart, wide, (low, high) = _flaps(figure, held)
    long, deep = high - low, held.behind
    foot, toe = held.at(deep) - low, deep * (1.0 - _TOUCHES)
    pieces, laps = [], []
    for word, side in (("left", -1.0), ("right", 1.0)):
        flap, wing = f"{word} strut flap", f"{word} strut"
        middle = figure.middle[0]
        x = middle - apart / 2 - wide if side < 0 else middle + apart / 2
        floor = held.at(toe) - low
        if side < 0:
            shape = ((0.0, 0.0), (toe, floor), (deep, foot), (0.0, long))
            hinge, edge = 1, 3
        else:
            shape = ((0.0, 0.0), (0.0, long), (-deep, foot), (-toe, floor))
            hinge, edge = 3, 0
        pieces.append(Piece(wing, flap, moved_by(held.placement, x, low),
                            (Panel(flap, rectangle(wide, long), under=FIGURE), Panel(wing, shape, layer=-1)),
                            folds=(Fold(EdgeRef(flap, hinge), EdgeRef(wing, edge), 90.0, 1),), part="stand"))
        laps.append(Lap(f"{FIGURE} on {flap}", FIGURE, flap))
    pieces += _ties(figure, held, apart, low, _Wing(long, deep, foot, toe, held.at(toe) - low))
    return Draft((Piece(FIGURE, FIGURE, held.placement, (panel,), laps=tuple(laps)), *pieces), closes=False)


class _Wing(NamedTuple):
    """How long a strut is along the figure, how deep it is at its foot and how high that lies, and to where
    and how high it is free of the floor, mm."""

    long: float
    deep: float
    foot: float
    toe: float
    floor: float

    def span(self, behind: float) -> tuple[float, float]:
        """From which height to which it reaches so far behind the figure."""
        return (self.floor * min(1.0, behind / self.toe),
                self.long + (self.foot - self.long) * behind / self.deep)


def _ties(figure: Figure, held: _Held, apart: float, low: float, wing: _Wing) -> list[Piece]:
    """Boards between the two struts, so that they stay square: one low, and one high where there is room."""
    behind = _TIE_AT * wing.deep
    bottom, top = wing.span(behind)
    high = max(_TIE_MM, min(_TIE_SHARE * (top - bottom), apart))
    if top - bottom < 2 * high:
        return []
    at = [bottom + 0.5 * high, *([top - 2 * high] if top - bottom > 5 * high else [])]
    (ox, oy, oz), (_, vy, vz) = held.placement.origin, held.placement.v
    found = []
    for word, up in zip(("lower tie", "upper tie"), at, strict=False):
        y = low + up
        # its printed face looks back, as far behind the figure
        origin = (ox + figure.middle[0] + apart / 2, oy + vy * y + vz * behind, oz + vz * y - vy * behind)
        lines = ((1, LineOn("left strut", (behind, up), (behind, up + high), False)),
                 (3, LineOn("right strut", (-behind, up + high), (-behind, up), False)))
        seams = tuple(Seam(f"{word} at the {line.panel}", BUTT, EdgeRef(word, edge), line, 0.0, 1)
                      for edge, line in lines)
        found.append(Piece(word, word, Placement(origin, (-1.0, 0.0, 0.0), held.placement.v),
                           (Panel(word, rectangle(apart, high)),), seams=seams, part="stand"))
    return found


# -- an easel ------------------------------------------------------------------------------------------------

def _leg(figure: Figure) -> tuple[float, float, float, float]:
    """Of an easel how wide its leg is where it hangs and at its foot, how high up it hangs, and how high its
    flap is.  Raises MeasureError where the figure has no room for it."""
    middle, (x0, x1) = figure.middle[0], figure.stands
    high = max(2 * _FLAP_MM, _FLAP_SHARE * figure.tall)
    for share in (0.3, 0.22, 0.15, 0.1):
        wide = max(2 * _FLAP_MM, share * figure.right)
        up = _HUNG * figure.tall
        while up > 0.3 * figure.tall:
            if _whole(figure, middle - wide / 2, middle + wide / 2, up, up + high):
                return wide, max(wide, _LEG_SHARE * (x1 - x0)), up, high
            up -= 0.04 * figure.tall
    raise MeasureError("there is no room behind it for an easel", "stands", "choose feet or a base")


def _easel(values: Values, figure: Figure, panel: Panel) -> Draft:
    held = _held(values, figure)
    middle = figure.middle[0]
    wide, across, up, high = _leg(figure)
    floor = held.at(held.behind)
    reach, turn = math.hypot(held.behind, up - floor), math.degrees(math.atan2(held.behind, up - floor))
    spread = (across - wide) / 2
    leg = ((-spread, -reach), (wide + spread, -reach), (wide, 0.0), (0.0, 0.0))
    at = held.placement
    easel = Piece("easel", "easel flap", moved_by(at, middle - wide / 2, up),
                  (Panel("easel flap", rectangle(wide, high), under=FIGURE), Panel("easel leg", leg, layer=-1,
                                                               edges=((0, Level(90.0 - turn + held.lean)),))),
                  folds=(Fold(EdgeRef("easel flap", 0), EdgeRef("easel leg", 2), turn, 1),), part="stand")
    cord = Bought("thread", 1,
                  say("Knot a thread from the foot of the leg to the foot of the figure, so that "
                                   "the leg stands {far} behind it.", far=write_both(held.floor)),
                  "easel leg", held.floor + _KNOT_MM, when=When.CLOSED)
    return Draft(
        (Piece(FIGURE, FIGURE, at, (panel,), laps=(Lap("figure on easel flap", FIGURE, "easel flap"),)),
                  easel), closes=False, bought=(cord,))


# -- what cannot be ------------------------------------------------------------------------------------------

def _sound(values: Values) -> None:
    figure, how = _figure(values), str(values["stands"])
    if 0.0 < float(values["board"]) < _LEAST_BOARD_MM:
        raise MeasureError("so small a board backs nothing", "board",
                           say("write {least} or more, or 0 for none", least=write_both(_LEAST_BOARD_MM)))
    if how == LIES:
        return
    if not figure.foot:
        raise MeasureError("its lowest part is no straight side, and it cannot stand", "stands",
                           "make its foot straight where its picture is brought in, or draw it so")
    if int(values["row"]) > 1 and how != BASE:
        raise MeasureError("only on a base several stand side by side", "row", "choose a base, or one figure")
    if how == BASE:
        if min(b - a for _, a, b in figure.foot) < 3 * _FLOOR_MM + 6.0:
            raise MeasureError("its foot is too narrow for a tongue", "stands",
                               "give it a wider foot where its picture is brought in")
        return
    x0, x1 = figure.stands
    if how == FEET:
        _feet(values, figure)
    elif how == STRUTS:
        _flaps(figure, _held(values, figure))
    middle = figure.middle[0]
    wide = 2 * min(middle - x0, x1 - middle)
    if not _stands_sideways(values, figure, wide):
        least = next((w for w in range(math.ceil(wide), math.ceil(4 * figure.tall))
                      if _stands_sideways(values, figure, w)), 0)
        raise MeasureError("it would fall over sideways", "stands",
                           say("make its foot {least} wide where its picture is brought in, choose a "
                               "base, or "
                               "ask for less tilt", least=write_both(least)))


def _stands_sideways(values: Values, figure: Figure, wide: float) -> bool:
    """Whether it stands, tilted to a side, on a foot so wide about the line below its centre: on all of it
    with feet across, else on a footprint that narrows to what holds it behind."""
    up = figure.middle[1]
    if values["stands"] == FEET:
        return wide / 2 >= half_depth(up + _THICKEST_MM / 2, _tilt(values))
    held = _held(values, figure)
    behind = _flaps(figure, held)[0] if values["stands"] == STRUTS else _leg(figure)[1]
    lean = math.radians(held.lean)
    footprint = ((-wide / 2, 0.0), (wide / 2, 0.0), (behind / 2, held.floor), (-behind / 2, held.floor))
    height = up * math.cos(lean) + _THICKEST_MM / 2
    # what holds it weighs, too, and hangs behind, where the footprint is narrower
    return all(tip.tilt_deg >= _tilt(values) + _SPARE_DEG for tip in tips(
        footprint, (0.0, up * math.sin(lean) + _THICKEST_MM / 2), height) if abs(tip.way[0]) > _SIDEWAYS)


#: A figure to begin with, drawn by hand: somebody in a long coat.
_SOMEBODY = ("8,0 52,0 50,28 54,58 50,74 42,80 40,86 44,94 44,104 38,112 30,114 22,112 16,104 16,94 20,86 "
             "18,80 10,74 6,58 10,28")

RECIPE = Recipe(
    id="cutout", title="Cut-out", family="models",
    purpose="a figure cut out along a picture, on feet, a base, struts or an easel",
    also=("standee", "figure", "silhouette", "picture", "photo", "life-size", "easel", "puppet",
          "table figure"),
    measures=(
        Measure("drawn", Kind.OUTLINE, _SOMEBODY, "its outline, drawn or traced from a picture"),
        Measure("height", Kind.LENGTH, 150.0, "of the figure", 30.0, 2500.0),
        Measure("stands", Kind.CHOICE, FEET, "what holds it upright",
                choices=((FEET, "feet"), (BASE, "base"), (STRUTS, "struts"), (EASEL, "easel"),
                         (LIES, "nothing"))),
        Measure("tilt", Kind.ANGLE, 8.0, "how far it may be tilted, any way, and not fall", 3.0, 20.0,
                stays=True),
        Measure("board", Kind.LENGTH, 0.0, "width of the boards glued behind it; 0 where it is cut from one",
                0.0, 2000.0, label="Board width", stays=True),
        Measure("board_height", Kind.LENGTH, 1000.0, "height of those boards, along their flutes", 100.0,
                3000.0, label="Board height", stays=True),
        Measure("row", Kind.COUNT, 1.0, "how many alike stand side by side on one base", 1.0, 12.0),
    ),
    draft=draft_cutout, thinnest=0.25, thickest=_THICKEST_MM, contradictions=_sound, gives=("row",),
    stock="greyboard-15",
)
