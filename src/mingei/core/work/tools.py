"""What a cut is made with, how often a blade goes over it, and how long that takes: by what the stock is, not
only by how thick.

This is the only model of time at the cutting mat; whatever says minutes of scoring and cutting reads it.
"""

from __future__ import annotations

import math
from enum import StrEnum

from mingei.core.plane.shape import Arc, Path
from mingei.core.stock import Stock


class Tool(StrEnum):
    """What a cut is made with."""

    TRIMMER = "trimmer"
    KNIFE = "knife"
    SMALL_KNIFE = "small knife"
    SCISSORS = "scissors"
    NEEDLE = "needle"
    AWL = "awl"
    PUNCH = "punch"


#: What makes a round hole in one go, and the largest hole it makes, mm (common practice).
HOLE_TOOLS = ((Tool.NEEDLE, 1.0), (Tool.AWL, 3.0), (Tool.PUNCH, 10.0))
#: A side shorter than this (mm) is cut with a small blade; stock up to this (mm) is thin enough for scissors,
#: cloth is whatever its thickness.
SMALL_MM, SCISSORS_MM = 6.0, 0.45
#: A knife goes through so much card or solid board in one pass, mm (common practice).
PASS_MM = 0.4
#: Passes through what is mostly air, whatever its thickness (common practice): corrugated board, and foam or
#: wadding with a long blade.
_PASSES = {"corrugated": 2, "padding": 2}
#: Minutes to print a sheet fed by hand, for a trimmer's cut, for a hole; what knife and scissors make in a
#: minute, mm, with laying and turning the work (from experience, no published source); a small side costs as
#: much as so many mm.
PRINT_MIN, TRIM_MIN, HOLE_MIN = 0.5, 0.25, 0.15
_KNIFE_MM_A_MIN, _SCISSORS_MM_A_MIN, _CORNER_MM = 700.0, 500.0, 12.0
#: Minutes to lay the rule once, and what is scored in a minute, mm (from experience, no published source).
LAY_MIN, SCORE_MM_A_MIN = 0.15, 2500.0


def blade_passes(stock: Stock) -> int:
    """How often a knife goes over a line; of what is built up, over each layer by itself."""
    return _PASSES.get(stock.kind) or max(1, math.ceil(stock.ply_mm / PASS_MM - 1e-9))


def takes_scissors(stock: Stock) -> bool:
    """Whether its free curves are cut with scissors."""
    return stock.kind == "fabric" or stock.ply_mm <= SCISSORS_MM


def knife_minutes(length: float, stock: Stock) -> float:
    """Minutes for so much cut with a knife, mm."""
    return length * blade_passes(stock) / _KNIFE_MM_A_MIN


def small_knife_minutes(length: float, sides: int, stock: Stock) -> float:
    """Minutes for so many short sides, mm together."""
    return knife_minutes(length + _CORNER_MM * sides, stock)


def scissors_minutes(length: float) -> float:
    """Minutes for so much cut with scissors, mm."""
    return length / _SCISSORS_MM_A_MIN


def hole_tool(path: Path) -> Tool | None:
    """What makes an opening in one go, where it is a round hole small enough for that."""
    arcs = [s for s in path if isinstance(s, Arc)]
    if not arcs or len(arcs) < len(path) or abs(sum(a.sweep_deg for a in arcs)) < 360.0 - 1e-6:
        return None
    first = arcs[0]
    if any(math.dist(a.centre, first.centre) > 1e-6 or abs(a.radius - first.radius) > 1e-6 for a in arcs):
        return None
    return next((tool for tool, most in HOLE_TOOLS if 2 * first.radius <= most + 1e-9), None)
