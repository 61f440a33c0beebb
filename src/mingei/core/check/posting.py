"""Rules about what is sent or put away: the envelope sold everywhere that takes the same thing."""

from __future__ import annotations

from collections.abc import Iterator

from mingei.core.build import Build
from mingei.core.check import Finding, Severity, rule
from mingei.core.layout.sheets import Sheet
from mingei.core.sizes import envelopes_for
from mingei.core.words import joined, say


@rule("envelope-sold")
def envelope_sold(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Say which envelopes that are sold take a card, or the thing an envelope is drafted for."""
    if not build.recipe.holds:
        return
    sides = [float(build.brief.values[name]) for name in build.recipe.holds]
    thick = float(build.brief.values["thick"]) if "thick" in build.brief.values else build.outside[2]
    found = envelopes_for(sides[0], sides[1], thick)[:3]
    if found:
        words = say("it goes into envelopes that are sold: {names}", names=joined([e.name for e in found], ", "))
        yield Finding("envelope-sold", Severity.NOTE, words, "size",
                      "what the post charges goes by size, weight and thickness: ask locally")
