"""A fin: a flap on each side, folded back outwards, glued to each other face on face."""

from mingei.core.draft import Draft, EdgeRef, Joint, Seam
from mingei.core.draft.joint import Adds, Adhesive, Stands
from mingei.core.joints.reach import seam_of, slid_over
from mingei.core.words import say


def _taken(draft: Draft, seam: Seam) -> str:
    """Why no flap can stand on one of its two sides, or ""."""
    for site in (seam.carrier, seam.host):
        if not isinstance(site, EdgeRef):
            return say("it is no corner of two sides")
        for piece in draft.pieces:
            if any(site in (fold.a, fold.b) for fold in piece.folds):
                return say("the {panel} is folded there", panel=site.panel)
            if any(other is not seam and site in (other.carrier, other.host) for other in piece.seams):
                return say("the {panel} bears another seam there", panel=site.panel)
    return ""


def _refused(draft: Draft, name: str, moved: bool) -> str:
    _, seam = seam_of(draft, name)
    return (_taken(draft, seam) or slid_over(draft, seam.carrier.panel)
            or slid_over(draft, seam.host.panel))


JOINT = Joint("fin", "Fin",
              "A flap on each edge, folded back outwards and glued face on face: stiff, and easy to reach.",
              "give the {seam} a fin",
              "Flaps of {depth} on the {a} and the {b}, glued to each other. {length} long.",
              adds=Adds.FLAPS, stands=Stands.BACK_TO_BACK,
              takes=(Adhesive.WET, Adhesive.TAPE, Adhesive.HOT, Adhesive.STICK),
              done="Glue the two flaps of the {seam} to each other.", refused=_refused)
