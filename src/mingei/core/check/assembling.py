"""Rules about the order of making: what a person's own order breaks, and what the thing built from its plan
shows."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace

from mingei.core.check import Finding, Fix, Severity, rule
from mingei.core.check.simulating import simulate
from mingei.core.document.build import Build
from mingei.core.layout.sheets import Sheet
from mingei.core.words import say


@rule("order")
def own_order(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Steps a person moved before what they need."""
    if build.brief.order:
        for step in build.plan.steps:
            for why in step.broken:
                yield Finding("order", Severity.LOOK, why, say("step {number}", number=step.number),
                              "move it back, or keep it so where you know better",
                              fix=Fix(say("take the plan's own order"), replace(build.brief, order=())))


@rule("assembly", thorough=True)
def assembly(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """The thing built from its plan in cells of space."""
    for fault in simulate(build):
        yield Finding("assembly", Severity.LOOK, fault.sentence,
                      say("step {number}", number=fault.step) if fault.step else say("the plan"),
                      "glue it earlier, or hold that seam with a tuck or with tape outside")
