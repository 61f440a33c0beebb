"""The make sheet as printed pages: set in columns of words and pictures, no step parted from its picture,
with bookmarks; reads in grey."""

from __future__ import annotations

import io
from collections.abc import Callable, Collection, Iterable, Iterator, Sequence
from typing import Any

from reportlab.lib.colors import Color, black
from reportlab.lib.styles import ParagraphStyle
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import (
    BaseDocTemplate,
    Flowable,
    Frame,
    KeepTogether,
    ListFlowable,
    PageBreak,
    PageTemplate,
    Paragraph,
    Spacer,
    Table,
    TableStyle,
)

from mingei.core.document.make_sheet import (
    ALL,
    RECORD,
    MakeSheet,
    Section,
    Thing,
    needed_stocks,
    needs_words,
    time_words,
)
from mingei.core.layout.drawing import Drawing
from mingei.core.layout.marks import page_drawing
from mingei.core.layout.sheets import Sheet
from mingei.core.length import write_both
from mingei.core.plan.picture import Picture
from mingei.core.work.plan_pages import plan_pages
from mingei.formats.pdf import POINTS_PER_MM as MM
from mingei.formats.pdf import draw_on, fonts, tell
from mingei.formats.step_svg import ARROW, EDGE, HATCH, HEAVY, escaped, groups, head_of

_MARGIN_MM = 15.0
_INK, _QUIET, _RULE = Color(0.15, 0.13, 0.11), Color(0.34, 0.31, 0.26), Color(0.72, 0.67, 0.59)
#: Pictures of steps and of finished things are so wide, mm; sheets shown small are so wide.
_STEP_MM, _THING_MM, _SMALL_MM = 66.0, 78.0, 42.0
#: Words beside a picture need so wide a column, mm.
_COLUMN_MM = 45.0


class _Picture(Flowable):  # type: ignore[misc]
    """A picture of a step, so wide in mm."""

    def __init__(self, picture: Picture, width_mm: float) -> None:
        super().__init__()
        self.picture, self.width = picture, width_mm * MM
        self.height = self.width / picture.width

    def wrap(self, *_: float) -> tuple[float, float]:
        return self.width, self.height

    def draw(self) -> None:
        canvas, k = self.canv, self.height

        def path(points: Iterable[tuple[float, float]], close: bool) -> Any:
            way = canvas.beginPath()
            for number, (x, y) in enumerate(points):
                (way.lineTo if number else way.moveTo)(x * k, y * k)
            if close:
                way.close()
            return way

        canvas.setLineCap(1)
        canvas.setLineJoin(1)
        for group in groups(self.picture):
            canvas.setFillColor(Color(*group.fill))
            canvas.setStrokeColor(Color(*group.fill))
            canvas.setLineWidth(0.2)
            for outline in group.outlines:
                canvas.drawPath(path(outline, True), fill=1, stroke=1)
            canvas.setStrokeColor(_INK)
            for lines, width in ((group.hatch, HATCH), (group.edges, HEAVY if group.heavy else EDGE)):
                canvas.setLineWidth(width * k / 100)
                if lines:
                    canvas.lines([(a[0] * k, a[1] * k, b[0] * k, b[1] * k) for a, b in lines])
        canvas.setStrokeColor(black)
        canvas.setFillColor(black)
        canvas.setLineWidth(ARROW * k / 100)
        for arrow in self.picture.arrows:
            canvas.drawPath(path(arrow, False), fill=0, stroke=1)
            canvas.drawPath(path(head_of(arrow), True), fill=1, stroke=0)


class _Small(Flowable):  # type: ignore[misc]
    """A drawing, as large as fits a width and a height, mm."""

    def __init__(self, drawing: Drawing, width_mm: float, height_mm: float) -> None:
        super().__init__()
        self.drawing = drawing
        self.scale = min(width_mm / drawing.width, height_mm / drawing.height)
        self.width, self.height = (v * self.scale * MM for v in (drawing.width, drawing.height))

    def wrap(self, *_: float) -> tuple[float, float]:
        return self.width, self.height

    def draw(self) -> None:
        self.canv.saveState()
        self.canv.setStrokeColor(_RULE)
        self.canv.setLineWidth(0.5)
        self.canv.rect(0, 0, self.width, self.height)
        self.canv.scale(self.scale, self.scale)
        draw_on(self.canv, self.drawing)
        self.canv.restoreState()


class _Bars(Flowable):  # type: ignore[misc]
    """The two check bars: 100 mm and 4 in."""

    def wrap(self, *_: float) -> tuple[float, float]:
        return 120 * MM, 18 * MM

    def draw(self) -> None:
        self.canv.setStrokeColor(_INK)
        self.canv.setFillColor(_INK)
        self.canv.setFont(fonts()[0], 8)
        for y, length, words in ((11.0, 100.0, "100 mm"), (3.0, 101.6, "4 in")):
            self.canv.setLineWidth(0.8)
            self.canv.line(0, y * MM, length * MM, y * MM)
            for x in (0.0, length):
                self.canv.line(x * MM, (y - 2) * MM, x * MM, (y + 2) * MM)
            self.canv.drawString((length + 3) * MM, (y - 1) * MM, words)


class _Pages(BaseDocTemplate):  # type: ignore[misc]
    """Pages with their number and the title; headings become bookmarks."""

    def __init__(self, out: io.BytesIO, sheet: Sheet, title: str) -> None:
        super().__init__(out, pagesize=(sheet.width * MM, sheet.height * MM), invariant=1, title=title,
                         initialFontName=fonts()[0])
        m = _MARGIN_MM * MM
        frame = Frame(m, m + 4 * MM, sheet.width * MM - 2 * m, sheet.height * MM - 2 * m - 4 * MM, 0, 0, 0, 0)
        self.addPageTemplates(PageTemplate("page", [frame], onPage=self._foot))
        self._name, self._marks = title, 0

    def _foot(self, canvas: Canvas, _: Any) -> None:
        canvas.setFont(fonts()[0], 8)
        canvas.setFillColor(_QUIET)
        canvas.drawString(_MARGIN_MM * MM, 9 * MM, self._name)
        canvas.drawRightString(self.pagesize[0] - _MARGIN_MM * MM, 9 * MM, str(canvas.getPageNumber()))

    def beforeDocument(self) -> None:
        tell(self.canv, self._name)

    def afterFlowable(self, flowable: Any) -> None:
        level = {"title": 0, "h2": 0, "h3": 1}.get(getattr(getattr(flowable, "style", None), "name", ""))
        if level is not None:
            self._marks += 1
            key = f"part-{self._marks}"
            self.canv.bookmarkPage(key)
            words = flowable.getPlainText()
            self.canv.addOutlineEntry(words, key, level if self._marks > 1 else 0, closed=level == 0)


def make_pdf(sheet: MakeSheet, paper: Sheet, speak: Callable[[str], str] = str,
             sections: Collection[Section] = ALL) -> bytes:
    """The pages on a paper.  speak: from the core's English to the language of the print."""
    out = io.BytesIO()
    document = _Pages(out, paper, sheet.title)
    setter = _Setter(sheet, paper, speak)
    document.build(list(setter.flow(sections)))
    return out.getvalue()


class _Setter:
    """Sets the sections of a make sheet."""

    def __init__(self, sheet: MakeSheet, paper: Sheet, speak: Callable[[str], str]) -> None:
        self.sheet, self.paper, self.t = sheet, paper, speak
        plain, bold = fonts()
        self.width = paper.width - 2 * _MARGIN_MM
        body = ParagraphStyle("body", fontName=plain, fontSize=9.5, leading=13, textColor=_INK)
        self.styles = {
            "body": body,
            "quiet": ParagraphStyle("quiet", parent=body, textColor=_QUIET, fontSize=8.5, leading=11.5),
            "care": ParagraphStyle("care", parent=body, leftIndent=6, borderPadding=3, fontSize=8.5,
                                   leading=11.5, spaceBefore=6, spaceAfter=6,
                                   borderColor=_INK, borderWidth=0.5),
            "title": ParagraphStyle("title", fontName=bold, fontSize=22, leading=27, textColor=_INK,
                                    spaceAfter=6),
            "h2": ParagraphStyle("h2", fontName=bold, fontSize=14, leading=18, textColor=_INK, spaceBefore=12,
                                 spaceAfter=5, keepWithNext=1),
            "h3": ParagraphStyle("h3", fontName=bold, fontSize=10.5, leading=14, textColor=_INK,
                                 spaceBefore=5,
                                 spaceAfter=2, keepWithNext=1),
            "step": ParagraphStyle("step", fontName=bold, fontSize=10, leading=13.5, textColor=_INK),
        }

    def flow(self, sections: Collection[Section]) -> Iterator[Any]:
        yield self.p(self.sheet.title, "title")
        for thing in self.sheet.things:
            yield self._thing(thing)
        yield self.p(self.t(time_words(self.sheet)))
        yield Spacer(1, 4 * MM)
        yield KeepTogether([_Bars(),
                            self.p(self.t("Measure both bars: other lengths mean it was not printed at "
                                                   "actual size."), "quiet")])
        for section, lines in ((Section.NEEDS, self._needs), (Section.CUTTING, self._cutting),
                               (Section.SHEETS, self._sheets), (Section.SCORES, self._scores),
                               (Section.STEPS, self._steps), (Section.ADHESIVE, self._adhesive),
                               (Section.RECORD, self._record)):
            if section in sections:
                yield from lines()

    def p(self, words: str, style: str = "body") -> Paragraph:
        return Paragraph(escaped(str(words)), self.styles[style])

    def rows(self, lines: Iterable[str], style: str = "body") -> ListFlowable | Spacer:
        found = [self.p(line, style) for line in lines]
        return (ListFlowable(found, bulletType="bullet", start="•", leftIndent=10, bulletFontSize=8,
                             bulletFontName=fonts()[0])
                if found else Spacer(1, 0))

    def beside(self, picture: Picture, wide: float, words: list[Any],
               head: Sequence[Any] = ()) -> KeepTogether:
        """A picture with words beside it, never parted, nor from a heading over it, unless the words are
        longer than a page; on narrow paper they follow below it."""
        if self.width - wide < _COLUMN_MM:
            return KeepTogether([*head, _Picture(picture, min(wide, self.width)), *words])
        grid = Table([[_Picture(picture, wide), words]],
                     colWidths=[(wide + 5) * MM, (self.width - wide - 5) * MM], splitInRow=1)
        grid.setStyle(
            TableStyle([_font(), ("VALIGN", (0, 0), (-1, -1), "TOP"), ("LEFTPADDING", (0, 0), (-1, -1), 0),
                                  ("RIGHTPADDING", (0, 0), (-1, -1), 0)]))
        return KeepTogether([*head, grid])

    def grid(self, heads: Iterable[str], rows: Iterable[Iterable[str]], shares: Iterable[float]) -> Table:
        """A table whose columns take shares of the width."""
        shares = list(shares)
        cells = [[self.p(h, "step") for h in heads], *([self.p(c, "quiet") for c in row] for row in rows)]
        found = Table(cells, colWidths=[self.width * s / sum(shares) * MM for s in shares], repeatRows=1)
        found.setStyle(
            TableStyle([_font(), ("GRID", (0, 0), (-1, -1), 0.4, _RULE), ("VALIGN", (0, 0), (-1, -1), "TOP"),
                                   ("BACKGROUND", (0, 0), (-1, 0), Color(0.93, 0.9, 0.85)),
                                   ("TOPPADDING", (0, 0), (-1, -1), 2),
                        ("BOTTOMPADDING", (0, 0), (-1, -1), 3)]))
        return found

    # -- sections --------------------------------------------------------------------------------------------

    def _thing(self, thing: Thing) -> KeepTogether:
        many = f" × {thing.copies}" if thing.copies > 1 else ""
        words = [self.p(thing.name + many, "step"), self.p(_capital(self.t(thing.purpose)) + "."),
                 self.rows([*(self.t(s) for s in thing.sizes), self.t(thing.skill),
                            *(_capital(self.t(said)) + "." for said in thing.remarks)], "quiet")]
        if thing.notes:
            words.append(self.p(thing.notes[:400], "quiet"))
        return self.beside(thing.finished, 46.0, words)

    def _needs(self) -> Iterator[Any]:
        yield self.p(self.t("What you need"), "h2")
        yield self.rows(needed_stocks(self.sheet, self.t))
        yield self.rows(self.t(x) for x in (*self.sheet.tools, *self.sheet.bought))
        yield self.p(self.t("With care"), "h3")
        yield self.rows(self.t(c) for c in self.sheet.cautions)

    def _cutting(self) -> Iterator[Any]:
        t = self.t
        yield self.p(t("Cutting list"), "h2")
        yield self.grid((t("Letter"), t("Piece"), t("Of"), t("How many"), t("Size"), t("Stock")),
                        ((r.letter, r.piece(t), r.thing, str(r.copies),
                          f"{write_both(r.width)} × {write_both(r.height)}", t(r.stock))
                         for r in self.sheet.cutting), (1.3, 3, 2.4, 1.5, 3.9, 2.4))

    def _sheets(self) -> Iterator[Any]:
        yield self.p(self.t("Sheets"), "h2")
        if self.sheet.unlaid:
            yield self.p(_capital(self.t(self.sheet.unlaid)))
        cells: list[Any] = []
        across = max(1, int(self.width // (_SMALL_MM + 2)))
        for page in self.sheet.pages:
            drawing = page_drawing(page, self.sheet.title, self.t)
            cells.append([_Small(drawing, _SMALL_MM, _SMALL_MM * 1.42),
                          self.p(f"{page.number}. {self.t(page.stock.name)}", "quiet")])
        lines = [cells[i:i + across] for i in range(0, len(cells), across)]
        if lines:
            lines[-1] += [""] * (across - len(lines[-1]))
            yield Table(lines, colWidths=[self.width / across * MM] * across,
                        style=TableStyle([_font(), ("VALIGN", (0, 0), (-1, -1), "TOP"),
                                          ("LEFTPADDING", (0, 0), (-1, -1), 0)]))

    def _scores(self) -> Iterator[Any]:
        if self.sheet.unlaid:
            return
        high = self.paper.height - 2 * _MARGIN_MM - 16
        for number, drawing in enumerate(plan_pages(self.sheet.works, self.paper, self.sheet.title, self.t)):
            yield PageBreak()
            if number == 0:
                yield self.p(self.t("Score and cut"), "h2")
            yield _Small(drawing, self.width, high)
        yield PageBreak()

    def _steps(self) -> Iterator[Any]:
        for thing in self.sheet.things:
            head: list[Any] = [self.p(f"{thing.name}: {self.t('steps')}", "h2")]
            for each in thing.steps:
                step = each.step
                words = [self.p(f"{step.number}. {self.t(step.words)}", "step")]
                words += [self.p(_capital(self.t(why)) + ".", "quiet") for why in step.because[:3]]
                words += [self.p(_capital(self.t(why)) + ".", "care") for why in step.broken]
                words.append(self.rows((self.t(x) for x in needs_words(each.needs)), "quiet"))
                words += [self.p(self.t(c), "care") for c in each.needs.cautions]
                yield self.beside(each.picture, _STEP_MM, words, head)
                head = []

    def _adhesive(self) -> Iterator[Any]:
        t = self.t
        yield self.p(t("Adhesive"), "h2")
        if self.sheet.tape:
            yield self.p(t("Tape to cut before you begin"), "h3")
            yield self.grid((t("Tape"), t("Strips"), t("Together"), t("Longest"), t("Rolls")),
                            ((write_both(x.width_mm), str(x.many), write_both(x.length_mm),
                              write_both(x.longest_mm), str(x.rolls)) for x in self.sheet.tape),
                            (2, 1, 2, 2, 1))
        if self.sheet.glue:
            yield self.p(t("Glue"), "h3")
            yield self.grid((t("Glue"), t("Grams")), ((t(n), f"{low:.1f} – {high:.1f}")
                                                      for n, low, high in self.sheet.glue), (3, 2))
        yield self.p(t("What holds each seam"), "h3")
        yield self.grid((t("Of"), t("Seam"), t("Held with"), t("Length"), t("Why")),
                        ((thing.name, t(h.name), t(h.adhesive), write_both(h.seam_mm), t(h.why))
                         for thing in self.sheet.things for h in thing.held), (2.2, 2.6, 1.8, 2.4, 3))

    def _record(self) -> Iterator[Any]:
        t = self.t
        lines = [self.p(t("Record"), "h2"), self.p(t("To fill in by hand."), "quiet"), Spacer(1, 3 * MM)]
        rows = [[self.p(t(words)), ""] for words in RECORD]
        grid = Table(rows, colWidths=[60 * MM, (self.width - 60) * MM], rowHeights=[10 * MM] * len(rows))
        grid.setStyle(TableStyle([_font(), ("LINEBELOW", (1, 0), (1, -1), 0.5, _RULE),
                                  ("VALIGN", (0, 0), (-1, -1), "BOTTOM"),
                                  ("LEFTPADDING", (0, 0), (-1, -1), 0)]))
        yield KeepTogether([*lines, grid])


def _font() -> tuple[Any, ...]:
    """The font of empty cells: another would be named in the file without being in it."""
    return "FONTNAME", (0, 0), (-1, -1), fonts()[0]


def _capital(words: str) -> str:
    return words[:1].upper() + words[1:]
