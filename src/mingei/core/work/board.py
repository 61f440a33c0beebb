"""Scoring on a board with grooves: which scores a groove makes, and by how much the sheet is set off from
the fence so that most of them are.

A groove every pitch from the fence; a sheet set off by a spacer s brings a line that lies d from its edge
onto one where d + s is near a multiple of the pitch.
"""

from __future__ import annotations

from typing import NamedTuple

from mingei.core.plane.shape import Box
from mingei.core.work.lines import Face
from mingei.core.work.placements import Placement
from mingei.core.work.plan import Fence, Work

#: How near a score must lie to a groove to be made in it, mm.
NEAR_MM = 0.25


class Push(NamedTuple):
    """A sheet, or a piece cut out of it, pushed against the fence with one edge.

    face: that lies up; edge: against the fence; spacer_mm: between both; grooves: the number of a placement
    and that of its groove, counted from the fence; rest: the numbers of those no groove makes; hand,
    of: the piece, where it is one.
    """

    face: Face
    edge: str
    spacer_mm: float
    grooves: tuple[tuple[int, int], ...]
    rest: tuple[int, ...]
    hand: Box | None = None
    of: str = ""


def on_board(work: Work, pitch: float) -> tuple[Push, ...]:
    """How the placements of a sheet are made on a board with grooves so far apart, mm: the square ones pushed
    with their edge against the fence, the slanted with a rule in any case."""
    top = work.working.fence is Fence.TOP
    found: list[Push] = []
    for face in Face:
        hands = dict.fromkeys((p.hand, p.of) for p in work.placements if p.face is face)
        for hand, of in hands:
            here = hand or work.box
            mine = [p for p in work.placements if p.face is face and (p.hand, p.of) == (hand, of)]
            upright = [(p, (p.start[0] + p.end[0]) / 2 - here.left) for p in mine if p.upright]
            level = [(p, here.top - (p.start[1] + p.end[1]) / 2 if top
                      else (p.start[1] + p.end[1]) / 2 - here.bottom) for p in mine if p.level]
            found += [_pushed(face, edge, some, pitch)._replace(hand=hand, of=of)
                      for edge, some in (("left", upright), ("upper" if top else "lower", level)) if some]
    return tuple(found)


def _pushed(face: Face, edge: str, some: list[tuple[Placement, float]], pitch: float) -> Push:
    """The spacer that brings most lines onto grooves, the smallest of those."""
    wants = [(-at) % pitch for _, at in some]  # the spacers that bring each just there
    # a spacer is best at the end of some line's reach, or none at all
    tries = sorted({0.0, *((w - NEAR_MM) % pitch for w in wants), *(w % pitch for w in wants)})

    def made(spacer: float) -> int:
        return sum(_off(at + spacer, pitch) <= NEAR_MM + 1e-9 for _, at in some)

    most = max(made(s) for s in tries)
    spacer = next(s for s in tries if made(s) == most)
    spacer = _middled(spacer, wants, pitch, most)
    grooves = tuple((p.number, round((at + spacer) / pitch)) for p, at in some
                    if _off(at + spacer, pitch) <= NEAR_MM + 1e-9)
    kept = {number for number, _ in grooves}
    return Push(face, edge, spacer, grooves, tuple(p.number for p, _ in some if p.number not in kept))


def _middled(spacer: float, wants: list[float], pitch: float, most: int) -> float:
    """A spacer in tenths of a mm where one of those does as well."""
    for tenth in (round(spacer, 1), round(spacer + NEAR_MM / 2, 1), round(spacer + NEAR_MM, 1)):
        count = sum(_off(tenth - w, pitch) <= NEAR_MM + 1e-9 for w in wants)
        if 0.0 <= tenth < pitch and count == most:
            return tenth
    return spacer


def _off(at: float, pitch: float) -> float:
    """How far a place lies from the nearest groove, mm."""
    rest = at % pitch
    return min(rest, pitch - rest)
