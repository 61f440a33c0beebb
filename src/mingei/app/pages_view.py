"""The pages as they will be printed, at their true proportion; pieces on them are moved by hand."""

from __future__ import annotations

import time
from collections.abc import Mapping, Sequence
from functools import cached_property, lru_cache
from itertools import groupby
from types import MappingProxyType
from typing import TYPE_CHECKING, NamedTuple

from PySide6.QtCore import QPointF, QRectF, QSize, QSizeF, Qt, QTimer, Signal
from PySide6.QtGui import (
    QColor,
    QFont,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPen,
    QPixmap,
    QPolygonF,
    QTransform,
)
from PySide6.QtWidgets import QSizePolicy, QWidget

from mingei.app import theme
from mingei.app.tiles import EVERYWHERE, Tiles
from mingei.app.words import counted, t
from mingei.core.layout.drawing import Drawing, Ink
from mingei.core.layout.laying import Key
from mingei.core.layout.marks import page_drawing
from mingei.core.layout.place import Item, Page, clashes, move_to, outline, room
from mingei.core.layout.sheets import Sheet
from mingei.core.plane.shape import Point, Rigid, contains

if TYPE_CHECKING:
    from mingei.app.prints import Print
    from mingei.core.flat.pattern import Pattern

GAP_PX = 26
CAPTION_PX = 22
#: How far an arrow key moves a piece, mm, plainly and with Shift; a press that moves less than this, px, is
#: no drag.
_NUDGE_MM, _FAR_MM, _STILL_PX = 1.0, 10.0, 4
#: New pages are drawn for so long at a time, s.
_AT_ONCE_S = 0.012
#: Pictures of pages are kept up to so many bytes; pages not seen yet are drawn so often, ms.
_KEPT_BYTES, _AHEAD_MS = 64_000_000, 40


class Moved(NamedTuple):
    """A piece put elsewhere: which one, on which page (None: a new one), the lower left corner of the
    rectangle round it, mm, its turn."""

    key: Key
    page: Page | None
    at: Point
    turn_deg: float


class Shown:
    """Like pages, shown once: the first of them and the last one's number; drawn when first seen."""

    def __init__(self, page: Page, last: int, title: str, prints: Mapping[Pattern, Print]) -> None:
        self.page, self.last, self._title = page, last, title
        self._picture: QPixmap | None = None
        self._at = 0.0
        self.prints = [(prints[i.load.pattern], i.move) for i in page.items if i.load.pattern in prints]

    @property
    def width(self) -> float:
        return self.page.sheet.width

    @property
    def height(self) -> float:
        return self.page.sheet.height

    @property
    def drawn_from(self) -> object:
        """All that its drawing depends on."""
        page = self.page
        return (page.sheet, page.number, page.count, page.tile, self._title,
                *((i.load.words, i.load.pattern, i.move) for i in page.items))

    def pictured(self, scale: float) -> QPixmap | None:
        """The page as it looks at so many px a mm, where that was drawn."""
        return self._picture if self._picture is not None and self._at == scale else None

    def keep(self, picture: QPixmap, scale: float) -> None:
        self._picture, self._at = picture, scale

    def forget(self) -> None:
        self._picture = None

    @property
    def weight(self) -> int:
        """Bytes its picture takes."""
        return 4 * self._picture.width() * self._picture.height() if self._picture is not None else 0

    @property
    def is_drawn(self) -> bool:
        return "tiles" in self.__dict__

    def draw(self) -> None:
        """Make its drawing, which is kept."""
        self.tiles  # noqa: B018 - worked out when first asked for

    def take(self, other: Shown) -> None:
        """The drawing of a page like this one."""
        self.drawing, self.tiles = other.drawing, other.tiles

    @cached_property
    def drawing(self) -> Drawing:
        return page_drawing(self.page, self._title, t)

    @cached_property
    def struck(self) -> frozenset[Key]:
        """The pieces that lie on each other."""
        return frozenset(item.key for pair in self.page.struck for item in pair)

    @cached_property
    def tiles(self) -> Tiles:
        return Tiles(self.drawing.strokes)


def shown_pages(pages: tuple[Page, ...], title: str, prints: Mapping[Pattern, Print] = MappingProxyType({}),
                before: Sequence[Shown] = ()) -> list[Shown]:
    """Pages that are alike shown as one.  prints: the artwork on each piece; before: what was shown, of which
    the drawings of pages that stay as they are are kept."""
    runs = [list(run) for _, run in groupby(pages,
                                            key=lambda p: (p.tile,
                                                           *((id(i.load.pattern), i.move) for i in p.items)))]
    made = [Shown(alike[0], alike[-1].number, title, prints) for alike in runs]
    known = {shown.drawn_from: shown for shown in before if shown.is_drawn}
    for shown in made:
        if shown.drawn_from in known:
            shown.take(known[shown.drawn_from])
    return made


class PagesView(QWidget):
    """Pages in rows, as large as asked, each a sheet of paper.

    A piece is taken by pressing on it, dragged, nudged by the arrow keys, turned by R, held where it is by L,
    let go of by Delete. picked: the piece that was pressed on; moved: a Moved; held: the key of a piece to be
    locked or let go; freed: that of one to lie anywhere.
    """

    picked = Signal(object)
    moved = Signal(object)
    held = Signal(object)
    freed = Signal(object)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.pages: list[Shown] = []
        self.scale = 1.0
        self.taken: Key | None = None
        self.pointed: Shown | None = None
        self._kept: list[Shown] = []
        self._ahead = QTimer(self)
        self._ahead.setInterval(_AHEAD_MS)
        self._ahead.timeout.connect(self._draw_ahead)
        self._from: tuple[QPointF, Key] | None = None
        self._to: QPointF | None = None
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(t("Pages"))
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)

    def show_pages(self, pages: list[Shown], scale: float) -> None:
        """scale: px a mm."""
        self.pages, self.scale = pages, scale
        for shown in self._kept:
            if shown not in pages:
                shown.forget()
        self._kept = [shown for shown in self._kept if shown in pages]
        self._ahead.start()
        if self.taken is not None and self.lying(self.taken) is None:
            self.taken = None
        self.setAccessibleDescription(counted("{count} page", "{count} pages",
                                              self.pages[-1].last if self.pages else 0))
        self._arrange()

    def resizeEvent(self, event: object) -> None:
        self._arrange()

    def _arrange(self) -> None:
        places = self.places()
        bottom = max((p.bottom() for p in places), default=0.0)
        right = max((p.right() for p in places), default=0.0)
        self.setMinimumSize(round(right + GAP_PX), round(bottom + CAPTION_PX + 8))
        self.update()

    def places(self) -> list[QRectF]:
        """Where each page is shown, px, in rows that fill the width."""
        result: list[QRectF] = []
        x, y, row = float(GAP_PX), 14.0, 0.0
        for shown in self.pages:
            width, height = shown.width * self.scale, shown.height * self.scale
            if result and x + width + GAP_PX > self.width():
                x, y, row = float(GAP_PX), y + row + CAPTION_PX + 14, 0.0
            result.append(QRectF(x, y, width, height))
            x += width + GAP_PX
            row = max(row, height)
        return result

    # -- moving pieces by hand -------------------------------------------------------------------------------

    def lying(self, key: Key) -> tuple[Shown, Item] | None:
        """The page a piece lies on, and the piece there."""
        return next(((shown, item) for shown in self.pages for item in shown.page.items if item.key == key),
                    None)

    def point_out(self, shown: Shown) -> None:
        """Mark a page that was gone to."""
        self.pointed = shown
        self.update()

    def take(self, key: Key | None) -> None:
        """Take a piece in hand."""
        self.taken = key
        self.update()

    def _under(self, at: QPointF) -> tuple[Shown, Item | None] | None:
        """The page under a point of the view, and the piece there."""
        for place, shown in zip(self.places(), self.pages, strict=True):
            if place.contains(at):
                p = self._to_mm(place, at)
                here = ([i for i in shown.page.items if _covers(i, p)]
                        or [i for i in shown.page.items if _boxed(i, p)])
                return shown, here[-1] if here else None
        return None

    def _to_mm(self, place: QRectF, at: QPointF) -> Point:
        return (at.x() - place.left()) / self.scale, (place.bottom() - at.y()) / self.scale

    def mousePressEvent(self, event: QMouseEvent) -> None:
        met = self._under(event.position())
        if met is None:
            return
        shown, item = met
        self.take(item.key if item else None)
        self._from = (event.position(), item.key) if item is not None and shown.page.tile is None else None
        self.picked.emit((item or shown.page.items[0]).load.pattern)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if (self._from is not None
            and (self._to is not None or (event.position() - self._from[0]).manhattanLength() > _STILL_PX)):
            self._to = event.position()
            self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._from is not None and self._to is not None:
            target = self._dropped()
            self._from = self._to = None
            self.update()
            if target is not None:
                self.moved.emit(target)
        self._from = self._to = None

    def _dropped(self) -> Moved | None:
        """Where the piece in the air would come to lie; None where it cannot."""
        assert self._from is not None and self._to is not None
        start, met = self._from[0], self.lying(self._from[1])
        if met is None:
            return None
        shown, item = met
        place = self.places()[self.pages.index(shown)]
        step = self._to - start
        corner = (QPointF(place.left() + item.box.left * self.scale, place.bottom() - item.box.bottom
                          * self.scale) + step)
        middle = corner + QPointF(item.box.width * self.scale / 2, -item.box.height * self.scale / 2)
        for other_place, other in zip(self.places(), self.pages, strict=True):
            if other_place.contains(middle):
                if other.page.stock.id != shown.page.stock.id or other.page.tile is not None:
                    return None
                x, y = self._to_mm(other_place, corner)
                return self._kept_in(other.page, item, x, y, item.move.turn_deg)
        return self._kept_in(None, item, 0.0, 0.0, item.move.turn_deg, shown.page.sheet)

    def _kept_in(self, page: Page | None, item: Item, x: float, y: float, turn_deg: float,
                 sheet: Sheet | None = None) -> Moved:
        """A piece there, or as near as lies within what the printer reaches."""
        space = room(page.sheet if page is not None else sheet or self.pages[0].page.sheet)
        turn = round(turn_deg % 360.0, 4) % 360.0
        box = item._replace(move=move_to(item.load.pattern, turn, x, y)).box
        return Moved(item.key, page, (min(max(x, space.left), max(space.left, space.right - box.width)),
                                      min(max(y, space.bottom), max(space.bottom, space.top - box.height))),
                     turn)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        met = self.lying(self.taken) if self.taken is not None else None
        if met is None or met[0].page.tile is not None:
            super().keyPressEvent(event)
            return
        shown, item = met
        step = _FAR_MM if event.modifiers() & Qt.KeyboardModifier.ShiftModifier else _NUDGE_MM
        ways = {Qt.Key.Key_Left: (-step, 0.0), Qt.Key.Key_Right: (step, 0.0), Qt.Key.Key_Up: (0.0, step),
                Qt.Key.Key_Down: (0.0, -step)}
        key = Qt.Key(event.key())
        if key in ways:
            dx, dy = ways[key]
            self.moved.emit(self._kept_in(shown.page, item, item.box.left + dx, item.box.bottom + dy,
                                          item.move.turn_deg))
        elif key == Qt.Key.Key_R:
            self.turn()
        elif key == Qt.Key.Key_L:
            self.held.emit(item.key)
        elif key in (Qt.Key.Key_Delete, Qt.Key.Key_Backspace):
            self.freed.emit(item.key)
        else:
            super().keyPressEvent(event)

    def turn(self) -> None:
        """Turn the piece in hand by a quarter, about its middle."""
        met = self.lying(self.taken) if self.taken is not None else None
        if met is not None:
            shown, item = met
            cx, cy = item.box.centre
            self.moved.emit(self._kept_in(shown.page, item, cx - item.box.height / 2, cy - item.box.width / 2,
                                          item.move.turn_deg + 90.0))

    def _hands(self, painter: QPainter, place: QRectF, shown: Shown) -> None:
        """Pieces that lie on each other in brick, what is held there with a dot, the one in hand with a
        frame."""
        painter.save()
        painter.translate(place.left(), place.bottom())
        painter.scale(self.scale, -self.scale)
        for item in shown.page.items:
            polygon = QPolygonF([QPointF(*p) for p in item.move.apply_all(outline(item.load.pattern))])
            if item.key in shown.struck:
                tint = theme.colour("brick")
                tint.setAlpha(70)
                painter.setPen(Qt.PenStyle.NoPen)
                painter.setBrush(tint)
                painter.drawPolygon(polygon)
            painter.setBrush(Qt.BrushStyle.NoBrush)
            if item.key == self.taken:
                pen = QPen(theme.colour("indigo"), 2)
                pen.setCosmetic(True)
                painter.setPen(pen)
                painter.drawPolygon(polygon)
            if item.locked:
                painter.setPen(Qt.PenStyle.NoPen)
                painter.setBrush(theme.colour("indigo"))
                painter.drawEllipse(QPointF(item.box.left + 2.5, item.box.top - 2.5), 1.6, 1.6)
        painter.restore()

    def _in_the_air(self, painter: QPainter) -> None:
        """The piece that is dragged, brick where it would lie on another."""
        if self._from is None or self._to is None:
            return
        target, met = self._dropped(), self.lying(self._from[1])
        if met is None:
            return
        shown, item = met
        page = shown if target is None else next((s for s in self.pages if s.page is target.page), None)
        step = self._to - self._from[0]
        if target is not None and page is not None:
            place = self.places()[self.pages.index(page)]
            move = move_to(item.load.pattern, target.turn_deg, *target.at)
            others = [i for i in page.page.items if i.key != item.key]
            struck = any(item.key in (a.key, b.key) for a, b in clashes((*others, item._replace(move=move))))
            origin = QPointF(place.left(), place.bottom())
        else:
            place, move, struck = self.places()[self.pages.index(shown)], item.move, target is None
            origin = QPointF(place.left(), place.bottom()) + step
        painter.save()
        painter.translate(origin)
        painter.scale(self.scale, -self.scale)
        tint = theme.colour("brick" if struck else "indigo")
        pen = QPen(tint, 2)
        pen.setCosmetic(True)
        painter.setPen(pen)
        tint.setAlpha(50)
        painter.setBrush(tint)
        painter.drawPolygon(QPolygonF([QPointF(*p) for p in move.apply_all(outline(item.load.pattern))]))
        painter.restore()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        exposed = QRectF(event.rect())
        fresh, waiting = 0.0, False  # s spent on pages that were not drawn before
        for place, shown in zip(self.places(), self.pages, strict=True):
            if not place.adjusted(0, 0, GAP_PX, CAPTION_PX + 8).intersects(exposed):
                continue
            painter.fillRect(place.translated(1.5, 2.5), theme.colour("line"))
            known = shown.pictured(self.scale)
            if known is None and fresh > _AT_ONCE_S:
                painter.fillRect(place, QColor("white"))
                waiting = True
                continue
            begun = time.perf_counter()
            painter.drawPixmap(place.topLeft(), self._pictured(shown))
            fresh += time.perf_counter() - begun if known is None else 0.0
            self._hands(painter, place, shown)
            self._caption(painter, place, shown)
        if waiting:  # the rest after whatever else waits: many new pages at once would hold everything up
            QTimer.singleShot(0, self, self.update)
        self._in_the_air(painter)
        if self.hasFocus():
            painter.setPen(QPen(theme.colour("indigo"), 2))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(self.rect().adjusted(1, 1, -1, -1))

    def _pictured(self, shown: Shown) -> QPixmap:
        """A page as it looks at this size, drawn once; those seen longest ago are let go."""
        known = shown.pictured(self.scale)
        if known is None:
            ratio = self.devicePixelRatioF()
            known = QPixmap(QSizeF(shown.width * self.scale * ratio, shown.height * self.scale
                                   * ratio).toSize().expandedTo(QSize(1, 1)))
            known.setDevicePixelRatio(ratio)
            known.fill(QColor("white"))
            painter = QPainter(known)
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            self._page(painter, QRectF(0.0, 0.0, shown.width * self.scale, shown.height * self.scale), shown)
            painter.end()
            shown.keep(known, self.scale)
        self._kept = [s for s in self._kept if s is not shown] + [shown]
        while len(self._kept) > 1 and sum(s.weight for s in self._kept) > _KEPT_BYTES:
            self._kept.pop(0).forget()
        return known

    def _page(self, painter: QPainter, place: QRectF, shown: Shown) -> None:
        """All that is printed on a page."""
        self._margins(painter, place, shown.page.sheet)
        painter.save()
        painter.translate(place.left(), place.bottom())
        painter.scale(self.scale, -self.scale)
        if shown.page.tile is not None:
            space = room(shown.page.sheet)
            painter.setClipRect(QRectF(space.left, space.bottom, space.width, space.height))
        for made, move in shown.prints:
            self._print(painter, made, move)
        painter.restore()
        painter.save()
        painter.translate(place.left(), place.bottom())
        painter.scale(self.scale, -self.scale)
        shown.tiles.paint(painter, dict.fromkeys(Ink, QColor("#1c1c1c")), [EVERYWHERE], printed=True)
        painter.restore()
        self._texts(painter, place, shown.drawing)

    def _caption(self, painter: QPainter, place: QRectF, shown: Shown) -> None:
        """Which page it is, and what lies on it."""
        if shown is self.pointed:
            painter.setPen(QPen(theme.colour("indigo"), 2))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(place.adjusted(-3, -3, 3, 3))
        painter.setPen(theme.colour("quiet"))
        painter.setFont(theme.text_font(theme.SMALL))
        first, count = shown.page.number, shown.page.count
        pieces = ", ".join(dict.fromkeys(i.load.words for i in shown.page.items))
        if shown.page.tile is not None:
            pieces = t("{piece}, tile {tile}", piece=pieces, tile=shown.page.tile.name)
        words = (t("page {n} of {count}: {piece}", n=first, count=count, piece=pieces) if shown.last == first
                 else t("pages {n} to {last} of {count}: {piece}", n=first, last=shown.last, count=count,
                        piece=pieces))
        below = QRectF(place.left(), place.bottom() + 4, place.width() + GAP_PX - 8, CAPTION_PX)
        painter.drawText(below, painter.fontMetrics().elidedText(words, Qt.TextElideMode.ElideRight,
                                                                 round(below.width())))

    def _draw_ahead(self) -> None:
        """Draw one page that was not seen yet, in a pause."""
        waiting = next((s for s in self.pages if not s.is_drawn), None)
        if waiting is None or not self.isVisible():
            self._ahead.stop()
        else:
            waiting.draw()

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
            painter.setFont(_font(max(1, round(text.size * self.scale)), text.bold))
            painter.save()
            painter.translate(place.left() + text.at[0] * self.scale,
                              place.bottom() - text.at[1] * self.scale)
            painter.rotate(-text.turn_deg)
            if text.middle:
                room = QRectF(-300, -text.size * self.scale, 600, 2 * text.size * self.scale)
                painter.drawText(room, Qt.AlignmentFlag.AlignCenter, text.words)
            else:
                painter.drawText(0, 0, text.words)
            painter.restore()


@lru_cache(maxsize=64)
def _font(px: int, bold: bool) -> QFont:
    """The letters of the pages so high; one made anew is looked for among all fonts each time it is drawn
    with."""
    font = QFont(theme.text_font(bold=bold))
    font.setPixelSize(px)
    return font


def _boxed(item: Item, p: Point) -> bool:
    box = item.box
    return box.left <= p[0] <= box.right and box.bottom <= p[1] <= box.top


def _covers(item: Item, p: Point) -> bool:
    return _boxed(item, p) and contains(outline(item.load.pattern), item.move.inverse().apply(p))
