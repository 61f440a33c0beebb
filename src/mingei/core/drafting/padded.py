"""Flat things of any outline, bare or padded: the outline of a seat, a cushion or a base, and the board, pad,
cover and lining made to it."""

from __future__ import annotations

import math
from collections.abc import Mapping

from mingei.core.draft import Lap, Led, Panel, Piece, Placement
from mingei.core.drafting.outlines import LIBRARY, OWN
from mingei.core.plane import contour
from mingei.core.plane.shape import Box, Path, Point, arc_on, bounds, flat_points

RECTANGLE = "rectangle"
SHAPES = (RECTANGLE, "round", "heart", "drop", "arch", "leaf", "house")
#: Wide arcs are drawn as several, none turning further, degrees.
_MOST_DEG = 60.0


def outline_of(name: str, drawn: str, width: float, height: float, corner: float) -> contour.Outline:
    """The outline of a name, mm, its middle in the origin.  drawn: of one's own; height, corner: of a
    rectangle, its radius."""
    if name == RECTANGLE:
        return rounded(width, height, corner)
    shape = contour.read_shape(drawn) if name == OWN else contour.read_shape(LIBRARY[name], ours=True)
    outer = contour.sized_shape(shape, width)[0]
    box = box_of(outer)
    x, y = (box.left + box.right) / 2, (box.bottom + box.top) / 2
    return tuple(k._replace(x=k.x - x, y=k.y - y) for k in outer)


def box_of(outline: contour.Outline) -> Box:
    """The upright rectangle round an outline, its arcs counted."""
    return bounds(flat_points(contour.path(outline)))


def rounded(width: float, height: float, corner: float) -> contour.Outline:
    """A rectangle about the origin with rounded corners, mm."""
    x, y, r = width / 2, height / 2, corner
    if r <= 0.0:
        return tuple(contour.Knot(a, b) for a, b in ((-x, -y), (x, -y), (x, y), (-x, y)))
    found = []
    for (cx, cy), before, after in (((x, -y), (-r, 0.0), (0.0, r)), ((x, y), (0.0, -r), (-r, 0.0)),
                                    ((-x, y), (r, 0.0), (0.0, -r)), ((-x, -y), (0.0, r), (r, 0.0))):
        found += [contour.Knot(cx + before[0], cy + before[1], 90.0),
                  contour.Knot(cx + after[0], cy + after[1])]
    # sides of no length fall away where the radius takes all of them
    kept = [k for k, after in zip(found, (*found[1:], found[0]), strict=True)
            if math.dist(k.at, after.at) > 1e-6]
    return tuple(kept)


def plate(name: str, outline: contour.Outline, *, layer: float = 0.0, on: str = "", under: str = "",
          led: Led | None = None, guides: tuple[Path, ...] = (), holes: tuple[Path, ...] = ()) -> Panel:
    """A panel of that outline.  led: how its edges go on, where it is cloth."""
    runs: list[tuple[Point, float]] = []
    for here, after in zip(outline, (*outline[1:], outline[0]), strict=True):
        count = max(1, math.ceil(abs(here.sweep_deg) / _MOST_DEG - 1e-9))
        at = [here.at]
        if count > 1:
            arc = arc_on(here.at, after.at, here.sweep_deg)
            at += [arc.at(i / count) for i in range(1, count)]
        runs += [(point, here.sweep_deg / count) for point in at]
    return Panel(name, tuple(point for point, _ in runs), layer=layer, on=on, under=under, guides=guides,
                 holes=holes, curves=tuple((i, sweep) for i, (_, sweep) in enumerate(runs) if sweep),
                 edges=tuple((i, led) for i in range(len(runs))) if led else ())


def padded(name: str, outline: contour.Outline, inner: contour.Outline, at: Placement, hem: float, *,
           down: bool = False, layer: float = 0.0, parts: Mapping[str, str]) -> list[Piece]:
    """A board with a pad on it, a cover drawn over both, and a lining over the hem.

    inner: the lining's outline; down: the pad lies on the face away from the printed one; layer: of the
    board; parts: of pad, cover and lining, by those words.
    """
    board, pad, cover, lining = (f"{name} {what}" for what in ("board", "pad", "cover", "lining"))
    above, below = ("under", "on") if down else ("on", "under")
    led = Led((pad,), (board,), hem)
    path = contour.path(outline)
    panels = {
        board: plate(board, outline, layer=layer),
        pad: _lying(pad, outline, above, board),
        cover: _lying(cover, outline, above, pad, led=led, guides=(path,)),
        lining: _lying(lining, inner, below, board),
    }
    laps = {board: (Lap(f"{pad} on {board}", *((board, pad) if down else (pad, board))),
                    Lap(f"{lining} on {board}", *((lining, board) if down else (board, lining)))),
            pad: (Lap(f"{cover} on {pad}", *((pad, cover) if down else (cover, pad)), glued=False),)}
    own = {pad: parts["pad"], cover: parts["cover"], lining: parts["lining"], board: ""}
    return [Piece(what, what, at, (panels[what],), laps=laps.get(what, ()), part=own[what])
            for what in (board, pad, cover, lining)]


def _lying(name: str, outline: contour.Outline, where: str, other: str, led: Led | None = None,
           guides: tuple[Path, ...] = ()) -> Panel:
    if where == "on":
        return plate(name, outline, on=other, led=led, guides=guides)
    return plate(name, outline, under=other, led=led, guides=guides)


def inset(outline: contour.Outline, by: float) -> contour.Outline:
    """The same drawn smaller all round by about so much, mm: scaled about its middle, so that arcs stay
    arcs."""
    box = box_of(outline)
    share = 1.0 - 2 * by / min(box.width, box.height)
    x, y = (box.left + box.right) / 2, (box.bottom + box.top) / 2
    return tuple(k._replace(x=x + (k.x - x) * share, y=y + (k.y - y) * share) for k in outline)
