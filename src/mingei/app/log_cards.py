"""The cards of the Log: the entry in hand, and what the logbook teaches."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import NamedTuple

from PySide6.QtCore import QSignalBlocker, Qt, QTimer, Signal
from PySide6.QtGui import QPixmap
from PySide6.QtWidgets import (
    QFileDialog,
    QHBoxLayout,
    QLabel,
    QPlainTextEdit,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from mingei.app.cards import Card, combo, quiet, row
from mingei.app.fields import CountField, LengthField, refusal
from mingei.app.log_plot import ErrorRule
from mingei.app.words import t
from mingei.core.errors import MingeiError
from mingei.core.logbook.entry import Entry, check_entry

#: What is written is kept so long (ms) after the last key.
_KEEP_MS = 1500
_SIDES = ("Length", "Width", "Height")


class EntryCard(Card):
    """One entry: what it measured, how long it took, what to change.  kept: the entry as it is now; again: it
    is wanted on the bench; removed: its id."""

    kept = Signal(object)
    again = Signal(object)
    removed = Signal(str)

    def __init__(self, photos: Path, parent: QWidget | None = None) -> None:
        super().__init__(t("Entry"), parent)
        self.entry: Entry | None = None
        self._dirty = False
        self.photos = photos
        self._photo: Callable[[bytes], str] = lambda data: ""
        self.picture, self.what = QLabel(), quiet()
        self.picture.setMinimumHeight(120)
        self.picture.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.rule = ErrorRule()
        for widget in (self.picture, self.what, self.rule):
            self.body.addWidget(widget)
        self.sides = [LengthField(t("{side} inside", side=t(side)), t("Measured inside, when it is dry."))
                      for side in _SIDES]
        self.bars = [LengthField(t(name), t("What the printed bar of 100 mm measures."))
                     for name in ("Bar across", "Bar along")]
        for number, field in enumerate(self.sides):
            field.edited.connect(lambda mm, n=number: self._measure(n, mm))
            self.body.addWidget(field)
        for number, field in enumerate(self.bars):
            field.edited.connect(lambda mm, n=number: self._bar(n, mm))
            self.body.addWidget(field)
        self.minutes = CountField(0, 100_000, t("Minutes"))
        self.minutes.valueChanged.connect(self._took)
        self.add_row(t("Minutes"), self.minutes)
        self.stars = combo(t("Stars"), t("How it came out."), ["–", *("★" * n for n in range(1, 6))])
        self.stars.activated.connect(lambda n: self._change(stars=n))
        self.add_row(t("Stars"), self.stars)
        self.change = QPlainTextEdit()
        self.change.setPlaceholderText(t("What to change next time…"))
        self.change.setAccessibleName(t("What to change next time"))
        self.change.setMaximumHeight(84)
        self.change.setTabChangesFocus(True)
        self.change.textChanged.connect(lambda: self._change(change=self.change.toPlainText()))
        self.body.addWidget(self.change)
        photo, again, away = (QPushButton(t(w)) for w in ("Add a photo…", "Make it again", "Take it out"))
        again.setToolTip(t("Put the project as it was then on the bench."))
        photo.clicked.connect(self._add_photo)
        again.clicked.connect(self._make_again)
        away.clicked.connect(self._take_out)
        self.body.addLayout(row(photo, again, away))
        self.reason = refusal()
        self.body.addWidget(self.reason)
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(_KEEP_MS)
        self._timer.timeout.connect(self.keep)

    def keep_photos_with(self, keep: Callable[[bytes], str]) -> None:
        """keep: keeps a photo and returns its name; raises MingeiError where it is none."""
        self._photo = keep

    def show_entry(self, entry: Entry | None, unit: str) -> None:
        """Show another entry; what was written in the one before is kept."""
        self.keep()
        self.entry = entry
        self.setVisible(entry is not None)
        if entry is None:
            return
        for fields, values in ((self.sides, entry.measured), (self.bars, (entry.across, entry.along))):
            for field, value in zip(fields, values, strict=True):
                if field.unit != unit:
                    field.set_unit(unit)
                field.show_value(value)
        for field, asked in zip(self.sides, entry.asked, strict=True):
            field.setVisible(asked > 0)
        with QSignalBlocker(self.minutes), QSignalBlocker(self.change):
            self.minutes.setValue(round(entry.minutes))
            self.change.setPlainText(entry.change)
        self.stars.setCurrentIndex(entry.stars)
        self.reason.hide()
        self._tell()

    def _tell(self) -> None:
        e = self.entry
        if e is None:
            return
        self.heading.setText(e.thing or e.title)
        self.what.setText(t("{day}: {count} of {stock}, {caliper:.2f} mm; {title}", day=e.made[:10],
                            count=e.copies,
                            stock=t(e.stock), caliper=e.caliper_mm, title=e.title))
        self.rule.show_sides([(t(name), m - a) for name, a, m in zip(_SIDES, e.asked, e.measured, strict=True)
                              if a > 0 and m > 0])
        pixmap = QPixmap(str(self.photos / e.photos[-1])) if e.photos else QPixmap()
        self.picture.setVisible(not pixmap.isNull())
        if not pixmap.isNull():
            self.picture.setPixmap(pixmap.scaled(300, 160, Qt.AspectRatioMode.KeepAspectRatio,
                                                 Qt.TransformationMode.SmoothTransformation))

    def _measure(self, number: int, mm: float) -> None:
        if self.entry is not None:
            sizes = list(self.entry.measured)
            sizes[number] = mm
            if self._change(measured=tuple(sizes)):
                self.sides[number].show_value(mm)
                self._tell()

    def _bar(self, number: int, mm: float) -> None:
        if self._change(**{("across", "along")[number]: mm}):
            self.bars[number].show_value(mm)

    def _took(self, minutes: int) -> None:
        """The whole time, shared among all stages as they were reckoned: whoever writes a total means all of
        it, whatever stages the clock ran for."""
        e = self.entry
        if e is None:
            return
        before = e.planned or e.spent or (("all", 1.0),)
        whole = sum(m for _, m in before) or 1.0
        self._change(spent=tuple((stage, minutes * m / whole) for stage, m in before))

    def _change(self, **values: object) -> bool:
        """Change the entry in hand; whether it could be."""
        if self.entry is None:
            return False
        fresh = self.entry._replace(**values)  # type: ignore[arg-type]
        try:
            check_entry(fresh)
        except MingeiError as error:
            self.reason.setText(t(error.words))
            self.reason.show()
            return False
        self.reason.hide()
        if fresh != self.entry:
            self.entry, self._dirty = fresh, True
            self._timer.start()
        return True

    def keep(self) -> None:
        """Keep what was written, now."""
        self._timer.stop()
        if self._dirty and self.entry is not None:
            self._dirty = False
            self.kept.emit(self.entry)

    def _make_again(self) -> None:
        if self.entry:
            self.again.emit(self.entry)

    def _take_out(self) -> None:
        if self.entry:
            self.removed.emit(self.entry.id)

    def _add_photo(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self, t("Add a photo"), str(Path.home()),
                                              t("Pictures (*.png *.jpg *.jpeg *.webp)"))
        if name and self.entry is not None:
            self.add_photo(Path(name))

    def add_photo(self, path: Path) -> None:
        """Keep a photo with the entry in hand."""
        if self.entry is None:
            return
        try:
            kept = self._photo(path.read_bytes())
        except MingeiError as error:
            self.reason.setText(t(error.words))
            self.reason.show()
            return
        except OSError as error:
            self.reason.setText(t("{name} cannot be read ({reason})", name=path.name, reason=error.strerror))
            self.reason.show()
            return
        self._change(photos=(*self.entry.photos, kept))
        self._tell()
        self.keep()


class Lesson(NamedTuple):
    """What the logbook teaches: a sentence, what would change, what a button says, what it does."""

    words: str
    preview: str
    press: str
    act: Callable[[], None]


class LessonCard(Card):
    """Lessons, each with its press."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(t("What it teaches"), parent)
        self.column = QVBoxLayout()
        self.body.addLayout(self.column)
        self.presses: list[QPushButton] = []
        self._shown: list[QWidget] = []
        self.hide()

    def show_lessons(self, lessons: list[Lesson]) -> None:
        """Show these; where there are none the card is away."""
        for holder in self._shown:
            self.column.removeWidget(holder)
            holder.hide()
            holder.deleteLater()
        self._shown, self.presses = [], []
        self.setVisible(bool(lessons))
        for lesson in lessons:
            holder = QWidget()
            side = QHBoxLayout(holder)
            side.setContentsMargins(0, 0, 0, 2)
            lines = QVBoxLayout()
            words = QLabel(lesson.words)
            words.setWordWrap(True)
            press = QPushButton(lesson.press)
            press.clicked.connect(lambda _=False, act=lesson.act: act())
            lines.addWidget(words)
            lines.addWidget(quiet(lesson.preview))
            side.addLayout(lines, 1)
            side.addWidget(press)
            self.column.addWidget(holder)
            self._shown.append(holder)
            self.presses.append(press)
