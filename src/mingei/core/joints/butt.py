"""A butt: the side of a board glued square onto the face or side of another, with nothing between.

The host runs through; the carrier loses the host's thickness, whatever its own.  Where the host's site is a
side it comes flush with the carrier's outer face.
"""

from mingei.core.draft import Joint, Meeting
from mingei.core.draft.joint import Adds, Adhesive, Stands
from mingei.core.offset import stop_against, stop_over


def end_at(meeting: Meeting) -> float:
    """The carrier ends at the face of the host."""
    return stop_against(meeting.own, meeting.other.inner, meeting.angle_deg, 0.0)


def flush(meeting: Meeting) -> float:
    """The host's side comes flush with the carrier's outer face."""
    return stop_over(meeting.own, meeting.other, meeting.angle_deg, 0.0)


JOINT = Joint("butt", "Butt", "The board's edge, glued square onto the other.", "butt the {seam}",
              "The {a} stands on the {b} along {length}.", chosen=False, adds=Adds.NOTHING,
              stands=Stands.STANDS_ON, takes=(Adhesive.WET, Adhesive.HOT), carrier=end_at, host=flush,
              traces=True, done="Glue the edge of the {carrier} to the {host}.",
              done_many="Glue the edges of the {carrier} to {hosts}.",
              brings="Glue the {host} on the edge of the {carrier}.",
              brings_many="Glue the {carrier} on the edges of {hosts}.")
