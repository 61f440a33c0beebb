"""What is glued on a face of a panel once all is folded: tabs, straps, and panels that lie on it."""

from __future__ import annotations

from collections.abc import Sequence

from mingei.core.flat.pattern import FlatPanel, Pattern
from mingei.core.plane.shape import Polygon


def landed_on(host: FlatPanel, pattern: Pattern, patterns: Sequence[Pattern], inside: bool) -> list[Polygon]:
    """What is glued on the inner or the outer face of a panel, in the panel's coordinates, mm.

    pattern: the panel's piece; patterns: all pieces of the thing.
    """
    names = [(p, lap.lower if inside else lap.upper) for p in patterns for lap in p.laps
             if lap.glued and not lap.facing and (lap.upper if inside else lap.lower) == host.name]
    names += [(p, s.name) for p in patterns for s in p.seams if s.host == host.name and not s.fellow
              and s.outside is not inside]
    if not names:
        return []
    from mingei.core.folded.fold import finished, place  # brings numpy with it

    mine = finished(pattern)[host.name]
    landed = []
    for piece, name in names:
        owner = next((p for p in (piece, *patterns) if name in p.by_name), None)
        if owner is not None:
            stands = place(finished(owner)[name], owner.by_name[name].polygon) - mine[:3, 3]
            landed.append(tuple((float(x), float(y)) for x, y in (stands @ mine[:3, :2]).tolist()))
    return landed
