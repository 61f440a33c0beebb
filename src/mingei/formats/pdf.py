"""PDF: one page a sheet, vector, exact size, fonts embedded.

Coordinates are written in points straight from millimetres, with no scaling matrix, so that a reader measures what was meant.
"""

from __future__ import annotations

import io
import math
from collections.abc import Iterable
from functools import cache
from itertools import groupby
from typing import TYPE_CHECKING

from mingei.assets import BOLD_FONT, TEXT_FONT
from mingei.core.drawing import LOOKS, Drawing, Ink
from mingei.core.shape import Arc, Path

if TYPE_CHECKING:
    from reportlab.pdfgen.canvas import Canvas
    from reportlab.pdfgen.pathobject import PDFPathObject

POINTS_PER_MM = 72.0 / 25.4
#: An arc is drawn as Bezier curves of at most this many degrees: off by less than 4e-6 of its radius.
_BEZIER_DEG = 45.0


@cache
def _fonts() -> tuple[str, str]:
    from reportlab.pdfbase.pdfmetrics import registerFont
    from reportlab.pdfbase.ttfonts import TTFont

    registerFont(TTFont("Text", str(TEXT_FONT)))
    registerFont(TTFont("Bold", str(BOLD_FONT)))
    return "Text", "Bold"


def pdf(drawings: Iterable[Drawing]) -> bytes:
    """The drawings as pages.  The same drawings always give the same bytes."""
    from reportlab.pdfgen.canvas import Canvas

    out = io.BytesIO()
    pages = list(drawings)
    canvas = Canvas(out, invariant=1, pageCompression=1)
    canvas.setTitle(pages[0].title if pages else "")
    canvas.setCreator("Mingei")
    canvas.setViewerPreference("PrintScaling", "None")
    for page in pages:
        canvas.setPageSize((page.width * POINTS_PER_MM, page.height * POINTS_PER_MM))
        canvas.setLineCap(0)
        canvas.setLineJoin(1)
        _strokes(canvas, page)
        _texts(canvas, page)
        canvas.showPage()
    canvas.save()
    return out.getvalue()


def _strokes(canvas: Canvas, page: Drawing) -> None:
    order = list(Ink)
    for ink, strokes in groupby(sorted(page.strokes, key=lambda s: order.index(s.ink)), key=lambda s: s.ink):
        look = LOOKS[ink]
        canvas.setLineWidth(look.width * POINTS_PER_MM)
        canvas.setDash([d * POINTS_PER_MM for d in look.dashes] or [], 0)
        for stroke in strokes:
            path = canvas.beginPath()
            _trace(path, stroke.path)
            canvas.drawPath(path)


def _trace(path: PDFPathObject, segments: Path) -> None:
    k = POINTS_PER_MM
    start = segments[0].start
    path.moveTo(start[0] * k, start[1] * k)
    for number, segment in enumerate(segments):
        if isinstance(segment, Arc):
            _arc(path, segment)
        elif number == len(segments) - 1 and number and math.dist(segment.end, start) < 1e-6:
            path.close()
            return
        else:
            path.lineTo(segment.end[0] * k, segment.end[1] * k)
    if math.dist(segments[-1].end, start) < 1e-6:
        path.close()


def _arc(path: PDFPathObject, arc: Arc) -> None:
    """Bezier curves whose handles are 4/3 tan(sweep/4) of the radius: the usual circle fit."""
    k = POINTS_PER_MM
    pieces = max(1, math.ceil(abs(arc.sweep_deg) / _BEZIER_DEG))
    step = math.radians(arc.sweep_deg / pieces)
    handle = 4 / 3 * math.tan(step / 4) * arc.radius
    for i in range(pieces):
        a = math.radians(arc.start_deg) + i * step
        b = a + step
        (x0, y0), (x1, y1) = arc.at(i / pieces), arc.at((i + 1) / pieces)
        path.curveTo((x0 - handle * math.sin(a)) * k, (y0 + handle * math.cos(a)) * k,
                     (x1 + handle * math.sin(b)) * k, (y1 - handle * math.cos(b)) * k, x1 * k, y1 * k)


def _texts(canvas: Canvas, page: Drawing) -> None:
    plain, bold = _fonts()
    k = POINTS_PER_MM
    for text in page.texts:
        canvas.saveState()
        canvas.translate(text.at[0] * k, text.at[1] * k)
        if text.turn_deg:
            canvas.rotate(text.turn_deg)
        canvas.setFont(bold if text.bold else plain, text.size * k)
        if text.middle:
            canvas.drawCentredString(0, -0.35 * text.size * k, text.words)
        else:
            canvas.drawString(0, 0, text.words)
        canvas.restoreState()
