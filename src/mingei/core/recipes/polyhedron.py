"""Faceted solids: the regular and half-regular ones, prisms and antiprisms, in one piece or several.

The net of a piece is a tree of faces round a root, largest faces first; every edge that is no fold is a
seam.  All faces lie on one layer, all tabs on the layer inside.  The last face of the last piece closes last:
its tabs tuck in, so that a hand, a light or a thread goes in before.
"""

from __future__ import annotations

import math
from collections.abc import Collection, Mapping
from functools import lru_cache
from typing import TYPE_CHECKING

from mingei.core.draft import Bought, Draft, EdgeRef, Fold, Mitred, Panel, Piece, Placement, Seam
from mingei.core.errors import MeasureError
from mingei.core.joints import GLUE_TAB, TUCK
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import STAY, Path, Polygon, bounds, hole_path, mapping, turned
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.prism import SIDES
from mingei.core.recipes.tray import TAB
from mingei.core.words import say

if TYPE_CHECKING:  # loaded when one is first drafted
    import numpy as np
    from numpy.typing import NDArray

    from mingei.core.drafting.polyhedra import Solid

#: The regular solids and the half-regular ones.
SOLIDS = ("tetrahedron", "cube", "octahedron", "dodecahedron", "icosahedron", "truncated-tetrahedron",
          "cuboctahedron", "truncated-cube",
          "truncated-octahedron", "rhombicuboctahedron", "truncated-cuboctahedron", "snub-cube",
          "icosidodecahedron",
          "truncated-dodecahedron", "truncated-icosahedron", "rhombicosidodecahedron",
          "truncated-icosidodecahedron", "snub-dodecahedron")
_FULL = "on so full a net there is room for it only here"
#: The hole a thread hangs from, mm across.
_THREAD_MM = 2.0
#: So long a thread hangs it and ties its knots, mm (from experience).
_HANG_MM = 600.0
PRISM, ANTIPRISM = "prism", "antiprism"
NONE, HOLE = "none", "hole"


def chosen_solid(values: Values) -> Solid:
    """The solid a brief asks for, edges of 1."""
    from mingei.core.drafting.polyhedra import antiprism, prism, regular_solid

    name = str(values["solid"])
    if name in (PRISM, ANTIPRISM):
        return (prism if name == PRISM else antiprism)(int(values["sides"]))
    return regular_solid(name)


class _Net:
    """The tree of the faces of one piece: for each its parent and how deep it lies; the root first."""

    def __init__(self, solid: Solid, beside: Mapping[tuple[int, int], int], root: int, among: Collection[int],
                 largest_first: bool = True) -> None:
        self.parent: dict[int, int] = {root: root}
        self.depth: dict[int, int] = {root: 0}
        self.order = [root]
        for face in self.order:
            ring = solid.faces[face]
            around = [beside[ring[(i + 1) % len(ring)], ring[i]] for i in range(len(ring))]
            for other in sorted(around, key=lambda f: -len(solid.faces[f]) if largest_first
                                else len(solid.faces[f])):
                if other in among and other not in self.parent:
                    self.parent[other], self.depth[other] = face, self.depth[face] + 1
                    self.order.append(other)


class _Nets:
    """A solid in pieces: its nets, the faces in the order they are named, the one that closes last, and every
    turning angle."""

    def __init__(self, solid: Solid, count: int) -> None:
        self.beside = solid.beside
        root = max(range(len(solid.faces)), key=lambda f: len(solid.faces[f]))
        self.nets = [_best(solid, self.beside, part) for part in _shared_out(solid, self.beside, root, count)]
        self.order = [face for net in self.nets for face in net.order]
        self.last = self.order[-1]
        self.turn_deg: dict[tuple[int, int], float] = {}
        for (a, b), face in self.beside.items():
            other = self.beside[b, a]
            if (face, other) not in self.turn_deg:
                self.turn_deg[face, other] = self.turn_deg[other, face] = solid.turn_deg(face, other)
        place = {face: number for number, face in enumerate(self.order)}
        #: Of each face that is turned up the step it is, from 0; of two faces joined the one with the tab.
        self.step: dict[int, int] = {}
        self.bears: dict[tuple[int, int], int] = {}
        for net in self.nets:
            self._close(solid, net, place)

    def _close(self, solid: Solid, net: _Net, place: Mapping[int, int]) -> None:
        """In which order the faces of a net are turned up, and which of two joined bears the tab."""
        from mingei.core.drafting.closing import Hinge, Meet, closing_of, stands_first

        at = {face: number for number, face in enumerate(net.order)}
        ends = {(face, self.beside[b, a]): (_triple(solid.corners[a]), _triple(solid.corners[b]))
                for (a, b), face in self.beside.items()}
        hinges = {at[face]: Hinge(at[net.parent[face]], *ends[face, net.parent[face]],
                                  self.turn_deg[face, net.parent[face]]) for face in net.order[1:]}
        meets = [Meet(at[f], at[o], *ends[f, o]) for f, o in ends
                 if f in at and o in at and place[f] > place[o] and net.parent[f] != o]
        closing = closing_of([solid.corners[list(solid.faces[f])] for f in net.order], hinges, meets,
                             at.get(self.last))
        self.step |= {face: closing.step_of[at[face]] for face in net.order[1:]}
        for meet in meets:
            face, other = net.order[meet.a], net.order[meet.b]
            self.bears[face, other] = (face if face == self.last  # it tucks in
                                       else net.order[stands_first(closing, hinges, meet)])


def _triple(corner: NDArray[np.float64]) -> tuple[float, float, float]:
    x, y, z = corner.tolist()
    return x, y, z


def _best(solid: Solid, beside: Mapping[tuple[int, int], int], part: list[int]) -> _Net:
    """The net of a part that prints largest on a sheet of the usual proportions: rooted in its first face or
    the first of another kind, larger or smaller faces first."""
    kinds = {len(solid.faces[f]): f for f in reversed(part)}
    roots = dict.fromkeys((part[0], *kinds.values()))
    found = [_Net(solid, beside, root, set(part), first) for root in roots for first in (True, False)]
    flats = [_flat(solid, beside, net) for net in found]
    sound = [(net, size) for net, size in zip(found, flats, strict=True) if size is not None]
    return min(sound, key=lambda pair: round(pair[1], 6))[0] if sound else found[0]


def _flat(solid: Solid, beside: Mapping[tuple[int, int], int], net: _Net) -> float | None:
    """How wide a sheet of the usual proportions must be for a net of edges of 1; None when the net overlaps
    itself."""
    from shapely import STRtree

    sides = {(a, b): i for ring in solid.faces
             for i, (a, b) in enumerate(zip(ring, (*ring[1:], ring[0]), strict=True))}
    outlines = {n: _outline(n, 1.0) for n in {len(ring) for ring in solid.faces}}
    frames = {net.order[0]: STAY}
    shared = {(face, beside[b, a]): (a, b) for (a, b), face in beside.items()}
    for face in net.order[1:]:
        parent = net.parent[face]
        a, b = shared[parent, face]
        mine, theirs = outlines[len(solid.faces[face])], outlines[len(solid.faces[parent])]
        i, j = sides[b, a], sides[a, b]
        to = frames[parent]
        frames[face] = mapping(mine[(i + 1) % len(mine)], mine[i], to.apply(theirs[j]),
                               to.apply(theirs[(j + 1) % len(theirs)]))
    laid = [frames[face].apply_all(outlines[len(solid.faces[face])]) for face in net.order]
    areas = [area_of(outline).buffer(-1e-3) for outline in laid]
    first, second = STRtree(areas).query(areas, predicate="intersects")
    if (first != second).any():
        return None
    around = bounds([p for outline in laid for p in outline])
    low, high = sorted((around.width, around.height))
    return max(low, high / math.sqrt(2))


def _shared_out(solid: Solid, beside: Mapping[tuple[int, int], int], root: int,
                count: int) -> list[list[int]]:
    """The faces in so many parts that hang together: they grow by turns from roots as far from each other as
    can be."""
    import numpy as np

    normals = np.array([solid.normal(f) for f in range(len(solid.faces))])
    near = (normals @ normals.T).round(6)
    roots = [root]
    while len(roots) < count:
        roots.append(int(np.argmin(near[roots].max(axis=0))))
    parts = [[r] for r in roots]
    taken = set(roots)
    while len(taken) < len(solid.faces):
        for part in parts:
            around = {beside[b, a] for (a, b), face in beside.items() if face in part} - taken
            if around:
                chosen = max(around, key=lambda f: (near[part[0], f], -f))
                part.append(chosen)
                taken.add(chosen)
    return parts


@lru_cache(maxsize=32)
def _nets(solid_name: str, sides: int, count: int) -> tuple[Solid, _Nets]:
    solid = chosen_solid({"solid": solid_name, "sides": float(sides)})
    return solid, _Nets(solid, count)


def _outline(count: int, edge: float) -> Polygon:
    """A regular polygon, side 0 along x from the origin."""
    points, turn = [(0.0, 0.0)], 360.0 / count
    for i in range(count - 1):
        dx, dy = turned(turn * i).apply((edge, 0.0))
        points.append((points[-1][0] + dx, points[-1][1] + dy))
    return tuple(points)


def draft_polyhedron(values: Values) -> Draft:
    """solid; sides, of prisms and antiprisms; edge: inside, mm; tab; pieces; hang: whether the root has a
    hole for a thread."""
    edge, tab = float(values["edge"]), float(values["tab"])
    solid, nets = _nets(str(values["solid"]), int(values["sides"]), int(values["pieces"]))
    names = {face: f"face {number}" for number, face in enumerate(nets.order, 1)}
    side = {(a, b): i for ring in solid.faces
            for i, (a, b) in enumerate(zip(ring, (*ring[1:], ring[0]), strict=True))}
    place = {face: number for number, face in enumerate(nets.order)}
    pieces = []
    for number, net in enumerate(nets.nets, 1):
        panels = []
        for face in net.order:
            outline = _outline(len(solid.faces[face]), edge)
            middle = (sum(p[0] for p in outline) / len(outline), sum(p[1] for p in outline) / len(outline))
            holes: tuple[Path, ...] = ((hole_path(_THREAD_MM, middle),) if values["hang"] == HOLE
                                       and face == nets.order[0] else ())
            panels.append(Panel(names[face], outline, layer=1,
                                edges=tuple((i, Mitred()) for i in range(len(outline))), holes=holes))
        folds, seams = [], []
        for (a, b), face in nets.beside.items():
            other = nets.beside[b, a]
            here, there = EdgeRef(names[face], side[a, b]), EdgeRef(names[other], side[b, a])
            turn = nets.turn_deg[face, other]
            if net.parent.get(other) == face and other != face and net.depth[other] > net.depth[face]:
                folds.append(Fold(here, there, turn, nets.step[other] + 2))
            elif face in net.parent and net.parent[face] != other and place[face] > place[other]:
                joint = TUCK if face == nets.last else GLUE_TAB
                said = f"{names[face]} to {names[other]} tab".replace("face ", "")
                sides = (here, there) if nets.bears.get((face, other), face) == face else (there, here)
                seams.append(Seam(said, joint, *sides, tab, 1, turn, fixed=_FULL))
        folds.sort(key=lambda f: f.step)
        name = "solid" if len(nets.nets) == 1 else f"part {number}"
        pieces.append(Piece(name, names[net.order[0]], _stands(solid, nets.order[0], net.order[0], edge),
                            tuple(panels), folds=tuple(folds),
                            seams=tuple(seams), crowded=True))
    thread = Bought("thread", 1, say("Put the thread through the hole in {face} and knot it inside.",
                                     face=names[nets.order[0]]), names[nets.order[0]], _HANG_MM,
                    why=say("its hole cannot be reached from inside once it is closed"))
    return Draft(tuple(pieces), bought=(thread,) if values["hang"] == HOLE else ())


def _stands(solid: Solid, root: int, face: int, edge: float) -> Placement:
    """Where a face stands when the root lies on the table, face down, its first side along x from the
    origin."""
    import numpy as np

    def axes(number: int) -> NDArray[np.float64]:
        ring = solid.faces[number]
        along = solid.corners[ring[1]] - solid.corners[ring[0]]
        along = along / np.linalg.norm(along)
        return np.array([along, np.cross(solid.normal(number), along), solid.normal(number)])

    turn = np.array([[1.0, 0.0, 0.0], [0.0, -1.0, 0.0], [0.0, 0.0, -1.0]]).T @ axes(root)
    origin = edge * turn @ (solid.corners[solid.faces[face][0]] - solid.corners[solid.faces[root][0]])
    u, v, _ = axes(face) @ turn.T
    return Placement(*(tuple(row.tolist()) for row in (origin, u, v)))


def _sound(values: Values) -> None:
    if int(values["pieces"]) == 1:
        return  # without making the solid, which asks for much that is slow to load
    most = len(chosen_solid(values).faces) // 2
    if int(values["pieces"]) > most:
        raise MeasureError("a piece of one face has nothing to fold", "pieces",
                           say("make it in at most {most} pieces", most=most))


RECIPE = Recipe(
    id="polyhedron", title="Faceted solid", family="solids",
    purpose="a hanging lantern or ornament of flat faces",
    also=("lantern", "star lamp", "gem", "dodecahedron", "icosahedron",
          "cube", "ornament", "dice", "planter"),
    measures=(
        Measure("solid", Kind.CHOICE, "cuboctahedron",
                "which solid: regular and half-regular ones, prisms and antiprisms",
                choices=(*((name, name.replace("-", " ")) for name in SOLIDS), (PRISM, PRISM),
                         (ANTIPRISM, ANTIPRISM))),
        Measure("sides", Kind.COUNT, 6.0, "sides of a prism or antiprism; the other solids have their own",
                SIDES.minimum, SIDES.maximum),
        Measure("edge", Kind.LENGTH, 30.0, "inside, every edge of it", 15.0, 150.0),
        Measure("tab", Kind.LENGTH, 7.0, "depth of the tabs; shortened where a face has less room", 3.0, 20.0,
                label="Tab depth",
                stays=TAB.stays),
        Measure("pieces", Kind.COUNT, 1.0, "it is made of: more where one net is too large for the sheet",
                1.0, 12.0),
        Measure("hang", Kind.CHOICE, HOLE,
                "whether the first face has a hole for a thread in its middle; LED lights only, never a "
                "candle",
                choices=((NONE, "no hole"), (HOLE, "hole for a thread"))),
    ),
    draft=draft_polyhedron, thinnest=0.1, thickest=0.4, contradictions=_sound, gives=("pieces",),
    stock="card-220",
)
