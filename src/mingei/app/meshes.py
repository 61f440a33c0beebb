"""Bringing in a mesh: which file, how many facets a person will build, which way is up; then what was found
in it, in plain words, before anything changes."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

from PySide6.QtCore import QPointF
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen, QPolygonF
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
from mingei.app.fields import CountField, LengthField, QuietCombo, refusal
from mingei.app.ready import look_ahead
from mingei.app.root_marks import FACETED
from mingei.app.taking_in import take_in
from mingei.app.words import capital, t
from mingei.core.document.build import build
from mingei.core.document.project import Brief, new_brief
from mingei.core.errors import MeasureError, MingeiError
from mingei.core.layout.place import room
from mingei.core.length import write_both
from mingei.core.mesh.facets import MOST_MERGED_DEG
from mingei.core.mesh.look import Seen, asks, seen
from mingei.core.mesh.mending import Mending
from mingei.core.mesh.mesh import Mesh
from mingei.core.recipes import find_recipe
from mingei.core.stock import find_stock
from mingei.core.words import say
from mingei.formats.mesh_file import ENDINGS, Taken, load, with_picture

#: So many facets are offered, and at the most.
_USUAL, _MOST = 200, 5000
#: So high a model is to begin with, mm.
_HIGH_MM = 150.0


class MeshDialog(Dialog):
    """Read, look at what was found, take it or leave it.  A faceted model in hand takes the other mesh, else
    a new thing comes into the kit."""

    def __init__(self, document: Document, path: Path | None, parent: QWidget) -> None:
        super().__init__(parent)
        self.document, self.path = document, path
        self.taken: Taken | None = None
        self.setWindowTitle(t("Bring in a mesh"))
        self.setMinimumWidth(420)
        self.file = QPushButton(path.name if path else t("Choose a file…"))
        self.file.clicked.connect(self._choose)
        self.facets = CountField(4, _MOST, t("Facets"))
        self.facets.setValue(_USUAL)
        self.facets.setSingleStep(50)
        self.facets.setToolTip(t("About so many are left: as many as you will fold and glue."))
        self.upright = QuietCombo()
        self.upright.setAccessibleName(t("Up"))
        for key, words in (("z", t("third axis (z)")), ("y", t("second axis (y)"))):
            self.upright.addItem(words, key)
        form = QFormLayout()
        form.addRow(t("File"), self.file)
        form.addRow(t("Facets"), self.facets)
        form.addRow(t("Up"), self.upright)
        self.kind = QuietCombo()
        self.kind.setAccessibleName(t("Made as"))
        for key, words in (("mesh", t("a model")), ("mask", t("a mask to wear"))):
            self.kind.addItem(words, key)
        form.addRow(t("Made as"), self.kind)
        self.merge = CountField(0, int(MOST_MERGED_DEG), t("Make one"))
        self.merge.setSuffix("°")
        self.merge.setToolTip(t("Facets that turn by no more are made one; corners move a little for it."))
        form.addRow(t("Make one up to"), self.merge)
        self.axis = QuietCombo()
        self.axis.setAccessibleName(t("Sized by"))
        for number, words in enumerate((t("width"), t("depth"), t("height"),
                                          t("width of its foot"))):
            self.axis.addItem(words, number)
        self.axis.setCurrentIndex(2)
        self.length = LengthField("", t("So large is the model; of a mask, what is on Draft counts."))
        self.length.set_unit(document.project.unit)
        self.length.line.setAccessibleName(t("Size"))
        self.length.bare()
        self.length.show_value(_HIGH_MM)
        self.length.edited.connect(self._sized)
        self.length_mm = _HIGH_MM
        sized = QHBoxLayout()
        sized.addWidget(self.axis)
        sized.addWidget(self.length, 1)
        form.addRow(t("Sized by"), sized)
        self.mended: dict[Mending, QCheckBox] = {}
        for kind, words, hint in (
                (Mending.WELD, t("Weld corners at one place"),
                 t("What comes as loose triangles hangs together then.")),
                (Mending.TURN, t("Turn faces that are inside out"), t("All look outwards then.")),
                (Mending.FILL, t("Fill small holes"),
                 t("Holes of few sides are closed; leave them open where they are meant, such as eyes."))):
            box = self.mended[kind] = QCheckBox(words)
            box.setToolTip(hint)
            box.setChecked(True)
            box.toggled.connect(lambda _: self._read())
            form.addRow(t("Mended") if kind is Mending.WELD else "", box)
        self.view = MeshView()
        self.found = QLabel()
        self.found.setWordWrap(True)
        self.reason = refusal()
        self.buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok
                                        | QDialogButtonBox.StandardButton.Cancel)
        self.buttons.button(QDialogButtonBox.StandardButton.Ok).setText(t("Make it"))
        self.buttons.button(QDialogButtonBox.StandardButton.Ok).setEnabled(False)
        self.buttons.accepted.connect(self._take)
        self.buttons.rejected.connect(self.reject)
        column = QVBoxLayout(self)
        column.addWidget(
            quiet(t("OBJ, STL, PLY, OFF or glTF: mended where that is safe, and reduced to facets "
                                 "one can build.")))
        column.addLayout(form)
        column.addWidget(self.view)
        column.addWidget(self.found)
        column.addWidget(self.reason)
        column.addWidget(self.buttons)
        self.facets.editingFinished.connect(self._read)
        self.merge.editingFinished.connect(self._read)
        self.upright.activated.connect(lambda _: self._read())
        if path:
            self._read()

    def _choose(self) -> None:
        kinds = " ".join(f"*{ending}" for ending in ENDINGS)
        name, _ = QFileDialog.getOpenFileName(self, t("A mesh"), "", t("Meshes ({kinds})", kinds=kinds))
        if name:
            self.path = Path(name)
            self.file.setText(self.path.name)
            self._read()

    def _read(self) -> None:
        if self.path is None:
            return
        facets, upright = self.facets.value(), str(self.upright.currentData())
        left = [kind for kind, box in self.mended.items() if not box.isChecked()]
        merge = float(self.merge.value()) or 0.5
        take_in(self, self.path, lambda path, step: load(path, facets, upright, step, left, merge),
                self._show,
                self._refuse)

    def _sized(self, mm: float) -> None:
        height = find_recipe("mesh").measure("height")
        lowest, highest = height.minimum, height.maximum
        if not lowest <= mm <= highest:
            self.length.refuse(MeasureError(say("{size} is no size of a model", size=write_both(mm)), "",
                                            say("make it {least} to {most}", least=write_both(lowest),
                                                most=write_both(highest))))
            return
        self.length_mm = mm
        self.length.show_value(mm)

    def _show(self, taken: Taken) -> None:
        self.taken = taken
        self.reason.hide()
        self.found.setText("\n".join(report(taken)))
        self.view.show_mesh(taken.mesh)
        self.grow()
        self.buttons.button(QDialogButtonBox.StandardButton.Ok).setEnabled(True)

    def _refuse(self, error: MingeiError) -> None:
        self.taken = None
        self.found.setText("")
        self.view.show_mesh(None)
        self.reason.setText(capital(error.words))
        self.reason.show()
        self.grow()
        self.buttons.button(QDialogButtonBox.StandardButton.Ok).setEnabled(False)

    def _take(self) -> None:
        """Cut it into pieces in the background, so that the window has them at once when it comes into the
        kit."""
        assert self.taken is not None and self.path is not None
        document, project = self.document, self.document.project
        mesh = self.taken.mesh
        own: dict[str, float | str] = {"face": self.taken.printed}
        kind = document.brief.recipe if document.brief.recipe in FACETED else str(self.kind.currentData())
        if kind == "mesh":
            own["height"] = round(mesh.height_for(int(self.axis.currentData()), self.length_mm), 1)
        try:
            if document.brief.recipe in FACETED:
                accepted = find_recipe(document.brief.recipe).accept(
                    {**document.brief.values, "mesh": self.taken.text, "hand": "", **own})
                brief = replace(document.brief, measures=tuple(accepted.items()))
                stock, parts = project.stock_of(brief), project.parts_of(brief)
            else:
                space = room(project.paper)
                short, long = sorted((space.width, space.height))
                brief = new_brief(kind, {"mesh": self.taken.text, "wide": short, "high": long, **own},
                                  name=self.path.stem[:60])
                stock, parts = find_stock(brief.stock, project.stocks), ()
        except MingeiError as error:
            self._refuse(error)
            return
        self.buttons.button(QDialogButtonBox.StandardButton.Ok).setEnabled(False)
        taken, paper = self.taken, self.document.project.paper

        def made(_: Path, step: Callable[[], None]) -> Brief:
            found = with_picture(brief, taken, step)
            look_ahead(build(found, stock, parts), paper)
            return found

        take_in(self, self.path, made, self._add, self._refuse)

    def _add(self, brief: Brief) -> None:
        if self.document.brief.recipe in FACETED:
            self.document.change_brief(brief, t("bring in a mesh"))
        else:
            self.document.add_brief(brief)
        self.accept()


class MeshView(QWidget):
    """The mesh as it will be folded, its open edges heavy."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setMinimumHeight(190)
        self.setAccessibleName(t("The mesh"))
        self._seen: Seen | None = None
        self.hide()

    def show_mesh(self, mesh: Mesh | None) -> None:
        self._seen = seen(mesh) if mesh is not None else None
        self.setVisible(mesh is not None)
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        if self._seen is None:
            return
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        factor = min((self.width() - 16) / self._seen.width, self.height() - 16.0)
        left = (self.width() - self._seen.width * factor) / 2

        def at(point: tuple[float, float]) -> QPointF:
            return QPointF(left + point[0] * factor, self.height() - 8 - point[1] * factor)

        bright, dark = theme.colour("printed"), theme.colour("rim")
        painter.setPen(QPen(theme.colour("ink"), 0.8))
        for shape in self._seen.shapes:
            share = shape.light
            near = shape.colour or (bright.red(), bright.green(), bright.blue())
            far = tuple(c // 2 for c in near) if shape.colour else (dark.red(), dark.green(), dark.blue())
            painter.setBrush(QColor(*(round(share * a + (1 - share) * b)
                                      for a, b in zip(near, far, strict=True))))
            painter.drawPolygon(QPolygonF([at(p) for p in shape.corners]))
        painter.setPen(QPen(theme.colour("persimmon"), 2.5))
        for a, b in self._seen.open:
            painter.drawLine(at(a), at(b))
        painter.end()


def report(taken: Taken) -> list[str]:
    """What was found in a mesh, in plain words."""
    x, y, z = taken.mesh.size
    lines = [t("{before} faces as it came, {after} facets to fold.", before=len(taken.mended.mesh.faces),
               after=len(taken.mesh.faces)),
             t("It is {wide:.2f} times as wide and {deep:.2f} times as deep as it is high.", wide=x / z,
               deep=y / z)]
    work = asks(taken.mesh)
    lines.append(
        t("{edges} edges to fold or glue, some {hours:.1f} hours; {flat} turn so little that they need no "
                   "score. The shortest edge is {share:.1f} % of the height.", edges=work.edges,
          hours=work.hours,
                   flat=work.flat, share=100 * work.shortest))
    lines += [t("Mended: {what}.", what=t(done.words)) for done in taken.mended.done]
    if taken.skin is not None:
        lines.append(t("It bears a picture: that is printed round the model, under tabs, too."))
    elif taken.mesh.colours is not None:
        lines.append(t("It has colours: each facet is printed in its own."))
    return lines + [capital(f"{t(what)}.") for what in taken.mended.left]
