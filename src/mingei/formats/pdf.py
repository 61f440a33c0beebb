"""PDF: one page a sheet, vector, exact size, fonts embedded.

Coordinates are written in points straight from millimetres, with no scaling matrix, so that a reader measures
what was meant.
"""

from __future__ import annotations

import io
import math
from collections.abc import Iterable, Iterator, Mapping
from contextlib import contextmanager
from functools import cache
from itertools import groupby
from pathlib import Path as Path_
from typing import TYPE_CHECKING, Any

from mingei.assets import BOLD_FONT, TEXT_FONT
from mingei.core.covering.art import Frame, Picture, Printed, Raster, Vector
from mingei.core.layout.drawing import LOOKS, Drawing, Ink, Stroke
from mingei.core.plane.shape import Arc, Box, Path
from mingei.formats.artwork import part_of
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
def fonts() -> tuple[str, str]:
    """The names the two fonts are embedded under: for text, and bold."""
    return _font(TEXT_FONT), _font(BOLD_FONT)


@cache
def _font(file: Path_) -> str:
    """The name a font is embedded under."""
    from reportlab.pdfbase.pdfmetrics import registerFont
    from reportlab.pdfbase.ttfonts import TTFont

    name = {TEXT_FONT: "Text", BOLD_FONT: "Bold"}.get(file, file.stem)
    registerFont(TTFont(name, str(file)))
    return name


#: The layers a reader can show and hide, in the order they are drawn.
LAYERS = ("artwork", "folds", "cuts", "marks", "words")


def pdf(drawings: Iterable[Drawing], title: str = "") -> bytes:
    """The drawings as pages, each with its bookmark, in layers.  The same drawings always give the same
    bytes.

    title: of the whole document, that of the first page where none is given.
    """
    from reportlab import rl_config
    from reportlab.pdfgen.canvas import Canvas

    # pictures as bytes: spelled out in letters they take a quarter more room and ten times as long
    rl_config.useA85 = 0
    out = io.BytesIO()
    pages = list(drawings)
    plain, _ = fonts()
    canvas = Canvas(out, invariant=1, pageCompression=1, initialFontName=plain)
    tell(canvas, title or (pages[0].title if pages else ""))
    layers = _layered(canvas)
    held: dict[Picture, str] = {}
    k = POINTS_PER_MM
    for number, page in enumerate(pages):
        canvas.setPageSize((page.width * k, page.height * k))
        trim = page.trim or Box(0.0, 0.0, page.width, page.height)
        canvas.setTrimBox(tuple(v * k for v in (trim.left, trim.bottom, trim.right, trim.top)))
        canvas.setBleedBox((0.0, 0.0, page.width * k, page.height * k))
        canvas.bookmarkPage(f"page-{number + 1}")
        canvas.addOutlineEntry(page.title or f"{number + 1}", f"page-{number + 1}")
        canvas.setLineCap(0)
        canvas.setLineJoin(1)
        if page.correction != (1.0, 1.0):  # about the middle, so that all four margins share what it takes
            (sx, sy), (w, h) = page.correction, (page.width * k, page.height * k)
            canvas.transform(sx, 0, 0, sy, (1 - sx) * w / 2, (1 - sy) * h / 2)
        with _layer(canvas, "artwork"):
            for printed in page.printed:
                _art(canvas, printed, held)
        canvas.setLineCap(0)
        for name, strokes in (("folds", [s for s in page.strokes if not s.mark and s.ink is not Ink.CUT]),
                              ("cuts", [s for s in page.strokes if not s.mark and s.ink is Ink.CUT]),
                              ("marks", [s for s in page.strokes if s.mark])):
            with _layer(canvas, name):
                _strokes(canvas, page, strokes)
        with _layer(canvas, "words"):
            _texts(canvas, page)
        canvas.showPage()
        _with_layers(canvas, layers)
    canvas.save()
    return out.getvalue()


def draw_on(canvas: Canvas, page: Drawing) -> None:
    """Draw lines and words of a drawing on a canvas, at its size."""
    _strokes(canvas, page, page.strokes)
    _texts(canvas, page)


def tell(canvas: Canvas, title: str) -> None:
    """What the document says of itself: its title, and nothing of when or on which machine it was made."""
    from reportlab.pdfbase.pdfdoc import PDFDictionary, PDFInfo, PDFString

    class Told(PDFInfo):  # type: ignore[misc]
        def format(self, document: Any) -> Any:
            told = {"Title": PDFString(title), "Creator": PDFString("Mingei"),
                    "Producer": PDFString("Mingei")}
            return PDFDictionary(told).format(document)

    canvas._doc.info = Told()
    canvas.setTitle(title)
    canvas.setViewerPreference("PrintScaling", "None")


def _layered(canvas: Canvas) -> dict[str, Any]:
    """The layers declared in the document, by name (optional content, ISO 32000-1, 8.11)."""
    from reportlab.pdfbase.pdfdoc import PDFArray, PDFDictionary, PDFName, PDFString

    document = canvas._doc
    found = {name: document.Reference(PDFDictionary({"Type": PDFName("OCG"), "Name": PDFString(name)}))
             for name in LAYERS}
    catalog = document.Catalog
    order = PDFArray(list(found.values()))
    catalog.OCProperties = PDFDictionary({"OCGs": order, "D": PDFDictionary({"Order": order, "ON": order})})
    catalog.__NoDefault__ = [*catalog.__NoDefault__, "OCProperties"]
    return found


def _with_layers(canvas: Canvas, layers: Mapping[str, Any]) -> None:
    """The page just finished may use the layers."""
    from reportlab.pdfbase.pdfdoc import PDFDictionary, PDFPage

    class Layered(PDFPage):  # type: ignore[misc]
        def check_format(self, document: Any) -> None:
            super().check_format(document)
            self.Resources.Properties = PDFDictionary(dict(layers))

    canvas._doc.Pages.pages[-1].__class__ = Layered


@contextmanager
def _layer(canvas: Canvas, name: str) -> Iterator[None]:
    """What is drawn meanwhile belongs to a layer."""
    canvas._code.append(f"/OC /{name} BDC")
    yield
    canvas._code.append("EMC")


def _art(canvas: Canvas, printed: Printed, held: dict[Picture, str]) -> None:
    """A picture at its full resolution, cut off at its outlines; a missing one as a crossed box with its
    name."""
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
        if printed.picture is None:
            _missing(canvas, printed.name, frame)
        else:
            name = _once(canvas, printed.picture, held)
            canvas.scale(frame.width * k / printed.picture.width, frame.height * k / printed.picture.height)
            canvas.doForm(name)
        canvas.restoreState()
    canvas.restoreState()


def _once(canvas: Canvas, picture: Picture, held: dict[Picture, str]) -> str:
    """The name under which a picture is in the document, at its own size; put there the first time."""
    if picture not in held:
        held[picture] = name = f"picture-{len(held)}"
        canvas.beginForm(name, 0, 0, picture.width, picture.height)
        if isinstance(picture, Raster):
            _pixels(canvas, picture)
        else:
            _marks(canvas, picture)
        canvas.endForm()
    return held[picture]


def _pixels(canvas: Canvas, picture: Raster) -> None:
    """A JPEG goes in as it is; other pictures in bands, so that a large one is never held whole."""
    from PIL import Image
    from reportlab.lib.utils import ImageReader

    if picture.of is not None:
        part = part_of(picture)
        # its pixels are whole ones, its sides need not be
        canvas.drawImage(ImageReader(part), int(picture.left) - picture.left,
                         picture.height - (int(picture.top) - picture.top) - part.height, part.width,
                         part.height)
        return
    if picture.width * picture.height <= _BAND_PX or Path_(picture.file).suffix.lower() in (".jpg", ".jpeg"):
        canvas.drawImage(picture.file, 0, 0, picture.width, picture.height, mask="auto")
        return
    with Image.open(picture.file, formats=("PNG", "JPEG")) as image:
        rows = max(1, int(_BAND_PX // image.width))
        for top, band in bands(Path_(picture.file), rows, image):
            low = top + band.height
            canvas.drawImage(ImageReader(band), 0, image.height - low, image.width, low - top, mask="auto")


def _marks(canvas: Canvas, picture: Vector) -> None:
    for mark in picture.marks:
        path = canvas.beginPath()
        for name, points in mark.commands:
            flat = [v for p in points for v in p]
            {"M": path.moveTo, "L": path.lineTo, "C": path.curveTo, "Z": path.close}[name](*flat)
        if mark.fill is not None:
            canvas.setFillColorRGB(*(c / 255 for c in mark.fill))
        if mark.stroke is not None:
            canvas.setStrokeColorRGB(*(c / 255 for c in mark.stroke))
            canvas.setLineWidth(mark.width)
        canvas.drawPath(path, stroke=mark.stroke is not None, fill=mark.fill is not None, fillMode=0
                        if mark.even_odd else 1)


def _missing(canvas: Canvas, name: str, frame: Frame) -> None:
    plain, _ = fonts()
    k = POINTS_PER_MM
    w, h = frame.width * k, frame.height * k
    canvas.setLineWidth(0.5)
    canvas.setDash([2, 2], 0)
    canvas.rect(0, 0, w, h)
    canvas.line(0, 0, w, h)
    canvas.line(0, h, w, 0)
    canvas.setFont(plain, 8)
    canvas.drawCentredString(w / 2, h / 2, name)


def _strokes(canvas: Canvas, page: Drawing, some: Iterable[Stroke]) -> None:
    order = list(Ink)
    for ink, strokes in groupby(sorted(some, key=lambda s: order.index(s.ink)), key=lambda s: s.ink):
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
    from mingei.formats.letters import runs

    k = POINTS_PER_MM
    for text in page.texts:
        canvas.saveState()
        canvas.translate(text.at[0] * k, text.at[1] * k)
        if text.turn_deg:
            canvas.rotate(text.turn_deg)
        size = text.size * k
        parts = [(_font(run.font), run.letters) for run in runs(text.words, text.bold)]
        x = (-sum(canvas.stringWidth(letters, font, size) for font, letters in parts) / 2 if text.middle
             else 0.0)
        for font, letters in parts:
            canvas.setFont(font, size)
            canvas.drawString(x, -0.35 * size if text.middle else 0.0, letters)
            x += canvas.stringWidth(letters, font, size)
        canvas.restoreState()
