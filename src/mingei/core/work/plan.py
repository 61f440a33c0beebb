"""The work on a sheet as one value: the score plan and the cutting plan, with what is said of each."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from enum import StrEnum
from functools import cached_property
from typing import NamedTuple

from mingei.core.data.extra import Extra
from mingei.core.errors import MeasureError
from mingei.core.layout.laying import Key
from mingei.core.layout.offcuts import left_over
from mingei.core.layout.place import Page, Pile
from mingei.core.plane.shape import Box, Path, path_bounds
from mingei.core.stock import Stock
from mingei.core.words import Words, say
from mingei.core.work.cutting import Distance, HandCut, by_hand
from mingei.core.work.lines import Curve, Faces, Lines, Score, lines_of
from mingei.core.work.placements import Placement, in_order, is_short, placements
from mingei.core.work.tools import LAY_MIN, PRINT_MIN, SCORE_MM_A_MIN

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
        """About how long cutting takes, minutes."""
        return sum(c.minutes for c in self.cuts)

    @property
    def print_minutes(self) -> float:
        """About how long printing takes, minutes."""
        return PRINT_MIN * self.stock.layers


def work_on(page: Page, working: Working = USUAL) -> Work:
    """The work on one sheet as laid out."""
    lines = lines_of(page, working.faces)
    names = {i.key: i.load.words for i in page.items}
    every = (placements(lines.scores, page.stock.score_passes) if working.when is When.BEFORE or page.tile
             else _by_piece(lines, names, page.stock.score_passes))
    ruled = in_order(p for p in every if not is_short(p))
    short = in_order(p for p in every if is_short(p))
    by_piece: dict[tuple[str, str, int], list[int]] = {}
    for number, cut in enumerate(lines.cuts):
        by_piece.setdefault((cut.of.thing, cut.of.piece, cut.of.copy), []).append(number)
    kept = left_over((page,))
    keep = kept[0].where if kept else None
    sheet = Box(0.0, 0.0, page.sheet.width, page.sheet.height)
    cuts = by_hand(sheet, [[lines.cuts[n] for n in some] for some in by_piece.values()],
                   [str(names.get(key, key[1])) for key in by_piece], page.stock, keep,
                   working.trimmer and page.tile is None)
    return Work(page, working, ruled, short, lines, cuts)


def bench_stages(works: Iterable[Work]) -> dict[str, float]:
    """About how long printing, scoring and cutting of some sheets take, minutes, by a word for each."""
    found = {"print": 0.0, "score": 0.0, "cut": 0.0}
    for work in works:
        for word, minutes in zip(found, (work.print_minutes, work.score_minutes, work.cut_minutes),
                                 strict=True):
            found[word] += minutes
    return found


def bench_minutes(piles: Iterable[Pile], working: Working = USUAL) -> float:
    """About how long printing, scoring and cutting of all piles take, minutes."""
    return sum(times * sum(bench_stages((work_on(page, working),)).values()) for page, times in piles)


def pressure(stock: Stock) -> Words:
    """How hard a stock is scored, in words."""
    if stock.score_passes <= 1 and stock.grammage_gsm <= _GENTLE_GSM:
        return say("gently, once")
    if stock.score_passes <= 1:
        return say("evenly, once")
    if stock.grammage_gsm >= _FIRM_GSM:
        return say("{count} light passes rather than one hard one", count=stock.score_passes)
    return say("{count} passes", count=stock.score_passes)


def _by_piece(lines: Lines, names: Mapping[Key, str], passes: int) -> tuple[Placement, ...]:
    """The placements of pieces that are cut out before they are scored: of each by itself."""
    scores: dict[Key, list[Score]] = {}
    for score in lines.scores:
        scores.setdefault((score.of.thing, score.of.piece, score.of.copy), []).append(score)
    cuts: dict[Key, list[Path]] = {}
    for cut in lines.cuts:
        cuts.setdefault((cut.of.thing, cut.of.piece, cut.of.copy), []).append(cut.path)
    return tuple(p._replace(hand=path_bounds(cuts[key]), of=names.get(key, key[1]))
                 for key, some in scores.items() for p in placements(some, passes))


def distances(placement: Placement, sheet: Box) -> tuple[Distance, ...]:
    """How a placement is laid: one distance where it runs along an edge, both ends where it is slanted. Edges
    are those of what is in hand, the sheet or the piece, with its printed face up; turned over sideways left
    and right change places, and the same edge stays the datum."""
    hand = placement.hand or sheet
    (ax, ay), (bx, by) = ((x - hand.left, y - hand.bottom) for x, y in (placement.start, placement.end))
    if placement.upright and abs(ax - bx) < 0.05:
        return (Distance("left", (ax + bx) / 2),)
    if placement.level and abs(ay - by) < 0.05:
        return (Distance("lower", (ay + by) / 2),)
    return Distance("left", ax), Distance("lower", ay), Distance("left", bx), Distance("lower", by)
