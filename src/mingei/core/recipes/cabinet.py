"""A cabinet of boards: sides, back, bottom and top, shelves between the sides, and doors on pins if wished.

The measures are of the room in it: how wide and deep, how high each opening is.  Shelves, bottom and top are
butted or housed between the sides, which run past them; the back lies behind all.  How much higher it all is
by the thickness of its shelves is no sum of this recipe: each shelf lies so many layers further up.
"""

from __future__ import annotations

import math
from dataclasses import replace

from mingei.core.draft import (
    Against,
    Bought,
    Dimension,
    Draft,
    EdgeRef,
    Handwork,
    Inset,
    Joint,
    Lap,
    LineOn,
    Over,
    Panel,
    Piece,
    Pierced,
    Placement,
    Raised,
    Seam,
    Swing,
    When,
)
from mingei.core.drafting.content import block
from mingei.core.drafting.storeys import cut_out
from mingei.core.drafting.window import moved_by
from mingei.core.errors import MeasureError
from mingei.core.joints import BUTT, HOUSING, MORTISE
from mingei.core.length import write_both
from mingei.core.plane.shape import Path, Polygon, Rigid, hole_path, moved_path, rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

NONE, ONE, TWO = "none", "one", "two"
BUTTED, HOUSED, TONGUED = "butted", "housed", "tongued"
STRAIGHT, ARCH = "straight", "arch"
LEFT, RIGHT = "left door", "right door"
#: A shelf keeps so far behind what turns there, or the front, mm; a door opens so far, degrees.
_BEHIND_MM, _OPENS_DEG = 0.5, 110.0
#: No opening, and no door, is lower, mm.
_LEAST_ROOM_MM, _LEAST_DOOR_MM = 6.0, 4.0
#: A pin turns in a hole so much wider, mm.
_TURNS_MM = 0.15
#: A plinth stands so far behind the sides' front edges, mm; of its arch this is left above and at the sides.
_PLINTH_MM, _ARCH_MM = 1.5, 4.0
#: A door's frame leaves at least so much of the door free, and is no thicker than that, mm.
_FREE_MM, _FRAME_THICK_MM = 4.0, 1.0
#: The thickest board it is made of, and what a door clears the side by at the least, mm.
_THICKEST_MM, _HAIR_MM = 4.0, 0.1
#: A pin stands so deep in the edge of a door, mm; a knob so far from the edge that opens, mm (from
#: experience).
_PIN_DEEP_MM, _KNOB_IN_MM = 6.0, 6.0


def heights(values: Values) -> tuple[float, ...]:
    """How high each opening is, from the bottom up, mm."""
    count, lowest, each = int(values["shelves"]), float(values["lowest"]), float(values["opening"])
    return (lowest or each, *(each for _ in range(count)))


def doors(values: Values) -> tuple[str, ...]:
    return {NONE: (), ONE: (LEFT,), TWO: (LEFT, RIGHT)}[str(values["doors"])]


def draft_cabinet(values: Values) -> Draft:
    """width, depth: of the room in it, mm; opening: clear height of each; lowest: of the lowest, 0 for the
    same; shelves; ends: how they are held; doors; play: round each; pin,
    knob: diameters of their holes, mm."""
    width, depth, foot = (float(values[k]) for k in ("width", "depth", "plinth"))
    rooms = heights(values)
    tall, hung = sum(rooms), doors(values)
    front = ((Over(hung[0]),) if hung else ())
    pieces = [_side("left side", width, depth, tall + foot, front, foot),
              Piece("back", "back", Placement((width, depth, -foot), (-1.0, 0.0, 0.0), (0.0, 0.0, 1.0)),
                    (Panel("back", rectangle(width, tall + foot)),), part="back")]
    if foot > 0:  # sides and back go on below the bottom
        pieces.append(_across("bottom", 0.0, values, 0, LineOn("left side", (0.0, foot), (depth, foot)),
                              LineOn("right side", (0.0, foot), (depth, foot)),
                              LineOn("back", (0.0, foot), (width, foot))))
        pieces.append(_plinth(values))
    else:
        pieces.append(_across("bottom", 0.0, values, 0, EdgeRef("left side", 0), EdgeRef("right side", 0),
                              EdgeRef("back", 0)))
    up = 0.0
    for number, room in enumerate(rooms[:-1], 1):
        up += room
        pieces.append(_across(f"shelf {number}", up, values, number,
                              LineOn("left side", (0.0, up + foot), (depth, up + foot)),
                              LineOn("right side", (0.0, up + foot), (depth, up + foot)),
                              LineOn("back", (0.0, up + foot), (width, up + foot))))
    # one side, what stands between, and only then the other: nothing is pushed in between two that stand
    pieces.append(replace(_side("right side", width, depth, tall + foot, front, foot), brought_last=True))
    pieces.append(_top(values, tall, len(rooms) - 1))
    pieces += [piece for name in hung for piece in _door(name, values, tall)]
    shown = (Dimension("width", EdgeRef("bottom", 0)), Dimension("depth", EdgeRef("bottom", 1)))
    return Draft(tuple(pieces), inside_mm=(width, depth, rooms[0]), closes=False, dimensions=shown,
                 remarks=_remarks(values, hung), swings=tuple(_swing(n, values, tall) for n in hung),
                 content=block(width, depth, rooms[0]), bought=_bought(values, hung),
                 handwork=_channels(values))


def _side(name: str, width: float, depth: float, tall: float, front: tuple[Over, ...], foot: float) -> Piece:
    """One side; it runs past bottom and top, and past the doors.  foot: how far below the bottom, mm."""
    left = name.startswith("left")
    edge, back = (1, 3) if left else (3, 1)
    at = (Placement((0.0, depth, -foot), (0.0, -1.0, 0.0), (0.0, 0.0, 1.0)) if left
          else Placement((width, 0.0, -foot), (0.0, 1.0, 0.0), (0.0, 0.0, 1.0)))
    panel = Panel(name, rectangle(depth, tall), edges=tuple((edge, rule) for rule in front))
    seam = Seam(f"{name} at the back", BUTT, EdgeRef(name, back), EdgeRef("back", 1 if left else 3), 0.0, 1)
    return Piece(name, name, at, (panel,), seams=(seam,))


def _across(name: str, up: float, values: Values, layer: int, left: EdgeRef | LineOn, right: EdgeRef | LineOn,
            back: EdgeRef | LineOn) -> Piece:
    """A board that lies between the sides, its upper face so far up, and so many layers besides."""
    width, depth = float(values["width"]), float(values["depth"])
    ends: Joint = {HOUSED: HOUSING, TONGUED: MORTISE}.get(str(values["ends"]), BUTT) if layer else BUTT
    hung = doors(values)
    # what of a door lies beyond its pins turns into the room
    rule = (Inset(_BEHIND_MM + (_pin_in(values) - float(values["play"]) if hung else 0.0)) if layer
            else Over(hung[0]) if hung else None)
    panel = Panel(name, rectangle(width, depth), layer=-layer, edges=((2, rule),) if rule else (),
                  pierced=() if layer else _pierced(values, hung, depth, 1.0))
    seams = (Seam(f"{name} right", ends, EdgeRef(name, 1), right, 0.0, 1),
             Seam(f"{name} left", ends, EdgeRef(name, 3), left, 0.0, 1),
             Seam(f"{name} at the back", BUTT, EdgeRef(name, 0), back, 0.0, 1))
    return Piece(name, name, Placement((0.0, depth, up), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0)), (panel,),
                 seams=seams)


def _top(values: Values, tall: float, layer: int) -> Piece:
    width, depth = float(values["width"]), float(values["depth"])
    hung = doors(values)
    panel = Panel("top", rectangle(width, depth), layer=layer, edges=((0, Over(hung[0])),) if hung else (),
                  pierced=_pierced(values, hung, 0.0, -1.0))
    seams = (Seam("top right", BUTT, EdgeRef("top", 1), EdgeRef("right side", 2), 0.0, 1),
             Seam("top left", BUTT, EdgeRef("top", 3), EdgeRef("left side", 2), 0.0, 1),
             Seam("top at the back", BUTT, EdgeRef("top", 2), EdgeRef("back", 2), 0.0, 1))
    return Piece("top", "top", Placement((0.0, 0.0, tall), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0)), (panel,),
                 seams=seams)


def _plinth(values: Values) -> Piece:
    """A board under the bottom, behind the front edges of the sides; with an arch if wished."""
    width, foot = float(values["width"]), float(values["plinth"])
    shape: Polygon = rectangle(width, foot)
    top = 2
    curves: tuple[tuple[int, float], ...] = ()
    if values["foot"] == ARCH:
        shape, sweep = arched(width, foot)
        top, curves = 4, ((1, sweep),)
    panel = Panel("plinth", shape, edges=((top, Raised((("bottom", -1.0),))),), curves=curves)
    right, left = (3, 5) if values["foot"] == ARCH else (1, 3)
    y = _PLINTH_MM + (_THICKEST_MM if doors(values) else 0.0)
    depth = float(values["depth"])
    seams = (Seam("plinth right", BUTT, EdgeRef("plinth", right),
                  LineOn("right side", (y, foot), (y, 0.0)), 0.0, 1),
             Seam("plinth left", BUTT, EdgeRef("plinth", left),
                  LineOn("left side", (depth - y, 0.0), (depth - y, foot)), 0.0, 1))
    at = Placement((0.0, y, -foot), (1.0, 0.0, 0.0), (0.0, 0.0, 1.0))
    return Piece("plinth", "plinth", at, (replace(panel, layer=-1),), seams=seams)


def arched(width: float, high: float) -> tuple[Polygon, float]:
    """A board with an arch cut out of its lower side, and how far the arch turns, degrees: its sides 1 the
    arch, 3 right, 4 above, 5 left."""
    span = width - 2 * _ARCH_MM
    rise = min(high - _ARCH_MM, 0.4 * span)
    half = span / 2
    sweep = -4 * math.degrees(math.atan2(rise, half))  # a chord of that length with that sagitta
    return ((0.0, 0.0), (_ARCH_MM, 0.0), (width - _ARCH_MM, 0.0), (width, 0.0), (width, high),
            (0.0, high)), sweep


def _pin_in(values: Values) -> float:
    """How far from the side a pin stands, mm: so that the inner corner of the thickest door, which is play
    from the side and half a thickness from the line of the pins, passes the side: x^2 >= (x - play)^2 +
    (t/2)^2."""
    play = float(values["play"])
    least = _THICKEST_MM / 2 + _FRAME_THICK_MM + 2 * _HAIR_MM if float(values["frame"]) else 0.0
    return max(least, float(values["pin"]) + 2 * play,
               (play * play + (_THICKEST_MM / 2) ** 2) / (2 * play) + _HAIR_MM)


def _frame_in(values: Values) -> float:
    """How far a frame keeps inside its door, mm: so that its outer corner, too, passes the side."""
    off, deep = _pin_in(values), _THICKEST_MM / 2 + _FRAME_THICK_MM
    return max(0.0, off - float(values["play"]) - math.sqrt(off * off - deep * deep) + _HAIR_MM)


def _pierced(values: Values, hung: tuple[str, ...], front: float, way: float) -> tuple[Pierced, ...]:
    width, off = float(values["width"]), _pin_in(values)
    return tuple(Pierced(off if name == LEFT else width - off, front, (0.0, way),
                         float(values["pin"]) + _TURNS_MM, name) for name in hung)


def _door(name: str, values: Values, tall: float) -> list[Piece]:
    """A door, and the frame on it, between bottom and top, its inner face at the front of the room."""
    left, right = _reach(name, values)
    play, knob = float(values["play"]), float(values["knob"])
    high = tall - 2 * play
    across = right - left
    holes: tuple[Path, ...] = ()
    if knob > 0:
        at = across - _KNOB_IN_MM if name == LEFT else _KNOB_IN_MM
        holes = (hole_path(knob, (at, high / 2)),)
    panel = Panel(name, rectangle(across, high), holes=holes, edges=((2, Against("top")),))
    frame = float(values["frame"])
    lies = Placement((left, 0.0, play), (1.0, 0.0, 0.0), (0.0, 0.0, 1.0))
    if frame <= 0:
        return [Piece(name, name, lies, (panel,), part="doors")]
    own, inside = f"{name} frame", _frame_in(values)
    wide, upright = across - 2 * inside, high - 2 * inside
    knobs = tuple(moved_path(h, Rigid(1.0, 0.0, -inside, -inside)) for h in holes
                  if frame + inside > _KNOB_IN_MM)
    around = Panel(own, rectangle(wide, upright), on=name, edges=((2, Against("top")),),
                   holes=(cut_out(frame, frame, wide - 2 * frame, upright - 2 * frame), *knobs))
    within = moved_by(lies, inside, inside)
    return [Piece(name, name, lies, (panel,), laps=(Lap(f"{own} on it", own, name),), part="doors"),
            Piece(own, own, within, (around,), part="frames")]


def _reach(name: str, values: Values) -> tuple[float, float]:
    """From where to where a door reaches across the room, mm."""
    width, play = float(values["width"]), float(values["play"])
    if values["doors"] == ONE:
        return play, width - play
    return (play, width / 2 - play / 2) if name == LEFT else (width / 2 + play / 2, width - play)


def _swing(name: str, values: Values, tall: float) -> Swing:
    left, _ = _reach(name, values)
    off = _pin_in(values)
    x = (off if name == LEFT else float(values["width"]) - off) - left
    turn = -_OPENS_DEG if name == LEFT else _OPENS_DEG
    return Swing(name, name, (x, 0.0), (x, tall), turn)


def _remarks(values: Values, hung: tuple[str, ...]) -> tuple[tuple[str, str], ...]:
    if not hung:
        return ()
    return (("doors",
             say("drill the edge of each door above and below, {off} in from its hinge side and amid "
                          "its thickness, {deep} deep",
                 off=write_both(_pin_in(values) - float(values["play"])),
                          deep=write_both(_PIN_DEEP_MM))),)


def _bought(values: Values, hung: tuple[str, ...]) -> tuple[Bought, ...]:
    """Pins for every door, which is hung before the top closes, and knobs."""
    knobs = (Bought("knob", len(hung), say("Set a knob into the hole of each door."), hung[0],
                    size=write_both(float(values["knob"])), when=When.CLOSED),) if hung and float(
        values["knob"]) > 0 else ()
    return (*knobs, *(Bought("pin", 2,
                        say("Put a pin into each edge of the {door}, and stand it on the lower one.",
                                      door=name), name, 2 * _PIN_DEEP_MM,
                        size=write_both(float(values["pin"])), before="top",
                        why=say("no pin goes in once the top is on")) for name in hung))


def _channels(values: Values) -> tuple[Handwork, ...]:
    if values["ends"] != HOUSED or not values["shelves"]:
        return ()
    return (Handwork("channels",
                     say("Cut both lines of every channel in the sides, a third of the board deep, and "
                                     "lift the strip between them out."), "left side", When.FLAT),)


def _sound(values: Values) -> None:
    width, knob, play = float(values["width"]), float(values["knob"]), float(values["play"])
    if 0.0 < float(values["lowest"]) < _LEAST_ROOM_MM:
        raise MeasureError("so low an opening takes nothing", "lowest",
                           say("write {least} or more, or 0 for the height of the others",
                               least=write_both(_LEAST_ROOM_MM)))
    foot = float(values["plinth"])
    if foot > 0 and values["foot"] == ARCH and (foot < 2 * _ARCH_MM or width < 6 * _ARCH_MM):
        raise MeasureError("so low a plinth leaves nothing above its arch", "plinth",
                           say("make it {least} or more, or straight", least=write_both(2 * _ARCH_MM)))
    if 0.0 < foot < 2 * _THICKEST_MM:
        raise MeasureError("so low a plinth leaves nothing under the bottom", "plinth",
                           say("make it {least} or more, or 0 for none", least=write_both(2 * _THICKEST_MM)))
    if foot > 0 and float(values["depth"]) < _PLINTH_MM + 2 * _THICKEST_MM:
        raise MeasureError("so shallow a cabinet has no room for a plinth", "plinth", "leave it out")
    if not doors(values):
        return
    frame = float(values["frame"])
    inside = _frame_in(values) if frame > 0 else 0.0
    if frame > 0 and 2 * (frame + inside) + _FREE_MM > min(sum(heights(values)) - 2 * play,
                                                (width if values["doors"] == ONE else width / 2) - 2 * play):
        raise MeasureError("so wide a frame leaves nothing of the door", "frame", "make it narrower")
    if frame > 0 and knob > 0 and abs(frame + inside - _KNOB_IN_MM) < knob / 2 + _HAIR_MM:
        raise MeasureError("the edge of the frame runs through the hole of the knob", "frame",
                           say("make it {least} or more",
                               least=write_both(_KNOB_IN_MM - inside + knob / 2 + 1.0)))
    if sum(heights(values)) < _LEAST_DOOR_MM + 2 * play:
        raise MeasureError("with so much play nothing is left of so low a door", "play", "give it less play")
    across = (width if values["doors"] == ONE else width / 2) - 2 * play
    if across < 2 * _pin_in(values) + 2 * _KNOB_IN_MM + knob:
        raise MeasureError("so narrow a door has no room for pin and knob", "doors",
                           "make it wider, or leave the doors out")
    if values["shelves"] and values["ends"] == TONGUED and float(values["depth"]) < 4 * (
            _BEHIND_MM + _pin_in(values)):
        raise MeasureError("so shallow a shelf has no room for a tongue behind the doors", "ends",
                           "make it deeper, or butt the shelves")
    if values["shelves"] and float(values["depth"]) < 2 * _pin_in(values):
        raise MeasureError("so shallow a cabinet has no room for a shelf behind its doors", "doors",
                           "make it deeper, or leave the doors out")


RECIPE = Recipe(
    id="cabinet", title="Cabinet", family="models",
    purpose="a cupboard or rack of boards: shelves as high as asked, doors on pins",
    also=("cupboard", "shelf", "shelves", "bookcase", "locker", "wardrobe", "dresser", "rack", "furniture",
          "miniature"),
    measures=(
        Measure("width", Kind.LENGTH, 80.0, "of the room in it", 20.0, 600.0),
        Measure("depth", Kind.LENGTH, 30.0, "of the room in it, from the doors to the back", 8.0, 400.0),
        Measure("opening", Kind.LENGTH, 28.0, "clear height of each opening", 6.0, 400.0,
                label="Opening"),
        Measure("lowest", Kind.LENGTH, 0.0, "clear height of the lowest opening; 0 for the same", 0.0, 400.0,
                label="Lowest"),
        Measure("shelves", Kind.COUNT, 3.0, "how many boards lie between bottom and top", 0.0, 12.0),
        Measure("ends", Kind.CHOICE, BUTTED,
                "how the shelves are held by the sides: butted between them, let in by a third, or with "
                "tongues through them",
                choices=((BUTTED, "butted"),
                         (HOUSED, "let in"),
                         (TONGUED, "tongued")),
                label="Shelf ends"),
        Measure("doors", Kind.CHOICE, TWO, "what closes its front",
                choices=((NONE, "open front"), (ONE, "one door"), (TWO, "two doors"))),
        Measure("play", Kind.LENGTH, 0.6, "clear all round each door", 0.3, 3.0, stays=True),
        Measure("pin", Kind.LENGTH, 1.0, "diameter of the pins the doors turn on", 0.5, 3.0, stays=True),
        Measure("plinth", Kind.LENGTH, 0.0, "how far sides and back go on below the bottom; 0 for none", 0.0,
                120.0),
        Measure("foot", Kind.CHOICE, STRAIGHT, "the plinth's lower edge",
                choices=((STRAIGHT, "straight"), (ARCH, "an arch")), label="Plinth's edge"),
        Measure("frame", Kind.LENGTH, 0.0, "width of a frame on each door; 0 for none", 0.0, 40.0,
                label="Door frames"),
        Measure("knob", Kind.LENGTH, 1.5, "diameter of the hole for a knob; 0 for none", 0.0, 6.0,
                stays=True),
    ),
    draft=draft_cabinet, inside=("width", "depth", "opening"), thinnest=0.5, thickest=_THICKEST_MM,
    contradictions=_sound, gives=("frame", "plinth", "ends", "doors", "play"),
    stock="greyboard-20", part_stocks=(("frames", "card-220"),), part_calipers=(("frames", 0.1, 1.0),),
    human=(("width", "a cupboard's width"), ("depth", "a cupboard's depth"),
           ("opening", "the clear height of a shelf")),
)
