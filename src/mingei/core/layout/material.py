"""What a layout takes: sheets, money and waste of every stock."""

from __future__ import annotations

from collections.abc import Iterable
from typing import NamedTuple

from mingei.core.layout.place import Pile
from mingei.core.stock import Stock


class Material(NamedTuple):
    """sheets: how many of a stock, of what is built up those of all its layers; money: for them, in the
    person's own, 0 where a price is not known; card_mm2: what is left of them as pieces; waste: the share
    (0..1) of the sheets that is not."""

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
    return tuple(Material(stock, sheets[key] * stock.layers, sheets[key] * stock.price, card[key],
                          1.0 - card[key] / whole[key])
                 for key, stock in stocks.items())

