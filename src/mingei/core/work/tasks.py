"""The work on a sheet as a row of tasks, in the order of the hand: each with its sentence and what of the
drawing it is.

The station, the printed plans and a reader of the screen say the same, since they read this.
"""

from __future__ import annotations

from enum import StrEnum
from typing import NamedTuple

from mingei.core.length import write_both, write_mm
from mingei.core.plane.shape import Box, Line, Path, Point
from mingei.core.words import Words, joined, say
from mingei.core.work.board import Push, on_board
from mingei.core.work.lines import Face
from mingei.core.work.marks import marks_of
from mingei.core.work.placements import Placement
from mingei.core.work.plan import When, Work, pressure
from mingei.core.work.tools import PASS_MM, Tool
from mingei.core.work.words import (
    FACES,
    cut_words,
    placement_words,
    short_cut,
    short_where,
    strokes_words,
)


class Sort(StrEnum):
    """What kind of task it is."""

    SCORE = "score"
    CURVE = "curve"
    CUT = "cut"
    TURN = "turn"
    PUSH = "push"
    MARK = "mark"


class Task(NamedTuple):
    """One thing to do.

    sort; label: its short name, as beside its line; words: what to do; short: the same in few words, for a
    list; face: that lies up; paths: what is made; rule: the line the rule lies along, where there is one;
    dots: pricks; number: its placement's, 0 for none; hand: the part of the sheet that is in hand, mm, None
    for all of it.
    """

    sort: Sort
    label: str
    words: Words
    short: Words
    face: Face
    paths: tuple[Path, ...] = ()
    rule: tuple[Point, Point] | None = None
    dots: tuple[Point, ...] = ()
    number: int = 0
    hand: Box | None = None


def tasks(work: Work) -> tuple[Task, ...]:
    """All there is to do on a sheet, in the order of work."""
    scores, cuts = _scores(work), _cuts(work)
    first, then = (scores, cuts) if work.working.when is When.BEFORE else (cuts, scores)
    return (*_template(work), *first, *then)


def strokes_of(placement: Placement) -> tuple[Path, ...]:
    """What is scored along a placement, as lines on the sheet."""
    (ax, ay), (bx, by) = placement.start, placement.end
    long = placement.length or 1.0
    ux, uy = (bx - ax) / long, (by - ay) / long
    return tuple((Line((ax + ux * a, ay + uy * a), (ax + ux * b, ay + uy * b)),)
                 for a, b in placement.strokes)


def _template(work: Work) -> list[Task]:
    """The school that scores and cuts through a paper template."""
    if not work.working.template:
        return []
    names = list(dict.fromkeys(i.load.words for i in work.page.items))
    return [Task(Sort.MARK, "",
                 say("Lay the printed paper with {names} on {stock}, weigh it down so that it cannot move, "
                     "and score through it. Take it off only when all is scored, and cut along what was "
                     "pricked.",
                     names=joined(names, ", "), stock=work.stock.name),
                 say("Template on the card"), Face.PRINTED)]


def _scores(work: Work) -> list[Task]:
    found: list[Task] = []
    pushes = on_board(work, work.working.groove_mm) if work.working.groove_mm else ()
    for face in Face:
        mine = [p for p in work.placements if p.face is face]
        short = [p for p in work.short if p.face is face]
        curves = [c for c in work.curves if c.face is face]
        if not mine and not short and not curves:
            continue
        if face is Face.BACK:
            cut_out = any(p.hand is not None for p in (*mine, *short))
            found.append(Task(Sort.TURN, "", say(
                "Turn each piece over sideways, so that its back lies up: the edge that was left is now "
                "right, and is measured from.") if cut_out else say(
                "Turn the sheet over sideways, so that its back lies up: the edge that was left is now "
                "right, and is measured from."),
                say("Turn the pieces over") if cut_out else say("Turn the sheet over"), face))
        if work.working.marks and mine:
            dots = {p.number for p in mine}
            marks = [m for m in marks_of(work) if m.number in dots]
            spare = sum(m.on_waste for m in marks)
            found.append(Task(Sort.MARK, "", say("Prick both ends of each placement, {count} pricks, {spare} "
                                                 "of them on the waste; score between two of a number.",
                                                 count=len(marks), spare=spare), say("Prick the ends"), face,
                              dots=tuple(m.at for m in marks)))
        grooved: dict[int, tuple[Push, int]] = {}
        for push in (p for p in pushes if p.face is face):
            found.append(_push_task(push))
            grooved.update({number: (push, groove) for number, groove in push.grooves})
            found += [_score_task(work, p, grooved.get(p.number)) for p in mine
                      if p.hand == push.hand and (p.upright if push.edge == "left" else p.level)]
        done = {t.number for t in found}
        found += [_score_task(work, p, None) for p in mine if p.number not in done]
        for p in short:
            found.append(Task(Sort.SCORE, "", say("Short score, {face}, {length}: the point of a blunt tool "
                                                  "along a small square; a rule is too long for it.",
                                                  face=say(FACES[face]), length=write_both(p.scored_mm)),
                              say("short, {mm}", mm=write_mm(p.scored_mm, 1)), face, strokes_of(p)))
        for c in curves:
            found.append(Task(Sort.CURVE, "", say("Curved score, {face}: a small ball tool, freely along the "
                                                  "line or round a template.", face=say(FACES[face])),
                              say("curved"), face, (c.path,)))
    for number, task in enumerate(found):
        if task.sort is Sort.SCORE:  # how hard is said once, where it begins
            words = say("{first}. Pressure: {pressure}", first=task.words, pressure=pressure(work.stock))
            found[number] = task._replace(words=words)
            break
    return found


def _push_task(push: Push) -> Task:
    edge = {"left": "left edge", "lower": "lower edge", "upper": "upper edge"}[push.edge]
    count, all_ = len(push.grooves), len(push.grooves) + len(push.rest)
    if push.spacer_mm > 0:
        words = say("Score board: the {edge} to the fence with a spacer of {mm} between: {count} of {all} "
                    "lines fall on grooves", edge=say(edge), mm=write_both(push.spacer_mm), count=count,
                    all=all_)
    else:
        words = say("Score board: the {edge} against the fence: {count} of {all} lines fall on grooves",
                    edge=say(edge), count=count, all=all_)
    if push.of:
        words = say("The {piece}. {words}", piece=push.of, words=words)
    return Task(Sort.PUSH, "", words, say("board, {edge}, spacer {mm}", edge=say(edge),
                                          mm=write_mm(push.spacer_mm, 1)), push.face,
                hand=push.hand)


def _score_task(work: Work, p: Placement, grooved: tuple[Push, int] | None) -> Task:
    words = placement_words(work, p)
    if grooved is not None:
        words = say("Groove {groove}: placement {number} of {count}, {face}, {strokes}", groove=grooved[1],
                    number=p.number, count=len(work.placements), face=say(FACES[p.face]),
                    strokes=strokes_words(p, work.box))
    short = short_where(p, work.box)
    if grooved is not None:
        short = say("groove {groove}", groove=grooved[1])
    return Task(Sort.SCORE, str(p.number), words, short, p.face, strokes_of(p), (p.start, p.end),
                number=p.number, hand=p.hand)


def _cuts(work: Work) -> list[Task]:
    found = [Task(Sort.CUT, f"{c.number}", cut_words(c), short_cut(c), Face.PRINTED, (c.path,),
                  None if c.hand is None else (c.path[0].start, c.path[0].end), hand=c.hand)
             for c in work.cuts]
    crossed = crossings(work)
    if found and crossed:
        words = found[0].words
        found[0] = found[0]._replace(words=say(
            "{first}. Take care where folds cross, at {count} points: a cut through a score parts there",
            first=words, count=len(crossed)))
    alike = _alike(work)
    if alike:
        at = next((n for n, c in enumerate(work.cuts) if c.tool is not Tool.TRIMMER), len(found))
        found.insert(at, Task(Sort.MARK, "", say("The stock is thin, and {names} lies here more than once: "
                                                 "trim them "
                                                 "apart, lay two on each other, and cut both at once.",
                                                 names=alike), say("Two alike at once"), Face.PRINTED))
    return found


def _alike(work: Work) -> str:
    """The name of a piece that lies on the sheet more than once, where the stock is so thin that a blade goes
    through two of it; "" for none."""
    if 2 * work.stock.caliper_mm > PASS_MM or work.page.tile is not None:
        return ""
    counts: dict[str, int] = {}
    for item in work.page.items:
        counts[item.load.words] = counts.get(item.load.words, 0) + 1
    return next((name for name, count in counts.items() if count > 1), "")


def crossings(work: Work) -> tuple[Point, ...]:
    """Where two placements' strokes cross each other inside both: a cut through one parts the other."""
    found: list[Point] = []
    strokes = [s for p in work.placements for path in strokes_of(p) for s in path]
    for i, a in enumerate(strokes):
        for b in strokes[i + 1:]:
            at = _cross(a.start, a.end, b.start, b.end)
            if at is not None:
                found.append(at)
    return tuple(found)


def _cross(a: Point, b: Point, c: Point, d: Point) -> Point | None:
    ux, uy, vx, vy = b[0] - a[0], b[1] - a[1], d[0] - c[0], d[1] - c[1]
    cross = ux * vy - uy * vx
    if abs(cross) < 1e-9:
        return None
    s = ((c[0] - a[0]) * vy - (c[1] - a[1]) * vx) / cross
    t = ((c[0] - a[0]) * uy - (c[1] - a[1]) * ux) / cross
    if 0.01 < s < 0.99 and 0.01 < t < 0.99:
        return a[0] + ux * s, a[1] + uy * s
    return None
