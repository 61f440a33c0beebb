"""A window, hole or slot in a panel; it shapes the draft together with what is trimmed off edges."""

from collections.abc import Sequence

from mingei.core.amendments.opening import Opening, Shape, Trim, check, not_there, open_up, openable
from mingei.core.draft import Draft
from mingei.core.kinds import Amendment, Kind, some
from mingei.core.plane import contour
from mingei.core.words import say, some_of


def _check(opening: Opening) -> None:
    check(opening)
    if opening.shape is Shape.DRAWN:
        contour.read(opening.drawn)


def _fits(draft: Draft, opening: Opening) -> None:
    if opening.panel not in (panels := openable(draft)):
        raise not_there(opening.panel, say("choose one of: {names}", names=some_of(panels, opening.panel)))


def _shapes(draft: Draft, amendments: Sequence[Amendment]) -> Draft:
    openings, trims = some(amendments, Opening), some(amendments, Trim)
    return open_up(draft, openings, trims) if openings or trims else draft


KIND = Kind(word="opening", record=Opening, of="name", always=("name", "panel", "shape", "width"),
            differ="openings", check=_check, fits=_fits, grown=Opening.grown, shapes=_shapes, order=30,
            alike="two openings are named {name!r}", long=("drawn",))
