"""A fin: a flap on each side, folded back outwards, glued to each other face on face."""

from mingei.core.draft import Draft, Joint
from mingei.core.draft.joint import Adds, Adhesive, Stands
from mingei.core.joints.reach import joins_pieces, seam_of, slid_over


def _refused(draft: Draft, name: str, moved: bool) -> str:
    piece, seam = seam_of(draft, name)
    return (joins_pieces(piece, seam) or slid_over(draft, seam.carrier.panel)
            or slid_over(draft, seam.host.panel))


JOINT = Joint("fin", "Fin",
              "A flap on each edge, folded back outwards and glued face on face: stiff, and easy to reach.",
              "give the {seam} a fin",
              "Flaps of {depth} on the {a} and the {b}, glued to each other. {length} long.",
              adds=Adds.FLAPS, stands=Stands.BACK_TO_BACK,
              takes=(Adhesive.WET, Adhesive.TAPE, Adhesive.HOT, Adhesive.STICK),
              done="Glue the two flaps of the {seam} to each other.", refused=_refused)
