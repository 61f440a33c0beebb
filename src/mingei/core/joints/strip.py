"""A strip behind: no tab; the two sides meet, and a strip of card lies behind both, half on either.

It holds where a tab finds no room, or where the surface hardly turns and a tab's crease would have nowhere to
lie.  The sides stop where taped ones do; what holds it is chosen of the strip, which is a piece of its own.
"""

from mingei.core.draft import Draft, EdgeRef, Joint
from mingei.core.draft.joint import Adds, Stands
from mingei.core.joints import tape
from mingei.core.joints.reach import seam_of
from mingei.core.words import say


def _refused(draft: Draft, name: str, moved: bool) -> str:
    _, seam = seam_of(draft, name)
    if not (isinstance(seam.carrier, EdgeRef) and isinstance(seam.host, EdgeRef)):
        return say("it is no corner of two sides")
    panels = [piece.panel(name) for name in (seam.carrier.panel, seam.host.panel) for piece in draft.pieces
              if any(p.name == name for p in piece.panels)]
    over = next((p for p in panels if p.over), None)
    # what slides over another has no room for it inside
    return say("the {outer} slides over the {host}", outer=over.name, host=over.over) if over else ""


JOINT = Joint("strip", "Strip", "No tab: the two edges meet, and a strip of card is glued behind both.",
              "put a strip behind the {seam}",
              "{a} meets {b} along {length}; a strip lies behind, {depth} onto either.",
              adds=Adds.STRIP, stands=Stands.EDGES_MEET,
              carrier=tape.JOINT.carrier, host=tape.JOINT.host,
              done="Glue the {host} on the strip behind the {carrier}.", refused=_refused)
