"""A panel that is a piece of its own."""

from collections.abc import Sequence

from mingei.core.amendments.split import Split, split
from mingei.core.draft import Draft
from mingei.core.kinds import Amendment, Kind, some


def _shapes(draft: Draft, amendments: Sequence[Amendment]) -> Draft:
    return split(draft, (s.panel for s in some(amendments, Split)))


KIND = Kind(word="split", record=Split, of=lambda s: s.panel, always=("panel",), differ="pieces cut apart",
            shapes=_shapes, order=10, parts=True)
