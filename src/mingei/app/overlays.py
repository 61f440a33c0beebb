"""The card of what is glued on the panel in hand: mats, labels, linings, edge bands."""

from __future__ import annotations

from PySide6.QtWidgets import QCheckBox, QPushButton, QWidget

from mingei.app.document import Document
from mingei.app.panel_card import PanelCard
from mingei.app.words import t
from mingei.core.covering.overlay import BANDS, LABELS, LININGS, OVER_MM, Overlay, free_name, may_cover

_BORDERED, _SIZED, _BAND = (("border", "corner", "pad"), ("width", "height", "x", "y", "corner", "pad"),
                            ("border",))


class OverlaysCard(PanelCard):
    """Follows the selection: a panel, or an overlay itself."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Glued on it"), document, parent)

    def _make(self) -> None:
        all_round = t("Mats all round")
        self._add_buttons((
            ("mat", t("Mat"),
             t("A panel of another paper inside this one's edges, with an even border. It follows the "
               "panel's windows."),
             lambda: self._glue(Overlay(self._free(t("{panel} mat", panel=t(self.panel()))), self.panel()))),
            ("label", t("Label"), t("A label with a size and place of its own."), self._add_label),
            ("lining", t("Lining"), t("A mat on the inner face. It keeps clear of what is glued there."),
             lambda: self._glue(Overlay(self._free(t("{panel} lining", panel=t(self.panel()))), self.panel(),
                                        inside=True, part=LININGS))),
            ("bands", t("Edge bands"),
             t("Strips of thin paper round its free cut edges, over both faces: they hide the core."),
             lambda: self._glue(Overlay(self._free(t("{panel} band", panel=t(self.panel()))), self.panel(),
                                        OVER_MM, part=BANDS))),
            ("all", all_round, t("A mat on every panel that is seen from outside and flat, not on the base."),
             self.document.cover_all),
        ), lambda words: words if words == all_round else t("Glue on this panel: {what}", what=words))
        self._add_list(t("What is glued on this panel"))
        self._add_lengths((
            ("border", t("Border"),
             t("How far it keeps inside the panel's edges: 3 mm, or an eighth of an inch, is usual. "
               "Of a band, how far it goes over each face.")),
            ("width", t("Width"), t("Across the label.")),
            ("height", t("Height"), t("Up the label.")),
            ("x", t("To the right"), t("From the panel's middle to the label's. Write a minus to go left.")),
            ("y", t("Up"), t("From the panel's middle to the label's. Write a minus to go down.")),
            ("corner", t("Corners"), t("Radius of its corners.")),
            ("pad", t("Foam pads"),
             t("Height of the pads it stands on; 0 where it is glued flat. Their height counts in the "
               "envelope.")),
        ))
        self.guide = QCheckBox(t("Trace its place on the panel"))
        self.guide.clicked.connect(lambda on: self._try(lambda: self._put(self._now()._replace(guide=on))))
        self.remove = QPushButton(t("Take it off"))
        self.remove.clicked.connect(lambda: self._try(lambda: self.document.remove_overlay(self.shown)))
        for widget in (self.guide, self.remove, self.reason):
            self.body.addWidget(widget)

    # -- what is shown ---------------------------------------------------------------------------------------

    def panel(self) -> str:
        """The panel in hand that can bear an overlay, or ""; of an overlay in hand, the panel it is glued
        on."""
        part = self.document.selection
        overlay = self._owner()
        if overlay is not None:
            return overlay.panel
        pattern = self.document.build.pattern_of(part)
        if pattern is None or pattern.rides is not None or part.panel not in pattern.by_name:
            return ""
        if not may_cover(pattern.by_name[part.panel]):
            return ""
        return part.panel

    def _owner(self) -> Overlay | None:
        """The overlay in hand."""
        return next((o for o in self.document.brief.overlays if o.owns(self.document.selection.piece)), None)

    def _here(self) -> list[Overlay]:
        return [o for o in self.document.brief.overlays if o.panel == self.panel()]

    def _now(self) -> Overlay:
        return next(o for o in self._here() if o.name == self.shown)

    def _show(self, panel: str) -> None:
        self.heading.setText(t("Glued on the {panel}", panel=t(panel)))
        names = [o.name for o in self._here()]
        owner = self._owner()
        if owner is not None:
            self.shown = owner.name
        self._show_list(names)
        overlay = self._now() if names else None
        kind = (_BORDERED if overlay is None else _SIZED if overlay.is_label else _BAND if overlay.is_band
                else _BORDERED)
        self._show_lengths(overlay, kind)
        self.guide.setVisible(overlay is not None and not overlay.inside and not overlay.is_band)
        self.remove.setVisible(overlay is not None)
        if overlay is not None:
            self.guide.setChecked(overlay.guide)
            self.remove.setText(t("Take off the {name}", name=overlay.name))

    # -- changing it -----------------------------------------------------------------------------------------

    def _free(self, wish: str) -> str:
        return free_name(self.document.brief.overlays, wish)

    def _glue(self, overlay: Overlay) -> None:
        self._add(overlay.name, lambda: self.document.set_overlay(overlay,
                                                                  t("glue on {name}", name=overlay.name)))

    def _add_label(self) -> None:
        box = self.document.build.draft_box(self.panel())
        self._glue(Overlay(self._free(t("{panel} label", panel=t(self.panel()))), self.panel(),
                           width=round(0.6 * box.width, 1),
                           height=round(0.5 * box.height, 1), corner=2.0, part=LABELS))

    def _put(self, overlay: Overlay) -> None:
        self.document.set_overlay(overlay, t("change {name}", name=overlay.name))

    def _with_length(self, key: str, mm: float) -> None:
        self._put(Overlay(**{**self._now()._asdict(), key: mm}))
