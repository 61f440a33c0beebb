"""Writing files: ours against the library's own bare drawing of the same lines."""

from __future__ import annotations

import io

from bench import median, timed
from mingei.core.drawing import Drawing, Ink, Stroke
from mingei.core.shape import Line
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


def bare_pdf(drawing: Drawing) -> bytes:
    from reportlab.pdfgen.canvas import Canvas

    out = io.BytesIO()
    canvas = Canvas(out, pagesize=(280 * POINTS_PER_MM, 190 * POINTS_PER_MM), pageCompression=1)
    path = canvas.beginPath()
    for stroke in drawing.strokes:
        a, b = stroke.path[0].start, stroke.path[0].end
        path.moveTo(a[0] * POINTS_PER_MM, a[1] * POINTS_PER_MM)
        path.lineTo(b[0] * POINTS_PER_MM, b[1] * POINTS_PER_MM)
    canvas.drawPath(path)
    canvas.save()
    return out.getvalue()


def files() -> None:
    drawing = many(COUNT)
    pdf_of(many(10)), dxf(many(10)), bare_pdf(many(10))  # fonts and imports
    bare = median(timed(lambda: bare_pdf(drawing), 5))
    for name, write in (("PDF", pdf_of), ("DXF", dxf), ("SVG", svg)):
        ms = median(timed(lambda write=write: write(drawing), 5))
        print(f"{COUNT} segments to {name}: {ms:.0f} ms, {ms / bare:.2f} x bare PDF drawing ({bare:.0f} ms)")


def pdf_of(drawing: Drawing) -> bytes:
    return pdf([drawing])
