"""Pictures a figure is cut out of: read small to be traced, and kept as the part that is printed on it."""

from __future__ import annotations

import io
from collections.abc import Callable, Sequence
from dataclasses import replace
from pathlib import Path
from typing import TYPE_CHECKING, NamedTuple

from mingei.core.covering.art import Art, Fill, Raster
from mingei.core.document.project import Brief, Project, new_brief, new_project
from mingei.core.errors import ImportRefused
from mingei.core.layout.place import room
from mingei.core.length import write_mm
from mingei.core.picture.tracing import Mask, Pixels, Traced, Wanted, figure, joined, trace
from mingei.core.plane.contour import write_shape
from mingei.core.stock import Stock
from mingei.core.words import Words, say
from mingei.formats import artwork, assets

if TYPE_CHECKING:
    from PIL.Image import Image

#: Endings that are read.
ENDINGS = (".png", ".jpg", ".jpeg")
#: A picture is traced no larger than this, px, and kept no larger.
_TRACED_PX, _KEPT_PX = 1400, 6000
#: A dot no larger than this is not seen at arm's length, mm (from memory: an arc minute at 0.7 m is 0.2 mm).
_SEEN_MM = 0.2
#: Tiles of a figure too large for its sheet overlap by this, mm (common practice).
_OVERLAP_MM = 25.0


class Seen(NamedTuple):
    """A picture, or several joined, to trace: its pixels, how many px of the original one of them is, and the
    one file, None where several are joined."""

    pixels: Pixels
    factor: int
    path: Path | None


class CutOut(NamedTuple):
    """traced: the outline, as it was wanted; told: what was done and what is left, in words; picture: what is
    printed on it, as a kept file, None until it is kept."""

    traced: Traced
    wanted: Wanted
    told: tuple[Words | str, ...]
    picture: Path | None = None


def look(paths: Sequence[Path], overlap: float = 0.0, step: Callable[[], None] = lambda: None) -> Seen:
    """Read a picture, or several side by side.  overlap: of each over the one before, as a share of its
    width; step: called on the way, may raise.

    Raises ImportRefused naming the file, the reason and the remedy.
    """
    import numpy as np

    seen = []
    for path in paths:
        if path.suffix.lower() not in ENDINGS:
            raise ImportRefused("it is no picture of pixels", str(path),
                                say("choose one of: {names}", names=", ".join(ENDINGS)))
        raster = artwork.load(path)
        assert isinstance(raster, Raster)
        artwork.read_through(raster, step)
        wide, high, data = artwork.preview(raster, _TRACED_PX)
        seen.append(np.frombuffer(data, np.uint8).reshape(high, wide, 4))
        step()
        factor = max(1, -(-int(max(raster.width, raster.height)) // _TRACED_PX))
    if len(seen) == 1:
        return Seen(seen[0], factor, paths[0])
    return Seen(joined(seen, overlap), 1, None)


def cut_out(seen: Seen, wanted: Wanted, step: Callable[[], None] = lambda: None) -> CutOut:
    """Trace a picture.  Raises MeasureError as ``trace`` does."""
    traced = trace(seen.pixels, wanted, step)
    dot = traced.mm / seen.factor
    told = (*traced.told,
            say("one dot of the picture is {dot} wide: finer than is seen at arm's length" if dot <= _SEEN_MM
                else "one dot of the picture is {dot} wide: from arm's length it is seen", dot=write_mm(dot)))
    return CutOut(traced, wanted, told)


def kept(seen: Seen, made: CutOut, folder: Path | None = None) -> CutOut:
    """The same with the part of the picture that is printed on it kept.  folder: where pictures are kept.

    Raises ExportError where it cannot be written.
    """
    data = _cropped(seen, made.traced, figure(seen.pixels, made.wanted))
    return made._replace(picture=assets.keep_bytes(data, "png", folder))


def _cropped(seen: Seen, traced: Traced, mask: Mask) -> bytes:
    """The rectangle of the picture round the outline, as PNG, see-through where it is ground or past its
    edge."""
    from PIL import Image

    high = seen.pixels.shape[0]
    box = traced.seen
    around = (box.left, high - box.top, box.right, high - box.bottom)
    if seen.path is None:
        source, factor = Image.fromarray(seen.pixels, "RGBA"), 1
    else:
        with Image.open(seen.path) as opened:
            source = opened.convert("RGBA")
        factor = seen.factor
    # no larger than is kept, however far a foot or a border reaches past it
    scale = min(1.0, _KEPT_PX / (factor * max(around[2] - around[0], around[3] - around[1])))
    size = (max(1, round(source.width * scale)), max(1, round(source.height * scale)))
    if size != source.size:
        source = source.resize(size, Image.Resampling.LANCZOS)
    shown = Image.fromarray(mask).convert("L").resize(size, Image.Resampling.NEAREST)
    out = Image.new("RGBA", size, (255, 255, 255, 0))
    out.paste(source, (0, 0), shown)
    left, top, right, bottom = (round(v * factor * scale) for v in around)
    out = out.crop((left, top, max(left + 1, right), max(top + 1, bottom)))  # past its edge it is see-through
    return _png(out)


def _png(image: Image) -> bytes:
    data = io.BytesIO()
    image.save(data, "PNG")
    return data.getvalue()


def brief_of(made: CutOut, name: str, height: float, stock: Stock | None = None,
             values: dict[str, float | str] | None = None) -> Brief:
    """The thing a picture is cut out as.  height: of the whole outline, mm.  Raises MeasureError,
    StockError."""
    brief = new_brief("cutout", {"drawn": write_shape(made.traced.outlines), "height": height,
                                 **(values or {})}, stock, name=name[:60])
    return brief.with_art(art_of(made)) if made.picture else brief


def art_of(made: CutOut) -> Art:
    """The picture on its figure: it fills the rectangle round the outline, at whatever size."""
    assert made.picture is not None
    return Art("picture", "figure", "figure", source=str(made.picture), fill=Fill.WHOLE,
               digest=made.picture.stem)


def tall(made: CutOut) -> float:
    """How high the outline is, with its border, mm."""
    return max(k.y for k in made.traced.outlines[0])


def project_of(brief: Brief, sheet: str, own: tuple[Stock, ...] = ()) -> Project:
    """A project of one figure, tiled where it is larger than its sheet."""
    project = new_project(brief, brief.name, sheet=sheet, own=own)
    return replace(project, tile_mm=tiled_for(project, float(brief.values["height"])))


def tiled_for(project: Project, height: float) -> float:
    """By how much its tiles overlap once a figure so high is in a project, mm; 0 where it fits its sheet and
    nothing was tiled before."""
    space = room(project.paper)
    return project.tile_mm or (_OVERLAP_MM if height > max(space.width, space.height) else 0.0)


