"""Checks: what a careful eye would find before anything is cut.

One rule a function, kept in a registry.  A *finding* has a code, a severity, one sentence, a place, and a
remedy. To add a rule, decorate a function in a module of this package.
"""

from __future__ import annotations

import importlib
import pkgutil
from collections.abc import Callable, Iterator, Mapping
from dataclasses import dataclass
from enum import IntEnum
from functools import cache
from typing import NamedTuple, TypeAlias

from mingei.core.document.build import NOTHING, Build, Part
from mingei.core.document.project import Brief, Project
from mingei.core.keeping import kept_with
from mingei.core.kinds.join import is_joined
from mingei.core.layout.sheets import SHEETS, Sheet
from mingei.core.words import Words, placed


class Severity(IntEnum):
    """How much a finding matters: NOTE is worth knowing, LOOK wants another look, ERROR will not work."""

    NOTE = 1
    LOOK = 2
    ERROR = 3


class Fix(NamedTuple):
    """A remedy that can be carried out at one press: what the button says, and what is in force afterwards
    (None: as it is)."""

    words: str
    brief: Brief | None = None
    sheet: str | None = None
    tile_mm: float | None = None


@dataclass(frozen=True)
class Finding:
    """One thing found.

    place: a panel, seam or measure, in words; sentence and remedy without a full stop; part: the panel or
    seam to look at; fix: the remedy, where it can be carried out.
    """

    code: str
    severity: Severity
    sentence: str
    place: str
    remedy: str = ""
    part: Part = NOTHING
    fix: Fix | None = None

    def __str__(self) -> str:
        return self.words

    @property
    def words(self) -> Words:
        """Place, sentence and remedy as one text, still to be translated."""
        return placed(self.place, self.sentence, self.remedy)


Rule: TypeAlias = Callable[[Build, Sheet], Iterator[Finding]]
_RULES: dict[str, Rule] = {}
_THOROUGH: set[str] = set()
_OF_SHEET: set[str] = set()


def rule(code: str, thorough: bool = False, of_sheet: bool = False) -> Callable[[Rule], Rule]:
    """Register a rule under its code.

    thorough: it takes too long to follow every change of a measure; of_sheet: what it finds depends on the
    sheet, too: it is asked again when another lies in the printer, the others are not.
    """
    def register(function: Rule) -> Rule:
        _RULES[code] = function
        if thorough:
            _THOROUGH.add(code)
        if of_sheet:
            _OF_SHEET.add(code)
        return function
    return register


@cache
def rules() -> dict[str, Rule]:
    """Every rule by code, in the order of their modules, whichever of those was loaded first."""
    for info in pkgutil.iter_modules(__path__):
        importlib.import_module(f"{__name__}.{info.name}")
    return dict(sorted(_RULES.items(), key=lambda each: each[1].__module__))


def run(build: Build, sheet: Sheet, thorough: bool = False) -> tuple[Finding, ...]:
    """All findings on a build to be made from a sheet, gravest first; with those of the slow rules where they
    are asked for."""
    return _found(build, sheet, thorough)


def run_joined(project: Project, number: int, build: Build, thorough: bool = False) -> tuple[Finding, ...]:
    """All findings on a thing of a project: where it is joined to others, first, then on the thing itself."""
    found = run(build, project.paper, thorough)
    if is_joined(project.briefs):
        from mingei.core.check.joined import whole_findings  # what joins things loads with the first joint

        found = (*whole_findings(project, number, thorough), *found)
    return found


def prove(project: Project, number: int) -> Iterator[tuple[Finding, ...]]:
    """All findings on a thing of a project, those of the slow rules too: once, when they are found."""
    from mingei.core.whole.joined import build_of

    yield run_joined(project, number, build_of(project, number), True)


@kept_with
def _found(build: Build, sheet: Sheet, thorough: bool) -> tuple[Finding, ...]:
    whatever = _on_any_sheet(build, thorough)
    found = [finding for code, check in rules().items() if thorough or code not in _THOROUGH
             for finding in (whatever[code] if code in whatever else check(build, sheet))]
    return tuple(sorted(found, key=lambda f: -f.severity))


@kept_with
def _on_any_sheet(build: Build, thorough: bool) -> Mapping[str, tuple[Finding, ...]]:
    """What the rules find that look at the thing alone, by rule."""
    return {code: tuple(check(build, SHEETS[0])) for code, check in rules().items()
            if code not in _OF_SHEET and (thorough or code not in _THOROUGH)}
