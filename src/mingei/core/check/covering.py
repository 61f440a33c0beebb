"""Rules about what is glued on: mats, labels, linings."""

from __future__ import annotations

from collections.abc import Iterator

from mingei.core.build import Build, Part
from mingei.core.check import Finding, Severity, rule
from mingei.core.layout.sheets import Sheet
from mingei.core.length import write_both, write_mm
from mingei.core.overlay import BANDS, OVER_MM
from mingei.core.shape import path_length
from mingei.core.words import joined, say

#: Both faces of a panel want covering from this caliper up, mm: one-sided, it warps (common practice for board).
_BOARD_MM = 0.8
#: Edges are covered from this caliper up, mm (from experience, no published source).
_EDGES_MM = 1.0
#: A band goes round an edge cleanly up to this caliper, mm (from experience, no published source).
_BAND_MOST_MM = 0.3


@rule("overlay-room")
def overlay_room(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """An overlay that finds no room is left out, and said so."""
    for overlay in build.left_out:
        yield Finding("overlay-room", Severity.LOOK, "it finds no room there, and is left out", say("overlay {name}", name=overlay.name),
                      "use a narrower border or a smaller label, or move it")


@rule("overlay-when")
def overlay_when(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Overlays go on while all lies flat (common practice), pads and linings counted where something must fit."""
    rides = [p for p in build.patterns if p.rides is not None]
    if rides:
        yield Finding("overlay-when", Severity.NOTE, "what is glued on panels goes on before the first fold, while all lies flat",
                      joined([p.name for p in rides[:3]], ", "), "score first, and press under a weight while the glue sets")
    inner = [p for p in rides if p.rides is not None and p.rides.inside]
    if inner and build.cavity is not None:
        thick = max(p.stock.caliper_mm for p in inner)
        yield Finding("overlay-lining", Severity.NOTE, say("a lining takes {thick} of the inside on its wall", thick=write_mm(thick)),
                      inner[0].name, "make the inside so much larger, where it must be kept", Part(inner[0].name, inner[0].name))


@rule("overlay-warps")
def overlay_warps(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Board covered on one face only warps (common practice)."""
    if build.stock.caliper_mm < _BOARD_MM:
        return
    faces: dict[str, set[bool]] = {}
    for p in build.patterns:
        if p.rides is not None and p.part != BANDS:
            faces.setdefault(p.rides.panel, set()).add(p.rides.inside)
    single = [panel for panel, sides in faces.items() if len(sides) == 1]
    if single:
        yield Finding("overlay-warps", Severity.NOTE, "board covered on one face only warps as the glue dries",
                      say("panel {a}", a=single[0]), "cover the other face too, or dry it flat under a weight")


@rule("edge-bands")
def edge_bands(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Cut edges of board show: the strips that cover them, as wide as the board is thick and what is wrapped over (common practice)."""
    bands = [p for p in build.patterns if p.part == BANDS]
    if bands and bands[0].stock.caliper_mm > _BAND_MOST_MM:
        thick = write_mm(bands[0].stock.caliper_mm)
        yield Finding("band-thick", Severity.LOOK, say("{thick} is too thick to go round an edge", thick=thick),
                      say("overlay {name}", name=bands[0].name), say("cut the bands from paper up to {most}", most=write_mm(_BAND_MOST_MM)))
    for part in dict.fromkeys(p.part for p in build.patterns):
        pieces = [p for p in build.patterns if p.part == part and p.stock.caliper_mm >= _EDGES_MM and p.part != BANDS]
        if not pieces or any(b.rides is not None and b.rides.host in pieces for b in bands):
            continue
        length = sum(path_length(cut) * p.copies for p in pieces for cut in p.cuts)
        wide = pieces[0].stock.caliper_mm + 2 * OVER_MM
        yield Finding("edge-bands", Severity.NOTE,
                      say("its cut edges are {length} long in all; strips to cover them are {wide} wide", length=write_both(length),
                          wide=write_mm(wide)), "edges",
                      say("{wrapped} goes over each face; glue edge bands on the panels that are seen", wrapped=write_mm(OVER_MM)))
