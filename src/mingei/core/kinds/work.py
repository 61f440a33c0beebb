"""A step of a person's own: something done by hand that no recipe asks for."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from typing import NamedTuple

from mingei.core.data.extra import Extra
from mingei.core.draft import Draft, Handwork, When
from mingei.core.errors import MeasureError
from mingei.core.kinds import Amendment, Kind, some
from mingei.core.words import say, some_of

MOST_WORDS = 400


class Work(NamedTuple):
    """name: a word for it; words: a full sentence; panel: where, "" for the whole; when: while it lies flat,
    while it is open, or when all is closed; why: then, without a stop."""

    name: str
    words: str
    panel: str = ""
    when: When = When.CLOSED
    why: str = ""
    extra: Extra = ()


def _check(work: Work) -> None:
    if not 0 < len(work.words.strip()) <= MOST_WORDS or not work.name.strip():
        raise MeasureError("a step needs a name and a sentence", say("step {name}", name=work.name),
                           say("write 1 to {most} letters", most=MOST_WORDS))


def _fits(draft: Draft, work: Work) -> None:
    panels = [p.name for piece in draft.pieces for p in piece.panels]
    if work.panel and work.panel not in panels:
        raise MeasureError("there is no such panel", say("step {name}", name=work.name),
                           say("choose one of: {names}", names=some_of(panels, work.panel)))


def _shapes(draft: Draft, amendments: Sequence[Amendment]) -> Draft:
    panels = [p.name for piece in draft.pieces for p in piece.panels]
    fresh = tuple(Handwork(w.name, w.words, w.panel or panels[0], w.when, w.why)
                  for w in some(amendments, Work) if not w.panel or w.panel in panels)
    return replace(draft, handwork=(*draft.handwork, *fresh)) if fresh else draft


KIND = Kind(word="work", record=Work, of="name", always=("name", "words"), differ="steps of one's own",
            check=_check, fits=_fits, shapes=_shapes, order=90, alike="two steps are named {name!r}",
            long=("words",))
