"""How two views share the room as the flat asks: beside each other, or a long flat above the folded thing."""

from __future__ import annotations

from typing import NamedTuple

#: What frames a view takes beside its drawing, px: its head and borders; what the folded one takes below.
_HEAD_PX, _SIDE_PX, _BELOW_PX = 56.0, 70.0, 96.0
#: The flat has at least and at most so much of the room, a share.
_LEAST, _MOST = 0.34, 0.62
#: The other way must show the flat so much larger before the views change places while one works; and before
#: a thing just turned to has its flat above.
_WORTH, _AT_FIRST = 1.25, 1.05


class Shared(NamedTuple):
    """key: "beside" or "stacked"; flat: the flat's share of the room, 0 to 1."""

    key: str
    flat: float


def shared(wide: float, high: float, width: float, height: float, now: str = "") -> Shared:
    """How to share a room of width x height (px) with a flat so wide and high (mm).

    now: how it is shared already, which is kept unless the other shows the flat a good deal larger.
    """
    beside, stacked = (_best(wide, high, width, height, key) for key in ("beside", "stacked"))
    if now == "stacked":
        chosen = beside if beside[0] > stacked[0] * _WORTH else stacked
    else:
        worth = _WORTH if now else _AT_FIRST
        chosen = stacked if stacked[0] > beside[0] * worth else beside
    return Shared("stacked" if chosen is stacked else "beside", chosen[1])


def _best(wide: float, high: float, width: float, height: float, key: str) -> tuple[float, float]:
    """The largest scale the flat is shown at, px a mm, and the least share of the room that gives it."""
    def scale(share: float) -> float:
        room = ((width * share - _SIDE_PX, height - _HEAD_PX - _SIDE_PX) if key == "beside"
                else (width - _SIDE_PX, height * share - _HEAD_PX - _SIDE_PX))
        return max(0.0, min(room[0] / wide, room[1] / high))

    most = scale(_MOST)
    steps = [_LEAST + (_MOST - _LEAST) * i / 28 for i in range(29)]
    share = next(s for s in steps if scale(s) >= 0.985 * most)
    # half each unless the flat needs more, or leaves the folded thing more
    return most, share
