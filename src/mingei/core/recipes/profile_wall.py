"""A flat outline with a wall round it: faces cut to the outline, a strip that follows it, folded at corners,
with teeth along curves.

Openings are walled too: their strips look into the opening, and free teeth turn behind the faces, whose own
opening is cut on the line. An overlay is a face once more, with a border left all round, glued on. The wall's
middle runs on the outline, so that the strip is as long as the outline whatever the card.  The strip begins
amid the longest straight side, where its joint shows least; where it would be longer than a sheet it is made
in several, each lapping onto the next.
"""

from __future__ import annotations

import itertools
import math
from dataclasses import replace
from typing import NamedTuple

from mingei.core.draft import (
    Crease,
    Draft,
    Edge,
    EdgeRef,
    Fold,
    Inset,
    Lap,
    Panel,
    Piece,
    Placement,
    Role,
    Seam,
    Within,
)
from mingei.core.drafting.outlines import LIBRARY, OWN
from mingei.core.errors import MeasureError
from mingei.core.joints import GLUE_TAB
from mingei.core.plane import contour
from mingei.core.plane.area import area_of
from mingei.core.plane.contour import Knot, Outline
from mingei.core.plane.shape import Line, Point, Polygon, arc_on, flat_points, outset
from mingei.core.recipes import Kind, Measure, Recipe, Values
from mingei.core.recipes.tube import LAP, SMOOTH, TOOTH
from mingei.core.words import say

ONE, TWO = "one", "two"
NONE, FRONT, ALL = "none", "front", "all"
#: The wall's middle lies on the outline: half a layer further in than a first layer does.
_ON_THE_LINE = -0.5
#: A corner that turns less than this is no fold, one that turns more cannot be folded; degrees.
_SMOOTH_DEG, _SHARPEST_DEG = 15.0, 165.0
#: One facet of a curve turns no further, degrees.
_FACET_DEG = 30.0
#: A side shorter than this takes no tab of its own, mm.
_LEAST_SIDE_MM = 1.5
#: So much of its depth (a share) a free tooth leans in, and this far (mm) the teeth of two walls keep apart.
_LEAN, _BETWEEN_MM = 0.1, 0.5
#: The thickest card it is made of, and the least a cut is moved by, mm.
_THICKEST_MM, _HAIR_MM = 0.5, 0.02
_STANDS = "it stands where the outline needs it"


LONGEST = Measure("strip", Kind.LENGTH, 240.0,
                  "longest piece of wall your sheet takes; a longer wall is made in several", 100.0, 1200.0,
                  label="Longest strip", stays=True)


class Side(NamedTuple):
    """One run of the wall: where it begins and ends, mm, and how far its arc turns, degrees."""

    start: Point
    end: Point
    sweep_deg: float

    @property
    def chord(self) -> float:
        return math.dist(self.start, self.end)

    @property
    def length(self) -> float:
        half = math.radians(abs(self.sweep_deg)) / 2
        return self.chord * half / math.sin(half) if half > 1e-9 else self.chord

    @property
    def way(self) -> float:
        """Direction of its chord, radians."""
        return math.atan2(self.end[1] - self.start[1], self.end[0] - self.start[0])


def shape_of(values: Values) -> tuple[Outline, ...]:
    """The outline a brief asks for and those of its openings, at its width."""
    name = str(values["outline"])
    drawn = (contour.read_shape(str(values["drawn"])) if name == OWN
             else contour.read_shape(LIBRARY[name], ours=True))
    return contour.sized_shape(drawn, float(values["width"]))


def outline_of(values: Values) -> Outline:
    """Its outer outline alone."""
    return shape_of(values)[0]


def sides(outline: Outline, smooth: float, longest: float) -> tuple[Side, ...]:
    """The outline as runs of wall, none longer than ``longest``, arcs as facets within ``smooth`` of the
    curve; begins amid the longest straight side, where there is one."""
    whole: list[Side] = []
    for here, after in zip(outline, (*outline[1:], outline[0]), strict=True):
        whole += divided(here, after, smooth, longest)
    straight = [s for s in whole if s.sweep_deg == 0.0]
    if straight:
        long = max(straight, key=lambda s: s.chord)
        at = whole.index(long)
        middle = ((long.start[0] + long.end[0]) / 2, (long.start[1] + long.end[1]) / 2)
        whole = [Side(middle, long.end, 0.0), *whole[at + 1:], *whole[:at], Side(long.start, middle, 0.0)]
    return tuple(whole)


def divided(here: Knot, after: Knot, smooth: float, longest: float) -> list[Side]:
    """One side of an outline as runs no longer than ``longest``, its arc within ``smooth`` of its chords,
    mm."""
    a, b = here.at, after.at
    if here.sweep_deg == 0.0:
        count = max(1, math.ceil(math.dist(a, b) / longest))
        at = [(a[0] + (b[0] - a[0]) * i / count, a[1] + (b[1] - a[1]) * i / count) for i in range(count + 1)]
        return [Side(p, q, 0.0) for p, q in itertools.pairwise(at)]
    arc = arc_on(a, b, here.sweep_deg)
    each = (math.degrees(2 * math.acos(max(0.0, 1 - smooth / arc.radius))) if smooth < arc.radius
            else _FACET_DEG)
    count = max(1, math.ceil(abs(here.sweep_deg) / min(each, _FACET_DEG)), math.ceil(arc.length / longest))
    at = [a, *(arc.at(i / count) for i in range(1, count)), b]
    return [Side(p, q, here.sweep_deg / count) for p, q in itertools.pairwise(at)]


def _turn_deg(a: Side, b: Side) -> float:
    """How far the wall turns from one run to the next, positive to the left."""
    return (math.degrees(b.way - a.way) + 180.0) % 360.0 - 180.0


class _Loop(NamedTuple):
    """One closed run of wall: the prefix of its names, its runs, and whether it goes round an opening,
    clockwise."""

    prefix: str
    runs: tuple[Side, ...]
    inner: bool


def loops(values: Values) -> tuple[_Loop, ...]:
    """The walls a brief asks for: round its outline, then round each opening."""
    outer, *inner = shape_of(values)
    smooth, longest = float(values["smooth"]), float(values["strip"]) / 2
    found = [_Loop("", sides(outer, smooth, longest), False)]
    found += [_Loop(f"inner {number} ", sides(contour.reversed_outline(o), smooth, longest), True)
              for number, o in enumerate(inner, 1)]
    return tuple(found)


def draft_profile(values: Values) -> Draft:
    """outline, drawn, width; depth: of the wall inside, mm; faces; tooth; lap; strip: longest piece of wall;
    overlay, border; smooth."""
    faces = ("front", "back") if values["faces"] == TWO else ("front",)
    depth, border = float(values["depth"]), float(values["border"])
    walls = loops(values)
    pieces = [piece for loop in walls for piece in _strips_of(loop, faces, values)]
    overlaid = {NONE: (), FRONT: ("front",), ALL: faces}[str(values["overlay"])]
    for face in faces:
        laps = (Lap(f"overlay on {face}", f"{face} overlay", face),) if face in overlaid else ()
        pieces.append(Piece(face, face, _faces(face, depth), (_face(face, face, walls),), folds=(), seams=(),
                            laps=laps))
    for face in overlaid:
        over = _face(f"{face} overlay", face, walls, border)
        pieces.append(Piece(over.name, over.name, _faces(face, depth), (over,), folds=(), part="mats"))
    return Draft(tuple(pieces), closes=False)


def _strips_of(loop: _Loop, faces: tuple[str, ...], values: Values) -> list[Piece]:
    """The wall along one loop, in as few strips as the sheet allows."""
    prefix, runs, _ = loop
    depth, tooth, lap = (float(values[k]) for k in ("depth", "tooth", "lap"))
    count = len(runs)
    tight = [abs(_turn_deg(runs[i - 1], runs[i])) < _SMOOTH_DEG
             or bool(runs[i - 1].sweep_deg and runs[i].sweep_deg
             and abs(_turn_deg(runs[i - 1], runs[i])) <= _FACET_DEG) for i in range(count)]
    curved = [bool(run.sweep_deg) for run in runs]
    groups = _strips(runs, float(values["strip"]) - lap)
    names = [f"{prefix}wall {i + 1}" for i in range(count)]
    wholes = [whole and f"{prefix}{whole}" for whole in _wholes(curved, tight)]
    pieces = []
    for number, group in enumerate(groups, 1):
        panels = [_wall(names[i], runs[i].chord, depth, wholes[i]) for i in group]
        panels[0] = replace(panels[0], edges=_round_the_corner(runs[group[0] - 1], runs[group[0]]))
        order = list(group)  # the run each panel follows
        onto: list[tuple[str, str]] = []  # what laps over, and what lies beneath it
        left, i = lap, (group[-1] + 1) % count
        while left > 1e-9:  # the strip goes on along the outline
            share = min(1.0, left / runs[i].chord)
            name = f"{prefix}lap {number}.{len(order) - len(group) + 1}"
            panels.append(_wall(name, runs[i].chord * share, depth, wholes[i] or f"{prefix}lap {number}"))
            onto.append((name, names[i]))
            order.append(i)
            left -= runs[i].chord * share
            i = (i + 1) % count
        folds = []
        for (a, before), (b, after) in zip(zip(panels, order, strict=True),
                                           zip(panels[1:], order[1:], strict=True), strict=False):
            turn = _turn_deg(runs[before], runs[after])
            take = (runs[before].length - runs[before].chord + runs[after].length - runs[after].chord) / 2
            folds.append(Fold(EdgeRef(a.name, 1), EdgeRef(b.name, 3), abs(turn), 2,
                              Crease.MOUNTAIN if turn >= 0 else Crease.VALLEY,
                              bend=tight[after], take_mm=take))
        seams: list[Seam] = []
        behind: list[Lap] = []
        for face in faces:
            for i in group:
                if loop.inner:
                    for tooth_panel, fold in _free_tooth(face, prefix, names[i], i, runs, tooth):
                        panels.append(tooth_panel)
                        folds.append(fold)
                        behind.append(Lap(f"{face} on {tooth_panel.name}", face, tooth_panel.name))
                else:
                    seams += _tooth(face, names[i], i, count, tooth, runs[i])
        pieces.append((Piece(f"{prefix}strip {number}" if len(groups) > 1 else f"{prefix}strip",
                             panels[0].name, _stands(runs[group[0]]),
                             tuple(panels), folds=tuple(folds), seams=tuple(seams), laps=tuple(behind),
                             ring_last=True), onto))
    # what is lapped over belongs to the piece beneath
    laps: dict[str, list[Lap]] = {}
    for _, onto in pieces:
        for upper, lower in onto:
            laps.setdefault(lower, []).append(Lap(f"{upper} joint", upper, lower))
    return [replace(piece, laps=(*piece.laps, *(found for p in piece.panels
                                                for found in laps.get(p.name, ())))) for piece, _ in pieces]


def _round_the_corner(before: Side, after: Side) -> tuple[tuple[int, Edge], ...]:
    """The end of a strip that begins at a corner stays clear of the thickness of the wall before, which turns
    there beneath it."""
    away = ((_THICKEST_MM / 2 + _HAIR_MM)
            * math.tan(math.radians(min(abs(_turn_deg(before, after)), _SHARPEST_DEG)) / 2))
    return ((3, Inset(min(away, after.chord / 4))),) if away > _HAIR_MM else ()


def _wall(name: str, width: float, depth: float, whole: str) -> Panel:
    return Panel(name, ((0.0, 0.0), (width, 0.0), (width, depth), (0.0, depth)), layer=_ON_THE_LINE,
                 whole=whole)


def _wholes(curved: list[bool], tight: list[bool]) -> list[str]:
    """The curved stretch each run belongs to: runs that follow each other without a fold; "" for one that
    stands alone."""
    count = len(curved)
    stretch, number = [0] * count, 0
    for i in range(count):
        if i and not tight[i]:
            number += 1
        stretch[i] = number
    alone = {n for n in stretch if stretch.count(n) == 1 and not curved[stretch.index(n)]}
    return ["" if n in alone else f"side {n + 1}" for n in stretch]


def _strips(runs: tuple[Side, ...], longest: float) -> list[list[int]]:
    """Runs gathered into as few strips as a sheet allows, about alike in length."""
    groups: list[list[int]] = [[]]
    total = sum(run.length for run in runs)
    about, used = total / math.ceil(total / longest), 0.0
    for i, run in enumerate(runs):
        if groups[-1] and (used + run.length > longest or used + run.length / 2 > about):
            groups.append([])
            used = 0.0
        groups[-1].append(i)
        used += run.length
    return groups


def _tooth(face: str, wall: str, i: int, count: int, depth: float, run: Side) -> tuple[Seam, ...]:
    if run.chord < _LEAST_SIDE_MM:
        return ()
    front = face == "front"
    return (Seam(f"{face} teeth {i + 1}", GLUE_TAB, EdgeRef(wall, 2 if front else 0),
                 EdgeRef(face, i if front else count - 1 - i),
                 depth, 1, 90.0, fixed=_STANDS, row=f"{face} teeth"),)


def _free_tooth(face: str, prefix: str, wall: str, i: int, runs: tuple[Side, ...],
                depth: float) -> list[tuple[Panel, Fold]]:
    """A tooth of an opening's wall, turned behind the face; it leans in where the next would meet it."""
    run = runs[i]
    if run.chord < _LEAST_SIDE_MM:
        return []
    turns = (_turn_deg(runs[i - 1], run), _turn_deg(run, runs[(i + 1) % len(runs)]))
    leans = [max(_LEAN, 1 / math.tan(math.radians(180.0 - turn) / 2)) if turn > 0 else _LEAN
             for turn in turns]
    deep = min(depth, 0.75 * run.chord / sum(leans))
    # its hinge begins where the run does, or ends
    left, right = (lean * deep for lean in (leans if face == "front" else leans[::-1]))
    outline = ((0.0, 0.0), (run.chord, 0.0), (run.chord - right, deep), (left, deep))
    name = f"{prefix}{face} teeth {i + 1}"
    panel = Panel(name, outline, layer=0, role=Role.FLAP, edges=((1, Within()), (3, Within())),
                  whole=f"{prefix}{face} teeth")
    return [(panel, Fold(EdgeRef(wall, 2 if face == "front" else 0), EdgeRef(name, 0), 90.0, 1))]


def _stands(run: Side) -> Placement:
    x, y = math.cos(run.way), math.sin(run.way)
    return Placement((run.start[0], run.start[1], 0.0), (x, y, 0.0), (0.0, 0.0, 1.0))


def _faces(face: str, depth: float) -> Placement:
    """The front looks up, the back down at the table."""
    if face == "front":
        return Placement((0.0, 0.0, depth), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0))
    return Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))


def _face(name: str, face: str, walls: tuple[_Loop, ...], border: float = 0.0) -> Panel:
    """A face, or with a border its overlay; the front's side i meets run i, the back's, mirrored, the last
    run first."""
    def around(loop: _Loop) -> tuple[Polygon, tuple[float, ...]]:
        points, sweeps = tuple(run.start for run in loop.runs), tuple(run.sweep_deg for run in loop.runs)
        if border:
            points = outset(tuple(points), (-border,) * len(points))
        if face == "back":
            points = tuple((x, -y) for x, y in (*points[1:], points[0]))[::-1]
            sweeps = sweeps[::-1]
        return points, sweeps

    outline, sweeps = around(walls[0])
    holes = []
    for loop in walls[1:]:
        corners, turns = around(loop)
        holes.append(tuple(arc_on(a, b, turn) if turn else Line(a, b)
                           for a, b, turn in zip(corners, (*corners[1:], corners[0]), turns, strict=True)))
    curves = tuple((i, sweep) for i, sweep in enumerate(sweeps) if sweep)
    return Panel(name, outline, layer=1, curves=curves, holes=tuple(holes), on=face if border else "")


def sound(values: Values) -> None:
    """Raises MeasureError where there is no wall to fold round the outline, naming the measure at fault."""
    if values["outline"] == OWN and not values["drawn"]:
        raise MeasureError("no outline of your own is there yet", "outline",
                           "read one from an SVG drawing, or choose one of ours")
    walls = loops(values)
    for loop in walls:
        for a, b in zip(loop.runs, (*loop.runs[1:], loop.runs[0]), strict=True):
            if abs(_turn_deg(a, b)) > _SHARPEST_DEG:
                raise MeasureError("its wall cannot be folded round so sharp a point", "outline",
                                   "blunt the point")
        if min(run.chord for run in loop.runs) < contour.SHORTEST_MM * 4:
            raise MeasureError("a side of the outline is too short to fold", "width",
                               "make it larger, or draw the outline simpler")
        around, lap = sum(run.length for run in loop.runs), float(values["lap"])
        if loop.inner and around < 2 * lap:
            raise MeasureError("the lap goes half round an opening", "lap",
                               "shorten it, or make it all larger")
        strips = len(_strips(loop.runs, float(values["strip"]) - lap))
        if strips > 1 and lap > around / strips / 2:
            raise MeasureError("so long a lap covers half the next strip", "lap",
                               "shorten it, or take longer strips")
    if len(walls) > 1:
        _room_between(values)
    if values["overlay"] != NONE:
        _room_within(walls, float(values["border"]))
        if len(walls) > 1:
            most = (_least_between(values) - _BETWEEN_MM) / 2
            if float(values["border"]) > most:
                raise MeasureError("so wide a border leaves nothing of the overlay beside an opening",
                                   "border",
                                   say("write {most:g} mm or less", most=math.floor(most * 10) / 10))


def _least_between(values: Values) -> float:
    """The least distance from an opening of the outline to its edge or to another opening, mm."""
    outer, *inner = (area_of(flat_points(contour.path(o))[:-1]) for o in shape_of(values))
    return float(min([outer.exterior.distance(hole) for hole in inner]
                     + [a.distance(b) for a, b in itertools.combinations(inner, 2)]))


def _room_between(values: Values) -> None:
    """Raises MeasureError where the teeth of two walls would meet."""
    if _least_between(values) < 2 * float(values["tooth"]) + _BETWEEN_MM:
        raise MeasureError("the teeth of two walls would meet", "tooth",
                           "make the teeth shorter, or the outline larger")


def _room_within(walls: tuple[_Loop, ...], border: float) -> None:
    """Raises MeasureError where an overlay with so wide a border would have a side run backwards."""
    for loop in walls:
        points = tuple(run.start for run in loop.runs)
        moved = outset(tuple(points), (-border,) * len(points))
        for (a, b), (p, q) in zip(itertools.pairwise((*points, points[0])),
                                  itertools.pairwise((*moved, moved[0])), strict=True):
            if ((b[0] - a[0]) * (q[0] - p[0]) + (b[1] - a[1]) * (q[1] - p[1]) < contour.SHORTEST_MM
                * math.dist(a, b)):
                raise MeasureError("so wide a border leaves a side of the overlay no length", "border",
                                   "make it narrower")


RECIPE = Recipe(
    id="profile-wall", title="Outline with wall", family="shapes",
    purpose="any flat outline made thick: faces and a strip of wall round them",
    also=("letter", "number", "3d letter", "heart", "star", "marquee", "sign", "thick shape"),
    measures=(
        Measure("outline", Kind.CHOICE, "heart", "which outline; one of your own is read from an SVG drawing",
                choices=(*((name, name) for name in LIBRARY), (OWN, "of your own"))),
        Measure("drawn", Kind.OUTLINE, "", "corners of your own outline", label="Own outline"),
        Measure("width", Kind.LENGTH, 80.0, "across the outline", 20.0, 800.0),
        Measure("depth", Kind.LENGTH, 20.0, "of the wall, inside", 5.0, 200.0),
        Measure("faces", Kind.CHOICE, TWO, "whether it is closed on both sides",
                choices=((ONE, "front only"), (TWO, "front and back"))),
        TOOTH, LAP,
        Measure("overlay", Kind.CHOICE, NONE, "a face once more to glue on, of another paper",
                choices=((NONE, "none"), (FRONT, "front"),
                         (ALL, "all faces"))),
        Measure("border", Kind.LENGTH, 3.0, "left free all round the overlay", 0.5, 30.0, stays=True),
        LONGEST,
        SMOOTH,
    ),
    draft=draft_profile, thinnest=0.08, thickest=_THICKEST_MM, contradictions=sound,
    gives=("border", "tooth", "lap"), stock="card-220",
)
