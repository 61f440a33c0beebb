"""The one door to areas: what is handed on is valid, or mended here.

Outlines of pieces and panels may touch or cross themselves by rounding, and by what a person asked for; an
area made of such is refused by set operations far from where it came from.
"""

from __future__ import annotations

from collections.abc import Iterable
from typing import TYPE_CHECKING, Any

if TYPE_CHECKING:
    from shapely.geometry import Polygon


def area_of(outline: Any, holes: Iterable[Any] = ()) -> Polygon:
    """The area within an outline (points x, y, mm) and outside its holes; in several parts where the outline
    meets itself, then read by its set operations and measures only."""
    from shapely.geometry import Polygon  # slow to load, and seldom needed

    found = Polygon(outline, list(holes))
    return found if found.is_valid else mended(found)


def breaks_out(outline: Any, holes: Iterable[Any]) -> bool:
    """Whether holes meet each other or run over the edge of an outline that does not cross itself."""
    from shapely.geometry import Polygon

    return not Polygon(outline, list(holes)).is_valid


def mended(area: Any) -> Any:
    """A valid area of the same card: what crosses itself comes apart, lines and points are dropped."""
    from shapely import make_valid, union_all

    whole = make_valid(area, method="structure", keep_collapsed=False)
    flat = [a for a in getattr(whole, "geoms", [whole]) if a.geom_type in ("Polygon", "MultiPolygon")]
    return union_all(flat)
