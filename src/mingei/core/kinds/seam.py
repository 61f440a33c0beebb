"""A seam held another way."""

from collections.abc import Sequence

from mingei.core.amendments.amend import SeamChange, amend, seams
from mingei.core.draft import Draft
from mingei.core.errors import MeasureError
from mingei.core.joints import choices
from mingei.core.kinds import Amendment, Kind, some
from mingei.core.words import say, some_of


def _check(change: SeamChange) -> None:
    words = [joint.word for joint in choices()]
    if change.joint not in words:
        raise MeasureError("that is no way to hold a seam", say("seam {seam}", seam=change.seam),
                           say("write one of: {names}", names=some_of(words)))


def _fits(draft: Draft, change: SeamChange) -> None:
    if change.seam not in (there := seams(draft)):
        raise MeasureError("no seam has that name", say("seam {seam!r}", seam=change.seam),
                           say("the names are: {names}", names=some_of(there, change.seam)))


def _shapes(draft: Draft, amendments: Sequence[Amendment]) -> Draft:
    return amend(draft, some(amendments, SeamChange))


KIND = Kind(word="seam", record=SeamChange, of="seam", always=("seam", "joint", "moved"),
            differ="seams", check=_check, fits=_fits, shapes=_shapes, order=20)
