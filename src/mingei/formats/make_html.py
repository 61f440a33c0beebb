"""The make sheet as one self-contained page for a browser: no script, pictures as SVG within it."""

from __future__ import annotations

from collections.abc import Callable, Collection, Iterable, Iterator

from mingei.assets import make_style
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
from mingei.core.layout.marks import page_drawing
from mingei.core.length import write_both
from mingei.core.work.tasks import tasks
from mingei.formats.step_svg import escaped as e
from mingei.formats.step_svg import step_svg
from mingei.formats.svg import svg


def make_html(sheet: MakeSheet, speak: Callable[[str], str] = str, language: str = "en",
              sections: Collection[Section] = ALL) -> bytes:
    """The page.  speak: from the core's English to the language of the page, which is named so."""
    return "\n".join(_lines(sheet, speak, language, sections)).encode()


def _lines(sheet: MakeSheet, t: Callable[[str], str], language: str,
           sections: Collection[Section]) -> Iterator[str]:
    yield f'<!DOCTYPE html>\n<html lang="{e(language)}"><head><meta charset="utf-8">'
    yield '<meta name="viewport" content="width=device-width, initial-scale=1">'
    yield f"<title>{e(sheet.title)}</title><style>{make_style()}</style></head><body><main>"
    yield f"<h1>{e(sheet.title)}</h1>"
    yield from _cover(sheet, t)
    for section, lines in ((Section.NEEDS, _needs), (Section.CUTTING, _cutting), (Section.SHEETS, _sheets),
                           (Section.SCORES, _scores), (Section.STEPS, _steps), (Section.ADHESIVE, _adhesive),
                           (Section.RECORD, _record)):
        if section in sections:
            yield from lines(sheet, t)
    yield "</main></body></html>"


def _cover(sheet: MakeSheet, t: Callable[[str], str]) -> Iterator[str]:
    for thing in sheet.things:
        many = f" × {thing.copies}" if thing.copies > 1 else ""
        drawn = step_svg(thing.finished, thing.name, standalone=False)
        yield f'<section class="step"><div>{drawn}</div><div>'
        yield f"<h2>{e(thing.name)}{many}</h2><p>{e(_capital(t(thing.purpose)))}.</p>"
        yield _list([*(t(size) for size in thing.sizes), t(thing.skill),
                     *(_capital(t(said)) + "." for said in thing.remarks)])
        if thing.notes:
            yield f'<p class="quiet">{e(thing.notes)}</p>'
        yield "</div></section>"
    yield f"<p>{e(t(time_words(sheet)))}</p>"


def _needs(sheet: MakeSheet, t: Callable[[str], str]) -> Iterator[str]:
    yield f"<h2>{e(t('What you need'))}</h2>"
    yield _list(needed_stocks(sheet, t))
    yield _list(t(x) for x in (*sheet.tools, *sheet.bought))
    yield f"<h3>{e(t('With care'))}</h3>"
    yield '<div class="care">' + _list(t(c) for c in sheet.cautions) + "</div>"


def _cutting(sheet: MakeSheet, t: Callable[[str], str]) -> Iterator[str]:
    yield f"<h2>{e(t('Cutting list'))}</h2>"
    yield _table((t("Letter"), t("Piece"), t("Of"), t("How many"), t("Size"), t("Stock")),
                 ((row.letter, row.piece(t), row.thing, str(row.copies),
                   f"{write_both(row.width)} × {write_both(row.height)}", t(row.stock))
                  for row in sheet.cutting), t("Every piece by letter"))


def _sheets(sheet: MakeSheet, t: Callable[[str], str]) -> Iterator[str]:
    if sheet.unlaid:
        yield f"<h2>{e(t('Sheets'))}</h2><p>{e(_capital(t(sheet.unlaid)))}</p>"
        return
    yield f"<h2>{e(t('Sheets'))}</h2><div class=\"sheets\">"
    for page in sheet.pages:
        small = svg(page_drawing(page, sheet.title, t)).decode()
        small = small[small.index("<svg"):]
        names = ", ".join(dict.fromkeys(t(i.load.words) for i in page.items))
        label = e(f"{t('Sheet')} {page.number}: {names}")
        yield (f'<figure>{_unnamed(small, label)}<figcaption>{page.number}. '
               f"{e(t(page.stock.name))}: {e(names)}</figcaption></figure>")
    yield "</div>"


def _unnamed(drawing: str, label: str) -> str:
    """A drawing within the page: its ids would be there several times, and its lines bear no names of
    their own."""
    import re

    bare = re.sub(r'\s(?:id|aria-label)="[^"]*"', "", drawing)
    return bare.replace("<svg ", f'<svg role="img" aria-label="{label}" ', 1)


def _scores(sheet: MakeSheet, t: Callable[[str], str]) -> Iterator[str]:
    if sheet.unlaid:
        return
    yield f"<h2>{e(t('Score and cut'))}</h2>"
    for work in sheet.works:
        yield f"<h3>{e(t('Sheet'))} {work.page.number}, {e(t(work.stock.name))}</h3><ol>"
        yield "".join(f"<li>{e(t(task.words))}</li>" for task in tasks(work)) + "</ol>"


def _steps(sheet: MakeSheet, t: Callable[[str], str]) -> Iterator[str]:
    for thing in sheet.things:
        yield f"<h2>{e(thing.name)}: {e(t('steps'))}</h2>"
        yield from _told(thing, t)


def _told(thing: Thing, t: Callable[[str], str]) -> Iterator[str]:
    for each in thing.steps:
        step = each.step
        words = t(step.words)
        yield '<section class="step">'
        drawn = step_svg(each.picture, f"{thing.name} {step.number}: {words}", standalone=False)
        yield f"<div>{drawn}</div><div>"
        yield f'<h3><span class="number">{step.number}.</span> {e(words)}</h3>'
        for why in step.because[:3]:
            yield f'<p class="because">{e(_capital(t(why)))}.</p>'
        for why in step.broken:
            yield f'<p class="care">{e(_capital(t(why)))}.</p>'
        if lines := needs_words(each.needs):
            yield _list(t(x) for x in lines)
        for caution in each.needs.cautions:
            yield f'<p class="care">{e(t(caution))}</p>'
        yield "</div></section>"


def _adhesive(sheet: MakeSheet, t: Callable[[str], str]) -> Iterator[str]:
    yield f"<h2>{e(t('Adhesive'))}</h2>"
    if sheet.tape:
        yield _table((t("Tape"), t("Strips"), t("Together"), t("Longest"), t("Rolls")),
                     ((write_both(x.width_mm), str(x.many), write_both(x.length_mm), write_both(x.longest_mm),
                       str(x.rolls)) for x in sheet.tape), t("Tape to cut before you begin"))
    if sheet.glue:
        yield _table((t("Glue"), t("Grams")), ((t(name), f"{low:.1f} – {high:.1f}")
                                               for name, low, high in sheet.glue), t("Glue"))
    yield _table((t("Of"), t("Seam"), t("Held with"), t("Length"), t("Why")),
                 ((thing.name, t(h.name), t(h.adhesive), write_both(h.seam_mm), t(h.why))
                  for thing in sheet.things for h in thing.held), t("What holds each seam"))


def _record(sheet: MakeSheet, t: Callable[[str], str]) -> Iterator[str]:
    yield f"<h2>{e(t('Record'))}</h2><p class=\"quiet\">{e(t('To fill in by hand.'))}</p>"
    for words in RECORD:
        yield f'<p>{e(t(words))}</p><div class="line"></div>'


def _list(lines: Iterable[str]) -> str:
    items = "".join(f"<li>{e(line)}</li>" for line in lines)
    return f"<ul>{items}</ul>" if items else ""


def _table(heads: Iterable[str], rows: Iterable[Iterable[str]], caption: str) -> str:
    head = "".join(f'<th scope="col">{e(h)}</th>' for h in heads)
    body = "".join("<tr>" + "".join(f"<td>{e(c)}</td>" for c in row) + "</tr>" for row in rows)
    return (f"<table><caption>{e(caption)}</caption><thead><tr>{head}</tr></thead>"
            f"<tbody>{body}</tbody></table>")


def _capital(words: str) -> str:
    return words[:1].upper() + words[1:]
