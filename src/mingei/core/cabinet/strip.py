"""The test strip: folded once and measured, it tells how thick a stock really is and how much each crease
takes up.

The strip has folds at known spacings; two neighbouring folds at right angles make a channel.  By the rules of
``offset`` a channel scored s apart is s - t - k wide inside and s + t - k outside; a stack of n pieces is n t
high.  Caliper t and crease gain k follow from as many of these as were measured, by least squares (ordinary
linear regression with two unknowns; intervals from Student's t).
"""

from __future__ import annotations

import math
from collections.abc import Sequence
from enum import StrEnum
from typing import NamedTuple

from mingei.core.errors import StockError
from mingei.core.layout.drawing import Drawing, Ink, Stroke, Text
from mingei.core.plane.shape import Line, Point
from mingei.core.stock import Stock
from mingei.core.words import say

#: Score to score, mm, of the channels on the printed strip; and how many pieces are stacked.
SPACINGS_MM = (16.0, 20.0, 24.0, 28.0, 32.0)
STACKED = (5, 10)
#: Width of the strip, and side of the pieces to stack, mm.
STRIP_MM, PIECE_MM = 20.0, 14.0
#: The slots of the comb differ by this share of the caliper that is expected.
_COMB = (0.7, 0.8, 0.9, 1.0, 1.1, 1.2, 1.35, 1.5)
#: Share of the intervals.
CONFIDENCE = 0.95


_FIRST = ("Print at actual size. Score every line of the strip and fold it to a right angle, "
          "each the same way. Hold it so and measure")
_THEN = ("each channel between two folds, inside and outside. "
         "Slide an edge into the comb: the slot that just holds it is as wide as it.")


class What(StrEnum):
    """What was measured."""

    STACK = "stack"
    INSIDE = "inside"
    OUTSIDE = "outside"


class Reading(NamedTuple):
    """One measured number: what; nominal: pieces in the stack, or mm from score to score; measured: mm."""

    what: What
    nominal: float
    measured: float


class Fit(NamedTuple):
    """Caliper and crease gain (mm), each with half the width of its interval, and what is left of each
    reading (mm)."""

    caliper_mm: float
    gain_mm: float
    caliper_off: float
    gain_off: float
    residuals: tuple[float, ...]


def _row(what: What, nominal: float) -> tuple[float, float, float]:
    """A reading as a t + b k + known."""
    if what is What.STACK:
        return nominal, 0.0, 0.0
    return (1.0 if what is What.OUTSIDE else -1.0), -1.0, nominal


def make_ready() -> None:
    """Load what ``fit`` needs: that takes a while, and can be done beside other work."""
    import scipy.special  # noqa: F401


def fit(readings: Sequence[Reading]) -> Fit:
    """Fit caliper and crease gain.

    Raises StockError when there are too few readings to tell both, or they cannot be true.
    """
    import numpy as np

    for r in readings:
        if not (math.isfinite(r.measured) and r.measured > 0 and r.nominal > 0):
            raise StockError("a measured length must be above 0", str(r.what),
                             "measure again, or leave the line empty")
    rows = np.array([_row(r.what, r.nominal) for r in readings]).reshape(-1, 3)
    if len(readings) < 3 or np.linalg.matrix_rank(rows[:, :2]) < 2:
        raise StockError("these readings cannot tell thickness and crease gain apart", "test strip",
                         "measure at least one channel, and a stack or the same channel inside and outside: "
                         "three numbers in all")
    from scipy.special import stdtrit  # slow to load

    wanted = np.array([r.measured for r in readings]) - rows[:, 2]
    # a stack adds up the thickness and the error of each piece alike: readings count as they are
    found = np.linalg.lstsq(rows[:, :2], wanted, rcond=None)[0]
    left = wanted - rows[:, :2] @ found
    free = len(readings) - 2
    spread = float(left @ left) / free
    off = (np.sqrt(np.diag(np.linalg.inv(rows[:, :2].T @ rows[:, :2])) * spread)
           * float(stdtrit(free, 0.5 + CONFIDENCE / 2)))
    caliper, gain = float(found[0]), float(found[1])
    worst = int(np.argmax(np.abs(left)))
    if caliper <= 0 or abs(gain) > 4 * caliper + 2.0:
        raise StockError(say("the readings give a thickness of {caliper:.2f} mm and a gain of {gain:.2f} mm",
                             caliper=caliper, gain=gain),
                         "test strip", say("look again at the {what} of {nominal:g}",
                                           what=str(readings[worst].what),
                                           nominal=readings[worst].nominal))
    return Fit(caliper, gain, float(off[0]), float(off[1]), tuple(float(v) for v in left))


def strip_drawing(stock: Stock) -> Drawing:
    """The sheet to print: the strip with its scores, the comb of slots, and the pieces to stack, with words;
    A4 and Letter both hold it."""
    width, height, left = 190.0, 150.0, 6.0
    strokes: list[Stroke] = []
    texts: list[Text] = [Text((left, height - 8), 4.2, say("Test strip: {stock}", stock=stock.name),
                              bold=True),
                         Text((left, height - 14), 2.8, _FIRST), Text((left, height - 18.5), 2.8, _THEN)]
    bottom, x, inset = height - 48.0, left, 14.0
    length = 2 * inset + sum(SPACINGS_MM)
    strokes.append(_box((x, bottom), length, STRIP_MM))
    at = x + inset
    for number, spacing in enumerate((0.0, *SPACINGS_MM)):
        at += spacing
        strokes.append(Stroke(Ink.MOUNTAIN, (Line((at, bottom), (at, bottom + STRIP_MM)),)))
        if number:
            texts.append(Text((at - spacing / 2, bottom + STRIP_MM / 2 - 1), 3.0, f"{spacing:g}",
                              middle=True))
    bottom -= 40.0
    strokes += _comb((left, bottom), stock.caliper_mm, texts)
    bottom -= 2.0
    texts.append(Text((left, bottom - 4), 2.8,
                      say("Cut {count} pieces, stack five and then all, press, and measure the height.",
                          count=max(STACKED))))
    for i in range(max(STACKED)):
        strokes.append(_box((left + i * (PIECE_MM + 3), bottom - 22), PIECE_MM, PIECE_MM))
    return Drawing(width, height, tuple(strokes), tuple(texts),
                   title=say("Test strip: {stock}", stock=stock.name))


def comb_widths(caliper_mm: float) -> tuple[float, ...]:
    """Widths (mm) of the comb's slots round a caliper that is expected."""
    return tuple(round(caliper_mm * share, 2) for share in _COMB)


def _comb(corner: Point, caliper: float, texts: list[Text]) -> list[Stroke]:
    """A piece with open slots of rising width along its upper edge."""
    x, y = corner
    high, deep, pitch = 26.0, 14.0, 18.0
    top = y + high
    points: list[Point] = [(x, y), (x + pitch * (len(_COMB) + 0.5), y), (x + pitch * (len(_COMB) + 0.5), top)]
    for i, wide in reversed(list(enumerate(comb_widths(caliper)))):
        middle = x + pitch * (i + 0.75)
        points += [(middle + wide / 2, top), (middle + wide / 2, top - deep), (middle - wide / 2, top - deep),
                   (middle - wide / 2, top)]
        texts.append(Text((middle, y + 4), 3.0, f"{wide:.2f}", middle=True))
    points.append((x, top))
    return [Stroke(Ink.CUT, tuple(Line(a, b) for a, b in zip(points, (*points[1:], points[0]), strict=True)))]


def _box(corner: Point, width: float, height: float) -> Stroke:
    x, y = corner
    points = ((x, y), (x + width, y), (x + width, y + height), (x, y + height))
    return Stroke(Ink.CUT, tuple(Line(a, b) for a, b in zip(points, (*points[1:], points[0]), strict=True)))
