"""What is said of a thing that is handed out, asked in one place and kept with the project; then the pack."""

from __future__ import annotations

from PySide6.QtWidgets import (
    QCheckBox,
    QDialogButtonBox,
    QFormLayout,
    QLineEdit,
    QPlainTextEdit,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from mingei.app.cards import combo, quiet
from mingei.app.desk import Desk
from mingei.app.dialogs import Dialog
from mingei.app.document import Document
from mingei.app.fields import refusal
from mingei.app.words import t
from mingei.core.document.publishing import LICENCES, Publishing
from mingei.core.errors import MingeiError


class PublishDialog(Dialog):
    """Author, words, terms and version; Publish asks where to."""

    def __init__(self, document: Document, desk: Desk, parent: QWidget) -> None:
        super().__init__(parent)
        self.document, self.desk = document, desk
        self.setWindowTitle(t("Publish"))
        said = document.project.publishing
        self.author, self.version = QLineEdit(said.author), QLineEdit(said.version)
        self.words, self.terms = QPlainTextEdit(said.words), QPlainTextEdit(said.terms)
        self.licence = combo(t("Terms"), t("An open licence, or terms of your own."))
        self.licence.setSizeAdjustPolicy(self.licence.SizeAdjustPolicy.AdjustToContents)
        for name, words in LICENCES.items():
            self.licence.addItem(t(words), name)
        self.licence.addItem(t("Terms of my own"), "")
        self.licence.setCurrentIndex(max(0, self.licence.findData(said.licence)))
        self.licence.activated.connect(lambda _: self._show())
        self.project = QCheckBox(t("The project file goes with it"))
        self.project.setChecked(said.project)
        form = QFormLayout()
        for name, widget in ((t("Author"), self.author), (t("Version"), self.version),
                             (t("In your own words"), self.words), (t("Terms"), self.licence),
                             (t("Your terms"), self.terms)):
            widget.setAccessibleName(name)
            form.addRow(name, widget)
        self.terms_label = form.labelForField(self.terms)
        for edit in (self.words, self.terms):
            edit.setMaximumHeight(96)
            edit.setTabChangesFocus(True)
        self.reason = refusal()
        buttons = QDialogButtonBox()
        publish = QPushButton(t("Publish…"))
        publish.setObjectName("main")
        buttons.addButton(publish, QDialogButtonBox.ButtonRole.AcceptRole)
        buttons.addButton(QDialogButtonBox.StandardButton.Cancel)
        buttons.accepted.connect(self._publish)
        buttons.rejected.connect(self.reject)
        column = QVBoxLayout(self)
        column.addWidget(
            quiet(t("One file with the sheets on A4 and Letter, every piece as SVG and DXF, the make "
                                 "sheet, pictures and a text with your terms. Nothing in it tells of this "
                                 "computer.")))
        column.addLayout(form)
        for below in (self.project, self.reason, buttons):
            column.addWidget(below)
        self._show()

    def _show(self) -> None:
        own = not self.licence.currentData()
        self.terms.setVisible(own)
        self.terms_label.setVisible(own)

    def _publish(self) -> None:
        now = self.document.project.publishing
        said = Publishing(self.author.text().strip(), self.words.toPlainText().strip(),
                          str(self.licence.currentData()), self.terms.toPlainText().strip(),
                          self.version.text().strip() or "1", self.project.isChecked(), now.extra)
        try:
            if said != now:
                self.document.set_publishing(said)
        except MingeiError as error:
            self.reason.setText(t(error.words))
            self.reason.show()
            self.grow()
            return
        self.accept()
        self.desk.publish()
