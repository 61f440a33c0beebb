"""Rules about pieces that are cut across along a line and joined again."""

from __future__ import annotations

import math
from collections.abc import Iterator

from mingei.core.build import Build, Part
from mingei.core.check import Finding, Severity, rule
from mingei.core.layout.sheets import Sheet
from mingei.core.layout.splice import Half, Splice, first_number, line_of
from mingei.core.length import write_mm
from mingei.core.pattern import Pattern
from mingei.core.words import Words, say

#: A part narrower than this is a scrap; a join nearer a fold than this springs open, mm (from experience, no published source).
_SCRAP_MM, _NEAR_FOLD_MM = 10.0, 4.0
#: A fold that leans no more than this from the line runs along it, degrees.
_ALONG_DEG = 10.0


@rule("splice")
def splice(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """A line across a piece must leave parts that can be handled, room for a strip, and no fold beside it."""
    pieces = {p.name: p for p in build.patterns}
    for number, line in enumerate(build.brief.splices, first_number(build.patterns)):
        pattern, place = pieces.get(line.piece), say("join {number} across the {piece}", number=number, piece=line.piece)
        if pattern is None:
            yield Finding("splice-nowhere", Severity.NOTE, "there is no such piece now", place, "it counts again when there is")
            continue
        halves, part = build.halves[pattern], Part(pattern.name, pattern.root)
        mine = [h for h in halves if any(k.key == number for k in h.pattern.keys)]
        scrap = next((h for h in mine if h.pattern.root and min(h.pattern.box.width, h.pattern.box.height) < _SCRAP_MM), None)
        if scrap is not None:
            yield Finding("splice-scrap", Severity.ERROR, say("it cuts off a scrap of {size}", size=_size(scrap)), place,
                          "move the line, or turn it", part)
        elif not any(k.key == number and k.bears for h in halves for k in h.pattern.keys):
            yield Finding("splice-bare", Severity.ERROR, "there is no room for a strip to glue it by", place,
                          "move the line to where it crosses walls", part)
        elif _beside_a_fold(pattern, line):
            yield Finding("splice-fold", Severity.LOOK, "a fold runs beside it, and a join that is folded springs open", place,
                          "move it away from the fold, or make the panel beyond the fold a piece of its own", part)
        else:
            yield Finding("splice-thick", Severity.NOTE, say("inside it is {caliper} thicker there", caliper=write_mm(
                pattern.stock.caliper_mm)), place, "glue it before folding, and let it dry under a weight", part)


def _size(half: Half) -> Words:
    box = half.pattern.box
    return say("{wide} x {high}", wide=write_mm(box.width, 1), high=write_mm(box.height, 1))


def _beside_a_fold(pattern: Pattern, line: Splice) -> bool:
    (ax, ay), (bx, by) = line_of(pattern, line)
    length = math.dist((ax, ay), (bx, by))
    ux, uy = (bx - ax) / length, (by - ay) / length
    for fold in pattern.folds:
        along = (fold.end[0] - fold.start[0]) * ux + (fold.end[1] - fold.start[1]) * uy
        aside = [(q[1] - ay) * ux - (q[0] - ax) * uy for q in (fold.start, fold.end)]
        if not fold.bend and abs(along) > math.cos(math.radians(_ALONG_DEG)) * fold.length and min(map(abs, aside)) < _NEAR_FOLD_MM:
            return True
    return False
