"""A mat, a label, a lining or a band glued on a panel; it is cut once the pieces are flat."""

from mingei.core.covering.overlay import Overlay, check
from mingei.core.kinds import Kind

KIND = Kind(word="overlay", record=Overlay, of=lambda o: o.name, always=("name", "panel", "part"),
            differ="overlays", check=check, grown=Overlay.grown, order=50,
            alike="two overlays are named {name!r}")
