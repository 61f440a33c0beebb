"""Writing files: ours against the library's own bare drawing of the same lines."""

from __future__ import annotations

import io
from itertools import pairwise

from bench import median, timed
from mingei.core.layout.drawing import Drawing, Ink, Stroke
from mingei.core.plane.shape import Line
from mingei.formats.dxf import dxf
from mingei.formats.pdf import POINTS_PER_MM, pdf
from mingei.formats.svg import svg

COUNT = 10_000


def many(count: int) -> Drawing:
    """So many short lines in the inks people use, as a drawing of 280 x 190 mm."""
    inks = (Ink.CUT, Ink.MOUNTAIN, Ink.VALLEY)
    strokes = []
    for i in range(count):
        x, y = 5 + (i % 100) * 2.7, 5 + (i // 100) * 1.8
        strokes.append(Stroke(inks[i % 3], (Line((x, y), (x + 2.0, y + (i % 7) * 0.2)),)))
    return Drawing(280.0, 190.0, tuple(strokes))


def runs(count: int, length: int = 20) -> Drawing:
    """So many segments in runs of ``length``, as outlines are."""
    strokes = []
    for i in range(count // length):
        x, y = 5 + (i % 25) * 11.0, 5 + (i // 25) * 9.0
        points = [(x + 0.5 * j, y + (j % 2) * 6.0) for j in range(length + 1)]
        strokes.append(Stroke(Ink.CUT, tuple(Line(a, b) for a, b in pairwise(points))))
    return Drawing(280.0, 190.0, tuple(strokes))


def bare_pdf(drawing: Drawing) -> bytes:
    from reportlab.pdfgen.canvas import Canvas

    out = io.BytesIO()
    canvas = Canvas(out, pagesize=(280 * POINTS_PER_MM, 190 * POINTS_PER_MM), pageCompression=1)
    path = canvas.beginPath()
    for stroke in drawing.strokes:
        at = stroke.path[0].start
        path.moveTo(at[0] * POINTS_PER_MM, at[1] * POINTS_PER_MM)
        for segment in stroke.path:
            path.lineTo(segment.end[0] * POINTS_PER_MM, segment.end[1] * POINTS_PER_MM)
    canvas.drawPath(path)
    canvas.save()
    return out.getvalue()


def files() -> None:
    for words, drawing in (("single lines", many(COUNT)), ("runs of 20", runs(COUNT))):
        _files(words, drawing)


def _files(words: str, drawing: Drawing) -> None:
    pdf_of(many(10)), dxf(many(10)), bare_pdf(many(10))  # fonts and imports
    bare = median(timed(lambda: bare_pdf(drawing), 5))
    for name, write in (("PDF", pdf_of), ("DXF", dxf), ("SVG", svg)):
        ms = median(timed(lambda write=write: write(drawing), 5))
        print(
            f"{COUNT} segments, {words}, to {name}: {ms:.0f} ms, {ms / bare:.2f} x bare PDF drawing "
            f"({bare:.0f} ms)")


def pdf_of(drawing: Drawing) -> bytes:
    return pdf([drawing])
