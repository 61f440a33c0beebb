"""A panel that is a piece of its own."""

from collections.abc import Sequence

from mingei.core.amendments.split import Split, split, why_not
from mingei.core.draft import Draft
from mingei.core.errors import MeasureError
from mingei.core.kinds import Amendment, Kind, some
from mingei.core.words import say


def _fits(draft: Draft, cut: Split) -> None:
    if reason := why_not(draft, cut.panel):
        raise MeasureError("it cannot be a piece of its own", say("panel {name}", name=cut.panel), reason)


def _shapes(draft: Draft, amendments: Sequence[Amendment]) -> Draft:
    return split(draft, (s.panel for s in some(amendments, Split)))


KIND = Kind(word="split", record=Split, of="panel", always=("panel",), differ="pieces cut apart",
            fits=_fits, shapes=_shapes, order=10, parts=True)
