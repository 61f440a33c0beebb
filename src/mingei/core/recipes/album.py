"""A cover of boards in a wrap, for an album or a folio: two boards and a spine on a sheet with gaps between
them, its edges turned in, linings over them, papers outside.

It is drawn as it is made: lying open, its inner faces up.  The wrap is cut flat; what it is turned in by is
measured on the flat from the edge of the boards.  How high a stack it closes on follows from the spine, the
gaps and the thickness of the boards, which a check knows (``Spine``).
"""

from __future__ import annotations

import math

from mingei.core.draft import (
    Bought,
    Dimension,
    Draft,
    EdgeRef,
    Fold,
    Handwork,
    Lap,
    Panel,
    Past,
    Piece,
    Placement,
    Role,
    Spine,
    When,
    Within,
)
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.plane.shape import Path, Point, Polygon, hole_path, polygon_path, rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

NONE, RIBBON, ELASTIC = "none", "ribbon", "elastic"
POCKET = "pocket"
#: Eyelets at the middle of the fore-edge: their diameter, and how far in their middles lie, mm.
_EYELET_MM, _EYELET_IN_MM = 5.0, 10.0
#: The least that is left of a turned-in edge, mm (from experience).
_LEAST_TURN_MM = 6.0
#: How much wider than its tag a pocket is, how much lower, and how wide the edges it is glued by are, mm:
#: 5/8, 1 3/8 and 1/2 in (common practice).
_WIDER_MM, _LOWER_MM, _POCKET_EDGE_MM = 15.875, 34.925, 12.7
#: The pocket lies so far above the lining's lower edge, mm.
_POCKET_UP_MM = 5.0
#: A tag's corners are cut off by so much, and its hole is so wide, mm.
_TAG_CUT_MM, _TAG_HOLE_MM = 8.0, 5.0
#: What an elastic's knot takes, mm (from experience).
_KNOT_MM = 30.0


def _across(values: Values) -> tuple[float, float, float]:
    """Where the front board, the spine and the back board begin on the wrap from its left edge, mm."""
    turn, board, gap, spine = (float(values[k]) for k in ("turn", "width", "gap", "spine"))
    return turn, turn + board + gap, turn + board + 2 * gap + spine


#: The three edges of a pocket are glued in all over so much, mm2 (from experience).
_POCKET_GLUE_MM2 = 2000.0


def wrap_size(values: Values) -> tuple[float, float]:
    """Width and height of the wrap as it is cut, mm."""
    turn, board, gap, spine = (float(values[k]) for k in ("turn", "width", "gap", "spine"))
    return 2 * turn + 2 * board + 2 * gap + spine, 2 * turn + float(values["height"])


def _cut_corners(width: float, height: float, turn: float, clear: float) -> Polygon:
    """The wrap's outline: each corner cut square to its diagonal, so far clear of the board's corner."""
    leg = 2 * turn - clear * math.sqrt(2)
    return ((leg, 0.0), (width - leg, 0.0), (width, leg), (width, height - leg), (width - leg, height),
            (leg, height), (0.0, height - leg), (0.0, leg))


def _lies(left: float, height: float, down: float = 0.0) -> Placement:
    """Printed face down, its upper left corner so far from that of the whole."""
    return Placement((left, height - down, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))


def draft_album(values: Values) -> Draft:
    """width, height: of a board, mm; spine, gap, turn: mm; corner: how far clear the wrap's corners are cut,
    mm; lining, border: how far linings and outer papers keep inside the boards, mm; closing; stack: how high
    what lies in it is, mm."""
    board, tall, spine, turn = (float(values[k]) for k in ("width", "height", "spine", "turn"))
    wide, high = wrap_size(values)
    front, middle, back = _across(values)
    places = {"front board": (front, board), "spine board": (middle, spine), "back board": (back, board)}
    wrap = Panel("wrap", _cut_corners(wide, high, turn, float(values["corner"])),
                 guides=tuple(_guide(left, turn, across, tall) for left, across in places.values()),
                 hinges=_hinges(values, high))
    papers = _papers(values, places, high)
    laps = tuple(Lap(f"{p.name} on wrap", p.name, "wrap") for p in papers)
    pieces = []
    for name, (left, across) in places.items():
        holes: tuple[Path, ...] = ()
        if values["closing"] == RIBBON and name != "spine board":
            x = _EYELET_IN_MM if name == "front board" else across - _EYELET_IN_MM
            holes = (hole_path(_EYELET_MM, (x, tall / 2)),)
        pieces.append(Piece(name, name, _lies(left, high, turn),
                            (Panel(name, rectangle(across, tall), under="wrap", holes=holes),),
                            laps=(Lap(f"wrap on {name}", "wrap", name),)))
    # in the order they are glued: boards on the wrap, linings, papers
    pieces += [*_linings(values, places, high),
               Piece("wrap", "wrap", _lies(0.0, high), (wrap,), laps=laps, part="wrap", under_all=True),
               *papers]
    bought, handwork = _closing(values), _made(values)
    if values["pocket"] == POCKET:
        pieces += _pocket(values, places["back board"], high)
        handwork = (*handwork,
                    Handwork("pocket", say("Glue the pocket by its three edges onto the back lining, "
                                                      "its mouth to the top, and slip the tag in."),
                                        "pocket", When.CLOSED, uses=("back lining", "tag"),
                                        glue_mm2=_POCKET_GLUE_MM2))
    shown = (Dimension("width", EdgeRef("front board", 0)), Dimension("height", EdgeRef("front board", 1)),
             Dimension("spine", EdgeRef("spine board", 0)))
    said = say(
        "cut the wrap {width} by {height}; leave its upper edge longer and trim it when the boards lie",
               width=write_both(wide), height=write_both(high))
    around = say("turn the wrap in {turn} all round; leave gaps of {gap} between the boards",
                 turn=write_both(turn), gap=write_both(float(values["gap"])))
    return Draft(tuple(pieces), closes=False, dimensions=shown,
                 remarks=(("wrap", said), ("boards", around)), bought=bought, handwork=handwork,
                 spine=Spine("spine board", spine, float(values["gap"]), float(values["stack"])))


def _guide(left: float, down: float, across: float, tall: float) -> Path:
    """Where a board lands."""
    corners: tuple[Point, ...] = ((left, down), (left + across, down), (left + across, down + tall),
                                  (left, down + tall))
    return polygon_path(corners)


def _linings(values: Values, places: dict[str, tuple[float, float]], high: float) -> list[Piece]:
    """A sheet on the inside of each cover board, over the turned-in edges."""
    keep, turn, tall = (float(values[k]) for k in ("lining", "turn", "height"))
    found = []
    for name in ("front board", "back board"):
        left, across = places[name]
        own = name.replace("board", "lining")
        found.append(Piece(own, own, _lies(left + keep, high, turn + keep),
                           (Panel(own, rectangle(across - 2 * keep, tall - 2 * keep), under=name),),
                           laps=(Lap(f"{name} on {own}", name, own),), part="linings"))
    return found


def _papers(values: Values, places: dict[str, tuple[float, float]], high: float) -> list[Piece]:
    """A sheet with an even border on the outside of each board."""
    border, turn, tall = (float(values[k]) for k in ("border", "turn", "height"))
    found = []
    if border > 0:
        for name, (left, across) in places.items():
            own = name.replace("board", "paper")
            found.append(Piece(own, own, _lies(left + border, high, turn + border),
                               (Panel(own, rectangle(across - 2 * border, tall - 2 * border), on="wrap"),),
                               part="papers"))
    return found


def _hinges(values: Values, high: float) -> tuple[tuple[Point, Point], ...]:
    """Where the wrap bends: in the gaps beside the spine."""
    gap = float(values["gap"])
    _, spine, back = _across(values)
    return tuple(((x, 0.0), (x, high)) for edge in (spine - gap, back - gap)
                 for x in (edge, edge + gap / 2, edge + gap))


def pocket_size(values: Values) -> tuple[float, float]:
    """Width and height of the pocket's face, mm."""
    return float(values["tag_width"]) + _WIDER_MM, float(values["tag_height"]) - _LOWER_MM


def _pocket(values: Values, place: tuple[float, float], high: float) -> list[Piece]:
    """A pocket amid the lower half of the back lining, its edges turned behind it, and the tag for it.

    It is seen from inside, printed face up, and lies above board and lining.
    """
    wide, tall = pocket_size(values)
    left, across = place
    edge = _POCKET_EDGE_MM
    x = left + (across - wide) / 2
    y = float(values["turn"]) + float(values["lining"]) + _POCKET_UP_MM
    on = Placement((x, y, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
    past = Past((0.0, 0.0, 1.0), ("back board", "back lining", "pocket left edge"))
    lean = edge + 0.3  # mitred, so that they lie side by side
    panels = [Panel("pocket", rectangle(wide, tall))]
    folds = []
    for side, number, span in (("bottom", 0, wide), ("right", 1, tall), ("left", 3, tall)):
        name = f"pocket {side} edge"
        panels.append(Panel(name, ((0.0, 0.0), (span, 0.0), (span - lean, edge), (lean, edge)),
                            role=Role.FLAP, edges=((1, Within()), (3, Within()))))
        folds.append(Fold(EdgeRef("pocket", number), EdgeRef(name, 0), 180.0, 1))
    tag_wide, tag_tall = float(values["tag_width"]), float(values["tag_height"])
    cut = _TAG_CUT_MM
    shape = ((0.0, 0.0), (tag_wide, 0.0), (tag_wide, tag_tall - cut), (tag_wide - cut, tag_tall),
             (cut, tag_tall), (0.0, tag_tall - cut))
    tag = Panel("tag", shape, holes=(hole_path(_TAG_HOLE_MM, (tag_wide / 2, tag_tall - 1.5 * cut)),))
    lies = Placement((x + (wide - tag_wide) / 2, y + edge / 2, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
    return [Piece("pocket", "pocket", on, tuple(panels), folds=tuple(folds), part="pocket", past=(past,)),
            Piece("tag", "tag", lies, (tag,), part="pocket",
                  past=(past._replace(panels=(*past.panels, "pocket")),))]


def _closing(values: Values) -> tuple[Bought, ...]:
    tall, stack = float(values["height"]), float(values["stack"])
    if values["closing"] == RIBBON:
        return (Bought("eyelet", 2,
                       say("Punch through wrap and linings at the holes of the boards, and set the "
                                        "eyelets."), "front board", size=write_both(_EYELET_MM),
                       when=When.CLOSED),
                Bought("ribbon", 2, say("Draw a ribbon through each eyelet and knot it inside."),
                       "front board",
                       6 * stack + 200.0, when=When.CLOSED))
    if values["closing"] == ELASTIC:
        return (Bought("elastic", 1,
                       say("Knot the elastic round the back board, so that it lies round the closed "
                                         "album without pulling."), "back board",
                       2 * (tall + stack) + _KNOT_MM, when=When.CLOSED),)
    return ()


def _made(values: Values) -> tuple[Handwork, ...]:
    """What the wrap asks for between gluing and lining."""
    return (Handwork("turned in",
                     say("Push the corners in, then turn in and rub down the long edges from the "
                                      "middle to the ends, then the short ones."), "wrap",
                     why=say("the linings cover what is turned in"), before="front lining",
                     uses=("front board", "back board"), glue_mm2=float(values["turn"]) * 2 * (
                         2 * float(values["width"]) + float(values["height"]))),)


def _sound(values: Values) -> None:
    board, tall, spine, turn, corner = (float(values[k])
                                        for k in ("width", "height", "spine", "turn", "corner"))
    if turn > min(board, tall) / 2:
        raise MeasureError("so wide an edge meets the one opposite", "turn", "turn in less")
    if 2 * turn - corner * math.sqrt(2) < 0.5:
        raise MeasureError("cut so far off, the corner is not cut at all", "corner",
                           "cut nearer to the boards")
    for name, least in (("lining", turn), ("border", math.inf)):
        keep = float(values[name])
        if keep >= least - _LEAST_TURN_MM / 3:
            raise MeasureError("the linings would not cover the edges turned in", name,
                               "set them back less, or turn in more")
        if 2 * keep > 0.8 * min(board, tall, spine if name == "border" else board):
            raise MeasureError("so wide a border leaves nothing of the paper", name, "make it narrower")
    if values["pocket"] == POCKET:
        wide, high = pocket_size(values)
        room = board - 2 * float(values["lining"]) - 2.0, tall - 2 * float(values["lining"]) - _POCKET_UP_MM
        if high < 2.5 * _POCKET_EDGE_MM or wide > room[0] or max(
                high, float(values["tag_height"]) + _POCKET_EDGE_MM / 2) > room[1]:
            raise MeasureError("a pocket for such a tag does not lie on the lining", "tag_height",
                               say("make the tag {least} to {most} high, or leave the pocket out",
                                   least=write_both(_LOWER_MM + 2.5 * _POCKET_EDGE_MM),
                                   most=write_both(max(0.0, room[1] - _POCKET_EDGE_MM))))
    if values["closing"] == RIBBON and board < 4 * _EYELET_IN_MM:
        raise MeasureError("so narrow a board has no room for eyelets", "closing",
                           "close it another way, or make it wider")


RECIPE = Recipe(
    id="album", title="Album cover", family="models",
    purpose="two boards and a spine in a wrap, with linings, for an album, a folio or a book",
    also=("folio", "book", "portfolio", "journal", "case", "chart folio", "scrapbook"),
    measures=(
        Measure("width", Kind.LENGTH, 165.1, "of a board", 40.0, 400.0),
        Measure("height", Kind.LENGTH, 215.9, "of a board", 40.0, 500.0),
        Measure("spine", Kind.LENGTH, 31.75, "width of the spine's board", 6.0, 120.0),
        Measure("gap", Kind.LENGTH, 6.35, "between each board and the spine", 3.0, 20.0),
        Measure("turn", Kind.LENGTH, 19.05, "of the wrap, turned in over each edge", 8.0, 40.0,
                label="Turn-in"),
        Measure("corner", Kind.LENGTH, 3.0, "how far clear of the boards' corners the wrap is cut: 1.5 times "
                "their thickness", 0.5, 12.0, label="Corners clear", stays=True),
        Measure("lining", Kind.LENGTH, 3.0, "how far the linings are set back from the boards' edges", 1.0,
                15.0,
                label="Lining set back", stays=True),
        Measure("border", Kind.LENGTH, 3.175, "left round the papers outside; 0 for no papers", 0.0, 20.0,
                stays=True),
        Measure("stack", Kind.LENGTH, 30.0, "how high what lies in it is", 1.0, 150.0),
        Measure("closing", Kind.CHOICE, RIBBON, "what keeps it shut",
                choices=((NONE, "nothing"), (RIBBON, "ribbons through eyelets"), (ELASTIC, "an elastic"))),
        Measure("pocket", Kind.CHOICE, NONE, "on the lining of the back board",
                choices=((NONE, "nothing"), (POCKET, "a pocket with a tag"))),
        Measure("tag_width", Kind.LENGTH, 82.55, "of the tag in the pocket", 25.0, 250.0, label="Tag width"),
        Measure("tag_height", Kind.LENGTH, 133.35, "of the tag in the pocket", 60.0, 400.0,
                label="Tag height"),
    ),
    draft=draft_album, thinnest=0.5, thickest=4.0, contradictions=_sound,
    gives=("pocket", "corner", "lining", "border", "closing", "turn"), stock="greyboard-20",
    part_stocks=(("wrap", "kraft-110"), ("linings", "copy-80"), ("papers", "copy-80"),
                 ("pocket", "card-160")),
    part_calipers=(("pocket", 0.1, 0.5),),
)
