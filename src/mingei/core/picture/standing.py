"""How a thing stands: rigid statics of a body on a level floor.

What stands on a convex set of points tips about a side of it once its centre of mass has come straight over
that side: tilted by atan(d / h), with d the distance on the floor from below the centre to the side, and h
how high the centre lies (elementary statics; any textbook of mechanics).  A push F, level, at a height H
begins to tip it when F H = m g d.
"""

from __future__ import annotations

import math
from collections.abc import Sequence
from typing import NamedTuple

from mingei.core.plane.shape import Point

#: Standard gravity, m/s2 (ISO 80000-3).
GRAVITY = 9.80665


class Tip(NamedTuple):
    """One way of falling over: the side of the footprint it tips about, from a to b, mm; away: how far from
    the point below the centre of mass, mm, negative outside; tilt_deg: how far the floor, or it, may lean
    that way; way: the unit vector it falls along."""

    a: Point
    b: Point
    away: float
    tilt_deg: float
    way: Point


def tips(footprint: Sequence[Point], under: Point, height: float) -> tuple[Tip, ...]:
    """The ways it may fall.  footprint: the corners of the convex hull of what touches the floor, mm,
    counter-clockwise; under: the point of the floor below its centre of mass; height: of that centre, mm."""
    found = []
    for a, b in zip(footprint, (*footprint[1:], footprint[0]), strict=True):
        length = math.dist(a, b)
        if length < 1e-9:
            continue
        ux, uy = (b[0] - a[0]) / length, (b[1] - a[1]) / length
        away = (under[1] - a[1]) * ux - (under[0] - a[0]) * uy  # inward is to the left
        found.append(Tip(a, b, away, math.degrees(math.atan2(away, height)), (uy, -ux)))
    return tuple(found)


def push_n(mass_g: float, away: float, height: float) -> float:
    """The level push (newtons) at a height (mm) that begins to tip a thing of that mass (g) about a side so
    far (mm) from below its centre."""
    return mass_g / 1000.0 * GRAVITY * max(0.0, away) / height


def lean_for(forward_deg: float) -> float:
    """How far a figure on its own foot leans back, degrees, so that it stands when it is tilted forward by so
    much: its centre lies so far behind its foot as seen from there."""
    return forward_deg


def depth_behind(up: float, lean_deg: float, back_deg: float) -> float:
    """How far behind its foot a figure is held, mm along the floor, so that it stands when it is tilted back
    by so much: its centre lies ``up`` along it, and it leans back."""
    lean = math.radians(lean_deg)
    return up * (math.sin(lean) + math.cos(lean) * math.tan(math.radians(back_deg)))


def half_depth(up: float, tilt_deg: float) -> float:
    """How far before and behind itself something upright is held, mm, so that it stands when it is tilted by
    so much either way."""
    return up * math.tan(math.radians(tilt_deg))
