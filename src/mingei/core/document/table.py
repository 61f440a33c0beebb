"""A thing at the table: its plan with what each step needs: adhesive, tape, bought parts, time to hold,
cautions.

Station, papers and the command line read this one value.
"""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from functools import lru_cache
from typing import NamedTuple

from mingei.core.amendments.opening import PATCH_MM
from mingei.core.document.build import Build, loads_of_all
from mingei.core.draft import Bought, Handwork
from mingei.core.draft.joint import Adhesive
from mingei.core.kinds import some
from mingei.core.kinds.hold import Hold
from mingei.core.kinds.join import join_of
from mingei.core.kinds.work import Work
from mingei.core.layout.material import Material
from mingei.core.layout.place import arrange
from mingei.core.layout.sheets import Sheet
from mingei.core.plan import cautions
from mingei.core.plan.batch import turns
from mingei.core.plan.holding import Held, grams, held, tape_list, together
from mingei.core.plan.making import USUAL, Making
from mingei.core.plan.operation import Does
from mingei.core.plan.steps import Plan, Step
from mingei.core.plan.time import Compared, Cost, Stage, compared, cost, drying, stages
from mingei.core.work.plan import Work as SheetWork
from mingei.core.work.plan import Working, bench_stages, work_on


class Needs(NamedTuple):
    """What one step needs: what holds its joints, bought parts, seconds to hold, minutes to leave it alone,
    cautions, full sentences."""

    held: tuple[Held, ...]
    bought: tuple[Bought, ...]
    hold_s: float
    dry_min: float
    cautions: tuple[str, ...]


@dataclass(frozen=True, eq=False)
class Table:
    """One thing at the table.  stages: of making one, minutes of one's hands; dry_min: it is left alone at
    the end; used_in: of all that holds a joint, the number of the step that makes it, 0 for what none
    makes."""

    build: Build
    plan: Plan
    held: tuple[Held, ...]
    stages: tuple[Stage, ...]
    dry_min: float
    used_in: tuple[int, ...]

    @property
    def steps(self) -> tuple[Step, ...]:
        return self.plan.steps

    @property
    def bought(self) -> tuple[Bought, ...]:
        return self.build.draft.bought

    @property
    def minutes(self) -> float:
        """Of one's hands, for one."""
        return sum(stage.minutes for stage in self.stages)

    @property
    def cautions(self) -> tuple[str, ...]:
        """What to mind with this thing, beside the cutting."""
        recipe, join = self.build.recipe, join_of(self.build.brief)
        said = " ".join((recipe.title, recipe.purpose, *recipe.also, self.build.brief.name))
        return cautions.told((*cautions.of_adhesives(h.adhesive for h in self.held),
                              *cautions.of_parts(b.name for b in self.bought),
                              *cautions.of_joint(join.how if join else ""), *cautions.of_use(said)))

    @property
    def turns(self) -> tuple[tuple[int, ...], ...]:
        """For each step the order in which its copies are taken in hand, from 1."""
        return turns([self.needs(step).hold_s > 0 for step in self.steps], self.build.brief.copies)

    def card_money(self, sheet: Sheet) -> float:
        """Money of the card of one, by its share of a sheet, waste left out; 0 where no price is known."""
        whole = sheet.width * sheet.height
        return sum(p.area / whole * p.stock.price for p in self.build.patterns)

    def needs(self, step: Step) -> Needs:
        """What a step needs."""
        glued = tuple(h for h, number in zip(self.held, self.used_in, strict=True) if number == step.number)
        bought = tuple(b for b in self.bought if any(op.does is Does.PUT and b.name in op.names
                                                     and op.words == b.words for op in step.operations))
        waits = any(op.does is Does.WAIT for op in step.operations)
        return Needs(glued, bought, max((h.hold_s for h in glued), default=0.0), self.dry_min if waits
                     else 0.0,
                     cautions.told((*cautions.of_adhesives(h.adhesive for h in glued),
                                    *cautions.of_parts(b.name for b in bought))))


def _used_in(build: Build, some: Sequence[Held]) -> tuple[int, ...]:
    """Of all that holds a joint, the number of the step that makes it; 0 for what none makes."""
    wholes = {p.name: p.whole or p.name for pattern in build.patterns for p in pattern.panels}
    steps = [(step, _made_in(step, wholes)) for step in build.plan.steps]
    found = []
    for h in some:
        able = [step for step, made in steps if _makes(made, h, wholes)]
        # of several that have both panels in hand, the one in which it comes to the other
        named = [step for step in able if any(op.names[:1] == (h.name,) for op in step.operations)]
        found.append((named or able)[0].number if able else 0)
    return tuple(found)


class _Made(NamedTuple):
    """What an operation joins: seams, panels, curved faces, covers, parts; covers: it only lays something on
    a panel."""

    names: frozenset[str]
    covers: bool


def _made_in(step: Step, wholes: Mapping[str, str]) -> tuple[_Made, ...]:
    """What a step's operations join."""
    found = []
    for op in step.operations:
        if op.does not in (Does.FOLD, Does.FILL, Does.WAIT):
            # of several steps with parts of one name each is known by its words
            names = (*op.names, *op.panels, op.words)
            found.append(_Made(frozenset((*names, *(wholes.get(n, n) for n in names), *_cover_of(op.key))),
                               op.does is Does.COVER))
    return tuple(found)


def _makes(made: Iterable[_Made], held: Held, wholes: Mapping[str, str]) -> bool:
    """Whether one of some operations makes a joint: of what lies on a panel, it has both in hand."""
    if held.pairs:
        return any({wholes.get(name, name) for name in pair} <= op.names for op in made
                   for pair in held.pairs)
    return any(held.name in op.names for op in made if not op.covers)


def _cover_of(key: str) -> tuple[str, ...]:
    """The name of what an operation of that key glues on a panel."""
    what = key.split("/", 1)[-1]
    return (what.split(" ", 1)[1],) if what.startswith(("cover ", "patch ")) else ()


def holds_of(build: Build, making: Making = USUAL) -> tuple[Held, ...]:
    """What holds each joint of a thing, all laps of a panel as one."""
    return tuple(h for h, _ in together((h, 0) for h in _held_by(build, making)))


def _held_by(build: Build, making: Making) -> tuple[Held, ...]:
    chosen = {h.seam: Adhesive(h.adhesive) for h in some(build.brief.amendments, Hold)}
    windows = [(o.name, o.panel, o.size[0] + 2 * PATCH_MM, o.size[1] + 2 * PATCH_MM)
               for o in build.brief.openings if o.window]
    steps = [(w.name, w.panel, w.glued, w.words) for w in some(build.brief.amendments, Work) if w.glued > 0]
    told: tuple[Bought | Handwork, ...] = (*build.draft.bought, *build.draft.handwork)
    steps += [(each.name, each.panel, each.glue_mm2, each.words) for each in told if each.glue_mm2 > 0]
    taped = [(each.name, each.panel, each.tape_mm, each.words) for each in build.draft.handwork
             if each.tape_mm > 0]
    return held(build.patterns, build.brief.tape_mm, chosen, windows, making, steps, taped)


@lru_cache(maxsize=64)
def table(build: Build, making: Making) -> Table:
    """A thing at the table, as its maker works."""
    each = _held_by(build, making)
    made = together(zip(each, _used_in(build, each), strict=True))
    holds = tuple(h for h, _ in made)
    return Table(build, build.plan, holds, stages(build.plan, build.patterns, holds, making), drying(holds),
                 tuple(int(str(number)) for _, number in made))


def at_the_bench(build: Build, sheet: Sheet, working: Working) -> tuple[Stage, ...]:
    """Minutes of printing, scoring and cutting all copies of a thing by itself; none where it fits no
    sheet."""
    works = (work_on(page, working) for page in arrange(loads_of_all((build,)), sheet).pages)
    return tuple(Stage(word, minutes) for word, minutes in bench_stages(works).items() if minutes)


class Reckoned(NamedTuple):
    """A whole kit: minutes by stage, minutes of one's hands together, minutes it dries; what it costs;
    another way of making it, None where none is entered."""

    stages: tuple[Stage, ...]
    minutes: float
    dry_min: float
    cost: Cost
    other: Compared | None


def reckoned(tables: Sequence[Table], material: Iterable[Material], works: Iterable[SheetWork],
             making: Making) -> Reckoned:
    """Time and money of all things with their copies.  works: on all their sheets."""
    minutes = {word: making.pace * each for word, each in bench_stages(works).items()}
    bench = sum(minutes.values())
    total = Cost(sum(m.money for m in material), 0.0)
    for each in tables:
        copies = each.build.brief.copies
        for stage in each.stages:
            minutes[stage.word] = minutes.get(stage.word, 0.0) + copies * stage.minutes
        tape = sum(t.length_mm for t in tape_list(each.held))
        own = cost(copies, 0.0, each.minutes, grams(each.held), tape, making, making.once)
        total = Cost(total.money + own.money, total.minutes + own.minutes)
    total = Cost(total.money + bench / 60.0 * making.hour, total.minutes + bench)
    count = sum(t.build.brief.copies for t in tables)
    return Reckoned(tuple(Stage(w, m) for w, m in minutes.items() if m > 0), total.minutes,
                    max((t.dry_min for t in tables), default=0.0), total,
                    compared(count, total, making, making.once * len(tables)) if count else None)


def all_tape(tables: Iterable[Table]) -> tuple[Held, ...]:
    """What is held with tape in a whole kit, copies counted."""
    return tuple(h for t in tables for h in t.held if h.strips_mm for _ in range(t.build.brief.copies))
