"""Reading an outline out of an SVG drawing: its largest closed path and those inside it, curves as arcs
within a hundredth of a mm."""

from __future__ import annotations

import io
import math
from collections.abc import Callable
from pathlib import Path
from typing import Any, NamedTuple

from mingei.core.errors import ImportRefused, MingeiError
from mingei.core.length import MM_PER_INCH
from mingei.core.plane.contour import MOST_CORNERS, Knot, Outline, sound
from mingei.core.plane.contour import path as contour_path
from mingei.core.plane.shape import flat_points, signed_area
from mingei.core.words import say

#: CSS: 96 px are an inch, whatever the screen.
_MM_PER_PX = MM_PER_INCH / 96.0
_LARGEST = 4 * 1024 * 1024
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
        if path.stat().st_size > _LARGEST:
            raise ImportRefused("the drawing is too large to be one outline", str(path),
                                "save just the outline")
        data = path.read_bytes()
    except OSError as error:
        raise ImportRefused(say("it cannot be read ({strerror})", strerror=error.strerror or error),
                            str(path),
                            "check the name and that you may read it") from None
    try:
        return read(data)
    except MingeiError as error:
        raise ImportRefused(error.sentence, str(path), error.remedy) from None


def refuse_entities(data: bytes) -> None:
    """Raises ImportRefused when a drawing defines entities, which could make a small file swallow all
    memory."""
    if (b"<!ENTITY" in data or (b"<!DOCTYPE" in data[:4096]
                                and b"[" in data[:4096].split(b"<!DOCTYPE", 1)[1].split(b">", 1)[0])):
        raise ImportRefused("the drawing defines entities of its own, which are not followed", "",
                            "save it as plain SVG")


def read(data: bytes) -> Found:
    """The outline in a drawing's bytes.  Raises ImportRefused with the reason."""
    refuse_entities(data)
    import svgelements  # only drawings read in need it

    try:
        drawing = svgelements.SVG.parse(io.BytesIO(data), reify=True, ppi=96)
        shapes = [abs(svgelements.Path(e)) for e in drawing.elements() if isinstance(e, svgelements.Shape)]
        loops = [loop for shape in shapes for loop in _loops(shape)]
    except MingeiError:
        raise
    except Exception as error:  # noqa: BLE001 - a broken drawing fails in as many ways as it can be broken
        raise ImportRefused(say("it is no SVG drawing, or a broken one ({error})", error=str(error)[:80]
                                or type(error).__name__), "",
                            "save it again as plain SVG") from None
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


def _loops(path: Any) -> list[Outline]:
    """The closed parts of a path, mm, y up."""
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
        if not all(map(math.isfinite, (*first, *last))):
            raise ImportRefused("a point of the drawing is no number", "", "save it again as plain SVG")
        if math.dist(first, last) < 1e-6 and kind in ("Close", "Line"):
            end = last
        else:
            knots += [Knot(*first)] if kind in ("Close", "Line") else _arcs(point, 0.0, 1.0, 0)
            end = last
        if len(knots) > MOST_CORNERS:
            raise ImportRefused(say("the outline has more than {most} corners", most=MOST_CORNERS), "",
                                "simplify it")
        if kind == "Close":
            finish()
    finish()
    return loops


def _in_mm(segment: Any) -> Callable[[float], tuple[float, float]]:
    def at(t: float) -> tuple[float, float]:
        p = segment.point(t)
        return float(p.x) * _MM_PER_PX, -float(p.y) * _MM_PER_PX

    return at


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
