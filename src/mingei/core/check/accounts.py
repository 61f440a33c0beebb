"""Whether a plan accounts for all that is at the table: every piece that is cut is used in some step and held
by something, everything bought and every strip or coat of adhesive is used in one step, and whatever says
glue has some.

It reads the steps as a person does who has only them, and knows nothing of how they were worked out.
"""

from __future__ import annotations

import re
from collections.abc import Iterable, Iterator, Mapping

from mingei.core.check import Finding, Severity, rule
from mingei.core.document.build import Build, Part
from mingei.core.document.table import Table, table
from mingei.core.kinds import some
from mingei.core.kinds.work import Work
from mingei.core.layout.sheets import Sheet
from mingei.core.plan.making import USUAL
from mingei.core.plan.operation import GLUES, Does, Operation
from mingei.core.words import Words, say

_SAYS_GLUE = re.compile(r"\bglue\b", re.IGNORECASE)


@rule("plan-forgets", thorough=True)
def plan_forgets(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """The plan uses all that is cut, bought and glued, each once."""
    for place, sentence in forgotten(table(build, USUAL)):
        yield Finding("plan-forgets", Severity.LOOK, sentence, place,
                      "look at its pictures before you glue, and report it with the project file",
                      Part(place, ""))


def forgotten(t: Table) -> Iterator[tuple[str, Words]]:
    """What a plan forgets: of what, and how, one sentence each."""
    used = {op.key: frozenset(_pieces_of(op, _owners(t), t)) for s in t.steps for op in s.operations}
    if len(t.build.patterns) > 1:
        yield from _pieces(t, used)
    for held, number in zip(t.held, t.used_in, strict=True):
        if not number:
            yield held.name, say("no step says when it is glued")
    for bought in t.bought:
        steps = [s.number for s in t.steps if bought in t.needs(s).bought]
        if len(steps) != 1:
            yield bought.name, say("it is put in {count} times", count=len(steps))
    own = {work.words for work in some(t.build.brief.amendments, Work)}  # what a person wrote is theirs
    for step in t.steps:
        if t.needs(step).held or own.intersection(op.words for op in step.operations):
            continue
        sticks = [op for op in step.operations if op.does in GLUES and not _opens(op, t)]
        if sticks:
            yield say("step {number}", number=step.number), say("nothing is said to hold it")
        elif _SAYS_GLUE.search(str(step.words)) and any(op.does is Does.PUT for op in step.operations):
            yield say("step {number}", number=step.number), say("it says glue, and lists none")


def _pieces(t: Table, used: Mapping[str, frozenset[str]]) -> Iterator[tuple[str, Words]]:
    """The pieces no step uses, and those that nothing holds to the others."""
    groups = {p.name: {p.name} for p in t.build.patterns}
    for step in t.steps:
        for op in step.operations:
            touched = used[op.key] & groups.keys()
            if op.does in (*GLUES, Does.PUT, Does.JOIN) and len(touched) > 1:
                merged = set[str]().union(*(groups[name] for name in touched))
                groups.update(dict.fromkeys(merged, merged))
    loose = {p.name for p in t.build.draft.pieces if p.loose}
    moves = [*(s.piece for s in t.build.draft.slides), *(s.piece for s in t.build.draft.swings)]
    loose |= {name for name in groups for moved in moves if name.startswith(moved)}
    told = set[str]().union(*used.values())
    for name in groups:
        if name not in told:
            yield name, say("no step uses it")
    whole = [g for g in {id(g): g for g in groups.values()}.values() if g.isdisjoint(loose)]
    for group in sorted(whole, key=len)[:-1]:
        yield min(group), say("nothing holds it to the rest")


def _owners(t: Table) -> dict[str, frozenset[str]]:
    """Whose a name is: of a piece, a panel, a curved face, a seam or a row of teeth the pieces it is of."""
    found: dict[str, set[str]] = {}

    def own(name: str, pieces: Iterable[str]) -> None:
        if name:
            found.setdefault(name, set()).update(pieces)

    for p in t.build.patterns:
        own(p.name, [p.name])
        for panel in p.panels:
            own(panel.name, [p.name])
            own(panel.whole, [p.name])
    for piece in t.build.draft.pieces:
        for seam in piece.seams:
            sides = [*found.get(seam.carrier.panel, ()), *found.get(seam.host.panel, ())]
            own(seam.name, sides)
            own(seam.row, sides)
    return {name: frozenset(pieces) for name, pieces in found.items()}


def _pieces_of(op: Operation, owners: Mapping[str, frozenset[str]], t: Table) -> Iterator[str]:
    """The pieces an operation has to do with."""
    if op.does is not Does.WAIT:
        yield op.piece
    for name in (*op.names, *op.panels, *op.moves, op.host, op.brought):
        yield from owners.get(name, ())
    for p in t.build.patterns:
        if p.covers and op.key.endswith((f"cover {p.name}", f"over {p.name}")):
            yield p.name


def _opens(op: Operation, t: Table) -> bool:
    """Whether all that an operation joins is tucked or slid together, and takes no adhesive."""
    dry = {name for piece in t.build.draft.pieces for s in piece.seams if not s.joint.takes
           for name in (s.name, s.row)}
    return bool({*op.names} & dry)
