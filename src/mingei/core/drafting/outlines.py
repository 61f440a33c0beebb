"""Outlines to choose from by name, and one of a person's own."""

from __future__ import annotations

import math
from collections.abc import Mapping

OWN = "own"


def _drop() -> str:
    lean = math.asin(30 / 70)
    x, y = 30 * math.cos(lean), 70 - 30 * math.sin(lean)
    return f"0,0 {x},{y},{180 + 2 * math.degrees(lean)} {-x},{y}"


def _star() -> str:
    points = [(-r * math.sin(math.pi * i / 5), r * math.cos(math.pi * i / 5))
              for i, r in enumerate([50.0, 24.0] * 5)]
    return " ".join(f"{x},{y}" for x, y in points)


#: Outlines to choose from, as text; each is scaled to the width asked for.
LIBRARY: Mapping[str, str] = {
    "round": "0,0,180 100,0,180",
    "heart": "50,0 100,50,180 50,100,180 0,50",
    "drop": _drop(),
    "star": _star(),
    "arch": "0,0 70,0 70,65,180 0,65",
    "leaf": "0,0,80 100,40,80",
    "house": "0,0 80,0 80,55 40,95 0,55",
    "gull": "0,30,-40 50,20,-40 100,30,50 50,38,50",
    "limb": "0,15,180 30,15 30,85,180 0,85",
    "ring": "0,0,180 100,0,180;25,0,180 75,0,180",
    "frame": "0,0 100,0 100,70 0,70;22,20 78,20 78,50 22,50",
}
