"""A groove: the side of a board slid into a gap that strips on the face of another leave, up to that face.

How high the gap is the strips decide; they keep a little off what slides in.
"""

from mingei.core.draft import Joint
from mingei.core.draft.joint import Adds, Adhesive, Stands
from mingei.core.joints.butt import end_at

JOINT = Joint("groove", "Groove", "The board's edge, slid into a gap between strips.", "slide in the {seam}",
              "The {a} stands in the groove of the {b} along {length}.", chosen=False, adds=Adds.NOTHING,
              stands=Stands.STANDS_ON, takes=(Adhesive.WET,), carrier=end_at, traces=True,
              done="Slide the {carrier} into its groove in the {host}, with a little glue.",
              done_many="Slide the {carrier} into its grooves in {hosts}, with a little glue.")
