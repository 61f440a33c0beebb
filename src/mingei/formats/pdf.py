"""PDF: one page a sheet, vector, exact size, fonts embedded.

Coordinates are written in points straight from millimetres, with no scaling matrix, so that a reader measures what was meant.
"""

from __future__ import annotations

import io
import math
from collections.abc import Iterable
from functools import cache
from itertools import groupby
from pathlib import Path as Path_
from typing import TYPE_CHECKING

from mingei.assets import BOLD_FONT, TEXT_FONT
from mingei.core.art import Frame, Printed, Raster, Vector
from mingei.core.drawing import LOOKS, Drawing, Ink
from mingei.core.shape import Arc, Path
from mingei.formats.bands import bands

if TYPE_CHECKING:
    from reportlab.pdfgen.canvas import Canvas
    from reportlab.pdfgen.pathobject import PDFPathObject

POINTS_PER_MM = 72.0 / 25.4
#: An arc is drawn as Bezier curves of at most this many degrees: off by less than 4e-6 of its radius.
_BEZIER_DEG = 45.0
#: As thin as a printer draws, mm.
_HAIR_MM = 0.05
#: Larger pictures are written in bands of so many pixels.
_BAND_PX = 4_000_000


@cache
def _fonts() -> tuple[str, str]:
    from reportlab.pdfbase.pdfmetrics import registerFont
    from reportlab.pdfbase.ttfonts import TTFont

    registerFont(TTFont("Text", str(TEXT_FONT)))
    registerFont(TTFont("Bold", str(BOLD_FONT)))
    return "Text", "Bold"


def pdf(drawings: Iterable[Drawing]) -> bytes:
    """The drawings as pages.  The same drawings always give the same bytes."""
    from reportlab import rl_config
    from reportlab.pdfgen.canvas import Canvas

    rl_config.useA85 = 0  # pictures as bytes: spelled out in letters they take a quarter more room and ten times as long
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
        if page.correction != (1.0, 1.0):  # about the middle, so that all four margins share what it takes
            (sx, sy), (w, h) = page.correction, (page.width * POINTS_PER_MM, page.height * POINTS_PER_MM)
            canvas.transform(sx, 0, 0, sy, (1 - sx) * w / 2, (1 - sy) * h / 2)
        for printed in page.printed:
            _art(canvas, printed)
        canvas.setLineCap(0)
        _strokes(canvas, page)
        _texts(canvas, page)
        canvas.showPage()
    canvas.save()
    return out.getvalue()


def _art(canvas: Canvas, printed: Printed) -> None:
    """A picture at its full resolution, cut off at its outlines; a missing one as a crossed box with its name."""
    canvas.saveState()
    k = POINTS_PER_MM
    within = canvas.beginPath()
    for outline, holes in printed.within:
        for loop in (outline, *holes):
            within.moveTo(loop[0][0] * k, loop[0][1] * k)
            for x, y in loop[1:]:
                within.lineTo(x * k, y * k)
            within.close()
    canvas.clipPath(within, stroke=0, fill=0, fillMode=0)
    for frame in printed.frames:
        canvas.saveState()
        canvas.translate(frame.middle[0] * k, frame.middle[1] * k)
        canvas.rotate(frame.turn_deg)
        canvas.translate(-frame.width / 2 * k, -frame.height / 2 * k)
        if isinstance(printed.picture, Raster):
            _pixels(canvas, printed.picture, frame)
        elif isinstance(printed.picture, Vector):
            _marks(canvas, printed.picture, frame)
        else:
            _missing(canvas, printed.name, frame)
        canvas.restoreState()
    canvas.restoreState()


def _pixels(canvas: Canvas, picture: Raster, frame: Frame) -> None:
    """A JPEG goes in as it is; other pictures in bands, so that a large one is never held whole."""
    from PIL import Image
    from reportlab.lib.utils import ImageReader

    k = POINTS_PER_MM
    if picture.width * picture.height <= _BAND_PX or Path_(picture.file).suffix.lower() in (".jpg", ".jpeg"):
        canvas.drawImage(picture.file, 0, 0, frame.width * k, frame.height * k, mask="auto")
        return
    with Image.open(picture.file, formats=("PNG", "JPEG")) as image:
        rows = max(1, int(_BAND_PX // image.width))
        for top, band in bands(Path_(picture.file), rows, image):
            low = top + band.height
            canvas.drawImage(ImageReader(band), 0, (1 - low / image.height) * frame.height * k, frame.width * k,
                             (low - top) / image.height * frame.height * k, mask="auto")


def _marks(canvas: Canvas, picture: Vector, frame: Frame) -> None:
    scale = frame.width / picture.width * POINTS_PER_MM
    for mark in picture.marks:
        path = canvas.beginPath()
        for name, points in mark.commands:
            flat = [v * scale for p in points for v in p]
            {"M": path.moveTo, "L": path.lineTo, "C": path.curveTo, "Z": path.close}[name](*flat)
        if mark.fill is not None:
            canvas.setFillColorRGB(*(c / 255 for c in mark.fill))
        if mark.stroke is not None:
            canvas.setStrokeColorRGB(*(c / 255 for c in mark.stroke))
            canvas.setLineWidth(mark.width * scale)
        canvas.drawPath(path, stroke=mark.stroke is not None, fill=mark.fill is not None, fillMode=0 if mark.even_odd else 1)


def _missing(canvas: Canvas, name: str, frame: Frame) -> None:
    plain, _ = _fonts()
    k = POINTS_PER_MM
    w, h = frame.width * k, frame.height * k
    canvas.setLineWidth(0.5)
    canvas.setDash([2, 2], 0)
    canvas.rect(0, 0, w, h)
    canvas.line(0, 0, w, h)
    canvas.line(0, h, w, 0)
    canvas.setFont(plain, 8)
    canvas.drawCentredString(w / 2, h / 2, name)


def _strokes(canvas: Canvas, page: Drawing) -> None:
    order = list(Ink)
    for ink, strokes in groupby(sorted(page.strokes, key=lambda s: order.index(s.ink)), key=lambda s: s.ink):
        look = LOOKS[ink]
        canvas.setLineWidth((_HAIR_MM if page.hair and ink is Ink.CUT else look.width) * POINTS_PER_MM)
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
