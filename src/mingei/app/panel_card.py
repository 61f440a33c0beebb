"""What the cards of the panel in hand share: buttons that put something on it, a list of what was put, and
the values of the one shown."""

from __future__ import annotations

from abc import abstractmethod
from collections.abc import Callable, Iterable, Sequence
from typing import Any

from PySide6.QtCore import QSignalBlocker
from PySide6.QtWidgets import QGridLayout, QLabel, QPushButton, QWidget

from mingei.app.cards import Card
from mingei.app.document import Document
from mingei.app.fields import LengthField, QuietCombo
from mingei.app.words import t
from mingei.core.errors import MingeiError

#: A button: its key, its words, its hint, what it does.
Add = tuple[str, str, str, Callable[[], object]]


class PanelCard(Card):
    """Hidden while no panel is chosen that it is about; its fields are made when one first is, so that the
    window stands the sooner.

    A card of this kind gives ``panel`` (the panel in hand, or ""), ``_make`` and ``_show``.
    """

    def __init__(self, title: str, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(title, parent)
        self.document = document
        self.shown = ""  # the name of what is shown
        self.adds: dict[str, QPushButton] = {}
        self.lengths: dict[str, LengthField] = {}
        self.list = QuietCombo()
        self.reason = QLabel()
        self.reason.setObjectName("reason")
        self.reason.setWordWrap(True)
        self.hide()
        document.selected.connect(lambda _: self.refresh())
        document.changed.connect(self.refresh)

    @abstractmethod
    def panel(self) -> str:
        """The panel in hand, or ""."""

    @abstractmethod
    def _make(self) -> None:
        """Make the fields."""

    @abstractmethod
    def _show(self, panel: str) -> None:
        """Show what is on the panel in hand."""

    def refresh(self) -> None:
        panel = self.panel()
        self.setVisible(bool(panel))
        if panel:
            if not self.adds:
                self._make()
            self._show(panel)
            self.reason.hide()

    # -- making its fields -----------------------------------------------------------------------------------

    def _add_buttons(self, adds: Iterable[Add], spoken: Callable[[str], str]) -> None:
        """Buttons, two in a row; spoken: from a button's words to its accessible name."""
        grid = QGridLayout()
        grid.setSpacing(6)
        for number, (key, words, hint, act) in enumerate(adds):
            button = QPushButton(words)
            button.setToolTip(hint)
            button.setAccessibleName(spoken(words))
            button.clicked.connect(lambda _=False, act=act: self._try(act))
            self.adds[key] = button
            grid.addWidget(button, number // 2, number % 2)
        self.body.addLayout(grid)

    def _add_list(self, name: str) -> None:
        self.list.setAccessibleName(name)
        self.list.activated.connect(lambda index: self._turn_to(str(self.list.itemData(index))))
        self.body.addWidget(self.list)

    def _add_lengths(self, lengths: Iterable[tuple[str, str, str]]) -> None:
        """Live fields: key, words, hint."""
        for key, words, hint in lengths:
            field = LengthField(words, hint)
            field.edited.connect(lambda mm, key=key: self._edit(key, mm))
            self.lengths[key] = field
            self.body.addWidget(field)

    # -- showing ---------------------------------------------------------------------------------------------

    def _show_list(self, names: Sequence[str]) -> None:
        """The names of what is there; the one shown stays, or becomes the last."""
        if names and self.shown not in names:
            self.shown = names[-1]
        with QSignalBlocker(self.list):
            self.list.clear()
            for name in names:
                self.list.addItem(name, name)
            self.list.setCurrentIndex(names.index(self.shown) if self.shown in names else -1)
        self.list.setVisible(len(names) > 1)

    def _show_lengths(self, thing: Any, keys: Iterable[str]) -> None:
        """The lengths of what is shown, those of the given keys; none where there is nothing."""
        unit, wanted = self.document.project.unit, set(keys)
        for key, field in self.lengths.items():
            field.setVisible(thing is not None and key in wanted)
            if field.unit != unit:
                field.set_unit(unit)
            if thing is not None:
                field.show_value(getattr(thing, key))

    def _turn_to(self, name: str) -> None:
        self.shown = name
        self.refresh()

    # -- changing --------------------------------------------------------------------------------------------

    def _try(self, act: Callable[[], object]) -> None:
        """Do it, or say why it cannot be."""
        try:
            act()
        except MingeiError as error:
            self._refuse(error)

    def _refuse(self, error: MingeiError) -> None:
        self.refresh()
        self.reason.setText(t(error.words))
        self.reason.show()

    def _add(self, name: str, put: Callable[[], object]) -> None:
        """Put something new there and show it; where it is refused, what was shown stays."""
        shown, self.shown = self.shown, name
        try:
            put()
        except MingeiError:
            self.shown = shown
            raise

    @abstractmethod
    def _with_length(self, key: str, mm: float) -> None:
        """Put a length of what is shown in force.  Raises MingeiError."""

    def _edit(self, key: str, mm: float) -> None:
        field = self.lengths[key]
        try:
            self._with_length(key, mm)
            field.show_value(mm)
        except MingeiError as error:
            field.refuse(error)
