"""A mat, a label, a lining or a band glued on a panel; it is cut once the pieces are flat."""

from mingei.core.covering.overlay import Overlay, check
from mingei.core.draft import Draft
from mingei.core.errors import MeasureError
from mingei.core.kinds import Kind
from mingei.core.words import say, some_of


def _fits(draft: Draft, overlay: Overlay) -> None:
    panels = [name for piece in draft.pieces for p in piece.panels for name in (p.whole, p.name) if name]
    if overlay.panel not in panels:
        raise MeasureError(say("no panel is called {panel!r}", panel=overlay.panel),
                           say("overlay {name}", name=overlay.name),
                           say("choose one of: {names}", names=some_of(panels, overlay.panel)))


KIND = Kind(word="overlay", record=Overlay, of="name", always=("name", "panel", "part"),
            differ="overlays", check=check, fits=_fits, grown=Overlay.grown, order=50,
            alike="two overlays are named {name!r}")
