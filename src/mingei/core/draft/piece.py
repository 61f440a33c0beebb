"""Pieces: panels joined by folds into one tree, and the seams and laps that hold them.

*Fold*: an edge shared by two panels, with a turning angle; mountain when the panels turn away from
someone looking at the printed face.
*Seam*: a site of one panel joined to a site of another; how it is held says its joint.
*Lap*: one panel lying face to face on another.
"""

from __future__ import annotations

from dataclasses import KW_ONLY, dataclass
from enum import StrEnum
from functools import cached_property
from typing import NamedTuple

from mingei.core.draft.joint import Joint
from mingei.core.draft.panel import EdgeRef, Panel, Site
from mingei.core.errors import GeometryError
from mingei.core.plane.shape import Path
from mingei.core.words import say

#: The step of folds that are made before all others: of a strip that is passed through a slit.
FORMED = -1


class Crease(StrEnum):
    """Which way a fold turns, seen from the printed face."""

    MOUNTAIN = "mountain"
    VALLEY = "valley"


class Fold(NamedTuple):
    """A crease between two panels, or a bend between two facets of a curved face, which is not scored.

    a is the panel nearer the root.  angle_deg: turning angle when finished.  step: its place in the order of
    folding.  take_mm: how much longer the card is here on the flat than between its facets' chords, since it
    follows the arc.  curved: one of the short straight scores a curved score is made of.  closing: it joins
    two facets that other folds already put in their places.
    """

    a: EdgeRef
    b: EdgeRef
    angle_deg: float
    step: int
    crease: Crease = Crease.MOUNTAIN
    bend: bool = False
    take_mm: float = 0.0
    curved: bool = False
    closing: bool = False

    @property
    def signed_deg(self) -> float:
        return self.angle_deg if self.crease is Crease.MOUNTAIN else -self.angle_deg


class Seam(NamedTuple):
    """A site of the carrier held to a site of the host, as the joint says; the host covers the carrier there.

    Where two boards cross, both sites are lines, each from the side that is cut in to where the other ends.

    name: the seam's, and its tab panel's; depth_mm: how deep a tab, a flap or a channel is asked for, 0 for a
    channel of a third of the board;
    round_mm: radius of its free corners; angle_deg, step: of the corner between carrier and host, and of the
    fold between carrier and tab; fixed: why its tab cannot be moved to the other panel, "" where it can;
    slit_mm: how far from each end its crease is cut through, to catch on what stands beside it; row: the row
    of teeth it is one of, along a curve, "" for a seam of its own; spare: how it is held where a tab finds no
    room, None where that is refused.  The host may belong to another piece.
    """

    name: str
    joint: Joint
    carrier: Site
    host: Site
    depth_mm: float
    step: int
    angle_deg: float = 90.0
    round_mm: float = 0.0
    fixed: str = ""
    slit_mm: float = 0.0
    row: str = ""
    spare: Joint | None = None

    @property
    def bearer(self) -> EdgeRef:
        """The side of its carrier that a tab, a flap or tongues stand on: only sides bear those."""
        assert isinstance(self.carrier, EdgeRef)
        return self.carrier


def fellow(seam: str) -> str:
    """The name of the second flap of a seam held by a fin."""
    return f"{seam} fellow"


def strap_name(seam: str) -> str:
    """The name of a doubled seam's second tab."""
    return f"{seam} strap"


def strap(piece: Piece, seam: Seam) -> Seam:
    """The second tab of a doubled seam: on the host's edge, over the outside of the carrier, folded when all
    else stands."""
    assert isinstance(seam.host, EdgeRef)  # only sides bear tabs
    return seam._replace(name=strap_name(seam.name), carrier=seam.host, host=seam.carrier,
                         step=piece.last_step + 1)


@dataclass(frozen=True)
class Lap:
    """Two panels that lie face to face: ``upper`` on the outside of ``lower``, or, facing, inside on inside.

    The upper may belong to another piece.
    """

    name: str
    upper: str
    lower: str
    glued: bool = True
    facing: bool = False


class Placement(NamedTuple):
    """Where the root panel's nominal plane stands in the whole: origin and two unit axes, mm."""

    origin: tuple[float, float, float]
    u: tuple[float, float, float]
    v: tuple[float, float, float]


class Past(NamedTuple):
    """So far along a way, a unit vector in the whole, as some panels are thick together, so many times."""

    way: tuple[float, float, float]
    panels: tuple[str, ...]
    times: float = 1.0


@dataclass(frozen=True)
class Piece:
    """Panels joined by folds into one tree, cut as one.

    crowded: its panels come so near each other on the flat that corners must be trimmed and tabs shrunk to
    keep clear.  openings: cut into its curved faces, by their names, each a closed path about the face's
    middle, running clockwise.  part: the part of the thing it belongs to, which may be of a stock of its own;
    "" for its body.  past: what it stands further along for; skin: a second layer of thin paper is laid over
    it; brought_last: it is brought to the boards that stand on it, once those that stand on the piece
    opposite are in their places; laid_flat: it is glued on what it lies on while both lie flat, and folds
    with it; under_all: it lies open on the table, and the boards are laid on it; ring_last: a strip that is
    closed to a ring only when its teeth are glued to the first face; loose: it is held by nothing, and comes
    out or off.
    """

    name: str
    root: str
    placement: Placement
    panels: tuple[Panel, ...]
    _: KW_ONLY
    folds: tuple[Fold, ...] = ()
    seams: tuple[Seam, ...] = ()
    laps: tuple[Lap, ...] = ()
    copies: int = 1
    crowded: bool = False
    part: str = ""
    openings: tuple[tuple[str, Path], ...] = ()
    past: tuple[Past, ...] = ()
    skin: bool = False
    brought_last: bool = False
    laid_flat: bool = False
    under_all: bool = False
    ring_last: bool = False
    loose: bool = False

    def __post_init__(self) -> None:
        if len(self._by_name) < len(self.panels):
            twice = next(p.name for i, p in enumerate(self.panels) if p.name in
                         [q.name for q in self.panels[:i]])
            raise GeometryError(say("two of its panels are called {name}", name=twice),
                                say("piece {self}", self=self.name), "give each panel a name of its own")

    def panel(self, name: str) -> Panel:
        """Raises GeometryError when the piece has no such panel."""
        try:
            return self._by_name[name]
        except KeyError:
            raise GeometryError("no such panel",
                                say("piece {self}, panel {name}", self=self.name, name=name)) from None

    @cached_property
    def last_step(self) -> int:
        """The last step of its folding, straps of doubled seams left out."""
        return max((*(f.step for f in self.folds), *(s.step for s in self.seams)), default=0)

    @cached_property
    def _by_name(self) -> dict[str, Panel]:
        return {p.name: p for p in self.panels}
