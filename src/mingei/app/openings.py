"""The card of the panel in hand: windows and holes cut into it, its corners and its thumb notch.  Hidden
while no flat panel is chosen."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import QSignalBlocker
from PySide6.QtWidgets import QCheckBox, QFileDialog, QLabel, QPushButton, QWidget

from mingei.app.document import Document
from mingei.app.fields import CountField, LengthField, QuietCombo
from mingei.app.figures import write_both
from mingei.app.panel_card import PanelCard
from mingei.app.taking_in import take_in
from mingei.app.words import t
from mingei.core.amendments.opening import MOST_LAYERS, PATCH_MM, Opening, Shape, Takes, Trim
from mingei.core.amendments.split import why_not
from mingei.core.errors import MingeiError
from mingei.core.length import typeset
from mingei.core.plane import contour


class OpeningsCard(PanelCard):
    """Follows the selection."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Panel"), document, parent)

    def _make(self) -> None:
        self._add_buttons((
            ("window", t("Window"), t("A rectangle cut out of the middle, with a patch of film behind it."),
             self._add_window),
            ("hole", t("Hole"),
             t("A round hole for a stick, an eyelet, a fastener or a thread. It keeps its size when the "
               "thing is "
               "scaled."), self._add_hole),
            ("slot", t("Slot"),
             t("A slot for a tongue, a crossing board or a paper hinge: as wide as the card that passes "
               "through it."),
             self._add_slot),
            ("drawn", t("Outline…"),
             t("An opening drawn elsewhere, read from an SVG file: its largest closed path."),
             self._add_drawn),
        ), lambda words: t("Cut into this panel: {what}", what=words))
        self._add_list(t("Openings of this panel"))
        self._add_lengths((
            ("width", t("Width"),
             t("Across the opening; of a hole its diameter, of a slot its length. For a stick add 0.1 to "
               "0.3 mm.")),
            ("height", t("Height"), t("Up the opening.")),
            ("corner", t("Corners"), t("Radius of its corners: round corners do not tear.")),
            ("x", t("To the right"),
             t("From the panel's middle to the opening's, as the panel is drawn. Write a minus to go left.")),
            ("y", t("Up"), t("From the panel's middle to the opening's. Write a minus to go down.")),
        ))
        self.turn, self.layers = CountField(0, 359, t("Turned")), CountField(1, MOST_LAYERS, t("Layers"))
        self.turn.setSuffix("°")
        self.turn.setSingleStep(5)
        self.turn.setWrapping(True)
        self.counts: list[tuple[QLabel, CountField]] = []
        for count, words, hint, change in (
            (self.turn, t("Turned"),
             t("Counter-clockwise, about its middle."), lambda v: {"turn_deg": float(v)}),
            (self.layers, t("Layers"),
             t("How many layers of this card pass through the slot: two where tongues go side by side."),
             lambda v: {"layers": v}),
        ):
            count.setToolTip(hint)
            count.valueChanged.connect(lambda value, change=change: self._try(
                lambda: self._put(self._now()._replace(**change(value)))))
            label = self.add_row(words, count)
            self.counts.append((label, count))
        self.takes = QuietCombo()
        for takes, words in ((Takes.NOTHING, t("nothing")), (Takes.EYELET, t("an eyelet")),
                             (Takes.FASTENER, t("a fastener")), (Takes.MAGNET, t("a magnet")),
                             (Takes.PIN, t("a pin")), (Takes.STICK, t("a stick"))):
            self.takes.addItem(words, takes)
        self.takes.setToolTip(t("A bought part that is set into the hole: it comes into the list of what is "
                                "needed, the steps and the cautions."))
        self.takes.setAccessibleName(t("Set into it"))
        self.takes.activated.connect(lambda _: self._try(
            lambda: self._put(self._now()._replace(takes=Takes(self.takes.currentData()), window=False))))
        self.takes_label = self.add_row(t("Set into it"), self.takes)
        self.stays = QCheckBox(t("Keeps its size when scaled"))
        self.stays.setToolTip(t("For a bought part: a stick, an eyelet, a magnet."))
        self.stays.clicked.connect(lambda on: self._try(lambda: self._put(self._now()._replace(stays=on))))
        self.window_ = QCheckBox(t("Patch behind it"))
        self.window_.clicked.connect(lambda on: self._try(lambda: self._put(self._now()._replace(window=on))))
        self.patch = QLabel()
        self.patch.setObjectName("quiet")
        self.patch.setWordWrap(True)
        self.remove = QPushButton(t("Close this opening"))
        self.remove.clicked.connect(lambda: self._try(self._remove))
        self.round, self.notch = (LengthField(words, hint) for words, hint in (
            (t("Round corners"), t("Radius of the panel's free corners; 0 leaves them sharp.")),
            (t("Thumb notch"),
             t("Width of a half-round notch in the panel's longest free edge; 0 for none."))))
        self.round.edited.connect(lambda mm: self._trim(self.round, round_mm=mm))
        self.notch.edited.connect(lambda mm: self._trim(self.notch, notch_mm=mm))
        self.apart = QCheckBox(t("A piece of its own"))
        self.apart.setToolTip(
            t("Cut it off at its fold, with all that hangs on it, and join it by a glued tab: where all "
              "is too "
              "large for the sheet."))
        self.apart.clicked.connect(lambda on: self._try(lambda: self.document.set_split(self.panel(), on)))
        for widget in (self.stays, self.window_, self.patch, self.remove, self.round, self.notch, self.apart,
                       self.reason):
            self.body.addWidget(widget)

    # -- what is shown ---------------------------------------------------------------------------------------

    def panel(self) -> str:
        """The flat panel or curved wall in hand, or ""."""
        part, build = self.document.selection, self.document.build
        return part.panel if build.pattern_of(part) is not None and part.panel in build.openable else ""

    def _openings(self) -> list[Opening]:
        return [o for o in self.document.brief.openings if o.panel == self.panel()]

    def _now(self) -> Opening:
        """The opening whose measures are shown.  Raises KeyError when the panel has none."""
        for opening in self._openings():
            if opening.name == self.shown:
                return opening
        raise KeyError(self.shown)

    def _show(self, panel: str) -> None:
        self.heading.setText(t("Panel: {name}", name=t(panel)))
        here, unit = self._openings(), self.document.project.unit
        self._show_list([o.name for o in here])
        opening = self._now() if here else None
        plain = opening is not None and opening.shape is Shape.RECTANGLE
        self._show_lengths(opening, ("width", "height", "corner", "x", "y") if plain else ("width", "x", "y"))
        for widget in (self.stays, self.window_, self.remove):
            widget.setVisible(opening is not None)
        for (label, count), value, fits in zip(self.counts,
                                               (opening and int(opening.turn_deg) % 360,
                                                opening and opening.layers),
                                               (opening is not None and opening.shape is not Shape.ROUND,
                                                opening is not None and opening.shape is Shape.SLOT),
                                               strict=True):
            with QSignalBlocker(count):
                count.setValue(value or 0)
            label.setVisible(fits)
            count.setVisible(fits)
        hole = opening is not None and opening.shape is Shape.ROUND
        self.takes.setVisible(hole)
        self.takes_label.setVisible(hole)
        self.stays.setVisible(opening is not None and not opening.takes)
        self.window_.setVisible(opening is not None and opening.shape is not Shape.SLOT
                                and not opening.takes)
        self.patch.setVisible(opening is not None and opening.window)
        if opening is not None:
            self.stays.setChecked(opening.stays)
            self.takes.setCurrentIndex(self.takes.findData(opening.takes))
            self.window_.setChecked(opening.window)
            width, height = (typeset(write_both(v + 2 * PATCH_MM)) for v in opening.size)
            self.patch.setText(t("Patch: {width} by {height}, fixed inside before folding.", width=width,
                                 height=height))
        brief = self.document.brief
        flat = any(p.name == panel for piece in self.document.build.draft.pieces for p in piece.panels)
        self.adds["slot"].setEnabled(flat)  # a board does not pass through a curved wall
        for field in (self.round, self.notch):
            field.setVisible(flat)
        self.apart.setChecked(panel in brief.splits)
        self.apart.setVisible(panel in brief.splits or not why_not(brief.drafted, panel))
        trim = self._trim_now()
        for field, mm in ((self.round, trim.round_mm), (self.notch, trim.notch_mm)):
            if field.unit != unit:
                field.set_unit(unit)
            field.show_value(mm)

    def _trim_now(self) -> Trim:
        return next((trim for trim in self.document.brief.trims if trim.panel == self.panel()),
                    Trim(self.panel()))

    # -- changing it -----------------------------------------------------------------------------------------

    def _free(self, wish: str) -> str:
        taken = {o.name for o in self.document.brief.openings}
        return next(n for n in (f"{wish} {i}" for i in range(1, len(taken) + 2)) if n not in taken)

    def _room(self) -> tuple[float, float]:
        """Width and height of the panel in hand, mm."""
        box = self.document.build.openable[self.panel()]
        return box.width, box.height

    def _cut(self, opening: Opening) -> None:
        self._add(opening.name, lambda: self.document.set_opening(opening,
                                                                  t("cut {name}", name=opening.name)))

    def _add_window(self) -> None:
        width, height = self._room()
        self._cut(Opening(self._free(t("window")), self.panel(), Shape.RECTANGLE, round(width * 0.5, 1),
                          round(height * 0.5, 1), corner=2.0,
                          window=True))

    def _add_hole(self) -> None:
        self._cut(Opening(self._free(t("hole")), self.panel(), Shape.ROUND, 4.0, 4.0, stays=True))

    def _add_slot(self) -> None:
        width, height = self._room()
        self._cut(Opening(self._free(t("slot")), self.panel(), Shape.SLOT,
                          round(min(15.0, 0.5 * max(width, height)), 1),
                          turn_deg=0.0 if width >= height else 90.0, stays=True))

    def _add_drawn(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self, t("An outline from a drawing"), "",
                                              t("SVG drawings (*.svg)"))
        if name:
            from mingei.formats import svg_outline

            panel, room = self.panel(), self._room()

            def then(found: svg_outline.Found) -> None:
                box = contour.box(found.outline)
                width = min(box.width, room[0] * 0.8, room[1] * 0.8 * box.width / box.height)
                self._cut(Opening(self._free(t("outline")), panel, Shape.DRAWN, round(width, 2),
                                  drawn=contour.write(found.outline)))

            take_in(self, Path(name), lambda path, _: svg_outline.load(path), then, self._refuse,
                    self.document.still_this())

    def _put(self, opening: Opening) -> None:
        self.document.set_opening(opening, t("change {name}", name=opening.name))

    def _with_length(self, key: str, mm: float) -> None:
        self._put(Opening(**{**self._now()._asdict(), key: mm}))

    def _remove(self) -> None:
        self.document.remove_opening(self.shown)

    def _trim(self, field: LengthField, round_mm: float | None = None, notch_mm: float | None = None) -> None:
        now = self._trim_now()
        try:
            self.document.set_trim(Trim(now.panel, now.round_mm if round_mm is None else round_mm,
                                        now.notch_mm if notch_mm is None else notch_mm))
            field.show_value(field.value)
        except MingeiError as error:
            field.refuse(error)
