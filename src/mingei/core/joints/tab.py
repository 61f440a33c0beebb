"""A glue tab: the carrier bears it, the host closes over it and is glued down."""

from mingei.core.draft import Joint
from mingei.core.draft.joint import Adhesive

JOINT = Joint("tab", "Glue", "A tab, glued inside the other panel.", "glue the {seam}",
              "On the {a}, {depth} deep; lands inside the {b}. {length} long.",
              takes=(Adhesive.WET, Adhesive.TAPE, Adhesive.HOT, Adhesive.STICK))
