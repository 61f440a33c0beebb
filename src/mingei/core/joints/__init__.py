"""The joints there are, one module each; a module with a ``JOINT`` is all that a new one needs."""

from __future__ import annotations

from mingei.core.draft import Joint
from mingei.core.errors import ProjectError
from mingei.core.joints import (
    butt,
    double,
    fin,
    groove,
    halving,
    housing,
    mitre,
    mortise,
    on_top,
    strip,
    tab,
    tape,
    tuck,
)
from mingei.core.words import say, some_of

#: In the order they are offered.
JOINTS: list[Joint] = [tab.JOINT, double.JOINT, tuck.JOINT, tape.JOINT, strip.JOINT, fin.JOINT, butt.JOINT,
                       housing.JOINT, on_top.JOINT, groove.JOINT, mitre.JOINT, mortise.JOINT, halving.JOINT]

GLUE_TAB, DOUBLE, TUCK, TAPE, FIN = tab.JOINT, double.JOINT, tuck.JOINT, tape.JOINT, fin.JOINT
STRIP = strip.JOINT
BUTT, HOUSING, ON_TOP, GROOVE = butt.JOINT, housing.JOINT, on_top.JOINT, groove.JOINT
MITRE, MORTISE, HALVING = mitre.JOINT, mortise.JOINT, halving.JOINT


def choices() -> tuple[Joint, ...]:
    """The joints a person may choose for a seam."""
    return tuple(joint for joint in JOINTS if joint.chosen)


def find_joint(word: str, place: str = "joint") -> Joint:
    """The joint of a name.  Raises ProjectError with the names there are."""
    found = next((joint for joint in JOINTS if joint.word == word), None)
    if found is None:
        raise ProjectError(say("{value!r} is no choice there", value=word), place,
                           say("write one of: {names}", names=some_of([str(joint) for joint in choices()])))
    return found
