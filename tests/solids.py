"""A folded thing as solid card, by a general library of solids: which two solid parts share card.

Knows of a thing only what was cut, where each panel stands and how thick it is; nothing of layers, seams or
what was intended.  Every panel is a slab, a hair thinner and narrower than it is, so that what only touches
does not count.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from typing import NamedTuple

import manifold3d
import numpy as np
from numpy.typing import NDArray

from mingei.core.document.build import Build
from mingei.core.flat.pattern import FlatPanel, Pattern
from mingei.core.folded.fold import finished
from mingei.core.plane.shape import flat_points

#: Taken off each face and off each side of a panel, mm.
HAIR_MM = 0.02

Array = NDArray[np.float64]


class Slab(NamedTuple):
    """One solid panel in the whole: its piece, its name, the solid, and the box round it (2, 3), mm."""

    pattern: Pattern
    panel: FlatPanel
    solid: manifold3d.Manifold
    box: Array


class Shared(NamedTuple):
    """Two parts that share card: so much (mm3), the least measure across of what they share (mm)."""

    a: str
    b: str
    volume: float
    across: float


def slab(pattern: Pattern, panel: FlatPanel, matrix: Array) -> Slab:
    """A panel as it stands.  matrix: from its own coordinates to the whole."""
    half = pattern.stock.caliper_mm / 2
    hair = min(HAIR_MM, half / 4)
    outer = panel.polygon if panel.bevels else panel.standing
    loops = [np.array(outer), *(np.array(h) for h in (*panel.hole_polygons, *panel.gaps))]
    area = manifold3d.CrossSection(loops,
                                   manifold3d.FillRule.Positive).offset(-hair, manifold3d.JoinType.Miter)
    height = 2 * (half - hair)
    solid = area.extrude(height).translate((0.0, 0.0, -height / 2))
    for number, angle in panel.bevels:  # a plane through the outer rim, slanting inwards below it
        (ax, ay), (bx, by) = panel.path[number].start, panel.path[number].end
        inward = np.array((ay - by, bx - ax)) / np.hypot(bx - ax, by - ay)
        way = np.array((*inward, np.tan(np.radians(angle))))
        way /= np.linalg.norm(way)
        solid = solid.trim_by_plane(tuple(way), float(way @ (ax, ay, half)) + hair)
    for groove in panel.grooves:  # a channel is cut a hair wider and deeper, as all else is a hair smaller
        ring = [manifold3d.CrossSection([np.array(flat_points(groove.path)[:-1])],
                                        manifold3d.FillRule.NonZero)]
        channel = ring[0].offset(hair, manifold3d.JoinType.Miter).extrude(2 * half)
        below = -3 * half + groove.depth_mm + hair if groove.inside else half - groove.depth_mm - hair
        solid -= channel.translate((0.0, 0.0, below))
    solid = solid.transform(matrix[:3])
    box = solid.bounding_box()
    return Slab(pattern, panel, solid, np.array((box[:3], box[3:])))


def slabs(patterns: Iterable[Pattern]) -> list[Slab]:
    """Every panel of every piece, folded."""
    return [slab(p, panel, finished(p)[panel.name]) for p in patterns for panel in p.panels]


def _joined(patterns: Sequence[Pattern]) -> set[frozenset[tuple[str, str]]]:
    """Pairs joined by a fold, whose slabs meet in the crease."""
    return {frozenset(((p.name, f.parent), (p.name, f.child))) for p in patterns for f in p.folds}


def shared(made: Build, least_mm: float = 0.0,
           moved: Sequence[tuple[float, float, float]] = ((0.0, 0.0, 0.0),),
           moving: Iterable[str] = ()) -> list[Shared]:
    """All pairs of panels that share card, across all pieces.

    moved: ways (mm) the pieces named in ``moving`` are moved by, one after the other; only pairs of one that
    moves and one that rests are looked at then.  least_mm: what they share must be so much across to count.
    """
    every = slabs(made.patterns)
    names = set(moving)
    joined = _joined(made.patterns)
    lows, highs = np.array([s.box[0] for s in every]), np.array([s.box[1] for s in every])
    goes = np.array([s.pattern.name in names or (s.pattern.rides is not None
                                                 and s.pattern.rides.host.name in names) for s in every])
    found: dict[tuple[str, str], Shared] = {}
    for way in moved:
        off = np.where(goes[:, None], np.array(way), 0.0)
        low, high = lows + off, highs + off
        near = (low[:, None] < high[None]).all(axis=2) & (low[None] < high[:, None]).all(axis=2)
        if names:
            near &= goes[:, None] != goes[None]
        for i, j in zip(*np.nonzero(np.triu(near, 1)), strict=True):
            a, b = every[i], every[j]
            if frozenset(((a.pattern.name, a.panel.name), (b.pattern.name, b.panel.name))) in joined:
                continue
            common = a.solid.translate(tuple(off[i])) ^ b.solid.translate(tuple(off[j]))
            volume = common.volume()
            if volume <= 0.0:
                continue
            across = _across(common)
            if across > least_mm:
                key = (f"{a.pattern.name}/{a.panel.name}", f"{b.pattern.name}/{b.panel.name}")
                if key not in found or volume > found[key].volume:
                    found[key] = Shared(*key, volume, across)
    return sorted(found.values(), key=lambda s: -s.volume)


def _across(common: manifold3d.Manifold) -> float:
    """The least measure of a solid along its own main directions, mm."""
    points = np.asarray(common.to_mesh().vert_properties)[:, :3].astype(float)
    middle = points - points.mean(axis=0)
    _, _, ways = np.linalg.svd(middle, full_matrices=False)
    along = middle @ ways.T
    return float((along.max(axis=0) - along.min(axis=0)).min())
