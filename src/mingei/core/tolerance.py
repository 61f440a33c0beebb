"""Every tolerance of the core, named and explained once.  All in mm unless said otherwise."""

from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True)
class Tolerance:
    """Named limits."""

    #: Two points closer than this are one point: a thousandth of what a knife can follow.
    same_point: float = 1e-6
    #: A fold whose two edges differ by more than this at finished size is a fault of the draft.
    edge_match: float = 1e-6
    #: A seam closes when its mid-surfaces stand at their stack distance within this.
    closure: float = 0.01
    #: The cavity of the folded model may differ from the one asked for by this.
    cavity: float = 0.05
    #: A tab is parallel to its host within this many degrees.
    parallel_deg: float = 0.01
    #: Chord error when an arc has to be shown or folded as straight pieces.
    chord: float = 0.02
    #: Solids that touch are not in collision until they share more depth than this.
    touching: float = 1e-4


TOLERANCE = Tolerance()
