"""A faceted model from a mesh: its faces in pieces that fit the sheet, folded up and joined by tabs.

The mesh is kept in the brief as text, mended and reduced when it was brought in.  Edges that are no folds are
seams with a tab; where a tab finds no room, or the surface hardly turns, the edges are taped.
"""

from __future__ import annotations

import math
from collections.abc import Iterator, Mapping
from functools import lru_cache
from types import MappingProxyType
from typing import TYPE_CHECKING, NamedTuple

from mingei.core.draft import Crease, Draft, EdgeRef, Fold, Joint, Mitred, Panel, Piece, Placement, Seam, Wrap
from mingei.core.errors import MeasureError
from mingei.core.joints import GLUE_TAB, STRIP, TAPE
from mingei.core.length import write_both
from mingei.core.plane.shape import STAY, Path, Polygon, Rigid, moved_path, turned
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.words import say

if TYPE_CHECKING:
    from mingei.core.mesh.flats import Room
    from mingei.core.mesh.mesh import Mesh
    from mingei.core.mesh.pieces import Cut

#: Under this turn a fold needs no score, degrees (common practice).
FLAT_DEG = 5.0
#: An edge shorter than this bears no tab, mm.
_LEAST_EDGE_MM = 4.0
#: A surface that turns by less than this is flat there, degrees.
_NO_TURN_DEG = 1e-3
#: The middle of the card lies on the mesh: half a layer further in than a first layer does.
_ON_THE_MESH = -0.5
#: A tab needs the surface to turn no further, degrees.
_SHARPEST_DEG = 150.0
#: A carrier that goes on to its tab in a hollow needs so much room beside it on the flat, mm.
_CROWDED_MM = 1.5
#: No piece is asked to be smaller than a square of that side, mm.
_LEAST_REACH_MM = 20.0
#: Beside an edge that is no slit there is room for so deep a tab, mm.
_ROOMY_MM = 3.0
#: Card is taken to be so thick, mm, and a crease lies no further in than such a share of a facet.
_CARD_MM, _CREASE_AT = 0.3, 0.35
#: Pieces are told apart by these colours, pale enough for lines and numbers to be read on them.
_PALETTE = ((236, 214, 160), (178, 206, 214), (222, 184, 168), (190, 212, 176), (214, 196, 222),
            (232, 226, 196),
            (168, 190, 222), (226, 198, 204))
#: Facets are told apart by how far they turn, or by when, from pale to deep; a turn so sharp is deep,
#: degrees.
_PALE, _DEEP, _SHARP_DEG = (244, 236, 214), (122, 150, 186), 90.0
_CUT = "it is cut there"


class Opened(NamedTuple):
    """A mesh as high as it is made; the pieces it is cut into; narrow: the edges beside which their flats
    have little room; steps: of each face the step in which it is turned up; held: the edges a person joined
    or parted, and which; lost: how many edges set by hand were not found; roots: the faces a person let
    pieces begin with; astray: how many of those were not found."""

    mesh: Mesh
    cut: Cut
    narrow: frozenset[tuple[int, int]]
    steps: Mapping[int, int]
    held: Mapping[tuple[int, int], bool]
    lost: int
    roots: tuple[int, ...]
    astray: int


@lru_cache(maxsize=8)
def cut_mesh(text: str, height: float, wide: float, high: float, reach: float, tab: float,
             slits: int, hand: str, pairs: bool) -> Opened:
    """The mesh so high, cut into pieces."""
    from mingei.core.mesh.cutting import crowded, cut_up
    from mingei.core.mesh.flats import Flats
    from mingei.core.mesh.hand import begun, matched, read_hand
    from mingei.core.mesh.mesh import read_mesh
    from mingei.core.mesh.pairs import cut_paired, halves_of
    from mingei.core.mesh.pieces import rerooted

    mesh = read_mesh(text).sized(height)
    set_by_hand = read_hand(hand)
    marks = matched(mesh, set_by_hand.marks)
    # tabs stand out beyond the faces
    space, settled = _room(wide, high, reach, tab, slits), set_by_hand.whole and not marks.lost
    halves = halves_of(mesh) if pairs and not settled else None
    cut = (cut_paired(mesh, halves, space, joined=marks.joined, parted=marks.parted) if halves is not None
           else cut_up(mesh, space, joined=marks.joined, parted=marks.parted, whole=settled))
    roots = begun(mesh, set_by_hand.roots)
    if roots:
        cut = rerooted(Flats(mesh), cut, roots, space)
    held = {**dict.fromkeys(marks.joined - marks.found, True), **dict.fromkeys(marks.parted, False)}
    return Opened(mesh, cut, crowded(mesh, cut, _CROWDED_MM), _steps(mesh, cut), held, marks.lost, roots,
                  len(set_by_hand.roots) - len(roots))


def _steps(mesh: Mesh, cut: Cut) -> dict[int, int]:
    """Faces are turned up from the outside of a piece inwards, those that hang equally far out at once: each
    is still in reach from its edge."""
    found: dict[int, int] = {}
    for piece in cut.pieces:
        below = dict.fromkeys(piece, 0)
        for face in reversed(piece):
            if cut.parents[face] != face:
                on = cut.parents[face]
                below[on] = max(below[on], below[face] + 1)
        found |= {face: 2 + below[face] for face in piece}
    return found


def opened(values: Values) -> Opened:
    """What the measures of a faceted model come to."""
    return cut_mesh(str(values["mesh"]),
                    *(float(values[k]) for k in ("height", "wide", "high", "reach", "tab")),
                    int(values["slits"]), str(values["hand"]), _paired(values))


def _paired(values: Values) -> bool:
    return values["pairs"] == "alike"


def facet(face: int) -> str:
    """What a face of the mesh is called, whatever piece it is in."""
    return f"facet {face + 1}"


def _face(name: str) -> int:
    return int(name.removeprefix("facet ")) - 1


def _room(wide: float, high: float, reach: float, tab: float, slits: int) -> Room:
    from mingei.core.mesh.flats import Room

    return Room(wide - 2 * tab, high - 2 * tab, reach * reach if reach else math.inf, slits / 100,
                min(tab, _ROOMY_MM))


def _room_of(values: Values) -> Room:
    wide, high, reach, tab = (float(values[k]) for k in ("wide", "high", "reach", "tab"))
    return _room(wide, high, reach, tab, int(values["slits"]))


def by_hand(values: Values, one: str, other: str, joined: bool) -> str:
    """The pieces as they are, settled, but for the edge between two facets, which is joined or parted: as the
    measure by hand keeps it.

    Raises MeasureError where they do not meet, or cannot hang together there.
    """
    from mingei.core.mesh.cutting import joined_edges
    from mingei.core.mesh.hand import edge_between, settled, write_hand

    known = opened(values)
    mesh, cut, held, roots = known.mesh, known.cut, known.held, known.roots
    face, beside = (_face(name) for name in (one, other))
    edge = edge_between(mesh, face, beside)
    edges = set(joined_edges(mesh, cut)) - {edge}
    if joined and any({face, beside} <= set(piece) for piece in cut.pieces):
        raise MeasureError(say("the {one} and the {other} hang together already, by another way round",
                               one=one,
                               other=other), "hand", "cut it there first")
    edges |= {edge} if joined else set()
    text = write_hand(settled(mesh, edges, {**held, edge: joined}, roots))
    if joined and set(joined_edges(mesh, opened({**values, "hand": text}).cut)) != edges:
        raise MeasureError(
            say("with the {one} and the {other} joined there, facets would lie over each other, or "
                               "the piece would not fit its sheet", one=one, other=other), "hand",
                           "part them elsewhere first")
    return text


def begin_with(values: Values, name: str) -> str:
    """The pieces as they are, but that of a facet, which lies still while all others of it are turned up: as
    the measure by hand keeps them."""
    from mingei.core.mesh.hand import middle_of, read_hand, write_hand

    known, face = opened(values), _face(name)
    beside = next(piece for piece in known.cut.pieces if face in piece)
    roots = (*(root for root in known.roots if root not in beside), face)
    hand = read_hand(str(values["hand"]))
    return write_hand(hand._replace(roots=tuple(middle_of(known.mesh, root) for root in roots)))


def roots_of(values: Values) -> tuple[str, ...]:
    """The facets that pieces begin with."""
    return tuple(facet(piece[0]) for piece in opened(values).cut.pieces)


def as_cut(values: Values) -> str:
    """The pieces as they are, settled: as the measure by hand keeps them."""
    from mingei.core.mesh.cutting import joined_edges
    from mingei.core.mesh.hand import settled, write_hand

    known = opened(values)
    mesh, cut, held, roots = known.mesh, known.cut, known.held, known.roots
    return write_hand(settled(mesh, joined_edges(mesh, cut), held, roots))


class Fewer(NamedTuple):
    """pieces: how many there are; hand: as the measure by hand keeps them; share: how much of the search is
    done."""

    pieces: int
    hand: str
    share: float


def fewer(values: Values, tries: int) -> Iterator[Fewer]:
    """Fewer and fewer pieces, found by trying so often; each time something better is found, and now and then
    between."""
    from mingei.core.mesh.cutting import joined_edges
    from mingei.core.mesh.hand import settled, write_hand
    from mingei.core.mesh.pairs import doubled_cut, half_cut, halves_of
    from mingei.core.mesh.search import better

    known = opened(values)
    mesh, cut, held, roots = known.mesh, known.cut, known.held, known.roots
    best = Fewer(len(cut.pieces), as_cut(values), 0.0)
    yield best
    halves = halves_of(mesh) if _paired(values) else None
    room = _room_of(values)
    tried = (better(mesh, cut, room, tries, held) if halves is None
             else better(halves.half, half_cut(halves, cut, room), room, tries, held))
    for share, half in tried:
        found = half if half is None or halves is None else doubled_cut(mesh, halves, half, room)
        if found is not None:
            best = Fewer(len(found.pieces),
                         write_hand(settled(mesh, joined_edges(mesh, found), held, roots)), share)
        yield best._replace(share=share)


def draft_mesh(values: Values, holes: Mapping[int, tuple[Path, ...]] = MappingProxyType({})) -> Draft:
    """mesh: text; height: of the model, mm; wide, high: of the largest piece, reach: no piece has more area
    than a square of that side, 0 for any, tab: depth, mm.  holes: by face, in its own plane."""
    from mingei.core.mesh.flats import LEAST_HOLLOW_DEG, LEAST_TURN_DEG

    known = opened(values)
    mesh, cut, narrow, steps = known.mesh, known.cut, known.narrow, known.steps
    tab = float(values["tab"])
    name = {face: facet(face) for piece in cut.pieces for face in piece}
    side = {edge: mesh.faces[face].index(edge[0]) for edge, face in mesh.beside.items()}
    place = {face: number for number, face in enumerate(f for piece in cut.pieces for f in piece)}
    of_piece = {face: number for number, piece in enumerate(cut.pieces) for face in piece}
    bare = TAPE if values["bare"] == "tape" else STRIP
    folds: dict[int, list[Fold]] = {}
    seams: dict[int, list[Seam]] = {}
    for (a, b, face, other), turn in zip(mesh.edges, mesh.turns_deg.tolist(), strict=True):
        turn = turn if abs(turn) > _NO_TURN_DEG else 0.0
        here, there = EdgeRef(name[face], side[a, b]), EdgeRef(name[other], side[b, a])
        crease = Crease.MOUNTAIN if turn >= 0 else Crease.VALLEY
        if cut.parents[other] == face and of_piece[face] == of_piece[other]:
            folds.setdefault(of_piece[face], []).append(Fold(here, there, abs(turn), steps[other], crease))
        elif cut.parents[face] == other and of_piece[face] == of_piece[other]:
            folds.setdefault(of_piece[face], []).append(Fold(there, here, abs(turn), steps[face], crease))
        else:
            first, second = (here, there) if place[face] > place[other] else (there, here)
            # the one that has room bears the tab
            if (b, a) not in narrow and (a, b) in narrow:
                first, second = there, here
            elif (a, b) not in narrow and (b, a) in narrow:
                first, second = here, there
            takes = turn > LEAST_TURN_DEG or (-turn > LEAST_HOLLOW_DEG and not {(a, b), (b, a)} <= narrow)
            long = math.dist(mesh.corners[a], mesh.corners[b])
            takes = takes and abs(turn) < _SHARPEST_DEG and long >= _LEAST_EDGE_MM
            # where the surface hardly turns, the crease lies far in on the carrier: it must have that room
            low = 2 * min(float(mesh.areas[face]), float(mesh.areas[other])) / long
            crease_at = _CARD_MM / math.sin(math.radians(max(abs(turn), _NO_TURN_DEG)))
            takes = takes and crease_at < _CREASE_AT * low
            # where its next side goes on almost straight, that far in lies far along it, too
            takes = takes and crease_at < _CREASE_AT * long * _least_bend(mesh, *(
                (face, side[a, b]) if first is here else (other, side[b, a])))
            joint: Joint = GLUE_TAB if takes else bare
            said = f"{first.panel} to {second.panel}".replace("facet ", "")
            seams.setdefault(of_piece[face if first is here else other], []).append(
                Seam(said, joint, first, second, tab, 1, turn if joint is GLUE_TAB else max(turn, 0.0),
                     fixed=_CUT,
                     # in a hollow the carrier goes on to its tab, and without it lies behind the host
                     spare=bare if turn >= 0.0 else TAPE))
    tint = _tints(str(values["face"]), mesh, cut, steps)
    wraps = _wraps(str(values["mesh"]), mesh) if values["face"] == "picture" else {}
    pieces = []
    for number, faces in enumerate(cut.pieces):
        lies = turned(cut.turns[number])  # square to the sheet
        panels = tuple(Panel(name[f], _outline(mesh, f, lies if f == faces[0] else STAY),
                             holes=tuple(moved_path(hole, lies if f == faces[0] else STAY)
                                         for hole in holes.get(f, ())),
                             layer=_ON_THE_MESH, tint=tint.get(f),
                             said=str(f + 1) if values["face"] == "numbers" else "",
                             wrap=_laid(wraps.get(f), lies if f == faces[0] else STAY),
                             edges=tuple((i, Mitred()) for i in range(len(mesh.faces[f])))) for f in faces)
        pieces.append(Piece(f"part {number + 1}", name[faces[0]], _stands(mesh, faces[0], lies), panels,
                            folds=tuple(folds.get(number, ())), seams=tuple(seams.get(number, ())),
                            crowded=True, skin=values["skin"] == "paper"))
    return Draft(tuple(pieces), closes=False, remarks=_remarks(known, _paired(values)))


def _least_bend(mesh: Mesh, face: int, side: int) -> float:
    """The sine of how far a face's outline turns at the straighter end of a side of it."""
    import numpy as np

    ring = mesh.faces[face]
    points = mesh.corners[[ring[(side + i) % len(ring)] for i in (-1, 0, 1, 2)]]
    before, along, after = (way / np.linalg.norm(way) for way in np.diff(points, axis=0))
    return min(float(np.linalg.norm(np.cross(*pair))) for pair in ((before, along), (along, after)))


def _tints(face: str, mesh: Mesh, cut: Cut, steps: Mapping[int, int]) -> dict[int, tuple[int, int, int]]:
    """The colours facets are told apart by, or bear of their own."""
    if face in ("colours", "picture") and mesh.colours is not None:
        return {face: (red, green, blue) for face, (red, green, blue) in enumerate(mesh.colours.tolist())}
    if face == "pieces":
        return {f: _PALETTE[number % len(_PALETTE)] for number, piece in enumerate(cut.pieces) for f in piece}
    if face == "turns":  # by its sharpest edge: pale is flat
        sharpest = dict.fromkeys(range(len(mesh.faces)), 0.0)
        for (_, _, one, other), turn in zip(mesh.edges, mesh.turns_deg.tolist(), strict=True):
            for each in (one, other):
                sharpest[each] = max(sharpest[each], abs(turn))
        return {each: _between(turn / _SHARP_DEG) for each, turn in sharpest.items()}
    if face == "order":  # pale is turned up first; the root of each piece lies
        last = max(steps.values())
        return {each: _between((step - 2) / max(1, last - 2)) for each, step in steps.items()}
    return {}


def _between(share: float) -> tuple[int, int, int]:
    """A colour from pale to deep."""
    red, green, blue = (round(pale + (deep - pale) * min(1.0, max(0.0, share)))
                        for pale, deep in zip(_PALE, _DEEP, strict=True))
    return red, green, blue


def _wraps(text: str, mesh: Mesh) -> dict[int, Wrap]:
    """Of each face its patch of the picture that goes round the mesh as it is made."""
    from mingei.core.mesh.mesh import read_mesh
    from mingei.core.mesh.wrapping import patches

    kept = read_mesh(text)
    places, share = patches(kept), mesh.size[2] / kept.size[2]
    found = {}
    for face, ((left, top), low, (wide, high)) in enumerate(zip(
            places.at.tolist(), places.low.tolist(), places.size.tolist(), strict=True)):
        part = (left / places.width, top / places.height,
                (left + wide) / places.width, (top + high) / places.height)
        found[face] = Wrap((low[0] + wide / 2) * share, (low[1] + high / 2) * share, 0.0, wide * share,
                           high * share, part, places.round * share)
    return found


def _laid(wrap: Wrap | None, turn: Rigid) -> Wrap | None:
    """The patch of a panel that is drawn turned."""
    if wrap is None:
        return None
    x, y = turn.apply((wrap.x, wrap.y))
    return wrap._replace(x=x, y=y, turn_deg=wrap.turn_deg + turn.turn_deg)


def _remarks(known: Opened, paired: bool) -> tuple[tuple[str, str], ...]:
    """What is not as it was asked."""
    from mingei.core.mesh.mirror import mirrored_faces

    said: list[tuple[str, str]] = []
    if paired and mirrored_faces(known.mesh) is None:
        said.append(("pairs", say("left and right of this mesh are not alike: its pieces are no pairs")))
    if known.cut.refused:
        said.append(
            ("hand", say("{count} edges joined by hand are cut: their facets would lie over others, or "
                                 "their piece would not fit its sheet", count=len(known.cut.refused))))
    if known.lost:
        said.append(("hand", say("{count} edges set by hand are not found in this mesh", count=known.lost)))
    if known.astray:
        said.append(("hand", say("{count} facets that pieces were to begin with are not found in this mesh",
                                 count=known.astray)))
    return tuple(said)


def _outline(mesh: Mesh, face: int, turn: Rigid) -> Polygon:
    """A face in its own plane, turned."""
    from mingei.core.mesh.flats import outline

    return turn.apply_all([(float(x), float(y)) for x, y in outline(mesh, face)])


def _stands(mesh: Mesh, face: int, turn: Rigid) -> Placement:
    """Where a face stands that is drawn turned."""
    import numpy as np

    p = mesh.corners[list(mesh.faces[face])]
    u = (p[1] - p[0]) / np.linalg.norm(p[1] - p[0])
    v = np.cross(mesh.normals[face], u)
    rows = (p[0], turn.cos * u - turn.sin * v, turn.sin * u + turn.cos * v)
    return Placement(*(tuple(row.tolist()) for row in rows))


def _sound(values: Values) -> None:
    reach = float(values["reach"])
    if 0.0 < reach < _LEAST_REACH_MM:
        raise MeasureError("pieces so small are hardly to be held", "reach",
                           say("make it {least} or more, or 0 for any", least=write_both(_LEAST_REACH_MM)))


#: A buoy of six sides, to begin with.
_BUOY = (
    'c-oDUJxjx26oqeX6Pq^nBW+_rkq!kX7qLhwg$(|K4h3DDh0Yxu%;0Y*jt(OD9|Vh_2;H274plmoO1BD**ZU^tW;QPe9v%*d<'
    'Ryc{IuTVR<JSYy=X~zd<K2G5x4TPL4%+Xm9pg{VK3Mz8fgi-(;SM$O4eEr)5r6*7Sb4mBV(l3Ja`ndAS0<+$zssse;q@NfPm'
    'f~0{9<MLedeSi{<Jw^?JLtoJ=zIJH$*L$9-6h7Cu>f4wBV#8zCZnD?JH;gacnu}Nl7*(Hh4plg)^L%IB<qDk{q02OOl7PaNj'
    'nZjh!ut3pP6ixGZ*xa1M4#a5?Oh;dIl5bFovAc;Ev5kqX%C)ZmKP@!?9?*@n|i56;3jrg0Z3e4mH?Dt3JI{{WkzX=n')


RECIPE = Recipe(
    id="mesh", title="Faceted model", family="solids",
    purpose="any body from a mesh, in pieces that fold up",
    also=("mesh", "low poly", "model", "figure", "animal", "sculpture", "papercraft", "3d"),
    measures=(
        Measure("mesh", Kind.MESH, _BUOY, "the body, brought in from a file", label="Mesh"),
        Measure("height", Kind.LENGTH, 150.0, "of the model", 20.0, 3000.0),
        Measure("slits", Kind.COUNT, 10,
                "of each piece so much of its edge, in percent, may have no room for a "
                "tab; 100 for as few pieces as may be, 0 for a tab on every edge", 0, 100, label="Slits, %",
                stays=True),
        Measure("wide", Kind.LENGTH, 180.0, "no piece is wider: the sheet less its margins", 40.0, 1500.0,
                label="Room wide", stays=True),
        Measure("high", Kind.LENGTH, 250.0, "no piece is higher: the sheet less its margins and footer", 40.0,
                1500.0,
                label="Room high", stays=True),
        Measure("reach", Kind.LENGTH, 0.0, "no piece has more area than a square of that side; 0 for any",
                0.0, 1500.0, label="Largest piece"),
        Measure("pairs", Kind.CHOICE, "any", "whether the pieces of left and right are alike", label="Halves",
                choices=(("any", "any"), ("alike", "alike"))),
        Measure("hand", Kind.MARKS, "", "edges joined or parted by hand", label="By hand"),
        Measure("tab", Kind.LENGTH, 6.0, "depth of the tabs; shortened where a face has less room", 3.0, 15.0,
                label="Tab depth", stays=True),
        Measure("bare", Kind.CHOICE, "strip", "what holds an edge that finds no room for a tab",
                choices=(("strip", "a strip behind"), ("tape", "tape outside")), label="Without a tab"),
        Measure("skin", Kind.CHOICE, "none", "a second layer, which bears what is printed",
                choices=(("none", "none"), ("paper", "paper over it")), label="Second layer"),
        Measure("face", Kind.CHOICE, "plain", "what is printed on the facets", label="Facets",
                choices=(("plain", "plain"), ("colours", "colours"), ("picture", "picture"),
                         ("numbers", "numbers"), ("pieces", "pieces"),
                         ("turns", "by how far they turn"), ("order", "by when they are folded"))),
    ),
    draft=draft_mesh, thinnest=0.08, thickest=0.6, contradictions=_sound, stock="card-160",
    part_stocks=(("skin", "paper-100"),),
)
