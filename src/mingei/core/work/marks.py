"""Marks only: the two ends of each placement as pricks, on the waste where they can be, so that no line shows
on the finished thing."""

from __future__ import annotations

from typing import NamedTuple

from mingei.core.plane.shape import Point
from mingei.core.work.placements import Placement
from mingei.core.work.plan import Work
from mingei.core.work.waste import Waste

#: A prick is set off from the end of a score by so much where there is waste (mm), and sought so far out.
_OFF_MM, _FAR_MM, _STEP_MM = 1.0, 12.0, 0.5


class Mark(NamedTuple):
    """A prick: of which placement, where, mm, and whether it lies on the waste."""

    number: int
    at: Point
    on_waste: bool


def marks_of(work: Work) -> tuple[Mark, ...]:
    """Both ends of every placement."""
    waste = Waste(work.box, work.lines.cuts)
    return tuple(_prick(p, end, waste if p.hand is None else None) for p in work.placements for end in (0, 1))


def _prick(placement: Placement, end: int, waste: Waste | None) -> Mark:
    """On the placement's line, beyond its end as near as there is waste; at its end where there is none,
    or none any more."""
    (ax, ay), (bx, by) = (placement.end, placement.start) if end else (placement.start, placement.end)
    long = placement.length or 1.0
    ux, uy = (ax - bx) / long, (ay - by) / long
    away = _OFF_MM
    while waste is not None and away <= _FAR_MM:
        at = ax + ux * away, ay + uy * away
        if waste.holds(at):
            return Mark(placement.number, at, True)
        away += _STEP_MM
    return Mark(placement.number, (ax, ay), False)
