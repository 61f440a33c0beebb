"""What moves in a finished thing: doors on their pins, lids and drawers along their way."""

from __future__ import annotations

from collections.abc import Mapping, Sequence

import numpy as np
from numpy.typing import NDArray

from mingei.core.draft import Slide, Swing
from mingei.core.flat.pattern import Pattern
from mingei.core.folded.fold import edge_as_cut, finished
from mingei.core.offset import FLAT_DEG
from mingei.core.plane.shape import Point
from mingei.core.plane.space import turn_about

Array = NDArray[np.float64]


def turned(pattern: Pattern, swing: Swing, angle_deg: float) -> Array:
    """The motion (4, 4) of what turns, so far.  pattern: the piece of the panel its line is told in."""
    matrix = finished(pattern)[swing.panel]
    ends: tuple[Point, Point] = swing.start, swing.end
    if swing.as_cut:
        panel = pattern.by_name[swing.panel]
        ends = edge_as_cut(panel, (panel.frame.apply(swing.start), panel.frame.apply(swing.end)))
    level = swing.face * pattern.stock.caliper_mm / 2
    start, end = (matrix @ np.array((*p, level, 1.0)) for p in ends)
    if swing.square:
        end = start + np.array((*matrix[:3, 2], 0.0))
    return turn_about(start[:3], end[:3], angle_deg)


def opened(patterns: Sequence[Pattern], swings: Sequence[Swing], share: float) -> Mapping[str, float]:
    """Of each strip that hinges something how far its fold is still folded (1 shut .. 0 laid out), or of one
    that is laid out when shut how far it has folded (1 shut .. 2 right over), with all open by a share."""
    by_name = {p.name: p for p in patterns}
    found = {}
    for swing in swings:
        if swing.strip in by_name and by_name[swing.strip].folds:
            turn = abs(by_name[swing.strip].folds[0].angle_deg)
            gone = abs(swing.most_deg) * share
            found[swing.strip] = max(0.0, 1.0 - gone / turn) if turn else 1.0 + gone / FLAT_DEG
    return found


def host_of(patterns: Sequence[Pattern], swing: Swing) -> Pattern | None:
    """The piece of the panel that what turns is told in."""
    return next((p for p in patterns if swing.panel in p.by_name and p.rides is None), None)


def goes_with(name: str, piece: str) -> bool:
    """Whether a piece moves with another: it bears its name, and says what of it it is."""
    return name == piece or name.startswith(f"{piece} ")


def motions(patterns: Sequence[Pattern], swings: Sequence[Swing], slides: Sequence[Slide],
            share: float) -> Mapping[str, Array]:
    """Of each piece that moves its motion (4, 4), with all of them open by a share (0 shut .. 1 open).  What
    slides goes to its stop, or as far as it is long along its way, and no less than half of what it is
    across; what turns in it goes with it."""
    by_name = {p.name: p for p in patterns}
    found = {name: turned(host, s, s.most_deg * share) for s in swings
             for host in (host_of(patterns, s),) if host is not None
             for name in by_name if goes_with(name, s.piece)}
    for slide in slides:
        names = [name for name in by_name if goes_with(name, slide.piece)]
        if not names:
            continue
        way = np.array(slide.way)
        corners = np.concatenate([np.array([(*p, 0.0, 1.0) for p in panel.polygon])
                                  @ finished(by_name[name])[panel.name].T
                                  for name in names for panel in by_name[name].panels])
        motion = np.eye(4)
        along, across = float(np.ptp(corners[:, :3] @ way)), float(np.ptp(corners[:, :3], axis=0).max())
        motion[:3, 3] = way * share * (slide.most or max(along, across / 2))
        found |= {name: motion @ found.get(name, np.eye(4)) for name in names}
    return found
