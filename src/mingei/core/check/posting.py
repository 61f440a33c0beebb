"""Rules about what is sent or put away: the envelope sold everywhere that takes the same thing."""

from __future__ import annotations

from collections.abc import Iterator

from mingei.core.check import Finding, Severity, rule
from mingei.core.document.build import Build
from mingei.core.layout.sheets import Sheet
from mingei.core.sizing.post import POSTS, goes_as, read_out
from mingei.core.sizing.sizes import envelopes_for
from mingei.core.words import joined, say

#: What is sent as it is; what goes in is reckoned as a card of its size in this grammage, folded once.
POSTED, CONTENTS_GSM = ("envelope-side", "envelope-diagonal", "envelope-box"), 440.0


@rule("envelope-sold")
def envelope_sold(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Say which envelopes that are sold take a card, or the thing an envelope is drafted for."""
    if not build.recipe.holds:
        return
    sides = [float(build.brief.values[name]) for name in build.recipe.holds]
    thick = float(build.brief.values["thick"]) if "thick" in build.brief.values else build.outside[2]
    found = envelopes_for(sides[0], sides[1], thick)[:3]
    if found:
        words = say("it goes into envelopes that are sold: {names}",
                    names=joined([e.name for e in found], ", "))
        yield Finding("envelope-sold", Severity.NOTE, words, "size",
                      "what the post charges goes by size, weight and thickness: ask locally")


@rule("post")
def post(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """What an envelope goes as by post, empty contents reckoned as one card of its size (common practice to
    weigh the filled one)."""
    if build.recipe.id not in POSTED:
        return
    sizes = sorted(build.outside, reverse=True)
    width, height = (float(build.brief.values[name]) for name in ("width", "height"))
    mass = build.mass_g + width * height * 1e-6 * CONTENTS_GSM
    sources = ("; ".join(dict.fromkeys(p.source for p in goes_as(sizes[0], sizes[1], sizes[2], mass)))
               or POSTS[0].source)
    yield Finding("post", Severity.NOTE, read_out(sizes[0], sizes[1], sizes[2], mass),
                  say("post, with a card of {g:g} g/m²", g=CONTENTS_GSM),
                  say("rules change: ask locally ({sources})", sources=sources))
