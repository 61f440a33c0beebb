"""Reading an outline out of an SVG drawing: its largest closed path and those inside it, curves as arcs
within a hundredth of a mm."""

from __future__ import annotations

import math
from collections.abc import Callable, Iterator
from itertools import count
from pathlib import Path
from typing import Any, NamedTuple

from mingei.core.errors import ImportRefused, MingeiError
from mingei.core.length import MM_PER_INCH
from mingei.core.plane.contour import MOST_CORNERS, Knot, Outline, sound
from mingei.core.plane.contour import path as contour_path
from mingei.core.plane.shape import flat_points, signed_area
from mingei.core.words import say
from mingei.formats import svg_reading
from mingei.formats.reading import read as read_file
from mingei.formats.svg_reading import LARGEST, half_diameters

_MM_PER_PX = MM_PER_INCH / svg_reading.PPI
#: So many shapes, and so many segments of all of them, are looked at for the outline.
_MOST_SHAPES, _MOST_SEGMENTS = 5000, 40_000
#: Curves become arcs that keep this near, mm.
_NEAR_MM = 0.01
#: Ends of a path this near each other (mm) close it.
_GAP_MM = 0.1
_DEEPEST = 8
#: So many of the other closed paths, the largest, are looked at as openings: more are no outline to be cut by
#: hand.
_MOST_OPENINGS = 100


class Found(NamedTuple):
    """The outline, mm; inner: the closed paths directly inside it, its openings; ignored: how many others the
    drawing holds."""

    outline: Outline
    inner: tuple[Outline, ...]
    ignored: int


def load(path: Path) -> Found:
    """Read a drawing's outline.  Raises ImportRefused naming the file and the reason."""
    try:
        data = read_file(path, LARGEST)
    except OSError as error:
        raise ImportRefused(say("it cannot be read ({strerror})", strerror=error.strerror or error),
                            str(path), "check the name and that you may read it") from None
    except MingeiError as error:
        raise ImportRefused(error.sentence, str(path), error.remedy) from None
    try:
        return read(data)
    except MingeiError as error:
        raise ImportRefused(error.sentence, str(path), error.remedy) from None


def read(data: bytes) -> Found:
    """The outline in a drawing's bytes.  Raises ImportRefused with the reason."""
    import svgelements  # only drawings read in need it

    drawing = svg_reading.read(data)
    if len(drawing.shapes) > _MOST_SHAPES:
        raise ImportRefused(say("{count} shapes are no outline to be cut", count=len(drawing.shapes)), "",
                            "save just the outline")
    try:
        paths = [abs(svgelements.Path(shape)) for shape in drawing.shapes]
        if sum(map(len, paths)) > _MOST_SEGMENTS:
            raise ImportRefused(say("the drawing has more than {most} corners", most=_MOST_SEGMENTS), "",
                                "save just the outline, simplified")
        spent = count(1)
        loops = [loop for path in paths for loop in _loops(path, spent)]
    except MingeiError:
        raise
    except Exception as error:  # noqa: BLE001 - a broken path fails in as many ways as it can be broken
        raise ImportRefused(say("one of its paths is broken ({error})", error=str(error)[:80]
                                or type(error).__name__), "", "save it again as plain SVG") from None
    if not loops:
        raise ImportRefused("the drawing holds no closed path", "",
                            "draw the outline as one closed path; text and pictures do not count")
    sizes = [abs(signed_area([k.at for k in loop])) + sum(abs(k.sweep_deg) for k in loop) * 1e-6
             for loop in loops]
    by_size = sorted(range(len(loops)), key=lambda i: -sizes[i])
    outline = sound(loops[by_size[0]])
    inner = _inside(outline, [loops[i] for i in by_size[1:_MOST_OPENINGS + 1]])
    return Found(outline, inner, len(loops) - 1 - len(inner))


def _inside(outline: Outline, others: list[Outline]) -> tuple[Outline, ...]:
    """Those of the others that lie inside the outline, and inside no other of them; what is no sound outline
    is left out."""
    from shapely.geometry import Polygon as Area

    def area(loop: Outline) -> Any:
        return Area(flat_points(contour_path(loop))[:-1])

    found: list[tuple[Outline, Any]] = []
    for loop in others:
        try:
            whole = sound(loop)
        except MingeiError:
            continue
        if area(outline).contains(area(whole)):
            found.append((whole, area(whole)))
    return tuple(loop for loop, own in found
                 if not any(other is not own and other.intersects(own) and other.area > own.area
                            for _, other in found))


def _loops(path: Any, spent: Iterator[int]) -> list[Outline]:
    """The closed parts of a path, mm, y up.  spent: counts the corners of the whole drawing."""
    loops: list[Outline] = []
    knots: list[Knot] = []
    end = (0.0, 0.0)

    def finish() -> None:
        if len(knots) >= 2 and math.dist(end, knots[0].at) <= _GAP_MM:
            loops.append(tuple(knots))
        knots.clear()

    for segment in path:
        kind = type(segment).__name__
        if kind == "Move":
            finish()
            continue
        if segment.start is None or segment.end is None:
            continue
        point = _in_mm(segment)
        first, last = point(0.0), point(1.0)
        if not all(svg_reading.is_near(*p) for p in (first, last, point(0.5))):
            raise ImportRefused("a point of the drawing lies on no sheet", "", "save it again as plain SVG")
        if math.dist(first, last) < 1e-6 and kind in ("Close", "Line"):
            end = last
        else:
            fresh = ([Knot(*first)] if kind in ("Close", "Line")
                     else _round(segment, point) if kind == "Arc" and _is_round(segment)
                     else _arcs(point, 0.0, 1.0, 0))
            if max(next(spent) for _ in (0, *fresh)) > _MOST_SEGMENTS:
                raise ImportRefused(say("the drawing has more than {most} corners", most=_MOST_SEGMENTS), "",
                                    "save just the outline, simplified")
            knots += fresh
            end = last
        if len(knots) > MOST_CORNERS:
            raise ImportRefused(say("the outline has more than {most} corners", most=MOST_CORNERS), "",
                                "simplify it")
        if kind == "Close":
            finish()
    finish()
    return loops


def _in_mm(segment: Any) -> Callable[[float], tuple[float, float]]:
    """Where a segment is at a share 0..1 of it, mm, y up."""
    def mm(p: Any) -> tuple[float, float]:
        return float(p.x) * _MM_PER_PX, -float(p.y) * _MM_PER_PX

    kind = type(segment).__name__
    if kind == "Arc" and not _is_flat(segment):
        (x, y), u, v, begin, sweep = half_diameters(segment)

        def on(t: float) -> tuple[float, float]:
            cos, sin = math.cos(begin + t * sweep), math.sin(begin + t * sweep)
            return (x + cos * u[0] + sin * v[0]) * _MM_PER_PX, -(y + cos * u[1] + sin * v[1]) * _MM_PER_PX

        return on
    between = {"QuadraticBezier": ("control",), "CubicBezier": ("control1", "control2")}.get(kind, ())
    corners = [mm(getattr(segment, name)) for name in ("start", *between, "end")]
    shares = [math.comb(len(corners) - 1, i) for i in range(len(corners))]

    def at(t: float) -> tuple[float, float]:  # Bernstein's form of a Bezier curve, and of a line
        rest, most = 1.0 - t, len(corners) - 1
        weights = [share * t ** i * rest ** (most - i) for i, share in enumerate(shares)]
        return (sum(w * x for w, (x, _) in zip(weights, corners, strict=True)),
                sum(w * y for w, (_, y) in zip(weights, corners, strict=True)))

    return at


def _is_flat(arc: Any) -> bool:
    """Whether an arc was flattened to a line."""
    try:
        half_diameters(arc)
    except ZeroDivisionError:
        return True
    return False


def _is_round(arc: Any) -> bool:
    """Whether an arc of an ellipse is one of a circle."""
    if _is_flat(arc):
        return False
    _, u, v, _, _ = half_diameters(arc)
    size = math.hypot(*u)
    return bool(abs(size - math.hypot(*v)) <= 1e-9 * size and abs(u[0] * v[0] + u[1] * v[1])
                <= 1e-9 * size * size and abs(arc.sweep) > 1e-6)


def _round(arc: Any, point: Callable[[float], tuple[float, float]]) -> list[Knot]:
    """An arc of a circle as arcs of a quarter turn at most; it turns the other way once y goes up."""
    steps = max(1, math.ceil(abs(arc.sweep) / (math.pi / 2) - 1e-9))
    return [Knot(*point(i / steps), -math.degrees(arc.sweep) / steps) for i in range(steps)]


def _arcs(point: Callable[[float], tuple[float, float]], t0: float, t1: float, depth: int) -> list[Knot]:
    """A curve as arcs: each through its ends and its middle, halved until the curve keeps near it."""
    a, m, b = point(t0), point((t0 + t1) / 2), point(t1)
    chord = math.dist(a, b)
    if chord < 1e-9:
        return (_arcs(point, t0, (t0 + t1) / 2, depth + 1) + _arcs(point, (t0 + t1) / 2, t1, depth + 1)
                if depth < _DEEPEST else [])
    # the arc through three points: an angle at m of its chord
    cross = (m[0] - a[0]) * (b[1] - a[1]) - (m[1] - a[1]) * (b[0] - a[0])
    dot = (a[0] - m[0]) * (b[0] - m[0]) + (a[1] - m[1]) * (b[1] - m[1])
    inside = math.atan2(abs((a[0] - m[0]) * (b[1] - m[1]) - (a[1] - m[1]) * (b[0] - m[0])), dot)
    sweep = math.copysign(2 * (math.pi - inside), cross)  # m to the right of a-b: the arc turns left
    if depth < 1 or (depth < _DEEPEST and not _keeps_near(point, a, b, sweep, t0, t1)):
        return _arcs(point, t0, (t0 + t1) / 2, depth + 1) + _arcs(point, (t0 + t1) / 2, t1, depth + 1)
    return [Knot(*a, math.degrees(sweep) if abs(sweep) > 1e-4 else 0.0)]


def _keeps_near(point: Callable[[float], tuple[float, float]], a: tuple[float, float], b: tuple[float, float],
                sweep: float,
                t0: float, t1: float) -> bool:
    if abs(sweep) < 1e-4:
        length = math.dist(a, b)
        return all(abs((p[0] - a[0]) * (b[1] - a[1]) - (p[1] - a[1]) * (b[0] - a[0])) / length < _NEAR_MM
                   for p in (point(t0 + (t1 - t0) * k / 8) for k in range(1, 8)))
    away = 0.5 / math.tan(sweep / 2)
    centre = ((a[0] + b[0]) / 2 - (b[1] - a[1]) * away, (a[1] + b[1]) / 2 + (b[0] - a[0]) * away)
    radius = math.dist(centre, a)
    return all(abs(math.dist(centre, point(t0 + (t1 - t0) * k / 8)) - radius) < _NEAR_MM for k in range(1, 8))
