"""What of a sheet is card of a part, and what is waste."""

from __future__ import annotations

from collections.abc import Sequence

from mingei.core.flat.blank import Kind
from mingei.core.plane.shape import Box, Point, contains, flat_points, path_bounds, signed_area
from mingei.core.work.lines import Cut
from mingei.core.work.toolpath import is_closed

#: What is so near the sheet's edge is not waste to work on, mm.
_EDGE_MM = 0.2


class Waste:
    """The waste of a sheet: outside every outline, and inside openings."""

    def __init__(self, sheet: Box, cuts: Sequence[Cut]) -> None:
        self.sheet = sheet
        self._rings = []
        for cut in cuts:
            if cut.kind in (Kind.OUTLINE, Kind.OPENING) and is_closed(cut.path):
                ring = flat_points(cut.path)[:-1]
                self._rings.append((path_bounds([cut.path]), ring, signed_area(ring) > 0))

    def holds(self, p: Point) -> bool:
        """Whether a point lies on the sheet and in no part."""
        return self._on_sheet(p) and (not self._within(p, True) or self._within(p, False))

    def surrounds(self, p: Point) -> bool:
        """Whether a point lies on the sheet outside every outline."""
        return self._on_sheet(p) and not self._within(p, True)

    def _on_sheet(self, p: Point) -> bool:
        s = self.sheet
        return (s.left + _EDGE_MM <= p[0] <= s.right - _EDGE_MM
                and s.bottom + _EDGE_MM <= p[1] <= s.top - _EDGE_MM)

    def _within(self, p: Point, outline: bool) -> bool:
        """Whether a point lies within an outline, or within an opening."""
        return any(kind is outline and box.left <= p[0] <= box.right and box.bottom <= p[1] <= box.top
                   and contains(ring, p) for box, ring, kind in self._rings)
