"""A doubled tab: one glued inside the host, and a strap on the host's side glued over the outside."""

from mingei.core.draft import Draft, Joint
from mingei.core.draft.joint import Adds, Adhesive
from mingei.core.joints.reach import joins_pieces, seam_of, slid_over
from mingei.core.words import say


def _refused(draft: Draft, name: str, moved: bool) -> str:
    piece, seam = seam_of(draft, name)
    carrier = seam.host.panel if moved else seam.carrier.panel
    if reason := joins_pieces(piece, seam) or seam.fixed:
        return reason
    if any(lap.lower == carrier for p in draft.pieces for lap in p.laps):
        return say("another panel lies over the {host}", host=carrier)
    return slid_over(draft, carrier)


JOINT = Joint("double", "Twice",
              "A tab glued inside the other panel, and a strap on that one glued over the outside: "
              "strongest.",
              "hold the {seam} twice",
              "A tab on the {a}, {depth} deep, lands inside the {b}; a strap on the {b}, {over} deep, "
              "goes over "
              "the {a}. {length} long.",
              adds=Adds.TAB_AND_STRAP, hinges=2,
              takes=(Adhesive.WET, Adhesive.TAPE, Adhesive.HOT, Adhesive.STICK), refused=_refused)
