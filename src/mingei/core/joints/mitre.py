"""A mitre of two boards: both run to the outer corner and are cut slanting, half the corner's turn each, so
that no cut edge shows."""

from mingei.core.draft import Joint, Meeting
from mingei.core.draft.joint import Adds, Adhesive, Stands
from mingei.core.offset import setback


def to_the_corner(meeting: Meeting) -> float:
    """The outer face ends where those of both boards meet."""
    return setback(meeting.own.outer, meeting.other.outer, meeting.angle_deg)


JOINT = Joint("mitre", "Mitre", "Both boards cut slanting, so that no edge shows.", "mitre the {seam}",
              "The {a} meets the {b} slanting along {length}.", chosen=False, adds=Adds.NOTHING,
              stands=Stands.MITRED, takes=(Adhesive.WET,), carrier=to_the_corner, host=to_the_corner,
              bevels=True, done="Glue the slanting edge of the {carrier} to that of the {host}.",
              done_many="Glue the slanting edges of the {carrier} to those of {hosts}.")
