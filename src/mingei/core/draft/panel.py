"""A panel at finished size: its outline, what its free sides do, what passes through it, and the places on it
that joints bind."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import KW_ONLY, dataclass
from enum import StrEnum
from functools import cached_property
from typing import NamedTuple

from mingei.core.errors import GeometryError
from mingei.core.plane.shape import Path, Point, Polygon, corners_deg, signed_area, ways
from mingei.core.words import say


class Role(StrEnum):
    """What a panel is for."""

    WALL = "wall"
    FLAP = "flap"
    TAB = "tab"
    LIP = "lip"
    #: glued on the inside of a wall, of whose room it takes its own thickness
    LINING = "lining"
    HANDLE = "handle"


class Rolled(NamedTuple):
    """The free end of a strip whose last turn is drawn, and which is rolled up from one diameter to another,
    mm: it is as long as fills the ring.  angle_deg: how far it would turn to the panel beside."""

    inner: float
    outer: float
    angle_deg: float


class Wound(NamedTuple):
    """The free end of a strip that goes on by so much (mm) round what it lies against, and turns by so much
    on the way (degrees)."""

    more: float
    turn_deg: float


class Plain(NamedTuple):
    """A free edge that stays where it was drawn."""


class Over(NamedTuple):
    """A free edge that covers a panel turned from it by so much (degrees), and stops at that panel's outer
    face, or so far (mm) past it."""

    panel: str
    past: float = 0.0
    angle_deg: float = 90.0


class Led(NamedTuple):
    """A free edge of cloth that is led over the rounded rim of pads, down the edges of boards, and turned in
    beneath by a hem, mm; half: down to the middle of a pad rounded on both faces, where it is joined; along:
    what the edges of what it covers do."""

    pads: tuple[str, ...]
    boards: tuple[str, ...]
    hem: float
    half: bool = False
    along: Over | Plain = Plain()


class Against(NamedTuple):
    """A free edge that meets the inner face of a panel turned from it by so much (degrees)."""

    panel: str
    angle_deg: float = 90.0


class Raised(NamedTuple):
    """A free edge that lies further out by the thickness of other panels, each so many times."""

    by: tuple[tuple[str, float], ...]


class Wrap(NamedTuple):
    """The patch of a picture that lies on a panel: its middle in the panel's own coordinates and its size,
    mm, its turn, degrees; part: its left, upper, right and lower side on the picture, as shares of the
    picture's width and height, y down; past: how far it goes past the panel, mm."""

    x: float
    y: float
    turn_deg: float
    width: float
    height: float
    part: tuple[float, float, float, float]
    past: float


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


Edge = Plain | Over | Against | Raised | Led | Rolled | Wound | Mitred | Within | Inset | Meets | Level


class Slot(NamedTuple):
    """A slot that card passes through: its middle and length (mm) in the panel's coordinates, its direction
    (degrees), and how many layers pass.  How wide it is decides the card of the panel that passes through,
    this one's own where none is named; or thick, mm, of what comes from another thing."""

    x: float
    y: float
    length: float
    turn_deg: float = 0.0
    layers: int = 1
    through: str = ""
    thick: float = 0.0


class Tongued(NamedTuple):
    """A tongue on a free side: from where to where along it, how far it stands out, and how far out it is
    bent over, 0 where it stays straight; mm."""

    side: int
    low: float
    high: float
    out: float
    bend: float = 0.0


class Pierced(NamedTuple):
    """A round hole that meets the edge of a panel standing square on this one, amid its thickness: for a pin
    that goes on into it.  x, y: where the measured face of that panel meets this one; way: from there through
    its thickness, as a unit vector; across: diameter, mm; into: the panel that stands there."""

    x: float
    y: float
    way: tuple[float, float]
    across: float
    into: str


class Stretch(NamedTuple):
    """Where a panel is longer by the thickness of others than it is drawn: what lies beyond a line moves on
    by it, taken so many times.  axis: 0 what lies further along x, 1 further up; at: the line, mm; by: the
    panels; with_it: what lies on the line moves on, too."""

    axis: int
    at: float
    by: tuple[str, ...]
    with_it: bool = True
    times: float = 1.0


class EdgeRef(NamedTuple):
    """Side ``edge`` of a panel: from point ``edge`` of its outline to the next."""

    panel: str
    edge: int

    def ends(self, panel: Panel) -> tuple[Point, Point]:
        """Its two nominal ends in the panel's coordinates, mm."""
        return panel.outline[self.edge], panel.outline[(self.edge + 1) % len(panel.outline)]


class LineOn(NamedTuple):
    """A line on a face of a panel, mm in its coordinates, where the side of another stands: its measured
    face on the line, its body to the right of it as one looks at the printed face.  inside: on the face the
    brief measures the inside of, else on the printed one."""

    panel: str
    start: Point
    end: Point
    inside: bool = True

    def ends(self, panel: Panel) -> tuple[Point, Point]:
        """Its two ends in the panel's coordinates, mm."""
        return self.start, self.end


#: What a joint binds: a side of a panel, or a line on its face.
Site = EdgeRef | LineOn


@dataclass(frozen=True)
class Panel:
    """One flat face at finished size.

    outline: nominal, mm, counter-clockwise seen from outside; air: clearance (mm) it stands further out than
    its layers alone, for a piece that slides over another, and over: the panel of that other it lies outside
    of; edges: what each free side does, by side number, Plain where not named (sides with folds and seams
    find their own place); guides: lines traced on it, neither cut nor folded, in its own coordinates: where
    something lands or is pierced. curves: the sides that are cut as arcs, with the angle each turns through
    (degrees, positive bulging outward); its outline holds their chords. whole: the curved face it is a facet
    of, "" for a face of its own. holes: what is cut out of it, closed paths within its outline, running
    clockwise. round_mm: radius of the corners between two free sides; notch_mm: width of a half-round thumb
    notch in the middle of its longest free side. slots: where other boards pass through it, or cross it;
    pierced: holes for pins that go on into the edges of others. on, under: the panel on whose outer or inner
    face it lies, whatever the thickness of either; its layer is not asked then, and air is what lies between.
    stretches: where the thickness of others makes it, and what is on it, longer; hinges: lines it bends along
    without a score, which no join may lie beside. tint: the colour its outer face is printed in, red, green
    and blue, 0 to 255, with bleed past its cuts; said: what is printed amid it;
    wrap: its patch of a picture that goes round the thing; tongues: what stands out of its free sides.
    """

    name: str
    outline: Polygon
    _: KW_ONLY
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
    pierced: tuple[Pierced, ...] = ()
    on: str = ""
    under: str = ""
    stretches: tuple[Stretch, ...] = ()
    hinges: tuple[tuple[Point, Point], ...] = ()
    tint: tuple[int, int, int] | None = None
    said: str = ""
    wrap: Wrap | None = None
    tongues: tuple[Tongued, ...] = ()

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
