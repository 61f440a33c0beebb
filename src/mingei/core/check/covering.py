"""Rules about what is glued on: mats, labels, linings."""

from __future__ import annotations

import math
from collections.abc import Iterator

from mingei.core.check import Finding, Severity, rule
from mingei.core.check.fitting import LEAST_PLAY_MM
from mingei.core.covering.leaf import HINGES
from mingei.core.covering.overlay import BANDS, OVER_MM
from mingei.core.document.build import Build, Part
from mingei.core.flat.pattern import Pattern
from mingei.core.layout.sheets import Sheet
from mingei.core.length import write_both, write_mm
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import path_length
from mingei.core.tolerance import TOLERANCE
from mingei.core.words import joined, say

#: Both faces of a panel want covering from this caliper up, mm: one-sided, it warps (common practice for
#: board).
_BOARD_MM = 0.8
#: Edges are covered from this caliper up, mm (from experience, no published source).
_EDGES_MM = 1.0
#: A band goes round an edge cleanly up to this caliper, mm (from experience, no published source).
_BAND_MOST_MM = 0.3


@rule("overlay-room")
def overlay_room(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """An overlay that finds no room is left out, and said so."""
    for overlay in build.left_out:
        yield Finding("overlay-room", Severity.LOOK, "it finds no room there, and is left out",
                      say("overlay {name}", name=overlay.name),
                      "use a narrower border or a smaller label, or move it")


@rule("overlay-when")
def overlay_when(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Overlays go on while all lies flat (common practice), pads and linings counted where something must
    fit."""
    rides = [p for p in build.patterns if p.covers]
    if rides:
        yield Finding("overlay-when", Severity.NOTE,
                      "what is glued on panels goes on before the first fold, while all lies flat",
                      joined([p.name for p in rides[:3]], ", "),
                      "score first, and press under a weight while the glue sets")
    inner = [p for p in rides if p.rides is not None and (p.rides.inside or p.part == BANDS)]
    if inner and build.cavity is not None:
        thick = max(p.stock.caliper_mm if p.part == BANDS else _stands_off(p) for p in inner)
        yield Finding("overlay-lining", Severity.NOTE,
                      say("it takes {thick} of the inside on its wall", thick=write_mm(thick)),
                      inner[0].name, "make the inside so much larger, where it must be kept",
                      Part(inner[0].name, inner[0].name))


@rule("overlay-slides")
def overlay_slides(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """What is glued between two panels of which one slides over the other takes of the play between them."""
    panels = {p.name: p for piece in build.draft.pieces for p in piece.panels}
    for cover in (p for p in build.patterns if p.covers):
        assert cover.rides is not None
        under = panels.get(cover.rides.panel)
        if under is None:
            continue
        over = ([p for p in panels.values() if p.over == under.name] if not cover.rides.inside else [under]
                if under.over in panels else [])
        for outer in over:
            other = under.over if cover.rides.inside else outer.name
            if not _faces(build, cover, other):
                continue
            play, high = max(0.0, outer.air), _stands_off(cover)
            words = say("it stands {high} off, where the {outer} slides over the {inner} with {play} of play",
                        high=write_mm(high),
                        outer=outer.name, inner=outer.over, play=write_mm(play))
            place = say("overlay {name}", name=cover.name)
            if high > play + TOLERANCE.touching:
                remedy = (
                    say(
                        "make the clearance {more} or more, or leave it off there",
                        more=write_mm(math.ceil(20 * (high + LEAST_PLAY_MM)) / 20),
                    )
                    if outer.air > 0
                    else "leave it off there, or make it smaller and move it clear"
                )
                yield Finding("overlay-slides", Severity.ERROR, words, place, remedy,
                              Part(cover.name, cover.name))
            elif play - high < LEAST_PLAY_MM:
                yield Finding("overlay-tight", Severity.LOOK, words, place,
                              say("make the clearance {more} or more",
                                  more=write_mm(math.ceil(20 * (high + LEAST_PLAY_MM)) / 20)),
                              Part(cover.name, cover.name))


def _stands_off(cover: Pattern) -> float:
    """How far an overlay, pads and all, stands off the face it is glued on, mm."""
    assert cover.rides is not None
    return cover.rides.up + (cover.stock.caliper_mm - cover.rides.host.stock.caliper_mm) / 2


def _faces(build: Build, cover: Pattern, other: str) -> bool:
    """Whether an overlay and a panel lie over each other, folded."""

    from mingei.core.folded.fold import finished, place

    piece = next((p for p in build.patterns if other in p.by_name and p.rides is None), None)
    if piece is None:
        return False
    mine = finished(cover)[cover.root]
    stands = (place(finished(piece)[other], piece.by_name[other].polygon) - mine[:3, 3]) @ mine[:3, :2]
    return bool(area_of(stands).intersection(area_of(cover.by_name[cover.root].polygon)).area
                > TOLERANCE.touching)


@rule("overlay-warps")
def overlay_warps(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Board covered on one face only warps (common practice)."""
    if build.stock.caliper_mm < _BOARD_MM:
        return
    faces: dict[str, set[bool]] = {}
    for p in build.patterns:
        if p.rides is not None and p.covers and p.part not in (BANDS, HINGES):
            faces.setdefault(p.rides.panel, set()).add(p.rides.inside)
    single = [panel for panel, sides in faces.items() if len(sides) == 1]
    if single:
        yield Finding("overlay-warps", Severity.NOTE,
                      "board covered on one face only warps as the glue dries",
                      say("panel {a}", a=single[0]),
                      "cover the other face too, or dry it flat under a weight")


@rule("edge-bands")
def edge_bands(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Cut edges of board show: the strips that cover them, as wide as the board is thick and what is wrapped
    over (common practice)."""
    bands = [p for p in build.patterns if p.part == BANDS]
    if bands and bands[0].stock.caliper_mm > _BAND_MOST_MM:
        thick = write_mm(bands[0].stock.caliper_mm)
        yield Finding("band-thick", Severity.LOOK,
                      say("{thick} is too thick to go round an edge", thick=thick),
                      say("overlay {name}", name=bands[0].name),
                      say("cut the bands from paper up to {most}", most=write_mm(_BAND_MOST_MM)))
    if build.draft.spine is not None or build.draft.glued is not None:
        return  # its wrap covers them, or it has a strip of its own
    for part in dict.fromkeys(p.part for p in build.patterns):
        pieces = [p for p in build.patterns if p.part == part and p.stock.caliper_mm >= _EDGES_MM
                  and p.part != BANDS]
        if not pieces or any(b.rides is not None and b.rides.host in pieces for b in bands):
            continue
        length = sum(path_length(cut) * p.copies for p in pieces for cut in p.cuts)
        wide = pieces[0].stock.caliper_mm + 2 * OVER_MM
        yield Finding("edge-bands", Severity.NOTE,
                      say("its cut edges are {length} long in all; strips to cover them are {wide} wide",
                          length=write_both(length),
                          wide=write_mm(wide)), "edges",
                      say("{wrapped} goes over each face; glue edge bands on the panels that are seen",
                          wrapped=write_mm(OVER_MM)))
