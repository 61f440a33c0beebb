"""What a layout takes: sheets, money and waste of every stock."""

from __future__ import annotations

from collections.abc import Iterable
from typing import NamedTuple

from mingei.core.layout.place import Pile
from mingei.core.plane.shape import path_length
from mingei.core.stock import Stock

#: Minutes to print a sheet fed by hand; mm of knife cut and of score line a minute in card up to a caliper,
#: mm (from experience, no published source).
_PRINT_MIN, _CUT_MM_A_MIN, _SCORE_MM_A_MIN, _THIN_MM = 0.5, 450.0, 900.0, 0.5


class Material(NamedTuple):
    """sheets: how many of a stock; money: for them, in the person's own, 0 where a price is not known;
    card_mm2: what is left of them as pieces; waste: the share (0..1) of the sheets that is not."""

    stock: Stock
    sheets: int
    money: float
    card_mm2: float
    waste: float


def material(piles: Iterable[Pile]) -> tuple[Material, ...]:
    """By stock, in the order of the sheets.  A piece tiled over several sheets is counted once."""
    stocks: dict[str, Stock] = {}
    sheets: dict[str, int] = {}
    card: dict[str, float] = {}
    whole: dict[str, float] = {}
    for page, times in piles:
        key = page.stock.id
        stocks.setdefault(key, page.stock)
        sheets[key] = sheets.get(key, 0) + times
        whole[key] = whole.get(key, 0.0) + times * page.sheet.width * page.sheet.height
        share = times if page.tile is None else times / len(page.tile.used)
        card[key] = card.get(key, 0.0) + share * sum(i.load.pattern.area for i in page.items)
    return tuple(Material(stock, sheets[key], sheets[key] * stock.price, card[key],
                          1.0 - card[key] / whole[key])
                 for key, stock in stocks.items())


def minutes(piles: Iterable[Pile]) -> int:
    """About how long printing, scoring and cutting take with care, minutes."""
    total = 0.0
    for page, times in piles:
        passes = page.stock.score_passes
        total += times * _PRINT_MIN
        share = times if page.tile is None else times / len(page.tile.used)
        for item in page.items:
            pattern = item.load.pattern
            cuts = sum(path_length(cut) for cut in pattern.cuts)
            folds = sum(f.length for f in pattern.folds if not f.bend)
            total += share * (cuts * (1.0 if pattern.stock.caliper_mm < _THIN_MM else pattern.stock.caliper_mm
                                      / _THIN_MM) / _CUT_MM_A_MIN
                              + folds * passes / _SCORE_MM_A_MIN)
    return max(1, round(total)) if total else 0
