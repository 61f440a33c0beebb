"""The work on a sheet as one value: the score plan and the cutting plan, with what is said of each."""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum
from functools import cached_property
from typing import NamedTuple

from mingei.core.data.extra import Extra
from mingei.core.errors import MeasureError
from mingei.core.layout.offcuts import left_over
from mingei.core.layout.place import Page
from mingei.core.plane.shape import Box
from mingei.core.stock import Stock
from mingei.core.words import Words, say
from mingei.core.work.cutting import HandCut, by_hand
from mingei.core.work.lines import Curve, Faces, Lines, lines_of
from mingei.core.work.placements import Placement, in_order, is_short, placements

#: Minutes to lay the rule once, and what is scored in a minute, mm (from experience, no published source).
LAY_MIN, SCORE_MM_A_MIN = 0.15, 2500.0
#: Paper up to so many g/m2 is scored gently, and card from so many firmly (from experience).
_GENTLE_GSM, _FIRM_GSM = 130.0, 260.0


class When(StrEnum):
    """The schools of when: scored while the sheet is whole, or on pieces that were cut."""

    BEFORE = "before"
    AFTER = "after"


class Fence(StrEnum):
    """The edge of a score board that the sheet lies against."""

    LEFT = "left"
    TOP = "top"


class Working(NamedTuple):
    """How a person works: from which face scores are made; before or after cutting; with a score board whose
    grooves lie so far apart (mm, 0: with a rule), its fence; marks: only the ends of each placement are
    pricked; template: from a paper template on the card; trimmer: there is one; machine: the device that does
    it instead, by its id, "" by hand."""

    faces: Faces = Faces.OWN
    when: When = When.BEFORE
    groove_mm: float = 0.0
    fence: Fence = Fence.LEFT
    marks: bool = False
    template: bool = False
    trimmer: bool = True
    machine: str = ""
    extra: Extra = ()


USUAL = Working()
#: The grooves boards are made with, mm: an eighth of an inch, a centimetre.
GROOVES_MM = (3.175, 10.0)
_LEAST_GROOVE_MM, _MOST_GROOVE_MM = 1.0, 50.0


def check_working(working: Working) -> None:
    """Raises MeasureError for grooves no board has."""
    if working.groove_mm and not _LEAST_GROOVE_MM <= working.groove_mm <= _MOST_GROOVE_MM:
        raise MeasureError(say("grooves {mm:g} mm apart are on no board", mm=working.groove_mm),
                           "score board",
                           say("write 0 for a rule, or {least:g} to {most:g} mm", least=_LEAST_GROOVE_MM,
                               most=_MOST_GROOVE_MM))


@dataclass(frozen=True, eq=False)
class Work:
    """What is to be done on one sheet.

    placements: of the rule, in their order; short: scores too short for one; lines: all there is to
    score and cut; cuts: by hand, in their order; box: the sheet, mm.
    """

    page: Page
    working: Working
    placements: tuple[Placement, ...]
    short: tuple[Placement, ...]
    lines: Lines
    cuts: tuple[HandCut, ...]

    @property
    def curves(self) -> tuple[Curve, ...]:
        return self.lines.curves

    @property
    def stock(self) -> Stock:
        return self.page.stock

    @property
    def box(self) -> Box:
        return Box(0.0, 0.0, self.page.sheet.width, self.page.sheet.height)

    @cached_property
    def score_minutes(self) -> float:
        """About how long scoring takes, minutes."""
        lengths = sum(p.scored_mm * p.passes for p in (*self.placements, *self.short))
        lengths += sum(sum(s.length for s in c.path) * self.stock.score_passes for c in self.curves)
        lays = len(self.placements) + 0.5 * len(self.short) + len(self.curves)
        return lays * LAY_MIN + lengths / SCORE_MM_A_MIN

    @cached_property
    def cut_minutes(self) -> float:
        return sum(c.minutes for c in self.cuts)


def work_on(page: Page, working: Working = USUAL) -> Work:
    """The work on one sheet as laid out."""
    lines = lines_of(page, working.faces)
    every = placements(lines.scores, page.stock.score_passes)
    ruled = in_order(p for p in every if not is_short(p))
    short = in_order(p for p in every if is_short(p))
    by_piece: dict[tuple[str, str, int], list[int]] = {}
    for number, cut in enumerate(lines.cuts):
        by_piece.setdefault((cut.of.thing, cut.of.piece, cut.of.copy), []).append(number)
    names = {i.key: i.load.words for i in page.items}
    kept = left_over((page,))
    keep = kept[0].where if kept else None
    sheet = Box(0.0, 0.0, page.sheet.width, page.sheet.height)
    cuts = by_hand(sheet, [[lines.cuts[n] for n in some] for some in by_piece.values()],
                   [str(names.get(key, key[1])) for key in by_piece], page.stock.caliper_mm, keep,
                   working.trimmer and page.tile is None)
    return Work(page, working, ruled, short, lines, cuts)


def pressure(stock: Stock) -> Words:
    """How hard a stock is scored, in words."""
    if stock.score_passes <= 1 and stock.grammage_gsm <= _GENTLE_GSM:
        return say("gently, once")
    if stock.score_passes <= 1:
        return say("evenly, once")
    if stock.grammage_gsm >= _FIRM_GSM:
        return say("{count} light passes rather than one hard one", count=stock.score_passes)
    return say("{count} passes", count=stock.score_passes)


class Distance(NamedTuple):
    """How far an end of the rule's line lies from the datum edge it is measured from, mm."""

    edge: str
    at_mm: float


def distances(placement: Placement, sheet: Box) -> tuple[Distance, ...]:
    """How a placement is laid: one distance where it runs along an edge, both ends where it is slanted. Edges
    are those of the sheet with its printed face up; turned over sideways left and right change places, and
    the same edge stays the datum."""
    (ax, ay), (bx, by) = placement.start, placement.end
    if placement.upright and abs(ax - bx) < 0.05:
        return (Distance("left", (ax + bx) / 2),)
    if placement.level and abs(ay - by) < 0.05:
        return (Distance("lower", (ay + by) / 2),)
    del sheet
    return Distance("left", ax), Distance("lower", ay), Distance("left", bx), Distance("lower", by)
