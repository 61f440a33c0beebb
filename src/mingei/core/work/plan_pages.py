"""Score plan and cutting plan as pages to be printed: the sheet small with its numbers, and what is done, one
line a task, to be read at arm's length and in grey."""

from __future__ import annotations

import math
from collections.abc import Callable, Sequence
from itertools import pairwise

from mingei.core.layout.drawing import Drawing, Ink, Stroke, Text
from mingei.core.layout.lettering import width
from mingei.core.layout.sheets import Sheet
from mingei.core.plane.shape import Line, Path, Point, Segment
from mingei.core.words import Words, say, told
from mingei.core.work.lines import Face
from mingei.core.work.plan import Work
from mingei.core.work.tasks import Sort, Task, tasks

#: Heights of text, mm: headings, the words of a task, numbers on the drawing; a line of words takes so much.
_HEADING_MM, _WORDS_MM, _NUMBER_MM, _LEAD_MM = 5.0, 4.0, 4.2, 5.9
#: Words stand so far in from their number, mm; the share of the page that is drawn on.
_INDENT_MM, _PICTURE = 11.0, 0.46
#: Numbers keep so far from each other, mm.
_APART_MM = 4.6


def plan_pages(works: Sequence[Work], sheet: Sheet, title: str,
               speak: Callable[[str], str] = str) -> tuple[Drawing, ...]:
    """Both plans of every sheet on pages of that paper.  speak: from the core's English to the language of
    the print."""
    pages: list[Drawing] = []
    for work in works:
        every = tasks(work)
        scored = [x for x in every if x.sort is not Sort.CUT]
        cut = [x for x in every if x.sort is Sort.CUT]
        order = [(say("score plan"), scored), (say("cutting plan"), cut)]
        if every and every[0].sort is Sort.CUT:
            order.reverse()
        for name, some in order:
            if some:
                pages += _plan(work, name, some, sheet, title, speak)
    return tuple(pages)


def _plan(work: Work, name: Words, some: Sequence[Task], sheet: Sheet, title: str,
          speak: Callable[[str], str]) -> list[Drawing]:
    left, right = sheet.margin + 4.0, sheet.width - sheet.margin - 4.0
    top, low = sheet.height - sheet.margin - 6.0, sheet.margin + 4.0
    rows: list[tuple[str, list[str]]] = []
    fit = right - left - _INDENT_MM
    for task in some:
        rows.append((task.label or "–", _broken(told(task.words, speak), fit)))
    high = (top - low) * _PICTURE
    pages: list[Drawing] = []
    if any(task.sort is Sort.CUT for task in some):
        care = _broken(told(say("With care: a fresh blade, a metal rule with a guard, the holding hand never "
                                "before the blade; children only with an adult."), speak), fit)
        rows.append(("!", care))
    room = top - 10.0 - high - 6.0 - low
    waiting = rows
    while waiting or not pages:
        first = not pages
        y = top - 10.0 - (high + 6.0 if first else 0.0)
        taken: list[tuple[str, list[str]]] = []
        space = room if first else top - 10.0 - low
        while waiting and sum(len(lines) for _, lines in (*taken, waiting[0])) * _LEAD_MM <= space:
            taken.append(waiting[0])
            waiting = waiting[1:]
        if waiting and not taken:  # a sentence longer than a page: as much of it as there is room for
            taken, waiting = [waiting[0]], waiting[1:]
        heading = told(say("{title}: {plan}, sheet {number} of {count}, {stock}", title=title, plan=name,
                           number=work.page.number, count=work.page.count, stock=work.stock.name), speak)
        texts, strokes = [Text((left, top), _HEADING_MM, heading, bold=True)], []
        if first:
            drawn, words = _picture(work, some, (left, top - 10.0 - high), (right - left, high), speak)
            strokes += drawn
            texts += words
        for label, lines in taken:
            texts.append(Text((left, y), _WORDS_MM, label, bold=True))
            for line in lines:
                texts.append(Text((left + _INDENT_MM, y), _WORDS_MM, line))
                y -= _LEAD_MM
        pages.append(Drawing(sheet.width, sheet.height, tuple(strokes), tuple(texts), heading,
                             correction=sheet.printer.correction))
    return pages


def _broken(words: str, fit: float) -> list[str]:
    """Words in lines no longer than so much, mm."""
    lines = [""]
    for word in words.split():
        longer = f"{lines[-1]} {word}".strip()
        if lines[-1] and width(longer, _WORDS_MM) > fit:
            lines.append(word)
        else:
            lines[-1] = longer
    return lines


def _picture(work: Work, some: Sequence[Task], corner: Point, size: tuple[float, float],
             speak: Callable[[str], str]) -> tuple[list[Stroke], list[Text]]:
    """The sheet, once for each face that lies up."""
    faces = [f for f in Face if any(x.face is f and (x.paths or x.dots) for x in some)]
    strokes: list[Stroke] = []
    texts: list[Text] = []
    wide = size[0] / max(1, len(faces))
    scale = min((wide - 8.0) / work.box.width, (size[1] - 10.0) / work.box.height)
    outlines = [c.path for c in work.lines.cuts]
    for place, face in enumerate(faces):
        back = face is Face.BACK
        x = corner[0] + place * wide + (wide - work.box.width * scale) / 2
        y = corner[1]

        def at(p: Point, x: float = x, y: float = y, back: bool = back) -> Point:
            across = work.box.width - p[0] if back else p[0]
            return x + across * scale, y + p[1] * scale

        box = work.box
        ring = [at(p) for p in ((0.0, 0.0), (box.right, 0.0), (box.right, box.top), (0.0, box.top))]
        strokes.append(Stroke(Ink.DRAW, tuple(Line(a, b) for a, b in zip(ring, (*ring[1:], ring[0]),
                                                                         strict=True))))
        strokes += [Stroke(Ink.GUIDE, _small(path, at)) for path in outlines]
        name = "the back, turned over sideways" if back else "the printed face"
        texts.append(Text((x, y + box.height * scale + 2.0), 3.2, speak(name)))
        labels: list[Point] = []
        for task in (t for t in some if t.face is face):
            strokes += [Stroke(Ink.CUT, _small(path, at)) for path in task.paths]
            for dot in task.dots:
                px, py = at(dot)
                strokes += [Stroke(Ink.CUT, (Line((px - 0.7, py), (px + 0.7, py)),)),
                            Stroke(Ink.CUT, (Line((px, py - 0.7), (px, py + 0.7)),))]
            if task.label and task.paths:
                texts.append(_number(task, at, labels))
    return strokes, texts


def _small(path: Path, at: Callable[[Point], Point]) -> Path:
    """A path as it is drawn, its arcs in chords."""
    found: list[Segment] = []
    for segment in path:
        if isinstance(segment, Line):
            found.append(Line(at(segment.start), at(segment.end)))
            continue
        count = max(2, math.ceil(abs(segment.sweep_deg) / 6.0))
        parts = [at(segment._replace(sweep_deg=segment.sweep_deg * k / count).end if k else segment.start)
                 for k in range(count + 1)]
        found += [Line(a, b) for a, b in pairwise(parts)]
    return tuple(found)


def _number(task: Task, at: Callable[[Point], Point], labels: list[Point]) -> Text:
    """The number of a task beside its line, clear of the others where there is room."""
    (ax, ay), (bx, by) = ((task.rule[0], task.rule[1]) if task.rule is not None
                          else (task.paths[0][0].start, task.paths[0][0].end))
    best: Point | None = None
    for share in (0.5, 0.35, 0.65, 0.2, 0.8, 0.08, 0.92):
        x, y = at((ax + (bx - ax) * share, ay + (by - ay) * share))
        place = x + 0.8, y + 0.8
        if all(math.dist(place, other) > _APART_MM for other in labels):
            best = place
            break
    x, y = at((ax, ay))
    place = best or (x + 0.8, y + 0.8)
    labels.append(place)
    return Text(place, _NUMBER_MM, task.label, bold=True)
