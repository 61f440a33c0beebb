"""Pictures and words for panels: PNG and JPEG by their pixels, SVG by its paths, words by the outlines of
their letters.

Only the head of a picture of pixels is read here; ``preview`` reads it small, for the screen.  Whatever a
file holds is answered in a sentence: too large, cut short, not a picture, missing.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Iterable, Iterator, Mapping
from contextlib import contextmanager
from functools import cache, lru_cache
from pathlib import Path
from stat import S_ISREG
from typing import TYPE_CHECKING, Any, NamedTuple

from mingei.assets import TEXT_FONT
from mingei.core.covering.art import Art, Mark, Picture, Raster, Vector
from mingei.core.errors import ImportRefused, MingeiError
from mingei.core.length import MM_PER_INCH
from mingei.core.plane.shape import Point
from mingei.core.words import quoted, say
from mingei.formats import svg_reading
from mingei.formats.bands import bands
from mingei.formats.reading import read as read_file

if TYPE_CHECKING:
    from PIL.Image import Image

#: The largest picture read, bytes; the most pixels.
_LARGEST, _MOST_PIXELS = 256 * 1024 * 1024, 120_000_000
#: No PNG packs more pixels into a byte: eight of one bit, packed 1032 times (RFC 1951 allows no more).
_MOST_PIXELS_A_BYTE = 8 * 1032
#: So many pixels of a picture are made smaller at a time.
_STRIP_PX = 2_000_000
#: Lines of words stand so far apart, a share of the letters' size.
_LEADING = 1.25
#: Where fonts are installed.
_FONT_FOLDERS = (Path("/usr/share/fonts"), Path("/usr/local/share/fonts"),
                 Path.home() / ".local/share/fonts", Path.home() / ".fonts")
_MOST_FONTS = 2000


class Refused(NamedTuple):
    """Artwork whose picture cannot be shown, and why."""

    art: Art
    error: MingeiError


def gather(arts: Iterable[Art], whole: bool = False) -> tuple[dict[Art, Picture | None], list[Refused]]:
    """The pictures of all artwork; None for those that are missing or broken, which are listed with the
    reason.  whole: each is read to its end, since one cut short shows only there."""
    pictures: dict[Art, Picture | None] = {}
    refused = []
    for art in arts:
        try:
            pictures[art] = picture = picture_of(art)
            if whole:
                read_through(picture)
        except MingeiError as error:
            pictures[art] = None
            refused.append(Refused(art, error))
    return pictures, refused


def picture_of(art: Art) -> Picture:
    """The picture of an artwork, or the outlines of its words.  Raises ImportRefused."""
    return lettered(art.words, art.font, art.colour) if art.words else load(Path(art.source))


def load(path: Path) -> Picture:
    """A picture's size and, of a drawing, its paths.  Raises ImportRefused naming the file, the reason and
    the remedy."""
    try:
        stat = path.stat()
    except ValueError:  # a zero in its name
        raise ImportRefused("this is no name of a file", quoted(str(path)),
                            "choose another picture") from None
    except OSError as error:
        raise ImportRefused(say("it cannot be found ({strerror})", strerror=error.strerror or error),
                            str(path),
                            "put it back, or choose another picture") from None
    if not S_ISREG(stat.st_mode):
        raise ImportRefused("this is a folder, a pipe or a device, not a picture", str(path),
                            "choose another picture")
    return _load(path, stat.st_mtime_ns, stat.st_size)


@lru_cache(maxsize=128)
def _load(path: Path, changed: int, size: int) -> Picture:
    try:
        if path.suffix.lower() in (".svg", ".svgz"):
            return read_drawing(read_file(path, svg_reading.LARGEST))
        if size > _LARGEST:
            raise ImportRefused("the file is too large for artwork", "", "save it smaller")
        with _opened(path) as image:
            if image.format == "PNG" and image.width * image.height > _MOST_PIXELS_A_BYTE * size:
                raise ImportRefused("the picture is broken or cut short: its file is far too small",
                                    "", "save it anew, or choose another")
            return Raster(str(path), float(image.width), float(image.height))
    except OSError as error:
        raise ImportRefused(say("it cannot be read ({strerror})", strerror=error.strerror or error),
                            str(path),
                            "check that you may read it") from None
    except MingeiError as error:
        raise ImportRefused(error.sentence, str(path), error.remedy) from None


def _opened(path: Path) -> Image:
    """The picture, only its head read.  Raises ImportRefused."""
    from PIL import Image, UnidentifiedImageError

    try:
        Image.MAX_IMAGE_PIXELS = None  # its size is looked at below
        image = Image.open(path, formats=("PNG", "JPEG"))
    except UnidentifiedImageError:
        raise ImportRefused("this is neither PNG, JPEG nor SVG", "", "save it as one of these") from None
    except (SyntaxError, ValueError, MemoryError):
        raise ImportRefused("the picture is broken, or far too large", "", "save it anew, smaller") from None
    if image.width * image.height > _MOST_PIXELS or min(image.size) < 1:
        image.close()
        raise ImportRefused(say("{count} million pixels are too many", count=image.width * image.height
                                // 1_000_000), "",
                            "save it smaller: 12 pixels a millimetre are enough for any printer")
    return image


#: The pictures that were read to their end, with when they were last changed, and their size.
_whole: set[tuple[str, int, int]] = set()


def read_through(picture: Picture, step: Callable[[], None] = lambda: None) -> None:
    """Read a picture to its end, no more of it held at once than a band.  step: called on the way, may raise.

    Raises ImportRefused when it is broken or cut short.
    """
    if not isinstance(picture, Raster):
        return
    with _told_of(picture):
        stat = Path(picture.file).stat()
        key = picture.file, stat.st_mtime_ns, stat.st_size
        if key in _whole:
            return
        with _opened(Path(picture.file)) as image:
            image.draft("RGB", (1, 1))  # a JPEG is read small, to its end all the same
            for _ in bands(Path(picture.file), max(1, _STRIP_PX // image.width), image):
                step()
        _whole.add(key)


def preview(raster: Raster, most: int) -> tuple[int, int, bytes]:
    """The picture no larger than so many px either way, as rows of red, green, blue and alpha from the top
    down.

    Raises ImportRefused when the file is broken or cut short.
    """
    from PIL import Image

    with _told_of(raster), _opened(Path(raster.file)) as image:
        image.draft("RGB", (most, most))  # a JPEG is read small at once
        factor = max(1, -(-max(image.size) // most))
        small = Image.new("RGBA", (-(-image.width // factor), -(-image.height // factor)))
        rows = max(1, _STRIP_PX // (image.width * factor)) * factor
        for top, strip in bands(Path(raster.file), rows, image):
            plain = strip if strip.mode in ("RGB", "RGBA", "L", "LA") else strip.convert("RGBA")
            reduced = Image.merge(plain.mode,
                                  [plain.getchannel(c).reduce(factor) for c in plain.getbands()])
            small.paste(reduced.convert("RGBA"), (0, top // factor))
        return small.width, small.height, small.tobytes()


@lru_cache(maxsize=2)
def _whole_picture(file: str, changed: int) -> Image:
    with _opened(Path(file)) as image:
        return image.convert("RGB")


def part_of(raster: Raster) -> Image:
    """The pixels of a part of a picture, whole ones, from the one its left upper corner lies in.

    Raises ImportRefused when the file is broken or cut short.
    """
    with _told_of(raster):
        whole = _whole_picture(raster.file, Path(raster.file).stat().st_mtime_ns)
    return whole.crop((int(raster.left), int(raster.top),
                       min(whole.width, max(int(raster.left) + 1, math.ceil(raster.left + raster.width))),
                       min(whole.height, max(int(raster.top) + 1, math.ceil(raster.top + raster.height)))))


@contextmanager
def _told_of(raster: Raster) -> Iterator[None]:
    """What is wrong with a picture is said with the name of its file."""
    try:
        yield
    except ImportRefused as error:
        raise ImportRefused(error.sentence, raster.file, error.remedy) from None
    except (OSError, SyntaxError, ValueError, EOFError, MemoryError) as error:
        raise ImportRefused(say("the picture is broken or cut short ({error})", error=str(error)[:80]),
                            raster.file,
                            "save it anew, or choose another") from None


# -- drawings ----------------------------------------------------------------------------------------------


def read_drawing(data: bytes) -> Vector:
    """A drawing's filled and stroked paths.  Raises ImportRefused with the reason."""
    import svgelements  # only drawings read in need it

    sketch = svg_reading.read(data)
    width, height = sketch.width, sketch.height
    if not (0.01 < width < 1e6 and 0.01 < height < 1e6):
        raise ImportRefused("the drawing has no size", "", "give it a width and a height")
    mm = MM_PER_INCH / svg_reading.PPI
    marks: list[Mark] = []
    ignored = sketch.others
    for shape in sketch.shapes:
        mark = _mark(svgelements, shape, mm, height)
        if mark is None:
            ignored += 1
        elif mark.fill is not None or mark.stroke is not None:
            marks.append(mark)
    if not marks:
        raise ImportRefused("the drawing holds no filled or drawn path", "",
                            "turn its words and pictures into paths, or save it as PNG")
    return Vector(width * mm, height * mm, tuple(marks), ignored)


def _mark(svgelements: Any, element: Any, mm: float, height: float) -> Mark | None:
    """A shape as a mark; None where it is painted with something else than one colour."""
    if "url(" in str(element.values.get("fill", "")) + str(element.values.get("stroke", "")):
        return None

    def at(p: Any) -> Point:
        if not svg_reading.is_near(p[0], p[1]):
            raise ValueError
        return float(p[0]) * mm, (height - float(p[1])) * mm

    commands: list[tuple[str, tuple[Point, ...]]] = []
    try:
        for segment in svgelements.Path(element).segments():
            if isinstance(segment, svgelements.Move):
                commands.append(("M", (at(segment.end),)))
            elif isinstance(segment, svgelements.Close):
                commands.append(("Z", ()))
            elif isinstance(segment, svgelements.Line):
                commands.append(("L", (at(segment.end),)))
            elif isinstance(segment, svgelements.Arc):
                commands += [("C", (at(a), at(b), at(end))) for a, b, end in svg_reading.as_curves(segment)]
            elif isinstance(segment, svgelements.QuadraticBezier):
                a, c, b = at(segment.start), at(segment.control), at(segment.end)
                commands.append(("C", ((a[0] + 2 / 3 * (c[0] - a[0]), a[1] + 2 / 3 * (c[1] - a[1])),
                                       (b[0] + 2 / 3 * (c[0] - b[0]), b[1] + 2 / 3 * (c[1] - b[1])), b)))
            else:
                commands.append(("C", (at(segment.control1), at(segment.control2), at(segment.end))))
        thick = float(element.stroke_width or 0.0)
    except (AttributeError, TypeError, ValueError, ZeroDivisionError, OverflowError):
        return None
    if not svg_reading.is_near(thick, 0.0):
        return None
    begin = next((i for i, (name, _) in enumerate(commands) if name == "M"), len(commands))
    commands = commands[begin:]  # what is drawn from nowhere is not drawn
    if not commands:
        return Mark((), None)
    fill, stroke = (_colour(c) for c in (element.fill, element.stroke))
    return Mark(tuple(commands), fill, stroke, thick * mm if stroke else 0.0,
                element.values.get("fill-rule") == "evenodd")


def _colour(colour: Any) -> tuple[int, int, int] | None:
    if colour is None or colour.value is None or colour.alpha == 0:
        return None
    return int(colour.red), int(colour.green), int(colour.blue)


# -- words -------------------------------------------------------------------------------------------------


@cache
def installed_fonts() -> Mapping[str, Path]:
    """The families installed on this machine with their upright file, by name; the shipped one is "" and not
    among them."""
    from fontTools.ttLib import TTFont, TTLibError

    found: dict[str, Path] = {}
    files = sorted(p for folder in _FONT_FOLDERS if folder.is_dir()
                   for p in folder.rglob("*.[ot]tf"))[:_MOST_FONTS]
    for file in files:
        try:
            with TTFont(file, lazy=True) as font:
                family, style = font["name"].getBestFamilyName(), font["name"].getBestSubFamilyName()
        except (TTLibError, OSError, KeyError, AssertionError):
            continue
        if family and (family not in found or style in ("Regular", "Book", "Roman")):
            found[family] = file
    return found


def font_file(family: str) -> Path:
    """The file of a family.  Raises ImportRefused when it is not installed here."""
    if not family:
        return TEXT_FONT
    try:
        return installed_fonts()[family]
    except KeyError:
        raise ImportRefused(say("the font {family} is not installed here", family=family), "font",
                            "install it, or choose another") from None


@lru_cache(maxsize=128)
def lettered(words: str, family: str, colour: str) -> Vector:
    """Words as outlines, lines centred, one em of 10 mm, shaped as their script wants: kerned, joined, from
    right to left.  Raises ImportRefused when the font is missing or has none of the letters."""
    from fontTools.pens.recordingPen import DecomposingRecordingPen
    from fontTools.ttLib import TTFont

    em_mm = 10.0
    with TTFont(font_file(family), lazy=True) as font:
        glyphs = font.getGlyphSet()
        scale = em_mm / font["head"].unitsPerEm
        lines = _shaped(font_file(family), words.strip("\n").split("\n"))
        widths = [sum(g.advance for g in line) * scale for line in lines]
        widest = max(widths)
        if widest <= 0:
            raise ImportRefused("there is nothing to be read in these words", "words", "write some letters")
        tall = em_mm * _LEADING * len(lines)
        fill = (int(colour[1:3], 16), int(colour[3:5], 16), int(colour[5:7], 16))
        marks = []
        for number, (line, width) in enumerate(zip(lines, widths, strict=True)):
            x, base = (widest - width) / 2, tall - em_mm * (_LEADING * number + 1.0)
            for glyph in line:
                pen = DecomposingRecordingPen(glyphs)
                glyphs[font.getGlyphName(glyph.number)].draw(pen)
                commands = tuple(glyph_commands(pen.value, scale, x + glyph.right * scale,
                                                base + glyph.up * scale))
                if commands:
                    marks.append(Mark(commands, fill))
                x += glyph.advance * scale
    return Vector(widest, tall, tuple(marks))


class _Glyph(NamedTuple):
    """A glyph of a line: its number in the font, how far it moves on, and how far it is drawn aside, in units
    of the font."""

    number: int
    advance: float
    right: float
    up: float


def _shaped(file: Path, lines: Iterable[str]) -> list[list[_Glyph]]:
    """The glyphs of every line, in the order they stand."""
    import uharfbuzz as hb

    font = hb.Font(hb.Face(file.read_bytes()))
    found = []
    for line in lines:
        buffer = hb.Buffer()
        buffer.add_str(line)
        buffer.guess_segment_properties()
        hb.shape(font, buffer)
        found.append([_Glyph(info.codepoint, at.x_advance, at.x_offset, at.y_offset)
                      for info, at in zip(buffer.glyph_infos, buffer.glyph_positions, strict=True)])
    return found


def glyph_commands(
    drawn: Iterable[tuple[str, tuple[Any, ...]]], scale: float, x: float, y: float
) -> Iterable[tuple[str, tuple[Point, ...]]]:
    """A glyph's outline as commands."""
    from fontTools.pens.basePen import decomposeQuadraticSegment, decomposeSuperBezierSegment

    def at(p: Any) -> Point:
        return x + p[0] * scale, y + p[1] * scale

    here: Any = (0, 0)
    for name, points in drawn:
        if name == "moveTo":
            here = points[0]
            yield "M", (at(here),)
        elif name == "lineTo":
            here = points[0]
            yield "L", (at(here),)
        elif name == "curveTo":
            for a, b, c in decomposeSuperBezierSegment(points):
                yield "C", (at(a), at(b), at(c))
                here = c
        elif name == "qCurveTo":
            if points[-1] is None:  # a closed curve without a corner
                first = ((points[0][0] + points[-2][0]) / 2, (points[0][1] + points[-2][1]) / 2)
                here = first
                yield "M", (at(first),)
                points = (*points[:-1], first)
            for c, b in decomposeQuadraticSegment(points):
                a = here
                one = (a[0] + 2 / 3 * (c[0] - a[0]), a[1] + 2 / 3 * (c[1] - a[1]))
                two = (b[0] + 2 / 3 * (c[0] - b[0]), b[1] + 2 / 3 * (c[1] - b[1]))
                yield "C", (at(one), at(two), at(b))
                here = b
        elif name in ("closePath", "endPath"):
            yield "Z", ()
