"""One reading of SVG drawings, for outlines, openings and artwork: within bounds that are known before
anything is followed, so that no small file takes long or swallows all memory.

The drawing is looked through as plain XML first: entities are refused in any encoding, and what ``use``
multiplies is counted without being made.
"""

from __future__ import annotations

import io
import math
import zlib
from collections.abc import Iterator
from typing import TYPE_CHECKING, Any, NamedTuple

from mingei.core.errors import ImportRefused
from mingei.core.words import say

if TYPE_CHECKING:
    from xml.etree.ElementTree import Element

#: CSS: 96 px are an inch, whatever the screen.
PPI = 96.0
#: The largest drawing, bytes, whether packed or not; how many elements it may come to once every ``use`` is
#: followed, how many characters all paths and places come to then, and how deep groups lie in each other.
LARGEST, MOST_PARTS, MOST_SIGNS, MOST_DEEP = 8 * 1024 * 1024, 10_000, 3_000_000, 60
#: Points beyond this (px) lie on no sheet.
_FAR = 1e7


class Sketch(NamedTuple):
    """What is drawn: its size, px, 0 where it has none, and its shapes; letters, pictures: how many parts are
    neither."""

    width: float
    height: float
    shapes: tuple[Any, ...]
    others: int


def read(data: bytes) -> Sketch:
    """A drawing's shapes, each with its place and colours.  Raises ImportRefused with the reason."""
    data = _unpacked(data)
    _admit(data)
    import svgelements  # only drawings read in need it

    try:
        drawing = svgelements.SVG.parse(io.BytesIO(data), reify=True, ppi=PPI)
        width, height = float(drawing.width), float(drawing.height)
        parts = list(_within(drawing.elements(), MOST_PARTS * 3))
    except ImportRefused:
        raise
    except Exception as error:  # noqa: BLE001 - a broken drawing fails in as many ways as it can be broken
        raise ImportRefused(say("it is no SVG drawing, or a broken one ({error})", error=str(error)[:80]
                                or type(error).__name__), "", "save it again as plain SVG") from None
    shapes = tuple(e for e in parts if isinstance(e, svgelements.Shape))
    others = sum(isinstance(e, (svgelements.Text, svgelements.Image)) for e in parts)
    return Sketch(width, height, shapes, others)


def _within(elements: Any, most: int) -> Iterator[Any]:
    for number, element in enumerate(elements):
        if number > most:
            raise _too_many()
        yield element


def is_near(x: float, y: float) -> bool:
    """Whether a point can lie on a sheet, px; not so where it is no number."""
    return abs(x) < _FAR and abs(y) < _FAR


class Ellipse(NamedTuple):
    """Where an arc lies, px, y down: its middle, two half diameters, which need not be square to each other
    where it was slanted; begin, sweep: the point at t is middle + cos(begin + t sweep) u
    + sin(begin + t sweep) v."""

    middle: tuple[float, float]
    u: tuple[float, float]
    v: tuple[float, float]
    begin: float
    sweep: float


def half_diameters(arc: Any) -> Ellipse:
    """An arc by its half diameters.  Raises ZeroDivisionError where it has no width."""
    (x, y), (ux, uy), (vx, vy), (sx, sy) = ((float(p.x), float(p.y)) for p in
                                            (arc.center, arc.prx, arc.pry, arc.start))
    ux, uy, vx, vy, sx, sy = ux - x, uy - y, vx - x, vy - y, sx - x, sy - y
    cross = ux * vy - uy * vx
    begin = math.atan2((ux * sy - uy * sx) / cross, (sx * vy - sy * vx) / cross)
    return Ellipse((x, y), (ux, uy), (vx, vy), begin, math.copysign(float(arc.sweep), arc.sweep * cross))


def as_curves(arc: Any) -> Iterator[tuple[tuple[float, float], tuple[float, float], tuple[float, float]]]:
    """An arc as Bezier curves of 45 degrees at most, px: their handles and their ends; each handle is
    4/3 tan(sweep/4) of the half diameter it runs along: the usual circle fit."""
    try:
        (x, y), u, v, begin, sweep = half_diameters(arc)
    except ZeroDivisionError:  # flattened to a line
        start, end = (float(arc.start.x), float(arc.start.y)), (float(arc.end.x), float(arc.end.y))
        yield start, end, end
        return
    pieces = max(1, math.ceil(abs(sweep) / (math.pi / 4) - 1e-9))
    handle = 4 / 3 * math.tan(sweep / pieces / 4)

    def at(cos: float, sin: float) -> tuple[float, float]:
        return x + cos * u[0] + sin * v[0], y + cos * u[1] + sin * v[1]

    for i in range(pieces):
        a, b = begin + i * sweep / pieces, begin + (i + 1) * sweep / pieces
        yield (at(math.cos(a) - handle * math.sin(a), math.sin(a) + handle * math.cos(a)),
               at(math.cos(b) + handle * math.sin(b), math.sin(b) - handle * math.cos(b)),
               at(math.cos(b), math.sin(b)))


def _unpacked(data: bytes) -> bytes:
    if data[:2] == b"\x1f\x8b":
        try:
            data = zlib.decompressobj(31).decompress(data, LARGEST + 1)
        except zlib.error:
            raise ImportRefused("the drawing is packed, and broken", "",
                                "save it again as plain SVG") from None
    if len(data) > LARGEST:
        raise ImportRefused(say("a drawing of more than {mb:g} MB is too large", mb=LARGEST / 1024 / 1024),
                            "", "simplify it, or save it as a picture")
    return data


def _admit(data: bytes) -> None:
    """Raises ImportRefused for what is no XML, defines entities, or would come to too much."""
    from defusedxml import DefusedXmlException
    from defusedxml.ElementTree import ParseError, fromstring

    try:
        root = fromstring(data, forbid_dtd=False, forbid_entities=True, forbid_external=True)
    except DefusedXmlException:
        raise ImportRefused("the drawing defines entities of its own, which are not followed", "",
                            "save it as plain SVG") from None
    except (ParseError, ValueError, LookupError, RecursionError) as error:
        raise ImportRefused(say("it is no SVG drawing, or a broken one ({error})", error=str(error)[:80]), "",
                            "save it again as plain SVG") from None
    parts, signs = _Count(root).of(root)
    if parts > MOST_PARTS:
        raise _too_many()
    if signs > MOST_SIGNS:
        raise ImportRefused(say("its paths come to {count} million characters", count=round(signs / 1e6, 1)),
                            "", "simplify it, or save it as a picture")


def _too_many() -> ImportRefused:
    return ImportRefused(say("more than {most} parts are no drawing to be cut or printed", most=MOST_PARTS),
                         "", "simplify it, or save it as a picture")


class _Count:
    """How many parts and characters elements come to, with all that is used in them."""

    def __init__(self, root: Element) -> None:
        self.by_id = {e.get("id"): e for e in root.iter() if e.get("id")}
        self.known: dict[Element, tuple[int, int]] = {}
        self.open: set[Element] = set()

    def of(self, element: Element) -> tuple[int, int]:
        if element in self.known:
            return self.known[element]
        if element in self.open or len(self.open) > MOST_DEEP:
            raise ImportRefused("its groups lie in each other without end, or too deep", "",
                                "save it again as plain SVG")
        self.open.add(element)
        parts, signs = 1, sum(map(len, element.attrib.values())) + len(element.text or "")
        used = None
        if str(element.tag).rpartition("}")[2] == "use":
            name = next((v for k, v in element.attrib.items() if k.rpartition("}")[2] == "href"), "")
            used = self.by_id.get(name.removeprefix("#"))
        for child in (*element, *([used] if used is not None else [])):
            more, longer = self.of(child)
            parts, signs = parts + more, signs + longer
        self.open.discard(element)
        self.known[element] = parts, signs
        return parts, signs
