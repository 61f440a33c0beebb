"""Boards behind a large figure: how many, where they lie, and how far their seams keep from those of the
sheets glued on them."""

from __future__ import annotations

from mingei.core.draft import Backed
from mingei.core.flat.pattern import Pattern
from mingei.core.layout.place import room
from mingei.core.layout.sheets import Sheet
from mingei.core.layout.tile import tiles
from mingei.core.picture.boards import Backing, fewest
from mingei.core.plane.shape import Box


def backing_of(pattern: Pattern, backed: Backed, sheet: Sheet) -> Backing:
    """The fewest boards behind a piece of one panel, in its own coordinates.  sheet: what it is printed on,
    tiled where it is larger."""
    panel = pattern.by_name[backed.panel]
    across, up = _seams(pattern, sheet)
    return fewest(panel.face or panel.polygon, backed.wide, backed.high, True, across, up)


def _seams(pattern: Pattern, sheet: Sheet) -> tuple[tuple[float, ...], tuple[float, ...]]:
    """Where the sheets it is printed on are joined, amid their overlap: upright seams by how far they lie
    from the left, level ones by how far up, mm."""
    space = room(sheet)
    box = pattern.box
    fits = any(box.width <= w and box.height <= h for w, h in ((space.width, space.height),
                                                               (space.height, space.width)))
    if fits or not sheet.tile_mm:
        return (), ()
    try:
        turn, windows = tiles(pattern, space, sheet.tile_mm)
    except ValueError:  # far too many sheets
        return (), ()
    half = sheet.tile_mm / 2
    across = tuple(sorted({w.window.left + half for w in windows if w.column}))
    up = tuple(sorted({w.window.bottom + half for w in windows if w.row}))
    if turn == 0.0:
        return across, up
    # turned by a quarter, the flat's x runs up the sheet, and its y to the left
    return up, tuple(sorted(-x for x in across))


def window(backing: Backing) -> Box:
    """The rectangle round all boards."""
    return Box(min(b[0] for b in backing.boards), min(b[1] for b in backing.boards),
               max(b[2] for b in backing.boards), max(b[3] for b in backing.boards))
