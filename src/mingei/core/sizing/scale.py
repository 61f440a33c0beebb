"""Scaling: the same thing drafted anew at another size.

What grows: the measures of the thing itself.  What stays: the stock and all that follows from its thickness,
tabs, slots, play, and holes for bought parts; a copier would enlarge those too, and ``mismatches`` says by
how much that would be wrong.
"""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import replace
from enum import StrEnum
from typing import NamedTuple

from mingei.core.amendments.opening import LEAST_HOLE_MM
from mingei.core.document.build import Build, build
from mingei.core.document.project import LEAST_FACTOR, MOST_FACTOR, Brief
from mingei.core.draft import Role
from mingei.core.errors import MeasureError, MingeiError
from mingei.core.kinds import kind_of
from mingei.core.layout.place import fits
from mingei.core.layout.sheets import Sheet
from mingei.core.length import MM_PER_INCH, write_both
from mingei.core.plane.shape import bounds
from mingei.core.recipes import Kind, Value, find_recipe
from mingei.core.stock import Stock
from mingei.core.words import counted, say

#: Narrower than this (mm) a strip cannot be cut and folded cleanly, and a tab holds nothing (common
#: practice).
LEAST_STRIP_MM, LEAST_TAB_MM = 2.0, 3.0
#: Sizes people like to measure, mm.
FRIENDLY = {"mm": 0.5, "in": MM_PER_INCH / 16}
#: Names for the size over all, besides the recipe's own measures.
OUTSIDE = ("outside-length", "outside-width", "outside-height")


class Fate(StrEnum):
    """What became of a measure."""

    SCALED = "scaled"
    STAYED = "stayed"
    FOLLOWED = "followed"


class Row(NamedTuple):
    """One line of the table: its name in words, mm before and after, what became of it, and a word when it is
    now too small."""

    name: str
    before: float
    after: float
    fate: Fate
    small: str = ""


class Mismatch(NamedTuple):
    """How much (mm, positive: too large) a panel would be wrong, one way of it, if the drawing were enlarged
    instead."""

    piece: str
    panel: str
    wrong_mm: float


def ratio(new: float, old: float) -> float:
    """The factor from one size to another of the same: an object of 60 mm and one of 80 mm, or what 1 stands
    for in two model scales, the old one first there (from 1:12 to 1:6 everything doubles).  Raises
    MeasureError for a size of nothing.
    """
    if not (new > 0 and old > 0):
        raise MeasureError("a ratio needs two numbers above 0", "ratio", "write one such as 80:60")
    return new / old


def scaled(brief: Brief, factor: float, step: float = 0.0) -> Brief:
    """The brief drafted anew, larger by a factor; lengths rounded to ``step`` mm (0: not at all).

    Raises MeasureError when the recipe cannot build it at that size, or the factor is none.
    """
    if not (math.isfinite(factor) and LEAST_FACTOR <= factor <= MOST_FACTOR):
        raise MeasureError(say("{factor:g} is not a size to scale by", factor=factor), "scale",
                           say("use {least:g} to {most:g}", least=LEAST_FACTOR, most=MOST_FACTOR))
    recipe = find_recipe(brief.recipe)

    def grown(name: str, value: Value) -> Value:
        measure = recipe.measure(name)
        if measure.kind is not Kind.LENGTH or measure.stays or not isinstance(value, float):
            return value
        exact = value * factor
        return exact if step <= 0 else max(step, round(exact / step) * step)

    accepted = recipe.accept({name: grown(name, value) for name, value in brief.measures})
    return replace(brief, measures=tuple(accepted.items()),
                   amendments=tuple(kind_of(a).grown(a, factor) for a in brief.amendments),
                   arts=tuple(a.grown(factor) for a in brief.arts)).sound()


def to_measure(brief: Brief, stock: Stock, name: str, mm: float) -> float:
    """The factor at which a measure, or a size over all (``outside-length`` and so on), becomes ``mm``.

    Raises MeasureError when there is no such length, or it never comes to that.
    """
    if not mm > 0:
        raise MeasureError("a size must be above 0", name, "write one such as 120 mm")
    if name in OUTSIDE:
        axis = OUTSIDE.index(name)
        return _solve(lambda factor: build(scaled(brief, factor), stock).outside[axis] - mm,
                      mm / build(brief, stock).outside[axis], name)
    measure = find_recipe(brief.recipe).measure(name)
    value = brief.values[name]
    if measure.kind is not Kind.LENGTH or measure.stays or not isinstance(value, float):
        raise MeasureError("this does not grow with the thing", name, "name one of its own lengths")
    return mm / value


def _solve(over: Callable[[float], float], start: float, name: str) -> float:
    """Where a nearly straight function of the factor is 0, by secants."""
    a, b = start, start * 0.99
    fa, fb = over(a), over(b)
    for _ in range(30):
        if abs(fa) < 1e-7:
            return a
        if fa == fb:
            break
        a, b, fa, fb = a - fa * (a - b) / (fa - fb), a, over(a - fa * (a - b) / (fa - fb)), fa
    raise MeasureError("it never comes to that size", name, "scale by another measure")


def to_sheet(brief: Brief, stock: Stock, sheet: Sheet) -> float:
    """The largest factor at which every piece still fits the sheet, to a thousandth.

    Raises MeasureError when no size that the recipe can build fits.
    """
    def does(factor: float) -> bool | None:
        """Whether it fits; None where it cannot be built."""
        try:
            return all(fits(p, sheet) is not None for p in build(scaled(brief, factor), stock).patterns)
        except MingeiError:
            return None

    low, high = _buildable(does)
    if low is None:
        raise MeasureError(say("no size of it fits {sheet}", sheet=sheet.name), "sheet",
                           "choose a larger sheet or another construction")
    while high - low > 1e-4:
        middle = (low + high) / 2
        low, high = (middle, high) if does(middle) else (low, middle)
    return math.floor(low * 1000) / 1000 if does(math.floor(low * 1000) / 1000) else low


def _buildable(does: Callable[[float], bool | None]) -> tuple[float | None, float]:
    """A factor that fits and one beyond it that does not, looked for from large to small by tenths."""
    above, factor = MOST_FACTOR, MOST_FACTOR
    while factor > LEAST_FACTOR:
        if does(factor):
            return factor, above
        above, factor = factor, factor / 1.1
    return None, above


def table(before: Build, after: Build) -> tuple[Row, ...]:
    """What scaled, what stayed and what followed, each with its mm before and after."""
    rows = []
    for measure in before.recipe.measures:
        old, new = (b.brief.made[measure.name] for b in (before, after))
        if measure.kind is Kind.LENGTH and isinstance(old, float) and isinstance(new, float):
            rows.append(Row(measure.title, old, new, Fate.STAYED if measure.stays else Fate.SCALED,
                            _small_strip(new, measure.stays)))
    rows.append(Row("Thickness of the stock", before.stock.caliper_mm, after.stock.caliper_mm, Fate.STAYED))
    grown = {p.name: p for p in after.patterns}  # another size may be made of more pieces, or of fewer
    for old_piece, new_piece in ((p, grown[p.name]) for p in before.patterns if p.name in grown):
        several = len(before.patterns) > 1
        for word, a, b in (("blank across", old_piece.box.width, new_piece.box.width),
                           ("blank up", old_piece.box.height, new_piece.box.height)):
            rows.append(Row(say("{piece}, {what}", piece=old_piece.name, what=word) if several
                            else word.capitalize(), a, b, Fate.FOLLOWED))
        before_depth, rows_said = {s.name: s.depth_mm for s in old_piece.seams}, set[str]()
        for e in new_piece.seams:
            s = e if e.name not in before_depth else e._replace(depth_mm=before_depth[e.name])
            if e.row in rows_said:  # teeth of a row are alike
                continue
            rows_said |= {e.row} - {""}
            if abs(s.depth_mm - e.depth_mm) > 1e-6 or e.depth_mm < LEAST_TAB_MM:
                small = "too small to glue" if e.depth_mm < LEAST_TAB_MM else ""
                rows.append(Row(say("{seam}, depth", seam=e.row or e.name), s.depth_mm, e.depth_mm,
                                Fate.FOLLOWED, small))
    for hole, larger in zip(before.brief.openings, after.brief.openings, strict=True):
        small = "too small to cut" if min(larger.size) < LEAST_HOLE_MM else ""
        rows.append(Row(say("{opening}, across", opening=hole.name), hole.size[0], larger.size[0],
                        Fate.STAYED if hole.stays else Fate.SCALED, small))
    for word, a, b in zip(("length", "width", "height"), before.outside, after.outside, strict=True):
        rows.append(Row(say("Outside {what}", what=word), a, b, Fate.FOLLOWED))
    return tuple(rows)


def _small_strip(mm: float, stays: bool) -> str:
    return "" if stays or mm >= LEAST_STRIP_MM else "too narrow to cut"


def mismatches(before: Build, after: Build, factor: float) -> tuple[Mismatch, ...]:
    """What enlarging the drawing would get wrong against drafting anew: the worst way of each panel, the
    worst panel first."""
    found = []
    grown = {p.name: p for p in after.patterns}
    for old, new in ((p, grown[p.name]) for p in before.patterns if p.name in grown):
        for a in old.panels:
            b = new.by_name.get(a.name)
            if b is None or a.whole:  # a curved face may have more facets at another size
                continue
            was, now = bounds(a.polygon), bounds(b.polygon)
            wrong = max((was.width * factor - now.width, was.height * factor - now.height), key=abs)
            if abs(wrong) > 0.005 and a.role not in (Role.TAB, Role.LIP):
                found.append(Mismatch(old.name, a.name, wrong))
    return tuple(sorted(found, key=lambda m: -abs(m.wrong_mm)))


def consequence(before: Build, after: Build, factor: float) -> str:
    """In words, what enlarging the drawing would do; "" when it would do no harm."""
    wrong = mismatches(before, after, factor)
    if not wrong:
        return ""
    worst = wrong[0]
    size = write_both(abs(worst.wrong_mm))
    way = "too large" if worst.wrong_mm > 0 else "too small"
    return counted(
        "Enlarging the drawing would leave {count} panel wrong, the {panel} by {size} {way}: creases and "
        "tabs would be made for "
        "card {caliper} thick, and the card is {really}",
        "Enlarging the drawing would leave {count} panels wrong, the {panel} by {size} {way}: creases and "
        "tabs would be made for "
        "card {caliper} thick, and the card is {really}",
        len(wrong),
        panel=worst.panel,
        size=size,
        way=way,
        caliper=write_both(before.stock.caliper_mm * factor),
        really=write_both(before.stock.caliper_mm),
    )
