"""Measurements, run by ``make bench``; nothing here is a test."""

from __future__ import annotations

import statistics
import time
from collections.abc import Callable

#: What was measured over its budget, in words.
SHORT: list[str] = []


def within(words: str, value: float, most: float, unit: str = "ms", least: bool = False) -> str:
    """A figure with its budget, in words; one that misses it is remembered.  least: it is to be at least
    so."""
    missed = value < most if least else value > most
    said = f"{words} {value:.{0 if value >= 100 else 2 if unit in ('x', 's') else 1}f} {unit}"
    said = f"{said} ({'at least' if least else 'at most'} {most:g})"
    if missed:
        SHORT.append(said)
    return f"{said}{' SHORT' if missed else ''}"


def timed(work: Callable[[], object], times: int) -> list[float]:
    """Milliseconds of each run."""
    result = []
    for _ in range(times):
        start = time.perf_counter()
        work()
        result.append(1000 * (time.perf_counter() - start))
    return result


def median(values: list[float]) -> float:
    return statistics.median(values)


def p95(values: list[float]) -> float:
    return sorted(values)[min(len(values) - 1, int(0.95 * len(values)))]


def slowness() -> float:
    """How slow the machine is just now, against this project's own machine at its quickest: a fixed loop over
    the 7 ms it takes there.

    Shared machines change speed from minute to minute; a figure in ms says little without this.
    """
    return median(timed(lambda: sum(i * i for i in range(100_000)), 5)) / 7.0


def paced(work: Callable[[], object], times: int) -> tuple[list[float], list[float]]:
    """Milliseconds of each run, and the same at an even pace: the machine's own is taken beside each few."""
    taken, even = [], []
    for _ in range(times // 5):
        slow = slowness()
        few = timed(work, 5)
        taken += few
        even += [ms / slow for ms in few]
    return taken, even
