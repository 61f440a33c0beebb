"""Rules about stock and fit: is the card right for it, does the lid slide, do panels stay out of each other's
way."""

from __future__ import annotations

import math
from collections.abc import Iterator

from mingei.core.check import Finding, Fix, Severity, rule
from mingei.core.document.build import Build, Part
from mingei.core.draft import Role
from mingei.core.layout.sheets import Sheet
from mingei.core.length import write_both, write_mm, write_real
from mingei.core.recipes.human import HUMAN
from mingei.core.stock import FILM_MM, BuildUp, Faced, Ply, plies_for
from mingei.core.words import say

#: Play between pieces that slide over each other, mm a side (common practice: 0.25 to 1 mm by stock).
LEAST_PLAY_MM, MOST_PLAY_MM = 0.25, 1.0
#: A wall of paper thinner than this bows where it is longer than that, mm (from experience, no published
#: source).
THIN_MM, LONG_FOR_THIN_MM = 0.15, 60.0
#: A lip shorter than this springs open, mm (from experience, no published source).
LEAST_LIP_MM = 6.0
#: A pin may take so much (a share) of the thickness of the board whose edge it stands in (from experience).
_PIN_SHARE = 0.6
#: So many pairs that share card are named.
_SHARED_SAID = 3


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
                own = pattern.steps[min(len(pattern.steps) - 1, int(c.fraction * len(pattern.steps)))]
                step = build.plan.number_of(pattern.name, own)
                yield Finding("on-the-way", Severity.NOTE,
                              say("on its way it catches on the {b}, in step {step}", b=c.b, step=step),
                              say("panel {a}", a=c.a),
                              "bend it past by hand; card gives way, board wants the other order",
                              Part(c.piece, c.a))


@rule("shared-card", thorough=True)
def shared_card(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """As solids, across all pieces, with tabs, lips, overlays and bands: no two parts are in one place."""
    from mingei.core.folded.shared import shared, slabs

    if build.draft.round is not None or build.brief.enlarged != 1.0:
        return  # facets only stand for a curve; what was enlarged as a drawing is said elsewhere
    for found in shared(slabs(build.patterns))[:_SHARED_SAID]:
        yield Finding("shared-card", Severity.LOOK,
                      say("it shares {volume:.2f} mm³ of card with the {b}", volume=found.volume,
                          b=found.b[1]),
                      say("panel {a}", a=found.a[1]), "change a measure, or the way a seam is held",
                      Part(*found.a))


@rule("inside", thorough=True)
def inside(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """What must fit does: no panel stands in the space the brief asks for; a round one is taken smaller by a
    caliper, since facets only stand for its curve.  What is laid in takes its own thickness of it."""
    from mingei.core.folded.shared import in_the_way, slabs

    if not build.draft.content or build.brief.enlarged != 1.0:
        return
    for found in in_the_way(slabs(tuple(p for p in build.patterns if p.rides is None and not p.part)),
                            build.draft.content,
                            build.stock.caliper_mm if build.draft.round is not None else 0.0)[:1]:
        yield Finding("inside", Severity.ERROR,
                      say("it stands {volume:.2f} mm³ in the space asked for", volume=found.volume),
                      say("panel {a}", a=found.a[1]),
                      "change a measure, or the way a seam is held", Part(*found.a))


@rule("slides", thorough=True)
def slides(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """What comes off or out does so without catching."""
    from mingei.core.folded.moving import goes_with
    from mingei.core.folded.shared import ON_THE_WAY_MM, shared, slabs

    if not build.draft.slides or build.brief.enlarged != 1.0:
        return
    every = slabs(build.patterns)
    for piece, (x, y, z), most in build.draft.slides:
        moving = frozenset(p.name for p in build.patterns if goes_with(p.name, piece))
        for far in (f for f in ON_THE_WAY_MM if not most or f <= most):
            found = shared(every, (x * far, y * far, z * far), moving)
            if found:
                yield Finding("slides", Severity.ERROR,
                              say("it catches on the {b} {far} on its way", b=found[0].b[1],
                                  far=write_mm(far)),
                              say("panel {a}", a=found[0].a[1]), "give it more clearance", Part(*found[0].a))
                break


@rule("swings", thorough=True)
def swings(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """What turns on pins opens without catching on what stands beside it."""
    from mingei.core.folded.shared import TURNS, slabs, swung

    if not build.draft.swings or build.brief.enlarged != 1.0:
        return
    every = slabs(build.patterns)
    for swing in build.draft.swings:
        for number in range(1, TURNS + 1):
            angle = swing.most_deg * number / TURNS
            found = swung(every, swing, angle)
            if found:
                yield Finding("swings", Severity.ERROR,
                              say("it catches on the {b} when it is {angle:.0f} degrees open",
                                  b=found[0].b[1],
                                  angle=abs(angle)),
                              say("panel {a}", a=found[0].a[1]), "give it more play, or thinner board",
                              Part(*found[0].a))
                break


@rule("human")
def human(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """A model's measures beside what fits people."""
    times = build.brief.model
    if times == 1.0:
        return
    measured = [(name, what, float(build.brief.values[name])) for name, what in build.recipe.human]
    for name, what, value in (*measured, *(("", what, value) for what, value in build.draft.human)):
        real, fits = value * times, HUMAN[what]
        if not fits.least <= real <= fits.most:
            yield Finding("human", Severity.NOTE,
                          say("at 1:{times:g} it is {real} in real life, and {what} is usually {least} to "
                              "{most}",
                              times=times, real=write_real(real, "mm"), what=what,
                              least=write_real(fits.least, "mm"), most=write_real(fits.most, "mm")),
                          name or what,
                          say("{low} to {high} would be usual", low=write_both(fits.least / times),
                              high=write_both(fits.most / times)))


@rule("glued-up")
def glued_up(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Board that is glued up is as thick as its layers make it."""
    board = build.draft.glued
    if board is None:
        return
    stock = next(p.stock for p in build.patterns if board.panel in p.by_name)
    faces = sum(p.stock.caliper_mm + FILM_MM for p in build.patterns if p.part == "facing")
    reached = BuildUp((Ply(stock),) * board.layers).caliper_mm + faces
    nearest = len(plies_for(max(stock.caliper_mm, board.thick - faces), stock).plies)
    measure = build.recipe.measure("layers")
    would = int(max(measure.minimum, min(measure.maximum, nearest)))
    said = say("{layers} layers come to {reached}, and {thick} is wanted", layers=board.layers,
               reached=write_mm(reached), thick=write_mm(board.thick))
    if would == board.layers:
        yield Finding("glued-up", Severity.NOTE, said, "layers",
                      "measure it once it is dry: glue adds more or less than is reckoned")
    else:
        yield Finding("glued-up", Severity.LOOK, said, "layers",
                      say("{count} come nearest", count=would),
                      fix=Fix(say("take {count} layers", count=would),
                              build.brief.with_measure("layers", float(would))))


@rule("spine")
def spine(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """A cover closes on what lies in it without binding."""
    back = build.draft.spine
    if back is None:
        return
    thick = next(p.stock.caliper_mm for p in build.patterns if back.board in p.by_name)
    least, most = back.closes_on(thick)
    if back.gap < thick:
        yield Finding("spine-gap", Severity.ERROR,
                      "the boards are thicker than the gap beside the spine: they cannot be bent up", "gap",
                      say("make it {least} or more", least=write_mm(1.5 * thick)))
    elif back.stack > most:
        yield Finding("spine-high", Severity.ERROR,
                      say("it closes on {most} at the most, and {stack} lies in it", most=write_mm(most),
                          stack=write_mm(back.stack)), "spine",
                      say("make the spine {wider} or more", wider=write_mm(
                          math.ceil((back.width + back.stack - most) * 10) / 10)))
    elif back.stack < least:
        yield Finding("spine-low", Severity.LOOK,
                      say("it gapes: it closes on {least} at the least, and {stack} lies in it",
                          least=write_mm(least), stack=write_mm(back.stack)), "spine",
                      say("make the spine {narrower} or less",
                          narrower=write_mm(math.floor((back.stack + 2 * thick) * 10) / 10)))


@rule("pins")
def pins(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """A pin in the edge of a board leaves board on both sides of it."""
    bodies = {panel.name: p for p in build.patterns for panel in p.panels}
    for panel in (panel for piece in build.draft.pieces for panel in piece.panels):
        for pin in panel.pierced:
            thick = bodies[pin.into].stock.caliper_mm
            if pin.across > _PIN_SHARE * thick:
                yield Finding("pins", Severity.ERROR,
                              say("a pin of {across} splits the edge of board {thick} thick",
                                  across=write_mm(pin.across), thick=write_mm(thick)),
                              say("panel {a}", a=pin.into),
                              say("take pins of {most} at the most, or thicker board",
                                  most=write_mm(_PIN_SHARE * thick)), Part(bodies[pin.into].name, pin.into))


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
