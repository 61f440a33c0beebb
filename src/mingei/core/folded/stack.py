"""What lies on what: the layers one meets going straight through a panel of a finished thing."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any, NamedTuple

import numpy as np

from mingei.core.flat.pattern import FlatPanel, Pattern
from mingei.core.folded.fold import finished
from mingei.core.plane.area import area_of

#: Faces nearer each other than this touch, mm; normals that differ by less than so much are alike.
_TOUCH_MM, _ALIKE = 0.3, 1e-6


class Layer(NamedTuple):
    """panel; stock: its name; low, high: where its faces lie along the way through, mm, the first at 0; this:
    the panel that was asked about."""

    panel: str
    stock: str
    low: float
    high: float
    this: bool

    @property
    def thick(self) -> float:
        return self.high - self.low


def stack(patterns: Sequence[Pattern], name: str) -> tuple[Layer, ...]:
    """The layers that touch each other through the middle of a panel, from its inner face outwards; the panel
    alone where nothing lies on it."""
    host = next((p for p in patterns if name in p.by_name), None)
    if host is None:
        return ()
    from shapely import Point

    matrix = finished(host)[name]
    middle = area_of(host.by_name[name].standing, host.by_name[name].hole_polygons).representative_point()
    at = matrix @ np.array((middle.x, middle.y, 0.0, 1.0))
    normal = matrix[:3, 2]
    found = []
    for pattern in patterns:
        posed, half = finished(pattern), pattern.stock.caliper_mm / 2
        for panel in pattern.panels:
            own = posed[panel.name]
            if abs(abs(float(own[:3, 2] @ normal)) - 1.0) > _ALIKE:
                continue
            seen = own[:3, :3].T @ (at[:3] - own[:3, 3])
            if panel is not host.by_name[name] and not _covers(panel, Point(seen[0], seen[1])):
                continue
            far = float((own[:3, 3] - at[:3]) @ normal)
            found.append(Layer(panel.whole or panel.name, pattern.stock.name, far - half, far + half,
                               panel.name == name))
    found.sort(key=lambda layer: layer.low)
    own_place = next(i for i, layer in enumerate(found) if layer.this)
    first = last = own_place
    while first > 0 and found[first].low - found[first - 1].high < _TOUCH_MM:
        first -= 1
    while last + 1 < len(found) and found[last + 1].low - found[last].high < _TOUCH_MM:
        last += 1
    base = found[first].low
    return tuple(layer._replace(low=layer.low - base, high=layer.high - base)
                 for layer in found[first:last + 1])


def _covers(panel: FlatPanel, point: Any) -> bool:
    """Whether there is card of a panel at a point of its plane."""
    area = area_of(panel.standing, panel.hole_polygons)
    return bool(area.contains(point))
