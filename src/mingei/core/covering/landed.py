"""What is glued on the faces of panels once all is folded: tabs, straps, and panels that lie on them."""

from __future__ import annotations

from collections.abc import Collection, Mapping, Sequence

from mingei.core.flat.pattern import FlatPanel, Pattern
from mingei.core.plane.shape import Polygon


def landed_on(host: FlatPanel, patterns: Sequence[Pattern], inside: bool) -> list[Polygon]:
    """What is glued on the inner or the outer face of a panel, in the panel's coordinates, mm.

    patterns: all pieces of the thing, the panel's own among them.
    """
    return landed({host.name}, patterns, inside).get(host.name, [])


def landed(hosts: Collection[str], patterns: Sequence[Pattern], inside: bool) -> Mapping[str, list[Polygon]]:
    """The same for several panels at once, by their names; what bears nothing is left out."""
    pairs = [(lap.upper, lap.lower) for p in patterns for lap in p.laps if lap.glued and not lap.facing]
    some = [(host, name) if inside else (name, host) for host, name in pairs]
    some += [(s.host, s.name) for p in patterns for s in p.seams if not s.fellow and s.outside is not inside]
    found: dict[str, list[Polygon]] = {}
    owner = {panel.name: p for p in reversed(patterns) if p.rides is None for panel in p.panels}
    for host, name in some:
        if host not in hosts or name not in owner or host not in owner:
            continue
        from mingei.core.folded.fold import finished, place  # brings numpy with it

        mine = finished(owner[host])[host]
        stands = place(finished(owner[name])[name], owner[name].by_name[name].polygon) - mine[:3, 3]
        found.setdefault(host, []).append(
            tuple((float(x), float(y)) for x, y in (stands @ mine[:3, :2]).tolist()))
    return found
