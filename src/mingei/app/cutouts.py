"""Cutting a figure out of a picture: the picture with the outline on it, what is ground pressed away, and the
outline's measures beside it."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from pathlib import Path

from PySide6.QtCore import QPointF, QRectF, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QColor, QImage, QKeyEvent, QMouseEvent, QPainter, QPainterPath, QPaintEvent, QPen
from PySide6.QtWidgets import (
    QCheckBox,
    QDialogButtonBox,
    QFileDialog,
    QFormLayout,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from mingei.app import theme
from mingei.app.cards import quiet
from mingei.app.dialogs import Dialog
from mingei.app.document import Document
from mingei.app.fields import CountField, LengthField, refusal
from mingei.app.taking_in import take_in
from mingei.app.words import capital, t
from mingei.app.workers import Job
from mingei.core.document.project import Brief
from mingei.core.errors import MingeiError
from mingei.core.picture.tracing import MOST_TOLERANCE, Pressed, Traced, Wanted, check
from mingei.formats.picture_file import (
    ENDINGS,
    CutOut,
    Seen,
    art_of,
    brief_of,
    cut_out,
    kept,
    look,
    tall,
    tiled_for,
)

#: A change is traced once nothing was changed for so long, ms.
_REST_MS = 200
#: So many px of the picture a press of an arrow key moves the cross.
_STEP_PX = 8
_USUAL_MM = 200.0


class PictureView(QWidget):
    """A picture with the outline on it, and a cross that the arrow keys move.

    pressed: a place of the picture, px, and whether what is there is ground (else it is figure again).
    """

    pressed = Signal(int, int, bool)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setMinimumSize(380, 440)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setCursor(Qt.CursorShape.CrossCursor)
        self.setAccessibleName(t("The picture and its outline"))
        self.setToolTip(
            t("Press on what is ground and was left in; with Shift, on what belongs to the figure. By "
                          "keyboard: arrow keys move the cross, the space bar presses."))
        self._image = QImage()
        self._traced: Traced | None = None
        self._cross: QPointF | None = None

    def show_picture(self, seen: Seen | None) -> None:
        self._traced, self._cross = None, None
        self._image = QImage()
        if seen is not None:
            high, wide = seen.pixels.shape[:2]
            self._image = QImage(seen.pixels.tobytes(), wide, high, 4 * wide,
                                 QImage.Format.Format_RGBA8888).copy()
        self.update()

    def show_outline(self, traced: Traced | None) -> None:
        self._traced = traced
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(440, 520)

    def _placed(self) -> tuple[QRectF, float]:
        """Where the picture is drawn, and how large one of its px is; room for a border all round."""
        room = QRectF(self.rect()).adjusted(24, 24, -24, -24)
        factor = min(room.width() / self._image.width(), room.height() / self._image.height())
        size = QRectF(0, 0, self._image.width() * factor, self._image.height() * factor)
        size.moveCenter(room.center())
        return size, factor

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.fillRect(self.rect(), QColor(theme.LIGHT.ground))  # paper, whatever the light
        if self._image.isNull():
            painter.setPen(QColor(theme.LIGHT.quiet))
            painter.drawText(self.rect(), Qt.AlignmentFlag.AlignCenter, t("Choose a picture."))
            return
        where, factor = self._placed()
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.drawImage(where, self._image)
        if self._traced is not None:
            self._paint_outline(painter, where, factor)
        if self._cross is not None and self.hasFocus():
            x, y = where.left() + self._cross.x() * factor, where.top() + self._cross.y() * factor
            painter.setPen(QPen(QColor(theme.LIGHT.persimmon), 2))
            painter.drawLine(QPointF(x - 9, y), QPointF(x + 9, y))
            painter.drawLine(QPointF(x, y - 9), QPointF(x, y + 9))

    def _paint_outline(self, painter: QPainter, where: QRectF, factor: float) -> None:
        assert self._traced is not None
        seen, mm = self._traced.seen, self._traced.mm
        path = QPainterPath()
        for outline in self._traced.outlines:
            points = [QPointF(where.left() + (seen.left + k.x / mm) * factor,
                              where.bottom() - (seen.bottom + k.y / mm) * factor) for k in outline]
            path.moveTo(points[0])
            for point in points[1:]:
                path.lineTo(point)
            path.closeSubpath()
        beside = QPainterPath()
        beside.addRect(QRectF(self.rect()))
        veil = QColor(theme.LIGHT.ground)
        veil.setAlpha(150)
        path.setFillRule(Qt.FillRule.OddEvenFill)
        painter.fillPath(beside.subtracted(path), veil)
        painter.setPen(QPen(QColor(theme.LIGHT.indigo), 2))
        painter.drawPath(path)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if self._image.isNull():
            return
        where, factor = self._placed()
        at = event.position()
        self._cross = QPointF((at.x() - where.left()) / factor, (at.y() - where.top()) / factor)
        self._press(not event.modifiers() & Qt.KeyboardModifier.ShiftModifier)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        ways = {Qt.Key.Key_Left: (-1, 0), Qt.Key.Key_Right: (1, 0), Qt.Key.Key_Up: (0, -1),
                Qt.Key.Key_Down: (0, 1)}
        if self._image.isNull() or event.key() not in (*ways, Qt.Key.Key_Space):
            super().keyPressEvent(event)
            return
        at = self._cross or QPointF(self._image.width() / 2, self._image.height() / 2)
        self._cross = at
        if event.key() == Qt.Key.Key_Space:
            self._press(not event.modifiers() & Qt.KeyboardModifier.ShiftModifier)
            return
        dx, dy = ways[Qt.Key(event.key())]
        self._cross = QPointF(min(max(0.0, at.x() + dx * _STEP_PX), self._image.width() - 1.0),
                              min(max(0.0, at.y() + dy * _STEP_PX), self._image.height() - 1.0))
        self.update()

    def _press(self, ground: bool) -> None:
        assert self._cross is not None
        x, y = int(self._cross.x()), int(self._cross.y())
        if 0 <= x < self._image.width() and 0 <= y < self._image.height():
            self.pressed.emit(x, y, ground)
        self.update()


class CutOutDialog(Dialog):
    """Choose a picture, look at its outline, take it or leave it.  A cut-out in hand takes the other picture,
    else a new thing comes into the kit."""

    def __init__(self, document: Document, paths: Sequence[Path], parent: QWidget) -> None:
        super().__init__(parent)
        self.document = document
        self.seen: Seen | None = None
        self.made: CutOut | None = None
        self.paths = list(paths)
        height = (float(document.brief.values["height"]) if document.brief.recipe == "cutout" else _USUAL_MM)
        self.wanted = Wanted(height=height, level=0.02 * height)
        self._job: Job | None = None
        self.setWindowTitle(t("Cut a figure out of a picture"))
        self.view = PictureView()
        self.view.pressed.connect(self._pressed)
        self._fields()
        self._lay_out()
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(_REST_MS)
        self._timer.timeout.connect(self._trace)
        if self.paths:
            self._read()

    def _fields(self) -> None:
        self.file = QPushButton(t("Choose a picture…"))
        self.file.setToolTip(t("PNG or JPEG, on a plain or see-through ground. Several stand side by side."))
        self.file.clicked.connect(self._choose)
        hints = {"height": (t("Height"), t("Of the figure as it is seen, without border.")),
                 "border": (t("Border"), t("Left all round, and joins what hardly hangs together.")),
                 "level": (t("Straight foot"), t("Its lowest parts are filled out to one line so far up.")),
                 "foot": (t("Added foot"), t("So wide a straight foot is put under it; 0 for none.")),
                 "deviation": (t("Deviation"),
                               t("So far its sides may stray from the picture: more is quicker "
                                                 "to cut.")),
                 "thinnest": (t("Thinnest"), t("What is narrower tears."))}
        self.lengths: dict[str, LengthField] = {}
        for name, (label, hint) in hints.items():
            field = LengthField(label, hint)
            field.set_unit(self.document.project.unit)
            field.show_value(getattr(self.wanted, name))
            field.edited.connect(lambda mm, name=name: self._set_length(name, mm))
            self.lengths[name] = field
        self.tolerance = CountField(0, int(MOST_TOLERANCE), t("Tolerance"))
        self.tolerance.setValue(int(self.wanted.tolerance))
        self.tolerance.setSingleStep(5)
        self.tolerance.setToolTip(t("How far a colour may be from the ground's and be ground too."))
        self.tolerance.valueChanged.connect(lambda n: self._set(tolerance=float(n)))
        self.holes = QCheckBox(t("Keep holes"))
        self.holes.toggled.connect(lambda on: self._set(holes=on))
        self.widened = QCheckBox(t("Widen what is narrower"))
        self.widened.toggled.connect(lambda on: self._set(widened=on))
        self.undo = QPushButton(t("Undo the last press"))
        self.undo.setEnabled(False)
        self.undo.clicked.connect(lambda: self._set(pressed=self.wanted.pressed[:-1]))
        self.told = QLabel()
        self.told.setWordWrap(True)
        self.reason = refusal()
        self.buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok
                                        | QDialogButtonBox.StandardButton.Cancel)
        self.ok = self.buttons.button(QDialogButtonBox.StandardButton.Ok)
        self.ok.setText(t("Make it"))
        self.ok.setEnabled(False)
        self.buttons.accepted.connect(self._take)
        self.buttons.rejected.connect(self.reject)

    def _lay_out(self) -> None:
        side = QVBoxLayout()
        side.addWidget(self.file)
        side.addWidget(quiet(t("Press on what is ground and was left in; with Shift, on what belongs to the "
                               "figure.")))
        for field in self.lengths.values():
            side.addWidget(field)
        form = QFormLayout()
        form.addRow(t("Tolerance"), self.tolerance)
        side.addLayout(form)
        for widget in (self.holes, self.widened, self.undo, self.told, self.reason):
            side.addWidget(widget)
        side.addStretch(1)
        side.addWidget(self.buttons)
        holder = QWidget()
        holder.setLayout(side)
        holder.setFixedWidth(330)
        row = QHBoxLayout(self)
        row.addWidget(self.view, 1)
        row.addWidget(holder)

    # -- read ------------------------------------------------------------------------------------------------

    def _choose(self) -> None:
        kinds = " ".join(f"*{ending}" for ending in ENDINGS)
        names, _ = QFileDialog.getOpenFileNames(self, t("A picture"), "",
                                                t("Pictures ({kinds})", kinds=kinds))
        if names:
            self.paths = [Path(name) for name in names]
            self._read()

    def _read(self) -> None:
        paths = list(self.paths)
        take_in(self, paths[0], lambda _, step: look(paths, 0.0, step), self._show, self._refuse)

    def _show(self, seen: Seen) -> None:
        self.seen = seen
        self.file.setText(", ".join(path.name for path in self.paths)[:60])
        self.wanted = self.wanted._replace(pressed=())
        self.view.show_picture(seen)
        self._trace()

    # -- asked -----------------------------------------------------------------------------------------------

    def _set_length(self, name: str, mm: float) -> None:
        try:
            check(self.wanted._replace(**{name: mm}))  # type: ignore[arg-type]
        except MingeiError as error:
            self.lengths[name].refuse(error)
            return
        self.lengths[name].show_value(mm)
        self._set(**{name: mm})

    def _set(self, **values: object) -> None:
        self.wanted = self.wanted._replace(**values)  # type: ignore[arg-type]
        self.undo.setEnabled(bool(self.wanted.pressed))
        self._timer.start()

    def _pressed(self, x: int, y: int, ground: bool) -> None:
        self._set(pressed=(*self.wanted.pressed, Pressed(x, y, ground)))

    # -- traced ----------------------------------------------------------------------------------------------

    def _trace(self) -> None:
        """Trace it in the background; what was under way is no longer wanted."""
        if self.seen is None:
            return
        if self._job is not None:
            self._job.cancel()
        seen, wanted = self.seen, self.wanted
        job = Job(lambda progress: cut_out(seen, wanted, progress.stop_if_asked), self)
        self._job = job
        job.done.connect(lambda made: self._traced(job, made))
        job.failed.connect(lambda error: self._refuse(error) if job is self._job else None)
        job.start()

    def _traced(self, job: Job, made: CutOut) -> None:
        if job is not self._job:
            return
        self.made = made
        self.reason.hide()
        self.view.show_outline(made.traced)
        box = max(k.x for k in made.traced.outlines[0])
        self.told.setText("\n".join([t("{corners} corners; {wide:.0f} mm wide, {high:.0f} mm high with its "
                                       "border.", corners=sum(len(o) for o in made.traced.outlines), wide=box,
                                       high=tall(made)),
                                     *(capital(f"{t(what)}.") for what in made.told)]))
        self.ok.setEnabled(True)
        self.grow()

    def _refuse(self, error: MingeiError) -> None:
        self.made = None
        self.view.show_outline(None)
        self.told.setText("")
        self.reason.setText(capital(error.words))
        self.reason.show()
        self.ok.setEnabled(False)
        self.grow()

    def _take(self) -> None:
        """Keep the picture, then put the figure into the kit."""
        assert self.made is not None and self.seen is not None
        seen, made = self.seen, self.made
        self.ok.setEnabled(False)
        job = Job(lambda _: kept(seen, made), self)
        job.done.connect(self._add)
        job.failed.connect(self._refuse)
        job.start()

    def _add(self, made: CutOut) -> None:
        document, name, height = self.document, self.paths[0].stem, tall(made)
        try:
            if document.brief.recipe == "cutout":
                taken = brief_of(made, name, height, values={
                    k: v for k, v in document.brief.measures if k not in ("drawn", "height")})
                others = tuple(a for a in document.brief.arts if a.name != art_of(made).name)
                document.change_brief(replace(document.brief, measures=taken.measures,
                                              arts=(*taken.arts, *others)), t("another picture"))
            else:
                document.add_brief(_standing(made, name, height), tiled_for(document.project, height))
        except MingeiError as error:
            self._refuse(error)
            return
        self.accept()


def _standing(made: CutOut, name: str, height: float) -> Brief:
    """The thing as it stands the usual way, or where it cannot, on a base, or not at all."""
    for how in ("feet", "base"):
        try:
            return brief_of(made, name, height, values={"stands": how})
        except MingeiError:
            continue
    return brief_of(made, name, height, values={"stands": "lies"})
