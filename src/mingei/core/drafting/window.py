"""What is set into an opening of a wall: a frame with bars on its outer face, and behind it the glazing,
which lies within the wall's thickness."""

from __future__ import annotations

from typing import NamedTuple

from mingei.core.draft import Lap, Panel, Past, Piece, Placement
from mingei.core.drafting.storeys import cut_out
from mingei.core.plane.shape import Path, Rigid, moved_path, rectangle

#: The glazing keeps so far from the opening's edges all round, mm; the frame's panes lie so far inside them.
PLAY_MM, REBATE_MM = 0.4, 1.5
#: No pane is smaller across, mm.
LEAST_PANE_MM = 1.5


class Frame(NamedTuple):
    """border: of the frame on the wall, bar: how wide its bars are, mm; upright, level: how many bars."""

    border: float
    bar: float
    upright: int
    level: int


def panes(frame: Frame, width: float, height: float) -> tuple[Path, ...]:
    """What is cut out of the frame of an opening of that size, mm, in coordinates from the opening's lower
    left corner."""
    across, tall = width - 2 * REBATE_MM, height - 2 * REBATE_MM
    each = (across - frame.upright * frame.bar) / (frame.upright + 1)
    high = (tall - frame.level * frame.bar) / (frame.level + 1)
    return tuple(cut_out(REBATE_MM + i * (each + frame.bar), REBATE_MM + j * (high + frame.bar), each, high)
                 for i in range(frame.upright + 1) for j in range(frame.level + 1))


def least_pane(frame: Frame, width: float, height: float) -> float:
    """How wide its smallest pane is, mm."""
    return min((width - 2 * REBATE_MM - frame.upright * frame.bar) / (frame.upright + 1),
               (height - 2 * REBATE_MM - frame.level * frame.bar) / (frame.level + 1))


def set_in(name: str, wall: str, at: Placement, past: tuple[Past, ...], width: float, height: float,
           frame: Frame) -> list[Piece]:
    """The frame and the glazing of an opening.  at: the wall's inner face, its origin in the opening's lower
    left corner; what joins the frame to the wall is said by the wall (``frame_on``)."""
    border = frame.border
    around = Panel(f"{name} frame", rectangle(width + 2 * border, height + 2 * border), on=wall,
                   holes=tuple(moved_path(hole, Rigid(1.0, 0.0, border, border))
                               for hole in panes(frame, width, height)))
    glass = Panel(f"{name} glazing", rectangle(width - 2 * PLAY_MM, height - 2 * PLAY_MM),
                  under=around.name)
    return [Piece(around.name, around.name, moved_by(at, -border, -border), (around,),
                  laps=(Lap(f"{glass.name} in it", around.name, glass.name),), part="frames", past=past),
            Piece(glass.name, glass.name, moved_by(at, PLAY_MM, PLAY_MM), (glass,), part="glazing",
                  past=past)]


def frame_on(name: str, wall: str) -> Lap:
    """The frame of an opening on its wall."""
    return Lap(f"{name} on {wall}", f"{name} frame", wall)


def moved_by(at: Placement, along: float, up: float) -> Placement:
    """Moved along its two axes, mm."""
    x, y, z = (o + along * u + up * v for o, u, v in zip(at.origin, at.u, at.v, strict=True))
    return at._replace(origin=(x, y, z))

