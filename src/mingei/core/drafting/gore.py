"""Gores: a ball's skin as petals side by side, joined along the equator by a band.

Not a recipe itself: ``ball_gores`` and ``dome`` draw with it.  Half the width of a gore at arc s from the
pole of a ball of diameter D in n gores is (pi D / 2n) sin(2 s / D) (the parallel's length at s, shared out).
A gore is a chain of facets from the band towards each pole, its sides arcs through three points of the true
curve.
"""

from __future__ import annotations

import math
from typing import NamedTuple

from mingei.core.draft import Crease, Edge, EdgeRef, Fold, Lap, Meets, Panel, Piece, Placement
from mingei.core.plane.shape import Polygon

#: Facets from the band to a pole.
_STEPS = 5
#: So far petals keep from each other's root at the band, each, so that a knife passes between: mm, and a
#: share of a narrow gore.
_BETWEEN_MM, _BETWEEN_SHARE = 0.1, 0.008


class Ball(NamedTuple):
    """A ball's diameter, how many gores go round it, and the height of the band along its equator, mm; whole:
    both halves."""

    diameter: float
    gores: int
    band: float
    whole: bool

    @property
    def width(self) -> float:
        """Of a gore at the equator, mm."""
        return math.pi * self.diameter / self.gores

    @property
    def rise(self) -> float:
        """Arc from the band to the pole, mm: the band takes half its height from each half of a whole ball,
        nothing from a dome."""
        return math.pi * self.diameter / 4 - (self.band / 2 if self.whole else 0.0)

    @property
    def tips(self) -> float:
        """How high the petals' tips stand above the band's edge, mm: facets as long as the arcs they stand
        for reach a little further than the ball."""
        return self.rise / _STEPS * sum(math.cos(self.petal(step)[2]) for step in range(_STEPS))

    def half(self, s: float) -> float:
        """Half the width at arc s from the pole."""
        return self.width / 2 * math.sin(2 * s / self.diameter)

    def petal(self, step: int) -> tuple[Polygon, tuple[tuple[int, float], ...], float]:
        """A facet, numbered from the band: its outline, its curved sides, and its latitude in radians."""
        length = self.rise / _STEPS
        below, above = self.rise - step * length, self.rise - (step + 1) * length  # arcs to the pole
        low, high, middle = self.half(below), self.half(above), self.half((below + above) / 2)
        if step == 0:
            low -= min(_BETWEEN_MM, _BETWEEN_SHARE * self.width)
        run = math.hypot(low - high, length)
        # how far the true curve's middle stands off the chord
        bulge = (middle - (low + high) / 2) * length / run
        sweep = math.degrees(4 * math.atan(2 * bulge / run))
        latitude = math.pi / 2 - (below + above) / self.diameter
        if step == _STEPS - 1:
            return ((0.0, 0.0), (2 * low, 0.0), (low, length)), ((1, sweep), (2, sweep)), latitude
        return (((0.0, 0.0), (2 * low, 0.0), (low + high, length), (low - high, length)),
                ((1, sweep), (3, sweep)), latitude)


def gores(name: str, ball: Ball, lap: float, stands: Placement, *, air: float = 0.0) -> Piece:
    """The skin as one piece, standing on its band's first facet."""
    panels: list[Panel] = []
    folds: list[Fold] = []
    length, radius = ball.rise / _STEPS, ball.diameter / 2
    first = math.degrees((length + (ball.band if ball.whole else 0.0)) / 2 / radius)
    turn = math.degrees(length / radius)
    ways = (("up", 2), ("down", 0)) if ball.whole else (("up", 2),)
    box = ((0.0, 0.0), (ball.width, 0.0), (ball.width, ball.band), (0.0, ball.band))
    for i in range(1, ball.gores + 1):
        panels.append(Panel(f"band {i}", box, whole="band"))
        if i > 1:
            folds.append(Fold(EdgeRef(f"band {i - 1}", 1), EdgeRef(f"band {i}", 3), 360.0 / ball.gores, 1,
                              bend=True))
        for way, side in ways:
            parent, edge, angle = f"band {i}", side, first
            for step in range(_STEPS):
                outline, curves, latitude = ball.petal(step)
                name_here, whole = f"gore {i} {way} {step + 1}", f"gore {i}"
                beside: Edge = Meets(
                    math.degrees(2 * math.asin(math.cos(latitude) * math.sin(math.pi / ball.gores))))
                panels.append(Panel(name_here, outline, edges=tuple((side_, beside) for side_, _ in curves),
                                    curves=curves, whole=whole))
                folds.append(Fold(EdgeRef(parent, edge), EdgeRef(name_here, 0), angle, 2, Crease.MOUNTAIN,
                                  bend=True))
                parent, edge, angle = name_here, 2, turn
    laps: tuple[Lap, ...] = ()
    if lap > 0:
        panels.append(Panel("lap", ((0.0, 0.0), (lap, 0.0), (lap, ball.band), (0.0, ball.band)), layer=1,
                            whole="band"))
        folds.append(Fold(EdgeRef(f"band {ball.gores}", 1), EdgeRef("lap", 3), 360.0 / ball.gores, 1,
                          bend=True))
        laps = (Lap("band lap", "lap", "band 1"),)
    return Piece(name, "band 1", stands, tuple(panels), folds=tuple(folds), seams=(), laps=laps)


def on_equator(ball: Ball, height: float) -> Placement:
    """Where the band's first facet stands, its lower edge at a height."""
    away = ball.width / (2 * math.tan(math.pi / ball.gores))
    return Placement((-ball.width / 2, -away, height), (1.0, 0.0, 0.0), (0.0, 0.0, 1.0))
