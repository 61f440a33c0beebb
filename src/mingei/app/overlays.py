"""The card of what is glued on the panel in hand: mats, labels, linings.  Hidden while no panel that can bear one is chosen."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QSignalBlocker
from PySide6.QtWidgets import QCheckBox, QGridLayout, QLabel, QPushButton, QWidget

from mingei.app.cards import Card
from mingei.app.document import Document
from mingei.app.fields import LengthField, QuietCombo
from mingei.app.words import t
from mingei.core.errors import MingeiError
from mingei.core.overlay import LABELS, LININGS, Overlay, free_name, may_cover

_BORDERED, _SIZED = ("border", "corner", "pad"), ("width", "height", "x", "y", "corner", "pad")


class OverlaysCard(Card):
    """Follows the selection: a panel, or an overlay itself."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Glued on it"), parent)
        self.document = document
        self.shown = ""  # the overlay whose measures are shown
        self.adds: dict[str, QPushButton] = {}
        self.lengths: dict[str, LengthField] = {}
        self.hide()
        document.selected.connect(lambda _: self.refresh())
        document.changed.connect(self.refresh)

    def _make(self) -> None:
        """Its fields, made when a panel is first chosen: the window stands the sooner without them."""
        grid = QGridLayout()
        grid.setSpacing(6)
        for number, (key, words, hint, act) in enumerate((
            ("mat", t("Mat"), t("A panel of another paper inside this one's edges, with an even border. It follows the panel's windows."),
             lambda: self._add(Overlay(self._free(t("{panel} mat", panel=t(self.panel()))), self.panel()))),
            ("label", t("Label"), t("A label with a size and place of its own."), self._add_label),
            ("lining", t("Lining"), t("A mat on the inner face. It keeps clear of what is glued there."),
             lambda: self._add(Overlay(self._free(t("{panel} lining", panel=t(self.panel()))), self.panel(), inside=True, part=LININGS))),
            ("all", t("Mats all round"), t("A mat on every panel that is seen from outside and flat, not on the base."),
             self.document.cover_all),
        )):
            button = QPushButton(words)
            button.setToolTip(hint)
            button.setAccessibleName(t("Glue on this panel: {what}", what=words) if key != "all" else words)
            button.clicked.connect(lambda _=False, act=act: self._try(act))
            self.adds[key] = button
            grid.addWidget(button, number // 2, number % 2)
        self.body.addLayout(grid)
        self.list = QuietCombo()
        self.list.setAccessibleName(t("What is glued on this panel"))
        self.list.activated.connect(lambda index: self._turn_to(str(self.list.itemData(index))))
        self.body.addWidget(self.list)
        for key, words, hint in (
            ("border", t("Border"), t("How far it keeps inside the panel's edges: 3 mm, or an eighth of an inch, is usual.")),
            ("width", t("Width"), t("Across the label.")),
            ("height", t("Height"), t("Up the label.")),
            ("x", t("To the right"), t("From the panel's middle to the label's. Write a minus to go left.")),
            ("y", t("Up"), t("From the panel's middle to the label's. Write a minus to go down.")),
            ("corner", t("Corners"), t("Radius of its corners.")),
            ("pad", t("Foam pads"), t("Height of the pads it stands on; 0 where it is glued flat. Their height counts in the envelope.")),
        ):
            field = LengthField(words, hint)
            field.edited.connect(lambda mm, key=key: self._edit(key, mm))
            self.lengths[key] = field
            self.body.addWidget(field)
        self.guide = QCheckBox(t("Trace its place on the panel"))
        self.guide.clicked.connect(lambda on: self._try(lambda: self._put(self._now()._replace(guide=on))))
        self.remove = QPushButton(t("Take it off"))
        self.remove.clicked.connect(lambda: self._try(lambda: self.document.remove_overlay(self.shown)))
        self.reason = QLabel()
        self.reason.setObjectName("reason")
        self.reason.setWordWrap(True)
        for widget in (self.guide, self.remove, self.reason):
            self.body.addWidget(widget)

    # -- what is shown -------------------------------------------------------------------------------------------

    def panel(self) -> str:
        """The panel in hand that can bear an overlay, or ""; of an overlay in hand, the panel it is glued on."""
        part = self.document.selection
        overlay = next((o for o in self.document.brief.overlays if o.name == part.panel), None)
        if overlay is not None:
            return overlay.panel
        pattern = self.document.build.pattern_of(part)
        if pattern is None or part.panel not in pattern.by_name or not may_cover(pattern.by_name[part.panel]):
            return ""
        return part.panel

    def _here(self) -> list[Overlay]:
        return [o for o in self.document.brief.overlays if o.panel == self.panel()]

    def _now(self) -> Overlay:
        return next(o for o in self._here() if o.name == self.shown)

    def refresh(self) -> None:
        name = self.panel()
        self.setVisible(bool(name))
        if not name:
            return
        if not self.adds:
            self._make()
        self.heading.setText(t("Glued on the {panel}", panel=t(name)))
        here, unit, names = self._here(), self.document.project.unit, [o.name for o in self._here()]
        if self.document.selection.panel in names:
            self.shown = self.document.selection.panel
        elif here and self.shown not in names:
            self.shown = names[-1]
        with QSignalBlocker(self.list):
            self.list.clear()
            for each in names:
                self.list.addItem(each, each)
            self.list.setCurrentIndex(names.index(self.shown) if self.shown in names else -1)
        self.list.setVisible(len(here) > 1)
        overlay = self._now() if here else None
        for key, field in self.lengths.items():
            field.setVisible(overlay is not None and key in (_SIZED if overlay.is_label else _BORDERED))
            if field.unit != unit:
                field.set_unit(unit)
            if overlay is not None:
                field.show_value(getattr(overlay, key))
        self.guide.setVisible(overlay is not None and not overlay.inside)
        self.remove.setVisible(overlay is not None)
        if overlay is not None:
            self.guide.setChecked(overlay.guide)
            self.remove.setText(t("Take off the {name}", name=overlay.name))
        self.reason.hide()

    def _turn_to(self, name: str) -> None:
        self.shown = name
        self.refresh()

    # -- changing it ---------------------------------------------------------------------------------------------

    def _try(self, act: Callable[[], object]) -> None:
        """Do it, or say why it cannot be."""
        try:
            act()
        except MingeiError as error:
            self.refresh()
            self.reason.setText(t(error.words))
            self.reason.show()

    def _free(self, wish: str) -> str:
        return free_name(self.document.brief.overlays, wish)

    def _add(self, overlay: Overlay) -> None:
        shown, self.shown = self.shown, overlay.name
        try:
            self.document.set_overlay(overlay, t("glue on {name}", name=overlay.name))
        except MingeiError:
            self.shown = shown
            raise

    def _add_label(self) -> None:
        box = self.document.build.draft_box(self.panel())
        self._add(Overlay(self._free(t("{panel} label", panel=t(self.panel()))), self.panel(), width=round(0.6 * box.width, 1),
                          height=round(0.5 * box.height, 1), corner=2.0, part=LABELS))

    def _put(self, overlay: Overlay) -> None:
        self.document.set_overlay(overlay, t("change {name}", name=overlay.name))

    def _edit(self, key: str, mm: float) -> None:
        field = self.lengths[key]
        try:
            self._put(Overlay(**{**self._now()._asdict(), key: mm}))
            field.show_value(mm)
        except MingeiError as error:
            field.refuse(error)
