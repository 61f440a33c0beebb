"""Hidden surfaces without a picture buffer: polygons in the order a painter lays them down.

A binary space partition (Fuchs, Kedem and Naylor, On visible surface generation by a priori tree structures,
1980) splits polygons where they cross, so that drawing back to front is right from any eye.
"""

from __future__ import annotations

from collections.abc import Generator, Iterable, Iterator
from dataclasses import dataclass
from typing import NamedTuple, TypeVar

import numpy as np
from numpy.typing import NDArray

from mingei.core.folded.solid import Solids
from mingei.core.folded.view import Camera

Array = NDArray[np.float64]
T = TypeVar("T")
_EPSILON = 1e-6

#: More faces than this are not cut where they cross each other.
MANY = 260
#: Of more faces, those out of sight are left out first, found on a raster so high; if not more than this are
#: left, they are cut.
_RASTER, _MANY_IN_SIGHT = 480, 2500
#: A face too small for the raster is in sight if it lies less than this behind what is seen there, mm.
_BEHIND_MM = 1.0


class Face(NamedTuple):
    """A flat convex polygon in space, its normal, and the triangle of the model it is part of."""

    points: Array
    normal: Array
    source: int


class Seen(NamedTuple):
    """A face as the picture shows it: points (n, 2), 0..1 from left to right and from bottom to top; shade
    0..1 of full light."""

    points: Array
    source: int
    shade: float


@dataclass
class _Node:
    point: Array
    normal: Array
    here: list[Face]
    front: _Node | None = None
    back: _Node | None = None


def back_to_front(faces: Iterable[Face], eye: Array) -> Iterator[Face]:
    """The faces, cut where they cross, those furthest from the eye first."""
    yield from _walk(finished(_tree(list(faces))), eye)


def finished(steps: Generator[None, None, T]) -> T:
    """What work done step by step comes to, done at once."""
    while True:
        try:
            next(steps)
        except StopIteration as end:
            result: T = end.value
            return result


def _walk(root: _Node | None, eye: Array) -> Iterator[Face]:
    stack: list[tuple[_Node | None, bool]] = [(root, False)]
    while stack:
        node, ready = stack.pop()
        if node is None:
            continue
        if ready:
            yield from node.here
            continue
        nearer, further = ((node.front, node.back) if float(np.dot(node.normal, eye - node.point)) >= 0
                           else (node.back, node.front))
        stack += [(nearer, False), (node, True), (further, False)]


def _tree(faces: list[Face]) -> Generator[None, None, _Node | None]:
    """The partition, a node a step."""
    if not faces:
        return None
    root = _Node(faces[0].points[0], faces[0].normal, [])
    work = [(root, faces)]
    while work:
        node, rest = work.pop()
        front: list[Face] = []
        back: list[Face] = []
        # all heights over the node's plane at once: one by one, a ball of many facets takes half a second
        starts = np.cumsum([0, *(len(face.points) for face in rest[:-1])])
        heights = (np.concatenate([face.points for face in rest]) - node.point) @ node.normal
        lows, highs = (np.minimum.reduceat(heights, starts).tolist(),
                       np.maximum.reduceat(heights, starts).tolist())
        for face, low, high, start in zip(rest, lows, highs, starts.tolist(), strict=True):
            if low >= -_EPSILON and high <= _EPSILON:
                node.here.append(face)
            elif low >= -_EPSILON:
                front.append(face)
            elif high <= _EPSILON:
                back.append(face)
            else:
                _cut(face, heights[start:start + len(face.points)], front, back)
        if front:
            node.front = _Node(front[0].points[0], front[0].normal, [])
            work.append((node.front, front))
        if back:
            node.back = _Node(back[0].points[0], back[0].normal, [])
            work.append((node.back, back))
        yield
    return root


def _cut(face: Face, height: Array, front: list[Face], back: list[Face]) -> None:
    """Cut a face in two where it crosses a plane its points stand so high over."""
    for side, into in ((1.0, front), (-1.0, back)):
        kept: list[Array] = []
        for i, p in enumerate(face.points):
            q, a, b = face.points[i - 1], side * height[i - 1], side * height[i]
            if (a > _EPSILON and b < -_EPSILON) or (a < -_EPSILON and b > _EPSILON):
                kept.append(q + (p - q) * (a / (a - b)))
            if b >= -_EPSILON:
                kept.append(p)
        if len(kept) >= 3:
            into.append(face._replace(points=np.array(kept)))


def seen(shape: Solids, camera: Camera, aspect: float, light: Array, many: int = MANY) -> list[Seen]:
    """The model as the camera sees it, in painting order, faces turned away left out.  aspect: width over
    height of the picture; many: of more faces than this those out of sight are left out."""
    return finished(seen_in_steps(shape, camera, aspect, light, many, sifted=True))


def seen_in_steps(shape: Solids, camera: Camera, aspect: float, light: Array,
                  many: int = MANY, sifted: bool = False) -> Generator[None, None, list[Seen]]:
    """As ``seen``, in steps of a millisecond or so, for one who has other things to do between.  sifted:
    whether those out of sight are looked for; where not, more faces than many are not cut where they cross
    each other."""
    eye = camera.eye()
    spread = np.linalg.norm(np.cross(shape.triangles[:, 1] - shape.triangles[:, 0],
                                     shape.triangles[:, 2] - shape.triangles[:, 0]), axis=1)
    facing = np.einsum("ij,ij->i", shape.normals, eye - shape.triangles[:, 0]) > 0
    faces = [Face(shape.triangles[i], shape.normals[i], int(i))
             for i in np.flatnonzero((spread > 1e-9) & facing)]
    matrix = camera.matrix(aspect)
    result = []
    if len(faces) > many and sifted:
        sight = _in_sight(shape.triangles[[face.source for face in faces]], matrix, aspect)
        faces = [face for face, shown in zip(faces, sight, strict=True) if shown]
        many = _MANY_IN_SIGHT
    if len(faces) > many:  # so many are all small: the order of their middles will do
        faces.sort(key=lambda face: -float(((face.points.mean(axis=0) - eye) ** 2).sum()))
    else:
        faces = list(_walk((yield from _tree(faces)), eye))
    for number, face in enumerate(faces):
        if number % 50 == 49:
            yield
        clip = np.concatenate([face.points, np.ones((len(face.points), 1))], axis=1) @ matrix.T
        points = (clip[:, :2] / clip[:, 3:4] + 1) / 2
        result.append(Seen(points, face.source, 0.66 + 0.34 * max(0.0, float(np.dot(face.normal, light)))))
    return result


def _in_sight(triangles: Array, matrix: Array, aspect: float) -> NDArray[np.bool_]:
    """Which of many triangles (n, 3, 3) something is seen of, found on a raster: each is laid on it as near
    as it is (one over its distance, which is straight across a picture)."""
    clip = np.concatenate([triangles, np.ones((*triangles.shape[:2], 1))], axis=2) @ matrix.T
    size = round(_RASTER * aspect), _RASTER
    at = (clip[:, :, :2] / clip[:, :, 3:4] + 1) / 2 * size - 0.5
    near = 1.0 / clip[:, :, 3]
    first = np.maximum(np.ceil(at.min(axis=1)), 0).astype(int)
    last = np.minimum(np.floor(at.max(axis=1)), np.array(size) - 1).astype(int)
    nearest, whose = np.zeros(size[::-1]), np.full(size[::-1], -1)
    ab, ac = at[:, 1] - at[:, 0], at[:, 2] - at[:, 0]
    area = ab[:, 0] * ac[:, 1] - ac[:, 0] * ab[:, 1]
    covers = np.zeros(len(triangles), np.bool_)
    for k in np.flatnonzero((first <= last).all(axis=1) & (np.abs(area) > _EPSILON)):
        (left, low), (right, high) = first[k], last[k]
        x, y = np.arange(left, right + 1) - at[k, 0, 0], (np.arange(low, high + 1) - at[k, 0, 1])[:, None]
        b, c = (x * ac[k, 1] - ac[k, 0] * y) / area[k], (ab[k, 0] * y - x * ab[k, 1]) / area[k]
        inside = (b >= 0) & (c >= 0) & (b + c <= 1)
        covers[k] = inside.any()
        there = near[k, 0] + b * (near[k, 1] - near[k, 0]) + c * (near[k, 2] - near[k, 0])
        patch = slice(low, high + 1), slice(left, right + 1)
        before = inside & (there > nearest[patch])
        nearest[patch][before], whose[patch][before] = there[before], k
    shown = np.zeros(len(triangles), np.bool_)
    shown[whose[whose >= 0]] = True
    middle = np.clip(np.rint(at.mean(axis=1)).astype(int), 0, np.array(size) - 1)
    found = nearest[middle[:, 1], middle[:, 0]]
    beyond = 1.0 / near.mean(axis=1) - 1.0 / np.maximum(found, 1e-12)
    small = np.asarray(~covers & (beyond < _BEHIND_MM), np.bool_)
    return np.asarray(shown | small, np.bool_)
