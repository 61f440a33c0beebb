"""What a make sheet tells: everything a maker needs beside the printed sheets, as values.  The page for a
browser and the printed pages are two renderings of it."""

from __future__ import annotations

import math
from collections.abc import Callable, Sequence
from dataclasses import dataclass
from enum import StrEnum
from typing import NamedTuple, TypeAlias

from mingei.core.document.build import Build, loads_of_all
from mingei.core.document.project import Project
from mingei.core.document.table import Needs, Reckoned, Table, all_tape, reckoned, table
from mingei.core.draft.joint import Adhesive
from mingei.core.errors import SheetError
from mingei.core.kinds import some
from mingei.core.kinds.join import STEP
from mingei.core.kinds.look import Look
from mingei.core.layout.cutting_list import Row, cutting_list
from mingei.core.layout.material import Material, material
from mingei.core.layout.place import Page, lay_out, piles_of
from mingei.core.length import write_both
from mingei.core.plan import cautions
from mingei.core.plan.holding import Held, Total, grams, tape_list
from mingei.core.plan.picture import Picture, step_picture
from mingei.core.plan.steps import Step
from mingei.core.words import Words, counted, say
from mingei.core.work.plan import Work, work_on


class Section(StrEnum):
    """The parts of a make sheet, in their order."""

    NEEDS = "needs"
    CUTTING = "cutting"
    SHEETS = "sheets"
    SCORES = "scores"
    STEPS = "steps"
    ADHESIVE = "adhesive"
    RECORD = "record"


ALL = tuple(Section)
#: What is filled in by hand.
RECORD = (say("Date"), say("Stock and settings"), say("Printed bar, across and along"),
          say("Measured inside"),
          say("Minutes"), say("What to change next time"))
_EASY_STEPS, _HARD_STEPS = 7, 14
#: What every thing is made with.
_TOOLS = (say("metal rule and knife, or scissors"), say("scoring tool"), say("cutting mat"))


#: Of a thing and a step of it, or None for when it is done, its picture; None where it is the usual one.
Drawn: TypeAlias = Callable[[Build, Step | None], Picture | None]


class Told(NamedTuple):
    """One step of a thing: the step, what it needs, its picture."""

    step: Step
    needs: Needs
    picture: Picture


@dataclass(frozen=True, eq=False)
class Thing:
    """One thing of the kit: its name, what it is for, sizes and skill in words, its steps told; remarks: what
    its construction has to say besides: lengths to cut, gaps to leave."""

    name: str
    purpose: str
    copies: int
    sizes: tuple[str, ...]
    skill: str
    notes: str
    finished: Picture
    steps: tuple[Told, ...]
    held: tuple[Held, ...]
    remarks: tuple[str, ...] = ()


@dataclass(frozen=True, eq=False)
class MakeSheet:
    """All of it.  tools, bought: in words; glue: grams by adhesive, low and high; unlaid: why it is not laid
    out on sheets, "" where it is."""

    title: str
    things: tuple[Thing, ...]
    material: tuple[Material, ...]
    tools: tuple[str, ...]
    bought: tuple[str, ...]
    cautions: tuple[str, ...]
    cutting: tuple[Row, ...]
    pages: tuple[Page, ...]
    works: tuple[Work, ...]
    tape: tuple[Total, ...]
    glue: tuple[tuple[str, float, float], ...]
    reckoned: Reckoned
    unlaid: str = ""


def make_sheet(project: Project, builds: Sequence[Build],
               drawn: Drawn = lambda build, step: None) -> MakeSheet:
    """All that is told of a project.  builds: its things, worked out, in the order in which they are made;
    drawn: the picture of a step, or of a thing when it is done (no step), where it is another than the thing
    alone."""
    loads = loads_of_all(builds)
    unlaid = ""
    try:
        pages = tuple(lay_out(loads, project.paper, project.spots))
    except SheetError as error:  # how it is built can be told all the same
        pages, unlaid = (), error.words
    works = tuple(work_on(page, project.working) for page in pages)
    tables = [table(b, project.making) for b in builds]
    stocks = material(piles_of(pages)) or tuple(
        Material(s, 0, 0.0, 0.0, 0.0) for s in dict.fromkeys(p.stock for b in builds for p in b.patterns))
    whole = reckoned(tables, stocks, works, project.making)
    glue: dict[str, list[float]] = {}
    for t in tables:
        for adhesive, both in grams(t.held).items():
            had = glue.setdefault(str(adhesive), [0.0, 0.0])
            for i in (0, 1):
                had[i] += both[i] * t.build.brief.copies
    machine = project.working.machine
    mind = cautions.told(cautions.of_cutting(machine, "beam" in machine))
    return MakeSheet(
        project.title, tuple(_thing(t, drawn) for t in tables), stocks, _tools(tables), _bought(tables),
        tuple(dict.fromkeys((*mind, *(c for t in tables for c in t.cautions)))), cutting_list(loads), pages,
        works, tape_list(all_tape(tables)), tuple((name, low, high) for name, (low, high) in glue.items()),
        whole, unlaid)


def needed_stocks(sheet: MakeSheet, speak: Callable[[str], str]) -> tuple[str, ...]:
    """The stocks it takes, with how many sheets where that is known."""
    return tuple(f"{m.sheets} × {speak(m.stock.name)}" if m.sheets else speak(m.stock.name)
                 for m in sheet.material)


def told(t: Table, width: float = 1.5, drawn: Drawn = lambda build, step: None) -> tuple[Told, ...]:
    """The steps of one thing with their pictures."""
    looks = {look.step: (look.yaw_deg, look.pitch_deg) for look in some(t.build.brief.amendments, Look)}
    return tuple(Told(s, t.needs(s), drawn(t.build, s)
                      or step_picture(t.plan, s, t.build.patterns, width, looks.get(s.key))) for s in t.steps)


def _thing(t: Table, drawn: Drawn) -> Thing:
    b = t.build
    steps = told(t, drawn=drawn)
    last = t.steps[-1] if t.steps else Step(1, "", ())
    return Thing(b.brief.name, b.recipe.purpose, b.brief.copies, _sizes(b), _skill(t), b.brief.notes,
                 drawn(b, None) or (steps[-1].picture if steps else step_picture(t.plan, last, b.patterns)),
                 steps, t.held, tuple(said for _, said in b.draft.remarks))


def _sizes(b: Build) -> tuple[str, ...]:
    outside = say("outside {size}", size=" x ".join(write_both(mm) for mm in b.outside))
    if b.cavity is None:
        return (outside,)
    return say("inside {size}", size=" x ".join(write_both(mm) for mm in b.cavity.size)), outside


def _skill(t: Table) -> str:
    """How much practice it asks for, by its steps and what is curved."""
    curved = any(s.row for p in t.build.patterns for s in p.seams)
    if curved or len(t.steps) > _HARD_STEPS:
        return say("for a practised hand")
    return say("for beginners") if len(t.steps) <= _EASY_STEPS else say("takes some practice")


def _tools(tables: Sequence[Table]) -> tuple[str, ...]:
    adhesives = {h.adhesive for t in tables for h in t.held}
    found = [*_TOOLS]
    if Adhesive.WET in adhesives:
        found.append(say("pegs or weights, to hold what is glued"))
    if Adhesive.HOT in adhesives:
        found.append(say("hot glue gun"))
    if any(m.piece for t in tables for m in t.held if m.adhesive in (Adhesive.TAPE, Adhesive.OUTER_TAPE)):
        found.append(say("bone folder, to rub tape down"))
    return tuple(found)


def _bought(tables: Sequence[Table]) -> tuple[str, ...]:
    """What is bought, in words, with how many and how long; what is alike in a thing together."""
    found: list[Words] = []
    for t in tables:
        alike: dict[tuple[str, str, float], int] = {}
        for b in t.bought:
            kind = b.name, b.size, b.length_mm
            alike[kind] = alike.get(kind, 0) + b.many * t.build.brief.copies
        for (name, size, long), many in alike.items():
            size = f", {size}" if size else ""
            found.append(say("{count} x {name}{size}, {length} long: {thing}", count=many, name=name,
                             size=size, length=write_both(long), thing=t.build.brief.name) if long else
                         say("{count} x {name}{size}: {thing}", count=many, name=name, size=size,
                             thing=t.build.brief.name))
    return tuple(found)


def time_words(sheet: MakeSheet) -> str:
    """How long it all takes, a sentence."""
    hands, dry = math.ceil(sheet.reckoned.minutes), sheet.reckoned.dry_min
    return (say("About {hands} minutes of your hands, and {dry:.0f} to dry.", hands=hands, dry=dry) if dry
            else say("About {hands} minutes of your hands.", hands=hands))


def needs_words(needs: Needs) -> tuple[str, ...]:
    """What a step needs, line by line."""
    found: list[str] = []
    by: dict[Adhesive, list[Held]] = {}
    for held in needs.held:
        by.setdefault(held.adhesive, []).append(held)
    for adhesive, some_held in by.items():
        names = ", ".join(h.name.removeprefix(STEP) for h in some_held[:4])
        names += " …" if len(some_held) > 4 else ""
        strips = [mm for h in some_held for mm in h.strips_mm]
        if strips:
            lengths = sorted({round(mm, 1) for mm in strips}, reverse=True)
            found.append(say("{adhesive}, {width}: {strips}, {lengths} ({names})", adhesive=adhesive,
                             width=write_both(some_held[0].width_mm),
                             strips=counted("{count} strip", "{count} strips", len(strips)),
                             lengths=", ".join(write_both(mm) for mm in lengths[:4]), names=names))
        else:
            found.append(say("{adhesive} ({names})", adhesive=adhesive, names=names))
    found += [say("{count} x {name}", count=b.many, name=b.name) + (f", {write_both(b.length_mm)}"
                                                                    if b.length_mm else "")
              for b in needs.bought]
    if needs.hold_s:
        found.append(say("hold {seconds:.0f} s", seconds=needs.hold_s))
    if needs.dry_min:
        found.append(say("leave it {minutes:.0f} min", minutes=needs.dry_min))
    return tuple(found)
