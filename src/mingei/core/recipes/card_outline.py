"""A card of any outline, front and back alike, joined along a fold: the outline is cut off where its chord is
as long as the fold asked."""

from __future__ import annotations

import math
from functools import lru_cache
from typing import NamedTuple

from mingei.core.draft import Draft, EdgeRef, Fold, Panel, Piece, Placement
from mingei.core.drafting.outlines import LIBRARY, OWN
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.offset import FLAT_DEG
from mingei.core.plane import contour
from mingei.core.plane.shape import Arc, Path, Point, Polygon, Segment, path_bounds
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

LEFT, TOP = "left", "top"
#: So many places are tried across the outline.
_TRIED = 200
#: Steps of halving: a width of 400 mm comes down to less than a millionth of a millimetre.
_HALVINGS = 32
#: Arcs of more than this (degrees) become several sides.
_FLATTEST_DEG = 100.0


class Cut(NamedTuple):
    """An outline cut off along a line: its corners counter-clockwise from the fold's lower end round to its
    upper, and its arcs, by side; the last side is the fold."""

    outline: Polygon
    curves: tuple[tuple[int, float], ...]

    @property
    def fold_mm(self) -> float:
        return math.dist(self.outline[-1], self.outline[0])


def _crossings(segment: Segment, x: float) -> list[float]:
    """At which shares of it a segment crosses an upright line (plane geometry of line and circle)."""
    if isinstance(segment, Arc):
        cosine = (x - segment.centre[0]) / segment.radius
        if abs(cosine) >= 1.0:
            return []
        angle = math.degrees(math.acos(cosine))
        way = math.copysign(1.0, segment.sweep_deg)
        turned = ((way * (a - segment.start_deg)) % 360.0 for a in (angle, -angle))
        return sorted(t / abs(segment.sweep_deg) for t in turned if 0.0 < t <= abs(segment.sweep_deg))
    (ax, _), (bx, _) = segment
    return [(x - ax) / (bx - ax)] if (ax < x) != (bx < x) else []


def _point(segment: Segment, share: float) -> Point:
    if isinstance(segment, Arc):
        return segment.at(share)
    (ax, ay), (bx, by) = segment
    return ax + (bx - ax) * share, ay + (by - ay) * share


def _at(path: Path, x: float) -> list[tuple[int, float, Point]]:
    return [(number, share, _point(segment, share)) for number, segment in enumerate(path)
            for share in _crossings(segment, x)]


def cut_off(path: Path, length: float) -> Cut:
    """What is left of a closed outline right of the first upright line, from the left, whose chord is so
    long, mm.

    Raises MeasureError when the outline is nowhere so high, or reaches past the line more than once.
    """
    box = path_bounds([path])
    low = box.left
    for step in range(1, _TRIED):
        high = box.left + box.width * step / _TRIED
        if _chord(path, high) >= length:
            break
        low = high
    else:
        raise MeasureError("the outline is nowhere so high", "fold",
                           say("ask for less than {most}", most=write_both(box.height)))
    for _ in range(_HALVINGS):
        middle = (low + high) / 2
        low, high = (low, middle) if _chord(path, middle) >= length else (middle, high)
    ends = _at(path, high)
    if len(ends) != 2:
        raise MeasureError("the outline reaches past its fold more than once", "fold",
                           "ask for a longer fold, or fold another side")
    # entered where the outline comes from the left
    into = next(i for i, (number, share, _) in enumerate(ends)
                if _point(path[number], min(1.0, share + 1e-3))[0] > high)
    first, last = ends[into], ends[1 - into]
    corners: list[Point] = []
    curves: list[tuple[int, float]] = []
    number, share = first[0], first[1]
    while True:
        ends_here = number == last[0] and share < last[1]
        end = last[1] if ends_here else 1.0
        segment = path[number]
        begin = first[2] if not corners else _point(segment, share)
        if math.dist(begin, _point(segment, end)) > contour.SHORTEST_MM:
            turn = abs(segment.sweep_deg) * (end - share) if isinstance(segment, Arc) else 0.0
            # the chord of half a circle would leave nothing of it
            parts = max(1, math.ceil(turn / _FLATTEST_DEG))
            for part in range(parts):
                if isinstance(segment, Arc):
                    curves.append((len(corners), segment.sweep_deg * (end - share) / parts))
                corners.append(_point(segment, share + (end - share) * part / parts) if part else begin)
        if ends_here:
            break
        number, share = (number + 1) % len(path), 0.0
    return Cut((*corners, last[2]), tuple(curves))


def _chord(path: Path, x: float) -> float:
    heights = [p[1] for _, _, p in _at(path, x)]
    return max(heights) - min(heights) if heights else 0.0


def mirrored(cut: Cut) -> Cut:
    """The same seen from behind, its fold again the last side."""
    count = len(cut.outline)
    curves = tuple(sorted(((count - 2 - side) % count, sweep) for side, sweep in cut.curves))
    return Cut(tuple((-x, y) for x, y in reversed(cut.outline)), curves)


def _turned(points: Polygon, back: bool) -> Polygon:
    return tuple((y, -x) for x, y in points) if back else points


def cut_of(values: Values) -> Cut:
    """The front a brief asks for, its fold at the left of what is drawn, which for a fold above is turned on
    its side."""
    return _cut(str(values["outline"]), str(values["drawn"]), float(values["width"]), str(values["side"]),
                float(values["fold"]))


@lru_cache(maxsize=8)
def _cut(name: str, own: str, width: float, side: str, fold: float) -> Cut:
    """Kept, since it is asked whether it can be cut before it is drafted."""
    drawn = contour.read(own) if name == OWN else contour.read(LIBRARY[name], ours=True)
    knots = contour.sized(drawn, width)
    return cut_off(contour.path(tuple(k._replace(x=-k.y, y=k.x) for k in knots) if side == TOP else knots),
                   fold)


def draft_outline(values: Values) -> Draft:
    """outline, drawn; width: of the whole outline, mm; side: where it is joined; fold: its length, mm."""
    front = cut_of(values)
    back = mirrored(front)
    above = values["side"] == TOP
    panels = tuple(Panel(name, _turned(cut.outline, above), curves=cut.curves)
                   for name, cut in (("front", front), ("back", back)))
    fold = len(front.outline) - 1
    folds = (Fold(EdgeRef("front", fold), EdgeRef("back", fold), FLAT_DEG, 1),)
    lies = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
    length = say("front and back are joined for {length}", length=write_both(front.fold_mm))
    return Draft((Piece("card", "front", lies, panels, folds=folds),), closes=False,
                 remarks=(("fold", length),))


def _sound(values: Values) -> None:
    if values["outline"] == OWN and not values["drawn"]:
        raise MeasureError("no outline is drawn yet", "drawn",
                           "take one from a drawing, or choose one from the library")
    cut_of(values)


RECIPE = Recipe(
    id="card-outline", title="Outline card", family="cards",
    purpose="a card of any outline, joined along a fold",
    also=("shaped card", "heart card", "animal card", "house card", "silhouette"),
    measures=(
        Measure("outline", Kind.CHOICE, "heart",
                "of front and back; one of your own is read from an SVG drawing",
                choices=(*((name, name) for name, drawn in LIBRARY.items() if ";" not in drawn),
                         (OWN, "of your own"))),
        Measure("drawn", Kind.OUTLINE, "", "corners of your own outline", label="Own outline"),
        Measure("width", Kind.LENGTH, 110.0, "of the whole outline, before its fold is cut", 30.0, 300.0),
        Measure("side", Kind.CHOICE, LEFT, "where front and back are joined",
                choices=((LEFT, "at the left"), (TOP, "above")),
                label="Fold"),
        Measure("fold", Kind.LENGTH, 45.0,
                "length of the fold; where the outline runs straight, it is as long as that", 10.0, 280.0,
                label="Fold length"),
    ),
    draft=draft_outline, thinnest=0.1, thickest=0.5, contradictions=_sound, gives=("fold",), stock="card-220",
)
