"""A house of walls and floors: boards lined inside with cladding that leaves a gap at every floor, floors
that slide into the gaps, rooms side by side with partitions, windows, a stair, a roof, and a front that lifts
off.

Every measure is clear, as one sees it standing in the room.  What floors, partitions and walls add to it by
their thickness is no sum of this recipe (``storeys``).
"""

from __future__ import annotations

from typing import NamedTuple

from mingei.core.draft import (
    Against,
    Crease,
    Dimension,
    Draft,
    EdgeRef,
    Fold,
    Glued,
    Handwork,
    Inset,
    Lap,
    LineOn,
    Over,
    Panel,
    Past,
    Piece,
    Placement,
    Seam,
    Slide,
    Slot,
    Stretch,
    Swing,
    When,
    Within,
)
from mingei.core.draft.panel import Edge
from mingei.core.drafting import stair as stairs
from mingei.core.drafting.roof import FLAT, GABLE, LEAN, Roof
from mingei.core.drafting.storeys import (
    BACK,
    FRONT,
    GROUND,
    LEFT,
    RIGHT,
    SIDES,
    Storeys,
    cut_out,
    evenly,
)
from mingei.core.drafting.window import LEAST_PANE_MM, Frame, frame_on, least_pane, moved_by, set_in
from mingei.core.errors import MeasureError
from mingei.core.joints import BUTT, GROOVE, ON_TOP
from mingei.core.length import write_both
from mingei.core.plane.shape import Path, Polygon, rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

OPEN, LIFTED, STAYS = "open", "lifts off", "stays"
NONE, STRAIGHT = "none", "straight"
#: The front stands so far from the walls' ends, mm; a door so far from what is round it.
_FRONT_MM, _DOOR_MM = 0.3, 0.5
#: A stair stands so far from the back wall, and two flights from each other, mm.
_OFF_MM, _APART_MM = 4.0, 3.0
#: What is left of a floor or a wall beside an opening at the least, mm (from experience).
_LEFT_MM = 6.0
#: A post stands so far behind the porch's edge, mm: it is laid up from two boards.
_POST_IN_MM, _POST_BOARDS = 6.0, 2
_OPENS_DEG = 100.0
OUTSIDE, SLIT = "outside", "slit"
#: The strip a door hangs on, and how far it reaches over door and wall: mm at the most, and a share of them;
#: how far beside the gap a slit for it lies, and how far from the ends of the door it ends, mm.
_SLIT_MM, _SLIT_ENDS_MM, _HAIR_MM = 3.0, 3.0, 1e-3
_HINGE, _HINGE_MM, _HINGE_SHARE = "front wall hinge", 8.0, 0.4


class _Window(NamedTuple):
    """A window: its name, the wall it is in, storey and room, and where its lower left corner lies along the
    wall as it is seen from outside, and up from the storey's floor, mm."""

    name: str
    side: str
    storey: int
    room: int
    along: float
    up: float


def _of(values: Values, *names: str) -> tuple[float, ...]:
    return tuple(float(values[name]) for name in names)


def _house(values: Values) -> Storeys:
    count, each, lowest = int(values["storeys"]), float(values["height"]), float(values["ground"])
    return Storeys(int(values["rooms"]), float(values["width"]), float(values["depth"]),
                   (lowest or each, *(each,) * (count - 1)), values["roof"] != FLAT)


def _roof(values: Values, house: Storeys) -> Roof:
    return Roof(house, str(values["roof"]), *_of(values, "pitch", "eaves", "knee"))


def _frame(values: Values) -> Frame:
    border, bar = _of(values, "border", "bar")
    return Frame(border, bar, int(values["uprights"]), int(values["levels"]))


def _closed(values: Values) -> bool:
    """Whether it has a front."""
    return values["front"] != OPEN


def _lifts(values: Values) -> bool:
    return values["front"] == LIFTED


def _windows(values: Values, house: Storeys) -> list[_Window]:
    """Every window, wall by wall, from below and from the left as one stands before it."""
    pane, sill = _of(values, "pane", "sill")
    found = []
    for storey in range(house.storeys):
        for side in (LEFT, RIGHT):
            starts = evenly(int(values["side_windows"]), house.depth, pane)
            found += [_Window(f"{side} window {storey + 1}-{number}", side, storey,
                              house.last if side == RIGHT else 0, along, sill)
                      for number, along in enumerate(starts, 1)]
        for side in (BACK, *((FRONT,) if _closed(values) else ())):
            for room in range(house.rooms):
                if side == FRONT and not storey and not room:
                    continue  # there is the door
                for number, start in enumerate(evenly(int(values["windows"]), house.room, pane), 1):
                    x = room * house.room + start
                    along = x if side == FRONT else house.width - x - pane
                    what = "front wall" if side == FRONT else side  # what moves with the front bears its name
                    found.append(_Window(f"{what} window {storey + 1}-{room + 1}-{number}", side, storey,
                                         room, along, sill))
    return found


def _stairs(values: Values, house: Storeys) -> list[stairs.Stair]:
    """A flight to every storey but the lowest; every other one stands before the one beneath it."""
    if values["stairs"] == NONE:
        return []
    going, wide, head = _of(values, "going", "stair", "head")
    found = []
    for storey in range(house.storeys - 1):
        y = house.depth - _OFF_MM - (storey % 2) * (wide + 2 * stairs.CLEAR_MM + _APART_MM)
        found.append(stairs.Stair(f"stair {storey + 1}", house.heights[storey], int(values["steps"]), going,
                                  wide, head, int(values["layers"]), wide, y, house.level(storey),
                                  f"floor {storey + 1}", house.past(storey, 0)))
    return found


def draft_house(values: Values) -> Draft:
    """All lengths in mm, clear; see the measures."""
    house = _house(values)
    roof, windows, flights = _roof(values, house), _windows(values, house), _stairs(values, house)
    pieces = [*_walls(values, house, roof, windows), *_claddings(house, windows, values),
              _ground(values, house), *_floors(house, flights)]
    for storey in range(house.storeys):
        pieces += [_partition(values, house, storey, number) for number in range(1, house.rooms)]
    for flight in flights:
        pieces += stairs.pieces(flight)
    pieces += _insets(values, house, windows)
    pieces += _front(values, house, roof, windows)
    pieces += _covered(values, house, roof)
    pieces += _posts(values, house, roof)
    swings = (_swing(values),) if _closed(values) else ()
    return Draft(
        tuple(pieces), closes=False, remarks=_remarks(values, house), handwork=_made(values, house),
        dimensions=(Dimension("depth", EdgeRef("left cladding 1", 0)),),
        slides=(Slide("front wall", (0.0, -1.0, 0.0)),) if _lifts(values) else (), swings=swings,
        glued=Glued("stair 1", int(values["layers"]), float(values["stair"])) if flights else None,
        human=(("a stair's rise", house.heights[0] / float(values["steps"])),) if flights else ())


def _holes(values: Values, house: Storeys, windows: list[_Window], side: str,
           storey: int | None = None) -> tuple[Path, ...]:
    """The windows in a wall; storey: in the cladding of that storey."""
    pane, tall = _of(values, "pane", "window_height")
    return tuple(cut_out(w.along, w.up + (house.level(w.storey) if storey is None else 0.0), pane, tall)
                 for w in windows if w.side == side and storey in (None, w.storey))


def _wall_laps(house: Storeys, windows: list[_Window], side: str) -> tuple[Lap, ...]:
    """What lies on a wall: cladding inside, frames outside."""
    inside = tuple(Lap(f"{side} cladding {number} on it", f"{side} wall", f"{side} cladding {number}")
                   for number in range(1, house.storeys + 1))
    return (*inside, *(frame_on(w.name, f"{side} wall") for w in windows if w.side == side))


def _walls(values: Values, house: Storeys, roof: Roof, windows: list[_Window]) -> list[Piece]:
    """Left, right and back wall, each on its cladding; the back wall covers the ends of the others."""
    made = []
    for side in (LEFT, RIGHT):
        name = f"{side} wall"
        shape, meets, front, back = roof.side(side)
        panel = Panel(name, shape, on=f"{side} cladding 1", holes=_holes(values, house, windows, side),
                      stretches=house.rises())
        seams = (Seam(f"{name} on the ground floor", BUTT, EdgeRef(name, 0),
                      EdgeRef(GROUND, 3 if side == LEFT else 1), 0.0, 1),
                 Seam(f"{name} at the back wall", BUTT, EdgeRef(name, back),
                      EdgeRef("back wall", 1 if side == LEFT else 3), 0.0, 1),
                 *(Seam(f"{name} at the {board}", ON_TOP, EdgeRef(name, edge), roof.line(board, side), 0.0, 1)
                   for edge, board in meets), *_at_front(values, house, roof, side, front))
        made.append(Piece(name, name, house.on_wall(side), (panel,), seams=seams,
                          laps=_wall_laps(house, windows, side), past=_to_the_right(house, side)))
    high, angle = roof.back_wall
    panel = Panel("back wall", rectangle(house.width, high), on="back cladding 1",
                  holes=_holes(values, house, windows, BACK),
                  stretches=(*house.rises(), *house.widens(backward=True)))
    seams = (Seam("back wall on the ground floor", BUTT, EdgeRef("back wall", 0), EdgeRef(GROUND, 0), 0.0, 1),
             Seam(f"back wall at the {roof.back}", ON_TOP, EdgeRef("back wall", 2),
                  roof.line(roof.back, BACK), 0.0, 1, angle_deg=angle))
    made.append(Piece("back wall", "back wall", house.on_wall(BACK), (panel,), seams=seams,
                      laps=_wall_laps(house, windows, BACK), past=_to_the_right(house, BACK)))
    return made


def _at_front(values: Values, house: Storeys, roof: Roof, side: str, edge: int) -> tuple[Seam, ...]:
    """A side wall at a front that stays."""
    if values["front"] != STAYS:
        return ()
    high = roof.low - _comes_down(values, roof)
    ends = ((0.0, high), (0.0, 0.0)) if side == LEFT else ((house.width, 0.0), (house.width, high))
    return (Seam(f"{side} wall at the front wall", ON_TOP, EdgeRef(f"{side} wall", edge),
                 LineOn("front wall", *ends), 0.0, 1),)


def _to_the_right(house: Storeys, side: str) -> tuple[Past, ...]:
    """Right and back wall are drawn from the right, past all partitions."""
    return house.past(0, house.last) if side in (RIGHT, BACK) else ()


def _claddings(house: Storeys, windows: list[_Window], values: Values) -> list[Piece]:
    """Strips as high as each storey; between them is room for a floor."""
    made = []
    for storey, high in enumerate(house.heights):
        for side in SIDES:
            name = f"{side} cladding {storey + 1}"
            ends: tuple[tuple[int, Edge], ...] = ((1 if side == RIGHT else 3,
                                                   Over(f"back cladding {storey + 1}")),)
            if side == BACK:
                ends = ((1, Against(f"left cladding {storey + 1}")),
                        (3, Against(f"right cladding {storey + 1}")))
            below: tuple[tuple[int, Edge], ...] = ((0, Against(f"floor {storey}")),) if storey else ()
            above: tuple[tuple[int, Edge], ...] = ((2, Within()),) if storey == house.storeys else ()
            panel = Panel(name, rectangle(house.span(side), high), edges=(*below, *ends, *above),
                          holes=_holes(values, house, windows, side, storey),
                          stretches=house.widens(backward=True) if side == BACK else ())
            made.append(Piece(name, name, house.on_wall(side, up=house.level(storey)), (panel,),
                              part="cladding",
                              past=house.past(storey, house.last if side in (RIGHT, BACK) else 0)))
    return made


def _ground(values: Values, house: Storeys) -> Piece:
    porch = float(values["porch"])
    front: Edge = Over("front wall", porch) if _closed(values) else Inset(-porch)
    return Piece(GROUND, GROUND, house.on_floor(0),
                 (Panel(GROUND, rectangle(house.width, house.depth), edges=((2, front),),
                        stretches=house.widens()),), part="floors")


def _floors(house: Storeys, flights: list[stairs.Stair]) -> list[Piece]:
    """The upper floors, each let into the gaps between the cladding."""
    wide, deep, made = house.width, house.depth, []
    for number, name in enumerate(house.upper, 1):
        up = house.level(number)
        holes = tuple(stairs.well(f, deep) for f in flights if f.floor == name)
        panel = Panel(name, rectangle(wide, deep), holes=holes, stretches=house.widens())
        seams = tuple(Seam(f"{name} in the {side} wall", GROOVE, EdgeRef(name, edge),
                           LineOn(f"{side} wall", (0.0, up), (house.span(side), up)), 0.0, 1)
                      for side, edge in ((LEFT, 3), (RIGHT, 1), (BACK, 0)))
        made.append(Piece(name, name, house.on_floor(number), (panel,), seams=seams, part="floors",
                          past=house.past(number, 0)))
    return made


def _partition(values: Values, house: Storeys, storey: int, number: int) -> Piece:
    """A wall between two rooms, with a doorway."""
    name, x, deep, high = (f"partition {storey + 1}-{number}", number * house.room, house.depth,
                           house.heights[storey])
    door, tall = _of(values, "door", "door_height")
    floor = f"floor {storey}" if storey else GROUND
    start = (deep - door) / 3
    shape: Polygon = ((0.0, 0.0), (start, 0.0), (start, tall), (start + door, tall), (start + door, 0.0),
                      (deep, 0.0), (deep, high), (0.0, high))
    cladding = f"back cladding {storey + 1}"
    seams = (*(Seam(f"{name} on the {floor}, {word}", BUTT, EdgeRef(name, edge),
                    LineOn(floor, (x, deep - last), (x, deep - first)), 0.0, 1)
               for word, edge, first, last in (("front", 0, 0.0, start), ("back", 4, start + door, deep))),
             Seam(f"{name} at the {cladding}", BUTT, EdgeRef(name, 5),
                  LineOn(cladding, (house.width - x, high), (house.width - x, 0.0)), 0.0, 1))
    panel = Panel(name, shape, edges=((6, Within()),))
    at = Placement((x, 0.0, house.level(storey)), (0.0, 1.0, 0.0), (0.0, 0.0, 1.0))
    return Piece(name, name, at, (panel,), seams=seams, part="partitions",
                 past=house.past(storey, number - 1))


def _insets(values: Values, house: Storeys, windows: list[_Window]) -> list[Piece]:
    """Frames and glazing of all windows but those of the front."""
    return [piece for w in windows if w.side != FRONT for piece in _inset(values, house, w)]


def _inset(values: Values, house: Storeys, window: _Window) -> list[Piece]:
    pane, tall = _of(values, "pane", "window_height")
    at = house.on_wall(window.side, window.along, house.level(window.storey) + window.up)
    return set_in(window.name, f"{window.side} wall", at, house.past(window.storey, window.room), pane, tall,
                  _frame(values))


def _front(values: Values, house: Storeys, roof: Roof, windows: list[_Window]) -> list[Piece]:
    """A front that stands before the ends of the walls, with a door that opens."""
    if not _closed(values):
        return []
    door, tall = _of(values, "door", "door_height")
    left, wide, high = (house.room - door) / 2, house.width, roof.low - _comes_down(values, roof)
    shape: Polygon = ((0.0, 0.0), (left, 0.0), (left, tall), (left + door, tall), (left + door, 0.0),
                      (wide, 0.0), (wide, high), (0.0, high))
    own, air = [w for w in windows if w.side == FRONT], _FRONT_MM if _lifts(values) else 0.0
    panel = Panel("front wall", shape, air=air, holes=_holes(values, house, own, FRONT),
                  slots=_slits(values, left, tall),
                  stretches=(*house.rises(), *house.widens()),
                  edges=((5, Over("right wall")), (6, Within()), (7, Over("left wall"))))
    laps = tuple(frame_on(w.name, "front wall") for w in own)
    leaf = Panel("front wall door", rectangle(door - 2 * _DOOR_MM, tall - 2 * _DOOR_MM), air=air)
    at = house.on_wall(FRONT)
    return [Piece("front wall", "front wall", at, (panel,), laps=laps),
            Piece(leaf.name, leaf.name, moved_by(at, left + _DOOR_MM, _DOOR_MM), (leaf,)),
            _hinge(min(_HINGE_MM, _HINGE_SHARE * door), left, tall, at, _slit(values)),
            *(piece for w in own for piece in _inset(values, house, w))]


def _hinge(reach: float, left: float, tall: float, at: Placement, slit: bool) -> Piece:
    """The strip of paper the door hangs on: over its left side and the wall's, outside, its crease amid the
    gap, as far onto each as it reaches; with a slit it goes through the wall beside the door, and is glued
    inside."""
    inset = _SLIT_ENDS_MM if slit else _DOOR_MM
    beside = min(reach, _SLIT_MM if slit else _HINGE_SHARE * left)
    high = tall - 2 * inset
    post, leaf = (Panel(f"{_HINGE} {word}", rectangle(wide, high), on=on)
                  for word, wide, on in (("post", beside, "front wall"), ("leaf", reach, "front wall door")))
    panels, folds = [post, leaf], [Fold(EdgeRef(post.name, 1), EdgeRef(leaf.name, 3), 0.0, 1, Crease.VALLEY)]
    if slit:  # amid the slit it has no width but what the wall's thickness gives it
        within = Panel(f"{_HINGE} slit", rectangle(_HAIR_MM, high), layer=-0.5)
        inside = Panel(f"{_HINGE} inside", rectangle(min(reach, left - beside - 1.0), high),
                       under="front wall")
        panels += [within, inside]
        folds += [Fold(EdgeRef(post.name, 3), EdgeRef(within.name, 1), 90.0, 2),
                  Fold(EdgeRef(within.name, 3), EdgeRef(inside.name, 1), 90.0, 2, Crease.VALLEY)]
    return Piece(_HINGE, post.name, moved_by(at, left + _DOOR_MM / 2 - beside, inset), tuple(panels),
                 folds=tuple(folds), part="hinges")


def _slit(values: Values) -> bool:
    return values["hung"] == SLIT


def _slits(values: Values, left: float, tall: float) -> tuple[Slot, ...]:
    """Where the hinge of the door passes through the front."""
    return (Slot(left + _DOOR_MM / 2 - _SLIT_MM, tall / 2, tall - 2 * _SLIT_ENDS_MM, 90.0,
                 through=f"{_HINGE} post"),) if _slit(values) else ()


def _comes_down(values: Values, roof: Roof) -> float:
    """How far the edge of the roof may lie below where it meets the rooms' front, mm: a front no higher comes
    off straight."""
    sine = roof.drop * roof.cosine
    return sum(_of(values, "eaves", "porch")) * sine + (_FRONT_MM + 2 * stairs.THICKEST_MM) * roof.drop


def _swing(values: Values) -> Swing:
    """The door turns on a strip of paper glued over its left side, outside: amid the gap there."""
    tall = float(values["door_height"])
    return Swing("front wall door", "front wall door", (-_DOOR_MM / 2, 0.0), (-_DOOR_MM / 2, tall),
                 -_OPENS_DEG, face=1.0, strip=_HINGE)


def _covered(values: Values, house: Storeys, roof: Roof) -> list[Piece]:
    """The roof, with a skylight in its front board."""
    porch, size = _of(values, "porch", "skylight")
    holes: dict[str, tuple[tuple[Path, ...], tuple[Lap, ...]]] = {}
    insets: list[Piece] = []
    if size > 0:
        x, y = (house.room - size) / 2, (roof.clear - size) / 2
        holes[roof.front] = ((cut_out(x, y, size, size),), (frame_on("skylight", roof.front),))
        at, past = roof.placed(roof.front)
        insets = set_in("skylight", roof.front, moved_by(at, x, y), past, size, size, _frame(values))
    over = porch + roof.eaves
    front: Edge = (Over("front wall", over, 90.0 - roof.slope) if _closed(values) else Inset(-over))
    return [*roof.boards(front, holes), *insets, *roof.cap()]


def _posts(values: Values, house: Storeys, roof: Roof) -> list[Piece]:
    """Posts under the edge of the porch, each of two boards."""
    count, porch = int(values["posts"]), float(values["porch"])
    if not count or porch <= 0:
        return []
    wide = float(values["post"])
    y, made = -(porch - _POST_IN_MM), []
    for number, x in enumerate(evenly(count, house.width, wide), 1):
        name = f"post {number}"
        for layer in range(_POST_BOARDS):
            own = f"{name} layer {layer + 1}" if layer else name
            seams = (Seam(f"{own} on the ground floor", BUTT, EdgeRef(own, 0),
                          LineOn(GROUND, (x + wide, house.depth - y), (x, house.depth - y)), 0.0, 1),
                     Seam(f"{own} at the {roof.front}", ON_TOP, EdgeRef(own, 2),
                          LineOn(roof.front, (x, y / roof.cosine), (x + wide, y / roof.cosine)), 0.0, 1,
                          angle_deg=90.0 - roof.slope))
            laps = (Lap(f"{name} layer 2 on {name}", f"{name} layer 2", name),) if not layer else ()
            panel = Panel(own, rectangle(wide, roof.low + y * roof.drop), layer=layer,
                          stretches=(Stretch(1, 1.0, house.upper),))
            room = min(house.last, int(x / house.room))
            made.append(Piece(own, own, Placement((x, y, 0.0), (1.0, 0.0, 0.0), (0.0, 0.0, 1.0)), (panel,),
                              seams=seams, laps=laps, past=house.past(0, room)))
    return made


def _remarks(values: Values, house: Storeys) -> tuple[tuple[str, str], ...]:
    said = [("cladding", say("the gaps between its strips are what the floors slide into: lay it up with a "
                             "scrap of the floor between, and cut the windows before"))]
    if values["stairs"] != NONE and house.storeys > 1:
        said.append(("stairs", say("each rises {rise} and the thickness of a floor in {steps} steps",
                                   rise=write_both(house.heights[0]), steps=int(values["steps"]))))
    return tuple(said)


def _made(values: Values, house: Storeys) -> tuple[Handwork, ...]:
    stair = tuple(Handwork(f"flight {n + 1}", say(
        "Glue {stair} on the floor it stands on and against the edge of the well above, its lowest step on "
        "the traced line.", stair=flight.name), flight.name, uses=(GROUND if n == 0 else f"floor {n}",),
        before="front wall" if _closed(values) and not _lifts(values) else "",
        glue_mm2=2 * float(values["stair"]) * float(values["going"]))
        for n, flight in enumerate(_stairs(values, house)))
    if not _closed(values):
        return stair
    hung = (f"{_HINGE} post", f"{_HINGE} leaf", "front wall")
    glue = 2 * _HINGE_MM * float(values["door_height"])
    if _slit(values):
        return (*stair, Handwork("door", say(
            "Pass the hinge through its slit and glue it down inside; then glue its other half over the left "
            "side of the door, its crease amid the gap."), "front wall door", When.CLOSED, uses=hung,
            glue_mm2=glue))
    return (*stair, Handwork("door",
                     say("Glue the hinge over the left side of the door and the wall beside it, outside, its "
                             "crease amid the gap; keep glue off the crease."),
                     "front wall door", When.CLOSED, uses=hung, glue_mm2=glue))


def _sound(values: Values) -> None:
    house = _house(values)
    roof, frame = _roof(values, house), _frame(values)
    low = min(house.heights)
    if 0.0 < float(values["ground"]) < _LEAST_HEIGHT_MM:
        raise MeasureError("so low a storey takes nothing", "ground",
                           say("write {least} or more, or 0 for the height of the others",
                               least=write_both(_LEAST_HEIGHT_MM)))
    _windows_sound(values, house, frame, low)
    door, tall, porch = _of(values, "door", "door_height", "porch")
    if (house.rooms > 1 or _closed(values)) and tall > low - _LEFT_MM:
        raise MeasureError("a door so high leaves nothing of the wall above it", "door_height",
                           "make it lower")
    if (house.rooms > 1 and door > house.depth - 3 * _LEFT_MM) or (
            _closed(values) and door > house.room - 2 * _LEFT_MM):
        raise MeasureError("a door so wide leaves nothing of the wall beside it", "door",
                           "make it narrower")
    if values["stairs"] != NONE and house.storeys > 1:
        _stairs_sound(values, house)
    if _closed(values) and roof.slope and _comes_down(values, roof) > roof.knee:
        raise MeasureError("the roof comes down before the front, which could not be lifted off", "knee",
                           say("make it {least} or more, or the roof flatter",
                               least=write_both(_comes_down(values, roof))))
    size = float(values["skylight"])
    if size > 0 and (size > min(house.room, roof.clear) - 2 * frame.border - 2 * _LEFT_MM
                     or least_pane(frame, size, size) < LEAST_PANE_MM):
        raise MeasureError("the roof has no room for such a skylight, or its panes are too small",
                           "skylight", "make it smaller or larger, or leave it out")
    if int(values["posts"]):
        if porch < 2 * _POST_IN_MM:
            raise MeasureError("posts have no room under so shallow a porch", "porch",
                               "make it deeper, or leave the posts out")
        if int(values["posts"]) * (float(values["post"]) + _LEFT_MM) > house.width:
            raise MeasureError("so many posts have no room", "posts", "take fewer, or narrower ones")
        if _lifts(values):
            raise MeasureError("posts stand before the front, which could not be lifted off", "posts",
                               "let the front stay, or leave the posts out")
        if _closed(values) and door > porch - _POST_IN_MM - _FRONT_MM - stairs.THICKEST_MM:
            raise MeasureError("so wide a door strikes the posts as it opens", "porch",
                               say("make it {least} or more, or the door narrower",
                                   least=write_both(door + _POST_IN_MM + _FRONT_MM + stairs.THICKEST_MM)))
        if roof.low - porch * roof.drop < low / 2:
            raise MeasureError("the roof comes down too low over so deep a porch", "porch",
                               "make it shallower, or the roof flatter")


def _windows_sound(values: Values, house: Storeys, frame: Frame, low: float) -> None:
    pane, tall, sill = _of(values, "pane", "window_height", "sill")
    rooms, sides = int(values["windows"]), int(values["side_windows"])
    if not rooms and not sides:
        return
    if sill + tall + frame.border > low - 1.0:
        raise MeasureError("a window so high does not lie within the storey", "window_height",
                           "make it lower, or its sill")
    if sill <= frame.border:
        raise MeasureError("its frame would reach below the floor", "sill", "set it higher")
    for count, across, name in ((rooms, house.room, "windows"), (sides, house.depth, "side_windows")):
        if count and (across - count * pane) / (count + 1) < 2 * frame.border + 1.0:
            raise MeasureError("so many windows have no room beside each other", name,
                               "take fewer, or narrower ones")
    if least_pane(frame, pane, tall) < LEAST_PANE_MM:
        raise MeasureError("so many bars leave no panes", "uprights", "take fewer bars, or larger windows")


def _stairs_sound(values: Values, house: Storeys) -> None:
    wide, head = _of(values, "stair", "head")
    flights = _stairs(values, house)
    for flight in flights:
        if head >= flight.rise:
            raise MeasureError("a storey so low has no such room over its stair", "head",
                               "ask for less, or make the storeys higher")
    run = flights[0].run
    if 2 * wide + run > house.room:
        raise MeasureError("the room is too short for the stair and a landing at each end", "width",
                           say("make it {least} or more, or the stair steeper",
                               least=write_both(2 * wide + run)))
    least = min(f.y for f in flights) - wide - stairs.CLEAR_MM - _LEFT_MM
    if least < _LEFT_MM:
        raise MeasureError("the room is too shallow for its stairs", "depth",
                           say("make it {least} or more, or the stair narrower",
                               least=write_both(house.depth + _LEFT_MM - least)))


_LEAST_HEIGHT_MM = 20.0

RECIPE = Recipe(
    id="house", title="House of walls and floors", family="models",
    purpose="rooms on one to four floors, with windows, stairs, a roof and a front that lifts off",
    also=("house", "cabin", "cottage", "room box", "building", "shop", "miniature", "walls", "floors"),
    measures=(
        Measure("rooms", Kind.COUNT, 1.0, "how many lie side by side on each floor", 1.0, 4.0),
        Measure("width", Kind.LENGTH, 200.0, "of a room, clear", 40.0, 800.0),
        Measure("depth", Kind.LENGTH, 150.0, "of the rooms, clear, from the front to the back", 40.0, 800.0),
        Measure("storeys", Kind.COUNT, 2.0, "how many lie above each other", 1.0, 4.0),
        Measure("height", Kind.LENGTH, 100.0, "clear height of a storey", _LEAST_HEIGHT_MM, 400.0),
        Measure("ground", Kind.LENGTH, 0.0, "clear height of the lowest storey; 0 for the same", 0.0, 400.0,
                label="Lowest"),
        Measure("front", Kind.CHOICE, LIFTED, "whether it can be closed",
                choices=((OPEN, "open"), (LIFTED, "a front that lifts off"), (STAYS, "a front that stays"))),
        Measure("roof", Kind.CHOICE, GABLE, "what lies over it",
                choices=((FLAT, "flat"), (LEAN, "leaning to the front"), (GABLE, "two slopes and a ridge"))),
        Measure("pitch", Kind.ANGLE, 35.0, "of a roof that slopes", 8.0, 50.0),
        Measure("eaves", Kind.LENGTH, 10.0, "how far the roof stands out", 0.0, 60.0),
        Measure("knee", Kind.LENGTH, 12.0, "how far the walls rise over the attic's floor", 9.0, 150.0,
                label="Knee walls"),
        Measure("skylight", Kind.LENGTH, 0.0, "square, in the front slope; 0 for none", 0.0, 200.0),
        Measure("windows", Kind.COUNT, 1.0, "in the back wall of each room, and the front's", 0.0, 4.0),
        Measure("side_windows", Kind.COUNT, 1.0, "in each side wall on every floor", 0.0, 4.0,
                label="Side windows"),
        Measure("pane", Kind.LENGTH, 38.0, "width of a window", 8.0, 200.0, label="Window width"),
        Measure("window_height", Kind.LENGTH, 48.0, "of a window", 8.0, 300.0),
        Measure("sill", Kind.LENGTH, 34.0, "how high the windows lie over the floor", 4.0, 200.0),
        Measure("border", Kind.LENGTH, 4.0, "of the frames, on the wall", 2.0, 20.0, label="Frames"),
        Measure("bar", Kind.LENGTH, 1.5, "how wide the bars of windows are", 1.0, 8.0, label="Bars"),
        Measure("uprights", Kind.COUNT, 1.0, "upright bars in a window", 0.0, 5.0, label="Upright bars"),
        Measure("levels", Kind.COUNT, 2.0, "level bars in a window", 0.0, 5.0, label="Level bars"),
        Measure("door", Kind.LENGTH, 36.0, "clear width of a door", 12.0, 200.0, label="Door width"),
        Measure("hung", Kind.CHOICE, OUTSIDE, "how the door of a front is hung",
                choices=((OUTSIDE, "on a strip outside"), (SLIT, "on a strip through a slit")),
                label="Door hinge"),
        Measure("door_height", Kind.LENGTH, 84.0, "clear height of a door", 14.0, 300.0),
        Measure("stairs", Kind.CHOICE, STRAIGHT, "what leads from floor to floor",
                choices=((NONE, "nothing"), (STRAIGHT, "a straight stair"))),
        Measure("steps", Kind.COUNT, 13.0, "how many rises a flight has, the last onto the floor above",
                3.0, 30.0),
        Measure("going", Kind.LENGTH, 10.0, "depth of a tread", 3.0, 60.0),
        Measure("stair", Kind.LENGTH, 38.0, "width of the stair", 10.0, 200.0, label="Stair width"),
        Measure("layers", Kind.COUNT, 19.0, "how many boards the stair is laid up from", 2.0, 60.0,
                label="Stair boards", stays=True),
        Measure("head", Kind.LENGTH, 80.0, "clear height over each tread", 15.0, 350.0),
        Measure("porch", Kind.LENGTH, 0.0, "how far floor and roof go on before the front", 0.0, 150.0),
        Measure("posts", Kind.COUNT, 0.0, "under the edge of the porch", 0.0, 8.0),
        Measure("post", Kind.LENGTH, 6.0, "width of a post", 4.0, 30.0),
    ),
    draft=draft_house, thinnest=1.0, thickest=stairs.THICKEST_MM, contradictions=_sound,
    gives=("stairs", "posts", "skylight", "windows", "side_windows"), stock="greyboard-20",
    part_stocks=(("cladding", "greyboard-10"), ("floors", "greyboard-20"), ("partitions", "greyboard-20"),
                 ("frames", "card-220"), ("glazing", "acetate-02"), ("treads", "card-220"),
                 ("hinges", "kraft-110")),
    part_calipers=(("cladding", 0.5, 2.0), ("floors", 0.8, stairs.THICKEST_MM),
                   ("partitions", 0.8, stairs.THICKEST_MM), ("frames", 0.15, 0.6), ("glazing", 0.05, 0.5),
                   ("treads", 0.1, 0.6), ("hinges", 0.05, 0.3)),
    human=(("height", "a storey's clear height"), ("door", "a door's width"),
           ("door_height", "a door's height"), ("sill", "a window's sill"), ("going", "a stair's going"),
           ("stair", "a stair's width"), ("head", "the room over a stair")),
)
