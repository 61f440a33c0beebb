"""The card of the lines that the piece in hand is cut across by, to be joined again by a lap."""

from __future__ import annotations

from typing import NamedTuple

from PySide6.QtCore import QSignalBlocker
from PySide6.QtWidgets import QLabel, QPushButton, QWidget

from mingei.app.document import Document
from mingei.app.fields import CountField
from mingei.app.figures import write_both
from mingei.app.panel_card import PanelCard
from mingei.app.words import t
from mingei.core.flat.pattern import Pattern
from mingei.core.layout.splice import Splice, at_distance, away, first_number, from_left
from mingei.core.length import typeset

#: The parts named before the rest are only counted.
_NAMED = 6


class _Shown(NamedTuple):
    """What the fields show of a line: how far it lies from the left, or from below, mm."""

    left: float
    below: float


class SplicesCard(PanelCard):
    """Follows the selection: any panel of a piece."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Cut across"), document, parent)

    def _make(self) -> None:
        self._add_buttons((
            ("upright", t("Upright line"),
             t("Cut the piece in two along an upright line, to be joined by a glued lap: where it is too "
               "large for the sheet. Drag the line on "
               "the flat."), lambda: self._cut(90.0)),
            ("level", t("Level line"),
             t("Cut the piece in two along a level line, to be joined by a glued lap."), lambda: self._cut(
                 0.0)),
        ), lambda words: t("Cut across this piece: {what}", what=words))
        self._add_list(t("Lines across this piece"))
        self._add_lengths((("left", t("From the left"), t("From the left end of the flat to the line.")),
                           ("below", t("From below"), t("From the lower end of the flat to the line."))))
        self.turn = CountField(-89, 90, t("Turned"))
        self.turn.setSuffix("°")
        self.turn.setSingleStep(5)
        self.turn.setToolTip(t("0 is level, 90 upright."))
        self.turn.valueChanged.connect(
            lambda value: self._try(lambda: self._put(self._now()._replace(turn_deg=float(value)))))
        self.turn_label = self.add_row(t("Turned"), self.turn)
        self.parts = QLabel()
        self.parts.setObjectName("quiet")
        self.parts.setWordWrap(True)
        self.remove = QPushButton(t("Take this line out"))
        self.remove.clicked.connect(lambda: self._try(lambda: self.document.remove_splice(self._number())))
        for widget in (self.parts, self.remove, self.reason):
            self.body.addWidget(widget)

    # -- what is shown ---------------------------------------------------------------------------------------

    def panel(self) -> str:
        """The name of the piece in hand, or ""."""
        pattern = self.document.build.pattern_of(self.document.selection)
        return "" if pattern is None or pattern.rides is not None else pattern.name

    def _pattern(self) -> Pattern:
        return next(p for p in self.document.build.patterns if p.name == self.panel())

    def _here(self) -> dict[str, int]:
        """The lines across this piece: by their names their places among all of the thing."""
        first, piece = first_number(self.document.build.patterns), self.panel()
        return {t("join {number}", number=first + i): i for i, s in enumerate(self.document.brief.splices)
                if s.piece == piece}

    def _number(self) -> int:
        return self._here()[self.shown]

    def _now(self) -> Splice:
        return self.document.brief.splices[self._number()]

    def _show(self, panel: str) -> None:
        self.heading.setText(t("Cut across the {piece}", piece=t(panel)))
        self._show_list(list(self._here()))
        splice, pattern = (self._now() if self._here() else None), self._pattern()
        mm = away(pattern, splice) if splice is not None else 0.0
        self._show_lengths(splice and _Shown(mm, mm), ("left",) if splice is not None and from_left(splice)
                           else ("below",))
        for widget in (self.turn, self.turn_label, self.parts, self.remove):
            widget.setVisible(splice is not None)
        if splice is not None:
            with QSignalBlocker(self.turn):
                self.turn.setValue(round(splice.turn_deg))
            boxes = [(h.pattern.name, h.pattern.box) for h in self.document.build.halves[pattern]]
            words = [t("{name} {width} × {height}", name=t(name), width=write_both(b.width),
                       height=write_both(b.height))
                     for name, b in boxes[:_NAMED]]
            words += [t("and {count} more", count=len(boxes) - _NAMED)] if len(boxes) > _NAMED else []
            self.parts.setText(typeset("; ".join(words)))

    # -- changing it -----------------------------------------------------------------------------------------

    def _cut(self, turn_deg: float) -> None:
        name = t("join {number}", number=first_number(self.document.build.patterns)
                 + len(self.document.brief.splices))
        self._add(name, lambda: self.document.set_splice(Splice(self.panel(), turn_deg)))

    def _put(self, splice: Splice) -> None:
        self.document.set_splice(splice, self._number())

    def _with_length(self, key: str, mm: float) -> None:
        self._put(at_distance(self._pattern(), self._now(), mm))
