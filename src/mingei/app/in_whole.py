"""The whole in the folded view: whose a part is, another thing taken in hand by a click, and the one in hand
carried along the panel it is joined to."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from mingei.app.document import Document
from mingei.app.placing import CATCH_PX, JoinCard, caught_words
from mingei.core.document.build import Part

if TYPE_CHECKING:  # the folded view loads once flat and fields stand
    from mingei.app.space_view import Carried, SpaceView
    from mingei.core.whole.assembly import Shown


class InWhole(QObject):
    """told: where what is carried lies, and what it caught on."""

    told = Signal(str)

    def __init__(self, document: Document, card: JoinCard) -> None:
        super().__init__(card)
        self.document, self.card = document, card
        self._view: SpaceView | None = None
        self._is_on: Callable[[], bool] = lambda: False

    def watch(self, view: SpaceView, is_on: Callable[[], bool], shown: Callable[[], Shown]) -> None:
        """Follow what is clicked and taken hold of in a view.  is_on: whether it shows the whole; shown: how
        it does."""
        self._view, self._is_on = view, is_on
        view.picked.connect(self._pick)
        view.carrying = lambda part: self._carried(part, shown())

    def thing_of(self, part: Part) -> tuple[int, Part] | None:
        """Whose a part of the whole is, by its number, and what that thing itself calls it."""
        build = self._view.build if self._view is not None and self._is_on() else None
        if build is None:
            return None
        from mingei.core.whole.assembly import whole_sources
        from mingei.core.whole.joined import joined

        sources = whole_sources(joined(self.document.project), self.document.current)
        return next(((number, Part(source.name, part.panel)) for piece, (number, source)
                     in zip(build.patterns, sources, strict=True) if piece.name == part.piece), None)

    def _pick(self, part: Part) -> None:
        """A part was clicked: of the whole, its thing comes into hand."""
        found = self.thing_of(part)
        if found is None:
            self.document.select(part)
        elif found[0] != self.document.current:
            self.document.look_at(found[0])
        else:
            self.document.select(found[1])

    def _carried(self, part: Part, shown: Shown) -> Carried | None:
        """What the thing in hand is carried along, where it stands together."""
        found = self.thing_of(part)
        if found is None or found[0] != self.document.current or shown.apart:
            return None
        from mingei.app.space_view import Carried
        from mingei.core.whole.placing import carried_on

        held = carried_on(self.document.project, self.document.current, shown)
        if held is None:
            return None

        def carry(x: float, y: float, px: float) -> None:
            caught = held.to(x, y, CATCH_PX * px)
            self.card.place_at(caught.x, caught.y)
            self.told.emit(caught_words(caught))

        return Carried(held.plane, carry)
