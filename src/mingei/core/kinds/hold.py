"""What a seam, or something glued on, is held with, where that is another adhesive than is usual there."""

from __future__ import annotations

from typing import NamedTuple

from mingei.core.data.extra import Extra
from mingei.core.draft import Draft
from mingei.core.draft.joint import Adhesive
from mingei.core.errors import MeasureError
from mingei.core.kinds import Kind
from mingei.core.words import say, some_of

#: What a person may choose.
CHOICES = (Adhesive.WET, Adhesive.TAPE, Adhesive.HOT, Adhesive.STICK)


class Hold(NamedTuple):
    """seam: its name, that of a row of teeth, of a lap or of what is glued on; adhesive: what holds it."""

    seam: str
    adhesive: str
    extra: Extra = ()


def _check(hold: Hold) -> None:
    if hold.adhesive not in CHOICES:
        raise MeasureError("that holds no card", say("seam {seam}", seam=hold.seam),
                           say("write one of: {names}", names=some_of(list(CHOICES))))


def _fits(draft: Draft, hold: Hold) -> None:
    found = next((s for p in draft.pieces for s in p.seams if hold.seam in (s.name, s.row)), None)
    if found is not None and Adhesive(hold.adhesive) not in found.joint.takes:
        raise MeasureError("it does not hold such a seam", say("seam {seam}", seam=hold.seam),
                           say("use one of: {names}", names=some_of([str(a) for a in found.joint.takes])
                               if found.joint.takes else say("none, it is not glued")))


KIND = Kind(word="hold", record=Hold, of="seam", always=("seam", "adhesive"), differ="adhesives",
            check=_check, fits=_fits)
