"""A mortise: the side of a board stands on the face of another, and tongues on it go right through, each in
a slot as wide as the board is thick and a little more.
"""

from mingei.core.draft import Joint
from mingei.core.draft.joint import Adds, Adhesive, Stands
from mingei.core.joints.butt import end_at
from mingei.core.offset import SLOT_PLAY_MM

JOINT = Joint("mortise", "Mortise", "Tongues on the board's edge, right through slots in the other.",
              "pass tongues through for the {seam}", "The {a} stands on the {b} along {length}, its tongues "
              "through it.", chosen=False, adds=Adds.TONGUES, stands=Stands.THROUGH,
              takes=(Adhesive.WET,), carrier=end_at, fit_mm=SLOT_PLAY_MM,
              done="Pass the tongues of the {carrier} through the {host}, with glue.",
              done_many="Pass the tongues of the {carrier} through {hosts}, with glue.",
              brings="Push the {host} onto the tongues of the {carrier}, with glue.",
              brings_many="Push the {carrier} onto the tongues of {hosts}, with glue.")
