"""Joining the thing in hand to another: which, how, where; with a picture of the panel on which it is dragged
or nudged into place."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import QPointF, QSignalBlocker, Qt, Signal
from PySide6.QtGui import QFocusEvent, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QCheckBox, QLabel, QLineEdit, QPushButton, QWidget

from mingei.app import theme
from mingei.app.cards import Card, combo, quiet
from mingei.app.document import Document
from mingei.app.fields import CountField, refusal
from mingei.app.words import capital, t
from mingei.core.errors import MingeiError
from mingei.core.kinds.join import MOST_TIMES, Join, Row, join_of
from mingei.core.length import parse
from mingei.core.plane.shape import Polygon, shifted

if TYPE_CHECKING:  # what joins things loads with the first joint
    from mingei.core.whole.placing import Board, Caught

_HIGH_PX, _EDGE_PX = 190, 10
#: A dragged thing catches within so many px.
CATCH_PX = 7.0
#: An arrow key moves by so much, mm: alone, with Shift, with Control.
_NUDGE_MM, _FAR_MM, _FINE_MM = 1.0, 10.0, 0.1
_ARROWS = {Qt.Key.Key_Left: (-1, 0), Qt.Key.Key_Right: (1, 0), Qt.Key.Key_Up: (0, 1),
           Qt.Key.Key_Down: (0, -1)}


def _with_unit(join: Join, name: str) -> str:
    """A length of a joint, or a sum, as it is shown: with its unit."""
    text = f"{join.fit:g}" if name == "fit" else str(getattr(join, name))
    return f"{text} mm" if text.replace(".", "", 1).removeprefix("-").isdigit() else text


def caught_words(found: Caught) -> str:
    """What a thing that is dragged caught on, or else where it lies."""
    return "; ".join(t(words) for words in found.said) or t(
        "{x:.1f} mm across, {y:.1f} mm up, from the middle", x=found.x, y=found.y)


class PlaceView(QWidget):
    """The panel, what stands on it, and the thing in hand.  moved: it was set down at x, y, mm from the
    panel's middle; said: what it catches on while it is dragged."""

    moved = Signal(float, float)
    said = Signal(str)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setFixedHeight(_HIGH_PX)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(t("Place on the panel"))
        self.setToolTip(
            t("Drag it, or move it with the arrow keys: with Shift by 10 mm, with Control by 0.1 mm."))
        self._board: Board | None = None
        self._from: tuple[QPointF, float, float] | None = None
        self._shift = (0.0, 0.0)

    def show_board(self, board: Board | None) -> None:
        self._board, self._from, self._shift = board, None, (0.0, 0.0)
        if board is not None:
            from mingei.core.whole.placing import told

            self.setAccessibleDescription(t(told(board)))
        self.update()

    # -- where things are ------------------------------------------------------------------------------------

    def _scale(self) -> tuple[float, float, float]:
        assert self._board is not None
        from mingei.core.whole.placing import room_of

        box = room_of(self._board)
        factor = min((self.width() - 2 * _EDGE_PX) / box.width, (self.height() - 2 * _EDGE_PX) / box.height)
        return factor, box.centre[0], box.centre[1]

    def paintEvent(self, event: QPaintEvent) -> None:
        if self._board is None:
            return
        factor, cx, cy = self._scale()
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)

        def drawn(points: Polygon) -> QPolygonF:
            return QPolygonF(
                [QPointF(self.width() / 2 + (x - cx) * factor, self.height() / 2 - (y - cy) * factor)
                              for x, y in points])

        painter.setPen(QPen(theme.colour("ink"), 1.4))
        painter.setBrush(theme.colour("printed"))
        painter.drawPolygon(drawn(self._board.outline))
        painter.setBrush(theme.colour("surface"))
        for hole in self._board.holes:
            painter.drawPolygon(drawn(hole))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(theme.colour("rim"), 1.2))
        for other in self._board.others:
            painter.drawPolygon(drawn(other.outline))
        painter.setPen(QPen(theme.colour("persimmon"), 2.2 if self.hasFocus() else 1.6))
        wash = theme.colour("persimmon")
        wash.setAlpha(40)
        painter.setBrush(wash)
        for own in self._board.own:
            painter.drawPolygon(drawn(shifted(*self._shift).apply_all(own.outline)))
        painter.end()

    # -- by pointer and by key -------------------------------------------------------------------------------

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if self._board is not None and event.button() is Qt.MouseButton.LeftButton:
            self._from = event.position(), *self._board.own[0].at

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._from is None or self._board is None:
            return
        from mingei.core.whole.placing import caught

        factor = self._scale()[0]
        off = event.position() - self._from[0]
        found = caught(self._board, self._from[1] + off.x() / factor, self._from[2] - off.y() / factor,
                       CATCH_PX / factor)
        self._shift = found.x - self._from[1], found.y - self._from[2]
        self.said.emit(caught_words(found))
        self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._from is not None:
            (_, x, y), (dx, dy) = self._from, self._shift
            self._from = None
            if dx or dy:
                self.moved.emit(x + dx, y + dy)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        way = _ARROWS.get(Qt.Key(event.key()))
        if way is None or self._board is None:
            super().keyPressEvent(event)
            return
        held = event.modifiers()
        step = (_FAR_MM if held & Qt.KeyboardModifier.ShiftModifier
                else _FINE_MM if held & Qt.KeyboardModifier.ControlModifier else _NUDGE_MM)
        x, y = self._board.own[0].at
        self.moved.emit(x + way[0] * step, y + way[1] * step)

    def focusInEvent(self, event: QFocusEvent) -> None:
        super().focusInEvent(event)
        self.update()

    def focusOutEvent(self, event: QFocusEvent) -> None:
        super().focusOutEvent(event)
        self.update()


#: The joint whose guest lies flat on a face, or on pads.
_FLAT = "stuck"


class JoinCard(Card):
    """Shown where there are several things; all but its first row is made for the first joined thing."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Joined to"), parent)
        self.document = document
        self.host = combo(t("Thing it is joined to"), t("What it stands on, goes through or hangs from."))
        self.reason = refusal()
        self.add_row(t("Onto"), self.host)
        self.body.addWidget(self.reason)
        self.host.activated.connect(lambda _: self._changed_by_hand())
        self._shown: Join | None = None
        self._furnished = False
        document.settled.connect(self.refresh)
        self.refresh()

    def _furnish(self) -> None:
        """Make what says how and where, once."""
        if self._furnished:
            return
        self._furnished = True
        self.how = combo(t("How it is joined"), "")
        self.panel = combo(t("Panel it is joined to"), t("Of the other thing."))
        self.inside = QCheckBox(t("On the inner face"))
        self.place = combo(t("Place"), t("A place the other thing names; x and y are counted from it."))
        self.view = PlaceView()
        self.caught = quiet()
        self.lines: dict[str, QLineEdit] = {}
        for name, words, hint in (
                ("x", t("Across"),
                 t("From the middle; a length, or a sum such as =deck.width/4 - 6 mm of the measures "
                                     "of either thing.")),
                ("y", t("Up"), t("From the middle; a length, or a sum.")),
                ("deep", t("Depth"), t("How far it drops in, how long its thread is, how far it slides, "
                                       "or how high its pads are.")),
                ("apart", t("Apart"), t("The radius of the ring, or from one to the next.")),
                ("foot_x", t("Foot across"), t("Where on its own panel, from its middle.")),
                ("foot_y", t("Foot up"), t("Where on its own panel, from its middle.")),
                ("fit", t("Play"), t("So much room there is all round."))):
            line = self.lines[name] = QLineEdit()
            line.setObjectName("figure")
            line.setAccessibleName(words)
            line.setToolTip(hint)
            line.setMaxLength(200)
            line.editingFinished.connect(self._changed_by_hand)
        self.turn = CountField(-360, 360, t("Turned by"))
        self.turn.setSuffix("°")
        self.row = combo(t("How many stand there"),
                         t("Once, in a ring, in a row, or mirrored about the middle."))
        for kind, words in ((Row.ONE, t("once")), (Row.RING, t("in a ring")), (Row.ROW, t("in a row")),
                            (Row.MIRRORED, t("mirrored"))):
            self.row.addItem(words, kind)
        self.many = CountField(1, MOST_TIMES, t("How many"))
        self.foot = combo(t("Its own panel"), t("The panel of it that lies there, or is pierced."))
        self.bent = QCheckBox(t("Tongues bent over"))
        self.square = QCheckBox(t("Square to the panel"))
        self.square.setToolTip(t("Let down square to the panel, and not from above."))
        self.most = CountField(0, 180, t("Turns either way"))
        self.most.setSuffix("°")
        self.by = combo(t("Held by"), t("What it hangs by, or turns on."))
        self.needs = quiet()
        self.off = QPushButton(t("Take the joint away"))
        self.off.clicked.connect(lambda: self._set(None))
        self.labels: dict[str, QLabel] = {}
        above: tuple[tuple[str, str, QWidget], ...] = (
                ("how", t("How"), self.how),
                ("by", t("By"), self.by),
                ("panel", t("Panel"), self.panel),
                ("place", t("Place"), self.place))
        for name, words, widget in above:
            self.labels[name] = self.add_row(words, widget)
        self.body.addWidget(self.inside)
        self.body.addWidget(self.view)
        self.body.addWidget(self.caught)
        beneath: tuple[tuple[str, str, QWidget], ...] = (
                ("x", t("Across"), self.lines["x"]), ("y", t("Up"), self.lines["y"]),
                ("turn", t("Turned"), self.turn),
                ("row", t("Set"), self.row), ("many", t("How many"), self.many), ("apart", t("Apart"),
                                                                                   self.lines["apart"]),
                ("deep", t("Depth"), self.lines["deep"]), ("foot", t("Its panel"), self.foot),
                ("foot_x", t("Foot across"), self.lines["foot_x"]),
                ("foot_y", t("Foot up"), self.lines["foot_y"]),
                ("fit", t("Play"), self.lines["fit"]), ("most", t("Turns by"), self.most))
        for name, words, widget in beneath:
            self.labels[name] = self.add_row(words, widget)
        for below in (self.bent, self.square, self.needs, self.reason, self.off):
            self.body.addWidget(below)
        for each in (self.how, self.by, self.panel, self.place, self.row, self.foot):
            each.activated.connect(lambda _: self._changed_by_hand())
        for box in (self.inside, self.bent, self.square):
            box.clicked.connect(lambda _: self._changed_by_hand())
        for spin in (self.turn, self.many, self.most):
            spin.editingFinished.connect(self._changed_by_hand)
        self.view.moved.connect(self.place_at)
        self.view.said.connect(self.caught.setText)

    # -- showing it ------------------------------------------------------------------------------------------

    def refresh(self) -> None:
        project, current = self.document.project, self.document.current
        self.setVisible(len(project.briefs) > 1)
        if len(project.briefs) < 2:
            return
        join = self._shown = join_of(self.document.brief)
        with QSignalBlocker(self.host):
            self.host.clear()
            self.host.addItem(t("nothing: it stands alone"), "")
            for number, brief in enumerate(project.briefs):
                if number != current:
                    self.host.addItem(brief.name, brief.id)
            self.host.setCurrentIndex(max(0, self.host.findData(join.host if join else "")))
        self.reason.hide()
        if join is not None:
            self._furnish()
        if not self._furnished:
            return
        self.caught.setText("")
        self._dress(join)
        if join is None:
            self.view.show_board(None)
            return
        from mingei.core.whole.assembly import needed
        from mingei.core.whole.joined import joined
        from mingei.core.whole.placing import board_of, told

        found = joined(project)
        self._fill(join)
        seat = found.seat_of(current)
        self.view.show_board(board_of(found, seat) if seat is not None else None)
        self.view.setVisible(seat is not None)
        trouble = next((trouble for trouble in found.troubles if trouble.guest == current), None)
        if trouble is not None:
            self._refuse(trouble.error)
        if seat is not None:
            board = board_of(found, seat)
            self.needs.setText(t("{count} of it in all. {told}.", count=needed(found, current),
                                 told=capital(t(told(board)))))
        self.needs.setVisible(seat is not None)

    def _dress(self, join: Join | None) -> None:
        """Show the rows that mean something."""
        needs: frozenset[str] = frozenset()
        several, by = False, tuple[str, ...]()
        if join is not None:
            from mingei.core.whole.joints import joints

            several = join.row in (Row.RING, Row.ROW)
            if join.how in joints():
                needs, by = joints()[join.how].needs, joints()[join.how].by
            if [self.by.itemData(i) for i in range(self.by.count())] != list(by):
                self.by.clear()
                for word in by:
                    self.by.addItem(t(word), word)
            if not self.how.count():
                for word, joint in joints().items():
                    self.how.addItem(t(joint.title), word)
                    self.how.setItemData(self.how.count() - 1, t(joint.hint), Qt.ItemDataRole.ToolTipRole)
        on = join is not None
        shown = {"how": on, "by": bool(by), "panel": on, "place": False, "x": on, "y": on,
                 "turn": on, "row": on, "many": several, "apart": several,
                 "deep": "deep" in needs, "foot": "foot" in needs, "foot_x": "foot_x" in needs,
                 "foot_y": "foot_y" in needs, "fit": "fit" in needs, "most": "most_deg" in needs}
        widgets = {"how": self.how, "by": self.by, "panel": self.panel, "place": self.place,
                   "turn": self.turn, "row": self.row, "many": self.many, "foot": self.foot,
                   "most": self.most, **self.lines}
        for name, visible in shown.items():
            self.labels[name].setVisible(bool(visible))
            widgets[name].setVisible(bool(visible))
        for widget, visible in ((self.inside, on), (self.view, on), (self.bent, "bent" in needs),
                                (self.square, "square" in needs),
                                (self.off, on),
                                (self.caught, on), (self.needs, on)):
            widget.setVisible(bool(visible))

    def _fill(self, join: Join) -> None:
        from mingei.core.whole.bodies import panels
        from mingei.core.whole.joined import places_of, plain

        project = self.document.project
        host = next((n for n, b in enumerate(project.briefs) if b.id == join.host), None)
        blocked = [QSignalBlocker(w) for w in (self.how, self.by, self.panel, self.place, self.row, self.foot,
                                               self.turn,
                                               self.many, self.most, self.inside, self.bent,
                                               self.square)]
        self.how.setCurrentIndex(max(0, self.how.findData(join.how)))
        self.by.setCurrentIndex(max(0, self.by.findData(join.by)))
        self.panel.clear()
        self.place.clear()
        if host is not None:
            made = plain(project, host)
            for panel, _ in panels(made):
                self.panel.addItem(t(panel.name), panel.name)
            on = next((panel for panel, _ in panels(made) if panel.name == join.panel), None)
            places = places_of(made.draft, on) if on is not None else ()
            self.place.addItem(t("the middle"), "")
            for place in places:
                self.place.addItem(t(place.name), place.name)
            for widget in (self.place, self.labels["place"]):
                widget.setVisible(bool(places))
            self.place.setCurrentIndex(max(0, self.place.findData(join.place)))
        self.panel.setCurrentIndex(self.panel.findData(join.panel))
        self.foot.clear()
        self.foot.addItem(t("as it stands"), "")
        for panel, _ in panels(self.document.build):
            self.foot.addItem(t(panel.name), panel.name)
        self.foot.setCurrentIndex(max(0, self.foot.findData(join.foot)))
        self.row.setCurrentIndex(max(0, self.row.findData(Row(join.row))))
        self.turn.setValue(round(join.turn_deg))
        self.many.setValue(join.many)
        self.most.setValue(round(join.most_deg))
        self.inside.setChecked(join.inside)
        self.bent.setChecked(join.bent)
        self.square.setChecked(join.square)
        for name, line in self.lines.items():
            if not line.hasFocus():
                line.setText(_with_unit(join, name))
        del blocked

    # -- changing it -----------------------------------------------------------------------------------------

    def _changed_by_hand(self) -> None:
        host = str(self.host.currentData() or "")
        if host and all(b.id != host for b in self.document.project.briefs):
            self.refresh()  # what it lists is of the project before, until that which came is drafted
            return
        wanted = self._wanted()
        if wanted != self._shown:
            self._set(wanted)

    def _wanted(self) -> Join | None:
        """The joint as the fields have it."""
        host = str(self.host.currentData() or "")
        if not host:
            return None
        from mingei.core.whole.bodies import looks_down, panels
        from mingei.core.whole.joined import plain

        before = self._shown
        if before is None or before.host != host:
            project = self.document.project
            number = next(n for n, b in enumerate(project.briefs) if b.id == host)
            made = plain(project, number)
            first = panels(made)[0][0].name
            return Join(host, first, before.how if before else "stands", inside=looks_down(made, first))
        texts = {name: line.text().strip() for name, line in self.lines.items()}
        texts = {name: str(getattr(before, name)) if text == _with_unit(before, name) else text
                 for name, text in texts.items()}
        try:
            fit = before.fit if texts["fit"] == str(before.fit) else parse(texts["fit"])
        except MingeiError as error:
            self._refuse(error)
            return before
        row, how = Row(self.row.currentData()), str(self.how.currentData())
        panel = str(self.panel.currentData() or before.panel)
        inside = self.inside.isChecked()
        if panel != before.panel:  # the face that looks up
            number = next(n for n, b in enumerate(self.document.project.briefs) if b.id == host)
            inside = looks_down(plain(self.document.project, number), panel)
        if how == _FLAT != before.how:  # a thread's length is no height of pads
            texts["deep"] = ""
        return before._replace(
            panel=panel, how=how, by=self._by(how, before),
            place=str(self.place.currentData() or ""), inside=inside,
            bent=self.bent.isChecked(), square=self.square.isChecked(),
            turn_deg=before.turn_deg if round(before.turn_deg) == self.turn.value()
            else float(self.turn.value()),
            row=row, many=self.many.value() if row in (Row.RING, Row.ROW) else 1,
            foot=str(self.foot.currentData() or ""), most_deg=float(self.most.value()), fit=fit,
            x=texts["x"] or "0", y=texts["y"] or "0", deep=texts["deep"], apart=texts["apart"],
            foot_x=texts["foot_x"] or "0", foot_y=texts["foot_y"] or "0")

    def _by(self, how: str, before: Join) -> str:
        """What it is held by; "" for what is usual."""
        if how != before.how:
            return ""
        return str(self.by.currentData() or "") if self.by.currentIndex() > 0 else ""

    def place_at(self, x: float, y: float) -> None:
        """It was dragged or nudged there, from the middle; a named place stays what x and y are counted
        from."""
        from mingei.core.whole.joined import joined

        join, seat = self._shown, joined(self.document.project).seat_of(self.document.current)
        if join is None or seat is None:
            return
        at = seat.given.spots[0]
        own_x, own_y = seat.at
        self._set(join._replace(x=f"{own_x + x - at.x:.2f} mm", y=f"{own_y + y - at.y:.2f} mm"), "place it")

    def _set(self, join: Join | None, key: str = "") -> None:
        try:
            self.document.set_join(join, key)
        except MingeiError as error:
            self._refuse(error)

    def _refuse(self, error: MingeiError) -> None:
        self.reason.setText(capital(t(error.words)))
        self.reason.show()
