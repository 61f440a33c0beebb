"""A halving: two boards cross, each cut in half way from the opposite side, as wide as the other is thick
and a little more.
"""

from mingei.core.draft import Joint
from mingei.core.draft.joint import Adds, Stands
from mingei.core.offset import SLOT_PLAY_MM

JOINT = Joint("halving", "Halving", "Two boards, each cut in half way for the other.", "halve the {seam}",
              "The {a} crosses the {b} along {length}; each is cut in half way.", chosen=False,
              adds=Adds.CUTS,
              stands=Stands.CROSSED, fit_mm=SLOT_PLAY_MM,
              done="Slide the {carrier} and the {host} into each other.",
              done_many="Slide the {carrier} into {hosts}.")
