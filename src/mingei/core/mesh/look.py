"""What a mesh looks like from aside, small: faces from the furthest to the nearest, and its open edges; and
what building it asks for."""

from __future__ import annotations

import math
from typing import NamedTuple

import numpy as np

from mingei.core.mesh.mesh import Mesh
from mingei.core.plane.shape import Point, Polygon

#: Minutes one fold or seam takes, with its cutting, creasing and gluing (from experience, no published
#: source).
_EDGE_MIN = 1.6
#: A fold that turns less needs no score, degrees (common practice).
FLAT_DEG = 5.0


class Shape(NamedTuple):
    """A face as it is seen, its height 1, y up; light: 0 dark to 1 bright."""

    corners: Polygon
    light: float
    colour: tuple[int, int, int] | None = None


class Seen(NamedTuple):
    """shapes: from the furthest; open: the edges that belong to one face only, as lines; width: over
    height."""

    shapes: tuple[Shape, ...]
    open: tuple[tuple[Point, Point], ...]
    width: float


class Asks(NamedTuple):
    """edges: folds and seams; flat: how many turn so little that they need no score; shortest: the shortest
    edge as a share of the height; hours: about so many at the table."""

    edges: int
    flat: int
    shortest: float
    hours: float


def seen(mesh: Mesh, yaw_deg: float = -35.0, pitch_deg: float = 18.0) -> Seen:
    """The mesh from that side, from a little above."""
    yaw, pitch = math.radians(yaw_deg), math.radians(pitch_deg)
    right = np.array((math.cos(yaw), math.sin(yaw), 0.0))
    ahead = np.array((-math.sin(yaw) * math.cos(pitch), math.cos(yaw) * math.cos(pitch), -math.sin(pitch)))
    up = np.cross(right, ahead)
    flat = np.stack([mesh.corners @ right, mesh.corners @ up], axis=1)
    flat = (flat - flat.min(axis=0)) / max(1e-9, float(np.ptp(flat[:, 1])))
    depth = mesh.corners @ ahead
    order = sorted(range(len(mesh.faces)), key=lambda f: -float(depth[list(mesh.faces[f])].mean()))
    light = np.abs(mesh.normals @ (up * 0.6 - ahead * 0.8))
    points = [(float(x), float(y)) for x, y in flat]
    colours = mesh.colours.tolist() if mesh.colours is not None else None
    shapes = tuple(Shape(tuple(points[i] for i in mesh.faces[f]), float(light[f]),
                         (colours[f][0], colours[f][1], colours[f][2]) if colours else None) for f in order)
    bare = tuple((points[a], points[b]) for a, b in mesh.beside if (b, a) not in mesh.beside)
    return Seen(shapes, bare, float(flat[:, 0].max()))


def asks(mesh: Mesh) -> Asks:
    """What building it asks for."""
    turns = np.abs(mesh.turns_deg).tolist()
    long = [float(np.linalg.norm(mesh.corners[a] - mesh.corners[b])) for a, b in mesh.beside]
    return Asks(len(turns), sum(turn < FLAT_DEG for turn in turns), min(long) / float(mesh.size[2]),
                len(turns) * _EDGE_MIN / 60)
