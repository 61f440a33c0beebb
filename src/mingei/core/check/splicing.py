"""Rules about pieces that are cut across along a line and joined again."""

from __future__ import annotations

from collections.abc import Iterator

from mingei.core.check import Finding, Fix, Severity, rule
from mingei.core.document.build import Build, Part
from mingei.core.layout.parted import Half
from mingei.core.layout.sheets import Sheet
from mingei.core.layout.splice import beside_a_fold, first_number
from mingei.core.length import write_mm
from mingei.core.words import Words, say

#: A part narrower than this is a scrap, mm (from experience, no published source).
_SCRAP_MM = 10.0


@rule("splice")
def splice(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """A line across a piece must leave parts that can be handled, room for a strip, and no fold beside it."""
    pieces = {p.name: p for p in build.patterns}
    first = first_number(build.patterns)
    for number, line in enumerate(build.brief.splices, first):
        pattern, place = (pieces.get(line.piece),
                          say("join {number} across the {piece}", number=number, piece=line.piece))
        if pattern is None:
            out = Fix("Take this line out", build.brief.without_splice(number - first))
            yield Finding("splice-nowhere", Severity.NOTE, "there is no such piece now", place,
                          "it counts again when there is", fix=out)
            continue
        halves, part = build.halves[pattern], Part(pattern.name, pattern.root)
        mine = [h for h in halves if any(k.key == number for k in h.pattern.keys)]
        scrap = next((h for h in mine if h.pattern.root and min(h.pattern.box.width, h.pattern.box.height)
                      < _SCRAP_MM), None)
        if scrap is not None:
            yield Finding("splice-scrap", Severity.ERROR,
                          say("it cuts off a scrap of {size}", size=_size(scrap)), place,
                          "move the line, or turn it", part)
        elif not any(k.key == number and k.bears for h in halves for k in h.pattern.keys):
            yield Finding("splice-bare", Severity.ERROR, "there is no room for a strip to glue it by", place,
                          "move the line to where it crosses walls", part)
        elif beside_a_fold(pattern, line):
            yield Finding("splice-fold", Severity.LOOK,
                          "a fold runs beside it, and a join that is folded springs open", place,
                          "move it away from the fold, or make the panel beyond the fold a piece of its own",
                          part)
        else:
            yield Finding("splice-thick", Severity.NOTE,
                          say("inside it is {caliper} thicker there", caliper=write_mm(
                pattern.stock.caliper_mm)), place, "glue it before folding, and let it dry under a weight",
                          part)


def _size(half: Half) -> Words:
    box = half.pattern.box
    return say("{wide} x {high}", wide=write_mm(box.width, 1), high=write_mm(box.height, 1))

