"""Closer layouts: the pieces of a kit nested by their outlines, group by group, better and better."""

from __future__ import annotations

from collections.abc import Generator, Iterator, Sequence
from typing import NamedTuple

from mingei.core.layout.laying import Key, Spot
from mingei.core.layout.nest import Laid, Nest, Part, fewest
from mingei.core.layout.place import (
    NAME_MM,
    Item,
    Load,
    arrange,
    fits,
    groups_of,
    name_width,
    outline,
    room,
    spots_of,
)
from mingei.core.layout.sheets import Sheet
from mingei.core.plane.shape import bounds, turned

#: So many times each group is tried at most, and so many times without gain.
TRIES, _IN_VAIN = 240, 100


class Found(NamedTuple):
    """The best so far: where every piece lies; sheets: how many that takes, before: how many the plain layout
    took; least: no fewer can do, by the pieces' areas; share: of the work done, 0..1."""

    spots: tuple[Spot, ...]
    sheets: int
    before: int
    least: int
    share: float


def closer(loads: Sequence[Load], sheet: Sheet, spots: Sequence[Spot] = (), tries: int = TRIES,
           seed: int = 0) -> Generator[Found]:
    """The layout of all that fits, better and better, until nothing is gained any more; what is locked stays
    where it is.

    The same pieces, tries and seed give the same layouts.
    """
    fitting = [load for load in loads if fits(load.pattern, sheet) is not None]
    locked = {spot.key: spot for spot in spots if spot.locked}
    groups = groups_of(fitting, sheet)
    best = [spots_of(arrange(_loads(group), sheet, tuple(locked.values())).pages) for group in groups]
    before = sum(_sheets(b) for b in best)
    least = [fewest([_part(i, sheet) for i in group], room(sheet).width, room(sheet).height, sheet.laying.gap)
             for group in groups]

    def found(share: float) -> Found:
        return Found(tuple(s for b in best for s in b), sum(_sheets(b) for b in best), before, sum(least),
                     share)

    yield found(0.0)
    for number, group in enumerate(groups):
        gained = 0
        for tried, spread in enumerate(_nested(group, sheet, locked, seed)):
            if _sheets(spread) < _sheets(best[number]):
                best[number], gained = spread, tried
            yield found((number + min(1.0, tried / tries)) / len(groups))
            if _sheets(best[number]) <= least[number] or tried >= tries or tried - gained > _IN_VAIN:
                break
    yield found(1.0)


def _loads(group: Sequence[Item]) -> list[Load]:
    return list(dict.fromkeys(item.load for item in group))


def _sheets(spots: Sequence[Spot]) -> int:
    return len({spot.page for spot in spots})


def _part(item: Item, sheet: Sheet) -> Part:
    """The piece with its name beneath, where there is room for that at all."""
    space, turns, card = room(sheet), sheet.laying.way.turns, outline(item.load.pattern)
    sizes = [bounds(turned(turn).apply_all(card)) for turn in turns]
    named = (sheet.laying.names and any(b.width <= space.width and b.height + NAME_MM <= space.height
                                        for b in sizes))
    return Part((card,), turns, (name_width(item.load.words), NAME_MM) if named else (0.0, 0.0))


def _nested(group: Sequence[Item], sheet: Sheet, locked: dict[Key, Spot],
            seed: int) -> Iterator[tuple[Spot, ...]]:
    """The spots of a group, nested again and again."""
    space = room(sheet)
    parts = [_part(item, sheet) for item in group]
    pages: dict[int, list[Laid]] = {}
    for number, (item, part) in enumerate(zip(group, parts, strict=True)):
        spot = locked.get(item.key)
        if spot is not None:
            laid = Laid(number, spot.turn_deg, spot.x - space.left, spot.y - space.bottom - part.beneath[1])
            pages.setdefault(spot.page, []).append(laid)

    def spot_of(laid: Laid, page: int) -> Spot:
        item, part = group[laid.number], parts[laid.number]
        if item.key in locked:
            return locked[item.key]._replace(page=page)
        return Spot(*item.key, page, round(space.left + laid.x, 4),
                    round(space.bottom + laid.y + part.beneath[1], 4), laid.turn_deg)

    nest = Nest(parts, space.width, space.height, sheet.laying.gap, [pages[p] for p in sorted(pages)])
    for nesting in nest.search(seed):
        yield tuple(spot_of(laid, page) for page, row in enumerate(nesting) for laid in row)
