"""The lines of a sheet as work: every score with its fold and the face it is made from, every cut with what
it is."""

from __future__ import annotations

import math
from collections.abc import Iterator
from dataclasses import replace
from enum import StrEnum
from typing import NamedTuple

from mingei.core.draft import Crease
from mingei.core.flat.blank import Kind
from mingei.core.layout.common import cut_once
from mingei.core.layout.drawing import Stroke, Whose, pattern_strokes
from mingei.core.layout.place import Page, room
from mingei.core.layout.tile import cut_off
from mingei.core.plane.shape import Box, Line, Path, Point

#: A side no longer than this has no direction, and a tool has nothing to do there.
_NO_LENGTH_MM = 1e-6


class Face(StrEnum):
    """Which face of the sheet lies up."""

    PRINTED = "printed"
    BACK = "back"


class Faces(StrEnum):
    """The schools of scoring: each fold on the outside of its bend, mountains from the printed face and
    valleys from the back; or all from one."""

    OWN = "own"
    PRINTED = "printed"
    BACK = "back"


class Score(NamedTuple):
    """One straight score on the sheet, or one of those a curved score is made of.

    start, end: mm from the sheet's lower left corner, as the printed face is seen; face: it is made from;
    crease, angle_deg: of its fold; of: whose it is.
    """

    start: Point
    end: Point
    face: Face
    crease: Crease
    angle_deg: float
    of: Whose

    @property
    def length(self) -> float:
        return math.dist(self.start, self.end)


class Curve(NamedTuple):
    """A curved score, as a path on the sheet."""

    path: Path
    face: Face
    crease: Crease
    of: Whose


class Cut(NamedTuple):
    """One cut of a piece: its path on the sheet, what it is, whose."""

    path: Path
    kind: Kind
    of: Whose


class Lines(NamedTuple):
    """All there is to score and cut on a sheet."""

    scores: tuple[Score, ...]
    curves: tuple[Curve, ...]
    cuts: tuple[Cut, ...]


def page_strokes(page: Page) -> Iterator[Stroke]:
    """Every line of the pieces on a page; of a tile as far as its window reaches."""
    if page.tile is None:
        for item in page.items:
            yield from pattern_strokes(item.load.pattern, item.move, item.load.owner, item.copy)
        return
    space = room(page.sheet)
    window = Box(space.left, space.bottom, space.right, space.top)
    for item in page.items:
        for s in pattern_strokes(item.load.pattern, item.move, item.load.owner, item.copy):
            for part in cut_off(s.path, window):
                yield Stroke(s.ink, part, of=s.of)


def face_of(crease: Crease, faces: Faces) -> Face:
    """The face a fold is scored from."""
    if faces is Faces.OWN:
        return Face.PRINTED if crease is Crease.MOUNTAIN else Face.BACK
    return Face.PRINTED if faces is Faces.PRINTED else Face.BACK


def lines_of(page: Page, faces: Faces = Faces.OWN) -> Lines:
    """The lines of a page, as work.  Edges that two pieces have in common are cut once."""
    folds = {(i.load.owner, i.load.pattern.name, i.copy): i.load.pattern.folds for i in page.items}
    scores: list[Score] = []
    curves: list[Curve] = []
    cuts: list[Stroke] = []
    for stroke in page_strokes(page):
        of = stroke.of
        assert of is not None  # every line of a piece says whose it is
        if of.kind is Kind.SCORE:
            fold = folds[of.thing, of.piece, of.copy][of.number]
            face = face_of(fold.crease, faces)
            if fold.curved:
                curves.append(Curve(stroke.path, face, fold.crease, of))
            else:
                scores += [Score(s.start, s.end, face, fold.crease, abs(fold.angle_deg), of)
                           for s in stroke.path if isinstance(s, Line)]
        elif of.kind in (Kind.OUTLINE, Kind.OPENING, Kind.SLIT):
            long = tuple(side for side in stroke.path if side.length > _NO_LENGTH_MM)
            cuts.append(replace(stroke, path=long or stroke.path))
    if page.sheet.laying.gap <= 0.0 and len(page.items) > 1:
        cuts = cut_once(cuts)
    return Lines(tuple(scores), tuple(curves), tuple(Cut(c.path, c.of.kind, c.of) for c in cuts if c.of))
