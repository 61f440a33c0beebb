"""What a logbook teaches: pace, a stock's crease gain, a printer's scale, each with the interval it lies in.

Means with Student's t (Gosset, The probable error of a mean, Biometrika 1908); pace as a ratio of sums by
regression through the origin, whose residuals grow with the square root of the time reckoned.
"""

from __future__ import annotations

import math
from collections.abc import Iterable, Sequence
from typing import NamedTuple

from mingei.core.logbook.entry import Entry

#: Fewer values than this teach nothing.
LEAST = 3
_SURE = 0.95


class Fit(NamedTuple):
    """A figure, the interval it lies in with 95 in a hundred, and from how many values it is."""

    value: float
    low: float
    high: float
    many: int

    @property
    def clear(self) -> bool:
        """Whether the interval leaves out what is usual: 0 for an error, 1 for a ratio is the caller's."""
        return self.low > 0.0 or self.high < 0.0


def _t(freedom: int) -> float:
    from scipy.special import stdtrit  # its package of statistics takes a second to load

    return float(stdtrit(freedom, 0.5 + _SURE / 2))


def mean(values: Sequence[float]) -> Fit | None:
    """The mean of values; None where there are too few."""
    n = len(values)
    if n < LEAST:
        return None
    middle = math.fsum(values) / n
    spread = math.sqrt(math.fsum((v - middle) ** 2 for v in values) / (n - 1))
    half = _t(n - 1) * spread / math.sqrt(n)
    return Fit(middle, middle - half, middle + half, n)


def ratio(pairs: Sequence[tuple[float, float]]) -> Fit | None:
    """How many times the first of each pair the second is, where its spread grows with the root of the first;
    None where there are too few pairs with something in them."""
    some = [(x, y) for x, y in pairs if x > 0 and y > 0]
    n = len(some)
    if n < LEAST:
        return None
    reckoned = math.fsum(x for x, _ in some)
    value = math.fsum(y for _, y in some) / reckoned
    spread = math.sqrt(math.fsum((y - value * x) ** 2 / x for x, y in some) / (n - 1))
    half = _t(n - 1) * spread / math.sqrt(reckoned)
    return Fit(value, value - half, value + half, n)


def pace(entries: Iterable[Entry]) -> Fit | None:
    """Minutes really taken for each minute reckoned at pace 1, stage by stage of each entry."""
    pairs = []
    for e in entries:
        planned = dict(e.planned)
        pairs += [(planned[stage], spent) for stage, spent in e.spent if planned.get(stage, 0.0) > 0]
    return ratio(pairs)


def gain(entries: Iterable[Entry], stock: str) -> Fit | None:
    """The crease gain (mm) with which a stock would come out as asked: each side lies between two folds that
    take up half of the gain on each of their two sides, so what is too small asks for as much more."""
    return mean([e.gain_mm - error for e in entries if e.stock == stock for error in e.errors])


def error(entries: Iterable[Entry], stock: str = "", recipe: str = "") -> Fit | None:
    """How much larger than asked it comes out, mm."""
    return mean([error for e in entries if stock in ("", e.stock) and recipe in ("", e.recipe)
                 for error in e.errors])


def bars(entries: Iterable[Entry], printer: str) -> tuple[Fit | None, Fit | None]:
    """What a bar of 100 mm measures across and along on a printer."""
    some = [e for e in entries if e.printer == printer]
    return (mean([e.across for e in some if e.across > 0]), mean([e.along for e in some if e.along > 0]))
