"""An outline traced on a panel: where something lands.  Neither cut nor folded."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from typing import NamedTuple

from mingei.core.amendments.opening import MOST_MM
from mingei.core.data.extra import Extra
from mingei.core.draft import Draft
from mingei.core.errors import MeasureError
from mingei.core.kinds import Amendment, Kind, some
from mingei.core.plane import contour
from mingei.core.plane.shape import bounds, moved_path, shifted
from mingei.core.words import say, some_of


class Trace(NamedTuple):
    """panel: where; drawn: an outline as text, mm from the panel's middle, as the panel is drawn."""

    name: str
    panel: str
    drawn: str
    extra: Extra = ()

    def grown(self, factor: float) -> Trace:
        knots = contour.read(self.drawn)
        return self._replace(drawn=contour.write(tuple(k._replace(x=k.x * factor, y=k.y * factor)
                                                       for k in knots)))


def _check(trace: Trace) -> None:
    if any(abs(v) > MOST_MM for knot in contour.read(trace.drawn) for v in knot.at):
        raise MeasureError("it lies too far off", say("trace {name}", name=trace.name),
                           say("keep within {most:g} mm of the panel's middle", most=MOST_MM))


def _fits(draft: Draft, trace: Trace) -> None:
    panels = [p.name for piece in draft.pieces for p in piece.panels]
    if trace.panel not in panels:
        raise MeasureError("there is no such panel", say("trace {name}", name=trace.name),
                           say("choose one of: {names}", names=some_of(panels, trace.panel)))


def _shapes(draft: Draft, amendments: Sequence[Amendment]) -> Draft:
    traces = some(amendments, Trace)
    if not traces:
        return draft
    pieces = []
    for piece in draft.pieces:
        panels = []
        for panel in piece.panels:
            middle = bounds(panel.outline).centre
            own = tuple(moved_path(contour.path(contour.read(t.drawn)), shifted(*middle)) for t in traces
                        if t.panel == panel.name)
            panels.append(replace(panel, guides=(*panel.guides, *own)) if own else panel)
        pieces.append(replace(piece, panels=tuple(panels)))
    return replace(draft, pieces=tuple(pieces))


KIND = Kind(word="trace", record=Trace, of="name", always=("name", "panel", "drawn"), differ="traces",
            lets_go=True, check=_check, fits=_fits, grown=Trace.grown, shapes=_shapes, order=40,
            alike="two traces are named {name!r}", long=("drawn",))
