"""The heron of the demo kit, a faceted decoy: rings of corners led along the bird from tail to beak.

    tools/heron.py FILE.obj
"""

from __future__ import annotations

import math
import sys
from pathlib import Path

from mingei.core.mesh.facets import merged
from mingei.core.mesh.mesh import Mesh

#: From tail to beak: where the ring's middle lies (forward, up), how wide and how thick it is, all in mm, and
#: how far its axis leans from level, degrees.
_RINGS = (
    (-118.0, 40.0, 6.0, 3.0, -20.0), (-84.0, 54.0, 26.0, 16.0, -20.0), (-36.0, 74.0, 54.0, 50.0, -14.0),
    (14.0, 86.0, 60.0, 62.0, 8.0), (48.0, 100.0, 42.0, 46.0, 38.0), (66.0, 128.0, 24.0, 28.0, 74.0),
    (64.0, 164.0, 18.0, 20.0, 100.0), (60.0, 196.0, 20.0, 22.0, 76.0), (72.0, 214.0, 26.0, 28.0, 22.0),
    (100.0, 216.0, 20.0, 18.0, 0.0), (112.0, 214.0, 9.0, 8.0, -4.0),
)
_BEAK = (166.0, 206.0)
_SIDES = 6


def heron() -> Mesh:
    """The bird, about 120 triangles before those of one plane are merged."""
    corners: list[tuple[float, float, float]] = []
    for x, z, wide, thick, lean in _RINGS:
        up = math.radians(lean + 90.0)
        for k in range(_SIDES):
            turn = 2 * math.pi * (k + 0.5) / _SIDES
            out = thick / 2 * math.sin(turn)
            corners.append((x + out * math.cos(up), wide / 2 * math.cos(turn), z + out * math.sin(up)))
    faces: list[tuple[int, ...]] = []
    for ring in range(len(_RINGS) - 1):
        for k in range(_SIDES):
            a, b = ring * _SIDES + k, ring * _SIDES + (k + 1) % _SIDES
            c, d = a + _SIDES, b + _SIDES
            # the same diagonal on either side of the bird
            faces += [(a, b, d), (a, d, c)] if k in (0, 1, 5) else [(a, b, c), (b, d, c)]
    last = (len(_RINGS) - 1) * _SIDES
    corners.append((_BEAK[0], 0.0, _BEAK[1]))
    faces += [(last + k, last + (k + 1) % _SIDES, len(corners) - 1) for k in range(_SIDES)]
    faces.append(tuple(reversed(range(_SIDES))))
    import numpy as np

    return merged(Mesh(np.array(corners), tuple(faces)))


def main() -> int:
    bird = heron()
    lines = [f"v {x:.4f} {y:.4f} {z:.4f}" for x, y, z in bird.corners.tolist()]
    lines += [f"f {' '.join(str(i + 1) for i in ring)}" for ring in bird.faces]
    Path(sys.argv[1]).write_text("\n".join(lines) + "\n", "utf-8")
    return 0


if __name__ == "__main__":
    sys.exit(main())
