"""Space in cells: which of them card takes, and which a way leads to from outside."""

from __future__ import annotations

import math
from collections.abc import Iterable
from typing import Any

import numpy as np
from numpy.typing import NDArray

from mingei.core.flat.pattern import Pattern
from mingei.core.plane.shape import bounds

#: Cells are so wide (mm) at least and at most: a passage of one cell lets a stick through, and so does card
#: that bends. So many cells along the longest side.
_LEAST_MM, _MOST_MM, _CELLS = 1.5, 4.0, 56
#: So few cells cut off by themselves are what cells leave of a wedge, no room.
_POCKET = 64
#: A hand comes to so many cells off a face.
DEEP = (1.0, 1.6, 2.2)
Cells = NDArray[np.bool_]


def cell_for(patterns: Iterable[Pattern]) -> float:
    """How wide the cells are for some pieces, mm."""
    sizes = [p.box for p in patterns]
    return max(_LEAST_MM, min(_MOST_MM, max(max(b.width, b.height) for b in sizes) / 2 / _CELLS))


def free_cells(bodies: Iterable[tuple[Pattern, Any]],
               cell: float) -> tuple[Cells, Cells, NDArray[np.float64]]:
    """The cells a way leads to from outside, those card lies in, and the lower corner of them all, mm."""
    from scipy.ndimage import label
    from shapely import contains_xy

    from mingei.core.plane.area import area_of

    clouds = []
    for pattern, posed in bodies:
        for panel in pattern.panels:
            box = bounds(panel.polygon)
            step = cell * 0.55
            xs = np.arange(box.left, box.right + step, step)
            ys = np.arange(box.bottom, box.top + step, step)
            x, y = (a.ravel() for a in np.meshgrid(xs, ys))
            holes = (*panel.hole_polygons, *panel.gaps)
            inside = contains_xy(area_of(panel.polygon, tuple(h for h in holes if len(h) > 2)), x, y)
            outline = np.array(panel.polygon)
            flat = np.concatenate([np.stack([x[inside], y[inside]], axis=1), outline])
            matrix = posed[panel.name]
            clouds.append(flat @ matrix[:3, :2].T + matrix[:3, 3])
    points = np.concatenate(clouds)
    low = points.min(axis=0) - 3 * cell
    shape = tuple(math.ceil(v) for v in (points.max(axis=0) + 3 * cell - low) / cell)
    taken = np.zeros(shape, dtype=bool)
    index = np.floor((points - low) / cell).astype(int)
    taken[tuple(index.T)] = True
    parts, _ = label(~taken)
    free: Cells = parts == parts[0, 0, 0]
    pocket = np.bincount(parts.ravel()) < _POCKET
    return free, taken | pocket[parts], low


def any_of(cells: Cells, index: NDArray[np.int_]) -> bool:
    """Whether one of these cells is."""
    inside = ((index >= 0) & (index < cells.shape)).all(axis=1)
    return bool(cells[tuple(index[inside].T)].any())
