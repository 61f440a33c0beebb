"""How large a folded thing is outside."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray

from mingei.core.draft import Role, Round
from mingei.core.flat.pattern import Pattern
from mingei.core.folded.fold import Matrix, Triple, finished, place, stands_finished
from mingei.core.folded.spine import cut_back, reached
from mingei.core.offset import Measured


def outside(patterns: Sequence[Pattern], around: Round | None = None) -> Triple:
    """Size (mm) of the upright box round the folded thick model, all its pieces together.

    Where card is turned right over, the half circle it stands in counts.  around: what the curved walls
    really measure, instead of the facets that stand for them.
    """
    low, high = np.full(3, np.inf), np.full(3, -np.inf)
    for pattern in patterns:
        points, owner, normals = _points(pattern)
        by = np.abs(normals[owner]) * (pattern.stock.caliper_mm / 2)
        least, most = points - by, points + by
        if around is not None:
            facet = np.array([bool(p.whole) and p.role is Role.WALL for p in pattern.panels])[owner]
            for ends in (least, most):
                ends[facet, : 2 if around.poles is None else 3] = np.nan
        bent = reached(pattern)
        low = np.fmin.reduce(np.concatenate([low[None], least, bent]))
        high = np.fmax.reduce(np.concatenate([high[None], most, bent]))
    if around is not None:
        first = patterns[0]
        skin = first.stock.caliper_mm if first.measured is Measured.INSIDE else 0.0
        radius = around.diameter / 2 + around.layers * skin
        low[:2], high[:2] = np.minimum(low[:2], -radius), np.maximum(high[:2], radius)
        if around.poles is not None:
            low[2] = min(low[2], around.poles[0] - around.ends[0] * skin)
            high[2] = max(high[2], around.poles[1] + around.ends[1] * skin)
    size = high - low
    return float(size[0]), float(size[1]), float(size[2])


def _points(pattern: Pattern) -> tuple[Matrix, NDArray[np.intp], Matrix]:
    """The corners of all panels where they stand, the panel of each, and the normals of the panels."""
    at = stands_finished(pattern)
    normals = at.matrices[:, :3, 2]
    loops, spines = cut_back(pattern)
    if not spines:
        return at.points.copy(), at.owner, normals
    posed = finished(pattern)
    placed = [place(posed[p.name], [corner for corner, _ in loops[p.name]]) for p in pattern.panels]
    return np.concatenate(placed), np.repeat(np.arange(len(placed)), [len(each) for each in placed]), normals
