"""What keeps a joint from a seam: what lies or slides over its panels, and who owns them."""

from __future__ import annotations

from mingei.core.draft import Draft, Piece, Role, Seam
from mingei.core.words import say


def seam_of(draft: Draft, name: str) -> tuple[Piece, Seam]:
    """A seam by name, with its piece.  Raises StopIteration when there is none."""
    return next((p, s) for p in draft.pieces for s in p.seams if s.name == name)


def joins_pieces(piece: Piece, seam: Seam) -> str:
    """A reason where a seam joins two pieces, or ""."""
    own = {p.name for p in piece.panels}
    return say("it joins two pieces") if {seam.carrier.panel, seam.host.panel} - own else ""


def slid_over(draft: Draft, panel: str) -> str:
    """What slides over the outside of a panel, in words, or "".  A handle holds to the middle of its wall and
    leaves the corners free."""
    outer = next((q.name for p in draft.pieces for q in p.panels if q.over == panel
                  and q.role is not Role.HANDLE), "")
    return say("the {outer} slides over the {host}", outer=outer, host=panel) if outer else ""
