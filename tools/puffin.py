"""The puffin of the demo, drawn by code: a picture on a see-through ground.

Usage: python tools/puffin.py OUT.png [HEIGHT_PX]
"""

from __future__ import annotations

import sys
from pathlib import Path

from PIL import Image, ImageDraw

#: The picture's own units: 600 wide, 900 high; drawn larger and made smaller, so that edges are smooth.
_WIDE, _HIGH, _OVER = 600, 900, 3
_INK, _WHITE, _CHEEK = (38, 36, 33, 255), (250, 247, 240, 255), (214, 216, 214, 255)
_BEAK, _BAND, _BLUE, _FOOT = (181, 74, 34, 255), (226, 185, 94, 255), (72, 98, 140, 255), (206, 98, 44, 255)


def puffin(height: int) -> Image.Image:
    """The bird, looking to the right, so many px high."""
    scale = _OVER * height / _HIGH
    image = Image.new("RGBA", (round(_WIDE * scale), round(_HIGH * scale)), (0, 0, 0, 0))
    pen = ImageDraw.Draw(image)

    def at(*points: float) -> list[tuple[float, float]]:
        return [(x * scale, y * scale) for x, y in zip(points[::2], points[1::2], strict=True)]

    def oval(x: float, y: float, rx: float, ry: float, colour: tuple[int, ...]) -> None:
        pen.ellipse(at(x - rx, y - ry, x + rx, y + ry), fill=colour)

    for x in (230, 330):  # legs and webbed feet, on one line
        pen.polygon(at(x, 760, x + 34, 760, x + 40, 862, x - 2, 862), fill=_FOOT)
        pen.polygon(at(x - 26, 900, x + 96, 900, x + 74, 866, x + 38, 846, x, 846, x - 14, 870), fill=_FOOT)
    pen.polygon(at(112, 620, 60, 800, 150, 790, 240, 720), fill=_INK)  # tail
    oval(290, 560, 190, 250, _INK)
    oval(340, 580, 140, 222, _WHITE)  # breast
    oval(228, 560, 104, 205, _INK)  # wing
    oval(300, 200, 150, 160, _INK)  # head
    pen.polygon(at(170, 240, 430, 240, 450, 400, 160, 420), fill=_INK)  # neck
    oval(336, 215, 104, 104, _CHEEK)
    pen.polygon(at(410, 150, 452, 128, 520, 190, 548, 262, 500, 292, 416, 300), fill=_BEAK)
    pen.polygon(at(410, 150, 452, 128, 470, 146, 462, 296, 416, 300), fill=_BLUE)
    pen.polygon(at(462, 138, 478, 152, 474, 294, 458, 296), fill=_BAND)
    oval(352, 190, 26, 26, _BEAK)
    oval(352, 190, 17, 17, _INK)
    oval(358, 184, 5, 5, _WHITE)
    return image.resize((round(_WIDE * height / _HIGH), height), Image.Resampling.LANCZOS)


if __name__ == "__main__":
    puffin(int(sys.argv[2]) if len(sys.argv) > 2 else 900).save(Path(sys.argv[1]))
