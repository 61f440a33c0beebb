"""The card of artwork on the panel in hand, or across the whole piece: pictures and words.  Hidden while no
panel is chosen."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QSignalBlocker
from PySide6.QtGui import QColor
from PySide6.QtWidgets import (
    QCheckBox,
    QColorDialog,
    QFileDialog,
    QLabel,
    QPlainTextEdit,
    QPushButton,
    QWidget,
)

from mingei.app.document import Document
from mingei.app.fields import CountField, QuietCombo
from mingei.app.panel_card import PanelCard
from mingei.app.taking_in import take_in
from mingei.app.words import t
from mingei.core.covering.art import Art, Fill, free_name, nowhere
from mingei.core.draft import Role
from mingei.core.plane.shape import bounds

#: The usual share of a panel's width that words take.
_WORDS_SHARE = 0.8
_FILLS = ((Fill.WHOLE, "whole, centred"), (Fill.COVER, "covering it"), (Fill.SIZED, "at its own size"),
          (Fill.REPEAT, "repeated"),
          (Fill.STEPPED, "repeated, stepped"))


class ArtCard(PanelCard):
    """Follows the selection."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(t("Printed on it"), document, parent)
        document.arrived.connect(self._say_missing)

    def _make(self) -> None:
        self._add_buttons((
            ("picture", t("Picture…"),
             t("A PNG or JPEG picture, or an SVG drawing, printed on this panel, upright when it is folded."),
             self._add_picture),
            ("words", t("Words"), t("Words on this panel, upright when it is folded."), self._add_words),
        ), lambda words: t("Print on this panel: {what}", what=words))
        self._add_list(t("Artwork of this panel"))
        self.text = QPlainTextEdit()
        self.text.setAccessibleName(t("Words to print"))
        self.text.setTabChangesFocus(True)
        self.text.setFixedHeight(58)
        self.text.textChanged.connect(self._write)
        self.body.addWidget(self.text)
        self.font_ = QuietCombo()
        self.colour = QPushButton(t("Colour…"))
        self.colour.clicked.connect(self._ask_colour)
        self.fill = QuietCombo()
        for fill, words in _FILLS:
            self.fill.addItem(t(words), fill)
        self.fill.setToolTip(t("How the picture takes its place on the panel."))
        self.fill.activated.connect(
            lambda i: self._try(lambda: self._put(self._filling(Fill(self.fill.itemData(i))))))
        self.font_.activated.connect(
            lambda i: self._try(lambda: self._put(self._now()._replace(font=str(self.font_.itemData(i))))))
        self.rows: dict[str, tuple[QLabel, QWidget]] = {}
        for key, words, widget in (("fill", t("Placed"), self.fill), ("font", t("Font"), self.font_),
                                   ("colour", t("Ink"), self.colour)):
            widget.setAccessibleName(words)
            self.rows[key] = self.add_row(words, widget), widget
        self._add_lengths((
            ("width", t("Width"), t("Of one picture, or of the longest line of words.")),
            ("x", t("To the right"),
             t("From the panel's middle, as it stands when folded. Write a minus to go left.")),
            ("y", t("Up"), t("From the panel's middle, as it stands when folded. Write a minus to go down.")),
            ("bleed", t("Bleed"),
             t("How far it runs past cuts and under tabs, so that no white edge shows: 3 mm is usual.")),
        ))
        self.turn = CountField(0, 359, t("Turned"))
        self.turn.setSuffix("°")
        self.turn.setSingleStep(5)
        self.turn.setWrapping(True)
        self.turn.setToolTip(t("From upright, counter-clockwise."))
        self.turn.valueChanged.connect(
            lambda v: self._try(lambda: self._put(self._now()._replace(turn_deg=float(v)))))
        self.rows["turn"] = self.add_row(t("Turned"), self.turn), self.turn
        self.whole = QCheckBox(t("Across the folds, over the whole piece"))
        self.whole.clicked.connect(lambda on: self._try(lambda: self._spread(on)))
        self.keep = QPushButton(t("Keep a copy"))
        self.keep.setToolTip(t("The picture is copied to your own store, so that a file moved or changed "
                               "elsewhere changes nothing here."))
        self.keep.clicked.connect(lambda: self._try(self._keep))
        self.missing = QLabel()
        self.missing.setObjectName("reason")
        self.missing.setWordWrap(True)
        self.remove = QPushButton(t("Take it off"))
        self.remove.clicked.connect(lambda: self._try(lambda: self.document.remove_art(self.shown)))
        for each in (self.whole, self.keep, self.missing, self.remove, self.reason):
            self.body.addWidget(each)

    # -- what is shown ---------------------------------------------------------------------------------------

    def part(self) -> tuple[str, str]:
        """The piece and the flat panel in hand, or two empty names."""
        part = self.document.selection
        pattern = self.document.build.pattern_of(part)
        panel = pattern.by_name.get(part.panel) if pattern else None
        return ((part.piece, part.panel) if panel is not None and panel.role in (Role.WALL, Role.FLAP)
                and not panel.whole else ("", ""))

    def panel(self) -> str:
        return self.part()[1]

    def _here(self) -> list[Art]:
        piece, panel = self.part()
        arts = self.document.brief.arts
        lost = nowhere(arts, self.document.build.patterns)  # for want of any panel they are offered on all
        return [a for a in arts if a in lost
                or (a.piece == piece and a.panel in (panel, "") and a.fill is not Fill.ROUND)]

    def _filling(self, fill: Fill) -> Art:
        """The artwork at hand, filling so; what went round fills this panel then."""
        art = self._now()
        if art.fill is not Fill.ROUND:
            return art._replace(fill=fill)
        piece, panel = self.part()
        return art._replace(fill=fill, piece=piece, panel=panel)

    def _now(self) -> Art:
        return next(a for a in self._here() if a.name == self.shown)

    def _show(self, panel: str) -> None:
        self.heading.setText(t("Printed on the {panel}", panel=t(panel)))
        names = [a.name for a in self._here()]
        self._show_list(names)
        art = self._now() if names else None
        sized = art is not None and art.fill in (Fill.SIZED, Fill.REPEAT, Fill.STEPPED)
        self._show_lengths(art, ("width", "x", "y", "bleed") if sized else ("x", "y", "bleed"))
        for key, (label, widget) in self.rows.items():
            shown = art is not None and (key in ("fill", "turn") or bool(art.words))
            label.setVisible(shown)
            widget.setVisible(shown)
        self.text.setVisible(art is not None and bool(art.words))
        self.whole.setVisible(art is not None)
        self.remove.setVisible(art is not None)
        self.keep.setVisible(art is not None and bool(art.source))
        self.keep.setEnabled(art is not None and Path(art.source).stem != art.digest)
        if art is not None:
            with QSignalBlocker(self.text), QSignalBlocker(self.turn):
                if self.text.toPlainText() != art.words:
                    self.text.setPlainText(art.words)
                self.turn.setValue(int(art.turn_deg) % 360)
            self.fill.setCurrentIndex(self.fill.findData(art.fill))
            if art.words:
                self._offer_fonts(art.font)
            self.whole.setChecked(not art.panel)
            self.remove.setText(t("Take off the {name}", name=art.name))
        self._say_missing()

    def _offer_fonts(self, chosen: str) -> None:
        if self.font_.count() == 0:
            from mingei.formats.artwork import installed_fonts

            self.font_.addItem(t("The shipped one"), "")
            for family in sorted(installed_fonts()):
                self.font_.addItem(family, family)
        if self.font_.findData(chosen) < 0:
            self.font_.addItem(chosen, chosen)
        self.font_.setCurrentIndex(self.font_.findData(chosen))

    def _say_missing(self) -> None:
        if not self.adds:
            return
        said = [error for art, error in self.document.prints.refused(self.document.build)
                if art.name == self.shown] if self.document.brief.arts else []
        self.missing.setVisible(bool(said) and self.remove.isVisibleTo(self))
        if said:
            self.missing.setText(t(said[0].words))

    # -- changing it -----------------------------------------------------------------------------------------

    def _print(self, art: Art) -> None:
        self._add(art.name, lambda: self.document.set_art(art, t("print {name}", name=art.name)))

    def _add_picture(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self, t("A picture to print"), "",
                                              t("Pictures (*.png *.jpg *.jpeg *.svg)"))
        if name:
            from mingei.formats import artwork, assets

            piece, panel = self.part()

            def whole(path: Path, step: Callable[[], None]) -> str:
                artwork.read_through(artwork.load(path), step)  # refused here rather than shown as missing
                return assets.digest_of(str(path))

            def then(digest: str) -> None:
                self._print(Art(free_name(self.document.brief.arts, Path(name).stem[:40] or t("picture")),
                                piece, panel, source=name, digest=digest))

            take_in(self, Path(name), whole, then, self._refuse, self.document.still_this())

    def _keep(self) -> None:
        """Take a copy of the picture into the person's own store, in the background."""
        from mingei.formats import assets

        art = self._now()

        def kept(path: Path, step: Callable[[], None]) -> Path:
            step()
            return assets.keep(path)

        def then(copy: Path) -> None:
            self._put(art._replace(source=str(copy), digest=copy.stem))

        take_in(self, Path(art.source), kept, then, self._refuse, self.document.still_this())

    def _add_words(self) -> None:
        piece, panel = self.part()
        pattern = next(p for p in self.document.build.patterns if p.name == piece)
        box = bounds(pattern.by_name[panel].flat_polygon)
        width = round(_WORDS_SHARE * min(box.width, box.height), 1)
        self._print(Art(free_name(self.document.brief.arts, t("{panel} words", panel=t(panel))), piece, panel,
                      words=self.document.brief.name, fill=Fill.SIZED, width=width, bleed=0.0))

    def _spread(self, on: bool) -> None:
        self._put(self._now()._replace(panel="" if on else self.part()[1]))

    def _write(self) -> None:
        words = self.text.toPlainText()
        if words.strip():
            self._try(lambda: self._put(self._now()._replace(words=words)))

    def _ask_colour(self) -> None:
        chosen = QColorDialog.getColor(QColor(self._now().colour), self, t("Ink of the words"))
        if chosen.isValid():
            self._try(lambda: self._put(self._now()._replace(colour=chosen.name())))

    def _put(self, art: Art) -> None:
        self.document.set_art(art, t("change {name}", name=art.name))

    def _with_length(self, key: str, mm: float) -> None:
        self._put(Art(**{**self._now()._asdict(), key: mm}))
