"""Measurements, run by ``make bench``; nothing here is a test."""

from __future__ import annotations

import statistics
import time
from collections.abc import Callable


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
