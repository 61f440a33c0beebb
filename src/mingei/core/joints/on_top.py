"""A lap on top: a board laid on the edges of others, which end at its face: a roof on walls, a lid, a table's
top.  It is a butt seen from the other side: the board that covers comes last."""

from mingei.core.draft import Joint
from mingei.core.draft.joint import Adds, Adhesive, Stands
from mingei.core.joints.butt import end_at, flush

JOINT = Joint("on top", "On top", "The board laid on the other's edge, and glued.", "lay on the {seam}",
              "The {b} lies on the {a} along {length}.", chosen=False, adds=Adds.NOTHING,
              stands=Stands.STANDS_ON, takes=(Adhesive.WET, Adhesive.HOT), carrier=end_at, host=flush,
              traces=True, host_comes=True, done="Glue the {host} on the edge of the {carrier}.",
              done_many="Glue the {carrier} on the edges of {hosts}.")
