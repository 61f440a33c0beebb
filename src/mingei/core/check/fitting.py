"""Rules about stock and fit: is the card right for it, does the lid slide, do panels stay out of each other's
way."""

from __future__ import annotations

from collections.abc import Iterator

from mingei.core.check import Finding, Severity, rule
from mingei.core.document.build import Build, Part
from mingei.core.draft import Role
from mingei.core.layout.sheets import Sheet
from mingei.core.length import write_mm
from mingei.core.stock import Faced
from mingei.core.words import say

#: Play between pieces that slide over each other, mm a side (common practice: 0.25 to 1 mm by stock).
LEAST_PLAY_MM, MOST_PLAY_MM = 0.25, 1.0
#: A wall of paper thinner than this bows where it is longer than that, mm (from experience, no published
#: source).
THIN_MM, LONG_FOR_THIN_MM = 0.15, 60.0
#: A lip shorter than this springs open, mm (from experience, no published source).
LEAST_LIP_MM = 6.0


@rule("collision")
def collision(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """When it is finished no panel may stand in another."""
    from mingei.core.folded.collide import between, collisions

    for pattern in (*build.patterns, None):
        for c in collisions(pattern) if pattern is not None else between(build.patterns):
            yield Finding("collision", Severity.ERROR,
                          say("folded, it stands in the {b} for {length}", b=c.b,
                              length=write_mm(c.length_mm, 1)),
                          say("panel {a}", a=c.a), "change a measure, or the way a seam is held",
                          Part(c.piece, c.a))


@rule("on-the-way", thorough=True)
def on_the_way(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """What catches while it is folded must be eased past."""
    from mingei.core.folded.collide import collisions, moments

    for pattern in build.patterns:
        for c in collisions(pattern, moments(pattern)):
            if c.fraction != 1.0:
                step = min(len(build.steps), int(c.fraction * len(build.steps)) + 1)
                yield Finding("on-the-way", Severity.NOTE,
                              say("on its way it catches on the {b}, in step {step}", b=c.b, step=step),
                              say("panel {a}", a=c.a),
                              "bend it past by hand; card gives way, board wants the other order",
                              Part(c.piece, c.a))


@rule("play")
def play(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """What slides over something needs play: too little sticks, too much rattles."""
    airs = {p.air for piece in build.draft.pieces for p in piece.panels if p.over and p.role is Role.WALL
            and p.air > 0}
    for air in sorted(airs)[:1]:
        least = max(LEAST_PLAY_MM, build.stock.caliper_mm / 5)
        if air < least:
            yield Finding("play-tight", Severity.LOOK,
                          say("{air} of play on each side is tight for this stock", air=write_mm(air)),
                          "clearance", say("give it {least} or more, and try it in scrap",
                                           least=write_mm(least)))
        elif air > MOST_PLAY_MM:
            yield Finding("play-loose", Severity.NOTE,
                          say("{air} of play on each side is loose", air=write_mm(air)), "clearance",
                          say("{most} is usual at the most", most=write_mm(MOST_PLAY_MM)))


@rule("thin")
def thin(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Paper makes no large walls."""
    if (build.stock.caliper_mm < THIN_MM and max(build.outside) > LONG_FOR_THIN_MM and build.recipe.family
        == "boxes"):
        yield Finding("thin", Severity.NOTE, "walls of paper this thin bow at this size", "stock",
                      "good for a trial; use card for the thing itself")


@rule("faced")
def faced(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Board faced on one side pulls itself crooked."""
    if build.stock.faced is Faced.ONE:
        yield Finding("faced", Severity.LOOK, "faced on one side only, it warps as it dries", "stock",
                      "face the other side with the same paper, and dry it under weight")


@rule("layers")
def layers(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Built-up board is as thick as its layers make it, not as thick as was wished."""
    if build.stock.layers > 1:
        yield Finding("layers", Severity.NOTE,
                      say("built up of {count} layers, {caliper} in all", count=build.stock.layers,
                          caliper=write_mm(build.stock.caliper_mm)), "stock",
                      "measure the board once it is dry: glue adds more or less than is reckoned")


@rule("lip-short")
def lip_short(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """A lip must reach in far enough to hold."""
    for pattern in build.patterns:
        for seam in pattern.seams:
            if seam.joint.opens and not seam.row and seam.depth_mm < LEAST_LIP_MM:
                yield Finding("lip-short", Severity.LOOK,
                              say("its lip reaches in only {depth}", depth=write_mm(seam.depth_mm, 1)),
                              say("seam {seam}", seam=seam.name),
                              "glue it, or make the panel it tucks under larger",
                              Part(pattern.name, seam.name))
