"""The draft of a whole thing: its pieces at finished size, and how large it is asked to be."""

from __future__ import annotations

from dataclasses import KW_ONLY, dataclass
from typing import NamedTuple

from mingei.core.draft.bought import Bought, Handwork
from mingei.core.draft.panel import EdgeRef
from mingei.core.draft.piece import Piece
from mingei.core.errors import GeometryError
from mingei.core.offset import Measured
from mingei.core.plane.shape import Point
from mingei.core.words import say


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


class Slide(NamedTuple):
    """A piece, and with it every piece whose name begins with that and a space, that comes off or out, and
    which way, as a unit vector in the whole; most: how far, mm, to where a stop holds it, 0 where none
    does."""

    piece: str
    way: tuple[float, float, float]
    most: float = 0.0


class Glued(NamedTuple):
    """Board that is glued up: one of its layers, how many there are, and how thick it shall be, mm."""

    panel: str
    layers: int
    thick: float


class Spine(NamedTuple):
    """A spine between two covers, all lying on one wrap: its board, its width, the gap to each cover, and how
    high what lies between the covers is, mm.

    Bent up square, the wrap runs round the corner between a cover and the spine: part of the gap lies along
    the cover, the rest along the spine, and one of the two is at least a board's thickness, so that they
    clear each other.
    """

    board: str
    width: float
    gap: float
    stack: float

    def closes_on(self, thick: float) -> tuple[float, float]:
        """The least and the most it closes on, mm, with boards so thick (mm): the covers stand apart by the
        spine and what of the gaps lies along it, none to all, less their own thickness."""
        least = max(0.0, self.width - 2 * thick)
        if max(0.0, thick - self.width / 2) > self.gap - thick:
            least = self.width  # a spine lower than two boards stands between them
        return least, self.width + 2 * self.gap - 2 * thick


class Swing(NamedTuple):
    """What turns: on pins, on a strip of paper or cloth, on a fastener or a stick.

    piece: the piece that turns, and with it every piece whose name begins with that and a space; panel: the
    panel the line it turns about is told in; start, end: two points of that line in the panel's coordinates,
    mm; most_deg: how far it turns, degrees, positive as seen from the line's end; face: where the line lies,
    0 amid its thickness, 1 on its outer face, -1 on its inner; as_cut: the line is the side of the panel
    between the points, where it is cut; square: it stands square on the panel at its start; strip: the piece
    folded once that hinges it, whose fold opens with it.
    """

    piece: str
    panel: str
    start: Point
    end: Point
    most_deg: float
    face: float = 0.0
    as_cut: bool = False
    square: bool = False
    strip: str = ""


class Place(NamedTuple):
    """A place on a panel that other things are set on, by name; x, y: in the panel's own coordinates, mm."""

    name: str
    panel: str
    x: float
    y: float


#: The place a thing turns about, or hangs from, by itself.
PIVOT = "pivot"


class Backed(NamedTuple):
    """A panel that boards of one size are glued behind: its name, how wide and how high they are as they are
    to be had, mm."""

    panel: str
    wide: float
    high: float


@dataclass(frozen=True)
class Draft:
    """The whole thing at finished size.

    inside_mm: (length, width, height) of the cavity asked for, when the brief asks for one; the cavity's
    lower corner is the origin of the whole, its axes along length, width and height.  human: what
    follows from its measures and is a size that fits people, mm in the model; closes: the last step
    closes it, so that it is filled before. remarks: what a maker should know of it, each with its place, full
    sentences without a stop.  round: how large its curved work really is; slides: what comes off or out of
    what; swings: what turns on pins; spine: of a cover, None; glued: what is glued up to a
    thickness, None; content: what must fit in it, as the corners
    whose convex hull it fills, in the whole, mm, () where ``inside_mm`` says it or it holds nothing; bought:
    what is bought and goes into it, in the order in which it is put in; handwork: what its recipe asks for
    besides, in order; filled: the panel before whose closing it is filled, "" where ``inside_mm`` and
    ``closes`` say whether it is; tilt_deg: how far it is meant to be tilted, any way, without falling over, 0
    where it is not asked to stand; backed: what boards are glued behind, None; places: where other things
    are set, by name.
    """

    pieces: tuple[Piece, ...]
    _: KW_ONLY
    inside_mm: tuple[float, float, float] | None = None
    measured: Measured = Measured.INSIDE
    dimensions: tuple[Dimension, ...] = ()
    closes: bool = True
    remarks: tuple[tuple[str, str], ...] = ()
    round: Round | None = None
    slides: tuple[Slide, ...] = ()
    swings: tuple[Swing, ...] = ()
    spine: Spine | None = None
    glued: Glued | None = None
    content: tuple[tuple[float, float, float], ...] = ()
    bought: tuple[Bought, ...] = ()
    handwork: tuple[Handwork, ...] = ()
    filled: str = ""
    human: tuple[tuple[str, float], ...] = ()
    tilt_deg: float = 0.0
    backed: Backed | None = None
    places: tuple[Place, ...] = ()

    def __post_init__(self) -> None:
        for what, names in (("panels", [p.name for piece in self.pieces for p in piece.panels]),
                            ("pieces", [piece.name for piece in self.pieces])):
            if len(set(names)) < len(names):
                twice = next(name for i, name in enumerate(names) if name in names[:i])
                raise GeometryError(say("two of its {what} are called {name}", what=what, name=twice),
                                    "draft",
                                    "give each a name of its own")
