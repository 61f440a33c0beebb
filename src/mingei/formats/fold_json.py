"""FOLD 1.2: the flat crease pattern and the folded form, face for face, as open JSON.

For each piece a frame pair: the flat in mm (z = 0, printed face up), then the folded form on mid-surfaces,
posed in the whole.
"""

from __future__ import annotations

import json
import math
from collections.abc import Sequence
from typing import Any, TypeAlias

from mingei import __version__
from mingei.core.document.build import Build
from mingei.core.draft import Role
from mingei.core.draft.joint import Stands
from mingei.core.errors import ExportError
from mingei.core.flat.pattern import FlatPanel, Pattern
from mingei.core.folded import fold
from mingei.core.folded.spine import cut_back
from mingei.core.plane.shape import Point
from mingei.core.words import say, some_of


def fold_file(build: Build, piece: str = "") -> bytes:
    """The pieces of a build, or the one named.

    Raises ExportError naming the pieces there are.
    """
    patterns = [p for p in build.patterns if not piece or p.name == piece]
    if not patterns:
        raise ExportError("no piece has that name", say("piece {piece!r}", piece=piece),
                          say("choose one of: {names}",
                              names=some_of((p.name for p in build.patterns), piece)))
    frames = [frame for p in patterns for frame in _frames(p, build)]
    document: dict[str, Any] = {
        "file_spec": 1.2, "file_creator": f"Mingei {__version__}", "file_title": build.brief.name,
        "file_classes": ["singleModel"] if len(patterns) == 1 else ["multiModel"],
        **frames[0], "file_frames": frames[1:],
    }
    return (json.dumps(document, ensure_ascii=False) + "\n").encode()


def whole_file(things: Sequence[tuple[Build, int, Any]]) -> bytes:
    """The pieces of several things where they stand in one whole.  things: each with which of several it is,
    and the way from it to the whole (4, 4)."""
    frames: list[dict[str, Any]] = []
    for build, turn, pose in things:
        name = build.brief.name if turn == 0 else f"{build.brief.name} {turn + 1}"
        for pattern in build.patterns:
            flat, folded = _frames(pattern, build)
            folded["vertices_coords"] = [
                [round(float(sum(pose[i][k] * p[k] for k in range(3)) + pose[i][3]), 9) for i in range(3)]
                for p in folded["vertices_coords"]]
            for frame in (flat, folded):
                frame["frame_title"] = f"{name}: {frame['frame_title']}"
                frame["mingei:thing"] = name
                frame.pop("mingei:inside_mm", None)  # told in the thing's own place, not in the whole's
            frames += [flat, folded]
    document: dict[str, Any] = {
        "file_spec": 1.2, "file_creator": f"Mingei {__version__}", "file_title": things[0][0].brief.name,
        "file_classes": ["multiModel"], **frames[0], "file_frames": frames[1:],
    }
    return (json.dumps(document, ensure_ascii=False) + "\n").encode()


#: What an edge is: a fold by number, and whether it is the line itself or the hinge of a spine beside it;
#: None for a cut.
_Kind: TypeAlias = tuple[int, str] | None
SCORE, HINGE = "score", "hinge"
#: An edge of a hole.
_HOLE = (-1, "hole")


class _Net:
    """A pattern as vertices, edges and faces; edges shared by two panels are one edge.

    faces: of every panel in the pattern's order, then of the spines.  at: of each vertex a face that has it,
    by number, and where in its coordinates; labels: of each face the folds of its sides, None for a cut.
    """

    def __init__(self, pattern: Pattern) -> None:
        self.pattern = pattern
        loops, self.spines = cut_back(pattern)
        self.flat: list[Point] = []
        self.at: list[tuple[int, Point]] = []
        self.edges: list[tuple[int, int]] = []
        self.kinds: list[_Kind] = []
        self.faces: list[list[int]] = []
        self.face_edges: list[list[int]] = []
        self.labels: list[list[int | None]] = []
        self._vertex: dict[tuple[int, int, int], int] = {}
        self._edge: dict[tuple[int, int], int] = {}
        turned = {spine.fold for spine in self.spines}
        for number, panel in enumerate(pattern.panels):
            loop = loops[panel.name]
            sides: list[_Kind] = [
                None if label is None else (label, HINGE if label in turned else SCORE) for _, label in loop]
            self._add(number, panel, [(p, 0) for p, _ in loop], sides)
        for spine in self.spines:  # its outer side is the line the fold is scored along
            panel = pattern.by_name[spine.panel]
            inner = {spine.hinge_at, spine.hinge_at + 1}
            points = [(p, 0 if i in inner else spine.fold + 1) for i, p in enumerate(spine.strip)]
            sides = [None for _ in points]
            sides[0], sides[spine.hinge_at] = (spine.fold, SCORE), (spine.fold, HINGE)
            self._add(len(self.faces), panel, points, sides)
        for number, panel in enumerate(pattern.panels):
            # a face has no holes in this format: they stand as cut edges within it
            for hole in panel.hole_polygons:
                ring = [self._number(number, panel, p) for p in hole]
                self.edges += [*zip(ring, (*ring[1:], ring[0]), strict=True)]
                self.kinds += [_HOLE] * len(ring)
            for a, b in panel.gap_sides:  # of an opening that crosses bends, what falls into this facet
                self.edges.append((self._number(number, panel, a), self._number(number, panel, b)))
                self.kinds.append(_HOLE)

    def _number(self, face: int, panel: FlatPanel, p: Point, own: int = 0) -> int:
        """The vertex at a point; own: vertices of different kinds are never one, though they lie in one place
        on the flat."""
        q = panel.frame.apply(p)
        x, y = round(q[0] * 1e5), round(q[1] * 1e5)
        for near in ((x + i, y + j, own) for i in (0, 1, -1) for j in (0, 1, -1)):
            if near in self._vertex and math.dist(self.flat[self._vertex[near]], q) < 1e-5:
                return self._vertex[near]
        self._vertex[x, y, own] = len(self.flat)
        self.flat.append(q)
        self.at.append((face, p))
        return self._vertex[x, y, own]

    def _add(self, face: int, panel: FlatPanel, points: Sequence[tuple[Point, int]],
             sides: Sequence[_Kind]) -> None:
        corners = [self._number(face, panel, p, own) for p, own in points]
        edges = []
        for a, b, side in zip(corners, (*corners[1:], corners[0]), sides, strict=True):
            key = (min(a, b), max(a, b))
            if key not in self._edge:
                self._edge[key] = len(self.edges)
                self.edges.append((a, b))
                self.kinds.append(side)
            edges.append(self._edge[key])
        self.faces.append(corners)
        self.face_edges.append(edges)
        self.labels.append([None if side is None else side[0] for side in sides])

    def scores(self, face: int) -> list[int]:
        """The edges of a face that are folded."""
        return [e for e, label in zip(self.face_edges[face], self.labels[face], strict=True)
                if label is not None]

    def folded(self) -> list[list[float]]:
        """Where every vertex stands when all is folded."""
        posed = fold.finished(self.pattern)
        matrices = ([posed[p.name] for p in self.pattern.panels]
                    + [s.matrix(posed[s.panel]) for s in self.spines])
        return [[round(float(c), 9) for c in fold.place(matrices[face], [p])[0]] for face, p in self.at]

    def turn(self, kind: _Kind) -> tuple[str, float]:
        """What an edge is, and its angle, mountain positive, degrees."""
        if kind is None or kind == _HOLE:
            return ("B" if kind is None else "C"), 0.0
        line, where = self.pattern.folds[kind[0]], kind[1]
        lean = next((s.lean_deg for s in self.spines if s.fold == kind[0]), 0.0)
        if where == HINGE:
            return "U", lean
        turn = line.angle_deg - 2 * lean
        return ("F" if turn == 0.0 else "U" if line.bend else "M" if turn > 0 else "V"), turn


def _frames(pattern: Pattern, build: Build) -> tuple[dict[str, Any], dict[str, Any]]:
    net = _Net(pattern)
    index = {p.name: i for i, p in enumerate(pattern.panels)}
    turns = [net.turn(kind) for kind in net.kinds]
    faces = [{"name": p.name, "role": str(p.role), "tab": p.role in (Role.TAB, Role.LIP), "layer": p.layer}
             for p in pattern.panels]
    for spine in net.spines:
        line = pattern.folds[spine.fold]
        faces.append({"name": f"{line.parent} to {line.child}, spine beside {spine.panel}", "role": "spine",
                      "tab": False,
                      "layer": pattern.by_name[spine.panel].layer})
    shared: dict[str, Any] = {
        "frame_unit": "mm",
        "edges_vertices": [list(e) for e in net.edges], "edges_assignment": [kind for kind, _ in turns],
        "edges_foldAngle": [-turn or 0.0 for _, turn in turns],
        "faces_vertices": net.faces, "faces_edges": net.face_edges,
        "mingei:piece": pattern.name,
        "mingei:thickness_mm": pattern.stock.caliper_mm,
        "mingei:faces": faces,
        "mingei:seams": _seams(pattern, build, net, index),
    }
    if build.draft.inside_mm:
        shared["mingei:inside_mm"] = list(build.draft.inside_mm)
    flat = {
        "frame_title": f"{pattern.name}, flat", "frame_classes": ["creasePattern"],
        "frame_attributes": ["2D"],
        "vertices_coords": [[round(c, 9) for c in p] for p in net.flat], **shared,
    }
    folded = {
        "frame_title": f"{pattern.name}, folded", "frame_classes": ["foldedForm"], "frame_attributes": ["3D"],
        "vertices_coords": net.folded(), **shared,
    }
    return flat, folded


def _seams(pattern: Pattern, build: Build, net: _Net, index: dict[str, int]) -> list[dict[str, Any]]:
    """Seams: a is the tab with its hinge, b the host with the edge the tab comes in under; gap_mm is between
    mid-surfaces."""
    closures = {c.seam: c for c in fold.closure(pattern, build.patterns)}
    result: list[dict[str, Any]] = []
    for seam in pattern.seams:
        if seam.host not in pattern.by_name:  # glued to a face of another piece, or to a flap there
            result.append({"name": seam.name, "kind": str(seam.joint), "a": [index[seam.name], []], "b": None,
                           "b_face": seam.fellow or seam.host,
                           "gap_mm": round(closures[seam.name].apart_mm, 9)})
            continue
        if seam.fellow:  # a fin: the two flaps and their hinges
            hinges = [net.scores(index[name]) for name in (seam.name, seam.fellow)]
            result.append({"name": seam.name, "kind": str(seam.joint), "a": [index[seam.name], hinges[0]],
                           "b": [index[seam.fellow], hinges[1]],
                           "gap_mm": round(closures[seam.name].apart_mm, 9)})
            continue
        host = pattern.by_name[seam.host]
        hinge = net.scores(index[seam.name])
        result.append({
            "name": seam.name, "kind": str(seam.joint),
            "a": [index[seam.name], hinge],
            "b": [index[seam.host], _edge_beside(net, index[seam.host], host, seam.host_edge)],
            "gap_mm": round(closures[seam.name].apart_mm, 9),
        })
    for mate in pattern.mates:
        if mate.joint.stands is Stands.EDGES_MEET:
            ends = [[index[name], _edge_beside(net, index[name], pattern.by_name[name],
                                               _own(pattern, name, line))]
                    for name, line in ((mate.carrier, mate.carrier_line), (mate.host, mate.host_line))
                    if line is not None]
            # the other edge is another piece's
            other = {"b": ends[1]} if len(ends) > 1 else {"b": None, "b_face": mate.host}
            result.append({"name": mate.seam, "kind": str(mate.joint), "a": ends[0], **other,
                           "gap_mm": round(fold.edges_apart(pattern, mate, build.patterns), 9)})
        elif mate.joint.stands is Stands.CROSSED:
            result.append({"name": mate.seam, "kind": str(mate.joint), "a": [index[mate.carrier], []],
                           **({"b": [index[mate.host], []]} if mate.host in index
                              else {"b": None, "b_face": mate.host}),
                           "gap_mm": round(closures[mate.seam].apart_mm, 9)})
        elif mate.joint.stands not in (Stands.LANDED, Stands.BACK_TO_BACK):  # a side on a board
            edge = _edge_beside(net, index[mate.carrier], pattern.by_name[mate.carrier],
                                _own(pattern, mate.carrier, mate.carrier_line))
            result.append({"name": mate.seam, "kind": str(mate.joint), "a": [index[mate.carrier], edge],
                           **({"b": [index[mate.host], []]} if mate.host in index
                              else {"b": None, "b_face": mate.host}),
                           "gap_mm": round(closures[mate.seam].apart_mm, 9)})
    for lap in pattern.laps:
        sides: dict[str, Any] = {}
        for end, name in (("a", lap.lower), ("b", lap.upper)):
            sides |= {end: [index[name], []]} if name in index else {end: None, f"{end}_face": name}
        result.append({"name": lap.name, "kind": "lap" if lap.glued else "open", **sides,
                       "gap_mm": round(closures[lap.name].apart_mm, 9)})
    return result


def _own(pattern: Pattern, name: str, line: tuple[Point, Point]) -> tuple[Point, Point]:
    """A line of the flat in a panel's own coordinates."""
    inverse = pattern.by_name[name].frame.inverse()
    return inverse.apply(line[0]), inverse.apply(line[1])


def _edge_beside(net: _Net, face: int, host: FlatPanel, nominal: tuple[Point, Point]) -> list[int]:
    """The host's edge nearest to, and along, its nominal edge."""
    (ax, ay), (bx, by) = nominal
    ux, uy = (bx - ax) / math.dist(*nominal), (by - ay) / math.dist(*nominal)
    inverse = host.frame.inverse()
    found = []
    for number, (p, q) in zip(net.face_edges[face], _sides(net, face), strict=True):
        (px, py), (qx, qy) = inverse.apply(p), inverse.apply(q)
        along = (qx - px) * ux + (qy - py) * uy
        if along > 0.999 * math.hypot(qx - px, qy - py):
            found.append((abs((px - ax) * uy - (py - ay) * ux), number))
    if not found:  # an arc: the chord nearest to the middle of the edge
        middle = ((ax + bx) / 2, (ay + by) / 2)
        return [min(zip(net.face_edges[face], _sides(net, face), strict=True),
                    key=lambda item: math.dist(middle, inverse.apply(((item[1][0][0] + item[1][1][0]) / 2,
                                                                      (item[1][0][1] + item[1][1][1]) / 2))))[
                                                                          0]]
    least = min(distance for distance, _ in found)
    return [number for distance, number in found if distance < least + 1e-6]


def _sides(net: _Net, face: int) -> list[tuple[Point, Point]]:
    corners = net.faces[face]
    return [(net.flat[a], net.flat[b]) for a, b in zip(corners, (*corners[1:], corners[0]), strict=True)]
