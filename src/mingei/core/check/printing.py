"""What is found about artwork; its files are read elsewhere, so these are no rules."""

from __future__ import annotations

from collections.abc import Iterable, Iterator

from mingei.core.check import Finding, Severity
from mingei.core.covering.art import Art, Printed, Raster, Vector
from mingei.core.errors import MingeiError
from mingei.core.length import MM_PER_INCH
from mingei.core.words import counted, say

#: Fewer pixels an inch show as steps (common practice: 300 are enough, under 150 is coarse).
COARSE_PPI = 150.0


def found_about(refused: Iterable[tuple[Art, MingeiError]], prints: Iterable[Printed],
                changed: Iterable[Art] = (), lost: Iterable[Art] = ()) -> Iterator[Finding]:
    """Pictures that are missing or broken, with their file and the reason; coarse ones; drawings with parts
    that cannot be drawn; those that are no longer what they were when they were taken in, and those that find
    no place."""
    for art in lost:
        yield Finding("art-nowhere", Severity.LOOK,
                      "the picture goes round a model of facets, and this thing has no places for it",
                      say("artwork {name}", name=art.name),
                      "choose how it is placed on a panel, or take it off")
    for art in changed:
        yield Finding("art-changed", Severity.NOTE, "the picture was changed since it was taken in",
                      say("artwork {name}, {file}", name=art.name, file=art.source),
                      "look at it, and choose it anew to take it as it is")
    for art, error in refused:
        yield Finding("art-missing", Severity.LOOK, say("{reason}: its place is kept", reason=error.sentence),
                      say("artwork {name}, {file}", name=art.name, file=error.place), error.remedy)
    for each in prints:
        if isinstance(each.picture, Raster) and each.frames:
            ppi = each.picture.width / each.frames[0].width * MM_PER_INCH
            if ppi < COARSE_PPI:
                yield Finding("art-coarse", Severity.LOOK,
                              say("it has only {ppi:.0f} pixels an inch here", ppi=ppi),
                              say("artwork {name}", name=each.name),
                              "use a larger picture, or print it smaller")
        if isinstance(each.picture, Vector) and each.picture.ignored:
            yield Finding(
                "art-parts",
                Severity.NOTE,
                counted(
                    "{count} part of the drawing cannot be drawn",
                    "{count} parts of the drawing cannot be drawn", each.picture.ignored
                ),
                say("artwork {name}", name=each.name),
                "turn words, pictures and shaded fills into plain paths, or save it as PNG",
            )
