"""What moves in a finished thing: doors on their pins, lids and drawers along their way."""

from __future__ import annotations

from collections.abc import Mapping, Sequence

import numpy as np
from numpy.typing import NDArray

from mingei.core.draft import Slide, Swing
from mingei.core.flat.pattern import Pattern
from mingei.core.folded.fold import finished
from mingei.core.plane.space import turn_about

Array = NDArray[np.float64]


def turned(pattern: Pattern, swing: Swing, angle_deg: float) -> Array:
    """The motion (4, 4) of a piece turned so far on its pins."""
    matrix = finished(pattern)[swing.panel]
    level = swing.face * pattern.stock.caliper_mm / 2
    start, end = (matrix @ np.array((*p, level, 1.0)) for p in (swing.start, swing.end))
    return turn_about(start[:3], end[:3], angle_deg)


def motions(patterns: Sequence[Pattern], swings: Sequence[Swing], slides: Sequence[Slide],
            share: float) -> Mapping[str, Array]:
    """Of each piece that moves its motion (4, 4), with all of them open by a share (0 shut .. 1 open); what
    slides goes as far as it is long along its way."""
    by_name = {p.name: p for p in patterns}
    found = {s.piece: turned(by_name[s.piece], s, s.most_deg * share) for s in swings if s.piece in by_name}
    for slide in slides:
        names = [name for name in by_name if name == slide.piece or name.startswith(f"{slide.piece} ")]
        if not names:
            continue
        way = np.array(slide.way)
        corners = np.concatenate([np.array([(*p, 0.0, 1.0) for p in panel.polygon])
                                  @ finished(by_name[name])[panel.name].T
                                  for name in names for panel in by_name[name].panels])
        motion = np.eye(4)
        motion[:3, 3] = way * share * float(np.ptp(corners[:, :3] @ way))
        found |= dict.fromkeys(names, motion)
    return found
