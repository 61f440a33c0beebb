"""What the window asks of a thing as soon as it is shown, worked out before that, in the background."""

from __future__ import annotations

from mingei.core.check import run
from mingei.core.document.build import Build, build
from mingei.core.document.project import Brief, Project
from mingei.core.layout.sheets import Sheet

#: What has more panels than this is planned and checked ahead, and proven in a process of its own.
_MANY_PANELS = 250


def is_large(made: Build) -> bool:
    """Whether what is asked of it holds up a window that asks."""
    return sum(len(p.panels) for p in made.patterns) > _MANY_PANELS


def ready(brief: Brief, project: Project) -> Build:
    """A thing worked out, as it is by itself.  Raises MeasureError, StockError."""
    made = build(brief, project.stock_of(brief), project.parts_of(brief))
    look_ahead(made, project.paper)
    return made


def look_ahead(made: Build, sheet: Sheet) -> None:
    """Plan and check a large thing once; what is found is kept with it."""
    if is_large(made):
        _ = made.plan
        run(made, sheet)
