"""Rules about what holds it together: tape that fits its tabs, and how much of it to have at hand."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace

from mingei.core.check import Finding, Fix, Severity, rule
from mingei.core.document.build import Build, Part
from mingei.core.document.table import holds_of
from mingei.core.flat.pattern import FlatSeam, Pattern
from mingei.core.layout.sheets import Sheet
from mingei.core.length import write_both, write_mm
from mingei.core.plan.holding import tape_list
from mingei.core.stock import CATALOGUE
from mingei.core.words import counted, say

#: So little (mm) tape may reach past its tab.
_OVER_MM = 0.5
#: A strip of tab narrower than this is not seen, mm (from experience, no published source).
MOST_BARE_MM = 0.3


def taped_seams(build: Build) -> list[tuple[Pattern, FlatSeam]]:
    """The seams that double-sided tape holds: every glued one but rows of teeth, which tape cannot follow
    round a curve."""
    return [(p, s) for p in build.patterns for s in p.seams
            if s.joint.between and not s.row]


@rule("tape-wide")
def tape_wide(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Tape is no wider than the tab it lies on."""
    width = build.brief.tape_mm
    narrow = [(p, s) for p, s in taped_seams(build) if s.depth_mm < width - _OVER_MM]
    if width and narrow:
        pattern, least = min(narrow, key=lambda found: found[1].depth_mm)
        values = {"depth": write_mm(least.depth_mm, 1), "width": write_mm(width), "count": len(narrow) - 1}
        words = (say("its tab is {depth} deep, and the tape {width} wide; so it is with {count} more",
                     **values) if len(narrow) > 1
                 else say("its tab is {depth} deep, and the tape {width} wide", **values))
        yield Finding("tape-wide", Severity.LOOK, words, say("seam {seam}", seam=least.name),
                      "use narrower tape, cut it lengthwise, or glue it wet", Part(pattern.name, least.name))


@rule("tab-shows")
def tab_shows(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """At a shallow corner the crease of a tab lies past its host's edge, and a strip of the tab shows between
    them."""
    bare = [(p, s) for p in build.patterns for s in p.seams if s.beyond_mm > MOST_BARE_MM and not s.row
            and not s.outside]
    if not bare:
        return
    pattern, widest = max(bare, key=lambda found: found[1].beyond_mm)
    values = {"wide": write_mm(widest.beyond_mm, 1), "count": len(bare) - 1}
    words = (say("a strip of its tab, {wide} wide, shows between the two panels; so it is with {count} more",
                 **values) if len(bare) > 1
             else say("a strip of its tab, {wide} wide, shows between the two panels", **values))
    # it is as many calipers wide in any stock
    enough = pattern.stock.caliper_mm * MOST_BARE_MM / widest.beyond_mm
    thinner = max((s for s in CATALOGUE if s.kind == build.stock.kind and build.recipe.thinnest
                   <= s.caliper_mm <= enough),
                  key=lambda s: s.caliper_mm, default=None)
    fix = None
    if thinner is not None and pattern.stock is build.stock:
        fix = Fix(say("take {stock}", stock=thinner.name), replace(build.brief, stock=thinner.id))
    yield Finding("tab-shows", Severity.LOOK, words, say("seam {seam}", seam=widest.name),
                  "take thinner stock, or tape it there",
                  Part(pattern.name, widest.name), fix)


@rule("tape-teeth")
def tape_teeth(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Tape does not follow a row of teeth."""
    rows = {s.row: p for p in build.patterns for s in p.seams if s.row and s.joint.between}
    if build.brief.tape_mm:
        for row, pattern in rows.items():
            yield Finding("tape-teeth", Severity.NOTE, "tape does not follow a curve",
                          say("seam {seam}", seam=row),
                          "glue the teeth wet or hot; hot glue burns: follow its maker's word, and keep it "
                          "from children",
                          Part(pattern.name, row))


@rule("tape")
def tape(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """How much tape to have at hand, of each width."""
    if not build.brief.tape_mm:
        return
    for total in tape_list(holds_of(build), build.brief.copies):
        yield Finding("tape", Severity.NOTE,
                      counted("{count} strip of {width} tape, {length} long",
                              "{count} strips of {width} tape, {length} together, the longest {longest}",
                              total.many, width=write_mm(total.width_mm), length=write_both(total.length_mm),
                              longest=write_both(total.longest_mm)), "tape",
                      "cut the strips before you begin, place them out to the edge, peel one end, lay it "
                      "straight, then peel the rest")
