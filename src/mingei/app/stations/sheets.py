"""The Sheets station: the pages as they will be printed, at their true proportion, and the way out to paper."""

from __future__ import annotations

import math
from collections.abc import Mapping
from functools import cached_property
from itertools import groupby
from types import MappingProxyType
from typing import TYPE_CHECKING

from PySide6.QtCore import QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QFont, QMouseEvent, QPainter, QPaintEvent, QPen, QTransform
from PySide6.QtWidgets import QCheckBox, QComboBox, QHBoxLayout, QLabel, QPushButton, QScrollArea, QSizePolicy, QWidget

from mingei.app import theme
from mingei.app.cards import Card, tool
from mingei.app.document import Document
from mingei.app.fields import LengthField, QuietCombo
from mingei.app.figures import write
from mingei.app.stations import SideColumn, Station
from mingei.app.tiles import EVERYWHERE, Tiles
from mingei.app.words import t
from mingei.core.drawing import Drawing, Ink
from mingei.core.errors import MingeiError
from mingei.core.layout.marks import page_drawing
from mingei.core.layout.material import material
from mingei.core.layout.place import Page, arrange, loads_of, room, sheets_that_do, too_large
from mingei.core.layout.sheets import SHEETS, Sheet
from mingei.core.layout.tile import OVERLAP_MM
from mingei.core.shape import Rigid

if TYPE_CHECKING:
    from mingei.app.prints import Print
    from mingei.core.pattern import Pattern

_GAP_PX = 26
_CAPTION_PX = 22
#: Below this many px a mm a page tells nothing.
_READABLE = 0.8
#: Pieces too large for the sheet that are named.
_SAID = 3


class Shown:
    """Like pages, shown once: the first of them and the last one's number; drawn when first seen."""

    def __init__(self, page: Page, last: int, title: str, prints: Mapping[Pattern, Print]) -> None:
        self.page, self.last, self._title = page, last, title
        self.prints = [(prints[i.load.pattern], i.move) for i in page.items if i.load.pattern in prints]

    @property
    def width(self) -> float:
        return self.page.sheet.width

    @property
    def height(self) -> float:
        return self.page.sheet.height

    @cached_property
    def drawing(self) -> Drawing:
        return page_drawing(self.page, self._title, t)

    @cached_property
    def tiles(self) -> Tiles:
        return Tiles(self.drawing.strokes)


def shown_pages(pages: tuple[Page, ...], title: str, prints: Mapping[Pattern, Print] = MappingProxyType({})) -> list[Shown]:
    """Pages that are alike shown as one.  prints: the artwork on each piece."""
    runs = [list(run) for _, run in groupby(pages, key=lambda p: (p.tile, *((id(i.load.pattern), i.move) for i in p.items)))]
    return [Shown(alike[0], alike[-1].number, title, prints) for alike in runs]


class PagesView(QWidget):
    """Pages in rows, as large as asked, each a sheet of paper.  picked: the piece that was pressed on."""

    picked = Signal(object)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.pages: list[Shown] = []
        self.scale = 1.0
        self.setAccessibleName(t("Pages"))
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)

    def show_pages(self, pages: list[Shown], scale: float) -> None:
        """scale: px a mm."""
        self.pages, self.scale = pages, scale
        self.setAccessibleDescription(t("{count} pages", count=self.pages[-1].last if self.pages else 0))
        self._arrange()

    def resizeEvent(self, event: object) -> None:
        self._arrange()

    def _arrange(self) -> None:
        places = self.places()
        bottom = max((p.bottom() for p in places), default=0.0)
        right = max((p.right() for p in places), default=0.0)
        self.setMinimumSize(round(right + _GAP_PX), round(bottom + _CAPTION_PX + 8))
        self.update()

    def places(self) -> list[QRectF]:
        """Where each page is shown, px, in rows that fill the width."""
        result: list[QRectF] = []
        x, y, row = float(_GAP_PX), 14.0, 0.0
        for shown in self.pages:
            width, height = shown.width * self.scale, shown.height * self.scale
            if result and x + width + _GAP_PX > self.width():
                x, y, row = float(_GAP_PX), y + row + _CAPTION_PX + 14, 0.0
            result.append(QRectF(x, y, width, height))
            x += width + _GAP_PX
            row = max(row, height)
        return result

    def mousePressEvent(self, event: QMouseEvent) -> None:
        for place, shown in zip(self.places(), self.pages, strict=True):
            if place.contains(event.position()):
                x, y = (event.position().x() - place.left()) / self.scale, (place.bottom() - event.position().y()) / self.scale
                here = [i for i in shown.page.items if i.box.left <= x <= i.box.right and i.box.bottom <= y <= i.box.top]
                self.picked.emit((here or list(shown.page.items))[0].load.pattern)

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        exposed = QRectF(event.rect())
        for place, shown in zip(self.places(), self.pages, strict=True):
            if not place.adjusted(0, 0, _GAP_PX, _CAPTION_PX + 8).intersects(exposed):
                continue
            painter.fillRect(place.translated(1.5, 2.5), theme.colour("line"))
            painter.fillRect(place, QColor("white"))
            self._margins(painter, place, shown.page.sheet)
            painter.save()
            painter.setClipRect(place)
            painter.translate(place.left(), place.bottom())
            painter.scale(self.scale, -self.scale)
            if shown.page.tile is not None:
                space = room(shown.page.sheet)
                painter.setClipRect(QRectF(space.left, space.bottom, space.width, space.height), Qt.ClipOperation.IntersectClip)
            for made, move in shown.prints:
                self._print(painter, made, move)
            painter.restore()
            painter.save()
            painter.setClipRect(place)
            painter.translate(place.left(), place.bottom())
            painter.scale(self.scale, -self.scale)
            shown.tiles.paint(painter, dict.fromkeys(Ink, QColor("#1c1c1c")), [EVERYWHERE], printed=True)
            painter.restore()
            self._texts(painter, place, shown.drawing)
            painter.setPen(theme.colour("quiet"))
            painter.setFont(theme.text_font(theme.SMALL))
            first, count = shown.page.number, shown.page.count
            pieces = ", ".join(dict.fromkeys(i.load.words for i in shown.page.items))
            if shown.page.tile is not None:
                pieces = t("{piece}, tile {tile}", piece=pieces, tile=shown.page.tile.name)
            words = t("page {n} of {count}: {piece}", n=first, count=count, piece=pieces) if shown.last == first else \
                t("pages {n} to {last} of {count}: {piece}", n=first, last=shown.last, count=count, piece=pieces)
            below = QRectF(place.left(), place.bottom() + 4, place.width() + _GAP_PX - 8, _CAPTION_PX)
            words = painter.fontMetrics().elidedText(words, Qt.TextElideMode.ElideRight, round(below.width()))
            painter.drawText(below, words)

    def _print(self, painter: QPainter, made: Print, move: Rigid) -> None:
        """The artwork where its piece lies on the sheet."""
        painter.save()
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.setTransform(QTransform(move.cos, move.sin, -move.sin, move.cos, move.x, move.y), True)
        painter.scale(1, -1)
        painter.drawImage(QRectF(made.box.left, -made.box.top, made.box.width, made.box.height),
                          made.near(self.scale * self.devicePixelRatioF()))
        painter.restore()

    def _margins(self, painter: QPainter, place: QRectF, sheet: Sheet) -> None:
        """What a usual printer leaves white."""
        margin = sheet.margin * self.scale
        painter.setPen(QPen(QColor("#d9d2c3"), 1, Qt.PenStyle.DotLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(place.adjusted(margin, margin, -margin, -margin))

    def _texts(self, painter: QPainter, place: QRectF, drawing: Drawing) -> None:
        painter.setPen(QColor("#1c1c1c"))
        for text in drawing.texts:
            font = QFont(theme.text_font(bold=text.bold))
            font.setPixelSize(max(1, round(text.size * self.scale)))
            painter.setFont(font)
            painter.save()
            painter.translate(place.left() + text.at[0] * self.scale, place.bottom() - text.at[1] * self.scale)
            painter.rotate(-text.turn_deg)
            if text.middle:
                room = QRectF(-300, -text.size * self.scale, 600, 2 * text.size * self.scale)
                painter.drawText(room, Qt.AlignmentFlag.AlignCenter, text.words)
            else:
                painter.drawText(0, 0, text.words)
            painter.restore()


class SheetsStation(Station):
    """Sheet and export at the left, the pages at the right."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(document, parent)
        row = QHBoxLayout(self)
        row.setContentsMargins(10, 8, 10, 10)
        row.setSpacing(10)
        row.addWidget(SideColumn(self._sheet_card(), self._takes_card(), self._out_card(), self._care_card()))
        self.card = Card(t("Pages"))
        self.card.body.removeWidget(self.card.heading)
        head = QHBoxLayout()
        head.addWidget(self.card.heading)
        head.addStretch(1)
        for icon, words, factor in (("zoom-out", t("Smaller"), 1 / 1.25), ("zoom-in", t("Larger"), 1.25),
                                    ("maximize", t("Whole pages"), 0.0)):
            button = tool(icon, words)
            button.setAccessibleName(t("Pages: {words}", words=words))
            button.clicked.connect(lambda _=False, factor=factor: self.zoom(factor))
            head.addWidget(button)
        self.card.body.addLayout(head)
        self.error = QLabel()
        self.error.setObjectName("reason")
        self.error.setWordWrap(True)
        self.error.hide()
        self.card.body.addWidget(self.error)
        self.view = PagesView()
        self.view.picked.connect(self._look_at_piece)
        self.area = QScrollArea()
        self.area.setWidget(self.view)
        self.area.setWidgetResizable(True)
        self.area.setAccessibleName(t("Pages"))
        self.card.body.addWidget(self.area, 1)
        row.addWidget(self.card, 1)
        self.pages: tuple[Page, ...] = ()
        self._shown: list[Shown] = []
        self._zoom = 0.0  # px a mm; 0: whole pages
        self._stale = True
        document.changed.connect(self._changed)
        document.arrived.connect(self._changed)

    def _sheet_card(self) -> Card:
        card = Card(t("Sheet"))
        self.sheet = QuietCombo()
        self.sheet.setAccessibleName(t("Sheet"))
        self.sheet.setToolTip(t("What lies in the printer. The drawing keeps its size on every sheet."))
        self.sheet.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        self.sheet.activated.connect(lambda row: self.document.set_sheet(SHEETS[row].name))
        card.body.addWidget(self.sheet)
        self.tiled = QCheckBox(t("Tile larger pieces"))
        self.tiled.setToolTip(t("Print a piece that is larger than the sheet over several sheets that overlap, with marks to lay them "
                                "edge to edge and a map of all."))
        self.tiled.clicked.connect(lambda on: self.document.set_tiles(OVERLAP_MM if on else 0.0))
        card.body.addWidget(self.tiled)
        self.overlap = LengthField(t("Overlap"), t("How far neighbouring sheets overlap: an inch, or 25 mm, is usual."))
        self.overlap.edited.connect(self._set_overlap)
        card.body.addWidget(self.overlap)
        self.fits = QLabel()
        self.fits.setWordWrap(True)
        self.fits.setObjectName("quiet")
        card.body.addWidget(self.fits)
        return card

    def _takes_card(self) -> Card:
        card = Card(t("What it takes"))
        self.takes = QLabel()
        self.takes.setWordWrap(True)
        self.takes.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
        self.takes.setToolTip(t("Sheets of every stock, their price where the stock cabinet knows it, and how much of them is waste."))
        card.body.addWidget(self.takes)
        return card

    def _say_takes(self) -> None:
        """Sheets, money and waste, a line a stock."""
        found = material(self.pages)
        lines = [t("{count} × {stock}: {waste} % waste", count=m.sheets, stock=t(m.stock.name), waste=round(100 * m.waste))
                 + (t(", costs {money}", money=f"{m.money:.2f}") if m.money else "") for m in found]
        money = sum(m.money for m in found)
        if money and len(found) > 1:
            lines.append(t("In all {money}, as far as prices are known.", money=f"{money:.2f}"))
        self.takes.setText("\n".join(lines) or t("Nothing yet."))

    def _out_card(self) -> Card:
        card = Card(t("To paper or to the machine"))
        self.pdf = QPushButton(t("Save as PDF to print…"))
        self.pdf.setObjectName("main")
        self.pdf.setToolTip(t("Every page at exact size, with two check bars to measure on the first sheet."))
        self.pdf.clicked.connect(lambda: self.wanted.emit("export"))
        card.body.addWidget(self.pdf)
        words = QLabel(t("Print at actual size (100 %), never fitted to the page, and measure both check bars on the first sheet. "
                         "The same door writes SVG and DXF for cutting machines and FOLD for other programs."))
        words.setWordWrap(True)
        words.setObjectName("quiet")
        card.body.addWidget(words)
        return card

    def _care_card(self) -> Card:
        card = Card(t("With care"))
        words = QLabel(t("Cut with a fresh blade against a metal rule, away from the hand; children only with an adult. "
                         "With cutting machines and lasers follow the maker's instructions and local rules."))
        words.setWordWrap(True)
        words.setObjectName("quiet")
        card.body.addWidget(words)
        return card

    # -- following the document ------------------------------------------------------------------------------------

    def _changed(self) -> None:
        self._stale = True
        if self.isVisible():
            self.refresh()

    def showEvent(self, event: object) -> None:
        self.refresh()

    def refresh(self) -> None:
        """Lay the whole kit out on the sheet in force; a piece that is too large is said, with the sheets that would do."""
        unit = self.document.project.unit
        items = [t("{name}, {width} × {height}", name=s.name, width=write(s.width, unit), height=write(s.height, unit)) for s in SHEETS]
        if [self.sheet.itemText(i) for i in range(self.sheet.count())] != items:
            self.sheet.clear()
            self.sheet.addItems(items)
        self.sheet.setCurrentIndex([s.name for s in SHEETS].index(self.document.project.sheet))
        overlap = self.document.project.tile_mm
        self.tiled.setChecked(overlap > 0)
        self.overlap.setVisible(overlap > 0)
        if self.overlap.unit != unit:
            self.overlap.set_unit(unit)
        self.overlap.show_value(overlap)
        if self._stale:
            self._stale = False
            builds = [self.document.build_of(i) for i in range(len(self.document.project.briefs))]
            loads = [load for b in builds for load in loads_of(b.brief.name, b.patterns)]
            sheet = self.document.project.paper
            layout = arrange(loads, sheet)
            self.pages = layout.pages
            self.error.setVisible(bool(layout.too_large))
            if layout.too_large:
                said = [t(too_large(load.pattern, sheet).words) for load in layout.too_large[:_SAID]]
                more = len(layout.too_large) - _SAID
                self.error.setText("\n".join(said) + ("\n" + t("and {count} more", count=more) if more > 0 else ""))
            doing = [{s.name for s in sheets_that_do(load.pattern)} for load in loads]
            common = [s.name for s in SHEETS if all(s.name in names for names in doing)]
            self.fits.setText(t("The largest piece fits {names}.", names=", ".join(common[:5])) if common
                              else t("No sheet up to A0 holds the largest piece."))
            prints = {pattern: made for b in builds for pattern, made in self.document.prints_of(b).items()}
            self._shown = shown_pages(self.pages, self.document.project.title, prints)
            self._say_takes()
            count = len(self.pages)
            self.card.heading.setText(t("Pages: {count}", count=count) if count else t("Pages"))
            self.pdf.setEnabled(bool(self.pages) and not layout.too_large)
        self._show()

    def _set_overlap(self, mm: float) -> None:
        try:
            self.document.set_tiles(mm)
        except MingeiError as error:
            self.overlap.refuse(error)

    def _show(self) -> None:
        scale = self._zoom
        if scale <= 0 and self._shown:
            room = self.area.maximumViewportSize()
            scale = self._fitting(room - QSize(self.area.verticalScrollBar().sizeHint().width(), 0))
        self.view.show_pages(self._shown, max(scale, 0.2))

    def _fitting(self, room: QSize) -> float:
        """Px a mm at which all pages are in view, or, where they would be too small to read, as many as stand in one row."""
        tallest = max(s.height for s in self._shown)
        widest = max(s.width for s in self._shown)

        def scale(columns: int, rows: int) -> float:
            high = (room.height() - rows * (_CAPTION_PX + 20)) / (rows * tallest)
            return min(high, (room.width() - (columns + 1) * _GAP_PX) / (columns * widest))

        count = len(self._shown)
        best = max(scale(columns, math.ceil(count / columns)) for columns in range(1, count + 1))
        return best if best >= _READABLE else scale(min(count, 3), 1)

    def zoom(self, factor: float) -> None:
        """Larger or smaller by a factor; 0 shows whole pages."""
        self._zoom = max(0.2, min(12.0, self.view.scale * factor)) if factor else 0.0
        self._show()

    def resizeEvent(self, event: object) -> None:
        if self.isVisible() and not self._stale:
            self._show()

    def _look_at_piece(self, pattern: Pattern) -> None:
        """A piece was pressed: turn to the thing it belongs to."""
        for i in range(len(self.document.project.briefs)):
            if pattern in self.document.build_of(i).patterns:
                self.document.look_at(i)
                return

    def enter(self) -> None:
        self.pdf.setFocus()
