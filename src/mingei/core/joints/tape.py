"""Tape: no tab; the two sides meet and are taped outside.

On a right angle one side runs over the other, which stops at its inner face.  Where the corner turns less,
the inner rims meet: a side that stopped at the other's face would leave it open by a caliper times the
cotangent of the turn.
"""

from mingei.core.draft import Joint, Meeting
from mingei.core.draft.joint import Adds, Adhesive, Stands
from mingei.core.offset import RIMS_MEET_DEG, rims_meet, stop_against


def _carrier(meeting: Meeting) -> float:
    if meeting.angle_deg < RIMS_MEET_DEG:
        return rims_meet(meeting.own, meeting.other, meeting.angle_deg)
    return stop_against(meeting.own, meeting.other.inner, meeting.angle_deg)


def _host(meeting: Meeting) -> float | None:
    """From a right angle on, its own rule: it runs over the carrier where it has none."""
    if meeting.angle_deg < RIMS_MEET_DEG:
        return rims_meet(meeting.own, meeting.other, meeting.angle_deg)
    return None


JOINT = Joint("tape", "Tape", "No tab: the two edges meet and are taped outside.", "tape the {seam}",
              "{a} meets {b} along {length}.", adds=Adds.NOTHING, stands=Stands.EDGES_MEET,
              takes=(Adhesive.OUTER_TAPE,), carrier=_carrier, host=_host,
              done="Tape the {carrier} to the {host}, outside.")
