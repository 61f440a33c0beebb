"""A stand-in printer: reads the PDF that was written, prints it with the faults printers have, and measures
what came out.

It measures as a person does: it looks for the two check bars on the picture of the sheet and takes the
distance between their ticks.
"""

from __future__ import annotations

import math
from typing import TYPE_CHECKING, NamedTuple

from mingei.core.errors import ExportError
from mingei.core.layout.laying import BAR_MM
from mingei.core.length import MM_PER_INCH, write_mm
from mingei.core.words import say

if TYPE_CHECKING:
    import numpy as np
    from numpy.typing import NDArray
    from PIL.Image import Image

#: Dots an inch a sheet is printed with, and what counts as ink, 0..255 of grey.
_DPI, _DARK = 300, 140
#: Large sheets are looked at with fewer dots an inch, so that they come to no more than so many.
_MOST_PX = 60_000_000
#: A bar lies within so much of two edges of the sheet, mm; a line of at least this share of it is one; slopes
#: up to this are looked for.
_EDGE_MM, _ENOUGH, _SLOPE_DEG = 45.0, 0.6, 3.0
#: So far beside the bar its ticks are looked for, mm.
_BESIDE_MM = 1.5
#: Lines so near each other are one seen at several slopes, mm; what is longer or shorter than a bar by more
#: than this share is none.
_ONE_LINE_MM, _STILL_A_BAR = 1.2, 0.12
#: A bar off by less than this is right, mm; a slope less than this is none, degrees.
RIGHT_MM, STRAIGHT_DEG = 0.25, 0.1


class Faults(NamedTuple):
    """What a printer does wrong: how much of its size it prints, across and along; what it cannot reach at
    each edge, mm; how far it feeds askew, degrees counter-clockwise."""

    across: float = 1.0
    along: float = 1.0
    margin: float = 0.0
    skew_deg: float = 0.0


#: Faults people meet, with words.
KNOWN: tuple[tuple[str, Faults], ...] = (
    ("as set: actual size", Faults(margin=4.2)),
    ("fit to page, 96 %", Faults(0.96, 0.96, 4.2)),
    ("wide margins that clip", Faults(margin=14.0)),
    ("fed askew by half a degree", Faults(margin=4.2, skew_deg=0.5)),
    ("a little short along the feed", Faults(1.0, 0.994, 4.2)),
)


class Rehearsal(NamedTuple):
    """The sheet as it came out; across, along: its check bars as measured, mm, 0 where none is to be seen
    whole; skew_deg: the slope of the level bar; clipped: whether ink was lost at an edge."""

    image: Image
    across: float
    along: float
    skew_deg: float
    clipped: bool
    drawn: tuple[float, float] = (BAR_MM, BAR_MM)

    @property
    def verdict(self) -> tuple[str, ...]:
        """What a person would find, and what to do, sentences without a stop."""
        found = []
        bars = {"level": self.across, "upright": self.along}
        missing = [name for name, mm in bars.items() if mm == 0.0]
        wanted = dict(zip(bars, self.drawn, strict=True))
        off = {name: mm for name, mm in bars.items() if mm and abs(mm - wanted[name]) > RIGHT_MM}
        if len(missing) == 2:
            found.append(
                say("neither bar is to be seen whole: margins are wider than set; write the printer's own "
                    "margin"))
        elif missing:
            found.append(
                say("the {name} bar is not to be seen whole: margins are wider than set; write the "
                    "printer's own",
                    name=missing[0]))
        elif self.clipped:
            found.append(say("ink is lost at an edge: write the printer's own margin"))
        if len(off) == 2 and self.drawn[0] == self.drawn[1] and abs(self.across - self.along) < RIGHT_MM:
            found.append(
                say("both bars measure {mm}: it was fitted to the page; print at actual size (100 %)",
                    mm=write_mm(self.across, 1)))
        else:
            found += [
                say("the {name} bar measures {mm}: write that under Printer, and the next print is corrected",
                    name=name,
                    mm=write_mm(mm, 1)) for name, mm in off.items()]
        if abs(self.skew_deg) > STRAIGHT_DEG:
            found.append(
                say("it is askew by {deg:.1f} degrees: it keeps its sizes; push the paper guides close",
                    deg=abs(self.skew_deg)))
        if not found:
            right = self.drawn == (BAR_MM, BAR_MM)
            found = [say("both bars measure 100 mm: it is right") if right
                     else say("both bars measure what they should: it is right")]
        return tuple(found)


def rehearse(data: bytes, number: int = 1, faults: Faults = KNOWN[0][1],
             bars: tuple[float, float] = (BAR_MM, BAR_MM)) -> Rehearsal:
    """A page of a PDF, counted from 1, as a printer with such faults would give it.

    bars: how long its check bars are drawn, across and along, mm.  Raises ExportError when there is no such
    page.
    """
    import numpy as np
    import pypdfium2
    from PIL import Image

    document = pypdfium2.PdfDocument(data)
    try:
        if not 1 <= number <= len(document):
            raise ExportError(say("there is no page {number}", number=number), "",
                              say("choose 1 to {last}", last=len(document)))
        page = document[number - 1]
        dpi = min(_DPI, math.sqrt(_MOST_PX / (page.get_width() * page.get_height())) * 72)
        whole = page.render(scale=dpi / 72, grayscale=True).to_pil().convert("L")
    finally:
        document.close()
    width, height = whole.size
    # from the printed sheet's pixels back to the page's: about the middle, as printers fit and skew
    cos, sin = math.cos(math.radians(faults.skew_deg)), math.sin(math.radians(faults.skew_deg))
    cx, cy = width / 2, height / 2
    a, b, d, e = cos / faults.across, -sin / faults.across, sin / faults.along, cos / faults.along
    back = (a, b, cx - a * cx - b * cy, d, e, cy - d * cx - e * cy)
    came = whole.transform(whole.size, Image.Transform.AFFINE, back, Image.Resampling.BICUBIC, fillcolor=255)
    mm = dpi / MM_PER_INCH
    margin = round(faults.margin * mm)
    sheet = Image.new("L", whole.size, 255)
    inner = (margin, margin, width - margin, height - margin)
    sheet.paste(came.crop(inner), inner[:2])
    ink, printed = np.asarray(came) < _DARK, np.asarray(sheet) < _DARK
    across, slope = _bar(np.asarray(sheet)[::-1], bars[0], mm)  # rows from the bottom up
    along, _ = _bar(np.asarray(sheet)[::-1].T, bars[1], mm)
    return Rehearsal(sheet, across, along, slope, bool((ink & ~printed).any()), bars)


def _bar(sheet: NDArray[np.uint8], drawn: float, mm: float) -> tuple[float, float]:
    """The length, mm, and slope, degrees, of the line nearest the first row whose ends bear ticks; (0, 0)
    where there is none.  sheet: greys; drawn: how long it is drawn, mm; mm: dots to one."""
    import numpy as np

    ink = 255.0 - sheet[:round(_EDGE_MM * mm), :round((drawn + _EDGE_MM) * mm)].astype(np.float64)
    window = ink
    rows, columns = np.nonzero(window > 255 - _DARK)
    if not len(rows):
        return 0.0, 0.0
    middle = drawn / 2 * mm
    lines: list[tuple[float, int, float]] = []  # how high in the middle, columns covered, slope
    for slope in np.tan(np.radians(np.linspace(-_SLOPE_DEG, _SLOPE_DEG, 121))):
        level = np.rint(rows - slope * (columns - middle)).astype(int)
        low = int(level.min())
        covered = np.bincount(level - low)
        lines += [(float(row + low), int(covered[row]), float(slope))
                  for row in np.nonzero(covered >= _ENOUGH * drawn * mm)[0]]
    if not lines:
        return 0.0, 0.0
    lowest = min(lines)[0]
    high, _, slope = max((line for line in lines if line[0] < lowest + _ONE_LINE_MM * mm),
                         key=lambda line: line[1])
    row = high - slope * middle
    x = np.arange(window.shape[1], dtype=float)
    profile = np.zeros_like(x)
    for off in np.arange(_BESIDE_MM - 0.5, _BESIDE_MM + 0.51, 0.1) * mm:
        y = row + slope * x - off
        whole = np.floor(y).astype(int)
        inside = (whole >= 0) & (whole < window.shape[0] - 1)
        share = y - whole
        at = np.clip(whole, 0, window.shape[0] - 2)
        columns = np.arange(window.shape[1])
        profile += np.where(inside, window[at, columns] * (1 - share) + window[at + 1, columns] * share, 0.0)
    dark = profile > 0.35 * profile.max() if profile.max() > 0 else np.zeros(len(x), bool)
    edges = np.flatnonzero(np.diff(np.concatenate([[0], dark.astype(int), [0]])))
    ticks = [float((x[i:j] * profile[i:j]).sum() / profile[i:j].sum())
             for i, j in zip(edges[::2], edges[1::2], strict=True)]
    length = (ticks[-1] - ticks[0]) * math.hypot(1.0, slope) / mm if len(ticks) > 1 else 0.0
    return ((length, math.degrees(math.atan(slope))) if abs(length / drawn - 1.0) < _STILL_A_BAR
            else (0.0, 0.0))
