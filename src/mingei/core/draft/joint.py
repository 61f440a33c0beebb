"""How two sites are held together, as a value: what a joint adds to the flat, which side runs through, which
adhesive it can take, what is said of it, and what must be true of it once it is folded.

``core/joints`` has the joints there are, one module each; everything that meets a seam asks its joint.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from enum import StrEnum
from typing import Any, NamedTuple

from mingei.core.offset import Slab


class Meeting(NamedTuple):
    """A panel's side where it meets another panel: where the two bodies lie, each from its own measured face,
    the angle the corner turns through (degrees), and how deep the joint is asked to be (mm)."""

    own: Slab
    other: Slab
    angle_deg: float
    depth_mm: float


class Adds(StrEnum):
    """What a joint adds to the flat."""

    NOTHING = "nothing"
    #: a tab on the carrier that lands inside the host
    TAB = "tab"
    #: that, and on the host's side a second tab that goes over the carrier's outside
    TAB_AND_STRAP = "tab and strap"
    #: a strip of its own that lies behind both, half on either
    STRIP = "strip"
    #: a flap on each of the two sides, folded back
    FLAPS = "flaps"
    #: tongues on the carrier's side, and a slot in the host for each
    TONGUES = "tongues"
    #: in each of the two a cut half way, for the other
    CUTS = "cuts"


class Stands(StrEnum):
    """What must be true of a joint once it is folded."""

    #: the tab lies on its host, face to face and within it
    LANDED = "landed"
    #: two flaps lie back to back
    BACK_TO_BACK = "back to back"
    #: the two sides meet, rim to rim
    EDGES_MEET = "edges meet"
    #: the side stands on the face of the other
    STANDS_ON = "stands on"
    #: the side stands in the body of the other, as deep as it was asked to
    HOUSED = "housed"
    #: the two sides meet slanting, outer rim on outer rim
    MITRED = "mitred"
    #: the side stands on the face of the other, its tongues right through it
    THROUGH = "through"
    #: the two stand in each other, each as far as the other leaves it
    CROSSED = "crossed"


class Adhesive(StrEnum):
    """What can hold a joint."""

    WET = "wet glue"
    TAPE = "double-sided tape"
    HOT = "hot glue"
    STICK = "glue stick"
    OUTER_TAPE = "tape outside"


@dataclass(frozen=True, eq=False)
class Joint:
    """One way of holding a seam; told apart by identity.

    word: its name in files; title, hint: on its button, and what it means; change: what holding a seam so is
    called, of ``{seam}``; chosen: a person may choose it for a seam; adds, stands: see there; hinges: strips
    of adhesive along the seam; takes: the adhesives that hold it, none where it is not glued; opens: it
    slides apart again; carrier_last: the carrier closes last, and not the host; host_comes: the host is
    brought to the carriers once they stand, and not they to it; brings, brings_many: what is
    said where the host is brought last, though they stand on it (``Piece.brought_last``); bevels: both sides
    are cut slanting, half the corner's turn each.

    carrier: how far the carrier's side runs past its nominal line, mm, where it bears no tab; host: the same
    of the host's side, None where the side's own rule holds.  fit_mm: by how much a channel, a slot or
    a cut made for it is wider than what stands in it, None where none is; traces: its footprint is drawn on
    the host's face.

    said: of a seam so held, of ``{a}``, ``{b}``, ``{depth}``, ``{over}``, ``{length}``; done: the step that
    joins it, of ``{seam}``, ``{carrier}``, ``{host}``, "" for "glue the host on its tabs"; done_many: the
    same where a carrier is joined to several ``{hosts}`` so.  refused: of a
    draft, a seam's name, and whether its tab is moved, why it cannot be held so, or "".
    """

    word: str
    title: str
    hint: str
    change: str
    said: str
    chosen: bool = True
    adds: Adds = Adds.TAB
    stands: Stands = Stands.LANDED
    hinges: int = 1
    takes: tuple[Adhesive, ...] = ()
    opens: bool = False
    carrier_last: bool = False
    host_comes: bool = False
    brings: str = ""
    brings_many: str = ""
    bevels: bool = False
    carrier: Callable[[Meeting], float] | None = None
    host: Callable[[Meeting], float | None] | None = None
    fit_mm: float | None = None
    traces: bool = False
    done: str = ""
    done_many: str = ""
    refused: Callable[[Any, str, bool], str] | None = None

    def __str__(self) -> str:
        return self.word

    def __repr__(self) -> str:
        return f"<joint {self.word}>"

    @property
    def has_tab(self) -> bool:
        """Whether a tab lies beneath its host."""
        return self.adds in (Adds.TAB, Adds.TAB_AND_STRAP)

    @property
    def has_strap(self) -> bool:
        return self.adds is Adds.TAB_AND_STRAP

    @property
    def has_flaps(self) -> bool:
        return self.adds is Adds.FLAPS

    @property
    def outer_tape(self) -> bool:
        """Whether tape outside is what holds it."""
        return self.takes == (Adhesive.OUTER_TAPE,)

    @property
    def between(self) -> bool:
        """Whether adhesive between its faces holds it, which double-sided tape could be."""
        return Adhesive.TAPE in self.takes

    def why_not(self, draft: Any, seam: str, moved: bool = False) -> str:
        """Why a seam of a draft cannot be held so, or "" when it can."""
        return self.refused(draft, seam, moved) if self.refused else ""
