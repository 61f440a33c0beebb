"""SVG: one user unit a millimetre, a group for each ink, true arcs."""

from __future__ import annotations

import base64
import io
import math
import re
import xml.etree.ElementTree as ET
from collections.abc import Iterable
from pathlib import Path as Path_
from typing import TYPE_CHECKING
from xml.sax.saxutils import unescape

from mingei.core.covering.art import Mark, Picture, Vector
from mingei.core.layout.drawing import LOOKS, Drawing, Ink, in_order
from mingei.core.plane.shape import Arc, Path
from mingei.formats.artwork import part_of

if TYPE_CHECKING:
    import numpy as np
    from numpy.typing import NDArray


def number(value: float) -> str:
    """At most six decimals, no needless zeros, never minus zero."""
    text = f"{value:.6f}".rstrip("0").rstrip(".")
    return "0" if text in ("-0", "") else text


#: Stands for a file until all else is written.
_LATER = "file-to-be-put-in:"
#: The editor's own attributes by which groups are shown as layers.
_LAYERS = "http://www.inkscape.org/namespaces/inkscape"
#: The order in which what is done to the card stands, after marks and words: the cuts last.
ORDER = (Ink.DRAW, Ink.GUIDE, Ink.PERFORATE, Ink.VALLEY, Ink.MOUNTAIN, Ink.BEND, Ink.CUT)


def svg(drawing: Drawing) -> bytes | bytearray:
    """The drawing as one SVG document; y points down in it.

    Each group is there once, in working order, with a colour of its own; openings come before the outlines
    they lie in; words are outlines.
    """
    ET.register_namespace("inkscape", _LAYERS)
    w, h = number(drawing.width), number(drawing.height)
    root = ET.Element("svg", {"xmlns": "http://www.w3.org/2000/svg", "version": "1.1", "width": f"{w}mm",
                              "height": f"{h}mm",
                              "viewBox": f"0 0 {w} {h}"})
    ET.SubElement(root, "title").text = drawing.title
    _marks(root, drawing)
    _words(root, drawing)
    for ink in ORDER:
        strokes = [s for s in drawing.strokes if s.ink is ink and not s.mark]
        printed = drawing.printed if ink is Ink.DRAW else ()
        if strokes or printed:
            group = _group(root, str(ink), ink)
            if printed:
                _art(group, drawing)
            for stroke in in_order(strokes):
                ET.SubElement(group, "path", {"d": path_data(stroke.path, drawing.height)})
    ET.indent(root, " ")
    return _written(bytes(ET.tostring(root, encoding="utf-8", xml_declaration=True)) + b"\n")


def _group(root: ET.Element, name: str, ink: Ink | None = None) -> ET.Element:
    attributes = {"id": name, f"{{{_LAYERS}}}groupmode": "layer", f"{{{_LAYERS}}}label": name}
    return ET.SubElement(root, "g", attributes | (_style(ink) if ink is not None else {}))


def _style(ink: Ink) -> dict[str, str]:
    look = LOOKS[ink]
    style = {"fill": "none", "stroke": look.colour, "stroke-width": number(look.width),
             "stroke-linejoin": "round"}
    return style | ({"stroke-dasharray": " ".join(number(d) for d in look.dashes)} if look.dashes else {})


def _marks(root: ET.Element, drawing: Drawing) -> None:
    """What belongs to the page, each line as it looks."""
    marks = [s for s in drawing.strokes if s.mark]
    if marks:
        group = _group(root, "marks")
        for stroke in marks:
            ET.SubElement(group, "path", {"d": path_data(stroke.path, drawing.height)} | _style(stroke.ink))


def _words(root: ET.Element, drawing: Drawing) -> None:
    """Words as outlines, so that no reader needs the type; each with what it says."""
    if not drawing.texts:
        return
    from mingei.formats.letters import outlines

    group = _group(root, "words")
    group.set("fill", "#26241f")
    for text in drawing.texts:
        data = []
        for commands in outlines(text):
            data += [name + " ".join(number_pair(x, drawing.height - y) for x, y in points)
                     for name, points in commands]
        if data:
            ET.SubElement(group, "path", {"d": " ".join(data), "aria-label": text.words})


def _art(root: ET.Element, drawing: Drawing) -> None:
    """Artwork within the group of its ink: pictures embedded as they are, drawings and letters as paths, each
    cut off at its outlines."""
    group = ET.SubElement(root, "g", {"id": "artwork", "stroke": "none"})
    once: dict[Picture, str] = {}
    for index, printed in enumerate(drawing.printed):
        cut = ET.SubElement(group, "clipPath", {"id": f"within-{index}"})
        data = []
        for outline, holes in printed.within:
            for loop in (outline, *holes):
                data.append("M" + " L".join(f"{number_pair(x, drawing.height - y)}" for x, y in loop) + " Z")
        ET.SubElement(cut, "path", {"d": " ".join(data), "clip-rule": "evenodd"})
        clipped = ET.SubElement(group, "g", {"clip-path": f"url(#within-{index})"})
        for frame in printed.frames:
            x, y = frame.middle
            placed = f"translate({number_pair(x, drawing.height - y)}) rotate({number(-frame.turn_deg)})"
            if printed.picture is not None:
                picture = printed.picture
                if picture not in once:
                    once[picture] = f"picture-{len(once)}"
                    _hold(group, picture, once[picture])
                scale = f"{frame.width / picture.width:.9g} {frame.height / picture.height:.9g}"
                middle = number_pair(-picture.width / 2, -picture.height / 2)
                ET.SubElement(clipped, "use", {"href": f"#{once[picture]}", "transform":
                                               f"{placed} scale({scale}) translate({middle})"})
                continue
            box = {"x": number(-frame.width / 2), "y": number(-frame.height / 2),
                   "width": number(frame.width),
                   "height": number(frame.height), "transform": placed}
            missing = ET.SubElement(clipped, "rect",
                                    {**box, "fill": "none", "stroke": "#000000", "stroke-width": "0.2",
                                     "stroke-dasharray": "1 1"})
            ET.SubElement(missing, "title").text = printed.name


def _hold(group: ET.Element, picture: Picture, name: str) -> None:
    """A picture as it is used from then on, at its own size, y down."""
    within = ET.SubElement(ET.SubElement(group, "defs"), "g", {"id": name})
    if isinstance(picture, Vector):
        within.set("transform", f"translate(0 {number(picture.height)}) scale(1 -1)")
        for mark in picture.marks:
            ET.SubElement(within, "path", _mark(mark))
        return
    if picture.of is not None:
        part = part_of(picture)
        data = io.BytesIO()
        part.save(data, "PNG")
        ET.SubElement(within, "image", {
            "x": number(int(picture.left) - picture.left), "y": number(int(picture.top) - picture.top),
            "width": number(part.width), "height": number(part.height), "preserveAspectRatio": "none",
            "href": "data:image/png;base64," + base64.b64encode(data.getvalue()).decode("ascii")})
        return
    ET.SubElement(within, "image", {"width": number(picture.width), "height": number(picture.height),
                                    "preserveAspectRatio": "none", "href": _LATER + picture.file})


def _written(text: bytes) -> bytes | bytearray:
    """The document with the files of its pictures put in, band by band, so that none is held twice."""
    parts = re.split(rb'"' + _LATER.encode() + rb'([^"]*)"', text)
    if len(parts) == 1:
        return text
    out = bytearray(parts[0])
    for name, rest in zip(parts[1::2], parts[2::2], strict=True):
        file = Path_(unescape(name.decode("utf-8"), {"&quot;": '"'}))
        kind = b"jpeg" if file.suffix.lower() in (".jpg", ".jpeg") else b"png"
        out += b'"data:image/' + kind + b";base64,"
        with file.open("rb") as stream:
            while data := stream.read(3 << 18):
                out += base64.b64encode(data)
        out += b'"' + rest
    return out


def number_pair(x: float, y: float) -> str:
    return f"{number(x)} {number(y)}"


def _mark(mark: Mark) -> dict[str, str]:
    """A mark's path, y up."""
    data = " ".join(name + " ".join(number_pair(*p) for p in points) for name, points in mark.commands)
    paint = {"d": data, "fill": "none" if mark.fill is None else "#{:02x}{:02x}{:02x}".format(*mark.fill)}
    if mark.even_odd:
        paint["fill-rule"] = "evenodd"
    if mark.stroke is not None:
        paint |= {"stroke": "#{:02x}{:02x}{:02x}".format(*mark.stroke), "stroke-width": number(mark.width)}
    return paint


def shaded_svg(faces: Iterable[tuple[NDArray[np.float64], tuple[int, ...]]], width: int, height: int,
               title: str) -> bytes:
    """A picture of filled polygons in painting order.

    faces: points (n, 2), 0..1 from left to right and bottom to top, and a colour (r, g, b) 0..255; width,
    height: user units.
    """
    root = ET.Element("svg", {"xmlns": "http://www.w3.org/2000/svg", "version": "1.1", "width": str(width),
                              "height": str(height),
                              "viewBox": f"0 0 {width} {height}"})
    ET.SubElement(root, "title").text = title
    group = ET.SubElement(root, "g", {"id": "folded", "stroke-width": "0.6", "stroke-linejoin": "round"})
    for points, colour in faces:
        tint = "#{:02x}{:02x}{:02x}".format(*colour)
        at = " ".join(f"{number(x * width)},{number((1 - y) * height)}" for x, y in points.tolist())
        ET.SubElement(group, "polygon", {"points": at, "fill": tint, "stroke": tint})
    ET.indent(root, " ")
    return bytes(ET.tostring(root, encoding="utf-8", xml_declaration=True)) + b"\n"


def path_data(path: Path, height: float) -> str:
    """SVG path commands, y turned down from ``height``; arcs stay arcs."""
    def at(p: tuple[float, float]) -> str:
        return f"{number(p[0])} {number(height - p[1])}"

    parts = [f"M{at(path[0].start)}"]
    for segment in path:
        if isinstance(segment, Arc):
            r = number(segment.radius)
            # a whole circle has no end to aim at
            halves = (0.5, 1.0) if abs(segment.sweep_deg) > 180 else (1.0,)
            for fraction in halves:
                parts.append(f"A{r} {r} 0 0 {0 if segment.sweep_deg > 0 else 1} {at(segment.at(fraction))}")
        else:
            parts.append(f"L{at(segment.end)}")
    if math.dist(path[-1].end, path[0].start) < 1e-6:
        parts.append("Z")
    return " ".join(parts)
