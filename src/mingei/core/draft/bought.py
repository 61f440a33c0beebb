"""What no fold or joint tells: parts that are bought and go into a thing, and handwork that its recipe asks
for."""

from __future__ import annotations

from enum import StrEnum
from typing import NamedTuple


class When(StrEnum):
    """When something is done."""

    #: while the piece lies flat
    FLAT = "flat"
    #: while the piece is still open: before the joint that closes it
    OPEN = "open"
    #: when all is folded and joined
    CLOSED = "closed"


class Bought(NamedTuple):
    """One kind of bought part.

    name: what it is, in the singular; many: so many in one thing; words: the step in which it is put in, a
    full sentence; panel: where it goes; length_mm: each is cut so long, 0 where it is bought in its size;
    size: how thick or wide, in words, ""; when: it goes in; why: then, without a stop, "" where it needs no
    word; before: the panel whose joints come right after it; last: after all handwork; step: what its step
    is called, "" for its name; uses: the other panels that have to do with it; glue_mm2: so much is coated
    with glue for it; after: panels that are folded, or glued, before it.
    """

    name: str
    many: int
    words: str
    panel: str
    length_mm: float = 0.0
    size: str = ""
    when: When = When.OPEN
    why: str = ""
    before: str = ""
    last: bool = False
    step: str = ""
    uses: tuple[str, ...] = ()
    glue_mm2: float = 0.0
    after: tuple[str, ...] = ()


class Handwork(NamedTuple):
    """Something done by hand.  name: a word for it; words: a full sentence; panel: where; when; why: then;
    before: the panel whose joints come right after it; uses: the other panels that have to do with it;
    glue_mm2: so much is coated with glue for it; tape_mm: or so long a tape; after: panels that are folded,
    or glued, before it; ahead: panels that are folded only after it; last: after all that is bought, too."""

    name: str
    words: str
    panel: str
    when: When = When.CLOSED
    why: str = ""
    before: str = ""
    uses: tuple[str, ...] = ()
    glue_mm2: float = 0.0
    tape_mm: float = 0.0
    after: tuple[str, ...] = ()
    ahead: tuple[str, ...] = ()
    last: bool = False
