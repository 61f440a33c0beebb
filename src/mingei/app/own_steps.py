"""Steps of a person's own: what no recipe asks for, such as painting the inside, with what is bought for
it."""

from __future__ import annotations

from itertools import count

from PySide6.QtWidgets import (
    QDialogButtonBox,
    QFormLayout,
    QLineEdit,
    QPlainTextEdit,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from mingei.app.cards import Card, combo, quiet, row
from mingei.app.dialogs import Dialog
from mingei.app.document import Document
from mingei.app.fields import CountField, LengthField, refusal
from mingei.app.words import capital, t
from mingei.core.draft import When
from mingei.core.errors import MingeiError
from mingei.core.kinds import some
from mingei.core.kinds.work import MOST_PARTS, MOST_WORDS, Work
from mingei.core.plan.steps import Step

_WHENS = ((When.FLAT, "while it lies flat"), (When.OPEN, "before it is closed"),
          (When.CLOSED, "when all else is done"))


class OwnSteps(Card):
    """Adds steps, and changes or takes away the one in hand where it is one of them."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Steps of your own"), parent)
        self.document = document
        self.work: Work | None = None
        self.add = QPushButton(t("Add a step…"))
        self.add.setToolTip(t("Something you do that no recipe asks for: paint the inside, tie a ribbon."))
        self.change, self.remove = QPushButton(t("Change it…")), QPushButton(t("Take it out"))
        self.add.clicked.connect(lambda: StepDialog(self.document, None, self).open())
        self.change.clicked.connect(lambda: StepDialog(self.document, self.work, self).open())
        self.remove.clicked.connect(self._remove)
        self.body.addWidget(self.add)
        self.body.addLayout(row(self.change, self.remove))

    def show_step(self, step: Step | None) -> None:
        """The step in hand is another."""
        said = {str(op.words) for op in step.operations} if step else set()
        self.work = next((w for w in some(self.document.brief.amendments, Work) if w.words in said), None)
        for button in (self.change, self.remove):
            button.setVisible(self.work is not None)

    def _remove(self) -> None:
        if self.work is not None:
            self.document.change_brief(self.document.brief.without(Work, self.work.name),
                                       t("take out the step {name}", name=self.work.name))


class StepDialog(Dialog):
    """One step: what is said, when, and what it takes."""

    def __init__(self, document: Document, before: Work | None, parent: QWidget) -> None:
        super().__init__(parent)
        self.document, self.before = document, before
        now = before or Work("", "")
        self.length_mm = now.length
        self.setWindowTitle(t("A step of your own"))
        self.setMinimumWidth(420)
        self.words = QPlainTextEdit(now.words)
        self.words.setAccessibleName(t("What is done"))
        self.words.setPlaceholderText(t("Paint the inside black, and let it dry."))
        self.words.setMaximumHeight(84)
        self.words.setTabChangesFocus(True)
        self.panel = combo(t("Where"), t("The panel it is done on; it comes with the piece of that panel."),
                           [t("anywhere")])
        self.panel.setItemData(0, "")
        for name in dict.fromkeys(p.name for piece in document.build.draft.pieces for p in piece.panels):
            self.panel.addItem(t(name), name)
        self.panel.setCurrentIndex(max(0, self.panel.findData(now.panel)))
        self.when = combo(t("When"), t("Before it is closed is in time for what is out of reach later."))
        for when, said in _WHENS:
            self.when.addItem(t(said), when)
        self.when.setCurrentIndex([w for w, _ in _WHENS].index(When(now.when)))
        self.part = QLineEdit(now.part)
        self.part.setAccessibleName(t("What it takes"))
        self.part.setPlaceholderText(t("nothing, or ribbon, wire, bead"))
        self.many = CountField(1, MOST_PARTS, t("How many"))
        self.many.setValue(now.many)
        self.length = LengthField("", t("Each is cut so long; 0 for what comes in its size."))
        self.length.set_unit(document.project.unit)
        self.length.line.setAccessibleName(t("Length of each"))
        self.length.bare()
        self.length.show_value(now.length)
        self.length.edited.connect(self._sized)
        form = QFormLayout()
        for label, field in ((t("What is done"), self.words), (t("Where"), self.panel),
                             (t("When"), self.when), (t("What it takes"), self.part),
                             (t("How many"), self.many), (t("Length of each"), self.length)):
            form.addRow(label, field)
        self.reason = refusal()
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok
                                   | QDialogButtonBox.StandardButton.Cancel)
        buttons.accepted.connect(self._take)
        buttons.rejected.connect(self.reject)
        column = QVBoxLayout(self)
        column.addLayout(form)
        column.addWidget(quiet(t("What it takes comes onto the list of needs. For paint, heat and blades, "
                                 "follow their makers' instructions.")))
        column.addWidget(self.reason)
        column.addWidget(buttons)

    def _sized(self, mm: float) -> None:
        self.length_mm = max(0.0, mm)
        self.length.show_value(self.length_mm)

    def _take(self) -> None:
        brief = self.document.brief
        taken = {w.name for w in some(brief.amendments, Work)}
        name = self.before.name if self.before else next(
            n for n in (t("own step {number}", number=i) for i in count(1)) if n not in taken)
        work = (self.before or Work(name, ""))._replace(
            words=self.words.toPlainText().strip()[:MOST_WORDS], panel=str(self.panel.currentData() or ""),
            when=When(self.when.currentData()), part=self.part.text().strip(), many=self.many.value(),
            length=round(self.length_mm, 2))
        try:
            self.document.change_brief(brief.amended(work), t("a step of your own"))
        except MingeiError as error:
            self.reason.setText(capital(t(error.words)))
            self.reason.show()
            self.grow()
            return
        self.accept()
