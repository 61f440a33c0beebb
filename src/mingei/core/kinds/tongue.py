"""A tongue on a panel's free side: what goes through a slot in something else."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import replace
from typing import NamedTuple

from mingei.core.amendments.opening import MOST_MM
from mingei.core.data.extra import Extra
from mingei.core.draft import Draft, Tongued
from mingei.core.errors import MeasureError
from mingei.core.kinds import Amendment, Kind, some
from mingei.core.words import say, some_of

#: A narrower tongue tears off, mm (from experience, no published source).
LEAST_TONGUE_MM = 3.0


class Tongue(NamedTuple):
    """panel, side: where, the side by its number from 0; low, high: from where to where along it, mm; out:
    how far it stands out, mm; bend: so far out it is bent over, mm, 0 where it stays straight."""

    panel: str
    side: int
    low: float
    high: float
    out: float
    bend: float = 0.0
    extra: Extra = ()

    def grown(self, factor: float) -> Tongue:
        """Wider with the thing; how far it stands out is for what it goes through."""
        return self._replace(low=self.low * factor, high=self.high * factor)


def _check(tongue: Tongue) -> None:
    place = say("tongue on the {panel}", panel=tongue.panel)
    values = tongue.low, tongue.high, tongue.out, tongue.bend
    if tongue.side < 0 or not all(math.isfinite(v) and 0.0 <= v <= MOST_MM for v in values):
        raise MeasureError("it lies nowhere", place, say("use 0 to {most:g} mm", most=MOST_MM))
    if tongue.high - tongue.low < LEAST_TONGUE_MM or tongue.out <= 0.0:
        raise MeasureError("so small a tongue tears off", place,
                           say("make it {least:g} mm wide at the least", least=LEAST_TONGUE_MM))


def _fits(draft: Draft, tongue: Tongue) -> None:
    sides = {p.name: len(p.outline) for piece in draft.pieces for p in piece.panels}
    place = say("tongue on the {panel}", panel=tongue.panel)
    if tongue.panel not in sides:
        raise MeasureError("there is no such panel", place,
                           say("choose one of: {names}", names=some_of(list(sides), tongue.panel)))
    if tongue.side >= sides[tongue.panel]:
        raise MeasureError("it has no such side", place,
                           say("write 0 to {most}", most=sides[tongue.panel] - 1))


def _shapes(draft: Draft, amendments: Sequence[Amendment]) -> Draft:
    wanted: dict[str, tuple[Tongued, ...]] = {}
    for t in some(amendments, Tongue):
        wanted[t.panel] = (*wanted.get(t.panel, ()), Tongued(t.side, t.low, t.high, t.out, t.bend))
    if not wanted:
        return draft
    return replace(draft, pieces=tuple(
        replace(piece, panels=tuple(replace(p, tongues=(*p.tongues, *wanted[p.name])) if p.name in wanted
                                    else p for p in piece.panels)) for piece in draft.pieces))


KIND = Kind(lets_go=True, word="tongue", record=Tongue, of="", always=("panel", "side", "low", "high", "out"),
            differ="tongues", check=_check, fits=_fits, grown=Tongue.grown, shapes=_shapes, order=41)
