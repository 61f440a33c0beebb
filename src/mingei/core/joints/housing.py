"""A housing: the side of a board let into a channel in the face of another, as wide as it is thick and a
little more, as deep as asked."""

from mingei.core.draft import Joint, Meeting
from mingei.core.draft.joint import Adds, Adhesive, Stands
from mingei.core.offset import SLOT_PLAY_MM, stop_against


def _carrier(meeting: Meeting) -> float:
    return stop_against(meeting.own, meeting.other.inner, meeting.angle_deg, 0.0) + meeting.depth_mm


JOINT = Joint("housing", "Housing", "The board's edge, let into a channel of the other.", "house the {seam}",
              "The {a} stands {depth} deep in the {b} along {length}.", chosen=False, adds=Adds.NOTHING,
              stands=Stands.HOUSED, takes=(Adhesive.WET,), carrier=_carrier, fit_mm=SLOT_PLAY_MM,
              done="Glue the edge of the {carrier} into its channel in the {host}.",
              done_many="Glue the edges of the {carrier} into their channels in {hosts}.",
              brings="Put glue into the channel of the {host} and push it onto the edge of the {carrier}.",
              brings_many="Put glue into the channels of the {carrier} and push it onto the edges of "
                          "{hosts}.")
