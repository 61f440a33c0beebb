"""The draft: panels at finished size, the folds between them, and the seams that close them.

Nothing here knows thickness.  A panel's outline is its *nominal* outline: the size between the faces the
brief measures.  Which layer a panel lies on, what its free edges cover or meet, and which seam lands on
which panel is all that ``develop`` needs to give it thickness.

*Panel*: one flat face, outline counter-clockwise seen from the outside (printed) face.
*Fold*: an edge shared by two panels, with a turning angle; mountain when the panels turn away from
someone looking at the printed face.
*Seam*: an edge of one panel joined to an edge of another, by a tab the carrier bears and the host covers;
or, for a lap, one panel lying face to face on another.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from enum import StrEnum
from functools import cached_property
from typing import NamedTuple

from mingei.core.errors import GeometryError
from mingei.core.offset import Measured
from mingei.core.plane.shape import Path, Point, Polygon, corners_deg, signed_area, ways
from mingei.core.words import say


class Role(StrEnum):
    """What a panel is for."""

    WALL = "wall"
    FLAP = "flap"
    TAB = "tab"
    LIP = "lip"
    HANDLE = "handle"


class Crease(StrEnum):
    """Which way a fold turns, seen from the printed face."""

    MOUNTAIN = "mountain"
    VALLEY = "valley"


class Joint(StrEnum):
    """How a seam is held."""

    GLUE_TAB = "tab"
    TUCK = "tuck"
    LAP = "lap"
    TAPE = "tape"
    FIN = "fin"
    DOUBLE = "double"


class Plain(NamedTuple):
    """A free edge that stays where it was drawn."""


class Over(NamedTuple):
    """A free edge that covers a panel standing square to it, and stops at that panel's outer face."""

    panel: str


class Against(NamedTuple):
    """A free edge that meets the inner face of a panel standing square to it."""

    panel: str


class Mitred(NamedTuple):
    """A host's free edge that goes no further than where its mid-surface meets its carrier's, so that nothing
    stands out at the corners of a solid whose faces all lie alike."""


class Within(NamedTuple):
    """A free edge that keeps inside the faces the brief measures, whatever stands there."""


class Inset(NamedTuple):
    """A free edge that keeps so far (mm) inside where it was drawn, its hinge shortened with it."""

    by: float


class Meets(NamedTuple):
    """A free edge that goes as far as where its mid-surface meets that of a like panel beside it, turned from
    it by so much (degrees)."""

    angle_deg: float


class Level(NamedTuple):
    """A free edge of a leaning panel whose higher rim lies in a plane through where it was drawn, turned from
    the panel by so much (degrees, as a fold turns): the level rim of a leaning box."""

    angle_deg: float


Edge = Plain | Over | Against | Mitred | Within | Inset | Meets | Level


class Slot(NamedTuple):
    """A slot that card passes through: its middle and length (mm) in the panel's coordinates, its direction
    (degrees), and how many layers pass.  How wide it is the stock decides."""

    x: float
    y: float
    length: float
    turn_deg: float = 0.0
    layers: int = 1


class Halving(NamedTuple):
    """A cut into a free side where another board crosses: so far along the side, and so deep, mm.  How wide
    it is the stock decides."""

    edge: int
    along: float
    depth: float


class EdgeRef(NamedTuple):
    """Side ``edge`` of a panel: from point ``edge`` of its outline to the next."""

    panel: str
    edge: int


@dataclass(frozen=True)
class Panel:
    """One flat face at finished size.

    outline: nominal, mm, counter-clockwise seen from outside; air: clearance (mm) it stands further out than
    its layers alone, for a piece that slides over another, and over: the panel of that other it lies outside
    of; edges: what each free side does, by side number, Plain where not named (sides with folds and seams
    find their own place); guides: lines traced on it, neither cut nor folded, in its own coordinates: where
    something lands or is pierced. curves: the sides that are cut as arcs, with the angle each turns through
    (degrees, positive bulging outward); its outline holds their chords.  whole: the curved face it is a facet
    of, "" for a face of its own.  holes: what is cut out of it, closed paths within its outline, running
    clockwise.  round_mm: radius of the corners between two free sides; notch_mm: width of a half-round thumb
    notch in the middle of its longest free side.  slots, halvings: where other boards pass through it, or
    cross it.  on, under: the panel on whose outer or inner face it lies, whatever the thickness of either;
    its layer is not asked then, and air is what lies between.
    """

    name: str
    outline: Polygon
    layer: float = 0
    role: Role = Role.WALL
    edges: tuple[tuple[int, Edge], ...] = ()
    air: float = 0.0
    over: str = ""
    guides: tuple[Path, ...] = ()
    curves: tuple[tuple[int, float], ...] = ()
    whole: str = ""
    holes: tuple[Path, ...] = ()
    round_mm: float = 0.0
    notch_mm: float = 0.0
    slots: tuple[Slot, ...] = ()
    halvings: tuple[Halving, ...] = ()
    on: str = ""
    under: str = ""

    def __post_init__(self) -> None:
        if signed_area(self.outline) <= 0:
            raise GeometryError("the outline must run counter-clockwise", say("panel {self}", self=self.name))

    @cached_property
    def ways(self) -> tuple[tuple[Point, Point, float], ...]:
        """Of every side its start, its direction as a unit vector, and its length, mm."""
        try:
            return ways(self.outline)
        except GeometryError as error:
            raise error.at(say("panel {self}", self=self.name)) from None

    @cached_property
    def corners_deg(self) -> tuple[float, ...]:
        """The inside angle at every point, degrees."""
        return corners_deg(self.outline)

    @cached_property
    def sweeps(self) -> Mapping[int, float]:
        """Its curves by side."""
        return dict(self.curves)

    def edge_rule(self, edge: int) -> Edge:
        for number, rule in self.edges:
            if number == edge:
                return rule
        return Plain()


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
    """A tab on the carrier's edge that lands inside the host, along the host's edge; the host covers the
    carrier there.

    A TAPE seam has no tab: the two edges meet and are taped outside.  A FIN seam has a flap on each of its
    edges, folded back outwards and glued to the other, face on face.  A DOUBLE seam has its tab, and a strap
    on the host's edge that goes over the carrier's outside. name: the seam's, and its tab panel's; depth_mm:
    how deep a tab is asked for; round_mm: radius of its free corners; angle_deg, step: of the fold between
    carrier and tab; fixed: why its tab cannot be moved to the other panel, "" where it can; slit_mm: how far
    from each end its crease is cut through, to catch on what stands beside it; row: the row of teeth it is
    one of, along a curve, "" for a seam of its own.  The host may belong to another piece.
    """

    name: str
    joint: Joint
    carrier: EdgeRef
    host: EdgeRef
    depth_mm: float
    step: int
    angle_deg: float = 90.0
    round_mm: float = 0.0
    fixed: str = ""
    slit_mm: float = 0.0
    row: str = ""


def fellow(seam: str) -> str:
    """The name of the second flap of a seam held by a fin."""
    return f"{seam} fellow"


def strap_name(seam: str) -> str:
    """The name of a doubled seam's second tab."""
    return f"{seam} strap"


def strap(piece: Piece, seam: Seam) -> Seam:
    """The second tab of a doubled seam: on the host's edge, over the outside of the carrier, folded when all
    else stands."""
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


@dataclass(frozen=True)
class Piece:
    """Panels joined by folds into one tree, cut as one.

    crowded: its panels come so near each other on the flat that corners must be trimmed and tabs shrunk to
    keep clear.  openings: cut into its curved faces, by their names, each a closed path about the face's
    middle, running clockwise.  part: the part of the thing it belongs to, which may be of a stock of its own;
    "" for its body.
    """

    name: str
    root: str
    placement: Placement
    panels: tuple[Panel, ...]
    folds: tuple[Fold, ...]
    seams: tuple[Seam, ...] = ()
    laps: tuple[Lap, ...] = ()
    copies: int = 1
    crowded: bool = False
    part: str = ""
    openings: tuple[tuple[str, Path], ...] = ()

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


class Dimension(NamedTuple):
    """A measure shown on the drawing: the side of a panel whose nominal length it is."""

    measure: str
    side: EdgeRef


class Round(NamedTuple):
    """The true extent of curved work about the upright axis through the origin, for which facets only stand.

    diameter: of the face the brief measures, where it is widest, mm; layers: of card outside that face, as
    far as they widen it; poles: for a ball, the heights of that face at its lowest and highest point, mm,
    None for a wall; ends: layers of card outside each pole.
    """

    diameter: float
    layers: float = 1.0
    poles: tuple[float, float] | None = None
    ends: tuple[float, float] = (1.0, 1.0)


@dataclass(frozen=True)
class Draft:
    """The whole thing at finished size.

    inside_mm: (length, width, height) of the cavity asked for, when the brief asks for one; the cavity's
    lower corner is the origin of the whole, its axes along length, width and height.  closes: the last step
    closes it, so that it is filled before. remarks: what a maker should know of it, each with its place, full
    sentences without a stop.  round: how large its curved work really is.
    """

    pieces: tuple[Piece, ...]
    inside_mm: tuple[float, float, float] | None = None
    measured: Measured = Measured.INSIDE
    dimensions: tuple[Dimension, ...] = ()
    closes: bool = True
    remarks: tuple[tuple[str, str], ...] = ()
    round: Round | None = None
