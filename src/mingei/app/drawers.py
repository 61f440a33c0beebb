"""A drawer to fill: its inside and how many bins; what each bin then holds."""

from __future__ import annotations

from PySide6.QtWidgets import QDialogButtonBox, QFormLayout, QLabel, QLineEdit, QVBoxLayout, QWidget

from mingei.app.dialogs import Dialog
from mingei.app.document import Document
from mingei.app.fields import CountField
from mingei.app.words import capital, t
from mingei.core.document.build import build
from mingei.core.errors import MingeiError
from mingei.core.length import parse, typeset, write
from mingei.core.sizing.fit import Drawer, fill_drawer
from mingei.core.words import placed


class DrawerDialog(Dialog):
    """Shows what would be made; nothing changes until it is accepted."""

    def __init__(self, document: Document, parent: QWidget) -> None:
        super().__init__(parent)
        self.document = document
        self.setWindowTitle(t("Fill a drawer"))
        self.setMinimumWidth(420)
        column = QVBoxLayout(self)
        form = QFormLayout()
        self.lines: dict[str, QLineEdit] = {}
        for key, words, mm in (("length", t("Length inside"), 380.0), ("width", t("Width inside"), 290.0),
                               ("height", t("Height inside"), 60.0), ("play", t("Play round each"), 1.0)):
            line = QLineEdit(write(mm, document.project.unit))
            line.setObjectName("figure")
            line.setAccessibleName(words)
            line.setMaxLength(200)
            line.textEdited.connect(lambda _: self.refresh())
            self.lines[key] = line
            form.addRow(words, line)
        self.columns, self.rows = (CountField(1, 40, t("Along its length")),
                                   CountField(1, 40, t("Along its width")))
        for field, words, count in ((self.columns, t("Along its length"), 3),
                                    (self.rows, t("Along its width"), 4)):
            field.setValue(count)
            field.valueChanged.connect(lambda _: self.refresh())
            form.addRow(words, field)
        column.addLayout(form)
        self.said = QLabel()
        self.said.setWordWrap(True)
        column.addWidget(self.said)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.make = buttons.addButton(t("Make them so"), QDialogButtonBox.ButtonRole.AcceptRole)
        buttons.accepted.connect(self._carry_out)
        buttons.rejected.connect(self.reject)
        column.addWidget(buttons)
        self.refresh()

    def _drawer(self) -> Drawer:
        unit = self.document.project.unit
        length, width, height, play = (parse(self.lines[k].text(), unit)
                                       for k in ("length", "width", "height", "play"))
        return Drawer(length, width, height, self.columns.value(), self.rows.value(), play)

    def refresh(self) -> None:
        """Work out what each would hold, or why it cannot be."""
        brief, unit = self.document.brief, self.document.project.unit
        stock = self.document.project.stock_of(brief)
        try:
            made = build(fill_drawer(brief, stock, self._drawer()), stock)
        except MingeiError as error:
            self.said.setText(capital(placed(error.place, error.sentence, error.remedy)))
            self.make.setEnabled(False)
            return
        size = " × ".join(typeset(write(mm, unit)) for mm in made.draft.inside_mm or ())
        self.said.setText(
            t("{count} of them, each {size} inside. A forming block of that size, less a hair, helps to fold "
              "them square.",
              count=made.brief.copies, size=size))
        self.make.setEnabled(True)

    def _carry_out(self) -> None:
        try:
            self.document.fill_drawer(self._drawer())
        except MingeiError as error:
            self.said.setText(capital(placed(error.place, error.sentence, error.remedy)))
        else:
            self.accept()
