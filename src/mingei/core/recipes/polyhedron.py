"""Faceted solids from one sheet: the regular and half-regular ones, prisms and antiprisms.

The net is a tree of faces round a root, largest faces first; every edge that is no fold is a seam.  All faces lie on one layer, all tabs
on the layer inside.  The face that lies farthest from the root closes last: its tabs tuck in, so that a hand, a light or a thread goes
in before.
"""

from __future__ import annotations

from functools import lru_cache
from typing import TYPE_CHECKING

from mingei.core.draft import Draft, EdgeRef, Fold, Joint, Mitred, Panel, Piece, Placement, Seam
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.prism import SIDES
from mingei.core.recipes.tray import TAB
from mingei.core.shape import Path, Polygon, hole_path, turned

if TYPE_CHECKING:  # loaded when one is first drafted
    from mingei.core.polyhedra import Solid

#: The solids whose net in one piece leaves every seam room for a tab; the five richest in faces do not.
_FOLDED = ("tetrahedron", "cube", "octahedron", "dodecahedron", "icosahedron", "truncated-tetrahedron", "cuboctahedron", "truncated-cube",
           "truncated-octahedron", "truncated-cuboctahedron", "icosidodecahedron", "truncated-dodecahedron", "truncated-icosahedron")
_FULL = "on so full a net there is room for it only here"
#: The hole a thread hangs from, mm across.
_THREAD_MM = 2.0
PRISM, ANTIPRISM = "prism", "antiprism"
NONE, HOLE = "none", "hole"


def chosen_solid(values: Values) -> Solid:
    """The solid a brief asks for, edges of 1."""
    from mingei.core.polyhedra import antiprism, prism, regular_solid

    name = str(values["solid"])
    if name in (PRISM, ANTIPRISM):
        return (prism if name == PRISM else antiprism)(int(values["sides"]))
    return regular_solid(name)


class _Net:
    """The tree of faces: for each face its parent and how deep it lies; the root first."""

    def __init__(self, solid: Solid) -> None:
        beside = solid.beside
        root = max(range(len(solid.faces)), key=lambda f: len(solid.faces[f]))
        self.parent: dict[int, int] = {root: root}
        self.depth: dict[int, int] = {root: 0}
        self.order = [root]
        for face in self.order:
            ring = solid.faces[face]
            around = [beside[ring[(i + 1) % len(ring)], ring[i]] for i in range(len(ring))]
            for other in sorted(around, key=lambda f: -len(solid.faces[f])):
                if other not in self.parent:
                    self.parent[other], self.depth[other] = face, self.depth[face] + 1
                    self.order.append(other)
        self.last = self.order[-1]
        self.beside = beside
        self.turn_deg = {(beside[b, a], face): solid.turn_deg(beside[b, a], face) for (a, b), face in beside.items()}


@lru_cache(maxsize=32)
def _net(solid_name: str, sides: int) -> tuple[Solid, _Net]:
    solid = chosen_solid({"solid": solid_name, "sides": float(sides)})
    return solid, _Net(solid)


def _outline(count: int, edge: float) -> Polygon:
    """A regular polygon, side 0 along x from the origin."""
    points, turn = [(0.0, 0.0)], 360.0 / count
    for i in range(count - 1):
        dx, dy = turned(turn * i).apply((edge, 0.0))
        points.append((points[-1][0] + dx, points[-1][1] + dy))
    return tuple(points)


def draft_polyhedron(values: Values) -> Draft:
    """solid; sides, of prisms and antiprisms; edge: inside, mm; tab; hang: whether the root has a hole for a thread in its middle."""
    edge, tab = float(values["edge"]), float(values["tab"])
    solid, net = _net(str(values["solid"]), int(values["sides"]))
    names = {face: f"face {number}" for number, face in enumerate(net.order, 1)}

    def side_of(face: int, a: int, b: int) -> int:
        ring = solid.faces[face]
        return next(i for i in range(len(ring)) if (ring[i], ring[(i + 1) % len(ring)]) == (a, b))

    panels = []
    for face in net.order:
        outline = _outline(len(solid.faces[face]), edge)
        middle = (sum(p[0] for p in outline) / len(outline), sum(p[1] for p in outline) / len(outline))
        holes: tuple[Path, ...] = (hole_path(_THREAD_MM, middle),) if values["hang"] == HOLE and face == net.order[0] else ()
        panels.append(Panel(names[face], outline, 1, edges=tuple((i, Mitred()) for i in range(len(outline))), holes=holes))
    folds, seams = [], []
    for (a, b), face in net.beside.items():
        other = net.beside[b, a]
        here, there = EdgeRef(names[face], side_of(face, a, b)), EdgeRef(names[other], side_of(other, b, a))
        turn = net.turn_deg[face, other]
        if net.parent[other] == face and other != face and net.depth[other] > net.depth[face]:
            folds.append(Fold(here, there, turn, net.depth[other] + 1))
        elif net.parent[face] != other and net.order.index(face) > net.order.index(other):
            joint = Joint.TUCK if face == net.last else Joint.GLUE_TAB
            said = f"{names[face]} to {names[other]} tab".replace("face ", "")
            seams.append(Seam(said, joint, here, there, tab, 1, turn, fixed=_FULL))
    folds.sort(key=lambda f: f.step)
    stands = Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))
    return Draft((Piece("solid", names[net.order[0]], stands, tuple(panels), tuple(folds), tuple(seams), crowded=True),))


RECIPE = Recipe(
    id="polyhedron", title="Faceted solid", family="solids", purpose="a hanging lantern or ornament of flat faces, from one sheet",
    measures=(
        Measure("solid", Kind.CHOICE, "cuboctahedron", "which solid: regular and half-regular ones, prisms and antiprisms",
                choices=(*((name, name.replace("-", " ")) for name in _FOLDED), (PRISM, PRISM), (ANTIPRISM, ANTIPRISM))),
        Measure("sides", Kind.COUNT, 6.0, "sides of a prism or antiprism; the other solids have their own", SIDES.minimum, SIDES.maximum),
        Measure("edge", Kind.LENGTH, 30.0, "inside, every edge of it", 15.0, 150.0),
        Measure("tab", Kind.LENGTH, 7.0, "depth of the tabs; shortened where a face has less room", 3.0, 20.0, label="Tab depth",
                stays=TAB.stays),
        Measure("hang", Kind.CHOICE, HOLE, "whether the first face has a hole for a thread in its middle; LED lights only, never a candle",
                choices=((NONE, "no hole"), (HOLE, "hole for a thread"))),
    ),
    draft=draft_polyhedron, thinnest=0.1, thickest=0.4, stock="card-220",
)
