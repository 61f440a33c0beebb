"""The picture of a step as SVG: shapes in painting order, marked by weight and tint, hatching where glue
goes."""

from __future__ import annotations

import math
from collections.abc import Iterator
from itertools import pairwise
from typing import NamedTuple

from mingei.core.plan.picture import Picture, Tint
from mingei.core.plane.shape import Point

#: Fills, as shares of red, green and blue in full light: they differ in grey, too.
FILLS: dict[Tint, tuple[float, float, float]] = {
    Tint.PRINTED: (0.985, 0.965, 0.92), Tint.INSIDE: (0.87, 0.83, 0.75), Tint.RIM: (0.78, 0.74, 0.66),
    Tint.NOW: (0.74, 0.8, 0.91), Tint.NOW_INSIDE: (0.6, 0.68, 0.83)}
#: Widths of lines (of a picture 100 high): edges, edges of what moves, hatching, arrows; how long an arrow's
#: head is, and at most what share of the arrow.
EDGE, HEAVY, HATCH, ARROW, HEAD = 0.35, 0.8, 0.28, 0.9, 4.0
_HEAD_SHARE = 0.4
INK, ACCENT = "#33302b", "#a8452b"
#: Coordinates are whole numbers, of a picture so high.
_FINE = 1000


def shaded(tint: Tint, shade: float) -> tuple[float, float, float]:
    """A fill as the light falls on it."""
    red, green, blue = FILLS[tint]
    light = 0.75 + 0.25 * shade
    return red * light, green * light, blue * light


def head_of(way: tuple[Point, ...], size: float = HEAD / 100) -> tuple[Point, Point, Point]:
    """The three corners of an arrow's head."""
    (ax, ay), (bx, by) = way[-2], way[-1]
    length = max(math.dist(way[-2], way[-1]), 1e-9)
    size = min(size, _HEAD_SHARE * sum(math.dist(a, b) for a, b in pairwise(way)))
    ux, uy = (bx - ax) / length, (by - ay) / length
    back = bx - ux * size, by - uy * size
    return ((bx, by), (back[0] - uy * size * 0.4, back[1] + ux * size * 0.4),
            (back[0] + uy * size * 0.4, back[1] - ux * size * 0.4))


class Group(NamedTuple):
    """Neighbours in painting order of one fill, painted as one: outlines, hatching and edges over them."""

    fill: tuple[float, float, float]
    outlines: list[tuple[Point, ...]]
    hatch: list[tuple[Point, Point]]
    edges: list[tuple[Point, Point]]
    heavy: bool


def groups(picture: Picture) -> Iterator[Group]:
    """A picture's shapes, neighbours of one fill together."""
    hatch = dict(picture.hatch)
    now: Group | None = None
    for number, shape in enumerate(picture.shapes):
        fill = shaded(shape.tint, shape.shade)
        heavy = shape.tint in (Tint.NOW, Tint.NOW_INSIDE)
        if now is None or now.fill != fill or now.heavy != heavy:
            if now is not None:
                yield now
            now = Group(fill, [], [], [], heavy)
        count = len(shape.points)
        now.outlines.append(shape.points)
        now.hatch.extend(hatch.get(number, ()))
        now.edges.extend((shape.points[k], shape.points[(k + 1) % count]) for k in shape.sides)
    if now is not None:
        yield now


def step_svg(picture: Picture, alt: str, height: float = 60.0, standalone: bool = True) -> str:
    """As text.  alt: what it shows, in words; height: mm; standalone: with what a file of its own needs."""

    def at(p: Point) -> str:
        return f"{round(p[0] * _FINE)} {round((1 - p[1]) * _FINE)}"

    def way(lines: list[tuple[Point, Point]]) -> str:
        return "".join(f"M{at(a)}L{at(b)}" for a, b in lines)

    def parts() -> Iterator[str]:
        space = ' xmlns="http://www.w3.org/2000/svg"' if standalone else ""
        yield (f'<svg{space} viewBox="0 0 {picture.width * _FINE:.0f} {_FINE}" '
               f'width="{picture.width * height:.1f}mm" height="{height:.1f}mm" role="img" '
               f'aria-label="{escaped(alt)}">')
        if standalone:
            yield f"<title>{escaped(alt)}</title>"
        k = _FINE / 100
        for group in groups(picture):
            fill = "#" + "".join(f"{round(v * 255):02x}" for v in group.fill)
            shapes = "".join("M" + "L".join(at(p) for p in outline) + "Z" for outline in group.outlines)
            yield f'<path d="{shapes}" fill="{fill}" stroke="{fill}" stroke-width="{0.25 * k:g}"/>'
            if group.hatch:
                yield f'<path d="{way(group.hatch)}" stroke="{INK}" stroke-width="{HATCH * k:g}"/>'
            if group.edges:
                yield (f'<path d="{way(group.edges)}" stroke="{INK}" stroke-linecap="round" '
                       f'stroke-width="{(HEAVY if group.heavy else EDGE) * k:g}"/>')
        for arrow in picture.arrows:
            line = "M" + "L".join(at(p) for p in arrow)
            yield f'<path d="{line}" fill="none" stroke="{ACCENT}" stroke-width="{ARROW * k:g}"/>'
            yield f'<path d="{"M" + "L".join(at(p) for p in head_of(arrow)) + "Z"}" fill="{ACCENT}"/>'
        yield "</svg>"

    return "".join(parts())


def escaped(words: str) -> str:
    """Words as they stand in an attribute or between tags."""
    return (words.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;").replace('"', "&quot;"))
