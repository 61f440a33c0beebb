"""A step of a person's own: something done by hand that no recipe asks for."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import replace
from typing import NamedTuple

from mingei.core.data.extra import Extra
from mingei.core.draft import Bought, Draft, Handwork, When
from mingei.core.errors import MeasureError
from mingei.core.kinds import Amendment, Kind, some
from mingei.core.words import say, some_of

MOST_WORDS, MOST_NAME = 400, 60
MOST_PARTS, MOST_LENGTH_MM = 200, 10_000.0
MOST_GLUED_MM2 = 4e6


class Work(NamedTuple):
    """name: a word for it; words: a full sentence; panel: where, "" for the whole; when: while it lies flat,
    while it is open, or when all is closed; why: then, without a stop; part: what is bought or cut for it, in
    the singular, "" for nothing; many: so many; length: each is cut so long, mm, 0 where it comes in its
    size; size: how thick or wide, in words; glued: so much is coated with glue, mm2, 0 for nothing."""

    name: str
    words: str
    panel: str = ""
    when: When = When.CLOSED
    why: str = ""
    part: str = ""
    many: int = 1
    length: float = 0.0
    size: str = ""
    glued: float = 0.0
    extra: Extra = ()


def _check(work: Work) -> None:
    if not 0 < len(work.words.strip()) <= MOST_WORDS or not work.name.strip():
        raise MeasureError("a step needs a name and a sentence", say("step {name}", name=work.name),
                           say("write 1 to {most} letters", most=MOST_WORDS))
    if len(work.part) > MOST_NAME:
        raise MeasureError("the name of what it takes is too long", say("step {name}", name=work.name),
                           say("write {most} letters at the most", most=MOST_NAME))
    if not 1 <= work.many <= MOST_PARTS:
        raise MeasureError(say("{count} parts are not put in at a step", count=work.many),
                           say("step {name}", name=work.name), say("use 1 to {most}", most=MOST_PARTS))
    if not (math.isfinite(work.length) and 0.0 <= work.length <= MOST_LENGTH_MM):
        raise MeasureError(say("{length:g} mm is no length of a part", length=work.length),
                           say("step {name}", name=work.name),
                           say("use 0 to {most:g} mm", most=MOST_LENGTH_MM))
    if not (math.isfinite(work.glued) and 0.0 <= work.glued <= MOST_GLUED_MM2):
        raise MeasureError(say("{area:g} mm2 are not glued at a step", area=work.glued),
                           say("step {name}", name=work.name),
                           say("use 0 to {most:g} mm2", most=MOST_GLUED_MM2))


def _fits(draft: Draft, work: Work) -> None:
    panels = [p.name for piece in draft.pieces for p in piece.panels]
    if work.panel and work.panel not in panels:
        raise MeasureError("there is no such panel", say("step {name}", name=work.name),
                           say("choose one of: {names}", names=some_of(panels, work.panel)))


def _shapes(draft: Draft, amendments: Sequence[Amendment]) -> Draft:
    panels = [p.name for piece in draft.pieces for p in piece.panels]
    own = [w for w in some(amendments, Work) if not w.panel or w.panel in panels]
    if not own:
        return draft
    return replace(draft, handwork=(*draft.handwork,
                                    *(Handwork(w.name, w.words, w.panel or panels[0], w.when, w.why)
                                      for w in own if not w.part)),
                   bought=(*draft.bought,
                           *(Bought(w.part, w.many, w.words, w.panel or panels[0], w.length, w.size, w.when,
                                    w.why, last=True, step=w.name) for w in own if w.part)))


KIND = Kind(word="work", record=Work, of="name", always=("name", "words"), differ="steps of one's own",
            lets_go=True, check=_check, fits=_fits, shapes=_shapes, order=90,
            alike="two steps are named {name!r}", long=("words",))
