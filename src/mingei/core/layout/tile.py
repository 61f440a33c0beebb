"""Tiling: a piece too large for the sheet is printed over several, which overlap and are laid edge to edge by
marks printed on both.

The piece is cut into windows as large as what margins and marks leave, each overlapping the next by so much;
windows that hold no card are left out.  In the middle of every overlap runs a joining line with two crosses
on it, drawn at the same places of the piece on both sheets. Every tile is trimmed along it to the left and
below, and keeps the strip beyond it to the right and above: the tab it is joined by.
"""

from __future__ import annotations

import math
from collections.abc import Iterable
from itertools import pairwise
from typing import TYPE_CHECKING, NamedTuple

from mingei.core.covering.art import Printed
from mingei.core.flat.pattern import Pattern
from mingei.core.keeping import kept_with
from mingei.core.layout.sheets import Sheet
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Arc, Box, Line, Path, Point, Rigid, Segment, bounds, shifted, turned

if TYPE_CHECKING:
    from shapely.geometry import Polygon as Area

#: Sheets overlap by an inch, or 25 mm (common practice); and the least and most that makes sense, mm.
OVERLAP_MM, LEAST_MM, MOST_MM = 25.0, 5.0, 60.0
#: Where on a joining line its crosses stand, as shares of the window, and how large they are, mm.
_SHARES, _CROSS_MM = (0.2, 0.8), 6.0
#: More sheets for one piece than this are refused.
MOST_TILES = 400


class Tile(NamedTuple):
    """One window of a piece: its place among columns and rows, counted from the lower left; the window, in
    the piece's coordinates turned as it is printed, mm; overlap: mm; used: the places of all windows that
    hold card."""

    column: int
    row: int
    columns: int
    rows: int
    window: Box
    overlap: float
    used: tuple[tuple[int, int], ...]

    @property
    def name(self) -> str:
        """Columns by letter from the left, rows by number from the top: B2."""
        return f"{chr(ord('A') + self.column % 26)}{self.rows - self.row}"


@kept_with
def tiles(pattern: Pattern, space: Box, overlap: float) -> tuple[float, tuple[Tile, ...]]:
    """The turn (0 or 90 degrees) at which a piece takes fewest sheets with so much room, and its windows,
    from the upper left.

    Raises ValueError when it takes more than ``MOST_TILES``.
    """
    found = [(turn, _windows(pattern, turn, space, overlap)) for turn in (0.0, 90.0)]
    turn, windows = min(found, key=lambda f: (len(f[1]), f[0]))
    if len(windows) > MOST_TILES:
        raise ValueError(len(windows))
    return turn, windows


@kept_with
def _card(pattern: Pattern) -> Area:
    """All card of a piece's flat."""
    from shapely import union_all  # slow to load, and only large pieces need it

    return union_all([area_of(p.flat_polygon).buffer(1e-6) for p in pattern.panels])


def _windows(pattern: Pattern, turn_deg: float, space: Box, overlap: float) -> tuple[Tile, ...]:
    from shapely.affinity import affine_transform
    from shapely.geometry import box as rectangle

    turn = turned(turn_deg)
    card = affine_transform(_card(pattern), (turn.cos, -turn.sin, turn.sin, turn.cos, turn.x, turn.y))
    left, bottom, right, top = (float(v) for v in card.bounds)
    columns, rows = (max(1, math.ceil((size - overlap) / (room - overlap) - 1e-9))
                     for size, room in ((right - left, space.width), (top - bottom, space.height)))
    if columns * rows > 4 * MOST_TILES:
        raise ValueError(columns * rows)
    # what is left over is shared out, so that the outer sheets are not nearly empty
    step_x, step_y = space.width - overlap, space.height - overlap
    x0 = left - (columns * step_x + overlap - (right - left)) / 2
    y0 = bottom - (rows * step_y + overlap - (top - bottom)) / 2
    windows = {(column, row): Box(x0 + column * step_x, y0 + row * step_y, x0 + column * step_x + space.width,
                                  y0 + row * step_y + space.height) for row in range(rows)
               for column in range(columns)}
    used = tuple(place for place, w in windows.items()
                 if card.intersection(rectangle(w.left, w.bottom, w.right, w.top)).area > 1e-3)
    return tuple(Tile(column, row, columns, rows, windows[column, row], overlap, used)
                 for column, row in sorted(used, key=lambda p: (-p[1], p[0])))


def joins(tile: Tile) -> tuple[tuple[Line, ...], tuple[Line, ...]]:
    """The joining lines in a tile's overlaps, and the crosses on them, in the coordinates of its window."""
    lines, crosses = [], []
    w, half = tile.window, tile.overlap / 2
    for (dc, dr), x, y in (((-1, 0), w.left + half, None), ((1, 0), w.right - half, None),
                           ((0, -1), None, w.bottom + half),
                           ((0, 1), None, w.top - half)):
        if (tile.column + dc, tile.row + dr) not in tile.used:
            continue
        if x is not None:
            lines.append(Line((x, w.bottom), (x, w.top)))
            middles = [(x, w.bottom + share * w.height) for share in _SHARES]
        else:
            assert y is not None
            lines.append(Line((w.left, y), (w.right, y)))
            middles = [(w.left + share * w.width, y) for share in _SHARES]
        r = _CROSS_MM / 2
        for mx, my in middles:
            crosses += [Line((mx - r, my), (mx + r, my)), Line((mx, my - r), (mx, my + r))]
    return tuple(lines), tuple(crosses)


#: On these sides a tile is trimmed, and lies on its neighbours; on those it keeps its strip, half the overlap
#: wide, beneath them.
TRIMMED, KEPT = ("left", "below"), ("right", "above")


def neighbours(tile: Tile) -> dict[str, str]:
    """The names of the tiles it joins, by side."""
    found = {}
    for side, (dc, dr) in {"left": (-1, 0), "right": (1, 0), "below": (0, -1), "above": (0, 1)}.items():
        if (tile.column + dc, tile.row + dr) in tile.used:
            found[side] = tile._replace(column=tile.column + dc, row=tile.row + dr).name
    return found


# -- cutting off at a window ---------------------------------------------------------------------------------


def cut_off(path: Path, window: Box) -> tuple[Path, ...]:
    """The parts of a path inside a window, arcs as arcs; what runs on is kept together."""
    runs: list[list[Segment]] = []
    for segment in path:
        for begin, end in _inside(segment, window):
            part = _part(segment, begin, end)
            if runs and math.dist(runs[-1][-1].end, part.start) < 1e-6:
                runs[-1].append(part)
            else:
                runs.append([part])
    if len(runs) > 1 and math.dist(runs[-1][-1].end, runs[0][0].start) < 1e-6:
        runs[0] = runs.pop() + runs[0]
    return tuple(tuple(run) for run in runs)


def _inside(segment: Segment, w: Box) -> list[tuple[float, float]]:
    """The shares of a segment, from and to, that lie in a window."""
    at = sorted({0.0, 1.0, *(s for s in _crossings(segment, w) if 0.0 < s < 1.0)})
    found: list[tuple[float, float]] = []
    for a, b in pairwise(at):
        x, y = _point(segment, (a + b) / 2)
        if w.left <= x <= w.right and w.bottom <= y <= w.top:
            if found and found[-1][1] == a:
                found[-1] = (found[-1][0], b)
            else:
                found.append((a, b))
    return found


def _crossings(segment: Segment, w: Box) -> Iterable[float]:
    """At which shares of it a segment meets the four lines a window lies between (plane geometry of line and
    circle)."""
    for axis, level in ((0, w.left), (0, w.right), (1, w.bottom), (1, w.top)):
        if isinstance(segment, Arc):
            cosine = (level - segment.centre[axis]) / segment.radius
            if abs(cosine) < 1.0:
                angle = math.degrees(math.acos(cosine) if axis == 0 else math.asin(cosine))
                way = math.copysign(1.0, segment.sweep_deg)
                for met in (angle, -angle) if axis == 0 else (angle, 180.0 - angle):
                    yield ((way * (met - segment.start_deg)) % 360.0) / abs(segment.sweep_deg)
        else:
            a, b = segment.start[axis], segment.end[axis]
            if (a < level) != (b < level):
                yield (level - a) / (b - a)


def _point(segment: Segment, share: float) -> Point:
    if isinstance(segment, Arc):
        return segment.at(share)
    (ax, ay), (bx, by) = segment
    return ax + (bx - ax) * share, ay + (by - ay) * share


def _part(segment: Segment, begin: float, end: float) -> Segment:
    if isinstance(segment, Arc):
        return segment._replace(start_deg=segment.start_deg + segment.sweep_deg * begin,
                                sweep_deg=segment.sweep_deg * (end - begin))
    return Line(_point(segment, begin), _point(segment, end))


def printed_within(printed: Printed, window: Box) -> Printed:
    """Artwork cut off at a window too."""
    from shapely.geometry import box as rectangle

    around = [bounds(f.corners) for f in printed.frames]
    frames = tuple(f for f, box in zip(printed.frames, around, strict=True) if box.meets(window))
    return printed._replace(frames=frames).cut_off(rectangle(window.left, window.bottom, window.right,
                                                             window.top))


def onto_sheet(tile: Tile, turn_deg: float, space: Box) -> Rigid:
    """From the piece's flat to the sheet, so that the window fills the room."""
    return turned(turn_deg).then(shifted(space.left - tile.window.left, space.bottom - tile.window.bottom))


def map_of(tile: Tile, sheet: Sheet) -> tuple[tuple[Line, ...], Box]:
    """A little map of the tiles, at the right of the key: the lines round every tile that is used, and the
    rectangle of this one."""
    size = min(4.0, 40.0 / tile.columns, 7.0 / tile.rows)
    left, bottom = sheet.width - sheet.margin - tile.columns * size, sheet.margin + 4.6
    lines: list[Line] = []
    for column, row in tile.used:
        x, y = left + column * size, bottom + row * size
        corners = [(x, y), (x + size, y), (x + size, y + size), (x, y + size)]
        lines += [Line(a, b) for a, b in zip(corners, (*corners[1:], corners[0]), strict=True)]
    x, y = left + tile.column * size, bottom + tile.row * size
    return tuple(lines), Box(x, y, x + size, y + size)
