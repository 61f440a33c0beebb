"""What is taken off a panel's free edges: it shapes the draft together with the openings."""

from mingei.core.amendments.opening import MOST_MM, Trim
from mingei.core.errors import MeasureError
from mingei.core.kinds import Kind
from mingei.core.words import say


def _check(trim: Trim) -> None:
    for word, mm in (("rounding", trim.round_mm), ("notch", trim.notch_mm)):
        if not 0.0 <= mm <= MOST_MM:
            raise MeasureError(say("its {word} of {value:g} mm cannot be cut", word=word, value=mm),
                               say("panel {name}", name=trim.panel),
                               say("use 0 to {most:g} mm", most=MOST_MM))


KIND = Kind(word="trim", record=Trim, of=lambda t: t.panel, always=("panel", "round_mm", "notch_mm"),
            differ="edges", check=_check, grown=Trim.grown, order=31)
