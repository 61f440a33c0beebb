"""The heron mask of the demo kit: half a head, open behind, drawn out into a beak.

    tools/heron_mask.py FILE.obj
"""

from __future__ import annotations

import math
import sys
from pathlib import Path

#: The angles (degrees) from ear to ear, and how high each row lies and how wide it is, mm, from the chin up.
_TURNS = (-90.0, -52.0, -14.0, 14.0, 52.0, 90.0)
_ROWS = ((0.0, 52.0, 60.0), (52.0, 78.0, 86.0), (112.0, 84.0, 92.0), (176.0, 78.0, 84.0), (222.0, 46.0, 50.0))
#: Where the beak is, and how far forward its corners are drawn out, by row, mm.
_BEAK = {0: 34.0, 1: 92.0, 2: 26.0}


def mask() -> tuple[list[tuple[float, float, float]], list[tuple[int, ...]]]:
    """Its corners, mm, and its faces, looking towards -y."""
    corners = []
    for row, (up, wide, deep) in enumerate(_ROWS):
        for turn in _TURNS:
            a = math.radians(turn)
            out = _BEAK.get(row, 0.0) if abs(turn) < 20.0 else 0.0
            narrow = 0.45 if out > 50.0 else 1.0
            corners.append((wide * math.sin(a) * narrow, -deep * math.cos(a) - out, up))
    many = len(_TURNS)
    faces: list[tuple[int, ...]] = []
    for row in range(len(_ROWS) - 1):
        for column in range(many - 1):
            a = row * many + column
            b, c, d = a + 1, a + many + 1, a + many
            # the same diagonal on either side
            faces += [(a, b, d), (b, c, d)] if column < many // 2 - 1 else [(a, b, c), (a, c, d)]
    return corners, faces


if __name__ == "__main__":
    points, rings = mask()
    lines = [f"v {x:.4f} {y:.4f} {z:.4f}" for x, y, z in points]
    lines += [f"f {' '.join(str(i + 1) for i in ring)}" for ring in rings]
    Path(sys.argv[1]).write_text("\n".join(lines) + "\n", "utf-8")
