"""The pieces of a faceted model: fewer of them, looked for in the background; and the edges of the facet in
hand, joined or cut with a press."""

from __future__ import annotations

from collections.abc import Callable, Generator
from functools import partial
from typing import NamedTuple

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QLabel, QPushButton, QWidget

from mingei.app.cards import Card, combo
from mingei.app.document import Document
from mingei.app.fields import refusal
from mingei.app.ready import ready
from mingei.app.root_marks import FACETED
from mingei.app.searching import Search
from mingei.app.taking_in import work_out
from mingei.app.words import capital, t
from mingei.core.document.project import Brief
from mingei.core.draft import Draft
from mingei.core.errors import MingeiError
from mingei.core.recipes import Values, mask
from mingei.core.recipes.mesh import Fewer, as_cut, begin_with, by_hand, fewer

#: So often pieces are taken apart and put together anew in one search.
_TRIES = 4000


def _values(brief: Brief) -> Values:
    """The measures of the faceted model a thing is."""
    return mask.faceted(brief.values) if brief.recipe == "mask" else brief.values


class _Edge(NamedTuple):
    """The facet beyond an edge, and whether both hang together there."""

    other: str
    folded: bool


def _edges(draft: Draft, facet: str) -> tuple[_Edge, ...]:
    """The edges of a facet, folded ones first."""
    found: dict[str, bool] = {}
    for piece in draft.pieces:
        for fold in piece.folds:
            if facet in (fold.a.panel, fold.b.panel):
                found[fold.b.panel if fold.a.panel == facet else fold.a.panel] = True
        for seam in piece.seams:
            if facet in (seam.carrier.panel, seam.host.panel):
                found.setdefault(seam.host.panel if seam.carrier.panel == facet else seam.carrier.panel,
                                 False)
    return tuple(_Edge(other, on) for other, on in sorted(found.items(), key=lambda e: (not e[1], e[0])))


class PiecesCard(Card):
    """Shown with a faceted model; what concerns a facet while one, or a seam between two, is in hand."""

    #: the edge between two facets is joined or cut, and about to be worked out; no names: it was refused
    was_set = Signal(str, str, bool)

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Pieces"), parent)
        self.document = document
        self.facet = ""
        self.edges: tuple[_Edge, ...] = ()
        self.words = QLabel()
        self.words.setWordWrap(True)
        self.search = QPushButton(t("Look for fewer pieces"))
        self.search.setToolTip(
            t("Small pieces are taken apart and put together anew, again and again; the best is "
                                 "kept when you stop."))
        self.choice = combo(t("Edge to"), t("The facet beyond the edge. Press a facet on the drawing first."))
        self.choice.activated.connect(lambda _: self._dress())
        self.press = QPushButton()
        self.press.clicked.connect(self._press)
        self.root = QPushButton(t("Begin its piece with it"))
        self.root.setToolTip(t("It lies still, and all other facets of its piece are turned up, the furthest "
                               "first. The mark on the drawing may be dragged there, too."))
        self.root.clicked.connect(lambda: self.begin_with(self.facet))
        self.forget = QPushButton(t("Work the pieces out anew"))
        self.forget.setToolTip(t("Nothing stays joined or cut by hand, or as it was found."))
        self.forget.clicked.connect(lambda: self.document.set_by_hand(""))
        self.reason = refusal()
        for widget in (self.words, self.search):
            self.body.addWidget(widget)
        self.label = self.add_row(t("Edge to"), self.choice)
        for widget in (self.press, self.root, self.forget, self.reason):
            self.body.addWidget(widget)
        self._search = Search(self.search, self._begin)
        self._search.improved.connect(self._improved)
        self._search.ended.connect(self._ended)
        self.hide()
        document.selected.connect(lambda _: self.refresh())
        document.changed.connect(self._changed)

    # -- fewer pieces ----------------------------------------------------------------------------------------

    def _begin(self) -> Callable[[], Generator[Fewer | None]]:
        from mingei.app.elsewhere import elsewhere  # multiprocessing loads with the first search

        values = dict(_values(self.document.brief))
        return partial(elsewhere, fewer, {**values, "hand": as_cut(values)}, _TRIES)

    def _improved(self, found: Fewer) -> None:
        if found.share == 0.0:
            self.words.setText(t("The search gets ready; its first time takes half a minute."))
            return
        self.words.setText(t("{count} pieces so far, {share:.0f} % of the search done.", count=found.pieces,
                             share=100 * found.share))

    def _ended(self, found: Fewer | None, error: MingeiError | None) -> None:
        if error is not None:
            self._refuse(error)
        elif found is not None and found.pieces < self._count():
            hand = found.hand
            self._put(lambda: hand)
        else:
            self._say()

    def _changed(self) -> None:
        self._search.give_up()
        self.refresh()

    # -- by hand ---------------------------------------------------------------------------------------------

    def _in_hand(self) -> tuple[str, str]:
        """The facet in hand and, of a seam, the one beyond it; "" for none."""
        name = self.document.selection.panel
        for piece in self.document.build.draft.pieces if name else ():
            for seam in piece.seams:
                if seam.name == name:
                    return seam.carrier.panel, seam.host.panel
        known = any(name in p.by_name for p in self.document.build.patterns) and name.startswith("facet ")
        return (name if known else ""), ""

    def refresh(self) -> None:
        mesh = self.document.brief.recipe in FACETED
        self.setVisible(mesh)
        if not mesh:
            return
        self.facet, beyond = self._in_hand()
        self.reason.hide()
        if not self._search.busy:
            self._say()
        self.forget.setVisible(bool(self.document.brief.values["hand"]))
        for widget in (self.label, self.choice, self.press, self.root):
            widget.setVisible(bool(self.facet))
        self.root.setEnabled(not any(p.root == self.facet for p in self.document.build.patterns))
        self.heading.setText(t("Pieces, and the {facet}", facet=t(self.facet)) if self.facet else t("Pieces"))
        if not self.facet:
            return
        self.edges = _edges(self.document.build.draft, self.facet)
        self.choice.clear()
        for edge in self.edges:
            self.choice.addItem(t("{facet}, folded", facet=t(edge.other)) if edge.folded
                                else t("{facet}, cut", facet=t(edge.other)), edge.other)
        self.choice.setCurrentIndex(max(0, self.choice.findData(beyond)))
        self._dress()

    def _say(self) -> None:
        """How many pieces there are, and how much of what is cut finds no room for a tab."""
        seams = [m for p in self.document.build.patterns for m in p.mates]
        bare = sum(m.length for m in seams if m.joint.outer_tape)
        self.words.setText(t("{count} pieces; {share:.0f} % of what is cut is taped.", count=self._count(),
                             share=100 * bare / (sum(m.length for m in seams) or 1.0)))

    def _count(self) -> int:
        """How many pieces the mesh is cut into."""
        return sum(p.rides is None and any(panel.name.startswith("facet ") for panel in p.panels)
                   for p in self.document.build.patterns)

    def _edge(self) -> _Edge | None:
        return next((e for e in self.edges if e.other == self.choice.currentData()), None)

    def _dress(self) -> None:
        edge = self._edge()
        self.press.setEnabled(edge is not None)
        self.press.setText(t("Cut it there") if edge is not None and edge.folded else t("Join it there"))

    def _press(self) -> None:
        edge = self._edge()
        if edge is None:
            return
        values, facet, other, joined = _values(self.document.brief), self.facet, edge.other, not edge.folded
        self.was_set.emit(facet, other, joined)
        self._put(lambda: by_hand(values, facet, other, joined))

    def begin_with(self, facet: str) -> None:
        """Let the piece of a facet begin with it."""
        values = _values(self.document.brief)
        self._put(lambda: begin_with(values, facet))

    def _put(self, by: Callable[[], str]) -> None:
        """Put the edges set by hand that it returns, worked out and drafted in the background."""
        brief, project = self.document.brief, self.document.project

        def work(_: object) -> str:
            text = by()
            ready(brief.with_measure("hand", text), project)
            return text

        work_out(self, t("Working out the pieces…"), work, self.document.set_by_hand, self._refuse,
                 self.document.still_this())

    def _refuse(self, error: MingeiError) -> None:
        self.was_set.emit("", "", False)
        self.reason.setText(capital(error.words))
        self.reason.show()
