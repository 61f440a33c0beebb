"""SVG: one user unit a millimetre, a group for each ink, true arcs."""

from __future__ import annotations

import base64
import math
import xml.etree.ElementTree as ET
from collections.abc import Iterable
from pathlib import Path as Path_
from typing import TYPE_CHECKING

from mingei.core.art import Mark, Raster, Vector
from mingei.core.drawing import LOOKS, Drawing, Ink
from mingei.core.shape import Arc, Path

if TYPE_CHECKING:
    import numpy as np
    from numpy.typing import NDArray


def number(value: float) -> str:
    """At most six decimals, no needless zeros, never minus zero."""
    text = f"{value:.6f}".rstrip("0").rstrip(".")
    return "0" if text in ("-0", "") else text


def svg(drawing: Drawing) -> bytes:
    """The drawing as one SVG document; y points down in it."""
    w, h = number(drawing.width), number(drawing.height)
    root = ET.Element("svg", {"xmlns": "http://www.w3.org/2000/svg", "version": "1.1", "width": f"{w}mm", "height": f"{h}mm",
                              "viewBox": f"0 0 {w} {h}"})
    ET.SubElement(root, "title").text = drawing.title
    if drawing.printed:
        _art(root, drawing)
    for ink in Ink:
        strokes = [s for s in drawing.strokes if s.ink is ink]
        if not strokes:
            continue
        look = LOOKS[ink]
        style = {"id": str(ink), "fill": "none", "stroke": "#000000", "stroke-width": number(look.width), "stroke-linejoin": "round"}
        if look.dashes:
            style["stroke-dasharray"] = " ".join(number(d) for d in look.dashes)
        group = ET.SubElement(root, "g", style)
        for stroke in strokes:
            ET.SubElement(group, "path", {"d": path_data(stroke.path, drawing.height)})
    if drawing.texts:
        words = ET.SubElement(root, "g", {"id": "words", "font-family": "IBM Plex Sans, sans-serif", "fill": "#000000"})
        for text in drawing.texts:
            x, y = number(text.at[0]), number(drawing.height - text.at[1])
            attributes = {"x": x, "y": y, "font-size": number(text.size)}
            if text.bold:
                attributes["font-weight"] = "600"
            if text.middle:
                attributes["text-anchor"] = "middle"
                attributes["dy"] = number(0.35 * text.size)
            if text.turn_deg:
                attributes["transform"] = f"rotate({number(-text.turn_deg)} {x} {y})"
            ET.SubElement(words, "text", attributes).text = text.words
    ET.indent(root, " ")
    return bytes(ET.tostring(root, encoding="utf-8", xml_declaration=True)) + b"\n"


def _art(root: ET.Element, drawing: Drawing) -> None:
    """Artwork as a group named for its ink: pictures embedded as they are, drawings and letters as paths, each cut off at its outlines."""
    group = ET.SubElement(root, "g", {"id": str(Ink.DRAW)})
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
            if isinstance(printed.picture, Vector):
                scale = frame.width / printed.picture.width
                middle = number_pair(-printed.picture.width / 2, -printed.picture.height / 2)
                turned_up = f"scale({number(scale)} {number(-scale)}) translate({middle})"
                inner = ET.SubElement(clipped, "g", {"transform": f"{placed} {turned_up}"})
                for mark in printed.picture.marks:
                    ET.SubElement(inner, "path", _mark(mark))
                continue
            box = {"x": number(-frame.width / 2), "y": number(-frame.height / 2), "width": number(frame.width),
                   "height": number(frame.height), "transform": placed}
            if isinstance(printed.picture, Raster):
                file = Path_(printed.picture.file)
                kind = "jpeg" if file.suffix.lower() in (".jpg", ".jpeg") else "png"
                held = base64.b64encode(file.read_bytes()).decode("ascii")
                ET.SubElement(clipped, "image", {**box, "preserveAspectRatio": "none", "href": f"data:image/{kind};base64,{held}"})
            else:
                missing = ET.SubElement(clipped, "rect", {**box, "fill": "none", "stroke": "#000000", "stroke-width": "0.2",
                                                          "stroke-dasharray": "1 1"})
                ET.SubElement(missing, "title").text = printed.name


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


def shaded_svg(faces: Iterable[tuple[NDArray[np.float64], tuple[int, ...]]], width: int, height: int, title: str) -> bytes:
    """A picture of filled polygons in painting order.

    faces: points (n, 2), 0..1 from left to right and bottom to top, and a colour (r, g, b) 0..255; width, height: user units.
    """
    root = ET.Element("svg", {"xmlns": "http://www.w3.org/2000/svg", "version": "1.1", "width": str(width), "height": str(height),
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
            halves = (0.5, 1.0) if abs(segment.sweep_deg) > 180 else (1.0,)  # a whole circle has no end to aim at
            for fraction in halves:
                parts.append(f"A{r} {r} 0 0 {0 if segment.sweep_deg > 0 else 1} {at(segment.at(fraction))}")
        else:
            parts.append(f"L{at(segment.end)}")
    if math.dist(path[-1].end, path[0].start) < 1e-6:
        parts.append("Z")
    return " ".join(parts)
