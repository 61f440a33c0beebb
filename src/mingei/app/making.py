"""What a person says of their own making: pace, prices, how long glue is held, and another way of making
it."""

from __future__ import annotations

from typing import Any

from PySide6.QtWidgets import (
    QDialogButtonBox,
    QDoubleSpinBox,
    QFormLayout,
    QVBoxLayout,
    QWidget,
)

from mingei.app.cards import quiet
from mingei.app.dialogs import Dialog
from mingei.app.document import Document
from mingei.app.fields import refusal
from mingei.app.words import t
from mingei.core.errors import MingeiError

#: Of each figure its word, its name, its unit, and the most that is offered.
_FIGURES = (
    ("pace", "Pace: minutes taken for each reckoned", "×", 20.0),
    ("hour", "An hour of my work", "", 10_000.0), ("glue", "100 g of glue", "", 10_000.0),
    ("tape", "10 m of tape", "", 10_000.0), ("wear", "Blades and mats, for each thing", "", 10_000.0),
    ("wet_s", "Wet glue is held", "s", 7200.0), ("wet_min", "and dries", "min", 10_000.0),
    ("hot_s", "Hot glue is held", "s", 7200.0), ("stick_s", "A glue stick is held", "s", 7200.0),
    ("tape_s", "Tape is pressed", "s", 7200.0),
    ("once", "Once for a design: to draw and try it", "min", 10_000.0),
    ("other_min", "Another way: minutes of a machine", "min", 10_000.0),
    ("other_hand", "Another way: minutes of my hands", "min", 10_000.0),
    ("other_money", "Another way: money", "", 1_000_000.0))


class MakingDialog(Dialog):
    """Each figure in a field of its own; OK puts them in force as one step to undo."""

    def __init__(self, document: Document, parent: QWidget) -> None:
        super().__init__(parent)
        self.document = document
        self.setWindowTitle(t("Pace and prices"))
        form = QFormLayout()
        self.fields: dict[str, QDoubleSpinBox] = {}
        for word, name, unit, most in _FIGURES:
            field = QDoubleSpinBox()
            field.setRange(0.05 if word == "pace" else 0.0, most)
            field.setDecimals(2)
            field.setSuffix(f" {unit}" if unit else "")
            field.setValue(getattr(document.project.making, word))
            field.setAccessibleName(t(name))
            form.addRow(t(name), field)
            self.fields[word] = field
        self.reason = refusal()
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok
                                   | QDialogButtonBox.StandardButton.Cancel)
        buttons.accepted.connect(self._take)
        buttons.rejected.connect(self.reject)
        column = QVBoxLayout(self)
        column.addWidget(
            quiet(t("Money is in your own. Log works out your pace; follow the glue's maker for how long "
                                 "it is held.")))
        column.addLayout(form)
        column.addWidget(self.reason)
        column.addWidget(buttons)

    def _take(self) -> None:
        now = self.document.project.making
        values: dict[str, Any] = {word: round(field.value(), 3) for word, field in self.fields.items()}
        fresh = now._replace(**values)
        try:
            if fresh != now:
                self.document.set_making(fresh)
        except MingeiError as error:
            self.reason.setText(t(error.words))
            self.reason.show()
            self.grow()
            return
        self.accept()
