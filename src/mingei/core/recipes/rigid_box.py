"""A rigid box of boards in a wrap: a tray of butted boards and a lid that slides over it, each covered with a
sheet that is led round its corners and turned in over the rim.

The front and back of a tray run past its ends, the base lies within all four.  The wrap of the ends goes
round the corners in flaps, over which the wrap of front and back is laid.
"""

from __future__ import annotations

import math
from typing import NamedTuple

from mingei.core.draft import (
    Bought,
    Dimension,
    Draft,
    EdgeRef,
    Fold,
    Handwork,
    Inset,
    Joint,
    Lap,
    Led,
    Over,
    Panel,
    Past,
    Piece,
    Placement,
    Role,
    Seam,
    Slide,
    Swing,
    When,
)
from mingei.core.drafting.content import block
from mingei.core.errors import MeasureError
from mingei.core.joints import BUTT, MITRE
from mingei.core.length import write_both
from mingei.core.plane.shape import rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

NONE, LID, HINGED = "none", "lid", "hinged"
BUTTED, MITRED = "butted", "mitred"
#: Ends of what is turned in keep so far from the corners, mm; the boards of a tray end so far below the lid,
#: mm, for the wrap that goes over them.
_IN_MM, _REST_MM = 1.5, 0.4
#: Width (mm) of a rim before thickness makes it as wide as what it goes over.
_HAIR_MM = 1e-3
#: A hinged lid stands out so far, mm, and opens so far, degrees; its hinge reaches so far over each part, and
#: the ribbon that stops it is glued over so much at each end, mm.
_OUT_MM, _OPENS_DEG, _HINGE_MM, _GLUED_MM = 1.5, 105.0, 18.0, 12.0
#: Where the ribbon is glued, as a share of the width from the hinge.
_RIBBON = 0.6
#: The sides of a tray, and those beside each.
_ENDS, _LONG = ("left", "right"), ("front", "back")


class _Tray(NamedTuple):
    """What a tray is drawn by: the prefix of its names, its length, width and the height of its walls, mm;
    how deep its wrap is turned in, and its corner flaps, mm; upside down, for a lid; what its walls lie
    outside of, and with how much play, mm; how its corners are joined."""

    prefix: str
    length: float
    width: float
    height: float
    turn: float
    flap: float
    lid: bool = False
    rises: float = 0.0
    play: float = 0.0
    joint: Joint = BUTT

    def name(self, side: str) -> str:
        return f"{self.prefix}{side}"


def _standing(tray: _Tray, side: str) -> Placement:
    """A wall seen from outside, its side 0 at the base (of a lid, at the top board)."""
    long, wide = tray.length, tray.width
    up = -1.0 if tray.lid else 1.0
    at = {"front": ((0.0, 0.0), (1.0, 0.0)), "right": ((long, 0.0), (0.0, 1.0)),
          "back": ((long, wide), (-1.0, 0.0)), "left": ((0.0, wide), (0.0, -1.0))}
    (x, y), (ux, uy) = at[side]
    if tray.lid:  # seen from outside and turned over, it runs the other way
        span = long if side in _LONG else wide
        x, y, ux, uy = x + ux * span, y + uy * span, -ux, -uy
    return Placement((x, y, tray.rises), (ux, uy, 0.0), (0.0, 0.0, up))


def _flat(tray: _Tray) -> Placement:
    """The base, looking down; the top board of a lid, looking up.  Its side 0 is at the front."""
    if tray.lid:
        return Placement((0.0, 0.0, tray.rises), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
    return Placement((tray.length, 0.0, 0.0), (-1.0, 0.0, 0.0), (0.0, 1.0, 0.0))


def _side_of(tray: _Tray, side: str) -> int:
    """The side of the base that a wall stands on."""
    return {"front": 0, "back": 2, "right": 1 if tray.lid else 3, "left": 3 if tray.lid else 1}[side]


def _ends_of(tray: _Tray, side: str) -> dict[str, int]:
    """Which side of a wall's outline lies at which neighbour."""
    ahead = {"front": "right", "right": "back", "back": "left", "left": "front"}
    behind = {b: a for a, b in ahead.items()}
    one, other = ahead[side], behind[side]
    return {other: 1, one: 3} if tray.lid else {one: 1, other: 3}


def _boards(tray: _Tray, outside: dict[str, str]) -> list[Piece]:
    """Base and walls.  outside: of each wall the panel it lies outside of, none for a tray."""
    base = tray.name("base")
    pieces = []
    for side in (*_LONG, *_ENDS):
        name, span = tray.name(side), tray.length if side in _LONG else tray.width
        panel = Panel(name, rectangle(span, tray.height), on=outside.get(side, ""),
                      air=tray.play if side in outside else 0.0)
        seams = tuple(Seam(f"{name} at the {tray.name(other)}", tray.joint, EdgeRef(name, edge),
                           EdgeRef(tray.name(other), _ends_of(tray, other)[side]), 0.0, 1)
                      for other, edge in _ends_of(tray, side).items()) if side in _ENDS else ()
        wrapped = (_over(f"{tray.name('wrap')} {side}", name),) if side in _ENDS else tuple(
            _over(f"{tray.name('wrap')} {end} {side} flap", name) for end in _ENDS)
        pieces.append(Piece(name, name, _standing(tray, side), (panel,), seams=seams, laps=wrapped))
    seams = tuple(Seam(f"{base} at the {tray.name(side)}", BUTT, EdgeRef(base, _side_of(tray, side)),
                       EdgeRef(tray.name(side), 0), 0.0, 1) for side in (*_LONG, *_ENDS))
    panel = Panel(base, rectangle(tray.length, tray.width))
    return [Piece(base, base, _flat(tray), (panel,), seams=seams, laps=(_over(tray.name("wrap"), base),)),
            *pieces]


def _over(upper: str, lower: str) -> Lap:
    return Lap(f"{upper} on {lower}", upper, lower)


def _wrap(tray: _Tray) -> Piece:
    """The sheet round a tray: over the base, up the walls, round the corners, in over the rim."""
    base, hair = tray.name("wrap"), _HAIR_MM
    # the rim has no width but what thickness gives it, and a panel needs some
    long, wide = tray.length + 2 * hair, tray.width + 2 * hair
    panels = [Panel(base, rectangle(long, wide), on=tray.name("base"))]
    folds, laps = [], []
    for side in (*_ENDS, *_LONG):
        wall, span = f"{base} {side}", long if side in _LONG else wide
        board = tray.name(side)
        ends = _ends_of(tray, side)
        # front and back lie on the flaps that come round the corner, and cover the ends' wrap
        lies = f"{base} {_ENDS[0]} {side} flap" if side in _LONG else board
        rules = (tuple((edge, Over(f"{base} {other}")) for other, edge in ends.items()) if side in _LONG
                 else ())
        panels.append(Panel(wall, rectangle(span, tray.height), on=lies, edges=rules))
        folds.append(Fold(EdgeRef(base, _side_of(tray, side)), EdgeRef(wall, 0), 90.0,
                          1 if side in _ENDS else 3))
        if side in _ENDS:
            for other, edge in ends.items():
                flap = f"{wall} {other} flap"
                panels.append(Panel(flap, rectangle(tray.height, tray.flap), on=tray.name(other),
                                    role=Role.FLAP,
                                    edges=((1, Inset(_IN_MM)), (3, Inset(_IN_MM)))))
                folds.append(Fold(EdgeRef(wall, edge), EdgeRef(flap, 0), 90.0, 2))
        if side in _LONG:
            laps += [_over(wall, f"{base} {end} {side} flap") for end in _ENDS]
        rim, turned, within = f"{wall} rim", f"{wall} edge", ((1, Inset(_IN_MM)), (3, Inset(_IN_MM)))
        panels += [Panel(rim, rectangle(span, hair), role=Role.LINING, edges=within),
                   Panel(turned, rectangle(span, tray.turn), role=Role.LINING, under=board, edges=within)]
        folds += [Fold(EdgeRef(wall, 2), EdgeRef(rim, 0), 90.0, 4),
                  Fold(EdgeRef(rim, 2), EdgeRef(turned, 0), 90.0, 4)]
        laps.append(Lap(f"{board} on {turned}", board, turned, facing=True))
    at = _flat(tray)
    (x, y, z), u, v = at.origin, at.u, at.v
    return Piece(base, base, at._replace(origin=(x - hair * u[0], y - hair * v[1], z)), tuple(panels),
                 folds=tuple(folds), laps=tuple(laps), part="wrap")


def _hinged(values: Values) -> list[Piece]:
    """A board over the tray with a wrap turned in below and a lining over that."""
    length, width, height = (float(values[k]) for k in ("length", "width", "height"))
    at = Placement((0.0, 0.0, height), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
    over = tuple((edge, Over(f"wrap {side}", _OUT_MM if side != "back" else 0.0))
                 for edge, side in enumerate(("front", "right", "back", "left")))
    board = Panel("lid board", rectangle(length, width), edges=over)
    wrap = Panel("lid wrap", rectangle(length, width), on="lid board",
                 edges=tuple((edge, Led((), ("lid board",), float(values["turn"]), along=rule))
                             for edge, rule in over))
    lining = Panel("lid lining", rectangle(length, width), under="lid board",
                   edges=tuple((edge, Inset(_IN_MM)) for edge in range(4)))
    laps = (_over("lid wrap", "lid board"), Lap("lid board on lid lining", "lid board", "lid lining",
                                                    glued=False))
    past = (Past((0.0, 0.0, 1.0), ("lid lining",)),)
    # the hinge: a strip folded over the rear edge, from the back up onto the lid
    reach, within = min(_HINGE_MM, 0.8 * height, 0.8 * width), ((1, Inset(_IN_MM)), (3, Inset(_IN_MM)))
    hinge = (Panel("hinge back", rectangle(length, reach), on="wrap back", edges=within),
             Panel("hinge lid", rectangle(length, reach), on="lid wrap", edges=within))
    behind = Placement((length, width, height - reach), (-1.0, 0.0, 0.0), (0.0, 0.0, 1.0))
    fold = Fold(EdgeRef("hinge back", 2), EdgeRef("hinge lid", 0), 90.0, 5)
    strip = Piece("hinge", "hinge back", behind, hinge, folds=(fold,), part="hinges", past=past)
    return [Piece("lid board", "lid board", at, (board,), laps=laps, past=past),
            Piece("lid wrap", "lid wrap", at, (wrap,), part="wrap", past=past),
            Piece("lid lining", "lid lining", at, (lining,), part="wrap", past=past), strip]


def _hung(values: Values) -> tuple[Handwork, ...]:
    """How a hinged lid is hung."""
    length, width, turn = (float(values[k]) for k in ("length", "width", "turn"))
    return (Handwork("lid edges", say("Turn the edges of the lid's wrap in, the long ones first, rub them "
                                      "down, and glue the lining over them."), "lid board",
                     uses=("lid wrap", "lid lining"), glue_mm2=2 * (length + width) * turn + length * width),
            Handwork("hinge strip", say("Glue the hinge over the back and the lid while the lid stands open "
                                        "square, and fold it as it closes."), "hinge back", When.CLOSED,
                     uses=("hinge lid", "back", "lid board"), glue_mm2=2 * length * _HINGE_MM))


def _ribbon(values: Values) -> Bought:
    """The ribbon that stops a lid, from the lid to a wall."""
    away = _RIBBON * float(values["width"])
    long = 2 * away * math.sin(math.radians(_OPENS_DEG) / 2) + 2 * _GLUED_MM
    return Bought("ribbon", 1, say("Glue the ends of the ribbon to the lid and to a wall, {away} from the "
                                   "hinge.", away=write_both(away)), "lid board", long, when=When.CLOSED,
                  last=True, uses=("left",), glue_mm2=2 * _GLUED_MM**2)


def draft_rigid(values: Values) -> Draft:
    """length, width, height: inside, mm; lid, skirt: how far it comes down, mm; play; turn, flap: of the
    wrap, mm."""
    length, width, height = (float(values[k]) for k in ("length", "width", "height"))
    turn, flap = float(values["turn"]), float(values["flap"])
    covered, hinged = values["lid"] == LID, values["lid"] == HINGED
    joint = MITRE if values["corners"] == MITRED else BUTT
    tray = _Tray("", length, width, height - (_REST_MM if covered or hinged else 0.0), turn, flap,
                 joint=joint)
    pieces = [*_boards(tray, {}), _wrap(tray)]
    slides: tuple[Slide, ...] = ()
    tapes = [("base", "wrap", say("Tape the corners of the boards outside before the wrap goes on."))]
    if covered:
        lid = _Tray("lid ", length, width, float(values["skirt"]), turn, flap, True, height,
                    float(values["play"]), joint)
        tapes.append(("lid base", "lid wrap", say("Tape the corners of the lid's boards outside, too.")))
        pieces += [*_boards(lid, {side: f"wrap {side}" for side in (*_LONG, *_ENDS)}), _wrap(lid)]
        slides = (Slide("lid", (0.0, 0.0, 1.0)),)
    swings: tuple[Swing, ...] = ()
    bought: tuple[Bought, ...] = ()
    handwork = tuple(Handwork(name, words, panel, before=before, tape_mm=4 * height)
                     for name, (panel, before, words) in zip(("corners", "lid corners"), tapes, strict=False))
    if hinged:
        pieces += _hinged(values)
        handwork, bought = (*handwork, *_hung(values)), (_ribbon(values),)
        swings = (Swing("lid", "lid board", (length, width), (0.0, width), _OPENS_DEG, face=-1.0,
                        as_cut=True, strip="hinge"),)
    shown = (Dimension("length", EdgeRef("base", 0)), Dimension("width", EdgeRef("base", 1)),
             *(() if covered or hinged else (Dimension("height", EdgeRef("front", 1)),)))
    return Draft(tuple(pieces), inside_mm=(length, width, height), closes=False, dimensions=shown,
                 slides=slides, swings=swings, bought=bought, content=block(length, width, height),
                 handwork=handwork)


def _sound(values: Values) -> None:
    length, width, height = (float(values[k]) for k in ("length", "width", "height"))
    turn, flap, skirt = (float(values[k]) for k in ("turn", "flap", "skirt"))
    if turn > min(height, skirt if values["lid"] == LID else height) - _IN_MM:
        raise MeasureError("so wide an edge does not lie within the walls", "turn", "turn in less")
    if flap > min(length, width) / 2 - _IN_MM:
        raise MeasureError("flaps so long meet in the middle of a wall", "flap", "make them shorter")
    if values["lid"] == LID and skirt > height:
        raise MeasureError("the lid would come down past the base", "skirt", "make it shallower")


RECIPE = Recipe(
    id="rigid-box", title="Rigid box", family="boxes",
    purpose="a box of boards in a wrap, with a lid that slides over it or is hinged",
    also=("set-up box", "gift box", "covered box", "presentation box", "keepsake"),
    measures=(
        Measure("length", Kind.LENGTH, 120.0, "inside", 30.0, 400.0),
        Measure("width", Kind.LENGTH, 80.0, "inside", 30.0, 400.0),
        Measure("height", Kind.LENGTH, 50.0, "inside", 12.0, 250.0),
        Measure("lid", Kind.CHOICE, LID, "what closes it",
                choices=((NONE, "nothing"), (LID, "a lid over it"),
                         (HINGED, "a hinged lid with a ribbon"))),
        Measure("corners", Kind.CHOICE, BUTTED, "how the boards meet at the corners",
                choices=((BUTTED, "butted"), (MITRED, "mitred: cut slanting"))),
        Measure("skirt", Kind.LENGTH, 30.0, "how far the lid comes down", 10.0, 250.0),
        Measure("play", Kind.LENGTH, 0.8, "between the wrapped tray and the lid's boards, all round", 0.5,
                3.0,
                stays=True),
        Measure("turn", Kind.LENGTH, 15.0, "of the wrap, turned in over the rim", 6.0, 40.0, label="Turn-in"),
        Measure("flap", Kind.LENGTH, 12.0, "of the wrap, led round the corners", 5.0, 30.0,
                label="Corner flap"),
    ),
    draft=draft_rigid, inside=("length", "width", "height"), thinnest=0.8, thickest=3.0,
    contradictions=_sound,
    gives=("skirt", "turn", "flap"), stock="greyboard-20",
    part_stocks=(("wrap", "wrapping-60"), ("hinges", "bookcloth-200")),
    part_calipers=(("wrap", 0.05, 0.25), ("hinges", 0.05, 0.6)),
)
