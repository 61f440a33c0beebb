"""Overlays: what is glued on a panel as pieces of its own - mats with an even border, labels, linings, layers
on pads, bands.

A *mat* follows its panel: its edges lie inside the panel's scores and cuts by one border, and so do the edges
of what is cut out of the panel (an eighth of an inch is usual, common practice).  A *label* has a size and
place of its own.  An overlay rides on its panel: it is shown where the panel stands at every moment of the
folding, though it is glued on while all lies flat.  *Bands* go round its cut edges.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Iterable, Sequence
from dataclasses import replace
from itertools import chain, count
from typing import TYPE_CHECKING, Any, NamedTuple

from mingei.core.covering.band import bands, renamed
from mingei.core.covering.landed import landed_on
from mingei.core.data.extra import Extra
from mingei.core.draft import Draft, Panel, Piece, Placement, Role
from mingei.core.errors import MeasureError
from mingei.core.flat.develop import develop
from mingei.core.flat.pattern import FlatPanel, Pattern, Ride
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Polygon, bounds, polygon_path, turned
from mingei.core.stock import Stock
from mingei.core.words import say

if TYPE_CHECKING:
    from shapely.geometry import Polygon as Area

#: A usual border, mm, and the widest pads there are.
BORDER_MM, MOST_PAD_MM = 3.0, 20.0
#: An overlay with less room than this across is left out: it cannot be cut (common practice: strips under 2
#: mm).
_LEAST_MM, _LEAST_LABEL_MM = 2.0, 1.0
_MOST_MM = 2000.0
#: What stands so near an edge, mm, leaves no room for a band round it.
_HAIR_MM = 0.3
#: The parts of a thing an overlay may belong to; each may be of a stock of its own.
MATS, LABELS, LININGS, BANDS = "mats", "labels", "linings", "bands"
PARTS = (MATS, LABELS, LININGS, BANDS)
#: So much of a band usually goes over each face, mm, and what it is cut from (from experience, no published
#: source).
OVER_MM, BAND_STOCK_ID = 5.0, "paper-100"
#: So far (share of 1) a face looks down and is not seen.
_DOWN = -0.9


class Overlay(NamedTuple):
    """One overlay.

    panel: it is glued on; border: how far a mat keeps inside the panel's edges, or a band goes over its
    faces, mm; width, height: a label's own size, mm, 0 for a mat; x, y: its middle from the panel's middle,
    mm; corner: radius of its corners, turn_deg: counter-clockwise; inside: on the face that looks inward;
    pad: height of the pads it stands on, mm; guide: its outline is traced on the panel; part: whose stock it
    is cut from.
    """

    name: str
    panel: str
    border: float = BORDER_MM
    width: float = 0.0
    height: float = 0.0
    x: float = 0.0
    y: float = 0.0
    corner: float = 0.0
    turn_deg: float = 0.0
    inside: bool = False
    pad: float = 0.0
    guide: bool = False
    part: str = MATS
    extra: Extra = ()

    @property
    def is_band(self) -> bool:
        """Whether it covers the panel's cut edges, with a piece for each."""
        return self.part == BANDS

    def owns(self, piece: str) -> bool:
        """Whether it is cut as the piece of that name: bands are pieces with numbers after its name."""
        return (piece == self.name or (self.is_band and piece.startswith(f"{self.name} ")
                                       and piece[len(self.name) + 1:].isdigit()))

    @property
    def is_label(self) -> bool:
        return self.width > 0 and self.height > 0

    def grown(self, factor: float) -> Overlay:
        """For a thing larger by a factor: labels grow and move with it, a border stays."""
        return self._replace(x=self.x * factor, y=self.y * factor, width=self.width * factor,
                             height=self.height * factor,
                             corner=self.corner * factor)


class Laid(NamedTuple):
    """patterns: the pieces, guides traced on them, and after them the overlays; left_out: overlays without
    room."""

    patterns: tuple[Pattern, ...]
    left_out: tuple[Overlay, ...]


def check(overlay: Overlay) -> None:
    """Raises MeasureError naming the value at fault."""
    place = say("overlay {name}", name=overlay.name)
    for word in ("border", "width", "height", "corner", "pad"):
        value, most = getattr(overlay, word), MOST_PAD_MM if word == "pad" else _MOST_MM
        if not (math.isfinite(value) and 0.0 <= value <= most):
            raise MeasureError(say("its {word} of {value:g} mm cannot be made", word=word, value=value),
                               place,
                               say("use 0 to {most:g} mm", most=most))
    if not all(math.isfinite(v) and abs(v) <= _MOST_MM for v in (overlay.x, overlay.y, overlay.turn_deg)):
        raise MeasureError("its place is no number", place,
                           "write how far its middle lies from the panel's middle")
    if (overlay.width > 0) != (overlay.height > 0):
        raise MeasureError("a label has both a width and a height", place, "write more than 0 for both")
    if overlay.is_label and min(overlay.width, overlay.height) < _LEAST_LABEL_MM:
        raise MeasureError("a label so narrow cannot be cut", place,
                           say("use at least {least:g} mm both ways", least=_LEAST_LABEL_MM))
    if overlay.part not in PARTS:
        raise MeasureError(say("{part!r} is no part an overlay belongs to", part=overlay.part), place,
                           say("choose one of: {names}", names=", ".join(PARTS)))


def free_name(overlays: Iterable[Overlay], wish: str) -> str:
    """The name, or the name with a number, that no overlay has yet."""
    taken = {o.name for o in overlays}
    return next(n for n in chain([wish], (f"{wish} {i}" for i in count(2))) if n not in taken)


def may_cover(panel: Panel | FlatPanel) -> bool:
    """Whether an overlay can be cut for a panel: not for one that is curved, which is covered once it has its
    form, nor for a tab."""
    return panel.role in (Role.WALL, Role.FLAP) and not panel.whole


def visible(patterns: Sequence[Pattern]) -> tuple[str, ...]:
    """The walls that are seen from outside once all is folded: not curved ones, not those glued beneath
    another, not the base."""
    from mingei.core.folded.fold import finished  # brings numpy with it

    beneath = {lap.lower for p in patterns for lap in p.laps if lap.glued and not lap.facing} | {
        lap.upper for p in patterns for lap in p.laps if lap.glued and lap.facing}
    found = []
    for p in (p for p in patterns if p.rides is None):
        posed = finished(p)
        flat = all(abs(m[2, 2]) > -_DOWN for m in posed.values())  # a card or an envelope has no base
        found += [panel.name for panel in p.panels if panel.role is Role.WALL and may_cover(panel)
                  and panel.name not in beneath
                  and (flat or posed[panel.name][2, 2] > _DOWN)]
    return tuple(found)


def lay(patterns: Sequence[Pattern], overlays: Iterable[Overlay], stock_of: Callable[[str], Stock]) -> Laid:
    """Cut every overlay whose panel there is.  stock_of: the stock of a part."""
    pieces, cut, left_out = list(patterns), [], []
    heights: dict[tuple[str, bool], float] = {}
    for overlay in overlays:
        number = next((i for i, p in enumerate(pieces) if overlay.panel in p.by_name), None)
        if number is None or not may_cover(pieces[number].by_name[overlay.panel]):
            continue
        host = pieces[number].by_name[overlay.panel]
        if overlay.is_band:
            stock = stock_of(overlay.part)
            up = (patterns[number].stock.caliper_mm + stock.caliper_mm) / 2
            behind = landed_on(host, patterns, True)
            drafts = bands(overlay.name, overlay.border, host, patterns[number], overlay.part, behind)
            clear = [d for d in drafts if _stands_clear(d.pieces[0], host, patterns[number], patterns)]
            named = (say("{name} {number}", name=overlay.name, number=n) if n > 1 else overlay.name
                     for n in count(1))
            cut += [(overlay, number, develop(renamed(d, name), stock)[0], up)
                    for d, name in zip(clear, named, strict=False)]
            left_out += [] if clear else [overlay]
            continue
        area = _area(overlay, host, patterns[number], patterns)
        if area is None:
            left_out.append(overlay)
            continue
        outline, holes = _loops(area)
        if overlay.guide and not overlay.inside:
            traced = replace(host, guides=(*host.guides, polygon_path(outline)))
            pieces[number] = replace(pieces[number], panels=tuple(traced if q.name == host.name else q
                                                                  for q in pieces[number].panels))
        stock = stock_of(overlay.part)
        beneath = (heights.get((overlay.panel, overlay.inside), patterns[number].stock.caliper_mm / 2)
                   + overlay.pad)
        heights[overlay.panel, overlay.inside] = beneath + stock.caliper_mm
        cut.append((overlay, number, _piece(overlay, outline, holes, stock), beneath + stock.caliper_mm / 2))
    rode = [replace(pattern, rides=Ride(pieces[number], overlay.panel, up, overlay.inside),
                    copies=pieces[number].copies)
            for overlay, number, pattern, up in cut]
    return Laid((*pieces, *rode), tuple(left_out))


def _stands_clear(band: Piece, host: FlatPanel, pattern: Pattern, patterns: Sequence[Pattern]) -> bool:
    """Whether nothing stands against the edge that a band would go round: no card within a hair of the edge's
    outside, where folded."""
    import numpy as np
    from shapely import contains_xy

    from mingei.core.folded.fold import finished, place

    (ax, ay), (bx, by) = band.panel(band.root).outline[:2]
    length = math.dist((ax, ay), (bx, by))
    out = ((by - ay) / length * _HAIR_MM, (ax - bx) / length * _HAIR_MM)
    along = [(ax + (bx - ax) * share + out[0], ay + (by - ay) * share + out[1])
             for share in np.linspace(0.02, 0.98, 13)]
    half = pattern.stock.caliper_mm / 2
    stands = finished(pattern)[host.name]
    points = np.concatenate([place(stands, along, level * half) for level in (-0.9, 0.0, 0.9)])
    for piece in (p for p in patterns if p.rides is None):
        for panel in piece.panels:
            m = finished(piece)[panel.name]
            seen = (points - m[:3, 3]) @ m[:3, :3]
            near = np.abs(seen[:, 2]) < piece.stock.caliper_mm / 2
            if (panel is not host and near.any()
                and contains_xy(area_of(panel.polygon), seen[near, 0], seen[near, 1]).any()):
                return False
    return True


def _piece(overlay: Overlay, outline: Polygon, holes: tuple[Polygon, ...], stock: Stock) -> Pattern:
    """The overlay as a flat piece, seen from its own printed face."""
    if overlay.inside:  # its printed face looks the other way
        outline, holes = _mirrored(outline), tuple(_mirrored(h) for h in holes)
    panel = Panel(overlay.name, outline, holes=tuple(polygon_path(h) for h in holes), round_mm=overlay.corner)
    lies = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
    drafted = Draft((Piece(overlay.name, overlay.name, lies, (panel,), folds=(), part=overlay.part),),
                    closes=False)
    return develop(drafted, stock)[0]


def _mirrored(polygon: Polygon) -> Polygon:
    return tuple((-x, y) for x, y in reversed(polygon))


def _area(overlay: Overlay, host: FlatPanel, pattern: Pattern, patterns: Sequence[Pattern]) -> Area | None:
    """What is covered of a panel, in its coordinates; None where that is too little to cut."""
    from shapely import difference  # slow to load, and seldom needed

    room = area_of(host.polygon, host.hole_polygons)
    taken = [area_of(points) for points in landed_on(host, patterns, overlay.inside)]
    for other in taken:
        room = difference(room, other, grid_size=1e-6)
    if overlay.is_label:
        middle = bounds(host.polygon).centre
        turn = turned(overlay.turn_deg)._replace(x=middle[0] + overlay.x, y=middle[1] + overlay.y)
        label = area_of(turn.apply_all(_box(overlay.width, overlay.height)))
        return label if room.buffer(1e-3).covers(label) else None
    inset = room.buffer(-overlay.border, join_style="mitre", mitre_limit=4.0)
    if taken:  # where a sharp corner of what is kept clear of touches the panel's edge, its mitre is cut off
        inset = inset.intersection(area_of(host.polygon,
                                        host.hole_polygons).buffer(-overlay.border, join_style="mitre",
                                                                   mitre_limit=4.0))
    mat = _largest(inset)
    return mat if mat is not None and not mat.buffer(-_LEAST_MM / 2).is_empty else None


def _largest(area: Any) -> Area | None:
    parts = [p for p in getattr(area, "geoms", [area]) if p.area > 0]
    return max(parts, key=lambda p: p.area) if parts else None


def _loops(area: Area) -> tuple[Polygon, tuple[Polygon, ...]]:
    """Its outline counter-clockwise and its holes clockwise."""
    from shapely.geometry.polygon import orient

    ordered = orient(area)

    def points(ring: Any) -> Polygon:
        return tuple((float(x), float(y)) for x, y in list(ring.coords)[:-1])

    return points(ordered.exterior), tuple(points(ring) for ring in ordered.interiors)


def _box(width: float, height: float) -> Polygon:
    """A rectangle about the origin."""
    w, h = width / 2, height / 2
    return (-w, -h), (w, -h), (w, h), (-w, h)
