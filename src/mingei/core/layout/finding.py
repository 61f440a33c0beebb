"""Pages looked for: of one stock, of one thing, or with something to mend."""

from __future__ import annotations

from collections.abc import Iterable
from typing import NamedTuple

from mingei.core.layout.place import Page


class Sought(NamedTuple):
    """by: "all", "stock", "thing" or "trouble"; key: the id of the stock or thing."""

    by: str
    key: str


ALL = Sought("all", "")


def found(pages: Iterable[Page], sought: Sought) -> tuple[Page, ...]:
    """The pages of what is looked for, in their order."""
    if sought.by == "stock":
        return tuple(p for p in pages if p.stock.id == sought.key)
    if sought.by == "thing":
        return tuple(p for p in pages if any(i.load.owner == sought.key for i in p.items))
    if sought.by == "trouble":
        return tuple(p for p in pages if in_trouble(p))
    return tuple(pages)


def in_trouble(page: Page) -> bool:
    """Whether pieces lie on each other there."""
    return bool(page.struck)
