"""What the thickness of other panels makes longer or moves along, before a draft is developed.

A recipe says where (``Stretch``, ``Past``) and by which panels; how thick they are is the stocks' to say.  So
a wall of four storeys is as high as its rooms and its floors together, whatever the floors are of.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import replace

from mingei.core.draft import Draft, EdgeRef, LineOn, Panel, Past, Piece, Site, Stretch
from mingei.core.plane.shape import Path, Point, Rigid, flat_points, moved_path
from mingei.core.stock import Stock

Thick = Callable[[tuple[str, ...]], float]


def stretched(draft: Draft, stock: Stock, parts: Mapping[str, Stock]) -> Draft:
    """The draft with its stretches carried out; the draft itself where it has none.  parts: the stocks of
    parts that have their own."""
    if not any(piece.past or any(p.stretches for p in piece.panels) for piece in draft.pieces):
        return draft
    calipers = {p.name: parts.get(piece.part, stock).caliper_mm for piece in draft.pieces
                for p in piece.panels}
    by_name = {p.name: p for piece in draft.pieces for p in piece.panels}

    known: dict[tuple[str, ...], float] = {}

    def thick(names: tuple[str, ...]) -> float:
        if names not in known:
            known[names] = sum(calipers[name] for name in names)
        return known[names]

    def host(site: Site) -> Site:
        if isinstance(site, EdgeRef):
            return site
        return site._replace(start=moved(by_name[site.panel].stretches, thick, site.start),
                             end=moved(by_name[site.panel].stretches, thick, site.end))

    def piece_of(piece: Piece) -> Piece:
        seams = tuple(s._replace(host=host(s.host)) if isinstance(s.host, LineOn) else s
                      for s in piece.seams)
        return replace(piece, panels=tuple(_panel(p, thick) for p in piece.panels), seams=seams,
                       placement=piece.placement._replace(origin=_along(piece.placement.origin, piece.past,
                                                                        thick)), past=())

    return replace(draft, pieces=tuple(piece_of(piece) for piece in draft.pieces))


def moved(stretches: tuple[Stretch, ...], thick: Thick, point: Point) -> Point:
    """Where a point of a panel comes to lie."""
    found = list(point)
    for stretch in stretches:
        where = point[stretch.axis]
        if where > stretch.at + 1e-9 or (stretch.with_it and where > stretch.at - 1e-9):
            found[stretch.axis] += stretch.times * thick(stretch.by)
    return found[0], found[1]


def _panel(panel: Panel, thick: Thick) -> Panel:
    if not panel.stretches:
        return panel

    def whole(path: Path) -> Path:
        """A hole or a guide moves as one, by where its middle lies."""
        points = flat_points(path)
        (left, low), (right, high) = (tuple(f(p[i] for p in points) for i in (0, 1)) for f in (min, max))
        middle = (left + right) / 2, (low + high) / 2
        x, y = moved(panel.stretches, thick, middle)
        return moved_path(path, Rigid(1.0, 0.0, x - middle[0], y - middle[1]))

    def there(x: float, y: float) -> tuple[float, float]:
        return moved(panel.stretches, thick, (x, y))

    slots = tuple(s._replace(x=x, y=y) for s in panel.slots for x, y in (there(s.x, s.y),))
    pierced = tuple(p._replace(x=x, y=y) for p in panel.pierced for x, y in (there(p.x, p.y),))
    return replace(panel, slots=slots, pierced=pierced,
                   outline=tuple(moved(panel.stretches, thick, p) for p in panel.outline),
                   holes=tuple(whole(h) for h in panel.holes), guides=tuple(whole(g) for g in panel.guides),
                   stretches=())


def _along(origin: tuple[float, float, float], past: tuple[Past, ...],
           thick: Thick) -> tuple[float, float, float]:
    x, y, z = origin
    for (ux, uy, uz), names, times in past:
        far = times * thick(names)
        x, y, z = x + ux * far, y + uy * far, z + uz * far
    return x, y, z
