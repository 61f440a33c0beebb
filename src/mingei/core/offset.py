"""Thickness: where each panel lies, and how far its flat runs past the corner because of it.

*Layer*: a panel lies on layer n counted from the face the brief measures (inside size: outward, 0 first;
outside size: inward).  *Mid-depth* d: how far its mid-surface lies from that face, outward positive.
*Setback* e: how far a panel's flat extends past the nominal corner where it folds into a neighbour.
Turning angles: 0 flat, 90 a box corner, 180 folded back; mountain positive, valley negative, seen
from the printed (outside) face.
"""

from __future__ import annotations

import math
from enum import StrEnum
from functools import lru_cache
from typing import NamedTuple

from mingei.core.errors import GeometryError
from mingei.core.words import say

#: Free edges stop this far (mm) short of the face they must not pass.
RELIEF_MM = 0.2
#: A slot is wider than what passes through it by this much, and longer than a tongue by that, mm (common
#: practice: a little longer than the tab, as wide as the stock).
SLOT_PLAY_MM, SLOT_ENDS_MM = 0.15, 0.5
#: Two taped edges, cut square, meet with their inner rims where the corner between them turns less than this,
#: degrees: one that stopped at the other's face would leave it open by a caliper times the cotangent of the
#: turn.  From here up one covers the other.
RIMS_MEET_DEG = 75.0
#: A fold turned right over.
FLAT_DEG = 180.0
#: So many answers of each rule are kept: a piece asks the same few again and again.
_KEPT = 4096


class Measured(StrEnum):
    """Which face of the material the brief's sizes run between."""

    INSIDE = "inside"
    OUTSIDE = "outside"


class Slab(NamedTuple):
    """The body of a panel: how far its inner and outer faces lie from the face the brief measures, mm,
    outward positive."""

    inner: float
    outer: float

    @property
    def mid(self) -> float:
        return (self.inner + self.outer) / 2

    @property
    def thick(self) -> float:
        return self.outer - self.inner


def slab(mid: float, thick: float) -> Slab:
    """The body round a mid-surface."""
    return Slab(mid - thick / 2, mid + thick / 2)


def mid_depth(layer: float, caliper: float, measured: Measured = Measured.INSIDE) -> float:
    """Distance (mm) from the measured face to the mid-surface of a layer, outward positive."""
    depth = (layer + 0.5) * caliper
    return depth if measured is Measured.INSIDE else -depth


@lru_cache(maxsize=_KEPT)
def setback(own_depth: float, neighbour_depth: float, angle_deg: float) -> float:
    """How far (mm) a flat extends past the nominal corner: e = (d_g - d_f cos a) / sin a.

    own_depth, neighbour_depth: mid-depths d_f and d_g (mm), outward positive.
    The two mid-surfaces, moved out by their depths, meet at this distance along f's own plane
    (plane geometry of two offset lines).  A 90 degree corner gives d_g; equal depths give d tan(a/2).
    Raises GeometryError for a turning angle of 180, or of 0 between unlike depths, which have no corner.
    """
    if angle_deg == 0.0 and own_depth == neighbour_depth:
        return 0.0  # a pre-crease, which lies flat when finished
    sine = math.sin(math.radians(angle_deg))
    if abs(angle_deg) in (90.0, 270.0):
        return neighbour_depth / sine
    if abs(sine) < 1e-6:
        raise GeometryError(say("a fold of {angle:g} degrees has no corner to set back from",
                                angle=angle_deg))
    return (neighbour_depth - own_depth * math.cos(math.radians(angle_deg))) / sine


def flat_setback(own_depth: float, neighbour_depth: float) -> float:
    """As ``setback``, for a fold that turns right over (180 degrees) onto what lies between: each side takes
    half of the half circle whose diameter is what the two mid-surfaces stand apart."""
    return math.pi / 4 * abs(own_depth + neighbour_depth)


@lru_cache(maxsize=_KEPT)
def bend_setback(own_depth: float, neighbour_depth: float, angle_deg: float) -> float:
    """As ``setback``, for a facet of a curved face: what two facets take up together is the arc of the true
    curve, not its two tangents, so that a whole turn on diameter D is pi (D + t) long."""
    turn = math.radians(angle_deg)
    if abs(turn) < 1e-9 and own_depth == neighbour_depth:
        return 0.0  # the card runs straight on
    return (setback(own_depth, neighbour_depth, angle_deg) - (own_depth + neighbour_depth) / 2
            * (math.tan(turn / 2) - turn / 2))


def crease_gain(gain_mm: float, angle_deg: float) -> float:
    """Length (mm) a crease takes up: the stock's gain for 90 degrees, in proportion to the angle."""
    return gain_mm * abs(angle_deg) / 90.0


def slot_width(thick: float) -> float:
    """How wide (mm) a slot or channel is cut for what is so thick."""
    return thick + SLOT_PLAY_MM


@lru_cache(maxsize=_KEPT)
def stop_over(own: Slab, other: Slab, angle_deg: float = 90.0, relief: float = RELIEF_MM) -> float:
    """A free edge that covers a panel turned from it by ``angle_deg``: it stops flush with the other's outer
    face, less relief.

    The relief is never more than leaves the crease beneath covered: half a caliper on a right angle.  Below
    about 60 degrees the crease lies past that face, and ``run_over`` says how far.
    """
    stop = _stop(own, other.outer, angle_deg)
    return stop - min(relief, max(0.0, stop - _crease_beneath(own, other, angle_deg)))


def run_over(own: Slab, other: Slab, angle_deg: float) -> float:
    """How far (mm) past the edge of ``stop_over`` the crease of the tab beneath lies, so that a strip of it
    would show: t (1.5 cos a - 0.5) / sin a for panels on one layer, nothing from about 70 degrees up."""
    return max(0.0, _crease_beneath(own, other, angle_deg) - _stop(own, other.outer, angle_deg))


def _crease_beneath(own: Slab, other: Slab, angle_deg: float) -> float:
    """Where the crease of a tab one layer inside ``own`` lies, when ``other`` carries it."""
    return setback(own.inner - other.thick / 2, other.mid, angle_deg)


@lru_cache(maxsize=_KEPT)
def stop_against(own: Slab, face: float, angle_deg: float = 90.0, relief: float = RELIEF_MM) -> float:
    """A free edge that meets a face at such a depth (mm), less relief."""
    return _stop(own, face, angle_deg) - relief


def rims_meet(own: Slab, other: Slab, angle_deg: float) -> float:
    """Two taped edges, cut square, whose inner rims meet, half the relief free on each."""
    return setback(own.inner, other.inner, angle_deg) - RELIEF_MM / 2


def _stop(own: Slab, face: float, angle_deg: float) -> float:
    """Where an edge cut square through a body first meets a plane at depth ``face`` (mm): the nearer of its
    two rims."""
    return min(setback(depth, face, angle_deg) for depth in own)
