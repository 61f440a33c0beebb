"""What is taken off a panel's free edges: it shapes the draft together with the openings."""

from mingei.core.amendments.opening import MOST_MM, Trim, not_there
from mingei.core.draft import Draft
from mingei.core.errors import MeasureError
from mingei.core.kinds import Kind
from mingei.core.words import say, some_of


def _check(trim: Trim) -> None:
    for word, mm in (("rounding", trim.round_mm), ("notch", trim.notch_mm)):
        if not 0.0 <= mm <= MOST_MM:
            raise MeasureError(say("its {word} of {value:g} mm cannot be cut", word=word, value=mm),
                               say("panel {name}", name=trim.panel),
                               say("use 0 to {most:g} mm", most=MOST_MM))


def _fits(draft: Draft, trim: Trim) -> None:
    panels = [p.name for piece in draft.pieces for p in piece.panels]
    if trim.panel not in panels:
        raise not_there(trim.panel, say("choose one of: {names}", names=some_of(panels, trim.panel)))


KIND = Kind(lets_go=True, word="trim", record=Trim, of="panel", always=("panel", "round_mm", "notch_mm"),
            differ="edges", check=_check, fits=_fits, grown=Trim.grown, order=31)
