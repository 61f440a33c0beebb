"""What boards that meet cut out of and trace on each other: footprints, slots for tongues, cuts half way,
lines to cut a slanting side towards.
"""

from __future__ import annotations

import math
from collections.abc import Sequence

from mingei.core.draft import LineOn, Panel, Tongued
from mingei.core.errors import GeometryError
from mingei.core.flat.side import Work, stepped
from mingei.core.offset import SLOT_ENDS_MM, Slab, slot_width
from mingei.core.plane.shape import Line, Path, Segment, polygon_path, signed_area
from mingei.core.tolerance import TOLERANCE
from mingei.core.words import say

#: A board has a tongue for every so many mm of its side (from experience, no published source).
_TONGUE_EACH_MM = 60.0
#: A cut that leans from the square by less than this (cosine) is square to its side.
_SQUARE = 1e-6


def footprint(body: Slab, host: LineOn, play: float = 0.0) -> Path:
    """Where the side of a panel stands on a face of another: as wide as its body and the play, mm."""
    (ax, ay), (bx, by) = host.start, host.end
    length = math.dist(host.start, host.end)
    rx, ry = (by - ay) / length, (ax - bx) / length  # to the right of the line
    near, far = body.inner - play / 2, body.outer + play / 2
    return polygon_path(((ax + rx * near, ay + ry * near), (ax + rx * far, ay + ry * far),
                         (bx + rx * far, by + ry * far), (bx + rx * near, by + ry * near)))


def mortises(body: Slab, host: LineOn, play: float) -> list[Path]:
    """The slots that the tongues of a board pass through, clockwise."""
    (ax, ay), (bx, by) = host.start, host.end
    length = math.dist(host.start, host.end)
    ux, uy = (bx - ax) / length, (by - ay) / length
    found = []
    for low, high in tongues(length):
        low, high = low - SLOT_ENDS_MM / 2, high + SLOT_ENDS_MM / 2
        part = host._replace(start=(ax + ux * low, ay + uy * low), end=(ax + ux * high, ay + uy * high))
        corners = [s.start for s in footprint(body, part, play)]
        if signed_area(corners) > 0.0:
            corners.reverse()
        found.append(polygon_path(tuple(corners)))
    return found


def cut_in(work: Work, line: LineOn, other: Slab) -> None:
    """Cut a board in, from the side its line begins on, to half way, for a body that stands on it."""
    (ax, ay), (bx, by) = line.start, line.end
    length = math.dist(line.start, line.end)
    ux, uy = (bx - ax) / length, (by - ay) / length
    mid, half = other.mid, slot_width(other.thick) / 2
    sx, sy = ax + uy * mid, ay - ux * mid  # amid the body, to the right of the line
    for edge, (p, (ex, ey), far) in enumerate(work.panel.ways):
        along, off = (sx - p[0]) * ex + (sy - p[1]) * ey, (sx - p[0]) * ey - (sy - p[1]) * ex
        if abs(off) < TOLERANCE.edge_match and 0.0 < along < far and abs(ux * ex + uy * ey) < _SQUARE:
            stepped(work, edge, [(along - half, along + half)], -(length + SLOT_ENDS_MM) / 2)
            return
    raise GeometryError("a board is cut in where none of its sides is",
                        say("panel {panel}", panel=work.panel.name))


def tongues(length: float) -> list[tuple[float, float]]:
    """From where to where along a side that is so long tongues stand on it, mm: as long as the gaps between
    them, one for every so many millimetres."""
    count = 2 * max(1, round(length / _TONGUE_EACH_MM)) + 1
    return [(i * length / count, (i + 1) * length / count) for i in range(1, count, 2)]


def tongue_bend(panel: Panel, tongue: Tongued, out: float) -> Path:
    """The line a tongue is bent over along; out: where its side lies, mm from where it was drawn."""
    (x, y), (ux, uy), _ = panel.ways[tongue.side]
    far = out + tongue.bend
    return (Line((x + ux * tongue.low + uy * far, y + uy * tongue.low - ux * far),
                 (x + ux * tongue.high + uy * far, y + uy * tongue.high - ux * far)),)


def slanting(path: Sequence[Segment], bevels: Sequence[tuple[int, float]], thick: float) -> tuple[Path, ...]:
    """How far in the inner face of slanting sides ends, as lines to cut towards."""
    found = []
    for number, angle in bevels:
        (ax, ay), (bx, by) = path[number].start, path[number].end
        far, by_ = math.dist((ax, ay), (bx, by)), thick * math.tan(math.radians(angle))
        ox, oy = (ay - by) / far * by_, (bx - ax) / far * by_
        found.append((Line((ax + ox, ay + oy), (bx + ox, by + oy)),))
    return tuple(found)
